import {
  BOARD_M,
  COAT_SOURCE,
  coatingChoice,
  coatingFigures,
  contactsOf,
  deckSeal,
  SEAL_SOURCE,
} from '../coating/index.js';
import type { Evaluation } from '../evaluation/index.js';
import { boughtOf, sheetPlan, type StickSection } from '../fabrication/index.js';
import type { StepId } from '../findings/index.js';
import {
  type Circuit,
  circuitsOf,
  CLIP_EVERY_M,
  gaugesOf,
  houseFigures,
  lampsToBuy,
  tapeM,
  wireHoles,
  wireRuns,
  wireToBuy,
} from '../lighting/index.js';
import { axleCount, spareWheels } from '../mass/index.js';
import type { PurchaseGroup, Trailer } from '../project/index.js';
import { readStuds } from '../running-gear/index.js';
import { commonPractice, type Source } from '../source.js';
import {
  allWelds,
  cuttingDiscs,
  DISC_SOURCE,
  flapDiscs,
  GAS_SOURCE,
  gasM3,
  type WeldLength,
  wireByMetal,
  WIRE_SOURCE,
} from './consumables.js';
import type { LineUnit, LineWhat, PartCode, PurchaseLine } from './line.js';

const line = (
  id: string,
  group: PurchaseGroup,
  step: StepId,
  what: LineWhat,
  needed: number,
  more: Partial<Pick<PurchaseLine, 'unit' | 'each' | 'subject' | 'source'>> = {},
): PurchaseLine => ({
  unit: 'piece',
  each: null,
  subject: undefined,
  source: undefined,
  ...more,
  id,
  group,
  step,
  what,
  needed,
});

/** A part by its name; none where none is needed. */
const part = (
  group: PurchaseGroup,
  step: StepId,
  code: PartCode,
  needed: number,
  more: {
    readonly named?: string;
    readonly ratedKg?: number | undefined;
    readonly sizeM?: number | undefined;
    readonly unit?: LineUnit;
    readonly subject?: string;
    readonly source?: Source;
  } = {},
): PurchaseLine[] => {
  const { named = '', ratedKg, sizeM, ...rest } = more;
  return needed > 0 ? [line(code, group, step, { kind: 'part', part: code, named, ratedKg, sizeM }, needed, rest)] : [];
};

/** Millimetres, for ids: what a line is of, whatever the units. */
const mm = (lengthM: number): number => Math.round(lengthM * 1000);

const metalLines = (sections: readonly StickSection[]): readonly PurchaseLine[] =>
  sections.flatMap((section) => {
    const { sectionId, designation, materialName } = section;
    const toSize = new Set(
      section.sticks.filter(({ origin }) => origin === 'cut-to-size').map(({ lengthM }) => lengthM),
    );
    return boughtOf(section).map(({ lengthM, count, priceEach }) =>
      line(
        `stick:${sectionId}:${materialName}:${mm(lengthM)}`,
        'metal',
        'cut',
        { kind: 'stick', sectionId, designation, materialName, lengthM, toSize: toSize.has(lengthM) },
        count,
        { each: priceEach },
      ),
    );
  });

/** Deck, panels and plates by whole sheets, as they are cut; planks by their area. */
const sheetLines = (trailer: Trailer, { chassis, cutList }: Evaluation): readonly PurchaseLine[] => {
  const { deck } = trailer.frame;
  const panel = chassis.panels.find(({ kind }) => kind === 'deck');
  const planksM2 =
    panel && deck.kind === 'planks' ? (panel.extent.x1M - panel.extent.x0M) * (panel.y1M - panel.y0M) : 0;
  const planks = cutList.panels.filter(({ kind }) => kind === 'planks');
  const allM2 = planks.reduce((sum, { lengthM, widthM, quantity }) => sum + lengthM * widthM * quantity, planksM2);
  const thicknessM = planksM2 > 0 ? deck.thicknessM : (planks[0]?.thicknessM ?? 0);
  return [
    ...(allM2 > 0
      ? [
          line('planks', 'sheets', 'frame', { kind: 'sheet', of: 'planks', thicknessM, sheet: undefined }, allM2, {
            unit: 'm2' as const,
          }),
        ]
      : []),
    ...sheetPlan(trailer, chassis, cutList).map(({ of, materialName, thicknessM: thickM, sheet, sheets, priceEach }) =>
      line(
        `sheet:${of}:${materialName ?? ''}:${mm(thickM * 10)}:${mm(sheet.lengthM)}`,
        of === 'plate' ? 'metal' : 'sheets',
        'cut',
        of === 'plate'
          ? { kind: 'plate', materialName: materialName ?? '', thicknessM: thickM, sheet }
          : { kind: 'sheet', of, thicknessM: thickM, sheet },
        sheets.length,
        { each: priceEach },
      ),
    ),
  ];
};

const axleLines = (trailer: Trailer, count: number): readonly PurchaseLine[] => {
  const { axle, suspension } = trailer.runningGear;
  const { homeBuilt } = axle;
  const across = suspension.kind !== 'stub' && suspension.kind !== 'walking-beam' && suspension.kind !== 'swing-arm';
  if (count === 0) return [];
  if (!homeBuilt && across)
    return [
      line(
        'axle',
        'running-gear',
        'axle',
        {
          kind: 'axle',
          name: axle.name,
          ratingKg: axle.ratingKg,
          hubFaceM: axle.hubFaceM,
          springCentresM: suspension.kind === 'leaf' ? (suspension.springCentresM ?? undefined) : undefined,
          tubeDiameterM: axle.tubeDiameterM,
          studCircle: axle.studCircle,
          dropM: axle.dropM,
          brakes: trailer.coupling.brakes === 'fitted',
        },
        count,
        { subject: 'axle.1' },
      ),
    ];
  const tubeM = axle.hubFaceM;
  return [
    ...(homeBuilt && across
      ? [
          line(
            'axle-tube',
            'running-gear',
            'axle',
            { kind: 'axle-tube', diameterM: axle.tubeDiameterM, wallM: homeBuilt.wallM, lengthM: tubeM },
            count,
            { subject: 'axle.1' },
          ),
        ]
      : []),
    ...part('running-gear', 'axle', 'spindle', 2 * count, {
      ratedKg: homeBuilt?.spindleKg ?? undefined,
      subject: 'axle.1',
    }),
    ...part('running-gear', 'axle', 'hub', 2 * count, {
      named: axle.studCircle,
      ratedKg: homeBuilt?.hubKg ?? undefined,
      subject: 'axle.1',
    }),
  ];
};

/** Hangers to a side: one ahead of the springs, one between each two, one behind. */
const hangersOf = (trailer: Trailer, count: number): number =>
  trailer.runningGear.suspension.kind !== 'leaf'
    ? 0
    : trailer.runningGear.layout.endsWith('independent')
      ? 4 * count
      : 2 * (count + 1);

const runningGearLines = (trailer: Trailer, evaluation: Evaluation): readonly PurchaseLine[] => {
  const { suspension, tire, wheel, fender, axle, layout } = trailer.runningGear;
  const count = axleCount(trailer);
  const spares = spareWheels(trailer, evaluation.chassis).length;
  const studs = readStuds(wheel.studCircle || axle.studCircle)?.count ?? 0;
  const leaf = suspension.kind === 'leaf';
  const { spring } = suspension;
  const more = { subject: 'axle.1' };
  return [
    ...axleLines(trailer, count),
    ...part('running-gear', 'axle', 'spring', leaf ? 2 * count : 0, {
      ...more,
      ratedKg: spring.ratingKg ?? undefined,
      sizeM: spring.kind === 'slipper' ? (spring.slipperM ?? spring.eyeToEyeM) : spring.eyeToEyeM,
      named: spring.kind,
    }),
    ...part('running-gear', 'axle', 'hanger', hangersOf(trailer, count), more),
    ...part('running-gear', 'axle', 'equaliser', layout.endsWith('equaliser') && leaf ? 2 * (count - 1) : 0, {
      ...more,
      sizeM: suspension.equaliserM ?? undefined,
    }),
    ...part('running-gear', 'axle', 'u-bolt', leaf ? 4 * count : 0, { ...more, sizeM: axle.tubeDiameterM }),
    ...part('running-gear', 'axle', 'shock', suspension.shocks ? 2 * count : 0, more),
    ...part('running-gear', 'axle', 'tire', 2 * count, {
      ...more,
      named: tire.name,
      ratedKg: tire.maxLoadKg ?? undefined,
    }),
    ...part('running-gear', 'axle', 'wheel', 2 * count, {
      ...more,
      named: wheel.studCircle,
      ratedKg: wheel.maxLoadKg ?? undefined,
      sizeM: wheel.rimM ?? undefined,
    }),
    ...part('running-gear', 'frame', 'spare-wheel', spares, { ...more, named: tire.name }),
    ...part('running-gear', 'axle', 'wheel-nut', studs * 2 * count, { ...more, named: wheel.studCircle }),
    ...part('running-gear', 'axle', 'fender', fender.kind === 'fitted' ? 2 : 0, { sizeM: tire.widthM }),
  ];
};

const couplingLines = (trailer: Trailer): readonly PurchaseLine[] => {
  const { coupling, ratedGrossKg, towVehicle } = trailer;
  const gross = ratedGrossKg ?? undefined;
  if (!coupling.fitted) return [];
  const { safetyChain } = coupling;
  // Where nobody has decided they are on the list: a list that lacks them would be taken for a decision.
  const chains = coupling.chains === 'none' || towVehicle?.kind === 'muscle' ? 0 : safetyChain.count;
  const ball = coupling.kind === 'ball' && towVehicle?.kind !== 'muscle' ? 1 : 0;
  const count = axleCount(trailer);
  const more = { subject: 'coupler' };
  return [
    ...part('coupling', 'tongue', 'coupler', 1, {
      ...more,
      named: coupling.homeMade ? '' : coupling.name,
      ratedKg: gross,
      sizeM: coupling.ballDiameterM > 0 ? coupling.ballDiameterM : undefined,
    }),
    ...part('coupling', 'tongue', 'coupler-bolt', coupling.mount === 'bolted' ? coupling.bolts.count : 0, {
      ...more,
      named: coupling.bolts.grade,
      sizeM: coupling.bolts.diameterM,
    }),
    ...part('coupling', 'tongue', 'ball', ball, {
      ...more,
      ratedKg: gross,
      sizeM: coupling.ball.diameterM ?? (coupling.ballDiameterM > 0 ? coupling.ballDiameterM : undefined),
    }),
    ...part('coupling', 'tongue', 'ball-mount', ball, { ...more, ratedKg: gross }),
    ...part('coupling', 'tongue', 'safety-chain', chains, {
      ...more,
      ratedKg: gross,
      sizeM: safetyChain.lengthM ?? undefined,
    }),
    ...part('coupling', 'tongue', 'chain-hook', chains, { ...more, ratedKg: gross }),
    ...part(
      'coupling',
      'tongue',
      'brake',
      coupling.brakes === 'fitted' && trailer.runningGear.axle.homeBuilt ? 2 * count : 0,
      more,
    ),
    ...part('coupling', 'tongue', 'breakaway', coupling.breakaway === 'fitted' ? 1 : 0, more),
    ...part('coupling', 'tongue', 'jack', coupling.jack.fitted ? 1 : 0, {
      subject: 'jack',
      named: coupling.jack.foot,
      ratedKg: coupling.jack.ratedKg ?? undefined,
    }),
  ];
};

/** Beyond what the wire's run is on the drawing: bends, branches, ends. Common practice. */
const WIRE_MORE = 1.3;
const WIRE_SOURCE_RULE: Source = commonPractice('tongue and bed, there and along both sides, and three tenths more');
const LOOM_SOURCE: Source = commonPractice('along the main run, a clip every 18 in (450 mm)');

/** Where no region with rules is set nobody knows which lamps: a lump of them, and wire by a rule of thumb. */
const unruled = ({ frame: { bed, tongue } }: Trailer): readonly PurchaseLine[] => {
  const wireM = (tongue.lengthM + 2 * bed.lengthM + 2 * bed.widthM) * WIRE_MORE;
  return [
    ...part('electrics', 'tongue', 'lamps', 1, { sizeM: bed.widthM }),
    ...part('electrics', 'tongue', 'wire', wireM, { unit: 'm', source: WIRE_SOURCE_RULE }),
  ];
};

/** Stranded wire of the road's circuits and the living body's together, one line to a gauge. */
const wireLines = (wires: readonly Pick<Circuit, 'wire' | 'runM'>[]): readonly PurchaseLine[] =>
  wireToBuy(wires).map(({ wire: { awg, areaMm2 }, lengthM }) =>
    line(`wire:${awg}`, 'electrics', 'build', { kind: 'wire', awg, areaMm2 }, lengthM, { unit: 'm' }),
  );

/** There and back: a living body's loads have a wire of their own to the battery's ground. */
const houseWires = (trailer: Trailer): readonly Pick<Circuit, 'wire' | 'runM'>[] => {
  const { house } = trailer.lighting ?? {};
  return house ? houseFigures(house).runs.map(({ wire, load }) => ({ wire, runM: 2 * load.runM })) : [];
};

const houseLines = (trailer: Trailer): readonly PurchaseLine[] => {
  const { house } = trailer.lighting ?? {};
  if (!house || house.loads.length === 0) return [];
  return [
    line(
      'house-battery',
      'electrics',
      'build',
      { kind: 'battery', of: house.battery, ampereHours: house.batteryAh },
      1,
    ),
    ...part('electrics', 'build', 'fuse-box', 1, { named: String(house.loads.length) }),
    ...part('electrics', 'build', 'main-fuse', 1, { named: String(houseFigures(house).mainFuseA) }),
    ...(house.sun && house.sun.watts > 0
      ? part('electrics', 'build', 'solar', 1, { named: String(house.sun.watts) })
      : []),
  ];
};

const roadLines = (trailer: Trailer, evaluation: Evaluation, circuits: readonly Circuit[]): readonly PurchaseLine[] => {
  const { plug } = trailer.coupling;
  if (plug === 'none' || !trailer.coupling.fitted) return [];
  const plugLine = part('electrics', 'tongue', 'plug', 1, {
    named: plug === 'not-decided' ? '' : plug,
    subject: 'coupler',
  });
  const lamps = lampsToBuy(evaluation);
  if (lamps.length === 0) return [...plugLine, ...unruled(trailer)];
  const { main, branch } = gaugesOf(circuits);
  const { holes } = wireHoles(evaluation, main, branch);
  const loomM = wireRuns(evaluation).rightM;
  const more = { source: LOOM_SOURCE };
  return [
    ...plugLine,
    ...lamps.map(({ code, colour, serves, count }) =>
      line(`lamp:${code}`, 'electrics', 'build', { kind: 'lamp', lamp: code, colour, serves }, count),
    ),
    ...part('electrics', 'build', 'tape', tapeM(evaluation), { unit: 'm' }),
    ...part('electrics', 'build', 'junction-box', 1),
    ...part('electrics', 'build', 'loom', loomM, { unit: 'm', ...more }),
    ...part('electrics', 'build', 'clip', Math.ceil(loomM / CLIP_EVERY_M), more),
    ...part('electrics', 'build', 'grommet', holes.length),
  ];
};

const electricLines = (trailer: Trailer, evaluation: Evaluation): readonly PurchaseLine[] => {
  const circuits = trailer.coupling.fitted ? circuitsOf(evaluation, trailer.lighting?.lamps ?? 'led') : [];
  return [
    ...roadLines(trailer, evaluation, circuits),
    ...wireLines([...circuits, ...houseWires(trailer)]),
    ...houseLines(trailer),
  ];
};

/** Screws of a deck: one through each board into each bar under it, or one a foot along each bar. */
const SCREW_EVERY_M = 0.3;
const SCREW_SOURCE: Source = commonPractice('one through each board, or one a foot, into every bar under the deck');

const fittingLines = (trailer: Trailer, { chassis }: Evaluation): readonly PurchaseLine[] => {
  const { deck, tieDowns, stands, pieces } = trailer.frame;
  const panel = chassis.panels.find(({ kind }) => kind === 'deck');
  const across = chassis.members.filter(({ group }) => group === 'cross' || group === 'header').length;
  const everyM = deck.kind === 'planks' ? BOARD_M : SCREW_EVERY_M;
  const screwed = deck.kind === 'planks' || deck.kind === 'plywood' || deck.kind === 'aluminum-sheet';
  const screws = panel && screwed ? across * (Math.ceil((panel.y1M - panel.y0M) / everyM) + 1) : 0;
  const gates = pieces.filter(({ kind }) => kind === 'gate');
  const onChains = gates.filter((gate) => gate.kind === 'gate' && gate.held === 'chains').length;
  const places = tieDowns.places.length > 0 ? tieDowns.places.length : tieDowns.perSide;
  return [
    ...part('fittings', 'frame', 'deck-screw', screws, { source: SCREW_SOURCE, sizeM: deck.thicknessM }),
    ...part('fittings', 'frame', 'tie-down', 2 * places, {
      named: tieDowns.kind,
      ratedKg: tieDowns.workingLoadKg ?? undefined,
    }),
    ...part('fittings', 'frame', 'stand', 2 * stands.length),
    ...part('fittings', 'frame', 'hinge', 2 * gates.length),
    ...part('fittings', 'frame', 'latch', 2 * gates.length),
    ...part('fittings', 'frame', 'gate-chain', 2 * onChains),
  ];
};

const workLines = ({ chassis, cutList }: Evaluation, worked: readonly WeldLength[]): readonly PurchaseLine[] => {
  const welds = allWelds(chassis, worked);
  const { steelKg, aluminumKg } = wireByMetal(chassis, welds);
  const wire = (metal: string, kg: number): readonly PurchaseLine[] =>
    kg > 0
      ? [
          line(`weld-wire:${metal}`, 'welding', 'strength', { kind: 'part', part: 'weld-wire', named: metal }, kg, {
            unit: 'kg',
            source: WIRE_SOURCE,
          }),
        ]
      : [];
  return [
    ...wire('steel', steelKg),
    ...wire('aluminum', aluminumKg),
    ...part('welding', 'strength', 'gas', gasM3(steelKg + aluminumKg), { unit: 'gas', source: GAS_SOURCE }),
    ...part('welding', 'cut', 'cutting-disc', cuttingDiscs(cutList), { source: DISC_SOURCE }),
    ...part('welding', 'strength', 'flap-disc', flapDiscs(welds), { source: DISC_SOURCE }),
  ];
};

/** What keeps rust, rot and metals apart. */
const coatingLines = (trailer: Trailer, { chassis, cutList }: Evaluation): readonly PurchaseLine[] => {
  const choice = coatingChoice(trailer, chassis);
  const { areaM2, primerM3, paintM3 } = coatingFigures(chassis, choice);
  const steelKg = chassis.members.reduce(
    (sum, { material, massKg, existing }) => sum + (material.family === 'steel' && !existing ? massKg : 0),
    0,
  );
  const tapedM = contactsOf(trailer, chassis).reduce((sum, { lengthM }) => sum + (lengthM ?? 0), 0);
  // Brushed paint is the usual one: it is called by what it is alone.
  const named = choice.system === 'two-pack' ? 'two-pack' : '';
  const paint = (code: 'primer' | 'paint', m3: number): readonly PurchaseLine[] =>
    m3 > 0
      ? [
          line(named ? `${code}:${named}` : code, 'coating', 'frame', { kind: 'part', part: code, named }, m3, {
            unit: 'liquid',
            source: COAT_SOURCE,
          }),
        ]
      : [];
  return [
    ...paint('primer', primerM3),
    ...paint('paint', paintM3),
    ...part('coating', 'frame', 'powder-coat', choice.system === 'powder' ? areaM2 : 0, { unit: 'm2' }),
    ...part('coating', 'frame', 'galvanizing', choice.system === 'galvanized' ? steelKg : 0, { unit: 'kg' }),
    ...part('coating', 'frame', 'isolating-tape', tapedM, { unit: 'm' }),
    ...part('coating', 'frame', 'sealer', deckSeal(trailer, chassis, cutList)?.sealerM3 ?? 0, {
      unit: 'liquid',
      source: SEAL_SOURCE,
    }),
  ];
};

/**
 * Everything that is bought for a trailer. `sections`: its plan of sticks, `welds`: those of its frame, each left out while it is worked
 * out: metal, or the welds' real lengths, are then missing.
 */
export const purchaseLines = (
  trailer: Trailer,
  evaluation: Evaluation,
  sections: readonly StickSection[],
  welds: readonly WeldLength[],
): readonly PurchaseLine[] => [
  ...metalLines(sections),
  ...sheetLines(trailer, evaluation),
  ...runningGearLines(trailer, evaluation),
  ...couplingLines(trailer),
  ...electricLines(trailer, evaluation),
  ...fittingLines(trailer, evaluation),
  ...workLines(evaluation, welds),
  ...coatingLines(trailer, evaluation),
  ...part('papers', 'job', 'plate-and-papers', 1),
  ...part('papers', 'balance', 'weighing', 1),
  ...trailer.buying.lines.map(({ id, group, what, count, priceEach }) =>
    line(id, group, 'cut', { kind: 'own', text: what }, count, { each: priceEach }),
  ),
];
