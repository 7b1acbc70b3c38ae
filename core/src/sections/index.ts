export { areaBelow, type AreaIntegrals, areaIntegrals, plasticAxis } from './areaIntegrals.js';
export { type Outline as SectionOutline, outlineOf } from './outline.js';
export {
  type PlasticProperties,
  plasticProperties,
  type SectionProperties,
  sectionProperties,
} from './properties.js';
export { type BarProperties, barProperties, designShape, doubledBar, type Section } from './section.js';
export { outsideSize, type Shape, type ShapeProblem, wallThicknessM } from './shape.js';
export { type TorsionMethod, torsionConstantM4 } from './torsion.js';
export { type BuildUp, builtUpBar, buildUpsOf, seamFlow } from './builtUp.js';
