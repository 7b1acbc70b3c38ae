import { publishedSure, type Source } from '../../source.js';
import { toPascals } from '../../units/index.js';

const ksi = (value: number): number => toPascals(value, 'ksi');

export type BoltGrade = 'grade-5' | 'grade-8' | '8.8' | '10.9';

/** Tensile strength, Pa: SAE J429 (1/4 to 1 in), ISO 898-1. */
const BOLT_ULTIMATE: Readonly<Record<BoltGrade, number>> = {
  'grade-5': ksi(120),
  'grade-8': ksi(150),
  '8.8': toPascals(800, 'MPa'),
  '10.9': toPascals(1040, 'MPa'),
};

/** Shear of threaded parts with the threads in the plane: AISC 360-16 table J3.2, 0.450·Fu on the nominal area, Ω = 2.00. */
export const boltShearN = (diameterM: number, grade: BoltGrade, factor = 2): number =>
  (0.45 * BOLT_ULTIMATE[grade] * (Math.PI / 4) * diameterM ** 2) / factor;

/** Bearing 2.4·d·t·Fu on one wall: AISC 360-16 J3.10, Ω = 2.00. */
export const bearingN = (diameterM: number, wallM: number, ultimatePa: number, factor = 2): number =>
  (2.4 * diameterM * wallM * ultimatePa) / factor;

/**
 * Bearing on one wall that leaves the hole round, 1.8·Fy·d·t with φ = 0.75: AISC 360-16 J7. A bolt's 2.4·Fu is for holes that may oval once.
 */
export const pinBearingN = (diameterM: number, wallM: number, yieldPa: number): number =>
  1.8 * 0.75 * diameterM * wallM * yieldPa;

/** Tear-out 1.2·lc·t·Fu on one wall, lc from the hole's edge to the wall's: AISC 360-16 J3.10, Ω = 2.00. */
export const tearOutN = (clearM: number, wallM: number, ultimatePa: number, factor = 2): number =>
  (1.2 * clearM * wallM * ultimatePa) / factor;

export const BOLT_SOURCE: Source = publishedSure('AISC 360-16 J3.6, J3.10; SAE J429, ISO 898-1');
