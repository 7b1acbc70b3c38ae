import {
  buildChassis,
  changePiece,
  isOfPiece,
  overrideBar,
  pieceAsOwn,
  type Piece,
  pieceOf,
  removePiece,
  withKeptPiece,
} from '@kereta/core';
import { nanoid } from 'nanoid';
import { useMemo, useState } from 'react';
import { useWorkbench } from '../../../bench/workbench';
import { useEditing } from '../../../fields/editing';
import { CheckField, SelectField, TextField } from '../../../fields/fields';
import { Picker } from '../../../fields/Picker';
import { QuantityField } from '../../../fields/QuantityField';
import { sectionRows } from '../../pickRows';
import { materialOptions, metalNote, sectionChange } from '../../stepKit';
import { BuildFields } from '../BuildFields';
import { KindFields } from './KindFields';
import { recall, remember } from '../../../storage/remembered';
import { figureOf, KEPT_KEY, pathOf, PIECE_FIGURES } from './pieceFields';
import { inner, t } from '../../../fields/language/t';

/** One bar of a piece by itself: another section, or there already. */
const BarOfPiece = ({ id }: { readonly id: string }) => {
  const { trailer, edit } = useEditing();
  const { evaluation, say } = useWorkbench('evaluation', 'say');
  const rows = useMemo(() => sectionRows(trailer), [trailer]);
  const member = evaluation.chassis.members.find((candidate) => candidate.id === id);
  if (!member) return null;
  const name = say.partName(id);
  const own = trailer.frame.overrides[id];
  const override = (said: string, change: Parameters<typeof overrideBar>[3]): void =>
    edit(`${inner(name)} ${said}`, (current) => overrideBar(current, evaluation.chassis.crossPlaced, id, change));
  const bar = { sectionId: (member.builtUp?.base ?? member.section).id, materialId: member.material.id };
  return (
    <fieldset className="col-span-2 grid grid-cols-2 gap-x-3 gap-y-2 border-t border-base-300 pt-2" aria-label={name}>
      <p className="col-span-2 text-[13px]">
        <b>{name}</b>
        {t(': {cutLength} long, {mass}', { cutLength: say.length(member.cutLengthM), mass: say.mass(member.massKg) })}
      </p>
      <Picker
        label={t('This bar alone, section')}
        list="sections"
        value={bar.sectionId}
        rows={rows}
        partField={`${id}.section`}
        onCommit={(sectionId) => {
          const next = sectionChange(trailer, bar, sectionId);
          override(t('to {label}', { label: next.label }), next.bar);
        }}
      />
      <CheckField
        label={t('Already there')}
        checked={member.existing}
        onCommit={(existing) => override(existing ? t('already there') : t('to be made'), { existing })}
      />
      <BuildFields
        member={member}
        override={(current, more) => overrideBar(current, evaluation.chassis.crossPlaced, id, more)}
      />
      {own && (
        <button type="button" className="button" onClick={() => override(t('like the others'), undefined)}>
          {t('Like the others')}
        </button>
      )}
    </fieldset>
  );
};

/** A ready-made piece, or a part of one, that is picked. */
export const PickedPiece = ({ id }: { readonly id: string }) => {
  const { trailer, edit } = useEditing();
  const { evaluation, say, pick } = useWorkbench('evaluation', 'say', 'pick');
  const rows = useMemo(() => sectionRows(trailer), [trailer]);
  const [kept, setKept] = useState(false);
  const piece = pieceOf(trailer, id);
  if (!piece) return null;
  const name = say.partName(piece.id);
  const change = (said: string, part: Partial<Piece>): void =>
    edit(`${inner(name)} ${said}`, (current) => changePiece(current, piece.id, part));
  const { members, panels } = evaluation.chassis;
  const parts = [...members, ...panels].filter((part) => isOfPiece(part.id, piece.id));
  const massKg = parts.reduce((sum, part) => sum + part.massKg, 0);
  const bars = parts.filter((part) => part.id.startsWith('bar.')).length;
  const flat = parts.length - bars;
  return (
    <section className="border-t border-base-300 px-4 pt-3" aria-label={t('Picked: {name}', { name })}>
      <h2 className="mb-2 font-semibold" style={{ color: 'var(--dye)' }}>
        {name}
      </h2>
      <p className="mute mb-2 text-[13px]">
        {parts.length === 0
          ? t('Not placed: see the checks')
          : [
              bars === 1 ? t('1 bar') : t('{count} bars', { count: bars }),
              flat === 1 ? t('1 flat part') : t('{count} flat parts', { count: flat }),
              say.mass(massKg),
            ].join(', ')}
      </p>
      <div className="grid grid-cols-2 gap-x-3 gap-y-2 pb-3">
        {id !== piece.id && id.startsWith('bar.') && <BarOfPiece key={id} id={id} />}
        <TextField
          label={t('Its name')}
          value={piece.name ?? ''}
          partField={piece.id}
          onCommit={(text) => change(text === '' ? t('without a name') : t('called {text}', { text }), { name: text })}
        />
        {PIECE_FIGURES[piece.kind].map((figure) => (
          <QuantityField
            key={figure.field}
            label={figure.label}
            kind={figure.kind}
            value={figureOf(piece, figure)}
            of={pathOf(figure)}
            {...(figure.hint === undefined ? {} : { hint: figure.hint })}
            onCommit={(value) =>
              change(`${inner(figure.label)} ${figure.kind === 'length' ? say.length(value) : value}`, {
                [figure.field]: value,
              })
            }
          />
        ))}
        <KindFields piece={piece} change={change} />
        <Picker
          label={t('Its bars, section')}
          list="sections"
          value={piece.sectionId}
          rows={rows}
          partField={`${piece.id}.section`}
          onCommit={(sectionId) => {
            const next = sectionChange(trailer, piece, sectionId);
            change(t('of {label}', { label: next.label }), next.bar);
          }}
        />
        <SelectField
          label={t('Its bars, metal')}
          value={piece.materialId}
          options={materialOptions(trailer, piece.sectionId)}
          hint={metalNote(trailer, { ...piece, faces: 'in' })}
          onCommit={(materialId) => change(t('of another metal'), { materialId })}
        />
        {parts.length > 0 &&
          piece.kind !== 'gate' &&
          !((piece.kind === 'sides' || piece.kind === 'body') && !piece.carries) && (
            <button
              type="button"
              className="button"
              title={t('Its bars and panels stay where they are, and are then yours to move one by one')}
              onClick={() => {
                edit(
                  t('{name} taken apart', { name: inner(name) }),
                  (current) => pieceAsOwn(current, buildChassis(current), piece.id, () => nanoid(8)) ?? current,
                );
                pick(undefined);
              }}
            >
              {t('Take apart')}
            </button>
          )}
        <button
          type="button"
          className="button"
          disabled={(piece.name ?? '') === ''}
          title={(piece.name ?? '') === '' ? t('Give it a name first') : undefined}
          onClick={() => {
            remember(KEPT_KEY, withKeptPiece(recall(KEPT_KEY), piece));
            setKept(true);
          }}
        >
          {kept ? t('Kept for others') : t('Keep for others')}
        </button>
        <button
          type="button"
          className="button"
          onClick={() => {
            edit(t('{name} taken off', { name: inner(name) }), (current) => removePiece(current, piece.id));
            pick(undefined);
          }}
        >
          {t('Take off')}
        </button>
      </div>
    </section>
  );
};
