import { expect, test } from '@playwright/test';
import { goTo, openDemo, openId, seriousFaults } from './trailer';

test('to the phone by link and back: the trailer arrives, its readings come home into the record, the design untouched', async ({
  page,
  browser,
}) => {
  await openDemo(page, 'Apiary flatbed');
  const id = openId(page);
  await goTo(page, 'Lay out & build');
  await page.getByRole('link', { name: 'To the phone' }).click();
  await expect(page.getByRole('note')).toContainText(/known to this machine alone.*npm start -- --host/s);
  await expect(page.getByRole('img', { name: /^Code 1 of \d/ })).toBeVisible();
  expect(await seriousFaults(page)).toEqual([]);
  // Nothing was noted yet: one code, with a link.
  await page.getByLabel(/Only what was noted and read/).check();
  await expect(page.getByRole('link', { name: 'The same as a link' })).toBeVisible();
  // The phone has the trailer from a file, ticks a task off, and sends it back.
  const phone = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const other = await phone.newPage();
  await other.goto('/');
  await other.getByRole('button', { name: 'Understood' }).click();
  await other.goto(`/trailer/${id}/task/check-steel`);
  await other.getByLabel('Note, or why it is skipped').fill('Walls measured, all as ordered');
  await other.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(other.getByRole('heading', { level: 1 })).toHaveText('Cut the pieces');
  await other.goto(`/trailer/${id}/send`);
  await other.getByLabel(/Only what was noted and read/).check();
  const link = await other.getByRole('link', { name: 'The same as a link' }).getAttribute('href');
  await phone.close();
  await page.goto(link ?? '');
  await expect(page.getByRole('main')).toContainText('Apiary flatbed: what was noted and read of it, 1 entry');
  await page.getByRole('button', { name: 'Take it in' }).click();
  await expect(page.getByRole('status')).toContainText('1 entry taken in.');
  expect(await seriousFaults(page)).toEqual([]);
  await page.getByRole('link', { name: 'Open it' }).click();
  await expect(page.getByRole('button', { name: /Look the metal over/ })).toContainText('Done');
  // Once more: nothing of it is new.
  await page.goto(link ?? '');
  await page.getByRole('button', { name: 'Take it in' }).click();
  await expect(page.getByRole('status')).toContainText('Nothing of it was new.');
  for (const bad of ['#', '#k1.abc.1.1.xxxx', '#<script>']) {
    await page.goto('/');
    await page.goto(`/arrive${bad}`);
    await expect(page.getByText(/holds nothing that Kereta packed|is not whole/)).toBeVisible();
  }
});

test('codes come in one by one, in any order, over a killed page', async ({ page }) => {
  await openDemo(page, 'Telescope trailer');
  const id = openId(page);
  // The page itself makes the addresses; here they are put together from one link cut in two.
  await page.goto(`/trailer/${id}/send`);
  await page.getByLabel(/Only what was noted and read/).check();
  const link = (await page.getByRole('link', { name: 'The same as a link' }).getAttribute('href')) ?? '';
  const [, of = '', letters = ''] = /#k1\.([a-z0-9]+)\.1\.1\.(.+)$/.exec(link) ?? [];
  const half = Math.ceil(letters.length / 2);
  const part = (number: number, own: string): string => `/arrive#k1.${of}.${number}.2.${own}`;
  await page.goto('/');
  await page.goto(part(2, letters.slice(half)));
  await expect(page.getByRole('status')).toContainText('Code 2 of 2 came in. Scan the others');
  await page.goto('/');
  await page.goto(part(1, letters.slice(0, half)));
  await expect(page.getByRole('main')).toContainText(/what was noted and read of it, 0 entries/);
});
