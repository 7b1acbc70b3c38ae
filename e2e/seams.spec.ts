import { mkdtempSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, type Page, test } from '@playwright/test';
import { goTo, openDemo, openShed, seriousFaults } from './trailer';

const folder = mkdtempSync(join(tmpdir(), 'kereta-e2e-'));
const VERSIONS = 'core/test/examples/versions';

interface Row {
  readonly id: string;
  readonly project: unknown;
  readonly updatedAt: number;
}
/** What lies in the browser's database, as it lies there. */
const rows = (page: Page): Promise<readonly Row[]> =>
  page.evaluate(
    () =>
      new Promise<Row[]>((resolve, reject) => {
        const open = indexedDB.open('kereta');
        open.addEventListener('error', () => reject(new Error('not opened')));
        open.addEventListener('success', () => {
          const all = open.result.transaction('projects').objectStore('projects').getAll();
          all.addEventListener('success', () => {
            open.result.close();
            resolve(all.result as Row[]);
          });
        });
      }),
  );
const rowOf = async (page: Page, id: string): Promise<string> =>
  JSON.stringify((await rows(page)).find((row) => row.id === id));
/** Puts records there as another program, or an earlier build, may have left them. */
const putRows = (page: Page, put: readonly object[]): Promise<void> =>
  page.evaluate(
    (records) =>
      new Promise<void>((resolve, reject) => {
        const open = indexedDB.open('kereta');
        open.addEventListener('error', () => reject(new Error('not opened')));
        open.addEventListener('success', () => {
          const change = open.result.transaction('projects', 'readwrite');
          for (const record of records) change.objectStore('projects').put(record);
          change.addEventListener('complete', () => {
            open.result.close();
            resolve();
          });
        });
      }),
    put as object[],
  );

const saved = async (page: Page): Promise<void> => {
  await expect(page.getByText('Saved in this browser')).toBeVisible();
};
const axleField = (page: Page) => page.getByLabel('Middle of axle, back from front edge');

test('records that cannot be read stay in the shed as cards that say why; the others live', async ({ page }) => {
  await openShed(page);
  const [whole] = (await rows(page)).filter(({ id }) => id === 'demo.apiary-flatbed');
  const project = whole?.project as { design: Record<string, unknown> & { cases: { aboard: object[] }[] } };
  const { runningGear: _gear, frame: _frame, coupling: _coupling, ...lacking } = project.design;
  const dangling = structuredClone(project);
  dangling.design.cases[0]?.aboard.push({ itemId: 'item.gone', fill: 1, shiftM: 0 });
  await putRows(page, [
    { id: 'broken.lacks', updatedAt: 9e12, project: { ...project, id: 'broken.lacks', design: lacking } },
    {
      id: 'broken.type',
      updatedAt: 8e12,
      project: { ...project, id: 'broken.type', design: { ...project.design, items: 'none', name: 'Typed wrongly' } },
    },
    { id: 'broken.dangling', updatedAt: 7e12, project: { ...dangling, id: 'broken.dangling' } },
    { id: 'broken.nothing', updatedAt: 6e12 },
    { id: 'broken.newer', updatedAt: 5e12, project: { ...project, id: 'broken.newer', schemaVersion: 99 } },
  ]);
  await page.reload();
  await expect(page.getByTestId('trailer-card')).toHaveCount(3);
  await expect(page.getByTestId('unreadable-card')).toHaveCount(5);
  const cards = page.getByTestId('unreadable-card');
  await expect(cards.nth(0)).toContainText('design.frame is missing');
  await expect(cards.nth(1)).toContainText('Typed wrongly');
  await expect(cards.nth(1)).toContainText('design.items should be a list');
  await expect(cards.nth(2)).toContainText('“item.gone” names something that is not there');
  await expect(cards.nth(3)).toContainText('not a Kereta trailer');
  await expect(cards.nth(4)).toContainText('newer Kereta');
  const download = page.waitForEvent('download');
  await cards.nth(1).getByRole('button', { name: 'Save a raw copy' }).click();
  const copy = join(folder, 'raw.json');
  await (await download).saveAs(copy);
  expect(JSON.parse(readFileSync(copy, 'utf8'))).toMatchObject({ id: 'broken.type', design: { items: 'none' } });
  // Its own page says the same, and the way back.
  for (const path of ['axle', 'trip', 'print/cut-list', 'print/tow']) {
    await page.goto(`/trailer/broken.lacks/${path}`);
    await expect(page.getByRole('heading', { name: 'This trailer cannot be opened' })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Save a raw copy' })).toBeVisible();
  }
  await page.getByRole('link', { name: 'Back to the shed' }).click();
  await expect(page.getByTestId('trailer-card')).toHaveCount(3);
  await page.getByRole('button', { name: 'Delete Typed wrongly' }).click();
  await expect(page.getByTestId('unreadable-card')).toHaveCount(4);
});

test('files and records of every shape of version 1 open', async ({ page }) => {
  await openShed(page);
  const files = readdirSync(VERSIONS).sort();
  await putRows(
    page,
    files.map((name, index) => ({
      id: `old.${index}`,
      updatedAt: index + 1,
      project: JSON.parse(readFileSync(join(VERSIONS, name), 'utf8')) as unknown,
    })),
  );
  await page.reload();
  await expect(page.getByTestId('trailer-card')).toHaveCount(3 + files.length);
  await expect(page.getByTestId('unreadable-card')).toHaveCount(0);
  await page.goto(`/trailer/old.0/axle`);
  await axleField(page).fill('60');
  await axleField(page).press('Enter');
  await saved(page);
  expect(JSON.parse(await rowOf(page, 'old.0'))).toMatchObject({ project: { schemaVersion: 12, id: 'old.0' } });
  await page.goto('/');
  await page.getByLabel('Trailer files').setInputFiles(files.slice(0, 4).map((name) => join(VERSIONS, name)));
  await expect(page.getByRole('status').filter({ hasText: '4 trailers are in the shed now' })).toBeVisible();
});

test('a tab that may only read changes nothing, whatever button or key is used', async ({ page, context }) => {
  await openDemo(page, 'Apiary flatbed');
  await axleField(page).fill('70');
  await axleField(page).press('Enter');
  await saved(page);
  const before = await rowOf(page, 'demo.apiary-flatbed');
  const reader = await context.newPage();
  await reader.goto('/trailer/demo.apiary-flatbed/axle');
  await expect(reader.getByText('Here it can only be read.')).toBeVisible();
  const stays = async (what: string): Promise<void> => {
    await reader.waitForTimeout(150);
    expect(await rowOf(reader, 'demo.apiary-flatbed'), what).toBe(before);
  };
  // Keys: undo and redo, arrows, page keys and Delete on a picked part.
  await reader.keyboard.press('Control+z');
  await reader.keyboard.press('Control+y');
  await reader.getByTestId('drawing').focus();
  for (const key of [']', ']', ']', 'ArrowRight', 'Shift+ArrowLeft', 'PageDown', 'Delete', 'Backspace', '5', 'Enter'])
    await reader.keyboard.press(key);
  await stays('keys');
  // The mouse: a part dragged along the ruler.
  await reader.goto('/trailer/demo.apiary-flatbed/axle');
  const box = await reader.locator('[data-part="axle:pill"]').boundingBox();
  if (!box) throw new Error('no pill');
  await reader.mouse.move(box.x + 5, box.y + 5);
  await reader.mouse.down();
  await reader.mouse.move(box.x + 60, box.y + 5, { steps: 5 });
  await expect(axleField(reader)).toHaveValue(`5' 10"`);
  await reader.mouse.up();
  await stays('drag');
  // Every button and field of every step that can be pressed at all; what is only a view may change.
  for (const step of ['job', 'frame', 'loads', 'axle', 'tongue', 'strength', 'balance', 'towing', 'cut']) {
    await reader.goto(`/trailer/demo.apiary-flatbed/${step}`);
    await expect(reader.getByText('Here it can only be read.')).toBeVisible();
    await reader.evaluate(() => {
      for (const group of document.querySelectorAll('details')) group.open = true;
    });
    const panel = reader.locator('aside.panel');
    await expect(panel.locator('input:enabled, select:enabled').and(panel.locator('[data-part-field]'))).toHaveCount(0);
    await reader.evaluate(() => {
      for (const button of document.querySelectorAll<HTMLButtonElement>('aside.panel button')) button.click();
      for (const box of document.querySelectorAll<HTMLInputElement>('aside.panel input[type=checkbox]')) box.click();
    });
    await stays(step);
  }
  await reader.getByRole('button', { name: 'mm · kg' }).click({ force: true });
  await stays('units');
  await reader.reload();
  await expect(reader.getByText('Here it can only be read.')).toBeVisible();
  await stays('after all of it');
});

test('a take-over right after an edit loses nothing; the first tab then reads', async ({ page, context }) => {
  await openDemo(page, 'Apiary flatbed');
  const second = await context.newPage();
  await second.goto('/trailer/demo.apiary-flatbed/axle');
  await expect(second.getByText('Here it can only be read.')).toBeVisible();
  let [writer, reader] = [page, second];
  for (const [index, inches] of ['61', '62', '63', '64', '65', '66'].entries()) {
    const wanted = index < 0 ? '' : `5' ${Number(inches) - 60}"`;
    await axleField(writer).fill(inches);
    await axleField(writer).press('Enter');
    // Within the time that an edit waits before it is written.
    await reader.getByRole('button', { name: 'Take over here' }).click();
    await expect(reader.getByText('Here it can only be read.')).toHaveCount(0);
    await expect(axleField(reader)).toBeEnabled();
    await expect(axleField(reader)).toHaveValue(wanted);
    await expect(writer.getByText('Here it can only be read.')).toBeVisible();
    [writer, reader] = [reader, writer];
  }
  // Whoever waits writes as soon as the other tab is closed.
  await writer.close();
  await expect(reader.getByText('Here it can only be read.')).toHaveCount(0);
  await expect(axleField(reader)).toBeEnabled();
});

test('the trip planner and quick back and forth in one tab may write', async ({ page }) => {
  await openDemo(page, 'Apiary flatbed');
  for (let visit = 0; visit < 6; visit += 1) {
    await page
      .getByRole('link', { name: /Kereta/ })
      .first()
      .click();
    await page.getByRole('link', { name: /Apiary flatbed/ }).click();
    await expect(axleField(page)).toBeEnabled();
    await expect(page.getByText('open in another tab')).toHaveCount(0);
  }
  await page.goto('/trailer/demo.apiary-flatbed/balance');
  await expect(page.getByLabel('Wanted share')).toBeEnabled();
  await page.getByRole('link', { name: /trip/i }).first().click();
  await expect(page.getByRole('region', { name: 'Tongue of this trip' })).toBeVisible();
  await page.getByLabel(/Front hives/).check();
  await page.getByLabel('Name of the trip').fill('Over the hill');
  await expect(page.getByRole('button', { name: 'Keep as a load' })).toBeEnabled();
  await expect(page.getByText('open in another tab')).toHaveCount(0);
  await page.getByRole('button', { name: 'Keep as a load' }).click();
  await expect(page).toHaveURL(/\/balance$/);
  await expect(page.getByText('Over the hill').first()).toBeVisible();
  await expect(page.getByText('open in another tab')).toHaveCount(0);
});

/** From now on the browser takes no more records of trailers, as when its disk is full. */
const fillUp = (page: Page): Promise<void> =>
  page.evaluate(() => {
    const full = window as unknown as { full: boolean };
    full.full = true;
    const real = IDBObjectStore.prototype;
    for (const name of ['put', 'add'] as const) {
      const method = Reflect.get(real, name) as (...args: unknown[]) => IDBRequest<IDBValidKey>;
      Reflect.set(real, name, function refusing(this: IDBObjectStore, ...args: unknown[]) {
        if (full.full && (this.name === 'projects' || this.name === 'trash'))
          throw new DOMException('no room', 'QuotaExceededError');
        return method.apply(this, args);
      });
    }
  });
const makeRoom = (page: Page): Promise<void> =>
  page.evaluate(() => {
    (window as unknown as { full: boolean }).full = false;
  });

test('a full storage is told with an export, tried again, and nothing is lost', async ({ page }) => {
  await openDemo(page, 'Apiary flatbed');
  await expect(axleField(page)).toBeEnabled();
  await fillUp(page);
  await axleField(page).fill('66');
  await axleField(page).press('Enter');
  const note = page.getByRole('alert').filter({ hasText: 'Not saved.' });
  await expect(note).toBeVisible();
  const download = page.waitForEvent('download');
  await note.getByRole('button', { name: 'Export' }).click();
  const file = join(folder, 'full.kereta.json');
  await (await download).saveAs(file);
  expect(JSON.parse(readFileSync(file, 'utf8'))).toMatchObject({ design: { runningGear: { positionM: 66 * 0.0254 } } });
  await makeRoom(page);
  await expect(note).toHaveCount(0);
  await saved(page);
  expect(await rowOf(page, 'demo.apiary-flatbed')).toContain(String(66 * 0.0254));
  // In the shed each action says when it fails, and what was offered stays offered.
  await page
    .getByRole('link', { name: /Kereta/ })
    .first()
    .click();
  await expect(page.getByTestId('trailer-card')).toHaveCount(3);
  await fillUp(page);
  for (const [button, sentence] of [
    ['New trailer', 'could not be made'],
    ['Duplicate Oven trailer', 'could not be copied'],
    ['Delete Oven trailer', 'could not be deleted'],
  ] as const) {
    await page.getByRole('button', { name: button }).click();
    await expect(page.getByRole('alert').filter({ hasText: sentence })).toBeVisible();
  }
  await makeRoom(page);
  await page.getByRole('button', { name: 'Delete Oven trailer' }).click();
  await expect(page.getByTestId('trailer-card')).toHaveCount(2);
  await fillUp(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'could not be brought back' })).toBeVisible();
  await makeRoom(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('trailer-card')).toHaveCount(3);
});

test('deleted trailers are brought back later, and a whole shed travels as one file', async ({ page }) => {
  await openShed(page);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export all' }).click();
  const archive = join(folder, 'all.kereta-shed.json');
  await (await download).saveAs(archive);
  await page.getByRole('button', { name: 'Delete Oven trailer' }).click();
  await expect(page.getByTestId('trailer-card')).toHaveCount(2);
  await page.reload();
  await page.getByText('Deleted in the last 30 days: 1').click();
  await page.getByRole('button', { name: 'Bring back' }).click();
  await expect(page.getByTestId('trailer-card')).toHaveCount(3);
  await page.getByRole('button', { name: 'Delete Telescope trailer' }).click();
  await page.getByLabel('Trailer files').setInputFiles([archive]);
  // What is here already, the very same, does not come in twice.
  await expect(page.getByTestId('trailer-card')).toHaveCount(3);
  // Files can be dropped on the shed, several at once; a bad one does not keep the others out.
  const bad = join(folder, 'bad.json');
  writeFileSync(bad, '{"format": ');
  const texts = [readFileSync(archive, 'utf8').replaceAll('"demo.', '"other.'), readFileSync(bad, 'utf8')];
  const data = await page.evaluateHandle((contents) => {
    const transfer = new DataTransfer();
    contents.forEach((content, index) => transfer.items.add(new File([content], `dropped-${index}.json`)));
    return transfer;
  }, texts);
  await page.getByRole('heading', { name: 'The shed' }).dispatchEvent('drop', { dataTransfer: data });
  await expect(page.getByTestId('trailer-card')).toHaveCount(6);
  await expect(page.getByRole('alert')).toContainText('dropped-1.json');
});

test('with storage blocked the page works in memory, and says so', async ({ page }) => {
  await page.addInitScript(() => {
    const refuse = (): never => {
      throw new DOMException('denied', 'SecurityError');
    };
    Object.defineProperty(window, 'localStorage', { get: refuse });
    IDBFactory.prototype.open = refuse;
  });
  await page.goto('/');
  await expect(page.getByTestId('trailer-card')).toHaveCount(3);
  await expect(page.getByRole('alert').filter({ hasText: 'keeps nothing for Kereta' })).toBeVisible();
  await page.getByRole('button', { name: 'New trailer' }).click();
  await expect(page).toHaveURL(/\/job$/);
  await expect(page.getByRole('alert').filter({ hasText: 'keeps nothing for Kereta' })).toBeVisible();
  await page.getByLabel('Trailer’s name').fill('In memory');
  await page.getByLabel('Trailer’s name').press('Enter');
  await page
    .getByRole('button', { name: /switch|view/i })
    .first()
    .click({ trial: true });
  await page
    .getByRole('link', { name: /Kereta/ })
    .first()
    .click();
  await expect(page.getByText('In memory')).toBeVisible();
});

test('when the server is gone a step that must be loaded says so in words', async ({ page }) => {
  await openShed(page);
  await page.route('**/assets/**', (route) => route.abort());
  await page.getByRole('link', { name: /Apiary flatbed/ }).click();
  await expect(page.getByRole('heading', { name: 'Kereta is not there just now' })).toBeVisible();
  await expect(page.getByText('the server that it comes from was stopped or updated')).toBeVisible();
  await page.unroute('**/assets/**');
  await page.getByRole('button', { name: 'Load the page again' }).click();
  await expect(axleField(page)).toBeVisible();
});

test('a page that fails says so, hands out the trailer, and takes the last step back', async ({ page }) => {
  await openDemo(page, 'Apiary flatbed', 'Bed & frame');
  const inside = page.getByLabel('Bed length, outside');
  await expect(inside).toHaveValue(/10'/);
  await inside.fill("9'");
  // No trailer is known that brings a page down; so a function of the browser is made to fail.
  await page.evaluate(() => {
    Math.hypot = () => {
      throw new Error('broken on purpose');
    };
  });
  // Should something else have drawn meanwhile, it has failed already.
  await inside.press('Enter', { timeout: 5000 }).catch(() => undefined);
  const problem = page.getByRole('alert').filter({ hasText: 'This page could not be shown' });
  await expect(problem).toContainText('broken on purpose');
  await expect(problem).not.toContainText(/\.js|\bat /);
  expect(await seriousFaults(page)).toEqual([]);
  const saved = page.waitForEvent('download');
  await problem.getByRole('button', { name: 'Save a raw copy of this trailer' }).click();
  const copy = JSON.parse(readFileSync(await (await saved).path(), 'utf8')) as { id: string };
  expect(copy.id).toBe('demo.apiary-flatbed');
  await problem.getByRole('button', { name: /^Undo the last step/ }).click();
  await expect(inside).toHaveValue(/10'/);
});

test('what was typed and not yet confirmed survives leaving the step and the page', async ({ page }) => {
  await openDemo(page, 'Apiary flatbed');
  await expect(axleField(page)).toBeEnabled();
  await axleField(page).fill('67');
  await goTo(page, 'Balance');
  await expect(page.getByLabel('Wanted share')).toBeVisible();
  await goTo(page, 'Axle & wheels');
  await expect(axleField(page)).toHaveValue(`5' 7"`);
  await axleField(page).fill('68');
  await page.goto('/');
  await page.goto('/trailer/demo.apiary-flatbed/axle');
  await expect(axleField(page)).toHaveValue(`5' 8"`);
});

test('without locks two tabs never put an older state over a newer one, and it is said', async ({ context }) => {
  await context.addInitScript(() => {
    Object.defineProperty(Navigator.prototype, 'locks', { get: () => undefined });
  });
  const [first, second] = [await context.newPage(), await context.newPage()];
  for (const page of [first, second]) {
    await page.goto('/trailer/demo.apiary-flatbed/axle');
    await expect(axleField(page)).toBeEnabled();
  }
  await axleField(first).fill('61');
  await axleField(first).press('Enter');
  await saved(first);
  await axleField(second).fill('75');
  await axleField(second).press('Enter');
  const note = second.getByRole('alert').filter({ hasText: 'Changed in another tab.' });
  await expect(note).toBeVisible();
  expect(await rowOf(first, 'demo.apiary-flatbed')).toContain(String(61 * 0.0254));
  await note.getByRole('button', { name: 'Keep mine as a copy' }).click();
  await expect(second).toHaveURL(/trailer\.[\w-]+\/axle/);
  await expect(axleField(second)).toHaveValue(`6' 3"`);
  await second.goto('/trailer/demo.apiary-flatbed/axle');
  await expect(axleField(second)).toHaveValue(`5' 1"`);
});
