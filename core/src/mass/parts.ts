import { type Chassis, type Point3, rackUnder } from '../chassis/index.js';
import { type Item, type LoadCase, pieceOf, type Trailer } from '../project/index.js';
import { AXLE_IDS, type AxleId, type CarriedBy, type Part, type PartGroup } from './part.js';
import { spareWheels } from './spares.js';
import { usualRailTopM } from '../suspension/index.js';

const pointPart = (
  id: string,
  group: PartGroup,
  massKg: number,
  centre: Point3,
  carriedBy: CarriedBy,
  movesWithAxle = false,
): Part => ({
  id,
  group,
  massKg,
  centre,
  carriedBy,
  movesWithAxle,
  x0M: centre.xM,
  x1M: centre.xM,
  y0M: centre.yM,
  y1M: centre.yM,
  heightM: 0,
});

/** How many axles a layout has. */
export const axleCount = ({ runningGear: { layout } }: Trailer): 0 | 1 | 2 | 3 => {
  switch (layout) {
    case 'none':
      return 0;
    case 'single':
      return 1;
    case 'tandem-equaliser':
    case 'tandem-independent':
      return 2;
    case 'triple-equaliser':
    case 'triple-independent':
      return 3;
  }
};

/** Axles that share through springs and level alone, not through an equaliser. */
export const isIndependent = ({ runningGear: { layout } }: Trailer): boolean =>
  layout === 'tandem-independent' || layout === 'triple-independent';

/** Where each axle of the group stands, m. */
export const axlePlaces = (trailer: Trailer): { readonly id: AxleId; readonly xM: number }[] => {
  const { positionM, spacingM } = trailer.runningGear;
  const count = axleCount(trailer);
  return AXLE_IDS.slice(0, count).map((id, i) => ({ id, xM: positionM + (i - (count - 1) / 2) * spacingM }));
};

/** Height of the wheel centres below the top of the rails, m, as it usually stands. */
const wheelCentreZM = (trailer: Trailer, railHeightM: number): number =>
  trailer.runningGear.tire.loadedRadiusM - usualRailTopM(trailer, railHeightM, axleCount(trailer));

const runningGearParts = (trailer: Trailer, { railHeightM }: Chassis): Part[] => {
  const { axle, suspension, wheel } = trailer.runningGear;
  const zM = wheelCentreZM(trailer, railHeightM);
  const shocksKg = 2 * (suspension.shocks?.massKg ?? 0);
  return axlePlaces(trailer).flatMap(({ id, xM }) => [
    pointPart(id, 'running-gear', axle.massKg, { xM, yM: 0, zM }, id, true),
    ...(suspension.kind === 'leaf'
      ? [
          pointPart(
            `${id}.springs`,
            'running-gear',
            suspension.springMassKg + shocksKg,
            { xM, yM: 0, zM: zM + axle.tubeDiameterM },
            id,
            true,
          ),
        ]
      : []),
    ...([-1, 1] as const).map((side) =>
      pointPart(
        `${id}.wheel.${side === 1 ? 'right' : 'left'}`,
        'running-gear',
        wheel.assemblyMassKg,
        { xM, yM: (side * suspension.trackM) / 2, zM },
        id,
        true,
      ),
    ),
  ]);
};

const couplingParts = (trailer: Trailer, chassis: Chassis): Part[] => {
  const { fitted, jack, massKg, jackMassKg, jackBehindBallM } = trailer.coupling;
  const zM = chassis.tongue?.topZM ?? -chassis.railHeightM;
  return [
    ...(fitted ? [pointPart('coupler', 'coupling', massKg, { xM: chassis.ballXM, yM: 0, zM }, 'tongue')] : []),
    ...(jack.fitted
      ? [pointPart('jack', 'coupling', jackMassKg, { xM: chassis.ballXM + jackBehindBallM, yM: 0, zM }, 'tongue')]
      : []),
  ];
};

const yExtent = (plan: readonly (readonly [number, number])[]): { y0M: number; y1M: number } => {
  const ys = plan.map(([, y]) => y);
  return { y0M: Math.min(...ys), y1M: Math.max(...ys) };
};

/** All of it ahead of the bed: only the tongue is there to carry it. */
const isAhead = ({ extent }: Pick<Chassis['members'][number], 'extent'>): boolean => extent.x1M <= 0;

const PANEL_GROUPS = { deck: 'deck', board: 'sides', own: 'body' } as const;

const framePartsOf = (trailer: Trailer, chassis: Chassis): readonly Part[] => [
  ...chassis.members.map(
    (member): Part => ({
      id: member.id,
      group: member.group === 'side' ? 'sides' : pieceOf(trailer, member.id) ? 'body' : 'frame',
      massKg: member.massKg,
      centre: member.centre,
      x0M: member.extent.x0M,
      x1M: member.extent.x1M,
      ...yExtent(member.plan),
      heightM: member.extent.z1M - member.extent.z0M,
      carriedBy: member.group === 'tongue' || isAhead(member) ? 'tongue' : 'rails',
      movesWithAxle: false,
      ...(member.hungOn ? { heldBy: member.hungOn } : {}),
    }),
  ),
  ...chassis.plates.map(
    ({ id, massKg, centre, carriedBy, thicknessM }): Part => ({
      ...pointPart(id, 'frame', massKg, centre, carriedBy),
      heightM: thicknessM,
    }),
  ),
  ...chassis.panels.map(
    (panel): Part => ({
      id: panel.id,
      group: PANEL_GROUPS[panel.kind],
      massKg: panel.massKg,
      centre: panel.centre,
      x0M: panel.extent.x0M,
      x1M: panel.extent.x1M,
      y0M: panel.y0M,
      y1M: panel.y1M,
      heightM: panel.extent.z1M - panel.extent.z0M,
      carriedBy: panel.kind === 'deck' ? 'deck' : panel.own && isAhead(panel) ? 'tongue' : 'rails',
      movesWithAxle: false,
      ...(panel.own && panel.own.heldBy.length > 0 ? { heldBy: panel.own.heldBy } : {}),
    }),
  ),
];

const keptFrame = new WeakMap<Chassis, readonly Part[]>();

/** The frame's own parts; the very same as long as the frame is. */
const frameParts = (trailer: Trailer, chassis: Chassis): readonly Part[] => {
  const known = keptFrame.get(chassis);
  if (known) return known;
  const parts = framePartsOf(trailer, chassis);
  keptFrame.set(chassis, parts);
  return parts;
};

/** The bare trailer: everything that is there in every case, the user's items apart. */
export const trailerParts = (trailer: Trailer, chassis: Chassis): readonly Part[] => {
  const parts = [
    ...frameParts(trailer, chassis),
    ...couplingParts(trailer, chassis),
    ...runningGearParts(trailer, chassis),
    ...spareWheels(trailer, chassis),
  ];
  const { massFactors } = trailer;
  return massFactors ? parts.map((part) => ({ ...part, massKg: part.massKg * (massFactors[part.group] ?? 1) })) : parts;
};

const entries = new WeakMap<LoadCase, ReadonlyMap<string, LoadCase['aboard'][number]>>();

/** What is aboard in a load, by item; the first entry where one stands twice. */
export const aboardOf = (loadCase: LoadCase): ReadonlyMap<string, LoadCase['aboard'][number]> => {
  const known = entries.get(loadCase);
  if (known) return known;
  const own = new Map<string, LoadCase['aboard'][number]>();
  for (const entry of loadCase.aboard) if (!own.has(entry.itemId)) own.set(entry.itemId, entry);
  entries.set(loadCase, own);
  return own;
};

/** An item may stand on another one; a ring of items standing on each other ends here. */
const MOST_STACKED = 20;

interface ItemPlace {
  readonly xM: number;
  readonly yM: number;
  readonly baseZM: number;
  readonly movesWithAxle: boolean;
  readonly carriedBy: CarriedBy;
}

/** Where places are measured from, back from the bed's front edge, m. */
export const originXM = (trailer: Trailer, { ballXM }: Pick<Chassis, 'ballXM'>, from: Item['attach']['from']): number =>
  ({ front: 0, rear: trailer.frame.bed.lengthM, ball: ballXM, axle: trailer.runningGear.positionM })[from];

const placeItem = (
  trailer: Trailer,
  chassis: Chassis,
  item: Item,
  loadCase: LoadCase | undefined,
  depth = 0,
): ItemPlace => {
  const { attach } = item;
  const { shiftM = 0, shiftRightM = 0, shiftUpM = 0 } = (loadCase && aboardOf(loadCase).get(item.id)) ?? {};
  const liftM = attach.aboveM + shiftUpM + (item.legs?.heightM ?? 0);
  const yM = attach.rightM + shiftRightM;
  const host =
    attach.on === 'item' && depth < MOST_STACKED
      ? trailer.items.find((other) => other.id === attach.hostId)
      : undefined;
  if (host) {
    const below = placeItem(trailer, chassis, host, loadCase, depth + 1);
    return {
      ...below,
      xM: below.xM + attach.offsetM.value + shiftM,
      yM,
      baseZM: below.baseZM + host.sizeM.heightM + liftM,
    };
  }
  const drawerOutM = attach.on === 'drawer' ? (loadCase?.drawerOutM ?? 0) : 0;
  const xM = originXM(trailer, chassis, attach.from) + attach.offsetM.value + shiftM + drawerOutM;
  const surface = surfaceUnder(trailer, chassis, item, xM, yM);
  return { xM, yM, ...surface, baseZM: surface.baseZM + liftM, movesWithAxle: attach.from === 'axle' };
};

/** What an item stands on, and how high that lies. A rack that is not under it is no rack: the item then lies on the deck, and a finding says so. */
const surfaceUnder = (
  trailer: Trailer,
  chassis: Chassis,
  { attach, sizeM }: Item,
  xM: number,
  yM: number,
): Pick<ItemPlace, 'baseZM' | 'carriedBy'> => {
  switch (attach.on) {
    case 'rail':
      return { baseZM: 0, carriedBy: 'rails' };
    case 'axle':
      return { baseZM: wheelCentreZM(trailer, chassis.railHeightM), carriedBy: 'rails' };
    case 'tongue':
      return { baseZM: chassis.tongue?.topZM ?? 0, carriedBy: 'tongue' };
    case 'rack': {
      const [along, across] = [sizeM.lengthM / 2, sizeM.widthM / 2];
      const rack = rackUnder(chassis, {
        x0M: xM - along,
        x1M: xM + along,
        y0M: yM - across,
        y1M: yM + across,
      });
      return rack ? { baseZM: rack.topZM, carriedBy: 'rack' } : { baseZM: chassis.deckTopZM, carriedBy: 'deck' };
    }
    default:
      return { baseZM: chassis.deckTopZM, carriedBy: 'deck' };
  }
};

const feetOf = (
  { baseM, trackM, frontShare = 0.5 }: NonNullable<Item['wheels']>,
  xM: number,
  yM: number,
): NonNullable<Part['feet']> =>
  ([-1, 1] as const).flatMap((along) =>
    [-1, 1].map((across) => ({
      xM: xM + (along * baseM) / 2,
      yM: yM + (across * trackM) / 2,
      share: (along < 0 ? frontShare : 1 - frontShare) / 2,
    })),
  );

/** How far behind the middle between its wheels an item balances, m: towards the axle that bears more. Moments about the middle. */
const behindMiddleM = ({ wheels }: Item): number => (wheels ? wheels.baseM * (0.5 - (wheels.frontShare ?? 0.5)) : 0);

/** Parts that an item has been, newest last: most cases, and most moments of a drag, have it alike. */
const keptParts = new WeakMap<Item, Part[]>();
const KEPT = 6;

/** An item as a part in a given case; `undefined` for the case gives it full and in its own place. The very same part where nothing of it differs. */
export const itemPart = (trailer: Trailer, chassis: Chassis, item: Item, loadCase?: LoadCase): Part => {
  const entry = loadCase && aboardOf(loadCase).get(item.id);
  const place = placeItem(trailer, chassis, item, loadCase);
  const fill = item.kind === 'tank' ? (entry?.fill ?? (loadCase ? 0 : 1)) : 1;
  const massKg = item.emptyMassKg + fill * item.massKg.value;
  const outM = item.attach.on === 'drawer' ? (loadCase?.drawerOutM ?? 0) : 0;
  const zM = place.baseZM + item.sizeM.heightM / 2;
  const heldX0M = outM > 0 ? place.xM - outM - item.sizeM.lengthM / 2 : undefined;
  const kept = keptParts.get(item) ?? [];
  keptParts.set(item, kept);
  const known = kept.find(
    (part) =>
      part.centre.xM === place.xM + behindMiddleM(item) &&
      part.centre.yM === place.yM &&
      part.centre.zM === zM &&
      part.massKg === massKg &&
      part.heldX0M === heldX0M &&
      part.carriedBy === place.carriedBy &&
      part.movesWithAxle === place.movesWithAxle,
  );
  if (known) return known;
  const fresh = partAt(item, place, massKg, outM);
  kept.push(fresh);
  if (kept.length > KEPT) kept.shift();
  return fresh;
};

const partAt = (item: Item, place: ItemPlace, massKg: number, outM: number): Part => {
  const { lengthM, widthM, heightM } = item.sizeM;
  const stands = item.wheels ?? item.legs;
  return {
    ...(stands ? { feet: feetOf(stands, place.xM, place.yM) } : {}),
    ...(outM > 0 ? { heldX0M: place.xM - outM - lengthM / 2, heldX1M: place.xM - outM + lengthM / 2 } : {}),
    id: item.id,
    group: item.kind === 'fixed' ? 'fixed' : 'cargo',
    name: item.name,
    massKg,
    centre: { xM: place.xM + behindMiddleM(item), yM: place.yM, zM: place.baseZM + heightM / 2 },
    x0M: place.xM - lengthM / 2,
    x1M: place.xM + lengthM / 2,
    y0M: place.yM - widthM / 2,
    y1M: place.yM + widthM / 2,
    heightM,
    carriedBy: place.carriedBy,
    movesWithAxle: place.movesWithAxle,
  };
};

/** Items aboard in a case: fixed ones and tanks always (a tank not listed is empty), cargo where it is listed. */
export const itemParts = (trailer: Trailer, chassis: Chassis, loadCase: LoadCase): readonly Part[] =>
  trailer.items
    .filter((item) => item.kind !== 'cargo' || aboardOf(loadCase).has(item.id))
    .map((item) => itemPart(trailer, chassis, item, loadCase));
