import { add, cross, dot, length, scale, subtract, type Vector3 } from '../frame-analysis/index.js';
import { parsePartId } from '../project/index.js';
import type { Member, MiddleLine } from './member.js';
import { tongueMiddle } from './tongue/crossings.js';

type Ends = Pick<MiddleLine, 'start' | 'end'>;

export const lineLengthM = ({ start, end }: Ends): number => length(subtract(end, start));

/** Along a line from its first end, of length one. */
export const directionOf = (line: Ends): Vector3 => scale(subtract(line.end, line.start), 1 / lineLengthM(line));

/** Place on a line so far from its first end. */
export const placeOnLine = (line: Ends, atM: number): Vector3 => add(line.start, scale(directionOf(line), atM));

/** Height of a lying bar's middle line at its rear end; where it slopes its front end lies `frontRiseM` higher. */
const centreZM = ({ extent, bar, frontRiseM }: Member): number =>
  extent.z0M + Math.max(0, -frontRiseM) + bar.design.centroidZM;

/** Axes of a section that stands upright on its line; of a line that stands itself, deep along the trailer. */
const uprightAxes = (start: Vector3, end: Vector3): Pick<MiddleLine, 'across' | 'up'> => {
  const along = directionOf({ start, end });
  const toward: Vector3 = Math.abs(along[2]) > 0.999 ? [1, 0, 0] : [0, 0, 1];
  const square = subtract(toward, scale(along, dot(toward, along)));
  const up = scale(square, 1 / length(square));
  return { across: cross(up, along), up };
};

/** A line with the section turned about it, rad. */
export const lineBetween = (start: Vector3, end: Vector3, turnRad: number): MiddleLine => {
  const { across, up } = uprightAxes(start, end);
  const [c, s] = [Math.round(Math.cos(turnRad)), Math.round(Math.sin(turnRad))];
  const mixed = (a: Vector3, b: Vector3, p: number, q: number): Vector3 => [
    a[0] * p + b[0] * q,
    a[1] * p + b[1] * q,
    a[2] * p + b[2] * q,
  ];
  return { start, end, across: mixed(across, up, c, s), up: mixed(up, across, c, -s) };
};

/**
 * Middle line of a bar that others may be joined to: rails and tongue bars from their front or ball's end, what runs across from its left end
 * at the face that it butts on, bars of one's own from their first end. Undefined for bars that stand in joints themselves.
 */
export const middleLineOf = (member: Member): MiddleLine | undefined => {
  if (member.line) return member.line;
  const { kind } = parsePartId(member.id);
  const ys = member.plan.map(([, y]) => y);
  const { x0M, x1M } = member.extent;
  const z = centreZM(member);
  const level = (start: Vector3, end: Vector3): MiddleLine => lineBetween(start, end, 0);
  switch (member.group) {
    case 'rail': {
      const y = (Math.min(...ys) + Math.max(...ys)) / 2;
      return level([x0M, y, z], [x1M, y, z]);
    }
    case 'header':
    case 'cross': {
      const x = (x0M + x1M) / 2;
      return level([x, Math.min(...ys), z], [x, Math.max(...ys), z]);
    }
    case 'tongue': {
      if (kind === 'riser' || kind === 'packer') return undefined;
      const [tip, rear] = tongueMiddle(member);
      const at = (x: number): number => z + (member.frontRiseM * (x1M - x)) / (x1M - x0M);
      return level([tip[0], tip[1], at(tip[0])], [rear[0], rear[1], at(rear[0])]);
    }
    default:
      return undefined;
  }
};
