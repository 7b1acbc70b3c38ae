import type { Chassis } from '../../chassis/index.js';
import { finding, concluding, minus, plus, quantity, times, workedOut } from '../../findings/index.js';
import type { Trailer } from '../../project/index.js';
import { isSameStuds } from '../studs.js';

import { inches, millimetres } from '../../units/index.js';
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

export const fitFaults = (trailer: Trailer, chassis: Chassis): FitFinding[] => {
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
  const overhang = overhangM(trailer, chassis.railWidthM);
  if (suspension.kind === 'leaf' && overhang > OVERHANG_M + 1e-6) {
    findings.push(
      finding({
        ...plain,
        rule: RULES['axle-overhang'],
        data: { overhangM: overhang },
        verdict: overhang > MOST_OVERHANG_M ? 'over' : 'tight',
        value: m(overhang),
        limit: m(OVERHANG_M),
      }),
    );
  }
  return findings;
};
