import { z } from 'zod';
import { id, length, lengthOrZero, mass, object, place, springRate, stress, text } from './fields.js';

/** A leaf spring as it lies on the bench, and how it is hung. */
const springSchema = object({
  /** both ends in eyes, the rear one on a shackle; or one eye and a rear end that slides */
  kind: z.enum(['double-eye', 'slipper']),
  /** straight from eye to eye, unloaded */
  eyeToEyeM: length,
  /** height of the main leaf over that line, unloaded */
  freeArchM: lengthOrZero,
  leaves: z.number().int().min(1).max(20),
  leafWidthM: length,
  leafThicknessM: length,
  /** of one spring, weighed or read; worked out from its leaves where null */
  rateNPerM: springRate.nullable(),
  /** of one spring; null where nobody has read it */
  ratingKg: mass.nullable(),
  shackleM: length,
  /** slipper: eye to where the other end bears, as its maker says */
  slipperM: length.nullable(),
  /** eyes below the rail's underside */
  hangerM: lengthOrZero,
  /** height of a spring seat */
  padM: lengthOrZero,
  /** on top of the axle, or hung below it */
  seat: z.enum(['over', 'under']),
});

/** An arm on a rubber-sprung shaft. */
const torsionSchema = object({
  armLengthM: length,
  /** unloaded, below level: positive stands the trailer higher */
  startAngleRad: z.number().min(-1.2).max(1.2),
  /** of one wheel; a usual figure for its rating where null */
  rateNPerM: springRate.nullable(),
});

/** An arm to each wheel on a pivot under the rail, held by a coil or a shock with a spring. */
const swingSchema = object({
  /** pivot to wheel centre */
  armLengthM: length,
  /** unloaded, below level from the pivot: positive stands the trailer higher */
  startAngleRad: z.number().min(-1.2).max(1.2),
  /** pivot to where the unit stands on the arm */
  unitAtM: length,
  /** the unit's lean from square to the arm */
  unitLeanRad: z.number().min(-1.2).max(1.2),
  /** of one unit's spring; null where nobody has read it */
  unitRateNPerM: springRate.nullable(),
  /** of the unit, from full length to its stop */
  unitTravelM: length,
  /** N·s/m of one unit's damper; null where it has none or nobody has read it */
  dampingNsPerM: z.number().positive().max(1e6).nullable(),
});

export const axleSchema = object({
  catalogId: id.nullable(),
  name: text,
  /** read off the tag of each axle; null where nobody has read it */
  ratingKg: mass.nullable(),
  massKg: mass,
  tubeDiameterM: length,
  hubFaceM: length,
  studCircle: text,
  /** spindles above the tube's middle; of stubs above the rail's middle */
  dropM: z.number().min(-0.3).max(0.3),
  /** tube of an axle that the user builds; null for one that is bought */
  homeBuilt: object({
    wallM: length,
    yieldPa: stress,
    /** stamped on one spindle, and on one hub with its bearings; null where nobody has read it */
    spindleKg: mass.nullable(),
    hubKg: mass.nullable(),
  }).nullable(),
  /** of each spindle, unloaded: wheels lean out at the top by so much where it is positive */
  camberRad: z.number().min(-0.1).max(0.1),
});

export const tireSchema = object({
  catalogId: id.nullable(),
  name: text,
  maxLoadKg: mass.nullable(),
  passenger: z.boolean(),
  diameterM: length,
  widthM: length,
  loadedRadiusM: length,
  /** at which the sidewall's load holds, as it is written there */
  pressure: text,
  /** of the rim that it fits; null where nobody has read it */
  rimM: length.nullable(),
});

export const runningGearSchema = object({
  layout: z.enum([
    'none',
    'single',
    'tandem-equaliser',
    'tandem-independent',
    'triple-equaliser',
    'triple-independent',
  ]),
  /** centre of the axle group, from the front face of the bed */
  positionM: place,
  /** between the axles of a tandem */
  spacingM: length,
  /** front and rear arm of the equaliser; only their ratio counts for the loads */
  equaliserArms: z.tuple([z.number().min(0.01).max(100), z.number().min(0.01).max(100)]),
  axle: axleSchema,
  suspension: object({
    /** stub: a spindle on each rail, nothing across; walking beam: a stiff beam to each side that rocks on a pivot, a spindle at each end, no springs */
    kind: z.enum(['leaf', 'torsion', 'swing-arm', 'walking-beam', 'stub', 'none', 'unknown']),
    /** bolt to bolt of one spring */
    hangerSpacingM: length,
    /** both springs of one axle with hangers */
    springMassKg: mass,
    /** torsion: spindle behind the tube, as it stands loaded */
    armM: lengthOrZero,
    trackM: length,
    /** middle of one spring or bracket to the other's; under the middles of the rails where null */
    springCentresM: length.nullable(),
    /** equaliser of a tandem, hole to hole; null where nobody has measured it */
    equaliserM: length.nullable(),
    /** brackets, pedestals or blocks between the rails and what holds the axle */
    bracketM: lengthOrZero,
    /** how hangers or brackets are held; a weld weakens aluminum rails there */
    mounting: z.enum(['welded', 'bolted']),
    spring: springSchema,
    torsion: torsionSchema,
    swing: swingSchema,
    /** shock absorbers beside leaf springs or torsion arms, one to a wheel; their damping is null where nobody has read it */
    shocks: object({ dampingNsPerM: z.number().positive().max(1e6).nullable(), massKg: mass }).nullable(),
    /** how far a wheel comes up in a hard bump from where it stands loaded */
    bumpTravelM: lengthOrZero,
  }),
  tire: tireSchema,
  wheel: object({
    maxLoadKg: mass.nullable(),
    assemblyMassKg: mass,
    rimM: length.nullable(),
    /** mounting face outboard of the rim's middle */
    offsetM: z.number().min(-0.2).max(0.2),
    studCircle: text,
    /** thickness of an adapter between hub and wheel; 0 without one */
    adapterM: lengthOrZero,
  }),
  /** over each wheel, fixed to the bed */
  fender: object({
    kind: z.enum(['none', 'fitted']),
    /** underside above the top of the rails */
    aboveRailM: place,
    /** outer edge from the side of the bed outward */
    reachM: lengthOrZero,
    /** how far its outer edge hangs below the underside */
    skirtM: lengthOrZero,
  }),
  /** what is wanted above the worst load when an axle is chosen, as a share of it */
  reserveShare: z.number().min(0).max(2),
  /** top of the main rails above the ground, measured on the level under the heaviest load that is towed; null where nobody has measured */
  measuredRailTopM: length.nullable(),
});
