import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../../test/projects.js';
import { buildChassis, type Member } from '../../chassis/index.js';
import { inches } from '../../units/index.js';
import { allRound, lineGroup, weldForce } from './weldGroup.js';
import { hangerStrengthN } from './crippling.js';
import { weldMend } from './weldMend.js';

const tube = {
  kind: 'rect-tube',
  heightM: inches(3),
  widthM: inches(2),
  wallM: inches(0.174),
  outerRadiusM: 0,
  innerRadiusM: 0,
} as const;
const group = allRound(tube);
const passes = { n: 0, vy: 0, vz: 0, t: 0, my: 1000, mz: 0 };
const weak = (change: object) =>
  weldMend(
    {
      kind: 'butt',
      legM: inches(1 / 8),
      wallM: inches(0.174),
      group,
      passes,
      by: 'weld-metal',
      utilisation: 1.2,
      weldNM: weldForce(group, passes).perLengthNM / 1.2,
      ...change,
    },
    inches(1 / 16),
  );

describe('what mends a weld', () => {
  test('a thicker leg only as far as the wall takes it', () => {
    expect(weak({ wallM: inches(1 / 4) })).toEqual({ kind: 'leg', legM: inches(3 / 16) });
    expect(weak({}).kind).not.toBe('leg');
    for (const utilisation of [1.01, 1.3, 2, 4, 8]) {
      const mend = weak({ utilisation, weldNM: weldForce(group, passes).perLengthNM / utilisation });
      if (mend.kind === 'leg') expect(mend.legM).toBeLessThanOrEqual(inches(0.174));
    }
  });
  test('then a gusset, the least that brings it down: worked out by lines', () => {
    const mend = weak({});
    if (mend.kind !== 'gusset') throw new Error(mend.kind);
    const [b, d] = [inches(2), inches(3)];
    const lines = lineGroup([
      [0, 0, b, 0],
      [0, d, b, d],
      [0, 0, 0, d],
      [b, 0, b, d],
      [b / 2, -mend.legM, b / 2, 0],
      [b / 2, -mend.legM, b / 2, 0],
    ]);
    expect(weldForce(lines, passes).perLengthNM).toBeLessThanOrEqual(weldForce(group, passes).perLengthNM / 1.2);
  });
  test('a lap is made longer, up to twice; a wall that is the weaker made thicker', () => {
    expect(weak({ kind: 'lap', utilisation: 1.5 })).toEqual({ kind: 'longer', lengthM: group.lengthM * 1.5 });
    expect(weak({ kind: 'lap', utilisation: 3 })).toEqual({ kind: 'plate' });
    expect(weak({ by: 'base-metal' })).toEqual({ kind: 'wall', wallM: inches(0.174) * 1.2 });
  });
});

describe('walls under hangers', () => {
  const rail = (widthIn: number): Member => ({
    ...(buildChassis(sampleTrailer()).members[0] as Member),
    section: {
      id: 'rail',
      designation: '',
      family: 'steel',
      group: '',
      usualMaterialId: 'a500b',
      shape: { ...tube, heightM: inches(4), widthM: inches(widthIn) },
      source: { kind: 'own' },
    },
  });
  test('a tube as narrow as its hangers bears by its sides; a wider one’s bottom wall bends between them', () => {
    const narrow = hangerStrengthN(rail(2))!;
    const wide = hangerStrengthN(rail(4))!;
    expect(wide).toBeLessThan(narrow / 3);
    // Two cheeks of 1/4 in, 3.54 in long, on a wall of 0.174 in, 46 ksi, 4 in wide: 2 × 46·0.174²·(1.77 + 3.873) ÷ 0.9375 ÷ 1.5 = 11.2 kip.
    expect(wide / 4448.22).toBeCloseTo(11.2, 0);
  });
});
