import { expect, test } from '@playwright/test';
import { openDemo, openId, seriousFaults } from './trailer';

test('load it badly and see: asked first, answered by the model, kept; by keyboard', async ({ page }) => {
  await openDemo(page, 'Apiary flatbed', 'Balance');
  await page.getByRole('link', { name: 'Load it badly and see' }).click();
  const exercise = page.getByRole('region', { name: 'All the way back' });
  const answer = page.getByRole('button', { name: 'See what the model says' });
  await expect(answer).toBeDisabled();
  // Nothing of the answer is there before somebody has guessed.
  await expect(exercise.getByRole('status')).toHaveCount(0);
  await exercise.getByRole('radio', { name: 'More' }).focus();
  await page.keyboard.press('ArrowDown');
  await expect(exercise.getByRole('radio', { name: 'Less' })).toBeChecked();
  await answer.focus();
  await page.keyboard.press('Enter');
  await expect(exercise.getByRole('status')).toContainText('So says the model, too: less');
  await expect(exercise.getByRole('status')).toContainText(
    '11.3 %, then -3.8 %. Less than the 10.0 % that are wanted.',
  );
  expect(await seriousFaults(page)).toEqual([]);
  await page.getByRole('button', { name: 'The next one' }).click();
  const forward = page.getByRole('region', { name: 'All the way forward' });
  await forward.getByRole('radio', { name: 'About as much' }).check();
  await answer.click();
  await expect(forward.getByRole('status')).toContainText('The model says otherwise: more');
  await page.reload();
  // Goes on where it was left, and says what was gone through.
  await expect(page.getByRole('heading', { name: 'The axle too far forward' })).toBeVisible();
  await expect(page.getByRole('button', { name: /All the way back/ })).toContainText('gone through');
  // A single axle has no two springs to share: borrowed from a demo that has.
  await page.getByRole('button', { name: /The ball too high, two axles/ }).click();
  await expect(page.getByRole('region', { name: 'The ball too high, two axles' })).toContainText(
    'On the demo Oven trailer',
  );
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  // The trailer itself is as it was.
  await page.goto(`/trailer/${openId(page)}/balance`);
  await expect(page.getByRole('button', { name: /^Undo/ })).toBeDisabled();
});
