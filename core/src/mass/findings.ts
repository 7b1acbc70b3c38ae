import { concluding, finding, type FindingOf, plus, quantity, workedOut, type Expression } from '../findings/index.js';
import type { Trailer } from '../project/index.js';

import { type Part } from './part.js';
import { buildChassis, rackUnder } from '../chassis/index.js';
import { sumByGroup, sumMass } from './sum.js';
import { RULES } from './rules.js';

export interface MassFindingData {
  'item-without-weight': { readonly itemId: string; readonly name: string };
  /** it is to stand on a rack, and no level bar of one's own is under it */
  'no-rack-under': { readonly itemId: string };
  /** its balance point lies beyond the bars that it stands on */
  'tips-off-rack': { readonly itemId: string };
  'no-load': Record<string, never>;
  'heaviest-case': { readonly massKg: number; readonly emptyKg: number };
  'frame-weight': { readonly massKg: number };
}
export type MassFinding = FindingOf<MassFindingData>;

/** Loads on a rack whose balance point is not between the bars under them; each told once, in the first load in which it is so. */
const tipping = (trailer: Trailer, cases: Parameters<typeof massFindings>[2]): MassFinding[] => {
  const { members, panels } = buildChassis(trailer);
  const told = new Set<string>();
  return cases.flatMap(({ loadCase, parts }) =>
    parts.flatMap((part): MassFinding[] => {
      if (part.carriedBy !== 'rack' || told.has(part.id)) return [];
      const ids = new Set(rackUnder({ members, panels }, part)?.memberIds);
      const bars = members.filter(({ id }) => ids.has(id));
      const ys = bars.flatMap(({ plan }) => plan.map(([, y]) => y));
      const { xM, yM } = part.centre;
      const between =
        xM >= Math.min(...bars.map(({ extent }) => extent.x0M)) - EDGE_M &&
        xM <= Math.max(...bars.map(({ extent }) => extent.x1M)) + EDGE_M &&
        yM >= Math.min(...ys) - EDGE_M &&
        yM <= Math.max(...ys) + EDGE_M;
      if (bars.length === 0 || between) return [];
      told.add(part.id);
      return [
        finding({
          step: 'loads',
          rule: RULES['tips-off-rack'],
          data: { itemId: part.id },
          verdict: 'tight',
          subject: part.id,
          caseId: loadCase.id,
        }),
      ];
    }),
  );
};

/** A balance point this near to a bar's edge is over it, m. */
const EDGE_M = 0.005;

export const massFindings = (
  trailer: Trailer,
  bare: readonly Part[],
  cases: readonly {
    readonly loadCase: { readonly id: string };
    readonly massKg: number;
    readonly parts: readonly Part[];
  }[],
): MassFinding[] => {
  const plain = { step: 'loads' } as const;
  const weightless = trailer.items
    .filter(({ massKg, emptyMassKg }) => massKg.value + emptyMassKg === 0)
    .map(
      ({ id, name }): MassFinding =>
        finding({
          ...plain,
          rule: RULES['item-without-weight'],
          data: { itemId: id, name },
          verdict: 'open',
          subject: id,
        }),
    );
  const onRack = new Set(trailer.items.filter(({ attach }) => attach.on === 'rack').map(({ id }) => id));
  const noRack = [...onRack].flatMap((itemId): MassFinding[] => {
    const found = cases.find(({ parts }) => parts.some(({ id, carriedBy }) => id === itemId && carriedBy !== 'rack'));
    return found
      ? [
          finding({
            ...plain,
            rule: RULES['no-rack-under'],
            data: { itemId },
            verdict: 'over',
            subject: itemId,
            caseId: found.loadCase.id,
          }),
        ]
      : [];
  });
  const noLoad: MassFinding[] =
    trailer.items.length === 0
      ? [finding({ ...plain, rule: RULES['no-load'], data: {}, verdict: 'open', subject: 'trailer' })]
      : [];
  const heaviest = cases.reduce<(typeof cases)[number] | undefined>(
    (worst, next) => (!worst || next.massKg > worst.massKg ? next : worst),
    undefined,
  );
  const emptyKg = sumMass(bare).massKg;
  const frameKg = sumMass(bare.filter(({ group }) => group === 'frame')).massKg;
  const groups = heaviest ? sumByGroup(heaviest.parts) : [];
  const total = groups.reduce<Expression | undefined>(
    (sum, { massKg }) => (sum ? plus(sum, quantity(massKg, 'mass')) : quantity(massKg, 'mass')),
    undefined,
  );
  return [
    ...weightless,
    ...noRack,
    ...tipping(trailer, cases),
    ...noLoad,
    ...(heaviest
      ? [
          finding({
            ...plain,
            rule: RULES['heaviest-case'],
            data: { massKg: heaviest.massKg, emptyKg },
            verdict: 'ok' as const,
            subject: 'trailer',
            caseId: heaviest.loadCase.id,
            value: quantity(heaviest.massKg, 'mass'),
            working: total ? [concluding(workedOut('whole-trailer', total, 'mass'))] : [],
          }),
        ]
      : []),
    ...(frameKg > 0
      ? [
          finding({
            ...plain,
            rule: RULES['frame-weight'],
            data: { massKg: frameKg },
            verdict: 'ok' as const,
            step: 'frame' as const,
            subject: 'trailer',
            value: quantity(frameKg, 'mass'),
          }),
        ]
      : []),
  ];
};
