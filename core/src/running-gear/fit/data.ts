import { quantity, type FindingOf } from '../../findings/index.js';
import { type AssemblyPart } from '../assembly.js';
import type { Clearance } from '../clearances.js';
import type { Meeting } from '../solids.js';

export interface FitFindingData {
  clearance: Pick<Clearance, 'what' | 'restM' | 'bumpM' | 'wantedM'>;
  /** rest: measured less what the parts add up to */
  'ride-height': { readonly partsM: number; readonly measuredM: number; readonly restM: number };
  'stands-high': { readonly railTopM: number; readonly deckM: number };
  'weakest-part': { readonly part: AssemblyPart; readonly ratingKg: number; readonly loadKg: number };
  'spring-load': { readonly loadKg: number; readonly ratingKg: number | undefined };
  'ride-bounce': { readonly hz: number; readonly empty: boolean; readonly judged: 'soft' | 'good' | 'harsh' };
  /** least lean, and the most where another load gives it; undefined where the shackle cannot reach */
  'shackle-lean': {
    readonly leanRad: number | undefined;
    readonly caseId: string;
    readonly mostRad: number | undefined;
    readonly mostCaseId: string;
  };
  'leaf-stress': {
    readonly stressPa: number;
    readonly mostPa: number;
    readonly archM: number;
    readonly fault: 'stress' | 'flat' | 'none';
  };
  'hanger-spacing': {
    readonly saidM: number;
    readonly wantedM: number | undefined;
    readonly flatM: number | undefined;
    /** shortest that would do where this one is too short */
    readonly shackleM: number;
    readonly fault: 'shackle-short' | 'over-centre' | 'lies-down' | 'slipper-unknown' | 'differs' | 'none';
  };
  'studs-differ': {
    readonly hub: string;
    readonly other: string;
    readonly of: 'wheel' | 'tow-vehicle';
    readonly adapter: boolean;
  };
  'spare-fits': { readonly studs: string };
  'tire-on-rim': { readonly tireM: number; readonly wheelM: number };
  'tire-smaller-than-rim': { readonly diameterM: number; readonly rimM: number };
  'widths-differ': { readonly trackM: number; readonly fromHubM: number };
  'spring-longer-than-frame': { readonly springM: number; readonly bedM: number };
  /** `bends`: how far the tube bends, of what it does at the axle's rating with the springs in their usual place */
  'axle-overhang': { readonly overhangM: number; readonly bends: number | undefined };
  'home-built-axle': {
    readonly leverM: number;
    readonly staticPa: number;
    readonly bumpPa: number;
    readonly yieldPa: number;
    /** the lightest tube of the list that would stay below yield, where this one does not */
    readonly does: { readonly designation: string } | undefined;
  };
  /** a spindle on each rail: how far the nearest bar across is, and the moment that it should hold */
  'stub-cross': {
    readonly axleId: string;
    readonly xM: number;
    readonly offM: number;
    readonly momentNm: number;
  };
  /** + leans out at the top */
  'axle-camber': { readonly loadedRad: number; readonly builtRad: number; readonly slopeRad: number };
  'departure-angle': { readonly rad: number; readonly approachRad: number; readonly clearM: number };
  'parts-meet': Pick<Meeting, 'what' | 'withId' | 'restM' | 'bumpM'>;
  'ride-unknown': Record<string, never>;
}
export type FitFinding = FindingOf<FitFindingData>;

export const plain = { step: 'axle', subject: 'axle.1', counts: true, working: [] } as const;
export const m = (value: number) => quantity(value, 'length');
