import { expect, test } from '@playwright/test';
import { goTo, openDemo, seriousFaults } from './trailer';

test('by keys alone: a size typed and undone, a part found with its fields, a job opened, steps walked, keys told', async ({
  page,
}) => {
  await openDemo(page, 'Apiary flatbed');
  const palette = page.getByRole('dialog', { name: 'Find a part or a job' });
  const field = palette.getByRole('combobox');
  await page.keyboard.press('Control+k');
  await expect(field).toBeFocused();
  await page.keyboard.type('axle 70');
  await expect(palette.getByRole('option').first()).toContainText(/Axle, back from the front edge: 5' 10"/);
  expect(await seriousFaults(page)).toEqual([]);
  await page.keyboard.press('Enter');
  await expect(palette).toHaveCount(0);
  await expect(page.getByLabel('Middle of axle, back from front edge')).toHaveValue(`5' 10"`);
  await page.keyboard.press('Control+z');
  await expect(page.getByLabel('Middle of axle, back from front edge')).toHaveValue(`5' 9"`);
  await page.keyboard.press('Control+k');
  await page.keyboard.type('cross-member at 30');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Undo: .*cross-member/ })).toBeVisible();
  // A part: its fields come up and have the focus.
  await page.keyboard.press('Control+k');
  await page.keyboard.type('smoker');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('What’s on it');
  await expect(page.locator('[data-part-field]:focus')).toHaveCount(1);
  // Closed by Esc nothing has happened.
  await page.keyboard.press('Control+k');
  await page.keyboard.type('zzz');
  await expect(palette).toContainText('Nothing is called so.');
  await page.keyboard.press('Escape');
  await expect(palette).toHaveCount(0);
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('k');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Bed & frame');
  await page.keyboard.press('j');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('What’s on it');
  await page.keyboard.press('?');
  const keys = page.getByRole('dialog', { name: 'Keys' });
  await expect(keys).toContainText('Find a part or a job');
  expect(await seriousFaults(page)).toEqual([]);
  await page.keyboard.press('Escape');
  await expect(keys).toHaveCount(0);
  await page.keyboard.press('/');
  await page.keyboard.type('cut list');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/print\/cut-list$/);
});

test('from a verdict to what decides it: check, load, fields; checks are found by their words', async ({ page }) => {
  await openDemo(page, 'Oven trailer', 'Tongue & coupler');
  const why = page.getByRole('region', { name: 'Why Fix?' });
  await expect(why).toContainText('The weakest link is the ball mount');
  await why.getByRole('button', { name: 'Show the check' }).focus();
  await page.keyboard.press('Enter');
  const check = page.getByRole('button', { name: /^Fix The weakest link is the ball mount/ });
  await expect(check).toBeFocused();
  await expect(check).toHaveAttribute('aria-expanded', 'true');
  await expect(check).toBeInViewport();
  await why.getByRole('button', { name: 'Fields of coupler' }).click();
  await expect(page.getByLabel('Ball to front edge')).toBeFocused();
  // From another step, by words of the sentence.
  await goTo(page, 'The job');
  await page.keyboard.press('Control+k');
  await expect(page.getByRole('combobox', { name: 'Find a part or a job' })).toBeFocused();
  await page.keyboard.type('tailgate strikes');
  await expect(page.getByRole('option', { name: /The open tailgate reaches/ })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Tongue & coupler' })).toBeVisible();
  await expect(page.getByRole('button', { name: /The open tailgate reaches/ })).toBeFocused();
  expect(await seriousFaults(page)).toEqual([]);
});

test('where to hold the tape: by F1 in the field and by its button, with a picture; words of the shop', async ({
  page,
}) => {
  await openDemo(page, 'Apiary flatbed');
  const field = page.getByLabel('Middle of axle, back from front edge');
  await field.focus();
  await page.keyboard.press('F1');
  const help = page.getByRole('figure').filter({ hasText: 'Hook on the front face of the front header' });
  await expect(help).toBeVisible();
  await expect(field).toBeFocused();
  expect(await seriousFaults(page)).toEqual([]);
  await page.getByRole('button', { name: 'Where to hold the tape' }).first().click();
  await expect(help).toHaveCount(0);
  await page.getByRole('heading', { level: 1, name: 'Axle & wheels' }).click();
  await page.keyboard.press('?');
  await page.getByRole('link', { name: 'Words of the shop' }).click();
  await page.getByLabel('Find a word').fill('nose weight');
  await expect(page.getByRole('status')).toHaveText('1 word');
  await expect(page.getByText('What presses on the ball.')).toBeVisible();
  expect(await seriousFaults(page)).toEqual([]);
});
