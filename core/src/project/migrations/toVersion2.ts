import { type Fields, isFields, putIn } from './putIn.js';

/**
 * What came in while version 1 was written, and what a trailer without it was taken to have. A path ends at the field; `[]` stands for
 * every entry of a list. Where the object around a field is not there, nothing is put in: its own line puts the whole of it in.
 * These are the values of that time, written out: they never follow what the program takes as usual today.
 */
const CAME_LATER: readonly (readonly [path: string, value: unknown])[] = [
  ['job.turnRad', 1.222],
  ['job.rampRad', 0.14],
  ['job.laneM', null],
  ['job.cornerM', 7.5],
  ['frame.tongue.rise', { kind: 'level', byM: 0 }],
  ['frame.tongue.cutLaterM', 0],
  ['frame.tongue.topPlate', null],
  ['frame.tongue.capped', false],
  ['frame.tieDowns', { perSide: 0, workingLoadKg: null }],
  ['frame.tieDowns.workingLoadKg', null],
  ['frame.stands', []],
  ['runningGear.axle.dropM', 0],
  ['runningGear.axle.homeBuilt', null],
  [
    'runningGear.suspension.spring',
    {
      kind: 'double-eye',
      eyeToEyeM: 0.64135,
      freeArchM: 0.0889,
      leaves: 4,
      leafWidthM: 0.04445,
      leafThicknessM: 0.00635,
      rateNPerM: null,
      ratingKg: null,
      shackleM: 0.05715,
      slipperM: null,
      hangerM: 0.0762,
      padM: 0.00635,
      seat: 'over',
    },
  ],
  ['runningGear.suspension.torsion', { armLengthM: 0.1524, startAngleRad: 0.3927, rateNPerM: null }],
  ['runningGear.suspension.bumpTravelM', 0.0635],
  ['runningGear.tire.pressure', ''],
  ['runningGear.tire.rimM', null],
  ['runningGear.wheel.rimM', null],
  ['runningGear.wheel.offsetM', 0],
  ['runningGear.wheel.studCircle', ''],
  ['runningGear.wheel.adapterM', 0],
  ['runningGear.fender', { kind: 'none', aboveRailM: 0.15, reachM: 0.25, skirtM: 0.0762 }],
  ['runningGear.fender.skirtM', 0.0762],
  ['runningGear.reserveShare', 0.15],
  ['coupling.dValueN', null],
  ['coupling.mount', 'welded'],
  ['coupling.bolts', { count: 2, diameterM: 0.0127, grade: 'grade-5' }],
  ['coupling.kind', 'ball'],
  ['coupling.receiver', { ratedKg: null, tongueKg: null }],
  ['coupling.ballMount', { ratedKg: null, tongueKg: null, dropM: null }],
  ['coupling.ballMount.dropM', null],
  ['coupling.ball', { diameterM: null, shankM: null, holeM: null, ratedKg: null }],
  [
    'coupling.safetyChain',
    {
      count: 2,
      catalogId: null,
      breaksAtKg: null,
      lengthM: null,
      crossed: true,
      tabBehindBallM: 0.2032,
      hookAheadOfBallM: 0.127,
      apartM: 0.2032,
      heldOn: 'not-decided',
    },
  ],
  ['coupling.breakaway', 'not-decided'],
  ['coupling.brakeKind', 'not-decided'],
  ['coupling.plug', 'not-decided'],
  ['coupling.jack', { ratedKg: null, shortM: null, longM: null }],
  ['strength.bumpFactor', null],
  ['strength.off', ['recovery']],
  ['strength.recoveryPullKg', null],
  ['strength.weldLegM', null],
  ['strength.gussets', { tongueM: null, cornerM: null }],
  ['strength.deckPoint', { massKg: null, patchM: 0.1 }],
  ['strength.filler', '5356'],
  ['ownRows.axles', []],
  ['ownRows.tires', []],
  ['ownRows.vehicles', []],
  ['ownRows.axles[].axle.dropM', 0],
  ['ownRows.axles[].axle.homeBuilt', null],
  ['ownRows.tires[].tire.pressure', ''],
  ['ownRows.tires[].tire.rimM', null],
  ...['towVehicle', 'ownRows.vehicles[].vehicle'].flatMap((vehicle): [string, unknown][] => [
    [`${vehicle}.kind`, 'vehicle'],
    [`${vehicle}.wheelbaseM`, null],
    [`${vehicle}.ballBehindAxleM`, null],
    [`${vehicle}.frontShare`, 0.55],
    [`${vehicle}.widthM`, 1.9304],
    [`${vehicle}.bumperAheadOfBallM`, 0.2286],
    [`${vehicle}.tailgateReachM`, 0],
    [`${vehicle}.tailgateHeightM`, null],
    [`${vehicle}.hitchSinksMPerKg`, null],
    [`${vehicle}.rearAxleLimitKg`, null],
  ]),
];

/** A single tube of the tongue in one piece; pins as they were usual. */
const FIXED_JOINT = {
  kind: 'fixed',
  aheadM: 0.1524,
  pins: 2,
  pinSpacingM: 0.1016,
  pinDiameterM: 0.015875,
  grade: 'grade-5',
};

const withJoint = (file: Fields): Fields => {
  const { frame } = file;
  if (!isFields(frame) || !isFields(frame['tongue']) || frame['tongue']['kind'] === 'a-frame') return file;
  return putIn(file, ['frame', 'tongue', 'joint'], FIXED_JOINT) as Fields;
};

/** Where a price stood among the decisions on strength, it becomes the first entry of the record. */
const priceEntries = (strength: unknown): Fields[] => {
  const prices = isFields(strength) ? strength['pricePerKg'] : undefined;
  if (!isFields(prices)) return [];
  return ['steel', 'aluminum'].flatMap((family) =>
    typeof prices[family] === 'number'
      ? [{ kind: 'price', id: `price.v1.${family}`, date: '', family, perKg: prices[family] }]
      : [],
  );
};

/** `asBuilt` was kept by "<part>.<field>". */
const builtEntries = (asBuilt: unknown): Fields[] =>
  isFields(asBuilt)
    ? Object.entries(asBuilt).flatMap(([key, reading], index) =>
        isFields(reading)
          ? [
              {
                kind: 'as-built',
                id: `as-built.v1.${index + 1}`,
                date: reading['date'] ?? '',
                subject: key.slice(0, key.lastIndexOf('.')) || key,
                field: key.slice(key.lastIndexOf('.') + 1),
                value: reading['value'],
              },
            ]
          : [],
      )
    : [];

const weighInEntries = (weighIns: unknown): Fields[] =>
  Array.isArray(weighIns)
    ? weighIns.flatMap((weighIn: unknown, index) =>
        isFields(weighIn) ? [{ ...weighIn, kind: 'weigh-in', id: `weigh-in.v1.${index + 1}` }] : [],
      )
    : [];

/**
 * Version 2 tells apart what undo covers (`design`), how it is told (`settings`) and what was measured and done (`record`). What version 1
 * took for granted where a field was missing is put in, so that nothing has to be taken for granted any more.
 */
export const toVersion2 = (file: Fields): Fields => {
  const whole = withJoint(
    CAME_LATER.reduce<Fields>((filled, [path, value]) => putIn(filled, path.split('.'), value) as Fields, file),
  );
  const { format, schemaVersion, id, settings, asBuilt, weighIns, strength, ...design } = whole;
  const { pricePerKg: _prices, ...ownStrength } = isFields(strength) ? strength : { pricePerKg: undefined };
  return {
    format,
    schemaVersion,
    id,
    design: { ...design, strength: isFields(strength) ? ownStrength : strength },
    settings,
    record: { entries: [...priceEntries(strength), ...builtEntries(asBuilt), ...weighInEntries(weighIns)] },
  };
};
