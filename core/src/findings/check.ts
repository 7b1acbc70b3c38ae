import type { Source } from '../source.js';
import { type Finding, type CheckedStepId, type Verdict, verdictOf } from './finding.js';
import type { Rule } from './rule.js';
import {
  concluding,
  type Expression,
  type Measured,
  over,
  type WorkingLabel,
  type WorkingLine,
  workedOut,
} from './working.js';

/** What a finding is about, whatever it says. */
interface About<Code extends string, Data> {
  readonly rule: Rule & { readonly code: Code };
  readonly data: Data;
  readonly step: CheckedStepId;
  /** id of the part it is about */
  readonly subject: string;
  readonly caseId?: string | undefined;
  readonly region?: string | undefined;
  /** tells several findings of one code about one part apart: left and right, laden and empty, load by load */
  readonly aspect?: string | undefined;
  /** false where it only compares or explains */
  readonly counts?: boolean;
  readonly working?: readonly WorkingLine[];
  /** where the rule has another source for this one: by region, metal or clause */
  readonly source?: Source;
}

export interface Found<Code extends string, Data> extends About<Code, Data> {
  readonly verdict: Verdict;
  readonly value?: Measured | undefined;
  readonly limit?: Measured | undefined;
  readonly utilisation?: number | undefined;
}

const finite = (figure: Measured | undefined): Measured | undefined =>
  figure !== undefined && Number.isFinite(figure.value) ? figure : undefined;

const operandsAreFigures = (expression: Expression): boolean =>
  'op' in expression
    ? operandsAreFigures(expression.left) && operandsAreFigures(expression.right)
    : Number.isFinite(expression.value);

/** A line whose numbers are numbers: others cannot be followed, and are left out. */
const followable = ({ expression, result }: WorkingLine): boolean =>
  Number.isFinite(result.value) && (expression === undefined || operandsAreFigures(expression));

/**
 * The one place where findings are made. Its identity stays the same while figures and verdict change, so that what an edit changed, cards
 * and pins can go by it. A figure that is none is left out: it is never shown, and never silently a zero.
 */
export const finding = <const Code extends string, const Data>({
  rule,
  data,
  step,
  subject,
  caseId,
  region,
  aspect,
  counts = true,
  working = [],
  source = rule.source,
  verdict,
  value,
  limit,
  utilisation,
}: Found<Code, Data>): Finding<Code, Data> => ({
  id: `${rule.code}|${subject}|${region ?? ''}|${aspect ?? ''}`,
  code: rule.code,
  data,
  verdict,
  step,
  subject,
  caseId,
  region,
  value: finite(value),
  limit: finite(limit),
  utilisation: utilisation !== undefined && Number.isFinite(utilisation) ? utilisation : undefined,
  counts,
  working: working.filter(followable),
  rule,
  source,
});

/** Demand ÷ allowable; undefined where nothing is allowed, for no share can be told of nothing. */
export const shareOf = (asked: number, allowed: number): number | undefined => {
  const share = allowed > 0 ? Math.max(asked, 0) / allowed : undefined;
  return share !== undefined && Number.isFinite(share) ? share : undefined;
};

interface Compared<Code extends string, Data> extends About<Code, Data> {
  /** undefined where an input is missing: the finding is then open */
  readonly asked: Measured | undefined;
  readonly allowed: Measured | undefined;
  /** what the share is called in the last line of the working */
  readonly share?: WorkingLabel;
}

/**
 * The check of the book: what is asked against what is allowed. Verdict, utilisation, the working's last line and the finding's identity
 * follow from these and cannot contradict each other.
 */
export const check = <const Code extends string, const Data>({
  asked,
  allowed,
  share: label = 'share-of-limit',
  working = [],
  ...about
}: Compared<Code, Data>): Finding<Code, Data> => {
  const utilisation = asked && allowed ? shareOf(asked.value, allowed.value) : undefined;
  const verdict: Verdict =
    asked === undefined || allowed === undefined
      ? 'open'
      : utilisation === undefined
        ? asked.value > 0
          ? 'over'
          : 'ok'
        : verdictOf(utilisation, about.rule.tightFrom);
  return finding({
    ...about,
    verdict,
    value: asked,
    limit: allowed,
    utilisation,
    working:
      asked && allowed && utilisation !== undefined && asked.value >= 0
        ? [...working, concluding(workedOut(label, over(asked, allowed), 'percent'))]
        : working,
  });
};

interface Shared<Code extends string, Data> extends About<Code, Data> {
  /** worked out by the rule itself, as by an interaction of several forces; infinite where nothing is left to bear it */
  readonly utilisation: number | undefined;
  readonly value?: Measured | undefined;
  readonly limit?: Measured | undefined;
}

/** The same where a rule gives its share at once: verdict and utilisation follow from it. */
export const checkShare = <const Code extends string, const Data>({
  utilisation,
  ...about
}: Shared<Code, Data>): Finding<Code, Data> =>
  finding({
    ...about,
    utilisation,
    verdict:
      utilisation === undefined || Number.isNaN(utilisation) ? 'open' : verdictOf(utilisation, about.rule.tightFrom),
  });
