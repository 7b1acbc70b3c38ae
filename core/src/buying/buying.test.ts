import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { DEMO_TRAILERS } from '../demos/index.js';
import { evaluate } from '../evaluation/index.js';
import { ledgerTables, purchaseCsv } from '../exchange/index.js';
import { JOBS } from '../jobs/index.js';
import type { ProjectRecord, RecordEntry, Trailer } from '../project/index.js';
import { feet, inches, toKilograms } from '../units/index.js';
import { purchaseName, speaker } from '../wording/index.js';
import { allWelds, gasM3, weldWireKg } from './consumables.js';
import {
  guessColumns,
  ledgerOf,
  matchPrices,
  priceListOf,
  purchaseLines,
  type PurchaseLine,
  quotesOf,
  readFigure,
  readPriceTable,
  readYardList,
  variantFigures,
  withPrices,
  withStickPrice,
} from './index.js';
import { priceDoubt } from './ledger.js';

const apiary = DEMO_TRAILERS[0] as Trailer;
const TODAY = '2026-11-27';
const sectionsOf = (trailer: Trailer) => JOBS.sticks({ trailer, cuts: [] }, { aborted: false }, () => undefined);
const linesOf = async (trailer: Trailer): Promise<readonly PurchaseLine[]> =>
  purchaseLines(trailer, evaluate(trailer), await sectionsOf(trailer), []);
const record = (...entries: readonly RecordEntry[]): ProjectRecord => ({ entries: [...entries] });
let ids = 0;
const newId = (): string => `n${(ids += 1)}`;
const entry = () => ({ id: newId(), date: '2026-11-01' });

describe('what is used up', () => {
  test('wire by hand: 10 ft of 3/16 in fillet is 0.598 lb of triangle, a fifth fuller, 7 % lost', () => {
    // 120 in × (3/16)² / 2 = 2.109 in³; × 0.2836 lb/in³ = 0.598 lb; × 1.2 ÷ 0.93 = 0.772 lb.
    const welds = [{ memberId: 'x', lengthM: feet(10), legM: inches(3 / 16) }];
    expect(weldWireKg(welds, 7850)).toBeCloseTo(toKilograms(0.772, 'lb'), 3);
    // Twice the leg is four times the metal.
    expect(weldWireKg([{ ...welds[0], legM: inches(3 / 8) } as never], 7850)).toBeCloseTo(
      4 * weldWireKg(welds, 7850),
      9,
    );
  });
  test('a kilogram of wire takes 0.6 m³ of gas (14 l/min for 43 min)', () => {
    expect(gasM3(1)).toBeCloseTo(0.6, 9);
  });
  test('bars whose welds are not worked out are counted all round at both ends; no weld twice', () => {
    const { chassis } = evaluate(apiary);
    const [first] = chassis.members;
    const one = { memberId: first?.id ?? '', lengthM: 1, legM: 0.004 };
    const all = allWelds(chassis, [one]);
    expect(all).toHaveLength(chassis.members.length);
    expect(all.filter(({ memberId }) => memberId === first?.id)).toEqual([one]);
  });
});

describe('purchase list', () => {
  test.each(DEMO_TRAILERS)('$name: ids are its own, no amount is nothing or no figure', async (trailer) => {
    const lines = await linesOf(trailer);
    expect(new Set(lines.map(({ id }) => id)).size).toBe(lines.length);
    for (const { needed } of lines) {
      expect(needed).toBeGreaterThan(0);
      expect(Number.isFinite(needed)).toBe(true);
    }
    const say = speaker(trailer);
    for (const { what } of lines) expect(purchaseName(what, say)).not.toMatch(/undefined|NaN|null/);
  });
  test('by hand: one axle has two tires, ten nuts on five studs, four U-bolts; a tandem three hangers to a side', async () => {
    const count = (lines: readonly PurchaseLine[], id: string) => lines.find((line) => line.id === id)?.needed;
    const one = await linesOf(apiary);
    expect(['axle', 'tire', 'wheel-nut', 'u-bolt', 'spring', 'hanger'].map((id) => count(one, id))).toEqual([
      1, 2, 10, 4, 2, 4,
    ]);
    const two = await linesOf(DEMO_TRAILERS[1] as Trailer);
    expect(
      ['axle', 'tire', 'wheel-nut', 'u-bolt', 'spring', 'hanger', 'equaliser'].map((id) => count(two, id)),
    ).toEqual([2, 4, 20, 8, 4, 6, 2]);
  });
  test('the axle’s order has what its maker asks', async () => {
    const axle = (await linesOf(apiary)).find(({ id }) => id === 'axle');
    expect(axle && purchaseName(axle.what, speaker(apiary))).toBe(
      `3,500 lb axle, rated 3,500 lb, hub face 6' 7", tube 2 3/8", 5 on 4-1/2 in, with brakes`,
    );
  });
});

describe('ledger', () => {
  const line = (id: string, needed: number, each: number | null): PurchaseLine => ({
    id,
    group: 'metal',
    what: { kind: 'own', text: id },
    needed,
    unit: 'piece',
    each,
    step: 'cut',
    subject: undefined,
    source: undefined,
  });
  const withBuying = (change: Partial<Trailer['buying']>): Trailer => ({
    ...apiary,
    buying: { ...apiary.buying, ...change },
  });
  test('by hand: 2 sticks at 71 and 1 axle at 300, 8 % tax, 40 of delivery', () => {
    const trailer = withBuying({ taxShare: 0.08, delivery: 40, budget: 600 });
    const ledger = ledgerOf(trailer, record(), [line('a', 2, 71), line('b', 1, 300), line('c', 1, null)], TODAY);
    // 442 × 1.08 + 40 = 517.36.
    expect(ledger.planned).toBeCloseTo(517.36, 9);
    expect(ledger.tax).toBeCloseTo(35.36, 9);
    expect(ledger.left).toBeCloseTo(517.36, 9);
    expect(ledger.unpriced).toBe(1);
    expect(ledger.overBudget).toBeCloseTo(-82.64, 9);
  });
  test('what is paid is no longer left, planned or not; a purchase that stood on no list is kept', () => {
    const paid = record(
      { kind: 'purchase', ...entry(), what: 'a', paid: 150, lineId: 'a' },
      { kind: 'purchase', ...entry(), what: 'coffee for the helpers', paid: 12, group: 'other' },
    );
    const ledger = ledgerOf(apiary, paid, [line('a', 2, 71), line('b', 1, 300)], TODAY);
    expect([ledger.paid, ledger.left]).toEqual([162, 300]);
    expect(ledger.unplanned.map(({ what }) => what)).toEqual(['coffee for the helpers']);
    expect(ledger.groups.find(({ group }) => group === 'other')?.paid).toBe(12);
  });
  test('a purchase that is taken back counts no more; states stand as they were said last', () => {
    const bought = { kind: 'purchase', ...entry(), what: 'a', paid: 150, lineId: 'a' } as const;
    const gone = { ...bought, ...entry(), corrects: bought.id, paid: null };
    const ledger = ledgerOf(
      apiary,
      record(
        bought,
        gone,
        { kind: 'line-state', ...entry(), lineId: 'a', state: 'ordered' },
        { kind: 'line-state', ...entry(), lineId: 'b', state: 'here' },
        { kind: 'line-state', ...entry(), lineId: 'b', state: 'ordered' },
      ),
      [line('a', 2, 71), line('b', 1, 300)],
      TODAY,
    );
    expect(ledger.paid).toBe(0);
    expect(ledger.lines.map(({ state }) => state)).toEqual(['ordered', 'ordered']);
    expect(ledger.left).toBe(442);
  });
  test('what lies there is not bought, spare ones are; a typed price goes before the plan’s, a quote after it', () => {
    const trailer = withBuying({
      choices: {
        a: { own: true, spare: 3, priceEach: null, supplier: '' },
        b: { own: false, spare: 2, priceEach: 10, supplier: 'the mill' },
      },
    });
    const quoted = (lineId: string, each: number, date: string, currency = 'USD') =>
      ({ kind: 'quote', ...entry(), date, lineId, each, currency, supplier: 'yard', source: 'yard' }) as const;
    const prices = record(
      quoted('c', 300, '2026-03-01'),
      quoted('c', 520, '2026-11-20'),
      quoted('c', 9, '2026-11-25', 'EUR'),
      quoted('b', 99, '2026-11-25'),
    );
    const ledger = ledgerOf(trailer, prices, [line('a', 2, 71), line('b', 1, 300), line('c', 1, null)], TODAY);
    expect(ledger.lines.map(({ toBuy }) => toBuy)).toEqual([0, 3, 1]);
    expect(ledger.lines.map(({ planned }) => planned)).toEqual([0, 30, 520]);
    expect(ledger.lines.map(({ from }) => from)).toEqual(['plan', 'typed', 'quote']);
    expect(quotesOf(prices, 'c').map(({ each }) => each)).toEqual([300, 520, 9]);
  });
  test('older prices are doubted more, none more than three tenths', () => {
    const quote = (date: string) =>
      ({
        kind: 'quote',
        ...entry(),
        date,
        lineId: 'a',
        each: 1,
        currency: 'USD',
        supplier: '',
        source: 'list',
      }) as const;
    expect(priceDoubt('quote', quote(TODAY), TODAY)).toBeCloseTo(0.03, 9);
    expect(priceDoubt('quote', quote('2026-10-28'), TODAY)).toBeCloseTo(0.05, 9);
    expect(priceDoubt('quote', quote('2020-01-01'), TODAY)).toBe(0.3);
    expect(priceDoubt('typed', undefined, TODAY)).toBe(0.1);
    expect(priceDoubt('quote', quote('not a day'), TODAY)).toBe(0.1);
  });
  test('groups and lines add up to the whole, whatever is paid, owned or taxed', () => {
    const sum = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0);
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            needed: fc.integer({ min: 1, max: 9 }),
            each: fc.option(fc.integer({ min: 0, max: 900 })),
            paid: fc.integer({ min: 0, max: 900 }),
          }),
          { minLength: 1, maxLength: 8 },
        ),
        fc.double({ min: 0, max: 0.3, noNaN: true }),
        (rows, taxShare) => {
          const lines = rows.map(({ needed, each }, i) => line(`l${i}`, needed, each));
          const paid = rows.flatMap((row, i): RecordEntry[] =>
            row.paid > 450 ? [{ kind: 'purchase', ...entry(), what: 'x', paid: row.paid, lineId: `l${i}` }] : [],
          );
          const ledger = ledgerOf(withBuying({ taxShare }), record(...paid), lines, TODAY);
          expect(sum(ledger.groups.map((group) => group.planned))).toBeCloseTo(ledger.planned, 6);
          expect(sum(ledger.groups.map((group) => group.paid))).toBeCloseTo(ledger.paid, 6);
          expect(sum(ledger.lines.map(({ left }) => left ?? 0))).toBeCloseTo(ledger.left, 6);
          expect(ledger.doubt).toBeLessThanOrEqual(ledger.left + 1e-9);
        },
      ),
    );
  });
});

describe('lists of prices', () => {
  const yard = (items: readonly unknown[], more: object = {}): string =>
    JSON.stringify({ yard: 'A yard', currency: 'USD', date: TODAY, items, ...more });
  const good = { name: 'HSS 4 x 2 x 3/16', lengthM: 6.096, price: 120, per: 'piece', available: 4 };
  test('what lies is named and left out, what is good is kept', () => {
    const read = readYardList(
      yard([
        good,
        { ...good, price: -5 },
        { ...good, price: null },
        { ...good, price: '120' },
        { ...good, price: 1e12 },
        { ...good, lengthM: 0 },
        { ...good, lengthM: 6096 },
        { ...good, per: 'furlong' },
        { ...good, available: 1.5 },
        { ...good, name: '' },
        'nonsense',
        { ...good, cutFee: -1 },
      ]),
    );
    if (!read.ok) throw new Error(read.error.code);
    expect(read.value.items).toHaveLength(1);
    expect(read.value.problems.map(({ row, code }) => `${row} ${code}`)).toEqual([
      '2 negative',
      '3 no-price',
      '4 no-price',
      '5 too-large',
      '6 bad-length',
      '7 bad-length',
      '8 unknown-unit',
      '9 bad-stock',
      '10 no-name',
      '11 no-name',
      '12 negative',
    ]);
  });
  test('an answer that is no list is refused as a whole', () => {
    expect(readYardList('<html>')).toMatchObject({ ok: false, error: { code: 'not-json' } });
    expect(readYardList('{"yard":"x"}')).toMatchObject({ ok: false, error: { code: 'not-a-list' } });
    expect(readYardList(yard([], { date: 'today' }))).toMatchObject({
      ok: false,
      error: { code: 'not-a-list', path: 'date' },
    });
  });
  test('any answer whatever is read or refused, never thrown at', () => {
    fc.assert(
      fc.property(fc.jsonValue(), (items) => {
        const read = readYardList(yard(items as never));
        if (read.ok) for (const { price } of read.value.items) expect(Number.isFinite(price) && price >= 0).toBe(true);
      }),
    );
  });
  test('figures as spreadsheets write them', () => {
    const figures = ['$1,234.50', '1.234,50 €', '12,5', '1,234', '  7 ', '-3', 'call us', ''];
    expect(figures.map(readFigure)).toEqual([1234.5, 1234.5, 12.5, 1234, 7, -3, Number.NaN, Number.NaN]);
  });
  test('a price by the kilogram or the metre becomes one of a stick; what is far off is doubted', async () => {
    const { cutList } = evaluate(apiary);
    const total = cutList.totals.find(({ designation }) => designation === good.name);
    if (!total) throw new Error('no such section');
    const kgPerM = total.massKg / total.lengthM;
    const list = readYardList(
      yard([
        good,
        { ...good, per: 'kg', price: 2 },
        { ...good, per: 'm', price: 20, name: 'HSS 4×2×3/16"' },
        { ...good, price: 12_000 },
        { name: 'Jack with foot, for at least 2,000 lb', price: 55, per: 'piece' },
        { name: 'A boat', price: 1, per: 'piece' },
      ]),
    );
    if (!list.ok) throw new Error(list.error.code);
    const say = speaker(apiary);
    const matches = matchPrices(list.value, cutList, await linesOf(apiary), ({ what }) => purchaseName(what, say));
    expect(matches.map(({ each }) => each)).toEqual([
      120,
      expect.closeTo(2 * kgPerM * 6.096, 9),
      expect.closeTo(121.92, 9),
      12_000,
      55,
    ]);
    expect(matches.map(({ unlikely }) => unlikely)).toEqual([false, false, false, true, false]);
    const priced = withPrices(apiary, list.value, matches.slice(0, 1).concat(matches.slice(4)), newId);
    expect(priced.cutting.stock).toMatchObject([
      { sectionId: total.sectionId, lengthM: 6.096, price: 120, available: 4 },
    ]);
    expect(priced.buying.choices['jack']).toMatchObject({ priceEach: 55, supplier: 'A yard' });
    // Asked again, the same row has the new price.
    const again = withPrices(priced, list.value, matches.slice(1, 2), newId);
    expect(again.cutting.stock).toHaveLength(1);
    // A note of one's own is not written over.
    const noted = {
      ...priced,
      cutting: { ...priced.cutting, stock: priced.cutting.stock.map((row) => ({ ...row, note: 'by the mill' })) },
    };
    expect(withPrices(noted, list.value, matches.slice(1, 2), newId).cutting.stock[0]).toMatchObject({
      note: 'by the mill',
    });
  });
  test('our own list comes back as it went out: prices typed into the CSV are taken', async () => {
    const lines = await linesOf(apiary);
    const ledger = ledgerOf(apiary, record(), lines, TODAY);
    const csv = purchaseCsv(apiary, ledger);
    const table = readPriceTable(csv);
    if (!table.ok) throw new Error(table.error.code);
    expect(table.value.rows).toHaveLength(lines.length);
    const columns = guessColumns(table.value);
    expect([table.value.columns[columns.name], table.value.columns[columns.price]]).toEqual(['What', 'Each, USD']);
    const filled = {
      ...table.value,
      rows: table.value.rows.map((row) => row.map((cell, i) => (i === columns.price ? '12.50' : cell))),
    };
    const list = priceListOf(
      filled,
      { ...columns, length: undefined },
      { supplier: 'x', currency: 'USD', date: TODAY },
    );
    const say = speaker(apiary);
    const matches = matchPrices(list, evaluate(apiary).cutList, lines, ({ what }) => purchaseName(what, say));
    expect(matches.map(({ lineId }) => lineId)).toEqual(lines.map(({ id }) => id));
  });
  test('a list in any order of columns, with lengths in feet', () => {
    const table = readPriceTable(
      'Price $;Stock no;Length ft;Description\n142,00;7;20;HSS 4 x 2 x 3/16\n;8;20;Nothing\n',
    );
    if (!table.ok) throw new Error(table.error.code);
    const columns = guessColumns(table.value);
    const list = priceListOf(table.value, columns, { supplier: 'x', currency: 'USD', date: TODAY });
    expect(list.items).toMatchObject([{ name: 'HSS 4 x 2 x 3/16', price: 142, lengthM: feet(20), per: 'piece' }]);
    expect(list.problems).toMatchObject([{ row: 3, code: 'no-price' }]);
    expect(readPriceTable('only a heading')).toMatchObject({ ok: false, error: { code: 'empty' } });
  });
});

test('tables for a spreadsheet: sums are numbers, and the same as the ledger’s', async () => {
  const trailer = {
    ...apiary,
    buying: {
      ...apiary.buying,
      lines: [{ id: 'own.1', group: 'other' as const, what: 'Gloves', count: 2, priceEach: 9.99, note: '' }],
    },
  };
  const ledger = ledgerOf(
    trailer,
    record({ kind: 'purchase', ...entry(), what: 'Tape', paid: 4.5 }),
    await linesOf(trailer),
    TODAY,
  );
  const [buy, paid, sums] = ledgerTables(trailer, ledger);
  expect(buy?.rows.at(-1)).toEqual(['What else there is', 'Gloves', '2', 9.99, 19.98, 'to buy', '', 0, 19.98]);
  expect(paid?.rows).toEqual([['2026-11-01', 'Tape', 'not planned', '', 4.5, '']]);
  expect(sums?.rows.at(-1)?.slice(0, 4)).toEqual(['Together', 19.98, 4.5, 19.98]);
});

describe('a price typed for a stick', () => {
  const stick = { sectionId: 'hss-4x2x3_16', lengthM: feet(24) };
  test('stands with the stock; the other usual lengths stay in the plan, their prices missing', async () => {
    const priced = withStickPrice(apiary, stick, 90, newId);
    expect(priced.cutting.stock.map(({ lengthM, price }) => [lengthM, price])).toEqual([
      [feet(20), null],
      [feet(24), 90],
    ]);
    const line = (await linesOf(priced)).find(({ id }) => id.startsWith('stick:hss-4x2x3_16'));
    expect(line).toMatchObject({ needed: 2, each: 90 });
  });
  test('once both are priced, the cheaper way is bought: three of 20 ft at 50 before two of 24 at 90', async () => {
    const both = withStickPrice(withStickPrice(apiary, stick, 90, newId), { ...stick, lengthM: feet(20) }, 50, newId);
    expect(both.cutting.stock).toHaveLength(2);
    const line = (await linesOf(both)).find(({ id }) => id.startsWith('stick:hss-4x2x3_16'));
    expect(line).toMatchObject({ needed: 3, each: 50 });
  });
  test('taken out again it is missing', () => {
    const priced = withStickPrice(withStickPrice(apiary, stick, 90, newId), stick, null, newId);
    expect(priced.cutting.stock.map(({ price }) => price)).toEqual([null, null]);
  });
});

describe('designs side by side', () => {
  test('by hand: wire and paint at what the list says of the present design; nothing where a price is missing', async () => {
    const lines = await linesOf(apiary);
    const choices = Object.fromEntries(
      ['weld-wire:steel', 'gas', 'primer', 'paint'].map((id) => [
        id,
        { own: false, spare: 0, priceEach: 30, supplier: '' },
      ]),
    );
    const priced = {
      ...apiary,
      pricesPerKg: { steel: 2.5, aluminum: null },
      buying: { ...apiary.buying, choices },
    };
    const ledger = ledgerOf(priced, record(), lines, TODAY);
    const figures = variantFigures(priced, ledger.lines);
    const { cutList } = evaluate(apiary);
    const barsKg = cutList.totals.reduce((sum, { massKg }) => sum + massKg, 0);
    expect(figures.metalPrice).toBeCloseTo(2.5 * barsKg, 9);
    // No weld was worked out for the list either: its amounts are this design's own.
    expect(figures.weldingPrice).toBeCloseTo(60, 6);
    expect(figures.coatingPrice).toBeCloseTo(60, 6);
    expect(variantFigures(apiary, ledgerOf(apiary, record(), lines, TODAY).lines)).toMatchObject({
      metalPrice: null,
      weldingPrice: null,
      coatingPrice: null,
    });
  });
  test('the lightest steel frame is no heavier than the present one where that passes; aluminum needs no paint', async () => {
    const { present, steel, aluminum } = await JOBS.variants(
      { trailer: apiary, lines: [] },
      { aborted: false },
      () => undefined,
    );
    expect(present.metalKg).toBeCloseTo(evaluate(apiary).cutList.massKg, 9);
    for (const variant of [steel, aluminum]) expect(variant?.figures.metalKg).toBeGreaterThan(0);
    expect(aluminum?.figures.metalKg).toBeLessThan(steel?.figures.metalKg ?? 0);
    expect(aluminum?.figures.coatedM2).toBe(0);
    expect(aluminum?.figures.coatingPrice).toBe(0);
  }, 60_000);
});
