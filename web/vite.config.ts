import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, constants } from 'node:zlib';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

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
  plugins: [
    react(),
    tailwindcss(),
    smallest(),
    // Works without a network after the first visit. A newer version waits until somebody takes it.
    VitePWA({
      registerType: 'prompt',
      injectRegister: false,
      manifest: {
        name: 'Kereta',
        short_name: 'Kereta',
        description: 'Design a trailer chassis, check it, cut it, build it',
        display: 'standalone',
        start_url: '/',
        background_color: '#fbf9f2',
        theme_color: '#fbf9f2',
        icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2}', 'assets/highs-*.wasm'],
        maximumFileSizeToCacheInBytes: 5_000_000,
        cleanupOutdatedCaches: true,
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//],
        runtimeCaching: [
          {
            // The solid modeller is large: it is kept from the first time that somebody asks for solids.
            urlPattern: /\/assets\/replicad.*\.wasm$/,
            handler: 'CacheFirst',
            options: { cacheName: 'solid-modeller', expiration: { maxEntries: 1 } },
          },
        ],
      },
    }),
  ],
  // What only some jobs need, as the solver, is loaded by these jobs.
  worker: { format: 'es' },
  build: {
    target: 'es2023',
    sourcemap: false,
    manifest: true,
    // What every page is made with comes in one piece: small ones cost more in asking than in bytes.
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            { name: 'page', test: /node_modules[\\/](react|react-dom|scheduler|react-router|@tanstack)[\\/]/ },
            // Modules that wait, as for a phrasebook, would split what the first page needs into dozens of files.
            { name: 'start', tags: ['$initial'] },
          ],
        },
      },
    },
    // The lists of what each page needs would be a part of the first load; the server is near, and later all of it is kept here.
    modulePreload: {
      polyfill: false,
      resolveDependencies: (_file, needs, { hostType }) => (hostType === 'html' ? needs : []),
    },
  },
});
