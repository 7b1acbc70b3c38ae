import { z } from 'zod';
import { id, length, lengthOrZero, mass, object, share, stress, text } from './fields.js';

export const towVehicleSchema = object({
  name: text,
  /** what pulls: a road vehicle, a small machine, or people */
  kind: z.enum(['vehicle', 'small-machine', 'muscle']),
  massKg: mass.nullable(),
  /** permissible greatest mass on its plate (GVWR), loaded as far as it may be; null where nobody has read it */
  maxMassKg: mass.nullable(),
  /** the example that it was started from: its limits are told as usual ones, and count as nobody's until they are read */
  likeId: id.nullable(),
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
  /** top of that face above the ground, where something may swing over it; null where it is as high as anything */
  rearTopM: length.nullable(),
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

/** A coupling that the user makes: what of it can be worked out, for study alone. */
const couplingStudySchema = object({
  pinDiameterM: length,
  /** threads run through where it is sheared */
  threaded: z.boolean(),
  /** yield of pin and plates */
  yieldPa: stress,
  /** held on one side of the eye, or on both */
  planes: z.union([z.literal(1), z.literal(2)]),
  /** from the middle of one plate to the middle of the other: what the pin bends over */
  gapM: length,
  plateM: length,
  /** from the hole's middle to the plate's edge */
  edgeM: length,
  weldLegM: length,
  /** of all fillets that hold it on the tongue, together */
  weldLengthM: length,
});

export const couplingSchema = object({
  /** on the trailer at all: a hand cart has neither coupler nor jack */
  fitted: z.boolean(),
  catalogId: id.nullable(),
  name: text,
  ratedGrossKg: mass.nullable(),
  tongueLimitKg: mass.nullable(),
  ballDiameterM: lengthOrZero,
  homeMade: z.boolean(),
  /** of a home-made one; null where nobody has entered it */
  study: couplingStudySchema.nullable(),
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
  kind: z.enum(['ball', 'pintle', 'three-axis', 'pin', 'hand']),
  /** on the vehicle: frame-mounted receiver or tow bar */
  receiver: rating,
  /** between receiver and ball */
  ballMount: object({
    ratedKg: mass.nullable(),
    tongueKg: mass.nullable(),
    /** ball lower than the receiver's tube; a rise is negative; null where nobody has measured */
    dropM: z.number().min(-0.5).max(0.5).nullable(),
    /** from the receiver's pin back to the ball, and how far its maker rated it at; null where nobody has measured or read it */
    reachM: lengthOrZero.nullable(),
    ratedReachM: lengthOrZero.nullable(),
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
    fitted: z.boolean(),
    /** turns up, or comes off, for the road */
    swings: z.boolean(),
    foot: z.enum(['foot', 'wheel']),
    ratedKg: mass.nullable(),
    /** foot below its mount on the tongue's top: drawn in, and run out with its drop leg */
    shortM: lengthOrZero.nullable(),
    longM: lengthOrZero.nullable(),
  }),
});
