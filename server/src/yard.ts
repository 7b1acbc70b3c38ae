import { barProperties, feet, METALS, SECTION_ROWS, type SectionRow } from '@kereta/core';
import { Router } from 'express';

/**
 * A stand-in for a steel yard: a list of prices as a real one could serve it, by what docs/yard.md says. Its prices are invented; they
 * move from day to day, and the same day always has the same ones.
 */
interface Yard {
  readonly id: string;
  readonly name: string;
  readonly currency: string;
  readonly lengthsM: readonly number[];
  readonly sells: (row: SectionRow) => boolean;
  readonly perKg: Readonly<Record<SectionRow['family'], number>>;
  /** for one cut, where it saws to size; a metre then costs so much more */
  readonly cutFee: number;
}

const MILLIMETRE_M = 1e-3;
const isMetric = ({ shape }: SectionRow): boolean =>
  Object.entries(shape)
    .filter((entry): entry is [string, number] => typeof entry[1] === 'number' && !entry[0].endsWith('RadiusM'))
    .every(([, sizeM]) => Math.abs(sizeM / MILLIMETRE_M - Math.round((sizeM / MILLIMETRE_M) * 2) / 2) < 1e-6);

const YARDS: readonly Yard[] = [
  {
    id: 'inch',
    name: 'Stand-in yard, inch sizes',
    currency: 'USD',
    lengthsM: [feet(20), feet(24)],
    sells: (row) => !isMetric(row),
    perKg: { steel: 2.6, aluminum: 9.5 },
    cutFee: 3,
  },
  {
    id: 'metric',
    name: 'Stand-in yard, metric sizes',
    currency: 'EUR',
    lengthsM: [6],
    sells: isMetric,
    perKg: { steel: 2.1, aluminum: 8.2 },
    cutFee: 2.5,
  },
];

const DAY_MS = 24 * 60 * 60 * 1000;

/** The same figure from 0 to 1 for the same words, every time. */
const steady = (words: string): number => {
  let hash = 2166136261;
  for (const sign of words) hash = Math.imul(hash ^ (sign.codePointAt(0) ?? 0), 16777619);
  return ((hash >>> 8) % 65_536) / 65_536;
};

/** What a price is of its usual one on a day: slow waves that differ from section to section. */
const moved = (row: SectionRow, day: number): number => {
  const wave = (name: string, days: number, high: number): number =>
    high * Math.sin(2 * Math.PI * (day / days + steady(`${name} ${row.family}`) + 0.05 * steady(`${name} ${row.id}`)));
  return 1 + wave('long', 480, 0.22) + wave('middle', 97, 0.07) + wave('short', 23, 0.02);
};

/** More for a length that is sold seldom. */
const handling = (row: SectionRow): number => 0.9 + 0.3 * steady(`handling ${row.id}`);
/** A supplier that saws takes so much more for a metre. */
const SAWN_MORE = 1.45;
/** Of all lengths so many are out of stock on a day, and no more than so many of one lie there. */
const OUT_OF_STOCK = 0.12;
const MOST_IN_STOCK = 14;

const cents = (price: number): number => Math.round(price * 100) / 100;

const kgPerM = (row: SectionRow): number => {
  const densityKgM3 = METALS.find(({ id }) => id === row.usualMaterialId)?.densityKgM3 ?? 0;
  return (barProperties(row)?.nominalAreaM2 ?? 0) * densityKgM3;
};

const itemsOf = ({ id, lengthsM, sells, perKg, cutFee }: Yard, day: number) =>
  SECTION_ROWS.filter(sells).flatMap((row) => {
    const perM = perKg[row.family] * moved(row, day) * handling(row) * kgPerM(row);
    const lengths = lengthsM.map((lengthM) => {
      const stock = steady(`${id} ${row.id} ${lengthM} ${Math.floor(day / 3)}`);
      return {
        name: row.designation,
        lengthM,
        price: cents(perM * lengthM),
        per: 'piece',
        available: stock < OUT_OF_STOCK ? 0 : Math.ceil(stock * MOST_IN_STOCK),
      };
    });
    const sawn = { name: row.designation, lengthM: lengthsM[0], price: cents(perM * SAWN_MORE), per: 'm', cutFee };
    return [...lengths, sawn];
  });

const DATE = /^\d{4}-\d{2}-\d{2}$/;

/** `/api/yard` names the yards, `/api/yard/:id?date=` gives the prices of one on a day, today where none is asked for. */
export const yardRoutes = (now: () => number = Date.now): Router => {
  const router = Router();
  router.get('/', (_request, response) => {
    response.json({ yards: YARDS.map(({ id, name, currency }) => ({ id, name, currency })) });
  });
  router.get('/:id', (request, response) => {
    const yard = YARDS.find(({ id }) => id === request.params.id);
    const asked = request.query['date'];
    const date = typeof asked === 'string' ? asked : new Date(now()).toISOString().slice(0, 10);
    const at = DATE.test(date) ? Date.parse(date) : Number.NaN;
    if (!yard) {
      response.status(404).json({ error: 'There is no such yard.' });
      return;
    }
    if (!Number.isFinite(at)) {
      response.status(400).json({ error: 'The date is to be written as 2026-03-01.' });
      return;
    }
    const { name, currency } = yard;
    response.json({ yard: name, currency, date, items: itemsOf(yard, Math.floor(at / DAY_MS)) });
  });
  return router;
};
