import { publishedVerify, type Source } from '../source.js';
import { feet, inches, millimetres, pounds } from '../units/index.js';
import type { Trailer } from '../project/index.js';

export type Region = Trailer['settings']['regions'][number];

export type LampCode =
  | 'tail'
  | 'stop'
  | 'turn'
  | 'plate'
  | 'rear-reflector'
  | 'rear-triangle'
  | 'fog'
  | 'reversing'
  | 'marker-front'
  | 'marker-rear'
  | 'marker-middle'
  | 'side-reflector-front'
  | 'side-reflector-rear'
  | 'side-reflector-middle'
  | 'clearance-front'
  | 'clearance-rear'
  | 'identification'
  | 'front-reflector'
  | 'front-position'
  | 'conspicuity';

/** What the rules ask by: over everything but lamps. */
export interface LampFacts {
  readonly widthM: number;
  /** with the tongue */
  readonly lengthM: number;
  /** null: nobody has declared it; what is asked from some gross on is then told in case it is above */
  readonly grossKg: number | null;
}

/** Where a lamp sits: at the rear in a pair, in the middle, in a row of three; at the front in a pair; on both sides at the front, the rear or between. */
export type LampPlace =
  | 'rear-pair'
  | 'rear-middle'
  | 'rear-row'
  | 'front-pair'
  | 'side-front'
  | 'side-rear'
  | 'side-middle';

export interface LampRule {
  readonly region: Region;
  readonly code: LampCode;
  readonly colour: 'red' | 'amber' | 'white' | 'red-white';
  readonly count: number;
  readonly place: LampPlace;
  /** above the ground, least and most, m; null: no limit that is recalled */
  readonly heightM: readonly [least: number | null, most: number | null];
  /** asked for by these facts; always where left out */
  readonly asked?: (facts: LampFacts) => boolean;
  /** the fact it is asked by, in the rule's own figure, m or kg; `beyond`: only of what is more than that */
  readonly from?: { readonly what: 'width' | 'length' | 'gross'; readonly value: number; readonly beyond: boolean };
  readonly source: Source;
}

const US: Source = publishedVerify('49 CFR 571.108, tables I-a and I-b (trailers)');
const EU: Source = publishedVerify('UN R48, trailers of O1 and O2');
const AU: Source = publishedVerify('ADR 13/00; VSB 1');

const inch = (least: number | null, most: number | null) =>
  [least === null ? null : inches(least), most === null ? null : inches(most)] as const;
const mm = (least: number | null, most: number | null) =>
  [least === null ? null : millimetres(least), most === null ? null : millimetres(most)] as const;

/** 80 in: from here on a trailer has clearance and identification lamps in North America. */
const WIDE_M = inches(80);
const LONG_M = feet(30);
const SHORT_M = feet(6);
const HEAVY_KG = pounds(10_000);

const us = (rule: Omit<LampRule, 'region' | 'source'>): LampRule => ({ ...rule, region: 'north-america', source: US });
const eu = (rule: Omit<LampRule, 'region' | 'source'>): LampRule => ({ ...rule, region: 'europe', source: EU });
const au = (rule: Omit<LampRule, 'region' | 'source'>): LampRule => ({ ...rule, region: 'australia', source: AU });

const isAbove = (grossKg: number | null, limitKg: number): boolean => grossKg === null || grossKg > limitKg;

const wide = {
  asked: ({ widthM }: LampFacts) => widthM >= WIDE_M - 1e-9,
  from: { what: 'width', value: WIDE_M, beyond: false },
} as const;
const narrow = { asked: ({ widthM }: LampFacts) => widthM < WIDE_M - 1e-9 } as const;
const long = {
  asked: ({ lengthM }: LampFacts) => lengthM >= LONG_M - 1e-9,
  from: { what: 'length', value: LONG_M, beyond: false },
} as const;
const notShort = {
  asked: ({ lengthM }: LampFacts) => lengthM >= SHORT_M - 1e-9,
  from: { what: 'length', value: SHORT_M, beyond: false },
} as const;
const from = (what: 'width' | 'length', value: number) =>
  ({
    asked: (facts: LampFacts) => (what === 'width' ? facts.widthM : facts.lengthM) > value + 1e-9,
    from: { what, value, beyond: true },
  }) as const;

const NORTH_AMERICA: readonly LampRule[] = [
  us({ code: 'tail', colour: 'red', count: 2, place: 'rear-pair', heightM: inch(15, 72) }),
  us({ code: 'stop', colour: 'red', count: 2, place: 'rear-pair', heightM: inch(15, 72) }),
  us({ code: 'turn', colour: 'red', count: 2, place: 'rear-pair', heightM: inch(15, 83) }),
  us({ code: 'plate', colour: 'white', count: 1, place: 'rear-middle', heightM: inch(null, null) }),
  us({ code: 'rear-reflector', colour: 'red', count: 2, place: 'rear-pair', heightM: inch(15, 60) }),
  us({ code: 'marker-front', colour: 'amber', count: 2, place: 'side-front', heightM: inch(15, null), ...notShort }),
  us({
    code: 'side-reflector-front',
    colour: 'amber',
    count: 2,
    place: 'side-front',
    heightM: inch(15, 60),
    ...notShort,
  }),
  us({ code: 'marker-rear', colour: 'red', count: 2, place: 'side-rear', heightM: inch(15, null), ...narrow }),
  us({ code: 'marker-rear', colour: 'red', count: 2, place: 'side-rear', heightM: inch(15, 60), ...wide }),
  us({ code: 'side-reflector-rear', colour: 'red', count: 2, place: 'side-rear', heightM: inch(15, 60) }),
  us({ code: 'marker-middle', colour: 'amber', count: 2, place: 'side-middle', heightM: inch(15, null), ...long }),
  us({
    code: 'side-reflector-middle',
    colour: 'amber',
    count: 2,
    place: 'side-middle',
    heightM: inch(15, 60),
    ...long,
  }),
  us({ code: 'clearance-front', colour: 'amber', count: 2, place: 'front-pair', heightM: inch(null, null), ...wide }),
  us({ code: 'clearance-rear', colour: 'red', count: 2, place: 'rear-pair', heightM: inch(null, null), ...wide }),
  us({ code: 'identification', colour: 'red', count: 3, place: 'rear-row', heightM: inch(null, null), ...wide }),
  us({
    code: 'conspicuity',
    colour: 'red-white',
    count: 1,
    place: 'side-middle',
    heightM: inch(15, 60),
    asked: ({ widthM, grossKg }) => widthM >= WIDE_M - 1e-9 && isAbove(grossKg, HEAVY_KG),
    from: { what: 'gross', value: HEAVY_KG, beyond: true },
  }),
];

const EUROPE: readonly LampRule[] = [
  eu({ code: 'tail', colour: 'red', count: 2, place: 'rear-pair', heightM: mm(350, 1500) }),
  eu({ code: 'stop', colour: 'red', count: 2, place: 'rear-pair', heightM: mm(350, 1500) }),
  eu({ code: 'turn', colour: 'amber', count: 2, place: 'rear-pair', heightM: mm(350, 1500) }),
  eu({ code: 'plate', colour: 'white', count: 1, place: 'rear-middle', heightM: mm(null, null) }),
  eu({ code: 'rear-triangle', colour: 'red', count: 2, place: 'rear-pair', heightM: mm(250, 900) }),
  eu({ code: 'fog', colour: 'red', count: 1, place: 'rear-middle', heightM: mm(250, 1000) }),
  eu({
    code: 'reversing',
    colour: 'white',
    count: 1,
    place: 'rear-middle',
    heightM: mm(250, 1200),
    asked: ({ grossKg }) => isAbove(grossKg, 750),
    from: { what: 'gross', value: 750, beyond: true },
  }),
  eu({ code: 'side-reflector-front', colour: 'amber', count: 2, place: 'side-front', heightM: mm(250, 900) }),
  eu({ code: 'side-reflector-rear', colour: 'amber', count: 2, place: 'side-rear', heightM: mm(250, 900) }),
  eu({ code: 'front-reflector', colour: 'white', count: 2, place: 'front-pair', heightM: mm(250, 900) }),
  eu({
    code: 'front-position',
    colour: 'white',
    count: 2,
    place: 'front-pair',
    heightM: mm(350, 1500),
    ...from('width', 1.6),
  }),
  eu({
    code: 'clearance-front',
    colour: 'white',
    count: 2,
    place: 'front-pair',
    heightM: mm(null, null),
    ...from('width', 2.1),
  }),
  eu({
    code: 'clearance-rear',
    colour: 'red',
    count: 2,
    place: 'rear-pair',
    heightM: mm(null, null),
    ...from('width', 2.1),
  }),
  eu({
    code: 'marker-front',
    colour: 'amber',
    count: 2,
    place: 'side-front',
    heightM: mm(250, 1500),
    ...from('length', 6),
  }),
  eu({
    code: 'marker-middle',
    colour: 'amber',
    count: 2,
    place: 'side-middle',
    heightM: mm(250, 1500),
    ...from('length', 6),
  }),
  eu({
    code: 'marker-rear',
    colour: 'amber',
    count: 2,
    place: 'side-rear',
    heightM: mm(250, 1500),
    ...from('length', 6),
  }),
];

const AUSTRALIA: readonly LampRule[] = [
  au({ code: 'tail', colour: 'red', count: 2, place: 'rear-pair', heightM: mm(350, 1500) }),
  au({ code: 'stop', colour: 'red', count: 2, place: 'rear-pair', heightM: mm(350, 1500) }),
  au({ code: 'turn', colour: 'amber', count: 2, place: 'rear-pair', heightM: mm(350, 1500) }),
  au({ code: 'plate', colour: 'white', count: 1, place: 'rear-middle', heightM: mm(null, null) }),
  au({ code: 'rear-reflector', colour: 'red', count: 2, place: 'rear-pair', heightM: mm(250, 900) }),
  au({ code: 'side-reflector-front', colour: 'amber', count: 2, place: 'side-front', heightM: mm(250, 900) }),
  au({ code: 'front-reflector', colour: 'white', count: 2, place: 'front-pair', heightM: mm(250, 900) }),
  au({
    code: 'clearance-front',
    colour: 'white',
    count: 2,
    place: 'front-pair',
    heightM: mm(null, null),
    ...from('width', 2.1),
  }),
  au({
    code: 'clearance-rear',
    colour: 'red',
    count: 2,
    place: 'rear-pair',
    heightM: mm(null, null),
    ...from('width', 2.1),
  }),
  au({
    code: 'marker-front',
    colour: 'amber',
    count: 2,
    place: 'side-front',
    heightM: mm(250, 1500),
    ...from('length', 7.5),
  }),
  au({
    code: 'marker-rear',
    colour: 'red',
    count: 2,
    place: 'side-rear',
    heightM: mm(250, 1500),
    ...from('length', 7.5),
  }),
];

/** Lamps and reflectors of trailers, recalled; each to be checked against the rule of the place. */
export const LAMP_RULES: readonly LampRule[] = [...NORTH_AMERICA, ...EUROPE, ...AUSTRALIA];

/** What this trailer has to show in these regions. */
export const lampsAsked = (regions: readonly Region[], facts: LampFacts): readonly LampRule[] =>
  LAMP_RULES.filter(({ region, asked }) => regions.includes(region) && (asked?.(facts) ?? true));
