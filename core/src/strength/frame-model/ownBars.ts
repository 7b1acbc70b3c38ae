import { type Chassis, directionOf, lineLengthM, placeOnLine } from '../../chassis/index.js';
import { cross, dot, length } from '../../frame-analysis/index.js';
import type { BarEnd } from '../../project/index.js';
import { softEndOf } from '../joints/softEnd.js';
import { type Framing, type Line, SAME_STATION_M, type Station } from './framing.js';

/** What a bar's end in the air is joined to. */
export const FREE_END = 'free end';

/** The node on a bar's middle line so far from its first end: the joint that is there already, or a new one. */
const nodeOn = (frame: Framing, line: Line, atM: number, name: string): string => {
  const there = line.stations.find((station) => Math.abs(station.atM - atM) < SAME_STATION_M);
  return there?.node ?? frame.node(name, placeOnLine(line, atM));
};

/** How far a joint reaches to either side along the bar that is stood on. */
const reachM = (on: Line, own: Line): number => {
  const { widthM, heightM } = own.member.bar;
  const sine = Math.max(length(cross(directionOf(on), directionOf(own))), 0.2);
  return Math.min(widthM, heightM) / 2 / sine;
};

/** Within this of level or of square a bar lies level or meets another squarely, as a sine. */
const SQUARE = 0.05;

/**
 * How a level bar between two others gives at one of them, as a cross-member does on a rail: where it stands upright and meets an upright wall
 * squarely. Uprights, slanted bars and what stands in the air have to pass their moments on: they are held stiff, and the wall is looked at.
 */
const levelSoftEnd = (on: Line, own: Line): Station['soft'] => {
  const [along, host] = [directionOf(own), directionOf(on)];
  const turned = own.member.line !== undefined && Math.abs(own.member.line.up[2]) < 1 - SQUARE;
  const level = Math.abs(along[2]) < SQUARE && Math.abs(host[2]) < SQUARE;
  if (turned || !level || Math.abs(dot(along, host)) > SQUARE) return undefined;
  const topOf = ({ member, start }: Line): number => start[2] - member.bar.design.centroidZM + member.bar.heightM;
  const topBelowM = topOf(on) - topOf(own);
  // Above or below the wall it lies on the other bar and not against it.
  const lies = topBelowM < -1e-3 || topBelowM > on.member.bar.heightM - own.member.bar.heightM + 1e-3;
  return lies ? undefined : softEndOf(on.member, own.member, { topBelowM, atOpenEnd: false });
};

/**
 * Joins bars of one's own to those that they stand on: each end to a node on the other bar's middle line, with a stiff arm from there to the
 * face. Ends in the air have a node of their own.
 */
export const joinOwnBars = ({ ownBars }: Chassis, frame: Framing, lines: readonly Line[]): void => {
  const byId = new Map(lines.map((line) => [line.member.id, line]));
  for (const { id, from, to } of ownBars) {
    const line = byId.get(id);
    if (!line) continue;
    const hosts = [from, to].map((end) => (end.kind === 'on' ? byId.get(end.barId) : undefined));
    const gives = hosts.map((host) => host && levelSoftEnd(host, line));
    const spans = gives.every((soft) => soft !== undefined);
    const join = (end: BarEnd, which: 'from' | 'to'): void => {
      const atM = which === 'from' ? 0 : lineLengthM(line);
      const on = end.kind === 'on' ? byId.get(end.barId) : undefined;
      if (end.kind !== 'on' || !on) {
        const place = which === 'from' ? line.start : line.end;
        line.stations.push({ atM, node: frame.node(`${id}@${which}`, place), joint: FREE_END });
        return;
      }
      const node = nodeOn(frame, on, end.atM, `${id}@${which}`);
      on.stations.push({ atM: end.atM, node, joint: id, halfM: reachM(on, line) });
      line.stations.push({ atM, node, joint: on.member.id, soft: spans ? gives[which === 'from' ? 0 : 1] : undefined });
    };
    join(from, 'from');
    join(to, 'to');
  }
};
