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
  const thickM = bar.widthM - reachM;
  const xs = plan.map(([x]) => x);
  const ys = plan.map(([, y]) => y);
  const [x0, x1, y0, y1] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  // Open towards the bed, the web stands outside.
  const web = (outer: number, inner: number): number =>
    inward ? outer + Math.sign(inner - outer) * thickM : inner + Math.sign(outer - inner) * thickM;
  if (group === 'rail') {
    const y = member.centre.yM > 0 ? web(y1, y0) : web(y0, y1);
    return [
      [x0, y],
      [x1, y],
    ];
  }
  const x = member.id === 'header.front' ? web(x0, x1) : web(x1, x0);
  return [
    [x, y0],
    [x, y1],
  ];
};
