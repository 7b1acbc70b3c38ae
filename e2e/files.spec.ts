import { readFileSync } from 'node:fs';
import { expect, type Page, test } from '@playwright/test';
import DxfParser, { type IDxf } from 'dxf-parser';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { goTo, openDemo, seriousFaults } from './trailer';

// Its types say CommonJS, what is loaded is the class itself.
const Parser = DxfParser as unknown as new () => { readonly parseSync: (text: string) => IDxf | null };

const saved = async (
  page: Page,
  button: string | RegExp,
): Promise<{ readonly name: string; readonly path: string }> => {
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: button, exact: typeof button === 'string' }).click();
  const file = await download;
  return { name: file.suggestedFilename(), path: await file.path() };
};

test('the drawing set as files that others read: PDF, SVG, DXF', async ({ page }) => {
  await openDemo(page, 'Oven trailer');
  await goTo(page, 'Cut & buy');
  await page.getByRole('link', { name: 'Print drawing, to scale' }).click();
  const pdfButton = page.getByRole('button', { name: 'PDF', exact: true });
  await expect(pdfButton).toBeEnabled();
  const pdf = await saved(page, 'PDF');
  expect(pdf.name).toMatch(/^Oven-trailer-drawings-revision-1-\d{4}-\d{2}-\d{2}\.pdf$/);
  const document = await getDocument({ data: new Uint8Array(readFileSync(pdf.path)) }).promise;
  // The trailer, its frame, in space, joints, welds; pieces, sticks.
  expect(document.numPages).toBe(7);
  const textOf = async (number: number): Promise<string> =>
    (await (await document.getPage(number)).getTextContent()).items
      .map((item) => ('str' in item ? item.str : ''))
      .join(' ');
  expect(await textOf(1)).toContain('From the left');
  expect(await textOf(2)).toMatch(/Frame from above.*both diagonals of the bed/);
  expect(await textOf(3)).toContain('without deck and loads, not to scale');
  expect(await textOf(4)).toMatch(/Tongue and how it meets the frame.*Hangers from the left.*Axle, from behind/);
  expect(await textOf(5)).toMatch(/symbols after AWS A2\.4.*End of a bar, all round/);
  expect(await textOf(6)).toMatch(/R1.*Side rail/);
  expect(await textOf(7)).toMatch(/HSS 6 x 3/);
  const templates = await saved(page, 'Templates 1:1, PDF');
  const wraps = await getDocument({ data: new Uint8Array(readFileSync(templates.path)) }).promise;
  const wrap = (await (await wraps.getPage(1)).getTextContent()).items
    .map((item) => ('str' in item ? item.str : ''))
    .join(' ');
  expect(wrap).toMatch(/T1, 65° off square.*fold it at the dashed lines/);
  const svg = await saved(page, 'SVG');
  const text = readFileSync(svg.path, 'utf8');
  expect(text).toMatch(/^<svg[^>]*width="431\.8mm"/);
  // It stands alone: nothing of the page's styles is left to be looked up.
  expect(text).not.toMatch(/var\(|lab\(|oklch\(/);
  const dxf = await saved(page, 'DXF, from above');
  expect(dxf.name).toMatch(/^Oven-trailer-plan-revision-1-/);
  expect(new Parser().parseSync(readFileSync(dxf.path, 'utf8'))?.entities.length).toBeGreaterThan(20);
});

test('the frame as solids for CAD: STEP, glTF; one that is not wanted is stopped', async ({ page }) => {
  await openDemo(page, 'Apiary flatbed');
  await goTo(page, 'Cut & buy');
  await page.getByRole('link', { name: 'Print drawing, to scale' }).click();
  const step = await saved(page, 'STEP');
  expect(step.name).toMatch(/^Apiary-flatbed-frame-revision-1-\d{4}-\d{2}-\d{2}\.step$/);
  const text = readFileSync(step.path, 'utf8');
  expect(text).toMatch(/^ISO-10303-21;/);
  expect(text.match(/MANIFOLD_SOLID_BREP\(/g)).toHaveLength(10);
  expect(text).toContain("PRODUCT('T1 tongue.left'");
  const glb = await saved(page, 'glTF');
  expect(readFileSync(glb.path).subarray(0, 4).toString()).toBe('glTF');
  await page.getByRole('button', { name: 'STL' }).click();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByRole('button', { name: 'STL' })).toBeEnabled();
  await expect(page.getByRole('alert')).toHaveCount(0);
});

test('sheets are laid out with what is sold, and their outlines go to a table that cuts', async ({ page }) => {
  await openDemo(page, 'Apiary flatbed');
  await goTo(page, 'Cut & buy');
  const sheets = page.getByRole('region', { name: 'Sheets' });
  // 5 ft 4 in by 10 ft of deck from 4 x 8 ft: larger than a sheet, and said so.
  await expect(sheets.getByText(/D1: larger than a sheet, joined from several/)).toBeVisible();
  const dxf = await saved(page, /Plywood.*DXF/);
  expect(new Parser().parseSync(readFileSync(dxf.path, 'utf8'))?.entities.length).toBeGreaterThan(3);
  await page.getByText('Saw and stock').click();
  const stock = page.getByRole('group', { name: 'Sheets' });
  await stock.getByRole('button', { name: 'A sheet of plywood' }).click();
  await stock.getByLabel('Each costs, USD').fill('68');
  await stock.getByLabel('Each costs, USD').press('Enter');
  await expect(sheets.getByText(/\$\d+\.00; \d+ % of it is used/)).toBeVisible();
  expect(await seriousFaults(page)).toEqual([]);
  await page.getByRole('link', { name: 'What to buy, and what it costs' }).click();
  await expect(
    page.getByRole('region', { name: 'Deck, sides and skins' }).getByText(/\(\$68\.00 each\)/),
  ).toBeVisible();
});

test('drawings remember the pieces that they were made from: what changed since is told, with what is cut by then', async ({
  page,
}) => {
  await openDemo(page, 'Apiary flatbed');
  await goTo(page, 'Cut & buy');
  await page.getByRole('link', { name: 'Print drawing, to scale' }).click();
  await expect(page.getByRole('button', { name: 'PDF', exact: true })).toBeEnabled();
  await saved(page, 'PDF');
  const since = page.getByRole('region', { name: 'Changed since the last drawings' });
  await expect(since.getByText(/These are the pieces of revision 1/)).toBeVisible();
  await page.getByRole('link', { name: 'Back' }).click();
  await page.getByRole('link', { name: 'At the saw' }).click();
  const rail = page.getByRole('checkbox', { name: /^R1/ }).first();
  await rail.click();
  await expect(page.getByText('1 of 10 cut')).toBeVisible();
  await page.getByRole('link', { name: 'Back' }).click();
  await goTo(page, 'Bed & frame');
  await page.getByLabel('Bed length').fill(`10' 0 1/2"`);
  await page.getByLabel('Bed length').press('Enter');
  await goTo(page, 'Cut & buy');
  await page.getByRole('link', { name: 'Print drawing, to scale' }).click();
  await expect(since.getByText('2 × R1 is 1/2" longer; 1 of them already cut')).toBeVisible();
  const file = await saved(page, 'SVG');
  expect(file.name).toMatch(/revision-2/);
});
