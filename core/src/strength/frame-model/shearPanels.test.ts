import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../../test/projects.js';
import { verify } from '../../../test/verify.js';
import { evaluate, withStrength } from '../../evaluation/index.js';
import { prepareFrame, solvePattern } from '../../frame-analysis/index.js';
import { newPiece, type Piece, type Trailer } from '../../project/index.js';
import { analyseStrength } from '../index.js';
import { sheetShearNM } from '../joints/sheetShear.js';
import { framing } from './framing.js';
import { RIGID } from './rigid.js';
import { tieBay } from './sheetTies.js';

const area = 'Panels that carry';

describe('a sheet as crossed ties', () => {
  test('racks as a sheet in pure shear: u = H·h ÷ (G·t·b)', () => {
    const [b, h, shearNPerM, push] = [1.5, 0.9, 4e6, 1000];
    const frame = framing();
    const at = { a0: [0, 0, 0], a1: [0, 0, h], b0: [b, 0, 0], b1: [b, 0, h] } as const;
    for (const [id, place] of Object.entries(at)) frame.node(id, place);
    const pinned = ['ry'] as const;
    const bar = (id: string, from: string, to: string): void =>
      frame.element({ id, from, to, ...RIGID, releaseFrom: pinned, releaseTo: pinned });
    bar('post.a', 'a0', 'a1');
    bar('post.b', 'b0', 'b1');
    bar('top', 'a1', 'b1');
    const corner = (node: keyof typeof at) => ({ node, at: at[node] });
    tieBay(frame, 'sheet', [corner('a0'), corner('a1'), corner('b0'), corner('b1')], shearNPerM);
    const fixed = (node: string, directions: readonly (readonly [number, number, number])[]) => ({
      node,
      restraints: directions.flatMap((direction) =>
        (['translation', 'rotation'] as const).map((kind) => ({ kind, direction, stiffness: 'fixed' as const })),
      ),
    });
    const all = [
      [1, 0, 0],
      [0, 1, 0],
      [0, 0, 1],
    ] as const;
    const outOfPlane = (node: string) => ({
      node,
      restraints: [
        { kind: 'translation' as const, direction: [0, 1, 0] as const, stiffness: 'fixed' as const },
        ...all.map((direction) => ({ kind: 'rotation' as const, direction, stiffness: 'fixed' as const })),
      ],
    });
    const prepared = prepareFrame({
      nodes: frame.nodes,
      members: frame.members,
      supports: [fixed('a0', all), fixed('b0', all), outOfPlane('a1'), outOfPlane('b1')],
    });
    if (!prepared.ok) throw new Error(JSON.stringify(prepared.error));
    const solution = solvePattern(prepared.value, {
      member: [],
      nodal: [{ node: 'a1', forceN: [push, 0, 0], momentNm: [0, 0, 0] }],
    });
    if (!solution.ok) throw new Error(JSON.stringify(solution.error));
    const index = frame.nodes.findIndex(({ id }) => id === 'a1');
    verify({
      area,
      check: 'racking of a 1.5 × 0.9 m bay of G·t = 4 kN/mm under 1 kN',
      ours: (solution.value.displacements[index * 6] as number) * 1000,
      outside: (((push * h) / (shearNPerM * b)) * 1000).toFixed(4),
      unit: 'mm',
      source: 'pure shear, γ = τ ÷ G, by hand; posts and top are not quite rigid',
      tolerance: 0.01,
    });
  });
  test('a 1 mm aluminum bay of 0.6 × 1.5 m begins to fold at 1.05 N/mm', () => {
    // k = 5.34 + 4 × (0.6 ÷ 1.5)² = 5.98; τ = 5.98 × π² × 69.6 GPa ÷ (12 × 0.91) × (1 ÷ 600)² = 1.045 MPa.
    verify({
      area,
      check: 'shear that buckles a 1 mm aluminum sheet of 600 × 1500 mm',
      ours: (sheetShearNM({ kind: 'aluminum-sheet', thicknessM: 0.001 }, 0.6, 1.5) ?? 0) / 1000,
      outside: '1.05',
      unit: 'N/mm',
      source: 'Timoshenko & Gere, Theory of Elastic Stability, k = 5.34 + 4·(b/a)², worked by hand',
    });
    expect(sheetShearNM({ kind: 'aluminum-sheet', thicknessM: 0.001 }, 1.5, 0.6)).toBe(
      sheetShearNM({ kind: 'aluminum-sheet', thicknessM: 0.001 }, 0.6, 1.5),
    );
    expect(sheetShearNM({ kind: 'planks', thicknessM: 0.02 }, 1, 1)).toBeUndefined();
  });
});

describe('a box body whose skins hold it square', () => {
  const sample = sampleTrailer();
  const body = (change: Partial<Extract<Piece, { kind: 'body' }>>): Trailer => ({
    ...sample,
    frame: {
      ...sample.frame,
      pieces: [{ ...(newPiece(sample, 'imperial', 'body', 'piece.b') as Extract<Piece, { kind: 'body' }>), ...change }],
    },
  });
  const analysed = (trailer: Trailer) => {
    const own = evaluate(trailer);
    const outcome = analyseStrength({ trailer, chassis: own.chassis, bare: own.bare, cases: own.cases });
    if (outcome.kind !== 'analysed') throw new Error(JSON.stringify(outcome).slice(0, 300));
    const { analysis } = outcome;
    const posts = analysis.members.filter(({ memberId }) => memberId.startsWith('bar.b.post'));
    return { own, outcome, analysis, posts: Math.max(...posts.map(({ worst }) => worst.utilisation.value)) };
  };
  const loose = analysed(body({ carries: true }));
  const held = analysed(body({ carries: true, skinCarries: true }));
  test('its posts work far less hard than without them, and nothing is lost on the way to the ground', () => {
    expect(held.posts).toBeLessThan(0.6 * loose.posts);
    for (const { residual } of held.analysis.balances) expect(residual).toBeLessThan(1e-6);
    expect(loose.analysis.panels).toEqual([]);
    expect(new Set(held.analysis.panels.map(({ panelId }) => panelId))).toEqual(
      new Set(['panel.b.skin.left', 'panel.b.skin.right', 'panel.b.skin.front', 'panel.b.skin.rear', 'panel.b.roof']),
    );
  });
  test('each is told with what a fastener bears; a window takes its bay out', () => {
    const { findings } = withStrength(held.own, held.outcome);
    expect(findings.filter(({ code }) => code === 'panel-shear')).toHaveLength(5);
    const { lengthM } = sample.frame.bed;
    const windowed = analysed(
      body({
        carries: true,
        skinCarries: true,
        openings: [{ id: 'o', edge: 'left', alongM: 0.05, upM: 0.2, lengthM: lengthM - 0.1, heightM: 0.5 }],
      }),
    );
    expect(windowed.analysis.panels.map(({ panelId }) => panelId)).not.toContain('panel.b.skin.left');
    expect(windowed.analysis.panels.map(({ panelId }) => panelId)).toContain('panel.b.skin.right');
  });
});
