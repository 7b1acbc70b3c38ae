import { plasticProperties, type SectionProperties, type Shape } from '../../sections/index.js';
import { publishedSure, publishedVerify, type Source } from '../../source.js';

/** What a clause lets a section bear: nominal, N or N·m; divide by the safety factor for the allowable. */
export interface Nominal {
  readonly value: number;
  readonly source: Source;
}

export interface SteelInput {
  readonly shape: Shape;
  readonly section: SectionProperties;
  readonly yieldPa: number;
  readonly elasticPa: number;
  readonly shearPa: number;
}

const aisc = (clause: string): Source => publishedSure(`AISC 360-16 ${clause}`);

/** Flat part of a tube's wall, outside size less three walls (B4.1b); never nothing. */
const flat = (outsideM: number, wallM: number): number => Math.max(outsideM - 3 * wallM, wallM);

type Plane = 'upright' | 'level';

interface PlaneSizes {
  /** wall pressed by the bending */
  readonly flange: number;
  /** walls that bend in their own plane */
  readonly web: number;
  readonly plasticM3: number;
  readonly elasticM3: number;
}

const plasticOf = (shape: Shape): { zyM3: number; zzM3: number } => {
  const plastic = plasticProperties(shape);
  return plastic.ok ? plastic.value : { zyM3: 0, zzM3: 0 };
};

/** F7: rectangular tube, with lateral-torsional buckling F7.4 in the plane of its larger side. */
const rectangularTube = (
  input: SteelInput,
  shape: Extract<Shape, { kind: 'rect-tube' }>,
  plane: Plane,
  unbracedM: number,
): Nominal => {
  const { section, yieldPa: fy, elasticPa: e } = input;
  const plastic = plasticOf(shape);
  const t = shape.wallM;
  const tall = plane === 'upright';
  const sizes: PlaneSizes = tall
    ? {
        flange: flat(shape.widthM, t),
        web: flat(shape.heightM, t),
        plasticM3: plastic.zyM3,
        elasticM3: Math.min(section.syTopM3, section.syBottomM3),
      }
    : {
        flange: flat(shape.heightM, t),
        web: flat(shape.widthM, t),
        plasticM3: plastic.zzM3,
        elasticM3: Math.min(section.szLeftM3, section.szRightM3),
      };
  const root = Math.sqrt(e / fy);
  const mp = fy * sizes.plasticM3;
  const my = fy * sizes.elasticM3;
  const b = sizes.flange / t;
  const h = sizes.web / t;
  let value = mp;
  let clause = 'F7.1';
  const take = (candidate: number, name: string): void => {
    if (candidate < value) {
      value = candidate;
      clause = name;
    }
  };
  if (b > 1.12 * root && b <= 1.4 * root) take(mp - (mp - my) * ((3.57 * b) / root - 4), 'F7.2');
  // A slender wall is taken at its elastic buckling stress, which leaves out what F7.2(c) allows behind it.
  if (b > 1.4 * root)
    take(my * Math.min(1, ((1.4 * root) / b) ** 2), 'F7.2, slender wall taken at its buckling stress');
  if (h > 2.42 * root) take(mp - (mp - my) * ((0.305 * h) / root - 0.738), 'F7.3');
  if (h > 5.7 * root) take(my * ((5.7 * root) / h) ** 2, 'F7.3, slender wall taken at its buckling stress');
  if (tall && shape.heightM > shape.widthM) {
    const stiff = Math.sqrt(section.torsionM4 * section.areaM2);
    const lp = (0.13 * e * section.rzM * stiff) / mp;
    const lr = (2 * e * section.rzM * stiff) / (0.7 * my);
    if (unbracedM > lp) {
      take(
        unbracedM <= lr
          ? mp - (mp - 0.7 * my) * ((unbracedM - lp) / (lr - lp))
          : (2 * e * section.rzM * stiff) / unbracedM,
        'F7.4',
      );
    }
  }
  return { value, source: aisc(clause) };
};

/** F8: round tube. */
const roundTube = (input: SteelInput, shape: Extract<Shape, { kind: 'round-tube' }>): Nominal => {
  const { section, yieldPa: fy, elasticPa: e } = input;
  const ratio = shape.diameterM / shape.wallM;
  if (ratio <= (0.07 * e) / fy) return { value: fy * plasticOf(shape).zyM3, source: aisc('F8.1') };
  if (ratio <= (0.31 * e) / fy) return { value: ((0.021 * e) / ratio + fy) * section.syTopM3, source: aisc('F8.2') };
  return { value: ((0.33 * e) / ratio) * section.syTopM3, source: aisc('F8.2') };
};

/** Warping constant of a channel, m⁶: thin walls, middle lines. */
export const channelWarpingM6 = (depthM: number, flangeM: number, webM: number, flangeThicknessM: number): number => {
  const b = flangeM - webM / 2;
  const h = depthM - flangeThicknessM;
  return (
    (((flangeThicknessM * b ** 3 * h ** 2) / 12) * (3 * b * flangeThicknessM + 2 * h * webM)) /
    (6 * b * flangeThicknessM + h * webM)
  );
};

type AnyChannel = Extract<Shape, { kind: 'channel' | 'bent-channel' }>;

export const channelSizes = (shape: AnyChannel): { web: number; flange: number; depthM: number; flangeM: number } =>
  shape.kind === 'channel'
    ? { web: shape.webM, flange: shape.flangeThicknessM, depthM: shape.depthM, flangeM: shape.flangeM }
    : { web: shape.thicknessM, flange: shape.thicknessM, depthM: shape.depthM, flangeM: shape.flangeM };

/** F2: channel about its strong axis, Cb = 1. */
export const channelUpright = (input: SteelInput, shape: AnyChannel, unbracedM: number): Nominal => {
  const { section, yieldPa: fy, elasticPa: e } = input;
  const { web, flange, depthM, flangeM } = channelSizes(shape);
  const sx = Math.min(section.syTopM3, section.syBottomM3);
  const mp = Math.min(fy * plasticOf(shape).zyM3, 1.6 * fy * sx);
  const cw = channelWarpingM6(depthM, flangeM, web, flange);
  const ho = depthM - flange;
  const rts = Math.sqrt(Math.sqrt(section.izM4 * cw) / sx);
  const c = (ho / 2) * Math.sqrt(section.izM4 / cw);
  const jc = (section.torsionM4 * c) / (sx * ho);
  const lp = 1.76 * section.rzM * Math.sqrt(e / fy);
  const low = (0.7 * fy) / e;
  const lr = ((1.95 * rts) / low) * Math.sqrt(jc + Math.sqrt(jc ** 2 + 6.76 * low ** 2));
  if (unbracedM <= lp) return { value: mp, source: aisc('F2.1') };
  if (unbracedM <= lr)
    return { value: mp - (mp - 0.7 * fy * sx) * ((unbracedM - lp) / (lr - lp)), source: aisc('F2.2') };
  const slender = (unbracedM / rts) ** 2;
  const critical = ((Math.PI ** 2 * e) / slender) * Math.sqrt(1 + 0.078 * jc * slender);
  return { value: Math.min(mp, critical * sx), source: aisc('F2.2') };
};

/** F6: channel about its weak axis. */
const channelLevel = ({ section, yieldPa: fy }: SteelInput, shape: AnyChannel): Nominal => {
  const s = Math.min(section.szLeftM3, section.szRightM3);
  return { value: Math.min(fy * plasticOf(shape).zzM3, 1.6 * fy * s), source: aisc('F6.1') };
};

/** F10: angle about a face, not held sideways; the leg's own buckling F10.3. */
const angle = (
  input: SteelInput,
  shape: Extract<Shape, { kind: 'angle' }>,
  plane: Plane,
  unbracedM: number,
): Nominal => {
  const { section, yieldPa: fy, elasticPa: e } = input;
  const b = plane === 'upright' ? shape.verticalLegM : shape.horizontalLegM;
  const t = shape.thicknessM;
  const s =
    plane === 'upright' ? Math.min(section.syTopM3, section.syBottomM3) : Math.min(section.szLeftM3, section.szRightM3);
  const my = 0.8 * fy * s;
  // F10-5a, compression at the toe: the lower of the two.
  const critical =
    ((0.58 * e * b ** 4 * t) / unbracedM ** 2) * (Math.sqrt(1 + 0.88 * ((unbracedM * t) / b ** 2) ** 2) - 1);
  const ratio = my / critical;
  const buckling =
    ratio <= 1 ? Math.min((1.92 - 1.17 * Math.sqrt(ratio)) * my, 1.5 * my) : (0.92 - (0.17 * critical) / my) * critical;
  const slender = b / t;
  const root = Math.sqrt(e / fy);
  const leg =
    slender <= 0.54 * root
      ? Number.POSITIVE_INFINITY
      : slender <= 0.91 * root
        ? 0.8 * s * fy * (2.43 - (1.72 * slender) / root)
        : (0.8 * s * 0.71 * e) / slender ** 2;
  return leg < buckling
    ? { value: leg, source: aisc('F10.3') }
    : { value: buckling, source: publishedVerify('AISC 360-16 F10.2') };
};

/** F11: flat bar, with its buckling sideways where it stands on edge. */
const flatBar = (
  input: SteelInput,
  shape: Extract<Shape, { kind: 'flat-bar' }>,
  plane: Plane,
  unbracedM: number,
): Nominal => {
  const { section, yieldPa: fy, elasticPa: e } = input;
  const tall = plane === 'upright';
  const s = tall ? section.syTopM3 : section.szLeftM3;
  const [d, t] = tall ? [shape.heightM, shape.widthM] : [shape.widthM, shape.heightM];
  const plastic = plasticOf(shape);
  const mp = Math.min(fy * (tall ? plastic.zyM3 : plastic.zzM3), 1.6 * fy * s);
  const slender = (unbracedM * d) / t ** 2;
  if (d <= t || slender <= (0.08 * e) / fy) return { value: mp, source: aisc('F11.1') };
  if (slender <= (1.9 * e) / fy)
    return { value: Math.min(mp, (1.52 - (0.274 * slender * fy) / e) * fy * s), source: aisc('F11.2') };
  return { value: Math.min(mp, ((1.9 * e) / slender) * s), source: aisc('F11.2') };
};

/** Nominal bending strength in the vertical (`upright`) or the level plane. */
export const steelBending = (input: SteelInput, plane: Plane, unbracedM: number): Nominal => {
  const { shape } = input;
  switch (shape.kind) {
    case 'rect-tube':
      return rectangularTube(input, shape, plane, unbracedM);
    case 'round-tube':
      return roundTube(input, shape);
    case 'channel':
    case 'bent-channel':
      return plane === 'upright' ? channelUpright(input, shape, unbracedM) : channelLevel(input, shape);
    case 'angle':
      return angle(input, shape, plane, unbracedM);
    case 'flat-bar':
      return flatBar(input, shape, plane, unbracedM);
  }
};

/** Slenderness of the thinnest wall under pressure and its limit in E7/B4.1a; undefined for a bar without thin walls. */
const wallSlenderness = ({ shape, yieldPa, elasticPa }: SteelInput): { ratio: number; limit: number } | undefined => {
  const root = Math.sqrt(elasticPa / yieldPa);
  switch (shape.kind) {
    case 'rect-tube':
      return { ratio: flat(Math.max(shape.heightM, shape.widthM), shape.wallM) / shape.wallM, limit: 1.4 * root };
    case 'round-tube':
      return { ratio: shape.diameterM / shape.wallM, limit: 0.11 * root ** 2 };
    case 'angle':
      return { ratio: Math.max(shape.verticalLegM, shape.horizontalLegM) / shape.thicknessM, limit: 0.45 * root };
    case 'channel':
    case 'bent-channel': {
      const { flange, flangeM } = channelSizes(shape);
      return { ratio: flangeM / flange, limit: 0.56 * root };
    }
    case 'flat-bar':
      return undefined;
  }
};

/** E3, with E7 by the share of its buckling stress where a wall is slender. */
export const steelCompression = (input: SteelInput, lengthYM: number, lengthZM: number): Nominal => {
  const { section, yieldPa: fy, elasticPa: e } = input;
  const slender = Math.max(lengthYM / section.ryM, lengthZM / section.rzM);
  const elastic = slender > 0 ? (Math.PI ** 2 * e) / slender ** 2 : Number.POSITIVE_INFINITY;
  const critical = fy / elastic <= 2.25 ? 0.658 ** (fy / elastic) * fy : 0.877 * elastic;
  const wall = wallSlenderness(input);
  const share = wall && wall.ratio > wall.limit ? (wall.limit / wall.ratio) ** 2 : 1;
  return { value: critical * share * section.areaM2, source: aisc(share < 1 ? 'E3, E7' : 'E3') };
};

/** G: shear yield, and buckling of the walls of a tube by G4. */
export const steelShear = ({ shape, section, yieldPa: fy, elasticPa: e }: SteelInput, plane: Plane): Nominal => {
  const tall = plane === 'upright';
  switch (shape.kind) {
    case 'rect-tube': {
      const h = flat(tall ? shape.heightM : shape.widthM, shape.wallM);
      const ratio = h / shape.wallM;
      const limit = 1.1 * Math.sqrt((5 * e) / fy);
      const share = ratio <= limit ? 1 : limit / ratio;
      return { value: 0.6 * fy * 2 * h * shape.wallM * share, source: aisc('G4') };
    }
    case 'round-tube':
      return { value: (0.6 * fy * section.areaM2) / 2, source: aisc('G5') };
    case 'angle':
      return {
        value: 0.6 * fy * (tall ? shape.verticalLegM : shape.horizontalLegM) * shape.thicknessM,
        source: aisc('G3'),
      };
    case 'channel':
    case 'bent-channel': {
      const { web, flange, depthM, flangeM } = channelSizes(shape);
      return { value: 0.6 * fy * (tall ? depthM * web : 2 * flangeM * flange), source: aisc(tall ? 'G2.1' : 'G6') };
    }
    case 'flat-bar':
      return { value: 0.6 * fy * (2 / 3) * section.areaM2, source: aisc('G4, peak 1.5 V/A') };
  }
};

/** H3.1 for tubes: torsional strength; undefined for open bars. */
export const steelTorsion = (
  { shape, yieldPa: fy, elasticPa: e }: SteelInput,
  lengthM: number,
): Nominal | undefined => {
  if (shape.kind === 'rect-tube') {
    const t = shape.wallM;
    const c = 2 * (shape.widthM - t) * (shape.heightM - t) * t - 4.5 * (4 - Math.PI) * t ** 3;
    const ratio = flat(Math.max(shape.widthM, shape.heightM), t) / t;
    const root = Math.sqrt(e / fy);
    const critical =
      ratio <= 2.45 * root
        ? 0.6 * fy
        : ratio <= 3.07 * root
          ? (0.6 * fy * 2.45 * root) / ratio
          : (0.458 * Math.PI ** 2 * e) / ratio ** 2;
    return { value: critical * c, source: aisc('H3.1') };
  }
  if (shape.kind === 'round-tube') {
    const { diameterM: d, wallM: t } = shape;
    const c = (Math.PI * (d - t) ** 2 * t) / 2;
    const ratio = d / t;
    const critical = Math.max(
      (1.23 * e) / (Math.sqrt(Math.max(lengthM, d) / d) * ratio ** 1.25),
      (0.6 * e) / ratio ** 1.5,
    );
    return { value: Math.min(critical, 0.6 * fy) * c, source: aisc('H3.1') };
  }
  return undefined;
};
