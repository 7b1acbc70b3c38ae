import { axleFromCatalog, couplingFromCatalog, newProject, type Project, tireFromCatalog } from '../project/index.js';
import { inches, pounds } from '../units/index.js';
import { demoCase, demoItem } from './items.js';

const base = newProject({
  id: 'demo.apiary-flatbed',
  name: 'Apiary flatbed',
  units: 'imperial',
  newId: () => 'unused',
});

/** A beekeeper's single-axle flatbed for hives and honey. Its honest problem: cross-members too light under full hives. All data made up. */
export const apiaryFlatbed: Project = {
  ...base,
  notes: 'Carries hives to the orchards in spring and honey home in late summer. Invented for this demo.',
  job: { purpose: 'Hives to the orchards, honey home', road: 'rough', maxWidthM: inches(96), maxLengthM: inches(216) },
  towVehicle: {
    name: 'Farm pickup',
    massKg: pounds(4800),
    hitchHeightM: inches(19),
    tongueLimitKg: pounds(500),
    towLimitKg: pounds(5000),
    studCircle: '5 on 4-1/2 in',
  },
  ratedGrossKg: pounds(2900),
  frame: {
    ...base.frame,
    bed: { lengthM: inches(120), widthM: inches(64), corner: 'rails-through' },
    groups: {
      rail: { sectionId: 'hss-4x2x3_16', materialId: 'a500b' },
      header: { sectionId: 'hss-4x2x3_16', materialId: 'a500b' },
      cross: { sectionId: 'hss-2x1-1_2x1_8', materialId: 'a500b' },
      tongue: { sectionId: 'hss-4x2x3_16', materialId: 'a500b' },
      side: { sectionId: 'tube-1-1_2x1-1_2x14ga', materialId: 'unmarked-tube' },
    },
    crossMembers: {
      kind: 'explicit',
      members: [22, 44, 72, 96].map((xIn, i) => ({ id: `cross.${i + 1}`, xM: inches(xIn) })),
    },
    // The one that was lying about.
    overrides: { 'cross.3': { sectionId: 'hss-2x1x1_8' } },
    tongue: {
      ...base.frame.tongue,
      kind: 'a-frame',
      lengthM: inches(50),
      includedAngleRad: (50 * Math.PI) / 180,
      rearEnd: 'under',
      apexBehindBallM: inches(3),
    },
    deck: { ...base.frame.deck, thicknessM: inches(7 / 8) },
    sides: { kind: 'none' },
  },
  strength: { ...base.strength, weldLegM: inches(1 / 4) },
  runningGear: {
    ...base.runningGear,
    positionM: inches(69),
    axle: { ...axleFromCatalog('axle-3500'), hubFaceM: inches(80) },
    suspension: {
      kind: 'leaf',
      hangerSpacingM: inches(27),
      springMassKg: pounds(34),
      armM: inches(6),
      trackM: inches(80),
      mounting: 'welded',
    },
    tire: tireFromCatalog('st205-15c'),
    wheel: { maxLoadKg: pounds(1870), assemblyMassKg: pounds(43) },
    railTopHeightM: inches(23),
  },
  coupling: { ...couplingFromCatalog('coupler-5000-a-frame'), tongueLimitKg: null, chains: 'fitted', brakes: 'fitted' },
  items: [
    demoItem({
      id: 'spare',
      name: 'Spare wheel',
      kind: 'fixed',
      massKg: pounds(43),
      basis: 'listed',
      sizeM: [inches(8), inches(27), inches(27)],
      on: 'tongue',
      offsetM: inches(-29),
    }),
    demoItem({
      id: 'box',
      name: 'Smoker box',
      kind: 'fixed',
      massKg: pounds(45),
      sizeM: [inches(18), inches(30), inches(14)],
      on: 'tongue',
      from: 'front',
      offsetM: inches(-14),
    }),
    demoItem({
      id: 'front-hives',
      name: 'Front hives',
      massKg: pounds(640),
      sizeM: [inches(40), inches(48), inches(34)],
      offsetM: inches(26),
    }),
    demoItem({
      id: 'middle-hives',
      name: 'Middle hives',
      massKg: pounds(700),
      sizeM: [inches(36), inches(48), inches(34)],
      offsetM: inches(66),
    }),
    demoItem({
      id: 'rear-hives',
      name: 'Rear hives',
      massKg: pounds(480),
      sizeM: [inches(30), inches(48), inches(34)],
      offsetM: inches(101),
    }),
    demoItem({
      id: 'honey',
      name: 'Honey drums',
      massKg: pounds(1150),
      basis: 'weighed',
      sizeM: [inches(72), inches(48), inches(36)],
      offsetM: inches(58),
    }),
    demoItem({
      id: 'empties',
      name: 'Empty hives',
      massKg: pounds(500),
      sizeM: [inches(96), inches(48), inches(34)],
      offsetM: inches(66),
    }),
  ],
  cases: [
    demoCase('empty', 'Empty', [], { shares: [0.08, 0.25] }),
    demoCase('out', 'Empty hives out', ['empties']),
    demoCase('full-hives', 'Full hives', ['front-hives', 'middle-hives', 'rear-hives']),
    demoCase('honey', 'Honey home', ['honey']),
    demoCase('parked', 'Parked, full hives', ['front-hives', 'middle-hives', 'rear-hives'], { mode: 'parked' }),
  ],
  axleCaseId: 'case.full-hives',
};
