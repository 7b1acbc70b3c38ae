import { changeCase, type LoadCase, removeCase, setAboard, CASE_MODE_NAMES } from '@kereta/core';
import { Trash2 } from 'lucide-react';
import { useWorkbench } from '../../bench/workbench';
import { useEditing } from '../../fields/editing';
import { CheckField, FieldGrid, SelectField, TextField } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';
import { MovedFields } from './MovedFields';
import { inner, t } from '../../fields/language/t';
import { optionsIn } from '../../fields/language/optionsIn';

const MODES = optionsIn(CASE_MODE_NAMES);

/** How far tanks are drained on the way: the doubt and the worst cases look at both levels. */
const TankLows = ({ loadCase }: { readonly loadCase: LoadCase }) => {
  const { trailer, edit } = useEditing();
  const entryOf = (id: string) => loadCase.aboard.find(({ itemId }) => itemId === id);
  const setLow = (id: string, name: string, fillLow: number | undefined): void =>
    edit(t('{name} drained in {name2}', { name, name2: loadCase.name }), (current) =>
      changeCase(current, loadCase.id, (old) => ({
        ...old,
        aboard: old.aboard.map((entry) => {
          if (entry.itemId !== id) return entry;
          const { fillLow: _gone, ...rest } = entry;
          return fillLow === undefined ? rest : { ...rest, fillLow };
        }),
      })),
    );
  return trailer.items
    .filter(({ id, kind }) => kind === 'tank' && (entryOf(id)?.fill ?? 0) > 0)
    .map((item) => (
      <QuantityField
        key={item.id}
        label={t('{name}, drained to', { name: item.name })}
        kind="percent"
        value={entryOf(item.id)?.fillLow ?? null}
        of="cases.aboard.fillLow"
        max={entryOf(item.id)?.fill ?? 1}
        hint={t('Where it is used on the way')}
        onCommit={(fillLow) => setLow(item.id, item.name, fillLow)}
        onClear={() => setLow(item.id, item.name, undefined)}
      />
    ));
};

interface BodyStatesProps {
  readonly loadCase: LoadCase;
  readonly onChange: (label: string, change: Partial<LoadCase>) => void;
}

/** Gates that are let down in a load, and the bed where it tips. */
const BodyStates = ({ loadCase, onChange }: BodyStatesProps) => {
  const { trailer } = useEditing();
  const { say } = useWorkbench('say');
  const { gatesDown = [], bedTipped = false, mode } = loadCase;
  return (
    <>
      {trailer.frame.pieces
        .filter(({ kind }) => kind === 'gate')
        .map(({ id }) => {
          const name = say.partName(id);
          return (
            <CheckField
              key={id}
              label={t('{name} let down', { name })}
              checked={gatesDown.includes(id)}
              onCommit={(down) =>
                onChange(
                  t('{name} {down} in {name2}', {
                    name: inner(name),
                    down: down ? t('let down') : t('shut'),
                    name2: loadCase.name,
                  }),
                  {
                    gatesDown: down ? [...gatesDown, id] : gatesDown.filter((other) => other !== id),
                  },
                )
              }
            />
          );
        })}
      {trailer.frame.tilt && mode !== 'towed' && (
        <CheckField
          label={t('Bed tipped')}
          checked={bedTipped}
          onCommit={(tipped) =>
            onChange(t('bed {tipped} in {name}', { tipped: tipped ? t('tipped') : t('level'), name: loadCase.name }), {
              bedTipped: tipped,
            })
          }
        />
      )}
    </>
  );
};

/** What is aboard in one load case, how full, and how the trailer stands. */
export const CaseFields = ({ loadCase }: { readonly loadCase: LoadCase }) => {
  const { edit, trailer } = useEditing();
  const set = (label: string, change: Partial<LoadCase>): void =>
    edit(label, (current) => changeCase(current, loadCase.id, (old) => ({ ...old, ...change })));
  const entryOf = (itemId: string) => loadCase.aboard.find((entry) => entry.itemId === itemId);
  return (
    <section className="border-t border-base-300 pt-3" aria-label={t('Load case {name}', { name: loadCase.name })}>
      <h2 className="px-4 pb-2 font-semibold">{t('Load case: {name}', { name: loadCase.name })}</h2>
      <FieldGrid>
        <TextField
          label={t('Its name')}
          value={loadCase.name}
          onCommit={(name) => set(t('load case {name}', { name }), { name })}
        />
        <SelectField
          label={t('The trailer is')}
          value={loadCase.mode}
          options={MODES}
          onCommit={(mode) => set(t('towed or parked'), { mode: mode, countsForWindow: mode === 'towed' })}
        />
      </FieldGrid>
      <div className="px-4">
        {trailer.items
          .filter(({ kind }) => kind === 'cargo')
          .map((item) => (
            <CheckField
              key={item.id}
              label={t('{name} aboard', { name: item.name })}
              checked={entryOf(item.id) !== undefined}
              onCommit={(aboard) =>
                edit(
                  t('{name} {aboard} in {name2}', {
                    name: item.name,
                    aboard: aboard ? t('aboard') : t('ashore'),
                    name2: loadCase.name,
                  }),
                  (current) => setAboard(current, loadCase.id, item.id, aboard),
                )
              }
            />
          ))}
        {trailer.items
          .filter(({ kind }) => kind === 'tank')
          .map((item) => (
            <QuantityField
              key={item.id}
              label={t('{name}, how full', { name: item.name })}
              kind="percent"
              value={entryOf(item.id)?.fill ?? 0}
              of="cases.aboard.fill"
              onCommit={(fill) =>
                edit(t('{name} in {name2}', { name: item.name, name2: loadCase.name }), (current) =>
                  changeCase(current, loadCase.id, (old) => ({
                    ...old,
                    aboard: [
                      ...old.aboard.filter((entry) => entry.itemId !== item.id),
                      { shiftM: 0, ...old.aboard.find((entry) => entry.itemId === item.id), itemId: item.id, fill },
                    ],
                  })),
                )
              }
            />
          ))}
        <TankLows loadCase={loadCase} />
        {trailer.items.some(({ attach }) => attach.on === 'drawer') && (
          <QuantityField
            label={t('Drawer pulled out by')}
            kind="length"
            value={loadCase.drawerOutM}
            of="cases.drawerOutM"
            onCommit={(drawerOutM) => set(t('drawer'), { drawerOutM })}
          />
        )}
        <BodyStates loadCase={loadCase} onChange={set} />
        {loadCase.mode === 'towed' && (
          <CheckField
            label={t('Counts for the axle’s place')}
            checked={loadCase.countsForWindow}
            onCommit={(countsForWindow) => set(t('counts for the axle'), { countsForWindow })}
          />
        )}
        <button
          type="button"
          className="button my-2"
          disabled={trailer.cases.length < 2}
          onClick={() =>
            edit(t('load case {name} taken out', { name: loadCase.name }), (current) =>
              removeCase(current, loadCase.id),
            )
          }
        >
          <Trash2 size={16} aria-hidden /> {t('Take this case out')}
        </button>
      </div>
      <MovedFields loadCase={loadCase} />
    </section>
  );
};
