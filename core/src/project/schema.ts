import { z } from 'zod';
import {
  density,
  id,
  length,
  lengthOrZero,
  mass,
  measured,
  object,
  place,
  price,
  share,
  stress,
  text,
} from './fields.js';
import { sheetKindSchema } from './bodySchema.js';
import { lightingSchema } from './lightingSchema.js';
import { buyingSchema, sum } from './buyingSchema.js';
import { barSchema, frameSchema } from './frameSchema.js';
import { heldStickSchema } from './heldStickSchema.js';
import { recordSchema } from './recordSchema.js';
import { axleSchema, runningGearSchema, tireSchema } from './runningGearSchema.js';
import { couplingSchema, towVehicleSchema } from './towSchema.js';

/** Raised by one with each change of the file's shape; every step has its migration and its test. */
export const SCHEMA_VERSION = 12;
export const FILE_FORMAT = 'kereta-project';

const tongueBandSchema = object({
  minShare: share,
  /** so much on the tongue is enough, however small a share of the weight it is; null where the share alone counts */
  enoughKg: mass.nullable(),
  maxShare: share,
  minKg: mass.nullable(),
  maxKg: mass.nullable(),
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
  /** it stands on four wheels, these far apart; null for what lies flat */
  wheels: object({
    baseM: length,
    trackM: length,
    /** of its weight, on its front axle; half where nothing is said. It balances that much nearer to it */
    frontShare: share.optional(),
  }).nullable(),
  /** it stands on four legs: how high it is off what it stands on, and how far they are apart */
  legs: object({ heightM: length, baseM: length, trackM: length }).optional(),
  /** animals, people, what rolls: it may be so far ahead of its place or behind it at any moment */
  roamsM: lengthOrZero.optional(),
  /** day on which it was or will be fitted, as YYYY-MM-DD */
  since: z
    .string()
    .regex(/^\d{4}-\d{2}-\d{2}$/)
    .optional(),
  attach: object({
    /** rack: on the level bars of one's own that lie under it */
    on: z.enum(['deck', 'rail', 'tongue', 'axle', 'drawer', 'item', 'rack']),
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
        /** further right and higher than its usual place: a boom swung out, a roof raised */
        shiftRightM: place.optional(),
        shiftUpM: place.optional(),
        /** a tank that is used on the way: as empty as it gets; as full as it starts where left out */
        fillLow: share.optional(),
      }),
    )
    .max(500),
  drawerOutM: lengthOrZero,
  /** gates that are let down in this case, by the ids of their pieces */
  gatesDown: z.array(id).max(20).optional(),
  /** the bed is tipped, its rear edge on the ground */
  bedTipped: z.boolean().optional(),
  /** overrides the project's band for this case */
  tongueBand: tongueBandSchema.nullable(),
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
  pricePerKg: price.optional(),
  source: sourceSchema,
});

export const materialRowSchema = object({
  id,
  name: text,
  family: z.enum(['steel', 'aluminum']),
  yieldPa: stress,
  ultimatePa: stress,
  weldedYieldPa: stress.optional(),
  weldedUltimatePa: stress.optional(),
  elasticPa: z.number().min(1e6).max(2e12),
  densityKgM3: density,
  source: sourceSchema,
  note: text.optional(),
});

/** A length of a section that can be cut: sold by a yard, or lying there already. */
const stockSchema = object({
  id,
  sectionId: id,
  lengthM: length,
  /** for one, in the project's currency; null where it is not known */
  price: z.number().min(0).max(100_000).nullable(),
  /** null: as many as wanted */
  available: z.number().int().min(0).max(10000).nullable(),
  /** it is there already and costs nothing more */
  onHand: z.boolean(),
  /** what is wrong with it, where it came from */
  note: text,
  /** nobody knows what steel it is: nothing is cut from it that counts on more than steel without mark */
  unknownSteel: z.boolean().optional(),
  /** the supplier saws it to length, up to `lengthM`: by the metre and by the cut, in the project's currency, null where not known; `price` does not count then */
  cutToSize: object({ perM: sum.nullable(), perCut: sum.nullable() }).optional(),
});

/** A whole sheet that is sold. */
const sheetSizeSchema = object({
  id,
  of: z.union([sheetKindSchema, z.literal('plate')]),
  lengthM: length,
  widthM: length,
  /** for one, in the project's currency; null where it is not known */
  price: sum.nullable(),
});

/** What the user decided about the trailer: the part of a project that undo covers. */
export const designSchema = object({
  name: text,
  notes: z.string().max(20000),
  job: object({
    purpose: text,
    road: z.enum(['road', 'rough', 'off-road']),
    /** widest and longest that lane, door or law lets through; null where nothing limits it */
    maxWidthM: length.nullable(),
    maxLengthM: length.nullable(),
    /** how far it is to be turned against the vehicle without touching, rad */
    turnRad: z.number().min(0).max(1.58),
    /** break of the road, up or down, that it is to go over without touching, rad */
    rampRad: z.number().min(0).max(0.6),
    /** clear width of the narrowest gate or lane that it is to turn into; null where there is none */
    laneM: length.nullable(),
    /** circle of the ball in the tightest turn that is usual */
    cornerM: length,
  }),
  towVehicle: towVehicleSchema.nullable(),
  /** kept vehicles that tow it as well, by their ids */
  alsoTowedBy: z.array(id).max(6),
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
    off: z.array(id).max(50),
    /** whether somebody steps on the rear edge: as is usual for such a bed, always, or never */
    personOnRear: z.enum(['usual', 'yes', 'no']),
    /** pull on coupler or rear when the rig is stuck, as a mass; the tow vehicle's own where null */
    recoveryPullKg: mass.nullable(),
    /** fillet leg; as thick as the wall up to 3/16 in where null */
    weldLegM: length.nullable(),
    /** legs of the triangular gussets where the tongue meets the frame and in the corners of the bed; null where there are none */
    gussets: object({ tongueM: length.nullable(), cornerM: length.nullable() }),
    /** hardest wheel or post on the deck and the square it presses on; a person's foot alone where null */
    deckPoint: object({ massKg: mass.nullable(), patchM: length }),
    /** wire for aluminum */
    filler: z.enum(['5356', '4043']),
  }),
  /** how pieces are cut out of what */
  cutting: object({
    /** what one saw cut eats */
    kerfM: z.number().min(0).max(0.05),
    /** cut off each end of a stick before anything else, the saw's loss counted in */
    trimM: z.number().min(0).max(2),
    /** an offcut as long as this is kept */
    keepM: z.number().min(0).max(20),
    /** left on every piece, to be ground or machined off */
    allowM: z.number().min(0).max(0.1),
    held: z.array(heldStickSchema).max(2000),
    /** how flat parts are cut from whole sheets; as is usual where nobody has said */
    sheets: object({
      kerfM: z.number().min(0).max(0.05),
      /** nothing is turned across its sheet's length: grain, pattern, good face */
      keepsGrain: z.boolean(),
      /** plates are burnt or cut by a table that follows any outline, not sawn right through */
      table: z.boolean().optional(),
      /** what is sold: of wood or metal by its kind, or plate for gussets and caps */
      sizes: z.array(sheetSizeSchema).max(100),
    }).optional(),
    stock: z.array(stockSchema).max(500),
  }),
  /** what is bought, besides what the design itself says */
  buying: buyingSchema,
  /** which side of the frame lies up while it is laid out; upside down, so that all tops are flush, where nobody has said */
  building: object({ layOut: z.enum(['upside-down', 'right-side-up']) }).optional(),
  /** how its steel is kept from rust, and where it lives; brushed paint and rain where nobody has said */
  coating: object({
    system: z.enum(['brush', 'two-pack', 'powder', 'galvanized', 'none']),
    where: z.enum(['dry', 'rain', 'salt']),
  }).optional(),
  /** lamps, and a living body's own 12 V */
  lighting: lightingSchema.optional(),
  items: z.array(itemSchema).max(500),
  cases: z.array(caseSchema).max(100),
  /** the case that answers "where does the axle go for this tongue share" */
  axleCaseId: id.nullable(),
  wantedTongueShare: share,
  ownRows: object({
    sections: z.array(sectionRowSchema).max(500),
    materials: z.array(materialRowSchema).max(200),
    /** axles and tires that the user keeps for another time */
    axles: z.array(object({ id, name: text, axle: axleSchema })).max(200),
    tires: z.array(object({ id, name: text, tire: tireSchema, assemblyMassKg: mass })).max(200),
    vehicles: z.array(object({ id, vehicle: towVehicleSchema })).max(200),
  }),
});

/** How the trailer is told and judged; outside undo. */
export const settingsSchema = object({
  units: z.enum(['imperial', 'metric']),
  fraction: z.union([z.literal(16), z.literal(32)]),
  currency: z.string().max(8),
  regions: z.array(z.enum(['north-america', 'europe', 'australia'])).max(3),
  tongueSchool: z.enum(['north-america', 'europe', 'australia', 'muscle-pulled', 'own']),
});

/** Everything the user decided, set or recorded; the rest is computed from it. */
export const projectSchema = object({
  format: z.literal(FILE_FORMAT),
  schemaVersion: z.literal(SCHEMA_VERSION),
  id,
  design: designSchema,
  settings: settingsSchema,
  record: recordSchema,
});

export type Project = z.infer<typeof projectSchema>;
export type Design = z.infer<typeof designSchema>;
export type Settings = z.infer<typeof settingsSchema>;
export type Frame = Design['frame'];
export type Tongue = Frame['tongue'];
export type Bar = z.infer<typeof barSchema>;
export type OwnBar = Frame['ownBars'][number];
export type BarEnd = OwnBar['from'];
export type OwnPanel = Frame['ownPanels'][number];
export type SheetFill = OwnPanel['sheet'];
/** A ready-made piece of the body. */
export type Piece = Frame['pieces'][number];
export type PieceKind = Piece['kind'];
/** Groups of bars that have one section and metal together. */
export type SharedGroup = 'rail' | 'header' | 'cross' | 'tongue' | 'side';
export type BarGroup = SharedGroup | 'own';
export type Item = z.infer<typeof itemSchema>;
export type LoadCase = z.infer<typeof caseSchema>;
export type TongueBand = z.infer<typeof tongueBandSchema>;
export type RunningGear = z.infer<typeof runningGearSchema>;
export type TowVehicle = z.infer<typeof towVehicleSchema>;
export type Cutting = Design['cutting'];
export type StockRow = Cutting['stock'][number];
export type SheetSizeRow = z.infer<typeof sheetSizeSchema>;
export type HeldStick = z.infer<typeof heldStickSchema>;
export type Buying = Design['buying'];
export type Coupling = z.infer<typeof couplingSchema>;
export type OwnSectionRow = z.infer<typeof sectionRowSchema>;
export type OwnMaterialRow = z.infer<typeof materialRowSchema>;
