import { isSprung } from '../suspension/index.js';
import { type BalancedCase, bandKg } from '../balance/index.js';
import { AXLE_ROWS, type AxleRow } from '../catalog/index.js';
import { tireLoadKg, type Trailer } from '../project/index.js';
import { massOfWeightKg } from '../units/index.js';
import { OVERHANG_M } from './rules.js';
import { isSameStuds } from './studs.js';

/** Why an axle of the list does not fit, or what would have to change with it. */
export type Misfit =
  | { readonly code: 'too-small'; readonly demandKg: number }
  | { readonly code: 'far-too-large' }
  | { readonly code: 'tires-too-small'; readonly tireKg: number; readonly demandKg: number }
  | { readonly code: 'wheels-other-studs'; readonly studs: string }
  | { readonly code: 'spare-other-studs'; readonly studs: string }
  | { readonly code: 'other-suspension' }
  | { readonly code: 'long-overhang'; readonly overhangM: number };

export interface AxleCandidate {
  readonly row: AxleRow;
  readonly count: 1 | 2;
  readonly ratingKg: number;
  /** of the worst load with the reserve, over all its axles */
  readonly demandKg: number;
  /** what is left above the worst load without the reserve, all axles */
  readonly spareKg: number;
  readonly misfits: readonly Misfit[];
}

export interface AxleDemand {
  /** worst load of the group, kg, and where it comes from */
  readonly loadKg: number;
  readonly by: 'case' | 'plate';
  readonly caseId: string | undefined;
  readonly withReserveKg: number;
}

/** The most that the axle group has to carry: any load as it stands, or the plate's gross less the lightest tongue of the band. */
export const axleDemand = (trailer: Trailer, cases: readonly BalancedCase[]): AxleDemand | undefined => {
  const standing = cases.flatMap(({ standing: own, loadCase }) =>
    own ? [{ caseId: loadCase.id, kg: massOfWeightKg(own.axles.reduce((sum, { loadN }) => sum + loadN, 0)) }] : [],
  );
  const worst = standing.reduce<(typeof standing)[number] | undefined>(
    (most, next) => (!most || next.kg > most.kg ? next : most),
    undefined,
  );
  const plateKg =
    trailer.ratedGrossKg === null
      ? undefined
      : trailer.ratedGrossKg - bandKg(trailer.tongueBand, trailer.ratedGrossKg).minKg;
  const reserve = 1 + trailer.runningGear.reserveShare;
  if (plateKg !== undefined && plateKg > (worst?.kg ?? 0))
    return { loadKg: plateKg, by: 'plate', caseId: undefined, withReserveKg: plateKg * reserve };
  return worst && { loadKg: worst.kg, by: 'case', caseId: worst.caseId, withReserveKg: worst.kg * reserve };
};

/** An axle that is more than this many times what is asked rides hard and costs for nothing (common practice). */
const FAR_TOO_LARGE = 2;

const misfitsOf = (
  trailer: Trailer,
  row: AxleRow,
  count: 1 | 2,
  demand: AxleDemand,
  railWidthM: number,
): readonly Misfit[] => {
  const { wheel, suspension, axle } = trailer.runningGear;
  const found: Misfit[] = [];
  const ratingKg = row.ratingKg * count;
  if (ratingKg < demand.withReserveKg) found.push({ code: 'too-small', demandKg: demand.withReserveKg / count });
  if (ratingKg > FAR_TOO_LARGE * demand.withReserveKg) found.push({ code: 'far-too-large' });
  const tireKg = tireLoadKg(trailer);
  const perTireKg = demand.loadKg / (2 * count);
  if (tireKg !== undefined && tireKg < perTireKg) found.push({ code: 'tires-too-small', tireKg, demandKg: perTireKg });
  if (wheel.studCircle !== '' && !isSameStuds(wheel.studCircle, row.studCircle))
    found.push({ code: 'wheels-other-studs', studs: row.studCircle });
  const vehicle = trailer.towVehicle?.studCircle ?? '';
  if (vehicle !== '' && !isSameStuds(vehicle, row.studCircle))
    found.push({ code: 'spare-other-studs', studs: row.studCircle });
  if (suspension.kind !== row.suspension && isSprung(suspension.kind)) found.push({ code: 'other-suspension' });
  const overhangM = (axle.hubFaceM - (trailer.frame.bed.widthM - railWidthM)) / 2;
  if (row.suspension === 'leaf' && overhangM > OVERHANG_M) found.push({ code: 'long-overhang', overhangM });
  return found;
};

/** Bars a candidate altogether; the others are only to be known. */
const BARS: ReadonlySet<Misfit['code']> = new Set(['too-small', 'tires-too-small']);

export const candidateDoes = ({ misfits }: AxleCandidate): boolean => !misfits.some(({ code }) => BARS.has(code));

/** Every axle of the list, alone and as a pair, those that do first and the smallest of them foremost. */
export const axleCandidates = (
  trailer: Trailer,
  cases: readonly BalancedCase[],
  railWidthM: number,
): readonly AxleCandidate[] => {
  const demand = axleDemand(trailer, cases);
  if (!demand) return [];
  const wanted = trailer.settings.units === 'imperial' ? 'inch' : 'metric';
  return AXLE_ROWS.filter(({ id }) => (id.endsWith('kg') ? wanted === 'metric' : wanted === 'inch'))
    .flatMap((row) => ([1, 2] as const).map((count) => ({ row, count })))
    .map(
      ({ row, count }): AxleCandidate => ({
        row,
        count,
        ratingKg: row.ratingKg * count,
        demandKg: demand.withReserveKg,
        spareKg: row.ratingKg * count - demand.loadKg,
        misfits: misfitsOf(trailer, row, count, demand, railWidthM),
      }),
    )
    .sort(
      (a, b) =>
        Number(candidateDoes(b)) - Number(candidateDoes(a)) ||
        a.misfits.length - b.misfits.length ||
        a.count - b.count ||
        Math.abs(a.ratingKg - demand.withReserveKg) - Math.abs(b.ratingKg - demand.withReserveKg),
    );
};
