import { outsideSize, type Shape } from './shape.js';
import { type SectionProperties, sectionProperties } from './properties.js';

/** A bar that a yard sells. */
export interface Section {
  readonly id: string;
  /** as it stands on the yard's list: `HSS 3 x 2 x 1/8` */
  readonly designation: string;
  /** nominal dimensions: what is ordered, what it weighs by */
  readonly shape: Shape;
  /** wall that strength is figured with, where a standard allows the mill to roll thinner than nominal (A500, A53: 0.93 t) */
  readonly designWallM?: number | undefined;
}

const atWall = (shape: Shape, wallM: number): Shape => {
  if (shape.kind === 'rect-tube') return { ...shape, wallM, outerRadiusM: 2 * wallM, innerRadiusM: wallM };
  return shape.kind === 'round-tube' ? { ...shape, wallM } : shape;
};

const knownDesign = new WeakMap<Section, Shape>();

/** The shape that strength is figured with: A500 tube and pipe at their design wall, tube corners 2 t outside and t inside (AISC Manual part 1). */
export const designShape = (section: Section): Shape => {
  const known = knownDesign.get(section);
  if (known) return known;
  const { shape, designWallM } = section;
  const design = designWallM === undefined ? shape : atWall(shape, designWallM);
  knownDesign.set(section, design);
  return design;
};

/** What the frame needs of a section: strength by the design wall, mass by the nominal wall. */
export interface BarProperties {
  readonly design: SectionProperties;
  readonly nominalAreaM2: number;
  readonly heightM: number;
  readonly widthM: number;
  /** smaller of top and bottom modulus, m³ */
  readonly sMinM3: number;
}

/**
 * Two of a bar side by side, welded to each other here and there: each carries half. Sideways and in twist they count as two by
 * themselves, which leaves out what a seam all along would add.
 */
export const doubledBar = (bar: BarProperties): BarProperties => {
  const { design } = bar;
  return {
    ...bar,
    widthM: 2 * bar.widthM,
    nominalAreaM2: 2 * bar.nominalAreaM2,
    sMinM3: 2 * bar.sMinM3,
    design: {
      ...design,
      areaM2: 2 * design.areaM2,
      iyM4: 2 * design.iyM4,
      izM4: 2 * design.izM4,
      iyzM4: 2 * design.iyzM4,
      syTopM3: 2 * design.syTopM3,
      syBottomM3: 2 * design.syBottomM3,
      szRightM3: 2 * design.szRightM3,
      szLeftM3: 2 * design.szLeftM3,
      torsionM4: 2 * design.torsionM4,
      shearAreaM2: 2 * design.shearAreaM2,
    },
  };
};

const known = new WeakMap<Section, BarProperties | undefined>();

/** Properties of a section, or undefined where its dimensions make no section; worked out once per section object. */
export const barProperties = (section: Section): BarProperties | undefined => {
  if (known.has(section)) return known.get(section);
  const design = sectionProperties(designShape(section));
  const nominal = sectionProperties(section.shape);
  const bar =
    design.ok && nominal.ok
      ? {
          design: design.value,
          nominalAreaM2: nominal.value.areaM2,
          ...outsideSize(section.shape),
          sMinM3: Math.min(design.value.syTopM3, design.value.syBottomM3),
        }
      : undefined;
  known.set(section, bar);
  return bar;
};
