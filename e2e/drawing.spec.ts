import { expect, test } from '@playwright/test';
import { goTo, openDemo, seriousFaults } from './trailer';

test('the drawing to scale: a page of the paper that is chosen for each sheet, its scale said, nothing serious by axe', async ({
  page,
}) => {
  await openDemo(page, 'Apiary flatbed');
  await goTo(page, 'Cut & buy');
  await page.getByRole('link', { name: 'Print drawing, to scale' }).click();
  const sheet = page.getByTestId('drawing-sheet');
  await expect(sheet).toContainText('Job: Apiary flatbed');
  await expect(sheet).toContainText('1/2 in = 1 ft (1:24), Tabloid');
  // Welds come with the analysis: trailer, frame, in space, joints, welds.
  const chosen = page.getByRole('combobox', { name: 'Sheet' });
  await expect(chosen.locator('option')).toHaveText(['trailer', 'frame', '3-D view', 'joints', 'welds']);
  for (const name of ['welds', 'joints', 'trailer']) {
    await chosen.selectOption(name);
    await expect(sheet).toContainText(`Sheet: ${name}`);
  }
  expect(await seriousFaults(page)).toEqual([]);
  const pdf = (await page.pdf({ preferCSSPageSize: true, printBackground: true })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page[^s]/g)).toHaveLength(5);
  // 17 x 11 in, in points
  const [, width, height] = /\/MediaBox\s*\[\s*0\s+0\s+([\d.]+)\s+([\d.]+)\s*\]/.exec(pdf) ?? [];
  expect(Number(width)).toBeCloseTo(1224, -1);
  expect(Number(height)).toBeCloseTo(792, -1);
  await page.getByRole('combobox', { name: 'Paper' }).selectOption('Letter');
  await expect(sheet).toContainText('1/4 in = 1 ft (1:48), Letter');
  await page.getByRole('link', { name: 'Back' }).click();
  await expect(page.getByRole('heading', { name: 'Cut & buy' })).toBeVisible();
});

test('from behind on request: track, overall width, the loads’ width and the balance point’s height', async ({
  page,
}) => {
  await openDemo(page, 'Apiary flatbed');
  await page.getByRole('button', { name: 'From behind' }).click();
  const rear = page.getByTestId('rear-view');
  for (const size of [/track/, /overall/, /loads 4' 0"/, /balance point/]) await expect(rear).toContainText(size);
  expect(await seriousFaults(page)).toEqual([]);
  await page.getByRole('button', { name: 'Side and above' }).click();
  await expect(page.getByTestId('drawing')).toBeVisible();
});

test('a section by a few letters and the keyboard: found, told with weight and metal, set', async ({ page }) => {
  await openDemo(page, 'Apiary flatbed');
  await goTo(page, 'Bed & frame');
  const field = page.getByRole('combobox', { name: 'Side rails, section' });
  await field.focus();
  await page.keyboard.type('3x2 3/16');
  const list = page.getByRole('listbox');
  await expect(list.getByRole('option').first()).toContainText('HSS 3 x 2 x 3⁄16');
  await expect(list.getByRole('option').first()).toContainText('lb/ft');
  await expect(field).toHaveAttribute('aria-expanded', 'true');
  await page.keyboard.press('Enter');
  await expect(field).toHaveValue('HSS 3 x 2 x 3/16');
  await expect(page.getByRole('button', { name: /^Undo: .*HSS 3 x 2 x 3\/16/ })).toBeEnabled();
});

test('on the phone the plan is there in every step that speaks of bars, and a bar is picked by a touch', async ({
  browser,
}) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, locale: 'en-US' });
  const page = await context.newPage();
  await openDemo(page, 'Apiary flatbed');
  for (const step of ['Bed & frame', 'Axle & wheels', 'Tongue & coupler', 'Is it strong?']) {
    await goTo(page, step);
    await expect(page.getByTestId('drawing')).toContainText('From above');
  }
  await goTo(page, 'Bed & frame');
  await page.locator('[data-part="cross.3"]').last().tap();
  await expect(page.getByText(/^Cross-member 3 picked/)).toBeAttached();
  await goTo(page, 'Cut & buy');
  await page.locator('[data-part="header.rear"]').first().tap();
  await expect(page.getByRole('table', { name: 'Cut list' }).locator('tr[aria-current]')).toHaveCount(1);
  await context.close();
});
