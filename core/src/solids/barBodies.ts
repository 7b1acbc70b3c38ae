import { type Chassis, type Hole, type Member } from '../chassis/index.js';
import { reinforcementOf } from '../fabrication/index.js';
import { add, cross, dot, scale, subtract, type Vector3 } from '../frame-analysis/index.js';
import type { Trailer } from '../project/index.js';
import { barProperties, type SectionOutline } from '../sections/index.js';
import type { Body, Cut } from './body.js';
import { type Lay, layOf } from './lay.js';
import { mirroredIn, movedBy, profileBox, rectangleProfile, soldProfile, turnedIn } from './profiles.js';

/** A bar's profiles side by side, each a piece over the whole length, from the lower left corner of the box about the bar. */
const profilesOf = (member: Member, { mirrored, firstIsFar }: Lay): readonly SectionOutline[] => {
  const { builtUp, section, bar, pieces } = member;
  const base = builtUp && barProperties(builtUp.base);
  const sold = soldProfile((builtUp?.base ?? section).shape);
  if (!sold) return [];
  if (builtUp?.how.kind === 'boxed')
    return [
      sold,
      builtUp.base.shape.kind === 'angle' ? turnedIn(sold, bar.widthM, bar.heightM) : mirroredIn(sold, bar.widthM),
    ];
  if (base && builtUp.how.kind === 'plated') {
    const lying = builtUp.how.faces !== 'sides';
    const t = builtUp.how.thicknessM;
    const [u, v] = lying ? [(bar.widthM - base.widthM) / 2, t] : [t, (bar.heightM - base.heightM) / 2];
    return [movedBy(sold, u, v)];
  }
  const oneM = bar.widthM / pieces;
  const one = mirrored ? mirroredIn(sold, oneM) : sold;
  const all = Array.from({ length: pieces }, (_, i) => movedBy(one, i * oneM, 0));
  return firstIsFar ? all.toReversed() : all;
};

/** Lengths between which a bar is cut in pieces, m from its long point at its front, left or ball end; Infinity: to its end. */
const stretchesOf = ({ splicesM, parted, hingeAtM, cutLengthM }: Member): readonly (readonly [number, number])[] => {
  const stops = splicesM.filter((at) => at > LEAST_M && at < cutLengthM - LEAST_M);
  if (stops.length > 0)
    return [0, ...stops].map((from, i): readonly [number, number] => [from, stops[i] ?? Number.POSITIVE_INFINITY]);
  if (parted)
    return [
      [0, parted.fromM],
      [parted.toM, Number.POSITIVE_INFINITY],
    ];
  if (hingeAtM !== undefined && hingeAtM > 0 && hingeAtM < cutLengthM)
    return [
      [0, hingeAtM],
      [hingeAtM, Number.POSITIVE_INFINITY],
    ];
  return [[0, Number.POSITIVE_INFINITY]];
};

/** As in the cut list: less than this is no length to weld on, m. */
const LEAST_M = 0.02;

const atOf = ({ corner, along, across, up }: Lay, s: number, u = 0, v = 0): Vector3 =>
  add(add(corner, scale(along, s)), add(scale(across, u), scale(up, v)));

/** Where the saw's plane at an end meets the edges of the box about a profile, m along the bar. */
const planeMeets = (lay: Lay, end: 0 | 1, profile: SectionOutline): readonly [number, number] => {
  const { at, normal } = lay.ends[end];
  const [u0, u1, v0, v1] = profileBox(profile);
  const all = [u0, u1].flatMap((u) =>
    [v0, v1].map((v) => dot(subtract(at, atOf(lay, 0, u, v)), normal) / dot(lay.along, normal)),
  );
  return [Math.min(...all), Math.max(...all)];
};

/** Ends that differ by less over their width are square, m. */
const SQUARE_M = 1e-6;

const copeBlocks = (lay: Lay, end: 0 | 1, profile: SectionOutline, tipM: number): readonly Cut[] => {
  const { cope } = lay.ends[end];
  if (!cope) return [];
  const [u0, u1, v0, v1] = profileBox(profile);
  // A little over at all sides, so that nothing thin is left standing.
  const overM = 0.01;
  const s0 = end === 0 ? tipM - overM : tipM - cope.lengthM;
  const off = (v: number, deepM: number): Cut => ({
    kind: 'block',
    corner: atOf(lay, s0, u0 - overM, v),
    edges: [scale(lay.across, u1 - u0 + 2 * overM), scale(lay.up, deepM), scale(lay.along, cope.lengthM + overM)],
  });
  return [
    ...(cope.bottomM > 0 ? [off(v0 - overM, cope.bottomM + overM)] : []),
    ...(cope.topM > 0 ? [off(v1 - cope.topM, cope.topM + overM)] : []),
  ];
};

const drilled = (lay: Lay, profile: SectionOutline, fromM: number, toM: number, zeroM: number) => {
  const [u0, u1, v0, v1] = profileBox(profile);
  return ({ atM, diameterM, through }: Hole): readonly Cut[] => {
    const s = zeroM + atM;
    if (s < fromM || s > toM) return [];
    const sides = through === 'sides';
    const overM = 0.01;
    return [
      {
        kind: 'cylinder',
        start: sides ? atOf(lay, s, u0 - overM, (v0 + v1) / 2) : atOf(lay, s, (u0 + u1) / 2, v0 - overM),
        end: sides ? atOf(lay, s, u1 + overM, (v0 + v1) / 2) : atOf(lay, s, (u0 + u1) / 2, v1 + overM),
        radiusM: diameterM / 2,
      },
    ];
  };
};

/** A profile from one place along a bar to another, ends square. */
const plain = (lay: Lay, profile: SectionOutline, fromM: number, toM: number, cuts: readonly Cut[]): Body => {
  // A profile is pushed along across × up, which is one way along the bar or the other.
  const normal = cross(lay.across, lay.up);
  const forward = dot(normal, lay.along) > 0;
  return {
    profile,
    at: atOf(lay, forward ? fromM : toM),
    across: lay.across,
    up: lay.up,
    along: normal,
    lengthM: toM - fromM,
    cuts,
  };
};

const stretchBody = (
  lay: Lay,
  member: Member,
  profile: SectionOutline,
  [fromM, toM]: readonly [number, number],
  zeroM: number,
): Body => {
  const [front, rear] = [planeMeets(lay, 0, profile), planeMeets(lay, 1, profile)];
  const first = fromM === 0;
  const last = toM === Number.POSITIVE_INFINITY;
  const s0 = first ? front[0] : zeroM + fromM;
  const s1 = last ? rear[1] : zeroM + toM;
  const sawn = (end: 0 | 1, [least, most]: readonly [number, number]): readonly Cut[] => {
    const { at, normal, cuts } = lay.ends[end];
    return [...(most - least > SQUARE_M ? [{ kind: 'plane', at, normal } as const] : []), ...cuts];
  };
  return plain(lay, profile, s0, s1, [
    ...(first ? [...sawn(0, front), ...copeBlocks(lay, 0, profile, s0)] : []),
    ...(last ? [...sawn(1, rear), ...copeBlocks(lay, 1, profile, s1)] : []),
    ...member.holes.flatMap(drilled(lay, profile, s0, s1, zeroM)),
  ]);
};

/** The bars of the yard that a member is made of, in the cut list's order. */
export const barBodies = (trailer: Trailer, chassis: Chassis, member: Member): readonly Body[] => {
  const lay = layOf(trailer, chassis, member);
  if (!lay) return [];
  const profiles = profilesOf(member, lay);
  const zeroM = Math.min(...profiles.map((profile) => planeMeets(lay, 0, profile)[0]));
  return profiles.flatMap((profile) =>
    stretchesOf(member).map((stretch) => stretchBody(lay, member, profile, stretch, zeroM)),
  );
};

/** The bar inside a tube. */
export const insideBodies = (trailer: Trailer, chassis: Chassis, member: Member): readonly Body[] => {
  const found = reinforcementOf(member);
  const lay = found && layOf(trailer, chassis, member);
  if (!lay || found.builtUp.how.kind !== 'sleeved') return [];
  const { inner } = found.builtUp.how;
  const [profile, size] = [soldProfile(inner.shape), barProperties(inner)];
  if (!profile || !size) return [];
  const placed = movedBy(profile, (member.bar.widthM - size.widthM) / 2, (member.bar.heightM - size.heightM) / 2);
  const zeroM = planeMeets(lay, 0, placed)[0];
  return [plain(lay, placed, zeroM + found.fromM, zeroM + found.toM, [])];
};

/** Plates welded along a bar, in the cut list's order. */
export const platesAlongBodies = (trailer: Trailer, chassis: Chassis, member: Member): readonly Body[] => {
  const found = reinforcementOf(member);
  const lay = found && layOf(trailer, chassis, member);
  if (!lay || found.builtUp.how.kind !== 'plated') return [];
  const { faces, widthM, thicknessM: t } = found.builtUp.how;
  const whole = member.builtUp ? member.bar : undefined;
  const bare = barProperties(found.builtUp.base) ?? member.bar;
  // Of a bar that is plated all along its own box holds the plates too; of one reinforced over a part they lie outside it.
  const [u0, u1] = whole ? [0, whole.widthM] : faces === 'sides' ? [-t, bare.widthM + t] : [0, bare.widthM];
  const [v0, v1] = whole
    ? [0, whole.heightM]
    : faces === 'sides'
      ? [0, bare.heightM]
      : [-t, bare.heightM + (faces === 'bottom' ? 0 : t)];
  const [u, v] = [(u0 + u1) / 2 - widthM / 2, (v0 + v1) / 2 - widthM / 2];
  const profiles =
    faces === 'sides'
      ? [rectangleProfile(u0, v, t, widthM), rectangleProfile(u1 - t, v, t, widthM)]
      : [rectangleProfile(u, v0, widthM, t), ...(faces === 'bottom' ? [] : [rectangleProfile(u, v1 - t, widthM, t)])];
  return profiles.map((profile) => {
    const zeroM = planeMeets(lay, 0, profile)[0];
    return plain(lay, profile, zeroM + found.fromM, zeroM + found.toM, []);
  });
};
