import { test } from '@playwright/test';
import { Job } from './jobs';

test('look', async ({ page }) => {
  const job = await Job.begin(page, 'Basket weaver’s van');
  for (const piece of ['', 'Fenders', 'Step', 'Rear receiver', 'Spare carrier', 'Rack']) {
    if (piece) { await job.step('Bed & frame'); await job.putOn(piece); }
    await job.analysed();
    console.log(piece, (await page.getByRole('list', { name: 'Checks' }).locator('> li').allInnerTexts()).filter((t) => /^Fix|^Near/.test(t)).map((t)=>t.replace(/\n/g,' ').slice(0,300)));
  }
});
