import type { Trailer } from '../../project/index.js';
import { analysisSteps } from '../analysis/analyse.js';
import type { RunKey, StrengthAnalysis } from '../analysis/analysis.js';
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
import type { SizedDesign, SizingProgress, SizingRequest, SizingResult } from './request.js';

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
): Generator<void, StrengthAnalysis | undefined, void> {
  const steps = analysisSteps({
    ...inputOf(asking(trailer, asked)),
    ...(only ? { only: (key: RunKey) => only.has(keyText(key)) } : {}),
  });
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value.kind === 'analysed' ? step.value.analysis : undefined;
    yield;
  }
}

/** Looks at designs one after another, remembers what was found, and counts. */
export const createAssessor = (request: SizingRequest) => {
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
  const failing: Worst = { share: Number.POSITIVE_INFINITY, what: 'member', memberId: 'rail.left', key: undefined };

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
      const shares = step.value ? sharesOf(step.value, asked) : [failing];
      const worst = shares[0] ?? failing;
      if (everything)
        for (const { key, share } of shares) if (key && share > worst.share / 2) governing.add(keyText(key));
      const byGroup = Object.fromEntries(
        SIZED_GROUPS.map((group) => [
          group,
          shares.find(({ memberId }) => groupOfMember(memberId) === group)?.share ?? 0,
        ]),
      ) as Record<SizedGroup, number>;
      shareOfGroup.set(bulk.sections, byGroup);
      return { ...bulk, worst, passes: worst.share <= 1, railSagM: sagOf(step.value) };
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
    const quick = governing.size > 0 ? yield* assess(withSections(trailer, sectionsIn(choice)), false) : undefined;
    return quick && !quick.passes ? quick : yield* whole(choice);
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
