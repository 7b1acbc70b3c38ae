import {
  addCrossMember,
  widestGapM,
  barOf,
  type Member,
  inches,
  millimetres,
  moveCrossMember,
  overrideBar,
  pairOf,
  pieceOf,
  type Trailer,
  removeCrossMember,
  CORNER_NAMES,
} from '@kereta/core';
import { nanoid } from 'nanoid';
import { useMemo, useState } from 'react';
import { useWorkbench } from '../../bench/workbench';
import { useEditing } from '../../fields/editing';
import { Picker } from '../../fields/Picker';
import { useRecord } from '../../fields/useRecord';
import { sectionRows } from '../pickRows';
import { CheckField, FieldGrid, FieldGroup, SelectField } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';
import { BarFields } from '../BarFields';
import { materialOptions, metalNote, sectionChange } from '../stepKit';
import { BarNotes } from './BarNotes';
import { BuildFields } from './BuildFields';
import { DeckFields } from './DeckFields';
import { HoleFields } from './HoleFields';
import { SpliceFields } from './SpliceFields';
import { StrapsAndStands } from './StrapsAndStands';
import { OwnPanels, PickedOwnPanel } from './body/OwnPanels';
import { PickedPiece } from './body/PickedPiece';
import { Pieces } from './body/Pieces';
import { TiltFields } from './body/TiltFields';
import { OwnBars, PickedOwnBar } from './OwnBars';
import { OwnMetal } from './OwnMetal';
import { PartTree } from './PartTree';
import { OwnSection } from './OwnSection';
import { inner, t } from '../../fields/language/t';
import { optionsIn } from '../../fields/language/optionsIn';

const CORNERS = optionsIn(CORNER_NAMES);

/** What is done to one bar: nothing where it is there already, holes, splices. */
const WorkOnBar = ({
  member,
  override,
}: {
  readonly member: Member;
  readonly override: (current: Trailer, change: Parameters<typeof overrideBar>[3]) => Trailer;
}) => {
  const { edit } = useEditing();
  const { say } = useWorkbench('say');
  const name = inner(say.partName(member.id));
  return (
    <>
      <CheckField
        label={t('Already there: neither cut nor bought')}
        checked={member.existing}
        onCommit={(existing) =>
          edit(`${name} ${existing ? t('already there') : t('to be made')}`, (current) =>
            override(current, { existing }),
          )
        }
      />
      <HoleFields
        holes={member.holes}
        lengthM={member.cutLengthM}
        onCommit={(label, holes) =>
          edit(`${name}: ${label}`, (current) => override(current, { holes: holes.map((hole) => ({ ...hole })) }))
        }
      />
      <SpliceFields
        splicesM={member.splicesM}
        lengthM={member.cutLengthM}
        onCommit={(label, splices) =>
          edit(`${name}: ${label}`, (current) => override(current, { splices: splices.map((atM) => ({ atM })) }))
        }
      />
    </>
  );
};

const PickedMember = ({ id }: { readonly id: string }) => {
  const { trailer, edit } = useEditing();
  const { evaluation, say, pick } = useWorkbench('evaluation', 'say', 'pick');
  const [linked, setLinked] = useState(true);
  const rows = useMemo(() => sectionRows(trailer), [trailer]);
  const member = evaluation.chassis.members.find((candidate) => candidate.id === id);
  if (!member) return null;
  const placed = evaluation.chassis.crossPlaced;
  const cross = placed.find((candidate) => candidate.id === id);
  const bar = barOf(trailer, member.group, id);
  const own = trailer.frame.overrides[id] !== undefined;
  const pair = pairOf(id);
  const both = pair !== undefined && linked;
  const override = (current: Trailer, change: Parameters<typeof overrideBar>[3]): Trailer => {
    const one = overrideBar(current, placed, id, change);
    return both ? overrideBar(one, placed, pair, change) : one;
  };
  return (
    <section className="border-t border-base-300 px-4 pt-3" aria-label={t('Picked: {id}', { id: say.partName(id) })}>
      <h2 className="mb-2 font-semibold" style={{ color: 'var(--dye)' }}>
        {say.partName(id)}
      </h2>
      <div className="grid grid-cols-2 gap-x-3 gap-y-2 pb-3">
        {cross && (
          <QuantityField
            label={t('Middle, back from front edge')}
            kind="length"
            value={cross.xM}
            of="frame.crossMembers.members.xM"
            max={trailer.frame.bed.lengthM}
            hot
            partField={id}
            onCommit={(xM) =>
              edit(t('{id} to {x}', { id: inner(say.partName(id)), x: say.length(xM) }), (current) =>
                moveCrossMember(current, placed, id, xM),
              )
            }
          />
        )}
        <Picker
          label={t('Its own section')}
          list="sections"
          value={bar.sectionId}
          rows={rows}
          partField={cross ? `${id}.section` : id}
          onCommit={(sectionId) => {
            const change = sectionChange(trailer, bar, sectionId);
            edit(t('{id} to {label}', { id: inner(say.partName(id)), label: change.label }), (current) =>
              override(current, change.bar),
            );
          }}
        />
        <SelectField
          label={t('Its own metal')}
          value={bar.materialId}
          options={materialOptions(trailer, bar.sectionId)}
          hint={metalNote(trailer, bar)}
          onCommit={(materialId) =>
            edit(t('metal of {id}', { id: inner(say.partName(id)) }), (current) => override(current, { materialId }))
          }
        />
        <BuildFields member={member} override={override} />
        <WorkOnBar member={member} override={override} />
        {pair !== undefined && <CheckField label={t('Left and right alike')} checked={linked} onCommit={setLinked} />}
        {own && (
          <button
            type="button"
            className="button"
            onClick={() =>
              edit(t('{id} like its group', { id: inner(say.partName(id)) }), (current) => override(current, undefined))
            }
          >
            {t('Like its group')}
          </button>
        )}
        {cross && (
          <button
            type="button"
            className="button"
            onClick={() => {
              edit(t('{id} taken off', { id: inner(say.partName(id)) }), (current) =>
                removeCrossMember(current, placed, id),
              );
              pick(undefined);
            }}
          >
            {t('Take off')}
          </button>
        )}
      </div>
    </section>
  );
};

/** What stands round the bed. */
const SideFields = () => {
  const { trailer } = useEditing();
  const [{ sides: present }, set] = useRecord('frame');
  const metric = trailer.settings.units === 'metric';
  return (
    <FieldGroup title={t('Plain sides all round')}>
      <SelectField
        label={t('Sides')}
        value={present.kind}
        options={[
          { value: 'none', text: t('No sides') },
          { value: 'rail', text: t('A rail on posts') },
          { value: 'boards', text: t('Boards all round') },
        ]}
        onCommit={(kind) => {
          const heightM = present.kind === 'none' ? (metric ? millimetres(400) : inches(16)) : present.heightM;
          const sides =
            kind === 'rail'
              ? ({ kind: 'rail', heightM, carries: false } as const)
              : kind === 'boards'
                ? ({ kind: 'boards', heightM, thicknessM: inches(0.75), densityKgM3: 560 } as const)
                : ({ kind: 'none' } as const);
          set(t('sides'), { sides });
        }}
      />
      {present.kind !== 'none' && (
        <QuantityField
          label={t('Height above deck')}
          kind="length"
          value={present.heightM}
          of="frame.sides.heightM"
          onCommit={(heightM) => set(t('height of sides'), { sides: { ...present, heightM } })}
        />
      )}
      {present.kind === 'rail' && (
        <div className="col-span-2">
          <CheckField
            label={t('Posts and rail are welded and carry with the frame')}
            checked={present.carries}
            onCommit={(carries) => {
              if (present.kind === 'rail')
                set(carries ? t('sides carry') : t('sides do not carry'), { sides: { ...present, carries } });
            }}
          />
        </div>
      )}
      {present.kind === 'rail' && <BarFields group="side" />}
    </FieldGroup>
  );
};

/** Bed, bars and deck. */
export const FrameStep = () => {
  const { trailer, edit } = useEditing();
  const { picked, pick, evaluation, say } = useWorkbench('picked', 'pick', 'evaluation', 'say');
  const [frame, set] = useRecord('frame');
  const [, setBed] = useRecord('frame.bed');
  const metric = trailer.settings.units === 'metric';
  const pickedMember =
    picked !== undefined &&
    evaluation.chassis.members.some(({ id, group }) => id === picked && group !== 'tongue' && group !== 'own');
  const pickedOwn = frame.ownBars.some(({ id }) => id === picked) ? picked : undefined;
  const pickedPanel = frame.ownPanels.some(({ id }) => id === picked) ? picked : undefined;
  const pickedPiece = picked !== undefined && pieceOf(trailer, picked) ? picked : undefined;
  return (
    <>
      {pickedMember && <PickedMember key={picked} id={picked} />}
      {pickedOwn !== undefined && <PickedOwnBar key={pickedOwn} id={pickedOwn} />}
      {pickedPanel !== undefined && <PickedOwnPanel key={pickedPanel} id={pickedPanel} />}
      {pickedPiece !== undefined && <PickedPiece id={pickedPiece} />}
      <FieldGrid>
        <QuantityField
          label={t('Bed length, outside')}
          kind="length"
          value={frame.bed.lengthM}
          of="frame.bed.lengthM"
          hot
          onCommit={(lengthM) => setBed(t('bed {length} long', { length: say.length(lengthM) }), { lengthM })}
        />
        <QuantityField
          label={t('Bed width, outside')}
          kind="length"
          value={frame.bed.widthM}
          of="frame.bed.widthM"
          hot
          onCommit={(widthM) => setBed(t('bed {width} wide', { width: say.length(widthM) }), { widthM })}
        />
        <BarFields group="rail" />
        {frame.crossMembers.kind === 'spacing' ? (
          <QuantityField
            label={t('Cross-members at most apart')}
            kind="length"
            value={frame.crossMembers.maxSpacingM}
            of="frame.crossMembers.maxSpacingM"
            onCommit={(maxSpacingM) =>
              set(t('cross-members {maxSpacing} apart', { maxSpacing: say.length(maxSpacingM) }), {
                crossMembers: { kind: 'spacing', maxSpacingM },
              })
            }
            hint={t('{count} of them', { count: evaluation.chassis.crossPlaced.length })}
          />
        ) : (
          <button
            type="button"
            className="button self-center"
            onClick={() =>
              set(t('cross-members evenly spread'), {
                crossMembers: { kind: 'spacing', maxSpacingM: metric ? millimetres(600) : inches(24) },
              })
            }
          >
            {t('Spread evenly')}
          </button>
        )}
        <button
          type="button"
          className="button self-center"
          onClick={() => {
            const id = `extra.${nanoid(8)}`;
            edit(t('cross-member added'), (current) =>
              addCrossMember(current, id, widestGapM(evaluation.chassis.crossPlaced, frame.bed.lengthM)),
            );
            pick(id);
          }}
        >
          {t('Add cross-member')}
        </button>
      </FieldGrid>
      <FieldGroup title={t('Headers and cross-members')}>
        <BarFields group="header" />
        <BarFields group="cross" />
        <SelectField
          label={t('Corners')}
          value={frame.bed.corner}
          options={CORNERS}
          onCommit={(corner) => setBed(t('corners'), { corner: corner })}
        />
      </FieldGroup>
      <PartTree />
      <Pieces />
      <OwnBars />
      <OwnPanels />
      <DeckFields />
      <SideFields />
      <TiltFields />
      <StrapsAndStands />
      <BarNotes />
      <OwnSection />
      <OwnMetal />
    </>
  );
};
