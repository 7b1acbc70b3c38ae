import { hasAxleAcross, isSprung } from '../suspension/index.js';
import { type BarBox, boxesAlong, type Chassis, type Member, panelBoxes, type PlanPoint } from '../chassis/index.js';
import { axlePlaces, type Part } from '../mass/index.js';
import type { Trailer } from '../project/index.js';
import type { HangerPlan } from './hangers.js';
import type { RideHeights } from './heights.js';

/** Two solid parts that come near each other or share a place; each pair is told once, at its worst. */
export interface Meeting {
  /** what moves with the wheels, or the tongue */
  readonly what: 'axle' | 'tire' | 'tongue' | 'hinge' | 'hanger';
  /** the part that it meets */
  readonly withId: string;
  readonly subject: string;
  readonly caseId: string | undefined;
  /** air between them standing, m; negative where one is inside the other */
  readonly restM: number;
  /** and in a hard bump */
  readonly bumpM: number;
}

/** Nothing is built nearer than that; parts that touch are not inside each other, m. */
const TOUCHES_M = 0.002;
/** What stands no higher than this over the tongue is in the way where it folds, m. */
const OVER_HINGE_M = 0.05;

interface Box {
  readonly x0M: number;
  readonly x1M: number;
  readonly y0M: number;
  readonly y1M: number;
}

/** Corners of a box seen from above. */
const planOf = ({ x0M, x1M, y0M, y1M }: Box): readonly PlanPoint[] => [
  [x0M, y0M],
  [x1M, y0M],
  [x1M, y1M],
  [x0M, y1M],
];

/** Whether a convex outline and an upright box overlap seen from above: no side of either parts them. */
const overlaps = (plan: readonly PlanPoint[], box: Box): boolean => {
  // Most bars are nowhere near.
  if (plan.every(([x]) => x < box.x0M) || plan.every(([x]) => x > box.x1M)) return false;
  const corners = planOf(box);
  const normals = [...plan, [0, 1] as const, [1, 0] as const].map((point, i, all): PlanPoint => {
    if (i >= plan.length) return point;
    const [ax, ay] = point;
    const [bx, by] = all[(i + 1) % plan.length] as PlanPoint;
    return [by - ay, ax - bx];
  });
  return normals.every(([nx, ny]) => {
    const along = (points: readonly PlanPoint[]): readonly [number, number] => {
      const at = points.map(([x, y]) => x * nx + y * ny);
      return [Math.min(...at), Math.max(...at)];
    };
    const [[a0, a1], [b0, b1]] = [along(plan), along(corners)];
    const size = Math.hypot(nx, ny) * TOUCHES_M;
    return a1 > b0 + size && b1 > a0 + size;
  });
};

/** The same of two boxes. */
const meetsFromAbove = (a: Box, b: Box): boolean =>
  a.x1M > b.x0M + TOUCHES_M && b.x1M > a.x0M + TOUCHES_M && a.y1M > b.y0M + TOUCHES_M && b.y1M > a.y0M + TOUCHES_M;

/** Lower and upper face of a bar over a stretch of x, from the rails' top, m; a sloped one by its lowest and highest there. */
const facesOver = ({ extent, frontRiseM }: Member, x0M: number, x1M: number): readonly [number, number] => {
  const { x0M: from, x1M: to, z0M, z1M } = extent;
  const length = Math.max(1e-9, to - from);
  const lift = (xM: number): number => {
    const along = (Math.min(to, Math.max(from, xM)) - from) / length;
    return frontRiseM >= 0 ? frontRiseM * (1 - along) : -frontRiseM * along;
  };
  const [a, b] = [lift(x0M), lift(x1M)];
  return [z0M + Math.min(a, b), z1M - Math.abs(frontRiseM) + Math.max(a, b)];
};

/** How far two stretches are apart, m; negative by how deep they are in each other. */
const airBetween = (low: readonly [number, number], high: readonly [number, number]): number =>
  Math.max(high[0] - low[1], low[0] - high[1]);

/** Air that is left in a hard bump; without end where nothing comes nearer than it stands. */
const inBump = (restM: number, aboveM: number | undefined, travelM: number): number =>
  restM < -TOUCHES_M ? restM : aboveM === undefined || travelM === 0 ? Number.POSITIVE_INFINITY : aboveM - travelM;

/** The cross tube of an axle seen from above, with the bars that cross it there. */
interface CrossTube {
  readonly subject: string;
  readonly box: Box;
  readonly bars: readonly Member[];
}

/** A load, a body, or a stretch of a bar of one's own. */
type Solid = Pick<Part, 'id' | 'x0M' | 'x1M' | 'y0M' | 'y1M' | 'centre' | 'heightM'>;

const solidOf = (id: string, { x0M, x1M, y0M, y1M, z0M, z1M }: BarBox): Solid => ({
  id,
  x0M,
  x1M,
  y0M,
  y1M,
  centre: { xM: (x0M + x1M) / 2, yM: (y0M + y1M) / 2, zM: (z0M + z1M) / 2 },
  heightM: z1M - z0M,
});

const ownSolids = ({ members, panels }: Chassis): readonly Solid[] => [
  ...members.flatMap((member) => boxesAlong(member).map((box) => solidOf(member.id, box))),
  ...panels.flatMap((panel) => (panel.own ? panelBoxes(panel, panel.own).map((box) => solidOf(panel.id, box)) : [])),
];

/** The tubes of all axles under what crosses them, the rails apart: those have a clearance of their own. The same under every load. */
const crossTubes = (trailer: Trailer, chassis: Chassis): readonly CrossTube[] => {
  const { suspension, axle, tire } = trailer.runningGear;
  if (!hasAxleAcross(suspension.kind) || suspension.kind === 'unknown') return [];
  const half = axle.tubeDiameterM / 2;
  const reachM = suspension.trackM / 2 - tire.widthM / 2;
  // A torsion axle's tube stands ahead of its wheels and does not move.
  const aheadM = suspension.kind === 'torsion' ? suspension.armM : 0;
  return axlePlaces(trailer).map(({ id: subject, xM }) => {
    const box = { x0M: xM - aheadM - half, x1M: xM - aheadM + half, y0M: -reachM, y1M: reachM };
    return {
      subject,
      box,
      bars: chassis.members.filter(
        ({ group, plan, line }) => !line && group !== 'rail' && group !== 'side' && overlaps(plan, box),
      ),
    };
  });
};

/** The cross tubes under bars and loads, as the trailer rides. */
const axleMeetings = (
  trailer: Trailer,
  tubes: readonly CrossTube[],
  ride: RideHeights,
  loads: readonly Solid[],
): Meeting[] => {
  const { suspension, axle } = trailer.runningGear;
  const half = axle.tubeDiameterM / 2;
  const middleZM = ride.stack.tubeMiddleM - ride.railTopM;
  const travelM = suspension.kind === 'leaf' ? suspension.bumpTravelM : 0;
  const tube = [middleZM - half, middleZM + half] as const;
  return tubes.flatMap(({ subject, box, bars }): Meeting[] => {
    const meets = (withId: string, plan: readonly PlanPoint[], faces: readonly [number, number]): Meeting => {
      const xs = plan.map(([x]) => x);
      // As deep as the least move that would part them: up, or along the trailer.
      const along = airBetween([box.x0M, box.x1M], [Math.min(...xs), Math.max(...xs)]);
      const upright = airBetween(tube, faces);
      const restM = upright < 0 ? Math.max(upright, along) : upright;
      // What hangs below the tube is left behind in a bump.
      const above = faces[0] + faces[1] > 2 * middleZM;
      return {
        what: 'axle',
        withId,
        subject,
        caseId: ride.caseId,
        restM,
        bumpM: inBump(restM, above ? faces[0] - tube[1] : undefined, travelM),
      };
    };
    const found = bars.map((member) => meets(member.id, member.plan, facesOver(member, box.x0M, box.x1M)));
    for (const part of loads) {
      if (!meetsFromAbove(part, box)) continue;
      const plan = planOf(part);
      const { centre, heightM } = part;
      found.push(meets(part.id, plan, [centre.zM - heightM / 2, centre.zM + heightM / 2]));
    }
    return found;
  });
};

/** Tires under or inside a load or a body that reaches out over them. */
const tireMeetings = (trailer: Trailer, ride: RideHeights, loads: readonly Solid[]): Meeting[] => {
  const { suspension, tire } = trailer.runningGear;
  const radiusM = tire.diameterM / 2;
  const hubZM = ride.stack.hubM - ride.railTopM;
  const travelM = isSprung(suspension.kind) ? suspension.bumpTravelM : 0;
  return axlePlaces(trailer).flatMap(({ id: subject, xM }): Meeting[] =>
    loads.flatMap((part): Meeting[] => {
      const inner = suspension.trackM / 2 - tire.widthM / 2;
      const outer = suspension.trackM / 2 + tire.widthM / 2;
      const besides = part.y1M > inner + TOUCHES_M || part.y0M < -inner - TOUCHES_M;
      const beyond = part.y0M > outer - TOUCHES_M || part.y1M < -outer + TOUCHES_M;
      // Nearest to the hub that the load comes along the trailer.
      const off = Math.max(0, part.x0M - xM, xM - part.x1M);
      if (!besides || beyond || off >= radiusM) return [];
      const reach = Math.sqrt(radiusM ** 2 - off ** 2);
      const faces = [part.centre.zM - part.heightM / 2, part.centre.zM + part.heightM / 2] as const;
      const restM = airBetween([hubZM - reach, hubZM + reach], faces);
      const above = faces[0] > hubZM || faces[1] > hubZM + reach;
      return [
        {
          what: 'tire',
          withId: part.id,
          subject,
          caseId: ride.caseId,
          restM,
          bumpM: inBump(restM, above ? faces[0] - (hubZM + reach) : undefined, travelM),
        },
      ];
    }),
  );
};

/** Where the tongue passes under the frame through a bar that hangs lower than the rails. */
const tongueMeetings = ({ tongue }: Chassis): Meeting[] =>
  (tongue?.crossings ?? []).map(({ barId, crossId, gapM }) => ({
    what: 'tongue',
    withId: crossId,
    subject: barId,
    caseId: undefined,
    restM: gapM,
    bumpM: inBump(gapM, undefined, 0),
  }));

/** Something that stands across the hinge of a tongue that is to fold. */
const hingeMeetings = (trailer: Trailer, chassis: Chassis, loads: readonly Solid[]): Meeting[] => {
  const { tongue } = trailer.frame;
  if (tongue.kind === 'a-frame' || tongue.joint.kind !== 'folding' || !chassis.tongue) return [];
  const [bar] = chassis.tongue.members;
  const hingeXM = -tongue.joint.aheadM;
  const half = (bar?.bar.widthM ?? 0) / 2;
  const topM = chassis.tongue.topZM;
  return loads
    .filter(
      ({ x0M, x1M, y0M, y1M, centre, heightM }) =>
        x0M < hingeXM - TOUCHES_M &&
        x1M > hingeXM + TOUCHES_M &&
        y0M < half &&
        y1M > -half &&
        centre.zM - heightM / 2 < topM + OVER_HINGE_M,
    )
    .map(({ id, x0M, x1M }) => {
      const insideM = -Math.min(hingeXM - x0M, x1M - hingeXM);
      return {
        what: 'hinge' as const,
        withId: id,
        subject: bar?.id ?? 'tongue',
        caseId: undefined,
        restM: insideM,
        bumpM: insideM,
      };
    });
};

/** A hanger or bracket is as long as this along the rail, m: common practice, 2 to 3 in. */
const HANGER_M = 0.06;

/** Hangers are welded to the rails' underside: a cross-member that runs below it is in their way. */
const hangerMeetings = (chassis: Chassis, { marks }: HangerPlan): Meeting[] =>
  marks.flatMap(({ id, xM }): Meeting[] =>
    chassis.members
      .filter(({ group, extent }) => group === 'cross' && extent.z0M < -chassis.railHeightM - TOUCHES_M)
      .flatMap(({ id: withId, extent }): Meeting[] => {
        const restM = Math.max(extent.x0M - (xM + HANGER_M / 2), xM - HANGER_M / 2 - extent.x1M);
        return restM < -TOUCHES_M
          ? [{ what: 'hanger', withId, subject: id, caseId: undefined, restM, bumpM: restM }]
          : [];
      }),
  );

/**
 * All solid parts against each other, standing and in the bump, under every load; what turns with the coupling is looked at apart. Only
 * pairs that share a place, or have less air than is worth counting on; each at its worst.
 */
export const meetings = (
  trailer: Trailer,
  chassis: Chassis,
  rides: readonly RideHeights[],
  hangers: HangerPlan,
  aboard: (caseId: string) => readonly Part[],
  nearM: number,
): readonly Meeting[] => {
  const tubes = crossTubes(trailer, chassis);
  const own = ownSolids(chassis);
  const all = [
    ...tongueMeetings(chassis),
    ...hangerMeetings(chassis, hangers),
    ...rides.flatMap((ride) => {
      const loads = [...aboard(ride.caseId), ...own];
      return [
        ...axleMeetings(trailer, tubes, ride, loads),
        ...tireMeetings(trailer, ride, loads),
        ...hingeMeetings(trailer, chassis, loads),
      ];
    }),
  ].filter(({ restM, bumpM }) => restM < -TOUCHES_M || bumpM < nearM);
  const worst = new Map<string, Meeting>();
  for (const one of all) {
    const key = `${one.what} ${one.withId}`;
    const old = worst.get(key);
    if (!old || one.bumpM < old.bumpM) worst.set(key, one);
  }
  return [...worst.values()];
};
