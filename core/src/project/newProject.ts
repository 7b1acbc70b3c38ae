import { AXLE_ROWS, COUPLER_ROWS, DECK_ROWS, TIRE_ROWS } from '../catalog/index.js';
import { inches, millimetres, pounds, toRadians, type UnitSystem } from '../units/index.js';
import {
  type Coupling,
  type Design,
  FILE_FORMAT,
  type Item,
  type LoadCase,
  type Project,
  type RunningGear,
  SCHEMA_VERSION,
  type Tongue,
  type TongueBand,
  type TowVehicle,
} from './schema.js';
import { type Place, placeOf } from './place.js';
import { schoolOfRegion, TONGUE_SCHOOLS, USUAL_SHARE } from './tongueSchools.js';

/** A tow vehicle of which nothing is known but the usual width. */
export const UNKNOWN_VEHICLE: TowVehicle = {
  name: '',
  massKg: null,
  maxMassKg: null,
  likeId: null,
  hitchHeightM: null,
  tongueLimitKg: null,
  towLimitKg: null,
  studCircle: '',
  wheelbaseM: null,
  ballBehindAxleM: null,
  frontShare: 0.55,
  widthM: inches(76),
  bumperAheadOfBallM: inches(9),
  rearTopM: null,
  tailgateReachM: 0,
  kind: 'vehicle',
  tailgateHeightM: null,
  hitchSinksMPerKg: null,
  rearAxleLimitKg: null,
};

/** A tongue straight out of the frame, with nothing on it. */
export const PLAIN_TONGUE = {
  rise: { kind: 'level', byM: 0 },
  runs: 'under',
  cutLaterM: 0,
  topPlate: null,
  caps: { ball: false, rear: false, sides: false },
} as const satisfies Partial<Tongue>;

/** A single tube in one piece; pins as they are usual where it is not: two, 6 in apart, 5/8 in, so that a light trailer’s holes stay round (common practice is 4 in and more). */
export const FIXED_JOINT: Extract<Tongue, { kind: 'straight' }>['joint'] = {
  kind: 'fixed',
  aheadM: inches(6),
  pins: 2,
  pinSpacingM: inches(6),
  pinDiameterM: inches(0.625),
  grade: 'grade-5',
  plates: null,
};

/** Hardware of which nobody has read a stamp; chains laid as is usual (common practice). */
const UNREAD_HARDWARE: Pick<
  Coupling,
  'kind' | 'receiver' | 'ballMount' | 'ball' | 'safetyChain' | 'breakaway' | 'brakeKind' | 'plug' | 'jack'
> = {
  kind: 'ball',
  receiver: { ratedKg: null, tongueKg: null },
  ballMount: { ratedKg: null, tongueKg: null, dropM: null, reachM: null, ratedReachM: null },
  ball: { diameterM: null, shankM: null, holeM: null, ratedKg: null },
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
  jack: { fitted: true, swings: false, foot: 'foot', ratedKg: null, shortM: null, longM: null },
};

/** A row of a catalog by id; asking for one that is not there is a slip of ours. */
const row = <T extends { readonly id: string }>(rows: readonly T[], id: string): T => {
  const found = rows.find((candidate) => candidate.id === id);
  if (!found) throw new Error(`no catalog row ${id}`);
  return found;
};

/** Fields of the running gear that a chosen axle brings with it. */
export const axleFromCatalog = (id: string): RunningGear['axle'] => {
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
    camberRad: 0,
  };
};

/** The usual spring of a 3,500 lb axle, the usual arm of a torsion axle, and an arm with a unit of 2 in travel (common practice). */
export const USUAL_SUSPENSION: Pick<
  RunningGear['suspension'],
  'spring' | 'torsion' | 'swing' | 'shocks' | 'bumpTravelM'
> = {
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
  torsion: { armLengthM: inches(6), startAngleRad: toRadians(22.5, 'deg'), rateNPerM: null },
  swing: {
    armLengthM: inches(14),
    startAngleRad: toRadians(20, 'deg'),
    unitAtM: inches(9),
    unitLeanRad: 0,
    unitRateNPerM: null,
    unitTravelM: inches(2),
    dampingNsPerM: null,
  },
  shocks: null,
  bumpTravelM: inches(2.5),
};

export const tireFromCatalog = (id: string): RunningGear['tire'] => {
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

export const couplingFromCatalog = (id: string): Coupling => {
  const coupler = row(COUPLER_ROWS, id);
  return {
    catalogId: id,
    name: coupler.name,
    ratedGrossKg: coupler.ratedGrossKg,
    tongueLimitKg: null,
    ballDiameterM: coupler.ballDiameterM,
    fitted: true,
    homeMade: false,
    study: null,
    dValueN: null,
    mount: 'welded',
    bolts: { count: 2, diameterM: inches(0.5), grade: 'grade-5' },
    massKg: coupler.massKg,
    jackMassKg: 6,
    jackBehindBallM: inches(12),
    chains: 'not-decided',
    brakes: 'not-decided',
    ...UNREAD_HARDWARE,
    kind: coupler.kind,
  };
};

interface UsualGear {
  readonly axle: string;
  readonly suspension: Pick<RunningGear['suspension'], 'kind' | 'springMassKg' | 'armM' | 'bracketM' | 'mounting'>;
  /** place of the axle, as a share of the bed: further forward where less is wanted on the tongue */
  readonly axleShare: number;
  readonly tire: string;
  readonly wheel: Pick<RunningGear['wheel'], 'assemblyMassKg' | 'rimM' | 'studCircle'>;
  readonly coupler: string;
}

/** What a shop sells for a trailer of this size, where it will be towed: leaf springs and a 2 in ball, or rubber and a 50 mm one. */
const usualGear = (region: Place['region']): UsualGear => {
  const europe = region === 'europe';
  return {
    axle: europe ? 'axle-1350kg' : 'axle-3500',
    suspension: europe
      ? // Pedestals bring the coupling to the 400 mm of European hitches.
        { kind: 'torsion', springMassKg: 0, armM: millimetres(140), bracketM: millimetres(70), mounting: 'bolted' }
      : { kind: 'leaf', springMassKg: pounds(34), armM: inches(6), bracketM: 0, mounting: 'welded' },
    axleShare: europe ? 0.57 : 0.6,
    tire: europe ? '185-14c' : 'st205-15c',
    wheel: europe
      ? { assemblyMassKg: 19, rimM: inches(14), studCircle: '5 x 112' }
      : { assemblyMassKg: pounds(43), rimM: inches(15), studCircle: '5 on 4-1/2 in' },
    coupler: region === 'europe' || region === 'australia' ? 'coupler-2700kg' : 'coupler-5000-a-frame',
  };
};

/** Empty, a trailer is judged more gently: 8 to 20 % sways no load about (common practice, 8 to 15 %). */
const EMPTY_BAND: TongueBand = { minShare: 0.08, maxShare: 0.2, minKg: null, maxKg: null, enoughKg: null };

const plainCase = (): LoadCase => ({
  id: 'case.empty',
  name: 'Empty',
  mode: 'towed',
  countsForWindow: true,
  aboard: [],
  drawerOutM: 0,
  tongueBand: null,
});

export interface NewProject {
  readonly id: string;
  readonly name: string;
  readonly units: UnitSystem;
  /** where it will be towed, and by what money it is bought; by its units where nothing is said */
  readonly place?: Pick<Place, 'region' | 'currency'>;
  /** makes ids for the sample items; the core has no source of chance of its own */
  readonly newId: () => string;
}

type Size = (inch: number, mm: number) => number;

/** Sizes of a new trailer in the round figures of its units. */
const sizesIn =
  (metric: boolean): Size =>
  (inch, mm) =>
    metric ? millimetres(mm) : inches(inch);

const newFrame = (metric: boolean, bedLengthM: number): Design['frame'] => {
  const size = sizesIn(metric);
  const steel = metric ? 's355' : 'a500b';
  const plywood = row(DECK_ROWS, 'plywood');
  return {
    bed: { lengthM: bedLengthM, widthM: size(60, 1500), corner: 'rails-through' },
    groups: {
      rail: { sectionId: metric ? 'rhs-100x50x4' : 'hss-4x2x3_16', materialId: steel, faces: 'in' },
      header: { sectionId: metric ? 'rhs-100x50x4' : 'hss-4x2x3_16', materialId: steel, faces: 'in' },
      cross: { sectionId: metric ? 'rhs-50x50x3' : 'hss-2x2x1_8', materialId: steel, faces: 'in' },
      tongue: { sectionId: metric ? 'rhs-100x50x4' : 'hss-4x2x3_16', materialId: steel, faces: 'in' },
      side: {
        sectionId: metric ? 'rhs-30x30x3' : 'tube-1-1_2x1-1_2x14ga',
        materialId: metric ? 's235' : 'unmarked-tube',
        faces: 'in',
      },
    },
    crossMembers: { kind: 'spacing', maxSpacingM: size(24, 600) },
    extras: [],
    ownBars: [],
    ownPanels: [],
    pieces: [],
    tilt: null,
    overrides: {},
    tongue: {
      kind: 'a-frame',
      lengthM: size(48, 1250),
      includedAngleRad: toRadians(50, 'deg'),
      rearEnd: 'under',
      apexBehindBallM: size(3, 80),
      ...PLAIN_TONGUE,
    },
    packers: [],
    tieDowns: { perSide: 0, workingLoadKg: null, kind: 'ring', places: [] },
    stands: [],
    deck: {
      kind: 'plywood',
      thicknessM: plywood.usualThicknessM,
      seat: 'on-top',
      incised: false,
      sheet: null,
      cutouts: [],
    },
    sides: { kind: 'none' },
  };
};

const newGear = (size: Size, gear: ReturnType<typeof usualGear>, bedLengthM: number): Design['runningGear'] => ({
  layout: 'single',
  positionM: Math.round((gear.axleShare * bedLengthM) / size(1, 10)) * size(1, 10),
  spacingM: size(33, 840),
  equaliserArms: [1, 1],
  axle: { ...axleFromCatalog(gear.axle), hubFaceM: size(74, 1880) },
  suspension: {
    hangerSpacingM: inches(27),
    trackM: size(74, 1880),
    springCentresM: null,
    equaliserM: null,
    ...gear.suspension,
    ...USUAL_SUSPENSION,
  },
  tire: tireFromCatalog(gear.tire),
  wheel: { maxLoadKg: null, offsetM: 0, adapterM: 0, ...gear.wheel },
  fender: { kind: 'none', aboveRailM: size(6, 150), reachM: size(10, 250), skirtM: size(3, 75) },
  reserveShare: 0.15,
  measuredRailTopM: null,
});

/** A load to start from, guessed to a fifth of its weight. */
const newLoad = (size: Size, id: string, kg: number): Item => ({
  id,
  name: 'Load',
  kind: 'cargo',
  massKg: { value: kg, basis: 'guessed', tolerance: kg / 5 },
  emptyMassKg: 0,
  sizeM: { lengthM: size(72, 1800), widthM: size(48, 1200), heightM: size(24, 600) },
  wheels: null,
  attach: {
    on: 'deck',
    from: 'front',
    hostId: null,
    offsetM: { value: size(46, 1180), basis: 'guessed', tolerance: size(2, 50) },
    rightM: 0,
    aboveM: 0,
  },
});

/** Empty, loaded, and parked on its jack. */
const newCases = (loadId: string): LoadCase[] => [
  { ...plainCase(), tongueBand: EMPTY_BAND },
  { ...plainCase(), id: 'case.loaded', name: 'Loaded', aboard: [{ itemId: loadId, fill: 1, shiftM: 0 }] },
  {
    ...plainCase(),
    id: 'case.parked',
    name: 'Parked on the jack',
    mode: 'parked',
    countsForWindow: false,
    aboard: [{ itemId: loadId, fill: 1, shiftM: 0 }],
  },
];

/**
 * A new trailer that is complete and sensible at once: a 60 x 98 in bed for two sheets laid crosswise, one 3,500 lb leaf axle at
 * 60 % of the bed, an A-frame tongue to a 50° coupler, and a load to start from.
 */
export const newProject = ({ id, name, units, place, newId }: NewProject): Project => {
  const metric = units === 'metric';
  const { region, currency } = place ?? placeOf(metric ? 'de' : 'en');
  const school = region === undefined ? 'north-america' : schoolOfRegion(region);
  const gear = usualGear(region);
  const size = sizesIn(metric);
  const loadId = `item.${newId()}`;
  const bedLengthM = size(98, 2500);
  const design: Design = {
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
    towVehicle: UNKNOWN_VEHICLE,
    alsoTowedBy: [],
    ratedGrossKg: metric ? 1200 : pounds(2600),
    tongueBand: TONGUE_SCHOOLS[school],
    frame: newFrame(metric, bedLengthM),
    runningGear: newGear(size, gear, bedLengthM),
    coupling: couplingFromCatalog(gear.coupler),
    strength: {
      bumpFactor: null,
      off: ['recovery'],
      personOnRear: 'usual',
      recoveryPullKg: null,
      weldLegM: size(3 / 16, 5),
      gussets: { tongueM: null, cornerM: null },
      deckPoint: { massKg: null, patchM: size(4, 100) },
      filler: '5356',
    },
    cutting: { kerfM: size(1 / 8, 3), trimM: 0, keepM: size(12, 300), allowM: 0, held: [], stock: [] },
    buying: { taxShare: 0, delivery: 0, budget: null, lines: [], choices: {} },
    items: [newLoad(size, loadId, metric ? 600 : pounds(1300))],
    cases: newCases(loadId),
    axleCaseId: 'case.loaded',
    wantedTongueShare: USUAL_SHARE[school],
    ownRows: { sections: [], materials: [], axles: [], tires: [], vehicles: [] },
  };
  return {
    format: FILE_FORMAT,
    schemaVersion: SCHEMA_VERSION,
    id,
    design,
    settings: {
      units,
      fraction: 16,
      currency,
      regions: region === undefined ? [] : [region],
      tongueSchool: school,
    },
    record: { entries: [] },
  };
};
