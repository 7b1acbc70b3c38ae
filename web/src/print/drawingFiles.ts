import {
  type CutList,
  cutEndsText,
  type DrawingSheet,
  PIECE_NAMES,
  PLATE_NAMES,
  plateHolesText,
  speaker,
  type Speaker,
  type StickSection,
  type Template,
  type Trailer,
} from '@kereta/core';
import regular from '@expo-google-fonts/archivo/400Regular/Archivo_400Regular.ttf?url';
import bold from '@expo-google-fonts/archivo/600SemiBold/Archivo_600SemiBold.ttf?url';
import { drawingPdf, type PdfPhoto, type PdfTable } from './sheetPdf';
import { templatesPdf } from './templatePdf';
import { t, voice } from '../fields/language/t';

const base64 = async (address: string): Promise<string> => {
  const bytes = new Uint8Array(await (await fetch(address)).arrayBuffer());
  let text = '';
  // In parts: a call takes only so many arguments.
  for (let i = 0; i < bytes.length; i += 0x8000) text += String.fromCharCode(...bytes.subarray(i, i + 0x8000));
  return btoa(text);
};

/** Every piece with its ends, and every plate. */
const piecesTable = ({ rows, plates }: CutList, say: Speaker): PdfTable => ({
  title: t('pieces'),
  head: [
    t('Mark'),
    t('Piece'),
    t('Qty'),
    t('Section'),
    t('Metal'),
    t('Long points'),
    t('Along a face'),
    t('Ends'),
    t('Each'),
  ],
  widths: [5, 12, 4, 17, 15, 10, 10, 24, 7],
  rows: [
    ...rows.map((row) => [
      row.mark,
      t(PIECE_NAMES[row.group]),
      String(row.quantity),
      row.designation,
      row.materialName,
      say.length(row.cutLengthM),
      say.length(row.faceLengthM),
      cutEndsText(row, voice),
      say.mass(row.massEachKg),
    ]),
    ...plates.map((row) => [
      row.mark,
      t(PLATE_NAMES[row.kind]),
      String(row.quantity),
      t('plate {thickness}', { thickness: say.length(row.thicknessM) }),
      row.materialName,
      say.length(row.lengthM),
      say.length(row.widthM),
      `${row.triangular ? t('right triangle') : t('rectangle')}${plateHolesText(row, say)}`,
      say.mass(row.massEachKg),
    ]),
  ],
});

const sticksTable = (sections: readonly StickSection[], say: Speaker): PdfTable => ({
  title: t('sticks'),
  head: [t('Stick'), t('Section'), t('Length'), t('Pieces from its end'), t('Left over')],
  widths: [6, 22, 10, 50, 12],
  rows: sections.flatMap(({ designation, sticks }) =>
    sticks.map(({ number, lengthM, pieces, leftM }) => [
      String(number),
      designation,
      say.length(lengthM),
      pieces.map(({ mark, fromM, toM }) => `${mark} ${say.length(toM - fromM)}`).join(' | '),
      say.length(leftM),
    ]),
  ),
});

interface SetOf {
  readonly sheets: readonly [DrawingSheet, ...DrawingSheet[]];
  readonly perMm: number;
  readonly cutList: CutList;
  readonly sections: readonly StickSection[] | undefined;
  readonly say: Speaker;
  readonly date: string;
}

/** The drawing set as one PDF: the sheet as it is on the screen, the frame with its marks, the pieces, the sticks. */
export const drawingSetPdf = async ({ sheets, perMm, cutList, sections, say, date }: SetOf): Promise<Blob> => {
  const { name, settings } = say.trailer;
  const fonts = { regular: await base64(regular), bold: await base64(bold) };
  const tables = [piecesTable(cutList, say), ...(sections ? [sticksTable(sections, say)] : [])];
  const imperial = settings.units === 'imperial';
  const units = imperial ? t('sizes in feet and inches') : t('sizes in mm');
  return new Blob([drawingPdf({ sheets, perMm, tables, title: { job: name, date, units }, imperial }, fonts)], {
    type: 'application/pdf',
  });
};

interface BookOf extends Pick<SetOf, 'sheets' | 'perMm' | 'say' | 'date'> {
  /** plate, weights, checks: before the drawings */
  readonly front: readonly PdfTable[];
  /** what was measured, done and paid: behind them */
  readonly tables: readonly PdfTable[];
  readonly photos: readonly PdfPhoto[];
}

/** Everything that is known of a trailer as one PDF. */
export const bookPdf = async ({ say, date, ...book }: BookOf): Promise<Blob> => {
  const { name, settings } = say.trailer;
  const fonts = { regular: await base64(regular), bold: await base64(bold) };
  const imperial = settings.units === 'imperial';
  const units = imperial ? t('sizes in feet and inches') : t('sizes in mm');
  return new Blob([drawingPdf({ ...book, title: { job: name, date, units }, imperial }, fonts)], {
    type: 'application/pdf',
  });
};

/** Templates at 1:1 for what is sawn, wrapped and drilled by hand. */
export const templateFile = async (trailer: Trailer, templates: readonly Template[], date: string): Promise<Blob> => {
  const imperial = trailer.settings.units === 'imperial';
  const fonts = { regular: await base64(regular), bold: await base64(bold) };
  const paper = imperial ? 'letter' : 'a4';
  return new Blob(
    [templatesPdf({ templates, job: trailer.name, date, paper, imperial, say: speaker(trailer, voice) }, fonts)],
    {
      type: 'application/pdf',
    },
  );
};

/** What of the screen's styles a picture has to carry with it. */
const STYLES = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'font-family',
  'font-size',
  'font-weight',
  'font-stretch',
] as const;

/** A colour as every program reads it; anything else as it is. */
const plainColours = (): ((value: string) => string) => {
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [1, 1];
  const context = canvas.getContext('2d', { willReadFrequently: true });
  const known = new Map<string, string>();
  return (value) => {
    if (!context || !/^(lab|lch|oklab|oklch|color)\(/.test(value)) return value;
    const before = known.get(value);
    if (before !== undefined) return before;
    context.clearRect(0, 0, 1, 1);
    context.fillStyle = value;
    context.fillRect(0, 0, 1, 1);
    const [red = 0, green = 0, blue = 0, alpha = 255] = context.getImageData(0, 0, 1, 1).data;
    const told =
      alpha === 255 ? `rgb(${red}, ${green}, ${blue})` : `rgba(${red}, ${green}, ${blue}, ${(alpha / 255).toFixed(2)})`;
    known.set(value, told);
    return told;
  };
};

/** A drawing of the page as a file of its own: colours and lettering as they are shown, in a size of paper. */
export const svgFile = (drawing: SVGSVGElement, widthMm: number, heightMm: number): string => {
  const plain = plainColours();
  const copy = drawing.cloneNode(true) as SVGSVGElement;
  const shown = [drawing, ...drawing.querySelectorAll('*')];
  [copy, ...copy.querySelectorAll('*')].forEach((element, i) => {
    const original = shown[i];
    if (!original) return;
    const style = getComputedStyle(original);
    for (const name of STYLES) element.setAttribute(name, plain(style.getPropertyValue(name)));
    for (const name of ['style', 'class', 'data-grab', 'data-testid', 'role', 'aria-label'])
      element.removeAttribute(name);
  });
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  copy.setAttribute('width', `${widthMm}mm`);
  copy.setAttribute('height', `${heightMm}mm`);
  return new XMLSerializer().serializeToString(copy);
};
