import { expect, test } from '@playwright/test';
import { goTo, openDemo, seriousFaults } from './trailer';

test('a plan of sticks is changed by hand: a piece is put on another stick by key and by pointer, and stays there', async ({
  page,
}) => {
  await openDemo(page, 'Apiary flatbed');
  await goTo(page, 'Cut & buy');
  const sticks = page.getByRole('region', { name: 'Sticks' });
  const first = sticks.getByRole('group', { name: /^Stick 1: T1/ });
  await expect(first).toBeVisible();
  // Both legs and both headers leave 11 5/8 in of 24 ft: there is no room for a rail.
  const rail = sticks.getByRole('button', { name: `R1 10' 0"` }).first();
  await rail.focus();
  await rail.press('Enter');
  await sticks.getByLabel('R1 goes on stick').selectOption({ label: `stick 1, 11 5/8" left` });
  await expect(sticks.getByText(`R1 does not go on stick 1: 11 5/8" is left there, it takes 10' 0".`)).toBeVisible();
  // With a shorter stick on hand the header goes there by pointer, and both stay so.
  await page.getByText('Saw and stock').click();
  const stock = page.getByRole('group', { name: 'Stock of HSS 4 x 2 x 3/16' });
  await stock.getByRole('button', { name: 'One on hand' }).click();
  await stock.getByLabel('On hand, this long').fill(`10' 6"`);
  await stock.getByLabel('On hand, this long').press('Enter');
  const onHand = sticks.getByRole('group', { name: /^Stick \d: R1 10' 0"; 5 7\/8" left over/ });
  await expect(onHand).toBeVisible();
  await expect(sticks.getByText('kept as it is')).toHaveCount(0);
  const piece = sticks.getByRole('button', { name: `E1 5' 0"` }).first();
  await piece.scrollIntoViewIfNeeded();
  const from = await piece.boundingBox();
  const other = sticks.getByRole('group', { name: /^Stick \d: R1 10' 0"/ }).last();
  const to = await other.boundingBox();
  if (!from || !to) throw new Error('not drawn');
  await page.mouse.move(from.x + 20, from.y + 15);
  await page.mouse.down();
  await page.mouse.move(from.x + 30, (from.y + to.y) / 2, { steps: 4 });
  await page.mouse.move(to.x + to.width - 30, to.y + 15, { steps: 4 });
  await page.mouse.up();
  // It went where there was room, or it says why not.
  await expect(sticks.getByText(/kept as it is|does not go on stick/).first()).toBeVisible();
  await sticks.getByRole('button', { name: 'Keep this plan' }).click();
  await expect(sticks.getByText('Kept as it is.').first()).toBeVisible();
  await sticks.getByRole('button', { name: 'Plan the rest again' }).click();
  await expect(sticks.getByText('Kept as it is.')).toHaveCount(0);
  expect(await seriousFaults(page)).toEqual([]);
});

test('on the phone at the saw: ticked off with a thumb, one cut wrong, the rest planned again; undo of the design leaves it', async ({
  page,
}) => {
  await openDemo(page, 'Apiary flatbed');
  await goTo(page, 'Cut & buy');
  await page.setViewportSize({ width: 390, height: 844 });
  await page.getByRole('link', { name: 'At the saw' }).click();
  await expect(page.getByText('0 of 10 cut')).toBeVisible();
  const leg = page.getByRole('checkbox', { name: /^T1/ }).first();
  await leg.click();
  await expect(leg).toBeChecked();
  await expect(page.getByText('1 of 10 cut')).toBeVisible();
  expect((await leg.locator('xpath=..').boundingBox())?.height).toBeGreaterThanOrEqual(48);
  await page.getByRole('button', { name: 'Wrong: R1' }).first().click();
  await page.getByLabel('How long did R1 come out?').fill(`9' 11 3/4"`);
  await page.getByLabel('How long did R1 come out?').press('Enter');
  const amiss = page.getByRole('region', { name: 'Cut otherwise than wanted' });
  await expect(amiss).toContainText(/R1, cut 9' 11\s3.4" for 10' 0", is too short: it is planned again\./);
  await expect(page.getByRole('img', { name: /R1 9' 11 3\/4", came out wrong/ })).toBeVisible();
  // Two rails are to be cut yet.
  await expect(page.getByRole('checkbox', { name: `R1 10' 0" both square` })).toHaveCount(2);
  await page.getByRole('button', { name: 'One stop after another' }).click();
  await expect(page.getByRole('heading', { name: `Stop at 10' 0"` })).toBeVisible();
  expect(await seriousFaults(page)).toEqual([]);
  await amiss.getByRole('button', { name: 'It will do' }).click();
  await expect(page.getByText('2 of 10 cut')).toBeVisible();
  await page.reload();
  await expect(page.getByText('2 of 10 cut')).toBeVisible();
  await page.getByRole('link', { name: 'Back' }).click();
  await page.setViewportSize({ width: 1280, height: 800 });
  await expect(
    page.getByRole('region', { name: 'Sticks' }).getByRole('button', { name: /^T1 6' 8", cut/ }),
  ).toBeVisible();
});
