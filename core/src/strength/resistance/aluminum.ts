import type { Material } from '../../materials/index.js';
import { plasticProperties, type SectionProperties, type Shape } from '../../sections/index.js';
import { publishedSure, publishedVerify, type Source } from '../../source.js';
import { fromPascals, toPascals } from '../../units/index.js';
import { channelSizes, channelWarpingM6, type Nominal } from './steel.js';

export interface AluminumInput {
  readonly shape: Shape;
  readonly section: SectionProperties;
  readonly material: Material;
  /** within 25 mm of a weld the whole section counts at its welded strength */
  readonly welded: boolean;
}

/** ADM 2010 and later, building-type structures: on yielding and buckling, on rupture. */
export const ALUMINUM_YIELD_FACTOR = 1.65;
export const ALUMINUM_RUPTURE_FACTOR = 1.95;

const ADM_BENDING: Source = publishedSure('Aluminum Design Manual F.2');
const ADM_WALLS: Source = publishedVerify('Aluminum Design Manual B.5.4, buckling constants of table B.4.2');

const strengths = ({ material, welded }: AluminumInput): { yieldPa: number; ultimatePa: number } =>
  welded
    ? {
        yieldPa: material.weldedYieldPa ?? material.yieldPa,
        ultimatePa: material.weldedUltimatePa ?? material.ultimatePa,
      }
    : material;

/**
 * Stress that a flat wall held at both long edges bears under even pressure, Pa, artificially aged tempers.
 * Constants in ksi: Bp = F·(1 + (F/1500)^⅓), Dp = (Bp/10)·√(Bp/E), k1 = 0.35, k2 = 2.27; 1.6 for two held edges, 5.0 for one.
 */
export const wallStressPa = (yieldPa: number, elasticPa: number, ratio: number, heldEdges: 1 | 2): number => {
  const f = fromPascals(yieldPa, 'ksi');
  const e = fromPascals(elasticPa, 'ksi');
  const bp = f * (1 + Math.cbrt(f / 1500));
  const dp = (bp / 10) * Math.sqrt(bp / e);
  const k = heldEdges === 2 ? 1.6 : 5;
  const first = (bp - f) / (k * dp);
  const second = (0.35 * bp) / (k * dp);
  if (ratio <= first) return yieldPa;
  const stress = ratio < second ? bp - k * dp * ratio : (2.27 * Math.sqrt(bp * e)) / (k * ratio);
  return toPascals(Math.min(f, stress), 'ksi');
};

type Plane = 'upright' | 'level';

interface PressedWall {
  readonly ratio: number;
  readonly heldEdges: 1 | 2;
}

/** Slenderness of the wall that the bending presses, and how many of its edges are held. */
const pressedWall = (shape: Shape, plane: Plane): PressedWall | undefined => {
  switch (shape.kind) {
    case 'rect-tube':
      return {
        ratio: ((plane === 'upright' ? shape.widthM : shape.heightM) - 2 * shape.wallM) / shape.wallM,
        heldEdges: 2,
      };
    case 'angle':
      return { ratio: Math.max(shape.verticalLegM, shape.horizontalLegM) / shape.thicknessM, heldEdges: 1 };
    case 'channel':
    case 'bent-channel': {
      const { flange, flangeM } = channelSizes(shape);
      return { ratio: flangeM / flange, heldEdges: 1 };
    }
    case 'round-tube':
    case 'flat-bar':
      return undefined;
  }
};

/** Every wall of a bar that is pressed along itself: those across and those upright. */
const pressedWalls = (shape: Shape): readonly PressedWall[] => {
  const walls = (['upright', 'level'] as const).flatMap((plane) => pressedWall(shape, plane) ?? []);
  if (shape.kind !== 'channel' && shape.kind !== 'bent-channel') return walls;
  const { web, flange, depthM } = channelSizes(shape);
  return [...walls, { ratio: (depthM - 2 * flange) / web, heldEdges: 2 }];
};

/** Warping constant, m⁶; closed and solid sections hardly warp. */
const warpingM6 = (shape: Shape): number => {
  if (shape.kind !== 'channel' && shape.kind !== 'bent-channel') return 0;
  const { web, flange, depthM, flangeM } = channelSizes(shape);
  return channelWarpingM6(depthM, flangeM, web, flange);
};

/**
 * Lateral-torsional buckling by F.4 (even moment, Cb = 1): Me = (π ÷ L)·√(E·Iy·G·J + (π·E ÷ L)²·Iy·Cw), λ = π·√(E·S ÷ Me); below Cc
 * Mp·(1 − λ ÷ Cc) + π²·E·λ·S ÷ Cc³, above it π²·E·S ÷ λ². Returned before the safety factor, N·m.
 */
export const lateralMomentNm = (input: AluminumInput, plasticNm: number, unbracedM: number): number => {
  const { section, material, shape } = input;
  const { yieldPa } = strengths(input);
  const e = material.elasticPa;
  const s = Math.min(section.syTopM3, section.syBottomM3);
  const g = (e * 3_800) / 10_100;
  const weak = e * section.izM4;
  const elastic =
    (Math.PI / unbracedM) *
    Math.sqrt(weak * g * section.torsionM4 + (Math.PI / unbracedM) ** 2 * weak * e * warpingM6(shape));
  const slender = Math.PI * Math.sqrt((e * s) / elastic);
  const limit = bucklingLimit(fromPascals(yieldPa, 'ksi'), fromPascals(e, 'ksi')).cc;
  return slender < limit
    ? plasticNm * (1 - slender / limit) + (Math.PI ** 2 * e * slender * s) / limit ** 3
    : (Math.PI ** 2 * e * s) / slender ** 2;
};

/** Buckling constants of members, table B.4.2, ksi: Bc = F·(1 + √(F/2250)), Dc = (Bc/10)·√(Bc/E), Cc = 0.41·Bc/Dc. */
const bucklingLimit = (f: number, e: number): { readonly bc: number; readonly dc: number; readonly cc: number } => {
  const bc = f * (1 + Math.sqrt(f / 2250));
  const dc = (bc / 10) * Math.sqrt(bc / e);
  return { bc, dc, cc: (0.41 * bc) / dc };
};

const ADM_LATERAL: Source = publishedVerify('Aluminum Design Manual F.4');

/**
 * The least of yielding (÷ 1.65), buckling of the pressed wall or of the bar sideways (÷ 1.65) and rupture (÷ 1.95): the allowable moment, N·m,
 * with the clause. A bar bent about its weaker axis does not buckle sideways.
 */
export const aluminumBending = (input: AluminumInput, plane: Plane, unbracedM: number): Nominal => {
  const { shape, section, material } = input;
  const { yieldPa, ultimatePa } = strengths(input);
  const plastic = plasticProperties(shape);
  const tall = plane === 'upright';
  const z = plastic.ok ? (tall ? plastic.value.zyM3 : plastic.value.zzM3) : 0;
  const s = tall ? Math.min(section.syTopM3, section.syBottomM3) : Math.min(section.szLeftM3, section.szRightM3);
  // Angles about a face twist as they bend; the steel rule's 0.80 stands in for the principal-axis check.
  const share = shape.kind === 'angle' ? 0.8 : 1;
  let value = (Math.min(z, 1.5 * s) * yieldPa * share) / ALUMINUM_YIELD_FACTOR;
  let source = ADM_BENDING;
  const take = (candidate: number, from: Source): void => {
    if (candidate < value) {
      value = candidate;
      source = from;
    }
  };
  take((z * ultimatePa * share) / ALUMINUM_RUPTURE_FACTOR, ADM_BENDING);
  if (tall && section.iyM4 > section.izM4)
    take((lateralMomentNm(input, z * yieldPa, unbracedM) * share) / ALUMINUM_YIELD_FACTOR, ADM_LATERAL);
  const wall = pressedWall(shape, plane);
  if (wall) {
    const stress = wallStressPa(yieldPa, material.elasticPa, wall.ratio, wall.heldEdges);
    if (stress < yieldPa) take((stress * s * share) / ALUMINUM_YIELD_FACTOR, ADM_WALLS);
  }
  return { value, source };
};

/** Allowable compression, N: member buckling by E.2, and the weakest of its walls by B.5.4 under even pressure. */
export const aluminumCompression = (input: AluminumInput, lengthYM: number, lengthZM: number): Nominal => {
  const { section, material, shape } = input;
  const { yieldPa } = strengths(input);
  const f = fromPascals(yieldPa, 'ksi');
  const e = fromPascals(material.elasticPa, 'ksi');
  const { bc, dc, cc } = bucklingLimit(f, e);
  const slender = Math.max(lengthYM / section.ryM, lengthZM / section.rzM);
  const critical = slender < cc ? 0.85 * (bc - dc * slender) : (0.85 * Math.PI ** 2 * e) / Math.max(slender, 1e-9) ** 2;
  const walls = pressedWalls(shape).map(({ ratio, heldEdges }) =>
    wallStressPa(yieldPa, material.elasticPa, ratio, heldEdges),
  );
  const stress = Math.min(toPascals(Math.min(critical, f), 'ksi'), ...walls);
  return {
    value: (stress * section.areaM2) / ALUMINUM_YIELD_FACTOR,
    source: publishedVerify('Aluminum Design Manual E.2'),
  };
};

/** Allowable tension, N: D.2. */
export const aluminumTension = (input: AluminumInput): Nominal => {
  const { yieldPa, ultimatePa } = strengths(input);
  return {
    value: input.section.areaM2 * Math.min(yieldPa / ALUMINUM_YIELD_FACTOR, ultimatePa / ALUMINUM_RUPTURE_FACTOR),
    source: publishedSure('Aluminum Design Manual D.2'),
  };
};

/** Allowable shear stress, Pa: 0.6 of the tensile yield, G.2. */
export const aluminumShearPa = (input: AluminumInput): number =>
  (0.6 * strengths(input).yieldPa) / ALUMINUM_YIELD_FACTOR;
