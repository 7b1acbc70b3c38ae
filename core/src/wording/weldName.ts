import type { DrawnWeld } from '../drawing/index.js';
import { parsePartId } from '../project/index.js';
import type { JointLook } from '../strength/index.js';
import type { Speaker } from './speak.js';

/** "Weld of cross-member 3 on left rail", "Weld of a hanger on left rail", "Weld of a splice in left rail". */
export const weldName = (memberId: string, joint: string, say: Speaker): string => {
  const part = say.inner(say.partName(memberId));
  const { kind } = parsePartId(joint);
  if (kind === 'splice') return say.t('Weld of a splice in {part}', { part });
  return kind === 'hanger'
    ? say.t('Weld of a hanger on {part}', { part })
    : say.t('Weld of {part} on {joint}', { part, joint: say.inner(say.partName(joint)) });
};

/** A joint of the frame: which weld, hanger or bolts. */
export const jointName = (look: JointLook, say: Speaker): string => {
  switch (look.kind) {
    case 'weld':
      return weldName(look.memberId, look.joint ?? '', say);
    case 'hanger':
      return say.t('Hanger on the {member}, {at} back', {
        member: say.inner(say.partName(look.memberId)),
        at: say.length(look.at?.[0] ?? 0),
      });
    case 'wall':
      return say.t('Wall of {joint} under {part}', {
        joint: say.inner(say.partName(look.joint ?? '')),
        part: say.inner(say.partName(look.memberId)),
      });
    case 'bolts':
      return say.t('Bolts of the coupler');
  }
};

/** Where welds of a kind are, on a drawing. */
export const WELD_PLACES = {
  butt: 'End of a bar, all round',
  splice: 'Splice, filled all round',
  lap: 'Where bars cross',
  hanger: 'Hanger',
  coupler: 'Coupler',
  gusset: 'Gusset',
} as const satisfies Readonly<Record<DrawnWeld['kind'], string>>;
