import type { Chassis } from '../../chassis/index.js';
import { length, subtract, type Vector3 } from '../../frame-analysis/index.js';
import type { Trailer } from '../../project/index.js';
import type { Framing, Station } from './framing.js';
import { RIGID } from './rigid.js';

/**
 * Shear modulus of a deck in its own plane as it is fastened, Pa: screws give far more than the panel that they hold (plywood 0.7 GPa by itself;
 * about a ninth of that is what an independent model of a screwed deck has), planks slide on each other, stitched plate is nearly whole.
 */
const SHEAR_PA: Readonly<Record<Trailer['frame']['deck']['kind'], number | undefined>> = {
  none: undefined,
  'expanded-steel': undefined,
  plywood: 8e7,
  planks: 2e7,
  'steel-sheet': 1e10,
  'aluminum-sheet': 4e9,
};

/** A deck that is fastened to every bar under it and carries in its own plane. */
export const isSheet = ({ frame }: Trailer): boolean => SHEAR_PA[frame.deck.kind] !== undefined;

interface Bar {
  readonly start: Vector3;
  readonly stations: readonly Station[];
}

/**
 * The deck between each two bars across as a pair of crossed ties of the panel's own shear stiffness: A·E = G·t·L³ ÷ 2ab, for a panel of
 * a by b with the diagonal L.
 */
export const placeDeckSheet = (trailer: Trailer, chassis: Chassis, frame: Framing, crosses: readonly Bar[]): void => {
  const shearPa = SHEAR_PA[trailer.frame.deck.kind];
  if (shearPa === undefined) return;
  const zM = chassis.deckTopZM - trailer.frame.deck.thicknessM / 2;
  const ends = crosses.map(({ stations }) => [stations[0], stations[1]] as const);
  ends.slice(1).forEach((next, i) => {
    const last = ends[i] as (typeof ends)[number];
    const tie = (name: string, from: Station | undefined, to: Station | undefined): void => {
      if (!from || !to) return;
      const up = (node: string): Vector3 => [0, 0, zM - frame.at(node)[2]];
      const run = subtract(frame.at(to.node), frame.at(from.node));
      const [a, b] = [Math.abs(run[0]), Math.abs(run[1])];
      if (a < 1e-3 || b < 1e-3) return;
      const diagonalM = length([a, b, 0]);
      frame.element({
        id: `deck.${i + 1}.${name}`,
        from: from.node,
        to: to.node,
        ...RIGID,
        areaM2: (shearPa * trailer.frame.deck.thicknessM * diagonalM ** 3) / (2 * a * b) / RIGID.elasticPa,
        offsetFrom: up(from.node),
        offsetTo: up(to.node),
        releaseFrom: ['ry', 'rz'],
        releaseTo: ['rx', 'ry', 'rz'],
      });
    };
    tie('left', last[0], next[1]);
    tie('right', last[1], next[0]);
  });
};
