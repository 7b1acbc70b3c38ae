import type { BalancedCase } from '../../balance/index.js';
import type { Chassis } from '../../chassis/index.js';
import { concluding, finding, quantity, times, workedOut } from '../../findings/index.js';
import { axlePlaces } from '../../mass/index.js';
import type { Trailer } from '../../project/index.js';
import { inches } from '../../units/index.js';
import { RULES } from '../rules.js';
import { type FitFinding, plain } from './data.js';

/** A bar across within this of a spindle takes its moment; further off the rail twists first, m (common practice, 4 in). */
const NEAR_M = inches(4);

/**
 * Spindles on the rails with nothing across: each wheel's load on its lever turns the rail, and only a bar from rail to rail beside it holds that. The
 * moment is the heaviest wheel load times the lever from the rail's middle.
 */
export const stubFindings = (
  trailer: Trailer,
  { members, railWidthM }: Chassis,
  cases: readonly BalancedCase[],
): FitFinding[] => {
  const { kind, trackM } = trailer.runningGear.suspension;
  if (kind !== 'stub') return [];
  const acrossXM = members
    .filter(({ group }) => group === 'cross' || group === 'header')
    .map(({ centre }) => centre.xM);
  const leverM = Math.max(0, (trackM - trailer.frame.bed.widthM + railWidthM) / 2);
  return axlePlaces(trailer).flatMap(({ id, xM }, i): FitFinding[] => {
    const wheelN = Math.max(
      0,
      ...cases.flatMap(({ standing }) => {
        const own = standing?.axles[i];
        return own ? [own.leftN, own.rightN] : [];
      }),
    );
    if (!(wheelN > 0)) return [];
    const offM = Math.min(...acrossXM.map((x) => Math.abs(x - xM)));
    const moment = workedOut('moment-standing', times(quantity(wheelN, 'force'), quantity(leverM, 'arm')), 'moment');
    return [
      finding({
        ...plain,
        rule: RULES['stub-cross'],
        data: { axleId: id, xM, offM, momentNm: moment.result.value },
        subject: id,
        verdict: offM > NEAR_M ? 'tight' : 'ok',
        value: quantity(offM, 'length'),
        limit: quantity(NEAR_M, 'length'),
        working: [concluding(moment)],
      }),
    ];
  });
};
