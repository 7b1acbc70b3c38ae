import { axleFromCatalog, couplingFromCatalog, newProject, type Project, tireFromCatalog } from '../project/index.js';
import { millimetres } from '../units/index.js';
import { demoCase, demoItem } from './items.js';

const base = newProject({
  id: 'demo.telescope-trailer',
  name: 'Telescope trailer',
  units: 'metric',
  newId: () => 'unused',
});

/** A stargazing club's aluminum trailer in mm and kg. Its honest problem: a cross-member's weld beside the rails' peak moment. All data made up. */
export const telescopeTrailer: Project = {
  ...base,
  notes: 'Light enough for a small car; the club rolls it onto the hill by hand. Invented for this demo.',
  job: {
    purpose: 'The club’s telescope to dark places',
    road: 'rough',
    maxWidthM: millimetres(2100),
    maxLengthM: millimetres(5000),
  },
  towVehicle: {
    name: 'Club estate car',
    massKg: 1450,
    hitchHeightM: millimetres(400),
    tongueLimitKg: 75,
    towLimitKg: 750,
    studCircle: '5 x 112',
  },
  ratedGrossKg: 600,
  settings: { ...base.settings, regions: ['europe'], tongueSchool: 'own' },
  tongueBand: { minShare: 0.06, maxShare: 0.12, minKg: null, maxKg: 75 },
  wantedTongueShare: 0.09,
  frame: {
    ...base.frame,
    bed: { lengthM: millimetres(2500), widthM: millimetres(1300), corner: 'rails-through' },
    groups: {
      rail: { sectionId: 'alu-mm-120x60x4', materialId: '6082-t6' },
      header: { sectionId: 'alu-mm-120x60x5', materialId: '6082-t6' },
      cross: { sectionId: 'alu-mm-60x60x4', materialId: '6082-t6' },
      tongue: { sectionId: 'alu-mm-100x50x5', materialId: '6082-t6' },
      side: { sectionId: 'alu-mm-30x30x3', materialId: '6082-t6' },
    },
    crossMembers: {
      kind: 'explicit',
      members: [440, 850, 1260, 1670, 2080].map((xMm, i) => ({ id: `cross.${i + 1}`, xM: millimetres(xMm) })),
    },
    tongue: {
      kind: 'straight',
      lengthM: millimetres(1300),
      underM: millimetres(1250),
      tipBehindBallM: millimetres(100),
    },
    deck: { kind: 'plywood', thicknessM: millimetres(15), seat: 'recessed' },
    sides: { kind: 'none' },
  },
  strength: { ...base.strength, weldLegM: millimetres(5) },
  runningGear: {
    ...base.runningGear,
    positionM: millimetres(1420),
    axle: { ...axleFromCatalog('axle-750kg'), hubFaceM: millimetres(1650) },
    suspension: {
      kind: 'torsion',
      hangerSpacingM: millimetres(600),
      springMassKg: 0,
      armM: millimetres(145),
      trackM: millimetres(1650),
      mounting: 'bolted',
    },
    tire: tireFromCatalog('155-13-79n'),
    wheel: { maxLoadKg: 437, assemblyMassKg: 13 },
    railTopHeightM: millimetres(520),
  },
  coupling: {
    ...couplingFromCatalog('coupler-750kg'),
    tongueLimitKg: 75,
    jackMassKg: 4,
    jackBehindBallM: millimetres(350),
    chains: 'fitted',
    brakes: 'none',
  },
  items: [
    demoItem({
      id: 'base',
      name: 'Mount and base',
      massKg: 150,
      basis: 'weighed',
      sizeM: [0.9, 0.9, 0.5],
      offsetM: 1.25,
    }),
    demoItem({
      id: 'tube',
      name: 'Telescope tube',
      massKg: 95,
      basis: 'weighed',
      sizeM: [2.0, 0.6, 0.6],
      offsetM: 1.15,
      aboveM: 0.5,
    }),
    demoItem({
      id: 'battery',
      name: 'Battery box',
      kind: 'fixed',
      massKg: 38,
      basis: 'listed',
      sizeM: [0.4, 0.3, 0.3],
      offsetM: 0.35,
      rightM: 0.3,
    }),
    demoItem({ id: 'ramp', name: 'Folding ramp', massKg: 45, sizeM: [0.3, 1.1, 0.8], offsetM: 2.3 }),
    demoItem({ id: 'tents', name: 'Awnings and chairs', massKg: 80, sizeM: [0.7, 1.1, 0.5], offsetM: 0.55 }),
  ],
  cases: [
    demoCase('empty', 'Empty', [], { shares: [0.05, 0.2] }),
    demoCase('club-night', 'Club night', ['base', 'tube', 'ramp', 'tents']),
    demoCase('telescope-only', 'Telescope only', ['base', 'tube']),
    demoCase('service', 'Base to the workshop', ['base', 'ramp']),
    demoCase('hill', 'Parked on the hill', ['base', 'tube'], { mode: 'parked' }),
  ],
  axleCaseId: 'case.club-night',
};
