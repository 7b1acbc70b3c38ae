import {
  buildChassis,
  changePiece,
  inches,
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
import { CutoutFields } from './CutoutFields';
import { recall, remember } from '../../../storage/remembered';
import { figureOf, KEPT_KEY, pathOf, PIECE_FIGURES } from './pieceFields';
import { SheetFields } from './SheetFields';

const EDGES = ['left', 'right', 'front', 'rear'] as const;
const EDGE_OPTIONS = [
  { value: 'rear', text: 'Rear' },
  { value: 'front', text: 'Front' },
  { value: 'left', text: 'Left side' },
  { value: 'right', text: 'Right side' },
] as const;
const HELD = [
  { value: 'ground', text: 'Lies on the ground, a ramp' },
  { value: 'chains', text: 'Hangs on chains' },
] as const;

const counted = (count: number, what: string): string => `${count} ${what}${count === 1 ? '' : 's'}`;

interface KindProps {
  readonly piece: Piece;
  readonly change: (said: string, part: Partial<Piece>) => void;
}

/** Whether walls are part of the frame, or only stand on it. */
const Carries = ({ piece, change }: KindProps & { readonly piece: Extract<Piece, { kind: 'sides' | 'body' }> }) => (
  <div className="col-span-2">
    <CheckField
      label="Welded all round, and carries with the frame"
      checked={piece.carries}
      onCommit={(carries) => change(carries ? 'part of the frame' : 'only stand on it', { carries })}
    />
    <p className="mute text-[13px]">
      {piece.carries
        ? 'Its bars are analysed with the frame.'
        : 'It weighs on the frame and is not analysed: its own bars are yours to check.'}
    </p>
    {piece.kind === 'body' && piece.carries && (
      <>
        <CheckField
          label="Its skins hold it square"
          checked={piece.skinCarries}
          onCommit={(skinCarries) =>
            change(skinCarries ? 'held square by its skins' : 'without what its skins hold', { skinCarries })
          }
        />
        <p className="mute text-[13px]">
          Fastened to every post and rail, all round. A bay with a door or window in it counts for nothing.
        </p>
      </>
    )}
  </div>
);

/** Bars up and outward at the ends of a rack's bars across. */
const Horns = ({ piece, change }: KindProps & { readonly piece: Extract<Piece, { kind: 'rack' }> }) => {
  const { trailer } = useEditing();
  const metric = trailer.settings.units === 'metric';
  const { horns } = piece;
  return (
    <>
      <CheckField
        label="Ends bent up and out"
        checked={horns !== undefined}
        onCommit={(on) =>
          change(on ? 'with ends bent up' : 'with straight ends', {
            horns: on ? { heightM: metric ? 0.3 : inches(12), outM: metric ? 0.1 : inches(4) } : undefined,
          })
        }
      />
      {horns && (
        <div className="grid grid-cols-2 gap-x-3 gap-y-2">
          <QuantityField
            label="Ends rise by"
            kind="length"
            value={horns.heightM}
            of="frame.pieces.horns.heightM"
            onCommit={(heightM) => change('height of its ends', { horns: { ...horns, heightM } })}
          />
          <QuantityField
            label="Ends lean out by"
            kind="length"
            value={horns.outM}
            of="frame.pieces.horns.outM"
            onCommit={(outM) => change('lean of its ends', { horns: { ...horns, outM } })}
          />
        </div>
      )}
    </>
  );
};

type Covered = Extract<Piece, { kind: 'upper-frame' | 'shelf' | 'step' }>;
/** Something lies on it, that it may do without. */
const covered = (piece: Piece): piece is Covered =>
  piece.kind === 'upper-frame' || piece.kind === 'shelf' || piece.kind === 'step';

/** What a piece is beyond its figures: edges, fills, openings, how it is held. */
const KindFields = ({ piece, change }: KindProps) => {
  const fill =
    piece.kind === 'sides' || piece.kind === 'gate' || piece.kind === 'headboard' || covered(piece) ? (
      <SheetFields
        label={
          piece.kind === 'upper-frame' || piece.kind === 'shelf' || piece.kind === 'step'
            ? 'Covered with'
            : 'Filled with'
        }
        sheet={piece.fill}
        of="frame.pieces.fill.thicknessM"
        onCommit={(said, sheet) => change(said, { fill: sheet })}
      />
    ) : null;
  switch (piece.kind) {
    case 'sides':
      return (
        <>
          <fieldset className="col-span-2 flex flex-wrap gap-x-4" aria-label="On which edges">
            {EDGES.map((edge) => (
              <CheckField
                key={edge}
                label={edge[0]?.toUpperCase() + edge.slice(1)}
                checked={piece.edges[edge]}
                onCommit={(on) =>
                  change(`${on ? 'with' : 'without'} ${edge}`, { edges: { ...piece.edges, [edge]: on } })
                }
              />
            ))}
          </fieldset>
          {fill}
          <Carries piece={piece} change={change} />
        </>
      );
    case 'gate':
      return (
        <>
          <SelectField
            label="On the edge"
            value={piece.edge}
            options={EDGE_OPTIONS}
            onCommit={(edge) => change(`at the ${edge}`, { edge })}
          />
          <SelectField
            label="Let down, it"
            value={piece.held}
            options={HELD}
            onCommit={(held) => change(held === 'ground' ? 'lies on the ground' : 'hangs on chains', { held })}
          />
          {fill}
          <p className="mute col-span-2 text-[13px]">
            Hinges, latches and chains are not weighed: add them as fitted loads.
          </p>
        </>
      );
    case 'rack':
      return (
        <div className="col-span-2">
          <CheckField
            label="Bars along both sides"
            checked={piece.longBars}
            onCommit={(longBars) => change(longBars ? 'with bars along' : 'without bars along', { longBars })}
          />
          <CheckField
            label="A diagonal on each side"
            checked={piece.braced}
            onCommit={(braced) => change(braced ? 'braced' : 'not braced', { braced })}
          />
          <Horns piece={piece} change={change} />
        </div>
      );
    case 'fender':
      return (
        <>
          <SheetFields
            label="Of"
            sheet={piece.fill}
            optional={false}
            of="frame.pieces.fill.thicknessM"
            onCommit={(said, sheet) => sheet && change(said, { fill: sheet })}
          />
          <CheckField
            label="To stand on"
            checked={piece.standOn}
            onCommit={(standOn) => change(standOn ? 'to stand on' : 'not to stand on', { standOn })}
          />
        </>
      );
    case 'step':
    case 'spare':
      return (
        <>
          <SelectField
            label="On the edge"
            value={piece.edge}
            options={EDGE_OPTIONS}
            onCommit={(edge) => change(`at the ${edge}`, { edge })}
          />
          {piece.kind === 'spare' && (
            <CheckField
              label="A wheel is on it"
              checked={piece.wheel}
              onCommit={(wheel) => change(wheel ? 'with its wheel' : 'without a wheel', { wheel })}
            />
          )}
          {fill}
        </>
      );
    case 'body':
      return (
        <>
          <SheetFields
            label="Skin"
            sheet={piece.skin}
            optional={false}
            of="frame.pieces.fill.thicknessM"
            onCommit={(said, sheet) => sheet && change(said, { skin: sheet })}
          />
          <SheetFields
            label="Roof"
            sheet={piece.roof}
            of="frame.pieces.fill.thicknessM"
            onCommit={(said, sheet) => change(said, { roof: sheet })}
          />
          <SheetFields
            label="Insulation"
            sheet={piece.insulation}
            of="frame.pieces.fill.thicknessM"
            onCommit={(said, sheet) => change(said, { insulation: sheet })}
          />
          <Carries piece={piece} change={change} />
          <CutoutFields
            openings={piece.openings}
            path="frame.pieces.openings"
            cutIn="walls"
            onCommit={(said, openings) => change(said, { openings: [...openings] })}
          />
        </>
      );
    default:
      return fill;
  }
};

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
    edit(`${name.toLowerCase()} ${said}`, (current) =>
      overrideBar(current, evaluation.chassis.crossPlaced, id, change),
    );
  const bar = { sectionId: (member.builtUp?.base ?? member.section).id, materialId: member.material.id };
  return (
    <fieldset className="col-span-2 grid grid-cols-2 gap-x-3 gap-y-2 border-t border-base-300 pt-2" aria-label={name}>
      <p className="col-span-2 text-[13px]">
        <b>{name}</b>: {say.length(member.cutLengthM)} long, {say.mass(member.massKg)}
      </p>
      <Picker
        label="This bar alone, section"
        list="sections"
        value={bar.sectionId}
        rows={rows}
        partField={`${id}.section`}
        onCommit={(sectionId) => {
          const next = sectionChange(trailer, bar, sectionId);
          override(`to ${next.label}`, next.bar);
        }}
      />
      <CheckField
        label="Already there"
        checked={member.existing}
        onCommit={(existing) => override(existing ? 'already there' : 'to be made', { existing })}
      />
      <BuildFields
        member={member}
        override={(current, more) => overrideBar(current, evaluation.chassis.crossPlaced, id, more)}
      />
      {own && (
        <button type="button" className="button" onClick={() => override('like the others', undefined)}>
          Like the others
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
    edit(`${name.toLowerCase()} ${said}`, (current) => changePiece(current, piece.id, part));
  const { members, panels } = evaluation.chassis;
  const parts = [...members, ...panels].filter((part) => isOfPiece(part.id, piece.id));
  const massKg = parts.reduce((sum, part) => sum + part.massKg, 0);
  const bars = parts.filter((part) => part.id.startsWith('bar.')).length;
  return (
    <section className="border-t border-base-300 px-4 pt-3" aria-label={`Picked: ${name}`}>
      <h2 className="mb-2 font-semibold" style={{ color: 'var(--dye)' }}>
        {name}
      </h2>
      <p className="mute mb-2 text-[13px]">
        {parts.length === 0
          ? 'Not placed: see the checks'
          : [counted(bars, 'bar'), counted(parts.length - bars, 'flat part'), say.mass(massKg)].join(', ')}
      </p>
      <div className="grid grid-cols-2 gap-x-3 gap-y-2 pb-3">
        {id !== piece.id && id.startsWith('bar.') && <BarOfPiece key={id} id={id} />}
        <TextField
          label="Its name"
          value={piece.name ?? ''}
          partField={piece.id}
          onCommit={(text) => change(text === '' ? 'without a name' : `called ${text}`, { name: text })}
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
              change(`${figure.label.toLowerCase()} ${figure.kind === 'length' ? say.length(value) : value}`, {
                [figure.field]: value,
              })
            }
          />
        ))}
        <KindFields piece={piece} change={change} />
        <Picker
          label="Its bars, section"
          list="sections"
          value={piece.sectionId}
          rows={rows}
          partField={`${piece.id}.section`}
          onCommit={(sectionId) => {
            const next = sectionChange(trailer, piece, sectionId);
            change(`of ${next.label}`, next.bar);
          }}
        />
        <SelectField
          label="Its bars, metal"
          value={piece.materialId}
          options={materialOptions(trailer, piece.sectionId)}
          hint={metalNote(trailer, { ...piece, faces: 'in' })}
          onCommit={(materialId) => change('of another metal', { materialId })}
        />
        {parts.length > 0 &&
          piece.kind !== 'gate' &&
          !((piece.kind === 'sides' || piece.kind === 'body') && !piece.carries) && (
            <button
              type="button"
              className="button"
              title="Its bars and panels stay where they are, and are then yours to move one by one"
              onClick={() => {
                edit(
                  `${name.toLowerCase()} taken apart`,
                  (current) => pieceAsOwn(current, buildChassis(current), piece.id, () => nanoid(8)) ?? current,
                );
                pick(undefined);
              }}
            >
              Take apart
            </button>
          )}
        <button
          type="button"
          className="button"
          disabled={(piece.name ?? '') === ''}
          title={(piece.name ?? '') === '' ? 'Give it a name first' : undefined}
          onClick={() => {
            remember(KEPT_KEY, withKeptPiece(recall(KEPT_KEY), piece));
            setKept(true);
          }}
        >
          {kept ? 'Kept for others' : 'Keep for others'}
        </button>
        <button
          type="button"
          className="button"
          onClick={() => {
            edit(`${name.toLowerCase()} taken off`, (current) => removePiece(current, piece.id));
            pick(undefined);
          }}
        >
          Take off
        </button>
      </div>
    </section>
  );
};
