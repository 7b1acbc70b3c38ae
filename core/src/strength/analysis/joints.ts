import type { WorkingLine } from '../../findings/index.js';
import type { Vector3 } from '../../frame-analysis/index.js';
import type { Source } from '../../source.js';
import { BOLT_SOURCE } from '../joints/bolts.js';
import { CRIPPLING_SOURCE } from '../joints/crippling.js';
import { WALL_SOURCE } from '../joints/wallUnderEnd.js';
import type { OpinionResult, RunKey } from './analysis.js';
import { boltLines, hangerLines, wallLines, weldLines } from './workings.js';

/** A weld, a hanger's seat or the coupler's bolts: how hard it works, in what, and why. */
export interface JointLook {
  readonly id: string;
  readonly kind: 'weld' | 'hanger' | 'wall' | 'bolts';
  /** the bar that ends or carries there */
  readonly memberId: string;
  /** what it is joined to, of a weld; whose wall it is */
  readonly joint: string | undefined;
  /** in the trailer's axes, m; the coupler's bolts lie where the coupler is drawn */
  readonly at: Vector3 | undefined;
  readonly utilisation: number;
  readonly key: RunKey;
  readonly working: readonly WorkingLine[];
  readonly source: Source;
}

/** Every joint of the frame, hardest first. */
export const jointsOf = ({ welds, hangers, walls, bolts }: OpinionResult): readonly JointLook[] =>
  [
    ...welds.map(
      (weld): JointLook => ({
        id: `weld.${weld.memberId}.${weld.end}`,
        kind: 'weld',
        memberId: weld.memberId,
        joint: weld.joint,
        at: weld.at,
        utilisation: weld.utilisation,
        key: weld,
        working: weldLines(weld),
        source: weld.by === 'weld-metal' ? weld.strength.weldSource : weld.strength.baseSource,
      }),
    ),
    ...hangers.map(
      (hanger): JointLook => ({
        id: `hanger.${hanger.memberId}.${hanger.xM.toFixed(4)}`,
        kind: 'hanger',
        memberId: hanger.memberId,
        joint: undefined,
        at: hanger.at,
        utilisation: hanger.utilisation,
        key: hanger,
        working: hangerLines(hanger),
        source: CRIPPLING_SOURCE,
      }),
    ),
    ...walls.map(
      (wall): JointLook => ({
        id: `wall.${wall.memberId}.${wall.onId}.${wall.at[0].toFixed(4)}`,
        kind: 'wall',
        memberId: wall.memberId,
        joint: wall.onId,
        at: wall.at,
        utilisation: wall.utilisation,
        key: wall,
        working: wallLines(wall),
        source: WALL_SOURCE,
      }),
    ),
    ...(bolts
      ? [
          {
            id: 'bolts',
            kind: 'bolts',
            memberId: 'coupler',
            joint: undefined,
            at: undefined,
            utilisation: bolts.utilisation,
            key: bolts,
            working: boltLines(bolts),
            source: BOLT_SOURCE,
          } satisfies JointLook,
        ]
      : []),
  ].sort((a, b) => b.utilisation - a.utilisation);
