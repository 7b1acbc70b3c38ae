import { spawn } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';

export const FRAME_MS = 1000 / 60;

/** The built page in the browser, its first note read; `work` gets it with its address, and everything is put away afterwards. */
export const withPage = async (root, port, work) => {
  const server = spawn('node', [join(root, 'server/dist/main.js'), '--port', String(port)], { stdio: 'ignore' });
  const browser = await chromium.launch({
    executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu'],
  });
  const address = `http://127.0.0.1:${port}/`;
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' });
    for (let tries = 0; tries < 50; tries += 1) {
      try {
        await page.goto(address);
        break;
      } catch {
        await new Promise((resolve) => setTimeout(resolve, 200));
      }
    }
    await page.getByRole('button', { name: 'Understood' }).click();
    return await work(page, address);
  } finally {
    await browser.close();
    server.kill();
  }
};

/** Opens a file of so many trailers by the page's own button. */
export const openFile = async (page, name, text) => {
  const file = join(mkdtempSync(join(tmpdir(), 'kereta-')), name);
  writeFileSync(file, text);
  await page.locator('input[type="file"]').setInputFiles(file);
};
