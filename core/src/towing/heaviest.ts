import type { BalancedCase } from '../balance/index.js';

/** A towed case that stands on its ball. */
export type TowedCase = BalancedCase & { readonly standing: NonNullable<BalancedCase['standing']> };

export const towedCases = (cases: readonly BalancedCase[]): readonly TowedCase[] =>
  cases.filter((own): own is TowedCase => own.loadCase.mode === 'towed' && own.standing !== undefined);

/** The heaviest load that is towed. */
export const heaviestTowed = (cases: readonly BalancedCase[]): TowedCase | undefined =>
  towedCases(cases).reduce<TowedCase | undefined>(
    (most, next) => (!most || next.massKg > most.massKg ? next : most),
    undefined,
  );
