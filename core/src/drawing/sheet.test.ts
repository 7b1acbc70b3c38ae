import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyProject, sampleTrailer } from '../../test/projects.js';
import { DEMO_TRAILERS } from '../demos/index.js';
import { evaluate } from '../evaluation/index.js';
import { speaker } from '../wording/index.js';
import type { Trailer } from '../project/index.js';
import { type DrawingSheet, drawingSheet, type PaperId, PAPERS } from './index.js';
import { type Bounds, boundsOf } from './shapes.js';

/** mm on paper */
const sheetOf = (trailer: Trailer, paper: PaperId, job = trailer.name): DrawingSheet => {
  const { chassis, cases } = evaluate(trailer);
  return drawingSheet(
    { trailer, chassis, shown: cases[0] },
    {
      lettering: speaker(trailer),
      gearSizes: true,
      paper,
      units: trailer.settings.units,
      perPaperM: 1000,
      job,
      date: 'Mar 3, 2026',
    },
  );
};
const within = (inner: Bounds, outer: Bounds, what: string): void => {
  expect(inner.x0, what).toBeGreaterThanOrEqual(outer.x0 - 1e-9);
  expect(inner.x1, what).toBeLessThanOrEqual(outer.x1 + 1e-9);
  expect(inner.y0, what).toBeGreaterThanOrEqual(outer.y0 - 1e-9);
  expect(inner.y1, what).toBeLessThanOrEqual(outer.y1 + 1e-9);
};
const apart = (a: Bounds, b: Bounds): boolean =>
  a.x1 <= b.x0 + 1e-6 || b.x1 <= a.x0 + 1e-6 || a.y1 <= b.y0 + 1e-6 || b.y1 <= a.y0 + 1e-6;

/** Where the shapes of each view lie on the paper. */
const outlines = (sheet: DrawingSheet): readonly (readonly [string, Bounds])[] =>
  sheet.views.map(({ id, view, placing: { x, y } }) => {
    const { x0, x1, y0, y1 } = boundsOf(view.shapes) as Bounds;
    return [id, { x0: x(x0), x1: x(x1), y0: y(y1), y1: y(y0) }];
  });
const texts = (sheet: DrawingSheet): readonly (readonly [string, Bounds])[] => [
  ...sheet.views.flatMap(({ id, laid }) => [
    ...laid.labels.map(({ id: own, box }) => [`${id} ${own}`, box] as const),
    ...laid.dimensions.map(({ text }) => [`${id} ${text.id}`, text.box] as const),
    ...laid.arrows.map(({ text }) => [`${id} ${text.id}`, text.box] as const),
  ]),
  ...sheet.titleBlock.map(({ label, box }) => [`title ${label}`, box] as const),
];

const soundSheet = (sheet: DrawingSheet): void => {
  const views = outlines(sheet);
  for (const [id, box] of views) within(box, sheet.border, id);
  views.forEach(([id, box], i) => {
    for (const [other, its] of views.slice(i + 1)) expect(apart(box, its), `${id} on ${other}`).toBe(true);
    for (const { label, box: its } of sheet.titleBlock) expect(apart(box, its), `${id} on ${label}`).toBe(true);
  });
  const all = texts(sheet);
  all.forEach(([id, box], i) => {
    within(box, sheet.border, id);
    for (const [other, its] of all.slice(i + 1)) expect(apart(box, its), `${id} on ${other}`).toBe(true);
  });
};
const PAPER_IDS = Object.keys(PAPERS) as PaperId[];

describe('the trailer on a sheet of paper', () => {
  test.each(DEMO_TRAILERS.flatMap((trailer) => PAPER_IDS.map((paper) => [trailer.name, paper, trailer] as const)))(
    '%s on %s: everything inside the border, nothing on anything',
    (_name, paper, trailer) => soundSheet(sheetOf(trailer, paper)),
  );
  test('any trailer on any paper', () => {
    fc.assert(
      fc.property(anyProject, fc.constantFrom(...PAPER_IDS), (trailer, paper) => soundSheet(sheetOf(trailer, paper))),
      { numRuns: 25 },
    );
  });

  // Sheet sizes as remembered: ISO 216 (A4 297 x 210 mm, A3 420 x 297 mm), ANSI/ASME Y14.1 (A 11 x 8.5 in, B 17 x 11 in).
  test.each([
    ['a4', 297, 210],
    ['a3', 420, 297],
    ['letter', 279.4, 215.9],
    ['tabloid', 431.8, 279.4],
  ] as const)('%s is %d by %d mm', (paper, width, height) => {
    const sheet = sheetOf(sampleTrailer(), paper);
    expect(sheet.width).toBeCloseTo(width, 9);
    expect(sheet.height).toBeCloseTo(height, 9);
  });

  test.each(DEMO_TRAILERS.map((trailer) => [trailer.name, trailer] as const))(
    '%s: a rule laid on the paper reads the bed',
    (_name, trailer) => {
      const sheet = sheetOf(trailer, 'a3');
      const { bed } = trailer.frame;
      const plan = sheet.views.find(({ id }) => id === 'plan')?.placing;
      if (!plan) throw new Error('no plan');
      expect((plan.x(bed.lengthM) - plan.x(0)) * sheet.ratio).toBeCloseTo(bed.lengthM * 1000, 6);
      expect((plan.y(-bed.widthM / 2) - plan.y(bed.widthM / 2)) * sheet.ratio).toBeCloseTo(bed.widthM * 1000, 6);
      for (const { placing } of sheet.views) expect(placing.perM * sheet.ratio).toBeCloseTo(1000, 9);
    },
  );

  test('imperial sheets take the scales of an architect’s rule: 1/2 in to the foot is 1:24', () => {
    const inchSheet = sheetOf(DEMO_TRAILERS[0] as Trailer, 'tabloid');
    expect(inchSheet.scaleText).toBe('1/2 in = 1 ft (1:24)');
    expect(inchSheet.titleBlock.find(({ label }) => label === 'Sizes in')?.text).toBe('Sizes in: feet and inches');
  });
  test('metric sheets take round ones', () => {
    const sheet = sheetOf(DEMO_TRAILERS[2] as Trailer, 'a3');
    expect(sheet.scaleText).toBe('1:20');
    expect(sheet.titleBlock.find(({ label }) => label === 'Sizes in')?.text).toBe('Sizes in: mm');
  });
  test('a larger paper never gets a smaller scale', () => {
    for (const trailer of DEMO_TRAILERS) {
      expect(sheetOf(trailer, 'a3').ratio).toBeLessThanOrEqual(sheetOf(trailer, 'a4').ratio);
      expect(sheetOf(trailer, 'tabloid').ratio).toBeLessThanOrEqual(sheetOf(trailer, 'letter').ratio);
    }
  });
  test('a long name is cut short rather than running out of its cell', () => {
    const sheet = sheetOf(sampleTrailer(), 'a4', 'Flatbed for the hives of the upper meadow and the lower one');
    const job = sheet.titleBlock.find(({ label }) => label === 'Job');
    expect(job?.text).toMatch(/^Job: Flatbed .*…$/);
  });
});
