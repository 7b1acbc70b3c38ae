import { formatMoney, fromKilograms, type Ledger, PURCHASE_GROUP_NAMES } from '@kereta/core';
import { useEditing } from '../fields/editing';
import { QuantityField } from '../fields/QuantityField';
import type { Purchases } from './purchases';
import { figures, t } from '../fields/language/t';

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
  const money = (sum: number): string => figures(formatMoney(sum, currency));
  /** No sum where no price is known: nothing would be a wrong one. */
  const known = (sum: number, unpriced: number): string => (sum === 0 && unpriced > 0 ? '–' : money(sum));
  const whole = ledger.paid + ledger.left;
  const perUnit =
    payloadKg === undefined || payloadKg <= 0
      ? undefined
      : whole / (units === 'imperial' ? fromKilograms(payloadKg, 'lb') : payloadKg);
  return (
    <section aria-label={t('Money')} className="mt-2">
      <table className="narrow w-full text-[14.5px]" aria-label={t('Planned and paid')}>
        <thead>
          <tr className="mute text-right">
            <th scope="col" className="text-left font-normal">
              {t('Group')}
            </th>
            <th scope="col" className="font-normal">
              {t('Planned')}
            </th>
            <th scope="col" className="font-normal">
              {t('Paid')}
            </th>
            <th scope="col" className="font-normal">
              {t('Left')}
            </th>
          </tr>
        </thead>
        <tbody>
          {ledger.groups.map(({ group, planned, paid, left, unpriced }) => (
            <tr key={group} className="border-t border-base-300 text-right">
              <th scope="row" className="py-1 text-left font-normal">
                {t(PURCHASE_GROUP_NAMES[group])}
                {unpriced > 0 && <span className="mute">{t(', {unpriced} without a price', { unpriced })}</span>}
              </th>
              <td>{known(planned, unpriced)}</td>
              <td>{money(paid)}</td>
              <td>{known(left, unpriced)}</td>
            </tr>
          ))}
          {delivery > 0 && (
            <tr className="border-t border-base-300 text-right">
              <th scope="row" className="py-1 text-left font-normal">
                {t('Deliveries')}
              </th>
              <td>{money(delivery)}</td>
              <td colSpan={2} className="mute">
                {t('with what is left')}
              </td>
            </tr>
          )}
          <tr className="border-t border-[var(--ink)] text-right font-semibold">
            <th scope="row" className="py-1 text-left">
              {t('Together')}
              {taxShare > 0 && t(', with tax')}
            </th>
            <td>{known(ledger.planned, ledger.unpriced)}</td>
            <td>{money(ledger.paid)}</td>
            <td>{known(ledger.left, ledger.unpriced)}</td>
          </tr>
        </tbody>
      </table>
      <p className="mt-2" role="status">
        {ledger.left > 0
          ? t('It will have cost {whole}, give or take {doubt} for prices that move', {
              whole: money(whole),
              doubt: money(ledger.doubt),
            })
          : whole > 0
            ? t('It has cost {whole}', { whole: money(whole) })
            : t('Nothing is priced or paid yet')}
        {ledger.unpriced > 0 &&
          (ledger.unpriced === 1
            ? t('; one line has no price yet and is not in it')
            : t('; {unpriced} lines have no price yet and are not in it', { unpriced: ledger.unpriced }))}
        .
        {perUnit !== undefined &&
          whole > 0 &&
          ` ${t('That is {perUnit} for each {units} it may carry.', { perUnit: money(perUnit), units: units === 'imperial' ? 'lb' : 'kg' })}`}
        {ledger.overBudget !== undefined &&
          (ledger.overBudget > 0
            ? ` ${t('{overBudget} more than the budget.', { overBudget: money(ledger.overBudget) })}`
            : ` ${t('{overBudget} of the budget is left.', { overBudget: money(-ledger.overBudget) })}`)}
      </p>
      <div className="no-print mt-2 grid grid-cols-2 gap-3 sm:grid-cols-4">
        <QuantityField
          label={t('Tax on top')}
          kind="percent"
          value={taxShare}
          min={0}
          max={1}
          onCommit={(share) => purchases.change(t('tax'), { taxShare: share })}
        />
        <QuantityField
          label={t('Deliveries, {currency}', { currency })}
          kind="number"
          value={delivery}
          min={0}
          max={MOST_MONEY}
          onCommit={(sum) => purchases.change(t('deliveries'), { delivery: sum })}
        />
        <QuantityField
          label={t('Budget, {currency}', { currency })}
          kind="number"
          value={budget}
          min={0}
          max={MOST_MONEY}
          onCommit={(sum) => purchases.change(t('budget'), { budget: sum })}
          onClear={() => purchases.change(t('budget'), { budget: null })}
        />
      </div>
    </section>
  );
};
