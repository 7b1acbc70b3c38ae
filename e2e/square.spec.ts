import { expect, test } from '@playwright/test';
import { goTo, openDemo, seriousFaults } from './trailer';

test('on the phone on the floor: frame and axle squared round after round, kept, taken back; undo of the design leaves them', async ({
  page,
}) => {
  await openDemo(page, 'Apiary flatbed');
  await goTo(page, 'Lay out & build');
  await page.getByRole('button', { name: /Square the frame/ }).click();
  await page.getByRole('link', { name: 'Square it with the tape' }).click();
  await page.setViewportSize({ width: 390, height: 844 });
  const typed = async (label: string, text: string): Promise<void> => {
    await page.getByRole('textbox', { name: label }).fill(text);
    await page.getByRole('textbox', { name: label }).press('Enter');
  };
  // Level comes first: a twisted frame is loosened before it is shimmed.
  const level = page.getByRole('region', { name: 'Level', exact: true });
  for (const [label, text] of [
    ['LF, left front below the line', '1 1/4'],
    ['RF, right front', '1'],
    ['LR, left rear', '1'],
    ['RR, right rear', '1 1/4'],
  ] as const)
    await typed(label, text);
  await expect(level.getByRole('status')).toContainText(/Shim.*It is twisted/s);
  await level.getByRole('button', { name: 'Keep this round' }).click();
  const tongue = page.getByRole('region', { name: 'Tongue', exact: true });
  await typed('L, to the left rear corner', `14' 5"`);
  await typed('R, to the right rear corner', `14' 4 3/4"`);
  await expect(tongue.getByRole('status')).toContainText(
    /to the right of the centre line.*swing the tongue to the left/s,
  );
  const frame = page.getByRole('region', { name: 'Frame', exact: true });
  await expect(frame).toContainText(/both diagonals are to read 11' 4"/);
  const a = frame.getByRole('textbox', { name: 'A, left front to right rear' });
  const b = frame.getByRole('textbox', { name: 'B, right front to left rear' });
  const keep = frame.getByRole('button', { name: 'Keep this round' });
  await expect(keep).toBeDisabled();
  await a.fill(`11' 4 1/4"`);
  await a.press('Enter');
  await b.fill(`11' 4"`);
  await b.press('Enter');
  await expect(frame.getByRole('status')).toContainText(/the right rail stands[^.]*further back/);
  await keep.click();
  await expect(frame.getByRole('list', { name: 'Rounds' })).toContainText('Round 1');
  await a.fill(`11' 4 1/8"`);
  await a.press('Enter');
  await b.fill(`11' 4 1/8"`);
  await b.press('Enter');
  await expect(frame.getByRole('status')).toContainText('Good.');
  await keep.click();
  const axle = page.getByRole('region', { name: 'Axle', exact: true });
  await axle.getByRole('textbox', { name: 'Axle, L to the left end' }).fill(`10' 6"`);
  await axle.getByRole('textbox', { name: 'Axle, L to the left end' }).press('Enter');
  await axle.getByRole('textbox', { name: 'Axle, R to the right end' }).fill(`10' 6 1/4"`);
  await axle.getByRole('textbox', { name: 'Axle, R to the right end' }).press('Enter');
  await expect(axle.getByRole('status')).toContainText(
    /Move the left hangers[^.]*rearward and the right hangers[^.]*forward/,
  );
  await axle.getByLabel('Axle, which hangers are loose').selectOption({ label: 'the left ones are tacked' });
  await expect(axle.getByRole('status')).toContainText(/Move the right hangers[^.]*forward, and read again/);
  await axle.getByRole('button', { name: 'Keep this round' }).click();
  await frame.getByRole('button', { name: 'Take back round 1' }).click();
  await expect(frame.getByRole('listitem')).toHaveCount(1);
  // By the tape's marks, with a thumb: it begins at what is to be read.
  await frame.getByRole('button', { name: 'A, left front to right rear, by the tape' }).click();
  const sixteenths = frame.getByRole('slider', { name: 'A, left front to right rear, sixteenths' });
  await sixteenths.focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(a).toHaveValue(/^(11' 4 1\/8"|136\.125|136 1\/8)/);
  await frame.getByRole('button', { name: 'Inches, more' }).click();
  await expect(a).toHaveValue(/^(11' 5 1\/8"|137\.125|137 1\/8)/);
  expect(await seriousFaults(page)).toEqual([]);
  await page.reload();
  await expect(axle.getByRole('listitem')).toHaveCount(1);
  await expect(frame.getByRole('status')).toContainText('Good.');
});

test('a tandem: each axle from the ball, and the second beside the first', async ({ page }) => {
  await openDemo(page, 'Oven trailer');
  await goTo(page, 'Lay out & build');
  await page.getByRole('button', { name: /Square the frame/ }).click();
  await page.getByRole('link', { name: 'Square it with the tape' }).click();
  await expect(page.getByRole('region', { name: 'Torques' })).toContainText(/Wheel nuts, .*50 miles/s);
  for (const name of ['Axle 1', 'Axle 2', 'Axle 2 beside axle 1'])
    await expect(page.getByRole('region', { name, exact: true })).toBeVisible();
  const beside = page.getByRole('region', { name: 'Axle 2 beside axle 1' });
  for (const [label, text] of [
    ['Axle 2 beside axle 1, left', '33 1/2'],
    ['Axle 2 beside axle 1, right', '33 3/4'],
  ] as const) {
    await page.getByRole('textbox', { name: label }).fill(text);
    await page.getByRole('textbox', { name: label }).press('Enter');
  }
  await expect(beside.getByRole('status')).toContainText(/move the right hangers of axle 2[^.]*forward/);
});
