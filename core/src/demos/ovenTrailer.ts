import {
  axleFromCatalog,
  couplingFromCatalog,
  newProject,
  type Project,
  tireFromCatalog,
  USUAL_SUSPENSION,
} from '../project/index.js';
import { inches, pounds } from '../units/index.js';
import { demoCase, demoItem } from './items.js';

const base = newProject({ id: 'demo.oven-trailer', name: 'Oven trailer', units: 'imperial', newId: () => 'unused' });

/**
 * A wood-fired oven on a tandem: heavy and off-centre. Its honest problems: axles one size small, and two loads that agree on no
 * axle place. All data made up.
 */
export const ovenTrailer: Project = {
  ...base,
  notes: 'The oven stands left of the middle so that the baker has room on the right. Invented for this demo.',
  job: { purpose: 'Bread and flatbread at markets', road: 'road', maxWidthM: inches(102), maxLengthM: inches(240) },
  towVehicle: {
    name: 'Delivery van',
    massKg: pounds(6200),
    hitchHeightM: inches(20),
    tongueLimitKg: pounds(900),
    towLimitKg: pounds(7500),
    studCircle: '6 on 5-1/2 in',
  },
  ratedGrossKg: pounds(6000),
  frame: {
    ...base.frame,
    bed: { lengthM: inches(144), widthM: inches(72), corner: 'rails-through' },
    groups: {
      rail: { sectionId: 'hss-6x3x3_16', materialId: 'a500b' },
      header: { sectionId: 'hss-6x3x3_16', materialId: 'a500b' },
      cross: { sectionId: 'hss-4x2x3_16', materialId: 'a500b' },
      tongue: { sectionId: 'hss-5x2x1_4', materialId: 'a500b' },
      side: { sectionId: 'tube-1-1_2x1-1_2x14ga', materialId: 'unmarked-tube' },
    },
    crossMembers: { kind: 'spacing', maxSpacingM: inches(24) },
    tongue: {
      ...base.frame.tongue,
      kind: 'a-frame',
      lengthM: inches(54),
      includedAngleRad: (50 * Math.PI) / 180,
      rearEnd: 'under',
      apexBehindBallM: inches(3),
    },
    deck: { kind: 'steel-sheet', thicknessM: inches(0.125), seat: 'on-top' },
    sides: { kind: 'none' },
  },
  strength: { ...base.strength, weldLegM: inches(1 / 4) },
  runningGear: {
    ...base.runningGear,
    layout: 'tandem-equaliser',
    positionM: inches(90),
    spacingM: inches(33),
    axle: { ...axleFromCatalog('axle-2200'), hubFaceM: inches(86) },
    suspension: {
      kind: 'leaf',
      hangerSpacingM: inches(26),
      springMassKg: pounds(34),
      armM: inches(6),
      trackM: inches(86),
      mounting: 'welded',
      ...USUAL_SUSPENSION,
    },
    tire: tireFromCatalog('st205-15c'),
    wheel: { ...base.runningGear.wheel, maxLoadKg: pounds(1870), assemblyMassKg: pounds(43) },
    railTopHeightM: inches(25.25),
  },
  coupling: { ...couplingFromCatalog('coupler-7000-a-frame'), chains: 'fitted', brakes: 'fitted' },
  items: [
    demoItem({
      id: 'oven',
      name: 'Brick oven',
      kind: 'fixed',
      massKg: pounds(2600),
      basis: 'listed',
      sizeM: [inches(62), inches(56), inches(64)],
      offsetM: inches(78),
      rightM: inches(-6),
    }),
    demoItem({
      id: 'chimney',
      name: 'Chimney',
      kind: 'fixed',
      massKg: pounds(60),
      sizeM: [inches(10), inches(10), inches(36)],
      offsetM: inches(52),
      rightM: inches(-6),
      aboveM: inches(64),
    }),
    demoItem({
      id: 'counter',
      name: 'Counter',
      kind: 'fixed',
      massKg: pounds(180),
      sizeM: [inches(60), inches(14), inches(36)],
      offsetM: inches(80),
      rightM: inches(27),
    }),
    demoItem({
      id: 'water',
      name: 'Water tank',
      kind: 'tank',
      massKg: pounds(330),
      emptyMassKg: pounds(25),
      basis: 'listed',
      sizeM: [inches(20), inches(40), inches(14)],
      offsetM: inches(16),
    }),
    demoItem({
      id: 'wood',
      name: 'Firewood',
      massKg: pounds(600),
      sizeM: [inches(24), inches(60), inches(30)],
      offsetM: inches(130),
    }),
    demoItem({
      id: 'flour',
      name: 'Flour and dough',
      massKg: pounds(420),
      sizeM: [inches(24), inches(48), inches(24)],
      offsetM: inches(26),
      aboveM: inches(14),
    }),
  ],
  cases: [
    demoCase('empty', 'Oven only', []),
    demoCase('to-market', 'To market', ['flour', 'wood', 'water']),
    demoCase('wood-run', 'Wood run', ['wood']),
    demoCase('home', 'Home, flour left', ['flour', 'water']),
    demoCase('baking', 'Parked, baking', ['flour', 'wood', 'water'], { mode: 'parked' }),
  ],
  axleCaseId: 'case.to-market',
};
