import type { Hole, Member } from '../../chassis/index.js';
import { designShape, outsideSize, type Shape } from '../../sections/index.js';
import { publishedSure, publishedVerify, type Source } from '../../source.js';
import type { InnerAt } from '../../frame-analysis/index.js';
import { channelSizes } from '../resistance/steel.js';
import type { Limit } from '../situations/situations.js';

/** What a hole leaves of a bar's section. */
export interface NetSection {
  readonly areaM2: number;
  /** smaller modulus left, upright and level bending, m³ */
  readonly modulusYM3: number;
  readonly modulusZM3: number;
}

/** A piece of wall that the drill takes away: its size and where its middle lies from the section's. */
interface Gone {
  readonly acrossM: number;
  readonly uprightM: number;
  readonly yM: number;
  readonly zM: number;
}

/** Walls that a drill of diameter d goes through at mid-width or mid-height. */
const gone = (shape: Shape, { diameterM: d, through }: Hole, centroidYM: number, centroidZM: number): Gone[] => {
  const { widthM: w, heightM: h } = outsideSize(shape);
  const side = (wallM: number, yM: number): Gone => ({ acrossM: wallM, uprightM: d, yM, zM: h / 2 - centroidZM });
  const level = (wallM: number, zM: number): Gone => ({ acrossM: d, uprightM: wallM, yM: w / 2 - centroidYM, zM });
  switch (shape.kind) {
    case 'rect-tube':
    case 'round-tube': {
      const t = shape.wallM;
      return through === 'sides'
        ? [side(t, (w - t) / 2), side(t, (t - w) / 2)]
        : [level(t, (h - t) / 2), level(t, (t - h) / 2)];
    }
    case 'angle': {
      const t = shape.thicknessM;
      return through === 'sides' ? [side(t, t / 2 - centroidYM)] : [level(t, t / 2 - centroidZM)];
    }
    case 'channel':
    case 'bent-channel': {
      const { web, flange, depthM } = channelSizes(shape);
      return through === 'sides'
        ? [side(web, web / 2 - centroidYM)]
        : [level(flange, depthM - flange / 2 - centroidZM), level(flange, flange / 2 - centroidZM)];
    }
    case 'flat-bar':
      return through === 'sides' ? [side(w, 0)] : [level(h, 0)];
  }
};

/** The net section about the whole section's middle; undefined where nothing is left of it. */
export const netSection = (member: Member, hole: Hole): NetSection | undefined => {
  const shape = designShape(member.section);
  const { design } = member.bar;
  const { widthM, heightM } = outsideSize(shape);
  const { centroidYM } = design;
  let areaM2 = design.areaM2;
  let iyM4 = design.iyM4;
  let izM4 = design.izM4;
  for (const { acrossM, uprightM, yM, zM } of gone(shape, hole, centroidYM, design.centroidZM)) {
    const a = acrossM * uprightM * member.pieces;
    areaM2 -= a;
    iyM4 -= a * (zM ** 2 + uprightM ** 2 / 12);
    izM4 -= a * (yM ** 2 + acrossM ** 2 / 12);
  }
  if (!(areaM2 > 0 && iyM4 > 0 && izM4 > 0)) return undefined;
  const farZ = Math.max(design.centroidZM, heightM - design.centroidZM);
  const farY = Math.max(centroidYM, widthM - centroidYM);
  return { areaM2, modulusYM3: iyM4 / farZ, modulusZM3: izM4 / farY };
};

/** Stress on the net section: pull and bending together, Pa. */
export const netStressPa = (net: NetSection, inner: Pick<InnerAt, 'n' | 'my' | 'mz'>): number =>
  Math.abs(inner.n) / net.areaM2 + Math.abs(inner.my) / net.modulusYM3 + Math.abs(inner.mz) / net.modulusZM3;

/** Rupture of the net section: Fu ÷ 2.00 in steel, Ftu ÷ 1.95 in aluminum; 0.75 of the ultimate where only lasting bends are kept away. */
export const netAllowedPa = ({ material }: Member, limit: Limit): number =>
  limit === 'yield' ? 0.75 * material.ultimatePa : material.ultimatePa / (material.family === 'steel' ? 2 : 1.95);

export const netSource = ({ material }: Member): Source =>
  material.family === 'steel'
    ? publishedSure('AISC 360-16 D2(b), F13.1: rupture of the net section, Fu ÷ 2.00')
    : publishedVerify('Aluminum Design Manual D.2: rupture of the net section, Ftu ÷ 1.95');
