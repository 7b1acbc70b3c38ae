import { barProperties, outsideSize, type Shape } from '../sections/index.js';
import { SECTION_ROWS } from '../catalog/index.js';
import type { Evaluation } from '../evaluation/index.js';
import type { Part } from '../mass/index.js';
import type { Item, LoadCase, Trailer } from '../project/index.js';
import { heaviestTowed, type TowedCase } from '../towing/index.js';

/** The load that an exercise is shown with: the heaviest that is towed, and what of its cargo is moved. */
export interface Loaded {
  readonly evaluation: Evaluation;
  readonly balanced: TowedCase;
  readonly item: Item;
  /** as it stands in that load */
  readonly part: Part;
}

type Aboard = LoadCase['aboard'][number];

/** How far a thing can be moved, m: what is heavy and has room is moved, whatever is heaviest otherwise. */
export type Room = (part: Part, bed: Trailer['frame']['bed']) => number;

/** Undefined where no load is towed, or none has cargo aboard. */
export const loadedOf = (evaluation: Evaluation, caseId?: string, room: Room = () => 1): Loaded | undefined => {
  const balanced = caseId
    ? (evaluation.cases.find(({ loadCase, standing }) => loadCase.id === caseId && standing) as TowedCase | undefined)
    : heaviestTowed(evaluation.cases);
  if (!balanced) return undefined;
  const { bed } = evaluation.trailer.frame;
  const worth = (part: Part): number => part.massKg * Math.max(0, room(part, bed));
  const items = new Map(evaluation.trailer.items.map((item) => [item.id, item]));
  const cargo = balanced.parts
    .flatMap((part) => {
      const item = items.get(part.id);
      return item?.kind === 'cargo' && part.massKg > 0 ? [{ item, part }] : [];
    })
    .toSorted((a, b) => worth(b.part) - worth(a.part))[0];
  return cargo && { evaluation, balanced, ...cargo };
};

const changedCase = (trailer: Trailer, caseId: string, change: (own: LoadCase) => LoadCase): Trailer => ({
  ...trailer,
  cases: trailer.cases.map((own) => (own.id === caseId ? change(own) : own)),
});

/** The same trailer with some of what is aboard of one load moved. */
export const withAboard = (
  { evaluation: { trailer }, balanced }: Loaded,
  change: (aboard: Aboard, item: Item | undefined) => Aboard,
): Trailer =>
  changedCase(trailer, balanced.loadCase.id, (own) => ({
    ...own,
    aboard: own.aboard.map((aboard) =>
      change(
        aboard,
        trailer.items.find(({ id }) => id === aboard.itemId),
      ),
    ),
  }));

/** The heaviest thing moved alone, m rearward, to the right and up. */
export const withMoved = (loaded: Loaded, [rearM, rightM, upM]: readonly [number, number, number]): Trailer =>
  withAboard(loaded, (aboard) =>
    aboard.itemId === loaded.item.id
      ? {
          ...aboard,
          shiftM: aboard.shiftM + rearM,
          shiftRightM: (aboard.shiftRightM ?? 0) + rightM,
          shiftUpM: (aboard.shiftUpM ?? 0) + upM,
        }
      : aboard,
  );

/** All cargo so many times as heavy. */
export const withHeavier = ({ evaluation: { trailer } }: Loaded, factor: number): Trailer => ({
  ...trailer,
  items: trailer.items.map((item) =>
    item.kind === 'cargo'
      ? {
          ...item,
          massKg: { ...item.massKg, value: item.massKg.value * factor },
          emptyMassKg: item.emptyMassKg * factor,
        }
      : item,
  ),
});

const HALF_ID = 'item.other-half';

/** The heaviest thing as two halves, as far ahead of its place as behind it: the balance stays. */
export const withHalves = (loaded: Loaded, apartM: number): Trailer => {
  const { item, evaluation } = loaded;
  const half: Item = {
    ...item,
    massKg: { ...item.massKg, value: item.massKg.value / 2 },
    emptyMassKg: item.emptyMassKg / 2,
  };
  const trailer: Trailer = {
    ...evaluation.trailer,
    items: [...evaluation.trailer.items.map((own) => (own.id === item.id ? half : own)), { ...half, id: HALF_ID }],
  };
  return changedCase(trailer, loaded.balanced.loadCase.id, (own) => ({
    ...own,
    aboard: own.aboard.flatMap((aboard) =>
      aboard.itemId === item.id
        ? [
            { ...aboard, shiftM: aboard.shiftM - apartM / 2 },
            { ...aboard, itemId: HALF_ID, shiftM: aboard.shiftM + apartM / 2 },
          ]
        : [aboard],
    ),
  }));
};

const wallOf = (shape: Shape): number => (shape.kind === 'rect-tube' || shape.kind === 'round-tube' ? shape.wallM : 0);

/** Rails of the next lighter section of the list that has their outside and a thinner wall, else that is lower; none where there is none. */
export const withLighterRails = (trailer: Trailer): Trailer | undefined => {
  const present = SECTION_ROWS.find(({ id }) => id === trailer.frame.groups.rail.sectionId);
  const own = present && barProperties(present);
  if (!present || !own) return undefined;
  const size = outsideSize(present.shape);
  const [next] = SECTION_ROWS.filter(
    (row) => row.family === present.family && row.shape.kind === present.shape.kind && row.group === present.group,
  )
    .flatMap((row) => {
      const bar = barProperties(row);
      return bar && bar.nominalAreaM2 < own.nominalAreaM2 - 1e-9 && bar.sMinM3 < own.sMinM3 ? [{ row, bar }] : [];
    })
    .toSorted((a, b) => {
      const other = ({ row }: typeof a): number => {
        const outside = outsideSize(row.shape);
        const same = Math.abs(outside.heightM - size.heightM) + Math.abs(outside.widthM - size.widthM) < 1e-4;
        return same && wallOf(row.shape) < wallOf(present.shape) ? 0 : 1;
      };
      return other(a) - other(b) || b.bar.sMinM3 - a.bar.sMinM3;
    });
  return (
    next && {
      ...trailer,
      frame: {
        ...trailer.frame,
        groups: { ...trailer.frame.groups, rail: { ...trailer.frame.groups.rail, sectionId: next.row.id } },
      },
    }
  );
};
