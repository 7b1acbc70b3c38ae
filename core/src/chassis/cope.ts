import { areaBelow, designShape, outlineOf, outsideSize, type Shape } from '../sections/index.js';
import { millimetres } from '../units/index.js';
import type { Member } from './member.js';

/** Room for the cope to go in, m: about 1/16 in, common practice. */
const COPE_ROOM_M = millimetres(1.5);

/** What is cut off a bar's end. */
export interface Cope {
  /** back from the end */
  readonly lengthM: number;
  /** off its top and off its bottom, 0 where nothing is in the way */
  readonly topM: number;
  readonly bottomM: number;
}

/** Between which heights over its underside an open shape is clear, past the roots of its flanges, and how far they reach over its web. */
const insideOf = (
  shape: Shape,
): { readonly lowM: number; readonly highM: number; readonly reachM: number } | undefined => {
  switch (shape.kind) {
    case 'bent-channel': {
      const { depthM, outerRadiusM, flangeM, thicknessM } = shape;
      return { lowM: outerRadiusM, highM: depthM - outerRadiusM, reachM: flangeM - thicknessM };
    }
    case 'channel': {
      const rootM = shape.flangeThicknessM + shape.rootRadiusM;
      return { lowM: rootM, highM: shape.depthM - rootM, reachM: shape.flangeM - shape.webM };
    }
    case 'angle': {
      const { thicknessM, rootRadiusM, verticalLegM, horizontalLegM } = shape;
      return { lowM: thicknessM + rootRadiusM, highM: verticalLegM, reachM: horizontalLegM - thicknessM };
    }
    default:
      return undefined;
  }
};

/** Less is no cut, m. */
const LEAST_COPE_M = 1e-6;

/**
 * Cope of a bar that reaches into the open side of another: as long as the flanges reach, as deep as the bar stands above or below what is clear
 * between them (the usual detailing of beams framed into channels; plane geometry). Undefined where nothing is in its way.
 */
export const copeInto = (
  bar: Pick<Member, 'extent' | 'frontRiseM' | 'bar'>,
  onto: Pick<Member, 'extent' | 'section'>,
): Cope | undefined => {
  const inside = insideOf(designShape(onto.section));
  if (!inside) return undefined;
  const lowM = bar.extent.z0M + Math.max(0, -bar.frontRiseM) - onto.extent.z0M;
  const topM = Math.max(0, lowM + bar.bar.heightM - inside.highM);
  const bottomM = Math.max(0, inside.lowM - lowM);
  // An upright leg has nothing over it.
  const open = designShape(onto.section).kind === 'angle' ? { topM: 0, bottomM } : { topM, bottomM };
  return Math.max(open.topM, open.bottomM) > LEAST_COPE_M
    ? { lengthM: inside.reachM + COPE_ROOM_M, ...open }
    : undefined;
};

/** A bar without the metal that its copes take off it, by as many of its ends as are coped. */
export const withoutCopes = (member: Member, copes: readonly Cope[]): Member => {
  const outline = outlineOf(member.section.shape);
  if (!outline.ok || copes.length === 0) return member;
  const { heightM } = outsideSize(member.section.shape);
  const offM3 = copes.reduce((sum, { topM, bottomM, lengthM }) => {
    const high = topM > 0 ? areaBelow(outline.value, heightM) - areaBelow(outline.value, heightM - topM) : 0;
    return sum + (areaBelow(outline.value, bottomM) + high) * lengthM;
  }, 0);
  return { ...member, massKg: member.massKg - member.pieces * offM3 * member.material.densityKgM3 };
};
