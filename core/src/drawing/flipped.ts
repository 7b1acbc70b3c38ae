import { type Dimension, type DrawnView, mapShape, type Point } from './shapes.js';

const over = ([x, y]: Point): Point => [x, -y];
const OTHER_SIDE = { below: 'above', above: 'below', left: 'left', right: 'right', on: 'on' } as const;

const flippedDimension = (dimension: Dimension): Dimension => {
  const { axis, from, to, start, side, at } = dimension;
  const [a, b] = start;
  return {
    ...dimension,
    side: OTHER_SIDE[side],
    ...(axis === 'across' ? { start: [-a, -b] } : { from: -to, to: -from }),
    ...(axis === 'across' && at !== undefined ? { at: -at } : {}),
  };
};

/** A view from above of what lies upside down: front stays at the left, right and left change. */
export const flippedView = (view: DrawnView): DrawnView => ({
  ...view,
  // What lay lowest is painted last: it lies up now.
  shapes: view.shapes.map((shape) => mapShape(shape, over)).toReversed(),
  dimensions: view.dimensions.map(flippedDimension),
  labels: view.labels.map((label) => ({ ...label, at: over(label.at) })),
  arrows: view.arrows.map((arrow) => ({ ...arrow, at: over(arrow.at) })),
  ...(view.balancePoint ? { balancePoint: { ...view.balancePoint, at: over(view.balancePoint.at) } } : {}),
});
