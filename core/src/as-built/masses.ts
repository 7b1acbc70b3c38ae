import { evaluate } from '../evaluation/index.js';
import { axleCount, type Part, sumMass } from '../mass/index.js';
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

const BY_SCALE = 'by-scale.';

/** What the scale found more or less of a group, where the group balances. */
const correction = (trailer: Trailer, group: OwnGroup, byKg: number): Item => {
  const centre = sumMass(partsOfGroup(trailer, group)).centre ?? { xM: 0, yM: 0, zM: 0 };
  return {
    id: `${BY_SCALE}${group}`,
    name: '',
    kind: 'fixed',
    massKg: { value: byKg, basis: 'weighed', tolerance: 0 },
    emptyMassKg: 0,
    wheels: null,
    sizeM: { lengthM: 0, widthM: 0, heightM: 0 },
    attach: {
      on: 'rail',
      from: 'front',
      hostId: null,
      offsetM: { value: centre.xM, basis: 'weighed', tolerance: 0 },
      rightM: centre.yM,
      aboveM: centre.zM,
    },
  };
};

const withGroup = (trailer: Trailer, group: OwnGroup, massKg: number): Trailer => {
  const byKg = massKg - sumMass(partsOfGroup(trailer, group)).massKg;
  if (group === 'running-gear') {
    // It stands on its own wheels: axles take what is more or less.
    const count = axleCount(trailer);
    if (count === 0) return trailer;
    const { runningGear } = trailer;
    const axle = { ...runningGear.axle, massKg: runningGear.axle.massKg + byKg / count };
    return { ...trailer, runningGear: { ...runningGear, axle } };
  }
  return { ...trailer, items: [...trailer.items, correction(trailer, group, byKg)] };
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
  let next: Trailer = {
    ...trailer,
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
  for (const group of OWN_GROUPS) {
    const found = masses.get(group);
    // Each by the trailer as designed: one group's correction is no part of another.
    if (found && partsOfGroup(trailer, group).length > 0) next = withGroup(next, group, found.kg);
  }
  return next;
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
