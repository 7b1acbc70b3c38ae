import { expect, test } from '@playwright/test';
import { openShed, seriousFaults } from './trailer';

test('six questions end with a trailer that is drawn, sized and balanced, and has nothing to mend', async ({
  page,
}) => {
  await openShed(page);
  await page.getByRole('link', { name: 'By six questions' }).click();
  await page.getByLabel('In a word or two').fill('slates for a roof');
  await page.getByLabel('Weight of all of it').fill('2000');
  await page.getByLabel('Long').fill('10 ft');
  await page.getByLabel('Wide').fill('5 ft');
  await page.getByLabel('High').fill('30');
  await page.getByLabel('High').press('Enter');
  await page.getByLabel('Most like').selectOption({ label: 'Full-size pickup' });
  // The drawing follows the answers: bed by hand, 2 in about the goods, in steps of 6 in.
  await expect(page.getByRole('figure', { name: 'So far' })).toContainText(`Bed 10' 6" x 5' 6", one axle for`);
  expect(await seriousFaults(page)).toEqual([]);
  await page.getByRole('button', { name: 'Draw it, size it, balance it' }).click();
  await page.getByRole('link', { name: 'Open it' }).click({ timeout: 60_000 });
  await expect(page.getByRole('heading', { level: 1, name: 'Axle & wheels' })).toBeVisible();
  const steps = page.getByRole('navigation', { name: 'Steps' });
  await expect(steps.getByRole('link', { name: /Bed & frame/ })).toContainText('Within');
  await expect(steps.getByRole('link', { name: /Balance/ })).toContainText('Within');
  await expect(steps.getByRole('link', { name: /Is it strong\?/ })).toContainText(/Within|Tight/, { timeout: 30_000 });
  await expect(steps).not.toContainText('Fix');
  await page.goto('/');
  await expect(page.getByRole('link', { name: 'Trailer for slates for a roof' })).toBeVisible();
});

test('goods that do not fit between wheels, metal that does not bear: said before and after; on the phone', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openShed(page);
  await page.getByRole('link', { name: 'By six questions' }).click();
  await page.getByLabel('Wide').fill('8 ft');
  await page.getByLabel('Weight of all of it').fill('3000');
  await page.getByLabel('Weight of all of it').press('Enter');
  await expect(page.getByRole('list', { name: 'To know' })).toContainText(`8' 0" reach over them`);
  await page.getByLabel('Build it of').selectOption({ label: 'tubes or bars of one kind' });
  const section = page.getByRole('combobox', { name: 'Of which section' });
  await section.click();
  await section.fill('1 x 1 x 14');
  await section.press('Enter');
  await page.getByRole('button', { name: 'Draw it, size it, balance it' }).click();
  await expect(page.getByRole('region', { name: 'Done' })).toContainText('No frame of what is at hand bears it', {
    timeout: 60_000,
  });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});
