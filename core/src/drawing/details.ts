import { axlePlaces } from '../mass/index.js';
import type { Member, Plate } from '../chassis/index.js';
import { rearOutline, sideOutline } from '../chassis/index.js';
import { type PieceKind, pieceIdOf } from '../project/index.js';
import { formatAngle } from '../units/index.js';
import { springCentreYM, stanceOf } from './gear.js';
import {
  type Bounds,
  box,
  type Dimension,
  type DrawnShape,
  type DrawnView,
  type Label,
  type Lettering,
  type Point,
} from './shapes.js';
import { type Drawable, planView, rearView, sideView } from './trailerViews.js';
import { within } from './windowed.js';
import { drawnText, type DrawnTextId } from './drawnTexts.js';

/** A part of the trailer drawn larger, with its own title. */
export interface Detail {
  readonly id: string;
  readonly title: string;
  readonly view: DrawnView;
  /** its title says so: lengths of it are not measured on paper */
  readonly notToScale?: true;
}

const EMPTY: DrawnView = { shapes: [], dimensions: [], labels: [], arrows: [], balancePoint: undefined };
/** Left about what a detail is of, m. */
const ABOUT_M = 0.12;

const note = (id: string, at: Point, text: string): Label => ({ id, at, text, kind: 'note' });
const bare = (drawable: Drawable): Drawable => ({ ...drawable, shown: undefined });

/** From one place to the next along a row. */
const spans = (id: string, places: readonly number[], start: number, row: number, say: Lettering): Dimension[] =>
  places.slice(1).map((to, i): Dimension => {
    const from = places[i] as number;
    return {
      id: `${id}.${i}`,
      axis: 'across',
      from,
      to,
      start: [start, start],
      side: 'above',
      row,
      text: say.length(to - from),
    };
  });

/** Hangers, spring and axle from the left: where each bolt goes from the front edge, how far the axle hangs below the rail. */
const hangersDetail = (drawable: Drawable, say: Lettering): Detail | undefined => {
  const { trailer, chassis } = drawable;
  const stance = stanceOf(trailer, chassis);
  const axles = axlePlaces(trailer);
  const xs = [...stance.marks, ...axles].map(({ xM }) => xM).toSorted((a, b) => a - b);
  const [first] = axles;
  if (!first) return undefined;
  const window: Bounds = {
    x0: Math.min(...xs) - ABOUT_M,
    x1: Math.max(...xs) + ABOUT_M,
    y0: Math.min(stance.tubeZM, stance.hubZM) - ABOUT_M,
    y1: 0.03,
  };
  const shapes = sideView(bare(drawable), { lettering: say, sizes: false, names: false }).shapes.filter(
    ({ layer }) => layer === 'frame' || layer === 'suspension' || layer === 'axle',
  );
  const bolts = stance.marks.map(({ xM }) => xM).toSorted((a, b) => a - b);
  return {
    id: 'hangers',
    title: drawnText(say, 'hangers', {
      places: [
        ...bolts.map((xM) => say.length(xM)),
        ...axles.map(({ xM }) => drawnText(say, 'axlePlace', { place: say.length(xM) })),
      ].join(', '),
    }),
    view: {
      ...EMPTY,
      shapes: within(shapes, window),
      dimensions: [
        ...spans('bolts', bolts, 0, 0, say),
        ...axles.map(
          ({ id, xM }, i): Dimension => ({
            id,
            axis: 'across',
            from: bolts[0] ?? window.x0,
            to: xM,
            start: [stance.railBottomZM, stance.tubeZM],
            side: 'below',
            row: i,
            text: drawnText(say, 'toAxle', { length: say.length(xM - (bolts[0] ?? window.x0)) }),
          }),
        ),
        {
          id: 'below-rail',
          axis: 'up',
          from: stance.tubeZM,
          to: stance.railBottomZM,
          start: [first.xM, window.x1],
          side: 'right',
          row: 0,
          text: say.length(stance.railBottomZM - stance.tubeZM),
        },
      ],
    },
  };
};

/** The axle from behind: spring centres, track, room beside the rail. */
const axleDetail = (drawable: Drawable, say: Lettering): Detail | undefined => {
  const { trailer, chassis } = drawable;
  const { suspension, tire, layout } = trailer.runningGear;
  if (layout === 'none') return undefined;
  const stance = stanceOf(trailer, chassis);
  const reach = suspension.trackM / 2 + tire.widthM / 2 + ABOUT_M / 2;
  const window: Bounds = { x0: -reach, x1: reach, y0: stance.groundZM - 0.01, y1: 0.03 };
  const shapes = rearView(bare(drawable), { lettering: say, sizes: false, names: false }).shapes.filter(
    ({ layer }) => layer !== 'sides' && layer !== 'loads' && layer !== 'deck',
  );
  const centreYM = springCentreYM(trailer, chassis);
  const low = stance.groundZM;
  const lying = { axis: 'across', side: 'below' } as const;
  return {
    id: 'axle-from-behind',
    title: drawnText(say, 'axleBehind'),
    view: {
      ...EMPTY,
      shapes: within(shapes, window),
      dimensions: [
        {
          ...lying,
          id: 'springs',
          from: -centreYM,
          to: centreYM,
          start: [stance.tubeZM, stance.tubeZM],
          row: 0,
          text: drawnText(say, 'springCentres', { length: say.length(2 * centreYM) }),
        },
        {
          ...lying,
          id: 'track',
          from: -suspension.trackM / 2,
          to: suspension.trackM / 2,
          start: [low, low],
          row: 1,
          text: drawnText(say, 'track', { length: say.length(suspension.trackM) }),
        },
        {
          id: 'hub',
          axis: 'up',
          from: low,
          to: stance.hubZM,
          start: [suspension.trackM / 2, suspension.trackM / 2],
          side: 'right',
          row: 0,
          text: drawnText(say, 'hubUp', { length: say.length(stance.hubZM - low) }),
        },
      ],
    },
  };
};

const degrees = (member: Member | undefined, end: 0 | 1): string | undefined => {
  const cut = member?.ends[end];
  return cut?.kind === 'mitre' ? formatAngle(cut.offSquareRad) : undefined;
};

/** The tongue from above to where it meets the frame: its angle, how its bars are sawn, how far apart they stand at the front edge. */
const tongueDetail = (drawable: Drawable, say: Lettering): Detail | undefined => {
  const { trailer, chassis } = drawable;
  const { tongue } = chassis;
  if (!tongue) return undefined;
  const half = trailer.frame.bed.widthM / 2;
  const bars = [...tongue.members, ...tongue.sideTubes];
  const rear = Math.max(
    chassis.headerWidthM + ABOUT_M,
    Math.min(trailer.frame.bed.lengthM, tongue.rearBearingXM ?? 0) + ABOUT_M,
  );
  const window: Bounds = { x0: chassis.ballXM - 0.02, x1: rear, y0: -half - 0.02, y1: half + 0.02 };
  const shapes = planView(bare(drawable), { lettering: say, sizes: false, names: false }).shapes.filter(({ layer }) =>
    ['frame', 'plates', 'coupling', 'jack', 'centre-lines'].includes(layer),
  );
  const slanted = [...tongue.sideTubes, ...tongue.members].find(({ plan }) => {
    const [a, b] = plan as readonly [Point, Point];
    return Math.abs(b[1] - a[1]) > 1e-6;
  });
  const outer = slanted ? Math.max(...bars.flatMap(({ plan }) => plan.map(([, y]) => Math.abs(y)))) : 0;
  const [start] = bars.map(({ extent }) => extent.x0M);
  const angle = slanted && tongueAngle(slanted);
  const [tip, end] = [degrees(slanted, 0), degrees(slanted, 1)];
  const middle = slanted && ([slanted.centre.xM, slanted.centre.yM] as const);
  return {
    id: 'tongue',
    title: drawnText(say, 'tongueAbove'),
    view: {
      ...EMPTY,
      shapes: within(shapes, window),
      dimensions: [
        {
          id: 'ball',
          axis: 'across',
          from: chassis.ballXM,
          to: 0,
          start: [0, -half],
          side: 'below',
          row: 1,
          text: drawnText(say, 'ballToFront', { length: say.length(-chassis.ballXM) }),
        },
        ...(start !== undefined && start < 0
          ? [
              {
                id: 'steel',
                axis: 'across',
                from: start,
                to: 0,
                start: [0, -half],
                side: 'below',
                row: 0,
                text: say.length(-start),
              } as const,
            ]
          : []),
        ...(outer > 0
          ? [
              {
                id: 'spread',
                axis: 'up',
                from: -outer,
                to: outer,
                start: [0, 0],
                side: 'right',
                row: 0,
                text: drawnText(say, 'outside', { length: say.length(2 * outer) }),
              } as const,
            ]
          : []),
      ],
      labels: [
        ...(angle && middle ? [note('angle', middle, drawnText(say, 'toCentreLine', { angle }))] : []),
        ...(tip && slanted
          ? [note('tip', [slanted.extent.x0M, slanted.centre.yM / 3], drawnText(say, 'sawn', { angle: tip }))]
          : []),
        ...(end && slanted
          ? [
              note(
                'end',
                [Math.min(slanted.extent.x1M, rear - ABOUT_M), 1.6 * slanted.centre.yM],
                drawnText(say, 'sawn', { angle: end }),
              ),
            ]
          : []),
      ],
    },
  };
};

const tongueAngle = ({ plan }: Member): string => {
  const [a, b] = plan as readonly [Point, Point];
  return formatAngle(Math.atan2(Math.abs(b[1] - a[1]), Math.abs(b[0] - a[0])));
};

type Plane = 'side' | 'plan' | 'rear';

/** A bar of a made-up part in a plane. */
const barIn = (member: Member, plane: Plane): readonly Point[] =>
  plane === 'side'
    ? sideOutline(member)
    : plane === 'plan'
      ? member.plan
      : member.line
        ? rearOutline(member.line, member)
        : [];

/** What lies within this of an outer face belongs to that wall, m. */
const WALL_M = 0.15;
/** Flatter than this a part is one wall, m. */
const FLAT_M = 0.3;

interface Wall {
  readonly plane: Plane;
  readonly bars: readonly Member[];
  readonly seen: DrawnTextId;
}

const ysOf = ({ plan }: Member): readonly number[] => plan.map(([, y]) => y);

/** The walls of a made-up part: one where it is flat; of one that goes about something each of its sides, and its top where it has one. */
const wallsOf = (members: readonly Member[]): readonly Wall[] => {
  const x = reachOf(members.map(({ extent }) => [extent.x0M, extent.x1M]));
  const z = reachOf(members.map(({ extent }) => [extent.z0M, extent.z1M]));
  const y = reachOf(members.map(ysOf));
  const least = Math.min(x, y, z);
  if (least <= FLAT_M) {
    if (y === least) return [{ plane: 'side', bars: members, seen: 'fromTheLeft' }];
    if (z === least) return [{ plane: 'plan', bars: members, seen: 'fromAbove' }];
    return [{ plane: 'rear', bars: members, seen: 'fromBehind' }];
  }
  const [x0, x1] = [
    Math.min(...members.map(({ extent }) => extent.x0M)),
    Math.max(...members.map(({ extent }) => extent.x1M)),
  ];
  const [y0, y1] = [Math.min(...members.flatMap(ysOf)), Math.max(...members.flatMap(ysOf))];
  const top = Math.max(...members.map(({ extent }) => extent.z1M));
  const walls: readonly Wall[] = [
    { plane: 'side', seen: 'leftSide', bars: members.filter((bar) => Math.max(...ysOf(bar)) <= y0 + WALL_M) },
    { plane: 'side', seen: 'rightSide', bars: members.filter((bar) => Math.min(...ysOf(bar)) >= y1 - WALL_M) },
    { plane: 'rear', seen: 'frontWall', bars: members.filter(({ extent }) => extent.x1M <= x0 + WALL_M) },
    { plane: 'rear', seen: 'rearWall', bars: members.filter(({ extent }) => extent.x0M >= x1 - WALL_M) },
    { plane: 'plan', seen: 'fromAbove', bars: members.filter(({ extent }) => extent.z0M >= top - WALL_M) },
  ];
  const sides = new Set(walls.slice(0, -1).flatMap(({ bars }) => bars));
  // A wall with no bar of its own along it is none: two posts are the ends of others; a top that is all rims of walls is drawn with them.
  return walls.filter(
    ({ bars, plane }) => bars.length > 2 && (plane !== 'plan' || bars.some((bar) => !sides.has(bar))),
  );
};

const reachOf = (all: readonly (readonly number[])[]): number => Math.max(...all.flat()) - Math.min(...all.flat());

const overall = (points: readonly Point[], say: Lettering): Dimension[] => {
  const [us, vs] = [points.map(([u]) => u), points.map(([, v]) => v)];
  const [u0, u1, v0, v1] = [Math.min(...us), Math.max(...us), Math.min(...vs), Math.max(...vs)];
  return [
    { id: 'long', axis: 'across', from: u0, to: u1, start: [v0, v0], side: 'below', row: 0, text: say.length(u1 - u0) },
    { id: 'high', axis: 'up', from: v0, to: v1, start: [u1, u1], side: 'right', row: 0, text: say.length(v1 - v0) },
  ];
};

/** Gates, sides, racks and the like: each flat on, with the marks of its bars. */
const pieceDetails = (
  { trailer, chassis }: Drawable,
  marks: ReadonlyMap<string, string>,
  names: Readonly<Record<PieceKind, string>>,
  say: Lettering,
): readonly Detail[] =>
  trailer.frame.pieces.flatMap((piece): Detail[] => {
    const members = chassis.members.filter(({ id }) => pieceIdOf(id) === piece.id);
    if (members.length === 0) return [];
    return wallsOf(members).map(({ plane, bars, seen }): Detail => {
      const points = bars.flatMap((member) => barIn(member, plane));
      return {
        id: `${piece.id}.${seen}`,
        title: `${names[piece.kind]}, ${drawnText(say, seen)}`,
        view: {
          ...EMPTY,
          shapes: bars.map(
            (member): DrawnShape => ({
              kind: 'polygon',
              points: barIn(member, plane),
              layer: 'frame',
              fill: 'steel',
              line: 'edge',
              part: member.id,
            }),
          ),
          dimensions: overall(points, say),
          labels: bars.flatMap((member): Label[] => {
            const mark = marks.get(member.id);
            const { xM, yM, zM } = member.centre;
            const at: Point = plane === 'side' ? [xM, zM] : plane === 'plan' ? [xM, yM] : [yM, zM];
            return mark ? [{ id: `${member.id}:mark`, at, text: mark, kind: 'mark' }] : [];
          }),
        },
      };
    });
  });

/** A plate as the cut list tells it. */
export type FlatPlate = Pick<Plate, 'lengthM' | 'widthM' | 'thicknessM' | 'triangular' | 'holes'> & {
  readonly mark: string;
  readonly quantity: number;
};

const plateDetail = (plate: FlatPlate, say: Lettering): Detail => {
  const { mark, lengthM, widthM, thicknessM, triangular, holes, quantity } = plate;
  const points: readonly Point[] = triangular
    ? [
        [0, 0],
        [lengthM, 0],
        [0, widthM],
      ]
    : box(0, lengthM, 0, widthM);
  const own = { layer: 'plates', line: 'edge' } as const;
  const ups = [...new Set(holes.map(({ upM }) => upM))];
  return {
    id: `plate.${mark}`,
    title: drawnText(say, 'plates', { mark, quantity: String(quantity), thickness: say.length(thicknessM) }),
    view: {
      ...EMPTY,
      shapes: [
        { ...own, kind: 'polygon', points, fill: 'steel' },
        ...holes.map(
          ({ alongM, upM, diameterM }): DrawnShape => ({
            ...own,
            kind: 'circle',
            centre: [alongM, upM],
            radiusM: diameterM / 2,
            fill: 'paper',
          }),
        ),
      ],
      dimensions: [
        ...overall(points, say),
        ...spans('holes', holes.length > 0 ? [0, ...holes.map(({ alongM }) => alongM)] : [], widthM, 0, say),
        ...ups.map(
          (upM, i): Dimension => ({
            id: `up.${i}`,
            axis: 'up',
            from: 0,
            to: upM,
            start: [0, 0],
            side: 'left',
            row: i,
            text: say.length(upM),
          }),
        ),
      ],
      labels: holes.map(({ alongM, upM, diameterM }, i) =>
        note(`hole.${i}`, [alongM, upM], drawnText(say, 'hole', { diameter: say.length(diameterM) })),
      ),
    },
  };
};

interface DetailsOf {
  readonly lettering: Lettering;
  readonly marks: ReadonlyMap<string, string>;
  readonly pieceNames: Readonly<Record<PieceKind, string>>;
  readonly plates: readonly FlatPlate[];
}

/** What is drawn larger than the trailer: its joints and running gear, made-up parts, plates. */
export const detailsOf = (
  drawable: Drawable,
  { lettering, marks, pieceNames, plates }: DetailsOf,
): { readonly joints: readonly Detail[]; readonly parts: readonly Detail[]; readonly plates: readonly Detail[] } => ({
  joints: [
    tongueDetail(drawable, lettering),
    hangersDetail(drawable, lettering),
    axleDetail(drawable, lettering),
  ].flatMap((detail) => detail ?? []),
  parts: pieceDetails(drawable, marks, pieceNames, lettering),
  plates: plates.map((plate) => plateDetail(plate, lettering)),
});
