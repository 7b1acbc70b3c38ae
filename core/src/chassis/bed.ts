import { barOf, type Trailer } from '../project/index.js';
import { type BarStock, placeBar, stockOf } from './bars.js';
import { openReachM } from './openSide.js';
import { type ChassisProblem, type EndCut, type Member, planBox, type PlanPoint } from './member.js';

export interface Bed {
  readonly members: readonly Member[];
  readonly railWidthM: number;
  readonly railHeightM: number;
  readonly headerWidthM: number;
  /** cross-members as placed, with their stable ids */
  readonly crossPlaced: readonly { readonly id: string; readonly xM: number }[];
}

const RAIL_IDS = ['rail.left', 'rail.right'] as const;
const RAIL_SIDES = { 'rail.left': -1, 'rail.right': 1 } as const;

const mitre = (along: number, across: number): EndCut => ({ kind: 'mitre', offSquareRad: Math.atan2(along, across) });

/** What reaches from rail to rail past their near faces, m: to the webs of channels that face each other. */
const intoRailsM = (trailer: Trailer, rails: readonly BarStock[]): number =>
  RAIL_IDS.reduce(
    (sum, id, i) => sum + openReachM((rails[i] as BarStock).section, barOf(trailer, 'rail', id).faces, 'in'),
    0,
  );

const rails = (trailer: Trailer, stock: readonly BarStock[], headerWidth: number): Member[] => {
  const { lengthM, widthM, corner } = trailer.frame.bed;
  return RAIL_IDS.map((id, i) => {
    const own = stock[i] as BarStock;
    const side = RAIL_SIDES[id];
    const outside = (side * widthM) / 2;
    const inside = outside - side * own.bar.widthM;
    const inset = corner === 'headers-through' ? headerWidth : 0;
    const plan: PlanPoint[] =
      corner === 'mitred'
        ? [
            [0, outside],
            [lengthM, outside],
            [lengthM - headerWidth, inside],
            [headerWidth, inside],
          ]
        : planBox(inset, lengthM - inset, inside, outside);
    const end = mitre(headerWidth, own.bar.widthM);
    return placeBar(id, 'rail', own, {
      plan,
      z0M: -own.bar.heightM,
      cutLengthM: lengthM - 2 * inset,
      faceLengthM: lengthM - 2 * (corner === 'mitred' ? headerWidth : inset),
      ...(corner === 'mitred' ? { ends: [end, end] as const } : {}),
    });
  });
};

const header = (
  trailer: Trailer,
  id: 'header.front' | 'header.rear',
  stock: BarStock,
  railWidth: number,
  intoRails: number,
): Member => {
  const intoM = trailer.frame.bed.corner === 'rails-through' ? intoRails : 0;
  const { lengthM, widthM, corner } = trailer.frame.bed;
  const width = stock.bar.widthM;
  const half = widthM / 2;
  const inset = corner === 'rails-through' ? railWidth : 0;
  const outer = id === 'header.front' ? 0 : lengthM;
  const inner = id === 'header.front' ? width : lengthM - width;
  const plan: PlanPoint[] =
    corner === 'mitred'
      ? [
          [outer, -half],
          [outer, half],
          [inner, half - railWidth],
          [inner, railWidth - half],
        ]
      : planBox(Math.min(outer, inner), Math.max(outer, inner), inset - half, half - inset);
  const end = mitre(railWidth, width);
  return placeBar(id, 'header', stock, {
    plan,
    z0M: -stock.bar.heightM,
    intoM,
    cutLengthM: widthM - 2 * inset + intoM,
    faceLengthM: widthM - 2 * (corner === 'mitred' ? railWidth : inset) + intoM,
    ...(corner === 'mitred' ? { ends: [end, end] as const } : {}),
  });
};

/** Evenly spread between the headers' centres, at most the wanted spacing apart. */
const crossPlaces = (trailer: Trailer, headerWidth: number): { id: string; xM: number }[] => {
  const { crossMembers, extras, bed } = trailer.frame;
  const own = extras.map(({ id, xM }) => ({ id, xM }));
  if (crossMembers.kind === 'explicit') return [...crossMembers.members.map(({ id, xM }) => ({ id, xM })), ...own];
  const span = bed.lengthM - headerWidth;
  const gaps = Math.max(1, Math.min(200, Math.ceil(span / crossMembers.maxSpacingM - 1e-9)));
  return [
    ...Array.from({ length: gaps - 1 }, (_, i) => ({
      id: `cross.${i + 1}`,
      xM: headerWidth / 2 + ((i + 1) * span) / gaps,
    })),
    ...own,
  ];
};

const reportMisplaced = (
  trailer: Trailer,
  members: readonly Member[],
  headerWidth: number,
  problems: ChassisProblem[],
): void => {
  const { lengthM } = trailer.frame.bed;
  const sorted = [...members].sort((a, b) => a.centre.xM - b.centre.xM);
  sorted.forEach((member, i) => {
    if (member.extent.x0M < headerWidth - 1e-9 || member.extent.x1M > lengthM - headerWidth + 1e-9) {
      problems.push({ code: 'cross-member-off-bed', memberId: member.id, xM: member.centre.xM });
    }
    const next = sorted[i + 1];
    if (next && next.extent.x0M < member.extent.x1M - 1e-9) {
      problems.push({ code: 'cross-members-overlap', memberId: member.id, otherId: next.id });
    }
  });
};

const crossMembers = (
  trailer: Trailer,
  railWidth: number,
  intoM: number,
  headerWidth: number,
  problems: ChassisProblem[],
): Member[] => {
  const { bed, deck } = trailer.frame;
  const clear = bed.widthM - 2 * railWidth;
  const top = deck.kind !== 'none' && deck.seat === 'recessed' ? -deck.thicknessM : 0;
  const members = crossPlaces(trailer, headerWidth).flatMap(({ id, xM }) => {
    const stock = stockOf(trailer, 'cross', id, problems);
    if (!stock) return [];
    const half = stock.bar.widthM / 2;
    return [
      placeBar(id, 'cross', stock, {
        plan: planBox(xM - half, xM + half, -clear / 2, clear / 2),
        z0M: top - stock.bar.heightM,
        intoM,
        cutLengthM: clear + intoM,
      }),
    ];
  });
  reportMisplaced(trailer, members, headerWidth, problems);
  return members;
};

/** Rails, headers and cross-members; undefined where a section of the outline is missing, so that nothing can be placed. */
export const buildBed = (trailer: Trailer, problems: ChassisProblem[]): Bed | undefined => {
  const left = stockOf(trailer, 'rail', 'rail.left', problems);
  const right = stockOf(trailer, 'rail', 'rail.right', problems);
  const front = stockOf(trailer, 'header', 'header.front', problems);
  const rear = stockOf(trailer, 'header', 'header.rear', problems);
  if (!left || !right || !front || !rear) return undefined;
  const railWidth = Math.max(left.bar.widthM, right.bar.widthM);
  const railHeight = Math.max(left.bar.heightM, right.bar.heightM);
  const headerWidth = Math.max(front.bar.widthM, rear.bar.widthM);
  if (trailer.frame.bed.widthM <= 2 * railWidth || trailer.frame.bed.lengthM <= 2 * headerWidth) {
    problems.push({ code: 'bed-narrower-than-rails', widthM: trailer.frame.bed.widthM });
    return undefined;
  }
  const into = intoRailsM(trailer, [left, right]);
  const cross = crossMembers(trailer, railWidth, into, headerWidth, problems);
  return {
    members: [
      ...rails(trailer, [left, right], headerWidth),
      header(trailer, 'header.front', front, railWidth, into),
      header(trailer, 'header.rear', rear, railWidth, into),
      ...cross,
    ],
    railWidthM: railWidth,
    railHeightM: railHeight,
    headerWidthM: headerWidth,
    crossPlaced: crossPlaces(trailer, headerWidth),
  };
};
