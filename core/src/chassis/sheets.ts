import type { Frame, Trailer } from '../project/index.js';
import { inches } from '../units/index.js';
import type { Chassis } from './buildChassis.js';
import type { Panel } from './panel.js';

type Sheet = NonNullable<Frame['deck']['sheet']>;

/** How a deck is laid of whole sheets, the first one at its front left corner; the last of each row is cut. */
export interface SheetLay {
  readonly count: number;
  /** where two sheets meet across the trailer, back from the bed's front edge, m */
  readonly jointXM: readonly number[];
  /** where two meet along it, right of the middle, m */
  readonly jointYM: readonly number[];
}

/** Less than this past a whole number of sheets is a matter of the saw's width, m. */
const SAW_M = 0.003;

const sizesOf = ({ lengthM, widthM, laid }: Sheet): { readonly alongM: number; readonly acrossM: number } =>
  laid === 'along' ? { alongM: lengthM, acrossM: widthM } : { alongM: widthM, acrossM: lengthM };

const joints = (startM: number, endM: number, stepM: number): number[] => {
  const count = Math.max(1, Math.ceil((endM - startM - SAW_M) / stepM));
  return Array.from({ length: count - 1 }, (_, i) => startM + (i + 1) * stepM);
};

export const sheetLay = ({ extent, y0M, y1M }: Pick<Panel, 'extent' | 'y0M' | 'y1M'>, sheet: Sheet): SheetLay => {
  const { alongM, acrossM } = sizesOf(sheet);
  const jointXM = joints(extent.x0M, extent.x1M, alongM);
  const jointYM = joints(y0M, y1M, acrossM);
  return { count: (jointXM.length + 1) * (jointYM.length + 1), jointXM, jointYM };
};

/** How the trailer's own deck is laid; undefined where it is none, or nobody has said of what sheets. */
export const deckLay = (trailer: Trailer, { panels }: Pick<Chassis, 'panels'>): SheetLay | undefined => {
  const { sheet, kind } = trailer.frame.deck;
  const deck = panels.find((panel) => panel.kind === 'deck');
  return sheet && deck && kind !== 'planks' ? sheetLay(deck, sheet) : undefined;
};

/**
 * The bed's length with which whole sheets fill the deck from front to rear, the nearest to what it is, m: so many sheets and what headers
 * stand beside a recessed deck. Two sheets of 4 × 8 ft crosswise between headers of 1 in tube: 98 in.
 */
export const wholeSheetLengthM = (trailer: Trailer, { panels }: Pick<Chassis, 'panels'>): number | undefined => {
  const { deck, bed } = trailer.frame;
  const panel = panels.find(({ kind }) => kind === 'deck');
  if (!deck.sheet || !panel) return undefined;
  const { alongM } = sizesOf(deck.sheet);
  const deckM = panel.extent.x1M - panel.extent.x0M;
  return Math.max(1, Math.round(deckM / alongM)) * alongM + bed.lengthM - deckM;
};

/** Each of two sheets needs about so much of a bar under its edge, m: 3/8 in, common practice for screws that do not split it. */
export const LEAST_BEARING_M = inches(0.375);

/** A joint across the trailer and the bar nearest to it. */
export interface SheetJoint {
  readonly xM: number;
  readonly nearestId: string | undefined;
  /** from the joint to that bar's middle, rearward +, m */
  readonly offM: number;
  readonly held: boolean;
}

export const sheetJoints = (trailer: Trailer, chassis: Chassis): readonly SheetJoint[] => {
  const across = chassis.members.filter(({ group }) => group === 'cross' || group === 'header');
  return (deckLay(trailer, chassis)?.jointXM ?? []).map((xM) => {
    const nearest = across.reduce<(typeof across)[number] | undefined>(
      (best, next) => (!best || Math.abs(next.centre.xM - xM) < Math.abs(best.centre.xM - xM) ? next : best),
      undefined,
    );
    const held = across.some(
      ({ extent }) => xM >= extent.x0M + LEAST_BEARING_M - 1e-6 && xM <= extent.x1M - LEAST_BEARING_M + 1e-6,
    );
    return { xM, nearestId: nearest?.id, offM: nearest ? nearest.centre.xM - xM : 0, held };
  });
};
