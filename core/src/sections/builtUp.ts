import { type BarProperties, barProperties, designShape, type Section } from './section.js';
import { principalAxes, type SectionProperties } from './properties.js';
import type { Shape } from './shape.js';

/** How a bar is built up of what a yard sells. */
export type BuildUp<Inside extends Section = Section> =
  /** two alike as a closed box: channels with their toes together, angles toe to heel */
  | { readonly kind: 'boxed' }
  /** flat plates welded along it: below, above and below, or on both sides */
  | {
      readonly kind: 'plated';
      readonly faces: 'bottom' | 'top-bottom' | 'sides';
      readonly widthM: number;
      readonly thicknessM: number;
    }
  /** a smaller bar inside a tube, held to it by plug welds: both bend alike */
  | { readonly kind: 'sleeved'; readonly inner: Inside };

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

/** A part of a built-up section: its own second moments about its own middle, and where that lies. */
interface SectionPart {
  readonly areaM2: number;
  readonly yM: number;
  readonly zM: number;
  readonly iyM4: number;
  readonly izM4: number;
  readonly iyzM4: number;
}

/** Second moments and moduli of parts together, by the parallel-axis theorem; twist and shear as the base says. */
const together = (
  base: SectionProperties,
  size: { readonly widthM: number; readonly heightM: number },
  parts: readonly SectionPart[],
): SectionProperties => {
  const total = (of: (part: SectionPart) => number): number => parts.reduce((sum, part) => sum + of(part), 0);
  const areaM2 = total((part) => part.areaM2);
  const cy = total((part) => part.areaM2 * part.yM) / areaM2;
  const cz = total((part) => part.areaM2 * part.zM) / areaM2;
  const iyM4 = total((part) => part.iyM4 + part.areaM2 * (part.zM - cz) ** 2);
  const izM4 = total((part) => part.izM4 + part.areaM2 * (part.yM - cy) ** 2);
  const iyzM4 = total((part) => part.iyzM4 + part.areaM2 * (part.yM - cy) * (part.zM - cz));
  return {
    ...base,
    areaM2,
    centroidYM: cy,
    centroidZM: cz,
    iyM4,
    izM4,
    iyzM4,
    syTopM3: iyM4 / (size.heightM - cz),
    syBottomM3: iyM4 / cz,
    szRightM3: izM4 / (size.widthM - cy),
    szLeftM3: izM4 / cy,
    ryM: Math.sqrt(iyM4 / areaM2),
    rzM: Math.sqrt(izM4 / areaM2),
    principal: principalAxes(iyM4, izM4, iyzM4),
  };
};

const bare = ({ areaM2, iyM4, izM4, iyzM4 }: SectionProperties) => ({ areaM2, iyM4, izM4, iyzM4 });

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
    iyzM4: 0,
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
type Angle = Extract<Shape, { kind: 'angle' }>;
const isChannel = (shape: Shape): shape is Channel => shape.kind === 'channel' || shape.kind === 'bent-channel';

/** Two halves of a box: where the second lies when the first lies as it is sold, turned half round about the box's middle or mirrored. */
interface Box {
  readonly widthM: number;
  readonly heightM: number;
  /** thickness of its standing walls, and of its lying ones */
  readonly sideM: number;
  readonly flatM: number;
  /** product of inertia of the second half against that of the first */
  readonly turned: 1 | -1;
}

/**
 * Channels: mirrored, toes together. Angles: the second turned half round, so that its lying leg caps the toe of the first one's standing leg; the
 * box is as wide as a leg and a wall higher than one.
 */
const boxOf = (shape: Shape): Box | undefined => {
  if (isChannel(shape)) {
    const [sideM, flatM] =
      shape.kind === 'channel' ? [shape.webM, shape.flangeThicknessM] : [shape.thicknessM, shape.thicknessM];
    return { widthM: 2 * shape.flangeM, heightM: shape.depthM, sideM, flatM, turned: -1 };
  }
  if (shape.kind !== 'angle') return undefined;
  const { horizontalLegM, verticalLegM, thicknessM }: Angle = shape;
  const heightM = verticalLegM + thicknessM;
  return { widthM: horizontalLegM, heightM, sideM: thicknessM, flatM: thicknessM, turned: 1 };
};

/** The tube that a box is, with the thinnest of its walls: what strength is told by, on the careful side. */
const tubeOf = ({ widthM, heightM, sideM, flatM }: Box): Extract<Shape, { kind: 'rect-tube' }> => ({
  kind: 'rect-tube',
  widthM,
  heightM,
  wallM: Math.min(sideM, flatM),
  outerRadiusM: 0,
  innerRadiusM: 0,
});

/** Area between the middles of a box's walls, m². */
const enclosedM2 = ({ widthM, heightM, sideM, flatM }: Box): number => (widthM - sideM) * (heightM - flatM);

/** Two bars as a box: bending by the parallel-axis theorem, twist by Bredt's formula, 4A² ÷ ∮ds/t. */
const boxed = ({ design, nominalAreaM2 }: BarProperties, box: Box): BarProperties => {
  const { widthM, heightM, sideM, flatM, turned } = box;
  const first = { ...bare(design), yM: design.centroidYM, zM: design.centroidZM };
  const second = {
    ...first,
    yM: widthM - first.yM,
    zM: turned === 1 ? heightM - first.zM : first.zM,
    iyzM4: turned * first.iyzM4,
  };
  const whole = together(design, { widthM, heightM }, [first, second]);
  const [b, h] = [widthM - sideM, heightM - flatM];
  return {
    design: {
      ...whole,
      torsionM4: (4 * (b * h) ** 2) / ((2 * b) / flatM + (2 * h) / sideM),
      torsionMethod: 'en-10219-closed',
      shearAreaM2: 2 * design.shearAreaM2,
    },
    nominalAreaM2: 2 * nominalAreaM2,
    widthM,
    heightM,
    sMinM3: Math.min(whole.syTopM3, whole.syBottomM3),
  };
};

/** Clear width and height inside a tube; undefined for what is no tube. */
const insideOf = (shape: Shape): { readonly widthM: number; readonly heightM: number } | undefined => {
  if (shape.kind === 'round-tube') {
    const clear = shape.diameterM - 2 * shape.wallM;
    return { widthM: clear, heightM: clear };
  }
  if (shape.kind !== 'rect-tube') return undefined;
  return { widthM: shape.widthM - 2 * shape.wallM, heightM: shape.heightM - 2 * shape.wallM };
};

/** A bar inside a tube, both about one middle. It must go in: a round one only into a round one that is wider. */
const sleeved = (bar: BarProperties, shape: Shape, inner: Section): BarProperties | undefined => {
  const room = insideOf(shape);
  const core = barProperties(inner);
  const round = shape.kind === 'round-tube';
  const closed =
    inner.shape.kind === 'rect-tube' || inner.shape.kind === 'round-tube' || inner.shape.kind === 'flat-bar';
  const cornerM = round && inner.shape.kind !== 'round-tube' ? Math.hypot(core?.widthM ?? 0, core?.heightM ?? 0) : 0;
  const fits =
    room && core && closed && core.widthM <= room.widthM && core.heightM <= room.heightM && cornerM <= room.widthM;
  if (!fits) return undefined;
  const { design } = bar;
  const at = { yM: bar.widthM / 2, zM: bar.heightM / 2 };
  const whole = together(design, bar, [
    { ...bare(design), ...at },
    { ...bare(core.design), ...at },
  ]);
  return {
    ...bar,
    design: whole,
    nominalAreaM2: bar.nominalAreaM2 + core.nominalAreaM2,
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
  switch (build.kind) {
    case 'plated':
      return { bar: plated(bar, build), shape };
    case 'sleeved': {
      const built = sleeved(bar, section.shape, build.inner);
      return built && { bar: built, shape };
    }
    case 'boxed': {
      const box = boxOf(shape);
      return box && { bar: boxed(bar, box), shape: tubeOf(box) };
    }
  }
};

/** How bars of this shape can be built up. */
export const buildUpsOf = (shape: Shape): readonly BuildUp['kind'][] => [
  ...(boxOf(shape) ? (['boxed'] as const) : []),
  'plated',
  ...(insideOf(shape) ? (['sleeved'] as const) : []),
];

/** Shear flow by upright and level shear and by twist. */
interface Shears {
  readonly uprightN: number;
  readonly levelN: number;
  readonly twistNm: number;
}

/**
 * Both seams of a box of angles lie at opposite corners, between a leg's toe and the other one's wall: half of the section hangs on both, so each
 * passes V × Q ÷ I ÷ 2 of one half by itself, in both planes. A box of channels has one seam above and one below, where upright shear passes none.
 */
const boxFlow = (
  one: BarProperties,
  box: Box,
  { design }: BarProperties,
  { uprightN, levelN, twistNm }: Shears,
): number => {
  const round = Math.abs(twistNm) / (2 * enclosedM2(box));
  const qLevel = one.design.areaM2 * Math.abs(box.widthM / 2 - one.design.centroidYM);
  const level = (Math.abs(levelN) * qLevel) / design.izM4 / 2;
  const qUpright = one.design.areaM2 * Math.abs(box.heightM / 2 - one.design.centroidZM);
  const upright = box.turned === 1 ? (Math.abs(uprightN) * qUpright) / design.iyM4 / 2 : 0;
  return round + level + upright;
};

/**
 * Force per length along one seam of a built-up bar, N/m: V × Q ÷ I of what hangs on it, and T ÷ 2A of a box. Every plate has two seams. What is
 * held inside a tube has none: 0.
 */
export const seamFlow = (section: Section, build: BuildUp, shears: Shears): number => {
  const one = barProperties(section);
  const built = builtUpBar(section, build);
  if (!one || !built || build.kind === 'sleeved') return 0;
  const { design } = built.bar;
  if (build.kind === 'boxed') return boxFlow(one, boxOf(designShape(section)) as Box, built.bar, shears);
  const lying = build.faces !== 'sides';
  const areaM2 = build.widthM * build.thicknessM;
  const lever = lying
    ? Math.max(built.bar.heightM - design.centroidZM, design.centroidZM) - build.thicknessM / 2
    : Math.max(built.bar.widthM - design.centroidYM, design.centroidYM) - build.thicknessM / 2;
  const flow = (shearN: number, i: number): number => (Math.abs(shearN) * areaM2 * lever) / i / 2;
  return lying ? flow(shears.uprightN, design.iyM4) : flow(shears.levelN, design.izM4);
};
