import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../../test/projects.js';
import { DEMO_TRAILERS } from '../../demos/index.js';
import { evaluateFully, failsOf } from '../../evaluation/index.js';
import type { Trailer } from '../../project/index.js';
import { analyseStrength } from '../analysis/analyse.js';
import { SITUATION_IDS } from '../situations/situations.js';
import { frameMassKg, inputOf, sectionsOf, sharesOf, withSections } from './design.js';
import { wayOutSteps, withBar } from './wayOut.js';
import { neighbourSteps } from './neighbours.js';
import type { SizingRequest } from './request.js';
import { sizingSteps } from './size.js';

const finished = <T>(steps: Generator<unknown, T, void>): T => {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
};
const sized = (asked: SizingRequest) => finished(sizingSteps(asked, failsOf));
/** Fewer situations, so that going through everything by force stays quick. */
const small = (): Trailer => {
  const base = sampleTrailer();
  const kept = new Set(['standing', 'bump-both', 'braking', 'drawbar']);
  return { ...base, strength: { ...base.strength, off: SITUATION_IDS.filter((id) => !kept.has(id)) } };
};
const CROSS = ['hss-2x1x1_8', 'hss-2x1-1_2x1_8', 'hss-2x2x1_8', 'hss-3x2x1_8'];
const RAIL = ['hss-3x2x3_16', 'hss-4x2x1_8', 'hss-4x2x3_16', 'hss-4x2x1_4'];
const request = (change: Partial<SizingRequest> = {}): SizingRequest => ({
  trailer: small(),
  candidates: { cross: CROSS, rail: RAIL },
  aim: 'mass',
  leastWallM: 0,
  flush: false,
  badly: false,
  ...change,
});
const byForce = (trailer: Trailer): { massKg: number; cross: string; rail: string } | undefined =>
  CROSS.flatMap((cross) =>
    RAIL.map((rail) => {
      const groups = sectionsOf(trailer);
      const design = withSections(trailer, {
        ...groups,
        cross: { ...groups.cross, sectionId: cross },
        rail: { ...groups.rail, sectionId: rail },
      });
      const input = inputOf(design);
      const outcome = analyseStrength(input);
      const share =
        outcome.kind === 'analysed' ? (sharesOf(outcome.analysis)[0]?.share ?? 0) : Number.POSITIVE_INFINITY;
      return { massKg: frameMassKg(input.bare), cross, rail, passes: share <= 1 };
    }),
  )
    .filter(({ passes }) => passes)
    .sort((a, b) => a.massKg - b.massKg)[0];

describe('sizing', () => {
  test('on a small problem it finds what going through all combinations finds, and says that this is proved', () => {
    const trailer = small();
    const forced = byForce(trailer);
    const result = sized(request({ trailer }));
    expect(forced).toBeDefined();
    expect(result.proved).toBe(true);
    expect(result.best[0]?.massKg).toBeCloseTo(forced?.massKg ?? Number.NaN, 9);
    expect(result.best[0]?.sections.cross.sectionId).toBe(forced?.cross);
    expect(result.best[0]?.sections.rail.sectionId).toBe(forced?.rail);
  });
  test('the same question gets the same answer; a search says that it is one', () => {
    const many = request({
      candidates: { cross: CROSS, rail: RAIL, header: RAIL, tongue: RAIL },
    });
    const [one, two] = [sized(many), sized(many)];
    expect(one).toEqual(two);
    expect(one.proved).toBe(false);
    for (const design of one.best) expect(design.worst.share).toBeLessThanOrEqual(1);
    const masses = one.best.map(({ massKg }) => massKg);
    expect(masses).toEqual([...masses].sort((a, b) => a - b));
  });
  test('what a search finds, no lighter swap of one group or of two betters', () => {
    const list = ['hss-2x2x1_8', 'hss-3x1-1_2x1_8', 'hss-3x2x1_8', 'hss-3x2x3_16', 'hss-4x2x1_8', 'hss-4x3x1_8'];
    const trailer = small();
    const found = sized(request({ trailer, candidates: { rail: list, header: list, cross: list, tongue: list } }));
    const best = found.best[0]!;
    expect(found.proved).toBe(false);
    expect(found.settled).toBe(true);
    const groups = ['rail', 'header', 'cross', 'tongue'] as const;
    const passes = (changed: typeof best.sections): boolean => {
      const input = inputOf(withSections(trailer, changed));
      if (frameMassKg(input.bare) >= best.massKg - 1e-9) return false;
      const outcome = analyseStrength(input);
      return outcome.kind === 'analysed' && (sharesOf(outcome.analysis)[0]?.share ?? 0) <= 1;
    };
    const to = (sections: typeof best.sections, group: (typeof groups)[number], sectionId: string) => ({
      ...sections,
      [group]: { ...sections[group], sectionId },
    });
    for (const [i, one] of groups.entries()) {
      for (const a of list) {
        expect(passes(to(best.sections, one, a)), `${one} ${a}`).toBe(false);
        for (const two of groups.slice(i + 1))
          for (const b of list)
            expect(passes(to(to(best.sections, one, a), two, b)), `${one} ${a}, ${two} ${b}`).toBe(false);
      }
    }
  }, 60_000);
  test('bearing the plate badly loaded is a wish that costs metal', () => {
    const own = sized(request({ candidates: { cross: CROSS } })).best[0]!;
    const wished = sized(request({ candidates: { cross: CROSS }, badly: true })).best[0]!;
    expect(wished.massKg).toBeGreaterThan(own.massKg);
  });
  test('walls too thin to weld are left out; flush headers are as deep as the rails', () => {
    const thick = sized(request({ leastWallM: 0.0047, candidates: { rail: RAIL } }));
    for (const { sections } of thick.best) expect(sections.rail.sectionId).not.toBe('hss-4x2x1_8');
    const flush = sized(request({ flush: true, candidates: { rail: RAIL, header: RAIL } }));
    for (const { sections } of flush.best)
      expect(sections.rail.sectionId.slice(0, 7)).toBe(sections.header.sectionId.slice(0, 7));
  });
  test('by price: with one price for all steel the lightest is the cheapest; without one there is none', () => {
    const base = small();
    const priced = { ...base, pricesPerKg: { steel: 4, aluminum: null } };
    const result = sized(request({ trailer: priced, aim: 'price' }));
    expect(result.best[0]?.price).toBeCloseTo(4 * (result.best[0]?.massKg ?? 0), 0);
    expect(sized(request()).best[0]?.price).toBeUndefined();
  });
  test('one size down and up for each group, with mass and what then works hardest', () => {
    const { present, steps } = finished(neighbourSteps(small(), failsOf));
    expect(present.worst.share).toBeGreaterThan(0);
    expect(steps.filter(({ direction }) => direction === 'up').length).toBeGreaterThanOrEqual(3);
    for (const { group, direction, design } of steps) {
      if (group !== 'rail') continue;
      expect(design.massKg > present.massKg).toBe(direction === 'up');
    }
  });
  test('it yields often, so that it can be stopped', () => {
    const steps = sizingSteps(request(), failsOf);
    expect(steps.next().done).toBe(false);
    expect(steps.return(undefined as never).done).toBe(true);
  });
});

describe('a way out for one bar', () => {
  test('the demo’s light cross-member: the lightest stronger section that passes in the whole frame', () => {
    const trailer = DEMO_TRAILERS[0] as Trailer;
    const found = finished(wayOutSteps(trailer, 'cross.3', 1.4));
    expect(found?.share).toBeLessThanOrEqual(1);
    expect(found?.worst.share).toBeLessThanOrEqual(1);
    const mended = withBar(trailer, 'cross.3', found?.sectionId ?? '', found?.materialId ?? '');
    expect(evaluateFully(mended).evaluation.steps.strength.verdict).not.toBe('over');
  });
  test('a pair is mended on both sides; a bar that no next size helps has none', () => {
    const base = small();
    expect(withBar(base, 'rail.left', 'hss-4x2x1_4', 'a500b').frame.overrides).toMatchObject({
      'rail.left': { sectionId: 'hss-4x2x1_4' },
      'rail.right': { sectionId: 'hss-4x2x1_4' },
    });
    expect(finished(wayOutSteps(base, 'rail.left', 1000))).toBeUndefined();
  });
});
