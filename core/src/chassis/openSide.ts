import type { SectionRow } from '../catalog/index.js';
import { type Bar, barOf, type Trailer } from '../project/index.js';
import { designShape } from '../sections/index.js';
import type { Member, PlanPoint } from './member.js';

/**
 * How far what meets an open bar reaches past its near face, m: to a channel's web or an angle's upright leg where the open side faces it,
 * not at all where that turns its back.
 */
export const openReachM = (section: SectionRow, faces: Bar['faces'], from: Bar['faces']): number => {
  if (faces !== from) return 0;
  const shape = designShape(section);
  switch (shape.kind) {
    case 'channel':
      return shape.flangeM - shape.webM;
    case 'bent-channel':
      return shape.flangeM - shape.thicknessM;
    case 'angle':
      return shape.horizontalLegM - shape.thicknessM;
    default:
      return 0;
  }
};

/** The inner face of an open rail's or header's web seen from above, from end to end: what shows which way it is open. */
export const webOf = (trailer: Trailer, member: Member): readonly [PlanPoint, PlanPoint] | undefined => {
  const { group, section, plan, bar } = member;
  if (group !== 'rail' && group !== 'header') return undefined;
  const reachM = openReachM(section, 'in', 'in');
  if (reachM === 0) return undefined;
  const inward = barOf(trailer, group, member.id).faces === 'in';
  const xs = plan.map(([x]) => x);
  const ys = plan.map(([, y]) => y);
  const [x0, x1, y0, y1] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const thickM = bar.widthM - reachM;
  if (group === 'rail') {
    // Open towards the bed, the web stands outside.
    const outer = member.centre.yM > 0 ? y1 : y0;
    const inner = member.centre.yM > 0 ? y0 : y1;
    const y = inward ? outer + Math.sign(inner - outer) * thickM : inner + Math.sign(outer - inner) * thickM;
    return [
      [x0, y],
      [x1, y],
    ];
  }
  const front = member.id === 'header.front';
  const [outer, inner] = front ? [x0, x1] : [x1, x0];
  const x = inward ? outer + Math.sign(inner - outer) * thickM : inner + Math.sign(outer - inner) * thickM;
  return [
    [x, y0],
    [x, y1],
  ];
};
