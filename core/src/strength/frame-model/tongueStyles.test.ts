import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../../test/projects.js';
import { verify } from '../../../test/verify.js';
import { evaluate } from '../../evaluation/index.js';
import { FIXED_JOINT, PLAIN_TONGUE, type Trailer, type Tongue } from '../../project/index.js';
import { STANDARD_GRAVITY } from '../../units/index.js';
import { analyseStrength } from '../analysis/analyse.js';
import type { AnalysisInput } from '../analysis/analyse.js';
import { memberDiagram } from '../analysis/lookInto.js';

const sample = sampleTrailer();
/** A tongue that weighs next to nothing: what it feels is the force at the ball alone, not its own inertia under it. */
const base: Trailer = {
  ...sample,
  ratedGrossKg: 1500,
  items: [],
  coupling: { ...sample.coupling, massKg: 0, jackMassKg: 0 },
  frame: {
    ...sample.frame,
    groups: { ...sample.frame.groups, tongue: { ...sample.frame.groups.tongue, materialId: 'light' } },
  },
  ownRows: {
    ...sample.ownRows,
    materials: [
      {
        id: 'light',
        name: 'Steel without weight',
        family: 'steel',
        yieldPa: 3e8,
        ultimatePa: 4e8,
        elasticPa: 2e11,
        densityKgM3: 1,
        source: { kind: 'own' },
      },
    ],
  },
};
const made = {
  ...PLAIN_TONGUE,
  lengthM: 1.2,
  underM: 0,
  tipBehindBallM: 0.05,
  joint: FIXED_JOINT,
};
const straight = (change: Partial<Extract<Tongue, { kind: 'straight' }>> = {}): Trailer => ({
  ...base,
  frame: { ...base.frame, tongue: { ...made, kind: 'straight', ...change } },
});
const backbone = (aheadM: number): Trailer => ({
  ...base,
  frame: {
    ...base.frame,
    tongue: { ...made, kind: 'backbone', sideTubesAheadM: aheadM, sideTubeAngleRad: 0.4363 },
  },
});
const inputOf = (trailer: Trailer): AnalysisInput => {
  const { chassis, bare, cases } = evaluate(trailer);
  return { trailer, chassis, bare, cases };
};
const drawbar = (trailer: Trailer, memberId: string, variant: string) => {
  const diagram = memberDiagram(inputOf(trailer), memberId, {
    caseId: 'gross.uniform',
    situation: 'drawbar',
    variant,
    balance: 'free',
  });
  if (!diagram) throw new Error(`no diagram of ${memberId}`);
  return diagram;
};
const most = (
  points: readonly { readonly my: number; readonly mz: number; readonly n: number }[],
  of: 'my' | 'mz' | 'n',
) => points.reduce((largest, point) => Math.max(largest, Math.abs(point[of])), 0);

/** 1,500 kg, a pull of 1.5 g. */
const PULL_N = 1.5 * 1500 * STANDARD_GRAVITY;

describe('styles of tongue in the frame', () => {
  test('a straight tube feels the pull along it and half a g upright on its whole lever', () => {
    const trailer = straight();
    verify({
      area: 'Tongue',
      check: 'pull along a straight tongue, 1,500 kg, 1.5 g',
      ours: most(drawbar(trailer, 'tongue.middle', 'pull').points, 'n') / 1000,
      outside: '22.07',
      unit: 'kN',
      source: 'ADR 62, VSB 1: 1.5 × 9.81 × 1,500 (recalled)',
      tolerance: 1e-3,
    });
    // From the ball to the header's front face.
    verify({
      area: 'Tongue',
      check: 'turning at the header, 0.5 g upright on 1.2 m',
      ours: most(drawbar(trailer, 'tongue.middle', 'up').points, 'my') / 1000,
      outside: '8.83',
      unit: 'kN·m',
      source: 'VSB 1: 7.36 kN on 1.2 m (recalled)',
      tolerance: 1e-3,
    });
  });
  test('a step turns the pull into bending of its upright: force × step', () => {
    const stepM = 0.25;
    const trailer = straight({ rise: { kind: 'stepped', byM: -stepM } });
    const { chassis } = evaluate(trailer);
    const header = chassis.members.find(({ id }) => id === 'header.front');
    const tongue = chassis.tongue?.members[0];
    if (!header || !tongue) throw new Error('no frame');
    const lineM = tongue.extent.z0M + tongue.bar.design.centroidZM;
    const leverM = header.extent.z0M - lineM;
    const diagram = drawbar(trailer, 'tongue.riser.middle.front', 'pull');
    verify({
      area: 'Tongue',
      check: 'upright of a tongue stepped 250 mm, at the header’s underside',
      ours: Math.max(most(diagram.points, 'my'), most(diagram.points, 'mz')) / 1000,
      outside: ((PULL_N * leverM) / 1000).toFixed(3),
      unit: 'kN·m',
      source: 'statics: pull × distance from the tongue’s middle to the header’s underside',
      tolerance: 2e-3,
    });
  });
  test('a slope gives the tube less along and some bending, as its angle says', () => {
    const trailer = straight({ rise: { kind: 'sloped', byM: -0.3 } });
    const along = most(drawbar(trailer, 'tongue.middle', 'pull').points, 'n');
    expect(along / PULL_N).toBeCloseTo(Math.cos(Math.atan(0.3 / 1.2)), 2);
  });
  test('side tubes take sideways bending off the backbone; the further ahead they start, the more', () => {
    const sideways = (trailer: Trailer): number => most(drawbar(trailer, 'tongue.middle', 'left').points, 'mz');
    const bare = sideways(straight());
    const short = sideways(backbone(0.4));
    const long = sideways(backbone(0.9));
    expect(short).toBeLessThan(bare);
    expect(long).toBeLessThan(short);
  });
  test('uprights and side tubes are bars of their own, with their welds', () => {
    const stepped = analyseStrength(inputOf(straight({ rise: { kind: 'stepped', byM: -0.25 } })));
    if (stepped.kind !== 'analysed') throw new Error('not analysed');
    expect(stepped.analysis.members.map(({ memberId }) => memberId)).toContain('tongue.riser.middle.front');
    expect(stepped.analysis.welds.filter(({ memberId }) => memberId.startsWith('tongue.riser'))).toHaveLength(2);
    const braced = analyseStrength(inputOf(backbone(0.6)));
    if (braced.kind !== 'analysed') throw new Error('not analysed');
    expect(braced.analysis.welds.filter(({ memberId }) => memberId === 'tongue.side.left')).toHaveLength(2);
    // Left and right alike under what is alike.
    const use = (id: string): number =>
      braced.analysis.members.find(({ memberId }) => memberId === id)?.worst.utilisation.value ?? Number.NaN;
    expect(use('tongue.side.left')).toBeCloseTo(use('tongue.side.right'), 6);
  });
});
