import { axleRatingKg, type Trailer } from '../project/index.js';
import { archUnderM, chordM, clampLengthM, shackleAngleRad } from './leaf.js';
import { weightN } from '../units/index.js';
import { swingTravelM } from './swingArm.js';
import { wheelRateNPerM } from './rates.js';

/** What lies between the ground and the rails under one wheel's sprung load, from below, m. */
export interface HeightStack {
  readonly hubM: number;
  readonly tubeMiddleM: number;
  readonly railBottomM: number;
  /** how far spring or rubber has given under the load; undefined where nothing springs */
  readonly givesM: number | undefined;
  /** leaf springs: arch left, and the shackle's lean where it can reach */
  readonly archM: number | undefined;
  readonly chordM: number | undefined;
  readonly shackleRad: number | undefined;
  /** torsion: the arm below level, rad */
  readonly armRad: number | undefined;
  /** room above the axle or its spring before it strikes the frame */
  readonly strikeM: number | undefined;
}

/**
 * Heights under a sprung load on one wheel; undefined where the suspension does not say. `restM` is what a measured height asks for besides
 * the parts that are known. Leaf over the axle: loaded radius − drop + D÷2 + pad + n·t + arch + hanger; under it: loaded radius − drop − D÷2 −
 * pad + arch + hanger (trade geometry). Torsion: the shaft stands above the hub by arm·sin(angle), the angle less by what the rubber gives.
 * A stub's spindle stands at the rail's middle, an axle without springs or the pivot of a walking beam under the rail; brackets come between in every kind.
 */
export const heightStack = (
  trailer: Trailer,
  railHeightM: number,
  sprungWheelN: number,
  restM = 0,
): HeightStack | undefined => {
  const { axle, suspension, tire, measuredRailTopM } = trailer.runningGear;
  const hubM = tire.loadedRadiusM;
  const half = axle.tubeDiameterM / 2;
  const belowRailM = suspension.bracketM + restM;
  const none = { archM: undefined, chordM: undefined, shackleRad: undefined, armRad: undefined };
  const stiff = { ...none, hubM, givesM: undefined, strikeM: undefined };
  switch (suspension.kind) {
    case 'leaf': {
      const { spring, hangerSpacingM } = suspension;
      const archM = archUnderM(spring, sprungWheelN, clampLengthM(axle.tubeDiameterM));
      const tubeMiddleM = hubM - axle.dropM;
      const over = spring.seat === 'over';
      const pack = spring.leaves * spring.leafThicknessM;
      const mainLeafM = over ? tubeMiddleM + half + spring.padM + pack : tubeMiddleM - half - spring.padM;
      const railBottomM = mainLeafM + archM + spring.hangerM + belowRailM;
      return {
        hubM,
        tubeMiddleM,
        railBottomM,
        givesM: spring.freeArchM - archM,
        archM,
        chordM: spring.kind === 'slipper' ? undefined : chordM(spring, archM),
        shackleRad: spring.kind === 'slipper' ? undefined : shackleAngleRad(spring, hangerSpacingM, archM),
        armRad: undefined,
        strikeM: railBottomM - (over ? mainLeafM : tubeMiddleM + half),
      };
    }
    case 'torsion': {
      const { armLengthM, startAngleRad } = suspension.torsion;
      const rate = wheelRateNPerM(trailer);
      if (rate === undefined) break;
      const givesM = sprungWheelN / rate;
      const rise = Math.max(-1, Math.min(1, Math.sin(startAngleRad) - givesM / armLengthM));
      const tubeMiddleM = hubM - axle.dropM + armLengthM * rise;
      return {
        ...none,
        hubM,
        tubeMiddleM,
        railBottomM: tubeMiddleM + half + belowRailM,
        givesM,
        armRad: Math.asin(rise),
        strikeM: undefined,
      };
    }
    case 'swing-arm': {
      const { armLengthM, startAngleRad } = suspension.swing;
      const rate = wheelRateNPerM(trailer);
      if (rate === undefined) break;
      const givesM = sprungWheelN / rate;
      const rise = Math.max(-1, Math.min(1, Math.sin(startAngleRad) - givesM / armLengthM));
      const pivotM = hubM + armLengthM * rise;
      return {
        ...none,
        hubM,
        tubeMiddleM: pivotM,
        railBottomM: pivotM + belowRailM,
        givesM,
        armRad: Math.asin(rise),
        strikeM: swingTravelM(suspension.swing) - givesM,
      };
    }
    case 'walking-beam':
    case 'none': {
      const tubeMiddleM = hubM - axle.dropM;
      return { ...stiff, tubeMiddleM, railBottomM: tubeMiddleM + half + belowRailM };
    }
    case 'stub':
      return { ...stiff, tubeMiddleM: hubM, railBottomM: hubM - axle.dropM - railHeightM / 2 + belowRailM };
    case 'unknown':
      break;
  }
  // Nothing says how far it gives: it stands as it was measured, under every load.
  return measuredRailTopM === null
    ? undefined
    : { ...stiff, tubeMiddleM: hubM - axle.dropM, railBottomM: measuredRailTopM - railHeightM };
};

/** Whether the chain of parts gives a height at all, whatever was measured. */
export const saysHeight = (trailer: Trailer): boolean => {
  const { kind } = trailer.runningGear.suspension;
  return kind !== 'unknown' && ((kind !== 'torsion' && kind !== 'swing-arm') || wheelRateNPerM(trailer) !== undefined);
};

/**
 * Top of the rails above the ground before anything is balanced, m: as measured, else by the parts with the plate's gross spread over all
 * wheels, else an axle's tube under the rail. Wheels are drawn and weighed there.
 */
export const usualRailTopM = (trailer: Trailer, railHeightM: number, axles: number): number => {
  const { measuredRailTopM, axle, tire } = trailer.runningGear;
  if (measuredRailTopM !== null) return measuredRailTopM;
  const kg = trailer.ratedGrossKg ?? axles * (axleRatingKg(trailer.runningGear) ?? 0);
  const stack = heightStack(trailer, railHeightM, axles > 0 ? weightN(kg) / (2 * axles) : 0);
  return (stack?.railBottomM ?? tire.loadedRadiusM + axle.tubeDiameterM / 2) + railHeightM;
};
