import { describe, expect, test } from 'vitest';
import { DEMO_PROJECTS } from '../demos/index.js';
import { evaluate } from '../evaluation/index.js';
import { type Project, type RecordEntry, trailerOf } from '../project/index.js';
import { inches, pounds, weightN } from '../units/index.js';
import { trailerBook } from './trailerBook.js';

const [apiary] = DEMO_PROJECTS as [Project];
const entry = (own: Record<string, unknown>): RecordEntry =>
  ({ id: `e.${JSON.stringify(own).length}`, date: '2026-06-01', ...own }) as RecordEntry;
const bookOf = (project: Project) => trailerBook(project, evaluate(trailerOf(project)), '2026-06-02');
const withRecord = (...entries: readonly RecordEntry[]): Project => ({
  ...apiary,
  record: { ...apiary.record, entries: [...apiary.record.entries, ...entries] },
});
const named = (project: Project, title: RegExp) =>
  [...bookOf(project).front, ...bookOf(project).back].find((table) => title.test(table.title));

describe('the trailer’s book', () => {
  test('the plate: gross, axle rating, cargo = gross less the lightest load, by hand', () => {
    const rows = new Map(named(apiary, /plate/)?.rows.map(([what = '', value = '']) => [what, value]));
    const { cases } = evaluate(trailerOf(apiary));
    const lightest = Math.min(...cases.filter(({ loadCase }) => loadCase.mode === 'towed').map(({ massKg }) => massKg));
    const gross = apiary.design.ratedGrossKg ?? 0;
    const cargoLb = Math.round((gross - lightest) / pounds(1)).toLocaleString('en');
    expect(rows.get('Cargo never above')).toBe(`${cargoLb} lb`);
    expect(rows.get('Axle rating (GAWR)')).toMatch(/lb$/);
    // 10 ft of bed and 4 ft 2 in of tongue.
    expect(rows.get('Length with tongue')).toBe(`14' 2"`);
  });
  test('what nobody has read says so, and is no figure', () => {
    const unread: Project = { ...apiary, design: { ...apiary.design, ratedGrossKg: null } };
    const rows = new Map(named(unread, /plate/)?.rows.map(([what = '', value = '']) => [what, value]));
    expect(rows.get('Gross mass (GVWR, ATM)')).toBe('not read yet');
    expect(rows.get('Cargo never above')).toBe('not read yet');
  });
  test('every check that counts stands in it, with its verdict and its rule', () => {
    const counted = evaluate(trailerOf(apiary)).findings.filter(({ counts }) => counts);
    const rows = named(apiary, /checked/)?.rows ?? [];
    expect(rows).toHaveLength(counted.length);
    for (const row of rows) for (const cell of row) expect(cell.length).toBeGreaterThan(1);
    expect(rows.flat().join(' ')).not.toMatch(/\bsafe\b|undefined|NaN/i);
  });
  test('what was measured, weighed, done, paid and written comes with its day; what never was has no table', () => {
    expect(bookOf(apiary).back.map(({ title }) => title)).toEqual(['tasks', 'service']);
    const lived = withRecord(
      entry({ kind: 'squaring', of: 'frame', axle: 1, readings: { A: inches(136), B: inches(136.0625) } }),
      entry({ kind: 'as-built', subject: 'trailer', field: 'axle-back', value: inches(69.5) }),
      entry({
        kind: 'weigh-in',
        caseId: apiary.design.cases[0]?.id,
        support: 'pads',
        readings: { tongue: weightN(pounds(180)) },
      }),
      entry({ kind: 'log', text: 'Welded the tongue', hours: 3, who: 'both' }),
      entry({ kind: 'purchase', what: 'Axle', paid: 210.5, supplier: 'Yard' }),
    );
    const measured = named(lived, /measured/)?.rows.map((row) => row.join(' | ')) ?? [];
    expect(measured).toEqual([
      `2026-06-01 | Frame’s diagonals | A 11' 4", B 11' 4 1/16"`,
      `2026-06-01 | Axle behind the front edge | 5' 9 1/2"`,
      expect.stringMatching(/^2026-06-01 \| Scale, .* \| Tongue 180 lb$/),
    ]);
    expect(named(lived, /journal/)?.rows).toEqual([['2026-06-01', 'both', '3', 'Welded the tongue']]);
    expect(named(lived, /paid/)?.rows[0]).toEqual(['2026-06-01', 'Axle', 'Yard', '$210.50']);
  });
  test('papers are told by the regions that it is judged by, each with a source', () => {
    const abroad: Project = { ...apiary, settings: { ...apiary.settings, regions: ['europe', 'australia'] } };
    const rows = named(abroad, /papers/)?.rows ?? [];
    expect(new Set(rows.map(([region]) => region)).size).toBe(2);
    for (const [, , source = ''] of rows) expect(source.length).toBeGreaterThan(10);
  });
});
