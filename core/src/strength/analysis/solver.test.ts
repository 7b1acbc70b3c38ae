import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../../test/projects.js';
import { DEMO_TRAILERS } from '../../demos/index.js';
import { analysisInput, evaluate } from '../../evaluation/index.js';
import type { Trailer } from '../../project/index.js';
import { type AnalysisInput, analyseStrength } from './analyse.js';
import type { RunKey } from './analysis.js';
import type { SolvedRun } from './solver.js';

const inputOf = (trailer: Trailer): AnalysisInput => analysisInput(trailer, evaluate(trailer));
const nameOf = ({ caseId, situation, variant, balance }: RunKey): string =>
  `${caseId} ${situation} ${variant} ${balance}`;

/** End forces of every run, as they are while it is looked at. */
const endForces = (input: AnalysisInput, only?: (key: RunKey) => boolean): ReadonlyMap<string, Float64Array> => {
  const seen = new Map<string, Float64Array>();
  analyseStrength({
    ...input,
    ...(only ? { only } : {}),
    watch: ({ key, solved }) => seen.set(nameOf(key), solved.endForces.slice()),
  });
  return seen;
};

describe('runs share what they have in common', () => {
  test.each([sampleTrailer(), ...DEMO_TRAILERS].map((trailer) => [trailer.name, trailer] as const))(
    '%s: each run alone is what it is among all others',
    (_name, trailer) => {
      const input = inputOf(trailer);
      const all = endForces(input);
      const names = [...all.keys()];
      for (const name of names.filter((_, i) => i % 7 === 0)) {
        const alone = endForces(input, (key) => nameOf(key) === name).get(name) as Float64Array;
        const among = all.get(name) as Float64Array;
        const size = Math.max(...alone.map(Math.abs));
        const apart = Math.max(...alone.map((force, i) => Math.abs(force - (among[i] as number))));
        expect(apart / size, name).toBeLessThan(1e-8);
      }
    },
  );
  test('a run is looked at before the next one of its case is solved', () => {
    const kept: SolvedRun[] = [];
    analyseStrength({ ...inputOf(sampleTrailer()), watch: ({ solved }) => kept.push(solved) });
    expect(() => kept[0]?.inner(0)).toThrow('a later run of this case has been solved since');
  });
});
