import type { Chassis, Member, PlanPoint } from '../chassis/index.js';
import { itemPart } from '../mass/index.js';
import { isOfTongue, type Trailer } from '../project/index.js';
import { inches } from '../units/index.js';

/** A straight edge of the trailer that faces the vehicle. */
export interface FrontEdge {
  readonly what: 'bed' | 'item' | 'leg' | 'jack';
  readonly id: string;
  /** of its left end */
  readonly behindBallM: number;
  readonly leftM: number;
  readonly rightM: number;
  /** so much further behind the ball for each metre to the right; 0 straight across */
  readonly slope: number;
  /** its lowest and highest point above the top of the rails */
  readonly bottomZM: number;
  readonly topZM: number;
  /** stays as far behind the ball however long the tongue is made */
  readonly withBall: boolean;
}

const sideTops = (chassis: Chassis): readonly number[] =>
  chassis.members.filter(({ group }) => group === 'side').map(({ extent }) => extent.z1M);

/** Decks and boards stand over the bed's own outline; panels of one's own are edges by themselves. */
const panelTops = (chassis: Chassis): readonly number[] =>
  chassis.panels.filter(({ kind }) => kind !== 'own').map(({ extent }) => extent.z1M);

/** A jack's head and crank reach so far from its tube, and stand so high over its mount where nobody has measured (common practice). */
const JACK_HEAD_M = {
  along: inches(4),
  across: inches(5),
  high: inches(20),
  swung: inches(4),
  cap: inches(8),
} as const;

const jackEdge = (trailer: Trailer, chassis: Chassis): FrontEdge[] => {
  const { jack, jackBehindBallM } = trailer.coupling;
  const { tongue } = chassis;
  if (!jack.fitted || !tongue) return [];
  const strokeM = jack.longM !== null && jack.shortM !== null ? jack.longM - jack.shortM + JACK_HEAD_M.cap : undefined;
  return [
    {
      what: 'jack',
      id: 'jack',
      behindBallM: jackBehindBallM - JACK_HEAD_M.along,
      leftM: -JACK_HEAD_M.across,
      rightM: JACK_HEAD_M.across,
      slope: 0,
      bottomZM: tongue.topZM,
      topZM: tongue.topZM + (jack.swings ? JACK_HEAD_M.swung : (strokeM ?? JACK_HEAD_M.high)),
      withBall: true,
    },
  ];
};

/** The outer face of a slanted bar of the tongue, from its front end to where it meets the bed or the rails. */
const slantedEdge = ({ id, plan, extent }: Member, ballXM: number): FrontEdge[] => {
  const reach = Math.max(...plan.map(([, y]) => Math.abs(y)));
  const far = plan.find(([, y]) => Math.abs(y) > reach - 1e-9);
  const front = Math.min(...plan.map(([x]) => x));
  const tips = plan.filter(([x]) => x < front + 0.2 * (extent.x1M - front));
  const near = tips.reduce<PlanPoint | undefined>(
    (most, next) => (!most || Math.abs(next[1]) > Math.abs(most[1]) ? next : most),
    undefined,
  );
  if (!far || !near || Math.abs(far[1] - near[1]) < 0.02) return [];
  const [left, right] = near[1] < far[1] ? [near, far] : [far, near];
  return [
    {
      what: 'leg',
      id,
      behindBallM: left[0] - ballXM,
      leftM: left[1],
      rightM: right[1],
      slope: (right[0] - left[0]) / (right[1] - left[1]),
      bottomZM: extent.z0M,
      topZM: extent.z1M,
      withBall: true,
    },
  ];
};

/** Seen from above nearer than this to running along the trailer, a bar shows its end to the vehicle, m across. */
const ALONG_M = 0.05;

/** Bars of one's own that reach ahead of the bed or over it, each from its left end to its right one. */
const ownBarEdges = ({ members, ownBars, ballXM }: Chassis, bedTopZM: number): FrontEdge[] =>
  members.flatMap(({ id, line, plan, extent, bar }): FrontEdge[] => {
    if (!line || (extent.x0M >= 0 && extent.z1M <= bedTopZM)) return [];
    const own = ownBars.find((candidate) => candidate.id === id);
    const onTongue = [own?.from, own?.to].some((end) => end?.kind === 'on' && isOfTongue(end.barId));
    const ys = plan.map(([, y]) => y);
    const common = { what: 'item', id, bottomZM: extent.z0M, topZM: extent.z1M, withBall: onTongue } as const;
    const [left, right] = line.start[1] <= line.end[1] ? [line.start, line.end] : [line.end, line.start];
    const across = right[1] - left[1];
    if (across < ALONG_M)
      return [
        { ...common, behindBallM: extent.x0M - ballXM, leftM: Math.min(...ys), rightM: Math.max(...ys), slope: 0 },
      ];
    const slope = (right[0] - left[0]) / across;
    const reachM = (Math.abs(line.across[0]) * bar.widthM + Math.abs(line.up[0]) * bar.heightM) / 2;
    return [{ ...common, behindBallM: left[0] - reachM - ballXM, leftM: left[1], rightM: right[1], slope }];
  });

/** Walls and shelves that reach ahead of the bed or over it, by their front faces. */
const ownPanelEdges = ({ panels, ballXM }: Chassis, bedTopZM: number): FrontEdge[] =>
  panels.flatMap(({ id, kind, extent, y0M, y1M }): FrontEdge[] =>
    kind === 'own' && (extent.x0M < 0 || extent.z1M > bedTopZM)
      ? [
          {
            what: 'item',
            id,
            behindBallM: extent.x0M - ballXM,
            leftM: y0M,
            rightM: y1M,
            slope: 0,
            bottomZM: extent.z0M,
            topZM: extent.z1M,
            withBall: false,
          },
        ]
      : [],
  );

/** What the front edges go by; running gear only where something is held on it or measured from it. */
const goBy = (trailer: Trailer, chassis: Chassis): readonly unknown[] => [
  chassis,
  trailer.frame,
  trailer.items,
  trailer.coupling,
  trailer.items.some(({ attach }) => attach.from === 'axle' || attach.on === 'axle') ? trailer.runningGear : undefined,
];
const kept: { readonly by: readonly unknown[]; readonly edges: readonly FrontEdge[] }[] = [];
const KEPT = 4;

/** As `frontEdgesOf`; the very same while something else is dragged, so that what was worked out of them holds. */
export const frontEdges = (trailer: Trailer, chassis: Chassis): readonly FrontEdge[] => {
  const by = goBy(trailer, chassis);
  const known = kept.find((one) => one.by.every((value, i) => value === by[i]));
  if (known) return known.edges;
  const edges = frontEdgesOf(trailer, chassis);
  kept.push({ by, edges });
  if (kept.length > KEPT) kept.shift();
  return edges;
};

const worked = new WeakMap<readonly FrontEdge[], Map<string, number | undefined>>();

/** Worked out once for the same edges and numbers. */
const onceFor = (
  edges: readonly FrontEdge[],
  what: string,
  numbers: readonly number[],
  make: () => number | undefined,
): number | undefined => {
  const own = worked.get(edges) ?? new Map<string, number | undefined>();
  worked.set(edges, own);
  const key = `${what} ${numbers.join(' ')}`;
  if (!own.has(key)) own.set(key, make());
  return own.get(key);
};

/** What may come against the vehicle: the bed, what is on tongue or deck in front of it, slanted bars of the tongue, the jack. */
const frontEdgesOf = (trailer: Trailer, chassis: Chassis): readonly FrontEdge[] => {
  const half = trailer.frame.bed.widthM / 2;
  const { tongue, ballXM } = chassis;
  const bedTopZM = Math.max(chassis.deckTopZM, ...panelTops(chassis), ...sideTops(chassis));
  const slanted = tongue ? [...(tongue.members.length > 1 ? tongue.members : []), ...tongue.sideTubes] : [];
  return [
    {
      what: 'bed',
      id: 'trailer',
      behindBallM: -ballXM,
      leftM: -half,
      rightM: half,
      slope: 0,
      bottomZM: -chassis.railHeightM,
      topZM: bedTopZM,
      withBall: false,
    },
    ...trailer.items.flatMap((item): FrontEdge[] => {
      const part = itemPart(trailer, chassis, item);
      const behindBallM = part.x0M - ballXM;
      return behindBallM < -ballXM
        ? [
            {
              what: 'item',
              id: item.id,
              behindBallM,
              leftM: part.y0M,
              rightM: part.y1M,
              slope: 0,
              bottomZM: part.centre.zM - part.heightM / 2,
              topZM: part.centre.zM + part.heightM / 2,
              withBall: item.attach.from === 'ball',
            },
          ]
        : [];
    }),
    ...ownPanelEdges(chassis, bedTopZM),
    ...ownBarEdges(chassis, bedTopZM),
    ...slanted.flatMap((member) => slantedEdge(member, ballXM)),
    ...jackEdge(trailer, chassis),
  ];
};

/** Edges that do not pass over the vehicle's rear face, with the rails' top so high above the ground. */
export const facingEdges = (
  edges: readonly FrontEdge[],
  railTopM: number,
  rearTopM: number | null,
): readonly FrontEdge[] => (rearTopM === null ? edges : edges.filter(({ bottomZM }) => railTopM + bottomZM < rearTopM));

/**
 * Room between an edge and the vehicle's rear face when the trailer is turned by γ, m; infinite where the edge has swung past the
 * vehicle's side. With l(t) = l₀ + s·t the edge's points are (l·cosγ − t·sinγ, l·sinγ + t·cosγ) from the ball, t across the trailer: exact.
 */
export const roomAt = (edge: FrontEdge, gammaRad: number, bumperAheadM: number, halfVehicleM: number): number => {
  const { slope } = edge;
  const straight = edge.behindBallM - slope * edge.leftM;
  const sin = Math.sin(gammaRad);
  const cos = Math.cos(gammaRad);
  let low = edge.leftM;
  let high = edge.rightM;
  const across = slope * sin + cos;
  if (Math.abs(across) > 1e-12) {
    const one = (-halfVehicleM - straight * sin) / across;
    const other = (halfVehicleM - straight * sin) / across;
    low = Math.max(low, Math.min(one, other));
    high = Math.min(high, Math.max(one, other));
  } else if (Math.abs(straight * sin) > halfVehicleM) return Number.POSITIVE_INFINITY;
  if (low > high) return Number.POSITIVE_INFINITY;
  const along = slope * cos - sin;
  return straight * cos + Math.min(along * low, along * high) + bumperAheadM;
};

export interface TurnRoom {
  readonly edge: FrontEdge;
  readonly roomM: number;
}

/** Touching, to the accuracy of the search for the angle. */
const TOUCHES_M = 1e-4;
const ofTheBall = ({ what }: FrontEdge): boolean => what === 'leg' || what === 'jack';

/** Each edge at an angle, turned the worse way. */
const roomsAt = (
  edges: readonly FrontEdge[],
  gammaRad: number,
  bumperAheadM: number,
  halfVehicleM: number,
): readonly TurnRoom[] =>
  edges.map((edge) => ({
    edge,
    roomM: Math.min(...[gammaRad, -gammaRad].map((g) => roomAt(edge, g, bumperAheadM, halfVehicleM))),
  }));

const tightest = (rooms: readonly TurnRoom[]): TurnRoom | undefined =>
  rooms.reduce<TurnRoom | undefined>((least, next) => (!least || next.roomM < least.roomM ? next : least), undefined);

/** The tightest edge at an angle, either way. */
export const tightestAt = (...at: Parameters<typeof roomsAt>): TurnRoom | undefined => tightest(roomsAt(...at));

/** The same to be told of: legs and jack stand close by at any angle, and are told only where they touch. */
export const toldAt = (...at: Parameters<typeof roomsAt>): TurnRoom | undefined =>
  tightest(roomsAt(...at).filter(({ edge, roomM }) => !ofTheBall(edge) || roomM < TOUCHES_M));

const FULL_TURN_RAD = Math.PI / 2;
/** Halvings of a stretch that is searched: to a millionth of it and less. */
const HALVINGS = 26;
/** Just short of where an edge leaves the vehicle's width, rad. */
const JUST_SHORT_RAD = 1e-9;

/**
 * Angles from −wanted to wanted at which an edge can come nearest: where one of its ends enters or leaves the vehicle's width H
 * (R·sin(γ + φ) = ±H), where the edge's own line, so far d from the ball, is nearest on the width's side lines (sin(θ + γ) = ±H ÷ d), and
 * where an end stands in line with ball and vehicle. Between them the room only falls or only grows.
 */
const forEachTurningPoint = (
  { slope, leftM, rightM, behindBallM }: FrontEdge,
  half: number,
  wantedRad: number,
  visit: (gammaRad: number) => void,
): void => {
  // Asked thousands of times a search: no lists are made.
  const within = (gammaRad: number): void => {
    if (Math.abs(gammaRad) <= wantedRad) visit(gammaRad);
  };
  const about = (gammaRad: number, eitherSide: boolean): void => {
    within(gammaRad);
    if (!eitherSide) return;
    within(gammaRad - JUST_SHORT_RAD);
    within(gammaRad + JUST_SHORT_RAD);
  };
  const reaching = (size: number, at: number, eitherSide: boolean): void => {
    if (size < half) return;
    const rise = Math.asin(half / size);
    about(rise - at, eitherSide);
    about(Math.PI - rise - at, eitherSide);
    about(-rise - at, eitherSide);
    about(-Math.PI + rise - at, eitherSide);
  };
  const straight = behindBallM - slope * leftM;
  const end = (t: number): void => {
    const l = straight + slope * t;
    const angle = Math.atan2(t, l);
    within(-angle);
    within(Math.PI - angle);
    within(-Math.PI - angle);
    reaching(Math.hypot(l, t), angle, true);
  };
  visit(-wantedRad);
  visit(0);
  visit(wantedRad);
  end(leftM);
  end(rightM);
  reaching(Math.abs(straight) / Math.hypot(1, slope), Math.atan2(-slope, 1), false);
};

/** The least room of any edge on the way to an angle, either way: exact. */
export const leastRoomM = (
  edges: readonly FrontEdge[],
  wantedRad: number,
  bumperAheadM: number,
  halfVehicleM: number,
): number => {
  let least = Number.POSITIVE_INFINITY;
  for (const edge of edges)
    forEachTurningPoint(edge, halfVehicleM, wantedRad, (gamma) => {
      least = Math.min(least, roomAt(edge, gamma, bumperAheadM, halfVehicleM));
    });
  return least;
};

/** The angle at which something first touches, rad; undefined where nothing does to 90°. */
const searchTouch = (edges: readonly FrontEdge[], bumperAheadM: number, halfVehicleM: number): number | undefined => {
  // An edge that never touches on the way to 90° need not be asked again.
  const touching = edges.filter((edge) => leastRoomM([edge], FULL_TURN_RAD, bumperAheadM, halfVehicleM) < 0);
  if (touching.length === 0) return undefined;
  const touches = (gamma: number): boolean => leastRoomM(touching, gamma, bumperAheadM, halfVehicleM) < 0;
  if (touches(0)) return 0;
  let [clear, touched] = [0, FULL_TURN_RAD];
  for (let k = 0; k < HALVINGS; k += 1) {
    const middle = (clear + touched) / 2;
    if (touches(middle)) touched = middle;
    else clear = middle;
  }
  return touched;
};

/** As searched; once for the same edges. */
export const touchAngleRad = (
  edges: readonly FrontEdge[],
  bumperAheadM: number,
  halfVehicleM: number,
): number | undefined =>
  onceFor(edges, 'touch', [bumperAheadM, halfVehicleM], () => searchTouch(edges, bumperAheadM, halfVehicleM));

/** Edges as a tongue longer by so much would have them. */
const lengthened = (edges: readonly FrontEdge[], longerM: number): readonly FrontEdge[] =>
  edges.map((edge) => {
    if (!edge.withBall) return { ...edge, behindBallM: edge.behindBallM + longerM };
    if (edge.slope === 0) return edge;
    // A leg runs on in its own line: to the right where it slants back to the right, else to the left.
    const further = Math.max(longerM / Math.abs(edge.slope), edge.leftM - edge.rightM + 0.01);
    return edge.slope > 0
      ? { ...edge, rightM: edge.rightM + further }
      : { ...edge, leftM: edge.leftM - further, behindBallM: edge.behindBallM - edge.slope * further };
  });

/** Lengths that a tongue may be made longer or shorter by, m. */
const LENGTHEN_M = [-3, 5] as const;

/** The least change of length that satisfies; undefined where even the longest does not. */
export const leastLength = (clears: (longerM: number) => boolean): number | undefined => {
  let [short, long]: [number, number] = [...LENGTHEN_M];
  if (!clears(long)) return undefined;
  for (let k = 0; k < HALVINGS; k += 1) {
    const middle = (short + long) / 2;
    if (clears(middle)) long = middle;
    else short = middle;
  }
  return long;
};

/**
 * How much longer (or shorter, negative) the tongue must be for this room at every angle up to the wanted one, m; undefined where no
 * length helps, because what is in the way stands at the ball. What moves with the ball, legs and jack among it, must not touch; the room
 * besides is asked of what a longer tongue moves away.
 */
export const tongueLacksM = (
  edges: readonly FrontEdge[],
  wantedRad: number,
  bumperAheadM: number,
  halfVehicleM: number,
  marginM: number,
): number | undefined => {
  return onceFor(edges, 'lacks', [wantedRad, bumperAheadM, halfVehicleM, marginM], () => {
    const fixed = edges.filter(ofTheBall);
    const others = edges.filter((edge) => !ofTheBall(edge));
    const least = (of: readonly FrontEdge[], longerM: number): number =>
      leastRoomM(lengthened(of, longerM), wantedRad, bumperAheadM, halfVehicleM);
    return leastLength((longerM) => least(others, longerM) >= marginM && least(fixed, longerM) >= 0);
  });
};

/** What touches before an angle however long the tongue is, for it goes with the ball: which edge, and where; undefined where nothing does. */
export const stuckAt = (
  edges: readonly FrontEdge[],
  wantedRad: number,
  bumperAheadM: number,
  halfVehicleM: number,
): { readonly edge: FrontEdge; readonly touchRad: number } | undefined => {
  const [, longest] = LENGTHEN_M;
  const fixed = lengthened(
    edges.filter(({ withBall }) => withBall),
    longest,
  );
  const touchRad = touchAngleRad(fixed, bumperAheadM, halfVehicleM);
  const told = touchRad === undefined ? undefined : toldAt(fixed, touchRad, bumperAheadM, halfVehicleM);
  return told && touchRad !== undefined && touchRad < wantedRad ? { edge: told.edge, touchRad } : undefined;
};

/** The same for a tailgate that opens over it: what stands as high as the gate must be further back than it reaches. */
export const tailgateLacksM = (
  edges: readonly FrontEdge[],
  bumperAheadM: number,
  halfVehicleM: number,
  reachM: number,
): number | undefined =>
  leastLength((longerM) => {
    const straight = tightestAt(lengthened(edges, longerM), 0, bumperAheadM, halfVehicleM);
    return !straight || straight.roomM >= reachM;
  });

/** Distance backed in which a small angle between vehicle and trailer grows to a large one, m: L·ln(tan(γ₂ ÷ 2) ÷ tan(γ₁ ÷ 2)), ball over the rear axle. */
export const jackknifeTravelM = (ballToAxleM: number, fromRad: number, toRad: number): number =>
  ballToAxleM * Math.log(Math.tan(toRad / 2) / Math.tan(fromRad / 2));

/** How far the trailer's axle cuts inside the ball's circle, m: R − √(R² − L²), steady and slow. */
export const offTrackingM = (radiusM: number, ballToAxleM: number): number | undefined =>
  radiusM > ballToAxleM ? radiusM - Math.sqrt(radiusM ** 2 - ballToAxleM ** 2) : undefined;
