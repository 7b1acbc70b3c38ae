import { type InnerAt, innerAt, peaksOf } from '../../frame-analysis/index.js';
import type { WatchedRun } from './collect.js';
import { governing, type HardPlace, hardestPlace, limitOf } from './checks.js';
import { relieved } from './relief.js';

/** A whole bar in one run: inner forces at its ends, at the faces of what it meets there and half-way, N and N·m, local axes. */
export interface BarInRun {
  readonly memberId: string;
  readonly i: InnerAt;
  readonly j: InnerAt;
  readonly faceI: InnerAt;
  readonly faceJ: InnerAt;
  readonly mid: InnerAt;
  /** largest sizes between the faces of its joints */
  readonly maxAbs: InnerAt;
  readonly utilisation: number;
  readonly rule: string;
}

const NONE: InnerAt = { n: 0, vy: 0, vz: 0, t: 0, my: 0, mz: 0 };

const larger = (most: InnerAt, next: InnerAt): InnerAt => ({
  n: Math.max(most.n, Math.abs(next.n)),
  vy: Math.max(most.vy, Math.abs(next.vy)),
  vz: Math.max(most.vz, Math.abs(next.vz)),
  t: Math.max(most.t, Math.abs(next.t)),
  my: Math.max(most.my, Math.abs(next.my)),
  mz: Math.max(most.mz, Math.abs(next.mz)),
});

/** Every bar of the frame in a run, from its first end to its last. */
export const barsOfRun = ({ key, solved, strengths, ends }: WatchedRun): readonly BarInRun[] => {
  const hardest = hardestPlace();
  const ids = [...new Set(strengths.map(({ bar }) => bar.member.id))];
  return ids.map((memberId): BarInRun => {
    const own = strengths
      .filter(({ bar }) => bar.member.id === memberId)
      .map((strength) => {
        const index = solved.prepared.memberIndex.get(strength.bar.id) as number;
        const pieces = solved.pieces[index] as (typeof solved.pieces)[number];
        const rows = solved.inner(index);
        const at = (xM: number): InnerAt =>
          relieved(innerAt(pieces, rows, xM), strength.bar.fromM + xM, ends.get(memberId));
        return { strength, pieces, rows, at };
      });
    const [first] = own;
    const last = own.at(-1);
    if (!first || !last) throw new Error(`no elements of ${memberId}`);
    const wholeM = last.strength.bar.toM;
    const half = own.find(({ strength }) => strength.bar.toM >= wholeM / 2) ?? last;
    let maxAbs = NONE;
    let worst: { place: HardPlace; of: (typeof own)[number] } | undefined;
    for (const element of own) {
      const { strength, pieces, rows, at } = element;
      const { clearFromM, clearToM } = strength.bar;
      const [fromM, toM] = [clearFromM, pieces.lengthM - clearToM];
      if (toM < fromM) continue;
      maxAbs = larger(larger(maxAbs, at(fromM)), at(toM));
      for (const xM of peaksOf(pieces, rows)) if (xM >= fromM && xM <= toM) maxAbs = larger(maxAbs, at(xM));
      const share = hardest.look(strength, pieces, rows, limitOf(key), ends.get(memberId)) ?? -1;
      if (share > (worst?.place.share ?? -1)) worst = { place: hardest.place(), of: element };
    }
    return {
      memberId,
      i: first.at(0),
      j: last.at(last.pieces.lengthM),
      faceI: first.at(Math.min(first.strength.bar.clearFromM, first.pieces.lengthM)),
      faceJ: last.at(Math.max(0, last.pieces.lengthM - last.strength.bar.clearToM)),
      mid: half.at(Math.min(half.pieces.lengthM, Math.max(0, wholeM / 2 - half.strength.bar.fromM))),
      maxAbs,
      utilisation: worst?.place.share ?? 0,
      rule: worst ? governing(worst.of.strength, worst.place, key).utilisation.rule : 'none',
    };
  });
};
