import { expect, test } from '@playwright/test';
import { goTo, openDemo, openId, seriousFaults } from './trailer';

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
  await expect(lamps).toContainText(/Clearance lamp, rear × 2, red[^.]*on trailers 6' 8" wide and more/);
  await expect(page.getByRole('img', { name: /^From behind, lamps/ })).toBeVisible();
  const circuits = page.getByRole('table', { name: 'Circuits' });
  await expect(circuits.getByRole('row', { name: /Left turn/ })).toContainText('16 AWG');
  await page.getByLabel('Lamps are').selectOption({ label: 'bulbs' });
  await expect(circuits.getByRole('row', { name: /Left turn/ })).toContainText('2.1');
  await expect(page.getByRole('region', { name: 'Test sheet' })).toContainText(
    'Colours differ from one maker to the next',
  );
  // Holes by hand: 8 in ahead of the rail's rear end of 10 ft.
  await expect(page.getByRole('list', { name: 'Holes for the wires' })).toContainText(
    /hole in the inner side, at half its height, 9' 4" from its front end: the wires come out/,
  );
  const house = page.getByRole('region', { name: '12 V of a living body' });
  await house.getByRole('button', { name: '+ Refrigerator, compressor' }).click();
  await expect(house.getByRole('status')).toContainText('the battery’s size is missing');
  await house.getByLabel('Battery’s size, Ah').fill('100');
  await house.getByLabel('Battery’s size, Ah').press('Enter');
  // 45 W at 12 V for 10 h are 37.5 Ah; half of 100 Ah lasts 1.3 days.
  await expect(house.getByRole('status')).toContainText('about 1.3 days with nothing coming in');
  expect(await seriousFaults(page)).toEqual([]);
  await page.setViewportSize({ width: 390, height: 844 });
  const wide = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(wide).toBeLessThanOrEqual(390);
  await page.reload();
  await expect(page.getByLabel('Lamps are')).toHaveValue('incandescent');
  await page.getByRole('link', { name: 'purchase list' }).click();
  await expect(page.getByText('Rear lamp: tail, stop and turn, red')).toBeVisible();
  await expect(page.getByText('Battery, lead, deep cycle, 100 Ah')).toBeVisible();
});

test('coating: areas, holes for the bath, what is bought for it; papers by where the trailer stands', async ({
  page,
}) => {
  await openDemo(page, 'Apiary flatbed');
  await goTo(page, 'Lay out & build');
  await page.getByRole('button', { name: /Coat it/ }).click();
  await page.getByRole('link', { name: 'Coating: areas, holes, what meets what' }).click();
  await expect(page.getByRole('table', { name: 'Areas by metal' }).getByRole('row', { name: /Steel/ })).toContainText(
    '51 sq ft',
  );
  await expect(page.getByRole('region', { name: 'Holes' })).toContainText('one drain of');
  await page.getByLabel('Steel is coated with').selectOption({ label: 'hot-dip galvanized' });
  // Two headers of 4 x 2 x 3/16 have four shut ends, both legs one each: a quarter of 5.86 in² over two holes is 1 in.
  const holes = page.getByRole('table', { name: 'Holes for galvanizing' });
  await expect(holes.getByRole('row', { name: /HSS 4 x 2 x 3\/16/ })).toContainText('12 × 1"');
  await expect(page.getByRole('row', { name: /hot-dip galvanized/ })).toContainText('33 to more than 50 years');
  await page.getByLabel('The trailer lives').selectOption({ label: 'salted roads all winter, or by the sea' });
  await expect(page.getByRole('row', { name: /hot-dip galvanized/ })).toContainText('8 to 33 years');
  expect(await seriousFaults(page)).toEqual([]);
  await page.getByRole('link', { name: 'purchase list' }).click();
  await expect(page.getByText('Hot-dip galvanizing, by the weight of the steel')).toBeVisible();
  await page.goto(`/trailer/${openId(page)}/papers`);
  const rules = page.getByRole('region', { name: 'North America' });
  await expect(rules).toContainText('Brakes: gross 2,900 lb');
  await expect(rules).toContainText('Asked for in the stricter places');
  await expect(rules).toContainText('(from memory, to be verified)');
  expect(await seriousFaults(page)).toEqual([]);
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});
