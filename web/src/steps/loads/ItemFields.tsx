import {
  changeCase,
  changeItem,
  originXM,
  type Item,
  removeItem,
  BASIS_NAMES,
  ITEM_KIND_NAMES,
  PLACE_FROM_NAMES,
  optionsOf,
} from '@kereta/core';
import { Trash2 } from 'lucide-react';
import { useEditing } from '../../fields/editing';
import { CheckField, FieldGrid, FieldGroup, SelectField, TextField } from '../../fields/fields';
import { RecordFields } from '../../fields/RecordFields';
import { QuantityField } from '../../fields/QuantityField';
import { useWorkbench } from '../../bench/workbench';
import { USUAL_DOUBT } from './usualDoubt';

const BASES = optionsOf(BASIS_NAMES);
const KINDS = optionsOf(ITEM_KIND_NAMES);

const toleranceShare = ({ value, tolerance, basis }: Item['massKg']): number =>
  value > 0 ? tolerance / value : USUAL_DOUBT[basis];

/** What the picked load weighs, how big it is, where it stands. */
export const ItemFields = ({ item }: { readonly item: Item }) => {
  const { edit } = useEditing();
  const { say, pick, trailer, evaluation } = useWorkbench('say', 'pick', 'trailer', 'evaluation');
  const { chassis } = evaluation;
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
          of="items.massKg.value"
          hot
          onCommit={(value) =>
            set(`${item.name} ${say.mass(value)}`, (old) => ({
              ...old,
              // As unsure as before, in proportion.
              massKg: { ...old.massKg, value, tolerance: value * toleranceShare(old.massKg) },
            }))
          }
        />
        <QuantityField
          label={`Middle, back from ${PLACE_FROM_NAMES[item.attach.from]}`}
          kind="length"
          value={item.attach.offsetM.value}
          of="items.attach.offsetM.value"
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
            set('how sure', (old) => ({
              ...old,
              massKg: {
                ...old.massKg,
                basis: basis,
                tolerance: old.massKg.value * USUAL_DOUBT[basis],
              },
            }))
          }
        />
        <QuantityField
          label="Weight, give or take"
          kind="mass"
          value={item.massKg.tolerance}
          of="items.massKg.tolerance"
          onCommit={(tolerance) =>
            set('doubt of its weight', (old) => ({ ...old, massKg: { ...old.massKg, tolerance } }))
          }
        />
        <QuantityField
          label="Place, give or take"
          kind="length"
          value={item.attach.offsetM.tolerance}
          of="items.attach.offsetM.tolerance"
          hint="How far it may slide or be set otherwise"
          onCommit={(tolerance) =>
            set('doubt of its place', (old) => ({
              ...old,
              attach: { ...old.attach, offsetM: { ...old.attach.offsetM, tolerance } },
            }))
          }
        />
      </FieldGrid>
      {item.kind !== 'fixed' && (
        <FieldGroup title="Aboard in" open>
          {trailer.cases.map((loadCase) => (
            <CheckField
              key={loadCase.id}
              label={loadCase.name}
              checked={loadCase.aboard.some(({ itemId }) => itemId === item.id)}
              onCommit={(aboard) =>
                edit(`${item.name} ${aboard ? 'into' : 'out of'} ${loadCase.name}`, (current) =>
                  changeCase(current, loadCase.id, (old) => ({
                    ...old,
                    aboard: aboard
                      ? [...old.aboard, { itemId: item.id, fill: 1, shiftM: 0 }]
                      : old.aboard.filter(({ itemId }) => itemId !== item.id),
                  })),
                )
              }
            />
          ))}
        </FieldGroup>
      )}
      <FieldGroup title="Size and place">
        <QuantityField
          label="Length"
          kind="length"
          value={item.sizeM.lengthM}
          of="items.sizeM.lengthM"
          onCommit={(lengthM) => set('length', size({ lengthM }))}
        />
        <QuantityField
          label="Width"
          kind="length"
          value={item.sizeM.widthM}
          of="items.sizeM.widthM"
          onCommit={(widthM) => set('width', size({ widthM }))}
        />
        <QuantityField
          label="Height"
          kind="length"
          value={item.sizeM.heightM}
          of="items.sizeM.heightM"
          onCommit={(heightM) => set('height', size({ heightM }))}
        />
        <QuantityField
          label="Right of the middle"
          kind="length"
          value={item.attach.rightM}
          of="items.attach.rightM"
          onCommit={(rightM) => set('sideways place', place({ rightM }))}
        />
        <QuantityField
          label="Above what it stands on"
          kind="length"
          value={item.attach.aboveM}
          of="items.attach.aboveM"
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
            ...trailer.items
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
          options={Object.entries(PLACE_FROM_NAMES).map(([value, text]) => ({ value, text: `The ${text}` }))}
          onCommit={(chosen) => {
            const from = chosen as Item['attach']['from'];
            // It stays where it is: only what it is measured from changes.
            const byM = originXM(trailer, chassis, item.attach.from) - originXM(trailer, chassis, from);
            const offsetM = { ...item.attach.offsetM, value: item.attach.offsetM.value + byM };
            set('measured from', place({ from, offsetM }));
          }}
        />
        <SelectField
          label="Kind"
          value={item.kind}
          options={KINDS}
          onCommit={(kind) => set('kind', (old) => ({ ...old, kind: kind }))}
        />
        {item.kind === 'tank' && (
          <QuantityField
            label="Tank itself"
            kind="mass"
            value={item.emptyMassKg}
            of="items.emptyMassKg"
            onCommit={(emptyMassKg) => set('tank’s own weight', (old) => ({ ...old, emptyMassKg }))}
          />
        )}
        <div className="col-span-2">
          <CheckField
            label="Stands on four wheels"
            checked={item.wheels !== null}
            onCommit={(on) =>
              set(on ? 'on wheels' : 'lies flat', (old) => ({
                ...old,
                wheels: on ? { baseM: 0.75 * old.sizeM.lengthM || 1, trackM: 0.85 * old.sizeM.widthM || 1 } : null,
              }))
            }
          />
        </div>
        {item.wheels && (
          <RecordFields
            record={item.wheels}
            sizes={[
              {
                field: 'baseM',
                label: 'Wheels apart, along',
                kind: 'length',
                of: 'items.wheels.baseM',
                said: 'wheelbase of the load',
              },
              {
                field: 'trackM',
                label: 'Wheels apart, across',
                kind: 'length',
                of: 'items.wheels.trackM',
                said: 'track of the load',
              },
            ]}
            onChange={(said, change) =>
              set(said, (old) => ({ ...old, wheels: old.wheels && { ...old.wheels, ...change } }))
            }
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
