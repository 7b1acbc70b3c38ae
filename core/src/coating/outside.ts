import { outlineOf, type SectionOutline, type Shape } from '../sections/index.js';

const edgeLengthM = (edge: SectionOutline[number]): number =>
  edge.kind === 'line' ? Math.hypot(edge.y1 - edge.y0, edge.z1 - edge.z0) : Math.abs(edge.radius * edge.sweep);

/** Length of a section's outside, m: what is painted, and welded where it ends. */
export const outsideM = (shape: Shape): number => {
  switch (shape.kind) {
    case 'rect-tube':
      return 2 * (shape.widthM + shape.heightM) - (8 - 2 * Math.PI) * shape.outerRadiusM;
    case 'round-tube':
      return Math.PI * shape.diameterM;
    case 'angle':
    case 'channel':
    case 'bent-channel':
    case 'flat-bar': {
      // Of a shape that cannot be drawn nothing is bought or built: there is a finding that says so.
      const outline = outlineOf(shape);
      return outline.ok ? outline.value.reduce((sum, edge) => sum + edgeLengthM(edge), 0) : 0;
    }
  }
};

/** Inside of a hollow section: its length around, m, and the area that is open, m²; none of what is not hollow. */
export const insideOf = (shape: Shape): { readonly aroundM: number; readonly areaM2: number } | undefined => {
  if (shape.kind === 'round-tube') {
    const boreM = Math.max(0, shape.diameterM - 2 * shape.wallM);
    return { aroundM: Math.PI * boreM, areaM2: (Math.PI * boreM ** 2) / 4 };
  }
  if (shape.kind !== 'rect-tube') return undefined;
  const [w, h] = [shape.widthM - 2 * shape.wallM, shape.heightM - 2 * shape.wallM];
  const r = shape.innerRadiusM;
  return { aroundM: 2 * (w + h) - (8 - 2 * Math.PI) * r, areaM2: w * h - (4 - Math.PI) * r ** 2 };
};
