import { spawn } from 'node:child_process';
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { ensureBuilt, ROOT } from './toolbox.mjs';

// Pictures of the main views for docs/screenshots, or of one view: node scripts/screenshots.mjs out.png /path [dark|phone]
const PORT = 4181;
const VIEWS = [
  ['shed', '/', 'light'],
  ['six-questions', '/new', 'light'],
  ['axle', '/trailer/demo.apiary-flatbed/axle', 'light'],
  ['frame', '/trailer/demo.telescope-trailer/frame', 'light'],
  ['loads', '/trailer/demo.oven-trailer/loads', 'light'],
  ['tongue', '/trailer/demo.apiary-flatbed/tongue', 'light'],
  ['strength', '/trailer/demo.apiary-flatbed/strength', 'light'],
  ['lights', '/trailer/demo.apiary-flatbed/lights', 'light'],
  ['weigh', '/trailer/demo.apiary-flatbed/weigh', 'light'],
  ['balance', '/trailer/demo.oven-trailer/balance', 'light'],
  ['towing', '/trailer/demo.apiary-flatbed/towing', 'light'],
  ['training', '/trailer/demo.apiary-flatbed/training', 'light'],
  ['cut', '/trailer/demo.apiary-flatbed/cut', 'light'],
  ['buy', '/trailer/demo.apiary-flatbed/buy', 'light'],
  ['saw-phone', '/trailer/demo.apiary-flatbed/saw', 'phone'],
  ['build', '/trailer/demo.apiary-flatbed/build?task=cross-members', 'light'],
  ['task-phone', '/trailer/demo.apiary-flatbed/task/axle', 'phone'],
  ['square-phone', '/trailer/demo.apiary-flatbed/square', 'phone'],
  ['drawing-sheet', '/trailer/demo.telescope-trailer/print/drawing', 'light'],
];

/** What is done on a view before its picture is taken. */
const ACTS = {
  frame: async (page) => {
    await page.getByText('Body and add-ons', { exact: true }).click();
    for (const piece of ['Sides', 'Headboard', 'Gate'])
      await page.getByLabel('Put on', { exact: true }).selectOption({ label: piece });
    await page.getByRole('button', { name: '3-D view' }).click();
  },
  strength: (page) => page.locator('[data-part="cross.3:share"]').click(),
  'six-questions': async (page) => {
    await page.getByLabel('In a word or two').fill('slates for a roof');
    await page.getByLabel('Weight of all of it').fill('2000');
    await page.getByLabel('Long').fill('10 ft');
    await page.getByLabel('Wide').fill('5 ft');
    await page.getByLabel('Most like').selectOption({ label: 'Full-size pickup' });
  },
  training: async (page) => {
    await page.getByRole('radio', { name: 'More' }).check();
    await page.getByRole('button', { name: 'See what the model says' }).click();
  },
  lights: (page) =>
    page
      .getByRole('heading', { name: 'Runs and their holes' })
      .evaluate((heading) => heading.scrollIntoView({ block: 'center' })),
  cut: async (page) => {
    await page.getByText('No plan buys less metal.').first().waitFor();
    await page.getByRole('region', { name: 'Sticks' }).evaluate((region) => region.scrollIntoView({ block: 'start' }));
  },
  buy: async (page) => {
    await page.getByRole('button', { name: 'Ask a yard' }).click();
    await page.getByRole('button', { name: 'Stand-in yard, inch sizes, USD' }).click();
    await page.getByRole('button', { name: /Take these/ }).click();
    await page.getByRole('heading', { level: 1 }).scrollIntoViewIfNeeded();
  },
  weigh: async (page) => {
    const address = page.url();
    await page.goto(address.replace('/weigh', '/weigh-in'));
    const live = page.getByRole('region', { name: 'A scale that is read live' });
    for (const load of ['Empty', 'Full hives']) {
      await page.getByLabel('What is aboard now').selectOption({ label: load });
      await live.getByRole('button', { name: 'Connect the stand-in' }).click();
      for (const channel of ['tongue', 'left wheels', 'right wheels'])
        await live.getByRole('button', { name: `Take ${channel}` }).click({ timeout: 30_000 });
      await page.getByRole('button', { name: 'Keep this weigh-in' }).click();
      await live.getByRole('button', { name: 'Disconnect' }).click();
    }
    await page.goto(address);
    await page.getByRole('table', { name: 'Masses before and after the scale' }).waitFor();
  },
  'square-phone': async (page) => {
    for (const [name, text] of [
      ['Axle, L to the left end', "10' 5 1/4"],
      ['Axle, R to the right end', "10' 5 1/2"],
    ]) {
      await page.getByRole('textbox', { name }).fill(text);
      await page.getByRole('textbox', { name }).press('Enter');
    }
    await page
      .getByRole('region', { name: 'Axle', exact: true })
      .evaluate((region) => region.scrollIntoView({ block: 'start' }));
  },
  'drawing-sheet': (page) => page.getByRole('combobox', { name: 'Sheet' }).selectOption('3-D view'),
  'saw-phone': (page) => page.getByRole('checkbox').first().click(),
};

await ensureBuilt();
const server = spawn(process.execPath, ['server/dist/main.js', '--port', String(PORT)], { cwd: ROOT, stdio: 'ignore' });
const isUp = () =>
  fetch(`http://127.0.0.1:${PORT}/`).then(
    ({ ok }) => ok,
    () => false,
  );
// A busy machine takes its time to begin.
for (let tries = 0; tries < 100 && !(await isUp()); tries += 1)
  await new Promise((resolve) => setTimeout(resolve, 200));
const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--use-angle=swiftshader', '--enable-unsafe-swiftshader'],
});
const take = async (file, path, mode, act) => {
  const phone = mode === 'phone';
  const context = await browser.newContext({
    viewport: phone ? { width: 390, height: 844 } : { width: 1280, height: 800 },
    colorScheme: mode === 'dark' ? 'dark' : 'light',
    locale: 'en-US',
    timezoneId: 'UTC',
    serviceWorkers: 'block',
  });
  const page = await context.newPage();
  page.on('pageerror', (error) => console.error(path, error.message));
  page.on('console', (message) => message.type() === 'error' && console.error(path, message.text()));
  await page.goto(`http://127.0.0.1:${PORT}/`);
  await page.getByRole('button', { name: 'Understood' }).click();
  await page.goto(`http://127.0.0.1:${PORT}${path}`);
  // The browser may not have kept the click yet when the page was left.
  const note = page.getByRole('button', { name: 'Understood' });
  await page.waitForLoadState('networkidle');
  await page.waitForTimeout(500);
  if (await note.isVisible()) await note.click();
  // The frame is analysed in the worker; drawing in space without a graphics card takes its time.
  await page.waitForTimeout(2500);
  if (act) {
    await act(page);
    await page.waitForTimeout(5000);
  }
  await page.screenshot({ path: file, fullPage: false });
  await context.close();
};
try {
  const [file, path, mode = 'light'] = process.argv.slice(2);
  if (file && path) {
    await take(file, path, mode);
  } else {
    const folder = join(ROOT, 'docs', 'screenshots');
    mkdirSync(folder, { recursive: true });
    for (const [name, address, view] of VIEWS) await take(join(folder, `${name}.png`), address, view, ACTS[name]);
  }
} finally {
  await browser.close();
  server.kill();
}
