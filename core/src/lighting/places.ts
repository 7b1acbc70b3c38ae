import { drawnRailTopM } from '../balance/index.js';
import { overallWidthM } from '../chassis/index.js';
import type { Evaluation } from '../evaluation/index.js';
import { axleCount, gatesDown } from '../mass/index.js';
import { inches } from '../units/index.js';
import { type LampFacts, type LampRule, lampsAsked } from './rules.js';

/** One lamp or reflector where it goes: x back from the front edge, y to the right, z above the top of the rails, m. */
export interface PlacedLamp {
  readonly id: string;
  readonly rule: LampRule;
  readonly at: { readonly xM: number; readonly yM: number; readonly zM: number };
  /** above the ground as it stands loaded */
  readonly aboveGroundM: number;
  /** how far below (−) or above the bar it needs a bracket to get there; 0 where the bar itself will do */
  readonly bracketM: number;
  /** what stands before it in some load: goods that reach past it, a gate that is let down over it; by the item's or the piece's id */
  readonly hiddenBy: readonly { readonly by: string; readonly caseId: string }[];
}

/** From the corner of the bed to the middle of a lamp. */
const FROM_CORNER_M = inches(3);
/** Identification lamps stand 6 to 12 in apart; in the middle of that. */
const ROW_APART_M = inches(9);
/** A load that reaches so far past the lamps hides them from behind, m. */
const HIDES_M = 0.3;

export const lampFacts = ({ trailer, chassis }: Evaluation): LampFacts => ({
  widthM: overallWidthM(trailer).widthM,
  lengthM: trailer.frame.bed.lengthM - Math.min(0, chassis.ballXM),
  grossKg: trailer.ratedGrossKg,
});

/** Heights of the bars that lamps are put on, above the top of the rails: a rear or front header, or a rail. */
const barMiddleZM = ({ chassis }: Evaluation): number => -chassis.railHeightM / 2;

interface Spot {
  readonly xM: number;
  readonly yM: number;
}

/** Behind a tire or in a fender nobody sees a lamp: just ahead of the wheels where the middle of the side is theirs. */
const besideWheels = (xM: number, trailer: Evaluation['trailer']): number => {
  const { positionM, spacingM, tire } = trailer.runningGear;
  const axles = axleCount(trailer);
  if (axles === 0) return xM;
  const reachM = ((axles - 1) * spacingM) / 2 + tire.diameterM / 2 + FROM_CORNER_M;
  return Math.abs(xM - positionM) < reachM ? Math.max(FROM_CORNER_M, positionM - reachM) : xM;
};

const spotsOf = (rule: LampRule, { trailer }: Evaluation, facts: LampFacts): readonly Spot[] => {
  const { lengthM, widthM } = trailer.frame.bed;
  const half = widthM / 2;
  // Clearance lamps show how wide it is: on fenders where these are wider; on a bare tire there is nothing to put them on.
  const onFender = rule.code.startsWith('clearance') && trailer.runningGear.fender.kind === 'fitted';
  const wide = onFender ? Math.max(half, facts.widthM / 2) : half;
  const pair = (xM: number, yM: number): readonly Spot[] => [
    { xM, yM: -yM },
    { xM, yM },
  ];
  switch (rule.place) {
    case 'rear-pair':
      return pair(lengthM, wide - FROM_CORNER_M);
    case 'front-pair':
      return pair(0, wide - FROM_CORNER_M);
    case 'rear-middle':
      // The plate and its lamp to the left of the middle, a fog lamp on the side of the road's middle.
      return [{ xM: lengthM, yM: rule.code === 'plate' ? -half / 2 : rule.code === 'fog' ? -half / 3 : half / 3 }];
    case 'rear-row':
      return [-1, 0, 1].map((i) => ({ xM: lengthM, yM: i * ROW_APART_M }));
    case 'side-front':
      return pair(FROM_CORNER_M, half);
    case 'side-rear':
      return pair(lengthM - FROM_CORNER_M, half);
    case 'side-middle':
      return pair(besideWheels(lengthM / 2, trailer), half);
  }
};

/** Loads on the road that reach past a lamp at the rear, at its height. */
const hiding = ({ cases, trailer }: Evaluation, spot: Spot, zM: number): PlacedLamp['hiddenBy'] => {
  if (spot.xM < trailer.frame.bed.lengthM) return [];
  const items = new Set(trailer.items.map(({ id }) => id));
  return cases.flatMap(({ loadCase, parts }) =>
    loadCase.mode !== 'towed'
      ? []
      : parts
          .filter(
            ({ id, x1M, y0M, y1M, centre, heightM }) =>
              items.has(id) &&
              x1M > spot.xM + HIDES_M &&
              y0M <= spot.yM &&
              y1M >= spot.yM &&
              centre.zM - heightM / 2 <= zM + 0.05 &&
              centre.zM + heightM / 2 >= zM,
          )
          .map(({ id }) => ({ by: id, caseId: loadCase.id })),
  );
};

/** Gates that hang level behind the bed on the road and keep what is above a lamp from seeing it: rules ask for 15 degrees upward. */
const hidingGates = ({ cases, trailer }: Evaluation, { xM, yM }: Spot): PlacedLamp['hiddenBy'] =>
  xM < trailer.frame.bed.lengthM
    ? []
    : cases.flatMap(({ loadCase }) =>
        loadCase.mode !== 'towed'
          ? []
          : gatesDown(trailer, loadCase)
              .filter(({ edge, atM, widthM }) => edge === 'rear' && Math.abs(yM - atM) <= widthM / 2)
              .map(({ id }) => ({ by: id, caseId: loadCase.id })),
      );

/** Every lamp and reflector that is asked for, at the nearest place that fits its zone. */
export const placedLamps = (evaluation: Evaluation): readonly PlacedLamp[] => {
  const { trailer, chassis } = evaluation;
  const facts = lampFacts(evaluation);
  const railTopM = drawnRailTopM(trailer, chassis);
  const barM = railTopM + barMiddleZM(evaluation);
  return lampsAsked(trailer.settings.regions, facts).flatMap((rule) => {
    const [least, most] = rule.heightM;
    const aboveGroundM = Math.min(most ?? Number.POSITIVE_INFINITY, Math.max(least ?? 0, barM));
    const bracketM = aboveGroundM - barM;
    return spotsOf(rule, evaluation, facts).map((spot, i): PlacedLamp => {
      const zM = aboveGroundM - railTopM;
      return {
        id: `${rule.region}.${rule.code}.${i}`,
        rule,
        at: { ...spot, zM },
        aboveGroundM,
        bracketM: Math.abs(bracketM) < 1e-6 ? 0 : bracketM,
        hiddenBy: [...hiding(evaluation, spot, zM), ...hidingGates(evaluation, spot)],
      };
    });
  });
};
