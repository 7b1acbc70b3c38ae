import { z } from 'zod';
import { fail, type Result } from '../result.js';
import { reconcile } from '../weighing/index.js';
import { firstIssue, inFigures, neutralId, type NeutralProblem } from './neutralProblem.js';

const caseSchema = z.object({
  id: neutralId,
  ballToAxleM: z.number().positive(),
  items: z
    .array(z.object({ id: neutralId, massKg: z.number(), sdKg: z.number().nonnegative(), xM: z.number() }))
    .min(1),
  weighIns: z.array(
    z.object({
      aboard: z.array(neutralId),
      readings: z.array(
        z.object({ kind: z.enum(['total', 'axle', 'tongue']), kg: z.number(), sdKg: z.number().nonnegative() }),
      ),
    }),
  ),
});
const fileSchema = z.object({ cases: z.array(caseSchema).min(1) });

/** `kereta calc reconcile`: the best estimate of masses by what was thought of them and by what scales read. */
export const calculateReconcile = (file: unknown): Result<{ cases: readonly unknown[] }, NeutralProblem> => {
  const parsed = fileSchema.safeParse(file);
  if (!parsed.success) return fail(firstIssue(parsed.error));
  const cases: unknown[] = [];
  for (const [index, { id, items, weighIns, ballToAxleM }] of parsed.data.cases.entries()) {
    const path = `cases[${index}]`;
    const known = new Set(items.map((item) => item.id));
    if (known.size < items.length)
      return fail({ code: 'invalid', path: `${path}.items`, message: 'an id stands twice' });
    for (const [k, { aboard }] of weighIns.entries()) {
      const stranger = aboard.find((one) => !known.has(one));
      if (stranger !== undefined)
        return fail({
          code: 'invalid',
          path: `${path}.weighIns[${k}].aboard`,
          message: `“${stranger}” is none of the items`,
        });
    }
    const found = reconcile(items, weighIns, ballToAxleM);
    if (!found)
      return fail({
        code: 'impossible',
        path: `${path}.weighIns`,
        message: 'a reading without doubt is of masses without doubt',
      });
    const { masses, ...rest } = found;
    cases.push({ id, items: masses.map(({ id: of, massKg, sdKg }) => ({ id: of, massKg, sdKg })), ...rest });
  }
  return inFigures({ cases });
};
