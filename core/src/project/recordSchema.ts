import { z } from 'zod';
import { purchaseGroupSchema, sum } from './buyingSchema.js';
import { finite, id, length, object, place, price, share, text } from './fields.js';
import { heldStickSchema } from './heldStickSchema.js';

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
  /**
   * Readings of a scale, N, by the name of the reading: tongue, axles, total, left, right; null where a correction takes them back.
   */
  object({
    kind: z.literal('weigh-in'),
    ...entry,
    caseId: id,
    /** how it was weighed */
    support: text,
    readings: z.record(z.string().max(40), finite).nullable(),
    /** standard deviation of each reading, N */
    doubtsN: z.record(z.string().max(40), finite.nonnegative()).optional(),
    /** what was read off scale and tape, in SI, where the readings were worked out of it */
    raw: z.record(z.string().max(40), finite).optional(),
    /** what was aboard then: the load may be packed otherwise later */
    aboard: z
      .array(object({ itemId: id, fill: share }))
      .max(500)
      .optional(),
  }),
  /** what a kilogram of bars was seen to cost, in the project's currency; null where the price is not known any more */
  object({ kind: z.literal('price'), ...entry, family: z.enum(['steel', 'aluminum']), perKg: price.nullable() }),
  /** something bought, in the project's currency; a line of the purchase list where it was planned */
  object({
    kind: z.literal('purchase'),
    ...entry,
    what: text,
    paid: z.number().nonnegative().max(1e7).nullable(),
    lineId: id.optional(),
    group: purchaseGroupSchema.optional(),
    supplier: text.optional(),
  }),
  /** how far a line of the purchase list is; the last one counts */
  object({
    kind: z.literal('line-state'),
    ...entry,
    lineId: id,
    state: z.enum(['to-buy', 'ordered', 'here', 'fitted']),
  }),
  /** what something was seen to cost: of one, in the currency of that time */
  object({
    kind: z.literal('quote'),
    ...entry,
    /** the line that it is of */
    lineId: id,
    each: sum,
    currency: text,
    supplier: text,
    source: z.enum(['typed', 'list', 'yard']),
  }),
  /** drawings that were handed out, with the pieces as they were then */
  object({
    kind: z.literal('drawing-set'),
    ...entry,
    revision: z.number().int().min(1).max(10_000),
    pieces: z.array(object({ id, mark: text, lengthM: length, ends: text, bar: text })).max(5000),
  }),
  /** a piece cut off a stick, as it came out */
  object({
    kind: z.literal('cut'),
    ...entry,
    /** the stick as it was when it was begun */
    stick: heldStickSchema,
    pieceId: id,
    mark: text,
    /** over the long points; null where a correction takes the cut back */
    lengthM: length.nullable(),
    /** how its ends were to be sawn then */
    ends: text,
    /** it is used as it is, whatever its length */
    willDo: z.boolean(),
  }),
  /** what a tape read while frame or axle were squared, m, by the reading's name; null where a correction takes it back */
  object({
    kind: z.literal('squaring'),
    ...entry,
    /**
     * corners against a level, the bed's diagonals, the ball to both rear corners and both front ones, the hangers' diagonals, a gate's, an axle
     * from the ball, an axle from the one before it, an axle under a dial, its wheels' toe and lean, a shackle's bolts, the bed's two ends hitched
     */
    of: z.enum([
      'level',
      'frame',
      'tongue',
      'front-corners',
      'hangers',
      'gate',
      'axle',
      'parallel',
      'run-out',
      'toe',
      'camber',
      'shackle',
      'hitched',
    ]),
    /** which axle, from the front; of run-out, which place along it, from the left; 1 of anything else */
    axle: z.number().int().min(1).max(9),
    readings: z.record(z.string().max(40), place).nullable(),
  }),
  /** how far a task of the plan is; the last one counts. A task of one's own has a title. */
  object({
    kind: z.literal('task'),
    ...entry,
    taskId: id,
    state: z.enum(['to-do', 'done', 'skipped']),
    /** the numbers that it was done by: where they differ later, the design has changed under it */
    doneBy: z.record(z.string().max(40), z.string().max(400)).optional(),
    title: text.optional(),
    /** the task that one's own comes after; null for the first of all */
    after: id.nullable().optional(),
  }),
  /** a day's work, a change, a lesson */
  object({
    kind: z.literal('log'),
    ...entry,
    text,
    hours: z.number().nonnegative().max(1e4).nullable(),
    who: text.optional(),
    /** a change of the design with its reason, or a lesson for the next trailer; work where nothing is said */
    about: z.enum(['work', 'change', 'lesson']).optional(),
    /** the task of the plan that it was spent on */
    taskId: id.optional(),
  }),
  /** a service done: greased, torqued, looked over */
  object({ kind: z.literal('service'), ...entry, what: text, atKm: z.number().nonnegative().max(1e7).nullable() }),
]);

export const recordSchema = object({ entries: z.array(entrySchema).max(20_000) });

export type ProjectRecord = z.infer<typeof recordSchema>;
export type RecordEntry = z.infer<typeof entrySchema>;
/** What a tape read in one round of squaring. */
export type SquaringEntry = Extract<RecordEntry, { kind: 'squaring' }> & {
  readonly readings: Readonly<Record<string, number>>;
};
/** A piece cut off a stick, as it came out. */
export type CutEntry = Extract<RecordEntry, { kind: 'cut' }> & { readonly lengthM: number };
/** How far a task of the plan is. */
export type TaskEntry = Extract<RecordEntry, { kind: 'task' }>;
/** What a scale read. */
export type WeighInEntry = Extract<RecordEntry, { kind: 'weigh-in' }> & {
  readonly readings: Readonly<Record<string, number>>;
};
/** A day's work. */
export type LogEntry = Extract<RecordEntry, { kind: 'log' }>;
