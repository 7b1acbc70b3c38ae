import { type Assessor, createAssessor, MOST_ENUMERATED } from './assess.js';
import { type Choice, choiceText } from './candidates.js';
import { groupOfMember, SIZED_GROUPS, type SizedGroup, type Worst } from './design.js';
import type { FailsOf, SizedDesign, SizingProgress, SizingRequest, SizingResult } from './request.js';
import { createSwaps } from './swaps.js';

type Search<Output> = Generator<SizingProgress, Output, void>;

/** A choice that was looked at. */
interface Held {
  readonly choice: Choice;
  readonly design: SizedDesign;
}

/** Every allowed combination in order, lightest or cheapest first, until three pass: that proves them. */
function* inOrder({ lists, fits, valueOf, holds, passing }: Assessor): Search<void> {
  const all: { choice: Choice; value: number }[] = [];
  for (const rail of lists.rail)
    for (const header of lists.header)
      for (const cross of lists.cross)
        for (const tongue of lists.tongue) {
          const choice: Choice = { rail, header, cross, tongue };
          if (fits(choice)) all.push({ choice, value: valueOf(choice) });
        }
  all.sort((a, b) => a.value - b.value || (choiceText(a.choice) < choiceText(b.choice) ? -1 : 1));
  for (const { choice } of all) {
    const design = yield* holds(choice);
    if (design.passes && passing().length >= 3) break;
  }
}

/** The choice with a stronger bar in one group, by about what its share asks for; headers go with the rails where they must be as deep. */
const heavier = ({ lists, fits }: Assessor, choice: Choice, group: SizedGroup, share: number): Choice | undefined => {
  const now = choice[group];
  const list = lists[group];
  // What a bar of that modulus would about need; the next one in any case.
  const wanted = now.bendingM3 * Math.min(share, MOST_GROWN) ** 0.9;
  const stronger = list.slice(list.indexOf(now) + 1);
  const next =
    stronger.find(
      (candidate) => candidate.bendingM3 >= wanted && (group !== 'header' || fits({ ...choice, header: candidate })),
    ) ?? stronger.at(-1);
  if (!next) return undefined;
  const grown = { ...choice, [group]: next };
  if (group !== 'rail' || fits(grown)) return grown;
  const header =
    lists.header.find(
      (candidate) =>
        candidate.bendingM3 >= choice.header.bendingM3 && Math.abs(candidate.heightM - next.heightM) < 1e-6,
    ) ?? lists.header.find((candidate) => Math.abs(candidate.heightM - next.heightM) < 1e-6);
  return header && { ...grown, header };
};

/** The choice with a header as deep as the tongue that ends at it, and rails as deep where they have to be. */
const deeper = ({ lists, fits }: Assessor, choice: Choice): Choice | undefined => {
  const deep = (candidate: Choice[SizedGroup]): boolean => candidate.heightM >= choice.tongue.heightM - 1e-6;
  for (const header of lists.header.filter(deep)) {
    if (fits({ ...choice, header })) return { ...choice, header };
    const rail = lists.rail.find((candidate) => fits({ ...choice, header, rail: candidate }));
    if (rail) return { ...choice, header, rail };
  }
  return undefined;
};

/** Which group a check outside of the frame analysis asks to grow; a flush header goes with its rails. */
const grownFor = (code: string, flush: boolean): SizedGroup => {
  if (code === 'header-too-shallow') return flush ? 'rail' : 'header';
  return code === 'tongue-gap' ? 'cross' : 'tongue';
};
/** Grown bars that leave so much of a share have not helped. */
const STILL = 0.9;
/** No more than this at a time: what works hardest may be another bar by then. */
const MOST_GROWN = 4;
/** About a size more where no figure says how much. */
const A_SIZE = 1.2;

/**
 * Whose bar is to grow where a bar's end works a wall: what folds or cracks there is mended by a thicker wall, by its square, sooner than by a heavier
 * bar on it; a flush header goes with its rails.
 */
const wallGroup = ({ what, memberId, joint }: Worst, flush: boolean): SizedGroup | undefined => {
  const cracks = what === 'fatigue' && groupOfMember(memberId) === 'tongue';
  const group = what === 'wall' || cracks ? groupOfMember(joint ?? '') : 'own';
  return group !== 'header' && group !== 'rail' ? undefined : flush ? 'rail' : group;
};

const toGrow = (
  { worst, fails: [fail] }: SizedDesign,
  flush: boolean,
): { readonly group: SizedGroup | 'own'; readonly share: number } => {
  if (fail && (worst.share <= 1 || fail.code === 'header-too-shallow'))
    return { group: grownFor(fail.code, flush), share: A_SIZE };
  const wall = wallGroup(worst, flush);
  return wall
    ? { group: wall, share: Math.sqrt(worst.share) }
    : { group: groupOfMember(worst.memberId), share: worst.share };
};

/** From the lightest of each group upward, the group of the hardest-working bar first, until it holds. */
function* climbed(request: SizingRequest, assessor: Assessor): Search<Held | undefined> {
  const { trailer } = request;
  const { lists, fits, holds, spent, cost } = assessor;
  const first = Object.fromEntries(SIZED_GROUPS.map((group) => [group, lists[group][0]])) as Partial<Choice>;
  if (SIZED_GROUPS.some((group) => first[group] === undefined)) return undefined;
  let choice = first as Choice;
  if (!fits(choice))
    choice = {
      ...choice,
      header:
        lists.header.find((candidate) => Math.abs(candidate.heightM - choice.rail.heightM) < 1e-6) ?? choice.header,
    };
  let design = yield* holds(choice);
  let before: { readonly group: SizedGroup | 'own'; readonly share: number } | undefined;
  while (!design.passes && !spent()) {
    const asked = toGrow(design, request.flush);
    // A tongue that grows and is no better for it stands on a wall that gives.
    const idle = before?.group === 'tongue' && asked.group === 'tongue' && asked.share > STILL * before.share;
    const group = idle ? (request.flush ? 'rail' : 'header') : asked.group;
    const { share } = asked;
    before = { group, share };
    const grown =
      (design.fails[0]?.code === 'header-too-shallow' ? deeper(assessor, choice) : undefined) ??
      (group === 'own' ? undefined : heavier(assessor, choice, group, share)) ??
      SIZED_GROUPS.map((other) => heavier(assessor, choice, other, A_SIZE)).find((next) => next !== undefined);
    if (!grown) break;
    choice = grown;
    design = yield* holds(choice);
  }
  // The sections that are there now, every bar like its group, may be the better place to go down from.
  const now = Object.fromEntries(
    SIZED_GROUPS.map((group) => [
      group,
      lists[group].find(({ sectionId }) => sectionId === trailer.frame.groups[group].sectionId),
    ]),
  ) as Partial<Choice>;
  if (SIZED_GROUPS.every((group) => now[group] !== undefined) && fits(now as Choice)) {
    const asIs = yield* holds(now as Choice);
    if (asIs.passes && (!design.passes || cost(asIs) < cost(design))) {
      choice = now as Choice;
      design = asIs;
    }
  }
  return design.passes ? { choice, design } : undefined;
}

/** The heaviest of a list that is so deep. */
const heaviestOf = (list: Assessor['lists'][SizedGroup], heightM: number): Choice[SizedGroup] | undefined =>
  list.filter((candidate) => Math.abs(candidate.heightM - heightM) < 1e-6).at(-1);

/** Rails, headers and tongue together less deep, as far as that holds: where they have to be alike, one alone cannot go down. */
function* shallower(assessor: Assessor, from: Held): Search<Held> {
  const { lists, fits, holds, spent, cost } = assessor;
  let { choice, design } = from;
  const heights = [...new Set(lists.rail.map(({ heightM }) => heightM))].sort((a, b) => b - a);
  for (const heightM of heights) {
    if (heightM >= choice.rail.heightM - 1e-6 || spent()) continue;
    const [rail, header, tongue] = [lists.rail, lists.header, lists.tongue].map((list) => heaviestOf(list, heightM));
    if (!rail || !header) break;
    const lower = { ...choice, rail, header, tongue: tongue ?? choice.tongue };
    if (!fits(lower)) continue;
    const tried = yield* holds(lower);
    if (!tried.passes) break;
    if (cost(tried) >= cost(design)) continue;
    choice = lower;
    design = tried;
  }
  return { choice, design };
}

/** Each group down again as far as it holds. */
function* descended(assessor: Assessor, from: Held): Search<Held> {
  const { lists, fits, holds, spent, cost } = assessor;
  let { choice, design } = from;
  for (let moved = true; moved && !spent(); ) {
    moved = false;
    for (const group of SIZED_GROUPS) {
      const lighter = lists[group].slice(0, lists[group].indexOf(choice[group])).reverse();
      for (const candidate of lighter.slice(0, 5)) {
        const smaller = { ...choice, [group]: candidate };
        if (!fits(smaller) || spent()) continue;
        const tried = yield* holds(smaller);
        if (!tried.passes || cost(tried) >= cost(design)) continue;
        choice = smaller;
        design = tried;
        moved = true;
        break;
      }
    }
  }
  return { choice, design };
}

/**
 * Least mass or price that passes every check under the trailer's own loads (and badly loaded, where that is wished). Few combinations are
 * gone through in order, which proves the answer. Many are searched: from the lightest of each group upward, the group of the hardest-working
 * bar first, then each group down again as far as it holds; then every swap of one or two groups that would be lighter, until none passes.
 * What governs is looked at first, all of it before a design counts: the whole trailer, so that no answer fails a check of any step that the
 * trailer did not fail before. Deterministic.
 */
export function* sizingSteps(request: SizingRequest, failsOf: FailsOf): Search<SizingResult> {
  const assessor = createAssessor(request, failsOf);
  const present = yield* assessor.present();
  if (assessor.count <= MOST_ENUMERATED) {
    yield* inOrder(assessor);
    return assessor.answer(present, true);
  }
  const first = yield* climbed(request, assessor);
  if (!first) return assessor.answer(present, false);
  const low = yield* descended(assessor, yield* shallower(assessor, first));
  const settled = yield* createSwaps(request, assessor)(low.choice, low.design);
  return assessor.answer(present, false, settled);
}
