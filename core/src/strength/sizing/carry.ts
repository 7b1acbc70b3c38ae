import type { BalancedCase } from '../../balance/index.js';
import { axleCount } from '../../mass/index.js';
import { axleRatingKg, type Trailer } from '../../project/index.js';
import { massOfWeightKg } from '../../units/index.js';
import { analysisSteps } from '../analysis/analyse.js';
import { type Hardest, hardestOf } from '../analysis/hardest.js';
import { BADLY_OFF } from '../situations/opinions.js';
import { grossCargo, ratedGrossCases } from '../situations/ratedGross.js';
import { inputOf } from './design.js';
import type { SizingProgress } from './request.js';

/** A part that bears no more than a certain gross of the whole trailer. */
export interface GrossLimit {
  readonly part: 'frame' | 'axle' | 'tires' | 'wheels' | 'coupler' | 'tow-vehicle';
  readonly grossKg: number;
}

export interface Carry {
  /** highest gross that the frame bears with its loads kept in proportion; undefined where it does not bear even the empty trailer */
  readonly grossKg: number | undefined;
  /** what all loads may be multiplied by */
  readonly factor: number;
  /** what gives out first */
  readonly ends: Hardest;
  /** every part's own limit, least first; the first one is the plate on which all agree. Parts whose stamp nobody read are left out */
  readonly limits: readonly GrossLimit[];
}

/** All loads of the trailer times a factor: what is aboard, and what the plate leaves room for. */
export const withLoads = (trailer: Trailer, factor: number): Trailer => {
  const { chassis, bare } = inputOf(trailer);
  const gross = grossCargo(trailer, chassis, bare);
  return {
    ...trailer,
    ratedGrossKg:
      gross && trailer.ratedGrossKg !== null
        ? trailer.ratedGrossKg + (factor - 1) * gross.cargoKg
        : trailer.ratedGrossKg,
    items: trailer.items.map((item) =>
      item.kind === 'fixed' ? item : { ...item, massKg: { ...item.massKg, value: item.massKg.value * factor } },
    ),
  };
};

const heaviestKg = (cases: readonly BalancedCase[]): number =>
  Math.max(0, ...cases.filter(({ loadCase }) => loadCase.mode === 'towed').map(({ massKg }) => massKg));

/** Gross on the plate, or of the heaviest towed load where nothing is on it. */
const grossOf = (trailer: Trailer): number => trailer.ratedGrossKg ?? heaviestKg(inputOf(trailer).cases);

/** Gross at which the axles together carry this much at the ground, the plate's cargo spread evenly: straight between two plates. */
const grossForAxlesKg = (trailer: Trailer, wantedKg: number): number | undefined => {
  const at = (factor: number): { readonly grossKg: number; readonly axlesKg: number } | undefined => {
    const scaled = withLoads(trailer, factor);
    const { chassis, bare } = inputOf(scaled);
    const [uniform] = ratedGrossCases(scaled, chassis, bare, false);
    return uniform?.standing
      ? {
          grossKg: uniform.massKg,
          axlesKg: massOfWeightKg(uniform.standing.axles.reduce((sum, { loadN }) => sum + loadN, 0)),
        }
      : undefined;
  };
  const [one, two] = [at(1), at(2)];
  if (!one || !two || two.axlesKg === one.axlesKg) return undefined;
  return one.grossKg + ((wantedKg - one.axlesKg) * (two.grossKg - one.grossKg)) / (two.axlesKg - one.axlesKg);
};

const limitsOf = (trailer: Trailer, frameKg: number | undefined): GrossLimit[] => {
  const { tire, wheel } = trailer.runningGear;
  const axles = axleCount(trailer);
  const onAxles = (part: GrossLimit['part'], eachKg: number | null, count: number): GrossLimit[] => {
    const grossKg = eachKg === null ? undefined : grossForAxlesKg(trailer, eachKg * count);
    return grossKg === undefined ? [] : [{ part, grossKg }];
  };
  const plain = (part: GrossLimit['part'], grossKg: number | null | undefined): GrossLimit[] =>
    grossKg === null || grossKg === undefined ? [] : [{ part, grossKg }];
  return [
    ...plain('frame', frameKg),
    ...onAxles('axle', axleRatingKg(trailer.runningGear), axles),
    ...onAxles('tires', tire.maxLoadKg, 2 * axles),
    ...onAxles('wheels', wheel.maxLoadKg, 2 * axles),
    ...plain('coupler', trailer.coupling.homeMade ? null : trailer.coupling.ratedGrossKg),
    ...plain('tow-vehicle', trailer.towVehicle?.towLimitKg),
  ].sort((a, b) => a.grossKg - b.grossKg);
};

/** Steps of the search at most, and how near to its limit the hardest part is brought. */
const MOST_STEPS = 10;
const NEAR = 0.002;
/** Nobody asks what a hundred times the load would do. */
const MOST_FACTOR = 100;

/**
 * How much of its loads, kept in proportion, the frame bears by the first opinion: bars, welds, hangers, holes and bolts, not sag or years.
 * What works hardest grows in straight pieces with the load: a secant from both sides finds where it reaches its limit.
 */
export function* carrySteps(trailer: Trailer): Generator<SizingProgress, Carry | undefined, void> {
  const own: Trailer = {
    ...trailer,
    strength: { ...trailer.strength, off: [...trailer.strength.off, BADLY_OFF, 'drawbar'] },
  };
  let done = 0;
  function* hardest(factor: number): Generator<SizingProgress, Hardest | undefined, void> {
    const steps = analysisSteps(inputOf(withLoads(own, factor)));
    for (;;) {
      const step = steps.next();
      if (step.done) {
        done += 1;
        return step.value.kind === 'analysed' ? hardestOf(step.value.analysis)[0] : undefined;
      }
      yield { done, of: MOST_STEPS };
    }
  }
  const found = (factor: number, ends: Hardest): Carry => {
    const grossKg = grossOf(withLoads(own, factor));
    return { grossKg, factor, ends, limits: limitsOf(trailer, grossKg) };
  };
  const empty = yield* hardest(0);
  const full = yield* hardest(1);
  if (!empty || !full) return undefined;
  if (empty.share >= 1) return { grossKg: undefined, factor: 0, ends: empty, limits: limitsOf(trailer, 0) };
  if (full.share <= empty.share) return found(1, full);
  let [low, high] =
    full.share > 1
      ? [
          { f: 0, at: empty },
          { f: 1, at: full },
        ]
      : [{ f: 1, at: full }, undefined];
  let next = high
    ? (1 - low.at.share) / ((high.at.share - low.at.share) / (high.f - low.f)) + low.f
    : 1 + (1 - full.share) / (full.share - empty.share);
  for (let step = 0; step < MOST_STEPS - 2 && next < MOST_FACTOR; step += 1) {
    const at = yield* hardest(next);
    if (!at) break;
    if (at.share > 1) high = { f: next, at };
    else low = { f: next, at };
    if (at.share <= 1 && at.share > 1 - NEAR) return found(next, high?.at ?? at);
    // Aimed a little short of the limit, so that the answer bears what it says.
    const aim = 1 - NEAR / 2;
    next = high
      ? low.f + ((aim - low.at.share) * (high.f - low.f)) / (high.at.share - low.at.share)
      : low.f + ((aim - low.at.share) * low.f) / Math.max(low.at.share - empty.share, 1e-9);
  }
  return found(low.f, high?.at ?? low.at);
}
