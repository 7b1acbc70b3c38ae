import {
  addItem,
  changeCase,
  changeItem,
  type Item,
  type LoadCase,
  pounds,
  type Project,
  removeCase,
  removeItem,
  setAboard,
} from '@kereta/core';
import { Plus, Trash2 } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useEditing } from '../../ui/editing';
import { CheckField, FieldGrid, FieldGroup, SelectField, TextField } from '../../ui/fields';
import { QuantityField } from '../../ui/QuantityField';
import { useWorkbench } from '../../workbench/workbench';
import { WeightTable } from './WeightTable';

const FROM_WORDS: Readonly<Record<Item['attach']['from'], string>> = {
  front: 'front edge',
  rear: 'rear edge',
  ball: 'ball',
  axle: 'axle',
};
const BASES = [
  { value: 'guessed', text: 'Guessed' },
  { value: 'listed', text: 'From a list' },
  { value: 'weighed', text: 'Weighed' },
] as const;
const KINDS = [
  { value: 'cargo', text: 'Load, comes and goes' },
  { value: 'fixed', text: 'Fitted for good' },
  { value: 'tank', text: 'Tank' },
] as const;
const MODES = [
  { value: 'towed', text: 'Towed' },
  { value: 'parked', text: 'Parked on the jack' },
  { value: 'loading', text: 'Loading, hitched' },
] as const;

const freshItem = (project: Project): Item => ({
  id: `item.${nanoid(8)}`,
  name: 'New load',
  kind: 'cargo',
  massKg: { value: project.settings.units === 'metric' ? 100 : pounds(200), basis: 'guessed', tolerance: 20 },
  emptyMassKg: 0,
  sizeM: { lengthM: 0.6096, widthM: 0.6096, heightM: 0.4572 },
  attach: {
    on: 'deck',
    from: 'front',
    hostId: null,
    offsetM: { value: project.frame.bed.lengthM / 2, basis: 'guessed', tolerance: 0.05 },
    rightM: 0,
    aboveM: 0,
  },
});

const ItemFields = ({ item }: { readonly item: Item }) => {
  const { edit } = useEditing();
  const { say, pick, project } = useWorkbench();
  const set = (label: string, change: (old: Item) => Item): void =>
    edit(label, (current) => changeItem(current, item.id, change));
  const place =
    (change: Partial<Item['attach']>) =>
    (old: Item): Item => ({ ...old, attach: { ...old.attach, ...change } });
  const size =
    (change: Partial<Item['sizeM']>) =>
    (old: Item): Item => ({ ...old, sizeM: { ...old.sizeM, ...change } });
  return (
    <section className="border-t border-base-300" aria-label={`Picked: ${item.name}`}>
      <h2 className="px-4 pt-3 pb-2 font-semibold" style={{ color: 'var(--dye)' }}>
        {item.name}
      </h2>
      <FieldGrid>
        <TextField
          label="Name"
          value={item.name}
          partField={item.id}
          onCommit={(name) => set(`name ${name}`, (old) => ({ ...old, name }))}
        />
        <QuantityField
          label={item.kind === 'tank' ? 'Contents when full' : 'Weight'}
          kind="mass"
          value={item.massKg.value}
          min={0}
          max={20000}
          hot
          onCommit={(value) =>
            set(`${item.name} ${say.mass(value)}`, (old) => ({ ...old, massKg: { ...old.massKg, value } }))
          }
        />
        <QuantityField
          label={`Middle, back from ${FROM_WORDS[item.attach.from]}`}
          kind="length"
          value={item.attach.offsetM.value}
          min={-20}
          max={20}
          hot
          onCommit={(value) =>
            set(`${item.name} to ${say.length(value)}`, (old) => ({
              ...old,
              attach: { ...old.attach, offsetM: { ...old.attach.offsetM, value } },
            }))
          }
        />
        <SelectField
          label="How sure"
          value={item.massKg.basis}
          options={BASES}
          onCommit={(basis) =>
            set('how sure', (old) => ({ ...old, massKg: { ...old.massKg, basis: basis as Item['massKg']['basis'] } }))
          }
        />
      </FieldGrid>
      <FieldGroup title="Size and place">
        <QuantityField
          label="Length"
          kind="length"
          value={item.sizeM.lengthM}
          min={0}
          max={20}
          onCommit={(lengthM) => set('length', size({ lengthM }))}
        />
        <QuantityField
          label="Width"
          kind="length"
          value={item.sizeM.widthM}
          min={0}
          max={5}
          onCommit={(widthM) => set('width', size({ widthM }))}
        />
        <QuantityField
          label="Height"
          kind="length"
          value={item.sizeM.heightM}
          min={0}
          max={5}
          onCommit={(heightM) => set('height', size({ heightM }))}
        />
        <QuantityField
          label="Right of the middle"
          kind="length"
          value={item.attach.rightM}
          min={-3}
          max={3}
          onCommit={(rightM) => set('sideways place', place({ rightM }))}
        />
        <QuantityField
          label="Above what it stands on"
          kind="length"
          value={item.attach.aboveM}
          min={-2}
          max={5}
          onCommit={(aboveM) => set('height of its place', place({ aboveM }))}
        />
        <SelectField
          label="Stands on"
          value={item.attach.on === 'item' ? `item:${item.attach.hostId ?? ''}` : item.attach.on}
          options={[
            { value: 'deck', text: 'Deck' },
            { value: 'rail', text: 'Rails' },
            { value: 'tongue', text: 'Tongue' },
            { value: 'axle', text: 'Axle, with fenders' },
            { value: 'drawer', text: 'Drawer' },
            ...project.items
              .filter(({ id }) => id !== item.id)
              .map(({ id, name }) => ({ value: `item:${id}`, text: `On ${name}` })),
          ]}
          onCommit={(value) => {
            const hostId = value.startsWith('item:') ? value.slice(5) : null;
            const offset = { ...item.attach.offsetM, value: hostId === null ? item.attach.offsetM.value : 0 };
            set(
              'what it stands on',
              place({ on: hostId === null ? (value as Item['attach']['on']) : 'item', hostId, offsetM: offset }),
            );
          }}
        />
        <SelectField
          label="Measured from"
          value={item.attach.from}
          options={Object.entries(FROM_WORDS).map(([value, text]) => ({ value, text: `The ${text}` }))}
          onCommit={(from) => set('measured from', place({ from: from as Item['attach']['from'] }))}
        />
        <SelectField
          label="Kind"
          value={item.kind}
          options={KINDS}
          onCommit={(kind) => set('kind', (old) => ({ ...old, kind: kind as Item['kind'] }))}
        />
        {item.kind === 'tank' && (
          <QuantityField
            label="Tank itself"
            kind="mass"
            value={item.emptyMassKg}
            min={0}
            max={5000}
            onCommit={(emptyMassKg) => set('tank’s own weight', (old) => ({ ...old, emptyMassKg }))}
          />
        )}
        <button
          type="button"
          className="button"
          onClick={() => {
            edit(`${item.name} taken off`, (current) => removeItem(current, item.id));
            pick(undefined);
          }}
        >
          <Trash2 size={16} aria-hidden /> Take off
        </button>
      </FieldGroup>
    </section>
  );
};

const CaseFields = ({ loadCase }: { readonly loadCase: LoadCase }) => {
  const { edit, project } = useEditing();
  const { say } = useWorkbench();
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
          onCommit={(mode) =>
            set('towed or parked', { mode: mode as LoadCase['mode'], countsForWindow: mode === 'towed' })
          }
        />
      </FieldGrid>
      <div className="px-4">
        {project.items
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
        {project.items
          .filter(({ kind }) => kind === 'tank')
          .map((item) => (
            <QuantityField
              key={item.id}
              label={`${item.name}, how full`}
              kind="percent"
              value={entryOf(item.id)?.fill ?? 0}
              min={0}
              max={1}
              onCommit={(fill) =>
                edit(`${item.name} in ${loadCase.name}`, (current) =>
                  changeCase(current, loadCase.id, (old) => ({
                    ...old,
                    aboard: [
                      ...old.aboard.filter((entry) => entry.itemId !== item.id),
                      { itemId: item.id, fill, shiftM: 0 },
                    ],
                  })),
                )
              }
            />
          ))}
        {project.items.some(({ attach }) => attach.on === 'drawer') && (
          <QuantityField
            label="Drawer pulled out by"
            kind="length"
            value={loadCase.drawerOutM}
            min={0}
            max={10}
            onCommit={(drawerOutM) => set('drawer', { drawerOutM })}
          />
        )}
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
          disabled={project.cases.length < 2}
          onClick={() => edit(`load case ${loadCase.name} taken out`, (current) => removeCase(current, loadCase.id))}
        >
          <Trash2 size={16} aria-hidden /> Take this case out
        </button>
      </div>
      {loadCase.aboard.length > 0 && (
        <FieldGroup title="Moved in this load">
          {loadCase.aboard.map((entry) => (
            <QuantityField
              key={entry.itemId}
              label={`${say.partName(entry.itemId)}, further back by`}
              kind="length"
              value={entry.shiftM}
              min={-20}
              max={20}
              onCommit={(shiftM) =>
                edit(`${say.partName(entry.itemId)} moved in ${loadCase.name}`, (current) =>
                  changeCase(current, loadCase.id, (old) => ({
                    ...old,
                    aboard: old.aboard.map((other) => (other.itemId === entry.itemId ? { ...other, shiftM } : other)),
                  })),
                )
              }
            />
          ))}
        </FieldGroup>
      )}
    </section>
  );
};

/** Everything aboard, and in which load case. */
export const LoadsStep = () => {
  const { project, edit, readOnly } = useEditing();
  const { picked, pick, caseId, showCase, say } = useWorkbench();
  const pickedItem = project.items.find(({ id }) => id === picked);
  const loadCase = project.cases.find(({ id }) => id === caseId) ?? project.cases[0];
  return (
    <>
      {pickedItem && <ItemFields key={pickedItem.id} item={pickedItem} />}
      <div className="px-4 pb-2">
        <ul aria-label="Loads">
          {project.items.map((item) => (
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
              const item = freshItem(project);
              edit('load added', (current) =>
                addItem(
                  current,
                  item,
                  loadCase && loadCase.id !== 'case.empty'
                    ? [loadCase.id]
                    : current.cases
                        .filter(({ mode, id }) => mode === 'towed' && id !== 'case.empty')
                        .map(({ id }) => id),
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
