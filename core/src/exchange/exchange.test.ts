import Papa from 'papaparse';
import { describe, expect, test } from 'vitest';
import sectionExamples from '../../test/examples/section-examples.json' with { type: 'json' };
import staticsExamples from '../../test/examples/statics-examples.json' with { type: 'json' };
import { sampleTrailer } from '../../test/projects.js';
import { verify } from '../../test/verify.js';
import { DEMO_TRAILERS } from '../demos/index.js';
import { evaluate } from '../evaluation/index.js';
import { sheetPlan } from '../fabrication/index.js';
import { type Trailer, UNKNOWN_VEHICLE } from '../project/index.js';
import { inches, parseLength } from '../units/index.js';
import {
  calculateSections,
  calculateStatics,
  checkExitCode,
  checkReport,
  checkText,
  cutListCsv,
  findingsCsv,
  sheetsCsv,
  weightsCsv,
} from './index.js';

describe('CSV', () => {
  const trailer = sampleTrailer();
  const evaluation = evaluate(trailer);
  const rowsOf = (text: string): string[][] => Papa.parse<string[]>(text.trim()).data;
  test('one row a finding, a part, a mark', () => {
    expect(rowsOf(findingsCsv(trailer, evaluation))).toHaveLength(evaluation.findings.length + 1);
    expect(rowsOf(weightsCsv(trailer, evaluation))).toHaveLength(
      evaluation.cases.reduce((sum, { parts }) => sum + parts.length, 0) + 1,
    );
    expect(rowsOf(cutListCsv(trailer, evaluation))).toHaveLength(evaluation.cutList.rows.length + 1);
  });
  test('every part of every sheet, its place and size read back as lengths', () => {
    const [apiary] = DEMO_TRAILERS as [Trailer];
    const { chassis, cutList } = evaluate(apiary);
    const groups = sheetPlan(apiary, chassis, cutList);
    const rows = rowsOf(sheetsCsv(apiary, groups));
    const parts = groups.flatMap(({ sheets }) => sheets.flatMap((sheet) => sheet.parts));
    expect(rows).toHaveLength(parts.length + 1);
    parts.forEach(({ mark, lengthM, widthM, xM }, i) => {
      const [, , , , , , name, along = '', , long = '', wide = ''] = rows[i + 1] ?? [];
      expect(name).toBe(mark);
      for (const [text, metres] of [
        [along, xM],
        [long, lengthM],
        [wide, widthM],
      ] as const) {
        const read = parseLength(text, 'imperial');
        // Written to a sixteenth.
        expect(Math.abs((read.ok ? read.value : Number.NaN) - metres), text).toBeLessThan(inches(1 / 32) + 1e-9);
      }
    });
  });
  test('a slanted end is told both ways', () => {
    expect(cutListCsv(trailer, evaluation)).toContain('65° off square (saw reading from the stick: 25°)');
  });
  test('a name that a spreadsheet would run stays text', () => {
    const named: Trailer = { ...trailer, items: trailer.items.map((item) => ({ ...item, name: '=HYPERLINK("x")' })) };
    const cells = rowsOf(weightsCsv(named, evaluate(named))).flat();
    expect(cells.some((cell) => cell.startsWith('='))).toBe(false);
    expect(cells.some((cell) => cell.includes('=HYPERLINK'))).toBe(true);
  });
});

describe('check report', () => {
  test('SI numbers, stable names, exit codes', () => {
    const trailer = DEMO_TRAILERS[0] as Trailer;
    const evaluation = evaluate(trailer);
    const report = checkReport(trailer, evaluation);
    expect(report.cases.map(({ id }) => id)).toEqual(trailer.cases.map(({ id }) => id));
    const [first] = report.cases;
    expect((first?.tongueN ?? 0) + (first?.axles[0]?.loadN ?? 0)).toBeCloseTo((first?.massKg ?? 0) * 9.80665, 6);
    expect(first?.axles[0]).toMatchObject({ id: 'axle.1' });
    expect(checkExitCode(evaluation)).toBe(1);
    expect(checkText(trailer, evaluation)).toContain('Cross-member 3');
    const fresh = sampleTrailer();
    expect(checkExitCode(evaluate(fresh))).toBe(3);
    const decided: Trailer = {
      ...fresh,
      towVehicle: {
        ...UNKNOWN_VEHICLE,
        massKg: 2200,
        hitchHeightM: 0.5,
        tongueLimitKg: 160,
        towLimitKg: 1600,
        wheelbaseM: 3.2,
        ballBehindAxleM: 1.2,
      },
      coupling: trailer.coupling,
      runningGear: { ...fresh.runningGear, wheel: { ...fresh.runningGear.wheel, maxLoadKg: 800 } },
    };
    expect(checkExitCode(evaluate(decided))).toBe(0);
  });
  test('without an axle the report says null, not NaN', () => {
    const trailer = sampleTrailer();
    const report = checkReport(
      trailer,
      evaluate({ ...trailer, runningGear: { ...trailer.runningGear, layout: 'none' } }),
    );
    expect(report.cases[0]).toMatchObject({ tongueN: null, tonguePercent: null, axles: [] });
  });
});

describe('neutral format, statics: figures of two independent programs', () => {
  const source = 'neutral example, two independent programs';
  test.each(staticsExamples.cases.map((example) => [example.id, example] as const))('%s', (_id, example) => {
    const answer = calculateStatics({ cases: [example] });
    if (!answer.ok) throw new Error(answer.error.message);
    const ours = answer.value.cases[0] as typeof example.expected & {
      axlePositionForTonguePercent: Record<string, { shift: number; ballVertical: number }>;
    };
    const area = 'Neutral statics examples';
    const check = (what: string, value: number, outside: number, unit: string): void =>
      verify({
        area,
        check: `${example.id} ${what}`,
        ours: value,
        outside: String(outside),
        unit,
        source,
        // As many digits as the examples print; independent axles are found by halving.
        tolerance: example.support === 'springs' ? 1e-6 : 1e-9,
      });
    check('ball', ours.ballVertical, example.expected.ballVertical, 'N');
    check('share', ours.tonguePercent, example.expected.tonguePercent, '%');
    example.expected.axleLoads.forEach((load, i) => check(`axle ${i + 1}`, ours.axleLoads[i] ?? 0, load, 'N'));
    check('balance point x', ours.cg.x, example.expected.cg.x, 'm');
    check('balance point z', ours.cg.z, example.expected.cg.z, 'm');
    for (const percent of ['10', '12', '15'] as const)
      check(
        `axle shift for ${percent} %`,
        ours.axlePositionForTonguePercent[percent]?.shift ?? 0,
        example.expected.axlePositionForTonguePercent[percent].shift,
        'm',
      );
  });
  test('doubt: mean, spread and chance within four standard errors of both runs', () => {
    const example = staticsExamples.cases[3] as unknown as {
      expected: {
        monteCarlo: Record<
          'ballVertical' | 'tonguePercent',
          { mean: number; p5: number; p95: number; standardError: { mean: number; p5: number; p95: number } }
        > & { samples: number; probTongueBelow10Percent: number };
      };
    };
    const answer = calculateStatics({ cases: [example] });
    if (!answer.ok) throw new Error(answer.error.message);
    const { monteCarlo } = answer.value.cases[0] as typeof example.expected;
    const { monteCarlo: outside } = example.expected;
    const fewer = Math.sqrt(outside.samples / monteCarlo.samples);
    for (const what of ['ballVertical', 'tonguePercent'] as const) {
      for (const figure of ['mean', 'p5', 'p95'] as const) {
        const theirs = outside[what].standardError[figure];
        const together = Math.hypot(theirs, theirs * fewer);
        expect(Math.abs(monteCarlo[what][figure] - outside[what][figure]), `${what} ${figure}`).toBeLessThan(
          4 * together,
        );
      }
    }
    const chance = outside.probTongueBelow10Percent;
    const error = Math.sqrt((chance * (1 - chance)) / monteCarlo.samples) * Math.hypot(1, 1 / fewer);
    expect(Math.abs(monteCarlo.probTongueBelow10Percent - chance)).toBeLessThan(4 * error);
  });
  test('a jack takes the place of the ball', () => {
    const answer = calculateStatics({
      cases: [{ id: 'J', items: [{ mass: 100, x: 2, y: 0, z: 1 }], support: 'jack', axleX: 3, jackX: 0.5 }],
    });
    // Worked: 100 kg, 1 m ahead of the axle, jack 2.5 m ahead of it: 100·9.80665·1/2.5 = 392.266 N.
    expect(answer.ok && answer.value.cases[0]).toMatchObject({ ballVertical: 0, jackLoad: expect.closeTo(392.266, 9) });
  });
  test('what is not worked out yet says so; bad input names its place', () => {
    const other = { ...staticsExamples.cases[0], support: 'crane' };
    const mixed = calculateStatics({ cases: [...staticsExamples.cases.slice(0, 4), other] });
    expect(mixed.ok && mixed.value.cases.map((one) => (one as { error?: { code: string } }).error?.code)).toEqual([
      undefined,
      undefined,
      undefined,
      undefined,
      'unsupported',
    ]);
    expect(calculateStatics({ cases: [other] })).toMatchObject({
      ok: false,
      error: { code: 'unsupported', path: 'cases[0].support' },
    });
    const tilted = staticsExamples.cases.find(({ support }) => support === 'tilt');
    expect(calculateStatics({ cases: [{ ...tilted, ballHeight: undefined }] })).toMatchObject({
      ok: false,
      error: { code: 'invalid', path: 'cases[0].ballHeight' },
    });
    expect(calculateStatics({ cases: [{ ...tilted, ballHeight: 5 }] })).toMatchObject({
      ok: false,
      error: { code: 'impossible', path: 'cases[0].ballHeight' },
    });
    // Level it carries what a single axle does.
    const level = calculateStatics({ cases: [{ ...tilted, ballHeight: 0.48 }] });
    const single = calculateStatics({ cases: [{ ...tilted, support: 'single' }] });
    const ballOf = (answer: typeof level): number =>
      answer.ok ? (answer.value.cases[0] as { ballVertical: number }).ballVertical : Number.NaN;
    expect(ballOf(level)).toBeCloseTo(ballOf(single), 9);
    expect(calculateStatics({ cases: [{ ...staticsExamples.cases[2], axleRate: undefined }] })).toMatchObject({
      ok: false,
      error: { code: 'invalid', path: 'cases[0].axleRate' },
    });
    expect(calculateStatics({ cases: [] })).toMatchObject({ ok: false, error: { code: 'invalid', path: 'cases' } });
    expect(
      calculateStatics({ cases: [{ id: 'x', items: [{ mass: -1, x: 0 }], support: 'single', axleX: 1 }] }),
    ).toMatchObject({ ok: false, error: { path: 'cases[0].items[0].mass' } });
    expect(
      calculateStatics({ cases: [{ id: 'x', items: [{ mass: 1, x: 0 }], support: 'single', axleX: 0 }] }),
    ).toMatchObject({ ok: false, error: { code: 'impossible', path: 'cases[0].axleX' } });
    expect(
      calculateStatics({ cases: [{ id: 'x', items: [{ mass: 0, x: 0 }], support: 'single', axleX: 1 }] }),
    ).toMatchObject({ ok: false, error: { code: 'impossible', path: 'cases[0].items' } });
    expect(calculateStatics(7)).toMatchObject({ ok: false });
  });
});

describe('neutral format, sections: figures of two independent programs', () => {
  const source = 'neutral example, two independent programs';
  test.each(sectionExamples.sections.map((example) => [example.name, example] as const))('%s', (name, example) => {
    const answer = calculateSections({ sections: [example] });
    if (!answer.ok) throw new Error(answer.error.message);
    const { properties } = answer.value.sections[0] as { properties: typeof example.properties & { J: number } };
    const area = 'Neutral section examples';
    const check = (what: string, ours: number, outside: number, unit: string, tolerance = 1e-6): void =>
      verify({ area, check: `${name} ${what}`, ours, outside: String(outside), unit, source, tolerance });
    const expected = example.properties;
    check('A', properties.A, expected.A, 'mm²');
    check('Iy', properties.Iy, expected.Iy, 'mm⁴');
    check('Iz', properties.Iz, expected.Iz, 'mm⁴');
    check('SyTop', properties.SyTop, expected.SyTop, 'mm³');
    check('SyBottom', properties.SyBottom, expected.SyBottom, 'mm³');
    check('SzRight', properties.SzRight, expected.SzRight, 'mm³');
    check('SzLeft', properties.SzLeft, expected.SzLeft, 'mm³');
    check('Zy', properties.Zy, expected.Zy, 'mm³');
    check('Zz', properties.Zz, expected.Zz, 'mm³');
    check('I1', properties.principal.I1, expected.principal.I1, 'mm⁴');
    check('angle', properties.principal.angleDeg, expected.principal.angleDeg, '°');
    check('centroid y', properties.centroid.y, expected.centroid.y, 'mm');
    check('J, against the numerical value', properties.J, example.torsion.numeric.J, 'mm⁴', 0.05);
  });
  test('impossible sizes name the format’s own field', () => {
    const shape = { kind: 'rectangular tube', width: 50, depth: 50, t: 30 };
    expect(calculateSections({ sections: [{ id: 'a', shape }] })).toMatchObject({
      ok: false,
      error: { code: 'impossible', path: 'sections[0].shape.t' },
    });
    expect(calculateSections({ sections: [{ id: 'a', shape: { ...shape, kind: 'beam' } }] })).toMatchObject({
      ok: false,
      error: { code: 'invalid' },
    });
    expect(calculateSections({ sections: [{ id: 'a', shape: { kind: 'flat bar', width: 10 } }] })).toMatchObject({
      ok: false,
      error: { path: 'sections[0].shape.depth' },
    });
  });
});
