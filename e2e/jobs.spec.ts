import { expect, test } from '@playwright/test';
import { Job } from './jobs';
import { seriousFaults } from './trailer';

test('a seedling flatbed of two sheets: sides, a gate of mesh as a ramp, a shelf on the tongue', async ({ page }) => {
  const job = await Job.begin(page, 'Seedling flatbed');
  await job.step('Bed & frame');
  await job.set({ 'Bed length, outside': '96', 'Bed width, outside': '60' });
  await job.find({
    'Side rails, section': 'HSS 3x1 1/8',
    'Headers, section': 'HSS 3x1 1/8',
    'Cross-members, section': 'HSS 2x1 1/8',
  });
  await job.choose({ 'Where it lies': 'Between the rails', 'Of sheets': '4 x 8 ft' });
  // Two sheets of 48 in crosswise between headers of 1 in tube: 98 in.
  await job.shows(`Whole sheets give a bed 8' 2" long.`);
  await job.press('Make it so');
  await job.putOn('Sides');
  await job.set({ 'Height above deck': '16', 'Posts at most apart': '33' });
  await job.choose({ 'Filled with': 'Plywood' });
  await job.putOn('Gate');
  await job.set({ 'Its width': '54', 'Its height': '50', 'Bars inside its frame': '3', 'Gap above the deck': '1/4' });
  await job.find({ 'Its bars, section': 'HSS 1x1 1/8' });
  await job.choose({ 'Filled with': 'Welded mesh' });
  // 2 × 50 + 2 × 52 + 3 × 48 = 348 in of 1.35 lb/ft are 39 lb; 54 × 50 in of mesh at 2.22 kg/m² 8.5 lb.
  await job.shows('7 bars, 1 flat part, 48 lb');
  await job.says(/Gate lies on the ground at \d+(\.\d)?°/);
  expect(await seriousFaults(page)).toEqual([]);
  await job.putOn('Tongue shelf');
  await job.saysNot('no room');
  await job.step('Cut & buy');
  await expect(page.getByRole('table', { name: 'Cut list' })).toContainText('Gate, fill');
  await job.reopened('Bed & frame', 'Tongue shelf');
});

test('a home-made joint is studied and never rated; what it hangs on is told beside', async ({ page }) => {
  const job = await Job.begin(page, 'Stone cart with its own joint');
  await job.step('Tongue & coupler');
  await job.tick('Home-made coupling');
  await job.says(/home-made|rated/i);
});

test('a yard cart on swing arms behind a small machine: levers, travel, a unit that stands on its stop', async ({
  page,
}) => {
  const job = await Job.begin(page, 'Yard cart');
  await job.step('Bed & frame');
  await job.set({ 'Bed length, outside': '36', 'Bed width, outside': '36' });
  await job.find({
    'Side rails, section': 'HSS 1x1 1/8',
    'Headers, section': 'HSS 1x1 1/8',
    'Cross-members, section': 'HSS 1x1 1/8',
  });
  await job.step('Axle & wheels');
  await job.choose({ Suspension: 'Swing arms with coils' });
  await job.set({
    'Arm, pivot to wheel': '14',
    'Unit, from the pivot': '9',
    'Unit’s travel to its stop': '2',
    'Middle of axle, back from front edge': '20',
  });
  await job.says('The unit gives 64 % of what the wheel does');
  await job.set({ 'Load that presses it by 1 in': '20' });
  await job.says('it stands on its stop');
  await job.set({ 'Load that presses it by 1 in': '2000' });
  await job.saysNot('it stands on its stop');
  await job.set({ 'Arm below level, unloaded': '-10' });
  await job.says('The arm points up before it is loaded');
  await job.set({ 'Arm below level, unloaded': '20', 'Wheel middle to wheel middle': '42' });
  await job.step('Tongue & coupler');
  await job.choose({ Tongue: 'Straight tube', 'Kind of coupling': 'Pin through a drawbar' });
  await job.says('A pin in a drawbar turns one way only');
  await job.analysed();
});

test('a warm room on a bare frame: a body with door and window, its weight creeping past the axle', async ({
  page,
}) => {
  const job = await Job.begin(page, 'Observers’ warm room');
  await job.step('Bed & frame');
  await job.set({ 'Bed length, outside': '168', 'Bed width, outside': '84' });
  await job.putOn('Box body');
  await job.set({ 'Height above deck': '76' });
  await job.choose({ Insulation: 'Foam board' });
  await job.press('Add an opening');
  await job.choose({ 'Opening 1 in': 'Right wall' });
  await job.set({
    'Opening 1, from the wall’s front or left end': '30',
    'Opening 1, above the deck': '0',
    'Opening 1, wide': '26',
    'Opening 1, high': '68',
  });
  await job.shows(/\d+ bars, 10 flat parts/);
  await job.step('What’s on it');
  await job.load('stove 180, bunks 160, benches 900');
  for (const [name, day] of [
    ['Stove', '2026-03-01'],
    ['Bunks', '2026-04-10'],
    ['Benches', '2026-06-20'],
  ] as const) {
    await job.press(new RegExp(`^${name}`, 'i'));
    await job.choose({ Kind: 'Fitted for good' });
    await page.getByLabel('Fitted on', { exact: true }).fill(day);
  }
  await page.getByText('Weight over time', { exact: true }).click();
  await expect(page.getByRole('table', { name: 'Weight over time' })).toContainText('2026-06-20');
  await job.shows(
    /From 2026-\d\d-\d\d on the axles carry more than they may|The axles have carried it so far|from the start/,
  );
  await job.analysed();
});

test('a honey shed deck over a short frame: second level, gate on the right, two vehicles asked side by side', async ({
  page,
}) => {
  const job = await Job.begin(page, 'Honey shed deck');
  await job.step('Bed & frame');
  await job.set({ 'Bed length, outside': '60', 'Bed width, outside': '60' });
  await job.putOn('Upper frame');
  await job.set({ 'Past the bed’s sides': '18', 'Top above the rails': '7' });
  await job.choose({ 'Covered with': 'Expanded steel' });
  await job.putOn('Gate');
  await job.choose({ 'On the edge': 'Right side' });
  await job.set({ 'Its width': '40', 'Its middle': '30' });
  await job.step('What’s on it');
  await job.press(/^Load/);
  await job.choose({ 'Stands on': 'Rack: your bars, or a piece, under it' });
  await job.saysNot('no level one lies under it');
  await job.step('Axle & wheels');
  await job.set({ 'Middle of axle, back from front edge': '36' });
  await job.step('How it tows');
  await job.set({ 'Vehicle’s name': 'Wagon', 'Hitch height, to the ball’s centre': '14' });
  await job.press(/^Keep “Wagon”/);
  await job.set({ 'Vehicle’s name': 'Truck', 'Hitch height, to the ball’s centre': '19' });
  await job.tick('Wagon');
  await job.step('Tongue & coupler');
  await job.says('Behind Wagon:');
  await job.analysed();
});

test('a rock hound’s box: channels toe to toe, stub axles, a tank under the bed, a tent on a rack', async ({
  page,
}) => {
  const job = await Job.begin(page, 'Rock hound’s box');
  await job.step('Bed & frame');
  await job.find({ 'Side rails, section': 'c3x4.1' });
  await job.part('Left rail');
  await job.choose({ 'Made of': 'Two as a closed box', 'Seams welded': 'In stitches' });
  await job.putOn('Rack');
  await job.step('Axle & wheels');
  await job.choose({ Suspension: 'Stub axles, no springs' });
  await job.step('What’s on it');
  await job.load('water 200, tent 150');
  await job.press(/^Water/i);
  await job.choose({ Kind: 'Tank', 'Stands on': 'Rails' });
  await job.set({ 'Above what it stands on': '-14' });
  await job.press(/^Tent/i);
  await job.choose({ 'Stands on': 'Rack: your bars, or a piece, under it' });
  await job.analysed();
  await job.says(/Seams of the (left|right) rail, 33 % of them welded/);
});

test('a tilting bed for a log mill: where it comes level, how steep, what the latch holds; hangers by the tape', async ({
  page,
}) => {
  const job = await Job.begin(page, 'Log mill tilt bed');
  await job.step('Bed & frame');
  await job.set({ 'Bed length, outside': '168', 'Bed width, outside': '76' });
  await job.tick('The bed tips to be driven on');
  await job.set({ 'Pivot, back from front edge': '105', 'Latch, back from front edge': '6' });
  await job.step('What’s on it');
  await job.press(/^Load/);
  await job.set({ Name: 'Log mill', Weight: '2200' });
  await job.tick('Stands on four wheels');
  await job.step('Bed & frame');
  await job.says(/Rolled back, 2,200 lb bring the bed down as their balance point passes/);
  await job.says('Tipped, the bed stands at');
  await job.step('Balance');
  await job.says(/ahead of the pivot|behind its pivot/);
  await job.step('Axle & wheels');
  await job.set({ 'Front one, measured from the front edge': '48-1/4' });
  await expect(page.getByRole('table', { name: 'Hangers from the front edge of the bed' })).toContainText(/4' 0.1.4/);
});

test('a beekeeper’s hand cart of round aluminum tube, in millimetres', async ({ page }) => {
  const job = await Job.begin(page, 'Hive hand cart', 'mm');
  await job.step('Bed & frame');
  await job.set({ 'Bed length, outside': '1200', 'Bed width, outside': '760' });
  await job.find({
    'Side rails, section': 'Aluminum round tube 1 x 1/8',
    'Headers, section': 'Aluminum round tube 1 x 1/8',
    'Cross-members, section': 'Aluminum round tube 1 x 1/8',
  });
  await job.step('The job');
  await job.set({ 'Widest it may be': '810' });
  // Track 1880 mm and tires of 205 mm: 2085 over both.
  await job.says('2085 mm wide over the tires. Limit 810 mm: 1275 mm too much.');
  await job.step('How it tows');
  await job.choose({ 'Pulled by': 'People, by hand' });
  await job.step('Balance');
  await job.says('Loaded: tongue carries 105 kg, 14.1 %.');
  await job.saysNot('lb');
});

test('a lane cart of scrap angle: lengths welded together, a plate along the tongue, a heavy casting on one side', async ({
  page,
}) => {
  const job = await Job.begin(page, 'Lane cart');
  await job.step('Bed & frame');
  await job.find({ 'Side rails, section': 'L2x2x1/4' });
  await job.part('Left rail');
  await job.press(/[Ss]plice/);
  await job.choose({ 'Made of': 'With plates along it', Plates: 'Below' });
  await job.set({ 'Plates, width': '2', 'Plates, thickness': '1/4' });
  await job.step('The job');
  await job.set({ 'Widest it may be': '60' });
  await job.says('Limit');
  await job.step('What’s on it');
  await job.press(/^Load/);
  await job.set({ Weight: '150', 'Right of the middle': '20' });
  await job.step('Balance');
  await job.says(/more on the right|right wheel|right/);
  await job.step('Cut & buy');
  await expect(page.getByRole('table', { name: 'Cut list' })).toContainText('Plate along a bar');
});

test('a new tongue on an old frame: what is there stays, the tongue is cut and bought', async ({ page }) => {
  const job = await Job.begin(page, 'Old frame, new tongue');
  await job.step('Bed & frame');
  for (const bar of ['Left rail', 'Front header', 'Rear header']) {
    await job.part(bar);
    await job.tick('Already there: neither cut nor bought');
  }
  await job.step('Tongue & coupler');
  await job.choose({ Tongue: 'Backbone' });
  await job.choose({ 'It runs on': 'On top of it' });
  await job.says('The tongue lies on top of the frame');
  await job.tick('Capped at its rear end');
  await job.step('Cut & buy');
  await job.says(/4 bars are there already/);
});

test('springs over the axle and taller tires: how high it then stands, and what still clears', async ({ page }) => {
  const job = await Job.begin(page, 'Lifted hive trailer');
  await job.step('Axle & wheels');
  await job.choose({ 'It lies': 'Hung below the axle' });
  const heights = page.getByRole('table', { name: 'Heights above the ground in every load' });
  const before = await heights.innerText();
  await job.choose({ 'It lies': 'On top of the axle' });
  await job.set({ 'Tire height, unloaded': '31', 'Hub to ground, loaded': '14.5' });
  await expect(heights).not.toHaveText(before);
  await job.set({ 'Adapter between hub and wheel': '1.25' });
});

test('a timber trailer: rafters on two uprights above the bed, the tongue as long as a full turn needs', async ({
  page,
}) => {
  const job = await Job.begin(page, 'Rafter trailer');
  await job.step('Bed & frame');
  await job.set({ 'Bed length, outside': '96', 'Bed width, outside': '48' });
  await job.putOn('Rack');
  await job.set({ 'Height above deck': '40', 'First pair, from front edge': '8', 'Last pair, from front edge': '90' });
  await job.tick('Bars along both sides', false);
  await job.step('What’s on it');
  await job.load('rafters 240');
  await job.press(/^Rafters/i);
  await job.choose({ 'Stands on': 'Rack: your bars, or a piece, under it' });
  await job.set({ Length: '204', Width: '30', Height: '12' });
  await job.step('Tongue & coupler');
  await job.choose({ Tongue: 'Straight tube' });
  await job.set({ 'Ball to front edge': '96' });
  await job.analysed();
});

test('a travel room at its limit: what is guessed could take it past the axle', async ({ page }) => {
  const job = await Job.begin(page, 'Travel room');
  await job.step('Bed & frame');
  await job.set({ 'Bed length, outside': '168', 'Bed width, outside': '84' });
  await job.putOn('Box body');
  await job.step('What’s on it');
  await job.load('cupboards 500, water 300, gear 700');
  await job.step('Axle & wheels');
  // 4,265 lb, 16.14 in ahead of the axle, 107 in from ball to axle: 643 lb on the ball, 3,622 lb on an axle of 3,500 lb.
  await job.says('Axle carries 3,622 lb of 3,500 lb, Loaded. 122 lb too much.');
  await job.says('The right tire carries 1,878 lb of 1,820 lb, Loaded. 58 lb too much.');
  await job.analysed();
});

test('a folding tongue under a load on crossbars: stored length, and what is in the way', async ({ page }) => {
  const job = await Job.begin(page, 'Folding oven trailer');
  await job.step('Bed & frame');
  await job.putOn('Rack');
  await job.putOn('Rear bumper');
  await job.step('Tongue & coupler');
  await job.choose({ Tongue: 'Straight tube' });
  await job.choose({ 'Tongue is': 'Folds away' });
  await job.step('The job');
  await job.says('Stored with the tongue away');
});

test('one farm trailer for many roles, in millimetres: a table of loads, a boom swung out', async ({ page }) => {
  const job = await Job.begin(page, 'Orchard role trailer', 'mm');
  await job.step('Bed & frame');
  await job.set({ 'Bed length, outside': '1200', 'Bed width, outside': '1050' });
  await job.step('Axle & wheels');
  await job.choose({ Suspension: 'No springs, bolted on' });
  await job.step('What’s on it');
  await job.load('tank 110, boom 25, reels 60, tools 40');
  await job.press('Add case');
  const table = page.getByRole('table', { name: 'What is aboard in which load' });
  await expect(table.getByRole('row')).toHaveCount(5);
  expect(await seriousFaults(page)).toEqual([]);
  const [box] = await table.getByRole('checkbox', { name: /^Boom, / }).all();
  await box?.setChecked(true);
  await job.choose({ Move: 'Boom' });
  await job.set({ 'Boom, further back by': '900', 'Boom, further right by': '1500' });
  await job.step('Balance');
  await job.says(/right/);
});

test('a rugged trailer with a tent above: rack posts carry it, the jack comes up for the road', async ({ page }) => {
  const job = await Job.begin(page, 'Sky-watch trailer');
  await job.step('Bed & frame');
  await job.putOn('Rack');
  await job.set({ 'Height above deck': '48', 'Pairs of uprights': '3' });
  await job.step('What’s on it');
  await job.load('dome 600');
  await job.press(/^Dome/i);
  await job.choose({ 'Stands on': 'Rack: your bars, or a piece, under it' });
  await job.step('Tongue & coupler');
  await job.tick(/It swings up or comes off/);
  await job.analysed();
  await job.says(/Rack, post|Rack, /);
});

test('a tandem for stone: three ways to its axles’ place, hangers alike on both sides', async ({ page }) => {
  const job = await Job.begin(page, 'Stone tandem');
  await job.step('Bed & frame');
  await job.set({ 'Bed length, outside': `16'`, 'Bed width, outside': '76' });
  await job.step('Axle & wheels');
  await job.choose({ Axles: 'Two, with equalisers or walking beams' });
  await job.set({ 'Middle of axle, back from front edge': `9' 7"` });
  await expect(page.getByRole('table', { name: 'The axle’s place, three ways' })).toBeVisible();
  await expect(page.getByRole('table', { name: 'Hangers from the front edge of the bed' })).toContainText(
    'equaliser’s pivot',
  );
});

test('the drop of a mount is asked, not guessed, as long as the ride height is unknown', async ({ page }) => {
  const job = await Job.begin(page, 'Coupling against a rated one');
  await job.step('Tongue & coupler');
  await job.says('It rides level with the ball at 18 11⁄16", Loaded. How high the vehicle holds its ball is missing.');
  // 263 lb at 12 in ask as much as 394 lb at the 8 in that the mount is rated at.
  await job.set({ 'Receiver’s pin to ball': '12', 'Rated at a reach of': '8' });
  await job.says('As a lever 263 lb there ask as much of it as 394 lb at the rated place.');
});

test('a bar goes from the one that is picked to the next; a piece is kept for other trailers, taken apart, undone', async ({
  page,
}) => {
  const job = await Job.begin(page, 'Orchard rack');
  await job.step('Bed & frame');
  await job.part('Left rail');
  await job.press('From this to another');
  await job.part('Right rail');
  await job.press('Put it there');
  await job.shows('4\' 8" long');
  await job.putOn('Headboard');
  await job.set({ 'Its name': 'Orchard headboard' });
  await job.press('Keep for others');
  await job.press('Take apart');
  await job.part('Bar 2');
  await page.getByRole('button', { name: /^Undo: orchard headboard taken apart/i }).click();
  await page.goto('/');
  await page.getByRole('button', { name: 'New trailer' }).click();
  await job.step('Bed & frame');
  await job.choose({ 'Put on': 'Orchard headboard' });
  await job.shows(/\d+ bars, 0 flat parts/);
});

test('a weaver’s van: skins hold the body square, the gate rides let down, its add-ons are sized', async ({ page }) => {
  const job = await Job.begin(page, 'Weaver’s van');
  await job.step('Bed & frame');
  await job.putOn('Gate');
  await job.choose({ 'Let down, it': 'Hangs on chains' });
  await job.shows('7 bars, 1 flat part, 77 lb');
  await job.step('What’s on it');
  await job.tick('Gate let down');
  await job.step('Balance');
  // 77 lb that go back by about 23 in over 107 in from ball to axle take 16 lb off the 234 of the ball.
  await job.says('Loaded: tongue carries 218 lb, 10.7 %.');
  await job.step('Bed & frame');
  await job.putOn('Box body');
  await job.tick('Welded all round, and carries with the frame');
  await job.tick('Its skins hold it square');
  await job.analysed();
  await job.says(/Box body, skin left holds its bars square: up to \d+ lbf on each fastener where they are 4" apart/);
  await job.press('Body and add-ons');
  await expect(page.getByRole('list', { name: 'Bars of body and add-ons' })).toContainText('Box body', {
    timeout: 60_000,
  });
  expect(await seriousFaults(page)).toEqual([]);
});

test('a timber carrier on walking beams, its stub axles held across, its tongue through the frame', async ({
  page,
}) => {
  const job = await Job.begin(page, 'Timber carrier');
  await job.step('Axle & wheels');
  await job.choose({ Suspension: 'Stub axles, no springs' });
  // 826 lb of a wheel on 8 in from the rail's middle.
  await job.says(
    'Each spindle turns its rail by 551 ft·lb, and the nearest bar across is 10" off: put one beside them.',
  );
  await job.says('826 lb');
  await page.getByRole('button', { name: /Each spindle turns its rail/ }).click();
  await page.getByRole('button', { name: /^Put a cross-member at/ }).click();
  await job.says('A bar across beside the spindles holds the 555 ft·lb');
  await job.choose({ Suspension: 'Walking beams, no springs' });
  await job.says('Front axle carries 931 lb of 3,500 lb, Loaded.');
  await job.says('Rear axle carries 931 lb of 3,500 lb, Loaded.');
  await job.set({ 'Beam, its rear arm': '2' });
  // The arms are as the loads of the other: two thirds of 1,862 lb on the front axle, with its own wheels and hubs.
  await job.says(/Front axle carries 1,2\d\d lb/);
  await job.step('Tongue & coupler');
  await job.choose({ Tongue: 'Straight tube' });
  await job.choose({ 'It runs on': 'Through it, level with it' });
  await job.tick('Capped at the ball’s end');
  await job.step('Cut & buy');
  const cuts = page.getByRole('table', { name: 'Cut list' });
  // 60 in less two rails of 2 in and the tube of 2 in: 54, in two.
  await expect(cuts).toContainText('Header2HSS 4 x 2 x 3⁄1627"');
  await expect(cuts).toContainText('End cap');
  await job.reopened('Tongue & coupler', 'Through it, level with it');
});

test('a fair stall with fenders, a step, a receiver and a spare; bars plated in part; straps where they are', async ({
  page,
}) => {
  const job = await Job.begin(page, 'Fair stall');
  await job.step('Bed & frame');
  for (const piece of ['Fenders', 'Step', 'Rear receiver', 'Spare carrier']) {
    await job.putOn(piece);
    await job.saysNot('no room');
  }
  await job.set({ 'Places for straps on each rail': '3' });
  await job.tick('At places of their own');
  await job.set({ 'Place 2, back from front edge': '40' });
  await job.part('Left rail');
  await job.choose({ 'Made of': 'With plates along it', 'It reaches': 'Part of it' });
  await job.set({ From: '20', To: '60' });
  await job.step('Cut & buy');
  const cuts = page.getByRole('table', { name: 'Cut list' });
  await expect(cuts).toContainText('3\' 4"');
  await job.analysed();
  await job.says(/Seams of the left rail, welded all along/);
  await job.says(/Step: a person of 220 lb who steps on the end of one arm works it at \d+ %/);
  await job.reopened('Bed & frame', 'Spare carrier');
});

test('a bar begins and ends where one points on the drawing; seen from behind, bars are picked too', async ({
  page,
}) => {
  const job = await Job.begin(page, 'Pointed brace');
  await job.step('Bed & frame');
  const drawing = page.getByTestId('drawing');
  const rail = drawing.locator('[data-part="rail.left"] polygon').last();
  const other = drawing.locator('[data-part="rail.right"] polygon').last();
  const at = async (bar: typeof rail, share: number) => {
    const box = await bar.boundingBox();
    if (!box) throw new Error('not drawn');
    await page.mouse.click(box.x + box.width * share, box.y + box.height / 2);
  };
  await at(rail, 0.15);
  await job.press('From this to another');
  await at(other, 0.6);
  // 0.15 and 0.6 of 98 in.
  await job.shows(/to right rail, 14 [^"]*" and 4' 10 [^"]*" along them/);
  await job.press('Put it there');
  // From face to face over 56 in across and 44.1 in along, ends slanted; 3.05 lb/ft.
  await job.shows(`6' 0 1/16" long, 18 lb`);
  await job.set({ 'Its name': 'Racking brace' });
  await job.press('Keep for others');
  await job.tick('To be taken off: drawn as a ghost, in no figure');
  await job.shows('To be taken off');
  await page.getByRole('button', { name: 'From behind' }).click();
  const behind = page.getByTestId('rear-view');
  await behind.focus();
  // Part by part, until one that is seen from behind.
  await expect(async () => {
    await behind.press(']');
    await expect(behind.locator('[data-picked]').first()).toBeVisible({ timeout: 300 });
  }).toPass();
});
