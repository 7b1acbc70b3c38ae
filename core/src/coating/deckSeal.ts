import type { Chassis } from '../chassis/index.js';
import { sheetPlan, type CutList } from '../fabrication/index.js';
import type { Trailer } from '../project/index.js';
import { commonPractice, type Source } from '../source.js';
import { inches } from '../units/index.js';

/** Left between boards, and about sheets, so that wood may swell, m. Common practice. */
export const BOARD_GAP_M = [inches(1 / 8), inches(1 / 4)] as const;
const SHEET_GAP_M = inches(1 / 8);
/** A litre of sealer covers so much wood in two coats, m². Common practice. */
const SEALER_COVERS_M2 = 5;
export const SEAL_SOURCE: Source = commonPractice(
  '5 m² of wood from a litre of sealer in two coats, cut edges three times',
);

export interface DeckSeal {
  readonly of: 'plywood' | 'planks';
  /** both faces and all edges, m² */
  readonly areaM2: number;
  /** of cut edges, m: where water gets in first */
  readonly edgesM: number;
  readonly sealerM3: number;
  readonly gapM: readonly [number, number];
}

/** Usual width of a board, 5-1/2 in or 140 mm. Common practice. */
export const BOARD_M = 0.14;

/** What a wooden deck takes to be sealed; undefined where it is none. */
export const deckSeal = (trailer: Trailer, chassis: Chassis, cutList: CutList): DeckSeal | undefined => {
  const { deck } = trailer.frame;
  const panel = chassis.panels.find(({ kind }) => kind === 'deck');
  if (!panel || (deck.kind !== 'plywood' && deck.kind !== 'planks')) return undefined;
  const lengthM = panel.extent.x1M - panel.extent.x0M;
  const widthM = panel.y1M - panel.y0M;
  const pieces =
    deck.kind === 'planks'
      ? Array.from({ length: Math.max(1, Math.round(widthM / BOARD_M)) }, () => 2 * (lengthM + BOARD_M))
      : sheetPlan(trailer, chassis, cutList)
          .filter(({ of }) => of === 'plywood')
          .flatMap(({ sheets }) =>
            sheets.flatMap(({ parts }) => parts.map((part) => 2 * (part.lengthM + part.widthM))),
          );
  const edgesM = pieces.reduce((sum, around) => sum + around, 0);
  const areaM2 = 2 * lengthM * widthM + edgesM * deck.thicknessM;
  return {
    of: deck.kind,
    areaM2,
    edgesM,
    // Edges drink: three times over what they measure.
    sealerM3: (areaM2 + 2 * edgesM * deck.thicknessM) / SEALER_COVERS_M2 / 1000,
    gapM: deck.kind === 'planks' ? BOARD_GAP_M : [SHEET_GAP_M, SHEET_GAP_M],
  };
};
