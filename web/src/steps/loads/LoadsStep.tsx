import { addItem, inches, type Item, pounds, type Trailer } from '@kereta/core';
import { Plus } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useEditing } from '../../fields/editing';
import { useWorkbench } from '../../bench/workbench';
import { CaseFields } from './CaseFields';
import { ItemFields } from './ItemFields';
import { USUAL_DOUBT } from './usualDoubt';
import { WeightTable } from './WeightTable';

/** In round figures of whatever units are shown; its doubt is that of a guess. */
const freshItem = (trailer: Trailer): Item => {
  const metric = trailer.settings.units === 'metric';
  const massKg = metric ? 100 : pounds(200);
  const size = (inch: number, mm: number): number => (metric ? mm / 1000 : inches(inch));
  return {
    id: `item.${nanoid(8)}`,
    name: 'New load',
    kind: 'cargo',
    massKg: { value: massKg, basis: 'guessed', tolerance: massKg * USUAL_DOUBT.guessed },
    emptyMassKg: 0,
    wheels: null,
    sizeM: { lengthM: size(24, 600), widthM: size(24, 600), heightM: size(18, 450) },
    attach: {
      on: 'deck',
      from: 'front',
      hostId: null,
      offsetM: { value: trailer.frame.bed.lengthM / 2, basis: 'guessed', tolerance: size(2, 50) },
      rightM: 0,
      aboveM: 0,
    },
  };
};

/** A case in which something is aboard is one that a further load belongs to as well, until it is said otherwise. */
const carries = ({ items }: Trailer, { aboard }: Trailer['cases'][number]): boolean =>
  aboard.some(({ itemId }) => items.some(({ id, kind }) => id === itemId && kind !== 'fixed'));

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
        <ul aria-label="Loads">
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
                  {item.massKg.basis === 'guessed' ? ' guessed' : ''}
                </span>
              </button>
            </li>
          ))}
        </ul>
        <div className="mt-2 flex gap-2">
          <button
            type="button"
            className="button flex-1"
            disabled={readOnly}
            onClick={() => {
              const item = freshItem(trailer);
              edit('load added', (current) =>
                addItem(
                  current,
                  item,
                  current.cases.filter((own) => carries(current, own)).map(({ id }) => id),
                ),
              );
              pick(item.id);
            }}
          >
            <Plus size={16} aria-hidden /> Add load
          </button>
          <button
            type="button"
            className="button flex-1"
            disabled={readOnly}
            onClick={() => {
              const id = `case.${nanoid(8)}`;
              edit('load case added', (current) => ({
                ...current,
                cases: [
                  ...current.cases,
                  {
                    ...(loadCase ?? { drawerOutM: 0, tongueBand: null }),
                    id,
                    name: `Load ${current.cases.length + 1}`,
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
            <Plus size={16} aria-hidden /> Add case
          </button>
        </div>
      </div>
      {loadCase && <CaseFields key={loadCase.id} loadCase={loadCase} />}
      <WeightTable />
    </>
  );
};
