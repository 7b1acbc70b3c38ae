import { z } from 'zod';
import { id, length, lengthOrZero, mass, object, share, text } from './fields.js';

export const towVehicleSchema = object({
  name: text,
  /** what pulls: a road vehicle, a small machine, or people */
  kind: z.enum(['vehicle', 'small-machine', 'muscle']),
  massKg: mass.nullable(),
  hitchHeightM: lengthOrZero.nullable(),
  tongueLimitKg: mass.nullable(),
  towLimitKg: mass.nullable(),
  studCircle: text,
  wheelbaseM: length.nullable(),
  /** ball behind the rear axle */
  ballBehindAxleM: lengthOrZero.nullable(),
  /** of its weight, on the front axle without a trailer */
  frontShare: share,
  widthM: length,
  /** its rear face ahead of the ball */
  bumperAheadOfBallM: lengthOrZero,
  /** how far the open tailgate reaches behind that face; 0 where it has none */
  tailgateReachM: lengthOrZero,
  /** underside of the open tailgate above the ground; null where nobody has measured: it is then taken to be as low as the trailer */
  tailgateHeightM: lengthOrZero.nullable(),
  /** how far the hitch goes down for each kilogram put on it, m/kg; null where nobody has tried */
  hitchSinksMPerKg: z.number().nonnegative().max(0.01).nullable(),
  /** what its rear axle may carry, and carries without a trailer; null where nobody has read or weighed it */
  rearAxleLimitKg: mass.nullable(),
});

const decision = z.enum(['none', 'fitted', 'not-decided']);
/** What a part's stamp lets it pull and bear on the ball; null where nobody has read it. */
const rating = object({ ratedKg: mass.nullable(), tongueKg: mass.nullable() });

export const couplingSchema = object({
  catalogId: id.nullable(),
  name: text,
  ratedGrossKg: mass.nullable(),
  tongueLimitKg: mass.nullable(),
  ballDiameterM: lengthOrZero,
  homeMade: z.boolean(),
  /** D stamped on the coupling's plate, N; null where it has none or nobody has read it */
  dValueN: z.number().nonnegative().max(1e7).nullable(),
  massKg: mass,
  jackMassKg: mass,
  jackBehindBallM: lengthOrZero,
  /** how the coupler is held on the tongue */
  mount: z.enum(['welded', 'bolted']),
  bolts: object({
    count: z.number().int().min(1).max(12),
    diameterM: length,
    grade: z.enum(['grade-5', 'grade-8', '8.8', '10.9']),
  }),
  chains: decision,
  brakes: decision,
  /** what joins trailer and vehicle */
  kind: z.enum(['ball', 'pintle', 'three-axis']),
  /** on the vehicle: frame-mounted receiver or tow bar */
  receiver: rating,
  /** between receiver and ball */
  ballMount: object({
    ratedKg: mass.nullable(),
    tongueKg: mass.nullable(),
    /** ball lower than the receiver's tube; a rise is negative; null where nobody has measured */
    dropM: z.number().min(-0.5).max(0.5).nullable(),
  }),
  ball: object({
    diameterM: length.nullable(),
    shankM: length.nullable(),
    /** drilled in the mount for the shank */
    holeM: length.nullable(),
    ratedKg: mass.nullable(),
  }),
  safetyChain: object({
    count: z.number().int().min(1).max(4),
    /** of its row in the list, or an own one */
    catalogId: id.nullable(),
    /** what one breaks at, of chain, hook and link the least; null where nobody has read it */
    breaksAtKg: mass.nullable(),
    /** from its tab on the trailer to its hook */
    lengthM: length.nullable(),
    crossed: z.boolean(),
    /** tab behind, hook ahead of the ball's middle */
    tabBehindBallM: lengthOrZero,
    hookAheadOfBallM: lengthOrZero,
    /** from one tab to the other, and from hook to hook */
    apartM: lengthOrZero,
    heldOn: z.enum(['own-tabs', 'coupler', 'not-decided']),
  }),
  /** sets the trailer's brakes when it comes loose */
  breakaway: decision,
  brakeKind: z.enum(['electric', 'overrun', 'not-decided']),
  plug: z.enum(['not-decided', 'none', '4-way', '6-way', '7-way', '13-way']),
  jack: object({
    ratedKg: mass.nullable(),
    /** foot below its mount on the tongue's top: drawn in, and run out with its drop leg */
    shortM: lengthOrZero.nullable(),
    longM: lengthOrZero.nullable(),
  }),
});
