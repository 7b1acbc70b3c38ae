import type { Item, Trailer } from '../project/index.js';

/** One person with what he carries, kg (220 lb, common practice). */
export const PERSON_KG = 100;

/** What rolls on: an item on wheels, with all that is in it. */
export interface Machine {
  readonly item: Item;
  readonly massKg: number;
  readonly trackM: number;
}

/** The heaviest item on wheels; undefined where nothing that weighs has any. */
export const heaviestMachine = ({ items }: Pick<Trailer, 'items'>): Machine | undefined =>
  items.reduce<Machine | undefined>((most, item) => {
    const massKg = item.massKg.value + item.emptyMassKg;
    return item.wheels && massKg > (most?.massKg ?? 0) ? { item, massKg, trackM: item.wheels.trackM } : most;
  }, undefined);
