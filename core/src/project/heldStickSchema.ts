import { z } from 'zod';
import { id, length, lengthOrZero, object, text } from './fields.js';

/** A stick whose pieces stay on it, whatever the rest is planned like. */
export const heldStickSchema = object({
  id,
  /** it is called by, as long as it is held */
  number: z.number().int().min(1).max(100_000),
  sectionId: id,
  materialName: text,
  /** the row of stock that it is of; null for what yards usually sell */
  stockId: id.nullable(),
  /** stock: a length as it is sold or lies there; cut-piece: what came out of a wrong cut; cut-to-size: sawn by the supplier */
  origin: z.enum(['stock', 'cut-piece', 'cut-to-size']),
  lengthM: length,
  /** cut off each end first */
  trimM: lengthOrZero,
  price: z.number().min(0).max(100_000).nullable(),
  onHand: z.boolean(),
  note: text,
  /** in the order in which they lie, by their ids */
  pieces: z.array(id).max(1000),
});
