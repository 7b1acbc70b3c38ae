import {
  changeCase,
  changeItem,
  originXM,
  type Item,
  removeItem,
  BASIS_NAMES,
  ITEM_KIND_NAMES,
  PLACE_FROM_NAMES,
} from '@kereta/core';
import { Trash2 } from 'lucide-react';
import { useId } from 'react';
import { useEditing } from '../../fields/editing';
import { CheckField, FieldGrid, FieldGroup, SelectField, TextField } from '../../fields/fields';
import { RecordFields } from '../../fields/RecordFields';
import { QuantityField } from '../../fields/QuantityField';
import { useWorkbench } from '../../bench/workbench';
import { USUAL_DOUBT } from './usualDoubt';
import { t } from '../../fields/language/t';
import { optionsIn } from '../../fields/language/optionsIn';

const PLACES: Readonly<Record<Item['attach']['from'], string>> = {
  front: t('The front edge'),
  rear: t('The rear edge'),
  ball: t('The ball'),
  axle: t('The axle'),
};

const BASES = optionsIn(BASIS_NAMES);
const KINDS = optionsIn(ITEM_KIND_NAMES);

const toleranceShare = ({ value, tolerance, basis }: Item['massKg']): number =>
  value > 0 ? tolerance / value : USUAL_DOUBT[basis];

/** Changes of one load, each a named step. */
const useItem = (item: Item) => {
  const { edit } = useEditing();
  const set = (label: string, change: (old: Item) => Item): void =>
    edit(label, (current) => changeItem(current, item.id, change));
  return {
    set,
    setPlace: (label: string, change: Partial<Item['attach']>): void =>
      set(label, (old) => ({ ...old, attach: { ...old.attach, ...change } })),
    setSize: (label: string, change: Partial<Item['sizeM']>): void =>
      set(label, (old) => ({ ...old, sizeM: { ...old.sizeM, ...change } })),
  };
};

/** In which loads it comes along. */
const AboardIn = ({ item }: { readonly item: Item }) => {
  const { trailer, edit } = useEditing();
  return (
    <FieldGroup title={t('Aboard in')} open>
      {trailer.cases.map((loadCase) => (
        <CheckField
          key={loadCase.id}
          label={loadCase.name}
          checked={loadCase.aboard.some(({ itemId }) => itemId === item.id)}
          onCommit={(aboard) =>
            edit(`${item.name} ${aboard ? t('into') : t('out of')} ${loadCase.name}`, (current) =>
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
  );
};

/** What it stands on, and from where its place is measured. */
const StandsOn = ({ item }: { readonly item: Item }) => {
  const { setPlace } = useItem(item);
  const { trailer, evaluation } = useWorkbench('trailer', 'evaluation');
  const { chassis } = evaluation;
  return (
    <>
      <SelectField
        label={t('Stands on')}
        value={item.attach.on === 'item' ? `item:${item.attach.hostId ?? ''}` : item.attach.on}
        options={[
          { value: 'deck', text: t('Deck') },
          { value: 'rail', text: t('Rails') },
          { value: 'tongue', text: t('Tongue') },
          { value: 'axle', text: t('Axle, with fenders') },
          { value: 'drawer', text: t('Drawer') },
          ...(chassis.ownBars.length > 0 || item.attach.on === 'rack'
            ? [{ value: 'rack', text: t('Rack: your bars, or a piece, under it') }]
            : []),
          ...trailer.items
            .filter(({ id }) => id !== item.id)
            .map(({ id, name }) => ({ value: `item:${id}`, text: t('On {name}', { name }) })),
        ]}
        onCommit={(value) => {
          const hostId = value.startsWith('item:') ? value.slice(5) : null;
          const offset = { ...item.attach.offsetM, value: hostId === null ? item.attach.offsetM.value : 0 };
          setPlace(t('what it stands on'), {
            on: hostId === null ? (value as Item['attach']['on']) : 'item',
            hostId,
            offsetM: offset,
          });
        }}
      />
      <SelectField
        label={t('Measured from')}
        value={item.attach.from}
        options={Object.entries(PLACES).map(([value, text]) => ({ value, text }))}
        onCommit={(chosen) => {
          const from = chosen as Item['attach']['from'];
          // It stays where it is: only what it is measured from changes.
          const byM = originXM(trailer, chassis, item.attach.from) - originXM(trailer, chassis, from);
          const offsetM = { ...item.attach.offsetM, value: item.attach.offsetM.value + byM };
          setPlace(t('measured from'), { from, offsetM });
        }}
      />
    </>
  );
};

/** A load that rolls presses with four wheels. */
const OnWheels = ({ item }: { readonly item: Item }) => {
  const { set } = useItem(item);
  return (
    <>
      <div className="col-span-2">
        <CheckField
          label={t('Stands on four wheels')}
          checked={item.wheels !== null}
          onCommit={(on) =>
            set(on ? t('on wheels') : t('lies flat'), (old) => ({
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
              label: t('Wheels apart, along'),
              kind: 'length',
              of: 'items.wheels.baseM',
              said: t('wheelbase of the load'),
            },
            {
              field: 'trackM',
              label: t('Wheels apart, across'),
              kind: 'length',
              of: 'items.wheels.trackM',
              said: t('track of the load'),
            },
          ]}
          onChange={(said, change) =>
            set(said, (old) => ({ ...old, wheels: old.wheels && { ...old.wheels, ...change } }))
          }
        />
      )}
      {item.wheels && (
        <QuantityField
          label={t('Of its weight, on its front axle')}
          kind="percent"
          value={item.wheels.frontShare ?? 0.5}
          of="items.wheels.frontShare"
          hint={t('50 % where both bear alike; it balances that much nearer to one')}
          onCommit={(frontShare) =>
            set(t('front axle’s share of the load'), (old) => ({
              ...old,
              wheels: old.wheels && { ...old.wheels, frontShare },
            }))
          }
        />
      )}
    </>
  );
};

/** Legs, and what moves by itself. */
const LegsAndRoaming = ({ item }: { readonly item: Item }) => {
  const { set } = useItem(item);
  const { legs } = item;
  const setLegs = (said: string, next: Item['legs']): void =>
    set(said, ({ legs: _old, ...rest }) => (next ? { ...rest, legs: next } : rest));
  return (
    <>
      <div className="col-span-2">
        <CheckField
          label={t('Stands on four legs')}
          checked={legs !== undefined}
          onCommit={(on) =>
            setLegs(
              on ? t('on legs') : t('lies flat'),
              on
                ? { heightM: 0.3, baseM: 0.9 * item.sizeM.lengthM || 0.5, trackM: 0.9 * item.sizeM.widthM || 0.5 }
                : undefined,
            )
          }
        />
      </div>
      {legs && (
        <RecordFields
          record={legs}
          sizes={[
            {
              field: 'heightM',
              label: t('Underside up'),
              kind: 'length',
              of: 'items.legs.heightM',
              said: t('height of legs'),
            },
            {
              field: 'baseM',
              label: t('Legs apart, along'),
              kind: 'length',
              of: 'items.legs.baseM',
              said: t('legs apart along'),
            },
            {
              field: 'trackM',
              label: t('Legs apart, across'),
              kind: 'length',
              of: 'items.legs.trackM',
              said: t('legs apart across'),
            },
          ]}
          onChange={(said, change) => setLegs(said, { ...legs, ...change })}
        />
      )}
      <QuantityField
        label={t('Moves by itself, fore and aft by')}
        kind="length"
        value={item.roamsM ?? 0}
        of="items.roamsM"
        hint={t('Animals, people, what rolls: the worst cases look at both ends')}
        onCommit={(roamsM) => set(t('how far it moves'), (old) => ({ ...old, roamsM }))}
      />
    </>
  );
};

/** The day on which something is fitted for good. */
const FittedOn = ({ item }: { readonly item: Item }) => {
  const { set } = useItem(item);
  const { readOnly } = useEditing();
  const id = useId();
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="narrow mb-1 block text-[14px] leading-[18px]">
        {t('Fitted on')}
      </label>
      <input
        id={id}
        type="date"
        className="field-box narrow"
        value={item.since ?? ''}
        disabled={readOnly}
        onChange={(event) => {
          const since = event.target.value;
          set(
            since === '' ? t('fitted without a day') : t('fitted on {since}', { since }),
            ({ since: _old, ...rest }) => (since === '' ? rest : { ...rest, since }),
          );
        }}
      />
    </div>
  );
};

/** How large it is, where it stands, and what kind of thing it is. */
const SizeAndPlace = ({ item }: { readonly item: Item }) => {
  const { edit } = useEditing();
  const { set, setPlace, setSize } = useItem(item);
  const { pick } = useWorkbench('pick');
  return (
    <FieldGroup title={t('Size and place')}>
      <QuantityField
        label={t('Length')}
        kind="length"
        value={item.sizeM.lengthM}
        of="items.sizeM.lengthM"
        onCommit={(lengthM) => setSize(t('length'), { lengthM })}
      />
      <QuantityField
        label={t('Width')}
        kind="length"
        value={item.sizeM.widthM}
        of="items.sizeM.widthM"
        onCommit={(widthM) => setSize(t('width'), { widthM })}
      />
      <QuantityField
        label={t('Height')}
        kind="length"
        value={item.sizeM.heightM}
        of="items.sizeM.heightM"
        onCommit={(heightM) => setSize(t('height'), { heightM })}
      />
      <QuantityField
        label={t('Right of the middle')}
        kind="length"
        value={item.attach.rightM}
        of="items.attach.rightM"
        onCommit={(rightM) => setPlace(t('sideways place'), { rightM })}
      />
      <QuantityField
        label={t('Above what it stands on')}
        kind="length"
        value={item.attach.aboveM}
        of="items.attach.aboveM"
        onCommit={(aboveM) => setPlace(t('height of its place'), { aboveM })}
      />
      <StandsOn item={item} />
      <SelectField
        label={t('Kind')}
        value={item.kind}
        options={KINDS}
        onCommit={(kind) => set(t('kind'), (old) => ({ ...old, kind: kind }))}
      />
      {item.kind === 'tank' && (
        <QuantityField
          label={t('Tank itself')}
          kind="mass"
          value={item.emptyMassKg}
          of="items.emptyMassKg"
          onCommit={(emptyMassKg) => set(t('tank’s own weight'), (old) => ({ ...old, emptyMassKg }))}
        />
      )}
      <OnWheels item={item} />
      <LegsAndRoaming item={item} />
      {item.kind !== 'cargo' && <FittedOn item={item} />}
      <button
        type="button"
        className="button"
        onClick={() => {
          edit(t('{name} taken off', { name: item.name }), (current) => removeItem(current, item.id));
          pick(undefined);
        }}
      >
        <Trash2 size={16} aria-hidden /> {t('Take off')}
      </button>
    </FieldGroup>
  );
};

/** What the picked load weighs, how big it is, where it stands. */
export const ItemFields = ({ item }: { readonly item: Item }) => {
  const { set } = useItem(item);
  const { say } = useWorkbench('say');
  return (
    <section className="border-t border-base-300" aria-label={t('Picked: {name}', { name: item.name })}>
      <h2 className="px-4 pt-3 pb-2 font-semibold" style={{ color: 'var(--dye)' }}>
        {item.name}
      </h2>
      <FieldGrid>
        <TextField
          label={t('Name')}
          value={item.name}
          partField={item.id}
          onCommit={(name) => set(t('name {name}', { name }), (old) => ({ ...old, name }))}
        />
        <QuantityField
          label={item.kind === 'tank' ? t('Contents when full') : t('Weight')}
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
          label={t('Middle, back from {place}', { place: t(PLACE_FROM_NAMES[item.attach.from]) })}
          kind="length"
          value={item.attach.offsetM.value}
          of="items.attach.offsetM.value"
          hot
          onCommit={(value) =>
            set(t('{name} to {value}', { name: item.name, value: say.length(value) }), (old) => ({
              ...old,
              attach: { ...old.attach, offsetM: { ...old.attach.offsetM, value } },
            }))
          }
        />
        <SelectField
          label={t('How sure')}
          value={item.massKg.basis}
          options={BASES}
          onCommit={(basis) =>
            set(t('how sure'), (old) => ({
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
          label={t('Weight, give or take')}
          kind="mass"
          value={item.massKg.tolerance}
          of="items.massKg.tolerance"
          onCommit={(tolerance) =>
            set(t('doubt of its weight'), (old) => ({ ...old, massKg: { ...old.massKg, tolerance } }))
          }
        />
        <QuantityField
          label={t('Place, give or take')}
          kind="length"
          value={item.attach.offsetM.tolerance}
          of="items.attach.offsetM.tolerance"
          hint={t('How far it may slide or be set otherwise')}
          onCommit={(tolerance) =>
            set(t('doubt of its place'), (old) => ({
              ...old,
              attach: { ...old.attach, offsetM: { ...old.attach.offsetM, tolerance } },
            }))
          }
        />
      </FieldGrid>
      {item.kind !== 'fixed' && <AboardIn item={item} />}
      <SizeAndPlace item={item} />
    </section>
  );
};
