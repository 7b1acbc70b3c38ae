import { evaluate } from '../evaluation/index.js';
import { type Part, sumMass } from '../mass/index.js';
import { type Item, type ProjectRecord, standingEntries, type Trailer } from '../project/index.js';

/** Groups of the trailer's own parts whose masses are off together. */
export const OWN_GROUPS = ['frame', 'deck', 'sides', 'body', 'running-gear', 'coupling'] as const;
export type OwnGroup = (typeof OWN_GROUPS)[number];
export const isOwnGroup = (id: string): id is OwnGroup => (OWN_GROUPS as readonly string[]).includes(id);

/** The trailer's own parts of a group. */
export const partsOfGroup = (trailer: Trailer, group: OwnGroup): readonly Part[] => {
  const items = new Set(trailer.items.map(({ id }) => id));
  return evaluate(trailer).bare.filter((part) => part.group === group && !items.has(part.id));
};

/** Masses found, kg: of an item (of a tank its contents when full) or of a group of the trailer's own parts; and how far behind its place an item stands. */
export type Masses = ReadonlyMap<
  string,
  { readonly kg: number; readonly tolerance: number; readonly behindM?: number }
>;

const placed = ({ attach }: Item, behindM: number): Item['attach'] => ({
  ...attach,
  offsetM: { ...attach.offsetM, value: attach.offsetM.value + behindM },
});

/** The trailer with masses in place of those that it was designed with. */
export const withMasses = (trailer: Trailer, masses: Masses): Trailer => {
  const factors = OWN_GROUPS.flatMap((group) => {
    const found = masses.get(group);
    const { massKg } = sumMass(partsOfGroup(trailer, group));
    return found && massKg > 0 ? [[group, ((trailer.massFactors?.[group] ?? 1) * found.kg) / massKg] as const] : [];
  });
  return {
    ...trailer,
    massFactors: { ...trailer.massFactors, ...Object.fromEntries(factors) },
    items: trailer.items.map((item) => {
      const found = masses.get(item.id);
      return found
        ? {
            ...item,
            massKg: { value: found.kg, basis: 'weighed' as const, tolerance: found.tolerance },
            attach: placed(item, found.behindM ?? 0),
          }
        : item;
    }),
  };
};

/** Whose mass the scale was believed, the last of each: "take the scale's word". */
export const takenMasses = (
  record: ProjectRecord,
): ReadonlyMap<string, { readonly kg: number; readonly date: string }> => {
  const found = new Map<string, { kg: number; date: string }>();
  for (const entry of standingEntries(record)) {
    if (entry.kind !== 'as-built' || entry.field !== 'massKg') continue;
    if (entry.value === null) found.delete(entry.subject);
    else found.set(entry.subject, { kg: entry.value, date: entry.date });
  }
  return found;
};
