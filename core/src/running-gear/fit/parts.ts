import type { Chassis } from '../../chassis/index.js';
import { concluding, minus, plus, quantity, times, workedOut } from '../../findings/index.js';
import type { Trailer } from '../../project/index.js';
import { commonPractice, computedBy } from '../../source.js';
import { inches, millimetres } from '../../units/index.js';
import { overhangM } from '../homeBuilt.js';
import { type FitFinding, m, plain } from './data.js';

export const fitFaults = (trailer: Trailer, chassis: Chassis): FitFinding[] => {
  const { axle, wheel, tire, suspension } = trailer.runningGear;
  const findings: FitFinding[] = [];
  const studs = axle.studCircle;
  const rule = commonPractice('wheel, hub and spare share one stud circle');
  if (studs !== '' && wheel.studCircle !== '' && wheel.studCircle !== studs) {
    findings.push({
      ...plain,
      code: 'studs-differ',
      data: { hub: studs, other: wheel.studCircle, of: 'wheel', adapter: wheel.adapterM > 0 },
      // An adapter makes two circles go together; whether it carries the load is its maker's to say.
      verdict: wheel.adapterM > 0 ? 'unchecked' : 'over',
      source: rule,
    });
  }
  const vehicle = trailer.towVehicle?.studCircle ?? '';
  if (studs !== '' && vehicle !== '' && vehicle !== studs) {
    findings.push({
      ...plain,
      code: 'studs-differ',
      data: { hub: studs, other: vehicle, of: 'tow-vehicle', adapter: false },
      verdict: 'unchecked',
      counts: false,
      source: rule,
    });
  }
  if (tire.rimM !== null && wheel.rimM !== null && Math.abs(tire.rimM - wheel.rimM) > millimetres(2)) {
    findings.push({
      ...plain,
      code: 'tire-on-rim',
      data: { tireM: tire.rimM, wheelM: wheel.rimM },
      verdict: 'over',
      source: commonPractice('a tire fits its own rim diameter only'),
    });
  }
  const rimM = tire.rimM ?? wheel.rimM;
  if (rimM !== null && tire.diameterM <= rimM) {
    findings.push({
      ...plain,
      code: 'tire-smaller-than-rim',
      data: { diameterM: tire.diameterM, rimM },
      verdict: 'over',
      source: computedBy('outside of the tire against its rim'),
    });
  }
  const fromHubM = axle.hubFaceM + 2 * wheel.adapterM - 2 * wheel.offsetM;
  if (Math.abs(fromHubM - suspension.trackM) > inches(1 / 8)) {
    findings.push({
      ...plain,
      code: 'widths-differ',
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
      source: computedBy('wheel middle to wheel middle = hub face to hub face − 2 × offset'),
    });
  }
  if (suspension.kind === 'leaf' && suspension.hangerSpacingM > trailer.frame.bed.lengthM) {
    findings.push({
      ...plain,
      code: 'spring-longer-than-frame',
      data: { springM: suspension.hangerSpacingM, bedM: trailer.frame.bed.lengthM },
      verdict: 'over',
      source: computedBy('bolt to bolt against the rails'),
    });
  }
  const overhang = overhangM(trailer, chassis.railWidthM);
  if (suspension.kind === 'leaf' && overhang > inches(8.5) + 1e-6) {
    findings.push({
      ...plain,
      code: 'axle-overhang',
      data: { overhangM: overhang },
      verdict: overhang > inches(10) ? 'over' : 'tight',
      value: m(overhang),
      limit: m(inches(8.5)),
      source: commonPractice(
        'axle ratings hold to about 8-1/2 in from spring to wheel, never more than 10 in without its maker',
      ),
    });
  }
  return findings;
};
