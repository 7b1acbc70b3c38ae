import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../../test/projects.js';
import { verify } from '../../../test/verify.js';
import { add, cross, length, subtract, type Vector3 } from '../../frame-analysis/index.js';
import type { Part } from '../../mass/index.js';
import { fromNewtons, inches, pounds, weightN } from '../../units/index.js';
import type { TrailerFrame } from '../frame-model/trailerFrame.js';
import { accelerationUnder, resultant, rigidBody } from './inertia.js';
import { type RunContext, runsOf } from './runs.js';

const part = (massKg: number, at: Vector3): Part =>
  ({
    massKg,
    centre: { xM: at[0], yM: at[1], zM: at[2] },
    x0M: at[0],
    x1M: at[0],
    y0M: at[1],
    y1M: at[1],
    heightM: 0,
    carriedBy: 'deck',
  }) as Part;

describe('rigid bodies', () => {
  test('two masses on a stick: centre, and m·l²/2 about it', () => {
    const { massKg, centre, inertia } = rigidBody([part(3, [0, 0, 0]), part(3, [2, 0, 0])]);
    expect(massKg).toBe(6);
    expect(centre).toEqual([1, 0, 0]);
    expect(inertia[1][1]).toBeCloseTo(6, 12);
    expect(inertia[2][2]).toBeCloseTo(6, 12);
    expect(inertia[0][0]).toBeCloseTo(0, 12);
  });
  const triple = fc.tuple(...[0, 1, 2].map(() => fc.integer({ min: -30, max: 30 }).map((v) => v / 10))) as fc.Arbitrary<
    [number, number, number]
  >;
  test('the inertia of all masses under the acceleration found balances the forces, force and moment', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 1, max: 100 }), triple), { minLength: 4, maxLength: 8 }),
        fc.array(fc.tuple(triple, triple), { minLength: 1, maxLength: 3 }),
        (masses, pushes) => {
          const parts = masses.map(([kg, at]) => part(kg, at));
          const body = rigidBody(parts);
          const [a, b, c] = body.inertia;
          fc.pre(Math.abs(a[0] * (b[1] * c[2] - b[2] * c[1])) > 1);
          const forces = pushes.map(([at, f]) => ({ at, forceN: f.map((v) => v * 1000) as unknown as Vector3 }));
          const { linear, angular } = accelerationUnder(body, resultant(forces, body.centre));
          const inertia = parts.map((own) => {
            const at: Vector3 = [own.centre.xM, own.centre.yM, own.centre.zM];
            const felt = add(linear, cross(angular, subtract(at, body.centre)));
            return { at, forceN: felt.map((v) => -v * own.massKg) as unknown as Vector3 };
          });
          const { forceN, momentNm } = resultant([...forces, ...inertia], body.centre);
          const size = 1 + forces.reduce((sum, force) => sum + length(force.forceN), 0);
          expect(length(forceN) / size).toBeLessThan(1e-9);
          expect(length(momentNm) / size).toBeLessThan(1e-6);
        },
      ),
    );
  });
});

/** A trailer of three numbers: ball, axle, one mass; enough for what its runs are made of. */
const simpleContext = (change: {
  weightLb: number;
  cgBehindBallIn: number;
  cgHighIn: number;
  ballHighIn: number;
  ballToAxleIn: number;
  trackIn: number;
  brakes: boolean;
}): RunContext => {
  const base = sampleTrailer();
  const trailer = {
    ...base,
    coupling: { ...base.coupling, brakes: change.brakes ? ('fitted' as const) : ('none' as const) },
    runningGear: {
      ...base.runningGear,
      suspension: { ...base.runningGear.suspension, trackM: inches(change.trackIn) },
    },
  };
  const places: Record<string, Vector3> = {
    ball: [0, 0, inches(change.ballHighIn)],
    left: [inches(change.ballToAxleIn), -inches(change.trackIn / 2), inches(13)],
    right: [inches(change.ballToAxleIn), inches(change.trackIn / 2), inches(13)],
    corner: [inches(40), 0, inches(20)],
  };
  const frame = {
    ball: 'ball',
    gear: {
      wheels: [
        { axle: 'axle.1', side: 'left', node: 'left' },
        { axle: 'axle.1', side: 'right', node: 'right' },
      ],
      springs: [],
    },
    corners: ['left', 'right', 'left', 'right'],
    rearMiddle: 'corner',
    stands: [],
    tieDowns: [],
    groundZM: 0,
    at: (node: string) => places[node] ?? [0, 0, 0],
  } as unknown as TrailerFrame;
  const massKg = pounds(change.weightLb);
  const parts = [part(massKg, [inches(change.cgBehindBallIn), 0, inches(change.cgHighIn)])];
  const tongueN = weightN(massKg) * (1 - change.cgBehindBallIn / change.ballToAxleIn);
  const loadN = weightN(massKg) - tongueN;
  const balanced = {
    loadCase: { id: 'c', mode: 'towed' },
    parts,
    massKg,
    standing: {
      on: 'ball',
      aheadN: tongueN,
      groupCentreXM: inches(change.ballToAxleIn),
      axles: [{ id: 'axle.1', loadN, leftN: loadN / 2, rightN: loadN / 2, sprungN: loadN }],
    },
  } as unknown as RunContext['balanced'];
  return { trailer, frame, balanced, body: rigidBody(parts), stepsOnRear: true };
};
const lbf = (newtons: number): number => fromNewtons(newtons, 'lbf');

describe('forces of the situations', () => {
  const braked = {
    weightLb: 3000,
    cgBehindBallIn: 117,
    cgHighIn: 36,
    ballHighIn: 18,
    ballToAxleIn: 130,
    trackIn: 72,
    brakes: true,
  };
  const source = 'statics, ΔT = (W·(a/g)·h − H·h_c) ÷ L, worked example';
  test('braking at 0.7 g: 2,100 lb at the hitch and 291 lb more on it; by its own brakes as far as its tires grip, 490 lb', () => {
    const runs = runsOf(simpleContext(braked)).filter(({ situation }) => situation === 'braking');
    const atBall = (variant: string): Vector3 =>
      runs.find((run) => run.variant === variant)!.forces.find(({ node }) => node === 'ball')!.forceN;
    verify({
      area: 'Situations',
      check: 'braking: force at the hitch',
      ours: lbf(atBall('hitch')[0]),
      outside: '2100',
      unit: 'lbf',
      source,
    });
    verify({
      area: 'Situations',
      check: 'braking: more on the tongue',
      ours: lbf(atBall('hitch')[2]),
      outside: '291',
      unit: 'lbf',
      source,
    });
    verify({
      area: 'Situations',
      check: 'braking with its own brakes: more on the tongue',
      ours: lbf(atBall('own-brakes')[2]),
      // Of 2,700 lb on the axle: F = 0.8·(2700 − F·36/130), F = 1,768 lb, 0.589 g; F·36/130 = 489.7 lb.
      outside: '489.7',
      unit: 'lbf',
      source,
    });
    // Without pitching: the whole acceleration is along.
    for (const { field, variant } of runs) {
      expect(field.angular.every((value) => Math.abs(value) < 1e-9)).toBe(true);
      expect(field.sprung[0] / 9.80665).toBeCloseTo(variant === 'hitch' ? 0.7 : 0.5894, 4);
    }
  });
  test('a trailer without brakes of its own has no such run', () => {
    const variants = runsOf(simpleContext({ ...braked, brakes: false }))
      .filter(({ situation }) => situation === 'braking')
      .map(({ variant }) => variant);
    expect(variants).toEqual(['hitch']);
  });
  test('cornering at 0.4 g, 3,000 lb on the axle, 36 in high, 72 in track: 600 lb from one wheel to the other', () => {
    const over = simpleContext({ ...braked, cgBehindBallIn: 130 });
    const [right] = runsOf(over).filter(({ situation }) => situation === 'cornering');
    const up = (node: string): number => right!.forces.find((force) => force.node === node)!.forceN[2];
    verify({
      area: 'Situations',
      check: 'cornering: wheel load moved',
      ours: lbf(up('left')),
      outside: '600',
      unit: 'lbf',
      source: 'statics, W·a·h ÷ t, worked example',
    });
    expect(up('right')).toBeCloseTo(-up('left'), 6);
    expect(right!.field.angular.every((value) => Math.abs(value) < 1e-9)).toBe(true);
  });
  test('a one-wheel bump lifts by what the factor adds to that side; twist adds up to nothing', () => {
    const runs = runsOf(simpleContext(braked));
    const [bump] = runs.filter(({ situation }) => situation === 'bump-one');
    // Rough road: 2.5 − 1 times half of the axle's 2,700 lb.
    expect(lbf(bump!.forces.reduce((sum, { forceN }) => sum + forceN[2], 0))).toBeCloseTo(1.5 * 1350, 6);
    for (const { forces } of runs.filter(({ situation }) => situation === 'twist'))
      expect(forces.reduce((sum, { forceN }) => sum + forceN[2], 0)).toBeCloseTo(0, 6);
  });
  test('parked trailers stand and are jacked up, nothing of the road', () => {
    const context = simpleContext(braked);
    const parked = {
      ...context,
      balanced: { ...context.balanced, loadCase: { ...context.balanced.loadCase, mode: 'parked' as const } },
    };
    expect(new Set(runsOf(parked).map(({ situation }) => situation))).toEqual(
      new Set(['standing', 'jack-rail', 'person-rear']),
    );
  });
});
