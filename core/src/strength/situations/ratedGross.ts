import { balanceParts, type BalancedCase, bandKg, hitchLimitN } from '../../balance/index.js';
import type { Chassis } from '../../chassis/index.js';
import { itemPart, type Part } from '../../mass/index.js';
import type { LoadCase, Trailer } from '../../project/index.js';
import { massOfWeightKg } from '../../units/index.js';

/**
 * The plate's gross, laid out: over the whole bed; and as badly as its limits allow, as one block pushed forward until the tongue may bear no
 * more, rearward until it bears the least, and as a dense load at the foremost and the rearmost place that keep the tongue within.
 */
export const GROSS_CASE_IDS = [
  'gross.uniform',
  'gross.forward',
  'gross.rearward',
  'gross.dense-front',
  'gross.dense-rear',
] as const;
export type GrossCaseId = (typeof GROSS_CASE_IDS)[number];

export const isBadlyLoaded = (caseId: string): boolean =>
  caseId !== 'gross.uniform' && (GROSS_CASE_IDS as readonly string[]).includes(caseId);

/** Height of that cargo, m, its centre half-way up: nothing says what it is; common for crates and machines. */
const CARGO_HEIGHT_M = 0.6;
/** A dense load, such as a pallet, takes so much of the deck's length. */
const DENSE = 1 / 3;

/** Fitted parts, and the cargo that the plate leaves room for; undefined where the plate says nothing or the bare trailer weighs as much. */
export const grossCargo = (
  trailer: Trailer,
  chassis: Chassis,
  bare: readonly Part[],
): { readonly fixed: readonly Part[]; readonly cargoKg: number } | undefined => {
  if (trailer.ratedGrossKg === null) return undefined;
  const fitted = trailer.items.filter(({ kind }) => kind === 'fixed').map((item) => itemPart(trailer, chassis, item));
  const fixed = [...bare, ...fitted];
  const cargoKg = trailer.ratedGrossKg - fixed.reduce((sum, { massKg }) => sum + massKg, 0);
  return cargoKg > 0 ? { fixed, cargoKg } : undefined;
};

/** Cases at the plate's gross, derived and never stored. */
export const ratedGrossCases = (
  trailer: Trailer,
  chassis: Chassis,
  bare: readonly Part[],
  badly: boolean,
): readonly BalancedCase[] => {
  const found = grossCargo(trailer, chassis, bare);
  if (!found) return [];
  const { fixed, cargoKg } = found;
  const { lengthM, widthM } = trailer.frame.bed;
  const half = widthM / 2 - chassis.railWidthM;
  const laidOut = (id: GrossCaseId, centreXM: number, longM: number): BalancedCase => {
    const cargo: Part = {
      id: 'gross.cargo',
      group: 'cargo',
      massKg: cargoKg,
      centre: { xM: centreXM, yM: 0, zM: chassis.deckTopZM + CARGO_HEIGHT_M / 2 },
      x0M: centreXM - longM / 2,
      x1M: centreXM + longM / 2,
      y0M: -half,
      y1M: half,
      heightM: CARGO_HEIGHT_M,
      carriedBy: 'deck',
      movesWithAxle: false,
    };
    const loadCase: LoadCase = {
      id,
      name: '',
      mode: 'towed',
      countsForWindow: false,
      aboard: [],
      drawerOutM: 0,
      tongueBand: null,
    };
    return balanceParts(trailer, chassis, [...fixed, cargo], loadCase);
  };
  const uniform = laidOut('gross.uniform', lengthM / 2, lengthM);
  const { standing, massKg, band } = uniform;
  if (!badly || !standing) return [uniform];
  // The tongue's load goes down in a straight line as the cargo goes back.
  const perMetreKg = cargoKg / (standing.groupCentreXM - standing.aheadXM);
  const placeFor = (tongueKg: number): number =>
    lengthM / 2 - (tongueKg - massOfWeightKg(standing.tongueN)) / perMetreKg;
  const { minKg, maxKg } = bandKg(band, massKg);
  const hitchN = hitchLimitN(trailer);
  const mostKg = Math.min(maxKg, hitchN === undefined ? Number.POSITIVE_INFINITY : massOfWeightKg(hitchN));
  const [foremost, rearmost] = [(DENSE * lengthM) / 2, lengthM * (1 - DENSE / 2)];
  const onDeck = (xM: number): number => Math.min(Math.max(xM, foremost), rearmost);
  const [front, rear] = [onDeck(placeFor(mostKg)), onDeck(placeFor(minKg))];
  const block = (id: GrossCaseId, xM: number): BalancedCase => laidOut(id, xM, 2 * Math.min(xM, lengthM - xM));
  return [
    uniform,
    block('gross.forward', front),
    block('gross.rearward', rear),
    laidOut('gross.dense-front', front, DENSE * lengthM),
    laidOut('gross.dense-rear', rear, DENSE * lengthM),
  ];
};
