import { formatAngle, type PaperId, PAPERS, type Speaker, type Template } from '@kereta/core';
import type { jsPDF } from 'jspdf';
import { barMm, drawBar, type PagePoint, path, type PdfFonts, startPdf, write } from './pdf';
import { figures, t } from '../fields/language/t';

/** Home printers leave this much of the paper white, mm; neighbouring pages show this much of each other. */
const MARGIN_MM = 10;
const LAP_MM = 10;
/** For title and bar at the head of every page. */
const HEAD_MM = 18;
const CROSS_MM = 3;

const KINDS: Readonly<Record<Template['kind'], string>> = {
  saddle: t('wrap it round the tube, the straight edge square to it; cut away what is beyond the curve'),
  slant: t(
    'fold it at the dashed lines round the bar, the straight edge square to it; turn it over for the other hand',
  ),
  notch: t('fold it round the bar, the straight edge square to it; cut away what is beyond the curve'),
  cope: t('lay it on the side of the bar, its long edge on the end; cut away what it does not cover'),
  plate: t('lay it on'),
  drill: t('lay it on the bar, its short edge where it says'),
};

interface TemplateSet {
  readonly templates: readonly Template[];
  readonly job: string;
  readonly date: string;
  readonly paper: PaperId;
  readonly imperial: boolean;
  readonly say: Pick<Speaker, 'length'>;
}

/** Where pages begin along one side of a template, mm, so that all of it is on one of them. */
export const tilesAlong = (lengthMm: number, roomMm: number): readonly number[] => {
  const count = Math.max(1, Math.ceil((lengthMm - LAP_MM) / (roomMm - LAP_MM) - 1e-9));
  return Array.from({ length: count }, (_, i) => i * (roomMm - LAP_MM));
};

const cross = (pdf: jsPDF, [x, y]: PagePoint): void => {
  pdf.line(x - CROSS_MM, y, x + CROSS_MM, y);
  pdf.line(x, y - CROSS_MM, x, y + CROSS_MM);
};

/** Templates at 1:1 on pages of a home printer: what is larger than a page on several, with crosses that lie on each other. */
export const templatesPdf = (
  { templates, job, date, paper, imperial, say }: TemplateSet,
  fonts: PdfFonts,
): ArrayBuffer => {
  // Papers are told lying; these stand.
  const [pageMm, tallMm] = [PAPERS[paper].heightM * 1000, PAPERS[paper].widthM * 1000];
  const pdf = startPdf(pageMm, tallMm, fonts);
  pdf.setProperties({ title: t('{job}, templates 1:1', { job }) });
  const [roomX, roomY] = [pageMm - 2 * MARGIN_MM, tallMm - 2 * MARGIN_MM - HEAD_MM];
  let pages = 0;
  for (const { mark, kind, angleRad, cut, help, closed, holes, fromM, widthM, heightM } of templates) {
    const [xs, ys] = [tilesAlong(widthM * 1000, roomX), tilesAlong(heightM * 1000, roomY)];
    ys.forEach((y0, row) =>
      xs.forEach((x0, column) => {
        if (pages > 0) pdf.addPage();
        pages += 1;
        const at = ([x, y]: PagePoint): PagePoint => [MARGIN_MM + x * 1000 - x0, MARGIN_MM + HEAD_MM + y * 1000 - y0];
        pdf.setLineDashPattern([2, 1.5], 0);
        pdf.setLineWidth(0.15);
        for (const line of help) path(pdf, [line.map(at)], false, 'S');
        pdf.setLineDashPattern([], 0);
        pdf.setLineWidth(0.3);
        path(pdf, [cut.map(at)], closed, 'S');
        for (const { at: middle, diameterM } of holes) {
          const [x, y] = at(middle);
          pdf.circle(x, y, (diameterM * 1000) / 2, 'S');
          cross(pdf, [x, y]);
        }
        // The same places of the template on both pages.
        pdf.setLineWidth(0.15);
        for (const x of xs.slice(1))
          for (const y of [0, heightM * 1000]) cross(pdf, at([(x + LAP_MM / 2) / 1000, y / 1000]));
        for (const y of ys.slice(1))
          for (const x of [0, widthM * 1000]) cross(pdf, at([x / 1000, (y + LAP_MM / 2) / 1000]));
        // Nothing of the neighbouring pages runs into the head.
        pdf.setFillColor(255, 255, 255);
        pdf.rect(0, 0, pageMm, MARGIN_MM + HEAD_MM - 4, 'F');
        const tile =
          xs.length * ys.length > 1
            ? t(', page {row} of {count}', { row: row * xs.length + column + 1, count: xs.length * ys.length })
            : '';
        const angle =
          angleRad > 0
            ? `, ${figures(formatAngle(angleRad))}${kind === 'slant' ? ` ${t('off square')}` : ` ${t('between the bars')}`}`
            : '';
        const from =
          fromM === undefined ? '' : t(', {from} from the front, left or ball end', { from: say.length(fromM) });
        write(pdf, `${mark}${angle}${from}${tile}: ${KINDS[kind]}`, [MARGIN_MM, MARGIN_MM], 3.2, { bold: true });
        write(pdf, t('{job} · {date} · print at 100 %', { job, date }), [MARGIN_MM, MARGIN_MM + 5], 2.6);
        drawBar(pdf, pageMm - MARGIN_MM - barMm(imperial), MARGIN_MM + 11, imperial);
      }),
    );
  }
  return pdf.output('arraybuffer');
};
