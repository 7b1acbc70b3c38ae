import { inches } from '@kereta/core';
import { jsPDF } from 'jspdf';
import { t } from '../fields/language/t';

/** A place on the page, mm from its upper left corner. */
export type PagePoint = readonly [x: number, y: number];

/** The drawing's typeface as the file carries it: TrueType, each as base64. */
export interface PdfFonts {
  readonly regular: string;
  readonly bold: string;
}

const FONT = 'Archivo';
/** Lettering is as narrow as on the screen. */
const NARROW = 0.84;
const MM_PER_INCH = inches(1) * 1000;
const POINTS_PER_MM = 72 / MM_PER_INCH;
/** An empty file with one page of this size, lettering at hand. */
export const startPdf = (widthMm: number, heightMm: number, fonts: PdfFonts): jsPDF => {
  const pdf = new jsPDF({
    unit: 'mm',
    format: [widthMm, heightMm],
    orientation: widthMm > heightMm ? 'landscape' : 'portrait',
    compress: true,
  });
  for (const [style, data] of [
    ['normal', fonts.regular],
    ['bold', fonts.bold],
  ] as const) {
    pdf.addFileToVFS(`${FONT}-${style}.ttf`, data);
    pdf.addFont(`${FONT}-${style}.ttf`, FONT, style);
  }
  pdf.setFont(FONT, 'normal');
  return pdf;
};

type Align = 'left' | 'center' | 'right';

/** One line of lettering, its middle at this height of the page. */
export const write = (
  pdf: jsPDF,
  text: string,
  [x, y]: PagePoint,
  heightMm: number,
  {
    bold = false,
    align = 'left',
    turned = false,
  }: { readonly bold?: boolean; readonly align?: Align; readonly turned?: boolean } = {},
): void => {
  pdf.setFont(FONT, bold ? 'bold' : 'normal');
  pdf.setFontSize(heightMm * POINTS_PER_MM);
  pdf.setTextColor(0);
  const wide = pdf.getTextWidth(text) * NARROW;
  // Its own alignment takes no account of narrow lettering.
  const back = align === 'center' ? wide / 2 : align === 'right' ? wide : 0;
  const start: PagePoint = turned ? [x, y + back] : [x - back, y];
  pdf.text(text, start[0], start[1], { baseline: 'middle', horizontalScale: NARROW, angle: turned ? 90 : 0 });
};

/** Lines, or what they enclose: `DF` drawn and filled. */
export const path = (
  pdf: jsPDF,
  loops: readonly (readonly PagePoint[])[],
  closed: boolean,
  style: 'S' | 'F' | 'DF',
): void => {
  for (const loop of loops) {
    loop.forEach(([x, y], i) => (i === 0 ? pdf.moveTo(x, y) : pdf.lineTo(x, y)));
    if (closed) pdf.close();
  }
  if (style === 'S') pdf.stroke();
  else if (style === 'F') pdf.fillEvenOdd();
  else pdf.fillStrokeEvenOdd();
};

export const barMm = (imperial: boolean): number => (imperial ? 4 * MM_PER_INCH : 100);

/** A bar to measure on paper before any size is taken from it: 100 mm, or 4 in. */
export const drawBar = (pdf: jsPDF, x: number, y: number, imperial: boolean): void => {
  const lengthMm = barMm(imperial);
  pdf.setLineWidth(0.3);
  pdf.setLineDashPattern([], 0);
  pdf.line(x, y, x + lengthMm, y);
  for (const end of [x, x + lengthMm]) pdf.line(end, y - 1.5, end, y + 1.5);
  write(
    pdf,
    t('{imperial} on paper: measure it first', { imperial: imperial ? t('4 in') : t('100 mm') }),
    [x + lengthMm / 2, y - 2.6],
    2.4,
    {
      align: 'center',
    },
  );
};

/** A text in lines that stay within a width. */
export const linesWithin = (pdf: jsPDF, text: string, heightMm: number, widthMm: number): readonly string[] => {
  pdf.setFontSize(heightMm * POINTS_PER_MM);
  return pdf.splitTextToSize(text, widthMm / NARROW) as string[];
};
