import { changeCase, type LoadCase, removeCase, setAboard, CASE_MODE_NAMES, optionsOf } from '@kereta/core';
import { Trash2 } from 'lucide-react';
import { useWorkbench } from '../../bench/workbench';
import { useEditing } from '../../fields/editing';
import { CheckField, FieldGrid, SelectField, TextField } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';
import { MovedFields } from './MovedFields';

const MODES = optionsOf(CASE_MODE_NAMES);

/** How far tanks are drained on the way: the doubt and the worst cases look at both levels. */
const TankLows = ({ loadCase }: { readonly loadCase: LoadCase }) => {
  const { trailer, edit } = useEditing();
  const entryOf = (id: string) => loadCase.aboard.find(({ itemId }) => itemId === id);
  const setLow = (id: string, name: string, fillLow: number | undefined): void =>
    edit(`${name} drained in ${loadCase.name}`, (current) =>
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
        label={`${item.name}, drained to`}
        kind="percent"
        value={entryOf(item.id)?.fillLow ?? null}
        of="cases.aboard.fillLow"
        max={entryOf(item.id)?.fill ?? 1}
        hint="Where it is used on the way"
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
              label={`${name} let down`}
              checked={gatesDown.includes(id)}
              onCommit={(down) =>
                onChange(`${name.toLowerCase()} ${down ? 'let down' : 'shut'} in ${loadCase.name}`, {
                  gatesDown: down ? [...gatesDown, id] : gatesDown.filter((other) => other !== id),
                })
              }
            />
          );
        })}
      {trailer.frame.tilt && mode !== 'towed' && (
        <CheckField
          label="Bed tipped"
          checked={bedTipped}
          onCommit={(tipped) =>
            onChange(`bed ${tipped ? 'tipped' : 'level'} in ${loadCase.name}`, { bedTipped: tipped })
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
    <section className="border-t border-base-300 pt-3" aria-label={`Load case ${loadCase.name}`}>
      <h2 className="px-4 pb-2 font-semibold">Load case: {loadCase.name}</h2>
      <FieldGrid>
        <TextField label="Its name" value={loadCase.name} onCommit={(name) => set(`load case ${name}`, { name })} />
        <SelectField
          label="The trailer is"
          value={loadCase.mode}
          options={MODES}
          onCommit={(mode) => set('towed or parked', { mode: mode, countsForWindow: mode === 'towed' })}
        />
      </FieldGrid>
      <div className="px-4">
        {trailer.items
          .filter(({ kind }) => kind === 'cargo')
          .map((item) => (
            <CheckField
              key={item.id}
              label={`${item.name} aboard`}
              checked={entryOf(item.id) !== undefined}
              onCommit={(aboard) =>
                edit(`${item.name} ${aboard ? 'aboard' : 'ashore'} in ${loadCase.name}`, (current) =>
                  setAboard(current, loadCase.id, item.id, aboard),
                )
              }
            />
          ))}
        {trailer.items
          .filter(({ kind }) => kind === 'tank')
          .map((item) => (
            <QuantityField
              key={item.id}
              label={`${item.name}, how full`}
              kind="percent"
              value={entryOf(item.id)?.fill ?? 0}
              of="cases.aboard.fill"
              onCommit={(fill) =>
                edit(`${item.name} in ${loadCase.name}`, (current) =>
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
            label="Drawer pulled out by"
            kind="length"
            value={loadCase.drawerOutM}
            of="cases.drawerOutM"
            onCommit={(drawerOutM) => set('drawer', { drawerOutM })}
          />
        )}
        <BodyStates loadCase={loadCase} onChange={set} />
        {loadCase.mode === 'towed' && (
          <CheckField
            label="Counts for the axle’s place"
            checked={loadCase.countsForWindow}
            onCommit={(countsForWindow) => set('counts for the axle', { countsForWindow })}
          />
        )}
        <button
          type="button"
          className="button my-2"
          disabled={trailer.cases.length < 2}
          onClick={() => edit(`load case ${loadCase.name} taken out`, (current) => removeCase(current, loadCase.id))}
        >
          <Trash2 size={16} aria-hidden /> Take this case out
        </button>
      </div>
      <MovedFields loadCase={loadCase} />
    </section>
  );
};
