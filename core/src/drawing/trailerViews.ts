import type { BalancedCase } from '../balance/index.js';
import type { Chassis } from '../chassis/index.js';
import { axlePlaces, itemPart } from '../mass/index.js';
import type { Trailer } from '../project/index.js';
import type { HangerMark } from '../running-gear/index.js';
import { along, axisInPlan, barsFromAbove, barsFromRear, barsFromSide } from './bars.js';
import {
  fendersFromAbove,
  fendersFromRear,
  fendersFromSide,
  panelsFromAbove,
  panelsFromRear,
  panelsFromSide,
  platesFromAbove,
  platesFromSide,
  ringsFromAbove,
  ringsFromSide,
  standsFromAbove,
  standsFromSide,
  wholeWidthM,
  sparesSeen,
} from './fittings.js';
import { goesSeen } from './goes.js';
import { bedTipped, gatesDownFromAbove, gatesLetDown, withGatesDown } from './gates.js';
import { gearFromAbove, gearFromRear, gearFromSide, type Stance, stanceOf } from './gear.js';
import { hitchFromAbove, hitchFromSide } from './hitch.js';
import { keptOfFrame } from './kept.js';
import { loadLabels, loadShapes, loadsOf, nearestLast, type PlacedLoad } from './loads.js';
import {
  boundsOf,
  type Dimension,
  type DrawnShape,
  type DrawnView,
  type Label,
  type Lettering,
  type LoadArrow,
  type Point,
} from './shapes.js';
import { drawnText } from './drawnTexts.js';

/** What is drawn: the trailer as it was worked out, and the load that is shown; none leaves it bare. */
export interface Drawable {
  readonly trailer: Trailer;
  readonly chassis: Chassis;
  readonly shown: BalancedCase | undefined;
}

/** What a view shows besides the trailer itself. */
export interface ViewOptions {
  readonly lettering: Lettering;
  /** sizes are written beside it */
  readonly sizes: boolean;
  /** hangers from one to the next, the tire's room, the wheel in a hard bump */
  readonly gearSizes?: boolean;
  /** how hard each bar works, written on it */
  readonly shares?: ReadonlyMap<string, string>;
  /** pieces' letters, written on their bars, and places of cross-members under them */
  readonly marks?: ReadonlyMap<string, string>;
  /** names of what is aboard */
  readonly names?: boolean;
  /** where the axles stood before the drag that is on, m */
  readonly axleWasM?: number;
}

/** Frame, deck and plates, which a drag of axle or loads leaves as they are: what lies behind the loads in each view, and what before. */
const FRAME = {
  sidePanels: keptOfFrame((_trailer, chassis) => panelsFromSide(chassis)),
  side: keptOfFrame((trailer, chassis) => [
    ...barsFromSide(trailer, chassis),
    ...platesFromSide(chassis),
    ...ringsFromSide(trailer),
    ...goesSeen(chassis, 'side'),
  ]),
  plan: keptOfFrame((trailer, chassis) => [
    ...barsFromAbove(trailer, chassis),
    ...standsFromAbove(trailer, chassis),
    ...platesFromAbove(trailer, chassis),
    ...panelsFromAbove(trailer, chassis),
    ...ringsFromAbove(trailer),
    ...goesSeen(chassis, 'plan'),
  ]),
  rearPanels: keptOfFrame((_trailer, chassis) => panelsFromRear(chassis)),
  rear: keptOfFrame((trailer, chassis) => [...barsFromRear(trailer, chassis), ...goesSeen(chassis, 'rear')]),
} as const;

const NOTHING: Pick<DrawnView, 'dimensions' | 'labels' | 'arrows'> = { dimensions: [], labels: [], arrows: [] };

const isParked = ({ shown }: Drawable): boolean => shown !== undefined && shown.standing?.on === 'jack';

/** The tire where a hard bump puts it, against the frame as it stands. */
const inBump = (
  trailer: Trailer,
  stance: Stance,
  lettering: Lettering,
): { readonly shapes: DrawnShape[]; readonly labels: Label[] } => {
  const { tire, suspension } = trailer.runningGear;
  if (suspension.bumpTravelM <= 0) return { shapes: [], labels: [] };
  const zM = stance.hubZM + suspension.bumpTravelM;
  const places = axlePlaces(trailer);
  const last = places.at(-1);
  const radiusM = tire.diameterM / 2;
  return {
    shapes: places.map(({ xM }) => ({
      kind: 'circle',
      layer: 'wheels',
      centre: [xM, zM],
      radiusM,
      fill: 'none',
      line: 'ghost',
    })),
    labels: last
      ? [
          {
            id: 'bump',
            at: [last.xM + radiusM * 0.72, zM + radiusM * 0.72],
            text: drawnText(lettering, 'bump'),
            kind: 'note',
          },
        ]
      : [],
  };
};

const wheelsWere = (trailer: Trailer, stance: Stance, axleWasM: number): DrawnShape[] => {
  const { positionM, tire } = trailer.runningGear;
  return axlePlaces(trailer).map(({ xM }) => ({
    kind: 'circle',
    layer: 'wheels',
    centre: [xM + axleWasM - positionM, stance.hubZM],
    radiusM: tire.diameterM / 2,
    fill: 'none',
    line: 'ghost',
  }));
};

const arrowsOf = ({ shown }: Drawable, groundZM: number, { load }: Lettering): LoadArrow[] => {
  const standing = shown?.standing;
  if (!standing) return [];
  return [
    { id: 'ahead', at: [standing.aheadXM, groundZM], text: load(standing.aheadN), down: standing.aheadN < 0 },
    ...standing.axles.map(({ xM, loadN }, i) => ({
      id: `axle.${i + 1}`,
      at: [xM, groundZM] as Point,
      text: load(loadN),
      down: loadN < 0,
    })),
  ];
};

/** The trailer from its left, coupler at the left of the sheet. */
export const sideView = (drawable: Drawable, options: ViewOptions): DrawnView => {
  const { trailer, chassis, shown } = drawable;
  const { lettering, sizes, gearSizes = false, names = true, axleWasM } = options;
  const stance = stanceOf(trailer, chassis);
  const parked = isParked(drawable);
  // Seen from the left: what stands further to the right lies behind.
  const loads = nearestLast(loadsOf(trailer, chassis, shown?.loadCase), ({ y0M }) => -y0M);
  const bump = gearSizes ? inBump(trailer, stance, lettering) : { shapes: [], labels: [] };
  const { bed } = trailer.frame;
  const deckM = chassis.deckTopZM - stance.groundZM;
  return {
    shapes: [
      ...withGatesDown(FRAME.sidePanels(trailer, chassis), trailer, shown?.loadCase),
      ...loadShapes(loads, 'side'),
      ...withGatesDown(FRAME.side(trailer, chassis), trailer, shown?.loadCase),
      ...standsFromSide(trailer, stance, parked),
      ...hitchFromSide(trailer, chassis, stance, parked),
      ...gearFromSide(trailer, stance),
      ...fendersFromSide(trailer),
      ...sparesSeen(trailer, chassis, 'side'),
      ...gatesLetDown(trailer, chassis, shown?.loadCase),
      ...bedTipped(trailer, chassis, shown?.loadCase),
      ...bump.shapes,
      ...(axleWasM === undefined ? [] : wheelsWere(trailer, stance, axleWasM)),
    ],
    dimensions: sizes
      ? [
          {
            id: 'deck-height',
            axis: 'up',
            from: stance.groundZM,
            to: chassis.deckTopZM,
            start: [bed.lengthM, bed.lengthM],
            side: 'right',
            row: 2,
            text: lettering.length(deckM),
          },
          ...(chassis.tongue
            ? [
                {
                  id: 'ball-height',
                  axis: 'up',
                  from: stance.groundZM,
                  to: chassis.tongue.ballZM,
                  start: [chassis.ballXM, chassis.ballXM],
                  side: 'left',
                  row: 0,
                  text: lettering.length(chassis.tongue.ballZM - stance.groundZM),
                } as const,
              ]
            : []),
        ]
      : [],
    labels: [...(names ? loadLabels(loads, 'side', lettering) : []), ...bump.labels],
    arrows: arrowsOf(drawable, stance.groundZM, lettering),
    balancePoint: shown?.centre && {
      at: [shown.centre.xM, shown.centre.zM],
      text: drawnText(lettering, 'balanceBack', { place: lettering.length(shown.centre.xM) }),
    },
  };
};

/** From each hanger to the next one behind it, over the right rail; and the room between tire and frame. */
const gearDimensions = (trailer: Trailer, marks: readonly HangerMark[], { length }: Lettering): Dimension[] => {
  const { suspension, tire } = trailer.runningGear;
  const half = trailer.frame.bed.widthM / 2;
  const places = marks.map(({ xM }) => xM).toSorted((a, b) => a - b);
  const spans = places.slice(1).map((to, i): Dimension => {
    const from = places[i] as number;
    return {
      id: `hangers.${i + 1}`,
      axis: 'across',
      from,
      to,
      start: [half, half],
      side: 'above',
      row: 0,
      text: length(to - from),
    };
  });
  const [first] = axlePlaces(trailer);
  if (!first) return spans;
  const inner = suspension.trackM / 2 - tire.widthM / 2;
  const frontXM = first.xM - tire.diameterM / 2;
  return [
    ...spans,
    {
      id: 'tire-room',
      axis: 'up',
      from: -Math.max(inner, half),
      to: -Math.min(inner, half),
      start: [frontXM, frontXM],
      side: 'on',
      row: 0,
      at: frontXM - 0.08,
      text: length(Math.abs(inner - half)),
    },
  ];
};

const planDimensions = ({ trailer, chassis }: Drawable, lettering: Lettering): Dimension[] => {
  const { length } = lettering;
  const { bed } = trailer.frame;
  const { layout, positionM } = trailer.runningGear;
  const half = bed.widthM / 2;
  const whole = wholeWidthM(trailer, chassis);
  const lying = { axis: 'across', side: 'below' } as const;
  const axle: Dimension[] =
    layout === 'none'
      ? []
      : [
          {
            ...lying,
            id: 'axle-back',
            from: 0,
            to: positionM,
            start: [-half, -half],
            row: 0,
            text: length(positionM),
            part: 'axle',
          },
          {
            ...lying,
            id: 'axle-to-rear',
            from: positionM,
            to: bed.lengthM,
            start: [-half, -half],
            row: 0,
            text: length(bed.lengthM - positionM),
          },
        ];
  return [
    { ...lying, id: 'tongue', from: chassis.ballXM, to: 0, start: [0, -half], row: 0, text: length(-chassis.ballXM) },
    ...axle,
    {
      ...lying,
      id: 'overall',
      from: chassis.ballXM,
      to: bed.lengthM,
      start: [-half, -half],
      row: 1,
      text: drawnText(lettering, 'overall', { length: length(bed.lengthM - chassis.ballXM) }),
    },
    {
      id: 'bed-width',
      axis: 'up',
      from: -half,
      to: half,
      start: [bed.lengthM, bed.lengthM],
      side: 'right',
      row: 0,
      text: length(bed.widthM),
    },
    ...(whole > bed.widthM + 1e-9
      ? [
          {
            id: 'overall-width',
            axis: 'up',
            from: -whole / 2,
            to: whole / 2,
            start: [bed.lengthM, bed.lengthM],
            side: 'right',
            row: 1,
            text: length(whole),
          } as const,
        ]
      : []),
  ];
};

/** Where something is written on a bar: its middle; on a tongue half-way between ball and bed. */
const onBar = (chassis: Chassis, id: string): Point | undefined => {
  const member = chassis.members.find((candidate) => candidate.id === id);
  if (!member) return undefined;
  const { centre, group, extent } = member;
  const axis = axisInPlan(member);
  if (group !== 'tongue' || !axis || extent.x0M >= 0) return [centre.xM, centre.yM];
  const [[x0, y0], [x1, y1]] = axis;
  return along(axis, Math.hypot(x1 - x0, y1 - y0) * Math.min(0.5, (-extent.x0M / (extent.x1M - extent.x0M)) * 0.5));
};

const badges = (
  chassis: Chassis,
  texts: ReadonlyMap<string, string> | undefined,
  kind: 'share' | 'mark',
): readonly Label[] =>
  [...(texts ?? [])].flatMap(([id, text]): Label[] => {
    const at = onBar(chassis, id);
    return at ? [{ id: `${id}:${kind}`, at, text, kind, part: id }] : [];
  });

/** The trailer from above, coupler at the left, its right side at the top of the sheet. */
export const planView = (drawable: Drawable, options: ViewOptions): DrawnView => {
  const { trailer, chassis, shown } = drawable;
  const { lettering, sizes, gearSizes = false, names = true, shares, marks } = options;
  const stance = stanceOf(trailer, chassis);
  const loads = nearestLast(
    loadsOf(trailer, chassis, shown?.loadCase),
    ({ centre, heightM }) => centre.zM + heightM / 2,
  );
  const half = trailer.frame.bed.widthM / 2;
  const crossPlaces: Label[] = marks
    ? chassis.members
        .filter(({ group, id }) => group === 'cross' && marks.has(id))
        .map(({ id, centre }) => ({
          id: `${id}:place`,
          at: [centre.xM, -half],
          text: lettering.length(centre.xM),
          kind: 'note',
        }))
    : [];
  return {
    ...NOTHING,
    shapes: [
      ...gearFromAbove(trailer, chassis, stance),
      ...withGatesDown(FRAME.plan(trailer, chassis), trailer, shown?.loadCase),
      ...gatesDownFromAbove(trailer, chassis, shown?.loadCase),
      ...sparesSeen(trailer, chassis, 'plan'),
      ...fendersFromAbove(trailer),
      ...hitchFromAbove(trailer, chassis),
      ...loadShapes(loads, 'plan'),
    ],
    dimensions: [
      ...(sizes ? planDimensions(drawable, lettering) : []),
      ...(gearSizes ? gearDimensions(trailer, stance.marks, lettering) : []),
    ],
    labels: [
      ...badges(chassis, shares, 'share'),
      ...badges(chassis, marks, 'mark'),
      ...(sizes ? crossPlaces : []),
      ...(names ? loadLabels(loads, 'plan', undefined) : []),
    ],
    balancePoint: undefined,
  };
};

const widthOf = (loads: readonly PlacedLoad[]): readonly [number, number] | undefined => {
  const aboard = loads.filter((load) => load.aboard).map(({ part }) => part);
  return aboard.length === 0
    ? undefined
    : [Math.min(...aboard.map(({ y0M }) => y0M)), Math.max(...aboard.map(({ y1M }) => y1M))];
};

/** The trailer from behind, its right side at the right of the sheet. */
export const rearView = (drawable: Drawable, options: ViewOptions): DrawnView => {
  const { trailer, chassis, shown } = drawable;
  const { lettering, sizes, names = true } = options;
  const { length } = lettering;
  const stance = stanceOf(trailer, chassis);
  // Seen from behind: what stands further forward lies behind.
  const loads = nearestLast(loadsOf(trailer, chassis, shown?.loadCase), ({ x1M }) => x1M);
  const half = trailer.frame.bed.widthM / 2;
  const whole = wholeWidthM(trailer, chassis);
  const track = trailer.runningGear.layout === 'none' ? undefined : trailer.runningGear.suspension.trackM;
  const wide = widthOf(loads);
  const groundZM = stance.groundZM;
  const lying = { axis: 'across', side: 'below', start: [groundZM, groundZM] } as const;
  const centreZM = shown?.centre?.zM;
  const dimensions: Dimension[] = [
    ...(track === undefined
      ? []
      : [
          {
            ...lying,
            id: 'track',
            from: -track / 2,
            to: track / 2,
            row: 0,
            text: drawnText(lettering, 'track', { length: length(track) }),
          } as const,
        ]),
    {
      ...lying,
      id: 'overall-width',
      from: -whole / 2,
      to: whole / 2,
      row: 1,
      text: drawnText(lettering, 'width', { length: length(whole) }),
    },
    ...(wide && wide[1] - wide[0] > 0
      ? [
          {
            id: 'loads-width',
            axis: 'across',
            from: wide[0],
            to: wide[1],
            start: [chassis.deckTopZM, chassis.deckTopZM],
            side: 'above',
            row: 0,
            text: drawnText(lettering, 'loads', { length: length(wide[1] - wide[0]) }),
          } as const,
        ]
      : []),
    {
      id: 'deck-height',
      axis: 'up',
      from: groundZM,
      to: chassis.deckTopZM,
      start: [half, half],
      side: 'right',
      row: 0,
      text: length(chassis.deckTopZM - groundZM),
    },
    ...(centreZM === undefined
      ? []
      : [
          {
            id: 'balance-height',
            axis: 'up',
            from: groundZM,
            to: centreZM,
            start: [-half, shown?.centre?.yM ?? 0],
            side: 'left',
            row: 0,
            text: length(centreZM - groundZM),
          } as const,
        ]),
  ];
  return {
    ...NOTHING,
    shapes: [
      ...FRAME.rearPanels(trailer, chassis),
      ...sparesSeen(trailer, chassis, 'rear', 'behind'),
      ...loadShapes(loads, 'rear'),
      ...gearFromRear(trailer, chassis, stance),
      ...FRAME.rear(trailer, chassis),
      ...fendersFromRear(trailer),
      ...sparesSeen(trailer, chassis, 'rear', 'before'),
    ],
    dimensions: sizes ? dimensions : [],
    labels: names ? loadLabels(loads, 'rear', undefined) : [],
    balancePoint: shown?.centre && { at: [shown.centre.yM, shown.centre.zM], text: drawnText(lettering, 'balance') },
  };
};

/** How far the trailer reaches from the bed's front edge and how high, with everything that any of its loads puts on it, m. */
export interface Reach {
  readonly x0M: number;
  readonly x1M: number;
  readonly topZM: number;
  readonly groundZM: number;
  readonly halfWidthM: number;
}

/** Room that the picture needs: frame, wheels and hitch, and with `loads` everything on the list wherever a load has it. */
export const reachOf = (trailer: Trailer, chassis: Chassis, loads: boolean): Reach => {
  const lettering: Lettering = { length: () => '', mass: () => '', load: () => '' };
  const options = { lettering, sizes: false, names: false };
  const bare = { trailer, chassis, shown: undefined };
  const side = boundsOf(sideView(bare, options).shapes);
  const plan = boundsOf(planView(bare, options).shapes);
  const parts = loads
    ? [undefined, ...trailer.cases].flatMap((loadCase) =>
        trailer.items.map((item) => itemPart(trailer, chassis, item, loadCase)),
      )
    : [];
  const groundZM = stanceOf(trailer, chassis).groundZM;
  return {
    x0M: Math.min(side?.x0 ?? chassis.ballXM, plan?.x0 ?? 0, ...parts.map(({ x0M }) => x0M)),
    x1M: Math.max(side?.x1 ?? trailer.frame.bed.lengthM, plan?.x1 ?? 0, ...parts.map(({ x1M }) => x1M)),
    topZM: Math.max(0.25, side?.y1 ?? 0, ...parts.map(({ centre, heightM }) => centre.zM + heightM / 2)),
    groundZM,
    halfWidthM: Math.max(plan?.y1 ?? 0, -(plan?.y0 ?? 0), ...parts.flatMap(({ y0M, y1M }) => [-y0M, y1M])),
  };
};
