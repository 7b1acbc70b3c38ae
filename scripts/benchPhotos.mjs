import { withPage } from './benchPage.mjs';

const PORT = 4195;
const PHOTOS = 1000;
const BYTES = 200_000;

/** From the start of loading until all cards of the shed stand there, ms; the best of some. */
const shedMs = async (page, address) => {
  const all = [];
  for (let i = 0; i < 4; i += 1) {
    await page.goto('about:blank');
    await page.goto(address);
    await page.waitForFunction(() => document.querySelectorAll('[data-testid="trailer-card"]').length === 3);
    all.push(await page.evaluate(() => performance.now()));
  }
  return Math.min(...all);
};

/** A frame of a drag of the axle by its arrow key, ms; the middle of many. */
const keyMs = async (page, address) => {
  await page.goto(`${address}trailer/demo.apiary-flatbed/axle`);
  const drawing = page.getByRole('application').first();
  await drawing.waitFor();
  await drawing.focus();
  for (let i = 0; i < 4; i += 1) await page.keyboard.press(']');
  const all = [];
  for (let i = 0; i < 20; i += 1) {
    const begun = await page.evaluate(() => performance.now());
    await page.keyboard.press('ArrowRight');
    all.push(
      (await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => done(performance.now()))))) - begun,
    );
  }
  return all.toSorted((a, b) => a - b)[10];
};

const putPhotos = (page) =>
  page.evaluate(
    async ([photos, bytes]) => {
      const open = indexedDB.open('kereta');
      const database = await new Promise((done) => {
        open.onsuccess = () => done(open.result);
      });
      for (let i = 0; i < photos; i += 50) {
        const change = database.transaction('blobs', 'readwrite');
        for (let k = i; k < i + 50; k += 1)
          change.objectStore('blobs').put({
            id: `bench.${k}`,
            projectId: 'demo.apiary-flatbed',
            blob: new Blob([new Uint8Array(bytes).fill(k % 251)], { type: 'image/jpeg' }),
          });
        await new Promise((done) => {
          change.oncomplete = done;
        });
      }
      database.close();
    },
    [PHOTOS, BYTES],
  );

/** Shed and drag with a thousand photos beside a trailer, against the same without any. */
export const benchPhotos = (root, port = PORT) =>
  withPage(root, port, async (page, address) => {
    const before = { shed: await shedMs(page, address), key: await keyMs(page, address) };
    await putPhotos(page);
    const after = { shed: await shedMs(page, address), key: await keyMs(page, address) };
    console.log(
      `\n${`${PHOTOS} photos of ${BYTES / 1000} kB: shed`.padEnd(36)} ${after.shed.toFixed(0).padStart(6)} ms   ${(after.shed / before.shed).toFixed(2)} times the shed without; a key on the drawing ${(after.key / before.key).toFixed(2)} times`,
    );
  });
