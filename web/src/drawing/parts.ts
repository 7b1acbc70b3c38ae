import {
  changeItem,
  type Evaluation,
  itemPart,
  moveCrossMember,
  type Project,
  type Speaker,
  toMetres,
  fromMetres,
  removeCrossMember,
  removeItem,
} from '@kereta/core';

/** What can be picked on the drawing, front to back. */
export const pickableParts = (project: Project, { chassis }: Evaluation): readonly string[] => {
  const members = chassis.members
    .filter(({ group }) => group !== 'side')
    .map(({ id, extent }) => ({ id, xM: extent.x0M }));
  const items = project.items.map((item) => ({ id: item.id, xM: itemPart(project, chassis, item).x0M }));
  const axle = project.runningGear.layout === 'none' ? [] : [{ id: 'axle', xM: project.runningGear.positionM }];
  const coupler = [{ id: 'coupler', xM: chassis.ballXM }];
  return [...coupler, ...members, ...items, ...axle].sort((a, b) => a.xM - b.xM).map(({ id }) => id);
};

/** Where a part that moves along the ruler stands: its own middle, m; undefined for one that does not move. */
export const partPlaceM = (project: Project, { chassis }: Evaluation, id: string): number | undefined => {
  if (id === 'axle') return project.runningGear.layout === 'none' ? undefined : project.runningGear.positionM;
  if (id === 'coupler') return -project.frame.tongue.lengthM;
  const item = project.items.find((candidate) => candidate.id === id);
  if (item) return itemPart(project, chassis, item).centre.xM;
  return chassis.crossPlaced.find((member) => member.id === id)?.xM;
};

/** A ball is not dragged nearer to the bed than this, m. */
const SHORTEST_TONGUE_M = toMetres(4, 'in');

export const movePart = (project: Project, evaluation: Evaluation, id: string, toXM: number): Project => {
  if (id === 'axle') return { ...project, runningGear: { ...project.runningGear, positionM: toXM } };
  if (id === 'coupler') {
    const { tongue } = project.frame;
    const lengthM = Math.max(SHORTEST_TONGUE_M, -toXM);
    return { ...project, frame: { ...project.frame, tongue: { ...tongue, lengthM } } };
  }
  const from = partPlaceM(project, evaluation, id);
  if (from === undefined) return project;
  if (project.items.some((item) => item.id === id)) {
    return changeItem(project, id, (item) => ({
      ...item,
      attach: { ...item.attach, offsetM: { ...item.attach.offsetM, value: item.attach.offsetM.value + toXM - from } },
    }));
  }
  return moveCrossMember(project, evaluation.chassis.crossPlaced, id, toXM);
};

export const canRemove = (project: Project, evaluation: Evaluation, id: string): boolean =>
  project.items.some((item) => item.id === id) || evaluation.chassis.crossPlaced.some((member) => member.id === id);

export const removePart = (project: Project, evaluation: Evaluation, id: string): Project =>
  project.items.some((item) => item.id === id)
    ? removeItem(project, id)
    : removeCrossMember(project, evaluation.chassis.crossPlaced, id);

/** A part's name in a sentence: "axle", "cross-member 2", "Oven". */
export const spokenName = (say: Speaker, id: string): string => {
  if (id === 'axle') return 'axle';
  return say.project.items.some((item) => item.id === id) ? say.partName(id) : say.partName(id).toLowerCase();
};

/** How the place of a part is written: the ball's as the tongue's length, ahead of the bed. */
export const placeText = (say: Speaker, id: string, xM: number): string => say.length(id === 'coupler' ? -xM : xM);

/** Name of the edit that brings a part to a place. */
export const moveName = (say: Speaker, id: string, toXM: number): string =>
  id === 'coupler' ? `tongue ${placeText(say, id, toXM)} long` : `${spokenName(say, id)} to ${say.length(toXM)}`;

/** Steps of snapping and nudging, m. */
const STEPS = {
  imperial: {
    snap: toMetres(1 / 16, 'in'),
    fine: toMetres(1 / 64, 'in'),
    nudge: toMetres(1 / 16, 'in'),
    far: toMetres(1, 'in'),
    page: toMetres(1, 'ft'),
  },
  metric: {
    snap: toMetres(1, 'mm'),
    fine: toMetres(0.1, 'mm'),
    nudge: toMetres(1, 'mm'),
    far: toMetres(10, 'mm'),
    page: toMetres(100, 'mm'),
  },
} as const;

export const stepsOf = (project: Project) => STEPS[project.settings.units];

/** Nearest whole step, written so that 70 in is 70 in and not 69.99999. */
export const snapTo = (xM: number, stepM: number, project: Project): number => {
  const unit = project.settings.units === 'imperial' ? 'in' : 'mm';
  const inUnit = Math.round(xM / stepM) * fromMetres(stepM, unit);
  return toMetres(Number(inUnit.toFixed(6)), unit);
};
