import { expect, test } from '@playwright/test';
import { goTo, openDemo, seriousFaults } from './trailer';

test('the plan: ticked on the phone, noted, skipped with a reason, one’s own; a changed design touches what was done', async ({
  page,
}) => {
  await openDemo(page, 'Apiary flatbed');
  await goTo(page, 'Lay out & build');
  const plan = page.getByRole('list', { name: 'Tasks' });
  await expect(page.getByRole('link', { name: /Lay out & build/ })).toContainText('Not started');
  await plan.getByRole('button', { name: /Set the cross-members/ }).click();
  const panel = page.getByRole('complementary', { name: 'Lay out & build' });
  await expect(panel).toContainText('Comes after: lay out rails and headers.');
  await expect(panel).toContainText(/as it lies upside down: the left side is at the top/);
  // 10 ft by 5 ft 4 in: 136 in across.
  await plan.getByRole('button', { name: /Lay out rails and headers/ }).click();
  await expect(panel.getByRole('table')).toContainText(/Both diagonals\s*11' 4"/);
  expect(await seriousFaults(page)).toEqual([]);
  await page.getByLabel('The frame is laid out').selectOption({ label: 'right side up: turned over twice' });
  await expect(plan.getByRole('button', { name: /Turn it upright/ })).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(plan.getByRole('button', { name: /Turn it upright/ })).toHaveCount(0);
  // Skipped only with a reason.
  await plan.getByRole('button', { name: /Look the metal over/ }).click();
  await expect(panel.getByRole('button', { name: /^Skip/ })).toBeDisabled();
  await panel.getByLabel('Note, or why it is skipped').fill('Cut at the yard, with its certificate');
  await panel.getByRole('button', { name: /^Skip/ }).click();
  await expect(plan.getByRole('button', { name: /Look the metal over/ })).toContainText('Skipped');
  await expect(panel.getByRole('heading', { level: 2 })).toHaveText('Cut the pieces');
  // On the phone: a card for each, the next one comes by itself.
  await page.setViewportSize({ width: 390, height: 844 });
  await page.getByRole('link', { name: /Set the hangers/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Set the hangers');
  await expect(page.getByRole('list', { name: 'Take care' })).toContainText('Springs under load');
  await page.getByLabel('Hours').fill('1,5');
  await page.getByLabel('Note, or why it is skipped').fill('Left rear one shimmed');
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Set the axle true to the ball');
  expect(await seriousFaults(page)).toEqual([]);
  await page.getByRole('link', { name: 'Before' }).click();
  await expect(page.getByText('“Left rear one shimmed”')).toBeVisible();
  await expect(page.getByText(/1\.5 h so far/)).toBeVisible();
  await page.getByText('A task of your own after this one').click();
  await page.getByLabel('What is to be done').fill('Ask the neighbour about his press');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await page.getByRole('link', { name: 'Next' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Ask the neighbour about his press');
  // What was ticked is there after the page was killed.
  await page.reload();
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.getByRole('link', { name: 'The plan' }).click();
  await expect(plan.getByRole('button', { name: /Set the hangers/ })).toContainText('Done');
  // The axle moved: the hangers were set by other numbers.
  await goTo(page, 'Axle & wheels');
  const place = page.getByLabel('Middle of axle, back from front edge');
  await place.fill('70');
  await place.press('Enter');
  await goTo(page, 'Lay out & build');
  await expect(plan.getByRole('button', { name: /Set the hangers/ })).toContainText('Changed since');
  await plan.getByRole('button', { name: /Set the hangers/ }).click();
  await expect(panel.getByRole('note')).toContainText(/Front edge to fixed eye: was [^,]*, is/);
  await page.getByRole('link', { name: 'Print the plan' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Plan: Apiary flatbed');
  await expect(page.getByRole('table', { name: 'Tasks' })).toContainText('☑');
  await expect(page.getByRole('heading', { level: 2, name: /Turn the frame over/ })).toBeVisible();
});
