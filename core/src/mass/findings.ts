import { concluding, finding, type FindingOf, plus, quantity, workedOut, type Expression } from '../findings/index.js';
import type { Trailer } from '../project/index.js';

import { type Part } from './parts.js';
import { sumByGroup, sumMass } from './sum.js';
import { RULES } from './rules.js';

export interface MassFindingData {
  'item-without-weight': { readonly itemId: string; readonly name: string };
  /** it is to stand on a rack, and no level bar of one's own is under it */
  'no-rack-under': { readonly itemId: string };
  'no-load': Record<string, never>;
  'heaviest-case': { readonly massKg: number; readonly emptyKg: number };
  'frame-weight': { readonly massKg: number };
}
export type MassFinding = FindingOf<MassFindingData>;

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
