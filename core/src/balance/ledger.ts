import type { Chassis } from '../chassis/index.js';
import { axleCount, type Part } from '../mass/index.js';
import { axleRatingKg, type Item, type Trailer } from '../project/index.js';
import { massOfWeightKg } from '../units/index.js';
import { balanceCase } from './balanceCase.js';

/** The trailer on a day on which something was fitted for good. */
export interface LedgerRow {
  readonly date: string;
  readonly items: readonly Item[];
  /** of the load that presses the axles hardest, with what is fitted up to this day, kg */
  readonly massKg: number;
  readonly axlesKg: number;
  readonly tongueKg: number;
  readonly caseId: string;
  /** what the axles may still carry, kg; undefined where nobody has read their rating */
  readonly leftKg: number | undefined;
}

export interface WeightLedger {
  /** by day, the earliest first; the first row without a date is what was there before */
  readonly rows: readonly LedgerRow[];
  /** day from which the axles carry more than they may */
  readonly ranOutOn: string | undefined;
}

/** What is fitted for good, day by day, and what it leaves of the axles; things without a day count from the start. */
export const weightLedger = (trailer: Trailer, chassis: Chassis, bare: readonly Part[]): WeightLedger => {
  const fitted = trailer.items.filter(({ kind, since }) => kind !== 'cargo' && since !== undefined);
  const days = ['', ...new Set(fitted.map(({ since = '' }) => since))].toSorted();
  const ratingKg = axleRatingKg(trailer.runningGear);
  const mayKg = ratingKg === null ? undefined : ratingKg * axleCount(trailer);
  const rows = days.flatMap((date): LedgerRow[] => {
    const there: Trailer = {
      ...trailer,
      items: trailer.items.filter(({ kind, since = '' }) => kind === 'cargo' || since <= date),
    };
    const worst = there.cases
      .filter(({ mode }) => mode === 'towed')
      .flatMap((loadCase) => {
        const { standing, massKg } = balanceCase(there, chassis, bare, loadCase);
        if (!standing) return [];
        const axlesKg = massOfWeightKg(standing.axles.reduce((sum, { loadN }) => sum + loadN, 0));
        return [{ loadCase, massKg, axlesKg, tongueKg: massOfWeightKg(standing.tongueN) }];
      })
      .reduce<{ loadCase: Trailer['cases'][number]; massKg: number; axlesKg: number; tongueKg: number } | undefined>(
        (most, next) => (!most || next.axlesKg > most.axlesKg ? next : most),
        undefined,
      );
    if (!worst) return [];
    return [
      {
        date,
        items: fitted.filter(({ since }) => since === date),
        massKg: worst.massKg,
        axlesKg: worst.axlesKg,
        tongueKg: worst.tongueKg,
        caseId: worst.loadCase.id,
        leftKg: mayKg === undefined ? undefined : mayKg - worst.axlesKg,
      },
    ];
  });
  return { rows, ranOutOn: rows.find(({ leftKg }) => leftKg !== undefined && leftKg < 0)?.date };
};
