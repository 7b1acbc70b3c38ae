import { add, cross, dot, length, scale, subtract, type Vector3 } from '../frame-analysis/index.js';
import type { BarEnd, OwnBar, Trailer } from '../project/index.js';
import { type BarStock, stockOf } from './bars.js';
import {
  boxCorners,
  type ChassisProblem,
  type EndCut,
  type EndFinish,
  hullOf,
  type Member,
  type MiddleLine,
  type PlanPoint,
} from './member.js';
import { hollowOn } from './hollow.js';
import { directionOf, lineBetween, lineLengthM, middleLineOf, placeOnLine } from './middleLine.js';

/** A bar to be placed: one of one's own, or one of a ready-made piece, which may hang loose on others. */
export type BarDraft = OwnBar & { readonly hungOn?: readonly string[] };

/** A bar shorter than this between the faces that it stands on is none, m. */
const LEAST_M = 0.005;
/** An end this near to square is square, rad. */
const SQUARE_RAD = 1e-4;
/** No bar is welded on flatter than this against the other's own line, as a sine: 10°, common practice for what a torch still reaches. */
const FLATTEST = 0.17;

/** A bar that others can stand on. */
interface Host {
  readonly member: Member;
  readonly line: MiddleLine;
}

/** How a line that leaves a bar's middle comes out of it: how far out, and the face that it comes through. */
const outOf = (
  { member: { bar }, line }: Host,
  direction: Vector3,
): { readonly outM: number; readonly face: Vector3 } => {
  const byUp = dot(direction, line.up);
  const byAcross = dot(direction, line.across);
  const reachUp = byUp >= 0 ? bar.heightM - bar.design.centroidZM : bar.design.centroidZM;
  const up = reachUp / Math.max(Math.abs(byUp), 1e-9);
  const across = bar.widthM / 2 / Math.max(Math.abs(byAcross), 1e-9);
  return up <= across
    ? { outM: up, face: scale(line.up, Math.sign(byUp) || 1) }
    : { outM: across, face: scale(line.across, Math.sign(byAcross) || 1) };
};

interface CutEnd {
  readonly cut: EndCut;
  /** how far each of the four long edges reaches past the middle line's end */
  readonly past: readonly number[];
  /** its metal past the middle line's end, as a length of the whole section */
  readonly metalM: number;
  readonly finish: EndFinish;
}

const SQUARE_END: CutEnd = { cut: { kind: 'square' }, past: [0, 0, 0, 0], metalM: 0, finish: { kind: 'square' } };

const CORNERS = [
  [-1, -1],
  [1, -1],
  [1, 1],
  [-1, 1],
] as const;

/** The cut that lets an end lie flat on a face; `outward`: along the line, away from the bar. */
const cutAgainst = (line: MiddleLine, outward: Vector3, face: Vector3 | undefined, { bar }: BarStock): CutEnd => {
  if (!face) return SQUARE_END;
  const n = dot(outward, face);
  const [across, up] = [dot(line.across, face) / n, dot(line.up, face) / n];
  const past = CORNERS.map(([u, v]) => (u * across * bar.widthM) / 2 + (v * up * bar.heightM) / 2).map((by) => -by);
  const [offSquareRad, bevelRad] = [Math.atan(Math.abs(across)), Math.atan(Math.abs(up))];
  if (Math.max(offSquareRad, bevelRad) < SQUARE_RAD) return SQUARE_END;
  // The blade leans by sin(tilt) = n·u with the bar flat on the saw's table, as on the tongue's slanted bars.
  const slanted = { bevelRad, tiltRad: Math.asin(Math.min(1, Math.abs(dot(line.up, face)))) };
  return {
    cut: { kind: 'mitre', offSquareRad, ...(bevelRad < SQUARE_RAD ? {} : slanted) },
    past,
    metalM: 0,
    finish: { kind: 'flat', face },
  };
};

/** How an end is cut: hollowed round a tube, so that it reaches on about it and is sawn square before; else flat on the face that it meets. */
const endAgainst = (
  stock: BarStock,
  line: MiddleLine,
  host: Host | undefined,
  outward: Vector3,
  met: { readonly outM: number; readonly face: Vector3 } | undefined,
): CutEnd => {
  const hollow = host && hollowOn(stock, line, host.member, host.line);
  if (!met || !hollow) return cutAgainst(line, outward, met?.face, stock);
  const pastM = met.outM - hollow.nearM;
  return {
    cut: { kind: 'square' },
    past: CORNERS.map(() => pastM),
    metalM: met.outM - hollow.meanM,
    finish: {
      kind: 'hollow',
      onId: host.member.id,
      pastM,
      lengthM: hollow.farM - hollow.nearM,
      angleRad: hollow.angleRad,
      acrossM: hollow.acrossM,
      inPlaneM: hollow.inPlaneM,
    },
  };
};

const memberOf = (id: string, stock: BarStock, line: MiddleLine, [from, to]: readonly [CutEnd, CutEnd]): Member => {
  const middleM = lineLengthM(line);
  const edges = CORNERS.map((_, i) => middleM + (from.past[i] as number) + (to.past[i] as number));
  const corners = boxCorners(line, stock);
  const [xs, zs] = [corners.map(([x]) => x), corners.map(([, , z]) => z)];
  const middle = scale(add(line.start, line.end), 0.5);
  return {
    id,
    group: 'own',
    ...stock,
    line,
    finish: [from.finish, to.finish],
    plan: hullOf(corners.map(([x, y]): PlanPoint => [x, y])),
    extent: { x0M: Math.min(...xs), x1M: Math.max(...xs), z0M: Math.min(...zs), z1M: Math.max(...zs) },
    frontRiseM: 0,
    cutLaterM: 0,
    intoM: 0,
    cutLengthM: middleM + Math.max(...from.past) + Math.max(...to.past),
    faceLengthM: Math.min(...edges),
    ends: [from.cut, to.cut],
    massKg: stock.bar.nominalAreaM2 * stock.material.densityKgM3 * (middleM + from.metalM + to.metalM),
    centre: { xM: middle[0], yM: middle[1], zM: middle[2] },
  };
};

type Ended = { readonly at: Vector3; readonly host: Host | undefined };
/** Waits: for a bar that is not placed yet. */
type Found = Ended | ChassisProblem | 'waits';

const isProblem = (found: Found): found is ChassisProblem => found !== 'waits' && 'code' in found;

interface Search {
  readonly hosts: ReadonlyMap<string, Host>;
  /** bars of one's own that are still to be placed */
  readonly open: ReadonlySet<string>;
}

const endOf = (own: OwnBar, end: BarEnd, other: BarEnd, search: Search): Found => {
  switch (end.kind) {
    case 'at':
      return { at: [end.xM, end.yM, end.zM], host: undefined };
    case 'on': {
      const host = search.hosts.get(end.barId);
      if (!host)
        return search.open.has(end.barId) ? 'waits' : { code: 'own-bar-on-nothing', memberId: own.id, onId: end.barId };
      const lengthM = lineLengthM(host.line);
      if (end.atM > lengthM + 1e-9)
        return { code: 'own-bar-past-end', memberId: own.id, onId: end.barId, atM: end.atM, lengthM };
      return { at: placeOnLine(host.line, end.atM), host };
    }
    case 'off': {
      if (other.kind === 'off') return { code: 'own-bar-loose', memberId: own.id };
      const from = endOf(own, other, end, search);
      if (from === 'waits' || isProblem(from)) return from;
      return { at: add(from.at, [end.byXM, end.byYM, end.byZM]), host: undefined };
    }
  }
};

/** A bar between its two ends, cut off at the faces that it stands on. */
const placed = (own: BarDraft, stock: BarStock, from: Ended, to: Ended): Member | ChassisProblem => {
  const whole = subtract(to.at, from.at);
  const wholeM = length(whole);
  if (!(wholeM > LEAST_M)) return { code: 'own-bar-no-length', memberId: own.id };
  const along = scale(whole, 1 / wholeM);
  const flat = [from, to].find(
    ({ host }) => host !== undefined && length(cross(along, directionOf(host.line))) < FLATTEST,
  );
  if (flat?.host) return { code: 'own-bar-too-flat', memberId: own.id, onId: flat.host.member.id };
  const first = from.host && outOf(from.host, along);
  const last = to.host && outOf(to.host, scale(along, -1));
  const [firstM, lastM] = [first?.outM ?? 0, last?.outM ?? 0];
  if (wholeM - firstM - lastM < LEAST_M) return { code: 'own-bar-no-length', memberId: own.id };
  const line = lineBetween(
    add(from.at, scale(along, firstM)),
    add(to.at, scale(along, -lastM)),
    (own.turnDeg * Math.PI) / 180,
  );
  const member = memberOf(own.id, stock, line, [
    endAgainst(stock, line, from.host, scale(along, -1), first),
    endAgainst(stock, line, to.host, along, last),
  ]);
  return own.hungOn ? { ...member, hungOn: own.hungOn } : member;
};

/** Those of the bars that hang together with the frame, through whatever they stand on or carry; what hangs loose by design among them. */
const joined = (drafts: readonly BarDraft[], built: readonly Member[]): ReadonlySet<string> => {
  const own = new Set(built.map(({ id }) => id));
  const ends = drafts.map(({ id, from, to, hungOn }) => ({
    id,
    hung: hungOn !== undefined,
    on: [from, to].flatMap((end) => (end.kind === 'on' ? [end.barId] : [])),
  }));
  const held = new Set(ends.filter(({ hung, on }) => hung || on.some((id) => !own.has(id))).map(({ id }) => id));
  for (let before = -1; before !== held.size; ) {
    before = held.size;
    for (const { id, on } of ends) {
      if (on.some((other) => held.has(other))) held.add(id);
      if (held.has(id)) for (const other of on) if (own.has(other)) held.add(other);
    }
  }
  return held;
};

/** Bars of one's own, each after those that it stands on; those that cannot be placed are problems. */
export const buildOwnBars = (
  trailer: Trailer,
  drafts: readonly BarDraft[],
  others: readonly Member[],
  problems: ChassisProblem[],
): readonly Member[] => {
  const hosts = new Map<string, Host>();
  const take = (member: Member): void => {
    const line = middleLineOf(member);
    if (line) hosts.set(member.id, { member, line });
  };
  others.forEach(take);
  const built: Member[] = [];
  let left = [...drafts];
  for (;;) {
    const open = new Set(left.map(({ id }) => id));
    const waiting = left.filter((own) => {
      const from = endOf(own, own.from, own.to, { hosts, open });
      const to = endOf(own, own.to, own.from, { hosts, open });
      const problem = [from, to].find(isProblem);
      if (problem) problems.push(problem);
      if (problem || from === 'waits' || to === 'waits' || isProblem(from) || isProblem(to)) return !problem;
      const stock = stockOf(trailer, 'own', own.id, problems);
      if (!stock) return false;
      const member = placed(own, stock, from, to);
      if ('code' in member) problems.push(member);
      else {
        built.push(member);
        take(member);
      }
      return false;
    });
    if (waiting.length === left.length) break;
    left = waiting;
  }
  // Those that wait for each other.
  for (const { id } of left) problems.push({ code: 'own-bars-in-a-ring', memberId: id });
  const held = joined(drafts, built);
  for (const { id } of built) if (!held.has(id)) problems.push({ code: 'own-bar-loose', memberId: id });
  return built.filter(({ id }) => held.has(id));
};
