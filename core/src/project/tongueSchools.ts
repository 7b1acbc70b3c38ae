import type { Design, Settings, TongueBand } from './schema.js';

/** Shares of the trailer's gross weight on the tongue. North America 10 to 15 %: industry practice; SAE J2807 tests at 10 %. */
export const TONGUE_SCHOOLS: Readonly<Record<Exclude<Settings['tongueSchool'], 'own'>, TongueBand>> = {
  'north-america': { minShare: 0.1, maxShare: 0.15, minKg: null, maxKg: null },
  europe: { minShare: 0.04, maxShare: 0.07, minKg: null, maxKg: 100 },
  australia: { minShare: 0.08, maxShare: 0.15, minKg: null, maxKg: null },
  'muscle-pulled': { minShare: 0.03, maxShare: 0.1, minKg: null, maxKg: 10 },
};

const SCHOOLS = Object.keys(TONGUE_SCHOOLS) as (keyof typeof TONGUE_SCHOOLS)[];

const sameBand = (a: TongueBand, b: TongueBand): boolean =>
  a.minShare === b.minShare && a.maxShare === b.maxShare && a.minKg === b.minKg && a.maxKg === b.maxKg;

/**
 * Whose band the trailer's limits are: the chosen school's while they are its own, another's where they are that one's, else the user's.
 * The limits are design and undone with it, the school is a setting: they never contradict each other.
 */
export const schoolOf = ({
  tongueBand,
  settings,
}: Pick<Design, 'tongueBand'> & { readonly settings: Settings }): Settings['tongueSchool'] => {
  const { tongueSchool } = settings;
  if (tongueSchool !== 'own' && sameBand(TONGUE_SCHOOLS[tongueSchool], tongueBand)) return tongueSchool;
  return (tongueSchool !== 'own' && SCHOOLS.find((school) => sameBand(TONGUE_SCHOOLS[school], tongueBand))) || 'own';
};
