import { type Chassis, deckLay } from '../chassis/index.js';
import { type CutSheet, fitsOnSheet, nestSheets, type PlacedPart, type SheetPart } from '../nesting/index.js';
import type { SheetSizeRow, Trailer } from '../project/index.js';
import { inches } from '../units/index.js';
import type { CutList } from './cutList.js';

type SheetOf = SheetSizeRow['of'];
interface Size {
  readonly lengthM: number;
  readonly widthM: number;
}

type Place = readonly [xM: number, yM: number];

/** What is burnt or sawn of a part: closed outlines, and round holes. */
interface Outlines {
  readonly outlines: readonly (readonly Place[])[];
  readonly holes: readonly { readonly at: Place; readonly diameterM: number }[];
}

/** A part of a sheet with what it is called, and in its own axes what is cut of it besides its edges. */
interface MarkedPart extends SheetPart {
  readonly mark: string;
  readonly own?: Outlines;
}

/** One sheet with what is cut out of it. */
export interface LaidSheet {
  readonly parts: readonly (PlacedPart & Outlines & { readonly mark: string })[];
  readonly left: CutSheet['left'];
}

/** How everything of one kind and thickness is cut from whole sheets. */
export interface SheetGroup {
  readonly of: SheetOf;
  /** of plates */
  readonly materialName: string | undefined;
  readonly thicknessM: number;
  readonly sheet: Size;
  /** of one; null where it is not known */
  readonly priceEach: number | null;
  readonly sheets: readonly LaidSheet[];
  /** no way of cutting needs fewer of this size */
  readonly leastSheets: number;
  /** marks of what is larger than every sheet, and is joined from several */
  readonly joined: readonly string[];
  /** nobody has said which sheets are sold */
  readonly assumed: boolean;
}

/** What is usually sold, by where the trailer is used; common practice. */
export const usualSheets = ({ settings: { regions } }: Trailer): readonly Size[] =>
  regions.includes('north-america') ? [{ lengthM: inches(96), widthM: inches(48) }] : [{ lengthM: 2.5, widthM: 1.25 }];

/** A hand saw’s cut, and a table’s that burns, m: as usual where nobody has said. */
const USUAL_KERF_M = 0.003;

/** Less than this of a part is a matter of the saw, m. */
const LEAST_M = 1e-4;

/**
 * What is larger than a sheet in pieces as large as it, the last of each row as it comes: a saw's cut apart, as boards and sheets are laid so
 * that they can swell (common practice), and so that halves of a sheet do for halves.
 */
const inPieces = (part: MarkedPart, sheet: Size, gapM: number): readonly MarkedPart[] => {
  const pieces = (wholeM: number, sheetM: number): number =>
    Math.max(1, Math.ceil((wholeM + gapM) / (sheetM + gapM) - 1e-9));
  const along = pieces(part.lengthM, sheet.lengthM);
  const across = pieces(part.widthM, sheet.widthM);
  return Array.from({ length: along * across }, (_, i): MarkedPart => {
    const [x, y] = [i % along, Math.floor(i / along)];
    return {
      mayTurn: part.mayTurn,
      mark: `${part.mark}.${i + 1}`,
      lengthM: Math.min(sheet.lengthM, part.lengthM - x * (sheet.lengthM + gapM)),
      widthM: Math.min(sheet.widthM, part.widthM - y * (sheet.widthM + gapM)),
    };
  }).filter(({ lengthM, widthM }) => lengthM > LEAST_M && widthM > LEAST_M);
};

interface Wanted {
  readonly of: SheetOf;
  readonly materialName: string | undefined;
  readonly thicknessM: number;
  readonly parts: MarkedPart[];
}

/** The deck as it is laid: where nobody has said of which sheets, as one part. */
const deckParts = (trailer: Trailer, chassis: Chassis): readonly MarkedPart[] => {
  const panel = chassis.panels.find(({ kind }) => kind === 'deck');
  if (!panel) return [];
  const { extent, y0M, y1M } = panel;
  const lay = deckLay(trailer, chassis);
  const across = trailer.frame.deck.sheet?.laid === 'across';
  const xs = [extent.x0M, ...(lay?.jointXM ?? []), extent.x1M];
  const ys = [y0M, ...(lay?.jointYM ?? []), y1M];
  return xs.slice(1).flatMap((x1, i) =>
    ys.slice(1).map((y1, k): MarkedPart => {
      const [longM, wideM] = [x1 - (xs[i] ?? 0), y1 - (ys[k] ?? 0)];
      const mark = lay ? `D${i * (ys.length - 1) + k + 1}` : 'D1';
      return { mark, lengthM: across ? wideM : longM, widthM: across ? longM : wideM, mayTurn: false };
    }),
  );
};

const rectangle = (x: number, y: number, lengthM: number, widthM: number): readonly Place[] => [
  [x, y],
  [x + lengthM, y],
  [x + lengthM, y + widthM],
  [x, y + widthM],
];

/** Two right triangles slant to slant in a rectangle that is higher by what the cut between them takes there. */
const trianglePair = (lengthM: number, widthM: number, moreM: number): readonly (readonly Place[])[] => [
  [
    [0, 0],
    [lengthM, 0],
    [0, widthM],
  ],
  [
    [lengthM, widthM + moreM],
    [0, widthM + moreM],
    [lengthM, moreM],
  ],
];

const panelOutlines = ({ lengthM, widthM, cutouts }: CutList['panels'][number]): Outlines => ({
  outlines: [
    rectangle(0, 0, lengthM, widthM),
    ...cutouts.map(({ alongM, upM, lengthM: long, heightM }) => rectangle(alongM, upM, long, heightM)),
  ],
  holes: [],
});

/** A part's outlines where it lies on its sheet: turned by a quarter, never over. */
const outlinesOn = (part: MarkedPart | undefined, { xM, yM, lengthM, turned }: PlacedPart): Outlines => {
  const { outlines, holes } = part?.own ?? {
    outlines: [rectangle(0, 0, part?.lengthM ?? 0, part?.widthM ?? 0)],
    holes: [],
  };
  const at = ([u, v]: Place): Place => (turned ? [xM + lengthM - v, yM + u] : [xM + u, yM + v]);
  return {
    outlines: outlines.map((outline) => outline.map(at)),
    holes: holes.map(({ at: middle, diameterM }) => ({ at: at(middle), diameterM })),
  };
};

const wantedOf = (trailer: Trailer, chassis: Chassis, { panels, plates }: CutList): readonly Wanted[] => {
  const { kerfM, keepsGrain } = trailer.cutting.sheets ?? { kerfM: USUAL_KERF_M, keepsGrain: false };
  const groups = new Map<string, Wanted>();
  const add = (
    of: SheetOf,
    thicknessM: number,
    materialName: string | undefined,
    part: MarkedPart,
    count: number,
  ): void => {
    const key = `${of} ${Math.round(thicknessM * 1e5)} ${materialName ?? ''}`;
    const known = groups.get(key) ?? { of, materialName, thicknessM, parts: [] };
    for (let i = 0; i < count; i += 1) known.parts.push(part);
    groups.set(key, known);
  };
  const { kind, thicknessM } = trailer.frame.deck;
  if (kind !== 'none' && kind !== 'planks')
    for (const part of deckParts(trailer, chassis)) add(kind, thicknessM, undefined, part, 1);
  for (const row of panels)
    if (row.kind !== 'planks')
      add(row.kind, row.thicknessM, undefined, { ...row, mayTurn: !keepsGrain, own: panelOutlines(row) }, row.quantity);
  for (const row of plates) {
    const { mark, lengthM, widthM, triangular, quantity, holes } = row;
    // Two right triangles lie slant to slant, a cut apart: one is moved along by what the cut takes there.
    const moreM = triangular ? (kerfM * Math.hypot(lengthM, widthM)) / lengthM : 0;
    const part = {
      mark: triangular ? `${mark} (two)` : mark,
      lengthM,
      widthM: widthM + moreM,
      mayTurn: true,
      own: {
        outlines: triangular ? trianglePair(lengthM, widthM, moreM) : [rectangle(0, 0, lengthM, widthM)],
        holes: holes.flatMap(({ alongM, upM, diameterM }) => [
          { at: [alongM, upM] as const, diameterM },
          // The second triangle lies turned half round.
          ...(triangular ? [{ at: [lengthM - alongM, widthM + moreM - upM] as const, diameterM }] : []),
        ]),
      },
    };
    add('plate', row.thicknessM, row.materialName, part, triangular ? Math.ceil(quantity / 2) : quantity);
  }
  return [...groups.values()];
};

const nested = (
  { of, materialName, thicknessM, parts }: Wanted,
  { lengthM, widthM, price }: Pick<SheetSizeRow, 'lengthM' | 'widthM' | 'price'>,
  { kerfM, table }: { readonly kerfM: number; readonly table: boolean },
  assumed: boolean,
): SheetGroup => {
  const sheet = { lengthM, widthM };
  const whole = parts.flatMap((part) => (fitsOnSheet(part, sheet) ? [part] : inPieces(part, sheet, kerfM)));
  const { sheets, leastSheets } = nestSheets(whole, sheet, kerfM, table && of === 'plate' ? 'anywhere' : 'through');
  return {
    of,
    materialName,
    thicknessM,
    sheet,
    priceEach: price,
    sheets: sheets.map(({ placed, left }) => ({
      parts: placed.map((one) => ({
        ...one,
        ...outlinesOn(whole[one.part], one),
        mark: whole[one.part]?.mark ?? '',
      })),
      left,
    })),
    leastSheets,
    joined: [...new Set(parts.filter((part) => !fitsOnSheet(part, sheet)).map(({ mark }) => mark))],
    assumed,
  };
};

/** Price of all sheets of a group, or their area where a price is not known. */
const costOf = (group: SheetGroup, priced: boolean): number =>
  group.sheets.length * (priced ? (group.priceEach ?? 0) : group.sheet.lengthM * group.sheet.widthM);

/**
 * How deck, panels and plates are cut from whole sheets: of the sizes that are sold the one that costs least, or takes the least area where a
 * price is missing.
 */
export const sheetPlan = (trailer: Trailer, chassis: Chassis, cutList: CutList): readonly SheetGroup[] => {
  const { sheets } = trailer.cutting;
  const cuts = { kerfM: sheets?.kerfM ?? USUAL_KERF_M, table: sheets?.table === true };
  return wantedOf(trailer, chassis, cutList).map((wanted) => {
    const named = (sheets?.sizes ?? []).filter(({ of }) => of === wanted.of);
    const { deck } = trailer.frame;
    const ofDeck = deck.sheet && deck.kind === wanted.of ? [deck.sheet] : [];
    const sizes =
      named.length > 0
        ? named
        : (ofDeck.length > 0 ? ofDeck : usualSheets(trailer)).map((size) => ({ ...size, price: null }));
    const priced = sizes.every(({ price }) => price !== null);
    const groups = sizes.map((size) => nested(wanted, size, cuts, named.length === 0));
    return groups.reduce((best, next) => (costOf(next, priced) < costOf(best, priced) ? next : best));
  });
};
