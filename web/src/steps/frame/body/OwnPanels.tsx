import { addOwnPanel, changeOwnPanel, newOwnPanel, type OwnPanel, removeOwnPanel } from '@kereta/core';
import { nanoid } from 'nanoid';
import { useWorkbench } from '../../../bench/workbench';
import { useEditing } from '../../../fields/editing';
import { CheckField, FieldGroup, SelectField, TextField } from '../../../fields/fields';
import { QuantityField } from '../../../fields/QuantityField';
import { hostOptions } from '../hosts';
import { CutoutFields } from './CutoutFields';
import { SheetFields } from './SheetFields';
import { inner, t } from '../../../fields/language/t';

const PLACES = [
  { value: 'between', text: t('From bar to bar') },
  { value: 'at', text: t('At a place') },
] as const;
const FACES = [
  { value: 'outer', text: t('Outside or on top') },
  { value: 'inner', text: t('Inside or below') },
  { value: 'middle', text: t('Between them') },
] as const;
const PLANES = [
  { value: 'across', text: t('Upright across') },
  { value: 'along', text: t('Upright along') },
  { value: 'flat', text: t('Flat') },
] as const;

type At = Extract<OwnPanel['place'], { kind: 'at' }>;
const AT_LABELS: Readonly<Record<At['plane'], Readonly<Record<'atM' | 'fromM' | 'toM' | 'lowM' | 'highM', string>>>> = {
  across: {
    atM: t('Back from front edge'),
    fromM: t('From, right of middle'),
    toM: t('To, right of middle'),
    lowM: t('From, above rails'),
    highM: t('To, above rails'),
  },
  along: {
    atM: t('Right of the middle'),
    fromM: t('From, back from front'),
    toM: t('To, back from front'),
    lowM: t('From, above rails'),
    highM: t('To, above rails'),
  },
  flat: {
    atM: t('Above the rails'),
    fromM: t('From, back from front'),
    toM: t('To, back from front'),
    lowM: t('From, right of middle'),
    highM: t('To, right of middle'),
  },
};
const AT_FIELDS = ['atM', 'fromM', 'toM', 'lowM', 'highM'] as const;

interface PlaceProps {
  readonly panel: OwnPanel;
  readonly change: (said: string, part: Partial<OwnPanel>) => void;
}

/** Where a panel lies: from one bar to another, or at a place. */
const PlaceFields = ({ panel, change }: PlaceProps) => {
  const { trailer } = useEditing();
  const { evaluation, say } = useWorkbench('evaluation', 'say');
  const { place } = panel;
  return (
    <>
      <SelectField
        label={t('It lies')}
        value={place.kind}
        options={PLACES}
        onCommit={(kind) =>
          change(kind === 'between' ? t('from bar to bar') : t('at a place'), {
            place:
              kind === 'between'
                ? { kind, barIds: ['rail.left', 'rail.right'], face: 'outer' }
                : newOwnPanel(trailer, trailer.settings.units, panel.id).place,
          })
        }
      />
      {place.kind === 'between' ? (
        <>
          {([0, 1] as const).map((which) => (
            <SelectField
              key={which}
              label={which === 0 ? t('From') : t('To')}
              value={place.barIds[which]}
              options={hostOptions(evaluation.chassis, say, place.barIds[which])}
              onCommit={(barId) =>
                change(`${which === 0 ? t('from') : t('to')} ${inner(say.partName(barId))}`, {
                  place: {
                    ...place,
                    barIds: which === 0 ? [barId, place.barIds[1]] : [place.barIds[0], barId],
                  },
                })
              }
            />
          ))}
          <SelectField
            label={t('On their')}
            value={place.face}
            options={FACES}
            onCommit={(face) => change(t('on their {face} face', { face }), { place: { ...place, face } })}
          />
        </>
      ) : (
        <>
          <SelectField
            label={t('It stands')}
            value={place.plane}
            options={PLANES}
            onCommit={(plane) =>
              change(plane === 'flat' ? t('flat') : t('upright {plane}', { plane }), { place: { ...place, plane } })
            }
          />
          {AT_FIELDS.map((field) => (
            <QuantityField
              key={field}
              label={AT_LABELS[place.plane][field]}
              kind="length"
              value={place[field]}
              of={`frame.ownPanels.place.${field}`}
              onCommit={(value) =>
                change(`${inner(AT_LABELS[place.plane][field])} ${say.length(value)}`, {
                  place: { ...place, [field]: value },
                })
              }
            />
          ))}
        </>
      )}
    </>
  );
};

/** A panel of one's own that is picked. */
export const PickedOwnPanel = ({ id }: { readonly id: string }) => {
  const { trailer, edit } = useEditing();
  const { evaluation, say, pick } = useWorkbench('evaluation', 'say', 'pick');
  const panel = trailer.frame.ownPanels.find((candidate) => candidate.id === id);
  if (!panel) return null;
  const name = say.partName(id);
  const built = evaluation.chassis.panels.find((candidate) => candidate.id === id);
  const change = (said: string, part: Partial<OwnPanel>): void =>
    edit(`${inner(name)} ${said}`, (current) => changeOwnPanel(current, id, part));
  return (
    <section className="border-t border-base-300 px-4 pt-3" aria-label={t('Picked: {name}', { name })}>
      <h2 className="mb-2 font-semibold" style={{ color: 'var(--dye)' }}>
        {name}
      </h2>
      <p className="mute mb-2 text-[13px]">
        {built?.own
          ? `${say.mass(built.massKg)}, ${built.own.heldBy.length === 0 ? t('held by no bar: add one under it') : t('on {count} bars', { count: built.own.heldBy.length })}`
          : t('Not placed: see the checks')}
      </p>
      <div className="grid grid-cols-2 gap-x-3 gap-y-2 pb-3">
        <TextField
          label={t('Its name')}
          value={panel.name ?? ''}
          partField={id}
          onCommit={(text) => change(text === '' ? t('without a name') : t('called {text}', { text }), { name: text })}
        />
        <CheckField
          label={t('Already there')}
          checked={panel.existing}
          onCommit={(existing) => change(existing ? t('already there') : t('to be made'), { existing })}
        />
        <CheckField
          label={t('To be taken off')}
          checked={panel.removed ?? false}
          onCommit={(removed) => change(removed ? t('to be taken off') : t('stays'), { removed })}
        />
        <CheckField
          label={t('Holds its bars square')}
          checked={panel.carries}
          onCommit={(carries) => change(carries ? t('fastened all round') : t('only lies on its bars'), { carries })}
        />
        <SheetFields
          label={t('Of')}
          sheet={panel.sheet}
          optional={false}
          of="frame.ownPanels.sheet.thicknessM"
          onCommit={(said, sheet) => sheet && change(said, { sheet })}
        />
        <PlaceFields panel={panel} change={change} />
        <CutoutFields
          openings={panel.cutouts}
          path="frame.ownPanels.cutouts"
          cutIn={built?.own?.plane ?? 'across'}
          onCommit={(said, cutouts) => change(said, { cutouts: [...cutouts] })}
        />
        <button
          type="button"
          className="button"
          onClick={() => {
            edit(t('{name} taken off', { name: inner(name) }), (current) => removeOwnPanel(current, id));
            pick(undefined);
          }}
        >
          {t('Take off')}
        </button>
      </div>
    </section>
  );
};

/** Flat parts between bars or at a place. */
export const OwnPanels = () => {
  const { trailer, edit } = useEditing();
  const { picked, pick, say } = useWorkbench('picked', 'pick', 'say');
  return (
    <FieldGroup title={t('Panels of your own')}>
      <p className="mute col-span-2 text-[13px]">
        {t('Walls, shelves, skins: from one bar to another, or where you say.')}
      </p>
      {trailer.frame.ownPanels.map(({ id }) => (
        <button key={id} type="button" className="button" aria-pressed={picked === id} onClick={() => pick(id)}>
          {say.partName(id)}
        </button>
      ))}
      <button
        type="button"
        className="button"
        onClick={() => {
          const id = `panel.${nanoid(8)}`;
          edit(t('panel added'), (current) => addOwnPanel(current, newOwnPanel(current, current.settings.units, id)));
          pick(id);
        }}
      >
        {t('Add a panel')}
      </button>
    </FieldGroup>
  );
};
