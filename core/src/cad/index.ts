export { type NamedShape, shapeSteps, type SolidFormat, solidsFile } from './files.js';
export { type Kernel, loadKernel } from './kernel.js';
