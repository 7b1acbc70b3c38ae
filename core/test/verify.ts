import { appendFileSync, mkdirSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import { expect } from 'vitest';

/** One figure of ours against one from outside; the verification page is made of these. */
export interface Verification {
  readonly area: string;
  readonly check: string;
  readonly ours: number;
  /** as it is printed outside: its last digit sets the tolerance */
  readonly outside: string;
  readonly unit: string;
  readonly source: string;
  /** relative; default 0.5 %, or half a unit of the last printed digit where that is more */
  readonly tolerance?: number;
  /** why they differ, where they are known to */
  readonly note?: string;
}

const ROOT = fileURLToPath(new URL('../../', import.meta.url));
const FOLDER = join(ROOT, '.cache/verification');
let begun: string | undefined;

// One worker runs many test files with this module loaded once: each test file begins a page of its own.
const record = (entry: object): void => {
  // By the whole path: two rooms may have a test of one name.
  const test = relative(ROOT, expect.getState().testPath ?? 'unknown').replace(/[^\w.]+/g, '-');
  const file = join(FOLDER, `${test}.jsonl`);
  if (file !== begun) {
    begun = file;
    mkdirSync(FOLDER, { recursive: true });
    writeFileSync(file, '');
  }
  appendFileSync(file, `${JSON.stringify(entry)}\n`);
};

const halfLastDigit = (printed: string): number => 0.5 * 10 ** -(printed.split('.')[1]?.length ?? 0);

/** Checks a figure against its outside value and puts both on the verification page. */
export const verify = ({ tolerance = 0.005, ...entry }: Verification): void => {
  const outside = Number(entry.outside);
  record({ ...entry, tolerance });
  const allowed = Math.max(Math.abs(outside) * tolerance, halfLastDigit(entry.outside));
  expect(
    Math.abs(entry.ours - outside),
    `${entry.check}: ours ${entry.ours}, outside ${entry.outside}`,
  ).toBeLessThanOrEqual(allowed * (1 + 1e-9));
};
