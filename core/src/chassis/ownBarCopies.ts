import { subtract } from '../frame-analysis/index.js';
import { type BarEnd, type OwnBar, pairOf } from '../project/index.js';
import type { Chassis } from './buildChassis.js';
import { lineLengthM, middleLineOf } from './middleLine.js';

/** What a copy of a bar's end is; undefined where there is nothing like it that it could stand on. */
type EndCopy = (end: BarEnd) => BarEnd | undefined;

const copied = (own: OwnBar, id: string, copy: EndCopy): OwnBar | undefined => {
  const [from, to] = [copy(own.from), copy(own.to)];
  const { name: _own, ...rest } = own;
  return from && to ? { ...rest, id, from, to } : undefined;
};

const lineOn = ({ members }: Chassis, barId: string) => {
  const member = members.find(({ id }) => id === barId);
  return member && middleLineOf(member);
};

/**
 * The same bar on the other side of the trailer: on the other rail or leg, or as far from the other end of what runs across. Undefined where it
 * stands on a bar that has no like on the other side.
 */
export const mirroredOwnBar = (chassis: Chassis, own: OwnBar, id: string): OwnBar | undefined =>
  copied(own, id, (end) => {
    switch (end.kind) {
      case 'at':
        return { ...end, yM: -end.yM };
      case 'off':
        return { ...end, byYM: -end.byYM };
      case 'on': {
        const pair = pairOf(end.barId);
        if (pair !== undefined) return { ...end, barId: pair };
        const line = lineOn(chassis, end.barId);
        if (!line) return undefined;
        const [a, b] = [line.start, line.end];
        const same = Math.abs(a[0] - b[0]) < 1e-9 && Math.abs(a[2] - b[2]) < 1e-9 && Math.abs(a[1] + b[1]) < 1e-9;
        if (same) return { ...end, atM: lineLengthM(line) - end.atM };
        return Math.abs(a[1]) < 1e-9 && Math.abs(b[1]) < 1e-9 ? end : undefined;
      }
    }
  });

/** The same bar so far rearward; undefined where it stands on a bar that does not run along the trailer. */
export const shiftedOwnBar = (chassis: Chassis, own: OwnBar, byM: number, id: string): OwnBar | undefined =>
  copied(own, id, (end) => {
    switch (end.kind) {
      case 'at':
        return { ...end, xM: end.xM + byM };
      case 'off':
        return end;
      case 'on': {
        const line = lineOn(chassis, end.barId);
        if (!line) return undefined;
        const whole = subtract(line.end, line.start);
        const level = Math.abs(whole[1]) < 1e-9 && Math.abs(whole[2]) < 1e-9;
        return level ? { ...end, atM: end.atM + byM * Math.sign(whole[0]) } : undefined;
      }
    }
  });
