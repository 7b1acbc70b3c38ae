import { z } from 'zod';
import { id, object, share, text } from './fields.js';

/** A sum in the project's currency. */
export const sum = z.number().min(0).max(1e8);

/** What the money goes to: the heads under which planned and paid stand side by side. */
export const PURCHASE_GROUPS = [
  'metal',
  'sheets',
  'running-gear',
  'coupling',
  'electrics',
  'fittings',
  'welding',
  'coating',
  'papers',
  'other',
] as const;
export const purchaseGroupSchema = z.enum(PURCHASE_GROUPS);
export type PurchaseGroup = z.infer<typeof purchaseGroupSchema>;

/** What the user says of buying; what there is to buy follows from the trailer. */
export const buyingSchema = object({
  /** put on top of every price; 0 where prices have it in them */
  taxShare: share,
  /** all deliveries together */
  delivery: sum,
  /** what may be spent; null where nobody has said */
  budget: sum.nullable(),
  /** lines of one's own */
  lines: z
    .array(
      object({
        id,
        group: purchaseGroupSchema,
        what: text,
        count: z.number().min(0).max(1e6),
        priceEach: sum.nullable(),
        note: text,
      }),
    )
    .max(500),
  /** of lines that follow from the trailer, by their ids */
  choices: z.record(
    id,
    object({
      /** it lies there already */
      own: z.boolean(),
      /** bought on top of what is needed */
      spare: z.number().int().min(0).max(10_000),
      /** of one, by hand; null where it goes by what it is worked out as */
      priceEach: sum.nullable(),
      supplier: text,
    }),
  ),
});
