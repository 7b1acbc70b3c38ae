import type { Section, Shape } from '../sections/index.js';
import { commonPractice, computedBy, publishedSure, publishedVerify, type Source } from '../source.js';
import { inches, millimetres } from '../units/index.js';

/** A bar on the yard's list, with the metal it is usually sold in. */
export interface SectionRow extends Section {
  readonly family: 'steel' | 'aluminum';
  readonly group: string;
  readonly usualMaterialId: string;
  /** of the user's own rows: what a kilogram costs; 0 for what lies in the shed */
  readonly pricePerKg?: number | undefined;
  readonly source: Source;
}

/** "1-1/2" as a number. */
const fraction = (text: string): number =>
  text.split('-').reduce((sum, part) => {
    const [over, under] = part.split('/').map(Number);
    return sum + (over ?? 0) / (under ?? 1);
  }, 0);

const slug = (text: string): string => text.toLowerCase().replaceAll('/', '_').replaceAll(' ', '');
const spaced = (text: string): string => text.replaceAll('x', ' x ');

/** Square-cornered or rounded rectangular tube; corner radii as multiples of the wall. */
const tube = (height: number, width: number, wall: number, outer: number, inner: number): Shape => ({
  kind: 'rect-tube',
  heightM: height,
  widthM: width,
  wallM: wall,
  outerRadiusM: outer * wall,
  innerRadiusM: inner * wall,
});

/** Design walls as the AISC Manual prints them (0.93 × nominal, rounded), tables 1-11 and 1-12. */
const A500_DESIGN_WALL_IN: Readonly<Record<string, number>> = { '1/8': 0.116, '3/16': 0.174, '1/4': 0.233 };
const AISC_HSS = publishedSure('AISC Manual 14th/15th ed., tables 1-11 and 1-12');
const HSS_UNLISTED = computedBy('common warehouse size, not sure that AISC lists it; computed as AISC does');

const hssRow = (name: string, source: Source): SectionRow => {
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
const HSS_SMALL = [
  '1x1x1/8',
  '1-1/2x1-1/2x1/8',
  '1-1/2x1-1/2x3/16',
  '2x1x1/8',
  '2x1x3/16',
  '2x1-1/2x1/8',
  '3x1x1/8',
].map((name) => hssRow(name, HSS_UNLISTED));

/** Tube gauge is Birmingham wire gauge, in. Sheet gauge is another table. */
const TUBE_GAUGE_IN: Readonly<Record<string, number>> = { '16ga': 0.065, '14ga': 0.083, '11ga': 0.12 };
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
  '3x1x14ga',
  '3x1x11ga',
  '3x1-1/2x11ga',
  '3x2x14ga',
  '3x2x11ga',
  '4x2x11ga',
].map((name): SectionRow => {
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
].map((name): SectionRow => {
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
].map((name): SectionRow => {
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
].map((name): SectionRow => {
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
const CHANNEL_ROWS: readonly (readonly [string, number, number, number, number, 'sure' | 'verify'])[] = [
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
const CHANNEL_ROOT_IN: Readonly<Record<number, number>> = { 3: 0.27, 4: 0.28, 5: 0.29, 6: 0.3 };
const CHANNELS = CHANNEL_ROWS.map(([name, depth, flange, web, thickness, confidence]): SectionRow => {
  const root = CHANNEL_ROOT_IN[depth] ?? 0.3;
  return {
    id: slug(name),
    designation: name,
    family: 'steel',
    group: 'Channel, American standard',
    usualMaterialId: 'a36',
    source: { kind: 'published', name: 'AISC Manual table 1-5', confidence },
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

const angle = (vertical: number, horizontal: number, thickness: number, root: number, toe: number): Shape => ({
  kind: 'angle',
  verticalLegM: vertical,
  horizontalLegM: horizontal,
  thicknessM: thickness,
  rootRadiusM: root,
  toeRadiusM: toe,
});
/** Fillets differ by mill and are not printed; root 3/16 in or the thickness, toe half the thickness, reproduce AISC areas to 1 %. */
const ANGLES = [
  '1x1x1/8',
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
].map((name): SectionRow => {
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
    shape: angle(
      inches(vertical),
      inches(horizontal),
      inches(thickness),
      inches(Math.max(thickness, 3 / 16)),
      inches(thickness / 2),
    ),
  };
});
/** leg, thickness, root radius, mm */
const ANGLES_MM = (
  [
    [30, 3, 5],
    [40, 4, 6],
    [40, 5, 6],
    [50, 4, 7],
    [50, 5, 7],
    [60, 5, 8],
    [60, 6, 8],
    [70, 7, 9],
  ] as const
).map(
  ([leg, thickness, root]): SectionRow => ({
    id: `l-mm-${leg}x${leg}x${thickness}`,
    designation: `L ${leg} x ${leg} x ${thickness}`,
    family: 'steel',
    group: 'Angle, mm',
    usualMaterialId: 's235',
    source: publishedSure('EN 10056-1'),
    shape: angle(millimetres(leg), millimetres(leg), millimetres(thickness), millimetres(root), millimetres(root / 2)),
  }),
);

/** Aluminum Association standard channels: depth, flange, flange thickness, web, fillet (in). */
const ALUMINUM_CHANNELS = (
  [
    ['2x0.577', 2, 1, 0.13, 0.13, 0.1],
    ['3x1.14', 3, 1.5, 0.2, 0.13, 0.25],
    ['3x1.60', 3, 1.75, 0.26, 0.17, 0.25],
    ['4x1.74', 4, 2, 0.23, 0.15, 0.25],
    ['4x2.33', 4, 2.25, 0.29, 0.19, 0.25],
    ['5x2.21', 5, 2.25, 0.26, 0.15, 0.3],
    ['5x3.09', 5, 2.75, 0.32, 0.19, 0.3],
    ['6x2.83', 6, 2.5, 0.29, 0.17, 0.3],
  ] as const
).map(
  ([name, depth, flange, thickness, web, root]): SectionRow => ({
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
  }),
);

/** NPS, outside diameter and wall, in: ASME B36.10M. Figured at 0.93 of the wall, as AISC Manual table 1-14 prints it. */
const PIPE_DESIGN_SHARE = 0.93;
const PIPES = (
  [
    ['1', 1.315, 0.133],
    ['1-1/4', 1.66, 0.14],
    ['1-1/2', 1.9, 0.145],
    ['2', 2.375, 0.154],
    ['2-1/2', 2.875, 0.203],
    ['3', 3.5, 0.216],
  ] as const
).map(
  ([name, diameter, wall]): SectionRow => ({
    id: `pipe-${slug(name)}`,
    designation: `Pipe ${name} schedule 40`,
    family: 'steel',
    group: 'Pipe and round tube',
    // A53 is 35 ksi where it is known to be that; what lies in a yard is not.
    usualMaterialId: 'unmarked-tube',
    source: publishedSure('ASME B36.10M; AISC Manual table 1-14'),
    shape: { kind: 'round-tube', diameterM: inches(diameter), wallM: inches(wall) },
    designWallM: PIPE_DESIGN_SHARE * inches(wall),
  }),
);

const roundAluminum = (id: string, name: string, diameterM: number, wallM: number, metal: string): SectionRow => ({
  id: `alu-round-${id}`,
  designation: `Aluminum round tube ${name}`,
  family: 'aluminum',
  group: 'Aluminum round tube',
  usualMaterialId: metal,
  source: computedBy('a plain ring'),
  shape: { kind: 'round-tube', diameterM, wallM },
});
const ALUMINUM_ROUND = [
  ...['1x1/8', '1-1/4x1/8', '1-1/2x1/8', '1-3/4x1/8', '2x1/8', '2x1/4', '2-1/2x1/8', '3x1/8', '3x1/4'].map((name) => {
    const [diameter = 0, wall = 0] = name.split('x').map(fraction);
    return roundAluminum(slug(name), spaced(name), inches(diameter), inches(wall), '6061-t6');
  }),
  ...['25x2', '30x2', '30x3', '40x2', '40x3', '50x3', '60x3', '60x5'].map((name) => {
    const [diameter = 0, wall = 0] = name.split('x').map(Number);
    return roundAluminum(`mm-${name}`, spaced(name), millimetres(diameter), millimetres(wall), '6082-t6');
  }),
];

/** Strips of sheet and plate, as sheared. */
const ALUMINUM_FLATS = ['2x1/8', '3x1/8', '2x1/4', '3x1/4', '4x1/4', '4x3/8'].map((name): SectionRow => {
  const [height = 0, width = 0] = name.split('x').map(fraction);
  return {
    id: `alu-flat-${slug(name)}`,
    designation: `Aluminum plate strip ${spaced(name)}`,
    family: 'aluminum',
    group: 'Aluminum plate strip',
    usualMaterialId: '5052-h32',
    source: commonPractice('yard sizes'),
    shape: { kind: 'flat-bar', heightM: inches(height), widthM: inches(width) },
  };
});

const FLATS = ['2x1/4', '3x1/4', '3x3/8', '4x1/4', '4x3/8'].map((name): SectionRow => {
  const [height = 0, width = 0] = name.split('x').map(fraction);
  return {
    id: `flat-${slug(name)}`,
    designation: `Flat ${spaced(name)}`,
    family: 'steel',
    group: 'Flat bar',
    usualMaterialId: 'a36',
    source: commonPractice('yard sizes'),
    shape: { kind: 'flat-bar', heightM: inches(height), widthM: inches(width) },
  };
});

export const SECTION_ROWS: readonly SectionRow[] = [
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
  ...ALUMINUM_ROUND,
  ...FLATS,
  ...ALUMINUM_FLATS,
];
