import { expect, type Page, test } from '@playwright/test';
import { goTo, openDemo, seriousFaults } from './trailer';

const checks = (page: Page) => page.getByRole('list', { name: 'Checks' });

test('the oven’s tandem: an axle too small says why, one that does mends it, one undo brings it back', async ({
  page,
}) => {
  await openDemo(page, 'Oven trailer');
  await goTo(page, 'Axle & wheels');
  await expect(
    checks(page).getByRole('button', { name: /^Fix Front axle carries 2,506 lb of 2,200 lb/ }),
  ).toBeVisible();
  await page.getByText('Choose an axle').click();
  const list = page.getByRole('list', { name: 'Axles that would do' });
  await expect(list.getByRole('listitem').first()).toContainText('Two × 3,500 lb axle');
  await expect(page.getByText(/The plate less the lightest tongue puts 5,400 lb on the axles/)).toBeVisible();
  await page.getByRole('button', { name: 'Take two of 3,500 lb axle' }).click();
  await expect(
    checks(page).getByRole('button', { name: /^Within Front axle carries 2,5\d\d lb of 3,500 lb/ }),
  ).toBeVisible();
  await page.getByText(/^What “two axles 3,500 lb axle” changed/).click();
  await expect(page.getByText('Was “Fix”').first()).toBeVisible();
  expect(await seriousFaults(page)).toEqual([]);
  await page.getByRole('button', { name: /^Undo/ }).first().click();
  await expect(checks(page).getByRole('button', { name: /^Fix Front axle carries 2,506 lb/ })).toBeVisible();
});

test('a wider tire under a fender rubs in a bump, and what changed says what it was', async ({ page }) => {
  await openDemo(page, 'Apiary flatbed');
  await goTo(page, 'Axle & wheels');
  await page.getByText('Tires and wheels').click();
  await page.getByLabel('Over the wheels').selectOption('fitted');
  const height = page.getByLabel('Fender’s underside above the rails');
  await height.fill('4');
  await height.press('Enter');
  await expect(checks(page).getByRole('button', { name: /^(Fix|Tight) Tire under its fender/ })).toBeVisible();
  const width = page.getByLabel('Tire width');
  await width.fill('14 3/4');
  await width.press('Enter');
  await expect(checks(page).getByRole('button', { name: /^(Fix|Tight) Tire beside the frame/ })).toBeVisible();
  await page.getByText(/^What “tire width” changed/).click();
  await expect(page.getByText(/Tire beside the frame.*Was/)).toBeVisible();
});

test('no place suits every load: the ways out say what they do to each, and one click tries one', async ({ page }) => {
  await openDemo(page, 'Oven trailer');
  await goTo(page, 'Balance');
  const ways = page.getByRole('region', { name: 'Ways out' });
  await expect(ways).toContainText('of 4 loads then ride well');
  await expect(page.getByRole('list', { name: 'Doubt of every towed load' })).toContainText('in nine tries of ten', {
    timeout: 20_000,
  });
  await expect(page.getByText(/Measure the place of Brick oven first/).first()).toBeVisible();
  await page.getByText('What other schools would say').click();
  await expect(page.getByRole('table', { name: 'Schools of tongue weight' })).toContainText('of 4');
  expect(await seriousFaults(page)).toEqual([]);
  await ways.getByRole('button', { name: /^Try: Put .* of ballast/ }).click();
  await expect(page.getByRole('button', { name: /Wood run: tongue carries .* 12\.\d %/ })).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).first().click();
  await expect(page.getByRole('button', { name: /Wood run: tongue carries 336 lb/ })).toBeVisible();
});

test('a trip is loaded on the phone, answers at once, and is kept as a load', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openDemo(page, 'Apiary flatbed');
  await page.goto('/trailer/demo.apiary-flatbed/trip');
  const answer = page.getByRole('region', { name: 'Tongue of this trip' });
  await expect(answer).toContainText('Nothing aboard yet');
  await page.getByLabel(/Rear hives/).check();
  await expect(answer).toContainText('Tail-heavy: sway is likely. Move something forward.');
  await page.getByLabel(/Front hives/).check();
  await page.getByLabel(/Middle hives/).check();
  // As the strip says of the same load: its tongue is well, the plate is nearly reached.
  await expect(answer).toContainText('251 lb spare');
  const before = await answer.innerText();
  for (let i = 0; i < 4; i += 1) await page.getByRole('button', { name: 'Rear hives forward' }).click();
  await expect(answer).not.toHaveText(before);
  const block = page.locator('[data-grab="item.rear-hives"]');
  const box = await block.boundingBox();
  if (!box) throw new Error('no block');
  const moved = await answer.innerText();
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 30, box.y + box.height / 2, { steps: 4 });
  await page.mouse.up();
  await expect(answer).not.toHaveText(moved);
  expect(await seriousFaults(page)).toEqual([]);
  await page.getByLabel('Name of the trip').fill('To the heath');
  await page.getByRole('button', { name: 'Keep as a load' }).click();
  await expect(page).toHaveURL(/\/balance$/);
  await expect(page.getByText('To the heath').first()).toBeVisible();
});

test('the axle card is one page to print', async ({ page }) => {
  await openDemo(page, 'Oven trailer');
  await goTo(page, 'Axle & wheels');
  await page.getByRole('link', { name: 'Axle card to print' }).click();
  await expect(page.getByRole('heading', { name: 'Axle card: Oven trailer' })).toBeVisible();
  await expect(page.getByRole('table', { name: 'Hangers' })).toContainText('equaliser’s pivot');
  await expect(page.getByRole('table', { name: 'What to order' })).toContainText('Hub face to hub face');
  expect(await seriousFaults(page)).toEqual([]);
  const pdf = await page.pdf({ format: 'Letter', landscape: true });
  expect(pdf.toString('latin1').match(/\/Type\s*\/Page\b/g)?.length).toBeLessThanOrEqual(2);
});

test('contradictions are told with their sizes', async ({ page }) => {
  await openDemo(page, 'Apiary flatbed');
  await goTo(page, 'Axle & wheels');
  await page.getByText('Tires and wheels').click();
  const height = page.getByLabel('Tire height, unloaded');
  await height.fill('14');
  await height.press('Enter');
  await expect(
    checks(page).getByRole('button', { name: /^Fix A tire 14" high cannot stand on a rim of 15"/ }),
  ).toBeVisible();
  await page.getByText('Springs, hangers, track').click();
  const spring = page.getByLabel('Spring, bolt to bolt');
  await spring.fill('40');
  await spring.press('Enter');
  await expect(checks(page).getByRole('button', { name: /^Fix Hanger bolts .* lay the shackle down/ })).toBeVisible();
  const place = page.getByLabel('Middle of axle, back from front edge');
  await place.fill(`14'`);
  await place.press('Enter');
  await expect(
    checks(page)
      .getByText(/^The axle stands|axle .* bed/i)
      .first(),
  ).toBeVisible();
});
