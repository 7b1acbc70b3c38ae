import { expect, type Page, test } from '@playwright/test';
import { goTo, openShed, seriousFaults } from './trailer';

const commit = async (page: Page, label: string, value: string): Promise<void> => {
  const field = page.getByRole('textbox', { name: label, exact: true });
  await field.fill(value);
  await field.press('Enter');
};

test('a lantern rack from New: two posts, a crossbar between them, drawn, cut, weighed and judged, and undone', async ({
  page,
}) => {
  await openShed(page);
  await page.getByRole('button', { name: 'New trailer' }).click();
  await goTo(page, 'Bed & frame');
  await page.getByText('Bars of your own', { exact: true }).click();
  await page.getByRole('button', { name: 'Add a bar' }).click();
  await expect(page.getByRole('heading', { name: 'Bar 1' })).toBeVisible();
  await commit(page, 'Begins, along it', '6"');
  await commit(page, 'Its name', 'Left post');
  await page.getByRole('button', { name: 'Same on the other side' }).click();
  await commit(page, 'Its name', 'Right post');
  await expect(page.getByLabel('Begins on', { exact: true }).locator('option:checked')).toHaveText('Right rail');
  await page.getByRole('button', { name: 'Add a bar' }).click();
  await commit(page, 'Its name', 'Crossbar');
  await page.getByLabel('Ends', { exact: true }).selectOption('on');
  await page.getByLabel('Ends on', { exact: true }).selectOption({ label: 'Left post' });
  await commit(page, 'Ends, along it', '20"');
  await commit(page, 'Begins, along it', '20"');
  // Rails 2 in wide, their middles 58 in apart; posts of 2 in tube stand on them.
  await expect(page.getByText(`4' 8" long`)).toBeVisible();
  expect(await seriousFaults(page)).toEqual([]);
  await page.getByRole('button', { name: 'From behind' }).click();
  await expect(page.getByTestId('rear-view')).toBeVisible();
  await goTo(page, 'Cut & buy');
  const list = page.getByRole('table').filter({ hasText: 'Piece' });
  await expect(list.getByRole('row').filter({ hasText: 'B1' })).toContainText('22"');
  await expect(list.getByRole('row').filter({ hasText: 'B2' })).toContainText(`4' 8"`);
  // The load goes up on the crossbar; a load that is not over it is told so.
  await goTo(page, 'What’s on it');
  await page.getByTestId('drawing').locator('[data-part^="item."]').first().click();
  await page.getByText('Size and place').first().click();
  await page.getByLabel('Stands on', { exact: true }).selectOption('rack');
  await expect(page.getByRole('list', { name: 'Checks' })).toContainText('no level one lies under it');
  await page.getByRole('button', { name: /^Undo: .*stands on/ }).click();
  await goTo(page, 'Is it strong?');
  await expect(page.getByTestId('analysis-status')).toContainText('Whole frame analysed', { timeout: 60_000 });
  await goTo(page, 'Bed & frame');
  await page.getByRole('button', { name: /^Undo: crossbar begins at/ }).click();
  await expect(page.getByRole('button', { name: /^Redo: crossbar begins at/ })).toBeEnabled();
});

test('a bar that cannot be is told in words, and its fields still mend it', async ({ page }) => {
  await openShed(page);
  await page.getByRole('button', { name: 'New trailer' }).click();
  await goTo(page, 'Bed & frame');
  await page.getByText('Bars of your own', { exact: true }).click();
  await page.getByRole('button', { name: 'Add a bar' }).click();
  await commit(page, 'Begins, along it', `30'`);
  await expect(page.getByRole('list', { name: 'Checks' })).toContainText(
    'Bar 1 stands on Left rail at 30\' 0", past its end',
  );
  await commit(page, 'Begins, along it', `3'`);
  await expect(page.getByRole('list', { name: 'Checks' })).not.toContainText('past its end');
  await page.getByRole('button', { name: 'Take off' }).click();
  await expect(page.getByRole('heading', { name: 'Bar 1' })).toHaveCount(0);
});
