import { test } from '@playwright/test';
import { goTo, openDemo } from './trailer';
test('look', async ({ page }) => {
  await openDemo(page, 'Apiary flatbed');
  await goTo(page, 'Cut & buy');
  await page.waitForTimeout(1500);
  await page.getByRole('region', { name: 'Sheets' }).evaluate((e) => e.scrollIntoView());
  await page.waitForTimeout(300);
  await page.screenshot({ path: '/tmp/d1.png' });
  await page.getByRole('link', { name: 'What to buy, and what it costs' }).click();
  await page.waitForTimeout(1500);
  await page.getByRole('button', { name: 'Compare steel and aluminum' }).click();
  await page.getByRole('table', { name: 'Designs side by side' }).waitFor({ timeout: 60000 });
  await page.getByRole('table', { name: 'Designs side by side' }).scrollIntoViewIfNeeded();
  await page.screenshot({ path: '/tmp/d2.png' });
  await page.goto('/trailer/demo.oven-trailer/print/cut-list');
  await page.waitForTimeout(2500);
  await page.screenshot({ path: '/tmp/d3.png', fullPage: true });
});
