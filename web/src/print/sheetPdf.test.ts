// @vitest-environment node
import {
  DEMO_TRAILERS,
  drawingSheet,
  evaluate,
  inches,
  PAPERS,
  type PaperId,
  speaker,
  type Trailer,
} from '@kereta/core';
import regular from '@expo-google-fonts/archivo/400Regular/Archivo_400Regular.ttf?inline';
import bold from '@expo-google-fonts/archivo/600SemiBold/Archivo_600SemiBold.ttf?inline';
import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { describe, expect, test } from 'vitest';
import { drawingPdf } from './sheetPdf';

const bytesOf = (address: string): string => address.slice(address.indexOf(',') + 1);
const fonts = { regular: bytesOf(regular), bold: bytesOf(bold) };

const setOf = (trailer: Trailer, paper: PaperId) => {
  const { chassis, cases } = evaluate(trailer);
  const { units } = trailer.settings;
  const sheet = drawingSheet(
    { trailer, chassis, shown: cases[0] },
    {
      lettering: speaker(trailer),
      gearSizes: true,
      paper,
      units,
      perPaperM: 4000,
      job: trailer.name,
      date: 'Nov 27, 2026',
    },
  );
  return {
    sheets: [sheet] as const,
    perMm: 4,
    tables: [
      {
        title: 'pieces',
        head: ['Mark', 'Long points'],
        widths: [1, 4],
        rows: [
          ['R1', `10' 0"`],
          ['K1', 'a name that is far too long for its column '.repeat(9)],
        ],
      },
    ],
    title: { job: trailer.name, date: 'Nov 27, 2026', units: 'sizes in feet and inches' },
    imperial: units === 'imperial',
  };
};

// Read back by a library that is not ours.
const read = async (bytes: ArrayBuffer) => {
  const pdf = await getDocument({ data: new Uint8Array(bytes), useSystemFonts: false }).promise;
  const pages = await Promise.all(
    Array.from({ length: pdf.numPages }, async (_, i) => {
      const page = await pdf.getPage(i + 1);
      const { items } = await page.getTextContent();
      const operators = await page.getOperatorList();
      const text = items.map((item) => ('str' in item ? item.str : '')).join(' ');
      return { view: page.view, text, operators };
    }),
  );
  return pages;
};
const POINTS_PER_M = 72 / inches(1);

describe('drawings as PDF', () => {
  test.each(DEMO_TRAILERS)(
    '$name: text can be searched, the paper has its size',
    async (trailer) => {
      for (const paper of Object.keys(PAPERS) as PaperId[]) {
        const [first, second] = await read(drawingPdf(setOf(trailer, paper), fonts));
        expect(first?.view[2]).toBeCloseTo(PAPERS[paper].widthM * POINTS_PER_M, 1);
        expect(first?.view[3]).toBeCloseTo(PAPERS[paper].heightM * POINTS_PER_M, 1);
        expect(first?.text).toContain(trailer.name);
        expect(first?.text).toContain('on paper: measure it first');
        expect(second?.text).toContain(`10' 0"`);
        expect(second?.text).toContain('sheet 2 of 2');
      }
    },
    60_000,
  );
  test('the bar to be measured is 4 in or 100 mm long, to a fifth of a millimetre', async () => {
    for (const [trailer, mm] of [
      [DEMO_TRAILERS[0], inches(4) * 1000],
      [DEMO_TRAILERS[2], 100],
    ] as const) {
      const [first] = await read(drawingPdf(setOf(trailer as Trailer, 'a3'), fonts));
      const { fnArray = [], argsArray = [] } = first?.operators ?? {};
      const lines = fnArray.flatMap((code, i) => {
        if (code !== OPS.constructPath) return [];
        // What a path reaches from and to: left, lower, right, upper, points.
        const [x0, y0, x1, y1] = (argsArray[i] as readonly [number, unknown, readonly number[]])[2];
        return y0 === y1 ? [((x1 ?? 0) - (x0 ?? 0)) / (POINTS_PER_M / 1000)] : [];
      });
      expect(lines.some((length) => Math.abs(length - mm) < 0.2)).toBe(true);
    }
  });
  test('lettering is embedded, and there is no picture in it', () => {
    const text = new TextDecoder('latin1').decode(drawingPdf(setOf(DEMO_TRAILERS[0] as Trailer, 'tabloid'), fonts));
    expect(text).toContain('/FontFile2');
    expect(text).not.toContain('/Subtype /Image');
  });
});
