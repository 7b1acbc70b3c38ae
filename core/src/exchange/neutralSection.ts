import { z } from 'zod';
import { fail, type Result } from '../result.js';
import { plasticProperties, sectionProperties, type Shape, type ShapeProblem } from '../sections/index.js';
import { fromMetres, fromRadians, millimetres } from '../units/index.js';
import { firstIssue, inFigures, neutralId, type NeutralProblem } from './neutralProblem.js';

const size = z.number();
const radius = z.number().optional();
const shapeSchema = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('rectangular tube'),
    width: size,
    depth: size,
    t: size,
    outerRadius: radius,
    innerRadius: radius,
  }),
  z.object({ kind: z.literal('round tube'), diameter: size, t: size }),
  z.object({
    kind: z.literal('angle'),
    verticalLeg: size,
    horizontalLeg: size,
    t: size,
    rootRadius: radius,
    toeRadius: radius,
  }),
  z.object({
    kind: z.literal('channel'),
    depth: size,
    flange: size,
    tw: size,
    tf: size,
    rootRadius: radius,
    toeRadius: radius,
    innerSlope: radius,
  }),
  z.object({
    kind: z.literal('bent channel'),
    depth: size,
    flange: size,
    t: size,
    outerRadius: radius,
    innerRadius: radius,
  }),
  z.object({ kind: z.literal('flat bar'), width: size, depth: size }),
]);
type NeutralShape = z.infer<typeof shapeSchema>;
const fileSchema = z.object({ sections: z.array(z.object({ id: neutralId, shape: shapeSchema })).min(1) });

const mm = (value: number): number => millimetres(value);

const toShape = (s: NeutralShape): Shape => {
  switch (s.kind) {
    case 'rectangular tube':
      return {
        kind: 'rect-tube',
        widthM: mm(s.width),
        heightM: mm(s.depth),
        wallM: mm(s.t),
        outerRadiusM: mm(s.outerRadius ?? 2 * s.t),
        innerRadiusM: mm(s.innerRadius ?? s.t),
      };
    case 'round tube':
      return { kind: 'round-tube', diameterM: mm(s.diameter), wallM: mm(s.t) };
    case 'angle':
      return {
        kind: 'angle',
        verticalLegM: mm(s.verticalLeg),
        horizontalLegM: mm(s.horizontalLeg),
        thicknessM: mm(s.t),
        rootRadiusM: mm(s.rootRadius ?? 0),
        toeRadiusM: mm(s.toeRadius ?? 0),
      };
    case 'channel':
      return {
        kind: 'channel',
        depthM: mm(s.depth),
        flangeM: mm(s.flange),
        webM: mm(s.tw),
        flangeThicknessM: mm(s.tf),
        rootRadiusM: mm(s.rootRadius ?? 0),
        toeRadiusM: mm(s.toeRadius ?? 0),
        innerSlope: s.innerSlope ?? 0,
      };
    case 'bent channel':
      return {
        kind: 'bent-channel',
        depthM: mm(s.depth),
        flangeM: mm(s.flange),
        thicknessM: mm(s.t),
        outerRadiusM: mm(s.outerRadius ?? 2 * s.t),
        innerRadiusM: mm(s.innerRadius ?? s.t),
      };
    case 'flat bar':
      return { kind: 'flat-bar', widthM: mm(s.width), heightM: mm(s.depth) };
  }
};

/** Field names of the format for the fields of our shapes, where they differ. */
const FIELD_NAMES: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  'rectangular tube': { heightM: 'depth', wallM: 't' },
  'round tube': { wallM: 't' },
  angle: { thicknessM: 't' },
  channel: { webM: 'tw', flangeThicknessM: 'tf' },
  'bent channel': { thicknessM: 't' },
  'flat bar': { heightM: 'depth' },
};

const PROBLEM_TEXT: Readonly<Record<ShapeProblem['code'], string>> = {
  'not-positive': 'must be greater than zero',
  negative: 'must not be negative',
  'wall-too-thick': 'is too thick for the outside size',
  'radius-too-large': 'is larger than the sides leave room for',
};

/** mm to the power of n */
const power = (value: number, n: number): number => value * fromMetres(1, 'mm') ** n;

/** `kereta calc section`: mm in, mm to mm⁴ out. */
export const calculateSections = (file: unknown): Result<{ sections: readonly unknown[] }, NeutralProblem> => {
  const parsed = fileSchema.safeParse(file);
  if (!parsed.success) return fail(firstIssue(parsed.error));
  const sections: unknown[] = [];
  for (const [index, { id, shape: neutral }] of parsed.data.sections.entries()) {
    const shape = toShape(neutral);
    const elastic = sectionProperties(shape);
    const plastic = plasticProperties(shape);
    if (!elastic.ok || !plastic.ok) {
      const problem = !elastic.ok ? elastic.error : (plastic as { error: ShapeProblem }).error;
      const field = FIELD_NAMES[neutral.kind]?.[problem.field] ?? problem.field.replace(/M$/, '');
      return fail({
        code: 'impossible',
        path: `sections[${index}].shape.${field}`,
        message: `${field} ${PROBLEM_TEXT[problem.code]}`,
      });
    }
    const p = elastic.value;
    const z2 = plastic.value;
    sections.push({
      id,
      properties: {
        A: power(p.areaM2, 2),
        centroid: { y: power(p.centroidYM, 1), z: power(p.centroidZM, 1) },
        Iy: power(p.iyM4, 4),
        Iz: power(p.izM4, 4),
        Iyz: power(p.iyzM4, 4),
        SyTop: power(p.syTopM3, 3),
        SyBottom: power(p.syBottomM3, 3),
        SzRight: power(p.szRightM3, 3),
        SzLeft: power(p.szLeftM3, 3),
        Zy: power(z2.zyM3, 3),
        Zz: power(z2.zzM3, 3),
        plasticAxis: { z: power(z2.axisZM, 1), y: power(z2.axisYM, 1) },
        ry: power(p.ryM, 1),
        rz: power(p.rzM, 1),
        principal: {
          I1: power(p.principal.i1M4, 4),
          I2: power(p.principal.i2M4, 4),
          angleDeg: fromRadians(p.principal.angleRad, 'deg'),
        },
        J: power(p.torsionM4, 4),
        JMethod: p.torsionMethod,
      },
    });
  }
  return inFigures({ sections });
};
