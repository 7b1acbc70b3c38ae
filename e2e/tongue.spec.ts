import { expect, type Page, test } from '@playwright/test';
import { goTo, openDemo, seriousFaults, pickFrom } from './trailer';

const checksOf = (page: Page) => page.getByRole('list', { name: 'Checks' });
const type = async (page: Page, label: string, text: string): Promise<void> => {
  const field = page.getByLabel(label, { exact: true });
  await field.fill(text);
  await field.press('Enter');
};
const open = async (page: Page, group: string): Promise<void> => {
  const details = page.locator('details', { has: page.locator('summary', { hasText: group }) });
  if ((await details.getAttribute('open')) === null) await details.locator('summary').click();
};

test('the tongue’s length is chosen by what it must clear', async ({ page }) => {
  await openDemo(page, 'Apiary flatbed', 'Tongue & coupler');
  await open(page, 'What it must clear');
  await type(page, 'To be turned by', '85');
  // Beyond 80° the legs themselves are in the way, however long they are.
  await expect(
    checksOf(page).getByRole('button', { name: /^Fix .*No length of tongue clears 85°: .* touches at 80/ }),
  ).toBeVisible();
  await type(page, 'To be turned by', '79');
  await expect(checksOf(page).getByRole('button', { name: /^Fix Turned by 76° .* 79° is wanted/ })).toBeVisible();
  await expect(page.getByText(/Yours lacks/)).toBeVisible();
  await page.getByRole('button', { name: 'Make it so' }).click();
  await expect(page.getByText(/Yours has/)).toBeVisible();
  await expect(checksOf(page).getByRole('button', { name: /^Fix Turned by/ })).toHaveCount(0);
  // By the drawing itself: the ball is the first part, a page is a foot.
  const before = await page.getByLabel('Ball to front edge').inputValue();
  await page.getByTestId('drawing').focus();
  // A finding that stands open may have picked its part already.
  await page.keyboard.press('Escape');
  await page.keyboard.press(']');
  await page.keyboard.press('PageUp');
  await expect(page.getByLabel('Ball to front edge')).not.toHaveValue(before);
  await page.getByRole('button', { name: /^Undo: tongue .* long$/ }).click();
  await expect(page.getByLabel('Ball to front edge')).toHaveValue(before);
  await page.getByRole('button', { name: 'Turned', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Turning' })).toContainText('Wanted without touching: 79°');
  await open(page, 'What more or less length does');
  const table = page.getByRole('table', { name: 'What more or less length of tongue does' });
  await expect(table.getByRole('row')).toHaveCount(7, { timeout: 20_000 });
});

test('the tailgate strikes the box and is told; measured high enough it passes over', async ({ page }) => {
  await openDemo(page, 'Apiary flatbed', 'How it tows');
  await type(page, 'Open tailgate reaches back', '30');
  await goTo(page, 'Tongue & coupler');
  await expect(
    checksOf(page).getByRole('button', { name: /^Fix The open tailgate reaches 30" back and strikes Spare wheel/ }),
  ).toBeVisible();
  await goTo(page, 'How it tows');
  await type(page, 'Open tailgate’s underside', '70');
  await goTo(page, 'Tongue & coupler');
  await expect(
    checksOf(page).getByRole('button', { name: /^Within The open tailgate passes .* over everything/ }),
  ).toBeVisible();
});

test('a rig that sits nose-high is levelled by the mount that is sold', async ({ page }) => {
  await openDemo(page, 'Apiary flatbed', 'How it tows');
  await type(page, 'Hitch height, to the ball’s centre', '24 1/4');
  await goTo(page, 'Tongue & coupler');
  const level = checksOf(page).getByRole('button', { name: /It rides level with the ball at/ });
  await expect(level).toContainText('nose up');
  await expect(level).toContainText('A ball 6" lower levels it');
  await expect(level).toContainText('The nearest mount that is sold: 8" of drop, level with it');
  await goTo(page, 'How it tows');
  await type(page, 'Hitch height, to the ball’s centre', '18 1/4');
  await goTo(page, 'Tongue & coupler');
  await expect(checksOf(page).getByRole('button', { name: /^Within It rides level with the ball at/ })).toBeVisible();
});

test('a coupler under its class is named the weakest link; chains, ball and jack speak for themselves', async ({
  page,
}) => {
  test.setTimeout(90_000);
  await openDemo(page, 'Apiary flatbed', 'Tongue & coupler');
  await pickFrom(page, 'Coupler', '2,000 straight');
  await expect(
    checksOf(page).getByRole('button', { name: /^Fix The weakest link is the coupler: it may pull 2,000 lb/ }),
  ).toBeVisible();
  await expect(page.getByRole('table', { name: 'Links between vehicle and trailer' })).toContainText(
    'Coupler (weakest)',
  );
  await expect(
    checksOf(page).getByRole('button', { name: /^Fix A ball of 50\.8 mm .* made for 47\.6 mm .* it does not close/ }),
  ).toBeVisible();
  await page.getByLabel('Chain', { exact: true }).selectOption({ label: '3/16 in chain, grade 30' });
  await expect(
    checksOf(page).getByRole('button', { name: /^Fix Each chain breaks at 3,200 lb; class 2 asks for 3,500 lb/ }),
  ).toBeVisible();
  await page.getByLabel('Held on the trailer by').selectOption({ label: 'The coupler' });
  await expect(checksOf(page).getByRole('button', { name: /^Fix Chains that hang on the coupler/ })).toBeVisible();
  await open(page, 'Jack');
  await type(page, 'It may lift', '200');
  await expect(checksOf(page).getByRole('button', { name: /^Fix \d+ lb stand on a jack for 200 lb/ })).toBeVisible();
  expect(await seriousFaults(page)).toEqual([]);
});

test('straight, folding, sloped and backbone tongues are drawn, cut and judged', async ({ page }) => {
  test.setTimeout(90_000);
  await openDemo(page, 'Apiary flatbed', 'Tongue & coupler');
  const tongue = page.getByLabel('Tongue', { exact: true });
  await tongue.selectOption({ label: 'Straight tube' });
  await open(page, 'Folding or taking it out');
  await page.getByLabel('Tongue is').selectOption({ label: 'Folds away' });
  await page.getByLabel('Pins across it').selectOption({ label: 'One' });
  await goTo(page, 'Is it strong?');
  await expect(checksOf(page).getByRole('button', { name: /^Fix A folding tongue on one pin is a hinge/ })).toBeVisible(
    {
      timeout: 30_000,
    },
  );
  await goTo(page, 'Tongue & coupler');
  await tongue.selectOption({ label: 'Backbone' });
  await type(page, 'Runs on along the frame', '0');
  await open(page, 'Shape of the tongue');
  await page.getByLabel('Height', { exact: true }).selectOption({ label: 'Sloped to the ball' });
  await open(page, 'How its bars are cut');
  const cuts = page.getByRole('list', { name: 'Cuts of the tongue' });
  await expect(cuts).toContainText('Left side tube, Right side tube');
  await expect(cuts).toContainText(/65\.\d° off square|65° off square/);
  await expect(cuts).toContainText('blade tilted');
  await type(page, 'Left on, to be cut later', '6');
  await expect(cuts).toContainText('Leave 6" more at the front');
  await type(page, 'Runs on along the frame', '40');
  await expect(
    checksOf(page).getByRole('button', { name: /^Fix A sloped tongue that runs on under the frame/ }),
  ).toBeVisible();
});

test('over a crest and through a dip by its sliders, with the keyboard', async ({ page }) => {
  await openDemo(page, 'Apiary flatbed', 'Tongue & coupler');
  await page.getByRole('button', { name: 'Crest and dip' }).click();
  const ramp = page.getByRole('region', { name: 'Crest and dip' });
  const slider = ramp.getByLabel('Break of the road, crest to dip, degrees');
  await expect(ramp.getByRole('status')).toContainText('Nearest anywhere over it');
  await slider.focus();
  await page.keyboard.press('Home');
  await expect(ramp.getByRole('img')).toHaveAttribute('aria-label', /Crest of 15°/);
  await page.keyboard.press('End');
  await expect(ramp.getByRole('status')).toContainText(/strikes|comes|Nearest/);
  expect(await seriousFaults(page)).toEqual([]);
});

test('bad input: words with the place, and nothing is lost', async ({ page }) => {
  await openDemo(page, 'Apiary flatbed', 'How it tows');
  await type(page, 'Wheelbase', '0');
  await expect(page.getByText('Must be at least')).toBeVisible();
  await page.keyboard.press('Escape');
  await type(page, 'Hitch sinks under 100 lb', '-1');
  await expect(page.getByText('Must be at least')).toBeVisible();
  await page.keyboard.press('Escape');
  await type(page, 'Hitch height, to the ball’s centre', '40');
  await goTo(page, 'Tongue & coupler');
  await expect(
    checksOf(page).getByRole('button', {
      name: /^Fix The vehicle’s hitch at 3' 4" stands higher than the trailer’s own deck/,
    }),
  ).toBeVisible();
});

test('the tow-ready page says what was checked and what to look at', async ({ page }) => {
  await openDemo(page, 'Apiary flatbed', 'How it tows');
  await page.getByRole('link', { name: 'Tow-ready page' }).click();
  await expect(page.getByRole('heading', { name: 'Before you tow: Apiary flatbed' })).toBeVisible();
  await expect(page.getByRole('table', { name: 'Every towed load' })).toContainText('Full hives');
  await expect(page.getByText('no figure here gives leave to')).toBeVisible();
  expect(await seriousFaults(page)).toEqual([]);
  expect((await page.locator('body').innerText()).toLowerCase()).not.toContain('safe to');
});
