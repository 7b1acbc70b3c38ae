import type { SheetFill } from '../project/index.js';
import type { BarBox } from './barBoxes.js';
import type { Extent, Point3 } from './member.js';
import type { Slant } from './slantedPanel.js';

/** A window, a door, a wheel well in a panel of one's own: from its front or left edge and from its lower edge, m. */
export interface Cutout {
  readonly id: string;
  readonly alongM: number;
  readonly upM: number;
  readonly lengthM: number;
  readonly heightM: number;
  /** as far as it lies in the panel */
  readonly box: BarBox;
}

/** What a panel of one's own, or of a ready-made piece, is. */
export interface OwnSheet {
  readonly sheet: SheetFill;
  readonly plane: 'flat' | 'along' | 'across';
  readonly cutouts: readonly Cutout[];
  /** of what is left between the cut-outs */
  readonly areaM2: number;
  readonly existing: boolean;
  /** it leans between the two bars that it lies on; its extent is then the box about it */
  readonly slant?: Slant;
  /** fastened all round, so that it holds its bars square by its shear */
  readonly carries: boolean;
  /** bars that carry it, alike by their lengths; none where it is held by nothing */
  readonly heldBy: readonly string[];
}

/** A flat part: deck, side board, or one of one's own. */
export interface Panel {
  readonly id: string;
  readonly kind: 'deck' | 'board' | 'own';
  readonly extent: Extent;
  readonly y0M: number;
  readonly y1M: number;
  readonly massKg: number;
  readonly centre: Point3;
  readonly own?: OwnSheet;
  /** of a deck: wheel wells and the like */
  readonly holes?: readonly Cutout[];
}
