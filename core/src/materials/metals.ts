import { commonPractice, publishedSure, publishedVerify, type Source } from '../source.js';
import { toPascals } from '../units/index.js';
import type { Material } from './material.js';

/** What each standard covers: rolled shapes and bar, or tube, or pipe. */
const ROLLED = ['angle', 'channel', 'bent-channel', 'flat-bar'] as const;
const SQUARE_TUBE = ['rect-tube'] as const;
const ROUND_TUBE = ['round-tube'] as const;
const ANY_TUBE = ['rect-tube', 'round-tube'] as const;

const ksi = (value: number): number => toPascals(value, 'ksi');
const mpa = (value: number): number => toPascals(value, 'MPa');

/** AISC 360-16: 29,000 ksi; EN 1993-1-1 §3.2.6: 210,000 MPa. Density AISC Manual: 490 lb/ft³, printed 7850 kg/m³. */
const STEEL = { family: 'steel', densityKgM3: 7850 } as const;
const AISC_STEEL = { ...STEEL, elasticPa: ksi(29_000) } as const;
const EN_STEEL = { ...STEEL, elasticPa: mpa(210_000) } as const;
/** Aluminum Design Manual: 10,100 ksi; density 0.098 lb/in³, printed 2.70 g/cm³. EN 1999-1-1 §3.2.5: 70,000 MPa. */
const ADM_ALUMINUM = { family: 'aluminum', densityKgM3: 2700, elasticPa: ksi(10_100) } as const;
const EN_ALUMINUM = { family: 'aluminum', densityKgM3: 2700, elasticPa: mpa(70_000) } as const;

const ADM: Source = publishedSure('Aluminum Design Manual 2010-2020, part I tables A.3.4-A.3.5');
const ADM_VERIFY: Source = publishedVerify('Aluminum Design Manual 2010-2020, part I tables A.3.4-A.3.5');
const EN1999_VERIFY: Source = publishedVerify('EN 1999-1-1 table 3.2b');

/** Steel that carries no mark and came without a certificate counts as this, Pa (common practice). */
export const UNMARKED_YIELD_PA = ksi(30);

export const METALS: readonly Material[] = [
  {
    id: 'a36',
    name: 'A36 (angle, channel, flat)',
    ...AISC_STEEL,
    shapes: ROLLED,
    yieldPa: ksi(36),
    ultimatePa: ksi(58),
    source: publishedSure('ASTM A36; AISC Manual table 2-4'),
  },
  {
    id: 'a500b',
    name: 'A500 grade B tube',
    ...AISC_STEEL,
    shapes: SQUARE_TUBE,
    yieldPa: ksi(46),
    ultimatePa: ksi(58),
    source: publishedSure('ASTM A500; AISC Manual table 2-4'),
    note: 'Count on it only where the tube carries the stencil or comes with a certificate.',
  },
  {
    id: 'a500c',
    name: 'A500 grade C tube',
    ...AISC_STEEL,
    shapes: SQUARE_TUBE,
    yieldPa: ksi(50),
    ultimatePa: ksi(62),
    source: publishedSure('ASTM A500; AISC Manual table 2-4'),
    note: 'Count on it only where the tube carries the stencil or comes with a certificate.',
  },
  {
    id: 'a500b-round',
    name: 'A500 grade B round tube',
    ...AISC_STEEL,
    shapes: ROUND_TUBE,
    yieldPa: ksi(42),
    ultimatePa: ksi(58),
    source: publishedSure('ASTM A500; AISC Manual table 2-4'),
    note: 'Count on it only where the tube carries the stencil or comes with a certificate.',
  },
  {
    id: 'unmarked-tube',
    name: 'Steel without mark or certificate',
    ...AISC_STEEL,
    yieldPa: UNMARKED_YIELD_PA,
    ultimatePa: ksi(45),
    source: commonPractice('no certificate, no credit: 30 ksi'),
    note: 'Counted at 30 ksi (205 MPa) because nothing says what it is.',
  },
  {
    id: 'rail-steel',
    name: 'Bed-frame angle and other hard steel',
    ...AISC_STEEL,
    shapes: ROLLED,
    cracksBesideWelds: true,
    yieldPa: ksi(30),
    ultimatePa: ksi(45),
    source: commonPractice('re-rolled rail: hard, of no known kind, no credit for it'),
    note: 'Re-rolled rail is hard: it cracks beside welds and dulls drills. Counted at 30 ksi (205 MPa).',
  },
  {
    id: 'a513-1020',
    name: 'A513 type 1, 1020 tube',
    ...AISC_STEEL,
    shapes: ANY_TUBE,
    yieldPa: ksi(38),
    ultimatePa: ksi(52),
    source: publishedVerify('ASTM A513, typical properties of 1020 as welded'),
  },
  {
    id: 'a513-dom',
    name: 'A513 type 5 DOM 1020',
    ...AISC_STEEL,
    shapes: ANY_TUBE,
    yieldPa: ksi(60),
    ultimatePa: ksi(70),
    source: publishedVerify('ASTM A513, DOM 1020'),
  },
  {
    id: 'a53b',
    name: 'A53 grade B pipe',
    ...AISC_STEEL,
    shapes: ROUND_TUBE,
    yieldPa: ksi(35),
    ultimatePa: ksi(60),
    source: publishedSure('ASTM A53'),
  },
  {
    id: 'a572-50',
    name: 'A572 grade 50',
    ...AISC_STEEL,
    shapes: ROLLED,
    yieldPa: ksi(50),
    ultimatePa: ksi(65),
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
    shapes: ANY_TUBE,
    elasticPa: mpa(200_000),
    yieldPa: mpa(350),
    ultimatePa: mpa(430),
    source: publishedSure('AS/NZS 1163'),
  },
  {
    id: '6061-t6',
    name: '6061-T6',
    ...ADM_ALUMINUM,
    yieldPa: ksi(35),
    ultimatePa: ksi(38),
    weldedYieldPa: ksi(15),
    weldedUltimatePa: ksi(24),
    source: ADM,
    note: 'Welded value for 5183, 5356 or 5556 wire, or walls to 3/8 in with 4043.',
  },
  {
    id: '5052-h32',
    name: '5052-H32 sheet and plate',
    ...ADM_ALUMINUM,
    shapes: ['flat-bar', 'bent-channel'],
    yieldPa: ksi(23),
    ultimatePa: ksi(31),
    weldedYieldPa: ksi(9.5),
    weldedUltimatePa: ksi(25),
    source: ADM,
  },
  {
    id: '5083-h116',
    name: '5083-H116 plate',
    ...ADM_ALUMINUM,
    shapes: ['flat-bar', 'bent-channel'],
    yieldPa: ksi(31),
    ultimatePa: ksi(44),
    weldedYieldPa: ksi(18),
    weldedUltimatePa: ksi(40),
    source: ADM_VERIFY,
  },
  {
    id: '5086-h116',
    name: '5086-H116 plate',
    ...ADM_ALUMINUM,
    shapes: ['flat-bar', 'bent-channel'],
    yieldPa: ksi(28),
    ultimatePa: ksi(40),
    weldedYieldPa: ksi(14),
    weldedUltimatePa: ksi(35),
    source: ADM_VERIFY,
  },
  {
    id: '6063-t5',
    name: '6063-T5',
    ...ADM_ALUMINUM,
    yieldPa: ksi(16),
    ultimatePa: ksi(22),
    weldedYieldPa: ksi(8),
    weldedUltimatePa: ksi(17),
    source: ADM,
  },
  {
    id: '6063-t6',
    name: '6063-T6',
    ...ADM_ALUMINUM,
    yieldPa: ksi(25),
    ultimatePa: ksi(30),
    weldedYieldPa: ksi(8),
    weldedUltimatePa: ksi(17),
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
