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
  UNMARKED_YIELD_PA,
  SPRING_SEAT_NAMES,
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
import { t } from '../../fields/language/t';
import { optionsIn } from '../../fields/language/optionsIn';

type Suspension = RunningGear['suspension'];

const KINDS = optionsIn(SPRING_NAMES);
const SEATS = optionsIn(SPRING_SEAT_NAMES);

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
  {
    field: 'leaves',
    label: t('Leaves'),
    kind: 'number',
    of: 'runningGear.suspension.spring.leaves',
    said: t('leaves'),
  },
  {
    field: 'eyeToEyeM',
    label: t('Eye to eye, unloaded'),
    kind: 'length',
    of: 'runningGear.suspension.spring.eyeToEyeM',
    said: t('eye to eye, unloaded'),
  },
  {
    field: 'freeArchM',
    label: t('Arch, unloaded'),
    kind: 'length',
    of: 'runningGear.suspension.spring.freeArchM',
    said: t('arch, unloaded'),
  },
  {
    field: 'leafWidthM',
    label: t('Leaf width'),
    kind: 'length',
    of: 'runningGear.suspension.spring.leafWidthM',
    said: t('leaf width'),
  },
  {
    field: 'leafThicknessM',
    label: t('Leaf thickness'),
    kind: 'length',
    of: 'runningGear.suspension.spring.leafThicknessM',
    said: t('leaf thickness'),
  },
  {
    field: 'shackleM',
    label: t('Shackle, bolt to bolt'),
    kind: 'length',
    of: 'runningGear.suspension.spring.shackleM',
    said: t('shackle, bolt to bolt'),
  },
  {
    field: 'hangerM',
    label: t('Eyes below the rail'),
    kind: 'length',
    of: 'runningGear.suspension.spring.hangerM',
    said: t('eyes below the rail'),
  },
  {
    field: 'padM',
    label: t('Height of a spring seat'),
    kind: 'length',
    of: 'runningGear.suspension.spring.padM',
    said: t('height of a spring seat'),
  },
  {
    field: 'ratingKg',
    label: t('One spring may carry'),
    kind: 'mass',
    of: 'runningGear.suspension.spring.ratingKg',
    said: t('spring rating'),
    clears: true,
  },
];
const SLIPPER_SIZES: readonly SizeOf<Spring>[] = [
  {
    field: 'slipperM',
    label: t('Eye to slipper, by its maker'),
    kind: 'length',
    of: 'runningGear.suspension.spring.slipperM',
    said: t('slipper length'),
    clears: true,
  },
];
const ARM_SIZES: readonly SizeOf<Suspension['torsion']>[] = [
  {
    field: 'armLengthM',
    label: t('Length of the arm'),
    kind: 'length',
    of: 'runningGear.suspension.torsion.armLengthM',
    said: t('torsion arm'),
  },
  {
    field: 'startAngleRad',
    label: t('Arm below level, unloaded'),
    kind: 'angle',
    of: 'runningGear.suspension.torsion.startAngleRad',
    said: t('start angle'),
  },
];
const SWING_SIZES: readonly SizeOf<Suspension['swing']>[] = [
  {
    field: 'armLengthM',
    label: t('Arm, pivot to wheel'),
    kind: 'length',
    of: 'runningGear.suspension.swing.armLengthM',
    said: t('swing arm'),
  },
  {
    field: 'startAngleRad',
    label: t('Arm below level, unloaded'),
    kind: 'angle',
    of: 'runningGear.suspension.swing.startAngleRad',
    said: t('start angle'),
  },
  {
    field: 'unitAtM',
    label: t('Unit, from the pivot'),
    kind: 'length',
    of: 'runningGear.suspension.swing.unitAtM',
    said: t('place of the unit'),
  },
  {
    field: 'unitLeanRad',
    label: t('Unit leans, off square'),
    kind: 'angle',
    of: 'runningGear.suspension.swing.unitLeanRad',
    said: t('lean of the unit'),
  },
  {
    field: 'unitTravelM',
    label: t('Unit’s travel to its stop'),
    kind: 'length',
    of: 'runningGear.suspension.swing.unitTravelM',
    said: t('travel of the unit'),
  },
  {
    field: 'dampingNsPerM',
    label: t('Damper, N·s/m'),
    kind: 'number',
    of: 'runningGear.suspension.swing.dampingNsPerM',
    said: t('damper'),
    clears: true,
  },
];
/** What presses a unit together by so much is easy to weigh: 1 in or 10 mm. */
const RATE_OVER_M = { imperial: inches(1), metric: millimetres(10) } as const;
const rateSizes = (units: 'imperial' | 'metric'): readonly SizeOf<Suspension['swing']>[] => [
  {
    field: 'unitRateNPerM',
    label: units === 'imperial' ? t('Load that presses it by 1 in') : t('Load that presses it by 10 mm'),
    kind: 'mass',
    of: 'runningGear.suspension.swing.unitRateNPerM',
    said: t('rate of the unit'),
    clears: true,
    per: weightN(1) / RATE_OVER_M[units],
    hint: t('Its spring’s rate, of one unit'),
  },
];

const BUMP_SIZES: readonly SizeOf<Suspension>[] = [
  {
    field: 'bumpTravelM',
    label: t('A bump lifts a wheel by'),
    kind: 'length',
    of: 'runningGear.suspension.bumpTravelM',
    said: t('bump travel'),
  },
];
const BRACKET_SIZES: readonly SizeOf<Suspension>[] = [
  {
    field: 'bracketM',
    label: t('Brackets or pedestals under the rails'),
    kind: 'length',
    of: 'runningGear.suspension.bracketM',
    said: t('brackets under the rails'),
    hint: t('Their height; 0 without'),
  },
];
const DROP_SIZES: readonly SizeOf<RunningGear['axle']>[] = [
  {
    field: 'dropM',
    label: t('Spindles above the axle’s middle'),
    kind: 'length',
    of: 'runningGear.axle.dropM',
    said: t('drop of the axle'),
    hint: t('0 for a straight axle; of stubs above the rail’s middle'),
  },
];
const CAMBER_SIZES: readonly SizeOf<RunningGear['axle']>[] = [
  {
    field: 'camberRad',
    label: t('Wheels lean out at the top, unloaded'),
    kind: 'angle',
    of: 'runningGear.axle.camberRad',
    said: t('camber of the axle'),
    hint: t('The tube bent up in its middle; 0 for a straight one'),
  },
];
const HUB_SIZES: readonly SizeOf<RunningGear['axle']>[] = [
  {
    field: 'hubFaceM',
    label: t('Hub face to hub face'),
    kind: 'length',
    of: 'runningGear.axle.hubFaceM',
    said: t('hub faces'),
  },
];
const HOME_BUILT_SIZES: readonly SizeOf<HomeBuilt>[] = [
  {
    field: 'spindleKg',
    label: t('One spindle may carry'),
    kind: 'mass',
    of: 'runningGear.axle.homeBuilt.spindleKg',
    said: t('rating of a spindle'),
    clears: true,
  },
  {
    field: 'hubKg',
    label: t('One hub may carry'),
    kind: 'mass',
    of: 'runningGear.axle.homeBuilt.hubKg',
    said: t('rating of a hub'),
    clears: true,
    hint: t('With its bearings'),
  },
  {
    field: 'wallM',
    label: t('Wall of its tube'),
    kind: 'length',
    of: 'runningGear.axle.homeBuilt.wallM',
    said: t('axle tube’s wall'),
  },
  {
    field: 'yieldPa',
    label: t('Its metal bends for good at'),
    kind: 'stress',
    of: 'runningGear.axle.homeBuilt.yieldPa',
    said: t('axle tube’s metal'),
  },
];

/** An axle of one's own making: what it is made of, and what is asked of who makes it. */
const HomeBuiltFields = () => {
  const [axle, setAxle] = useRecord('runningGear.axle');
  return (
    <>
      <div className="col-span-2">
        <CheckField
          label={t('I build this axle myself')}
          checked={axle.homeBuilt !== null}
          onCommit={(own) =>
            setAxle(own ? t('axle built at home') : t('axle bought'), {
              homeBuilt: own
                ? { wallM: axle.tubeDiameterM / 8, yieldPa: UNMARKED_YIELD_PA, spindleKg: null, hubKg: null }
                : null,
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
            {t(
              'Buy spindles, hubs and springs rated, with papers. Spin the finished axle and write down what it runs out: 1/16 in (1.5 mm) at the hub faces is the most that shops pass. Do not weld on the middle of the tube, on spring steel or on hardened spindles. A home-built axle has no tag: what it carries is for a licensed engineer to say.',
            )}
          </p>
        </>
      )}
    </>
  );
};

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
    rate === undefined
      ? t('Not known')
      : t('{x} where you say nothing', { x: say.measured({ value: rate, kind: 'rate' }) });
  const ratedStress =
    suspension.kind === 'leaf' && spring.ratingKg !== null
      ? t('; at its rating the leaves feel {spring}. A worn spring is softer.', {
          spring: say.stress(leafStressPa(spring, weightN(spring.ratingKg), clampLengthM(axle.tubeDiameterM))),
        })
      : '';
  return (
    <FieldGroup title={t('Spring, height and bump')}>
      {suspension.kind === 'leaf' && (
        <>
          <Picker
            list="springs"
            label={t('Spring from the list')}
            value={presentRow?.id ?? ''}
            hint={rowSource(SPRING_ROWS, presentRow?.id ?? null)}
            rows={springs}
            onCommit={(id) => {
              const row = SPRING_ROWS.find((candidate) => candidate.id === id);
              if (!row) return;
              const springMassKg = 2 * leafSpringKg(row) + HANGERS_KG;
              set(t('spring {name}', { name: row.name }), { spring: { ...spring, ...fromRow(row) }, springMassKg });
            }}
          />
          <SelectField
            label={t('Leaf spring')}
            value={spring.kind}
            options={KINDS}
            onCommit={(kind) => setSpring(t('kind of spring'), { kind: kind })}
          />
          <SelectField
            label={t('It lies')}
            value={spring.seat}
            options={SEATS}
            onCommit={(seat) => setSpring(t('spring {seat} the axle', { seat }), { seat: seat })}
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
              ? t('At each wheel: {rate}', {
                  rate: rate === undefined ? t('not known') : say.measured({ value: rate, kind: 'rate' }),
                })
              : t('Each spring’s rate: {rateHint}{ratedStress}', { rateHint, ratedStress })}
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
      <HomeBuiltFields />
    </FieldGroup>
  );
};
