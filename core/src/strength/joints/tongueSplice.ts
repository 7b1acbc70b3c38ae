import { type Chassis, lineLengthM, middleLineOf, placeOnLine } from '../../chassis/index.js';
import { finding, type FindingOf, quantity } from '../../findings/index.js';
import { RULES } from '../rules.js';

export interface TongueSpliceFindingData {
  /** a weld across the tongue, so far from the front header (behind it where positive), m, and how far it should be */
  'tongue-splice': { readonly memberId: string; readonly fromHeaderM: number; readonly leastM: number };
}
export type TongueSpliceFinding = FindingOf<TongueSpliceFindingData>;

/** No splice within this share of the span on either side of where a tongue bends most (common practice). */
const KEPT_CLEAR = 1 / 3;

/** Lengths of a tongue welded together where it bends most: at the front header, and within a third of the span ahead of it and behind. */
export const tongueSpliceFindings = ({ tongue, ballXM }: Chassis): TongueSpliceFinding[] =>
  (tongue?.members ?? []).flatMap((member) => {
    const line = middleLineOf(member);
    if (!line) return [];
    const wholeM = lineLengthM(line);
    const behindM = Math.max(0, line.end[0]);
    return member.splicesM.flatMap((saidM): TongueSpliceFinding[] => {
      const [x] = placeOnLine(line, (saidM / member.cutLengthM) * wholeM);
      const leastM = (x < 0 ? -ballXM : behindM) * KEPT_CLEAR;
      if (!(Math.abs(x) < leastM)) return [];
      return [
        finding({
          rule: RULES['tongue-splice'],
          data: { memberId: member.id, fromHeaderM: x, leastM },
          step: 'strength',
          subject: member.id,
          aspect: saidM.toFixed(6),
          verdict: 'tight',
          counts: true,
          value: quantity(Math.abs(x), 'length'),
          limit: quantity(leastM, 'length'),
          working: [],
        }),
      ];
    });
  });
