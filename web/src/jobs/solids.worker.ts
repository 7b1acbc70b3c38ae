import {
  evaluate,
  frameSolids,
  loadKernel,
  type Progress,
  shapeSteps,
  type SolidFormat,
  solidsFile,
  type Trailer,
} from '@kereta/core';
import { expose, transfer } from 'comlink';

/** Makes the frame's solids and a file of them, telling how many are made. */
const make = async (
  trailer: Trailer,
  format: SolidFormat,
  onProgress: (progress: Progress) => void,
): Promise<Uint8Array> => {
  const kernel = await loadKernel();
  const { chassis, cutList } = evaluate(trailer);
  const steps = shapeSteps(kernel, frameSolids(trailer, chassis, cutList));
  for (;;) {
    const step = steps.next();
    if (step.done) {
      const bytes = await solidsFile(kernel, step.value, format);
      return transfer(bytes, [bytes.buffer]);
    }
    onProgress(step.value);
  }
};

const maker = { make };
export type SolidMaker = typeof maker;
expose(maker);
