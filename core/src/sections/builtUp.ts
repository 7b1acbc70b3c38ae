import { type BarProperties, barProperties, designShape, type Section } from './section.js';
import type { SectionProperties } from './properties.js';
import type { Shape } from './shape.js';

/** How a bar is built up of what a yard sells. */
export type BuildUp =
  /** two channels with their toes together */
  | { readonly kind: 'boxed' }
  /** flat plates welded along it: below, above and below, or on both sides */
  | {
      readonly kind: 'plated';
      readonly faces: 'bottom' | 'top-bottom' | 'sides';
      readonly widthM: number;
      readonly thicknessM: number;
    };

/** Plates of a plated bar: how many, and how far the middle of each lies from the bare bar's lower left corner. */
const platesOf = (
  bare: BarProperties,
  { faces, widthM, thicknessM }: Extract<BuildUp, { kind: 'plated' }>,
): readonly { readonly yM: number; readonly zM: number; readonly wideM: number; readonly tallM: number }[] => {
  const middleY = bare.widthM / 2;
  const lying = { yM: middleY, wideM: widthM, tallM: thicknessM };
  const standing = { zM: bare.heightM / 2, wideM: thicknessM, tallM: widthM };
  switch (faces) {
    case 'bottom':
      return [{ ...lying, zM: -thicknessM / 2 }];
    case 'top-bottom':
      return [
        { ...lying, zM: -thicknessM / 2 },
        { ...lying, zM: bare.heightM + thicknessM / 2 },
      ];
    case 'sides':
      return [
        { ...standing, yM: -thicknessM / 2 },
        { ...standing, yM: bare.widthM + thicknessM / 2 },
      ];
  }
};

/** Second moments and moduli of parts together, by the parallel-axis theorem; the rest as the first says. */
const together = (
  base: SectionProperties,
  size: { readonly widthM: number; readonly heightM: number },
  parts: readonly {
    readonly areaM2: number;
    readonly yM: number;
    readonly zM: number;
    readonly iyM4: number;
    readonly izM4: number;
  }[],
): SectionProperties => {
  const areaM2 = parts.reduce((sum, part) => sum + part.areaM2, 0);
  const mean = (of: 'yM' | 'zM'): number => parts.reduce((sum, part) => sum + part.areaM2 * part[of], 0) / areaM2;
  const [cy, cz] = [mean('yM'), mean('zM')];
  const iyM4 = parts.reduce((sum, part) => sum + part.iyM4 + part.areaM2 * (part.zM - cz) ** 2, 0);
  const izM4 = parts.reduce((sum, part) => sum + part.izM4 + part.areaM2 * (part.yM - cy) ** 2, 0);
  return {
    ...base,
    areaM2,
    centroidYM: cy,
    centroidZM: cz,
    iyM4,
    izM4,
    iyzM4: 0,
    syTopM3: iyM4 / (size.heightM - cz),
    syBottomM3: iyM4 / cz,
    szRightM3: izM4 / (size.widthM - cy),
    szLeftM3: izM4 / cy,
    ryM: Math.sqrt(iyM4 / areaM2),
    rzM: Math.sqrt(izM4 / areaM2),
    principal: { i1M4: Math.max(iyM4, izM4), i2M4: Math.min(iyM4, izM4), angleRad: iyM4 >= izM4 ? 0 : Math.PI / 2 },
  };
};

const bare = ({ areaM2, iyM4, izM4 }: SectionProperties) => ({ areaM2, iyM4, izM4 });

/** A bar with plates along it, as one: plane sections stay plane while the welds hold. Twist and shear as the bare bar's. */
const plated = (bar: BarProperties, build: Extract<BuildUp, { kind: 'plated' }>): BarProperties => {
  const plates = platesOf(bar, build);
  const lowest = Math.min(0, ...plates.map(({ zM, tallM }) => zM - tallM / 2));
  const leftmost = Math.min(0, ...plates.map(({ yM, wideM }) => yM - wideM / 2));
  const highest = Math.max(bar.heightM, ...plates.map(({ zM, tallM }) => zM + tallM / 2));
  const rightmost = Math.max(bar.widthM, ...plates.map(({ yM, wideM }) => yM + wideM / 2));
  const size = { widthM: rightmost - leftmost, heightM: highest - lowest };
  const { design } = bar;
  const flat = plates.map(({ yM, zM, wideM, tallM }) => ({
    areaM2: wideM * tallM,
    yM: yM - leftmost,
    zM: zM - lowest,
    iyM4: (wideM * tallM ** 3) / 12,
    izM4: (tallM * wideM ** 3) / 12,
  }));
  const own = { ...bare(design), yM: design.centroidYM - leftmost, zM: design.centroidZM - lowest };
  const whole = together(design, size, [own, ...flat]);
  const platesM2 = flat.reduce((sum, { areaM2 }) => sum + areaM2, 0);
  return {
    design: whole,
    nominalAreaM2: bar.nominalAreaM2 + platesM2,
    ...size,
    sMinM3: Math.min(whole.syTopM3, whole.syBottomM3),
  };
};

type Channel = Extract<Shape, { kind: 'channel' | 'bent-channel' }>;
const isChannel = (shape: Shape): shape is Channel => shape.kind === 'channel' || shape.kind === 'bent-channel';

const wallsOf = (shape: Channel): { readonly webM: number; readonly flangeM: number } =>
  shape.kind === 'channel'
    ? { webM: shape.webM, flangeM: shape.flangeThicknessM }
    : { webM: shape.thicknessM, flangeM: shape.thicknessM };

/** The tube that two channels with their toes together make, with the thinnest of their walls: what strength is told by, on the careful side. */
const boxOf = (shape: Channel): Extract<Shape, { kind: 'rect-tube' }> => {
  const { webM, flangeM } = wallsOf(shape);
  return {
    kind: 'rect-tube',
    widthM: 2 * shape.flangeM,
    heightM: shape.depthM,
    wallM: Math.min(webM, flangeM),
    outerRadiusM: 0,
    innerRadiusM: 0,
  };
};

/** Two channels as a box: bending by the parallel-axis theorem, twist by Bredt's formula, 4A² ÷ ∮ds/t. */
const boxed = (bar: BarProperties, shape: Channel): BarProperties => {
  const { design } = bar;
  const { webM, flangeM } = wallsOf(shape);
  const size = { widthM: 2 * bar.widthM, heightM: bar.heightM };
  const off = bar.widthM - design.centroidYM;
  const half = (side: -1 | 1) => ({ ...bare(design), yM: bar.widthM + side * off, zM: design.centroidZM });
  const whole = together(design, size, [half(-1), half(1)]);
  const [b, h] = [size.widthM - webM, size.heightM - flangeM];
  return {
    design: {
      ...whole,
      torsionM4: (4 * (b * h) ** 2) / ((2 * b) / flangeM + (2 * h) / webM),
      torsionMethod: 'en-10219-closed',
      shearAreaM2: 2 * design.shearAreaM2,
    },
    nominalAreaM2: 2 * bar.nominalAreaM2,
    ...size,
    sMinM3: Math.min(whole.syTopM3, whole.syBottomM3),
  };
};

/** A built-up bar: what it bends by, and the shape that its strength is told by. Undefined where the section cannot be built up so. */
export const builtUpBar = (
  section: Section,
  build: BuildUp,
): { readonly bar: BarProperties; readonly shape: Shape } | undefined => {
  const bar = barProperties(section);
  const shape = designShape(section);
  if (!bar) return undefined;
  if (build.kind === 'plated') return { bar: plated(bar, build), shape };
  return isChannel(shape) ? { bar: boxed(bar, shape), shape: boxOf(shape) } : undefined;
};

/**
 * Force per length along one seam of a built-up bar, N/m, under upright and level shear and twist: V × Q ÷ I, and T ÷ 2A of a box.
 * Every plate has two seams; a box has one above and one below, where upright shear passes none.
 */
export const seamFlow = (
  section: Section,
  build: BuildUp,
  { uprightN, levelN, twistNm }: { readonly uprightN: number; readonly levelN: number; readonly twistNm: number },
): number => {
  const one = barProperties(section);
  const built = builtUpBar(section, build);
  if (!one || !built) return 0;
  const { design } = built.bar;
  if (build.kind === 'boxed') {
    const shape = designShape(section) as Channel;
    const { webM, flangeM } = wallsOf(shape);
    const enclosedM2 = (built.bar.widthM - webM) * (built.bar.heightM - flangeM);
    const q = one.design.areaM2 * (one.widthM - one.design.centroidYM);
    // Level shear is shared by the seam above and the one below.
    return Math.abs(twistNm) / (2 * enclosedM2) + (Math.abs(levelN) * q) / design.izM4 / 2;
  }
  const lying = build.faces !== 'sides';
  const areaM2 = build.widthM * build.thicknessM;
  const lever = lying
    ? Math.max(built.bar.heightM - design.centroidZM, design.centroidZM) - build.thicknessM / 2
    : Math.max(built.bar.widthM - design.centroidYM, design.centroidYM) - build.thicknessM / 2;
  const flow = (shearN: number, i: number): number => (Math.abs(shearN) * areaM2 * lever) / i / 2;
  return lying ? flow(uprightN, design.iyM4) : flow(levelN, design.izM4);
};
