import { designShape } from '../../sections/index.js';
import type { Member } from '../../chassis/index.js';
import type { Trailer } from '../../project/index.js';
import { publishedVerify, type Source } from '../../source.js';
import { channelSizes } from '../resistance/steel.js';

/** Length of a hanger or bracket along the rail, m: weld-on hangers are 3 to 4 in long (common practice). */
const HANGER_LENGTH_M = 0.09;

/** A bracket that takes an arm's or a spindle's moment is longer than a hanger, m: 6 to 10 in (common practice). */
const BRACKET_LENGTH_M = 0.15;

/** Weld down each side of what holds the axle, m. */
export const heldLengthM = ({ runningGear }: Trailer): number =>
  ['torsion', 'swing-arm', 'stub', 'walking-beam'].includes(runningGear.suspension.kind)
    ? BRACKET_LENGTH_M
    : HANGER_LENGTH_M;

export const CRIPPLING_SOURCE: Source = publishedVerify('AISC 360-16 J10.2, J10.3, both walls of a tube');

/** Weld-on hangers are so wide over both cheeks, of plate this thick, m (common practice: 2-1/4 in, 1/4 in). */
const HANGER_WIDTH_M = 0.05715;
const CHEEK_M = 0.00635;

/**
 * What the wall of a tube wider than its hangers bears between its sides, N, both cheeks: AISC 360-10 table K1.2, plate along the wall, per
 * cheek Fy·t²·(2N/B + 4·√(1 − tp/B)) ÷ (1 − tp/B), Ω = 1.50 (recalled).
 */
const betweenSidesN = (fy: number, t: number, widthM: number): number => {
  const open = 1 - CHEEK_M / widthM;
  return (2 * fy * t ** 2 * ((2 * HANGER_LENGTH_M) / widthM + 4 * Math.sqrt(open))) / open / 1.5;
};

/**
 * Force that the rail's walls bear over a hanger, N: the less of local yielding and crippling, and of the bottom wall where the hanger stands
 * between the sides; undefined for a bar that has no web.
 */
export const hangerStrengthN = ({ section, material, pieces }: Member): number | undefined => {
  const shape = designShape(section);
  const fy = material.family === 'steel' ? material.yieldPa : (material.weldedYieldPa ?? material.yieldPa);
  const e = material.elasticPa;
  const lb = HANGER_LENGTH_M;
  const walls = (count: number, t: number, flangeT: number, depth: number, k: number): number => {
    const yielding = (fy * t * (5 * k + lb)) / 1.5;
    const crippling =
      (0.8 * t ** 2 * (1 + 3 * (lb / depth) * (t / flangeT) ** 1.5) * Math.sqrt((e * fy * flangeT) / t)) / 2;
    return pieces * count * Math.min(yielding, crippling);
  };
  switch (shape.kind) {
    case 'rect-tube': {
      const sides = walls(
        2,
        shape.wallM,
        shape.wallM,
        Math.max(shape.heightM - 3 * shape.wallM, shape.wallM),
        1.5 * shape.wallM,
      );
      return shape.widthM > HANGER_WIDTH_M + 2 * shape.wallM
        ? Math.min(sides, pieces * betweenSidesN(fy, shape.wallM, shape.widthM))
        : sides;
    }
    case 'channel':
    case 'bent-channel': {
      const { web, flange, depthM } = channelSizes(shape);
      const root = shape.kind === 'channel' ? shape.rootRadiusM : shape.outerRadiusM;
      return walls(1, web, flange, depthM - 2 * flange, flange + root);
    }
    default:
      return undefined;
  }
};
