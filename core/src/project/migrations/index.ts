import { SCHEMA_VERSION } from '../schema.js';
import { toVersion2 } from './toVersion2.js';
import { toVersion3 } from './toVersion3.js';
import { toVersion4 } from './toVersion4.js';
import { toVersion5 } from './toVersion5.js';
import { toVersion6 } from './toVersion6.js';
import { toVersion7 } from './toVersion7.js';
import { toVersion8 } from './toVersion8.js';
import { toVersion9 } from './toVersion9.js';
import { toVersion10 } from './toVersion10.js';
import { toVersion11 } from './toVersion11.js';
import { toVersion12 } from './toVersion12.js';

/**
 * One step of the file's shape: from `to − 1` to `to`. Steps are numbered without gaps and never edited once released; each has its
 * sample before and after in `core/test/examples/migrations`, which a test insists on. A step does not check: the schema does, after the
 * last one. It must bear whatever a file may hold, and leave what it does not understand for the schema to name.
 */
export interface Migration {
  readonly to: number;
  readonly up: (file: Record<string, unknown>) => Record<string, unknown>;
}

export const MIGRATIONS: readonly Migration[] = [
  { to: 2, up: toVersion2 },
  { to: 3, up: toVersion3 },
  { to: 4, up: toVersion4 },
  { to: 5, up: toVersion5 },
  { to: 6, up: toVersion6 },
  { to: 7, up: toVersion7 },
  { to: 8, up: toVersion8 },
  { to: 9, up: toVersion9 },
  { to: 10, up: toVersion10 },
  { to: 11, up: toVersion11 },
  { to: 12, up: toVersion12 },
];

export const migrate = (
  file: Record<string, unknown>,
  fromVersion: number,
  steps: readonly Migration[] = MIGRATIONS,
): Record<string, unknown> =>
  steps
    .filter((step) => step.to > fromVersion && step.to <= SCHEMA_VERSION)
    .reduce((current, step) => ({ ...step.up(current), schemaVersion: step.to }), file);
