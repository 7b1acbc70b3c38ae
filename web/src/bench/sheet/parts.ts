import {
  buildChassis,
  changeItem,
  changeOwnBar,
  changeOwnPanel,
  changePiece,
  type Piece,
  shiftedOwnBar,
  type Evaluation,
  itemPart,
  moveCrossMember,
  type Trailer,
  type Speaker,
  toMetres,
  fromMetres,
  removeCrossMember,
  removeItem,
  pieceOf,
  removeOwnBar,
  removeOwnPanel,
  removePiece,
} from '@kereta/core';
import { inner, t } from '../../fields/language/t';

/** What can be picked on the drawing, front to back. */
export const pickableParts = (trailer: Trailer, { chassis }: Evaluation): readonly string[] => {
  const members = chassis.members
    .filter(({ group }) => group !== 'side')
    .map(({ id, extent }) => ({ id, xM: extent.x0M }));
  const panels = chassis.panels.filter(({ own }) => own).map(({ id, extent }) => ({ id, xM: extent.x0M }));
  const items = trailer.items.map((item) => ({ id: item.id, xM: itemPart(trailer, chassis, item).x0M }));
  const axle = trailer.runningGear.layout === 'none' ? [] : [{ id: 'axle', xM: trailer.runningGear.positionM }];
  const coupler = [{ id: 'coupler', xM: chassis.ballXM }];
  return [...coupler, ...members, ...panels, ...items, ...axle].sort((a, b) => a.xM - b.xM).map(({ id }) => id);
};

/** Where a piece stands along the bed, and how it is moved; undefined for one that goes by the bed's own ends. */
const pieceAlong = (
  piece: Piece,
): { readonly xM: number; readonly movedBy: (byM: number) => Partial<Piece> } | undefined => {
  switch (piece.kind) {
    case 'headboard':
      return { xM: piece.atM, movedBy: (byM) => ({ atM: piece.atM + byM }) };
    case 'gate':
      return piece.edge === 'left' || piece.edge === 'right'
        ? { xM: piece.atM, movedBy: (byM) => ({ atM: piece.atM + byM }) }
        : undefined;
    case 'rack':
    case 'upper-frame':
      return { xM: piece.fromM, movedBy: (byM) => ({ fromM: piece.fromM + byM, toM: piece.toM + byM }) };
    default:
      return undefined;
  }
};

/** Bars, panels and pieces of one's own: where they stand along the bed, and the trailer with them moved. */
const ownAlong = (
  trailer: Trailer,
  id: string,
): { readonly xM: number; readonly moved: (byM: number) => Trailer } | undefined => {
  const piece = pieceOf(trailer, id);
  const along = piece && pieceAlong(piece);
  if (piece && along) return { xM: along.xM, moved: (byM) => changePiece(trailer, piece.id, along.movedBy(byM)) };
  const panel = trailer.frame.ownPanels.find((own) => own.id === id);
  if (panel?.place.kind === 'at') {
    const { place } = panel;
    const across = place.plane === 'across';
    return {
      xM: across ? place.atM : place.fromM,
      moved: (byM) =>
        changeOwnPanel(trailer, id, {
          place: across
            ? { ...place, atM: place.atM + byM }
            : { ...place, fromM: place.fromM + byM, toM: place.toM + byM },
        }),
    };
  }
  const own = trailer.frame.ownBars.find((candidate) => candidate.id === id);
  const chassis = own && buildChassis(trailer);
  const line = chassis?.members.find((member) => member.id === id)?.line;
  if (!own || !chassis || !line || !shiftedOwnBar(chassis, own, 0, id)) return undefined;
  return {
    xM: line.start[0],
    moved: (byM) => changeOwnBar(trailer, id, shiftedOwnBar(chassis, own, byM, id) ?? {}),
  };
};

/** Whether a part of one's own can be moved along the ruler. */
export const movesAlong = (trailer: Trailer, id: string): boolean => ownAlong(trailer, id) !== undefined;

/** Where a part that moves along the ruler stands: its own middle, m; undefined for one that does not move. */
export const partPlaceM = (trailer: Trailer, { chassis }: Evaluation, id: string): number | undefined => {
  if (id === 'axle') return trailer.runningGear.layout === 'none' ? undefined : trailer.runningGear.positionM;
  if (id === 'coupler') return -trailer.frame.tongue.lengthM;
  const item = trailer.items.find((candidate) => candidate.id === id);
  if (item) return itemPart(trailer, chassis, item).centre.xM;
  return chassis.crossPlaced.find((member) => member.id === id)?.xM ?? ownAlong(trailer, id)?.xM;
};

/** A ball is not dragged nearer to the bed than this, m. */
const SHORTEST_TONGUE_M = toMetres(4, 'in');

export const movePart = (trailer: Trailer, evaluation: Evaluation, id: string, toXM: number): Trailer => {
  if (id === 'axle') return { ...trailer, runningGear: { ...trailer.runningGear, positionM: toXM } };
  if (id === 'coupler') {
    const { tongue } = trailer.frame;
    const lengthM = Math.max(SHORTEST_TONGUE_M, -toXM);
    return { ...trailer, frame: { ...trailer.frame, tongue: { ...tongue, lengthM } } };
  }
  const own = ownAlong(trailer, id);
  if (own) return own.moved(toXM - own.xM);
  const from = partPlaceM(trailer, evaluation, id);
  if (from === undefined) return trailer;
  if (trailer.items.some((item) => item.id === id)) {
    return changeItem(trailer, id, (item) => ({
      ...item,
      attach: { ...item.attach, offsetM: { ...item.attach.offsetM, value: item.attach.offsetM.value + toXM - from } },
    }));
  }
  return moveCrossMember(trailer, evaluation.chassis.crossPlaced, id, toXM);
};

/** Which way a part goes off; undefined for one that stays. A part of a ready-made piece takes the piece with it. */
const remover = (trailer: Trailer, evaluation: Evaluation, id: string): (() => Trailer) | undefined => {
  const { ownBars, ownPanels } = trailer.frame;
  const piece = pieceOf(trailer, id);
  if (trailer.items.some((item) => item.id === id)) return () => removeItem(trailer, id);
  if (ownBars.some((own) => own.id === id)) return () => removeOwnBar(trailer, id);
  if (ownPanels.some((own) => own.id === id)) return () => removeOwnPanel(trailer, id);
  if (piece) return () => removePiece(trailer, piece.id);
  return evaluation.chassis.crossPlaced.some((member) => member.id === id)
    ? () => removeCrossMember(trailer, evaluation.chassis.crossPlaced, id)
    : undefined;
};

export const canRemove = (trailer: Trailer, evaluation: Evaluation, id: string): boolean =>
  remover(trailer, evaluation, id) !== undefined;

export const removePart = (trailer: Trailer, evaluation: Evaluation, id: string): Trailer =>
  remover(trailer, evaluation, id)?.() ?? trailer;

/** A part's name in a sentence: "axle", "cross-member 2", "Oven". */
export const spokenName = (say: Speaker, id: string): string => {
  if (id === 'axle') return 'axle';
  return say.trailer.items.some((item) => item.id === id) ? say.partName(id) : inner(say.partName(id));
};

/** How the place of a part is written: the ball's as the tongue's length, ahead of the bed. */
export const placeText = (say: Speaker, id: string, xM: number): string => say.length(id === 'coupler' ? -xM : xM);

/** Name of the edit that brings a part to a place. */
export const moveName = (say: Speaker, id: string, toXM: number): string =>
  id === 'coupler'
    ? t('tongue {say} long', { say: placeText(say, id, toXM) })
    : t('{say} to {toX}', { say: spokenName(say, id), toX: say.length(toXM) });

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

export const stepsOf = (trailer: Trailer) => STEPS[trailer.settings.units];

/** Nearest whole step, written so that 70 in is 70 in and not 69.99999. */
export const snapTo = (xM: number, stepM: number, trailer: Trailer): number => {
  const unit = trailer.settings.units === 'imperial' ? 'in' : 'mm';
  const inUnit = Math.round(xM / stepM) * fromMetres(stepM, unit);
  return toMetres(Number(inUnit.toFixed(6)), unit);
};
