import type { Chassis, Member, Plate } from '../chassis/index.js';
import { cross, dot, scale, type Vector3 } from '../frame-analysis/index.js';
import { gussetFromAbove } from '../drawing/index.js';
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

/** Gussets lie flat under what they hold together, as they are drawn from above. */
const gussetBody = (trailer: Trailer, chassis: Chassis, plate: Plate): Body => {
  const leg = chassis.members.filter(({ id }) => plate.id.startsWith(`gusset.${id}.`));
  const corner = chassis.members.filter(({ group }) => group === 'rail' || group === 'header');
  const z = lowestOf(leg.length > 0 ? leg : corner);
  const corners = gussetFromAbove(plate, trailer.frame.bed.lengthM / 2);
  return slab(polygonProfile(corners), [0, 0, z - plate.thicknessM], X, Y, plate.thicknessM);
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
      return {
        ...slab(
          rectangleProfile(-lengthM / 2, -widthM / 2, lengthM, widthM),
          [centre.xM, centre.yM + thicknessM / 2, centre.zM],
          X,
          Z,
          thicknessM,
        ),
        cuts: plate.holes.map(({ alongM, upM, diameterM }) => {
          const [x, z] = [centre.xM - lengthM / 2 + alongM, centre.zM - widthM / 2 + upM];
          return {
            kind: 'cylinder',
            start: [x, centre.yM - thicknessM, z],
            end: [x, centre.yM + thicknessM, z],
            radiusM: diameterM / 2,
          };
        }),
      };
    case 'cap':
      return capBody(chassis, plate);
    case 'gusset':
      return gussetBody(trailer, chassis, plate);
  }
};
