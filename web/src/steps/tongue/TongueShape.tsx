import {
  FIXED_JOINT,
  inches,
  millimetres,
  PLAIN_TONGUE,
  type Tongue,
  toRadians,
  BOLT_GRADE_NAMES,
  TONGUE_JOINT_NAMES,
  TONGUE_NAMES,
  TONGUE_RISE_NAMES,
} from '@kereta/core';
import { useEditing } from '../../fields/editing';
import { useRecord } from '../../fields/useRecord';
import { CheckField, FieldGroup, SelectField } from '../../fields/fields';
import { RecordFields, type SizeOf } from '../../fields/RecordFields';
import { t } from '../../fields/language/t';
import { optionsIn } from '../../fields/language/optionsIn';

type SingleTube = Exclude<Tongue, { kind: 'a-frame' }>;
type Joint = SingleTube['joint'];

export const TONGUE_KINDS = optionsIn(TONGUE_NAMES);

/** A tongue of another kind, as long and as high as the one that was. */
export const ofKind = (kind: string, old: Tongue, bedLengthM: number, metric: boolean): Tongue => {
  const { lengthM, cutLaterM, topPlate, caps } = old;
  const made = { ...PLAIN_TONGUE, lengthM, cutLaterM, topPlate, caps };
  const behindBallM = metric ? millimetres(80) : inches(3);
  if (kind === 'a-frame')
    return {
      ...made,
      kind,
      includedAngleRad: toRadians(50, 'deg'),
      rearEnd: 'under',
      apexBehindBallM: behindBallM,
    };
  // A third of the bed, in round figures.
  const stepM = metric ? millimetres(10) : inches(1);
  const tube = {
    ...made,
    underM: Math.round(bedLengthM / 3 / stepM) * stepM,
    tipBehindBallM: behindBallM,
    joint: FIXED_JOINT,
  };
  return kind === 'straight'
    ? { ...tube, kind }
    : { ...tube, kind: 'backbone', sideTubesAheadM: lengthM / 2, sideTubeAngleRad: toRadians(25, 'deg') };
};

const RISES = optionsIn(TONGUE_RISE_NAMES);

const JOINTS = optionsIn(TONGUE_JOINT_NAMES);

const GRADES = optionsIn(BOLT_GRADE_NAMES);

const JOINT_SIZES: readonly SizeOf<Joint>[] = [
  {
    field: 'aheadM',
    label: t('Pins ahead of the bed'),
    kind: 'length',
    of: 'frame.tongue.joint.aheadM',
    said: t('place of the joint'),
  },
  {
    field: 'pinDiameterM',
    label: t('Pin diameter'),
    kind: 'length',
    of: 'frame.tongue.joint.pinDiameterM',
    said: t('diameter of the pins'),
  },
  {
    field: 'pinSpacingM',
    label: t('From pin to pin'),
    kind: 'length',
    of: 'frame.tongue.joint.pinSpacingM',
    said: t('distance of the pins'),
  },
];

/** Ends of the tongue's tubes that may be capped. */
const CAPS = [
  { end: 'ball', label: t('Capped at the ball’s end'), said: t('ball’s end') },
  { end: 'rear', label: t('Capped at its rear end'), said: t('rear end') },
  { end: 'sides', label: t('Side tubes capped'), said: t('side tubes') },
] as const;

type TopPlate = NonNullable<Tongue['topPlate']>;

/** Where legs, tube or side tubes run. */
const TongueAngles = () => {
  const [tongue, change] = useRecord('frame.tongue');
  return (
    <>
      {tongue.kind === 'a-frame' && (
        <RecordFields
          record={tongue}
          sizes={[
            {
              field: 'includedAngleRad',
              label: t('Angle between the legs'),
              kind: 'angle',
              of: 'frame.tongue.includedAngleRad',
              said: t('angle of the legs'),
              hint: t('couplers are made for 50°'),
            },
            {
              field: 'apexBehindBallM',
              label: t('Legs meet behind the ball'),
              kind: 'length',
              of: 'frame.tongue.apexBehindBallM',
              said: t('where the legs meet'),
            },
          ]}
          onChange={change}
        />
      )}
      {tongue.kind !== 'a-frame' && (
        <RecordFields
          record={tongue}
          sizes={[
            {
              field: 'tipBehindBallM',
              label: t('Tube starts behind the ball'),
              kind: 'length',
              of: 'frame.tongue.tipBehindBallM',
              said: t('where the tube starts'),
            },
          ]}
          onChange={change}
        />
      )}
      {tongue.kind === 'backbone' && (
        <RecordFields
          record={tongue}
          sizes={[
            {
              field: 'sideTubesAheadM',
              label: t('Side tubes start ahead of the bed'),
              kind: 'length',
              of: 'frame.tongue.sideTubesAheadM',
              said: t('where the side tubes start'),
            },
            {
              field: 'sideTubeAngleRad',
              label: t('Side tubes to the centre line'),
              kind: 'angle',
              of: 'frame.tongue.sideTubeAngleRad',
              said: t('angle of the side tubes'),
            },
          ]}
          onChange={change}
        />
      )}
    </>
  );
};

interface CheeksProps {
  readonly joint: Joint;
  readonly onChange: (said: string, plates: Joint['plates']) => void;
}

/** Plates to both sides of the joint, which the pins go through. */
const Cheeks = ({ joint: { plates }, onChange }: CheeksProps) => {
  const { trailer } = useEditing();
  const metric = trailer.settings.units === 'metric';
  return (
    <>
      <div className="col-span-2">
        <CheckField
          label={t('Cheeks to both sides')}
          checked={plates !== null}
          onCommit={(on) =>
            onChange(
              on ? t('cheeks at the joint') : t('no cheeks at the joint'),
              on
                ? {
                    thicknessM: metric ? millimetres(6) : inches(1 / 4),
                    heightM: metric ? millimetres(80) : inches(3),
                  }
                : null,
            )
          }
        />
      </div>
      {plates && (
        <RecordFields
          record={plates}
          sizes={[
            {
              field: 'thicknessM',
              label: t('Cheeks, thickness'),
              kind: 'length',
              of: 'frame.tongue.joint.plates.thicknessM',
              said: t('thickness of the cheeks'),
            },
            {
              field: 'heightM',
              label: t('Cheeks, height'),
              kind: 'length',
              of: 'frame.tongue.joint.plates.heightM',
              said: t('height of the cheeks'),
            },
          ]}
          onChange={(said, part) => onChange(said, { ...plates, ...part })}
        />
      )}
    </>
  );
};

/** A tube that folds or comes out, and the pins that hold it. */
const TongueJoint = ({ single }: { readonly single: SingleTube }) => {
  const [, change] = useRecord('frame.tongue');
  return (
    <FieldGroup title={t('Folding or taking it out')}>
      <SelectField
        label={t('Tongue is')}
        value={single.joint.kind}
        options={JOINTS}
        onCommit={(kind) => change(t('joint of the tongue'), { joint: { ...single.joint, kind: kind } })}
      />
      {single.joint.kind !== 'fixed' && (
        <>
          <SelectField
            label={t('Pins across it')}
            value={String(single.joint.pins)}
            options={[
              { value: '2', text: t('Two') },
              { value: '1', text: t('One') },
            ]}
            onCommit={(pins) => change(t('number of pins'), { joint: { ...single.joint, pins: Number(pins) } })}
          />
          <RecordFields
            record={single.joint}
            sizes={single.joint.pins === 2 ? JOINT_SIZES : JOINT_SIZES.slice(0, 2)}
            onChange={(said, part) => change(said, { joint: { ...single.joint, ...part } })}
          />
          <SelectField
            label={t('Pins’ grade')}
            value={single.joint.grade}
            options={GRADES}
            onCommit={(grade) => change(t('grade of the pins'), { joint: { ...single.joint, grade: grade } })}
          />
          <Cheeks
            joint={single.joint}
            onChange={(said, plates) => change(said, { joint: { ...single.joint, plates } })}
          />
        </>
      )}
    </FieldGroup>
  );
};

/** What is cut from flat for the tongue. */
const PlatesAndEnds = () => {
  const { trailer } = useEditing();
  const [tongue, change] = useRecord('frame.tongue');
  const [gussets, setGussets] = useRecord('strength.gussets');
  const metric = trailer.settings.units === 'metric';
  return (
    <FieldGroup title={t('Plates and ends')}>
      <CheckField
        label={t('Plate over the front')}
        checked={tongue.topPlate !== null}
        onCommit={(on) =>
          change(on ? t('plate over the tongue') : t('no plate over the tongue'), {
            topPlate: on
              ? metric
                ? { lengthM: millimetres(300), widthM: millimetres(200), thicknessM: millimetres(5) }
                : { lengthM: inches(12), widthM: inches(8), thicknessM: inches(3 / 16) }
              : null,
          })
        }
      />
      {CAPS.filter(({ end }) => end !== 'sides' || tongue.kind === 'backbone').map(({ end, label, said }) => (
        <CheckField
          key={end}
          label={label}
          checked={tongue.caps[end]}
          onCommit={(on) =>
            change(`${said} ${on ? t('capped') : t('left open')}`, { caps: { ...tongue.caps, [end]: on } })
          }
        />
      ))}
      {tongue.topPlate && (
        <RecordFields
          record={tongue.topPlate}
          sizes={[
            {
              field: 'lengthM',
              label: t('Plate, length'),
              kind: 'length',
              of: 'frame.tongue.topPlate.lengthM',
              said: t('length of the plate'),
            },
            {
              field: 'widthM',
              label: t('Plate, width'),
              kind: 'length',
              of: 'frame.tongue.topPlate.widthM',
              said: t('width of the plate'),
            },
            {
              field: 'thicknessM',
              label: t('Plate, thickness'),
              kind: 'length',
              of: 'frame.tongue.topPlate.thicknessM',
              said: t('thickness of the plate'),
            },
          ]}
          onChange={(said, part) => change(said, { topPlate: { ...tongue.topPlate, ...part } as TopPlate })}
        />
      )}
      <RecordFields
        record={gussets}
        sizes={[
          {
            field: 'tongueM',
            label: t('Gussets where it meets the frame, leg'),
            kind: 'length',
            of: 'strength.gussets.tongueM',
            said: t('gussets of the tongue'),
            clears: true,
            hint: t('Empty: none'),
          },
        ]}
        onChange={setGussets}
      />
      <p className="narrow mute col-span-2 text-[13px]">
        {t(
          'Leave a drain of 3/8 in (10 mm) open at the lowest place of a capped tube: trapped water rusts it from inside, and a closed tube spits when it is welded shut.',
        )}
      </p>
    </FieldGroup>
  );
};

const RUNS = [
  { value: 'under', text: t('Under the frame') },
  { value: 'over', text: t('On top of it') },
  { value: 'through', text: t('Through it, level with it') },
] as const;

/** Angle, slope or step, joint, and what lies on the tongue. */
export const TongueShape = () => {
  const { trailer } = useEditing();
  const [tongue, change] = useRecord('frame.tongue');
  const metric = trailer.settings.units === 'metric';
  return (
    <>
      <FieldGroup title={t('Shape of the tongue')}>
        <TongueAngles />
        {(tongue.kind === 'a-frame' ? tongue.rearEnd === 'under' : tongue.underM > 0) && (
          <SelectField
            label={t('It runs on')}
            value={tongue.runs}
            options={RUNS.filter(({ value }) => value !== 'through' || tongue.kind === 'straight')}
            onCommit={(runs) => change(t('tongue {runs} the frame', { runs }), { runs })}
          />
        )}
        <SelectField
          label={t('Height')}
          value={tongue.rise.kind}
          options={RISES}
          onCommit={(kind) =>
            change(t('height of the tongue'), {
              rise: {
                kind: kind,
                byM: kind === 'level' ? 0 : tongue.rise.byM || (metric ? -millimetres(150) : -inches(6)),
              },
            })
          }
        />
        {tongue.rise.kind !== 'level' && (
          <RecordFields
            record={tongue.rise}
            sizes={[
              {
                field: 'byM',
                label: t('Ball’s end higher by'),
                kind: 'length',
                of: 'frame.tongue.rise.byM',
                said: t('slope or step of the tongue'),
                hint: t('A minus sign lowers it'),
              },
            ]}
            onChange={(said, part) => change(said, { rise: { ...tongue.rise, ...part } })}
          />
        )}
        <RecordFields
          record={tongue}
          sizes={[
            {
              field: 'cutLaterM',
              label: t('Left on, to be cut later'),
              kind: 'length',
              of: 'frame.tongue.cutLaterM',
              said: t('left on the tongue'),
              hint: t('At the ball’s end, marked on the cut list'),
            },
          ]}
          onChange={(said, part) => change(said, part)}
        />
      </FieldGroup>
      {tongue.kind !== 'a-frame' && <TongueJoint single={tongue} />}
      <PlatesAndEnds />
    </>
  );
};
