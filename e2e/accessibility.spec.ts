import { expect, test } from '@playwright/test';
import { goTo, openDemo, openShed, seriousFaults } from './trailer';

const STEPS = [
  'The job',
  'Bed & frame',
  'What’s on it',
  'Axle & wheels',
  'Tongue & coupler',
  'Is it strong?',
  'Balance',
  'How it tows',
  'Cut & buy',
];

for (const colorScheme of ['light', 'dark'] as const) {
  test.describe(`${colorScheme} view`, () => {
    test.use({ colorScheme });
    test('axe finds nothing serious on the shed', async ({ page }) => {
      await openShed(page);
      expect(await seriousFaults(page)).toEqual([]);
    });
    test('axe finds nothing serious on any step of the workbench, nor on the printed sheet', async ({ page }) => {
      await openDemo(page, 'Apiary flatbed');
      const found: string[] = [];
      for (const step of STEPS) {
        await goTo(page, step);
        found.push(...(await seriousFaults(page)).map((fault) => `${step}: ${fault}`));
      }
      await page.getByRole('link', { name: 'Print cut list' }).click();
      found.push(...(await seriousFaults(page)).map((fault) => `sheet: ${fault}`));
      expect(found).toEqual([]);
    });
  });
}

test('on the phone: read, check, small edits, nothing wider than the screen', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openDemo(page, 'Apiary flatbed');
  for (const step of STEPS) {
    await goTo(page, step);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  }
  await goTo(page, 'Axle & wheels');
  await page.getByRole('button', { name: 'Axle a step back' }).click();
  await expect(page.getByLabel('Middle of axle, back from front edge')).toHaveValue(`5' 9 1/16"`);
  expect(await seriousFaults(page)).toEqual([]);
});

test('first load stays under 195 kB of JavaScript, compressed, and asks no other host', async ({ page }) => {
  let bytes = 0;
  const hosts = new Set<string>();
  const session = await page.context().newCDPSession(page);
  await session.send('Network.enable');
  const scripts = new Set<string>();
  session.on('Network.responseReceived', ({ requestId, response }) => {
    hosts.add(new URL(response.url).host);
    if (response.mimeType.includes('javascript')) scripts.add(requestId);
  });
  session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    if (scripts.has(requestId)) bytes += encodedDataLength;
  });
  await page.goto('/');
  await expect(page.getByTestId('trailer-card')).toHaveCount(3);
  await page.waitForLoadState('networkidle');
  expect(bytes).toBeGreaterThan(50_000);
  expect(bytes).toBeLessThan(195_000);
  expect(hosts.size).toBe(1);
});
