import type { Shape3D } from 'replicad';
import type { Kernel } from '../src/cad/kernel.js';
import { shapeOf } from '../src/cad/shape.js';
import { add, scale } from '../src/frame-analysis/index.js';
import type { Member } from '../src/chassis/index.js';
import type { Evaluation } from '../src/evaluation/index.js';
import { type Body, frameSolids, type PieceSolid } from '../src/solids/index.js';
import { profileBox, rectangleProfile } from '../src/solids/profiles.js';

interface Placed {
  readonly solid: PieceSolid;
  readonly member: Member;
  readonly shape: Shape3D;
  /** the same without hollow and round corners: what an end is to lie against */
  readonly filled: Shape3D;
  readonly box: readonly [number[], number[]];
}

/** A bar's outside: welds fill what its round corners leave. */
const filledBody = (body: Body, { section }: Member): Body => {
  const { kind } = section.shape;
  if (kind !== 'rect-tube' && kind !== 'round-tube') return body;
  const [u0, u1, v0, v1] = profileBox(body.profile);
  const profile = kind === 'rect-tube' ? rectangleProfile(u0, v0, u1 - u0, v1 - v0) : body.profile.slice(0, 1);
  // Holes are small beside what lies over them; the cuts of its ends stay.
  return { ...body, profile };
};

/** mm */
export interface EndFit {
  readonly id: string;
  readonly end: 'first' | 'last';
  /** + open, − one in the other; undefined: it touches nothing there */
  readonly gapMm: number | undefined;
}
export interface Overlap {
  readonly ids: readonly [string, string];
  /** as deep as if it were spread over the smaller one's metal */
  readonly depthMm: number;
}

const near = ([a0, a1]: Placed['box'], [b0, b1]: Placed['box'], byMm: number): boolean =>
  [0, 1, 2].every(
    (i) => (a0[i] as number) - byMm <= (b1[i] as number) && (b0[i] as number) - byMm <= (a1[i] as number),
  );

/** A slanting end reaches this far back along its bar at most, m. */
const SLANT_M = 0.25;

/** Box about an end of a bar, mm. */
const endBox = ({ profile, at, across, up, along, lengthM }: Body, sense: -1 | 1): Placed['box'] => {
  const [u0, u1, v0, v1] = profileBox(profile);
  const stops = sense === 1 ? [Math.max(0, lengthM - SLANT_M), lengthM] : [0, Math.min(lengthM, SLANT_M)];
  const corners = stops.flatMap((s) =>
    [u0, u1].flatMap((u) =>
      [v0, v1].map((v) => add(add(at, scale(along, s)), add(scale(across, u), scale(up, v))).map((x) => 1000 * x)),
    ),
  );
  const all = (i: number) => corners.map((corner) => corner[i] as number);
  return [[0, 1, 2].map((i) => Math.min(...all(i))), [0, 1, 2].map((i) => Math.max(...all(i)))];
};

const moved = (shape: Shape3D, direction: readonly number[], byMm: number): Shape3D =>
  shape.clone().translate(direction.map((x) => x * byMm) as [number, number, number]);

/** Every bar with its solid; what is changed in it beforehand is the test's own. */
export const placedBars = (
  kernel: Kernel,
  { trailer, chassis, cutList }: Evaluation,
  change: (solid: PieceSolid) => PieceSolid = (solid) => solid,
): readonly Placed[] =>
  frameSolids(trailer, chassis, cutList).flatMap((told): Placed[] => {
    const solid = change(told);
    const member = chassis.members.find(({ id }) => id === solid.partId);
    // Plates are laid on and trimmed in place.
    if (!member || !solid.id.includes('#')) return [];
    const shape = shapeOf(kernel, solid.body);
    const filled = shapeOf(kernel, filledBody(solid.body, member));
    return [{ solid, member, shape, filled, box: shape.boundingBox.bounds }];
  });

const volume = (kernel: Kernel, a: Shape3D, b: Shape3D): number => {
  const both = a.intersect(b);
  return both.isNull ? 0 : kernel.measureVolume(both);
};

/** Metal that two pieces claim at once. */
export const overlaps = (kernel: Kernel, bars: readonly Placed[]): readonly Overlap[] =>
  bars.flatMap((a, i) =>
    bars.slice(i + 1).flatMap((b): Overlap[] => {
      if (!near(a.box, b.box, 0)) return [];
      const claimed = volume(kernel, a.shape, b.shape);
      const areas = [a, b].map(({ member }) => (member.bar.nominalAreaM2 / member.pieces) * 1e6);
      return claimed > 1e-3 ? [{ ids: [a.solid.id, b.solid.id], depthMm: claimed / Math.min(...areas) }] : [];
    }),
  );

/**
 * How every end lies against what is there: pushed on by 1 and by 2 mm it goes into it by as much as lies in contact, so that what it goes in by
 * the first time tells how far off it was. Ends that meet nothing within 15 mm are free.
 */
export const endFits = (
  kernel: Kernel,
  bars: readonly Placed[],
  asked: (solid: PieceSolid) => boolean = () => true,
): readonly EndFit[] =>
  bars.flatMap((bar) => {
    if (!asked(bar.solid)) return [];
    const { along } = bar.solid.body;
    return ([-1, 1] as const).map((sense): EndFit => {
      const direction = along.map((x) => x * sense);
      const end = endBox(bar.solid.body, sense);
      const others = bars.filter((other) => other !== bar && near(other.box, end, 16));
      const into = (byMm: number): number => {
        const pushed = moved(bar.shape, direction, byMm);
        return others.reduce((sum, { filled }) => sum + volume(kernel, pushed, filled), 0);
      };
      const [at1, at2] = [into(1), into(2)] as const;
      const contact = at2 - at1;
      const gapMm = contact > 1 ? 1 - at1 / contact : into(15) - at2 > 1 ? 15 : undefined;
      return { id: bar.solid.id, end: sense === -1 ? 'first' : 'last', gapMm };
    });
  });
