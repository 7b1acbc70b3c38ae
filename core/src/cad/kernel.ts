/** The CAD kernel's functions. */
export type Kernel = typeof import('replicad');

let loading: Promise<Kernel> | undefined;

/** The CAD kernel (Open CASCADE, WASM, 23 MB), loaded when it is first asked for. */
export const loadKernel = (): Promise<Kernel> => {
  loading ??= Promise.all([import('replicad'), import('replicad-opencascadejs')])
    .then(async ([kernel, { default: begin }]) => {
      // It prints how far a file is written; progress is told by pieces.
      kernel.setOC(await begin({ print: () => undefined }));
      return kernel;
    })
    .catch((error: unknown) => {
      // What could not be loaded once may be there the next time.
      loading = undefined;
      throw error;
    });
  return loading;
};
