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

const joined = (patterns: readonly LoadPattern[]): LoadPattern => ({
  member: patterns.flatMap(({ member }) => member),
  nodal: patterns.flatMap(({ nodal }) => nodal),
});

/** A part and what is put on it. */
export interface Loaded {
  readonly part: Part;
  readonly wrench: Wrench;
}

/** What goes through a sheet, all parts together: pushes along the rails and across, N, and what they turn about each grip's middle, N·m. */
interface Pushes {
  leftN: number;
  leftNm: number;
  rightN: number;
  rightNm: number;
  acrossN: number;
  acrossNm: number;
}

/**
 * Wrenches on parts as loads on the frame. On a sheet, upright forces and what tips a part go into the bars below it; its push along and
 * across, and what turns it, go through the sheet: along into both rails, across into all bars between them, each along itself.
 */
export const partLoads = (loaded: readonly Loaded[], grips: Grips, nodesOf: NodesOf): LoadPattern => {
  const { sheet } = grips;
  if (!sheet) return joined(loaded.map(({ part, wrench }) => spreadWrench(grips.of(part), wrench, nodesOf)));
  const [left, right] = sheet.rails;
  const apart = right.centre[1] - left.centre[1];
  const middleY = (left.centre[1] + right.centre[1]) / 2;
  const pushes: Pushes = { leftN: 0, leftNm: 0, rightN: 0, rightNm: 0, acrossN: 0, acrossNm: 0 };
  const pressed = loaded.map(({ part, wrench }) => {
    const grip = grips.of(part);
    if (part.carriedBy !== 'deck') return spreadWrench(grip, wrench, nodesOf);
    const [fx, fy, fz] = wrench.forceN;
    const foot: Vector3 = [wrench.at[0], wrench.at[1], grip.centre[2]];
    const tipping = add(wrench.momentNm, cross(subtract(wrench.at, foot), [fx, fy, 0]));
    // About the middle of rails and bars across: what the two pushes do not do themselves is a couple along the rails.
    const turning = tipping[2] - fx * (foot[1] - middleY) + fy * (foot[0] - sheet.across.centre[0]);
    const [leftN, rightN] = [fx / 2 + turning / apart, fx / 2 - turning / apart];
    pushes.leftN += leftN;
    pushes.leftNm += leftN * (foot[2] - left.centre[2]);
    pushes.rightN += rightN;
    pushes.rightNm += rightN * (foot[2] - right.centre[2]);
    pushes.acrossN += fy;
    pushes.acrossNm -= fy * (foot[2] - sheet.across.centre[2]);
    return spreadWrench(grip, { at: foot, forceN: [0, 0, fz], momentNm: [tipping[0], tipping[1], 0] }, nodesOf);
  });
  const pushed = (grip: Grip, forceN: Vector3, momentNm: Vector3): LoadPattern[] =>
    length(forceN) + length(momentNm) === 0 ? [] : [spreadWrench(grip, { at: grip.centre, forceN, momentNm }, nodesOf)];
  return joined([
    ...pressed,
    ...pushed(left, [pushes.leftN, 0, 0], [0, pushes.leftNm, 0]),
    ...pushed(right, [pushes.rightN, 0, 0], [0, pushes.rightNm, 0]),
    ...pushed(sheet.across, [0, pushes.acrossN, 0], [pushes.acrossNm, 0, 0]),
  ]);
};

/** What the masses do to the frame when they feel one unit of an acceleration (1 m/s², or 1 rad/s² about the centre): inertia pulls the other way. */
export const fieldPattern = (
  field: FieldId,
  parts: readonly Part[],
  centre: Vector3,
  grips: Grips,
  nodesOf: NodesOf,
): LoadPattern => {
  const [kind, axisName] = field.split('.') as [string, string];
  const index = 'xyz'.indexOf(axisName);
  const axis = AXIS[index] as Vector3;
  const own = parts.filter((part) => kind === 'turn' || isUnsprung(part) === (kind === 'unsprung'));
  const turns = kind === 'turn';
  return partLoads(
    own
      .filter(({ massKg }) => massKg > 0)
      .map((part): Loaded => {
        const at = placeOf(part);
        const acceleration = turns ? cross(axis, subtract(at, centre)) : axis;
        const momentNm = turns ? scale(axis, -(ownInertia(part)[index] as number)) : NONE;
        return { part, wrench: { at, forceN: scale(acceleration, -part.massKg), momentNm } };
      }),
    grips,
    nodesOf,
  );
};

const NONE: Vector3 = [0, 0, 0];
