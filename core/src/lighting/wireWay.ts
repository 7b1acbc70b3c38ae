import type { Member, PlanPoint } from '../chassis/index.js';
import type { Evaluation } from '../evaluation/index.js';
import { outsideSize } from '../sections/index.js';
import { commonPractice, type Source } from '../source.js';
import { inches } from '../units/index.js';

/** The way of the wires, seen from above: from the plug to both rear corners, with a branch to the axle. x back from the front edge, y to the right, m. */
export interface WireWay {
  /** from the ball to the left rear corner */
  readonly main: readonly PlanPoint[];
  /** on to the right rear corner */
  readonly across: readonly PlanPoint[];
  /** off the main run to the middle of the axles */
  readonly toAxle: readonly PlanPoint[];
  /** bars that it goes along, from the front */
  readonly alongIds: readonly string[];
}

const gap = ([ax, ay]: PlanPoint, [bx, by]: PlanPoint): number => Math.hypot(ax - bx, ay - by);
export const wayLengthM = (points: readonly PlanPoint[]): number =>
  points.slice(1).reduce((sum, point, i) => sum + gap(points[i] as PlanPoint, point), 0);

const ysOf = ({ plan }: Member): readonly number[] => plan.map(([, y]) => y);
const middleYM = (member: Member): number => (Math.min(...ysOf(member)) + Math.max(...ysOf(member))) / 2;

/** Middle of a tongue bar's rear end: of its two corners that lie furthest back. */
const rearEnd = ({ plan }: Member): PlanPoint => {
  const [a, b] = plan.toSorted(([p], [q]) => q - p) as [PlanPoint, PlanPoint];
  return [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
};

const memberOf = ({ chassis }: Evaluation, id: string): Member | undefined =>
  chassis.members.find((member) => member.id === id);

/** The tongue bar that wires go along: the left leg, or the one in the middle. */
const tongueBar = (evaluation: Evaluation): Member | undefined =>
  memberOf(evaluation, 'tongue.left') ?? memberOf(evaluation, 'tongue.middle');

/** Along the tongue, from where it ends out to the left rail, back in it, across the rear header; to the axle off the rail. */
export const wireWay = (evaluation: Evaluation): WireWay => {
  const { trailer, chassis } = evaluation;
  const { lengthM, widthM } = trailer.frame.bed;
  const half = widthM / 2;
  const leg = tongueBar(evaluation);
  const rail = memberOf(evaluation, 'rail.left');
  const railYM = rail ? middleYM(rail) : -half;
  const ball: PlanPoint = [Math.min(0, chassis.ballXM), 0];
  const legEnd: PlanPoint = leg ? rearEnd(leg) : [0, 0];
  // A tube in the middle may reach the rear: the wire leaves it no further back than the bed goes.
  const leaves: PlanPoint = [Math.min(Math.max(0, legEnd[0]), lengthM), legEnd[1]];
  const atRail: PlanPoint = [leaves[0], railYM];
  const corner: PlanPoint = [lengthM, railYM];
  const axleXM = Math.min(Math.max(trailer.runningGear.positionM, 0), lengthM);
  const header = memberOf(evaluation, 'header.rear');
  return {
    main: [ball, leaves, ...(gap(leaves, atRail) > 1e-6 ? [atRail] : []), corner],
    across: [corner, [lengthM, -railYM]],
    toAxle: [
      [axleXM, railYM],
      [axleXM, 0],
    ],
    alongIds: [leg, rail, header].flatMap((member) => (member ? [member.id] : [])),
  };
};

/** Where a wire goes into or out of a bar; or along one that is open, by clips. */
export interface WireHole {
  readonly memberId: string;
  readonly way: 'in' | 'out' | 'branch';
  /** from the bar's front, left or ball end, along it, m */
  readonly alongM: number;
  readonly at: PlanPoint;
  readonly face: 'inner-side' | 'front';
  readonly diameterM: number;
  /** of the side that it is drilled in */
  readonly shareOfSide: number;
}

export interface WireHoles {
  readonly holes: readonly WireHole[];
  /** bars that are open: along their web, m */
  readonly clipped: readonly { readonly memberId: string; readonly lengthM: number }[];
  readonly clips: number;
}

/** Over the insulation of stranded wire, by gauge, m. Common practice: makers differ by a tenth. */
const OVER_INSULATION_M: Readonly<Record<number, number>> = {
  18: 0.0021,
  16: 0.0024,
  14: 0.0028,
  12: 0.0034,
  10: 0.0043,
  8: 0.0058,
};
/** Round wires lie in a round loom with a third of it empty; the grommet's own wall comes on top. Common practice. */
const EMPTY = 1.3;
const GROMMET_M = 0.003;
const LEAST_HOLE_M = inches(1 / 2);
const STEP_M = inches(1 / 8);
export const HOLE_SOURCE: Source = commonPractice(
  'at half the height of the side, no wider than a third of it, a bar’s depth away from welds, with a grommet; a clip every 18 in (450 mm)',
);
/** Wider than that of the side that it is in, a hole is no longer small. Common practice. */
export const SMALL_HOLE_SHARE = 1 / 3;
export const CLIP_EVERY_M = 0.45;

/** Hole that a bundle of wires goes through with its grommet, in eighths of an inch as drills are, m. */
export const bundleHoleM = (gauges: readonly number[]): number => {
  const areaM2 = gauges.reduce((sum, awg) => sum + (OVER_INSULATION_M[awg] ?? OVER_INSULATION_M[8] ?? 0) ** 2, 0);
  const neededM = EMPTY * Math.sqrt(areaM2) + 2 * GROMMET_M;
  return Math.max(LEAST_HOLE_M, Math.ceil(neededM / STEP_M - 1e-9) * STEP_M);
};

const isClosed = ({ section }: Member): boolean =>
  section.shape.kind === 'rect-tube' || section.shape.kind === 'round-tube';

/** Behind the ball's centre, that the coupler with its bolts and welds stays clear. */
const BEHIND_COUPLER_M = inches(12);

/** Holes of the run, drilled before paint; `gauges`: of all wires in it, `branch`: of those to the axle, none where nothing goes there. */
export const wireHoles = (
  evaluation: Evaluation,
  gauges: readonly number[],
  branch: readonly number[] = [],
): WireHoles => {
  if (gauges.length === 0) return { holes: [], clipped: [], clips: 0 };
  const way = wireWay(evaluation);
  const diameterM = bundleHoleM(gauges);
  const holes: WireHole[] = [];
  const clipped: { memberId: string; lengthM: number }[] = [];
  const drill = (
    member: Member,
    which: WireHole['way'],
    alongM: number,
    at: PlanPoint,
    face: WireHole['face'],
    widthM = diameterM,
  ): void => {
    const { heightM } = outsideSize(member.section.shape);
    holes.push({ memberId: member.id, way: which, alongM, at, face, diameterM: widthM, shareOfSide: widthM / heightM });
  };
  const [ball, leaves] = way.main as [PlanPoint, PlanPoint];
  const atRail = way.main[way.main.length - 2] as PlanPoint;
  for (const id of way.alongIds) {
    const member = memberOf(evaluation, id);
    if (!member) continue;
    const { heightM } = outsideSize(member.section.shape);
    const lengthM = member.group === 'tongue' ? gap(ball, leaves) : member.cutLengthM;
    if (!isClosed(member)) {
      clipped.push({ memberId: id, lengthM });
      continue;
    }
    if (member.group === 'tongue') {
      const unit: PlanPoint = [(leaves[0] - ball[0]) / lengthM, (leaves[1] - ball[1]) / lengthM];
      const on = (alongM: number): PlanPoint => [ball[0] + unit[0] * alongM, ball[1] + unit[1] * alongM];
      // Short bars: never past their middle.
      const inM = Math.min(BEHIND_COUPLER_M, lengthM / 3);
      const outM = Math.max(lengthM - 2 * heightM, (2 * lengthM) / 3);
      drill(member, 'in', inM, on(inM), 'inner-side');
      drill(member, 'out', outM, on(outM), 'inner-side');
    } else if (member.group === 'rail') {
      const { x0M, x1M } = member.extent;
      const inX = Math.min(Math.max(atRail[0] + 2 * heightM, x0M + 2 * heightM), (x0M + x1M) / 2);
      const outX = Math.max(x1M - 2 * heightM, (x0M + x1M) / 2);
      drill(member, 'in', inX - x0M, [inX, atRail[1]], 'inner-side');
      const [axleX] = way.toAxle[0] as PlanPoint;
      if (branch.length > 0 && axleX > inX + heightM && axleX < outX - heightM)
        drill(member, 'branch', axleX - x0M, [axleX, atRail[1]], 'inner-side', bundleHoleM(branch));
      drill(member, 'out', outX - x0M, [outX, atRail[1]], 'inner-side');
    } else {
      const leftYM = Math.min(...ysOf(member));
      const inM = Math.min(2 * heightM, lengthM / 3);
      drill(member, 'in', inM, [member.extent.x0M, leftYM + inM], 'front');
    }
  }
  return {
    holes,
    clipped,
    clips: clipped.reduce((sum, { lengthM }) => sum + Math.ceil(lengthM / CLIP_EVERY_M), 0),
  };
};
