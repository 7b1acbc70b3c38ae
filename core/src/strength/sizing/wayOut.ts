import { barOf, type BarGroup, findSection, overrideBar, pairOf, type Trailer } from '../../project/index.js';
import { SECTION_ROWS, type SectionRow } from '../../catalog/index.js';
import { barProperties, outsideSize } from '../../sections/index.js';
import { fatigueShare } from '../analysis/fatigue.js';
import { analysisSteps } from '../analysis/analyse.js';
import { groupOfMember, inputOf, sharesOf, type Worst } from './design.js';
import type { SizingProgress } from './request.js';

/** A section that mends one bar (and its twin on the other side), looked at in the whole frame. */
export interface WayOut {
  readonly memberId: string;
  readonly sectionId: string;
  readonly materialId: string;
  /** what the bar then works at, everything looked at */
  readonly share: number;
  /** what then works hardest of all */
  readonly worst: Worst;
}

/** So many sections are tried; where none of them does, another bar is not the way out. */
const MOST_TRIED = 4;

/** The trailer with another section for one bar and its twin. */
export const withBar = (trailer: Trailer, memberId: string, sectionId: string, materialId: string): Trailer => {
  const { chassis } = inputOf(trailer);
  const twin = pairOf(memberId);
  return [memberId, ...(twin ? [twin] : [])].reduce(
    (current, id) => overrideBar(current, chassis.crossPlaced, id, { sectionId, materialId }),
    trailer,
  );
};

const candidatesFor = (trailer: Trailer, memberId: string, share: number): readonly SectionRow[] => {
  const group: BarGroup = groupOfMember(memberId);
  const present = findSection(trailer, barOf(trailer, group, memberId).sectionId);
  const bar = present && barProperties(present);
  const row = SECTION_ROWS.find(({ id }) => id === present?.id);
  if (!bar || !row) return [];
  return SECTION_ROWS.filter((candidate) => candidate.group === row.group)
    .flatMap((candidate) => {
      const own = barProperties(candidate);
      return own && own.nominalAreaM2 > bar.nominalAreaM2 && own.sMinM3 >= bar.sMinM3 * share ** 0.8
        ? [{ candidate, area: own.nominalAreaM2, width: outsideSize(candidate.shape).widthM }]
        : [];
    })
    .sort((a, b) => a.area - b.area || a.width - b.width)
    .slice(0, MOST_TRIED)
    .map(({ candidate }) => candidate);
};

/** The lightest stronger section of the same kind with which the bar passes everything; undefined where the next few do not. */
export function* wayOutSteps(
  trailer: Trailer,
  memberId: string,
  share: number,
): Generator<SizingProgress, WayOut | undefined, void> {
  const candidates = candidatesFor(trailer, memberId, share);
  const { materialId } = barOf(trailer, groupOfMember(memberId), memberId);
  for (const [done, candidate] of candidates.entries()) {
    const steps = analysisSteps(inputOf(withBar(trailer, memberId, candidate.id, materialId)));
    let step = steps.next();
    while (!step.done) {
      yield { done, of: candidates.length };
      step = steps.next();
    }
    if (step.value.kind !== 'analysed') continue;
    const { analysis } = step.value;
    const isOwn = (id: string): boolean => id === memberId || id === pairOf(memberId);
    const own = Math.max(
      ...analysis.members.filter((found) => isOwn(found.memberId)).map(({ worst }) => worst.utilisation.value),
      ...(analysis.fatigue && isOwn(analysis.fatigue.memberId) ? [fatigueShare(analysis.fatigue.km)] : []),
    );
    const [worst] = sharesOf(analysis);
    if (own <= 1 && worst) return { memberId, sectionId: candidate.id, materialId, share: own, worst };
  }
  return undefined;
}
