import type { DrawingSheet, DrawnShape, LaidOut, Placing, Point } from '@kereta/core';
import type { jsPDF } from 'jspdf';
import { drawBar, linesWithin, path, type PdfFonts, startPdf, write } from './pdf';
import { t } from '../fields/language/t';

const LINES: Readonly<
  Record<DrawnShape['line'], { readonly mm: number; readonly dash: readonly number[] } | undefined>
> = {
  outline: { mm: 0.5, dash: [] },
  edge: { mm: 0.35, dash: [] },
  detail: { mm: 0.2, dash: [] },
  hidden: { mm: 0.2, dash: [1.6, 1] },
  ghost: { mm: 0.2, dash: [1.6, 1] },
  centre: { mm: 0.2, dash: [5, 1, 1, 1] },
  none: undefined,
};
const GREY: Readonly<Record<DrawnShape['fill'], number | undefined>> = {
  none: undefined,
  paper: 255,
  steel: 228,
  wood: 240,
  load: 248,
  behind: 244,
};

/** A table under a heading: its columns with their widths as shares. */
export interface PdfTable {
  readonly title: string;
  readonly head: readonly string[];
  readonly widths: readonly number[];
  readonly rows: readonly (readonly string[])[];
}

/** A photo as JPEG. */
export interface PdfPhoto {
  readonly caption: string;
  readonly jpeg: Uint8Array;
  readonly widthPx: number;
  readonly heightPx: number;
}

export interface PdfSet {
  /** all on the same paper */
  readonly sheets: readonly [DrawingSheet, ...DrawingSheet[]];
  /** units of a sheet to a mm of paper */
  readonly perMm: number;
  /** before the sheets, and behind them */
  readonly front?: readonly PdfTable[];
  readonly tables: readonly PdfTable[];
  /** at the end, each on a page of its own */
  readonly photos?: readonly PdfPhoto[];
  /** job, what the file is called, date and revision: on every page */
  readonly title: { readonly job: string; readonly date: string; readonly units: string };
  readonly imperial: boolean;
}

const drawShape = (pdf: jsPDF, shape: DrawnShape, mm: (at: Point) => Point, perM: number): void => {
  const line = LINES[shape.line];
  // What is drawn in hidden lines lets what is under it be seen.
  const grey = shape.line === 'hidden' || shape.line === 'ghost' ? undefined : GREY[shape.fill];
  if (!line && grey === undefined) return;
  if (line) {
    pdf.setLineWidth(line.mm);
    pdf.setLineDashPattern([...line.dash], 0);
    pdf.setDrawColor(0);
  }
  if (grey !== undefined) pdf.setFillColor(grey, grey, grey);
  const style = grey === undefined ? 'S' : line ? 'DF' : 'F';
  switch (shape.kind) {
    case 'polygon':
      path(pdf, [shape.points.map(mm)], true, style);
      return;
    case 'line':
      path(pdf, [shape.points.map(mm)], false, 'S');
      return;
    case 'region':
      path(
        pdf,
        shape.loops.map((loop) => loop.map(mm)),
        true,
        style,
      );
      return;
    case 'circle': {
      const [x, y] = mm(shape.centre);
      pdf.circle(x, y, shape.radiusM * perM, style);
    }
  }
};

const TICK_MM = 0.9;

const ARROW_MM = 5;

/** Paper under lettering, so that lines do not run through it. */
const clear = (pdf: jsPDF, { x0, x1, y0, y1 }: DrawingSheet['border'], perMm: number): void => {
  pdf.setFillColor(255, 255, 255);
  pdf.rect(x0 / perMm, y0 / perMm, (x1 - x0) / perMm, (y1 - y0) / perMm, 'F');
};

const drawLettering = (pdf: jsPDF, laid: LaidOut, perMm: number, textMm: number): void => {
  const mm = ([x, y]: Point): Point => [x / perMm, y / perMm];
  pdf.setLineDashPattern([], 0);
  for (const { from, to, start, text } of laid.dimensions) {
    pdf.setLineWidth(0.18);
    path(pdf, [[start[0], from, to, start[1]].map(mm)], false, 'S');
    pdf.setLineWidth(0.4);
    for (const [x, y] of [mm(from), mm(to)]) pdf.line(x - TICK_MM, y + TICK_MM, x + TICK_MM, y - TICK_MM);
    clear(pdf, text.box, perMm);
    write(pdf, text.text, mm([text.x, text.y]), textMm, { align: 'center', turned: text.vertical, bold: true });
  }
  pdf.setLineWidth(0.18);
  for (const { x, y, text, second, leader, kind, box } of laid.labels) {
    if (leader) path(pdf, [leader.map(mm)], false, 'S');
    // What runs behind a note is kept off its letters; a name stands in its own box.
    if (kind !== 'name') clear(pdf, box, perMm);
    write(pdf, text, mm([x, y]), textMm, { align: 'center', bold: kind === 'mark' });
    if (second !== undefined) write(pdf, second, mm([x, y + textMm * perMm * 1.2]), textMm, { align: 'center' });
  }
  for (const { at, text, arrow } of laid.arrows) {
    const [x, y] = mm(at);
    const [foot, head] = arrow.down ? [y - ARROW_MM, y] : [y, y - ARROW_MM];
    pdf.setLineWidth(0.5);
    pdf.line(x, foot, x, head);
    const back = Math.sign(foot - head) * 1.8;
    pdf.setFillColor(0, 0, 0);
    path(
      pdf,
      [
        [
          [x, head],
          [x - 0.9, head + back],
          [x + 0.9, head + back],
        ],
      ],
      true,
      'F',
    );
    clear(pdf, text.box, perMm);
    write(pdf, text.text, mm([text.x, text.y]), textMm, { align: 'center', bold: true });
  }
  const point = laid.balancePoint;
  if (point) {
    const [x, y] = mm(point.at);
    pdf.circle(x, y, 1.2, 'S');
    pdf.line(x - 1.8, y, x + 1.8, y);
    pdf.line(x, y - 1.8, x, y + 1.8);
    write(pdf, point.text.text, mm([point.text.x, point.text.y]), textMm, { align: 'center' });
  }
};

const drawSheet = (pdf: jsPDF, sheet: DrawingSheet, { perMm, imperial }: PdfSet): void => {
  const textMm = sheet.text / perMm;
  const { border } = sheet;
  const rect = ({ x0, x1, y0, y1 }: typeof border, style: 'S' | 'DF'): void => {
    pdf.rect(x0 / perMm, y0 / perMm, (x1 - x0) / perMm, (y1 - y0) / perMm, style);
  };
  for (const { title, titleAt, view, placing, laid } of sheet.views) {
    const mm = mmOf(placing, perMm);
    for (const shape of view.shapes) drawShape(pdf, shape, mm, placing.perM / perMm);
    write(pdf, title, [titleAt[0] / perMm, titleAt[1] / perMm], textMm * 1.1, { bold: true });
    drawLettering(pdf, laid, perMm, textMm);
  }
  for (const { x, y, text } of sheet.writing) write(pdf, text, [x / perMm, y / perMm], textMm);
  pdf.setLineDashPattern([], 0);
  pdf.setLineWidth(0.4);
  rect(border, 'S');
  for (const { box, text, height } of sheet.titleBlock) {
    pdf.setLineWidth(0.2);
    pdf.setFillColor(255, 255, 255);
    rect(box, 'DF');
    write(pdf, text, [box.x0 / perMm + 1.3, (box.y0 + box.y1) / 2 / perMm], height / perMm);
  }
  drawBar(pdf, border.x0 / perMm + 5, border.y1 / perMm - 4, imperial);
};

const mmOf =
  ({ x, y }: Placing, perMm: number) =>
  ([across, up]: Point): Point => [x(across) / perMm, y(up) / perMm];

const ROW_MM = 5.2;
const CELL_MM = 3;
const MARGIN_MM = 12;

const drawTable = (pdf: jsPDF, { title, head, widths, rows }: PdfTable, set: PdfSet, newPage: () => void): void => {
  const [pageMm, heightMm] = [pdf.internal.pageSize.getWidth(), pdf.internal.pageSize.getHeight()];
  const wholeMm = pageMm - 2 * MARGIN_MM;
  const sum = widths.reduce((a, b) => a + b, 0);
  const columns = widths.map((width) => (wholeMm * width) / sum);
  const lefts = columns.map((_, i) => MARGIN_MM + columns.slice(0, i).reduce((a, b) => a + b, 0));
  let y = 0;
  const begin = (): void => {
    newPage();
    write(pdf, `${set.title.job}: ${title}`, [MARGIN_MM, MARGIN_MM + 3], 4.4, { bold: true });
    y = MARGIN_MM + 11;
    head.forEach((name, i) => write(pdf, name, [lefts[i] ?? 0, y], CELL_MM, { bold: true }));
    y += ROW_MM / 2 + 0.6;
    pdf.setLineWidth(0.3);
    pdf.line(MARGIN_MM, y, MARGIN_MM + wholeMm, y);
    y += ROW_MM / 2 + 0.6;
  };
  begin();
  for (const row of rows) {
    const cells = row.map((text, i) => linesWithin(pdf, text, CELL_MM, (columns[i] ?? 0) - 2));
    const high = Math.max(1, ...cells.map((lines) => lines.length)) * ROW_MM * 0.8 + ROW_MM * 0.2;
    if (y + high > heightMm - MARGIN_MM - 6) begin();
    cells.forEach((lines, i) =>
      lines.forEach((text, k) => write(pdf, text, [lefts[i] ?? 0, y + k * ROW_MM * 0.8], CELL_MM, { bold: i === 0 })),
    );
    y += high;
    pdf.setLineWidth(0.1);
    pdf.line(MARGIN_MM, y - ROW_MM / 2, MARGIN_MM + wholeMm, y - ROW_MM / 2);
  }
};

/** A photo as large as the page lets it be, under its caption. */
const drawPhoto = (pdf: jsPDF, { caption, jpeg, widthPx, heightPx }: PdfPhoto): void => {
  const [pageMm, heightMm] = [pdf.internal.pageSize.getWidth(), pdf.internal.pageSize.getHeight()];
  const [roomX, roomY] = [pageMm - 2 * MARGIN_MM, heightMm - 2 * MARGIN_MM - 14];
  const scale = Math.min(roomX / widthPx, roomY / heightPx);
  write(pdf, caption, [MARGIN_MM, MARGIN_MM + 3], 3.6, { bold: true });
  pdf.addImage(jpeg, 'JPEG', MARGIN_MM, MARGIN_MM + 8, widthPx * scale, heightPx * scale);
};

/** Sheets, the tables before and behind them, and photos as one file: lines and lettering, no other picture; page sizes are the paper's. */
export const drawingPdf = (set: PdfSet, fonts: PdfFonts): ArrayBuffer => {
  const [first] = set.sheets;
  const { front = [], photos = [] } = set;
  const pdf = startPdf(first.width / set.perMm, first.height / set.perMm, fonts);
  pdf.setProperties({ title: t('{job}, drawings', { job: set.title.job }) });
  let begun = false;
  const newPage = (): void => {
    // The file begins with a page.
    if (begun) pdf.addPage();
    begun = true;
  };
  const withoutFoot = new Set<number>();
  for (const table of front) drawTable(pdf, table, set, newPage);
  for (const sheet of set.sheets) {
    newPage();
    withoutFoot.add(pdf.getNumberOfPages());
    drawSheet(pdf, sheet, set);
  }
  for (const table of set.tables) drawTable(pdf, table, set, newPage);
  for (const photo of photos) {
    newPage();
    drawPhoto(pdf, photo);
  }
  const pages = pdf.getNumberOfPages();
  for (let page = 1; page <= pages; page += 1) {
    // A drawing has its title block.
    if (withoutFoot.has(page)) continue;
    pdf.setPage(page);
    const foot = t('{job} · sheet {page} of {pages} · {units} · {date}', {
      job: set.title.job,
      page,
      pages,
      units: set.title.units,
      date: set.title.date,
    });
    write(pdf, foot, [MARGIN_MM, pdf.internal.pageSize.getHeight() - MARGIN_MM + 3], 2.6);
  }
  return pdf.output('arraybuffer');
};
