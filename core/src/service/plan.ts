import { findMaterial, type Trailer } from '../project/index.js';
import { commonPractice, type Source } from '../source.js';
import { isSprung } from '../suspension/index.js';
import { toKilometres } from '../units/index.js';

/** What is looked after on a trailer that is used. */
export type ServiceCode =
  | 'lugs'
  | 'u-bolts'
  | 'springs'
  | 'bearings'
  | 'brakes'
  | 'breakaway'
  | 'coupler'
  | 'three-axis'
  | 'ball'
  | 'chains'
  | 'tires'
  | 'welds'
  | 'coating'
  | 'lights'
  | 'deck'
  | 'rubber';

/** One thing to look after: at first after so many kilometres, then again and again. */
export interface ServiceTask {
  readonly code: ServiceCode;
  /** after the first tow, km, ascending; none where it only comes round */
  readonly firstKm: readonly number[];
  /** again after so many days, or kilometres, whichever comes first; null: not by that */
  readonly everyDays: number | null;
  readonly everyKm: number | null;
  readonly source: Source;
}

const YEAR = 365;
const km = (miles: number): number => toKilometres(miles, 'mile');
const LUGS: Source = commonPractice('wheel nuts again after 10, 25 and 50 miles, then with the seasons');
const YEARLY: Source = commonPractice('once a year or after 12,000 miles, whichever comes first');
const USUAL: Source = commonPractice();

const task = (
  code: ServiceCode,
  everyDays: number | null,
  everyKm: number | null = null,
  firstKm: readonly number[] = [],
  source: Source = USUAL,
): ServiceTask => ({ code, firstKm, everyDays, everyKm, source });

/** What this trailer asks for, by its parts. Intervals are common practice; a maker's own book governs. */
export const servicePlan = (trailer: Trailer): readonly ServiceTask[] => {
  const { runningGear, coupling, frame } = trailer;
  const wheels = runningGear.layout !== 'none';
  const { kind } = runningGear.suspension;
  const leaf = kind === 'leaf';
  const groups = ['rail', 'header', 'cross', 'tongue', 'side'] as const;
  const steel = groups.some((group) => findMaterial(trailer, frame.groups[group].materialId)?.family === 'steel');
  return [
    ...(wheels
      ? [
          task('lugs', YEAR / 2, km(3000), [km(10), km(25), km(50)], LUGS),
          task('bearings', YEAR, km(12_000), [], YEARLY),
          task('tires', YEAR, null),
        ]
      : []),
    ...(wheels && leaf ? [task('u-bolts', YEAR, km(12_000), [km(75)]), task('springs', YEAR, km(12_000))] : []),
    ...(wheels && isSprung(kind) && !leaf ? [task('rubber', YEAR)] : []),
    ...(wheels && coupling.brakes === 'fitted' ? [task('brakes', YEAR, km(12_000), [km(200)])] : []),
    ...(coupling.breakaway === 'fitted' ? [task('breakaway', YEAR / 2)] : []),
    ...(coupling.fitted
      ? [
          coupling.kind === 'three-axis' ? task('three-axis', YEAR / 4, km(3000)) : task('coupler', YEAR, km(12_000)),
          ...(coupling.kind === 'ball' ? [task('ball', YEAR)] : []),
        ]
      : []),
    ...(coupling.chains === 'none' || !coupling.fitted ? [] : [task('chains', YEAR)]),
    task('welds', YEAR, km(12_000), [km(100)]),
    ...(steel ? [task('coating', YEAR)] : []),
    ...(coupling.plug === 'none' ? [] : [task('lights', YEAR)]),
    ...(frame.deck.kind === 'none' ? [] : [task('deck', YEAR)]),
  ];
};
