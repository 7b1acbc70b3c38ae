import type { Chassis } from '../chassis/index.js';
import type { Trailer } from '../project/index.js';

/** Two materials that touch and eat each other in the wet. */
export type ContactCode =
  | 'aluminum-deck-on-steel'
  | 'aluminum-panels-on-steel'
  | 'aluminum-bars-on-steel'
  | 'steel-gear-on-aluminum'
  | 'wood-on-aluminum'
  | 'wood-on-steel';

export interface Contact {
  readonly code: ContactCode;
  /** along which a tape or a coat goes between them, m; undefined where it is at bolts only */
  readonly lengthM: number | undefined;
}

const isWood = (kind: string): boolean => kind === 'plywood' || kind === 'planks';

/** Where unlike materials meet on this trailer. */
export const contactsOf = ({ frame, runningGear }: Trailer, { members, panels }: Chassis): readonly Contact[] => {
  const families = new Set(members.map(({ material }) => material.family));
  const [steel, aluminum] = [families.has('steel'), families.has('aluminum')];
  const panel = panels.find(({ kind }) => kind === 'deck');
  const underM = members
    .filter(({ group }) => group === 'cross' || group === 'header' || group === 'rail')
    .reduce((sum, { cutLengthM, material }) => sum + (material.family === 'steel' ? cutLengthM : 0), 0);
  const onSteelM = underM > 0 ? underM : undefined;
  const own = panels.flatMap(({ own: sheet }) => (sheet ? [sheet] : []));
  const skins = own.filter(({ sheet }) => sheet.kind === 'aluminum-sheet');
  const wood = (panel !== undefined && isWood(frame.deck.kind)) || own.some(({ sheet }) => isWood(sheet.kind));
  const found: Contact[] = [];
  if (panel && frame.deck.kind === 'aluminum-sheet' && steel)
    found.push({ code: 'aluminum-deck-on-steel', lengthM: onSteelM });
  if (skins.length > 0 && steel) found.push({ code: 'aluminum-panels-on-steel', lengthM: undefined });
  if (steel && aluminum) found.push({ code: 'aluminum-bars-on-steel', lengthM: undefined });
  if (aluminum && runningGear.suspension.kind !== 'none')
    found.push({ code: 'steel-gear-on-aluminum', lengthM: undefined });
  if (wood && aluminum) found.push({ code: 'wood-on-aluminum', lengthM: undefined });
  if (wood && steel) found.push({ code: 'wood-on-steel', lengthM: undefined });
  return found;
};
