import {
  Colors,
  DxfWriter,
  LWPolylineFlags,
  TextHorizontalAlignment,
  TextVerticalAlignment,
  Units,
} from '@tarikjabiri/dxf';
import { type DrawnShape, type DrawnView, layOut, type Point } from '../drawing/index.js';
import type { CutList, PlateRow, SheetGroup } from '../fabrication/index.js';
import { fromMetres, type UnitSystem } from '../units/index.js';

/** Height of lettering on a drawing of the whole trailer, and on a sheet to be cut, m of steel. */
const TEXT_M = 0.03;
const MARK_M = 0.02;
/** Between plates that are drawn side by side, m. */
const APART_M = 0.03;

const HIDDEN = 'HIDDEN';
const CENTRE = 'CENTER';

/** Names come from people: no line breaks, no codes that a drawing program acts on. */
const plainText = (text: string): string =>
  text
    .replaceAll(/\p{Cc}/gu, ' ')
    .replaceAll('%%', '% %')
    .slice(0, 250);

/** A drawing in the project's own unit, inches or millimetres at 1:1, y up; layers are made as they are drawn on. */
const drawingIn = (units: UnitSystem) => {
  const dxf = new DxfWriter();
  dxf.setUnits(units === 'imperial' ? Units.Inches : Units.Millimeters);
  dxf.addLType(HIDDEN, '__ __ __', [6, -3]);
  dxf.addLType(CENTRE, '____ _ ____', [16, -4, 4, -4]);
  const size = (metres: number): number => fromMetres(metres, units === 'imperial' ? 'in' : 'mm');
  const at = ([x, y]: Point) => ({ x: size(x), y: size(y), z: 0 });
  const layers = new Set<string>();
  const layer = (name: string, lineType = 'Continuous'): { readonly layerName: string } => {
    if (!layers.has(name)) dxf.addLayer(name, Colors.White, lineType);
    layers.add(name);
    return { layerName: name };
  };
  return {
    layer,
    polyline: (points: readonly Point[], closed: boolean, on: { readonly layerName: string }): void => {
      dxf.addLWPolyline(
        points.map((point) => ({ point: at(point) })),
        { ...on, flags: closed ? LWPolylineFlags.Closed : LWPolylineFlags.None },
      );
    },
    circle: (centre: Point, radiusM: number, on: { readonly layerName: string }): void => {
      dxf.addCircle(at(centre), size(radiusM), on);
    },
    text: (text: string, middle: Point, heightM: number, on: { readonly layerName: string }, rotation = 0): void => {
      dxf.addText(at(middle), size(heightM), plainText(text), {
        ...on,
        rotation,
        horizontalAlignment: TextHorizontalAlignment.Center,
        verticalAlignment: TextVerticalAlignment.Middle,
        secondAlignmentPoint: at(middle),
      });
    },
    written: (): string => dxf.stringify(),
  };
};
type Drawing = ReturnType<typeof drawingIn>;

/** What is hidden or a centre line lies on a layer beside that of its part. */
const layerOf = (drawing: Drawing, { layer, line }: DrawnShape): { readonly layerName: string } => {
  if (line === 'hidden' || line === 'ghost') return drawing.layer(`${layer}-${line}`, HIDDEN);
  return line === 'centre' ? drawing.layer(`${layer}-centre`, CENTRE) : drawing.layer(layer);
};

const drawShape = (drawing: Drawing, shape: DrawnShape): void => {
  const on = layerOf(drawing, shape);
  switch (shape.kind) {
    case 'polygon':
      drawing.polyline(shape.points, true, on);
      return;
    case 'line':
      drawing.polyline(shape.points, false, on);
      return;
    case 'circle':
      drawing.circle(shape.centre, shape.radiusM, on);
      return;
    case 'region':
      for (const loop of shape.loops) drawing.polyline(loop, true, on);
  }
};

const FAR_M = 1e4;
const QUARTER_DEG = 90;

/**
 * A view of the trailer at 1:1: parts on layers by what they are, dimensions as drawn lines with their figures as text. Read by anything that
 * reads lines, polylines, circles and text.
 */
export const viewDxf = (view: DrawnView, units: UnitSystem): string => {
  const drawing = drawingIn(units);
  for (const shape of view.shapes) if (shape.line !== 'none') drawShape(drawing, shape);
  // Laid out in metres, y down as on a sheet, and turned over again.
  const laid = layOut(view, {
    x: (across) => across,
    y: (up) => -up,
    perM: 1,
    text: TEXT_M,
    bounds: { x0: -FAR_M, x1: FAR_M, y0: -FAR_M, y1: FAR_M },
  });
  const over = ([x, y]: Point): Point => [x, -y];
  const sizes = drawing.layer('sizes');
  for (const { from, to, start, text } of laid.dimensions) {
    drawing.polyline([over(from), over(to)], false, sizes);
    drawing.polyline([over(start[0]), over(from)], false, sizes);
    drawing.polyline([over(start[1]), over(to)], false, sizes);
    drawing.text(text.text, over([text.x, text.y]), TEXT_M, sizes, text.vertical ? QUARTER_DEG : 0);
  }
  const names = drawing.layer('names');
  for (const { x, y, text, second, leader } of laid.labels) {
    drawing.text(second === undefined ? text : `${text}, ${second}`, over([x, y]), TEXT_M, names);
    if (leader) drawing.polyline(leader.map(over), false, names);
  }
  return drawing.written();
};

const rectangle = (x: number, y: number, lengthM: number, widthM: number): readonly Point[] => [
  [x, y],
  [x + lengthM, y],
  [x + lengthM, y + widthM],
  [x, y + widthM],
];

/** Closed outline of a plate from its corner, m. */
const plateOutline = ({
  lengthM,
  widthM,
  triangular,
}: Pick<PlateRow, 'lengthM' | 'widthM' | 'triangular'>): readonly Point[] =>
  triangular
    ? [
        [0, 0],
        [lengthM, 0],
        [0, widthM],
      ]
    : rectangle(0, 0, lengthM, widthM);

/** Every plate once, side by side, as closed outlines at 1:1 on the layer `cut`; its mark and how many on `marks`. */
export const platesDxf = ({ plates }: Pick<CutList, 'plates'>, units: UnitSystem): string => {
  const drawing = drawingIn(units);
  let x = 0;
  for (const plate of plates) {
    const from = x;
    drawing.polyline(
      plateOutline(plate).map(([px, py]): Point => [px + from, py]),
      true,
      drawing.layer('cut'),
    );
    for (const { alongM, upM, diameterM } of plate.holes)
      drawing.circle([from + alongM, upM], diameterM / 2, drawing.layer('cut'));
    const middle: Point = [
      from + plate.lengthM / (plate.triangular ? 3 : 2),
      plate.widthM / (plate.triangular ? 3 : 2),
    ];
    drawing.text(
      `${plate.mark} x ${plate.quantity}`,
      middle,
      Math.min(MARK_M, plate.widthM / 6),
      drawing.layer('marks'),
    );
    x += plate.lengthM + APART_M;
  }
  return drawing.written();
};

/** Sheets with what is cut out of them, one above another at 1:1: parts on the layer `cut`, the sheets' own edges on `sheet`. */
export const sheetsDxf = ({ sheets, sheet }: SheetGroup, units: UnitSystem): string => {
  const drawing = drawingIn(units);
  sheets.forEach(({ parts }, i) => {
    const up = i * (sheet.widthM + 2 * APART_M);
    drawing.polyline(rectangle(0, up, sheet.lengthM, sheet.widthM), true, drawing.layer('sheet'));
    for (const { xM, yM, lengthM, widthM, mark, outlines, holes } of parts) {
      const cut = drawing.layer('cut');
      for (const outline of outlines)
        drawing.polyline(
          outline.map(([x, y]): Point => [x, y + up]),
          true,
          cut,
        );
      for (const { at, diameterM } of holes) drawing.circle([at[0], at[1] + up], diameterM / 2, cut);
      const height = Math.min(MARK_M, lengthM / 6, widthM / 3);
      drawing.text(mark, [xM + lengthM / 2, yM + up + widthM / 2], height, drawing.layer('marks'));
    }
  });
  return drawing.written();
};
