import type { Highs } from 'highs';
import { type CuttingPlan, type CuttingProblem, nestSteps } from '../nesting/index.js';
import type { CutEntry, Trailer } from '../project/index.js';
import type { Progress } from '../steps.js';
import type { CutList, StockTotal } from './cutList.js';
import { type CutPiece, cutPiecesOf } from './cutPieces.js';
import { type FixedStick, fixedSticks, roomOn } from './fixedSticks.js';
import { HUNDREDTHS, type Offer, offersOf, type PartPieces, partsOf, unitOf, up } from './offers.js';
import { stickPiecesOf } from './stickPieces.js';
import { stockOf } from './stock.js';
import { laidOn, type OnStick, type Stick, type StickPiece, type StickSection } from './sticks.js';

/** What is asked of one section and metal. */
interface Asked {
  readonly problem: CuttingProblem;
  readonly offers: readonly Offer[];
  readonly parts: readonly PartPieces[];
  readonly fixed: readonly FixedStick[];
  readonly priced: boolean;
  readonly assumed: boolean;
}

/** What all sections draw on: rows of stock, and the numbers that sticks are called by. */
interface Shared {
  readonly used: Map<string, number>;
  readonly numbers: Set<number>;
}

/** What is wanted of a section and metal, and the sticks of it that are kept or begun. */
const heldOf = (
  trailer: Trailer,
  cutList: CutList,
  total: StockTotal,
  cuts: readonly CutPiece[],
): { readonly pieces: readonly StickPiece[]; readonly fixed: readonly FixedStick[] } => {
  const rows = cutList.rows.filter(
    (row) => row.sectionId === total.sectionId && row.materialName === total.materialName,
  );
  const pieces = stickPiecesOf(trailer, rows);
  return { pieces, fixed: fixedSticks(trailer, total, pieces, cuts) };
};

const askedOf = (
  trailer: Trailer,
  total: StockTotal,
  { pieces, fixed }: ReturnType<typeof heldOf>,
  cuts: readonly CutPiece[],
  { used }: Shared,
): Asked => {
  const { kerfM, trimM } = trailer.cutting;
  const there = new Set(fixed.flatMap(({ on }) => on.filter(({ state }) => state !== 'wrong').map(({ id }) => id)));
  const pool = pieces.filter(({ id }) => !there.has(id));
  const unitM = unitOf(
    pool.map(({ lengthM }) => lengthM),
    kerfM,
    stockOf(trailer, total).map(({ lengthM }) => lengthM - 2 * trimM),
  );
  const parts = partsOf(pool, kerfM, unitM);
  const { offers, priced, assumed } = offersOf({ trailer, total, parts, fixed, cuts, used, unitM });
  return {
    problem: { kerf: up(kerfM, unitM), stock: offers, parts: parts.map(({ part }) => part) },
    offers,
    parts,
    fixed,
    priced,
    assumed,
  };
};

/** What a stick costs by its row of stock as it is now; a stick that is kept may have been planned at another price. */
const priceNow = ({ cutting }: Trailer, { onHand, origin, stockId, price }: FixedStick['stick']): number | null => {
  if (onHand) return 0;
  const row = origin === 'stock' ? cutting.stock.find(({ id }) => id === stockId) : undefined;
  return row ? row.price : price;
};

const stickOf = (
  trailer: Trailer,
  { stick, held }: Pick<FixedStick, 'stick' | 'held'>,
  on: readonly OnStick[],
): Stick => {
  const { kerfM, keepM } = trailer.cutting;
  const { trimM, lengthM } = stick;
  const leftM = Math.max(0, roomOn(stick, on, kerfM));
  return {
    ...stick,
    held,
    price: priceNow(trailer, stick),
    lengthM,
    pieces: laidOn(on, { kerfM, trimM }).pieces,
    leftM,
    kept: leftM > 0 && leftM >= keepM,
  };
};

/** The lowest number that no stick has. */
const nextNumber = (numbers: Set<number>): number => {
  let number = 1;
  while (numbers.has(number)) number += 1;
  numbers.add(number);
  return number;
};

/** Sticks of a section as they are to be cut: those that are fixed with what is put on their ends, and new ones, the longest first. */
const sticksOf = (
  trailer: Trailer,
  { sectionId, materialName }: StockTotal,
  { offers, parts, fixed }: Asked,
  plan: CuttingPlan,
  { numbers }: Shared,
): readonly Stick[] => {
  const left = parts.map(({ pieces }) => [...pieces]);
  const added = new Map<FixedStick, OnStick[]>();
  const fresh = plan.patterns
    .flatMap(({ times, ...pattern }) => Array.from({ length: times }, () => pattern))
    .sort((a, b) => (offers[b.stock]?.length ?? 0) - (offers[a.stock]?.length ?? 0))
    .flatMap(({ stock, counts }) => {
      const own = counts.flatMap((count, part) => left[part]?.splice(0, count) ?? []);
      const from = offers[stock]?.from;
      if (from?.kind === 'rest') added.set(from.stick, own);
      return from?.kind === 'fresh' ? [{ from: from.stick, own }] : [];
    })
    .map(({ from, own }) => {
      const number = nextNumber(numbers);
      const pieces = own.map(({ id }) => id);
      const stick = { ...from, id: `plan.${number}`, number, sectionId, materialName, pieces };
      return stickOf(trailer, { stick, held: false }, own);
    });
  const begun = fixed.map((one) => stickOf(trailer, one, [...one.on, ...(added.get(one) ?? [])]));
  return [...begun, ...fresh].sort((a, b) => a.number - b.number);
};

/**
 * How every bar is cut out of what there is and what is sold: section by section, each to the least price. Sticks that are held or begun stay
 * as they are; `cuts` are those that count.
 */
export const stickPlanSteps = function* (
  highs: Highs,
  trailer: Trailer,
  cutList: CutList,
  cuts: readonly CutEntry[],
): Generator<Progress, readonly StickSection[], void> {
  const { totals } = cutList;
  const sections: StickSection[] = [];
  const cut = cutPiecesOf(trailer, cutList, cuts);
  const kept = totals.map((total) => heldOf(trailer, cutList, total, cut));
  // Of a section that nothing is made of any more what is cut is cut all the same.
  const there = new Map([
    ...cuts.map(({ stick }) => [stick.id, stick] as const),
    ...kept.flatMap(({ fixed }) => fixed.map(({ stick }) => [stick.id, stick] as const)),
  ]);
  const shared: Shared = { used: new Map(), numbers: new Set([...there.values()].map(({ number }) => number)) };
  const use = (id: string | null | undefined, times: number): void => {
    if (id !== null && id !== undefined) shared.used.set(id, (shared.used.get(id) ?? 0) + times);
  };
  for (const { stockId } of there.values()) use(stockId, 1);
  for (const [index, total] of totals.entries()) {
    const own = kept[index];
    if (!own) continue;
    const { sectionId, designation, materialName } = total;
    const asked = askedOf(trailer, total, own, cut, shared);
    const steps = nestSteps(highs, asked.problem);
    let step = steps.next();
    while (!step.done) {
      yield { done: sections.length, of: totals.length };
      step = steps.next();
    }
    const plain = { sectionId, designation, materialName, byPrice: asked.priced };
    const heldSticks = asked.fixed.filter(({ held }) => held).length;
    if (!step.value.ok) {
      const { error } = step.value;
      const marks =
        'parts' in error ? error.parts.flatMap((i) => asked.parts[i]?.pieces.map(({ mark }) => mark) ?? []) : [];
      const problem = { code: error.code, marks: [...new Set(marks)], assumed: asked.assumed };
      const sticks = asked.fixed.map((one) => stickOf(trailer, one, one.on));
      sections.push({ ...plain, sticks, price: null, proved: false, gap: 1, heldSticks, problem });
      continue;
    }
    const { value } = step.value;
    for (const { stock, times } of value.patterns) {
      const from = asked.offers[stock]?.from;
      if (from?.kind === 'fresh') use(from.stick.stockId, times);
    }
    const sticks = sticksOf(trailer, total, asked, value, shared);
    const prices = sticks.map(({ price }) => price);
    sections.push({
      ...plain,
      sticks,
      price: prices.includes(null)
        ? null
        : prices.reduce<number>((sum, price) => sum + Math.round((price ?? 0) * HUNDREDTHS), 0) / HUNDREDTHS,
      proved: value.proved,
      gap: value.price > 0 ? (value.price - value.leastPrice) / value.price : 0,
      heldSticks,
      problem: undefined,
    });
  }
  return sections;
};
