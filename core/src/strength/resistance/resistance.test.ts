import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { verify } from '../../../test/verify.js';
import { sampleTrailer } from '../../../test/projects.js';
import { SECTION_ROWS, type SectionRow } from '../../catalog/index.js';
import { buildChassis, type Member } from '../../chassis/index.js';
import { METALS } from '../../materials/index.js';
import { barProperties, type Shape, sectionProperties } from '../../sections/index.js';
import { fromPascals, inches, toNewtons, toPascals } from '../../units/index.js';
import { aluminumBending, wallStressPa } from './aluminum.js';
import { allowableShare, allowableUtilisation, memberResistance, yieldUtilisation } from './memberResistance.js';
import {
  channelUpright,
  channelWarpingM6,
  steelBending,
  steelCompression,
  type SteelInput,
  steelShear,
  steelTorsion,
} from './steel.js';

const area = 'Resistance';
const KIP = toNewtons(1000, 'lbf');
const KIP_IN = KIP * inches(1);
const KSI = toPascals(1, 'ksi');
const E = 29_000 * KSI;

const row = (id: string): SectionRow => {
  const found = SECTION_ROWS.find((candidate) => candidate.id === id);
  if (!found) throw new Error(id);
  return found;
};
const metal = (id: string) => METALS.find((candidate) => candidate.id === id)!;
/** A bar of this section and metal, where nothing but these two counts. */
const barOf = (sectionId: string, materialId: string): Member => {
  const base = buildChassis(sampleTrailer()).members[0]!;
  const section = row(sectionId);
  return { ...base, section, material: metal(materialId), bar: barProperties(section)! };
};
const stretch = { unbracedM: 0.5, wholeM: 1, welded: false };
const inputOf = (shape: Shape, yieldKsi: number): SteelInput => {
  const section = sectionProperties(shape);
  if (!section.ok) throw new Error(section.error.field);
  return { shape, section: section.value, yieldPa: yieldKsi * KSI, elasticPa: E, shearPa: 11_200 * KSI };
};
const hss = (heightIn: number, widthIn: number, wallIn: number): Shape => ({
  kind: 'rect-tube',
  heightM: inches(heightIn),
  widthM: inches(widthIn),
  wallM: inches(wallIn),
  outerRadiusM: inches(2 * wallIn),
  innerRadiusM: inches(wallIn),
});
const none = { n: 0, vy: 0, vz: 0, t: 0, my: 0, mz: 0 };

describe('steel by AISC 360-16', () => {
  test('F7: HSS 3x2x3/16, 46 ksi: Mp/1.67 = 40.8 kip·in', () => {
    const bending = steelBending(inputOf(hss(3, 2, 0.174), 46), 'upright', 0.3);
    verify({
      area,
      check: 'HSS 3x2x3/16: allowable moment',
      ours: bending.value / 1.67 / KIP_IN,
      outside: '40.8',
      unit: 'kip·in',
      source: 'AISC 360-16 F7.1, worked example',
    });
  });
  test('H3.1 and G4: HSS 4x2x3/16: torsion 39.8 kip·in, shear 20.0 kip, bending 64.5 kip·in', () => {
    const input = inputOf(hss(4, 2, 0.174), 46);
    const source = 'AISC 360-16, worked example';
    verify({
      area,
      check: 'HSS 4x2x3/16: allowable moment',
      ours: steelBending(input, 'upright', 0.3).value / 1.67 / KIP_IN,
      outside: '64.5',
      unit: 'kip·in',
      source,
    });
    verify({
      area,
      check: 'HSS 4x2x3/16: allowable twist',
      ours: steelTorsion(input, 1)!.value / 1.67 / KIP_IN,
      outside: '39.8',
      unit: 'kip·in',
      source,
    });
    verify({
      area,
      check: 'HSS 4x2x3/16: allowable shear',
      ours: steelShear(input, 'upright').value / 1.67 / KIP,
      outside: '20.0',
      unit: 'kip',
      source,
    });
  });
  test('H3-6: bending 30 kip·in, twist 14 kip·in, shear 1 kip on HSS 4x2x3/16 make 0.627', () => {
    const r = memberResistance(barOf('hss-4x2x3_16', 'a500b'), { ...stretch, unbracedM: 0.3 });
    const u = allowableUtilisation(r, { ...none, my: 30 * KIP_IN, t: 14 * KIP_IN, vz: KIP });
    verify({
      area,
      check: 'bending with twist, HSS 4x2x3/16',
      ours: u.axial + u.bendingY + u.bendingZ + (u.shear + u.twist) ** 2,
      outside: '0.627',
      unit: '-',
      source: 'AISC 360-16 H3-6, worked example',
    });
    expect(u.rule).toBe('with-twist');
    // What is shown grows with the load: so much of it, and the sum is one.
    const most = 1 / u.value;
    const full = allowableUtilisation(r, { ...none, my: 30 * KIP_IN * most, t: 14 * KIP_IN * most, vz: KIP * most });
    expect(full.bendingY + (full.shear + full.twist) ** 2).toBeCloseTo(1, 9);
    expect(full.value).toBeCloseTo(1, 9);
    // Twist of a fifth of its strength or less does not count beside bending (H3.2).
    const small = allowableUtilisation(r, { ...none, my: 30 * KIP_IN, t: 7 * KIP_IN });
    expect(small.value).toBeCloseTo(30 / 64.5, 2);
  });
  test('F2: C4x5.4, A36, 60 in between joints: 70.8 nominal, 42.4 kip·in allowed', () => {
    const channel: Shape & { kind: 'channel' } = {
      kind: 'channel',
      depthM: inches(4),
      flangeM: inches(1.58),
      webM: inches(0.184),
      flangeThicknessM: inches(0.296),
      rootRadiusM: inches(0.28),
      toeRadiusM: inches(0.17),
      innerSlope: 1 / 6,
    };
    const input = inputOf(channel, 36);
    const bending = channelUpright(input, channel, inches(60));
    verify({
      area,
      check: 'C4x5.4, 60 in unbraced: allowable moment',
      ours: bending.value / 1.67 / KIP_IN,
      outside: '42.4',
      unit: 'kip·in',
      source: 'AISC 360-16 F2, worked example',
      tolerance: 0.02,
    });
    verify({
      area,
      check: 'C4x5.4: warping constant',
      ours: channelWarpingM6(inches(4), inches(1.58), inches(0.184), inches(0.296)) / inches(1) ** 6,
      outside: '0.90',
      unit: 'in⁶',
      source: 'thin-wall theory; AISC Manual table 1-5 prints 0.92',
    });
  });
  test('E3: a column between yield and Euler, by both formulas', () => {
    const input = inputOf(hss(2, 2, 0.116), 46);
    const { areaM2, ryM } = input.section;
    // KL/r = 100: Fe = π²·29000/100² = 28.6 ksi, Fcr = 0.658^(46/28.6)·46 = 23.5 ksi.
    verify({
      area,
      check: 'HSS 2x2x1/8 at KL/r = 100: critical stress',
      ours: steelCompression(input, 100 * ryM, 0).value / areaM2 / KSI,
      outside: '23.46',
      unit: 'ksi',
      source: 'AISC 360-16 E3-2, worked by hand',
    });
    // KL/r = 200: Fe = 7.155 ksi, Fcr = 0.877·Fe = 6.275 ksi.
    verify({
      area,
      check: 'HSS 2x2x1/8 at KL/r = 200: critical stress',
      ours: steelCompression(input, 200 * ryM, 0).value / areaM2 / KSI,
      outside: '6.275',
      unit: 'ksi',
      source: 'AISC 360-16 E3-3, worked by hand',
    });
  });
  test('thin walls count less: compact to 1.12√(E/Fy), then F7.2', () => {
    const per = (wallIn: number): number => {
      const input = inputOf(hss(4, 4, wallIn), 46);
      return steelBending(input, 'upright', 0.3).value / (input.yieldPa * input.section.syTopM3);
    };
    expect(per(0.233)).toBeGreaterThan(1.15);
    expect(per(0.1)).toBeLessThan(per(0.14));
    expect(per(0.05)).toBeLessThan(0.5);
  });
});

describe('aluminum by the Aluminum Design Manual', () => {
  test('6061-T6 walls: full to b/t 20.8, 27.3 − 0.291·b/t to 33, 580/(b/t) beyond (÷ 1.65)', () => {
    const allowed = (ratio: number): number =>
      fromPascals(wallStressPa(35 * KSI, 10_100 * KSI, ratio, 2), 'ksi') / 1.65;
    const source = 'Aluminum Design Manual table 2-19 (recalled)';
    verify({ area, check: '6061-T6 wall at b/t 20', ours: allowed(20), outside: '21.2', unit: 'ksi', source });
    verify({
      area,
      check: '6061-T6 wall at b/t 27',
      ours: allowed(27),
      outside: String(27.3 - 0.291 * 27),
      unit: 'ksi',
      source,
    });
    verify({
      area,
      check: '6061-T6 wall at b/t 40',
      ours: allowed(40),
      outside: String(580 / 40),
      unit: 'ksi',
      source,
    });
  });
  test('a weld takes more than half of 6061-T6: 9.1 of 21.2 ksi on the elastic modulus', () => {
    const member = barOf('alu-3x2x1_4', '6061-t6');
    const free = memberResistance(member, stretch);
    const welded = memberResistance(member, { ...stretch, welded: true });
    expect(welded.bendingY.value / free.bendingY.value).toBeLessThan(0.5);
    verify({
      area,
      check: '6061-T6 3x2x1/4: welded to yield, share of the free one',
      ours: welded.yieldPa / free.yieldPa,
      outside: String(15 / 35),
      unit: '-',
      source: 'Aluminum Design Manual, 15 and 35 ksi',
    });
  });
});

const forces = fc.record({
  n: fc.double({ min: -5e4, max: 5e4, noNaN: true }),
  vy: fc.double({ min: -1e4, max: 1e4, noNaN: true }),
  vz: fc.double({ min: -1e4, max: 1e4, noNaN: true }),
  t: fc.double({ min: -2e3, max: 2e3, noNaN: true }),
  my: fc.double({ min: -5e3, max: 5e3, noNaN: true }),
  mz: fc.double({ min: -5e3, max: 5e3, noNaN: true }),
});
const anyRow = fc.constantFrom(...SECTION_ROWS);
const resistanceOf = (section: SectionRow, welded: boolean) =>
  memberResistance(barOf(section.id, section.usualMaterialId), { unbracedM: 0.6, wholeM: 2.4, welded });

describe('what holds for every section on the list', () => {
  test('shares are finite, never negative, and the quick one is the one that is explained', () => {
    fc.assert(
      fc.property(anyRow, forces, fc.boolean(), (section, inner, welded) => {
        const r = resistanceOf(section, welded);
        const u = allowableUtilisation(r, inner);
        expect(Number.isFinite(u.value) && u.value >= 0).toBe(true);
        expect(allowableShare(r, inner)).toBe(u.value);
        expect(Number.isFinite(yieldUtilisation(r, inner).value)).toBe(true);
      }),
    );
  });
  test('turned the other way round, forces weigh the same; more of them never weighs less', () => {
    fc.assert(
      fc.property(anyRow, forces, fc.double({ min: 1, max: 3, noNaN: true }), (section, inner, more) => {
        const r = resistanceOf(section, false);
        const mirrored = { ...inner, vy: -inner.vy, vz: -inner.vz, t: -inner.t, my: -inner.my, mz: -inner.mz };
        expect(allowableShare(r, mirrored)).toBeCloseTo(allowableShare(r, inner), 9);
        const grown = {
          n: inner.n * more,
          vy: inner.vy * more,
          vz: inner.vz * more,
          t: inner.t * more,
          my: inner.my * more,
          mz: inner.mz * more,
        };
        expect(yieldUtilisation(r, grown).value).toBeCloseTo(more * yieldUtilisation(r, inner).value, 6);
        expect(allowableShare(r, { ...none, my: grown.my })).toBeCloseTo(
          more * allowableShare(r, { ...none, my: inner.my }),
          9,
        );
      }),
    );
  });
  test('a longer unbraced stretch never bears more', () => {
    fc.assert(
      fc.property(
        anyRow,
        fc.double({ min: 0.05, max: 3, noNaN: true }),
        fc.double({ min: 1, max: 4, noNaN: true }),
        (section, length, more) => {
          const member = barOf(section.id, section.usualMaterialId);
          const short = memberResistance(member, { unbracedM: length, wholeM: length, welded: false });
          const long = memberResistance(member, { unbracedM: length * more, wholeM: length * more, welded: false });
          expect(long.bendingY.value).toBeLessThanOrEqual(short.bendingY.value * (1 + 1e-9));
          expect(long.compression.value).toBeLessThanOrEqual(short.compression.value * (1 + 1e-9));
        },
      ),
    );
  });
});

describe('aluminum bars that buckle sideways, ADM F.4', () => {
  const channel: Shape & { kind: 'channel' } = {
    kind: 'channel',
    depthM: inches(4),
    flangeM: inches(1.58),
    webM: inches(0.18),
    flangeThicknessM: inches(0.29),
    rootRadiusM: 0,
    toeRadiusM: 0,
    innerSlope: 0,
  };
  const shapeOf = sectionProperties(channel);
  if (!shapeOf.ok) throw new Error('no section');
  const section = shapeOf.value;
  const material = metal('6061-t6');
  const moment = (unbracedIn: number): number =>
    aluminumBending({ shape: channel, section, material, welded: false }, 'upright', inches(unbracedIn)).value;
  test('by the formulas, step by step: 60 in between joints, 6061-T6', () => {
    const L = inches(60);
    const E2 = material.elasticPa;
    const fy = material.yieldPa / KSI;
    const e = E2 / KSI;
    const cw = channelWarpingM6(inches(4), inches(1.58), inches(0.18), inches(0.29));
    const g = (E2 * 3800) / 10100;
    const s = Math.min(section.syTopM3, section.syBottomM3);
    const me =
      (Math.PI / L) *
      Math.sqrt(E2 * section.izM4 * g * section.torsionM4 + ((Math.PI * E2) / L) ** 2 * section.izM4 * cw);
    const lambda = Math.PI * Math.sqrt((E2 * s) / me);
    const bc = fy * (1 + Math.sqrt(fy / 2250));
    const cc = (0.41 * bc) / ((bc / 10) * Math.sqrt(bc / e));
    expect(lambda).toBeGreaterThan(cc);
    verify({
      area,
      check: 'aluminum channel 4 x 1.58 in, 60 in unbraced: allowable moment',
      ours: moment(60) / KIP_IN,
      outside: ((Math.PI ** 2 * E2 * s) / lambda ** 2 / 1.65 / KIP_IN).toFixed(2),
      unit: 'kip·in',
      source: 'Aluminum Design Manual F.4 (recalled), by hand',
    });
  });
  test('the longer, the less; a short one bears its yield; a tube hardly cares', () => {
    const lengths = [2, 12, 24, 48, 96].map(moment);
    expect(lengths).toEqual([...lengths].sort((a, b) => b - a));
    expect(moment(96)).toBeLessThan(0.55 * moment(2));
    const tube = barOf('alu-4x2x3_16', '6061-t6');
    const far = memberResistance(tube, { ...stretch, unbracedM: 2 }).bendingY.value;
    expect(far / memberResistance(tube, { ...stretch, unbracedM: 0.1 }).bendingY.value).toBeGreaterThan(0.9);
  });
});

describe('open bars in twist', () => {
  const channel = barOf('c6x8.2', 'a36');
  const open = (unbracedIn: number, elementIn?: number) =>
    memberResistance(channel, {
      unbracedM: inches(unbracedIn),
      wholeM: 5,
      welded: false,
      ...(elementIn === undefined ? {} : { elementM: inches(elementIn) }),
    }).open!;
  test('C6x8.2 between bars 24 in apart: less than a third of a torque goes as plain shear', () => {
    // Design Guide 9: a = √(E·Cw ÷ G·J) = √(2.59 × 4.70 ÷ 0.0736) = 12.9 in; 1 − 1 ÷ cosh(24 ÷ 25.7) = 0.317.
    const plain = open(2000).shearPerNm;
    verify({
      area,
      check: 'C6x8.2, 24 in: share of a torque in plain shear',
      ours: open(24).shearPerNm / plain,
      outside: '0.317',
      unit: '-',
      source: 'AISC Design Guide 9, closed form; Cw 4.70 in⁶, J 0.0736 in⁴',
      tolerance: 0.1,
      note: 'thin-walled Cw and J',
    });
  });
  test('a torque that runs only to the next bar bends the flanges by its own short lever', () => {
    expect(open(24, 4).warpingPerNm).toBeCloseTo(open(24).warpingPerNm / 3, 6);
    expect(open(24, 24).warpingPerNm).toBeCloseTo(open(24).warpingPerNm, 12);
  });
});

describe('aluminum pressed along itself', () => {
  test('its widest wall counts: 6 x 2 x 3/16 has b/t 30 upright, 8.7 across', () => {
    const member = barOf('alu-6x2x3_16', '6061-t6');
    // Short enough not to buckle as a whole.
    const r = memberResistance(member, { unbracedM: 0.05, wholeM: 0.05, welded: false });
    verify({
      area,
      check: '6061-T6 6x2x3/16 in compression, by its wall',
      ours: fromPascals(r.compression.value / member.bar.design.areaM2, 'ksi'),
      outside: String(27.3 - 0.291 * 30),
      unit: 'ksi',
      source: 'Aluminum Design Manual table 2-19 (recalled)',
    });
  });
  test('a channel’s web counts as a wall between its flanges', () => {
    const [bar] = SECTION_ROWS.filter(({ family, shape }) => family === 'aluminum' && shape.kind === 'channel');
    const member = barOf(bar!.id, '6061-t6');
    const r = memberResistance(member, { unbracedM: 0.05, wholeM: 0.05, welded: false });
    expect(r.compression.value).toBeLessThanOrEqual((35 * KSI * member.bar.design.areaM2) / 1.65 + 1e-6);
    expect(r.compression.value).toBeGreaterThan(0);
  });
});
