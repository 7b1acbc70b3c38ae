import { expect, test } from '@playwright/test';
import { goTo, openDemo, seriousFaults } from './trailer';

test('pieces on sticks: two of 24 ft for the frame; a price, a thicker saw and what lies there change the plan', async ({
  page,
}) => {
  await openDemo(page, 'Apiary flatbed');
  await goTo(page, 'Cut & buy');
  const sticks = page.getByRole('region', { name: 'Sticks' });
  // Legs nose to tail and both headers on one, both rails on the other.
  await expect(sticks.getByRole('group', { name: /^Stick 1: T1 6' 8", T1 6' 8", E1 5' 0", E1 5' 0"/ })).toBeVisible();
  await expect(sticks.getByText('No plan buys less metal.').first()).toBeVisible();
  await expect(page.getByRole('table', { name: 'Metal to buy' })).toContainText(`2 × 24' 0"`);
  await page.getByText('Saw and stock').click();
  const stock = page.getByRole('group', { name: 'Stock of HSS 4 x 2 x 3/16' });
  await stock.getByRole('button', { name: 'A length that is sold' }).click();
  await stock.getByLabel(/Each costs/).fill('71');
  await stock.getByLabel(/Each costs/).press('Enter');
  // 20 ft alone: rail and rail do not lie on one with a cut between them (2 × 120 + 1/8 in).
  await expect(sticks.getByText(/^3 × 20' 0", \$213\.00/)).toBeVisible();
  await expect(sticks.getByText('No plan costs less.').first()).toBeVisible();
  await stock.getByRole('button', { name: 'One on hand' }).click();
  await stock.getByLabel('On hand, this long').fill(`10' 1"`);
  await stock.getByLabel('On hand, this long').press('Enter');
  await expect(sticks.getByText(/^2 × 20' 0", 1 on hand, \$142\.00/)).toBeVisible();
  await stock.getByLabel('Sold this long').fill('8 ft');
  await stock.getByLabel('Sold this long').press('Enter');
  await expect(sticks.getByText(/Fix/)).toBeVisible();
  await expect(page.getByText(/longer than every length there is/).first()).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(sticks.getByText(/^2 × 20' 0", 1 on hand/)).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Sticks, CSV' }).click();
  expect((await download).suggestedFilename()).toMatch(/sticks\.csv$/);
  expect(await seriousFaults(page)).toEqual([]);
});
