import { barProperties, type Section, type Shape } from '../../sections/index.js';
import { inches } from '../../units/index.js';
import { momentAtPlace, shearBefore } from './beam.js';
import type { CaseCheck } from './handCheck.js';

/** One inch, the step that people think in. */
const STEP_M = inches(1);

/** Where the tongue bends most, and what an inch does there. */
export interface Leverage {
  readonly caseId: string;
  readonly placeM: number;
  /** in the bump, of the whole tongue, N·m */
  readonly momentNm: number;
  /** share of the bending that goes with one inch less between that place and the ball */
  readonly perInchCloser: number;
  /** share of the bar's stress that goes with one inch more depth; undefined where the shape has none to add */
  readonly perInchDeeper: number | undefined;
  readonly stepM: number;
}

const deeper = (shape: Shape): Shape | undefined => {
  switch (shape.kind) {
    case 'rect-tube':
    case 'flat-bar':
      return { ...shape, heightM: shape.heightM + STEP_M };
    case 'channel':
    case 'bent-channel':
      return { ...shape, depthM: shape.depthM + STEP_M };
    case 'angle':
      return { ...shape, verticalLegM: shape.verticalLegM + STEP_M };
    case 'round-tube':
      return { ...shape, diameterM: shape.diameterM + STEP_M };
  }
};

const deepened = new WeakMap<Section, number | undefined>();

/** Section modulus of the same bar one inch deeper, m³. */
const deeperModulusM3 = (section: Section): number | undefined => {
  if (deepened.has(section)) return deepened.get(section);
  const shape = deeper(section.shape);
  const bigger = shape && barProperties({ ...section, shape })?.sMinM3;
  deepened.set(section, bigger);
  return bigger;
};

/** From the hand check of the case that bends the tongue most: M changes by V for each length that the place moves, σ by S. */
export const tongueLeverage = (checks: readonly CaseCheck[]): Leverage | undefined => {
  const worst = checks.reduce<CaseCheck | undefined>(
    (most, next) => ((next.tongue?.utilisation ?? 0) > (most?.tongue?.utilisation ?? 0) ? next : most),
    undefined,
  );
  if (!worst?.tongue || worst.tongue.mode !== 'bending') return undefined;
  const { placeM, member } = worst.tongue;
  const momentNm = momentAtPlace(worst.beam.pieces, placeM);
  if (momentNm === 0) return undefined;
  const shearN = shearBefore(worst.beam.pieces, placeM);
  const bigger = deeperModulusM3(member.section);
  return {
    caseId: worst.caseId,
    placeM,
    momentNm: momentNm * worst.factor,
    perInchCloser: (shearN * STEP_M) / momentNm,
    perInchDeeper: bigger ? 1 - member.bar.sMinM3 / bigger : undefined,
    stepM: STEP_M,
  };
};
