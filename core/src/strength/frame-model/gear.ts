import { type AxleId, axlePlaces, isIndependent } from '../../mass/index.js';
import type { Trailer } from '../../project/index.js';
import type { Freedom, Vector3 } from '../../frame-analysis/index.js';
import { beamPivotXM, HANGER_DROP_M } from '../../suspension/index.js';
import { equaliserGapM } from '../by-hand/suspensionForces.js';
import { type Framing, railNode, SAME_STATION_M, type Station } from './framing.js';
import { RIGID } from './rigid.js';

export interface WheelPlace {
  readonly axle: AxleId;
  readonly side: 'left' | 'right';
  /** node of the hub */
  readonly node: string;
}

/** Where the ground holds a wheel up; or both wheels of a side together, by a rocker that stands for their soft springs. */
export interface GroundPlace {
  readonly node: string;
  readonly side: 'left' | 'right';
  readonly rocker: boolean;
}

/** A place where a spring's end holds on the frame: the frame's node there, and the eye's own place. */
export interface SpringEye {
  readonly node: string;
  readonly at: Vector3;
}

/** A leaf spring over its seat on the axle, with both ends. */
export interface SpringPlace {
  readonly axle: AxleId;
  readonly side: 'left' | 'right';
  readonly seat: string;
  readonly fixed: SpringEye;
  readonly sliding: SpringEye;
  /** of a side force on its axle, what the sliding end holds where all hangers of a side hold alike */
  readonly slidingShare: number;
}

/** Where springs, brackets and wheels take hold. */
export interface GearPlaces {
  readonly wheels: readonly WheelPlace[];
  readonly ground: readonly GroundPlace[];
  /** nodes on the rails where hangers or brackets are, front to rear, with their side */
  readonly hangers: readonly { readonly node: string; readonly side: 'left' | 'right'; readonly xM: number }[];
  /** leaf springs, with what holds them */
  readonly springs: readonly SpringPlace[];
  /** pivots that turn freely when their wheels hang: held where a side is jacked up */
  readonly pivots: readonly { readonly node: string; readonly side: 'left' | 'right' }[];
  readonly rearmostXM: number;
  /** springs or brackets do not stand under the rails: something that is not drawn carries them there */
  readonly outrigger: boolean;
  /** all elements of axles, springs and arms */
  readonly elementIds: readonly string[];
}

interface Rail {
  readonly start: Vector3;
  readonly end: Vector3;
  readonly stations: Station[];
  readonly member: {
    readonly id: string;
    readonly bar: {
      readonly heightM: number;
      readonly widthM: number;
      readonly design: { readonly centroidZM: number };
    };
  };
}

/** Sideways give of a spring with its bushes, N/m: assumed; stiffer, it would tie the rails to the axle as no bush does. */
const SIDEWAYS_N_PER_M = 4e5;
/** A trailer spring of this length: upright it is a rocker, its eyes turn in their bushes; only its sideways stiffness counts. */
const leaf = (lengthM: number) => ({
  ...RIGID,
  areaM2: 1.4e-3,
  // From the fixed eye to the seat, which the axle keeps from turning: k = 3·E·I ÷ (L/2)³.
  izM4: (SIDEWAYS_N_PER_M * (lengthM / 2) ** 3) / (3 * RIGID.elasticPa),
});

/** Rubber or plastic in an eye lets it turn every way; without that, frame and axle would lock each other up. */
const BUSH: readonly Freedom[] = ['rx', 'ry', 'rz'];
/**
 * A shackle or slipper carries upright only: the fixed eye leads the axle along. Sideways it holds as well, once a side force has closed its play:
 * standing it would tie rails and axle together as no play does, so a side force is shared between both ends where there is one (`springs`).
 */
const SHACKLE: readonly Freedom[] = ['ux', 'uy', 'rx', 'ry', 'rz'];

const SIDES = ['left', 'right'] as const;

interface Gear {
  readonly trailer: Trailer;
  readonly frame: Framing;
  readonly rails: readonly [Rail, Rail];
  readonly hubZM: number;
  readonly hangers: { node: string; side: 'left' | 'right'; xM: number }[];
  readonly wheels: WheelPlace[];
  readonly springs: SpringPlace[];
  readonly pivots: { node: string; side: 'left' | 'right' }[];
}

const hangerNode = ({ frame, rails, hangers }: Gear, sideIndex: 0 | 1, x: number, name: string): string => {
  const rail = rails[sideIndex];
  const side = SIDES[sideIndex];
  const node = railNode(frame, rail, x, `${name}.${side}`, name);
  hangers.push({ node, side, xM: x });
  return node;
};

/** Middle of a side's spring or bracket: under the rail's unless they are said to be elsewhere; never in the wheel's own plane. */
const springYM = ({ trailer, rails }: Gear, sideIndex: 0 | 1): number => {
  const sign = sideIndex === 0 ? -1 : 1;
  const { springCentresM, trackM } = trailer.runningGear.suspension;
  const y = springCentresM === null ? rails[sideIndex].start[1] : (sign * springCentresM) / 2;
  const hub = (sign * trackM) / 2;
  return Math.abs(y - hub) < SAME_STATION_M ? hub - sign * SAME_STATION_M : y;
};

const eyeZM = ({ rails }: Gear): number =>
  Math.min(...rails.map(({ start, member }) => start[2] - member.bar.design.centroidZM)) - HANGER_DROP_M;

/** From a node on a rail to the spring's or bracket's own plane at a height; an outrigger where they differ. */
const below = (gear: Gear, sideIndex: 0 | 1, node: string, z: number): Vector3 => {
  const [, y, nodeZ] = gear.frame.at(node);
  return [0, springYM(gear, sideIndex) - y, z - nodeZ];
};

const wheelNodes = (gear: Gear, axle: WheelPlace['axle'], x: number): [string, string] => {
  const { trailer, frame, hubZM, wheels } = gear;
  return SIDES.map((side) => {
    const y = ((side === 'left' ? -1 : 1) * trailer.runningGear.suspension.trackM) / 2;
    const node = frame.node(`${axle}.hub.${side}`, [x, y, hubZM]);
    wheels.push({ axle, side, node });
    return node;
  }) as [string, string];
};

/** Round tube of the axle, wall as is usual for its size (1/4 in, common practice); its own strength is its rating's affair. */
const axleTube = (trailer: Trailer) => {
  const outer = trailer.runningGear.axle.tubeDiameterM / 2;
  const inner = Math.max(outer - 0.00635, outer / 2);
  const i = (Math.PI / 4) * (outer ** 4 - inner ** 4);
  return { ...RIGID, areaM2: Math.PI * (outer ** 2 - inner ** 2), iyM4: i, izM4: i, torsionM4: 2 * i };
};

/** A spring of two halves from eye to eye over a seat on the axle: pinned at the eyes and free to turn about the axle. */
const spring = (
  gear: Gear,
  id: string,
  seat: string,
  ends: {
    readonly front: string;
    readonly rear: string;
    readonly fixed: 'front' | 'rear';
    readonly eyeZ: number;
  },
  sideIndex: 0 | 1,
): void => {
  const { frame } = gear;
  const seatArm: Vector3 = [0, 0, ends.eyeZ - frame.at(seat)[2]];
  const onEnd = (node: string): Vector3 => below(gear, sideIndex, node, ends.eyeZ);
  const stiffness = leaf(gear.trailer.runningGear.suspension.hangerSpacingM);
  frame.element({
    id: `gear.${id}.front`,
    from: ends.front,
    to: seat,
    ...stiffness,
    offsetFrom: onEnd(ends.front),
    offsetTo: seatArm,
    releaseFrom: ends.fixed === 'front' ? BUSH : SHACKLE,
  });
  frame.element({
    id: `gear.${id}.rear`,
    from: seat,
    to: ends.rear,
    ...stiffness,
    offsetFrom: seatArm,
    offsetTo: onEnd(ends.rear),
    releaseTo: ends.fixed === 'rear' ? BUSH : SHACKLE,
  });
};

/** Hub to hub through both spring seats; the tube passes no twist from one spring to the other. */
const axleOnSeats = (
  gear: Gear,
  axle: WheelPlace['axle'],
  x: number,
  hubs: readonly [string, string],
): [string, string] => {
  const { frame, hubZM, trailer } = gear;
  const seats = SIDES.map((side, i) => frame.node(`${axle}.seat.${side}`, [x, springYM(gear, i as 0 | 1), hubZM])) as [
    string,
    string,
  ];
  const tube = axleTube(trailer);
  frame.element({ id: `gear.${axle}.tube.left`, from: hubs[0], to: seats[0], ...tube });
  frame.element({ id: `gear.${axle}.tube.middle`, from: seats[0], to: seats[1], ...tube, releaseFrom: ['rx'] });
  frame.element({ id: `gear.${axle}.tube.right`, from: seats[1], to: hubs[1], ...tube });
  return seats;
};

const leafAlone = (gear: Gear, axle: WheelPlace['axle'], x: number, index: number): void => {
  const half = gear.trailer.runningGear.suspension.hangerSpacingM / 2;
  const seats = axleOnSeats(gear, axle, x, wheelNodes(gear, axle, x));
  ([0, 1] as const).forEach((i) => {
    const front = hangerNode(gear, i, x - half, `hanger.${2 * index + 1}`);
    const rear = hangerNode(gear, i, x + half, `hanger.${2 * index + 2}`);
    spring(gear, `spring.${index + 1}.${SIDES[i]}`, seats[i], { front, rear, fixed: 'front', eyeZ: eyeZM(gear) }, i);
    const [y, z] = [springYM(gear, i), eyeZM(gear)];
    gear.springs.push({
      axle,
      side: SIDES[i],
      seat: seats[i],
      fixed: { node: front, at: [x - half, y, z] },
      sliding: { node: rear, at: [x + half, y, z] },
      slidingShare: 1 / 2,
    });
  });
};

/** Front spring, equaliser, rear spring: the outer eyes are fixed, the inner ones hang on the equaliser's arms. */
const leafTandem = (gear: Gear, firstX: number, secondX: number): void => {
  const { trailer, frame } = gear;
  const half = trailer.runningGear.suspension.hangerSpacingM / 2;
  const [a, b] = trailer.runningGear.equaliserArms;
  const pivotX = firstX + half + (equaliserGapM(trailer) * a) / (a + b);
  const eyeZ = eyeZM(gear);
  const firstSeats = axleOnSeats(gear, 'axle.1', firstX, wheelNodes(gear, 'axle.1', firstX));
  const secondSeats = axleOnSeats(gear, 'axle.2', secondX, wheelNodes(gear, 'axle.2', secondX));
  ([0, 1] as const).forEach((i) => {
    const side = SIDES[i];
    const y = springYM(gear, i);
    const front = hangerNode(gear, i, firstX - half, 'hanger.1');
    const centre = hangerNode(gear, i, pivotX, 'hanger.2');
    const rear = hangerNode(gear, i, secondX + half, 'hanger.3');
    const pivot = frame.node(`equaliser.pivot.${side}`, [pivotX, y, eyeZ]);
    const ends = [firstX + half, secondX - half].map((x, k) => frame.node(`equaliser.${k}.${side}`, [x, y, eyeZ]));
    const [, outY, toEye] = below(gear, i, centre, eyeZ);
    frame.element({
      id: `gear.equaliser.post.${side}`,
      from: centre,
      to: pivot,
      ...RIGID,
      offsetFrom: [0, outY, toEye / 2],
      releaseTo: ['ry'],
    });
    frame.element({ id: `gear.equaliser.front.${side}`, from: ends[0] as string, to: pivot, ...RIGID });
    frame.element({ id: `gear.equaliser.rear.${side}`, from: pivot, to: ends[1] as string, ...RIGID });
    gear.pivots.push({ node: pivot, side });
    spring(gear, `spring.1.${side}`, firstSeats[i], { front, rear: ends[0] as string, fixed: 'front', eyeZ }, i);
    spring(gear, `spring.2.${side}`, secondSeats[i], { front: ends[1] as string, rear, fixed: 'rear', eyeZ }, i);
    gear.springs.push(
      {
        axle: 'axle.1',
        side,
        seat: firstSeats[i],
        fixed: { node: front, at: [firstX - half, y, eyeZ] },
        sliding: { node: centre, at: [firstX + half, y, eyeZ] },
        slidingShare: 1 / 3,
      },
      {
        axle: 'axle.2',
        side,
        seat: secondSeats[i],
        fixed: { node: rear, at: [secondX + half, y, eyeZ] },
        sliding: { node: centre, at: [secondX - half, y, eyeZ] },
        slidingShare: 1 / 3,
      },
    );
  });
};

/**
 * The tube across under the rails, an arm back to each hub: the bracket gets the wheel's force and, by the arm, its moment. The tube
 * itself bends under the wheels' overhang; its brackets give about the trailer's length, as bolted flanges on thin walls do.
 */
const torsionAxle = (gear: Gear, axle: WheelPlace['axle'], x: number, name: string): void => {
  const { trailer, frame } = gear;
  const { armM, trackM } = trailer.runningGear.suspension;
  const hubs = wheelNodes(gear, axle, x);
  const bracketX = x - armM;
  const tubeZ = eyeZM(gear) + HANGER_DROP_M - trailer.runningGear.axle.tubeDiameterM / 2;
  const tube = axleTube(trailer);
  const seats = ([0, 1] as const).map((i) => {
    const side = SIDES[i];
    const bracket = hangerNode(gear, i, bracketX, name);
    const [, outY, toTube] = below(gear, i, bracket, tubeZ);
    const seat = frame.node(`${axle}.seat.${side}`, [bracketX, springYM(gear, i), tubeZ]);
    const heightM = -toTube / 2;
    // Upright, its own z runs along the trailer: free to turn about that, and giving sideways (k = 3·E·I ÷ h³).
    frame.element({
      id: `gear.${axle}.bracket.${side}`,
      from: bracket,
      to: seat,
      ...RIGID,
      izM4: (SIDEWAYS_N_PER_M * heightM ** 3) / (3 * RIGID.elasticPa),
      offsetFrom: [0, outY, -heightM],
      releaseTo: ['rz'],
    });
    return seat;
  }) as [string, string];
  frame.element({ id: `gear.${axle}.tube.middle`, from: seats[0], to: seats[1], ...tube });
  ([0, 1] as const).forEach((i) => {
    const side = SIDES[i];
    const end = frame.node(`${axle}.tube-end.${side}`, [bracketX, ((i === 0 ? -1 : 1) * trackM) / 2, tubeZ]);
    frame.element({ id: `gear.${axle}.tube.${side}`, from: seats[i], to: end, ...tube });
    frame.element({ id: `gear.${axle}.arm.${side}`, from: end, to: hubs[i], ...RIGID });
  });
};

/**
 * An arm to each wheel: on a pivot under the rail that lets it turn about its own axis alone, and a unit upright from the arm to the rail that
 * pushes along itself.
 */
const swingArms = (gear: Gear, axle: WheelPlace['axle'], x: number, name: string): void => {
  const { trailer, frame, hubZM } = gear;
  const { armLengthM, unitAtM } = trailer.runningGear.suspension.swing;
  const hubs = wheelNodes(gear, axle, x);
  const tube = axleTube(trailer);
  ([0, 1] as const).forEach((i) => {
    const side = SIDES[i];
    const pivot = hangerNode(gear, i, x - armLengthM, name);
    const unitX = x - armLengthM + unitAtM;
    const top = hangerNode(gear, i, unitX, `${name}.unit`);
    const y = springYM(gear, i);
    const foot = frame.node(`${axle}.unit.${side}`, [unitX, y, hubZM]);
    const near = unitAtM < armLengthM;
    const arm = { ...tube, releaseFrom: ['ry'] as readonly Freedom[], offsetFrom: below(gear, i, pivot, hubZM) };
    frame.element({ id: `gear.${axle}.arm.${side}`, from: pivot, to: near ? foot : hubs[i], ...arm });
    frame.element({
      id: `gear.${axle}.tube.${side}`,
      from: near ? foot : hubs[i],
      to: near ? hubs[i] : foot,
      ...tube,
    });
    frame.element({
      id: `gear.${axle}.unit.${side}`,
      from: top,
      to: foot,
      ...RIGID,
      offsetFrom: [0, y - frame.at(top)[1], 0],
      releaseFrom: ['rx', 'ry', 'rz'],
      releaseTo: ['ry', 'rz'],
    });
  });
};

/** A stiff beam to each side that rocks on a pivot under the rail, with a spindle at each end. */
const walkingBeams = (gear: Gear, frontXM: number, rearXM: number): void => {
  const { trailer, frame, hubZM } = gear;
  const pivotXM = beamPivotXM(frontXM, rearXM, trailer.runningGear.equaliserArms);
  const hubs = [wheelNodes(gear, 'axle.1', frontXM), wheelNodes(gear, 'axle.2', rearXM)] as const;
  ([0, 1] as const).forEach((i) => {
    const side = SIDES[i];
    const y = springYM(gear, i);
    const bracket = hangerNode(gear, i, pivotXM, 'hanger.1');
    const pivot = frame.node(`beam.pivot.${side}`, [pivotXM, y, hubZM]);
    frame.element({
      id: `gear.beam.post.${side}`,
      from: bracket,
      to: pivot,
      ...RIGID,
      offsetFrom: [0, y - frame.at(bracket)[1], (hubZM - frame.at(bracket)[2]) / 2],
      releaseTo: ['ry'],
    });
    gear.pivots.push({ node: pivot, side });
    hubs.forEach((own, k) => {
      const hub = own[i];
      const end = frame.node(`beam.${k}.${side}`, [frame.at(hub)[0], y, hubZM]);
      const axle = k === 0 ? 'axle.1' : 'axle.2';
      frame.element({ id: `gear.beam.${k}.${side}`, from: pivot, to: end, ...RIGID });
      frame.element({ id: `gear.${axle}.tube.${side}`, from: end, to: hub, ...axleTube(trailer) });
    });
  });
};

/** An axle bolted or welded under the rails without springs: it stiffens the frame as a cross-member does. */
const solidAxle = (gear: Gear, axle: WheelPlace['axle'], x: number, name: string): void => {
  const { trailer, frame, hubZM } = gear;
  const hubs = wheelNodes(gear, axle, x);
  const tube = axleTube(trailer);
  const seats = ([0, 1] as const).map((i) => hangerNode(gear, i, x, name)) as [string, string];
  const arm = (i: 0 | 1): Vector3 => below(gear, i, seats[i], hubZM);
  frame.element({ id: `gear.${axle}.tube.left`, from: hubs[0], to: seats[0], ...tube, offsetTo: arm(0) });
  frame.element({
    id: `gear.${axle}.tube.middle`,
    from: seats[0],
    to: seats[1],
    ...tube,
    offsetFrom: arm(0),
    offsetTo: arm(1),
  });
  frame.element({ id: `gear.${axle}.tube.right`, from: seats[1], to: hubs[1], ...tube, offsetFrom: arm(1) });
};

/** A spindle welded to each rail and nothing across: the rail gets the wheel's force, and its moment along and across the trailer. */
const stubAxles = (gear: Gear, axle: WheelPlace['axle'], x: number, name: string): void => {
  const { frame, hubZM } = gear;
  const hubs = wheelNodes(gear, axle, x);
  ([0, 1] as const).forEach((i) => {
    const seat = hangerNode(gear, i, x, name);
    frame.element({
      id: `gear.${axle}.tube.${SIDES[i]}`,
      from: seat,
      to: hubs[i],
      ...axleTube(gear.trailer),
      offsetFrom: below(gear, i, seat, hubZM),
    });
  });
};

/** A wheel's end of the rocker passes the upright force alone. */
const UPRIGHT_ONLY: readonly Freedom[] = ['ux', 'uy', 'rx', 'ry', 'rz'];

/**
 * Axles without an equaliser on a level trailer: springs far softer than the frame share the load alike, whatever the frame bends. A rocker
 * from hub to hub on each side stands for them; its middle stands on the ground.
 */
const rockers = ({ frame, wheels, hubZM, trailer }: Gear, firstX: number, secondX: number): GroundPlace[] =>
  SIDES.map((side) => {
    const y = ((side === 'left' ? -1 : 1) * trailer.runningGear.suspension.trackM) / 2;
    const node = frame.node(`rocker.${side}`, [(firstX + secondX) / 2, y, hubZM]);
    const [front, rear] = wheels.filter((wheel) => wheel.side === side);
    if (front && rear) {
      frame.element({
        id: `gear.rocker.front.${side}`,
        from: front.node,
        to: node,
        ...RIGID,
        releaseFrom: UPRIGHT_ONLY,
      });
      frame.element({ id: `gear.rocker.rear.${side}`, from: node, to: rear.node, ...RIGID, releaseTo: UPRIGHT_ONLY });
    }
    return { node, side, rocker: true };
  });

/** Pivot and unit of a swing arm along the rail. */
const swingMountsXM = (trailer: Trailer, xM: number): readonly [number, number] => {
  const { armLengthM, unitAtM } = trailer.runningGear.suspension.swing;
  return [xM - armLengthM, xM - armLengthM + unitAtM];
};

/** What stands under the rails where there are no leaf springs. */
const AXLE_OF = {
  torsion: torsionAxle,
  'swing-arm': swingArms,
  stub: stubAxles,
  none: solidAxle,
  unknown: solidAxle,
} as const;

/** Puts axles, springs and arms under the rails as the suspension really holds them; or says why it cannot. */
export const placeGear = (
  trailer: Trailer,
  frame: Framing,
  rails: readonly [Rail, Rail],
  groundZM: number,
): GearPlaces | { readonly code: 'no-axle-under-frame' } | { readonly code: 'suspension-not-modelled' } => {
  const places = axlePlaces(trailer);
  const [first, second, third] = places;
  if (!first) return { code: 'no-axle-under-frame' };
  const gear: Gear = {
    trailer,
    frame,
    rails,
    hubZM: groundZM + trailer.runningGear.tire.loadedRadiusM,
    hangers: [],
    wheels: [],
    springs: [],
    pivots: [],
  };
  const before = frame.members.length;
  const { kind, armM, hangerSpacingM } = trailer.runningGear.suspension;
  const ends =
    kind === 'leaf'
      ? [first.xM - hangerSpacingM / 2, (second ?? first).xM + hangerSpacingM / 2]
      : kind === 'torsion'
        ? places.map(({ xM }) => xM - armM)
        : kind === 'swing-arm'
          ? places.flatMap(({ xM }) => swingMountsXM(trailer, xM))
          : kind === 'walking-beam' && second
            ? [beamPivotXM(first.xM, second.xM, trailer.runningGear.equaliserArms)]
            : places.map(({ xM }) => xM);
  if (ends.some((x) => rails.some(({ start, end }) => x < start[0] - 1e-9 || x > end[0] + 1e-9)))
    return { code: 'no-axle-under-frame' };
  const independent = isIndependent(trailer);
  const equalised = second && !independent;
  if (third || (kind === 'walking-beam' ? !equalised : equalised && kind !== 'leaf'))
    return { code: 'suspension-not-modelled' };
  if (equalised && kind === 'leaf' && equaliserGapM(trailer) <= 0) return { code: 'suspension-not-modelled' };
  if (kind === 'walking-beam') walkingBeams(gear, first.xM, (second ?? first).xM);
  else if (kind === 'leaf' && equalised) leafTandem(gear, first.xM, second.xM);
  else if (kind === 'leaf') places.forEach(({ id, xM }, i) => leafAlone(gear, id, xM, i));
  else places.forEach(({ id, xM }, i) => AXLE_OF[kind](gear, id, xM, `hanger.${i + 1}`));
  return {
    wheels: gear.wheels,
    ground:
      second && independent
        ? rockers(gear, first.xM, second.xM)
        : gear.wheels.map(({ node, side }) => ({ node, side, rocker: false })),
    hangers: gear.hangers,
    springs: gear.springs,
    pivots: gear.pivots,
    outrigger: ([0, 1] as const).some(
      (i) => Math.abs(springYM(gear, i) - rails[i].start[1]) > rails[i].member.bar.widthM / 2 + SAME_STATION_M,
    ),
    rearmostXM: Math.max(...gear.hangers.map(({ xM }) => xM)),
    elementIds: frame.members.slice(before).map(({ id }) => id),
  };
};
