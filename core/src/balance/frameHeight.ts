import type { Chassis } from '../chassis/index.js';
import {
  axlePlaces,
  inState,
  isIndependent,
  itemParts,
  type Part,
  trailerParts,
  unsprungAxleOf,
} from '../mass/index.js';
import type { Item, LoadCase, Trailer } from '../project/index.js';
import { type HeightStack, heightStack, saysHeight, usualRailTopM } from '../suspension/index.js';
import { equalisedShares, type StaticMass, standingLoads, type Support } from './statics.js';

export const asStaticMass = (part: Part): StaticMass => {
  const unsprungAxle = unsprungAxleOf(part);
  return {
    massKg: part.massKg,
    xM: part.centre.xM,
    yM: part.centre.yM,
    ...(unsprungAxle === undefined ? {} : { unsprungAxle }),
  };
};

/** Ball centre above the datum, m: half-way up the tongue. */
export const ballZM = ({ tongue, railHeightM }: Chassis): number => tongue?.ballZM ?? -railHeightM / 2;

/** Shares of the axles: by the equaliser's arms; alike on a level trailer without one, and on three axles that equalise. */
const sharesOf = (trailer: Trailer, count: number): readonly number[] =>
  trailer.runningGear.layout === 'tandem-equaliser'
    ? equalisedShares(trailer.runningGear.equaliserArms)
    : Array.from({ length: count }, () => 1 / count);

/** What the trailer stands on when it rides level. */
export const levelSupport = (trailer: Trailer, chassis: Chassis, on: 'ball' | 'jack'): Support | undefined => {
  const places = axlePlaces(trailer);
  if (places.length === 0) return undefined;
  return {
    aheadXM: chassis.ballXM + (on === 'jack' ? trailer.coupling.jackBehindBallM : 0),
    axlesXM: places.map(({ xM }) => xM),
    shares: sharesOf(trailer, places.length),
    trackM: trailer.runningGear.suspension.trackM,
  };
};

/** Sprung load on the wheel that heights go by when these parts ride level, N: of axles without an equaliser all alike, else the one that carries most. */
export const levelWheelN = (trailer: Trailer, chassis: Chassis, parts: readonly Part[]): number | undefined => {
  const support = levelSupport(trailer, chassis, 'ball');
  const loads = support && standingLoads(parts.map(asStaticMass), support);
  if (!loads) return undefined;
  const wheels = loads.sprungAxlesN.map((n) => n / 2);
  return Math.max(
    0,
    isIndependent(trailer) ? wheels.reduce((sum, n) => sum + n, 0) / wheels.length : Math.max(...wheels),
  );
};

/** What was measured, against the chain of parts under the same load. */
export interface MeasuredHeight {
  readonly measuredM: number;
  readonly partsM: number;
  /** measured less parts: a bracket that nobody has entered, or a contradiction where it is negative */
  readonly restM: number;
}

const kept = new WeakMap<Trailer, MeasuredHeight | null>();

/** What a load puts on top of the bare trailer, kg; as its parts weigh, without placing them. */
const aboardKg = (items: ReadonlyMap<string, Item>, { aboard }: LoadCase): number => {
  let sum = 0;
  for (const { kind, emptyMassKg, massKg } of items.values())
    if (kind !== 'cargo') sum += emptyMassKg + (kind === 'fixed' ? massKg.value : 0);
  for (const { itemId, fill } of aboard) {
    const item = items.get(itemId);
    if (item?.kind === 'cargo') sum += item.emptyMassKg + item.massKg.value;
    else if (item?.kind === 'tank') sum += fill * item.massKg.value;
  }
  return sum;
};

const heaviest = new WeakMap<Trailer, readonly Part[]>();

/** Everything that stands on the wheels in the heaviest load that is towed; the bare trailer where nothing is. */
const heaviestParts = (trailer: Trailer, chassis: Chassis): readonly Part[] => {
  const known = heaviest.get(trailer);
  if (known) return known;
  const items = new Map(trailer.items.map((item) => [item.id, item]));
  let most: { readonly loadCase: LoadCase; readonly kg: number } | undefined;
  for (const loadCase of trailer.cases) {
    if (loadCase.mode !== 'towed') continue;
    const kg = aboardKg(items, loadCase);
    if (!most || kg > most.kg) most = { loadCase, kg };
  }
  const bare = trailerParts(trailer, chassis);
  const parts =
    most && most.kg > 0
      ? inState(trailer, chassis, [...bare, ...itemParts(trailer, chassis, most.loadCase)], most.loadCase)
      : bare;
  heaviest.set(trailer, parts);
  return parts;
};

const measure = (trailer: Trailer, chassis: Chassis): MeasuredHeight | null => {
  const measuredM = trailer.runningGear.measuredRailTopM;
  if (measuredM === null || !saysHeight(trailer)) return null;
  const wheelN = levelWheelN(trailer, chassis, heaviestParts(trailer, chassis));
  const stack = wheelN === undefined ? undefined : heightStack(trailer, chassis.railHeightM, wheelN);
  if (!stack) return null;
  const partsM = stack.railBottomM + chassis.railHeightM;
  return { measuredM, partsM, restM: measuredM - partsM };
};

/** The measured height under the heaviest towed load beside what the parts add up to; undefined where nobody measured, or no parts say. */
export const measuredHeight = (trailer: Trailer, chassis: Chassis): MeasuredHeight | undefined => {
  const known = kept.get(trailer);
  if (known !== undefined) return known ?? undefined;
  const found = measure(trailer, chassis);
  kept.set(trailer, found);
  return found ?? undefined;
};

/** Heights under a sprung load on one wheel, closed by what was measured; undefined where neither parts nor tape say. */
export const stackUnder = (trailer: Trailer, chassis: Chassis, sprungWheelN: number): HeightStack | undefined =>
  heightStack(trailer, chassis.railHeightM, sprungWheelN, measuredHeight(trailer, chassis)?.restM ?? 0);

/** Top of the rails above the ground with these parts aboard, level, m; the usual height where nothing says. */
export const railTopM = (trailer: Trailer, chassis: Chassis, parts: readonly Part[]): number => {
  const wheelN = levelWheelN(trailer, chassis, parts);
  const stack = wheelN === undefined ? undefined : stackUnder(trailer, chassis, wheelN);
  return stack
    ? stack.railBottomM + chassis.railHeightM
    : usualRailTopM(trailer, chassis.railHeightM, axlePlaces(trailer).length);
};

const stacks = new WeakMap<Trailer, HeightStack | null>();

/** What lies between ground and rails under the heaviest load that is towed, level: as drawings show it; undefined where nothing says. */
export const drawnStack = (trailer: Trailer, chassis: Chassis): HeightStack | undefined => {
  const known = stacks.get(trailer);
  if (known !== undefined) return known ?? undefined;
  const wheelN = levelWheelN(trailer, chassis, heaviestParts(trailer, chassis));
  const found = wheelN === undefined ? undefined : stackUnder(trailer, chassis, wheelN);
  stacks.set(trailer, found ?? null);
  return found;
};

/** The same under the heaviest load that is towed: how high drawings show it. */
export const drawnRailTopM = (trailer: Trailer, chassis: Chassis): number => {
  const stack = drawnStack(trailer, chassis);
  return stack
    ? stack.railBottomM + chassis.railHeightM
    : usualRailTopM(trailer, chassis.railHeightM, axlePlaces(trailer).length);
};
