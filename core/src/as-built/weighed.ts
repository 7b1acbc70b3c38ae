import { EVEN_VARIANCE, OWN_PARTS } from '../balance/index.js';
import { evaluate } from '../evaluation/index.js';
import { itemPart, type Part, sumMass } from '../mass/index.js';
import {
  type Item,
  type LoadCase,
  type ProjectRecord,
  type Trailer,
  type WeighInEntry,
  weighInEntries,
} from '../project/index.js';
import { massOfWeightKg } from '../units/index.js';
import { bestEstimate, chanceOfChiSquared, type Guessed, type Row, scaleShareOf } from '../weighing/index.js';
import { OWN_GROUPS, partsOfGroup } from './masses.js';

/** Readings that are used, by their names. */
const USED = ['tongue', 'axles', 'total'] as const;
export type UsedReading = (typeof USED)[number];

/** One reading against what was thought and what is thought now, kg. */
export interface ReadingFit {
  readonly entry: WeighInEntry;
  readonly reading: UsedReading;
  readonly kg: number;
  readonly sdKg: number;
  /** what the trailer was thought to put on it before */
  readonly expectedKg: number;
  /** what it is thought to put on it now; undefined where it is not believed */
  readonly leftKg: number | undefined;
  /** it cannot be, whatever the doubts: kept, and not used */
  readonly refused: boolean;
}

/** A mass before and after the scale. Of a tank its contents when full. */
export interface MassFound {
  readonly id: string;
  readonly before: Guessed;
  readonly after: Guessed;
  /** how far behind where it was thought to stand, m; 0 where its place was sure */
  readonly behindM: number;
}

export interface Weighed {
  readonly masses: readonly MassFound[];
  readonly fits: readonly ReadingFit[];
  /** things that stand at one place in every weigh-in: the scale knows only what they weigh together */
  readonly together: readonly (readonly string[])[];
  /** chance of readings as far off as these, or further, where all is as it was thought; undefined where nothing was read */
  readonly chance: number | undefined;
  /** weigh-ins whose load is not there any more, or has no ball or axle to stand on */
  readonly unusable: readonly WeighInEntry[];
}

/** Rarer than this, and something is not as it was thought. Common practice. */
const RARE = 0.001;
/** A scale whose doubt nobody has noted is good to this share or this much, kg. Common practice. */
const USUAL_DOUBT = { share: 0.01, kg: 1 } as const;
/** What nobody doubts less than this is told apart by nothing, kg. */
const LEAST_DOUBT_KG = 0.5;
/** Alike in all readings to this: the cosine between them. */
const ALIKE = 0.9995;

interface Unknown {
  readonly id: string;
  readonly guess: Guessed;
  readonly what: 'mass' | 'place';
}

/** How much of an item was aboard when a load was weighed: of a tank its share, of anything else all or nothing. */
const fillOf = (item: Item, entry: WeighInEntry, loadCase: LoadCase): number => {
  const aboard = (entry.aboard ?? loadCase.aboard).find((own) => own.itemId === item.id);
  if (item.kind === 'tank') return aboard?.fill ?? 0;
  return item.kind === 'fixed' || aboard ? 1 : 0;
};

const unknownsOf = (trailer: Trailer): readonly Unknown[] => {
  const groups = OWN_GROUPS.flatMap((id): Unknown[] => {
    const { massKg } = sumMass(partsOfGroup(trailer, id));
    return massKg > 0
      ? [{ id, what: 'mass', guess: { value: massKg, sd: massKg * (OWN_PARTS[id] ?? 0) * Math.sqrt(EVEN_VARIANCE) } }]
      : [];
  });
  const items = trailer.items.flatMap(({ id, massKg, attach }): Unknown[] => [
    { id, what: 'mass', guess: { value: massKg.value, sd: massKg.tolerance * Math.sqrt(EVEN_VARIANCE) } },
    ...(attach.offsetM.tolerance > 0
      ? [{ id, what: 'place', guess: { value: 0, sd: attach.offsetM.tolerance * Math.sqrt(EVEN_VARIANCE) } } as const]
      : []),
  ]);
  return [...groups, ...items];
};

interface Stand {
  readonly entry: WeighInEntry;
  readonly loadCase: LoadCase;
  readonly ballXM: number;
  readonly baseM: number;
}

/** Readings of one weigh-in as rows on the unknowns: linear in masses, and in places about where things are thought to stand. */
const rowsOf = (trailer: Trailer, stand: Stand, unknowns: readonly Unknown[]) => {
  const { chassis } = evaluate(trailer);
  const { entry, loadCase, ballXM, baseM } = stand;
  const behind = (part: Pick<Part, 'centre'>): number => part.centre.xM - ballXM;
  const kinds = { tongue: 'tongue', axles: 'axle', total: 'total' } as const;
  return USED.flatMap((reading) => {
    const newtons = entry.readings[reading];
    if (newtons === undefined) return [];
    const kind = kinds[reading];
    const kg = massOfWeightKg(newtons);
    const doubtN = entry.doubtsN?.[reading];
    const sd =
      doubtN === undefined ? Math.max(USUAL_DOUBT.kg, USUAL_DOUBT.share * Math.abs(kg)) : massOfWeightKg(doubtN);
    let surelyKg = 0;
    const coefficients = unknowns.map(({ id, what }): number => {
      const item = trailer.items.find((own) => own.id === id);
      if (!item) {
        const parts = partsOfGroup(trailer, id as (typeof OWN_GROUPS)[number]);
        const { centre } = sumMass(parts);
        return centre ? scaleShareOf(kind, behind({ centre }), baseM) : 0;
      }
      const fill = fillOf(item, entry, loadCase);
      const part = itemPart(trailer, chassis, item, loadCase);
      const share = scaleShareOf(kind, behind(part), baseM);
      if (what === 'place') {
        const mass = item.emptyMassKg + fill * item.massKg.value;
        return kind === 'total' ? 0 : ((kind === 'axle' ? 1 : -1) * mass) / baseM;
      }
      if (fill > 0 || item.kind === 'tank') surelyKg += item.emptyMassKg * share;
      return fill * share;
    });
    return [{ stand, reading, kg, surelyKg, row: { coefficients, reading: kg - surelyKg, sd } satisfies Row }];
  });
};

type Reading = ReturnType<typeof rowsOf>[number];

/** Takes out, one at a time, the reading without which the rest agrees best, until what is left can be. */
const believed = (guesses: readonly Guessed[], all: readonly Reading[]): readonly Reading[] => {
  let used = all;
  for (;;) {
    const found = bestEstimate(
      guesses,
      used.map(({ row }) => row),
    );
    if (!found || used.length === 0 || chanceOfChiSquared(found.chiSquared, used.length) >= RARE) return used;
    const without = used.map((_, i) => {
      const rest = used.filter((_own, k) => k !== i);
      return (
        bestEstimate(
          guesses,
          rest.map(({ row }) => row),
        )?.chiSquared ?? Number.POSITIVE_INFINITY
      );
    });
    const worst = without.indexOf(Math.min(...without));
    used = used.filter((_, i) => i !== worst);
  }
};

const cosine = (a: readonly number[], b: readonly number[]): number => {
  const dot = a.reduce((sum, value, i) => sum + value * (b[i] ?? 0), 0);
  const size = Math.hypot(...a) * Math.hypot(...b);
  return size > 0 ? dot / size : 0;
};

/** Doubtful masses that every reading sees alike. */
const togetherOf = (unknowns: readonly Unknown[], used: readonly Reading[]): readonly (readonly string[])[] => {
  const doubtful = unknowns
    .map((unknown, i) => ({ unknown, column: used.map(({ row }) => row.coefficients[i] ?? 0) }))
    .filter(
      ({ unknown, column }) =>
        unknown.what === 'mass' && unknown.guess.sd > LEAST_DOUBT_KG && column.some((value) => Math.abs(value) > 1e-9),
    );
  const sets: { readonly column: readonly number[]; readonly ids: string[] }[] = [];
  for (const { unknown, column } of doubtful) {
    const set = sets.find((one) => cosine(one.column, column) > ALIKE);
    if (set) set.ids.push(unknown.id);
    else sets.push({ column, ids: [unknown.id] });
  }
  return sets.map(({ ids }) => ids).filter(({ length }) => length > 1);
};

/** What all weigh-ins say of the trailer's masses, by what was thought of them. */
export const weighedOf = (trailer: Trailer, record: ProjectRecord): Weighed => {
  const { cases, chassis } = evaluate(trailer);
  const unknowns = unknownsOf(trailer);
  const guesses = unknowns.map(({ guess }) => guess);
  const unusable: WeighInEntry[] = [];
  const stands = weighInEntries(record).flatMap((entry): Stand[] => {
    const balanced = cases.find(({ loadCase }) => loadCase.id === entry.caseId);
    if (!balanced?.standing || !chassis.tongue) {
      unusable.push(entry);
      return [];
    }
    const { groupCentreXM } = balanced.standing;
    return [{ entry, loadCase: balanced.loadCase, ballXM: chassis.ballXM, baseM: groupCentreXM - chassis.ballXM }];
  });
  const all = stands.flatMap((stand) => rowsOf(trailer, stand, unknowns));
  const used = believed(guesses, all);
  const rows = used.map(({ row }) => row);
  const found = bestEstimate(guesses, rows);
  const whole = bestEstimate(
    guesses,
    all.map(({ row }) => row),
  );
  const placeOf = (id: string): number => {
    const at = unknowns.findIndex((own) => own.id === id && own.what === 'place');
    return found?.after[at]?.value ?? 0;
  };
  return {
    masses: unknowns.flatMap(({ id, what, guess }, i) =>
      what === 'mass' ? [{ id, before: guess, after: found?.after[i] ?? guess, behindM: placeOf(id) }] : [],
    ),
    fits: all.map((own) => {
      const at = used.indexOf(own);
      const before = own.row.coefficients.reduce((sum, c, i) => sum + c * (guesses[i]?.value ?? 0), 0);
      return {
        entry: own.stand.entry,
        reading: own.reading,
        kg: own.kg,
        sdKg: own.row.sd,
        expectedKg: before + own.surelyKg,
        leftKg: at < 0 ? undefined : own.kg - (found?.left[at] ?? 0),
        refused: at < 0,
      };
    }),
    together: togetherOf(unknowns, used),
    chance: whole && all.length > 0 ? chanceOfChiSquared(whole.chiSquared, all.length) : undefined,
    unusable,
  };
};
