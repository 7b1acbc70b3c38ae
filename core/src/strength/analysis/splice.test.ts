import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../../test/projects.js';
import { evaluate } from '../../evaluation/index.js';
import { buildCutList } from '../../fabrication/index.js';
import type { Trailer } from '../../project/index.js';
import { speaker } from '../../wording/index.js';
import { weldName } from '../../wording/weldName.js';
import { analyseStrength } from './analyse.js';

const sample = sampleTrailer();
const spliced = (atM: readonly number[], change: Partial<Trailer['frame']> = {}): Trailer => ({
  ...sample,
  frame: {
    ...sample.frame,
    ...change,
    overrides: { 'rail.left': { splices: atM.map((at) => ({ atM: at })) } },
  },
});
const analysed = (trailer: Trailer) => {
  const { chassis, bare, cases } = evaluate(trailer);
  const outcome = analyseStrength({ trailer, chassis, bare, cases });
  if (outcome.kind !== 'analysed') throw new Error(JSON.stringify(outcome));
  return outcome.analysis;
};
const weldsOf = (trailer: Trailer) => analysed(trailer).welds.filter(({ kind }) => kind === 'splice');

describe('a rail of two lengths welded together', () => {
  test('is cut as two, which weigh as much as one and lie end on end', () => {
    const [whole, two] = [sample, spliced([0.9])].map((trailer) => buildCutList(evaluate(trailer).chassis));
    const railsOf = (list: typeof two) =>
      (list?.rows ?? []).filter(({ memberIds }) => memberIds.includes('rail.left')).map((row) => row.cutLengthM);
    const [lengthM = 0] = railsOf(whole);
    const [short = 0, long = 0] = railsOf(two).toSorted((a, b) => a - b);
    expect(short).toBeCloseTo(0.9, 9);
    expect(long).toBeCloseTo(lengthM - 0.9, 9);
    expect(two?.massKg).toBeCloseTo(whole?.massKg ?? 0, 9);
    expect(two?.rows.reduce((sum, row) => sum + row.quantity, 0)).toBe(
      (whole?.rows.reduce((sum, row) => sum + row.quantity, 0) ?? 0) + 1,
    );
  });
  test('its weld bears what the rail bears there, and is named; the rail itself works as before', () => {
    const [weld, ...others] = weldsOf(spliced([0.9]));
    expect(others).toEqual([]);
    if (!weld) throw new Error('no weld');
    expect(weld).toMatchObject({ memberId: 'rail.left', joint: 'splice' });
    expect(weldName(weld.memberId, weld.joint, speaker(sample))).toBe('Weld of a splice in left rail');
    const share = (trailer: Trailer): number =>
      analysed(trailer).members.find(({ memberId }) => memberId === 'rail.right')!.worst.utilisation.value;
    expect(share(spliced([0.9]))).toBeCloseTo(share(sample), 9);
    const plain = analysed(sample).members.find(({ memberId }) => memberId === 'rail.left')!.worst.utilisation.value;
    const own = analysed(spliced([0.9])).members.find(({ memberId }) => memberId === 'rail.left')!.worst.utilisation
      .value;
    expect(own).toBeCloseTo(plain, 6);
  });
  test('where the rail bends less its weld works less', () => {
    // Just behind the front header a rail bends little; ahead of the axle it bends most.
    const [front, middle] = [weldsOf(spliced([0.1])), weldsOf(spliced([1.2]))].map(([weld]) => weld?.utilisation ?? 0);
    expect(front).toBeGreaterThan(0);
    expect(middle).toBeGreaterThan(front as number);
  });
  test('of aluminum: the metal beside it counts at its welded strength', () => {
    const bar = { sectionId: 'alu-4x2x1_8', materialId: '6061-t6', faces: 'in' } as const;
    const { groups } = sample.frame;
    const alu = { groups: { ...groups, rail: { ...bar }, header: { ...bar }, cross: { ...bar }, tongue: { ...bar } } };
    expect(evaluate({ ...sample, frame: { ...sample.frame, ...alu } }).chassis.problems).toEqual([]);
    const worst = (trailer: Trailer): number =>
      analysed(trailer).members.find(({ memberId }) => memberId === 'rail.left')!.worst.utilisation.value;
    expect(worst(spliced([1.3], alu))).toBeGreaterThan(worst(spliced([], alu)));
  });
  test('on a joint it is looked at right beside it; at an end or past it there is none', () => {
    const cross = evaluate(sample).chassis.members.find(({ id }) => id === 'cross.2')!;
    const [on, near] = [cross.centre.xM, cross.centre.xM - 0.02].map((at) => weldsOf(spliced([at])));
    expect(on).toHaveLength(1);
    expect((on?.[0]?.utilisation ?? 0) / (near?.[0]?.utilisation ?? 1)).toBeCloseTo(1, 0);
    expect(weldsOf(spliced([0]))).toEqual([]);
    expect(weldsOf(spliced([90]))).toEqual([]);
  });
});
