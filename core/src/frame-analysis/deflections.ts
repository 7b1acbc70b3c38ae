import type { Vector3 } from './frame.js';
import { type Polynomial, signChanges, valueAt } from './polynomial.js';
import type { PreparedMember } from './prepare.js';

import type { Extreme } from './extremes.js';
import { type MemberPieces, ROW } from './pieces.js';

/** Movement of the member's line along one local axis, a polynomial of degree five on each piece, from the piece's start. */
export interface Deflection {
  readonly breaksM: Float64Array;
  readonly pieces: readonly Polynomial[];
}

/** How far the member's own line moves along x, y, z (local), exact: inner forces ÷ stiffness, integrated from its first end. */
export const deflections = (
  { breaksM }: MemberPieces,
  rows: Float64Array,
  { member }: PreparedMember,
  endMovements: ArrayLike<number>,
): readonly [Deflection, Deflection, Deflection] => {
  const ea = member.elasticPa * member.areaM2;
  const eiy = member.elasticPa * member.iyM4;
  const eiz = member.elasticPa * member.izM4;
  const soft = (area: number | undefined): number => (area === undefined ? 0 : 1 / (member.shearPa * area));
  const [softY, softZ] = [soft(member.shearAreaYM2), soft(member.shearAreaZM2)];
  const start = (i: number): number => endMovements[i] as number;
  let [u, v, w, ry, rz] = [start(0), start(1), start(2), start(4), start(5)];
  const along: Polynomial[] = [];
  const sideways: Polynomial[] = [];
  const upward: Polynomial[] = [];
  for (let piece = 0; piece < breaksM.length - 1; piece += 1) {
    const s = (breaksM[piece + 1] as number) - (breaksM[piece] as number);
    const value = (i: number): number => rows[piece * ROW + i] as number;
    const [n, vy, vz, my, mz] = [value(0), value(1), value(2), value(4), value(5)];
    const [qx, qy, qz, gx, gy, gz] = [value(6), value(7), value(8), value(9), value(10), value(11)];
    const stretch = [u, n / ea, -qx / (2 * ea), -gx / (6 * ea)];
    // v″ = Mz/EIz with Mz = mz − vy·s + qy·s²/2 + gy·s³/6; shear adds its own slope.
    const side = [
      v,
      rz + vy * softY,
      mz / (2 * eiz) - (qy / 2) * softY,
      -vy / (6 * eiz) - (gy / 6) * softY,
      qy / (24 * eiz),
      gy / (120 * eiz),
    ];
    // w″ = −My/EIy with My = my + vz·s − qz·s²/2 − gz·s³/6.
    const up = [
      w,
      -ry + vz * softZ,
      -my / (2 * eiy) - (qz / 2) * softZ,
      -vz / (6 * eiy) - (gz / 6) * softZ,
      qz / (24 * eiy),
      gz / (120 * eiy),
    ];
    along.push(stretch);
    sideways.push(side);
    upward.push(up);
    u = valueAt(stretch, s);
    v = valueAt(side, s);
    w = valueAt(up, s);
    rz += (mz * s - (vy * s * s) / 2 + (qy * s ** 3) / 6 + (gy * s ** 4) / 24) / eiz;
    ry += (my * s + (vz * s * s) / 2 - (qz * s ** 3) / 6 - (gz * s ** 4) / 24) / eiy;
  }
  return [
    { breaksM, pieces: along },
    { breaksM, pieces: sideways },
    { breaksM, pieces: upward },
  ];
};

export const deflectionAt = ({ breaksM, pieces }: Deflection, xM: number): number => {
  let piece = 0;
  while (piece < pieces.length - 1 && xM >= (breaksM[piece + 1] as number)) piece += 1;
  return valueAt(pieces[piece] as Polynomial, xM - (breaksM[piece] as number));
};

/** Where the line is furthest from the straight line between two of its own places, and how far; exact. */
export const largestBow = (line: Deflection): Extreme => {
  const { breaksM, pieces } = line;
  const lengthM = breaksM.at(-1) as number;
  const startM = deflectionAt(line, 0);
  const slope = (deflectionAt(line, lengthM) - startM) / lengthM;
  let worst: Extreme = { xM: 0, value: 0 };
  pieces.forEach((piece, i) => {
    const from = breaksM[i] as number;
    const bow = Array.from(piece, (c, k) => (k === 0 ? c - startM - slope * from : k === 1 ? c - slope : c));
    const to = (breaksM[i + 1] as number) - from;
    const turns = signChanges(
      bow.slice(1).map((c, k) => (k + 1) * c),
      0,
      to,
    );
    for (const s of [0, ...turns, to]) {
      const value = valueAt(bow, s);
      if (Math.abs(value) > Math.abs(worst.value)) worst = { xM: from + s, value };
    }
  });
  return worst;
};

/** A vector of the member's own axes as [along, sideways, up] at x. */
export const movementAt = (lines: readonly [Deflection, Deflection, Deflection], xM: number): Vector3 => [
  deflectionAt(lines[0], xM),
  deflectionAt(lines[1], xM),
  deflectionAt(lines[2], xM),
];
