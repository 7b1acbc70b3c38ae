import type { Trailer } from '../project/index.js';
import { publishedSure, publishedVerify, type Source } from '../source.js';
import { feet, inches, pounds } from '../units/index.js';

export type Region = Trailer['settings']['regions'][number];

/** What is asked, as people ask for it. */
export const MATTERS = [
  'class',
  'licence',
  'brakes',
  'chains',
  'width',
  'length',
  'height',
  'overhang',
  'speed',
  'inspection',
  'plate',
] as const;
export type Matter = (typeof MATTERS)[number];

/** By which figure of the trailer a matter is decided. */
export type DecidedBy = 'gross' | 'width' | 'length' | 'height' | 'overhang' | 'always';

/** One step of a rule: up to so much (m or kg, that much included), what holds there; the last step has no end. */
export interface MannerBand {
  readonly upTo: number | null;
  readonly says: MannerText;
}

export interface Manner {
  readonly region: Region;
  readonly matter: Matter;
  readonly by: DecidedBy;
  readonly bands: readonly MannerBand[];
  readonly source: Source;
}

/** What a band says, worded elsewhere. */
export type MannerText =
  | 'us-class-light'
  | 'us-class-middle'
  | 'us-class-heavy'
  | 'us-licence-usual'
  | 'us-licence-heavy'
  | 'us-brakes-none'
  | 'us-brakes-strict'
  | 'us-brakes-usual'
  | 'us-brakes-all'
  | 'us-chains'
  | 'us-width'
  | 'us-width-wide'
  | 'us-length'
  | 'us-length-long'
  | 'us-height'
  | 'us-height-tall'
  | 'us-overhang'
  | 'us-overhang-flag'
  | 'us-speed'
  | 'us-inspection'
  | 'us-plate'
  | 'eu-class-o1'
  | 'eu-class-o2'
  | 'eu-class-o3'
  | 'eu-licence-b'
  | 'eu-licence-be'
  | 'eu-licence-c1e'
  | 'eu-brakes-none'
  | 'eu-brakes-overrun'
  | 'eu-brakes-through'
  | 'eu-chains-light'
  | 'eu-chains-braked'
  | 'eu-width'
  | 'eu-width-wide'
  | 'eu-length'
  | 'eu-length-long'
  | 'eu-height'
  | 'eu-height-tall'
  | 'eu-overhang'
  | 'eu-overhang-flag'
  | 'eu-overhang-far'
  | 'eu-speed'
  | 'eu-inspection'
  | 'eu-plate'
  | 'au-class-light'
  | 'au-class-middle'
  | 'au-class-heavy'
  | 'au-licence'
  | 'au-brakes-none'
  | 'au-brakes-one-axle'
  | 'au-brakes-all'
  | 'au-chains-one'
  | 'au-chains-two'
  | 'au-chains-strong'
  | 'au-width'
  | 'au-width-wide'
  | 'au-length'
  | 'au-length-long'
  | 'au-height'
  | 'au-height-tall'
  | 'au-overhang'
  | 'au-overhang-far'
  | 'au-speed'
  | 'au-inspection-light'
  | 'au-inspection'
  | 'au-plate';

const of =
  (region: Region) =>
  (
    matter: Matter,
    by: DecidedBy,
    source: Source,
    ...steps: readonly (readonly [number | null, MannerText])[]
  ): Manner => ({
    region,
    matter,
    by,
    source,
    bands: steps.map(([upTo, says]) => ({ upTo, says })),
  });

const us = of('north-america');
const eu = of('europe');
const au = of('australia');

const STATES = publishedVerify('Vehicle codes of states and provinces, as ranges');
const EU_TYPES = publishedSure('Regulation (EU) 2018/858, categories O1 to O3');
const EU_SIZES = publishedSure('Directive 96/53/EC, largest sizes');
const NATIONAL = publishedVerify('National law, as ranges');
const VSB = publishedVerify('VSB 1, Vehicle Standards Bulletin, and Australian Design Rules');
const AU_STATES = publishedVerify('Law of states and territories, as ranges');

/** What is usually asked of a trailer on the road, recalled in 2026: ranges to ask by, not to rely on. */
export const MANNERS: readonly Manner[] = [
  us(
    'class',
    'gross',
    STATES,
    [pounds(3000), 'us-class-light'],
    [pounds(10_000), 'us-class-middle'],
    [null, 'us-class-heavy'],
  ),
  us(
    'licence',
    'gross',
    publishedVerify('49 CFR 383.91; some states and provinces draw the line lower'),
    [pounds(10_000), 'us-licence-usual'],
    [null, 'us-licence-heavy'],
  ),
  us(
    'brakes',
    'gross',
    publishedVerify('State vehicle codes, 1,000 to 10,000 lb; 49 CFR 393.42 and 393.43 in commerce'),
    [pounds(1000), 'us-brakes-none'],
    [pounds(3000), 'us-brakes-strict'],
    [pounds(10_000), 'us-brakes-usual'],
    [null, 'us-brakes-all'],
  ),
  us('chains', 'always', publishedSure('SAE J684; 49 CFR 393.70'), [null, 'us-chains']),
  us('width', 'width', publishedSure('23 CFR 658.15'), [inches(102), 'us-width'], [null, 'us-width-wide']),
  us('length', 'length', STATES, [feet(28), 'us-length'], [null, 'us-length-long']),
  us('height', 'height', STATES, [feet(13.5), 'us-height'], [null, 'us-height-tall']),
  us(
    'overhang',
    'overhang',
    publishedVerify('49 CFR 393.87: flags beyond 4 ft behind and 4 in aside; states from 3 ft'),
    [feet(3), 'us-overhang'],
    [null, 'us-overhang-flag'],
  ),
  us('speed', 'always', STATES, [null, 'us-speed']),
  us('inspection', 'always', STATES, [null, 'us-inspection']),
  us('plate', 'always', publishedVerify('49 CFR 565, 567, 571.110'), [null, 'us-plate']),

  eu('class', 'gross', EU_TYPES, [750, 'eu-class-o1'], [3500, 'eu-class-o2'], [null, 'eu-class-o3']),
  eu(
    'licence',
    'gross',
    publishedSure('Directive 2006/126/EC, categories B, B96 and BE'),
    [750, 'eu-licence-b'],
    [3500, 'eu-licence-be'],
    [null, 'eu-licence-c1e'],
  ),
  eu(
    'brakes',
    'gross',
    publishedSure('UN R13'),
    [750, 'eu-brakes-none'],
    [3500, 'eu-brakes-overrun'],
    [null, 'eu-brakes-through'],
  ),
  eu('chains', 'gross', publishedVerify('UN R13 and R55'), [750, 'eu-chains-light'], [null, 'eu-chains-braked']),
  eu('width', 'width', EU_SIZES, [2.55, 'eu-width'], [null, 'eu-width-wide']),
  eu('length', 'length', EU_SIZES, [12, 'eu-length'], [null, 'eu-length-long']),
  eu('height', 'height', EU_SIZES, [4, 'eu-height'], [null, 'eu-height-tall']),
  eu('overhang', 'overhang', NATIONAL, [1, 'eu-overhang'], [1.5, 'eu-overhang-flag'], [null, 'eu-overhang-far']),
  eu('speed', 'always', NATIONAL, [null, 'eu-speed']),
  eu('inspection', 'always', NATIONAL, [null, 'eu-inspection']),
  eu('plate', 'always', publishedVerify('Regulation (EU) 2021/535, statutory plate'), [null, 'eu-plate']),

  au('class', 'gross', VSB, [750, 'au-class-light'], [4500, 'au-class-middle'], [null, 'au-class-heavy']),
  au('licence', 'always', AU_STATES, [null, 'au-licence']),
  au(
    'brakes',
    'gross',
    publishedVerify('ADR 38 and VSB 1: by the mass on its wheels'),
    [750, 'au-brakes-none'],
    [2000, 'au-brakes-one-axle'],
    [null, 'au-brakes-all'],
  ),
  au(
    'chains',
    'gross',
    publishedVerify('VSB 1 and AS 4177.4'),
    [2500, 'au-chains-one'],
    [3500, 'au-chains-two'],
    [null, 'au-chains-strong'],
  ),
  au('width', 'width', VSB, [2.5, 'au-width'], [null, 'au-width-wide']),
  au('length', 'length', VSB, [12.5, 'au-length'], [null, 'au-length-long']),
  au('height', 'height', VSB, [4.3, 'au-height'], [null, 'au-height-tall']),
  au('overhang', 'overhang', VSB, [3.7, 'au-overhang'], [null, 'au-overhang-far']),
  au('speed', 'always', AU_STATES, [null, 'au-speed']),
  au('inspection', 'gross', AU_STATES, [750, 'au-inspection-light'], [null, 'au-inspection']),
  au('plate', 'always', VSB, [null, 'au-plate']),
];
