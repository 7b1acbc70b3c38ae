import { addOwnPanel, changeOwnPanel, newOwnPanel, type OwnPanel, removeOwnPanel } from '@kereta/core';
import { nanoid } from 'nanoid';
import { useWorkbench } from '../../../bench/workbench';
import { useEditing } from '../../../fields/editing';
import { CheckField, FieldGroup, SelectField, TextField } from '../../../fields/fields';
import { QuantityField } from '../../../fields/QuantityField';
import { hostOptions } from '../hosts';
import { CutoutFields } from './CutoutFields';
import { SheetFields } from './SheetFields';

const PLACES = [
  { value: 'between', text: 'From bar to bar' },
  { value: 'at', text: 'At a place' },
] as const;
const FACES = [
  { value: 'outer', text: 'Outside or on top' },
  { value: 'inner', text: 'Inside or below' },
  { value: 'middle', text: 'Between them' },
] as const;
const PLANES = [
  { value: 'across', text: 'Upright across' },
  { value: 'along', text: 'Upright along' },
  { value: 'flat', text: 'Flat' },
] as const;

type At = Extract<OwnPanel['place'], { kind: 'at' }>;
const AT_LABELS: Readonly<Record<At['plane'], Readonly<Record<'atM' | 'fromM' | 'toM' | 'lowM' | 'highM', string>>>> = {
  across: {
    atM: 'Back from front edge',
    fromM: 'From, right of middle',
    toM: 'To, right of middle',
    lowM: 'From, above rails',
    highM: 'To, above rails',
  },
  along: {
    atM: 'Right of the middle',
    fromM: 'From, back from front',
    toM: 'To, back from front',
    lowM: 'From, above rails',
    highM: 'To, above rails',
  },
  flat: {
    atM: 'Above the rails',
    fromM: 'From, back from front',
    toM: 'To, back from front',
    lowM: 'From, right of middle',
    highM: 'To, right of middle',
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
        label="It lies"
        value={place.kind}
        options={PLACES}
        onCommit={(kind) =>
          change(kind === 'between' ? 'from bar to bar' : 'at a place', {
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
              label={which === 0 ? 'From' : 'To'}
              value={place.barIds[which]}
              options={hostOptions(evaluation.chassis, say, place.barIds[which])}
              onCommit={(barId) =>
                change(`${which === 0 ? 'from' : 'to'} ${say.partName(barId).toLowerCase()}`, {
                  place: {
                    ...place,
                    barIds: which === 0 ? [barId, place.barIds[1]] : [place.barIds[0], barId],
                  },
                })
              }
            />
          ))}
          <SelectField
            label="On their"
            value={place.face}
            options={FACES}
            onCommit={(face) => change(`on their ${face} face`, { place: { ...place, face } })}
          />
        </>
      ) : (
        <>
          <SelectField
            label="It stands"
            value={place.plane}
            options={PLANES}
            onCommit={(plane) => change(plane === 'flat' ? 'flat' : `upright ${plane}`, { place: { ...place, plane } })}
          />
          {AT_FIELDS.map((field) => (
            <QuantityField
              key={field}
              label={AT_LABELS[place.plane][field]}
              kind="length"
              value={place[field]}
              of={`frame.ownPanels.place.${field}`}
              onCommit={(value) =>
                change(`${AT_LABELS[place.plane][field].toLowerCase()} ${say.length(value)}`, {
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
    edit(`${name.toLowerCase()} ${said}`, (current) => changeOwnPanel(current, id, part));
  return (
    <section className="border-t border-base-300 px-4 pt-3" aria-label={`Picked: ${name}`}>
      <h2 className="mb-2 font-semibold" style={{ color: 'var(--dye)' }}>
        {name}
      </h2>
      <p className="mute mb-2 text-[13px]">
        {built?.own
          ? `${say.mass(built.massKg)}, ${built.own.heldBy.length === 0 ? 'held by no bar: add one under it' : `on ${built.own.heldBy.length} bars`}`
          : 'Not placed: see the checks'}
      </p>
      <div className="grid grid-cols-2 gap-x-3 gap-y-2 pb-3">
        <TextField
          label="Its name"
          value={panel.name ?? ''}
          partField={id}
          onCommit={(text) => change(text === '' ? 'without a name' : `called ${text}`, { name: text })}
        />
        <CheckField
          label="Already there"
          checked={panel.existing}
          onCommit={(existing) => change(existing ? 'already there' : 'to be made', { existing })}
        />
        <CheckField
          label="To be taken off"
          checked={panel.removed ?? false}
          onCommit={(removed) => change(removed ? 'to be taken off' : 'stays', { removed })}
        />
        <CheckField
          label="Holds its bars square"
          checked={panel.carries}
          onCommit={(carries) => change(carries ? 'fastened all round' : 'only lies on its bars', { carries })}
        />
        <SheetFields
          label="Of"
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
            edit(`${name.toLowerCase()} taken off`, (current) => removeOwnPanel(current, id));
            pick(undefined);
          }}
        >
          Take off
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
    <FieldGroup title="Panels of your own">
      <p className="mute col-span-2 text-[13px]">Walls, shelves, skins: from one bar to another, or where you say.</p>
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
          edit('panel added', (current) => addOwnPanel(current, newOwnPanel(current, current.settings.units, id)));
          pick(id);
        }}
      >
        Add a panel
      </button>
    </FieldGroup>
  );
};
