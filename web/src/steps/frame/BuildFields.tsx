import { inches, type Member, millimetres, overrideBar, type Trailer } from '@kereta/core';
import { useWorkbench } from '../../bench/workbench';
import { useEditing } from '../../fields/editing';
import { SelectField } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';

const MADE_OF = [
  { value: 'single', text: 'One bar' },
  { value: 'doubled', text: 'Two, side by side' },
  { value: 'boxed', text: 'Two channels, toe to toe' },
  { value: 'plated', text: 'With plates along it' },
] as const;
const FACES = [
  { value: 'top-bottom', text: 'Above and below' },
  { value: 'bottom', text: 'Below' },
  { value: 'sides', text: 'On both sides' },
] as const;
const SEAMS = [
  { value: 'all', text: 'All along' },
  { value: 'stitch', text: 'In stitches' },
] as const;

type Override = NonNullable<Parameters<typeof overrideBar>[3]>;
type Built = NonNullable<Override['built']>;

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
  const name = say.partName(member.id).toLowerCase();
  const { built, doubled } = trailer.frame.overrides[member.id] ?? {};
  const made = built ? built.how.kind : doubled ? 'doubled' : 'single';
  const set = (said: string, change: Override): void => edit(`${name} ${said}`, (current) => override(current, change));
  const build = (said: string, next: Built): void => set(said, { doubled: false, built: next });
  const plates = built?.how.kind === 'plated' ? built.how : undefined;
  const stitch = built?.stitch;
  return (
    <>
      <SelectField
        label="Made of"
        value={made}
        options={MADE_OF}
        onCommit={(kind) => {
          if (kind === 'boxed') build('of two channels', { how: { kind }, stitch: null });
          else if (kind === 'plated')
            build('plated', {
              how: { kind, faces: 'top-bottom', widthM: member.bar.widthM, thicknessM: size(1 / 4, 6) },
              stitch: null,
            });
          else set(kind === 'doubled' ? 'doubled' : 'single', { doubled: kind === 'doubled', built: undefined });
        }}
      />
      {built && plates && (
        <>
          <SelectField
            label="Plates"
            value={plates.faces}
            options={FACES}
            onCommit={(faces) => build(`plated ${faces}`, { ...built, how: { ...plates, faces } })}
          />
          <QuantityField
            label="Plates, width"
            kind="length"
            value={plates.widthM}
            of="frame.overrides.any.built.how.widthM"
            onCommit={(widthM) => build('width of plates', { ...built, how: { ...plates, widthM } })}
          />
          <QuantityField
            label="Plates, thickness"
            kind="length"
            value={plates.thicknessM}
            of="frame.overrides.any.built.how.thicknessM"
            onCommit={(thicknessM) => build('thickness of plates', { ...built, how: { ...plates, thicknessM } })}
          />
        </>
      )}
      {built && (
        <SelectField
          label="Seams welded"
          value={stitch ? 'stitch' : 'all'}
          options={SEAMS}
          onCommit={(how) =>
            build(how === 'all' ? 'welded all along' : 'stitched', {
              ...built,
              stitch: how === 'all' ? null : { lengthM: size(2, 50), pitchM: size(6, 150) },
            })
          }
        />
      )}
      {built && stitch && (
        <>
          <QuantityField
            label="Stitches, long"
            kind="length"
            value={stitch.lengthM}
            of="frame.overrides.any.built.stitch.lengthM"
            onCommit={(lengthM) => build('length of stitches', { ...built, stitch: { ...stitch, lengthM } })}
          />
          <QuantityField
            label="Middle to middle"
            kind="length"
            value={stitch.pitchM}
            of="frame.overrides.any.built.stitch.pitchM"
            onCommit={(pitchM) => build('pitch of stitches', { ...built, stitch: { ...stitch, pitchM } })}
          />
        </>
      )}
    </>
  );
};
