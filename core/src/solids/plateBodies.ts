import type { Chassis, Member, Plate } from '../chassis/index.js';
import { cross, dot, scale, type Vector3 } from '../frame-analysis/index.js';
import type { Trailer } from '../project/index.js';
import type { SectionOutline } from '../sections/index.js';
import type { Body } from './body.js';
import { polygonProfile, rectangleProfile } from './profiles.js';

const X: Vector3 = [1, 0, 0];
const Y: Vector3 = [0, 1, 0];
const Z: Vector3 = [0, 0, 1];

/** A flat outline as thick as its plate, from its own plane along across × up. */
const slab = (profile: SectionOutline, at: Vector3, across: Vector3, up: Vector3, thicknessM: number): Body => ({
  profile,
  at,
  across,
  up,
  along: cross(across, up),
  lengthM: thicknessM,
  cuts: [],
});

type Corner = readonly [number, number];

/** A cap stands on the outside of the end that it closes. */
const capBody = (chassis: Chassis, { id, lengthM, widthM, thicknessM, centre }: Plate): Body | undefined => {
  const ball = id.startsWith('cap.ball.');
  const member = chassis.members.find((bar) => bar.id === id.replace(ball ? 'cap.ball.' : 'cap.', ''));
  if (!member) return undefined;
  const [a, b, c, d] = member.plan as readonly [Corner, Corner, Corner, Corner];
  const [from, to] = ball ? [a, d] : [b, c];
  const across: Vector3 = [(to[0] - from[0]) / lengthM, (to[1] - from[1]) / lengthM, 0];
  const inward: Vector3 = [member.centre.xM - centre.xM, member.centre.yM - centre.yM, 0];
  // Pushed along across × up: out of the tube.
  const out = dot(cross(across, Z), inward) < 0 ? across : scale(across, -1);
  return slab(
    rectangleProfile(-lengthM / 2, -widthM / 2, lengthM, widthM),
    [centre.xM, centre.yM, centre.zM],
    out,
    Z,
    thicknessM,
  );
};

const lowestOf = (members: readonly Member[]): number => Math.min(0, ...members.map(({ extent }) => extent.z0M));

/** Gussets lie flat under what they hold together: the right angle in the corner, both legs along the bars that meet there. */
const gussetBody = (trailer: Trailer, chassis: Chassis, { id, lengthM, widthM, thicknessM, centre }: Plate): Body => {
  const { lengthM: bedM, widthM: bedWidthM } = trailer.frame.bed;
  const side = centre.yM < 0 ? -1 : 1;
  const corner = id.startsWith('gusset.corner.');
  const rear = id.startsWith('gusset.corner.rear');
  const leg = chassis.members.find((bar) => id.startsWith(`gusset.${bar.id}.`));
  const at: Corner = corner
    ? [rear ? bedM : 0, (side * bedWidthM) / 2]
    : id.endsWith('.front')
      ? [0, centre.yM]
      : [centre.xM, centre.yM];
  const [alongX, alongY] = corner ? [rear ? -lengthM : lengthM, -side * widthM] : [-lengthM, side * widthM];
  const inwards = !corner && id.endsWith('.rear') ? -alongY : alongY;
  const under = corner ? chassis.members.filter(({ group }) => group === 'rail' || group === 'header') : [];
  const z = lowestOf(leg ? [leg] : under);
  return slab(
    polygonProfile([at, [at[0] + alongX, at[1]], [at[0], at[1] + inwards]]),
    [0, 0, z - thicknessM],
    X,
    Y,
    thicknessM,
  );
};

/** A plate where it is welded on. */
export const plateBody = (trailer: Trailer, chassis: Chassis, plate: Plate): Body | undefined => {
  const { kind, lengthM, widthM, thicknessM, centre } = plate;
  switch (kind) {
    case 'top-plate':
      return slab(
        rectangleProfile(-lengthM / 2, -widthM / 2, lengthM, widthM),
        [centre.xM, centre.yM, centre.zM - thicknessM / 2],
        X,
        Y,
        thicknessM,
      );
    case 'cheek':
      return slab(
        rectangleProfile(-lengthM / 2, -widthM / 2, lengthM, widthM),
        [centre.xM, centre.yM + thicknessM / 2, centre.zM],
        X,
        Z,
        thicknessM,
      );
    case 'cap':
      return capBody(chassis, plate);
    case 'gusset':
      return gussetBody(trailer, chassis, plate);
  }
};
