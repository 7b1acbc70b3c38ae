import { addItem } from '@kereta/core';
import { Plus } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useEditing } from '../../fields/editing';
import { useWorkbench } from '../../bench/workbench';
import { CaseFields } from './CaseFields';
import { casesFor, freshItem } from './freshItem';
import { ItemFields } from './ItemFields';
import { QuickAdd } from './QuickAdd';
import { WeightLedger } from './WeightLedger';
import { WeightTable } from './WeightTable';
import { t } from '../../fields/language/t';

/** Everything aboard, and in which load case. */
export const LoadsStep = () => {
  const { trailer, edit, readOnly } = useEditing();
  const { picked, pick, caseId, showCase, say } = useWorkbench('picked', 'pick', 'caseId', 'showCase', 'say');
  const pickedItem = trailer.items.find(({ id }) => id === picked);
  const loadCase = trailer.cases.find(({ id }) => id === caseId) ?? trailer.cases[0];
  return (
    <>
      {pickedItem && <ItemFields key={pickedItem.id} item={pickedItem} />}
      <div className="px-4 pb-2">
        <ul aria-label={t('Loads')}>
          {trailer.items.map((item) => (
            <li key={item.id}>
              <button
                type="button"
                className="flex min-h-[44px] w-full items-center justify-between gap-2 border-b border-base-300 px-1 text-left"
                aria-pressed={item.id === picked}
                onClick={() => pick(item.id)}
              >
                <span>{item.name}</span>
                <span className="mute">
                  {say.mass(item.massKg.value)}
                  {item.massKg.basis === 'guessed' ? ` ${t('guessed')}` : ''}
                </span>
              </button>
            </li>
          ))}
        </ul>
        <QuickAdd />
        <div className="mt-2 flex gap-2">
          <button
            type="button"
            className="button flex-1"
            disabled={readOnly}
            onClick={() => {
              const item = freshItem(trailer);
              edit(t('load added'), (current) => addItem(current, item, casesFor(current)));
              pick(item.id);
            }}
          >
            <Plus size={16} aria-hidden /> {t('Add load')}
          </button>
          <button
            type="button"
            className="button flex-1"
            disabled={readOnly}
            onClick={() => {
              const id = `case.${nanoid(8)}`;
              edit(t('load case added'), (current) => ({
                ...current,
                cases: [
                  ...current.cases,
                  {
                    ...(loadCase ?? { drawerOutM: 0, tongueBand: null }),
                    id,
                    name: t('Load {count}', { count: current.cases.length + 1 }),
                    mode: 'towed',
                    countsForWindow: true,
                    aboard: loadCase?.aboard ?? [],
                    drawerOutM: 0,
                    tongueBand: null,
                  },
                ],
              }));
              showCase(id);
            }}
          >
            <Plus size={16} aria-hidden /> {t('Add case')}
          </button>
        </div>
      </div>
      {loadCase && <CaseFields key={loadCase.id} loadCase={loadCase} />}
      <WeightTable />
      <WeightLedger />
    </>
  );
};
