import {
  barOf,
  type BarGroup,
  findMaterial,
  findSection,
  isDoubled,
  type Trailer,
  overrideOf,
} from '../project/index.js';
import type { SectionRow } from '../catalog/index.js';
import { barProperties, type BuildUp, builtUpBar, doubledBar } from '../sections/index.js';
import { type ChassisProblem, type EndCut, type Member, planArea, type PlanPoint } from './member.js';

const SQUARE: EndCut = { kind: 'square' };

/** Where a bar lies: its plan outline, its level, and how it is cut. */
export interface Placement {
  readonly plan: readonly PlanPoint[];
  readonly z0M: number;
  readonly cutLengthM: number;
  readonly faceLengthM?: number;
  readonly ends?: readonly [EndCut, EndCut];
  /** stands on end instead of lying: its height, m */
  readonly standingM?: number;
  /** rises by this for each metre forward; `z0M` is then the underside of its rear end */
  readonly risePerM?: number;
  /** true length over its length in plan */
  readonly slant?: number;
  readonly cutLaterM?: number;
  /** of its length, past the faces that its outline ends at: into the open side of what it meets */
  readonly intoM?: number;
  readonly hingeAtM?: number | undefined;
}

export type BarStock = Pick<
  Member,
  'section' | 'bar' | 'material' | 'pieces' | 'builtUp' | 'reinforced' | 'holes' | 'existing' | 'splicesM'
>;

type Built = NonNullable<NonNullable<ReturnType<typeof overrideOf>>['built']>;

const BOXES = new WeakMap<SectionRow, SectionRow>();
/** The row of a box made of this section; the very same for the same section, so that what is worked out of it is kept. */
const boxRow = (section: SectionRow, shape: SectionRow['shape']): SectionRow => {
  const known = BOXES.get(section);
  if (known) return known;
  const { designWallM: _own, ...rest } = section;
  const row = { ...rest, id: `${section.id}+box`, designation: `2 x ${section.designation}, as a box`, shape };
  BOXES.set(section, row);
  return row;
};

/** How it is built up, with the bar inside looked up; undefined where there is no such bar. */
const buildUpOf = (trailer: Trailer, how: Built['how']): BuildUp<SectionRow> | undefined => {
  if (how.kind !== 'sleeved') return how;
  const inner = findSection(trailer, how.sectionId);
  return inner && { kind: 'sleeved', inner };
};

/** A built-up bar's section, sizes and what it is of; undefined where the section is none that can be built up so. */
const builtStock = (
  trailer: Trailer,
  section: SectionRow,
  { how: told, stitch, over }: Built,
): Pick<BarStock, 'section' | 'bar' | 'builtUp' | 'reinforced'> | undefined => {
  const how = buildUpOf(trailer, told);
  const bare = barProperties(section);
  const built = how && builtUpBar(section, how);
  if (!how || !bare || !built) return undefined;
  const builtUp = { base: section, how, stitch };
  if (how.kind === 'boxed') return { section: boxRow(section, built.shape), bar: built.bar, builtUp };
  return over
    ? { section, bar: bare, reinforced: { ...over, bar: built.bar, builtUp } }
    : { section, bar: built.bar, builtUp };
};

/** Section and metal of a member, or a problem that names it. */
export const stockOf = (
  trailer: Trailer,
  group: BarGroup,
  memberId: string,
  problems: ChassisProblem[],
): BarStock | undefined => {
  const { sectionId, materialId } = barOf(trailer, group, memberId);
  const section = findSection(trailer, sectionId);
  const material = findMaterial(trailer, materialId);
  if (!section) problems.push({ code: 'missing-section', memberId, sectionId });
  if (!material) problems.push({ code: 'missing-material', memberId, materialId });
  if (!section || !material) return undefined;
  const bar = barProperties(section);
  if (!bar) {
    problems.push({ code: 'impossible-section', memberId, sectionId });
    return undefined;
  }
  if (section.family !== material.family) problems.push({ code: 'wrong-metal', memberId, sectionId, materialId });
  const { holes = [], existing = false, splices = [], built } = overrideOf(trailer, memberId) ?? {};
  const said = { holes, existing, splicesM: splices.map(({ atM }) => atM).sort((a, b) => a - b) };
  if (built) {
    const stock = builtStock(trailer, section, built);
    if (stock) return { ...stock, material, pieces: 1, ...said };
    problems.push({ code: built.how.kind === 'boxed' ? 'no-box' : 'no-sleeve', memberId, sectionId });
  }
  return isDoubled(trailer, memberId)
    ? { section, bar: doubledBar(bar), material, pieces: 2, ...said }
    : { section, bar, material, pieces: 1, ...said };
};

/**
 * Weighs and places a bar. Mass = nominal area × density × (plan area ÷ width): exact for ends sawn upright through a section
 * that is symmetric about its middle; the sideways centre of angles and channels is taken at mid-width.
 */
export const placeBar = (id: string, group: BarGroup, stock: BarStock, placement: Placement): Member => {
  const { plan, z0M, cutLengthM, faceLengthM = cutLengthM, ends = [SQUARE, SQUARE], standingM } = placement;
  const { risePerM = 0, slant = 1, cutLaterM = 0, intoM = 0 } = placement;
  const { bar, material } = stock;
  const { areaM2, xM, yM } = planArea(plan);
  const meanLengthM = standingM ?? (slant * areaM2) / bar.widthM + intoM;
  const xs = plan.map(([x]) => x);
  const [x0M, x1M] = [Math.min(...xs), Math.max(...xs)];
  const frontRiseM = risePerM * (x1M - x0M);
  return {
    id,
    group,
    ...stock,
    plan,
    extent: {
      x0M,
      x1M,
      z0M: z0M + Math.min(0, frontRiseM),
      z1M: z0M + (standingM ?? bar.heightM) + Math.max(0, frontRiseM),
    },
    frontRiseM,
    cutLaterM,
    intoM,
    ...(placement.hingeAtM === undefined ? {} : { hingeAtM: placement.hingeAtM }),
    cutLengthM,
    faceLengthM,
    ends,
    massKg: bar.nominalAreaM2 * material.densityKgM3 * meanLengthM,
    centre: {
      xM,
      yM,
      zM: z0M + (standingM === undefined ? bar.design.centroidZM : standingM / 2) + risePerM * (x1M - xM),
    },
  };
};
