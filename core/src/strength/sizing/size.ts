import { SECTION_ROWS, type SectionRow } from '../../catalog/index.js';
import { barProperties, outsideSize } from '../../sections/index.js';
import { metalOfNewSection, type Trailer } from '../../project/index.js';
import { analysisSteps } from '../analysis/analyse.js';
import type { RunKey, StrengthAnalysis } from '../analysis/analysis.js';
import {
  type Asked,
  asking,
  frameMassKg,
  framePrice,
  groupOfMember,
  inputOf,
  OWN_LOADS,
  SIZED_GROUPS,
  type Sections,
  sectionsOf,
  sharesOf,
  type SizedGroup,
  wallM,
  withSections,
  type Worst,
} from './design.js';

/** What may be taken, and what is wanted. */
export interface SizingRequest {
  readonly trailer: Trailer;
  /** sections to choose from, by group; a group that is left out stays as it is */
  readonly candidates: Readonly<Partial<Record<SizedGroup, readonly string[]>>>;
  readonly aim: 'mass' | 'price';
  readonly leastWallM: number;
  /** headers as deep as the rails, so that the deck lies flat */
  readonly flush: boolean;
  /** must bear the plate's gross badly loaded, too: the user's wish */
  readonly badly: boolean;
}

export interface SizedDesign {
  readonly sections: Sections;
  readonly massKg: number;
  readonly price: number | undefined;
  readonly worst: Worst;
  readonly passes: boolean;
  /** how far the rails go between ball and axle under the load alone, m; undefined where no load was looked at */
  readonly railSagM: number | undefined;
}

export interface SizingResult {
  /** those that pass, best first; at most three */
  readonly best: readonly SizedDesign[];
  readonly present: SizedDesign;
  /** every allowed combination lighter or cheaper than the best was looked at and fails */
  readonly proved: boolean;
  /** of a search: no lighter set that differs in one group or two passes, as far as swaps are worth trying */
  readonly settled: boolean;
  readonly looked: number;
}

export interface SizingProgress {
  readonly done: number;
  readonly of: number;
}

/** So many combinations are gone through one by one, lightest first, which proves the answer. */
const MOST_ENUMERATED = 48;
/** Finding a first set that passes looks at no more designs than this; making it lighter at no more than that. */
const MOST_LOOKED = 60;
const MOST_SWAPPED = 600;
/** A swap is tried where the changed bars, by their moduli alone, would work at no more than this: far past what the frame's own sharing does. */
const WORTH_TRYING = { one: 1.5, two: 2 } as const;

const keyText = ({ caseId, situation, variant, balance }: RunKey): string =>
  [caseId, situation, variant, balance].join('|');

interface Candidate {
  readonly sectionId: string;
  readonly materialId: string;
  readonly perMetreKg: number;
  readonly bendingM3: number;
  readonly heightM: number;
}

const rowsOf = (trailer: Trailer): readonly SectionRow[] => [
  ...SECTION_ROWS,
  ...(trailer.ownRows.sections as unknown as SectionRow[]),
];

const candidatesOf = ({ trailer, candidates, leastWallM }: SizingRequest, group: SizedGroup): readonly Candidate[] => {
  const present = trailer.frame.groups[group];
  const ids = candidates[group] ?? [present.sectionId];
  return rowsOf(trailer)
    .filter(({ id }) => ids.includes(id) && (id === present.sectionId || wallM(trailer, id) >= leastWallM - 1e-9))
    .flatMap((row): Candidate[] => {
      const bar = barProperties(row);
      if (!bar) return [];
      return [
        {
          sectionId: row.id,
          materialId: metalOfNewSection(trailer, present, row.id).materialId,
          perMetreKg: bar.nominalAreaM2,
          bendingM3: bar.sMinM3,
          heightM: outsideSize(row.shape).heightM,
        },
      ];
    })
    .sort((a, b) => a.perMetreKg - b.perMetreKg || a.bendingM3 - b.bendingM3 || (a.sectionId < b.sectionId ? -1 : 1));
};

type Choice = Record<SizedGroup, Candidate>;

const sectionsIn = (choice: Choice): Sections =>
  Object.fromEntries(
    SIZED_GROUPS.map((group) => [group, { sectionId: choice[group].sectionId, materialId: choice[group].materialId }]),
  ) as unknown as Sections;

const choiceText = (choice: Choice): string => SIZED_GROUPS.map((group) => choice[group].sectionId).join('|');

const sagOf = (analysis: StrengthAnalysis | undefined): number | undefined =>
  analysis?.deflections.find(({ what }) => what === 'rails')?.byM;

/** Runs the analysis of a design, all of it or the runs that have governed so far. */
function* analysisOf(
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

/**
 * Least mass or price that passes every check under the trailer's own loads (and badly loaded, where that is wished). Few combinations are
 * gone through in order, which proves the answer. Many are searched: from the lightest of each group upward, the group of the hardest-working
 * bar first, then each group down again as far as it holds; then every swap of one or two groups that would be lighter, until none passes.
 * What governs is looked at first, all of it before a design counts. Deterministic.
 */
export function* sizingSteps(request: SizingRequest): Generator<SizingProgress, SizingResult, void> {
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
  const spent = (): boolean => looked >= MOST_LOOKED;
  const fits = (choice: Choice): boolean => !flush || Math.abs(choice.rail.heightM - choice.header.heightM) < 1e-6;
  const cost = ({ massKg, price }: SizedDesign): number => (aim === 'price' && price !== undefined ? price : massKg);
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

  /** What a design would cost and how hard its changed bars would work, by areas and moduli alone, from one that is known. */
  const estimate = (
    from: Choice,
    known: SizedDesign,
    to: Choice,
  ): { readonly cost: number; readonly share: number } => {
    const shares = shareOfGroup.get(known.sections);
    let more = 0;
    let share = 0;
    for (const group of SIZED_GROUPS) {
      if (to[group] === from[group]) continue;
      more += groupMass(group, known) * (to[group].perMetreKg / from[group].perMetreKg - 1);
      share = Math.max(share, (shares?.[group] ?? 0) * (from[group].bendingM3 / to[group].bendingM3));
    }
    return { cost: known.massKg + more, share };
  };
  const massesOf = new Map<Sections, Readonly<Record<SizedGroup, number>>>();
  const groupMass = (group: SizedGroup, { sections }: SizedDesign): number => {
    let known = massesOf.get(sections);
    if (!known) {
      const { chassis } = inputOf(withSections(trailer, sections));
      known = Object.fromEntries(
        SIZED_GROUPS.map((own) => [
          own,
          chassis.members.reduce((sum, { id, massKg }) => sum + (groupOfMember(id) === own ? massKg : 0), 0),
        ]),
      ) as Record<SizedGroup, number>;
      massesOf.set(sections, known);
    }
    return known[group];
  };
  const oneCrossKg = (known: SizedDesign): number => {
    const { chassis } = inputOf(withSections(trailer, known.sections));
    return Math.max(0, ...chassis.members.filter(({ group }) => group === 'cross').map(({ massKg }) => massKg));
  };
  /** Every lighter set that differs in one group or two, the most promising first. */
  const swaps = (from: Choice, known: SizedDesign): readonly Choice[] => {
    const found: { readonly choice: Choice; readonly cost: number; readonly share: number }[] = [];
    const crossKg = oneCrossKg(known);
    const consider = (to: Choice, most: number): void => {
      if (!fits(to)) return;
      const guess = estimate(from, known, to);
      // Wider headers leave less between them, at times one cross-member less.
      const slack = to.header === from.header ? 0 : crossKg;
      if ((aim === 'price' || guess.cost - slack < known.massKg - 1e-6) && guess.share <= most)
        found.push({ choice: to, ...guess });
    };
    SIZED_GROUPS.forEach((first, i) => {
      for (const one of lists[first]) {
        if (one === from[first]) continue;
        consider({ ...from, [first]: one }, WORTH_TRYING.one);
        for (const second of SIZED_GROUPS.slice(i + 1))
          for (const two of lists[second])
            if (two !== from[second]) consider({ ...from, [first]: one, [second]: two }, WORTH_TRYING.two);
      }
    });
    return found
      .sort((a, b) => Math.max(a.share, 1) - Math.max(b.share, 1) || a.cost - b.cost)
      .map(({ choice: to }) => to);
  };
  /** Swaps until no lighter set of one or two other groups passes; false where that would take too long. */
  function* swapped(start: Choice, first: SizedDesign): Generator<SizingProgress, boolean, void> {
    let [now, best] = [start, first];
    const seen = new Set<string>([choiceText(start)]);
    const until = looked + MOST_SWAPPED;
    for (let moved = true; moved; ) {
      moved = false;
      for (const to of swaps(now, best)) {
        if (looked >= until) return false;
        const text = choiceText(to);
        if (seen.has(text)) continue;
        seen.add(text);
        const input = inputOf(withSections(trailer, sectionsIn(to)));
        const value = aim === 'price' ? (framePrice(input) ?? frameMassKg(input.bare)) : frameMassKg(input.bare);
        if (value >= cost(best) - 1e-9) {
          // Weighing takes its time, too: many in a row must not keep a stop waiting.
          yield progress();
          continue;
        }
        const tried = yield* holds(to);
        if (!tried.passes) continue;
        [now, best] = [to, tried];
        moved = true;
        break;
      }
    }
    return true;
  }

  const present = yield* assess(trailer, true);
  const passing = (): SizedDesign[] =>
    [...full.values()].filter(({ passes }) => passes).sort((a, b) => cost(a) - cost(b));
  const answer = (proved: boolean, settled = proved): SizingResult => ({
    best: passing().slice(0, 3),
    present,
    proved,
    settled,
    looked,
  });

  if (count <= MOST_ENUMERATED) {
    const all: { choice: Choice; value: number }[] = [];
    for (const rail of lists.rail) {
      for (const header of lists.header) {
        for (const cross of lists.cross) {
          for (const tongue of lists.tongue) {
            const choice: Choice = { rail, header, cross, tongue };
            if (!fits(choice)) continue;
            const input = inputOf(withSections(trailer, sectionsIn(choice)));
            const massKg = frameMassKg(input.bare);
            all.push({ choice, value: aim === 'price' ? (framePrice(input) ?? massKg) : massKg });
          }
        }
      }
    }
    all.sort((a, b) => a.value - b.value || (choiceText(a.choice) < choiceText(b.choice) ? -1 : 1));
    for (const { choice } of all) {
      const design = yield* holds(choice);
      if (design.passes && passing().length >= 3) break;
    }
    return answer(true);
  }

  const up = (choice: Choice, group: SizedGroup, share: number): Choice | undefined => {
    const now = choice[group];
    const list = lists[group];
    // What a bar of that modulus would about need; the next one in any case.
    const wanted = now.bendingM3 * Math.min(share, 4) ** 0.9;
    const heavier = list.slice(list.indexOf(now) + 1);
    const next =
      heavier.find(
        (candidate) => candidate.bendingM3 >= wanted && (group !== 'header' || fits({ ...choice, header: candidate })),
      ) ?? heavier.at(-1);
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
  const first = Object.fromEntries(SIZED_GROUPS.map((group) => [group, lists[group][0]])) as Partial<Choice>;
  if (SIZED_GROUPS.some((group) => first[group] === undefined)) return answer(false);
  let choice = first as Choice;
  if (!fits(choice))
    choice = {
      ...choice,
      header:
        lists.header.find((candidate) => Math.abs(candidate.heightM - choice.rail.heightM) < 1e-6) ?? choice.header,
    };
  let design = yield* holds(choice);
  while (!design.passes && !spent()) {
    const group = groupOfMember(design.worst.memberId);
    const grown =
      up(choice, group, design.worst.share) ??
      SIZED_GROUPS.map((other) => up(choice, other, 1.2)).find((next) => next !== undefined);
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
  if (!design.passes) return answer(false);
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
  const settled = yield* swapped(choice, design);
  return answer(false, settled);
}

/** One size down and one up for a group, each looked at whole. */
export interface SizeStep {
  readonly group: SizedGroup;
  readonly direction: 'down' | 'up';
  readonly design: SizedDesign;
}

/** The present design and, for each group, the next weaker and next stronger section of the same kind and width. */
export function* neighbourSteps(
  trailer: Trailer,
): Generator<SizingProgress, { readonly present: SizedDesign; readonly steps: readonly SizeStep[] }, void> {
  const rows = rowsOf(trailer);
  const wanted = SIZED_GROUPS.flatMap((group) => {
    const now = rows.find(({ id }) => id === trailer.frame.groups[group].sectionId);
    if (!now) return [];
    const sizeOf = (row: SectionRow) => outsideSize(row.shape);
    const kin = rows
      .filter((row) => row.group === now.group && Math.abs(sizeOf(row).widthM - sizeOf(now).widthM) < 1e-6)
      .flatMap((row) => {
        const bar = barProperties(row);
        return bar ? [{ row, area: bar.nominalAreaM2, modulus: bar.sMinM3 }] : [];
      });
    const own = kin.find(({ row }) => row.id === now.id);
    if (!own) return [];
    // Down: the strongest of the lighter ones. Up: the lightest of the stronger and heavier ones.
    const down = kin.filter(({ area }) => area < own.area).sort((x, y) => y.modulus - x.modulus)[0];
    const up = kin
      .filter(({ area, modulus }) => area > own.area && modulus > own.modulus)
      .sort((x, y) => x.area - y.area)[0];
    return [
      ...(down ? [{ group, direction: 'down' as const, sectionId: down.row.id }] : []),
      ...(up ? [{ group, direction: 'up' as const, sectionId: up.row.id }] : []),
    ];
  });
  let done = 0;
  function* whole(sections: Sections, changed: boolean): Generator<SizingProgress, SizedDesign, void> {
    const design = changed ? withSections(trailer, sections) : trailer;
    const input = inputOf(design);
    const steps = analysisOf(design, OWN_LOADS, undefined);
    for (;;) {
      const step = steps.next();
      if (!step.done) {
        yield { done, of: wanted.length + 1 };
        continue;
      }
      done += 1;
      const worst: Worst = (step.value && sharesOf(step.value)[0]) ?? {
        share: Number.POSITIVE_INFINITY,
        what: 'member',
        memberId: 'rail.left',
        key: undefined,
      };
      return {
        sections,
        massKg: frameMassKg(input.bare),
        price: framePrice(input),
        worst,
        passes: worst.share <= 1,
        railSagM: sagOf(step.value),
      };
    }
  }
  const present = yield* whole(sectionsOf(trailer), false);
  const steps: SizeStep[] = [];
  for (const { group, direction, sectionId } of wanted) {
    const sections = { ...sectionsOf(trailer), [group]: { ...trailer.frame.groups[group], sectionId } };
    steps.push({ group, direction, design: yield* whole(sections, true) });
  }
  return { present, steps };
}
