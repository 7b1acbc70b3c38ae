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
import { templatesPdf, tilesAlong } from './templatePdf';

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

describe('the book as PDF', () => {
  /** The smallest JPEG there is: one grey point. */
  const JPEG = Uint8Array.from(
    atob(
      '/9j/4AAQSkZJRgABAQEASABIAAD/2wBDAP//////////////////////////////////////////////////////////////////////////////////////wgALCAABAAEBAREA/8QAFBABAAAAAAAAAAAAAAAAAAAAAP/aAAgBAQABPxA=',
    ),
    (sign) => sign.codePointAt(0) ?? 0,
  );
  test('plate and weights first, then the drawing, then what was done, photos last; every page but the drawing has its foot', async () => {
    const set = setOf(DEMO_TRAILERS[0] as Trailer, 'letter');
    const front = [{ title: 'data plate', head: ['Figure'], widths: [1], rows: [['Gross mass']] }];
    const photos = [{ caption: '2026-06-01, the tongue', jpeg: JPEG, widthPx: 1, heightPx: 1 }];
    const bytes = drawingPdf({ ...set, front, photos }, fonts);
    expect(new TextDecoder('latin1').decode(bytes)).toContain('/Subtype /Image');
    const pages = await read(bytes);
    expect(
      pages.map(({ text }) =>
        ['Gross mass', 'Check: measure', 'far too long', 'the tongue'].find((own) => text.includes(own)),
      ),
    ).toEqual(['Gross mass', 'Check: measure', 'far too long', 'the tongue']);
    expect(pages.map(({ text }) => /sheet \d of 4/.test(text))).toEqual([true, false, true, true]);
  });
});

describe('templates as PDF', () => {
  const plate = (lengthM: number, widthM: number) => ({
    id: 'F1',
    mark: 'F1',
    kind: 'plate' as const,
    angleRad: 0,
    cut: [
      [0, 0],
      [lengthM, 0],
      [lengthM, widthM],
      [0, widthM],
    ] as const,
    help: [],
    closed: true,
    holes: [],
    widthM,
    heightM: widthM,
  });
  const set = {
    job: 'Mushroom cart',
    date: 'Nov 27, 2026',
    imperial: false,
    say: { length: (m: number) => `${m * 1000}` },
  };
  test('a plate of 120 x 80 mm is so large on paper, to a fifth of a millimetre', async () => {
    const [page] = await read(
      templatesPdf({ ...set, templates: [{ ...plate(0.12, 0.08), widthM: 0.12 }], paper: 'a4' }, fonts),
    );
    const { fnArray = [], argsArray = [] } = page?.operators ?? {};
    const sizes = fnArray.flatMap((code, i) => {
      if (code !== OPS.constructPath) return [];
      const [x0 = 0, y0 = 0, x1 = 0, y1 = 0] = (argsArray[i] as readonly [number, unknown, readonly number[]])[2];
      return [[(x1 - x0) / (POINTS_PER_M / 1000), (y1 - y0) / (POINTS_PER_M / 1000)]];
    });
    expect(sizes.some(([x = 0, y = 0]) => Math.abs(x - 120) < 0.2 && Math.abs(y - 80) < 0.2)).toBe(true);
    // It stands: A4 is 210 mm wide.
    expect((page?.view[2] ?? 0) / (POINTS_PER_M / 1000)).toBeCloseTo(210, 1);
    expect(page?.text).toContain('F1: lay it on');
  });
  test('what is larger than a page comes on several that lap over each other', async () => {
    const pages = await read(
      templatesPdf({ ...set, templates: [{ ...plate(0.3, 0.4), widthM: 0.3 }], paper: 'a4' }, fonts),
    );
    expect(pages).toHaveLength(4);
    expect(pages[3]?.text).toContain('page 4 of 4');
    // 190 mm of room: 300 mm take two pages that share 10 mm.
    expect(tilesAlong(300, 190)).toEqual([0, 180]);
    expect(tilesAlong(190, 190)).toEqual([0]);
  });
});
