import { designShape } from '../../sections/index.js';
import type { Member } from '../../chassis/index.js';
import { publishedVerify, type Source } from '../../source.js';
import { channelSizes } from '../resistance/steel.js';

/** Length of a hanger or bracket along the rail, m: weld-on hangers are 3 to 4 in long (common practice). */
export const HANGER_LENGTH_M = 0.09;

export const CRIPPLING_SOURCE: Source = publishedVerify('AISC 360-16 J10.2, J10.3, both walls of a tube');

/** Force that the rail's walls bear over a hanger, N: the less of local yielding and crippling; undefined for a bar that has no web. */
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
    case 'rect-tube':
      return walls(
        2,
        shape.wallM,
        shape.wallM,
        Math.max(shape.heightM - 3 * shape.wallM, shape.wallM),
        1.5 * shape.wallM,
      );
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
