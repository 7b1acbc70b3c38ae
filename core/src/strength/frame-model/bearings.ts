import { type Chassis, rackUnder } from '../../chassis/index.js';
import type { Part } from '../../mass/index.js';
import { add, length, scale, subtract, type Vector3 } from '../../frame-analysis/index.js';
import type { BarElement } from './framing.js';
import type { TrailerFrame } from './trailerFrame.js';

/** A stretch of an element that carries a share of a part's weight; a point where both ends are one. */
export interface Bearing {
  readonly element: string;
  /** along the element, m */
  readonly fromM: number;
  readonly toM: number;
  /** of the whole; all shares of a part add up to one */
  readonly share: number;
  readonly start: Vector3;
  readonly end: Vector3;
}

/** Where an element's own line runs. */
export interface ElementLine {
  readonly id: string;
  readonly start: Vector3;
  readonly end: Vector3;
}

export const elementLines = (frame: TrailerFrame): ReadonlyMap<string, ElementLine> =>
  new Map(
    frame.elements.map((element) => [
      element.id,
      {
        id: element.id,
        start: add(frame.at(element.from), element.offsetFrom ?? [0, 0, 0]),
        end: add(frame.at(element.to), element.offsetTo ?? [0, 0, 0]),
      },
    ]),
  );

const stretch = (line: ElementLine, from: number, to: number, share: number): Bearing => {
  const whole = subtract(line.end, line.start);
  const lengthM = length(whole);
  const place = (part: number): Vector3 => add(line.start, scale(whole, part));
  return { element: line.id, fromM: from * lengthM, toM: to * lengthM, share, start: place(from), end: place(to) };
};

/** Parts of [0, 1] along a line whose coordinate lies between two values; a line square to the axis is in or out as a whole. */
const within = (line: ElementLine, axis: 0 | 1, low: number, high: number): readonly [number, number] | undefined => {
  const a = line.start[axis];
  const b = line.end[axis];
  if (Math.abs(b - a) < 1e-9) return a >= low && a <= high ? [0, 1] : undefined;
  const s = (low - a) / (b - a);
  const t = (high - a) / (b - a);
  const from = Math.max(0, Math.min(s, t));
  const to = Math.min(1, Math.max(s, t));
  return to > from ? [from, to] : undefined;
};

/** Shares by length over stretches of these lines between two values of x; the nearest place where there are none. */
const alongX = (lines: readonly ElementLine[], x0: number, x1: number, share: number): Bearing[] => {
  const found = lines.flatMap((line) => {
    const part = within(line, 0, x0, x1);
    return part && x1 > x0 ? [{ line, part, m: (part[1] - part[0]) * length(subtract(line.end, line.start)) }] : [];
  });
  const total = found.reduce((sum, { m }) => sum + m, 0);
  if (total > 0) return found.map(({ line, part, m }) => stretch(line, part[0], part[1], (share * m) / total));
  const x = (x0 + x1) / 2;
  const at = (line: ElementLine): number => {
    const span = line.end[0] - line.start[0];
    return span === 0 ? 0 : Math.min(1, Math.max(0, (x - line.start[0]) / span));
  };
  const distance = (line: ElementLine): number =>
    Math.abs(line.start[0] + (line.end[0] - line.start[0]) * at(line) - x);
  const least = Math.min(...lines.map(distance));
  const nearest = lines.filter((line) => distance(line) <= least + 1e-9);
  return nearest.map((line) => stretch(line, at(line), at(line), share / nearest.length));
};

interface CrossLine {
  readonly xM: number;
  readonly lines: readonly ElementLine[];
}

/** Share of a load spread evenly over [x0, x1] that each of these lines takes, the deck lying from each to the next as a simple plank. */
const leverShares = (xs: readonly number[], x0: number, x1: number): number[] => {
  const hat = (k: number, x: number): number => {
    const own = xs[k] as number;
    const next = x < own ? xs[k - 1] : xs[k + 1];
    return next === undefined ? 1 : Math.max(0, 1 - Math.abs(x - own) / Math.abs(next - own));
  };
  const stops = [x0, ...xs.filter((x) => x > x0 && x < x1), x1];
  return xs.map((_, k) => {
    if (x1 - x0 < 1e-9) return hat(k, (x0 + x1) / 2);
    let sum = 0;
    stops.slice(1).forEach((stop, i) => {
      const start = stops[i] as number;
      sum += ((hat(k, start) + hat(k, stop)) / 2) * (stop - start);
    });
    return sum / (x1 - x0);
  });
};

const acrossY = (lines: readonly ElementLine[], y0: number, y1: number, share: number): Bearing[] => {
  const ordered = [...lines].sort((a, b) => a.start[1] - b.start[1]);
  const found = ordered.flatMap((line) => {
    const part = within(line, 1, y0, y1);
    return part && y1 > y0 ? [{ line, part, m: (part[1] - part[0]) * Math.abs(line.end[1] - line.start[1]) }] : [];
  });
  const total = found.reduce((sum, { m }) => sum + m, 0);
  if (total > 0) return found.map(({ line, part, m }) => stretch(line, part[0], part[1], (share * m) / total));
  const y = (y0 + y1) / 2;
  const [first, ...others] = ordered;
  if (!first) return [];
  const line = others.reduce((best, next) => (y > Math.max(best.start[1], best.end[1]) ? next : best), first);
  const span = line.end[1] - line.start[1];
  const at = span === 0 ? 0 : Math.min(1, Math.max(0, (y - line.start[1]) / span));
  return [stretch(line, at, at, share)];
};

/**
 * On the bars of a rack, the stretches that lie under a part, each bar alike: it lies on them as a stiff thing on even supports. A bar that it
 * touches by no more than its width carries as a whole.
 */
const onRack = (part: Part, bars: readonly (readonly ElementLine[])[]): Bearing[] =>
  bars.flatMap((lines) => {
    const under = lines.flatMap((line) => {
      const [byX, byY] = [within(line, 0, part.x0M, part.x1M), within(line, 1, part.y0M, part.y1M)];
      const [from, to] = [Math.max(byX?.[0] ?? 1, byY?.[0] ?? 1), Math.min(byX?.[1] ?? 0, byY?.[1] ?? 0)];
      return to > from ? [{ line, from, to }] : [];
    });
    const found = under.length > 0 ? under : lines.map((line) => ({ line, from: 0, to: 1 }));
    const sizes = found.map(({ line, from, to }) => (to - from) * length(subtract(line.end, line.start)));
    const total = sizes.reduce((sum, size) => sum + size, 0);
    return found.map(({ line, from, to }, i) => stretch(line, from, to, (sizes[i] as number) / total / bars.length));
  });

/** Bars that a deck passes its own push along and across to: each rail by itself, and all that lies between them. */
export interface SheetLines {
  readonly rails: readonly [readonly Bearing[], readonly Bearing[]];
  readonly across: readonly Bearing[];
}

/** Who carries what on a trailer, found once per frame. */
export interface BearingFinder {
  bearingsOf(part: Part): readonly Bearing[];
  /** where the deck is a sheet that carries in its own plane */
  readonly sheet: SheetLines | undefined;
}

export const bearingFinder = (chassis: Chassis, frame: TrailerFrame, sheet: boolean): BearingFinder => {
  const lines = elementLines(frame);
  const lineOf = ({ id }: BarElement): ElementLine => lines.get(id) as ElementLine;
  const linesOfMember = (memberId: string): ElementLine[] =>
    frame.bars.filter(({ member }) => member.id === memberId).map(lineOf);
  const ofGroup = (...groups: readonly string[]): ElementLine[] =>
    frame.bars.filter(({ member }) => groups.includes(member.group)).map(lineOf);
  const rails = ofGroup('rail');
  const [leftRail, rightRail] = [rails.filter(({ start }) => start[1] < 0), rails.filter(({ start }) => start[1] > 0)];
  const tongue = ofGroup('tongue');
  const crosses: CrossLine[] = chassis.members
    .filter(({ group }) => group === 'cross' || group === 'header')
    .map(({ id, centre }) => ({
      xM: centre.xM,
      lines: frame.bars.filter(({ member }) => member.id === id).map(lineOf),
    }))
    .sort((a, b) => a.xM - b.xM);
  const xs = crosses.map(({ xM }) => xM);
  const faceY = chassis.members
    .find(({ group }) => group === 'cross' || group === 'header')
    ?.plan.map(([, y]) => y) ?? [0];
  const [innerLeft, innerRight] = [Math.min(...faceY), Math.max(...faceY)];
  const axleLines = (axle: string): ElementLine[] =>
    frame.gear.elementIds.filter((id) => id.startsWith(`gear.${axle}.tube`)).map((id) => lines.get(id) as ElementLine);

  /** Bars across under a stretch: what rests on one alone and reaches past the bed is held by a couple on the nearest two. */
  const acrossShares = (x0M: number, x1M: number): readonly number[] => {
    const shares = leverShares(xs, x0M, x1M);
    const overhangs = x1M > (xs.at(-1) ?? 0) + 1e-9 || x0M < (xs[0] ?? 0) - 1e-9;
    if (!overhangs || xs.length < 2 || shares.filter((share) => share > 1e-9).length > 1) return shares;
    const rear = x1M > (xs.at(-1) ?? 0);
    return xs.map((_, k) => (rear ? (k >= xs.length - 2 ? 0.5 : 0) : k < 2 ? 0.5 : 0));
  };

  const onDeck = ({ x0M, x1M, y0M, y1M }: Pick<Part, 'x0M' | 'x1M' | 'y0M' | 'y1M'>, whole = 1): Bearing[] => {
    const width = y1M - y0M;
    const inside = (low: number, high: number): number =>
      width > 0 ? Math.max(0, Math.min(high, y1M) - Math.max(low, y0M)) / width : y0M >= low && y0M <= high ? 1 : 0;
    const overLeft = inside(Number.NEGATIVE_INFINITY, innerLeft);
    const overRight = inside(innerRight, Number.POSITIVE_INFINITY);
    const between = 1 - overLeft - overRight;
    return [
      ...(overLeft > 1e-9 ? alongX(leftRail, x0M, x1M, overLeft * whole) : []),
      ...(overRight > 1e-9 ? alongX(rightRail, x0M, x1M, overRight * whole) : []),
      ...(between > 1e-9
        ? acrossShares(x0M, x1M).flatMap((share, k) =>
            share > 1e-12
              ? acrossY(
                  (crosses[k] as CrossLine).lines,
                  Math.max(y0M, innerLeft),
                  Math.min(y1M, innerRight),
                  share * between * whole,
                )
              : [],
          )
        : []),
    ];
  };

  const restsOn = (part: Part): Bearing[] => {
    const { feet, heldX0M: x0M = part.x0M, heldX1M: x1M = part.x1M } = part;
    if (!feet) return onDeck({ ...part, x0M, x1M });
    return feet.flatMap(({ xM, yM, share }) => onDeck({ x0M: xM, x1M: xM, y0M: yM, y1M: yM }, share));
  };

  const evenly = (bars: readonly ElementLine[]): Bearing[] => {
    const total = bars.reduce((sum, line) => sum + length(subtract(line.end, line.start)), 0);
    return bars.map((line) => stretch(line, 0, 1, length(subtract(line.end, line.start)) / total));
  };

  return {
    sheet: sheet
      ? {
          rails: [evenly(leftRail), evenly(rightRail)],
          across: evenly(crosses.flatMap(({ lines: own }) => own)),
        }
      : undefined,
    bearingsOf: (part) => {
      const own = frame.bars.filter(({ member }) => member.id === part.id).map(lineOf);
      if (own.length > 0) return evenly(own);
      const held = (part.heldBy ?? []).flatMap(linesOfMember);
      if (held.length > 0) return evenly(held);
      switch (part.carriedBy) {
        case 'deck':
          return restsOn(part);
        case 'tongue':
          return alongX(tongue, part.x0M, part.x1M, 1);
        case 'rack':
          return onRack(part, (rackUnder(chassis, part)?.memberIds ?? []).map(linesOfMember));
        case 'rails':
          return [...alongX(leftRail, part.x0M, part.x1M, 0.5), ...alongX(rightRail, part.x0M, part.x1M, 0.5)];
        case 'axle.1':
        case 'axle.2':
        case 'axle.3':
          return axleLines(part.carriedBy).map((line, _i, all) => stretch(line, 0, 1, 1 / all.length));
      }
    },
  };
};
