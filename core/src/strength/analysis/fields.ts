import { add, cross, length, type LoadPattern, scale, subtract, type Vector3 } from '../../frame-analysis/index.js';
import { type Part, unsprungAxleOf } from '../../mass/index.js';
import type { BearingFinder } from '../frame-model/bearings.js';
import { type Grip, gripOf, type NodesOf, spreadWrench, type Wrench } from '../frame-model/spread.js';
import { ownInertia, placeOf } from '../situations/inertia.js';

/** Unit accelerations whose loads are solved once and then added up in any proportion. */
export const FIELDS = [
  'sprung.x',
  'sprung.y',
  'sprung.z',
  'unsprung.x',
  'unsprung.y',
  'unsprung.z',
  'turn.x',
  'turn.y',
  'turn.z',
] as const;
export type FieldId = (typeof FIELDS)[number];

const AXIS: readonly Vector3[] = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
];

export const isUnsprung = (part: Pick<Part, 'carriedBy'>): boolean => unsprungAxleOf(part) !== undefined;

/** How parts hold on to the frame: what rests on a deck that is a sheet presses where it stands and pushes through the sheet. */
export interface Grips {
  of(part: Part): Grip;
  readonly sheet: { readonly rails: readonly [Grip, Grip]; readonly across: Grip } | undefined;
}

/** Grips of the parts on the frame, each found once. */
export const gripFinder = (finder: BearingFinder): Grips => {
  const known = new WeakMap<Part, Grip>();
  return {
    of: (part) => {
      const found = known.get(part);
      if (found) return found;
      const grip = gripOf(finder.bearingsOf(part));
      known.set(part, grip);
      return grip;
    },
    sheet: finder.sheet && {
      rails: [gripOf(finder.sheet.rails[0]), gripOf(finder.sheet.rails[1])],
      across: gripOf(finder.sheet.across),
    },
  };
};

/** A part and what is put on it. */
export interface Loaded {
  readonly part: Part;
  readonly wrench: Wrench;
}

/** What goes through a sheet: pushes along the rails and across, N, and what they turn about each grip's middle, N·m. */
interface Pushes {
  readonly leftN: number;
  readonly leftNm: number;
  readonly rightN: number;
  readonly rightNm: number;
  readonly acrossN: number;
  readonly acrossNm: number;
}

/** A part's load on the frame: what presses on the bars below it, and what it pushes through the sheet, if it stands on one. */
export interface Pressed {
  readonly pattern: LoadPattern;
  readonly pushes: Pushes | undefined;
}

/**
 * A wrench on a part as loads on the frame. On a sheet, the upright force and what tips the part go into the bars below it; its push along and
 * across, and what turns it, go through the sheet: along into both rails, across into all bars between them, each along itself.
 */
export const pressedBy = ({ part, wrench }: Loaded, grips: Grips, nodesOf: NodesOf): Pressed => {
  const { sheet } = grips;
  const grip = grips.of(part);
  if (!sheet || part.carriedBy !== 'deck') return { pattern: spreadWrench(grip, wrench, nodesOf), pushes: undefined };
  const [left, right] = sheet.rails;
  const apart = right.centre[1] - left.centre[1];
  const middleY = (left.centre[1] + right.centre[1]) / 2;
  const [fx, fy, fz] = wrench.forceN;
  const foot: Vector3 = [wrench.at[0], wrench.at[1], grip.centre[2]];
  const tipping = add(wrench.momentNm, cross(subtract(wrench.at, foot), [fx, fy, 0]));
  // About the middle of rails and bars across: what the two pushes do not do themselves is a couple along the rails.
  const turning = tipping[2] - fx * (foot[1] - middleY) + fy * (foot[0] - sheet.across.centre[0]);
  const [leftN, rightN] = [fx / 2 + turning / apart, fx / 2 - turning / apart];
  return {
    pattern: spreadWrench(grip, { at: foot, forceN: [0, 0, fz], momentNm: [tipping[0], tipping[1], 0] }, nodesOf),
    pushes: {
      leftN,
      leftNm: leftN * (foot[2] - left.centre[2]),
      rightN,
      rightNm: rightN * (foot[2] - right.centre[2]),
      acrossN: fy,
      acrossNm: -fy * (foot[2] - sheet.across.centre[2]),
    },
  };
};

/** What all parts together push through the sheet, as loads on rails and bars across; none where there is no sheet. */
export const pushedBy = (all: readonly Pushes[], { sheet }: Grips, nodesOf: NodesOf): LoadPattern => {
  if (!sheet || all.length === 0) return { member: [], nodal: [] };
  const sum = (of: keyof Pushes): number => all.reduce((total, pushes) => total + pushes[of], 0);
  const pushed = (grip: Grip, forceN: Vector3, momentNm: Vector3): LoadPattern[] =>
    length(forceN) + length(momentNm) === 0 ? [] : [spreadWrench(grip, { at: grip.centre, forceN, momentNm }, nodesOf)];
  const [left, right] = sheet.rails;
  const patterns = [
    ...pushed(left, [sum('leftN'), 0, 0], [0, sum('leftNm'), 0]),
    ...pushed(right, [sum('rightN'), 0, 0], [0, sum('rightNm'), 0]),
    ...pushed(sheet.across, [0, sum('acrossN'), 0], [sum('acrossNm'), 0, 0]),
  ];
  return { member: patterns.flatMap(({ member }) => member), nodal: patterns.flatMap(({ nodal }) => nodal) };
};

/** What a part's mass does when it feels one unit of an acceleration (1 m/s², or 1 rad/s² about the origin): inertia pulls the other way. */
export const fieldWrench = (field: FieldId, part: Part): Wrench => {
  const [kind, axisName] = field.split('.') as [string, string];
  const index = 'xyz'.indexOf(axisName);
  const axis = AXIS[index] as Vector3;
  const at = placeOf(part);
  return kind === 'turn'
    ? {
        at,
        forceN: scale(cross(axis, at), -part.massKg),
        momentNm: scale(axis, -(ownInertia(part)[index] as number)),
      }
    : { at, forceN: scale(axis, -part.massKg), momentNm: [0, 0, 0] };
};
