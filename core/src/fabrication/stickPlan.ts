import type { Highs } from 'highs';
import { type CuttingPlan, type CuttingProblem, nestSteps, type Part } from '../nesting/index.js';
import { findSection, type Trailer } from '../project/index.js';
import type { Progress } from '../steps.js';
import { inches, millimetres } from '../units/index.js';
import type { CutList, CutRow, StockTotal } from './cutList.js';
import { laidOn, type Stick, type StickPiece, type StickSection } from './sticks.js';
import { type Offered, stockOf } from './stock.js';

const up = (lengthM: number, unitM: number): number => Math.ceil(lengthM / unitM - 1e-6);
const down = (lengthM: number, unitM: number): number => Math.floor(lengthM / unitM + 1e-6);

/** Lengths are counted in one of these, m: pieces upwards, sticks downwards. */
const UNITS_M = [inches(1 / 32), millimetres(0.5)] as const;

/** The unit in which the pieces are lengthened least, whatever their sizes are told in. */
const unitOf = (lengthsM: readonly number[]): number => {
  const lostM = (unitM: number): number =>
    lengthsM.reduce((sum, lengthM) => sum + up(lengthM, unitM) * unitM - lengthM, 0);
  const [inch, metre] = UNITS_M;
  return lostM(metre) < lostM(inch) ? metre : inch;
};
/** Prices are counted in hundredths. */
const HUNDREDTHS = 100;

/** Closed and flat shapes can be turned over, so that any slant of theirs lies against another. */
const TURNED_OVER: ReadonlySet<string> = new Set(['rect-tube', 'round-tube', 'flat-bar']);

const pieceOf = (trailer: Trailer, row: CutRow): StickPiece => {
  const [first, second] = row.ends;
  const angles = row.ends.map((end) => (end.kind === 'mitre' ? end.offSquareRad : 0));
  const angleRad = Math.max(...angles);
  const bevelled = row.ends.some((end) => end.kind === 'mitre' && (end.bevelRad ?? 0) > 1e-6);
  const both = row.shape === 'parallel' || row.shape === 'same-side';
  const slantM = (row.cutLengthM - row.faceLengthM) / (row.shape === 'same-side' ? 2 : 1);
  const nests =
    both &&
    first.kind === 'mitre' &&
    second.kind === 'mitre' &&
    Math.abs(first.offSquareRad - second.offSquareRad) < 1e-6 &&
    !bevelled &&
    row.cutLaterM === 0 &&
    slantM > 0 &&
    slantM < row.faceLengthM &&
    TURNED_OVER.has(findSection(trailer, row.sectionId)?.shape.kind ?? '');
  return {
    mark: row.mark,
    lengthM: row.cutLengthM + row.cutLaterM,
    shape: row.shape,
    slantM,
    angleRad,
    nests: nests ? { name: `${row.shape} ${angleRad.toFixed(5)}` } : undefined,
  };
};

interface Asked {
  readonly problem: CuttingProblem;
  readonly stock: readonly Offered[];
  /** pieces of each part */
  readonly pieces: readonly (readonly StickPiece[])[];
  readonly priced: boolean;
}

const askedOf = (
  trailer: Trailer,
  rows: readonly CutRow[],
  total: StockTotal,
  used: ReadonlyMap<string, number>,
): Asked => {
  const { kerfM, trimM } = trailer.cutting;
  const stock = stockOf(trailer, total);
  const unitM = unitOf(rows.map(({ cutLengthM, cutLaterM }) => cutLengthM + cutLaterM));
  const priced = stock.every(({ price, onHand }) => onHand || price !== null);
  const parts = new Map<string, { part: Part; pieces: StickPiece[] }>();
  for (const row of rows) {
    const piece = pieceOf(trailer, row);
    const lostM = kerfM / Math.cos(piece.angleRad) - kerfM;
    const slant = piece.nests ? down(piece.slantM - lostM, unitM) : 0;
    const length = up(piece.lengthM, unitM);
    const key = `${length} ${slant > 0 ? `${piece.nests?.name} ${slant}` : ''}`;
    const known = parts.get(key);
    const pieces = [...(known?.pieces ?? []), ...Array.from({ length: row.quantity }, () => piece)];
    const nests = slant > 0 && piece.nests ? { nests: { name: piece.nests.name, slant } } : {};
    parts.set(key, { part: { length, quantity: pieces.length, ...nests }, pieces });
  }
  return {
    problem: {
      kerf: up(kerfM, unitM),
      stock: stock.map(({ id, lengthM, price, onHand, available }) => ({
        length: Math.max(0, down(lengthM - 2 * trimM, unitM)),
        // Where no price is known, the least metal is bought.
        price: onHand ? 0 : priced ? Math.round((price ?? 0) * HUNDREDTHS) : up(lengthM, unitM),
        available: available === null ? null : Math.max(0, available - (used.get(id ?? '') ?? 0)),
      })),
      parts: [...parts.values()].map(({ part }) => part),
    },
    stock,
    pieces: [...parts.values()].map(({ pieces }) => pieces),
    priced,
  };
};

const sticksOf = (
  trailer: Trailer,
  { stock, pieces, problem }: Asked,
  plan: CuttingPlan,
  from: number,
): readonly Stick[] => {
  const { kerfM, trimM, keepM } = trailer.cutting;
  const left = pieces.map((own) => [...own]);
  return plan.patterns
    .flatMap(({ times, ...pattern }) => Array.from({ length: times }, () => pattern))
    .sort((a, b) => (problem.stock[b.stock]?.length ?? 0) - (problem.stock[a.stock]?.length ?? 0))
    .map(({ stock: index, counts }, i): Stick => {
      const own = counts.flatMap((count, part) => left[part]?.splice(0, count) ?? []);
      const row = stock[index];
      const lengthM = row?.lengthM ?? 0;
      const { pieces: laid, takenM } = laidOn(own, { kerfM, trimM });
      const leftM = Math.max(0, lengthM - 2 * trimM - takenM - kerfM);
      return {
        number: from + i,
        lengthM,
        price: row?.onHand ? 0 : (row?.price ?? null),
        onHand: row?.onHand ?? false,
        note: row?.note ?? '',
        pieces: laid,
        leftM,
        kept: leftM > 0 && leftM >= keepM,
      };
    });
};

/** How every bar is cut out of what there is and what is sold: section by section, each to the least price. */
export const stickPlanSteps = function* (
  highs: Highs,
  trailer: Trailer,
  { totals, rows }: CutList,
): Generator<Progress, readonly StickSection[], void> {
  const sections: StickSection[] = [];
  let number = 1;
  // Sections of two metals draw on the same stock.
  const used = new Map<string, number>();
  for (const total of totals) {
    const { sectionId, designation, materialName } = total;
    const own = rows.filter((row) => row.sectionId === sectionId && row.materialName === materialName);
    const asked = askedOf(trailer, own, total, used);
    const steps = nestSteps(highs, asked.problem);
    let step = steps.next();
    while (!step.done) {
      yield { done: sections.length, of: totals.length };
      step = steps.next();
    }
    const plain = { sectionId, designation, materialName };
    if (!step.value.ok) {
      const { error } = step.value;
      const marks = 'parts' in error ? error.parts.flatMap((i) => asked.pieces[i]?.map(({ mark }) => mark) ?? []) : [];
      const assumed = asked.stock.some(({ id }) => id === undefined);
      const problem = { code: error.code, marks: [...new Set(marks)], assumed };
      sections.push({ ...plain, sticks: [], price: null, proved: false, gap: 1, problem });
      continue;
    }
    const { value } = step.value;
    for (const { stock, times } of value.patterns) {
      const id = asked.stock[stock]?.id ?? '';
      used.set(id, (used.get(id) ?? 0) + times);
    }
    const sticks = sticksOf(trailer, asked, value, number);
    number += sticks.length;
    sections.push({
      ...plain,
      sticks,
      price: asked.priced ? value.price / HUNDREDTHS : null,
      proved: value.proved,
      gap: value.price > 0 ? (value.price - value.leastPrice) / value.price : 0,
      problem: undefined,
    });
  }
  return sections;
};
