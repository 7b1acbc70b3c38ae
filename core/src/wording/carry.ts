import type { Carry, GrossLimit, Hardest, Worst } from '../strength/index.js';
import { SITUATION_PHRASES } from './labels.js';
import type { Speaker } from './speak.js';
import { weldName } from './weldName.js';

/** "cross-member 3", "weld of cross-member 3 on left rail": what works hardest. */
export const hardestName = (
  { what, memberId, joint }: Pick<Hardest, 'what' | 'memberId' | 'joint'>,
  say: Speaker,
): string => {
  const part = say.partName(memberId).toLowerCase();
  switch (what) {
    case 'member':
      return part;
    case 'weld':
      return weldName(memberId, joint ?? '', say).replace('Weld', 'weld');
    case 'hanger':
      return `walls of ${part} at a hanger`;
    case 'hole':
      return `a hole in ${part}`;
    case 'bolts':
      return 'bolts of the coupler';
  }
};

export const GROSS_LIMIT_NAMES: Readonly<Record<GrossLimit['part'], string>> = {
  frame: 'Frame',
  axle: 'Axles',
  tires: 'Tires',
  wheels: 'Wheels',
  coupler: 'Coupler',
  'tow-vehicle': 'Tow vehicle',
};

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** What the frame could carry, and what ends it. */
export const carryText = ({ grossKg, ends }: Carry, say: Speaker): string => {
  const end = `${capital(hardestName(ends, say))} ends it ${SITUATION_PHRASES[ends.key.situation]}${ends.key.caseId ? `, ${say.caseName(ends.key.caseId)}` : ''}.`;
  return grossKg === undefined
    ? `The frame does not bear even the empty trailer. ${end}`
    : `With its loads kept in proportion the frame as drawn bears a gross of ${say.mass(grossKg)}. ${end}`;
};

/** What of a sized design works hardest, years and sag by their own names: "years of cross-member 3", "sag of left rail". */
export const worstName = ({ what, memberId }: Pick<Worst, 'what' | 'memberId'>, say: Speaker): string => {
  const part = say.partName(memberId).toLowerCase();
  switch (what) {
    case 'fatigue':
      return `years of ${part}`;
    case 'deflection':
      return `sag of ${part}`;
    case 'weld':
      return `a weld of ${part}`;
    default:
      return hardestName({ what, memberId, joint: undefined }, say);
  }
};
