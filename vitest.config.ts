import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    reporters: ['default', ['json', { outputFile: '.cache/vitest.json' }]],
    projects: [
      {
        test: {
          name: 'node',
          environment: 'node',
          // Pure functions throughout: each worker loads the core once and not once a file.
          isolate: false,
          include: ['core/src/**/*.test.ts', 'server/src/**/*.test.ts', 'cli/src/**/*.test.ts'],
          testTimeout: 20_000,
          setupFiles: ['vitest.setup.ts'],
        },
      },
      {
        test: {
          name: 'page',
          environment: 'happy-dom',
          include: ['web/src/**/*.test.{ts,tsx}'],
          testTimeout: 20_000,
          setupFiles: ['vitest.setup.ts'],
        },
      },
    ],
  },
});
