import { type Chassis, directionOf, lineLengthM, placeOnLine } from '../../chassis/index.js';
import { cross, length } from '../../frame-analysis/index.js';
import type { BarEnd } from '../../project/index.js';
import { type Framing, type Line, SAME_STATION_M } from './framing.js';

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

/**
 * Joins bars of one's own to those that they stand on: each end to a node on the other bar's middle line, with a stiff arm from there to the
 * face. Ends in the air have a node of their own.
 */
export const joinOwnBars = ({ ownBars }: Chassis, frame: Framing, lines: readonly Line[]): void => {
  const byId = new Map(lines.map((line) => [line.member.id, line]));
  for (const { id, from, to } of ownBars) {
    const line = byId.get(id);
    if (!line) continue;
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
      line.stations.push({ atM, node, joint: on.member.id });
    };
    join(from, 'from');
    join(to, 'to');
  }
};
