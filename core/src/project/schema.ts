import { z } from 'zod';
import { inches } from '../units/index.js';

/** Raised by one with each change of the file's shape; every step has its migration and its test. */
export const SCHEMA_VERSION = 1;
export const FILE_FORMAT = 'kereta-project';

/** Nothing on a trailer is longer than this, m; catches a slip of the unit before it does harm. */
const LONGEST_M = 60;
const HEAVIEST_KG = 1e6;

const text = z.string().max(2000);
const id = z.string().min(1).max(120);
const finite = z.number();
const length = z.number().positive().max(LONGEST_M);
const lengthOrZero = z.number().nonnegative().max(LONGEST_M);
const place = z.number().min(-LONGEST_M).max(LONGEST_M);
const mass = z.number().nonnegative().max(HEAVIEST_KG);
const share = z.number().min(0).max(1);

/** Objects keep fields they do not know, so that a file from a later program loses nothing here. */
const object = z.looseObject;

const basisSchema = z.enum(['guessed', 'listed', 'weighed']);
/** A value with its doubt; the tolerance is in the value's own unit, either way. */
const measured = (value: z.ZodNumber) => object({ value, basis: basisSchema, tolerance: z.number().nonnegative() });

const barSchema = object({ sectionId: id, materialId: id });

const tongueBandSchema = object({
  minShare: share,
  maxShare: share,
  minKg: mass.nullable(),
  maxKg: mass.nullable(),
});

const crossMembersSchema = z.discriminatedUnion('kind', [
  object({ kind: z.literal('spacing'), maxSpacingM: length }),
  object({ kind: z.literal('explicit'), members: z.array(object({ id, xM: place })).max(200) }),
]);

const tongueSchema = z.discriminatedUnion('kind', [
  object({
    kind: z.literal('a-frame'),
    /** ball centre to the front face of the bed */
    lengthM: length,
    /** between the legs; couplers are made for 50° */
    includedAngleRad: z.number().min(0.1).max(2.5),
    /** legs end at the front header, or run on under the frame to the rails */
    rearEnd: z.enum(['header', 'under']),
    /** from the ball back to where the outer faces of the legs meet */
    apexBehindBallM: lengthOrZero,
  }),
  object({
    kind: z.literal('straight'),
    lengthM: length,
    /** how far it runs on under the frame; 0 ends it at the front header */
    underM: lengthOrZero,
    tipBehindBallM: lengthOrZero,
  }),
]);

const sidesSchema = z.discriminatedUnion('kind', [
  object({ kind: z.literal('none') }),
  object({ kind: z.literal('rail'), heightM: length }),
  object({
    kind: z.literal('boards'),
    heightM: length,
    thicknessM: length,
    densityKgM3: z.number().positive().max(20000),
  }),
]);

const deckKindSchema = z.enum(['none', 'plywood', 'planks', 'steel-sheet', 'aluminum-sheet', 'expanded-steel']);

const frameSchema = object({
  bed: object({
    lengthM: length,
    widthM: length,
    corner: z.enum(['rails-through', 'headers-through', 'mitred']),
  }),
  groups: object({ rail: barSchema, header: barSchema, cross: barSchema, tongue: barSchema, side: barSchema }),
  crossMembers: crossMembersSchema,
  extras: z.array(object({ id, xM: place, name: text.optional() })).max(100),
  /** by member id */
  overrides: z.record(
    z.string(),
    object({
      sectionId: id.optional(),
      materialId: id.optional(),
      /** two bars side by side, welded to each other: two pieces, one member */
      doubled: z.boolean().optional(),
      /** drilled through the bar: along it from its first end; through the sides for a bolt across, or from top to bottom */
      holes: z
        .array(object({ atM: lengthOrZero, diameterM: length, through: z.enum(['sides', 'top-bottom']) }))
        .max(40)
        .optional(),
    }),
  ),
  tongue: tongueSchema,
  /** rings on both rails, spread evenly along the bed */
  tieDowns: object({
    perSide: z.number().int().min(0).max(20),
    /** working load limit stamped on the weakest of ring, strap and hook; null where nobody has read it */
    workingLoadKg: mass.nullable(),
  }).default({ perSide: 0, workingLoadKg: null }),
  /** pairs of stands under both rails, for parking with the springs let off */
  stands: z
    .array(object({ id, xM: place }))
    .max(3)
    .default([]),
  deck: object({ kind: deckKindSchema, thicknessM: length, seat: z.enum(['recessed', 'on-top']) }),
  sides: sidesSchema,
});

const itemSchema = object({
  id,
  name: text,
  /** fixed: bolted on for good; cargo: aboard when a case says so; tank: its contents come and go by fill */
  kind: z.enum(['fixed', 'cargo', 'tank']),
  /** a tank's contents when full */
  massKg: measured(mass),
  /** the tank itself; 0 for anything else */
  emptyMassKg: mass,
  sizeM: object({ lengthM: lengthOrZero, widthM: lengthOrZero, heightM: lengthOrZero }),
  attach: object({
    on: z.enum(['deck', 'rail', 'tongue', 'axle', 'drawer', 'item']),
    from: z.enum(['front', 'rear', 'ball', 'axle']),
    /** the item this one stands on, where `on` is item */
    hostId: id.nullable(),
    /** from there rearward to the item's middle */
    offsetM: measured(place),
    /** to the right of the centre line, looking forward */
    rightM: place,
    /** above what it stands on */
    aboveM: place,
  }),
});

const caseSchema = object({
  id,
  name: text,
  mode: z.enum(['towed', 'parked', 'loading']),
  countsForWindow: z.boolean(),
  aboard: z
    .array(
      object({
        itemId: id,
        fill: share,
        shiftM: place,
        /** a tank that is used on the way: as empty as it gets; as full as it starts where left out */
        fillLow: share.optional(),
      }),
    )
    .max(500),
  drawerOutM: lengthOrZero,
  /** overrides the project's band for this case */
  tongueBand: tongueBandSchema.nullable(),
});

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
  rateNPerM: z.number().positive().max(1e7).nullable(),
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
  rateNPerM: z.number().positive().max(1e7).nullable(),
});

const axleSchema = object({
  catalogId: id.nullable(),
  name: text,
  /** read off the tag of each axle; null where nobody has read it */
  ratingKg: mass.nullable(),
  massKg: mass,
  tubeDiameterM: length,
  hubFaceM: length,
  studCircle: text,
  /** spindles above the tube's middle */
  dropM: z.number().min(-0.3).max(0.3).default(0),
  /** tube of an axle that the user builds; null for one that is bought */
  homeBuilt: object({ wallM: length, yieldPa: z.number().positive().max(5e9) })
    .nullable()
    .default(null),
});

const tireSchema = object({
  catalogId: id.nullable(),
  name: text,
  maxLoadKg: mass.nullable(),
  passenger: z.boolean(),
  diameterM: length,
  widthM: length,
  loadedRadiusM: length,
  /** at which the sidewall's load holds, as it is written there */
  pressure: text.default(''),
  /** of the rim that it fits; null where nobody has read it */
  rimM: length.nullable().default(null),
});

const runningGearSchema = object({
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
  equaliserArms: z.tuple([z.number().positive().max(100), z.number().positive().max(100)]),
  axle: axleSchema,
  suspension: object({
    /** stub: a spindle on each rail, nothing across */
    kind: z.enum(['leaf', 'torsion', 'stub', 'none', 'unknown']),
    /** bolt to bolt of one spring */
    hangerSpacingM: length,
    /** both springs of one axle with hangers */
    springMassKg: mass,
    /** torsion: spindle behind the tube, as it stands loaded */
    armM: lengthOrZero,
    trackM: length,
    /** how hangers or brackets are held; a weld weakens aluminum rails there */
    mounting: z.enum(['welded', 'bolted']),
    spring: springSchema.default({
      kind: 'double-eye',
      eyeToEyeM: inches(25.25),
      freeArchM: inches(3.5),
      leaves: 4,
      leafWidthM: inches(1.75),
      leafThicknessM: inches(0.25),
      rateNPerM: null,
      ratingKg: null,
      shackleM: inches(2.25),
      slipperM: null,
      hangerM: inches(3),
      padM: inches(0.25),
      seat: 'over',
    }),
    torsion: torsionSchema.default({ armLengthM: inches(6), startAngleRad: 0.3927, rateNPerM: null }),
    /** how far a wheel comes up in a hard bump from where it stands loaded */
    bumpTravelM: lengthOrZero.default(inches(2.5)),
  }),
  tire: tireSchema,
  wheel: object({
    maxLoadKg: mass.nullable(),
    assemblyMassKg: mass,
    rimM: length.nullable().default(null),
    /** mounting face outboard of the rim's middle */
    offsetM: z.number().min(-0.2).max(0.2).default(0),
    studCircle: text.default(''),
    /** thickness of an adapter between hub and wheel; 0 without one */
    adapterM: lengthOrZero.default(0),
  }),
  /** over each wheel, fixed to the bed */
  fender: object({
    kind: z.enum(['none', 'fitted']),
    /** underside above the top of the rails */
    aboveRailM: place,
    /** outer edge from the side of the bed outward */
    reachM: lengthOrZero,
    /** how far its outer edge hangs below the underside */
    skirtM: lengthOrZero.default(inches(3)),
  }).default({ kind: 'none', aboveRailM: 0.15, reachM: 0.25, skirtM: inches(3) }),
  /** what is wanted above the worst load when an axle is chosen, as a share of it */
  reserveShare: z.number().min(0).max(2).default(0.15),
  /** top of the main rails above the ground, standing loaded */
  railTopHeightM: length,
});

const towVehicleSchema = object({
  name: text,
  massKg: mass.nullable(),
  hitchHeightM: lengthOrZero.nullable(),
  tongueLimitKg: mass.nullable(),
  towLimitKg: mass.nullable(),
  studCircle: text,
  wheelbaseM: length.nullable().default(null),
  /** ball behind the rear axle */
  ballBehindAxleM: lengthOrZero.nullable().default(null),
  /** of its weight, on the front axle without a trailer */
  frontShare: share.default(0.55),
  widthM: length.default(inches(76)),
  /** its rear face ahead of the ball */
  bumperAheadOfBallM: lengthOrZero.default(inches(9)),
  /** how far the open tailgate reaches behind that face; 0 where it has none */
  tailgateReachM: lengthOrZero.default(0),
});

const couplingSchema = object({
  catalogId: id.nullable(),
  name: text,
  ratedGrossKg: mass.nullable(),
  tongueLimitKg: mass.nullable(),
  ballDiameterM: lengthOrZero,
  homeMade: z.boolean(),
  /** D stamped on the coupling's plate, N; null where it has none or nobody has read it */
  dValueN: z.number().nonnegative().max(1e7).nullable().default(null),
  massKg: mass,
  jackMassKg: mass,
  jackBehindBallM: lengthOrZero,
  /** how the coupler is held on the tongue */
  mount: z.enum(['welded', 'bolted']).default('welded'),
  bolts: object({
    count: z.number().int().min(1).max(12),
    diameterM: length,
    grade: z.enum(['grade-5', 'grade-8', '8.8', '10.9']),
  }).default({ count: 2, diameterM: 0.0127, grade: 'grade-5' }),
  chains: z.enum(['none', 'fitted', 'not-decided']),
  brakes: z.enum(['none', 'fitted', 'not-decided']),
});

const sourceSchema = z.discriminatedUnion('kind', [
  object({ kind: z.literal('published'), name: text, confidence: z.enum(['sure', 'verify']) }),
  object({ kind: z.literal('common-practice'), note: text.optional() }),
  object({ kind: z.literal('computed'), formula: text }),
  object({ kind: z.literal('own'), note: text.optional() }),
]);

const shapeSchema = z.discriminatedUnion('kind', [
  object({
    kind: z.literal('rect-tube'),
    widthM: length,
    heightM: length,
    wallM: length,
    outerRadiusM: lengthOrZero,
    innerRadiusM: lengthOrZero,
  }),
  object({ kind: z.literal('round-tube'), diameterM: length, wallM: length }),
  object({
    kind: z.literal('angle'),
    verticalLegM: length,
    horizontalLegM: length,
    thicknessM: length,
    rootRadiusM: lengthOrZero,
    toeRadiusM: lengthOrZero,
  }),
  object({
    kind: z.literal('channel'),
    depthM: length,
    flangeM: length,
    webM: length,
    flangeThicknessM: length,
    rootRadiusM: lengthOrZero,
    toeRadiusM: lengthOrZero,
    innerSlope: z.number().min(0).max(1),
  }),
  object({
    kind: z.literal('bent-channel'),
    depthM: length,
    flangeM: length,
    thicknessM: length,
    outerRadiusM: lengthOrZero,
    innerRadiusM: lengthOrZero,
  }),
  object({ kind: z.literal('flat-bar'), widthM: length, heightM: length }),
]);

export const sectionRowSchema = object({
  id,
  designation: text,
  family: z.enum(['steel', 'aluminum']),
  group: text,
  usualMaterialId: id,
  shape: shapeSchema,
  designWallM: length.optional(),
  /** what a kilogram of this one costs, in the project's currency; 0 for what lies in the shed already */
  pricePerKg: z.number().nonnegative().max(1e4).optional(),
  source: sourceSchema,
});

export const materialRowSchema = object({
  id,
  name: text,
  family: z.enum(['steel', 'aluminum']),
  yieldPa: z.number().positive().max(5e9),
  ultimatePa: z.number().positive().max(5e9),
  weldedYieldPa: z.number().positive().max(5e9).optional(),
  weldedUltimatePa: z.number().positive().max(5e9).optional(),
  elasticPa: z.number().positive().max(1e12),
  densityKgM3: z.number().positive().max(30000),
  source: sourceSchema,
  note: text.optional(),
});

const weighInSchema = object({
  date: text,
  caseId: id,
  support: text,
  readings: z.record(z.string(), finite),
});

/** Everything the user decided or measured; the rest is computed from it. */
export const projectSchema = object({
  format: z.literal(FILE_FORMAT),
  schemaVersion: z.literal(SCHEMA_VERSION),
  id,
  name: text,
  notes: z.string().max(20000),
  settings: object({
    units: z.enum(['imperial', 'metric']),
    fraction: z.union([z.literal(16), z.literal(32)]),
    currency: z.string().max(8),
    regions: z.array(z.enum(['north-america', 'europe', 'australia'])),
    tongueSchool: z.enum(['north-america', 'europe', 'australia', 'muscle-pulled', 'own']),
  }),
  job: object({
    purpose: text,
    road: z.enum(['road', 'rough', 'off-road']),
    /** widest and longest that lane, door or law lets through; null where nothing limits it */
    maxWidthM: length.nullable(),
    maxLengthM: length.nullable(),
    /** how far it is to be turned against the vehicle without touching, rad */
    turnRad: z.number().min(0).max(1.58).default(1.222),
  }),
  towVehicle: towVehicleSchema.nullable(),
  /** the figure that goes on the trailer's plate */
  ratedGrossKg: mass.nullable(),
  tongueBand: tongueBandSchema,
  frame: frameSchema,
  runningGear: runningGearSchema,
  coupling: couplingSchema,
  strength: object({
    /** replaces the road's own vertical factor */
    bumpFactor: z.number().min(1).max(10).nullable(),
    /** situations that the user has switched off; the report names them */
    off: z.array(id).max(50).default(['recovery']),
    /** pull on coupler or rear when the rig is stuck, as a mass; the tow vehicle's own where null */
    recoveryPullKg: mass.nullable().default(null),
    /** fillet leg; as thick as the wall up to 3/16 in where null */
    weldLegM: length.nullable().default(null),
    /** legs of the triangular gussets where the tongue meets the frame and in the corners of the bed; null where there are none */
    gussets: object({ tongueM: length.nullable(), cornerM: length.nullable() }).default({
      tongueM: null,
      cornerM: null,
    }),
    /** hardest wheel or post on the deck and the square it presses on; a person's foot alone where null */
    deckPoint: object({ massKg: mass.nullable(), patchM: length }).default({ massKg: null, patchM: 0.1 }),
    /** wire for aluminum */
    filler: z.enum(['5356', '4043']).default('5356'),
    /** of bars as bought, in the project's currency; null where the user has said none */
    pricePerKg: object({
      steel: z.number().nonnegative().max(1e4).nullable(),
      aluminum: z.number().nonnegative().max(1e4).nullable(),
    }).default({ steel: null, aluminum: null }),
  }),
  items: z.array(itemSchema).max(500),
  cases: z.array(caseSchema).max(100),
  /** the case that answers "where does the axle go for this tongue share" */
  axleCaseId: id.nullable(),
  wantedTongueShare: share,
  ownRows: object({
    sections: z.array(sectionRowSchema).max(500),
    materials: z.array(materialRowSchema).max(200),
    /** axles and tires that the user keeps for another time */
    axles: z
      .array(object({ id, name: text, axle: axleSchema }))
      .max(200)
      .default([]),
    tires: z
      .array(object({ id, name: text, tire: tireSchema, assemblyMassKg: mass }))
      .max(200)
      .default([]),
  }),
  /** reserved: "<id>.<field>" as it was built */
  asBuilt: z.record(z.string(), object({ value: finite, date: text })),
  /** reserved: readings of the scale */
  weighIns: z.array(weighInSchema),
});

export type Project = z.infer<typeof projectSchema>;
export type Frame = Project['frame'];
export type Tongue = Frame['tongue'];
export type Bar = z.infer<typeof barSchema>;
export type BarGroup = 'rail' | 'header' | 'cross' | 'tongue' | 'side';
export type Item = z.infer<typeof itemSchema>;
export type LoadCase = z.infer<typeof caseSchema>;
export type TongueBand = z.infer<typeof tongueBandSchema>;
export type RunningGear = z.infer<typeof runningGearSchema>;
export type TowVehicle = z.infer<typeof towVehicleSchema>;
export type Coupling = z.infer<typeof couplingSchema>;
export type OwnSectionRow = z.infer<typeof sectionRowSchema>;
export type OwnMaterialRow = z.infer<typeof materialRowSchema>;
