import { type RunningGear, SPRING_ROWS, type SpringRow, wheelRateNPerM } from '@kereta/core';
import { useEditing } from '../../ui/editing';
import { CheckField, FieldGroup, SelectField } from '../../ui/fields';
import { QuantityField } from '../../ui/QuantityField';
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

/** Fields of a leaf spring in the order in which it is measured. */
const LEAF_FIELDS = [
  ['eyeToEyeM', 'Eye to eye, unloaded', 0.2, 2],
  ['freeArchM', 'Arch, unloaded', 0, 0.4],
  ['leafWidthM', 'Leaf width', 0.01, 0.2],
  ['leafThicknessM', 'Leaf thickness', 0.001, 0.05],
  ['shackleM', 'Shackle, bolt to bolt', 0.01, 0.3],
  ['hangerM', 'Eyes below the rail', 0, 0.4],
  ['padM', 'Height of a spring seat', 0, 0.1],
] as const;

/** What the spring or the arm is, as it lies on the bench; heights, shackle and bounce follow from it. */
export const SuspensionFields = () => {
  const { project, edit } = useEditing();
  const { say } = useWorkbench();
  const { suspension, axle } = project.runningGear;
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
  const rate = wheelRateNPerM(project);
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
          <QuantityField
            label="Leaves"
            kind="number"
            value={spring.leaves}
            min={1}
            max={20}
            onCommit={(leaves) => setSpring('leaves', { leaves: Math.round(leaves) })}
          />
          {LEAF_FIELDS.map(([field, label, min, max]) => (
            <QuantityField
              key={field}
              label={label}
              kind="length"
              value={spring[field]}
              min={min}
              max={max}
              onCommit={(value) => setSpring(label.toLowerCase(), { [field]: value })}
            />
          ))}
          <QuantityField
            label="One spring may carry"
            kind="mass"
            value={spring.ratingKg}
            min={1}
            max={10000}
            onCommit={(ratingKg) => setSpring('spring rating', { ratingKg })}
            onClear={() => setSpring('spring rating taken out', { ratingKg: null })}
          />
          {spring.kind === 'slipper' && (
            <QuantityField
              label="Eye to slipper, by its maker"
              kind="length"
              value={spring.slipperM}
              min={0.1}
              max={2}
              onCommit={(slipperM) => setSpring('slipper length', { slipperM })}
              onClear={() => setSpring('slipper length unknown', { slipperM: null })}
            />
          )}
        </>
      )}
      {suspension.kind === 'torsion' && (
        <>
          <QuantityField
            label="Length of the arm"
            kind="length"
            value={torsion.armLengthM}
            min={0.02}
            max={0.5}
            onCommit={(armLengthM) => set('torsion arm', { torsion: { ...torsion, armLengthM } })}
          />
          <QuantityField
            label="Arm below level, unloaded"
            kind="angle"
            value={torsion.startAngleRad}
            min={-1.2}
            max={1.2}
            onCommit={(startAngleRad) => set('start angle', { torsion: { ...torsion, startAngleRad } })}
          />
        </>
      )}
      {(suspension.kind === 'leaf' || suspension.kind === 'torsion') && (
        <>
          <p className="narrow mute self-center text-[13px]">Each spring’s rate: {rateHint}</p>
          <QuantityField
            label="A bump lifts a wheel by"
            kind="length"
            value={suspension.bumpTravelM}
            min={0}
            max={0.4}
            onCommit={(bumpTravelM) => set('bump travel', { bumpTravelM })}
          />
        </>
      )}
      <QuantityField
        label="Spindles above the axle’s middle"
        kind="length"
        value={axle.dropM}
        min={-0.3}
        max={0.3}
        hint="0 for a straight axle"
        onCommit={(dropM) => setAxle('drop of the axle', { dropM })}
      />
      <QuantityField
        label="Hub face to hub face"
        kind="length"
        value={axle.hubFaceM}
        min={0.3}
        max={3.5}
        onCommit={(hubFaceM) => setAxle('hub faces', { hubFaceM })}
      />
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
          <QuantityField
            label="Wall of its tube"
            kind="length"
            value={axle.homeBuilt.wallM}
            min={0.001}
            max={0.05}
            onCommit={(wallM) =>
              axle.homeBuilt && setAxle('axle tube’s wall', { homeBuilt: { ...axle.homeBuilt, wallM } })
            }
          />
          <QuantityField
            label="Its metal bends for good at"
            kind="stress"
            value={axle.homeBuilt.yieldPa}
            min={1e7}
            max={2e9}
            onCommit={(yieldPa) =>
              axle.homeBuilt && setAxle('axle tube’s metal', { homeBuilt: { ...axle.homeBuilt, yieldPa } })
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
