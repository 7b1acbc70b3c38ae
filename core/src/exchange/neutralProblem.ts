import { z } from 'zod';
import { pathText } from '../project/index.js';
import { fail, ok, type Result } from '../result.js';

/** What `kereta calc` answers to a file it cannot work with. */
export interface NeutralProblem {
  readonly code: 'not-json' | 'invalid' | 'unsupported' | 'impossible' | 'mechanism';
  readonly path: string;
  readonly message: string;
}

export const firstIssue = (error: z.ZodError): NeutralProblem => {
  const [issue] = error.issues;
  return { code: 'invalid', path: pathText(issue?.path ?? []), message: issue?.message ?? 'not as the format says' };
};

/** Nodes, bars and cases may be numbered as well as named: 1 and "1" are the same. */
export const neutralId = z.union([z.string(), z.number()]).transform(String);

const isFinite = (value: unknown): boolean =>
  typeof value === 'number'
    ? Number.isFinite(value)
    : typeof value !== 'object' || value === null || Object.values(value).every(isFinite);

/** An answer whose figures are figures; JSON would print others as null. */
export const inFigures = <T>(answer: T): Result<T, NeutralProblem> =>
  isFinite(answer)
    ? ok(answer)
    : fail({ code: 'impossible', path: '', message: 'these numbers are too far apart to be worked out' });
