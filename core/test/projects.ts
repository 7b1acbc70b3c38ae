import * as fc from 'fast-check';
import { AXLE_ROWS, SECTION_ROWS, TIRE_ROWS } from '../src/catalog/index.js';
import {
  type BarEnd,
  type OwnBar,
  axleFromCatalog,
  FIXED_JOINT,
  type Item,
  newPiece,
  newProject,
  PLAIN_TONGUE,
  type Trailer,
  trailerOf,
  tireFromCatalog,
  type Tongue,
} from '../src/project/index.js';

/** A trailer to start tests from: complete, inch or metric. */
export const sampleTrailer = (units: 'imperial' | 'metric' = 'imperial'): Trailer =>
  trailerOf(newProject({ id: 'sample', name: 'Sample', units, newId: () => 'load' }));

const steel = SECTION_ROWS.filter(({ family, shape }) => family === 'steel' && shape.kind === 'rect-tube');
const aluminum = SECTION_ROWS.filter(({ family, shape }) => family === 'aluminum' && shape.kind === 'rect-tube');

const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });

const item = fc
  .record({
    id: fc.uuid(),
    massKg: number(0, 1500),
    x: number(-1, 4),
    y: number(-0.8, 0.8),
    length: number(0, 3),
    width: number(0, 1.5),
    height: number(0, 1.5),
    on: fc.constantFrom<Item['attach']['on']>('deck', 'rail', 'tongue', 'axle', 'rack'),
    from: fc.constantFrom<Item['attach']['from']>('front', 'rear', 'ball', 'axle'),
    kind: fc.constantFrom<Item['kind']>('fixed', 'cargo', 'tank'),
  })
  .map(
    ({ id, massKg, x, y, length, width, height, on, from, kind }): Item => ({
      id: `item.${id}`,
      name: 'Thing',
      kind,
      massKg: { value: massKg, basis: 'guessed', tolerance: 0 },
      emptyMassKg: kind === 'tank' ? 12 : 0,
      wheels: null,
      sizeM: { lengthM: length, widthM: width, heightM: height },
      attach: { on, from, hostId: null, offsetM: { value: x, basis: 'guessed', tolerance: 0 }, rightM: y, aboveM: 0 },
    }),
  );

interface AnyTongue {
  readonly style: Tongue['kind'];
  readonly rise: Tongue['rise']['kind'];
  readonly byM: number;
  readonly jointed: boolean;
  readonly tongue: number;
  readonly under: number;
}

const tongueOf = ({ style, rise, byM, jointed, tongue, under }: AnyTongue): Tongue => {
  const made = {
    ...PLAIN_TONGUE,
    lengthM: tongue,
    rise: { kind: rise, byM },
    topPlate: jointed ? { lengthM: 0.3, widthM: 0.2, thicknessM: 0.005 } : null,
    caps: { ball: jointed, rear: jointed, sides: jointed },
  };
  if (style === 'a-frame') {
    return {
      ...made,
      kind: 'a-frame',
      includedAngleRad: 0.87,
      rearEnd: under > 1 ? 'under' : 'header',
      apexBehindBallM: 0.05,
    };
  }
  const tube = {
    ...made,
    underM: under < 1 ? 0 : under,
    tipBehindBallM: 0.05,
    joint: { ...FIXED_JOINT, kind: jointed ? ('folding' as const) : ('fixed' as const) },
  };
  return style === 'straight'
    ? { ...tube, kind: 'straight' }
    : { ...tube, kind: 'backbone', sideTubesAheadM: tongue / 2, sideTubeAngleRad: 0.44 };
};

/** Any trailer that the schema lets through, sensible or not. */
const barEnd: fc.Arbitrary<BarEnd> = fc.oneof(
  fc.record({
    kind: fc.constant('on' as const),
    barId: fc.constantFrom('rail.left', 'rail.right', 'header.front', 'cross.1', 'tongue.left', 'bar.1', 'bar.2'),
    atM: number(0, 3),
  }),
  fc.record({ kind: fc.constant('off' as const), byXM: number(-1, 1), byYM: number(-1, 1), byZM: number(-1, 2) }),
  fc.record({ kind: fc.constant('at' as const), xM: number(-1, 5), yM: number(-1, 1), zM: number(-0.5, 2) }),
);
const ownBar = fc.record({
  turnDeg: fc.constantFrom<OwnBar['turnDeg']>(0, 90, 180, 270),
  from: barEnd,
  to: barEnd,
});
const PIECE_KINDS = [
  'sides',
  'gate',
  'headboard',
  'rack',
  'body',
  'upper-frame',
  'shelf',
  'bumper',
  'fender',
  'step',
  'receiver',
  'spare',
] as const;
const sectionOf = ({ sectionId, materialId }: Pick<OwnBar, 'sectionId' | 'materialId'>) => ({ sectionId, materialId });

export const anyProject: fc.Arbitrary<Trailer> = fc
  .record({
    units: fc.constantFrom<'imperial' | 'metric'>('imperial', 'metric'),
    alu: fc.boolean(),
    section: fc.nat(),
    length: number(0.5, 8),
    width: number(0.3, 2.4),
    tongue: number(0.2, 3),
    position: number(-2, 9),
    style: fc.constantFrom<Tongue['kind']>('a-frame', 'straight', 'backbone'),
    rise: fc.constantFrom<Tongue['rise']['kind']>('level', 'sloped', 'stepped'),
    byM: number(-0.5, 0.5),
    jointed: fc.boolean(),
    under: number(0, 3),
    layout: fc.constantFrom<Trailer['runningGear']['layout']>(
      'none',
      'single',
      'tandem-equaliser',
      'tandem-independent',
      'triple-equaliser',
      'triple-independent',
    ),
    suspension: fc.constantFrom<Trailer['runningGear']['suspension']['kind']>(
      'leaf',
      'torsion',
      'stub',
      'none',
      'unknown',
    ),
    corner: fc.constantFrom<Trailer['frame']['bed']['corner']>('rails-through', 'headers-through', 'mitred'),
    spacing: number(0.1, 3),
    items: fc.array(item, { maxLength: 5 }),
    ownBars: fc.array(ownBar, { maxLength: 3 }),
    pieces: fc.array(fc.constantFrom(...PIECE_KINDS), { maxLength: 2 }),
    tilt: fc.option(number(0, 5), { nil: null, freq: 3 }),
    axle: fc.nat(),
    tire: fc.nat(),
    unknown: fc.boolean(),
    sides: fc.boolean(),
    arms: fc.tuple(number(0.5, 2), number(0.5, 2)),
  })
  .map((r): Trailer => {
    const base = sampleTrailer(r.units);
    const rows = r.alu ? aluminum : steel;
    const row = rows[r.section % rows.length];
    const bar = { sectionId: row?.id ?? '', materialId: row?.usualMaterialId ?? '', faces: 'in' } as const;
    return {
      ...base,
      frame: {
        ...base.frame,
        bed: { lengthM: r.length, widthM: r.width, corner: r.corner },
        groups: { rail: bar, header: bar, cross: bar, tongue: bar, side: bar },
        crossMembers: { kind: 'spacing', maxSpacingM: r.spacing },
        ownBars: r.ownBars.map((own, i) => ({ ...own, id: `bar.${i + 1}`, ...sectionOf(bar) })),
        pieces: r.pieces.map((kind, i) => ({
          ...newPiece(
            { ...base, frame: { ...base.frame, bed: { ...base.frame.bed, lengthM: r.length, widthM: r.width } } },
            r.units,
            kind,
            `piece.${i}`,
          ),
          ...sectionOf(bar),
        })),
        tilt: r.tilt === null ? null : { pivotXM: r.tilt, latchXM: 0.1, pinDiameterM: 0.02 },
        tongue: tongueOf(r),
        sides: r.sides ? { kind: 'rail', heightM: 0.4, carries: false } : { kind: 'none' },
      },
      runningGear: {
        ...base.runningGear,
        layout: r.layout,
        positionM: r.position,
        equaliserArms: r.arms,
        axle: {
          ...axleFromCatalog(AXLE_ROWS[r.axle % AXLE_ROWS.length]?.id ?? ''),
          ratingKg: r.unknown ? null : 1000,
          homeBuilt: r.sides ? { wallM: 0.006, yieldPa: 2.5e8, spindleKg: r.unknown ? null : 600, hubKg: 700 } : null,
        },
        tire: tireFromCatalog(TIRE_ROWS[r.tire % TIRE_ROWS.length]?.id ?? ''),
        suspension: { ...base.runningGear.suspension, kind: r.suspension },
      },
      items: r.items,
      cases: base.cases.map((loadCase) => ({
        ...loadCase,
        aboard: loadCase.id === 'case.empty' ? [] : r.items.map(({ id }) => ({ itemId: id, fill: 0.5, shiftM: 0 })),
      })),
    };
  });
