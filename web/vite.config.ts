import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, constants } from 'node:zlib';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';

/** Code and styles once more, as small as they get: done once here, the server has nothing to compress when they are asked for. */
const smallest = (): Plugin => ({
  name: 'smallest',
  apply: 'build',
  writeBundle: ({ dir = '' }) => {
    const assets = join(dir, 'assets');
    for (const name of readdirSync(assets).filter((file) => /\.(js|css)$/.test(file)))
      writeFileSync(
        join(assets, `${name}.br`),
        brotliCompressSync(readFileSync(join(assets, name)), { params: { [constants.BROTLI_PARAM_QUALITY]: 11 } }),
      );
  },
});

export default defineConfig({
  plugins: [react(), tailwindcss(), smallest()],
  // What only some jobs need, as the solver, is loaded by these jobs.
  worker: { format: 'es' },
  build: { target: 'es2023', sourcemap: false, manifest: true },
});
