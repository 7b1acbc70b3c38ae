import type { BalancedCase } from '../balance/index.js';
import { ballZM } from '../balance/index.js';
import type { Chassis } from '../chassis/index.js';
import {
  concluding,
  type FindingOf,
  given,
  over,
  quantity,
  times,
  type Verdict,
  workedOut,
} from '../findings/index.js';
import type { Project } from '../project/index.js';
import { rideHeights } from '../running-gear/index.js';
import { commonPractice, computedBy, publishedSure } from '../source.js';
import { inches, millimetres } from '../units/index.js';
import { vehicleAxles } from './rig.js';
import { frontEdges, offTrackingM, tightestAt, tongueLacksM, touchAngleRad } from './turning.js';

export interface TowingFindingData {
  'turns-clear': {
    readonly touchRad: number | undefined;
    readonly wantedRad: number;
    readonly with: string;
    readonly lacksM: number;
  };
  'tailgate-hits': { readonly reachM: number; readonly roomM: number; readonly with: string };
  'tows-level': {
    readonly couplerM: number;
    readonly hitchM: number | undefined;
    readonly noseUpRad: number | undefined;
    readonly mountM: number | undefined;
  };
  'rolls-over': { readonly factor: number; readonly slopeRad: number; readonly heightM: number };
  'off-tracks': { readonly radiusM: number; readonly insideM: number };
  'vehicle-axles': { readonly rearAddsKg: number; readonly frontLosesKg: number };
  'vehicle-missing': { readonly what: 'vehicle' | 'shape' };
}
export type TowingFinding = FindingOf<TowingFindingData>;

const plain = { step: 'towing', subject: 'trailer', counts: true, working: [] } as const;
const m = (value: number) => quantity(value, 'length');

/** Room that is left when it is turned as far as it may be (common practice, 2 in). */
const TURN_MARGIN_M = inches(2);

const turning = (project: Project, chassis: Chassis): TowingFinding[] => {
  const vehicle = project.towVehicle;
  if (!vehicle) return [];
  const edges = frontEdges(project, chassis);
  const half = vehicle.widthM / 2;
  const wantedRad = project.job.turnRad;
  const touchRad = touchAngleRad(edges, vehicle.bumperAheadOfBallM, half);
  const tight = tightestAt(edges, touchRad ?? wantedRad, vehicle.bumperAheadOfBallM, half);
  const lacksM = tongueLacksM(edges, wantedRad, vehicle.bumperAheadOfBallM, half, TURN_MARGIN_M);
  const verdict: Verdict = touchRad !== undefined && touchRad < wantedRad ? 'over' : lacksM > 1e-4 ? 'tight' : 'ok';
  const findings: TowingFinding[] = [
    {
      ...plain,
      code: 'turns-clear',
      data: { touchRad, wantedRad, with: tight?.edge.id ?? 'trailer', lacksM },
      verdict,
      step: 'tongue',
      subject: 'tongue',
      working: [
        given('turn-room', tight?.roomM === undefined || !Number.isFinite(tight.roomM) ? 0 : tight.roomM, 'length'),
      ],
      source: computedBy('front corners turned about the ball, x = L·cosγ − t·sinγ, against the vehicle’s rear face'),
    },
  ];
  if (vehicle.tailgateReachM > 0) {
    const straight = tightestAt(edges, 0, vehicle.bumperAheadOfBallM, half);
    if (straight) {
      findings.push({
        ...plain,
        code: 'tailgate-hits',
        data: { reachM: vehicle.tailgateReachM, roomM: straight.roomM, with: straight.edge.id },
        verdict: vehicle.tailgateReachM > straight.roomM ? 'over' : 'ok',
        step: 'tongue',
        subject: 'tongue',
        value: m(straight.roomM),
        limit: m(vehicle.tailgateReachM),
        source: computedBy('reach of the open tailgate against what stands nearest to it'),
      });
    }
  }
  return findings;
};

/** Ball mounts are sold in these steps (common practice): 1 in, 25 mm. */
const MOUNT_STEP = { imperial: inches(1), metric: millimetres(25) } as const;
/** Level within half an inch at the ball (common practice). */
const LEVEL_M = inches(0.5);

const level = (project: Project, chassis: Chassis, cases: readonly BalancedCase[]): TowingFinding[] => {
  const rides = rideHeights(project, chassis, cases);
  const towed = cases.filter(({ loadCase, standing }) => loadCase.mode === 'towed' && standing);
  const heaviest = towed.reduce<BalancedCase | undefined>(
    (most, next) => (!most || next.massKg > most.massKg ? next : most),
    undefined,
  );
  if (!heaviest?.standing) return [];
  const ride = rides.find(({ caseId }) => caseId === heaviest.loadCase.id);
  const couplerM = ride?.couplerM ?? project.runningGear.railTopHeightM + ballZM(chassis);
  const hitchM = project.towVehicle?.hitchHeightM ?? undefined;
  const off = hitchM === undefined ? undefined : hitchM - couplerM;
  const step = MOUNT_STEP[project.settings.units];
  return [
    {
      ...plain,
      code: 'tows-level',
      data: {
        couplerM,
        hitchM,
        noseUpRad: off === undefined ? undefined : Math.atan2(off, heaviest.standing.groupCentreXM - chassis.ballXM),
        // Down is a drop: what the ball must go lower than it stands.
        mountM: off === undefined ? undefined : Math.round(off / step) * step,
      },
      verdict: off === undefined ? 'open' : Math.abs(off) > 2 * LEVEL_M ? 'tight' : 'ok',
      caseId: heaviest.loadCase.id,
      value: m(couplerM),
      limit: hitchM === undefined ? undefined : m(hitchM),
      source: commonPractice('level within half an inch at the ball, loaded'),
    },
  ];
};

const rollover = (project: Project, cases: readonly BalancedCase[]): TowingFinding[] => {
  const worst = cases
    .filter(({ loadCase, centre }) => loadCase.mode === 'towed' && centre)
    .map((balanced) => ({
      balanced,
      heightM: (balanced.centre?.zM ?? 0) + project.runningGear.railTopHeightM,
    }))
    .reduce<{ balanced: BalancedCase; heightM: number } | undefined>(
      (most, next) => (!most || next.heightM > most.heightM ? next : most),
      undefined,
    );
  if (!worst || worst.heightM <= 0) return [];
  const { trackM } = project.runningGear.suspension;
  const line = workedOut('stability-factor', over(m(trackM), times(quantity(2, 'number'), m(worst.heightM))), 'number');
  return [
    {
      ...plain,
      code: 'rolls-over',
      data: { factor: line.result.value, slopeRad: Math.atan(line.result.value), heightM: worst.heightM },
      verdict: 'unchecked',
      caseId: worst.balanced.loadCase.id,
      counts: false,
      working: [concluding(line)],
      source: publishedSure(
        'static stability factor, t ÷ 2h; rigid, without springs and tires, which take off a tenth or more',
      ),
    },
  ];
};

/** A street corner's circle for the ball, m (common practice: 25 ft). */
const CORNER_M = 7.5;

const others = (project: Project, chassis: Chassis, cases: readonly BalancedCase[]): TowingFinding[] => {
  const towed = cases.filter(({ loadCase, standing }) => loadCase.mode === 'towed' && standing);
  const heaviest = towed.reduce<BalancedCase | undefined>(
    (most, next) => (!most || next.massKg > most.massKg ? next : most),
    undefined,
  );
  if (!heaviest?.standing) return [];
  const lengthM = heaviest.standing.groupCentreXM - chassis.ballXM;
  const insideM = offTrackingM(CORNER_M, lengthM);
  const axles = vehicleAxles(project, heaviest);
  return [
    ...(insideM === undefined
      ? []
      : [
          {
            ...plain,
            code: 'off-tracks',
            data: { radiusM: CORNER_M, insideM },
            verdict: 'ok',
            counts: false,
            value: m(insideM),
            source: computedBy('R − √(R² − L²), slow and steady'),
          } satisfies TowingFinding,
        ]),
    ...(axles
      ? [
          {
            ...plain,
            code: 'vehicle-axles',
            data: axles,
            verdict: 'ok',
            caseId: heaviest.loadCase.id,
            counts: false,
            source: computedBy(
              'tongue × (1 + overhang ÷ wheelbase) on the rear axle, tongue × overhang ÷ wheelbase off the front',
            ),
          } satisfies TowingFinding,
        ]
      : []),
  ];
};

/** Turning, level, rolling over and what the vehicle feels; sway is worked out apart, over many speeds. */
export const towingFindings = (project: Project, chassis: Chassis, cases: readonly BalancedCase[]): TowingFinding[] => {
  if (project.runningGear.layout === 'none') return [];
  const vehicle = project.towVehicle;
  const shapeless =
    vehicle && (vehicle.wheelbaseM === null || vehicle.ballBehindAxleM === null || vehicle.massKg === null);
  return [
    ...turning(project, chassis),
    ...level(project, chassis, cases),
    ...rollover(project, cases),
    ...others(project, chassis, cases),
    ...(vehicle && !shapeless
      ? []
      : [
          {
            ...plain,
            code: 'vehicle-missing',
            data: { what: vehicle ? 'shape' : 'vehicle' },
            verdict: 'open',
            source: computedBy('mass, wheelbase, and how far the ball stands behind the rear axle'),
          } satisfies TowingFinding,
        ]),
  ];
};
