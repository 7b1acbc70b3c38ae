import type { Detail } from './details.js';
import { layOut, type Placing } from './layOut.js';
import type { Bounds } from './shapes.js';
import {
  borderOf,
  type DrawingSheet,
  PAPERS,
  SCALES,
  type SheetOptions,
  type SheetView,
  scaleName,
  sizeOf,
  TEXT_M,
  titleBlock,
} from './sheet.js';
import { drawnText } from './drawnTexts.js';

/** For dimensions about each detail, and for the title block under them all, m of paper. */
const ROOM_M = 0.026;
const FOOT_M = 0.014;

/** How many rows and columns so many details are laid out in, on paper that lies. */
const gridOf = (count: number): readonly [rows: number, columns: number] => {
  const columns = Math.ceil(Math.sqrt(count));
  return [Math.ceil(count / columns), columns];
};

const detailView = ({ id, title, view, notToScale }: Detail, cell: Bounds, options: SheetOptions): SheetView => {
  const { units, perPaperM: unit, lettering } = options;
  const own = sizeOf(view);
  const room = ROOM_M * unit;
  const [free, tall] = [cell.x1 - cell.x0 - 2 * room, cell.y1 - cell.y0 - 2 * room];
  const wanted = Math.max(((own.x1 - own.x0) * unit) / free, ((own.y1 - own.y0) * unit) / tall);
  const ratio = SCALES[units].find((one) => one >= wanted) ?? Math.ceil(wanted);
  const perM = unit / ratio;
  const text = TEXT_M * unit;
  const left = (cell.x0 + cell.x1 - (own.x1 - own.x0) * perM) / 2;
  const low = (cell.y0 + cell.y1 + (own.y1 - own.y0) * perM) / 2;
  const placing: Placing = {
    x: (x) => left + (x - own.x0) * perM,
    y: (y) => low - (y - own.y0) * perM,
    perM,
    text,
    bounds: { ...cell, y0: cell.y0 + text * 2.2 },
  };
  return {
    id,
    title: `${title}, ${notToScale ? drawnText(lettering, 'notToScale') : scaleName(ratio, options)}`,
    titleAt: [cell.x0 + text, cell.y0 + text * 1.4],
    view,
    placing,
    laid: layOut(view, placing),
  };
};

/** Details beside and under each other, each to the largest scale of a rule that fits its share of the sheet. */
export const detailSheet = (name: string, details: readonly Detail[], options: SheetOptions): DrawingSheet => {
  const { paper, perPaperM: unit } = options;
  const border = borderOf(paper, unit);
  const [rows, columns] = gridOf(details.length);
  const [wide, tall] = [(border.x1 - border.x0) / columns, (border.y1 - border.y0 - FOOT_M * unit) / rows];
  const views = details.map((detail, i) => {
    const [column, row] = [i % columns, Math.floor(i / columns)];
    const [x0, y0] = [border.x0 + column * wide, border.y0 + row * tall];
    return detailView(detail, { x0, x1: x0 + wide, y0, y1: y0 + tall }, options);
  });
  return {
    name,
    width: PAPERS[paper].widthM * unit,
    height: PAPERS[paper].heightM * unit,
    text: TEXT_M * unit,
    ratio: 1,
    scaleText: drawnText(options.lettering, 'atEachView'),
    border,
    views,
    titleBlock: titleBlock(border, options, name, drawnText(options.lettering, 'atEach')),
    writing: [],
  };
};

/** So many details to a sheet at most, that they stay readable. */
const PER_SHEET = 6;

/** As many sheets as the details need. */
export const detailSheets = (
  name: string,
  details: readonly Detail[],
  options: SheetOptions,
): readonly DrawingSheet[] =>
  Array.from({ length: Math.ceil(details.length / PER_SHEET) }, (_, i) =>
    detailSheet(
      details.length > PER_SHEET ? `${name} ${i + 1}` : name,
      details.slice(i * PER_SHEET, (i + 1) * PER_SHEET),
      options,
    ),
  );
