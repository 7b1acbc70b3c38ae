import { z } from 'zod';
import { id, length, object, text } from './fields.js';

/** Something that the living body's own battery feeds. */
export const houseLoadSchema = object({
  id,
  name: text,
  watts: z.number().min(0).max(5000),
  hoursADay: z.number().min(0).max(24),
  /** from the fuses to it, along the way that the wire goes */
  runM: length,
});

/** What lamps are bought, and the small 12 V system of a living body where there is one. */
export const lightingSchema = object({
  /** LED where nobody has said */
  lamps: z.enum(['led', 'incandescent']),
  house: object({
    battery: z.enum(['lead', 'lithium']),
    /** null: not read yet */
    batteryAh: z.number().min(0).max(5000).nullable(),
    loads: z.array(houseLoadSchema).max(50),
    /** from the vehicle while it drives, A, and for how long on a day; null where it is not fed from there */
    fromVehicle: object({ chargeA: z.number().min(0).max(200), hoursADay: z.number().min(0).max(24) }).nullable(),
    /** panel's rating, and hours of full sun on a day; null where there is none */
    sun: object({ watts: z.number().min(0).max(5000), hoursADay: z.number().min(0).max(24) }).nullable(),
  }).optional(),
});

export type House = NonNullable<z.infer<typeof lightingSchema>['house']>;
export type HouseLoad = z.infer<typeof houseLoadSchema>;
