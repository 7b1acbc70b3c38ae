import { expect, test } from '@playwright/test';
import { goTo, openShed } from './trailer';

test.use({ serviceWorkers: 'allow' });

test('without a network: kept at the first visit; squared, weighed by a file and logged; all of it there when it comes back', async ({
  page,
  context,
}) => {
  await openShed(page);
  const storage = page.getByRole('note', { name: 'Storage' });
  await expect(storage).toContainText('Kereta works here without a network.', { timeout: 60_000 });
  await expect(storage).toContainText(/Nothing of it was exported from here yet/);
  await context.setOffline(true);
  await page.reload();
  await page.getByRole('link', { name: 'Apiary flatbed' }).click();
  await goTo(page, 'Lay out & build');
  await page.getByRole('button', { name: /Square the frame/ }).click();
  await page.getByRole('link', { name: 'Square it with the tape' }).click();
  const frame = page.getByRole('region', { name: 'Frame', exact: true });
  for (const [label, text] of [
    ['A, left front to right rear', `11' 4"`],
    ['B, right front to left rear', `11' 4"`],
  ] as const) {
    await frame.getByRole('textbox', { name: label }).fill(text);
    await frame.getByRole('textbox', { name: label }).press('Enter');
  }
  await frame.getByRole('button', { name: 'Keep this round' }).click();
  // Killed right after the reading: it is there.
  await page.reload();
  await expect(frame.getByRole('list', { name: 'Rounds' })).toContainText('Round 1');
  await page.getByRole('link', { name: 'Back' }).click();
  await goTo(page, 'Weigh & log');
  await page.getByRole('link', { name: 'Weigh it', exact: true }).click();
  const live = page.getByRole('region', { name: 'A scale that is read live' });
  await live.getByRole('button', { name: 'Connect the stand-in' }).click();
  await expect(live).toContainText('The connection is lost');
  const lines = ['tongue', 'left', 'right'].flatMap((channel, n) =>
    Array.from({ length: 14 }, (_, i) => JSON.stringify({ atMs: i * 200, channel, kg: [82, 150, 151][n] })),
  );
  await live.getByLabel('Open a file of readings').setInputFiles({
    name: 'pads.jsonl',
    mimeType: 'application/json',
    buffer: Buffer.from(lines.join('\n')),
  });
  for (const channel of ['tongue', 'left wheels', 'right wheels'])
    await live.getByRole('button', { name: `Take ${channel}` }).click();
  await page.getByRole('button', { name: 'Keep this weigh-in' }).click();
  await context.setOffline(false);
  await page.reload();
  await expect(page.getByRole('region', { name: 'Weighed before' }).getByRole('listitem')).toHaveCount(1);
});
