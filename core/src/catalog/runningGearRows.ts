import { commonPractice, publishedSure, publishedVerify, type Source } from '../source.js';
import { inches, millimetres, pounds } from '../units/index.js';

/** An axle as it is sold; the tag on the axle governs, never this list. */
export interface AxleRow {
  readonly id: string;
  readonly name: string;
  readonly ratingKg: number;
  readonly suspension: 'leaf' | 'torsion';
  /** axle with hubs, without wheels and springs */
  readonly massKg: number;
  readonly tubeDiameterM: number;
  readonly studCircle: string;
  /** inner and outer bearing seats of the spindle, as they are called in the trade; the spindle itself governs */
  readonly spindle: string;
  /** usual drum, diameter × width; empty where the class is seldom braked */
  readonly brake: string;
  readonly source: Source;
}

const CLASSES: Source = publishedVerify('North American trade classes; the tag on the axle governs');
const EUROPE: Source = publishedVerify('European trade classes; the plate on the axle governs');

const inchAxle = (
  ratingLb: number,
  tubeIn: number,
  massLb: number,
  studCircle: string,
  spindle: string,
  brake: string,
): AxleRow => ({
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
const metricAxle = (ratingKg: number, tubeMm: number, massKg: number, studCircle: string, brake: string): AxleRow => ({
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

export const AXLE_ROWS: readonly AxleRow[] = [
  inchAxle(2000, 2, 68, '5 on 4-1/2 in', '1-1/16 in straight', '7 x 1-1/4 in'),
  inchAxle(2200, 2, 72, '5 on 4-1/2 in', '1-1/16 in straight', '7 x 1-1/4 in'),
  inchAxle(3000, 2, 95, '5 on 4-1/2 in', '1-3/8 x 1-1/16 in', '10 x 2-1/4 in'),
  inchAxle(3500, 2.375, 110, '5 on 4-1/2 in', '1-3/8 x 1-1/16 in', '10 x 2-1/4 in'),
  inchAxle(5200, 3, 205, '6 on 5-1/2 in', '1-3/4 x 1-1/4 in', '12 x 2 in'),
  inchAxle(6000, 3, 220, '6 on 5-1/2 in', '1-3/4 x 1-1/4 in', '12 x 2 in'),
  inchAxle(7000, 3, 250, '8 on 6-1/2 in', '1-3/4 x 1-1/4 in', '12 x 2 in'),
  inchAxle(8000, 3.5, 290, '8 on 6-1/2 in', '1-3/4 x 1-1/4 in and up', '12-1/4 x 3-3/8 in'),
  metricAxle(750, 70, 38, '4 x 100', ''),
  metricAxle(1000, 80, 48, '5 x 112', '200 x 50 mm'),
  metricAxle(1350, 90, 62, '5 x 112', '200 x 50 mm'),
  metricAxle(1500, 90, 68, '5 x 112', '230 x 40 mm'),
  metricAxle(1800, 100, 78, '5 x 112', '250 x 40 mm'),
];

/** Circles of studs as hubs and wheels are drilled; by common dimensions, published in wheel standards. */
export const STUD_CIRCLES: readonly string[] = [
  '4 on 4 in',
  '5 on 4-1/2 in',
  '5 on 4-3/4 in',
  '5 on 5 in',
  '5 on 5-1/2 in',
  '6 on 5-1/2 in',
  '8 on 6-1/2 in',
  '4 x 98',
  '4 x 100',
  '4 x 108',
  '4 x 115',
  '4 x 130',
  '5 x 98',
  '5 x 100',
  '5 x 105',
  '5 x 108',
  '5 x 110',
  '5 x 112',
  '5 x 115',
  '5 x 118',
  '5 x 120',
  '5 x 130',
  '5 x 140',
  '5 x 150',
  '5 x 160',
  '6 x 114.3',
  '6 x 115',
  '6 x 120',
  '6 x 130',
  '6 x 135',
  '6 x 205',
  '8 x 170',
  '8 x 180',
];

/** Trailer tire; load at the stated pressure, one tire. */
export interface TireRow {
  readonly id: string;
  readonly name: string;
  readonly maxLoadKg: number;
  readonly pressure: string;
  readonly passenger: boolean;
  readonly diameterM: number;
  readonly widthM: number;
  readonly loadedRadiusM: number;
  /** of the rim, m */
  readonly rimM: number;
  /** tire and wheel together */
  readonly assemblyMassKg: number;
  readonly source: Source;
}

const SIDEWALL: Source = publishedVerify('tire load tables; the sidewall governs');
const inchTire = (
  id: string,
  name: string,
  loadLb: number,
  pressure: string,
  diameterIn: number,
  widthIn: number,
  loadedIn: number,
  rimIn: number,
  massLb: number,
  source: Source = SIDEWALL,
): TireRow => ({
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
const LOAD_TABLE: Source = publishedSure('tire load tables (load range C to E)');

export const TIRE_ROWS: readonly TireRow[] = [
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
  inchTire('st235-16d', 'ST235/80R16 D', 3000, '65 psi', 30.8, 9.3, 14.5, 16, 62, LOAD_TABLE),
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

/** Load index on a sidewall → kg, one tire: ISO 4000, the ETRTO standards manual. */
const FIRST_INDEX = 62;
const INDEX_LOADS_KG: readonly number[] = [
  265, 272, 280, 290, 300, 307, 315, 325, 335, 345, 355, 365, 375, 387, 400, 412, 425, 437, 450, 462, 475, 487, 500,
  515, 530, 545, 560, 580, 600, 615, 630, 650, 670, 690, 710, 730, 750, 775, 800, 825, 850, 875, 900, 925, 950, 975,
  1000, 1030, 1060, 1090, 1120, 1150, 1180, 1215, 1250, 1285, 1320, 1360, 1400, 1450, 1500, 1550, 1600, 1650, 1700,
  1750,
];
const LOAD_INDEX: ReadonlyMap<number, number> = new Map(INDEX_LOADS_KG.map((kg, i) => [FIRST_INDEX + i, kg] as const));

/** Load of a tire by its index, kg; undefined for one that is not in the table. */
export const loadOfIndexKg = (index: number): number | undefined => LOAD_INDEX.get(index);
export const LOAD_INDEXES: readonly number[] = [...LOAD_INDEX.keys()];

/** A leaf spring as the trade sells it; its own stamp or its seller governs. */
export interface SpringRow {
  readonly id: string;
  readonly name: string;
  readonly kind: 'double-eye' | 'slipper';
  readonly leaves: number;
  readonly eyeToEyeM: number;
  readonly freeArchM: number;
  readonly leafWidthM: number;
  readonly leafThicknessM: number;
  readonly ratingKg: number;
  readonly source: Source;
}

const SPRINGS: Source = commonPractice('trade sizes; ratings by leaf count differ from maker to maker');
const doubleEye = (leaves: number, ratingLb: number): SpringRow => ({
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

export const SPRING_ROWS: readonly SpringRow[] = [
  doubleEye(3, 1000),
  doubleEye(4, 1750),
  doubleEye(5, 2250),
  doubleEye(6, 2750),
  {
    id: 'spring-slipper-24_75',
    name: '24-3/4 in slipper kit, 2 leaves, 750 lb',
    kind: 'slipper',
    leaves: 2,
    eyeToEyeM: inches(24.75),
    freeArchM: inches(3),
    leafWidthM: inches(1.75),
    leafThicknessM: inches(0.25),
    ratingKg: pounds(750),
    source: commonPractice('one kit’s own figure, no rule for others'),
  },
];

/** Passenger tires on a trailer carry their marked load divided by this: 49 CFR 571.110 S4.2.2.2, 571.120 S5.1.2. */
export const PASSENGER_TIRE_DERATING = 1.1;

export interface CouplerRow {
  readonly id: string;
  readonly name: string;
  readonly fits: 'a-frame' | 'straight';
  readonly kind: 'ball' | 'pintle' | 'three-axis';
  readonly ratedGrossKg: number;
  readonly ballDiameterM: number;
  readonly massKg: number;
  readonly source: Source;
}

const COUPLER_CLASSES: Source = publishedVerify('SAE J684 classes; the stamp on the coupler governs');
const inchCoupler = (
  ratingLb: number,
  ballIn: number,
  ballName: string,
  fits: 'a-frame' | 'straight',
  massLb: number,
): CouplerRow => ({
  id: `coupler-${ratingLb}-${fits}`,
  name: `${ratingLb.toLocaleString('en-US')} lb ${fits === 'a-frame' ? '50° A-frame' : 'straight'} coupler, ${ballName} ball`,
  fits,
  kind: 'ball',
  ratedGrossKg: pounds(ratingLb),
  ballDiameterM: inches(ballIn),
  massKg: pounds(massLb),
  source: COUPLER_CLASSES,
});

export const COUPLER_ROWS: readonly CouplerRow[] = [
  inchCoupler(2000, 1.875, '1-7/8 in', 'straight', 5),
  inchCoupler(3500, 2, '2 in', 'straight', 7),
  inchCoupler(5000, 2, '2 in', 'a-frame', 11),
  inchCoupler(7000, 2, '2 in', 'a-frame', 13),
  inchCoupler(10_000, 2.3125, '2-5/16 in', 'a-frame', 17),
  inchCoupler(14_000, 2.3125, '2-5/16 in', 'a-frame', 20),
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
    ratedGrossKg: pounds(10_000),
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

/** What a deck is made of; expanded metal by the share of its sheet that is left. */
export interface DeckRow<
  Id extends string = 'plywood' | 'planks' | 'steel-sheet' | 'aluminum-sheet' | 'expanded-steel',
> {
  readonly id: Id;
  readonly name: string;
  readonly densityKgM3: number;
  readonly usualThicknessM: number;
  readonly source: Source;
}

/** Whole sheets as they are sold; the longer side first. */
export interface SheetSize {
  readonly id: string;
  readonly name: string;
  readonly lengthM: number;
  readonly widthM: number;
  readonly units: 'imperial' | 'metric';
  readonly source: Source;
}

const SOLD = commonPractice('usual sizes of the trade');
export const SHEET_SIZES: readonly SheetSize[] = [
  { id: '4x8', name: '4 x 8 ft', lengthM: inches(96), widthM: inches(48), units: 'imperial', source: SOLD },
  { id: '4x10', name: '4 x 10 ft', lengthM: inches(120), widthM: inches(48), units: 'imperial', source: SOLD },
  { id: '5x10', name: '5 x 10 ft', lengthM: inches(120), widthM: inches(60), units: 'imperial', source: SOLD },
  { id: '1250x2500', name: '1250 x 2500 mm', lengthM: 2.5, widthM: 1.25, units: 'metric', source: SOLD },
  { id: '1220x2440', name: '1220 x 2440 mm', lengthM: 2.44, widthM: 1.22, units: 'metric', source: SOLD },
  { id: '1500x3000', name: '1500 x 3000 mm', lengthM: 3, widthM: 1.5, units: 'metric', source: SOLD },
  { id: '1000x2000', name: '1000 x 2000 mm', lengthM: 2, widthM: 1, units: 'metric', source: SOLD },
];

export const DECK_ROWS: readonly DeckRow[] = [
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

/** What else is flat; too weak to walk on. */
export type SheetRow = DeckRow<DeckRow['id'] | 'welded-mesh' | 'foam-board'>;
export const SHEET_ROWS: readonly SheetRow[] = [
  ...DECK_ROWS,
  {
    id: 'welded-mesh',
    name: 'Welded mesh',
    // Two layers of 1/8 in (3 mm) wire at 2 in (50 mm) over twice the wire's thickness: 2 × 7.07 mm² × 7850 ÷ 50 mm = 2.2 kg/m².
    densityKgM3: 370,
    usualThicknessM: millimetres(6),
    source: commonPractice('2 in squares of 1/8 in wire, about 1/2 lb/ft²'),
  },
  {
    id: 'foam-board',
    name: 'Foam board',
    densityKgM3: 32,
    usualThicknessM: inches(1),
    source: commonPractice('rigid foam weighs about 2 lb/ft³'),
  },
];
