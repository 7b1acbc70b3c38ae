import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { DEMO_PROJECTS, newProject, type Project, UNKNOWN_VEHICLE, withDesign, writeProject } from '@kereta/core';
import { afterAll, describe, expect, test } from 'vitest';

const LAUNCHER = fileURLToPath(new URL('../bin/kereta.mjs', import.meta.url));
const EXAMPLES = fileURLToPath(new URL('../../core/test/examples/', import.meta.url));
const folder = mkdtempSync(join(tmpdir(), 'kereta-cli-'));
afterAll(() => rmSync(folder, { recursive: true }));

const kereta = (...args: string[]): { code: number | null; out: string; err: string } => {
  const { status, stdout, stderr } = spawnSync(process.execPath, [LAUNCHER, ...args], { encoding: 'utf8' });
  return { code: status, out: stdout, err: stderr };
};
const fileOf = (name: string, text: string): string => {
  const file = join(folder, name);
  writeFileSync(file, text);
  return file;
};
const decided = (): Project => {
  const project = newProject({ id: 'p', name: 'Decided', units: 'imperial', newId: () => 'x' });
  return withDesign(project, {
    ...project.design,
    towVehicle: {
      ...UNKNOWN_VEHICLE,
      massKg: 2200,
      hitchHeightM: 0.5,
      tongueLimitKg: 160,
      towLimitKg: 1600,
      maxMassKg: 2900,
      wheelbaseM: 3.2,
      ballBehindAxleM: 1.2,
    },
    coupling: (DEMO_PROJECTS[0] as Project).design.coupling,
    runningGear: { ...project.design.runningGear, wheel: { ...project.design.runningGear.wheel, maxLoadKg: 850 } },
  });
};

describe('kereta cut', () => {
  test('every piece of the apiary on its stick, as text and as JSON', () => {
    const file = fileOf('cut.kereta.json', writeProject(DEMO_PROJECTS[0] as Project));
    const { out, code } = kereta('cut', file, '--json');
    expect(code).toBe(0);
    const { sections, sheets } = JSON.parse(out) as {
      sheets: { of: string; sheets: unknown[]; leastSheets: number }[];
      sections: {
        order: { lengthM: number; cuts: { mark: string; count: number }[] }[];
        sticks: { pieces: { mark: string }[] }[];
        buy: { lengthM: number; count: number }[];
        proved: boolean;
      }[];
    };
    // Two rails of 10 ft, two headers of 5 ft and two legs of 6 ft 8 in do not go on two sticks of 20 ft: 42 ft and more.
    expect(sections[0]?.buy).toEqual([{ lengthM: expect.closeTo(7.3152, 6), count: 2, priceEach: null }]);
    expect(sections.every(({ proved }) => proved)).toBe(true);
    // What is slanted first, then the longest stop.
    expect(sections[0]?.order.map(({ cuts }) => cuts[0]?.mark)).toEqual(['T1', 'R1', 'E1']);
    expect(sheets).toMatchObject([{ of: 'plywood', leastSheets: 3 }]);
    expect(kereta('cut', file).out).toMatch(/Stick 1, 24' 0": .*T1 6' 8"/);
    expect(kereta('cut', fileOf('none.kereta.json', '{'), '--json').code).toBe(2);
  });
  test('calc cutting answers the examples', () => {
    const { out, code } = kereta('calc', 'cutting', join(EXAMPLES, 'cutting-examples.json'), '--json');
    expect(code).toBe(0);
    expect((JSON.parse(out) as { cases: { cost: number; optimal: boolean }[] }).cases).toMatchObject([
      { cost: 3, optimal: true },
      { cost: 4, optimal: true },
      { cost: 400, optimal: true },
    ]);
  });
});

describe('kereta solids', () => {
  test('writes the frame as STEP; another ending, or no file, is refused in words', () => {
    const file = fileOf('solids.kereta.json', writeProject(DEMO_PROJECTS[2] as Project));
    const out = join(folder, 'frame.step');
    expect(kereta('solids', file, out)).toMatchObject({ code: 0, out: '12 solids\n' });
    expect(readFileSync(out, 'utf8').match(/MANIFOLD_SOLID_BREP\(/g)).toHaveLength(12);
    expect(kereta('solids', file, join(folder, 'frame.iges'))).toMatchObject({
      code: 2,
      err: expect.stringContaining('.step, .stl, .glb'),
    });
    expect(kereta('solids', file, join(folder, 'no', 'frame.step')).code).toBe(2);
    expect(kereta('solids', join(folder, 'none'), out).code).toBe(2);
  });
});

describe('kereta calc sway', () => {
  test('prints modes and the speed at which damping is gone; refuses negative stiffness with its place', () => {
    const { out, code } = kereta('calc', 'sway', join(EXAMPLES, 'sway-examples.json'), '--json');
    expect(code).toBe(0);
    const { sets } = JSON.parse(out) as { sets: { zeroDampingSpeed: { kmh: number; kind: string } }[] };
    expect(sets[0]?.zeroDampingSpeed.kmh).toBeCloseTo(154.415748, 4);
    const bad = fileOf('bad-sway.json', JSON.stringify({ sets: [{ id: 'x', parameters: { m1: 1, Cf: -1 } }] }));
    const refused = kereta('calc', 'sway', bad, '--json');
    expect(refused.code).toBe(2);
    expect(JSON.parse(refused.out || refused.err)).toMatchObject({
      error: { path: expect.stringContaining('sets[0]') },
    });
  });
});

describe('kereta strength', () => {
  test('prints opinions, bars, welds and reactions; narrowed by opinion, situation and load', () => {
    const [apiary] = DEMO_PROJECTS;
    const file = fileOf('apiary.kereta.json', writeProject(apiary as Project));
    const { out, code } = kereta(
      'strength',
      file,
      '--json',
      '--opinion',
      'own',
      '--situation',
      'bump-one',
      '--case',
      'case.full-hives',
    );
    expect(code).toBe(1);
    const report = JSON.parse(out) as {
      opinions: { own: { verdict: string; worst: { member: string } }; rules: { australia: { asked: boolean } } };
      members: {
        id: string;
        runs: { variant: string; mid: { my: number }; maxAbs: { my: number }; i: { my: number } }[];
      }[];
      reactions: { ballN: number[]; axles: { leftN: number[]; rightN: number[] }[] }[];
    };
    expect(report.opinions.own.worst.member).toBe('cross.3');
    expect(report.opinions.rules.australia.asked).toBe(false);
    const rail = report.members.find(({ id }) => id === 'rail.left');
    expect(rail?.runs.map(({ variant }) => variant).sort()).toEqual(['left', 'right']);
    expect(rail?.runs[0]?.maxAbs.my).toBeGreaterThan(1000);
    expect(report.reactions).toHaveLength(2);
    const bad = kereta('strength', file, '--opinion', 'mine');
    expect(bad.code).toBe(2);
    expect(kereta('strength', fileOf('no.kereta.json', '{'), '--json').code).toBe(2);
  });
});

describe('kereta check', () => {
  test('exit 0 when nothing is over or open, 3 when something is open, 1 when something is over', () => {
    expect(kereta('check', fileOf('ok.kereta.json', writeProject(decided()))).code).toBe(0);
    const open = withDesign(decided(), { ...decided().design, ratedGrossKg: null });
    expect(kereta('check', fileOf('open.kereta.json', writeProject(open))).code).toBe(3);
    const { coupling } = open.design;
    const over = withDesign(open, { ...open.design, coupling: { ...coupling, chains: 'none' } });
    expect(kereta('check', fileOf('over.kereta.json', writeProject(over))).code).toBe(1);
  });
  test('JSON holds cases and findings in SI', () => {
    const { out, code } = kereta(
      'check',
      fileOf('demo.kereta.json', writeProject(DEMO_PROJECTS[1] as Project)),
      '--json',
    );
    const report = JSON.parse(out) as {
      cases: { axles: { id: string; loadN: number; ratingN: number }[]; massKg: number; tongueN: number }[];
      findings: { code: string }[];
    };
    expect(code).toBe(1);
    expect(report.cases).toHaveLength(5);
    const [first] = report.cases;
    expect(first?.axles.map(({ id }) => id)).toEqual(['axle.1', 'axle.2']);
    expect((first?.tongueN ?? 0) + (first?.axles ?? []).reduce((sum, { loadN }) => sum + loadN, 0)).toBeCloseTo(
      (first?.massKg ?? 0) * 9.80665,
      6,
    );
    expect(report.findings.map(({ code: c }) => c)).toContain('axle-window');
  });
  test('a file that cannot be read: exit 2, one sentence', () => {
    const broken = kereta('check', fileOf('broken.kereta.json', '{"format": "kereta-project", '));
    expect(broken.code).toBe(2);
    expect(broken.err).toContain('ends early');
    const none = kereta('check', join(folder, 'none.json'), '--json');
    expect(none.code).toBe(2);
    expect(JSON.parse(none.out)).toMatchObject({ error: { code: 'no-file' } });
  });
});

describe('kereta calc', () => {
  test('statics and section print JSON and nothing else', () => {
    const statics = kereta('calc', 'statics', join(EXAMPLES, 'statics-examples.json'), '--json');
    expect(statics.code).toBe(0);
    expect((JSON.parse(statics.out) as { cases: unknown[] }).cases).toHaveLength(5);
    const section = kereta('calc', 'section', join(EXAMPLES, 'section-examples.json'), '--json');
    expect((JSON.parse(section.out) as { sections: unknown[] }).sections).toHaveLength(3);
  });
  test('bad input: exit 2 and one line with code, path and message', () => {
    for (const [what, text] of [
      ['statics', '{'],
      ['statics', '{"cases": 1}'],
      ['section', '{}'],
      ['sway', '{}'],
      ['cutting', '{"cases": []}'],
    ] as const) {
      const { code, out } = kereta('calc', what, fileOf('bad.json', text), '--json');
      expect(code).toBe(2);
      expect(out.trim().split('\n')).toHaveLength(1);
      expect(JSON.parse(out)).toMatchObject({
        error: { code: expect.any(String), path: expect.any(String), message: expect.any(String) },
      });
    }
  });
});

test('--version and --help', () => {
  expect(kereta('--version')).toMatchObject({ code: 0, out: expect.stringMatching(/^\d+\.\d+\.\d+\n$/) });
  expect(kereta('--help').out).toContain('check');
  expect(kereta('nonsense').code).toBe(2);
  const word = kereta('calc', 'constructor', fileOf('any.json', '{}'));
  expect(word.code).toBe(2);
  expect(JSON.parse(word.out)).toMatchObject({ error: { code: 'unsupported' } });
  const marked = fileOf('marked.kereta.json', `\uFEFF${writeProject(DEMO_PROJECTS[0] as Project)}`);
  expect([0, 1, 3]).toContain(kereta('check', marked).code);
});

describe('kereta calc frame', () => {
  const bar = { id: 'm', i: 'a', j: 'b', A: 1e-3, Iy: 1e-6, Iz: 1e-6, J: 1e-6, E: 2e11, G: 8e10 };
  const cantilever = {
    nodes: [
      { id: 'a', x: 0, y: 0, z: 0 },
      { id: 'b', x: 2, y: 0, z: 0 },
    ],
    members: [bar],
    supports: [{ node: 'a', ux: true, uy: true, uz: true, rx: true, ry: true, rz: true }],
    nodalLoads: [{ node: 'b', fz: -100 }],
  };
  test('a cantilever’s tip goes P·L³ ÷ 3EI; nothing else is printed', () => {
    const { out, code } = kereta('calc', 'frame', fileOf('frame.json', JSON.stringify(cantilever)), '--json');
    expect(code).toBe(0);
    const answer = JSON.parse(out) as { displacements: Record<string, number[]>; equilibriumResidual: number };
    expect(answer.displacements['b']?.[2]).toBeCloseTo(-(100 * 8) / (3 * 2e11 * 1e-6), 12);
    expect(answer.equilibriumResidual).toBeLessThan(1e-12);
  });
  test('a mechanism: exit 2, its code, what moves', () => {
    const loose = { ...cantilever, supports: [{ node: 'a', ux: true, uy: true, uz: true }] };
    const { out, code } = kereta('calc', 'frame', fileOf('loose.json', JSON.stringify(loose)), '--json');
    expect(code).toBe(2);
    expect(JSON.parse(out)).toMatchObject({ error: { code: 'mechanism', message: expect.stringContaining('node b') } });
  });
});
