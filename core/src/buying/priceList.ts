import Papa from 'papaparse';
import { z } from 'zod';
import { fail, ok, type Result } from '../result.js';
import { toMetres } from '../units/index.js';

/** What a supplier asks for something: of one, of a metre or of a kilogram. */
export interface PriceItem {
  /** as the supplier calls it */
  readonly name: string;
  /** of one length; undefined for what is no length */
  readonly lengthM: number | undefined;
  readonly price: number;
  readonly per: 'piece' | 'm' | 'kg';
  /** how many there are; undefined: as many as wanted, or not said */
  readonly available: number | undefined;
  /** for a cut, where it is sawn to size: `price` is then of a metre */
  readonly cutFee: number | undefined;
}

/** What is wrong with a row of a list, which is left out then; rows count from 1. */
export interface PriceRowProblem {
  readonly row: number;
  readonly name: string;
  readonly code: 'no-name' | 'no-price' | 'negative' | 'too-large' | 'bad-length' | 'unknown-unit' | 'bad-stock';
  readonly found: string;
}

export interface PriceList {
  readonly supplier: string;
  readonly currency: string;
  /** the day of its prices, YYYY-MM-DD */
  readonly date: string;
  readonly items: readonly PriceItem[];
  readonly problems: readonly PriceRowProblem[];
}

/** Why a list is not taken at all. */
export interface PriceListProblem {
  readonly code: 'not-json' | 'not-a-list' | 'empty' | 'too-long';
  readonly path: string;
}

const MOST_ROWS = 5000;
/** No piece of metal costs more, in any currency that is counted with decimals or without. */
const LARGEST = 1e8;
const LONGEST_M = 100;

const yardSchema = z.looseObject({
  yard: z.string().max(200),
  currency: z.string().max(8),
  date: z.string().regex(/^\d{4}-\d{2}-\d{2}$/),
  items: z.array(z.unknown()).max(MOST_ROWS),
});
const rowSchema = z.looseObject({});

const numberIn = (value: unknown): number => (typeof value === 'number' ? value : Number.NaN);
const shown = (value: unknown): string => (JSON.stringify(value) ?? String(value)).slice(0, 40);

const PER = { piece: 'piece', m: 'm', metre: 'm', kg: 'kg' } as const;
const isPer = (text: string): text is keyof typeof PER => Object.hasOwn(PER, text);

interface RawRow {
  readonly name: string;
  readonly price: unknown;
  readonly lengthM: unknown;
  readonly per: string;
  readonly available: unknown;
  readonly cutFee: unknown;
}

const itemOf = (raw: RawRow, row: number): PriceItem | PriceRowProblem => {
  const wrong = (code: PriceRowProblem['code'], found: unknown): PriceRowProblem => ({
    row,
    name: raw.name,
    code,
    found: shown(found),
  });
  const price = numberIn(raw.price);
  if (raw.name.trim() === '') return wrong('no-name', raw.name);
  if (!Number.isFinite(price)) return wrong('no-price', raw.price);
  if (price < 0) return wrong('negative', raw.price);
  if (price > LARGEST) return wrong('too-large', raw.price);
  if (!isPer(raw.per)) return wrong('unknown-unit', raw.per);
  const lengthM = raw.lengthM === undefined || raw.lengthM === null ? undefined : numberIn(raw.lengthM);
  if (lengthM !== undefined && !(lengthM > 0 && lengthM <= LONGEST_M)) return wrong('bad-length', raw.lengthM);
  const available = raw.available === undefined || raw.available === null ? undefined : numberIn(raw.available);
  if (available !== undefined && !(Number.isInteger(available) && available >= 0 && available <= 1e6))
    return wrong('bad-stock', raw.available);
  const cutFee = raw.cutFee === undefined || raw.cutFee === null ? undefined : numberIn(raw.cutFee);
  if (cutFee !== undefined && !(cutFee >= 0 && cutFee <= LARGEST)) return wrong('negative', raw.cutFee);
  return { name: raw.name.trim(), lengthM, price, per: PER[raw.per], available, cutFee };
};

const sorted = (rows: readonly RawRow[], firstRow: number): Pick<PriceList, 'items' | 'problems'> => {
  const read = rows.map((raw, i) => itemOf(raw, i + firstRow));
  return {
    items: read.filter((one): one is PriceItem => !('code' in one)),
    problems: read.filter((one): one is PriceRowProblem => 'code' in one),
  };
};

/** What a yard answers, as docs/yard.md says; whatever else it holds is left alone, and bad rows are named and left out. */
export const readYardList = (text: string): Result<PriceList, PriceListProblem> => {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return fail({ code: 'not-json', path: '' });
  }
  const parsed = yardSchema.safeParse(json);
  if (!parsed.success) return fail({ code: 'not-a-list', path: (parsed.error.issues[0]?.path ?? []).join('.') });
  const { yard, currency, date, items } = parsed.data;
  const rows = items.map((item): RawRow => {
    const row = rowSchema.safeParse(item);
    const fields: Record<string, unknown> = row.success ? row.data : {};
    return {
      name: typeof fields['name'] === 'string' ? fields['name'].slice(0, 200) : '',
      price: fields['price'],
      lengthM: fields['lengthM'],
      per: typeof fields['per'] === 'string' ? fields['per'] : shown(fields['per']),
      available: fields['available'],
      cutFee: fields['cutFee'],
    };
  });
  return ok({ supplier: yard, currency, date, ...sorted(rows, 1) });
};

/** A table as it came, before anybody has said which column is what. */
export interface PriceTable {
  readonly columns: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

/** Which column holds what, by its place from 0; what lengths are in and what a price is of where no column says it. */
export interface PriceColumns {
  readonly name: number;
  readonly price: number;
  readonly length: number | undefined;
  readonly lengthUnit: 'm' | 'mm' | 'ft' | 'in';
  readonly per: 'piece' | 'm' | 'kg';
}

export const readPriceTable = (text: string): Result<PriceTable, PriceListProblem> => {
  const { data } = Papa.parse<string[]>(text.replace(/^﻿/, ''), { skipEmptyLines: 'greedy' });
  const [columns, ...rows] = data;
  if (!columns || rows.length === 0) return fail({ code: 'empty', path: '' });
  if (rows.length > MOST_ROWS) return fail({ code: 'too-long', path: '' });
  return ok({ columns: columns.map((column) => column.trim()), rows });
};

/** Guesses which column is what by its heading. */
export const guessColumns = ({ columns }: PriceTable): PriceColumns => {
  const find = (words: RegExp): number => columns.findIndex((column) => words.test(column));
  const [name, price, length] = [
    find(/what|name|descr|item|section|profile|article/i),
    find(/each|price|cost|\$|€/i),
    find(/length|long/i),
  ];
  const heading = columns[length] ?? '';
  return {
    name: Math.max(0, name),
    price: price === -1 ? Math.min(1, columns.length - 1) : price,
    length: length === -1 ? undefined : length,
    lengthUnit: /mm/i.test(heading)
      ? 'mm'
      : /\bin\b|inch/i.test(heading)
        ? 'in'
        : /\bm\b|metre/i.test(heading)
          ? 'm'
          : 'ft',
    per: /kg|weight/i.test(columns[price] ?? '') ? 'kg' : 'piece',
  };
};

/** A figure as spreadsheets write it: with symbols, spaces and the thousands of its country. NaN for what is none. */
export const readFigure = (text: string): number => {
  const bare = text.replace(/[^\d.,+-]/g, '');
  if (!/\d/.test(bare)) return Number.NaN;
  const [comma, point] = [bare.lastIndexOf(','), bare.lastIndexOf('.')];
  // The later of the two is the decimal sign; a lone comma is one unless three digits follow it.
  const decimal = comma > point ? (point === -1 && /,\d{3}$/.test(bare) ? '' : ',') : '.';
  const plain = bare.replaceAll(decimal === ',' ? '.' : ',', '').replace(',', '.');
  return Number(plain);
};

/** The rows of a table by its columns; a heading's row is row 1. */
export const priceListOf = (
  table: PriceTable,
  columns: PriceColumns,
  { supplier, currency, date }: Pick<PriceList, 'supplier' | 'currency' | 'date'>,
): PriceList => {
  const rows = table.rows.map((cells): RawRow => {
    const length = columns.length === undefined ? '' : (cells[columns.length] ?? '');
    return {
      name: cells[columns.name] ?? '',
      price: readFigure(cells[columns.price] ?? ''),
      lengthM: length.trim() === '' ? undefined : toMetres(readFigure(length), columns.lengthUnit),
      per: columns.per,
      available: undefined,
      cutFee: undefined,
    };
  });
  return { supplier, currency, date, ...sorted(rows, 2) };
};
