import { formatMoney, fromKilograms, type Ledger, PURCHASE_GROUP_NAMES } from '@kereta/core';
import { useEditing } from '../fields/editing';
import { QuantityField } from '../fields/QuantityField';
import type { Purchases } from './purchases';

const MOST_MONEY = 1e8;

interface SumsProps {
  readonly ledger: Ledger;
  /** what it may carry, kg; undefined where the plate's gross is missing */
  readonly payloadKg: number | undefined;
  readonly purchases: Purchases;
}

/** Planned against paid by group, what is left, and what may be spent. */
export const Sums = ({ ledger, payloadKg, purchases }: SumsProps) => {
  const { trailer } = useEditing();
  const { currency, units } = trailer.settings;
  const { taxShare, delivery, budget } = trailer.buying;
  const money = (sum: number): string => formatMoney(sum, currency);
  /** No sum where no price is known: nothing would be a wrong one. */
  const known = (sum: number, unpriced: number): string => (sum === 0 && unpriced > 0 ? '–' : money(sum));
  const whole = ledger.paid + ledger.left;
  const perUnit =
    payloadKg === undefined || payloadKg <= 0
      ? undefined
      : whole / (units === 'imperial' ? fromKilograms(payloadKg, 'lb') : payloadKg);
  return (
    <section aria-label="Money" className="mt-2">
      <table className="narrow w-full text-[14.5px]" aria-label="Planned and paid">
        <thead>
          <tr className="mute text-right">
            <th scope="col" className="text-left font-normal">
              Group
            </th>
            <th scope="col" className="font-normal">
              Planned
            </th>
            <th scope="col" className="font-normal">
              Paid
            </th>
            <th scope="col" className="font-normal">
              Left
            </th>
          </tr>
        </thead>
        <tbody>
          {ledger.groups.map(({ group, planned, paid, left, unpriced }) => (
            <tr key={group} className="border-t border-base-300 text-right">
              <th scope="row" className="py-1 text-left font-normal">
                {PURCHASE_GROUP_NAMES[group]}
                {unpriced > 0 && <span className="mute">, {unpriced} without a price</span>}
              </th>
              <td>{known(planned, unpriced)}</td>
              <td>{money(paid)}</td>
              <td>{known(left, unpriced)}</td>
            </tr>
          ))}
          {delivery > 0 && (
            <tr className="border-t border-base-300 text-right">
              <th scope="row" className="py-1 text-left font-normal">
                Deliveries
              </th>
              <td>{money(delivery)}</td>
              <td colSpan={2} className="mute">
                with what is left
              </td>
            </tr>
          )}
          <tr className="border-t border-[var(--ink)] text-right font-semibold">
            <th scope="row" className="py-1 text-left">
              Together{taxShare > 0 && ', with tax'}
            </th>
            <td>{known(ledger.planned, ledger.unpriced)}</td>
            <td>{money(ledger.paid)}</td>
            <td>{known(ledger.left, ledger.unpriced)}</td>
          </tr>
        </tbody>
      </table>
      <p className="mt-2" role="status">
        {ledger.left > 0
          ? `It will have cost ${money(whole)}, give or take ${money(ledger.doubt)} for prices that move`
          : whole > 0
            ? `It has cost ${money(whole)}`
            : 'Nothing is priced or paid yet'}
        {ledger.unpriced > 0 &&
          `; ${ledger.unpriced === 1 ? 'one line has' : `${ledger.unpriced} lines have`} no price yet and ${ledger.unpriced === 1 ? 'is' : 'are'} not in it`}
        .
        {perUnit !== undefined &&
          whole > 0 &&
          ` That is ${money(perUnit)} for each ${units === 'imperial' ? 'lb' : 'kg'} it may carry.`}
        {ledger.overBudget !== undefined &&
          (ledger.overBudget > 0
            ? ` ${money(ledger.overBudget)} more than the budget.`
            : ` ${money(-ledger.overBudget)} of the budget is left.`)}
      </p>
      <div className="no-print mt-2 grid grid-cols-2 gap-3 sm:grid-cols-4">
        <QuantityField
          label="Tax on top"
          kind="percent"
          value={taxShare}
          min={0}
          max={1}
          onCommit={(share) => purchases.change('tax', { taxShare: share })}
        />
        <QuantityField
          label={`Deliveries, ${currency}`}
          kind="number"
          value={delivery}
          min={0}
          max={MOST_MONEY}
          onCommit={(sum) => purchases.change('deliveries', { delivery: sum })}
        />
        <QuantityField
          label={`Budget, ${currency}`}
          kind="number"
          value={budget}
          min={0}
          max={MOST_MONEY}
          onCommit={(sum) => purchases.change('budget', { budget: sum })}
          onClear={() => purchases.change('budget', { budget: null })}
        />
      </div>
    </section>
  );
};
