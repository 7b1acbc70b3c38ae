import { z } from 'zod';
import { finite, id, object, price, text } from './fields.js';

/** What every entry of the record has. */
const entry = {
  id,
  /** day it was done or seen, ISO; empty where nobody noted it */
  date: text,
  /** the entry that this one sets right; the old one stays and no longer counts */
  corrects: id.optional(),
  note: text.optional(),
  /** photos and papers, kept beside the trailers by these ids */
  blobIds: z.array(id).max(50).optional(),
};

/**
 * One thing that was measured or done. The record only grows: undo of the design never touches it, and a slip is set right by a new
 * entry that names the old one.
 */
const entrySchema = z.discriminatedUnion('kind', [
  /** a size as it was built; `value` in SI, null where a correction takes the reading back */
  object({ kind: z.literal('as-built'), ...entry, subject: id, field: text, value: finite.nullable() }),
  /** readings of a scale, N, by the name of the reading */
  object({ kind: z.literal('weigh-in'), ...entry, caseId: id, support: text, readings: z.record(z.string(), finite) }),
  /** what a kilogram of bars was seen to cost, in the project's currency; null where the price is not known any more */
  object({ kind: z.literal('price'), ...entry, family: z.enum(['steel', 'aluminum']), perKg: price.nullable() }),
  /** something bought, in the project's currency */
  object({ kind: z.literal('purchase'), ...entry, what: text, paid: z.number().nonnegative().max(1e7).nullable() }),
  /** a day's work, a change, a lesson */
  object({ kind: z.literal('log'), ...entry, text, hours: z.number().nonnegative().max(1e4).nullable() }),
  /** a service done: greased, torqued, looked over */
  object({ kind: z.literal('service'), ...entry, what: text, atKm: z.number().nonnegative().max(1e7).nullable() }),
]);

export const recordSchema = object({ entries: z.array(entrySchema).max(20_000) });

export type ProjectRecord = z.infer<typeof recordSchema>;
export type RecordEntry = z.infer<typeof entrySchema>;
