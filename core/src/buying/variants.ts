import { type Evaluation, evaluate } from '../evaluation/index.js';
import { findSection, type Trailer } from '../project/index.js';
import { failsOf } from '../evaluation/index.js';
import { type Sections, sizingSteps, usualRequest, withSections } from '../strength/index.js';
import type { Progress } from '../steps.js';
import { coatingFigures } from '../coating/index.js';
import { allWelds, gasM3, wireByMetal } from './consumables.js';
import type { LedgerLine } from './ledger.js';

/** What a design weighs and costs, for comparing it with another. */
export interface VariantFigures {
  /** bars and plates, kg */
  readonly metalKg: number;
  readonly wireKg: number;
  /** outside of its steel, m² */
  readonly coatedM2: number;
  /** each null where a price is not known */
  readonly metalPrice: number | null;
  readonly weldingPrice: number | null;
  readonly coatingPrice: number | null;
}

/** What one of a line's units costs by its ledger; null where nobody knows. */
const unitPrice = (lines: readonly LedgerLine[], id: string): number | null => {
  const found = lines.find(({ line }) => line.id === id);
  if (!found || found.planned === null || found.line.needed <= 0) return null;
  return found.planned / found.line.needed;
};

/** Amount × price; nothing costs nothing, whatever its price. */
const times = (amount: number, price: number | null): number | null =>
  amount === 0 ? 0 : price === null ? null : amount * price;
const together = (...sums: readonly (number | null)[]): number | null =>
  sums.reduce((sum, one) => (sum === null || one === null ? null : sum + one), 0);

/** Of all bars by the kilogram: which sticks they come from is another matter. */
const metalPriceOf = (trailer: Trailer, { cutList }: Evaluation): number | null =>
  together(
    ...cutList.totals.map(({ sectionId, massKg }) => {
      const section = findSection(trailer, sectionId);
      return times(massKg, (section && (section.pricePerKg ?? trailer.pricesPerKg[section.family])) ?? null);
    }),
  );

/**
 * Weight and price of a design with its welding and coating. `lines` of the present one give the prices of wire, gas and paint; welds are
 * counted all round at both ends of every bar, alike for all designs.
 */
export const variantFigures = (trailer: Trailer, lines: readonly LedgerLine[]): VariantFigures => {
  const evaluation = evaluate(trailer);
  const { chassis, cutList } = evaluation;
  const { steelKg, aluminumKg } = wireByMetal(chassis, allWelds(chassis, []));
  // Alike for all designs, whatever coats the present one: brushed paint by the prices of its primer and paint.
  const { areaM2: coatedM2, primerM3, paintM3 } = coatingFigures(chassis, { system: 'brush', where: 'rain' });
  return {
    metalKg: cutList.massKg,
    wireKg: steelKg + aluminumKg,
    coatedM2,
    metalPrice: metalPriceOf(trailer, evaluation),
    weldingPrice: together(
      times(steelKg, unitPrice(lines, 'weld-wire:steel')),
      times(aluminumKg, unitPrice(lines, 'weld-wire:aluminum')),
      times(gasM3(steelKg + aluminumKg), unitPrice(lines, 'gas')),
    ),
    coatingPrice: together(times(primerM3, unitPrice(lines, 'primer')), times(paintM3, unitPrice(lines, 'paint'))),
  };
};

/** A design beside the present one. */
export interface Variant {
  readonly sections: Sections;
  readonly figures: VariantFigures;
}
export interface Variants {
  readonly present: VariantFigures;
  /** undefined where no frame of that metal's usual tubes passes */
  readonly steel: Variant | undefined;
  readonly aluminum: Variant | undefined;
}

/** The trailer as it is, and with the lightest frame of steel and of aluminum tubes that passes. */
export const variantSteps = function* (
  trailer: Trailer,
  lines: readonly LedgerLine[],
): Generator<Progress, Variants, void> {
  const found: (Variant | undefined)[] = [];
  for (const metal of ['steel', 'aluminum'] as const) {
    const steps = sizingSteps(usualRequest(trailer, metal), failsOf);
    let step = steps.next();
    while (!step.done) {
      const { done, of } = step.value;
      yield { done: found.length + done / Math.max(1, of), of: 2 };
      step = steps.next();
    }
    const [best] = step.value.best;
    found.push(
      best && { sections: best.sections, figures: variantFigures(withSections(trailer, best.sections), lines) },
    );
  }
  return { present: variantFigures(trailer, lines), steel: found[0], aluminum: found[1] };
};
