import type { Chassis, Member, PlanPoint } from '../../chassis/index.js';
import type { FrameMember, FrameNode, Vector3 } from '../../frame-analysis/index.js';
import { add, length, scale, subtract } from '../../frame-analysis/index.js';
import { type Trailer, parsePartId, printPartId } from '../../project/index.js';
import { type BarElement, type Framing, framing, type Station } from './framing.js';
import { type GearPlaces, placeGear } from './gear.js';
import { RIGID } from './rigid.js';

/** The chassis and what carries it, as nodes and elements; and where the world takes hold of it. */
export interface TrailerFrame {
  readonly nodes: readonly FrameNode[];
  readonly elements: readonly FrameMember[];
  readonly bars: readonly BarElement[];
  /** node of the ball centre */
  readonly ball: string;
  readonly jack: string | undefined;
  readonly gear: GearPlaces;
  /** ends of the rails where the headers join: front left, front right, rear left, rear right */
  readonly corners: readonly [string, string, string, string];
  readonly rearMiddle: string;
  /** on each rail just behind the rearmost hanger: where a floor jack goes */
  readonly underRail: readonly [string, string];
  /** pairs of stands, left and right, front to rear */
  readonly stands: readonly (readonly [string, string])[];
  /** rings for straps on the rails, left and right, front to rear */
  readonly tieDowns: readonly (readonly [string, string])[];
  readonly groundZM: number;
  readonly at: (node: string) => Vector3;
}

export type FrameFault =
  | { readonly code: 'frame-incomplete' }
  | { readonly code: 'no-axle-under-frame' }
  | { readonly code: 'suspension-not-modelled' };

interface Line {
  readonly member: Member;
  readonly start: Vector3;
  readonly end: Vector3;
  readonly stations: Station[];
}

/** Height of a lying bar's middle line at its rear end; where it slopes its front end lies `frontRiseM` higher. */
const centreZM = ({ extent, bar, frontRiseM }: Member): number =>
  extent.z0M + Math.max(0, -frontRiseM) + bar.design.centroidZM;

const middle = (a: PlanPoint, b: PlanPoint): PlanPoint => [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];

const railLine = (member: Member): Line => {
  const ys = member.plan.map(([, y]) => y);
  const y = (Math.min(...ys) + Math.max(...ys)) / 2;
  const z = centreZM(member);
  return { member, start: [member.extent.x0M, y, z], end: [member.extent.x1M, y, z], stations: [] };
};

/** A header or cross-member from one rail to the other, between the faces that it butts on. */
const crossLine = (member: Member): Line => {
  const ys = member.plan.map(([, y]) => y);
  const x = (member.extent.x0M + member.extent.x1M) / 2;
  const z = centreZM(member);
  return { member, start: [x, Math.min(...ys), z], end: [x, Math.max(...ys), z], stations: [] };
};

/** Along the middle of a tongue bar, from where it meets the coupler to its rear end. */
const tongueLine = (member: Member, slanted: boolean): Line => {
  const [tipOuter, rearOuter, rearInner, tipInner] = member.plan as [PlanPoint, PlanPoint, PlanPoint, PlanPoint];
  const rear = middle(rearOuter, rearInner);
  const tip = middle(tipOuter, tipInner);
  const { x0M, x1M } = member.extent;
  const z = (x: number): number => centreZM(member) + (member.frontRiseM * (x1M - x)) / (x1M - x0M);
  const end: Vector3 = [rear[0], rear[1], z(rear[0])];
  // Both tips of an A-frame are cut along the centre line: a leg's own middle meets it half-way along that cut.
  return { member, start: [tip[0], slanted ? 0 : tip[1], z(tip[0])], end, stations: [] };
};

const alongX = (line: Line, x: number): number => {
  const span = line.end[0] - line.start[0];
  return ((x - line.start[0]) / span) * length(subtract(line.end, line.start));
};
const placeOn = (line: Line, atM: number): Vector3 => {
  const whole = subtract(line.end, line.start);
  return add(line.start, scale(whole, atM / length(whole)));
};

/** Within this of a header's end a tongue leg is joined to the corner itself, m. */
const CORNER_M = 0.02;

/** Stations carry a gusset only where one is built. */
const gusset = (legM: number | null): Pick<Station, 'gussetM'> => (legM === null ? {} : { gussetM: legM });

interface Skeleton {
  readonly trailer: Trailer;
  readonly risers: ReadonlyMap<string, Member>;
  readonly frame: Framing;
  readonly rails: readonly [Line, Line];
  readonly crosses: readonly Line[];
}

const jointOf = (cross: string, rail: string): string => `${cross}@${rail}`;

/** Joins every header and cross-member to both rails: the node lies on the rail's middle, an arm reaches to the bar's end. */
const joinCrosses = ({ trailer, frame, rails, crosses }: Skeleton): void => {
  for (const cross of crosses) {
    const corner = gusset(cross.member.group === 'header' ? trailer.strength.gussets.cornerM : null);
    rails.forEach((rail, side) => {
      const x = cross.start[0];
      const atM = Math.min(Math.max(x - rail.start[0], 0), rail.end[0] - rail.start[0]);
      const node = frame.node(jointOf(cross.member.id, rail.member.id), [x, rail.start[1], rail.start[2]]);
      rail.stations.push({ atM, node, joint: cross.member.id, ...corner });
      const end = side === 0 ? 0 : length(subtract(cross.end, cross.start));
      cross.stations.push({ atM: end, node, joint: rail.member.id, ...corner });
    });
  }
};

/** A node on a header or cross-member at y, or the corner itself where y is at its end. */
const nodeOnCross = (frame: Framing, cross: Line, y: number, name: string): string => {
  const [left, right] = [cross.start[1], cross.end[1]];
  const clamped = Math.min(Math.max(y, left), right);
  const near = clamped - left < CORNER_M ? 0 : right - clamped < CORNER_M ? 1 : undefined;
  if (near !== undefined) return (cross.stations[near] as Station).node;
  const found = cross.stations.find(({ atM }) => Math.abs(atM - (clamped - left)) < 1e-6);
  if (found) return found.node;
  const node = frame.node(name, [cross.start[0], clamped, cross.start[2]]);
  cross.stations.push({ atM: clamped - left, node, joint: name.split('@')[1] ?? name });
  return node;
};

/**
 * The node at which a tongue bar is held from a node of the frame: that node itself, or the foot (or head) of an upright between them,
 * which is a bar of its own from the frame's face to the tongue's middle line or face.
 */
const heldBy = (
  { frame, risers }: Skeleton,
  line: Line,
  at: Vector3,
  held: { readonly node: string; readonly joint: string; readonly end: 'front' | 'rear' },
): { readonly node: string; readonly joint: string } => {
  const part = parsePartId(line.member.id);
  const riser =
    part.kind === 'tongue-bar' ? risers.get(printPartId({ kind: 'riser', line: part.line, end: held.end })) : undefined;
  if (!riser) return held;
  const node = frame.node(`${riser.id}@${line.member.id}`, at);
  const below = riser.centre.zM < frame.at(held.node)[2];
  const atFrame: Vector3 = [at[0], at[1], below ? riser.extent.z1M : riser.extent.z0M];
  // An upright that the tongue butts on reaches past it: it bends from the tongue's middle line.
  const atTongue: Vector3 = [
    at[0],
    at[1],
    below ? Math.max(riser.extent.z0M, at[2]) : Math.min(riser.extent.z1M, at[2]),
  ];
  frame.bar(riser, atFrame, atTongue, [
    { atM: 0, node: held.node, joint: held.joint },
    { atM: Math.abs(atTongue[2] - atFrame[2]), node, joint: line.member.id },
  ]);
  return { node, joint: riser.id };
};

/** Joins a tongue bar to what it meets: the front header, cross-members that it passes under, the rail at its rear end. */
const joinTongue = (skeleton: Skeleton, line: Line, rearOn: 'rails' | 'cross-member' | 'header'): void => {
  const { trailer, frame, rails, crosses } = skeleton;
  const front = crosses.find(({ member }) => member.id === 'header.front') as Line;
  const id = line.member.id;
  const wholeM = length(subtract(line.end, line.start));
  const braced = gusset(trailer.strength.gussets.tongueM);
  const stepped = skeleton.risers.size > 0;
  const joinTo = (cross: Line, atM: number, end: 'front' | 'rear', stiffened: Pick<Station, 'gussetM'> = {}): void => {
    const at = placeOn(line, atM);
    const held = { node: nodeOnCross(frame, cross, at[1], `${cross.member.id}@${id}`), joint: cross.member.id, end };
    line.stations.push({ atM, ...heldBy(skeleton, line, at, held), ...stiffened });
  };
  if (rearOn === 'header') {
    joinTo(front, wholeM, 'front', braced);
    return;
  }
  joinTo(front, alongX(line, front.start[0]), 'front', braced);
  const under = crosses.filter(
    (cross) =>
      cross !== front && cross.start[0] > front.start[0] && cross.start[0] <= line.end[0] + cross.member.bar.widthM / 2,
  );
  // A stepped tongue hangs clear of the cross-members between its uprights.
  const met = !stepped ? under : rearOn === 'cross-member' ? under.slice(-1) : [];
  for (const cross of met) joinTo(cross, Math.min(wholeM, alongX(line, cross.start[0])), 'rear');
  if (rearOn !== 'rails') return;
  const rail = line.end[1] < 0 ? rails[0] : rails[1];
  const x = line.end[0];
  const node = frame.node(`${rail.member.id}@${id}`, [x, rail.start[1], rail.start[2]]);
  rail.stations.push({ atM: x - rail.start[0], node, joint: id });
  const held = { node, joint: rail.member.id, end: 'rear' as const };
  line.stations.push({ atM: wholeM, ...heldBy(skeleton, line, line.end, held), ...braced });
};

/** A side tube starts at the backbone's middle, square across from where its own middle meets the backbone's side. */
const joinSideTube = (
  skeleton: Skeleton,
  backbone: Line,
  line: Line,
  rearOn: 'rails' | 'cross-member' | 'header',
): void => {
  const x = line.start[0];
  const atM = alongX(backbone, x);
  const node = skeleton.frame.node(`${backbone.member.id}@${x.toFixed(6)}`, placeOn(backbone, atM));
  backbone.stations.push({ atM, node, joint: line.member.id });
  line.stations.push({ atM: 0, node, joint: backbone.member.id });
  joinTongue(skeleton, line, rearOn === 'header' ? 'header' : 'rails');
};

/** The frame with its running gear; or why it cannot be put together. */
export const trailerFrame = (trailer: Trailer, chassis: Chassis): TrailerFrame | FrameFault => {
  const byId = (id: string): Member | undefined => chassis.members.find((member) => member.id === id);
  const [left, right] = [byId('rail.left'), byId('rail.right')];
  const { tongue } = chassis;
  const usable = chassis.problems.every(({ code }) => code === 'wrong-metal');
  if (!left || !right || !tongue || !usable) return { code: 'frame-incomplete' };
  const frame = framing();
  const rails = [railLine(left), railLine(right)] as const;
  const crosses = chassis.members
    .filter(({ group }) => group === 'cross' || group === 'header')
    .map(crossLine)
    .sort((a, b) => a.start[0] - b.start[0]);
  const risers = new Map(tongue.risers.map((riser) => [riser.id, riser]));
  const skeleton: Skeleton = { trailer, frame, rails, crosses, risers };
  joinCrosses(skeleton);
  const rear = crosses.find(({ member }) => member.id === 'header.rear') as Line;
  const rearMiddle = nodeOnCross(frame, rear, 0, 'header.rear@middle');
  const legs = tongue.members.map((member) => tongueLine(member, tongue.legAngleRad > 0));
  const tongueZM = (legs[0] as Line).start[2];
  const ball = frame.node('ball', [chassis.ballXM, 0, tongueZM]);
  for (const leg of legs) {
    leg.stations.push({ atM: 0, node: ball, joint: 'coupler' });
    joinTongue(skeleton, leg, tongue.rearOn);
  }
  const sideTubes = tongue.sideTubes.map((member) => tongueLine(member, false));
  for (const tube of sideTubes) joinSideTube(skeleton, legs[0] as Line, tube, tongue.rearOn);
  const groundZM = -trailer.runningGear.railTopHeightM;
  const gear = placeGear(trailer, frame, rails, groundZM);
  if ('code' in gear) return gear;
  const underRail = rails.map((rail) => {
    const x = Math.min(gear.rearmostXM + UNDER_RAIL_M, rail.end[0]);
    return railNode(frame, rail, x, `jack@${rail.member.id}`, 'floor jack');
  });
  const onBothRails = (x: number, name: string, joint: string): [string, string] =>
    rails.map((rail) =>
      railNode(frame, rail, Math.min(Math.max(x, rail.start[0]), rail.end[0]), `${name}@${rail.member.id}`, joint),
    ) as [string, string];
  const stands = [...trailer.frame.stands]
    .sort((a, b) => a.xM - b.xM)
    .map(({ id, xM }) => onBothRails(xM, id, 'stand'));
  const tieDowns = tieDownPlaces(trailer).map((x, i) => onBothRails(x, `ring.${i + 1}`, 'tie-down'));
  for (const line of [...rails, ...crosses, ...legs, ...sideTubes])
    frame.bar(line.member, line.start, line.end, line.stations);
  const corner = (header: string, rail: Line): string => jointOf(header, rail.member.id);
  return {
    nodes: frame.nodes,
    elements: frame.members,
    bars: frame.bars,
    ball,
    jack: jackNode(trailer, frame, chassis, ball),
    gear,
    corners: [
      corner('header.front', rails[0]),
      corner('header.front', rails[1]),
      corner('header.rear', rails[0]),
      corner('header.rear', rails[1]),
    ],
    rearMiddle,
    underRail: underRail as unknown as [string, string],
    stands,
    tieDowns,
    groundZM,
    at: (node) => frame.at(node),
  };
};

/** Rings stand evenly along the bed, half a gap from either end, m. */
const tieDownPlaces = ({ frame: { bed, tieDowns } }: Trailer): readonly number[] =>
  Array.from({ length: tieDowns.perSide }, (_, i) => (bed.lengthM * (i + 0.5)) / tieDowns.perSide);

/** A floor jack goes this far behind the rear hanger, m: room for its saddle, common practice. */
const UNDER_RAIL_M = 0.15;

/** The place on a rail at x: the joint that is there already, or a new one. */
export const railNode = (
  frame: Framing,
  rail: Pick<Line, 'start' | 'stations'>,
  x: number,
  name: string,
  joint: string,
): string => {
  const atM = x - rail.start[0];
  const there = rail.stations.find((station) => Math.abs(station.atM - atM) < 1e-6);
  if (there) return there.node;
  const node = frame.node(name, [x, rail.start[1], rail.start[2]]);
  rail.stations.push({ atM, node, joint });
  return node;
};

/** The jack stands under the coupler's node by an arm of its own. */
const jackNode = (trailer: Trailer, frame: Framing, chassis: Chassis, ball: string): string => {
  const [, y, z] = frame.at(ball);
  const node = frame.node('jack', [chassis.ballXM + trailer.coupling.jackBehindBallM, y, z]);
  if (trailer.coupling.jackBehindBallM <= 0) return ball;
  frame.element({ id: 'gear.jack-post', from: ball, to: node, ...RIGID });
  return node;
};
