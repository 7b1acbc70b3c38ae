import { COUPLER_ROWS } from '../catalog/index.js';
import type { Chassis } from '../chassis/index.js';
import { finding, type FindingOf } from '../findings/index.js';
import type { Trailer } from '../project/index.js';
import { toRadians } from '../units/index.js';
import { RULES } from './rules.js';

export interface CouplerFitFindingData {
  'coupler-fits-tongue': {
    readonly fits: 'a-frame' | 'straight';
    readonly fault: 'none' | 'a-frame-on-tube' | 'straight-on-legs' | 'other-angle';
    readonly includedRad: number;
  };
  'coupler-points-up': { readonly rad: number };
}
export type CouplerFitFinding = FindingOf<CouplerFitFindingData>;

/** A-frame couplers of the trade are made for legs that meet at this, rad. */
const INCLUDED_RAD = toRadians(50, 'deg');
/** Legs further off than this do not lie against its sides (common practice). */
const ANGLE_OFF_RAD = toRadians(2, 'deg');
/** A coupler that points up or down by more binds on its ball in a dip or on a crest (common practice). */
const POINTS_UP_RAD = toRadians(2, 'deg');

const plain = { step: 'tongue', subject: 'coupler', counts: true, working: [] } as const;

/** Whether the coupler of the list is made for this kind of tongue, and whether it lies level on it. */
export const couplerFitFindings = (trailer: Trailer, chassis: Chassis): CouplerFitFinding[] => {
  const { coupling, frame } = trailer;
  const row = COUPLER_ROWS.find(({ id }) => id === coupling.catalogId);
  const { tongue } = frame;
  const [bar] = chassis.tongue?.members ?? [];
  const findings: CouplerFitFinding[] = [];
  if (row && coupling.fitted && !coupling.homeMade) {
    const legs = tongue.kind === 'a-frame';
    const includedRad = legs ? tongue.includedAngleRad : 0;
    const fault =
      row.fits === 'a-frame' && !legs
        ? 'a-frame-on-tube'
        : row.fits === 'straight' && legs
          ? 'straight-on-legs'
          : legs && Math.abs(includedRad - INCLUDED_RAD) > ANGLE_OFF_RAD
            ? 'other-angle'
            : 'none';
    findings.push(
      finding({
        ...plain,
        rule: RULES['coupler-fits-tongue'],
        data: { fits: row.fits, fault, includedRad },
        verdict: fault === 'none' ? 'ok' : fault === 'a-frame-on-tube' ? 'over' : 'tight',
      }),
    );
  }
  if (bar && coupling.fitted && frame.tongue.rise.kind === 'sloped') {
    const rad = Math.atan(bar.frontRiseM / Math.max(1e-9, bar.extent.x1M - bar.extent.x0M));
    findings.push(
      finding({
        ...plain,
        rule: RULES['coupler-points-up'],
        data: { rad },
        verdict: Math.abs(rad) > POINTS_UP_RAD ? 'tight' : 'ok',
      }),
    );
  }
  return findings;
};
