import { type InnerAt, innerAt, noInner } from '../../frame-analysis/index.js';
import type { ElementStrength } from './bracing.js';
import type { SolvedRun } from './solver.js';

/** A bar that is welded on walls at its ends: its first and last element, and what those walls bear before they fold. */
interface SoftBar {
  readonly memberId: string;
  readonly first: number;
  readonly last: number;
  readonly lengthM: number;
  readonly limitFromNm: number;
  readonly limitToNm: number;
}

/** Upright moments at the ends of a bar as the elastic sum has them, and how much of each the wall cannot hold, N·m. */
export interface EndMoments {
  readonly fromNm: number;
  readonly toNm: number;
  readonly excessFromNm: number;
  readonly excessToNm: number;
  readonly lengthM: number;
}

export const softBars = (strengths: readonly ElementStrength[]): readonly SoftBar[] => {
  const found = new Map<string, SoftBar>();
  strengths.forEach(({ bar }, index) => {
    const { id } = bar.member;
    const known = found.get(id);
    const limitToNm = bar.softTo?.limitNm ?? Number.POSITIVE_INFINITY;
    if (known) found.set(id, { ...known, last: index, lengthM: bar.toM, limitToNm });
    else
      found.set(id, {
        memberId: id,
        first: index,
        last: index,
        lengthM: bar.toM,
        limitFromNm: bar.softFrom?.limitNm ?? Number.POSITIVE_INFINITY,
        limitToNm,
      });
  });
  // Only a bar that hangs on both ends can do without their moments: a tongue that ends on a wall has nowhere else to pass its own.
  return [...found.values()].filter(({ first, last }) => strengths[first]?.bar.softFrom && strengths[last]?.bar.softTo);
};

const past = (momentNm: number, limitNm: number): number =>
  Math.sign(momentNm) * Math.max(0, Math.abs(momentNm) - limitNm);

/**
 * End moments of every bar on soft ends in one run. A wall that folds holds its limit and no more: what the bar's end would have held beyond
 * that goes into its span, in a straight line to the other end, so that the bar stays in equilibrium under its own load.
 */
export const endMoments = (bars: readonly SoftBar[], strengths: readonly ElementStrength[], solved: SolvedRun) => {
  const room = noInner();
  const at = (own: number, end: 'from' | 'to'): number => {
    const index = solved.prepared.memberIndex.get((strengths[own] as ElementStrength).bar.id) as number;
    const pieces = solved.pieces[index] as SolvedRun['pieces'][number];
    return innerAt(pieces, solved.inner(index), end === 'from' ? 0 : pieces.lengthM, room).my;
  };
  return new Map(
    bars.map(({ memberId, first, last, lengthM, limitFromNm, limitToNm }): [string, EndMoments] => {
      const [fromNm, toNm] = [at(first, 'from'), at(last, 'to')];
      return [
        memberId,
        { fromNm, toNm, excessFromNm: past(fromNm, limitFromNm), excessToNm: past(toNm, limitToNm), lengthM },
      ];
    }),
  );
};

/** Upright moment at a place along the whole bar once its walls have folded. */
export const relievedNm = (momentNm: number, alongM: number, ends: EndMoments | undefined): number => {
  if (!ends || (ends.excessFromNm === 0 && ends.excessToNm === 0)) return momentNm;
  const s = alongM / ends.lengthM;
  return momentNm - ends.excessFromNm * (1 - s) - ends.excessToNm * s;
};

/** All inner forces there. */
export const relieved = (inner: InnerAt, alongM: number, ends: EndMoments | undefined): InnerAt => {
  const my = relievedNm(inner.my, alongM, ends);
  return my === inner.my ? inner : { ...inner, my };
};
