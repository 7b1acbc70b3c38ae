import {
  barProperties,
  builtUpBar,
  buildUpsOf,
  inches,
  type Member,
  millimetres,
  overrideBar,
  SECTION_ROWS,
  type SectionRow,
  type Trailer,
} from '@kereta/core';
import { useMemo } from 'react';
import { useWorkbench } from '../../bench/workbench';
import { useEditing } from '../../fields/editing';
import { SelectField } from '../../fields/fields';
import { Picker } from '../../fields/Picker';
import { QuantityField } from '../../fields/QuantityField';
import { sectionRows } from '../pickRows';
import { inner, t } from '../../fields/language/t';

const MADE_OF = [
  { value: 'single', text: t('One bar') },
  { value: 'doubled', text: t('Two, side by side') },
  { value: 'boxed', text: t('Two as a closed box') },
  { value: 'plated', text: t('With plates along it') },
  { value: 'sleeved', text: t('With a bar inside it') },
] as const;
const REACH = [
  { value: 'all', text: t('The whole bar') },
  { value: 'part', text: t('Part of it') },
] as const;
const FACES = [
  { value: 'top-bottom', text: t('Above and below') },
  { value: 'bottom', text: t('Below') },
  { value: 'sides', text: t('On both sides') },
] as const;
const SEAMS = [
  { value: 'all', text: t('All along') },
  { value: 'stitch', text: t('In stitches') },
] as const;

type Override = NonNullable<Parameters<typeof overrideBar>[3]>;
type Built = NonNullable<Override['built']>;

/** The heaviest listed bar of the tube's own metal that goes into it. */
const insideOf = (trailer: Trailer, section: SectionRow): SectionRow | undefined =>
  [...trailer.ownRows.sections, ...SECTION_ROWS]
    .filter((inner) => inner.family === section.family && builtUpBar(section, { kind: 'sleeved', inner }))
    .toSorted((a, b) => (barProperties(b)?.nominalAreaM2 ?? 0) - (barProperties(a)?.nominalAreaM2 ?? 0))[0];

interface ReachFieldsProps {
  readonly built: Built;
  readonly lengthM: number;
  readonly onCommit: (said: string, built: Built) => void;
}

/** How far along the bar plates, or what is inside it, reach. */
const ReachFields = ({ built, lengthM, onCommit }: ReachFieldsProps) => {
  const { over } = built;
  return (
    <>
      <SelectField
        label={t('It reaches')}
        value={over ? 'part' : 'all'}
        options={REACH}
        hint={t('From the bar’s front, left or ball end')}
        onCommit={(reach) => {
          const { over: _whole, ...rest } = built;
          if (reach === 'all') onCommit(t('reinforced all along'), rest);
          else onCommit(t('reinforced in part'), { ...rest, over: { fromM: 0, toM: lengthM / 2 } });
        }}
      />
      {over && (
        <>
          <QuantityField
            label={t('From')}
            kind="length"
            value={over.fromM}
            of="frame.overrides.any.built.over.fromM"
            onCommit={(fromM) => onCommit(t('start of reinforcement'), { ...built, over: { ...over, fromM } })}
          />
          <QuantityField
            label={t('To')}
            kind="length"
            value={over.toM}
            of="frame.overrides.any.built.over.toM"
            onCommit={(toM) => onCommit(t('end of reinforcement'), { ...built, over: { ...over, toM } })}
          />
        </>
      )}
    </>
  );
};

interface BuildFieldsProps {
  readonly member: Member;
  readonly override: (current: Trailer, change: Override) => Trailer;
}

/** Of how many and what a bar is made, and how its seams are welded. */
export const BuildFields = ({ member, override }: BuildFieldsProps) => {
  const { trailer, edit } = useEditing();
  const { say } = useWorkbench('say');
  const metric = trailer.settings.units === 'metric';
  const size = (inch: number, mm: number): number => (metric ? millimetres(mm) : inches(inch));
  const name = inner(say.partName(member.id));
  const { built, doubled } = trailer.frame.overrides[member.id] ?? {};
  const made = built ? built.how.kind : doubled ? 'doubled' : 'single';
  const set = (said: string, change: Override): void => edit(`${name} ${said}`, (current) => override(current, change));
  const build = (said: string, next: Built): void => set(said, { doubled: false, built: next });
  const plates = built?.how.kind === 'plated' ? built.how : undefined;
  const isBox = built?.how.kind === 'boxed';
  const inside = built?.how.kind === 'sleeved' ? built.how : undefined;
  const section = member.builtUp?.base ?? member.section;
  const can: readonly string[] = ['single', 'doubled', made, ...buildUpsOf(section.shape)];
  const rows = useMemo(() => sectionRows(trailer), [trailer]);
  const stitch = built?.stitch;
  return (
    <>
      <SelectField
        label={t('Made of')}
        value={made}
        options={MADE_OF.filter(({ value }) => can.includes(value))}
        onCommit={(kind) => {
          if (kind === 'boxed') build(t('as a box'), { how: { kind }, stitch: null });
          else if (kind === 'sleeved')
            build(t('with a bar inside'), {
              how: { kind, sectionId: insideOf(trailer, section)?.id ?? section.id },
              stitch: null,
            });
          else if (kind === 'plated')
            build('plated', {
              how: { kind, faces: 'top-bottom', widthM: member.bar.widthM, thicknessM: size(1 / 4, 6) },
              stitch: null,
            });
          else set(kind === 'doubled' ? t('doubled') : t('single'), { doubled: kind === 'doubled', built: undefined });
        }}
      />
      {built && plates && (
        <>
          <SelectField
            label={t('Plates')}
            value={plates.faces}
            options={FACES}
            onCommit={(faces) => build(t('plated {faces}', { faces }), { ...built, how: { ...plates, faces } })}
          />
          <QuantityField
            label={t('Plates, width')}
            kind="length"
            value={plates.widthM}
            of="frame.overrides.any.built.how.widthM"
            onCommit={(widthM) => build(t('width of plates'), { ...built, how: { ...plates, widthM } })}
          />
          <QuantityField
            label={t('Plates, thickness')}
            kind="length"
            value={plates.thicknessM}
            of="frame.overrides.any.built.how.thicknessM"
            onCommit={(thicknessM) => build(t('thickness of plates'), { ...built, how: { ...plates, thicknessM } })}
          />
        </>
      )}
      {built && inside && (
        <Picker
          label={t('Bar inside')}
          list="sections"
          value={inside.sectionId}
          rows={rows}
          partField={`${member.id}.inside`}
          onCommit={(sectionId) => build(t('bar inside'), { ...built, how: { ...inside, sectionId } })}
        />
      )}
      {built && !isBox && <ReachFields built={built} lengthM={member.cutLengthM} onCommit={build} />}
      {built && !inside && (
        <SelectField
          label={t('Seams welded')}
          value={stitch ? 'stitch' : 'all'}
          options={SEAMS}
          onCommit={(how) =>
            build(how === 'all' ? t('welded all along') : 'stitched', {
              ...built,
              stitch: how === 'all' ? null : { lengthM: size(2, 50), pitchM: size(6, 150) },
            })
          }
        />
      )}
      {built && stitch && (
        <>
          <QuantityField
            label={t('Stitches, long')}
            kind="length"
            value={stitch.lengthM}
            of="frame.overrides.any.built.stitch.lengthM"
            onCommit={(lengthM) => build(t('length of stitches'), { ...built, stitch: { ...stitch, lengthM } })}
          />
          <QuantityField
            label={t('Middle to middle')}
            kind="length"
            value={stitch.pitchM}
            of="frame.overrides.any.built.stitch.pitchM"
            onCommit={(pitchM) => build(t('pitch of stitches'), { ...built, stitch: { ...stitch, pitchM } })}
          />
        </>
      )}
    </>
  );
};
