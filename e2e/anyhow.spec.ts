import { expect, type Page, test } from '@playwright/test';
import { goTo, openDemo } from './trailer';

const STEPS = [
  'The job',
  'Bed & frame',
  'What’s on it',
  'Axle & wheels',
  'Tongue & coupler',
  'Is it strong?',
  'Balance',
  'How it tows',
  'Cut & buy',
];
const TYPED = ['0', '-5', '1', '12', '7 1/2', `3' 4"`, '1500 mm', '2.5 m', '99999', 'abc', '', '0.001', '40', '100'];

/** Numbers that are the same in every run (Park and Miller's minimal standard generator). */
const numbersFrom = (seed: number): ((below: number) => number) => {
  let state = seed;
  return (below) => {
    state = (state * 48_271) % 2_147_483_647;
    return state % below;
  };
};

/** One thing that an impatient person might do to the panel that is open. */
const doSomething = async (page: Page, next: (below: number) => number): Promise<string> => {
  const panel = page.getByRole('complementary');
  const kind = ['input:not([type=checkbox])', 'select', 'input[type=checkbox]', 'button'][next(4)] ?? 'button';
  const controls = panel.locator(kind);
  const count = await controls.count();
  if (count === 0) return 'nothing there';
  const control = controls.nth(next(count));
  if (!(await control.isVisible()) || !(await control.isEnabled())) return 'hidden';
  if (kind.startsWith('input:not')) {
    const text = TYPED[next(TYPED.length)] ?? '';
    await control.fill(text);
    await control.press('Enter');
    return `typed ${text}`;
  }
  if (kind === 'select') {
    const options = await control.locator('option').count();
    await control.selectOption({ index: next(options) });
    return 'chose';
  }
  const name = await control.innerText();
  if (/CSV/.test(name)) return 'left the download';
  await control.click();
  return `pressed ${name.slice(0, 20)}`;
};

for (const [seed, demo] of [
  [11, 'Apiary flatbed'],
  [23, 'Telescope trailer'],
  [47, 'Oven trailer'],
] as const) {
  test(`whatever is done to the ${demo}, nothing breaks, and all of it can be undone`, async ({ page }) => {
    test.setTimeout(150_000);
    const errors: string[] = [];
    page.on('pageerror', (error) => errors.push(error.message));
    page.on('console', (message) => {
      if (message.type() === 'error') errors.push(message.text());
    });
    await openDemo(page, demo);
    const next = numbersFrom(seed);
    const done: string[] = [];
    for (let i = 0; i < 45; i += 1) {
      if (i % 6 === 0) {
        await goTo(page, STEPS[next(STEPS.length)] ?? 'Balance');
        // Named groups are opened, so that their fields are reached, too.
        await page.evaluate(() => {
          for (const group of document.querySelectorAll('details')) group.open = true;
        });
      }
      done.push(await doSomething(page, next));
      expect(await page.locator('body').innerText(), done.join('; ')).not.toMatch(/NaN|undefined|Infinity|\[object/);
      expect(
        await page.locator('svg [d*="NaN"], svg [x="NaN"], svg [points*="NaN"], svg [transform*="NaN"]').count(),
        done.join('; '),
      ).toBe(0);
    }
    expect(errors, done.join('; ')).toEqual([]);
    const undo = page.getByRole('button', { name: /^Undo/ }).first();
    for (let i = 0; i < 200 && (await undo.isEnabled()); i += 1) await undo.click();
    await expect(undo).toBeDisabled();
    await expect(page.locator('header p').first()).toContainText(demo);
  });
}
