import { barOf, parsePartId, type Trailer } from '../project/index.js';
import {
  type Chassis,
  type Cope,
  copeInto,
  type EndFinish,
  type Member,
  middleLineOf,
  openReachM,
} from '../chassis/index.js';
import { add, cross, dot, scale, subtract, type Vector3 } from '../frame-analysis/index.js';
import { endsInPlan, isMirrored } from '../drawing/index.js';
import type { Cut } from './body.js';

/** How a bar ends: the plane that it is sawn along, with its normal out of the bar, and what is cut besides. */
interface End {
  readonly at: Vector3;
  readonly normal: Vector3;
  /** open flanges cut back, off top and bottom each */
  readonly cope?: Cope | undefined;
  readonly cuts: readonly Cut[];
}

/** How a bar lies: where its profile's lower left corner runs, which way, and how it ends. From its front, left or ball end. */
export interface Lay {
  readonly corner: Vector3;
  readonly along: Vector3;
  readonly across: Vector3;
  readonly up: Vector3;
  readonly ends: readonly [End, End];
  readonly mirrored: boolean;
  /** of two side by side the first in the cut list lies on the far side along `across` */
  readonly firstIsFar: boolean;
}

const UP: Vector3 = [0, 0, 1];

/** An end sawn square where it reaches furthest about the round bar that it lies on, and hollowed. */
const hollowEnd = (
  chassis: Chassis,
  at: Vector3,
  outward: Vector3,
  { onId, pastM }: Extract<EndFinish, { kind: 'hollow' }>,
): End => {
  const host = chassis.members.find(({ id }) => id === onId);
  const line = host && middleLineOf(host);
  const shape = host?.section.shape;
  return {
    at: add(at, scale(outward, pastM)),
    normal: outward,
    cuts:
      line && shape?.kind === 'round-tube'
        ? [{ kind: 'cylinder', start: line.start, end: line.end, radiusM: shape.diameterM / 2 }]
        : [],
  };
};

const layOnLine = (chassis: Chassis, member: Member, line: NonNullable<Member['line']>): Lay => {
  const { bar, finish } = member;
  const whole = subtract(line.end, line.start);
  const along = scale(whole, 1 / Math.sqrt(dot(whole, whole)));
  const endOf = (at: Vector3, outward: Vector3, how: EndFinish | undefined): End => {
    if (how?.kind === 'flat') {
      // The face looks out of the bar that is met, towards this one.
      const normal = dot(how.face, outward) > 0 ? how.face : scale(how.face, -1);
      return { at, normal, cuts: [] };
    }
    return how?.kind === 'hollow' ? hollowEnd(chassis, at, outward, how) : { at, normal: outward, cuts: [] };
  };
  return {
    corner: add(line.start, add(scale(line.across, -bar.widthM / 2), scale(line.up, -bar.design.centroidZM))),
    along,
    across: line.across,
    up: line.up,
    ends: [endOf(line.start, scale(along, -1), finish?.[0]), endOf(line.end, along, finish?.[1])],
    mirrored: false,
    firstIsFar: false,
  };
};

/** A bar on end: its width and depth as its outline from above has them. */
const layOnEnd = (member: Member): Lay => {
  const { plan, extent, bar } = member;
  const xs = plan.map(([x]) => x);
  const ys = plan.map(([, y]) => y);
  const [x, y] = [(Math.min(...xs) + Math.max(...xs)) / 2, (Math.min(...ys) + Math.max(...ys)) / 2];
  // A packer is a length of the cross-member above it, as wide along the trailer as that is; others are as wide as they lie.
  const packer = parsePartId(member.id).kind === 'packer';
  const [across, up]: readonly [Vector3, Vector3] = packer
    ? [
        [1, 0, 0],
        [0, 1, 0],
      ]
    : [
        [0, 1, 0],
        [1, 0, 0],
      ];
  const foot: Vector3 = [x, y, extent.z0M];
  return {
    corner: add(foot, add(scale(across, -bar.widthM / 2), scale(up, -bar.heightM / 2))),
    along: UP,
    across,
    up,
    ends: [
      { at: foot, normal: [0, 0, -1], cuts: [] },
      { at: [x, y, extent.z1M], normal: UP, cuts: [] },
    ],
    mirrored: false,
    firstIsFar: false,
  };
};

/** How far a lying bar reaches past both ends of its outline, into what is open there, and how it is coped for it. */
const intoEnds = (
  trailer: Trailer,
  chassis: Chassis,
  member: Member,
): readonly { readonly pastM: number; readonly cope: End['cope'] }[] => {
  const none = { pastM: 0, cope: undefined };
  if (member.intoM === 0) return [none, none];
  const reachInto = (hostId: string, group: 'rail' | 'header', from: 'in' | 'out') => {
    const host = chassis.members.find(({ id }) => id === hostId);
    if (!host) return none;
    return {
      pastM: openReachM(host.section, barOf(trailer, group, hostId).faces, from),
      cope: copeInto(member, host),
    };
  };
  if (member.group === 'tongue') return [none, { ...reachInto('header.front', 'header', 'out'), pastM: member.intoM }];
  return [reachInto('rail.left', 'rail', 'in'), reachInto('rail.right', 'rail', 'in')];
};

const layFlat = (trailer: Trailer, chassis: Chassis, member: Member): Lay | undefined => {
  const ends = endsInPlan(member);
  if (!ends) return undefined;
  const { extent, frontRiseM, bar, plan } = member;
  const [[low0, high0], [low1]] = ends;
  const level = Math.hypot(low1[0] - low0[0], low1[1] - low0[1]) || 1;
  const [dx, dy] = [(low1[0] - low0[0]) / level, (low1[1] - low0[1]) / level];
  const fallPerM = (frontRiseM / Math.max(1e-9, extent.x1M - extent.x0M)) * Math.abs(dx);
  const flat = Math.hypot(1, fallPerM);
  const along: Vector3 = [dx / flat, dy / flat, -fallPerM / flat];
  // Square to the bar and level, towards the side that its outline's high edge lies on.
  const sense = (high0[0] - low0[0]) * -dy + (high0[1] - low0[1]) * dx > 0 ? 1 : -1;
  const across: Vector3 = [-dy * sense, dx * sense, 0];
  const lifted = cross(along, across);
  const up = lifted[2] > 0 ? lifted : scale(lifted, -1);
  const zAt = (x: number): number =>
    extent.z0M +
    Math.max(0, -frontRiseM) +
    (frontRiseM * (extent.x1M - x)) / Math.max(1e-9, extent.x1M - extent.x0M) +
    bar.design.centroidZM;
  const start: Vector3 = [low0[0], low0[1], zAt(low0[0])];
  const into = intoEnds(trailer, chassis, member);
  const endOf = (i: 0 | 1): End => {
    const outward = i === 0 ? scale(along, -1) : along;
    const [low, high] = ends[i];
    const middle: Vector3 = [(low[0] + high[0]) / 2, (low[1] + high[1]) / 2, zAt((low[0] + high[0]) / 2)];
    const past = into[i];
    const at = add(middle, scale(outward, past?.pastM ?? 0));
    const finish = member.finish?.[i];
    if (finish?.kind === 'hollow') return hollowEnd(chassis, middle, outward, finish);
    if (frontRiseM !== 0 && member.ends[i].kind === 'square')
      return { at, normal: outward, cuts: [], cope: past?.cope };
    const edge = cross([high[0] - low[0], high[1] - low[1], 0], UP);
    const unit = scale(edge, 1 / Math.sqrt(dot(edge, edge)));
    return { at, normal: dot(unit, outward) > 0 ? unit : scale(unit, -1), cuts: [], cope: past?.cope };
  };
  const [first] = plan;
  return {
    corner: add(start, scale(up, -bar.design.centroidZM)),
    along,
    across,
    up,
    ends: [endOf(0), endOf(1)],
    mirrored: isMirrored(trailer, member),
    firstIsFar: first === high0,
  };
};

/** How a bar of the frame lies and ends; undefined for one whose outline says no direction. */
export const layOf = (trailer: Trailer, chassis: Chassis, member: Member): Lay | undefined => {
  if (member.line) return layOnLine(chassis, member, member.line);
  const { kind } = parsePartId(member.id);
  if (kind === 'post' || kind === 'riser' || kind === 'packer') return layOnEnd(member);
  return layFlat(trailer, chassis, member);
};
