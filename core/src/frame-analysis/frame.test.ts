import * as fc from 'fast-check';
import { Matrix, solve as denseSolve } from 'ml-matrix';
import { describe, expect, test } from 'vitest';
import { verify } from '../../test/verify.js';
import { beamStiffness } from './beamElement.js';
import {
  type FrameMember,
  type FrameModel,
  type FrameProblem,
  type FrameSupport,
  INNER_FORCES,
  innerExtremes,
  innerAt,
  innerForces,
  largestBow,
  deflectionAt,
  deflections,
  endMovements,
  type LoadPattern,
  memberPieces,
  type MemberLoad,
  type NodalLoad,
  type PreparedFrame,
  equilibriumResidual,
  findPeaks,
  holdFrame,
  innerInPiece,
  innerRoom,
  layPieces,
  memberInner,
  nodeLoadSolver,
  noInner,
  noPlaces,
  peaksOf,
  pieceLoads,
  pieceRoom,
  prepareMembers,
  readyLoads,
  solveLoads,
  sumOfLoads,
  weightedSum,
  prepareFrame,
  type Restraint,
  solvePattern,
  type Vector3,
} from './index.js';

const area = 'Frame analysis';
const E = 200e9;
const G = 77e9;
const TUBE = { areaM2: 1e-3, iyM4: 8e-7, izM4: 5e-7, torsionM4: 9e-7, elasticPa: E, shearPa: G };
const EI = E * TUBE.iyM4;

const hold = (node: string, directions: string): FrameSupport => ({
  node,
  restraints: directions.split(' ').map((name): Restraint => {
    const axis = 'xyz'.indexOf(name[1] as string);
    return {
      kind: name[0] === 'u' ? 'translation' : 'rotation',
      direction: [0, 1, 2].map((i) => (i === axis ? 1 : 0)) as unknown as Vector3,
      stiffness: 'fixed',
    };
  }),
});
const ALL = 'ux uy uz rx ry rz';
const member = (id: string, from: string, to: string, change: Partial<FrameMember> = {}): FrameMember => ({
  id,
  from,
  to,
  ...TUBE,
  ...change,
});
const node = (id: string, ...at: [number, number, number]) => ({ id, at });
const point = (on: string, atM: number, forceN: Vector3): MemberLoad => ({
  member: on,
  axes: 'global',
  kind: 'point',
  atM,
  forceN,
});
const even = (on: string, fromM: number, toM: number, force: Vector3, end: Vector3 = force): MemberLoad => ({
  member: on,
  axes: 'global',
  kind: 'spread',
  fromM,
  toM,
  startNPerM: force,
  endNPerM: end,
});
const loads = (memberLoads: MemberLoad[], nodal: NodalLoad[] = []): LoadPattern => ({ member: memberLoads, nodal });

const prepared = (model: FrameModel): PreparedFrame => {
  const frame = prepareFrame(model);
  if (!frame.ok) throw new Error(JSON.stringify(frame.error));
  return frame.value;
};
const problemsOf = (model: FrameModel): readonly FrameProblem[] => {
  const frame = prepareFrame(model);
  return frame.ok ? [] : frame.error;
};
const sixOf = (values: Float64Array, node: number): Float64Array => values.slice(node * 6, node * 6 + 6);
const solved = (model: FrameModel, pattern: LoadPattern) => {
  const frame = prepared(model);
  const solution = solvePattern(frame, pattern);
  if (!solution.ok) throw new Error(JSON.stringify(solution.error));
  const pieces = memberPieces(frame, [solution.value.loads]);
  const index = (id: string): number => frame.memberIndex.get(id) as number;
  const inner = (id: string) => innerForces(pieces[index(id)]!, index(id), solution.value);
  return {
    frame,
    ...solution.value,
    at: (id: string) => sixOf(solution.value.displacements, frame.nodeIndex.get(id) as number),
    reaction: (id: string) => sixOf(solution.value.reactions, frame.nodeIndex.get(id) as number),
    extremes: (id: string) => {
      const { least, leastAtM, most, mostAtM } = innerExtremes(pieces[index(id)]!, inner(id));
      const i = INNER_FORCES.indexOf('my');
      return {
        my: { least: { value: least[i]!, xM: leastAtM[i]! }, most: { value: most[i]!, xM: mostAtM[i]! } },
      };
    },
    innerAt: (id: string, x: number) => innerAt(pieces[index(id)]!, inner(id), x),
    lines: (id: string) =>
      deflections(
        pieces[index(id)]!,
        inner(id),
        frame.members[index(id)]!,
        endMovements(frame, index(id), solution.value),
      ),
  };
};

const L = 3;
const simple = (change: Partial<FrameMember> = {}): FrameModel => ({
  nodes: [node('a', 0, 0, 0), node('b', L, 0, 0)],
  members: [member('m', 'a', 'b', change)],
  supports: [hold('a', 'ux uy uz rx'), hold('b', 'uy uz')],
});
const built = (change: Partial<FrameMember> = {}): FrameModel => ({
  ...simple(change),
  supports: [hold('a', ALL), hold('b', ALL)],
});

describe('beams of the tables (AISC Manual table 3-23; Roark table 8.1)', () => {
  const source = 'AISC Manual table 3-23';
  test('case 1, simple beam, even load: w·L²/8, 5·w·L⁴/384EI', () => {
    const w = 700;
    const result = solved(simple(), loads([even('m', 0, L, [0, 0, -w])]));
    const most = result.extremes('m').my.least;
    expect(most.xM).toBeCloseTo(L / 2, 12);
    verify({
      area,
      check: 'case 1: moment',
      ours: -most.value,
      outside: String((w * L ** 2) / 8),
      unit: 'N·m',
      source,
      tolerance: 1e-9,
    });
    const bow = largestBow(result.lines('m')[2]);
    verify({
      area,
      check: 'case 1: deflection',
      ours: -bow.value * 1000,
      outside: String(((5 * w * L ** 4) / (384 * EI)) * 1000),
      unit: 'mm',
      source,
      tolerance: 1e-9,
    });
  });
  test('case 2, simple beam, load growing to one end: 0.1283·W·L at 0.5774·L, 0.01304·W·L³/EI at 0.5193·L', () => {
    const W = 1500;
    const result = solved(simple(), loads([even('m', 0, L, [0, 0, 0], [0, 0, (-2 * W) / L])]));
    const { value, xM } = result.extremes('m').my.least;
    verify({ area, check: 'case 2: moment ÷ W·L', ours: -value / (W * L), outside: '0.1283', unit: '-', source });
    verify({
      area,
      check: 'case 2: its place ÷ L',
      ours: xM / L,
      outside: '0.5774',
      unit: '-',
      source,
      tolerance: 1e-4,
    });
    const bow = largestBow(result.lines('m')[2]);
    verify({
      area,
      check: 'case 2: deflection·EI ÷ W·L³',
      ours: (-bow.value * EI) / (W * L ** 3),
      outside: '0.01304',
      unit: '-',
      source,
    });
    verify({
      area,
      check: 'case 2: its place ÷ L',
      ours: bow.xM / L,
      outside: '0.5193',
      unit: '-',
      source,
      tolerance: 2e-4,
    });
  });
  test('case 8, simple beam, point load anywhere: P·a·b/L; largest deflection at √(a(a+2b)/3)', () => {
    const [P, a] = [900, 2];
    const b = L - a;
    const result = solved(simple(), loads([point('m', a, [0, 0, -P])]));
    verify({
      area,
      check: 'case 8: moment',
      ours: -result.extremes('m').my.least.value,
      outside: String((P * a * b) / L),
      unit: 'N·m',
      source,
      tolerance: 1e-9,
    });
    const bow = largestBow(result.lines('m')[2]);
    expect(bow.xM).toBeCloseTo(Math.sqrt((a * (a + 2 * b)) / 3), 9);
    const delta = (P * a * b * (a + 2 * b) * Math.sqrt(3 * a * (a + 2 * b))) / (27 * EI * L);
    verify({
      area,
      check: 'case 8: deflection',
      ours: -bow.value * 1000,
      outside: String(delta * 1000),
      unit: 'mm',
      source,
      tolerance: 1e-9,
    });
  });
  test('case 15, both ends built in, even load: w·L²/12, w·L²/24, w·L⁴/384EI', () => {
    const w = 800;
    const result = solved(built(), loads([even('m', 0, L, [0, 0, -w])]));
    const { my } = result.extremes('m');
    verify({
      area,
      check: 'case 15: end moment',
      ours: my.most.value,
      outside: String((w * L ** 2) / 12),
      unit: 'N·m',
      source,
      tolerance: 1e-9,
    });
    verify({
      area,
      check: 'case 15: moment in the middle',
      ours: -my.least.value,
      outside: String((w * L ** 2) / 24),
      unit: 'N·m',
      source,
      tolerance: 1e-9,
    });
    verify({
      area,
      check: 'case 15: deflection',
      ours: -largestBow(result.lines('m')[2]).value * 1e3,
      outside: String(((w * L ** 4) / (384 * EI)) * 1e3),
      unit: 'mm',
      source,
      tolerance: 1e-9,
    });
  });
  test('case 17, both ends built in, point load anywhere: P·a·b²/L² and P·a²·b/L²', () => {
    const [P, a] = [1200, 0.9];
    const b = L - a;
    const { endForces } = solved(built(), loads([point('m', a, [0, 0, -P])]));
    verify({
      area,
      check: 'case 17: near end',
      ours: Math.abs(endForces[4]!),
      outside: String((P * a * b ** 2) / L ** 2),
      unit: 'N·m',
      source,
      tolerance: 1e-9,
    });
    verify({
      area,
      check: 'case 17: far end',
      ours: Math.abs(endForces[10]!),
      outside: String((P * a ** 2 * b) / L ** 2),
      unit: 'N·m',
      source,
      tolerance: 1e-9,
    });
  });
  test('case 13, propped cantilever, point load in the middle: 3·P·L/16, 5·P/16', () => {
    const P = 1000;
    const model: FrameModel = { ...simple(), supports: [hold('a', ALL), hold('b', 'uy uz')] };
    const result = solved(model, loads([point('m', L / 2, [0, 0, -P])]));
    verify({
      area,
      check: 'case 13: built-in moment',
      ours: result.extremes('m').my.most.value,
      outside: String((3 * P * L) / 16),
      unit: 'N·m',
      source,
      tolerance: 1e-9,
    });
    verify({
      area,
      check: 'case 13: prop',
      ours: result.reaction('b')[2]!,
      outside: String((5 * P) / 16),
      unit: 'N',
      source,
      tolerance: 1e-9,
    });
  });
  test('case 5 of even load over part (simple beam, a from the left): reaction w·b(2c+b)/2L', () => {
    const [w, a, b] = [600, 0.5, 1.1];
    const c = L - a - b;
    const result = solved(simple(), loads([even('m', a, a + b, [0, 0, -w])]));
    verify({
      area,
      check: 'case 4: left reaction',
      ours: result.reaction('a')[2]!,
      outside: String((w * b * (2 * c + b)) / (2 * L)),
      unit: 'N',
      source,
      tolerance: 1e-9,
    });
    const r1 = (w * b * (2 * c + b)) / (2 * L);
    verify({
      area,
      check: 'case 4: moment',
      ours: -result.extremes('m').my.least.value,
      outside: String(r1 * (a + r1 / (2 * w))),
      unit: 'N·m',
      source,
      tolerance: 1e-9,
    });
  });
  test('with shear, a cantilever’s tip goes P·L³/3EI + P·L/(G·As) (Timoshenko)', () => {
    const [P, As] = [5000, 4e-4];
    const model: FrameModel = { ...simple({ shearAreaZM2: As }), supports: [hold('a', ALL)] };
    const result = solved(model, loads([], [{ node: 'b', forceN: [0, 0, -P] }]));
    const tip = (P * L ** 3) / (3 * EI) + (P * L) / (G * As);
    verify({
      area,
      check: 'cantilever with shear',
      ours: -result.at('b')[2]! * 1e3,
      outside: String(tip * 1e3),
      unit: 'mm',
      source: 'Timoshenko beam theory, closed form',
      tolerance: 1e-9,
    });
    // The even load, too, whose shear deflection is w·L²/(2·G·As).
    const w = 900;
    const spread = solved(model, loads([even('m', 0, L, [0, 0, -w])]));
    expect(-spread.at('b')[2]!).toBeCloseTo((w * L ** 4) / (8 * EI) + (w * L ** 2) / (2 * G * As), 12);
    expect(deflectionAt(spread.lines('m')[2], L)).toBeCloseTo(spread.at('b')[2]!, 12);
  });
});

describe('continuous beams by three moments', () => {
  const source = 'three-moment theorem (Clapeyron); AISC Manual table 3-22c';
  const LBF_FT = 1;
  const spans = (lengths: readonly number[], w: number) => {
    const xs = lengths.reduce<number[]>((all, length) => [...all, (all.at(-1) as number) + length], [0]);
    const model: FrameModel = {
      nodes: xs.map((x, i) => node(`n${i}`, x, 0, 0)),
      members: lengths.map((_, i) => member(`m${i}`, `n${i}`, `n${i + 1}`)),
      supports: xs.map((_, i) => hold(`n${i}`, i === 0 ? 'ux uy uz rx' : 'uy uz')),
    };
    return solved(model, loads(lengths.map((length, i) => even(`m${i}`, 0, length, [0, 0, -w]))));
  };
  test('two equal spans of 6 ft, 50 lb/ft: 112.5, 375, −225, +126.56', () => {
    const result = spans([6, 6], 50);
    verify({
      area,
      check: 'two equal spans: end reaction',
      ours: result.reaction('n0')[2]! / LBF_FT,
      outside: '112.5',
      unit: 'lbf',
      source,
    });
    verify({
      area,
      check: 'two equal spans: middle reaction',
      ours: result.reaction('n1')[2]!,
      outside: '375.0',
      unit: 'lbf',
      source,
    });
    verify({
      area,
      check: 'two equal spans: moment over the support',
      ours: result.extremes('m0').my.most.value,
      outside: '225.0',
      unit: 'lbf·ft',
      source,
    });
    verify({
      area,
      check: 'two equal spans: span moment',
      ours: -result.extremes('m0').my.least.value,
      outside: '126.56',
      unit: 'lbf·ft',
      source,
    });
  });
  test('unequal spans of 6 and 10 ft: −475, 70.83, 526.67, 202.5', () => {
    const result = spans([6, 10], 50);
    verify({
      area,
      check: 'unequal spans: moment over the support',
      ours: result.extremes('m0').my.most.value,
      outside: '475.0',
      unit: 'lbf·ft',
      source,
    });
    ['70.83', '526.67', '202.50'].forEach((outside, i) =>
      verify({
        area,
        check: `unequal spans: reaction ${i + 1}`,
        ours: result.reaction(`n${i}`)[2]!,
        outside,
        unit: 'lbf',
        source,
      }),
    );
  });
});

describe('frames and grillages', () => {
  test('portal, feet pinned, side load at the beam: each foot pushes H/2, beam ends M = H·h/2', () => {
    const [h, b, H] = [2.4, 4, 3000];
    const model: FrameModel = {
      nodes: [node('a', 0, 0, 0), node('b', 0, 0, h), node('c', b, 0, h), node('d', b, 0, 0)],
      members: [member('ab', 'a', 'b'), member('bc', 'b', 'c'), member('cd', 'c', 'd')],
      supports: [hold('a', 'ux uy uz rx rz'), hold('d', 'ux uy uz rx rz')],
    };
    // Half the push at each corner: without change of length of the beam the frame is antisymmetric.
    const result = solved(
      model,
      loads(
        [],
        [
          { node: 'b', forceN: [H / 2, 0, 0] },
          { node: 'c', forceN: [H / 2, 0, 0] },
        ],
      ),
    );
    verify({
      area,
      check: 'portal: foot',
      ours: -result.reaction('a')[0]!,
      outside: String(H / 2),
      unit: 'N',
      source: 'statics, antisymmetry',
      tolerance: 1e-9,
    });
    verify({
      area,
      check: 'portal: uplift',
      ours: -result.reaction('a')[2]!,
      outside: String((H * h) / b),
      unit: 'N',
      source: 'statics',
      tolerance: 1e-9,
    });
    verify({
      area,
      check: 'portal: corner moment',
      ours: result.extremes('bc').my.most.value,
      outside: String((H * h) / 2),
      unit: 'N·m',
      source: 'statics',
      tolerance: 1e-9,
    });
    // Sway by slope deflection: H·h³/(12·E·I_column) · (2 + b·I_c/(h·I_b))… with feet pinned: H/2·h²·(h + b/2)/(3·E·I), columns stretching left out.
    const stiff = solved(
      { ...model, members: model.members.map((m) => ({ ...m, areaM2: 10 })) },
      loads(
        [],
        [
          { node: 'b', forceN: [H / 2, 0, 0] },
          { node: 'c', forceN: [H / 2, 0, 0] },
        ],
      ),
    );
    verify({
      area,
      check: 'portal: sway',
      ours: stiff.at('b')[0]! * 1e3,
      outside: String((((H / 2) * h ** 2 * (h + b / 2)) / (3 * EI)) * 1e3),
      unit: 'mm',
      source: 'slope deflection, members that do not stretch',
      tolerance: 1e-5,
    });
  });
  test('grillage of two crossing simple beams shares a load by their stiffness L³', () => {
    const [la, lb, P] = [2, 3, 4000];
    const half = (length: number): number => length / 2;
    const model: FrameModel = {
      nodes: [
        node('o', 0, 0, 0),
        node('w', -half(la), 0, 0),
        node('e', half(la), 0, 0),
        node('s', 0, -half(lb), 0),
        node('n', 0, half(lb), 0),
      ],
      members: [member('wo', 'w', 'o'), member('oe', 'o', 'e'), member('so', 's', 'o'), member('on', 'o', 'n')],
      supports: [hold('w', 'uz ux uy'), hold('e', 'uz'), hold('s', 'uz ux'), hold('n', 'uz')],
    };
    const result = solved(model, loads([], [{ node: 'o', forceN: [0, 0, -P] }]));
    const share = lb ** 3 / (la ** 3 + lb ** 3);
    verify({
      area,
      check: 'grillage: the short beam’s end',
      ours: result.reaction('e')[2]!,
      outside: String((P * share) / 2),
      unit: 'N',
      source: 'equal deflection P·L³/48EI of both beams',
      tolerance: 1e-9,
    });
  });
  test('Bredt: a tube twists by T·L/GJ', () => {
    const T = 1356;
    const result = solved(
      { ...simple(), supports: [hold('a', ALL)] },
      loads([], [{ node: 'b', forceN: [0, 0, 0], momentNm: [T, 0, 0] }]),
    );
    verify({
      area,
      check: 'twist of a cantilever',
      ours: result.at('b')[3]!,
      outside: String((T * L) / (G * TUBE.torsionM4)),
      unit: 'rad',
      source: 'Saint-Venant, T·L/GJ',
      tolerance: 1e-9,
    });
  });
  test('a skew roller takes only what is square to its plane', () => {
    const s = Math.SQRT1_2;
    const model: FrameModel = {
      ...simple(),
      supports: [
        hold('a', 'ux uy uz rx'),
        {
          node: 'b',
          restraints: [
            { kind: 'translation', direction: [s, 0, s], stiffness: 'fixed' },
            { kind: 'translation', direction: [0, 1, 0], stiffness: 'fixed' },
          ],
        },
      ],
    };
    const result = solved(model, loads([point('m', L / 2, [0, 0, -1000])]));
    const [x, , z] = result.reaction('b');
    expect(z).toBeCloseTo(500, 9);
    expect(x).toBeCloseTo(500, 9);
    expect(result.at('b')[0]! * s + result.at('b')[2]! * s).toBeCloseTo(0, 15);
  });
  test('a spring under the tip of a cantilever takes its share', () => {
    const k = 40000;
    const model: FrameModel = {
      ...simple(),
      supports: [
        hold('a', ALL),
        { node: 'b', restraints: [{ kind: 'translation', direction: [0, 0, 1], stiffness: k }] },
      ],
    };
    const result = solved(model, loads([], [{ node: 'b', forceN: [0, 0, -1000] }]));
    const beam = (3 * EI) / L ** 3;
    expect(result.reaction('b')[2]!).toBeCloseTo((1000 * k) / (k + beam), 8);
  });
  test('a hinge in a release: two cantilevers meeting share half each and pass no moment', () => {
    const model: FrameModel = {
      nodes: [node('a', 0, 0, 0), node('b', L, 0, 0), node('c', 2 * L, 0, 0)],
      members: [member('l', 'a', 'b', { releaseTo: ['ry'] }), member('r', 'b', 'c')],
      supports: [hold('a', ALL), hold('c', ALL)],
    };
    const result = solved(model, loads([], [{ node: 'b', forceN: [0, 0, -1000] }]));
    expect(result.innerAt('l', L).my).toBeCloseTo(0, 9);
    expect(result.reaction('a')[2]).toBeCloseTo(500, 9);
    expect(result.at('b')[2]!).toBeCloseTo((-500 * L ** 3) / (3 * EI), 12);
  });
  test('ends on springs: w·L²/12 ÷ (1 + 2·E·I ÷ k·L), and the rest of w·L²/8 in mid-span', () => {
    const w = 1000;
    const k = 50_000;
    const ends = { springFrom: { ry: k }, springTo: { ry: k } } as const;
    const frame = prepared({
      nodes: [node('a', 0, 0, 0), node('b', L, 0, 0)],
      members: [member('m', 'a', 'b', ends)],
      supports: [hold('a', ALL), hold('b', ALL)],
    });
    const solution = solvePattern(frame, loads([even('m', 0, L, [0, 0, -w])]));
    if (!solution.ok) throw new Error('unsolved');
    const [pieces] = memberPieces(frame, [solution.value.loads]);
    const rows = innerForces(pieces!, 0, solution.value);
    const end = Math.abs(innerAt(pieces!, rows, 0).my);
    verify({
      area,
      check: 'beam on springs at its ends: end moment',
      ours: end,
      outside: String((w * L * L) / 12 / (1 + (2 * EI) / (k * L))),
      unit: 'N·m',
      source: 'slope deflection, closed form',
    });
    expect(Math.abs(innerAt(pieces!, rows, L / 2).my)).toBeCloseTo((w * L * L) / 8 - end, 6);
    // The end itself has turned by what the spring gave.
    expect(Math.abs(endMovements(frame, 0, solution.value)[4] as number)).toBeCloseTo(end / k, 12);
  });
  test('a soft spring is a hinge, a stiff one none, and loads balance', () => {
    const reaction = (change: Partial<FrameMember>): readonly number[] => {
      const frame = prepared({
        nodes: [node('a', 0, 0, 0), node('b', L, 0, 0)],
        members: [member('m', 'a', 'b', change)],
        supports: [hold('a', ALL), hold('b', ALL)],
      });
      const solution = solvePattern(frame, loads([point('m', L / 3, [3, 5, -7])]));
      if (!solution.ok) throw new Error('unsolved');
      return [...solution.value.reactions];
    };
    const near = (one: readonly number[], two: readonly number[]): void =>
      one.forEach((value, i) => {
        expect(value).toBeCloseTo(two[i] as number, 4);
      });
    near(reaction({ springTo: { ry: 1e-3, rz: 1e-3 } }), reaction({ releaseTo: ['ry', 'rz'] }));
    near(reaction({ springTo: { ux: 1e14, ry: 1e14, rx: 1e14 } }), reaction({}));
    const sprung = reaction({ springFrom: { uz: 1e5, ry: 2e4 }, springTo: { uy: 3e5, rz: 1e4 } });
    expect((sprung[0] as number) + (sprung[6] as number)).toBeCloseTo(-3, 9);
    expect((sprung[2] as number) + (sprung[8] as number)).toBeCloseTo(7, 9);
  });
  test('a released end with a load on the member: the propped cantilever of case 12, 3/8 and 5/8', () => {
    const w = 1000;
    const result = solved(built({ releaseTo: ['ry'] }), loads([even('m', 0, L, [0, 0, -w])]));
    expect(result.reaction('b')[2]).toBeCloseTo((3 / 8) * w * L, 8);
    expect(result.reaction('a')[2]).toBeCloseTo((5 / 8) * w * L, 8);
    // Case 12: largest deflection w·L⁴/185EI at 0.5785·L from the built-in end.
    const bow = largestBow(result.lines('m')[2]);
    verify({
      area,
      check: 'case 12 by release: place of the largest deflection ÷ L',
      ours: bow.xM / L,
      outside: '0.5785',
      unit: '-',
      source: 'AISC Manual table 3-23',
      tolerance: 2e-4,
    });
    verify({
      area,
      check: 'case 12 by release: w·L⁴ ÷ EI·deflection',
      ours: (w * L ** 4) / (EI * -bow.value),
      outside: '185',
      unit: '-',
      source: 'AISC Manual table 3-23',
    });
  });
  test('a rigid arm carries the load’s moment to its node', () => {
    const model: FrameModel = { ...simple({ offsetTo: [0, 0.2, 0] }), supports: [hold('a', ALL)] };
    const result = solved(model, loads([], [{ node: 'b', forceN: [0, 0, -1000] }]));
    expect(result.reaction('a')[2]).toBeCloseTo(1000, 8);
    expect(result.reaction('a')[3]).toBeCloseTo(0, 6);
    expect(result.reaction('a')[4]).toBeCloseTo(-1000 * L, 6);
  });
});

describe('what is wrong is said, with the place', () => {
  test('a beam on one pin turns about it', () => {
    const [problem] = problemsOf({ ...simple(), supports: [hold('a', 'ux uy uz rx')] });
    expect(problem?.code).toBe('mechanism');
    if (problem?.code !== 'mechanism') return;
    expect(problem.movements).toHaveLength(2);
    expect(problem.movements.flat().map(({ node: id }) => id)).toContain('b');
  });
  test('a part that hangs on nothing is named with all it can do', () => {
    const base = simple();
    const [problem] = problemsOf({
      ...base,
      nodes: [...base.nodes, node('p', 0, 1, 0), node('q', 1, 1, 0)],
      members: [...base.members, member('loose', 'p', 'q')],
    });
    if (problem?.code !== 'mechanism') throw new Error('expected a mechanism');
    expect(problem.movements).toHaveLength(6);
    expect(new Set(problem.movements.flat().map(({ node: id }) => id))).toEqual(new Set(['p', 'q']));
  });
  test.each([
    ['no-members', { ...simple(), members: [] }],
    ['no-supports', { ...simple(), supports: [] }],
    ['duplicate-node', { ...simple(), nodes: [...simple().nodes, node('a', 1, 1, 1)] }],
    ['duplicate-member', { ...simple(), members: [...simple().members, ...simple().members] }],
    ['unknown-node', simple({ to: 'z' })],
    ['no-length', { ...simple(), nodes: [node('a', 0, 0, 0), node('b', 0, 0, 0)] }],
    ['not-positive', simple({ areaM2: 0 })],
    ['not-positive', simple({ iyM4: -1 })],
    ['not-positive', simple({ shearPa: Number.NaN })],
    ['not-finite', { ...simple(), nodes: [node('a', 0, Number.NaN, 0), node('b', 1, 0, 0)] }],
    ['up-along-member', simple({ up: [1, 0, 0] })],
    ['spring-not-positive', simple({ springFrom: { ry: 0 } })],
    ['loose-member', simple({ releaseFrom: ['rx'], releaseTo: ['rx'] })],
  ] as const)('%s', (code, model) => {
    expect(problemsOf(model).map((problem) => problem.code)).toContain(code);
  });
  test('loads off the member, on unknown members and nodes, not numbers', () => {
    const frame = prepared(simple());
    const codes = (pattern: LoadPattern) => {
      const result = solvePattern(frame, pattern);
      return result.ok ? [] : result.error.map(({ code }) => code);
    };
    expect(codes(loads([point('m', L + 0.1, [0, 0, 1])]))).toEqual(['load-off-member']);
    expect(codes(loads([even('m', 2, 1, [0, 0, 1])]))).toEqual(['load-off-member']);
    expect(codes(loads([point('q', 0, [0, 0, 1])]))).toEqual(['unknown-member']);
    expect(codes(loads([], [{ node: 'q', forceN: [0, 0, 1] }]))).toEqual(['unknown-node']);
    expect(codes(loads([point('m', 1, [0, 0, Number.NaN])]))).toEqual(['not-finite']);
  });
  test('an ill-conditioned frame says so: condition grows with the ratio of the stiffnesses', () => {
    const ratio = (factor: number): number =>
      prepared({
        nodes: [node('a', 0, 0, 0), node('b', 1, 0, 0), node('c', 2, 0, 0)],
        members: [member('m', 'a', 'b'), member('n', 'b', 'c', { elasticPa: E * factor, shearPa: G * factor })],
        supports: [hold('a', ALL)],
      }).condition;
    expect(ratio(1e6) / ratio(1)).toBeGreaterThan(1e4);
  });
});

/** Any frame that stands: a ring of members over random nodes, some legs to the ground, loads of every kind. */
const coordinate = fc.integer({ min: -20, max: 20 }).map((value) => value / 10);
const anyFrame = fc
  .record({
    places: fc.uniqueArray(fc.tuple(coordinate, coordinate, coordinate), {
      minLength: 4,
      maxLength: 8,
      selector: String,
    }),
    extra: fc.array(fc.tuple(fc.nat(7), fc.nat(7)), { maxLength: 6 }),
    shear: fc.boolean(),
  })
  .map(({ places, extra, shear }): FrameModel => {
    const nodes = places.map((at, i) => node(`n${i}`, ...at));
    const pairs = [...places.keys()].map((i) => [i, (i + 1) % places.length] as const);
    const more = extra.map(([a, b]) => [a % places.length, b % places.length] as const).filter(([a, b]) => a !== b);
    return {
      nodes,
      members: [...pairs, ...more].map(([a, b], i) =>
        member(`m${i}`, `n${a}`, `n${b}`, {
          up: [0.3, -0.5, 0.81],
          ...(shear ? { shearAreaYM2: 3e-4, shearAreaZM2: 5e-4 } : {}),
        }),
      ),
      supports: [hold('n0', ALL), hold('n2', 'ux uz')],
    };
  });
const share = fc.integer({ min: 0, max: 100 }).map((value) => value / 100);
const force = fc.tuple(coordinate, coordinate, coordinate).map((v) => v.map((x) => x * 1000) as unknown as Vector3);
const someLoads = fc.record({
  points: fc.array(fc.tuple(fc.nat(20), share, force), { minLength: 1, maxLength: 3 }),
  spreads: fc.array(fc.tuple(fc.nat(20), share, share, force, force), { maxLength: 3 }),
  nodal: fc.array(fc.tuple(fc.nat(7), force, force), { maxLength: 3 }),
});
const patternFor = (
  frame: PreparedFrame,
  {
    points,
    spreads,
    nodal,
  }: {
    points: [number, number, Vector3][];
    spreads: [number, number, number, Vector3, Vector3][];
    nodal: [number, Vector3, Vector3][];
  },
): LoadPattern => {
  const own = (i: number) => frame.members[i % frame.members.length]!;
  return loads(
    [
      ...points.map(([i, at, f]) => point(own(i).member.id, at * own(i).axes.lengthM, f)),
      ...spreads.map(([i, a, b, f, g]) =>
        even(own(i).member.id, Math.min(a, b) * own(i).axes.lengthM, Math.max(a, b) * own(i).axes.lengthM, f, g),
      ),
    ],
    nodal.map(([i, f, m]) => ({ node: `n${i % frame.nodes.length}`, forceN: f, momentNm: m })),
  );
};
const value = <T>(result: { ok: true; value: T } | { ok: false; error: unknown }): T => {
  if (!result.ok) throw new Error(JSON.stringify(result.error));
  return result.value;
};
const close = (a: ArrayLike<number>, b: ArrayLike<number>, tolerance = 1e-7): void => {
  let size = 1e-12;
  for (let i = 0; i < a.length; i += 1) size = Math.max(size, Math.abs(a[i]!), Math.abs(b[i]!));
  for (let i = 0; i < a.length; i += 1) expect(Math.abs(a[i]! - b[i]!) / size).toBeLessThan(tolerance);
};

describe('what holds for every frame', () => {
  test('loads and reactions are in equilibrium', () => {
    fc.assert(
      fc.property(anyFrame, someLoads, (model, some) => {
        const frame = prepared(model);
        const pattern = patternFor(frame, some);
        expect(equilibriumResidual(frame, pattern, value(solvePattern(frame, pattern)))).toBeLessThan(1e-8);
      }),
      { numRuns: 60 },
    );
  });
  test('superposition', () => {
    fc.assert(
      fc.property(anyFrame, someLoads, someLoads, (model, one, other) => {
        const frame = prepared(model);
        const [a, b] = [patternFor(frame, one), patternFor(frame, other)];
        const both = value(solvePattern(frame, loads([...a.member, ...b.member], [...a.nodal, ...b.nodal])));
        const [ua, ub] = [value(solvePattern(frame, a)), value(solvePattern(frame, b))];
        close(
          both.endForces,
          ua.endForces.map((f, i) => f + ub.endForces[i]!),
        );
        close(
          both.displacements,
          ua.displacements.map((f, i) => f + ub.displacements[i]!),
        );
      }),
      { numRuns: 40 },
    );
  });
  test('loads made ready one by one add up to the pattern as a whole, however the frame is held', () => {
    fc.assert(
      fc.property(anyFrame, someLoads, someLoads, (model, one, other) => {
        const unheld = value(prepareMembers(model));
        const supports = [model.supports, [hold('n1', ALL), hold('n3', 'uy')]];
        for (const own of supports) {
          const frame = value(holdFrame(unheld, own));
          const [a, b] = [patternFor(frame, one), patternFor(frame, other)];
          const sum = solveLoads(
            frame,
            sumOfLoads(unheld, [value(readyLoads(unheld, a)), value(readyLoads(unheld, b))]),
          );
          const fresh = prepared({ ...model, supports: own });
          const whole = value(solvePattern(fresh, loads([...a.member, ...b.member], [...a.nodal, ...b.nodal])));
          close(sum.endForces, whole.endForces);
          close(sum.reactions, whole.reactions);
          close(sum.displacements, whole.displacements);
        }
      }),
      { numRuns: 40 },
    );
  });
  test('loads on nodes from unit loads: the same as solved at once', () => {
    fc.assert(
      fc.property(anyFrame, someLoads, someLoads, (model, one, other) => {
        const frame = prepared(model);
        const solve = nodeLoadSolver(frame);
        for (const some of [one, other]) {
          const { nodal } = patternFor(frame, some);
          const [shares, direct] = [solve(nodal), value(solvePattern(frame, loads([], [...nodal])))];
          for (const what of ['endForces', 'reactions', 'displacements'] as const) {
            const sum = weightedSum(
              shares.map(({ solution }) => solution[what]),
              shares.map(({ factor }) => factor),
              new Float64Array(direct[what].length),
            );
            close(sum, direct[what]);
          }
        }
      }),
      { numRuns: 40 },
    );
  });
  test('inner forces of combinations in flat memory: each member as by itself', () => {
    fc.assert(
      fc.property(anyFrame, someLoads, someLoads, force, (model, one, other, [f, g]) => {
        const frame = prepared(model);
        const solutions = [one, other].map((some) => value(solvePattern(frame, patternFor(frame, some))));
        const own = solutions.map((solution) => solution.loads);
        const layout = layPieces(memberPieces(frame, own));
        const endForces = new Float64Array(frame.members.length * 12);
        const along = new Float64Array(pieceRoom(layout));
        weightedSum(
          solutions.map((solution) => solution.endForces),
          [f, g],
          endForces,
        );
        weightedSum(
          own.map((ready) => pieceLoads(layout, ready)),
          [f, g],
          along,
        );
        layout.pieces.forEach((pieces, i) => {
          const [a, b] = solutions.map((solution) => innerForces(pieces, i, solution));
          const sum = memberInner(layout, i, endForces, along, innerRoom(pieces));
          close(
            sum,
            a!.map((x, k) => f * x + g * b![k]!),
          );
        });
      }),
      { numRuns: 30 },
    );
  });
  test('places that are looked at: none along a member where an inner force is larger', () => {
    fc.assert(
      fc.property(anyFrame, someLoads, (model, some) => {
        const frame = prepared(model);
        const solution = value(solvePattern(frame, patternFor(frame, some)));
        memberPieces(frame, [solution.loads]).forEach((pieces, i) => {
          const rows = innerForces(pieces, i, solution);
          const places = noPlaces();
          const seen = Array.from({ length: findPeaks(pieces, rows, places) }, (_, k) =>
            innerInPiece(rows, places.piece[k]!, places.sM[k]!, noInner()),
          );
          const { least, most } = innerExtremes(pieces, rows);
          INNER_FORCES.forEach((force, f) => {
            const allowed = 1e-9 * Math.max(Math.abs(least[f]!), Math.abs(most[f]!));
            const sizes = seen.map((inner) => inner[force]);
            expect(Math.abs(Math.min(...sizes) - least[f]!)).toBeLessThanOrEqual(allowed);
            expect(Math.abs(Math.max(...sizes) - most[f]!)).toBeLessThanOrEqual(allowed);
          });
          const peaks = peaksOf(pieces, rows);
          expect(peaks).toEqual([...peaks].sort((a, b) => a - b));
          expect(peaks[0]).toBe(0);
          expect(peaks.at(-1)).toBeCloseTo(pieces.lengthM, 12);
        });
      }),
      { numRuns: 40 },
    );
  });
  test('reciprocity: what a unit force here moves there, it moves here from there (Maxwell-Betti)', () => {
    fc.assert(
      fc.property(anyFrame, fc.nat(3), fc.nat(3), fc.nat(2), fc.nat(2), (model, i, j, p, q) => {
        const frame = prepared(model);
        const unit = (k: number): Vector3 => [0, 1, 2].map((axis) => (axis === k ? 1 : 0)) as unknown as Vector3;
        const a = value(solvePattern(frame, loads([], [{ node: `n${i}`, forceN: unit(p) }])));
        const b = value(solvePattern(frame, loads([], [{ node: `n${j}`, forceN: unit(q) }])));
        const [there, here] = [a.displacements[j * 6 + q]!, b.displacements[i * 6 + p]!];
        expect(Math.abs(there - here)).toBeLessThan(1e-9 * Math.max(1e-6, Math.abs(there)) + 1e-15);
      }),
      { numRuns: 60 },
    );
  });
  test('turned in space as a whole, it carries its loads the same way', () => {
    fc.assert(
      fc.property(
        anyFrame,
        someLoads,
        fc.double({ min: -3, max: 3, noNaN: true }),
        fc.double({ min: -3, max: 3, noNaN: true }),
        (model, some, alpha, beta) => {
          const turn = ([x, y, z]: Vector3): Vector3 => {
            const [x1, y1] = [x * Math.cos(alpha) - y * Math.sin(alpha), x * Math.sin(alpha) + y * Math.cos(alpha)];
            return [x1, y1 * Math.cos(beta) - z * Math.sin(beta), y1 * Math.sin(beta) + z * Math.cos(beta)];
          };
          const turned: FrameModel = {
            nodes: model.nodes.map(({ id, at }) => ({ id, at: turn(at) })),
            members: model.members.map((m) => ({ ...m, up: turn(m.up as Vector3) })),
            supports: model.supports.map(({ node: id, restraints }) => ({
              node: id,
              restraints: restraints.map((r) => ({ ...r, direction: turn(r.direction) })),
            })),
          };
          const [frame, frame2] = [prepared(model), prepared(turned)];
          const pattern = patternFor(frame, some);
          const pattern2: LoadPattern = {
            nodal: pattern.nodal.map((l) => ({
              node: l.node,
              forceN: turn(l.forceN),
              momentNm: turn(l.momentNm ?? [0, 0, 0]),
            })),
            member: pattern.member.map((l) =>
              l.kind === 'point'
                ? { ...l, forceN: turn(l.forceN) }
                : { ...l, startNPerM: turn(l.startNPerM), endNPerM: turn(l.endNPerM) },
            ),
          };
          close(value(solvePattern(frame, pattern)).endForces, value(solvePattern(frame2, pattern2)).endForces);
        },
      ),
      { numRuns: 40 },
    );
  });
  test('a member cut in two at any place is the same member', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 0.9, noNaN: true }), share, share, force, force, (cut, a, b, f, g) => {
        const whole = built({ shearAreaYM2: 3e-4, shearAreaZM2: 5e-4 });
        const halves: FrameModel = {
          nodes: [...whole.nodes, node('c', cut * L, 0, 0)],
          members: [
            member('l', 'a', 'c', { shearAreaYM2: 3e-4, shearAreaZM2: 5e-4 }),
            member('r', 'c', 'b', { shearAreaYM2: 3e-4, shearAreaZM2: 5e-4 }),
          ],
          supports: whole.supports,
        };
        const [from, to] = [Math.min(a, b) * L, Math.max(a, b) * L];
        const rate = (x: number): Vector3 =>
          f.map((v, i) => (to > from ? v + ((g[i]! - v) * (x - from)) / (to - from) : v)) as unknown as Vector3;
        const c = cut * L;
        const split = [
          ...(from < c ? [even('l', from, Math.min(to, c), rate(from), rate(Math.min(to, c)))] : []),
          ...(to > c ? [even('r', Math.max(from, c) - c, to - c, rate(Math.max(from, c)), rate(to))] : []),
        ];
        const one = solved(whole, loads([even('m', from, to, f, g)]));
        const two = solved(halves, loads(split));
        close(one.reactions.slice(0, 6), two.reactions.slice(0, 6));
        const x = 0.37 * L;
        const [mine, theirs] = [one.innerAt('m', x), x < c ? two.innerAt('l', x) : two.innerAt('r', x - c)];
        expect(mine.my).toBeCloseTo(theirs.my, 5);
        expect(mine.mz).toBeCloseTo(theirs.mz, 5);
        // Its deflection there too, from either.
        const line = x < c ? two.lines('l')[2] : two.lines('r')[2];
        expect(deflectionAt(one.lines('m')[2], x)).toBeCloseTo(deflectionAt(line, x < c ? x : x - c), 9);
      }),
      { numRuns: 60 },
    );
  });
  test('no place along a member passes the stated extremes; inner forces at the far end are the end forces', () => {
    fc.assert(
      fc.property(anyFrame, someLoads, (model, some) => {
        const frame = prepared(model);
        const solution = value(solvePattern(frame, patternFor(frame, some)));
        const pieces = memberPieces(frame, [solution.loads]);
        frame.members.forEach(({ axes }, i) => {
          const rows = innerForces(pieces[i]!, i, solution);
          const extremes = innerExtremes(pieces[i]!, rows);
          let past = 0;
          for (let k = 0; k <= 50; k += 1) {
            const at = innerAt(pieces[i]!, rows, (axes.lengthM * k) / 50);
            INNER_FORCES.forEach((name, f) => {
              past = Math.max(past, at[name] - extremes.most[f]!, extremes.least[f]! - at[name]);
            });
          }
          expect(past).toBeLessThan(1e-6);
          const end = innerAt(pieces[i]!, rows, axes.lengthM);
          expect(end.my).toBeCloseTo(solution.endForces[i * 12 + 10]!, 4);
          expect(end.mz).toBeCloseTo(solution.endForces[i * 12 + 11]!, 4);
        });
      }),
      { numRuns: 25 },
    );
  });
  test('the same matrix solved by a general linear-algebra package gives the same movements', () => {
    fc.assert(
      fc.property(anyFrame, fc.nat(3), force, (model, at, f) => {
        const plain = { ...model, members: model.members.map((m) => ({ ...m, up: [0.3, -0.5, 0.81] as Vector3 })) };
        const frame = prepared(plain);
        const solution = value(solvePattern(frame, loads([], [{ node: `n${at}`, forceN: f }])));
        // Assembled anew, densely, from the element matrices and direction cosines alone.
        const n = frame.nodes.length * 6;
        const dense = Matrix.zeros(n, n);
        for (const { member: m, axes, from, to } of frame.members) {
          const t = Matrix.zeros(12, 12);
          for (let block = 0; block < 4; block += 1)
            for (let i = 0; i < 3; i += 1)
              for (let j = 0; j < 3; j += 1) t.set(block * 3 + i, block * 3 + j, axes.rows[i]![j]!);
          const k = t
            .transpose()
            .mmul(Matrix.from1DArray(12, 12, [...beamStiffness(m, axes.lengthM)]))
            .mmul(t);
          const dof = [...Array(6).keys()].map((i) => from * 6 + i).concat([...Array(6).keys()].map((i) => to * 6 + i));
          dof.forEach((r, i) => dof.forEach((c, j) => dense.set(r, c, dense.get(r, c) + k.get(i, j))));
        }
        const held = new Set([0, 1, 2, 3, 4, 5, 12, 14]);
        const free = [...Array(n).keys()].filter((i) => !held.has(i));
        const right = Matrix.columnVector(free.map((i) => (i >= at * 6 && i < at * 6 + 3 ? f[i - at * 6]! : 0)));
        const u = denseSolve(dense.selection(free, free), right).to1DArray();
        close(
          u,
          free.map((i) => solution.displacements[i]!),
          1e-6,
        );
      }),
      { numRuns: 25 },
    );
  });
});
