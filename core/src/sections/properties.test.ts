import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { outlineOf, outsideSize, plasticProperties, sectionProperties, type Shape } from './index.js';

/** Is the point in the metal? Written apart from the outline code, shape by shape, so that the two can disagree. */
const inMetal = (shape: Shape, y: number, z: number): boolean => {
  const inRounded = (w: number, h: number, r: number, py: number, pz: number): boolean => {
    if (py < 0 || pz < 0 || py > w || pz > h) return false;
    const dy = Math.max(r - py, py - (w - r), 0);
    const dz = Math.max(r - pz, pz - (h - r), 0);
    return dy * dy + dz * dz <= r * r || dy === 0 || dz === 0;
  };
  switch (shape.kind) {
    case 'rect-tube': {
      const { widthM: w, heightM: h, wallM: t } = shape;
      return (
        inRounded(w, h, shape.outerRadiusM, y, z) && !inRounded(w - 2 * t, h - 2 * t, shape.innerRadiusM, y - t, z - t)
      );
    }
    case 'angle': {
      const { verticalLegM: v, horizontalLegM: h, thicknessM: t, rootRadiusM: r, toeRadiusM: e } = shape;
      if (y < 0 || z < 0) return false;
      const toe = (along: number, leg: number, across: number): boolean => {
        const a = along - (leg - e);
        const c = across - (t - e);
        return !(a > 0 && c > 0 && a * a + c * c > e * e);
      };
      if (z <= t && y <= h) return toe(y, h, z);
      if (y <= t && z <= v) return toe(z, v, y);
      return y < t + r && z < t + r && (y - t - r) ** 2 + (z - t - r) ** 2 >= r * r;
    }
    default:
      throw new Error('not needed here');
  }
};

/** Area and second moment by counting points, one in each cell of a fine grid at a place that never repeats: slow, blunt, independent. */
const counted = (shape: Shape, n: number): { area: number; iy: number; cz: number } => {
  const { heightM, widthM } = outsideSize(shape);
  const dy = widthM / n;
  const dz = heightM / n;
  let count = 0;
  let first = 0;
  let second = 0;
  for (let i = 0; i < n; i += 1) {
    for (let j = 0; j < n; j += 1) {
      const k = i * n + j;
      const z = (j + ((k * 0.7548776662466927) % 1)) * dz;
      if (inMetal(shape, (i + ((k * 0.5698402909980532) % 1)) * dy, z)) {
        count += 1;
        first += z;
        second += z * z;
      }
    }
  }
  const area = count * dy * dz;
  const cz = first / count;
  return { area, cz, iy: second * dy * dz - area * cz * cz };
};

const ANGLE: Shape = {
  kind: 'angle',
  verticalLegM: 0.0508,
  horizontalLegM: 0.0508,
  thicknessM: 0.00635,
  rootRadiusM: 0.00635,
  toeRadiusM: 0.003175,
};
const TUBE: Shape = {
  kind: 'rect-tube',
  heightM: 0.0762,
  widthM: 0.0508,
  wallM: 0.00422,
  outerRadiusM: 0.00844,
  innerRadiusM: 0.00422,
};

describe('against an independent numerical integration, for rows whose corner radii a table leaves open', () => {
  test.each([
    ['angle', ANGLE],
    ['unequal angle', { ...ANGLE, horizontalLegM: 0.0381, rootRadiusM: 0.008 }],
    ['tube', TUBE],
    ['tube with sharp inside', { ...TUBE, innerRadiusM: 0 }],
  ])('%s', (_name, shape) => {
    const p = sectionProperties(shape);
    if (!p.ok) throw new Error(p.error.field);
    const grid = counted(shape, 1400);
    expect(grid.area / p.value.areaM2).toBeCloseTo(1, 3);
    expect(grid.iy / p.value.iyM4).toBeCloseTo(1, 3);
    expect(grid.cz / p.value.centroidZM).toBeCloseTo(1, 3);
  });
});

describe('closed forms', () => {
  test('flat bar: b·h³/12, b·h²/4, and St Venant’s 0.1406 a⁴ for a square (Timoshenko & Goodier, table in §109)', () => {
    const p = sectionProperties({ kind: 'flat-bar', widthM: 0.02, heightM: 0.05 });
    const z = plasticProperties({ kind: 'flat-bar', widthM: 0.02, heightM: 0.05 });
    if (!p.ok || !z.ok) throw new Error('flat bar');
    expect(p.value.iyM4).toBeCloseTo((0.02 * 0.05 ** 3) / 12, 18);
    expect(z.value.zyM3).toBeCloseTo((0.02 * 0.05 ** 2) / 4, 14);
    const square = sectionProperties({ kind: 'flat-bar', widthM: 1, heightM: 1 });
    expect(square.ok && square.value.torsionM4).toBeCloseTo(0.1406, 4);
  });
  test('round tube: π/64·(D⁴ − d⁴) and (D³ − d³)/6', () => {
    const shape = { kind: 'round-tube', diameterM: 0.06, wallM: 0.005 } as const;
    const p = sectionProperties(shape);
    const z = plasticProperties(shape);
    if (!p.ok || !z.ok) throw new Error('round');
    expect(p.value.iyM4 / ((Math.PI / 64) * (0.06 ** 4 - 0.05 ** 4))).toBeCloseTo(1, 12);
    expect(z.value.zyM3 / ((0.06 ** 3 - 0.05 ** 3) / 6)).toBeCloseTo(1, 9);
    expect(p.value.torsionM4 / (2 * p.value.iyM4)).toBeCloseTo(1, 12);
  });
});

const tube = fc
  .record({
    h: fc.double({ min: 0.02, max: 0.3, noNaN: true }),
    w: fc.double({ min: 0.02, max: 0.3, noNaN: true }),
    t: fc.double({ min: 0.02, max: 0.2, noNaN: true }),
  })
  .map(({ h, w, t }): Extract<Shape, { kind: 'rect-tube' }> => {
    const wallM = t * Math.min(h, w);
    return {
      kind: 'rect-tube',
      heightM: h,
      widthM: w,
      wallM,
      outerRadiusM: Math.min(2 * wallM, 0.45 * Math.min(h, w)),
      innerRadiusM: 0,
    };
  });

describe('properties that hold for any section', () => {
  test('scaling by k scales A by k², I by k⁴, S by k³', () => {
    fc.assert(
      fc.property(tube, fc.double({ min: 0.1, max: 10, noNaN: true }), (shape, k) => {
        const one = sectionProperties(shape);
        const big = sectionProperties({
          ...shape,
          heightM: k * shape.heightM,
          widthM: k * shape.widthM,
          wallM: k * shape.wallM,
          outerRadiusM: k * shape.outerRadiusM,
        });
        if (!one.ok || !big.ok) return false;
        return (
          Math.abs(big.value.areaM2 / one.value.areaM2 / k ** 2 - 1) < 1e-9 &&
          Math.abs(big.value.iyM4 / one.value.iyM4 / k ** 4 - 1) < 1e-9 &&
          Math.abs(big.value.torsionM4 / one.value.torsionM4 / k ** 4 - 1) < 1e-9
        );
      }),
    );
  });
  test('turning a tube on its side exchanges the two second moments and leaves torsion', () => {
    fc.assert(
      fc.property(tube, (shape) => {
        const up = sectionProperties(shape);
        const flat = sectionProperties({ ...shape, heightM: shape.widthM, widthM: shape.heightM });
        if (!up.ok || !flat.ok) return false;
        return (
          Math.abs(up.value.iyM4 / flat.value.izM4 - 1) < 1e-9 &&
          Math.abs(up.value.torsionM4 / flat.value.torsionM4 - 1) < 1e-9
        );
      }),
    );
  });
  test('plastic modulus lies between the elastic one and twice that', () => {
    fc.assert(
      fc.property(tube, (shape) => {
        const p = sectionProperties(shape);
        const z = plasticProperties(shape);
        return p.ok && z.ok && z.value.zyM3 > p.value.syTopM3 && z.value.zyM3 < 2 * p.value.syTopM3;
      }),
      { numRuns: 40 },
    );
  });
  test('an unequal angle has the same principal moments lying and standing', () => {
    const a = sectionProperties({ ...ANGLE, horizontalLegM: 0.03 });
    const b = sectionProperties({ ...ANGLE, verticalLegM: 0.03 });
    if (!a.ok || !b.ok) throw new Error('angle');
    expect(a.value.principal.i1M4 / b.value.principal.i1M4).toBeCloseTo(1, 12);
    expect(a.value.principal.i2M4 / b.value.principal.i2M4).toBeCloseTo(1, 12);
  });
});

describe('sizes that make no section are named, never NaN', () => {
  test.each<[string, Shape, string, string]>([
    ['zero wall', { ...TUBE, wallM: 0 }, 'not-positive', 'wallM'],
    ['negative width', { ...TUBE, widthM: -0.05 }, 'not-positive', 'widthM'],
    ['not a number', { ...TUBE, heightM: Number.NaN }, 'not-positive', 'heightM'],
    ['wall thicker than half', { ...TUBE, wallM: 0.03 }, 'wall-too-thick', 'wallM'],
    ['corner larger than the side', { ...TUBE, outerRadiusM: 0.05 }, 'radius-too-large', 'outerRadiusM'],
    ['negative fillet', { ...ANGLE, rootRadiusM: -0.001 }, 'negative', 'rootRadiusM'],
    ['leg thinner than its wall', { ...ANGLE, horizontalLegM: 0.005 }, 'wall-too-thick', 'thicknessM'],
    ['round wall over the radius', { kind: 'round-tube', diameterM: 0.05, wallM: 0.03 }, 'wall-too-thick', 'wallM'],
  ])('%s', (_name, shape, code, field) => {
    expect(outlineOf(shape)).toEqual({ ok: false, error: { code, field } });
    expect(sectionProperties(shape).ok).toBe(false);
  });
});
