import { AXLE_ROWS, type AxleRow, COUPLER_ROWS, TIRE_ROWS, VEHICLE_ROWS } from '../catalog/index.js';
import { BRAKE_THRESHOLDS, overrunUpToKg } from '../coupling/index.js';
import { evaluate, type Evaluation } from '../evaluation/index.js';
import {
  asProject,
  axleFromCatalog,
  couplingFromCatalog,
  FIXED_JOINT,
  likeExample,
  metalOfNewSection,
  newProject,
  PLAIN_TONGUE,
  type Project,
  tireFromCatalog,
  type Trailer,
  trailerOf,
  UNKNOWN_VEHICLE,
  USUAL_SUSPENSION,
  type RunningGear,
} from '../project/index.js';
import { type Sections, withSections } from '../strength/index.js';
import { heaviestTowed } from '../towing/index.js';
import { inches, millimetres, pounds } from '../units/index.js';
import type { Answers, StartedWith, StartNote } from './answers.js';

type Region = StartedWith['place']['region'];

/** A straight tongue ends so far behind the bar that it is packed up to; legs stand so far ahead of the rear edge, m. Our choice. */
const UNDER_PAST_M = inches(1);
const STAND_AHEAD_M = inches(8);
/** Left about the goods to lash and to reach them, and between a tire and the bed, m. Common practice. */
const ABOUT_GOODS_M = inches(2);
const TIRE_GAP_M = inches(3);
/** Narrower or shorter beds tow badly and carry nothing else. Common practice. */
const LEAST_WIDTH_M = inches(40);
const LEAST_LENGTH_M = inches(48);
/** Axle, tires and coupler are taken with so much more than the load. Common practice. */
const RESERVE = 1.15;
/** Own mass of a steel trailer as a share of what it carries, before anything is drawn: 35 % and 100 kg. Common practice. */
const firstOwnKg = (massKg: number): number => 0.35 * massKg + 100;

/** Fillet legs of a frame up to such a gross, in inches and in millimetres; and gussets at the tongue from there on. Common practice. */
const WELD_LEGS = [
  { upToKg: 1600, legIn: 3 / 16, legMm: 5 },
  { upToKg: 3000, legIn: 1 / 4, legMm: 6 },
  { upToKg: Number.POSITIVE_INFINITY, legIn: 5 / 16, legMm: 8 },
] as const;
const weldLegFor = (grossKg: number, metric: boolean): number | null => {
  const row = WELD_LEGS.find(({ upToKg }) => grossKg <= upToKg);
  return row ? (metric ? millimetres(row.legMm) : inches(row.legIn)) : null;
};
const GUSSETS_FROM_KG = 1600;
const GUSSET_M = inches(6);

const stepUp = (value: number, step: number): number => Math.ceil(value / step - 1e-9) * step;

interface Grid {
  /** sizes of the bed */
  readonly bedM: number;
  /** places of the axle */
  readonly placeM: number;
  readonly grossKg: number;
}
const gridOf = (metric: boolean): Grid =>
  metric
    ? { bedM: millimetres(100), placeM: millimetres(5), grossKg: 50 }
    : { bedM: inches(6), placeM: inches(1 / 4), grossKg: pounds(50) };

const bySize = <T>(rows: readonly T[], ratingOf: (row: T) => number): readonly T[] =>
  rows.toSorted((a, b) => ratingOf(a) - ratingOf(b));

/** The smallest axle, or two of them, that carries so much with its reserve. */
const axleFor = (
  neededKg: number,
  suspension: AxleRow['suspension'],
): { readonly row: AxleRow; readonly count: 1 | 2; readonly enough: boolean } => {
  const rows = bySize(
    AXLE_ROWS.filter((row) => row.suspension === suspension),
    ({ ratingKg }) => ratingKg,
  );
  const one = rows.find(({ ratingKg }) => ratingKg >= neededKg);
  // Beyond what is usual on one axle two share it: a blown tire is then no wreck. Common practice.
  if (one && one.ratingKg <= pounds(5200)) return { row: one, count: 1, enough: true };
  const two = rows.find(({ ratingKg }) => 2 * ratingKg >= neededKg);
  if (two) return { row: two, count: 2, enough: true };
  return { row: rows.at(-1) as AxleRow, count: 2, enough: false };
};

/** The smallest trailer tire that carries so much; small ones only behind what never goes fast. */
const tireFor = (neededKg: number, onRoad: boolean, region: Region) => {
  // What yards of the region have; elsewhere both are sold, as small wheels are everywhere.
  const sold = (pressure: string): boolean =>
    region === 'europe' ? pressure.includes('bar') : region === 'north-america' ? pressure.includes('psi') : true;
  const rows = bySize(
    TIRE_ROWS.filter(
      ({ passenger, rimM, pressure }) => !passenger && (!onRoad || (rimM >= inches(12.9) && sold(pressure))),
    ),
    ({ maxLoadKg }) => maxLoadKg,
  );
  return rows.find(({ maxLoadKg }) => maxLoadKg >= neededKg) ?? rows.at(-1);
};

const couplerFor = (neededKg: number, region: Region, straight: boolean) => {
  const rows = bySize(
    COUPLER_ROWS.filter(
      ({ kind, fits, ballDiameterM }) =>
        kind === 'ball' &&
        fits === (straight ? 'straight' : 'a-frame') &&
        (region === 'europe' || region === 'australia') === Math.abs(ballDiameterM - 0.05) < 1e-4,
    ),
    ({ ratedGrossKg }) => ratedGrossKg ?? 0,
  );
  return rows.find(({ ratedGrossKg }) => (ratedGrossKg ?? 0) >= neededKg) ?? rows.at(-1);
};

const { spring: USUAL_SPRING } = USUAL_SUSPENSION;

interface Decided {
  readonly trailer: Trailer;
  readonly notes: readonly StartNote[];
}

/** Axle, tires, coupler and brakes for what it weighs. */
const withGear = (trailer: Trailer, grossKg: number, region: Region, small: boolean): Decided => {
  const metric = trailer.settings.units === 'metric';
  const grid = gridOf(metric);
  const gear = trailer.runningGear;
  const neededKg = grossKg * RESERVE;
  const { row, count, enough } = axleFor(neededKg, gear.suspension.kind === 'torsion' ? 'torsion' : 'leaf');
  // Both tires carry what is stamped on the axle: else they, and not it, decide what may be loaded. A cart's carry its load.
  const tire = tireFor(small ? neededKg / (2 * count) : row.ratingKg / 2, !small, region);
  const tires = tire ? tireFromCatalog(tire.id) : gear.tire;
  const trackM = trailer.frame.bed.widthM + tires.widthM + 2 * TIRE_GAP_M;
  const perSpringKg = row.ratingKg / 2;
  const { spring } = gear.suspension;
  const running: RunningGear = {
    ...gear,
    layout: count === 1 ? 'single' : gear.suspension.kind === 'torsion' ? 'tandem-independent' : 'tandem-equaliser',
    axle: { ...axleFromCatalog(row.id), hubFaceM: trackM },
    suspension: {
      ...gear.suspension,
      trackM,
      // Springs are sold for the axle: as many leaves as it is stronger than the usual one.
      spring: {
        ...spring,
        ratingKg: perSpringKg,
        leaves: Math.max(2, Math.round((USUAL_SPRING.leaves * perSpringKg) / (USUAL_SPRING.ratingKg ?? perSpringKg))),
      },
    },
    tire: tires,
    wheel: {
      ...gear.wheel,
      assemblyMassKg: tire?.assemblyMassKg ?? gear.wheel.assemblyMassKg,
      rimM: tires.rimM,
      studCircle: row.studCircle,
      maxLoadKg: null,
    },
  };
  const coupler = couplerFor(grossKg, region, small);
  const bought = coupler ? couplingFromCatalog(coupler.id) : trailer.coupling;
  // Above where the strictest of most places ask; where nobody knows the place, as in North America.
  const braked = grossKg > BRAKE_THRESHOLDS[region ?? 'north-america'].toKg && !small;
  const overrun =
    region === 'europe' || (region === 'australia' && grossKg <= (overrunUpToKg(trailer, region).upToKg ?? 0));
  const road = !small;
  return {
    trailer: {
      ...trailer,
      ratedGrossKg: stepUp(grossKg, grid.grossKg),
      strength: {
        ...trailer.strength,
        weldLegM: weldLegFor(grossKg, metric),
        gussets: { ...trailer.strength.gussets, tongueM: grossKg > GUSSETS_FROM_KG ? GUSSET_M : null },
      },
      runningGear: running,
      coupling: {
        ...bought,
        // Beside the tongue, turned up for the road: out of the way of a tailgate and of the ground.
        jack: { ...bought.jack, swings: true },
        chains: road ? 'fitted' : 'not-decided',
        brakes: braked ? 'fitted' : 'none',
        brakeKind: braked ? (overrun ? 'overrun' : 'electric') : 'not-decided',
        breakaway: braked ? 'fitted' : 'none',
        plug: !road ? 'none' : region === 'europe' ? '13-way' : braked || region === 'australia' ? '7-way' : '4-way',
      },
    },
    notes: [
      ...(enough ? [] : [{ code: 'no-axle-for-it', neededKg, ratedKg: count * row.ratingKg } as const]),
      ...(count === 2 ? [{ code: 'tandem' } as const] : []),
      ...(braked ? [{ code: 'brakes' } as const] : []),
    ],
  };
};

const placed = (trailer: Trailer, positionM: number): Trailer => ({
  ...trailer,
  runningGear: { ...trailer.runningGear, positionM },
});

/** Where the loaded tongue has its wanted share, inside the window of all loads where there is one; moved until it stays. */
export const withAxlePlaced = (trailer: Trailer): { readonly trailer: Trailer; readonly balanced: boolean } => {
  const { placeM } = gridOf(trailer.settings.units === 'metric');
  let now = trailer;
  for (let turn = 0; turn < 4; turn += 1) {
    const { wanted, window } = evaluate(now).placement;
    let xM = wanted?.xM;
    if (xM === undefined) return { trailer: now, balanced: false };
    if (window.kind === 'window') xM = Math.min(Math.max(xM, window.fromM), window.toM);
    const next = Math.round(Math.min(Math.max(xM, 0.2), now.frame.bed.lengthM) / placeM) * placeM;
    if (Math.abs(next - now.runningGear.positionM) < 1e-6) break;
    now = placed(now, next);
  }
  return { trailer: now, balanced: evaluate(now).placement.window.kind === 'window' };
};

/** No longer than that to clear, in such steps, m. Our choice. */
const LONGEST_TONGUE_M = inches(84);
const LONGER_M = inches(6);

/** The tongue grows until its bed clears the vehicle in the turn that is asked for, and in a dip. */
const withTongueClear = (trailer: Trailer): Trailer => {
  const clears = ({ findings }: Evaluation): boolean =>
    !findings.some(({ code, verdict }) => verdict === 'over' && (code === 'turns-clear' || code === 'ramp-clear'));
  let now = trailer;
  while (now.frame.tongue.lengthM + LONGER_M <= LONGEST_TONGUE_M && !clears(evaluate(now)))
    now = {
      ...now,
      frame: { ...now.frame, tongue: { ...now.frame.tongue, lengthM: now.frame.tongue.lengthM + LONGER_M } },
    };
  return now;
};

/** All main bars of one section. */
const withSection = (trailer: Trailer, sectionId: string): Trailer => {
  const groups = { ...trailer.frame.groups };
  for (const group of ['rail', 'header', 'cross', 'tongue'] as const) {
    const { materialId } = metalOfNewSection(trailer, groups[group], sectionId);
    groups[group] = { ...groups[group], sectionId, materialId };
  }
  return { ...trailer, frame: { ...trailer.frame, groups } };
};

/** Bed about the goods, no wider than fits between wheels; what is wider reaches over. */
const bedFor = (
  { lengthM, widthM }: Pick<Answers, 'lengthM' | 'widthM'>,
  grid: Grid,
  maxWidthM: number | null,
  tireM: number,
): { readonly lengthM: number; readonly widthM: number } => {
  const between = (maxWidthM ?? Number.POSITIVE_INFINITY) - 2 * (tireM + TIRE_GAP_M);
  const wanted = stepUp(Math.max(LEAST_WIDTH_M, widthM + 2 * ABOUT_GOODS_M), grid.bedM);
  return {
    lengthM: stepUp(Math.max(LEAST_LENGTH_M, lengthM + 2 * ABOUT_GOODS_M), grid.bedM),
    widthM: wanted <= between ? wanted : Math.max(grid.bedM, Math.floor(between / grid.bedM + 1e-9) * grid.bedM),
  };
};

/** A single tube that ends at the front header: what small carts have, until it is known how far it may run on. */
const straightTongue = (lengthM: number): Trailer['frame']['tongue'] => ({
  ...PLAIN_TONGUE,
  kind: 'straight',
  joint: FIXED_JOINT,
  lengthM,
  underM: 0,
  tipBehindBallM: inches(4),
});

/** A straight tongue runs on under the first bar across and is packed up to it, where the axle leaves it room. */
const withTongueHeld = (trailer: Trailer): Trailer => {
  const { tongue } = trailer.frame;
  if (tongue.kind !== 'straight') return trailer;
  const { chassis, findings } = evaluate(trailer);
  const first = chassis.members.find(({ id }) => id === 'cross.1');
  if (!first) return trailer;
  const held: Trailer = {
    ...trailer,
    frame: { ...trailer.frame, tongue: { ...tongue, underM: first.extent.x1M + UNDER_PAST_M }, packers: ['cross.1'] },
  };
  const meets = (all: typeof findings): number =>
    all.filter(({ code, verdict }) => code === 'parts-meet' && verdict === 'over').length;
  return meets(evaluate(held).findings) > meets(findings) ? trailer : held;
};

/** Bars across as far apart as is usual, then nearer, until the deck bears what stands on it. */
const SPACINGS_M = { imperial: [24, 16, 12].map(inches), metric: [600, 400, 300].map(millimetres) } as const;
const withDeckHeld = (trailer: Trailer): Trailer => {
  const tried = SPACINGS_M[trailer.settings.units].map(
    (maxSpacingM): Trailer => ({
      ...trailer,
      frame: { ...trailer.frame, crossMembers: { kind: 'spacing', maxSpacingM } },
    }),
  );
  const holds = (one: Trailer): boolean =>
    !evaluate(one).findings.some(({ code, verdict }) => verdict === 'over' && code.startsWith('deck-'));
  return tried.find(holds) ?? tried.at(-1) ?? trailer;
};

/** Where people on its rear edge would tip it, parked, it has legs there. */
const withStands = (trailer: Trailer): Trailer => {
  const tips = evaluate(trailer).findings.some(({ code, verdict }) => code === 'parked-tips' && verdict === 'over');
  const xM = trailer.frame.bed.lengthM - STAND_AHEAD_M;
  return tips ? { ...trailer, frame: { ...trailer.frame, stands: [{ id: 'stand.rear', xM }] } } : trailer;
};

export interface Started {
  readonly project: Project;
  readonly notes: readonly StartNote[];
}

/**
 * A drawn trailer for six answers: bed about the goods, axle, tires, coupler and brakes for what it weighs, tongue long enough, axle where it
 * balances. Its bars are the usual ones until it is sized: `sections` are those of a sized frame, by which all the rest is settled anew.
 */
export const startingProject = (answers: Answers, { id, loadId, place }: StartedWith, sections?: Sections): Started => {
  const base = newProject({ id, name: answers.name, units: place.units, place, newId: () => loadId });
  const metric = place.units === 'metric';
  const grid = gridOf(metric);
  const vehicle = VEHICLE_ROWS.find((row) => row.id === answers.vehicleId);
  const small = vehicle !== undefined && vehicle.kind !== 'vehicle';
  const first = trailerOf(base);
  const bed = bedFor(answers, grid, first.job.maxWidthM, first.runningGear.tire.widthM);
  const [item] = first.items;
  if (!item) throw new Error('a new project has a load');
  const middleM = bed.lengthM / 2;
  let trailer: Trailer = {
    ...first,
    job: { ...first.job, purpose: answers.what.trim(), road: answers.road },
    towVehicle: vehicle ? likeExample(UNKNOWN_VEHICLE, vehicle) : first.towVehicle,
    frame: {
      ...first.frame,
      bed: { ...first.frame.bed, ...bed },
      tongue: small ? straightTongue(first.frame.tongue.lengthM) : first.frame.tongue,
    },
    items: [
      {
        ...item,
        name: answers.what.trim() === '' ? item.name : answers.what.trim(),
        massKg: { value: answers.massKg, basis: 'guessed', tolerance: answers.massKg / 5 },
        sizeM: { lengthM: answers.lengthM, widthM: answers.widthM, heightM: answers.heightM },
        attach: { ...item.attach, offsetM: { ...item.attach.offsetM, value: middleM } },
      },
    ],
  };
  if (vehicle?.kind === 'muscle')
    trailer = { ...trailer, settings: { ...trailer.settings, tongueSchool: 'muscle-pulled' } };
  if (answers.steel.kind === 'section') trailer = withSection(trailer, answers.steel.sectionId);
  if (sections) trailer = withSections(trailer, sections);
  trailer = withDeckHeld(trailer);
  let notes: readonly StartNote[] = [];
  let grossKg = answers.massKg + firstOwnKg(answers.massKg);
  // What it weighs decides its parts, which decide what it weighs: settled after three turns.
  for (let turn = 0; turn < 3; turn += 1) {
    const decided = withGear(trailer, grossKg, place.region, small);
    trailer = decided.trailer;
    notes = decided.notes;
    grossKg = heaviestTowed(evaluate(trailer).cases)?.massKg ?? grossKg;
  }
  const settled = withAxlePlaced(withStands(withTongueHeld(withAxlePlaced(withTongueClear(trailer)).trailer)));
  const usualKg = vehicle?.towLimitKg;
  return {
    project: asProject(settled.trailer),
    notes: [
      ...(bed.widthM < answers.widthM - 1e-9
        ? [{ code: 'wider-than-between-wheels', bedM: bed.widthM, goodsM: answers.widthM } as const]
        : []),
      ...notes,
      ...(usualKg !== undefined && (settled.trailer.ratedGrossKg ?? 0) > usualKg
        ? [{ code: 'vehicle-tows-less', grossKg: settled.trailer.ratedGrossKg ?? 0, usualKg } as const]
        : []),
      ...(settled.balanced ? [] : [{ code: 'not-balanced' } as const]),
    ],
  };
};
