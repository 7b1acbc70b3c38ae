import type { Trailer } from '../project/index.js';
import { archUnderM, chordM, shackleAngleRad } from './leaf.js';
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
 * Heights under a sprung load on one wheel; undefined where the suspension does not say.
 * Leaf over the axle: loaded radius − drop + D÷2 + pad + n·t + arch + hanger; under it: loaded radius − drop − D÷2 − pad + arch + hanger
 * (trade geometry). Torsion: the shaft stands above the hub by arm·sin(angle), the angle less by what the rubber gives.
 */
export const heightStack = (trailer: Trailer, railHeightM: number, sprungWheelN: number): HeightStack | undefined => {
  const { axle, suspension, tire } = trailer.runningGear;
  const hubM = tire.loadedRadiusM;
  const half = axle.tubeDiameterM / 2;
  const none = { archM: undefined, chordM: undefined, shackleRad: undefined, armRad: undefined };
  switch (suspension.kind) {
    case 'leaf': {
      const { spring, hangerSpacingM } = suspension;
      const archM = archUnderM(spring, sprungWheelN);
      const tubeMiddleM = hubM - axle.dropM;
      const over = spring.seat === 'over';
      const pack = spring.leaves * spring.leafThicknessM;
      const mainLeafM = over ? tubeMiddleM + half + spring.padM + pack : tubeMiddleM - half - spring.padM;
      const railBottomM = mainLeafM + archM + spring.hangerM;
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
      if (rate === undefined) return undefined;
      const givesM = sprungWheelN / rate;
      const rise = Math.max(-1, Math.min(1, Math.sin(startAngleRad) - givesM / armLengthM));
      const tubeMiddleM = hubM + armLengthM * rise;
      return {
        ...none,
        hubM,
        tubeMiddleM,
        railBottomM: tubeMiddleM + half,
        givesM,
        armRad: Math.asin(rise),
        strikeM: undefined,
      };
    }
    case 'none': {
      const tubeMiddleM = hubM - axle.dropM;
      return { ...none, hubM, tubeMiddleM, railBottomM: tubeMiddleM + half, givesM: undefined, strikeM: undefined };
    }
    case 'stub':
      return {
        ...none,
        hubM,
        tubeMiddleM: hubM,
        railBottomM: hubM - railHeightM / 2,
        givesM: undefined,
        strikeM: undefined,
      };
    case 'unknown':
      return undefined;
  }
};
