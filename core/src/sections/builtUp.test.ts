import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { verify } from '../../test/verify.js';
import { SECTION_ROWS } from '../catalog/index.js';
import { inches, pounds } from '../units/index.js';
import { barProperties, builtUpBar, buildUpsOf, seamFlow } from './index.js';

const area = 'Built-up bars';
const row = (id: string) => {
  const found = SECTION_ROWS.find((candidate) => candidate.id === id);
  if (!found) throw new Error(id);
  return found;
};
const channels = SECTION_ROWS.filter(({ shape }) => shape.kind === 'channel' || shape.kind === 'bent-channel');
const inch4 = (m4: number): number => m4 / 0.0254 ** 4;
/** A flat bar of these sizes as a section, to build textbook beams of. */
const flat = (widthM: number, heightM: number) => ({
  id: 'flat',
  designation: 'flat',
  shape: { kind: 'flat-bar' as const, widthM, heightM },
});

describe('plates along a bar, against statics', () => {
  test('a 50 × 200 mm web with 100 × 50 mm flanges above and below is the I of its outline', () => {
    // (100·300³ − 50·200³) ÷ 12 for the whole, all in mm.
    const built = builtUpBar(flat(0.05, 0.2), {
      kind: 'plated',
      faces: 'top-bottom',
      widthM: 0.1,
      thicknessM: 0.05,
    });
    expect((built?.bar.design.iyM4 ?? 0) * 1e12).toBeCloseTo((100 * 300 ** 3 - 50 * 200 ** 3) / 12, -2);
    expect(built?.bar.heightM).toBeCloseTo(0.3, 12);
    expect(built?.bar.design.areaM2).toBeCloseTo(0.02, 12);
  });
  test('one plate below shifts the middle down: a T of 100 × 20 under 20 × 100 mm', () => {
    const built = builtUpBar(flat(0.02, 0.1), { kind: 'plated', faces: 'bottom', widthM: 0.1, thicknessM: 0.02 });
    // Equal areas, middles at 10 and 70 mm: together at 40 mm. I = 2 × (2000 × 30²) + 100·20³/12 + 20·100³/12.
    expect((built?.bar.design.centroidZM ?? 0) * 1000).toBeCloseTo(40, 9);
    expect((built?.bar.design.iyM4 ?? 0) * 1e12).toBeCloseTo(2 * 2000 * 900 + (100 * 8000) / 12 + (20 * 1e6) / 12, 3);
    expect((built?.bar.design.syBottomM3 ?? 0) * 1e9).toBeCloseTo(((built?.bar.design.iyM4 ?? 0) * 1e12) / 40, 6);
  });
  test('plates on both sides stiffen it upright by their own depth', () => {
    const tube = row('hss-3x2x3_16');
    const one = barProperties(tube);
    const both = builtUpBar(tube, { kind: 'plated', faces: 'sides', widthM: inches(2), thicknessM: inches(0.25) });
    const plates = (2 * 0.25 * 2 ** 3) / 12;
    expect(inch4((both?.bar.design.iyM4 ?? 0) - (one?.design.iyM4 ?? 0))).toBeCloseTo(plates, 9);
    expect(both?.bar.widthM).toBeCloseTo(inches(2.5), 12);
  });
  test('any plate makes it stiffer and heavier, and its middle lies within it', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SECTION_ROWS),
        fc.constantFrom<'bottom' | 'top-bottom' | 'sides'>('bottom', 'top-bottom', 'sides'),
        fc.double({ min: 0.01, max: 0.2, noNaN: true }),
        fc.double({ min: 0.002, max: 0.02, noNaN: true }),
        (section, faces, widthM, thicknessM) => {
          const one = barProperties(section);
          const built = builtUpBar(section, { kind: 'plated', faces, widthM, thicknessM });
          if (!one || !built) throw new Error(section.id);
          expect(built.bar.design.iyM4).toBeGreaterThan(one.design.iyM4);
          expect(built.bar.design.izM4).toBeGreaterThan(one.design.izM4);
          expect(built.bar.nominalAreaM2).toBeGreaterThan(one.nominalAreaM2);
          expect(built.bar.design.centroidZM).toBeGreaterThan(0);
          expect(built.bar.design.centroidZM).toBeLessThan(built.bar.heightM);
        },
      ),
    );
  });
});

describe('two channels toe to toe', () => {
  test('upright twice one; level by the parallel-axis theorem', () => {
    for (const section of channels) {
      const one = barProperties(section);
      const built = builtUpBar(section, { kind: 'boxed' });
      if (!one || !built) throw new Error(section.id);
      expect(built.bar.design.iyM4).toBeCloseTo(2 * one.design.iyM4, 12);
      const off = one.widthM - one.design.centroidYM;
      expect(built.bar.design.izM4).toBeCloseTo(2 * (one.design.izM4 + one.design.areaM2 * off ** 2), 12);
      expect(built.shape.kind).toBe('rect-tube');
      // Closed, it twists far less than two by themselves.
      expect(built.bar.design.torsionM4).toBeGreaterThan(10 * 2 * one.design.torsionM4);
    }
  });
  test('a tube is none that can be put toe to toe', () => {
    expect(builtUpBar(row('hss-3x2x3_16'), { kind: 'boxed' })).toBeUndefined();
  });
});

describe('two angles as a box', () => {
  const angle = {
    id: 'angle',
    designation: '50 x 50 x 5',
    shape: {
      kind: 'angle' as const,
      verticalLegM: 0.05,
      horizontalLegM: 0.05,
      thicknessM: 0.005,
      rootRadiusM: 0,
      toeRadiusM: 0,
    },
  };
  test('is a tube 50 wide and 55 mm high of 5 mm walls: the outline’s own A and I', () => {
    // The walls tile (50·55³ − 40·45³) ÷ 12 upright and (55·50³ − 45·40³) ÷ 12 level, all in mm.
    const box = builtUpBar(angle, { kind: 'boxed' });
    expect((box?.bar.design.areaM2 ?? 0) * 1e6).toBeCloseTo(50 * 55 - 40 * 45, 6);
    expect((box?.bar.design.iyM4 ?? 0) * 1e12).toBeCloseTo((50 * 55 ** 3 - 40 * 45 ** 3) / 12, 3);
    expect((box?.bar.design.izM4 ?? 0) * 1e12).toBeCloseTo((55 * 50 ** 3 - 45 * 40 ** 3) / 12, 3);
    expect(Math.abs(box?.bar.design.iyzM4 ?? 1)).toBeLessThan(1e-15);
    expect(box?.shape).toMatchObject({ kind: 'rect-tube', widthM: 0.05, heightM: 0.055, wallM: 0.005 });
  });
  test('its seams pass half of V × Q ÷ I of one angle, and twist by T ÷ 2A', () => {
    // Q = 475 mm² × (27.5 − 14.34) mm; I = 389 427 mm⁴; V = 10 kN: 80.3 N/mm on each seam. A enclosed = 45 × 50 mm².
    const q = 475 * (27.5 - (50 * 5 * 2.5 + 45 * 5 * 27.5) / 475);
    const i = (50 * 55 ** 3 - 40 * 45 ** 3) / 12;
    expect(seamFlow(angle, { kind: 'boxed' }, { uprightN: 10_000, levelN: 0, twistNm: 0 }) / 1000).toBeCloseTo(
      (10_000 * q) / i / 2,
      6,
    );
    expect(seamFlow(angle, { kind: 'boxed' }, { uprightN: 0, levelN: 0, twistNm: 9 })).toBeCloseTo(
      9 / (2 * 0.045 * 0.05),
      9,
    );
  });
  test('a plate below an angle keeps the angle’s product of inertia and adds what lies off both middles', () => {
    const one = barProperties(angle)?.design;
    const plated = builtUpBar(angle, { kind: 'plated', faces: 'bottom', widthM: 0.05, thicknessM: 0.005 })?.bar.design;
    if (!one || !plated) throw new Error('no section');
    // Plate's middle 25 mm right and 2.5 mm below the heel; angle's at its centroid, 5 mm higher than its own heel.
    const [a, p] = [one.areaM2, 0.05 * 0.005];
    const dy = 0.025 - one.centroidYM;
    const dz = -0.0025 - one.centroidZM;
    expect(plated.iyzM4).toBeCloseTo(one.iyzM4 + ((a * p) / (a + p)) * dy * dz, 15);
    expect(plated.principal.i1M4 + plated.principal.i2M4).toBeCloseTo(plated.iyM4 + plated.izM4, 15);
  });
});

describe('a bar inside a tube', () => {
  const outer = row('hss-3x3x3_16');
  test('both bend about one middle: I of the one and of the other', () => {
    const inner = row('hss-2x2x1_8');
    const both = builtUpBar(outer, { kind: 'sleeved', inner })?.bar.design;
    const [a, b] = [outer, inner].map((section) => barProperties(section)?.design.iyM4 ?? 0);
    expect(both?.iyM4).toBeCloseTo((a ?? 0) + (b ?? 0), 15);
    expect(seamFlow(outer, { kind: 'sleeved', inner }, { uprightN: 1e4, levelN: 0, twistNm: 0 })).toBe(0);
  });
  test('what is too large does not go in, and a square one not into a round one across its corners', () => {
    expect(builtUpBar(outer, { kind: 'sleeved', inner: outer })).toBeUndefined();
    const round = { id: 'r', designation: 'r', shape: { kind: 'round-tube' as const, diameterM: 0.06, wallM: 0.004 } };
    expect(builtUpBar(round, { kind: 'sleeved', inner: flat(0.036, 0.036) })).toBeDefined();
    expect(builtUpBar(round, { kind: 'sleeved', inner: flat(0.04, 0.04) })).toBeUndefined();
    expect(builtUpBar(flat(0.1, 0.1), { kind: 'sleeved', inner: flat(0.01, 0.01) })).toBeUndefined();
  });
  test('each shape can be built up so, and no other way', () => {
    for (const section of SECTION_ROWS) {
      const kinds = buildUpsOf(section.shape);
      expect(kinds.includes('boxed')).toBe(builtUpBar(section, { kind: 'boxed' }) !== undefined);
      expect(kinds.includes('sleeved')).toBe(
        builtUpBar(section, { kind: 'sleeved', inner: flat(0.001, 0.001) }) !== undefined,
      );
    }
  });
});

describe('shear along the seams', () => {
  test('a box beam of planks: V × Q ÷ I, per plate and seam', () => {
    // Web 50 × 200 mm, flanges 100 × 50 mm, V = 10 kN: Q = 5000 × 125 = 625e3 mm³, I = 191.7e6 mm⁴, f = V·Q/I = 32.6 N/mm.
    const build = { kind: 'plated', faces: 'top-bottom', widthM: 0.1, thicknessM: 0.05 } as const;
    const perSeam = seamFlow(flat(0.05, 0.2), build, { uprightN: 10_000, levelN: 0, twistNm: 0 });
    verify({
      area,
      check: 'shear flow under one flange of a 200 × 50 web with 100 × 50 flanges, 10 kN',
      ours: (2 * perSeam) / 1000,
      outside: '32.6',
      unit: 'N/mm',
      source: 'V·Q/I as in Gere & Timoshenko, Mechanics of Materials, built-up beams and shear flow; worked by hand',
    });
  });
  test('a wide-flange of planks in inches: 2 × 6 web, 2 × 4 flanges of full size, 1000 lb', () => {
    // I = (4·10³ − 2·6³)/12 = 297.33 in⁴ ; Q = 8 × 4 = 32 in³ ; f = 107.6 lb/in.
    const build = { kind: 'plated', faces: 'top-bottom', widthM: inches(4), thicknessM: inches(2) } as const;
    const flow = 2 * seamFlow(flat(inches(2), inches(6)), build, { uprightN: 4448.2216, levelN: 0, twistNm: 0 });
    verify({
      area,
      check: 'shear flow of a built-up beam of full 2 × 6 and 2 × 4 in, 1000 lb',
      ours: (flow / (9.80665 * pounds(1))) * 0.0254,
      outside: '107.6',
      unit: 'lb/in',
      source: 'V·Q/I, worked by hand: I = 297.3 in⁴, Q = 32 in³',
    });
  });
  test('a box passes upright shear in its webs alone; twist flows all round by T ÷ 2A', () => {
    const section = channels[0];
    if (!section) throw new Error('no channel');
    const flow = (uprightN: number, levelN: number, twistNm: number): number =>
      seamFlow(section, { kind: 'boxed' }, { uprightN, levelN, twistNm });
    expect(flow(10_000, 0, 0)).toBe(0);
    expect(flow(0, 0, 100)).toBeGreaterThan(0);
    expect(flow(0, 0, 200)).toBeCloseTo(2 * flow(0, 0, 100), 9);
    expect(flow(0, 500, 100)).toBeCloseTo(flow(0, 500, 0) + flow(0, 0, 100), 9);
  });
});
