import { ok, type Result } from '../result.js';
import { areaIntegrals, exchangeAxes, plasticAxis } from './areaIntegrals.js';
import { outlineOf } from './outline.js';
import { outsideSize, type Shape, type ShapeProblem, shearAreaM2 } from './shape.js';
import { type TorsionMethod, torsionConstantM4 } from './torsion.js';

/**
 * Geometric properties in m, m², m³, m⁴ about the centroid, y to the right, z up.
 * `iyM4` = ∫z² dA is bending in the vertical plane, the one that carries load in a trailer's frame.
 */
export interface SectionProperties {
  readonly areaM2: number;
  readonly centroidYM: number;
  readonly centroidZM: number;
  readonly iyM4: number;
  readonly izM4: number;
  readonly iyzM4: number;
  readonly syTopM3: number;
  readonly syBottomM3: number;
  readonly szRightM3: number;
  readonly szLeftM3: number;
  readonly ryM: number;
  readonly rzM: number;
  readonly principal: { readonly i1M4: number; readonly i2M4: number; readonly angleRad: number };
  readonly torsionM4: number;
  readonly torsionMethod: TorsionMethod;
  readonly shearAreaM2: number;
}

/** Below this share of the larger second moment a product moment is rounding, not geometry. */
const ROUNDING = 1e-12;

/** Largest and smallest second moment and the angle between them, from those about two axes and their product. */
export const principalAxes = (iy: number, iz: number, iyz: number): SectionProperties['principal'] => {
  const clean = Math.abs(iyz) < ROUNDING * Math.max(iy, iz) ? 0 : iyz;
  const difference = Math.abs(iy - iz) < ROUNDING * Math.max(iy, iz) ? 0 : iy - iz;
  const mean = (iy + iz) / 2;
  const radius = Math.hypot((iy - iz) / 2, clean);
  return { i1M4: mean + radius, i2M4: mean - radius, angleRad: Math.atan2(-2 * clean, difference) / 2 };
};

/** Properties from the exact outline, radii counted; or the dimension that makes no section. */
export const sectionProperties = (shape: Shape): Result<SectionProperties, ShapeProblem> => {
  const outline = outlineOf(shape);
  if (!outline.ok) return outline;
  const { area, y, z, yy, zz, yz } = areaIntegrals(outline.value);
  const { heightM, widthM } = outsideSize(shape);
  const cy = y / area;
  const cz = z / area;
  const iy = zz - area * cz * cz;
  const iz = yy - area * cy * cy;
  const iyz = yz - area * cy * cz;
  const torsion = torsionConstantM4(shape);
  return ok({
    areaM2: area,
    centroidYM: cy,
    centroidZM: cz,
    iyM4: iy,
    izM4: iz,
    iyzM4: iyz,
    syTopM3: iy / (heightM - cz),
    syBottomM3: iy / cz,
    szRightM3: iz / (widthM - cy),
    szLeftM3: iz / cy,
    ryM: Math.sqrt(iy / area),
    rzM: Math.sqrt(iz / area),
    principal: principalAxes(iy, iz, iyz),
    torsionM4: torsion.valueM4,
    torsionMethod: torsion.method,
    shearAreaM2: shearAreaM2(shape, area),
  });
};

export interface PlasticProperties {
  readonly zyM3: number;
  readonly zzM3: number;
  /** equal-area axes from the lower left corner of the bounding box, m */
  readonly axisZM: number;
  readonly axisYM: number;
}

const workOutPlastic = (shape: Shape): Result<PlasticProperties, ShapeProblem> => {
  const outline = outlineOf(shape);
  if (!outline.ok) return outline;
  const { heightM, widthM } = outsideSize(shape);
  const vertical = plasticAxis(outline.value, heightM);
  const sideways = plasticAxis(exchangeAxes(outline.value), widthM);
  return ok({ zyM3: vertical.modulus, zzM3: sideways.modulus, axisZM: vertical.level, axisYM: sideways.level });
};

const knownPlastic = new WeakMap<Shape, Result<PlasticProperties, ShapeProblem>>();

/** Plastic moduli about the equal-area axes parallel to y and to z; worked out once per shape object. */
export const plasticProperties = (shape: Shape): Result<PlasticProperties, ShapeProblem> => {
  const known = knownPlastic.get(shape);
  if (known) return known;
  const fresh = workOutPlastic(shape);
  knownPlastic.set(shape, fresh);
  return fresh;
};
