import type { EndShape } from './pieces.js';
import type { StickSection } from './sticks.js';

/** One setting of stop and saw, and all that is cut with it. */
export interface CutOrder {
  /** over the long points */
  readonly lengthM: number;
  readonly shape: EndShape;
  /** of the slanted cut off square */
  readonly angleRad: number;
  readonly cuts: readonly {
    readonly mark: string;
    readonly stick: number;
    readonly count: number;
    readonly pieceIds: readonly string[];
  }[];
}

/** Lengths that agree to this are cut at one stop, m. */
const STOP_M = 1e-4;

/**
 * Pieces of one section in the order of one stop setting after another, as they lie on their sticks: what is slanted at both ends first, each
 * angle by itself, then the long ones before the short ones.
 */
export const cutOrder = ({ sticks }: Pick<StickSection, 'sticks'>): readonly CutOrder[] => {
  const settings = new Map<string, CutOrder>();
  for (const { number, pieces } of sticks)
    for (const { id, mark, fromM, toM, shape, angleRad, state } of pieces) {
      if (state === 'wrong') continue;
      const lengthM = toM - fromM;
      const key = `${Math.round(lengthM / STOP_M)} ${shape} ${angleRad.toFixed(5)}`;
      const { cuts } = settings.get(key) ?? { cuts: [] };
      const same = cuts.find((one) => one.mark === mark && one.stick === number) ?? {
        mark,
        stick: number,
        count: 0,
        pieceIds: [],
      };
      const more = { ...same, count: same.count + 1, pieceIds: [...same.pieceIds, id] };
      settings.set(key, { lengthM, shape, angleRad, cuts: [...cuts.filter((one) => one !== same), more] });
    }
  const slanted = ({ shape }: CutOrder): boolean => shape === 'parallel' || shape === 'same-side';
  return [...settings.values()].sort(
    (a, b) =>
      Number(slanted(b)) - Number(slanted(a)) ||
      (slanted(a) ? a.shape.localeCompare(b.shape) || a.angleRad - b.angleRad : 0) ||
      b.lengthM - a.lengthM,
  );
};
