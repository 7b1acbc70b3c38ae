import type { Chassis } from '../chassis/index.js';
import { aboardOf, type Part } from '../mass/index.js';
import type { Item, Trailer } from '../project/index.js';
import { massOfWeightKg } from '../units/index.js';
import { type BalancedCase, supportOf } from './balanceCase.js';
import { asStaticMass } from './frameHeight.js';
import { standingLoads, type StaticMass } from './statics.js';

/** A case at its worst: everything as far back, or as far forward, and as heavy or light there as its tolerance lets it be. */
export interface ExtremeCase {
  readonly caseId: string;
  readonly toward: 'tail' | 'nose';
  /** all of it as it then weighs */
  readonly massKg: number;
  readonly tongueKg: number;
  readonly tongueShare: number;
}

/** How far an item may be from where it is said, m: by its own tolerance, by its own legs, and by those of all that it stands on. */
const freedomM = (items: ReadonlyMap<string, Item>, item: Item, depth = 0): number => {
  const { on, hostId, offsetM } = item.attach;
  const host = on === 'item' && hostId !== null ? items.get(hostId) : undefined;
  return offsetM.tolerance + (item.roamsM ?? 0) + (host && depth < items.size ? freedomM(items, host, depth + 1) : 0);
};

/** The item moved to one end of its doubt. What is behind the balance point of them all makes the tail heavier, what is ahead the nose. */
const pushed = (
  items: ReadonlyMap<string, Item>,
  item: Item,
  part: Part,
  toward: 'tail' | 'nose',
  middleXM: number,
  lowFill: number | undefined,
): StaticMass => {
  const way = toward === 'tail' ? 1 : -1;
  const xM = part.centre.xM + way * freedomM(items, item);
  const heavier = toward === 'tail' ? xM > middleXM : xM < middleXM;
  // A tank that is part full is off by as much as its contents in that case.
  const full = item.emptyMassKg + item.massKg.value;
  const tolerance = full > 0 ? (item.massKg.tolerance * part.massKg) / full : 0;
  // A tank that is used on the way is as empty as it gets where that is worse.
  const drained =
    item.kind === 'tank' && lowFill !== undefined ? item.emptyMassKg + lowFill * item.massKg.value : part.massKg;
  const massKg = Math.max(0, heavier ? part.massKg + tolerance : Math.min(part.massKg, drained) - tolerance);
  return { ...asStaticMass(part), massKg, xM };
};

/** Tail-heavy and nose-heavy worst of every towed case, from the items' freedom; derived, never stored. */
export const extremeCases = (
  trailer: Trailer,
  chassis: Chassis,
  cases: readonly BalancedCase[],
): readonly ExtremeCase[] => {
  const items = new Map(trailer.items.map((item) => [item.id, item]));
  const support = supportOf(trailer, chassis, 'ball');
  if (!support) return [];
  return cases
    .filter(({ loadCase, standing }) => loadCase.mode === 'towed' && standing)
    .flatMap(({ parts, loadCase, centre }) => {
      const lows = aboardOf(loadCase);
      return (['tail', 'nose'] as const).flatMap((toward): ExtremeCase[] => {
        const moved = parts.map((part) => {
          const item = items.get(part.id);
          return item
            ? pushed(items, item, part, toward, centre?.xM ?? 0, lows.get(part.id)?.fillLow)
            : asStaticMass(part);
        });
        const massKg = moved.reduce((sum, own) => sum + own.massKg, 0);
        const loads = massKg > 0 ? standingLoads(moved, support) : undefined;
        if (!loads) return [];
        const { aheadN, weightN } = loads;
        return [
          { caseId: loadCase.id, toward, massKg, tongueKg: massOfWeightKg(aheadN), tongueShare: aheadN / weightN },
        ];
      });
    });
};
