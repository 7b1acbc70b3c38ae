import { defineConfig } from '@playwright/test';

const port = Number(process.env['E2E_PORT'] ?? 4179);

export default defineConfig({
  testDir: 'e2e',
  // Each test has a browser context and a database of its own: only the server is shared, and that keeps nothing.
  fullyParallel: true,
  workers: 2,
  retries: 0,
  reporter: [['list'], ['json', { outputFile: '.cache/playwright.json' }]],
  timeout: 120_000,
  expect: { timeout: 10_000 },
  outputDir: '.cache/playwright',
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    locale: 'en-US',
    timezoneId: 'UTC',
    colorScheme: 'light',
    // Each test would take the whole application in anew; the one about working without a network allows it.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  webServer: {
    command: `node server/dist/main.js --port ${port}`,
    url: `http://127.0.0.1:${port}/api/health`,
    reuseExistingServer: false,
    timeout: 20_000,
  },
});
