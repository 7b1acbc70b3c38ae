import type { Item, LoadCase, Project } from './schema.js';

/** Edits that touch more than one field; each returns a new project and leaves the old one as it was. */

const withFrame = (project: Project, frame: Partial<Project['frame']>): Project => ({
  ...project,
  frame: { ...project.frame, ...frame },
});

/** Turns a spaced run into a list with the same stable ids, so that one of them can be moved or changed alone. */
export const explicitCrossMembers = (
  project: Project,
  placed: readonly { readonly id: string; readonly xM: number }[],
): Project =>
  project.frame.crossMembers.kind === 'explicit'
    ? project
    : withFrame(project, { crossMembers: { kind: 'explicit', members: placed.map(({ id, xM }) => ({ id, xM })) } });

export const moveCrossMember = (
  project: Project,
  placed: readonly { readonly id: string; readonly xM: number }[],
  id: string,
  xM: number,
): Project => {
  if (project.frame.extras.some((extra) => extra.id === id)) {
    return withFrame(project, {
      extras: project.frame.extras.map((extra) => (extra.id === id ? { ...extra, xM } : extra)),
    });
  }
  const { crossMembers } = explicitCrossMembers(project, placed).frame;
  if (crossMembers.kind !== 'explicit') return project;
  return withFrame(project, {
    crossMembers: {
      ...crossMembers,
      members: crossMembers.members.map((member) => (member.id === id ? { ...member, xM } : member)),
    },
  });
};

export const addCrossMember = (project: Project, id: string, xM: number): Project =>
  withFrame(project, { extras: [...project.frame.extras, { id, xM }] });

export const removeCrossMember = (
  project: Project,
  placed: readonly { readonly id: string; readonly xM: number }[],
  id: string,
): Project => {
  const { [id]: _removed, ...overrides } = project.frame.overrides;
  if (project.frame.extras.some((extra) => extra.id === id)) {
    return withFrame(project, { extras: project.frame.extras.filter((extra) => extra.id !== id), overrides });
  }
  const { crossMembers } = explicitCrossMembers(project, placed).frame;
  if (crossMembers.kind !== 'explicit') return project;
  return withFrame(project, {
    crossMembers: { ...crossMembers, members: crossMembers.members.filter((member) => member.id !== id) },
    overrides,
  });
};

/** Gives one member a bar of its own; undefined gives it back to its group. */
export const overrideBar = (
  project: Project,
  placed: readonly { readonly id: string; readonly xM: number }[],
  id: string,
  bar: Partial<Project['frame']['overrides'][string]> | undefined,
): Project => {
  const listed = placed.some((member) => member.id === id) ? explicitCrossMembers(project, placed) : project;
  const { [id]: old, ...others } = listed.frame.overrides;
  const overrides = bar === undefined ? others : { ...others, [id]: { ...old, ...bar } };
  return withFrame(listed, { overrides });
};

/** The other one of a left and right pair; undefined for what stands alone. */
export const pairOf = (memberId: string): string | undefined => {
  if (memberId.endsWith('.left')) return memberId.replace(/left$/, 'right');
  return memberId.endsWith('.right') ? memberId.replace(/right$/, 'left') : undefined;
};

export const changeItem = (project: Project, id: string, change: (item: Item) => Item): Project => ({
  ...project,
  items: project.items.map((item) => (item.id === id ? change(item) : item)),
});

export const addItem = (project: Project, item: Item, caseIds: readonly string[]): Project => ({
  ...project,
  items: [...project.items, item],
  cases: project.cases.map((loadCase) =>
    caseIds.includes(loadCase.id)
      ? { ...loadCase, aboard: [...loadCase.aboard, { itemId: item.id, fill: 1, shiftM: 0 }] }
      : loadCase,
  ),
});

/** Takes an item away from the trailer and from every case; what stood on it comes down to the deck. */
export const removeItem = (project: Project, id: string): Project => ({
  ...project,
  items: project.items
    .filter((item) => item.id !== id)
    .map((item) =>
      item.attach.hostId === id
        ? { ...item, attach: { ...item.attach, hostId: null, on: item.attach.on === 'item' ? 'deck' : item.attach.on } }
        : item,
    ),
  cases: project.cases.map((loadCase) => ({
    ...loadCase,
    aboard: loadCase.aboard.filter((entry) => entry.itemId !== id),
  })),
});

export const changeCase = (project: Project, id: string, change: (loadCase: LoadCase) => LoadCase): Project => ({
  ...project,
  cases: project.cases.map((loadCase) => (loadCase.id === id ? change(loadCase) : loadCase)),
});

export const setAboard = (project: Project, caseId: string, itemId: string, aboard: boolean): Project =>
  changeCase(project, caseId, (loadCase) => {
    const others = loadCase.aboard.filter((entry) => entry.itemId !== itemId);
    return { ...loadCase, aboard: aboard ? [...others, { itemId, fill: 1, shiftM: 0 }] : others };
  });

export const removeCase = (project: Project, id: string): Project => ({
  ...project,
  cases: project.cases.filter((loadCase) => loadCase.id !== id),
  axleCaseId: project.axleCaseId === id ? null : project.axleCaseId,
});
