import { inches, millimetres } from '../units/index.js';
import { type LaidOut, layOut, type Placing, shortened, textWidth } from './layOut.js';
import { type Bounds, boundsOf, type DrawnView } from './shapes.js';
import { type Drawable, planView, rearView, sideView, type ViewOptions } from './trailerViews.js';
import { drawnText } from './drawnTexts.js';

/** Papers lying, m: ISO 216 and the North American ones (ANSI/ASME Y14.1 A and B). */
export const PAPERS = {
  a4: { name: 'A4', widthM: millimetres(297), heightM: millimetres(210) },
  a3: { name: 'A3', widthM: millimetres(420), heightM: millimetres(297) },
  letter: { name: 'Letter', widthM: inches(11), heightM: inches(8.5) },
  tabloid: { name: 'Tabloid', widthM: inches(17), heightM: inches(11) },
} as const;
export type PaperId = keyof typeof PAPERS;

/** Scales that rules are made for: metric ones, and those of an architect's scale from 1-1/2 in to 1/8 in to the foot. */
export const SCALES = {
  metric: [1, 2, 5, 10, 15, 20, 25, 30, 40, 50, 75, 100],
  imperial: [1, 2, 4, 8, 12, 16, 24, 32, 48, 64, 96],
} as const;
const PER_FOOT: Readonly<Record<number, string>> = {
  2: '6 in',
  4: '3 in',
  8: '1-1/2 in',
  12: '1 in',
  16: '3/4 in',
  24: '1/2 in',
  32: '3/8 in',
  48: '1/4 in',
  64: '3/16 in',
  96: '1/8 in',
};

/** Margin, room for dimensions about each view, height of lettering and of the title block's lines, m on paper. */
export const MARGIN_M = 0.01;
const ROOM_M = 0.02;
export const TEXT_M = 0.0028;
const LINE_M = 0.006;
const TITLE_M = { width: 0.11, lines: 2 } as const;

/** One view in its place on the paper. */
export interface SheetView {
  /** side, plan and rear are the trailer's own; others are details */
  readonly id: string;
  readonly title: string;
  readonly titleAt: readonly [number, number];
  readonly view: DrawnView;
  readonly placing: Placing;
  readonly laid: LaidOut;
}

export interface TitleCell {
  readonly label: string;
  /** what stands there, cut short where even smaller lettering does not fit */
  readonly text: string;
  readonly height: number;
  readonly box: Bounds;
}

/** A sheet of paper, in units from its upper left corner, y down: views to one scale, each size written, and the title block at the lower right. */
export interface DrawingSheet {
  readonly name: string;
  readonly width: number;
  readonly height: number;
  readonly text: number;
  /** one on paper is so many in steel */
  readonly ratio: number;
  readonly scaleText: string;
  readonly border: Bounds;
  readonly views: readonly SheetView[];
  readonly titleBlock: readonly TitleCell[];
  /** lines of text at their left ends, half-way up */
  readonly writing: readonly { readonly x: number; readonly y: number; readonly text: string }[];
}

export interface SheetOptions extends Omit<ViewOptions, 'sizes'> {
  readonly paper: PaperId;
  readonly units: 'imperial' | 'metric';
  /** units of the sheet to a metre of paper: 1000 for mm, 96 ÷ 0.0254 for the page */
  readonly perPaperM: number;
  readonly job: string;
  readonly date: string;
}

export const scaleName = (ratio: number, { units, lettering }: Pick<SheetOptions, 'units' | 'lettering'>): string =>
  ratio === 1
    ? drawnText(lettering, 'fullSize')
    : units === 'imperial' && PER_FOOT[ratio]
      ? `${PER_FOOT[ratio]} = 1 ft (1:${ratio})`
      : `1:${ratio}`;

export const sizeOf = (view: DrawnView): Bounds => boundsOf(view.shapes) ?? { x0: 0, x1: 1, y0: 0, y1: 1 };

/** Lettering of the title block, in shares of the sheet's own, from what is wanted to the smallest that is read easily. */
const TITLE_SIZES = [1, 0.85, 0.72] as const;

const titleCell = (label: string, text: string, box: Bounds, sheetText: number): TitleCell => {
  const whole = `${label}: ${text}`;
  const room = box.x1 - box.x0;
  const height = sheetText * (TITLE_SIZES.find((share) => textWidth(whole, sheetText * share) <= room) ?? 0.72);
  return { label, text: shortened(whole, room, height) ?? label, height, box };
};

const titleCells = (
  border: Bounds,
  unit: number,
  cells: readonly (readonly [string, string])[],
): readonly TitleCell[] => {
  const width = TITLE_M.width * unit;
  const line = LINE_M * unit;
  const columns = Math.ceil(cells.length / TITLE_M.lines);
  return cells.map(([label, text], i) => {
    const [column, row] = [i % columns, Math.floor(i / columns)];
    const x0 = border.x1 - width + (column * width) / columns;
    const y0 = border.y1 - TITLE_M.lines * line + row * line;
    return titleCell(label, text, { x0, x1: x0 + width / columns, y0, y1: y0 + line }, TEXT_M * unit);
  });
};

export const borderOf = (paper: PaperId, unit: number): Bounds => ({
  x0: MARGIN_M * unit,
  x1: (PAPERS[paper].widthM - MARGIN_M) * unit,
  y0: MARGIN_M * unit,
  y1: (PAPERS[paper].heightM - MARGIN_M) * unit,
});

export const titleBlock = (
  border: Bounds,
  { perPaperM, paper, units, job, date, lettering }: SheetOptions,
  sheet: string,
  scaleText: string,
): readonly TitleCell[] =>
  titleCells(border, perPaperM, [
    [drawnText(lettering, 'job'), job],
    [drawnText(lettering, 'sheet'), sheet],
    [drawnText(lettering, 'scale'), `${scaleText}, ${PAPERS[paper].name}`],
    [drawnText(lettering, 'sizesIn'), units === 'imperial' ? drawnText(lettering, 'feetAndInches') : 'mm'],
    [drawnText(lettering, 'date'), date],
    [drawnText(lettering, 'check'), drawnText(lettering, 'measure')],
  ]);

/**
 * The trailer on paper: from the side, from above under it, from behind beside it, all to the largest scale of a rule that fits, with its
 * sizes and a title block.
 */
export const drawingSheet = (drawable: Drawable, options: SheetOptions): DrawingSheet => {
  const { paper, units, perPaperM: unit } = options;
  const { widthM, heightM } = PAPERS[paper];
  const shown = { ...options, sizes: true };
  const side = sideView(drawable, shown);
  const plan = planView(drawable, shown);
  const rear = rearView(drawable, shown);
  const [s, p, r] = [sizeOf(side), sizeOf(plan), sizeOf(rear)];
  // Side and plan stand over each other: their lengths start at one place.
  const [x0, x1] = [Math.min(s.x0, p.x0), Math.max(s.x1, p.x1)];
  const needs = {
    width: x1 - x0 + (r.x1 - r.x0),
    height: Math.max(s.y1 - s.y0, r.y1 - r.y0) + (p.y1 - p.y0),
  };
  const free = {
    width: widthM - 2 * MARGIN_M - 4.5 * ROOM_M,
    height: heightM - 2 * MARGIN_M - 4 * ROOM_M,
  };
  const wanted = Math.max(needs.width / free.width, needs.height / free.height);
  const ratio = SCALES[units].find((own) => own >= wanted) ?? Math.ceil(wanted);
  const perM = unit / ratio;
  const border = borderOf(paper, unit);
  const text = TEXT_M * unit;
  const left = border.x0 + ROOM_M * unit;
  const top = border.y0 + ROOM_M * unit;
  const upper = Math.max(s.y1 - s.y0, r.y1 - r.y0) * perM;
  const groundY = top + upper;
  const planTop = groundY + 2 * ROOM_M * unit;
  const rearLeft = left + (x1 - x0) * perM + 2.5 * ROOM_M * unit;
  const place = (x: Placing['x'], y: Placing['y'], bounds: Bounds): Placing => ({ x, y, perM, bounds, text });
  const middle = (groundY + planTop) / 2;
  const split = rearLeft - 1.2 * ROOM_M * unit;
  const views: readonly Omit<SheetView, 'laid'>[] = [
    {
      id: 'side',
      title: drawnText(options.lettering, 'viewLeft'),
      titleAt: [left, border.y0 + text * 1.6],
      view: side,
      placing: place(
        (x) => left + (x - x0) * perM,
        (y) => groundY - (y - s.y0) * perM,
        { ...border, x1: split, y1: middle, y0: border.y0 + text * 2.4 },
      ),
    },
    {
      id: 'rear',
      title: drawnText(options.lettering, 'viewBehind'),
      titleAt: [split, border.y0 + text * 1.6],
      view: rear,
      placing: place(
        (y) => rearLeft + (y - r.x0) * perM,
        (z) => groundY - (z - r.y0) * perM,
        { ...border, x0: split, y0: border.y0 + text * 2.4, y1: middle + ROOM_M * unit },
      ),
    },
    {
      id: 'plan',
      title: drawnText(options.lettering, 'viewAbove'),
      titleAt: [left, middle + text * 1.6],
      view: plan,
      placing: place(
        (x) => left + (x - x0) * perM,
        (y) => planTop + (p.y1 - y) * perM,
        { ...border, x1: Math.min(border.x1, split + 2 * ROOM_M * unit), y0: middle + text * 2.4 },
      ),
    },
  ];
  const scaleText = scaleName(ratio, options);
  return {
    name: drawnText(options.lettering, 'trailerSheet'),
    width: widthM * unit,
    height: heightM * unit,
    text,
    ratio,
    scaleText,
    border,
    views: views.map((own) => ({ ...own, laid: layOut(own.view, own.placing) })),
    titleBlock: titleBlock(border, options, drawnText(options.lettering, 'trailerSheet'), scaleText),
    writing: [],
  };
};

/** Titles and room about the frame on its own sheet, m of paper: dimensions stand in rows about it. */
const FRAME_ROOM_M = 0.045;

/** The frame from above on a sheet of its own: marks of the pieces, places of the cross-members from the front edge, nothing aboard. */
export const frameSheet = (
  drawable: Drawable,
  options: SheetOptions & { readonly marks: ReadonlyMap<string, string> },
): DrawingSheet => {
  const { paper, units, perPaperM: unit } = options;
  const { widthM, heightM } = PAPERS[paper];
  const view = planView({ ...drawable, shown: undefined }, { ...options, sizes: true });
  const own = sizeOf(view);
  const wanted = Math.max(
    (own.x1 - own.x0) / (widthM - 2 * MARGIN_M - 2 * FRAME_ROOM_M),
    (own.y1 - own.y0) / (heightM - 2 * MARGIN_M - 2 * FRAME_ROOM_M),
  );
  const ratio = SCALES[units].find((one) => one >= wanted) ?? Math.ceil(wanted);
  const perM = unit / ratio;
  const border = borderOf(paper, unit);
  const text = TEXT_M * unit;
  const left = (border.x0 + border.x1 - (own.x1 - own.x0) * perM) / 2;
  const top = border.y0 + FRAME_ROOM_M * unit;
  const { lengthM, widthM: acrossM } = drawable.trailer.frame.bed;
  const diagonal = options.lettering.length(Math.hypot(lengthM, acrossM));
  const scaleText = scaleName(ratio, options);
  const placing: Placing = {
    x: (x) => left + (x - own.x0) * perM,
    y: (y) => top + (own.y1 - y) * perM,
    perM,
    text,
    bounds: { ...border, y0: border.y0 + text * 2.4 },
  };
  return {
    name: drawnText(options.lettering, 'frameSheet'),
    width: widthM * unit,
    height: heightM * unit,
    text,
    ratio,
    scaleText,
    border,
    views: [
      {
        id: 'plan',
        title: drawnText(options.lettering, 'frameAbove', { diagonal }),
        titleAt: [border.x0 + ROOM_M * unit, border.y0 + text * 1.6],
        view,
        placing,
        laid: layOut(view, placing),
      },
    ],
    titleBlock: titleBlock(border, options, drawnText(options.lettering, 'frameSheet'), scaleText),
    writing: [],
  };
};
