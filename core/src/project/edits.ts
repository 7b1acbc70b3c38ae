import type { Design, Frame, Item, LoadCase, OwnBar } from './schema.js';

/** Edits that touch more than one field; each returns a new design (or whole trailer, as it was given) and leaves the old one as it was. */

const withFrame = <D extends Design>(design: D, frame: Partial<Frame>): D => ({
  ...design,
  frame: { ...design.frame, ...frame },
});

const isExtra = ({ frame }: Design, id: string): boolean => frame.extras.some((extra) => extra.id === id);

/**
 * Turns a spaced run into a list with the same stable ids, so that one of them can be moved or changed alone. Those that were added by
 * hand stay where they are kept already.
 */
export const explicitCrossMembers = <D extends Design>(
  design: D,
  placed: readonly { readonly id: string; readonly xM: number }[],
): D =>
  design.frame.crossMembers.kind === 'explicit'
    ? design
    : withFrame(design, {
        crossMembers: {
          kind: 'explicit',
          members: placed.filter(({ id }) => !isExtra(design, id)).map(({ id, xM }) => ({ id, xM })),
        },
      });

export const moveCrossMember = <D extends Design>(
  design: D,
  placed: readonly { readonly id: string; readonly xM: number }[],
  id: string,
  xM: number,
): D => {
  if (isExtra(design, id)) {
    return withFrame(design, {
      extras: design.frame.extras.map((extra) => (extra.id === id ? { ...extra, xM } : extra)),
    });
  }
  const { crossMembers } = explicitCrossMembers(design, placed).frame;
  if (crossMembers.kind !== 'explicit') return design;
  return withFrame(design, {
    crossMembers: {
      ...crossMembers,
      members: crossMembers.members.map((member) => (member.id === id ? { ...member, xM } : member)),
    },
  });
};

/** Half-way across the widest gap between cross-members and the bed's ends, m: where one more does most and stands on none. */
export const widestGapM = (placed: readonly { readonly xM: number }[], bedLengthM: number): number => {
  const places = [0, ...placed.map(({ xM }) => xM).sort((a, b) => a - b), bedLengthM];
  let [widest, middle] = [0, bedLengthM / 2];
  places.slice(1).forEach((to, i) => {
    const from = places[i] ?? 0;
    if (to - from > widest + 1e-6) [widest, middle] = [to - from, (from + to) / 2];
  });
  return middle;
};

export const addCrossMember = <D extends Design>(design: D, id: string, xM: number): D =>
  withFrame(design, { extras: [...design.frame.extras, { id, xM }] });

export const removeCrossMember = <D extends Design>(
  design: D,
  placed: readonly { readonly id: string; readonly xM: number }[],
  id: string,
): D => {
  const { [id]: _removed, ...overrides } = design.frame.overrides;
  if (isExtra(design, id)) {
    return withFrame(design, { extras: design.frame.extras.filter((extra) => extra.id !== id), overrides });
  }
  const { crossMembers } = explicitCrossMembers(design, placed).frame;
  if (crossMembers.kind !== 'explicit') return design;
  return withFrame(design, {
    crossMembers: { ...crossMembers, members: crossMembers.members.filter((member) => member.id !== id) },
    overrides,
  });
};

export const addOwnBar = <D extends Design>(design: D, own: OwnBar): D =>
  withFrame(design, { ownBars: [...design.frame.ownBars, own] });

export const changeOwnBar = <D extends Design>(design: D, id: string, change: Partial<OwnBar>): D =>
  withFrame(design, { ownBars: design.frame.ownBars.map((own) => (own.id === id ? { ...own, ...change } : own)) });

/** What stood on it stays, and says that it stands on nothing. */
export const removeOwnBar = <D extends Design>(design: D, id: string): D => {
  const { [id]: _removed, ...overrides } = design.frame.overrides;
  return withFrame(design, { ownBars: design.frame.ownBars.filter((own) => own.id !== id), overrides });
};

/** Gives one member a bar of its own; undefined gives it back to its group. */
export const overrideBar = <D extends Design>(
  design: D,
  placed: readonly { readonly id: string; readonly xM: number }[],
  id: string,
  bar: Partial<Frame['overrides'][string]> | undefined,
): D => {
  const ofRun = placed.some((member) => member.id === id) && !isExtra(design, id);
  const listed = ofRun ? explicitCrossMembers(design, placed) : design;
  const { [id]: old, ...others } = listed.frame.overrides;
  const overrides = bar === undefined ? others : { ...others, [id]: { ...old, ...bar } };
  return withFrame(listed, { overrides });
};

export const changeItem = <D extends Design>(design: D, id: string, change: (item: Item) => Item): D => ({
  ...design,
  items: design.items.map((item) => (item.id === id ? change(item) : item)),
});

export const addItem = <D extends Design>(design: D, item: Item, caseIds: readonly string[]): D => ({
  ...design,
  items: [...design.items, item],
  cases: design.cases.map((loadCase) =>
    caseIds.includes(loadCase.id)
      ? { ...loadCase, aboard: [...loadCase.aboard, { itemId: item.id, fill: 1, shiftM: 0 }] }
      : loadCase,
  ),
});

/** Takes an item away from the trailer and from every case; what stood on it comes down to the deck. */
export const removeItem = <D extends Design>(design: D, id: string): D => ({
  ...design,
  items: design.items
    .filter((item) => item.id !== id)
    .map((item) =>
      item.attach.hostId === id
        ? { ...item, attach: { ...item.attach, hostId: null, on: item.attach.on === 'item' ? 'deck' : item.attach.on } }
        : item,
    ),
  cases: design.cases.map((loadCase) => ({
    ...loadCase,
    aboard: loadCase.aboard.filter((entry) => entry.itemId !== id),
  })),
});

export const changeCase = <D extends Design>(design: D, id: string, change: (loadCase: LoadCase) => LoadCase): D => ({
  ...design,
  cases: design.cases.map((loadCase) => (loadCase.id === id ? change(loadCase) : loadCase)),
});

export const setAboard = <D extends Design>(design: D, caseId: string, itemId: string, aboard: boolean): D =>
  changeCase(design, caseId, (loadCase) => {
    const others = loadCase.aboard.filter((entry) => entry.itemId !== itemId);
    return { ...loadCase, aboard: aboard ? [...others, { itemId, fill: 1, shiftM: 0 }] : others };
  });

export const removeCase = <D extends Design>(design: D, id: string): D => ({
  ...design,
  cases: design.cases.filter((loadCase) => loadCase.id !== id),
  axleCaseId: design.axleCaseId === id ? null : design.axleCaseId,
});
