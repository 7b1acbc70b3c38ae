import { type RunningGear, SPRING_ROWS, type SpringRow, wheelRateNPerM } from '@kereta/core';
import { useEditing } from '../../ui/editing';
import { CheckField, FieldGroup, SelectField } from '../../ui/fields';
import { RecordFields, type SizeOf } from '../../ui/RecordFields';
import { useWorkbench } from '../../workbench/workbench';
import { rowSource } from '../stepKit';

type Suspension = RunningGear['suspension'];

const KINDS = [
  { value: 'double-eye', text: 'Two eyes and a shackle' },
  { value: 'slipper', text: 'One eye, slides at the rear' },
] as const;
const SEATS = [
  { value: 'over', text: 'On top of the axle' },
  { value: 'under', text: 'Hung below the axle' },
] as const;

/** What a row of the list says of a spring; how it is hung stays as it is. */
const fromRow = (row: SpringRow): Partial<Suspension['spring']> => ({
  kind: row.kind,
  leaves: row.leaves,
  eyeToEyeM: row.eyeToEyeM,
  freeArchM: row.freeArchM,
  leafWidthM: row.leafWidthM,
  leafThicknessM: row.leafThicknessM,
  ratingKg: row.ratingKg,
  slipperM: row.kind === 'slipper' ? row.eyeToEyeM : null,
});

type Spring = Suspension['spring'];
type HomeBuilt = NonNullable<RunningGear['axle']['homeBuilt']>;

/** A leaf spring in the order in which it is measured. */
const SPRING_SIZES: readonly SizeOf<Spring>[] = [
  { field: 'leaves', label: 'Leaves', kind: 'number', min: 1, max: 20, said: 'leaves' },
  { field: 'eyeToEyeM', label: 'Eye to eye, unloaded', kind: 'length', min: 0.2, max: 2, said: 'eye to eye, unloaded' },
  { field: 'freeArchM', label: 'Arch, unloaded', kind: 'length', min: 0, max: 0.4, said: 'arch, unloaded' },
  { field: 'leafWidthM', label: 'Leaf width', kind: 'length', min: 0.01, max: 0.2, said: 'leaf width' },
  { field: 'leafThicknessM', label: 'Leaf thickness', kind: 'length', min: 0.001, max: 0.05, said: 'leaf thickness' },
  {
    field: 'shackleM',
    label: 'Shackle, bolt to bolt',
    kind: 'length',
    min: 0.01,
    max: 0.3,
    said: 'shackle, bolt to bolt',
  },
  { field: 'hangerM', label: 'Eyes below the rail', kind: 'length', min: 0, max: 0.4, said: 'eyes below the rail' },
  {
    field: 'padM',
    label: 'Height of a spring seat',
    kind: 'length',
    min: 0,
    max: 0.1,
    said: 'height of a spring seat',
  },
  {
    field: 'ratingKg',
    label: 'One spring may carry',
    kind: 'mass',
    min: 1,
    max: 10000,
    said: 'spring rating',
    clears: true,
  },
];
const SLIPPER_SIZES: readonly SizeOf<Spring>[] = [
  {
    field: 'slipperM',
    label: 'Eye to slipper, by its maker',
    kind: 'length',
    min: 0.1,
    max: 2,
    said: 'slipper length',
    clears: true,
  },
];
const ARM_SIZES: readonly SizeOf<Suspension['torsion']>[] = [
  { field: 'armLengthM', label: 'Length of the arm', kind: 'length', min: 0.02, max: 0.5, said: 'torsion arm' },
  {
    field: 'startAngleRad',
    label: 'Arm below level, unloaded',
    kind: 'angle',
    min: -1.2,
    max: 1.2,
    said: 'start angle',
  },
];
const BUMP_SIZES: readonly SizeOf<Suspension>[] = [
  { field: 'bumpTravelM', label: 'A bump lifts a wheel by', kind: 'length', min: 0, max: 0.4, said: 'bump travel' },
];
const AXLE_SIZES: readonly SizeOf<RunningGear['axle']>[] = [
  {
    field: 'dropM',
    label: 'Spindles above the axle’s middle',
    kind: 'length',
    min: -0.3,
    max: 0.3,
    said: 'drop of the axle',
    hint: '0 for a straight axle',
  },
  { field: 'hubFaceM', label: 'Hub face to hub face', kind: 'length', min: 0.3, max: 3.5, said: 'hub faces' },
];
const HOME_BUILT_SIZES: readonly SizeOf<HomeBuilt>[] = [
  { field: 'wallM', label: 'Wall of its tube', kind: 'length', min: 0.001, max: 0.05, said: 'axle tube’s wall' },
  {
    field: 'yieldPa',
    label: 'Its metal bends for good at',
    kind: 'stress',
    min: 1e7,
    max: 2e9,
    said: 'axle tube’s metal',
  },
];

/** What the spring or the arm is, as it lies on the bench; heights, shackle and bounce follow from it. */
export const SuspensionFields = () => {
  const { trailer, edit } = useEditing();
  const { say } = useWorkbench();
  const { suspension, axle } = trailer.runningGear;
  const { spring, torsion } = suspension;
  const set = (label: string, change: Partial<Suspension>): void =>
    edit(label, (current) => ({
      ...current,
      runningGear: { ...current.runningGear, suspension: { ...current.runningGear.suspension, ...change } },
    }));
  const setSpring = (label: string, change: Partial<Suspension['spring']>): void =>
    set(label, { spring: { ...spring, ...change } });
  const setAxle = (label: string, change: Partial<RunningGear['axle']>): void =>
    edit(label, (current) => ({
      ...current,
      runningGear: { ...current.runningGear, axle: { ...current.runningGear.axle, ...change } },
    }));
  const presentRow = SPRING_ROWS.find(
    ({ kind, leaves, eyeToEyeM }) => kind === spring.kind && leaves === spring.leaves && eyeToEyeM === spring.eyeToEyeM,
  );
  const rate = wheelRateNPerM(trailer);
  const rateHint =
    rate === undefined ? 'Not known' : `${say.measured({ value: rate, kind: 'rate' })} where you say nothing`;
  return (
    <FieldGroup title="Spring, height and bump">
      {suspension.kind === 'leaf' && (
        <>
          <div className="col-span-2">
            <SelectField
              label="Spring from the list"
              value={presentRow?.id ?? ''}
              hint={rowSource(SPRING_ROWS, presentRow?.id ?? null)}
              options={[
                { value: '', text: 'Another one' },
                ...SPRING_ROWS.map(({ id, name }) => ({ value: id, text: name })),
              ]}
              onCommit={(id) => {
                const row = SPRING_ROWS.find((candidate) => candidate.id === id);
                if (row) setSpring(`spring ${row.name}`, fromRow(row));
              }}
            />
          </div>
          <SelectField
            label="Leaf spring"
            value={spring.kind}
            options={KINDS}
            onCommit={(kind) => setSpring('kind of spring', { kind: kind as Suspension['spring']['kind'] })}
          />
          <SelectField
            label="It lies"
            value={spring.seat}
            options={SEATS}
            onCommit={(seat) => setSpring(`spring ${seat} the axle`, { seat: seat as Suspension['spring']['seat'] })}
          />
          <RecordFields
            record={spring}
            sizes={spring.kind === 'slipper' ? [...SPRING_SIZES, ...SLIPPER_SIZES] : SPRING_SIZES}
            onChange={(said, change) =>
              setSpring(said, change.leaves === undefined ? change : { leaves: Math.round(change.leaves) })
            }
          />
        </>
      )}
      {suspension.kind === 'torsion' && (
        <RecordFields
          record={torsion}
          sizes={ARM_SIZES}
          onChange={(said, change) => set(said, { torsion: { ...torsion, ...change } })}
        />
      )}
      {(suspension.kind === 'leaf' || suspension.kind === 'torsion') && (
        <>
          <p className="narrow mute self-center text-[13px]">Each spring’s rate: {rateHint}</p>
          <RecordFields record={suspension} sizes={BUMP_SIZES} onChange={set} />
        </>
      )}
      <RecordFields record={axle} sizes={AXLE_SIZES} onChange={setAxle} />
      <div className="col-span-2">
        <CheckField
          label="I build this axle myself"
          checked={axle.homeBuilt !== null}
          onCommit={(own) =>
            setAxle(own ? 'axle built at home' : 'axle bought', {
              homeBuilt: own ? { wallM: axle.tubeDiameterM / 8, yieldPa: 250e6 } : null,
            })
          }
        />
      </div>
      {axle.homeBuilt && (
        <>
          <RecordFields
            record={axle.homeBuilt}
            sizes={HOME_BUILT_SIZES}
            onChange={(said, change) =>
              axle.homeBuilt && setAxle(said, { homeBuilt: { ...axle.homeBuilt, ...change } })
            }
          />
          <p className="narrow col-span-2 text-[13px]">
            Buy spindles, hubs and springs rated, with papers. Spin the finished axle and write down what it runs out:
            1/16 in (1.5 mm) at the hub faces is the most that shops pass. Do not weld on the middle of the tube, on
            spring steel or on hardened spindles. A home-built axle has no tag: what it carries is for a licensed
            engineer to say.
          </p>
        </>
      )}
    </FieldGroup>
  );
};
