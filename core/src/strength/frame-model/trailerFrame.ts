import {
  type Chassis,
  type Crossing,
  lineLengthM,
  type Member,
  middleLineOf,
  placeOnLine,
  tieDownPlaces,
} from '../../chassis/index.js';
import type { FrameMember, FrameNode, Vector3 } from '../../frame-analysis/index.js';
import { length, subtract } from '../../frame-analysis/index.js';
import { axleCount, heaviestMachine } from '../../mass/index.js';
import { type Trailer, parsePartId, printPartId } from '../../project/index.js';
import { usualRailTopM } from '../../suspension/index.js';
import { softEndOf } from '../joints/softEnd.js';
import { joinOwnBars } from './ownBars.js';
import { placeSideFrames } from './sideFrames.js';
import { placeDeckSheet } from './deckSheet.js';
import { type PanelBay, placeShearPanels } from './shearPanels.js';
import {
  type BarElement,
  type Framing,
  framing,
  type Line,
  markReinforced,
  markSplices,
  railNode,
  SAME_STATION_M,
  type Station,
} from './framing.js';
import { type GearPlaces, placeGear } from './gear.js';
import { RIGID } from './rigid.js';

export interface Lap {
  readonly barId: string;
  readonly onId: string;
  readonly node: string;
  readonly lengthM: number;
}

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
  /** on the rear header where the wheels of the heaviest machine come up, left and right; none where nothing has wheels */
  readonly tailWheels: readonly string[];
  /** on each rail just behind the rearmost hanger: where a floor jack goes */
  readonly underRail: readonly [string, string];
  /** where bars of the tongue lap under what they touch: the node, and how long the contact is along the bar, m */
  readonly laps: readonly Lap[];
  /** pairs of stands, left and right, front to rear */
  readonly stands: readonly (readonly [string, string])[];
  /** rings for straps on the rails, left and right, front to rear */
  readonly tieDowns: readonly (readonly [string, string])[];
  /** panels that carry, bay by bay */
  readonly panelBays: readonly PanelBay[];
  readonly groundZM: number;
  /** underside of the lower rail */
  readonly railBottomZM: number;
  readonly at: (node: string) => Vector3;
}

export type FrameFault =
  | { readonly code: 'frame-incomplete' }
  | { readonly code: 'no-axle-under-frame' }
  | { readonly code: 'suspension-not-modelled' };

/** A bar's middle line before anything is joined to it. */
const lineOf = (member: Member): Line => {
  const middle = middleLineOf(member);
  if (!middle) throw new Error(`no line of ${member.id}`);
  return { member, start: middle.start, end: middle.end, stations: [] };
};

const alongX = (line: Line, x: number): number => {
  const span = line.end[0] - line.start[0];
  return ((x - line.start[0]) / span) * lineLengthM(line);
};

/** Within this of a header's end a tongue leg is joined to the corner itself, m. */
const CORNER_M = 0.02;

/** Stations carry a gusset only where one is built. */
const gusset = (legM: number | null): Pick<Station, 'gussetM'> => (legM === null ? {} : { gussetM: legM });

interface Skeleton {
  readonly trailer: Trailer;
  readonly crossings: readonly Crossing[];
  readonly packers: ReadonlyMap<string, Member>;
  readonly laps: Lap[];
  readonly risers: ReadonlyMap<string, Member>;
  readonly frame: Framing;
  readonly rails: readonly [Line, Line];
  readonly crosses: readonly Line[];
}

const jointOf = (cross: string, rail: string): string => `${cross}@${rail}`;

/** A gusset smaller than this holds no corner stiff, m. */
const LEAST_GUSSET_M = 0.025;

/** The joint of a cross-member or header and a rail: which of the two butts on the other, and how its end gives. */
const jointEnds = (
  { trailer }: Skeleton,
  cross: Member,
  rail: Member,
): { readonly crossSoft: Station['soft']; readonly railSoft: Station['soft'] } => {
  const header = cross.group === 'header';
  const { corner } = trailer.frame.bed;
  const stiffened = header && (trailer.strength.gussets.cornerM ?? 0) > LEAST_GUSSET_M;
  const butts = !header || corner === 'rails-through' ? 'cross' : corner === 'headers-through' ? 'rail' : undefined;
  const place = (on: Member, bar: Member) => ({ topBelowM: on.extent.z1M - bar.extent.z1M, atOpenEnd: header });
  return {
    crossSoft: butts === 'cross' && !stiffened ? softEndOf(rail, cross, place(rail, cross)) : undefined,
    railSoft: butts === 'rail' && !stiffened ? softEndOf(cross, rail, place(cross, rail)) : undefined,
  };
};

/** Joins every header and cross-member to both rails: the node lies on the rail's middle, an arm reaches to the bar's end. */
const joinCrosses = (skeleton: Skeleton): void => {
  const { trailer, frame, rails, crosses } = skeleton;
  for (const cross of crosses) {
    const corner = gusset(cross.member.group === 'header' ? trailer.strength.gussets.cornerM : null);
    rails.forEach((rail, side) => {
      const x = cross.start[0];
      const atM = Math.min(Math.max(x - rail.start[0], 0), rail.end[0] - rail.start[0]);
      const { crossSoft, railSoft } = jointEnds(skeleton, cross.member, rail.member);
      const node = railNode(
        frame,
        rail,
        rail.start[0] + atM,
        jointOf(cross.member.id, rail.member.id),
        cross.member.id,
        {
          halfM: cross.member.bar.widthM / 2,
          soft: railSoft,
          ...corner,
        },
      );
      const end = side === 0 ? 0 : length(subtract(cross.end, cross.start));
      cross.stations.push({ atM: end, node, joint: rail.member.id, soft: crossSoft, ...corner });
    });
  }
};

/** A node on a header or cross-member at y, or the corner itself where y is at its end. */
const nodeOnCross = (frame: Framing, cross: Line, y: number, name: string, halfM = 0): string => {
  const [left, right] = [cross.start[1], cross.end[1]];
  const clamped = Math.min(Math.max(y, left), right);
  const near = clamped - left < CORNER_M ? 0 : right - clamped < CORNER_M ? 1 : undefined;
  if (near !== undefined) return (cross.stations[near] as Station).node;
  const found = cross.stations.find(({ atM }) => Math.abs(atM - (clamped - left)) < SAME_STATION_M);
  const node = found?.node ?? frame.node(name, [cross.start[0], clamped, cross.start[2]]);
  cross.stations.push({ atM: clamped - left, node, joint: name.split('@')[1] ?? name, halfM });
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

/** Angle of a bar of the tongue to the trailer's middle, seen from above. */
const slantOf = ({ start, end }: Line): number => Math.atan2(Math.abs(end[1] - start[1]), end[0] - start[0]);

/** How far the joint with a bar across reaches along a bar of the tongue, and the other way about. */
const halvesOn = (line: Line, cross: Member): { readonly alongM: number; readonly acrossM: number } => {
  const cos = Math.cos(slantOf(line));
  return { alongM: cross.bar.widthM / 2 / cos, acrossM: line.member.bar.widthM / 2 / cos };
};

/** A packer between a bar of the tongue and what it passes under: a bar on end, welded to both. */
const joinPacker = ({ frame, packers }: Skeleton, line: Line, cross: Line, crossing: Crossing): void => {
  const packer = crossing.packerId === undefined ? undefined : packers.get(crossing.packerId);
  if (!packer) return;
  const atM = alongX(line, crossing.xM);
  const halfM = packer.bar.widthM / 2;
  // Where it would stand in a joint that is there already, it is part of that joint.
  if (line.stations.some((station) => Math.abs(station.atM - atM) < (station.halfM ?? 0) + halfM)) return;
  const at = placeOnLine(line, atM);
  const held = nodeOnCross(frame, cross, at[1], `${cross.member.id}@${packer.id}`, packer.bar.heightM / 2);
  const node = frame.node(`${packer.id}@${line.member.id}`, at);
  line.stations.push({ atM, node, joint: packer.id, halfM });
  const wholeM = packer.extent.z1M - packer.extent.z0M;
  frame.bar(
    packer,
    [at[0], at[1], packer.extent.z1M],
    [at[0], at[1], packer.extent.z0M],
    [
      { atM: 0, node: held, joint: cross.member.id },
      { atM: wholeM, node, joint: line.member.id },
    ],
  );
};

/** A leg or side tube that laps under a rail: one joint, as long as the rail is wide along the slant. */
const joinRail = (skeleton: Skeleton, line: Line, braced: Pick<Station, 'gussetM'>): void => {
  const { frame, rails } = skeleton;
  const rail = line.end[1] < 0 ? rails[0] : rails[1];
  const slant = slantOf(line);
  const x = line.start[0] + Math.abs(rail.start[1] - line.start[1]) / Math.tan(slant);
  const wholeM = lineLengthM(line);
  const atM = Math.min(wholeM, alongX(line, x));
  const at = placeOnLine(line, atM);
  const { widthM } = rail.member.bar;
  const node = railNode(frame, rail, at[0], `${rail.member.id}@${line.member.id}`, line.member.id, {
    halfM: (widthM / Math.tan(slant) + line.member.bar.widthM / Math.sin(slant)) / 2,
  });
  const held = { node, joint: rail.member.id, end: 'rear' as const };
  const halfM = widthM / 2 / Math.sin(slant);
  const by = heldBy(skeleton, line, at, held);
  if (by === held) skeleton.laps.push({ barId: line.member.id, onId: rail.member.id, node, lengthM: 2 * halfM });
  line.stations.push({ atM, ...by, halfM, ...braced });
};

/**
 * Joins a tongue bar to what it touches: the front header, cross-members that it passes under where they meet or a packer lies between, the
 * rail at its rear end. A stepped tongue is held by its uprights.
 */
const joinTongue = (skeleton: Skeleton, line: Line, rearOn: 'rails' | 'cross-member' | 'header'): void => {
  const { trailer, frame, crosses, crossings } = skeleton;
  const front = crosses.find(({ member }) => member.id === 'header.front') as Line;
  const id = line.member.id;
  const wholeM = lineLengthM(line);
  const braced = gusset(trailer.strength.gussets.tongueM);
  const joinTo = (
    cross: Line,
    atM: number,
    end: 'front' | 'rear',
    stiffened: Pick<Station, 'gussetM' | 'soft'> = {},
  ): void => {
    const at = placeOnLine(line, atM);
    const { alongM, acrossM } = halvesOn(line, cross.member);
    const node = nodeOnCross(frame, cross, at[1], `${cross.member.id}@${id}`, acrossM);
    const held = { node, joint: cross.member.id, end };
    const by = heldBy(skeleton, line, at, held);
    if (by === held && rearOn !== 'header')
      skeleton.laps.push({ barId: id, onId: cross.member.id, node, lengthM: 2 * alongM });
    line.stations.push({ atM, ...by, halfM: alongM, ...stiffened });
  };
  if (rearOn === 'header') {
    // It ends on the header's wall, which gives; a gusset there carries past the wall to its corners.
    const stiff = (trailer.strength.gussets.tongueM ?? 0) > LEAST_GUSSET_M || skeleton.risers.size > 0;
    const topBelowM = front.member.extent.z1M - line.member.extent.z1M;
    const soft = stiff ? undefined : softEndOf(front.member, line.member, { topBelowM, atOpenEnd: false });
    joinTo(front, wholeM, 'front', { ...braced, soft });
    return;
  }
  if (skeleton.risers.size > 0) {
    joinTo(front, alongX(line, front.start[0]), 'front', braced);
    const last = crosses
      .filter((cross) => cross !== front && cross.start[0] <= line.end[0] + cross.member.bar.widthM / 2)
      .at(-1);
    if (rearOn === 'cross-member' && last) joinTo(last, Math.min(wholeM, alongX(line, last.start[0])), 'rear');
    if (rearOn === 'rails') joinRail(skeleton, line, braced);
    return;
  }
  if (rearOn === 'rails') joinRail(skeleton, line, braced);
  for (const crossing of crossings.filter(({ barId }) => barId === id)) {
    const cross = crosses.find(({ member }) => member.id === crossing.crossId);
    if (!cross) continue;
    const stiffened = cross === front ? braced : {};
    if (crossing.touches) joinTo(cross, Math.min(wholeM, alongX(line, crossing.xM)), 'rear', stiffened);
    else joinPacker(skeleton, line, cross, crossing);
  }
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
  const node = skeleton.frame.node(`${backbone.member.id}@${x.toFixed(6)}`, placeOnLine(backbone, atM));
  backbone.stations.push({
    atM,
    node,
    joint: line.member.id,
    halfM: line.member.bar.widthM / 2 / Math.sin(slantOf(line)),
  });
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
  const rails = [lineOf(left), lineOf(right)] as const;
  const crosses = chassis.members
    .filter(({ group }) => group === 'cross' || group === 'header')
    .map(lineOf)
    .sort((a, b) => a.start[0] - b.start[0]);
  const risers = new Map(tongue.risers.map((riser) => [riser.id, riser]));
  const packers = new Map(tongue.packers.map((packer) => [packer.id, packer]));
  const skeleton: Skeleton = { trailer, frame, rails, crosses, risers, crossings: tongue.crossings, packers, laps: [] };
  joinCrosses(skeleton);
  const rear = crosses.find(({ member }) => member.id === 'header.rear') as Line;
  const rearMiddle = nodeOnCross(frame, rear, 0, 'header.rear@middle');
  const machine = heaviestMachine(trailer);
  const tailWheels = machine
    ? ([-1, 1] as const).map((side) =>
        nodeOnCross(frame, rear, (side * machine.trackM) / 2, `header.rear@wheel.${side === 1 ? 'right' : 'left'}`),
      )
    : [];
  const legs = tongue.members.map(lineOf);
  const tongueZM = (legs[0] as Line).start[2];
  const ball = frame.node('ball', [chassis.ballXM, 0, tongueZM]);
  for (const leg of legs) {
    leg.stations.push({ atM: 0, node: ball, joint: 'coupler' });
    joinTongue(skeleton, leg, tongue.rearOn);
  }
  const sideTubes = tongue.sideTubes.map(lineOf);
  for (const tube of sideTubes) joinSideTube(skeleton, legs[0] as Line, tube, tongue.rearOn);
  const groundZM = -usualRailTopM(trailer, chassis.railHeightM, axleCount(trailer));
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
  placeSideFrames(trailer, chassis, frame, rails);
  const own = chassis.members.filter(({ group, hungOn }) => group === 'own' && !hungOn).map(lineOf);
  const lines = [...rails, ...crosses, ...legs, ...sideTubes, ...own];
  joinOwnBars(chassis, frame, lines);
  for (const line of lines) {
    markSplices(frame, line);
    markReinforced(frame, line);
  }
  for (const line of lines) frame.bar(line.member, line.start, line.end, line.stations);
  placeDeckSheet(trailer, chassis, frame, crosses);
  const panelBays = placeShearPanels(chassis, frame, lines);
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
    tailWheels,
    laps: skeleton.laps,
    underRail: underRail as unknown as [string, string],
    stands,
    tieDowns,
    panelBays,
    groundZM,
    railBottomZM: Math.min(...rails.map(({ start, member }) => start[2] - member.bar.design.centroidZM)),
    at: (node) => frame.at(node),
  };
};

/** A floor jack goes this far behind the rear hanger, m: room for its saddle, common practice. */
const UNDER_RAIL_M = 0.1;

/** The jack stands under the coupler's node by an arm of its own. */
const jackNode = (trailer: Trailer, frame: Framing, chassis: Chassis, ball: string): string => {
  const [, y, z] = frame.at(ball);
  const node = frame.node('jack', [chassis.ballXM + trailer.coupling.jackBehindBallM, y, z]);
  if (trailer.coupling.jackBehindBallM <= 0) return ball;
  frame.element({ id: 'gear.jack-post', from: ball, to: node, ...RIGID });
  return node;
};
