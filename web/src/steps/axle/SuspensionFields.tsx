import {
  type RunningGear,
  clampLengthM,
  inches,
  millimetres,
  leafSpringKg,
  leafStressPa,
  pounds,
  SPRING_ROWS,
  weightN,
  type SpringRow,
  wheelRateNPerM,
  SPRING_NAMES,
  SPRING_SEAT_NAMES,
  optionsOf,
  withHubFace,
} from '@kereta/core';
import { useEditing } from '../../fields/editing';
import { Picker } from '../../fields/Picker';
import { useRecord } from '../../fields/useRecord';
import { ShockFields } from './ShockFields';
import { springRows } from '../pickRows';
import { useMemo } from 'react';
import { CheckField, FieldGroup, SelectField } from '../../fields/fields';
import { RecordFields, type SizeOf } from '../../fields/RecordFields';
import { useWorkbench } from '../../bench/workbench';
import { rowSource } from '../stepKit';

type Suspension = RunningGear['suspension'];

const KINDS = optionsOf(SPRING_NAMES);
const SEATS = optionsOf(SPRING_SEAT_NAMES);

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

/** Hangers, shackles and bolts of both springs of an axle, kg (estimate). */
const HANGERS_KG = pounds(8);

type Spring = Suspension['spring'];
type HomeBuilt = NonNullable<RunningGear['axle']['homeBuilt']>;

/** A leaf spring in the order in which it is measured. */
const SPRING_SIZES: readonly SizeOf<Spring>[] = [
  { field: 'leaves', label: 'Leaves', kind: 'number', of: 'runningGear.suspension.spring.leaves', said: 'leaves' },
  {
    field: 'eyeToEyeM',
    label: 'Eye to eye, unloaded',
    kind: 'length',
    of: 'runningGear.suspension.spring.eyeToEyeM',
    said: 'eye to eye, unloaded',
  },
  {
    field: 'freeArchM',
    label: 'Arch, unloaded',
    kind: 'length',
    of: 'runningGear.suspension.spring.freeArchM',
    said: 'arch, unloaded',
  },
  {
    field: 'leafWidthM',
    label: 'Leaf width',
    kind: 'length',
    of: 'runningGear.suspension.spring.leafWidthM',
    said: 'leaf width',
  },
  {
    field: 'leafThicknessM',
    label: 'Leaf thickness',
    kind: 'length',
    of: 'runningGear.suspension.spring.leafThicknessM',
    said: 'leaf thickness',
  },
  {
    field: 'shackleM',
    label: 'Shackle, bolt to bolt',
    kind: 'length',
    of: 'runningGear.suspension.spring.shackleM',
    said: 'shackle, bolt to bolt',
  },
  {
    field: 'hangerM',
    label: 'Eyes below the rail',
    kind: 'length',
    of: 'runningGear.suspension.spring.hangerM',
    said: 'eyes below the rail',
  },
  {
    field: 'padM',
    label: 'Height of a spring seat',
    kind: 'length',
    of: 'runningGear.suspension.spring.padM',
    said: 'height of a spring seat',
  },
  {
    field: 'ratingKg',
    label: 'One spring may carry',
    kind: 'mass',
    of: 'runningGear.suspension.spring.ratingKg',
    said: 'spring rating',
    clears: true,
  },
];
const SLIPPER_SIZES: readonly SizeOf<Spring>[] = [
  {
    field: 'slipperM',
    label: 'Eye to slipper, by its maker',
    kind: 'length',
    of: 'runningGear.suspension.spring.slipperM',
    said: 'slipper length',
    clears: true,
  },
];
const ARM_SIZES: readonly SizeOf<Suspension['torsion']>[] = [
  {
    field: 'armLengthM',
    label: 'Length of the arm',
    kind: 'length',
    of: 'runningGear.suspension.torsion.armLengthM',
    said: 'torsion arm',
  },
  {
    field: 'startAngleRad',
    label: 'Arm below level, unloaded',
    kind: 'angle',
    of: 'runningGear.suspension.torsion.startAngleRad',
    said: 'start angle',
  },
];
const SWING_SIZES: readonly SizeOf<Suspension['swing']>[] = [
  {
    field: 'armLengthM',
    label: 'Arm, pivot to wheel',
    kind: 'length',
    of: 'runningGear.suspension.swing.armLengthM',
    said: 'swing arm',
  },
  {
    field: 'startAngleRad',
    label: 'Arm below level, unloaded',
    kind: 'angle',
    of: 'runningGear.suspension.swing.startAngleRad',
    said: 'start angle',
  },
  {
    field: 'unitAtM',
    label: 'Unit, from the pivot',
    kind: 'length',
    of: 'runningGear.suspension.swing.unitAtM',
    said: 'place of the unit',
  },
  {
    field: 'unitLeanRad',
    label: 'Unit leans, off square',
    kind: 'angle',
    of: 'runningGear.suspension.swing.unitLeanRad',
    said: 'lean of the unit',
  },
  {
    field: 'unitTravelM',
    label: 'Unit’s travel to its stop',
    kind: 'length',
    of: 'runningGear.suspension.swing.unitTravelM',
    said: 'travel of the unit',
  },
  {
    field: 'dampingNsPerM',
    label: 'Damper, N·s/m',
    kind: 'number',
    of: 'runningGear.suspension.swing.dampingNsPerM',
    said: 'damper',
    clears: true,
  },
];
/** What presses a unit together by so much is easy to weigh: 1 in or 10 mm. */
const RATE_OVER_M = { imperial: inches(1), metric: millimetres(10) } as const;
const rateSizes = (units: 'imperial' | 'metric'): readonly SizeOf<Suspension['swing']>[] => [
  {
    field: 'unitRateNPerM',
    label: units === 'imperial' ? 'Load that presses it by 1 in' : 'Load that presses it by 10 mm',
    kind: 'mass',
    of: 'runningGear.suspension.swing.unitRateNPerM',
    said: 'rate of the unit',
    clears: true,
    per: weightN(1) / RATE_OVER_M[units],
    hint: 'Its spring’s rate, of one unit',
  },
];

const BUMP_SIZES: readonly SizeOf<Suspension>[] = [
  {
    field: 'bumpTravelM',
    label: 'A bump lifts a wheel by',
    kind: 'length',
    of: 'runningGear.suspension.bumpTravelM',
    said: 'bump travel',
  },
];
const BRACKET_SIZES: readonly SizeOf<Suspension>[] = [
  {
    field: 'bracketM',
    label: 'Brackets or pedestals under the rails',
    kind: 'length',
    of: 'runningGear.suspension.bracketM',
    said: 'brackets under the rails',
    hint: 'Their height; 0 without',
  },
];
const DROP_SIZES: readonly SizeOf<RunningGear['axle']>[] = [
  {
    field: 'dropM',
    label: 'Spindles above the axle’s middle',
    kind: 'length',
    of: 'runningGear.axle.dropM',
    said: 'drop of the axle',
    hint: '0 for a straight axle; of stubs above the rail’s middle',
  },
];
const CAMBER_SIZES: readonly SizeOf<RunningGear['axle']>[] = [
  {
    field: 'camberRad',
    label: 'Wheels lean out at the top, unloaded',
    kind: 'angle',
    of: 'runningGear.axle.camberRad',
    said: 'camber of the axle',
    hint: 'The tube bent up in its middle; 0 for a straight one',
  },
];
const HUB_SIZES: readonly SizeOf<RunningGear['axle']>[] = [
  {
    field: 'hubFaceM',
    label: 'Hub face to hub face',
    kind: 'length',
    of: 'runningGear.axle.hubFaceM',
    said: 'hub faces',
  },
];
const HOME_BUILT_SIZES: readonly SizeOf<HomeBuilt>[] = [
  {
    field: 'spindleKg',
    label: 'One spindle may carry',
    kind: 'mass',
    of: 'runningGear.axle.homeBuilt.spindleKg',
    said: 'rating of a spindle',
    clears: true,
  },
  {
    field: 'hubKg',
    label: 'One hub may carry',
    kind: 'mass',
    of: 'runningGear.axle.homeBuilt.hubKg',
    said: 'rating of a hub',
    clears: true,
    hint: 'With its bearings',
  },
  {
    field: 'wallM',
    label: 'Wall of its tube',
    kind: 'length',
    of: 'runningGear.axle.homeBuilt.wallM',
    said: 'axle tube’s wall',
  },
  {
    field: 'yieldPa',
    label: 'Its metal bends for good at',
    kind: 'stress',
    of: 'runningGear.axle.homeBuilt.yieldPa',
    said: 'axle tube’s metal',
  },
];

/** What the spring or the arm is, as it lies on the bench; heights, shackle and bounce follow from it. */
export const SuspensionFields = () => {
  const { trailer, edit } = useEditing();
  const { say } = useWorkbench('say');
  const [suspension, set] = useRecord('runningGear.suspension');
  const [spring, setSpring] = useRecord('runningGear.suspension.spring');
  const [torsion, setTorsion] = useRecord('runningGear.suspension.torsion');
  const [, setSwing] = useRecord('runningGear.suspension.swing');
  const [axle, setAxle] = useRecord('runningGear.axle');
  const springs = useMemo(() => springRows(say), [say]);
  const presentRow = SPRING_ROWS.find(
    ({ kind, leaves, eyeToEyeM }) => kind === spring.kind && leaves === spring.leaves && eyeToEyeM === spring.eyeToEyeM,
  );
  const rate = wheelRateNPerM(trailer);
  const rateHint =
    rate === undefined ? 'Not known' : `${say.measured({ value: rate, kind: 'rate' })} where you say nothing`;
  const ratedStress =
    suspension.kind === 'leaf' && spring.ratingKg !== null
      ? `; at its rating the leaves feel ${say.stress(leafStressPa(spring, weightN(spring.ratingKg), clampLengthM(axle.tubeDiameterM)))}. A worn spring is softer.`
      : '';
  return (
    <FieldGroup title="Spring, height and bump">
      {suspension.kind === 'leaf' && (
        <>
          <Picker
            list="springs"
            label="Spring from the list"
            value={presentRow?.id ?? ''}
            hint={rowSource(SPRING_ROWS, presentRow?.id ?? null)}
            rows={springs}
            onCommit={(id) => {
              const row = SPRING_ROWS.find((candidate) => candidate.id === id);
              if (!row) return;
              const springMassKg = 2 * leafSpringKg(row) + HANGERS_KG;
              set(`spring ${row.name}`, { spring: { ...spring, ...fromRow(row) }, springMassKg });
            }}
          />
          <SelectField
            label="Leaf spring"
            value={spring.kind}
            options={KINDS}
            onCommit={(kind) => setSpring('kind of spring', { kind: kind })}
          />
          <SelectField
            label="It lies"
            value={spring.seat}
            options={SEATS}
            onCommit={(seat) => setSpring(`spring ${seat} the axle`, { seat: seat })}
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
        <RecordFields record={torsion} sizes={ARM_SIZES} onChange={(said, change) => setTorsion(said, { ...change })} />
      )}
      {suspension.kind === 'swing-arm' && (
        <RecordFields
          record={suspension.swing}
          sizes={[...SWING_SIZES, ...rateSizes(trailer.settings.units)]}
          onChange={(said, change) => setSwing(said, { ...change })}
        />
      )}
      {(suspension.kind === 'leaf' || suspension.kind === 'torsion' || suspension.kind === 'swing-arm') && (
        <>
          <p className="narrow mute self-center text-[13px]">
            {suspension.kind === 'swing-arm'
              ? `At each wheel: ${rate === undefined ? 'not known' : say.measured({ value: rate, kind: 'rate' })}`
              : `Each spring’s rate: ${rateHint}${ratedStress}`}
          </p>
          <RecordFields record={suspension} sizes={BUMP_SIZES} onChange={set} />
        </>
      )}
      {(suspension.kind === 'leaf' || suspension.kind === 'torsion') && <ShockFields />}
      <RecordFields record={suspension} sizes={BRACKET_SIZES} onChange={set} />
      <RecordFields record={axle} sizes={DROP_SIZES} onChange={setAxle} />
      <RecordFields
        record={axle}
        sizes={HUB_SIZES}
        onChange={(said, { hubFaceM }) => {
          if (hubFaceM !== undefined)
            edit(said, (current) => ({ ...current, runningGear: withHubFace(current.runningGear, hubFaceM) }));
        }}
      />
      <div className="col-span-2">
        <CheckField
          label="I build this axle myself"
          checked={axle.homeBuilt !== null}
          onCommit={(own) =>
            setAxle(own ? 'axle built at home' : 'axle bought', {
              homeBuilt: own ? { wallM: axle.tubeDiameterM / 8, yieldPa: 250e6, spindleKg: null, hubKg: null } : null,
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
          <RecordFields record={axle} sizes={CAMBER_SIZES} onChange={setAxle} />
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
