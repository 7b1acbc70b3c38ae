import { z } from 'zod';
import 'jsonc-parser';
import { xoroshiro128plus } from 'pure-rand';
import { EigenvalueDecomposition, Matrix, solve } from 'ml-matrix';
// core/src/project/edits.ts
/** The other one of a left and right pair; undefined for what stands alone. */
const pairOf = (memberId) => {
  if (memberId.endsWith('.left')) return memberId.replace(/left$/, 'right');
  return memberId.endsWith('.right') ? memberId.replace(/right$/, 'left') : void 0;
};
const changeItem = (design, id, change) => ({
  ...design,
  items: design.items.map((item) => (item.id === id ? change(item) : item)),
});
// core/src/project/fields.ts
/**
 * Limits of every quantity stand here and in the schemas that use these fields, once: files are refused outside of them, and the
 * page's fields take them from the schema (`limitsOf`). They are wide on purpose: what is likely is a finding's business.
 */
/** A length that is there is at least this, m: a tenth of a millimetre. */
const SHORTEST_M$1 = 1e-4;
/** Nothing on a trailer is longer than this, m; catches a slip of the unit before it does harm. */
const LONGEST_M = 100;
/** Nothing on a trailer is heavier than this, kg. */
const HEAVIEST_KG = 1e5;
/** Least and most of a stress or modulus, Pa: no metal is weaker than a kilopascal, none stiffer than diamond. */
const WEAKEST_PA = 1e3;
const text = z.string().max(2e3);
const id = z.string().min(1).max(120);
const finite$1 = z.number();
const length$2 = z.number().min(SHORTEST_M$1).max(LONGEST_M);
const lengthOrZero = z.number().nonnegative().max(LONGEST_M);
const place = z.number().min(-100).max(LONGEST_M);
const mass$3 = z.number().nonnegative().max(HEAVIEST_KG);
const share$2 = z.number().min(0).max(1);
/** of a metal, Pa */
const stress = z.number().min(WEAKEST_PA).max(5e9);
/** of a material, kg/m³ */
const density = z.number().min(1).max(3e4);
/** of a spring, N/m */
const springRate = z.number().min(1).max(1e7);
/** of a kilogram, in the project's currency; 0 for what lies in the shed already */
const price = z.number().nonnegative().max(1e4);
/** Objects keep fields they do not know, so that a file from a later program loses nothing here. */
const object = z.looseObject;
const basisSchema = z.enum(['guessed', 'listed', 'weighed']);
/** A value with its doubt; the tolerance is in the value's own unit, either way. */
const measured = (value) =>
  object({
    value,
    basis: basisSchema,
    tolerance: z.number().nonnegative().max(HEAVIEST_KG),
  });
// core/src/project/frameSchema.ts
const barSchema = object({
  sectionId: id,
  materialId: id,
});
const crossMembersSchema = z.discriminatedUnion('kind', [
  object({
    kind: z.literal('spacing'),
    maxSpacingM: length$2,
  }),
  object({
    kind: z.literal('explicit'),
    members: z
      .array(
        object({
          id,
          xM: place,
        }),
      )
      .max(200),
  }),
]);
/** What every tongue has. */
const anyTongue = {
  /** ball centre to the front face of the bed */
  lengthM: length$2,
  /** ball's end higher (+) or lower (−) than a tongue straight out of the frame would hold it, by a slope or by a step at the front header */
  rise: object({
    kind: z.enum(['level', 'sloped', 'stepped']),
    byM: z.number().min(-1).max(1),
  }),
  /** left on at the ball's end, to be cut when all is in place */
  cutLaterM: lengthOrZero,
  /** plate over the front of the tongue, for coupler and jack */
  topPlate: object({
    lengthM: length$2,
    widthM: length$2,
    thicknessM: length$2,
  }).nullable(),
  /** open ends of closed tubes capped, with a drain left low */
  capped: z.boolean(),
};
/** A single tube that folds or comes out for storage, held by pins across it. */
const tongueJointSchema = object({
  kind: z.enum(['fixed', 'folding', 'removable']),
  /** the pins' middle ahead of the front face of the bed */
  aheadM: lengthOrZero,
  pins: z.number().int().min(1).max(2),
  /** from pin to pin along the tongue */
  pinSpacingM: length$2,
  pinDiameterM: length$2,
  grade: z.enum(['grade-5', 'grade-8', '8.8', '10.9']),
});
const singleTube$1 = {
  ...anyTongue,
  /** how far it runs on under the frame; 0 ends it at the front header */
  underM: lengthOrZero,
  tipBehindBallM: lengthOrZero,
  joint: tongueJointSchema,
};
const tongueSchema = z.discriminatedUnion('kind', [
  object({
    kind: z.literal('a-frame'),
    ...anyTongue,
    /** between the legs; couplers are made for 50° */
    includedAngleRad: z.number().min(0.1).max(2.5),
    /** legs end at the front header, or run on under the frame to the rails */
    rearEnd: z.enum(['header', 'under']),
    /** from the ball back to where the outer faces of the legs meet */
    apexBehindBallM: lengthOrZero,
  }),
  object({
    kind: z.literal('straight'),
    ...singleTube$1,
  }),
  object({
    kind: z.literal('backbone'),
    ...singleTube$1,
    /** where the side tubes' front faces meet the backbone's sides, ahead of the front face of the bed */
    sideTubesAheadM: length$2,
    /** of each side tube to the centre line */
    sideTubeAngleRad: z.number().min(0.1).max(1.4),
  }),
]);
const sidesSchema = z.discriminatedUnion('kind', [
  object({ kind: z.literal('none') }),
  object({
    kind: z.literal('rail'),
    heightM: length$2,
  }),
  object({
    kind: z.literal('boards'),
    heightM: length$2,
    thicknessM: length$2,
    densityKgM3: density,
  }),
]);
const deckKindSchema = z.enum(['none', 'plywood', 'planks', 'steel-sheet', 'aluminum-sheet', 'expanded-steel']);
const frameSchema = object({
  bed: object({
    lengthM: length$2,
    widthM: length$2,
    corner: z.enum(['rails-through', 'headers-through', 'mitred']),
  }),
  groups: object({
    rail: barSchema,
    header: barSchema,
    cross: barSchema,
    tongue: barSchema,
    side: barSchema,
  }),
  crossMembers: crossMembersSchema,
  extras: z
    .array(
      object({
        id,
        xM: place,
        name: text.optional(),
      }),
    )
    .max(100),
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
        .array(
          object({
            atM: lengthOrZero,
            diameterM: length$2,
            through: z.enum(['sides', 'top-bottom']),
          }),
        )
        .max(40)
        .optional(),
    }),
  ),
  tongue: tongueSchema,
  /** rings on both rails, spread evenly along the bed */
  tieDowns: object({
    perSide: z.number().int().min(0).max(20),
    /** working load limit stamped on the weakest of ring, strap and hook; null where nobody has read it */
    workingLoadKg: mass$3.nullable(),
  }),
  /** pairs of stands under both rails, for parking with the springs let off */
  stands: z
    .array(
      object({
        id,
        xM: place,
      }),
    )
    .max(3),
  deck: object({
    kind: deckKindSchema,
    thicknessM: length$2,
    seat: z.enum(['recessed', 'on-top']),
  }),
  sides: sidesSchema,
});
// core/src/project/recordSchema.ts
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
  object({
    kind: z.literal('as-built'),
    ...entry,
    subject: id,
    field: text,
    value: finite$1.nullable(),
  }),
  object({
    kind: z.literal('weigh-in'),
    ...entry,
    caseId: id,
    support: text,
    readings: z.record(z.string(), finite$1),
  }),
  object({
    kind: z.literal('price'),
    ...entry,
    family: z.enum(['steel', 'aluminum']),
    perKg: price.nullable(),
  }),
  object({
    kind: z.literal('purchase'),
    ...entry,
    what: text,
    paid: z.number().nonnegative().max(1e7).nullable(),
  }),
  object({
    kind: z.literal('log'),
    ...entry,
    text,
    hours: z.number().nonnegative().max(1e4).nullable(),
  }),
  object({
    kind: z.literal('service'),
    ...entry,
    what: text,
    atKm: z.number().nonnegative().max(1e7).nullable(),
  }),
]);
const recordSchema = object({ entries: z.array(entrySchema).max(2e4) });
// core/src/project/runningGearSchema.ts
/** A leaf spring as it lies on the bench, and how it is hung. */
const springSchema = object({
  /** both ends in eyes, the rear one on a shackle; or one eye and a rear end that slides */
  kind: z.enum(['double-eye', 'slipper']),
  /** straight from eye to eye, unloaded */
  eyeToEyeM: length$2,
  /** height of the main leaf over that line, unloaded */
  freeArchM: lengthOrZero,
  leaves: z.number().int().min(1).max(20),
  leafWidthM: length$2,
  leafThicknessM: length$2,
  /** of one spring, weighed or read; worked out from its leaves where null */
  rateNPerM: springRate.nullable(),
  /** of one spring; null where nobody has read it */
  ratingKg: mass$3.nullable(),
  shackleM: length$2,
  /** slipper: eye to where the other end bears, as its maker says */
  slipperM: length$2.nullable(),
  /** eyes below the rail's underside */
  hangerM: lengthOrZero,
  /** height of a spring seat */
  padM: lengthOrZero,
  /** on top of the axle, or hung below it */
  seat: z.enum(['over', 'under']),
});
/** An arm on a rubber-sprung shaft. */
const torsionSchema = object({
  armLengthM: length$2,
  /** unloaded, below level: positive stands the trailer higher */
  startAngleRad: z.number().min(-1.2).max(1.2),
  /** of one wheel; a usual figure for its rating where null */
  rateNPerM: springRate.nullable(),
});
const axleSchema = object({
  catalogId: id.nullable(),
  name: text,
  /** read off the tag of each axle; null where nobody has read it */
  ratingKg: mass$3.nullable(),
  massKg: mass$3,
  tubeDiameterM: length$2,
  hubFaceM: length$2,
  studCircle: text,
  /** spindles above the tube's middle */
  dropM: z.number().min(-0.3).max(0.3),
  /** tube of an axle that the user builds; null for one that is bought */
  homeBuilt: object({
    wallM: length$2,
    yieldPa: stress,
  }).nullable(),
});
const tireSchema = object({
  catalogId: id.nullable(),
  name: text,
  maxLoadKg: mass$3.nullable(),
  passenger: z.boolean(),
  diameterM: length$2,
  widthM: length$2,
  loadedRadiusM: length$2,
  /** at which the sidewall's load holds, as it is written there */
  pressure: text,
  /** of the rim that it fits; null where nobody has read it */
  rimM: length$2.nullable(),
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
  spacingM: length$2,
  /** front and rear arm of the equaliser; only their ratio counts for the loads */
  equaliserArms: z.tuple([z.number().min(0.01).max(100), z.number().min(0.01).max(100)]),
  axle: axleSchema,
  suspension: object({
    /** stub: a spindle on each rail, nothing across */
    kind: z.enum(['leaf', 'torsion', 'stub', 'none', 'unknown']),
    /** bolt to bolt of one spring */
    hangerSpacingM: length$2,
    /** both springs of one axle with hangers */
    springMassKg: mass$3,
    /** torsion: spindle behind the tube, as it stands loaded */
    armM: lengthOrZero,
    trackM: length$2,
    /** how hangers or brackets are held; a weld weakens aluminum rails there */
    mounting: z.enum(['welded', 'bolted']),
    spring: springSchema,
    torsion: torsionSchema,
    /** how far a wheel comes up in a hard bump from where it stands loaded */
    bumpTravelM: lengthOrZero,
  }),
  tire: tireSchema,
  wheel: object({
    maxLoadKg: mass$3.nullable(),
    assemblyMassKg: mass$3,
    rimM: length$2.nullable(),
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
  /** top of the main rails above the ground, standing loaded */
  railTopHeightM: length$2,
});
// core/src/project/towSchema.ts
const towVehicleSchema = object({
  name: text,
  /** what pulls: a road vehicle, a small machine, or people */
  kind: z.enum(['vehicle', 'small-machine', 'muscle']),
  massKg: mass$3.nullable(),
  hitchHeightM: lengthOrZero.nullable(),
  tongueLimitKg: mass$3.nullable(),
  towLimitKg: mass$3.nullable(),
  studCircle: text,
  wheelbaseM: length$2.nullable(),
  /** ball behind the rear axle */
  ballBehindAxleM: lengthOrZero.nullable(),
  /** of its weight, on the front axle without a trailer */
  frontShare: share$2,
  widthM: length$2,
  /** its rear face ahead of the ball */
  bumperAheadOfBallM: lengthOrZero,
  /** how far the open tailgate reaches behind that face; 0 where it has none */
  tailgateReachM: lengthOrZero,
  /** underside of the open tailgate above the ground; null where nobody has measured: it is then taken to be as low as the trailer */
  tailgateHeightM: lengthOrZero.nullable(),
  /** how far the hitch goes down for each kilogram put on it, m/kg; null where nobody has tried */
  hitchSinksMPerKg: z.number().nonnegative().max(0.01).nullable(),
  /** what its rear axle may carry, and carries without a trailer; null where nobody has read or weighed it */
  rearAxleLimitKg: mass$3.nullable(),
});
const decision = z.enum(['none', 'fitted', 'not-decided']);
/** What a part's stamp lets it pull and bear on the ball; null where nobody has read it. */
const rating = object({
  ratedKg: mass$3.nullable(),
  tongueKg: mass$3.nullable(),
});
const couplingSchema = object({
  catalogId: id.nullable(),
  name: text,
  ratedGrossKg: mass$3.nullable(),
  tongueLimitKg: mass$3.nullable(),
  ballDiameterM: lengthOrZero,
  homeMade: z.boolean(),
  /** D stamped on the coupling's plate, N; null where it has none or nobody has read it */
  dValueN: z.number().nonnegative().max(1e7).nullable(),
  massKg: mass$3,
  jackMassKg: mass$3,
  jackBehindBallM: lengthOrZero,
  /** how the coupler is held on the tongue */
  mount: z.enum(['welded', 'bolted']),
  bolts: object({
    count: z.number().int().min(1).max(12),
    diameterM: length$2,
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
    ratedKg: mass$3.nullable(),
    tongueKg: mass$3.nullable(),
    /** ball lower than the receiver's tube; a rise is negative; null where nobody has measured */
    dropM: z.number().min(-0.5).max(0.5).nullable(),
  }),
  ball: object({
    diameterM: length$2.nullable(),
    shankM: length$2.nullable(),
    /** drilled in the mount for the shank */
    holeM: length$2.nullable(),
    ratedKg: mass$3.nullable(),
  }),
  safetyChain: object({
    count: z.number().int().min(1).max(4),
    /** of its row in the list, or an own one */
    catalogId: id.nullable(),
    /** what one breaks at, of chain, hook and link the least; null where nobody has read it */
    breaksAtKg: mass$3.nullable(),
    /** from its tab on the trailer to its hook */
    lengthM: length$2.nullable(),
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
    ratedKg: mass$3.nullable(),
    /** foot below its mount on the tongue's top: drawn in, and run out with its drop leg */
    shortM: lengthOrZero.nullable(),
    longM: lengthOrZero.nullable(),
  }),
});
const FILE_FORMAT = 'kereta-project';
const tongueBandSchema = object({
  minShare: share$2,
  maxShare: share$2,
  minKg: mass$3.nullable(),
  maxKg: mass$3.nullable(),
});
const itemSchema = object({
  id,
  name: text,
  /** fixed: bolted on for good; cargo: aboard when a case says so; tank: its contents come and go by fill */
  kind: z.enum(['fixed', 'cargo', 'tank']),
  /** a tank's contents when full */
  massKg: measured(mass$3),
  /** the tank itself; 0 for anything else */
  emptyMassKg: mass$3,
  sizeM: object({
    lengthM: lengthOrZero,
    widthM: lengthOrZero,
    heightM: lengthOrZero,
  }),
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
        fill: share$2,
        shiftM: place,
        /** a tank that is used on the way: as empty as it gets; as full as it starts where left out */
        fillLow: share$2.optional(),
      }),
    )
    .max(500),
  drawerOutM: lengthOrZero,
  /** overrides the project's band for this case */
  tongueBand: tongueBandSchema.nullable(),
});
const sourceSchema = z.discriminatedUnion('kind', [
  object({
    kind: z.literal('published'),
    name: text,
    confidence: z.enum(['sure', 'verify']),
  }),
  object({
    kind: z.literal('common-practice'),
    note: text.optional(),
  }),
  object({
    kind: z.literal('computed'),
    formula: text,
  }),
  object({
    kind: z.literal('own'),
    note: text.optional(),
  }),
]);
const shapeSchema = z.discriminatedUnion('kind', [
  object({
    kind: z.literal('rect-tube'),
    widthM: length$2,
    heightM: length$2,
    wallM: length$2,
    outerRadiusM: lengthOrZero,
    innerRadiusM: lengthOrZero,
  }),
  object({
    kind: z.literal('round-tube'),
    diameterM: length$2,
    wallM: length$2,
  }),
  object({
    kind: z.literal('angle'),
    verticalLegM: length$2,
    horizontalLegM: length$2,
    thicknessM: length$2,
    rootRadiusM: lengthOrZero,
    toeRadiusM: lengthOrZero,
  }),
  object({
    kind: z.literal('channel'),
    depthM: length$2,
    flangeM: length$2,
    webM: length$2,
    flangeThicknessM: length$2,
    rootRadiusM: lengthOrZero,
    toeRadiusM: lengthOrZero,
    innerSlope: z.number().min(0).max(1),
  }),
  object({
    kind: z.literal('bent-channel'),
    depthM: length$2,
    flangeM: length$2,
    thicknessM: length$2,
    outerRadiusM: lengthOrZero,
    innerRadiusM: lengthOrZero,
  }),
  object({
    kind: z.literal('flat-bar'),
    widthM: length$2,
    heightM: length$2,
  }),
]);
const sectionRowSchema = object({
  id,
  designation: text,
  family: z.enum(['steel', 'aluminum']),
  group: text,
  usualMaterialId: id,
  shape: shapeSchema,
  designWallM: length$2.optional(),
  /** what a kilogram of this one costs, in the project's currency; 0 for what lies in the shed already */
  pricePerKg: price.optional(),
  source: sourceSchema,
});
const materialRowSchema = object({
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
/** What the user decided about the trailer: the part of a project that undo covers. */
const designSchema = object({
  name: text,
  notes: z.string().max(2e4),
  job: object({
    purpose: text,
    road: z.enum(['road', 'rough', 'off-road']),
    /** widest and longest that lane, door or law lets through; null where nothing limits it */
    maxWidthM: length$2.nullable(),
    maxLengthM: length$2.nullable(),
    /** how far it is to be turned against the vehicle without touching, rad */
    turnRad: z.number().min(0).max(1.58),
    /** break of the road, up or down, that it is to go over without touching, rad */
    rampRad: z.number().min(0).max(0.6),
    /** clear width of the narrowest gate or lane that it is to turn into; null where there is none */
    laneM: length$2.nullable(),
    /** circle of the ball in the tightest turn that is usual */
    cornerM: length$2,
  }),
  towVehicle: towVehicleSchema.nullable(),
  /** the figure that goes on the trailer's plate */
  ratedGrossKg: mass$3.nullable(),
  tongueBand: tongueBandSchema,
  frame: frameSchema,
  runningGear: runningGearSchema,
  coupling: couplingSchema,
  strength: object({
    /** replaces the road's own vertical factor */
    bumpFactor: z.number().min(1).max(10).nullable(),
    /** situations that the user has switched off; the report names them */
    off: z.array(id).max(50),
    /** pull on coupler or rear when the rig is stuck, as a mass; the tow vehicle's own where null */
    recoveryPullKg: mass$3.nullable(),
    /** fillet leg; as thick as the wall up to 3/16 in where null */
    weldLegM: length$2.nullable(),
    /** legs of the triangular gussets where the tongue meets the frame and in the corners of the bed; null where there are none */
    gussets: object({
      tongueM: length$2.nullable(),
      cornerM: length$2.nullable(),
    }),
    /** hardest wheel or post on the deck and the square it presses on; a person's foot alone where null */
    deckPoint: object({
      massKg: mass$3.nullable(),
      patchM: length$2,
    }),
    /** wire for aluminum */
    filler: z.enum(['5356', '4043']),
  }),
  items: z.array(itemSchema).max(500),
  cases: z.array(caseSchema).max(100),
  /** the case that answers "where does the axle go for this tongue share" */
  axleCaseId: id.nullable(),
  wantedTongueShare: share$2,
  ownRows: object({
    sections: z.array(sectionRowSchema).max(500),
    materials: z.array(materialRowSchema).max(200),
    /** axles and tires that the user keeps for another time */
    axles: z
      .array(
        object({
          id,
          name: text,
          axle: axleSchema,
        }),
      )
      .max(200),
    tires: z
      .array(
        object({
          id,
          name: text,
          tire: tireSchema,
          assemblyMassKg: mass$3,
        }),
      )
      .max(200),
    vehicles: z
      .array(
        object({
          id,
          vehicle: towVehicleSchema,
        }),
      )
      .max(200),
  }),
});
/** How the trailer is told and judged; outside undo. */
const settingsSchema = object({
  units: z.enum(['imperial', 'metric']),
  fraction: z.union([z.literal(16), z.literal(32)]),
  currency: z.string().max(8),
  regions: z.array(z.enum(['north-america', 'europe', 'australia'])).max(3),
  tongueSchool: z.enum(['north-america', 'europe', 'australia', 'muscle-pulled', 'own']),
});
/** Everything the user decided, set or recorded; the rest is computed from it. */
const projectSchema = object({
  format: z.literal(FILE_FORMAT),
  schemaVersion: z.literal(2),
  id,
  design: designSchema,
  settings: settingsSchema,
  record: recordSchema,
});
// core/src/project/migrations/toVersion2.ts
const isFields = (value) => typeof value === 'object' && value !== null && !Array.isArray(value);
/**
 * What came in while version 1 was written, and what a trailer without it was taken to have. A path ends at the field; `[]` stands for
 * every entry of a list. Where the object around a field is not there, nothing is put in: its own line puts the whole of it in.
 * These are the values of that time, written out: they never follow what the program takes as usual today.
 */
const CAME_LATER = [
  ['job.turnRad', 1.222],
  ['job.rampRad', 0.14],
  ['job.laneM', null],
  ['job.cornerM', 7.5],
  [
    'frame.tongue.rise',
    {
      kind: 'level',
      byM: 0,
    },
  ],
  ['frame.tongue.cutLaterM', 0],
  ['frame.tongue.topPlate', null],
  ['frame.tongue.capped', false],
  [
    'frame.tieDowns',
    {
      perSide: 0,
      workingLoadKg: null,
    },
  ],
  ['frame.tieDowns.workingLoadKg', null],
  ['frame.stands', []],
  ['runningGear.axle.dropM', 0],
  ['runningGear.axle.homeBuilt', null],
  [
    'runningGear.suspension.spring',
    {
      kind: 'double-eye',
      eyeToEyeM: 0.64135,
      freeArchM: 0.0889,
      leaves: 4,
      leafWidthM: 0.04445,
      leafThicknessM: 0.00635,
      rateNPerM: null,
      ratingKg: null,
      shackleM: 0.05715,
      slipperM: null,
      hangerM: 0.0762,
      padM: 0.00635,
      seat: 'over',
    },
  ],
  [
    'runningGear.suspension.torsion',
    {
      armLengthM: 0.1524,
      startAngleRad: 0.3927,
      rateNPerM: null,
    },
  ],
  ['runningGear.suspension.bumpTravelM', 0.0635],
  ['runningGear.tire.pressure', ''],
  ['runningGear.tire.rimM', null],
  ['runningGear.wheel.rimM', null],
  ['runningGear.wheel.offsetM', 0],
  ['runningGear.wheel.studCircle', ''],
  ['runningGear.wheel.adapterM', 0],
  [
    'runningGear.fender',
    {
      kind: 'none',
      aboveRailM: 0.15,
      reachM: 0.25,
      skirtM: 0.0762,
    },
  ],
  ['runningGear.fender.skirtM', 0.0762],
  ['runningGear.reserveShare', 0.15],
  ['coupling.dValueN', null],
  ['coupling.mount', 'welded'],
  [
    'coupling.bolts',
    {
      count: 2,
      diameterM: 0.0127,
      grade: 'grade-5',
    },
  ],
  ['coupling.kind', 'ball'],
  [
    'coupling.receiver',
    {
      ratedKg: null,
      tongueKg: null,
    },
  ],
  [
    'coupling.ballMount',
    {
      ratedKg: null,
      tongueKg: null,
      dropM: null,
    },
  ],
  ['coupling.ballMount.dropM', null],
  [
    'coupling.ball',
    {
      diameterM: null,
      shankM: null,
      holeM: null,
      ratedKg: null,
    },
  ],
  [
    'coupling.safetyChain',
    {
      count: 2,
      catalogId: null,
      breaksAtKg: null,
      lengthM: null,
      crossed: true,
      tabBehindBallM: 0.2032,
      hookAheadOfBallM: 0.127,
      apartM: 0.2032,
      heldOn: 'not-decided',
    },
  ],
  ['coupling.breakaway', 'not-decided'],
  ['coupling.brakeKind', 'not-decided'],
  ['coupling.plug', 'not-decided'],
  [
    'coupling.jack',
    {
      ratedKg: null,
      shortM: null,
      longM: null,
    },
  ],
  ['strength.bumpFactor', null],
  ['strength.off', ['recovery']],
  ['strength.recoveryPullKg', null],
  ['strength.weldLegM', null],
  [
    'strength.gussets',
    {
      tongueM: null,
      cornerM: null,
    },
  ],
  [
    'strength.deckPoint',
    {
      massKg: null,
      patchM: 0.1,
    },
  ],
  ['strength.filler', '5356'],
  ['ownRows.axles', []],
  ['ownRows.tires', []],
  ['ownRows.vehicles', []],
  ['ownRows.axles[].axle.dropM', 0],
  ['ownRows.axles[].axle.homeBuilt', null],
  ['ownRows.tires[].tire.pressure', ''],
  ['ownRows.tires[].tire.rimM', null],
  ...['towVehicle', 'ownRows.vehicles[].vehicle'].flatMap((vehicle) => [
    [`${vehicle}.kind`, 'vehicle'],
    [`${vehicle}.wheelbaseM`, null],
    [`${vehicle}.ballBehindAxleM`, null],
    [`${vehicle}.frontShare`, 0.55],
    [`${vehicle}.widthM`, 1.9304],
    [`${vehicle}.bumperAheadOfBallM`, 0.2286],
    [`${vehicle}.tailgateReachM`, 0],
    [`${vehicle}.tailgateHeightM`, null],
    [`${vehicle}.hitchSinksMPerKg`, null],
    [`${vehicle}.rearAxleLimitKg`, null],
  ]),
];
/** A single tube of the tongue in one piece; pins as they were usual. */
const FIXED_JOINT$1 = {
  kind: 'fixed',
  aheadM: 0.1524,
  pins: 2,
  pinSpacingM: 0.1016,
  pinDiameterM: 0.015875,
  grade: 'grade-5',
};
/** The same object with the field at this path put in where it is missing; everything else is shared with the old one. */
const putIn = (into, path, value) => {
  const [step = '', ...rest] = path;
  if (!isFields(into)) return into;
  const name = step.replace(/\[\]$/, '');
  const inside = Object.hasOwn(into, name) ? into[name] : void 0;
  if (rest.length === 0)
    return inside === void 0
      ? {
          ...into,
          [name]: structuredClone(value),
        }
      : into;
  if (inside === void 0) return into;
  const filled =
    step.endsWith('[]') && Array.isArray(inside)
      ? inside.map((entry) => putIn(entry, rest, value))
      : putIn(inside, rest, value);
  return {
    ...into,
    [name]: filled,
  };
};
const withJoint = (file) => {
  const { frame } = file;
  if (!isFields(frame) || !isFields(frame['tongue']) || frame['tongue']['kind'] === 'a-frame') return file;
  return putIn(file, ['frame', 'tongue', 'joint'], FIXED_JOINT$1);
};
/** Where a price stood among the decisions on strength, it becomes the first entry of the record. */
const priceEntries = (strength) => {
  const prices = isFields(strength) ? strength['pricePerKg'] : void 0;
  if (!isFields(prices)) return [];
  return ['steel', 'aluminum'].flatMap((family) =>
    typeof prices[family] === 'number'
      ? [
          {
            kind: 'price',
            id: `price.v1.${family}`,
            date: '',
            family,
            perKg: prices[family],
          },
        ]
      : [],
  );
};
/** `asBuilt` was kept by "<part>.<field>". */
const builtEntries = (asBuilt) =>
  isFields(asBuilt)
    ? Object.entries(asBuilt).flatMap(([key, reading], index) =>
        isFields(reading)
          ? [
              {
                kind: 'as-built',
                id: `as-built.v1.${index + 1}`,
                date: reading['date'] ?? '',
                subject: key.slice(0, key.lastIndexOf('.')) || key,
                field: key.slice(key.lastIndexOf('.') + 1),
                value: reading['value'],
              },
            ]
          : [],
      )
    : [];
const weighInEntries = (weighIns) =>
  Array.isArray(weighIns)
    ? weighIns.flatMap((weighIn, index) =>
        isFields(weighIn)
          ? [
              {
                ...weighIn,
                kind: 'weigh-in',
                id: `weigh-in.v1.${index + 1}`,
              },
            ]
          : [],
      )
    : [];
/**
 * Version 2 tells apart what undo covers (`design`), how it is told (`settings`) and what was measured and done (`record`). What version 1
 * took for granted where a field was missing is put in, so that nothing has to be taken for granted any more.
 */
const toVersion2 = (file) => {
  const { format, schemaVersion, id, settings, asBuilt, weighIns, strength, ...design } = withJoint(
    CAME_LATER.reduce((filled, [path, value]) => putIn(filled, path.split('.'), value), file),
  );
  const { pricePerKg: _prices, ...ownStrength } = isFields(strength) ? strength : { pricePerKg: void 0 };
  return {
    format,
    schemaVersion,
    id,
    design: {
      ...design,
      strength: isFields(strength) ? ownStrength : strength,
    },
    settings,
    record: { entries: [...priceEntries(strength), ...builtEntries(asBuilt), ...weighInEntries(weighIns)] },
  };
};
// core/src/project/migrations/index.ts
const MIGRATIONS = [
  {
    to: 2,
    up: toVersion2,
  },
];
const migrate = (file, fromVersion, steps = MIGRATIONS) =>
  steps
    .filter((step) => step.to > fromVersion && step.to <= 2)
    .reduce(
      (current, step) => ({
        ...step.up(current),
        schemaVersion: step.to,
      }),
      file,
    );
// core/src/source.ts
const publishedSure = (name) => ({
  kind: 'published',
  name,
  confidence: 'sure',
});
const publishedVerify = (name) => ({
  kind: 'published',
  name,
  confidence: 'verify',
});
const commonPractice = (note) => ({
  kind: 'common-practice',
  note,
});
const computedBy = (formula) => ({
  kind: 'computed',
  formula,
});
// core/src/units/factors.ts
/**
 * Exact conversion factors; the only place in the project where they stand.
 * Inch, foot and pound: international yard and pound agreement of 1959. Standard gravity: 3rd CGPM, 1901.
 */
const STANDARD_GRAVITY = 9.80665;
const METRES_PER = {
  m: 1,
  cm: 0.01,
  mm: 0.001,
  in: 0.0254,
  ft: 0.3048,
};
/** International mile, exact. */
const KILOMETRES_PER_MILE = 1.609344;
const KILOGRAMS_PER = {
  kg: 1,
  g: 0.001,
  t: 1e3,
  lb: 0.45359237,
  oz: 0.45359237 / 16,
};
const NEWTONS_PER = {
  N: 1,
  kN: 1e3,
  lbf: KILOGRAMS_PER.lb * STANDARD_GRAVITY,
  kip: 1e3 * KILOGRAMS_PER.lb * STANDARD_GRAVITY,
  kgf: STANDARD_GRAVITY,
};
const PASCALS_PER_PSI = NEWTONS_PER.lbf / METRES_PER.in ** 2;
const PASCALS_PER = {
  Pa: 1,
  MPa: 1e6,
  GPa: 1e9,
  psi: PASCALS_PER_PSI,
  ksi: 1e3 * PASCALS_PER_PSI,
};
const RADIANS_PER = {
  rad: 1,
  deg: Math.PI / 180,
};
// core/src/result.ts
const ok = (value) => ({
  ok: true,
  value,
});
const fail = (error) => ({
  ok: false,
  error,
});
// core/src/units/noFigure.ts
/** What is written where there is no number to write: nothing was known, or a share of nothing was asked. */
const NO_FIGURE = 'no figure';
/** Beyond this a number says nothing about a trailer any more. */
const LARGEST_SAID = 0x38d7ea4c68000;
const isFigure = (value) => Number.isFinite(value) && Math.abs(value) < LARGEST_SAID;
// core/src/units/length.ts
const toMetres = (value, unit) => value * METRES_PER[unit];
const fromMetres = (metres, unit) => metres / METRES_PER[unit];
const inches = (value) => toMetres(value, 'in');
const feet = (value) => toMetres(value, 'ft');
const millimetres = (value) => toMetres(value, 'mm');
/** Lengths under three feet are written in inches: shop habit, so that "24 3/4" is never read as 2' 0 3/4". */
const FEET_FROM_INCHES = 36;
/** Of whole numbers. */
const greatestCommonDivisor = (a, b) => (b > 0 ? greatestCommonDivisor(b, a % b) : a);
const lengthParts = (metres, denominator, plainInches = false) => {
  const totalParts = Math.round((Math.abs(metres) / METRES_PER.in) * denominator);
  const wholeInches = Math.floor(totalParts / denominator);
  const numerator = totalParts % denominator;
  const divisor = greatestCommonDivisor(denominator, numerator);
  const withFeet = !plainInches && totalParts >= FEET_FROM_INCHES * denominator;
  return {
    negative: metres < 0 && totalParts > 0,
    feet: withFeet ? Math.floor(wholeInches / 12) : void 0,
    inches: withFeet ? wholeInches % 12 : wholeInches,
    numerator: numerator / divisor,
    denominator: denominator / divisor,
  };
};
const partsText = ({ negative, feet: ft, inches: inch, numerator, denominator }) => {
  const fraction = numerator === 0 ? '' : `${numerator}/${denominator}`;
  const inchText = fraction === '' ? `${inch}` : inch === 0 && ft === void 0 ? fraction : `${inch} ${fraction}`;
  return `${negative ? '-' : ''}${ft === void 0 ? '' : `${ft}' `}${inchText}"`;
};
/** For reading: `5' 10"`, `24 3/4"`, `1778 mm`; rounded to the style's fraction or to the millimetre. */
const formatLength = (metres, style) =>
  !isFigure(metres)
    ? NO_FIGURE
    : style.system === 'imperial'
      ? partsText(lengthParts(metres, style.denominator))
      : `${Math.round(fromMetres(metres, 'mm')) + 0} mm`;
// core/src/units/quantities.ts
const toKilograms = (value, unit) => value * KILOGRAMS_PER[unit];
const fromKilograms = (kg, unit) => kg / KILOGRAMS_PER[unit];
/** Torque in foot-pounds as N·m. */
const footPounds = (value) => value * NEWTONS_PER.lbf * METRES_PER.ft;
const pounds = (value) => toKilograms(value, 'lb');
const toNewtons = (value, unit) => value * NEWTONS_PER[unit];
const fromNewtons = (n, unit) => n / NEWTONS_PER[unit];
const toPascals = (value, unit) => value * PASCALS_PER[unit];
const fromPascals = (pa, unit) => pa / PASCALS_PER[unit];
const toRadians = (value, unit) => value * RADIANS_PER[unit];
const fromRadians = (rad, unit) => rad / RADIANS_PER[unit];
const fromKilometres = (km, unit) => (unit === 'mile' ? km / KILOMETRES_PER_MILE : km);
/** Weight of a mass under standard gravity, N. */
const weightN = (massKg) => massKg * STANDARD_GRAVITY;
/** Mass whose weight is the force, kg: how tongue and axle loads are spoken of. */
const massOfWeightKg = (forceN) => forceN / STANDARD_GRAVITY;
/** `1,234.5`: groups of three, a fixed number of decimals, never "-0". */
const formatNumber = (value, decimals) => {
  if (!isFigure(value)) return NO_FIGURE;
  const text = Math.abs(value).toFixed(decimals);
  const [whole = '0', fraction] = text.split('.');
  const grouped = whole.replace(/\B(?=(\d{3})+(?!\d))/g, ',');
  return `${value < 0 && Number(text) !== 0 ? '-' : ''}${grouped}${fraction === void 0 ? '' : `.${fraction}`}`;
};
/** A digit more below ten, so that 2.4 kg of tongue weight is not written as 2. */
const digitsFor = (value) => (Math.abs(value) < 9.95 ? 1 : 0);
const formatMass = (kg, system) => {
  if (!isFigure(kg)) return NO_FIGURE;
  const value = system === 'imperial' ? fromKilograms(kg, 'lb') : kg;
  return `${formatNumber(value, digitsFor(value))} ${system === 'imperial' ? 'lb' : 'kg'}`;
};
/** A load that people speak of by weight (tongue, axle), in lb or kg. */
const formatLoad = (forceN, system) => formatMass(massOfWeightKg(forceN), system);
const formatForce = (n, system) => {
  if (!isFigure(n)) return NO_FIGURE;
  if (system === 'imperial') return `${formatNumber(fromNewtons(n, 'lbf'), 0)} lbf`;
  return Math.abs(n) >= 1e4 ? `${formatNumber(n / 1e3, 2)} kN` : `${formatNumber(n, 0)} N`;
};
const formatStress = (pa, system) =>
  !isFigure(pa)
    ? NO_FIGURE
    : system === 'imperial'
      ? `${formatNumber(fromPascals(pa, 'psi'), 0)} psi`
      : `${formatNumber(fromPascals(pa, 'MPa'), 1)} MPa`;
/** A distance driven, rounded to two figures: it is never known better. */
const formatDistance = (km, system) => {
  if (!isFigure(km)) return NO_FIGURE;
  const value = fromKilometres(km, system === 'imperial' ? 'mile' : 'km');
  const size = value > 0 ? 10 ** Math.max(0, Math.floor(Math.log10(value)) - 1) : 1;
  return `${formatNumber(Math.round(value / size) * size, 0)} ${system === 'imperial' ? 'miles' : 'km'}`;
};
/** A distance on the ground: feet or metres, to a tenth under twenty, whole beyond. */
const formatGround = (metres, system) => {
  if (!isFigure(metres)) return NO_FIGURE;
  const value = system === 'imperial' ? metres / METRES_PER.ft : metres;
  return `${formatNumber(value, value < 20 ? 1 : 0).replace(/\.0$/, '')} ${system === 'imperial' ? 'ft' : 'm'}`;
};
/** A torque on a nut, in ft·lb or N·m. */
const formatTorque = (newtonMetres, system) =>
  !isFigure(newtonMetres)
    ? NO_FIGURE
    : system === 'imperial'
      ? `${formatNumber(newtonMetres / footPounds(1), 0)} ft·lb`
      : `${formatNumber(newtonMetres, 0)} N·m`;
/** A speed in whole miles or kilometres an hour. */
const formatSpeed = (metresPerSecond, system) =>
  !isFigure(metresPerSecond)
    ? NO_FIGURE
    : system === 'imperial'
      ? `${Math.round(fromKilometres(metresPerSecond * 3.6, 'mile'))} mph`
      : `${Math.round(metresPerSecond * 3.6)} km/h`;
const formatAngle = (rad) =>
  isFigure(rad) ? `${formatNumber(fromRadians(rad, 'deg'), 1).replace(/\.0$/, '')}°` : NO_FIGURE;
const formatPercent = (fraction, decimals = 1) =>
  isFigure(fraction) ? `${formatNumber(fraction * 100, decimals)} %` : NO_FIGURE;
// core/src/catalog/hitchRows.ts
const SHANK_TORQUES = {
  '3/4': 160,
  1: 250,
  '1-1/4': 450,
};
const SHANK_INCHES = {
  '3/4': 0.75,
  1: 1,
  '1-1/4': 1.25,
};
const inchBall = (ball, ballIn, shank, ratedLb) => ({
  id: `ball-${ball.replaceAll('/', '_')}-${shank.replaceAll('/', '_')}`,
  name: `${ball} in ball, ${shank} in shank`,
  diameterM: inches(ballIn),
  shankM: inches(SHANK_INCHES[shank] ?? 1),
  ratedKg: pounds(ratedLb),
  nutNm: footPounds(SHANK_TORQUES[shank] ?? 0),
  source: publishedVerify('usual stamps on balls of SAE J684; the stamp on the ball governs'),
});
inchBall('1-7/8', 1.875, '3/4', 2e3),
  inchBall('1-7/8', 1.875, '1', 3500),
  inchBall('2', 2, '3/4', 3500),
  inchBall('2', 2, '1', 6e3),
  inchBall('2', 2, '1-1/4', 12e3),
  inchBall('2-5/16', 2.3125, '1', 6e3),
  inchBall('2-5/16', 2.3125, '1-1/4', 1e4),
  millimetres(50);
const CHAINS = publishedSure('NACM and ASTM A413 working loads; breaks at four times that, grade 43 at three times');
[
  [30, '3/16', 800],
  [30, '1/4', 1300],
  [30, '5/16', 1900],
  [30, '3/8', 2650],
  [30, '1/2', 4500],
  [43, '1/4', 2600],
  [43, '5/16', 3900],
  [43, '3/8', 5400],
  [43, '1/2', 9200],
  [70, '1/4', 3150],
  [70, '5/16', 4700],
  [70, '3/8', 6600],
  [70, '1/2', 11300],
].map(([grade, size, workingLb]) => ({
  id: `chain-g${grade}-${size.replace('/', '_')}`,
  name: `${size} in chain, grade ${grade}`,
  breaksAtKg: pounds(workingLb * (grade === 43 ? 3 : 4)),
  source: CHAINS,
}));
/** Classes of trailers by gross, and what each of their safety chains must break at; beyond the last it is the gross itself. */
const J684_CLASSES = [
  {
    name: '1',
    upToKg: pounds(2e3),
    chainKg: pounds(2e3),
  },
  {
    name: '2',
    upToKg: pounds(3500),
    chainKg: pounds(3500),
  },
  {
    name: '3',
    upToKg: pounds(5e3),
    chainKg: pounds(5e3),
  },
];
[
  ['I', '1-1/4', 2e3],
  ['II', '1-1/4', 3500],
  ['III', '2', 5e3],
  ['IV', '2', 1e4],
  ['V', '2-1/2', 12e3],
].map(([name, tube, lb]) => ({
  id: `class-${String(name).toLowerCase()}`,
  name: `Class ${name}, ${tube} in tube`,
  ratedKg: pounds(Number(lb)),
  tongueKg: pounds(Number(lb) / 10),
  source: commonPractice('trade class, the lower end of its range; tongue a tenth; the stamp governs'),
}));
/** Drops of ball mounts as they are sold; turned over they are rises. Common practice. */
const MOUNT_DROPS_M = {
  imperial: [0, 2, 3.25, 4, 6, 8].map(inches),
  metric: [0, 50, 80, 100, 150, 200].map(millimetres),
};
const jack = (id, name, lb, shortIn, longIn, massLb) => ({
  id,
  name,
  ratedKg: pounds(lb),
  shortM: inches(shortIn),
  longM: inches(longIn),
  massKg: pounds(massLb),
  source: commonPractice('usual sizes; measure your own'),
});
jack('jack-wheel-1000', '1,000 lb swivel jack with wheel', 1e3, 12, 22, 14),
  jack('jack-swivel-2000', '2,000 lb swivel jack', 2e3, 10, 25, 16),
  jack('jack-a-frame-2000', '2,000 lb A-frame jack, 15 in of travel', 2e3, 10, 25, 18),
  jack('jack-drop-5000', '5,000 lb jack with drop leg', 5e3, 9, 32, 35);
// core/src/catalog/runningGearRows.ts
const CLASSES = publishedVerify('North American trade classes; the tag on the axle governs');
const EUROPE = publishedVerify('European trade classes; the plate on the axle governs');
const inchAxle = (ratingLb, tubeIn, massLb, studCircle, spindle, brake) => ({
  id: `axle-${ratingLb}`,
  name: `${ratingLb.toLocaleString('en-US')} lb axle`,
  ratingKg: pounds(ratingLb),
  suspension: 'leaf',
  massKg: pounds(massLb),
  tubeDiameterM: inches(tubeIn),
  studCircle,
  spindle,
  brake,
  source: CLASSES,
});
const metricAxle = (ratingKg, tubeMm, massKg, studCircle, brake) => ({
  id: `axle-${ratingKg}kg`,
  name: `${ratingKg} kg torsion axle`,
  ratingKg,
  suspension: 'torsion',
  massKg,
  tubeDiameterM: millimetres(tubeMm),
  studCircle,
  spindle: 'compact bearing, by its maker',
  brake,
  source: EUROPE,
});
const AXLE_ROWS = [
  inchAxle(2e3, 2, 68, '5 on 4-1/2 in', '1-1/16 in straight', '7 x 1-1/4 in'),
  inchAxle(2200, 2, 72, '5 on 4-1/2 in', '1-1/16 in straight', '7 x 1-1/4 in'),
  inchAxle(3e3, 2, 95, '5 on 4-1/2 in', '1-3/8 x 1-1/16 in', '10 x 2-1/4 in'),
  inchAxle(3500, 2.375, 110, '5 on 4-1/2 in', '1-3/8 x 1-1/16 in', '10 x 2-1/4 in'),
  inchAxle(5200, 3, 205, '6 on 5-1/2 in', '1-3/4 x 1-1/4 in', '12 x 2 in'),
  inchAxle(6e3, 3, 220, '6 on 5-1/2 in', '1-3/4 x 1-1/4 in', '12 x 2 in'),
  inchAxle(7e3, 3, 250, '8 on 6-1/2 in', '1-3/4 x 1-1/4 in', '12 x 2 in'),
  inchAxle(8e3, 3.5, 290, '8 on 6-1/2 in', '1-3/4 x 1-1/4 in and up', '12-1/4 x 3-3/8 in'),
  metricAxle(750, 70, 38, '4 x 100', ''),
  metricAxle(1e3, 80, 48, '5 x 112', '200 x 50 mm'),
  metricAxle(1350, 90, 62, '5 x 112', '200 x 50 mm'),
  metricAxle(1500, 90, 68, '5 x 112', '230 x 40 mm'),
  metricAxle(1800, 100, 78, '5 x 112', '250 x 40 mm'),
];
const SIDEWALL = publishedVerify('tire load tables; the sidewall governs');
const inchTire = (id, name, loadLb, pressure, diameterIn, widthIn, loadedIn, rimIn, massLb, source = SIDEWALL) => ({
  id,
  name,
  maxLoadKg: pounds(loadLb),
  pressure,
  passenger: false,
  diameterM: inches(diameterIn),
  widthM: inches(widthIn),
  loadedRadiusM: inches(loadedIn),
  rimM: inches(rimIn),
  assemblyMassKg: pounds(massLb),
  source,
});
const LOAD_TABLE = publishedSure('tire load tables (load range C to E)');
const TIRE_ROWS = [
  inchTire('480-8b', '4.80/4.00-8 B', 590, '60 psi', 16.2, 4.7, 7.7, 8, 15),
  inchTire('480-8c', '4.80/4.00-8 C', 745, '90 psi', 16.2, 4.7, 7.7, 8, 16),
  inchTire('570-8b', '5.70/5.00-8 B', 715, '60 psi', 18, 5.7, 8.4, 8, 20),
  inchTire('570-8c', '5.70/5.00-8 C', 910, '80 psi', 18, 5.7, 8.4, 8, 21),
  inchTire('480-12b', '4.80-12 B', 780, '60 psi', 20.2, 4.7, 9.6, 12, 22),
  inchTire('480-12c', '4.80-12 C', 990, '90 psi', 20.2, 4.7, 9.6, 12, 23),
  inchTire('530-12b', '5.30-12 B', 840, '55 psi', 20.8, 5.3, 9.9, 12, 24),
  inchTire('530-12c', '5.30-12 C', 1045, '80 psi', 20.8, 5.3, 9.9, 12, 25),
  inchTire('st175-13b', 'ST175/80R13 B', 1100, '35 psi', 24, 6.9, 11.4, 13, 31),
  inchTire('st175-13c', 'ST175/80R13 C', 1360, '50 psi', 24, 6.9, 11.4, 13, 33),
  inchTire('st175-13d', 'ST175/80R13 D', 1610, '65 psi', 24, 6.9, 11.4, 13, 34),
  inchTire('st185-13c', 'ST185/80R13 C', 1480, '50 psi', 24.7, 7.3, 11.6, 13, 35),
  inchTire('st185-13d', 'ST185/80R13 D', 1710, '65 psi', 24.7, 7.3, 11.6, 13, 36),
  inchTire('st205-14c', 'ST205/75R14 C', 1760, '50 psi', 26.1, 8.1, 12.3, 14, 40),
  inchTire('st205-14d', 'ST205/75R14 D', 2040, '65 psi', 26.1, 8.1, 12.3, 14, 41),
  inchTire('st215-14c', 'ST215/75R14 C', 1870, '50 psi', 26.7, 8.5, 12.6, 14, 43),
  inchTire('st215-14d', 'ST215/75R14 D', 2200, '65 psi', 26.7, 8.5, 12.6, 14, 44),
  inchTire('st205-15c', 'ST205/75R15 C', 1820, '50 psi', 27.1, 8.1, 12.7, 15, 43, LOAD_TABLE),
  inchTire('st205-15d', 'ST205/75R15 D', 2150, '65 psi', 27.1, 8.1, 12.7, 15, 44),
  inchTire('st225-15c', 'ST225/75R15 C', 2150, '50 psi', 28.3, 8.9, 13.3, 15, 48, LOAD_TABLE),
  inchTire('st225-15d', 'ST225/75R15 D', 2540, '65 psi', 28.3, 8.9, 13.3, 15, 50, LOAD_TABLE),
  inchTire('st225-15e', 'ST225/75R15 E', 2830, '80 psi', 28.3, 8.9, 13.3, 15, 52, LOAD_TABLE),
  inchTire('st235-16d', 'ST235/80R16 D', 3e3, '65 psi', 30.8, 9.3, 14.5, 16, 62, LOAD_TABLE),
  inchTire('st235-16e', 'ST235/80R16 E', 3420, '80 psi', 30.8, 9.3, 14.5, 16, 65, LOAD_TABLE),
  inchTire('st235-85-16e', 'ST235/85R16 E', 3640, '80 psi', 31.7, 9.3, 14.9, 16, 67),
  inchTire('st235-16g', 'ST235/80R16 G', 4400, '110 psi', 30.8, 9.3, 14.5, 16, 70, LOAD_TABLE),
  inchTire('lt225-16e', 'LT225/75R16 E', 2680, '80 psi', 29.3, 8.9, 13.8, 16, 56, LOAD_TABLE),
  inchTire('lt235-16e', 'LT235/85R16 E', 3042, '80 psi', 31.7, 9.3, 14.9, 16, 62, LOAD_TABLE),
  {
    id: '155-13-79n',
    name: '155/80R13 79N (passenger)',
    maxLoadKg: 437,
    pressure: 'sidewall maximum',
    passenger: true,
    diameterM: inches(22.8),
    widthM: millimetres(157),
    loadedRadiusM: inches(10.7),
    rimM: inches(13),
    assemblyMassKg: 13,
    source: publishedSure('ISO 4000 load index 79; 49 CFR 571.110 for the derating'),
  },
  {
    id: '185-14c',
    name: '185R14C 102/100',
    maxLoadKg: 850,
    pressure: '4.5 bar',
    passenger: false,
    diameterM: inches(25.5),
    widthM: millimetres(188),
    loadedRadiusM: inches(12),
    rimM: inches(14),
    assemblyMassKg: 19,
    source: SIDEWALL,
  },
  {
    id: '195-50-13c',
    name: '195/50R13C 104/101N',
    maxLoadKg: 900,
    pressure: '6.5 bar',
    passenger: false,
    diameterM: inches(20.7),
    widthM: millimetres(201),
    loadedRadiusM: inches(9.8),
    rimM: inches(13),
    assemblyMassKg: 17,
    source: SIDEWALL,
  },
  {
    id: '195-70-14',
    name: '195/70R14 96, extra load',
    maxLoadKg: 710,
    pressure: '2.9 bar',
    passenger: true,
    diameterM: inches(24.7),
    widthM: millimetres(201),
    loadedRadiusM: inches(11.7),
    rimM: inches(14),
    assemblyMassKg: 17,
    source: publishedVerify('ISO 4000 load index 96; the sidewall governs'),
  },
  {
    id: '155-70-12c',
    name: '155/70R12C 104/102N',
    maxLoadKg: 900,
    pressure: '6.25 bar',
    passenger: false,
    diameterM: inches(20.5),
    widthM: millimetres(157),
    loadedRadiusM: inches(9.8),
    rimM: inches(12),
    assemblyMassKg: 14,
    source: SIDEWALL,
  },
];
[
  .../* @__PURE__ */ new Map([
    [62, 265],
    [65, 290],
    [70, 335],
    [71, 345],
    [75, 387],
    [79, 437],
    [80, 450],
    [82, 475],
    [84, 500],
    [88, 560],
    [90, 600],
    [91, 615],
    [94, 670],
    [96, 710],
    [98, 750],
    [100, 800],
    [101, 825],
    [102, 850],
    [104, 900],
    [106, 950],
    [108, 1e3],
    [110, 1060],
    [112, 1120],
    [115, 1215],
    [118, 1320],
    [120, 1400],
    [121, 1450],
    [124, 1600],
    [125, 1650],
    [126, 1700],
  ]).keys(),
];
const SPRINGS = commonPractice('trade sizes; ratings by leaf count differ from maker to maker');
const doubleEye = (leaves, ratingLb) => ({
  id: `spring-25_25-${leaves}`,
  name: `25-1/4 in, ${leaves} leaves, ${ratingLb.toLocaleString('en-US')} lb`,
  kind: 'double-eye',
  leaves,
  eyeToEyeM: inches(25.25),
  freeArchM: inches(3.5),
  leafWidthM: inches(1.75),
  leafThicknessM: inches(0.25),
  ratingKg: pounds(ratingLb),
  source: SPRINGS,
});
doubleEye(3, 1e3),
  doubleEye(4, 1750),
  doubleEye(5, 2250),
  doubleEye(6, 3e3),
  inches(24.75),
  inches(3),
  inches(1.75),
  inches(0.25),
  pounds(750);
/** Passenger tires on a trailer carry their marked load divided by this: 49 CFR 571.110 S4.2.2.2, 571.120 S5.1.2. */
const PASSENGER_TIRE_DERATING = 1.1;
const COUPLER_CLASSES = publishedVerify('SAE J684 classes; the stamp on the coupler governs');
const inchCoupler = (ratingLb, ballIn, ballName, fits, massLb) => ({
  id: `coupler-${ratingLb}-${fits}`,
  name: `${ratingLb.toLocaleString('en-US')} lb ${fits === 'a-frame' ? '50° A-frame' : 'straight'} coupler, ${ballName} ball`,
  fits,
  kind: 'ball',
  ratedGrossKg: pounds(ratingLb),
  ballDiameterM: inches(ballIn),
  massKg: pounds(massLb),
  source: COUPLER_CLASSES,
});
const COUPLER_ROWS = [
  inchCoupler(2e3, 1.875, '1-7/8 in', 'straight', 5),
  inchCoupler(3500, 2, '2 in', 'straight', 7),
  inchCoupler(5e3, 2, '2 in', 'a-frame', 11),
  inchCoupler(7e3, 2, '2 in', 'a-frame', 13),
  inchCoupler(1e4, 2.3125, '2-5/16 in', 'a-frame', 17),
  inchCoupler(14e3, 2.3125, '2-5/16 in', 'a-frame', 20),
  {
    id: 'coupler-750kg',
    name: '750 kg ball coupling, 50 mm',
    fits: 'straight',
    kind: 'ball',
    ratedGrossKg: 750,
    ballDiameterM: 0.05,
    massKg: 2.5,
    source: publishedVerify('UN R55 plate of the coupling governs'),
  },
  {
    id: 'coupler-1500kg',
    name: '1500 kg ball coupling, 50 mm',
    fits: 'straight',
    kind: 'ball',
    ratedGrossKg: 1500,
    ballDiameterM: 0.05,
    massKg: 3.5,
    source: publishedVerify('UN R55 plate of the coupling governs'),
  },
  {
    id: 'coupler-2700kg',
    name: '2700 kg A-frame coupling, 50 mm',
    fits: 'a-frame',
    kind: 'ball',
    ratedGrossKg: 2700,
    ballDiameterM: 0.05,
    massKg: 6,
    source: publishedVerify('UN R55 plate of the coupling governs'),
  },
  {
    id: 'coupler-pintle-10000',
    name: '10,000 lb eye for a pintle, 3 in',
    fits: 'a-frame',
    kind: 'pintle',
    ratedGrossKg: pounds(1e4),
    ballDiameterM: 0,
    massKg: pounds(14),
    source: publishedVerify('SAE J847 eyes and pintles; the stamp governs'),
  },
  {
    id: 'coupler-three-axis-3500kg',
    name: '3500 kg coupling, free in three axes',
    fits: 'straight',
    kind: 'three-axis',
    ratedGrossKg: 3500,
    ballDiameterM: 0,
    massKg: 8,
    source: publishedVerify('tested to UN R55 or ADR 62; its plate governs'),
  },
];
const DECK_ROWS = [
  {
    id: 'plywood',
    name: 'Plywood',
    densityKgM3: 590,
    usualThicknessM: inches(0.75),
    source: commonPractice('3/4 in weighs 2.2 to 2.4 lb/ft²'),
  },
  {
    id: 'planks',
    name: 'Planks',
    densityKgM3: 560,
    usualThicknessM: inches(1.5),
    source: commonPractice('dry softwood 35 lb/ft³; wet treated up to half as much again'),
  },
  {
    id: 'steel-sheet',
    name: 'Steel sheet',
    densityKgM3: 7850,
    usualThicknessM: millimetres(3),
    source: publishedSure('EN 1991-1-1, AISC Manual'),
  },
  {
    id: 'aluminum-sheet',
    name: 'Aluminum sheet',
    densityKgM3: 2700,
    usualThicknessM: millimetres(3),
    source: publishedSure('Aluminum Standards and Data'),
  },
  {
    id: 'expanded-steel',
    name: 'Expanded steel',
    densityKgM3: 2750,
    usualThicknessM: millimetres(3.2),
    source: commonPractice('about 1.8 lb/ft² for 3/4 in no. 9'),
  },
];
// core/src/catalog/sectionRows.ts
/** "1-1/2" as a number. */
const fraction = (text) =>
  text.split('-').reduce((sum, part) => {
    const [over, under] = part.split('/').map(Number);
    return sum + (over ?? 0) / (under ?? 1);
  }, 0);
const slug = (text) => text.toLowerCase().replaceAll('/', '_').replaceAll(' ', '');
const spaced = (text) => text.replaceAll('x', ' x ');
/** Square-cornered or rounded rectangular tube; corner radii as multiples of the wall. */
const tube = (height, width, wall, outer, inner) => ({
  kind: 'rect-tube',
  heightM: height,
  widthM: width,
  wallM: wall,
  outerRadiusM: outer * wall,
  innerRadiusM: inner * wall,
});
/** Design walls as the AISC Manual prints them (0.93 × nominal, rounded), tables 1-11 and 1-12. */
const A500_DESIGN_WALL_IN = {
  '1/8': 0.116,
  '3/16': 0.174,
  '1/4': 0.233,
};
const AISC_HSS = publishedSure('AISC Manual 14th/15th ed., tables 1-11 and 1-12');
const HSS_UNLISTED = computedBy('common warehouse size, not sure that AISC lists it; computed as AISC does');
const hssRow = (name, source) => {
  const [height = '', width = '', wall = ''] = name.split('x');
  return {
    id: `hss-${slug(name)}`,
    designation: `HSS ${spaced(name)}`,
    family: 'steel',
    group: 'Structural tube, A500',
    usualMaterialId: 'a500b',
    source,
    shape: tube(inches(fraction(height)), inches(fraction(width)), inches(fraction(wall)), 2, 1),
    designWallM: inches(A500_DESIGN_WALL_IN[wall] ?? 0.93 * fraction(wall)),
  };
};
const HSS = [
  '2x2x1/8',
  '2x2x3/16',
  '2x2x1/4',
  '2-1/2x1-1/2x1/8',
  '2-1/2x1-1/2x3/16',
  '2-1/2x2-1/2x1/8',
  '2-1/2x2-1/2x3/16',
  '2-1/2x2-1/2x1/4',
  '3x1-1/2x1/8',
  '3x1-1/2x3/16',
  '3x2x1/8',
  '3x2x3/16',
  '3x2x1/4',
  '3x3x1/8',
  '3x3x3/16',
  '3x3x1/4',
  '4x2x1/8',
  '4x2x3/16',
  '4x2x1/4',
  '4x3x1/8',
  '4x3x3/16',
  '4x3x1/4',
  '4x4x3/16',
  '4x4x1/4',
  '5x2x3/16',
  '5x2x1/4',
  '5x3x3/16',
  '5x3x1/4',
  '6x2x3/16',
  '6x2x1/4',
  '6x3x3/16',
  '6x3x1/4',
  '6x4x1/4',
].map((name) => hssRow(name, AISC_HSS));
const HSS_SMALL = ['1-1/2x1-1/2x1/8', '1-1/2x1-1/2x3/16', '2x1x1/8', '2x1x3/16', '2x1-1/2x1/8'].map((name) =>
  hssRow(name, HSS_UNLISTED),
);
/** Tube gauge is Birmingham wire gauge, in. Sheet gauge is another table. */
const TUBE_GAUGE_IN = {
  '16ga': 0.065,
  '14ga': 0.083,
  '11ga': 0.12,
};
const GAUGE_TUBE = [
  '1x1x16ga',
  '1x1x14ga',
  '1x1x11ga',
  '1-1/2x1-1/2x16ga',
  '1-1/2x1-1/2x14ga',
  '1-1/2x1-1/2x11ga',
  '2x1x14ga',
  '2x1x11ga',
  '2x1-1/2x11ga',
  '2x2x14ga',
  '2x2x11ga',
  '3x1-1/2x11ga',
  '3x2x14ga',
  '3x2x11ga',
  '4x2x11ga',
].map((name) => {
  const [height = '', width = '', gauge = ''] = name.split('x');
  return {
    id: `tube-${slug(name)}`,
    designation: `Tube ${spaced(name).replace('ga', ' ga')}`,
    family: 'steel',
    group: 'Gauge tube, actual wall',
    usualMaterialId: 'unmarked-tube',
    source: computedBy('actual wall, outside corner 2 t; mills vary 1 to 2.5 t'),
    shape: tube(inches(fraction(height)), inches(fraction(width)), inches(TUBE_GAUGE_IN[gauge] ?? 0), 2, 1),
  };
});
const EN_RHS = [
  '30x30x3',
  '40x20x2',
  '40x40x2',
  '40x40x3',
  '40x40x4',
  '50x30x3',
  '50x50x3',
  '50x50x4',
  '60x40x3',
  '60x40x4',
  '60x60x3',
  '60x60x4',
  '60x60x5',
  '80x40x3',
  '80x40x4',
  '80x60x3',
  '80x60x4',
  '80x80x4',
  '80x80x5',
  '100x50x3',
  '100x50x4',
  '100x50x5',
  '100x60x4',
  '100x100x4',
  '120x60x4',
  '120x60x5',
  '120x80x4',
  '120x80x5',
  '140x80x5',
  '150x100x5',
].map((name) => {
  const [height = 0, width = 0, wall = 0] = name.split('x').map(Number);
  return {
    id: `rhs-${name}`,
    designation: `RHS ${spaced(name)}`,
    family: 'steel',
    group: 'Cold-formed tube, EN 10219',
    usualMaterialId: 's355',
    source: publishedSure('EN 10219-2'),
    shape: tube(millimetres(height), millimetres(width), millimetres(wall), 2, 1),
  };
});
const ALUMINUM_TUBE_IN = [
  '1x1x1/8',
  '1-1/2x1-1/2x1/8',
  '2x1x1/8',
  '2x2x1/8',
  '2x2x3/16',
  '2x2x1/4',
  '3x1-1/2x1/8',
  '3x2x1/8',
  '3x2x1/4',
  '3x3x1/8',
  '3x3x1/4',
  '4x2x1/8',
  '4x2x3/16',
  '4x2x1/4',
  '4x4x1/4',
  '5x2x3/16',
  '6x2x3/16',
  '6x2x1/4',
].map((name) => {
  const [height = '', width = '', wall = ''] = name.split('x').map((part) => part);
  return {
    id: `alu-${slug(name)}`,
    designation: `Aluminum tube ${spaced(name)}`,
    family: 'aluminum',
    group: 'Aluminum tube, inch',
    usualMaterialId: '6061-t6',
    source: computedBy('square corners'),
    shape: tube(inches(fraction(height)), inches(fraction(width)), inches(fraction(wall)), 0, 0),
  };
});
const ALUMINUM_TUBE_MM = [
  '30x30x3',
  '40x40x3',
  '40x40x4',
  '50x30x3',
  '50x50x3',
  '50x50x4',
  '60x40x3',
  '60x40x4',
  '60x60x4',
  '80x40x3',
  '80x40x4',
  '80x80x4',
  '100x50x3',
  '100x50x4',
  '100x50x5',
  '120x60x4',
  '120x60x5',
  '150x50x5',
].map((name) => {
  const [height = 0, width = 0, wall = 0] = name.split('x').map(Number);
  return {
    id: `alu-mm-${name}`,
    designation: `Aluminum tube ${spaced(name)}`,
    family: 'aluminum',
    group: 'Aluminum tube, mm',
    usualMaterialId: '6082-t6',
    source: computedBy('square corners'),
    shape: tube(millimetres(height), millimetres(width), millimetres(wall), 0, 0),
  };
});
/** name, depth, flange, web, mean flange thickness (in), how sure the row is; root radius by depth, in (from memory: least web + 0.10). */
const CHANNEL_ROWS = [
  ['C3x3.5', 3, 1.37, 0.132, 0.273, 'verify'],
  ['C3x4.1', 3, 1.41, 0.17, 0.273, 'sure'],
  ['C3x5', 3, 1.5, 0.258, 0.273, 'sure'],
  ['C3x6', 3, 1.6, 0.356, 0.273, 'sure'],
  ['C4x4.5', 4, 1.52, 0.125, 0.296, 'verify'],
  ['C4x5.4', 4, 1.58, 0.184, 0.296, 'sure'],
  ['C4x7.25', 4, 1.72, 0.321, 0.296, 'sure'],
  ['C5x6.7', 5, 1.75, 0.19, 0.32, 'sure'],
  ['C5x9', 5, 1.89, 0.325, 0.32, 'sure'],
  ['C6x8.2', 6, 1.92, 0.2, 0.343, 'sure'],
  ['C6x10.5', 6, 2.03, 0.314, 0.343, 'sure'],
];
const CHANNEL_ROOT_IN = {
  3: 0.27,
  4: 0.28,
  5: 0.29,
  6: 0.3,
};
const CHANNELS = CHANNEL_ROWS.map(([name, depth, flange, web, thickness, confidence]) => {
  const root = CHANNEL_ROOT_IN[depth] ?? 0.3;
  return {
    id: slug(name),
    designation: name,
    family: 'steel',
    group: 'Channel, American standard',
    usualMaterialId: 'a36',
    source: {
      kind: 'published',
      name: 'AISC Manual table 1-5',
      confidence,
    },
    shape: {
      kind: 'channel',
      depthM: inches(depth),
      flangeM: inches(flange),
      webM: inches(web),
      flangeThicknessM: inches(thickness),
      rootRadiusM: inches(root),
      toeRadiusM: inches(0.4 * root),
      innerSlope: 1 / 6,
    },
  };
});
const angle$2 = (vertical, horizontal, thickness, root, toe) => ({
  kind: 'angle',
  verticalLegM: vertical,
  horizontalLegM: horizontal,
  thicknessM: thickness,
  rootRadiusM: root,
  toeRadiusM: toe,
});
/** Fillets differ by mill and are not printed; root 3/16 in or the thickness, toe half the thickness, reproduce AISC areas to 1 %. */
const ANGLES = [
  '1-1/2x1-1/2x1/8',
  '1-1/2x1-1/2x3/16',
  '2x2x1/8',
  '2x2x3/16',
  '2x2x1/4',
  '2-1/2x2-1/2x3/16',
  '2-1/2x2-1/2x1/4',
  '3x2x3/16',
  '3x2x1/4',
  '3x3x3/16',
  '3x3x1/4',
  '4x3x1/4',
  '4x4x1/4',
].map((name) => {
  const [vertical = 0, horizontal = 0, thickness = 0] = name.split('x').map(fraction);
  return {
    id: `l-${slug(name)}`,
    designation: `L ${spaced(name)}`,
    family: 'steel',
    group: 'Angle, inch',
    usualMaterialId: 'a36',
    source:
      vertical < 2 || (vertical === 3 && horizontal === 2 && thickness < 0.2)
        ? publishedVerify('mill lists of bar angles')
        : publishedSure('AISC Manual table 1-7, ±1 % between editions'),
    shape: angle$2(
      inches(vertical),
      inches(horizontal),
      inches(thickness),
      inches(Math.max(thickness, 3 / 16)),
      inches(thickness / 2),
    ),
  };
});
/** leg, thickness, root radius, mm */
const ANGLES_MM = [
  [30, 3, 5],
  [40, 4, 6],
  [40, 5, 6],
  [50, 4, 7],
  [50, 5, 7],
  [60, 5, 8],
  [60, 6, 8],
  [70, 7, 9],
].map(([leg, thickness, root]) => ({
  id: `l-mm-${leg}x${leg}x${thickness}`,
  designation: `L ${leg} x ${leg} x ${thickness}`,
  family: 'steel',
  group: 'Angle, mm',
  usualMaterialId: 's235',
  source: publishedSure('EN 10056-1'),
  shape: angle$2(millimetres(leg), millimetres(leg), millimetres(thickness), millimetres(root), millimetres(root / 2)),
}));
/** Aluminum Association standard channels: depth, flange, flange thickness, web, fillet (in). */
const ALUMINUM_CHANNELS = [
  ['2x0.577', 2, 1, 0.13, 0.13, 0.1],
  ['3x1.14', 3, 1.5, 0.2, 0.13, 0.25],
  ['3x1.60', 3, 1.75, 0.26, 0.17, 0.25],
  ['4x1.74', 4, 2, 0.23, 0.15, 0.25],
  ['4x2.33', 4, 2.25, 0.29, 0.19, 0.25],
  ['5x2.21', 5, 2.25, 0.26, 0.15, 0.3],
  ['5x3.09', 5, 2.75, 0.32, 0.19, 0.3],
  ['6x2.83', 6, 2.5, 0.29, 0.17, 0.3],
].map(([name, depth, flange, thickness, web, root]) => ({
  id: `cs-${name}`,
  designation: `Aluminum channel CS ${name}`,
  family: 'aluminum',
  group: 'Aluminum channel',
  usualMaterialId: '6061-t6',
  source: publishedSure('Aluminum Design Manual part V'),
  shape: {
    kind: 'channel',
    depthM: inches(depth),
    flangeM: inches(flange),
    webM: inches(web),
    flangeThicknessM: inches(thickness),
    rootRadiusM: inches(root),
    toeRadiusM: 0,
    innerSlope: 0,
  },
}));
/** NPS, outside diameter and wall, in: ASME B36.10M. */
const PIPES = [
  ['1', 1.315, 0.133],
  ['1-1/4', 1.66, 0.14],
  ['1-1/2', 1.9, 0.145],
  ['2', 2.375, 0.154],
  ['2-1/2', 2.875, 0.203],
  ['3', 3.5, 0.216],
].map(([name, diameter, wall]) => ({
  id: `pipe-${slug(name)}`,
  designation: `Pipe ${name} schedule 40`,
  family: 'steel',
  group: 'Pipe and round tube',
  usualMaterialId: 'a53b',
  source: publishedSure('ASME B36.10M'),
  shape: {
    kind: 'round-tube',
    diameterM: inches(diameter),
    wallM: inches(wall),
  },
}));
const FLATS = ['2x1/4', '3x1/4', '3x3/8', '4x1/4', '4x3/8'].map((name) => {
  const [height = 0, width = 0] = name.split('x').map(fraction);
  return {
    id: `flat-${slug(name)}`,
    designation: `Flat ${spaced(name)}`,
    family: 'steel',
    group: 'Flat bar',
    usualMaterialId: 'a36',
    source: commonPractice('yard sizes'),
    shape: {
      kind: 'flat-bar',
      heightM: inches(height),
      widthM: inches(width),
    },
  };
});
const SECTION_ROWS = [
  ...HSS_SMALL,
  ...HSS,
  ...GAUGE_TUBE,
  ...EN_RHS,
  ...ALUMINUM_TUBE_IN,
  ...ALUMINUM_TUBE_MM,
  ...CHANNELS,
  ...ALUMINUM_CHANNELS,
  ...ANGLES,
  ...ANGLES_MM,
  ...PIPES,
  ...FLATS,
];
pounds(5200),
  inches(145),
  inches(48),
  inches(19),
  pounds(7500),
  pounds(750),
  inches(78),
  inches(9),
  inches(21),
  inches(31);
// core/src/project/tongueSchools.ts
/** Shares of the trailer's gross weight on the tongue. North America 10 to 15 %: industry practice; SAE J2807 tests at 10 %. */
const TONGUE_SCHOOLS = {
  'north-america': {
    minShare: 0.1,
    maxShare: 0.15,
    minKg: null,
    maxKg: null,
  },
  europe: {
    minShare: 0.04,
    maxShare: 0.07,
    minKg: null,
    maxKg: 100,
  },
  australia: {
    minShare: 0.08,
    maxShare: 0.15,
    minKg: null,
    maxKg: null,
  },
  'muscle-pulled': {
    minShare: 0.03,
    maxShare: 0.1,
    minKg: null,
    maxKg: 10,
  },
};
const SCHOOLS = Object.keys(TONGUE_SCHOOLS);
const sameBand = (a, b) =>
  a.minShare === b.minShare && a.maxShare === b.maxShare && a.minKg === b.minKg && a.maxKg === b.maxKg;
/**
 * Whose band the trailer's limits are: the chosen school's while they are its own, another's where they are that one's, else the user's.
 * The limits are design and undone with it, the school is a setting: they never contradict each other.
 */
const schoolOf = ({ tongueBand, settings }) => {
  const { tongueSchool } = settings;
  if (tongueSchool !== 'own' && sameBand(TONGUE_SCHOOLS[tongueSchool], tongueBand)) return tongueSchool;
  return (tongueSchool !== 'own' && SCHOOLS.find((school) => sameBand(TONGUE_SCHOOLS[school], tongueBand))) || 'own';
};
// core/src/project/newProject.ts
/** A tow vehicle of which nothing is known but the usual width. */
const UNKNOWN_VEHICLE = {
  name: '',
  massKg: null,
  hitchHeightM: null,
  tongueLimitKg: null,
  towLimitKg: null,
  studCircle: '',
  wheelbaseM: null,
  ballBehindAxleM: null,
  frontShare: 0.55,
  widthM: inches(76),
  bumperAheadOfBallM: inches(9),
  tailgateReachM: 0,
  kind: 'vehicle',
  tailgateHeightM: null,
  hitchSinksMPerKg: null,
  rearAxleLimitKg: null,
};
/** A tongue straight out of the frame, with nothing on it. */
const PLAIN_TONGUE = {
  rise: {
    kind: 'level',
    byM: 0,
  },
  cutLaterM: 0,
  topPlate: null,
  capped: false,
};
/** A single tube in one piece; pins as they are usual where it is not: two, 4 in apart, 5/8 in (common practice). */
const FIXED_JOINT = {
  kind: 'fixed',
  aheadM: inches(6),
  pins: 2,
  pinSpacingM: inches(4),
  pinDiameterM: inches(0.625),
  grade: 'grade-5',
};
/** Hardware of which nobody has read a stamp; chains laid as is usual (common practice). */
const UNREAD_HARDWARE = {
  kind: 'ball',
  receiver: {
    ratedKg: null,
    tongueKg: null,
  },
  ballMount: {
    ratedKg: null,
    tongueKg: null,
    dropM: null,
  },
  ball: {
    diameterM: null,
    shankM: null,
    holeM: null,
    ratedKg: null,
  },
  safetyChain: {
    count: 2,
    catalogId: null,
    breaksAtKg: null,
    lengthM: null,
    crossed: true,
    tabBehindBallM: inches(8),
    hookAheadOfBallM: inches(5),
    apartM: inches(8),
    heldOn: 'not-decided',
  },
  breakaway: 'not-decided',
  brakeKind: 'not-decided',
  plug: 'not-decided',
  jack: {
    ratedKg: null,
    shortM: null,
    longM: null,
  },
};
/** A row of a catalog by id; asking for one that is not there is a slip of ours. */
const row = (rows, id) => {
  const found = rows.find((candidate) => candidate.id === id);
  if (!found) throw new Error(`no catalog row ${id}`);
  return found;
};
/** Fields of the running gear that a chosen axle brings with it. */
const axleFromCatalog = (id) => {
  const axle = row(AXLE_ROWS, id);
  return {
    catalogId: id,
    name: axle.name,
    ratingKg: axle.ratingKg,
    massKg: axle.massKg,
    tubeDiameterM: axle.tubeDiameterM,
    hubFaceM: inches(74),
    studCircle: axle.studCircle,
    dropM: 0,
    homeBuilt: null,
  };
};
/** The usual spring of a 3,500 lb axle, and the usual arm of a torsion axle (common practice). */
const USUAL_SUSPENSION = {
  spring: {
    kind: 'double-eye',
    eyeToEyeM: inches(25.25),
    freeArchM: inches(3.5),
    leaves: 4,
    leafWidthM: inches(1.75),
    leafThicknessM: inches(0.25),
    rateNPerM: null,
    ratingKg: pounds(1750),
    shackleM: inches(2.25),
    slipperM: null,
    hangerM: inches(3),
    padM: inches(0.25),
    seat: 'over',
  },
  torsion: {
    armLengthM: inches(6),
    startAngleRad: toRadians(22.5, 'deg'),
    rateNPerM: null,
  },
  bumpTravelM: inches(2.5),
};
const tireFromCatalog = (id) => {
  const tire = row(TIRE_ROWS, id);
  return {
    catalogId: id,
    name: tire.name,
    maxLoadKg: tire.maxLoadKg,
    passenger: tire.passenger,
    diameterM: tire.diameterM,
    widthM: tire.widthM,
    loadedRadiusM: tire.loadedRadiusM,
    pressure: tire.pressure,
    rimM: tire.rimM,
  };
};
const couplingFromCatalog = (id) => {
  const coupler = row(COUPLER_ROWS, id);
  return {
    catalogId: id,
    name: coupler.name,
    ratedGrossKg: coupler.ratedGrossKg,
    tongueLimitKg: null,
    ballDiameterM: coupler.ballDiameterM,
    homeMade: false,
    dValueN: null,
    mount: 'welded',
    bolts: {
      count: 2,
      diameterM: inches(0.5),
      grade: 'grade-5',
    },
    massKg: coupler.massKg,
    jackMassKg: 6,
    jackBehindBallM: inches(12),
    chains: 'not-decided',
    brakes: 'not-decided',
    ...UNREAD_HARDWARE,
    kind: coupler.kind,
  };
};
/** Empty, a trailer is judged more gently: 8 to 20 % sways no load about (common practice, 8 to 15 %). */
const EMPTY_BAND = {
  minShare: 0.08,
  maxShare: 0.2,
  minKg: null,
  maxKg: null,
};
const plainCase = () => ({
  id: 'case.empty',
  name: 'Empty',
  mode: 'towed',
  countsForWindow: true,
  aboard: [],
  drawerOutM: 0,
  tongueBand: null,
});
/**
 * A new trailer that is complete and sensible at once: a 60 x 98 in bed for two sheets laid crosswise, one 3,500 lb leaf axle at
 * 60 % of the bed, an A-frame tongue to a 50° coupler, and a load to start from.
 */
const newProject = ({ id, name, units, newId }) => {
  const metric = units === 'metric';
  const size = (inch, mm) => (metric ? millimetres(mm) : inches(inch));
  const steel = metric ? 's355' : 'a500b';
  const load = {
    id: `item.${newId()}`,
    massKg: metric ? 600 : pounds(1300),
  };
  const bedLengthM = size(98, 2500);
  const plywood = row(DECK_ROWS, 'plywood');
  const design = {
    name,
    notes: '',
    job: {
      purpose: '',
      road: 'rough',
      maxWidthM: size(102, 2550),
      maxLengthM: null,
      turnRad: toRadians(70, 'deg'),
      rampRad: toRadians(8, 'deg'),
      laneM: null,
      cornerM: size(300, 7500),
    },
    towVehicle: {
      ...UNKNOWN_VEHICLE,
      name: 'Tow vehicle',
      tongueLimitKg: metric ? 150 : pounds(350),
      towLimitKg: metric ? 1500 : pounds(3500),
    },
    ratedGrossKg: metric ? 1200 : pounds(2600),
    tongueBand: TONGUE_SCHOOLS['north-america'],
    frame: {
      bed: {
        lengthM: bedLengthM,
        widthM: size(60, 1500),
        corner: 'rails-through',
      },
      groups: {
        rail: {
          sectionId: metric ? 'rhs-100x50x4' : 'hss-4x2x3_16',
          materialId: steel,
        },
        header: {
          sectionId: metric ? 'rhs-100x50x4' : 'hss-4x2x3_16',
          materialId: steel,
        },
        cross: {
          sectionId: metric ? 'rhs-50x50x3' : 'hss-2x2x1_8',
          materialId: steel,
        },
        tongue: {
          sectionId: metric ? 'rhs-100x50x4' : 'hss-4x2x3_16',
          materialId: steel,
        },
        side: {
          sectionId: metric ? 'rhs-30x30x3' : 'tube-1-1_2x1-1_2x14ga',
          materialId: metric ? 's235' : 'unmarked-tube',
        },
      },
      crossMembers: {
        kind: 'spacing',
        maxSpacingM: size(24, 600),
      },
      extras: [],
      overrides: {},
      tongue: {
        kind: 'a-frame',
        lengthM: size(48, 1250),
        includedAngleRad: toRadians(50, 'deg'),
        rearEnd: 'under',
        apexBehindBallM: size(3, 80),
        ...PLAIN_TONGUE,
      },
      tieDowns: {
        perSide: 0,
        workingLoadKg: null,
      },
      stands: [],
      deck: {
        kind: 'plywood',
        thicknessM: plywood.usualThicknessM,
        seat: 'on-top',
      },
      sides: { kind: 'none' },
    },
    runningGear: {
      layout: 'single',
      positionM: Math.round((0.6 * bedLengthM) / size(1, 10)) * size(1, 10),
      spacingM: size(33, 840),
      equaliserArms: [1, 1],
      axle: {
        ...axleFromCatalog('axle-3500'),
        hubFaceM: size(74, 1880),
      },
      suspension: {
        kind: 'leaf',
        hangerSpacingM: inches(27),
        springMassKg: pounds(34),
        armM: inches(6),
        trackM: size(74, 1880),
        mounting: 'welded',
        ...USUAL_SUSPENSION,
      },
      tire: tireFromCatalog('st205-15c'),
      wheel: {
        maxLoadKg: pounds(1820),
        assemblyMassKg: pounds(43),
        rimM: inches(15),
        offsetM: 0,
        studCircle: '5 on 4-1/2 in',
        adapterM: 0,
      },
      fender: {
        kind: 'none',
        aboveRailM: size(6, 150),
        reachM: size(10, 250),
        skirtM: size(3, 75),
      },
      reserveShare: 0.15,
      railTopHeightM: size(24.25, 615),
    },
    coupling: couplingFromCatalog('coupler-5000-a-frame'),
    strength: {
      bumpFactor: null,
      off: ['recovery'],
      recoveryPullKg: null,
      weldLegM: size(3 / 16, 5),
      gussets: {
        tongueM: null,
        cornerM: null,
      },
      deckPoint: {
        massKg: null,
        patchM: size(4, 100),
      },
      filler: '5356',
    },
    items: [
      {
        id: load.id,
        name: 'Load',
        kind: 'cargo',
        massKg: {
          value: load.massKg,
          basis: 'guessed',
          tolerance: load.massKg / 5,
        },
        emptyMassKg: 0,
        sizeM: {
          lengthM: size(72, 1800),
          widthM: size(48, 1200),
          heightM: size(24, 600),
        },
        attach: {
          on: 'deck',
          from: 'front',
          hostId: null,
          offsetM: {
            value: size(46, 1180),
            basis: 'guessed',
            tolerance: size(2, 50),
          },
          rightM: 0,
          aboveM: 0,
        },
      },
    ],
    cases: [
      {
        ...plainCase(),
        tongueBand: EMPTY_BAND,
      },
      {
        ...plainCase(),
        id: 'case.loaded',
        name: 'Loaded',
        aboard: [
          {
            itemId: load.id,
            fill: 1,
            shiftM: 0,
          },
        ],
      },
      {
        ...plainCase(),
        id: 'case.parked',
        name: 'Parked on the jack',
        mode: 'parked',
        countsForWindow: false,
        aboard: [
          {
            itemId: load.id,
            fill: 1,
            shiftM: 0,
          },
        ],
      },
    ],
    axleCaseId: 'case.loaded',
    wantedTongueShare: 0.12,
    ownRows: {
      sections: [],
      materials: [],
      axles: [],
      tires: [],
      vehicles: [],
    },
  };
  return {
    format: FILE_FORMAT,
    schemaVersion: 2,
    id,
    design,
    settings: {
      units,
      fraction: 16,
      currency: metric ? 'EUR' : 'USD',
      regions: [metric ? 'europe' : 'north-america'],
      tongueSchool: 'north-america',
    },
    record: { entries: [] },
  };
};
// core/src/project/references.ts
const takenTwice = (path, things) => {
  const seen = /* @__PURE__ */ new Set();
  return things.flatMap(({ id }, index) => {
    if (seen.has(id))
      return [
        {
          path: [...path, index, 'id'],
          code: 'taken-twice',
          id,
        },
      ];
    seen.add(id);
    return [];
  });
};
/** Whether following the items that each stands on comes back to where it started. */
const standsOnItself = (start, hosts) => {
  const seen = /* @__PURE__ */ new Set();
  for (let at = start; at !== null && at !== void 0; at = hosts.get(at)) {
    if (seen.has(at)) return at === start;
    seen.add(at);
  }
  return false;
};
/**
 * Ids of a project that dangle: loads that carry what is not there, items that stand on nothing or on themselves, ids taken twice.
 * Sections and metals are not looked at: a catalog may lack a row that another program had, and the part then says so (a finding).
 */
const referenceProblems = ({ design, record }) => {
  const { items, cases, frame, axleCaseId } = design;
  const itemIds = new Set(items.map(({ id }) => id));
  const caseIds = new Set(cases.map(({ id }) => id));
  const hosts = new Map(items.map(({ id, attach }) => [id, attach.hostId]));
  const members = frame.crossMembers.kind === 'explicit' ? frame.crossMembers.members : [];
  return [
    ...takenTwice(['design', 'items'], items),
    ...takenTwice(['design', 'cases'], cases),
    ...takenTwice(['design', 'frame', 'crossMembers', 'members'], members),
    ...takenTwice(['design', 'frame', 'extras'], frame.extras),
    ...takenTwice(['design', 'frame', 'stands'], frame.stands),
    ...Object.entries(design.ownRows).flatMap(([name, rows]) =>
      takenTwice(['design', 'ownRows', name], Array.isArray(rows) ? rows : []),
    ),
    ...takenTwice(['record', 'entries'], record.entries),
    ...items.flatMap(({ id, attach }, index) => {
      const path = ['design', 'items', index, 'attach', 'hostId'];
      if (attach.hostId === null) return [];
      if (!itemIds.has(attach.hostId))
        return [
          {
            path,
            code: 'names-nothing',
            id: attach.hostId,
          },
        ];
      return standsOnItself(id, hosts)
        ? [
            {
              path,
              code: 'stands-on-itself',
              id: attach.hostId,
            },
          ]
        : [];
    }),
    ...cases.flatMap(({ aboard }, index) =>
      aboard.flatMap(({ itemId }, place) => {
        const path = ['design', 'cases', index, 'aboard', place, 'itemId'];
        if (!itemIds.has(itemId))
          return [
            {
              path,
              code: 'names-nothing',
              id: itemId,
            },
          ];
        return aboard.findIndex((entry) => entry.itemId === itemId) < place
          ? [
              {
                path,
                code: 'taken-twice',
                id: itemId,
              },
            ]
          : [];
      }),
    ),
    ...(axleCaseId !== null && !caseIds.has(axleCaseId)
      ? [
          {
            path: ['design', 'axleCaseId'],
            code: 'names-nothing',
            id: axleCaseId,
          },
        ]
      : []),
  ];
};
// core/src/project/openProject.ts
/** Values that a project may hold in all; one of 500 items and 100 loads with all of them aboard holds about this many. */
const MOST_VALUES = 5e5;
/** Objects inside one another; a project's own go six deep. */
const DEEPEST = 40;
/** Faults that are told; a file of another kind has thousands. */
const MOST_FAULTS = 50;
const isRecord = (value) => typeof value === 'object' && value !== null && !Array.isArray(value);
const pathText = (path) =>
  path.reduce(
    (text, key) => (typeof key === 'number' ? `${text}[${key}]` : text === '' ? String(key) : `${text}.${String(key)}`),
    '',
  );
const pathOf = (inside) => {
  const path = [];
  for (let at = inside; at?.parent; at = at.parent) path.unshift(at.key);
  return pathText(path.slice(0, 8));
};
/** Looks at size, depth and names before anything else does, without recursion: what fails here is refused at once. */
const shapeProblem = (file) => {
  const waiting = [
    {
      value: file,
      key: '',
      parent: void 0,
      depth: 0,
    },
  ];
  let seen = 0;
  for (let next = waiting.pop(); next; next = waiting.pop()) {
    const { value, depth } = next;
    if (typeof value !== 'object' || value === null) continue;
    if (depth > DEEPEST)
      return {
        code: 'too-deep',
        path: pathOf(next),
      };
    const entries = Array.isArray(value) ? value.map((inner, index) => [index, inner]) : Object.entries(value);
    seen += entries.length;
    if (seen > MOST_VALUES) return { code: 'too-large' };
    for (const [key, inner] of entries) {
      const inside = {
        value: inner,
        key,
        parent: next,
        depth: depth + 1,
      };
      if (key === '__proto__')
        return {
          code: 'forbidden-name',
          path: pathOf(inside),
        };
      waiting.push(inside);
    }
  }
};
/** What a page's address can hold as it is. */
const ADDRESSABLE = /^(?!\.{1,2}$)[\w.~-]+$/;
/** A short figure that follows from the text: the same text gives the same one (FNV-1a, 32 bit). */
const figureOf = (text) => {
  let hash = 2166136261;
  for (let index = 0; index < text.length; index += 1) {
    hash ^= text.charCodeAt(index);
    hash = Math.imul(hash, 16777619);
  }
  return (hash >>> 0).toString(36);
};
/** An id that no address can hold gets a new one, always the same for the same old one. */
const withAddress = (project) =>
  ADDRESSABLE.test(project.id)
    ? project
    : {
        ...project,
        id: `trailer.${figureOf(project.id)}`,
      };
/**
 * The one way in for a project, wherever it comes from: a file, the browser's database, a link, a test. Version, migrations, schema and
 * references, in that order; all faults of schema or references come back together. Does not throw, whatever it is given.
 */
const openProject = (raw) => {
  if (!isRecord(raw) || raw['format'] !== 'kereta-project') return fail({ code: 'not-a-project' });
  const shape = shapeProblem(raw);
  if (shape) return fail(shape);
  const version = raw['schemaVersion'];
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    return fail({
      code: 'bad-version',
      found: JSON.stringify(version)?.slice(0, 40) ?? 'nothing',
    });
  if (version > 2)
    return fail({
      code: 'newer-version',
      version,
      known: 2,
    });
  const parsed = projectSchema.safeParse(migrate(raw, version));
  if (!parsed.success)
    return fail({
      code: 'invalid',
      problems: parsed.error.issues.slice(0, MOST_FAULTS).map(({ path, message }) => ({
        code: 'schema',
        path: pathText(path),
        message,
      })),
    });
  const dangling = referenceProblems(parsed.data);
  if (dangling.length > 0)
    return fail({
      code: 'invalid',
      problems: dangling.slice(0, MOST_FAULTS).map(({ path, code, id }) => ({
        code,
        path: pathText(path),
        id,
      })),
    });
  return ok(withAddress(parsed.data));
};
// core/src/materials/material.ts
/** Distance from a weld within which aluminum counts at its welded strength, m. Aluminum Design Manual: 1 in, from the weld's centre line. */
const WELD_ZONE_M = 0.025;
/** ASD safety factor on yield in bending: AISC 360-16 F1 (steel), Aluminum Design Manual 2010 and later, building-type structures. */
const YIELD_FACTOR = {
  steel: 1.67,
  aluminum: 1.65,
};
/** ADM: on rupture in bending of aluminum. */
const RUPTURE_FACTOR = 1.95;
/** AISC 360-16 G1: on shear; shear yield is 0.6 of the tensile one. */
const SHEAR_YIELD_SHARE = 0.6;
/** Allowable bending stress, Pa; `nearWeld` matters to aluminum only. The smaller of yield and, in aluminum, rupture. */
const allowableBending = (material, nearWeld) => {
  const welded = nearWeld && material.weldedYieldPa !== void 0;
  const yieldPa = welded ? (material.weldedYieldPa ?? material.yieldPa) : material.yieldPa;
  const factor = YIELD_FACTOR[material.family];
  const byYield = {
    stressPa: yieldPa / factor,
    strengthPa: yieldPa,
    factor,
    welded,
  };
  if (material.family === 'steel') return byYield;
  const ultimatePa = welded ? (material.weldedUltimatePa ?? material.ultimatePa) : material.ultimatePa;
  const byRupture = ultimatePa / RUPTURE_FACTOR;
  return byRupture < byYield.stressPa
    ? {
        stressPa: byRupture,
        strengthPa: ultimatePa,
        factor: RUPTURE_FACTOR,
        welded,
      }
    : byYield;
};
/** Allowable average shear stress, Pa. */
const allowableShear = (material, nearWeld) => {
  const bending = allowableBending(material, nearWeld);
  return {
    ...bending,
    stressPa: SHEAR_YIELD_SHARE * bending.stressPa,
    strengthPa: SHEAR_YIELD_SHARE * bending.strengthPa,
  };
};
// core/src/materials/metals.ts
const ksi$2 = (value) => toPascals(value, 'ksi');
const mpa = (value) => toPascals(value, 'MPa');
/** AISC 360-16: 29,000 ksi; EN 1993-1-1 §3.2.6: 210,000 MPa. Density AISC Manual: 490 lb/ft³, printed 7850 kg/m³. */
const STEEL = {
  family: 'steel',
  densityKgM3: 7850,
};
const AISC_STEEL = {
  ...STEEL,
  elasticPa: ksi$2(29e3),
};
const EN_STEEL = {
  ...STEEL,
  elasticPa: mpa(21e4),
};
/** Aluminum Design Manual: 10,100 ksi; density 0.098 lb/in³, printed 2.70 g/cm³. EN 1999-1-1 §3.2.5: 70,000 MPa. */
const ADM_ALUMINUM = {
  family: 'aluminum',
  densityKgM3: 2700,
  elasticPa: ksi$2(10100),
};
const EN_ALUMINUM = {
  family: 'aluminum',
  densityKgM3: 2700,
  elasticPa: mpa(7e4),
};
const ADM = publishedSure('Aluminum Design Manual 2010-2020, part I tables A.3.4-A.3.5');
const EN1999_VERIFY = publishedVerify('EN 1999-1-1 table 3.2b');
const METALS = [
  {
    id: 'a36',
    name: 'A36 (angle, channel, flat)',
    ...AISC_STEEL,
    yieldPa: ksi$2(36),
    ultimatePa: ksi$2(58),
    source: publishedSure('ASTM A36; AISC Manual table 2-4'),
  },
  {
    id: 'a500b',
    name: 'A500 grade B tube',
    ...AISC_STEEL,
    yieldPa: ksi$2(46),
    ultimatePa: ksi$2(58),
    source: publishedSure('ASTM A500; AISC Manual table 2-4'),
    note: 'Count on it only where the tube carries the stencil or comes with a certificate.',
  },
  {
    id: 'a500c',
    name: 'A500 grade C tube',
    ...AISC_STEEL,
    yieldPa: ksi$2(50),
    ultimatePa: ksi$2(62),
    source: publishedSure('ASTM A500; AISC Manual table 2-4'),
    note: 'Count on it only where the tube carries the stencil or comes with a certificate.',
  },
  {
    id: 'unmarked-tube',
    name: 'Tube without stencil or certificate',
    ...AISC_STEEL,
    yieldPa: ksi$2(30),
    ultimatePa: ksi$2(45),
    source: commonPractice('no certificate, no credit: 30 ksi'),
    note: 'Counted at 30 ksi (205 MPa) because nothing says what it is.',
  },
  {
    id: 'a513-1020',
    name: 'A513 type 1, 1020 tube',
    ...AISC_STEEL,
    yieldPa: ksi$2(38),
    ultimatePa: ksi$2(52),
    source: publishedVerify('ASTM A513, typical properties of 1020 as welded'),
  },
  {
    id: 'a513-dom',
    name: 'A513 type 5 DOM 1020',
    ...AISC_STEEL,
    yieldPa: ksi$2(60),
    ultimatePa: ksi$2(70),
    source: publishedVerify('ASTM A513, DOM 1020'),
  },
  {
    id: 'a53b',
    name: 'A53 grade B pipe',
    ...AISC_STEEL,
    yieldPa: ksi$2(35),
    ultimatePa: ksi$2(60),
    source: publishedSure('ASTM A53'),
  },
  {
    id: 'a572-50',
    name: 'A572 grade 50',
    ...AISC_STEEL,
    yieldPa: ksi$2(50),
    ultimatePa: ksi$2(65),
    source: publishedSure('ASTM A572'),
  },
  {
    id: 's235',
    name: 'S235',
    ...EN_STEEL,
    yieldPa: mpa(235),
    ultimatePa: mpa(360),
    source: publishedSure('EN 10219-1, EN 10025-2, up to 16 mm'),
  },
  {
    id: 's275',
    name: 'S275',
    ...EN_STEEL,
    yieldPa: mpa(275),
    ultimatePa: mpa(410),
    source: publishedSure('EN 10219-1, EN 10025-2, up to 16 mm'),
  },
  {
    id: 's355',
    name: 'S355',
    ...EN_STEEL,
    yieldPa: mpa(355),
    ultimatePa: mpa(470),
    source: publishedSure('EN 10219-1, EN 10025-2, up to 16 mm'),
  },
  {
    id: 'c350',
    name: 'C350L0',
    ...EN_STEEL,
    elasticPa: mpa(2e5),
    yieldPa: mpa(350),
    ultimatePa: mpa(430),
    source: publishedSure('AS/NZS 1163'),
  },
  {
    id: '6061-t6',
    name: '6061-T6',
    ...ADM_ALUMINUM,
    yieldPa: ksi$2(35),
    ultimatePa: ksi$2(38),
    weldedYieldPa: ksi$2(15),
    weldedUltimatePa: ksi$2(24),
    source: ADM,
    note: 'Welded value for 5183, 5356 or 5556 wire, or walls to 3/8 in with 4043.',
  },
  {
    id: '6063-t5',
    name: '6063-T5',
    ...ADM_ALUMINUM,
    yieldPa: ksi$2(16),
    ultimatePa: ksi$2(22),
    weldedYieldPa: ksi$2(8),
    weldedUltimatePa: ksi$2(17),
    source: ADM,
  },
  {
    id: '6063-t6',
    name: '6063-T6',
    ...ADM_ALUMINUM,
    yieldPa: ksi$2(25),
    ultimatePa: ksi$2(30),
    weldedYieldPa: ksi$2(8),
    weldedUltimatePa: ksi$2(17),
    source: ADM,
  },
  {
    id: '6082-t6',
    name: 'EN AW-6082-T6, walls to 5 mm',
    ...EN_ALUMINUM,
    yieldPa: mpa(250),
    ultimatePa: mpa(290),
    weldedYieldPa: mpa(125),
    weldedUltimatePa: mpa(185),
    source: publishedSure('EN 1999-1-1 table 3.2b'),
  },
  {
    id: '6005a-t6',
    name: 'EN AW-6005A-T6 hollow, walls to 5 mm',
    ...EN_ALUMINUM,
    yieldPa: mpa(215),
    ultimatePa: mpa(255),
    weldedYieldPa: mpa(115),
    weldedUltimatePa: mpa(165),
    source: EN1999_VERIFY,
  },
  {
    id: '6060-t66',
    name: 'EN AW-6060-T66, walls to 3 mm',
    ...EN_ALUMINUM,
    yieldPa: mpa(160),
    ultimatePa: mpa(215),
    weldedYieldPa: mpa(65),
    weldedUltimatePa: mpa(110),
    source: EN1999_VERIFY,
  },
];
// core/src/project/parts.ts
const sectionsById = new Map(SECTION_ROWS.map((row) => [row.id, row]));
const materialsById = new Map(METALS.map((row) => [row.id, row]));
/** A section by id; the project's own rows come before the catalog's. */
const findSection = (design, id) => design.ownRows.sections.find((row) => row.id === id) ?? sectionsById.get(id);
const findMaterial = (design, id) => design.ownRows.materials.find((row) => row.id === id) ?? materialsById.get(id);
/** What was changed of this member alone; its id may have come with a file and be any word. */
const overrideOf = ({ frame }, memberId) =>
  Object.hasOwn(frame.overrides, memberId) ? frame.overrides[memberId] : void 0;
/** Two bars side by side where one would be. */
const isDoubled = (design, memberId) => overrideOf(design, memberId)?.doubled === true;
/** Bar of a member: its group's, with its own section or material where it was changed alone. */
const barOf = (design, group, memberId) => {
  const override = overrideOf(design, memberId);
  const own = design.frame.groups[group];
  return {
    sectionId: override?.sectionId ?? own.sectionId,
    materialId: override?.materialId ?? own.materialId,
  };
};
// core/src/project/record.ts
/** The entries that count: those that no later entry sets right. */
const standingEntries = (record) => {
  const corrected = new Set(record.entries.flatMap(({ corrects }) => (corrects === void 0 ? [] : [corrects])));
  return record.entries.filter(({ id }) => !corrected.has(id));
};
/** The price entry of a metal that counts: the last one that nothing sets right. */
const priceEntryOf = (record, family) =>
  standingEntries(record)
    .filter((entry) => entry.kind === 'price')
    .findLast((entry) => entry.family === family);
/** What a kilogram of bars costs by the last price seen, in the project's currency; null where none was. */
const pricesPerKg = (record) => ({
  steel: priceEntryOf(record, 'steel')?.perKg ?? null,
  aluminum: priceEntryOf(record, 'aluminum')?.perKg ?? null,
});
// core/src/project/trailer.ts
const kept$1 = /* @__PURE__ */ new WeakMap();
/** The last trailer of a design: a record that grows without a new price gives the very same one. */
const keptOfDesign = /* @__PURE__ */ new WeakMap();
const samePrices = (a, b) => a.steel === b.steel && a.aluminum === b.aluminum;
/** The trailer as designed. One value for one project: what is worked out of it can be kept by identity. */
const trailerOf = (project) => {
  const known = kept$1.get(project);
  if (known) return known;
  const prices = pricesPerKg(project.record);
  const before = keptOfDesign.get(project.design);
  const trailer =
    before && before.id === project.id && before.settings === project.settings && samePrices(before.pricesPerKg, prices)
      ? before
      : {
          ...project.design,
          id: project.id,
          settings: project.settings,
          pricesPerKg: prices,
        };
  kept$1.set(project, trailer);
  keptOfDesign.set(project.design, trailer);
  return trailer;
};
/** The design of a trailer: what is not design falls away, so that a whole trailer may be handed back where a design is wanted. */
const designOf = (trailer) => {
  const { id: _id, settings: _settings, pricesPerKg: _prices, ...design } = trailer;
  return design;
};
const withDesign = (project, design) => ({
  ...project,
  design: designOf(design),
});
/** A trailer as a project of its own, with nothing recorded yet. */
const asProject = (trailer) => ({
  format: FILE_FORMAT,
  schemaVersion: 2,
  id: trailer.id,
  design: designOf(trailer),
  settings: trailer.settings,
  record: { entries: [] },
});
// core/src/demos/items.ts
/** Guessed things are guessed to a fifth, listed ones to a twentieth. */
const TOLERANCE = {
  guessed: 0.2,
  listed: 0.05,
  weighed: 0.01,
};
const demoItem = (demo) => {
  const basis = demo.basis ?? 'guessed';
  const [lengthM, widthM, heightM] = demo.sizeM;
  return {
    id: `item.${demo.id}`,
    name: demo.name,
    kind: demo.kind ?? 'cargo',
    massKg: {
      value: demo.massKg,
      basis,
      tolerance: demo.massKg * TOLERANCE[basis],
    },
    emptyMassKg: demo.emptyMassKg ?? 0,
    sizeM: {
      lengthM,
      widthM,
      heightM,
    },
    attach: {
      on: demo.on ?? 'deck',
      from: demo.from ?? 'front',
      hostId: null,
      offsetM: {
        value: demo.offsetM,
        basis,
        tolerance: 0.03,
      },
      rightM: demo.rightM ?? 0,
      aboveM: demo.aboveM ?? 0,
    },
  };
};
const demoCase = (id, name, aboard, { mode = 'towed', shares } = {}) => ({
  id: `case.${id}`,
  name,
  mode,
  countsForWindow: mode === 'towed',
  aboard: aboard.map((entry) => {
    const [itemId, { fill = 1, shiftM = 0 }] = typeof entry === 'string' ? [entry, {}] : entry;
    return {
      itemId: `item.${itemId}`,
      fill,
      shiftM,
    };
  }),
  drawerOutM: 0,
  tongueBand: shares
    ? {
        minShare: shares[0],
        maxShare: shares[1],
        minKg: null,
        maxKg: null,
      }
    : null,
});
// core/src/demos/apiaryFlatbed.ts
const started$2 = newProject({
  id: 'demo.apiary-flatbed',
  name: 'Apiary flatbed',
  units: 'imperial',
  newId: () => 'unused',
});
const base$2 = started$2.design;
/** A beekeeper's single-axle flatbed for hives and honey. Its honest problem: cross-members too light under full hives. All data made up. */
const apiaryFlatbed = withDesign(started$2, {
  ...base$2,
  notes: 'Carries hives to the orchards in spring and honey home in late summer. Invented for this demo.',
  job: {
    ...base$2.job,
    purpose: 'Hives to the orchards, honey home',
    road: 'rough',
    maxWidthM: inches(96),
    maxLengthM: inches(216),
  },
  towVehicle: {
    ...UNKNOWN_VEHICLE,
    name: 'Farm pickup',
    massKg: pounds(4800),
    hitchHeightM: inches(19),
    tongueLimitKg: pounds(500),
    towLimitKg: pounds(5e3),
    studCircle: '5 on 4-1/2 in',
    wheelbaseM: inches(127),
    ballBehindAxleM: inches(52),
    frontShare: 0.57,
    widthM: inches(76),
    bumperAheadOfBallM: inches(9),
    tailgateReachM: inches(21),
  },
  ratedGrossKg: pounds(2900),
  frame: {
    ...base$2.frame,
    bed: {
      lengthM: inches(120),
      widthM: inches(64),
      corner: 'rails-through',
    },
    groups: {
      rail: {
        sectionId: 'hss-4x2x3_16',
        materialId: 'a500b',
      },
      header: {
        sectionId: 'hss-4x2x3_16',
        materialId: 'a500b',
      },
      cross: {
        sectionId: 'hss-2x1-1_2x1_8',
        materialId: 'a500b',
      },
      tongue: {
        sectionId: 'hss-4x2x3_16',
        materialId: 'a500b',
      },
      side: {
        sectionId: 'tube-1-1_2x1-1_2x14ga',
        materialId: 'unmarked-tube',
      },
    },
    crossMembers: {
      kind: 'explicit',
      members: [22, 44, 72, 96].map((xIn, i) => ({
        id: `cross.${i + 1}`,
        xM: inches(xIn),
      })),
    },
    overrides: { 'cross.3': { sectionId: 'hss-2x1x1_8' } },
    tongue: {
      ...base$2.frame.tongue,
      kind: 'a-frame',
      lengthM: inches(50),
      includedAngleRad: (50 * Math.PI) / 180,
      rearEnd: 'under',
      apexBehindBallM: inches(3),
    },
    deck: {
      ...base$2.frame.deck,
      thicknessM: inches(7 / 8),
    },
    sides: { kind: 'none' },
  },
  strength: {
    ...base$2.strength,
    weldLegM: inches(1 / 4),
  },
  runningGear: {
    ...base$2.runningGear,
    positionM: inches(69),
    axle: {
      ...axleFromCatalog('axle-3500'),
      hubFaceM: inches(79),
    },
    suspension: {
      kind: 'leaf',
      hangerSpacingM: inches(27),
      springMassKg: pounds(34),
      armM: inches(6),
      trackM: inches(79),
      mounting: 'welded',
      ...USUAL_SUSPENSION,
    },
    tire: tireFromCatalog('st205-15c'),
    wheel: {
      ...base$2.runningGear.wheel,
      maxLoadKg: pounds(1870),
      assemblyMassKg: pounds(43),
    },
    railTopHeightM: inches(23.625),
  },
  coupling: {
    ...couplingFromCatalog('coupler-5000-a-frame'),
    tongueLimitKg: null,
    chains: 'fitted',
    brakes: 'fitted',
    receiver: {
      ratedKg: pounds(5e3),
      tongueKg: pounds(500),
    },
    ballMount: {
      ratedKg: pounds(5e3),
      tongueKg: pounds(500),
      dropM: inches(2),
    },
    ball: {
      diameterM: inches(2),
      shankM: inches(1),
      holeM: inches(1.0625),
      ratedKg: pounds(6e3),
    },
    safetyChain: {
      ...base$2.coupling.safetyChain,
      catalogId: 'chain-g30-1_4',
      breaksAtKg: pounds(5200),
      lengthM: inches(22),
      heldOn: 'own-tabs',
    },
    breakaway: 'fitted',
    brakeKind: 'electric',
    plug: '7-way',
    jack: {
      ratedKg: pounds(2e3),
      shortM: inches(10),
      longM: inches(25),
    },
  },
  items: [
    demoItem({
      id: 'spare',
      name: 'Spare wheel',
      kind: 'fixed',
      massKg: pounds(43),
      basis: 'listed',
      sizeM: [inches(8), inches(27), inches(27)],
      on: 'tongue',
      offsetM: inches(-29),
    }),
    demoItem({
      id: 'box',
      name: 'Smoker box',
      kind: 'fixed',
      massKg: pounds(45),
      sizeM: [inches(18), inches(30), inches(14)],
      on: 'tongue',
      from: 'front',
      offsetM: inches(-14),
    }),
    demoItem({
      id: 'front-hives',
      name: 'Front hives',
      massKg: pounds(640),
      sizeM: [inches(40), inches(48), inches(34)],
      offsetM: inches(26),
    }),
    demoItem({
      id: 'middle-hives',
      name: 'Middle hives',
      massKg: pounds(700),
      sizeM: [inches(36), inches(48), inches(34)],
      offsetM: inches(66),
    }),
    demoItem({
      id: 'rear-hives',
      name: 'Rear hives',
      massKg: pounds(480),
      sizeM: [inches(30), inches(48), inches(34)],
      offsetM: inches(101),
    }),
    demoItem({
      id: 'honey',
      name: 'Honey drums',
      massKg: pounds(1150),
      basis: 'weighed',
      sizeM: [inches(72), inches(48), inches(36)],
      offsetM: inches(58),
    }),
    demoItem({
      id: 'empties',
      name: 'Empty hives',
      massKg: pounds(500),
      sizeM: [inches(96), inches(48), inches(34)],
      offsetM: inches(66),
    }),
  ],
  cases: [
    demoCase('empty', 'Empty', [], { shares: [0.08, 0.25] }),
    demoCase('out', 'Empty hives out', ['empties']),
    demoCase('full-hives', 'Full hives', ['front-hives', 'middle-hives', 'rear-hives']),
    demoCase('honey', 'Honey home', ['honey']),
    demoCase('parked', 'Parked, full hives', ['front-hives', 'middle-hives', 'rear-hives'], { mode: 'parked' }),
  ],
  axleCaseId: 'case.full-hives',
});
// core/src/demos/ovenTrailer.ts
const started$1 = newProject({
  id: 'demo.oven-trailer',
  name: 'Oven trailer',
  units: 'imperial',
  newId: () => 'unused',
});
/**
 * A wood-fired oven on a tandem: heavy and off-centre. Its honest problems: axles one size small, and two loads that agree on no
 * axle place. All data made up.
 */ const base$1 = started$1.design;
const ovenTrailer = withDesign(started$1, {
  ...base$1,
  notes: 'The oven stands left of the middle so that the baker has room on the right. Invented for this demo.',
  job: {
    ...base$1.job,
    purpose: 'Bread and flatbread at markets',
    road: 'road',
    maxWidthM: inches(102),
    maxLengthM: inches(240),
  },
  towVehicle: {
    ...UNKNOWN_VEHICLE,
    name: 'Delivery van',
    massKg: pounds(6200),
    hitchHeightM: inches(20),
    tongueLimitKg: pounds(900),
    towLimitKg: pounds(7500),
    studCircle: '6 on 5-1/2 in',
    wheelbaseM: inches(133),
    ballBehindAxleM: inches(54),
    frontShare: 0.57,
    widthM: inches(79),
    bumperAheadOfBallM: inches(9),
    tailgateReachM: inches(22),
  },
  ratedGrossKg: pounds(6e3),
  frame: {
    ...base$1.frame,
    bed: {
      lengthM: inches(144),
      widthM: inches(72),
      corner: 'rails-through',
    },
    groups: {
      rail: {
        sectionId: 'hss-6x3x3_16',
        materialId: 'a500b',
      },
      header: {
        sectionId: 'hss-6x3x3_16',
        materialId: 'a500b',
      },
      cross: {
        sectionId: 'hss-4x2x3_16',
        materialId: 'a500b',
      },
      tongue: {
        sectionId: 'hss-5x2x1_4',
        materialId: 'a500b',
      },
      side: {
        sectionId: 'tube-1-1_2x1-1_2x14ga',
        materialId: 'unmarked-tube',
      },
    },
    crossMembers: {
      kind: 'spacing',
      maxSpacingM: inches(24),
    },
    tongue: {
      ...base$1.frame.tongue,
      kind: 'a-frame',
      lengthM: inches(54),
      includedAngleRad: (50 * Math.PI) / 180,
      rearEnd: 'under',
      apexBehindBallM: inches(3),
    },
    deck: {
      kind: 'steel-sheet',
      thicknessM: inches(0.125),
      seat: 'on-top',
    },
    sides: { kind: 'none' },
  },
  strength: {
    ...base$1.strength,
    weldLegM: inches(1 / 4),
  },
  runningGear: {
    ...base$1.runningGear,
    layout: 'tandem-equaliser',
    positionM: inches(90),
    spacingM: inches(33),
    axle: {
      ...axleFromCatalog('axle-2200'),
      hubFaceM: inches(86),
    },
    suspension: {
      kind: 'leaf',
      hangerSpacingM: inches(26),
      springMassKg: pounds(34),
      armM: inches(6),
      trackM: inches(86),
      mounting: 'welded',
      ...USUAL_SUSPENSION,
    },
    tire: tireFromCatalog('st205-15c'),
    wheel: {
      ...base$1.runningGear.wheel,
      maxLoadKg: pounds(1870),
      assemblyMassKg: pounds(43),
    },
    railTopHeightM: inches(25.25),
  },
  coupling: {
    ...couplingFromCatalog('coupler-7000-a-frame'),
    chains: 'fitted',
    brakes: 'fitted',
    receiver: {
      ratedKg: pounds(1e4),
      tongueKg: pounds(1e3),
    },
    ballMount: {
      ratedKg: pounds(7500),
      tongueKg: pounds(750),
      dropM: 0,
    },
    ball: {
      diameterM: inches(2),
      shankM: inches(1.25),
      holeM: inches(1.3125),
      ratedKg: pounds(12e3),
    },
    safetyChain: {
      ...base$1.coupling.safetyChain,
      catalogId: 'chain-g43-1_4',
      breaksAtKg: pounds(7800),
      lengthM: inches(22),
      heldOn: 'own-tabs',
    },
    breakaway: 'fitted',
    brakeKind: 'electric',
    plug: '7-way',
    jack: {
      ratedKg: pounds(5e3),
      shortM: inches(9),
      longM: inches(32),
    },
  },
  items: [
    demoItem({
      id: 'oven',
      name: 'Brick oven',
      kind: 'fixed',
      massKg: pounds(2600),
      basis: 'listed',
      sizeM: [inches(62), inches(56), inches(64)],
      offsetM: inches(78),
      rightM: inches(-6),
    }),
    demoItem({
      id: 'chimney',
      name: 'Chimney',
      kind: 'fixed',
      massKg: pounds(60),
      sizeM: [inches(10), inches(10), inches(36)],
      offsetM: inches(52),
      rightM: inches(-6),
      aboveM: inches(64),
    }),
    demoItem({
      id: 'counter',
      name: 'Counter',
      kind: 'fixed',
      massKg: pounds(180),
      sizeM: [inches(60), inches(14), inches(36)],
      offsetM: inches(80),
      rightM: inches(27),
    }),
    demoItem({
      id: 'water',
      name: 'Water tank',
      kind: 'tank',
      massKg: pounds(330),
      emptyMassKg: pounds(25),
      basis: 'listed',
      sizeM: [inches(20), inches(40), inches(14)],
      offsetM: inches(16),
    }),
    demoItem({
      id: 'wood',
      name: 'Firewood',
      massKg: pounds(600),
      sizeM: [inches(24), inches(60), inches(30)],
      offsetM: inches(130),
    }),
    demoItem({
      id: 'flour',
      name: 'Flour and dough',
      massKg: pounds(420),
      sizeM: [inches(24), inches(48), inches(24)],
      offsetM: inches(26),
      aboveM: inches(14),
    }),
  ],
  cases: [
    demoCase('empty', 'Oven only', []),
    demoCase('to-market', 'To market', ['flour', 'wood', 'water']),
    demoCase('wood-run', 'Wood run', ['wood']),
    demoCase('home', 'Home, flour left', ['flour', 'water']),
    demoCase('baking', 'Parked, baking', ['flour', 'wood', 'water'], { mode: 'parked' }),
  ],
  axleCaseId: 'case.to-market',
});
// core/src/demos/telescopeTrailer.ts
const started = newProject({
  id: 'demo.telescope-trailer',
  name: 'Telescope trailer',
  units: 'metric',
  newId: () => 'unused',
});
const base = started.design;
// core/src/demos/index.ts
/** What a first visit finds in the shed; invented, each with an honest problem to find. */
const DEMO_PROJECTS = [
  apiaryFlatbed,
  ovenTrailer,
  withDesign(
    {
      ...started,
      settings: {
        ...started.settings,
        regions: ['europe'],
        tongueSchool: 'own',
      },
    },
    {
      ...base,
      notes: 'Light enough for a small car; the club rolls it onto the hill by hand. Invented for this demo.',
      job: {
        ...base.job,
        purpose: 'The club’s telescope to dark places',
        road: 'rough',
        maxWidthM: millimetres(2100),
        maxLengthM: millimetres(5e3),
      },
      towVehicle: {
        ...UNKNOWN_VEHICLE,
        name: 'Club estate car',
        massKg: 1450,
        hitchHeightM: millimetres(400),
        tongueLimitKg: 75,
        towLimitKg: 750,
        studCircle: '5 x 112',
        wheelbaseM: millimetres(2690),
        ballBehindAxleM: millimetres(1050),
        frontShare: 0.58,
        widthM: millimetres(1800),
        bumperAheadOfBallM: millimetres(150),
        tailgateReachM: 0,
      },
      ratedGrossKg: 600,
      tongueBand: {
        minShare: 0.06,
        maxShare: 0.12,
        minKg: null,
        maxKg: 75,
      },
      wantedTongueShare: 0.09,
      frame: {
        ...base.frame,
        bed: {
          lengthM: millimetres(2500),
          widthM: millimetres(1300),
          corner: 'rails-through',
        },
        groups: {
          rail: {
            sectionId: 'alu-mm-120x60x4',
            materialId: '6082-t6',
          },
          header: {
            sectionId: 'alu-mm-120x60x5',
            materialId: '6082-t6',
          },
          cross: {
            sectionId: 'alu-mm-60x60x4',
            materialId: '6082-t6',
          },
          tongue: {
            sectionId: 'alu-mm-100x50x5',
            materialId: '6082-t6',
          },
          side: {
            sectionId: 'alu-mm-30x30x3',
            materialId: '6082-t6',
          },
        },
        crossMembers: {
          kind: 'explicit',
          members: [440, 850, 1260, 1670, 2080].map((xMm, i) => ({
            id: `cross.${i + 1}`,
            xM: millimetres(xMm),
          })),
        },
        tongue: {
          ...PLAIN_TONGUE,
          kind: 'straight',
          joint: FIXED_JOINT,
          lengthM: millimetres(1300),
          underM: millimetres(1250),
          tipBehindBallM: millimetres(100),
        },
        stands: [
          {
            id: 'stand.rear',
            xM: millimetres(2250),
          },
        ],
        deck: {
          kind: 'plywood',
          thicknessM: millimetres(15),
          seat: 'recessed',
        },
        sides: { kind: 'none' },
      },
      strength: {
        ...base.strength,
        weldLegM: millimetres(5),
      },
      runningGear: {
        ...base.runningGear,
        positionM: millimetres(1420),
        axle: {
          ...axleFromCatalog('axle-750kg'),
          hubFaceM: millimetres(1650),
        },
        suspension: {
          kind: 'torsion',
          hangerSpacingM: millimetres(600),
          springMassKg: 0,
          armM: millimetres(145),
          trackM: millimetres(1650),
          mounting: 'bolted',
          ...USUAL_SUSPENSION,
          torsion: {
            ...USUAL_SUSPENSION.torsion,
            armLengthM: millimetres(150),
            startAngleRad: toRadians(45, 'deg'),
          },
        },
        tire: tireFromCatalog('155-13-79n'),
        wheel: {
          ...base.runningGear.wheel,
          maxLoadKg: 437,
          assemblyMassKg: 13,
          rimM: inches(13),
          studCircle: '4 x 100',
        },
        railTopHeightM: millimetres(500),
      },
      coupling: {
        ...couplingFromCatalog('coupler-750kg'),
        dValueN: 7e3,
        tongueLimitKg: 75,
        jackMassKg: 4,
        jackBehindBallM: millimetres(350),
        chains: 'fitted',
        brakes: 'none',
        receiver: {
          ratedKg: 1400,
          tongueKg: 75,
        },
        ball: {
          diameterM: millimetres(50),
          shankM: null,
          holeM: null,
          ratedKg: null,
        },
        safetyChain: {
          ...base.coupling.safetyChain,
          count: 1,
          breaksAtKg: 1500,
          lengthM: millimetres(400),
          apartM: 0,
          heldOn: 'own-tabs',
        },
        plug: '13-way',
        jack: {
          ratedKg: 150,
          shortM: millimetres(300),
          longM: millimetres(700),
        },
      },
      items: [
        demoItem({
          id: 'base',
          name: 'Mount and base',
          massKg: 150,
          basis: 'weighed',
          sizeM: [0.9, 0.9, 0.5],
          offsetM: 1.25,
        }),
        demoItem({
          id: 'tube',
          name: 'Telescope tube',
          massKg: 95,
          basis: 'weighed',
          sizeM: [2, 0.6, 0.6],
          offsetM: 1.15,
          aboveM: 0.5,
        }),
        demoItem({
          id: 'battery',
          name: 'Battery box',
          kind: 'fixed',
          massKg: 38,
          basis: 'listed',
          sizeM: [0.4, 0.3, 0.3],
          offsetM: 0.35,
          rightM: 0.3,
        }),
        demoItem({
          id: 'ramp',
          name: 'Folding ramp',
          massKg: 45,
          sizeM: [0.3, 1.1, 0.8],
          offsetM: 2.3,
        }),
        demoItem({
          id: 'tents',
          name: 'Awnings and chairs',
          massKg: 80,
          sizeM: [0.7, 1.1, 0.5],
          offsetM: 0.55,
        }),
      ],
      cases: [
        demoCase('empty', 'Empty', [], { shares: [0.05, 0.2] }),
        demoCase('club-night', 'Club night', ['base', 'tube', 'ramp', 'tents']),
        demoCase('telescope-only', 'Telescope only', ['base', 'tube']),
        demoCase('service', 'Base to the workshop', ['base', 'ramp']),
        demoCase('hill', 'Parked on the hill', ['base', 'tube'], { mode: 'parked' }),
      ],
      axleCaseId: 'case.club-night',
    },
  ),
];
DEMO_PROJECTS.map(trailerOf);
// node_modules/fast-check/lib/fast-check.js
var Nil = class {
  [Symbol.iterator]() {
    return this;
  }
  next(value) {
    return {
      value,
      done: true,
    };
  }
};
/** @internal */
const nil = new Nil();
/** @internal */
function nilHelper() {
  return nil;
}
/** @internal */
function* mapHelper(g, f) {
  for (const v of g) yield f(v);
}
/** @internal */
function* flatMapHelper(g, f) {
  for (const v of g) yield* f(v);
}
/** @internal */
function* filterHelper(g, f) {
  for (const v of g) if (f(v)) yield v;
}
/** @internal */
function* takeNHelper(g, n) {
  for (let i = 0; i < n; ++i) {
    const cur = g.next();
    if (cur.done) break;
    yield cur.value;
  }
}
/** @internal */
function* takeWhileHelper(g, f) {
  let cur = g.next();
  while (!cur.done && f(cur.value)) {
    yield cur.value;
    cur = g.next();
  }
}
/** @internal */
function* joinHelper(g, others) {
  for (let cur = g.next(); !cur.done; cur = g.next()) yield cur.value;
  for (const s of others) for (let cur = s.next(); !cur.done; cur = s.next()) yield cur.value;
}
const safeSymbolIterator$1 = Symbol.iterator;
/**
 * Wrapper around `IterableIterator` interface
 * offering a set of helpers to deal with iterations in a simple way
 *
 * @remarks Since 0.0.7
 * @public
 */
var Stream = class Stream {
  /**
   * Create an empty stream of T
   * @remarks Since 0.0.1
   */
  static nil() {
    return new Stream(nilHelper());
  }
  /**
   * Create a stream of T from a variable number of elements
   *
   * @param elements - Elements used to create the Stream
   * @remarks Since 2.12.0
   */
  static of(...elements) {
    return new Stream(elements[safeSymbolIterator$1]());
  }
  /**
   * Create a Stream based on `g`
   * @param g - Underlying data of the Stream
   */
  constructor(g) {
    this.g = g;
  }
  next() {
    return this.g.next();
  }
  [Symbol.iterator]() {
    return this.g;
  }
  /**
   * Map all elements of the Stream using `f`
   *
   * WARNING: It closes the current stream
   *
   * @param f - Mapper function
   * @remarks Since 0.0.1
   */
  map(f) {
    return new Stream(mapHelper(this.g, f));
  }
  /**
   * Flat map all elements of the Stream using `f`
   *
   * WARNING: It closes the current stream
   *
   * @param f - Mapper function
   * @remarks Since 0.0.1
   */
  flatMap(f) {
    return new Stream(flatMapHelper(this.g, f));
  }
  /**
   * Drop elements from the Stream while `f(element) === true`
   *
   * WARNING: It closes the current stream
   *
   * @param f - Drop condition
   * @remarks Since 0.0.1
   */
  dropWhile(f) {
    let foundEligible = false;
    function* helper(v) {
      if (foundEligible || !f(v)) {
        foundEligible = true;
        yield v;
      }
    }
    return this.flatMap(helper);
  }
  /**
   * Drop `n` first elements of the Stream
   *
   * WARNING: It closes the current stream
   *
   * @param n - Number of elements to drop
   * @remarks Since 0.0.1
   */
  drop(n) {
    if (n <= 0) return this;
    let idx = 0;
    function helper() {
      return idx++ < n;
    }
    return this.dropWhile(helper);
  }
  /**
   * Take elements from the Stream while `f(element) === true`
   *
   * WARNING: It closes the current stream
   *
   * @param f - Take condition
   * @remarks Since 0.0.1
   */
  takeWhile(f) {
    return new Stream(takeWhileHelper(this.g, f));
  }
  /**
   * Take `n` first elements of the Stream
   *
   * WARNING: It closes the current stream
   *
   * @param n - Number of elements to take
   * @remarks Since 0.0.1
   */
  take(n) {
    return new Stream(takeNHelper(this.g, n));
  }
  filter(f) {
    return new Stream(filterHelper(this.g, f));
  }
  /**
   * Check whether all elements of the Stream are successful for `f`
   *
   * WARNING: It closes the current stream
   *
   * @param f - Condition to check
   * @remarks Since 0.0.1
   */
  every(f) {
    for (const v of this.g) if (!f(v)) return false;
    return true;
  }
  /**
   * Check whether one of the elements of the Stream is successful for `f`
   *
   * WARNING: It closes the current stream
   *
   * @param f - Condition to check
   * @remarks Since 0.0.1
   */
  has(f) {
    for (const v of this.g) if (f(v)) return [true, v];
    return [false, null];
  }
  /**
   * Join `others` Stream to the current Stream
   *
   * WARNING: It closes the current stream and the other ones (as soon as it iterates over them)
   *
   * @param others - Streams to join to the current Stream
   * @remarks Since 0.0.1
   */
  join(...others) {
    return new Stream(joinHelper(this.g, others));
  }
  /**
   * Take the `nth` element of the Stream of the last (if it does not exist)
   *
   * WARNING: It closes the current stream
   *
   * @param nth - Position of the element to extract
   * @remarks Since 0.0.12
   */
  getNthOrLast(nth) {
    let remaining = nth;
    let last = null;
    for (const v of this.g) {
      if (remaining-- === 0) return v;
      last = v;
    }
    return last;
  }
};
/**
 * Create a Stream based on `g`
 *
 * @param g - Underlying data of the Stream
 *
 * @remarks Since 0.0.7
 * @public
 */
function stream(g) {
  return new Stream(g);
}
/**
 * Generated instances having a method [cloneMethod]
 * will be automatically cloned whenever necessary
 *
 * This is pretty useful for statefull generated values.
 * For instance, whenever you use a Stream you directly impact it.
 * Implementing [cloneMethod] on the generated Stream would force
 * the framework to clone it whenever it has to re-use it
 * (mainly required for chrinking process)
 *
 * @remarks Since 1.8.0
 * @public
 */
const cloneMethod = Symbol.for('fast-check/cloneMethod');
/**
 * Check if an instance has to be clone
 * @remarks Since 2.15.0
 * @public
 */
function hasCloneMethod(instance) {
  return (
    instance !== null &&
    (typeof instance === 'object' || typeof instance === 'function') &&
    cloneMethod in instance &&
    typeof instance[cloneMethod] === 'function'
  );
}
/**
 * Clone an instance if needed
 * @remarks Since 2.15.0
 * @public
 */
function cloneIfNeeded(instance) {
  return hasCloneMethod(instance) ? instance[cloneMethod]() : instance;
}
const safeObjectDefineProperty$4 = Object.defineProperty;
/**
 * A `Value<T, TShrink = T>` holds an internal value of type `T`
 * and its associated context
 *
 * @remarks Since 3.0.0 (previously called `NextValue` in 2.15.0)
 * @public
 */
var Value = class {
  /**
   * @param value_ - Internal value of the shrinkable
   * @param context - Context associated to the generated value (useful for shrink)
   * @param customGetValue - Limited to internal usages (to ease migration to next), it will be removed on next major
   */
  constructor(value_, context, customGetValue) {
    this.value_ = value_;
    this.context = context;
    this.hasToBeCloned = customGetValue !== void 0 || hasCloneMethod(value_);
    this.readOnce = false;
    this.value = value_;
    if (this.hasToBeCloned)
      safeObjectDefineProperty$4(this, 'value', {
        get: customGetValue !== void 0 ? customGetValue : this.getValue,
        enumerable: false,
        configurable: false,
      });
  }
  /** @internal */
  getValue() {
    if (this.hasToBeCloned) {
      if (!this.readOnce) {
        this.readOnce = true;
        return this.value_;
      }
      return this.value_[cloneMethod]();
    }
    return this.value_;
  }
};
/**
 * Abstract class able to generate values on type `T`
 *
 * The values generated by an instance of Arbitrary can be previewed - with {@link sample} - or classified - with {@link statistics}.
 *
 * @remarks Since 0.0.7
 * @public
 */
var Arbitrary = class {
  filter(refinement) {
    return new FilterArbitrary(this, refinement);
  }
  /**
   * Create another arbitrary by mapping all produced values using the provided `mapper`
   * Values produced by the new arbitrary are the result of applying `mapper` value by value
   *
   * @example
   * ```typescript
   * const rgbChannels: Arbitrary<{r:number,g:number,b:number}> = ...;
   * const color: Arbitrary<string> = rgbChannels.map(ch => `#${(ch.r*65536 + ch.g*256 + ch.b).toString(16).padStart(6, '0')}`);
   * // transform an Arbitrary producing {r,g,b} integers into an Arbitrary of '#rrggbb'
   * ```
   *
   * @param mapper - Map function, to produce a new element based on an old one
   * @param unmapper - Optional unmap function, it will never be used except when shrinking user defined values. Must throw if value is not compatible (since 3.0.0)
   * @returns New arbitrary with mapped elements
   *
   * @remarks Since 0.0.1
   */
  map(mapper, unmapper) {
    return new MapArbitrary(this, mapper, unmapper);
  }
  /**
   * Create another arbitrary by mapping a value from a base Arbirary using the provided `fmapper`
   * Values produced by the new arbitrary are the result of the arbitrary generated by applying `fmapper` to a value
   * @example
   * ```typescript
   * const arrayAndLimitArbitrary = fc.nat().chain((c: number) => fc.tuple( fc.array(fc.nat(c)), fc.constant(c)));
   * ```
   *
   * @param chainer - Chain function, to produce a new Arbitrary using a value from another Arbitrary
   * @returns New arbitrary of new type
   *
   * @remarks Since 1.2.0
   */
  chain(chainer) {
    return new ChainArbitrary(this, chainer);
  }
};
/** @internal */
var ChainArbitrary = class extends Arbitrary {
  constructor(arb, chainer) {
    super();
    this.arb = arb;
    this.chainer = chainer;
  }
  generate(mrng, biasFactor) {
    const clonedMrng = mrng.clone();
    const src = this.arb.generate(mrng, biasFactor);
    return this.valueChainer(src, mrng, clonedMrng, biasFactor);
  }
  canShrinkWithoutContext(_value) {
    return false;
  }
  shrink(value, context) {
    if (this.isSafeContext(context))
      return (
        !context.stoppedForOriginal
          ? this.arb
              .shrink(context.originalValue, context.originalContext)
              .map((v) => this.valueChainer(v, context.clonedMrng.clone(), context.clonedMrng, context.originalBias))
          : Stream.nil()
      ).join(
        context.chainedArbitrary.shrink(value, context.chainedContext).map((dst) => {
          const newContext = {
            ...context,
            chainedContext: dst.context,
            stoppedForOriginal: true,
          };
          return new Value(dst.value_, newContext);
        }),
      );
    return Stream.nil();
  }
  valueChainer(v, generateMrng, clonedMrng, biasFactor) {
    const chainedArbitrary = this.chainer(v.value_);
    const dst = chainedArbitrary.generate(generateMrng, biasFactor);
    const context = {
      originalBias: biasFactor,
      originalValue: v.value_,
      originalContext: v.context,
      stoppedForOriginal: false,
      chainedArbitrary,
      chainedContext: dst.context,
      clonedMrng,
    };
    return new Value(dst.value_, context);
  }
  isSafeContext(context) {
    return (
      context !== null &&
      context !== void 0 &&
      typeof context === 'object' &&
      'originalBias' in context &&
      'originalValue' in context &&
      'originalContext' in context &&
      'stoppedForOriginal' in context &&
      'chainedArbitrary' in context &&
      'chainedContext' in context &&
      'clonedMrng' in context
    );
  }
};
/** @internal */
function mapperWithCloneIfNeeded(v, mapper) {
  const sourceValue = v.value;
  const mappedValue = mapper(sourceValue);
  if (
    v.hasToBeCloned &&
    ((typeof mappedValue === 'object' && mappedValue !== null) || typeof mappedValue === 'function') &&
    Object.isExtensible(mappedValue) &&
    !hasCloneMethod(mappedValue)
  )
    Object.defineProperty(mappedValue, cloneMethod, { get: () => () => mapperWithCloneIfNeeded(v, mapper)[0] });
  return [mappedValue, sourceValue];
}
/** @internal */
function valueMapper(v, mapper) {
  const [mappedValue, sourceValue] = mapperWithCloneIfNeeded(v, mapper);
  return new Value(mappedValue, {
    originalValue: sourceValue,
    originalContext: v.context,
  });
}
/** @internal */
var MapArbitrary = class extends Arbitrary {
  constructor(arb, mapper, unmapper) {
    super();
    this.arb = arb;
    this.mapper = mapper;
    this.unmapper = unmapper;
    this.bindValueMapper = (v) => valueMapper(v, mapper);
  }
  generate(mrng, biasFactor) {
    const g = this.arb.generate(mrng, biasFactor);
    if (!g.hasToBeCloned) {
      const sourceValue = g.value;
      return new Value(this.mapper(sourceValue), {
        originalValue: sourceValue,
        originalContext: g.context,
      });
    }
    return valueMapper(g, this.mapper);
  }
  canShrinkWithoutContext(value) {
    if (this.unmapper !== void 0)
      try {
        const unmapped = this.unmapper(value);
        return this.arb.canShrinkWithoutContext(unmapped);
      } catch {
        return false;
      }
    return false;
  }
  shrink(value, context) {
    if (this.isSafeContext(context))
      return this.arb.shrink(context.originalValue, context.originalContext).map(this.bindValueMapper);
    if (this.unmapper !== void 0) {
      const unmapped = this.unmapper(value);
      return this.arb.shrink(unmapped, void 0).map(this.bindValueMapper);
    }
    return Stream.nil();
  }
  isSafeContext(context) {
    return (
      context !== null &&
      context !== void 0 &&
      typeof context === 'object' &&
      'originalValue' in context &&
      'originalContext' in context
    );
  }
};
/** @internal */
var FilterArbitrary = class extends Arbitrary {
  constructor(arb, refinement) {
    super();
    this.arb = arb;
    this.refinement = refinement;
    this.bindRefinementOnValue = (v) => this.refinementOnValue(v);
  }
  generate(mrng, biasFactor) {
    while (true) {
      const g = this.arb.generate(mrng, biasFactor);
      if (this.refinementOnValue(g)) return g;
    }
  }
  canShrinkWithoutContext(value) {
    return this.arb.canShrinkWithoutContext(value) && this.refinement(value);
  }
  shrink(value, context) {
    return this.arb.shrink(value, context).filter(this.bindRefinementOnValue);
  }
  refinementOnValue(v) {
    return this.refinement(v.value);
  }
};
const untouchedApply = Function.prototype.apply;
const ApplySymbol = Symbol('apply');
/**
 * Extract apply or return undefined
 * @param f - Function to extract apply from
 * @internal
 */
function safeExtractApply(f) {
  try {
    return f.apply;
  } catch {
    return;
  }
}
/**
 * Equivalent to `f.apply(instance, args)` but temporary altering the instance
 * @internal
 */
function safeApplyHacky(f, instance, args) {
  const ff = f;
  ff[ApplySymbol] = untouchedApply;
  const out = ff[ApplySymbol](instance, args);
  delete ff[ApplySymbol];
  return out;
}
/**
 * Equivalent to `f.apply(instance, args)`
 * @internal
 */
function safeApply(f, instance, args) {
  if (safeExtractApply(f) === untouchedApply) return f.apply(instance, args);
  return safeApplyHacky(f, instance, args);
}
const SArray = Array;
const SBigInt = BigInt;
BigInt64Array;
BigUint64Array;
const SError = Error;
const SNumber = Number;
const SString = String;
const SSet = Set;
Array.prototype.forEach;
const untouchedIndexOf = Array.prototype.indexOf;
Array.prototype.join;
const untouchedMap = Array.prototype.map;
Array.prototype.flat;
Array.prototype.filter;
const untouchedPush = Array.prototype.push;
Array.prototype.pop;
Array.prototype.splice;
const untouchedSlice = Array.prototype.slice;
Array.prototype.sort;
Array.prototype.every;
function extractIndexOf(instance) {
  try {
    return instance.indexOf;
  } catch {
    return;
  }
}
function extractMap(instance) {
  try {
    return instance.map;
  } catch {
    return;
  }
}
function extractPush(instance) {
  try {
    return instance.push;
  } catch {
    return;
  }
}
function extractSlice(instance) {
  try {
    return instance.slice;
  } catch {
    return;
  }
}
function safeIndexOf(instance, ...args) {
  if (extractIndexOf(instance) === untouchedIndexOf) return instance.indexOf(...args);
  return safeApply(untouchedIndexOf, instance, args);
}
function safeMap(instance, fn) {
  if (extractMap(instance) === untouchedMap) return instance.map(fn);
  return safeApply(untouchedMap, instance, [fn]);
}
function safePush(instance, ...args) {
  if (extractPush(instance) === untouchedPush) return instance.push(...args);
  return safeApply(untouchedPush, instance, args);
}
function safeSlice(instance, ...args) {
  if (extractSlice(instance) === untouchedSlice) return instance.slice(...args);
  return safeApply(untouchedSlice, instance, args);
}
Date.prototype.getTime;
Date.prototype.toISOString;
Set.prototype.add;
const untouchedHas = Set.prototype.has;
function extractHas(instance) {
  try {
    return instance.has;
  } catch (err) {
    return;
  }
}
function safeHas(instance, value) {
  if (extractHas(instance) === untouchedHas) return instance.has(value);
  return safeApply(untouchedHas, instance, [value]);
}
WeakMap.prototype.set;
WeakMap.prototype.get;
const untouchedMapSet = Map.prototype.set;
const untouchedMapGet = Map.prototype.get;
Map.prototype.has;
function extractMapSet(instance) {
  try {
    return instance.set;
  } catch (err) {
    return;
  }
}
function extractMapGet(instance) {
  try {
    return instance.get;
  } catch (err) {
    return;
  }
}
function safeMapSet(instance, key, value) {
  if (extractMapSet(instance) === untouchedMapSet) return instance.set(key, value);
  return safeApply(untouchedMapSet, instance, [key, value]);
}
function safeMapGet(instance, key) {
  if (extractMapGet(instance) === untouchedMapGet) return instance.get(key);
  return safeApply(untouchedMapGet, instance, [key]);
}
String.prototype.split;
String.prototype.startsWith;
String.prototype.endsWith;
const untouchedSubstring = String.prototype.substring;
String.prototype.toLowerCase;
String.prototype.toUpperCase;
const untouchedPadStart = String.prototype.padStart;
String.prototype.charCodeAt;
String.prototype.normalize;
String.prototype.replace;
function extractSubstring(instance) {
  try {
    return instance.substring;
  } catch {
    return;
  }
}
function extractPadStart(instance) {
  try {
    return instance.padStart;
  } catch {
    return;
  }
}
function safeSubstring(instance, ...args) {
  if (extractSubstring(instance) === untouchedSubstring) return instance.substring(...args);
  return safeApply(untouchedSubstring, instance, args);
}
function safePadStart(instance, ...args) {
  if (extractPadStart(instance) === untouchedPadStart) return instance.padStart(...args);
  return safeApply(untouchedPadStart, instance, args);
}
const untouchedNumberToString = Number.prototype.toString;
function extractNumberToString(instance) {
  try {
    return instance.toString;
  } catch {
    return;
  }
}
function safeNumberToString(instance, ...args) {
  if (extractNumberToString(instance) === untouchedNumberToString) return instance.toString(...args);
  return safeApply(untouchedNumberToString, instance, args);
}
const untouchedHasOwnProperty = Object.prototype.hasOwnProperty;
function safeHasOwnProperty(instance, v) {
  return safeApply(untouchedHasOwnProperty, instance, [v]);
}
Error.prototype.toString;
/** @internal */
var LazyIterableIterator = class {
  constructor(producer) {
    this.producer = producer;
  }
  [Symbol.iterator]() {
    if (this.it === void 0) this.it = this.producer();
    return this.it;
  }
  next() {
    if (this.it === void 0) this.it = this.producer();
    return this.it.next();
  }
};
/**
 * Create an IterableIterator based on a function that will only be called once if needed
 *
 * @param producer - Function to instanciate the underlying IterableIterator
 *
 * @internal
 */
function makeLazy(producer) {
  return new LazyIterableIterator(producer);
}
const safeArrayIsArray$4 = Array.isArray;
const safeObjectDefineProperty$3 = Object.defineProperty;
/** @internal */
function tupleMakeItCloneable(vs, ctxs, values) {
  return safeObjectDefineProperty$3(vs, cloneMethod, {
    value: () => {
      const cloned = [];
      for (let idx = 0; idx !== values.length; ++idx) {
        let current = values[idx];
        if (current === void 0) current = new Value(vs[idx], ctxs[idx]);
        safePush(cloned, current.value);
      }
      tupleMakeItCloneable(cloned, ctxs, values);
      return cloned;
    },
  });
}
/** @internal */
function tupleShrink(arbs, value, context) {
  const shrinks = [];
  const safeContext = safeArrayIsArray$4(context) ? context : [];
  for (let idx = 0; idx !== arbs.length; ++idx)
    safePush(
      shrinks,
      makeLazy(() =>
        arbs[idx].shrink(value[idx], safeContext[idx]).map((v) => {
          let cloneable = false;
          const vs = [];
          const ctxs = [];
          const mapped = [];
          for (let nestedIdx = 0; nestedIdx !== arbs.length; ++nestedIdx) {
            const nestedV = nestedIdx === idx ? v : new Value(cloneIfNeeded(value[nestedIdx]), safeContext[nestedIdx]);
            if (nestedV.hasToBeCloned) {
              cloneable = true;
              mapped[nestedIdx] = nestedV;
            }
            safePush(vs, nestedV.value);
            safePush(ctxs, nestedV.context);
          }
          if (cloneable) tupleMakeItCloneable(vs, ctxs, mapped);
          return new Value(vs, ctxs);
        }),
      ),
    );
  return Stream.nil().join(...shrinks);
}
/** @internal */
var TupleArbitrary = class extends Arbitrary {
  constructor(arbs) {
    super();
    this.arbs = arbs;
    for (let idx = 0; idx !== arbs.length; ++idx) {
      const arb = arbs[idx];
      if (arb === null || arb === void 0 || arb.generate === null || arb.generate === void 0)
        throw new Error(`Invalid parameter encountered at index ${idx}: expecting an Arbitrary`);
    }
  }
  generate(mrng, biasFactor) {
    let cloneable = false;
    const vs = [];
    const ctxs = [];
    const mapped = [];
    for (let idx = 0; idx !== this.arbs.length; ++idx) {
      const v = this.arbs[idx].generate(mrng, biasFactor);
      if (v.hasToBeCloned) {
        cloneable = true;
        mapped[idx] = v;
      }
      safePush(vs, v.value);
      safePush(ctxs, v.context);
    }
    if (cloneable) tupleMakeItCloneable(vs, ctxs, mapped);
    return new Value(vs, ctxs);
  }
  canShrinkWithoutContext(value) {
    if (!safeArrayIsArray$4(value) || value.length !== this.arbs.length) return false;
    for (let index = 0; index !== this.arbs.length; ++index)
      if (!this.arbs[index].canShrinkWithoutContext(value[index])) return false;
    return true;
  }
  shrink(value, context) {
    return tupleShrink(this.arbs, value, context);
  }
};
/**
 * For tuples produced using the provided `arbs`
 *
 * @param arbs - Ordered list of arbitraries
 *
 * @remarks Since 0.0.1
 * @public
 */
function tuple(...arbs) {
  return new TupleArbitrary(arbs);
}
/** @internal */
let globalParameters = {};
/**
 * Read global parameters that will be used by runners
 * @remarks Since 1.18.0
 * @public
 */
function readConfigureGlobal() {
  return globalParameters;
}
Date.now;
Array.from;
typeof Buffer !== 'undefined' && Buffer.isBuffer;
Number.isNaN;
Date.now;
Array.isArray;
const safeMathFloor$6 = Math.floor;
const safeMathLog$2 = Math.log;
/** @internal */
function integerLogLike(v) {
  return safeMathFloor$6(safeMathLog$2(v) / safeMathLog$2(2));
}
/** @internal */
function bigIntLogLike(v) {
  if (v === SBigInt(0)) return SBigInt(0);
  return SBigInt(SString(v).length);
}
function biasNumericRange(min, max, logLike) {
  if (min === max)
    return [
      {
        min,
        max,
      },
    ];
  if (min < 0 && max > 0) {
    const logMin = logLike(-min);
    const logMax = logLike(max);
    return [
      {
        min: -logMin,
        max: logMax,
      },
      {
        min: max - logMax,
        max,
      },
      {
        min,
        max: min + logMin,
      },
    ];
  }
  const logGap = logLike(max - min);
  const arbCloseToMin = {
    min,
    max: min + logGap,
  };
  const arbCloseToMax = {
    min: max - logGap,
    max,
  };
  return min < 0 ? [arbCloseToMax, arbCloseToMin] : [arbCloseToMin, arbCloseToMax];
}
const safeMathCeil = Math.ceil;
const safeMathFloor$5 = Math.floor;
/** @internal */
function halvePosInteger(n) {
  return safeMathFloor$5(n / 2);
}
/** @internal */
function halveNegInteger(n) {
  return safeMathCeil(n / 2);
}
/**
 * Compute shrunk values to move from current to target
 * @internal
 */
function shrinkInteger(current, target, tryTargetAsap) {
  const realGap = current - target;
  function* shrinkDecr() {
    let previous = tryTargetAsap ? void 0 : target;
    const gap = tryTargetAsap ? realGap : halvePosInteger(realGap);
    for (let toremove = gap; toremove > 0; toremove = halvePosInteger(toremove)) {
      const next = toremove === realGap ? target : current - toremove;
      yield new Value(next, previous);
      previous = next;
    }
  }
  function* shrinkIncr() {
    let previous = tryTargetAsap ? void 0 : target;
    const gap = tryTargetAsap ? realGap : halveNegInteger(realGap);
    for (let toremove = gap; toremove < 0; toremove = halveNegInteger(toremove)) {
      const next = toremove === realGap ? target : current - toremove;
      yield new Value(next, previous);
      previous = next;
    }
  }
  return realGap > 0 ? stream(shrinkDecr()) : stream(shrinkIncr());
}
const safeMathSign = Math.sign;
const safeNumberIsInteger$6 = Number.isInteger;
const safeObjectIs$6 = Object.is;
/** @internal */
var IntegerArbitrary = class IntegerArbitrary extends Arbitrary {
  constructor(min, max) {
    super();
    this.min = min;
    this.max = max;
    this.ranges = biasNumericRange(min, max, integerLogLike);
  }
  generate(mrng, biasFactor) {
    if (biasFactor === void 0 || mrng.nextInt(1, biasFactor) !== 1)
      return new Value(mrng.nextInt(this.min, this.max), void 0);
    const ranges = this.ranges;
    if (ranges.length === 1) {
      const range = ranges[0];
      return new Value(mrng.nextInt(range.min, range.max), void 0);
    }
    const id = mrng.nextInt(-2 * (ranges.length - 1), ranges.length - 2);
    const range = id < 0 ? ranges[0] : ranges[id + 1];
    return new Value(mrng.nextInt(range.min, range.max), void 0);
  }
  canShrinkWithoutContext(value) {
    return (
      typeof value === 'number' &&
      safeNumberIsInteger$6(value) &&
      !safeObjectIs$6(value, -0) &&
      this.min <= value &&
      value <= this.max
    );
  }
  shrink(current, context) {
    if (!IntegerArbitrary.isValidContext(current, context))
      return shrinkInteger(current, this.min <= 0 && this.max >= 0 ? 0 : this.min < 0 ? this.max : this.min, true);
    if (this.isLastChanceTry(current, context)) return Stream.of(new Value(context, void 0));
    return shrinkInteger(current, context, false);
  }
  isLastChanceTry(current, context) {
    if (current > 0) return current === context + 1 && current > this.min;
    if (current < 0) return current === context - 1 && current < this.max;
    return false;
  }
  static isValidContext(current, context) {
    if (context === void 0) return false;
    if (typeof context !== 'number') throw new Error(`Invalid context type passed to IntegerArbitrary (#1)`);
    if (context !== 0 && safeMathSign(current) !== safeMathSign(context))
      throw new Error(`Invalid context value passed to IntegerArbitrary (#2)`);
    return true;
  }
};
const safeNumberIsInteger$5 = Number.isInteger;
/**
 * Build fully set IntegerConstraints from a partial data
 * @internal
 */
function buildCompleteIntegerConstraints(constraints) {
  return {
    min: constraints.min !== void 0 ? constraints.min : -2147483648,
    max: constraints.max !== void 0 ? constraints.max : 2147483647,
  };
}
/**
 * For integers between min (included) and max (included)
 *
 * @param constraints - Constraints to apply when building instances (since 2.6.0)
 *
 * @remarks Since 0.0.1
 * @public
 */
function integer(constraints = {}) {
  const fullConstraints = buildCompleteIntegerConstraints(constraints);
  if (fullConstraints.min > fullConstraints.max)
    throw new Error('fc.integer maximum value should be equal or greater than the minimum one');
  if (!safeNumberIsInteger$5(fullConstraints.min)) throw new Error('fc.integer minimum value should be an integer');
  if (!safeNumberIsInteger$5(fullConstraints.max)) throw new Error('fc.integer maximum value should be an integer');
  return new IntegerArbitrary(fullConstraints.min, fullConstraints.max);
}
/**
 * Internal cache for depth contexts
 * @internal
 */
const depthContextCache = /* @__PURE__ */ new Map();
/**
 * Get back the requested DepthContext
 * @remarks Since 2.25.0
 * @public
 */
function getDepthContextFor(contextMeta) {
  if (contextMeta === void 0) return { depth: 0 };
  if (typeof contextMeta !== 'string') return contextMeta;
  const cachedContext = safeMapGet(depthContextCache, contextMeta);
  if (cachedContext !== void 0) return cachedContext;
  const context = { depth: 0 };
  safeMapSet(depthContextCache, contextMeta, context);
  return context;
}
/** @internal */
var NoopSlicedGenerator = class {
  constructor(arb, mrng, biasFactor) {
    this.arb = arb;
    this.mrng = mrng;
    this.biasFactor = biasFactor;
  }
  attemptExact() {}
  next() {
    return this.arb.generate(this.mrng, this.biasFactor);
  }
};
const safeMathMin$5 = Math.min;
const safeMathMax$2 = Math.max;
/** @internal */
var SlicedBasedGenerator = class {
  constructor(arb, mrng, slices, biasFactor) {
    this.arb = arb;
    this.mrng = mrng;
    this.slices = slices;
    this.biasFactor = biasFactor;
    this.activeSliceIndex = 0;
    this.nextIndexInSlice = 0;
    this.lastIndexInSlice = -1;
  }
  attemptExact(targetLength) {
    if (targetLength !== 0 && this.mrng.nextInt(1, this.biasFactor) === 1) {
      const eligibleIndices = [];
      for (let index = 0; index !== this.slices.length; ++index)
        if (this.slices[index].length === targetLength) safePush(eligibleIndices, index);
      if (eligibleIndices.length === 0) return;
      this.activeSliceIndex = eligibleIndices[this.mrng.nextInt(0, eligibleIndices.length - 1)];
      this.nextIndexInSlice = 0;
      this.lastIndexInSlice = targetLength - 1;
    }
  }
  next() {
    if (this.nextIndexInSlice <= this.lastIndexInSlice)
      return new Value(this.slices[this.activeSliceIndex][this.nextIndexInSlice++], void 0);
    if (this.mrng.nextInt(1, this.biasFactor) !== 1) return this.arb.generate(this.mrng, this.biasFactor);
    this.activeSliceIndex = this.mrng.nextInt(0, this.slices.length - 1);
    const slice = this.slices[this.activeSliceIndex];
    if (this.mrng.nextInt(1, this.biasFactor) !== 1) {
      this.nextIndexInSlice = 1;
      this.lastIndexInSlice = slice.length - 1;
      return new Value(slice[0], void 0);
    }
    const rangeBoundaryA = this.mrng.nextInt(0, slice.length - 1);
    const rangeBoundaryB = this.mrng.nextInt(0, slice.length - 1);
    this.nextIndexInSlice = safeMathMin$5(rangeBoundaryA, rangeBoundaryB);
    this.lastIndexInSlice = safeMathMax$2(rangeBoundaryA, rangeBoundaryB);
    return new Value(slice[this.nextIndexInSlice++], void 0);
  }
};
/**
 * Build a {@link SlicedGenerator}
 *
 * @param arb - Arbitrary able to generate values
 * @param mrng - Random number generator
 * @param slices - Slices to be used (WARNING: while we accept no slices, slices themselves must never empty)
 * @param biasFactor - The current bias factor
 *
 * @internal
 */
function buildSlicedGenerator(arb, mrng, slices, biasFactor) {
  if (biasFactor === void 0 || slices.length === 0 || mrng.nextInt(1, biasFactor) !== 1)
    return new NoopSlicedGenerator(arb, mrng, biasFactor);
  return new SlicedBasedGenerator(arb, mrng, slices, biasFactor);
}
const safeMathFloor$4 = Math.floor;
const safeMathLog$1 = Math.log;
const safeArrayIsArray$2 = Array.isArray;
/** @internal */
function biasedMaxLength(minLength, maxLength) {
  if (minLength === maxLength) return minLength;
  return minLength + safeMathFloor$4(safeMathLog$1(maxLength - minLength) / safeMathLog$1(2));
}
/** @internal */
var ArrayArbitrary = class ArrayArbitrary extends Arbitrary {
  constructor(arb, minLength, maxGeneratedLength, maxLength, depthIdentifier, setBuilder, customSlices) {
    super();
    this.arb = arb;
    this.minLength = minLength;
    this.maxGeneratedLength = maxGeneratedLength;
    this.maxLength = maxLength;
    this.setBuilder = setBuilder;
    this.customSlices = customSlices;
    this.lengthArb = integer({
      min: minLength,
      max: maxGeneratedLength,
    });
    this.depthContext = getDepthContextFor(depthIdentifier);
    this.cachedBiasedMaxLength = biasedMaxLength(minLength, maxGeneratedLength);
  }
  preFilter(tab) {
    if (this.setBuilder === void 0) return tab;
    const s = this.setBuilder();
    for (let index = 0; index !== tab.length; ++index) s.tryAdd(tab[index]);
    return s.getData();
  }
  static makeItCloneable(vs, shrinkables) {
    vs[cloneMethod] = () => {
      const cloned = [];
      for (let idx = 0; idx !== shrinkables.length; ++idx) safePush(cloned, shrinkables[idx].value);
      this.makeItCloneable(cloned, shrinkables);
      return cloned;
    };
    return vs;
  }
  generateNItemsNoDuplicates(setBuilder, N, mrng, biasFactorItems) {
    let numSkippedInRow = 0;
    const s = setBuilder();
    const slicedGenerator = buildSlicedGenerator(this.arb, mrng, this.customSlices, biasFactorItems);
    while (s.size() < N && numSkippedInRow < this.maxGeneratedLength) {
      const current = slicedGenerator.next();
      if (s.tryAdd(current)) numSkippedInRow = 0;
      else numSkippedInRow += 1;
    }
    return s.getData();
  }
  safeGenerateNItemsNoDuplicates(setBuilder, N, mrng, biasFactorItems) {
    const depthImpact = N - this.cachedBiasedMaxLength;
    if (depthImpact <= 0) return this.generateNItemsNoDuplicates(setBuilder, N, mrng, biasFactorItems);
    this.depthContext.depth += depthImpact;
    try {
      return this.generateNItemsNoDuplicates(setBuilder, N, mrng, biasFactorItems);
    } finally {
      this.depthContext.depth -= depthImpact;
    }
  }
  generateNItems(N, mrng, biasFactorItems) {
    const items = [];
    const slicedGenerator = buildSlicedGenerator(this.arb, mrng, this.customSlices, biasFactorItems);
    slicedGenerator.attemptExact(N);
    for (let index = 0; index !== N; ++index) safePush(items, slicedGenerator.next());
    return items;
  }
  safeGenerateNItems(N, mrng, biasFactorItems) {
    const depthImpact = N - this.cachedBiasedMaxLength;
    if (depthImpact <= 0) return this.generateNItems(N, mrng, biasFactorItems);
    this.depthContext.depth += depthImpact;
    try {
      return this.generateNItems(N, mrng, biasFactorItems);
    } finally {
      this.depthContext.depth -= depthImpact;
    }
  }
  wrapper(itemsRaw, shrunkOnce, itemsRawLengthContext, startIndex) {
    const items = shrunkOnce ? this.preFilter(itemsRaw) : itemsRaw;
    let cloneable = false;
    const vs = [];
    const itemsContexts = [];
    for (let idx = 0; idx !== items.length; ++idx) {
      const s = items[idx];
      cloneable = cloneable || s.hasToBeCloned;
      safePush(vs, s.value);
      safePush(itemsContexts, s.context);
    }
    if (cloneable) ArrayArbitrary.makeItCloneable(vs, items);
    return new Value(vs, {
      shrunkOnce,
      lengthContext:
        itemsRaw.length === items.length && itemsRawLengthContext !== void 0 ? itemsRawLengthContext : void 0,
      itemsContexts,
      startIndex,
    });
  }
  generate(mrng, biasFactor) {
    let targetSize;
    let biasFactorItems;
    if (biasFactor === void 0) targetSize = this.lengthArb.generate(mrng, void 0).value;
    else if (this.minLength === this.maxGeneratedLength) {
      targetSize = this.lengthArb.generate(mrng, void 0).value;
      biasFactorItems = biasFactor;
    } else if (mrng.nextInt(1, biasFactor) !== 1) targetSize = this.lengthArb.generate(mrng, void 0).value;
    else if (mrng.nextInt(1, biasFactor) !== 1) {
      targetSize = this.lengthArb.generate(mrng, void 0).value;
      biasFactorItems = biasFactor;
    } else {
      const maxBiasedLength = this.cachedBiasedMaxLength;
      targetSize = integer({
        min: this.minLength,
        max: maxBiasedLength,
      }).generate(mrng, void 0).value;
      biasFactorItems = biasFactor;
    }
    const items =
      this.setBuilder !== void 0
        ? this.safeGenerateNItemsNoDuplicates(this.setBuilder, targetSize, mrng, biasFactorItems)
        : this.safeGenerateNItems(targetSize, mrng, biasFactorItems);
    return this.wrapper(items, false, void 0, 0);
  }
  canShrinkWithoutContext(value) {
    if (!safeArrayIsArray$2(value) || this.minLength > value.length || value.length > this.maxLength) return false;
    for (let index = 0; index !== value.length; ++index) {
      if (!(index in value)) return false;
      if (!this.arb.canShrinkWithoutContext(value[index])) return false;
    }
    return this.preFilter(safeMap(value, (item) => new Value(item, void 0))).length === value.length;
  }
  shrinkItemByItem(value, safeContext, endIndex) {
    const shrinks = [];
    for (let index = safeContext.startIndex; index < endIndex; ++index)
      safePush(
        shrinks,
        makeLazy(() =>
          this.arb.shrink(value[index], safeContext.itemsContexts[index]).map((v) => {
            const beforeCurrent = safeMap(
              safeSlice(value, 0, index),
              (v, i) => new Value(cloneIfNeeded(v), safeContext.itemsContexts[i]),
            );
            const afterCurrent = safeMap(
              safeSlice(value, index + 1),
              (v, i) => new Value(cloneIfNeeded(v), safeContext.itemsContexts[i + index + 1]),
            );
            return [[...beforeCurrent, v, ...afterCurrent], void 0, index];
          }),
        ),
      );
    return Stream.nil().join(...shrinks);
  }
  shrinkImpl(value, context) {
    if (value.length === 0) return Stream.nil();
    const safeContext =
      context !== void 0
        ? context
        : {
            shrunkOnce: false,
            lengthContext: void 0,
            itemsContexts: [],
            startIndex: 0,
          };
    return this.lengthArb
      .shrink(value.length, safeContext.lengthContext)
      .drop(safeContext.shrunkOnce && safeContext.lengthContext === void 0 && value.length > this.minLength + 1 ? 1 : 0)
      .map((lengthValue) => {
        const sliceStart = value.length - lengthValue.value;
        return [
          safeMap(
            safeSlice(value, sliceStart),
            (v, index) => new Value(cloneIfNeeded(v), safeContext.itemsContexts[index + sliceStart]),
          ),
          lengthValue.context,
          0,
        ];
      })
      .join(
        makeLazy(() =>
          value.length > this.minLength
            ? this.shrinkItemByItem(value, safeContext, 1)
            : this.shrinkItemByItem(value, safeContext, value.length),
        ),
      )
      .join(
        value.length > this.minLength
          ? makeLazy(() => {
              const subContext = {
                shrunkOnce: false,
                lengthContext: void 0,
                itemsContexts: safeSlice(safeContext.itemsContexts, 1),
                startIndex: 0,
              };
              return this.shrinkImpl(safeSlice(value, 1), subContext)
                .filter((v) => this.minLength <= v[0].length + 1)
                .map((v) => {
                  return [[new Value(cloneIfNeeded(value[0]), safeContext.itemsContexts[0]), ...v[0]], void 0, 0];
                });
            })
          : Stream.nil(),
      );
  }
  shrink(value, context) {
    return this.shrinkImpl(value, context).map((contextualValue) =>
      this.wrapper(contextualValue[0], true, contextualValue[1], contextualValue[2]),
    );
  }
};
const safeMathFloor$3 = Math.floor;
const safeMathMin$4 = Math.min;
/**
 * Shared upper bound for max length of array-like entities handled within fast-check
 *
 * "Every Array object has a non-configurable "length" property whose value is always a nonnegative integer less than 2^32."
 * See {@link https://262.ecma-international.org/11.0/#sec-array-exotic-objects | ECMAScript Specifications}
 *
 * "The String type is the set of all ordered sequences [...] up to a maximum length of 2^53 - 1 elements."
 * See {@link https://262.ecma-international.org/11.0/#sec-ecmascript-language-types-string-type | ECMAScript Specifications}
 *
 * @internal
 */
const MaxLengthUpperBound = 2147483647;
/** @internal */
const orderedSize = ['xsmall', 'small', 'medium', 'large', 'xlarge'];
/** @internal */
const orderedRelativeSize = ['-4', '-3', '-2', '-1', '=', '+1', '+2', '+3', '+4'];
/**
 * The default size used by fast-check
 * @internal
 */
const DefaultSize = 'small';
/**
 * Compute `maxLength` based on `minLength` and `size`
 * @internal
 */
function maxLengthFromMinLength(minLength, size) {
  switch (size) {
    case 'xsmall':
      return safeMathFloor$3(1.1 * minLength) + 1;
    case 'small':
      return 2 * minLength + 10;
    case 'medium':
      return 11 * minLength + 100;
    case 'large':
      return 101 * minLength + 1e3;
    case 'xlarge':
      return 1001 * minLength + 1e4;
    default:
      throw new Error(`Unable to compute lengths based on received size: ${size}`);
  }
}
/**
 * Transform a RelativeSize|Size into a Size
 * @internal
 */
function relativeSizeToSize(size, defaultSize) {
  const sizeInRelative = safeIndexOf(orderedRelativeSize, size);
  if (sizeInRelative === -1) return size;
  const defaultSizeInSize = safeIndexOf(orderedSize, defaultSize);
  if (defaultSizeInSize === -1)
    throw new Error(`Unable to offset size based on the unknown defaulted one: ${defaultSize}`);
  const resultingSizeInSize = defaultSizeInSize + sizeInRelative - 4;
  return resultingSizeInSize < 0
    ? orderedSize[0]
    : resultingSizeInSize >= orderedSize.length
      ? orderedSize[orderedSize.length - 1]
      : orderedSize[resultingSizeInSize];
}
/**
 * Compute `maxGeneratedLength` based on `minLength`, `maxLength` and `size`
 * @param size - Size defined by the caller on the arbitrary
 * @param minLength - Considered minimal length
 * @param maxLength - Considered maximal length
 * @param specifiedMaxLength - Whether or not the caller specified the max (true) or if it has been defaulted (false)
 * @internal
 */
function maxGeneratedLengthFromSizeForArbitrary(size, minLength, maxLength, specifiedMaxLength) {
  const { baseSize: defaultSize = DefaultSize, defaultSizeToMaxWhenMaxSpecified } = readConfigureGlobal() || {};
  const definedSize =
    size !== void 0 ? size : specifiedMaxLength && defaultSizeToMaxWhenMaxSpecified ? 'max' : defaultSize;
  if (definedSize === 'max') return maxLength;
  const finalSize = relativeSizeToSize(definedSize, defaultSize);
  return safeMathMin$4(maxLengthFromMinLength(minLength, finalSize), maxLength);
}
/**
 * Compute `depthSize` based on `size`
 * @param size - Size or depthSize defined by the caller on the arbitrary
 * @param specifiedMaxDepth - Whether or not the caller specified a max depth
 * @internal
 */
function depthBiasFromSizeForArbitrary(depthSizeOrSize, specifiedMaxDepth) {
  if (typeof depthSizeOrSize === 'number') return 1 / depthSizeOrSize;
  const { baseSize: defaultSize = DefaultSize, defaultSizeToMaxWhenMaxSpecified } = readConfigureGlobal() || {};
  const definedSize =
    depthSizeOrSize !== void 0
      ? depthSizeOrSize
      : specifiedMaxDepth && defaultSizeToMaxWhenMaxSpecified
        ? 'max'
        : defaultSize;
  if (definedSize === 'max') return 0;
  switch (relativeSizeToSize(definedSize, defaultSize)) {
    case 'xsmall':
      return 1;
    case 'small':
      return 0.5;
    case 'medium':
      return 0.25;
    case 'large':
      return 0.125;
    case 'xlarge':
      return 0.0625;
  }
}
/**
 * For arrays of values coming from `arb`
 *
 * @param arb - Arbitrary used to generate the values inside the array
 * @param constraints - Constraints to apply when building instances (since 2.4.0)
 *
 * @remarks Since 0.0.1
 * @public
 */
function array(arb, constraints = {}) {
  const size = constraints.size;
  const minLength = constraints.minLength || 0;
  const maxLengthOrUnset = constraints.maxLength;
  const depthIdentifier = constraints.depthIdentifier;
  const maxLength = maxLengthOrUnset !== void 0 ? maxLengthOrUnset : MaxLengthUpperBound;
  return new ArrayArbitrary(
    arb,
    minLength,
    maxGeneratedLengthFromSizeForArbitrary(size, minLength, maxLength, maxLengthOrUnset !== void 0),
    maxLength,
    depthIdentifier,
    void 0,
    constraints.experimentalCustomSlices || [],
  );
}
/**
 * Halve towards zero
 * @internal
 */
function halveBigInt(n) {
  return n / SBigInt(2);
}
/**
 * Compute shrunk values to move from current to target
 * @internal
 */
function shrinkBigInt(current, target, tryTargetAsap) {
  const realGap = current - target;
  function* shrinkDecr() {
    let previous = tryTargetAsap ? void 0 : target;
    const gap = tryTargetAsap ? realGap : halveBigInt(realGap);
    for (let toremove = gap; toremove > 0; toremove = halveBigInt(toremove)) {
      const next = current - toremove;
      yield new Value(next, previous);
      previous = next;
    }
  }
  function* shrinkIncr() {
    let previous = tryTargetAsap ? void 0 : target;
    const gap = tryTargetAsap ? realGap : halveBigInt(realGap);
    for (let toremove = gap; toremove < 0; toremove = halveBigInt(toremove)) {
      const next = current - toremove;
      yield new Value(next, previous);
      previous = next;
    }
  }
  return realGap > 0 ? stream(shrinkDecr()) : stream(shrinkIncr());
}
/** @internal */
var BigIntArbitrary = class BigIntArbitrary extends Arbitrary {
  constructor(min, max) {
    super();
    this.min = min;
    this.max = max;
  }
  generate(mrng, biasFactor) {
    const range = this.computeGenerateRange(mrng, biasFactor);
    return new Value(mrng.nextBigInt(range.min, range.max), void 0);
  }
  computeGenerateRange(mrng, biasFactor) {
    if (biasFactor === void 0 || mrng.nextInt(1, biasFactor) !== 1)
      return {
        min: this.min,
        max: this.max,
      };
    const ranges = biasNumericRange(this.min, this.max, bigIntLogLike);
    if (ranges.length === 1) return ranges[0];
    const id = mrng.nextInt(-2 * (ranges.length - 1), ranges.length - 2);
    return id < 0 ? ranges[0] : ranges[id + 1];
  }
  canShrinkWithoutContext(value) {
    return typeof value === 'bigint' && this.min <= value && value <= this.max;
  }
  shrink(current, context) {
    if (!BigIntArbitrary.isValidContext(current, context)) return shrinkBigInt(current, this.defaultTarget(), true);
    if (this.isLastChanceTry(current, context)) return Stream.of(new Value(context, void 0));
    return shrinkBigInt(current, context, false);
  }
  defaultTarget() {
    if (this.min <= 0 && this.max >= 0) return SBigInt(0);
    return this.min < 0 ? this.max : this.min;
  }
  isLastChanceTry(current, context) {
    if (current > 0) return current === context + SBigInt(1) && current > this.min;
    if (current < 0) return current === context - SBigInt(1) && current < this.max;
    return false;
  }
  static isValidContext(current, context) {
    if (context === void 0) return false;
    if (typeof context !== 'bigint') throw new Error(`Invalid context type passed to BigIntArbitrary (#1)`);
    const differentSigns = (current > 0 && context < 0) || (current < 0 && context > 0);
    if (context !== SBigInt(0) && differentSigns)
      throw new Error(`Invalid context value passed to BigIntArbitrary (#2)`);
    return true;
  }
};
/**
 * Build fully set BigIntConstraints from a partial data
 * @internal
 */
function buildCompleteBigIntConstraints(constraints) {
  const DefaultMin = SBigInt(-1) << SBigInt(255);
  const DefaultMax = (SBigInt(1) << SBigInt(255)) - SBigInt(1);
  const min = constraints.min;
  const max = constraints.max;
  return {
    min: min !== void 0 ? min : DefaultMin - (max !== void 0 && max < SBigInt(0) ? max * max : SBigInt(0)),
    max: max !== void 0 ? max : DefaultMax + (min !== void 0 && min > SBigInt(0) ? min * min : SBigInt(0)),
  };
}
/**
 * Extract constraints from args received by bigint
 * @internal
 */
function extractBigIntConstraints(args) {
  if (args[0] === void 0) return {};
  if (args[1] === void 0) return args[0];
  return {
    min: args[0],
    max: args[1],
  };
}
function bigInt(...args) {
  const constraints = buildCompleteBigIntConstraints(extractBigIntConstraints(args));
  if (constraints.min > constraints.max) throw new Error('fc.bigInt expects max to be greater than or equal to min');
  return new BigIntArbitrary(constraints.min, constraints.max);
}
const stableObjectGetPrototypeOf$1 = Object.getPrototypeOf;
/** @internal */
var NoBiasArbitrary = class extends Arbitrary {
  constructor(arb) {
    super();
    this.arb = arb;
  }
  generate(mrng, _biasFactor) {
    return this.arb.generate(mrng, void 0);
  }
  canShrinkWithoutContext(value) {
    return this.arb.canShrinkWithoutContext(value);
  }
  shrink(value, context) {
    return this.arb.shrink(value, context);
  }
};
/**
 * Build an arbitrary without any bias.
 *
 * The produced instance wraps the source one and ensures the bias factor will always be passed to undefined meaning bias will be deactivated.
 * All the rest stays unchanged.
 *
 * @param arb - The original arbitrary used for generating values. This arbitrary remains unchanged.
 *
 * @remarks Since 3.20.0
 * @public
 */
function noBias(arb) {
  if (
    stableObjectGetPrototypeOf$1(arb) === NoBiasArbitrary.prototype &&
    arb.generate === NoBiasArbitrary.prototype.generate &&
    arb.canShrinkWithoutContext === NoBiasArbitrary.prototype.canShrinkWithoutContext &&
    arb.shrink === NoBiasArbitrary.prototype.shrink
  )
    return arb;
  return new NoBiasArbitrary(arb);
}
/** @internal */
function booleanMapper(v) {
  return v === 1;
}
/** @internal */
function booleanUnmapper(v) {
  if (typeof v !== 'boolean') throw new Error('Unsupported input type');
  return v === true ? 1 : 0;
}
/**
 * For boolean values - `true` or `false`
 * @remarks Since 0.0.6
 * @public
 */
function boolean() {
  return noBias(
    integer({
      min: 0,
      max: 1,
    }).map(booleanMapper, booleanUnmapper),
  );
}
const safeObjectIs$5 = Object.is;
/** @internal */
var FastConstantValuesLookup = class {
  constructor(values) {
    this.values = values;
    this.fastValues = new SSet(this.values);
    let hasMinusZero = false;
    let hasPlusZero = false;
    if (safeHas(this.fastValues, 0))
      for (let idx = 0; idx !== this.values.length; ++idx) {
        const value = this.values[idx];
        hasMinusZero = hasMinusZero || safeObjectIs$5(value, -0);
        hasPlusZero = hasPlusZero || safeObjectIs$5(value, 0);
      }
    this.hasMinusZero = hasMinusZero;
    this.hasPlusZero = hasPlusZero;
  }
  has(value) {
    if (value === 0) {
      if (safeObjectIs$5(value, 0)) return this.hasPlusZero;
      return this.hasMinusZero;
    }
    return safeHas(this.fastValues, value);
  }
};
/** @internal */
var ConstantArbitrary = class extends Arbitrary {
  constructor(values) {
    super();
    this.values = values;
  }
  generate(mrng, _biasFactor) {
    const idx = this.values.length === 1 ? 0 : mrng.nextInt(0, this.values.length - 1);
    const value = this.values[idx];
    if (!hasCloneMethod(value)) return new Value(value, idx);
    return new Value(value, idx, () => value[cloneMethod]());
  }
  canShrinkWithoutContext(value) {
    if (this.values.length === 1) return safeObjectIs$5(this.values[0], value);
    if (this.fastValues === void 0) this.fastValues = new FastConstantValuesLookup(this.values);
    return this.fastValues.has(value);
  }
  shrink(value, context) {
    if (context === 0 || safeObjectIs$5(value, this.values[0])) return Stream.nil();
    return Stream.of(new Value(this.values[0], 0));
  }
};
function constantFrom(...values) {
  if (values.length === 0) throw new Error('fc.constantFrom expects at least one parameter');
  return new ConstantArbitrary(values);
}
/**
 * For `value`
 * @param value - The value to produce
 * @remarks Since 0.0.1
 * @public
 */
function constant(value) {
  return new ConstantArbitrary([value]);
}
Number.isNaN;
Number.isNaN;
Array.isArray;
Number.isNaN;
const safePositiveInfinity$7 = Number.POSITIVE_INFINITY;
const safeMaxSafeInteger$2 = Number.MAX_SAFE_INTEGER;
const safeNumberIsInteger$4 = Number.isInteger;
const safeMathFloor$2 = Math.floor;
const safeMathPow = Math.pow;
const safeMathMin$3 = Math.min;
/** @internal */
var FrequencyArbitrary = class FrequencyArbitrary extends Arbitrary {
  static from(warbs, constraints, label) {
    if (warbs.length === 0) throw new Error(`${label} expects at least one weighted arbitrary`);
    let totalWeight = 0;
    for (let idx = 0; idx !== warbs.length; ++idx) {
      if (warbs[idx].arbitrary === void 0) throw new Error(`${label} expects arbitraries to be specified`);
      const currentWeight = warbs[idx].weight;
      totalWeight += currentWeight;
      if (!safeNumberIsInteger$4(currentWeight)) throw new Error(`${label} expects weights to be integer values`);
      if (currentWeight < 0) throw new Error(`${label} expects weights to be superior or equal to 0`);
    }
    if (totalWeight <= 0) throw new Error(`${label} expects the sum of weights to be strictly superior to 0`);
    const sanitizedConstraints = {
      depthBias: depthBiasFromSizeForArbitrary(constraints.depthSize, constraints.maxDepth !== void 0),
      maxDepth: constraints.maxDepth !== void 0 ? constraints.maxDepth : safePositiveInfinity$7,
      withCrossShrink: !!constraints.withCrossShrink,
    };
    return new FrequencyArbitrary(warbs, sanitizedConstraints, getDepthContextFor(constraints.depthIdentifier));
  }
  constructor(warbs, constraints, context) {
    super();
    this.warbs = warbs;
    this.constraints = constraints;
    this.context = context;
    let currentWeight = 0;
    this.cumulatedWeights = [];
    for (let idx = 0; idx !== warbs.length; ++idx) {
      currentWeight += warbs[idx].weight;
      safePush(this.cumulatedWeights, currentWeight);
    }
    this.totalWeight = currentWeight;
  }
  generate(mrng, biasFactor) {
    if (this.mustGenerateFirst()) return this.safeGenerateForIndex(mrng, 0, biasFactor);
    const selected = mrng.nextInt(this.computeNegDepthBenefit(), this.totalWeight - 1);
    for (let idx = 0; idx !== this.cumulatedWeights.length; ++idx)
      if (selected < this.cumulatedWeights[idx]) return this.safeGenerateForIndex(mrng, idx, biasFactor);
    throw new Error(`Unable to generate from fc.frequency`);
  }
  canShrinkWithoutContext(value) {
    return this.canShrinkWithoutContextIndex(value) !== -1;
  }
  shrink(value, context) {
    if (context !== void 0) {
      const safeContext = context;
      const selectedIndex = safeContext.selectedIndex;
      const originalBias = safeContext.originalBias;
      const originalShrinks = this.warbs[selectedIndex].arbitrary
        .shrink(value, safeContext.originalContext)
        .map((v) => this.mapIntoValue(selectedIndex, v, null, originalBias));
      if (safeContext.clonedMrngForFallbackFirst !== null) {
        if (safeContext.cachedGeneratedForFirst === void 0)
          safeContext.cachedGeneratedForFirst = this.safeGenerateForIndex(
            safeContext.clonedMrngForFallbackFirst,
            0,
            originalBias,
          );
        const valueFromFirst = safeContext.cachedGeneratedForFirst;
        return Stream.of(valueFromFirst).join(originalShrinks);
      }
      return originalShrinks;
    }
    const potentialSelectedIndex = this.canShrinkWithoutContextIndex(value);
    if (potentialSelectedIndex === -1) return Stream.nil();
    return this.defaultShrinkForFirst(potentialSelectedIndex).join(
      this.warbs[potentialSelectedIndex].arbitrary
        .shrink(value, void 0)
        .map((v) => this.mapIntoValue(potentialSelectedIndex, v, null, void 0)),
    );
  }
  /** Generate shrink values for first arbitrary when no context and no value was provided */
  defaultShrinkForFirst(selectedIndex) {
    ++this.context.depth;
    try {
      if (!this.mustFallbackToFirstInShrink(selectedIndex) || this.warbs[0].fallbackValue === void 0)
        return Stream.nil();
    } finally {
      --this.context.depth;
    }
    const rawShrinkValue = new Value(this.warbs[0].fallbackValue.default, void 0);
    return Stream.of(this.mapIntoValue(0, rawShrinkValue, null, void 0));
  }
  /** Extract the index of the generator that would have been able to gennrate the value */
  canShrinkWithoutContextIndex(value) {
    if (this.mustGenerateFirst()) return this.warbs[0].arbitrary.canShrinkWithoutContext(value) ? 0 : -1;
    try {
      ++this.context.depth;
      for (let idx = 0; idx !== this.warbs.length; ++idx) {
        const warb = this.warbs[idx];
        if (warb.weight !== 0 && warb.arbitrary.canShrinkWithoutContext(value)) return idx;
      }
      return -1;
    } finally {
      --this.context.depth;
    }
  }
  /** Map the output of one of the children with the context of frequency */
  mapIntoValue(idx, value, clonedMrngForFallbackFirst, biasFactor) {
    const context = {
      selectedIndex: idx,
      originalBias: biasFactor,
      originalContext: value.context,
      clonedMrngForFallbackFirst,
    };
    return new Value(value.value, context);
  }
  /** Generate using Arbitrary at index idx and safely handle depth context */
  safeGenerateForIndex(mrng, idx, biasFactor) {
    ++this.context.depth;
    try {
      const value = this.warbs[idx].arbitrary.generate(mrng, biasFactor);
      const clonedMrngForFallbackFirst = this.mustFallbackToFirstInShrink(idx) ? mrng.clone() : null;
      return this.mapIntoValue(idx, value, clonedMrngForFallbackFirst, biasFactor);
    } finally {
      --this.context.depth;
    }
  }
  /** Check if generating a value based on the first arbitrary is compulsory */
  mustGenerateFirst() {
    return this.constraints.maxDepth <= this.context.depth;
  }
  /** Check if fallback on first arbitrary during shrinking is required */
  mustFallbackToFirstInShrink(idx) {
    return idx !== 0 && this.constraints.withCrossShrink && this.warbs[0].weight !== 0;
  }
  /** Compute the benefit for the current depth */
  computeNegDepthBenefit() {
    const depthBias = this.constraints.depthBias;
    if (depthBias <= 0 || this.warbs[0].weight === 0) return 0;
    const depthBenefit = safeMathFloor$2(safeMathPow(1 + depthBias, this.context.depth)) - 1;
    return -safeMathMin$3(this.totalWeight * depthBenefit, safeMaxSafeInteger$2) || 0;
  }
};
const safeNumberIsInteger$3 = Number.isInteger;
function nat(arg) {
  const max = typeof arg === 'number' ? arg : arg && arg.max !== void 0 ? arg.max : 2147483647;
  if (max < 0) throw new Error('fc.nat value should be greater than or equal to 0');
  if (!safeNumberIsInteger$3(max)) throw new Error('fc.nat maximum value should be an integer');
  return new IntegerArbitrary(0, max);
}
String.fromCodePoint;
String.fromCharCode;
/**
 * For either nil or a value coming from `arb` with custom frequency
 *
 * @param arb - Arbitrary that will be called to generate a non nil value
 * @param constraints - Constraints on the option(since 1.17.0)
 *
 * @remarks Since 0.0.6
 * @public
 */
function option(arb, constraints = {}) {
  const freq = constraints.freq === void 0 ? 6 : constraints.freq;
  const nilValue = safeHasOwnProperty(constraints, 'nil') ? constraints.nil : null;
  const weightedArbs = [
    {
      arbitrary: constant(nilValue),
      weight: 1,
      fallbackValue: { default: nilValue },
    },
    {
      arbitrary: arb,
      weight: freq - 1,
    },
  ];
  const frequencyConstraints = {
    withCrossShrink: true,
    depthSize: constraints.depthSize,
    maxDepth: constraints.maxDepth,
    depthIdentifier: constraints.depthIdentifier,
  };
  return FrequencyArbitrary.from(weightedArbs, frequencyConstraints, 'fc.option');
}
const safeNegativeInfinity$6 = SNumber.NEGATIVE_INFINITY;
const safePositiveInfinity$6 = SNumber.POSITIVE_INFINITY;
const safeEpsilon = SNumber.EPSILON;
/** @internal */
const INDEX_POSITIVE_INFINITY$1 = SBigInt(2146435072) * SBigInt(4294967296);
/** @internal */
const INDEX_NEGATIVE_INFINITY$1 = -INDEX_POSITIVE_INFINITY$1 - SBigInt(1);
const num2Pow52 = 4503599627370496;
const big2Pow52Mask = SBigInt(0xfffffffffffff);
const big2Pow53 = SBigInt('9007199254740992');
const f64 = /* @__PURE__ */ new Float64Array(1);
const u32$1 = new Uint32Array(f64.buffer, f64.byteOffset);
/** @internal */
function bitCastDoubleToUInt64(f) {
  f64[0] = f;
  return [u32$1[1], u32$1[0]];
}
/**
 * Decompose a 64-bit floating point number into its interpreted parts:
 * - 53-bit significand (fraction) with implicit bit and sign included
 * - 11-bit exponent
 *
 * - Number.MAX_VALUE = 2**1023    * (1 + (2**52-1)/2**52)
 *                    = 2**1023    * (2 - Number.EPSILON)
 * - Number.MIN_VALUE = 2**(-1022) * 2**(-52)
 * - Number.EPSILON   = 2**(-52)
 *
 * @param d - 64-bit floating point number to be decomposed into (significand, exponent)
 *
 * @internal
 */
function decomposeDouble(d) {
  const { 0: hi, 1: lo } = bitCastDoubleToUInt64(d);
  const signBit = hi >>> 31;
  const exponentBits = (hi >>> 20) & 2047;
  const significandBits = (hi & 1048575) * 4294967296 + lo;
  const exponent = exponentBits === 0 ? -1022 : exponentBits - 1023;
  let significand = exponentBits === 0 ? 0 : 1;
  significand += significandBits * safeEpsilon;
  significand *= signBit === 0 ? 1 : -1;
  return {
    exponent,
    significand,
  };
}
/** @internal */
function indexInDoubleFromDecomp(exponent, significand) {
  if (exponent === -1022) return SBigInt(significand * num2Pow52);
  return SBigInt((significand - 1) * num2Pow52) + (SBigInt(exponent + 1023) << SBigInt(52));
}
/**
 * Compute the index of d relative to other available 64-bit floating point numbers
 * Rq: Produces negative indexes for negative doubles
 *
 * @param d - 64-bit floating point number, anything except NaN
 *
 * @internal
 */
function doubleToIndex(d) {
  if (d === safePositiveInfinity$6) return INDEX_POSITIVE_INFINITY$1;
  if (d === safeNegativeInfinity$6) return INDEX_NEGATIVE_INFINITY$1;
  const decomp = decomposeDouble(d);
  const exponent = decomp.exponent;
  const significand = decomp.significand;
  if (d > 0 || (d === 0 && 1 / d === safePositiveInfinity$6)) return indexInDoubleFromDecomp(exponent, significand);
  else return -indexInDoubleFromDecomp(exponent, -significand) - SBigInt(1);
}
/**
 * Compute the 64-bit floating point number corresponding to the provided indexes
 *
 * @param n - index of the double
 *
 * @internal
 */
function indexToDouble(index) {
  if (index < 0) return -indexToDouble(-index - SBigInt(1));
  if (index === INDEX_POSITIVE_INFINITY$1) return safePositiveInfinity$6;
  if (index < big2Pow53) return SNumber(index) * 2 ** -1074;
  const postIndex = index - big2Pow53;
  const exponent = -1021 + SNumber(postIndex >> SBigInt(52));
  return (1 + SNumber(postIndex & big2Pow52Mask) * safeEpsilon) * 2 ** exponent;
}
const safeNumberIsInteger$2 = Number.isInteger;
const safeObjectIs$1 = Object.is;
const safeNegativeInfinity$5 = Number.NEGATIVE_INFINITY;
const safePositiveInfinity$5 = Number.POSITIVE_INFINITY;
/** @internals */
function refineConstraintsForFloatingOnly(constraints, maxValue, maxNonIntegerValue, onlyIntegersAfterThisValue) {
  const {
    noDefaultInfinity = false,
    minExcluded = false,
    maxExcluded = false,
    min = noDefaultInfinity ? -maxValue : safeNegativeInfinity$5,
    max = noDefaultInfinity ? maxValue : safePositiveInfinity$5,
  } = constraints;
  const effectiveMin = minExcluded
    ? min < -maxNonIntegerValue
      ? -onlyIntegersAfterThisValue
      : Math.max(min, -maxNonIntegerValue)
    : min === safeNegativeInfinity$5
      ? Math.max(min, -onlyIntegersAfterThisValue)
      : Math.max(min, -maxNonIntegerValue);
  const effectiveMax = maxExcluded
    ? max > maxNonIntegerValue
      ? onlyIntegersAfterThisValue
      : Math.min(max, maxNonIntegerValue)
    : max === safePositiveInfinity$5
      ? Math.min(max, onlyIntegersAfterThisValue)
      : Math.min(max, maxNonIntegerValue);
  return {
    noDefaultInfinity: false,
    minExcluded:
      minExcluded || ((min !== safeNegativeInfinity$5 || minExcluded) && safeNumberIsInteger$2(effectiveMin)),
    maxExcluded:
      maxExcluded || ((max !== safePositiveInfinity$5 || maxExcluded) && safeNumberIsInteger$2(effectiveMax)),
    min: safeObjectIs$1(effectiveMin, -0) ? 0 : effectiveMin,
    max: safeObjectIs$1(effectiveMax, 0) ? -0 : effectiveMax,
    noNaN: constraints.noNaN || false,
  };
}
const safeNegativeInfinity$4 = Number.NEGATIVE_INFINITY;
const safePositiveInfinity$4 = Number.POSITIVE_INFINITY;
const safeMaxValue$2 = Number.MAX_VALUE;
const maxNonIntegerValue$1 = 4503599627370495.5;
const onlyIntegersAfterThisValue$1 = 4503599627370496;
/**
 * Refine source constraints receive by a double to focus only on non-integer values.
 * @param constraints - Source constraints to be refined
 */
function refineConstraintsForDoubleOnly(constraints) {
  return refineConstraintsForFloatingOnly(
    constraints,
    safeMaxValue$2,
    maxNonIntegerValue$1,
    onlyIntegersAfterThisValue$1,
  );
}
function doubleOnlyMapper(value) {
  return value === 4503599627370496
    ? safePositiveInfinity$4
    : value === -4503599627370496
      ? safeNegativeInfinity$4
      : value;
}
function doubleOnlyUnmapper(value) {
  if (typeof value !== 'number') throw new Error('Unsupported type');
  return value === safePositiveInfinity$4
    ? onlyIntegersAfterThisValue$1
    : value === safeNegativeInfinity$4
      ? -4503599627370496
      : value;
}
const safeNumberIsInteger$1 = Number.isInteger;
const safeNumberIsNaN$1 = Number.isNaN;
const safeNegativeInfinity$3 = Number.NEGATIVE_INFINITY;
const safePositiveInfinity$3 = Number.POSITIVE_INFINITY;
const safeMaxValue$1 = Number.MAX_VALUE;
const safeNaN$1 = NaN;
/**
 * Same as {@link doubleToIndex} except it throws in case of invalid double (NaN)
 *
 * @internal
 */
function safeDoubleToIndex(d, constraintsLabel) {
  if (safeNumberIsNaN$1(d)) throw new Error('fc.double constraints.' + constraintsLabel + ' must be a 64-bit float');
  return doubleToIndex(d);
}
/** @internal */
function unmapperDoubleToIndex(value) {
  if (typeof value !== 'number') throw new Error('Unsupported type');
  return doubleToIndex(value);
}
/** @internal */
function numberIsNotInteger$1(value) {
  return !safeNumberIsInteger$1(value);
}
/** @internal */
function anyDouble(constraints) {
  const {
    noDefaultInfinity = false,
    noNaN = false,
    minExcluded = false,
    maxExcluded = false,
    min = noDefaultInfinity ? -safeMaxValue$1 : safeNegativeInfinity$3,
    max = noDefaultInfinity ? safeMaxValue$1 : safePositiveInfinity$3,
  } = constraints;
  const minIndexRaw = safeDoubleToIndex(min, 'min');
  const minIndex = minExcluded ? minIndexRaw + SBigInt(1) : minIndexRaw;
  const maxIndexRaw = safeDoubleToIndex(max, 'max');
  const maxIndex = maxExcluded ? maxIndexRaw - SBigInt(1) : maxIndexRaw;
  if (maxIndex < minIndex) throw new Error('fc.double constraints.min must be smaller or equal to constraints.max');
  if (noNaN)
    return bigInt({
      min: minIndex,
      max: maxIndex,
    }).map(indexToDouble, unmapperDoubleToIndex);
  const positiveMaxIdx = maxIndex > SBigInt(0);
  const minIndexWithNaN = positiveMaxIdx ? minIndex : minIndex - SBigInt(1);
  const maxIndexWithNaN = positiveMaxIdx ? maxIndex + SBigInt(1) : maxIndex;
  return bigInt({
    min: minIndexWithNaN,
    max: maxIndexWithNaN,
  }).map(
    (index) => {
      if (maxIndex < index || index < minIndex) return safeNaN$1;
      else return indexToDouble(index);
    },
    (value) => {
      if (typeof value !== 'number') throw new Error('Unsupported type');
      if (safeNumberIsNaN$1(value)) return maxIndex !== maxIndexWithNaN ? maxIndexWithNaN : minIndexWithNaN;
      return doubleToIndex(value);
    },
  );
}
/**
 * For 64-bit floating point numbers:
 * - sign: 1 bit
 * - significand: 52 bits
 * - exponent: 11 bits
 *
 * @param constraints - Constraints to apply when building instances (since 2.8.0)
 *
 * @remarks Since 0.0.6
 * @public
 */
function double(constraints = {}) {
  if (!constraints.noInteger) return anyDouble(constraints);
  return anyDouble(refineConstraintsForDoubleOnly(constraints))
    .map(doubleOnlyMapper, doubleOnlyUnmapper)
    .filter(numberIsNotInteger$1);
}
const f32 = /* @__PURE__ */ new Float32Array(1);
new Uint32Array(f32.buffer, f32.byteOffset);
Number.isInteger;
Number.isNaN;
Number.parseInt;
const safeObjectKeys$1 = Object.keys;
const safeObjectGetOwnPropertySymbols$1 = Object.getOwnPropertySymbols;
const safeObjectGetOwnPropertyDescriptor$1 = Object.getOwnPropertyDescriptor;
/** @internal */
function extractEnumerableKeys(instance) {
  const keys = safeObjectKeys$1(instance);
  const symbols = safeObjectGetOwnPropertySymbols$1(instance);
  for (let index = 0; index !== symbols.length; ++index) {
    const symbol = symbols[index];
    const descriptor = safeObjectGetOwnPropertyDescriptor$1(instance, symbol);
    if (descriptor && descriptor.enumerable) keys.push(symbol);
  }
  return keys;
}
const safeObjectCreate$2 = Object.create;
const safeObjectDefineProperty = Object.defineProperty;
const safeObjectGetOwnPropertyDescriptor = Object.getOwnPropertyDescriptor;
const safeObjectGetOwnPropertyNames = Object.getOwnPropertyNames;
const safeObjectGetOwnPropertySymbols = Object.getOwnPropertySymbols;
/** @internal */
function buildValuesAndSeparateKeysToObjectMapper(keys, noKeyValue) {
  return function valuesAndSeparateKeysToObjectMapper(definition) {
    const obj = definition[definition.length - 1] ? safeObjectCreate$2(null) : {};
    for (let idx = 0; idx !== keys.length; ++idx) {
      const valueWrapper = definition[idx];
      if (valueWrapper !== noKeyValue) {
        const key = keys[idx];
        if (key === '__proto__')
          safeObjectDefineProperty(obj, key, {
            value: valueWrapper,
            configurable: true,
            enumerable: true,
            writable: true,
          });
        else obj[key] = valueWrapper;
      }
    }
    return obj;
  };
}
/** @internal */
function buildValuesAndSeparateKeysToObjectUnmapper(keys, noKeyValue) {
  return function valuesAndSeparateKeysToObjectUnmapper(value) {
    if (typeof value !== 'object' || value === null)
      throw new Error('Incompatible instance received: should be a non-null object');
    const hasNullPrototype = Object.getPrototypeOf(value) === null;
    const hasObjectPrototype = 'constructor' in value && value.constructor === Object;
    if (!hasNullPrototype && !hasObjectPrototype)
      throw new Error('Incompatible instance received: should be of exact type Object');
    let extractedPropertiesCount = 0;
    const extractedValues = [];
    for (let idx = 0; idx !== keys.length; ++idx) {
      const descriptor = safeObjectGetOwnPropertyDescriptor(value, keys[idx]);
      if (descriptor !== void 0) {
        if (!descriptor.configurable || !descriptor.enumerable || !descriptor.writable)
          throw new Error('Incompatible instance received: should contain only c/e/w properties');
        if (descriptor.get !== void 0 || descriptor.set !== void 0)
          throw new Error('Incompatible instance received: should contain only no get/set properties');
        ++extractedPropertiesCount;
        safePush(extractedValues, descriptor.value);
      } else safePush(extractedValues, noKeyValue);
    }
    const namePropertiesCount = safeObjectGetOwnPropertyNames(value).length;
    const symbolPropertiesCount = safeObjectGetOwnPropertySymbols(value).length;
    if (extractedPropertiesCount !== namePropertiesCount + symbolPropertiesCount)
      throw new Error('Incompatible instance received: should not contain extra properties');
    return [...extractedValues, hasNullPrototype];
  };
}
const noKeyValue = Symbol('no-key');
/** @internal */
function buildPartialRecordArbitrary(recordModel, requiredKeys, noNullPrototype) {
  const keys = extractEnumerableKeys(recordModel);
  const arbs = [];
  for (let index = 0; index !== keys.length; ++index) {
    const k = keys[index];
    const requiredArbitrary = recordModel[k];
    if (requiredKeys === void 0 || safeIndexOf(requiredKeys, k) !== -1) safePush(arbs, requiredArbitrary);
    else safePush(arbs, option(requiredArbitrary, { nil: noKeyValue }));
  }
  return tuple(...arbs, noNullPrototype ? constant(false) : boolean()).map(
    buildValuesAndSeparateKeysToObjectMapper(keys, noKeyValue),
    buildValuesAndSeparateKeysToObjectUnmapper(keys, noKeyValue),
  );
}
function record(recordModel, constraints) {
  const noNullPrototype = constraints !== void 0 && !!constraints.noNullPrototype;
  if (constraints === void 0) return buildPartialRecordArbitrary(recordModel, void 0, noNullPrototype);
  if (!('requiredKeys' in constraints && constraints.requiredKeys !== void 0))
    return buildPartialRecordArbitrary(recordModel, void 0, noNullPrototype);
  const requiredKeys = ('requiredKeys' in constraints ? constraints.requiredKeys : void 0) || [];
  for (let idx = 0; idx !== requiredKeys.length; ++idx) {
    const descriptor = Object.getOwnPropertyDescriptor(recordModel, requiredKeys[idx]);
    if (descriptor === void 0)
      throw new Error(`requiredKeys cannot reference keys that have not been defined in recordModel`);
    if (!descriptor.enumerable)
      throw new Error(`requiredKeys cannot reference keys that are not enumerable in recordModel`);
  }
  return buildPartialRecordArbitrary(recordModel, requiredKeys, noNullPrototype);
}
SArray.isArray;
String.fromCharCode;
Array.isArray;
/** @internal */
function numberToPaddedEightMapper(n) {
  return safePadStart(safeNumberToString(n, 16), 8, '0');
}
/** @internal */
function numberToPaddedEightUnmapper(value) {
  if (typeof value !== 'string') throw new Error('Unsupported type');
  if (value.length !== 8) throw new Error('Unsupported value: invalid length');
  const n = parseInt(value, 16);
  if (value !== numberToPaddedEightMapper(n)) throw new Error('Unsupported value: invalid content');
  return n;
}
/** @internal */
function buildPaddedNumberArbitrary(min, max) {
  return integer({
    min,
    max,
  }).map(numberToPaddedEightMapper, numberToPaddedEightUnmapper);
}
/** @internal */
function paddedEightsToUuidMapper(t) {
  return `${t[0]}-${safeSubstring(t[1], 4)}-${safeSubstring(t[1], 0, 4)}-${safeSubstring(t[2], 0, 4)}-${safeSubstring(t[2], 4)}${t[3]}`;
}
/** @internal */
const UuidRegex = /^([0-9a-f]{8})-([0-9a-f]{4})-([0-9a-f]{4})-([0-9a-f]{4})-([0-9a-f]{12})$/;
/** @internal */
function paddedEightsToUuidUnmapper(value) {
  if (typeof value !== 'string') throw new Error('Unsupported type');
  const m = UuidRegex.exec(value);
  if (m === null) throw new Error('Unsupported type');
  return [m[1], m[3] + m[2], m[4] + safeSubstring(m[5], 0, 4), safeSubstring(m[5], 4)];
}
/** @internal */
const quickNumberToHexaString = '0123456789abcdef';
/** @internal */
function buildVersionsAppliersForUuid(versions) {
  const mapping = {};
  const reversedMapping = {};
  for (let index = 0; index !== versions.length; ++index) {
    const from = quickNumberToHexaString[index];
    const to = quickNumberToHexaString[versions[index]];
    mapping[from] = to;
    reversedMapping[to] = from;
  }
  function versionsApplierMapper(value) {
    return mapping[value[0]] + safeSubstring(value, 1);
  }
  function versionsApplierUnmapper(value) {
    if (typeof value !== 'string') throw new SError('Cannot produce non-string values');
    const rev = reversedMapping[value[0]];
    if (rev === void 0) throw new SError('Cannot produce strings not starting by the version in hexa code');
    return rev + safeSubstring(value, 1);
  }
  return {
    versionsApplierMapper,
    versionsApplierUnmapper,
  };
}
/** @internal */
function assertValidVersions(versions) {
  const found = {};
  for (const version of versions) {
    if (found[version]) throw new SError(`Version ${version} has been requested at least twice for uuid`);
    found[version] = true;
    if (version < 1 || version > 15)
      throw new SError(`Version must be a value in [1-15] for uuid, but received ${version}`);
    if (~~version !== version) throw new SError(`Version must be an integer value for uuid, but received ${version}`);
  }
  if (versions.length === 0) throw new SError(`Must provide at least one version for uuid`);
}
/**
 * For UUID from v1 to v5
 *
 * According to {@link https://tools.ietf.org/html/rfc4122 | RFC 4122}
 *
 * No mixed case, only lower case digits (0-9a-f)
 *
 * @remarks Since 1.17.0
 * @public
 */
function uuid(constraints = {}) {
  const padded = buildPaddedNumberArbitrary(0, 4294967295);
  const version =
    constraints.version !== void 0
      ? typeof constraints.version === 'number'
        ? [constraints.version]
        : constraints.version
      : [1, 2, 3, 4, 5, 6, 7, 8];
  assertValidVersions(version);
  const { versionsApplierMapper, versionsApplierUnmapper } = buildVersionsAppliersForUuid(version);
  return tuple(
    padded,
    buildPaddedNumberArbitrary(0, 268435456 * version.length - 1).map(versionsApplierMapper, versionsApplierUnmapper),
    buildPaddedNumberArbitrary(2147483648, 3221225471),
    padded,
  ).map(paddedEightsToUuidMapper, paddedEightsToUuidUnmapper);
}
inverseMap({
  ASCII: 'ASCII',
  ASCII_Hex_Digit: 'AHex',
  Alphabetic: 'Alpha',
  Any: 'Any',
  Assigned: 'Assigned',
  Bidi_Control: 'Bidi_C',
  Bidi_Mirrored: 'Bidi_M',
  Case_Ignorable: 'CI',
  Cased: 'Cased',
  Changes_When_Casefolded: 'CWCF',
  Changes_When_Casemapped: 'CWCM',
  Changes_When_Lowercased: 'CWL',
  Changes_When_NFKC_Casefolded: 'CWKCF',
  Changes_When_Titlecased: 'CWT',
  Changes_When_Uppercased: 'CWU',
  Dash: 'Dash',
  Default_Ignorable_Code_Point: 'DI',
  Deprecated: 'Dep',
  Diacritic: 'Dia',
  Emoji: 'Emoji',
  Emoji_Component: 'Emoji_Component',
  Emoji_Modifier: 'Emoji_Modifier',
  Emoji_Modifier_Base: 'Emoji_Modifier_Base',
  Emoji_Presentation: 'Emoji_Presentation',
  Extended_Pictographic: 'Extended_Pictographic',
  Extender: 'Ext',
  Grapheme_Base: 'Gr_Base',
  Grapheme_Extend: 'Gr_Ext',
  Hex_Digit: 'Hex',
  IDS_Binary_Operator: 'IDSB',
  IDS_Trinary_Operator: 'IDST',
  ID_Continue: 'IDC',
  ID_Start: 'IDS',
  Ideographic: 'Ideo',
  Join_Control: 'Join_C',
  Logical_Order_Exception: 'LOE',
  Lowercase: 'Lower',
  Math: 'Math',
  Noncharacter_Code_Point: 'NChar',
  Pattern_Syntax: 'Pat_Syn',
  Pattern_White_Space: 'Pat_WS',
  Quotation_Mark: 'QMark',
  Radical: 'Radical',
  Regional_Indicator: 'RI',
  Sentence_Terminal: 'STerm',
  Soft_Dotted: 'SD',
  Terminal_Punctuation: 'Term',
  Unified_Ideograph: 'UIdeo',
  Uppercase: 'Upper',
  Variation_Selector: 'VS',
  White_Space: 'space',
  XID_Continue: 'XIDC',
  XID_Start: 'XIDS',
});
inverseMap({
  Cased_Letter: 'LC',
  Close_Punctuation: 'Pe',
  Connector_Punctuation: 'Pc',
  Control: ['Cc', 'cntrl'],
  Currency_Symbol: 'Sc',
  Dash_Punctuation: 'Pd',
  Decimal_Number: ['Nd', 'digit'],
  Enclosing_Mark: 'Me',
  Final_Punctuation: 'Pf',
  Format: 'Cf',
  Initial_Punctuation: 'Pi',
  Letter: 'L',
  Letter_Number: 'Nl',
  Line_Separator: 'Zl',
  Lowercase_Letter: 'Ll',
  Mark: ['M', 'Combining_Mark'],
  Math_Symbol: 'Sm',
  Modifier_Letter: 'Lm',
  Modifier_Symbol: 'Sk',
  Nonspacing_Mark: 'Mn',
  Number: 'N',
  Open_Punctuation: 'Ps',
  Other: 'C',
  Other_Letter: 'Lo',
  Other_Number: 'No',
  Other_Punctuation: 'Po',
  Other_Symbol: 'So',
  Paragraph_Separator: 'Zp',
  Private_Use: 'Co',
  Punctuation: ['P', 'punct'],
  Separator: 'Z',
  Space_Separator: 'Zs',
  Spacing_Mark: 'Mc',
  Surrogate: 'Cs',
  Symbol: 'S',
  Titlecase_Letter: 'Lt',
  Unassigned: 'Cn',
  Uppercase_Letter: 'Lu',
});
inverseMap({
  Adlam: 'Adlm',
  Ahom: 'Ahom',
  Anatolian_Hieroglyphs: 'Hluw',
  Arabic: 'Arab',
  Armenian: 'Armn',
  Avestan: 'Avst',
  Balinese: 'Bali',
  Bamum: 'Bamu',
  Bassa_Vah: 'Bass',
  Batak: 'Batk',
  Bengali: 'Beng',
  Bhaiksuki: 'Bhks',
  Bopomofo: 'Bopo',
  Brahmi: 'Brah',
  Braille: 'Brai',
  Buginese: 'Bugi',
  Buhid: 'Buhd',
  Canadian_Aboriginal: 'Cans',
  Carian: 'Cari',
  Caucasian_Albanian: 'Aghb',
  Chakma: 'Cakm',
  Cham: 'Cham',
  Cherokee: 'Cher',
  Common: 'Zyyy',
  Coptic: ['Copt', 'Qaac'],
  Cuneiform: 'Xsux',
  Cypriot: 'Cprt',
  Cyrillic: 'Cyrl',
  Deseret: 'Dsrt',
  Devanagari: 'Deva',
  Dogra: 'Dogr',
  Duployan: 'Dupl',
  Egyptian_Hieroglyphs: 'Egyp',
  Elbasan: 'Elba',
  Ethiopic: 'Ethi',
  Georgian: 'Geor',
  Glagolitic: 'Glag',
  Gothic: 'Goth',
  Grantha: 'Gran',
  Greek: 'Grek',
  Gujarati: 'Gujr',
  Gunjala_Gondi: 'Gong',
  Gurmukhi: 'Guru',
  Han: 'Hani',
  Hangul: 'Hang',
  Hanifi_Rohingya: 'Rohg',
  Hanunoo: 'Hano',
  Hatran: 'Hatr',
  Hebrew: 'Hebr',
  Hiragana: 'Hira',
  Imperial_Aramaic: 'Armi',
  Inherited: ['Zinh', 'Qaai'],
  Inscriptional_Pahlavi: 'Phli',
  Inscriptional_Parthian: 'Prti',
  Javanese: 'Java',
  Kaithi: 'Kthi',
  Kannada: 'Knda',
  Katakana: 'Kana',
  Kayah_Li: 'Kali',
  Kharoshthi: 'Khar',
  Khmer: 'Khmr',
  Khojki: 'Khoj',
  Khudawadi: 'Sind',
  Lao: 'Laoo',
  Latin: 'Latn',
  Lepcha: 'Lepc',
  Limbu: 'Limb',
  Linear_A: 'Lina',
  Linear_B: 'Linb',
  Lisu: 'Lisu',
  Lycian: 'Lyci',
  Lydian: 'Lydi',
  Mahajani: 'Mahj',
  Makasar: 'Maka',
  Malayalam: 'Mlym',
  Mandaic: 'Mand',
  Manichaean: 'Mani',
  Marchen: 'Marc',
  Medefaidrin: 'Medf',
  Masaram_Gondi: 'Gonm',
  Meetei_Mayek: 'Mtei',
  Mende_Kikakui: 'Mend',
  Meroitic_Cursive: 'Merc',
  Meroitic_Hieroglyphs: 'Mero',
  Miao: 'Plrd',
  Modi: 'Modi',
  Mongolian: 'Mong',
  Mro: 'Mroo',
  Multani: 'Mult',
  Myanmar: 'Mymr',
  Nabataean: 'Nbat',
  New_Tai_Lue: 'Talu',
  Newa: 'Newa',
  Nko: 'Nkoo',
  Nushu: 'Nshu',
  Ogham: 'Ogam',
  Ol_Chiki: 'Olck',
  Old_Hungarian: 'Hung',
  Old_Italic: 'Ital',
  Old_North_Arabian: 'Narb',
  Old_Permic: 'Perm',
  Old_Persian: 'Xpeo',
  Old_Sogdian: 'Sogo',
  Old_South_Arabian: 'Sarb',
  Old_Turkic: 'Orkh',
  Oriya: 'Orya',
  Osage: 'Osge',
  Osmanya: 'Osma',
  Pahawh_Hmong: 'Hmng',
  Palmyrene: 'Palm',
  Pau_Cin_Hau: 'Pauc',
  Phags_Pa: 'Phag',
  Phoenician: 'Phnx',
  Psalter_Pahlavi: 'Phlp',
  Rejang: 'Rjng',
  Runic: 'Runr',
  Samaritan: 'Samr',
  Saurashtra: 'Saur',
  Sharada: 'Shrd',
  Shavian: 'Shaw',
  Siddham: 'Sidd',
  SignWriting: 'Sgnw',
  Sinhala: 'Sinh',
  Sogdian: 'Sogd',
  Sora_Sompeng: 'Sora',
  Soyombo: 'Soyo',
  Sundanese: 'Sund',
  Syloti_Nagri: 'Sylo',
  Syriac: 'Syrc',
  Tagalog: 'Tglg',
  Tagbanwa: 'Tagb',
  Tai_Le: 'Tale',
  Tai_Tham: 'Lana',
  Tai_Viet: 'Tavt',
  Takri: 'Takr',
  Tamil: 'Taml',
  Tangut: 'Tang',
  Telugu: 'Telu',
  Thaana: 'Thaa',
  Thai: 'Thai',
  Tibetan: 'Tibt',
  Tifinagh: 'Tfng',
  Tirhuta: 'Tirh',
  Ugaritic: 'Ugar',
  Vai: 'Vaii',
  Warang_Citi: 'Wara',
  Yi: 'Yiii',
  Zanabazar_Square: 'Zanb',
});
function inverseMap(data) {
  const inverse = {};
  for (const name of Object.keys(data)) {
    const value = data[name];
    if (Array.isArray(value)) for (let i = 0; i !== value.length; ++i) inverse[value[i]] = name;
    else inverse[value] = name;
  }
  return inverse;
}
String.fromCodePoint;
String.fromCodePoint;
String.fromCodePoint;
const wordChars = [...'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789_'];
const digitChars = [...'0123456789'];
const spaceChars = [...' 	\r\n\v\f'];
const newLineChars = [...'\r\n'];
const terminatorChars = [...''];
const newLineAndTerminatorChars = [...newLineChars, ...terminatorChars];
new SSet(wordChars);
new SSet(digitChars);
new SSet(spaceChars);
new SSet(terminatorChars);
new SSet(newLineAndTerminatorChars);
typeof performance !== 'undefined' ? performance.now.bind(performance) : Date.now.bind(Date);
// core/test/projects.ts
/** A trailer to start tests from: complete, inch or metric. */
const sampleTrailer = (units = 'imperial') =>
  trailerOf(
    newProject({
      id: 'sample',
      name: 'Sample',
      units,
      newId: () => 'load',
    }),
  );
const steel = SECTION_ROWS.filter(({ family, shape }) => family === 'steel' && shape.kind === 'rect-tube');
const aluminum = SECTION_ROWS.filter(({ family, shape }) => family === 'aluminum' && shape.kind === 'rect-tube');
const number = (min, max) =>
  double({
    min,
    max,
    noNaN: true,
  });
const item = record({
  id: uuid(),
  massKg: number(0, 1500),
  x: number(-1, 4),
  y: number(-0.8, 0.8),
  length: number(0, 3),
  width: number(0, 1.5),
  height: number(0, 1.5),
  on: constantFrom('deck', 'rail', 'tongue', 'axle'),
  from: constantFrom('front', 'rear', 'ball', 'axle'),
  kind: constantFrom('fixed', 'cargo', 'tank'),
}).map(({ id, massKg, x, y, length, width, height, on, from, kind }) => ({
  id: `item.${id}`,
  name: 'Thing',
  kind,
  massKg: {
    value: massKg,
    basis: 'guessed',
    tolerance: 0,
  },
  emptyMassKg: kind === 'tank' ? 12 : 0,
  sizeM: {
    lengthM: length,
    widthM: width,
    heightM: height,
  },
  attach: {
    on,
    from,
    hostId: null,
    offsetM: {
      value: x,
      basis: 'guessed',
      tolerance: 0,
    },
    rightM: y,
    aboveM: 0,
  },
}));
const tongueOf = ({ style, rise, byM, jointed, tongue, under }) => {
  const made = {
    ...PLAIN_TONGUE,
    lengthM: tongue,
    rise: {
      kind: rise,
      byM,
    },
    topPlate: jointed
      ? {
          lengthM: 0.3,
          widthM: 0.2,
          thicknessM: 0.005,
        }
      : null,
    capped: jointed,
  };
  if (style === 'a-frame')
    return {
      ...made,
      kind: 'a-frame',
      includedAngleRad: 0.87,
      rearEnd: under > 1 ? 'under' : 'header',
      apexBehindBallM: 0.05,
    };
  const tube = {
    ...made,
    underM: under < 1 ? 0 : under,
    tipBehindBallM: 0.05,
    joint: {
      ...FIXED_JOINT,
      kind: jointed ? 'folding' : 'fixed',
    },
  };
  return style === 'straight'
    ? {
        ...tube,
        kind: 'straight',
      }
    : {
        ...tube,
        kind: 'backbone',
        sideTubesAheadM: tongue / 2,
        sideTubeAngleRad: 0.44,
      };
};
record({
  units: constantFrom('imperial', 'metric'),
  alu: boolean(),
  section: nat(),
  length: number(0.5, 8),
  width: number(0.3, 2.4),
  tongue: number(0.2, 3),
  position: number(-2, 9),
  style: constantFrom('a-frame', 'straight', 'backbone'),
  rise: constantFrom('level', 'sloped', 'stepped'),
  byM: number(-0.5, 0.5),
  jointed: boolean(),
  under: number(0, 3),
  layout: constantFrom(
    'none',
    'single',
    'tandem-equaliser',
    'tandem-independent',
    'triple-equaliser',
    'triple-independent',
  ),
  suspension: constantFrom('leaf', 'torsion', 'stub', 'none', 'unknown'),
  corner: constantFrom('rails-through', 'headers-through', 'mitred'),
  spacing: number(0.1, 3),
  items: array(item, { maxLength: 5 }),
  axle: nat(),
  tire: nat(),
  unknown: boolean(),
  sides: boolean(),
  arms: tuple(number(0.5, 2), number(0.5, 2)),
}).map((r) => {
  const base = sampleTrailer(r.units);
  const rows = r.alu ? aluminum : steel;
  const row = rows[r.section % rows.length];
  const bar = {
    sectionId: row?.id ?? '',
    materialId: row?.usualMaterialId ?? '',
  };
  return {
    ...base,
    frame: {
      ...base.frame,
      bed: {
        lengthM: r.length,
        widthM: r.width,
        corner: r.corner,
      },
      groups: {
        rail: bar,
        header: bar,
        cross: bar,
        tongue: bar,
        side: bar,
      },
      crossMembers: {
        kind: 'spacing',
        maxSpacingM: r.spacing,
      },
      tongue: tongueOf(r),
      sides: r.sides
        ? {
            kind: 'rail',
            heightM: 0.4,
          }
        : { kind: 'none' },
    },
    runningGear: {
      ...base.runningGear,
      layout: r.layout,
      positionM: r.position,
      equaliserArms: r.arms,
      axle: {
        ...axleFromCatalog(AXLE_ROWS[r.axle % AXLE_ROWS.length]?.id ?? ''),
        ratingKg: r.unknown ? null : 1e3,
        homeBuilt: r.sides
          ? {
              wallM: 0.006,
              yieldPa: 25e7,
            }
          : null,
      },
      tire: tireFromCatalog(TIRE_ROWS[r.tire % TIRE_ROWS.length]?.id ?? ''),
      suspension: {
        ...base.runningGear.suspension,
        kind: r.suspension,
      },
    },
    items: r.items,
    cases: base.cases.map((loadCase) => ({
      ...loadCase,
      aboard:
        loadCase.id === 'case.empty'
          ? []
          : r.items.map(({ id }) => ({
              itemId: id,
              fill: 0.5,
              shiftM: 0,
            })),
    })),
  };
});
// core/test/fuzz/extremes.ts
/** Small repeatable source of chance (mulberry32): the same seed gives the same trailers on every machine. */
const chanceOf = (seed) => {
  let state = seed >>> 0;
  const next = () => {
    state = (state + 1831565813) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
  return {
    next,
    pick: (from) => from[Math.floor(next() * from.length)],
  };
};
const defOf = ({ def }) => def;
const bare = (schema) => {
  const { innerType } = defOf(schema);
  return innerType ? bare(innerType) : schema;
};
/** Every value of a project that is not itself an object or a list, with the schema that rules it. */
const leavesOf = (value, schema, at = []) => {
  const { shape, element, options, items, valueType } = defOf(bare(schema));
  if (Array.isArray(value)) {
    const inner = (index) => element ?? items?.[index];
    return value.flatMap((entry, index) => {
      const ruled = inner(index);
      return ruled ? leavesOf(entry, ruled, [...at, index]) : [];
    });
  }
  if (typeof value === 'object' && value !== null) {
    const kind = value.kind;
    const own =
      shape ??
      options
        ?.map((option) => defOf(option).shape)
        .find((fields) => fields?.['kind'] !== void 0 && bare(fields['kind']).safeParse(kind).success);
    return Object.entries(value).flatMap(([name, entry]) => {
      const ruled = own?.[name] ?? valueType;
      return ruled ? leavesOf(entry, ruled, [...at, name]) : [];
    });
  }
  return [
    {
      at,
      schema,
      value,
    },
  ];
};
const replaced = (value, [step, ...rest], by) => {
  if (step === void 0) return by;
  if (Array.isArray(value)) return value.map((entry, index) => (index === step ? replaced(entry, rest, by) : entry));
  return {
    ...value,
    [step]: replaced(value[step], rest, by),
  };
};
/** An extreme value that the schema still lets through. */
const extremeFor = ({ schema, value }, chance) => {
  const { type } = defOf(schema);
  if (type === 'nullable' && chance.next() < 0.3) return null;
  const inner = bare(schema);
  switch (defOf(inner).type) {
    case 'number': {
      const { minValue, maxValue, isInt } = inner;
      const least = minValue ?? -1e9;
      const most = maxValue ?? 1e9;
      const small = Math.max(least, most * 10 ** -(2 + 6 * chance.next()));
      const between = least + (most - least) * chance.next();
      const found = chance.pick([
        least,
        most,
        least <= 0 ? 0 : least,
        small,
        between,
        typeof value === 'number' ? value * 3 : most,
      ]);
      const held = Math.min(most, Math.max(least, found));
      return isInt ? Math.round(held) : held;
    }
    case 'enum':
      return chance.pick(inner.options);
    case 'boolean':
      return chance.next() < 0.5;
    case 'string':
      return value === null ? 'x' : chance.pick(['', 'constructor', '__proto__', '<b>x</b>', '⅓ – 1’500', value]);
    default:
      return value;
  }
};
/** A project with some of its values at their extremes, all of them allowed; undefined where the change broke a reference. */
const extremeProject = (seed) => {
  const chance = chanceOf(seed);
  let project = chance.pick([...DEMO_PROJECTS, asProject(sampleTrailer()), asProject(sampleTrailer('metric'))]);
  const changes = 1 + Math.floor(chance.next() * 12);
  for (let change = 0; change < changes; change += 1) {
    const leaves = leavesOf(project, projectSchema).filter(
      ({ at }) => at[0] === 'design' && !['id', 'name'].includes(String(at.at(-1))),
    );
    const leaf = chance.pick(leaves);
    project = replaced(project, leaf.at, extremeFor(leaf, chance));
  }
  const opened = openProject(project);
  return opened.ok ? opened.value : void 0;
};
/** Paths of numbers that are none, and of undefined texts, anywhere inside a result. */
const notFigures = (value, at = '', seen = /* @__PURE__ */ new Set()) => {
  if (typeof value === 'number') return Number.isFinite(value) ? [] : [at];
  if (typeof value !== 'object' || value === null || seen.has(value)) return [];
  seen.add(value);
  if (ArrayBuffer.isView(value)) return notFigures([...value], at, seen);
  if (value instanceof Map)
    return [...value.entries()].flatMap(([key, inner]) => notFigures(inner, `${at}[${String(key)}]`, seen));
  return Object.entries(value).flatMap(([key, inner]) => notFigures(inner, `${at}.${key}`, seen));
};
// core/src/mass/parts.ts
/** Axles from the front. */
const AXLE_IDS = ['axle.1', 'axle.2', 'axle.3'];
/** Which axle's own wheels a part stands on; undefined where the springs carry it. */
const unsprungAxleOf = ({ carriedBy }) => {
  const index = AXLE_IDS.indexOf(carriedBy);
  return index < 0 ? void 0 : index;
};
const pointPart = (id, group, massKg, centre, carriedBy, movesWithAxle = false) => ({
  id,
  group,
  massKg,
  centre,
  carriedBy,
  movesWithAxle,
  x0M: centre.xM,
  x1M: centre.xM,
  y0M: centre.yM,
  y1M: centre.yM,
  heightM: 0,
});
/** How many axles a layout has. */
const axleCount = ({ runningGear: { layout } }) => {
  switch (layout) {
    case 'none':
      return 0;
    case 'single':
      return 1;
    case 'tandem-equaliser':
    case 'tandem-independent':
      return 2;
    case 'triple-equaliser':
    case 'triple-independent':
      return 3;
  }
};
/** Axles that share through springs and level alone, not through an equaliser. */
const isIndependent = ({ runningGear: { layout } }) =>
  layout === 'tandem-independent' || layout === 'triple-independent';
/** Where each axle of the group stands, m. */
const axlePlaces = (trailer) => {
  const { positionM, spacingM } = trailer.runningGear;
  const count = axleCount(trailer);
  return AXLE_IDS.slice(0, count).map((id, i) => ({
    id,
    xM: positionM + (i - (count - 1) / 2) * spacingM,
  }));
};
/** Height of the wheel centres, m: the ground lies rail-top height below the datum. */
const wheelCentreZM = (trailer) => trailer.runningGear.tire.loadedRadiusM - trailer.runningGear.railTopHeightM;
const runningGearParts = (trailer) => {
  const { axle, suspension, wheel } = trailer.runningGear;
  const zM = wheelCentreZM(trailer);
  return axlePlaces(trailer).flatMap(({ id, xM }) => [
    pointPart(
      id,
      'running-gear',
      axle.massKg,
      {
        xM,
        yM: 0,
        zM,
      },
      id,
      true,
    ),
    ...(suspension.kind === 'leaf'
      ? [
          pointPart(
            `${id}.springs`,
            'running-gear',
            suspension.springMassKg,
            {
              xM,
              yM: 0,
              zM: zM + axle.tubeDiameterM,
            },
            id,
            true,
          ),
        ]
      : []),
    ...[-1, 1].map((side) =>
      pointPart(
        `${id}.wheel.${side === 1 ? 'right' : 'left'}`,
        'running-gear',
        wheel.assemblyMassKg,
        {
          xM,
          yM: (side * suspension.trackM) / 2,
          zM,
        },
        id,
        true,
      ),
    ),
  ]);
};
const couplingParts = (trailer, chassis) => {
  const { massKg, jackMassKg, jackBehindBallM } = trailer.coupling;
  const zM = chassis.tongue?.topZM ?? -chassis.railHeightM;
  return [
    pointPart(
      'coupler',
      'coupling',
      massKg,
      {
        xM: chassis.ballXM,
        yM: 0,
        zM,
      },
      'tongue',
    ),
    pointPart(
      'jack',
      'coupling',
      jackMassKg,
      {
        xM: chassis.ballXM + jackBehindBallM,
        yM: 0,
        zM,
      },
      'tongue',
    ),
  ];
};
const yExtent = (plan) => {
  const ys = plan.map(([, y]) => y);
  return {
    y0M: Math.min(...ys),
    y1M: Math.max(...ys),
  };
};
const frameParts = (chassis) => [
  ...chassis.members.map((member) => ({
    id: member.id,
    group: member.group === 'side' ? 'sides' : 'frame',
    massKg: member.massKg,
    centre: member.centre,
    x0M: member.extent.x0M,
    x1M: member.extent.x1M,
    ...yExtent(member.plan),
    heightM: member.extent.z1M - member.extent.z0M,
    carriedBy: member.group === 'tongue' ? 'tongue' : 'rails',
    movesWithAxle: false,
  })),
  ...chassis.plates.map(({ id, massKg, centre, carriedBy, thicknessM }) => ({
    ...pointPart(id, 'frame', massKg, centre, carriedBy),
    heightM: thicknessM,
  })),
  ...chassis.panels.map((panel) => ({
    id: panel.id,
    group: panel.kind === 'deck' ? 'deck' : 'sides',
    massKg: panel.massKg,
    centre: panel.centre,
    x0M: panel.extent.x0M,
    x1M: panel.extent.x1M,
    y0M: panel.y0M,
    y1M: panel.y1M,
    heightM: panel.extent.z1M - panel.extent.z0M,
    carriedBy: panel.kind === 'deck' ? 'deck' : 'rails',
    movesWithAxle: false,
  })),
];
/** The bare trailer: everything that is there in every case, the user's items apart. */
const trailerParts = (trailer, chassis) => [
  ...frameParts(chassis),
  ...couplingParts(trailer, chassis),
  ...runningGearParts(trailer),
];
/** An item may stand on another one; a ring of items standing on each other ends here. */
const MOST_STACKED = 20;
const placeItem = (trailer, chassis, item, loadCase, depth = 0) => {
  const { attach } = item;
  const shiftM = loadCase?.aboard.find((entry) => entry.itemId === item.id)?.shiftM ?? 0;
  const host =
    attach.on === 'item' && depth < MOST_STACKED ? trailer.items.find((other) => other.id === attach.hostId) : void 0;
  if (host) {
    const below = placeItem(trailer, chassis, host, loadCase, depth + 1);
    return {
      ...below,
      xM: below.xM + attach.offsetM.value + shiftM,
      baseZM: below.baseZM + host.sizeM.heightM + attach.aboveM,
    };
  }
  const origins = {
    front: 0,
    rear: trailer.frame.bed.lengthM,
    ball: chassis.ballXM,
    axle: trailer.runningGear.positionM,
  };
  const drawerOutM = attach.on === 'drawer' ? (loadCase?.drawerOutM ?? 0) : 0;
  const surfaces = {
    deck: chassis.deckTopZM,
    drawer: chassis.deckTopZM,
    item: chassis.deckTopZM,
    rail: 0,
    tongue: chassis.tongue?.topZM ?? 0,
    axle: wheelCentreZM(trailer),
  };
  return {
    xM: origins[attach.from] + attach.offsetM.value + shiftM + drawerOutM,
    baseZM: surfaces[attach.on] + attach.aboveM,
    movesWithAxle: attach.from === 'axle',
    carriedBy: {
      deck: 'deck',
      drawer: 'deck',
      item: 'deck',
      rail: 'rails',
      axle: 'rails',
      tongue: 'tongue',
    }[attach.on],
  };
};
/** An item as a part in a given case; `undefined` for the case gives it full and in its own place. */
const itemPart = (trailer, chassis, item, loadCase) => {
  const entry = loadCase?.aboard.find((candidate) => candidate.itemId === item.id);
  const place = placeItem(trailer, chassis, item, loadCase);
  const fill = item.kind === 'tank' ? (entry?.fill ?? (loadCase ? 0 : 1)) : 1;
  const { lengthM, widthM, heightM } = item.sizeM;
  return {
    id: item.id,
    group: item.kind === 'fixed' ? 'fixed' : 'cargo',
    name: item.name,
    massKg: item.emptyMassKg + fill * item.massKg.value,
    centre: {
      xM: place.xM,
      yM: item.attach.rightM,
      zM: place.baseZM + heightM / 2,
    },
    x0M: place.xM - lengthM / 2,
    x1M: place.xM + lengthM / 2,
    y0M: item.attach.rightM - widthM / 2,
    y1M: item.attach.rightM + widthM / 2,
    heightM,
    carriedBy: place.carriedBy,
    movesWithAxle: place.movesWithAxle,
  };
};
/** Items aboard in a case: fixed ones and tanks always (a tank not listed is empty), cargo where it is listed. */
const itemParts = (trailer, chassis, loadCase) =>
  trailer.items
    .filter((item) => item.kind !== 'cargo' || loadCase.aboard.some((entry) => entry.itemId === item.id))
    .map((item) => itemPart(trailer, chassis, item, loadCase));
// core/src/mass/sum.ts
/** Σm and Σm·x ÷ Σm in each direction. */
const sumMass = (parts) => {
  let massKg = 0;
  let x = 0;
  let y = 0;
  let z = 0;
  for (const part of parts) {
    massKg += part.massKg;
    x += part.massKg * part.centre.xM;
    y += part.massKg * part.centre.yM;
    z += part.massKg * part.centre.zM;
  }
  return {
    massKg,
    centre:
      massKg > 0
        ? {
            xM: x / massKg,
            yM: y / massKg,
            zM: z / massKg,
          }
        : void 0,
  };
};
const GROUPS = ['frame', 'deck', 'sides', 'running-gear', 'coupling', 'fixed', 'cargo'];
/** One sum per group that holds anything, in the order they are built. */
const sumByGroup = (parts) =>
  GROUPS.map((group) => ({
    group,
    ...sumMass(parts.filter((part) => part.group === group)),
  })).filter(({ massKg }) => massKg > 0);
// core/src/findings/finding.ts
const STEP_IDS = ['job', 'frame', 'loads', 'axle', 'tongue', 'strength', 'balance', 'towing', 'cut'];
/** Tight from here on, unless a check says otherwise. */
const TIGHT_FROM = 0.7;
const verdictOf = (utilisation, tightFrom = TIGHT_FROM) =>
  utilisation > 1 ? 'over' : utilisation >= tightFrom ? 'tight' : 'ok';
const WORST_FIRST = ['over', 'open', 'tight', 'unchecked', 'ok'];
/** Roll-up: over > open > tight > unchecked > ok. Nothing checked is not within. */
const rollUp = (verdicts) => WORST_FIRST.find((verdict) => verdicts.includes(verdict)) ?? 'unchecked';
/** Worst verdict first. */
const byVerdict = (a, b) => WORST_FIRST.indexOf(a) - WORST_FIRST.indexOf(b);
/** Worst verdict first, then the highest utilisation. */
const bySeverity = (a, b) =>
  Number(b.counts) - Number(a.counts) || byVerdict(a.verdict, b.verdict) || (b.utilisation ?? 0) - (a.utilisation ?? 0);
// core/src/findings/working.ts
const quantity = (value, kind) => ({
  value,
  kind,
});
const join = (op) => (left, right) => ({
  op,
  left,
  right,
});
const plus = join('+');
const minus = join('−');
const times$1 = join('×');
const over = join('÷');
/** Works an expression out; `leaf` says what each operand counts as, by default its own value. */
const evaluateExpression = (expression, leaf = ({ value }) => value) => {
  if (!('op' in expression)) return leaf(expression);
  const left = evaluateExpression(expression.left, leaf);
  const right = evaluateExpression(expression.right, leaf);
  switch (expression.op) {
    case '+':
      return left + right;
    case '−':
      return left - right;
    case '×':
      return left * right;
    case '÷':
      return left / right;
  }
};
/** A given number, stated. */
const given = (label, value, kind, name) => ({
  label,
  result: {
    value,
    kind,
  },
  ...(name === void 0 ? {} : { name }),
});
/** A line that works its result out from its own operands, so that the two can never part. */
const workedOut = (label, expression, kind, name) => ({
  label,
  expression,
  result: {
    value: evaluateExpression(expression),
    kind,
  },
  ...(name === void 0 ? {} : { name }),
});
const concluding = (line) => ({
  ...line,
  concludes: true,
});
// core/src/findings/check.ts
const finite = (figure) => (figure !== void 0 && Number.isFinite(figure.value) ? figure : void 0);
const operandsAreFigures = (expression) =>
  'op' in expression
    ? operandsAreFigures(expression.left) && operandsAreFigures(expression.right)
    : Number.isFinite(expression.value);
/** A line whose numbers are numbers: others cannot be followed, and are left out. */
const followable = ({ expression, result }) =>
  Number.isFinite(result.value) && (expression === void 0 || operandsAreFigures(expression));
/**
 * The one place where findings are made. Its identity stays the same while figures and verdict change, so that what an edit changed, cards
 * and pins can go by it. A figure that is none is left out: it is never shown, and never silently a zero.
 */
const finding = ({
  rule,
  data,
  step,
  subject,
  caseId,
  region,
  aspect,
  counts = true,
  working = [],
  source = rule.source,
  verdict,
  value,
  limit,
  utilisation,
}) => ({
  id: [rule.code, subject, region ?? '', aspect ?? ''].join('|'),
  code: rule.code,
  data,
  verdict,
  step,
  subject,
  caseId,
  region,
  value: finite(value),
  limit: finite(limit),
  utilisation: utilisation !== void 0 && Number.isFinite(utilisation) ? utilisation : void 0,
  counts,
  working: working.filter(followable),
  rule,
  source,
});
/** Demand ÷ allowable; undefined where nothing is allowed, for no share can be told of nothing. */
const shareOf = (asked, allowed) => {
  const share = allowed > 0 ? Math.max(asked, 0) / allowed : void 0;
  return share !== void 0 && Number.isFinite(share) ? share : void 0;
};
/**
 * The check of the book: what is asked against what is allowed. Verdict, utilisation, the working's last line and the finding's identity
 * follow from these and cannot contradict each other.
 */
const check = ({ asked, allowed, share: label = 'share-of-limit', working = [], ...about }) => {
  const utilisation = asked && allowed ? shareOf(asked.value, allowed.value) : void 0;
  const verdict =
    asked === void 0 || allowed === void 0
      ? 'open'
      : utilisation === void 0
        ? asked.value > 0
          ? 'over'
          : 'ok'
        : verdictOf(utilisation, about.rule.tightFrom);
  return finding({
    ...about,
    verdict,
    value: asked,
    limit: allowed,
    utilisation,
    working:
      asked && allowed && utilisation !== void 0 && asked.value >= 0
        ? [...working, concluding(workedOut(label, over(asked, allowed), 'percent'))]
        : working,
  });
};
/** The same where a rule gives its share at once: verdict and utilisation follow from it. */
const checkShare = ({ utilisation, ...about }) =>
  finding({
    ...about,
    utilisation,
    verdict:
      utilisation === void 0 || Number.isNaN(utilisation) ? 'open' : verdictOf(utilisation, about.rule.tightFrom),
  });
// core/src/findings/rule.ts
/** The rules of a stage by the codes of its findings; a code without its rule does not compile. */
const rulesOf = (table) =>
  Object.fromEntries(
    Object.entries(table).map(([code, rule]) => [
      code,
      {
        code,
        ...rule,
      },
    ]),
  );
// core/src/mass/rules.ts
const SUM = computedBy('sum of the parts’ masses');
/** What this stage checks, and what it tells without judging. */
const RULES$7 = rulesOf({
  'item-without-weight': {
    formula: 'each thing on the list weighs something',
    source: SUM,
    holds: 'a thing that weighs nothing is one of which nobody has said',
  },
  'no-load': {
    formula: 'something is carried',
    source: SUM,
    holds: 'a trailer without any load is judged bare',
  },
  'heaviest-case': {
    formula: 'Σm of the heaviest load',
    source: SUM,
    holds: 'weld metal, paint and wiring are not weighed; add them as items',
  },
  'frame-weight': {
    formula: 'Σ of the bars and plates',
    source: SUM,
    holds: 'nominal sections by their area; weld metal is not weighed',
  },
});
// core/src/mass/findings.ts
const massFindings = (trailer, bare, cases) => {
  const plain = { step: 'loads' };
  const weightless = trailer.items
    .filter(({ massKg, emptyMassKg }) => massKg.value + emptyMassKg === 0)
    .map(({ id, name }) =>
      finding({
        ...plain,
        rule: RULES$7['item-without-weight'],
        data: {
          itemId: id,
          name,
        },
        verdict: 'open',
        subject: id,
      }),
    );
  const noLoad =
    trailer.items.length === 0
      ? [
          finding({
            ...plain,
            rule: RULES$7['no-load'],
            data: {},
            verdict: 'open',
            subject: 'trailer',
          }),
        ]
      : [];
  const heaviest = cases.reduce((worst, next) => (!worst || next.massKg > worst.massKg ? next : worst), void 0);
  const emptyKg = sumMass(bare).massKg;
  const frameKg = sumMass(bare.filter(({ group }) => group === 'frame')).massKg;
  const total = (heaviest ? sumByGroup(heaviest.parts) : []).reduce(
    (sum, { massKg }) => (sum ? plus(sum, quantity(massKg, 'mass')) : quantity(massKg, 'mass')),
    void 0,
  );
  return [
    ...weightless,
    ...noLoad,
    ...(heaviest
      ? [
          finding({
            ...plain,
            rule: RULES$7['heaviest-case'],
            data: {
              massKg: heaviest.massKg,
              emptyKg,
            },
            verdict: 'ok',
            subject: 'trailer',
            caseId: heaviest.loadCase.id,
            value: quantity(heaviest.massKg, 'mass'),
            working: total ? [concluding(workedOut('whole-trailer', total, 'mass'))] : [],
          }),
        ]
      : []),
    ...(frameKg > 0
      ? [
          finding({
            ...plain,
            rule: RULES$7['frame-weight'],
            data: { massKg: frameKg },
            verdict: 'ok',
            step: 'frame',
            subject: 'trailer',
            value: quantity(frameKg, 'mass'),
          }),
        ]
      : []),
  ];
};
// core/src/balance/axleWindow.ts
/**
 * Every limit is linear in the position once it is multiplied by the distance from the ball:
 * T·(p + δ − x_b) = g·[M_f·(p + δ) − S_f + M_m·δ − D_m], W constant, N_i = k_i·(g·M_s − T) + g·u_i.
 */
const halfLines = (moments, geometry, limits) => {
  const { fixedKg, fixedMomentKgM, movingKg, movingMomentKgM, unsprungKg } = moments;
  const { ballXM, centreOffsetM, axleShares } = geometry;
  const g = STANDARD_GRAVITY;
  const sprungKg = fixedKg + movingKg;
  const weightN = g * (sprungKg + unsprungKg.reduce((sum, kg) => sum + kg, 0));
  const slope = g * fixedKg;
  const start = g * (sprungKg * centreOffsetM - fixedMomentKgM - movingMomentKgM);
  const reach = centreOffsetM - ballXM;
  const atLeast = (forceN, reason) => ({
    a: slope - forceN,
    b: start - forceN * reach,
    reason,
  });
  const atMost = (forceN, reason) => ({
    a: forceN - slope,
    b: forceN * reach - start,
    reason,
  });
  const lines = [
    atLeast(limits.minShare * weightN, 'tongue-too-light'),
    atMost(limits.maxShare * weightN, 'tongue-too-heavy'),
  ];
  if (limits.minTongueN !== void 0) lines.push(atLeast(limits.minTongueN, 'tongue-too-light'));
  if (limits.maxTongueN !== void 0) lines.push(atMost(limits.maxTongueN, 'tongue-too-heavy'));
  if (limits.hitchN !== void 0) lines.push(atMost(limits.hitchN, 'hitch-limit'));
  limits.axleRatingsN.forEach((ratingN, i) => {
    const share = axleShares[i] ?? 0;
    if (ratingN === void 0 || share === 0) return;
    lines.push(atLeast(g * sprungKg - (ratingN - g * (unsprungKg[i] ?? 0)) / share, 'axle-rating'));
  });
  return lines;
};
/** Closed-form interval of axle positions for one case, within the given bounds of the bed. */
const caseInterval = (moments, geometry, limits, bounds) => {
  let from = {
    xM: bounds.fromM,
    reason: 'bed-edge',
  };
  let to = {
    xM: bounds.toM,
    reason: 'bed-edge',
  };
  const behindBall = geometry.ballXM - geometry.centreOffsetM;
  if (behindBall > from.xM)
    from = {
      xM: behindBall,
      reason: 'ball',
    };
  for (const { a, b, reason } of halfLines(moments, geometry, limits))
    if (a > 0) {
      if (-b / a > from.xM)
        from = {
          xM: -b / a,
          reason,
        };
    } else if (a < 0) {
      if (-b / a < to.xM)
        to = {
          xM: -b / a,
          reason,
        };
    } else if (b < 0)
      return {
        from: {
          xM: to.xM,
          reason,
        },
        to: {
          xM: from.xM,
          reason,
        },
        empty: true,
      };
  return {
    from,
    to,
    empty: from.xM > to.xM,
  };
};
const largestAgreement = (intervals) => {
  let best;
  for (const start of intervals) {
    const within = intervals.filter(({ from, to }) => from.xM <= start.from.xM && start.from.xM <= to.xM);
    if (best === void 0 || within.length > best.caseIds.length)
      best = {
        caseIds: within.map(({ caseId }) => caseId),
        fromM: start.from.xM,
        toM: Math.min(...within.map(({ to }) => to.xM)),
      };
  }
  return best;
};
/** Intersects the intervals of all cases that count. */
const commonWindow = (intervals) => {
  const [first, ...others] = intervals;
  if (!first) return { kind: 'none-asked' };
  const fromCase = others.reduce((best, next) => (next.from.xM > best.from.xM ? next : best), first);
  const toCase = others.reduce((best, next) => (next.to.xM < best.to.xM ? next : best), first);
  const impossible = intervals.filter(({ empty }) => empty);
  if (impossible.length === 0 && fromCase.from.xM <= toCase.to.xM)
    return {
      kind: 'window',
      fromM: fromCase.from.xM,
      toM: toCase.to.xM,
      fromCase,
      toCase,
    };
  const possible = intervals.filter(({ empty }) => !empty);
  const pairs = possible.flatMap((one) =>
    possible.filter((other) => other.from.xM > one.to.xM).map((other) => [one.caseId, other.caseId]),
  );
  const forward = possible.reduce((best, next) => (!best || next.to.xM < best.to.xM ? next : best), void 0);
  const rearward = possible.reduce((best, next) => (!best || next.from.xM > best.from.xM ? next : best), void 0);
  return {
    kind: 'conflict',
    impossible,
    fight:
      forward && rearward && pairs.length > 0
        ? {
            forward,
            rearward,
          }
        : void 0,
    pairs,
    agree: largestAgreement(possible),
  };
};
/** Position of the group that puts a given share of the gross weight on the tongue; undefined where no place behind the ball does. */
const positionForShare = (moments, geometry, share) => {
  const [line] = halfLines(moments, geometry, {
    minShare: share,
    maxShare: share,
    minTongueN: void 0,
    maxTongueN: void 0,
    hitchN: void 0,
    axleRatingsN: [],
  });
  if (!line || line.a === 0) return void 0;
  const xM = -line.b / line.a;
  return xM + geometry.centreOffsetM > geometry.ballXM ? xM : void 0;
};
// core/src/suspension/leaf.ts
/** Spring steel, Pa: 30 × 10⁶ psi, as spring tables take it. */
const SPRING_STEEL_PA = 20684e7;
/**
 * Rate of one leaf spring of even strength, all leaves alike, N/m: k = 8·E·n·b·t³ ÷ (3·L³), L from eye to eye.
 * Source: Shigley, Mechanical Engineering Design; SAE HS-788 for the method.
 */
const leafRateNPerM = ({ rateNPerM, leaves, leafWidthM, leafThicknessM, eyeToEyeM }) =>
  rateNPerM ?? (8 * SPRING_STEEL_PA * leaves * leafWidthM * leafThicknessM ** 3) / (3 * eyeToEyeM ** 3);
/** Main leaf laid flat, m: s = c + 8·h² ÷ (3·c), a shallow arc. */
const flatLengthM = ({ eyeToEyeM, freeArchM }) => eyeToEyeM + (8 * freeArchM ** 2) / (3 * eyeToEyeM);
/** Straight from eye to eye when so much arch is left (negative: bent through the other way), m: the same leaf, c + 8·a² ÷ (3·c) = s. */
const chordM = (spring, archM) => {
  const s = flatLengthM(spring);
  return (s + Math.sqrt(Math.max(0, s * s - (32 / 3) * archM * archM))) / 2;
};
/** Arch left under a load on one spring, m. */
const archUnderM = (spring, loadN) => spring.freeArchM - loadN / leafRateNPerM(spring);
/** The shackle leans this far from upright, rad, positive rearward; undefined where it cannot reach. */
const shackleAngleRad = (spring, hangerSpacingM, archM) => {
  const reach = (hangerSpacingM - chordM(spring, archM)) / spring.shackleM;
  return Math.abs(reach) <= 1 ? Math.asin(reach) : void 0;
};
// core/src/suspension/rates.ts
/** A torsion arm gives about this much under its rated load: 20 to 25° of a 6 in arm (recalled). */
const TORSION_GIVE_M = inches(2.25);
/** Rate at one wheel, N/m; undefined where nothing springs or the rating that it goes by is not known. */
const wheelRateNPerM = ({ runningGear }) => {
  const { suspension, axle } = runningGear;
  switch (suspension.kind) {
    case 'leaf':
      return leafRateNPerM(suspension.spring);
    case 'torsion':
      return (
        suspension.torsion.rateNPerM ??
        (axle.ratingKg === null || axle.ratingKg === 0 ? void 0 : weightN(axle.ratingKg / 2) / TORSION_GIVE_M)
      );
    case 'stub':
    case 'none':
    case 'unknown':
      return;
  }
};
/** Bounce of a mass on a spring, Hz: f = √(k ÷ m) ÷ 2π, which is 15.76 ÷ √(deflection in mm). */
const bounceHz = (rateNPerM, sprungKg) => Math.sqrt(rateNPerM / sprungKg) / (2 * Math.PI);
// core/src/suspension/stack.ts
/**
 * Heights under a sprung load on one wheel; undefined where the suspension does not say.
 * Leaf over the axle: loaded radius − drop + D÷2 + pad + n·t + arch + hanger; under it: loaded radius − drop − D÷2 − pad + arch + hanger
 * (trade geometry). Torsion: the shaft stands above the hub by arm·sin(angle), the angle less by what the rubber gives.
 */
const heightStack = (trailer, railHeightM, sprungWheelN) => {
  const { axle, suspension, tire } = trailer.runningGear;
  const hubM = tire.loadedRadiusM;
  const half = axle.tubeDiameterM / 2;
  const none = {
    archM: void 0,
    chordM: void 0,
    shackleRad: void 0,
    armRad: void 0,
  };
  switch (suspension.kind) {
    case 'leaf': {
      const { spring, hangerSpacingM } = suspension;
      const archM = archUnderM(spring, sprungWheelN);
      const tubeMiddleM = hubM - axle.dropM;
      const over = spring.seat === 'over';
      const pack = spring.leaves * spring.leafThicknessM;
      const mainLeafM = over ? tubeMiddleM + half + spring.padM + pack : tubeMiddleM - half - spring.padM;
      const railBottomM = mainLeafM + archM + spring.hangerM;
      return {
        hubM,
        tubeMiddleM,
        railBottomM,
        givesM: spring.freeArchM - archM,
        archM,
        chordM: spring.kind === 'slipper' ? void 0 : chordM(spring, archM),
        shackleRad: spring.kind === 'slipper' ? void 0 : shackleAngleRad(spring, hangerSpacingM, archM),
        armRad: void 0,
        strikeM: railBottomM - (over ? mainLeafM : tubeMiddleM + half),
      };
    }
    case 'torsion': {
      const { armLengthM, startAngleRad } = suspension.torsion;
      const rate = wheelRateNPerM(trailer);
      if (rate === void 0) return void 0;
      const givesM = sprungWheelN / rate;
      const rise = Math.max(-1, Math.min(1, Math.sin(startAngleRad) - givesM / armLengthM));
      const tubeMiddleM = hubM + armLengthM * rise;
      return {
        ...none,
        hubM,
        tubeMiddleM,
        railBottomM: tubeMiddleM + half,
        givesM,
        armRad: Math.asin(rise),
        strikeM: void 0,
      };
    }
    case 'none': {
      const tubeMiddleM = hubM - axle.dropM;
      return {
        ...none,
        hubM,
        tubeMiddleM,
        railBottomM: tubeMiddleM + half,
        givesM: void 0,
        strikeM: void 0,
      };
    }
    case 'stub':
      return {
        ...none,
        hubM,
        tubeMiddleM: hubM,
        railBottomM: hubM - railHeightM / 2,
        givesM: void 0,
        strikeM: void 0,
      };
    case 'unknown':
      return;
  }
};
// core/src/balance/springSharing.ts
/**
 * Forces of the axles under a given moment about the ball (N·m, down behind it positive): N = k·(free − ball − s·x), never below
 * nothing, with Σ N·x = M. Exact: axles that would pull are taken out one after another, which can only lower the frame further.
 * Undefined where all axles together are too soft to be pressed at all.
 */
const springShares = ({ axlesM, ratesNPerM, freeAboveBallM }, momentNm) => {
  let active = axlesM.map((_, i) => i).filter((i) => ratesNPerM[i] > 0 && axlesM[i] > 0);
  while (active.length > 0) {
    let first = 0;
    let second = 0;
    for (const i of active) {
      const k = ratesNPerM[i];
      const x = axlesM[i];
      first += k * x;
      second += k * x * x;
    }
    const slope = (freeAboveBallM * first - momentNm) / second;
    const force = (i) => ratesNPerM[i] * (freeAboveBallM - slope * axlesM[i]);
    const pulling = active.filter((i) => force(i) < 0);
    if (pulling.length === 0)
      return {
        forcesN: axlesM.map((_, i) => (active.includes(i) ? force(i) : 0)),
        slope,
      };
    const most = pulling.reduce((worst, i) => (force(i) < force(worst) ? i : worst));
    active = active.filter((i) => i !== most);
  }
};
/** Height of the ball at which such a frame rides level: all springs pressed alike. */
const levelFreeAboveBallM = ({ axlesM, ratesNPerM }, momentNm) =>
  momentNm / axlesM.reduce((sum, x, i) => sum + x * ratesNPerM[i], 0);
/** Whether the ball is held, or sinks, off the height at which all springs are pressed alike. */
const offLevel = ({ ballAboveLevelM, sinksMPerN }) => ballAboveLevelM !== 0 || sinksMPerN > 0;
/** A step to find by how much the ball's load changes with its height, m. */
const SLOPE_STEP_M = 1e-4;
/**
 * Sprung forces of independent axles with the ball held off level, N; axles by their distance behind the ball. A hitch that sinks by s
 * a newton comes to rest where δ = δ₀ − s·T(δ); T is linear in δ, so δ − δ₀ = −s·T(δ₀) ÷ (1 + s·dT/dδ).
 */
const heldAxlesN = (axlesM, { ratesNPerM, ballAboveLevelM, sinksMPerN }, momentNm, sprungN) => {
  const frame = {
    axlesM,
    ratesNPerM,
  };
  const levelM = levelFreeAboveBallM(frame, momentNm);
  const held = (aboveM) =>
    springShares(
      {
        ...frame,
        freeAboveBallM: levelM - aboveM,
      },
      momentNm,
    )?.forcesN;
  const stiff = held(ballAboveLevelM);
  if (!stiff || sinksMPerN <= 0) return stiff;
  const onBallN = (forcesN) => sprungN - forcesN.reduce((sum, n) => sum + n, 0);
  const lower = held(ballAboveLevelM - SLOPE_STEP_M);
  if (!lower) return stiff;
  const slope = (onBallN(stiff) - onBallN(lower)) / SLOPE_STEP_M;
  return held(ballAboveLevelM - (sinksMPerN * onBallN(stiff)) / (1 + sinksMPerN * slope)) ?? stiff;
};
// core/src/balance/statics.ts
/** Shares of two axles on an equaliser: the front axle's load × its arm equals the rear one's × its own. */
const equalisedShares = ([front, rear]) => [rear / (front + rear), front / (front + rear)];
/** Where the sprung load of the axle group acts: the axle itself, or the point between them that their shares give. */
const groupCentreXM = ({ axlesXM, shares }) => axlesXM.reduce((sum, x, i) => sum + x * shares[i], 0);
/**
 * Standing loads of a rigid trailer: moments about the axle group give the point ahead, the rest is on the axles; left and right from
 * Σm·y about the centre line. Independent axles out of level share by their springs instead, and the ball takes what is left.
 * Undefined where the group is not behind the point ahead.
 * Source: statics, T = Σ mᵢ·g·(x_axle − xᵢ) ÷ (x_axle − x_ball).
 */
const standingLoads = (masses, support) => {
  const { axlesXM, shares, springs, aheadXM, trackM } = support;
  const centre = groupCentreXM(support);
  const baseM = centre - aheadXM;
  if (!(baseM > 0)) return void 0;
  let sprungKg = 0;
  let sprungMoment = 0;
  let sprungRoll = 0;
  const unsprungKg = axlesXM.map(() => 0);
  const unsprungRoll = axlesXM.map(() => 0);
  for (const { massKg, xM, yM, unsprungAxle } of masses)
    if (unsprungAxle === void 0) {
      sprungKg += massKg;
      sprungMoment += massKg * (centre - xM);
      sprungRoll += massKg * yM;
    } else {
      unsprungKg[unsprungAxle] = (unsprungKg[unsprungAxle] ?? 0) + massKg;
      unsprungRoll[unsprungAxle] = (unsprungRoll[unsprungAxle] ?? 0) + massKg * yM;
    }
  const sprungN = STANDARD_GRAVITY * sprungKg;
  const levelAheadN = (STANDARD_GRAVITY * sprungMoment) / baseM;
  const momentNm = (sprungN - levelAheadN) * baseM;
  const outOfLevel =
    springs && offLevel(springs) ? heldAxlesN(axlesFromBall(support), springs, momentNm, sprungN) : void 0;
  const sprungAxlesN = outOfLevel ?? shares.map((share) => share * (sprungN - levelAheadN));
  const aheadN = sprungN - sprungAxlesN.reduce((sum, n) => sum + n, 0);
  const weightN = sprungN + STANDARD_GRAVITY * unsprungKg.reduce((sum, kg) => sum + kg, 0);
  const onAxlesN = sprungN - aheadN;
  return {
    weightN,
    aheadN,
    axles: sprungAxlesN.map((ownN, i) => {
      const loadN = ownN + STANDARD_GRAVITY * (unsprungKg[i] ?? 0);
      const rollKgM = (outOfLevel && onAxlesN > 0 ? ownN / onAxlesN : shares[i]) * sprungRoll + (unsprungRoll[i] ?? 0);
      const shift = (STANDARD_GRAVITY * rollKgM) / trackM;
      return {
        loadN,
        leftN: loadN / 2 - shift,
        rightN: loadN / 2 + shift,
      };
    }),
    sprungAxlesN,
  };
};
const axlesFromBall = ({ axlesXM, aheadXM }) => axlesXM.map((x) => x - aheadXM);
// core/src/balance/balanceCase.ts
const asStaticMass = (part) => {
  const unsprungAxle = unsprungAxleOf(part);
  return {
    massKg: part.massKg,
    xM: part.centre.xM,
    yM: part.centre.yM,
    ...(unsprungAxle === void 0 ? {} : { unsprungAxle }),
  };
};
/** Shares of the axles: by the equaliser's arms; alike on a level trailer without one, and on three axles that equalise. */
const sharesOf = (trailer, count) =>
  trailer.runningGear.layout === 'tandem-equaliser'
    ? equalisedShares(trailer.runningGear.equaliserArms)
    : Array.from({ length: count }, () => 1 / count);
/** Ball centre above the datum, m: half-way up the tongue. */
const ballZM = ({ tongue, railHeightM }) => tongue?.ballZM ?? -railHeightM / 2;
/** How far the tow vehicle holds the ball above the height at which the trailer rides level, m; level where nobody has said. */
const ballAboveLevelM = (trailer, chassis) => {
  const hitchM = trailer.towVehicle?.hitchHeightM ?? null;
  return hitchM === null ? 0 : hitchM - (trailer.runningGear.railTopHeightM + ballZM(chassis));
};
/** How far the hitch goes down for each newton on it; nothing where its height or its springs are not known. */
const hitchSinksMPerN = ({ towVehicle }) =>
  towVehicle && towVehicle.hitchHeightM !== null ? massOfWeightKg(towVehicle.hitchSinksMPerKg ?? 0) : 0;
const supportOf = (trailer, chassis, on) => {
  const places = axlePlaces(trailer);
  if (places.length === 0) return void 0;
  const rate = wheelRateNPerM(trailer);
  const springs =
    isIndependent(trailer) && rate !== void 0 && on === 'ball'
      ? {
          ratesNPerM: places.map(() => 2 * rate),
          ballAboveLevelM: ballAboveLevelM(trailer, chassis),
          sinksMPerN: hitchSinksMPerN(trailer),
        }
      : void 0;
  return {
    aheadXM: chassis.ballXM + (on === 'jack' ? trailer.coupling.jackBehindBallM : 0),
    axlesXM: places.map(({ xM }) => xM),
    shares: sharesOf(trailer, places.length),
    springs,
    trackM: trailer.runningGear.suspension.trackM,
  };
};
const balanceCase = (trailer, chassis, bare, loadCase) =>
  balanceParts(trailer, chassis, [...bare, ...itemParts(trailer, chassis, loadCase)], loadCase);
/** The same of parts that are given, whatever the case says is aboard. */
const balanceParts = (trailer, chassis, parts, loadCase) => {
  const { massKg, centre } = sumMass(parts);
  const band = loadCase.tongueBand ?? trailer.tongueBand;
  const on = loadCase.mode === 'parked' ? 'jack' : 'ball';
  const support = supportOf(trailer, chassis, on);
  const loads = support && massKg > 0 ? standingLoads(parts.map(asStaticMass), support) : void 0;
  if (!support || !loads)
    return {
      loadCase,
      parts,
      massKg,
      centre,
      band,
      standing: void 0,
    };
  const tongueN = on === 'ball' ? loads.aheadN : 0;
  return {
    loadCase,
    parts,
    massKg,
    centre,
    band,
    standing: {
      on,
      aheadXM: support.aheadXM,
      aheadN: loads.aheadN,
      tongueN,
      tongueShare: tongueN / loads.weightN,
      groupCentreXM: groupCentreXM(support),
      axles: axlePlaces(trailer).map((place, i) => ({
        ...place,
        ...loads.axles[i],
        sprungN: loads.sprungAxlesN[i],
      })),
    },
  };
};
/** First moments of a case as the axle window needs them. */
const momentsOf = (trailer, { loadCase, parts }) => {
  let fixedKg = 0;
  let fixedMomentKgM = 0;
  let movingKg = 0;
  let movingMomentKgM = 0;
  const unsprungKg = axlePlaces(trailer).map(() => 0);
  for (const { massKg, centre, carriedBy, movesWithAxle } of parts) {
    const axle = unsprungAxleOf({ carriedBy });
    if (axle !== void 0) unsprungKg[axle] = (unsprungKg[axle] ?? 0) + massKg;
    else if (movesWithAxle) {
      movingKg += massKg;
      movingMomentKgM += massKg * (centre.xM - trailer.runningGear.positionM);
    } else {
      fixedKg += massKg;
      fixedMomentKgM += massKg * centre.xM;
    }
  }
  return {
    id: loadCase.id,
    fixedKg,
    fixedMomentKgM,
    movingKg,
    movingMomentKgM,
    unsprungKg,
  };
};
const windowGeometry = (trailer, chassis) => {
  const support = supportOf(trailer, chassis, 'ball');
  if (!support) return void 0;
  return {
    ballXM: chassis.ballXM,
    centreOffsetM: groupCentreXM(support) - trailer.runningGear.positionM,
    axleShares: support.shares,
  };
};
/** The least of what tow vehicle and coupler allow on the ball, N; undefined where neither is known. */
const hitchLimitN = (trailer) => {
  const known = [trailer.towVehicle?.tongueLimitKg, trailer.coupling.tongueLimitKg].filter(
    (kg) => kg !== null && kg !== void 0,
  );
  return known.length > 0 ? weightN(Math.min(...known)) : void 0;
};
const windowLimits = (trailer, band) => {
  const rating = trailer.runningGear.axle.ratingKg;
  return {
    minShare: band.minShare,
    maxShare: band.maxShare,
    minTongueN: band.minKg === null ? void 0 : weightN(band.minKg),
    maxTongueN: band.maxKg === null ? void 0 : weightN(band.maxKg),
    hitchN: hitchLimitN(trailer),
    axleRatingsN: axlePlaces(trailer).map(() => (rating === null ? void 0 : weightN(rating))),
  };
};
/** Lightest and heaviest tongue that a band lets a trailer of this mass have, kg. */
const bandKg = (band, massKg) => ({
  minKg: Math.max(band.minShare * massKg, band.minKg ?? 0),
  maxKg: Math.min(band.maxShare * massKg, band.maxKg ?? Number.POSITIVE_INFINITY),
});
const tongueKg = ({ standing }) => standing && massOfWeightKg(standing.tongueN);
// core/src/balance/axlePlacement.ts
/** Share of the bed ahead of the axle by the shop's rule of thumb (common practice). */
const SIXTY_FORTY = 0.6;
/** Bed edges as the window's bounds: hangers or brackets must have rail to stand on. */
const bedBounds = (trailer) => {
  const { spacingM, suspension } = trailer.runningGear;
  const tandemM = (spacingM * Math.max(0, axleCount(trailer) - 1)) / 2;
  const hangerM = suspension.kind === 'leaf' ? suspension.hangerSpacingM / 2 : 0;
  const armM = suspension.kind === 'torsion' ? suspension.armM : 0;
  return {
    fromM: tandemM + hangerM + armM,
    toM: trailer.frame.bed.lengthM - tandemM - hangerM,
  };
};
const placeAxle = (trailer, chassis, cases) => {
  const ruleOfThumbM = SIXTY_FORTY * trailer.frame.bed.lengthM;
  const geometry = windowGeometry(trailer, chassis);
  if (!geometry)
    return {
      ruleOfThumbM,
      wanted: void 0,
      intervals: [],
      window: { kind: 'none-asked' },
    };
  const bounds = bedBounds(trailer);
  const intervals = cases
    .filter(({ loadCase, massKg }) => loadCase.mode === 'towed' && loadCase.countsForWindow && massKg > 0)
    .map((balanced) => ({
      caseId: balanced.loadCase.id,
      ...caseInterval(momentsOf(trailer, balanced), geometry, windowLimits(trailer, balanced.band), bounds),
    }));
  const chosen =
    cases.find(({ loadCase }) => loadCase.id === trailer.axleCaseId) ??
    cases.find(({ loadCase }) => loadCase.mode === 'towed');
  return {
    ruleOfThumbM,
    wanted: chosen && {
      caseId: chosen.loadCase.id,
      share: trailer.wantedTongueShare,
      xM: positionForShare(momentsOf(trailer, chosen), geometry, trailer.wantedTongueShare),
    },
    intervals,
    window: commonWindow(intervals),
  };
};
// core/src/balance/random.ts
const HALF = 2 ** 31;
const diceOf = (seed) => {
  const generator = xoroshiro128plus(seed);
  let kept;
  const even = () => (generator.unsafeNext() + 0.5) / HALF;
  return {
    even,
    normal: () => {
      if (kept !== void 0) {
        const value = kept;
        kept = void 0;
        return value;
      }
      for (;;) {
        const [a, b] = [even(), even()];
        const square = a * a + b * b;
        if (square >= 1 || square === 0) continue;
        const stretch = Math.sqrt((-2 * Math.log(square)) / square);
        kept = b * stretch;
        return a * stretch;
      }
    },
  };
};
// core/src/balance/spreadOf.ts
/** Percentile by straight interpolation between the ordered tries. */
const percentile = (ordered, share) => {
  const place = share * (ordered.length - 1);
  const below = Math.floor(place);
  const low = ordered[below];
  return low + (place - below) * (ordered[Math.min(below + 1, ordered.length - 1)] - low);
};
/** Mean, standard deviation (n − 1) and percentiles; the tries are left in their order. */
const spreadOf = (tries) => {
  const n = tries.length;
  let sum = 0;
  for (const value of tries) sum += value;
  const mean = sum / n;
  let squares = 0;
  for (const value of tries) squares += (value - mean) ** 2;
  const ordered = tries.slice().sort();
  return {
    mean,
    sd: n > 1 ? Math.sqrt(squares / (n - 1)) : 0,
    p5: percentile(ordered, 0.05),
    p95: percentile(ordered, 0.95),
  };
};
// core/src/balance/extremes.ts
/** The item's part moved to one end of its doubt. What is behind the balance point of them all makes the tail heavier, what is ahead the nose. */
const pushed = (item, part, toward, middleXM, lowFill) => {
  const moveM = (toward === 'tail' ? 1 : -1) * item.attach.offsetM.tolerance;
  const xM = part.centre.xM + moveM;
  const heavier = toward === 'tail' ? xM > middleXM : xM < middleXM;
  const full = item.emptyMassKg + item.massKg.value;
  const tolerance = full > 0 ? (item.massKg.tolerance * part.massKg) / full : 0;
  const drained =
    item.kind === 'tank' && lowFill !== void 0 ? item.emptyMassKg + lowFill * item.massKg.value : part.massKg;
  return {
    ...part,
    massKg: Math.max(0, heavier ? part.massKg + tolerance : Math.min(part.massKg, drained) - tolerance),
    centre: {
      ...part.centre,
      xM,
    },
    x0M: part.x0M + moveM,
    x1M: part.x1M + moveM,
  };
};
/** Tail-heavy and nose-heavy worst of every towed case, from the items' freedom; derived, never stored. */
const extremeCases = (trailer, chassis, cases) =>
  cases
    .filter(({ loadCase, standing }) => loadCase.mode === 'towed' && standing)
    .flatMap(({ parts, loadCase, centre }) =>
      ['tail', 'nose'].flatMap((toward) => {
        const moved = parts.map((part) => {
          const item = trailer.items.find(({ id }) => id === part.id);
          const low = loadCase.aboard.find(({ itemId }) => itemId === part.id)?.fillLow;
          return item ? pushed(item, part, toward, centre?.xM ?? 0, low) : part;
        });
        const { standing } = balanceParts(trailer, chassis, moved, loadCase);
        return standing
          ? [
              {
                caseId: loadCase.id,
                toward,
                tongueKg: massOfWeightKg(standing.tongueN),
                tongueShare: standing.tongueShare,
              },
            ]
          : [];
      }),
    );
// core/src/balance/rules.ts
const MOMENTS = computedBy('turning forces balanced about the axle group');
/** A tenth of the band’s width from either end counts as close to it. */
const NEAR_EDGE = 0.1;
/** Shop limits of the side that carries more, as a share of the wheels’ load off the middle (common practice). */
const UNEVEN = 0.05;
const MOST_UNEVEN = 0.1;
/** What this stage checks, and what it tells without judging. */
const RULES$6 = rulesOf({
  'tongue-share': {
    formula: `least of the band ≤ T ÷ W ≤ most of the band, each in shares and in kg, whichever is narrower; tight within ${formatPercent(NEAR_EDGE, 0)} of the band’s width of either end`,
    source: commonPractice('by the school of tongue weight that is chosen, or your own limits'),
    holds: 'standing still and level; every towed load, by the trailer’s band or its own',
  },
  'tongue-limit': {
    formula: 'greatest T of all loads not parked ≤ the lower of what hitch and coupler bear',
    tightFrom: 0.9,
    source: MOMENTS,
    holds: 'standing still; braking and bumps add to it and are in the stamps',
  },
  'jack-load': {
    formula: 'load on the jack ≥ 0',
    source: MOMENTS,
    holds: 'parked level on the jack, wheels chocked',
  },
  'loading-uplift': {
    formula: 'load on the ball ≥ 0',
    source: MOMENTS,
    holds: 'while loading, hitched and level',
  },
  'sixty-forty': {
    formula: 'axle at 60 % of the bed',
    source: commonPractice('60 % of the bed ahead of the axle'),
    holds: 'a rule of thumb for an even load; shown beside the window, never in its place',
  },
  'axle-window': {
    formula: 'axle within every interval of tongue share, tongue force and axle rating of every load that counts',
    source: MOMENTS,
    holds: 'closed form, as if it rode level; parked loads do not bind',
  },
  'no-cases': {
    formula: 'at least one load',
    source: MOMENTS,
    holds: 'nothing stands anywhere without one',
  },
  'extreme-case': {
    formula:
      'T with every weight and place at the end of its own tolerance that makes it worse, within the band; only T < 0 counts',
    source: computedBy('every weight and place at the end of its own tolerance'),
    holds: 'loads that are within by their own figures',
  },
  'tongue-slopes': {
    formula: 'dT ÷ dx for axle, ball and items',
    source: computedBy('dT/dp = (g·M_fixed − T) ÷ B, dT/dB = −T ÷ B, dT/dx = −g·m ÷ B'),
    holds: 'near the present places; exact there',
  },
  'parked-tips': {
    formula: `load on the jack with 200 kg of people on the rear edge ≥ 0; tight under 3 % of the weight`,
    source: commonPractice(
      `two people, 200 kg (${10 * Math.round(fromKilograms(200, 'lb') / 10)} lb), on the rear edge`,
    ),
    holds: 'parked, about the hindmost of wheels and stands; people elsewhere tip less',
  },
  'left-right': {
    formula: `|left − right| ÷ (left + right) of the wheels ≤ ${formatPercent(MOST_UNEVEN, 0)}; tight from ${formatPercent(UNEVEN, 0)}`,
    source: commonPractice(
      `left and right within ${formatPercent(UNEVEN, 0)}, at most ${formatPercent(MOST_UNEVEN, 0)}`,
    ),
    holds: 'towed loads, level across; the ball takes no roll',
  },
  'balance-height': {
    formula: 'z of the balance point above the ground',
    source: computedBy('Σm·z ÷ Σm'),
    holds: 'the towed load that is highest; told, not judged',
  },
  'axles-swing': {
    formula: '|ball above where it rides level| ≤ one step (1 in or 25 mm)',
    source: computedBy('N = k·(free − ball − s·x) for each axle, turning forces about the ball'),
    holds: 'axles without an equaliser; rigid frame on springs',
  },
});
// core/src/balance/parked.ts
/**
 * Moments about the hindmost support: what stands ahead of it must outweigh the people behind it. Stands behind the wheels are the
 * pivot, as springs let the rear down on them.
 */
const parkedTip = (trailer, { standing, centre, massKg }) => {
  if (!standing || standing.on !== 'jack' || !centre) return void 0;
  const rearXM = trailer.frame.bed.lengthM;
  const hindmost = Math.max(standing.groupCentreXM, ...trailer.frame.stands.map(({ xM }) => xM));
  return {
    pivotXM: hindmost,
    on: hindmost > standing.groupCentreXM ? 'stands' : 'wheels',
    jackN:
      (weightN(massKg) * (hindmost - centre.xM) - weightN(200) * (rearXM - hindmost)) / (hindmost - standing.aheadXM),
  };
};
// core/src/balance/slopes.ts
/**
 * T·B = g·[M_fixed·(p + δ) − S_fixed + …] with B from ball to group: dT/dp = (g·M_fixed − T) ÷ B, dT/dB = −T ÷ B,
 * dT/dxᵢ = −g·mᵢ ÷ B. Level or equalised trailers; undefined where the case does not stand on its ball.
 */
const tongueSlopes = (trailer, balanced) => {
  const { standing, parts } = balanced;
  if (!standing || standing.on !== 'ball') return void 0;
  const baseM = standing.groupCentreXM - standing.aheadXM;
  const { fixedKg } = momentsOf(trailer, balanced);
  const items = new Set(trailer.items.map(({ id }) => id));
  return {
    axleBack: massOfWeightKg((STANDARD_GRAVITY * fixedKg - standing.tongueN) / baseM),
    ballAhead: massOfWeightKg(-standing.tongueN / baseM),
    itemsBack: new Map(parts.filter(({ id }) => items.has(id)).map(({ id, massKg }) => [id, -massKg / baseM])),
  };
};
// core/src/balance/caseFindings.ts
const step = (trailer) => (trailer.settings.units === 'imperial' ? inches(1) : millimetres(25));
const plain$8 = {
  step: 'balance',
  subject: 'trailer',
  working: [],
};
const extremes = (trailer, chassis, cases) => {
  const all = extremeCases(trailer, chassis, cases).map((extreme) => {
    const own = cases.find(({ loadCase }) => loadCase.id === extreme.caseId);
    const { minKg, maxKg } = bandKg(own.band, own.massKg);
    const spare = extreme.toward === 'tail' ? extreme.tongueKg - minKg : maxKg - extreme.tongueKg;
    return {
      ...extreme,
      own,
      spare,
      nominalWithin: within$2(own),
    };
  });
  return ['tail', 'nose'].flatMap((toward) => {
    const worst = all
      .filter((extreme) => extreme.toward === toward && extreme.nominalWithin)
      .reduce((most, next) => (!most || next.spare < most.spare ? next : most), void 0);
    if (!worst) return [];
    return [
      finding({
        ...plain$8,
        rule: RULES$6['extreme-case'],
        data: {
          toward,
          tongueKg: worst.tongueKg,
          share: worst.tongueShare,
          band: worst.own.band,
          within: worst.spare >= 0,
        },
        aspect: toward,
        verdict: worst.tongueKg < 0 ? 'over' : worst.spare < 0 ? 'tight' : 'ok',
        caseId: worst.caseId,
        counts: worst.tongueKg < 0,
        value: quantity(worst.tongueShare, 'percent'),
        working: [],
      }),
    ];
  });
};
const within$2 = ({ standing, band, massKg }) => {
  if (!standing) return false;
  const tongueKg = massOfWeightKg(standing.tongueN);
  const { minKg, maxKg } = bandKg(band, massKg);
  return tongueKg >= minKg && tongueKg <= maxKg;
};
/** Told of the load that asks most of the axles; every load has its own on the step. */
const slopes = (trailer, cases) => {
  const heaviest = cases
    .filter(({ loadCase, standing }) => loadCase.mode === 'towed' && standing)
    .reduce((most, next) => (!most || next.massKg > most.massKg ? next : most), void 0);
  const found = heaviest && tongueSlopes(trailer, heaviest);
  if (!heaviest?.standing || !found) return [];
  const stepM = step(trailer);
  const [id, perM] = [...found.itemsBack].reduce((most, next) => (next[1] < most[1] ? next : most), [void 0, 0]);
  return [
    finding({
      ...plain$8,
      rule: RULES$6['tongue-slopes'],
      data: {
        stepM,
        axleKg: found.axleBack * stepM,
        ballKg: found.ballAhead * stepM,
        item:
          id === void 0
            ? void 0
            : {
                id,
                kg: perM * stepM,
              },
      },
      verdict: 'ok',
      caseId: heaviest.loadCase.id,
      counts: false,
    }),
  ];
};
const tips = (trailer, cases) =>
  cases.flatMap((balanced) => {
    const tip = parkedTip(trailer, balanced);
    if (!tip || !balanced.standing || !balanced.centre) return [];
    const rearM = trailer.frame.bed.lengthM;
    const holding = times$1(quantity(balanced.massKg, 'mass'), quantity(tip.pivotXM - balanced.centre.xM, 'length'));
    const lifting = times$1(quantity(200, 'mass'), quantity(rearM - tip.pivotXM, 'length'));
    return [
      finding({
        ...plain$8,
        rule: RULES$6['parked-tips'],
        data: {
          peopleKg: 200,
          jackN: tip.jackN,
          on: tip.on,
        },
        aspect: balanced.loadCase.id,
        verdict: tip.jackN < 0 ? 'over' : tip.jackN < weightN(balanced.massKg) * 0.03 ? 'tight' : 'ok',
        subject: 'jack',
        caseId: balanced.loadCase.id,
        counts: true,
        value: quantity(tip.jackN, 'load'),
        working: [
          given('whole-trailer', balanced.massKg, 'mass'),
          concluding(
            workedOut(
              'tongue-load',
              over(minus(holding, lifting), quantity(tip.pivotXM - balanced.standing.aheadXM, 'length')),
              'mass',
            ),
          ),
        ],
      }),
    ];
  });
const leftRight = (cases) => {
  const worst = cases
    .filter(({ loadCase, standing }) => loadCase.mode === 'towed' && standing)
    .map((balanced) => {
      const axles = balanced.standing?.axles ?? [];
      const left = axles.reduce((sum, { leftN }) => sum + leftN, 0);
      const right = axles.reduce((sum, { rightN }) => sum + rightN, 0);
      const total = left + right;
      return {
        balanced,
        left,
        right,
        share: total > 0 ? Math.abs(left - right) / 2 / (total / 2) : 0,
      };
    })
    .reduce((most, next) => (!most || next.share > most.share ? next : most), void 0);
  if (!worst || worst.share < 1e-6) return [];
  const [leftKg, rightKg] = [massOfWeightKg(worst.left), massOfWeightKg(worst.right)];
  const heavier = Math.max(leftKg, rightKg);
  const lighter = Math.min(leftKg, rightKg);
  return [
    finding({
      ...plain$8,
      rule: RULES$6['left-right'],
      data: {
        share: worst.share,
        side: leftKg > rightKg ? 'left' : 'right',
        byKg: heavier - lighter,
      },
      verdict: worst.share > 0.1 ? 'over' : worst.share > 0.05 ? 'tight' : 'ok',
      caseId: worst.balanced.loadCase.id,
      counts: true,
      value: quantity(worst.share, 'percent'),
      limit: quantity(MOST_UNEVEN, 'percent'),
      working: [
        concluding(
          workedOut(
            'uneven',
            over(
              minus(quantity(heavier, 'mass'), quantity(lighter, 'mass')),
              plus(quantity(heavier, 'mass'), quantity(lighter, 'mass')),
            ),
            'percent',
          ),
        ),
      ],
    }),
  ];
};
const height = (trailer, cases) => {
  const highest = cases
    .filter(({ loadCase, centre }) => loadCase.mode === 'towed' && centre)
    .reduce((most, next) => (!most || (next.centre?.zM ?? 0) > (most.centre?.zM ?? 0) ? next : most), void 0);
  if (!highest?.centre) return [];
  const { zM } = highest.centre;
  const items = new Set(trailer.items.map(({ id }) => id));
  const raising = highest.parts
    .filter(({ id }) => items.has(id))
    .map(({ id, massKg, centre }) => ({
      id,
      by: massKg * (centre.zM - zM),
    }))
    .reduce((most, next) => (next.by > (most?.by ?? 0) ? next : most), void 0);
  return [
    finding({
      ...plain$8,
      rule: RULES$6['balance-height'],
      data: {
        heightM: zM + trailer.runningGear.railTopHeightM,
        raisedBy: raising?.id,
      },
      verdict: 'ok',
      caseId: highest.loadCase.id,
      counts: false,
      value: quantity(zM + trailer.runningGear.railTopHeightM, 'length'),
    }),
  ];
};
/** Two axles without an equaliser: what an inch at the ball moves from one to the other, by solving both. */
const swing = (trailer, chassis, cases) => {
  if (!isIndependent(trailer)) return [];
  const heaviest = cases
    .filter(({ loadCase, standing }) => loadCase.mode === 'towed' && standing)
    .reduce((most, next) => (!most || next.massKg > most.massKg ? next : most), void 0);
  if (!heaviest?.standing) return [];
  const stepM = step(trailer);
  const hitchM = trailer.towVehicle?.hitchHeightM ?? null;
  const offset = ballAboveLevelM(trailer, chassis);
  const levelM = trailer.runningGear.railTopHeightM + ballZM(chassis);
  const raised = (byM) => {
    const towVehicle = {
      ...(trailer.towVehicle ?? UNKNOWN_VEHICLE),
      hitchHeightM: levelM + offset + byM,
    };
    const { standing } = balanceParts(
      {
        ...trailer,
        towVehicle,
      },
      chassis,
      heaviest.parts,
      heaviest.loadCase,
    );
    return standing?.axles.map(({ loadN }) => massOfWeightKg(loadN)) ?? [];
  };
  const [before, after] = [raised(0), raised(stepM)];
  const last = before.length - 1;
  const frontKg = (after[0] ?? 0) - (before[0] ?? 0);
  const rearKg = (after[last] ?? 0) - (before[last] ?? 0);
  const sunkM = (trailer.towVehicle?.hitchSinksMPerKg ?? 0) * massOfWeightKg(heaviest.standing.tongueN);
  const heldM = hitchM === null ? offset : offset - sunkM;
  return [
    finding({
      ...plain$8,
      rule: RULES$6['axles-swing'],
      data: {
        ballAboveLevelM: heldM,
        stepM,
        frontKg,
        rearKg,
        known: hitchM !== null,
      },
      verdict: hitchM === null ? 'open' : Math.abs(heldM) > stepM ? 'tight' : 'ok',
      step: 'axle',
      subject: 'axle.1',
      caseId: heaviest.loadCase.id,
      counts: true,
    }),
  ];
};
/** What else there is to know of how the loads stand: their worst, their slopes, whether it tips when parked, left and right, height. */
const caseFindings = (trailer, chassis, cases) =>
  trailer.runningGear.layout === 'none'
    ? []
    : [
        ...extremes(trailer, chassis, cases),
        ...slopes(trailer, cases),
        ...tips(trailer, cases),
        ...leftRight(cases),
        ...height(trailer, cases),
        ...swing(trailer, chassis, cases),
      ];
// core/src/balance/doubt.ts
/** Masses of the trailer's own parts are off by up to this share (common practice: mill tolerance, makers' lists, paint and weld). */
const OWN_PARTS = {
  frame: 0.05,
  deck: 0.1,
  sides: 0.1,
  'running-gear': 0.05,
  coupling: 0.1,
};
const lumpOf = (id, parts, axles, massSpread, placeSpread, hosts) => {
  const unsprungKg = Array.from({ length: axles }, () => 0);
  let [sprungKg, sprungMomentKgM, massKg, xKgM, yKgM, zKgM] = [0, 0, 0, 0, 0, 0];
  for (const part of parts) {
    const axle = unsprungAxleOf(part);
    if (axle === void 0) {
      sprungKg += part.massKg;
      sprungMomentKgM += part.massKg * part.centre.xM;
    } else unsprungKg[axle] = (unsprungKg[axle] ?? 0) + part.massKg;
    massKg += part.massKg;
    xKgM += part.massKg * part.centre.xM;
    yKgM += part.massKg * part.centre.yM;
    zKgM += part.massKg * part.centre.zM;
  }
  return {
    id,
    massSpread,
    placeSpread,
    hosts,
    sprungKg,
    sprungMomentKgM,
    unsprungKg,
    massKg,
    xKgM,
    yKgM,
    zKgM,
  };
};
/** A tank that is drained on the way counts half-way between its levels, and either level is its doubt. */
const levelsOf$1 = (item, loadCase) => {
  const entry = loadCase.aboard.find(({ itemId }) => itemId === item.id);
  if (item.kind !== 'tank' || entry?.fillLow === void 0 || entry.fillLow >= entry.fill) return void 0;
  const [high, low] = [entry.fill, entry.fillLow].map((fill) => item.emptyMassKg + fill * item.massKg.value);
  if (high === void 0 || low === void 0) return void 0;
  return {
    middleKg: (high + low) / 2,
    halfKg: (high - low) / 2,
  };
};
/** How far an item's mass may be off, as a share of the part it is in this case: what is fixed for good of a tank does not slop. */
const massSpreadOf = (item, part, loadCase) => {
  if (part.massKg <= 0) return 0;
  const fill = item.kind === 'tank' ? (loadCase.aboard.find(({ itemId }) => itemId === item.id)?.fill ?? 0) : 1;
  return Math.min(1, (fill * item.massKg.tolerance) / part.massKg);
};
const lumpsOf = (trailer, { parts, loadCase }, axles) => {
  const items = trailer.items.filter(({ id }) => parts.some((part) => part.id === id));
  const itemIds = new Set(items.map(({ id }) => id));
  const groups = [...new Set(parts.filter(({ id }) => !itemIds.has(id)).map(({ group }) => group))];
  const hostsOf = (item, depth = 0) => {
    const index = items.findIndex(({ id }) => item.attach.on === 'item' && id === item.attach.hostId);
    const host = items[index];
    return host && depth < items.length ? [index, ...hostsOf(host, depth + 1)] : [];
  };
  return [
    ...items.map((item) => {
      const full = parts.find(({ id }) => id === item.id);
      const levels = levelsOf$1(item, loadCase);
      const part = levels
        ? {
            ...full,
            massKg: levels.middleKg,
          }
        : full;
      const drained = levels && levels.middleKg > 0 ? levels.halfKg / levels.middleKg : 0;
      const place = item.attach.offsetM.tolerance;
      const spread = Math.min(1, massSpreadOf(item, part, loadCase) + drained);
      return lumpOf(item.id, [part], axles, spread, place, hostsOf(item));
    }),
    ...groups.map((group) =>
      lumpOf(
        group,
        parts.filter((part) => part.group === group && !itemIds.has(part.id)),
        axles,
        OWN_PARTS[group] ?? 0,
        0,
        [],
      ),
    ),
  ];
};
/** Sprung load of each axle under some sprung mass and its first moment, N. */
const axlesUnder = (ground, sprungKg, momentKgM, into) => {
  const { aheadXM, axlesXM, shares, centreXM, springs } = ground;
  const aboutBallNm = STANDARD_GRAVITY * (momentKgM - sprungKg * aheadXM);
  if (springs && offLevel(springs)) {
    const axlesM = axlesXM.map((x) => x - aheadXM);
    const found = heldAxlesN(axlesM, springs, aboutBallNm, STANDARD_GRAVITY * sprungKg);
    if (found) {
      found.forEach((n, i) => (into[i] = n));
      return STANDARD_GRAVITY * sprungKg - found.reduce((sum, n) => sum + n, 0);
    }
  }
  const groupN = aboutBallNm / (centreXM - aheadXM);
  for (let i = 0; i < shares.length; i += 1) into[i] = groupN * shares[i];
  return STANDARD_GRAVITY * sprungKg - groupN;
};
/** Variance of an even spread from −1 to 1. */
const EVEN_VARIANCE = 1 / 3;
/** The lumps as plain numbers, ROW of each: this is gone through ten thousand times a case. */
const ROW$1 = 11;
const tableOf = (lumps) => {
  const table = new Float64Array(lumps.length * ROW$1);
  lumps.forEach((lump, i) => {
    const { massSpread, placeSpread, sprungKg, sprungMomentKgM, massKg, xKgM, yKgM, zKgM, unsprungKg } = lump;
    table.set([massSpread, placeSpread, sprungKg, sprungMomentKgM, massKg, xKgM, yKgM, zKgM, ...unsprungKg], i * ROW$1);
  });
  return table;
};
const tryCase = (trailer, balanced, ground, samples, seed) => {
  const axles = ground.axlesXM.length;
  const lumps = lumpsOf(trailer, balanced, axles);
  const dice = diceOf(seed);
  const share = new Float64Array(samples);
  const tongue = new Float64Array(samples);
  const axleTries = Array.from({ length: axles }, () => new Float64Array(samples));
  const count = lumps.length;
  const table = tableOf(lumps);
  const standsOn = lumps.map(({ hosts }) => hosts);
  const places = new Float64Array(count);
  const masses = new Float64Array(count);
  const withMass = new Float64Array(count);
  const withPlace = new Float64Array(count);
  const into = ground.axlesXM.map(() => 0);
  const unsprung = ground.axlesXM.map(() => 0);
  const sums = {
    x: 0,
    y: 0,
    z: 0,
    xx: 0,
    yy: 0,
    zz: 0,
    xz: 0,
  };
  const nominal = balanced.centre ?? {
    xM: 0,
    yM: 0,
    zM: 0,
  };
  let [light, heavy] = [0, 0];
  for (let k = 0; k < samples; k += 1) {
    let sprungKg = 0;
    let momentKgM = 0;
    let massKg = 0;
    let x = 0;
    let y = 0;
    let z = 0;
    unsprung.fill(0);
    for (let i = 0; i < count; i += 1) {
      masses[i] = table[i * ROW$1] === 0 ? 0 : dice.even();
      places[i] = table[i * ROW$1 + 1] === 0 ? 0 : dice.even();
    }
    for (let i = 0; i < count; i += 1) {
      const at = i * ROW$1;
      const factor = 1 + table[at] * masses[i];
      let moved = table[at + 1] * places[i];
      const hosts = standsOn[i];
      for (let h = 0; h < hosts.length; h += 1) {
        const host = hosts[h];
        moved += table[host * ROW$1 + 1] * places[host];
      }
      const ownSprung = table[at + 2];
      sprungKg += factor * ownSprung;
      momentKgM += factor * (table[at + 3] + ownSprung * moved);
      for (let a = 0; a < axles; a += 1) unsprung[a] = unsprung[a] + factor * table[at + 8 + a];
      const own = table[at + 4];
      massKg += factor * own;
      x += factor * (table[at + 5] + own * moved);
      y += factor * table[at + 6];
      z += factor * table[at + 7];
    }
    const tongueKg = axlesUnder(ground, sprungKg, momentKgM, into) / STANDARD_GRAVITY;
    const own = tongueKg / massKg;
    share[k] = own;
    tongue[k] = tongueKg;
    for (let a = 0; a < axles; a += 1) axleTries[a][k] = into[a] / STANDARD_GRAVITY + unsprung[a];
    const off = own - (balanced.standing?.tongueShare ?? 0);
    const { minKg, maxKg } = bandKg(balanced.band, massKg);
    if (tongueKg < minKg) light += 1;
    else if (tongueKg > maxKg) heavy += 1;
    for (let i = 0; i < count; i += 1) {
      withMass[i] = withMass[i] + off * masses[i];
      withPlace[i] = withPlace[i] + off * places[i];
    }
    const dx = x / massKg - nominal.xM;
    const dy = y / massKg - nominal.yM;
    const dz = z / massKg - nominal.zM;
    sums.x += dx;
    sums.y += dy;
    sums.z += dz;
    sums.xx += dx * dx;
    sums.yy += dy * dy;
    sums.zz += dz * dz;
    sums.xz += dx * dz;
  }
  const tongueShare = spreadOf(share);
  const variance = tongueShare.sd ** 2;
  const partOf = (together) => (variance > 0 ? Math.min(1, (together / samples) ** 2 / (EVEN_VARIANCE * variance)) : 0);
  const guesses = lumps
    .flatMap((lump, i) => [
      ...(lump.massSpread > 0
        ? [
            {
              id: lump.id,
              what: 'mass',
              share: partOf(withMass[i]),
            },
          ]
        : []),
      ...(lump.placeSpread > 0
        ? [
            {
              id: lump.id,
              what: 'place',
              share: partOf(withPlace[i]),
            },
          ]
        : []),
    ])
    .sort((a, b) => b.share - a.share);
  const sd = (squares, first) => Math.sqrt(Math.max(0, squares / samples - (first / samples) ** 2));
  return {
    caseId: balanced.loadCase.id,
    tongueShare,
    tongueKg: spreadOf(tongue),
    axlesKg: axleTries.map(spreadOf),
    tooLight: light / samples,
    tooHeavy: heavy / samples,
    centre: {
      xSdM: sd(sums.xx, sums.x),
      ySdM: sd(sums.yy, sums.y),
      zSdM: sd(sums.zz, sums.z),
      xzM2: sums.xz / samples - (sums.x / samples) * (sums.z / samples),
    },
    guesses,
  };
};
const SAMPLES = 1e4;
const SEED = 20260301;
/**
 * Monte Carlo over every towed case: masses and places of the user's items within their tolerance, every value alike, independent of
 * each other; what stands on something moves with it. The trailer's own parts by group, as `OWN_PARTS` says. The same seed gives the
 * same figures.
 */
const doubtOf = ({ trailer, chassis, cases, samples = SAMPLES, seed = SEED }) => {
  const support = supportOf(trailer, chassis, 'ball');
  if (!support) return [];
  const ground = {
    aheadXM: support.aheadXM,
    axlesXM: support.axlesXM,
    shares: support.shares,
    centreXM: groupCentreXM(support),
    springs: support.springs,
  };
  if (ground.centreXM <= ground.aheadXM) return [];
  return cases
    .filter(({ loadCase, massKg }) => loadCase.mode === 'towed' && massKg > 0)
    .map((balanced) => tryCase(trailer, balanced, ground, samples, seed));
};
// core/src/balance/findings.ts
const SCHOOL_SOURCES = {
  'north-america': commonPractice('10 to 15 % of the loaded trailer; SAE J2807 tests at 10 %'),
  europe: publishedVerify(
    'StVZO §44(3); Regulation (EU) 1230/2012: at least 4 %, at most the plate of coupling and vehicle',
  ),
  australia: commonPractice('about 10 % of the loaded trailer'),
  'muscle-pulled': commonPractice('a few percent, never negative'),
  own: {
    kind: 'own',
    note: 'your own band',
  },
};
const KG = (kg) => quantity(kg, 'mass');
/** The steps from weight and balance point to the load on the tongue. */
const tongueWorking = ({ massKg, centre, standing }) => {
  if (!standing || !centre) return [];
  const sprungKg = massOfWeightKg(standing.aheadN + standing.axles.reduce((sum, axle) => sum + axle.loadN, 0));
  const armM = standing.groupCentreXM - centre.xM;
  const baseM = standing.groupCentreXM - standing.aheadXM;
  const toldArmM = (massOfWeightKg(standing.aheadN) * baseM) / sprungKg;
  return [
    given('whole-trailer', massKg, 'mass'),
    given('balance-point-to-axle', Math.abs(toldArmM - armM) < 1e-9 ? armM : toldArmM, 'length'),
    given('ball-to-axle', baseM, 'length'),
    concluding(
      workedOut(
        'tongue-load',
        over(times$1(KG(massKg), quantity(toldArmM, 'length')), quantity(baseM, 'length')),
        'mass',
      ),
    ),
  ];
};
const sideOf$1 = (tongueKg, minKg, maxKg) =>
  tongueKg < 0 ? 'lifts' : tongueKg < minKg ? 'too-light' : tongueKg > maxKg ? 'too-heavy' : 'within';
const tongueShare = (trailer, balanced) => {
  const { standing, massKg, band, loadCase } = balanced;
  if (!standing || loadCase.mode !== 'towed') return [];
  const tongueKg = massOfWeightKg(standing.tongueN);
  const { minKg, maxKg } = bandKg(band, massKg);
  const side = sideOf$1(tongueKg, minKg, maxKg);
  const near = (maxKg - minKg) * NEAR_EDGE;
  const verdict = side !== 'within' ? 'over' : tongueKg < minKg + near || tongueKg > maxKg - near ? 'tight' : 'ok';
  return [
    finding({
      rule: RULES$6['tongue-share'],
      data: {
        tongueN: standing.tongueN,
        share: standing.tongueShare,
        band,
        side,
      },
      verdict,
      step: 'balance',
      subject: 'trailer',
      caseId: loadCase.id,
      counts: true,
      value: quantity(standing.tongueShare, 'percent'),
      limit: quantity(side === 'too-heavy' ? band.maxShare : band.minShare, 'percent'),
      working: [
        ...tongueWorking(balanced),
        concluding(workedOut('tongue-share', over(KG(tongueKg), KG(massKg)), 'percent')),
      ],
      aspect: loadCase.id,
      source: loadCase.tongueBand ? SCHOOL_SOURCES.own : SCHOOL_SOURCES[schoolOf(trailer)],
    }),
  ];
};
const worstTongue = (cases) =>
  cases
    .filter(({ standing, loadCase }) => standing && loadCase.mode !== 'parked')
    .reduce(
      (worst, next) =>
        (next.standing?.tongueN ?? 0) > (worst?.standing?.tongueN ?? Number.NEGATIVE_INFINITY) ? next : worst,
      void 0,
    );
const tongueLimit = (trailer, cases) => {
  const worst = worstTongue(cases);
  if (!worst?.standing) return [];
  const { tongueN } = worst.standing;
  const limitN = hitchLimitN(trailer);
  const vehicleUnknown = (trailer.towVehicle?.tongueLimitKg ?? null) === null;
  const by =
    limitN === void 0
      ? 'nobody'
      : limitN === weightN(trailer.towVehicle?.tongueLimitKg ?? NaN)
        ? 'tow-vehicle'
        : 'coupler';
  const judged = check({
    rule: RULES$6['tongue-limit'],
    data: {
      tongueN,
      limitN,
      by,
      vehicleUnknown,
    },
    step: 'tongue',
    subject: 'coupler',
    caseId: worst.loadCase.id,
    asked: quantity(tongueN, 'load'),
    allowed: limitN === void 0 ? void 0 : quantity(limitN, 'load'),
    working: tongueWorking(worst),
  });
  return [
    vehicleUnknown && judged.verdict !== 'over'
      ? {
          ...judged,
          verdict: 'open',
        }
      : judged,
  ];
};
const standingStill = (balanced) => {
  const { standing, loadCase } = balanced;
  if (!standing || loadCase.mode === 'towed') return [];
  const common = {
    verdict: standing.aheadN < 0 ? 'over' : 'ok',
    step: 'balance',
    caseId: loadCase.id,
    aspect: loadCase.id,
    value: quantity(standing.aheadN, 'load'),
    limit: quantity(0, 'load'),
    working: tongueWorking(balanced),
  };
  return loadCase.mode === 'parked'
    ? [
        finding({
          ...common,
          rule: RULES$6['jack-load'],
          subject: 'jack',
          data: { loadN: standing.aheadN },
        }),
      ]
    : [
        finding({
          ...common,
          rule: RULES$6['loading-uplift'],
          subject: 'coupler',
          data: { tongueN: standing.tongueN },
        }),
      ];
};
const sixtyForty = (trailer, { ruleOfThumbM, window }) => {
  const ruleFits = window.kind === 'window' && window.fromM <= ruleOfThumbM && ruleOfThumbM <= window.toM;
  return finding({
    rule: RULES$6['sixty-forty'],
    data: {
      ruleM: ruleOfThumbM,
      window,
      ruleFits,
    },
    verdict: window.kind === 'window' ? (ruleFits ? 'ok' : 'tight') : 'unchecked',
    step: 'axle',
    subject: 'axle.1',
    counts: false,
    value: quantity(ruleOfThumbM, 'length'),
    working: [
      concluding(
        workedOut(
          'sixty-percent',
          times$1(quantity(trailer.frame.bed.lengthM, 'length'), quantity(0.6, 'number')),
          'length',
        ),
      ),
    ],
  });
};
const axleWindow = (trailer, { window }) => {
  const { positionM } = trailer.runningGear;
  const inside = window.kind === 'window' && window.fromM <= positionM && positionM <= window.toM;
  return finding({
    rule: RULES$6['axle-window'],
    data: {
      window,
      positionM,
      inside,
    },
    verdict: window.kind === 'none-asked' ? 'open' : inside ? 'ok' : 'over',
    step: 'balance',
    subject: 'axle.1',
    counts: true,
    value: quantity(positionM, 'length'),
    working:
      window.kind === 'window' ? [given('ball-to-axle', positionM + trailer.frame.tongue.lengthM, 'length')] : [],
  });
};
const balanceFindings = (trailer, cases, placement) => {
  if (cases.length === 0)
    return [
      finding({
        rule: RULES$6['no-cases'],
        data: {},
        verdict: 'open',
        step: 'loads',
        subject: 'trailer',
        counts: true,
        working: [],
      }),
    ];
  if (trailer.runningGear.layout === 'none') return [];
  return [
    ...cases.flatMap((balanced) => [...tongueShare(trailer, balanced), ...standingStill(balanced)]),
    ...tongueLimit(trailer, cases),
    axleWindow(trailer, placement),
    sixtyForty(trailer, placement),
  ];
};
/** Load on one axle of a case, worked out from the tongue. */
const axleWorking = (balanced, axleIndex) => {
  const { standing, massKg } = balanced;
  const axle = standing?.axles[axleIndex];
  if (!standing || !axle) return [];
  const aheadKg = massOfWeightKg(standing.aheadN);
  const lines = [...tongueWorking(balanced), workedOut('axle-group-load', minus(KG(massKg), KG(aheadKg)), 'mass')];
  if (standing.axles.length === 1) return lines;
  const sprungKg = massOfWeightKg(standing.axles.reduce((sum, each) => sum + each.sprungN, 0));
  const ownKg = massOfWeightKg(axle.loadN - axle.sprungN);
  const share = massOfWeightKg(axle.sprungN) / sprungKg;
  return [
    ...lines,
    given('axle-own-weight', ownKg, 'mass'),
    workedOut('axle-load', plus(times$1(KG(sprungKg), quantity(share, 'percent')), KG(ownKg)), 'mass'),
  ];
};
// core/src/sections/areaIntegrals.ts
/** 12-point Gauss-Legendre on [−1, 1], positive half (Abramowitz & Stegun, table 25.4). */
const GAUSS$1 = [
  [0.1252334085114689, 0.2491470458134028],
  [0.3678314989981802, 0.2334925365383548],
  [0.5873179542866175, 0.2031674267230659],
  [0.7699026741943047, 0.1600783285433462],
  [0.9041172563704749, 0.1069393259953184],
  [0.9815606342467192, 0.04717533638651183],
];
const splitArc = (edge) => {
  const pieces = Math.max(1, Math.ceil(Math.abs(edge.sweep) / (Math.PI / 2) - 1e-9));
  const sweep = edge.sweep / pieces;
  return Array.from({ length: pieces }, (_, i) => ({
    ...edge,
    start: edge.start + i * sweep,
    sweep,
  }));
};
const addEdge = (sum, edge) => {
  for (const [node, weight] of GAUSS$1)
    for (const side of [-1, 1]) {
      const s = (1 + side * node) / 2;
      let y;
      let z;
      let dz;
      if (edge.kind === 'line') {
        y = edge.y0 + (edge.y1 - edge.y0) * s;
        z = edge.z0 + (edge.z1 - edge.z0) * s;
        dz = edge.z1 - edge.z0;
      } else {
        const angle = edge.start + edge.sweep * s;
        y = edge.y + edge.radius * Math.cos(angle);
        z = edge.z + edge.radius * Math.sin(angle);
        dz = edge.radius * Math.cos(angle) * edge.sweep;
      }
      const w = (weight / 2) * dz;
      [y, (y * y) / 2, y * z, y ** 3 / 3, y * z * z, (y * y * z) / 2].forEach((term, i) => {
        sum[i] = sum[i] + term * w;
      });
    }
};
const areaIntegrals = (outline) => {
  const sum = [0, 0, 0, 0, 0, 0];
  for (const edge of outline) for (const piece of edge.kind === 'arc' ? splitArc(edge) : [edge]) addEdge(sum, piece);
  const [area = 0, y = 0, z = 0, yy = 0, zz = 0, yz = 0] = sum;
  return {
    area,
    y,
    z,
    yy,
    zz,
    yz,
  };
};
const TURN = 2 * Math.PI;
/** Parts of an edge at or below the level; what closes them runs along z = level, where dz = 0 adds nothing. */
const partsBelow = (edge, level) => {
  if (edge.kind === 'line') {
    const { y0, z0, y1, z1 } = edge;
    if (z0 <= level && z1 <= level) return [edge];
    if (z0 > level && z1 > level) return [];
    const s = (level - z0) / (z1 - z0);
    const y = y0 + (y1 - y0) * s;
    return z0 <= level
      ? [
          {
            kind: 'line',
            y0,
            z0,
            y1: y,
            z1: level,
          },
        ]
      : [
          {
            kind: 'line',
            y0: y,
            z0: level,
            y1,
            z1,
          },
        ];
  }
  const ratio = (level - edge.z) / edge.radius;
  if (ratio >= 1) return [edge];
  if (ratio <= -1) return [];
  const crossing = Math.asin(ratio);
  const cuts = [0, 1];
  for (const root of [crossing, Math.PI - crossing])
    for (let turn = -2; turn <= 2; turn += 1) {
      const s = (root + turn * TURN - edge.start) / edge.sweep;
      if (s > 0 && s < 1) cuts.push(s);
    }
  cuts.sort((a, b) => a - b);
  const parts = [];
  for (let i = 0; i + 1 < cuts.length; i += 1) {
    const from = cuts[i];
    const to = cuts[i + 1];
    const middle = edge.start + (edge.sweep * (from + to)) / 2;
    if (edge.z + edge.radius * Math.sin(middle) <= level)
      parts.push({
        ...edge,
        start: edge.start + edge.sweep * from,
        sweep: edge.sweep * (to - from),
      });
  }
  return parts;
};
/** The same outline with y and z exchanged, still traced with the material on the left. */
const exchangeAxes = (outline) =>
  outline.map((edge) =>
    edge.kind === 'line'
      ? {
          kind: 'line',
          y0: edge.z1,
          z0: edge.y1,
          y1: edge.z0,
          z1: edge.y0,
        }
      : {
          ...edge,
          y: edge.z,
          z: edge.y,
          start: Math.PI / 2 - edge.start - edge.sweep,
          sweep: edge.sweep,
        },
  );
/** Equal-area axis parallel to y and the plastic modulus about it; bisection down to the spacing of floating-point numbers. */
const plasticAxis = (outline, height) => {
  const whole = areaIntegrals(outline);
  const below = (level) => areaIntegrals(outline.flatMap((edge) => partsBelow(edge, level)));
  let low = 0;
  let high = height;
  while (true) {
    const middle = (low + high) / 2;
    if (middle <= low || middle >= high) break;
    if (below(middle).area < whole.area / 2) low = middle;
    else high = middle;
  }
  const level = (low + high) / 2;
  const lower = below(level);
  return {
    level,
    modulus: whole.z - lower.z - level * (whole.area - lower.area) + (level * lower.area - lower.z),
  };
};
// core/src/sections/outline.ts
/** Rounds each corner of a closed polygon by the arc tangent to both its sides. */
const roundedPolygon = (corners) => {
  const count = corners.length;
  const at = (index) => corners[(index + count) % count];
  const cutBack = [];
  const turns = [];
  for (let i = 0; i < count; i += 1) {
    const before = at(i - 1);
    const here = at(i);
    const after = at(i + 1);
    const inward = Math.atan2(here.z - before.z, here.y - before.y);
    const outward = Math.atan2(after.z - here.z, after.y - here.y);
    const turn = Math.atan2(Math.sin(outward - inward), Math.cos(outward - inward));
    turns.push(turn);
    cutBack.push((here.radius ?? 0) * Math.tan(Math.abs(turn) / 2));
  }
  const edges = [];
  for (let i = 0; i < count; i += 1) {
    const here = at(i);
    const next = at(i + 1);
    const length = Math.hypot(next.y - here.y, next.z - here.z);
    const cutHere = cutBack[i];
    const cutNext = cutBack[(i + 1) % count];
    if (cutHere + cutNext > length * 1.000000000001)
      return fail({
        code: 'radius-too-large',
        field: here.field ?? next.field ?? 'radius',
      });
    const dy = (next.y - here.y) / length;
    const dz = (next.z - here.z) / length;
    edges.push({
      kind: 'line',
      y0: here.y + dy * cutHere,
      z0: here.z + dz * cutHere,
      y1: next.y - dy * cutNext,
      z1: next.z - dz * cutNext,
    });
    const radius = next.radius ?? 0;
    const turn = turns[(i + 1) % count];
    if (radius > 0 && turn !== 0) {
      const side = Math.sign(turn);
      const y = next.y - dy * cutNext - dz * radius * side;
      const z = next.z - dz * cutNext + dy * radius * side;
      edges.push({
        kind: 'arc',
        y,
        z,
        radius,
        start: Math.atan2(-dy * side, dz * side),
        sweep: turn,
      });
    }
  }
  return ok(edges);
};
const rectangle = (y0, z0, y1, z1, radius, field) => [
  {
    y: y0,
    z: z0,
    radius,
    field,
  },
  {
    y: y1,
    z: z0,
    radius,
    field,
  },
  {
    y: y1,
    z: z1,
    radius,
    field,
  },
  {
    y: y0,
    z: z1,
    radius,
    field,
  },
];
const circle$1 = (y, z, radius, sweep) => ({
  kind: 'arc',
  y,
  z,
  radius,
  start: 0,
  sweep,
});
/** Same holes are traced clockwise, so that their area counts negative. */
const asHole = (edges) =>
  edges
    .map((edge) =>
      edge.kind === 'line'
        ? {
            kind: 'line',
            y0: edge.y1,
            z0: edge.z1,
            y1: edge.y0,
            z1: edge.z0,
          }
        : {
            ...edge,
            start: edge.start + edge.sweep,
            sweep: -edge.sweep,
          },
    )
    .reverse();
const problemIn = (checks) => {
  for (const [value, field, rule] of checks) {
    if (rule === 'positive' && !(value > 0))
      return {
        code: 'not-positive',
        field,
      };
    if (rule === 'not-negative' && !(value >= 0))
      return {
        code: 'negative',
        field,
      };
  }
};
const rectTubeOutline = (s) => {
  if (2 * s.wallM >= Math.min(s.widthM, s.heightM))
    return fail({
      code: 'wall-too-thick',
      field: 'wallM',
    });
  const outer = roundedPolygon(rectangle(0, 0, s.widthM, s.heightM, s.outerRadiusM, 'outerRadiusM'));
  const t = s.wallM;
  const inner = roundedPolygon(rectangle(t, t, s.widthM - t, s.heightM - t, s.innerRadiusM, 'innerRadiusM'));
  if (!outer.ok) return outer;
  return inner.ok ? ok([...outer.value, ...asHole(inner.value)]) : inner;
};
const roundTubeOutline = (s) => {
  const r = s.diameterM / 2;
  if (s.wallM > r)
    return fail({
      code: 'wall-too-thick',
      field: 'wallM',
    });
  const solid = circle$1(r, r, r, 2 * Math.PI);
  return ok(s.wallM === r ? [solid] : [solid, circle$1(r, r, r - s.wallM, -2 * Math.PI)]);
};
const angleOutline = (s) => {
  const t = s.thicknessM;
  if (t >= Math.min(s.verticalLegM, s.horizontalLegM))
    return fail({
      code: 'wall-too-thick',
      field: 'thicknessM',
    });
  return roundedPolygon([
    {
      y: 0,
      z: 0,
    },
    {
      y: s.horizontalLegM,
      z: 0,
    },
    {
      y: s.horizontalLegM,
      z: t,
      radius: s.toeRadiusM,
      field: 'toeRadiusM',
    },
    {
      y: t,
      z: t,
      radius: s.rootRadiusM,
      field: 'rootRadiusM',
    },
    {
      y: t,
      z: s.verticalLegM,
      radius: s.toeRadiusM,
      field: 'toeRadiusM',
    },
    {
      y: 0,
      z: s.verticalLegM,
    },
  ]);
};
const channelOutline = (s) => {
  const overhang = s.flangeM - s.webM;
  if (!(overhang > 0))
    return fail({
      code: 'wall-too-thick',
      field: 'webM',
    });
  const tip = s.flangeThicknessM - (s.innerSlope * overhang) / 2;
  const root = s.flangeThicknessM + (s.innerSlope * overhang) / 2;
  if (!(tip > 0) || 2 * root >= s.depthM)
    return fail({
      code: 'wall-too-thick',
      field: 'flangeThicknessM',
    });
  const toe = {
    radius: s.toeRadiusM,
    field: 'toeRadiusM',
  };
  const corner = {
    radius: s.rootRadiusM,
    field: 'rootRadiusM',
  };
  return roundedPolygon([
    {
      y: 0,
      z: 0,
    },
    {
      y: s.flangeM,
      z: 0,
    },
    {
      y: s.flangeM,
      z: tip,
      ...toe,
    },
    {
      y: s.webM,
      z: root,
      ...corner,
    },
    {
      y: s.webM,
      z: s.depthM - root,
      ...corner,
    },
    {
      y: s.flangeM,
      z: s.depthM - tip,
      ...toe,
    },
    {
      y: s.flangeM,
      z: s.depthM,
    },
    {
      y: 0,
      z: s.depthM,
    },
  ]);
};
const bentChannelOutline = (s) => {
  const t = s.thicknessM;
  if (2 * t >= s.depthM || t >= s.flangeM)
    return fail({
      code: 'wall-too-thick',
      field: 'thicknessM',
    });
  const outer = {
    radius: s.outerRadiusM,
    field: 'outerRadiusM',
  };
  const inner = {
    radius: s.innerRadiusM,
    field: 'innerRadiusM',
  };
  return roundedPolygon([
    {
      y: 0,
      z: 0,
      ...outer,
    },
    {
      y: s.flangeM,
      z: 0,
    },
    {
      y: s.flangeM,
      z: t,
    },
    {
      y: t,
      z: t,
      ...inner,
    },
    {
      y: t,
      z: s.depthM - t,
      ...inner,
    },
    {
      y: s.flangeM,
      z: s.depthM - t,
    },
    {
      y: s.flangeM,
      z: s.depthM,
    },
    {
      y: 0,
      z: s.depthM,
      ...outer,
    },
  ]);
};
const isRadiusOrSlope = (field) => field.endsWith('RadiusM') || field === 'innerSlope';
/** The section's boundary, or the dimension that makes no section. Origin: lower left corner of its bounding box. */
const outlineOf = (shape) => {
  const problem = problemIn(
    Object.entries(shape)
      .filter((entry) => typeof entry[1] === 'number')
      .map(([field, value]) => [value, field, isRadiusOrSlope(field) ? 'not-negative' : 'positive']),
  );
  if (problem) return fail(problem);
  switch (shape.kind) {
    case 'rect-tube':
      return rectTubeOutline(shape);
    case 'round-tube':
      return roundTubeOutline(shape);
    case 'angle':
      return angleOutline(shape);
    case 'channel':
      return channelOutline(shape);
    case 'bent-channel':
      return bentChannelOutline(shape);
    case 'flat-bar':
      return roundedPolygon(rectangle(0, 0, shape.widthM, shape.heightM, 0, 'widthM'));
  }
};
// core/src/sections/shape.ts
const heightOf = (shape) => {
  switch (shape.kind) {
    case 'rect-tube':
    case 'flat-bar':
      return shape.heightM;
    case 'round-tube':
      return shape.diameterM;
    case 'angle':
      return shape.verticalLegM;
    case 'channel':
    case 'bent-channel':
      return shape.depthM;
  }
};
const widthOf = (shape) => {
  switch (shape.kind) {
    case 'rect-tube':
    case 'flat-bar':
      return shape.widthM;
    case 'round-tube':
      return shape.diameterM;
    case 'angle':
      return shape.horizontalLegM;
    case 'channel':
    case 'bent-channel':
      return shape.flangeM;
  }
};
/** Outside height and width of the bar, m. */
const outsideSize = (shape) => ({
  heightM: heightOf(shape),
  widthM: widthOf(shape),
});
/** Area that carries vertical shear, m²: AISC 360-16 G2 (channel web), G3 (angle leg), G4 (tube sides, H − 3t), G5 (round, half); flat bar 2/3 of its area (peak is 1.5 V/A). */
const shearAreaM2 = (shape, areaM2) => {
  switch (shape.kind) {
    case 'rect-tube':
      return 2 * Math.max(shape.heightM - 3 * shape.wallM, shape.wallM) * shape.wallM;
    case 'round-tube':
      return areaM2 / 2;
    case 'angle':
      return shape.verticalLegM * shape.thicknessM;
    case 'channel':
      return shape.depthM * shape.webM;
    case 'bent-channel':
      return shape.depthM * shape.thicknessM;
    case 'flat-bar':
      return (2 / 3) * areaM2;
  }
};
/** Thickness of the wall that bears shear: a tube's wall, a channel's web, an angle's leg; the smaller side of a flat bar, m. */
const wallThicknessM = (shape) => {
  switch (shape.kind) {
    case 'rect-tube':
    case 'round-tube':
      return shape.wallM;
    case 'angle':
    case 'bent-channel':
      return shape.thicknessM;
    case 'channel':
      return shape.webM;
    case 'flat-bar':
      return Math.min(shape.widthM, shape.heightM);
  }
};
// core/src/sections/torsion.ts
const rectangularTube$1 = (s) => {
  const b = s.widthM - s.wallM;
  const h = s.heightM - s.wallM;
  const cornerRadius = (s.outerRadiusM + s.innerRadiusM) / 2;
  const perimeter = 2 * (b + h) - 2 * cornerRadius * (4 - Math.PI);
  const enclosed = b * h - cornerRadius ** 2 * (4 - Math.PI);
  return (s.wallM ** 3 * perimeter) / 3 + (4 * enclosed ** 2 * s.wallM) / perimeter;
};
const solidRectangle = (a, b) => {
  const long = Math.max(a, b);
  const short = Math.min(a, b);
  let series = 0;
  for (let n = 1; n <= 41; n += 2) series += Math.tanh((n * Math.PI * long) / (2 * short)) / n ** 5;
  return ((long * short ** 3) / 3) * (1 - (192 / Math.PI ** 5) * (short / long) * series);
};
/** Free end of a leg of thickness t carries less than its share of t³/3 per length. */
const END_LOSS = 0.105;
const angle$1 = (s) => {
  const t = s.thicknessM;
  const r = s.rootRadiusM;
  const inscribed = 2 * (3 * r + 2 * t - Math.SQRT2 * (2 * r + t));
  const junction = (0.0768 + (0.0479 * r) / t) * inscribed ** 4;
  return ((s.verticalLegM + s.horizontalLegM - t) * t ** 3) / 3 + junction - 2 * END_LOSS * t ** 4;
};
const channel = (s) => {
  const { webM: tw, flangeThicknessM: tf, rootRadiusM: r } = s;
  const taper = (s.innerSlope * (s.flangeM - tw)) / 2;
  const flange = (s.flangeM * (tf ** 3 + tf * taper ** 2)) / 3;
  const web = ((s.depthM - 2 * tf) * tw ** 3) / 3;
  const inscribed = 2 * (3 * r + tw + tf - Math.sqrt(2 * (2 * r + tw) * (2 * r + tf)));
  const junction =
    (-0.0908 + (0.2621 * tw) / tf + (0.1231 * r) / tf - (0.0752 * tw * r) / tf ** 2 - 0.0945 * (tw / tf) ** 2) *
    inscribed ** 4;
  return 2 * flange + web + 2 * junction - 4 * END_LOSS * (tf - taper) ** 4;
};
const bentChannel = (s) => {
  const t = s.thicknessM;
  const radius = (s.outerRadiusM + s.innerRadiusM) / 2;
  return ((2 * (s.flangeM - t / 2) + (s.depthM - t) - 2 * radius * (2 - Math.PI / 2)) * t ** 3) / 3;
};
/**
 * St Venant torsion constant, m⁴.
 * Rectangular tube: EN 10219-2 annex B. Round: polar moment. Flat bar: Saint-Venant's series (Timoshenko & Goodier §109).
 * Angle and channel: El Darwish & Johnston 1965 junction terms as steel section handbooks use them (from memory); tapered
 * flanges by ∫t³ over the taper. Bent channel: developed length × t³/3.
 */
const torsionConstantM4 = (shape) => {
  switch (shape.kind) {
    case 'rect-tube':
      return {
        valueM4: rectangularTube$1(shape),
        method: 'en-10219-closed',
      };
    case 'round-tube': {
      const r = shape.diameterM / 2;
      return {
        valueM4: (Math.PI / 2) * (r ** 4 - (r - shape.wallM) ** 4),
        method: 'round-exact',
      };
    }
    case 'angle':
      return {
        valueM4: angle$1(shape),
        method: 'filleted-open',
      };
    case 'channel':
      return {
        valueM4: channel(shape),
        method: 'filleted-open',
      };
    case 'bent-channel':
      return {
        valueM4: bentChannel(shape),
        method: 'thin-wall-open',
      };
    case 'flat-bar':
      return {
        valueM4: solidRectangle(shape.widthM, shape.heightM),
        method: 'rectangle-series',
      };
  }
};
// core/src/sections/properties.ts
/** Below this share of the larger second moment a product moment is rounding, not geometry. */
const ROUNDING = 1e-12;
const principalAxes = (iy, iz, iyz) => {
  const clean = Math.abs(iyz) < ROUNDING * Math.max(iy, iz) ? 0 : iyz;
  const difference = Math.abs(iy - iz) < ROUNDING * Math.max(iy, iz) ? 0 : iy - iz;
  const mean = (iy + iz) / 2;
  const radius = Math.hypot((iy - iz) / 2, clean);
  return {
    i1M4: mean + radius,
    i2M4: mean - radius,
    angleRad: Math.atan2(-2 * clean, difference) / 2,
  };
};
/** Properties from the exact outline, radii counted; or the dimension that makes no section. */
const sectionProperties = (shape) => {
  const outline = outlineOf(shape);
  if (!outline.ok) return outline;
  const { area, y, z, yy, zz, yz } = areaIntegrals(outline.value);
  const { heightM, widthM } = outsideSize(shape);
  const cy = y / area;
  const cz = z / area;
  const iy = zz - area * cz * cz;
  const iz = yy - area * cy * cy;
  const iyz = yz - area * cy * cz;
  const torsion = torsionConstantM4(shape);
  return ok({
    areaM2: area,
    centroidYM: cy,
    centroidZM: cz,
    iyM4: iy,
    izM4: iz,
    iyzM4: iyz,
    syTopM3: iy / (heightM - cz),
    syBottomM3: iy / cz,
    szRightM3: iz / (widthM - cy),
    szLeftM3: iz / cy,
    ryM: Math.sqrt(iy / area),
    rzM: Math.sqrt(iz / area),
    principal: principalAxes(iy, iz, iyz),
    torsionM4: torsion.valueM4,
    torsionMethod: torsion.method,
    shearAreaM2: shearAreaM2(shape, area),
  });
};
const workOutPlastic = (shape) => {
  const outline = outlineOf(shape);
  if (!outline.ok) return outline;
  const { heightM, widthM } = outsideSize(shape);
  const vertical = plasticAxis(outline.value, heightM);
  const sideways = plasticAxis(exchangeAxes(outline.value), widthM);
  return ok({
    zyM3: vertical.modulus,
    zzM3: sideways.modulus,
    axisZM: vertical.level,
    axisYM: sideways.level,
  });
};
const knownPlastic = /* @__PURE__ */ new WeakMap();
/** Plastic moduli about the equal-area axes parallel to y and to z; worked out once per shape object. */
const plasticProperties = (shape) => {
  const known = knownPlastic.get(shape);
  if (known) return known;
  const fresh = workOutPlastic(shape);
  knownPlastic.set(shape, fresh);
  return fresh;
};
// core/src/sections/section.ts
const knownDesign = /* @__PURE__ */ new WeakMap();
/** The shape that strength is figured with: A500 tube at its design wall, corners 2 t outside and t inside (AISC Manual part 1). */
const designShape = (section) => {
  const known = knownDesign.get(section);
  if (known) return known;
  const { shape, designWallM } = section;
  const design =
    shape.kind === 'rect-tube' && designWallM !== void 0
      ? {
          ...shape,
          wallM: designWallM,
          outerRadiusM: 2 * designWallM,
          innerRadiusM: designWallM,
        }
      : shape;
  knownDesign.set(section, design);
  return design;
};
/**
 * Two of a bar side by side, welded to each other here and there: each carries half. Sideways and in twist they count as two by
 * themselves, which leaves out what a seam all along would add.
 */
const doubledBar = (bar) => {
  const { design } = bar;
  return {
    ...bar,
    widthM: 2 * bar.widthM,
    nominalAreaM2: 2 * bar.nominalAreaM2,
    sMinM3: 2 * bar.sMinM3,
    design: {
      ...design,
      areaM2: 2 * design.areaM2,
      iyM4: 2 * design.iyM4,
      izM4: 2 * design.izM4,
      iyzM4: 2 * design.iyzM4,
      syTopM3: 2 * design.syTopM3,
      syBottomM3: 2 * design.syBottomM3,
      szRightM3: 2 * design.szRightM3,
      szLeftM3: 2 * design.szLeftM3,
      torsionM4: 2 * design.torsionM4,
      shearAreaM2: 2 * design.shearAreaM2,
    },
  };
};
const known = /* @__PURE__ */ new WeakMap();
/** Properties of a section, or undefined where its dimensions make no section; worked out once per section object. */
const barProperties = (section) => {
  if (known.has(section)) return known.get(section);
  const design = sectionProperties(designShape(section));
  const nominal = sectionProperties(section.shape);
  const bar =
    design.ok && nominal.ok
      ? {
          design: design.value,
          nominalAreaM2: nominal.value.areaM2,
          ...outsideSize(section.shape),
          sMinM3: Math.min(design.value.syTopM3, design.value.syBottomM3),
        }
      : void 0;
  known.set(section, bar);
  return bar;
};
// core/src/chassis/member.ts
/** Area and centre of a plan outline. */
const planArea = (plan) => {
  let twice = 0;
  let x = 0;
  let y = 0;
  plan.forEach(([x0, y0], i) => {
    const [x1, y1] = plan[(i + 1) % plan.length];
    const cross = x0 * y1 - x1 * y0;
    twice += cross;
    x += (x0 + x1) * cross;
    y += (y0 + y1) * cross;
  });
  return {
    areaM2: Math.abs(twice) / 2,
    xM: x / (3 * twice),
    yM: y / (3 * twice),
  };
};
const planBox = (x0, x1, y0, y1) => [
  [x0, y0],
  [x1, y0],
  [x1, y1],
  [x0, y1],
];
// core/src/chassis/bars.ts
const SQUARE = { kind: 'square' };
/** Section and metal of a member, or a problem that names it. */
const stockOf = (trailer, group, memberId, problems) => {
  const { sectionId, materialId } = barOf(trailer, group, memberId);
  const section = findSection(trailer, sectionId);
  const material = findMaterial(trailer, materialId);
  if (!section)
    problems.push({
      code: 'missing-section',
      memberId,
      sectionId,
    });
  if (!material)
    problems.push({
      code: 'missing-material',
      memberId,
      materialId,
    });
  if (!section || !material) return void 0;
  const bar = barProperties(section);
  if (!bar) {
    problems.push({
      code: 'impossible-section',
      memberId,
      sectionId,
    });
    return;
  }
  if (section.family !== material.family)
    problems.push({
      code: 'wrong-metal',
      memberId,
      sectionId,
      materialId,
    });
  const holes = overrideOf(trailer, memberId)?.holes ?? [];
  return isDoubled(trailer, memberId)
    ? {
        section,
        bar: doubledBar(bar),
        material,
        pieces: 2,
        holes,
      }
    : {
        section,
        bar,
        material,
        pieces: 1,
        holes,
      };
};
/**
 * Weighs and places a bar. Mass = nominal area × density × (plan area ÷ width): exact for ends sawn upright through a section
 * that is symmetric about its middle; the sideways centre of angles and channels is taken at mid-width.
 */
const placeBar = (id, group, stock, placement) => {
  const { plan, z0M, cutLengthM, faceLengthM = cutLengthM, ends = [SQUARE, SQUARE], standingM } = placement;
  const { risePerM = 0, slant = 1, cutLaterM = 0 } = placement;
  const { bar, material } = stock;
  const { areaM2, xM, yM } = planArea(plan);
  const meanLengthM = standingM ?? (slant * areaM2) / bar.widthM;
  const xs = plan.map(([x]) => x);
  const [x0M, x1M] = [Math.min(...xs), Math.max(...xs)];
  const frontRiseM = risePerM * (x1M - x0M);
  return {
    id,
    group,
    ...stock,
    plan,
    extent: {
      x0M,
      x1M,
      z0M: z0M + Math.min(0, frontRiseM),
      z1M: z0M + (standingM ?? bar.heightM) + Math.max(0, frontRiseM),
    },
    frontRiseM,
    cutLaterM,
    cutLengthM,
    faceLengthM,
    ends,
    massKg: bar.nominalAreaM2 * material.densityKgM3 * meanLengthM,
    centre: {
      xM,
      yM,
      zM: z0M + (standingM === void 0 ? bar.design.centroidZM : standingM / 2) + risePerM * (x1M - xM),
    },
  };
};
// core/src/chassis/bed.ts
const RAIL_IDS = ['rail.left', 'rail.right'];
const sideOf = (id) => (id.endsWith('.right') ? 1 : -1);
const mitre = (along, across) => ({
  kind: 'mitre',
  offSquareRad: Math.atan2(along, across),
});
const rails = (trailer, stock, headerWidth) => {
  const { lengthM, widthM, corner } = trailer.frame.bed;
  return RAIL_IDS.map((id, i) => {
    const own = stock[i];
    const side = sideOf(id);
    const outside = (side * widthM) / 2;
    const inside = outside - side * own.bar.widthM;
    const inset = corner === 'headers-through' ? headerWidth : 0;
    const plan =
      corner === 'mitred'
        ? [
            [0, outside],
            [lengthM, outside],
            [lengthM - headerWidth, inside],
            [headerWidth, inside],
          ]
        : planBox(inset, lengthM - inset, inside, outside);
    const end = mitre(headerWidth, own.bar.widthM);
    return placeBar(id, 'rail', own, {
      plan,
      z0M: -own.bar.heightM,
      cutLengthM: lengthM - 2 * inset,
      faceLengthM: lengthM - 2 * (corner === 'mitred' ? headerWidth : inset),
      ...(corner === 'mitred' ? { ends: [end, end] } : {}),
    });
  });
};
const header = (trailer, id, stock, railWidth) => {
  const { lengthM, widthM, corner } = trailer.frame.bed;
  const width = stock.bar.widthM;
  const half = widthM / 2;
  const inset = corner === 'rails-through' ? railWidth : 0;
  const outer = id === 'header.front' ? 0 : lengthM;
  const inner = id === 'header.front' ? width : lengthM - width;
  const plan =
    corner === 'mitred'
      ? [
          [outer, -half],
          [outer, half],
          [inner, half - railWidth],
          [inner, railWidth - half],
        ]
      : planBox(Math.min(outer, inner), Math.max(outer, inner), inset - half, half - inset);
  const end = mitre(railWidth, width);
  return placeBar(id, 'header', stock, {
    plan,
    z0M: -stock.bar.heightM,
    cutLengthM: widthM - 2 * inset,
    faceLengthM: widthM - 2 * (corner === 'mitred' ? railWidth : inset),
    ...(corner === 'mitred' ? { ends: [end, end] } : {}),
  });
};
/** Evenly spread between the headers' centres, at most the wanted spacing apart. */
const crossPlaces = (trailer, headerWidth) => {
  const { crossMembers, extras, bed } = trailer.frame;
  const own = extras.map(({ id, xM }) => ({
    id,
    xM,
  }));
  if (crossMembers.kind === 'explicit')
    return [
      ...crossMembers.members.map(({ id, xM }) => ({
        id,
        xM,
      })),
      ...own,
    ];
  const span = bed.lengthM - headerWidth;
  const gaps = Math.max(1, Math.min(200, Math.ceil(span / crossMembers.maxSpacingM - 1e-9)));
  return [
    ...Array.from({ length: gaps - 1 }, (_, i) => ({
      id: `cross.${i + 1}`,
      xM: headerWidth / 2 + ((i + 1) * span) / gaps,
    })),
    ...own,
  ];
};
const reportMisplaced = (trailer, members, headerWidth, problems) => {
  const { lengthM } = trailer.frame.bed;
  const sorted = [...members].sort((a, b) => a.centre.xM - b.centre.xM);
  sorted.forEach((member, i) => {
    if (member.extent.x0M < headerWidth - 1e-9 || member.extent.x1M > lengthM - headerWidth + 1e-9)
      problems.push({
        code: 'cross-member-off-bed',
        memberId: member.id,
        xM: member.centre.xM,
      });
    const next = sorted[i + 1];
    if (next && next.extent.x0M < member.extent.x1M - 1e-9)
      problems.push({
        code: 'cross-members-overlap',
        memberId: member.id,
        otherId: next.id,
      });
  });
};
const crossMembers = (trailer, railWidth, headerWidth, problems) => {
  const { bed, deck } = trailer.frame;
  const clear = bed.widthM - 2 * railWidth;
  const top = deck.kind !== 'none' && deck.seat === 'recessed' ? -deck.thicknessM : 0;
  const members = crossPlaces(trailer, headerWidth).flatMap(({ id, xM }) => {
    const stock = stockOf(trailer, 'cross', id, problems);
    if (!stock) return [];
    const half = stock.bar.widthM / 2;
    return [
      placeBar(id, 'cross', stock, {
        plan: planBox(xM - half, xM + half, -clear / 2, clear / 2),
        z0M: top - stock.bar.heightM,
        cutLengthM: clear,
      }),
    ];
  });
  reportMisplaced(trailer, members, headerWidth, problems);
  return members;
};
/** Rails, headers and cross-members; undefined where a section of the outline is missing, so that nothing can be placed. */
const buildBed = (trailer, problems) => {
  const left = stockOf(trailer, 'rail', 'rail.left', problems);
  const right = stockOf(trailer, 'rail', 'rail.right', problems);
  const front = stockOf(trailer, 'header', 'header.front', problems);
  const rear = stockOf(trailer, 'header', 'header.rear', problems);
  if (!left || !right || !front || !rear) return void 0;
  const railWidth = Math.max(left.bar.widthM, right.bar.widthM);
  const railHeight = Math.max(left.bar.heightM, right.bar.heightM);
  const headerWidth = Math.max(front.bar.widthM, rear.bar.widthM);
  if (trailer.frame.bed.widthM <= 2 * railWidth || trailer.frame.bed.lengthM <= 2 * headerWidth) {
    problems.push({
      code: 'bed-narrower-than-rails',
      widthM: trailer.frame.bed.widthM,
    });
    return;
  }
  const cross = crossMembers(trailer, railWidth, headerWidth, problems);
  return {
    members: [
      ...rails(trailer, [left, right], headerWidth),
      header(trailer, 'header.front', front, railWidth),
      header(trailer, 'header.rear', rear, railWidth),
      ...cross,
    ],
    railWidthM: railWidth,
    railHeightM: railHeight,
    headerWidthM: headerWidth,
    crossPlaced: crossPlaces(trailer, headerWidth),
  };
};
// core/src/chassis/panels.ts
const panel = (id, kind, extent, y0M, y1M, densityKgM3) => ({
  id,
  kind,
  extent,
  y0M,
  y1M,
  massKg: densityKgM3 * (extent.x1M - extent.x0M) * (y1M - y0M) * (extent.z1M - extent.z0M),
  centre: {
    xM: (extent.x0M + extent.x1M) / 2,
    yM: (y0M + y1M) / 2,
    zM: (extent.z0M + extent.z1M) / 2,
  },
});
const deckTopZM = (trailer) => {
  const { kind, seat, thicknessM } = trailer.frame.deck;
  return kind !== 'none' && seat === 'on-top' ? thicknessM : 0;
};
/** Deck: over the whole frame, or recessed between the rails and headers. */
const buildDeck = (trailer, bed) => {
  const { deck, bed: size } = trailer.frame;
  const row = DECK_ROWS.find((candidate) => candidate.id === deck.kind);
  if (!row) return [];
  const recessed = deck.seat === 'recessed';
  const along = recessed ? bed.headerWidthM : 0;
  const across = recessed ? bed.railWidthM : 0;
  const top = deckTopZM(trailer);
  return [
    panel(
      'deck',
      'deck',
      {
        x0M: along,
        x1M: size.lengthM - along,
        z0M: top - deck.thicknessM,
        z1M: top,
      },
      across - size.widthM / 2,
      size.widthM / 2 - across,
      row.densityKgM3,
    ),
  ];
};
/** Posts of a side rail stand no further apart than this, m: common practice for stake sides (4 ft). */
const POST_SPACING_M = 1.22;
const sideRails = (trailer, stock, heightM) => {
  const { lengthM, widthM } = trailer.frame.bed;
  const { widthM: across, heightM: tall } = stock.bar;
  const base = deckTopZM(trailer);
  const postHeight = heightM - tall;
  const members = [];
  for (const side of [-1, 1]) {
    const name = side === 1 ? 'right' : 'left';
    const outside = (side * widthM) / 2;
    const inside = outside - side * across;
    members.push(
      placeBar(`side.${name}`, 'side', stock, {
        plan: planBox(0, lengthM, inside, outside),
        z0M: base + postHeight,
        cutLengthM: lengthM,
      }),
    );
    const gaps = Math.max(1, Math.ceil((lengthM - across) / POST_SPACING_M));
    const posts = postHeight > 0 ? gaps + 1 : 0;
    for (let i = 0; i < posts; i += 1) {
      const x0 = (i * (lengthM - across)) / gaps;
      members.push(
        placeBar(`post.${name}.${i + 1}`, 'side', stock, {
          plan: planBox(x0, x0 + across, inside, outside),
          z0M: base,
          cutLengthM: postHeight,
          standingM: postHeight,
        }),
      );
    }
  }
  const clear = widthM - 2 * across;
  members.push(
    placeBar('side.front', 'side', stock, {
      plan: planBox(0, across, -clear / 2, clear / 2),
      z0M: base + postHeight,
      cutLengthM: clear,
    }),
  );
  return members;
};
const sideBoards = (trailer, heightM, thicknessM, densityKgM3) => {
  const { lengthM, widthM } = trailer.frame.bed;
  const base = deckTopZM(trailer);
  const level = {
    z0M: base,
    z1M: base + heightM,
  };
  const half = widthM / 2;
  return [
    panel(
      'board.left',
      'board',
      {
        x0M: 0,
        x1M: lengthM,
        ...level,
      },
      -half,
      thicknessM - half,
      densityKgM3,
    ),
    panel(
      'board.right',
      'board',
      {
        x0M: 0,
        x1M: lengthM,
        ...level,
      },
      half - thicknessM,
      half,
      densityKgM3,
    ),
    panel(
      'board.front',
      'board',
      {
        x0M: 0,
        x1M: thicknessM,
        ...level,
      },
      thicknessM - half,
      half - thicknessM,
      densityKgM3,
    ),
    panel(
      'board.rear',
      'board',
      {
        x0M: lengthM - thicknessM,
        x1M: lengthM,
        ...level,
      },
      thicknessM - half,
      half - thicknessM,
      densityKgM3,
    ),
  ];
};
const buildSides = (trailer, problems) => {
  const { sides } = trailer.frame;
  switch (sides.kind) {
    case 'none':
      return {
        members: [],
        panels: [],
      };
    case 'rail': {
      const stock = stockOf(trailer, 'side', 'side.left', problems);
      return {
        members: stock ? sideRails(trailer, stock, sides.heightM) : [],
        panels: [],
      };
    }
    case 'boards':
      return {
        members: [],
        panels: sideBoards(trailer, sides.heightM, sides.thicknessM, sides.densityKgM3),
      };
  }
};
// core/src/chassis/plates.ts
/** Caps and gussets are cut from what lies about: 1/8 in (3 mm) and 1/4 in (6 mm), common practice. */
const CAP_M = inches(1 / 8);
const GUSSET_M = inches(1 / 4);
const plate$1 = (sizes, metal) => {
  const triangular = sizes.kind === 'gusset';
  const areaM2 = sizes.lengthM * sizes.widthM * (triangular ? 0.5 : 1);
  return {
    ...sizes,
    triangular,
    materialName: metal.name,
    massKg: areaM2 * sizes.thicknessM * metal.densityKgM3,
  };
};
/** Tubes that end in the open, so that water and wasps get in. */
const openEnds = (tongue) =>
  [...tongue.members, ...tongue.sideTubes].filter(
    ({ section, extent }) =>
      (section.shape.kind === 'rect-tube' || section.shape.kind === 'round-tube') && extent.x1M > 0,
  );
const capsOf = (trailer, tongue) =>
  trailer.frame.tongue.capped
    ? openEnds(tongue).map(({ id, bar, material, extent, plan }) => {
        const [, outer, inner] = plan;
        return plate$1(
          {
            id: `cap.${id}`,
            kind: 'cap',
            lengthM: Math.hypot(outer[0] - inner[0], outer[1] - inner[1]),
            widthM: bar.heightM,
            thicknessM: CAP_M,
            centre: {
              xM: (outer[0] + inner[0]) / 2,
              yM: (outer[1] + inner[1]) / 2,
              zM: (extent.z0M + extent.z1M) / 2,
            },
            carriedBy: 'tongue',
          },
          material,
        );
      })
    : [];
const topPlateOf = (trailer, tongue) => {
  const { topPlate } = trailer.frame.tongue;
  const [first] = tongue.members;
  if (!topPlate || !first) return [];
  return [
    plate$1(
      {
        id: 'top-plate',
        kind: 'top-plate',
        ...topPlate,
        centre: {
          xM: first.extent.x0M + topPlate.lengthM / 2,
          yM: 0,
          zM: first.extent.z1M + topPlate.thicknessM / 2,
        },
        carriedBy: 'tongue',
      },
      first.material,
    ),
  ];
};
const gussetsOf = (trailer, bed, tongue) => {
  const { tongueM, cornerM } = trailer.strength.gussets;
  const zM = -bed.railHeightM / 2;
  const at = (id, legM, xM, yM, metal) =>
    plate$1(
      {
        id,
        kind: 'gusset',
        lengthM: legM,
        widthM: legM,
        thicknessM: GUSSET_M,
        centre: {
          xM,
          yM,
          zM,
        },
        carriedBy: 'rails',
      },
      metal,
    );
  const plates = [];
  if (tongueM !== null)
    for (const leg of [...tongue.members, ...tongue.sideTubes]) {
      const [, outer, inner] = leg.plan;
      const sideways = Math.sign(leg.centre.yM);
      plates.push(
        at(`gusset.${leg.id}.front`, tongueM, -tongueM / 3, sideways * tongue.halfSpreadAtHeaderM, leg.material),
      );
      if (tongue.rearOn === 'rails' && leg.extent.x1M > 0)
        plates.push(at(`gusset.${leg.id}.rear`, tongueM, (outer[0] + inner[0]) / 2, outer[1], leg.material));
    }
  const metal = findMaterial(trailer, trailer.frame.groups.rail.materialId);
  if (cornerM !== null && metal) {
    const { lengthM, widthM } = trailer.frame.bed;
    for (const [end, xM] of [
      ['front', cornerM / 3],
      ['rear', lengthM - cornerM / 3],
    ])
      for (const [side, y] of [
        ['left', -1],
        ['right', 1],
      ])
        plates.push(at(`gusset.corner.${end}.${side}`, cornerM, xM, y * (widthM / 2 - cornerM / 3), metal));
  }
  return plates;
};
/** Everything that is cut from flat for frame and tongue. */
const buildPlates = (trailer, bed, tongue) => [
  ...topPlateOf(trailer, tongue),
  ...capsOf(trailer, tongue),
  ...gussetsOf(trailer, bed, tongue),
];
// core/src/chassis/tongue/level.ts
/** Half-way up the header where it ends there; under the rails where it runs on beneath; a step moves all of it, a slope its front. */
const tongueLevel = (tongue, bed, barHeightM, under, problems) => {
  const usualM = under ? -bed.railHeightM - barHeightM : -(bed.railHeightM + barHeightM) / 2;
  const { kind, byM } = tongue.rise;
  if (kind === 'level' || byM === 0)
    return {
      z0M: usualM,
      risePerM: 0,
    };
  if (kind === 'sloped') {
    if (!under)
      return {
        z0M: usualM,
        risePerM: byM / tongue.lengthM,
      };
    problems.push({
      code: 'slope-under-frame',
      byM,
    });
    return {
      z0M: usualM,
      risePerM: 0,
    };
  }
  if (under && byM > 0) {
    problems.push({
      code: 'step-up-under-frame',
      byM,
    });
    return {
      z0M: usualM,
      risePerM: 0,
    };
  }
  const leastM = (bed.railHeightM + barHeightM) / 2;
  if (!under && Math.abs(byM) < leastM) {
    problems.push({
      code: 'step-too-small',
      byM,
      leastM,
    });
    return {
      z0M: usualM,
      risePerM: 0,
    };
  }
  if (tongue.kind === 'backbone')
    problems.push({
      code: 'step-with-side-tubes',
      byM,
    });
  return {
    z0M: usualM + byM,
    risePerM: 0,
  };
};
// core/src/chassis/tongue/risers.ts
/** Uprights between a stepped tongue and the frame, one at each place where it is held. */
const buildRisers = (tongue, bed, legs, rear) => {
  if (tongue.rise.kind !== 'stepped') return [];
  const header = bed.members.find(({ id }) => id === 'header.front');
  if (!header) return [];
  return legs.flatMap(({ member, stock, headerYM }) => {
    const side = member.id.split('.')[1] ?? '';
    const upright = (end, xM, yM, z0M, z1M) =>
      z1M - z0M > 1e-6
        ? [
            placeBar(`tongue.riser.${side}.${end}`, 'tongue', stock, {
              plan: planBox(xM, xM + stock.bar.heightM, yM - stock.bar.widthM / 2, yM + stock.bar.widthM / 2),
              z0M,
              cutLengthM: z1M - z0M,
              standingM: z1M - z0M,
            }),
          ]
        : [];
    const { z0M, z1M } = member.extent;
    if (rear === 'header')
      return z0M < header.extent.z0M
        ? upright('front', 0, headerYM, z0M, header.extent.z0M)
        : upright('front', 0, headerYM, header.extent.z1M, z1M);
    const rearXM = member.extent.x1M - stock.bar.heightM;
    const rearYM = rear === 'rails' ? member.plan[1][1] * (1 - 0.5 * EDGE) : 0;
    const above = rear === 'rails' ? -bed.railHeightM : crossUnderside(bed, member.extent.x1M);
    return [...upright('front', 0, headerYM, z1M, header.extent.z0M), ...upright('rear', rearXM, rearYM, z1M, above)];
  });
};
/** The rear upright stands inside the rail's outer face by this share of the half width. */
const EDGE = 0.08;
const crossUnderside = (bed, xM) =>
  bed.members
    .filter(({ group }) => group === 'cross' || group === 'header')
    .reduce((best, next) => (Math.abs(next.centre.xM - xM) < Math.abs(best.centre.xM - xM) ? next : best)).extent.z0M;
// core/src/chassis/tongue/slantedBar.ts
/**
 * Angles of a saw cut in an upright plane across or along the trailer, through a bar at α to the centre line that slopes by σ along
 * itself: off square seen from above and seen from the side. Closed form, from the cut plane's normal n and the bar's own axes d, w, u:
 * tan(above) = n·w ÷ n·d, tan(side) = n·u ÷ n·d.
 */
const slopedCut = (plane, angleRad, slopeRad) => {
  const above = (plane === 'across' ? Math.tan(angleRad) : 1 / Math.tan(angleRad)) / Math.cos(slopeRad);
  return {
    kind: 'mitre',
    offSquareRad: Math.atan(above),
    ...(Math.abs(slopeRad) > 1e-9 ? { bevelRad: Math.abs(slopeRad) } : {}),
  };
};
/**
 * Faces of one slanted bar: across = width ÷ cos α from face to face across the trailer, width ÷ sin α along it. At its front it is cut
 * along the centre line (90° − α off square), at its rear it butts on the header's face (α off square) or runs to the rail's outer face.
 */
const slantedBar = (stock, bar) => {
  const { angleRad, startXM, startYM, side, outerXM, innerXM, under } = bar;
  const { widthM } = stock.bar;
  const tan = Math.tan(angleRad);
  const cos = Math.cos(angleRad);
  const acrossM = widthM / cos;
  const alongM = widthM / Math.sin(angleRad);
  const slopeRad = Math.atan(bar.risePerM * cos);
  const slant = 1 / Math.cos(slopeRad);
  const plan = [
    [startXM, side * startYM],
    [outerXM, side * (startYM + (outerXM - startXM) * tan)],
    [innerXM, side * Math.max(startYM, startYM + (innerXM - startXM) * tan - acrossM)],
    [startXM + alongM, side * startYM],
  ];
  const outerM = (slant * (outerXM - startXM)) / cos;
  const innerM = (slant * (innerXM - startXM - alongM)) / cos;
  const tip = slopedCut('along', angleRad, slopeRad);
  return placeBar(bar.id, 'tongue', stock, {
    plan,
    z0M: bar.z0M,
    faceLengthM: under ? outerM : Math.min(outerM, innerM),
    cutLengthM: under ? outerM + widthM / tan : Math.max(outerM, innerM),
    ends: [tip, under ? tip : slopedCut('across', angleRad, slopeRad)],
    risePerM: bar.risePerM,
    slant,
    cutLaterM: bar.cutLaterM,
  });
};
// core/src/chassis/tongue/buildTongue.ts
/** Top and ball of a tongue whose rear end's underside lies at z0. */
const heights$1 = (tongue, z0M, risePerM, barHeightM) => ({
  topZM: z0M + barHeightM + (risePerM * tongue.lengthM) / 2,
  ballZM: z0M + barHeightM / 2 + risePerM * tongue.lengthM,
});
/** Where bars that start at x, y and slant by α end: at the header's front face, or at the rails' outer faces. */
const reachOf = (trailer, start, angleRad, widthM, under, problems) => {
  const { bed } = trailer.frame;
  const tan = Math.tan(angleRad);
  const spreadM = start.yM - start.xM * tan;
  if (spreadM > bed.widthM / 2 + 1e-9) {
    problems.push({
      code: 'legs-outside-frame',
      spreadM: 2 * spreadM,
      widthM: bed.widthM,
    });
    return {
      outerXM: 0,
      innerXM: 0,
      under: false,
    };
  }
  if (!under)
    return {
      outerXM: 0,
      innerXM: 0,
      under: false,
    };
  const outerXM = start.xM + (bed.widthM / 2 - start.yM) / tan;
  const innerXM = outerXM + widthM / Math.cos(angleRad) / tan;
  if (innerXM > bed.lengthM)
    problems.push({
      code: 'tongue-under-longer-than-bed',
      underM: innerXM,
    });
  return {
    outerXM,
    innerXM,
    under: true,
  };
};
const aFrame = (trailer, tongue, bed, stock, problems) => {
  const angle = tongue.includedAngleRad / 2;
  const tan = Math.tan(angle);
  const apexX = tongue.apexBehindBallM - tongue.lengthM;
  const wanted = tongue.rearEnd === 'under';
  const tallestM = Math.max(...stock.map(({ bar }) => bar.heightM));
  const reach = stock.map(({ bar }, i) =>
    reachOf(
      trailer,
      {
        xM: apexX,
        yM: 0,
      },
      angle,
      bar.widthM,
      wanted,
      i === 0 ? problems : [],
    ),
  );
  const { z0M, risePerM } = tongueLevel(tongue, bed, tallestM, reach[0]?.under ?? false, problems);
  const legs = ['tongue.left', 'tongue.right'].map((id, i) => {
    const own = stock[i];
    const side = id === 'tongue.right' ? 1 : -1;
    return {
      member: slantedBar(own, {
        id,
        side,
        startXM: apexX,
        startYM: 0,
        angleRad: angle,
        ...reach[i],
        z0M: z0M + tallestM - own.bar.heightM,
        risePerM,
        cutLaterM: tongue.cutLaterM / Math.cos(angle),
      }),
      stock: own,
      headerYM: side * Math.max(0, -apexX * tan - own.bar.widthM / Math.cos(angle) / 2),
    };
  });
  const last = reach[1];
  const rearOn = last.under ? 'rails' : 'header';
  return {
    members: legs.map(({ member }) => member),
    sideTubes: [],
    risers: buildRisers(tongue, bed, legs, rearOn),
    legAngleRad: angle,
    legs: 2,
    rearBearingXM: last.under ? (last.outerXM + last.innerXM) / 2 : void 0,
    rearOn,
    halfSpreadAtHeaderM: Math.abs(legs[1]?.headerYM ?? 0),
    ...heights$1(tongue, z0M, risePerM, tallestM),
  };
};
/** A tube that runs on by less than this ends at the header: it has no lever there, m. */
const LEAST_UNDER_M = 0.001;
const buildSideTubes = (trailer, tongue, backbone, level, under, problems) => {
  if (tongue.kind !== 'backbone' || tongue.rise.kind === 'stepped') return [];
  const { sideTubesAheadM: aheadM, sideTubeAngleRad: angleRad } = tongue;
  if (aheadM > tongue.lengthM - tongue.tipBehindBallM)
    problems.push({
      code: 'side-tubes-ahead-of-tongue',
      aheadM,
      lengthM: tongue.lengthM - tongue.tipBehindBallM,
    });
  const start = {
    xM: -aheadM,
    yM: backbone.bar.widthM / 2,
  };
  return ['tongue.side.left', 'tongue.side.right'].flatMap((id, i) => {
    const own = stockOf(trailer, 'tongue', id, problems);
    if (!own) return [];
    const reach = reachOf(trailer, start, angleRad, own.bar.widthM, under, i === 0 ? problems : []);
    return [
      slantedBar(own, {
        id,
        side: id.endsWith('right') ? 1 : -1,
        startXM: start.xM,
        startYM: start.yM,
        angleRad,
        ...reach,
        z0M: level.z0M + (backbone.bar.heightM - own.bar.heightM) * (under ? 1 : 0.5),
        risePerM: level.risePerM,
        cutLaterM: 0,
      }),
    ];
  });
};
/** Holes for pins are this much wider, m: 1/16 in, common practice. */
const PIN_ROOM_M = inches(1 / 16);
/** Holes that the pins of a folding or removable tongue leave in it, from its ball's end. */
const pinHoles = ({ joint, lengthM, tipBehindBallM }) => {
  if (joint.kind === 'fixed') return [];
  const middleM = lengthM - tipBehindBallM - joint.aheadM;
  return (joint.pins === 2 ? [-joint.pinSpacingM / 2, joint.pinSpacingM / 2] : [0])
    .map((byM) => ({
      atM: middleM + byM,
      diameterM: joint.pinDiameterM + PIN_ROOM_M,
      through: 'sides',
    }))
    .filter(({ atM }) => atM >= 0);
};
const singleTube = (trailer, tongue, bed, stock, problems) => {
  const half = stock.bar.widthM / 2;
  const tip = tongue.tipBehindBallM - tongue.lengthM;
  const under = tongue.underM > LEAST_UNDER_M;
  if (tongue.underM > trailer.frame.bed.lengthM)
    problems.push({
      code: 'tongue-under-longer-than-bed',
      underM: tongue.underM,
    });
  if (tongue.joint.kind !== 'fixed' && tongue.joint.aheadM >= -tip)
    problems.push({
      code: 'tongue-joint-off-tongue',
      aheadM: tongue.joint.aheadM,
      lengthM: -tip,
    });
  const level = tongueLevel(tongue, bed, stock.bar.heightM, under, problems);
  const slopeRad = Math.atan(level.risePerM);
  const slant = 1 / Math.cos(slopeRad);
  const sloped = {
    kind: 'mitre',
    offSquareRad: 0,
    bevelRad: Math.abs(slopeRad),
  };
  const drilled = {
    ...stock,
    holes: [...stock.holes, ...pinHoles(tongue)],
  };
  const member = placeBar('tongue.middle', 'tongue', drilled, {
    plan: planBox(tip, tongue.underM, -half, half),
    z0M: level.z0M,
    risePerM: level.risePerM,
    slant,
    cutLengthM: (tongue.underM - tip) * slant + (stock.bar.heightM * Math.abs(level.risePerM)) / 2,
    faceLengthM: (tongue.underM - tip) * slant - (stock.bar.heightM * Math.abs(level.risePerM)) / 2,
    ...(slopeRad === 0 ? {} : { ends: [{ kind: 'square' }, sloped] }),
    cutLaterM: tongue.cutLaterM,
  });
  const rearOn = under ? 'cross-member' : 'header';
  return {
    members: [member],
    sideTubes: buildSideTubes(trailer, tongue, stock, level, under, problems),
    risers: buildRisers(
      tongue,
      bed,
      [
        {
          member,
          stock,
          headerYM: 0,
        },
      ],
      rearOn,
    ),
    legAngleRad: 0,
    legs: 1,
    rearBearingXM: under ? tongue.underM : void 0,
    rearOn,
    halfSpreadAtHeaderM: 0,
    ...heights$1(tongue, level.z0M, level.risePerM, stock.bar.heightM),
  };
};
const buildTongue = (trailer, bed, problems) => {
  const { tongue } = trailer.frame;
  const ids = tongue.kind === 'a-frame' ? ['tongue.left', 'tongue.right'] : ['tongue.middle'];
  const stock = ids.map((id) => stockOf(trailer, 'tongue', id, problems)).filter((own) => own !== void 0);
  if (stock.length !== ids.length) return void 0;
  return tongue.kind === 'a-frame'
    ? aFrame(trailer, tongue, bed, stock, problems)
    : singleTube(trailer, tongue, bed, stock[0], problems);
};
// core/src/chassis/buildChassis.ts
const buildChassis = (trailer) => {
  const problems = [];
  const bed = buildBed(trailer, problems);
  const tongue = bed && buildTongue(trailer, bed, problems);
  const sides = buildSides(trailer, problems);
  return {
    members: [
      ...(bed?.members ?? []),
      ...(tongue ? [...tongue.members, ...tongue.sideTubes, ...tongue.risers] : []),
      ...sides.members,
    ],
    panels: [...(bed ? buildDeck(trailer, bed) : []), ...sides.panels],
    plates: bed && tongue ? buildPlates(trailer, bed, tongue) : [],
    tongue,
    crossPlaced: bed?.crossPlaced ?? [],
    ballXM: -trailer.frame.tongue.lengthM,
    railWidthM: bed?.railWidthM ?? 0,
    railHeightM: bed?.railHeightM ?? 0,
    headerWidthM: bed?.headerWidthM ?? 0,
    deckTopZM: deckTopZM(trailer),
    problems,
  };
};
millimetres(1.5);
// core/src/chassis/rules.ts
/** What this stage checks, and what it tells without judging. */
const RULES$5 = rulesOf({
  'frame-problem': {
    formula: 'each bar has a section, a metal, a length, and something to be welded to',
    source: computedBy('the frame’s own geometry'),
    holds: 'the geometry alone',
  },
  'overall-width': {
    formula: 'outermost of tires, fenders and frame ≤ the widest that it may be',
    source: publishedSure('23 CFR 658.15: 102 in on US interstate routes; EU 2.55 m; narrower by state and road'),
    holds: 'mirrors, lights and loads beyond the bed are not in it',
  },
  'overall-length': {
    formula: 'ball centre to rear edge ≤ the longest that it may be',
    source: computedBy('ball centre to rear edge'),
    holds: 'loads and gates beyond the bed are not in it',
  },
  'unmarked-metal': {
    formula: 'yield of tube without stencil or certificate counts as 30 ksi (205 MPa)',
    source: commonPractice('no certificate, no credit: 30 ksi (205 MPa)'),
    holds: 'tube that is called unmarked',
  },
  'aluminum-welds': {
    formula: 'within 1 in (25 mm) of a weld aluminum counts at its welded strength',
    source: publishedSure('Aluminum Design Manual: welded strength within 1 in of a weld'),
    holds: 'bars of aluminum, welded',
  },
});
// core/src/chassis/findings.ts
/** Outermost tire faces or the frame, whichever is wider, m. */
const overallWidthM = (trailer) => {
  const { suspension, tire, layout, fender } = trailer.runningGear;
  const overTires = layout === 'none' ? 0 : suspension.trackM + tire.widthM;
  const { widthM } = trailer.frame.bed;
  const overFenders = layout === 'none' || fender.kind === 'none' ? 0 : widthM + 2 * fender.reachM;
  if (overFenders > Math.max(overTires, widthM))
    return {
      widthM: overFenders,
      by: 'fenders',
    };
  return overTires > widthM
    ? {
        widthM: overTires,
        by: 'tires',
      }
    : {
        widthM,
        by: 'frame',
      };
};
const sizes = (trailer) => {
  const { widthM, by } = overallWidthM(trailer);
  const { bed, tongue } = trailer.frame;
  const lengthM = bed.lengthM + tongue.lengthM;
  const storedM =
    tongue.kind !== 'a-frame' && tongue.joint.kind !== 'fixed' ? bed.lengthM + tongue.joint.aheadM : void 0;
  const { maxWidthM, maxLengthM } = trailer.job;
  const { suspension, tire } = trailer.runningGear;
  const m = (value) => quantity(value, 'length');
  const common = {
    step: 'job',
    subject: 'trailer',
    counts: true,
  };
  const spare = (limit, value) =>
    limit === null ? [] : [concluding(workedOut('spare', minus(m(limit), m(value)), 'length'))];
  const passes = (value, limit) => (limit === null || value <= limit ? 'ok' : 'over');
  return [
    finding({
      ...common,
      rule: RULES$5['overall-width'],
      data: {
        widthM,
        limitM: maxWidthM ?? void 0,
        by,
      },
      verdict: passes(widthM, maxWidthM),
      value: m(widthM),
      limit: maxWidthM === null ? void 0 : m(maxWidthM),
      working: [
        ...(by === 'tires' ? [workedOut('overall-width', plus(m(suspension.trackM), m(tire.widthM)), 'length')] : []),
        ...spare(maxWidthM, widthM),
      ],
    }),
    finding({
      ...common,
      rule: RULES$5['overall-length'],
      data: {
        lengthM,
        limitM: maxLengthM ?? void 0,
        storedM,
      },
      verdict: passes(lengthM, maxLengthM),
      value: m(lengthM),
      limit: maxLengthM === null ? void 0 : m(maxLengthM),
      working: [
        workedOut('overall-length', plus(m(tongue.lengthM), m(bed.lengthM)), 'length'),
        ...spare(maxLengthM, lengthM),
      ],
    }),
  ];
};
const OPEN_PROBLEMS = /* @__PURE__ */ new Set(['missing-section', 'missing-material']);
const TONGUE_PROBLEMS = /* @__PURE__ */ new Set([
  'legs-outside-frame',
  'tongue-under-longer-than-bed',
  'slope-under-frame',
  'step-up-under-frame',
  'step-too-small',
  'step-with-side-tubes',
  'side-tubes-ahead-of-tongue',
  'tongue-joint-off-tongue',
]);
const chassisFindings = (trailer, chassis) => {
  const problems = chassis.problems.map((problem) =>
    finding({
      rule: RULES$5['frame-problem'],
      data: problem,
      aspect: problem.code,
      verdict: OPEN_PROBLEMS.has(problem.code) ? 'open' : 'over',
      step: TONGUE_PROBLEMS.has(problem.code) ? 'tongue' : 'frame',
      subject: 'memberId' in problem ? problem.memberId : 'trailer',
      counts: true,
      working: [],
    }),
  );
  const unmarkedMembers = chassis.members.filter(({ material }) => material.id === 'unmarked-tube');
  const unmarked = unmarkedMembers.map(({ id }) => id);
  const aluminum = chassis.members.filter(({ material }) => material.family === 'aluminum');
  return [
    ...problems,
    ...sizes(trailer),
    ...(unmarked.length > 0
      ? [
          finding({
            rule: RULES$5['unmarked-metal'],
            data: {
              memberIds: unmarked,
              yieldPa: unmarkedMembers[0]?.material.yieldPa ?? 0,
            },
            verdict: 'ok',
            step: 'frame',
            subject: unmarked[0] ?? 'trailer',
            counts: false,
            working: [],
          }),
        ]
      : []),
    ...(aluminum.length > 0
      ? [
          finding({
            rule: RULES$5['aluminum-welds'],
            data: { memberCount: aluminum.length },
            verdict: 'ok',
            step: 'strength',
            subject: 'trailer',
            counts: false,
            working: [],
          }),
        ]
      : []),
  ];
};
// core/src/coupling/rules.ts
/** The ball must come up over the vehicle’s own by this (common practice, 2 to 3 in). */
const OVER_BALL_M = inches(3);
/** Drawn in, the jack’s foot stays this far off the road (common practice). */
const ROAD_CLEAR_M = inches(6);
/** A jack is taken for one and a half times what stands on it (common practice). */
const JACK_RESERVE = 1.5;
/** A shank’s hole may be this much wider (common practice). */
const HOLE_ROOM_M = inches(1 / 16);
/** Balls are told apart from this on, m. */
const BALL_TOLERANCE_M = 5e-4;
/** V is asked of centre-axle trailers over 3.5 t. */
const V_FROM_KG = 3500;
/** Upright acceleration at the coupling, m/s², without air springs. */
const V_ACCELERATION = 2.4;
/** UN R55 takes 9.81. */
const R55_G = 9.81;
/** A vehicle’s brakes are made for its own weight: from this share of it they are advised on the trailer whatever the law says (common practice). */
const ADVISED_FROM = 0.4;
/** A shop size as it is spoken of. */
const inch$2 = (metres) =>
  formatLength(metres, {
    system: 'imperial',
    denominator: 16,
  });
/** What this stage checks, and what it tells without judging. */
const RULES$4 = rulesOf({
  'gross-against-plate': {
    formula: 'heaviest load ≤ the gross on the plate',
    tightFrom: 0.9,
    source: {
      kind: 'own',
      note: 'the rated gross you put on the plate',
    },
    holds: 'all loads, parked ones too',
  },
  'gross-against-coupler': {
    formula: 'the greater of plate and heaviest load ≤ the stamp on the coupler',
    tightFrom: 0.9,
    source: publishedVerify('SAE J684 classes; the stamp on the coupler governs'),
    holds: 'couplings that somebody has rated',
  },
  'gross-against-tow-vehicle': {
    formula: 'the greater of plate and heaviest load ≤ what the vehicle may tow',
    tightFrom: 0.9,
    source: commonPractice('the tow vehicle’s handbook and plate govern'),
    holds: 'the vehicle’s own limits for braked and unbraked trailers are not told apart',
  },
  'home-made-coupling': {
    formula: 'no rule',
    source: commonPractice('buy a rated coupling'),
    holds: 'nobody has tested it',
  },
  'no-region': {
    formula: 'at least one region is chosen',
    source: commonPractice(),
    holds: 'rules that differ by region cannot be asked without one',
  },
  brakes: {
    formula: 'rated gross ≤ what the region lets run unbraked',
    source: publishedVerify('thresholds by region, told with each'),
    holds: 'a range where authorities differ; your own decides',
  },
  breakaway: {
    formula: 'brakes set themselves when the trailer comes loose',
    source: publishedSure('by region, told with each'),
    holds: 'braked trailers, by region',
  },
  'brake-kind': {
    formula: 'gross ≤ what overrun brakes are let hold',
    source: publishedVerify('by region, told with each'),
    holds: 'overrun brakes; electric ones have no such limit here',
  },
  'brakes-advised': {
    formula: `gross ÷ vehicle < ${formatPercent(ADVISED_FROM, 0)}, or brakes`,
    source: commonPractice(
      `brakes from about ${formatPercent(ADVISED_FROM, 0)} of the vehicle’s weight; UN R13 lets an unbraked trailer be half of it at most`,
    ),
    holds: 'whatever the law says',
  },
  plug: {
    formula: 'as many ways as lights and brakes ask for',
    source: commonPractice('lights by law; four ways carry lights alone, electric brakes ask for six or seven'),
    holds: 'wiring itself is not looked at',
  },
  chains: {
    formula: 'two chains, crossed, on tabs of their own',
    source: publishedSure('SAE J684: two chains, crossed, held apart from the coupler’s own bolts and welds'),
    holds: 'how they hang; strength and length apart',
  },
  'chain-strength': {
    formula: 'each chain breaks at no less than its class asks; as many as the region asks',
    source: publishedSure('SAE J684 classes: what each chain must break at'),
    holds: 'Europe and Australia are counted, not rated',
  },
  'chain-length': {
    formula: 'longest span in the turn ≤ chain; a dropped tongue stays off the road',
    source: publishedSure('SAE J684: slack for turning only, and a dropped tongue held off the road; plane geometry'),
    holds: 'plane geometry, chains pulled straight behind the vehicle',
  },
  'd-value': {
    formula: `D = g·T·R ÷ (T + R) ≤ the D stamped, g = ${R55_G}`,
    source: publishedSure(`UN R55: D = g·T·R ÷ (T + R), g = ${R55_G}`),
    holds: 'Europe',
  },
  'v-value': {
    formula: `V = a·C·X² ÷ L², X² ÷ L² ≥ 1, a = ${V_ACCELERATION} m/s²`,
    source: publishedSure(`UN R55: V = a·C·X² ÷ L², a = ${V_ACCELERATION} m/s² without air springs`),
    holds: `Europe, centre-axle trailers over ${V_FROM_KG} kg without air springs; told, not judged`,
  },
  'coupler-height': {
    formula: 'least ≤ the coupling’s height ≤ most of the region',
    source: publishedVerify('by region, told with each'),
    holds: 'the heaviest towed load riding level; Europe and Australia',
  },
  'jack-rating': {
    formula: 'load on the jack ≤ its rating',
    tightFrom: 1 / JACK_RESERVE,
    source: commonPractice('one and a half to twice what stands on it'),
    holds: 'the parked load that presses hardest',
  },
  'jack-reach': {
    formula: `jack run out ≥ hitch + ${inch$2(OVER_BALL_M)} + what it is mounted over the ball; drawn in, ${inch$2(ROAD_CLEAR_M)} off the road`,
    source: commonPractice(
      'it lifts the coupler 2 to 3 in over the highest ball, and clears the road by 6 in drawn in',
    ),
    holds: 'level ground',
  },
  'weakest-link': {
    formula: 'greatest of gross and tongue against each link’s stamp ≤ 1',
    tightFrom: 0.9,
    source: commonPractice('vehicle, hitch, ball mount, ball, coupler, tongue and chains: the lowest stamp governs'),
    holds: 'stamps that somebody has read; the tongue by hand',
  },
  'ball-fits': {
    formula: `ball = coupler, within ${BALL_TOLERANCE_M * 1e3} mm`,
    source: publishedSure('SAE J684, ISO 1103: a 50 mm and a 2 in ball do not interchange'),
    holds: 'ball couplings',
  },
  'ball-hole': {
    formula: `shank ≤ hole ≤ shank + ${inch$2(HOLE_ROOM_M)}`,
    source: commonPractice('shank and 1/16 in at most; lock washer, two threads past the nut'),
    holds: 'balls with a shank',
  },
  'coupling-kind': {
    formula: 'told, not judged',
    source: commonPractice('pintle: eye and pintle of SAE J847; three axes: tested to UN R55 or ADR 62'),
    holds: 'pintles and couplings free in three ways',
  },
});
// core/src/coupling/chains.ts
/** Trailers over the last listed class. */
const CLASS_4 = '4';
const CLASS_4_SOURCE = publishedVerify('SAE J684, class 4: above 5,000 lb each chain breaks at the gross itself');
/** What one chain must break at in the class of this gross, kg: SAE J684. */
const chainClass = (grossKg) => {
  return (
    J684_CLASSES.find(({ upToKg }) => grossKg <= upToKg + 1e-6) ?? {
      name: CLASS_4,
      chainKg: grossKg,
    }
  );
};
/** Distance from a tab on the trailer turned by γ to its hook on the vehicle, m; crossed chains go to the other side's hook. */
const chainSpanM = (chain, gammaRad) => {
  const half = chain.apartM / 2;
  const hookY = chain.crossed ? -half : half;
  const [cos, sin] = [Math.cos(gammaRad), Math.sin(gammaRad)];
  const x = chain.tabBehindBallM * cos - half * sin;
  const y = chain.tabBehindBallM * sin + half * cos;
  return Math.hypot(x + chain.hookAheadOfBallM, y - hookY);
};
/**
 * The shortest chain that lets the trailer turn this far either way, m: the longest span on the way there. Its square goes as
 * cos(γ + φ), tan φ = (a·h + y·t) ÷ (a·t − y·h), so that it is longest at either end or at γ = −φ: exact.
 */
const chainNeededM = (chain, turnRad) => {
  const half = chain.apartM / 2;
  const hookY = chain.crossed ? -half : half;
  const { tabBehindBallM: t, hookAheadOfBallM: a } = chain;
  const longestAt = -Math.atan2(a * half + hookY * t, a * t - hookY * half);
  const within = Math.min(Math.max(longestAt, -turnRad), turnRad);
  return Math.max(...[-turnRad, within, turnRad].map((gamma) => chainSpanM(chain, gamma)));
};
/** How far a dropped tongue goes down before a chain of this length is straight, m; pulled straight behind the vehicle. */
const chainDropM = (chain, lengthM) => {
  const spanM = chainSpanM(chain, 0);
  return lengthM > spanM ? Math.sqrt(lengthM ** 2 - spanM ** 2) : 0;
};
const BY_REGION = {
  'north-america': {
    wantedCount: () => 2,
    needed: chainClass,
    source: publishedSure('SAE J684 classes: what each chain must break at'),
  },
  europe: {
    wantedCount: () => 1,
    needed: () => void 0,
    source: publishedSure(
      'UN R55 and R13: a second coupling where there are no brakes, a breakaway cable where there are',
    ),
  },
  australia: {
    wantedCount: (grossKg) => (grossKg > 2500 ? 2 : 1),
    needed: () => void 0,
    source: publishedVerify('VSB 1: one chain of AS 4177.4 up to 2,500 kg, two to 3,500 kg, stronger ones beyond'),
  },
};
const strength = (trailer, grossKg, region) => {
  const { count, breaksAtKg } = trailer.coupling.safetyChain;
  const rule = BY_REGION[region];
  const wantedCount = rule.wantedCount(grossKg);
  const needed = rule.needed(grossKg);
  const breaks = breaksAtKg ?? void 0;
  const judged =
    count < wantedCount
      ? 'over'
      : needed === void 0
        ? 'unchecked'
        : breaks === void 0
          ? 'open'
          : breaks < needed.chainKg - 1e-6
            ? 'over'
            : 'ok';
  return finding({
    rule: RULES$4['chain-strength'],
    data: {
      region,
      neededKg: needed?.chainKg,
      breaksAtKg: breaks,
      count,
      wantedCount,
      className: needed?.name ?? '',
    },
    verdict: judged,
    step: 'tongue',
    subject: 'coupler',
    region,
    counts: true,
    value: breaks === void 0 ? void 0 : quantity(breaks, 'mass'),
    limit: needed && quantity(needed.chainKg, 'mass'),
    utilisation: needed && breaks ? shareOf(needed.chainKg, breaks) : void 0,
    working: [],
    source: needed?.name === CLASS_4 ? CLASS_4_SOURCE : rule.source,
  });
};
const length$1 = (trailer) => {
  const { safetyChain } = trailer.coupling;
  if (safetyChain.lengthM === null) return [];
  const neededM = chainNeededM(safetyChain, trailer.job.turnRad);
  const dropM = chainDropM(safetyChain, safetyChain.lengthM);
  const hitchM = trailer.towVehicle?.hitchHeightM ?? void 0;
  const short = safetyChain.lengthM < neededM;
  const drags = hitchM !== void 0 && dropM >= hitchM;
  return [
    finding({
      rule: RULES$4['chain-length'],
      data: {
        lengthM: safetyChain.lengthM,
        neededM,
        dropM,
        hitchM,
      },
      verdict: short || drags ? 'over' : hitchM === void 0 ? 'open' : dropM > 0.6 * hitchM ? 'tight' : 'ok',
      step: 'tongue',
      subject: 'coupler',
      counts: true,
      value: quantity(safetyChain.lengthM, 'length'),
      limit: quantity(neededM, 'length'),
      working: [given('chain-spans', neededM, 'length'), given('chain-drops', dropM, 'length')],
    }),
  ];
};
/** How the chains hang, how strong they are and how long, region by region. */
const chainFindings = (trailer, grossKg) => {
  const { chains: state, safetyChain } = trailer.coupling;
  const fault =
    state !== 'fitted'
      ? 'none'
      : safetyChain.heldOn === 'coupler'
        ? 'on-coupler'
        : safetyChain.count > 1 && !safetyChain.crossed
          ? 'not-crossed'
          : safetyChain.heldOn === 'not-decided'
            ? 'undecided'
            : 'none';
  const verdict =
    state === 'none'
      ? 'over'
      : state === 'not-decided' || fault === 'undecided'
        ? 'open'
        : fault === 'none'
          ? 'ok'
          : 'over';
  const hung = finding({
    rule: RULES$4.chains,
    data: {
      state,
      grossKg,
      fault,
    },
    verdict,
    step: 'tongue',
    subject: 'coupler',
    counts: true,
    working: [],
  });
  if (state !== 'fitted') return [hung];
  return [hung, ...trailer.settings.regions.map((region) => strength(trailer, grossKg, region)), ...length$1(trailer)];
};
// core/src/running-gear/assembly.ts
/** What one axle may carry, by each of its parts, kg; undefined where nobody has read it. */
const assemblyRatings = ({ runningGear }) => {
  const { axle, suspension, tire, wheel } = runningGear;
  const pair = (kg) => (kg === null ? void 0 : 2 * kg);
  const tireKg = pair(tire.maxLoadKg);
  return {
    axle: axle.ratingKg ?? void 0,
    springs: suspension.kind === 'leaf' ? pair(suspension.spring.ratingKg) : void 0,
    tires: tireKg === void 0 ? void 0 : tireKg / (tire.passenger ? PASSENGER_TIRE_DERATING : 1),
    wheels: pair(wheel.maxLoadKg),
  };
};
/** The part that gives out first; undefined where nothing is rated. */
const weakestPart = (trailer) => {
  const ratings = assemblyRatings(trailer);
  return ['axle', 'springs', 'tires', 'wheels'].reduce(
    (least, part) => {
      const ratingKg = ratings[part];
      return ratingKg !== void 0 && (!least || ratingKg < least.ratingKg)
        ? {
            part,
            ratingKg,
          }
        : least;
    },
    void 0,
  );
};
// core/src/running-gear/rules.ts
/** Passenger tires on a trailer, and the tires of an axle together. */
const TIRE_RULE = publishedSure(
  '49 CFR 571.110: passenger tires ÷ 1.10; the tires of an axle together at least its rating',
);
/** Half an inch off level, off the plan (common practice). */
const HEIGHT_OFF_M = inches(0.5);
/** Laden 1.6 to 2.3 Hz is the aim, empty up to 3.5 Hz (common practice); laden it is called soft or harsh only some way outside of that. */
const BOUNCE = {
  soft: 1.4,
  good: 2.6,
  emptyHarsh: 3.5,
};
/** Further than this from upright a shackle wanders; nearer it can go over (common practice, 10 to 60°). */
const LEAN = {
  least: toRadians(8, 'deg'),
  most: toRadians(60, 'deg'),
};
/** From spring to wheel, up to which axle ratings hold (common practice). */
const OVERHANG_M = inches(8.5);
/** Never more than this without the axle’s maker (common practice). */
const MOST_OVERHANG_M = inches(10);
/** A shop size as it is spoken of. */
const inch$1 = (metres) =>
  formatLength(metres, {
    system: 'imperial',
    denominator: 16,
  });
/** What this stage checks, and what it tells without judging. */
const RULES$3 = rulesOf({
  'no-axle': {
    formula: 'an axle is chosen',
    source: computedBy('statics'),
    holds: 'a trailer without wheels is none',
  },
  'axle-ahead-of-ball': {
    formula: 'axle behind the ball',
    source: computedBy('statics'),
    holds: 'always',
  },
  'axle-off-bed': {
    formula: '0 ≤ axle’s place ≤ the bed’s length',
    source: computedBy('statics'),
    holds: 'axles under the bed; not a spread that reaches out behind',
  },
  'axle-load': {
    formula: 'load on the axle at the ground, wheels and axle included ≤ the rating on its tag',
    tightFrom: 0.9,
    source: commonPractice('the rating on the axle’s own tag governs'),
    holds: 'standing still; the tag counts bumps in',
  },
  'tire-load': {
    formula: 'heaviest wheel ≤ the load on the sidewall, ÷ 1.10 for a passenger tire',
    tightFrom: 0.9,
    source: commonPractice('the load on the tire’s sidewall at its pressure'),
    holds: 'at the pressure written there, by side',
  },
  'wheel-load': {
    formula: 'heaviest wheel ≤ the load stamped on the wheel',
    tightFrom: 0.9,
    source: commonPractice('the load stamped on the wheel'),
    holds: 'by side, standing still',
  },
  'tires-together': {
    formula: 'both tires of an axle ≥ the axle’s rating',
    source: TIRE_RULE,
    holds: 'the sum alone; each tire is checked against its own load besides',
  },
  'gross-against-axles': {
    formula: 'rated gross less the lightest tongue of the band ≤ the axles’ ratings together',
    tightFrom: 0.9,
    source: publishedVerify('49 CFR 567, 571.120: axle ratings and tongue load together at least the rated gross'),
    holds: 'the plate, whatever is loaded',
  },
  'equaliser-needs-leaf': {
    formula: 'an equaliser hangs between leaf springs',
    source: computedBy('statics'),
    holds: 'always',
  },
  'no-room-for-equaliser': {
    formula: 'axle to axle > bolt to bolt of one spring',
    source: computedBy('statics'),
    holds: 'tandems with an equaliser',
  },
  'torsion-belief': {
    formula: 'told, not judged',
    source: computedBy('yaw stability follows from where the mass lies ahead of the axle, whatever holds the wheel'),
    holds:
      'independent wheels of one axle do not pass one wheel’s movement to the other; the tongue’s weight is asked of them all the same',
  },
  clearance: {
    formula: 'gap standing ≥ what is wanted there, gap in a bump ≥ 0',
    source: commonPractice(
      'shop clearances about wheels: 1 in beside, 1-1/2 in on leaf springs, the travel and 1 in above',
    ),
    holds: 'each load, with half an inch of lean sideways and the travel of the bump',
  },
  'ride-height': {
    formula: `|height of the stack − height that was said| ≤ ${inch$1(HEIGHT_OFF_M)}`,
    source: computedBy('loaded radius, axle, seat, leaves, arch left, hanger, rail'),
    holds: 'the heaviest towed load',
  },
  'departure-angle': {
    formula: 'angle from the rear wheel’s foot to the rear lower edge',
    source: computedBy('rear wheel’s foot to the rear lower edge'),
    holds: 'told, not judged',
  },
  'ride-unknown': {
    formula: 'suspension is said',
    source: computedBy('suspension unknown'),
    holds: 'without it no height can be worked out',
  },
  'home-built-axle': {
    formula: 'M ÷ S of the tube at the spring, × 2.5',
    source: publishedVerify(
      'bending of a round tube, M ÷ S, in a bump of 2.5; spindles, hubs and their welds are their makers’',
    ),
    holds: 'for study: never a verdict on an axle that nobody has rated',
  },
  'studs-differ': {
    formula: 'one stud circle for hub, wheel and tow vehicle',
    source: commonPractice('wheel, hub and spare share one stud circle'),
    holds: 'an adapter joins two; whether it carries the load is its maker’s to say',
  },
  'tire-on-rim': {
    formula: 'tire’s rim = wheel’s rim',
    source: commonPractice('a tire fits its own rim diameter only'),
    holds: 'where both are said',
  },
  'tire-smaller-than-rim': {
    formula: 'tire’s diameter > its rim',
    source: computedBy('outside of the tire against its rim'),
    holds: 'always',
  },
  'widths-differ': {
    formula: '|track that was said − track from hub face, adapter and offset| ≤ 1/8 in',
    source: computedBy('wheel middle to wheel middle = hub face to hub face − 2 × offset'),
    holds: 'axles with hubs',
  },
  'spring-longer-than-frame': {
    formula: 'bolt to bolt ≤ the bed’s length',
    source: computedBy('bolt to bolt against the rails'),
    holds: 'leaf springs',
  },
  'axle-overhang': {
    formula: `spring to wheel ≤ ${inch$1(OVERHANG_M)}, at most ${inch$1(MOST_OVERHANG_M)}`,
    source: commonPractice(
      'axle ratings hold to about 8-1/2 in from spring to wheel, never more than 10 in without its maker',
    ),
    holds: 'axles of the trade on leaf springs',
  },
  'weakest-part': {
    formula: 'heaviest axle ≤ the least of axle, springs, hubs, tires and wheels',
    tightFrom: 0.9,
    source: commonPractice('an assembly carries what its weakest part carries'),
    holds: 'where something weaker than the axle is in it',
  },
  'spring-load': {
    formula: 'half of the axle’s sprung load ≤ the rating of one spring',
    tightFrom: 0.95,
    source: commonPractice('two springs together at least the axle’s sprung load'),
    holds: 'leaf springs, standing still',
  },
  'ride-bounce': {
    formula: `f = √(k ÷ m) ÷ 2π: laden ${BOUNCE.soft} to ${BOUNCE.good} Hz, empty to ${BOUNCE.emptyHarsh} Hz`,
    source: publishedSure(
      'f = √(k ÷ m) ÷ 2π; the aim, laden 1.6 to 2.3 Hz and empty up to 3.5 Hz, and the 1.4 to 2.6 Hz judged good are common practice',
    ),
    holds: 'told, not judged; without shock absorbers',
  },
  'hanger-spacing': {
    formula:
      'flat length + 3/8 in ≤ bolt to bolt ≤ eye to eye + 0.9 of the shackle; wanted: eye to eye + shackle − 1/2 in',
    source: commonPractice(
      'eye to eye and shackle less 1/2 in; 3/8 in more than the spring laid flat, no more than 0.9 of the shackle beyond its eyes',
    ),
    holds: 'springs with two eyes; slippers by their maker only',
  },
  'shackle-lean': {
    formula: `0 ≤ the shackle’s angle at every load; tight under ${formatAngle(LEAN.least)} and over ${formatAngle(LEAN.most)}`,
    source: computedBy('sin = (bolt to bolt − eye to eye under the load) ÷ shackle; 20 to 45° is common practice'),
    holds: 'springs with two eyes, without an equaliser',
  },
});
// core/src/running-gear/clearances.ts
/** Shop clearances: tire beside steel 1 in, 1-1/2 in on leaf springs; half an inch goes as springs and tires lean; beside a fender 1-1/2 in; over the tire its travel and 1 in (common practice). */
const BESIDE_M = inches(1);
const BESIDE_LEAF_M = inches(1.5);
const LEAN_M = inches(0.5);
const OUTSIDE_M = inches(1.5);
const OVER_M = inches(1);
/** Between the tires of a tandem, common practice: 2 in. */
const BETWEEN_M = inches(2);
/** Sideways gaps do not change with the load. */
const sideways = (trailer, chassis) => {
  const { suspension, tire, fender, layout, spacingM } = trailer.runningGear;
  const half = trailer.frame.bed.widthM / 2;
  const insideM = suspension.trackM / 2 - tire.widthM / 2;
  const outsideM = suspension.trackM / 2 + tire.widthM / 2;
  const found = [];
  if (insideM > half - chassis.railWidthM * 0.5) {
    const restM = insideM - half;
    found.push({
      what: 'tire-frame',
      caseId: void 0,
      restM,
      bumpM: restM - LEAN_M,
      wantedM: suspension.kind === 'leaf' ? BESIDE_LEAF_M : BESIDE_M,
    });
  }
  if (suspension.kind === 'leaf') {
    const restM = insideM - (half - chassis.railWidthM / 2 + suspension.spring.leafWidthM / 2);
    found.push({
      what: 'tire-spring',
      caseId: void 0,
      restM,
      bumpM: restM - LEAN_M,
      wantedM: BESIDE_M,
    });
  }
  if (fender.kind === 'fitted') {
    const restM = half + fender.reachM - outsideM;
    found.push({
      what: 'fender-outside',
      caseId: void 0,
      restM,
      bumpM: restM - LEAN_M,
      wantedM: OUTSIDE_M,
    });
  }
  if (layout !== 'none' && layout !== 'single') {
    const restM = spacingM - tire.diameterM;
    found.push({
      what: 'tire-tire',
      caseId: void 0,
      restM,
      bumpM: restM,
      wantedM: BETWEEN_M,
    });
  }
  return found;
};
/** Gaps over the tire and over the axle shrink as the load and the bump bring them up. */
const upright = (trailer, chassis, ride) => {
  const { suspension, tire, fender } = trailer.runningGear;
  const { stack, railTopM, caseId } = ride;
  const travelM = suspension.bumpTravelM;
  const tireTopM = stack.hubM + tire.diameterM / 2;
  const half = trailer.frame.bed.widthM / 2;
  const insideM = suspension.trackM / 2 - tire.widthM / 2;
  const found = [];
  const over = (what, restM, wantedM) => {
    found.push({
      what,
      caseId,
      restM,
      bumpM: restM - travelM,
      wantedM,
    });
  };
  if (insideM < half)
    over(
      'tire-deck',
      (half - chassis.railWidthM < suspension.trackM / 2 + tire.widthM / 2
        ? stack.railBottomM
        : ride.deckM - trailer.frame.deck.thicknessM) - tireTopM,
      travelM + OVER_M,
    );
  if (fender.kind === 'fitted') over('tire-fender', railTopM + fender.aboveRailM - tireTopM, travelM + OVER_M);
  if (stack.strikeM !== void 0) over('axle-frame', stack.strikeM, travelM);
  return found;
};
/** Every clearance of every load; the worst case of each stands first among its kind. */
const clearances = (trailer, chassis, rides) =>
  trailer.runningGear.layout === 'none'
    ? []
    : [...sideways(trailer, chassis), ...rides.flatMap((ride) => upright(trailer, chassis, ride))].sort(
        (a, b) => a.bumpM - b.bumpM,
      );
/** The tightest of each kind. */
const worstClearances = (all) => all.filter((one, i) => all.findIndex(({ what }) => what === one.what) === i);
inches(0.5);
// core/src/running-gear/findings.ts
/** What one tire may carry on a trailer, kg. */
const tireAllowedKg = (trailer) => {
  const { maxLoadKg, passenger } = trailer.runningGear.tire;
  return maxLoadKg === null ? void 0 : maxLoadKg / (passenger ? PASSENGER_TIRE_DERATING : 1);
};
/** The case that puts most on something, by what `load` reads off each axle. */
const worstBy = (cases, axleIndex, load) => {
  let worst;
  for (const balanced of cases) {
    const axle = balanced.standing?.axles[axleIndex];
    if (axle && (!worst || load(axle) > worst.loadN))
      worst = {
        balanced,
        axleIndex,
        loadN: load(axle),
      };
  }
  return worst;
};
const mass$2 = (kg) => quantity(kg, 'mass');
const upTo = (kg) => (kg === null || kg === void 0 ? void 0 : mass$2(kg));
const axleLoads = (trailer, cases) =>
  axlePlaces(trailer).flatMap(({ id }, axleIndex) => {
    const worst = worstBy(cases, axleIndex, ({ loadN }) => loadN);
    if (!worst) return [];
    const loadKg = massOfWeightKg(worst.loadN);
    const ratingKg = trailer.runningGear.axle.ratingKg ?? void 0;
    return [
      check({
        rule: RULES$3['axle-load'],
        data: {
          axleId: id,
          loadKg,
          ratingKg,
        },
        step: 'axle',
        subject: id,
        caseId: worst.balanced.loadCase.id,
        asked: mass$2(loadKg),
        allowed: upTo(ratingKg),
        share: 'share-of-rating',
        working: axleWorking(worst.balanced, axleIndex),
      }),
    ];
  });
/** The heaviest wheel of all cases and axles. */
const heaviestWheel = (trailer, cases) => {
  return axlePlaces(trailer)
    .flatMap((_, axleIndex) =>
      ['left', 'right'].flatMap((side) => {
        const worst = worstBy(cases, axleIndex, ({ leftN, rightN }) => (side === 'left' ? leftN : rightN));
        return worst
          ? [
              {
                ...worst,
                side,
              },
            ]
          : [];
      }),
    )
    .reduce((worst, next) => (!worst || next.loadN > worst.loadN + 1e-9 ? next : worst), void 0);
};
const wheelLoads = (trailer, cases) => {
  const worst = heaviestWheel(trailer, cases);
  const axle = worst?.balanced.standing?.axles[worst.axleIndex];
  if (!worst || !axle) return [];
  const loadKg = massOfWeightKg(worst.loadN);
  const axleKg = massOfWeightKg(axle.loadN);
  const shiftKg = loadKg - axleKg / 2;
  const { tire, wheel } = trailer.runningGear;
  const wheelLine = workedOut('wheel-load', plus(over(mass$2(axleKg), quantity(2, 'number')), mass$2(shiftKg)), 'mass');
  const derating =
    tire.passenger && tire.maxLoadKg !== null
      ? [workedOut('derated-load', over(mass$2(tire.maxLoadKg), quantity(PASSENGER_TIRE_DERATING, 'number')), 'mass')]
      : [];
  const common = {
    step: 'axle',
    subject: axle.id,
    caseId: worst.balanced.loadCase.id,
    asked: mass$2(loadKg),
    share: 'share-of-rating',
  };
  const allowedKg = tireAllowedKg(trailer);
  const wheelKg = wheel.maxLoadKg ?? void 0;
  return [
    check({
      ...common,
      rule: RULES$3['tire-load'],
      data: {
        axleId: axle.id,
        side: worst.side,
        loadKg,
        allowedKg,
        derated: tire.passenger,
      },
      allowed: upTo(allowedKg),
      working: [wheelLine, ...derating],
      ...(tire.passenger ? { source: TIRE_RULE } : {}),
    }),
    check({
      ...common,
      rule: RULES$3['wheel-load'],
      data: {
        loadKg,
        allowedKg: wheelKg,
      },
      allowed: upTo(wheelKg),
      working: [wheelLine],
    }),
  ];
};
const tiresTogether = (trailer) => {
  const allowedKg = tireAllowedKg(trailer);
  const { ratingKg } = trailer.runningGear.axle;
  if (allowedKg === void 0 || ratingKg === null) return [];
  const line = workedOut('tires-together', times$1(quantity(2, 'number'), mass$2(allowedKg)), 'mass');
  const togetherKg = 2 * allowedKg;
  return [
    finding({
      rule: RULES$3['tires-together'],
      data: {
        togetherKg,
        ratingKg,
      },
      verdict: togetherKg >= ratingKg ? 'ok' : 'over',
      step: 'axle',
      subject: 'axle.1',
      counts: true,
      value: mass$2(togetherKg),
      limit: mass$2(ratingKg),
      working: [line, concluding(workedOut('spare', minus(mass$2(togetherKg), mass$2(ratingKg)), 'mass'))],
    }),
  ];
};
/** What the plate allows, less the lightest tongue of the band, must be within the axles' ratings together. */
const plateOnAxles = (trailer) => {
  const grossKg = trailer.ratedGrossKg;
  if (grossKg === null) return [];
  const tongueShare = trailer.tongueBand.minShare;
  const line = workedOut(
    'axle-group-load',
    minus(mass$2(grossKg), times$1(mass$2(grossKg), quantity(tongueShare, 'percent'))),
    'mass',
  );
  const demandKg = line.result.value;
  const { ratingKg } = trailer.runningGear.axle;
  const ratingsKg = ratingKg === null ? void 0 : ratingKg * axlePlaces(trailer).length;
  return [
    check({
      rule: RULES$3['gross-against-axles'],
      data: {
        grossKg,
        tongueShare,
        demandKg,
        ratingsKg,
      },
      step: 'axle',
      subject: 'axle.1',
      asked: mass$2(demandKg),
      allowed: upTo(ratingsKg),
      share: 'share-of-rating',
      working: [line],
    }),
  ];
};
const plain$7 = {
  subject: 'axle.1',
  step: 'axle',
};
const misfits = (trailer) => {
  const { layout, suspension, spacingM, positionM } = trailer.runningGear;
  const findings = [];
  const bedM = trailer.frame.bed.lengthM;
  if (positionM < 0 || positionM > bedM)
    findings.push(
      finding({
        ...plain$7,
        rule: RULES$3['axle-off-bed'],
        data: {
          positionM,
          bedM,
        },
        verdict: 'over',
        value: quantity(positionM, 'length'),
        limit: quantity(bedM, 'length'),
      }),
    );
  if (layout === 'tandem-equaliser' && suspension.kind !== 'leaf')
    findings.push(
      finding({
        ...plain$7,
        rule: RULES$3['equaliser-needs-leaf'],
        data: {},
        verdict: 'over',
      }),
    );
  if (layout === 'tandem-equaliser' && suspension.kind === 'leaf' && spacingM <= suspension.hangerSpacingM)
    findings.push(
      finding({
        ...plain$7,
        rule: RULES$3['no-room-for-equaliser'],
        data: {
          spacingM,
          springM: suspension.hangerSpacingM,
        },
        verdict: 'over',
      }),
    );
  if (suspension.kind === 'torsion')
    findings.push(
      finding({
        ...plain$7,
        rule: RULES$3['torsion-belief'],
        data: {},
        verdict: 'ok',
        counts: false,
      }),
    );
  return findings;
};
const runningGearFindings = (trailer, cases, ballXM) => {
  if (trailer.runningGear.layout === 'none')
    return [
      finding({
        ...plain$7,
        rule: RULES$3['no-axle'],
        data: {},
        verdict: 'open',
      }),
    ];
  const first = axlePlaces(trailer)[0];
  if (first && first.xM <= ballXM)
    return [
      finding({
        ...plain$7,
        rule: RULES$3['axle-ahead-of-ball'],
        data: {},
        verdict: 'over',
      }),
    ];
  return [
    ...axleLoads(trailer, cases),
    ...wheelLoads(trailer, cases),
    ...tiresTogether(trailer),
    ...plateOnAxles(trailer),
    ...misfits(trailer),
  ];
};
// core/src/running-gear/heights.ts
const heightsOf = (trailer, chassis, balanced) => {
  const { standing, loadCase, centre } = balanced;
  if (!standing) return void 0;
  const sprungWheelN = Math.max(0, ...standing.axles.map(({ sprungN }) => sprungN / 2));
  const stack = heightStack(trailer, chassis.railHeightM, sprungWheelN);
  if (!stack) return void 0;
  const railTopM = stack.railBottomM + chassis.railHeightM;
  const { axle } = trailer.runningGear;
  const ballM = ballZM(chassis);
  const rearM = trailer.frame.bed.lengthM - (axlePlaces(trailer).at(-1)?.xM ?? 0);
  const frontM = (axlePlaces(trailer)[0]?.xM ?? 0) - chassis.ballXM;
  const hitchM = trailer.towVehicle?.hitchHeightM ?? null;
  const couplerM = railTopM + ballM;
  const rate = wheelRateNPerM(trailer);
  return {
    caseId: loadCase.id,
    stack,
    railTopM,
    deckM: railTopM + chassis.deckTopZM,
    couplerM,
    balancePointM: centre && railTopM + centre.zM,
    clearM: Math.min(stack.railBottomM, stack.tubeMiddleM - axle.tubeDiameterM / 2),
    departureRad: rearM > 0 ? Math.atan2(stack.railBottomM, rearM) : void 0,
    approachRad: frontM > 0 ? Math.atan2(couplerM, frontM) : void 0,
    noseUpRad: hitchM === null ? void 0 : Math.atan2(hitchM - couplerM, standing.groupCentreXM - chassis.ballXM),
    jackM: railTopM + (chassis.tongue?.topZM ?? 0),
    standM: stack.railBottomM,
    bounceHz: rate === void 0 || sprungWheelN <= 0 ? void 0 : bounceHz(rate, sprungWheelN / STANDARD_GRAVITY),
    sprungWheelN,
  };
};
/** Heights of every case whose suspension says how high it rides, in the order of the cases. */
const rideHeights = (trailer, chassis, cases) =>
  cases.flatMap((balanced) => heightsOf(trailer, chassis, balanced) ?? []);
// core/src/running-gear/fit/data.ts
const plain$6 = {
  step: 'axle',
  subject: 'axle.1',
  counts: true,
  working: [],
};
const m$2 = (value) => quantity(value, 'length');
// core/src/running-gear/fit/heights.ts
const clearanceFinding = ({ what, caseId, restM, bumpM, wantedM }) => {
  const verdict = bumpM < 0 ? 'over' : restM < wantedM - 1e-9 ? 'tight' : 'ok';
  return finding({
    ...plain$6,
    rule: RULES$3.clearance,
    data: {
      what,
      restM,
      bumpM,
      wantedM,
    },
    aspect: what,
    verdict,
    caseId,
    value: m$2(restM),
    limit: m$2(wantedM),
    working: [
      given('gap-rest', restM, 'length'),
      concluding(workedOut('gap-bump', minus(m$2(restM), m$2(restM - bumpM)), 'length')),
    ],
  });
};
const heightFindings = (trailer, loaded) => {
  if (!loaded) return [];
  const saidM = trailer.runningGear.railTopHeightM;
  const findings = [
    finding({
      ...plain$6,
      rule: RULES$3['ride-height'],
      data: {
        stackM: loaded.railTopM,
        saidM,
      },
      verdict: Math.abs(loaded.railTopM - saidM) > HEIGHT_OFF_M ? 'tight' : 'ok',
      caseId: loaded.caseId,
      value: m$2(loaded.railTopM),
      limit: m$2(saidM),
      working: [
        given('hub-height', loaded.stack.hubM, 'length'),
        ...(loaded.stack.archM === void 0 ? [] : [given('arch-left', loaded.stack.archM, 'length')]),
        given('rail-underside', loaded.stack.railBottomM, 'length'),
        concluding(
          workedOut(
            'rail-top',
            plus(m$2(loaded.stack.railBottomM), m$2(loaded.railTopM - loaded.stack.railBottomM)),
            'length',
          ),
        ),
      ],
    }),
  ];
  if (loaded.departureRad !== void 0 && loaded.approachRad !== void 0)
    findings.push(
      finding({
        ...plain$6,
        rule: RULES$3['departure-angle'],
        data: {
          rad: loaded.departureRad,
          approachRad: loaded.approachRad,
          clearM: loaded.clearM,
        },
        verdict: 'ok',
        caseId: loaded.caseId,
        counts: false,
      }),
    );
  return findings;
};
// core/src/running-gear/homeBuilt.ts
/** Bumps count two and a half times (common practice). */
const AXLE_BUMP = 2.5;
/** Section modulus of a round tube, π·(D⁴ − d⁴) ÷ (32·D). */
const tubeModulusM3 = (outerM, wallM) => {
  const inner = Math.max(0, outerM - 2 * wallM);
  return (Math.PI * (outerM ** 4 - inner ** 4)) / (32 * outerM);
};
/** Wheel load on the lever from spring centre to wheel centre. */
const tubeBending = (outerM, wallM, wheelKg, leverM) => {
  const modulusM3 = tubeModulusM3(outerM, wallM);
  const wheelN = weightN(wheelKg);
  const momentNm = wheelN * leverM;
  const staticPa = momentNm / modulusM3;
  return {
    leverM,
    wheelN,
    momentNm,
    modulusM3,
    staticPa,
    bumpPa: staticPa * AXLE_BUMP,
  };
};
/** From the spring's middle, under the rail's, to the wheel's: what bends the tube. */
const overhangM = ({ runningGear, frame }, railWidthM) =>
  (runningGear.suspension.trackM - (frame.bed.widthM - railWidthM)) / 2;
// core/src/running-gear/fit/homeBuiltAxle.ts
const homeBuiltFindings = (trailer, chassis, cases) => {
  const { axle } = trailer.runningGear;
  if (!axle.homeBuilt) return [];
  const wheelKg = Math.max(
    0,
    ...cases.flatMap(({ standing }) =>
      (standing?.axles ?? []).flatMap(({ leftN, rightN }) => [massOfWeightKg(leftN), massOfWeightKg(rightN)]),
    ),
  );
  const leverM = Math.max(0, overhangM(trailer, chassis.railWidthM));
  const { wallM, yieldPa } = axle.homeBuilt;
  const bent = tubeBending(axle.tubeDiameterM, wallM, wheelKg, leverM);
  const moment = workedOut(
    'moment-standing',
    times$1(quantity(bent.wheelN, 'force'), quantity(leverM, 'arm')),
    'moment',
  );
  const feels = workedOut(
    'metal-feels',
    times$1(
      over(quantity(moment.result.value, 'moment'), quantity(bent.modulusM3, 'modulus')),
      quantity(AXLE_BUMP, 'number'),
    ),
    'stress',
  );
  return [
    finding({
      ...plain$6,
      rule: RULES$3['home-built-axle'],
      data: {
        leverM,
        staticPa: bent.staticPa,
        bumpPa: bent.bumpPa,
        yieldPa,
      },
      verdict: 'unchecked',
      working: [
        given('wheel-lever', leverM, 'length'),
        moment,
        feels,
        concluding(
          workedOut('works-at', over(quantity(feels.result.value, 'stress'), quantity(yieldPa, 'stress')), 'percent'),
        ),
      ],
    }),
  ];
};
// core/src/running-gear/fit/parts.ts
const fitFaults = (trailer, chassis) => {
  const { axle, wheel, tire, suspension } = trailer.runningGear;
  const findings = [];
  const studs = axle.studCircle;
  if (studs !== '' && wheel.studCircle !== '' && wheel.studCircle !== studs)
    findings.push(
      finding({
        ...plain$6,
        rule: RULES$3['studs-differ'],
        data: {
          hub: studs,
          other: wheel.studCircle,
          of: 'wheel',
          adapter: wheel.adapterM > 0,
        },
        aspect: 'wheel',
        verdict: wheel.adapterM > 0 ? 'unchecked' : 'over',
      }),
    );
  const vehicle = trailer.towVehicle?.studCircle ?? '';
  if (studs !== '' && vehicle !== '' && vehicle !== studs)
    findings.push(
      finding({
        ...plain$6,
        rule: RULES$3['studs-differ'],
        data: {
          hub: studs,
          other: vehicle,
          of: 'tow-vehicle',
          adapter: false,
        },
        aspect: 'tow-vehicle',
        verdict: 'unchecked',
        counts: false,
      }),
    );
  if (tire.rimM !== null && wheel.rimM !== null && Math.abs(tire.rimM - wheel.rimM) > millimetres(2))
    findings.push(
      finding({
        ...plain$6,
        rule: RULES$3['tire-on-rim'],
        data: {
          tireM: tire.rimM,
          wheelM: wheel.rimM,
        },
        verdict: 'over',
      }),
    );
  const rimM = tire.rimM ?? wheel.rimM;
  if (rimM !== null && tire.diameterM <= rimM)
    findings.push(
      finding({
        ...plain$6,
        rule: RULES$3['tire-smaller-than-rim'],
        data: {
          diameterM: tire.diameterM,
          rimM,
        },
        verdict: 'over',
      }),
    );
  const fromHubM = axle.hubFaceM + 2 * wheel.adapterM - 2 * wheel.offsetM;
  if (Math.abs(fromHubM - suspension.trackM) > inches(1 / 8))
    findings.push(
      finding({
        ...plain$6,
        rule: RULES$3['widths-differ'],
        data: {
          trackM: suspension.trackM,
          fromHubM,
        },
        verdict: 'tight',
        value: m$2(suspension.trackM),
        limit: m$2(fromHubM),
        working: [
          concluding(
            workedOut(
              'track-from-hub',
              plus(m$2(axle.hubFaceM), times$1(quantity(2, 'number'), minus(m$2(wheel.adapterM), m$2(wheel.offsetM)))),
              'length',
            ),
          ),
        ],
      }),
    );
  if (suspension.kind === 'leaf' && suspension.hangerSpacingM > trailer.frame.bed.lengthM)
    findings.push(
      finding({
        ...plain$6,
        rule: RULES$3['spring-longer-than-frame'],
        data: {
          springM: suspension.hangerSpacingM,
          bedM: trailer.frame.bed.lengthM,
        },
        verdict: 'over',
      }),
    );
  const overhang = overhangM(trailer, chassis.railWidthM);
  if (suspension.kind === 'leaf' && overhang > OVERHANG_M + 1e-6)
    findings.push(
      finding({
        ...plain$6,
        rule: RULES$3['axle-overhang'],
        data: { overhangM: overhang },
        verdict: overhang > MOST_OVERHANG_M ? 'over' : 'tight',
        value: m$2(overhang),
        limit: m$2(OVERHANG_M),
      }),
    );
  return findings;
};
// core/src/running-gear/fit/ratings.ts
const ratingFindings = (trailer, cases) => {
  const worst = cases
    .flatMap(({ standing, loadCase }) =>
      (standing?.axles ?? []).map((axle) => ({
        ...axle,
        caseId: loadCase.id,
      })),
    )
    .reduce((most, next) => (!most || next.loadN > most.loadN ? next : most), void 0);
  if (!worst) return [];
  const weakest = weakestPart(trailer);
  const loadKg = massOfWeightKg(worst.loadN);
  const findings = [];
  if (weakest && weakest.part !== 'axle')
    findings.push(
      check({
        ...plain$6,
        rule: RULES$3['weakest-part'],
        data: {
          part: weakest.part,
          ratingKg: weakest.ratingKg,
          loadKg,
        },
        caseId: worst.caseId,
        asked: quantity(loadKg, 'mass'),
        allowed: quantity(weakest.ratingKg, 'mass'),
        share: 'share-of-rating',
      }),
    );
  if (trailer.runningGear.suspension.kind === 'leaf') {
    const { ratingKg } = trailer.runningGear.suspension.spring;
    const sprungKg = massOfWeightKg(worst.sprungN) / 2;
    findings.push(
      check({
        ...plain$6,
        rule: RULES$3['spring-load'],
        data: {
          loadKg: sprungKg,
          ratingKg: ratingKg ?? void 0,
        },
        caseId: worst.caseId,
        asked: quantity(sprungKg, 'mass'),
        allowed: ratingKg === null ? void 0 : quantity(ratingKg, 'mass'),
        share: 'share-of-rating',
      }),
    );
  }
  return findings;
};
// core/src/running-gear/hangers.ts
/** Half an inch less than spring and shackle end to end (shop rule for 2-1/4 in shackles). */
const SHOP_LESS_M = inches(0.5);
/** Distance of the bolts that the spring's own type asks for; a slipper's is its maker's and nobody else's. */
const wantedSpacingM = ({ runningGear: { suspension } }) => {
  if (suspension.kind !== 'leaf') return void 0;
  const { spring } = suspension;
  return spring.kind === 'slipper' ? (spring.slipperM ?? void 0) : spring.eyeToEyeM + spring.shackleM - SHOP_LESS_M;
};
// core/src/running-gear/fit/springs.ts
const bounceFindings = (trailer, loaded, empty) => {
  const rate = wheelRateNPerM(trailer);
  return [
    [loaded, false],
    [empty, true],
  ].flatMap(([ride, isEmpty]) => {
    if (!ride || ride.bounceHz === void 0 || rate === void 0 || (isEmpty && ride === loaded)) return [];
    const hz = ride.bounceHz;
    const judged = hz > (isEmpty ? BOUNCE.emptyHarsh : BOUNCE.good) ? 'harsh' : hz < BOUNCE.soft ? 'soft' : 'good';
    return [
      finding({
        ...plain$6,
        rule: RULES$3['ride-bounce'],
        data: {
          hz,
          empty: isEmpty,
          judged,
        },
        aspect: isEmpty ? 'empty' : 'laden',
        verdict: judged === 'good' ? 'ok' : 'tight',
        caseId: ride.caseId,
        counts: false,
        working: [given('spring-rate', rate, 'rate'), given('spring-gives', ride.sprungWheelN / rate, 'length')],
      }),
    ];
  });
};
const shackleFindings = (trailer, rides) => {
  const { suspension, layout } = trailer.runningGear;
  if (suspension.kind !== 'leaf') return [];
  const { spring, hangerSpacingM } = suspension;
  const wantedM = wantedSpacingM(trailer);
  const flatM = spring.kind === 'slipper' ? void 0 : flatLengthM(spring);
  const equalised = layout === 'tandem-equaliser' || layout === 'triple-equaliser';
  const differs = wantedM !== void 0 && Math.abs(wantedM - hangerSpacingM) > inches(1 / 8);
  const fault = equalised
    ? 'none'
    : spring.kind === 'slipper'
      ? spring.slipperM === null
        ? 'slipper-unknown'
        : differs
          ? 'differs'
          : 'none'
      : hangerSpacingM < (flatM ?? 0) + inches(3 / 8)
        ? 'over-centre'
        : hangerSpacingM - spring.eyeToEyeM > 0.9 * spring.shackleM
          ? 'lies-down'
          : differs
            ? 'differs'
            : 'none';
  const verdicts = {
    'over-centre': 'over',
    'lies-down': 'over',
    'slipper-unknown': 'open',
    differs: 'tight',
    none: 'ok',
  };
  const spacing = finding({
    ...plain$6,
    rule: RULES$3['hanger-spacing'],
    data: {
      saidM: hangerSpacingM,
      wantedM,
      flatM,
      fault,
    },
    verdict: verdicts[fault],
    value: m$2(hangerSpacingM),
    limit: wantedM === void 0 ? void 0 : m$2(wantedM),
    working: [
      ...(flatM === void 0 ? [] : [given('spring-flat', flatM, 'length')]),
      ...(wantedM === void 0 || spring.kind === 'slipper'
        ? []
        : [
            concluding(
              workedOut(
                'hanger-spacing',
                minus(plus(m$2(spring.eyeToEyeM), m$2(spring.shackleM)), m$2(inches(0.5))),
                'length',
              ),
            ),
          ]),
    ],
  });
  if (equalised || spring.kind === 'slipper') return equalised ? [] : [spacing];
  const leans = rides.map(({ caseId, stack }) => ({
    caseId,
    lean: stack.shackleRad,
  }));
  const worst =
    leans.find(({ lean }) => lean === void 0) ??
    leans.reduce((most, next) => (!most || (next.lean ?? 0) < (most.lean ?? 0) ? next : most), void 0);
  if (!worst) return [spacing];
  const most = Math.max(...leans.map(({ lean }) => lean ?? 0));
  const verdict =
    worst.lean === void 0 || worst.lean < 0 ? 'over' : worst.lean < LEAN.least || most > LEAN.most ? 'tight' : 'ok';
  return [
    spacing,
    finding({
      ...plain$6,
      rule: RULES$3['shackle-lean'],
      data: {
        leanRad: worst.lean,
        caseId: worst.caseId,
      },
      verdict,
      caseId: worst.caseId,
    }),
  ];
};
// core/src/running-gear/fit/fitFindings.ts
/** The case that the height was written down for: the heaviest that is towed. */
const heaviest = (rides, cases) => {
  const worst = cases
    .filter(({ loadCase }) => loadCase.mode === 'towed')
    .reduce((most, next) => (!most || next.massKg > most.massKg ? next : most), void 0);
  return rides.find(({ caseId }) => caseId === worst?.loadCase.id);
};
const lightest = (rides, cases) => {
  const least = cases
    .filter(({ loadCase }) => loadCase.mode === 'towed')
    .reduce((most, next) => (!most || next.massKg < most.massKg ? next : most), void 0);
  return rides.find(({ caseId }) => caseId === least?.loadCase.id);
};
/** Heights, clearances, springs, hangers and whether the parts go together, at every load. */
const fitFindings = (trailer, chassis, cases) => {
  if (trailer.runningGear.layout === 'none') return [];
  const rides = rideHeights(trailer, chassis, cases);
  const loaded = heaviest(rides, cases);
  const unknown =
    rides.length === 0 && cases.some(({ standing }) => standing)
      ? [
          finding({
            ...plain$6,
            rule: RULES$3['ride-unknown'],
            data: {},
            verdict: 'unchecked',
          }),
        ]
      : [];
  return [
    ...worstClearances(clearances(trailer, chassis, rides)).map(clearanceFinding),
    ...heightFindings(trailer, loaded),
    ...ratingFindings(trailer, cases),
    ...bounceFindings(trailer, loaded, lightest(rides, cases)),
    ...shackleFindings(trailer, rides),
    ...fitFaults(trailer, chassis),
    ...homeBuiltFindings(trailer, chassis, cases),
    ...unknown,
  ];
};
// core/src/coupling/couplingValues.ts
/** Heaviest trailer that a stamped D allows, kg: R = D·T ÷ (g·T − D); any where D is no less than the vehicle's weight. */
const trailerOfDKg = (dN, vehicleKg) => (9.81 * vehicleKg > dN ? (dN * vehicleKg) / (R55_G * vehicleKg - dN) : void 0);
/** V of UN R55, N: a·C·X² ÷ L², X² ÷ L² no less than 1; C the mass on the trailer's axles, kg, X the deck's length and L the drawbar's, m. */
const vValueN = (axlesKg, deckM, drawbarM) => V_ACCELERATION * axlesKg * Math.max(1, (deckM / drawbarM) ** 2);
const dFinding = (trailer, vehicleKg, grossKg) => {
  const n = (value) => quantity(value, 'force');
  const [vehicle, towed] = [n(R55_G * vehicleKg), n(R55_G * grossKg)];
  const line = workedOut('d-value', over(times$1(vehicle, towed), plus(vehicle, towed)), 'force');
  const neededN = line.result.value;
  const ratedN = trailer.coupling.dValueN ?? void 0;
  const verdict = ratedN === void 0 ? 'open' : neededN > ratedN ? 'over' : 'ok';
  return finding({
    rule: RULES$4['d-value'],
    data: {
      neededN,
      ratedN,
      allowsKg: ratedN === void 0 ? void 0 : trailerOfDKg(ratedN, vehicleKg),
    },
    verdict,
    step: 'tongue',
    subject: 'coupler',
    counts: true,
    value: n(neededN),
    limit: ratedN === void 0 ? void 0 : n(ratedN),
    utilisation: ratedN === void 0 ? void 0 : shareOf(neededN, ratedN),
    working: [
      given('vehicle-weighs', vehicle.value, 'force'),
      given('trailer-weighs', towed.value, 'force'),
      concluding(line),
    ],
  });
};
/** Where a coupling's height is ruled, at the loaded trailer standing level, m. */
const HEIGHTS = {
  europe: {
    fromM: millimetres(395),
    toM: millimetres(465),
    source: publishedVerify('UN R55 Annex 7: 430 ± 35 mm to the coupling’s middle'),
  },
  australia: {
    fromM: millimetres(350),
    toM: millimetres(460),
    source: publishedVerify('ADR 62, VSB 1: 350 to 460 mm'),
  },
};
const heights = (trailer, chassis, cases) => {
  const heaviest = cases
    .filter(({ loadCase, standing }) => loadCase.mode === 'towed' && standing)
    .reduce((most, next) => (!most || next.massKg > most.massKg ? next : most), void 0);
  const ride = heaviest && rideHeights(trailer, chassis, [heaviest])[0];
  if (!ride || !heaviest) return [];
  return trailer.settings.regions.flatMap((region) => {
    if (region === 'north-america') return [];
    const { fromM, toM, source } = HEIGHTS[region];
    const within = ride.couplerM >= fromM && ride.couplerM <= toM;
    return [
      finding({
        rule: RULES$4['coupler-height'],
        data: {
          region,
          heightM: ride.couplerM,
          fromM,
          toM,
        },
        verdict: within ? 'ok' : 'tight',
        step: 'tongue',
        subject: 'coupler',
        region,
        caseId: heaviest.loadCase.id,
        counts: true,
        value: quantity(ride.couplerM, 'length'),
        working: [],
        source,
      }),
    ];
  });
};
/** D, V and the coupling's height, where the region rules them. */
const couplingValueFindings = (trailer, chassis, cases, grossKg) => {
  if (trailer.towVehicle?.kind === 'muscle') return [];
  const vehicleKg = trailer.towVehicle?.massKg ?? null;
  const tongueKg = Math.max(0, ...cases.map(({ standing }) => massOfWeightKg(standing?.tongueN ?? 0)));
  const europe = trailer.settings.regions.includes('europe');
  const onAxlesKg = Math.max(0, grossKg - tongueKg);
  const drawbarM = trailer.runningGear.positionM - chassis.ballXM;
  return [
    ...(europe && vehicleKg !== null && grossKg > 0 ? [dFinding(trailer, vehicleKg, grossKg)] : []),
    ...(europe && grossKg > 3500 && drawbarM > 0
      ? [
          finding({
            rule: RULES$4['v-value'],
            data: { neededN: vValueN(onAxlesKg, trailer.frame.bed.lengthM, drawbarM) },
            verdict: 'unchecked',
            step: 'tongue',
            subject: 'coupler',
            counts: true,
            working: [],
          }),
        ]
      : []),
    ...heights(trailer, chassis, cases),
  ];
};
// core/src/coupling/demand.ts
/** What the plate allows may one day be aboard: coupler and vehicle must stand that, too. */
const hitchDemand = (trailer, cases) => {
  let [heaviestKg, caseId, tongueKg] = [0, void 0, void 0];
  for (const { massKg, loadCase, standing } of cases) {
    if (massKg > heaviestKg) [heaviestKg, caseId] = [massKg, loadCase.id];
    if (loadCase.mode === 'towed' && standing)
      tongueKg = Math.max(tongueKg ?? Number.NEGATIVE_INFINITY, massOfWeightKg(standing.tongueN));
  }
  const plateKg = trailer.ratedGrossKg ?? 0;
  const byPlate = plateKg > heaviestKg;
  return {
    grossKg: Math.max(plateKg, heaviestKg),
    tongueKg,
    grossCaseId: byPlate ? void 0 : caseId,
    heaviest: {
      kg: heaviestKg,
      caseId,
    },
    byPlate,
  };
};
// core/src/coupling/brakes.ts
/** From and up to which gross mass authorities ask for brakes, kg; always a range, the user's own authority decides. */
const BRAKE_THRESHOLDS = {
  'north-america': {
    fromKg: pounds(1500),
    toKg: pounds(3e3),
    source: publishedVerify(
      'US states from about 1,000 to 10,000 lb, most often 3,000 lb; 49 CFR 393.42: 3,000 lb; Canadian provinces from about 1,360 kg',
    ),
  },
  europe: {
    fromKg: 750,
    toKg: 750,
    source: publishedSure('UN R13: trailers over 750 kg are braked; national limits may be lower'),
  },
  australia: {
    fromKg: 750,
    toKg: 750,
    source: publishedSure('VSB 1, ADR 38: over 750 kg on the axles, or more than one axle'),
  },
};
const BREAKAWAY_SOURCES = {
  'north-america': publishedSure(
    '49 CFR 393.43: they set themselves when the trailer comes loose, and hold 15 minutes',
  ),
  europe: publishedSure(
    'UN R13: braked trailers stop by themselves when they come loose; a cable to the parking brake',
  ),
  australia: publishedSure('VSB 1, ADR 38: over 2,000 kg, and hold 15 minutes'),
};
/** Up to which gross an overrun brake is allowed, kg; by the vehicle's own mass in North America. */
const overrunUpToKg = (trailer, region) => {
  if (region === 'europe')
    return {
      upToKg: 3500,
      source: publishedSure('UN R13: overrun brakes for trailers of class O2, to 3,500 kg'),
    };
  if (region === 'australia')
    return {
      upToKg: 2e3,
      source: publishedSure('VSB 1, ADR 38: overrun brakes to 2,000 kg; beyond, worked from the seat'),
    };
  const vehicleKg = trailer.towVehicle?.massKg ?? null;
  return {
    upToKg: vehicleKg === null ? void 0 : Math.min(1.75 * vehicleKg, pounds(12e3)),
    source: publishedVerify(
      '49 CFR 393.48(d): surge brakes where the trailer is up to 1.75 times the vehicle, to 12,000 lb',
    ),
  };
};
const plain$5 = {
  step: 'tongue',
  subject: 'coupler',
  counts: true,
  working: [],
};
const mass$1 = (kg) => quantity(kg, 'mass');
const whetherBraked = (trailer, grossKg, region) => {
  const { fromKg, toKg, source } = BRAKE_THRESHOLDS[region];
  const state = trailer.coupling.brakes;
  const asked = grossKg > toKg ? 'over' : grossKg > fromKg ? 'tight' : 'ok';
  const verdict = state === 'fitted' || asked === 'ok' ? 'ok' : state === 'not-decided' ? 'open' : asked;
  return finding({
    ...plain$5,
    rule: RULES$4.brakes,
    data: {
      state,
      grossKg,
      region,
      fromKg,
      toKg,
    },
    verdict,
    step: 'axle',
    subject: 'axle.1',
    region,
    value: mass$1(grossKg),
    limit: mass$1(fromKg),
    source,
  });
};
const byRegion = (trailer, grossKg, region) => {
  const { breakaway, brakeKind, brakes } = trailer.coupling;
  const braked = whetherBraked(trailer, grossKg, region);
  if (brakes !== 'fitted') return [braked];
  const asksBreakaway = region !== 'australia' || grossKg > 2e3;
  const { upToKg, source } = overrunUpToKg(trailer, region);
  const kindVerdict =
    brakeKind === 'not-decided'
      ? 'open'
      : brakeKind === 'electric'
        ? 'ok'
        : upToKg === void 0
          ? 'open'
          : grossKg > upToKg
            ? 'over'
            : 'ok';
  return [
    braked,
    finding({
      ...plain$5,
      rule: RULES$4.breakaway,
      data: {
        state: breakaway,
        region,
      },
      verdict: breakaway === 'fitted' ? 'ok' : breakaway === 'not-decided' ? 'open' : asksBreakaway ? 'over' : 'ok',
      region,
      source: BREAKAWAY_SOURCES[region],
    }),
    finding({
      ...plain$5,
      rule: RULES$4['brake-kind'],
      data: {
        kind: brakeKind,
        region,
        upToKg,
      },
      verdict: kindVerdict,
      region,
      source,
    }),
  ];
};
const brakeFindings = (trailer, grossKg) => {
  const { towVehicle, coupling } = trailer;
  if (towVehicle?.kind === 'muscle') return [];
  const vehicleKg = towVehicle?.massKg ?? null;
  const share = vehicleKg === null || vehicleKg <= 0 ? void 0 : grossKg / vehicleKg;
  const electric = coupling.brakes === 'fitted' && coupling.brakeKind === 'electric';
  return [
    ...trailer.settings.regions.flatMap((region) => byRegion(trailer, grossKg, region)),
    ...(share === void 0 || vehicleKg === null
      ? []
      : [
          finding({
            ...plain$5,
            rule: RULES$4['brakes-advised'],
            data: {
              share,
              vehicleKg,
              grossKg,
            },
            verdict: coupling.brakes === 'fitted' || share < 0.4 ? 'ok' : 'tight',
          }),
        ]),
    finding({
      ...plain$5,
      rule: RULES$4.plug,
      data: {
        plug: coupling.plug,
        electric,
      },
      verdict:
        coupling.plug === 'not-decided'
          ? 'open'
          : coupling.plug === 'none' || (electric && coupling.plug === '4-way')
            ? 'over'
            : 'ok',
    }),
  ];
};
// core/src/coupling/jack.ts
/** Whether the jack holds what stands on it, lifts the coupler off the ball, and clears the road drawn in. */
const jackFindings = (trailer, chassis, cases) => {
  const { jack, jackMassKg } = trailer.coupling;
  if (jackMassKg <= 0) return [];
  const onJack = cases.filter(({ standing }) => standing?.on === 'jack');
  const mostN = Math.max(0, ...onJack.map(({ standing }) => standing?.aheadN ?? 0));
  const worst = onJack.find(({ standing }) => standing?.aheadN === mostN);
  const loadKg = massOfWeightKg(mostN);
  const ratedKg = jack.ratedKg ?? void 0;
  const plain = {
    step: 'tongue',
    subject: 'jack',
    counts: true,
    working: [],
  };
  const findings = [];
  if (worst)
    findings.push(
      check({
        ...plain,
        rule: RULES$4['jack-rating'],
        data: {
          loadKg,
          ratedKg,
        },
        caseId: worst.loadCase.id,
        asked: quantity(loadKg, 'mass'),
        allowed: ratedKg === void 0 ? void 0 : quantity(ratedKg, 'mass'),
      }),
    );
  const rides = rideHeights(trailer, chassis, cases);
  const highest = Math.max(...rides.map(({ jackM }) => jackM));
  const lowest = Math.min(...rides.map(({ jackM }) => jackM));
  const ride = rides[0];
  const hitchM = trailer.towVehicle?.hitchHeightM ?? null;
  if (!ride || hitchM === null) return findings;
  const m = (value) => quantity(value, 'length');
  const mountOverBallM = ride.jackM - ride.couplerM;
  const needed = workedOut('jack-needs', plus(plus(m(hitchM), m(OVER_BALL_M)), m(mountOverBallM)), 'length');
  const neededM = Math.max(needed.result.value, highest);
  const longM = jack.longM ?? void 0;
  const clear = jack.shortM === null ? void 0 : workedOut('jack-clears', minus(m(lowest), m(jack.shortM)), 'length');
  const clearM = clear?.result.value;
  const verdict =
    longM === void 0 || clearM === void 0
      ? 'open'
      : longM < neededM || clearM <= 0
        ? 'over'
        : clearM < ROAD_CLEAR_M
          ? 'tight'
          : 'ok';
  findings.push(
    finding({
      ...plain,
      rule: RULES$4['jack-reach'],
      data: {
        neededM,
        longM,
        clearM,
      },
      verdict,
      value: m(neededM),
      limit: longM === void 0 ? void 0 : m(longM),
      working: [needed, ...(clear ? [clear] : [])],
    }),
  );
  return findings;
};
// core/src/coupling/links.ts
/** A 50 mm ball sits on a tow bar that is one part with it: there is no mount, shank or ball to be stamped apart. */
const ISO_BALL_M = 0.05;
const isIsoBall = ({ coupling }) => Math.abs(coupling.ballDiameterM - ISO_BALL_M) < BALL_TOLERANCE_M;
const kg = (value) => value ?? void 0;
const share$1 = (demand, limit) =>
  demand === void 0 || limit === void 0 ? void 0 : (shareOf(demand, limit) ?? Number.POSITIVE_INFINITY);
/** Every link that this coupling has, from the vehicle to the chains; `tongueWorksAt` is the strength step's own figure. */
const hitchLinks = (trailer, { grossKg, tongueKg }, tongueWorksAt) => {
  const { coupling, towVehicle } = trailer;
  const rated = (id, ratedKg, onBallKg) => {
    const [gross, tongue] = [share$1(grossKg, kg(ratedKg)), share$1(tongueKg, kg(onBallKg))];
    const byTongue = (tongue ?? -1) > (gross ?? -1);
    return {
      id,
      ratedKg: kg(ratedKg),
      tongueKg: kg(onBallKg),
      utilisation: gross === void 0 ? ((tongue ?? -1) > 1 ? tongue : void 0) : byTongue ? tongue : gross,
      by: byTongue ? 'tongue' : 'gross',
    };
  };
  const links = [
    rated('vehicle', towVehicle?.towLimitKg, towVehicle?.tongueLimitKg),
    rated('receiver', coupling.receiver.ratedKg, coupling.receiver.tongueKg),
  ];
  if (!isIsoBall(trailer)) {
    links.push(rated('ball-mount', coupling.ballMount.ratedKg, coupling.ballMount.tongueKg));
    if (coupling.kind === 'ball') links.push(rated('ball', coupling.ball.ratedKg));
  }
  links.push(rated('coupler', coupling.ratedGrossKg, coupling.tongueLimitKg));
  if (tongueWorksAt !== void 0)
    links.push({
      id: 'tongue',
      ratedKg: void 0,
      tongueKg: void 0,
      utilisation: tongueWorksAt,
      by: 'strength',
    });
  if (coupling.chains === 'fitted') links.push(rated('chains', coupling.safetyChain.breaksAtKg));
  return links;
};
const weakestLink = (links) =>
  links.reduce(
    (worst, next) => (next.utilisation !== void 0 && next.utilisation > (worst?.utilisation ?? -1) ? next : worst),
    void 0,
  );
/** Pulled by people nothing is stamped: the coupling alone is asked for. */
const asked = (trailer, links) =>
  trailer.towVehicle?.kind === 'muscle' ? links.filter(({ id }) => id === 'coupler') : links;
const weakest = (trailer, demand, all) => {
  const links = asked(trailer, all);
  const found = weakestLink(links);
  const unread = links
    .filter(({ id, utilisation }) => utilisation === void 0 && id !== 'vehicle' && id !== 'coupler')
    .map(({ id }) => id);
  const demandKg = found?.by === 'tongue' ? (demand.tongueKg ?? 0) : demand.grossKg;
  const limitKg = found?.by === 'strength' ? void 0 : found?.by === 'tongue' ? found.tongueKg : found?.ratedKg;
  const judged =
    found?.utilisation === void 0 ? 'open' : verdictOf(found.utilisation, RULES$4['weakest-link'].tightFrom);
  const mass = (value) => quantity(value, 'mass');
  return finding({
    rule: RULES$4['weakest-link'],
    data: {
      link: found?.id,
      by: found?.by ?? 'gross',
      demandKg,
      limitKg,
      unread,
    },
    verdict: judged === 'over' ? 'over' : unread.length > 0 ? 'open' : judged,
    step: 'tongue',
    subject: 'coupler',
    counts: found?.id !== 'tongue' || unread.length > 0,
    value: limitKg === void 0 ? void 0 : mass(demandKg),
    limit: limitKg === void 0 ? void 0 : mass(limitKg),
    utilisation: found?.utilisation,
    working:
      limitKg === void 0 || shareOf(demandKg, limitKg) === void 0
        ? []
        : [concluding(workedOut('share-of-limit', over(mass(demandKg), mass(limitKg)), 'percent'))],
  });
};
const linkFindings = (trailer, demand, links) => {
  const { ball, ballDiameterM, kind } = trailer.coupling;
  const plain = {
    step: 'tongue',
    subject: 'coupler',
    counts: true,
    working: [],
  };
  const byHand = trailer.towVehicle?.kind === 'muscle';
  const findings = [weakest(trailer, demand, links)];
  if (kind === 'ball' && !byHand) {
    const ballM = ball.diameterM ?? void 0;
    findings.push(
      finding({
        ...plain,
        rule: RULES$4['ball-fits'],
        data: {
          ballM,
          couplerM: ballDiameterM,
        },
        verdict: ballM === void 0 ? 'open' : Math.abs(ballM - ballDiameterM) > 5e-4 ? 'over' : 'ok',
        value: ballM === void 0 ? void 0 : quantity(ballM, 'length'),
        limit: quantity(ballDiameterM, 'length'),
      }),
    );
  }
  if (kind === 'ball' && ball.holeM !== null && ball.shankM !== null)
    findings.push(
      finding({
        ...plain,
        rule: RULES$4['ball-hole'],
        data: {
          holeM: ball.holeM,
          shankM: ball.shankM,
        },
        verdict: ball.holeM > ball.shankM + HOLE_ROOM_M + 1e-6 || ball.holeM < ball.shankM ? 'over' : 'ok',
        value: quantity(ball.holeM, 'length'),
        limit: quantity(ball.shankM + HOLE_ROOM_M, 'length'),
      }),
    );
  if (kind !== 'ball')
    findings.push(
      finding({
        ...plain,
        rule: RULES$4['coupling-kind'],
        data: { kind },
        verdict: 'ok',
        counts: false,
        source: commonPractice(
          kind === 'pintle'
            ? 'eye and pintle of SAE J847: noisy, keep the slack low, chains besides'
            : 'couplings free in all three ways, tested to UN R55 or ADR 62',
        ),
      }),
    );
  return findings;
};
// core/src/coupling/findings.ts
const mass = (kg) => quantity(kg, 'mass');
const against = (kg, limitKg) => ({
  asked: mass(kg),
  allowed: limitKg === void 0 ? void 0 : mass(limitKg),
});
const weights = (trailer, { grossKg, grossCaseId, byPlate, heaviest: worst }) => {
  const couplerKg = trailer.coupling.ratedGrossKg ?? void 0;
  const towKg = trailer.towVehicle?.towLimitKg ?? void 0;
  const plateKg = trailer.ratedGrossKg ?? void 0;
  return [
    check({
      rule: RULES$4['gross-against-plate'],
      data: {
        grossKg: worst.kg,
        ratedKg: plateKg,
      },
      step: 'job',
      subject: 'trailer',
      caseId: worst.caseId,
      ...against(worst.kg, plateKg),
    }),
    check({
      rule: RULES$4['gross-against-coupler'],
      data: {
        grossKg,
        ratedKg: couplerKg,
        byPlate,
      },
      step: 'tongue',
      subject: 'coupler',
      caseId: grossCaseId,
      ...against(grossKg, couplerKg),
    }),
    check({
      rule: RULES$4['gross-against-tow-vehicle'],
      data: {
        grossKg,
        limitKg: towKg,
        byPlate,
      },
      step: 'job',
      subject: 'trailer',
      caseId: grossCaseId,
      ...against(grossKg, towKg),
    }),
  ];
};
/** Everything that joins trailer and vehicle; `tongueWorksAt` is what the strength step says of the tongue, 1 = all that is allowed. */
const couplingFindings = (trailer, chassis, cases, tongueWorksAt) => {
  const demand = hitchDemand(trailer, cases);
  const plain = {
    step: 'tongue',
    subject: 'coupler',
    counts: true,
    working: [],
  };
  const findings = [
    ...weights(trailer, demand),
    ...linkFindings(trailer, demand, hitchLinks(trailer, demand, tongueWorksAt)),
    ...chainFindings(trailer, demand.grossKg),
    ...brakeFindings(trailer, demand.grossKg),
    ...jackFindings(trailer, chassis, cases),
    ...couplingValueFindings(trailer, chassis, cases, demand.grossKg),
  ];
  if (trailer.settings.regions.length === 0)
    findings.push(
      finding({
        ...plain,
        step: 'job',
        subject: 'trailer',
        rule: RULES$4['no-region'],
        data: {},
        verdict: 'open',
      }),
    );
  if (trailer.coupling.homeMade)
    findings.push(
      finding({
        ...plain,
        rule: RULES$4['home-made-coupling'],
        data: {},
        verdict: 'unchecked',
      }),
    );
  return findings;
};
// core/src/fabrication/rules.ts
/** What this stage checks, and what it tells without judging. */
const RULES$2 = rulesOf({
  'no-cut-list': {
    formula: 'there are bars to cut',
    source: computedBy('lengths of the drawn frame'),
    holds: 'a frame that cannot be drawn has no cut list',
  },
  'cut-list': {
    formula: 'pieces, marks and weight',
    source: computedBy('lengths of the drawn frame'),
    holds: 'told, not judged',
  },
});
// core/src/fabrication/cutList.ts
const MARK_LETTERS = {
  rail: 'R',
  header: 'E',
  cross: 'C',
  tongue: 'T',
  side: 'S',
  post: 'P',
};
/** Lengths that agree to this are cut alike, m. */
const ALIKE_M = 1e-4;
const kindOf = (member) => (member.id.startsWith('post.') ? 'post' : member.group);
const endKey = (end) =>
  end.kind === 'square' ? 'square' : `${end.offSquareRad.toFixed(6)} ${(end.bevelRad ?? 0).toFixed(6)}`;
const alikeKey = (member) =>
  [
    kindOf(member),
    member.section.id,
    member.material.id,
    Math.round(member.cutLengthM / ALIKE_M),
    ...member.ends.map(endKey),
  ].join('|');
/** Open shapes have a left and a right once an end is slanted; closed tubes just turn over. */
const isHanded = (member) =>
  member.ends.some(({ kind }) => kind === 'mitre') &&
  !['rect-tube', 'round-tube', 'flat-bar'].includes(member.section.shape.kind);
const plateRows = (plates) => {
  const alike = /* @__PURE__ */ new Map();
  for (const plate of plates) {
    const sizes = [plate.lengthM, plate.widthM, plate.thicknessM].map((size) => Math.round(size / ALIKE_M));
    const key = [plate.kind, plate.materialName, ...sizes].join('|');
    alike.set(key, [...(alike.get(key) ?? []), plate]);
  }
  return [...alike.values()].flatMap((own, i) => {
    const [first] = own;
    if (!first) return [];
    const { kind, materialName, lengthM, widthM, thicknessM, triangular, massKg } = first;
    return [
      {
        mark: `F${i + 1}`,
        kind,
        plateIds: own.map(({ id }) => id),
        materialName,
        lengthM,
        widthM,
        thicknessM,
        triangular,
        quantity: own.length,
        massEachKg: massKg,
      },
    ];
  });
};
const buildCutList = (chassis) => {
  const alike = /* @__PURE__ */ new Map();
  for (const member of chassis.members) alike.set(alikeKey(member), [...(alike.get(alikeKey(member)) ?? []), member]);
  const counts = /* @__PURE__ */ new Map();
  const rows = [...alike.values()].flatMap((members) => {
    const [first] = members;
    if (!first) return [];
    const group = kindOf(first);
    const number = (counts.get(group) ?? 0) + 1;
    counts.set(group, number);
    return [
      {
        mark: `${MARK_LETTERS[group]}${number}`,
        group,
        memberIds: members.map(({ id }) => id),
        sectionId: first.section.id,
        designation: first.section.designation,
        materialName: first.material.name,
        quantity: members.reduce((sum, { pieces }) => sum + pieces, 0),
        cutLengthM: first.cutLengthM,
        faceLengthM: first.faceLengthM,
        ends: first.ends,
        handed: members.length > 1 && isHanded(first),
        massEachKg: first.massKg / first.pieces,
        cutLaterM: first.cutLaterM,
      },
    ];
  });
  const totals = /* @__PURE__ */ new Map();
  for (const row of rows) {
    const key = `${row.sectionId}|${row.materialName}`;
    const known = totals.get(key);
    totals.set(key, {
      sectionId: row.sectionId,
      designation: row.designation,
      materialName: row.materialName,
      pieces: (known?.pieces ?? 0) + row.quantity,
      lengthM: (known?.lengthM ?? 0) + row.quantity * (row.cutLengthM + row.cutLaterM),
      massKg: (known?.massKg ?? 0) + row.quantity * row.massEachKg,
    });
  }
  const plates = plateRows(chassis.plates);
  return {
    rows,
    plates,
    totals: [...totals.values()],
    massKg:
      [...totals.values()].reduce((sum, { massKg }) => sum + massKg, 0) +
      plates.reduce((sum, { quantity, massEachKg }) => sum + quantity * massEachKg, 0),
  };
};
const fabricationFindings = ({ rows, massKg }) => {
  const plain = {
    step: 'cut',
    subject: 'trailer',
    counts: true,
    working: [],
  };
  if (rows.length === 0)
    return [
      finding({
        ...plain,
        rule: RULES$2['no-cut-list'],
        data: {},
        verdict: 'open',
      }),
    ];
  const pieces = rows.reduce((sum, row) => sum + row.quantity, 0);
  return [
    finding({
      ...plain,
      rule: RULES$2['cut-list'],
      data: {
        pieces,
        marks: rows.length,
        massKg,
      },
      verdict: 'ok',
    }),
  ];
};
// core/src/towing/sway.ts
/** Inertia of v̇, ṙ and γ̈ with the ball's force eliminated. */
const inertiaMatrix = (rig) => {
  const { vehicleKg: m1, vehicleYawKgM2: i1, hitchM: e } = rig;
  const { trailerKg: m2, trailerYawKgM2: i2, balanceM: c } = rig;
  return new Matrix([
    [m1 + m2, -m2 * (e + c), -m2 * c],
    [-e * m2, i1 + e * m2 * (e + c), e * m2 * c],
    [-c * m2, i2 + c * m2 * (e + c), i2 + c * m2 * c],
  ]);
};
/**
 * Rate matrix of the state [v, r, γ̇, γ] at a forward speed: sideways speed and yaw rate of the vehicle at its balance point, rate and
 * angle of the trailer against it. Small angles, even speed, no drag, no roll, tire forces in proportion to slip.
 *
 * With the force F_h that the trailer puts on the ball eliminated (y₂ the trailer's balance point):
 *   m₁(v̇ + U·r) = F_f + F_r + F_h,  I₁·ṙ = a·F_f − b·F_r − e·F_h,
 *   m₂·ÿ₂ = F_t − F_h,  I₂(ṙ + γ̈) = −c·F_h − Σ(dⱼ − c)·F_tⱼ,  ÿ₂ = v̇ + U·r − (e + c)·ṙ − c·γ̈,
 *   F_f = −C_f(v + a·r)/U,  F_r = −C_r(v − b·r)/U,  F_tⱼ = −C_tⱼ([v − e·r − dⱼ(r + γ̇)]/U − γ).
 */
const rateMatrix = (rig, speedMPerS) => {
  const { vehicleKg: m1, frontM: a, rearM: b, hitchM: e, trailerKg: m2, balanceM: c } = rig;
  const u = speedMPerS;
  const front = [-rig.frontStiffness / u, (-rig.frontStiffness * a) / u, 0, 0];
  const rear = [-rig.rearStiffness / u, (rig.rearStiffness * b) / u, 0, 0];
  const trailer = [0, 0, 0, 0];
  const trailerMoment = [0, 0, 0, 0];
  for (const { behindBallM: d, stiffnessNPerRad: k } of rig.axles)
    [-k / u, (k * (e + d)) / u, (k * d) / u, k].forEach((value, i) => {
      trailer[i] = trailer[i] + value;
      trailerMoment[i] = trailerMoment[i] + d * value;
    });
  const row = (value) => [0, 1, 2, 3].map(value);
  const at = (list, i) => list[i];
  const yaw = (i) => (i === 1 ? 1 : 0);
  const right = new Matrix([
    row((i) => at(front, i) + at(rear, i) + at(trailer, i) - (m1 + m2) * u * yaw(i)),
    row((i) => a * at(front, i) - b * at(rear, i) - e * at(trailer, i) + e * m2 * u * yaw(i)),
    row((i) => -at(trailerMoment, i) + c * m2 * u * yaw(i)),
  ]);
  const rates = solve(inertiaMatrix(rig), right);
  return new Matrix([rates.getRow(0), rates.getRow(1), rates.getRow(2), [0, 0, 1, 0]]);
};
/** The four modes at a speed, in no order. */
const eigenvalues = (rig, speedMPerS) => {
  const { realEigenvalues, imaginaryEigenvalues } = new EigenvalueDecomposition(rateMatrix(rig, speedMPerS));
  return realEigenvalues.map((re, i) => ({
    re,
    im: imaginaryEigenvalues[i],
  }));
};
/** Imaginary parts below this share of the mode's size are rounding, not swinging. */
const SWINGS = 1e-9;
const swings = ({ re, im }) => Math.abs(im) > SWINGS * Math.hypot(re, im);
const leastDamped = (modes) => {
  return modes
    .filter((mode) => swings(mode) && mode.im > 0)
    .map(({ re, im }) => {
      const size = Math.hypot(re, im);
      return {
        re,
        im,
        frequencyHz: im / (2 * Math.PI),
        naturalFrequencyHz: size / (2 * Math.PI),
        dampingRatio: -re / size,
      };
    })
    .reduce((least, next) => (!least || next.dampingRatio < least.dampingRatio ? next : least), void 0);
};
const KMH = 1 / 3.6;
/** Looked for between these speeds, m/s. */
const FROM$1 = 18 * KMH;
const TO = 400 * KMH;
const STEP = 1 * KMH;
const worst = (rig, speed) => eigenvalues(rig, speed).reduce((most, next) => (next.re > most.re ? next : most));
/** Lowest speed from 18 to 400 km/h at which the real part of any mode reaches nothing; every mode is looked at. */
const lostDamping = (rig) => {
  const kindAt = (speed) => (swings(worst(rig, speed)) ? 'oscillatory' : 'divergent');
  if (worst(rig, FROM$1).re >= 0)
    return {
      speedMPerS: FROM$1,
      kind: kindAt(FROM$1),
    };
  for (let low = FROM$1; low < TO; low += STEP) {
    const high = Math.min(low + STEP, TO);
    if (worst(rig, high).re < 0) continue;
    let [damped, lost] = [low, high];
    for (let i = 0; i < 50; i += 1) {
      const middle = (damped + lost) / 2;
      if (worst(rig, middle).re < 0) damped = middle;
      else lost = middle;
    }
    return {
      speedMPerS: lost,
      kind: kindAt(lost),
    };
  }
};
// core/src/towing/heaviest.ts
const towedCases = (cases) => cases.filter((own) => own.loadCase.mode === 'towed' && own.standing !== void 0);
/** The heaviest load that is towed. */
const heaviestTowed = (cases) =>
  towedCases(cases).reduce((most, next) => (!most || next.massKg > most.massKg ? next : most), void 0);
// core/src/towing/level.ts
/** Ball's height at which the trailer rides level in a case, m: by its springs, or as the project says it stands. */
const couplerHeightM = (trailer, chassis, balanced) =>
  rideHeights(trailer, chassis, [balanced])[0]?.couplerM ?? trailer.runningGear.railTopHeightM + ballZM(chassis);
/** Where the vehicle holds its ball with this tongue on it, m: its springs give by what the user has tried; undefined where nobody has measured. */
const hitchUnderLoadM = (trailer, { standing }) => {
  const { towVehicle } = trailer;
  const heightM = towVehicle?.hitchHeightM ?? null;
  if (!towVehicle || heightM === null) return void 0;
  const tongueKg = standing?.on === 'ball' ? massOfWeightKg(standing.tongueN) : 0;
  return heightM - (towVehicle.hitchSinksMPerKg ?? 0) * tongueKg;
};
const levelsOf = (trailer, chassis, cases) =>
  towedCases(cases).flatMap((balanced) => {
    const couplerM = couplerHeightM(trailer, chassis, balanced);
    const hitchM = hitchUnderLoadM(trailer, balanced);
    if (hitchM === void 0) return [];
    const offM = hitchM - couplerM;
    return [
      {
        caseId: balanced.loadCase.id,
        couplerM,
        hitchM,
        offM,
        noseUpRad: Math.atan2(offM, balanced.standing.groupCentreXM - chassis.ballXM),
      },
    ];
  });
/** The nearest ball mount that is sold, turned up or down, for a hitch that stands this much too high. */
const mountFor = (trailer, offM) => {
  const fittedM = trailer.coupling.ballMount.dropM;
  if (fittedM === null)
    return {
      wantedM: offM,
      dropM: void 0,
      leftM: 0,
    };
  const wantedM = fittedM + offM;
  const dropM = MOUNT_DROPS_M[trailer.settings.units]
    .flatMap((drop) => (drop === 0 ? [0] : [drop, -drop]))
    .reduce((best, next) => (Math.abs(next - wantedM) < Math.abs(best - wantedM) ? next : best));
  return {
    wantedM: offM,
    dropM,
    leftM: wantedM - dropM,
  };
};
// core/src/towing/motion.ts
/**
 * What braking at so many g adds on the ball, N: the trailer wants to run on at its balance point's height and is held at the ball's and
 * at the road: ΔT·L = m·a·h − F·h_b, F = m·a·(1 − b) the push on the ball where the trailer's own brakes take the share b.
 * Holds for a rigid trailer that stays level. Source: moments about the axle's foot.
 */
const brakingAddsN = (trailer, g, ownShare) => {
  return (
    (trailer.massKg * g * STANDARD_GRAVITY * (trailer.heightM - (1 - ownShare) * trailer.ballHeightM)) /
    trailer.drawbarM
  );
};
/** A vehicle whose brakes stop itself takes so much longer with an unbraked trailer: (M + m) ÷ M. */
const stoppingFactor = (vehicleKg, trailerKg) => (vehicleKg + trailerKg) / vehicleKg;
/** Speed at which a rigid body of this stability factor tips in a curve, m/s: √(factor·g·R). */
const tippingSpeedMPerS = (factor, radiusM) => Math.sqrt(Math.max(0, factor) * STANDARD_GRAVITY * radiusM);
/** Pull of a trailer on a slope of this grade, N: W·sin(atan grade). */
const gradePullN = (massKg, grade) => massKg * STANDARD_GRAVITY * Math.sin(Math.atan(grade));
/** Rolling resistance of small tires as a share of the weight: firm ground, grass (common practice). */
const ROLLING = {
  firm: 0.03,
  grass: 0.1,
};
const rollingPullN = (massKg, share) => massKg * STANDARD_GRAVITY * share;
/** Ahead of its front axle a vehicle reaches on by this, m (common practice). */
const NOSE_M = 0.85;
/**
 * Lane that a rig sweeps in a steady slow turn with the ball on a circle of R, m: every axle on its own circle about the same middle,
 * R_v² = R² − e², R_t² = R² − L²; outermost the vehicle's front corner or the trailer's tail, innermost the trailer's inner wheel or side.
 */
const sweptLane = (trailer, chassis, { standing }) => {
  const { towVehicle, runningGear, frame, job } = trailer;
  if (!towVehicle || towVehicle.wheelbaseM === null || towVehicle.ballBehindAxleM === null) return void 0;
  const drawbarM = standing.groupCentreXM - chassis.ballXM;
  const vehicleM2 = job.cornerM ** 2 - towVehicle.ballBehindAxleM ** 2;
  const trailerM2 = job.cornerM ** 2 - drawbarM ** 2;
  if (!(vehicleM2 > 0) || !(trailerM2 > 0)) return void 0;
  const [vehicleM, trailerM] = [Math.sqrt(vehicleM2), Math.sqrt(trailerM2)];
  const halfTrailerM = Math.max(frame.bed.widthM, runningGear.suspension.trackM + runningGear.tire.widthM) / 2;
  const tailM = frame.bed.lengthM - standing.groupCentreXM;
  const outerM = Math.max(
    Math.hypot(vehicleM + towVehicle.widthM / 2, towVehicle.wheelbaseM + NOSE_M),
    Math.hypot(trailerM + frame.bed.widthM / 2, Math.max(0, tailM)),
  );
  const innerM = trailerM - halfTrailerM;
  return {
    outerM,
    innerM,
    widthM: outerM - innerM,
  };
};
/** Heights and lever of a towed case for the sums above; undefined where it has no balance point. */
const bodyOf = (trailer, chassis, { massKg, centre, standing }) =>
  centre && {
    massKg,
    heightM: centre.zM + trailer.runningGear.railTopHeightM,
    ballHeightM: trailer.runningGear.railTopHeightM + ballZM(chassis),
    drawbarM: standing.groupCentreXM - chassis.ballXM,
  };
// core/src/towing/turning.ts
const sideTops = (chassis) => chassis.members.filter(({ group }) => group === 'side').map(({ extent }) => extent.z1M);
/** What stands nearest to the vehicle: the bed, and what is on tongue or deck in front. */
const frontEdges = (trailer, chassis) => {
  const half = trailer.frame.bed.widthM / 2;
  return [
    {
      what: 'bed',
      id: 'trailer',
      behindBallM: -chassis.ballXM,
      leftM: -half,
      rightM: half,
      topZM: Math.max(chassis.deckTopZM, ...chassis.panels.map(({ extent }) => extent.z1M), ...sideTops(chassis)),
      withBall: false,
    },
    ...trailer.items.flatMap((item) => {
      const part = itemPart(trailer, chassis, item);
      const behindBallM = part.x0M - chassis.ballXM;
      return behindBallM < -chassis.ballXM
        ? [
            {
              what: 'item',
              id: item.id,
              behindBallM,
              leftM: part.y0M,
              rightM: part.y1M,
              topZM: part.centre.zM + part.heightM / 2,
              withBall: item.attach.from === 'ball',
            },
          ]
        : [];
    }),
  ];
};
/**
 * Room between an edge and the vehicle's rear face when the trailer is turned by γ, m; infinite where the edge has swung past the
 * vehicle's side. The edge's points are (L·cosγ − t·sinγ, L·sinγ + t·cosγ) from the ball, t across the trailer: exact.
 */
const roomAt = (edge, gammaRad, bumperAheadM, halfVehicleM) => {
  const { behindBallM: l } = edge;
  const [sin, cos] = [Math.sin(gammaRad), Math.cos(gammaRad)];
  let [low, high] = [edge.leftM, edge.rightM];
  if (cos > 1e-12) {
    low = Math.max(low, (-halfVehicleM - l * sin) / cos);
    high = Math.min(high, (halfVehicleM - l * sin) / cos);
  } else if (Math.abs(l * sin) > halfVehicleM) return Number.POSITIVE_INFINITY;
  if (low > high) return Number.POSITIVE_INFINITY;
  return l * cos - (sin >= 0 ? high : low) * sin + bumperAheadM;
};
/** The tightest edge at an angle, either way. */
const tightestAt = (edges, gammaRad, bumperAheadM, halfVehicleM) =>
  edges
    .flatMap((edge) =>
      [gammaRad, -gammaRad].map((g) => ({
        edge,
        roomM: roomAt(edge, g, bumperAheadM, halfVehicleM),
      })),
    )
    .reduce((least, next) => (!least || next.roomM < least.roomM ? next : least), void 0);
const FULL_TURN_RAD = Math.PI / 2;
/** Just short of where an edge leaves the vehicle's width, rad. */
const JUST_SHORT_RAD = 1e-9;
/**
 * Angles between 0 and the wanted one at which an edge that turns one way can come nearest: where its corner enters or leaves the
 * vehicle's width H (l·sinγ + t·cosγ = ±H), where it itself leaves it, and where the width's side line is nearest to it (sinγ = H ÷ l).
 * Between them the room only falls or only grows.
 */
const turningPoints = (l, corner, other, half, wantedRad) => {
  const reaching = (t) => {
    const size = Math.hypot(l, t);
    if (size < half) return [];
    const [rise, lead] = [Math.asin(half / size), Math.atan2(t, l)];
    return [rise - lead, Math.PI - rise - lead];
  };
  const leaves = reaching(other);
  return [
    0,
    wantedRad,
    ...reaching(corner),
    ...leaves,
    ...leaves.map((gamma) => gamma - JUST_SHORT_RAD),
    ...(l > half ? [Math.asin(half / l)] : []),
  ].filter((gamma) => gamma >= 0 && gamma <= wantedRad);
};
/** The least room of any edge on the way to an angle, either way: exact. */
const leastRoomM = (edges, wantedRad, bumperAheadM, halfVehicleM) => {
  let least = Number.POSITIVE_INFINITY;
  for (const edge of edges) {
    const { behindBallM: l, leftM, rightM } = edge;
    for (const gamma of turningPoints(l, rightM, leftM, halfVehicleM, wantedRad))
      least = Math.min(least, roomAt(edge, gamma, bumperAheadM, halfVehicleM));
    for (const gamma of turningPoints(l, -leftM, -rightM, halfVehicleM, wantedRad))
      least = Math.min(least, roomAt(edge, -gamma, bumperAheadM, halfVehicleM));
  }
  return least;
};
/** The angle at which something first touches, rad; undefined where nothing does to 90°. */
const touchAngleRad = (edges, bumperAheadM, halfVehicleM) => {
  const touches = (gamma) => leastRoomM(edges, gamma, bumperAheadM, halfVehicleM) < 0;
  if (touches(0)) return 0;
  if (!touches(FULL_TURN_RAD)) return void 0;
  let [clear, touching] = [0, FULL_TURN_RAD];
  for (let k = 0; k < 50; k += 1) {
    const middle = (clear + touching) / 2;
    if (touches(middle)) touching = middle;
    else clear = middle;
  }
  return touching;
};
/** Edges as a tongue longer by so much would have them. */
const lengthened = (edges, longerM) =>
  edges.map((edge) =>
    edge.withBall
      ? edge
      : {
          ...edge,
          behindBallM: edge.behindBallM + longerM,
        },
  );
/** Lengths that a tongue may be made longer or shorter by, m. */
const LENGTHEN_M = [-3, 5];
/** Halvings of that stretch: to a fifth of a thousandth of a millimetre. */
const HALVINGS$1 = 26;
/** The least change of length that satisfies; undefined where even the longest does not. */
const leastLength = (clears) => {
  let [short, long] = [...LENGTHEN_M];
  if (!clears(long)) return void 0;
  for (let k = 0; k < HALVINGS$1; k += 1) {
    const middle = (short + long) / 2;
    if (clears(middle)) long = middle;
    else short = middle;
  }
  return long;
};
/**
 * How much longer (or shorter, negative) the tongue must be for this room at every angle up to the wanted one, m; undefined where no
 * length helps, because what is in the way stands at the ball.
 */
const tongueLacksM = (edges, wantedRad, bumperAheadM, halfVehicleM, marginM) =>
  leastLength((longerM) => leastRoomM(lengthened(edges, longerM), wantedRad, bumperAheadM, halfVehicleM) >= marginM);
/** The same for a tailgate that opens over it: what stands as high as the gate must be further back than it reaches. */
const tailgateLacksM = (edges, bumperAheadM, halfVehicleM, reachM) =>
  leastLength((longerM) => {
    const straight = tightestAt(lengthened(edges, longerM), 0, bumperAheadM, halfVehicleM);
    return !straight || straight.roomM >= reachM;
  });
/** Distance backed in which a small angle between vehicle and trailer grows to a large one, m: L·ln(tan(γ₂ ÷ 2) ÷ tan(γ₁ ÷ 2)), ball over the rear axle. */
const jackknifeTravelM = (ballToAxleM, fromRad, toRad) =>
  ballToAxleM * Math.log(Math.tan(toRad / 2) / Math.tan(fromRad / 2));
/** How far the trailer's axle cuts inside the ball's circle, m: R − √(R² − L²), steady and slow. */
const offTrackingM = (radiusM, ballToAxleM) =>
  radiusM > ballToAxleM ? radiusM - Math.sqrt(radiusM ** 2 - ballToAxleM ** 2) : void 0;
// core/src/towing/ramp.ts
/** Where the road lies at x behind the vehicle's rear axle, when it breaks by β (up behind +) at `breakM`. */
const roadZM = (xM, betaRad, breakM) => (xM <= breakM ? 0 : (xM - breakM) * Math.tan(betaRad));
/** Where two circles meet furthest back. */
const circlesMeet = (ball, edge) => {
  const [dx, dz] = [edge.xM - ball.xM, edge.zM - ball.zM];
  const d = Math.hypot(dx, dz);
  const along = (d * d + ball.radiusM ** 2 - edge.radiusM ** 2) / (2 * d);
  const across = Math.sqrt(Math.max(0, ball.radiusM ** 2 - along ** 2));
  return {
    xM: ball.xM + (along * dx - across * dz) / d,
    zM: ball.zM + (along * dz + across * dx) / d,
  };
};
/**
 * Middle of the trailer's wheel on the broken road, as far from the ball as on the level: on the near stretch, on the far one, or, over
 * a crest, rolling round its edge. Closed form: circle about the ball with the stretches' offset lines, or with the edge's circle.
 */
const wheelMiddle = ({ ballBehindAxleM: e, ballHeightM: h, wheelRadiusM: r }, reachM, betaRad, breakM) => {
  const near = {
    xM: e + Math.sqrt(Math.max(0, reachM ** 2 - (h - r) ** 2)),
    zM: r,
  };
  const tan = Math.tan(betaRad);
  const lift = r / Math.cos(betaRad);
  const farZM = (x) => (x - breakM) * tan + lift;
  if (betaRad >= 0 ? farZM(near.xM) <= r : near.xM <= breakM) return near;
  const k = (e - breakM) * tan + lift - h;
  const a = 1 + tan * tan;
  const root = Math.sqrt(Math.max(0, (k * tan) ** 2 - a * (k * k - reachM ** 2)));
  const xM = e + (-k * tan + root) / a;
  if (betaRad >= 0 || xM >= breakM + r * Math.sin(-betaRad))
    return {
      xM,
      zM: farZM(xM),
    };
  return circlesMeet(
    {
      xM: e,
      zM: h,
      radiusM: reachM,
    },
    {
      xM: breakM,
      zM: 0,
      radiusM: r,
    },
  );
};
/**
 * How far the trailer is tipped against the vehicle, rad, nose up +. Exact for a rigid trailer on one axle line; the vehicle stands
 * level on the near stretch.
 */
const trailerPitchRad = (rig, betaRad, breakM) => {
  const { ballBehindAxleM: e, ballHeightM: h, drawbarM } = rig;
  const dropM = rig.levelBallM - rig.wheelRadiusM;
  const wheel = wheelMiddle(rig, Math.hypot(drawbarM, dropM), betaRad, breakM);
  return Math.atan2(h - wheel.zM, wheel.xM - e) - Math.atan2(dropM, drawbarM);
};
/** A point of the tipped trailer, x behind the vehicle's rear axle and z above its road. */
const tippedPoint = (rig, pitchRad, { behindM, aboveM }) => ({
  xM: rig.ballBehindAxleM + behindM * Math.cos(pitchRad) + aboveM * Math.sin(pitchRad),
  zM: rig.ballHeightM - behindM * Math.sin(pitchRad) + aboveM * Math.cos(pitchRad),
});
/** Places of the break under the rig that are looked at. */
const PLACES$1 = 40;
/** What comes nearest to vehicle and road while the rig goes over a break of β, wherever the break lies under it. */
const rampLook = (rig, points, betaRad) => {
  const faceM = rig.ballBehindAxleM - rig.bumperAheadOfBallM;
  const tailM = Math.max(rig.drawbarM, ...points.map(({ behindM }) => behindM));
  let nearest;
  let lowest;
  let pitchRad = 0;
  const under = undersides(points);
  for (let i = 0; i <= PLACES$1; i += 1) {
    const breakM = ((rig.ballBehindAxleM + tailM) * i) / PLACES$1;
    const pitch = trailerPitchRad(rig, betaRad, breakM);
    if (Math.abs(pitch) > Math.abs(pitchRad)) pitchRad = pitch;
    for (const point of points) {
      const { xM, zM } = tippedPoint(rig, pitch, point);
      const roomM = xM - faceM;
      const clearM = zM - roadZM(xM, betaRad, breakM);
      if (faces(point) && (!nearest || roomM < nearest.roomM))
        nearest = {
          point,
          roomM,
          breakM,
        };
      if (!lowest || clearM < lowest.clearM)
        lowest = {
          point,
          clearM,
          breakM,
        };
    }
    for (const [from, to] of under) {
      const [a, b] = [tippedPoint(rig, pitch, from), tippedPoint(rig, pitch, to)];
      if (!(a.xM < breakM && b.xM > breakM)) continue;
      const clearM = a.zM + ((b.zM - a.zM) * (breakM - a.xM)) / (b.xM - a.xM);
      if (!lowest || clearM < lowest.clearM)
        lowest = {
          point: to,
          clearM,
          breakM,
        };
    }
  }
  return (
    nearest &&
    lowest && {
      nearest,
      lowest,
      pitchRad,
    }
  );
};
/** What of the trailer faces the vehicle. */
const faces = ({ what }) => what === 'bed' || what === 'item';
/** The least room to the vehicle's rear face over a break of β, at every second place that `rampLook` looks at. */
const roomToVehicleM = (rig, points, betaRad) => {
  const facing = points.filter(faces);
  const tailM = Math.max(rig.drawbarM, ...points.map(({ behindM }) => behindM));
  const faceM = rig.ballBehindAxleM - rig.bumperAheadOfBallM;
  let least = Number.POSITIVE_INFINITY;
  for (let i = 0; i <= PLACES$1; i += 2) {
    const pitch = trailerPitchRad(rig, betaRad, ((rig.ballBehindAxleM + tailM) * i) / PLACES$1);
    for (const point of facing) least = Math.min(least, tippedPoint(rig, pitch, point).xM - faceM);
  }
  return least;
};
const undersides = (points) => {
  const of = (what, id) => points.find((point) => point.what === what && point.id === id);
  const [tip, root] = [of('tongue', 'tip'), of('tongue', 'root')];
  const [front, tail] = [of('bed', 'underside'), of('tail', 'trailer')];
  return [...(tip && root ? [[tip, root]] : []), ...(front && tail ? [[front, tail]] : [])];
};
/** The rig at rest in a case; undefined where the vehicle does not say where its ball is. */
const rampRigOf = (trailer, chassis, balanced) => {
  const { towVehicle } = trailer;
  const { standing } = balanced;
  if (!towVehicle || towVehicle.ballBehindAxleM === null || !standing) return void 0;
  const levelBallM = couplerHeightM(trailer, chassis, balanced);
  const drawbarM = standing.groupCentreXM - chassis.ballXM;
  if (!(drawbarM > 0)) return void 0;
  return {
    ballBehindAxleM: towVehicle.ballBehindAxleM,
    ballHeightM: hitchUnderLoadM(trailer, balanced) ?? levelBallM,
    drawbarM,
    wheelRadiusM: trailer.runningGear.tire.loadedRadiusM,
    bumperAheadOfBallM: towVehicle.bumperAheadOfBallM,
    ballZM: chassis.tongue?.ballZM ?? -chassis.railHeightM / 2,
    levelBallM,
  };
};
/** What may touch, seen from the side: bed, tongue, jack's foot, tail, and what stands in front. */
const sidePoints = (trailer, chassis) => {
  const { tongue, ballXM, railHeightM } = chassis;
  const ballZM = tongue?.ballZM ?? -railHeightM / 2;
  const behind = (xM) => xM - ballXM;
  const above = (zM) => zM - ballZM;
  const first = tongue?.members[0];
  const { coupling } = trailer;
  const tailM = trailer.frame.bed.lengthM;
  const half = first ? first.bar.heightM / 2 : 0;
  const tongueBottomM = first ? first.extent.z0M + Math.max(0, -first.frontRiseM) : -railHeightM;
  return [
    {
      what: 'bed',
      id: 'underside',
      behindM: behind(0),
      aboveM: above(-railHeightM),
    },
    ...frontEdges(trailer, chassis).map(({ what, id, behindBallM, topZM }) => ({
      what,
      id,
      behindM: behindBallM,
      aboveM: above(topZM),
    })),
    {
      what: 'tail',
      id: 'trailer',
      behindM: behind(tailM),
      aboveM: above(-railHeightM),
    },
    ...(first
      ? [
          {
            what: 'tongue',
            id: 'tip',
            behindM: behind(first.extent.x0M),
            aboveM: -half,
          },
          {
            what: 'tongue',
            id: 'root',
            behindM: behind(Math.max(0, first.extent.x1M)),
            aboveM: above(tongueBottomM),
          },
        ]
      : []),
    ...(coupling.jackMassKg > 0 && coupling.jack.shortM !== null && tongue
      ? [
          {
            what: 'jack',
            id: 'jack',
            behindM: coupling.jackBehindBallM,
            aboveM: above(tongue.topZM) - coupling.jack.shortM,
          },
        ]
      : []),
  ];
};
/** Points as a tongue longer by so much would have them. */
const lengthenedPoints = (trailer, points, longerM) => {
  const withBall = new Set(trailer.items.filter(({ attach }) => attach.from === 'ball').map(({ id }) => id));
  return points.map((point) =>
    point.what === 'jack' || (point.what === 'tongue' && point.id === 'tip') || withBall.has(point.id)
      ? point
      : {
          ...point,
          behindM: point.behindM + longerM,
        },
  );
};
// core/src/towing/rules.ts
/** Room that is left when it is turned as far as it may be (common practice). */
const TURN_MARGIN_M = inches(2);
/** Room that is left over a break of the road (common practice). */
const RAMP_MARGIN_M = inches(1);
/** Couplings tip this far either way: UN R55 asks it of coupling heads (recalled). */
const COUPLING_TIPS_RAD = toRadians(20, 'deg');
/** Half a foot free on either side in a lane (common practice). */
const LANE_ROOM_M = inches(12);
/** A hard stop on a dry road, g. */
const HARD_STOP_G = 0.5;
/** Level within this at the ball (common practice). */
const LEVEL_M = inches(0.5);
/** A shop size as it is spoken of. */
const inch = (metres) =>
  formatLength(metres, {
    system: 'imperial',
    denominator: 16,
  });
/** What this stage checks, and what it tells without judging. */
const RULES$1 = rulesOf({
  'turns-clear': {
    formula: `angle at which it touches ≥ the angle that is wanted; ${inch(TURN_MARGIN_M)} of room there`,
    source: computedBy('front corners turned about the ball, x = L·cosγ − t·sinγ, against the vehicle’s rear face'),
    holds: 'flat ground, the front edges of frame, tongue and items',
  },
  'tailgate-hits': {
    formula: 'reach of the open tailgate ≤ room to what stands nearest',
    source: computedBy('reach and height of the open tailgate against what stands nearest to it, riding level'),
    holds: 'straight, riding level',
  },
  'ramp-clear': {
    formula: `room over the break, and to the vehicle ≥ 0; tight under ${inch(RAMP_MARGIN_M)}, and past ${formatAngle(COUPLING_TIPS_RAD)} at the coupling`,
    source: publishedVerify(
      'rigid trailer tipped about the ball over every place of the break, exact; coupling heads of UN R55 tip 20°',
    ),
    holds: 'rigid trailer, every place of the break',
  },
  'tongue-shortest': {
    formula: 'least length that clears in the turn, under the tailgate and in the dip',
    source: computedBy('the least length that clears in the turn, under the tailgate and in the dip'),
    holds: 'told, not judged',
  },
  'off-tracks': {
    formula: 'R − √(R² − L²)',
    source: computedBy('R − √(R² − L²), slow and steady'),
    holds: 'slow and steady; told, not judged',
  },
  'lane-swept': {
    formula: `lane swept ≤ the lane, tight within ${inch(LANE_ROOM_M)} of it`,
    source: commonPractice('steady slow turn, each axle on its own circle; half a foot free on either side'),
    holds: 'steady slow turn, each axle on its own circle',
  },
  'vehicle-missing': {
    formula: 'vehicle and its shape are said',
    source: computedBy('mass, wheelbase, and how far the ball stands behind the rear axle'),
    holds: 'turning and sway cannot be worked out without',
  },
  'level-spread': {
    formula: 'what the loads differ at the ball',
    source: computedBy('the hitch against the height at which each load rides level'),
    holds: 'told, not judged',
  },
  'tows-level': {
    formula: `|hitch − ball’s height riding level| ≤ ${inch(LEVEL_M)}; tight over ${inch(2 * LEVEL_M)}`,
    source: commonPractice('level within half an inch at the ball, loaded; an inch low in front rather than high'),
    holds: 'the heaviest towed load; hands hold it where they please',
  },
  'hitch-above-deck': {
    formula: 'hitch ≤ the deck of the loaded trailer',
    source: computedBy('the hitch against the deck of the loaded trailer'),
    holds: 'the heaviest towed load',
  },
  'rolls-over': {
    formula: 't ÷ 2h',
    source: publishedSure(
      'static stability factor, t ÷ 2h; rigid, without springs and tires, which take off a tenth or more',
    ),
    holds: 'rigid, without springs and tires, which take off a tenth or more; told, not judged',
  },
  'vehicle-axles': {
    formula: 'own rear load + tongue × (1 + overhang ÷ wheelbase) ≤ the rear axle’s limit',
    tightFrom: 0.95,
    source: computedBy(
      'tongue × (1 + overhang ÷ wheelbase) on the rear axle, tongue × overhang ÷ wheelbase off the front',
    ),
    holds: 'where the vehicle’s limit is read',
  },
  'braking-adds': {
    formula: 'm·a·(h − h_ball) ÷ L unbraked, m·a·h ÷ L braked',
    source: computedBy('m·a·(h − h_ball) ÷ L unbraked, m·a·h ÷ L where its own brakes stop it; rigid, level'),
    holds: `rigid, level, a hard stop of ${HARD_STOP_G} g; told, not judged`,
  },
  'hill-pulls': {
    formula: 'W·sin(slope)',
    source: computedBy('weight × sin of the slope'),
    holds: 'told, not judged',
  },
  'hand-pull': {
    formula: 'c·W + W·sin(slope)',
    source: commonPractice('small tires roll with 3 % of the weight on firm ground, 10 % on grass'),
    holds: 'pulled by people; told, not judged',
  },
});
// core/src/towing/clearanceFindings.ts
const plain$4 = {
  step: 'tongue',
  subject: 'tongue',
  counts: true,
  working: [],
};
const m$1 = (value) => quantity(value, 'length');
/** Front edges that the open tailgate may strike: all of them where nobody has measured how high it hangs. */
const underGate = (trailer, chassis, vehicle, towed) => {
  const edges = frontEdges(trailer, chassis);
  const gateM = vehicle.tailgateHeightM;
  if (gateM === null || !towed)
    return {
      struck: edges,
      highestM: void 0,
    };
  const railTopM = couplerHeightM(trailer, chassis, towed) - (chassis.tongue?.ballZM ?? -chassis.railHeightM / 2);
  const tops = edges.map((edge) => ({
    edge,
    topM: railTopM + edge.topZM,
  }));
  return {
    struck: tops.filter(({ topM }) => topM > gateM).map(({ edge }) => edge),
    highestM: Math.max(...tops.map(({ topM }) => topM)),
  };
};
const turns = (trailer, edges, vehicle) => {
  const half = vehicle.widthM / 2;
  const wantedRad = trailer.job.turnRad;
  const touchRad = touchAngleRad(edges, vehicle.bumperAheadOfBallM, half);
  const tight = tightestAt(edges, touchRad ?? wantedRad, vehicle.bumperAheadOfBallM, half);
  const lacksM = tongueLacksM(edges, wantedRad, vehicle.bumperAheadOfBallM, half, TURN_MARGIN_M);
  const verdict =
    touchRad !== void 0 && touchRad < wantedRad ? 'over' : lacksM === void 0 || lacksM > 1e-4 ? 'tight' : 'ok';
  return finding({
    ...plain$4,
    rule: RULES$1['turns-clear'],
    data: {
      touchRad,
      wantedRad,
      with: tight?.edge.id ?? 'trailer',
      lacksM,
    },
    verdict,
    working: [given('turn-room', tight?.roomM === void 0 || !Number.isFinite(tight.roomM) ? 0 : tight.roomM, 'length')],
  });
};
const tailgate = (trailer, chassis, vehicle, towed) => {
  const reachM = vehicle.tailgateReachM;
  if (!(reachM > 0)) return [];
  const half = vehicle.widthM / 2;
  const { struck, highestM } = underGate(trailer, chassis, vehicle, towed);
  const straight = tightestAt(struck, 0, vehicle.bumperAheadOfBallM, half);
  const roomM = straight?.roomM ?? Number.POSITIVE_INFINITY;
  const gateM = vehicle.tailgateHeightM;
  const over = reachM > roomM;
  return [
    finding({
      ...plain$4,
      rule: RULES$1['tailgate-hits'],
      data: {
        reachM,
        roomM,
        with: straight?.edge.id ?? 'trailer',
        underM: !straight && highestM !== void 0 && gateM !== null ? gateM - highestM : void 0,
        lacksM: over ? tailgateLacksM(struck, vehicle.bumperAheadOfBallM, half, reachM) : void 0,
      },
      verdict: over ? 'over' : 'ok',
      value: straight && m$1(roomM),
      limit: m$1(reachM),
    }),
  ];
};
const ramp = (trailer, chassis, towed) => {
  const rig = rampRigOf(trailer, chassis, towed);
  const { rampRad } = trailer.job;
  if (!rig || rampRad <= 0) return [];
  const points = sidePoints(trailer, chassis);
  const looks = ['crest', 'dip'].flatMap((where) => {
    const look = rampLook(rig, points, where === 'dip' ? rampRad : -rampRad);
    return look
      ? [
          {
            where,
            at: 'vehicle',
            point: look.nearest.point,
            roomM: look.nearest.roomM,
            look,
          },
          {
            where,
            at: 'road',
            point: look.lowest.point,
            roomM: look.lowest.clearM,
            look,
          },
        ]
      : [];
  });
  const worst = looks.reduce((least, next) => (!least || next.roomM < least.roomM ? next : least), void 0);
  if (!worst) return [];
  const pitchRad = Math.max(...looks.map(({ look }) => Math.abs(look.pitchRad)));
  const verdict =
    worst.roomM < 0 ? 'over' : worst.roomM < RAMP_MARGIN_M || pitchRad > COUPLING_TIPS_RAD ? 'tight' : 'ok';
  return [
    finding({
      ...plain$4,
      rule: RULES$1['ramp-clear'],
      data: {
        rampRad,
        at: worst.at,
        where: worst.where,
        with: worst.point.what,
        withId: worst.point.id,
        roomM: worst.roomM,
        pitchRad,
      },
      verdict,
      caseId: towed.loadCase.id,
      value: m$1(worst.roomM),
    }),
  ];
};
/** The least length that clears each way; the longest of them is the shortest tongue. */
const shortest = (trailer, chassis, vehicle, towed) => {
  const half = vehicle.widthM / 2;
  const edges = frontEdges(trailer, chassis);
  const rig = towed && rampRigOf(trailer, chassis, towed);
  const points = sidePoints(trailer, chassis);
  const { struck } = underGate(trailer, chassis, vehicle, towed);
  const asked = [
    {
      by: 'turn',
      lacksM: tongueLacksM(edges, trailer.job.turnRad, vehicle.bumperAheadOfBallM, half, TURN_MARGIN_M),
    },
    ...(vehicle.tailgateReachM > 0
      ? [
          {
            by: 'tailgate',
            lacksM: tailgateLacksM(struck, vehicle.bumperAheadOfBallM, half, vehicle.tailgateReachM),
          },
        ]
      : []),
    ...(rig && trailer.job.rampRad > 0
      ? [
          {
            by: 'ramp',
            lacksM: leastLength((longerM) => {
              if (rig.drawbarM + longerM <= 0.3) return false;
              const moved = {
                ...rig,
                drawbarM: rig.drawbarM + longerM,
              };
              const further = lengthenedPoints(trailer, points, longerM);
              return roomToVehicleM(moved, further, trailer.job.rampRad) >= RAMP_MARGIN_M;
            }),
          },
        ]
      : []),
  ];
  const nowM = trailer.frame.tongue.lengthM;
  const known = asked.flatMap(({ by, lacksM }) =>
    lacksM === void 0
      ? []
      : [
          {
            by,
            shortestM: nowM + lacksM,
          },
        ],
  );
  const binding = known.reduce((most, next) => (!most || next.shortestM > most.shortestM ? next : most), void 0);
  if (!binding || known.length < asked.length || binding.shortestM <= 0) return [];
  return [
    finding({
      ...plain$4,
      rule: RULES$1['tongue-shortest'],
      data: {
        shortestM: binding.shortestM,
        nowM,
        by: binding.by,
      },
      verdict: 'ok',
      counts: false,
      value: m$1(nowM),
      limit: m$1(binding.shortestM),
      working: [workedOut('tongue-spare', minus(m$1(nowM), m$1(binding.shortestM)), 'length')],
    }),
  ];
};
const lane = (trailer, chassis, towed) => {
  const { cornerM, laneM } = trailer.job;
  const insideM = offTrackingM(cornerM, towed.standing.groupCentreXM - chassis.ballXM);
  const swept = sweptLane(trailer, chassis, towed);
  const towing = {
    ...plain$4,
    step: 'towing',
    subject: 'trailer',
  };
  return [
    ...(insideM === void 0
      ? []
      : [
          finding({
            ...towing,
            rule: RULES$1['off-tracks'],
            data: {
              radiusM: cornerM,
              insideM,
            },
            verdict: 'ok',
            counts: false,
            value: m$1(insideM),
          }),
        ]),
    ...(laneM === null || !swept
      ? []
      : [
          finding({
            ...towing,
            rule: RULES$1['lane-swept'],
            data: {
              laneM,
              sweptM: swept.widthM,
              radiusM: cornerM,
            },
            verdict: swept.widthM > laneM ? 'over' : swept.widthM > laneM - LANE_ROOM_M ? 'tight' : 'ok',
            value: m$1(swept.widthM),
            limit: m$1(laneM),
            working: [
              given('lane-outer', swept.outerM, 'length'),
              given('lane-inner', swept.innerM, 'length'),
              workedOut('lane-swept', minus(m$1(swept.outerM), m$1(swept.innerM)), 'length'),
              workedOut('lane-with-room', plus(m$1(swept.widthM), m$1(LANE_ROOM_M)), 'length'),
            ],
          }),
        ]),
  ];
};
/** Whether it turns, opens the tailgate, goes over a break of the road and through a lane. */
const clearanceFindings = (trailer, chassis, cases) => {
  const vehicle = trailer.towVehicle;
  const towed = heaviestTowed(cases);
  if (vehicle?.kind === 'muscle') return [];
  return [
    ...(vehicle
      ? [
          turns(trailer, frontEdges(trailer, chassis), vehicle),
          ...tailgate(trailer, chassis, vehicle, towed),
          ...(towed ? ramp(trailer, chassis, towed) : []),
          ...shortest(trailer, chassis, vehicle, towed),
        ]
      : []),
    ...(towed ? lane(trailer, chassis, towed) : []),
  ];
};
// core/src/towing/levelFindings.ts
const spread = (levels) => {
  const [high, low] = [
    levels.reduce((most, next) => (!most || next.offM > most.offM ? next : most), void 0),
    levels.reduce((least, next) => (!least || next.offM < least.offM ? next : least), void 0),
  ];
  if (!high || !low || high.offM - low.offM < LEVEL_M) return [];
  return [
    finding({
      rule: RULES$1['level-spread'],
      data: {
        byM: high.offM - low.offM,
        highId: high.caseId,
        lowId: low.caseId,
      },
      verdict: 'ok',
      step: 'tongue',
      subject: 'trailer',
      counts: false,
      value: quantity(high.offM - low.offM, 'length'),
      working: [
        workedOut('level-spread', minus(quantity(high.offM, 'length'), quantity(low.offM, 'length')), 'length'),
      ],
    }),
  ];
};
/** Level behind this vehicle in the heaviest load, the mount that would do, and how much the loads differ. */
const levelFindings = (trailer, chassis, cases) => {
  const heaviest = heaviestTowed(cases);
  if (!heaviest) return [];
  const muscle = trailer.towVehicle?.kind === 'muscle';
  const levels = levelsOf(trailer, chassis, towedCases(cases));
  const own = levels.find(({ caseId }) => caseId === heaviest.loadCase.id);
  const couplerM = own?.couplerM ?? couplerHeightM(trailer, chassis, heaviest);
  const deckM = couplerM - ballZM(chassis) + chassis.deckTopZM;
  const off = own?.offM;
  const mount = off === void 0 || Math.abs(off) < LEVEL_M ? void 0 : mountFor(trailer, off);
  const m = (value) => quantity(value, 'length');
  const plain = {
    step: 'tongue',
    subject: 'trailer',
    caseId: heaviest.loadCase.id,
  };
  return [
    finding({
      ...plain,
      rule: RULES$1['tows-level'],
      data: {
        couplerM,
        hitchM: own?.hitchM,
        noseUpRad: own?.noseUpRad,
        lowerM: mount?.wantedM,
        mountM: mount?.dropM,
        leftM: mount?.leftM ?? 0,
        sinks: trailer.towVehicle?.hitchSinksMPerKg !== null,
      },
      verdict: off === void 0 ? (muscle ? 'ok' : 'open') : Math.abs(off) > 2 * LEVEL_M && !muscle ? 'tight' : 'ok',
      counts: !muscle,
      value: m(couplerM),
      limit: own && m(own.hitchM),
      working: own ? [workedOut('off-level', minus(m(own.hitchM), m(couplerM)), 'length')] : [],
    }),
    ...(own && own.hitchM > deckM
      ? [
          finding({
            ...plain,
            rule: RULES$1['hitch-above-deck'],
            data: {
              hitchM: own.hitchM,
              deckM,
            },
            verdict: 'over',
            counts: true,
            value: m(own.hitchM),
            limit: m(deckM),
            working: [],
          }),
        ]
      : []),
    ...spread(levels),
  ];
};
// core/src/towing/rig.ts
/** Cornering stiffness of a tire as so many times its load, 1/rad: car tires about 10, trailer tires about 8 (recalled, common practice). */
const CAR_TIRE = 10;
const TRAILER_TIRE = 8;
/** Yaw inertia about the upright through the balance point, kg·m²: every part a box of its own length and width. */
const yawInertiaKgM2 = (parts, about) =>
  parts.reduce((sum, { massKg, centre, x0M, x1M, y0M, y1M }) => {
    return (
      sum +
      massKg * (((x1M - x0M) ** 2 + (y1M - y0M) ** 2) / 12 + (centre.xM - about.xM) ** 2 + (centre.yM - about.yM) ** 2)
    );
  }, 0);
/** A car's yaw inertia, kg·m²: mass × front arm × rear arm, the usual first guess (dynamic index one; common practice). */
const vehicleYaw = (massKg, frontM, rearM) => massKg * frontM * rearM;
/**
 * The rig of one case at a share of the usual tire stiffness. Axle loads of the vehicle count with the tongue on the ball, tires in
 * proportion to what they carry.
 */
const rigOf = (trailer, { standing, parts, massKg, centre }, stiffness = 1) => {
  const { towVehicle } = trailer;
  if (!standing || !centre || standing.on !== 'ball') return void 0;
  if (!towVehicle) return 'vehicle';
  if (towVehicle.massKg === null) return 'mass';
  if (towVehicle.wheelbaseM === null) return 'wheelbase';
  if (towVehicle.ballBehindAxleM === null) return 'overhang';
  const { massKg: carKg, wheelbaseM, ballBehindAxleM, frontShare } = towVehicle;
  const rearM = frontShare * wheelbaseM;
  const frontM = wheelbaseM - rearM;
  const tongueN = standing.tongueN;
  const frontN = weightN(carKg) * frontShare - (tongueN * ballBehindAxleM) / wheelbaseM;
  const rearN = weightN(carKg) * (1 - frontShare) + tongueN * (1 + ballBehindAxleM / wheelbaseM);
  return {
    vehicleKg: carKg,
    vehicleYawKgM2: vehicleYaw(carKg, frontM, rearM),
    frontM,
    rearM,
    hitchM: rearM + ballBehindAxleM,
    frontStiffness: stiffness * CAR_TIRE * Math.max(frontN, 0),
    rearStiffness: stiffness * CAR_TIRE * Math.max(rearN, 0),
    trailerKg: massKg,
    trailerYawKgM2: yawInertiaKgM2(parts, centre),
    balanceM: centre.xM - standing.aheadXM,
    axles: standing.axles.map(({ xM, loadN }) => ({
      behindBallM: xM - standing.aheadXM,
      stiffnessNPerRad: stiffness * TRAILER_TIRE * Math.max(loadN, 0),
    })),
  };
};
/** What the tongue does to the vehicle's own axles, kg. */
const vehicleAxles = (trailer, { standing }) => {
  const { towVehicle } = trailer;
  if (!standing || !towVehicle || towVehicle.wheelbaseM === null || towVehicle.ballBehindAxleM === null) return void 0;
  const kg = massOfWeightKg(standing.tongueN);
  const lever = towVehicle.ballBehindAxleM / towVehicle.wheelbaseM;
  return {
    rearAddsKg: kg * (1 + lever),
    frontLosesKg: kg * lever,
  };
};
// core/src/towing/motionFindings.ts
const plain$3 = {
  step: 'towing',
  subject: 'trailer',
  counts: true,
  working: [],
};
const m = (value) => quantity(value, 'length');
/** A curve to compare by, m: a tight bend of a country road. */
const CURVE_M = {
  imperial: feet(130),
  metric: 40,
};
/** A steep road; a garden path by hand. */
const STEEP = 0.12;
const PATH = 0.05;
const rollover = (trailer, cases) => {
  const worst = cases
    .flatMap((balanced) =>
      balanced.centre
        ? [
            {
              balanced,
              heightM: balanced.centre.zM + trailer.runningGear.railTopHeightM,
            },
          ]
        : [],
    )
    .reduce((most, next) => (!most || next.heightM > most.heightM ? next : most), void 0);
  if (!worst || worst.heightM <= 0) return [];
  const { trackM } = trailer.runningGear.suspension;
  const line = workedOut(
    'stability-factor',
    over(m(trackM), times$1(quantity(2, 'number'), m(worst.heightM))),
    'number',
  );
  const factor = line.result.value;
  return [
    finding({
      ...plain$3,
      rule: RULES$1['rolls-over'],
      data: {
        factor,
        slopeRad: Math.atan(factor),
        heightM: worst.heightM,
        radiusM: CURVE_M[trailer.settings.units],
        speedMPerS: tippingSpeedMPerS(factor, CURVE_M[trailer.settings.units]),
      },
      verdict: 'unchecked',
      caseId: worst.balanced.loadCase.id,
      counts: false,
      working: [concluding(line)],
    }),
  ];
};
const onVehicle = (trailer, heaviest) => {
  const axles = vehicleAxles(trailer, heaviest);
  const vehicle = trailer.towVehicle;
  if (!axles || !vehicle) return [];
  const limitKg = vehicle.rearAxleLimitKg ?? void 0;
  const own =
    vehicle.massKg === null
      ? void 0
      : workedOut(
          'vehicle-rear',
          times$1(quantity(vehicle.massKg, 'mass'), quantity(1 - vehicle.frontShare, 'percent')),
          'mass',
        );
  const rear = own && workedOut('vehicle-rear-loaded', plus(own.result, quantity(axles.rearAddsKg, 'mass')), 'mass');
  const rearKg = rear?.result.value;
  const frontKg = vehicle.massKg === null ? void 0 : vehicle.massKg * vehicle.frontShare;
  const use = limitKg === void 0 || rearKg === void 0 ? void 0 : shareOf(rearKg, limitKg);
  return [
    finding({
      ...plain$3,
      rule: RULES$1['vehicle-axles'],
      data: {
        ...axles,
        frontShare: frontKg === void 0 || frontKg <= 0 ? void 0 : axles.frontLosesKg / frontKg,
        rearKg,
        limitKg,
      },
      verdict: use === void 0 ? 'ok' : verdictOf(use, RULES$1['vehicle-axles'].tightFrom),
      caseId: heaviest.loadCase.id,
      counts: use !== void 0,
      value: rearKg === void 0 ? void 0 : quantity(rearKg, 'mass'),
      limit: limitKg === void 0 ? void 0 : quantity(limitKg, 'mass'),
      utilisation: use,
      working: [...(own ? [own] : []), ...(rear ? [rear] : [])],
    }),
  ];
};
const stopping = (trailer, chassis, heaviest) => {
  const body = bodyOf(trailer, chassis, heaviest);
  if (!body || !(body.drawbarM > 0)) return [];
  const braked = trailer.coupling.brakes === 'fitted';
  const addsN = brakingAddsN(body, HARD_STOP_G, braked ? 1 : 0);
  const vehicleKg = trailer.towVehicle?.massKg ?? null;
  const pushed = minus(m(body.heightM), braked ? m(0) : m(body.ballHeightM));
  return [
    finding({
      ...plain$3,
      rule: RULES$1['braking-adds'],
      data: {
        g: HARD_STOP_G,
        addsKg: massOfWeightKg(addsN),
        braked,
        factor: vehicleKg === null || braked || vehicleKg <= 0 ? void 0 : stoppingFactor(vehicleKg, body.massKg),
      },
      verdict: 'ok',
      caseId: heaviest.loadCase.id,
      counts: false,
      value: quantity(addsN, 'load'),
      working: [
        workedOut(
          'braking-adds',
          over(
            times$1(times$1(quantity(body.massKg, 'mass'), quantity(HARD_STOP_G, 'number')), pushed),
            m(body.drawbarM),
          ),
          'mass',
        ),
      ],
    }),
  ];
};
const hills = (heaviest) => {
  const pullN = gradePullN(heaviest.massKg, STEEP);
  return finding({
    ...plain$3,
    rule: RULES$1['hill-pulls'],
    data: {
      grade: STEEP,
      pullN,
    },
    verdict: 'ok',
    caseId: heaviest.loadCase.id,
    counts: false,
    value: quantity(pullN, 'force'),
  });
};
const byHand$1 = (heaviest) =>
  finding({
    ...plain$3,
    rule: RULES$1['hand-pull'],
    data: {
      firmN: rollingPullN(heaviest.massKg, ROLLING.firm),
      grassN: rollingPullN(heaviest.massKg, ROLLING.grass),
      grade: PATH,
      hillN: gradePullN(heaviest.massKg, PATH) + rollingPullN(heaviest.massKg, ROLLING.firm),
      tongueN: heaviest.standing.tongueN,
    },
    verdict: 'ok',
    caseId: heaviest.loadCase.id,
    counts: false,
  });
/** Tipping, what the vehicle's axles and brakes feel, hills. */
const motionFindings = (trailer, chassis, cases) => {
  const heaviest = heaviestTowed(cases);
  if (!heaviest) return [];
  if (trailer.towVehicle?.kind === 'muscle') return [byHand$1(heaviest)];
  return [
    ...rollover(trailer, towedCases(cases)),
    ...onVehicle(trailer, heaviest),
    ...stopping(trailer, chassis, heaviest),
    hills(heaviest),
  ];
};
// core/src/towing/findings.ts
/** Turning, level, rolling over and what the vehicle feels; sway is worked out apart, over many speeds. */
const towingFindings = (trailer, chassis, cases) => {
  if (trailer.runningGear.layout === 'none') return [];
  const vehicle = trailer.towVehicle;
  const shapeless =
    vehicle &&
    vehicle.kind !== 'muscle' &&
    (vehicle.wheelbaseM === null || vehicle.ballBehindAxleM === null || vehicle.massKg === null);
  return [
    ...clearanceFindings(trailer, chassis, cases),
    ...levelFindings(trailer, chassis, cases),
    ...motionFindings(trailer, chassis, cases),
    ...(vehicle && !shapeless
      ? []
      : [
          finding({
            rule: RULES$1['vehicle-missing'],
            data: { what: vehicle ? 'shape' : 'vehicle' },
            verdict: 'open',
            step: 'towing',
            subject: 'trailer',
            counts: true,
            working: [],
          }),
        ]),
  ];
};
// core/src/towing/swayOf.ts
/** Speeds of the chart, km/h. */
const SLOWEST = 20;
const COUNT = 57;
const dampingOver = (speeds, rig) => speeds.map((speed) => leastDamped(eigenvalues(rig, speed))?.dampingRatio);
/** Damping against speed for every towed load: a comparison between loads, no leave to drive at any speed. */
const swayOf = (trailer, cases) => {
  const speeds = Array.from({ length: COUNT }, (_, i) => (SLOWEST + (140 * i) / 56) / 3.6);
  const towed = cases.filter(({ loadCase, standing }) => loadCase.mode === 'towed' && standing);
  let missing;
  return {
    speeds,
    cases: towed.flatMap((balanced) => {
      const [usual, softer, stiffer] = [1, 0.7, 1.3].map((stiffness) => rigOf(trailer, balanced, stiffness));
      if (typeof usual === 'string') missing = usual;
      if (typeof usual !== 'object' || typeof softer !== 'object' || typeof stiffer !== 'object') return [];
      return [
        {
          caseId: balanced.loadCase.id,
          rig: usual,
          damping: dampingOver(speeds, usual),
          dampingSofter: dampingOver(speeds, softer),
          dampingStiffer: dampingOver(speeds, stiffer),
          lost: {
            usual: lostDamping(usual),
            softer: lostDamping(softer),
            stiffer: lostDamping(stiffer),
          },
        },
      ];
    }),
    missing,
  };
};
// core/src/strength/by-hand/beam.ts
const momentAt$1 = (piece, s) => piece.m0 + piece.v0 * s - (piece.w * s * s) / 2;
const shearAt$1 = (piece, s) => piece.v0 - piece.w * s;
/** Places nearer than this are one, m. */
const SAME_PLACE_M = 1e-9;
const distinct = (places) => {
  const sorted = [...places].sort((a, b) => a - b);
  return sorted.filter((place, i) => i === 0 || place - sorted[i - 1] > SAME_PLACE_M);
};
const isPoint = ({ fromM, toM }) => toM - fromM <= SAME_PLACE_M;
/** Cuts the beam at every load and at `breaks`; loads outside its ends count at the end they lie beyond. */
const beamPieces = (loads, breaks) => {
  const forces = [
    ...loads.forces,
    ...loads.spreads.filter(isPoint).map(({ fromM, toM, downN }) => ({
      xM: (fromM + toM) / 2,
      upN: -downN,
    })),
  ];
  const spreads = loads.spreads
    .filter((spread) => !isPoint(spread))
    .map(({ fromM, toM, downN }) => ({
      fromM,
      toM,
      w: downN / (toM - fromM),
    }));
  const places = distinct([
    ...breaks,
    ...forces.map(({ xM }) => xM),
    ...loads.couples.map(({ xM }) => xM),
    ...spreads.flatMap(({ fromM, toM }) => [fromM, toM]),
  ]);
  const pieces = [];
  let m = 0;
  let v = 0;
  for (let i = 0; i + 1 < places.length; i += 1) {
    const fromM = places[i];
    const toM = places[i + 1];
    for (const { xM, upN } of forces) if (Math.abs(xM - fromM) <= SAME_PLACE_M) v += upN;
    for (const { xM, momentNm } of loads.couples) if (Math.abs(xM - fromM) <= SAME_PLACE_M) m += momentNm;
    const middle = (fromM + toM) / 2;
    const w = spreads.reduce((sum, spread) => (spread.fromM < middle && middle < spread.toM ? sum + spread.w : sum), 0);
    const piece = {
      fromM,
      toM,
      m0: m,
      v0: v,
      w,
    };
    pieces.push(piece);
    m = momentAt$1(piece, toM - fromM);
    v = shearAt$1(piece, toM - fromM);
  }
  return pieces;
};
/** Largest moment by size on a piece: at an end or where the shear is zero. */
const largestMoment = (piece) => {
  const length = piece.toM - piece.fromM;
  let at = 0;
  let value = piece.m0;
  const atEnd = momentAt$1(piece, length);
  if (Math.abs(atEnd) > Math.abs(value)) {
    at = length;
    value = atEnd;
  }
  const turning = piece.w === 0 ? -1 : piece.v0 / piece.w;
  if (turning > 0 && turning < length) {
    const between = momentAt$1(piece, turning);
    if (Math.abs(between) > Math.abs(value)) {
      at = turning;
      value = between;
    }
  }
  return {
    xM: piece.fromM + at,
    value,
  };
};
/** Largest shear by size on a piece: at one of its ends. */
const largestShear = (piece) => {
  const atStart = {
    xM: piece.fromM,
    value: piece.v0,
  };
  const atEnd = {
    xM: piece.toM,
    value: shearAt$1(piece, piece.toM - piece.fromM),
  };
  return Math.abs(atEnd.value) > Math.abs(atStart.value) ? atEnd : atStart;
};
/** Moment at a place; `after` takes the right side of a step. */
const momentAtPlace = (pieces, xM) => {
  const piece = pieces.find(({ fromM, toM }) => fromM <= xM + SAME_PLACE_M && xM <= toM + SAME_PLACE_M);
  return piece ? momentAt$1(piece, xM - piece.fromM) : 0;
};
const shearBefore = (pieces, xM) => {
  const piece = pieces.find(({ fromM, toM }) => fromM < xM - SAME_PLACE_M && xM <= toM + SAME_PLACE_M);
  return piece ? shearAt$1(piece, xM - piece.fromM) : 0;
};
// core/src/strength/roads.ts
/** Vertical factor on the sprung weight by road: common practice for light trailers. */
const ROAD_FACTORS = {
  road: 2,
  rough: 2.5,
  'off-road': 3,
};
const bumpFactor = (trailer) => trailer.strength.bumpFactor ?? ROAD_FACTORS[trailer.job.road];
const BUMP_SOURCE = commonPractice(
  'sprung weight × 2 on roads, 2.5 on rough roads, 3 off road or unsprung; allowable yield ÷ 1.67 (AISC 360-16 F1) or ÷ 1.65 (Aluminum Design Manual)',
);
// core/src/strength/deck/deckStrength.ts
const psi = (value) => toPascals(value, 'psi');
/** A plate shares a load in the middle of its span over 0.3 of the span on each side, as codes for slabs spread a load (common practice). */
const PLATE_BESIDES = 0.6;
/** A deck that runs on over its bars under an even load: q·L² ÷ 10 (common practice, between 8 for one span and 12 for many). */
const RUNS_ON = 10;
/** Bending under a force spread over a stretch a of the span: P·(2L − a) ÷ 8. */
const armOf = (spanM, patchM) => (2 * spanM - Math.min(patchM, spanM)) / 8;
/** Elastic strength of a strip one metre wide per metre of width, N·m per m, into point and pressure on a simple span. */
const plate = (perMetreNm, source) => ({
  pointN: (load, patchM) => (perMetreNm(load) * (patchM + PLATE_BESIDES * load.spanM)) / armOf(load.spanM, patchM),
  besides: PLATE_BESIDES,
  pressurePa: (load) => (RUNS_ON * perMetreNm(load)) / load.spanM ** 2,
  source,
});
/** Plate bending, AISC 360-16 F11: Z = t²÷4 ≤ 1.6·S per width, Ω = 1.67; mild sheet without a certificate counts 30 ksi. */
const STEEL_SHEET = plate(
  ({ thicknessM }) => (toPascals(30, 'ksi') * thicknessM ** 2) / 4 / 1.67,
  publishedVerify('AISC 360-16 F11 with 30 ksi; strip that shares the load: common practice'),
);
/** 3003-H14 away from welds: 17 ksi yield, elastic modulus of the section, 1.65. */
const ALUMINUM_SHEET = plate(
  ({ thicknessM }) => (toPascals(17, 'ksi') * thicknessM ** 2) / 6 / 1.65,
  publishedVerify('Aluminum Design Manual, 3003-H14 at 17 ksi ÷ 1.65; strip that shares the load: common practice'),
);
/** Boards of this width, 2x6: 5-1/2 in. A wheel or post rests on one. */
const BOARD_M = inches(5.5);
/** NDS Supplement table 4A: spruce-pine-fir no. 2, 875 psi, size 1.3, laid flat 1.15; wet factor 1.0 as 875 × 1.3 ≤ 1,150 psi. */
const BOARD_PA = psi(1308.125);
/** NDS table 2.3.2: 1.6 is the most for treated wood under a moment's load; 1.0 for the load that stands. */
const BRIEFLY = 1.6;
const lasting = (duration) => (duration === 'moment' ? BRIEFLY : 1);
const PLANKS = {
  besides: 0,
  pointN: ({ spanM, thicknessM, duration }, patchM) =>
    (BOARD_PA * lasting(duration) * Math.max(BOARD_M, patchM) * thicknessM ** 2) / 6 / armOf(spanM, patchM),
  pressurePa: ({ spanM, thicknessM, duration }) =>
    (RUNS_ON * BOARD_PA * lasting(duration) * thicknessM ** 2) / 6 / spanM ** 2,
  source: publishedVerify(
    'NDS and its Supplement, table 4A: no. 2 softwood boards 5-1/2 in wide, laid flat, simple spans',
  ),
};
/** Panels of single-floor grade: least thickness and rated distance of the bars, in. */
const RATED_SPANS = [
  [1.125, 48],
  [0.875, 32],
  [23 / 32, 24],
  [19 / 32, 20],
  [0.5, 16],
];
/** Every single-floor panel breaks at no less than this on a 3 in disc when tested wet. */
const PANEL_BREAKS_N = toNewtons(550, 'lbf');
/** Even load at the rated span that its table allows. */
const PANEL_PRESSURE_PA = psi(100 / 144);
/** On what a panel breaks at (common practice for wood); the test is brief, so what stands counts less. */
const PANEL_FACTOR = 2.5;
/** Shorter spans bear more, but the panel punches through at last (common practice). */
const MOST_GAIN = 1.5;
const ratedSpanM = (thicknessM) => {
  const row = RATED_SPANS.find(([thicknessIn]) => thicknessM >= inches(thicknessIn) * 0.96);
  return row ? inches(row[1]) : inches(16) * (thicknessM / inches(0.5)) ** 2;
};
/** Nothing published is known here for expanded metal, which differs from maker to maker. */
const DECK_STRENGTHS = {
  plywood: {
    besides: 0,
    pointN: ({ spanM, thicknessM, duration }) =>
      (PANEL_BREAKS_N / PANEL_FACTOR) * lasting(duration) * Math.min(MOST_GAIN, ratedSpanM(thicknessM) / spanM),
    pressurePa: ({ spanM, thicknessM, duration }) =>
      PANEL_PRESSURE_PA * lasting(duration) * (ratedSpanM(thicknessM) / spanM) ** 2,
    source: publishedVerify(
      'Voluntary Product Standard PS 2, single-floor panels: 550 lb on a 3 in disc, 100 lb/ft² at the rated span; ÷ 2.5 is common practice',
    ),
  },
  planks: PLANKS,
  'steel-sheet': STEEL_SHEET,
  'aluminum-sheet': ALUMINUM_SHEET,
};
// core/src/strength/joints/bolts.ts
const ksi$1 = (value) => toPascals(value, 'ksi');
/** Tensile strength, Pa: SAE J429 (1/4 to 1 in), ISO 898-1. */
const BOLT_ULTIMATE = {
  'grade-5': ksi$1(120),
  'grade-8': ksi$1(150),
  8.8: toPascals(800, 'MPa'),
  10.9: toPascals(1040, 'MPa'),
};
/** Shear of threaded parts with the threads in the plane: AISC 360-16 table J3.2, 0.450·Fu on the nominal area, Ω = 2.00. */
const boltShearN = (diameterM, grade, factor = 2) =>
  (0.45 * BOLT_ULTIMATE[grade] * (Math.PI / 4) * diameterM ** 2) / factor;
/** Bearing 2.4·d·t·Fu on one wall: AISC 360-16 J3.10, Ω = 2.00. */
const bearingN = (diameterM, wallM, ultimatePa, factor = 2) => (2.4 * diameterM * wallM * ultimatePa) / factor;
/** Tear-out 1.2·lc·t·Fu on one wall, lc from the hole's edge to the wall's: AISC 360-16 J3.10, Ω = 2.00. */
const tearOutN = (clearM, wallM, ultimatePa, factor = 2) => (1.2 * clearM * wallM * ultimatePa) / factor;
const BOLT_SOURCE = publishedSure('AISC 360-16 J3.6, J3.10; SAE J429, ISO 898-1');
// core/src/strength/resistance/steel.ts
const aisc = (clause) => publishedSure(`AISC 360-16 ${clause}`);
/** Flat part of a tube's wall, outside size less three walls (B4.1b); never nothing. */
const flat = (outsideM, wallM) => Math.max(outsideM - 3 * wallM, wallM);
const plasticOf = (shape) => {
  const plastic = plasticProperties(shape);
  return plastic.ok
    ? plastic.value
    : {
        zyM3: 0,
        zzM3: 0,
      };
};
/** F7: rectangular tube, with lateral-torsional buckling F7.4 in the plane of its larger side. */
const rectangularTube = (input, shape, plane, unbracedM) => {
  const { section, yieldPa: fy, elasticPa: e } = input;
  const plastic = plasticOf(shape);
  const t = shape.wallM;
  const tall = plane === 'upright';
  const sizes = tall
    ? {
        flange: flat(shape.widthM, t),
        web: flat(shape.heightM, t),
        plasticM3: plastic.zyM3,
        elasticM3: Math.min(section.syTopM3, section.syBottomM3),
      }
    : {
        flange: flat(shape.heightM, t),
        web: flat(shape.widthM, t),
        plasticM3: plastic.zzM3,
        elasticM3: Math.min(section.szLeftM3, section.szRightM3),
      };
  const root = Math.sqrt(e / fy);
  const mp = fy * sizes.plasticM3;
  const my = fy * sizes.elasticM3;
  const b = sizes.flange / t;
  const h = sizes.web / t;
  let value = mp;
  let clause = 'F7.1';
  const take = (candidate, name) => {
    if (candidate < value) {
      value = candidate;
      clause = name;
    }
  };
  if (b > 1.12 * root && b <= 1.4 * root) take(mp - (mp - my) * ((3.57 * b) / root - 4), 'F7.2');
  if (b > 1.4 * root)
    take(my * Math.min(1, ((1.4 * root) / b) ** 2), 'F7.2, slender wall taken at its buckling stress');
  if (h > 2.42 * root) take(mp - (mp - my) * ((0.305 * h) / root - 0.738), 'F7.3');
  if (h > 5.7 * root) take(my * ((5.7 * root) / h) ** 2, 'F7.3, slender wall taken at its buckling stress');
  if (tall && shape.heightM > shape.widthM) {
    const stiff = Math.sqrt(section.torsionM4 * section.areaM2);
    const lp = (0.13 * e * section.rzM * stiff) / mp;
    const lr = (2 * e * section.rzM * stiff) / (0.7 * my);
    if (unbracedM > lp)
      take(
        unbracedM <= lr
          ? mp - (mp - 0.7 * my) * ((unbracedM - lp) / (lr - lp))
          : (2 * e * section.rzM * stiff) / unbracedM,
        'F7.4',
      );
  }
  return {
    value,
    source: aisc(clause),
  };
};
/** F8: round tube. */
const roundTube = (input, shape) => {
  const { section, yieldPa: fy, elasticPa: e } = input;
  const ratio = shape.diameterM / shape.wallM;
  if (ratio <= (0.07 * e) / fy)
    return {
      value: fy * plasticOf(shape).zyM3,
      source: aisc('F8.1'),
    };
  if (ratio <= (0.31 * e) / fy)
    return {
      value: ((0.021 * e) / ratio + fy) * section.syTopM3,
      source: aisc('F8.2'),
    };
  return {
    value: ((0.33 * e) / ratio) * section.syTopM3,
    source: aisc('F8.2'),
  };
};
/** Warping constant of a channel, m⁶: thin walls, middle lines. */
const channelWarpingM6 = (depthM, flangeM, webM, flangeThicknessM) => {
  const b = flangeM - webM / 2;
  const h = depthM - flangeThicknessM;
  return (
    (((flangeThicknessM * b ** 3 * h ** 2) / 12) * (3 * b * flangeThicknessM + 2 * h * webM)) /
    (6 * b * flangeThicknessM + h * webM)
  );
};
const channelSizes = (shape) =>
  shape.kind === 'channel'
    ? {
        web: shape.webM,
        flange: shape.flangeThicknessM,
        depthM: shape.depthM,
        flangeM: shape.flangeM,
      }
    : {
        web: shape.thicknessM,
        flange: shape.thicknessM,
        depthM: shape.depthM,
        flangeM: shape.flangeM,
      };
/** F2: channel about its strong axis, Cb = 1. */
const channelUpright = (input, shape, unbracedM) => {
  const { section, yieldPa: fy, elasticPa: e } = input;
  const { web, flange, depthM, flangeM } = channelSizes(shape);
  const sx = Math.min(section.syTopM3, section.syBottomM3);
  const mp = Math.min(fy * plasticOf(shape).zyM3, 1.6 * fy * sx);
  const cw = channelWarpingM6(depthM, flangeM, web, flange);
  const ho = depthM - flange;
  const rts = Math.sqrt(Math.sqrt(section.izM4 * cw) / sx);
  const c = (ho / 2) * Math.sqrt(section.izM4 / cw);
  const jc = (section.torsionM4 * c) / (sx * ho);
  const lp = 1.76 * section.rzM * Math.sqrt(e / fy);
  const low = (0.7 * fy) / e;
  const lr = ((1.95 * rts) / low) * Math.sqrt(jc + Math.sqrt(jc ** 2 + 6.76 * low ** 2));
  if (unbracedM <= lp)
    return {
      value: mp,
      source: aisc('F2.1'),
    };
  if (unbracedM <= lr)
    return {
      value: mp - (mp - 0.7 * fy * sx) * ((unbracedM - lp) / (lr - lp)),
      source: aisc('F2.2'),
    };
  const slender = (unbracedM / rts) ** 2;
  const critical = ((Math.PI ** 2 * e) / slender) * Math.sqrt(1 + 0.078 * jc * slender);
  return {
    value: Math.min(mp, critical * sx),
    source: aisc('F2.2'),
  };
};
/** F6: channel about its weak axis. */
const channelLevel = ({ section, yieldPa: fy }, shape) => {
  const s = Math.min(section.szLeftM3, section.szRightM3);
  return {
    value: Math.min(fy * plasticOf(shape).zzM3, 1.6 * fy * s),
    source: aisc('F6.1'),
  };
};
/** F10: angle about a face, not held sideways; the leg's own buckling F10.3. */
const angle = (input, shape, plane, unbracedM) => {
  const { section, yieldPa: fy, elasticPa: e } = input;
  const b = plane === 'upright' ? shape.verticalLegM : shape.horizontalLegM;
  const t = shape.thicknessM;
  const s =
    plane === 'upright' ? Math.min(section.syTopM3, section.syBottomM3) : Math.min(section.szLeftM3, section.szRightM3);
  const my = 0.8 * fy * s;
  const critical =
    ((0.58 * e * b ** 4 * t) / unbracedM ** 2) * (Math.sqrt(1 + 0.88 * ((unbracedM * t) / b ** 2) ** 2) - 1);
  const ratio = my / critical;
  const buckling =
    ratio <= 1 ? Math.min((1.92 - 1.17 * Math.sqrt(ratio)) * my, 1.5 * my) : (0.92 - (0.17 * critical) / my) * critical;
  const slender = b / t;
  const root = Math.sqrt(e / fy);
  const leg =
    slender <= 0.54 * root
      ? Number.POSITIVE_INFINITY
      : slender <= 0.91 * root
        ? 0.8 * s * fy * (2.43 - (1.72 * slender) / root)
        : (0.8 * s * 0.71 * e) / slender ** 2;
  return leg < buckling
    ? {
        value: leg,
        source: aisc('F10.3'),
      }
    : {
        value: buckling,
        source: publishedVerify('AISC 360-16 F10.2'),
      };
};
/** F11: flat bar, with its buckling sideways where it stands on edge. */
const flatBar = (input, shape, plane, unbracedM) => {
  const { section, yieldPa: fy, elasticPa: e } = input;
  const tall = plane === 'upright';
  const s = tall ? section.syTopM3 : section.szLeftM3;
  const [d, t] = tall ? [shape.heightM, shape.widthM] : [shape.widthM, shape.heightM];
  const plastic = plasticOf(shape);
  const mp = Math.min(fy * (tall ? plastic.zyM3 : plastic.zzM3), 1.6 * fy * s);
  const slender = (unbracedM * d) / t ** 2;
  if (d <= t || slender <= (0.08 * e) / fy)
    return {
      value: mp,
      source: aisc('F11.1'),
    };
  if (slender <= (1.9 * e) / fy)
    return {
      value: Math.min(mp, (1.52 - (0.274 * slender * fy) / e) * fy * s),
      source: aisc('F11.2'),
    };
  return {
    value: Math.min(mp, ((1.9 * e) / slender) * s),
    source: aisc('F11.2'),
  };
};
/** Nominal bending strength in the vertical (`upright`) or the level plane. */
const steelBending = (input, plane, unbracedM) => {
  const { shape } = input;
  switch (shape.kind) {
    case 'rect-tube':
      return rectangularTube(input, shape, plane, unbracedM);
    case 'round-tube':
      return roundTube(input, shape);
    case 'channel':
    case 'bent-channel':
      return plane === 'upright' ? channelUpright(input, shape, unbracedM) : channelLevel(input, shape);
    case 'angle':
      return angle(input, shape, plane, unbracedM);
    case 'flat-bar':
      return flatBar(input, shape, plane, unbracedM);
  }
};
/** Slenderness of the thinnest wall under pressure and its limit in E7/B4.1a; undefined for a bar without thin walls. */
const wallSlenderness = ({ shape, yieldPa, elasticPa }) => {
  const root = Math.sqrt(elasticPa / yieldPa);
  switch (shape.kind) {
    case 'rect-tube':
      return {
        ratio: flat(Math.max(shape.heightM, shape.widthM), shape.wallM) / shape.wallM,
        limit: 1.4 * root,
      };
    case 'round-tube':
      return {
        ratio: shape.diameterM / shape.wallM,
        limit: 0.11 * root ** 2,
      };
    case 'angle':
      return {
        ratio: Math.max(shape.verticalLegM, shape.horizontalLegM) / shape.thicknessM,
        limit: 0.45 * root,
      };
    case 'channel':
    case 'bent-channel': {
      const { flange, flangeM } = channelSizes(shape);
      return {
        ratio: flangeM / flange,
        limit: 0.56 * root,
      };
    }
    case 'flat-bar':
      return;
  }
};
/** E3, with E7 by the share of its buckling stress where a wall is slender. */
const steelCompression = (input, lengthYM, lengthZM) => {
  const { section, yieldPa: fy, elasticPa: e } = input;
  const slender = Math.max(lengthYM / section.ryM, lengthZM / section.rzM);
  const elastic = slender > 0 ? (Math.PI ** 2 * e) / slender ** 2 : Number.POSITIVE_INFINITY;
  const critical = fy / elastic <= 2.25 ? 0.658 ** (fy / elastic) * fy : 0.877 * elastic;
  const wall = wallSlenderness(input);
  const share = wall && wall.ratio > wall.limit ? (wall.limit / wall.ratio) ** 2 : 1;
  return {
    value: critical * share * section.areaM2,
    source: aisc(share < 1 ? 'E3, E7' : 'E3'),
  };
};
/** G: shear yield, and buckling of the walls of a tube by G4. */
const steelShear = ({ shape, section, yieldPa: fy, elasticPa: e }, plane) => {
  const tall = plane === 'upright';
  switch (shape.kind) {
    case 'rect-tube': {
      const h = flat(tall ? shape.heightM : shape.widthM, shape.wallM);
      const ratio = h / shape.wallM;
      const limit = 1.1 * Math.sqrt((5 * e) / fy);
      const share = ratio <= limit ? 1 : limit / ratio;
      return {
        value: 0.6 * fy * 2 * h * shape.wallM * share,
        source: aisc('G4'),
      };
    }
    case 'round-tube':
      return {
        value: (0.6 * fy * section.areaM2) / 2,
        source: aisc('G5'),
      };
    case 'angle':
      return {
        value: 0.6 * fy * (tall ? shape.verticalLegM : shape.horizontalLegM) * shape.thicknessM,
        source: aisc('G3'),
      };
    case 'channel':
    case 'bent-channel': {
      const { web, flange, depthM, flangeM } = channelSizes(shape);
      return {
        value: 0.6 * fy * (tall ? depthM * web : 2 * flangeM * flange),
        source: aisc(tall ? 'G2.1' : 'G6'),
      };
    }
    case 'flat-bar':
      return {
        value: 0.6 * fy * (2 / 3) * section.areaM2,
        source: aisc('G4, peak 1.5 V/A'),
      };
  }
};
/** H3.1 for tubes: torsional strength; undefined for open bars. */
const steelTorsion = ({ shape, yieldPa: fy, elasticPa: e }, lengthM) => {
  if (shape.kind === 'rect-tube') {
    const t = shape.wallM;
    const c = 2 * (shape.widthM - t) * (shape.heightM - t) * t - 4.5 * (4 - Math.PI) * t ** 3;
    const ratio = flat(Math.max(shape.widthM, shape.heightM), t) / t;
    const root = Math.sqrt(e / fy);
    return {
      value:
        (ratio <= 2.45 * root
          ? 0.6 * fy
          : ratio <= 3.07 * root
            ? (0.6 * fy * 2.45 * root) / ratio
            : (0.458 * Math.PI ** 2 * e) / ratio ** 2) * c,
      source: aisc('H3.1'),
    };
  }
  if (shape.kind === 'round-tube') {
    const { diameterM: d, wallM: t } = shape;
    const c = (Math.PI * (d - t) ** 2 * t) / 2;
    const ratio = d / t;
    const critical = Math.max(
      (1.23 * e) / (Math.sqrt(Math.max(lengthM, d) / d) * ratio ** 1.25),
      (0.6 * e) / ratio ** 1.5,
    );
    return {
      value: Math.min(critical, 0.6 * fy) * c,
      source: aisc('H3.1'),
    };
  }
};
// core/src/strength/joints/crippling.ts
/** Length of a hanger or bracket along the rail, m: weld-on hangers are 3 to 4 in long (common practice). */
const HANGER_LENGTH_M = 0.09;
const CRIPPLING_SOURCE = publishedVerify('AISC 360-16 J10.2, J10.3, both walls of a tube');
/** Force that the rail's walls bear over a hanger, N: the less of local yielding and crippling; undefined for a bar that has no web. */
const hangerStrengthN = ({ section, material, pieces }) => {
  const shape = designShape(section);
  const fy = material.family === 'steel' ? material.yieldPa : (material.weldedYieldPa ?? material.yieldPa);
  const e = material.elasticPa;
  const lb = HANGER_LENGTH_M;
  const walls = (count, t, flangeT, depth, k) => {
    const yielding = (fy * t * (5 * k + lb)) / 1.5;
    const crippling =
      (0.8 * t ** 2 * (1 + 3 * (lb / depth) * (t / flangeT) ** 1.5) * Math.sqrt((e * fy * flangeT) / t)) / 2;
    return pieces * count * Math.min(yielding, crippling);
  };
  switch (shape.kind) {
    case 'rect-tube':
      return walls(
        2,
        shape.wallM,
        shape.wallM,
        Math.max(shape.heightM - 3 * shape.wallM, shape.wallM),
        1.5 * shape.wallM,
      );
    case 'channel':
    case 'bent-channel': {
      const { web, flange, depthM } = channelSizes(shape);
      const root = shape.kind === 'channel' ? shape.rootRadiusM : shape.outerRadiusM;
      return walls(1, web, flange, depthM - 2 * flange, flange + root);
    }
    default:
      return;
  }
};
// core/src/strength/rules.ts
/** A person falling against a rail, or a load leaning on it, at its top, as guards of buildings are made for. */
const LEAN_N = toNewtons(200, 'lbf');
/** Together straps must hold half of what they tie down. */
const STRAPS_SHARE = 0.5;
/** Beyond these the figures have lost too many digits to be counted on: about one in ten thousand. */
const MOST_CONDITION = 0xe8d4a51000;
const MOST_RESIDUAL = 1e-5;
/** Two ways to the same figure are called apart where one is more than this many times the other. */
const APART = 1.5;
/** A utility trailer is built for this far (common practice); below a tenth of it, cracks come while it is new. */
const DESIGN_KM = 1e5;
/** Loads at the coupling as shares of the gross’s weight, one at a time, without lasting bends: ADR 62 and VSB 1 (recalled). */
const PIN_ALONG_G = 1.5;
const PIN_UPRIGHT_G = 0.5;
/** What this stage checks, and what it tells without judging. */
const RULES = rulesOf({
  rails: {
    formula: 'σ ÷ allowable, in bending with a hard bump; τ likewise; the worse one',
    source: BUMP_SOURCE,
    holds: 'one rail as a beam on hangers and tongue, half of everything; no twist',
  },
  tongue: {
    formula: 'σ ÷ allowable, in bending with a hard bump; τ likewise; the worse one',
    source: BUMP_SOURCE,
    holds: 'a cantilever from the front header, legs alike',
  },
  'cross-member': {
    formula: 'σ ÷ allowable, in bending with a hard bump; τ likewise; the worse one',
    source: BUMP_SOURCE,
    holds: 'a beam between the rails, deck by tributary width',
  },
  'cross-members-rest': {
    formula: 'as the cross-members, those under 70 %',
    source: BUMP_SOURCE,
    holds: 'told together',
  },
  deflection: {
    formula:
      'sag under the standing load ≤ length ÷ 300 (rails), 150 (rear overhang), 200 (tongue), 180 (cross-members)',
    tightFrom: 0.9,
    source: commonPractice(
      'rails 1/300, rear overhang 1/150, tongue 1/200, cross-members 1/180 of their length under the standing load',
    ),
    holds: 'by hand, one beam',
  },
  'strength-not-possible': {
    formula: 'something carries the frame',
    source: computedBy('a beam needs what carries it'),
    holds: 'a beam needs what carries it',
  },
  'tongue-leverage': {
    formula: 'what a longer tongue does to its own bending',
    source: computedBy('M changes by the shear there × the length moved; stress by the section modulus'),
    holds: 'told, not judged',
  },
  'support-assumed': {
    formula: 'suspension is said',
    source: commonPractice('axle as one point'),
    holds: 'else the axle is taken as one point',
  },
  'tongue-root': {
    formula: 'no rule by hand',
    source: commonPractice(),
    holds: 'tongues that end at the header; the frame analysis answers for it',
  },
  'not-in-hand-check': {
    formula: 'no rule by hand',
    source: commonPractice('a beam check by hand'),
    holds: 'twist, welds, joints, loads off the middle: the frame analysis answers for them',
  },
  'frame-member': {
    formula: 'interaction of axial force, bending both ways, shear and twist ≤ 1',
    source: publishedVerify(
      'AISC 360-16 D to H (steel), Aluminum Design Manual (aluminum); the clause that governs is told',
    ),
    holds: 'second-order effects only through the member formulas; every situation of the road and the plate',
  },
  'frame-members-rest': {
    formula: 'as the bars',
    source: computedBy('frame analysis'),
    holds: 'those that are told together',
  },
  'frame-weld': {
    formula: 'force on the fillet ÷ what its throat or the metal beside it bears ≤ 1',
    source: publishedVerify('AISC 360-16 J2.4 (steel), Aluminum Design Manual J (aluminum)'),
    holds: 'elastic line method; each bar’s end by itself',
  },
  'frame-welds-rest': {
    formula: 'as the welds',
    source: computedBy('frame analysis, elastic line method'),
    holds: 'those that are told together',
  },
  'weld-leg-small': {
    formula: 'leg ≥ the least for the wall',
    source: publishedSure('AISC 360-16 table J2.4'),
    holds: 'steel and aluminum alike',
  },
  'hanger-wall': {
    formula: 'hanger’s force ÷ what the wall bears without crippling ≤ 1',
    source: CRIPPLING_SOURCE,
    holds: 'walls under hangers and brackets, without stiffeners',
  },
  'bar-hole': {
    formula: 'net section at the hole, pulled and bent ≤ 1',
    source: computedBy('net section'),
    holds: 'round holes in the flats',
  },
  'coupler-bolts': {
    formula: 'force on the bolts ÷ least of shear, bearing and tear-out ≤ 1',
    source: BOLT_SOURCE,
    holds: 'bolted couplers; bolts share alike',
  },
  'frame-deflection': {
    formula: 'sag ≤ the limit of rails, overhang, tongue, cross-members',
    source: commonPractice('sag limits of trailer frames under the load alone'),
    holds: 'under the payload alone, standing',
  },
  'fatigue-life': {
    formula: `km until the worst weld cracks ≥ ${formatNumber(DESIGN_KM, 0)}, at least a tenth of it`,
    source: commonPractice(
      'AISC 360-16 Appendix 3 (steel) or Aluminum Design Manual (aluminum), category E; narrow-band road spectrum at 2 Hz, Miner’s rule. Good to a factor of about five either way',
    ),
    holds: 'good to a factor of about five either way',
  },
  'figures-doubtful': {
    formula: `condition of the stiffness matrix ≤ ${MOST_CONDITION.toExponential(0)}, residual ≤ ${MOST_RESIDUAL.toExponential(0)}`,
    source: computedBy('condition of the stiffness matrix; sums of loads and reactions'),
    holds: 'beyond, too many digits are lost',
  },
  'situations-off': {
    formula: 'told, not judged',
    source: {
      kind: 'own',
      note: 'switched off',
    },
    holds: 'situations that were switched off',
  },
  'situation-not-run': {
    formula: 'what a situation needs is said',
    source: computedBy('the situation’s own inputs'),
    holds: 'situations that lack an input',
  },
  'recovery-advice': {
    formula: 'told, not judged',
    source: commonPractice('recovery points'),
    holds: 'recovery points',
  },
  'rated-gross-missing': {
    formula: 'the gross on the plate is said',
    source: computedBy('the plate’s gross with the cargo uniform, in front, behind and in the middle'),
    holds: 'without it the plate’s cargo cannot be laid out',
  },
  'hand-compared': {
    formula: `frame analysis ÷ hand within ${APART}`,
    source: computedBy('the same load, on one beam by hand and on the whole frame'),
    holds: 'told, not judged',
  },
  'not-in-analysis': {
    formula: 'no rule',
    source: commonPractice('what this analysis leaves out'),
    holds: 'what this analysis leaves out',
  },
  'frame-fault': {
    formula: 'the frame can be analysed',
    source: computedBy('frame analysis'),
    holds: 'what keeps it from being so is told',
  },
  'frame-unsolvable': {
    formula: 'the frame holds together',
    source: computedBy('frame analysis'),
    holds: 'what folds is told',
  },
  'deck-point': {
    formula: 'weight × factor ÷ what the deck bears under a foot or a wheel ≤ 1',
    source: publishedVerify('NDS (planks), PS 2 (plywood), AISC F11 (sheet)'),
    holds: 'half-way from bar to bar',
  },
  'deck-spread': {
    formula: 'pressure × factor ÷ what the deck bears ≤ 1',
    source: publishedVerify('NDS (planks), PS 2 (plywood), AISC F11 (sheet)'),
    holds: 'the load that presses hardest, spans of the widest gap',
  },
  'deck-not-checked': {
    formula: 'no rule',
    source: commonPractice('makers’ load tables'),
    holds: 'decks of expanded metal, and decks on no bars',
  },
  'side-post': {
    formula: `${formatForce(LEAN_N, 'imperial')} at the rail’s top, M ÷ S ÷ allowable ≤ 1`,
    source: publishedVerify(
      'ASCE 7 4.5.1: 200 lb on a guard rail; allowed by AISC 360-16 F1 or the Aluminum Design Manual',
    ),
    holds: 'each post as a cantilever; the rail’s help from post to post is left out',
  },
  'straps-hold': {
    formula: `${formatPercent(STRAPS_SHARE, 0)} of the cargo ≤ Σ working loads of the straps`,
    tightFrom: 1,
    source: publishedSure('49 CFR 393.106(d): working load limits together at least half of the load'),
    holds: 'straps over the load from ring to ring; the heaviest loose load',
  },
  'home-made-study': {
    formula: 'no verdict',
    source: publishedVerify('ADR 62 and VSB 1: 1.5 g along; AISC 360-16 J3.6 and J2.4 with 58 ksi'),
    holds: 'figures to study a home-made coupling by; nobody has tested it',
  },
  'tongue-pins': {
    formula: `${PIN_ALONG_G} g along or the couple of ${PIN_UPRIGHT_G} g upright ÷ least of shear on two planes and bearing ≤ 1`,
    source: publishedVerify(
      'ADR 62 and VSB 1: 1.5 g along, 0.5 g upright at the coupling; AISC 360-16 J3.6 and J3.10, two shear planes',
    ),
    holds: 'folding and removable tongues; hinge plates are not looked at',
  },
  'one-pin-folds': {
    formula: 'two pins',
    source: publishedVerify('statics: one pin across is a hinge and holds no bending'),
    holds: 'one pin across is a hinge',
  },
});
// core/src/strength/deck/findings.ts
const PERSON_KG = 100;
/** Side of the square that a foot presses on, m (common practice, 4 in); nothing is taken to press on less. */
const FOOT_M = 0.1;
/** Largest gap that the deck bridges: between the middles of headers and cross-members, m. */
const deckSpanM = ({ members }) => {
  const xs = members
    .filter(({ group }) => group === 'cross' || group === 'header')
    .map(({ centre }) => centre.xM)
    .sort((a, b) => a - b);
  const gaps = xs.slice(1).map((x, i) => x - xs[i]);
  return gaps.length > 0 ? Math.max(...gaps) : void 0;
};
/** Standing for ever, or hit for a moment, when wood bears more: whichever asks more of the deck. */
const harder = (bump, bears) => {
  const [standing, moment] = [bears('standing'), bears('moment')];
  return bump / moment > 1 / standing
    ? {
        factor: bump,
        borne: moment,
      }
    : {
        factor: 1,
        borne: standing,
      };
};
const plain$2 = {
  step: 'strength',
  subject: 'deck',
  counts: true,
};
const pointFinding = ({ trailer, strength, spanM }, who, massKg, bump, patchM) => {
  const { thicknessM } = trailer.frame.deck;
  const bears = (duration) =>
    strength.pointN(
      {
        spanM,
        thicknessM,
        duration,
      },
      patchM,
    );
  const { factor, borne: borneN } =
    who === 'person'
      ? {
          factor: 1,
          borne: bears('moment'),
        }
      : harder(bump, bears);
  const pressed = workedOut(
    'deck-pressed',
    times$1(quantity(weightN(massKg), 'force'), quantity(factor, 'number')),
    'force',
  );
  const share = pressed.result.value / borneN;
  return checkShare({
    ...plain$2,
    rule: RULES['deck-point'],
    data: {
      who,
      massKg,
      factor,
      spanM,
    },
    aspect: who,
    utilisation: share,
    working: [
      given('deck-span', spanM, 'length'),
      given('deck-thick', thicknessM, 'length'),
      pressed,
      given('deck-bears', borneN, 'force'),
      concluding(
        workedOut('works-at', over(quantity(pressed.result.value, 'force'), quantity(borneN, 'force')), 'percent'),
      ),
    ],
    source: strength.source,
  });
};
/** Even pressure over whole spans that would bend the deck as this part does, Pa. */
const stressing = (part, spanM, besides) => {
  const lengthM = Math.max(part.x1M - part.x0M, FOOT_M);
  const widthM = Math.max(part.y1M - part.y0M, FOOT_M);
  const pressure = weightN(part.massKg) / (lengthM * (widthM + besides * Math.min(spanM, lengthM)));
  const a = Math.min(lengthM, spanM);
  return (pressure * a * (2 * spanM - a)) / spanM ** 2;
};
/** The load that presses hardest on what lies under it, of all cases. */
const spreadFinding = ({ trailer, strength, spanM }, cases) => {
  const ids = new Set(
    trailer.items.filter(({ attach }) => attach.on === 'deck' || attach.on === 'drawer').map(({ id }) => id),
  );
  let worst;
  for (const { loadCase, parts } of cases) {
    if (loadCase.mode !== 'towed') continue;
    for (const part of parts) {
      if (!ids.has(part.id) || part.massKg <= 0) continue;
      const pressurePa = stressing(part, spanM, strength.besides);
      if (pressurePa > (worst?.pressurePa ?? 0))
        worst = {
          part,
          caseId: loadCase.id,
          pressurePa,
        };
    }
  }
  if (!worst) return [];
  const { thicknessM } = trailer.frame.deck;
  const { factor, borne } = harder(bumpFactor(trailer), (duration) =>
    strength.pressurePa({
      spanM,
      thicknessM,
      duration,
    }),
  );
  const pressed = workedOut(
    'deck-pressed',
    times$1(quantity(worst.pressurePa, 'stress'), quantity(factor, 'number')),
    'stress',
  );
  const share = pressed.result.value / borne;
  return [
    checkShare({
      ...plain$2,
      rule: RULES['deck-spread'],
      data: {
        itemId: worst.part.id,
        factor,
        spanM,
      },
      caseId: worst.caseId,
      utilisation: share,
      working: [
        given('deck-span', spanM, 'length'),
        given('deck-thick', thicknessM, 'length'),
        pressed,
        given('deck-bears', borne, 'stress'),
        concluding(
          workedOut('works-at', over(quantity(pressed.result.value, 'stress'), quantity(borne, 'stress')), 'percent'),
        ),
      ],
      source: strength.source,
    }),
  ];
};
/** The deck itself, from bar to bar: a person's foot, the hardest wheel or post, and the load that presses hardest. */
const deckFindings = (trailer, chassis, cases) => {
  const { kind } = trailer.frame.deck;
  if (kind === 'none') return [];
  const spanM = deckSpanM(chassis);
  if (kind === 'expanded-steel' || spanM === void 0)
    return [
      finding({
        ...plain$2,
        rule: RULES['deck-not-checked'],
        data: { why: spanM === void 0 ? 'no-bars' : 'no-rule' },
        verdict: 'unchecked',
        working: [],
        source: spanM === void 0 ? computedBy('headers and cross-members') : commonPractice('makers’ load tables'),
      }),
    ];
  const deck = {
    trailer,
    strength: DECK_STRENGTHS[kind],
    spanM,
  };
  const { massKg, patchM } = trailer.strength.deckPoint;
  return [
    pointFinding(deck, 'person', PERSON_KG, 1, FOOT_M),
    ...(massKg === null ? [] : [pointFinding(deck, 'yours', massKg, bumpFactor(trailer), patchM)]),
    ...spreadFinding(deck, cases),
  ];
};
// core/src/strength/deck/sideRail.ts
/** Yield ÷ 1.67 in steel, ÷ 1.65 in aluminum at its welded strength, the foot being welded. */
const FACTOR = {
  steel: 1.67,
  aluminum: 1.65,
};
/** Each post of a side rail as a cantilever under a push at the rail's top; the rail's help from post to post is left out. */
const sideRailFindings = (trailer, { members }) => {
  const { sides } = trailer.frame;
  const post = members.find(({ id }) => id.startsWith('post.'));
  if (sides.kind !== 'rail' || !post) return [];
  const { design } = post.bar;
  const modulusM3 = Math.min(design.szLeftM3, design.szRightM3);
  const { family, yieldPa, weldedYieldPa } = post.material;
  const allowedPa = (family === 'aluminum' ? (weldedYieldPa ?? yieldPa) : yieldPa) / FACTOR[family];
  const moment = workedOut(
    'moment-standing',
    times$1(quantity(LEAN_N, 'force'), quantity(sides.heightM, 'arm')),
    'moment',
  );
  const feels = workedOut(
    'metal-feels',
    over(quantity(moment.result.value, 'moment'), quantity(modulusM3, 'modulus')),
    'stress',
  );
  const share = feels.result.value / allowedPa;
  return [
    checkShare({
      rule: RULES['side-post'],
      data: {
        memberId: post.id,
        forceN: LEAN_N,
        heightM: sides.heightM,
      },
      step: 'strength',
      subject: post.id,
      counts: true,
      utilisation: share,
      working: [
        moment,
        feels,
        given('allowed', allowedPa, 'stress'),
        concluding(
          workedOut('works-at', over(quantity(feels.result.value, 'stress'), quantity(allowedPa, 'stress')), 'percent'),
        ),
      ],
    }),
  ];
};
// core/src/strength/deck/straps.ts
/** Straps over the load, one from each ring to the one across: the sum of their working loads against the heaviest loose load. */
const strapFindings = (trailer, cases) => {
  const { perSide, workingLoadKg } = trailer.frame.tieDowns;
  if (perSide === 0) return [];
  const worst = cases
    .filter(({ loadCase }) => loadCase.mode === 'towed')
    .map(({ loadCase, parts }) => ({
      caseId: loadCase.id,
      kg: parts
        .filter(
          ({ id, group }) => group === 'cargo' && trailer.items.some((item) => item.id === id && item.kind === 'cargo'),
        )
        .reduce((sum, { massKg }) => sum + massKg, 0),
    }))
    .reduce((most, next) => (next.kg > (most?.kg ?? 0) ? next : most), void 0);
  if (!worst) return [];
  const holdKg = workingLoadKg === null ? void 0 : perSide * workingLoadKg;
  const must = workedOut('straps-must', times$1(quantity(worst.kg, 'mass'), quantity(STRAPS_SHARE, 'number')), 'mass');
  const share = holdKg === void 0 ? void 0 : must.result.value / holdKg;
  return [
    checkShare({
      rule: RULES['straps-hold'],
      data: {
        count: perSide,
        holdKg,
        cargoKg: worst.kg,
      },
      step: 'strength',
      subject: 'trailer',
      caseId: worst.caseId,
      counts: true,
      utilisation: share,
      working:
        holdKg === void 0
          ? []
          : [
              must,
              given('straps-hold', holdKg, 'mass'),
              concluding(
                workedOut('works-at', over(quantity(must.result.value, 'mass'), quantity(holdKg, 'mass')), 'percent'),
              ),
            ],
    }),
  ];
};
// core/src/strength/joints/weldStrength.ts
/** Throat of an equal-legged fillet. */
const THROAT = Math.SQRT1_2;
const ksi = (value) => toPascals(value, 'ksi');
/** E70: shear on the throat 0.30 × 70 ksi (AWS D1.1, AISC J2.5 with Ω = 2.0); without residual deformation φ = 0.75 of 0.60 × 70. */
const E70 = {
  allowable: ksi(21),
  yield: ksi(0.75 * 0.6 * 70),
};
/** Fillet shear ultimate of aluminum wires, ksi: Aluminum Design Manual, AWS D1.2 (recalled). */
const FILLERS = {
  5356: ksi(17),
  4043: ksi(11.5),
};
/** ADM on welds and rupture. */
const ALUMINUM_WELD_FACTOR = 1.95;
/** The same without residual deformation: the usual 0.75 of the ultimate. */
const WITHOUT_BENDING = 1 / 0.75;
/** Beside a weld on a wall of this thickness. */
const weldStrength = (material, wallM, legM, filler, limit) => {
  const throatM = THROAT * legM;
  if (material.family === 'steel')
    return {
      weldNM: throatM * E70[limit],
      baseShearNM:
        limit === 'yield'
          ? 0.6 * material.yieldPa * wallM
          : Math.min((0.6 * material.yieldPa * wallM) / 1.5, (0.6 * material.ultimatePa * wallM) / 2),
      weldSource: publishedSure(
        'AISC 360-16 J2.4, AWS D1.1: E70 at 21 ksi on the throat; forces by Blodgett’s line method',
      ),
      baseSource: publishedSure('AISC 360-16 J4.2'),
    };
  const factor = limit === 'yield' ? WITHOUT_BENDING : ALUMINUM_WELD_FACTOR;
  return {
    weldNM: (throatM * FILLERS[filler]) / factor,
    baseShearNM: ((material.weldedUltimatePa ?? material.ultimatePa) * wallM) / Math.sqrt(3) / factor,
    weldSource: publishedVerify(`Aluminum Design Manual J.2, ER${filler}; forces by Blodgett’s line method`),
    baseSource: publishedVerify('Aluminum Design Manual, welded ultimate ÷ √3'),
  };
};
/** Usual fillet on a wall: as thick as the wall, up to 3/16 in (common practice). */
const usualLegM = (wallM) => Math.min(wallM, inches(3 / 16));
/** Smallest leg for the thinner part: AISC table J2.4. */
const leastLegM = (wallM) =>
  wallM <= inches(1 / 4) ? inches(1 / 8) : wallM <= inches(1 / 2) ? inches(3 / 16) : inches(1 / 4);
// core/src/strength/joints/homeMade.ts
/** Pull along the trailer that published drawbar loadings ask of a coupling, in g on its gross. */
const PULL_G = 1.5;
const LEG_M = inches(1 / 4);
/** Plain bar: 58 ksi; shear of a smooth pin 0.6·Fu on two planes, ÷ 2.00 as for bolts without threads there. */
const PIN_SHEAR_PA = (0.6 * toPascals(58, 'ksi')) / 2;
const MILD_STEEL = {
  yieldPa: toPascals(36, 'ksi'),
  ultimatePa: toPascals(58, 'ksi'),
};
/** What pin and weld of a home-made coupling would have to be, to study it by; no verdict on it. */
const homeMadeFindings = (trailer, cases) => {
  if (!trailer.coupling.homeMade) return [];
  const grossKg = Math.max(trailer.ratedGrossKg ?? 0, ...cases.map(({ massKg }) => massKg));
  if (!(grossKg > 0)) return [];
  const pull = workedOut(
    'bolts-pull',
    times$1(quantity(weightN(grossKg), 'force'), quantity(PULL_G, 'number')),
    'force',
  );
  const forceN = pull.result.value;
  const pinM = Math.sqrt(forceN / (2 * PIN_SHEAR_PA * (Math.PI / 4)));
  const { weldNM } = weldStrength(
    {
      id: 'mild-steel',
      name: '',
      family: 'steel',
      elasticPa: toPascals(29e3, 'ksi'),
      densityKgM3: 7850,
      source: publishedVerify('ASTM A36'),
      ...MILD_STEEL,
    },
    LEG_M,
    LEG_M,
    '5356',
    'allowable',
  );
  return [
    finding({
      rule: RULES['home-made-study'],
      data: {
        forceN,
        pinM,
        weldM: forceN / weldNM,
        legM: LEG_M,
      },
      verdict: 'unchecked',
      step: 'strength',
      subject: 'coupler',
      counts: false,
      working: [pull, given('pin-shear', pinM, 'length'), given('weld-bears', weldNM, 'force-per-length')],
    }),
  ];
};
// core/src/strength/by-hand/deflection.ts
const slopeIn = (p, s) => p.slope0 + (s * (p.m0 + s * (p.v0 / 2 - (s * p.w) / 6))) / p.stiffnessNm2;
const deflectionIn = (p, s) =>
  p.deflection0 + s * (p.slope0 + (s * (p.m0 / 2 + s * (p.v0 / 6 - (s * p.w) / 24))) / p.stiffnessNm2);
/** Integrates M/EI twice, exactly, piece by piece. Source: Euler-Bernoulli beam, v″ = M/EI. */
const elasticLine = (pieces, stiffnessNm2) => {
  const line = [];
  let slope0 = 0;
  let deflection0 = 0;
  for (const piece of pieces) {
    const { fromM, toM, m0, v0, w } = piece;
    const bent = {
      fromM,
      toM,
      m0,
      v0,
      w,
      stiffnessNm2: stiffnessNm2((fromM + toM) / 2),
      slope0,
      deflection0,
    };
    line.push(bent);
    slope0 = slopeIn(bent, piece.toM - piece.fromM);
    deflection0 = deflectionIn(bent, piece.toM - piece.fromM);
  }
  return line;
};
const pieceAt = (line, xM) => line.find(({ toM }) => xM <= toM) ?? line.at(-1);
const deflectionAt$1 = (line, xM) => {
  const piece = pieceAt(line, xM);
  return piece ? deflectionIn(piece, xM - piece.fromM) : 0;
};
const slopeAt = (line, xM) => {
  const piece = pieceAt(line, xM);
  return piece ? slopeIn(piece, xM - piece.fromM) : 0;
};
const BISECTIONS = 60;
/** Where slope − chord changes sign between a and b, by bisection; undefined where it does not. */
const turning = (p, chord, a, b) => {
  const f = (s) => slopeIn(p, s) - chord.slope;
  if (f(a) * f(b) > 0) return void 0;
  let low = a;
  let high = b;
  for (let i = 0; i < BISECTIONS; i += 1) {
    const middle = (low + high) / 2;
    if (f(low) * f(middle) <= 0) high = middle;
    else low = middle;
  }
  return (low + high) / 2;
};
/** Roots of the moment inside a piece: between them the slope only rises or only falls. */
const momentRoots = (p) => {
  const length = p.toM - p.fromM;
  const roots = [];
  if (p.w === 0) {
    if (p.v0 !== 0) roots.push(-p.m0 / p.v0);
  } else {
    const discriminant = p.v0 ** 2 + 2 * p.w * p.m0;
    if (discriminant >= 0) roots.push((p.v0 - Math.sqrt(discriminant)) / p.w, (p.v0 + Math.sqrt(discriminant)) / p.w);
  }
  return roots.filter((s) => s > 0 && s < length).sort((a, b) => a - b);
};
/** Largest deflection by size off the chord between two places; looked for at every turning point, not by sampling. */
const largestDeflection = (line, chord, fromM, toM) => {
  let best = {
    xM: fromM,
    value: 0,
  };
  for (const piece of line) {
    const start = Math.max(fromM, piece.fromM) - piece.fromM;
    const end = Math.min(toM, piece.toM) - piece.fromM;
    if (end < start) continue;
    const stops = [start, ...momentRoots(piece).filter((s) => s > start && s < end), end];
    const candidates = [start, end];
    for (let i = 0; i + 1 < stops.length; i += 1) {
      const s = turning(piece, chord, stops[i], stops[i + 1]);
      if (s !== void 0) candidates.push(s);
    }
    for (const s of candidates) {
      const xM = piece.fromM + s;
      const value = deflectionIn(piece, s) - chord.at0M - chord.slope * xM;
      if (Math.abs(value) > Math.abs(best.value))
        best = {
          xM,
          value,
        };
    }
  }
  return best;
};
// core/src/strength/by-hand/allowables.ts
/** An angle bent about a face and not held sideways counts at 0.80 of its moment: AISC 360-16 F10.2. */
const ANGLE_BENDING_SHARE = 0.8;
const bendingShare = (member) => (member.section.shape.kind === 'angle' ? ANGLE_BENDING_SHARE : 1);
const memberBending = (member, nearWeld) => allowableBending(member.material, nearWeld);
const memberShear = (member, nearWeld) => allowableShear(member.material, nearWeld);
/** Half the length of a spring hanger or bracket welded to the rail, m: assumed, the real one is on its drawing. */
const HANGER_HALF_M = 0.05;
const zoneAround = (fromM, toM, at) => ({
  fromM: fromM - WELD_ZONE_M,
  toM: toM + WELD_ZONE_M,
  at,
});
const hangerZone = (xM, index) => zoneAround(xM - HANGER_HALF_M, xM + HANGER_HALF_M, `hanger.${index + 1}`);
const zoneAt = (zones, fromM, toM) => zones.find((zone) => zone.fromM < toM && fromM < zone.toM);
const zoneBreaks = (zones) => zones.flatMap(({ fromM, toM }) => [fromM, toM]);
// core/src/strength/by-hand/crossBeam.ts
/** Each member carries the deck half-way to its neighbours; what overhangs the bed's ends rests on the headers. */
const strips = (chassis) => {
  const bearing = chassis.members
    .filter(({ group }) => group === 'cross' || group === 'header')
    .sort((a, b) => a.centre.xM - b.centre.xM);
  return bearing.map((member, i) => {
    const before = bearing[i - 1];
    const after = bearing[i + 1];
    return {
      member,
      fromM: before ? (before.centre.xM + member.centre.xM) / 2 : Number.NEGATIVE_INFINITY,
      toM: after ? (member.centre.xM + after.centre.xM) / 2 : Number.POSITIVE_INFINITY,
    };
  });
};
/** Share of a part that lies on a strip: by overlap of its length; a part of no length lies on the strip it stands over. */
const shareOn = (part, { fromM, toM }) => {
  const length = part.x1M - part.x0M;
  if (length <= 0) return part.x0M >= fromM && part.x0M < toM ? 1 : 0;
  return Math.max(0, Math.min(toM, part.x1M) - Math.max(fromM, part.x0M)) / length;
};
const crossBeams = (chassis, parts, tongueForces) => {
  const onDeck = parts.filter(({ carriedBy }) => carriedBy === 'deck');
  const bedLength = Math.max(
    0,
    ...chassis.members.filter(({ group }) => group === 'rail').map(({ extent }) => extent.x1M),
  );
  return strips(chassis).map((strip) => {
    const { member } = strip;
    const ys = member.plan.map(([, y]) => y);
    const leftM = Math.min(...ys);
    const rightM = Math.max(...ys);
    const pressing = [void 0];
    const spreads = [
      {
        fromM: leftM,
        toM: rightM,
        downN: weightN(member.massKg),
      },
    ];
    for (const part of onDeck) {
      const share = shareOn(part, strip);
      if (share === 0) continue;
      const width = part.y1M - part.y0M;
      const fromM = Math.max(leftM, part.y0M);
      const toM = Math.min(rightM, part.y1M);
      const between = width > 0 ? Math.max(0, toM - fromM) / width : part.y0M >= leftM && part.y0M <= rightM ? 1 : 0;
      if (between === 0) continue;
      const downN = weightN(part.massKg * share * between);
      pressing.push(part);
      spreads.push({
        fromM,
        toM,
        downN,
      });
    }
    const onThis = tongueForces.filter(({ memberId }) => memberId === member.id);
    const inner = onThis.flatMap(({ upN, halfSpreadM }) =>
      halfSpreadM > 0
        ? [
            {
              xM: Math.max(leftM, -halfSpreadM),
              upN: upN / 2,
            },
            {
              xM: Math.min(rightM, halfSpreadM),
              upN: upN / 2,
            },
          ]
        : [
            {
              xM: (leftM + rightM) / 2,
              upN,
            },
          ],
    );
    const loadedBetween = {
      forces: inner,
      spreads,
      couples: [],
    };
    const spanM = rightM - leftM;
    const downN = spreads.reduce((sum, spread) => sum + spread.downN, 0) - inner.reduce((sum, { upN }) => sum + upN, 0);
    const rightN =
      (spreads.reduce((sum, spread) => sum + spread.downN * ((spread.fromM + spread.toM) / 2 - leftM), 0) -
        inner.reduce((sum, { xM, upN }) => sum + upN * (xM - leftM), 0)) /
      spanM;
    const loads = {
      ...loadedBetween,
      forces: [
        {
          xM: leftM,
          upN: downN - rightN,
        },
        ...inner,
        {
          xM: rightM,
          upN: rightN,
        },
      ],
    };
    return {
      member,
      spanM,
      stripM: Math.min(strip.toM, bedLength) - Math.max(strip.fromM, 0),
      pressing,
      tongueUpN: onThis.reduce((sum, { upN }) => sum + upN, 0),
      pieces: beamPieces(loads, [leftM, rightM]),
      loads,
    };
  });
};
// core/src/strength/by-hand/memberWork.ts
/** Worst bending or shear of one member over some pieces of a beam; undefined where there is no piece. */
const hardestWork = (member, pieces, { factor, share, zones }) => {
  const shapeShare = bendingShare(member);
  const bending = {
    free: memberBending(member, false),
    welded: memberBending(member, true),
  };
  const shearing = {
    free: memberShear(member, false),
    welded: memberShear(member, true),
  };
  const perMoment = (factor * share) / member.bar.sMinM3;
  const perShear = (factor * share) / member.bar.design.shearAreaM2;
  let most = -1;
  let worst;
  for (const piece of pieces) {
    const zone = zoneAt(zones, piece.fromM, piece.toM);
    const strength = zone ? 'welded' : 'free';
    const moment = largestMoment(piece);
    const bent = (Math.abs(moment.value) * perMoment) / (bending[strength].stressPa * shapeShare);
    if (bent > most) {
      most = bent;
      worst = {
        mode: 'bending',
        extreme: moment,
        zone,
      };
    }
    const shear = largestShear(piece);
    const sheared = (Math.abs(shear.value) * perShear) / shearing[strength].stressPa;
    if (sheared > most) {
      most = sheared;
      worst = {
        mode: 'shear',
        extreme: shear,
        zone,
      };
    }
  }
  if (!worst) return void 0;
  const { mode, extreme, zone } = worst;
  const isBending = mode === 'bending';
  return {
    member,
    mode,
    placeM: extreme.xM,
    standing: extreme.value,
    factor,
    share,
    resists: isBending ? member.bar.sMinM3 : member.bar.design.shearAreaM2,
    shapeShare: isBending ? shapeShare : 1,
    stressPa: Math.abs(extreme.value) * (isBending ? perMoment : perShear),
    allowable: (isBending ? bending : shearing)[zone ? 'welded' : 'free'],
    zone,
    utilisation: most,
  };
};
// core/src/strength/by-hand/suspensionForces.ts
const NONE$1 = {
  forces: [],
  couples: [],
};
/** Room that is left between the two springs of a tandem for the equaliser, m. */
const equaliserGapM = (trailer) => trailer.runningGear.spacingM - trailer.runningGear.suspension.hangerSpacingM;
/**
 * Leaf: half of the spring's load at each end. Equalised pair: the equaliser's pivot takes the inner end of both springs, and stands
 * where its arms put it between them, so that the sum acts where balance has it. Torsion: the wheel is an arm's length behind the
 * bracket, which therefore gets a force and a couple. Nothing known: at the axle, and the finding says so.
 */
const suspensionForces = (trailer, sprungAxlesN) => {
  const { suspension, equaliserArms, layout } = trailer.runningGear;
  const places = axlePlaces(trailer);
  const first = places[0];
  const last = places.at(-1);
  if (!first || !last)
    return {
      kind: 'unknown',
      ...NONE$1,
    };
  const half = suspension.hangerSpacingM / 2;
  const own = (i) => sprungAxlesN[i] ?? 0;
  const equalised = places.length > 1 && !isIndependent(trailer);
  if (suspension.kind === 'leaf' && !equalised)
    return {
      kind: 'hangers',
      forces: places.flatMap(({ xM }, i) => [
        {
          xM: xM - half,
          upN: own(i) / 2,
        },
        {
          xM: xM + half,
          upN: own(i) / 2,
        },
      ]),
      couples: [],
    };
  if (suspension.kind === 'leaf' && equaliserGapM(trailer) > 0) {
    const [a, b] = layout === 'tandem-equaliser' ? equaliserArms : [1, 1];
    const pivots = places.slice(1).map((_, i) => ({
      xM: (places[i]?.xM ?? 0) + half + (equaliserGapM(trailer) * a) / (a + b),
      upN: (own(i) + own(i + 1)) / 2,
    }));
    return {
      kind: 'equalised-hangers',
      forces: [
        {
          xM: first.xM - half,
          upN: own(0) / 2,
        },
        ...pivots,
        {
          xM: last.xM + half,
          upN: own(places.length - 1) / 2,
        },
      ],
      couples: [],
    };
  }
  if (suspension.kind === 'torsion')
    return {
      kind: 'torsion-bracket',
      forces: places.map(({ xM }, i) => ({
        xM: xM - suspension.armM,
        upN: sprungAxlesN[i] ?? 0,
      })),
      couples: places.map(({ xM }, i) => ({
        xM: xM - suspension.armM,
        momentNm: -(sprungAxlesN[i] ?? 0) * suspension.armM,
      })),
    };
  return {
    kind: suspension.kind === 'none' || suspension.kind === 'stub' ? 'at-axle' : 'unknown',
    forces: places.map(({ xM }, i) => ({
      xM,
      upN: sprungAxlesN[i] ?? 0,
    })),
    couples: [],
  };
};
// core/src/strength/by-hand/railBeam.ts
const sprung = (parts) => parts.filter((part) => unsprungAxleOf(part) === void 0);
const railShare = (parts, railDistanceM) => {
  let massKg = 0;
  let roll = 0;
  for (const part of parts) {
    massKg += part.massKg;
    roll += part.massKg * part.centre.yM;
  }
  const shift = massKg > 0 && railDistanceM > 0 ? roll / (massKg * railDistanceM) : 0;
  return {
    memberId: shift < 0 ? 'rail.left' : 'rail.right',
    share: 0.5 + Math.abs(shift),
  };
};
/** Undefined where there is no axle behind the point ahead, so that nothing holds the beam. */
const railBeam = (trailer, chassis, parts, on, breaks) => {
  const own = sprung(parts);
  const support = supportOf(trailer, chassis, on);
  const standing =
    support &&
    standingLoads(
      own.map(({ massKg, centre }) => ({
        massKg,
        xM: centre.xM,
        yM: centre.yM,
      })),
      support,
    );
  if (!support || !standing) return void 0;
  const suspension = suspensionForces(trailer, standing.sprungAxlesN);
  const loads = {
    forces: [
      {
        xM: support.aheadXM,
        upN: standing.aheadN,
      },
      ...suspension.forces,
    ],
    spreads: own.map(({ massKg, centre, x0M, x1M }) => {
      const half = Math.min(centre.xM - x0M, x1M - centre.xM);
      return {
        fromM: centre.xM - half,
        toM: centre.xM + half,
        downN: weightN(massKg),
      };
    }),
    couples: suspension.couples,
  };
  return {
    loads,
    pressing: own,
    pieces: beamPieces(loads, [chassis.ballXM, 0, trailer.frame.bed.lengthM, ...breaks]),
    aheadXM: support.aheadXM,
    aheadN: standing.aheadN,
    suspension,
    heavierRail: railShare(own, trailer.frame.bed.widthM - chassis.railWidthM),
  };
};
const membersOf = (chassis, group) => chassis.members.filter((member) => member.group === group);
/** Bending stiffness at a place, N·m²: ahead of the bed the tongue (legs slanting by α count cos³α), from there on both rails and no help from the tongue under them. */
const stiffnessAlong = (chassis) => {
  const slant = Math.cos(chassis.tongue?.legAngleRad ?? 0) ** 3;
  const sum = (members) =>
    members.reduce((total, { bar, material }) => total + material.elasticPa * bar.design.iyM4, 0);
  const tongue = slant * sum(chassis.tongue?.members ?? []);
  const rails = sum(membersOf(chassis, 'rail'));
  return (xM) => (xM < 0 ? tongue : rails);
};
/** The elastic line and the chord on which ball and axle group stand still; the springs' ends move as their rocker lets them. */
const bendRails = (beam, chassis, groupCentreXM) => {
  const line = elasticLine(beam.pieces, stiffnessAlong(chassis));
  const { forces, couples } = beam.suspension;
  const totalN = forces.reduce((sum, { upN }) => sum + upN, 0);
  const atGroup =
    totalN === 0
      ? deflectionAt$1(line, groupCentreXM)
      : (forces.reduce((sum, { xM, upN }) => sum + upN * deflectionAt$1(line, xM), 0) -
          couples.reduce((sum, { xM, momentNm }) => sum + momentNm * slopeAt(line, xM), 0)) /
        totalN;
  const atAhead = deflectionAt$1(line, beam.aheadXM);
  const slope = (atGroup - atAhead) / (groupCentreXM - beam.aheadXM);
  return {
    line,
    chord: {
      at0M: atAhead - slope * beam.aheadXM,
      slope,
    },
  };
};
// core/src/strength/by-hand/handCheck.ts
/** Common practice for trailer frames under static payload. */
const DEFLECTION_DIVISORS$1 = {
  rails: 300,
  'rear-overhang': 150,
  'tongue-tip': 200,
  'cross-member': 180,
};
const railZones = (trailer, chassis) => [
  ...chassis.members
    .filter(({ group }) => group === 'cross' || group === 'header')
    .map(({ extent, id }) => zoneAround(extent.x0M, extent.x1M, id)),
  ...(chassis.tongue?.rearOn === 'rails'
    ? chassis.tongue.members
        .slice(0, 1)
        .map(({ extent, plan }) => zoneAround(Math.min(...plan.slice(1, 3).map(([x]) => x)), extent.x1M, 'tongue'))
    : []),
  ...(trailer.runningGear.suspension.mounting === 'welded'
    ? suspensionForces(trailer, [1, 1]).forces.map(({ xM }, i) => hangerZone(xM, i))
    : []),
];
/** Where the tongue bears on the frame: lever law about the front header for one that runs under; its shear alone where it butts. */
const tongueForces = (chassis, pieces) => {
  const { tongue } = chassis;
  if (!tongue) return [];
  const shearN = shearBefore(pieces, 0);
  const front = {
    memberId: 'header.front',
    halfSpreadM: tongue.halfSpreadAtHeaderM,
  };
  if (tongue.rearBearingXM === void 0)
    return [
      {
        ...front,
        upN: shearN,
      },
    ];
  const coupleN = momentAtPlace(pieces, 0) / tongue.rearBearingXM;
  const atHeader = {
    ...front,
    upN: shearN + coupleN,
  };
  if (tongue.rearOn === 'rails') return [atHeader];
  const rear = [...membersOf(chassis, 'cross'), ...membersOf(chassis, 'header').slice(1)].reduce(
    (best, next) => {
      const distance = Math.abs(next.centre.xM - (tongue.rearBearingXM ?? 0));
      return !best || distance < Math.abs(best.centre.xM - (tongue.rearBearingXM ?? 0)) ? next : best;
    },
    void 0,
  );
  return rear
    ? [
        atHeader,
        {
          memberId: rear.id,
          halfSpreadM: 0,
          upN: -coupleN,
        },
      ]
    : [atHeader];
};
const railWorks = (chassis, beam, factor, zones) => {
  const pieces = beam.pieces.filter(({ fromM }) => fromM >= -1e-9);
  return membersOf(chassis, 'rail').flatMap((member) => {
    const share = member.id === beam.heavierRail.memberId ? beam.heavierRail.share : 1 - beam.heavierRail.share;
    const work = hardestWork(member, pieces, {
      factor,
      share: Math.max(share, 0),
      zones,
    });
    return work ? [work] : [];
  });
};
/** The tongue is welded to the front header; the coupler's weld lies where it hardly bends. */
const TONGUE_ZONES = [zoneAround(0, 0, 'header.front')];
const tongueWork = (chassis, beam, factor) => {
  const { tongue } = chassis;
  if (!tongue) return void 0;
  const pieces = beam.pieces.filter(({ toM }) => toM <= 1e-9);
  const share = 1 / tongue.legs / Math.cos(tongue.legAngleRad);
  return tongue.members
    .map((member) =>
      hardestWork(member, pieces, {
        factor,
        share,
        zones: TONGUE_ZONES,
      }),
    )
    .reduce((worst, next) => (next && (!worst || next.utilisation > worst.utilisation) ? next : worst), void 0);
};
const crossZones = (beam) => {
  const ys = beam.member.plan.map(([, y]) => y);
  return [
    zoneAround(Math.min(...ys), Math.min(...ys), 'rail.left'),
    zoneAround(Math.max(...ys), Math.max(...ys), 'rail.right'),
  ];
};
const splitAt = (pieces, places) =>
  pieces.flatMap((piece) => {
    const inside = places
      .filter((place) => place > piece.fromM + 1e-9 && place < piece.toM - 1e-9)
      .sort((a, b) => a - b);
    const stops = [piece.fromM, ...inside, piece.toM];
    return stops.slice(1).map((toM, i) => {
      const s = stops[i] - piece.fromM;
      return {
        fromM: stops[i],
        toM,
        m0: momentAt$1(piece, s),
        v0: piece.v0 - piece.w * s,
        w: piece.w,
      };
    });
  });
const crossWorks = (beams, factor) =>
  beams.flatMap((beam) => {
    const zones = crossZones(beam);
    const work = hardestWork(beam.member, splitAt(beam.pieces, zoneBreaks(zones)), {
      factor,
      share: 1,
      zones,
    });
    return work
      ? [
          {
            beam,
            work,
          },
        ]
      : [];
  });
const railDeflections = (trailer, chassis, balanced) => {
  const { standing } = balanced;
  const payload = balanced.parts.filter(({ group }) => group === 'cargo');
  const beam = standing && railBeam(trailer, chassis, payload, standing.on, []);
  if (!standing || !beam || payload.length === 0) return [];
  const bent = bendRails(beam, chassis, standing.groupCentreXM);
  const off = (xM) => deflectionAt$1(bent.line, xM) - bent.chord.at0M - bent.chord.slope * xM;
  const between = largestDeflection(bent.line, bent.chord, standing.aheadXM, standing.groupCentreXM);
  const endM = trailer.frame.bed.lengthM;
  const tip = off(chassis.ballXM) - (off(0) + (slopeAt(bent.line, 0) - bent.chord.slope) * chassis.ballXM);
  const deflection = (what, memberId, byM, lengthM) => ({
    what,
    memberId,
    byM: Math.abs(byM),
    lengthM,
    divisor: DEFLECTION_DIVISORS$1[what],
  });
  return [
    deflection('rails', 'rail.left', between.value, standing.groupCentreXM - standing.aheadXM),
    ...(endM > standing.groupCentreXM
      ? [deflection('rear-overhang', 'rail.left', off(endM), endM - standing.groupCentreXM)]
      : []),
    deflection('tongue-tip', 'tongue', tip, -chassis.ballXM),
  ];
};
const crossDeflection = (chassis, balanced) => {
  const payload = balanced.parts.filter(({ group }) => group === 'cargo');
  const bent = crossBeams(chassis, payload, []).map(({ member, pieces, spanM }) => {
    const line = elasticLine(pieces, () => member.material.elasticPa * member.bar.design.iyM4);
    const leftM = pieces[0]?.fromM ?? 0;
    const rightM = pieces.at(-1)?.toM ?? 0;
    const slope = (deflectionAt$1(line, rightM) - deflectionAt$1(line, leftM)) / spanM;
    const chord = {
      at0M: deflectionAt$1(line, leftM) - slope * leftM,
      slope,
    };
    return {
      what: 'cross-member',
      memberId: member.id,
      byM: Math.abs(largestDeflection(line, chord, leftM, rightM).value),
      lengthM: spanM,
      divisor: DEFLECTION_DIVISORS$1['cross-member'],
    };
  });
  return bent.length === 0 ? [] : [bent.reduce((worst, next) => (next.byM > worst.byM ? next : worst))];
};
/** Checks one case by hand; undefined where nothing holds the trailer or the frame is incomplete. Towed cases take the road's bump, others stand still. */
const checkCase = (trailer, chassis, balanced) => {
  const { standing, loadCase, parts } = balanced;
  if (!standing || !chassis.tongue || membersOf(chassis, 'rail').length < 2) return void 0;
  const zones = railZones(trailer, chassis);
  const beam = railBeam(trailer, chassis, parts, standing.on, [...zoneBreaks(zones), ...zoneBreaks(TONGUE_ZONES)]);
  if (!beam) return void 0;
  const factor = loadCase.mode === 'towed' ? bumpFactor(trailer) : 1;
  return {
    caseId: loadCase.id,
    factor,
    beam,
    zones: {
      rails: zones,
      tongue: TONGUE_ZONES,
    },
    rails: railWorks(chassis, beam, factor, zones),
    tongue: tongueWork(chassis, beam, factor),
    cross: crossWorks(crossBeams(chassis, parts, tongueForces(chassis, beam.pieces)), factor),
    deflections: [...railDeflections(trailer, chassis, balanced), ...crossDeflection(chassis, balanced)],
  };
};
// core/src/strength/by-hand/working.ts
const isItem = (part) => part?.name !== void 0;
const leftOf = (loads, xM, pressing, upLabel) => {
  const turnings = loads.forces
    .filter((force) => force.xM < xM - 1e-9)
    .map((force) => ({
      label: upLabel(force.xM),
      forceN: force.upN,
      armM: xM - force.xM,
      sign: 1,
    }));
  let restN = 0;
  let restNm = 0;
  loads.spreads.forEach(({ fromM, toM, downN }, i) => {
    const end = Math.min(toM, xM);
    if (end < fromM || (end === fromM && toM > fromM)) return;
    const share = toM > fromM ? (end - fromM) / (toM - fromM) : 1;
    const armM = xM - (fromM + end) / 2;
    const part = pressing[i];
    if (isItem(part))
      turnings.push({
        label: 'item-presses',
        name: part.name,
        forceN: downN * share,
        armM,
        sign: -1,
      });
    else {
      restN += downN * share;
      restNm += downN * share * armM;
    }
  });
  if (restN > 0)
    turnings.push({
      label: 'frame-and-deck-press',
      forceN: restN,
      armM: restNm / restN,
      sign: -1,
    });
  return turnings;
};
/** Turning about a place, of everything ahead of it: each force × its arm, then their sum. */
const momentWorking = (loads, xM, pressing, upLabel) => {
  const turnings = leftOf(loads, xM, pressing, upLabel);
  const lines = turnings.map(({ label, name, forceN, armM }) =>
    workedOut(label, times$1(quantity(forceN, 'force'), quantity(armM, 'arm')), 'moment', name),
  );
  const couples = loads.couples.filter((couple) => couple.xM < xM + 1e-9);
  const coupleLines = couples.map(({ momentNm }) => given('bracket-couple', momentNm, 'moment'));
  const sum = [
    ...turnings.map(({ forceN, armM, sign }) => ({
      value: forceN * armM,
      sign,
    })),
    ...couples.map(({ momentNm }) => ({
      value: Math.abs(momentNm),
      sign: momentNm < 0 ? -1 : 1,
    })),
  ].reduce(
    (left, { value, sign }) => {
      const term = quantity(value, 'moment');
      if (left === void 0) return sign === 1 ? term : minus(quantity(0, 'moment'), term);
      return sign === 1 ? plus(left, term) : minus(left, term);
    },
    void 0,
  );
  return sum === void 0 ? [] : [...lines, ...coupleLines, workedOut('moment-standing', sum, 'moment')];
};
const shareLines = (work, sharing, startValue, kind) => {
  const lines = [];
  let value = startValue;
  const step = (label, expression) => {
    const line = workedOut(label, expression, kind);
    lines.push(line);
    value = line.result.value;
  };
  step('moment-in-bump', times$1(quantity(value, kind), quantity(work.factor, 'number')));
  if (sharing.kind === 'one-side')
    step('one-side-takes', times$1(quantity(value, kind), quantity(work.share, 'percent')));
  if (sharing.kind === 'leg' && (sharing.legs ?? 1) > 1) {
    step('each-leg-takes', over(quantity(value, kind), quantity(sharing.legs ?? 1, 'number')));
    step('slanted-leg', over(quantity(value, kind), quantity(Math.cos(sharing.legAngleRad ?? 0), 'number')));
  }
  return {
    lines,
    value,
  };
};
/** From the loads on the beam to the share of the allowable that the metal works at. */
const memberWorking = (work, loads, pressing, sharing, upLabel) => {
  const bending = work.mode === 'bending';
  const kind = bending ? 'moment' : 'force';
  const start = bending
    ? momentWorking(loads, work.placeM, pressing, upLabel)
    : [given('shear-feels', Math.abs(work.standing), 'force')];
  const { lines, value } = shareLines(work, sharing, Math.abs(work.standing), kind);
  const stress = workedOut(
    'metal-feels',
    over(quantity(value, kind), quantity(work.resists, bending ? 'modulus' : 'area')),
    'stress',
  );
  const { allowable } = work;
  const allowedAlone = over(quantity(allowable.strengthPa, 'stress'), quantity(allowable.factor, 'number'));
  const allowed = workedOut(
    'allowed',
    work.shapeShare === 1 ? allowedAlone : times$1(allowedAlone, quantity(work.shapeShare, 'number')),
    'stress',
  );
  return [
    ...start,
    ...lines,
    stress,
    allowed,
    concluding(
      workedOut(
        'works-at',
        over(quantity(stress.result.value, 'stress'), quantity(allowed.result.value, 'stress')),
        'percent',
      ),
    ),
  ];
};
// core/src/strength/by-hand/leverage.ts
/** One inch, the step that people think in. */
const STEP_M = inches(1);
const deeper = (shape) => {
  switch (shape.kind) {
    case 'rect-tube':
    case 'flat-bar':
      return {
        ...shape,
        heightM: shape.heightM + STEP_M,
      };
    case 'channel':
    case 'bent-channel':
      return {
        ...shape,
        depthM: shape.depthM + STEP_M,
      };
    case 'angle':
      return {
        ...shape,
        verticalLegM: shape.verticalLegM + STEP_M,
      };
    case 'round-tube':
      return {
        ...shape,
        diameterM: shape.diameterM + STEP_M,
      };
  }
};
/** From the hand check of the case that bends the tongue most: M changes by V for each length that the place moves, σ by S. */
const tongueLeverage = (checks) => {
  const worst = checks.reduce(
    (most, next) => ((next.tongue?.utilisation ?? 0) > (most?.tongue?.utilisation ?? 0) ? next : most),
    void 0,
  );
  if (!worst?.tongue || worst.tongue.mode !== 'bending') return void 0;
  const { placeM, member } = worst.tongue;
  const momentNm = momentAtPlace(worst.beam.pieces, placeM);
  if (momentNm === 0) return void 0;
  const shearN = shearBefore(worst.beam.pieces, placeM);
  const shape = deeper(member.section.shape);
  const bigger =
    shape &&
    barProperties({
      ...member.section,
      shape,
    });
  return {
    caseId: worst.caseId,
    placeM,
    momentNm: momentNm * worst.factor,
    perInchCloser: (shearN * STEP_M) / momentNm,
    perInchDeeper: bigger ? 1 - member.bar.sMinM3 / bigger.sMinM3 : void 0,
    stepM: STEP_M,
  };
};
// core/src/strength/by-hand/findings.ts
const worstOf = (checks, pick) => {
  let worst;
  for (const check of checks)
    for (const work of pick(check))
      if (work && (!worst || work.utilisation > worst.work.utilisation))
        worst = {
          check,
          work,
        };
  return worst;
};
const workData = ({ work }) => ({
  memberId: work.member.id,
  mode: work.mode,
  placeM: work.placeM,
  factor: work.factor,
  weldAt: work.allowable.welded ? work.zone?.at : void 0,
});
const workFinding = ({ check, work }) => ({
  step: 'strength',
  subject: work.member.id,
  caseId: check.caseId,
  utilisation: work.utilisation,
  value: quantity(work.stressPa, 'stress'),
  limit: quantity(work.allowable.stressPa * work.shapeShare, 'stress'),
});
const beamWorking = ({ check, work }, sharing) =>
  memberWorking(work, check.beam.loads, check.beam.pressing, sharing, (xM) =>
    xM === check.beam.aheadXM ? 'ball-lifts' : 'hanger-lifts',
  );
const railsAndTongue = (chassis, checks) => {
  const rails = worstOf(checks, (check) => check.rails);
  const tongue = worstOf(checks, (check) => [check.tongue]);
  const leg = {
    kind: 'leg',
    legs: chassis.tongue?.legs ?? 1,
    legAngleRad: chassis.tongue?.legAngleRad ?? 0,
  };
  return [
    ...(rails
      ? [
          checkShare({
            rule: RULES.rails,
            data: workData(rails),
            ...workFinding(rails),
            working: beamWorking(rails, { kind: 'one-side' }),
          }),
        ]
      : []),
    ...(tongue
      ? [
          checkShare({
            rule: RULES.tongue,
            data: workData(tongue),
            ...workFinding(tongue),
            working: beamWorking(tongue, leg),
          }),
        ]
      : []),
  ];
};
/** Cross-members that work harder than this get a finding each; the others are summed up in one. */
const NAMED_FROM = 0.7;
const crossFindings = (checks) => {
  const worst = [...new Set(checks.flatMap((check) => check.cross.map(({ work }) => work.member.id)))].flatMap((id) => {
    const found = worstOf(checks, (check) =>
      check.cross.filter(({ work }) => work.member.id === id).map(({ work }) => work),
    );
    return found ? [found] : [];
  });
  const named = worst.filter(({ work }) => work.utilisation >= NAMED_FROM);
  const rest = worst.filter(({ work }) => work.utilisation < NAMED_FROM);
  const restUtilisations = rest.map(({ work }) => work.utilisation);
  const hardestRest = rest.reduce(
    (best, next) => (!best || next.work.utilisation > best.work.utilisation ? next : best),
    void 0,
  );
  const withWorking = (found) => {
    const beam = found.check.cross.find(({ work }) => work === found.work)?.beam;
    return {
      ...workFinding(found),
      working: beam
        ? memberWorking(found.work, beam.loads, beam.pressing, { kind: 'alone' }, (yM) =>
            yM === beam.loads.forces[0]?.xM ? 'hanger-lifts' : 'tongue-bears',
          )
        : [],
      tongueUpN: beam?.tongueUpN ?? 0,
    };
  };
  return [
    ...named.map((found) => {
      const { tongueUpN, ...worked } = withWorking(found);
      return checkShare({
        rule: RULES['cross-member'],
        data: {
          ...workData(found),
          tongueUpN,
        },
        ...worked,
      });
    }),
    ...(hardestRest
      ? [
          (() => {
            const { tongueUpN: _none, ...worked } = withWorking(hardestRest);
            return checkShare({
              rule: RULES['cross-members-rest'],
              data: {
                count: rest.length,
                least: Math.min(...restUtilisations),
                most: Math.max(...restUtilisations),
              },
              ...worked,
            });
          })(),
        ]
      : []),
  ];
};
const deflectionFindings$1 = (checks) =>
  ['rails', 'rear-overhang', 'tongue-tip', 'cross-member'].flatMap((what) => {
    let worst;
    for (const check of checks)
      for (const deflection of check.deflections) {
        const utilisation = (deflection.byM * deflection.divisor) / deflection.lengthM;
        if (deflection.what === what && (!worst || utilisation > worst.utilisation))
          worst = {
            check,
            deflection,
            utilisation,
          };
      }
    if (!worst) return [];
    const { check, deflection, utilisation } = worst;
    const allowedM = deflection.lengthM / deflection.divisor;
    return [
      checkShare({
        rule: RULES.deflection,
        data: deflection,
        step: 'strength',
        subject: deflection.memberId,
        caseId: check.caseId,
        aspect: what,
        utilisation,
        value: quantity(deflection.byM, 'length'),
        limit: quantity(allowedM, 'length'),
        working: [
          workedOut(
            'allowed-bend',
            over(quantity(deflection.lengthM, 'length'), quantity(deflection.divisor, 'number')),
            'length',
          ),
          concluding(
            workedOut('works-at', over(quantity(deflection.byM, 'length'), quantity(allowedM, 'length')), 'percent'),
          ),
        ],
      }),
    ];
  });
const hardestByMember = (checks) => {
  const hardest = /* @__PURE__ */ new Map();
  for (const check of checks) {
    const works = [...check.rails, ...(check.tongue ? [check.tongue] : []), ...check.cross.map(({ work }) => work)];
    for (const { member, utilisation } of works) {
      const known = hardest.get(member.id);
      if (!known || utilisation > known.utilisation)
        hardest.set(member.id, {
          memberId: member.id,
          caseId: check.caseId,
          utilisation,
        });
    }
  }
  return [...hardest.values()];
};
const plain$1 = {
  step: 'strength',
  subject: 'trailer',
  counts: true,
  working: [],
};
/** The hand check of every case, what it finds, and what it leaves out. */
const handCheck = (trailer, chassis, cases) => {
  const checks = cases.flatMap((balanced) => {
    const check = checkCase(trailer, chassis, balanced);
    return check ? [check] : [];
  });
  if (checks.length === 0)
    return {
      checks,
      members: [],
      findings: [
        finding({
          ...plain$1,
          rule: RULES['strength-not-possible'],
          data: {},
          verdict: 'open',
        }),
      ],
    };
  const findings = [...railsAndTongue(chassis, checks), ...crossFindings(checks), ...deflectionFindings$1(checks)];
  const leverage = tongueLeverage(checks);
  if (leverage) {
    const { caseId, ...data } = leverage;
    findings.push(
      finding({
        ...plain$1,
        subject: 'tongue',
        rule: RULES['tongue-leverage'],
        data,
        caseId,
        counts: false,
        verdict: 'ok',
      }),
    );
  }
  if (checks.some(({ beam }) => beam.suspension.kind === 'unknown'))
    findings.push(
      finding({
        ...plain$1,
        rule: RULES['support-assumed'],
        data: {},
        verdict: 'unchecked',
      }),
    );
  if (chassis.tongue && chassis.tongue.rearOn === 'header')
    findings.push(
      finding({
        ...plain$1,
        subject: 'header.front',
        rule: RULES['tongue-root'],
        data: { rearOn: chassis.tongue.rearOn },
        verdict: 'unchecked',
      }),
    );
  findings.push(
    finding({
      ...plain$1,
      rule: RULES['not-in-hand-check'],
      data: {},
      verdict: 'unchecked',
    }),
  );
  return {
    checks,
    members: hardestByMember(checks),
    findings,
  };
};
// core/src/frame-analysis/frame.ts
/** Movements of a member's end along and about its local axes. */
const FREEDOMS = ['ux', 'uy', 'uz', 'rx', 'ry', 'rz'];
// core/src/frame-analysis/vectors.ts
const dot = (a, b) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const cross = (a, b) => [a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]];
const add = (a, b) => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
const subtract = (a, b) => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
const scale = (a, factor) => [a[0] * factor, a[1] * factor, a[2] * factor];
const length = (a) => Math.hypot(a[0], a[1], a[2]);
const isFinite3 = (a) => a.every((value) => Number.isFinite(value));
// core/src/frame-analysis/memberAxes.ts
/** A member this near to upright takes global X as its `up` where none is given: |x·Z| above this. */
const UPRIGHT = 0.999;
/** An `up` within this sine of the member's own line gives no direction. */
const ALONG = 1e-9;
const ZERO = [0, 0, 0];
const memberAxes = (member, from, to) => {
  const start = add(from, member.offsetFrom ?? ZERO);
  const end = add(to, member.offsetTo ?? ZERO);
  const along = subtract(end, start);
  const lengthM = length(along);
  if (!Number.isFinite(lengthM))
    return fail({
      code: 'not-finite',
      of: member.id,
    });
  if (!(lengthM > 0))
    return fail({
      code: 'no-length',
      member: member.id,
    });
  const x = scale(along, 1 / lengthM);
  const up = member.up ?? (Math.abs(x[2]) > UPRIGHT ? [1, 0, 0] : [0, 0, 1]);
  const square = subtract(up, scale(x, dot(up, x)));
  const size = length(square);
  if (!(size > ALONG * length(up)))
    return fail({
      code: 'up-along-member',
      member: member.id,
    });
  const z = scale(square, 1 / size);
  return ok({
    start,
    end,
    lengthM,
    rows: [x, cross(z, x), z],
  });
};
/** A global vector in the member's own axes. */
const toLocal = ({ rows }, global) => [dot(rows[0], global), dot(rows[1], global), dot(rows[2], global)];
/** Ratio of shear to bending flexibility, 12·E·I ÷ (G·A_s·L²); 0 without shear deformation. */
const shearRatio = (bendingNm2, shearPa, shearAreaM2, lengthM) =>
  shearAreaM2 === void 0 ? 0 : (12 * bendingNm2) / (shearPa * shearAreaM2 * lengthM * lengthM);
const shearRatios = (member, lengthM) => ({
  y: shearRatio(member.elasticPa * member.izM4, member.shearPa, member.shearAreaYM2, lengthM),
  z: shearRatio(member.elasticPa * member.iyM4, member.shearPa, member.shearAreaZM2, lengthM),
});
/**
 * 12 × 12 stiffness of a straight prismatic member in its local axes, row by row, N/m, N and N·m.
 * Source: slope-deflection equations with shear, as in Przemieniecki, Theory of Matrix Structural Analysis, eq. 5.116 (recalled).
 */
const beamStiffness = (member, lengthM) => {
  const k = /* @__PURE__ */ new Float64Array(144);
  const set = (row, column, value) => {
    k[row * 12 + column] = value;
    k[column * 12 + row] = value;
  };
  const l = lengthM;
  const axial = (member.elasticPa * member.areaM2) / l;
  set(0, 0, axial);
  set(6, 6, axial);
  set(0, 6, -axial);
  const twist = (member.shearPa * member.torsionM4) / l;
  set(3, 3, twist);
  set(9, 9, twist);
  set(3, 9, -twist);
  const ratios = shearRatios(member, l);
  const plane = (shift, turn, bending, ratio, sign) => {
    const ei = bending / (1 + ratio);
    const shear = (12 * ei) / l ** 3;
    const mixed = (sign * 6 * ei) / l ** 2;
    const near = ((4 + ratio) * ei) / l;
    const far = ((2 - ratio) * ei) / l;
    const [a, b, c, d] = [shift, turn, shift + 6, turn + 6];
    set(a, a, shear);
    set(c, c, shear);
    set(a, c, -shear);
    set(a, b, mixed);
    set(a, d, mixed);
    set(c, b, -mixed);
    set(c, d, -mixed);
    set(b, b, near);
    set(d, d, near);
    set(b, d, far);
  };
  plane(1, 5, member.elasticPa * member.izM4, ratios.y, 1);
  plane(2, 4, member.elasticPa * member.iyM4, ratios.z, -1);
  return k;
};
/** Adds weight × the member's shape functions at x to `into`: the nodal forces that do the same work as `force` at x (local axes). */
const addShapeFunctions = (into, x, lengthM, ratios, force, weight) => {
  const s = x / lengthM;
  const add = (index, value) => {
    into[index] = into[index] + weight * value;
  };
  add(0, force[0] * (1 - s));
  add(6, force[0] * s);
  const plane = (shift, turn, value, ratio, sign) => {
    const f = value / (1 + ratio);
    add(shift, f * (1 - 3 * s * s + 2 * s ** 3 + ratio * (1 - s)));
    add(shift + 6, f * (3 * s * s - 2 * s ** 3 + ratio * s));
    add(turn, sign * f * lengthM * (s - 2 * s * s + s ** 3 + (ratio / 2) * (s - s * s)));
    add(turn + 6, sign * f * lengthM * (s ** 3 - s * s + (ratio / 2) * (s * s - s)));
  };
  plane(1, 5, force[1], ratios.y, 1);
  plane(2, 4, force[2], ratios.z, -1);
};
/** Gauss-Legendre, three points: exact to degree five; a load even along its stretch times cubic shapes is of degree four. */
const GAUSS = [
  {
    at: -Math.sqrt(0.6),
    weight: 5 / 9,
  },
  {
    at: 0,
    weight: 8 / 9,
  },
  {
    at: Math.sqrt(0.6),
    weight: 5 / 9,
  },
];
/** Equivalent end forces of a point load (local axes, N); fixed-end forces are their negative (Betti). Adds to `into`. */
const addPointLoad = (into, atM, forceN, lengthM, ratios) => addShapeFunctions(into, atM, lengthM, ratios, forceN, 1);
/** The same of a load that runs evenly from one intensity to another over part of the length. */
const addSpreadLoad = (into, fromM, toM, start, end, lengthM, ratios) => {
  const half = (toM - fromM) / 2;
  for (const { at, weight } of GAUSS) {
    const share = (1 + at) / 2;
    const force = [
      start[0] + (end[0] - start[0]) * share,
      start[1] + (end[1] - start[1]) * share,
      start[2] + (end[2] - start[2]) * share,
    ];
    addShapeFunctions(into, fromM + half * (1 + at), lengthM, ratios, force, weight * half);
  }
};
// core/src/frame-analysis/numbering.ts
/** Neighbours of each node, by the members between them. */
const neighbours = (count, pairs) => {
  const sets = Array.from({ length: count }, () => /* @__PURE__ */ new Set());
  for (const [a, b] of pairs) {
    if (a === b) continue;
    sets[a]?.add(b);
    sets[b]?.add(a);
  }
  return sets.map((set) => [...set]);
};
/** Nodes by their distance from a start, and the last of them. */
const levels = (graph, start, seen) => {
  const order = [start];
  const visited = /* @__PURE__ */ new Set([start]);
  for (let head = 0; head < order.length; head += 1)
    for (const next of graph[order[head]]) {
      if (visited.has(next) || seen[next]) continue;
      visited.add(next);
      order.push(next);
    }
  return order;
};
/**
 * Order of the nodes that keeps the matrix narrow: reverse Cuthill-McKee from an end of each part, the end found by walking to the
 * far side twice. Source: Cuthill & McKee 1969, George & Liu 1981 (recalled).
 */
const narrowOrder = (graph) => {
  const seen = new Uint8Array(graph.length);
  const degree = (node) => graph[node].length;
  const order = [];
  for (let first = 0; first < graph.length; first += 1) {
    if (seen[first]) continue;
    const far = levels(graph, first, seen).at(-1);
    const start = levels(graph, far, seen).at(-1);
    let head = order.length;
    order.push(start);
    seen[start] = 1;
    for (; head < order.length; head += 1) {
      const fresh = graph[order[head]].filter((next) => !seen[next]);
      fresh.sort((a, b) => degree(a) - degree(b) || a - b);
      for (const next of fresh) {
        seen[next] = 1;
        order.push(next);
      }
    }
  }
  return order.reverse();
};
// core/src/frame-analysis/releases.ts
/** A pivot below this share of the member's own stiffness there means that the member turns or slides by itself. */
const LOOSE = 1e-12;
const releasedIndices = (from, to) => [
  ...(from ?? []).map((freedom) => FREEDOMS.indexOf(freedom)),
  ...(to ?? []).map((freedom) => 6 + FREEDOMS.indexOf(freedom)),
];
/** Works the released movements out one by one (static condensation); or the one that has nothing to hold it. */
const condense = (full, released) => {
  if (released.length === 0)
    return {
      ok: true,
      value: {
        stiffness: full,
        steps: [],
      },
    };
  const k = full.slice();
  const steps = [];
  for (const index of new Set(released)) {
    const pivot = k[index * 12 + index];
    if (!(pivot > LOOSE * full[index * 12 + index]))
      return {
        ok: false,
        error: index,
      };
    const row = k.slice(index * 12, (index + 1) * 12);
    steps.push({
      index,
      row,
      pivot,
    });
    for (let i = 0; i < 12; i += 1) {
      const factor = row[i] / pivot;
      if (factor === 0) continue;
      for (let j = 0; j < 12; j += 1) k[i * 12 + j] = k[i * 12 + j] - factor * row[j];
    }
    for (let i = 0; i < 12; i += 1) {
      k[i * 12 + index] = 0;
      k[index * 12 + i] = 0;
    }
  }
  return {
    ok: true,
    value: {
      stiffness: k,
      steps,
    },
  };
};
/** Equivalent end forces with the released movements worked out, in place; returns what stood there at each step. */
const condenseLoads = (steps, loads) => {
  const held = new Float64Array(steps.length);
  steps.forEach(({ index, row, pivot }, step) => {
    const value = loads[index];
    held[step] = value;
    if (value === 0) return;
    for (let i = 0; i < 12; i += 1) loads[i] = loads[i] - (row[i] / pivot) * value;
    loads[index] = 0;
  });
  return held;
};
/** The member's own movement at its released ends, written into `ends` (local axes) in place of the node's. */
const recoverReleased = (steps, held, ends) => {
  for (let step = steps.length - 1; step >= 0; step -= 1) {
    const { index, row, pivot } = steps[step];
    let sum = held[step];
    for (let i = 0; i < 12; i += 1) if (i !== index) sum -= row[i] * ends[i];
    ends[index] = sum / pivot;
  }
};
// core/src/frame-analysis/skyline.ts
const emptySkyline = (first) => {
  const size = first.length;
  const origin = new Int32Array(size);
  let total = 0;
  for (let i = 0; i < size; i += 1) {
    origin[i] = total - first[i];
    total += i - first[i] + 1;
  }
  return {
    size,
    first,
    origin,
    values: new Float64Array(total),
  };
};
/** Below this share of its own diagonal a pivot is nothing but rounding: the movement there is free. */
const FREE_PIVOT = 1e-12;
/** No more free movements are looked for than this: a part loose in space has six. */
const MOST_FREE = 12;
const freeMovement = (lower, row) => {
  const { origin, first, values } = lower;
  const movement = new Float64Array(lower.size);
  movement[row] = 1;
  for (let j = first[row]; j < row; j += 1) movement[j] = -values[origin[row] + j];
  for (let i = row - 1; i >= 0; i -= 1) {
    const value = movement[i];
    if (value === 0) continue;
    for (let j = first[i]; j < i; j += 1) movement[j] = movement[j] - values[origin[i] + j] * value;
  }
  return movement;
};
/** L·D·Lᵀ in place of the matrix; a free movement is noted, held, and the work goes on, so that all of them are found. */
const factorise = (matrix) => {
  const { size, first, origin, values } = matrix;
  const pivots = new Float64Array(size);
  const freeMovements = [];
  for (let i = 0; i < size; i += 1) {
    const oi = origin[i];
    const fi = first[i];
    for (let j = fi; j < i; j += 1) {
      const oj = origin[j];
      let sum = values[oi + j];
      for (let k = Math.max(fi, first[j]); k < j; k += 1) sum -= values[oi + k] * values[oj + k];
      values[oi + j] = sum;
    }
    const own = values[oi + i];
    let pivot = own;
    for (let j = fi; j < i; j += 1) {
      const g = values[oi + j];
      const l = g / pivots[j];
      values[oi + j] = l;
      pivot -= g * l;
    }
    if (!(pivot > FREE_PIVOT * own)) {
      if (freeMovements.length < MOST_FREE) freeMovements.push(freeMovement(matrix, i));
      pivot = own > 0 ? own : 1;
    }
    pivots[i] = pivot;
  }
  return {
    lower: matrix,
    pivots,
    freeMovements,
  };
};
/** Solves in place. */
const backSolve = ({ lower, pivots }, right) => {
  const { size, first, origin, values } = lower;
  for (let i = 0; i < size; i += 1) {
    const oi = origin[i];
    let sum = right[i];
    for (let j = first[i]; j < i; j += 1) sum -= values[oi + j] * right[j];
    right[i] = sum;
  }
  for (let i = 0; i < size; i += 1) right[i] = right[i] / pivots[i];
  for (let i = size - 1; i > 0; i -= 1) {
    const oi = origin[i];
    const value = right[i];
    if (value === 0) continue;
    for (let j = first[i]; j < i; j += 1) right[j] = right[j] - values[oi + j] * value;
  }
};
/** Largest column sum of |S·A·S| with S = diag(A)^−½: the matrix with its units taken out. Call before `factorise`. */
const scaledNorm = ({ size, first, origin, values }, scale) => {
  const sums = new Float64Array(size);
  for (let i = 0; i < size; i += 1) {
    const oi = origin[i];
    for (let j = first[i]; j <= i; j += 1) {
      const value = Math.abs(values[oi + j] * scale[i] * scale[j]);
      sums[i] = sums[i] + value;
      if (j < i) sums[j] = sums[j] + value;
    }
  }
  return sums.reduce((most, sum) => Math.max(most, sum), 0);
};
/**
 * Condition of the scaled matrix in the 1-norm, estimated from a few solutions. Source: Hager 1984, Higham 1988 (recalled);
 * a lower bound, in practice of the right size.
 */
const conditionEstimate = (factorisation, norm, scale) => {
  const { size } = factorisation.lower;
  if (size === 0) return 1;
  const solveScaled = (vector) => {
    const right = vector.map((value, i) => value / scale[i]);
    backSolve(factorisation, right);
    return right.map((value, i) => value / scale[i]);
  };
  let vector = new Float64Array(size).fill(1 / size);
  let estimate = 0;
  for (let round = 0; round < 5; round += 1) {
    const solved = solveScaled(vector);
    const sum = solved.reduce((total, value) => total + Math.abs(value), 0);
    if (sum <= estimate) break;
    estimate = sum;
    const slope = solveScaled(solved.map((value) => (value >= 0 ? 1 : -1)));
    let steepest = 0;
    slope.forEach((value, i) => {
      if (Math.abs(value) > Math.abs(slope[steepest])) steepest = i;
    });
    vector = new Float64Array(size);
    vector[steepest] = 1;
  }
  const second = solveScaled(
    Float64Array.from({ length: size }, (_, i) => (i % 2 === 0 ? 1 : -1) * (1 + i / Math.max(1, size - 1))),
  ).reduce((total, value) => total + Math.abs(value), 0);
  return Math.max(estimate, (2 * second) / (3 * size)) * norm;
};
// core/src/frame-analysis/prepare.ts
const PROPERTIES = ['areaM2', 'iyM4', 'izM4', 'torsionM4', 'elasticPa', 'shearPa'];
const SHEAR_AREAS = ['shearAreaYM2', 'shearAreaZM2'];
const propertyProblems = (member) => {
  const wrong = (field, value) =>
    value > 0 && Number.isFinite(value)
      ? []
      : [
          {
            code: 'not-positive',
            member: member.id,
            field,
          },
        ];
  return [
    ...PROPERTIES.flatMap((field) => wrong(field, member[field])),
    ...SHEAR_AREAS.flatMap((field) => {
      const value = member[field];
      return value === void 0 ? [] : wrong(field, value);
    }),
  ];
};
const indexById = (entries, code, problems) => {
  const index = /* @__PURE__ */ new Map();
  entries.forEach(({ id }, i) => {
    if (index.has(id))
      problems.push({
        code,
        id,
      });
    index.set(id, i);
  });
  return index;
};
const transformOf = (member, { rows }) => {
  const t = /* @__PURE__ */ new Float64Array(144);
  [member.offsetFrom ?? [0, 0, 0], member.offsetTo ?? [0, 0, 0]].forEach((arm, end) => {
    rows.forEach((row, i) => {
      const shift = end * 6 + i;
      const turn = shift + 3;
      const lever = cross(arm, row);
      for (let j = 0; j < 3; j += 1) {
        t[shift * 12 + end * 6 + j] = row[j];
        t[shift * 12 + end * 6 + 3 + j] = lever[j];
        t[turn * 12 + end * 6 + 3 + j] = row[j];
      }
    });
  });
  return t;
};
/** a·b of two 12 × 12 matrices. */
const product = (a, b) => {
  const result = /* @__PURE__ */ new Float64Array(144);
  for (let i = 0; i < 12; i += 1)
    for (let m = 0; m < 12; m += 1) {
      const value = a[i * 12 + m];
      if (value === 0) continue;
      for (let j = 0; j < 12; j += 1) result[i * 12 + j] = result[i * 12 + j] + value * b[m * 12 + j];
    }
  return result;
};
/** aᵀ·b of two 12 × 12 matrices. */
const transposedProduct = (a, b) => {
  const result = /* @__PURE__ */ new Float64Array(144);
  for (let m = 0; m < 12; m += 1)
    for (let i = 0; i < 12; i += 1) {
      const value = a[m * 12 + i];
      if (value === 0) continue;
      for (let j = 0; j < 12; j += 1) result[i * 12 + j] = result[i * 12 + j] + value * b[m * 12 + j];
    }
  return result;
};
const prepareMember = (model, member, nodeIndex) => {
  const problems = propertyProblems(member);
  const from = nodeIndex.get(member.from);
  const to = nodeIndex.get(member.to);
  if (from === void 0)
    problems.push({
      code: 'unknown-node',
      by: member.id,
      node: member.from,
    });
  if (to === void 0)
    problems.push({
      code: 'unknown-node',
      by: member.id,
      node: member.to,
    });
  if (problems.length > 0 || from === void 0 || to === void 0) return fail(problems);
  const place = (index) => model.nodes[index].at;
  const axes = memberAxes(member, place(from), place(to));
  if (!axes.ok) return fail([axes.error]);
  const full = beamStiffness(member, axes.value.lengthM);
  const condensed = condense(full, releasedIndices(member.releaseFrom, member.releaseTo));
  if (!condensed.ok)
    return fail([
      {
        code: 'loose-member',
        member: member.id,
        freedom: FREEDOMS[condensed.error % 6] ?? 'rx',
      },
    ]);
  const transform = transformOf(member, axes.value);
  return ok({
    member,
    from,
    to,
    axes: axes.value,
    ratios: shearRatios(member, axes.value.lengthM),
    condensed: condensed.value,
    transform,
    forcesPerMovement: product(condensed.value.stiffness, transform),
  });
};
/** A direction this near to the ones already held adds nothing, as a sine. */
const SAME_DIRECTION = 1e-9;
const AXES = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
];
/** Orthonormal directions, the held ones first; axes of space where that is possible, so that plain supports stay exact. */
const directionsFrom = (held) => {
  const all = [];
  const take = (candidate) => {
    const rest = all.reduce((vector, own) => subtract(vector, scale(own, dot(own, vector))), candidate);
    const size = length(rest);
    if (size > SAME_DIRECTION) all.push(scale(rest, 1 / size));
  };
  for (const direction of held) take(scale(direction, 1 / length(direction)));
  const heldCount = all.length;
  const byFit = [...AXES].sort(
    (a, b) => all.reduce((sum, own) => sum + dot(own, a) ** 2, 0) - all.reduce((sum, own) => sum + dot(own, b) ** 2, 0),
  );
  for (const axis of byFit) if (all.length < 3) take(axis);
  return {
    all,
    heldCount,
  };
};
const prepareNodes = (model, nodeIndex, problems) => {
  const restraints = model.nodes.map(() => []);
  const supported = model.nodes.map(() => false);
  for (const support of model.supports) {
    const index = nodeIndex.get(support.node);
    if (index === void 0) {
      problems.push({
        code: 'unknown-node',
        by: 'support',
        node: support.node,
      });
      continue;
    }
    supported[index] = true;
    for (const restraint of support.restraints)
      if (!isFinite3(restraint.direction) || length(restraint.direction) === 0)
        problems.push({
          code: 'no-direction',
          node: support.node,
        });
      else if (restraint.stiffness !== 'fixed' && !(restraint.stiffness >= 0 && Number.isFinite(restraint.stiffness)))
        problems.push({
          code: 'negative-spring',
          node: support.node,
        });
      else restraints[index]?.push(restraint);
  }
  return restraints.map((own, i) => {
    const held = (kind) =>
      own.filter((r) => r.kind === kind && r.stiffness === 'fixed').map(({ direction }) => direction);
    const shift = directionsFrom(held('translation'));
    const turn = directionsFrom(held('rotation'));
    return {
      directions: [...shift.all, ...turn.all],
      held: [0, 1, 2].map((j) => j < shift.heldCount).concat([0, 1, 2].map((j) => j < turn.heldCount)),
      springs: own.filter(({ stiffness }) => stiffness !== 'fixed' && stiffness > 0),
      supported: supported[i],
    };
  });
};
const validate = (model) => {
  const problems = [];
  if (model.members.length === 0) problems.push({ code: 'no-members' });
  if (!model.supports.some(({ restraints }) => restraints.length > 0)) problems.push({ code: 'no-supports' });
  const nodeIndex = indexById(model.nodes, 'duplicate-node', problems);
  const memberIndex = indexById(model.members, 'duplicate-member', problems);
  for (const { id, at } of model.nodes)
    if (!isFinite3(at))
      problems.push({
        code: 'not-finite',
        of: id,
      });
  const members = [];
  for (const member of model.members) {
    const prepared = prepareMember(model, member, nodeIndex);
    if (prepared.ok) members.push(prepared.value);
    else problems.push(...prepared.error);
  }
  return problems.length > 0
    ? fail(problems)
    : ok({
        nodeIndex,
        memberIndex,
        members,
      });
};
/** Member stiffness in its nodes' global movements, Tᵀ·k·T; turned into their own directions where a node has others. */
const stiffnessInNodes = ({ transform, forcesPerMovement, from, to }, nodes) => {
  const global = transposedProduct(transform, forcesPerMovement);
  const turned = /* @__PURE__ */ new Float64Array(144);
  [from, to].forEach((node, end) => {
    nodes[node].directions.forEach((direction, d) => {
      const block = end * 6 + (d < 3 ? 0 : 3);
      for (let j = 0; j < 3; j += 1) turned[(block + j) * 12 + end * 6 + d] = direction[j];
    });
  });
  return nodes[from].plain && nodes[to].plain ? global : transposedProduct(turned, product(global, turned));
};
const springBlock = (springs, directions) => {
  const block = /* @__PURE__ */ new Float64Array(36);
  for (const { kind, direction, stiffness } of springs) {
    if (stiffness === 'fixed') continue;
    const unit = scale(direction, 1 / length(direction));
    const base = kind === 'translation' ? 0 : 3;
    for (let i = 0; i < 3; i += 1)
      for (let j = 0; j < 3; j += 1) {
        const value = stiffness * dot(unit, directions[base + i]) * dot(unit, directions[base + j]);
        const at = (base + i) * 6 + base + j;
        block[at] = block[at] + value;
      }
  }
  return block;
};
/** Share of the largest movement below which a node does not count as moving. */
const MOVES$1 = 1e-6;
const movementsOf = (vector, model, nodes, spanM) => {
  const global = nodes.map(({ directions, equations }) => {
    const movement = /* @__PURE__ */ new Float64Array(6);
    directions.forEach((direction, d) => {
      const equation = equations[d];
      if (equation < 0) return;
      for (let j = 0; j < 3; j += 1) {
        const at = (d < 3 ? 0 : 3) + j;
        movement[at] = movement[at] + vector[equation] * direction[j];
      }
    });
    return movement;
  });
  const size = (value, freedom) => Math.abs(value) * (freedom < 3 ? 1 : spanM);
  const most = global.reduce((all, movement) => movement.reduce((m, v, i) => Math.max(m, size(v, i)), all), 0);
  return global.flatMap((movement, i) => {
    const freedoms = FREEDOMS.filter((_, j) => size(movement[j], j) > MOVES$1 * most);
    return freedoms.length > 0
      ? [
          {
            node: model.nodes[i].id,
            freedoms,
          },
        ]
      : [];
  });
};
const spanOf = (model) => {
  const sizes = [0, 1, 2].map((axis) => {
    const values = model.nodes.map(({ at }) => at[axis]);
    return Math.max(...values) - Math.min(...values);
  });
  return Math.max(...sizes, Number.MIN_VALUE);
};
/** Checks the frame, numbers it, builds its matrix and factorises it; or everything that is wrong, with the place. */
const prepareFrame = (model) => {
  const valid = validate(model);
  if (!valid.ok) return valid;
  const { nodeIndex, memberIndex, members } = valid.value;
  const problems = [];
  const plain = prepareNodes(model, nodeIndex, problems);
  if (problems.length > 0) return fail(problems);
  const graph = neighbours(
    model.nodes.length,
    members.map(({ from, to }) => [from, to]),
  );
  const nodes = plain.map(({ directions, springs, supported }) => ({
    directions,
    equations: /* @__PURE__ */ new Int32Array(6).fill(-1),
    springs,
    supported,
    plain: directions.every((direction, d) => direction[d % 3] === 1),
  }));
  let count = 0;
  for (const node of narrowOrder(graph))
    plain[node]?.held.forEach((fixed, d) => {
      if (fixed) return;
      nodes[node].equations[d] = count;
      count += 1;
    });
  const spanM = spanOf(model);
  const factorised = assemble(members, nodes, count);
  const free = factorised.factorisation.freeMovements;
  if (free.length > 0)
    return fail([
      {
        code: 'mechanism',
        movements: free.map((vector) => movementsOf(vector, model, nodes, spanM)),
      },
    ]);
  return ok({
    model,
    nodeIndex,
    memberIndex,
    members,
    nodes,
    spanM,
    ...factorised,
  });
};
const assemble = (members, nodes, count) => {
  const first = Int32Array.from({ length: count }, (_, i) => i);
  const equationsOf = ({ from, to }) => [...nodes[from].equations, ...nodes[to].equations];
  const reach = (equations) => {
    let least = count;
    for (let i = 0; i < equations.length; i += 1) {
      const equation = equations[i];
      if (equation >= 0) least = Math.min(least, equation);
    }
    for (let i = 0; i < equations.length; i += 1) {
      const equation = equations[i];
      if (equation >= 0) first[equation] = Math.min(first[equation], least);
    }
  };
  for (const member of members) reach(equationsOf(member));
  for (const { equations } of nodes) reach(equations);
  const matrix = emptySkyline(first);
  const add = (block, equations) => {
    const size = equations.length;
    for (let i = 0; i < size; i += 1) {
      const row = equations[i];
      if (row < 0) continue;
      for (let j = 0; j < size; j += 1) {
        const column = equations[j];
        if (column < 0 || column > row) continue;
        const at = matrix.origin[row] + column;
        matrix.values[at] = matrix.values[at] + block[i * size + j];
      }
    }
  };
  for (const member of members) add(stiffnessInNodes(member, nodes), equationsOf(member));
  for (const { springs, directions, equations } of nodes)
    if (springs.length > 0) add(springBlock(springs, directions), equations);
  const scaling = Float64Array.from({ length: count }, (_, i) => {
    const own = matrix.values[matrix.origin[i] + i];
    return own > 0 ? 1 / Math.sqrt(own) : 1;
  });
  const norm = scaledNorm(matrix, scaling);
  const factorisation = factorise(matrix);
  return {
    factorisation,
    condition:
      factorisation.freeMovements.length > 0
        ? Number.POSITIVE_INFINITY
        : conditionEstimate(factorisation, norm, scaling),
  };
};
// core/src/frame-analysis/solve.ts
const localise = (load, { axes, member }) => {
  const { lengthM } = axes;
  const turn = (vector) => (load.axes === 'local' ? vector : toLocal(axes, vector));
  const off = {
    code: 'load-off-member',
    member: member.id,
    lengthM,
  };
  const inside = (x) => x >= -1e-9 * lengthM && x <= lengthM * 1.000000001;
  const clamp = (x) => Math.min(lengthM, Math.max(0, x));
  if (load.kind === 'point') {
    if (!isFinite3(load.forceN) || !Number.isFinite(load.atM))
      return fail({
        code: 'not-finite',
        of: member.id,
      });
    return inside(load.atM)
      ? ok({
          kind: 'point',
          atM: clamp(load.atM),
          forceN: turn(load.forceN),
        })
      : fail(off);
  }
  if (![load.startNPerM, load.endNPerM].every(isFinite3) || !Number.isFinite(load.fromM + load.toM))
    return fail({
      code: 'not-finite',
      of: member.id,
    });
  if (!inside(load.fromM) || !inside(load.toM) || load.toM < load.fromM) return fail(off);
  return ok({
    kind: 'spread',
    fromM: clamp(load.fromM),
    toM: clamp(load.toM),
    startNPerM: turn(load.startNPerM),
    endNPerM: turn(load.endNPerM),
  });
};
const localLoadsOf = (frame, pattern) => {
  const loads = /* @__PURE__ */ new Map();
  const problems = [];
  for (const load of pattern.member) {
    const index = frame.memberIndex.get(load.member);
    if (index === void 0) {
      problems.push({
        code: 'unknown-member',
        member: load.member,
      });
      continue;
    }
    const local = localise(load, frame.members[index]);
    if (!local.ok) problems.push(local.error);
    else if (loads.has(index)) loads.get(index)?.push(local.value);
    else loads.set(index, [local.value]);
  }
  for (const { node, forceN, momentNm } of pattern.nodal) {
    if (!frame.nodeIndex.has(node))
      problems.push({
        code: 'unknown-node',
        by: 'load',
        node,
      });
    if (!isFinite3(forceN) || (momentNm && !isFinite3(momentNm)))
      problems.push({
        code: 'not-finite',
        of: node,
      });
  }
  return problems.length > 0 ? fail(problems) : ok(loads);
};
/** End forces that work as the member's loads do, local axes, 12; zero where it carries none. */
const equivalentLoads = (loads, { axes, ratios }) => {
  const equivalent = /* @__PURE__ */ new Float64Array(12);
  for (const load of loads)
    if (load.kind === 'point') addPointLoad(equivalent, load.atM, load.forceN, axes.lengthM, ratios);
    else addSpreadLoad(equivalent, load.fromM, load.toM, load.startNPerM, load.endNPerM, axes.lengthM, ratios);
  return equivalent;
};
/** Tᵀ·local, added to the two nodes' six rows each. */
const addToNodes = ({ transform, from, to }, local, into, sign) => {
  for (let j = 0; j < 12; j += 1) {
    let sum = 0;
    for (let i = 0; i < 12; i += 1) sum += transform[i * 12 + j] * local[i];
    const at = j < 6 ? from * 6 + j : to * 6 + j - 6;
    into[at] = into[at] + sign * sum;
  }
};
const toEquations = (nodes, loads, count) => {
  const right = new Float64Array(count);
  nodes.forEach(({ directions, equations }, node) => {
    directions.forEach((direction, d) => {
      const equation = equations[d];
      if (equation < 0) return;
      const base = node * 6 + (d < 3 ? 0 : 3);
      right[equation] = loads[base] * direction[0] + loads[base + 1] * direction[1] + loads[base + 2] * direction[2];
    });
  });
  return right;
};
const fromEquations = (nodes, solved) => {
  const global = new Float64Array(nodes.length * 6);
  nodes.forEach(({ directions, equations }, node) => {
    directions.forEach((direction, d) => {
      const equation = equations[d];
      if (equation < 0) return;
      const base = node * 6 + (d < 3 ? 0 : 3);
      for (let j = 0; j < 3; j += 1) global[base + j] = global[base + j] + solved[equation] * direction[j];
    });
  });
  return global;
};
/** Movement of a member's own ends, local axes, 12; a released end has its own, not its node's. */
const endMovements = (frame, memberIndex, { displacements, condensedLoads }) => {
  const { transform, from, to, condensed } = frame.members[memberIndex];
  const ends = /* @__PURE__ */ new Float64Array(12);
  for (let i = 0; i < 12; i += 1) {
    let sum = 0;
    for (let j = 0; j < 6; j += 1)
      sum +=
        transform[i * 12 + j] * displacements[from * 6 + j] + transform[i * 12 + 6 + j] * displacements[to * 6 + j];
    ends[i] = sum;
  }
  const { steps } = condensed;
  if (steps.length > 0)
    recoverReleased(steps, condensedLoads.get(memberIndex)?.held ?? new Float64Array(steps.length), ends);
  return ends;
};
/** f = k·T·u − the loads' own, local axes, into `into` from `at`. */
const memberForces = ({ forcesPerMovement, from, to }, displacements, loads, into, at) => {
  for (let i = 0; i < 12; i += 1) {
    let sum = loads ? -loads[i] : 0;
    const row = i * 12;
    for (let j = 0; j < 6; j += 1)
      sum +=
        forcesPerMovement[row + j] * displacements[from * 6 + j] +
        forcesPerMovement[row + 6 + j] * displacements[to * 6 + j];
    into[at + i] = sum;
  }
};
/** Sums of forces and moments about the origin, and the sizes of what was added; plain numbers, as this is done for every load. */
var Sums = class {
  totals = [0, 0, 0, 0, 0, 0];
  forceSize = 0;
  momentSize = 0;
  /** A force at a place, N and m. */
  force(x, y, z, fx, fy, fz) {
    this.forceSize += Math.sqrt(fx * fx + fy * fy + fz * fz);
    this.add(0, fx, fy, fz);
    this.moment(y * fz - z * fy, z * fx - x * fz, x * fy - y * fx);
  }
  moment(mx, my, mz) {
    this.momentSize += Math.sqrt(mx * mx + my * my + mz * mz);
    this.add(3, mx, my, mz);
  }
  /** Largest of the six sums ÷ the size of all that was added; moments ÷ the frame's size too. */
  relative(spanM) {
    const size = Math.max(this.forceSize, this.momentSize / spanM);
    if (size === 0) return 0;
    return this.totals.reduce((most, total, i) => Math.max(most, Math.abs(total) / (i < 3 ? 1 : spanM)), 0) / size;
  }
  add(at, a, b, c) {
    this.totals[at] = this.totals[at] + a;
    this.totals[at + 1] = this.totals[at + 1] + b;
    this.totals[at + 2] = this.totals[at + 2] + c;
  }
};
/** A force in the member's own axes at x along it, times a factor. */
const addLocal = (sums, { start, rows }, x, f, factor) => {
  const [ex, ey, ez] = rows;
  sums.force(
    start[0] + ex[0] * x,
    start[1] + ex[1] * x,
    start[2] + ex[2] * x,
    factor * (ex[0] * f[0] + ey[0] * f[1] + ez[0] * f[2]),
    factor * (ex[1] * f[0] + ey[1] * f[1] + ez[1] * f[2]),
    factor * (ex[2] * f[0] + ey[2] * f[1] + ez[2] * f[2]),
  );
};
const vectorAt = (values, at) => [values[at], values[at + 1], values[at + 2]];
/** Sums taken of the loads themselves, not of what was solved for: a check of everything between. */
const residualOf = (frame, pattern, localLoads, reactions) => {
  const sums = new Sums();
  const { nodes } = frame.model;
  for (const { node, forceN, momentNm } of pattern.nodal) {
    const { at } = nodes[frame.nodeIndex.get(node)];
    sums.force(...at, ...forceN);
    if (momentNm) sums.moment(...momentNm);
  }
  for (const [index, loads] of localLoads) {
    const { axes } = frame.members[index];
    for (const load of loads) {
      if (load.kind === 'point') {
        addLocal(sums, axes, load.atM, load.forceN, 1);
        continue;
      }
      const span = load.toM - load.fromM;
      addLocal(sums, axes, load.fromM + span / 3, load.startNPerM, span / 2);
      addLocal(sums, axes, load.toM - span / 3, load.endNPerM, span / 2);
    }
  }
  nodes.forEach(({ at }, i) => {
    if (!frame.nodes[i]?.supported) return;
    sums.force(...at, ...vectorAt(reactions, i * 6));
    sums.moment(...vectorAt(reactions, i * 6 + 3));
  });
  return sums.relative(frame.spanM);
};
/** Solves one pattern on a frame that is factorised already; or the loads that stand nowhere, with their place. */
const solvePattern = (frame, pattern) => {
  const found = localLoadsOf(frame, pattern);
  if (!found.ok) return found;
  const localLoads = found.value;
  const { nodes, members, factorisation } = frame;
  const applied = new Float64Array(nodes.length * 6);
  for (const { node, forceN, momentNm = [0, 0, 0] } of pattern.nodal) {
    const at = frame.nodeIndex.get(node) * 6;
    for (let j = 0; j < 3; j += 1) {
      applied[at + j] = applied[at + j] + forceN[j];
      applied[at + 3 + j] = applied[at + 3 + j] + momentNm[j];
    }
  }
  const reactions = new Float64Array(nodes.length * 6);
  for (let i = 0; i < applied.length; i += 1) reactions[i] = -applied[i];
  const condensed = /* @__PURE__ */ new Map();
  for (const [index, loads] of localLoads) {
    const member = members[index];
    const equivalent = equivalentLoads(loads, member);
    const held = condenseLoads(member.condensed.steps, equivalent);
    condensed.set(index, {
      loads: equivalent,
      held,
    });
    addToNodes(member, equivalent, applied, 1);
  }
  const right = toEquations(nodes, applied, factorisation.lower.size);
  backSolve(factorisation, right);
  const displacements = fromEquations(nodes, right);
  const endForces = new Float64Array(members.length * 12);
  for (let index = 0; index < members.length; index += 1) {
    const member = members[index];
    const at = index * 12;
    memberForces(member, displacements, condensed.get(index)?.loads, endForces, at);
    if (!nodes[member.from]?.supported && !nodes[member.to]?.supported) continue;
    addToNodes(member, endForces.subarray(at, at + 12), reactions, 1);
  }
  nodes.forEach(({ supported }, i) => {
    if (!supported) reactions.fill(0, i * 6, i * 6 + 6);
  });
  keepHeld(nodes, reactions);
  return ok({
    displacements,
    reactions,
    endForces,
    localLoads,
    condensedLoads: condensed,
    equilibriumResidual: residualOf(frame, pattern, localLoads, reactions),
  });
};
/** Rounding in the directions that a supported node is free in is no reaction. */
const keepHeld = (nodes, reactions) => {
  nodes.forEach(({ supported, directions, equations, springs }, i) => {
    if (!supported) return;
    for (const base of [0, 3]) {
      const kind = base === 0 ? 'translation' : 'rotation';
      if (springs.some((spring) => spring.kind === kind)) continue;
      const own = vectorAt(reactions, i * 6 + base);
      let kept = [0, 0, 0];
      for (let d = base; d < base + 3; d += 1) {
        if (equations[d] >= 0) continue;
        const direction = directions[d];
        kept = add(kept, scale(direction, own[0] * direction[0] + own[1] * direction[1] + own[2] * direction[2]));
      }
      reactions.set(kept, i * 6 + base);
    }
  });
};
// core/src/frame-analysis/polynomial.ts
const valueAt = (p, x) => {
  let value = 0;
  for (let i = p.length - 1; i >= 0; i -= 1) value = value * x + p[i];
  return value;
};
const derivative = (p) => Array.from({ length: Math.max(0, p.length - 1) }, (_, i) => (i + 1) * p[i + 1]);
/** Halvings after which nothing is left between two neighbours in floating point. */
const HALVINGS = 100;
/** The one place between a and b where p changes its sign, halved down to machine precision. */
const bisect = (p, a, b) => {
  let [low, high] = [a, b];
  const rising = valueAt(p, low) < 0;
  for (let i = 0; i < HALVINGS; i += 1) {
    const middle = (low + high) / 2;
    if (middle <= low || middle >= high) break;
    if (valueAt(p, middle) < 0 === rising) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
};
/** All places strictly between a and b where p changes its sign; between the turning points, found the same way, there is at most one each. */
const signChanges = (p, a, b) => {
  if (p.length < 2 || !(b > a)) return [];
  const stops = [a, ...signChanges(derivative(p), a, b), b];
  return stops.slice(1).flatMap((stop, i) => {
    const start = stops[i];
    const [left, right] = [valueAt(p, start), valueAt(p, stop)];
    return left * right < 0 ? [bisect(p, start, stop)] : [];
  });
};
// core/src/frame-analysis/diagrams.ts
/** Numbers per piece: the six inner forces at its start, the load's intensity there (x, y, z) and how it grows per metre. */
const ROW = 12;
/** Breaks nearer than this share of the length are one. */
const SAME_PLACE = 1e-9;
const breaksOf = (lengthM, loads) => {
  const places = [0, lengthM];
  for (const load of loads)
    if (load.kind === 'point') places.push(load.atM);
    else places.push(load.fromM, load.toM);
  places.sort((a, b) => a - b);
  const distinct = places.filter((x, i) => i === 0 || x - places[i - 1] > SAME_PLACE * lengthM);
  distinct[distinct.length - 1] = lengthM;
  return Float64Array.from(distinct);
};
/** Pieces that suit the loads of all these solutions, so that their inner forces can be added up piece by piece. */
const memberPieces = (frame, solutions) =>
  frame.members.map(({ axes }, index) => ({
    lengthM: axes.lengthM,
    breaksM: breaksOf(
      axes.lengthM,
      solutions.flatMap(({ localLoads }) => localLoads.get(index) ?? []),
    ),
  }));
/** Per piece, behind the six end forces: what steps at its start (x, y, z), the load's intensity there, its growth. */
const SHARE_ROW = 9;
const END_FORCES = 6;
/**
 * What one solution gives to a member, in the form that adds up: the forces at its first end, and per piece its loads. A member
 * without loads has the end forces alone, which is most of what unit loads cost.
 */
const innerShare = ({ breaksM, lengthM }, memberIndex, { endForces, localLoads }) => {
  const loads = localLoads.get(memberIndex);
  const count = breaksM.length - 1;
  const share = new Float64Array(END_FORCES + (loads ? count * SHARE_ROW : 0));
  share.set(endForces.subarray(memberIndex * ROW, memberIndex * ROW + END_FORCES));
  if (!loads) return share;
  const add = (at, values, factor) => {
    for (let j = 0; j < 3; j += 1) share[at + j] = share[at + j] + factor * values[j];
  };
  const slip = SAME_PLACE * lengthM;
  for (let p = 0; p < count; p += 1) {
    const from = breaksM[p];
    const to = breaksM[p + 1];
    const at = END_FORCES + p * SHARE_ROW;
    for (const load of loads) {
      if (load.kind === 'point') {
        if (Math.abs(load.atM - from) <= slip) add(at, load.forceN, 1);
        continue;
      }
      const span = load.toM - load.fromM;
      if (!(span > 0) || load.fromM > from + slip || load.toM < to - slip) continue;
      const gone = (from - load.fromM) / span;
      add(at + 3, load.startNPerM, 1 - gone);
      add(at + 3, load.endNPerM, gone);
      add(at + 6, load.startNPerM, -1 / span);
      add(at + 6, load.endNPerM, 1 / span);
    }
  }
  return share;
};
/** From end forces and loads to the inner forces at every piece's start: ROW numbers per piece. */
const alongPieces = (breaksM, share, into) => {
  const count = breaksM.length - 1;
  const rows = into ?? new Float64Array(count * ROW);
  let n = -share[0];
  let vy = -share[1];
  let vz = -share[2];
  const t = -share[3];
  let my = -share[4];
  let mz = -share[5];
  for (let p = 0; p < count; p += 1) {
    const from = END_FORCES + p * SHARE_ROW;
    const at = p * ROW;
    n -= share[from];
    vy -= share[from + 1];
    vz -= share[from + 2];
    rows[at] = n;
    rows[at + 1] = vy;
    rows[at + 2] = vz;
    rows[at + 3] = t;
    rows[at + 4] = my;
    rows[at + 5] = mz;
    for (let j = 0; j < 6; j += 1) rows[at + 6 + j] = share[from + 3 + j];
    const s = breaksM[p + 1] - breaksM[p];
    const qx = rows[at + 6];
    const qy = rows[at + 7];
    const qz = rows[at + 8];
    const gx = rows[at + 9];
    const gy = rows[at + 10];
    const gz = rows[at + 11];
    my = momentAt(my, vz, qz, gz, s);
    mz = -momentAt(-mz, vy, qy, gy, s);
    n = shearAt(n, qx, gx, s);
    vy = shearAt(vy, qy, gy, s);
    vz = shearAt(vz, qz, gz, s);
  }
  return rows;
};
/** Sums are made here and never leave: making a new array for each combination would cost more than the adding up. */
let scratch = /* @__PURE__ */ new Float64Array(294);
/**
 * Σ factor × share, as inner forces piece by piece: superposition. Plain loops and one new array: this is what every combination
 * costs. `into`, of ROW numbers per piece, takes the answer where many are looked at one after another.
 */
const combineInner = ({ breaksM }, shares, factors, into) => {
  const size = END_FORCES + (breaksM.length - 1) * SHARE_ROW;
  if (scratch.length < size) scratch = new Float64Array(size);
  const sum = scratch;
  for (let i = 0; i < size; i += 1) sum[i] = 0;
  for (let k = 0; k < shares.length; k += 1) {
    const factor = factors[k];
    if (factor === 0) continue;
    const share = shares[k];
    const { length } = share;
    for (let i = 0; i < length; i += 1) sum[i] = sum[i] + factor * share[i];
  }
  return alongPieces(breaksM, sum, into);
};
/** Inner forces of one member in one solution. */
const innerForces = (pieces, memberIndex, solution) =>
  alongPieces(pieces.breaksM, combinedShare(pieces, innerShare(pieces, memberIndex, solution)));
const combinedShare = ({ breaksM }, share) => {
  const full = new Float64Array(END_FORCES + (breaksM.length - 1) * SHARE_ROW);
  full.set(share);
  return full;
};
/** Shear − intensity·s − growth·s²/2, and its integral from `moment`: what the shear and the moment of one plane are at s. */
const shearAt = (shear, intensity, growth, s) => shear - intensity * s - (growth * s * s) / 2;
const momentAt = (moment, shear, intensity, growth, s) =>
  moment + shear * s - (intensity * s * s) / 2 - (growth * s * s * s) / 6;
/** Inner forces at s from the start of a piece. */
const innerInPiece = (rows, piece, s) => {
  const at = piece * ROW;
  const value = (i) => rows[at + i];
  return {
    n: shearAt(value(0), value(6), value(9), s),
    vy: shearAt(value(1), value(7), value(10), s),
    vz: shearAt(value(2), value(8), value(11), s),
    t: value(3),
    my: momentAt(value(4), value(2), value(8), value(11), s),
    mz: -momentAt(-value(5), value(1), value(7), value(10), s),
  };
};
/** Inner forces at x; just behind a point load that stands there. */
const innerAt = ({ breaksM }, rows, xM) => {
  let piece = 0;
  while (piece < breaksM.length - 2 && xM >= breaksM[piece + 1]) piece += 1;
  return innerInPiece(rows, piece, xM - breaksM[piece]);
};
/** Places in a piece, from its start, where a moment turns: the zeros of its shear, which is of degree two. */
const turnings = (shear, intensity, growth, lengthM, into) => {
  const keep = (s) => {
    if (s > 0 && s < lengthM) into.push(s);
  };
  const a = growth / 2;
  if (Math.abs(a) * lengthM <= 1e-14 * Math.abs(intensity)) {
    if (intensity !== 0) keep(shear / intensity);
    return;
  }
  const disc = intensity * intensity + 4 * a * shear;
  if (disc < 0) return;
  const q = -(intensity + (intensity >= 0 ? 1 : -1) * Math.sqrt(disc)) / 2;
  keep(q / a);
  if (q !== 0) keep(-shear / q);
};
/**
 * Every place of a member where one of its inner forces can be largest: both sides of each break, the zeros of the shears (where the
 * moments turn) and of the load (where the shears turn). Visits them in order.
 */
const visitPeaks = ({ breaksM }, rows, visit) => {
  const places = [];
  for (let piece = 0; piece < breaksM.length - 1; piece += 1) {
    const from = breaksM[piece];
    const lengthM = breaksM[piece + 1] - from;
    const at = piece * ROW;
    const value = (i) => rows[at + i];
    places.length = 0;
    if (value(7) !== 0 || value(10) !== 0) turnings(value(1), value(7), value(10), lengthM, places);
    if (value(8) !== 0 || value(11) !== 0) turnings(value(2), value(8), value(11), lengthM, places);
    for (let j = 0; j < 3; j += 1) {
      if (value(9 + j) === 0) continue;
      const s = -value(6 + j) / value(9 + j);
      if (s > 0 && s < lengthM) places.push(s);
    }
    visit(from, innerInPiece(rows, piece, 0));
    if (places.length > 1) places.sort((a, b) => a - b);
    for (const s of places) visit(from + s, innerInPiece(rows, piece, s));
    visit(from + lengthM, innerInPiece(rows, piece, lengthM));
  }
};
/** How far the member's own line moves along x, y, z (local), exact: inner forces ÷ stiffness, integrated from its first end. */
const deflections = ({ breaksM }, rows, { member }, endMovements) => {
  const ea = member.elasticPa * member.areaM2;
  const eiy = member.elasticPa * member.iyM4;
  const eiz = member.elasticPa * member.izM4;
  const soft = (area) => (area === void 0 ? 0 : 1 / (member.shearPa * area));
  const [softY, softZ] = [soft(member.shearAreaYM2), soft(member.shearAreaZM2)];
  const start = (i) => endMovements[i];
  let [u, v, w, ry, rz] = [start(0), start(1), start(2), start(4), start(5)];
  const along = [];
  const sideways = [];
  const upward = [];
  for (let piece = 0; piece < breaksM.length - 1; piece += 1) {
    const s = breaksM[piece + 1] - breaksM[piece];
    const value = (i) => rows[piece * ROW + i];
    const [n, vy, vz, my, mz] = [value(0), value(1), value(2), value(4), value(5)];
    const [qx, qy, qz, gx, gy, gz] = [value(6), value(7), value(8), value(9), value(10), value(11)];
    const stretch = [u, n / ea, -qx / (2 * ea), -gx / (6 * ea)];
    const side = [
      v,
      rz + vy * softY,
      mz / (2 * eiz) - (qy / 2) * softY,
      -vy / (6 * eiz) - (gy / 6) * softY,
      qy / (24 * eiz),
      gy / (120 * eiz),
    ];
    const up = [
      w,
      -ry + vz * softZ,
      -my / (2 * eiy) - (qz / 2) * softZ,
      -vz / (6 * eiy) - (gz / 6) * softZ,
      qz / (24 * eiy),
      gz / (120 * eiy),
    ];
    along.push(stretch);
    sideways.push(side);
    upward.push(up);
    u = valueAt(stretch, s);
    v = valueAt(side, s);
    w = valueAt(up, s);
    rz += (mz * s - (vy * s * s) / 2 + (qy * s ** 3) / 6 + (gy * s ** 4) / 24) / eiz;
    ry += (my * s + (vz * s * s) / 2 - (qz * s ** 3) / 6 - (gz * s ** 4) / 24) / eiy;
  }
  return [
    {
      breaksM,
      pieces: along,
    },
    {
      breaksM,
      pieces: sideways,
    },
    {
      breaksM,
      pieces: upward,
    },
  ];
};
const deflectionAt = ({ breaksM, pieces }, xM) => {
  let piece = 0;
  while (piece < pieces.length - 1 && xM >= breaksM[piece + 1]) piece += 1;
  return valueAt(pieces[piece], xM - breaksM[piece]);
};
/** Where the line is furthest from the straight line between two of its own places, and how far; exact. */
const largestBow = (line) => {
  const { breaksM, pieces } = line;
  const lengthM = breaksM.at(-1);
  const startM = deflectionAt(line, 0);
  const slope = (deflectionAt(line, lengthM) - startM) / lengthM;
  let worst = {
    xM: 0,
    value: 0,
  };
  pieces.forEach((piece, i) => {
    const from = breaksM[i];
    const bow = Array.from(piece, (c, k) => (k === 0 ? c - startM - slope * from : k === 1 ? c - slope : c));
    const to = breaksM[i + 1] - from;
    const turns = signChanges(
      bow.slice(1).map((c, k) => (k + 1) * c),
      0,
      to,
    );
    for (const s of [0, ...turns, to]) {
      const value = valueAt(bow, s);
      if (Math.abs(value) > Math.abs(worst.value))
        worst = {
          xM: from + s,
          value,
        };
    }
  });
  return worst;
};
// core/src/strength/frame-model/framing.ts
/** Shear modulus of these metals, Pa: AISC 360 and the Aluminum Design Manual print 11,200 of 29,000 ksi and 3,800 of 10,100 ksi. */
const shearModulusPa = ({ family, elasticPa }) =>
  family === 'steel' ? (elasticPa * 11200) / 29e3 : (elasticPa * 3800) / 10100;
const stiffnessOf = ({ bar, material }) => ({
  areaM2: bar.design.areaM2,
  iyM4: bar.design.iyM4,
  izM4: bar.design.izM4,
  torsionM4: bar.design.torsionM4,
  elasticPa: material.elasticPa,
  shearPa: shearModulusPa(material),
});
/** Stations nearer than this along a bar are one, m: a tenth of what drawings are dimensioned to. */
const SAME_STATION_M = 1e-4;
/**
 * A gusset holds a bar's end stiff for half of its leg (common practice for haunches that taper to nothing); never more than a third of
 * what lies between two joints, so that a bar is left.
 */
const stiffM = (station, spanM) => Math.min((station.gussetM ?? 0) / 2, spanM / 3);
const framing = () => {
  const places = /* @__PURE__ */ new Map();
  const nodes = [];
  const members = [];
  const bars = [];
  const at = (id) => {
    const place = places.get(id);
    if (!place) throw new Error(`no node ${id}`);
    return place;
  };
  return {
    nodes,
    members,
    bars,
    at,
    node: (id, place) => {
      if (!places.has(id)) {
        places.set(id, place);
        nodes.push({
          id,
          at: place,
        });
      }
      return id;
    },
    bar: (member, start, end, stations) => {
      const whole = subtract(end, start);
      const lengthM = length(whole);
      const sorted = [...stations].sort((a, b) => a.atM - b.atM);
      const place = (atM) => add(start, scale(whole, atM / lengthM));
      sorted.slice(1).forEach((to, i) => {
        const from = sorted[i];
        if (to.atM - from.atM < SAME_STATION_M) return;
        const id = `${member.id}#${i + 1}`;
        const stiffFromM = stiffM(from, to.atM - from.atM);
        const stiffToM = stiffM(to, to.atM - from.atM);
        const [fromM, toM] = [from.atM + stiffFromM, to.atM - stiffToM];
        members.push({
          id,
          from: from.node,
          to: to.node,
          ...stiffnessOf(member),
          offsetFrom: subtract(place(fromM), at(from.node)),
          offsetTo: subtract(place(toM), at(to.node)),
        });
        bars.push({
          id,
          member,
          fromM,
          toM,
          jointFrom: from.joint,
          jointTo: to.joint,
          stiffFromM,
          stiffToM,
        });
      });
    },
    element: (element) => {
      members.push(element);
    },
  };
};
// core/src/strength/frame-model/rigid.ts
/** Stiff enough to count as rigid beside a trailer's bars, soft enough not to spoil the figures: steel, 30 cm² and 4,000 cm⁴. */
const RIGID = {
  areaM2: 0.003,
  iyM4: 4e-5,
  izM4: 4e-5,
  torsionM4: 4e-5,
  elasticPa: 2e11,
  shearPa: 77e9,
};
// core/src/strength/frame-model/gear.ts
/** Eyes of the springs below the rail, m: the usual height of weld-on hangers (3.5 in, common practice). */
const HANGER_DROP_M = 0.09;
/** Sideways give of a spring with its bushes, N/m: assumed; stiffer, it would tie the rails to the axle as no bush does. */
const SIDEWAYS_N_PER_M = 4e5;
/** A trailer spring of this length: upright it is a rocker, its eyes turn in their bushes; only its sideways stiffness counts. */
const leaf = (lengthM) => ({
  ...RIGID,
  areaM2: 0.0014,
  izM4: (SIDEWAYS_N_PER_M * (lengthM / 2) ** 3) / (3 * RIGID.elasticPa),
});
/** Rubber or plastic in an eye lets it turn every way; without that, frame and axle would lock each other up. */
const BUSH = ['rx', 'ry', 'rz'];
/** A shackle or slipper carries upright only: the fixed eye leads the axle along and across. */
const SHACKLE = ['ux', 'uy', 'rx', 'ry', 'rz'];
const SIDES$1 = ['left', 'right'];
const hangerNode = ({ frame, rails, hangers }, sideIndex, x, name) => {
  const rail = rails[sideIndex];
  const side = SIDES$1[sideIndex];
  const atM = x - rail.start[0];
  const there = rail.stations.find((station) => Math.abs(station.atM - atM) < 1e-6);
  const node = there?.node ?? frame.node(`${name}.${side}`, [x, rail.start[1], rail.start[2]]);
  if (!there)
    rail.stations.push({
      atM,
      node,
      joint: name,
    });
  hangers.push({
    node,
    side,
    xM: x,
  });
  return node;
};
const eyeZM = ({ rails }) =>
  Math.min(...rails.map(({ start, member }) => start[2] - member.bar.design.centroidZM)) - HANGER_DROP_M;
const below = (gear, node, z) => [0, 0, z - gear.frame.at(node)[2]];
const wheelNodes = (gear, axle, x) => {
  const { trailer, frame, hubZM, wheels } = gear;
  return SIDES$1.map((side) => {
    const y = ((side === 'left' ? -1 : 1) * trailer.runningGear.suspension.trackM) / 2;
    const node = frame.node(`${axle}.hub.${side}`, [x, y, hubZM]);
    wheels.push({
      axle,
      side,
      node,
    });
    return node;
  });
};
/** Round tube of the axle, wall as is usual for its size (1/4 in, common practice); its own strength is its rating's affair. */
const axleTube = (trailer) => {
  const outer = trailer.runningGear.axle.tubeDiameterM / 2;
  const inner = Math.max(outer - 0.00635, outer / 2);
  const i = (Math.PI / 4) * (outer ** 4 - inner ** 4);
  return {
    ...RIGID,
    areaM2: Math.PI * (outer ** 2 - inner ** 2),
    iyM4: i,
    izM4: i,
    torsionM4: 2 * i,
  };
};
/** A spring of two halves from eye to eye over a seat on the axle: pinned at the eyes and free to turn about the axle. */
const spring = (gear, id, seat, ends) => {
  const { frame } = gear;
  const seatArm = [0, 0, ends.eyeZ - frame.at(seat)[2]];
  const stiffness = leaf(gear.trailer.runningGear.suspension.hangerSpacingM);
  frame.element({
    id: `gear.${id}.front`,
    from: ends.front,
    to: seat,
    ...stiffness,
    offsetFrom: below(gear, ends.front, ends.eyeZ),
    offsetTo: seatArm,
    releaseFrom: ends.fixed === 'front' ? BUSH : SHACKLE,
  });
  frame.element({
    id: `gear.${id}.rear`,
    from: seat,
    to: ends.rear,
    ...stiffness,
    offsetFrom: seatArm,
    offsetTo: below(gear, ends.rear, ends.eyeZ),
    releaseTo: ends.fixed === 'rear' ? BUSH : SHACKLE,
  });
};
/** Hub to hub through both spring seats; the tube passes no twist from one spring to the other. */
const axleOnSeats = (gear, axle, x, hubs) => {
  const { frame, rails, hubZM, trailer } = gear;
  const seats = SIDES$1.map((side, i) => frame.node(`${axle}.seat.${side}`, [x, rails[i].start[1], hubZM]));
  const tube = axleTube(trailer);
  frame.element({
    id: `gear.${axle}.tube.left`,
    from: hubs[0],
    to: seats[0],
    ...tube,
  });
  frame.element({
    id: `gear.${axle}.tube.middle`,
    from: seats[0],
    to: seats[1],
    ...tube,
    releaseFrom: ['rx'],
  });
  frame.element({
    id: `gear.${axle}.tube.right`,
    from: seats[1],
    to: hubs[1],
    ...tube,
  });
  return seats;
};
const leafAlone = (gear, axle, x, index) => {
  const half = gear.trailer.runningGear.suspension.hangerSpacingM / 2;
  const seats = axleOnSeats(gear, axle, x, wheelNodes(gear, axle, x));
  [0, 1].forEach((i) => {
    const front = hangerNode(gear, i, x - half, `hanger.${2 * index + 1}`);
    const rear = hangerNode(gear, i, x + half, `hanger.${2 * index + 2}`);
    spring(gear, `spring.${index + 1}.${SIDES$1[i]}`, seats[i], {
      front,
      rear,
      fixed: 'front',
      eyeZ: eyeZM(gear),
    });
  });
};
/** Front spring, equaliser, rear spring: the outer eyes are fixed, the inner ones hang on the equaliser's arms. */
const leafTandem = (gear, firstX, secondX) => {
  const { trailer, frame } = gear;
  const half = trailer.runningGear.suspension.hangerSpacingM / 2;
  const [a, b] = trailer.runningGear.equaliserArms;
  const pivotX = firstX + half + (equaliserGapM(trailer) * a) / (a + b);
  const eyeZ = eyeZM(gear);
  const firstSeats = axleOnSeats(gear, 'axle.1', firstX, wheelNodes(gear, 'axle.1', firstX));
  const secondSeats = axleOnSeats(gear, 'axle.2', secondX, wheelNodes(gear, 'axle.2', secondX));
  [0, 1].forEach((i) => {
    const side = SIDES$1[i];
    const y = gear.rails[i].start[1];
    const front = hangerNode(gear, i, firstX - half, 'hanger.1');
    const centre = hangerNode(gear, i, pivotX, 'hanger.2');
    const rear = hangerNode(gear, i, secondX + half, 'hanger.3');
    const pivot = frame.node(`equaliser.pivot.${side}`, [pivotX, y, eyeZ]);
    const ends = [firstX + half, secondX - half].map((x, k) => frame.node(`equaliser.${k}.${side}`, [x, y, eyeZ]));
    const post = (eyeZ - frame.at(centre)[2]) / 2;
    frame.element({
      id: `gear.equaliser.post.${side}`,
      from: centre,
      to: pivot,
      ...RIGID,
      offsetFrom: [0, 0, post],
      releaseTo: ['ry'],
    });
    frame.element({
      id: `gear.equaliser.front.${side}`,
      from: ends[0],
      to: pivot,
      ...RIGID,
    });
    frame.element({
      id: `gear.equaliser.rear.${side}`,
      from: pivot,
      to: ends[1],
      ...RIGID,
    });
    gear.pivots.push({
      node: pivot,
      side,
    });
    spring(gear, `spring.1.${side}`, firstSeats[i], {
      front,
      rear: ends[0],
      fixed: 'front',
      eyeZ,
    });
    spring(gear, `spring.2.${side}`, secondSeats[i], {
      front: ends[1],
      rear,
      fixed: 'rear',
      eyeZ,
    });
  });
};
/**
 * The tube across under the rails, an arm back to each hub: the bracket gets the wheel's force and, by the arm, its moment. The tube
 * itself bends under the wheels' overhang; its brackets give about the trailer's length, as bolted flanges on thin walls do.
 */
const torsionAxle = (gear, axle, x, name) => {
  const { trailer, frame } = gear;
  const { armM, trackM } = trailer.runningGear.suspension;
  const hubs = wheelNodes(gear, axle, x);
  const bracketX = x - armM;
  const tubeZ = eyeZM(gear) + HANGER_DROP_M - trailer.runningGear.axle.tubeDiameterM / 2;
  const tube = axleTube(trailer);
  const seats = [0, 1].map((i) => {
    const side = SIDES$1[i];
    const bracket = hangerNode(gear, i, bracketX, name);
    const railZ = frame.at(bracket)[2];
    const seat = frame.node(`${axle}.seat.${side}`, [bracketX, frame.at(bracket)[1], tubeZ]);
    const heightM = (railZ - tubeZ) / 2;
    frame.element({
      id: `gear.${axle}.bracket.${side}`,
      from: bracket,
      to: seat,
      ...RIGID,
      izM4: (SIDEWAYS_N_PER_M * heightM ** 3) / (3 * RIGID.elasticPa),
      offsetFrom: [0, 0, -heightM],
      releaseTo: ['rz'],
    });
    return seat;
  });
  frame.element({
    id: `gear.${axle}.tube.middle`,
    from: seats[0],
    to: seats[1],
    ...tube,
  });
  [0, 1].forEach((i) => {
    const side = SIDES$1[i];
    const end = frame.node(`${axle}.tube-end.${side}`, [bracketX, ((i === 0 ? -1 : 1) * trackM) / 2, tubeZ]);
    frame.element({
      id: `gear.${axle}.tube.${side}`,
      from: seats[i],
      to: end,
      ...tube,
    });
    frame.element({
      id: `gear.${axle}.arm.${side}`,
      from: end,
      to: hubs[i],
      ...RIGID,
    });
  });
};
/** An axle bolted or welded under the rails without springs: it stiffens the frame as a cross-member does. */
const solidAxle = (gear, axle, x, name) => {
  const { trailer, frame, hubZM } = gear;
  const hubs = wheelNodes(gear, axle, x);
  const tube = axleTube(trailer);
  const seats = [0, 1].map((i) => hangerNode(gear, i, x, name));
  const arm = (i) => below(gear, seats[i], hubZM);
  frame.element({
    id: `gear.${axle}.tube.left`,
    from: hubs[0],
    to: seats[0],
    ...tube,
    offsetTo: arm(0),
  });
  frame.element({
    id: `gear.${axle}.tube.middle`,
    from: seats[0],
    to: seats[1],
    ...tube,
    offsetFrom: arm(0),
    offsetTo: arm(1),
  });
  frame.element({
    id: `gear.${axle}.tube.right`,
    from: seats[1],
    to: hubs[1],
    ...tube,
    offsetFrom: arm(1),
  });
};
/** A spindle welded to each rail and nothing across: the rail gets the wheel's force, and its moment along and across the trailer. */
const stubAxles = (gear, axle, x, name) => {
  const { frame, hubZM } = gear;
  const hubs = wheelNodes(gear, axle, x);
  [0, 1].forEach((i) => {
    const seat = hangerNode(gear, i, x, name);
    frame.element({
      id: `gear.${axle}.tube.${SIDES$1[i]}`,
      from: seat,
      to: hubs[i],
      ...axleTube(gear.trailer),
      offsetFrom: below(gear, seat, hubZM),
    });
  });
};
/** A wheel's end of the rocker passes the upright force alone. */
const UPRIGHT_ONLY = ['ux', 'uy', 'rx', 'ry', 'rz'];
/**
 * Axles without an equaliser on a level trailer: springs far softer than the frame share the load alike, whatever the frame bends. A rocker
 * from hub to hub on each side stands for them; its middle stands on the ground.
 */
const rockers = ({ frame, wheels, hubZM, trailer }, firstX, secondX) =>
  SIDES$1.map((side) => {
    const y = ((side === 'left' ? -1 : 1) * trailer.runningGear.suspension.trackM) / 2;
    const node = frame.node(`rocker.${side}`, [(firstX + secondX) / 2, y, hubZM]);
    const [front, rear] = wheels.filter((wheel) => wheel.side === side);
    if (front && rear) {
      frame.element({
        id: `gear.rocker.front.${side}`,
        from: front.node,
        to: node,
        ...RIGID,
        releaseFrom: UPRIGHT_ONLY,
      });
      frame.element({
        id: `gear.rocker.rear.${side}`,
        from: node,
        to: rear.node,
        ...RIGID,
        releaseTo: UPRIGHT_ONLY,
      });
    }
    return {
      node,
      side,
      rocker: true,
    };
  });
/** Puts axles, springs and arms under the rails as the suspension really holds them; or says why it cannot. */
const placeGear = (trailer, frame, rails, groundZM) => {
  const places = axlePlaces(trailer);
  const [first, second, third] = places;
  if (!first) return { code: 'no-axle-under-frame' };
  const gear = {
    trailer,
    frame,
    rails,
    hubZM: groundZM + trailer.runningGear.tire.loadedRadiusM,
    hangers: [],
    wheels: [],
    pivots: [],
  };
  const before = frame.members.length;
  const { kind, armM, hangerSpacingM } = trailer.runningGear.suspension;
  if (
    (kind === 'leaf'
      ? [first.xM - hangerSpacingM / 2, (second ?? first).xM + hangerSpacingM / 2]
      : kind === 'torsion'
        ? places.map(({ xM }) => xM - armM)
        : places.map(({ xM }) => xM)
    ).some((x) => rails.some(({ start, end }) => x < start[0] - 1e-9 || x > end[0] + 1e-9))
  )
    return { code: 'no-axle-under-frame' };
  const independent = isIndependent(trailer);
  if (third || (second && kind !== 'leaf' && !independent)) return { code: 'suspension-not-modelled' };
  if (second && !independent && equaliserGapM(trailer) <= 0) return { code: 'suspension-not-modelled' };
  if (kind === 'leaf' && second && !independent) leafTandem(gear, first.xM, second.xM);
  else if (kind === 'leaf') places.forEach(({ id, xM }, i) => leafAlone(gear, id, xM, i));
  else
    places.forEach(({ id, xM }, i) =>
      (kind === 'torsion' ? torsionAxle : kind === 'stub' ? stubAxles : solidAxle)(gear, id, xM, `hanger.${i + 1}`),
    );
  return {
    wheels: gear.wheels,
    ground:
      second && independent
        ? rockers(gear, first.xM, second.xM)
        : gear.wheels.map(({ node, side }) => ({
            node,
            side,
            rocker: false,
          })),
    hangers: gear.hangers,
    pivots: gear.pivots,
    rearmostXM: Math.max(...gear.hangers.map(({ xM }) => xM)),
    elementIds: frame.members.slice(before).map(({ id }) => id),
  };
};
// core/src/strength/frame-model/trailerFrame.ts
/** Height of a lying bar's middle line at its rear end; where it slopes its front end lies `frontRiseM` higher. */
const centreZM = ({ extent, bar, frontRiseM }) => extent.z0M + Math.max(0, -frontRiseM) + bar.design.centroidZM;
const middle = (a, b) => [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
const railLine = (member) => {
  const ys = member.plan.map(([, y]) => y);
  const y = (Math.min(...ys) + Math.max(...ys)) / 2;
  const z = centreZM(member);
  return {
    member,
    start: [member.extent.x0M, y, z],
    end: [member.extent.x1M, y, z],
    stations: [],
  };
};
/** A header or cross-member from one rail to the other, between the faces that it butts on. */
const crossLine = (member) => {
  const ys = member.plan.map(([, y]) => y);
  const x = (member.extent.x0M + member.extent.x1M) / 2;
  const z = centreZM(member);
  return {
    member,
    start: [x, Math.min(...ys), z],
    end: [x, Math.max(...ys), z],
    stations: [],
  };
};
/** Along the middle of a tongue bar, from where it meets the coupler to its rear end. */
const tongueLine = (member, slanted) => {
  const [tipOuter, rearOuter, rearInner, tipInner] = member.plan;
  const rear = middle(rearOuter, rearInner);
  const tip = middle(tipOuter, tipInner);
  const { x0M, x1M } = member.extent;
  const z = (x) => centreZM(member) + (member.frontRiseM * (x1M - x)) / (x1M - x0M);
  const end = [rear[0], rear[1], z(rear[0])];
  return {
    member,
    start: [tip[0], slanted ? 0 : tip[1], z(tip[0])],
    end,
    stations: [],
  };
};
const alongX$1 = (line, x) => {
  const span = line.end[0] - line.start[0];
  return ((x - line.start[0]) / span) * length(subtract(line.end, line.start));
};
const placeOn = (line, atM) => {
  const whole = subtract(line.end, line.start);
  return add(line.start, scale(whole, atM / length(whole)));
};
/** Within this of a header's end a tongue leg is joined to the corner itself, m. */
const CORNER_M = 0.02;
/** Stations carry a gusset only where one is built. */
const gusset = (legM) => (legM === null ? {} : { gussetM: legM });
const jointOf = (cross, rail) => `${cross}@${rail}`;
/** Joins every header and cross-member to both rails: the node lies on the rail's middle, an arm reaches to the bar's end. */
const joinCrosses = ({ trailer, frame, rails, crosses }) => {
  for (const cross of crosses) {
    const corner = gusset(cross.member.group === 'header' ? trailer.strength.gussets.cornerM : null);
    rails.forEach((rail, side) => {
      const x = cross.start[0];
      const atM = Math.min(Math.max(x - rail.start[0], 0), rail.end[0] - rail.start[0]);
      const node = frame.node(jointOf(cross.member.id, rail.member.id), [x, rail.start[1], rail.start[2]]);
      rail.stations.push({
        atM,
        node,
        joint: cross.member.id,
        ...corner,
      });
      const end = side === 0 ? 0 : length(subtract(cross.end, cross.start));
      cross.stations.push({
        atM: end,
        node,
        joint: rail.member.id,
        ...corner,
      });
    });
  }
};
/** A node on a header or cross-member at y, or the corner itself where y is at its end. */
const nodeOnCross = (frame, cross, y, name) => {
  const [left, right] = [cross.start[1], cross.end[1]];
  const clamped = Math.min(Math.max(y, left), right);
  const near = clamped - left < CORNER_M ? 0 : right - clamped < CORNER_M ? 1 : void 0;
  if (near !== void 0) return cross.stations[near].node;
  const found = cross.stations.find(({ atM }) => Math.abs(atM - (clamped - left)) < 1e-6);
  if (found) return found.node;
  const node = frame.node(name, [cross.start[0], clamped, cross.start[2]]);
  cross.stations.push({
    atM: clamped - left,
    node,
    joint: name.split('@')[1] ?? name,
  });
  return node;
};
/**
 * The node at which a tongue bar is held from a node of the frame: that node itself, or the foot (or head) of an upright between them,
 * which is a bar of its own from the frame's face to the tongue's middle line or face.
 */
const heldBy = ({ frame, risers }, line, at, held) => {
  const riser = risers.get(`tongue.riser.${line.member.id.split('.')[1]}.${held.end}`);
  if (!riser) return held;
  const node = frame.node(`${riser.id}@${line.member.id}`, at);
  const below = riser.centre.zM < frame.at(held.node)[2];
  const atFrame = [at[0], at[1], below ? riser.extent.z1M : riser.extent.z0M];
  const atTongue = [at[0], at[1], below ? Math.max(riser.extent.z0M, at[2]) : Math.min(riser.extent.z1M, at[2])];
  frame.bar(riser, atFrame, atTongue, [
    {
      atM: 0,
      node: held.node,
      joint: held.joint,
    },
    {
      atM: Math.abs(atTongue[2] - atFrame[2]),
      node,
      joint: line.member.id,
    },
  ]);
  return {
    node,
    joint: riser.id,
  };
};
/** Joins a tongue bar to what it meets: the front header, cross-members that it passes under, the rail at its rear end. */
const joinTongue = (skeleton, line, rearOn) => {
  const { trailer, frame, rails, crosses } = skeleton;
  const front = crosses.find(({ member }) => member.id === 'header.front');
  const id = line.member.id;
  const wholeM = length(subtract(line.end, line.start));
  const braced = gusset(trailer.strength.gussets.tongueM);
  const stepped = skeleton.risers.size > 0;
  const joinTo = (cross, atM, end, stiffened = {}) => {
    const at = placeOn(line, atM);
    const held = {
      node: nodeOnCross(frame, cross, at[1], `${cross.member.id}@${id}`),
      joint: cross.member.id,
      end,
    };
    line.stations.push({
      atM,
      ...heldBy(skeleton, line, at, held),
      ...stiffened,
    });
  };
  if (rearOn === 'header') {
    joinTo(front, wholeM, 'front', braced);
    return;
  }
  joinTo(front, alongX$1(line, front.start[0]), 'front', braced);
  const under = crosses.filter(
    (cross) =>
      cross !== front && cross.start[0] > front.start[0] && cross.start[0] <= line.end[0] + cross.member.bar.widthM / 2,
  );
  const met = !stepped ? under : rearOn === 'cross-member' ? under.slice(-1) : [];
  for (const cross of met) joinTo(cross, Math.min(wholeM, alongX$1(line, cross.start[0])), 'rear');
  if (rearOn !== 'rails') return;
  const rail = line.end[1] < 0 ? rails[0] : rails[1];
  const x = line.end[0];
  const node = frame.node(`${rail.member.id}@${id}`, [x, rail.start[1], rail.start[2]]);
  rail.stations.push({
    atM: x - rail.start[0],
    node,
    joint: id,
  });
  const held = {
    node,
    joint: rail.member.id,
    end: 'rear',
  };
  line.stations.push({
    atM: wholeM,
    ...heldBy(skeleton, line, line.end, held),
    ...braced,
  });
};
/** A side tube starts at the backbone's middle, square across from where its own middle meets the backbone's side. */
const joinSideTube = (skeleton, backbone, line, rearOn) => {
  const x = line.start[0];
  const atM = alongX$1(backbone, x);
  const node = skeleton.frame.node(`${backbone.member.id}@${x.toFixed(6)}`, placeOn(backbone, atM));
  backbone.stations.push({
    atM,
    node,
    joint: line.member.id,
  });
  line.stations.push({
    atM: 0,
    node,
    joint: backbone.member.id,
  });
  joinTongue(skeleton, line, rearOn === 'header' ? 'header' : 'rails');
};
/** The frame with its running gear; or why it cannot be put together. */
const trailerFrame = (trailer, chassis) => {
  const byId = (id) => chassis.members.find((member) => member.id === id);
  const [left, right] = [byId('rail.left'), byId('rail.right')];
  const { tongue } = chassis;
  const usable = chassis.problems.every(({ code }) => code === 'wrong-metal');
  if (!left || !right || !tongue || !usable) return { code: 'frame-incomplete' };
  const frame = framing();
  const rails = [railLine(left), railLine(right)];
  const crosses = chassis.members
    .filter(({ group }) => group === 'cross' || group === 'header')
    .map(crossLine)
    .sort((a, b) => a.start[0] - b.start[0]);
  const skeleton = {
    trailer,
    frame,
    rails,
    crosses,
    risers: new Map(tongue.risers.map((riser) => [riser.id, riser])),
  };
  joinCrosses(skeleton);
  const rear = crosses.find(({ member }) => member.id === 'header.rear');
  const rearMiddle = nodeOnCross(frame, rear, 0, 'header.rear@middle');
  const legs = tongue.members.map((member) => tongueLine(member, tongue.legAngleRad > 0));
  const tongueZM = legs[0].start[2];
  const ball = frame.node('ball', [chassis.ballXM, 0, tongueZM]);
  for (const leg of legs) {
    leg.stations.push({
      atM: 0,
      node: ball,
      joint: 'coupler',
    });
    joinTongue(skeleton, leg, tongue.rearOn);
  }
  const sideTubes = tongue.sideTubes.map((member) => tongueLine(member, false));
  for (const tube of sideTubes) joinSideTube(skeleton, legs[0], tube, tongue.rearOn);
  const groundZM = -trailer.runningGear.railTopHeightM;
  const gear = placeGear(trailer, frame, rails, groundZM);
  if ('code' in gear) return gear;
  const underRail = rails.map((rail) => {
    const x = Math.min(gear.rearmostXM + UNDER_RAIL_M, rail.end[0]);
    return railNode(frame, rail, x, `jack@${rail.member.id}`, 'floor jack');
  });
  const onBothRails = (x, name, joint) =>
    rails.map((rail) =>
      railNode(frame, rail, Math.min(Math.max(x, rail.start[0]), rail.end[0]), `${name}@${rail.member.id}`, joint),
    );
  const stands = [...trailer.frame.stands]
    .sort((a, b) => a.xM - b.xM)
    .map(({ id, xM }) => onBothRails(xM, id, 'stand'));
  const tieDowns = tieDownPlaces(trailer).map((x, i) => onBothRails(x, `ring.${i + 1}`, 'tie-down'));
  for (const line of [...rails, ...crosses, ...legs, ...sideTubes])
    frame.bar(line.member, line.start, line.end, line.stations);
  const corner = (header, rail) => jointOf(header, rail.member.id);
  return {
    nodes: frame.nodes,
    elements: frame.members,
    bars: frame.bars,
    ball,
    jack: jackNode(trailer, frame, chassis, ball),
    gear,
    corners: [
      corner('header.front', rails[0]),
      corner('header.front', rails[1]),
      corner('header.rear', rails[0]),
      corner('header.rear', rails[1]),
    ],
    rearMiddle,
    underRail,
    stands,
    tieDowns,
    groundZM,
    at: (node) => frame.at(node),
  };
};
/** Rings stand evenly along the bed, half a gap from either end, m. */
const tieDownPlaces = ({ frame: { bed, tieDowns } }) =>
  Array.from({ length: tieDowns.perSide }, (_, i) => (bed.lengthM * (i + 0.5)) / tieDowns.perSide);
/** A floor jack goes this far behind the rear hanger, m: room for its saddle, common practice. */
const UNDER_RAIL_M = 0.15;
/** The place on a rail at x: the joint that is there already, or a new one. */
const railNode = (frame, rail, x, name, joint) => {
  const atM = x - rail.start[0];
  const there = rail.stations.find((station) => Math.abs(station.atM - atM) < 1e-6);
  if (there) return there.node;
  const node = frame.node(name, [x, rail.start[1], rail.start[2]]);
  rail.stations.push({
    atM,
    node,
    joint,
  });
  return node;
};
/** The jack stands under the coupler's node by an arm of its own. */
const jackNode = (trailer, frame, chassis, ball) => {
  const [, y, z] = frame.at(ball);
  const node = frame.node('jack', [chassis.ballXM + trailer.coupling.jackBehindBallM, y, z]);
  if (trailer.coupling.jackBehindBallM <= 0) return ball;
  frame.element({
    id: 'gear.jack-post',
    from: ball,
    to: node,
    ...RIGID,
  });
  return node;
};
// core/src/strength/situations/inertia.ts
const placeOf = ({ centre }) => [centre.xM, centre.yM, centre.zM];
const rigidBody = (parts) => {
  const massKg = parts.reduce((sum, part) => sum + part.massKg, 0);
  const moment = parts.reduce((sum, part) => add(sum, scale(placeOf(part), part.massKg)), [0, 0, 0]);
  const centre = massKg > 0 ? scale(moment, 1 / massKg) : moment;
  const inertia = [
    [0, 0, 0],
    [0, 0, 0],
    [0, 0, 0],
  ];
  for (const part of parts) {
    const r = subtract(placeOf(part), centre);
    const square = dot(r, r);
    for (let i = 0; i < 3; i += 1) {
      const row = inertia[i];
      for (let j = 0; j < 3; j += 1) row[j] = row[j] + part.massKg * ((i === j ? square : 0) - r[i] * r[j]);
    }
  }
  return {
    massKg,
    centre,
    inertia,
  };
};
const resultant = (forces, about) => ({
  forceN: forces.reduce((sum, { forceN }) => add(sum, forceN), [0, 0, 0]),
  momentNm: forces.reduce((sum, { at, forceN }) => add(sum, cross(subtract(at, about), forceN)), [0, 0, 0]),
});
/** Solves I·α = M by Cramer’s rule; a body of no extent does not turn. */
const accelerationUnder = ({ massKg, inertia }, { forceN, momentNm }) => {
  const [a, b, c] = inertia;
  const det = dot(a, cross(b, c));
  const linear = scale(forceN, 1 / massKg);
  if (!(Math.abs(det) > 0))
    return {
      linear,
      angular: [0, 0, 0],
    };
  const columns = [cross(b, c), cross(c, a), cross(a, b)];
  const angular = add(
    add(scale(columns[0], momentNm[0]), scale(columns[1], momentNm[1])),
    scale(columns[2], momentNm[2]),
  );
  return {
    linear,
    angular: scale(angular, 1 / det),
  };
};
// core/src/strength/situations/ratedGross.ts
/** Arrangements of the cargo at the plate's gross: over the bed, its front half, its rear half, its middle quarter. */
const GROSS_CASE_IDS = ['gross.uniform', 'gross.front', 'gross.rear', 'gross.middle'];
/** Stretch of the bed that carries the cargo, as shares of its length. */
const STRETCH = {
  'gross.uniform': [0, 1],
  'gross.front': [0, 0.5],
  'gross.rear': [0.5, 1],
  'gross.middle': [0.375, 0.625],
};
/** Height of that cargo, m, its centre half-way up: nothing says what it is; common for crates and machines. */
const CARGO_HEIGHT_M = 0.6;
/**
 * Cases at the plate's gross, derived and never stored: what is fitted, and cargo that makes up the rest. None where the plate says
 * nothing, or where the bare trailer alone weighs as much.
 */
const ratedGrossCases = (trailer, chassis, bare) => {
  const { ratedGrossKg, frame } = trailer;
  if (ratedGrossKg === null) return [];
  const fitted = trailer.items.filter(({ kind }) => kind === 'fixed').map((item) => itemPart(trailer, chassis, item));
  const emptyKg = [...bare, ...fitted].reduce((sum, { massKg }) => sum + massKg, 0);
  if (ratedGrossKg <= emptyKg) return [];
  const half = frame.bed.widthM / 2 - chassis.railWidthM;
  return GROSS_CASE_IDS.map((id) => {
    const [from, to] = STRETCH[id];
    const [x0M, x1M] = [from * frame.bed.lengthM, to * frame.bed.lengthM];
    const cargo = {
      id: 'gross.cargo',
      group: 'cargo',
      massKg: ratedGrossKg - emptyKg,
      centre: {
        xM: (x0M + x1M) / 2,
        yM: 0,
        zM: chassis.deckTopZM + CARGO_HEIGHT_M / 2,
      },
      x0M,
      x1M,
      y0M: -half,
      y1M: half,
      heightM: CARGO_HEIGHT_M,
      carriedBy: 'deck',
      movesWithAxle: false,
    };
    const loadCase = {
      id,
      name: '',
      mode: 'towed',
      countsForWindow: false,
      aboard: [],
      drawerOutM: 0,
      tongueBand: null,
    };
    return balanceParts(trailer, chassis, [...bare, ...fitted, cargo], loadCase);
  });
};
// core/src/strength/situations/runs.ts
const NONE = [0, 0, 0];
const g = STANDARD_GRAVITY;
const up = (n) => [0, 0, n * g];
const groundAt = ({ frame }, node) => {
  const [x, y] = frame.at(node);
  return [x, y, frame.groundZM];
};
/** Shares of one side's force between its wheels: as the equaliser gives them. */
const sideShares = ({ trailer, frame }) => {
  if (frame.gear.wheels.length < 4) return [1];
  const [a, b] = isIndependent(trailer) ? [1, 1] : trailer.runningGear.equaliserArms;
  return [b / (a + b), a / (a + b)];
};
/** A force on each side's wheels, acting on the ground there. */
const onWheels = (context, left, right) => {
  const shares = sideShares(context);
  const side = (name, force) =>
    context.frame.gear.wheels
      .filter((wheel) => wheel.side === name)
      .map(({ node }, i) => {
        const share = shares[i];
        return {
          node,
          at: groundAt(context, node),
          forceN: [force[0] * share, force[1] * share, force[2] * share],
        };
      });
  return {
    left: side('left', left),
    right: side('right', right),
  };
};
const both = ({ left, right }) => [...left, ...right];
const atNode = ({ frame }, node, forceN) => ({
  node,
  at: frame.at(node),
  forceN,
});
const still = (n) => ({
  sprung: up(n),
  unsprung: up(1),
  angular: NONE,
});
const supported = (situation, variant, support, field, forces = []) => ({
  situation,
  variant,
  balance: 'supported',
  support,
  field,
  forces,
});
/** Forces balanced by the inertia of the whole, on top of n times the standing load; the supports then give the standing load only. */
const free = (context, situation, variant, n, forces) => {
  const { linear, angular } = accelerationUnder(context.body, resultant(forces, context.body.centre));
  return {
    situation,
    variant,
    balance: 'free',
    support: context.balanced.standing.on === 'ball' ? 'road' : 'jack',
    field: {
      sprung: add(up(n), linear),
      unsprung: add(up(Math.min(n, 1)), linear),
      angular,
    },
    forces,
  };
};
const sprungOn = ({ balanced }, side) => {
  const { axles } = balanced.standing;
  return axles.reduce((sum, { sprungN, loadN, leftN, rightN }) => {
    return sum + (loadN > 0 ? (sprungN * (side === 'left' ? leftN : rightN)) / loadN : 0);
  }, 0);
};
const SIDES = ['left', 'right'];
const oneWheelBump = (context) => {
  const n = bumpFactor(context.trailer);
  return SIDES.map((side) => {
    const extra = [0, 0, (n - 1) * sprungOn(context, side)];
    const wheels = side === 'left' ? onWheels(context, extra, NONE) : onWheels(context, NONE, extra);
    return free(context, 'bump-one', side, 1, both(wheels));
  });
};
/** Share of a wheel's load that the frame is twisted by between axle and front header, by road. */
const TWIST_SHARES = {
  road: 0.25,
  rough: 0.35,
  'off-road': 0.5,
};
const twist = (context) => {
  const { trailer, frame } = context;
  const wheelN = (sprungOn(context, 'left') + sprungOn(context, 'right')) / 2;
  const couple = TWIST_SHARES[trailer.job.road] * wheelN * trailer.runningGear.suspension.trackM;
  const [frontLeft, frontRight] = frame.corners;
  const apart = frame.at(frontRight)[1] - frame.at(frontLeft)[1];
  return [1, -1].map((sign) => {
    const atWheel = (sign * couple) / trailer.runningGear.suspension.trackM;
    const atCorner = (sign * couple) / apart;
    return free(context, 'twist', sign === 1 ? 'left' : 'right', 1, [
      ...both(onWheels(context, [0, 0, atWheel], [0, 0, -atWheel])),
      atNode(context, frontLeft, [0, 0, -atCorner]),
      atNode(context, frontRight, [0, 0, atCorner]),
    ]);
  });
};
/** Dynamic vertical load that goes with braking and cornering. */
const WITH_VERTICAL = 1.5;
const BRAKING_G = 0.7;
const CORNERING_G = 0.4;
/** What ball and wheels must give upward on top of the standing load, so that the trailer does not pitch under these forces and its own inertia. */
const braking = (context) => {
  const { body, frame, balanced, trailer } = context;
  const total = body.massKg * BRAKING_G * g;
  return (trailer.coupling.brakes === 'fitted' ? ['hitch', 'own-brakes'] : ['hitch']).map((variant) => {
    const brake = variant === 'own-brakes' ? total : 0;
    const hitch = total - brake;
    const ball = frame.at(frame.ball);
    const baseM = balanced.standing.groupCentreXM - ball[0];
    const noseN = (total * (body.centre[2] - frame.groundZM) - hitch * (ball[2] - frame.groundZM)) / baseM;
    return free(context, 'braking', variant, WITH_VERTICAL, [
      atNode(context, frame.ball, [hitch, 0, noseN]),
      ...both(onWheels(context, [brake / 2, 0, -noseN / 2], [brake / 2, 0, -noseN / 2])),
    ]);
  });
};
/** A curve to one side: side forces in proportion to the loads, the outer wheel carrying more. */
const cornering = (context) => {
  const { body, frame, balanced, trailer } = context;
  const ball = frame.at(frame.ball);
  const axleX = balanced.standing.groupCentreXM;
  const total = body.massKg * CORNERING_G * g;
  const ballN = (total * (axleX - body.centre[0])) / (axleX - ball[0]);
  const transferN =
    (total * (body.centre[2] - frame.groundZM) - ballN * (ball[2] - frame.groundZM)) /
    trailer.runningGear.suspension.trackM;
  const axlesN = balanced.standing.axles.reduce((sum, { loadN }) => sum + loadN, 0);
  return [1, -1].map((sign) => {
    const wheels = (side) => {
      const outer = side === 'left' ? sign : -sign;
      const share = Math.max(0, Math.min(1, 0.5 + (outer * transferN) / Math.max(axlesN, 1)));
      return [0, sign * (total - ballN) * share, outer * transferN];
    };
    return free(context, 'cornering', sign === 1 ? 'right' : 'left', WITH_VERTICAL, [
      atNode(context, frame.ball, [0, sign * ballN, 0]),
      ...both(onWheels(context, wheels('left'), wheels('right'))),
    ]);
  });
};
/** ADR 62 and VSB 1, in g on the whole trailer. */
const DRAWBAR_LOADS = [
  {
    variant: 'pull',
    g: [-1.5, 0, 0],
  },
  {
    variant: 'push',
    g: [1.5, 0, 0],
  },
  {
    variant: 'left',
    g: [0, -0.5, 0],
  },
  {
    variant: 'right',
    g: [0, 0.5, 0],
  },
  {
    variant: 'up',
    g: [0, 0, 0.5],
  },
  {
    variant: 'down',
    g: [0, 0, -0.5],
  },
];
const held$1 = (situation, variant, forces) => ({
  situation,
  variant,
  balance: 'held',
  support: 'hangers',
  field: {
    sprung: NONE,
    unsprung: NONE,
    angular: NONE,
  },
  forces,
});
const freeAlone = (context, situation, variant, forces) => free(context, situation, variant, 0, forces);
const drawbar = (context) => {
  const weight = weightN(context.grossKg);
  return DRAWBAR_LOADS.flatMap(({ variant, g: share }) => {
    const force = atNode(context, context.frame.ball, [share[0] * weight, share[1] * weight, share[2] * weight]);
    return [freeAlone(context, 'drawbar', variant, [force]), held$1('drawbar', variant, [force])];
  });
};
const ASIDE_RAD = Math.PI / 6;
const recovery = (context) => {
  const pull = recoveryPullN(context.trailer);
  if (pull === void 0) return [];
  const { frame } = context;
  const along = pull * Math.cos(ASIDE_RAD);
  const aside = pull * Math.sin(ASIDE_RAD);
  const front = (variant, forceN) => {
    const force = atNode(context, frame.ball, forceN);
    return [freeAlone(context, 'recovery', variant, [force]), held$1('recovery', variant, [force])];
  };
  const rear = (variant, forceN) =>
    freeAlone(context, 'recovery', variant, [
      atNode(context, frame.rearMiddle, forceN),
      atNode(context, frame.ball, [-forceN[0], 0, 0]),
    ]);
  return [
    ...front('front', [-pull, 0, 0]),
    ...front('front-aside', [-along, aside, 0]),
    rear('rear', [pull, 0, 0]),
    rear('rear-aside', [along, aside, 0]),
  ];
};
/** The user's figure, or the tow vehicle's own weight, N; undefined where neither is known. */
const recoveryPullN = (trailer) => {
  const kg = trailer.strength.recoveryPullKg ?? trailer.towVehicle?.massKg;
  return kg === null || kg === void 0 ? void 0 : weightN(kg);
};
const STEPPING_ON = 1.5;
const person = (context, support) => {
  const { frame } = context;
  const down = [0, 0, -100 * g * STEPPING_ON];
  return [
    ['middle', frame.rearMiddle],
    ['left', frame.corners[2]],
    ['right', frame.corners[3]],
  ].map(([variant, node]) => supported('person-rear', variant, support, still(1), [atNode(context, node, down)]));
};
const STRAP_RAD = Math.PI / 4;
/** Every ring pulled at its working load, up and in at 45°; the straps press the load down on the deck as hard. */
const tieDowns = (context, support) => {
  const { frame, trailer, balanced } = context;
  const { workingLoadKg } = trailer.frame.tieDowns;
  const cargo = balanced.parts.filter(
    ({ group, carriedBy, massKg }) => group === 'cargo' && carriedBy === 'deck' && massKg > 0,
  );
  if (frame.tieDowns.length === 0 || workingLoadKg === null || cargo.length === 0) return [];
  const [across, upward] = [Math.cos(STRAP_RAD), Math.sin(STRAP_RAD)].map((part) => part * weightN(workingLoadKg));
  const cargoKg = cargo.reduce((sum, { massKg }) => sum + massKg, 0);
  const downN = 2 * frame.tieDowns.length * upward;
  return [
    {
      ...supported(
        'tie-downs',
        '',
        support,
        still(1),
        frame.tieDowns.flatMap(([left, right]) => [
          atNode(context, left, [0, across, upward]),
          atNode(context, right, [0, -across, upward]),
        ]),
      ),
      pressing: cargo.map((part) => ({
        part,
        forceN: [0, 0, (-downN * part.massKg) / cargoKg],
      })),
    },
  ];
};
/** Parked on its stands with the springs let off, and with a person on the rear edge. */
const onStands = (context) =>
  context.frame.stands.length === 0
    ? []
    : [
        supported('on-stands', '', 'stands', still(1)),
        ...person(context, 'stands').map((run) => ({
          ...run,
          situation: 'on-stands',
          variant: `person-${run.variant}`,
        })),
      ];
/** Every run of a case: what it goes through, each with its own balance. */
const runsOf = (context) => {
  const { balanced, trailer } = context;
  const towed = balanced.loadCase.mode === 'towed';
  const support = balanced.standing.on === 'ball' ? 'road' : 'jack';
  const all = [
    supported('standing', '', support, still(1)),
    supported('jack-rail', 'left', 'rail-left', still(1)),
    supported('jack-rail', 'right', 'rail-right', still(1)),
    ...person(context, support),
    ...onStands(context),
  ];
  if (!towed) return all;
  return [
    ...all,
    supported('bump-both', '', support, still(bumpFactor(trailer))),
    ...oneWheelBump(context),
    ...twist(context),
    ...braking(context),
    ...cornering(context),
    ...drawbar(context),
    supported('jack-tongue', '', 'jack', still(1)),
    ...tieDowns(context, support),
    ...recovery(context),
  ];
};
const TURN_OVER_FACTOR = 1.5;
/** The bare frame, lifted by the two corners of one side while the other side's stay on the floor. */
const turnOverRun = (side) => ({
  situation: 'turn-over',
  variant: side,
  balance: 'supported',
  support: `corners-${side}`,
  field: {
    sprung: up(TURN_OVER_FACTOR),
    unsprung: NONE,
    angular: NONE,
  },
  forces: [],
});
// core/src/strength/situations/situations.ts
/** Everything that a trailer is put through. */
const SITUATION_IDS = [
  'standing',
  'bump-both',
  'bump-one',
  'twist',
  'braking',
  'cornering',
  'drawbar',
  'tie-downs',
  'jack-tongue',
  'jack-rail',
  'on-stands',
  'recovery',
  'person-rear',
  'turn-over',
];
const PRACTICE = commonPractice('dynamic factors for light trailers');
const SITUATIONS = {
  standing: {
    id: 'standing',
    limit: 'allowable',
    source: computedBy('weight alone'),
    cases: 'all',
  },
  'bump-both': {
    id: 'bump-both',
    limit: 'allowable',
    source: PRACTICE,
    cases: 'towed',
  },
  'bump-one': {
    id: 'bump-one',
    limit: 'allowable',
    source: PRACTICE,
    cases: 'towed',
  },
  twist: {
    id: 'twist',
    limit: 'allowable',
    source: commonPractice(
      '0.25 to 0.5 of a wheel’s load × track, between axle and front header; a ball by itself lets the trailer roll',
    ),
    cases: 'towed',
  },
  braking: {
    id: 'braking',
    limit: 'allowable',
    source: commonPractice('0.7 g with 1.5 times the standing load'),
    cases: 'towed',
  },
  cornering: {
    id: 'cornering',
    limit: 'allowable',
    source: commonPractice('0.4 g with 1.5 times the standing load'),
    cases: 'towed',
  },
  drawbar: {
    id: 'drawbar',
    limit: 'yield',
    source: publishedSure('ADR 62 and VSB 1: 1.5 g along, 0.5 g across, 0.5 g up and down, no residual deformation'),
    cases: 'towed',
  },
  'tie-downs': {
    id: 'tie-downs',
    limit: 'allowable',
    source: commonPractice('every ring pulled at its working load, 45° up and in'),
    cases: 'towed',
  },
  'on-stands': {
    id: 'on-stands',
    limit: 'allowable',
    source: commonPractice('weight on the stands alone, also with 100 kg stepping on the rear edge, × 1.5'),
    cases: 'all',
  },
  'jack-tongue': {
    id: 'jack-tongue',
    limit: 'allowable',
    source: computedBy('weight on jack and wheels'),
    cases: 'towed',
  },
  'jack-rail': {
    id: 'jack-rail',
    limit: 'allowable',
    source: commonPractice('a floor jack under one rail behind the axle'),
    cases: 'all',
  },
  recovery: {
    id: 'recovery',
    limit: 'yield',
    source: commonPractice('a pull of the tow vehicle’s own weight, straight and 30° aside'),
    cases: 'towed',
  },
  'person-rear': {
    id: 'person-rear',
    limit: 'allowable',
    source: commonPractice('100 kg (220 lb) stepping on, × 1.5'),
    cases: 'all',
  },
  'turn-over': {
    id: 'turn-over',
    limit: 'allowable',
    source: commonPractice('the bare frame lifted by two corners of one side, × 1.5'),
    cases: 'frame',
  },
};
// core/src/strength/resistance/aluminum.ts
/** ADM 2010 and later, building-type structures: on yielding and buckling, on rupture. */
const ALUMINUM_YIELD_FACTOR = 1.65;
const ALUMINUM_RUPTURE_FACTOR = 1.95;
const ADM_BENDING = publishedSure('Aluminum Design Manual F.2');
const ADM_WALLS = publishedVerify('Aluminum Design Manual B.5.4, buckling constants of table B.4.2');
const strengths = ({ material, welded }) =>
  welded
    ? {
        yieldPa: material.weldedYieldPa ?? material.yieldPa,
        ultimatePa: material.weldedUltimatePa ?? material.ultimatePa,
      }
    : material;
/**
 * Stress that a flat wall held at both long edges bears under even pressure, Pa, artificially aged tempers.
 * Constants in ksi: Bp = F·(1 + (F/1500)^⅓), Dp = (Bp/10)·√(Bp/E), k1 = 0.35, k2 = 2.27; 1.6 for two held edges, 5.0 for one.
 */
const wallStressPa = (yieldPa, elasticPa, ratio, heldEdges) => {
  const f = fromPascals(yieldPa, 'ksi');
  const e = fromPascals(elasticPa, 'ksi');
  const bp = f * (1 + Math.cbrt(f / 1500));
  const dp = (bp / 10) * Math.sqrt(bp / e);
  const k = heldEdges === 2 ? 1.6 : 5;
  const first = (bp - f) / (k * dp);
  const second = (0.35 * bp) / (k * dp);
  if (ratio <= first) return yieldPa;
  const stress = ratio < second ? bp - k * dp * ratio : (2.27 * Math.sqrt(bp * e)) / (k * ratio);
  return toPascals(Math.min(f, stress), 'ksi');
};
/** Slenderness of the wall that the bending presses, and how many of its edges are held. */
const pressedWall = (shape, plane) => {
  switch (shape.kind) {
    case 'rect-tube':
      return {
        ratio: ((plane === 'upright' ? shape.widthM : shape.heightM) - 2 * shape.wallM) / shape.wallM,
        heldEdges: 2,
      };
    case 'angle':
      return {
        ratio: Math.max(shape.verticalLegM, shape.horizontalLegM) / shape.thicknessM,
        heldEdges: 1,
      };
    case 'channel':
    case 'bent-channel': {
      const { flange, flangeM } = channelSizes(shape);
      return {
        ratio: flangeM / flange,
        heldEdges: 1,
      };
    }
    case 'round-tube':
    case 'flat-bar':
      return;
  }
};
/** The least of yielding (÷ 1.65), buckling of the pressed wall (÷ 1.65) and rupture (÷ 1.95): the allowable moment, N·m, with the clause. */
const aluminumBending = (input, plane) => {
  const { shape, section, material } = input;
  const { yieldPa, ultimatePa } = strengths(input);
  const plastic = plasticProperties(shape);
  const tall = plane === 'upright';
  const z = plastic.ok ? (tall ? plastic.value.zyM3 : plastic.value.zzM3) : 0;
  const s = tall ? Math.min(section.syTopM3, section.syBottomM3) : Math.min(section.szLeftM3, section.szRightM3);
  const share = shape.kind === 'angle' ? 0.8 : 1;
  let value = (Math.min(z, 1.5 * s) * yieldPa * share) / ALUMINUM_YIELD_FACTOR;
  let source = ADM_BENDING;
  const take = (candidate, from) => {
    if (candidate < value) {
      value = candidate;
      source = from;
    }
  };
  take((z * ultimatePa * share) / ALUMINUM_RUPTURE_FACTOR, ADM_BENDING);
  const wall = pressedWall(shape, plane);
  if (wall) {
    const stress = wallStressPa(yieldPa, material.elasticPa, wall.ratio, wall.heldEdges);
    if (stress < yieldPa) take((stress * s * share) / ALUMINUM_YIELD_FACTOR, ADM_WALLS);
  }
  return {
    value,
    source,
  };
};
/** Allowable compression, N: member buckling by E.2 with the constants Bc = F·(1 + √(F/2250)), Dc = (Bc/10)·√(Bc/E), Cc = 0.41·Bc/Dc (ksi). */
const aluminumCompression = (input, lengthYM, lengthZM) => {
  const { section, material, shape } = input;
  const { yieldPa } = strengths(input);
  const f = fromPascals(yieldPa, 'ksi');
  const e = fromPascals(material.elasticPa, 'ksi');
  const bc = f * (1 + Math.sqrt(f / 2250));
  const dc = (bc / 10) * Math.sqrt(bc / e);
  const slender = Math.max(lengthYM / section.ryM, lengthZM / section.rzM);
  const critical =
    slender < (0.41 * bc) / dc ? 0.85 * (bc - dc * slender) : (0.85 * Math.PI ** 2 * e) / Math.max(slender, 1e-9) ** 2;
  const wall = pressedWall(shape, 'upright');
  const walls = wall ? wallStressPa(yieldPa, material.elasticPa, wall.ratio, wall.heldEdges) : yieldPa;
  return {
    value: (Math.min(toPascals(Math.min(critical, f), 'ksi'), walls) * section.areaM2) / ALUMINUM_YIELD_FACTOR,
    source: publishedVerify('Aluminum Design Manual E.2'),
  };
};
/** Allowable tension, N: D.2. */
const aluminumTension = (input) => {
  const { yieldPa, ultimatePa } = strengths(input);
  return {
    value: input.section.areaM2 * Math.min(yieldPa / ALUMINUM_YIELD_FACTOR, ultimatePa / ALUMINUM_RUPTURE_FACTOR),
    source: publishedSure('Aluminum Design Manual D.2'),
  };
};
/** Allowable shear stress, Pa: 0.6 of the tensile yield, G.2. */
const aluminumShearPa = (input) => (0.6 * strengths(input).yieldPa) / ALUMINUM_YIELD_FACTOR;
// core/src/strength/resistance/memberResistance.ts
/** AISC 360-16: ASD factors on yield in tension, compression, bending, shear of walls and torsion. */
const STEEL_FACTOR = 1.67;
/** St Venant shear is largest where the bar is thickest. */
const thickestM = (shape) =>
  shape.kind === 'channel' ? Math.max(shape.webM, shape.flangeThicknessM) : wallThicknessM(shape);
/** Flange bending of a channel that is held against warping at both joints: a torque T gives M = T·L ÷ 4h in each flange (Design Guide 9's upper bound). */
const warpingPerNm = (shape, unbracedM) => {
  if (shape.kind !== 'channel' && shape.kind !== 'bent-channel') return 0;
  const { flange, depthM, flangeM } = channelSizes(shape);
  return unbracedM / (4 * (depthM - flange)) / ((flange * flangeM ** 2) / 6);
};
const openTorsion = (shape, section, unbracedM, normalPa, shearPa) => ({
  shearPerNm: thickestM(shape) / section.torsionM4,
  allowedShearPa: shearPa,
  warpingPerNm: warpingPerNm(shape, unbracedM),
  allowedNormalPa: normalPa,
});
const allowed = ({ value, source }, factor) => ({
  value: value / factor,
  source,
});
const steelResistance = (member, shape, stretch) => {
  const { material, bar } = member;
  const input = {
    shape,
    section: bar.design,
    yieldPa: material.yieldPa,
    elasticPa: material.elasticPa,
    shearPa: shearModulusPa(material),
  };
  const torsion = steelTorsion(input, stretch.unbracedM);
  const normalPa = material.yieldPa / STEEL_FACTOR;
  return {
    tension: {
      value: bar.design.areaM2 * normalPa,
      source: publishedSure('AISC 360-16 D2'),
    },
    compression: allowed(steelCompression(input, stretch.wholeM, stretch.unbracedM), STEEL_FACTOR),
    bendingY: allowed(steelBending(input, 'upright', stretch.unbracedM), STEEL_FACTOR),
    bendingZ: allowed(steelBending(input, 'level', stretch.unbracedM), STEEL_FACTOR),
    shearY: allowed(steelShear(input, 'level'), STEEL_FACTOR),
    shearZ: allowed(steelShear(input, 'upright'), STEEL_FACTOR),
    torsion: torsion && allowed(torsion, STEEL_FACTOR),
    open: torsion ? void 0 : openTorsion(shape, bar.design, stretch.unbracedM, normalPa, 0.6 * normalPa),
    welded: false,
    section: bar.design,
    yieldPa: material.yieldPa,
    shape,
    pieces: 1,
  };
};
const tubeTorsionModulusM3 = (shape) => {
  if (shape.kind === 'rect-tube') {
    const t = shape.wallM;
    return 2 * (shape.widthM - t) * (shape.heightM - t) * t - 4.5 * (4 - Math.PI) * t ** 3;
  }
  if (shape.kind === 'round-tube') return (Math.PI * (shape.diameterM - shape.wallM) ** 2 * shape.wallM) / 2;
};
const shearAreas = (shape, section) => {
  const { widthM, heightM } = outsideSize(shape);
  switch (shape.kind) {
    case 'rect-tube':
      return {
        y: 2 * (widthM - 2 * shape.wallM) * shape.wallM,
        z: 2 * (heightM - 2 * shape.wallM) * shape.wallM,
      };
    case 'angle':
      return {
        y: shape.horizontalLegM * shape.thicknessM,
        z: shape.verticalLegM * shape.thicknessM,
      };
    case 'channel':
    case 'bent-channel': {
      const { web, flange, depthM, flangeM } = channelSizes(shape);
      return {
        y: 2 * flangeM * flange,
        z: depthM * web,
      };
    }
    case 'round-tube':
      return {
        y: section.areaM2 / 2,
        z: section.areaM2 / 2,
      };
    case 'flat-bar':
      return {
        y: (2 / 3) * section.areaM2,
        z: (2 / 3) * section.areaM2,
      };
  }
};
const aluminumResistance = (member, shape, stretch) => {
  const { material, bar } = member;
  const input = {
    shape,
    section: bar.design,
    material,
    welded: stretch.welded,
  };
  const shearPa = aluminumShearPa(input);
  const shear = publishedVerify('Aluminum Design Manual G.2');
  const areas = shearAreas(shape, bar.design);
  const modulus = tubeTorsionModulusM3(shape);
  const yieldPa = stretch.welded ? (material.weldedYieldPa ?? material.yieldPa) : material.yieldPa;
  const tension = aluminumTension(input);
  return {
    tension,
    compression: aluminumCompression(input, stretch.wholeM, stretch.unbracedM),
    bendingY: aluminumBending(input, 'upright'),
    bendingZ: aluminumBending(input, 'level'),
    shearY: {
      value: areas.y * shearPa,
      source: shear,
    },
    shearZ: {
      value: areas.z * shearPa,
      source: shear,
    },
    torsion:
      modulus === void 0
        ? void 0
        : {
            value: modulus * shearPa,
            source: publishedVerify('Aluminum Design Manual H.2'),
          },
    open:
      modulus === void 0
        ? openTorsion(shape, bar.design, stretch.unbracedM, tension.value / bar.design.areaM2, shearPa)
        : void 0,
    welded: stretch.welded,
    section: bar.design,
    yieldPa,
    shape,
    pieces: 1,
  };
};
/** Twice of everything that one bar bears, for two side by side. */
const twice = (one) => {
  const both = ({ value, source }) => ({
    value: 2 * value,
    source,
  });
  return {
    ...one,
    tension: both(one.tension),
    compression: both(one.compression),
    bendingY: both(one.bendingY),
    bendingZ: both(one.bendingZ),
    shearY: both(one.shearY),
    shearZ: both(one.shearZ),
    torsion: one.torsion && both(one.torsion),
    open: one.open && {
      ...one.open,
      shearPerNm: one.open.shearPerNm / 2,
      warpingPerNm: one.open.warpingPerNm / 2,
    },
    pieces: 2,
  };
};
/** What a stretch of a bar may bear; two side by side bear twice what one does. */
const memberResistance = (member, stretch) => {
  const shape = designShape(member.section);
  const single =
    member.pieces === 1
      ? member
      : {
          ...member,
          bar: barProperties(member.section) ?? member.bar,
        };
  const one =
    member.material.family === 'steel'
      ? steelResistance(single, shape, stretch)
      : aluminumResistance(single, shape, stretch);
  return member.pieces === 1 ? one : twice(one);
};
/** H1-1: axial force and bending in both planes. */
const axialAndBending = (axial, bending) => (axial >= 0.2 ? axial + (8 / 9) * bending : axial / 2 + bending);
/** The largest share alone, for looking along a bar; `allowableUtilisation` tells how it comes about. */
const allowableShare = (r, inner) => {
  const axial = inner.n >= 0 ? inner.n / r.tension.value : -inner.n / r.compression.value;
  const bending = Math.abs(inner.my) / r.bendingY.value + Math.abs(inner.mz) / r.bendingZ.value;
  const shear = Math.hypot(inner.vy / r.shearY.value, inner.vz / r.shearZ.value);
  const twistNm = Math.abs(inner.t);
  if (r.torsion) {
    const twist = twistNm / r.torsion.value;
    return twist > 0.2 ? axial + bending + (shear + twist) ** 2 : Math.max(axialAndBending(axial, bending), shear);
  }
  const open = r.open;
  return Math.max(
    axialAndBending(axial, bending) + (twistNm * open.warpingPerNm) / open.allowedNormalPa,
    shear + (twistNm * open.shearPerNm) / open.allowedShearPa,
  );
};
/** Share of the allowable at a place: AISC 360-16 H1-1, G, H3-6 (tubes) or H3.3 (open bars); the same sums serve aluminum (ADM H.1, H.3). */
const allowableUtilisation = (r, inner) => {
  const axial = inner.n >= 0 ? inner.n / r.tension.value : -inner.n / r.compression.value;
  const bendingY = Math.abs(inner.my) / r.bendingY.value;
  const bendingZ = Math.abs(inner.mz) / r.bendingZ.value;
  const shear = Math.hypot(inner.vy / r.shearY.value, inner.vz / r.shearZ.value);
  const twistNm = Math.abs(inner.t);
  const parts = {
    axial,
    bendingY,
    bendingZ,
    shear,
    value: allowableShare(r, inner),
  };
  if (r.torsion) {
    const twist = twistNm / r.torsion.value;
    const rule = twist > 0.2 ? 'with-twist' : parts.value === shear ? 'shear' : 'normal';
    return {
      ...parts,
      twist,
      rule,
    };
  }
  const open = r.open;
  const twist = (twistNm * open.shearPerNm) / open.allowedShearPa;
  const warping = (twistNm * open.warpingPerNm) / open.allowedNormalPa;
  const rule = twist > 0.05 || warping > 0.05 ? 'open-twist' : parts.value === shear + twist ? 'shear' : 'normal';
  return {
    ...parts,
    twist,
    rule,
  };
};
/** Twist stress at the wall, Pa per N·m. */
const twistStressPerNm = ({ shape, section }) => {
  const modulus = tubeTorsionModulusM3(shape);
  return modulus === void 0 ? thickestM(shape) / section.torsionM4 : 1 / modulus;
};
/** Largest stress ÷ yield: σ = N/A + My/Sy + Mz/Sz with τ of shear and twist by von Mises; for loads that must leave nothing bent. */
const yieldUtilisation = (r, all) => {
  const { section, yieldPa, pieces } = r;
  const inner =
    pieces === 1
      ? all
      : {
          n: all.n / 2,
          vy: all.vy / 2,
          vz: all.vz / 2,
          t: all.t / 2,
          my: all.my / 2,
          mz: all.mz / 2,
        };
  const axial = Math.abs(inner.n) / section.areaM2 / yieldPa;
  const bendingY = Math.abs(inner.my) / Math.min(section.syTopM3, section.syBottomM3) / yieldPa;
  const bendingZ = Math.abs(inner.mz) / Math.min(section.szLeftM3, section.szRightM3) / yieldPa;
  const areas = shearAreas(r.shape, section);
  const shear = Math.hypot(inner.vy / areas.y, inner.vz / areas.z) / yieldPa;
  const twist = (Math.abs(inner.t) * twistStressPerNm(r)) / yieldPa;
  return {
    axial,
    bendingY,
    bendingZ,
    shear,
    twist,
    rule: 'yield',
    value: Math.hypot(axial + bendingY + bendingZ, Math.sqrt(3) * (shear + twist)),
  };
};
// core/src/strength/analysis/bracing.ts
/** Joints that hold a bar sideways: other bars of the frame and the coupler. */
const braces = (joint) => joint !== void 0 && /^(cross|header|rail|tongue|extra|coupler|item)/.test(joint);
/** Marks on a bar where nothing is welded on. */
const unwelded = (joint, hangersWelded) =>
  joint === void 0 ||
  joint === 'middle' ||
  joint === 'floor jack' ||
  joint === 'stand' ||
  joint === 'coupler' ||
  (joint.startsWith('hanger') && !hangersWelded);
const ofMember = (bars) => {
  const groups = /* @__PURE__ */ new Map();
  for (const bar of bars) groups.set(bar.member.id, [...(groups.get(bar.member.id) ?? []), bar]);
  return groups;
};
/** Sideways length of each element between the joints that hold its bar, and its strengths, one per element in the bars' order. */
const elementStrengths = (bars, hangersWelded) => {
  const groups = ofMember(bars);
  return bars.map((bar) => {
    const own = groups.get(bar.member.id);
    const index = own.indexOf(bar);
    let first = index;
    while (first > 0 && !braces(own[first]?.jointFrom)) first -= 1;
    let last = index;
    while (last < own.length - 1 && !braces(own[last]?.jointTo)) last += 1;
    const stretch = {
      unbracedM: own[last].toM - own[first].fromM,
      wholeM: own.at(-1).toM - own[0].fromM,
    };
    return {
      bar,
      lengthM: bar.toM - bar.fromM,
      free: memberResistance(bar.member, {
        ...stretch,
        welded: false,
      }),
      welded: memberResistance(bar.member, {
        ...stretch,
        welded: true,
      }),
      weldFrom: !unwelded(bar.jointFrom, hangersWelded),
      weldTo: !unwelded(bar.jointTo, hangersWelded),
    };
  });
};
/** Strength at x along an element: welded within 25 mm of a weld at either end, which a gusset's toe carries out along the bar. */
const strengthAt = (strength, xM) =>
  (strength.weldFrom && xM <= 0.025 + strength.bar.stiffFromM) ||
  (strength.weldTo && xM >= strength.lengthM - 0.025 - strength.bar.stiffToM)
    ? strength.welded
    : strength.free;
// core/src/strength/frame-model/bearings.ts
const elementLines = (frame) =>
  new Map(
    frame.elements.map((element) => [
      element.id,
      {
        id: element.id,
        start: add(frame.at(element.from), element.offsetFrom ?? [0, 0, 0]),
        end: add(frame.at(element.to), element.offsetTo ?? [0, 0, 0]),
      },
    ]),
  );
const stretch = (line, from, to, share) => {
  const whole = subtract(line.end, line.start);
  const lengthM = length(whole);
  const place = (part) => add(line.start, scale(whole, part));
  return {
    element: line.id,
    fromM: from * lengthM,
    toM: to * lengthM,
    share,
    start: place(from),
    end: place(to),
  };
};
/** Parts of [0, 1] along a line whose coordinate lies between two values; a line square to the axis is in or out as a whole. */
const within$1 = (line, axis, low, high) => {
  const a = line.start[axis];
  const b = line.end[axis];
  if (Math.abs(b - a) < 1e-9) return a >= low && a <= high ? [0, 1] : void 0;
  const s = (low - a) / (b - a);
  const t = (high - a) / (b - a);
  const from = Math.max(0, Math.min(s, t));
  const to = Math.min(1, Math.max(s, t));
  return to > from ? [from, to] : void 0;
};
/** Shares by length over stretches of these lines between two values of x; the nearest place where there are none. */
const alongX = (lines, x0, x1, share) => {
  const found = lines.flatMap((line) => {
    const part = within$1(line, 0, x0, x1);
    return part && x1 > x0
      ? [
          {
            line,
            part,
            m: (part[1] - part[0]) * length(subtract(line.end, line.start)),
          },
        ]
      : [];
  });
  const total = found.reduce((sum, { m }) => sum + m, 0);
  if (total > 0) return found.map(({ line, part, m }) => stretch(line, part[0], part[1], (share * m) / total));
  const x = (x0 + x1) / 2;
  const at = (line) => {
    const span = line.end[0] - line.start[0];
    return span === 0 ? 0 : Math.min(1, Math.max(0, (x - line.start[0]) / span));
  };
  const distance = (line) => Math.abs(line.start[0] + (line.end[0] - line.start[0]) * at(line) - x);
  const least = Math.min(...lines.map(distance));
  const nearest = lines.filter((line) => distance(line) <= least + 1e-9);
  return nearest.map((line) => stretch(line, at(line), at(line), share / nearest.length));
};
/** Share of a load spread evenly over [x0, x1] that each of these lines takes, the deck lying from each to the next as a simple plank. */
const leverShares = (xs, x0, x1) => {
  const hat = (k, x) => {
    const own = xs[k];
    const next = x < own ? xs[k - 1] : xs[k + 1];
    return next === void 0 ? 1 : Math.max(0, 1 - Math.abs(x - own) / Math.abs(next - own));
  };
  const stops = [x0, ...xs.filter((x) => x > x0 && x < x1), x1];
  return xs.map((_, k) => {
    if (x1 - x0 < 1e-9) return hat(k, (x0 + x1) / 2);
    let sum = 0;
    stops.slice(1).forEach((stop, i) => {
      const start = stops[i];
      sum += ((hat(k, start) + hat(k, stop)) / 2) * (stop - start);
    });
    return sum / (x1 - x0);
  });
};
const acrossY = (lines, y0, y1, share) => {
  const ordered = [...lines].sort((a, b) => a.start[1] - b.start[1]);
  const found = ordered.flatMap((line) => {
    const part = within$1(line, 1, y0, y1);
    return part && y1 > y0
      ? [
          {
            line,
            part,
            m: (part[1] - part[0]) * Math.abs(line.end[1] - line.start[1]),
          },
        ]
      : [];
  });
  const total = found.reduce((sum, { m }) => sum + m, 0);
  if (total > 0) return found.map(({ line, part, m }) => stretch(line, part[0], part[1], (share * m) / total));
  const y = (y0 + y1) / 2;
  const [first, ...others] = ordered;
  if (!first) return [];
  const line = others.reduce((best, next) => (y > Math.max(best.start[1], best.end[1]) ? next : best), first);
  const span = line.end[1] - line.start[1];
  const at = span === 0 ? 0 : Math.min(1, Math.max(0, (y - line.start[1]) / span));
  return [stretch(line, at, at, share)];
};
const bearingFinder = (chassis, frame) => {
  const lines = elementLines(frame);
  const lineOf = ({ id }) => lines.get(id);
  const ofGroup = (...groups) => frame.bars.filter(({ member }) => groups.includes(member.group)).map(lineOf);
  const rails = ofGroup('rail');
  const [leftRail, rightRail] = [rails.filter(({ start }) => start[1] < 0), rails.filter(({ start }) => start[1] > 0)];
  const tongue = ofGroup('tongue');
  const crosses = chassis.members
    .filter(({ group }) => group === 'cross' || group === 'header')
    .map(({ id, centre }) => ({
      xM: centre.xM,
      lines: frame.bars.filter(({ member }) => member.id === id).map(lineOf),
    }))
    .sort((a, b) => a.xM - b.xM);
  const xs = crosses.map(({ xM }) => xM);
  const faceY = chassis.members
    .find(({ group }) => group === 'cross' || group === 'header')
    ?.plan.map(([, y]) => y) ?? [0];
  const [innerLeft, innerRight] = [Math.min(...faceY), Math.max(...faceY)];
  const axleLines = (axle) =>
    frame.gear.elementIds.filter((id) => id.startsWith(`gear.${axle}.tube`)).map((id) => lines.get(id));
  const onDeck = ({ x0M, x1M, y0M, y1M }) => {
    const width = y1M - y0M;
    const inside = (low, high) =>
      width > 0 ? Math.max(0, Math.min(high, y1M) - Math.max(low, y0M)) / width : y0M >= low && y0M <= high ? 1 : 0;
    const overLeft = inside(Number.NEGATIVE_INFINITY, innerLeft);
    const overRight = inside(innerRight, Number.POSITIVE_INFINITY);
    const between = 1 - overLeft - overRight;
    return [
      ...(overLeft > 1e-9 ? alongX(leftRail, x0M, x1M, overLeft) : []),
      ...(overRight > 1e-9 ? alongX(rightRail, x0M, x1M, overRight) : []),
      ...(between > 1e-9
        ? leverShares(xs, x0M, x1M).flatMap((share, k) =>
            share > 1e-12
              ? acrossY(crosses[k].lines, Math.max(y0M, innerLeft), Math.min(y1M, innerRight), share * between)
              : [],
          )
        : []),
    ];
  };
  return {
    bearingsOf: (part) => {
      const own = frame.bars.filter(({ member }) => member.id === part.id).map(lineOf);
      if (own.length > 0) {
        const total = own.reduce((sum, line) => sum + length(subtract(line.end, line.start)), 0);
        return own.map((line) => stretch(line, 0, 1, length(subtract(line.end, line.start)) / total));
      }
      switch (part.carriedBy) {
        case 'deck':
          return onDeck(part);
        case 'tongue':
          return alongX(tongue, part.x0M, part.x1M, 1);
        case 'rails':
          return [...alongX(leftRail, part.x0M, part.x1M, 0.5), ...alongX(rightRail, part.x0M, part.x1M, 0.5)];
        case 'axle.1':
        case 'axle.2':
        case 'axle.3':
          return axleLines(part.carriedBy).map((line, _i, all) => stretch(line, 0, 1, 1 / all.length));
      }
    },
  };
};
// core/src/strength/joints/holes.ts
/** Walls that a drill of diameter d goes through at mid-width or mid-height. */
const gone = (shape, { diameterM: d, through }, centroidYM, centroidZM) => {
  const { widthM: w, heightM: h } = outsideSize(shape);
  const side = (wallM, yM) => ({
    acrossM: wallM,
    uprightM: d,
    yM,
    zM: h / 2 - centroidZM,
  });
  const level = (wallM, zM) => ({
    acrossM: d,
    uprightM: wallM,
    yM: w / 2 - centroidYM,
    zM,
  });
  switch (shape.kind) {
    case 'rect-tube':
    case 'round-tube': {
      const t = shape.wallM;
      return through === 'sides'
        ? [side(t, (w - t) / 2), side(t, (t - w) / 2)]
        : [level(t, (h - t) / 2), level(t, (t - h) / 2)];
    }
    case 'angle': {
      const t = shape.thicknessM;
      return through === 'sides' ? [side(t, t / 2 - centroidYM)] : [level(t, t / 2 - centroidZM)];
    }
    case 'channel':
    case 'bent-channel': {
      const { web, flange, depthM } = channelSizes(shape);
      return through === 'sides'
        ? [side(web, web / 2 - centroidYM)]
        : [level(flange, depthM - flange / 2 - centroidZM), level(flange, flange / 2 - centroidZM)];
    }
    case 'flat-bar':
      return through === 'sides' ? [side(w, 0)] : [level(h, 0)];
  }
};
/** The net section about the whole section's middle; undefined where nothing is left of it. */
const netSection = (member, hole) => {
  const shape = designShape(member.section);
  const { design } = member.bar;
  const { widthM, heightM } = outsideSize(shape);
  const { centroidYM } = design;
  let areaM2 = design.areaM2;
  let iyM4 = design.iyM4;
  let izM4 = design.izM4;
  for (const { acrossM, uprightM, yM, zM } of gone(shape, hole, centroidYM, design.centroidZM)) {
    const a = acrossM * uprightM * member.pieces;
    areaM2 -= a;
    iyM4 -= a * (zM ** 2 + uprightM ** 2 / 12);
    izM4 -= a * (yM ** 2 + acrossM ** 2 / 12);
  }
  if (!(areaM2 > 0 && iyM4 > 0 && izM4 > 0)) return void 0;
  const farZ = Math.max(design.centroidZM, heightM - design.centroidZM);
  const farY = Math.max(centroidYM, widthM - centroidYM);
  return {
    areaM2,
    modulusYM3: iyM4 / farZ,
    modulusZM3: izM4 / farY,
  };
};
/** Stress on the net section: pull and bending together, Pa. */
const netStressPa = (net, inner) =>
  Math.abs(inner.n) / net.areaM2 + Math.abs(inner.my) / net.modulusYM3 + Math.abs(inner.mz) / net.modulusZM3;
/** Rupture of the net section: Fu ÷ 2.00 in steel, Ftu ÷ 1.95 in aluminum; 0.75 of the ultimate where only lasting bends are kept away. */
const netAllowedPa = ({ material }, limit) =>
  limit === 'yield' ? 0.75 * material.ultimatePa : material.ultimatePa / (material.family === 'steel' ? 2 : 1.95);
const netSource = ({ material }) =>
  material.family === 'steel'
    ? publishedSure('AISC 360-16 D2(b), F13.1: rupture of the net section, Fu ÷ 2.00')
    : publishedVerify('Aluminum Design Manual D.2: rupture of the net section, Ftu ÷ 1.95');
// core/src/strength/joints/weldGroup.ts
/** Source: Blodgett, Design of Welded Structures, section 7.4: treat the weld as a line. */
const lineGroup = (lines) => {
  let lengthM = 0;
  let firstY = 0;
  let firstZ = 0;
  for (const [y0, z0, y1, z1] of lines) {
    const l = Math.hypot(y1 - y0, z1 - z0);
    lengthM += l;
    firstY += (l * (y0 + y1)) / 2;
    firstZ += (l * (z0 + z1)) / 2;
  }
  const [cy, cz] = [firstY / lengthM, firstZ / lengthM];
  let aboutY = 0;
  let aboutZ = 0;
  let farYM = 0;
  let farZM = 0;
  for (const [y0, z0, y1, z1] of lines) {
    const l = Math.hypot(y1 - y0, z1 - z0);
    aboutY += l * (((z0 + z1) / 2 - cz) ** 2 + (z1 - z0) ** 2 / 12);
    aboutZ += l * (((y0 + y1) / 2 - cy) ** 2 + (y1 - y0) ** 2 / 12);
    farYM = Math.max(farYM, Math.abs(y0 - cy), Math.abs(y1 - cy));
    farZM = Math.max(farZM, Math.abs(z0 - cz), Math.abs(z1 - cz));
  }
  return {
    lengthM,
    modulusYM2: farZM > 0 ? aboutY / farZM : 0,
    modulusZM2: farYM > 0 ? aboutZ / farYM : 0,
    polarM3: aboutY + aboutZ,
    farYM,
    farZM,
  };
};
const box = (b, d) => [
  [0, 0, b, 0],
  [0, d, b, d],
  [0, 0, 0, d],
  [b, 0, b, d],
];
const circle = (d) => ({
  lengthM: Math.PI * d,
  modulusYM2: (Math.PI * d ** 2) / 4,
  modulusZM2: (Math.PI * d ** 2) / 4,
  polarM3: (Math.PI * d ** 3) / 4,
  farYM: d / 2,
  farZM: d / 2,
});
/** All round the end of a bar; open bars count once along each wall, not on both faces. */
const allRound = (shape) => {
  switch (shape.kind) {
    case 'rect-tube':
      return lineGroup(box(shape.widthM, shape.heightM));
    case 'round-tube':
      return circle(shape.diameterM);
    case 'angle':
      return lineGroup([
        [0, 0, 0, shape.verticalLegM],
        [0, 0, shape.horizontalLegM, 0],
      ]);
    case 'channel':
    case 'bent-channel': {
      const { depthM, flangeM } = channelSizes(shape);
      return lineGroup([
        [0, 0, 0, depthM],
        [0, 0, flangeM, 0],
        [0, depthM, flangeM, depthM],
      ]);
    }
    case 'flat-bar':
      return lineGroup(box(shape.widthM, shape.heightM));
  }
};
/** The elastic line method, all parts at the worst corner together. */
const weldForce = (group, end) => {
  const across =
    Math.abs(end.n) / group.lengthM +
    (group.modulusYM2 > 0 ? Math.abs(end.my) / group.modulusYM2 : 0) +
    (group.modulusZM2 > 0 ? Math.abs(end.mz) / group.modulusZM2 : 0);
  const twist = Math.abs(end.t) / group.polarM3;
  const sideways = Math.abs(end.vy) / group.lengthM + twist * group.farZM;
  const upright = Math.abs(end.vz) / group.lengthM + twist * group.farYM;
  const shearNM = Math.hypot(sideways, upright);
  return {
    perLengthNM: Math.hypot(across, shearNM),
    shearNM,
  };
};
// core/src/strength/analysis/checks.ts
const limitOf = ({ situation }) => SITUATIONS[situation].limit;
const hardestPlace = (strength, pieces, rows, limit) => {
  let share = -1;
  let atXM = 0;
  let there;
  visitPeaks(pieces, rows, (xM, inner) => {
    const resistance = strengthAt(strength, xM);
    const own = limit === 'yield' ? yieldUtilisation(resistance, inner).value : allowableShare(resistance, inner);
    if (own <= share) return;
    share = own;
    atXM = xM;
    there = inner;
  });
  return (
    there && {
      share,
      xM: atXM,
      inner: there,
    }
  );
};
/** The same with all that is to be said of it. */
const governing = (strength, { xM, inner }, key) => {
  const resistance = strengthAt(strength, xM);
  return {
    ...key,
    utilisation:
      limitOf(key) === 'yield' ? yieldUtilisation(resistance, inner) : allowableUtilisation(resistance, inner),
    atM: strength.bar.fromM + xM,
    inner,
    resistance,
    weldAt: resistance.welded ? (xM <= strength.lengthM / 2 ? strength.bar.jointFrom : strength.bar.jointTo) : void 0,
  };
};
/** Which bar ends are sawn off and welded on: tongue legs, cross-members, and headers or rails as the corner is made. */
const weldedEnds = (trailer, strengths) => {
  const butting = trailer.frame.bed.corner === 'headers-through' ? 'rail' : 'header';
  return strengths.flatMap(({ bar }, index) => {
    const { group } = bar.member;
    if (group !== 'cross' && group !== 'tongue' && group !== butting) return [];
    const own = strengths.filter((other) => other.bar.member.id === bar.member.id);
    const ends = [];
    if (own[0]?.bar === bar && bar.jointFrom !== 'coupler')
      ends.push({
        index,
        end: 'first',
      });
    if (own.at(-1)?.bar === bar && bar.jointTo !== 'coupler')
      ends.push({
        index,
        end: 'second',
      });
    return ends;
  });
};
const weldsOf = (trailer, frame, strengths) => {
  const lines = elementLines(frame);
  return weldedEnds(trailer, strengths).map(({ index, end }) => {
    const strength = strengths[index];
    const { member, jointFrom, jointTo } = strength.bar;
    const wallM = wallThicknessM(designShape(member.section));
    const legM = trailer.strength.weldLegM ?? usualLegM(wallThicknessM(member.section.shape));
    const borne = (limit) => weldStrength(member.material, wallM, legM, trailer.strength.filler, limit);
    return {
      index,
      end,
      memberId: member.id,
      at: lines.get(strength.bar.id)?.[end === 'first' ? 'start' : 'end'] ?? [0, 0, 0],
      joint: (end === 'first' ? jointFrom : jointTo) ?? '',
      legM,
      wallM,
      group: allRound(designShape(member.section)),
      pieces: member.pieces,
      strengths: {
        allowable: borne('allowable'),
        yield: borne('yield'),
      },
    };
  });
};
const weldShare = (weld, pieces, rows, limit) => {
  const whole = weldForce(weld.group, innerAt(pieces, rows, weld.end === 'first' ? 0 : pieces.lengthM));
  const force = {
    perLengthNM: whole.perLengthNM / weld.pieces,
    shearNM: whole.shearNM / weld.pieces,
  };
  const { weldNM, baseShearNM } = weld.strengths[limit];
  return {
    share: Math.max(force.perLengthNM / weldNM, force.shearNM / baseShearNM),
    force,
  };
};
const weldResult = (weld, { share, force }, key) => {
  const strength = weld.strengths[limitOf(key)];
  return {
    ...key,
    memberId: weld.memberId,
    joint: weld.joint,
    at: weld.at,
    end: weld.end,
    legM: weld.legM,
    wallM: weld.wallM,
    lengthM: weld.group.lengthM,
    force,
    strength,
    by: force.perLengthNM / strength.weldNM >= force.shearNM / strength.baseShearNM ? 'weld-metal' : 'base-metal',
    utilisation: share,
  };
};
const hangerPlaces = (frame) => {
  const gear = new Set(frame.gear.elementIds);
  const elements = frame.elements.filter(({ id }) => gear.has(id));
  return frame.gear.hangers.flatMap(({ node, side, xM }) => {
    const memberId = `rail.${side}`;
    const rail = frame.bars.find(({ member }) => member.id === memberId)?.member;
    const strengthN = rail && hangerStrengthN(rail);
    if (strengthN === void 0) return [];
    const ends = elements.flatMap(({ id, from, to }) => [
      ...(from === node
        ? [
            {
              element: id,
              at: 0,
            },
          ]
        : []),
      ...(to === node
        ? [
            {
              element: id,
              at: 6,
            },
          ]
        : []),
    ]);
    return [
      {
        node,
        memberId,
        at: frame.at(node),
        xM,
        strengthN,
        ends,
      },
    ];
  });
};
/** Walls may be loaded to their nominal strength where only lasting bends are to be kept away (Ω = 1.5 taken back). */
const NOMINAL = 1.5;
/** Upright force that axle and springs pass into a hanger's rail. */
const hangerCheck = (place, { prepared, shares }, key) => {
  let upN = 0;
  for (const { element, at } of place.ends) {
    const index = prepared.memberIndex.get(element);
    const { rows } = prepared.members[index].axes;
    for (const { solution, factor } of shares)
      for (let i = 0; i < 3; i += 1) upN -= factor * solution.endForces[index * 12 + at + i] * rows[i][2];
  }
  const strengthN = limitOf(key) === 'yield' ? place.strengthN * NOMINAL : place.strengthN;
  return {
    ...key,
    memberId: place.memberId,
    at: place.at,
    xM: place.xM,
    forceN: upN,
    strengthN,
    utilisation: Math.abs(upN) / strengthN,
  };
};
/** Holes of all bars, each on the element it lies on. */
const holePlaces = (strengths) =>
  strengths.flatMap(({ bar, lengthM }, index) => {
    const { member } = bar;
    const own = strengths.filter((other) => other.bar.member.id === member.id);
    const wholeM = own.at(-1)?.bar.toM ?? 0;
    return member.holes.flatMap((hole, i) => {
      const atM = Math.min(hole.atM, wholeM);
      if (own.find((other) => atM <= other.bar.toM + 1e-9)?.bar !== bar) return [];
      const xM = Math.min(Math.max(atM - bar.fromM, 0), lengthM);
      return [
        {
          id: `${member.id} ${i}`,
          index,
          member,
          xM,
          hole,
          net: netSection(member, hole),
        },
      ];
    });
  });
/** Pull beside the hole against rupture of what is left. */
const holeCheck = ({ member, hole, net, xM }, pieces, rows, key) => {
  const inner = innerAt(pieces, rows, xM);
  const stressPa = net ? netStressPa(net, inner) : Number.POSITIVE_INFINITY;
  const allowedPa = netAllowedPa(member, limitOf(key));
  return {
    ...key,
    memberId: member.id,
    hole,
    net,
    inner,
    stressPa,
    allowedPa,
    utilisation: stressPa / allowedPa,
  };
};
/** Bolts of the coupler in double shear through both walls of the tongue, under a force at the ball. */
const couplerBolts = (trailer, frame, forceN, key) => {
  const { mount, bolts } = trailer.coupling;
  const tongue = frame.bars.find(({ member }) => member.group === 'tongue')?.member;
  if (mount !== 'bolted' || !tongue) return void 0;
  const factor = limitOf(key) === 'yield' ? 1 / 0.75 : 2;
  const shape = designShape(tongue.section);
  const thickM = wallThicknessM(shape);
  const walls = shape.kind === 'rect-tube' || shape.kind === 'round-tube' ? 2 : 1;
  const ultimatePa = tongue.material.weldedUltimatePa ?? tongue.material.ultimatePa;
  const d = bolts.diameterM;
  const weakest = [
    {
      by: 'shear',
      n: walls * boltShearN(d, bolts.grade, factor),
    },
    {
      by: 'bearing',
      n: walls * bearingN(d, thickM, ultimatePa, factor),
    },
    {
      by: 'tear-out',
      n: walls * tearOutN(1.5 * d - (d + 0.0016) / 2, thickM, ultimatePa, factor),
    },
  ].reduce((least, next) => (next.n < least.n ? next : least));
  const strengthN = weakest.n * bolts.count;
  return {
    ...key,
    forceN,
    strengthN,
    by: weakest.by,
    utilisation: forceN / strengthN,
  };
};
// core/src/strength/analysis/deflection.ts
/** Usual limits under the load alone, standing still: length ÷ this (common practice). */
const DEFLECTION_DIVISORS = {
  rails: 300,
  'rear-overhang': 150,
  'tongue-tip': 200,
  'cross-member': 180,
};
const scaled = (pattern, factor) => ({
  nodal: pattern.nodal.map((load) => ({
    ...load,
    forceN: [load.forceN[0] * factor, load.forceN[1] * factor, load.forceN[2] * factor],
    ...(load.momentNm
      ? { momentNm: [load.momentNm[0] * factor, load.momentNm[1] * factor, load.momentNm[2] * factor] }
      : {}),
  })),
  member: pattern.member.map((load) => {
    const times = (v) => [v[0] * factor, v[1] * factor, v[2] * factor];
    return load.kind === 'point'
      ? {
          ...load,
          forceN: times(load.forceN),
        }
      : {
          ...load,
          startNPerM: times(load.startNPerM),
          endNPerM: times(load.endNPerM),
        };
  }),
});
/** The upright line of a whole bar, its elements one behind the other. */
const barLine = (frame, prepared, solution, memberId) => {
  const pieces = memberPieces(prepared, [solution]);
  const breaks = [0];
  const polynomials = [];
  for (const { id } of frame.bars.filter(({ member }) => member.id === memberId)) {
    const index = prepared.memberIndex.get(id);
    const own = pieces[index];
    const line = deflections(
      own,
      innerForces(own, index, solution),
      prepared.members[index],
      endMovements(prepared, index, solution),
    )[2];
    const start = breaks.at(-1);
    line.breaksM.slice(1).forEach((b) => breaks.push(start + b));
    polynomials.push(...line.pieces);
  }
  return polynomials.length > 0
    ? {
        breaksM: Float64Array.from(breaks),
        pieces: polynomials,
      }
    : void 0;
};
/** How far rails, rear end, tongue and cross-members go under the load alone, ball and wheels standing still. */
const caseDeflections = (frame, chassis, solver, balanced) => {
  const { standing, parts, loadCase, centre } = balanced;
  const cargo = parts.filter(({ group }) => group === 'cargo');
  if (!standing || standing.on !== 'ball' || cargo.length === 0 || !centre) return [];
  const pattern = scaled(solver.fieldOf('sprung.z', cargo, placeOf({ centre })), STANDARD_GRAVITY);
  const solution = solver.pattern('road', pattern);
  const prepared = solver.on('road');
  const movement = (node, i) => solution.displacements[prepared.nodeIndex.get(node) * 6 + i];
  const mean = (nodes, i) => nodes.reduce((sum, node) => sum + movement(node, i), 0) / nodes.length;
  const [frontLeft, frontRight, rearLeft, rearRight] = frame.corners;
  const front = [frontLeft, frontRight];
  const rear = [rearLeft, rearRight];
  const frontX = frame.at(frontLeft)[0];
  const rearX = frame.at(rearLeft)[0];
  const result = (what, memberId, byM, lengthM) => ({
    what,
    memberId,
    caseId: loadCase.id,
    byM: Math.abs(byM),
    lengthM,
    divisor: DEFLECTION_DIVISORS[what],
  });
  const between = frame.nodes
    .filter(({ id, at }) => id.includes('rail.') && at[0] <= standing.groupCentreXM)
    .reduce((most, { id }) => Math.max(most, Math.abs(movement(id, 2))), 0);
  const slope = -mean(front, 4);
  const tip = mean(front, 2) + slope * (chassis.ballXM - frontX);
  const worst = chassis.members
    .filter(({ group }) => group === 'cross' || group === 'header')
    .flatMap(({ id }) => {
      const line = barLine(frame, prepared, solution, id);
      return line
        ? [
            {
              id,
              line,
              bow: Math.abs(largestBow(line).value),
            },
          ]
        : [];
    })
    .reduce((most, next) => (!most || next.bow > most.bow ? next : most), void 0);
  return [
    result('rails', 'rail.left', between, standing.groupCentreXM - chassis.ballXM),
    ...(rearX > standing.groupCentreXM
      ? [result('rear-overhang', 'rail.left', mean(rear, 2), rearX - standing.groupCentreXM)]
      : []),
    result('tongue-tip', 'tongue', tip, -chassis.ballXM),
    ...(worst ? [result('cross-member', worst.id, worst.bow, worst.line.breaksM.at(-1))] : []),
  ];
};
// core/src/strength/analysis/fatigue.ts
/** How a road shakes: rms vertical acceleration in g at the frame, speed, m/s; bounce 2 Hz (common practice). */
const ROAD_SPECTRA = {
  road: {
    rmsG: 0.15,
    speedMs: 80 / 3.6,
  },
  rough: {
    rmsG: 0.25,
    speedMs: 60 / 3.6,
  },
  'off-road': {
    rmsG: 0.4,
    speedMs: 30 / 3.6,
  },
};
/** Γ(x) for x > 0.5, Lanczos, nine terms: good to 1e-13. */
const gamma = (x) => {
  const c = [
    0.9999999999998099, 676.5203681218851, -1259.1392167224028, 771.3234287776531, -176.6150291621406,
    12.507343278686905, -0.13857109526572012, 9984369578019572e-21, 1.5056327351493116e-7,
  ];
  const z = x - 1;
  let sum = c[0];
  for (let i = 1; i < c.length; i += 1) sum += c[i] / (z + i);
  const t = z + 7.5;
  return Math.sqrt(2 * Math.PI) * t ** (z + 0.5) * Math.exp(-t) * sum;
};
/** Equivalent stress range of narrow-band random shaking, per rms stress: 2√2·Γ(1 + m/2)^(1/m) (Rayleigh amplitudes). */
const equivalentRange = (m) => 2 * Math.SQRT2 * gamma(1 + m / 2) ** (1 / m);
/** Welded attachments longer than 4 in, and ends of welded bars: category E of steel and aluminum. */
const detailOf = ({ family }) =>
  family === 'steel'
    ? {
        category: 'E',
        m: 3,
        cycles: (range) => 1.1 * (1e3 / range) ** 3,
        source: publishedSure('AISC 360-16 Appendix 3, category E; Rayleigh amplitudes, Miner’s rule'),
      }
    : {
        category: 'E',
        m: 3.45,
        cycles: (range) => (160 / range) ** 3.45,
        source: publishedVerify('Aluminum Design Manual B.3, category E; Rayleigh amplitudes, Miner’s rule'),
      };
/** Kilometres until cracks are to be looked for at a detail that stands at this stress, always loaded so. */
const kmToCrack = (staticPa, material, road) => {
  const { rmsG, speedMs } = ROAD_SPECTRA[road];
  const detail = detailOf(material);
  const rangePa = equivalentRange(detail.m) * rmsG * staticPa;
  return {
    km: ((detail.cycles(Math.max(fromPascals(rangePa, 'ksi'), 1e-9)) / 2) * speedMs) / 1e3,
    rangePa,
  };
};
// core/src/strength/frame-model/spread.ts
const times = (m, v) => [dot(m[0], v), dot(m[1], v), dot(m[2], v)];
const inverted = (m) => {
  const [a, b, c] = m;
  const det = dot(a, cross(b, c));
  const [x, y, z] = [cross(b, c), cross(c, a), cross(a, b)].map((row) => scale(row, 1 / det));
  return [
    [x[0], y[0], z[0]],
    [x[1], y[1], z[1]],
    [x[2], y[2], z[2]],
  ];
};
/** Bearings this narrow against their length lie on one line, as a share. */
const NARROW = 1e-8;
const gripOf = (bearings) => {
  const middle = ({ start, end }) => scale(add(start, end), 0.5);
  const centre = bearings.reduce((sum, bearing) => add(sum, scale(middle(bearing), bearing.share)), [0, 0, 0]);
  let s = [
    [0, 0, 0],
    [0, 0, 0],
    [0, 0, 0],
  ];
  for (const bearing of bearings) {
    const r = subtract(middle(bearing), centre);
    const d = subtract(bearing.end, bearing.start);
    s = s.map((row, i) => row.map((value, j) => value + bearing.share * (r[i] * r[j] + (d[i] * d[j]) / 12)));
  }
  const at = (i, j) => s[i]?.[j];
  const trace = at(0, 0) + at(1, 1) + at(2, 2);
  const inertia = [
    [trace - at(0, 0), -at(0, 1), -at(0, 2)],
    [-at(1, 0), trace - at(1, 1), -at(1, 2)],
    [-at(2, 0), -at(2, 1), trace - at(2, 2)],
  ];
  const none = [
    [0, 0, 0],
    [0, 0, 0],
    [0, 0, 0],
  ];
  if (trace < 1e-12)
    return {
      bearings,
      centre,
      inverse: none,
      line: void 0,
      point: true,
    };
  if (dot(inertia[0], cross(inertia[1], inertia[2])) > NARROW * trace ** 3)
    return {
      bearings,
      centre,
      inverse: inverted(inertia),
      line: void 0,
      point: false,
    };
  const longest = [0, 1, 2]
    .map((j) => [at(0, j), at(1, j), at(2, j)])
    .reduce((best, column) => (length(column) > length(best) ? column : best));
  const line = scale(longest, 1 / length(longest));
  const across = (i, j) => ((i === j ? 1 : 0) - line[i] * line[j]) / trace;
  return {
    bearings,
    centre,
    inverse: [0, 1, 2].map((i) => [across(i, 0), across(i, 1), across(i, 2)]),
    line,
    point: false,
  };
};
/**
 * A wrench as loads on the bearings, in exact equilibrium with it: each takes its share of the force, and a part that grows evenly with
 * its distance from the middle of them all, as in a rigid plate on even springs (the elastic bolt group in three dimensions).
 * A moment about the line on which all bearings lie goes into the nodes at the ends of their elements.
 */
const spreadWrench = (grip, wrench, nodesOf) => {
  const moment = add(wrench.momentNm, cross(subtract(wrench.at, grip.centre), wrench.forceN));
  const turn = times(grip.inverse, moment);
  const member = [];
  for (const bearing of grip.bearings) {
    const lengthM = bearing.toM - bearing.fromM;
    const force = (at) => add(wrench.forceN, cross(turn, subtract(at, grip.centre)));
    if (lengthM < 1e-9)
      member.push({
        member: bearing.element,
        axes: 'global',
        kind: 'point',
        atM: bearing.fromM,
        forceN: scale(force(bearing.start), bearing.share),
      });
    else {
      const density = bearing.share / lengthM;
      member.push({
        member: bearing.element,
        axes: 'global',
        kind: 'spread',
        fromM: bearing.fromM,
        toM: bearing.toM,
        startNPerM: scale(force(bearing.start), density),
        endNPerM: scale(force(bearing.end), density),
      });
    }
  }
  const left = grip.point ? moment : grip.line ? scale(grip.line, dot(grip.line, moment)) : void 0;
  return {
    member,
    nodal: left ? momentOnNodes(grip, left, nodesOf) : [],
  };
};
const momentOnNodes = ({ bearings }, momentNm, nodesOf) =>
  length(momentNm) === 0
    ? []
    : bearings.flatMap(({ element, share }) =>
        nodesOf(element).map((node) => ({
          node,
          forceN: [0, 0, 0],
          momentNm: scale(momentNm, share / 2),
        })),
      );
// core/src/strength/analysis/fields.ts
/** Unit accelerations whose loads are solved once and then added up in any proportion. */
const FIELDS = [
  'sprung.x',
  'sprung.y',
  'sprung.z',
  'unsprung.x',
  'unsprung.y',
  'unsprung.z',
  'turn.x',
  'turn.y',
  'turn.z',
];
const AXIS = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
];
const isUnsprung = (part) => unsprungAxleOf(part) !== void 0;
/** Grips of the parts on the frame, each found once. */
const gripFinder = (finder) => {
  const known = /* @__PURE__ */ new WeakMap();
  return (part) => {
    const found = known.get(part);
    if (found) return found;
    const grip = gripOf(finder.bearingsOf(part));
    known.set(part, grip);
    return grip;
  };
};
const joined = (patterns) => ({
  member: patterns.flatMap(({ member }) => member),
  nodal: patterns.flatMap(({ nodal }) => nodal),
});
/** What the masses do to the frame when they feel one unit of an acceleration (1 m/s², or 1 rad/s² about the centre): inertia pulls the other way. */
const fieldPattern = (field, parts, centre, gripFor, nodesOf) => {
  const [kind, axisName] = field.split('.');
  const axis = AXIS['xyz'.indexOf(axisName)];
  const own = parts.filter((part) => kind === 'turn' || isUnsprung(part) === (kind === 'unsprung'));
  return joined(
    own
      .filter(({ massKg }) => massKg > 0)
      .map((part) => {
        const at = placeOf(part);
        const acceleration = kind === 'turn' ? cross(axis, subtract(at, centre)) : axis;
        return spreadWrench(
          gripFor(part),
          {
            at,
            forceN: scale(acceleration, -part.massKg),
            momentNm: [0, 0, 0],
          },
          nodesOf,
        );
      }),
  );
};
// core/src/strength/analysis/supports.ts
const fix = (kind, axes) =>
  axes.split('').map((axis) => ({
    kind,
    direction: ['x', 'y', 'z'].map((name) => (name === axis ? 1 : 0)),
    stiffness: 'fixed',
  }));
const hold = (node, axes) => ({
  node,
  restraints: fix('translation', axes),
});
/** Wheels stand on the ground; one of them also keeps the rear from swinging, which takes nothing while the trailer stands or rolls straight. */
const wheelSupports = ({ gear }, side) => {
  const own = gear.ground.filter((place) => side === void 0 || place.side === side);
  const sideways = gear.wheels.find((wheel) => side === void 0 || wheel.side === side);
  return [...own.map(standing), ...(sideways && own[0]?.rocker ? [hold(sideways.node, 'y')] : [])].map((support, i) =>
    i === 0 && !own[0]?.rocker ? hold(support.node, 'yz') : support,
  );
};
/** A wheel stands up; a rocker's middle turns about its own bolt alone, and feels nothing else. */
const standing = ({ node, rocker }) =>
  rocker
    ? {
        node,
        restraints: [...fix('translation', 'xyz'), ...fix('rotation', 'xz')],
      }
    : hold(node, 'z');
const singleStation = ({ gear }) => new Set(gear.hangers.map(({ xM }) => xM)).size === 1;
/** On stands the wheels hang; one pair of them stands with the jack, two or three by themselves. */
const standSupports = (frame) => {
  const alone = frame.stands.length > 1;
  return [
    ...(alone ? [] : [hold(frame.jack ?? frame.ball, 'xyz')]),
    ...frame.stands.flatMap(([left, right], i) => [
      hold(left, alone && i === 0 ? 'xyz' : i === frame.stands.length - 1 ? 'yz' : 'z'),
      hold(right, 'z'),
    ]),
    ...hanging(frame),
  ];
};
/** Wheels that hang: their equaliser is kept from turning over, which takes nothing but their weight. */
const hanging = ({ gear }, side) => [
  ...gear.pivots
    .filter((pivot) => side === void 0 || pivot.side === side)
    .map(({ node }) => ({
      node,
      restraints: fix('rotation', 'y'),
    })),
  ...gear.ground
    .filter(({ rocker, side: own }) => rocker && (side === void 0 || own === side))
    .map(({ node }) => ({
      node,
      restraints: [...fix('translation', 'xy'), ...fix('rotation', 'xyz')],
    })),
];
const supportsOn = (frame, id) => {
  switch (id) {
    case 'road':
      return [hold(frame.ball, 'xyz'), ...wheelSupports(frame)];
    case 'jack':
      return [hold(frame.jack ?? frame.ball, 'xyz'), ...wheelSupports(frame)];
    case 'hangers':
      return [
        ...frame.gear.hangers.map(({ node }) => ({
          node,
          restraints: [...fix('translation', 'xyz'), ...(singleStation(frame) ? fix('rotation', 'y') : [])],
        })),
        ...frame.gear.ground.map(standing),
      ];
    case 'stands':
      return standSupports(frame);
    case 'rail-left':
    case 'rail-right': {
      const side = id === 'rail-left' ? 'left' : 'right';
      const other = side === 'left' ? 'right' : 'left';
      return [
        hold(frame.ball, 'xyz'),
        hold(frame.underRail[side === 'left' ? 0 : 1], 'z'),
        ...wheelSupports(frame, other),
        ...hanging(frame, side),
      ];
    }
  }
};
/** The bare frame on its four corners, those of one side lifted: the same supports, the load is its own weight. */
const cornerSupports = ({ corners }, lifted) => {
  const [frontLeft, frontRight, rearLeft, rearRight] = corners;
  const [front, rear, otherFront, otherRear] =
    lifted === 'left' ? [frontLeft, rearLeft, frontRight, rearRight] : [frontRight, rearRight, frontLeft, rearLeft];
  return [hold(front, 'xyz'), hold(rear, 'yz'), hold(otherFront, 'z'), hold(otherRear, 'z')];
};
/** The frame as it is held in one way; turned over, without axle and springs. */
const modelOn = (frame, id) => {
  if (id !== 'corners-left' && id !== 'corners-right')
    return {
      nodes: frame.nodes,
      members: frame.elements,
      supports: supportsOn(frame, id),
    };
  const gear = new Set(frame.gear.elementIds);
  const members = frame.elements.filter((element) => !gear.has(element.id) && element.id !== 'gear.jack-post');
  const used = new Set(members.flatMap(({ from, to }) => [from, to]));
  return {
    nodes: frame.nodes.filter((node) => used.has(node.id)),
    members,
    supports: cornerSupports(frame, id === 'corners-left' ? 'left' : 'right'),
  };
};
// core/src/strength/analysis/solver.ts
/** The frame held in some way and solved for some runs; throws away nothing it has factorised. */
var FrameUnsolvable = class extends Error {
  problems;
  constructor(problems) {
    super('the frame cannot be solved');
    this.problems = problems;
  }
};
const orThrow = (result) => {
  if (result.ok) return result.value;
  throw new FrameUnsolvable(result.error);
};
/** How much of each unit acceleration a run asks for. */
const factorsOf = ({ field }) =>
  FIELDS.map((id, i) => {
    return [id, (i < 3 ? field.sprung : i < 6 ? field.unsprung : field.angular)[i % 3]];
  });
const outerPattern = (run, frame, gripFor, nodesOf) => {
  const pressed = (run.pressing ?? []).map(({ part, forceN }) =>
    spreadWrench(
      gripFor(part),
      {
        at: placeOf(part),
        forceN,
        momentNm: [0, 0, 0],
      },
      nodesOf,
    ),
  );
  return {
    member: pressed.flatMap(({ member }) => member),
    nodal: [
      ...run.forces.map(({ node, at, forceN }) => ({
        node,
        forceN,
        momentNm: cross(subtract(at, frame.at(node)), forceN),
      })),
      ...pressed.flatMap(({ nodal }) => nodal),
    ],
  };
};
/** Everything about one frame that does not change from run to run. */
const frameSolver = (frame, chassis) => {
  const prepared = /* @__PURE__ */ new Map();
  const gripFor = gripFinder(bearingFinder(chassis, frame));
  const ends = new Map(frame.elements.map(({ id, from, to }) => [id, [from, to]]));
  const nodesOf = (element) => ends.get(element);
  const on = (support) => {
    const known = prepared.get(support);
    if (known) return known;
    const fresh = orThrow(prepareFrame(modelOn(frame, support)));
    prepared.set(support, fresh);
    return fresh;
  };
  return {
    on,
    condition: () => Math.max(...[...prepared.values()].map(({ condition }) => condition)),
    pattern: (support, pattern) => orThrow(solvePattern(on(support), pattern)),
    fieldOf: (id, parts, centre) => fieldPattern(id, parts, centre, gripFor, nodesOf),
    /** Solves runs of one case, sharing the solutions of its unit accelerations. */
    caseSolver: (parts, centre) => {
      const fields = /* @__PURE__ */ new Map();
      const pieces = /* @__PURE__ */ new Map();
      const shareCache = /* @__PURE__ */ new Map();
      const fieldOn = (support, id) => {
        const key = `${support} ${id}`;
        const known = fields.get(key);
        if (known) return known;
        const solution = orThrow(solvePattern(on(support), fieldPattern(id, parts, centre, gripFor, nodesOf)));
        fields.set(key, solution);
        return solution;
      };
      const piecesOn = (support) => {
        const known = pieces.get(support);
        if (known) return known;
        const found = memberPieces(on(support), [fieldOn(support, 'sprung.z'), fieldOn(support, 'unsprung.z')]);
        pieces.set(support, found);
        return found;
      };
      return (run) => {
        const { support } = run;
        const shares = factorsOf(run)
          .filter(([, factor]) => factor !== 0)
          .map(([id, factor]) => ({
            solution: fieldOn(support, id),
            factor,
          }));
        if (run.forces.length > 0)
          shares.push({
            solution: orThrow(solvePattern(on(support), outerPattern(run, frame, gripFor, nodesOf))),
            factor: 1,
          });
        const own = piecesOn(support);
        const factors = Float64Array.from(shares, ({ factor }) => factor);
        const shareOf = (solution, index) => {
          let list = shareCache.get(solution);
          if (!list) {
            list = [];
            shareCache.set(solution, list);
          }
          const known = list[index];
          if (known) return known;
          const share = innerShare(own[index], index, solution);
          list[index] = share;
          return share;
        };
        return {
          prepared: on(support),
          shares,
          pieces: own,
          inner: (index) =>
            combineInner(
              own[index],
              shares.map(({ solution }) => shareOf(solution, index)),
              factors,
            ),
        };
      };
    },
  };
};
/** Reaction at every supported node under a solved run. */
const reactionsOf = ({ prepared, shares }) =>
  prepared.model.nodes.flatMap(({ id }, i) => {
    if (!prepared.nodes[i]?.supported) return [];
    const sum = [0, 0, 0];
    for (const { solution, factor } of shares)
      for (let j = 0; j < 3; j += 1) sum[j] = sum[j] + factor * solution.reactions[i * 6 + j];
    return [
      {
        node: id,
        forceN: sum,
      },
    ];
  });
// core/src/strength/analysis/analyse.ts
const stands = (balanced) => balanced.standing !== void 0;
/** Worst of everything, gathered run by run. */
const collector = (trailer, frame, strengths) => {
  const members = /* @__PURE__ */ new Map();
  const welds = /* @__PURE__ */ new Map();
  const hangers = /* @__PURE__ */ new Map();
  const holes = /* @__PURE__ */ new Map();
  const balances = [];
  const bumps = /* @__PURE__ */ new Map();
  let bolts;
  let fatigue;
  let runs = 0;
  const weldedEnds = weldsOf(trailer, frame, strengths);
  const hangersOf = hangerPlaces(frame);
  const drilled = holePlaces(strengths);
  const keepBump = (id, caseId, share) => {
    const byCase = bumps.get(id) ?? /* @__PURE__ */ new Map();
    bumps.set(id, byCase);
    byCase.set(caseId, Math.max(share, byCase.get(caseId) ?? 0));
  };
  const keepMember = (strength, place, key) => {
    const { id } = strength.bar.member;
    if (key.situation === 'bump-both') keepBump(id, key.caseId, place.share);
    const known = members.get(id);
    const own = known?.bySituation[key.situation];
    if (own && place.share <= own.utilisation.value) return;
    const found = governing(strength, place, key);
    if (!known)
      members.set(id, {
        worst: found,
        bySituation: { [key.situation]: found },
      });
    else {
      known.bySituation[key.situation] = found;
      if (place.share > known.worst.utilisation.value) known.worst = found;
    }
  };
  const worse = (map, id, found) => {
    const known = map.get(id);
    if (!known || found.utilisation > known.utilisation) map.set(id, found);
  };
  const keepFatigue = (strength, joint, sigmaPa, caseId) => {
    if (joint === void 0) return;
    const { member } = strength.bar;
    const { km, rangePa } = kmToCrack(sigmaPa, member.material, trailer.job.road);
    if (fatigue && km >= fatigue.km) return;
    fatigue = {
      memberId: member.id,
      joint,
      caseId,
      staticPa: sigmaPa,
      rangePa,
      category: detailOf(member.material).category,
      km,
    };
  };
  const stress = ({ section, pieces }, inner) =>
    (Math.abs(inner.n) / section.areaM2 +
      Math.abs(inner.my) / Math.min(section.syTopM3, section.syBottomM3) +
      Math.abs(inner.mz) / Math.min(section.szLeftM3, section.szRightM3)) /
    pieces;
  return {
    take: (key, solved, onTheRoad) => {
      runs += 1;
      const limit = limitOf(key);
      strengths.forEach((strength, own) => {
        const index = solved.prepared.memberIndex.get(strength.bar.id);
        const pieces = solved.pieces[index];
        const rows = solved.inner(index);
        const place = hardestPlace(strength, pieces, rows, limit);
        if (place) keepMember(strength, place, key);
        if (key.situation === 'standing' && onTheRoad) {
          if (strength.weldFrom)
            keepFatigue(strength, strength.bar.jointFrom, stress(strength.free, innerAt(pieces, rows, 0)), key.caseId);
          if (strength.weldTo)
            keepFatigue(
              strength,
              strength.bar.jointTo,
              stress(strength.free, innerAt(pieces, rows, pieces.lengthM)),
              key.caseId,
            );
        }
        for (const place of drilled)
          if (place.index === own) worse(holes, place.id, holeCheck(place, pieces, rows, key));
        for (const weld of weldedEnds) {
          if (weld.index !== own) continue;
          const found = weldShare(weld, pieces, rows, limit);
          const id = `${weld.memberId} ${weld.end}`;
          if (found.share > (welds.get(id)?.utilisation ?? -1)) welds.set(id, weldResult(weld, found, key));
        }
      });
      if (key.situation === 'turn-over') return;
      for (const place of hangersOf) worse(hangers, `${place.memberId} ${place.xM}`, hangerCheck(place, solved, key));
    },
    takeBolts: (key, forceN) => {
      const found = couplerBolts(trailer, frame, forceN, key);
      if (found && (!bolts || found.utilisation > bolts.utilisation)) bolts = found;
    },
    takeBalance: (balance) => {
      balances.push(balance);
    },
    results: () => ({
      members: [...members].map(([memberId, own]) => ({
        memberId,
        ...own,
      })),
      welds: [...welds.values()],
      hangers: [...hangers.values()],
      holes: [...holes.values()],
      bolts,
      fatigue,
      balances,
      bumps,
      runs,
    }),
  };
};
const keyOf = (run, caseId) => ({
  caseId,
  situation: run.situation,
  variant: run.variant,
  balance: run.balance,
});
/** What a run's accelerations do to each mass, added up. */
const inertiaForce = (parts, run, centre) =>
  parts.reduce(
    (sum, part) => {
      const felt = add(
        isUnsprung(part) ? run.field.unsprung : run.field.sprung,
        cross(run.field.angular, subtract(placeOf(part), centre)),
      );
      return add(sum, scale(felt, -part.massKg));
    },
    [0, 0, 0],
  );
const balanceOf = (context, run, solved, standingN) => {
  const { balanced, body } = context;
  const outer = [...run.forces, ...(run.pressing ?? [])].reduce((sum, { forceN }) => add(sum, forceN), [0, 0, 0]);
  const applied = add(outer, inertiaForce(balanced.parts, run, body.centre));
  const reactions = reactionsOf(solved);
  const total = reactions.reduce((sum, { forceN }) => add(sum, forceN), [0, 0, 0]);
  const stated = run.forces.reduce((sum, { forceN }) => sum + length(forceN), 0);
  const size = reactions.reduce((sum, { forceN }) => sum + length(forceN), 0) + length(applied) + stated;
  const n = run.field.unsprung[2] === 0 ? 0 : 1;
  const leftover =
    run.balance === 'free' && stated > 0 && n === 0
      ? Math.max(...reactions.map(({ forceN }) => length(forceN))) / stated
      : run.balance === 'free' && stated > 0
        ? leftoverBeyond(reactions, standingN, stated)
        : void 0;
  return {
    ...keyOf(run, balanced.loadCase.id),
    support: run.support,
    appliedN: applied,
    reactions: reactions.map(({ node, forceN }) => ({
      place: node,
      forceN,
    })),
    residual: size > 0 ? length(add(applied, total)) / size : 0,
    leftover,
  };
};
const leftoverBeyond = (reactions, standing, stated) =>
  Math.max(...reactions.map(({ node, forceN }) => length(subtract(forceN, standing.get(node) ?? [0, 0, 0])))) / stated;
/** Standing reactions at n times the sprung and once the unsprung load, which a free body's supports must give and no more. */
const standingReactions = (solve, run, n) => {
  const still = {
    ...run,
    forces: [],
    field: {
      sprung: [0, 0, n * STANDARD_GRAVITY],
      unsprung: [0, 0, STANDARD_GRAVITY],
      angular: [0, 0, 0],
    },
  };
  return new Map(reactionsOf(solve(still)).map(({ node, forceN }) => [node, forceN]));
};
const verticalOf = {
  'bump-one': 1,
  twist: 1,
  braking: 1.5,
  cornering: 1.5,
};
/** Years of use and sagging count under loads that it is towed with, not under the plate's worst arrangements. */
const isOrdinary = ({ loadCase }) =>
  loadCase.mode === 'towed' && (loadCase.id === 'gross.uniform' || !GROSS_CASE_IDS.includes(loadCase.id));
const analyseCase = (input, frame, solver, balanced, into) => {
  const { trailer } = input;
  const body = rigidBody(balanced.parts);
  const context = {
    trailer,
    frame,
    balanced,
    body,
    grossKg: Math.max(trailer.ratedGrossKg ?? 0, balanced.massKg),
  };
  const solve = solver.caseSolver(balanced.parts, body.centre);
  const off = new Set(trailer.strength.off);
  const standing = /* @__PURE__ */ new Map();
  for (const run of runsOf(context)) {
    const key = keyOf(run, balanced.loadCase.id);
    if (off.has(run.situation) || (input.only && !input.only(key))) continue;
    const solved = solve(run);
    into.take(key, solved, isOrdinary(balanced));
    const n = verticalOf[run.situation] ?? 0;
    let still = standing.get(n);
    if (run.balance === 'free' && n > 0 && !still) {
      still = standingReactions(solve, run, n);
      standing.set(n, still);
    }
    into.takeBalance(balanceOf(context, run, solved, still ?? /* @__PURE__ */ new Map()));
    if (run.situation === 'drawbar' || run.situation === 'recovery') {
      const atBall = run.forces.filter(({ node }) => node === frame.ball);
      into.takeBolts(
        key,
        atBall.reduce((sum, { forceN }) => sum + length(forceN), 0),
      );
    }
  }
};
/** The bare frame by itself, on its corners. */
const analyseTurnOver = (input, frame, solver, into) => {
  const frameIds = new Set(frame.bars.map(({ member }) => member.id));
  const parts = input.bare.filter(({ id }) => frameIds.has(id));
  const body = rigidBody(parts);
  const solve = solver.caseSolver(parts, body.centre);
  for (const side of ['left', 'right']) {
    const run = turnOverRun(side);
    if (input.only && !input.only(keyOf(run, ''))) continue;
    into.take(keyOf(run, ''), solve(run), false);
  }
};
/**
 * The whole analysis in steps, one load case each, so that a worker can report and stop between them. Returns the outcome;
 * a frame that cannot be put together or solved says why.
 */
function* analysisSteps(input) {
  const { trailer, chassis, bare } = input;
  const frame = trailerFrame(trailer, chassis);
  if ('code' in frame)
    return {
      kind: 'fault',
      fault: frame,
    };
  const solver = frameSolver(frame, chassis);
  const strengths = elementStrengths(frame.bars, trailer.runningGear.suspension.mounting === 'welded');
  const into = collector(trailer, frame, strengths);
  const gross = ratedGrossCases(trailer, chassis, bare);
  const cases = [...input.cases, ...gross].filter(stands);
  const deflections = [];
  try {
    for (const [done, balanced] of cases.entries()) {
      yield {
        done,
        of: cases.length,
      };
      analyseCase(input, frame, solver, balanced, into);
      if (isOrdinary(balanced)) deflections.push(...caseDeflections(frame, chassis, solver, balanced));
    }
    if (!trailer.strength.off.includes('turn-over')) analyseTurnOver(input, frame, solver, into);
  } catch (error) {
    if (error instanceof FrameUnsolvable)
      return {
        kind: 'unsolvable',
        problems: error.problems,
      };
    throw error;
  }
  const { runs, ...results } = into.results();
  return {
    kind: 'analysed',
    analysis: {
      ...results,
      deflections: worstDeflections(deflections),
      switchedOff: SITUATION_IDS.filter((id) => trailer.strength.off.includes(id)),
      notRun:
        recoveryPullN(trailer) === void 0
          ? [
              {
                situation: 'recovery',
                missing: 'pull',
              },
            ]
          : [],
      grossMissing: gross.length === 0,
      counts: {
        nodes: frame.nodes.length,
        elements: frame.elements.length,
        runs,
      },
      condition: solver.condition(),
    },
  };
}
const worstDeflections = (all) => {
  const worst = /* @__PURE__ */ new Map();
  const share = ({ byM, lengthM, divisor }) => (byM * divisor) / lengthM;
  for (const next of all) {
    const known = worst.get(next.what);
    if (!known || share(next) > share(known)) worst.set(next.what, next);
  }
  return [...worst.values()];
};
// core/src/strength/analysis/findings/data.ts
const plain = {
  step: 'strength',
  subject: 'trailer',
  counts: true,
  working: [],
};
// core/src/strength/analysis/findings/hand.ts
const handFindings = ({ bumps }, hand) => {
  const pairs = hand.checks.flatMap(({ caseId, rails, tongue }) =>
    [...rails, ...(tongue ? [tongue] : [])].flatMap((work) => {
      const frame = bumps.get(work.member.id)?.get(caseId);
      return frame === void 0
        ? []
        : [
            {
              memberId: work.member.id,
              group: work.member.group,
              hand: work.utilisation,
              frame,
              caseId,
            },
          ];
    }),
  );
  return ['rail', 'tongue'].flatMap((group) => {
    const worst = pairs
      .filter((pair) => pair.group === group)
      .reduce((most, next) => (!most || next.hand > most.hand ? next : most), void 0);
    if (!worst) return [];
    const apart = Math.max(worst.hand, worst.frame) > APART * Math.min(worst.hand, worst.frame);
    return [
      finding({
        ...plain,
        rule: RULES['hand-compared'],
        data: {
          memberId: worst.memberId,
          hand: worst.hand,
          frame: worst.frame,
          apart,
        },
        verdict: apart ? 'unchecked' : 'ok',
        subject: worst.memberId,
        caseId: worst.caseId,
        counts: false,
      }),
    ];
  });
};
// core/src/strength/analysis/workings.ts
/** Shares below this are left out of the lines, not out of the sum. */
const share = (label, demand, borne, kind) =>
  workedOut(label, over(quantity(Math.abs(demand), kind), quantity(borne, kind)), 'percent');
const square = (expression) => times$1(expression, expression);
/** Shear of both directions together. */
const shearLine = (governing) => given('share-shear', governing.utilisation.shear, 'percent');
const allowableLines = (governing) => {
  const { inner, resistance: r, utilisation: u } = governing;
  const axialBorne = inner.n >= 0 ? r.tension.value : r.compression.value;
  const lines = [
    share('share-along', inner.n, axialBorne, 'force'),
    share('share-upright', inner.my, r.bendingY.value, 'moment'),
    share('share-sideways', inner.mz, r.bendingZ.value, 'moment'),
    shearLine(governing),
  ];
  const [along, upright, sideways] = lines.map(({ result }) => quantity(result.value, 'percent'));
  const shear = quantity(u.shear, 'percent');
  const twist = quantity(u.twist, 'percent');
  const bending = plus(upright, sideways);
  const normal =
    u.axial >= 0.2
      ? plus(along, times$1(over(quantity(8, 'number'), quantity(9, 'number')), bending))
      : plus(over(along, quantity(2, 'number')), bending);
  if (r.torsion) {
    const twistLine = share('share-twist', inner.t, r.torsion.value, 'moment');
    if (u.twist > 0.2)
      return [
        ...lines,
        twistLine,
        concluding(workedOut('works-at', plus(plus(along, bending), square(plus(shear, twist))), 'percent')),
      ];
    return [...lines, concluding(workedOut('works-at', u.rule === 'shear' ? shear : normal, 'percent'))];
  }
  return [...lines, given('share-twist', u.twist, 'percent'), concluding(given('works-at', u.value, 'percent'))];
};
const yieldLines = ({ inner: all, resistance: { section, yieldPa, pieces }, utilisation: u }) => {
  const inner = {
    n: all.n / pieces,
    my: all.my / pieces,
    mz: all.mz / pieces,
  };
  const sum = plus(
    plus(
      over(quantity(Math.abs(inner.n), 'force'), quantity(section.areaM2, 'area')),
      over(quantity(Math.abs(inner.my), 'moment'), quantity(Math.min(section.syTopM3, section.syBottomM3), 'modulus')),
    ),
    over(quantity(Math.abs(inner.mz), 'moment'), quantity(Math.min(section.szLeftM3, section.szRightM3), 'modulus')),
  );
  const pull = workedOut('pulls-at', sum, 'stress');
  const pullShare = workedOut(
    'share-along',
    over(quantity(pull.result.value, 'stress'), quantity(yieldPa, 'stress')),
    'percent',
  );
  return [
    pull,
    pullShare,
    given('share-shear', u.shear + u.twist, 'percent'),
    workedOut(
      'share-squared',
      plus(
        square(quantity(pullShare.result.value, 'percent')),
        times$1(quantity(3, 'number'), square(quantity(u.shear + u.twist, 'percent'))),
      ),
      'percent',
    ),
    concluding(given('share-root', u.value, 'percent')),
  ];
};
/** Shops count the load standing still and take a plain factor on yield; 4 is their usual one, 3 to 5 the range. */
const SHOP_FACTOR = 4;
/** The plain-factor school beside the one that governs: never mixed, only shown. */
const shopLines = (standing) => {
  if (!standing) return [];
  const { inner, resistance } = standing;
  const { section, yieldPa, pieces } = resistance;
  const stress =
    (Math.abs(inner.n) / section.areaM2 +
      Math.abs(inner.my) / Math.min(section.syTopM3, section.syBottomM3) +
      Math.abs(inner.mz) / Math.min(section.szLeftM3, section.szRightM3)) /
    pieces;
  return [
    given('standing-stress', stress, 'stress'),
    workedOut(
      'shop-rule',
      over(times$1(quantity(stress, 'stress'), quantity(SHOP_FACTOR, 'number')), quantity(yieldPa, 'stress')),
      'percent',
    ),
  ];
};
const memberLines = (governing, standing) => {
  const { inner } = governing;
  return [
    given('along-bar', inner.n, 'force'),
    given('bends-upright', Math.abs(inner.my), 'moment'),
    given('bends-sideways', Math.abs(inner.mz), 'moment'),
    given('shears', Math.hypot(inner.vy, inner.vz), 'force'),
    given('twists', Math.abs(inner.t), 'moment'),
    ...(governing.utilisation.rule === 'yield' ? yieldLines(governing) : allowableLines(governing)),
    ...shopLines(standing),
  ];
};
const ratio = (demand, borne, kind) =>
  concluding(workedOut('works-at', over(quantity(demand, kind), quantity(borne, kind)), 'percent'));
const weldLines = ({ legM, force, strength, by, wallM }) => {
  const [demand, borne] =
    by === 'weld-metal' ? [force.perLengthNM, strength.weldNM] : [force.shearNM, strength.baseShearNM];
  return [
    by === 'weld-metal' ? given('weld-leg', legM, 'length') : given('wall-bears', wallM, 'length'),
    given('weld-force', demand, 'force-per-length'),
    given('weld-bears', borne, 'force-per-length'),
    ratio(demand, borne, 'force-per-length'),
  ];
};
const hangerLines = ({ forceN, strengthN }) => [
  given('hanger-pushes', Math.abs(forceN), 'force'),
  ratio(Math.abs(forceN), strengthN, 'force'),
];
const holeLines = ({ inner, net, stressPa, allowedPa }) => {
  if (!net) return [];
  const pulled = workedOut(
    'net-pulled',
    plus(
      plus(
        over(quantity(Math.abs(inner.n), 'force'), quantity(net.areaM2, 'area')),
        over(quantity(Math.abs(inner.my), 'moment'), quantity(net.modulusYM3, 'modulus')),
      ),
      over(quantity(Math.abs(inner.mz), 'moment'), quantity(net.modulusZM3, 'modulus')),
    ),
    'stress',
  );
  return [
    given('hole-leaves-area', net.areaM2, 'area'),
    given('hole-leaves-modulus', net.modulusYM3, 'modulus'),
    pulled,
    given('net-bears', allowedPa, 'stress'),
    ratio(stressPa, allowedPa, 'stress'),
  ];
};
const boltLines = ({ forceN, strengthN }) => [
  given('bolts-pull', forceN, 'force'),
  given('bolts-bear', strengthN, 'force'),
  ratio(forceN, strengthN, 'force'),
];
const deflectionLines = ({ byM, lengthM, divisor }) => {
  const limit = workedOut('allowed-bend', over(quantity(lengthM, 'length'), quantity(divisor, 'number')), 'length');
  return [
    given('bends-by', byM, 'length'),
    limit,
    concluding(
      workedOut('share-of-limit', over(quantity(byM, 'length'), quantity(limit.result.value, 'length')), 'percent'),
    ),
  ];
};
const fatigueLines = ({ staticPa, rangePa, km }) => [
  given('stress-standing', staticPa, 'stress'),
  given('stress-range', rangePa, 'stress'),
  concluding(given('km-to-crack', km, 'kilometres')),
];
// core/src/strength/analysis/findings/joints.ts
const weldFindings = ({ welds }) => {
  const sorted = [...welds].sort((a, b) => b.utilisation - a.utilisation);
  const nameOf = ({ memberId }) => memberId.replace(/\.(left|right)$/, '');
  const told = sorted.filter(
    (weld, i) => i === 0 || (weld.utilisation > 1 && sorted.findIndex((other) => nameOf(other) === nameOf(weld)) === i),
  );
  const rest = sorted.filter((weld) => !told.includes(weld));
  const small = welds.find(({ legM, wallM }) => legM < leastLegM(wallM) - 1e-9);
  return [
    ...told.map((weld) =>
      checkShare({
        ...plain,
        rule: RULES['frame-weld'],
        data: {
          memberId: weld.memberId,
          joint: weld.joint,
          situation: weld.situation,
          variant: weld.variant,
          legM: weld.legM,
          needM: weld.by === 'weld-metal' && weld.utilisation > 1 ? weld.legM * weld.utilisation : void 0,
          by: weld.by,
        },
        subject: weld.memberId,
        aspect: weld.joint,
        caseId: weld.caseId,
        value: quantity(weld.utilisation, 'percent'),
        utilisation: weld.utilisation,
        working: weldLines(weld),
        source: weld.by === 'weld-metal' ? weld.strength.weldSource : weld.strength.baseSource,
      }),
    ),
    ...(rest.length > 0
      ? [
          checkShare({
            ...plain,
            rule: RULES['frame-welds-rest'],
            data: {
              count: rest.length,
              most: rest[0]?.utilisation ?? 0,
            },
            utilisation: rest[0]?.utilisation ?? 0,
          }),
        ]
      : []),
    ...(small
      ? [
          finding({
            ...plain,
            rule: RULES['weld-leg-small'],
            data: {
              memberId: small.memberId,
              legM: small.legM,
              leastM: leastLegM(small.wallM),
            },
            verdict: 'tight',
            subject: small.memberId,
          }),
        ]
      : []),
  ];
};
/** The hardest hole, and every other one that is past its allowance. */
const holeFindings = ({ holes }, memberOf) =>
  [...holes]
    .sort((a, b) => b.utilisation - a.utilisation)
    .filter(({ utilisation }, i) => i === 0 || utilisation > 1)
    .map((found) => {
      const member = memberOf(found.memberId);
      return checkShare({
        ...plain,
        rule: RULES['bar-hole'],
        data: {
          memberId: found.memberId,
          situation: found.situation,
          variant: found.variant,
          atM: found.hole.atM,
          diameterM: found.hole.diameterM,
        },
        subject: found.memberId,
        aspect: found.hole.atM.toFixed(6),
        caseId: found.caseId,
        utilisation: found.utilisation,
        working: holeLines(found),
        source: member ? netSource(member) : computedBy('net section'),
      });
    });
const jointFindings = ({ hangers, bolts }) => {
  const worst = hangers.reduce((most, next) => (!most || next.utilisation > most.utilisation ? next : most), void 0);
  return [
    ...(worst
      ? [
          checkShare({
            ...plain,
            rule: RULES['hanger-wall'],
            data: {
              memberId: worst.memberId,
              situation: worst.situation,
              variant: worst.variant,
              forceN: worst.forceN,
              strengthN: worst.strengthN,
            },
            subject: worst.memberId,
            caseId: worst.caseId,
            utilisation: worst.utilisation,
            working: hangerLines(worst),
          }),
        ]
      : []),
    ...(bolts
      ? [
          checkShare({
            ...plain,
            rule: RULES['coupler-bolts'],
            data: {
              situation: bolts.situation,
              variant: bolts.variant,
              forceN: bolts.forceN,
              strengthN: bolts.strengthN,
              by: bolts.by,
            },
            subject: 'coupler',
            caseId: bolts.caseId,
            utilisation: bolts.utilisation,
            working: boltLines(bolts),
          }),
        ]
      : []),
  ];
};
// core/src/strength/analysis/findings/members.ts
const clauseOf = ({ utilisation, resistance, situation, inner }) => {
  if (utilisation.rule === 'yield') return SITUATIONS[situation].source;
  return (
    utilisation.bendingY >= Math.max(utilisation.bendingZ, utilisation.axial)
      ? resistance.bendingY
      : utilisation.bendingZ >= utilisation.axial
        ? resistance.bendingZ
        : inner.n >= 0
          ? resistance.tension
          : resistance.compression
  ).source;
};
const memberFinding = ({ memberId, worst, bySituation }) =>
  checkShare({
    ...plain,
    rule: RULES['frame-member'],
    data: {
      memberId,
      situation: worst.situation,
      variant: worst.variant,
      atM: worst.atM,
      rule: worst.utilisation.rule,
      weldAt: worst.weldAt,
    },
    subject: memberId,
    caseId: worst.caseId,
    value: quantity(worst.utilisation.value, 'percent'),
    utilisation: worst.utilisation.value,
    working: memberLines(worst, bySituation.standing),
    source: clauseOf(worst),
  });
/** Worst of each group, and whatever else is past the allowance, one of each pair; the others in one line. */
const memberFindings = (members, groupOf) => {
  const sorted = [...members].sort((a, b) => b.worst.utilisation.value - a.worst.utilisation.value);
  const told = /* @__PURE__ */ new Set();
  const groups = /* @__PURE__ */ new Set();
  for (const member of sorted) {
    const group = groupOf(member.memberId) ?? member.memberId;
    const twin = pairOf(member.memberId);
    if (twin !== void 0 && told.has(twin)) continue;
    if (groups.has(group) && member.worst.utilisation.value <= 1) continue;
    groups.add(group);
    told.add(member.memberId);
  }
  const rest = sorted.filter(({ memberId }) => !told.has(memberId));
  const shares = rest.map(({ worst }) => worst.utilisation.value);
  return [
    ...sorted.filter(({ memberId }) => told.has(memberId)).map(memberFinding),
    ...(rest.length > 0
      ? [
          checkShare({
            ...plain,
            rule: RULES['frame-members-rest'],
            data: {
              count: rest.length,
              least: Math.min(...shares),
              most: Math.max(...shares),
            },
            utilisation: Math.max(...shares),
          }),
        ]
      : []),
  ];
};
// core/src/strength/analysis/findings/service.ts
const deflectionFindings = ({ deflections }) =>
  deflections.map((found) => {
    const utilisation = (found.byM * found.divisor) / found.lengthM;
    const { what, memberId, byM, lengthM, divisor } = found;
    return checkShare({
      ...plain,
      rule: RULES['frame-deflection'],
      data: {
        what,
        memberId,
        byM,
        lengthM,
        divisor,
      },
      aspect: what,
      subject: memberId,
      caseId: found.caseId,
      utilisation,
      working: deflectionLines(found),
    });
  });
const fatigueFindings = ({ fatigue }) => {
  if (!fatigue) return [];
  const verdict = fatigue.km < 1e4 ? 'over' : fatigue.km < 1e5 ? 'tight' : 'ok';
  return [
    finding({
      ...plain,
      rule: RULES['fatigue-life'],
      data: {
        memberId: fatigue.memberId,
        joint: fatigue.joint,
        km: fatigue.km,
      },
      verdict,
      subject: fatigue.memberId,
      caseId: fatigue.caseId,
      working: fatigueLines(fatigue),
    }),
  ];
};
// core/src/strength/analysis/findings/findings.ts
const doubtFindings = ({ condition, balances }) => {
  const residual = balances.reduce((most, next) => Math.max(most, next.residual), 0);
  return condition > 0xe8d4a51000 || residual > 1e-5
    ? [
        finding({
          ...plain,
          rule: RULES['figures-doubtful'],
          data: {
            condition,
            residual,
          },
          verdict: 'unchecked',
        }),
      ]
    : [];
};
const coverageFindings = (analysis) => [
  ...doubtFindings(analysis),
  ...(analysis.switchedOff.length > 0
    ? [
        finding({
          ...plain,
          rule: RULES['situations-off'],
          data: { off: analysis.switchedOff },
          verdict: 'unchecked',
          counts: false,
        }),
      ]
    : []),
  ...(analysis.switchedOff.includes('recovery')
    ? []
    : [
        ...analysis.notRun.map(({ situation }) =>
          finding({
            ...plain,
            rule: RULES['situation-not-run'],
            data: { situation },
            aspect: situation,
            verdict: 'open',
            source: SITUATIONS[situation].source,
          }),
        ),
        finding({
          ...plain,
          rule: RULES['recovery-advice'],
          data: {},
          verdict: 'unchecked',
          counts: false,
        }),
      ]),
  ...(analysis.grossMissing
    ? [
        finding({
          ...plain,
          rule: RULES['rated-gross-missing'],
          data: {},
          verdict: 'open',
        }),
      ]
    : []),
  finding({
    ...plain,
    rule: RULES['not-in-analysis'],
    data: {},
    verdict: 'unchecked',
    counts: false,
  }),
];
/** All that the frame analysis has to say, or why there is none. */
const analysisFindings = (outcome, hand, memberOf) => {
  switch (outcome.kind) {
    case 'fault':
      return [
        finding({
          ...plain,
          rule: RULES['frame-fault'],
          data: { fault: outcome.fault.code },
          verdict: outcome.fault.code === 'suspension-not-modelled' ? 'unchecked' : 'open',
        }),
      ];
    case 'unsolvable':
      return [
        finding({
          ...plain,
          rule: RULES['frame-unsolvable'],
          data: { problems: outcome.problems },
          verdict: 'open',
        }),
      ];
    case 'analysed': {
      const { analysis } = outcome;
      return [
        ...memberFindings(analysis.members, (id) => memberOf(id)?.group),
        ...weldFindings(analysis),
        ...jointFindings(analysis),
        ...holeFindings(analysis, memberOf),
        ...deflectionFindings(analysis),
        ...fatigueFindings(analysis),
        ...handFindings(analysis, hand),
        ...coverageFindings(analysis),
      ];
    }
  }
};
// core/src/strength/joints/tonguePins.ts
/** Bolts may be loaded to three quarters of their nominal strength where nothing may bend for good (φ of AISC 360-16 J3). */
const LASTING = 1 / 0.75;
/** Nearer than this two pins hold the tongue's bending badly (common practice, 4 in). */
const LEAST_SPACING_M = inches(4);
/**
 * Pins across a folding or removable tongue, each in double shear. Along the tongue one pin takes the pull, for holes have play. Upright,
 * two pins hold the moment V·a about their middle as a couple: V·a ÷ s on each and half of V.
 * Source: statics; strengths AISC 360-16 J3.6 and J3.10.
 */
const tonguePinFindings = (trailer, chassis, cases) => {
  const { tongue } = trailer.frame;
  const bar = chassis.tongue?.members[0];
  if (tongue.kind === 'a-frame' || !bar) return [];
  const { joint } = tongue;
  const { kind } = joint;
  if (kind === 'fixed') return [];
  const grossKg = Math.max(trailer.ratedGrossKg ?? 0, ...cases.map(({ massKg }) => massKg));
  const leverM = tongue.lengthM - joint.aheadM;
  if (!(grossKg > 0) || !(leverM > 0)) return [];
  const plain = {
    step: 'strength',
    subject: bar.id,
    counts: true,
  };
  const n = (value) => quantity(value, 'force');
  const number = (value) => quantity(value, 'number');
  const weight = n(weightN(grossKg));
  const along = workedOut('pin-pulls', times$1(weight, number(PIN_ALONG_G)), 'force');
  const upright = workedOut('coupling-lifts', times$1(weight, number(PIN_UPRIGHT_G)), 'force');
  const two = joint.pins === 2;
  const couple = workedOut(
    'pins-couple',
    plus(
      over(times$1(upright.result, quantity(leverM, 'length')), quantity(joint.pinSpacingM, 'length')),
      over(upright.result, number(2)),
    ),
    'force',
  );
  const asked = two && couple.result.value > along.result.value ? couple : along;
  const shape = designShape(bar.section);
  const walls = shape.kind === 'rect-tube' || shape.kind === 'round-tube' ? 2 : 1;
  const metal = bar.material.weldedUltimatePa ?? bar.material.ultimatePa;
  const shearN = 2 * boltShearN(joint.pinDiameterM, joint.grade, LASTING);
  const wallN = walls * bearingN(joint.pinDiameterM, wallThicknessM(shape), metal, LASTING);
  const strengthN = Math.min(shearN, wallN);
  const utilisation = asked.result.value / strengthN;
  const spare = workedOut('spare', minus(n(strengthN), asked.result), 'force');
  return [
    finding({
      ...plain,
      rule: RULES['tongue-pins'],
      data: {
        kind,
        forceN: asked.result.value,
        strengthN,
        by: shearN <= wallN ? 'shear' : 'bearing',
        load: asked === along ? 'along' : 'upright',
        pins: two ? 2 : 1,
        spacingM: joint.pinSpacingM,
      },
      verdict:
        utilisation > 1
          ? 'over'
          : utilisation > 0.7 || (two && joint.pinSpacingM < LEAST_SPACING_M - 1e-6)
            ? 'tight'
            : 'ok',
      value: asked.result,
      limit: n(strengthN),
      utilisation,
      working: [...(asked === along ? [along] : [upright, couple]), ...(utilisation <= 1 ? [concluding(spare)] : [])],
    }),
    ...(two
      ? []
      : [
          finding({
            ...plain,
            rule: RULES['one-pin-folds'],
            data: { kind },
            verdict: 'over',
            working: [],
          }),
        ]),
  ];
};
// core/src/evaluation/evaluate.ts
const stepResult = (findings, step) => {
  const own = findings.filter((finding) => finding.step === step);
  return {
    verdict: rollUp(own.filter(({ counts }) => counts).map(({ verdict }) => verdict)),
    findings: own,
  };
};
/** What the stages find for these loads; coupling comes after strength, since it tells of the tongue as a link. */
const findingsFor = ({ trailer, chassis, bare, placement, cutList }, cases, strength) => {
  const tongueWorksAt = strength.findings.find(({ code }) => code === 'tongue')?.utilisation;
  return [
    ...chassisFindings(trailer, chassis),
    ...massFindings(trailer, bare, cases),
    ...balanceFindings(trailer, cases, placement),
    ...caseFindings(trailer, chassis, cases),
    ...runningGearFindings(trailer, cases, chassis.ballXM),
    ...fitFindings(trailer, chassis, cases),
    ...strength.findings,
    ...couplingFindings(trailer, chassis, cases, tongueWorksAt),
    ...towingFindings(trailer, chassis, cases),
    ...deckFindings(trailer, chassis, cases),
    ...strapFindings(trailer, cases),
    ...sideRailFindings(trailer, chassis),
    ...homeMadeFindings(trailer, cases),
    ...tonguePinFindings(trailer, chassis, cases),
    ...fabricationFindings(cutList),
  ].sort(bySeverity);
};
/** Findings in order, rolled up by step and as a whole. */
const summed = (findings) => ({
  findings,
  steps: Object.fromEntries(STEP_IDS.map((step) => [step, stepResult(findings, step)])),
  verdict: rollUp(findings.filter(({ counts }) => counts).map(({ verdict }) => verdict)),
});
const kept = /* @__PURE__ */ new WeakMap();
/**
 * The light chain: trailer in, everything else out. Pure; fast enough for every frame of a drag. One evaluation per trailer value: asked
 * again, it is the same one.
 */
const evaluate = (trailer) => {
  const known = kept.get(trailer);
  if (known) return known;
  const chassis = buildChassis(trailer);
  const bare = trailerParts(trailer, chassis);
  const cases = trailer.cases.map((loadCase) => balanceCase(trailer, chassis, bare, loadCase));
  const placement = placeAxle(trailer, chassis, cases);
  const strength = handCheck(trailer, chassis, cases);
  const stages = {
    trailer,
    chassis,
    bare,
    placement,
    cutList: buildCutList(chassis),
  };
  const evaluation = {
    ...stages,
    cases,
    strength,
    ...summed(findingsFor(stages, cases, strength)),
  };
  kept.set(trailer, evaluation);
  return evaluation;
};
// core/src/evaluation/withStrength.ts
/** The hand check of these stays beside the frame analysis and only compares. */
const COMPARED = /* @__PURE__ */ new Set(['rails', 'tongue', 'cross-member']);
/** What the frame analysis answers in their place. */
const REPLACED = /* @__PURE__ */ new Set([
  'cross-members-rest',
  'deflection',
  'tongue-root',
  'support-assumed',
  'not-in-hand-check',
]);
const analysisInput = (trailer, { chassis, bare, cases }) => ({
  trailer,
  chassis,
  bare,
  cases,
});
/** The light chain's findings with those of the frame analysis, once that is done. */
const withStrength = (evaluation, outcome) => {
  const memberOf = (id) => evaluation.chassis.members.find((member) => member.id === id);
  const own = analysisFindings(outcome, evaluation.strength, memberOf);
  const done = outcome.kind === 'analysed';
  const findings = [
    ...evaluation.findings.flatMap((finding) =>
      done && REPLACED.has(finding.code)
        ? []
        : [
            done && COMPARED.has(finding.code)
              ? {
                  ...finding,
                  counts: false,
                }
              : finding,
          ],
    ),
    ...own,
  ];
  findings.sort(bySeverity);
  return {
    ...evaluation,
    ...summed(findings),
  };
};
// core/src/evaluation/advice.ts
const within = (balanced) => {
  const kg = tongueKg(balanced);
  if (kg === void 0) return false;
  const { minKg, maxKg } = bandKg(balanced.band, balanced.massKg);
  return kg >= minKg - 1e-9 && kg <= maxKg + 1e-9;
};
const towed = ({ cases }) => cases.filter(({ loadCase, standing }) => loadCase.mode === 'towed' && standing);
const RANK = ['ok', 'unchecked', 'tight', 'open', 'over'];
/** Codes whose worst verdict is worse than it was; the tongue's own are what the move is for. */
const worsened = (before, after) => {
  const worst = ({ findings }) => {
    const map = /* @__PURE__ */ new Map();
    for (const { code, verdict, counts } of findings)
      if (counts) map.set(code, rollUp([verdict, map.get(code) ?? 'ok']));
    return map;
  };
  const old = worst(before);
  return [...worst(after)]
    .filter(([code, verdict]) => code !== 'tongue-share' && RANK.indexOf(verdict) > RANK.indexOf(old.get(code) ?? 'ok'))
    .map(([code]) => code);
};
/** The case that is furthest out of its band, and by how much its tongue is too light (negative) or too heavy, kg. */
const neediest = (cases) =>
  cases
    .filter((own) => !within(own))
    .map((own) => {
      const { minKg, maxKg } = bandKg(own.band, own.massKg);
      const kg = tongueKg(own) ?? 0;
      return {
        own,
        offKg: kg < minKg ? kg - minKg : kg - maxKg,
      };
    })
    .reduce(
      (most, next) =>
        !most || Math.abs(next.offKg) / next.own.massKg > Math.abs(most.offKg) / most.own.massKg ? next : most,
      void 0,
    );
/** Kilograms that the tongue of a case lacks to the middle of its band; the edge nearest would only just do. */
const lacksKg = (own) => {
  const { minKg, maxKg } = bandKg(own.band, own.massKg);
  return (minKg + Math.min(maxKg, 4 * own.massKg)) / 2 - (tongueKg(own) ?? 0);
};
const movedAxle = (trailer, toM) => ({
  ...trailer,
  runningGear: {
    ...trailer.runningGear,
    positionM: toM,
  },
});
const movedItem = (trailer, id, byM) =>
  changeItem(trailer, id, (item) => ({
    ...item,
    attach: {
      ...item.attach,
      offsetM: {
        ...item.attach.offsetM,
        value: item.attach.offsetM.value + byM,
      },
    },
  }));
const BALLAST_EDGE_M = 0.15;
const ballastItem = (trailer, massKg, atM) => ({
  id: 'item.ballast',
  name: 'Ballast',
  kind: 'cargo',
  massKg: {
    value: massKg,
    basis: 'guessed',
    tolerance: 0,
  },
  emptyMassKg: 0,
  sizeM: {
    lengthM: 0.2,
    widthM: Math.min(0.6, trailer.frame.bed.widthM / 2),
    heightM: 0.2,
  },
  attach: {
    on: 'deck',
    from: 'front',
    hostId: null,
    offsetM: {
      value: atM,
      basis: 'guessed',
      tolerance: 0,
    },
    rightM: 0,
    aboveM: 0,
  },
});
const withBallast = (trailer, caseId, massKg, atM) => ({
  ...trailer,
  items: [...trailer.items.filter(({ id }) => id !== 'item.ballast'), ballastItem(trailer, massKg, atM)],
  cases: trailer.cases.map((loadCase) =>
    loadCase.id === caseId
      ? {
          ...loadCase,
          aboard: [
            ...loadCase.aboard.filter(({ itemId }) => itemId !== 'item.ballast'),
            {
              itemId: 'item.ballast',
              fill: 1,
              shiftM: 0,
            },
          ],
        }
      : loadCase,
  ),
});
const axleMoves = (evaluation, trailer, need) => {
  const { window, intervals } = evaluation.placement;
  const own = intervals.find(({ caseId }) => caseId === need.loadCase.id);
  const middle = (from, to) => (from + to) / 2;
  return [
    ...(window.kind === 'window' ? [middle(window.fromM, window.toM)] : []),
    ...(window.kind === 'conflict' && window.agree ? [middle(window.agree.fromM, window.agree.toM)] : []),
    ...(own && !own.empty ? [middle(own.from.xM, own.to.xM)] : []),
  ].filter((xM) => Math.abs(xM - trailer.runningGear.positionM) > 0.001);
};
/** How many of the heaviest items are tried. */
const ITEMS_TRIED = 3;
/** A tongue is not made longer or shorter than by this, m. */
const TONGUE_STEP_M = 1;
const itemMoves = (trailer, need) => {
  const { standing, parts } = need;
  if (!standing) return [];
  const baseM = standing.groupCentreXM - standing.aheadXM;
  const lacks = lacksKg(need);
  return parts
    .filter(
      ({ id, massKg, movesWithAxle }) => massKg > 0 && !movesWithAxle && trailer.items.some((item) => item.id === id),
    )
    .sort((a, b) => b.massKg - a.massKg)
    .slice(0, ITEMS_TRIED)
    .map(({ id, massKg, x0M, x1M }) => {
      const item = trailer.items.find((candidate) => candidate.id === id);
      const wanted = -(lacks * baseM) / massKg;
      const room =
        item?.attach.on === 'deck' || item?.attach.on === 'drawer'
          ? [-Math.max(0, x0M), Math.max(0, trailer.frame.bed.lengthM - x1M)]
          : [-0.5, 0.5];
      return {
        id,
        byM: Math.max(room[0], Math.min(room[1], wanted)),
      };
    })
    .filter(({ byM }) => Math.abs(byM) > 0.005);
};
const movesFor = (trailer, evaluation, need) => {
  const { standing } = need;
  if (!standing) return [];
  const baseM = standing.groupCentreXM - standing.aheadXM;
  const lacks = lacksKg(need);
  const target = ((tongueKg(need) ?? 0) + lacks) / need.massKg;
  const moves = [
    ...axleMoves(evaluation, trailer, need).map((toM) => ({
      kind: 'axle',
      toM,
      byM: toM - trailer.runningGear.positionM,
    })),
    ...itemMoves(trailer, need).map(({ id, byM }) => ({
      kind: 'item',
      itemId: id,
      byM,
    })),
  ];
  const atM = lacks > 0 ? BALLAST_EDGE_M : trailer.frame.bed.lengthM - BALLAST_EDGE_M;
  const ballastKg = lacks / ((standing.groupCentreXM - atM) / baseM - target);
  if (ballastKg > 0.5 && ballastKg < need.massKg / 2)
    moves.push({
      kind: 'ballast',
      massKg: ballastKg,
      atM,
    });
  const tongue = tongueKg(need) ?? 0;
  if (tongue > 0) {
    const byM = Math.max(-1, Math.min(TONGUE_STEP_M, baseM * (tongue / (target * need.massKg) - 1)));
    if (Math.abs(byM) > 0.02 && trailer.frame.tongue.lengthM + byM > 0.3)
      moves.push({
        kind: 'tongue',
        byM,
      });
  }
  return moves;
};
const applied = (trailer, move, caseId) => {
  switch (move.kind) {
    case 'axle':
      return movedAxle(trailer, move.toM);
    case 'item':
      return movedItem(trailer, move.itemId, move.byM);
    case 'ballast':
      return withBallast(trailer, caseId, move.massKg, move.atM);
    case 'tongue':
      return {
        ...trailer,
        frame: {
          ...trailer.frame,
          tongue: {
            ...trailer.frame.tongue,
            lengthM: trailer.frame.tongue.lengthM + move.byM,
          },
        },
      };
  }
};
/** Each way out is the whole trailer again, so that what it costs elsewhere is known, too. Empty where every towed load is in its band. */
const adviceFor = (trailer, evaluation = evaluate(trailer)) => {
  const before = towed(evaluation);
  const need = neediest(before);
  if (!need) return [];
  const outBefore = before.filter((own) => !within(own)).length;
  return movesFor(trailer, evaluation, need.own)
    .map((move) => {
      const changed = applied(trailer, move, need.own.loadCase.id);
      const after = evaluate(changed);
      const effects = towed(after).map((own) => {
        const old = before.find(({ loadCase }) => loadCase.id === own.loadCase.id);
        return {
          caseId: own.loadCase.id,
          before: old?.standing?.tongueShare ?? 0,
          after: own.standing?.tongueShare ?? 0,
          within: within(own),
        };
      });
      return {
        move,
        trailer: changed,
        effects,
        outBefore,
        outAfter: effects.filter((effect) => !effect.within).length,
        worsens: worsened(evaluation, after),
      };
    })
    .sort((a, b) => a.outAfter - b.outAfter || a.worsens.length - b.worsens.length);
};
// core/src/evaluation/tongueLengths.ts
const STEPS = {
  imperial: [-12, -6, 0, 6, 12, 24].map(inches),
  metric: [-300, -150, 0, 150, 300, 600].map(millimetres),
};
const SHORTEST_M = 0.4;
const SMALL_RAD = toRadians(5, 'deg');
const LARGE_RAD = toRadians(20, 'deg');
const withLength = (trailer, lengthM) => ({
  ...trailer,
  frame: {
    ...trailer.frame,
    tongue: {
      ...trailer.frame.tongue,
      lengthM,
    },
  },
});
/** The trailer again with shorter and longer tongues, each worked out whole, in its heaviest towed load. */
const tongueLengthRows = (trailer) => {
  const nowM = trailer.frame.tongue.lengthM;
  const frameKg = (evaluation) => evaluation.chassis.members.reduce((sum, { massKg }) => sum + massKg, 0);
  const nowKg = frameKg(evaluate(trailer));
  return STEPS[trailer.settings.units]
    .map((step) => nowM + step)
    .filter((lengthM) => lengthM >= SHORTEST_M)
    .map((lengthM) => {
      const changed = withLength(trailer, lengthM);
      const evaluation = evaluate(changed);
      const heaviest = heaviestTowed(evaluation.cases);
      const turns = evaluation.findings.find((finding) => finding.code === 'turns-clear');
      const sway = heaviest && swayOf(changed, [heaviest]);
      return {
        lengthM,
        overallM: lengthM + trailer.frame.bed.lengthM,
        tongueKg: heaviest && massOfWeightKg(heaviest.standing.tongueN),
        tongueShare: heaviest?.standing.tongueShare,
        touchRad: turns?.code === 'turns-clear' ? turns.data.touchRad : void 0,
        metalKg: frameKg(evaluation) - nowKg,
        tongueWorksAt: evaluation.findings.find(({ code }) => code === 'tongue')?.utilisation,
        backsM:
          heaviest &&
          jackknifeTravelM(heaviest.standing.groupCentreXM - evaluation.chassis.ballXM, SMALL_RAD, LARGE_RAD),
        lost: sway?.cases[0]?.lost.usual,
        swayKnown: (sway?.cases.length ?? 0) > 0,
      };
    });
};
// core/src/evaluation/shareOverAxle.ts
const PLACES = 41;
/** Looked at over this part of the bed, behind its front edge. */
const FROM = 0.4;
/** How the share on the tongue falls as the axle goes forward, for every towed load: the whole trailer again at each place. */
const shareOverAxle = (trailer) => {
  const chassis = buildChassis(trailer);
  const towed = trailer.cases.filter(({ mode }) => mode === 'towed');
  const lines = towed.map(({ id }) => ({
    caseId: id,
    points: [],
  }));
  for (let i = 0; i < PLACES; i += 1) {
    const positionM = trailer.frame.bed.lengthM * (FROM + (0.44999999999999996 * i) / 40);
    const moved = {
      ...trailer,
      runningGear: {
        ...trailer.runningGear,
        positionM,
      },
    };
    const bare = trailerParts(moved, chassis);
    towed.forEach((loadCase, k) => {
      const { standing } = balanceCase(moved, chassis, bare, loadCase);
      if (standing)
        lines[k]?.points.push({
          axleM: positionM,
          share: standing.tongueShare,
        });
    });
  }
  return lines;
};
Object.values(RULES$5),
  Object.values(RULES$7),
  Object.values(RULES$6),
  Object.values(RULES$3),
  Object.values(RULES$4),
  Object.values(RULES),
  Object.values(RULES$1),
  Object.values(RULES$2);
// core/src/wording/frameProblems.ts
const MOVES = {
  ux: 'along x',
  uy: 'along y',
  uz: 'along z',
  rx: 'about x',
  ry: 'about y',
  rz: 'about z',
};
const PROPERTY_NAMES = {
  areaM2: 'area',
  iyM4: 'second moment Iy',
  izM4: 'second moment Iz',
  torsionM4: 'torsion constant',
  elasticPa: 'elastic modulus',
  shearPa: 'shear modulus',
  shearAreaYM2: 'shear area across y',
  shearAreaZM2: 'shear area across z',
};
/** More nodes than this are counted, not listed. */
const MOST_LISTED = 6;
const movementText = (movement) => {
  const listed = movement
    .slice(0, MOST_LISTED)
    .map(({ node, freedoms }) => `node ${node} ${freedoms.map((freedom) => MOVES[freedom]).join(', ')}`);
  const rest = movement.length - MOST_LISTED;
  return listed.join('; ') + (rest > 0 ? `; and ${rest} more nodes` : '');
};
const SENTENCES$1 = {
  'no-members': () => 'The frame has no members.',
  'no-supports': () => 'Nothing holds the frame: give it supports.',
  'duplicate-node': ({ id }) => `Two nodes are called ${id}.`,
  'duplicate-member': ({ id }) => `Two members are called ${id}.`,
  'unknown-node': ({ by, node }) =>
    `${by === 'support' || by === 'load' ? `A ${by}` : `Member ${by}`} names node ${node}, which is not there.`,
  'unknown-member': ({ member }) => `A load names member ${member}, which is not there.`,
  'no-length': ({ member }) => `Member ${member} has no length: its two ends are in one place.`,
  'not-positive': ({ member, field }) => `Member ${member}: ${PROPERTY_NAMES[field]} must be more than 0.`,
  'not-finite': ({ of }) => `${of}: a place or a load is not a number.`,
  'up-along-member': ({ member }) => `Member ${member}: its up direction runs along the member itself.`,
  'no-direction': ({ node }) => `The support of node ${node} has no direction.`,
  'negative-spring': ({ node }) => `The spring under node ${node} must not be negative.`,
  'load-off-member': ({ member, lengthM }) =>
    `A load lies off member ${member}, which is ${Number(lengthM.toPrecision(6))} m long.`,
  'loose-member': ({ member, freedom }) =>
    `Member ${member} is released so that it moves by itself ${MOVES[freedom]} (its own axes).`,
  mechanism: ({ movements }) =>
    `The frame can move without bending: ${movements.map((movement) => movementText(movement)).join('. Also: ')}.`,
};
/** What is wrong with a frame, in words, with the place. */
const frameProblemSentence = (problem) => SENTENCES$1[problem.code](problem);
// core/src/wording/labels.ts
const SITUATION_NAMES = {
  standing: 'Standing still',
  'bump-both': 'Hard bump, both wheels',
  'bump-one': 'Hard bump, one wheel',
  twist: 'Twist between axle and front',
  braking: 'Hard braking',
  cornering: 'Hard cornering',
  drawbar: 'Drawbar loads',
  'tie-downs': 'Straps pulled tight',
  'on-stands': 'Parked on its stands',
  'jack-tongue': 'Jacked up at the tongue',
  'jack-rail': 'Jacked up under one rail',
  recovery: 'Pulled out when stuck',
  'person-rear': 'A person steps on the rear edge',
  'turn-over': 'Bare frame turned over',
};
/** How a situation stands in a sentence. */
const SITUATION_PHRASES = {
  standing: 'standing still',
  'bump-both': 'in a hard bump',
  'bump-one': 'with one wheel in a hard bump',
  twist: 'when the frame is twisted',
  braking: 'in hard braking',
  cornering: 'in hard cornering',
  drawbar: 'under the published drawbar loads',
  'tie-downs': 'with every strap pulled tight',
  'on-stands': 'parked on its stands',
  'jack-tongue': 'jacked up at the tongue',
  'jack-rail': 'jacked up under one rail',
  recovery: 'pulled out when stuck',
  'person-rear': 'with a person stepping on the rear edge',
  'turn-over': 'turned over as a bare frame',
};
// core/src/wording/printWorking.ts
const NUMBER = {
  symbol: '',
  decimals: 3,
  from: (value) => value,
};
const PERCENT = {
  symbol: ' %',
  decimals: 1,
  from: (value) => value * 100,
};
const inchesOf = (m, power) => m / fromMetres(1, 'in') ** -power;
/** Units that fit each other in each system: lbf × in ÷ in³ = psi; N × m ÷ cm³ = MPa. */
const UNITS = {
  imperial: {
    mass: {
      symbol: ' lb',
      decimals: 1,
      from: (kg) => fromKilograms(kg, 'lb'),
    },
    load: {
      symbol: ' lb',
      decimals: 1,
      from: (n) => fromKilograms(massOfWeightKg(n), 'lb'),
    },
    length: {
      symbol: '″',
      decimals: 2,
      from: (m) => fromMetres(m, 'in'),
    },
    arm: {
      symbol: '″',
      decimals: 2,
      from: (m) => fromMetres(m, 'in'),
    },
    force: {
      symbol: ' lbf',
      decimals: 0,
      from: (n) => fromNewtons(n, 'lbf'),
    },
    moment: {
      symbol: ' lbf·in',
      decimals: 0,
      from: (nm) => inchesOf(fromNewtons(nm, 'lbf'), 1),
    },
    modulus: {
      symbol: ' in³',
      decimals: 3,
      from: (m3) => inchesOf(m3, 3),
    },
    area: {
      symbol: ' in²',
      decimals: 3,
      from: (m2) => inchesOf(m2, 2),
    },
    stress: {
      symbol: ' psi',
      decimals: 0,
      from: (pa) => fromPascals(pa, 'psi'),
    },
    'force-per-length': {
      symbol: ' lbf/in',
      decimals: 0,
      from: (nm) => inchesOf(fromNewtons(nm, 'lbf'), -1),
    },
    rate: {
      symbol: ' lbf/in',
      decimals: 0,
      from: (nm) => inchesOf(fromNewtons(nm, 'lbf'), -1),
    },
    kilometres: {
      symbol: ' miles',
      decimals: 0,
      from: (km) => fromKilometres(km, 'mile'),
    },
    percent: PERCENT,
    number: NUMBER,
  },
  metric: {
    mass: {
      symbol: ' kg',
      decimals: 1,
      from: (kg) => kg,
    },
    load: {
      symbol: ' kg',
      decimals: 1,
      from: (n) => massOfWeightKg(n),
    },
    length: {
      symbol: ' mm',
      decimals: 1,
      from: (m) => fromMetres(m, 'mm'),
    },
    arm: {
      symbol: ' m',
      decimals: 3,
      from: (m) => m,
    },
    force: {
      symbol: ' N',
      decimals: 0,
      from: (n) => n,
    },
    moment: {
      symbol: ' N·m',
      decimals: 1,
      from: (nm) => nm,
    },
    modulus: {
      symbol: ' cm³',
      decimals: 2,
      from: (m3) => m3 * 1e6,
    },
    area: {
      symbol: ' mm²',
      decimals: 1,
      from: (m2) => m2 * 1e6,
    },
    stress: {
      symbol: ' MPa',
      decimals: 1,
      from: (pa) => fromPascals(pa, 'MPa'),
    },
    'force-per-length': {
      symbol: ' N/mm',
      decimals: 0,
      from: (nm) => nm * 0.001,
    },
    rate: {
      symbol: ' N/mm',
      decimals: 1,
      from: (nm) => nm * 0.001,
    },
    kilometres: {
      symbol: ' km',
      decimals: 0,
      from: (km) => km,
    },
    percent: PERCENT,
    number: NUMBER,
  },
};
const MOST_DECIMALS = 12;
const trimZeros = (text) => (text.includes('.') ? text.replace(/\.?0+$/, '') : text);
const figure = ({ value, kind }, system, extra) => {
  const unit = UNITS[system][kind];
  const decimals = Math.min(unit.decimals + extra, MOST_DECIMALS);
  const text = formatNumber(unit.from(value), decimals);
  return `${kind === 'number' || kind === 'percent' ? trimZeros(text) : text}${unit.symbol}`;
};
/** A figure by itself, with its unit. */
const printFigure = (measured, system) => figure(measured, system, 0);
// core/src/wording/sentences/kit.ts
const spare = (load, limit, write) =>
  limit >= load ? `${write(limit - load)} spare` : `${write(load - limit)} too much`;
const capital = (text) => text.charAt(0).toUpperCase() + text.slice(1);
const when = (factor) => (factor === 1 ? 'standing' : 'in a hard bump');
/** Bends too small for the tape are not written as nothing. */
const bend = (metres, say) => {
  const least = say.style.system === 'imperial' ? inches(1) / say.style.denominator : 0.001;
  return metres < least ? `less than ${say.length(least)}` : say.length(metres);
};
const held = (verdict) =>
  verdict === 'over' ? 'More than is allowed.' : verdict === 'tight' ? 'Holds, little to spare.' : '';
/** Beside the frame analysis the hand check only compares, and says what it is. */
const byHand = (counts) => (counts ? '' : 'By hand:');
const sentence = (...parts) => parts.filter((part) => part !== '').join(' ');
const addsOrTakes = (kg, say) => (kg >= 0 ? `adds ${say.mass(kg)} to` : `takes ${say.mass(-kg)} off`);
// core/src/wording/sentences/analysis.ts
const BENT$1 = {
  rails: 'Rails between ball and axle bend',
  'rear-overhang': 'The rear end goes',
  'tongue-tip': 'The tongue’s tip goes',
  'cross-member': 'bends',
};
const analysisSentences = {
  'frame-member': ({ data, utilisation, caseId, verdict }, say) =>
    sentence(
      `${say.partName(data.memberId)} works at ${say.percent(utilisation, 0)} ${SITUATION_PHRASES[data.situation]}${caseId ? `, ${say.caseName(caseId)}` : ''}${data.weldAt ? `, beside the weld of ${say.partName(data.weldAt).toLowerCase()}` : ''}.`,
      data.rule === 'yield' && verdict === 'over' ? 'It bends for good.' : held(verdict),
      data.rule === 'open-twist'
        ? 'An open bar twists easily: join cross-members over its whole depth, or take a tube.'
        : '',
    ),
  'frame-members-rest': ({ data }, say) =>
    data.count === 1
      ? `The other bar: ${say.percent(data.most, 0)}.`
      : `Other ${data.count} bars: ${say.percent(data.least, 0)} to ${say.percent(data.most, 0)}.`,
  'frame-weld': ({ data, utilisation, caseId, verdict }, say) =>
    sentence(
      `Weld of ${say.partName(data.memberId).toLowerCase()} on ${say.partName(data.joint).toLowerCase()} works at ${say.percent(utilisation, 0)} ${SITUATION_PHRASES[data.situation]}${caseId ? `, ${say.caseName(caseId)}` : ''}; leg ${say.length(data.legM)}.`,
      data.needM !== void 0
        ? `A leg of ${say.length(Math.ceil(data.needM / inches(1 / 16)) * inches(1 / 16))} would do.`
        : data.by === 'base-metal' && verdict === 'over'
          ? 'The wall beside it is the weaker.'
          : held(verdict),
    ),
  'frame-welds-rest': ({ data }, say) => `Other ${data.count} welds: up to ${say.percent(data.most, 0)}.`,
  'weld-leg-small': ({ data }, say) =>
    `A leg of ${say.length(data.legM)} is thin for its wall: ${say.length(data.leastM)} is the least that fuses well.`,
  'hanger-wall': ({ data, utilisation, caseId, verdict }, say) =>
    sentence(
      `Hangers push up to ${say.force(Math.abs(data.forceN))} into the ${say.partName(data.memberId).toLowerCase()} ${SITUATION_PHRASES[data.situation]}, ${say.caseName(caseId)}: ${say.percent(utilisation, 0)} of what its walls bear.`,
      verdict === 'over' ? 'Weld a plate between, wider than the wall is thick.' : '',
    ),
  'bar-hole': ({ data, utilisation, caseId, verdict }, say) =>
    sentence(
      utilisation !== void 0
        ? `The hole of ${say.length(data.diameterM)} in the ${say.partName(data.memberId).toLowerCase()}, ${say.length(data.atM)} along it, works at ${say.percent(utilisation, 0)} ${SITUATION_PHRASES[data.situation]}${caseId ? `, ${say.caseName(caseId)}` : ''}.`
        : `The hole of ${say.length(data.diameterM)} in the ${say.partName(data.memberId).toLowerCase()} leaves no metal.`,
      verdict === 'over' ? 'Move it to the middle of the sides, where bending is least, or make it smaller.' : '',
    ),
  'coupler-bolts': ({ data, utilisation, verdict }, say) =>
    sentence(
      `Coupler bolts take ${say.force(data.forceN)} ${SITUATION_PHRASES[data.situation]}: ${say.percent(utilisation, 0)} of what ${data.by === 'shear' ? 'the bolts' : data.by === 'bearing' ? 'the walls at the holes' : 'the edges at the holes'} bear.`,
      held(verdict),
    ),
  'frame-deflection': ({ data, verdict, caseId }, say) => {
    return `${data.what === 'cross-member' ? `${say.partName(data.memberId)} bends` : BENT$1[data.what]} ${bend(data.byM, say)} under ${say.caseName(caseId)} alone; ${verdict === 'over' ? 'more than' : 'up to'} ${say.length(data.lengthM / data.divisor)} is usual.${data.what === 'tongue-tip' && verdict === 'over' ? ' A tongue this springy nods on the road.' : ''}`;
  },
  'fatigue-life': ({ data, caseId }, say) =>
    `Always loaded as ${say.caseName(caseId)}, look for cracks where ${say.partName(data.joint).toLowerCase()} meets ${say.partName(data.memberId).toLowerCase()} after about ${say.distance(data.km)}; it may as well be a fifth or five times that.`,
  'situations-off': ({ data }) =>
    `Switched off, so not looked at: ${data.off.map((id) => SITUATION_NAMES[id].toLowerCase()).join(', ')}.`,
  'situation-not-run': ({ data }) =>
    `${SITUATION_NAMES[data.situation]} cannot be worked out: say how hard it is pulled, or what the tow vehicle weighs.`,
  'recovery-advice': () =>
    'Do not pull anything out by coupler, ball or chains unless each is rated for it: what breaks, flies.',
  'rated-gross-missing': () =>
    'The gross on the plate is missing: the frame is not looked at fully loaded in front, behind and in the middle.',
  'hand-compared': ({ data, caseId }, say) =>
    sentence(
      `${say.partName(data.memberId)} in a hard bump, ${say.caseName(caseId)}: ${say.percent(data.hand, 0)} by hand, ${say.percent(data.frame, 0)} in the whole frame.`,
      data.apart
        ? 'They differ much: by hand one straight beam carries all, in the frame headers, cross-members and the axle help or hinder, and tubes count with their full shape.'
        : '',
    ),
  'not-in-analysis': () =>
    'Not in this analysis: axle, springs and their bolts, the stiffness of side rails, the welds of gussets, wear and rust. Home-made couplings and swing arms are outside any rule here: buy rated ones.',
  'figures-doubtful': ({ data }) =>
    `Very stiff and very soft bars stand side by side: the sums of the frame analysis leave ${data.residual.toExponential(0)} of the forces over. Do not count on its figures.`,
  'frame-fault': ({ data }) =>
    data.fault === 'suspension-not-modelled'
      ? 'Three axles, or torsion arms on an equaliser, are not modelled: the frame is not analysed.'
      : data.fault === 'no-axle-under-frame'
        ? 'Hangers or axle are not under the rails: the frame cannot be analysed until they are.'
        : 'The frame cannot be analysed until its bars fit together.',
  'frame-unsolvable': ({ data }) => data.problems.map(frameProblemSentence).join(' '),
};
// core/src/wording/sentences/balance.ts
const REASONS = {
  'tongue-too-light': 'the tongue gets too light',
  'tongue-too-heavy': 'the tongue gets too heavy',
  'hitch-limit': 'the hitch has its limit',
  'axle-rating': 'the axle has its rating',
  'bed-edge': 'the bed ends',
  ball: 'the ball is there',
};
const windowSentence = (window, say) => {
  if (window.kind === 'none-asked') return 'No towed load counts for the axle’s place yet.';
  if (window.kind === 'window')
    return `All towed loads ride well with the axle from ${say.length(window.fromM)} to ${say.length(window.toM)}. Further forward ${REASONS[window.fromCase.from.reason]} in ${say.caseName(window.fromCase.caseId)}; further back ${REASONS[window.toCase.to.reason]} in ${say.caseName(window.toCase.caseId)}.`;
  const [alone] = window.impossible;
  const parts = [];
  if (alone)
    parts.push(
      `${say.caseName(alone.caseId)} suits no axle place even alone: ahead of ${say.length(alone.from.xM)} ${REASONS[alone.from.reason]}, behind ${say.length(alone.to.xM)} ${REASONS[alone.to.reason]}.`,
    );
  if (window.fight) {
    const { forward, rearward } = window.fight;
    parts.push(
      `${say.caseName(forward.caseId)} wants the axle no further back than ${say.length(forward.to.xM)}, ${say.caseName(rearward.caseId)} at least ${say.length(rearward.from.xM)}.`,
    );
  }
  if (window.agree && window.agree.caseIds.length > 1)
    parts.push(
      `${window.agree.caseIds.length} loads agree from ${say.length(window.agree.fromM)} to ${say.length(window.agree.toM)}.`,
    );
  return `No axle place suits every load. ${parts.join(' ')}`;
};
const balanceSentences = {
  'tongue-share': ({ data, caseId }, say) => {
    const name = say.caseName(caseId);
    const carried = `tongue carries ${say.load(data.tongueN)}, ${say.percent(data.share)}.`;
    switch (data.side) {
      case 'lifts':
        return `${name}: tongue pulls up with ${say.load(-data.tongueN)}. Tail-heavy: sway is likely, and the coupler is lifted off.`;
      case 'too-light':
        return `${name}: ${carried} Tail-heavy: sway is likely.`;
      case 'too-heavy':
        return `${name}: ${carried} Nose-heavy: it presses the hitch down.`;
      case 'within':
        return `${name}: ${carried}`;
    }
  },
  'tongue-limit': ({ data, caseId }, say) =>
    data.limitN === void 0
      ? `Most on the ball is ${say.load(data.tongueN)}, ${say.caseName(caseId)}. What hitch and coupler allow is missing: read it off their plates.`
      : `Most on the ball is ${say.load(data.tongueN)}, ${say.caseName(caseId)}. ${data.by === 'coupler' ? 'Coupler' : 'Tow vehicle'} allows ${say.load(data.limitN)}: ${spare(data.tongueN, data.limitN, (n) => say.load(n))}.${data.vehicleUnknown ? ' What the tow vehicle’s hitch allows is missing.' : ''}`,
  'jack-load': ({ data, caseId }, say) =>
    data.loadN < 0
      ? `${say.caseName(caseId)}: it tips back off the jack with ${say.load(-data.loadN)}. Put stands under the rear before you unhitch.`
      : `${say.caseName(caseId)}: jack carries ${say.load(data.loadN)}.`,
  'loading-uplift': ({ data, caseId }, say) =>
    data.tongueN < 0
      ? `${say.caseName(caseId)}: the tongue lifts the tow vehicle with ${say.load(-data.tongueN)}. Put a stand under the rear first.`
      : `${say.caseName(caseId)}: the tongue stays down with ${say.load(data.tongueN)}.`,
  'sixty-forty': ({ data }, say) =>
    `The 60/40 rule says ${say.length(data.ruleM)}. ${data.window.kind === 'window' ? (data.ruleFits ? 'Your loads agree with it.' : `Your loads want ${say.length(data.window.fromM)} to ${say.length(data.window.toM)}.`) : 'Your loads agree on no place, so no rule of thumb can be right for all of them.'}`,
  'axle-window': ({ data }, say) => {
    const here =
      data.window.kind === 'window'
        ? data.inside
          ? `Axle at ${say.length(data.positionM)} suits every load.`
          : `Axle at ${say.length(data.positionM)} lies outside.`
        : '';
    return sentence(here, windowSentence(data.window, say));
  },
  'no-cases': () => 'No load case yet. Say at least what is aboard when it is empty and when it is full.',
  'extreme-case': ({ data, caseId }, say) => {
    const where = data.toward === 'tail' ? 'as far back and as heavy behind' : 'as far forward and as heavy in front';
    const verdict =
      data.tongueKg < 0
        ? 'the tongue lifts.'
        : data.within
          ? `still ${say.percent(data.share)} on the tongue.`
          : `${say.percent(data.share)} on the tongue, out of its band: weigh what you guessed.`;
    return `${say.caseName(caseId)} with everything ${where} as your doubt allows: ${verdict}`;
  },
  'tongue-slopes': ({ data, caseId }, say) =>
    sentence(
      `${say.caseName(caseId)}: each ${say.length(data.stepM)} that the axle goes back ${addsOrTakes(data.axleKg, say)} the tongue; each ${say.length(data.stepM)} that the ball goes further ahead ${addsOrTakes(data.ballKg, say)} it.`,
      data.item
        ? `${say.partName(data.item.id)} ${say.length(data.stepM)} further back ${addsOrTakes(data.item.kg, say)} it.`
        : '',
    ),
  'parked-tips': ({ data, caseId }, say) =>
    data.jackN < 0
      ? `${say.caseName(caseId)}: ${say.mass(data.peopleKg)} of people on the rear edge tip it over its ${data.on}. Set stands under the rear before anyone steps there.`
      : `${say.caseName(caseId)}: with ${say.mass(data.peopleKg)} of people on the rear edge ${say.load(data.jackN)} are left on the jack.`,
  'left-right': ({ data, caseId, verdict }, say) =>
    sentence(
      `${say.caseName(caseId)}: the ${data.side} wheels carry ${say.mass(data.byKg)} more, ${say.percent(data.share)} of both.`,
      verdict === 'ok' ? '' : 'Move something over.',
    ),
  'balance-height': ({ data, caseId }, say) =>
    `The balance point is ${say.length(data.heightM)} above the ground at its highest, ${say.caseName(caseId)}${data.raisedBy === void 0 ? '' : `; ${say.partName(data.raisedBy)} raises it most`}.`,
  'axles-swing': ({ data, caseId }, say) =>
    sentence(
      data.known
        ? Math.abs(data.ballAboveLevelM) < 1e-4
          ? 'These axles share by how level the trailer rides; the tow vehicle holds it level.'
          : `These axles share by how level the trailer rides; the tow vehicle holds the ball ${say.length(Math.abs(data.ballAboveLevelM))} ${data.ballAboveLevelM > 0 ? 'above' : 'below'} level.`
        : 'These axles share by how level the trailer rides, and how high the tow vehicle holds the ball is missing: counted as level.',
      `Each ${say.length(data.stepM)} that the ball goes up ${addsOrTakes(data.frontKg, say)} the front axle and ${addsOrTakes(data.rearKg, say)} the rear one, ${say.caseName(caseId)}. The frame is analysed as if it rode level.`,
    ),
};
// core/src/wording/sentences/byHand.ts
const BENT = {
  rails: 'Rails between ball and axle bend',
  'rear-overhang': 'The rear end goes',
  'tongue-tip': 'The tongue’s tip goes',
  'cross-member': 'bends',
};
const byHandSentences = {
  rails: ({ data, utilisation, caseId, verdict, counts }, say) =>
    sentence(
      byHand(counts),
      `${say.partName(data.memberId)} works at ${say.percent(utilisation, 0)} ${when(data.factor)}, ${say.caseName(caseId)}, at ${say.length(data.placeM)}${data.weldAt ? `, beside the weld of ${say.partName(data.weldAt).toLowerCase()}` : ''}.`,
      held(verdict),
    ),
  tongue: ({ data, utilisation, caseId, verdict, counts }, say) =>
    sentence(
      byHand(counts),
      `${say.partName(data.memberId)} works at ${say.percent(utilisation, 0)} ${when(data.factor)}, ${say.caseName(caseId)}${data.placeM > -1e-6 ? ', at the front header' : ''}.`,
      data.weldAt ? 'The weld there weakens it.' : '',
      held(verdict),
    ),
  'cross-member': ({ data, utilisation, caseId, verdict, counts }, say) =>
    sentence(
      byHand(counts),
      `${say.partName(data.memberId)} works at ${say.percent(utilisation, 0)} ${when(data.factor)}, ${say.caseName(caseId)}.`,
      held(verdict),
    ),
  'cross-members-rest': ({ data }, say) =>
    data.count === 1
      ? `Other cross-member: ${say.percent(data.most, 0)}.`
      : `Other ${data.count} cross-members and headers: ${say.percent(data.least, 0)} to ${say.percent(data.most, 0)}.`,
  deflection: ({ data, verdict }, say) => {
    return `${data.what === 'cross-member' ? `${say.partName(data.memberId)} bends` : BENT[data.what]} ${bend(data.byM, say)} under the load; ${verdict === 'over' ? 'more than' : 'up to'} ${say.length(data.lengthM / data.divisor)} is usual.`;
  },
  'tongue-leverage': ({ data, caseId }, say) => {
    const where =
      Math.abs(data.placeM) < 0.001 ? 'at the front header' : `${say.length(Math.abs(data.placeM))} ahead of the bed`;
    const step = say.length(data.stepM);
    const closer =
      data.perInchCloser > 0
        ? ` Each ${step} less between there and the ball takes off ${say.percent(data.perInchCloser)}.`
        : '';
    const depth =
      data.perInchDeeper === void 0
        ? ''
        : ` A bar ${step} deeper works ${say.percent(data.perInchDeeper, 0)} less: depth helps more than wall.`;
    return `The tongue’s longest lever is ${where}, ${say.caseName(caseId)}.${closer}${depth}`;
  },
  'support-assumed': () =>
    'Suspension unknown: the axle is taken as one point under the rails, which is not how springs hold it.',
  'tongue-root': () =>
    'The tongue ends at the front header. How the header passes its bending on to the rails is not checked by hand: run it on under the frame, or have the joint looked at.',
  'not-in-hand-check': () =>
    'Not in this hand check: welds, bolts, twist, braking and cornering, buckling, cracks from years of use.',
  'strength-not-possible': () =>
    'Bending cannot be worked out until there is a frame, a tongue and an axle behind the ball.',
};
// core/src/wording/sentences/chassis.ts
const PROBLEMS = {
  'missing-section': (p, say) =>
    `${say.partName(p.memberId)}: section “${p.sectionId}” is not in the list. Choose one.`,
  'missing-material': (p, say) =>
    `${say.partName(p.memberId)}: metal “${p.materialId}” is not in the list. Choose one.`,
  'impossible-section': (p, say) =>
    `${say.partName(p.memberId)}: the sizes of “${p.sectionId}” make no section. Check wall and radii.`,
  'wrong-metal': (p, say) =>
    `${say.partName(p.memberId)}: an aluminum section with steel’s strength, or the other way round. Choose metal and section alike.`,
  'cross-member-off-bed': (p, say) =>
    `${say.partName(p.memberId)} at ${say.length(p.xM)} does not lie between the headers.`,
  'cross-members-overlap': (p, say) => `${say.partName(p.memberId)} and ${say.partName(p.otherId)} lie on each other.`,
  'legs-outside-frame': (p, say) =>
    `The tongue legs are ${say.length(p.spreadM)} apart at the front header, the frame is ${say.length(p.widthM)} wide. Shorten the tongue, narrow the angle, or take a straight tongue.`,
  'tongue-under-longer-than-bed': (p, say) =>
    `The tongue runs ${say.length(p.underM)} under the frame and past its rear end.`,
  'slope-under-frame': () =>
    'A sloped tongue that runs on under the frame bends at the front header. Let it end at the header, or step it instead.',
  'step-up-under-frame': () =>
    'A tongue that runs on under the frame can only be stepped down. Let it end at the front header to step it up.',
  'step-too-small': (p, say) =>
    `A step of ${say.length(Math.abs(p.byM))} leaves tongue and header overlapping: ${say.length(p.leastM)} or more makes room for an upright. Slope the tongue instead.`,
  'step-with-side-tubes': () =>
    'A backbone with side tubes cannot be stepped here. Slope it, or take a straight tube with gussets.',
  'side-tubes-ahead-of-tongue': (p, say) =>
    `The side tubes start ${say.length(p.aheadM)} ahead of the bed, the backbone ends ${say.length(p.lengthM)} ahead of it.`,
  'tongue-joint-off-tongue': (p, say) =>
    `The tongue’s joint ${say.length(p.aheadM)} ahead of the bed is not on the tongue, which ends ${say.length(p.lengthM)} ahead of it.`,
  'bed-narrower-than-rails': (p, say) =>
    `A bed ${say.length(p.widthM)} wide leaves no room between its own rails and headers.`,
};
const problemSentence = (problem, say) => PROBLEMS[problem.code](problem, say);
const chassisSentences = {
  'frame-problem': ({ data }, say) => problemSentence(data, say),
  'overall-width': ({ data }, say) =>
    `${say.length(data.widthM)} wide over the ${data.by}.${data.limitM === void 0 ? '' : ` Limit ${say.length(data.limitM)}: ${spare(data.widthM, data.limitM, (m) => say.length(m))}.`}`,
  'overall-length': ({ data }, say) =>
    `${say.length(data.lengthM)} from ball to rear edge.${data.storedM === void 0 ? '' : ` Stored with the tongue away: ${say.length(data.storedM)}.`}${data.limitM === void 0 ? '' : ` Limit ${say.length(data.limitM)}: ${spare(data.lengthM, data.limitM, (m) => say.length(m))}.`}`,
  'unmarked-metal': ({ data }, say) =>
    `${data.memberIds.length === 1 ? say.partName(data.memberIds[0] ?? '') : `${data.memberIds.length} pieces`} of tube without stencil or certificate: counted at ${say.stress(data.yieldPa)} only.`,
  'aluminum-welds': ({ data }, say) =>
    `${data.memberCount} aluminum pieces: within ${say.length(0.025)} of a weld the metal keeps about half its strength or less. Keep welds away from the hardest-working places.`,
  'cut-list': ({ data }, say) => `${data.pieces} pieces under ${data.marks} marks, ${say.mass(data.massKg)} of metal.`,
  'no-cut-list': () => 'No frame to cut yet.',
  'item-without-weight': ({ data }) => `${data.name} has no weight yet. Guess it and say that it is a guess.`,
  'no-load': () => 'Nothing is aboard yet. Add what it will carry.',
  'heaviest-case': ({ data, caseId }, say) =>
    `Heaviest is ${say.mass(data.massKg)}, ${say.caseName(caseId)}. Bare trailer ${say.mass(data.emptyKg)}.`,
  'frame-weight': ({ data }, say) => `Frame and tongue weigh ${say.mass(data.massKg)}.`,
};
// core/src/wording/sentences/coupling.ts
const REGIONS = {
  'north-america': 'North America',
  europe: 'Europe',
  australia: 'Australia',
};
const LINKS = {
  vehicle: 'tow vehicle',
  receiver: 'hitch on the vehicle',
  'ball-mount': 'ball mount',
  ball: 'ball',
  coupler: 'coupler',
  tongue: 'tongue',
  chains: 'chains',
};
/** Balls that differ by less than a sixteenth are told in millimetres and inches both. */
const ballSize = (metres) => `${(1e3 * metres).toFixed(1)} mm (${(metres / inches(1)).toFixed(3)} in)`;
const couplingSentences = {
  'gross-against-plate': ({ data, caseId }, say) =>
    data.ratedKg === void 0
      ? `Heaviest is ${say.mass(data.grossKg)}, ${say.caseName(caseId)}. The rated gross for the plate is missing.`
      : `Heaviest is ${say.mass(data.grossKg)}, ${say.caseName(caseId)}. The plate says ${say.mass(data.ratedKg)}: ${spare(data.grossKg, data.ratedKg, (kg) => say.mass(kg))}.`,
  'gross-against-coupler': ({ data }, say) =>
    data.ratedKg === void 0
      ? 'What the coupler is rated for is missing: read its stamp.'
      : `Coupler is rated for ${say.mass(data.ratedKg)}; ${data.byPlate ? 'the plate lets it be' : 'it weighs'} ${say.mass(data.grossKg)}: ${spare(data.grossKg, data.ratedKg, (kg) => say.mass(kg))}.`,
  'gross-against-tow-vehicle': ({ data }, say) =>
    data.limitKg === void 0
      ? 'What the tow vehicle may tow is missing: see its handbook.'
      : `Tow vehicle may tow ${say.mass(data.limitKg)}; ${data.byPlate ? 'the plate lets the trailer be' : 'the trailer weighs'} ${say.mass(data.grossKg)}: ${spare(data.grossKg, data.limitKg, (kg) => say.mass(kg))}.`,
  'tongue-pins': ({ data, utilisation, verdict }, say) =>
    sentence(
      `The ${data.kind} tongue’s pins bear ${say.force(data.forceN)} ${data.load === 'along' ? 'of pull' : 'where the coupling is lifted'}: ${say.percent(utilisation, 0)} of what ${data.by === 'shear' ? 'a pin in double shear' : 'the walls at its hole'} may.`,
      verdict === 'over'
        ? data.load === 'upright'
          ? 'Set them further apart, or take thicker ones.'
          : 'Take a thicker pin.'
        : '',
      data.pins === 2 && data.spacingM < inches(4) - 1e-6 ? `Two pins are usually 4 in apart or more.` : '',
    ),
  'one-pin-folds': ({ data }) =>
    `${data.kind === 'folding' ? 'A folding' : 'A removable'} tongue on one pin is a hinge: it folds up or down on it. A second pin, 4 in or more from the first, holds it straight.`,
  'weakest-link': ({ data, utilisation }, say) =>
    sentence(
      data.link === void 0
        ? 'Nothing between vehicle and trailer has a stamp that was read yet.'
        : data.link === 'tongue'
          ? `The weakest link is the tongue itself: by hand it works at ${say.percent(utilisation, 0)} in a hard bump.`
          : `The weakest link is the ${LINKS[data.link]}: ${data.by === 'tongue' ? `it may bear ${say.mass(data.limitKg ?? 0)} on the ball and bears ${say.mass(data.demandKg)}` : `it may ${data.link === 'chains' ? 'each hold' : 'pull'} ${say.mass(data.limitKg ?? 0)}, the trailer may weigh ${say.mass(data.demandKg)}`}, ${say.percent(utilisation, 0)}.`,
      data.unread.length > 0
        ? `Not read yet: ${data.unread.map((id) => LINKS[id]).join(', ')}. Each has a stamp; the lowest governs.`
        : '',
    ),
  'ball-fits': ({ data }, say) =>
    data.ballM === void 0
      ? `The coupler is made for a ball of ${say.length(data.couplerM)}. What the ball measures is missing: it is stamped on its top.`
      : Math.abs(data.ballM - data.couplerM) < 5e-4
        ? `Ball and coupler are both ${say.length(data.couplerM)}.`
        : `A ball of ${ballSize(data.ballM)} in a coupler made for ${ballSize(data.couplerM)}: ${data.ballM < data.couplerM ? 'it comes off in a bump' : 'it does not close'}. They do not interchange.`,
  'ball-hole': ({ data }, say) =>
    data.holeM < data.shankM
      ? `A shank of ${say.length(data.shankM)} does not go into a hole of ${say.length(data.holeM)}. Never file it thinner.`
      : `The ball’s shank is ${say.length(data.shankM)}, the hole for it ${say.length(data.holeM)}; at most 1/16 in more than the shank.`,
  'coupling-kind': ({ data }) =>
    data.kind === 'pintle'
      ? 'Pintle and eye clatter and let the trailer jerk: keep the slack low, hang the chains, and do not count on them to damp a swing.'
      : 'A three-axis coupling must be a tested one with its own plate. It frees the frame of the vehicle’s twist; chains still hang from the frame.',
  chains: ({ data }) => {
    if (data.state === 'none') return 'No safety chains. Fit two, crossed under the coupler, on their own tabs.';
    if (data.state === 'not-decided') return 'Safety chains are not decided yet.';
    switch (data.fault) {
      case 'on-coupler':
        return 'Chains that hang on the coupler go where it goes. Give them tabs or rings of their own on the frame.';
      case 'not-crossed':
        return 'Cross the chains under the tongue: they then cradle the coupler if it drops.';
      case 'undecided':
        return 'Where the chains are held on the trailer is missing: on tabs or rings of their own, not on the coupler.';
      case 'none':
        return 'Safety chains hang crossed, from tabs of their own. Weld the tab, not the chain: heat takes its strength. Grind the zinc off first and keep out of the fume.';
    }
  },
  'chain-strength': ({ data }, say) => {
    if (data.count < data.wantedCount)
      return `${REGIONS[data.region]} asks for ${data.wantedCount} chains; ${data.count} ${data.count === 1 ? 'hangs' : 'hang'} here.`;
    if (data.neededKg === void 0)
      return `${REGIONS[data.region]}: what a chain must hold is not worked out here; ask your own authority, and read its tag.`;
    return data.breaksAtKg === void 0
      ? `Each chain must break at no less than ${say.mass(data.neededKg)}, class ${data.className}. What yours break at is missing: grade and size are stamped on the links.`
      : `Each chain breaks at ${say.mass(data.breaksAtKg)}; class ${data.className} asks for ${say.mass(data.neededKg)}. Hook and link must hold as much.`;
  },
  'chain-length': ({ data }, say) =>
    sentence(
      `A chain of ${say.length(data.lengthM)}: turning as far as you want takes ${say.length(data.neededM)}.`,
      data.lengthM < data.neededM ? 'It tears off before that.' : '',
      data.hitchM === void 0
        ? 'How high the hitch is, is missing: whether a dropped tongue reaches the road cannot be told.'
        : data.dropM >= data.hitchM
          ? `A dropped tongue goes down ${say.length(data.dropM)} and strikes the road: shorten it.`
          : `A dropped tongue hangs ${say.length(data.hitchM - data.dropM)} above the road.`,
    ),
  breakaway: ({ data }) =>
    data.state === 'fitted'
      ? `${REGIONS[data.region]}: a breakaway sets the brakes if it comes loose. Pull its pin to try it, and hang its cable apart from the chains.`
      : data.state === 'none'
        ? `${REGIONS[data.region]}: a braked trailer asks for a breakaway that sets its brakes when it comes loose.`
        : `${REGIONS[data.region]}: whether a breakaway is fitted is missing.`,
  'brake-kind': ({ data }, say) =>
    data.kind === 'not-decided'
      ? `${REGIONS[data.region]}: say what works the brakes, electric or overrun.`
      : data.kind === 'electric'
        ? `${REGIONS[data.region]}: electric brakes ask for a controller in the vehicle and a battery on the trailer for the breakaway.`
        : data.upToKg === void 0
          ? `${REGIONS[data.region]}: overrun brakes are allowed by the vehicle’s weight, which is missing.`
          : `${REGIONS[data.region]}: overrun brakes are allowed to ${say.mass(data.upToKg)}.`,
  'brakes-advised': ({ data, verdict }, say) =>
    sentence(
      `The trailer may weigh ${say.percent(data.share, 0)} of the vehicle, whose brakes are made for its own ${say.mass(data.vehicleKg)}.`,
      verdict === 'tight' ? 'Brakes of its own are advised, whatever the law lets you do.' : '',
    ),
  plug: ({ data }) =>
    data.plug === 'not-decided'
      ? 'Which plug carries the lights is missing.'
      : data.plug === 'none'
        ? 'No plug, no lights: a trailer on the road must show them.'
        : data.electric && data.plug === '4-way'
          ? 'Four ways carry lights alone; electric brakes ask for six or seven.'
          : 'The plug carries what is fitted. Wire with stranded cable, and ground through a wire, not through the ball.',
  'jack-rating': ({ data, caseId }, say) =>
    data.ratedKg === void 0
      ? `${say.mass(data.loadKg)} stand on the jack, ${say.caseName(caseId)}. What it may lift is missing: read its stamp.`
      : `${say.mass(data.loadKg)} stand on a jack for ${say.mass(data.ratedKg)}, ${say.caseName(caseId)}; half as much again is usual.`,
  'jack-reach': ({ data }, say) =>
    sentence(
      `To lift the coupler off the ball the jack must reach ${say.length(data.neededM)} below the tongue’s top.`,
      data.longM === void 0
        ? 'How far yours reaches is missing.'
        : data.longM < data.neededM
          ? `Yours reaches ${say.length(data.longM)}: too short. Take a drop leg.`
          : '',
      data.clearM === void 0
        ? ''
        : data.clearM <= 0
          ? 'Drawn in, its foot still drags on the road: take one that swings up.'
          : `Drawn in, it clears the road by ${say.length(data.clearM)}.`,
    ),
  'd-value': ({ data }, say) =>
    data.ratedN === void 0
      ? `The coupling needs a D of ${say.force(data.neededN)}; what is stamped on its plate is missing.`
      : sentence(
          `The coupling needs a D of ${say.force(data.neededN)}; its plate says ${say.force(data.ratedN)}.`,
          data.allowsKg === void 0 ? '' : `Behind this vehicle that is enough for ${say.mass(data.allowsKg)}.`,
        ),
  'v-value': ({ data }, say) =>
    `Over 3.5 t the plate must also show V: ${say.force(data.neededN)} or more. Compare it with the plate yourself.`,
  'coupler-height': ({ data, caseId, verdict }, say) =>
    `${REGIONS[data.region]}: the coupling’s middle stands ${say.length(data.heightM)} high, ${say.caseName(caseId)}; ${verdict === 'ok' ? 'within' : 'outside'} ${say.length(data.fromM)} to ${say.length(data.toM)}.`,
  brakes: ({ data }, say) => {
    const asked =
      data.fromKg === data.toKg
        ? `above ${say.mass(data.fromKg)}`
        : `from ${say.mass(data.fromKg)} to ${say.mass(data.toKg)}, by state or province`;
    return `${data.state === 'fitted' ? 'Brakes fitted.' : data.state === 'none' ? 'No brakes.' : data.grossKg > data.fromKg ? 'Brakes are not decided yet.' : 'No brakes decided.'} ${REGIONS[data.region]} asks for them ${asked}; this trailer may weigh ${say.mass(data.grossKg)}. Your own authority decides.`;
  },
  'home-made-coupling': () =>
    'A home-made coupling is not checked here. Buy a rated one: nothing else keeps trailer and tow vehicle together.',
  'no-region': () => 'Say where it will be towed: brake and width rules differ.',
  'home-made-study': ({ data }, say) =>
    `To study a home-made coupling by: ${say.force(data.forceN)} along the trailer asks for a plain pin of ${say.length(data.pinM)} on two planes and ${say.length(data.weldM)} of ${say.length(data.legM)} fillet. Nothing here says that it holds: wear, notches and blows are not in it. Buy a rated one.`,
};
// core/src/wording/sentences/deck.ts
const deckSentences = {
  'deck-point': ({ data, utilisation, verdict }, say) =>
    sentence(
      `${data.who === 'person' ? 'A person on the deck' : `A wheel or post of ${say.mass(data.massKg)} on the deck${data.factor > 1 ? ' in a hard bump' : ''}`} asks ${say.percent(utilisation, 0)} of it, half-way over ${say.length(data.spanM)} from bar to bar.`,
      verdict === 'over' ? 'Set a cross-member under it, or take a thicker deck.' : '',
    ),
  'deck-spread': ({ data, utilisation, caseId, verdict }, say) =>
    sentence(
      `${say.partName(data.itemId)} presses the deck to ${say.percent(utilisation, 0)}${data.factor > 1 ? ' in a hard bump' : ''}, ${say.caseName(caseId)}, over ${say.length(data.spanM)} from bar to bar.`,
      verdict === 'over' ? 'Set cross-members closer, or take a thicker deck.' : '',
    ),
  'side-post': ({ data, utilisation, verdict }, say) =>
    sentence(
      `Somebody or something leaning on the side rail, ${say.force(data.forceN)} at ${say.length(data.heightM)}, asks ${say.percent(utilisation, 0)} of a post at its foot.`,
      verdict === 'over' ? 'Take a stouter post, or a lower rail.' : '',
    ),
  'straps-hold': ({ data, caseId, verdict }, say) =>
    data.holdKg === void 0
      ? `${data.count} straps are to hold ${say.mass(data.cargoKg)}: what each may be worked at is missing. Read the tag, and the stamp of ring and hook; the least counts.`
      : sentence(
          `${data.count} straps over the load may be worked at ${say.mass(data.holdKg)} together; ${say.caseName(caseId)} asks for half of ${say.mass(data.cargoKg)}.`,
          verdict === 'over' ? 'Add straps and rings, or stronger ones.' : '',
        ),
  'deck-not-checked': ({ data }) =>
    data.why === 'no-bars'
      ? 'There are no bars under the deck to tell how far it spans.'
      : 'Expanded steel differs from maker to maker: go by its load table.',
};
// core/src/wording/sentences/fit.ts
const GAPS = {
  'tire-frame': 'Tire beside the frame',
  'tire-spring': 'Tire beside the spring',
  'tire-deck': 'Tire under the frame',
  'tire-fender': 'Tire under its fender',
  'fender-outside': 'Tire inside the fender’s edge',
  'axle-frame': 'Axle or spring under the rail',
  'tire-tire': 'Between the tires',
};
const ASSEMBLY_PARTS = {
  axle: 'tube and hubs',
  springs: 'springs',
  tires: 'tires',
  wheels: 'wheels',
};
const fitSentences = {
  clearance: ({ data, caseId, verdict }, say) => {
    const where = caseId === void 0 ? '' : `, ${say.caseName(caseId)}`;
    const gap = `${GAPS[data.what]}: ${data.restM < 0 ? `${say.length(-data.restM)} too little` : say.length(data.restM)} standing${where}`;
    const bump =
      data.bumpM === data.restM
        ? '.'
        : data.bumpM < 0
          ? '; in a hard bump they touch.'
          : `, ${say.length(data.bumpM)} in a hard bump.`;
    return sentence(`${gap}${bump}`, verdict === 'tight' ? `${say.length(data.wantedM)} is usual.` : '');
  },
  'ride-height': ({ data, caseId, verdict }, say) =>
    sentence(
      `Tire, axle, spring and hanger put the rails’ top at ${say.length(data.stackM)}, ${say.caseName(caseId)}.`,
      verdict === 'ok'
        ? `You say ${say.length(data.saidM)}.`
        : `You say ${say.length(data.saidM)}: take the one that you measured, and mend the other.`,
    ),
  'weakest-part': ({ data, caseId }, say) =>
    `Each axle assembly carries what its ${ASSEMBLY_PARTS[data.part]} do, ${say.mass(data.ratingKg)}: ${say.caseName(caseId)} asks for ${say.mass(data.loadKg)}.`,
  'spring-load': ({ data, caseId }, say) =>
    data.ratingKg === void 0
      ? `A spring carries ${say.mass(data.loadKg)}, ${say.caseName(caseId)}. What one may carry is missing: ask its seller, count its leaves.`
      : `A spring carries ${say.mass(data.loadKg)} of ${say.mass(data.ratingKg)}, ${say.caseName(caseId)}. ${capital(spare(data.loadKg, data.ratingKg, (kg) => say.mass(kg)))}.`,
  'ride-bounce': ({ data, caseId }, say) =>
    sentence(
      `It bounces ${data.hz.toFixed(1)} times a second, ${say.caseName(caseId)}: ${data.judged === 'good' ? 'rides well' : data.judged === 'harsh' ? (data.empty ? 'hops when empty' : 'harsh') : 'soft'}.`,
      data.judged === 'soft' ? 'Springs this soft and long go on bouncing: shock absorbers help.' : '',
    ),
  'shackle-lean': ({ data, verdict }, say) =>
    data.leanRad === void 0
      ? `The shackle cannot reach from spring to hanger, ${say.caseName(data.caseId)}.`
      : data.leanRad < 0
        ? `The shackle has gone over centre, ${say.caseName(data.caseId)}: it flips and locks the spring.`
        : `The shackle leans ${formatAngle(data.leanRad)} from upright at least, ${say.caseName(data.caseId)}${verdict === 'tight' ? '; 20 to 45° is usual' : ''}.`,
  'hanger-spacing': ({ data }, say) => {
    switch (data.fault) {
      case 'over-centre':
        return `Hanger bolts ${say.length(data.saidM)} apart are nearer than the spring laid flat, ${say.length(data.flatM ?? 0)}, and 3/8 in: its shackle goes over centre.`;
      case 'lies-down':
        return `Hanger bolts ${say.length(data.saidM)} apart lay the shackle down: it flips up when the trailer is jacked.`;
      case 'slipper-unknown':
        return 'How far a slipper’s hangers stand apart is its maker’s figure, and missing: do not guess it.';
      case 'differs':
        return `Hanger bolts are ${say.length(data.saidM)} apart; this spring asks for ${say.length(data.wantedM ?? data.saidM)}.`;
      case 'none':
        return `Hanger bolts ${say.length(data.saidM)} apart suit this spring.`;
    }
  },
  'studs-differ': ({ data }) =>
    data.of === 'wheel'
      ? data.adapter
        ? `Hubs are ${data.hub}, wheels ${data.other}, with adapters between: what an adapter may carry, and its nuts, are its maker’s to say.`
        : `Hubs are ${data.hub}, wheels ${data.other}: they do not go together. Adapters move the wheel out and want their own look.`
      : `Hubs are ${data.hub}, the tow vehicle’s ${data.other}: its spare does not fit.`,
  'tire-on-rim': ({ data }, say) =>
    `The tire is made for a rim of ${say.length(data.tireM)}, the wheel is ${say.length(data.wheelM)}.`,
  'tire-smaller-than-rim': ({ data }, say) =>
    `A tire ${say.length(data.diameterM)} high cannot stand on a rim of ${say.length(data.rimM)}.`,
  'widths-differ': ({ data }, say) =>
    `Hub faces and offset put the wheels’ middles ${say.length(data.fromHubM)} apart; you say ${say.length(data.trackM)}.`,
  'spring-longer-than-frame': ({ data }, say) =>
    `Springs ${say.length(data.springM)} long do not go under a bed of ${say.length(data.bedM)}.`,
  'axle-overhang': ({ data }, say) =>
    `The wheels’ middles stand ${say.length(data.overhangM)} outside the springs: an axle’s rating holds to about 8 1/2 in. Set the springs further out, or ask its maker.`,
  'home-built-axle': ({ data }, say) =>
    `A home-built axle: in a bump its tube feels ${say.stress(data.bumpPa)} on a lever of ${say.length(data.leverM)}, and bends for good at ${say.stress(data.yieldPa)}. Spindles, their welds and the hubs are not checked: buy them rated, weld where their maker says, never on the tube’s middle or on spring steel.`,
  'departure-angle': ({ data, caseId }, say) =>
    `Behind the wheels it clears ${formatAngle(data.rad)}, ahead of them ${formatAngle(data.approachRad)} up to the ball; the lowest steel is ${say.length(data.clearM)} above the ground, ${say.caseName(caseId)}.`,
  'ride-unknown': () => 'What suspension it has is not known: heights and clearances over the wheels are not checked.',
};
// core/src/wording/sentences/runningGear.ts
const runningGearSentences = {
  'no-axle': () => 'No axle yet. Choose one, then its place.',
  'axle-ahead-of-ball': () => 'The axle is not behind the ball. Move it back.',
  'axle-off-bed': ({ data }, say) =>
    `Axle at ${say.length(data.positionM)} is not under the bed, which ends at ${say.length(data.bedM)}.`,
  'axle-load': ({ data, caseId }, say) =>
    data.ratingKg === void 0
      ? `${say.partName(data.axleId)} carries ${say.mass(data.loadKg)}, ${say.caseName(caseId)}. Its rating is missing: read it off the tag.`
      : `${say.partName(data.axleId)} carries ${say.mass(data.loadKg)} of ${say.mass(data.ratingKg)}, ${say.caseName(caseId)}. ${capital(spare(data.loadKg, data.ratingKg, (kg) => say.mass(kg)))}.`,
  'tire-load': ({ data, caseId }, say) =>
    data.allowedKg === void 0
      ? `The ${data.side} tire carries ${say.mass(data.loadKg)}, ${say.caseName(caseId)}. What it may carry is missing: read the sidewall.`
      : `The ${data.side} tire carries ${say.mass(data.loadKg)} of ${say.mass(data.allowedKg)}${data.derated ? ' (passenger tire ÷ 1.10)' : ''}, ${say.caseName(caseId)}. ${capital(spare(data.loadKg, data.allowedKg, (kg) => say.mass(kg)))}.`,
  'wheel-load': ({ data }, say) =>
    data.allowedKg === void 0
      ? `A wheel carries ${say.mass(data.loadKg)}. What it may carry is missing: read its stamp.`
      : `A wheel carries ${say.mass(data.loadKg)} of ${say.mass(data.allowedKg)}. ${capital(spare(data.loadKg, data.allowedKg, (kg) => say.mass(kg)))}.`,
  'tires-together': ({ data }, say) =>
    data.togetherKg >= data.ratingKg
      ? `Both tires together hold ${say.mass(data.togetherKg)}, the axle ${say.mass(data.ratingKg)}.`
      : `Both tires together hold ${say.mass(data.togetherKg)}, less than the axle’s ${say.mass(data.ratingKg)}: the tires are the weakest part.`,
  'gross-against-axles': ({ data }, say) =>
    `The plate’s ${say.mass(data.grossKg)} less ${say.percent(data.tongueShare, 0)} on the tongue leaves ${say.mass(data.demandKg)} for ${data.ratingsKg === void 0 ? 'axles whose rating is missing' : `axles of ${say.mass(data.ratingsKg)}: ${spare(data.demandKg, data.ratingsKg, (kg) => say.mass(kg))}`}.`,
  'equaliser-needs-leaf': () =>
    'An equaliser shares the load between leaf springs only. Torsion axles share by how level the trailer rides, which is not worked out here yet.',
  'no-room-for-equaliser': ({ data }, say) =>
    `Axles ${say.length(data.spacingM)} apart leave no room for an equaliser between springs of ${say.length(data.springM)}.`,
  'torsion-belief': () =>
    'Torsion axles need weight on the tongue like any other. One wheel does not pass its bump to the other, but what keeps a trailer straight is weight ahead of the axle.',
};
// core/src/wording/sentences/towing.ts
const SIDE_PARTS = {
  bed: 'the bed',
  tongue: 'the tongue’s underside',
  jack: 'the jack’s foot',
  tail: 'the tail',
  item: '',
};
const nearestName = (id, say) => (id === 'trailer' ? 'the bed’s corner' : say.partName(id));
const towingSentences = {
  'turns-clear': ({ data, verdict }, say) => {
    const wanted = formatAngle(data.wantedRad);
    const nearest = nearestName(data.with, say);
    if (data.touchRad === void 0)
      return sentence(`Turned to 90° nothing touches the vehicle; ${nearest} comes nearest.`);
    return sentence(
      `Turned by ${formatAngle(data.touchRad)} ${nearest} touches the vehicle; ${wanted} is wanted.`,
      verdict === 'ok'
        ? ''
        : data.lacksM === void 0
          ? 'It stands at the ball, so that no length of tongue clears it: move it.'
          : `A tongue ${say.length(data.lacksM)} longer clears it.`,
    );
  },
  'tailgate-hits': ({ data, verdict }, say) =>
    verdict === 'over'
      ? sentence(
          `The open tailgate reaches ${say.length(data.reachM)} back and strikes ${data.with === 'trailer' ? 'the bed' : say.partName(data.with)}, ${say.length(Math.max(0, data.roomM))} away.`,
          data.lacksM === void 0
            ? 'No length of tongue helps: move it, or lower it.'
            : `A tongue ${say.length(data.lacksM)} longer lets it open.`,
        )
      : data.underM !== void 0
        ? `The open tailgate passes ${say.length(data.underM)} over everything in front.`
        : `The open tailgate reaches ${say.length(data.reachM)} of ${say.length(data.roomM)} that there are.`,
  'ramp-clear': ({ data, caseId }, say) => {
    const part = data.with === 'item' ? say.partName(data.withId) : SIDE_PARTS[data.with];
    const where = `${data.where === 'crest' ? 'Over a crest' : 'Through a dip'} of ${formatAngle(data.rampRad)}`;
    const what = data.at === 'vehicle' ? 'the vehicle' : 'the road';
    return sentence(
      data.roomM < 0
        ? `${where} ${part} strikes ${what} by ${say.length(-data.roomM)}, ${say.caseName(caseId)}.`
        : `${where} ${part} comes within ${say.length(data.roomM)} of ${what}, ${say.caseName(caseId)}.`,
      `The coupling tips by ${formatAngle(data.pitchRad)}${data.pitchRad > Math.PI / 9 ? ', more than couplings must allow' : ''}.`,
    );
  },
  'tongue-shortest': ({ data }, say) =>
    `The shortest tongue that clears is ${say.length(data.shortestM)}, because of ${SHORTEST_BY[data.by]}; yours is ${say.length(data.nowM)}.`,
  'lane-swept': ({ data, verdict }, say) =>
    sentence(
      `Turning with the ball on a circle of ${say.ground(data.radiusM)}, the rig sweeps ${say.length(data.sweptM)}; the lane has ${say.length(data.laneM)}.`,
      verdict === 'over' ? 'It does not go through without backing up.' : '',
    ),
  'tows-level': ({ data, caseId }, say) =>
    data.hitchM === void 0
      ? `It rides level with the ball at ${say.length(data.couplerM)}, ${say.caseName(caseId)}. How high the vehicle holds its ball is missing.`
      : sentence(
          `It rides level with the ball at ${say.length(data.couplerM)}, ${say.caseName(caseId)}; the vehicle holds it at ${say.length(data.hitchM)}${data.sinks ? ' with this load on it' : ''}, ${formatAngle(Math.abs(data.noseUpRad ?? 0))} nose ${(data.noseUpRad ?? 0) >= 0 ? 'up' : 'down'}.`,
          data.lowerM === void 0
            ? ''
            : `A ball ${say.length(Math.abs(data.lowerM))} ${data.lowerM > 0 ? 'lower' : 'higher'} levels it.`,
          data.mountM === void 0
            ? ''
            : `The nearest mount that is sold: ${Math.abs(data.mountM) < 1e-6 ? 'straight' : `${say.length(Math.abs(data.mountM))} of ${data.mountM > 0 ? 'drop' : 'rise'}`}, ${Math.abs(data.leftM) < 1e-4 ? 'level' : `${say.length(Math.abs(data.leftM))} too ${data.leftM > 0 ? 'high' : 'low'}`} with it.`,
          data.sinks ? '' : 'How far the hitch sinks under it is not said: an inch or two is usual.',
        ),
  'level-spread': ({ data }, say) =>
    `Its loads ride ${say.length(data.byM)} apart at the ball: highest in front is ${say.caseName(data.highId)}, lowest ${say.caseName(data.lowId)}. Level it for the heaviest.`,
  'hitch-above-deck': ({ data }, say) =>
    `The vehicle’s hitch at ${say.length(data.hitchM)} stands higher than the trailer’s own deck at ${say.length(data.deckM)}. Check both heights, or step the tongue up.`,
  'rolls-over': ({ data, caseId }, say) =>
    `${say.caseName(caseId)}: balance point ${say.length(data.heightM)} high. On paper it tips sideways at ${data.factor.toFixed(2)} g: on a slope of ${formatAngle(data.slopeRad)}, or in a curve of ${say.ground(data.radiusM)} at ${say.speed(data.speedMPerS)}. Springs and tires take off a tenth or more, a bump or a curb much more.`,
  'off-tracks': ({ data }, say) =>
    `Round a corner of ${say.ground(data.radiusM)} its wheels run ${say.length(data.insideM)} inside the ball’s circle.`,
  'vehicle-axles': ({ data, caseId }, say) =>
    sentence(
      `${say.caseName(caseId)} puts ${say.mass(data.rearAddsKg)} more on the vehicle’s rear axle and takes ${say.mass(data.frontLosesKg)} off its front one${data.frontShare === void 0 ? '' : `, ${say.percent(data.frontShare)} of what it bears`}.`,
      data.limitKg === void 0 || data.rearKg === void 0
        ? ''
        : `That makes ${say.mass(data.rearKg)} of ${say.mass(data.limitKg)} behind, before anybody gets in.`,
    ),
  'braking-adds': ({ data, caseId }, say) =>
    sentence(
      `A hard stop ${data.addsKg >= 0 ? `presses the ball down with ${say.mass(data.addsKg)} more` : `takes ${say.mass(-data.addsKg)} off the ball`}, ${say.caseName(caseId)}, ${data.braked ? 'its own brakes stopping it' : 'the vehicle stopping both'}.`,
      data.factor === void 0
        ? ''
        : `Without brakes of its own the rig takes ${data.factor.toFixed(1)} times as far to stop as the vehicle alone.`,
    ),
  'hill-pulls': ({ data, caseId }, say) =>
    `On a hill of ${say.percent(data.grade, 0)} it pulls with ${say.force(data.pullN)}, ${say.caseName(caseId)}; unhitched there it rolls away: chock both wheels first.`,
  'hand-pull': ({ data, caseId }, say) =>
    `By hand, ${say.caseName(caseId)}: ${say.force(data.firmN)} keep it rolling on firm ground, ${say.force(data.grassN)} on grass, ${say.force(data.hillN)} up a path of ${say.percent(data.grade, 0)}; the handle carries ${say.load(data.tongueN)}.`,
  'vehicle-missing': ({ data }) =>
    data.what === 'vehicle'
      ? 'No tow vehicle is named: turning, level and sway are not worked out.'
      : 'Mass, wheelbase, or how far the ball stands behind the rear axle is missing of the tow vehicle: sway is not worked out.',
};
const SHORTEST_BY = {
  turn: 'the turn',
  tailgate: 'the tailgate',
  ramp: 'the dip',
};
// core/src/wording/sentences/sentences.ts
/** One sentence per code: what carries what, then whether it is enough. A code without its sentence does not compile. */
const SENTENCES = {
  ...analysisSentences,
  ...balanceSentences,
  ...byHandSentences,
  ...chassisSentences,
  ...couplingSentences,
  ...deckSentences,
  ...fitSentences,
  ...runningGearSentences,
  ...towingSentences,
};
const sentenceOf = (finding, say) => SENTENCES[finding.code](finding, say);
// core/src/wording/speak.ts
/** Derived cases: the plate's gross, its cargo in these places. */
const GROSS_CASE_NAMES = {
  'gross.uniform': 'Full to the plate, spread evenly',
  'gross.front': 'Full to the plate, all on the front half',
  'gross.rear': 'Full to the plate, all on the rear half',
  'gross.middle': 'Full to the plate, all in the middle',
};
const FIXED_NAMES = {
  trailer: 'Trailer',
  'rail.left': 'Left rail',
  'rail.right': 'Right rail',
  'header.front': 'Front header',
  'header.rear': 'Rear header',
  tongue: 'Tongue',
  'tongue.left': 'Left tongue leg',
  'tongue.right': 'Right tongue leg',
  'tongue.middle': 'Tongue',
  'tongue.side.left': 'Left side tube',
  'tongue.side.right': 'Right side tube',
  'tongue.riser.middle.front': 'Upright at the front header',
  'tongue.riser.middle.rear': 'Rear upright of the tongue',
  'tongue.riser.left.front': 'Left upright at the front header',
  'tongue.riser.left.rear': 'Left upright at the rail',
  'tongue.riser.right.front': 'Right upright at the front header',
  'tongue.riser.right.rear': 'Right upright at the rail',
  'top-plate': 'Plate over the tongue',
  deck: 'Deck',
  coupler: 'Coupler',
  jack: 'Jack',
  'axle.1': 'Axle',
  'axle.2': 'Rear axle',
  'axle.3': 'Rear axle',
  'board.left': 'Left board',
  'board.right': 'Right board',
  'board.front': 'Front board',
  'board.rear': 'Rear board',
  'side.left': 'Left side rail',
  'side.right': 'Right side rail',
  'side.front': 'Front side rail',
};
const crossName = (trailer, id) => {
  const { crossMembers, extras } = trailer.frame;
  const extra = extras.findIndex((candidate) => candidate.id === id);
  if (extra >= 0) return extras[extra]?.name ?? `Extra cross-member ${extra + 1}`;
  if (crossMembers.kind === 'explicit') {
    const index = [...crossMembers.members].sort((a, b) => a.xM - b.xM).findIndex((member) => member.id === id);
    return index >= 0 ? `Cross-member ${index + 1}` : void 0;
  }
  const number = /^cross\.(\d+)$/.exec(id)?.[1];
  return number ? `Cross-member ${number}` : void 0;
};
const axlePartName = (id) => {
  const match = /^(axle\.[12])\.(springs|wheel\.(left|right))$/.exec(id);
  if (!match) return void 0;
  return match[3]
    ? `${match[3] === 'left' ? 'Left' : 'Right'} wheel${match[1] === 'axle.2' ? ', rear axle' : ''}`
    : `Springs${match[1] === 'axle.2' ? ', rear axle' : ''}`;
};
const postName = (id) => {
  const match = /^post\.(left|right)\.(\d+)$/.exec(id);
  return match ? `${match[1] === 'left' ? 'Left' : 'Right'} post ${match[2]}` : void 0;
};
const plateName = (id) => (id.startsWith('cap.') ? 'End cap' : id.startsWith('gusset.') ? 'Gusset' : void 0);
const speaker = (trailer) => {
  const { units, fraction } = trailer.settings;
  const style = {
    system: units,
    denominator: fraction,
  };
  return {
    trailer,
    style,
    length: (metres) => formatLength(metres, style),
    mass: (kg) => formatMass(kg, units),
    load: (newtons) => formatLoad(newtons, units),
    force: (newtons) => formatForce(newtons, units),
    stress: (pascals) => formatStress(pascals, units),
    torque: (newtonMetres) => formatTorque(newtonMetres, units),
    distance: (km) => formatDistance(km, units),
    ground: (metres) => formatGround(metres, units),
    speed: (metresPerSecond) => formatSpeed(metresPerSecond, units),
    percent: (fractionOfOne = NaN, decimals = 1) => formatPercent(fractionOfOne, decimals),
    measured: ({ value, kind }) => {
      switch (kind) {
        case 'mass':
          return formatMass(value, units);
        case 'load':
          return formatLoad(value, units);
        case 'length':
        case 'arm':
          return formatLength(value, style);
        case 'percent':
          return formatPercent(value);
        case 'stress':
          return formatStress(value, units);
        case 'force':
          return formatForce(value, units);
        case 'kilometres':
          return formatDistance(value, units);
        default:
          return printFigure(
            {
              value,
              kind,
            },
            units,
          );
      }
    },
    caseName: (id) =>
      trailer.cases.find((candidate) => candidate.id === id)?.name ?? GROSS_CASE_NAMES[id ?? ''] ?? 'any load',
    partName: (id) => {
      if (id === 'axle.1' && axleCount(trailer) > 1) return 'Front axle';
      if (id === 'axle.2' && axleCount(trailer) === 3) return 'Middle axle';
      const hanger = /^hanger\.(\d)$/.exec(id)?.[1];
      return (
        FIXED_NAMES[id] ??
        crossName(trailer, id) ??
        trailer.items.find((item) => item.id === id)?.name ??
        axlePartName(id) ??
        postName(id) ??
        plateName(id) ??
        (hanger ? `Hanger ${hanger}` : id)
      );
    },
  };
};
// ../../tmp/fuzzjobs.ts
const n = Number(process.argv[2] ?? 100);
const from = Number(process.argv[3] ?? 0);
const by = /* @__PURE__ */ new Map();
const note = (k, s) => {
  by.set(k, [...(by.get(k) ?? []), s]);
};
const timed = (name, s, f) => {
  const t0 = performance.now();
  try {
    f();
  } catch (x) {
    note(`THROW ${name} ${x.message.slice(0, 80)} ${(x.stack ?? '').split('\n')[1]?.trim()}`, s);
  }
  const t = performance.now() - t0;
  if (t > 6e3) note(`SLOW ${name} ${Math.round(t / 1e3)} s`, s);
};
for (let s = from; s < from + n; s++) {
  const p = extremeProject(s);
  if (!p) continue;
  const t = trailerOf(p);
  const e = evaluate(t);
  timed('analysis', s, () => {
    const g = analysisSteps(analysisInput(t, e));
    let r = g.next();
    let k = 0;
    const t0 = performance.now();
    while (!r.done) {
      r = g.next();
      k++;
      if (performance.now() - t0 > 2e4) {
        note('ANALYSIS OVER 20 s', s);
        return;
      }
    }
    const full = withStrength(e, r.value);
    for (const f of full.findings) {
      for (const b of notFigures({
        data: f.data,
        v: f.value,
        l: f.limit,
        u: f.utilisation,
        w: f.working,
      }))
        note(`analysis finding ${f.code} ${b.replace(/\d+/g, '#')}`, s);
      const tx = sentenceOf(f, speaker(t));
      if (/NaN|Infinity|undefined|null/.test(tx)) note(`analysis sentence ${f.code} ${tx.slice(0, 100)}`, s);
    }
  });
  timed('sway', s, () => {
    const r = swayOf(t, e.cases);
    for (const b of notFigures(r)) note(`sway ${b.replace(/\d+/g, '#')}`, s);
  });
  timed('doubt', s, () => {
    const r = doubtOf(e);
    for (const b of notFigures(r)) note(`doubt ${b.replace(/\d+/g, '#')}`, s);
  });
  timed('advice', s, () => {
    const r = adviceFor(t);
    for (const b of notFigures(r.map(({ trailer: _t, ...x }) => x))) note(`advice ${b.replace(/\d+/g, '#')}`, s);
  });
  timed('tongue lengths', s, () => {
    const r = tongueLengthRows(t);
    for (const b of notFigures(r)) note(`tongueLengths ${b.replace(/\d+/g, '#')}`, s);
  });
  timed('share', s, () => {
    const r = shareOverAxle(t);
    for (const b of notFigures(r)) note(`shareOverAxle ${b.replace(/\d+/g, '#')}`, s);
  });
}
for (const [k, v] of [...by].sort((a, b) => b[1].length - a[1].length))
  console.log(v.length, k, v.slice(0, 3).join(','));
export {};
