/** A rectangle to be cut from a sheet, m; its length lies along the sheet's unless it may be turned. */
export interface SheetPart {
  readonly lengthM: number;
  readonly widthM: number;
  readonly mayTurn: boolean;
}

/** Where a part lies on its sheet, m from the sheet's corner. */
export interface PlacedPart {
  /** index of the part */
  readonly part: number;
  readonly xM: number;
  readonly yM: number;
  readonly lengthM: number;
  readonly widthM: number;
  readonly turned: boolean;
}
export interface Rectangle {
  readonly xM: number;
  readonly yM: number;
  readonly lengthM: number;
  readonly widthM: number;
}
export interface CutSheet {
  readonly placed: readonly PlacedPart[];
  /** what is left of it, in rectangles */
  readonly left: readonly Rectangle[];
}

export interface SheetNest {
  readonly sheets: readonly CutSheet[];
  /** no way of cutting needs fewer */
  readonly leastSheets: number;
}

/** Sizes that agree to this are the same, m. */
const SAME_M = 1e-6;

/** In which free rectangle a part goes: where least area, least width or least of the longer rest is left. */
const FITS = ['area', 'short', 'long'] as const;
/** Which way a rectangle is cut through beside a part: along the shorter or the longer rest, or so that one piece left is as large as can be. */
const SPLITS = ['short', 'long', 'large', 'small'] as const;
const ORDERS = ['area', 'longer', 'shorter', 'length', 'width'] as const;

type Fit = (typeof FITS)[number];
type Split = (typeof SPLITS)[number];

const sizeBy = ({ lengthM, widthM }: SheetPart, order: (typeof ORDERS)[number]): number => {
  switch (order) {
    case 'area':
      return lengthM * widthM;
    case 'longer':
      return Math.max(lengthM, widthM);
    case 'shorter':
      return Math.min(lengthM, widthM);
    case 'length':
      return lengthM;
    case 'width':
      return widthM;
  }
};

const restBy = (free: Rectangle, lengthM: number, widthM: number, fit: Fit): number => {
  const [restX, restY] = [free.lengthM - lengthM, free.widthM - widthM];
  if (fit === 'area') return free.lengthM * free.widthM - lengthM * widthM;
  return fit === 'short' ? Math.min(restX, restY) : Math.max(restX, restY);
};

/** What is left of a rectangle once a part is cut from its corner: two rectangles, the cut between them going right through. */
const splitBy = (free: Rectangle, lengthM: number, widthM: number, kerfM: number, split: Split): Rectangle[] => {
  const restX = free.lengthM - lengthM - kerfM;
  const restY = free.widthM - widthM - kerfM;
  const across = (): Rectangle[] => [
    { xM: free.xM + lengthM + kerfM, yM: free.yM, lengthM: restX, widthM: free.widthM },
    { xM: free.xM, yM: free.yM + widthM + kerfM, lengthM, widthM: restY },
  ];
  const along = (): Rectangle[] => [
    { xM: free.xM + lengthM + kerfM, yM: free.yM, lengthM: restX, widthM },
    { xM: free.xM, yM: free.yM + widthM + kerfM, lengthM: free.lengthM, widthM: restY },
  ];
  const bigger = (rectangles: readonly Rectangle[]): number =>
    Math.max(...rectangles.map((one) => Math.max(0, one.lengthM) * Math.max(0, one.widthM)));
  const isAcross =
    split === 'short'
      ? restX < restY
      : split === 'long'
        ? restX >= restY
        : bigger(across()) > bigger(along()) === (split === 'large');
  return (isAcross ? across() : along()).filter((one) => one.lengthM > SAME_M && one.widthM > SAME_M);
};

interface Size {
  readonly lengthM: number;
  readonly widthM: number;
}

const waysOf = ({ lengthM, widthM, mayTurn }: SheetPart) => [
  { lengthM, widthM, turned: false },
  ...(mayTurn && Math.abs(lengthM - widthM) > SAME_M ? [{ lengthM: widthM, widthM: lengthM, turned: true }] : []),
];
const fitsIn = (free: Size, lengthM: number, widthM: number): boolean =>
  lengthM <= free.lengthM + SAME_M && widthM <= free.widthM + SAME_M;

/** Whether a part can be cut from a sheet at all. */
export const fitsOnSheet = (part: SheetPart, sheet: Size): boolean =>
  waysOf(part).some(({ lengthM, widthM }) => fitsIn(sheet, lengthM, widthM));

interface OpenSheet {
  readonly placed: PlacedPart[];
  left: Rectangle[];
}

const laidBy = (
  parts: readonly SheetPart[],
  sheet: Size,
  kerfM: number,
  order: readonly number[],
  rules: { readonly fit: Fit; readonly split: Split },
): readonly CutSheet[] => {
  const sheets: OpenSheet[] = [];
  for (const index of order) {
    const part = parts[index];
    if (!part) continue;
    let best:
      | { sheet: OpenSheet; free: Rectangle; lengthM: number; widthM: number; turned: boolean; rest: number }
      | undefined;
    const look = (open: OpenSheet): void => {
      for (const free of open.left)
        for (const way of waysOf(part)) {
          if (!fitsIn(free, way.lengthM, way.widthM)) continue;
          const rest = restBy(free, way.lengthM, way.widthM, rules.fit);
          if (!best || rest < best.rest - SAME_M) best = { sheet: open, free, ...way, rest };
        }
    };
    sheets.forEach(look);
    if (!best) {
      const fresh: OpenSheet = { placed: [], left: [{ xM: 0, yM: 0, ...sheet }] };
      sheets.push(fresh);
      look(fresh);
    }
    if (!best) continue;
    const { free, lengthM, widthM, turned } = best;
    best.sheet.placed.push({ part: index, xM: free.xM, yM: free.yM, lengthM, widthM, turned });
    best.sheet.left = [
      ...best.sheet.left.filter((one) => one !== free),
      ...splitBy(free, lengthM, widthM, kerfM, rules.split),
    ];
  }
  return sheets;
};

/** What is left of a free rectangle beside one that is taken: up to four, each as large as it can be; they lie over each other. */
const besides = (free: Rectangle, taken: Rectangle): readonly Rectangle[] => {
  const [x1, y1] = [free.xM + free.lengthM, free.yM + free.widthM];
  const [tx1, ty1] = [taken.xM + taken.lengthM, taken.yM + taken.widthM];
  if (taken.xM >= x1 - SAME_M || tx1 <= free.xM + SAME_M || taken.yM >= y1 - SAME_M || ty1 <= free.yM + SAME_M)
    return [free];
  return [
    { ...free, lengthM: taken.xM - free.xM },
    { ...free, xM: tx1, lengthM: x1 - tx1 },
    { ...free, widthM: taken.yM - free.yM },
    { ...free, yM: ty1, widthM: y1 - ty1 },
  ].filter((one) => one.lengthM > SAME_M && one.widthM > SAME_M);
};

const holds = (outer: Rectangle, inner: Rectangle): boolean =>
  inner.xM >= outer.xM - SAME_M &&
  inner.yM >= outer.yM - SAME_M &&
  inner.xM + inner.lengthM <= outer.xM + outer.lengthM + SAME_M &&
  inner.yM + inner.widthM <= outer.yM + outer.widthM + SAME_M;

/** Without those that lie in another one. */
const largest = (all: readonly Rectangle[]): Rectangle[] =>
  all.filter((one, i) => !all.some((other, k) => k !== i && holds(other, one) && (!holds(one, other) || k < i)));

/**
 * Parts wherever there is room, as a table that burns cuts them: of all rectangles that are free, as large as each can be, the one that fits
 * best (maximal rectangles, Jylänki 2010). Parts and sheet are wider by one cut, so that neighbours are a cut apart.
 */
const laidAnywhere = (
  parts: readonly SheetPart[],
  sheet: Size,
  kerfM: number,
  order: readonly number[],
  fit: Fit,
): readonly CutSheet[] => {
  const sheets: OpenSheet[] = [];
  const whole = { xM: 0, yM: 0, lengthM: sheet.lengthM + kerfM, widthM: sheet.widthM + kerfM };
  for (const index of order) {
    const part = parts[index];
    if (!part) continue;
    let best: { open: OpenSheet; taken: Rectangle; turned: boolean; rest: number } | undefined;
    const look = (open: OpenSheet): void => {
      for (const free of open.left)
        for (const { lengthM, widthM, turned } of waysOf(part)) {
          const [long, wide] = [lengthM + kerfM, widthM + kerfM];
          if (!fitsIn(free, long, wide)) continue;
          const rest = restBy(free, long, wide, fit);
          if (best && rest >= best.rest - SAME_M) continue;
          best = { open, taken: { xM: free.xM, yM: free.yM, lengthM: long, widthM: wide }, turned, rest };
        }
    };
    sheets.forEach(look);
    if (!best) {
      const fresh: OpenSheet = { placed: [], left: [whole] };
      sheets.push(fresh);
      look(fresh);
    }
    if (!best) continue;
    const { open, taken, turned } = best;
    const size = { lengthM: taken.lengthM - kerfM, widthM: taken.widthM - kerfM };
    open.placed.push({ part: index, xM: taken.xM, yM: taken.yM, ...size, turned });
    open.left = largest(open.left.flatMap((free) => besides(free, taken)));
  }
  return sheets.map(({ placed, left }) => ({
    placed,
    left: left
      .map((one) => ({ ...one, lengthM: one.lengthM - kerfM, widthM: one.widthM - kerfM }))
      .filter(({ lengthM, widthM }) => lengthM > SAME_M && widthM > SAME_M),
  }));
};

const areaOf = ({ lengthM, widthM }: Size): number => lengthM * widthM;
const largestLeft = (sheets: readonly CutSheet[]): number =>
  Math.max(0, ...sheets.flatMap(({ left }) => left.map(areaOf)));

/** Two parts that share no sheet, whichever way they lie: too long and too wide together. */
const areApart = (one: SheetPart, other: SheetPart, sheet: Size, kerfM: number): boolean =>
  waysOf(one).every((a) =>
    waysOf(other).every(
      (b) =>
        !fitsIn(sheet, a.lengthM, a.widthM) ||
        !fitsIn(sheet, b.lengthM, b.widthM) ||
        (a.lengthM + kerfM + b.lengthM > sheet.lengthM + SAME_M && a.widthM + kerfM + b.widthM > sheet.widthM + SAME_M),
    ),
  );

/**
 * Rounds a share of a side so that whatever fits beside one another in truth still adds up to one side at most; 0 leaves it as it is. Source:
 * Fekete and Schepers, New classes of lower bounds for bin packing problems, 2001: u(k).
 */
const rounded = (share: number, k: number): number => {
  if (k === 0) return share;
  const times = share * (k + 1);
  return Math.abs(times - Math.round(times)) < 1e-9 ? share : Math.floor(times) / k;
};
const ROUNDINGS = [0, 1, 2, 3, 4, 5, 6] as const;

/** No way of cutting needs fewer sheets: by area and by how many lie side by side, the saw's loss beside every part counted in. */
const leastOf = (parts: readonly SheetPart[], sheet: Size, kerfM: number): number => {
  const shares = parts.map((part) =>
    waysOf(part)
      .filter(({ lengthM, widthM }) => fitsIn(sheet, lengthM, widthM))
      .map(({ lengthM, widthM }) => ({
        x: Math.min(1, (lengthM + kerfM) / (sheet.lengthM + kerfM)),
        y: Math.min(1, (widthM + kerfM) / (sheet.widthM + kerfM)),
      })),
  );
  const bounds = ROUNDINGS.flatMap((k) =>
    ROUNDINGS.map((l) =>
      shares.reduce((sum, ways) => sum + Math.min(...ways.map(({ x, y }) => rounded(x, k) * rounded(y, l))), 0),
    ),
  );
  const apart: SheetPart[] = [];
  for (const part of parts.toSorted((a, b) => areaOf(b) - areaOf(a)))
    if (apart.every((one) => areApart(one, part, sheet, kerfM))) apart.push(part);
  return Math.max(Math.ceil(Math.max(...bounds) - 1e-6), apart.length);
};

/** How a sheet is cut: by a saw right through what is left, or by a table that burns wherever there is room. */
export type SheetCuts = 'through' | 'anywhere';

/**
 * Rectangles on as few sheets as can be found: sixty ways of choosing place, cut and order are tried with every cut going right through what is
 * left, as a panel saw cuts; for a table that burns fifteen more; and of those with the fewest sheets the one with the largest piece left. All
 * parts must fit on a sheet.
 */
export const nestSheets = (
  parts: readonly SheetPart[],
  sheet: Size,
  kerfM: number,
  cuts: SheetCuts = 'through',
): SheetNest => {
  const leastSheets = parts.length === 0 ? 0 : leastOf(parts, sheet, kerfM);
  let best: readonly CutSheet[] | undefined;
  const take = (sheets: readonly CutSheet[]): void => {
    const better =
      !best ||
      sheets.length < best.length ||
      (sheets.length === best.length && largestLeft(sheets) > largestLeft(best) + SAME_M);
    if (better) best = sheets;
  };
  for (const by of ORDERS) {
    const order = parts
      .map((_, i) => i)
      .sort((a, b) => sizeBy(parts[b] as SheetPart, by) - sizeBy(parts[a] as SheetPart, by) || a - b);
    for (const fit of FITS) {
      for (const split of SPLITS) take(laidBy(parts, sheet, kerfM, order, { fit, split }));
      if (cuts === 'anywhere') take(laidAnywhere(parts, sheet, kerfM, order, fit));
    }
  }
  return { sheets: best ?? [], leastSheets };
};
