import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../test/projects.js';
import { evaluate } from '../evaluation/index.js';
import { rampRad } from '../mass/index.js';
import { newPiece, type Piece, type Trailer } from '../project/index.js';
import { fromRadians, inches, pounds } from '../units/index.js';
import { ballWithGateKg, tippingXM } from './index.js';

const sample = sampleTrailer();
type Gate = Extract<Piece, { kind: 'gate' }>;
const gate = (change: Partial<Gate> = {}): Gate => ({
  ...(newPiece(sample, 'imperial', 'gate', 'piece.g') as Gate),
  ...change,
});
const withGate = (change: Partial<Gate> = {}): Trailer => ({
  ...sample,
  frame: { ...sample.frame, pieces: [gate(change)] },
});
const found = (trailer: Trailer, code: string) => evaluate(trailer).findings.find((finding) => finding.code === code);

describe('a person on a gate: held by chains against resting on the ground', () => {
  /** Ball to axle 100 in, axle to the bed's rear edge 40 in, gate 48 in and 60 lb, 100 lb on the ball. */
  const standing = {
    on: 'ball',
    aheadXM: 0,
    aheadN: 0,
    tongueN: pounds(100) * 9.80665,
    tongueShare: 0.1,
    groupCentreXM: inches(100),
    axles: [],
  } as const;
  const after = (held: Gate['held'], personLb: number): number =>
    (ballWithGateKg({ standing }, inches(140), { held, heightM: inches(48) }, pounds(60), pounds(personLb)) ??
      Number.NaN) / pounds(1);
  test('on chains: 200 lb at 88 in behind the axle take 176 lb, the gate that swings out 14.4 lb', () => {
    // 100 − 60 × 24/100 − 200 × 88/100 = −90.4
    expect(after('chains', 200)).toBeCloseTo(-90.4, 9);
    expect(after('chains', 0)).toBeCloseTo(100 - 14.4, 9);
  });
  test('on the ground: 200 lb at the hinge take 80 lb, and half of the gate is borne by the ground', () => {
    // 100 + 30 × 40/100 − 200 × 40/100 = 32
    expect(after('ground', 200)).toBeCloseTo(32, 9);
    expect(after('ground', 0)).toBeCloseTo(112, 9);
  });
  test('chains are never kinder than the ground', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 500, noNaN: true }), (personLb) => {
        expect(after('chains', personLb)).toBeLessThanOrEqual(after('ground', personLb));
      }),
    );
  });
  test('a trailer that it lifts says so, with what to do; hitched it is no fault', () => {
    const chains = found(withGate({ held: 'chains' }), 'gate-person');
    const ground = found(withGate({ held: 'ground' }), 'gate-person');
    const ball = (finding: typeof chains): number =>
      finding?.code === 'gate-person' ? finding.data.ballKg : Number.NaN;
    expect(ball(chains)).toBeLessThan(ball(ground));
    expect(chains?.verdict).toBe('tight');
    expect(ground?.verdict).toBe(ball(ground) < 0 ? 'tight' : 'ok');
  });
  test('a side gate asks nothing of the ball', () => {
    expect(found(withGate({ edge: 'left', atM: inches(40), widthM: inches(40) }), 'gate-person')).toBeUndefined();
  });
});

describe('a gate as a ramp', () => {
  test('24 in high and 48 in long it rises at 30°', () => {
    expect(fromRadians(rampRad(inches(24), inches(48)) ?? 0, 'deg')).toBeCloseTo(30, 9);
    expect(rampRad(inches(24), inches(20))).toBeUndefined();
  });
  test('one that does not reach the ground is to be mended; a long one lies within', () => {
    expect(found(withGate({ heightM: inches(15) }), 'gate-ramp')?.verdict).toBe('over');
    expect(found(withGate({ heightM: inches(90) }), 'gate-ramp')?.verdict).toBe('ok');
    expect(found(withGate({ heightM: inches(15), held: 'chains' }), 'gate-ramp')).toBeUndefined();
  });
  test('one bar under a person: load × length ÷ 4 ÷ modulus', () => {
    const trailer = withGate({ sectionId: 'hss-1x1x1_8', materialId: 'a500b', heightM: inches(40), fill: null });
    const finding = found(trailer, 'gate-bars');
    const bar = evaluate(trailer).chassis.members.find(({ id }) => id === 'bar.g.stile.1');
    if (!bar || finding?.code !== 'gate-bars') throw new Error('no bar');
    const modulusM3 = Math.min(bar.bar.design.szLeftM3, bar.bar.design.szRightM3);
    const stress = (100 * 9.80665 * inches(40)) / 4 / modulusM3;
    expect(finding.utilisation).toBeCloseTo(stress / (317.16e6 / 1.67), 3);
    expect(finding.data.loadKg).toBe(100);
  });
});

describe('a bed that tips', () => {
  const tilting = (pivotXM: number): Trailer => ({
    ...sample,
    frame: { ...sample.frame, tilt: { pivotXM, latchXM: inches(4), pinDiameterM: inches(1) } },
  });
  test('300 lb of bed that balance 12 in ahead of the pivot are tipped by 600 lb from 6 in behind it on', () => {
    expect(tippingXM(inches(60), 300, inches(48), 600)).toBeCloseTo(inches(66), 12);
  });
  test('at the place where it tips the moments about the pivot are in balance', () => {
    const kg = fc.double({ min: 1, max: 3000, noNaN: true });
    const x = fc.double({ min: -2, max: 6, noNaN: true });
    fc.assert(
      fc.property(kg, kg, x, x, (bedKg, machineKg, bedXM, pivotXM) => {
        const tipsXM = tippingXM(pivotXM, bedKg, bedXM, machineKg);
        expect(machineKg * (tipsXM - pivotXM) + bedKg * (bedXM - pivotXM)).toBeCloseTo(0, 6);
      }),
    );
  });
  test('a pivot under the balance point or ahead of it leaves the bed to its latch', () => {
    const behind = found(tilting(inches(20)), 'tilt-balance');
    const ahead = found(tilting(inches(90)), 'tilt-balance');
    expect(behind?.verdict).toBe('tight');
    expect(ahead?.verdict).toBe('ok');
    if (behind?.code !== 'tilt-balance') throw new Error('none');
    // Latch force × its arm is the weight × how far it lies behind the pivot.
    const { latchN = Number.NaN, massKg, aheadM } = behind.data;
    expect(latchN * inches(16)).toBeCloseTo(massKg * 9.80665 * -aheadM, 6);
  });
  test('a pivot behind the bed’s end brings no ramp down', () => {
    expect(found(tilting(sample.frame.bed.lengthM + 0.1), 'tilt-ramp')?.verdict).toBe('over');
    expect(found(tilting(inches(30)), 'tilt-ramp')?.verdict).not.toBe('over');
  });
  test('tongue, wheels and coupler do not tip; the rest does', () => {
    const trailer = tilting(inches(50));
    const finding = found(trailer, 'tilt-balance');
    const { cases } = evaluate(trailer);
    if (finding?.code !== 'tilt-balance') throw new Error('none');
    const own = cases.find(({ loadCase }) => loadCase.id === finding.caseId);
    const stays = (own?.parts ?? []).filter(
      ({ id, group }) => group === 'running-gear' || group === 'coupling' || id.startsWith('tongue'),
    );
    expect(finding.data.massKg).toBeCloseTo((own?.massKg ?? 0) - stays.reduce((sum, { massKg }) => sum + massKg, 0), 9);
  });
  test('a machine that rolls on says where it brings the bed down', () => {
    const [item] = sample.items;
    if (!item) throw new Error('no item');
    const trailer: Trailer = {
      ...tilting(inches(60)),
      items: [{ ...item, wheels: { baseM: 1.2, trackM: 1 }, massKg: { value: 500, basis: 'listed', tolerance: 1 } }],
    };
    const finding = found(trailer, 'tilt-tips');
    if (finding?.code !== 'tilt-tips') throw new Error('none');
    expect(finding.data.machineKg).toBe(500);
    expect(finding.data.onBed).toBe(finding.data.tipsXM < trailer.frame.bed.lengthM);
  });
});
