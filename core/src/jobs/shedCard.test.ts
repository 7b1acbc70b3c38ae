import { expect, test } from 'vitest';
import { DEMO_TRAILERS } from '../demos/index.js';
import { evaluate, evaluateFully } from '../evaluation/index.js';
import { sentenceOf, speaker } from '../wording/index.js';
import { JOBS } from './index.js';

test.each(DEMO_TRAILERS)(
  'the card of $name says what its workbench says, before and after the analysis',
  async (trailer) => {
    const light = await JOBS.shedCard({ trailer, outcome: undefined, language: 'en' });
    const { outcome, evaluation } = evaluateFully(trailer);
    const full = await JOBS.shedCard({ trailer, outcome, language: 'en' });
    expect(light.verdict).toBe(evaluate(trailer).verdict);
    expect(full.verdict).toBe(evaluation.verdict);
    const worst = evaluation.findings.find(({ counts }) => counts);
    expect(full.worst).toBe(worst && sentenceOf(worst, speaker(trailer)));
    // The picture runs from the ball to behind the bed, wheels on the ground.
    expect(full.shapes.length).toBeGreaterThan(10);
    expect(full.reach.x0M).toBeLessThan(-1);
    expect(full.reach.x1M).toBeGreaterThan(2);
    // It goes to the page as it is.
    expect(structuredClone(full)).toEqual(full);
  },
);
