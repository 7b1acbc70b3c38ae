import { cross, type LoadPattern, scale, subtract, type Vector3 } from '../../frame-analysis/index.js';
import { type Part, unsprungAxleOf } from '../../mass/index.js';
import type { BearingFinder } from '../frame-model/bearings.js';
import { type Grip, gripOf, type NodesOf, spreadWrench } from '../frame-model/spread.js';
import { placeOf } from '../situations/inertia.js';

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

/** Grips of the parts on the frame, each found once. */
export const gripFinder = (finder: BearingFinder) => {
  const known = new WeakMap<Part, Grip>();
  return (part: Part): Grip => {
    const found = known.get(part);
    if (found) return found;
    const grip = gripOf(finder.bearingsOf(part));
    known.set(part, grip);
    return grip;
  };
};

const joined = (patterns: readonly LoadPattern[]): LoadPattern => ({
  member: patterns.flatMap(({ member }) => member),
  nodal: patterns.flatMap(({ nodal }) => nodal),
});

/** What the masses do to the frame when they feel one unit of an acceleration (1 m/s², or 1 rad/s² about the centre): inertia pulls the other way. */
export const fieldPattern = (
  field: FieldId,
  parts: readonly Part[],
  centre: Vector3,
  gripFor: (part: Part) => Grip,
  nodesOf: NodesOf,
): LoadPattern => {
  const [kind, axisName] = field.split('.') as [string, string];
  const axis = AXIS['xyz'.indexOf(axisName)] as Vector3;
  const own = parts.filter((part) => kind === 'turn' || isUnsprung(part) === (kind === 'unsprung'));
  return joined(
    own
      .filter(({ massKg }) => massKg > 0)
      .map((part) => {
        const at = placeOf(part);
        const acceleration = kind === 'turn' ? cross(axis, subtract(at, centre)) : axis;
        return spreadWrench(
          gripFor(part),
          { at, forceN: scale(acceleration, -part.massKg), momentNm: [0, 0, 0] },
          nodesOf,
        );
      }),
  );
};
