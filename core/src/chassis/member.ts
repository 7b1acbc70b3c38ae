import { add, scale, type Vector3 } from '../frame-analysis/index.js';
import type { Material } from '../materials/index.js';
import type { SectionRow } from '../catalog/index.js';
import type { BarGroup } from '../project/index.js';
import type { BarProperties, BuildUp } from '../sections/index.js';

/** A place in the trailer's axes, m: x rearward from the front face of the bed, y to the right, z up from the top of the main rails. */
export interface Point3 {
  readonly xM: number;
  readonly yM: number;
  readonly zM: number;
}
/** A corner of a plan outline: x, y in m. */
export type PlanPoint = readonly [xM: number, yM: number];

/** How one end of a piece is sawn; angles are off square, 0 is a square cut. */
export type EndCut =
  | { readonly kind: 'square' }
  | {
      readonly kind: 'mitre';
      /** seen from above */
      readonly offSquareRad: number;
      /** seen from the side, where the bar slopes: a compound cut */
      readonly bevelRad?: number;
      /** blade of the saw off plumb, with the bar flat on its table */
      readonly tiltRad?: number;
    };

export interface Extent {
  readonly x0M: number;
  readonly x1M: number;
  readonly z0M: number;
  readonly z1M: number;
}

/** Drilled through a bar, along it from its front, left or ball end. */
export interface Hole {
  readonly atM: number;
  readonly diameterM: number;
  readonly through: 'sides' | 'top-bottom';
}

/** The line through the middles of a bar's cross-sections, from its front, left or ball end, and how the bar lies about it. */
export interface MiddleLine {
  readonly start: Vector3;
  readonly end: Vector3;
  /** along the section's width and height; with the line a right-handed set of three */
  readonly across: Vector3;
  readonly up: Vector3;
}

/** How an end of a bar that runs in any direction is shaped: square, flat on a face with this normal out of the bar met, or hollowed round a tube. */
export type EndFinish =
  | { readonly kind: 'square' }
  | { readonly kind: 'flat'; readonly face: Vector3 }
  | {
      readonly kind: 'hollow';
      readonly onId: string;
      /** how far it reaches on about the tube, past the middle line's end */
      readonly pastM: number;
      /** from the deepest of the hollow to its furthest point, along the bar */
      readonly lengthM: number;
      readonly angleRad: number;
      /** of its section, square to the plane of both bars, and in it */
      readonly acrossM: number;
      readonly inPlaneM: number;
    };

export interface BuiltUp {
  readonly base: SectionRow;
  readonly how: BuildUp<SectionRow>;
  /** null: welded all along */
  readonly stitch: { readonly lengthM: number; readonly pitchM: number } | null;
}

/** A stretch of a bar that plates or a bar inside make stronger, along it from its front, left or ball end. */
export interface Reinforced {
  readonly fromM: number;
  readonly toM: number;
  /** both together */
  readonly bar: BarProperties;
  readonly builtUp: BuiltUp;
}

/** One bar of the frame where it sits. Outline and extent draw it, weigh it and cut it. */
export interface Member {
  readonly id: string;
  readonly group: BarGroup;
  readonly section: SectionRow;
  readonly bar: BarProperties;
  readonly material: Material;
  /** 2 where two bars stand side by side; `bar` is then both together */
  readonly pieces: 1 | 2;
  /** built up of what a yard sells: of which section, how, and how its seams are welded; `section` and `bar` are then of the whole */
  readonly builtUp?: BuiltUp;
  /** over part of its length; `section` and `bar` are of the bare bar */
  readonly reinforced?: Reinforced;
  readonly holes: readonly Hole[];
  /** is there already: neither cut nor bought */
  readonly existing: boolean;
  /** hangs or stands loose on these and carries nothing with the frame: a gate, sides that lift out */
  readonly hungOn?: readonly string[];
  /** where lengths of it are welded together, along it from its front, left or ball end, ascending, m */
  readonly splicesM: readonly number[];
  /** seen from above */
  readonly plan: readonly PlanPoint[];
  readonly extent: Extent;
  /** of a bar that runs in any direction, from face to face; others lie or stand as their outline says */
  readonly line?: MiddleLine;
  /** of a bar with a line, and of what is hollowed, at its start and its end */
  readonly finish?: readonly [EndFinish, EndFinish];
  /** how much higher (+) its front end lies than its rear end, m */
  readonly frontRiseM: number;
  /** left on at its front end, to be cut when all is in place, m */
  readonly cutLaterM: number;
  /** of its length, past the faces that its outline ends at: into the open side of what it meets, m */
  readonly intoM: number;
  /** cut in two by what goes through it: from its front, left or ball end, m */
  readonly parted?: { readonly fromM: number; readonly toM: number };
  /** from its ball's end, along it: where it folds and is two pieces, m */
  readonly hingeAtM?: number;
  /** along the longest side, what is marked on the stick */
  readonly cutLengthM: number;
  /** along the shorter face; both faces of a piece with parallel slanting cuts have this length */
  readonly faceLengthM: number;
  readonly ends: readonly [EndCut, EndCut];
  readonly massKg: number;
  readonly centre: Point3;
}

/** Why the frame cannot be built as asked; each becomes a finding. */
export type ChassisProblem =
  | { readonly code: 'missing-section'; readonly memberId: string; readonly sectionId: string }
  | { readonly code: 'missing-material'; readonly memberId: string; readonly materialId: string }
  | { readonly code: 'impossible-section'; readonly memberId: string; readonly sectionId: string }
  | { readonly code: 'no-box'; readonly memberId: string; readonly sectionId: string }
  | { readonly code: 'no-sleeve'; readonly memberId: string; readonly sectionId: string }
  | { readonly code: 'wrong-metal'; readonly memberId: string; readonly sectionId: string; readonly materialId: string }
  | { readonly code: 'cross-member-off-bed'; readonly memberId: string; readonly xM: number }
  | { readonly code: 'cross-members-overlap'; readonly memberId: string; readonly otherId: string }
  | { readonly code: 'legs-outside-frame'; readonly spreadM: number; readonly widthM: number }
  | { readonly code: 'tongue-under-longer-than-bed'; readonly underM: number }
  | { readonly code: 'slope-under-frame'; readonly byM: number }
  | { readonly code: 'step-up-under-frame'; readonly byM: number }
  | { readonly code: 'rise-over-frame'; readonly byM: number }
  | { readonly code: 'step-too-small'; readonly byM: number; readonly leastM: number }
  | { readonly code: 'step-with-side-tubes'; readonly byM: number }
  | { readonly code: 'side-tubes-ahead-of-tongue'; readonly aheadM: number; readonly lengthM: number }
  | { readonly code: 'tongue-joint-behind-side-tubes'; readonly aheadM: number; readonly sideTubesAheadM: number }
  | { readonly code: 'tongue-joint-off-tongue'; readonly aheadM: number; readonly lengthM: number }
  | { readonly code: 'bed-narrower-than-rails'; readonly widthM: number }
  | { readonly code: 'own-bar-on-nothing'; readonly memberId: string; readonly onId: string }
  | {
      readonly code: 'own-bar-past-end';
      readonly memberId: string;
      readonly onId: string;
      readonly atM: number;
      readonly lengthM: number;
    }
  | { readonly code: 'own-bar-loose'; readonly memberId: string }
  | { readonly code: 'own-bar-no-length'; readonly memberId: string }
  | { readonly code: 'own-bars-in-a-ring'; readonly memberId: string }
  | { readonly code: 'own-bar-too-flat'; readonly memberId: string; readonly onId: string }
  | { readonly code: 'own-panel-on-nothing'; readonly panelId: string; readonly onId: string }
  | { readonly code: 'own-panel-not-flat'; readonly panelId: string; readonly barIds: readonly [string, string] }
  | { readonly code: 'own-panel-no-size'; readonly panelId: string }
  | { readonly code: 'own-panel-leans-open'; readonly panelId: string }
  | { readonly code: 'gate-wider-than-bed'; readonly pieceId: string; readonly widthM: number; readonly bedM: number }
  | { readonly code: 'piece-off-bed'; readonly pieceId: string }
  | { readonly code: 'piece-too-low'; readonly pieceId: string; readonly leastM: number };

/** Area and centre of a plan outline. */
export const planArea = (
  plan: readonly PlanPoint[],
): { readonly areaM2: number; readonly xM: number; readonly yM: number } => {
  let twice = 0;
  let x = 0;
  let y = 0;
  plan.forEach(([x0, y0], i) => {
    const [x1, y1] = plan[(i + 1) % plan.length] as PlanPoint;
    const cross = x0 * y1 - x1 * y0;
    twice += cross;
    x += (x0 + x1) * cross;
    y += (y0 + y1) * cross;
  });
  return { areaM2: Math.abs(twice) / 2, xM: x / (3 * twice), yM: y / (3 * twice) };
};

/** Corners of the box about a bar, its ends square. */
export const boxCorners = ({ start, end, across, up }: MiddleLine, { bar }: Pick<Member, 'bar'>): Vector3[] =>
  [start, end].flatMap((at) =>
    [-bar.widthM / 2, bar.widthM / 2].flatMap((u) =>
      [-bar.design.centroidZM, bar.heightM - bar.design.centroidZM].map((v) =>
        add(at, add(scale(across, u), scale(up, v))),
      ),
    ),
  );

/** The outline about points, convex, without those that lie on its edges. */
export const hullOf = (points: readonly PlanPoint[]): PlanPoint[] => {
  const sorted = [...points].sort(([ax, ay], [bx, by]) => ax - bx || ay - by);
  const half = (all: readonly PlanPoint[]): PlanPoint[] => {
    const kept: PlanPoint[] = [];
    for (const [x, y] of all) {
      for (;;) {
        const [b, a] = [kept.at(-1), kept.at(-2)];
        if (!a || !b || (b[0] - a[0]) * (y - a[1]) - (b[1] - a[1]) * (x - a[0]) > 1e-12) break;
        kept.pop();
      }
      kept.push([x, y]);
    }
    return kept.slice(0, -1);
  };
  return [...half(sorted), ...half(sorted.toReversed())];
};

/** A bar seen from the trailer's side: x and z of its corners, m; a parallelogram where it slopes. */
export const sideOutline = (member: Pick<Member, 'extent' | 'frontRiseM' | 'line' | 'bar'>): PlanPoint[] => {
  const { extent, frontRiseM, line } = member;
  if (line) return hullOf(boxCorners(line, member).map(([x, , z]): PlanPoint => [x, z]));
  const { x0M, x1M, z0M, z1M } = extent;
  const up = Math.max(0, frontRiseM);
  const down = Math.max(0, -frontRiseM);
  return [
    [x0M, z1M - down],
    [x1M, z1M - up],
    [x1M, z0M + down],
    [x0M, z0M + up],
  ];
};

/** A bar that runs in any direction seen from behind: y and z of its corners, m. */
export const rearOutline = (line: MiddleLine, member: Pick<Member, 'bar'>): PlanPoint[] =>
  hullOf(boxCorners(line, member).map(([, y, z]): PlanPoint => [y, z]));

export const planBox = (x0: number, x1: number, y0: number, y1: number): PlanPoint[] => [
  [x0, y0],
  [x1, y0],
  [x1, y1],
  [x0, y1],
];
