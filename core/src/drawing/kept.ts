import type { Chassis } from '../chassis/index.js';
import type { Trailer } from '../project/index.js';
import type { DrawnShape } from './shapes.js';

/**
 * Keeps what was drawn of a chassis: while axle and loads move, the frame's shapes are the very same and need not be painted again. Only
 * for what goes by the frame alone, as the chassis itself does.
 */
export const keptOfFrame = (
  draw: (trailer: Trailer, chassis: Chassis) => readonly DrawnShape[],
): ((trailer: Trailer, chassis: Chassis) => readonly DrawnShape[]) => {
  const kept = new WeakMap<Chassis, readonly DrawnShape[]>();
  return (trailer, chassis) => {
    const known = kept.get(chassis);
    if (known) return known;
    const shapes = draw(trailer, chassis);
    kept.set(chassis, shapes);
    return shapes;
  };
};
