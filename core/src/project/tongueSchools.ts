import type { Design, Settings, TongueBand } from './schema.js';

type School = Exclude<Settings['tongueSchool'], 'own'>;
type Region = Settings['regions'][number];

/**
 * Shares of the trailer's gross weight on the tongue. North America 10 to 15 %: industry practice; SAE J2807 tests at 10 %. Europe: StVZO
 * §44(3) asks for 4 % and never for more than 25 kg; the S on the plates is the most, which coupler and vehicle say; 15 % is common practice.
 */
export const TONGUE_SCHOOLS: Readonly<Record<School, TongueBand>> = {
  'north-america': { minShare: 0.1, maxShare: 0.15, minKg: null, maxKg: null, enoughKg: null },
  europe: { minShare: 0.04, maxShare: 0.15, minKg: null, maxKg: null, enoughKg: 25 },
  australia: { minShare: 0.08, maxShare: 0.15, minKg: null, maxKg: null, enoughKg: null },
  'muscle-pulled': { minShare: 0.03, maxShare: 0.1, minKg: null, maxKg: 10, enoughKg: null },
};

/** What each school's people put on a tongue when nobody asks for more. */
export const USUAL_SHARE: Readonly<Record<School, number>> = {
  'north-america': 0.12,
  europe: 0.06,
  australia: 0.1,
  'muscle-pulled': 0.05,
};

/** The school that is usual where a trailer is towed. */
export const schoolOfRegion = (region: Region): School => region;

/** The wanted share brought within a band, so that the axle is never asked for where it cannot be. */
export const wantedWithin = (wanted: number, { minShare, maxShare }: TongueBand): number =>
  Math.min(maxShare, Math.max(minShare, wanted));

/** A school taken up: its band, and the share that is usual there. */
export const withSchool = <T extends Pick<Design, 'tongueBand' | 'wantedTongueShare'>>(
  design: T,
  school: School,
): T => ({
  ...design,
  tongueBand: TONGUE_SCHOOLS[school],
  wantedTongueShare: USUAL_SHARE[school],
});

/** A band changed by hand; the wanted share stays within it. */
export const withBand = <T extends Pick<Design, 'tongueBand' | 'wantedTongueShare'>>(
  design: T,
  change: Partial<TongueBand>,
): T => {
  const tongueBand = { ...design.tongueBand, ...change };
  return { ...design, tongueBand, wantedTongueShare: wantedWithin(design.wantedTongueShare, tongueBand) };
};

const SCHOOLS = Object.keys(TONGUE_SCHOOLS) as School[];

const sameBand = (a: TongueBand, b: TongueBand): boolean =>
  a.minShare === b.minShare &&
  a.maxShare === b.maxShare &&
  a.minKg === b.minKg &&
  a.maxKg === b.maxKg &&
  a.enoughKg === b.enoughKg;

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
