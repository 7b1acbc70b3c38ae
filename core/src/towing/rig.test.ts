import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyProject, sampleTrailer } from '../../test/projects.js';
import { verify } from '../../test/verify.js';
import { DEMO_TRAILERS } from '../demos/index.js';
import { evaluate, shareOverAxle, tongueLengthRows } from '../evaluation/index.js';
import { FIXED_JOINT, PLAIN_TONGUE, type Trailer, UNKNOWN_VEHICLE } from '../project/index.js';
import { inches, pounds, STANDARD_GRAVITY, toRadians } from '../units/index.js';
import {
  AS_IT_IS,
  changedBy,
  gradePullN,
  heaviestTowed,
  jackknifeTravelM,
  mountFor,
  rampLook,
  type RampRig,
  roadZM,
  rollingPullN,
  type SidePoint,
  stoppingFactor,
  sweptLane,
  swayWhatIf,
  tailgateLacksM,
  tippedPoint,
  tippingSpeedMPerS,
  trailerPitchRad,
} from './index.js';

const [apiary, oven, telescope] = DEMO_TRAILERS as [Trailer, Trailer, Trailer];
const deg = (rad: number): number => (rad * 180) / Math.PI;
const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });

const rig: RampRig = {
  ballBehindAxleM: 1.2,
  ballHeightM: 0.45,
  drawbarM: 3,
  wheelRadiusM: 0.33,
  bumperAheadOfBallM: 0.2,
  rearTopM: Number.POSITIVE_INFINITY,
  ballZM: -0.1,
  levelBallM: 0.45,
};
const anyRig = fc.record({
  ballBehindAxleM: number(0.2, 1.8),
  ballHeightM: number(0.35, 0.7),
  drawbarM: number(1, 6),
  wheelRadiusM: number(0.15, 0.4),
  bumperAheadOfBallM: number(0, 0.5),
  rearTopM: fc.constant(Number.POSITIVE_INFINITY),
  ballZM: number(-0.3, 0),
  levelBallM: number(0.35, 0.7),
});

describe('over a break of the road', () => {
  test('on level road nothing tips, wherever the break would be', () => {
    fc.assert(
      fc.property(number(0, 8), (breakM) => {
        expect(trailerPitchRad(rig, 0, breakM)).toBeCloseTo(0, 12);
      }),
    );
  });
  test('with the break just behind the vehicle’s axle the trailer tips by more than the break: plane trigonometry', () => {
    // Far ramp from x = 0, rising 10°: wheel middle on its offset line, 3.0 m (and 0.12 m down) from the ball at (1.2, 0.45).
    const beta = toRadians(10, 'deg');
    const pitch = trailerPitchRad(rig, beta, 0);
    // u = x − 1.2 behind the ball: z − 0.45 = 0.17633·u + 0.09668, and 1.03109·u² + 0.03410·u − 9.00505 = 0, so u = 2.93876 and
    // z − 0.45 = 0.61487: −atan(0.61487 ÷ 2.93876) − atan(0.12 ÷ 3) = −11.817° − 2.291°.
    verify({
      area: 'Crest and dip',
      check: 'tip of a trailer 3 m from ball to axle, dip of 10° under the vehicle’s axle',
      ours: deg(pitch),
      outside: '-14.108',
      unit: '°',
      source: 'plane trigonometry, circle about the ball with the ramp’s offset line, by hand',
      tolerance: 1e-4,
    });
  });
  test('the wheel stays as far from the ball as on the level, and touches the road', () => {
    fc.assert(
      fc.property(anyRig, number(-0.25, 0.25), number(0, 8), (any, beta, breakM) => {
        const pitch = trailerPitchRad(any, beta, breakM);
        const wheel = tippedPoint(any, pitch, {
          behindM: any.drawbarM,
          aboveM: any.wheelRadiusM - any.levelBallM,
        });
        expect(Math.hypot(wheel.xM - any.ballBehindAxleM, wheel.zM - any.ballHeightM)).toBeCloseTo(
          Math.hypot(any.drawbarM, any.levelBallM - any.wheelRadiusM),
          9,
        );
        // Nearest distance from the wheel's middle to the broken road is its radius.
        let nearest = Number.POSITIVE_INFINITY;
        for (let i = -4000; i <= 4000; i += 1) {
          const x = wheel.xM + i * 2e-4;
          nearest = Math.min(nearest, Math.hypot(x - wheel.xM, roadZM(x, beta, breakM) - wheel.zM));
        }
        expect(nearest).toBeCloseTo(any.wheelRadiusM, 3);
      }),
      { numRuns: 60 },
    );
  });
  test('a crest tips the nose up, a dip down', () => {
    const beta = toRadians(8, 'deg');
    expect(trailerPitchRad(rig, -beta, 2)).toBeGreaterThan(0);
    expect(trailerPitchRad(rig, beta, 2)).toBeLessThan(0);
  });
  const points: readonly SidePoint[] = [
    { what: 'bed', id: 'underside', behindM: 1.2, aboveM: 0.05 },
    { what: 'bed', id: 'trailer', behindM: 1.2, aboveM: 0.9 },
    { what: 'tongue', id: 'tip', behindM: 0.1, aboveM: -0.05 },
    { what: 'tongue', id: 'root', behindM: 1.2, aboveM: -0.05 },
    { what: 'tail', id: 'trailer', behindM: 4.2, aboveM: 0.05 },
  ];
  test('on the level the room to the vehicle is what the tape says', () => {
    const look = rampLook(rig, points, 0);
    expect(look?.nearest.roomM).toBeCloseTo(1.4, 12);
    expect(look?.lowest.clearM).toBeCloseTo(0.4, 12);
  });
  test('a steeper dip brings the front of the bed nearer, a steeper crest the tongue', () => {
    const room = (degrees: number): number => rampLook(rig, points, toRadians(degrees, 'deg'))?.nearest.roomM ?? 0;
    expect(room(4)).toBeGreaterThan(room(8));
    expect(room(8)).toBeGreaterThan(room(14));
    const clear = (degrees: number): number => rampLook(rig, points, toRadians(-degrees, 'deg'))?.lowest.clearM ?? 0;
    expect(clear(4)).toBeGreaterThan(clear(8));
    expect(clear(8)).toBeGreaterThan(clear(14));
  });
});

describe('what moves and what it asks for', () => {
  test('stopping, slopes and curves by their closed forms', () => {
    expect(stoppingFactor(2000, 1000)).toBeCloseTo(1.5, 12);
    // 10 % of 1,000 kg: 9806.65 × 0.1 ÷ √1.01 = 975.8 N.
    expect(gradePullN(1000, 0.1)).toBeCloseTo(975.8, 1);
    expect(rollingPullN(100, 0.03)).toBeCloseTo(29.42, 2);
    // 1 g in a circle of 40 m: √(9.80665 × 40) = 19.81 m/s.
    expect(tippingSpeedMPerS(1, 40)).toBeCloseTo(19.806, 3);
    expect(tippingSpeedMPerS(-1, 40)).toBe(0);
    verify({
      area: 'Towing',
      check: 'static stability factor, track 1.88 m, balance point 0.9 m',
      ours: 1.88 / (2 * 0.9),
      outside: '1.044',
      unit: '',
      source: 'NHTSA static stability factor, t ÷ 2h',
      tolerance: 1e-3,
    });
  });
  test('backing: dγ/ds = sin γ ÷ L integrated step by step gives the closed form', () => {
    fc.assert(
      fc.property(number(1, 6), number(0.05, 0.2), number(0.25, 0.8), (lengthM, from, to) => {
        let [gamma, travel] = [from, 0];
        const step = 1e-4;
        while (gamma < to) {
          gamma += (Math.sin(gamma + (Math.sin(gamma) / lengthM) * (step / 2)) / lengthM) * step;
          travel += step;
        }
        expect(jackknifeTravelM(lengthM, from, to)).toBeCloseTo(travel, 2);
      }),
      { numRuns: 20 },
    );
  });
  test('the lane that a rig sweeps: circles worked out by hand', () => {
    const heaviest = heaviestTowed(evaluate(apiary).cases);
    const lane = heaviest && sweptLane(apiary, evaluate(apiary).chassis, heaviest);
    if (!heaviest || !lane || !apiary.towVehicle) throw new Error('no lane');
    const vehicle = apiary.towVehicle;
    const r = apiary.job.cornerM;
    const rearM = Math.sqrt(r ** 2 - (vehicle.ballBehindAxleM ?? 0) ** 2);
    const outer = Math.hypot(rearM + vehicle.widthM / 2, (vehicle.wheelbaseM ?? 0) + 0.85);
    expect(lane.outerM).toBeCloseTo(outer, 9);
    expect(lane.widthM).toBeGreaterThan(vehicle.widthM);
    const tight: Trailer = { ...apiary, job: { ...apiary.job, laneM: 2.5 } };
    expect(evaluate(tight).findings.find(({ code }) => code === 'lane-swept')?.verdict).toBe('over');
    const wide: Trailer = { ...apiary, job: { ...apiary.job, laneM: 9 } };
    expect(evaluate(wide).findings.find(({ code }) => code === 'lane-swept')?.verdict).toBe('ok');
  });
});

describe('level', () => {
  const level = (trailer: Trailer) => evaluate(trailer).levels;
  test('a hitch that sinks an inch under 100 lb sits lower by the tongue’s share of it', () => {
    const rigid = level(apiary);
    const sinking = level({
      ...apiary,
      towVehicle: apiary.towVehicle && { ...apiary.towVehicle, hitchSinksMPerKg: inches(1) / pounds(100) },
    });
    const evaluation = evaluate(apiary);
    rigid.forEach((own, i) => {
      const tongueN = evaluation.cases.find(({ loadCase }) => loadCase.id === own.caseId)?.standing?.tongueN ?? 0;
      expect(own.hitchM - (sinking[i]?.hitchM ?? 0)).toBeCloseTo(
        (tongueN / STANDARD_GRAVITY / pounds(100)) * inches(1),
        9,
      );
    });
  });
  test('on axles without an equaliser a sinking hitch takes load off the front axle: the loads are those of the hitch where it comes to rest', () => {
    const tandem = (hitchHeightM: number, hitchSinksMPerKg: number | null): Trailer => ({
      ...oven,
      runningGear: { ...oven.runningGear, layout: 'tandem-independent' },
      towVehicle: oven.towVehicle && { ...oven.towVehicle, hitchHeightM, hitchSinksMPerKg },
    });
    const sinks = inches(1) / pounds(200);
    const standing = (trailer: Trailer) => {
      const found = evaluate(trailer).cases.find(({ loadCase }) => loadCase.id === oven.axleCaseId)?.standing;
      if (!found) throw new Error('does not stand');
      return found;
    };
    const sunk = standing(tandem(inches(20), sinks));
    // A rigid hitch set as low as the sinking one comes to rest bears the same.
    const restM = inches(20) - sinks * (sunk.tongueN / STANDARD_GRAVITY);
    const rigid = standing(tandem(restM, null));
    expect(sunk.tongueN / rigid.tongueN).toBeCloseTo(1, 5);
    sunk.axles.forEach(({ loadN }, i) => expect(loadN / (rigid.axles[i]?.loadN ?? 0)).toBeCloseTo(1, 5));
    expect(sunk.axles[0]?.loadN).not.toBeCloseTo(standing(tandem(inches(20), null)).axles[0]?.loadN ?? 0, 0);
  });
  test('the nearest mount that is sold is never further off than half the widest step between two', () => {
    const mount = (offIn: number, fittedIn: number | null) =>
      mountFor(
        {
          ...apiary,
          coupling: {
            ...apiary.coupling,
            ballMount: { ...apiary.coupling.ballMount, dropM: fittedIn === null ? null : inches(fittedIn) },
          },
        },
        inches(offIn),
      );
    expect(mount(2, 2).dropM).toBeCloseTo(inches(4), 12);
    expect(mount(2, 2).leftM).toBeCloseTo(0, 12);
    expect(mount(-4, 2).dropM).toBeCloseTo(-inches(2), 12);
    expect(mount(3, null)).toMatchObject({ dropM: undefined });
    fc.assert(fc.property(number(-6, 6), (off) => Math.abs(mount(off, 0).leftM) <= inches(1) + 1e-12));
  });
  test('a slope of the tongue levels a trailer that its hitch holds too low', () => {
    const low: Trailer = {
      ...telescope,
      towVehicle: telescope.towVehicle && { ...telescope.towVehicle, hitchHeightM: 0.25 },
      frame: {
        ...telescope.frame,
        tongue: {
          ...PLAIN_TONGUE,
          kind: 'straight',
          lengthM: 1.3,
          underM: 0,
          tipBehindBallM: 0.1,
          joint: FIXED_JOINT,
        },
      },
    };
    const off = (byM: number): number => {
      const trailer: Trailer = {
        ...low,
        frame: { ...low.frame, tongue: { ...low.frame.tongue, rise: { kind: 'sloped', byM } } },
      };
      return level(trailer)[0]?.offM ?? Number.NaN;
    };
    expect(off(-0.1) - off(0)).toBeCloseTo(0.1, 2);
  });
  test('a hitch above the trailer’s own deck is told with both heights', () => {
    const high: Trailer = {
      ...apiary,
      towVehicle: apiary.towVehicle && { ...apiary.towVehicle, hitchHeightM: inches(40) },
    };
    const found = evaluate(high).findings.find(({ code }) => code === 'hitch-above-deck');
    expect(found?.verdict).toBe('over');
    expect(evaluate(apiary).findings.some(({ code }) => code === 'hitch-above-deck')).toBe(false);
    // A low deck behind a tongue that steps up to such a hitch rides level: nothing is wrong.
    const stepped: Trailer = {
      ...high,
      frame: { ...high.frame, tongue: { ...high.frame.tongue, rise: { kind: 'stepped', byM: inches(20) } } },
    };
    const own = level(stepped)[0]?.offM ?? Number.NaN;
    const level40: Trailer = {
      ...stepped,
      towVehicle: stepped.towVehicle && { ...stepped.towVehicle, hitchHeightM: inches(40) - own },
    };
    expect(level(level40)[0]?.offM).toBeCloseTo(0, 9);
    expect(evaluate(level40).findings.some(({ code }) => code === 'hitch-above-deck')).toBe(false);
  });
});

describe('what if', () => {
  test('as it is, it is as it is', () => {
    const evaluation = evaluate(apiary);
    const same = swayWhatIf(apiary, 'case.full-hives', AS_IT_IS);
    const own = evaluation.cases.find(({ loadCase }) => loadCase.id === 'case.full-hives');
    expect(same?.tongueShare).toBeCloseTo(own?.standing?.tongueShare ?? 0, 12);
  });
  test('load forward and a lighter tail press the ball down; the trailer itself is not changed', () => {
    const before = JSON.stringify(apiary);
    const share = (change: Partial<typeof AS_IT_IS>): number =>
      swayWhatIf(apiary, 'case.full-hives', { ...AS_IT_IS, ...change })?.tongueShare ?? Number.NaN;
    expect(share({ loadForwardM: 0.2 })).toBeGreaterThan(share({}));
    expect(share({ tailLighter: 0.5 })).toBeGreaterThan(share({}));
    expect(share({ loadForwardM: -0.3 })).toBeLessThan(share({}));
    expect(JSON.stringify(apiary)).toBe(before);
    expect(changedBy(apiary, { ...AS_IT_IS, longerM: 0.3 }).frame.tongue.lengthM).toBeCloseTo(
      apiary.frame.tongue.lengthM + 0.3,
      12,
    );
  });
  test('load moved back loses damping sooner than load moved forward', () => {
    const damping = (loadForwardM: number): number =>
      swayWhatIf(apiary, 'case.full-hives', { ...AS_IT_IS, loadForwardM })?.damping[36] ?? Number.NaN;
    expect(damping(-0.5)).toBeLessThan(damping(0.3));
  });
  test('the band of doubt holds the usual curve between its edges at most speeds', () => {
    const own = swayWhatIf(apiary, 'case.full-hives', AS_IT_IS);
    if (!own) throw new Error('no sway');
    const inside = own.damping.filter((usual, i) => {
      const [a, b] = [own.dampingSofter[i], own.dampingStiffer[i]];
      return usual === undefined || a === undefined || b === undefined
        ? true
        : usual >= Math.min(a, b) - 1e-9 && usual <= Math.max(a, b) + 1e-9;
    });
    expect(inside.length / own.damping.length).toBeGreaterThan(0.9);
  });
});

describe('what more length does', () => {
  test('each row is the whole trailer again: the share falls, backing gets slower, the own length stands among them', () => {
    const rows = tongueLengthRows(apiary);
    expect(rows.map(({ lengthM }) => lengthM)).toContain(apiary.frame.tongue.lengthM);
    const shares = rows.map(({ tongueShare }) => tongueShare ?? 0);
    const backs = rows.map(({ backsM }) => backsM ?? 0);
    for (let i = 1; i < rows.length; i += 1) {
      expect(shares[i]).toBeLessThan(shares[i - 1] as number);
      expect(backs[i]).toBeGreaterThan(backs[i - 1] as number);
    }
    const own = evaluate(apiary);
    const row = rows.find(({ lengthM }) => lengthM === apiary.frame.tongue.lengthM);
    expect(row?.tongueShare).toBeCloseTo(heaviestTowed(own.cases)?.standing.tongueShare ?? 0, 12);
    expect(row?.metalKg).toBe(0);
  });
  test('a straight tube gets heavier by its own weight a metre', () => {
    const rows = tongueLengthRows(telescope);
    const step = rows[1] && rows[0] ? rows[1].lengthM - rows[0].lengthM : Number.NaN;
    const bar = evaluate(telescope).chassis.tongue?.members[0];
    const perM = (bar?.bar.nominalAreaM2 ?? 0) * (bar?.material.densityKgM3 ?? 0);
    expect((rows[1]?.metalKg ?? 0) - (rows[0]?.metalKg ?? 0)).toBeCloseTo(perM * step, 9);
  });
  test('share against the axle’s place: further back is heavier on the ball, and where it stands now it agrees', () => {
    const lines = shareOverAxle(oven);
    for (const { points } of lines)
      for (let i = 1; i < points.length; i += 1)
        expect(points[i]?.share).toBeGreaterThan(points[i - 1]?.share as number);
    expect(lines.map(({ caseId }) => caseId)).toEqual(
      oven.cases.filter(({ mode }) => mode === 'towed').map(({ id }) => id),
    );
  });
});

describe('who pulls', () => {
  test('by hand: forces of rolling, no question of wheelbase, ball or turning', () => {
    const byHand: Trailer = {
      ...telescope,
      towVehicle: { ...UNKNOWN_VEHICLE, name: 'Two people', kind: 'muscle', hitchHeightM: 0.7, towLimitKg: 700 },
    };
    const codes = evaluate(byHand).findings.map(({ code }) => code);
    expect(codes).toContain('hand-pull');
    for (const code of ['vehicle-missing', 'turns-clear', 'ball-fits', 'brakes', 'd-value', 'rolls-over'])
      expect(codes).not.toContain(code);
  });
  test('no vehicle at all is missing, in words, and breaks nothing', () => {
    const alone: Trailer = { ...apiary, towVehicle: null };
    const { findings, steps } = evaluate(alone);
    expect(findings.find(({ code }) => code === 'vehicle-missing')?.verdict).toBe('open');
    expect(steps.towing.verdict).toBe('open');
  });
  test('a tailgate that is measured high passes over; what stands at the ball no length can clear', () => {
    const gate = (change: Partial<NonNullable<Trailer['towVehicle']>>): Trailer => ({
      ...apiary,
      towVehicle: apiary.towVehicle && { ...apiary.towVehicle, tailgateReachM: inches(30), ...change },
    });
    const verdict = (trailer: Trailer) =>
      evaluate(trailer).findings.find(({ code }) => code === 'tailgate-hits')?.verdict;
    expect(verdict(gate({}))).toBe('over');
    expect(verdict(gate({ tailgateHeightM: inches(80) }))).toBe('ok');
    expect(verdict(gate({ tailgateHeightM: inches(20) }))).toBe('over');
    const edge = {
      what: 'item' as const,
      id: 'box',
      behindBallM: 0.3,
      leftM: -0.3,
      rightM: 0.3,
      slope: 0,
      bottomZM: 0,
      topZM: 0.5,
      withBall: true,
    };
    expect(tailgateLacksM([edge], 0.2, 0.9, 0.8)).toBeUndefined();
    expect(tailgateLacksM([{ ...edge, withBall: false }], 0.2, 0.9, 0.8)).toBeCloseTo(0.3, 5);
  });
  test('any trailer whatever: no NaN in what is said of towing', () => {
    fc.assert(
      fc.property(
        anyProject,
        number(0.05, 1.5),
        fc.constantFrom('vehicle' as const, 'small-machine' as const, 'muscle' as const),
        (trailer, overhang, kind) => {
          const towed: Trailer = {
            ...trailer,
            towVehicle: {
              ...UNKNOWN_VEHICLE,
              kind,
              massKg: 1500,
              wheelbaseM: 2.6,
              ballBehindAxleM: overhang,
              hitchHeightM: 0.45,
              tailgateReachM: 0.5,
            },
          };
          for (const finding of evaluate(towed).findings) {
            if (finding.step !== 'towing' && finding.step !== 'tongue') continue;
            for (const value of Object.values(finding.data)) {
              if (typeof value === 'number') expect(Number.isNaN(value)).toBe(false);
            }
          }
        },
      ),
      { numRuns: 60 },
    );
  });
  test('a new trailer says what is missing, and nothing of it is a silent zero', () => {
    const open = evaluate(sampleTrailer())
      .findings.filter(({ verdict, step }) => verdict === 'open' && step === 'tongue')
      .map(({ code }) => code);
    expect(open).toEqual(
      expect.arrayContaining(['weakest-link', 'ball-fits', 'chains', 'plug', 'jack-rating', 'tows-level']),
    );
  });
});
