import { layOut, type Placing } from './layOut.js';
import { type DrawnShape, type Label, mapShape } from './shapes.js';
import {
  borderOf,
  type DrawingSheet,
  PAPERS,
  SCALES,
  type SheetOptions,
  scaleName,
  sizeOf,
  TEXT_M,
  titleBlock,
} from './sheet.js';
import { type Drawable, planView } from './trailerViews.js';
import { type SymbolStandard, weldSymbol, weldSymbolText } from './weldSymbols.js';
import { drawnText } from './drawnTexts.js';

/** A weld of the frame as it is drawn. */
export interface DrawnWeld {
  readonly at: readonly [number, number, number];
  readonly kind: 'butt' | 'splice' | 'lap' | 'hanger' | 'coupler' | 'gusset';
  readonly legM: number;
  readonly lengthM: number;
}

/** Alike welds: one symbol, one mark. */
export interface WeldRow {
  readonly mark: string;
  readonly kind: DrawnWeld['kind'];
  readonly legM: number;
  readonly lengthM: number;
  readonly welds: readonly DrawnWeld[];
}

/** Welds of one kind that agree to this are alike, m. */
const ALIKE_M = 1e-4;

/** Alike welds together, in the order in which their kinds come. */
export const weldRows = (welds: readonly DrawnWeld[]): readonly WeldRow[] => {
  const alike = new Map<string, DrawnWeld[]>();
  for (const weld of welds) {
    const key = [weld.kind, Math.round(weld.legM / ALIKE_M), Math.round(weld.lengthM / ALIKE_M)].join('|');
    alike.set(key, [...(alike.get(key) ?? []), weld]);
  }
  return [...alike.values()].flatMap((own, i): WeldRow[] => {
    const [first] = own;
    return first ? [{ mark: `V${i + 1}`, kind: first.kind, legM: first.legM, lengthM: first.lengthM, welds: own }] : [];
  });
};

interface WeldsOf {
  readonly welds: readonly DrawnWeld[];
  readonly standard: SymbolStandard;
  /** where a weld of a kind is, in words */
  readonly where: Readonly<Record<DrawnWeld['kind'], string>>;
}

/** Welds at the end of a bar go all round it; a splice is filled. */
const symbolOf = ({ kind }: WeldRow) => ({
  kind: kind === 'splice' ? ('butt' as const) : ('fillet' as const),
  allRound: kind === 'butt' || kind === 'splice',
});

/** Of the paper's width for the frame; the rest for what its marks mean. */
const FRAME_SHARE = 0.6;
const ROW_M = 0.017;

/** The frame from above with a mark at every weld, and what each mark means: its symbol with leg and length, where, how many. */
export const weldSheet = (
  drawable: Drawable,
  options: SheetOptions,
  { welds, standard, where }: WeldsOf,
): DrawingSheet => {
  const { paper, units, perPaperM: unit, lettering } = options;
  const border = borderOf(paper, unit);
  const text = TEXT_M * unit;
  const rows = weldRows(welds);
  const plain = planView(
    { ...drawable, shown: undefined },
    { ...options, sizes: false, names: false, gearSizes: false },
  );
  const labels = rows.flatMap(({ mark, welds: own }): Label[] =>
    own.map(({ at: [x, y] }, i) => ({ id: `${mark}.${i}`, at: [x, y], text: mark, kind: 'mark' })),
  );
  const view = {
    ...plain,
    shapes: plain.shapes.filter(({ layer }) => layer === 'frame' || layer === 'plates'),
    labels,
  };
  const size = sizeOf(view);
  const room = 0.016 * unit;
  const wide = (border.x1 - border.x0) * FRAME_SHARE - 2 * room;
  const tall = border.y1 - border.y0 - 3 * room;
  const wanted = Math.max(((size.x1 - size.x0) * unit) / wide, ((size.y1 - size.y0) * unit) / tall);
  const ratio = SCALES[units].find((one) => one >= wanted) ?? Math.ceil(wanted);
  const perM = unit / ratio;
  const top = border.y0 + 1.6 * room;
  const split = border.x0 + (border.x1 - border.x0) * FRAME_SHARE;
  const placing: Placing = {
    x: (x) => border.x0 + room + (x - size.x0) * perM,
    y: (y) => top + (size.y1 - y) * perM,
    perM,
    text,
    bounds: { ...border, x1: split, y0: border.y0 + text * 2.4 },
  };
  // The symbols are drawn in metres of paper, y up.
  const paperM = text / unit;
  const legend = rows.map((row, i) => {
    const [x, y] = [0.012, -0.02 - i * ROW_M];
    const shapes = weldSymbol(symbolOf(row), standard, paperM).map(
      (shape): DrawnShape => mapShape(shape, ([u, v]) => [x + u, y + v]),
    );
    return { row, shapes, x, y };
  });
  const onPaper: Placing = {
    x: (x) => split + x * unit,
    y: (y) => border.y0 - y * unit,
    perM: unit,
    text,
    bounds: border,
  };
  const written = weldSymbolText(standard, paperM);
  const scaleText = scaleName(ratio, options);
  return {
    name: drawnText(lettering, 'weldSheet'),
    width: PAPERS[paper].widthM * unit,
    height: PAPERS[paper].heightM * unit,
    text,
    ratio,
    scaleText,
    border,
    views: [
      {
        id: 'welds',
        title: drawnText(lettering, 'weldsAbove', { standard: standard === 'aws' ? 'AWS A2.4' : 'ISO 2553' }),
        titleAt: [border.x0 + text, border.y0 + text * 1.4],
        view,
        placing,
        laid: layOut(view, placing),
      },
      {
        id: 'weld-symbols',
        title: drawnText(lettering, 'marksMean'),
        titleAt: [split, border.y0 + text * 1.4],
        view: { ...plain, shapes: legend.flatMap(({ shapes }) => shapes), labels: [], dimensions: [] },
        placing: onPaper,
        laid: { dimensions: [], labels: [], arrows: [], balancePoint: undefined },
      },
    ],
    titleBlock: titleBlock(border, options, drawnText(lettering, 'weldSheet'), scaleText),
    writing: legend.flatMap(({ row, x, y }) => {
      const at = (u: number, v: number, line: string) => ({ x: onPaper.x(x + u), y: onPaper.y(y + v), text: line });
      const leg = `${standard === 'iso' ? 'z ' : ''}${lettering.length(row.legM)}`;
      return [
        ...(row.kind === 'splice' ? [] : [at(written.size[0], written.size[1], leg)]),
        ...(symbolOf(row).allRound ? [] : [at(written.length[0], written.length[1], lettering.length(row.lengthM))]),
        at(-0.008, 0.001, row.mark),
        at(0.04, 0.004, `${where[row.kind]}: ${row.welds.length}`),
        at(0.04, -0.0005, drawnText(lettering, 'weldEach', { length: lettering.length(row.lengthM) })),
      ];
    }),
  };
};
