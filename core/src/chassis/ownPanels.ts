import { SHEET_ROWS } from '../catalog/index.js';
import type { OwnPanel, SheetFill } from '../project/index.js';
import { type BarBox, boxesAlong } from './barBoxes.js';
import type { ChassisProblem, Member, MiddleLine } from './member.js';
import { middleLineOf } from './middleLine.js';
import { type Axis, type Slant, slantBetween, slantBox, slantBoxes, slantWidthM } from './slantedPanel.js';
import type { Cutout, OwnSheet, Panel } from './panel.js';

/** Lies flat, stands along the trailer, or stands across it. */
export type Plane = Extract<OwnPanel['place'], { kind: 'at' }>['plane'];

/** A flat part before it is weighed: its box, and what carries it. */
export interface PanelDraft {
  readonly id: string;
  readonly sheet: SheetFill;
  readonly plane: Plane;
  readonly box: BarBox;
  /** from its front or left edge, and from its lower (or, where it lies flat, left) edge, m */
  readonly cutouts: readonly Omit<Cutout, 'box'>[];
  readonly existing: boolean;
  readonly carries: boolean;
  /** it leans: `box` is then the one about it */
  readonly slant?: Slant;
  readonly heldBy: readonly string[];
}

/** Along which axis a panel is thin, then its two axes: along, and up (of one that lies flat: across). */
export const PLANE_AXES = { flat: [2, 0, 1], along: [1, 0, 2], across: [0, 1, 2] } as const;

const low = (box: BarBox, axis: Axis): number => [box.x0M, box.y0M, box.z0M][axis] as number;
const high = (box: BarBox, axis: Axis): number => [box.x1M, box.y1M, box.z1M][axis] as number;
const boxOf = (from: readonly number[], to: readonly number[]): BarBox => {
  const [x0M = 0, y0M = 0, z0M = 0] = from;
  const [x1M = 0, y1M = 0, z1M = 0] = to;
  return { x0M, x1M, y0M, y1M, z0M, z1M };
};
/** A box from its stretch along each axis. */
const boxBy = (stretch: (axis: Axis) => readonly [number, number]): BarBox => {
  const all = ([0, 1, 2] as const).map(stretch);
  return boxOf(
    all.map(([from]) => from),
    all.map(([, to]) => to),
  );
};

/** Weighs a flat part, its cut-outs taken out; undefined where nothing is left of it. */
export const panelOf = (draft: PanelDraft): Panel | undefined => {
  const { id, sheet, plane, box, cutouts, existing, carries, heldBy, slant } = draft;
  const [thin, along, up] = PLANE_AXES[plane];
  const density = SHEET_ROWS.find((row) => row.id === sheet.kind)?.densityKgM3 ?? 0;
  const clipped = cutouts.flatMap((cutout): Cutout[] => {
    const from = { [along]: low(box, along) + cutout.alongM, [up]: low(box, up) + cutout.upM };
    const to = { [along]: (from[along] as number) + cutout.lengthM, [up]: (from[up] as number) + cutout.heightM };
    const inside = boxBy((axis) =>
      axis === thin
        ? [low(box, axis), high(box, axis)]
        : [Math.max(low(box, axis), from[axis] as number), Math.min(high(box, axis), to[axis] as number)],
    );
    return low(inside, along) < high(inside, along) && low(inside, up) < high(inside, up)
      ? [{ ...cutout, box: inside }]
      : [];
  });
  const areaOf = (one: BarBox): number => (high(one, along) - low(one, along)) * (high(one, up) - low(one, up));
  const middle = (one: BarBox, axis: Axis): number => (low(one, axis) + high(one, axis)) / 2;
  const areaM2 = slant
    ? slantWidthM(slant) * (high(box, slant.axis) - low(box, slant.axis))
    : areaOf(box) - clipped.reduce((sum, cutout) => sum + areaOf(cutout.box), 0);
  if (!(areaM2 > 0)) return undefined;
  const centreAt = (axis: Axis): number =>
    slant
      ? middle(box, axis)
      : (areaOf(box) * middle(box, axis) -
          clipped.reduce((sum, cutout) => sum + areaOf(cutout.box) * middle(cutout.box, axis), 0)) /
        areaM2;
  return {
    id,
    kind: 'own',
    extent: { x0M: box.x0M, x1M: box.x1M, z0M: box.z0M, z1M: box.z1M },
    y0M: box.y0M,
    y1M: box.y1M,
    massKg: density * sheet.thicknessM * areaM2,
    centre: { xM: centreAt(0), yM: centreAt(1), zM: centreAt(2) },
    own: { sheet, plane, cutouts: clipped, areaM2, existing, carries, heldBy, ...(slant ? { slant } : {}) },
  };
};

const axisOf = ({ start, end }: MiddleLine): Axis | undefined => {
  const spans = [0, 1, 2].map((axis) => Math.abs((end[axis] as number) - (start[axis] as number)));
  const longest = spans.indexOf(Math.max(...spans)) as Axis;
  return spans.every((span, axis) => axis === longest || span < 1e-3) ? longest : undefined;
};

/** Bars further than this out of one plane make a panel lean, m. */
const LEANS_M = 0.02;
const THIN_TO_PLANE = ['across', 'along', 'flat'] as const;

/** A panel from one bar to the other: both run alike, along one of the trailer's axes, and lie in one plane with two of them. */
const between = (
  own: OwnPanel,
  members: ReadonlyMap<string, Member>,
  { barIds, face }: Extract<OwnPanel['place'], { kind: 'between' }>,
): PanelDraft | ChassisProblem => {
  const [a, b] = barIds.map((barId) => members.get(barId));
  const missing = barIds.find((barId) => !members.has(barId));
  if (!a || !b) return { code: 'own-panel-on-nothing', panelId: own.id, onId: missing ?? '' };
  const [lineA, lineB] = [middleLineOf(a), middleLineOf(b)];
  const axis = lineA && axisOf(lineA);
  if (!lineA || !lineB || axis === undefined || axisOf(lineB) !== axis)
    return { code: 'own-panel-not-flat', panelId: own.id, barIds };
  const apart = (across: Axis): number => Math.abs(lineA.start[across] - lineB.start[across]);
  const others = ([0, 1, 2] as const).filter((other) => other !== axis);
  const [first, second] = others as [Axis, Axis];
  const [thin, across] = apart(first) < apart(second) ? [first, second] : [second, first];
  const [boxA, boxB] = [a, b].map((member) => wholeBox(member));
  if (!boxA || !boxB || apart(across) < 0.01) return { code: 'own-panel-not-flat', panelId: own.id, barIds };
  if (apart(thin) > LEANS_M) {
    if (own.cutouts.length > 0) return { code: 'own-panel-leans-open', panelId: own.id };
    const slant = slantBetween({ ...own, place: { kind: 'between', barIds, face } }, axis, [a, b], [lineA, lineB]);
    const from = Math.max(low(boxA, axis), low(boxB, axis));
    const to = Math.min(high(boxA, axis), high(boxB, axis));
    if (!(to > from)) return { code: 'own-panel-not-flat', panelId: own.id, barIds };
    const about = slantBox(slant, own.sheet.thicknessM, [from, to]);
    return { ...own, plane: THIN_TO_PLANE[thin], box: about, slant, heldBy: barIds };
  }
  const plane = THIN_TO_PLANE[thin];
  const t = own.sheet.thicknessM;
  const [inner, outer] = [
    Math.max(low(boxA, thin), low(boxB, thin)),
    Math.min(high(boxA, thin), high(boxB, thin)),
  ] as const;
  const mid = (lineA.start[thin] + lineB.start[thin]) / 2;
  // Outward is away from the trailer's middle, or up.
  const outward = thin === 2 || mid >= 0 ? 1 : -1;
  const sign = face === 'outer' ? outward : -outward;
  const at = face === 'middle' ? mid - t / 2 : sign > 0 ? outer : inner - t;
  const overlap = (one: Axis): readonly [number, number] => [
    Math.max(low(boxA, one), low(boxB, one)),
    Math.min(high(boxA, one), high(boxB, one)),
  ];
  const whole = (one: Axis): readonly [number, number] =>
    face === 'middle'
      ? [Math.min(high(boxA, one), high(boxB, one)), Math.max(low(boxA, one), low(boxB, one))]
      : [Math.min(low(boxA, one), low(boxB, one)), Math.max(high(boxA, one), high(boxB, one))];
  const box = boxBy((one) => (one === thin ? [at, at + t] : one === axis ? overlap(one) : whole(one)));
  if (!(high(box, axis) > low(box, axis)) || !(high(box, across) > low(box, across)))
    return { code: 'own-panel-not-flat', panelId: own.id, barIds };
  return { ...own, plane, box, heldBy: barIds };
};

/** The box about a bar that runs along one of the axes. */
const wholeBox = (member: Member): BarBox | undefined => {
  const boxes = boxesAlong(member);
  const { x0M, x1M, z0M, z1M } = member.extent;
  const ys = member.plan.map(([, y]) => y);
  return boxes.length > 0 ? boxes[0] : { x0M, x1M, y0M: Math.min(...ys), y1M: Math.max(...ys), z0M, z1M };
};

const at = (own: OwnPanel, place: Extract<OwnPanel['place'], { kind: 'at' }>): PanelDraft | ChassisProblem => {
  const { plane, atM, fromM, toM, lowM, highM } = place;
  if (!(toM > fromM) || !(highM > lowM)) return { code: 'own-panel-no-size', panelId: own.id };
  const [thin, along] = PLANE_AXES[plane];
  const t = own.sheet.thicknessM;
  const box = boxBy((axis) =>
    axis === thin ? [atM - t / 2, atM + t / 2] : axis === along ? [fromM, toM] : [lowM, highM],
  );
  return { ...own, plane, box, heldBy: [] };
};

/** Within this of a panel's box a bar carries it, m. */
const NEAR_M = 0.03;

const touches = (box: BarBox, other: BarBox): boolean =>
  ([0, 1, 2] as const).every(
    (axis) => low(other, axis) < high(box, axis) + NEAR_M && high(other, axis) > low(box, axis) - NEAR_M,
  );

/** Bars that touch a panel put at a place; they carry it. */
const heldBy = (box: BarBox, members: readonly Member[]): readonly string[] =>
  members
    .filter((member) => {
      const boxes = boxesAlong(member);
      const whole = wholeBox(member);
      return boxes.length > 0 ? boxes.some((one) => touches(box, one)) : whole !== undefined && touches(box, whole);
    })
    .map(({ id }) => id);

/** Flat parts of one's own; those that cannot be placed are problems. */
export const buildOwnPanels = (
  panels: readonly OwnPanel[],
  members: readonly Member[],
  problems: ChassisProblem[],
): readonly Panel[] => {
  const byId = new Map(members.map((member) => [member.id, member]));
  return panels.flatMap((own): Panel[] => {
    const draft = own.place.kind === 'between' ? between(own, byId, own.place) : at(own, own.place);
    if ('code' in draft) {
      problems.push(draft);
      return [];
    }
    const held = draft.heldBy.length > 0 ? draft.heldBy : heldBy(draft.box, members);
    const panel = panelOf({ ...draft, heldBy: held });
    if (!panel) problems.push({ code: 'own-panel-no-size', panelId: own.id });
    return panel ? [panel] : [];
  });
};

/** Boxes of what is left of a panel between its cut-outs: strips across it, by the cut-outs' edges. */
export const panelBoxes = (
  { extent, y0M, y1M }: Panel,
  {
    plane,
    cutouts,
    slant,
    sheet,
  }: Pick<OwnSheet, 'plane' | 'cutouts' | 'slant'> & { readonly sheet: { readonly thicknessM: number } },
): readonly BarBox[] => {
  const whole: BarBox = { ...extent, y0M, y1M };
  if (slant) return slantBoxes(slant, sheet.thicknessM, [low(whole, slant.axis), high(whole, slant.axis)]);
  const [, along, up] = PLANE_AXES[plane];
  const edges = [
    low(whole, along),
    high(whole, along),
    ...cutouts.flatMap(({ box }) => [low(box, along), high(box, along)]),
  ]
    .toSorted((a, b) => a - b)
    .filter((edge, i, all) => i === 0 || edge > (all[i - 1] as number) + 1e-9);
  return edges.slice(1).flatMap((to, i): BarBox[] => {
    const from = edges[i] as number;
    const middle = (from + to) / 2;
    const holes = cutouts
      .filter(({ box }) => low(box, along) < middle && high(box, along) > middle)
      .map(({ box }) => [low(box, up), high(box, up)] as const)
      .toSorted((a, b) => a[0] - b[0]);
    const free: (readonly [number, number])[] = [];
    let level = low(whole, up);
    for (const [bottom, top] of holes) {
      if (bottom > level) free.push([level, bottom]);
      level = Math.max(level, top);
    }
    if (high(whole, up) > level) free.push([level, high(whole, up)]);
    return free.map((stretch) =>
      boxBy((axis) => (axis === along ? [from, to] : axis === up ? stretch : [low(whole, axis), high(whole, axis)])),
    );
  });
};

/** How long and how wide (of one that stands: high) a panel is, m. */
export const panelSizes = (
  { extent, y0M, y1M }: Panel,
  { plane, slant }: Pick<OwnSheet, 'plane' | 'slant'>,
): { readonly lengthM: number; readonly widthM: number } => {
  const whole: BarBox = { ...extent, y0M, y1M };
  if (slant) return { lengthM: high(whole, slant.axis) - low(whole, slant.axis), widthM: slantWidthM(slant) };
  const [, along, up] = PLANE_AXES[plane];
  return { lengthM: high(whole, along) - low(whole, along), widthM: high(whole, up) - low(whole, up) };
};

/** The two axes of a panel that does not lean, how long it is on each, and where it starts, m. */
export const panelAxes = ({ extent, y0M, y1M }: Panel, plane: Plane) => {
  const whole: BarBox = { ...extent, y0M, y1M };
  const [, along, up] = PLANE_AXES[plane];
  return {
    along,
    up,
    lengthM: high(whole, along) - low(whole, along),
    widthM: high(whole, up) - low(whole, up),
    startM: low(whole, along),
    lowM: low(whole, up),
  };
};
