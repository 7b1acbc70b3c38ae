import { DEMO_TRAILERS, evaluate, isChecked, STEP_IDS, type Trailer } from '@kereta/core';
import { describe, expect, test } from 'vitest';
import { deciding } from './WhyPath';

const findingsOf = (trailer: Trailer, step: (typeof STEP_IDS)[number]) =>
  isChecked(step) ? evaluate(trailer).steps[step].findings : [];

describe('what decides a step', () => {
  test('the check with the step’s own verdict; nothing where it is within or tight', () => {
    for (const trailer of DEMO_TRAILERS)
      for (const step of STEP_IDS) {
        if (!isChecked(step)) continue;
        const { verdict, findings } = evaluate(trailer).steps[step];
        const why = deciding(findings);
        if (verdict === 'over' || verdict === 'open') expect(why?.finding.verdict).toBe(verdict);
        else expect(why).toBeUndefined();
      }
  });
  test('others like it are counted, notes are not', () => {
    const findings = findingsOf(DEMO_TRAILERS[1] as Trailer, 'tongue');
    const over = findings.filter(({ counts, verdict }) => counts && verdict === 'over');
    expect(over.length).toBeGreaterThan(1);
    expect(deciding(findings)?.others).toBe(over.length - 1);
    expect(deciding([])).toBeUndefined();
    expect(deciding(findings.map((finding) => ({ ...finding, counts: false })))).toBeUndefined();
  });
});
