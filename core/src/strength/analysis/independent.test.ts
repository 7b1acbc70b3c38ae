import { describe, expect, test } from 'vitest';
import { verify } from '../../../test/verify.js';
import { apiaryFlatbed } from '../../demos/apiaryFlatbed.js';
import { analysisInput, evaluate } from '../../evaluation/index.js';
import { trailerOf } from '../../project/index.js';
import { inches } from '../../units/index.js';
import { analyseStrength } from './analyse.js';
import type { RunKey } from './analysis.js';
import { memberDiagram } from './lookInto.js';

const demo = trailerOf(apiaryFlatbed);
// The height that the other program was given; no project has to know it, it is worked out today.
const trailer = {
  ...demo,
  runningGear: { ...demo.runningGear, measuredRailTopM: inches(23.625) },
};
const evaluation = evaluate(trailer);
const input = analysisInput(trailer, evaluation);

const largest = (memberId: string, key: RunKey, within: readonly [number, number] = [0, 1]): number => {
  const diagram = memberDiagram(input, memberId, key);
  if (!diagram) throw new Error(`nothing about ${memberId}`);
  return diagram.points
    .filter(({ xM }) => xM >= within[0] * diagram.lengthM && xM <= within[1] * diagram.lengthM)
    .reduce((most, { my }) => Math.max(most, Math.abs(my)), 0);
};
const MID = [0.25, 0.75] as const;

/**
 * Largest bending in the upright plane, N·m, of an independent frame model of the apiary flatbed (another program): legs joined to header and
 * rail only, ends of cross-members on springs, the deck as a truss in its own plane, every load a rigid box, springs as rockers.
 */
const TABLE: readonly (readonly [
  RunKey,
  rail: number,
  leg: number,
  header: number,
  cross1: number,
  cross3: number,
  end3: number,
])[] = [
  [
    { caseId: 'case.full-hives', situation: 'standing', variant: '', balance: 'supported' },
    749,
    660,
    168,
    244,
    352,
    152,
  ],
  [
    { caseId: 'case.full-hives', situation: 'bump-one', variant: 'left', balance: 'free' },
    1997,
    1095,
    392,
    361,
    604,
    332,
  ],
  [
    { caseId: 'case.full-hives', situation: 'braking', variant: 'hitch', balance: 'free' },
    1171,
    1758,
    200,
    405,
    480,
    203,
  ],
  [
    { caseId: 'case.full-hives', situation: 'cornering', variant: 'right', balance: 'free' },
    1388,
    1177,
    269,
    370,
    526,
    287,
  ],
  [
    { caseId: 'gross.uniform', situation: 'bump-both', variant: '', balance: 'supported' },
    2322,
    1929,
    408,
    561,
    710,
    297,
  ],
];
const source = 'independent frame model of the same trailer, another program';

describe('against an independent model of the same trailer', () => {
  test.each(TABLE)('%o: every bar within 15 %', (key, rail, leg, header, cross1, cross3, end3) => {
    const check = (what: string, ours: number, outside: number): void =>
      verify({
        area: 'Frame of a trailer',
        check: `${what}, ${key.caseId} ${key.situation} ${key.variant}`.trim(),
        ours,
        outside: String(outside),
        unit: 'N·m',
        source,
        tolerance: 0.15,
      });
    check('left rail', largest('rail.left', key), rail);
    check('left leg', largest('tongue.left', key), leg);
    check('front header', largest('header.front', key), header);
    check('end of cross-member 3', largest('cross.3', key, [0, 0]), end3);
    check('cross-member 1 in mid-span', largest('cross.1', key, MID), cross1);
    check('cross-member 3 in mid-span', largest('cross.3', key, MID), cross3);
  });
  test('reactions are those of statics, exactly', () => {
    const outcome = analyseStrength({ ...input, only: ({ situation }) => situation === 'standing' });
    if (outcome.kind !== 'analysed') throw new Error('not analysed');
    for (const { caseId, outside } of outcome.analysis.balances) {
      const standing = evaluation.cases.find(({ loadCase }) => loadCase.id === caseId)?.standing;
      if (!standing || standing.on !== 'ball') continue;
      const up = (place: string): number => outside.find((own) => own.place === place)?.forceN[2] ?? Number.NaN;
      const [axle] = standing.axles;
      expect(up('ball')).toBeCloseTo(standing.tongueN, 5);
      expect(up('axle.1.hub.left')).toBeCloseTo(axle!.leftN, 5);
      expect(up('axle.1.hub.right')).toBeCloseTo(axle!.rightN, 5);
    }
  });
});
