import type { Progress, SolidFormat, Trailer } from '@kereta/core';
import { proxy, type Remote, wrap } from 'comlink';
import type { SolidMaker } from './solids.worker';

/**
 * The frame's solids as a file. They are made in a worker of their own, begun for this one file and ended with it: the solid modeller is large,
 * keeps hundreds of megabytes, builds functions from text, which no other part of the page may, and cannot be interrupted.
 */
export const makeSolids = async (
  trailer: Trailer,
  format: SolidFormat,
  signal: AbortSignal,
  onProgress: (progress: Progress) => void,
): Promise<Uint8Array> => {
  const worker = new Worker(new URL('./solids.worker.ts', import.meta.url), { type: 'module' });
  const gone = new Promise<never>((_, reject) => {
    signal.addEventListener('abort', () => reject(new DOMException('called off', 'AbortError')));
    worker.addEventListener('error', () => reject(new Error('The solid modeller could not be loaded.')));
  });
  try {
    const maker: Remote<SolidMaker> = wrap(worker);
    return await Promise.race([maker.make(trailer, format, proxy(onProgress)), gone]);
  } finally {
    worker.terminate();
  }
};
