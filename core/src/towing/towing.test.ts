import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import examples from '../../test/examples/sway-examples.json' with { type: 'json' };
import { verify } from '../../test/verify.js';
import { DEMO_TRAILERS } from '../demos/index.js';
import { evaluate } from '../evaluation/index.js';
import { buildChassis } from '../chassis/index.js';
import { newProject, type Trailer, trailerOf, UNKNOWN_VEHICLE } from '../project/index.js';
import { inches } from '../units/index.js';
import { rigOf, vehicleAxles, yawInertiaKgM2 } from './rig.js';
import { afterFlick, eigenvalues, leastDamped, lostDamping, type Rig } from './sway.js';
import { swayOf } from './swayOf.js';
import {
  type FrontEdge,
  frontEdges,
  leastRoomM,
  offTrackingM,
  roomAt,
  tightestAt,
  tongueLacksM,
  touchAngleRad,
} from './turning.js';

const [apiary, , telescope] = DEMO_TRAILERS as [Trailer, Trailer, Trailer];
const [example] = examples.sets;
if (!example) throw new Error('no example');
const { parameters: p } = example;
const rig: Rig = {
  vehicleKg: p.m1,
  vehicleYawKgM2: p.I1,
  frontM: p.a,
  rearM: p.b,
  hitchM: p.e,
  frontStiffness: p.Cf,
  rearStiffness: p.Cr,
  trailerKg: p.m2,
  trailerYawKgM2: p.I2,
  balanceM: p.c,
  axles: [{ behindBallM: p.d, stiffnessNPerRad: p.Ct }],
};
const ordered = (modes: readonly { re: number; im: number }[]) =>
  [...modes].sort((a, b) => a.re - b.re || a.im - b.im).map(({ re, im }) => [re, im] as const);

describe('sway', () => {
  const area = 'Sway';
  const source = 'neutral example, two independent programs';
  test.each(example.speeds.map((speed) => [speed.kmh, speed] as const))('modes at %i km/h', (kmh, speed) => {
    const ours = ordered(eigenvalues(rig, kmh / 3.6));
    const theirs = ordered(speed.eigenvalues.map(([re, im]) => ({ re: re as number, im: im as number })));
    theirs.forEach(([re, im], i) => {
      expect(Math.abs((ours[i]?.[0] ?? 0) - re)).toBeLessThan(1e-6);
      expect(Math.abs((ours[i]?.[1] ?? 0) - im)).toBeLessThan(1e-6);
    });
    verify({
      area,
      check: `damping ratio at ${kmh} km/h`,
      ours: leastDamped(eigenvalues(rig, kmh / 3.6))?.dampingRatio ?? Number.NaN,
      outside: String(speed.leastDampedOscillation.dampingRatio),
      unit: '',
      source,
      tolerance: 1e-6,
    });
  });
  test('the speed at which damping is gone', () => {
    const lost = lostDamping(rig);
    verify({
      area,
      check: 'damping is gone',
      ours: (lost?.speedMPerS ?? 0) * 3.6,
      outside: String(example.zeroDampingSpeed.kmh),
      unit: 'km/h',
      source,
      tolerance: 1e-6,
    });
    expect(lost?.kind).toBe('oscillatory');
  });
  test('a trailer of next to nothing gives back the car’s own two modes (bicycle model)', () => {
    const light: Rig = {
      ...rig,
      trailerKg: 1e-6,
      trailerYawKgM2: 1e-6,
      axles: [{ behindBallM: p.d, stiffnessNPerRad: 1e-3 }],
    };
    const u = 25;
    // m·(v̇ + u·r) = F_f + F_r, I·ṙ = a·F_f − b·F_r: a 2 × 2 matrix, its eigenvalues by the quadratic formula.
    const a11 = -(p.Cf + p.Cr) / (p.m1 * u);
    const a12 = -(p.a * p.Cf - p.b * p.Cr) / (p.m1 * u) - u;
    const a21 = -(p.a * p.Cf - p.b * p.Cr) / (p.I1 * u);
    const a22 = -(p.a ** 2 * p.Cf + p.b ** 2 * p.Cr) / (p.I1 * u);
    const half = (a11 + a22) / 2;
    const disc = half * half - (a11 * a22 - a12 * a21);
    const im = Math.sqrt(-disc);
    const own = eigenvalues(light, u).find((mode) => Math.abs(mode.re - half) < 1e-4 && Math.abs(mode.im - im) < 1e-4);
    expect(disc).toBeLessThan(0);
    expect(own).toBeDefined();
  });
  test('the swing after a flick dies as the eigenvalue says, within 1 %', () => {
    const u = 100 / 3.6;
    const slow = leastDamped(eigenvalues(rig, u));
    const trail = afterFlick(rig, u, { steerRad: 0.02, lastsS: 1 }, 14);
    // Peaks one period apart, when the car's own modes have long died.
    const peaks = trail.filter(
      ({ angleRad, timeS }, i) =>
        timeS > 5 &&
        angleRad > (trail[i - 1]?.angleRad ?? Number.POSITIVE_INFINITY) &&
        angleRad >= (trail[i + 1]?.angleRad ?? Number.POSITIVE_INFINITY),
    );
    const [first, second] = peaks;
    if (!first || !second) throw new Error('no peaks');
    const rate = Math.log(second.angleRad / first.angleRad) / (second.timeS - first.timeS);
    expect(rate / (slow?.re ?? 1)).toBeCloseTo(1, 1);
    expect(Math.abs(rate / (slow?.re ?? 1) - 1)).toBeLessThan(0.01);
  });
  test('beyond the speed at which damping is gone a swing grows', () => {
    const lost = lostDamping(rig)?.speedMPerS ?? 0;
    const width = (speed: number): { early: number; late: number } => {
      const trail = afterFlick(rig, speed, { steerRad: 0.01, lastsS: 1 }, 16);
      const most = (from: number, to: number): number =>
        Math.max(...trail.filter(({ timeS }) => timeS > from && timeS < to).map(({ angleRad }) => Math.abs(angleRad)));
      return { early: most(4, 8), late: most(12, 16) };
    };
    const [below, above] = [width(lost * 0.9), width(lost * 1.1)];
    expect(below.late).toBeLessThan(below.early);
    expect(above.late).toBeGreaterThan(above.early);
  });
  test('an even nose-heavy rig behind an oversteering vehicle runs away without swinging, and is found', () => {
    const oversteering: Rig = { ...rig, rearStiffness: 42_000, frontStiffness: 110_000 };
    const lost = lostDamping(oversteering);
    expect(lost?.kind).toBe('divergent');
  });
});

describe('the demos’ rigs', () => {
  test('load moved back sways sooner', () => {
    const at = (byM: number): number => {
      const moved: Trailer = {
        ...apiary,
        runningGear: { ...apiary.runningGear, positionM: apiary.runningGear.positionM + byM },
      };
      const found = swayOf(moved, evaluate(moved).cases).cases.find(({ caseId }) => caseId === 'case.full-hives');
      return found?.damping[36] ?? Number.NaN;
    };
    // The axle forward is the load back: less damping at 110 km/h, and gone where the tongue lifts.
    expect(at(-0.25)).toBeLessThan(0.7 * at(0));
    expect(at(-0.5)).toBeLessThan(0.01);
  });
  test('softer tires lose it sooner than stiffer ones; without a wheelbase it says what is missing', () => {
    for (const trailer of [apiary, telescope]) {
      for (const { lost } of swayOf(trailer, evaluate(trailer).cases).cases) {
        const speed = (found: typeof lost.usual): number => found?.speedMPerS ?? Number.POSITIVE_INFINITY;
        expect(speed(lost.softer)).toBeLessThanOrEqual(speed(lost.stiffer));
      }
    }
    const unknown: Trailer = {
      ...apiary,
      towVehicle: apiary.towVehicle && { ...apiary.towVehicle, wheelbaseM: null },
    };
    expect(swayOf(unknown, evaluate(unknown).cases)).toMatchObject({ missing: 'wheelbase', cases: [] });
    expect(evaluate(unknown).findings.find(({ code }) => code === 'vehicle-missing')?.verdict).toBe('open');
  });
  test('yaw inertia: a rod of length L about its middle is m·L² ÷ 12, and Steiner’s part moves it', () => {
    const rod = { massKg: 12, centre: { xM: 3, yM: 0, zM: 0 }, x0M: 2, x1M: 4, y0M: 0, y1M: 0 };
    expect(yawInertiaKgM2([rod], { xM: 3, yM: 0 })).toBeCloseTo(4, 12);
    expect(yawInertiaKgM2([rod], { xM: 0, yM: 0 })).toBeCloseTo(4 + 12 * 9, 12);
  });
  test('what the rear axle gains and the front one loses is the tongue', () => {
    for (const balanced of evaluate(apiary).cases) {
      const axles = vehicleAxles(apiary, balanced);
      if (!axles || !balanced.standing) continue;
      expect(axles.rearAddsKg - axles.frontLosesKg).toBeCloseTo(balanced.standing.tongueN / 9.80665, 9);
      expect(typeof rigOf(apiary, balanced)).not.toBe('string');
    }
  });
});

describe('turning', () => {
  const bed: FrontEdge = {
    what: 'bed',
    id: 'trailer',
    behindBallM: 1.2,
    slope: 0,
    bottomZM: -0.1,
    topZM: 0,
    withBall: false,
    leftM: -0.75,
    rightM: 0.75,
  };
  test('straight: the tongue’s length and what the rear face stands ahead of the ball', () => {
    expect(roomAt(bed, 0, 0.2, 1)).toBeCloseTo(1.4, 12);
  });
  test('a corner turned by 60°: L·cos − b·sin', () => {
    verify({
      area: 'Turning',
      check: 'room at 60°, L 1.2 m, half width 0.75 m, wide vehicle',
      ours: roomAt(bed, Math.PI / 3, 0, 10),
      outside: (1.2 * 0.5 - 0.75 * 0.8660254037844386).toFixed(9),
      unit: 'm',
      source: 'plane geometry, worked by hand',
      tolerance: 1e-8,
    });
  });
  test('beside a narrow vehicle a turned bed touches nothing', () => {
    expect(roomAt(bed, Math.PI / 2, 0, 0.3)).toBe(Number.POSITIVE_INFINITY);
    expect(touchAngleRad([{ ...bed, behindBallM: 4 }], 0.2, 0.9)).toBeUndefined();
  });
  test('left and right alike for an even bed, and the touching angle leaves no room', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 2.5, noNaN: true }),
        fc.double({ min: 0.3, max: 1.2, noNaN: true }),
        (length, half) => {
          const edge: FrontEdge = { ...bed, behindBallM: length, leftM: -half, rightM: half };
          const touch = touchAngleRad([edge], 0.15, 0.95);
          if (touch === undefined || touch === 0) return true;
          const both = [touch, -touch].map((gamma) => roomAt(edge, gamma, 0.15, 0.95));
          return Math.abs((both[0] as number) - (both[1] as number)) < 1e-9 && Math.abs(both[0] as number) < 1e-6;
        },
      ),
    );
  });
  test('legs at 50°, 3 in behind the ball, reach a bumper 9 in ahead at 80.5°; the jack and what stands on the tongue count, too', () => {
    const own = newProject({ id: 'p', name: 'p', units: 'imperial', newId: () => '1' });
    const trailer: Trailer = { ...trailerOf(own), towVehicle: { ...UNKNOWN_VEHICLE, tailgateReachM: inches(21) } };
    const edges = frontEdges(trailer, buildChassis(trailer));
    expect(edges.map(({ what }) => what)).toEqual(['bed', 'leg', 'leg', 'jack']);
    const legs = edges.filter(({ what }) => what === 'leg');
    const touch = ((touchAngleRad(legs, inches(9), inches(38)) ?? Number.NaN) * 180) / Math.PI;
    // A leg's outer line stands 3·sin 25° = 1.27 in off the ball. It meets the corner (9 ahead, 38 out; 39.05 in at 166.7° from straight back) when
    // turned by 90° + atan(9 ÷ 38) − 25° + asin(1.27 ÷ 39.05) = 80.2°.
    verify({
      area: 'Turning',
      check: 'an A-frame leg at 25° meets a bumper corner 9 in ahead and 38 in out',
      ours: touch,
      outside: '80.2',
      unit: '°',
      source: 'plane geometry, worked by hand',
      tolerance: 0.5 / 80,
    });
    expect(evaluate(trailer).findings.find(({ code }) => code === 'turns-clear')).toMatchObject({
      data: { touchRad: expect.closeTo((touch * Math.PI) / 180, 6) },
    });
    // The jack stands 12 in behind the ball, its head 4 in nearer: an open tailgate 21 in long reaches it over 9 in.
    expect(evaluate(trailer).findings.find(({ code }) => code === 'tailgate-hits')).toMatchObject({
      verdict: 'over',
      data: { with: 'jack' },
    });
  });
  test('any slanted edge: the least room is that of a fine look at every angle', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 2, noNaN: true }),
        fc.double({ min: -1.2, max: 1.1, noNaN: true }),
        fc.double({ min: 0.05, max: 1.2, noNaN: true }),
        fc.double({ min: -3, max: 3, noNaN: true }),
        fc.double({ min: 0.3, max: 1.57, noNaN: true }),
        (behindBallM, leftM, widthM, slope, wanted) => {
          const edge: FrontEdge = { ...bed, what: 'leg', behindBallM, leftM, rightM: leftM + widthM, slope };
          const exact = leastRoomM([edge], wanted, 0.2, 0.9);
          const looked = Math.min(
            ...Array.from({ length: 4001 }, (_, i) => roomAt(edge, -wanted + (2 * wanted * i) / 4000, 0.2, 0.9)),
          );
          // Never more room than was seen anywhere, and no less than the look could have missed between its angles.
          return exact <= looked + 1e-9 && (exact > looked - 0.01 || exact === looked);
        },
      ),
    );
  });
  test('what hangs higher than the vehicle’s rear face passes over it, in a turn and over a crest', () => {
    const high: Trailer = {
      ...apiary,
      items: apiary.items.map((item, i) =>
        i === 0
          ? {
              ...item,
              kind: 'fixed' as const,
              sizeM: { ...item.sizeM, lengthM: 4, heightM: 0.3 },
              attach: {
                ...item.attach,
                on: 'deck' as const,
                aboveM: 1.2,
                offsetM: { ...item.attach.offsetM, value: 0.5 },
              },
            }
          : item,
      ),
    };
    const touch = (rearTopM: number | null): unknown => {
      const vehicle = high.towVehicle && { ...high.towVehicle, rearTopM };
      const found = evaluate({ ...high, towVehicle: vehicle }).findings;
      return ['turns-clear', 'ramp-clear'].map((code) => found.find((one) => one.code === code)?.verdict);
    };
    expect(touch(null)).toEqual(['over', 'over']);
    expect(touch(1.2)).not.toContain('over');
  });
  test('the tongue that it asks for is the shortest that clears by the margin', () => {
    const wanted = (70 * Math.PI) / 180;
    const lacks = tongueLacksM([bed], wanted, 0.15, 0.95, 0.05) ?? Number.NaN;
    const least = (byM: number): number => {
      const moved = { ...bed, behindBallM: bed.behindBallM + byM };
      return Math.min(
        ...Array.from({ length: 361 }, (_, i) => tightestAt([moved], (wanted * i) / 360, 0.15, 0.95)?.roomM ?? 9),
      );
    };
    expect(least(lacks)).toBeCloseTo(0.05, 6);
    expect(least(lacks - 0.01)).toBeLessThan(0.05);
  });
  test('a bed 72 in wide, 48 in behind the ball, touches a wide face 10 in ahead of it at 62.7°, and clears one 76 in wide', () => {
    const wide: FrontEdge = { ...bed, behindBallM: inches(48), leftM: -inches(36), rightM: inches(36) };
    verify({
      area: 'Turning',
      check: 'corner 48 in back and 36 in out meets a face 10 in ahead',
      ours: ((touchAngleRad([wide], inches(10), inches(200)) ?? Number.NaN) * 180) / Math.PI,
      outside: '62.7',
      unit: '°',
      source: 'atan(L ÷ w) + asin(d ÷ R), R = 60 in, by hand',
      tolerance: 1e-3,
    });
    expect(touchAngleRad([wide], inches(10), inches(38))).toBeUndefined();
    verify({
      area: 'Turning',
      check: 'R 240 in, 120 in from ball to axle: cut-in',
      ours: (offTrackingM(inches(240), inches(120)) ?? Number.NaN) / 0.0254,
      outside: '32.2',
      unit: 'in',
      source: 'plane geometry, by hand',
      tolerance: 2e-3,
    });
  });
  test('off-tracking: R − √(R² − L²)', () => {
    verify({
      area: 'Turning',
      check: 'R 7.5 m, 4 m from ball to axle',
      ours: offTrackingM(7.5, 4) ?? Number.NaN,
      outside: '1.156',
      unit: 'm',
      source: 'plane geometry, worked by hand',
      tolerance: 5e-4,
    });
    expect(offTrackingM(3, 4)).toBeUndefined();
  });
});

describe('findings', () => {
  const find = (trailer: Trailer, code: string) => evaluate(trailer).findings.find((finding) => finding.code === code);
  const vehicle = (change: Partial<NonNullable<Trailer['towVehicle']>>): Trailer => ({
    ...apiary,
    towVehicle: apiary.towVehicle && { ...apiary.towVehicle, ...change },
  });
  test('a tailgate that reaches too far strikes what stands nearest', () => {
    expect(find(vehicle({ tailgateReachM: 0.1 }), 'tailgate-hits')?.verdict).toBe('ok');
    expect(find(vehicle({ tailgateReachM: 1.2 }), 'tailgate-hits')?.verdict).toBe('over');
  });
  test('a ball too high sits nose-up and names the mount that levels it', () => {
    const found = find(vehicle({ hitchHeightM: 0.7 }), 'tows-level');
    expect(found?.verdict).toBe('tight');
    const { noseUpRad, lowerM } = (found as unknown as { data: { noseUpRad: number; lowerM: number } }).data;
    expect(noseUpRad).toBeGreaterThan(0);
    expect(lowerM).toBeGreaterThan(0.1);
  });
  test('D of UN R55 goes by the vehicle’s permissible greatest mass: 2.2 t and 1.5 t ask for 8.75 kN, whatever it weighs', () => {
    const heavy: Trailer = {
      ...telescope,
      ratedGrossKg: 1500,
      coupling: { ...telescope.coupling, dValueN: null },
      towVehicle: telescope.towVehicle && { ...telescope.towVehicle, massKg: 1450, maxMassKg: 2200 },
    };
    verify({
      area: 'Coupling',
      check: 'D-value, 2.2 t and 1.5 t',
      ours: ((find(heavy, 'd-value') as unknown as { data: { neededN: number } }).data.neededN ?? 0) / 1000,
      outside: '8.75',
      unit: 'kN',
      source: 'UN R55, worked by hand',
    });
    expect(find(heavy, 'd-value')?.verdict).toBe('open');
    // 7 kN on its plate is less than that.
    expect(find({ ...heavy, coupling: telescope.coupling }, 'd-value')?.verdict).toBe('over');
    expect(find(telescope, 'd-value')?.verdict).toBe('ok');
    expect(
      find({ ...heavy, towVehicle: heavy.towVehicle && { ...heavy.towVehicle, maxMassKg: null } }, 'd-value')?.verdict,
    ).toBe('open');
  });
  test('rolling over is a figure, never a verdict of within', () => {
    expect(find(apiary, 'rolls-over')?.verdict).toBe('unchecked');
  });
});
