import type { Carry, GrossLimit, Hardest, Worst } from '../strength/index.js';
import { SITUATION_PHRASES } from './labels.js';
import type { Speaker } from './speak.js';
import { weldName } from './weldName.js';

/** "cross-member 3", "weld of cross-member 3 on left rail": what works hardest. */
export const hardestName = (
  { what, memberId, joint }: Pick<Hardest, 'what' | 'memberId' | 'joint'>,
  say: Speaker,
): string => {
  const part = say.inner(say.partName(memberId));
  switch (what) {
    case 'member':
      return part;
    case 'weld':
      return uncapped(weldName(memberId, joint ?? '', say), say);
    case 'hanger':
      return say.t('walls of {part} at a hanger', { part });
    case 'wall':
      return say.t('wall of {joint} under {part}', { joint: say.inner(say.partName(joint ?? '')), part });
    case 'hole':
      return say.t('a hole in {part}', { part });
    case 'bolts':
      return say.t('bolts of the coupler');
  }
};

export const GROSS_LIMIT_NAMES = {
  frame: 'Frame',
  axle: 'Axles',
  tires: 'Tires',
  wheels: 'Wheels',
  coupler: 'Coupler',
  'tow-vehicle': 'Tow vehicle',
} as const satisfies Readonly<Record<GrossLimit['part'], string>>;

const uncapped = (name: string, say: Speaker): string =>
  say.language === 'en' ? name.charAt(0).toLowerCase() + name.slice(1) : name;
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** What the frame could carry, and what ends it. */
export const carryText = ({ grossKg, ends }: Carry, say: Speaker): string => {
  const end = say.t('{ends} ends it {situation}{case}.', {
    ends: capital(hardestName(ends, say)),
    situation: say.t(SITUATION_PHRASES[ends.key.situation]),
    case: ends.key.caseId ? `, ${say.caseName(ends.key.caseId)}` : '',
  });
  return grossKg === undefined
    ? say.t('The frame does not bear even the empty trailer. {end}', { end })
    : say.t('With its loads kept in proportion the frame as drawn bears a gross of {gross}. {end}', {
        gross: say.mass(grossKg),
        end,
      });
};

/** What of a sized design works hardest, years and sag by their own names: "years of cross-member 3", "sag of left rail". */
export const worstName = (
  { what, memberId, joint }: Pick<Worst, 'what' | 'memberId' | 'joint'>,
  say: Speaker,
): string => {
  const part = say.inner(say.partName(memberId));
  switch (what) {
    case 'fatigue':
      return say.t('years of {part}', { part });
    case 'deflection':
      return say.t('sag of {part}', { part });
    case 'weld':
      return say.t('a weld of {part}', { part });
    default:
      return hardestName({ what, memberId, joint }, say);
  }
};
