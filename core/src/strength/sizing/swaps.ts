import { type Assessor, MOST_SWAPPED, WORTH_TRYING } from './assess.js';
import { type Choice, choiceText } from './candidates.js';
import { groupOfMember, inputOf, SIZED_GROUPS, type Sections, type SizedGroup, withSections } from './design.js';
import type { SizedDesign, SizingProgress, SizingRequest } from './request.js';

/** Tries to make a design that holds lighter by changing one group of bars or two. */
export const createSwaps = ({ trailer, aim }: SizingRequest, assessor: Assessor) => {
  const { lists, fits, cost, shareOfGroup, holds, progress, looked, valueOf } = assessor;
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
    const until = looked() + MOST_SWAPPED;
    for (let moved = true; moved; ) {
      moved = false;
      for (const to of swaps(now, best)) {
        if (looked() >= until) return false;
        const text = choiceText(to);
        if (seen.has(text)) continue;
        seen.add(text);
        const value = valueOf(to);
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

  return swapped;
};
