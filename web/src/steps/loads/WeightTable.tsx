import { PART_GROUP_NAMES, type Point3, sumByGroup } from '@kereta/core';
import { Fragment } from 'react';
import { Sized } from '../../fields/Sized';
import { useWorkbench } from '../../bench/workbench';
import { t } from '../../fields/language/t';

/** What the shown load weighs, part by part and group by group, and where each has its balance point. */
export const WeightTable = () => {
  const { evaluation, caseId, say } = useWorkbench('evaluation', 'caseId', 'say');
  const shown = evaluation.cases.find(({ loadCase }) => loadCase.id === caseId);
  if (!shown) return null;
  const place = (centre: Point3 | undefined) =>
    centre ? [centre.xM, centre.yM, centre.zM].map((metres) => say.length(metres)) : ['', '', ''];
  const cells = (massKg: number, centre: Point3 | undefined) => (
    <>
      <td className="text-right whitespace-nowrap">{say.mass(massKg)}</td>
      {place(centre).map((text, axis) => (
        <td key={['x', 'y', 'z'][axis]} className="pl-2 text-right whitespace-nowrap">
          <Sized>{text}</Sized>
        </td>
      ))}
    </>
  );
  return (
    <details className="border-t border-base-300">
      <summary className="flex min-h-[44px] items-center px-4 font-semibold">
        {t('What it weighs: {name}', { name: shown.loadCase.name })}
      </summary>
      <div className="overflow-x-auto px-4 pb-3">
        <table className="narrow w-full text-[13px] leading-[18px]" aria-label={t('Weights by part and group')}>
          <thead>
            <tr className="mute text-right">
              <th className="text-left font-normal">{t('Part')}</th>
              <th className="font-normal">{t('Weight')}</th>
              <th className="pl-2 font-normal">{t('Back')}</th>
              <th className="pl-2 font-normal">{t('Right')}</th>
              <th className="pl-2 font-normal">{t('Up')}</th>
            </tr>
          </thead>
          <tbody>
            {sumByGroup(shown.parts).map(({ group, massKg, centre }) => (
              <Fragment key={group}>
                <tr className="border-t border-base-300 font-semibold">
                  <th scope="row" className="text-left">
                    {t(PART_GROUP_NAMES[group])}
                  </th>
                  {cells(massKg, centre)}
                </tr>
                {shown.parts
                  .filter((part) => part.group === group && part.massKg > 0)
                  .map((part) => (
                    <tr key={part.id} className="mute">
                      <th scope="row" className="pl-2 text-left font-normal">
                        {part.name ?? say.partName(part.id)}
                      </th>
                      {cells(part.massKg, part.centre)}
                    </tr>
                  ))}
              </Fragment>
            ))}
            <tr className="border-t border-[var(--ink)] font-semibold">
              <th scope="row" className="text-left">
                {t('Whole trailer')}
              </th>
              {cells(shown.massKg, shown.centre)}
            </tr>
          </tbody>
        </table>
        <p className="narrow mute text-[13px]">
          {t('Back from the front edge, to the right of the middle, up from the top of the rails.')}
        </p>
      </div>
    </details>
  );
};
