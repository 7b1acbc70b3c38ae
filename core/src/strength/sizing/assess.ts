import type { Trailer } from '../../project/index.js';
import { analysisSteps } from '../analysis/analyse.js';
import type { AnalysisOutcome, RunKey, StrengthAnalysis } from '../analysis/analysis.js';
import { type Candidate, candidatesOf, type Choice, choiceText, keyText, sectionsIn } from './candidates.js';
import {
  type Asked,
  asking,
  frameMassKg,
  framePrice,
  groupOfMember,
  inputOf,
  SIZED_GROUPS,
  type Sections,
  sectionsOf,
  sharesOf,
  type SizedGroup,
  withSections,
  type Worst,
} from './design.js';
import type { FailsOf, NewFail, SizedDesign, SizingProgress, SizingRequest, SizingResult } from './request.js';

/** So many combinations are gone through one by one, lightest first, which proves the answer. */
export const MOST_ENUMERATED = 48;
/** Finding a first set that passes looks at no more designs than this; making it lighter at no more than that. */
const MOST_LOOKED = 60;
export const MOST_SWAPPED = 600;
/** A swap is tried where the changed bars, by their moduli alone, would work at no more than this: far past what the frame's own sharing does. */
export const WORTH_TRYING = { one: 1.5, two: 2 } as const;

export const sagOf = (analysis: StrengthAnalysis | undefined): number | undefined =>
  analysis?.deflections.find(({ what }) => what === 'rails')?.byM;

/** Runs the analysis of a design, all of it or the runs that have governed so far. */
export function* analysisOf(
  trailer: Trailer,
  asked: Asked,
  only: ReadonlySet<string> | undefined,
): Generator<void, AnalysisOutcome, void> {
  const steps = analysisSteps({
    ...inputOf(asking(trailer, asked)),
    ...(only ? { only: (key: RunKey) => only.has(keyText(key)) } : {}),
  });
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    yield;
  }
}

export const analysisIn = (outcome: AnalysisOutcome): StrengthAnalysis | undefined =>
  outcome.kind === 'analysed' ? outcome.analysis : undefined;

/** Checks outside of the frame analysis that bars mend: a trailer that fails them now has to pass them sized. */
const MENDED_BY_BARS: ReadonlySet<string> = new Set(['tongue-gap', 'header-too-shallow']);

/** What fails of a design that did not before: what failed before and no bar mends stays as it is. */
const newFailsOf = (trailer: Trailer, failsOf: FailsOf) => {
  const suffered = new Set(
    failsOf(trailer, undefined)
      .filter(({ code }) => !MENDED_BY_BARS.has(code))
      .map(({ id }) => id),
  );
  return (design: Trailer, outcome?: AnalysisOutcome): readonly NewFail[] =>
    failsOf(design, outcome).filter(({ id }) => !suffered.has(id));
};

/** Of a frame that cannot be analysed. */
const FAILING: Worst = {
  share: Number.POSITIVE_INFINITY,
  what: 'member',
  memberId: 'rail.left',
  joint: undefined,
  key: undefined,
};

const byGroup = (shares: readonly Worst[]): Readonly<Record<SizedGroup, number>> =>
  Object.fromEntries(
    SIZED_GROUPS.map((group) => [group, shares.find(({ memberId }) => groupOfMember(memberId) === group)?.share ?? 0]),
  ) as Record<SizedGroup, number>;

/** Looks at designs one after another, remembers what was found, and counts. */
export const createAssessor = (request: SizingRequest, failsOf: FailsOf) => {
  const { trailer, aim, flush } = request;
  const asked: Asked = { badly: request.badly, rules: trailer.settings.regions.includes('australia') };
  const lists = Object.fromEntries(SIZED_GROUPS.map((group) => [group, candidatesOf(request, group)])) as Record<
    SizedGroup,
    readonly Candidate[]
  >;
  const count = SIZED_GROUPS.reduce((product, group) => product * lists[group].length, 1);
  const governing = new Set<string>();
  const full = new Map<string, SizedDesign>();
  let looked = 0;
  const progress = (): SizingProgress => ({
    done: looked,
    of: count <= MOST_ENUMERATED ? count : Math.max(MOST_LOOKED, looked + 1),
  });
  /** hardest share of each group, by the sections that were looked at */
  const shareOfGroup = new Map<Sections, Readonly<Record<SizedGroup, number>>>();
  const newFails = newFailsOf(trailer, failsOf);

  function* assess(design: Trailer, everything: boolean): Generator<SizingProgress, SizedDesign, void> {
    looked += 1;
    const input = inputOf(design);
    const bulk = { sections: sectionsOf(design), massKg: frameMassKg(input.bare), price: framePrice(input) };
    const steps = analysisOf(design, asked, everything ? undefined : governing);
    for (;;) {
      const step = steps.next();
      if (!step.done) {
        yield progress();
        continue;
      }
      const analysis = analysisIn(step.value);
      const shares = analysis ? sharesOf(analysis, asked) : [FAILING];
      const worst = shares[0] ?? FAILING;
      if (everything)
        for (const { key, share } of shares) if (key && share > worst.share / 2) governing.add(keyText(key));
      shareOfGroup.set(bulk.sections, byGroup(shares));
      const bears = worst.share <= 1;
      const fails = bears && everything ? newFails(design, step.value) : [];
      return { ...bulk, worst, fails, passes: bears && fails.length === 0, railSagM: sagOf(analysis) };
    }
  }
  function* whole(choice: Choice): Generator<SizingProgress, SizedDesign, void> {
    const text = choiceText(choice);
    const known = full.get(text);
    if (known) return known;
    const design = yield* assess(withSections(trailer, sectionsIn(choice)), true);
    full.set(text, design);
    return design;
  }
  /** The governing runs first; only what passes them is looked at whole. */
  function* holds(choice: Choice): Generator<SizingProgress, SizedDesign, void> {
    const design = withSections(trailer, sectionsIn(choice));
    const quick = governing.size > 0 ? yield* assess(design, false) : undefined;
    if (!quick) return yield* whole(choice);
    // The other checks take as long as a quick look: only what bears is worth them, and a tongue that may be too deep for its header.
    if (!quick.passes && choice.tongue.heightM <= choice.header.heightM) return quick;
    const fails = newFails(design);
    return quick.passes && fails.length === 0 ? yield* whole(choice) : { ...quick, fails, passes: false };
  }

  const cost = ({ massKg, price }: SizedDesign): number => (aim === 'price' && price !== undefined ? price : massKg);
  const passing = (): SizedDesign[] =>
    [...full.values()].filter(({ passes }) => passes).sort((a, b) => cost(a) - cost(b));
  return {
    lists,
    count,
    /** the trailer as it stands, all of it */
    present: () => assess(trailer, true),
    holds,
    progress,
    cost,
    passing,
    shareOfGroup,
    looked: (): number => looked,
    spent: (): boolean => looked >= MOST_LOOKED,
    /** headers as deep as rails, where that is wished */
    fits: (choice: Choice): boolean => !flush || Math.abs(choice.rail.heightM - choice.header.heightM) < 1e-6,
    /** what a choice weighs or costs, by its bars alone */
    valueOf: (choice: Choice): number => {
      const input = inputOf(withSections(trailer, sectionsIn(choice)));
      const massKg = frameMassKg(input.bare);
      return aim === 'price' ? (framePrice(input) ?? massKg) : massKg;
    },
    answer: (present: SizedDesign, proved: boolean, settled = proved): SizingResult => ({
      best: passing().slice(0, 3),
      present,
      proved,
      settled,
      looked,
    }),
  };
};
export type Assessor = ReturnType<typeof createAssessor>;
