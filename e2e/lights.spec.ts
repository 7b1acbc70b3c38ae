import { expect, test } from '@playwright/test';
import { goTo, openDemo, seriousFaults } from './trailer';

test('lamps by the rules of the region, each in its place; wires by what they lose; pins proved one by one', async ({
  page,
}) => {
  await openDemo(page, 'Apiary flatbed');
  await goTo(page, 'Lay out & build');
  await page.getByRole('button', { name: /Lamps and wires/ }).click();
  await page.getByRole('link', { name: 'Lamps and wires, where each goes' }).click();
  const lamps = page.getByRole('region', { name: 'Lamps and reflectors' });
  await expect(lamps).toContainText(/Tail lamp × 2, red: rear, left and right[^.]*15" to 6' 0" above ground/);
  // It is 7 ft 3 in over its tires: wider than 80 in.
  await expect(lamps).toContainText(/Clearance lamp, rear × 2, red[^.]*from 6' 8" wide on/);
  await expect(page.getByRole('img', { name: /^From behind, lamps/ })).toBeVisible();
  const circuits = page.getByRole('table', { name: 'Circuits' });
  await expect(circuits.getByRole('row', { name: /Left turn/ })).toContainText('16 AWG');
  await page.getByLabel('Lamps are').selectOption({ label: 'bulbs' });
  await expect(circuits.getByRole('row', { name: /Left turn/ })).toContainText('2.1');
  await expect(page.getByRole('region', { name: 'Test sheet' })).toContainText(
    'Colours differ from one maker to the next',
  );
  expect(await seriousFaults(page)).toEqual([]);
  await page.setViewportSize({ width: 390, height: 844 });
  const wide = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(wide).toBeLessThanOrEqual(390);
  await page.reload();
  await expect(page.getByLabel('Lamps are')).toHaveValue('incandescent');
});
