import type { Chassis } from '../chassis/index.js';
import { type Part, unsprungAxleOf } from '../mass/index.js';
import { axleRatingKg, type Item, type LoadCase, tireLoadKg, type Trailer } from '../project/index.js';
import { STANDARD_GRAVITY } from '../units/index.js';
import { type BalancedCase, bandKg, supportOf } from './balanceCase.js';
import { diceOf } from './random.js';
import { type Spread, spreadOf } from './spreadOf.js';
import { type AxleSprings, heldAxlesN } from './springSharing.js';
import { groupCentreXM } from './statics.js';
import { lastOf, type Steps } from '../steps.js';

/** One thing that is not known for sure, and how much of the tongue's doubt comes from it. */
export interface Guess {
  /** an item, or one of the trailer's own groups of parts */
  readonly id: string;
  readonly what: 'mass' | 'place';
  /** of the variance of the tongue's share */
  readonly share: number;
}

/** A rating, what is left of it on paper, and how likely a guess is to take more than that. */
export interface Overload {
  readonly of: 'axle' | 'tires' | 'plate' | 'coupler' | 'coupler-ball' | 'vehicle' | 'vehicle-ball';
  readonly ratedKg: number;
  readonly spareKg: number;
  readonly chance: number;
}

/** A load case with its doubt carried through. */
export interface CaseDoubt {
  readonly caseId: string;
  readonly tongueShare: Spread;
  readonly tongueKg: Spread;
  /** from the front */
  readonly axlesKg: readonly Spread[];
  /** chance that the tongue is lighter, or heavier, than its band */
  readonly tooLight: number;
  readonly tooHeavy: number;
  /** chance that something is asked for more than it is rated for, likeliest first; nothing of what nobody has read */
  readonly overloads: readonly Overload[];
  /** of the balance point, m, standard deviations and how x and z go together */
  readonly centre: { readonly xSdM: number; readonly ySdM: number; readonly zSdM: number; readonly xzM2: number };
  /** largest first */
  readonly guesses: readonly Guess[];
}

/** Variance of an even spread from −1 to 1. */
export const EVEN_VARIANCE = 1 / 3;

/** Masses of the trailer's own parts are off by up to this share (common practice: mill tolerance, makers' lists, paint and weld). */
export const OWN_PARTS: Readonly<Record<string, number>> = {
  frame: 0.05,
  deck: 0.1,
  sides: 0.1,
  body: 0.1,
  'running-gear': 0.05,
  coupling: 0.1,
};

/** Parts whose masses are off together, and one item with its own doubt in mass and place. */
interface Lump {
  readonly id: string;
  readonly massSpread: number;
  readonly placeSpread: number;
  /** lumps that this one stands on, whose places move it, too */
  readonly hosts: readonly number[];
  readonly sprungKg: number;
  readonly sprungMomentKgM: number;
  readonly unsprungKg: readonly number[];
  readonly massKg: number;
  readonly yKgM: number;
  readonly zKgM: number;
  readonly xKgM: number;
}

const lumpOf = (
  id: string,
  parts: readonly Part[],
  axles: number,
  massSpread: number,
  placeSpread: number,
  hosts: readonly number[],
): Lump => {
  const unsprungKg = Array.from({ length: axles }, () => 0);
  let [sprungKg, sprungMomentKgM, massKg, xKgM, yKgM, zKgM] = [0, 0, 0, 0, 0, 0];
  for (const part of parts) {
    const axle = unsprungAxleOf(part);
    if (axle === undefined) {
      sprungKg += part.massKg;
      sprungMomentKgM += part.massKg * part.centre.xM;
    } else unsprungKg[axle] = (unsprungKg[axle] ?? 0) + part.massKg;
    massKg += part.massKg;
    xKgM += part.massKg * part.centre.xM;
    yKgM += part.massKg * part.centre.yM;
    zKgM += part.massKg * part.centre.zM;
  }
  return { id, massSpread, placeSpread, hosts, sprungKg, sprungMomentKgM, unsprungKg, massKg, xKgM, yKgM, zKgM };
};

/** Of a sum of many guesses 1.645 standard deviations are passed once in twenty. */
const ONCE_IN_TWENTY = 1.645;

/** What a case may weigh once in twenty, kg: the masses' own doubts, each even within its tolerance, together. */
export const heavyKg = (trailer: Trailer, balanced: BalancedCase): number => {
  const lumps = lumpsOf(trailer, balanced, balanced.standing?.axles.length ?? 0);
  const variance = lumps.reduce((sum, { massKg, massSpread }) => sum + EVEN_VARIANCE * (massKg * massSpread) ** 2, 0);
  return lumps.reduce((sum, { massKg }) => sum + massKg, 0) + ONCE_IN_TWENTY * Math.sqrt(variance);
};

/** A tank that is drained on the way counts half-way between its levels, and either level is its doubt. */
const levelsOf = (
  item: Item,
  loadCase: LoadCase,
): { readonly middleKg: number; readonly halfKg: number } | undefined => {
  const entry = loadCase.aboard.find(({ itemId }) => itemId === item.id);
  if (item.kind !== 'tank' || entry?.fillLow === undefined || entry.fillLow >= entry.fill) return undefined;
  const [high, low] = [entry.fill, entry.fillLow].map((fill) => item.emptyMassKg + fill * item.massKg.value);
  if (high === undefined || low === undefined) return undefined;
  return { middleKg: (high + low) / 2, halfKg: (high - low) / 2 };
};

/** How far an item's mass may be off, as a share of the part it is in this case: what is fixed for good of a tank does not slop. */
const massSpreadOf = (item: Item, part: Part, loadCase: LoadCase): number => {
  if (part.massKg <= 0) return 0;
  const fill = item.kind === 'tank' ? (loadCase.aboard.find(({ itemId }) => itemId === item.id)?.fill ?? 0) : 1;
  return Math.min(1, (fill * item.massKg.tolerance) / part.massKg);
};

const lumpsOf = (trailer: Trailer, { parts, loadCase }: BalancedCase, axles: number): readonly Lump[] => {
  const items = trailer.items.filter(({ id }) => parts.some((part) => part.id === id));
  const itemIds = new Set(items.map(({ id }) => id));
  const groups = [...new Set(parts.filter(({ id }) => !itemIds.has(id)).map(({ group }) => group))];
  const hostsOf = (item: Item, depth = 0): number[] => {
    const index = items.findIndex(({ id }) => item.attach.on === 'item' && id === item.attach.hostId);
    const host = items[index];
    return host && depth < items.length ? [index, ...hostsOf(host, depth + 1)] : [];
  };
  return [
    ...items.map((item) => {
      const full = parts.find(({ id }) => id === item.id) as Part;
      const levels = levelsOf(item, loadCase);
      const part = levels ? { ...full, massKg: levels.middleKg } : full;
      const drained = levels && levels.middleKg > 0 ? levels.halfKg / levels.middleKg : 0;
      const place = item.attach.offsetM.tolerance + (item.roamsM ?? 0);
      const spread = Math.min(1, massSpreadOf(item, part, loadCase) + drained);
      return lumpOf(item.id, [part], axles, spread, place, hostsOf(item));
    }),
    ...groups.map((group) =>
      lumpOf(
        group,
        parts.filter((part) => part.group === group && !itemIds.has(part.id)),
        axles,
        OWN_PARTS[group] ?? 0,
        0,
        [],
      ),
    ),
  ];
};

interface Limit {
  readonly of: Overload['of'];
  readonly ratedKg: number;
  /** what it is asked for of the whole, the tongue and the axle that carries most, kg */
  readonly asks: (massKg: number, tongueKg: number, axleKg: number) => number;
}

/** Everything of a trailer that has a rating that somebody has read. */
const limitsOf = (trailer: Trailer, { standing }: BalancedCase): readonly Limit[] => {
  const { coupling, towVehicle, runningGear, ratedGrossKg } = trailer;
  // Wheels of an axle share as they do on paper: what stands off the middle is no guess here.
  const uneven = Math.max(
    0.5,
    ...(standing?.axles ?? []).map(({ leftN, rightN, loadN }) => (loadN > 0 ? Math.max(leftN, rightN) / loadN : 0.5)),
  );
  const whole: Limit['asks'] = (massKg) => massKg;
  const onBall: Limit['asks'] = (_mass, tongueKg) => tongueKg;
  const axle: Limit['asks'] = (_mass, _tongue, axleKg) => axleKg;
  const tire: Limit['asks'] = (_mass, _tongue, axleKg) => axleKg * uneven;
  const rated = coupling.fitted && !coupling.homeMade;
  const all: readonly (readonly [Overload['of'], number | null | undefined, Limit['asks']])[] = [
    ['axle', axleRatingKg(runningGear), axle],
    ['tires', tireLoadKg(trailer), tire],
    ['plate', ratedGrossKg, whole],
    ['coupler', rated ? coupling.ratedGrossKg : null, whole],
    ['coupler-ball', rated ? coupling.tongueLimitKg : null, onBall],
    ['vehicle', towVehicle?.towLimitKg, whole],
    ['vehicle-ball', towVehicle?.tongueLimitKg, onBall],
  ];
  return all.flatMap(([of, ratedKg, asks]) =>
    ratedKg === null || ratedKg === undefined ? [] : [{ of, ratedKg, asks }],
  );
};

interface Ground {
  readonly aheadXM: number;
  readonly axlesXM: readonly number[];
  readonly shares: readonly number[];
  readonly centreXM: number;
  readonly springs: AxleSprings | undefined;
}

/** Sprung load of each axle under some sprung mass and its first moment, N. */
const axlesUnder = (ground: Ground, sprungKg: number, momentKgM: number, into: number[]): number => {
  const { aheadXM, axlesXM, shares, centreXM, springs } = ground;
  const aboutBallNm = STANDARD_GRAVITY * (momentKgM - sprungKg * aheadXM);
  if (springs) {
    const axlesM = axlesXM.map((x) => x - aheadXM);
    const found = heldAxlesN(axlesM, springs, aboutBallNm, STANDARD_GRAVITY * sprungKg);
    if (found) {
      found.forEach((n, i) => (into[i] = n));
      return STANDARD_GRAVITY * sprungKg - found.reduce((sum, n) => sum + n, 0);
    }
  }
  const groupN = aboutBallNm / (centreXM - aheadXM);
  for (let i = 0; i < shares.length; i += 1) into[i] = groupN * (shares[i] as number);
  return STANDARD_GRAVITY * sprungKg - groupN;
};

/** The lumps as plain numbers, ROW of each: this is gone through ten thousand times a case. */
const ROW = 11;
const tableOf = (lumps: readonly Lump[]): Float64Array => {
  const table = new Float64Array(lumps.length * ROW);
  lumps.forEach((lump, i) => {
    const { massSpread, placeSpread, sprungKg, sprungMomentKgM, massKg, xKgM, yKgM, zKgM, unsprungKg } = lump;
    table.set([massSpread, placeSpread, sprungKg, sprungMomentKgM, massKg, xKgM, yKgM, zKgM, ...unsprungKg], i * ROW);
  });
  return table;
};

/** Sums of balance points off the nominal one, and of their squares, m and m². */
interface Sums {
  x: number;
  y: number;
  z: number;
  xx: number;
  yy: number;
  zz: number;
  xz: number;
}

/** What the tries of one case came to, try by try and in sums. */
interface Tries {
  readonly balanced: BalancedCase;
  readonly lumps: readonly Lump[];
  readonly samples: number;
  readonly share: Float64Array;
  readonly tongue: Float64Array;
  readonly axleTries: readonly Float64Array[];
  readonly limits: readonly Limit[];
  readonly overs: readonly number[];
  readonly light: number;
  readonly heavy: number;
  readonly withMass: Float64Array;
  readonly withPlace: Float64Array;
  readonly sums: Sums;
}

/** Spreads, chances and causes out of the tries. */
const doubtFrom = ({
  balanced,
  lumps,
  samples,
  share,
  tongue,
  axleTries,
  limits,
  overs,
  light,
  heavy,
  withMass,
  withPlace,
  sums,
}: Tries): CaseDoubt => {
  const tongueShare = spreadOf(share);
  const variance = tongueShare.sd ** 2;
  const partOf = (together: number): number =>
    variance > 0 ? Math.min(1, (together / samples) ** 2 / (EVEN_VARIANCE * variance)) : 0;
  const guesses = lumps
    .flatMap((lump, i): Guess[] => [
      ...(lump.massSpread > 0 ? [{ id: lump.id, what: 'mass' as const, share: partOf(withMass[i] as number) }] : []),
      ...(lump.placeSpread > 0 ? [{ id: lump.id, what: 'place' as const, share: partOf(withPlace[i] as number) }] : []),
    ])
    .sort((a, b) => b.share - a.share);
  const sd = (squares: number, first: number): number =>
    Math.sqrt(Math.max(0, squares / samples - (first / samples) ** 2));
  return {
    caseId: balanced.loadCase.id,
    tongueShare,
    tongueKg: spreadOf(tongue),
    axlesKg: axleTries.map(spreadOf),
    tooLight: light / samples,
    tooHeavy: heavy / samples,
    overloads: limits
      .map(({ of, ratedKg, asks }, l): Overload => {
        const loads = balanced.standing?.axles.map(({ loadN }) => loadN / STANDARD_GRAVITY) ?? [];
        const asked = asks(
          balanced.massKg,
          (balanced.standing?.tongueN ?? 0) / STANDARD_GRAVITY,
          Math.max(0, ...loads),
        );
        return { of, ratedKg, spareKg: ratedKg - asked, chance: (overs[l] as number) / samples };
      })
      .sort((a, b) => b.chance - a.chance),
    centre: {
      xSdM: sd(sums.xx, sums.x),
      ySdM: sd(sums.yy, sums.y),
      zSdM: sd(sums.zz, sums.z),
      xzM2: sums.xz / samples - (sums.x / samples) * (sums.z / samples),
    },
    guesses,
  };
};

/** Adds one try's balance point, off the nominal one, to the sums. */
const addPlace = (sums: Sums, dx: number, dy: number, dz: number): void => {
  sums.x += dx;
  sums.y += dy;
  sums.z += dz;
  sums.xx += dx * dx;
  sums.yy += dy * dy;
  sums.zz += dz * dz;
  sums.xz += dx * dz;
};

const tryCase = (
  trailer: Trailer,
  balanced: BalancedCase,
  ground: Ground,
  samples: number,
  seed: number,
): CaseDoubt => {
  const axles = ground.axlesXM.length;
  const lumps = lumpsOf(trailer, balanced, axles);
  const dice = diceOf(seed);
  const share = new Float64Array(samples);
  const tongue = new Float64Array(samples);
  const axleTries = Array.from({ length: axles }, () => new Float64Array(samples));
  const count = lumps.length;
  const table = tableOf(lumps);
  const standsOn = lumps.map(({ hosts }) => hosts);
  const places = new Float64Array(count);
  const masses = new Float64Array(count);
  const withMass = new Float64Array(count);
  const withPlace = new Float64Array(count);
  const into = ground.axlesXM.map(() => 0);
  const unsprung = ground.axlesXM.map(() => 0);
  const sums = { x: 0, y: 0, z: 0, xx: 0, yy: 0, zz: 0, xz: 0 };
  const nominal = balanced.centre ?? { xM: 0, yM: 0, zM: 0 };
  let [light, heavy] = [0, 0];
  const limits = limitsOf(trailer, balanced);
  const overs = limits.map(() => 0);
  for (let k = 0; k < samples; k += 1) {
    let sprungKg = 0;
    let momentKgM = 0;
    let [massKg, x, y, z] = [0, 0, 0, 0];
    unsprung.fill(0);
    for (let i = 0; i < count; i += 1) {
      masses[i] = (table[i * ROW] as number) === 0 ? 0 : dice.even();
      places[i] = (table[i * ROW + 1] as number) === 0 ? 0 : dice.even();
    }
    for (let i = 0; i < count; i += 1) {
      const at = i * ROW;
      const factor = 1 + (table[at] as number) * (masses[i] as number);
      let moved = (table[at + 1] as number) * (places[i] as number);
      const hosts = standsOn[i] as readonly number[];
      for (let h = 0; h < hosts.length; h += 1) {
        const host = hosts[h] as number;
        moved += (table[host * ROW + 1] as number) * (places[host] as number);
      }
      const ownSprung = table[at + 2] as number;
      sprungKg += factor * ownSprung;
      momentKgM += factor * ((table[at + 3] as number) + ownSprung * moved);
      for (let a = 0; a < axles; a += 1) unsprung[a] = (unsprung[a] as number) + factor * (table[at + 8 + a] as number);
      const own = table[at + 4] as number;
      massKg += factor * own;
      x += factor * ((table[at + 5] as number) + own * moved);
      y += factor * (table[at + 6] as number);
      z += factor * (table[at + 7] as number);
    }
    const tongueN = axlesUnder(ground, sprungKg, momentKgM, into);
    const tongueKg = tongueN / STANDARD_GRAVITY;
    const own = tongueKg / massKg;
    share[k] = own;
    tongue[k] = tongueKg;
    let most = 0;
    for (let a = 0; a < axles; a += 1) {
      const axleKg = (into[a] as number) / STANDARD_GRAVITY + (unsprung[a] as number);
      (axleTries[a] as Float64Array)[k] = axleKg;
      most = Math.max(most, axleKg);
    }
    for (let l = 0; l < limits.length; l += 1) {
      const { asks, ratedKg } = limits[l] as Limit;
      if (asks(massKg, tongueKg, most) > ratedKg) overs[l] = (overs[l] as number) + 1;
    }
    // Against the case as it is put, so that chance in the draws' own mean does not count as a cause.
    const off = own - (balanced.standing?.tongueShare ?? 0);
    const { minKg, maxKg } = bandKg(balanced.band, massKg);
    if (tongueKg < minKg) light += 1;
    else if (tongueKg > maxKg) heavy += 1;
    for (let i = 0; i < count; i += 1) {
      withMass[i] = (withMass[i] as number) + off * (masses[i] as number);
      withPlace[i] = (withPlace[i] as number) + off * (places[i] as number);
    }
    const dx = x / massKg - nominal.xM;
    const dy = y / massKg - nominal.yM;
    const dz = z / massKg - nominal.zM;
    addPlace(sums, dx, dy, dz);
  }
  return doubtFrom({
    balanced,
    lumps,
    samples,
    share,
    tongue,
    axleTries,
    limits,
    overs,
    light,
    heavy,
    withMass,
    withPlace,
    sums,
  });
};

export interface DoubtRequest {
  readonly trailer: Trailer;
  readonly chassis: Chassis;
  readonly cases: readonly BalancedCase[];
  readonly samples?: number;
  readonly seed?: number;
}

const SAMPLES = 10_000;
const SEED = 20_260_301;

/**
 * As `doubtOf`, case by case, so that whoever asks can be told how far it is and call it off.
 */
export function* doubtSteps({
  trailer,
  chassis,
  cases,
  samples = SAMPLES,
  seed = SEED,
}: DoubtRequest): Steps<readonly CaseDoubt[]> {
  const support = supportOf(trailer, chassis, 'ball');
  if (!support) return [];
  const ground: Ground = {
    aheadXM: support.aheadXM,
    axlesXM: support.axlesXM,
    shares: support.shares,
    centreXM: groupCentreXM(support),
    springs: support.springs,
  };
  if (ground.centreXM <= ground.aheadXM) return [];
  const towed = cases.filter(({ loadCase, massKg }) => loadCase.mode === 'towed' && massKg > 0);
  const doubts: CaseDoubt[] = [];
  for (const [done, balanced] of towed.entries()) {
    yield { done, of: towed.length };
    doubts.push(tryCase(trailer, balanced, ground, samples, seed));
  }
  return doubts;
}

/**
 * Monte Carlo over every towed case: masses and places of the user's items within their tolerance, every value alike, independent of
 * each other; what stands on something moves with it. The trailer's own parts by group, as `OWN_PARTS` says. The same seed gives the
 * same figures.
 */
export const doubtOf = (request: DoubtRequest): readonly CaseDoubt[] => lastOf(doubtSteps(request));
