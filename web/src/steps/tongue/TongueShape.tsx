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
  optionsOf,
} from '@kereta/core';
import { useEditing } from '../../fields/editing';
import { useRecord } from '../../fields/useRecord';
import { CheckField, FieldGroup, SelectField } from '../../fields/fields';
import { RecordFields, type SizeOf } from '../../fields/RecordFields';

type SingleTube = Exclude<Tongue, { kind: 'a-frame' }>;
type Joint = SingleTube['joint'];

export const TONGUE_KINDS = optionsOf(TONGUE_NAMES);

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

const RISES = optionsOf(TONGUE_RISE_NAMES);

const JOINTS = optionsOf(TONGUE_JOINT_NAMES);

const GRADES = optionsOf(BOLT_GRADE_NAMES);

const JOINT_SIZES: readonly SizeOf<Joint>[] = [
  {
    field: 'aheadM',
    label: 'Pins ahead of the bed',
    kind: 'length',
    of: 'frame.tongue.joint.aheadM',
    said: 'place of the joint',
  },
  {
    field: 'pinDiameterM',
    label: 'Pin diameter',
    kind: 'length',
    of: 'frame.tongue.joint.pinDiameterM',
    said: 'diameter of the pins',
  },
  {
    field: 'pinSpacingM',
    label: 'From pin to pin',
    kind: 'length',
    of: 'frame.tongue.joint.pinSpacingM',
    said: 'distance of the pins',
  },
];

/** Ends of the tongue's tubes that may be capped. */
const CAPS = [
  { end: 'ball', label: 'Capped at the ball’s end', said: 'ball’s end' },
  { end: 'rear', label: 'Capped at its rear end', said: 'rear end' },
  { end: 'sides', label: 'Side tubes capped', said: 'side tubes' },
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
              label: 'Angle between the legs',
              kind: 'angle',
              of: 'frame.tongue.includedAngleRad',
              said: 'angle of the legs',
              hint: 'couplers are made for 50°',
            },
            {
              field: 'apexBehindBallM',
              label: 'Legs meet behind the ball',
              kind: 'length',
              of: 'frame.tongue.apexBehindBallM',
              said: 'where the legs meet',
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
              label: 'Tube starts behind the ball',
              kind: 'length',
              of: 'frame.tongue.tipBehindBallM',
              said: 'where the tube starts',
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
              label: 'Side tubes start ahead of the bed',
              kind: 'length',
              of: 'frame.tongue.sideTubesAheadM',
              said: 'where the side tubes start',
            },
            {
              field: 'sideTubeAngleRad',
              label: 'Side tubes to the centre line',
              kind: 'angle',
              of: 'frame.tongue.sideTubeAngleRad',
              said: 'angle of the side tubes',
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
          label="Cheeks to both sides"
          checked={plates !== null}
          onCommit={(on) =>
            onChange(
              on ? 'cheeks at the joint' : 'no cheeks at the joint',
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
              label: 'Cheeks, thickness',
              kind: 'length',
              of: 'frame.tongue.joint.plates.thicknessM',
              said: 'thickness of the cheeks',
            },
            {
              field: 'heightM',
              label: 'Cheeks, height',
              kind: 'length',
              of: 'frame.tongue.joint.plates.heightM',
              said: 'height of the cheeks',
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
    <FieldGroup title="Folding or taking it out">
      <SelectField
        label="Tongue is"
        value={single.joint.kind}
        options={JOINTS}
        onCommit={(kind) => change('joint of the tongue', { joint: { ...single.joint, kind: kind } })}
      />
      {single.joint.kind !== 'fixed' && (
        <>
          <SelectField
            label="Pins across it"
            value={String(single.joint.pins)}
            options={[
              { value: '2', text: 'Two' },
              { value: '1', text: 'One' },
            ]}
            onCommit={(pins) => change('number of pins', { joint: { ...single.joint, pins: Number(pins) } })}
          />
          <RecordFields
            record={single.joint}
            sizes={single.joint.pins === 2 ? JOINT_SIZES : JOINT_SIZES.slice(0, 2)}
            onChange={(said, part) => change(said, { joint: { ...single.joint, ...part } })}
          />
          <SelectField
            label="Pins’ grade"
            value={single.joint.grade}
            options={GRADES}
            onCommit={(grade) => change('grade of the pins', { joint: { ...single.joint, grade: grade } })}
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
    <FieldGroup title="Plates and ends">
      <CheckField
        label="Plate over the front"
        checked={tongue.topPlate !== null}
        onCommit={(on) =>
          change(on ? 'plate over the tongue' : 'no plate over the tongue', {
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
          onCommit={(on) => change(`${said} ${on ? 'capped' : 'left open'}`, { caps: { ...tongue.caps, [end]: on } })}
        />
      ))}
      {tongue.topPlate && (
        <RecordFields
          record={tongue.topPlate}
          sizes={[
            {
              field: 'lengthM',
              label: 'Plate, length',
              kind: 'length',
              of: 'frame.tongue.topPlate.lengthM',
              said: 'length of the plate',
            },
            {
              field: 'widthM',
              label: 'Plate, width',
              kind: 'length',
              of: 'frame.tongue.topPlate.widthM',
              said: 'width of the plate',
            },
            {
              field: 'thicknessM',
              label: 'Plate, thickness',
              kind: 'length',
              of: 'frame.tongue.topPlate.thicknessM',
              said: 'thickness of the plate',
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
            label: 'Gussets where it meets the frame, leg',
            kind: 'length',
            of: 'strength.gussets.tongueM',
            said: 'gussets of the tongue',
            clears: true,
            hint: 'Empty: none',
          },
        ]}
        onChange={setGussets}
      />
      <p className="narrow mute col-span-2 text-[13px]">
        Leave a drain of 3/8 in (10 mm) open at the lowest place of a capped tube: trapped water rusts it from inside,
        and a closed tube spits when it is welded shut.
      </p>
    </FieldGroup>
  );
};

const RUNS = [
  { value: 'under', text: 'Under the frame' },
  { value: 'over', text: 'On top of it' },
  { value: 'through', text: 'Through it, level with it' },
] as const;

/** Angle, slope or step, joint, and what lies on the tongue. */
export const TongueShape = () => {
  const { trailer } = useEditing();
  const [tongue, change] = useRecord('frame.tongue');
  const metric = trailer.settings.units === 'metric';
  return (
    <>
      <FieldGroup title="Shape of the tongue">
        <TongueAngles />
        {(tongue.kind === 'a-frame' ? tongue.rearEnd === 'under' : tongue.underM > 0) && (
          <SelectField
            label="It runs on"
            value={tongue.runs}
            options={RUNS.filter(({ value }) => value !== 'through' || tongue.kind === 'straight')}
            onCommit={(runs) => change(`tongue ${runs} the frame`, { runs })}
          />
        )}
        <SelectField
          label="Height"
          value={tongue.rise.kind}
          options={RISES}
          onCommit={(kind) =>
            change('height of the tongue', {
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
                label: 'Ball’s end higher by',
                kind: 'length',
                of: 'frame.tongue.rise.byM',
                said: 'slope or step of the tongue',
                hint: 'A minus sign lowers it',
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
              label: 'Left on, to be cut later',
              kind: 'length',
              of: 'frame.tongue.cutLaterM',
              said: 'left on the tongue',
              hint: 'At the ball’s end, marked on the cut list',
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
