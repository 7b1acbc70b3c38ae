import DxfParser, { type IDxf, type IEntity } from 'dxf-parser';
import { describe, expect, test } from 'vitest';
import { buildChassis } from '../chassis/index.js';
import { DEMO_TRAILERS } from '../demos/index.js';
import { planView, rearView, sideView } from '../drawing/index.js';
import { evaluate } from '../evaluation/index.js';
import { buildCutList, sheetPlan } from '../fabrication/index.js';
import type { Trailer } from '../project/index.js';
import { fromMetres, inches } from '../units/index.js';
import { speaker } from '../wording/index.js';
import { platesDxf, sheetsDxf, viewDxf } from './dxf.js';

// Read back by a parser that is not ours.
type Polyline = IEntity & {
  readonly vertices: readonly { readonly x: number; readonly y: number }[];
  readonly shape: boolean;
};
// Its types say CommonJS, what is loaded is the class itself.
const Parser = DxfParser as unknown as new () => { readonly parseSync: (text: string) => IDxf | null };
const read = (text: string) => {
  const dxf = new Parser().parseSync(text);
  if (!dxf) throw new Error('not read');
  return dxf;
};
const closedOn = (text: string, layer: string): readonly Polyline[] =>
  (read(text).entities as Polyline[]).filter(
    (entity) => entity.type === 'LWPOLYLINE' && entity.layer === layer && entity.shape,
  );
/** By the shoelace formula. */
const areaOf = ({ vertices }: Polyline): number =>
  Math.abs(
    vertices.reduce((sum, { x, y }, i) => {
      const next = vertices[(i + 1) % vertices.length] ?? { x: 0, y: 0 };
      return sum + x * next.y - next.x * y;
    }, 0) / 2,
  );
const perIn2 = fromMetres(1, 'in') ** 2;
const perMm2 = 1e6;

const withGussets = (trailer: Trailer): Trailer => ({
  ...trailer,
  strength: { ...trailer.strength, gussets: { tongueM: inches(6), cornerM: inches(4) } },
});

describe('DXF', () => {
  test.each(DEMO_TRAILERS)('plates of $name: closed outlines have the model’s area', (demo) => {
    const trailer = withGussets(demo);
    const cutList = buildCutList(buildChassis(trailer));
    const areaM2 = cutList.plates.reduce(
      (sum, { lengthM, widthM, triangular }) => sum + (lengthM * widthM) / (triangular ? 2 : 1),
      0,
    );
    expect(cutList.plates.length).toBeGreaterThan(0);
    for (const [units, per, header] of [
      ['imperial', perIn2, 1],
      ['metric', perMm2, 4],
    ] as const) {
      const text = platesDxf(cutList, units);
      const outlines = closedOn(text, 'cut');
      expect(outlines).toHaveLength(cutList.plates.length);
      expect(outlines.reduce((sum, one) => sum + areaOf(one), 0)).toBeCloseTo(areaM2 * per, 4);
      expect(read(text).header['$INSUNITS']).toBe(header);
    }
  });
  test.each(DEMO_TRAILERS)('sheets of $name: parts and sheets as they are laid', (trailer) => {
    const chassis = buildChassis(trailer);
    for (const group of sheetPlan(trailer, chassis, buildCutList(chassis))) {
      const text = sheetsDxf(group, 'metric');
      const parts = group.sheets.flatMap((sheet) => sheet.parts);
      expect(closedOn(text, 'sheet')).toHaveLength(group.sheets.length);
      const cut = closedOn(text, 'cut').reduce((sum, one) => sum + areaOf(one), 0);
      expect(cut).toBeCloseTo(parts.reduce((sum, { lengthM, widthM }) => sum + lengthM * widthM, 0) * perMm2, 1);
      expect(read(text).entities.filter(({ type }) => type === 'TEXT')).toHaveLength(parts.length);
    }
  });
  test('triangles and drilled plates go to the table as what they are: outlines as large as the model says, holes where they are', () => {
    const trailer: Trailer = {
      ...(DEMO_TRAILERS[0] as Trailer),
      strength: { ...(DEMO_TRAILERS[0] as Trailer).strength, gussets: { tongueM: null, cornerM: inches(4) } },
    };
    const chassis = buildChassis(trailer);
    const list = buildCutList(chassis);
    const drilled = {
      ...list,
      plates: list.plates.map((row) => ({ ...row, holes: [{ alongM: 0.02, upM: 0.03, diameterM: 0.014 }] })),
    };
    const group = sheetPlan(trailer, chassis, drilled).find(({ of }) => of === 'plate');
    if (!group) throw new Error('no plates');
    const text = sheetsDxf(group, 'metric');
    // Four corners of 4 x 4 in, two from each rectangle.
    const outlines = closedOn(text, 'cut');
    expect(outlines).toHaveLength(4);
    const wanted = list.plates.reduce(
      (sum, { lengthM, widthM, quantity }) => sum + (quantity * lengthM * widthM) / 2,
      0,
    );
    expect(outlines.reduce((sum, one) => sum + areaOf(one), 0)).toBeCloseTo(wanted * perMm2, 3);
    const circles = (read(text).entities as (IEntity & { readonly radius?: number })[]).filter(
      ({ type }) => type === 'CIRCLE',
    );
    expect(circles.map(({ radius }) => radius)).toEqual([7, 7, 7, 7].map((r) => expect.closeTo(r, 9)));
  });
  test.each(DEMO_TRAILERS)(
    'views of $name: layers by part, the rails as long as they are, sizes as text',
    (trailer) => {
      const evaluation = evaluate(trailer);
      const drawable = { trailer, chassis: evaluation.chassis, shown: evaluation.cases[0] };
      const options = { lettering: speaker(trailer), sizes: true };
      for (const view of [planView(drawable, options), sideView(drawable, options), rearView(drawable, options)]) {
        const dxf = read(viewDxf(view, 'metric'));
        const entities = dxf.entities as Polyline[];
        const layers = new Set(entities.map(({ layer }) => layer));
        expect(layers.has('frame')).toBe(true);
        for (const name of layers) expect(dxf.tables['layer'].layers).toHaveProperty([name]);
        for (const { type } of entities) expect(['LWPOLYLINE', 'CIRCLE', 'TEXT']).toContain(type);
        for (const { vertices = [] } of entities)
          for (const { x, y } of vertices) expect(Number.isFinite(x) && Number.isFinite(y)).toBe(true);
        // A size for which there is no room is left out, as on paper.
        const sizes = (entities as (IEntity & { readonly text?: string })[]).filter(
          ({ type, layer }) => type === 'TEXT' && layer === 'sizes',
        );
        expect(sizes.length).toBeGreaterThan(0);
        for (const { text } of sizes) expect(view.dimensions.map((dimension) => dimension.text)).toContain(text);
      }
      const plan = read(viewDxf(planView(drawable, options), 'metric')).entities as Polyline[];
      const rail = evaluation.chassis.members.find(({ id }) => id === 'rail.left');
      const lengths = plan
        .filter(({ layer, type }) => layer === 'frame' && type === 'LWPOLYLINE')
        .map(({ vertices }) => Math.max(...vertices.map(({ x }) => x)) - Math.min(...vertices.map(({ x }) => x)));
      const railMm = ((rail?.extent.x1M ?? 0) - (rail?.extent.x0M ?? 0)) * 1000;
      expect(lengths.some((length) => Math.abs(length - railMm) < 0.01)).toBe(true);
    },
  );
  test('names are text: line breaks and codes of drawing programs do nothing', () => {
    const view = {
      shapes: [],
      dimensions: [],
      arrows: [],
      balancePoint: undefined,
      labels: [{ id: 'a', at: [0, 0] as const, text: 'Two\n0\nLINE %%d', kind: 'note' as const }],
    };
    const entities = read(viewDxf(view, 'metric')).entities as (IEntity & { readonly text?: string })[];
    expect(entities.map(({ type, text }) => [type, text])).toEqual([['TEXT', 'Two 0 LINE % %d']]);
  });
});
