import { AxeBuilder } from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** First visit: the shed with its demos, the first note read. */
export const openShed = async (page: Page): Promise<void> => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Understood' }).click();
  await expect(page.getByTestId('trailer-card')).toHaveCount(3);
};

export const openDemo = async (page: Page, name: string, step = 'Axle & wheels'): Promise<void> => {
  await openShed(page);
  await page.getByRole('link', { name }).click();
  await goTo(page, step);
};

/** The id of the trailer that is open, by the page's address. */
export const openId = (page: Page): string => /\/trailer\/([^/]+)/.exec(page.url())?.[1] ?? '';

export const goTo = async (page: Page, step: string): Promise<void> => {
  await page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: step }).click();
  await expect(page.getByRole('heading', { level: 1, name: step })).toBeVisible();
  await untilWritable(page);
};

/** Fields and drawing take nothing before it is known which tab writes: waits for that. */
export const untilWritable = async (page: Page): Promise<void> => {
  await expect(page.locator('body')).not.toHaveAttribute('aria-busy', 'true');
};

/** What the strip says of a load case, in one line, once its verdict is worked out. */
export const tongueOf = async (page: Page, caseId: string): Promise<string> => {
  const card = page.getByTestId(`strip-${caseId}`);
  await expect(card).not.toContainText('being worked out');
  return (await card.innerText()).replaceAll('\n', ' ');
};

/** What axe finds serious or critical on the page as it stands, each with the first thing that has it. */
export const seriousFaults = async (page: Page): Promise<string[]> =>
  (await new AxeBuilder({ page }).analyze()).violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`);

/** Chooses from a long list by typing some of it; the first that fits is taken. */
export const pickFrom = async (page: Page, label: string, search: string): Promise<void> => {
  const field = page.getByRole('combobox', { name: label, exact: true });
  await field.click();
  await field.fill(search);
  await field.press('Enter');
};
