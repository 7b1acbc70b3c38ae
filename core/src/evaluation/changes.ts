import type { AnyFinding, Evaluation } from './evaluate.js';

/** A finding that says something else than before. */
export interface Change {
  readonly now: AnyFinding;
  readonly before: AnyFinding;
}

/** Relative difference below which a figure counts as the same. */
const SAME = 1e-6;

const figureOf = ({ value, utilisation }: AnyFinding): number | undefined => value?.value ?? utilisation;

const differs = (a: AnyFinding, b: AnyFinding): boolean => {
  if (a.verdict !== b.verdict) return true;
  const [x, y] = [figureOf(a), figureOf(b)];
  return x !== undefined && y !== undefined && Math.abs(x - y) > SAME * Math.max(Math.abs(x), Math.abs(y), 1e-9);
};

/** What one edit changed: findings of these steps with another verdict or another figure, changed verdicts first. */
export const changesBetween = (
  before: Evaluation,
  now: Evaluation,
  steps: readonly AnyFinding['step'][],
): readonly Change[] => {
  const old = new Map(before.findings.map((finding) => [finding.id, finding]));
  return now.findings
    .filter(({ step }) => steps.includes(step))
    .flatMap((finding): Change[] => {
      const was = old.get(finding.id);
      return was && differs(was, finding) ? [{ now: finding, before: was }] : [];
    })
    .sort((a, b) => Number(b.now.verdict !== b.before.verdict) - Number(a.now.verdict !== a.before.verdict));
};
