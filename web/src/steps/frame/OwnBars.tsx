import {
  addOwnBar,
  type BarEnd,
  changeOwnBar,
  explicitCrossMembers,
  inches,
  keptBars,
  lineLengthM,
  middleLineOf,
  millimetres,
  mirroredOwnBar,
  type OwnBar,
  overrideBar,
  parsePartId,
  removeOwnBar,
  shiftedOwnBar,
  type Trailer,
  withKeptBar,
} from '@kereta/core';
import { useMemo, useState } from 'react';
import { useWorkbench } from '../../bench/workbench';
import { useEditing } from '../../fields/editing';
import { CheckField, FieldGroup, SelectField, TextField } from '../../fields/fields';
import { Picker } from '../../fields/Picker';
import { QuantityField } from '../../fields/QuantityField';
import { recall, remember } from '../../storage/remembered';
import { sectionRows } from '../pickRows';
import { materialOptions, metalNote, sectionChange } from '../stepKit';
import { BuildFields } from './BuildFields';
import { BetweenTwo } from './BetweenTwo';
import { hostOptions, newBarId } from './hosts';
import { SpliceFields } from './SpliceFields';
import { inner, t } from '../../fields/language/t';

const TURNS = [
  { value: '0', text: t('Upright') },
  { value: '90', text: t('A quarter turn') },
  { value: '180', text: t('Half a turn') },
  { value: '270', text: t('Three quarters') },
] as const;

const END_KINDS = [
  { value: 'on', text: t('On a bar') },
  { value: 'off', text: t('Off its other end') },
  { value: 'at', text: t('At a place') },
] as const;

const AT = [
  { field: 'xM', label: t('back from front edge') },
  { field: 'yM', label: t('right of the middle') },
  { field: 'zM', label: t('above the rails') },
] as const;
const OFF = [
  { field: 'byXM', label: t('further back') },
  { field: 'byYM', label: t('further right') },
  { field: 'byZM', label: t('higher') },
] as const;

interface EndProps {
  readonly which: 'Begins' | 'Ends';
  readonly own: OwnBar;
  readonly end: BarEnd;
  readonly set: (label: string, end: BarEnd) => void;
}

/** Where one end is. */
const EndFields = ({ which, own, end, set }: EndProps) => {
  const title = which === 'Begins' ? t('Begins') : t('Ends');
  const { trailer } = useEditing();
  const { evaluation, say } = useWorkbench('evaluation', 'say');
  const options = hostOptions(evaluation.chassis, say, end.kind === 'on' ? end.barId : undefined, own.id);
  const metric = trailer.settings.units === 'metric';
  const change = (kind: BarEnd['kind']): void => {
    const up = metric ? millimetres(600) : inches(24);
    if (kind === 'on') set(t('{title} on a bar', { title: inner(title) }), { kind, barId: 'rail.left', atM: 0 });
    if (kind === 'off')
      set(t('{title} off its other end', { title: inner(title) }), { kind, byXM: 0, byYM: 0, byZM: up });
    if (kind === 'at') set(t('{title} at a place', { title: inner(title) }), { kind, xM: 0, yM: 0, zM: up });
  };
  return (
    <fieldset
      className="col-span-2 grid grid-cols-2 gap-x-3 gap-y-2 border-t border-base-300 pt-2"
      aria-label={t('Where it {title}', { title: inner(title) })}
    >
      <SelectField label={title} value={end.kind} options={END_KINDS} onCommit={change} />
      {end.kind === 'on' && (
        <>
          <SelectField
            label={t('{title} on', { title })}
            value={end.barId}
            options={options}
            onCommit={(barId) =>
              set(t('{title} on {bar}', { title: inner(title), bar: inner(say.partName(barId)) }), { ...end, barId })
            }
          />
          <QuantityField
            label={t('{title}, along it', { title })}
            kind="length"
            value={end.atM}
            of="frame.ownBars.from.atM"
            hint={t('From its front, left or ball’s end')}
            onCommit={(atM) => set(t('{title} at {at}', { title: inner(title), at: say.length(atM) }), { ...end, atM })}
          />
        </>
      )}
      {end.kind === 'at' &&
        AT.map(({ field, label }) => (
          <QuantityField
            key={field}
            label={`${title}, ${label}`}
            kind="length"
            value={end[field]}
            of={`frame.ownBars.from.${field}`}
            onCommit={(value) => set(`${inner(title)} ${say.length(value)} ${label}`, { ...end, [field]: value })}
          />
        ))}
      {end.kind === 'off' &&
        OFF.map(({ field, label }) => (
          <QuantityField
            key={field}
            label={`${title}, ${label}`}
            kind="length"
            value={end[field]}
            of={`frame.ownBars.from.${field}`}
            onCommit={(value) => set(`${inner(title)} ${say.length(value)} ${label}`, { ...end, [field]: value })}
          />
        ))}
    </fieldset>
  );
};

/** Copies of a bar: on the other side, and again further back. */
const Copies = ({ own }: { readonly own: OwnBar }) => {
  const { trailer, edit } = useEditing();
  const { evaluation, say, pick } = useWorkbench('evaluation', 'say', 'pick');
  const metric = trailer.settings.units === 'metric';
  const [apartM, setApartM] = useState(metric ? millimetres(600) : inches(24));
  const { chassis } = evaluation;
  const mirrored = mirroredOwnBar(chassis, own, own.id);
  const shifted = shiftedOwnBar(chassis, own, apartM, own.id);
  const name = inner(say.partName(own.id));
  const add = (label: string, copy: OwnBar): void => {
    const id = newBarId();
    edit(label, (current) => addOwnBar(current, { ...copy, id }));
    pick(id);
  };
  return (
    <>
      <button
        type="button"
        className="button self-center"
        disabled={!mirrored}
        title={mirrored ? undefined : t('It stands on a bar that has no like on the other side')}
        onClick={() => mirrored && add(t('{name} on the other side', { name }), mirrored)}
      >
        {t('Same on the other side')}
      </button>
      <span />
      <QuantityField
        label={t('Again, further back by')}
        kind="length"
        value={apartM}
        of="frame.ownBars.from.byXM"
        onCommit={setApartM}
      />
      <button
        type="button"
        className="button self-end"
        disabled={!shifted}
        title={shifted ? undefined : t('It stands on a bar that does not run along the trailer')}
        onClick={() => shifted && add(t('{name} again', { name }), shifted)}
      >
        {t('Repeat')}
      </button>
    </>
  );
};

/** Under this bars are remembered for other trailers. */
const KEPT_KEY = 'kereta.bars';

/** Keeps a bar for other trailers of this browser, by its name. */
const KeepForOthers = ({ own }: { readonly own: OwnBar }) => {
  const [kept, setKept] = useState(false);
  const named = (own.name ?? '') !== '';
  return (
    <button
      type="button"
      className="button"
      disabled={!named}
      title={named ? undefined : t('Give it a name first')}
      onClick={() => {
        remember(KEPT_KEY, withKeptBar(recall(KEPT_KEY), own));
        setKept(true);
      }}
    >
      {kept ? t('Kept for others') : t('Keep for others')}
    </button>
  );
};

/** A bar of one's own that is picked: what it is of, where it begins and ends. */
export const PickedOwnBar = ({ id }: { readonly id: string }) => {
  const { trailer, edit } = useEditing();
  const { evaluation, say, pick } = useWorkbench('evaluation', 'say', 'pick');
  const rows = useMemo(() => sectionRows(trailer), [trailer]);
  const own = trailer.frame.ownBars.find((candidate) => candidate.id === id);
  if (!own) return null;
  const name = say.partName(id);
  const bar = { ...own, faces: 'in' as const };
  const change = (label: string, part: Partial<OwnBar>): void =>
    edit(`${inner(name)} ${label}`, (current) => changeOwnBar(current, id, part));
  /** A run of cross-members that is spread by its spacing becomes a list, so that the bar stays on the one that it stands on. */
  const setEnd = (label: string, part: { from: BarEnd } | { to: BarEnd }): void =>
    edit(`${inner(name)} ${label}`, (current): Trailer => {
      const stood = Object.values(part).some((end) => end.kind === 'on' && parsePartId(end.barId).kind === 'cross');
      const listed = stood ? explicitCrossMembers(current, evaluation.chassis.crossPlaced) : current;
      return changeOwnBar(listed, id, part);
    });
  const member = evaluation.chassis.members.find((candidate) => candidate.id === id);
  return (
    <section className="border-t border-base-300 px-4 pt-3" aria-label={t('Picked: {name}', { name })}>
      <h2 className="mb-2 font-semibold" style={{ color: 'var(--dye)' }}>
        {name}
      </h2>
      <p className="mute mb-2 text-[13px]">
        {member
          ? t('{cutLength} long, {mass}', { cutLength: say.length(member.cutLengthM), mass: say.mass(member.massKg) })
          : own.removed
            ? t('To be taken off')
            : t('Not placed: see the checks')}
      </p>
      <div className="grid grid-cols-2 gap-x-3 gap-y-2 pb-3">
        <TextField
          label={t('Its name')}
          value={own.name ?? ''}
          partField={id}
          onCommit={(text) => change(text === '' ? t('without a name') : t('called {text}', { text }), { name: text })}
        />
        <SelectField
          label={t('Turned about its line')}
          value={`${own.turnDeg}`}
          options={TURNS}
          onCommit={(turn) => change(t('turned'), { turnDeg: Number(turn) as OwnBar['turnDeg'] })}
        />
        <Picker
          label={t('Its section')}
          list="sections"
          value={own.sectionId}
          rows={rows}
          partField={`${id}.section`}
          onCommit={(sectionId) => {
            const next = sectionChange(trailer, bar, sectionId);
            change(t('to {label}', { label: next.label }), {
              sectionId: next.bar.sectionId,
              materialId: next.bar.materialId,
            });
          }}
        />
        <SelectField
          label={t('Its metal')}
          value={own.materialId}
          options={materialOptions(trailer, own.sectionId)}
          hint={metalNote(trailer, bar)}
          onCommit={(materialId) => change(t('of another metal'), { materialId })}
        />
        <div className="col-span-2">
          <CheckField
            label={t('Already there: neither cut nor bought')}
            checked={member?.existing ?? false}
            onCommit={(existing) =>
              edit(`${inner(name)} ${existing ? t('already there') : t('to be made')}`, (current) =>
                overrideBar(current, evaluation.chassis.crossPlaced, id, { existing }),
              )
            }
          />
        </div>
        <div className="col-span-2">
          <CheckField
            label={t('To be taken off: drawn as a ghost, in no figure')}
            checked={own.removed ?? false}
            onCommit={(removed) => change(removed ? t('to be taken off') : t('stays'), { removed })}
          />
        </div>
        {member && (
          <>
            <BuildFields
              member={member}
              override={(current, more) => overrideBar(current, evaluation.chassis.crossPlaced, id, more)}
            />
            <SpliceFields
              splicesM={member.splicesM}
              lengthM={member.cutLengthM}
              onCommit={(label, splices) =>
                edit(`${inner(name)}: ${label}`, (current) =>
                  overrideBar(current, evaluation.chassis.crossPlaced, id, {
                    splices: splices.map((atM) => ({ atM })),
                  }),
                )
              }
            />
          </>
        )}
        <EndFields which="Begins" own={own} end={own.from} set={(label, from) => setEnd(label, { from })} />
        <EndFields which="Ends" own={own} end={own.to} set={(label, to) => setEnd(label, { to })} />
        <Copies own={own} />
        <KeepForOthers own={own} />
        <button
          type="button"
          className="button"
          onClick={() => {
            edit(t('{name} taken off', { name: inner(name) }), (current) => removeOwnBar(current, id));
            pick(undefined);
          }}
        >
          {t('Take off')}
        </button>
      </div>
    </section>
  );
};

/** Bars from any place to any other. */
export const OwnBars = () => {
  const { trailer, edit } = useEditing();
  const { picked, pick, say, evaluation } = useWorkbench('picked', 'pick', 'say', 'evaluation');
  const metric = trailer.settings.units === 'metric';
  const { ownBars, groups } = trailer.frame;
  const kept = keptBars(recall(KEPT_KEY));
  const add = (): void => {
    const id = newBarId();
    const host = evaluation.chassis.members.find((member) => member.id === picked && middleLineOf(member));
    const line = host && middleLineOf(host);
    const lengthM = line && lineLengthM(line);
    edit(t('bar added'), (current) => {
      const onCross = host !== undefined && parsePartId(host.id).kind === 'cross';
      const listed = onCross ? explicitCrossMembers(current, evaluation.chassis.crossPlaced) : current;
      return addOwnBar(listed, {
        id,
        sectionId: groups.cross.sectionId,
        materialId: groups.cross.materialId,
        turnDeg: 0,
        from: { kind: 'on', barId: host?.id ?? 'rail.left', atM: (lengthM ?? trailer.frame.bed.lengthM) / 2 },
        to: { kind: 'off', byXM: 0, byYM: 0, byZM: metric ? millimetres(600) : inches(24) },
      });
    });
    pick(id);
  };
  return (
    <FieldGroup title={t('Bars of your own')}>
      <p className="mute col-span-2 text-[13px]">
        {t(
          'Uprights, braces, racks: from a bar to another, or into the air. A new one stands on the bar that is picked.',
        )}
      </p>
      {ownBars.map(({ id }) => (
        <button key={id} type="button" className="button" aria-pressed={picked === id} onClick={() => pick(id)}>
          {say.partName(id)}
        </button>
      ))}
      <button type="button" className="button" onClick={add}>
        {t('Add a bar')}
      </button>
      <BetweenTwo />
      {kept.length > 0 && (
        <SelectField
          label={t('One kept from another trailer')}
          value=""
          options={kept.map(({ name = '' }, i) => ({ value: String(i), text: name }))}
          onCommit={(chosen) => {
            const bar = kept[Number(chosen)];
            if (!bar) return;
            const id = newBarId();
            edit(t('{name} put on', { name: bar.name ?? 'bar' }), (current) => addOwnBar(current, { ...bar, id }));
            pick(id);
          }}
        />
      )}
    </FieldGroup>
  );
};
