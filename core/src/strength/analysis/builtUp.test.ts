import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../../test/projects.js';
import { verify } from '../../../test/verify.js';
import { buildChassis } from '../../chassis/index.js';
import { evaluate, withStrength } from '../../evaluation/index.js';
import { buildCutList } from '../../fabrication/index.js';
import type { Trailer } from '../../project/index.js';
import { inches } from '../../units/index.js';
import { analyseStrength } from '../index.js';
import { openStitchM } from '../joints/stitches.js';

const sample = sampleTrailer();
type Built = NonNullable<Trailer['frame']['overrides'][string]['built']>;
const RAILS = ['rail.left', 'rail.right'];
const withRails = (sectionId: string, built?: Built): Trailer => ({
  ...sample,
  frame: {
    ...sample.frame,
    groups: {
      ...sample.frame.groups,
      rail: { sectionId, materialId: sectionId.startsWith('c') ? 'a36' : 'a500b', faces: 'in' },
    },
    overrides: built ? Object.fromEntries(RAILS.map((id) => [id, { built }])) : {},
  },
});
const analysed = (trailer: Trailer) => {
  const { chassis, bare, cases } = evaluate(trailer);
  const outcome = analyseStrength({ trailer, chassis, bare, cases });
  if (outcome.kind !== 'analysed') throw new Error(JSON.stringify(outcome));
  return { outcome, works: outcome.analysis.members.find(({ memberId }) => memberId === 'rail.left')?.worst };
};
const PLATES: Built = {
  how: { kind: 'plated', faces: 'top-bottom', widthM: inches(2), thicknessM: inches(0.25) },
  stitch: null,
};

describe('a plated rail', () => {
  const bare = withRails('hss-3x2x3_16');
  const plated = withRails('hss-3x2x3_16', PLATES);
  test('is as heavy as tube and plates, and is cut as both', () => {
    const [tube, whole] = [bare, plated].map(
      (trailer) => buildChassis(trailer).members.find(({ id }) => id === 'rail.left')?.massKg ?? 0,
    );
    const plates = 2 * inches(2) * inches(0.25) * sample.frame.bed.lengthM * 7850;
    expect((whole ?? 0) - (tube ?? 0)).toBeCloseTo(plates, 6);
    const list = buildCutList(buildChassis(plated));
    const along = list.plates.find(({ kind }) => kind === 'along');
    expect(along).toMatchObject({ quantity: 4, widthM: inches(2), thicknessM: inches(0.25) });
    const rails = list.rows.find(({ memberIds }) => memberIds.includes('rail.left'));
    expect(rails?.massEachKg).toBeCloseTo(tube ?? 0, 6);
    expect(rails?.sectionId).toBe('hss-3x2x3_16');
  });
  test('works less hard than the bare one', () => {
    expect(analysed(plated).works?.utilisation.value).toBeLessThan(
      0.8 * (analysed(bare).works?.utilisation.value ?? 0),
    );
  });
  test('its seams are checked; stitches of a third work three times as hard', () => {
    const seam = (built: Built) => {
      const trailer = withRails('hss-3x2x3_16', built);
      const { findings } = withStrength(evaluate(trailer), analysed(trailer).outcome);
      return findings.find(({ code, subject }) => code === 'built-up-seam' && subject === 'rail.left');
    };
    const all = seam(PLATES);
    const third = seam({ ...PLATES, stitch: { lengthM: inches(2), pitchM: inches(6) } });
    expect(all?.utilisation).toBeGreaterThan(0);
    expect((third?.utilisation ?? 0) / (all?.utilisation ?? 1)).toBeCloseTo(3, 6);
    expect(third?.verdict).not.toBe('unchecked');
  });
});

describe('two channels toe to toe', () => {
  const single = withRails('c3x4.1');
  const box = withRails('c3x4.1', { how: { kind: 'boxed' }, stitch: null });
  test('are a box of twice the weight, cut as two of the channel, of the channel’s own metal', () => {
    const chassis = buildChassis(box);
    const [one, both] = [buildChassis(single), chassis].map((of) => of.members.find(({ id }) => id === 'rail.left'));
    expect(both?.massKg).toBeCloseTo(2 * (one?.massKg ?? 0), 6);
    expect(both?.bar.widthM).toBeCloseTo(2 * (one?.bar.widthM ?? 0), 12);
    const rails = buildCutList(chassis).rows.find(({ memberIds }) => memberIds.includes('rail.left'));
    expect(rails).toMatchObject({ quantity: 4, sectionId: 'c3x4.1' });
    expect(
      evaluate(box).findings.some(({ code, subject }) => code === 'metal-not-of-shape' && subject === 'rail.left'),
    ).toBe(false);
  });
  test('work less hard than one', () => {
    expect(analysed(box).works?.utilisation.value).toBeLessThan(analysed(single).works?.utilisation.value ?? 0);
    expect(analysed(box).works?.resistance.torsion).toBeDefined();
  });
  test('tubes cannot be: it is said', () => {
    const wrong = withRails('hss-3x2x3_16', { how: { kind: 'boxed' }, stitch: null });
    expect(buildChassis(wrong).problems.map(({ code }) => code)).toContain('no-box');
  });
});

describe('a tongue or rail that is plated in part', () => {
  const over = { fromM: inches(20), toM: inches(60) };
  const part = withRails('hss-3x2x3_16', { ...PLATES, over });
  const railOf = (trailer: Trailer) => {
    const rail = buildChassis(trailer).members.find(({ id }) => id === 'rail.left');
    if (!rail) throw new Error('no rail');
    return rail;
  };
  test('weighs the tube and so much of the plates, laid where they are', () => {
    const [bare, plated] = [railOf(withRails('hss-3x2x3_16')), railOf(part)];
    const platesKg = 2 * inches(2) * inches(0.25) * inches(40) * 7850;
    expect(plated.massKg - bare.massKg).toBeCloseTo(platesKg, 9);
    const xM = (bare.massKg * bare.centre.xM + platesKg * inches(40)) / plated.massKg;
    expect(plated.centre.xM).toBeCloseTo(xM, 9);
    const list = buildCutList(buildChassis(part));
    expect(list.plates.find(({ kind }) => kind === 'along')).toMatchObject({ quantity: 4 });
    expect(list.plates.find(({ kind }) => kind === 'along')?.lengthM).toBeCloseTo(inches(40), 9);
    expect(list.rows.find(({ memberIds }) => memberIds.includes('rail.left'))?.massEachKg).toBeCloseTo(bare.massKg, 9);
  });
  test('works as hard as the bare one where it is bare, and never harder than it', () => {
    const [bare, plated, whole] = [withRails('hss-3x2x3_16'), part, withRails('hss-3x2x3_16', PLATES)].map(
      (trailer) => analysed(trailer).works?.utilisation.value ?? Number.NaN,
    );
    expect(plated).toBeLessThanOrEqual((bare ?? 0) * 1.02);
    expect(plated).toBeGreaterThanOrEqual((whole ?? 0) * 0.98);
  });
  test('on a bar that is there already only the plates are cut', () => {
    const { built } = part.frame.overrides['rail.left'] ?? {};
    const old: Trailer = {
      ...part,
      frame: { ...part.frame, overrides: { 'rail.left': { existing: true, ...(built ? { built } : {}) } } },
    };
    const list = buildCutList(buildChassis(old));
    expect(list.plates.find(({ kind }) => kind === 'along')).toMatchObject({ quantity: 2 });
    expect(list.rows.some(({ memberIds }) => memberIds.includes('rail.left'))).toBe(false);
  });
  test('a tube inside it is cut as a piece of its own, and makes it work less hard', () => {
    const sleeved = withRails('hss-3x2x3_16', {
      how: { kind: 'sleeved', sectionId: 'tube-1-1_2x1-1_2x14ga' },
      stitch: null,
    });
    const rows = buildCutList(buildChassis(sleeved)).rows.filter(({ memberIds }) => memberIds.includes('rail.left'));
    expect(rows.map(({ sectionId }) => sectionId).toSorted()).toEqual(['hss-3x2x3_16', 'tube-1-1_2x1-1_2x14ga']);
    expect(analysed(sleeved).works?.utilisation.value).toBeLessThan(
      analysed(withRails('hss-3x2x3_16')).works?.utilisation.value ?? 0,
    );
    const tooWide = withRails('hss-3x2x3_16', { how: { kind: 'sleeved', sectionId: 'hss-4x2x3_16' }, stitch: null });
    expect(buildChassis(tooWide).problems.map(({ code }) => code)).toContain('no-sleeve');
  });
});

describe('what stitches leave open', () => {
  test('1/4 in plates of 46 ksi steel hold to 4.7 in', () => {
    // 0.75 × √(29000 ÷ 46) × 0.25 in = 4.708 in: AISC 360-16 E6.2, by hand.
    verify({
      area: 'Built-up bars',
      check: 'open stitch of a 1/4 in plate, Fy = 46 ksi',
      ours: openStitchM({ elasticPa: 29000 * 6.894757e6, yieldPa: 46 * 6.894757e6 }, inches(0.25)) / inches(1),
      outside: '4.71',
      unit: 'in',
      source: 'AISC 360-16 E6.2(b), 0.75·√(E/Fy)·t; worked by hand',
    });
    const { findings } = ((built: Built) => {
      const trailer = withRails('hss-3x2x3_16', built);
      return withStrength(evaluate(trailer), analysed(trailer).outcome);
    })({ ...PLATES, stitch: { lengthM: inches(2), pitchM: inches(8) } });
    expect(findings.find(({ code, subject }) => code === 'stitch-gap' && subject === 'rail.left')?.verdict).toBe(
      'over',
    );
  });
});
