import type { DrawnWeld } from '../drawing/index.js';
import { parsePartId } from '../project/index.js';
import type { JointLook } from '../strength/index.js';
import type { Speaker } from './speak.js';

/** "Weld of cross-member 3 on left rail", "Weld of a hanger on left rail", "Weld of a splice in left rail". */
export const weldName = (memberId: string, joint: string, say: Speaker): string => {
  const part = say.partName(memberId).toLowerCase();
  const { kind } = parsePartId(joint);
  if (kind === 'splice') return `Weld of a splice in ${part}`;
  return kind === 'hanger' ? `Weld of a hanger on ${part}` : `Weld of ${part} on ${say.partName(joint).toLowerCase()}`;
};

/** A joint of the frame: which weld, hanger or bolts. */
export const jointName = (look: JointLook, say: Speaker): string => {
  switch (look.kind) {
    case 'weld':
      return weldName(look.memberId, look.joint ?? '', say);
    case 'hanger':
      return `Hanger on the ${say.partName(look.memberId).toLowerCase()}, ${say.length(look.at?.[0] ?? 0)} back`;
    case 'bolts':
      return 'Bolts of the coupler';
  }
};

/** Where welds of a kind are, on a drawing. */
export const WELD_PLACES: Readonly<Record<DrawnWeld['kind'], string>> = {
  butt: 'End of a bar, all round',
  splice: 'Splice, filled all round',
  lap: 'Where bars cross',
  hanger: 'Hanger',
  coupler: 'Coupler',
  gusset: 'Gusset',
};
