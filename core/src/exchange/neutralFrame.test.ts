import { describe, expect, test } from 'vitest';
import cantilever from '../../test/examples/frame-cantilever.json' with { type: 'json' };
import ladder from '../../test/examples/frame-ladder-twist.json' with { type: 'json' };
import { verify } from '../../test/verify.js';
import { calculateFrame } from './neutralFrame.js';

interface Answer {
  readonly displacements: Record<string, number[]>;
  readonly reactions: Record<string, number[]>;
  readonly memberEndForces: Record<string, number[]>;
  readonly equilibriumResidual: number;
}
const answerOf = (file: unknown): Answer => {
  const answer = calculateFrame(file);
  if (!answer.ok) throw new Error(answer.error.message);
  return answer.value as Answer;
};
const refusal = (file: unknown) => {
  const answer = calculateFrame(file);
  return answer.ok ? undefined : answer.error;
};

describe('neutral format, frames: figures of two independent programs', () => {
  test.each([
    ['cantilever', cantilever],
    ['ladder under twist', ladder],
  ] as const)('%s, to 1e-6', (name, file) => {
    const ours = answerOf(file);
    expect(ours.equilibriumResidual).toBeLessThan(1e-9);
    for (const what of ['displacements', 'reactions', 'memberEndForces'] as const) {
      const expected = file.expected[what] as Record<string, number[]>;
      const size = Math.max(...Object.values(expected).flat().map(Math.abs));
      const off = Object.entries(expected).flatMap(([id, values]) =>
        values.map((value, i) => Math.abs((ours[what][id]?.[i] ?? Number.NaN) - value) / size),
      );
      expect(Math.max(...off)).toBeLessThan(1e-6);
      const [id, values] = Object.entries(expected).at(-1) as [string, number[]];
      const largest = values.reduce((best, value, i) => (Math.abs(value) > Math.abs(values[best] ?? 0) ? i : best), 0);
      if (values[largest] !== 0)
        verify({
          area: 'Neutral frame examples',
          check: `${name}: ${what} of ${id}`,
          ours: ours[what][id]?.[largest] ?? Number.NaN,
          outside: String(values[largest]),
          unit: what === 'displacements' ? 'm or rad' : 'N or N·m',
          source: 'neutral example, two independent programs',
          tolerance: 1e-6,
        });
    }
  });
  const bar = { id: 'm', i: 'a', j: 'b', A: 1e-3, Iy: 1e-6, Iz: 1e-6, J: 1e-6, E: 2e11, G: 8e10 };
  const base = {
    nodes: [
      { id: 'a', x: 0, y: 0, z: 0 },
      { id: 'b', x: 2, y: 0, z: 0 },
    ],
    members: [bar],
    supports: [{ node: 'a', ux: true, uy: true, uz: true, rx: true, ry: true, rz: true }],
  };
  test('loads on part of a member, growing loads and points add up', () => {
    const { reactions } = answerOf({
      ...base,
      memberLoads: [
        { member: 'm', qz: -100 },
        { member: 'm', qz: 0, q2z: -300, from: 0.5, to: 1.5 },
        { member: 'm', at: 2, fz: -50 },
      ],
    });
    // 200 + 150 + 50; moments 200·1 + 150·(0.5 + 2/3) + 50·2
    expect(reactions['a']?.[2]).toBeCloseTo(400, 9);
    expect(reactions['a']?.[4]).toBeCloseTo(-(200 + 150 * (0.5 + 2 / 3) + 100), 9);
  });
  test('springs, releases by the force they cannot pass, rigid arms', () => {
    const { reactions, memberEndForces } = answerOf({
      ...base,
      members: [{ ...bar, releases: { j: ['my'] }, offsets: { j: [0, 0, 0.1] } }],
      supports: [...base.supports, { node: 'b', uz: 1e4, ry: true }],
      nodalLoads: [{ node: 'b', fz: -100 }],
    });
    expect(memberEndForces['m']?.[10]).toBeCloseTo(0, 9);
    expect((reactions['a']?.[2] ?? 0) + (reactions['b']?.[2] ?? 0)).toBeCloseTo(100, 9);
  });
  test('a mechanism names what moves; other faults name their place', () => {
    const loose = refusal({ ...base, supports: [{ node: 'a', ux: true, uy: true, uz: true }] });
    expect(loose?.code).toBe('mechanism');
    expect(loose?.message).toContain('node b');
    expect(loose?.message).toContain('about y');
    expect(refusal({ ...base, members: [{ ...bar, A: 0 }] })).toMatchObject({ code: 'invalid', path: 'members.m' });
    expect(refusal({ ...base, members: [{ ...bar, j: 'a' }] })).toMatchObject({ code: 'invalid', path: 'members.m' });
    expect(refusal({ ...base, members: [{ ...bar, E: 'steel' }] })).toMatchObject({ path: 'members[0].E' });
    expect(refusal({ ...base, supports: [] })).toMatchObject({ path: 'supports' });
    expect(refusal({ ...base, memberLoads: [{ member: 'm', at: 3, fz: 1 }] })).toMatchObject({ path: 'memberLoads.m' });
    expect(refusal('nothing')).toMatchObject({ code: 'invalid' });
  });
  test('nodes and bars may be numbered: 1 and "1" are the same, and the figures too', () => {
    const numbered = {
      nodes: base.nodes.map((node, index) => ({ ...node, id: index + 1 })),
      members: [{ ...bar, id: 7, i: 1, j: '2' }],
      supports: base.supports.map((support) => ({ ...support, node: 1 })),
      nodalLoads: [{ node: 2, fz: -100 }],
    };
    const named = answerOf({ ...base, nodalLoads: [{ node: 'b', fz: -100 }] });
    const ours = answerOf(numbered);
    expect(ours.displacements['2']).toEqual(named.displacements['b']);
    expect(ours.memberEndForces['7']).toEqual(named.memberEndForces['m']);
  });
  test('words that every object knows are none of the format’s, and absurd numbers are refused, not printed as null', () => {
    expect(refusal({ ...base, members: [{ ...bar, releases: { i: ['constructor'] } }] })).toMatchObject({
      code: 'invalid',
      path: 'members[0].releases.i[0]',
    });
    expect(
      refusal({
        ...base,
        nodalLoads: [
          { node: 'b', fz: -1e308 },
          { node: 'b', fz: -1e308 },
        ],
      })?.code,
    ).toMatch(/impossible|invalid/);
  });
});
