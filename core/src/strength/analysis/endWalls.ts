import { directionOf, lineBetween, type Member, middleLineOf, type MiddleLine } from '../../chassis/index.js';
import { cross, dot, scale, subtract, type Vector3 } from '../../frame-analysis/index.js';
import { parsePartId } from '../../project/index.js';
import {
  faceWall,
  type FaceWall,
  type Footprint,
  WALL_FACTOR,
  type WallLoad,
  wallMend,
  wallShare,
  type WallStrength,
  wallStrength,
} from '../joints/wallUnderEnd.js';
import type { Limit } from '../situations/situations.js';
import type { RunKey, WallResult } from './analysis.js';
import type { ElementStrength } from './bracing.js';
import type { SolvedRun } from './solver.js';
import { type ElementEnd, passing, type WeldPlace } from './welds.js';

/** A bar's end on another bar's wall, with everything that does not change from run to run. */
export interface EndWallPlace {
  readonly id: string;
  readonly memberId: string;
  readonly onId: string;
  readonly at: Vector3;
  readonly wall: FaceWall;
  readonly foot: Footprint;
  readonly strength: WallStrength;
  readonly load: (solved: SolvedRun) => WallLoad;
}

/**
 * Bars that hang on both ends bear by their span alone where a wall folds: cross-members and headers between rails, whose ends are let go there.
 * What is looked at here has to pass its moment on: tongues, uprights, what stands in the air.
 */
const spans = ({ group }: Member): boolean => group === 'cross' || group === 'header' || group === 'rail';

/** A face that is met flatter than this is none, as a sine. */
const FLATTEST = 0.17;

const lineOf = (member: Member, start: Vector3, end: Vector3): MiddleLine =>
  middleLineOf(member) ?? lineBetween(start, end, 0);

/** Outside size of a bar in a direction square to it, m. */
const sizeAcross = ({ bar }: Member, { across, up }: MiddleLine, direction: Vector3): number =>
  Math.abs(dot(across, direction)) > Math.abs(dot(up, direction)) ? bar.widthM : bar.heightM;

/** What a bar's end meets: which wall, how large the end lies on it, and the axes in which its load counts. */
const meeting = (
  member: Member,
  own: MiddleLine,
  on: Member,
):
  | { readonly wall: FaceWall; readonly foot: Footprint; readonly axes: readonly [Vector3, Vector3, Vector3] }
  | undefined => {
  const line = middleLineOf(on);
  if (!line) return undefined;
  const along = directionOf(line);
  const direction = directionOf(own);
  const square = subtract(direction, scale(along, dot(direction, along)));
  const sine = Math.hypot(...square);
  if (sine < FLATTEST) return undefined;
  const side = Math.abs(dot(square, line.across)) >= Math.abs(dot(square, line.up));
  const normal = side ? line.across : line.up;
  const wall = faceWall(on, side ? 'side' : 'level');
  if (!wall) return undefined;
  const inWall = cross(normal, along);
  return {
    wall,
    foot: { alongM: sizeAcross(member, own, along) / sine, acrossM: sizeAcross(member, own, inWall) },
    axes: [along, inWall, normal],
  };
};

/** Every end that has to pass a moment into a wall. */
export const endWallPlaces = (
  welds: readonly WeldPlace[],
  strengths: readonly ElementStrength[],
  lines: (elementId: string) => { readonly start: Vector3; readonly end: Vector3 } | undefined,
): readonly EndWallPlace[] => {
  const members = new Map(strengths.map(({ bar }) => [bar.member.id, bar.member]));
  return welds.flatMap(({ id, kind, memberId, joint, end, at }): EndWallPlace[] => {
    const [member, on] = [members.get(memberId), members.get(parsePartId(joint).kind === 'splice' ? '' : joint)];
    if (kind !== 'butt' || !member || !on || spans(member)) return [];
    const own = strengths.filter(({ bar }) => bar.member.id === memberId);
    // Soft at both ends it is let go there as a cross-member is.
    if (own[0]?.bar.softFrom && own.at(-1)?.bar.softTo) return [];
    const last = end === 'second';
    const element = (last ? own.at(-1) : own[0])?.bar.id;
    const line = element === undefined ? undefined : lines(element);
    if (element === undefined || !line) return [];
    const met = meeting(member, lineOf(member, line.start, line.end), on);
    if (!met) return [];
    const ends: readonly ElementEnd[] = [{ element, at: last ? 6 : 0 }];
    const passed = passing(ends, at);
    const [along, inWall, normal] = met.axes;
    return [
      {
        id,
        memberId,
        onId: on.id,
        at,
        wall: met.wall,
        foot: met.foot,
        strength: wallStrength(met.wall, met.foot),
        load: (solved) => {
          const { forceN, momentNm } = passed(solved);
          return {
            pushN: Math.abs(dot(forceN, normal)),
            acrossNm: Math.abs(dot(momentNm, along)),
            alongNm: Math.abs(dot(momentNm, inWall)),
          };
        },
      },
    ];
  });
};

/** Only lasting bends are to be kept away where the limit is yield. */
const factorOf = (limit: Limit): number => (limit === 'yield' ? 1 : WALL_FACTOR);

export const endWallShare = (place: EndWallPlace, load: WallLoad, limit: Limit): number =>
  wallShare(place.strength, load, factorOf(limit));

export const endWallResult = (
  { memberId, onId, at, wall, foot, strength }: EndWallPlace,
  load: WallLoad,
  key: RunKey,
  limit: Limit,
): WallResult => {
  const factor = factorOf(limit);
  const utilisation = wallShare(strength, load, factor);
  return {
    ...key,
    memberId,
    onId,
    at,
    wallM: wall.thickM,
    load,
    strength: {
      acrossNm: strength.acrossNm / factor,
      alongNm: strength.alongNm / factor,
      pushN: strength.pushN / factor,
    },
    mend: utilisation > 1 ? wallMend(wall, foot, load, factor) : undefined,
    utilisation,
  };
};
