import { type Chassis, type Member, rearOutline, sideOutline, webOf } from '../chassis/index.js';
import { barOf, parsePartId, type Trailer } from '../project/index.js';
import { profileAt } from './profile.js';
import { box, type Point, type DrawnShape, strip } from './shapes.js';

/** Whether a bar runs across the trailer: from the side its end is seen, from behind its length. */
export const runsAcross = ({ group, id }: Member): boolean => {
  const { kind } = parsePartId(id);
  return group === 'cross' || group === 'header' || (kind === 'side-rail' && /front|rear/.test(id));
};

/** The two ends of a lying bar as the edges of its outline seen from above, each from its low side to its high one. */
export const endsInPlan = (member: Member): readonly [readonly [Point, Point], readonly [Point, Point]] | undefined => {
  if (member.plan.length !== 4) return undefined;
  const [a, b, c, d] = member.plan as [Point, Point, Point, Point];
  const across = runsAcross(member);
  const pairs = [
    [
      [a, d],
      [b, c],
    ],
    [
      [a, b],
      [d, c],
    ],
  ] as const;
  const middleGap = ([[p, q], [r, s]]: (typeof pairs)[number]): number =>
    Math.hypot(p[0] + q[0] - r[0] - s[0], p[1] + q[1] - r[1] - s[1]);
  const pair = middleGap(pairs[0]) >= middleGap(pairs[1]) ? pairs[0] : pairs[1];
  const axis = across ? 0 : 1;
  // Both ends alike: one of them may run along the other axis, as where legs are cut along the centre line.
  const rise = pair.reduce((sum, [p, q]) => sum + q[axis] - p[axis], 0);
  const sorted = ([p, q]: readonly [Point, Point]): readonly [Point, Point] => (rise >= 0 ? [p, q] : [q, p]);
  return [sorted(pair[0]), sorted(pair[1])];
};

const ys = ({ plan }: Member): readonly [number, number] => {
  const all = plan.map(([, y]) => y);
  return [Math.min(...all), Math.max(...all)];
};

/** Which way the middle of the bed lies of a bar: rearward or to the right, or the other way. */
const towardsMiddle = (trailer: Trailer, member: Member): 1 | -1 =>
  (runsAcross(member) ? member.centre.xM <= trailer.frame.bed.lengthM / 2 : member.centre.yM < 0) ? 1 : -1;

/** Whether an open section's profile is drawn the other way round: it is made open to the right, and looks in or out as the bar says. */
export const isMirrored = (trailer: Trailer, member: Member): boolean => {
  const { group, id } = member;
  if (group === 'side' || group === 'own') return false;
  const middle = towardsMiddle(trailer, member);
  return (barOf(trailer, group, id).faces === 'in' ? middle : -middle) < 0;
};

const pickable = (member: Member): { readonly part: string; readonly layer: 'frame' | 'sides' } => ({
  part: member.id,
  layer: member.group === 'side' ? 'sides' : 'frame',
});

/** Metal that is there already is drawn empty, so that what is to be made stands out. */
const fillOf = ({ existing }: Member): 'steel' | 'paper' => (existing ? 'paper' : 'steel');

const lineOf = ({ group }: Member): 'outline' | 'edge' => (group === 'side' ? 'edge' : 'outline');

/** From the start of its axis seen from above to its end: first the end at ball, front or left. */
export const axisInPlan = ({ plan }: Member): readonly [Point, Point] | undefined => {
  if (plan.length !== 4) return undefined;
  const [a, b, c, d] = plan as [Point, Point, Point, Point];
  const middle = ([x0, y0]: Point, [x1, y1]: Point): Point => [(x0 + x1) / 2, (y0 + y1) / 2];
  const pairs = [
    [middle(a, d), middle(b, c)],
    [middle(a, b), middle(d, c)],
  ] as const;
  const long = ([[x0, y0], [x1, y1]]: readonly [Point, Point]): number => Math.hypot(x1 - x0, y1 - y0);
  return long(pairs[0]) >= long(pairs[1]) ? pairs[0] : pairs[1];
};

export const along = ([[x0, y0], [x1, y1]]: readonly [Point, Point], atM: number): Point => {
  const length = Math.hypot(x1 - x0, y1 - y0) || 1;
  return [x0 + ((x1 - x0) * atM) / length, y0 + ((y1 - y0) * atM) / length];
};

/** Square across a bar's axis at a place along it, so far to either side. */
const squareAcross = (axis: readonly [Point, Point], atM: number, half: number): readonly [Point, Point] => {
  const [at, next] = [along(axis, atM), along(axis, atM + 1)];
  const [dx, dy] = [next[0] - at[0], next[1] - at[1]];
  return [
    [at[0] - dy * half, at[1] + dx * half],
    [at[0] + dy * half, at[1] - dx * half],
  ];
};

/** What is drawn over a bar seen from above: the seam of two side by side, an open bar's web, holes from top to bottom, what is left on. */
const onBarFromAbove = (trailer: Trailer, member: Member): DrawnShape[] => {
  const shapes: DrawnShape[] = [];
  if (member.line) return shapes;
  const own = { ...pickable(member), fill: 'none' } as const;
  const axis = axisInPlan(member);
  if (member.pieces === 2 && axis) shapes.push({ ...own, kind: 'line', points: axis, line: 'detail' });
  const web = webOf(trailer, member);
  if (web) shapes.push({ ...own, kind: 'line', points: web, line: 'hidden' });
  if (!axis) return shapes;
  for (const { atM, diameterM, through } of member.holes) {
    const centre = along(axis, atM);
    if (through === 'top-bottom')
      shapes.push({ ...own, kind: 'circle', centre, radiusM: diameterM / 2, fill: 'paper', line: 'detail' });
    else shapes.push({ ...own, kind: 'line', points: squareAcross(axis, atM, member.bar.widthM / 2), line: 'hidden' });
  }
  for (const atM of member.splicesM)
    shapes.push({ ...own, kind: 'line', points: squareAcross(axis, atM, member.bar.widthM / 2), line: 'edge' });
  if (member.cutLaterM > 0) {
    const [start, end] = axis;
    const [front, rear] = start[0] <= end[0] ? [start, end] : [end, start];
    const ahead = along([front, rear], -member.cutLaterM);
    shapes.push({ ...own, kind: 'polygon', points: strip(ahead, front, member.bar.widthM), line: 'ghost' });
  }
  if (member.hingeAtM !== undefined) {
    const [cx, cy] = along(axis, member.hingeAtM);
    const half = member.bar.widthM * 0.8;
    shapes.push({
      ...own,
      kind: 'line',
      points: [
        [cx, cy - half],
        [cx, cy + half],
      ],
      line: 'outline',
    });
  }
  return shapes;
};

/** What is drawn later lies over what is drawn before. */
const RANK_FROM_ABOVE: Readonly<Record<Member['group'], number>> = {
  tongue: 0,
  rail: 1,
  header: 1,
  cross: 1,
  own: 2,
  side: 3,
};

/** All bars from above, the tongue under the frame first; posts stand on end. */
export const barsFromAbove = (trailer: Trailer, { members }: Chassis): readonly DrawnShape[] => {
  const rank = ({ group, extent }: Member): number =>
    group === 'tongue' && extent.z1M > 0 ? RANK_FROM_ABOVE.own : RANK_FROM_ABOVE[group];
  return members
    .toSorted((a, b) => rank(a) - rank(b))
    .flatMap((member): DrawnShape[] => [
      {
        ...pickable(member),
        kind: 'polygon',
        points: member.plan,
        // Side rails stand over the frame, which is to be seen through them.
        fill: member.group === 'side' ? 'none' : fillOf(member),
        line: member.group === 'side' ? 'detail' : lineOf(member),
      },
      ...onBarFromAbove(trailer, member),
    ]);
};

const isOnRight = (member: Member): boolean => member.centre.yM > 0 && !runsAcross(member);

/** What is drawn over a bar seen from its side: holes through its sides, the tongue's joint, what is left on at its end. */
const onBarFromSide = (trailer: Trailer, member: Member): DrawnShape[] => {
  if (member.line) return [];
  const own = { ...pickable(member), fill: 'none' } as const;
  const { extent, frontRiseM, bar } = member;
  const outline = sideOutline(member);
  const length = Math.max(1e-9, extent.x1M - extent.x0M);
  const middleAt = (xM: number): Point => {
    const [a, b] = [outline[0], outline[3]] as [Point, Point];
    return [xM, (a[1] + b[1]) / 2 - (frontRiseM * (xM - extent.x0M)) / length];
  };
  const shapes: DrawnShape[] = member.holes
    .filter(({ through }) => through === 'sides')
    .map(({ atM, diameterM }) => ({
      ...own,
      kind: 'circle',
      centre: middleAt(extent.x0M + (atM * length) / Math.max(member.cutLengthM, 1e-9)),
      radiusM: diameterM / 2,
      fill: 'paper',
      line: 'detail',
    }));
  if (member.cutLaterM > 0) {
    const [x0, z0] = middleAt(extent.x0M);
    const half = bar.heightM / 2;
    shapes.push({
      ...own,
      kind: 'polygon',
      points: box(x0 - member.cutLaterM, x0, z0 - half, z0 + half),
      line: 'ghost',
    });
  }
  const { tongue } = trailer.frame;
  if (member.hingeAtM !== undefined && tongue.kind !== 'a-frame') {
    const { joint } = tongue;
    const hingeXM = -joint.aheadM;
    const [, z] = middleAt(hingeXM);
    const half = bar.heightM * 0.7;
    const plate = (joint.pins === 2 ? joint.pinSpacingM : 0) / 2 + 2 * joint.pinDiameterM + bar.heightM / 4;
    shapes.push({
      ...own,
      kind: 'polygon',
      points: box(hingeXM - plate, hingeXM + plate, z - half, z + half),
      fill: 'steel',
      line: 'edge',
    });
    const pins = joint.pins === 2 ? [-joint.pinSpacingM / 2, joint.pinSpacingM / 2] : [0];
    for (const off of pins)
      shapes.push({
        ...own,
        kind: 'circle',
        centre: [hingeXM + off, z],
        radiusM: joint.pinDiameterM / 2,
        fill: 'paper',
        line: 'edge',
      });
  }
  return shapes;
};

/** All bars from the trailer's left: nearest last; bars across by their ends, hidden where a rail stands before them. */
export const barsFromSide = (trailer: Trailer, chassis: Chassis): readonly DrawnShape[] => {
  const { members } = chassis;
  const lying = members.filter((member) => member.line || (!runsAcross(member) && !isOnRight(member)));
  const rank = ({ group }: Member): number => (group === 'tongue' ? 0 : group === 'own' ? 2 : 1);
  const near: DrawnShape[] = lying
    .toSorted((a, b) => rank(a) - rank(b))
    .flatMap((member): DrawnShape[] => [
      { ...pickable(member), kind: 'polygon', points: sideOutline(member), fill: fillOf(member), line: lineOf(member) },
      ...onBarFromSide(trailer, member),
    ]);
  const railsThrough = trailer.frame.bed.corner !== 'headers-through';
  const across: DrawnShape[] = members.filter(runsAcross).map((member) => {
    const { extent } = member;
    const behind = railsThrough || member.group === 'cross';
    return {
      ...pickable(member),
      kind: 'region',
      loops: profileAt(member, [extent.x0M, extent.z0M], isMirrored(trailer, member)),
      fill: behind ? 'behind' : fillOf(member),
      line: behind ? 'hidden' : 'edge',
    };
  });
  return [...near, ...across];
};

/** All bars from behind: rails and legs by their ends, what runs across by its length. */
export const barsFromRear = (trailer: Trailer, { members }: Chassis): readonly DrawnShape[] => {
  const lengthwise = members.filter(
    (member) => !member.line && !runsAcross(member) && parsePartId(member.id).kind !== 'post',
  );
  const ahead: DrawnShape[] = lengthwise
    .filter(({ group }) => group === 'tongue')
    .flatMap((member): DrawnShape[] => {
      const [y0, y1] = ys(member);
      const { z0M, z1M } = member.extent;
      return [{ ...pickable(member), kind: 'polygon', points: box(y0, y1, z0M, z1M), fill: 'none', line: 'hidden' }];
    });
  const rear = members.find(({ id }) => id === 'header.rear');
  const header: DrawnShape[] = rear
    ? [
        {
          ...pickable(rear),
          kind: 'polygon',
          points: box(...ys(rear), rear.extent.z0M, rear.extent.z1M),
          fill: fillOf(rear),
          line: 'outline',
        },
      ]
    : [];
  const ends: DrawnShape[] = lengthwise
    .filter(({ group }) => group !== 'tongue')
    .map((member) => {
      const [y0] = ys(member);
      return {
        ...pickable(member),
        kind: 'region',
        loops: profileAt(member, [y0, member.extent.z0M], isMirrored(trailer, member)),
        fill: fillOf(member),
        line: lineOf(member),
      };
    });
  const posts: DrawnShape[] = members
    .filter(({ id }) => parsePartId(id).kind === 'post')
    .map((member) => ({
      ...pickable(member),
      kind: 'polygon',
      points: box(...ys(member), member.extent.z0M, member.extent.z1M),
      fill: fillOf(member),
      line: 'edge',
    }));
  const own = members.flatMap((member): DrawnShape[] =>
    member.line
      ? [
          {
            ...pickable(member),
            kind: 'polygon',
            points: rearOutline(member.line, member),
            fill: fillOf(member),
            line: 'edge',
          },
        ]
      : [],
  );
  return [...ahead, ...header, ...posts, ...ends, ...own];
};
