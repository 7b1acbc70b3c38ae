import { expect, type Page, test } from '@playwright/test';
import { goTo, openDemo, openId, seriousFaults } from './trailer';

const typed = async (page: Page, label: string, text: string): Promise<void> => {
  const field = page.getByRole('textbox', { name: label, exact: true });
  await field.fill(text);
  await field.press('Enter');
};

test('weighed by a board, by a live scale and by three readings; the model learns, a reading that cannot be is told', async ({
  page,
}) => {
  await openDemo(page, 'Apiary flatbed');
  await goTo(page, 'Weigh & log');
  await expect(page.getByText(/Nothing was measured or weighed yet/)).toBeVisible();
  expect(await seriousFaults(page)).toEqual([]);
  await page.getByRole('link', { name: 'Weigh it', exact: true }).click();
  await page.setViewportSize({ width: 390, height: 844 });
  await page.getByLabel('What is aboard now').selectOption({ label: 'Empty' });
  await page.getByLabel('How it is weighed').selectOption({ label: 'Tongue by a lever board' });
  // 50 lb less 5 lb of board, four times the arm: 180 lb.
  await typed(page, 'Scale reads', '50');
  await typed(page, 'Scale reads with nothing but stand or board on it', '5');
  await typed(page, 'Block’s pipe to the load', '12');
  await typed(page, 'Block’s pipe to the scale’s pipe', '48');
  await expect(page.getByText(/Tongue: 180 lb/)).toBeVisible();
  expect(await seriousFaults(page)).toEqual([]);
  await page.getByRole('button', { name: 'Keep this weigh-in' }).click();
  await expect(page.getByRole('region', { name: 'Weighed before' })).toContainText('Tongue 180 lb');
  // A scale that is read live: taken over once it stands still.
  const live = page.getByRole('region', { name: 'A scale that is read live' });
  await live.getByRole('button', { name: 'Connect the stand-in' }).click();
  for (const channel of ['tongue', 'left wheels', 'right wheels']) {
    const take = live.getByRole('button', { name: `Take ${channel}` });
    await expect(take).toBeEnabled({ timeout: 20_000 });
    await take.click();
  }
  await expect(page.getByText(/Axles: [\d,]+ lb/)).toBeVisible();
  await page.getByRole('button', { name: 'Keep this weigh-in' }).click();
  await live.getByRole('button', { name: 'Disconnect' }).click();
  await expect(live).toContainText('Not connected.');
  // The connection is cut: told, and what was read stays.
  await live.getByRole('button', { name: 'Connect the stand-in' }).click();
  await expect(live.getByText('Connected.')).toBeVisible();
  await page.context().setOffline(true);
  await expect(live).toContainText(/Connected\.|The connection is lost; what was read last stays/);
  await page.context().setOffline(false);
  // A file of the same lines, with one that is none.
  const lines = Array.from({ length: 14 }, (_, i) => JSON.stringify({ atMs: i * 200, channel: 'tongue', kg: 82.1 }));
  await live.getByLabel('Open a file of readings').setInputFiles({
    name: 'pads.jsonl',
    mimeType: 'application/json',
    buffer: Buffer.from([...lines, 'ERR 07'].join('\n')),
  });
  await expect(live).toContainText('1 line was no reading and changed nothing.');
  await expect(live).toContainText(/181 lb\s*stands still/);
  // Killed after each reading: none is lost.
  await page.reload();
  const before = page.getByRole('region', { name: 'Weighed before' });
  await expect(before.getByRole('listitem')).toHaveCount(2);
  await page.getByRole('link', { name: 'Back' }).click();
  await page.setViewportSize({ width: 1280, height: 800 });
  await expect(page.getByRole('link', { name: /Weigh & log/ })).toContainText('2 weigh-ins');
  const masses = page.getByRole('table', { name: 'Masses before and after the scale' });
  await expect(masses).toContainText('Frame and tongue');
  expect(await seriousFaults(page)).toEqual([]);
  await page.getByRole('button', { name: 'Take the scale’s word for Frame and tongue' }).click();
  await expect(page.getByText(/Frame and tongue: [\d,]+ lb, 20\d\d-/)).toBeVisible();
  // Three readings of a public scale, one of them misread by 1,000 lb.
  await page.getByRole('link', { name: 'Weigh it', exact: true }).click();
  await page.getByLabel('What is aboard now').selectOption({ label: 'Empty' });
  await page.getByLabel('How it is weighed').selectOption({ label: 'Public scale, three readings' });
  await typed(page, 'Vehicle alone', '5000');
  await typed(page, 'Both, every wheel on it', '7000');
  await typed(page, 'Trailer’s axles alone, hitched', '700');
  await page.getByRole('button', { name: 'Keep this weigh-in' }).click();
  await page.getByRole('link', { name: 'Back' }).click();
  await expect(page.getByRole('region', { name: 'What the scale read' })).toContainText(/this can hardly be/);
  // Undo of the design leaves the record alone; what was taken back is gone from the sum.
  await page.getByRole('link', { name: 'Weigh it', exact: true }).click();
  await before
    .getByRole('button', { name: /^Take back/ })
    .first()
    .click();
  await expect(before.getByRole('listitem')).toHaveCount(2);
});

test('as built: an axle that came out further back changes tongue and verdicts, side by side', async ({ page }) => {
  await openDemo(page, 'Apiary flatbed');
  await goTo(page, 'Weigh & log');
  await typed(page, 'Axle behind the front edge', '78');
  const changes = page.getByRole('region', { name: 'What changes by the scale' });
  await expect(changes).toContainText(/Within → (Fix|Tight)/);
  // The design stays as it was drawn.
  await goTo(page, 'Axle & wheels');
  await expect(page.getByLabel('Middle of axle, back from front edge')).toHaveValue(`5' 9"`);
});

test('journal and service: hours by task, what is due by miles, a calendar file', async ({ page }) => {
  await openDemo(page, 'Apiary flatbed');
  await goTo(page, 'Weigh & log');
  await page.getByRole('link', { name: 'Journal and service' }).click();
  await page.setViewportSize({ width: 390, height: 844 });
  const journal = page.getByRole('region', { name: 'Journal' });
  await journal.getByLabel('What was done, seen or learned').fill('Hangers on, left one twice');
  await journal.getByLabel('Hours').fill('2.5');
  await journal.getByLabel('Who').fill('both of us');
  await journal.getByLabel('On the task').selectOption({ label: 'Set the hangers' });
  await journal.getByRole('button', { name: 'Keep it' }).click();
  await expect(journal.getByRole('table', { name: 'Hours by task' })).toContainText(/Set the hangers\s*2\.5 h/);
  await expect(journal).toContainText('Hangers on, left one twice, 2.5 h, both of us');
  const service = page.getByRole('region', { name: 'Service' });
  await expect(service).toContainText('After the first tow, at 10 miles');
  expect(await seriousFaults(page)).toEqual([]);
});

test('service by distance: due at 11 miles, later once it is done; the calendar has its days', async ({ page }) => {
  await openDemo(page, 'Apiary flatbed');
  await goTo(page, 'Weigh & log');
  await page.getByRole('link', { name: 'Journal and service' }).click();
  const service = page.getByRole('region', { name: 'Service' });
  await service.getByLabel('Driven so far, miles').fill('11');
  await service.getByRole('button', { name: 'Note it' }).click();
  const nuts = service.getByRole('listitem').filter({ hasText: 'Wheel nuts to torque' });
  await expect(nuts).toContainText(/^Wheel nuts to torque\s*Due/);
  await nuts.getByRole('button', { name: 'Done: Wheel nuts to torque' }).click();
  await expect(nuts).toContainText(/Later: .* or 25 miles driven/);
  const saved = page.waitForEvent('download');
  await service.getByRole('button', { name: 'Into a calendar, ICS' }).click();
  const file = await saved;
  expect(file.suggestedFilename()).toMatch(/service\.ics$/);
});

/** A picture of one point. */
const PIXEL = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==',
  'base64',
);

test('the trailer’s book: plate, weights, checks, journal with its photo, as a page and as one PDF', async ({
  page,
}) => {
  await openDemo(page, 'Apiary flatbed');
  const id = openId(page);
  await page.goto(`/trailer/${id}/log`);
  const journal = page.getByRole('region', { name: 'Journal' });
  await journal.getByLabel('What was done, seen or learned').fill('Tongue welded');
  await journal
    .getByLabel('Photo', { exact: true })
    .setInputFiles({ name: 'tongue.png', mimeType: 'image/png', buffer: PIXEL });
  await expect(journal.getByText('One photo kept for it')).toBeVisible();
  await journal.getByRole('button', { name: 'Keep it' }).click();
  await page.getByRole('link', { name: 'Back' }).click();
  await page.getByRole('link', { name: /The trailer’s book/ }).click();
  await expect(page.getByRole('region', { name: 'data plate' })).toContainText(/Gross mass \(GVWR, ATM\)\s*[\d,]+ lb/);
  await expect(page.getByRole('region', { name: 'journal' })).toContainText('Tongue welded');
  await expect(page.getByRole('link', { name: 'Photo 1' })).toBeVisible();
  expect(await seriousFaults(page)).toEqual([]);
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'The whole book, PDF' }).click();
  const file = await saved;
  expect(file.suggestedFilename()).toMatch(/book\.pdf$/);
});

test('a trip: loaded on the phone, the tongue weighed before driving, kept with its lesson; a full disk is told', async ({
  page,
}) => {
  await openDemo(page, 'Apiary flatbed');
  const id = openId(page);
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`/trailer/${id}/trip`);
  await page.getByLabel(/^Middle hives/).check();
  const found = page.getByRole('region', { name: 'Found on this trip' });
  await typed(page, 'Tongue on a scale before driving', '400');
  await expect(found.getByRole('status')).toContainText(/more than worked out.*something weighs or stands otherwise/);
  await found.getByLabel('A lesson for the next trip').fill('Put the drums behind the hives');
  await page.getByLabel('Name of the trip').fill('To the orchard');
  await page.getByRole('button', { name: 'Keep as a load' }).click();
  await expect(page).toHaveURL(/balance$/);
  await page.goto(`/trailer/${id}/log`);
  await expect(page.getByRole('region', { name: 'Journal' })).toContainText(
    'A lesson for the next one: To the orchard: Put the drums behind the hives',
  );
  await page.goto(`/trailer/${id}/weigh-in`);
  await expect(page.getByRole('region', { name: 'Weighed before' })).toContainText('To the orchard');
  // No room for a photo: told, and what was written is there.
  await page.goto(`/trailer/${id}/log`);
  await page.evaluate(() => {
    IDBObjectStore.prototype.put = new Proxy<IDBObjectStore['put']>(Reflect.get(IDBObjectStore.prototype, 'put'), {
      apply: (put, store: IDBObjectStore, given) => {
        if (store.name === 'blobs') throw new DOMException('full', 'QuotaExceededError');
        return Reflect.apply(put, store, given) as IDBRequest<IDBValidKey>;
      },
    });
  });
  const journal = page.getByRole('region', { name: 'Journal' });
  await journal.getByLabel('What was done, seen or learned').fill('Washed it');
  await journal
    .getByLabel('Photo', { exact: true })
    .setInputFiles({ name: 'wash.png', mimeType: 'image/png', buffer: PIXEL });
  await expect(journal.getByText('The browser did not take the photo: it may be out of room.')).toBeVisible();
  await journal.getByRole('button', { name: 'Keep it' }).click();
  await expect(journal).toContainText('Washed it');
});
