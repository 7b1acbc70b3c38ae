import { SCHEMA_VERSION } from './schema.js';

/** One step of the file's shape: from `to − 1` to `to`. Steps are numbered without gaps and never edited once released. */
export interface Migration {
  readonly to: number;
  readonly up: (file: Record<string, unknown>) => Record<string, unknown>;
}

/** Version 1 is the first; the next change of the schema adds step 2 here and its sample to the test. */
export const MIGRATIONS: readonly Migration[] = [];

export const migrate = (
  file: Record<string, unknown>,
  fromVersion: number,
  steps: readonly Migration[] = MIGRATIONS,
): Record<string, unknown> =>
  steps
    .filter((step) => step.to > fromVersion && step.to <= SCHEMA_VERSION)
    .reduce((current, step) => ({ ...step.up(current), schemaVersion: step.to }), file);
