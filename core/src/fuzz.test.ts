import { describe, expect, test } from 'vitest';
import { chanceOf, extremeProject, notFigures } from '../test/fuzz/extremes.js';
import { mutatedFile } from '../test/fuzz/mutations.js';
import { doubtOf } from './balance/index.js';
import {
  adviceFor,
  analysisInput,
  type AnyFinding,
  evaluate,
  shareOverAxle,
  tongueLengthRows,
  withStrength,
} from './evaluation/index.js';
import { readProject, type Trailer, trailerOf } from './project/index.js';
import { analysisSteps } from './strength/index.js';
import { swayOf } from './towing/index.js';
import { fileProblemSentence, printWorking, sentenceOf, speaker } from './wording/index.js';

/** Kept small in every run; `npm run fuzz` goes through a hundred thousand files and ten thousand trailers. */
const FILES = Number(process.env['KERETA_FUZZ_FILES'] ?? 600);
const TRAILERS = Number(process.env['KERETA_FUZZ_TRAILERS'] ?? 60);
const FROM = Number(process.env['KERETA_FUZZ_FROM'] ?? 0);
/** No file is looked at for longer, ms; generous, for machines are slow and shared. */
const LONGEST_MS = 4000;

const NO_NUMBER = /NaN|Infinity|undefined|\bnull\b|\[object/;

const soundFindings = (trailer: Trailer, findings: readonly AnyFinding[]): void => {
  const say = speaker(trailer);
  for (const finding of findings) {
    const { code, data, value, limit, utilisation, working } = finding;
    expect(notFigures({ data, value, limit, utilisation, working }), code).toEqual([]);
    expect(sentenceOf(finding, say), code).not.toMatch(NO_NUMBER);
    for (const line of working)
      expect(JSON.stringify(printWorking(line, trailer.settings.units)), code).not.toMatch(NO_NUMBER);
  }
};

const seeds = (count: number): readonly number[] => Array.from({ length: count }, (_, index) => FROM + index);

describe('whatever a file holds', () => {
  test(
    `${FILES} damaged and changed files are opened or refused in words, soon, and pollute nothing`,
    () => {
      let opened = 0;
      for (const seed of seeds(FILES)) {
        const text = mutatedFile(seed);
        const started = performance.now();
        const read = readProject(text);
        expect(performance.now() - started, `seed ${seed}`).toBeLessThan(LONGEST_MS);
        expect(Object.keys(Object.prototype), `seed ${seed}`).toEqual([]);
        if (!read.ok) {
          expect(fileProblemSentence(read.error), `seed ${seed}`).not.toMatch(/NaN|undefined|\[object/);
          continue;
        }
        opened += 1;
        const trailer = trailerOf(read.value);
        const evaluation = evaluate(trailer);
        expect(performance.now() - started, `seed ${seed}`).toBeLessThan(2 * LONGEST_MS);
        soundFindings(trailer, evaluation.findings);
      }
      expect(opened).toBeGreaterThan(FILES / 50);
    },
    20_000 + 100 * FILES,
  );
});

describe('whatever sizes are allowed', () => {
  test(
    `${TRAILERS} trailers with values at their extremes have figures, or say that there are none`,
    () => {
      let looked = 0;
      for (const seed of seeds(TRAILERS)) {
        const project = extremeProject(seed);
        if (!project) continue;
        looked += 1;
        const trailer = trailerOf(project);
        const evaluation = evaluate(trailer);
        const { trailer: _trailer, findings, ...results } = evaluation;
        expect(notFigures({ ...results, steps: undefined }), `seed ${seed}`).toEqual([]);
        soundFindings(trailer, findings);
        // The long jobs are gone through for one in ten.
        if (seed % 10 !== 0) continue;
        const steps = analysisSteps(analysisInput(trailer, evaluation));
        let step = steps.next();
        while (!step.done) step = steps.next();
        soundFindings(trailer, withStrength(evaluation, step.value).findings);
        const jobs = {
          sway: swayOf(trailer, evaluation.cases),
          doubt: doubtOf(evaluation),
          advice: adviceFor(trailer).map(({ trailer: _changed, ...told }) => told),
          lengths: tongueLengthRows(trailer),
          shares: shareOverAxle(trailer),
        };
        expect(notFigures(jobs), `seed ${seed}`).toEqual([]);
      }
      expect(looked).toBeGreaterThan(TRAILERS / 2);
    },
    60_000 + 400 * TRAILERS,
  );
  test('the same seed gives the same trailer', () => {
    expect(extremeProject(7)).toEqual(extremeProject(7));
    expect(chanceOf(1).next()).toBe(chanceOf(1).next());
  });
});
