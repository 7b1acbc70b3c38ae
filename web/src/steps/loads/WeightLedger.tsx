import { BASIS_NAMES, weightLedger } from '@kereta/core';
import { useState } from 'react';
import { useWorkbench } from '../../bench/workbench';
import { inner, t } from '../../fields/language/t';

const Rows = () => {
  const { trailer, evaluation, say } = useWorkbench('trailer', 'evaluation', 'say');
  const { rows, ranOutOn } = weightLedger(trailer, evaluation.chassis, evaluation.bare);
  if (rows.length < 2)
    return (
      <p className="mute px-4 pb-3 text-[13px]">
        {t('Give fitted things a day, under “Size and place”: what each leaves of the axle is then told here.')}
      </p>
    );
  return (
    <div className="overflow-x-auto px-4 pb-3">
      <p className="pb-1 text-[13px]">
        {ranOutOn === undefined
          ? t('The axles have carried it so far.')
          : ranOutOn === ''
            ? t('The axles carry more than they may from the start.')
            : t('From {ranOutOn} on the axles carry more than they may.', { ranOutOn })}
      </p>
      <table className="narrow w-full text-[13px] leading-[18px]" aria-label={t('Weight over time')}>
        <thead>
          <tr className="mute text-right">
            <th className="text-left font-normal">{t('Day')}</th>
            <th className="text-left font-normal">{t('Fitted')}</th>
            <th className="font-normal">{t('On axles')}</th>
            <th className="pl-2 font-normal">{t('Left')}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ date, items, axlesKg, leftKg }) => (
            <tr key={date} className="border-t border-base-300 align-top">
              <th scope="row" className="py-1 pr-2 text-left font-normal whitespace-nowrap">
                {date === '' ? t('Before') : date}
              </th>
              <td className="py-1">
                {items.map(({ id, name, massKg, emptyMassKg }) => (
                  <span key={id} className="block">
                    {name}, {say.mass(massKg.value + emptyMassKg)}, {inner(t(BASIS_NAMES[massKg.basis]))}
                  </span>
                ))}
              </td>
              <td className="py-1 text-right whitespace-nowrap">{say.mass(axlesKg)}</td>
              <td className="py-1 pl-2 text-right whitespace-nowrap">
                {leftKg === undefined
                  ? ''
                  : leftKg < 0
                    ? t('{left} over', { left: say.mass(-leftKg) })
                    : say.mass(leftKg)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
};

/** What was fitted when, and what it left of the axles, worked out when it is opened. */
export const WeightLedger = () => {
  const [open, setOpen] = useState(false);
  return (
    <details className="border-t border-base-300" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="flex min-h-[44px] items-center px-4 font-semibold">{t('Weight over time')}</summary>
      {open && <Rows />}
    </details>
  );
};
