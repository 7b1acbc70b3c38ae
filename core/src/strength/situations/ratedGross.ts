import { type BalancedCase, balanceParts } from '../../balance/index.js';
import type { Chassis } from '../../chassis/index.js';
import { itemPart, type Part } from '../../mass/index.js';
import type { LoadCase, Trailer } from '../../project/index.js';

/** Arrangements of the cargo at the plate's gross: over the bed, its front half, its rear half, its middle quarter. */
export const GROSS_CASE_IDS = ['gross.uniform', 'gross.front', 'gross.rear', 'gross.middle'] as const;
export type GrossCaseId = (typeof GROSS_CASE_IDS)[number];

/** Stretch of the bed that carries the cargo, as shares of its length. */
const STRETCH: Readonly<Record<GrossCaseId, readonly [number, number]>> = {
  'gross.uniform': [0, 1],
  'gross.front': [0, 0.5],
  'gross.rear': [0.5, 1],
  'gross.middle': [0.375, 0.625],
};

/** Height of that cargo, m, its centre half-way up: nothing says what it is; common for crates and machines. */
const CARGO_HEIGHT_M = 0.6;

/**
 * Cases at the plate's gross, derived and never stored: what is fitted, and cargo that makes up the rest. None where the plate says
 * nothing, or where the bare trailer alone weighs as much.
 */
export const ratedGrossCases = (trailer: Trailer, chassis: Chassis, bare: readonly Part[]): readonly BalancedCase[] => {
  const { ratedGrossKg, frame } = trailer;
  if (ratedGrossKg === null) return [];
  const fitted = trailer.items.filter(({ kind }) => kind === 'fixed').map((item) => itemPart(trailer, chassis, item));
  const emptyKg = [...bare, ...fitted].reduce((sum, { massKg }) => sum + massKg, 0);
  if (ratedGrossKg <= emptyKg) return [];
  const half = frame.bed.widthM / 2 - chassis.railWidthM;
  return GROSS_CASE_IDS.map((id) => {
    const [from, to] = STRETCH[id];
    const [x0M, x1M] = [from * frame.bed.lengthM, to * frame.bed.lengthM];
    const cargo: Part = {
      id: 'gross.cargo',
      group: 'cargo',
      massKg: ratedGrossKg - emptyKg,
      centre: { xM: (x0M + x1M) / 2, yM: 0, zM: chassis.deckTopZM + CARGO_HEIGHT_M / 2 },
      x0M,
      x1M,
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
    return balanceParts(trailer, chassis, [...bare, ...fitted, cargo], loadCase);
  });
};
