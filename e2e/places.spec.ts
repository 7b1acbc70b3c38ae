import { expect, test } from '@playwright/test';
import { goTo, openShed, seriousFaults, pickFrom } from './trailer';

test.describe('a page in German of Austria', () => {
  test.use({ locale: 'de-AT' });
  // The region is the browser's, the words are chosen.
  test.beforeEach(({ page }) => page.addInitScript(() => localStorage.setItem('kereta.language', 'en')));
  test('a new trailer takes its region, school, units and parts together; sections and tongues bring theirs', async ({
    page,
  }) => {
    await openShed(page);
    await page.getByRole('button', { name: 'New trailer' }).click();
    await expect(page.getByLabel('Money')).toHaveValue('EUR');
    await page.getByText('Where it will be towed').click();
    await expect(page.getByLabel('Europe')).toBeChecked();
    await goTo(page, 'Balance');
    await expect(page.getByLabel('School of tongue weight')).toHaveValue('europe');
    await goTo(page, 'Axle & wheels');
    await expect(page.getByLabel('Suspension', { exact: true })).toHaveValue('torsion');

    // A channel is not made in a tube's steel.
    await goTo(page, 'Bed & frame');
    await pickFrom(page, 'Side rails, section', 'c4x5.4');
    await expect(page.getByLabel('Side rails, metal')).toHaveValue('a36');
    await page.getByLabel('Side rails, open side').selectOption('out');
    expect(await seriousFaults(page)).toEqual([]);

    // One tube is held by another coupler than two legs.
    await goTo(page, 'Tongue & coupler');
    await page.getByLabel('Tongue', { exact: true }).selectOption('straight');
    await expect(page.getByRole('combobox', { name: 'Coupler', exact: true })).toHaveValue(
      '1500 kg ball coupling, 50 mm',
    );
    await pickFrom(page, 'Coupler', 'pulled by hand');
    await expect(page.getByRole('list', { name: 'Checks' })).toContainText('Missing');

    // Other units offer round sizes.
    await goTo(page, 'The job');
    await page.getByText('How sizes are written').click();
    await page.getByLabel('Units').selectOption('imperial');
    await page.getByRole('button', { name: 'Take USD' }).click();
    await expect(page.getByLabel('Money')).toHaveValue('USD');
    await page.getByRole('button', { name: 'Round them to inches' }).click();
    await expect(page.getByRole('button', { name: 'Round them to inches' })).toHaveCount(0);
  });
});

test('a load that is added is aboard wherever something is, and is taken off where it is not', async ({ page }) => {
  await openShed(page);
  await page.getByRole('button', { name: 'New trailer' }).click();
  await goTo(page, 'What’s on it');
  await page.getByRole('button', { name: 'Add load' }).click();
  const aboard = page.locator('details', { has: page.locator('summary', { hasText: 'Aboard in' }) });
  await expect(aboard.getByLabel('Loaded')).toBeChecked();
  await expect(aboard.getByLabel('Empty')).not.toBeChecked();
  await aboard.getByLabel('Parked on the jack').click();
  await expect(aboard.getByLabel('Parked on the jack')).not.toBeChecked();
  await expect(page.getByRole('button', { name: /^Undo: New load out of Parked/ })).toBeEnabled();
});
