import type { PieceKind } from '../project/index.js';
import { detailSheet, detailSheets } from './detailSheets.js';
import { detailsOf, type FlatPlate } from './details.js';
import { type DrawingSheet, drawingSheet, frameSheet, type SheetOptions } from './sheet.js';
import { spaceView } from './spaceView.js';
import type { Drawable } from './trailerViews.js';
import { type DrawnWeld, weldSheet } from './weldSheet.js';
import type { SymbolStandard } from './weldSymbols.js';
import { drawnText, type DrawnTextId } from './drawnTexts.js';

interface SetOptions extends SheetOptions {
  readonly marks: ReadonlyMap<string, string>;
  readonly plates: readonly FlatPlate[];
  readonly pieceNames: Readonly<Record<PieceKind, string>>;
  /** none: not worked out yet, or not to be */
  readonly welds: readonly DrawnWeld[];
  readonly weldPlaces: Readonly<Record<DrawnWeld['kind'], string>>;
  readonly standard: SymbolStandard;
}

/**
 * All sheets of a trailer: from three sides, its frame with marks, in space, joints and running gear larger, made-up parts, plates, welds; what it
 * has none of is left out.
 */
export const drawingSet = (drawable: Drawable, options: SetOptions): readonly [DrawingSheet, ...DrawingSheet[]] => {
  const { marks, plates, pieceNames, welds, weldPlaces, standard } = options;
  const details = detailsOf(drawable, { lettering: options.lettering, marks, pieceNames, plates });
  const named = (id: DrawnTextId): string => drawnText(options.lettering, id);
  const space = {
    id: 'space',
    title: drawnText(options.lettering, 'inSpace'),
    view: spaceView(drawable),
    notToScale: true,
  } as const;
  return [
    drawingSheet(drawable, options),
    frameSheet(drawable, options),
    detailSheet(named('spaceSheet'), [space], options),
    detailSheet(named('jointSheet'), details.joints, options),
    ...detailSheets(named('partSheet'), details.parts, options),
    ...detailSheets(named('plateSheet'), details.plates, options),
    ...(welds.length > 0 ? [weldSheet(drawable, options, { welds, standard, where: weldPlaces })] : []),
  ];
};
