import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { goTo, openDemo, openShed, tongueOf, pickFrom } from './trailer';

const folder = mkdtempSync(join(tmpdir(), 'kereta-e2e-'));
const LB = 0.45359237 * 9.80665;

interface Report {
  readonly cases: readonly {
    readonly id: string;
    readonly tongueN: number;
    readonly tonguePercent: number;
    readonly axles: readonly { readonly loadN: number }[];
  }[];
  readonly findings: readonly { readonly code: string; readonly sentence: string }[];
}
/** The same trailer through the command line, which knows nothing of the page. */
const checkByCommandLine = (file: string): Report => {
  try {
    return JSON.parse(
      execFileSync('node', ['cli/bin/kereta.mjs', 'check', file, '--json'], { encoding: 'utf8' }),
    ) as Report;
  } catch (error) {
    return JSON.parse((error as { stdout: string }).stdout) as Report;
  }
};

test('drag the axle: numbers follow, match the core, one undo brings them back', async ({ page }) => {
  await openDemo(page, 'Apiary flatbed');
  const before = await tongueOf(page, 'case.full-hives');
  const drawing = page.getByTestId('drawing');
  const pxPerM = Number(await drawing.getAttribute('data-px-per-m'));
  const pill = page.locator('[data-part="axle:pill"]');
  const box = await pill.boundingBox();
  if (!box) throw new Error('no pill');
  const start = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  await page.mouse.move(start.x, start.y);
  await page.mouse.down();
  await page.mouse.move(start.x + 10, start.y, { steps: 3 });
  // Live, before release: the strip has moved on.
  await page.mouse.move(start.x + 0.1016 * pxPerM, start.y, { steps: 6 });
  await expect.poll(() => tongueOf(page, 'case.full-hives')).not.toBe(before);
  await expect(drawing).toContainText(`was 5' 9"`);
  await page.mouse.up();
  await expect(page.getByLabel('Middle of axle, back from front edge')).toHaveValue(`6' 1"`);
  const after = await tongueOf(page, 'case.full-hives');

  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export this trailer as a file' }).click();
  const file = join(folder, 'dragged.kereta.json');
  await (await download).saveAs(file);
  const core = checkByCommandLine(file).cases.find(({ id }) => id === 'case.full-hives');
  expect(after).toContain(`${Math.round((core?.tongueN ?? 0) / LB)} lb`);
  expect(after).toContain(`${core?.tonguePercent.toFixed(1)} %`);

  await page.getByRole('button', { name: /^Undo: axle to 6/ }).click();
  expect(await tongueOf(page, 'case.full-hives')).toBe(before);
  await page.getByRole('button', { name: /^Redo: axle/ }).click();
  expect(await tongueOf(page, 'case.full-hives')).toBe(after);
});

test('loads and cross-members drag along the ruler, too, and snap to a sixteenth', async ({ page }) => {
  await openDemo(page, 'Apiary flatbed', 'What’s on it');
  const pxPerM = Number(await page.getByTestId('drawing').getAttribute('data-px-per-m'));
  const dragPart = async (partId: string): Promise<void> => {
    const handle = await page.locator(`[data-part="${partId}:pill"]`).boundingBox();
    if (!handle) throw new Error(partId);
    const x = handle.x + handle.width / 2;
    await page.mouse.move(x, handle.y + 15);
    await page.mouse.down();
    await page.mouse.move(x - 0.2032 * pxPerM, handle.y + 15, { steps: 8 });
    await page.mouse.up();
  };
  await page.getByRole('button', { name: /^Middle hives/ }).click();
  await dragPart('item.middle-hives');
  await expect(page.getByLabel('Middle, back from front edge')).toHaveValue(`4' 10"`);
  await expect(page.getByRole('button', { name: `Undo: Middle hives to 4' 10"` })).toBeEnabled();

  await goTo(page, 'Bed & frame');
  await page.getByTestId('drawing').locator('[data-part="cross.3"]').last().click();
  await dragPart('cross.3');
  await expect(page.getByLabel('Middle, back from front edge')).toHaveValue(`5' 4"`);
  await page.keyboard.press('Control+z');
  await expect(page.getByLabel('Middle, back from front edge')).toHaveValue(`6' 0"`);
});

test('a finding unfolds to its working and its source', async ({ page }) => {
  await openDemo(page, 'Apiary flatbed', 'Is it strong?');
  await expect(page.getByTestId('analysis-status')).toContainText('Whole frame analysed', { timeout: 30_000 });
  const worst = page.getByRole('button', { name: /^Fix Likely to crack early where/ });
  await expect(worst).toBeVisible();
  const finding = page.getByRole('button', { name: /By hand: Cross-member 3 works at 1\d\d %/ });
  // While the frame was still analysed it was the worst, and stood open.
  if ((await finding.getAttribute('aria-expanded')) !== 'true') await finding.click();
  await expect(finding).toHaveAttribute('aria-expanded', 'true');
  await expect(page.getByText('Turning there, standing still')).toBeVisible();
  await expect(page.getByText(/AISC 360-16 F1/)).toBeVisible();
  // The way out: a heavier section there, and the trailer is within.
  await goTo(page, 'Bed & frame');
  await page.getByTestId('drawing').locator('[data-part="cross.3"]').last().click();
  await pickFrom(page, 'Its own section', 'HSS 3x2 1/8');
  await goTo(page, 'Is it strong?');
  await expect(page.getByText(/More than is allowed/)).toHaveCount(0);
  await expect(page.getByRole('link', { name: 'Is it strong?' })).not.toContainText('Fix');
});

test('Esc puts a drag back', async ({ page }) => {
  await openDemo(page, 'Apiary flatbed');
  const before = await tongueOf(page, 'case.honey');
  const box = await page.locator('[data-part="axle:pill"]').boundingBox();
  if (!box) throw new Error('no pill');
  await page.mouse.move(box.x + 30, box.y + 15);
  await page.mouse.down();
  await page.mouse.move(box.x + 90, box.y + 15, { steps: 5 });
  await expect.poll(() => tongueOf(page, 'case.honey')).not.toBe(before);
  await page.keyboard.press('Escape');
  await expect.poll(() => tongueOf(page, 'case.honey')).toBe(before);
  await page.mouse.up();
  expect(await tongueOf(page, 'case.honey')).toBe(before);
  await expect(page.getByRole('button', { name: 'Undo', exact: true })).toBeDisabled();
});

test('add a load, make it tail-heavy, read the warning, undo', async ({ page }) => {
  await openDemo(page, 'Apiary flatbed', 'What’s on it');
  await page.getByTestId('strip-case.honey').click();
  await page.getByRole('button', { name: 'Add load', exact: true }).click();
  await page.getByLabel('Weight', { exact: true }).fill('900 lb');
  await page.getByLabel('Weight', { exact: true }).press('Enter');
  await page.getByLabel('Middle, back from front edge').fill(`9' 6`);
  await page.getByLabel('Middle, back from front edge').press('Enter');
  await expect(page.getByTestId('strip-case.honey')).toContainText('Fix');
  await goTo(page, 'Balance');
  await expect(page.getByRole('button', { name: /Honey home: tongue .*Tail-heavy: sway is likely/ })).toBeVisible();
  for (let i = 0; i < 3; i += 1) await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByRole('button', { name: /Honey home: tongue .*Tail-heavy/ })).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Undo', exact: true })).toBeDisabled();
});

test('lengths in several notations are read, echoed, and the same', async ({ page }) => {
  await openDemo(page, 'Apiary flatbed');
  const field = page.getByLabel('Middle of axle, back from front edge');
  for (const [typed, shown] of [
    [`6' 1 1/2"`, `6' 1 1/2"`],
    ['5-10-3/4', `5' 10 3/4"`],
    ['70 1/2', `5' 10 1/2"`],
    ['71.25 in', `5' 11 1/4"`],
    ['1.778m', `5' 10"`],
    ['1803.4mm', `5' 11"`],
  ] as const) {
    await field.fill(typed);
    await field.press('Enter');
    await expect(field).toHaveValue(shown);
  }
  await field.fill('about there');
  await field.press('Enter');
  await expect(page.getByText(/is not a size Kereta can read\. Try/)).toBeVisible();
  await field.press('Escape');
  await expect(field).toHaveValue(`5' 11"`);
  await page.getByRole('button', { name: 'mm · kg' }).click();
  await expect(field).toHaveValue('1803.4');
});

test('the drawing by keyboard: walk the parts, nudge, open, take off', async ({ page }) => {
  await openDemo(page, 'Apiary flatbed', 'Bed & frame');
  const drawing = page.getByTestId('drawing');
  await drawing.focus();
  await page.keyboard.press('Escape');
  await page.keyboard.press(']');
  await expect(page.getByText(/^Coupler picked/)).toBeAttached();
  for (let i = 0; i < 40; i += 1) {
    if (await page.getByText(/^Cross-member 2 picked/).count()) break;
    await page.keyboard.press(']');
  }
  await expect(page.getByText(`Cross-member 2 picked, at 3' 8"`)).toBeAttached();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText(`Cross-member 2 picked, at 3' 8 1/16"`)).toBeAttached();
  await page.keyboard.press('Shift+ArrowLeft');
  await page.keyboard.press('PageDown');
  await expect(page.getByText(`Cross-member 2 picked, at 4' 7 1/16"`)).toBeAttached();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Middle, back from front edge')).toBeFocused();
  await drawing.focus();
  await page.keyboard.press('Delete');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: /^Redo: cross-member 2 taken off/ })).toBeEnabled();
});

test('reload finds all; a second tab only reads, and can take over', async ({ page, context }) => {
  await openDemo(page, 'Apiary flatbed', 'Bed & frame');
  await page.getByLabel('Bed width, outside').fill('66');
  await page.getByLabel('Bed width, outside').press('Enter');
  await expect(page.getByText('Saved in this browser')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Bed width, outside')).toHaveValue(`5' 6"`);

  const second = await context.newPage();
  await second.goto(page.url());
  await expect(second.getByText(/open in another tab/)).toBeVisible();
  await expect(second.getByLabel('Bed width, outside')).toBeDisabled();
  await page.getByLabel('Bed width, outside').fill('67');
  await page.getByLabel('Bed width, outside').press('Enter');
  await expect(second.getByLabel('Bed width, outside')).toHaveValue(`5' 7"`);
  await second.getByRole('button', { name: 'Take over here' }).click();
  await expect(second.getByLabel('Bed width, outside')).toBeEnabled();
  await expect(page.getByText(/open in another tab/)).toBeVisible();
});

test('export, delete with undo, import: the same findings', async ({ page }) => {
  await openShed(page);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export Oven trailer' }).click();
  const file = join(folder, 'oven.kereta.json');
  await (await download).saveAs(file);
  const card = page.getByTestId('trailer-card').filter({ hasText: 'Oven trailer' });
  await expect(card).not.toContainText('being analysed', { timeout: 30_000 });
  const said = await card.getByRole('link').innerText();

  await page.getByRole('button', { name: 'Delete Oven trailer' }).click();
  await expect(page.getByTestId('trailer-card')).toHaveCount(2);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('trailer-card')).toHaveCount(3);
  await page.getByRole('button', { name: 'Delete Oven trailer' }).click();
  await expect(page.getByTestId('trailer-card')).toHaveCount(2);

  await page.getByLabel('Trailer files').setInputFiles(file);
  await expect(page.getByRole('heading', { level: 1, name: 'Axle & wheels' })).toBeVisible();
  const sentence = checkByCommandLine(file).findings.find(({ code }) => code === 'axle-load')?.sentence ?? 'none';
  await expect(page.getByText(sentence)).toBeVisible();
  await page.getByRole('link', { name: 'Kereta, to the shed' }).click();
  await expect(card).not.toContainText('being analysed', { timeout: 30_000 });
  expect(await card.getByRole('link').innerText()).toBe(said);
});

test('a broken, a truncated and a newer file each get their own sentence and change nothing', async ({ page }) => {
  await openShed(page);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export Apiary flatbed' }).click();
  const whole = join(folder, 'whole.kereta.json');
  await (await download).saveAs(whole);
  const text = readFileSync(whole, 'utf8');
  const files = [
    ['damaged.json', text.replace('"items": [', '"items": ]'), /damaged/],
    ['truncated.json', text.slice(0, 1500), /ends early/],
    ['newer.json', text.replace(/"schemaVersion": \d+/, '"schemaVersion": 99'), /newer Kereta/],
    ['photo.json', '{"pixels": []}', /not a Kereta trailer/],
    ['wrong.json', text.replace(/"reserveShare": [\d.]+/, '"reserveShare": -2'), /runningGear\.reserveShare/],
  ] as const;
  for (const [name, content, sentence] of files) {
    const file = join(folder, name);
    writeFileSync(file, content);
    await page.getByLabel('Trailer files').setInputFiles(file);
    await expect(page.getByRole('alert')).toContainText(sentence);
    await expect(page.getByRole('alert')).toContainText('Nothing was changed');
    await expect(page.getByTestId('trailer-card')).toHaveCount(3);
  }
});

test('a name from a file is text, never markup', async ({ page }) => {
  await openShed(page);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export Apiary flatbed' }).click();
  const file = join(folder, 'named.kereta.json');
  await (await download).saveAs(file);
  const name = '<img src=x onerror="document.title=1">';
  writeFileSync(
    file,
    readFileSync(file, 'utf8')
      .replaceAll('Apiary flatbed', name.replaceAll('"', '\\"'))
      .replace('demo.apiary-flatbed', 'trailer.named'),
  );
  await page.getByLabel('Trailer files').setInputFiles(file);
  await expect(page.getByText(name).first()).toBeVisible();
  expect(await page.locator('img').count()).toBe(0);
});

test('a new trailer is complete; cut list as screen, sheet and CSV', async ({ page }) => {
  await openShed(page);
  await page.getByRole('button', { name: 'New trailer' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'The job' })).toBeVisible();
  // What its hitch allows has not been read; nothing else is in the way.
  await expect(page.getByTestId('strip-case.loaded')).toContainText('Missing: hitch');
  await goTo(page, 'Cut & buy');
  await expect(page.getByRole('table', { name: 'Cut list' })).toContainText(
    '65° off square (saw reading from the stick: 25°)',
  );
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Cut list, CSV' }).click();
  const csv = join(folder, 'cut.csv');
  await (await download).saveAs(csv);
  expect(readFileSync(csv, 'utf8')).toContain('R1,"Left rail, Right rail",2');
  await page.getByRole('link', { name: 'Print cut list' }).click();
  await expect(page.getByRole('table', { name: 'Cut list' })).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
});

test('no axle, axle ahead of the coupler, nothing aboard: said, never NaN', async ({ page }) => {
  await openDemo(page, 'Apiary flatbed');
  await page.getByLabel('Middle of axle, back from front edge').fill('-8 ft');
  await page.getByLabel('Middle of axle, back from front edge').press('Enter');
  await expect(
    page.getByRole('list', { name: 'Checks' }).getByText('The axle is not behind the ball. Move it back.'),
  ).toBeVisible();
  await page.getByLabel('Axles', { exact: true }).selectOption('none');
  await expect(
    page.getByRole('list', { name: 'Checks' }).getByText('No axle yet. Choose one, then its place.'),
  ).toBeVisible();
  await goTo(page, 'Is it strong?');
  await expect(page.getByRole('list', { name: 'Checks' }).getByText(/Bending cannot be worked out/)).toBeVisible();
  await goTo(page, 'Balance');
  expect(await page.locator('body').innerText()).not.toMatch(/NaN|undefined|Infinity/);
});

test('absurd sizes are refused in the field and nothing moves', async ({ page }) => {
  await openDemo(page, 'Telescope trailer', 'Bed & frame');
  const field = page.getByLabel('Bed length, outside');
  for (const typed of ['0', '-2500', '999999', '', 'long', '1/0']) {
    await field.fill(typed);
    await field.press('Enter');
    await expect(field).toHaveAttribute('aria-invalid', 'true');
  }
  await field.press('Escape');
  await expect(field).toHaveValue('2500');
  await expect(page.getByRole('button', { name: 'Undo', exact: true })).toBeDisabled();
});

test('a pinned load stays in front of the strip, also after a reload; a digit begins the picked part’s size', async ({
  page,
}) => {
  await openDemo(page, 'Apiary flatbed');
  const first = page.getByRole('list', { name: 'Load cases' }).getByRole('listitem').first();
  await expect(first).not.toContainText('Parked, full hives');
  await page.getByRole('button', { name: 'Keep Parked, full hives in front' }).click();
  await expect(first).toContainText('Parked, full hives');
  await page.reload();
  await expect(first).toContainText('Parked, full hives');

  await page.getByTestId('drawing').focus();
  await page.keyboard.type('66');
  await expect(page.getByLabel('Middle of axle, back from front edge')).toHaveValue('66');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Middle of axle, back from front edge')).toHaveValue(`5' 6"`);
});
