import { inches } from '../units/index.js';
import { heightByRaisingSide, heightByTilting, leverLoad, publicScale, type Read } from './methods.js';

/** Ways to weigh that a page leads through. */
export const WEIGH_METHODS = [
  'bathroom-scale',
  'lever-board',
  'tongue-scale',
  'public-scale',
  'pads',
  'tilting',
  'raising-side',
] as const;
export type WeighMethod = (typeof WEIGH_METHODS)[number];

/** What is read off scale and tape in each, in the order in which it is read; kg and m. */
export const WEIGH_FIELDS = {
  'bathroom-scale': ['scaleKg', 'tareKg'],
  'lever-board': ['scaleKg', 'tareKg', 'armLoadM', 'armScaleM'],
  'tongue-scale': ['scaleKg'],
  'public-scale': ['vehicleKg', 'bothKg', 'axlesKg'],
  pads: ['leftKg', 'rightKg', 'tongueKg'],
  tilting: [
    'levelTongueKg',
    'raisedTongueKg',
    'weightKg',
    'levelCouplerM',
    'raisedCouplerM',
    'axleToCouplerM',
    'wheelRadiusM',
  ],
  'raising-side': ['levelWheelKg', 'raisedWheelKg', 'axleKg', 'wheelTrackM', 'raisedM'],
} as const satisfies Readonly<Record<WeighMethod, readonly string[]>>;
export type WeighField = (typeof WEIGH_FIELDS)[WeighMethod][number];

/** May be left empty: nothing is on the scale besides, or that was not read. */
export const MAY_BE_EMPTY: ReadonlySet<WeighField> = new Set(['tareKg', 'tongueKg']);

/** What a way of weighing came to, kg, each with its doubt; and how high the balance point is, m. */
export interface WorkedOut {
  readonly readings: Readonly<Partial<Record<'tongue' | 'axles' | 'total' | 'left' | 'right', Read>>>;
  readonly heightM?: number;
}

/** Standard deviations of scales, kg or a share, and of a tape along a board, m. Common practice. */
const DOUBTS = {
  bathroom: { kg: 0.5, share: 0.005 },
  tongue: { kg: 1, share: 0.02 },
  public: { kg: 5, share: 0 },
  pads: { kg: 1, share: 0.01 },
  tapeM: inches(1 / 8),
} as const;

const readOn = (kg: number, { kg: least, share }: { readonly kg: number; readonly share: number }): Read => ({
  value: kg,
  sd: Math.hypot(least, share * kg),
});

type Raw = Readonly<Partial<Record<WeighField, number>>>;

const padsOf = ({ leftKg, rightKg, tongueKg }: Raw): WorkedOut | undefined => {
  if (leftKg === undefined || rightKg === undefined) return undefined;
  const [left, right] = [readOn(leftKg, DOUBTS.pads), readOn(rightKg, DOUBTS.pads)];
  const axles: Read = { value: leftKg + rightKg, sd: Math.hypot(left.sd, right.sd) };
  return {
    readings: { left, right, axles, ...(tongueKg === undefined ? {} : { tongue: readOn(tongueKg, DOUBTS.pads) }) },
  };
};

const tiltedOf = (raw: Raw): WorkedOut | undefined => {
  const { levelTongueKg, raisedTongueKg, weightKg, levelCouplerM, raisedCouplerM, axleToCouplerM, wheelRadiusM } = raw;
  if (
    levelTongueKg === undefined ||
    raisedTongueKg === undefined ||
    weightKg === undefined ||
    levelCouplerM === undefined ||
    raisedCouplerM === undefined ||
    axleToCouplerM === undefined ||
    wheelRadiusM === undefined
  )
    return undefined;
  // The coupler goes round the axle on a circle: from where it stood level to where it stands raised.
  const upM = levelCouplerM - wheelRadiusM;
  const reachM = Math.hypot(axleToCouplerM, upM);
  const sine = (raisedCouplerM - wheelRadiusM) / reachM;
  if (Math.abs(sine) >= 1) return undefined;
  const heightM = heightByTilting({
    levelTongue: levelTongueKg,
    raisedTongue: raisedTongueKg,
    weight: weightKg,
    lengthM: axleToCouplerM,
    radiusM: wheelRadiusM,
    couplerM: levelCouplerM,
    raisedRad: Math.asin(sine) - Math.asin(upM / reachM),
  });
  return heightM === undefined ? undefined : { readings: {}, heightM };
};

const raisedOf = ({ levelWheelKg, raisedWheelKg, axleKg, wheelTrackM, raisedM }: Raw): WorkedOut | undefined => {
  if (
    levelWheelKg === undefined ||
    raisedWheelKg === undefined ||
    axleKg === undefined ||
    wheelTrackM === undefined ||
    raisedM === undefined
  )
    return undefined;
  const heightM = heightByRaisingSide({
    levelWheel: levelWheelKg,
    raisedWheel: raisedWheelKg,
    axleWeight: axleKg,
    trackM: wheelTrackM,
    raisedM,
  });
  return heightM === undefined ? undefined : { readings: {}, heightM };
};

/** What was read, worked out; undefined where something is still to be read, or it cannot be. */
export const workedOutBy = (method: WeighMethod, raw: Raw): WorkedOut | undefined => {
  const { scaleKg, tareKg = 0, armLoadM, armScaleM, vehicleKg, bothKg, axlesKg } = raw;
  switch (method) {
    case 'bathroom-scale':
      return scaleKg === undefined ? undefined : { readings: { tongue: readOn(scaleKg - tareKg, DOUBTS.bathroom) } };
    case 'lever-board': {
      if (scaleKg === undefined || armLoadM === undefined || armScaleM === undefined) return undefined;
      const tape = (value: number): Read => ({ value, sd: DOUBTS.tapeM });
      const tongue = leverLoad(
        readOn(scaleKg, DOUBTS.bathroom),
        readOn(tareKg, DOUBTS.bathroom),
        tape(armLoadM),
        tape(armScaleM),
      );
      return tongue && { readings: { tongue } };
    }
    case 'tongue-scale':
      return scaleKg === undefined ? undefined : { readings: { tongue: readOn(scaleKg, DOUBTS.tongue) } };
    case 'public-scale': {
      if (vehicleKg === undefined || bothKg === undefined || axlesKg === undefined) return undefined;
      const found = publicScale(
        readOn(vehicleKg, DOUBTS.public),
        readOn(bothKg, DOUBTS.public),
        readOn(axlesKg, DOUBTS.public),
      );
      // The tongue is what the other two leave: it says nothing that they do not say, and is not counted twice.
      return { readings: { total: found.total, axles: found.axles } };
    }
    case 'pads':
      return padsOf(raw);
    case 'tilting':
      return tiltedOf(raw);
    case 'raising-side':
      return raisedOf(raw);
  }
};
