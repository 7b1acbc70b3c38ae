import type { MemberStiffness, Vector3 } from './frame.js';

/** Rows and columns of a member: ux uy uz rx ry rz of its first end, then of its second. */
export const SIZE = 12;

/** Ratio of shear to bending flexibility, 12·E·I ÷ (G·A_s·L²); 0 without shear deformation. */
const shearRatio = (bendingNm2: number, shearPa: number, shearAreaM2: number | undefined, lengthM: number): number =>
  shearAreaM2 === undefined ? 0 : (12 * bendingNm2) / (shearPa * shearAreaM2 * lengthM * lengthM);

export interface ShearRatios {
  /** bending in the local x-y plane */
  readonly y: number;
  /** bending in the local x-z plane */
  readonly z: number;
}

export const shearRatios = (member: MemberStiffness, lengthM: number): ShearRatios => ({
  y: shearRatio(member.elasticPa * member.izM4, member.shearPa, member.shearAreaYM2, lengthM),
  z: shearRatio(member.elasticPa * member.iyM4, member.shearPa, member.shearAreaZM2, lengthM),
});

/**
 * 12 × 12 stiffness of a straight prismatic member in its local axes, row by row, N/m, N and N·m, into zeroes.
 * Source: slope-deflection equations with shear, as in Przemieniecki, Theory of Matrix Structural Analysis, eq. 5.116 (recalled).
 */
export const beamStiffness = (
  member: MemberStiffness,
  lengthM: number,
  k: Float64Array = new Float64Array(SIZE * SIZE),
): Float64Array => {
  const set = (row: number, column: number, value: number): void => {
    k[row * SIZE + column] = value;
    k[column * SIZE + row] = value;
  };
  const l = lengthM;
  const axial = (member.elasticPa * member.areaM2) / l;
  set(0, 0, axial);
  set(6, 6, axial);
  set(0, 6, -axial);
  const twist = (member.shearPa * member.torsionM4) / l;
  set(3, 3, twist);
  set(9, 9, twist);
  set(3, 9, -twist);
  const ratios = shearRatios(member, l);
  // Rotation about y turns z down along x: the x-z plane has its rotations with the opposite sign.
  const plane = (shift: number, turn: number, bending: number, ratio: number, sign: 1 | -1): void => {
    const ei = bending / (1 + ratio);
    const shear = (12 * ei) / l ** 3;
    const mixed = (sign * 6 * ei) / l ** 2;
    const near = ((4 + ratio) * ei) / l;
    const far = ((2 - ratio) * ei) / l;
    const [a, b, c, d] = [shift, turn, shift + 6, turn + 6];
    set(a, a, shear);
    set(c, c, shear);
    set(a, c, -shear);
    set(a, b, mixed);
    set(a, d, mixed);
    set(c, b, -mixed);
    set(c, d, -mixed);
    set(b, b, near);
    set(d, d, near);
    set(b, d, far);
  };
  plane(1, 5, member.elasticPa * member.izM4, ratios.y, 1);
  plane(2, 4, member.elasticPa * member.iyM4, ratios.z, -1);
  return k;
};

/** Adds weight × the member's shape functions at x to `into`: the nodal forces that do the same work as `force` at x (local axes). */
const addShapeFunctions = (
  into: Float64Array,
  x: number,
  lengthM: number,
  ratios: ShearRatios,
  force: Vector3,
  weight: number,
): void => {
  const s = x / lengthM;
  into[0] = (into[0] as number) + weight * force[0] * (1 - s);
  into[6] = (into[6] as number) + weight * force[0] * s;
  const plane = (shift: number, turn: number, value: number, ratio: number): void => {
    // Most loads work in one plane.
    if (value === 0) return;
    const f = (weight * value) / (1 + ratio);
    const square = s * s;
    const cube = square * s;
    const lever = turn === 5 ? f * lengthM : -f * lengthM;
    into[shift] = (into[shift] as number) + f * (1 - 3 * square + 2 * cube + ratio * (1 - s));
    into[shift + 6] = (into[shift + 6] as number) + f * (3 * square - 2 * cube + ratio * s);
    into[turn] = (into[turn] as number) + lever * (s - 2 * square + cube + (ratio / 2) * (s - square));
    into[turn + 6] = (into[turn + 6] as number) + lever * (cube - square + (ratio / 2) * (square - s));
  };
  plane(1, 5, force[1], ratios.y);
  plane(2, 4, force[2], ratios.z);
};

/** Gauss-Legendre, three points: exact to degree five; a load even along its stretch times cubic shapes is of degree four. */
const GAUSS = [
  { at: -Math.sqrt(0.6), weight: 5 / 9 },
  { at: 0, weight: 8 / 9 },
  { at: Math.sqrt(0.6), weight: 5 / 9 },
] as const;

/** Equivalent end forces of a point load (local axes, N); fixed-end forces are their negative (Betti). Adds to `into`. */
export const addPointLoad = (
  into: Float64Array,
  atM: number,
  forceN: Vector3,
  lengthM: number,
  ratios: ShearRatios,
): void => addShapeFunctions(into, atM, lengthM, ratios, forceN, 1);

/** The same of a load that runs evenly from one intensity to another over part of the length. */
export const addSpreadLoad = (
  into: Float64Array,
  fromM: number,
  toM: number,
  start: Vector3,
  end: Vector3,
  lengthM: number,
  ratios: ShearRatios,
): void => {
  const half = (toM - fromM) / 2;
  for (const { at, weight } of GAUSS) {
    const share = (1 + at) / 2;
    const force: Vector3 = [
      start[0] + (end[0] - start[0]) * share,
      start[1] + (end[1] - start[1]) * share,
      start[2] + (end[2] - start[2]) * share,
    ];
    addShapeFunctions(into, fromM + half * (1 + at), lengthM, ratios, force, weight * half);
  }
};
