import { expect, type Page, test } from '@playwright/test';
import { openDemo, openId } from './trailer';

/** Every screen of a trailer, by its address; those of the whole program. */
const STEPS = ['job', 'frame', 'loads', 'axle', 'tongue', 'strength', 'balance', 'towing', 'cut', 'build', 'weigh'];
const PAGES = [
  'lights',
  'coat',
  'papers',
  'training',
  'buy',
  'saw',
  'square',
  'weigh-in',
  'log',
  'trip',
  'send',
  'print/book',
  'print/plan',
  'print/drawing',
  'print/cut-list',
  'print/strength',
  'print/axle',
  'print/tow',
];

interface Stop {
  readonly what: string;
  readonly seen: boolean;
}

/** What has the focus, and whether anything shows it: an outline, a ring, a border of its own. */
const focused = (page: Page): Promise<Stop | undefined> =>
  page.evaluate(() => {
    const now = document.activeElement;
    if (!(now instanceof HTMLElement || now instanceof SVGElement) || now === document.body) return undefined;
    const style = getComputedStyle(now);
    const outlined = style.outlineStyle !== 'none' && Number.parseFloat(style.outlineWidth) > 0;
    const around = now.closest('label, [role="application"], .field-box');
    const ringed = style.boxShadow !== 'none' || (around !== null && getComputedStyle(around).outlineStyle !== 'none');
    // Parts of the drawing show it by their colour: the drawing itself is the stop.
    return { what: now.outerHTML.slice(0, 120), seen: outlined || ringed || now.tagName === 'svg' };
  });

/** Tab by Tab to the end: how many stops there are. No stop is hidden, none holds the focus for good. */
const walk = async (page: Page, most = 400): Promise<readonly Stop[]> => {
  await page.evaluate(() => {
    (document.activeElement as HTMLElement | null)?.blur();
    window.getSelection()?.removeAllRanges();
  });
  const stops: Stop[] = [];
  let last = '';
  let held = 0;
  for (let i = 0; i < most; i += 1) {
    await page.keyboard.press('Tab');
    const stop = await focused(page);
    if (!stop) break;
    held = stop.what === last ? held + 1 : 0;
    // Rows of a list look alike: only the same element many times over is a trap.
    if (held > 30) throw new Error(`the focus does not leave ${stop.what}`);
    last = stop.what;
    stops.push(stop);
  }
  return stops;
};

const expectWalked = async (page: Page, name: string): Promise<void> => {
  const stops = await walk(page);
  expect(stops.length, name).toBeGreaterThan(1);
  expect(stops.length, `${name} comes to an end`).toBeLessThan(400);
  expect(
    stops.filter(({ seen }) => !seen).map(({ what }) => what),
    `${name}: each stop is seen`,
  ).toEqual([]);
};

test('a walk by Tab over every step of the workbench: to the end, each stop seen', async ({ page }) => {
  test.setTimeout(180_000);
  await openDemo(page, 'Apiary flatbed');
  const id = openId(page);
  for (const step of STEPS) {
    await page.goto(`/trailer/${id}/${step}`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expectWalked(page, step);
  }
});

test('a walk by Tab over every page beside it', async ({ page }) => {
  test.setTimeout(240_000);
  await openDemo(page, 'Apiary flatbed');
  const id = openId(page);
  for (const address of [...PAGES.map((path) => `/trailer/${id}/${path}`), '/', '/new', '/words']) {
    await page.goto(address);
    await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
    await expectWalked(page, address);
  }
});
