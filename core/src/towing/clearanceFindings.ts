import { ballZM, type BalancedCase, drawnRailTopM } from '../balance/index.js';
import type { Chassis } from '../chassis/index.js';
import { finding, type FindingOf, given, minus, plus, quantity, type Verdict, workedOut } from '../findings/index.js';
import type { Trailer, TowVehicle } from '../project/index.js';
import { heaviestTowed, type TowedCase } from './heaviest.js';
import { couplerHeightM } from './level.js';
import { sweptLane } from './motion.js';
import { lengthenedPoints, rampLook, rampRigOf, roomToVehicleM, type SidePoint, sidePoints } from './ramp.js';
import {
  facingEdges,
  type FrontEdge,
  frontEdges,
  leastLength,
  offTrackingM,
  stuckAt,
  tailgateLacksM,
  tightestAt,
  toldAt,
  tongueLacksM,
  touchAngleRad,
} from './turning.js';
import { RULES, TURN_MARGIN_M, RAMP_MARGIN_M, COUPLING_TIPS_RAD, LANE_ROOM_M } from './rules.js';

export interface ClearanceFindingData {
  'turns-clear': {
    readonly touchRad: number | undefined;
    readonly wantedRad: number;
    readonly with: string;
    /** undefined where no length of tongue helps */
    readonly lacksM: number | undefined;
    /** then what goes with the ball and touches however long the tongue is */
    readonly stuck: { readonly with: string; readonly touchRad: number } | undefined;
  };
  'tailgate-hits': {
    readonly reachM: number;
    readonly roomM: number | undefined;
    readonly with: string;
    /** what is nearest stays under the open gate by this */
    readonly underM: number | undefined;
    readonly lacksM: number | undefined;
  };
  'ramp-clear': {
    readonly rampRad: number;
    readonly at: 'vehicle' | 'road';
    readonly where: 'crest' | 'dip';
    readonly with: SidePoint['what'];
    readonly withId: string;
    readonly roomM: number;
    readonly pitchRad: number;
  };
  'tongue-shortest': {
    readonly shortestM: number;
    readonly nowM: number;
    readonly by: 'turn' | 'tailgate' | 'ramp';
  };
  'lane-swept': { readonly laneM: number; readonly sweptM: number; readonly radiusM: number };
  'off-tracks': { readonly radiusM: number; readonly insideM: number };
}
export type ClearanceFinding = FindingOf<ClearanceFindingData>;

const plain = { step: 'tongue', subject: 'tongue', counts: true, working: [] } as const;
const m = (value: number) => quantity(value, 'length');

/** Front edges that the open tailgate may strike: all of them where nobody has measured how high it hangs. */
const underGate = (
  trailer: Trailer,
  chassis: Chassis,
  vehicle: TowVehicle,
  towed: TowedCase | undefined,
): { readonly struck: readonly FrontEdge[]; readonly highestM: number | undefined } => {
  // No tailgate hangs as low as the tongue, or a jack that lies along it.
  const { swings } = trailer.coupling.jack;
  const edges = frontEdges(trailer, chassis).filter(({ what }) => what !== 'leg' && !(what === 'jack' && swings));
  const gateM = vehicle.tailgateHeightM;
  if (gateM === null || !towed) return { struck: edges, highestM: undefined };
  const railTopM = couplerHeightM(trailer, chassis, towed) - (chassis.tongue?.ballZM ?? -chassis.railHeightM / 2);
  const tops = edges.map((edge) => ({ edge, topM: railTopM + edge.topZM }));
  return {
    struck: tops.filter(({ topM }) => topM > gateM).map(({ edge }) => edge),
    highestM: Math.max(...tops.map(({ topM }) => topM)),
  };
};

/** What may come against the vehicle when it turns: all that does not swing over its rear face. */
const turned = (
  trailer: Trailer,
  chassis: Chassis,
  vehicle: TowVehicle,
  towed: TowedCase | undefined,
): readonly FrontEdge[] =>
  facingEdges(
    frontEdges(trailer, chassis),
    towed ? couplerHeightM(trailer, chassis, towed) - ballZM(chassis) : drawnRailTopM(trailer, chassis),
    vehicle.rearTopM,
  );

const turns = (trailer: Trailer, edges: readonly FrontEdge[], vehicle: TowVehicle): ClearanceFinding => {
  const half = vehicle.widthM / 2;
  const wantedRad = trailer.job.turnRad;
  const touchRad = touchAngleRad(edges, vehicle.bumperAheadOfBallM, half);
  const tight = toldAt(edges, touchRad ?? wantedRad, vehicle.bumperAheadOfBallM, half);
  const lacksM = tongueLacksM(edges, wantedRad, vehicle.bumperAheadOfBallM, half, TURN_MARGIN_M);
  const stuck = lacksM === undefined ? stuckAt(edges, wantedRad, vehicle.bumperAheadOfBallM, half) : undefined;
  const verdict: Verdict =
    touchRad !== undefined && touchRad < wantedRad ? 'over' : lacksM === undefined || lacksM > 1e-4 ? 'tight' : 'ok';
  return finding({
    ...plain,
    rule: RULES['turns-clear'],
    data: {
      touchRad,
      wantedRad,
      with: tight?.edge.id ?? 'trailer',
      lacksM,
      stuck: stuck && { with: stuck.edge.id, touchRad: stuck.touchRad },
    },
    verdict,
    // Without an edge in its way there is no room to tell.
    working: tight === undefined ? [] : [given('turn-room', tight.roomM, 'length')],
  });
};

const tailgate = (
  trailer: Trailer,
  chassis: Chassis,
  vehicle: TowVehicle,
  towed: TowedCase | undefined,
): ClearanceFinding[] => {
  const reachM = vehicle.tailgateReachM;
  if (!(reachM > 0)) return [];
  const half = vehicle.widthM / 2;
  const { struck, highestM } = underGate(trailer, chassis, vehicle, towed);
  const straight = tightestAt(struck, 0, vehicle.bumperAheadOfBallM, half);
  // Undefined where nothing stands under the tailgate.
  const roomM = straight?.roomM;
  const gateM = vehicle.tailgateHeightM;
  const over = roomM !== undefined && reachM > roomM;
  return [
    finding({
      ...plain,
      rule: RULES['tailgate-hits'],
      data: {
        reachM,
        roomM,
        with: straight?.edge.id ?? 'trailer',
        underM: !straight && highestM !== undefined && gateM !== null ? gateM - highestM : undefined,
        lacksM: over ? tailgateLacksM(struck, vehicle.bumperAheadOfBallM, half, reachM) : undefined,
      },
      verdict: over ? 'over' : 'ok',
      value: roomM === undefined ? undefined : m(roomM),
      limit: m(reachM),
    }),
  ];
};

const ramp = (trailer: Trailer, chassis: Chassis, towed: TowedCase): ClearanceFinding[] => {
  const rig = rampRigOf(trailer, chassis, towed);
  const { rampRad } = trailer.job;
  if (!rig || rampRad <= 0) return [];
  const points = sidePoints(trailer, chassis);
  const looks = (['crest', 'dip'] as const).flatMap((where) => {
    const look = rampLook(rig, points, where === 'dip' ? rampRad : -rampRad);
    return look
      ? [
          { where, at: 'vehicle' as const, point: look.nearest.point, roomM: look.nearest.roomM, look },
          { where, at: 'road' as const, point: look.lowest.point, roomM: look.lowest.clearM, look },
        ]
      : [];
  });
  const worst = looks.reduce<(typeof looks)[number] | undefined>(
    (least, next) => (!least || next.roomM < least.roomM ? next : least),
    undefined,
  );
  if (!worst) return [];
  const pitchRad = Math.max(...looks.map(({ look }) => Math.abs(look.pitchRad)));
  const verdict: Verdict =
    worst.roomM < 0 ? 'over' : worst.roomM < RAMP_MARGIN_M || pitchRad > COUPLING_TIPS_RAD ? 'tight' : 'ok';
  return [
    finding({
      ...plain,
      rule: RULES['ramp-clear'],
      data: {
        rampRad,
        at: worst.at,
        where: worst.where,
        with: worst.point.what,
        withId: worst.point.id,
        roomM: worst.roomM,
        pitchRad,
      },
      verdict,
      caseId: towed.loadCase.id,
      value: m(worst.roomM),
    }),
  ];
};

/** The least length that clears each way; the longest of them is the shortest tongue. */
const shortest = (
  trailer: Trailer,
  chassis: Chassis,
  vehicle: TowVehicle,
  towed: TowedCase | undefined,
): ClearanceFinding[] => {
  const half = vehicle.widthM / 2;
  const edges = turned(trailer, chassis, vehicle, towed);
  const rig = towed && rampRigOf(trailer, chassis, towed);
  const points = sidePoints(trailer, chassis);
  const { struck } = underGate(trailer, chassis, vehicle, towed);
  const asked = [
    {
      by: 'turn' as const,
      lacksM: tongueLacksM(edges, trailer.job.turnRad, vehicle.bumperAheadOfBallM, half, TURN_MARGIN_M),
    },
    ...(vehicle.tailgateReachM > 0
      ? [
          {
            by: 'tailgate' as const,
            lacksM: tailgateLacksM(struck, vehicle.bumperAheadOfBallM, half, vehicle.tailgateReachM),
          },
        ]
      : []),
    ...(rig && trailer.job.rampRad > 0
      ? [
          {
            by: 'ramp' as const,
            lacksM: leastLength((longerM) => {
              if (rig.drawbarM + longerM <= 0.3) return false;
              const moved = { ...rig, drawbarM: rig.drawbarM + longerM };
              // What a longer tongue mends: the room to the vehicle in a dip; over the road it only ever loses.
              const further = lengthenedPoints(trailer, points, longerM);
              return roomToVehicleM(moved, further, trailer.job.rampRad) >= RAMP_MARGIN_M;
            }),
          },
        ]
      : []),
  ];
  const nowM = trailer.frame.tongue.lengthM;
  const known = asked.flatMap(({ by, lacksM }) => (lacksM === undefined ? [] : [{ by, shortestM: nowM + lacksM }]));
  const binding = known.reduce<(typeof known)[number] | undefined>(
    (most, next) => (!most || next.shortestM > most.shortestM ? next : most),
    undefined,
  );
  if (!binding || known.length < asked.length || binding.shortestM <= 0) return [];
  return [
    finding({
      ...plain,
      rule: RULES['tongue-shortest'],
      data: { shortestM: binding.shortestM, nowM, by: binding.by },
      verdict: 'ok',
      counts: false,
      value: m(nowM),
      limit: m(binding.shortestM),
      working: [workedOut('tongue-spare', minus(m(nowM), m(binding.shortestM)), 'length')],
    }),
  ];
};

const lane = (trailer: Trailer, chassis: Chassis, towed: TowedCase): ClearanceFinding[] => {
  const { cornerM, laneM } = trailer.job;
  const insideM = offTrackingM(cornerM, towed.standing.groupCentreXM - chassis.ballXM);
  const swept = sweptLane(trailer, chassis, towed);
  const towing = { ...plain, step: 'towing', subject: 'trailer' } as const;
  return [
    ...(insideM === undefined
      ? []
      : [
          finding({
            ...towing,
            rule: RULES['off-tracks'],
            data: { radiusM: cornerM, insideM },
            verdict: 'ok',
            counts: false,
            value: m(insideM),
          }),
        ]),
    ...(laneM === null || !swept
      ? []
      : [
          finding({
            ...towing,
            rule: RULES['lane-swept'],
            data: { laneM, sweptM: swept.widthM, radiusM: cornerM },
            verdict: swept.widthM > laneM ? 'over' : swept.widthM > laneM - LANE_ROOM_M ? 'tight' : 'ok',
            value: m(swept.widthM),
            limit: m(laneM),
            working: [
              given('lane-outer', swept.outerM, 'length'),
              given('lane-inner', swept.innerM, 'length'),
              workedOut('lane-swept', minus(m(swept.outerM), m(swept.innerM)), 'length'),
              workedOut('lane-with-room', plus(m(swept.widthM), m(LANE_ROOM_M)), 'length'),
            ],
          }),
        ]),
  ];
};

/** Whether it turns, opens the tailgate, goes over a break of the road and through a lane. */
export const clearanceFindings = (
  trailer: Trailer,
  chassis: Chassis,
  cases: readonly BalancedCase[],
): ClearanceFinding[] => {
  const vehicle = trailer.towVehicle;
  const towed = heaviestTowed(cases);
  if (vehicle?.kind === 'muscle') return [];
  return [
    ...(vehicle
      ? [
          turns(trailer, turned(trailer, chassis, vehicle, towed), vehicle),
          ...tailgate(trailer, chassis, vehicle, towed),
          ...(towed ? ramp(trailer, chassis, towed) : []),
          ...shortest(trailer, chassis, vehicle, towed),
        ]
      : []),
    ...(towed ? lane(trailer, chassis, towed) : []),
  ];
};
