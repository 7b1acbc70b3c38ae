import type { z } from 'zod';
import { pathText } from '../project/index.js';

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
