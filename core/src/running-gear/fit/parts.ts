import type { BalancedCase } from '../../balance/index.js';
import type { Chassis } from '../../chassis/index.js';
import { finding, concluding, given, minus, over, plus, quantity, times, workedOut } from '../../findings/index.js';
import type { Trailer } from '../../project/index.js';
import { isSameStuds } from '../studs.js';

import { inches, millimetres, weightN } from '../../units/index.js';
import { overhangM } from '../homeBuilt.js';
import { type FitFinding, m, plain } from './data.js';
import { RULES, OVERHANG_M, MOST_OVERHANG_M } from '../rules.js';

/** Wheels that stand elsewhere than hub faces, adapters and offset put them. */
const widthFindings = ({ runningGear: { axle, wheel, suspension } }: Trailer): FitFinding[] => {
  const fromHubM = axle.hubFaceM + 2 * wheel.adapterM - 2 * wheel.offsetM;
  if (Math.abs(fromHubM - suspension.trackM) > inches(1 / 8)) {
    return [
      finding({
        ...plain,
        rule: RULES['widths-differ'],
        data: { trackM: suspension.trackM, fromHubM },
        verdict: 'tight',
        value: m(suspension.trackM),
        limit: m(fromHubM),
        working: [
          concluding(
            workedOut(
              'track-from-hub',
              plus(m(axle.hubFaceM), times(quantity(2, 'number'), minus(m(wheel.adapterM), m(wheel.offsetM)))),
              'length',
            ),
          ),
        ],
      }),
    ];
  }
  return [];
};

/** Heaviest wheel of any load, N. */
const heaviestWheelN = (cases: readonly BalancedCase[]): number =>
  Math.max(
    0,
    ...cases.flatMap(({ standing }) => (standing?.axles ?? []).flatMap(({ leftN, rightN }) => [leftN, rightN])),
  );

/**
 * Wheels further outside the springs than an axle's rating holds for: its tube bends by the wheel's load times that distance, and is good for half
 * of its rating at the usual one. What nobody has rated, or what is built at home, has no rating to hold it to.
 */
const overhangFinding = (trailer: Trailer, chassis: Chassis, cases: readonly BalancedCase[]): FitFinding[] => {
  const { suspension, axle } = trailer.runningGear;
  const overhang = overhangM(trailer, chassis.railWidthM);
  if (suspension.kind !== 'leaf' || overhang <= OVERHANG_M + 1e-6 || axle.homeBuilt) return [];
  const ratedNm = axle.ratingKg === null ? undefined : (weightN(axle.ratingKg) / 2) * OVERHANG_M;
  const bendsNm = heaviestWheelN(cases) * overhang;
  const past = ratedNm === undefined ? overhang > MOST_OVERHANG_M : bendsNm > ratedNm;
  return [
    finding({
      ...plain,
      rule: RULES['axle-overhang'],
      data: { overhangM: overhang, bends: ratedNm === undefined ? undefined : bendsNm / ratedNm },
      verdict: past ? 'over' : 'tight',
      value: m(overhang),
      limit: m(OVERHANG_M),
      ...(ratedNm === undefined
        ? {}
        : {
            working: [
              given('moment-standing', bendsNm, 'moment'),
              given('moment-rated', ratedNm, 'moment'),
              concluding(
                workedOut('works-at', over(quantity(bendsNm, 'moment'), quantity(ratedNm, 'moment')), 'percent'),
              ),
            ],
          }),
    }),
  ];
};

export const fitFaults = (trailer: Trailer, chassis: Chassis, cases: readonly BalancedCase[]): FitFinding[] => {
  const { axle, wheel, tire, suspension } = trailer.runningGear;
  const findings: FitFinding[] = [];
  const studs = axle.studCircle;
  if (studs !== '' && wheel.studCircle !== '' && !isSameStuds(wheel.studCircle, studs)) {
    findings.push(
      finding({
        ...plain,
        rule: RULES['studs-differ'],
        data: { hub: studs, other: wheel.studCircle, of: 'wheel', adapter: wheel.adapterM > 0 },
        aspect: 'wheel',
        // An adapter makes two circles go together; whether it carries the load is its maker's to say.
        verdict: wheel.adapterM > 0 ? 'unchecked' : 'over',
      }),
    );
  }
  const vehicle = trailer.towVehicle?.studCircle ?? '';
  if (studs !== '' && vehicle !== '' && !isSameStuds(vehicle, studs)) {
    findings.push(
      finding({
        ...plain,
        rule: RULES['studs-differ'],
        data: { hub: studs, other: vehicle, of: 'tow-vehicle', adapter: false },
        aspect: 'tow-vehicle',
        verdict: 'unchecked',
        counts: false,
      }),
    );
  }
  if (studs !== '' && vehicle !== '' && isSameStuds(vehicle, studs)) {
    findings.push(
      finding({
        ...plain,
        rule: RULES['spare-fits'],
        data: { studs },
        verdict: 'ok',
        counts: false,
      }),
    );
  }
  if (tire.rimM !== null && wheel.rimM !== null && Math.abs(tire.rimM - wheel.rimM) > millimetres(2)) {
    findings.push(
      finding({
        ...plain,
        rule: RULES['tire-on-rim'],
        data: { tireM: tire.rimM, wheelM: wheel.rimM },
        verdict: 'over',
      }),
    );
  }
  const rimM = tire.rimM ?? wheel.rimM;
  if (rimM !== null && tire.diameterM <= rimM) {
    findings.push(
      finding({
        ...plain,
        rule: RULES['tire-smaller-than-rim'],
        data: { diameterM: tire.diameterM, rimM },
        verdict: 'over',
      }),
    );
  }
  findings.push(...widthFindings(trailer));
  if (suspension.kind === 'leaf' && suspension.hangerSpacingM > trailer.frame.bed.lengthM) {
    findings.push(
      finding({
        ...plain,
        rule: RULES['spring-longer-than-frame'],
        data: { springM: suspension.hangerSpacingM, bedM: trailer.frame.bed.lengthM },
        verdict: 'over',
      }),
    );
  }
  findings.push(...overhangFinding(trailer, chassis, cases));
  return findings;
};
