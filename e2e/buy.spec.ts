import { readFileSync } from 'node:fs';
import { expect, type Page, test } from '@playwright/test';
import { readSheet } from 'read-excel-file/node';
import { goTo, openDemo, seriousFaults } from './trailer';

const openBuying = async (page: Page): Promise<void> => {
  await openDemo(page, 'Apiary flatbed');
  await goTo(page, 'Cut & buy');
  await page.getByRole('link', { name: 'What to buy, and what it costs' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('what to buy');
  await expect(
    page.getByRole('region', { name: 'Bars and plates' }).getByRole('button', { name: /HSS 4 x 2 x/ }),
  ).toBeVisible();
};
/** A picture of one pixel. */
const PIXEL = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
);

test('a trailer bought from the yard: prices of March and of today, an order, a payment with its receipt, the spreadsheet', async ({
  page,
}) => {
  await openBuying(page);
  await expect(page.getByText(/Nothing is priced or paid yet; \d+ lines have no price yet/)).toBeVisible();
  const found = page.getByRole('region', { name: 'Prices found' });
  await page.getByRole('button', { name: 'Ask a yard' }).click();
  await page.getByLabel('On another day').fill('2026-03-01');
  await page.getByRole('button', { name: 'Stand-in yard, inch sizes, USD' }).click();
  await expect(found.getByText(/prices of 2026-03-01/)).toBeVisible();
  await found.getByRole('button', { name: /Take these/ }).click();
  const bars = page.getByRole('region', { name: 'Bars and plates' });
  await expect(bars.getByText(/as quoted on 2026-03-01/).first()).toBeVisible();
  await page.getByLabel('On another day').fill('');
  await page.getByRole('button', { name: 'Stand-in yard, inch sizes, USD' }).click();
  await found.getByRole('button', { name: /Take these/ }).click();
  const rails = bars.getByRole('button', { name: /HSS 4 x 2 x/ }).first();
  await expect(bars.getByText(/as quoted on 2026-03-01/)).toHaveCount(0);
  await rails.click();
  await expect(bars.getByText(/^Cost \$[\d.,]+ on 2026-03-01, \$[\d.,]+ on \d{4}/)).toBeVisible();
  await page
    .getByLabel(/^State of HSS 4 x 2 x/)
    .first()
    .selectOption('ordered');
  await bars
    .getByLabel(/Photo of the receipt/)
    .setInputFiles({ name: 'receipt.png', mimeType: 'image/png', buffer: PIXEL });
  await expect(bars.getByText('One photo kept for it')).toBeVisible();
  await bars.getByLabel('Paid, USD, with tax').fill('371.20');
  await bars.getByLabel('Paid, USD, with tax').press('Enter');
  const paid = page.getByRole('region', { name: 'Paid' });
  await expect(paid.getByText('$371.20')).toBeVisible();
  await expect(paid.getByRole('link', { name: 'Receipt 1' })).toBeVisible();
  await expect(page.getByLabel(/^State of HSS 4 x 2 x/).first()).toHaveValue('here');
  // What stood on no list is kept as well.
  await paid.getByLabel('What else').fill('Magnets');
  await paid.getByLabel('What else').press('Enter');
  await paid.getByLabel('Paid for Magnets, USD').fill('18');
  await paid.getByLabel('Paid for Magnets, USD').press('Enter');
  await expect(paid.getByText(/Magnets · not planned/)).toBeVisible();
  await page.getByLabel('Budget, USD').fill('300');
  await page.getByLabel('Budget, USD').press('Enter');
  await expect(page.getByText(/more than the budget/)).toBeVisible();
  expect(await seriousFaults(page)).toEqual([]);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Spreadsheet' }).click();
  const file = await download;
  expect(file.suggestedFilename()).toBe('Apiary-flatbed-buying.xlsx');
  const rows = await readSheet(readFileSync(await file.path()), 'Paid');
  expect(rows.slice(1).map((row) => [row[2], row[4]])).toEqual([
    [expect.stringContaining('HSS 4 x 2 x 3/16'), 371.2],
    ['not planned', 18],
  ]);
  await page.reload();
  await expect(page.getByRole('region', { name: 'Paid' }).getByText('$371.20')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Paid' }).getByRole('link', { name: 'Receipt 1' })).toBeVisible();
});

test('a yard that is away, wrong or lies: it is told, and nothing is lost', async ({ page }) => {
  await openBuying(page);
  const prices = page.getByRole('region', { name: 'Prices', exact: true });
  await page.route('/api/yard', (route) => route.abort());
  await prices.getByRole('button', { name: 'Ask a yard' }).click();
  await expect(prices.getByText('The yard cannot be reached. No price was changed.')).toBeVisible();
  await page.unroute('/api/yard');
  await prices.getByRole('button', { name: 'Ask a yard' }).click();
  const yard = prices.getByRole('button', { name: 'Stand-in yard, inch sizes, USD' });
  await page.route('/api/yard/inch', (route) => route.fulfill({ status: 500, body: 'no' }));
  await yard.click();
  await expect(prices.getByText(/answered with an error \(500\)/)).toBeVisible();
  await page.unroute('/api/yard/inch');
  await page.route('/api/yard/inch', (route) => route.fulfill({ body: '<html>' }));
  await yard.click();
  await expect(prices.getByText(/answered something that is no list of prices/)).toBeVisible();
  await page.unroute('/api/yard/inch');
  const row = { name: 'HSS 4 x 2 x 3/16', lengthM: 7.3152, price: 170, per: 'piece' };
  const items = [row, { ...row, price: -9 }, { ...row, price: null }, { ...row, lengthM: 6.096, price: 14_000 }];
  const list = { yard: 'A yard', currency: 'USD', date: '2026-11-20', items };
  await page.route('/api/yard/inch', (route) => route.fulfill({ json: list }));
  await yard.click();
  await expect(
    prices.getByText(/Row 2, HSS 4 x 2 x 3\/16, has a price below nothing \(-9\): left out\./),
  ).toBeVisible();
  await expect(prices.getByText(/Row 3.*has no price that can be read/)).toBeVisible();
  await expect(prices.getByText('unlikely: is the unit another?')).toHaveCount(1);
  await prices.getByRole('button', { name: 'Take this price' }).click();
  await expect(
    page.getByRole('region', { name: 'Bars and plates' }).getByText(/\$340\.00 \(\$170\.00 each\)/),
  ).toBeVisible();
  await page.unroute('/api/yard/inch');
  await page.route('/api/yard/inch', (route) => route.fulfill({ json: { ...list, currency: 'EUR' } }));
  await yard.click();
  await expect(prices.getByText(/They are in EUR, this trailer counts in USD: none is taken\./)).toBeVisible();
  await expect(prices.getByRole('button', { name: /^Take/ })).toBeDisabled();
});

test('a supplier’s CSV in any order of columns; usable on a phone', async ({ page }) => {
  await openBuying(page);
  await page.setViewportSize({ width: 390, height: 844 });
  const prices = page.getByRole('region', { name: 'Prices', exact: true });
  const text = 'Price;Art.;Length mm;Text\n"88,50";1;6096;HSS 2 x 1-1/2 x 1/8\n12;2;;A thing of nobody\n';
  await prices
    .getByLabel(/supplier’s list/)
    .setInputFiles({ name: 'mill.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  await prices.getByLabel('Name stands under').selectOption('Text');
  await prices.getByRole('button', { name: 'Read the prices' }).click();
  await expect(prices.getByText(/1 of its 2 rows are of this trailer/)).toBeVisible();
  await prices.getByRole('button', { name: 'Take this price' }).click();
  await expect(page.getByRole('region', { name: 'Bars and plates' }).getByText(/\$88\.50/)).toBeVisible();
  const tooWide = await page.evaluate(() => document.documentElement.scrollWidth > window.innerWidth);
  expect(tooWide).toBe(false);
  expect(await seriousFaults(page)).toEqual([]);
});
