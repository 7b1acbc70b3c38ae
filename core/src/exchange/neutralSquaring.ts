import { z } from 'zod';
import { fail, ok, type Result } from '../result.js';
import { axleOffSquare, frameOffSquare, hangerDifferenceM } from '../squaring/index.js';
import { firstIssue, inFigures, neutralId, type NeutralProblem } from './neutralProblem.js';

const size = z.number().positive();
const caseSchema = z.discriminatedUnion('kind', [
  z.object({
    id: neutralId,
    kind: z.literal('axle'),
    hooksApartM: size,
    hangersApartM: size,
    readings: z.object({ leftM: size, rightM: size }),
  }),
  z.object({
    id: neutralId,
    kind: z.literal('frame'),
    lengthM: size,
    widthM: size,
    readings: z.object({ frontLeftToRearRightM: size, frontRightToRearLeftM: size }),
  }),
]);
const fileSchema = z.object({ cases: z.array(caseSchema).min(1) });
type SquaringCase = z.infer<typeof caseSchema>;

const impossible = (index: number, message: string): Result<never, NeutralProblem> =>
  fail({ code: 'impossible', path: `cases[${index}].readings`, message });

const calculateCase = (one: SquaringCase, index: number): Result<Record<string, unknown>, NeutralProblem> => {
  if (one.kind === 'frame') {
    const found = frameOffSquare({ ...one, ...one.readings });
    if (!found) return impossible(index, 'no frame of these sides has these diagonals');
    return ok({ id: one.id, offSquareRad: found.offSquareRad, railsOffsetM: found.railsOffsetM });
  }
  const { leftM, rightM } = one.readings;
  const found = axleOffSquare({ leftM, rightM, hooksApartM: one.hooksApartM });
  if (!found) return impossible(index, 'no axle so long is so far from the ball at both ends');
  return ok({
    id: one.id,
    ...found,
    hangerDifferenceM: hangerDifferenceM(one.hangersApartM, found.offSquareRad),
    longer: leftM === rightM ? 'neither' : leftM > rightM ? 'left' : 'right',
  });
};

/** `kereta calc squaring`: how far an axle or a frame is off square by what a tape read. */
export const calculateSquaring = (file: unknown): Result<{ cases: readonly unknown[] }, NeutralProblem> => {
  const parsed = fileSchema.safeParse(file);
  if (!parsed.success) return fail(firstIssue(parsed.error));
  const cases: unknown[] = [];
  for (const [index, one] of parsed.data.cases.entries()) {
    const answer = calculateCase(one, index);
    if (!answer.ok) return answer;
    cases.push(answer.value);
  }
  return inFigures({ cases });
};
