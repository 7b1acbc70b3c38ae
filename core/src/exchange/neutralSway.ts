import { z } from 'zod';
import { fail, type Result } from '../result.js';
import { eigenvalues, leastDamped, lostDamping, type Rig } from '../towing/index.js';
import { firstIssue, inFigures, neutralId, type NeutralProblem } from './neutralProblem.js';

const positive = z.number().positive();
const setSchema = z.object({
  id: neutralId,
  parameters: z.object({
    m1: positive,
    I1: positive,
    a: positive,
    b: positive,
    e: z.number(),
    m2: z.number().nonnegative(),
    I2: z.number().nonnegative(),
    c: z.number(),
    d: positive,
    Cf: positive,
    Cr: positive,
    Ct: z.number().nonnegative(),
  }),
  speeds: z.array(z.union([positive, z.object({ kmh: positive })])).optional(),
});
const fileSchema = z.object({ sets: z.array(setSchema).min(1) });

const rigOf = ({ m1, I1, a, b, e, m2, I2, c, d, Cf, Cr, Ct }: z.infer<typeof setSchema>['parameters']): Rig => ({
  vehicleKg: m1,
  vehicleYawKgM2: I1,
  frontM: a,
  rearM: b,
  hitchM: e,
  frontStiffness: Cf,
  rearStiffness: Cr,
  trailerKg: m2,
  trailerYawKgM2: I2,
  balanceM: c,
  axles: [{ behindBallM: d, stiffnessNPerRad: Ct }],
});

/** `kereta calc sway`: modes at the listed speeds, and the lowest speed at which one is no longer damped. */
export const calculateSway = (file: unknown): Result<{ sets: readonly unknown[] }, NeutralProblem> => {
  const parsed = fileSchema.safeParse(file);
  if (!parsed.success) return fail(firstIssue(parsed.error));
  const sets: unknown[] = [];
  for (const [index, { id, parameters, speeds = [] }] of parsed.data.sets.entries()) {
    // A trailer of no mass still has to turn with something.
    if (parameters.I2 === 0 && parameters.m2 === 0) {
      return fail({
        code: 'impossible',
        path: `sets[${index}].parameters.I2`,
        message: 'a trailer needs some inertia',
      });
    }
    const rig = rigOf(parameters);
    if (eigenvalues(rig, 1).length === 0) {
      return fail({
        code: 'impossible',
        path: `sets[${index}].parameters`,
        message: 'these numbers are too far apart to be worked out',
      });
    }
    const lost = lostDamping(rig);
    sets.push({
      id,
      speeds: speeds.map((speed) => {
        const kmh = typeof speed === 'number' ? speed : speed.kmh;
        const modes = eigenvalues(rig, kmh / 3.6);
        return {
          kmh,
          eigenvalues: modes.map(({ re, im }) => [re, im]),
          leastDampedOscillation: leastDamped(modes) ?? null,
        };
      }),
      zeroDampingSpeed: lost ? { kmh: lost.speedMPerS * 3.6, kind: lost.kind } : null,
    });
  }
  return inFigures({ sets });
};
