import { axlePlaces, isIndependent } from '../mass/index.js';
import type { Trailer } from '../project/index.js';
import { beamPivotXM, chordM, flatLengthM, type Spring } from '../suspension/index.js';
import { inches } from '../units/index.js';
import { loadedRide, type RideHeights } from './heights.js';

/** A bolt, pivot or bracket on the rail, from the bed's front edge, m. */
export interface HangerMark {
  readonly id: string;
  readonly kind: 'fixed-eye' | 'shackle' | 'slipper' | 'equaliser' | 'bracket' | 'pivot' | 'beam-pivot' | 'unit';
  readonly axle: number;
  readonly xM: number;
}

export interface HangerPlan {
  readonly marks: readonly HangerMark[];
  /** bolt to bolt by the spring's own geometry; undefined for brackets */
  readonly spacingM: number | undefined;
  /** spring laid flat: the bolts must be further apart than that */
  readonly flatM: number | undefined;
}

/** Half an inch less than spring and shackle end to end (shop rule for 2-1/4 in shackles). */
const SHOP_LESS_M = inches(0.5);
/** Bolts stand at least so much further apart than the spring laid flat, or its shackle can go over centre (common practice). */
const PAST_FLAT_M = inches(3 / 8);
/** Further than this share of the shackle beyond the eyes it lies nearly level (common practice). */
const LYING_SHARE = 0.9;
/** Shackles are sold by the quarter inch. */
const SHACKLE_STEP_M = inches(0.25);

/** Between which distances of its bolts a spring with two eyes works; `least` over `most` where its shackle is too short for any. */
export const spacingLimitsM = (spring: Spring): { readonly least: number; readonly most: number } => ({
  least: flatLengthM(spring) + PAST_FLAT_M,
  most: spring.eyeToEyeM + LYING_SHARE * spring.shackleM,
});

/** Shortest shackle that is sold with which some distance of the bolts works, m. */
export const shackleNeededM = (spring: Spring): number =>
  Math.ceil((spacingLimitsM(spring).least - spring.eyeToEyeM) / LYING_SHARE / SHACKLE_STEP_M - 1e-9) * SHACKLE_STEP_M;

/**
 * Distance of the bolts that the spring's own type asks for, within what its shackle can do; a slipper's is its maker's and nobody else's,
 * and a shackle that is too short has none.
 */
export const wantedSpacingM = ({ runningGear: { suspension } }: Trailer): number | undefined => {
  if (suspension.kind !== 'leaf') return undefined;
  const { spring } = suspension;
  if (spring.kind === 'slipper') return spring.slipperM ?? undefined;
  const { least, most } = spacingLimitsM(spring);
  const shopM = spring.eyeToEyeM + spring.shackleM - SHOP_LESS_M;
  return least > most ? undefined : Math.min(most, Math.max(least, shopM));
};

/**
 * Where every hanger goes for the axle's place, by the arch that is left when it stands loaded: the axle lies under the centre bolt, half the
 * loaded chord behind the fixed eye, not half-way between the bolts.
 */
export const hangerPlan = (trailer: Trailer, loadedArchM: number): HangerPlan => {
  const { suspension } = trailer.runningGear;
  const places = axlePlaces(trailer);
  const none = { spacingM: undefined, flatM: undefined };
  if (suspension.kind === 'torsion') {
    return {
      ...none,
      marks: places.map(({ xM }, i) => ({
        id: `bracket.${i + 1}`,
        kind: 'bracket',
        axle: i,
        xM: xM - suspension.armM,
      })),
    };
  }
  if (suspension.kind === 'swing-arm') {
    const { armLengthM, unitAtM } = suspension.swing;
    return {
      ...none,
      marks: places.flatMap(({ xM }, i) => [
        { id: `pivot.${i + 1}`, kind: 'pivot' as const, axle: i, xM: xM - armLengthM },
        { id: `unit.${i + 1}`, kind: 'unit' as const, axle: i, xM: xM - armLengthM + unitAtM },
      ]),
    };
  }
  const [first, second] = places;
  if (suspension.kind === 'walking-beam' && first && second) {
    const xM = beamPivotXM(first.xM, second.xM, trailer.runningGear.equaliserArms);
    return { ...none, marks: [{ id: 'beam-pivot', kind: 'beam-pivot', axle: 0, xM }] };
  }
  if (suspension.kind !== 'leaf') {
    return { ...none, marks: places.map(({ xM }, i) => ({ id: `bracket.${i + 1}`, kind: 'bracket', axle: i, xM })) };
  }
  const { spring, hangerSpacingM } = suspension;
  const slipper = spring.kind === 'slipper';
  const halfM = slipper ? hangerSpacingM / 2 : chordM(spring, loadedArchM) / 2;
  const equalised = places.length > 1 && !isIndependent(trailer);
  const marks = places.flatMap(({ xM }, i): HangerMark[] => {
    const frontM = xM - halfM;
    const rear: HangerMark = {
      id: `hanger.${i + 1}.rear`,
      kind: slipper ? 'slipper' : 'shackle',
      axle: i,
      xM: frontM + hangerSpacingM,
    };
    const front: HangerMark = { id: `hanger.${i + 1}.front`, kind: 'fixed-eye', axle: i, xM: frontM };
    if (!equalised) return [front, rear];
    const next = places[i + 1];
    // On an equaliser the outer eyes are fixed, the inner ends hang on it; its pivot stands half-way between the axles.
    const pivot: HangerMark[] = next
      ? [{ id: `equaliser.${i + 1}`, kind: 'equaliser', axle: i, xM: (xM + next.xM) / 2 }]
      : [{ id: `hanger.${i + 1}.rear`, kind: 'fixed-eye', axle: i, xM: xM + halfM }];
    return i === 0 ? [front, ...pivot] : pivot;
  });
  return { marks, spacingM: wantedSpacingM(trailer), flatM: slipper ? undefined : flatLengthM(spring) };
};

/** Where the hangers go for the axle's place as it stands loaded. */
export const loadedHangers = (trailer: Trailer, rides: readonly RideHeights[]): HangerPlan =>
  hangerPlan(trailer, loadedRide(rides)?.stack.archM ?? 0);
