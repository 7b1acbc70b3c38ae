import { describe, expect, test } from 'vitest';
import { EVERYDAY } from '../../../test/everydayTrailers.js';
import { sampleTrailer } from '../../../test/projects.js';
import { evaluateFully } from '../../evaluation/index.js';
import type { Trailer } from '../../project/index.js';
import { hardestOf } from '../analysis/hardest.js';
import { type Carry, carrySteps, withLoads } from './carry.js';

const carried = (trailer: Trailer): Carry | undefined => {
  const steps = carrySteps(trailer);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
};
const hardest = (trailer: Trailer): number => {
  const { outcome } = evaluateFully(trailer);
  return outcome.kind === 'analysed' ? (hardestOf(outcome.analysis)[0]?.share ?? 0) : Number.NaN;
};

describe('what could it carry', () => {
  test.each(['utility 5 x 8, all 2 x 2', 'utility 5 x 8, 3 x 1 rails', 'backbone of receiver tube'])(
    '%s: at the gross it says the hardest part is at its limit, a little more is too much',
    (name) => {
      const trailer = EVERYDAY[name]!;
      const carry = carried(trailer)!;
      const at = hardest(withLoads(trailer, carry.factor));
      expect(at).toBeLessThanOrEqual(1);
      expect(at).toBeGreaterThan(0.99);
      expect(hardest(withLoads(trailer, carry.factor * 1.03))).toBeGreaterThan(1);
      expect(withLoads(trailer, carry.factor).ratedGrossKg).toBeCloseTo(carry.grossKg!, 6);
    },
  );
  test('loads in proportion: cargo and what the plate leaves for it, nothing that is bolted on', () => {
    const base = sampleTrailer();
    const twice = withLoads(base, 2);
    expect(twice.items[0]!.massKg.value).toBeCloseTo(2 * base.items[0]!.massKg.value, 9);
    expect(withLoads(base, 1).ratedGrossKg).toBeCloseTo(base.ratedGrossKg!, 9);
    const bolted = { ...base, items: base.items.map((item) => ({ ...item, kind: 'fixed' as const })) };
    expect(withLoads(bolted, 2).items).toEqual(bolted.items);
  });
  test('the least of all parts is the plate that all agree on; unread stamps are left out', () => {
    const carry = carried(sampleTrailer())!;
    const grosses = carry.limits.map(({ grossKg }) => grossKg);
    expect(grosses).toEqual([...grosses].sort((a, b) => a - b));
    const unread: Trailer = {
      ...sampleTrailer(),
      runningGear: {
        ...sampleTrailer().runningGear,
        axle: { ...sampleTrailer().runningGear.axle, ratingKg: null },
      },
    };
    expect(carried(unread)!.limits.map(({ part }) => part)).not.toContain('axle');
  });
  test('a frame that does not bear itself says so; one that cannot be analysed has no answer', () => {
    const thin: Trailer = {
      ...sampleTrailer(),
      frame: {
        ...sampleTrailer().frame,
        groups: {
          ...sampleTrailer().frame.groups,
          tongue: { sectionId: 'tube-1x1x16ga', materialId: 'unmarked-tube', faces: 'in' },
        },
      },
    };
    expect(carried(thin)).toMatchObject({ grossKg: undefined, ends: { memberId: expect.stringContaining('tongue') } });
    expect(
      carried({ ...sampleTrailer(), runningGear: { ...sampleTrailer().runningGear, layout: 'none' } }),
    ).toBeUndefined();
  });
});
