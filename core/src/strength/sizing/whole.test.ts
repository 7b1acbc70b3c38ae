import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { butting } from '../../../test/everydayTrailers.js';
import { evaluateFully, failsOf } from '../../evaluation/index.js';
import { placeOf, type Trailer, trailerOf } from '../../project/index.js';
import { type Answers, startingProject } from '../../starting/index.js';
import { inches } from '../../units/index.js';
import { analyseStrength } from '../analysis/analyse.js';
import { frameMassKg, inputOf, SIZED_GROUPS, sharesOf, withSections } from './design.js';
import type { SizingRequest, SizingResult } from './request.js';
import { sizingSteps } from './size.js';

const sized = (request: SizingRequest): SizingResult => {
  const steps = sizingSteps(request, failsOf);
  for (let step = steps.next(); ; step = steps.next()) if (step.done) return step.value;
};
/** Few enough that thirty trailers do not take minutes. */
const RAILS = [
  'hss-2x1x1_8',
  'hss-2x2x1_8',
  'hss-3x1-1_2x1_8',
  'hss-3x2x1_8',
  'hss-3x2x3_16',
  'hss-4x2x3_16',
  'hss-6x2x3_16',
];
const CROSSES = ['hss-1-1_2x1-1_2x1_8', 'hss-2x1x1_8', 'hss-2x2x1_8', 'hss-3x2x1_8', 'hss-4x2x1_8'];
const requestOf = (trailer: Trailer): SizingRequest => ({
  trailer,
  candidates: { rail: RAILS, header: RAILS, cross: CROSSES, tongue: RAILS },
  aim: 'mass',
  leastWallM: 0,
  flush: true,
  badly: false,
});

const answers: fc.Arbitrary<Answers> = fc.record({
  what: fc.constant('bricks'),
  name: fc.constant('Any trailer'),
  massKg: fc.double({ min: 60, max: 1600, noNaN: true }),
  lengthM: fc.double({ min: 1.2, max: 4, noNaN: true }),
  widthM: fc.double({ min: 0.9, max: 1.9, noNaN: true }),
  heightM: fc.double({ min: 0.3, max: 1, noNaN: true }),
  vehicleId: fc.constantFrom(null, 'vehicle-pickup'),
  road: fc.constantFrom<Answers['road']>('road', 'rough'),
  steel: fc.constant<Answers['steel']>({ kind: 'steel' }),
});
const began = { id: 'trailer.any', loadId: 'item.load', place: placeOf('en-US') };

describe('a frame that is handed out', () => {
  test('thirty trailers as anybody answers: sized, each fails no check of any step that it did not fail before, and no lighter neighbor bears', () => {
    let found = 0;
    for (const given of fc.sample(answers, { numRuns: 30, seed: 29 })) {
      const trailer = trailerOf(startingProject(given, began).project);
      const [best] = sized(requestOf(trailer)).best;
      if (!best) continue;
      found += 1;
      const design = withSections(trailer, best.sections);
      const before = new Set(failsOf(trailer, undefined).map(({ id }) => id));
      const { evaluation, outcome } = evaluateFully(design);
      const fails = failsOf(design, outcome).filter(({ id }) => !before.has(id));
      expect(fails, JSON.stringify(given)).toEqual([]);
      expect(
        evaluation.findings.filter(({ step, counts, verdict }) => step === 'strength' && counts && verdict === 'over'),
      ).toEqual([]);
      for (const group of SIZED_GROUPS) {
        const list = group === 'cross' ? CROSSES : RAILS;
        for (const sectionId of list) {
          const lighter = withSections(trailer, {
            ...best.sections,
            [group]: { ...best.sections[group], sectionId },
          });
          const input = inputOf(lighter);
          const heights = input.chassis.members.filter(({ group: own }) => own === 'rail' || own === 'header');
          const flush = new Set(heights.map(({ bar }) => bar.heightM.toFixed(4))).size === 1;
          if (!flush || frameMassKg(input.bare) >= best.massKg - 1e-6) continue;
          const outcomeOf = analyseStrength(input);
          const bears = outcomeOf.kind === 'analysed' && (sharesOf(outcomeOf.analysis)[0]?.share ?? 0) <= 1;
          const anew = failsOf(lighter, outcomeOf).some(({ id }) => !before.has(id));
          expect(bears && !anew, `${group} ${sectionId} ${JSON.stringify(given)}`).toBe(false);
        }
      }
    }
    expect(found).toBeGreaterThan(20);
  }, 240_000);
  test('a tongue that ends at its header gets a header as deep as it is, and a wall that holds', () => {
    const [best] = sized(requestOf(butting('a-frame', 'hss-2x2x1_4', 1900))).best;
    const design = withSections(butting('a-frame', 'hss-2x2x1_4', 1900), best!.sections);
    const { chassis, findings } = evaluateFully(design).evaluation;
    const deep = (id: string): number => chassis.members.find((member) => member.id === id)!.bar.heightM;
    expect(deep('header.front')).toBeGreaterThanOrEqual(0.9 * deep('tongue.left') - inches(0.001));
    const own = findings.filter(({ code }) => code === 'end-wall' || code === 'header-too-shallow');
    expect(own.every(({ verdict }) => verdict !== 'over')).toBe(true);
  }, 60_000);
});
