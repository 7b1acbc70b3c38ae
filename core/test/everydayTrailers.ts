import {
  axleFromCatalog,
  FIXED_JOINT,
  type Item,
  PLAIN_TONGUE,
  type Tongue,
  type Trailer,
} from '../src/project/index.js';
import { inches, pounds } from '../src/units/index.js';
import { sampleTrailer } from './projects.js';

/** A thing on the deck: pounds, inches, its middle behind the bed's front. */
export const cargo = (
  id: string,
  weightLb: number,
  sizeIn: readonly [number, number, number],
  offsetIn: number,
  change: Partial<Item> = {},
): Item => ({
  id: `item.${id}`,
  name: id,
  kind: 'cargo',
  massKg: { value: pounds(weightLb), basis: 'guessed', tolerance: 0 },
  emptyMassKg: 0,
  sizeM: { lengthM: inches(sizeIn[0]), widthM: inches(sizeIn[1]), heightM: inches(sizeIn[2]) },
  wheels: null,
  attach: {
    on: 'deck',
    from: 'front',
    hostId: null,
    offsetM: { value: inches(offsetIn), basis: 'guessed', tolerance: 0 },
    rightM: 0,
    aboveM: 0,
  },
  ...change,
});

export interface Everyday {
  readonly lengthIn: number;
  readonly widthIn: number;
  readonly rail: string;
  readonly header?: string;
  readonly cross: string;
  readonly spacingIn: number;
  readonly metal?: string;
  readonly tongue: Tongue;
  readonly tongueBar: string;
  readonly plateLb: number | null;
  readonly axleIn: number;
  readonly items?: readonly Item[];
  readonly change?: (trailer: Trailer) => Trailer;
}

export const aFrame = (lengthIn: number): Tongue => ({
  ...PLAIN_TONGUE,
  kind: 'a-frame',
  lengthM: inches(lengthIn),
  includedAngleRad: (50 * Math.PI) / 180,
  rearEnd: 'under',
  apexBehindBallM: inches(3),
});
export const single = (lengthIn: number, underIn: number): Tongue => ({
  ...PLAIN_TONGUE,
  kind: 'straight',
  joint: FIXED_JOINT,
  lengthM: inches(lengthIn),
  underM: inches(underIn),
  tipBehindBallM: inches(4),
});

/** A trailer of a sort that is built every day, from its sizes: loads are its items, all aboard when it is towed. */
export const everyday = (sizes: Everyday): Trailer => {
  const base = sampleTrailer();
  const { metal = 'a500b', items = [] } = sizes;
  const bar = (sectionId: string) => ({ sectionId, materialId: metal, faces: 'in' }) as const;
  const empty = {
    id: 'case.empty',
    name: 'Empty',
    mode: 'towed',
    countsForWindow: true,
    drawerOutM: 0,
    tongueBand: null,
  } as const;
  const trailer: Trailer = {
    ...base,
    job: { ...base.job, road: 'road' },
    ratedGrossKg: sizes.plateLb === null ? null : pounds(sizes.plateLb),
    frame: {
      ...base.frame,
      bed: { lengthM: inches(sizes.lengthIn), widthM: inches(sizes.widthIn), corner: 'rails-through' },
      groups: {
        rail: bar(sizes.rail),
        header: bar(sizes.header ?? sizes.rail),
        cross: bar(sizes.cross),
        tongue: bar(sizes.tongueBar),
        side: bar(sizes.cross),
      },
      crossMembers: { kind: 'spacing', maxSpacingM: inches(sizes.spacingIn) },
      tongue: sizes.tongue,
    },
    runningGear: {
      ...base.runningGear,
      positionM: inches(sizes.axleIn),
      axle: axleFromCatalog('axle-3500'),
      suspension: {
        ...base.runningGear.suspension,
        trackM: inches(sizes.widthIn + 14),
      },
    },
    items: [...items],
    cases: [
      { ...empty, aboard: [] },
      ...(items.length > 0
        ? [
            {
              ...empty,
              id: 'case.loaded',
              name: 'Loaded',
              aboard: items.map(({ id }) => ({ itemId: id, fill: 1, shiftM: 0 })),
            },
          ]
        : []),
    ],
    axleCaseId: null,
  };
  return sizes.change ? sizes.change(trailer) : trailer;
};

/** HSS 3 x 1 x 1/8 by AISC's design wall; the catalog has none. */
export const HSS_3X1: Trailer['ownRows']['sections'][number] = {
  id: 'hss-3x1x1_8',
  designation: 'HSS 3x1x1/8',
  family: 'steel',
  group: 'own',
  usualMaterialId: 'a500b',
  shape: {
    kind: 'rect-tube',
    widthM: inches(1),
    heightM: inches(3),
    wallM: inches(0.125),
    outerRadiusM: inches(0.232),
    innerRadiusM: inches(0.116),
  },
  designWallM: inches(0.116),
  source: { kind: 'own' },
};
const ownTube = (trailer: Trailer): Trailer => ({
  ...trailer,
  ownRows: { ...trailer.ownRows, sections: [...trailer.ownRows.sections, HSS_3X1] },
});
const packed =
  (...packers: string[]) =>
  (trailer: Trailer): Trailer => ({ ...trailer, frame: { ...trailer.frame, packers } });
const gear =
  (change: (gear: Trailer['runningGear']) => Trailer['runningGear']) =>
  (trailer: Trailer): Trailer => ({ ...trailer, runningGear: change(trailer.runningGear) });
const all =
  (...changes: readonly ((trailer: Trailer) => Trailer)[]) =>
  (trailer: Trailer): Trailer =>
    changes.reduce((current, change) => change(current), trailer);

/** Two axles on an equalizer, with brakes, under boards. */
const hauling = all(
  gear((own) => ({
    ...own,
    layout: 'tandem-equaliser',
    spacingM: inches(33.5),
    axle: { ...axleFromCatalog('axle-5200'), hubFaceM: inches(96) },
    suspension: { ...own.suspension, hangerSpacingM: inches(25.25) },
  })),
  (trailer) => ({
    ...trailer,
    frame: {
      ...trailer.frame,
      deck: { kind: 'planks', thicknessM: inches(1.5), seat: 'on-top', incised: false, sheet: null, cutouts: [] },
    },
    coupling: { ...trailer.coupling, brakes: 'fitted' },
  }),
);

/** Ten that are built and towed every day. */
export const EVERYDAY: Readonly<Record<string, Trailer>> = {
  'utility 5 x 8, 3 x 1 rails': everyday({
    lengthIn: 98,
    widthIn: 60,
    rail: 'hss-3x1x1_8',
    cross: 'hss-2x1x1_8',
    spacingIn: 20,
    tongue: aFrame(42),
    tongueBar: 'hss-3x1x1_8',
    plateLb: 2990,
    axleIn: 59,
    items: [cargo('soil', 1500, [80, 48, 20], 47)],
    change: ownTube,
  }),
  'utility 5 x 8, all 2 x 2': everyday({
    lengthIn: 96,
    widthIn: 60,
    rail: 'hss-2x2x1_8',
    cross: 'hss-2x2x1_8',
    spacingIn: 24,
    tongue: aFrame(42),
    tongueBar: 'hss-2x2x1_8',
    plateLb: 2000,
    axleIn: 56,
    items: [cargo('firewood', 1000, [80, 48, 20], 46)],
  }),
  'hauler 20 ft, C6 tandem': everyday({
    lengthIn: 240,
    widthIn: 82,
    rail: 'c6x8.2',
    cross: 'c3x4.1',
    spacingIn: 24,
    metal: 'a36',
    tongue: aFrame(48),
    tongueBar: 'c6x8.2',
    plateLb: 9990,
    axleIn: 146,
    items: [cargo('machine', 4500, [150, 66, 60], 132, { wheels: { baseM: inches(100), trackM: inches(58) } })],
    change: hauling,
  }),
  'utility 6 x 12, 4 x 4 single tongue': everyday({
    lengthIn: 144,
    widthIn: 76,
    rail: 'hss-3x2x3_16',
    cross: 'hss-3x2x1_8',
    spacingIn: 24,
    tongue: single(48, 48),
    tongueBar: 'hss-4x4x1_4',
    plateLb: 2990,
    axleIn: 87,
    items: [cargo('crates', 1500, [110, 60, 30], 68)],
  }),
  'utility 5 x 10, 3 x 3 single tongue': everyday({
    lengthIn: 120,
    widthIn: 60,
    rail: 'hss-3x2x1_8',
    cross: 'hss-3x2x1_8',
    spacingIn: 24,
    tongue: single(44, 48),
    tongueBar: 'hss-3x3x3_16',
    plateLb: 2200,
    axleIn: 70,
    items: [cargo('crates', 1000, [90, 48, 30], 56)],
  }),
  'angle 4 x 8 with side frames': everyday({
    lengthIn: 96,
    widthIn: 48,
    rail: 'l-2x2x3_16',
    cross: 'l-2x2x3_16',
    spacingIn: 24,
    metal: 'a36',
    tongue: aFrame(40),
    tongueBar: 'l-3x2x3_16',
    plateLb: 1000,
    axleIn: 56,
    items: [cargo('firewood', 500, [80, 40, 16], 46)],
    change: (trailer) => ({
      ...trailer,
      frame: { ...trailer.frame, sides: { kind: 'rail', heightM: inches(20), carries: true } },
    }),
  }),
  'aluminum 4 x 8': everyday({
    lengthIn: 96,
    widthIn: 50,
    rail: 'alu-4x2x3_16',
    cross: 'alu-2x2x1_8',
    spacingIn: 20,
    metal: '6061-t6',
    tongue: aFrame(44),
    tongueBar: 'alu-4x2x3_16',
    plateLb: 1500,
    axleIn: 57,
    items: [cargo('crates', 800, [80, 40, 24], 46)],
  }),
  'backbone of receiver tube': everyday({
    lengthIn: 96,
    widthIn: 56,
    rail: 'hss-3x2x1_8',
    cross: 'hss-3x2x1_8',
    spacingIn: 24,
    tongue: {
      ...PLAIN_TONGUE,
      kind: 'backbone',
      joint: FIXED_JOINT,
      lengthM: inches(46),
      underM: inches(49),
      tipBehindBallM: inches(4),
      sideTubesAheadM: inches(20),
      sideTubeAngleRad: Math.PI / 4,
    },
    tongueBar: 'hss-2-1_2x2-1_2x1_4',
    plateLb: 2500,
    axleIn: 56,
    items: [cargo('crates', 1200, [80, 48, 30], 46)],
  }),
  'cart 3 x 3 of 1 in tube': everyday({
    lengthIn: 36,
    widthIn: 36,
    rail: 'tube-1x1x11ga',
    cross: 'tube-1x1x11ga',
    spacingIn: 12,
    metal: 'unmarked-tube',
    tongue: single(30, 18),
    tongueBar: 'tube-1-1_2x1-1_2x11ga',
    plateLb: 300,
    axleIn: 21,
    items: [cargo('logs', 200, [30, 30, 16], 17)],
    change: all(
      packed('cross.1'),
      gear((own) => ({
        ...own,
        axle: { ...own.axle, massKg: 8, tubeDiameterM: inches(1.25), hubFaceM: inches(42) },
        suspension: { ...own.suspension, kind: 'none', trackM: inches(42), springMassKg: 0 },
        tire: { ...own.tire, diameterM: inches(16), loadedRadiusM: inches(7.7), widthM: inches(5), maxLoadKg: 180 },
        wheel: { ...own.wheel, assemblyMassKg: 5 },
        measuredRailTopM: inches(19),
      })),
      (trailer) => ({
        ...trailer,
        coupling: { ...trailer.coupling, massKg: 2, jackMassKg: 0 },
        frame: {
          ...trailer.frame,
          deck: { kind: 'plywood', thicknessM: inches(0.5), seat: 'on-top', incised: false, sheet: null, cutouts: [] },
        },
      }),
    ),
  }),
  'deck-over 8 x 5': everyday({
    lengthIn: 60,
    widthIn: 96,
    rail: 'hss-4x2x3_16',
    cross: 'hss-4x2x1_8',
    spacingIn: 15,
    tongue: single(60, 60),
    tongueBar: 'hss-4x4x1_4',
    plateLb: 3500,
    axleIn: 36,
    items: [cargo('pallet', 1800, [40, 48, 40], 29)],
    change: gear((own) => ({
      ...own,
      axle: { ...axleFromCatalog('axle-5200'), hubFaceM: inches(80) },
      suspension: { ...own.suspension, trackM: inches(80), springCentresM: inches(66) },
      measuredRailTopM: inches(33),
    })),
  }),
};

/** A tongue whose end is welded on the front header's face: 5 x 8 ft, rails and headers 4 x 2 x 1/8, 48 in long, fillets of 1/4 in. */
export const butting = (
  kind: 'straight' | 'a-frame',
  tongueBar: string,
  plateLb: number,
  headerBar = 'hss-4x2x1_8',
): Trailer =>
  everyday({
    lengthIn: 96,
    widthIn: 60,
    rail: headerBar,
    cross: 'hss-2x2x1_8',
    spacingIn: 24,
    tongue:
      kind === 'a-frame'
        ? {
            ...PLAIN_TONGUE,
            kind: 'a-frame',
            lengthM: inches(48),
            includedAngleRad: (50 * Math.PI) / 180,
            rearEnd: 'header',
            apexBehindBallM: inches(3),
          }
        : single(48, 0),
    tongueBar,
    plateLb,
    axleIn: 58,
    items: [cargo('crates', plateLb / 2, [80, 48, 24], 46)],
    change: (trailer) => ({ ...trailer, strength: { ...trailer.strength, weldLegM: inches(1 / 4) } }),
  });

const machine = cargo('machine', 4500, [150, 66, 60], 132, { wheels: { baseM: inches(100), trackM: inches(58) } });
const hauler = (spacingIn: number, plateLb: number): Trailer =>
  everyday({
    lengthIn: 240,
    widthIn: 82,
    rail: 'c6x8.2',
    cross: 'c3x4.1',
    spacingIn,
    metal: 'a36',
    tongue: aFrame(48),
    tongueBar: 'c6x8.2',
    plateLb,
    axleIn: 146,
    items: [machine],
    change: hauling,
  });

/** Two haulers of light channel: a little over at most, by their builders' own statics. */
export const HAULERS: Readonly<Record<string, Trailer>> = {
  'hauler 20 ft, C6, bars 16 in apart, 9,990 lb': hauler(16, 9990),
  'hauler 20 ft, C6, bars 24 in apart, 9,275 lb': hauler(24, 9275),
};

/** Six more that are built and towed every day. */
export const MORE_EVERYDAY: Readonly<Record<string, Trailer>> = {
  'utility 6 x 10 of channel': everyday({
    lengthIn: 120,
    widthIn: 76,
    rail: 'c4x5.4',
    cross: 'c3x4.1',
    spacingIn: 24,
    metal: 'a36',
    tongue: aFrame(48),
    tongueBar: 'c4x5.4',
    plateLb: 2990,
    axleIn: 71,
    items: [cargo('crates', 1400, [100, 60, 24], 58)],
  }),
  'angle 5 x 8 with side frames': everyday({
    lengthIn: 96,
    widthIn: 60,
    rail: 'l-3x2x3_16',
    cross: 'l-3x2x3_16',
    spacingIn: 24,
    metal: 'a36',
    tongue: aFrame(42),
    tongueBar: 'c3x4.1',
    plateLb: 1500,
    axleIn: 56,
    items: [cargo('firewood', 750, [80, 48, 16], 46)],
    change: (trailer) => ({
      ...trailer,
      frame: { ...trailer.frame, sides: { kind: 'rail', heightM: inches(20), carries: true } },
    }),
  }),
  'utility 5 x 8, tongue butting on a stout header': butting('a-frame', 'hss-4x2x3_16', 1900, 'hss-4x2x3_16'),
  'utility 6 x 10 with brakes': everyday({
    lengthIn: 120,
    widthIn: 72,
    rail: 'hss-3x2x3_16',
    cross: 'hss-2x2x1_8',
    spacingIn: 20,
    tongue: aFrame(48),
    tongueBar: 'hss-3x2x3_16',
    plateLb: 2990,
    axleIn: 72,
    items: [cargo('crates', 1500, [100, 56, 30], 58)],
    change: (trailer) => ({ ...trailer, coupling: { ...trailer.coupling, brakes: 'fitted' } }),
  }),
  'tandem 16 ft of tube with brakes': everyday({
    lengthIn: 192,
    widthIn: 78,
    rail: 'hss-6x2x3_16',
    cross: 'hss-3x2x3_16',
    spacingIn: 16,
    tongue: aFrame(52),
    tongueBar: 'hss-6x2x3_16',
    plateLb: 7000,
    axleIn: 116,
    items: [cargo('bricks', 4000, [140, 60, 24], 104)],
    change: hauling,
  }),
  'torsion tandem 14 ft of tube': everyday({
    lengthIn: 168,
    widthIn: 76,
    rail: 'hss-5x2x3_16',
    cross: 'hss-3x2x1_8',
    spacingIn: 16,
    tongue: aFrame(52),
    tongueBar: 'hss-5x2x3_16',
    plateLb: 5500,
    axleIn: 100,
    items: [cargo('bricks', 3000, [120, 60, 24], 91)],
    change: all(
      gear((own) => ({
        ...own,
        layout: 'tandem-independent',
        spacingM: inches(34),
        suspension: { ...own.suspension, kind: 'torsion', mounting: 'bolted' },
      })),
      (trailer) => ({ ...trailer, coupling: { ...trailer.coupling, brakes: 'fitted' } }),
    ),
  }),
};
