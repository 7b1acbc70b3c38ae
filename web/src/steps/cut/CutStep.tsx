import { cutListCsv, findingsCsv, formatMoney, stickPlanCsv, weightsCsv } from '@kereta/core';
import { Link } from 'react-router';
import { useStore } from 'zustand';
import { download, fileName } from '../../fields/download';
import { useEditing } from '../../fields/editing';
import { Sized } from '../../fields/Sized';
import { useWorkbench } from '../../bench/workbench';
import { useSticks } from '../../jobs/questions';
import { DeckSheets } from './DeckSheets';
import { buyText } from './StickPlan';
import { StockFields } from './StockFields';
import { figures, t, voice } from '../../fields/language/t';

/** What to buy of each section, and the lists to take along. */
export const CutStep = () => {
  const { trailer } = useEditing();
  const { evaluation, say, projectStore } = useWorkbench('evaluation', 'say', 'projectStore');
  const record = useStore(projectStore.store, (state) => state.record);
  const { sections, current } = useSticks(trailer, record);
  const plan = current ? sections : undefined;
  const csv = (name: string, text: string): void =>
    download(fileName(`${trailer.name} ${name}`, '.csv'), text, 'text/csv');
  const savePlates = async (): Promise<void> => {
    const { platesDxf } = await import('./sheetFiles');
    const text = platesDxf(evaluation.cutList, trailer.settings.units);
    download(fileName(t('{name} plates', { name: trailer.name }), '.dxf'), text, 'application/dxf');
  };
  return (
    <div className="px-4 pb-3">
      <table className="narrow w-full text-[14px]" aria-label={t('Metal to buy')}>
        <thead>
          <tr className="mute text-left">
            <th className="font-normal">{t('Section')}</th>
            <th className="text-right font-normal">{t('Length')}</th>
            <th className="text-right font-normal">{t('Weight')}</th>
          </tr>
        </thead>
        <tbody>
          {evaluation.cutList.totals.map(({ sectionId, designation, materialName, lengthM, massKg }) => (
            <tr key={`${sectionId}${materialName}`} className="border-t border-base-300">
              <td className="py-1">
                <Sized>{designation}</Sized>
                <span className="mute block">{voice.name(materialName)}</span>
                {plan
                  ?.filter((section) => section.sectionId === sectionId && section.materialName === materialName)
                  .map((section) => (
                    <span key={section.designation} className="block">
                      <Sized>{buyText(section, say)}</Sized>
                      {section.price !== null && ` · ${figures(formatMoney(section.price, trailer.settings.currency))}`}
                    </span>
                  ))}
              </td>
              <td className="text-right whitespace-nowrap">
                <Sized>{say.length(lengthM)}</Sized>
              </td>
              <td className="text-right whitespace-nowrap">{say.mass(massKg)}</td>
            </tr>
          ))}
          <DeckSheets trailer={trailer} chassis={evaluation.chassis} say={say} columns={3} />
          {evaluation.cutList.plates.length > 0 && (
            <tr className="border-t border-base-300">
              <td className="py-1">
                {t('Plates, caps and gussets')}
                <span className="mute block">{t('cut from flat, sizes in the cut list')}</span>
              </td>
              <td className="text-right whitespace-nowrap">
                {evaluation.cutList.plates.reduce((sum, { quantity }) => sum + quantity, 0)} {t('pieces')}
              </td>
              <td className="text-right whitespace-nowrap">
                {say.mass(
                  evaluation.cutList.plates.reduce((sum, { quantity, massEachKg }) => sum + quantity * massEachKg, 0),
                )}
              </td>
            </tr>
          )}
          <tr className="border-t border-[var(--ink)] font-semibold">
            <td colSpan={2}>{t('All metal')}</td>
            <td className="text-right whitespace-nowrap">{say.mass(evaluation.cutList.massKg)}</td>
          </tr>
        </tbody>
      </table>
      <p className="narrow mute mt-1 text-[13px]">
        {t(
          'Lengths and weights are sums of the pieces; under each section what to buy, with what the saw eats and what is left over.',
        )}
      </p>
      <div className="mt-3 grid grid-cols-2 gap-2">
        <Link className="button button-main col-span-2" to={`/trailer/${trailer.id}/print/cut-list`}>
          {t('Print cut list')}
        </Link>
        <Link className="button col-span-2" to={`/trailer/${trailer.id}/buy`}>
          {t('What to buy, and what it costs')}
        </Link>
        <Link className="button col-span-2" to={`/trailer/${trailer.id}/print/drawing`}>
          {t('Print drawing, to scale')}
        </Link>
        <button type="button" className="button" onClick={() => csv(t('cut list'), cutListCsv(trailer, evaluation))}>
          {t('Cut list, CSV')}
        </button>
        <button type="button" className="button" onClick={() => csv('weights', weightsCsv(trailer, evaluation))}>
          {t('Weights, CSV')}
        </button>
        <button
          type="button"
          className="button"
          disabled={!plan}
          onClick={() => plan && csv('sticks', stickPlanCsv(trailer, plan))}
        >
          {t('Sticks, CSV')}
        </button>
        <button
          type="button"
          className="button"
          disabled={evaluation.cutList.plates.length === 0}
          onClick={() => void savePlates()}
        >
          {t('Plates, DXF')}
        </button>
        <button type="button" className="button" onClick={() => csv('checks', findingsCsv(trailer, evaluation))}>
          {t('Checks, CSV')}
        </button>
      </div>
      <div className="-mx-4 mt-3">
        <StockFields />
      </div>
    </div>
  );
};
