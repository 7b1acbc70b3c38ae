import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { goTo, openDemo } from './trailer';

test('bought from the yard, cut with one mistake, paid, and the set handed out; what changes afterwards is told by its piece', async ({
  page,
}) => {
  await openDemo(page, 'Apiary flatbed');
  await goTo(page, 'Cut & buy');
  // Bought: today's prices of the yard steer the sticks.
  await page.getByRole('link', { name: 'What to buy, and what it costs' }).click();
  await page.getByRole('button', { name: 'Ask a yard' }).click();
  await page.getByRole('button', { name: 'Stand-in yard, inch sizes, USD' }).click();
  await page
    .getByRole('region', { name: 'Prices found' })
    .getByRole('button', { name: /Take these/ })
    .click();
  const bars = page.getByRole('region', { name: 'Bars and plates' });
  await bars
    .getByRole('button', { name: /HSS 4 x 2 x/ })
    .first()
    .click();
  await bars.getByLabel('Paid, USD, with tax').fill('371.20');
  await bars.getByLabel('Paid, USD, with tax').press('Enter');
  await expect(page.getByRole('region', { name: 'Paid' }).getByText('$371.20')).toBeVisible();
  await page.getByRole('link', { name: 'Back' }).click();
  // Cut, with one rail a quarter short.
  await page.getByRole('link', { name: 'At the saw' }).click();
  await page.getByRole('checkbox', { name: /^T1/ }).first().click();
  await page.getByRole('checkbox', { name: /^C2/ }).first().click();
  await page.getByRole('button', { name: 'Wrong: R1' }).first().click();
  await page.getByLabel('How long did R1 come out?').fill(`9' 11 3/4"`);
  await page.getByLabel('How long did R1 come out?').press('Enter');
  await expect(page.getByRole('region', { name: 'Cut otherwise than wanted' })).toContainText('it is planned again');
  await expect(page.getByText('2 of 10 cut')).toBeVisible();
  await page.getByRole('link', { name: 'Back' }).click();
  // The short rail costs another length: what is to be bought grows, what was paid stays.
  await page.getByRole('link', { name: 'What to buy, and what it costs' }).click();
  await expect(page.getByRole('region', { name: 'Paid' }).getByText('$371.20')).toBeVisible();
  await page.getByRole('link', { name: 'Back' }).click();
  await page.getByRole('link', { name: 'Print drawing, to scale' }).click();
  const pdf = page.getByRole('button', { name: 'PDF', exact: true });
  await expect(pdf).toBeEnabled();
  const saved = page.waitForEvent('download');
  await pdf.click();
  const file = await saved;
  expect(file.suggestedFilename()).toMatch(/revision-1/);
  const document = await getDocument({ data: new Uint8Array(readFileSync(await file.path())) }).promise;
  expect(document.numPages).toBeGreaterThanOrEqual(7);
  await page.getByRole('link', { name: 'Back' }).click();
  // A wider bed afterwards: the cross-member that is cut already is too short, and the next revision says so.
  await goTo(page, 'Bed & frame');
  await page.getByLabel('Bed width, outside').fill(`5' 6"`);
  await page.getByLabel('Bed width, outside').press('Enter');
  await goTo(page, 'Cut & buy');
  await page.getByRole('link', { name: 'Print drawing, to scale' }).click();
  const changed = page.getByRole('region', { name: 'Changed since the last drawings' });
  await expect(changed).toContainText(/C2.*2" longer.*already cut/);
});
