import { inches } from '../units/index.js';
import type { Design, Frame, OwnPanel, Piece, Settings } from './schema.js';

const withFrame = <D extends Design>(design: D, frame: Partial<Frame>): D => ({
  ...design,
  frame: { ...design.frame, ...frame },
});

/** Without what was changed of parts that go with these. */
const overridesWithout = ({ frame }: Design, gone: (id: string) => boolean): Frame['overrides'] =>
  Object.fromEntries(Object.entries(frame.overrides).filter(([id]) => !gone(id)));

export const addPiece = <D extends Design>(design: D, piece: Piece): D =>
  withFrame(design, { pieces: [...design.frame.pieces, piece] });

/** Changes fields of a piece; those that its kind does not have are not looked at. */
export const changePiece = <D extends Design>(design: D, id: string, change: Partial<Piece>): D =>
  withFrame(design, {
    pieces: design.frame.pieces.map((piece) => (piece.id === id ? ({ ...piece, ...change } as Piece) : piece)),
  });

export const removePiece = <D extends Design>(design: D, id: string): D => {
  const own = id.replace(/^piece\./, '');
  const without = withFrame(design, {
    pieces: design.frame.pieces.filter((piece) => piece.id !== id),
    overrides: overridesWithout(design, (part) => part.startsWith(`bar.${own}.`)),
  });
  const cases = without.cases.map((loadCase) =>
    loadCase.gatesDown?.includes(id)
      ? { ...loadCase, gatesDown: loadCase.gatesDown.filter((gate) => gate !== id) }
      : loadCase,
  );
  return { ...without, cases };
};

export const addOwnPanel = <D extends Design>(design: D, panel: OwnPanel): D =>
  withFrame(design, { ownPanels: [...design.frame.ownPanels, panel] });

export const changeOwnPanel = <D extends Design>(design: D, id: string, change: Partial<OwnPanel>): D =>
  withFrame(design, {
    ownPanels: design.frame.ownPanels.map((panel) => (panel.id === id ? { ...panel, ...change } : panel)),
  });

export const removeOwnPanel = <D extends Design>(design: D, id: string): D =>
  withFrame(design, { ownPanels: design.frame.ownPanels.filter((panel) => panel.id !== id) });

/** A panel to start from: a board upright along the middle of the bed. */
export const newOwnPanel = ({ frame }: Pick<Design, 'frame'>, units: Settings['units'], id: string): OwnPanel => {
  const size = (inch: number, mm: number): number => (units === 'metric' ? mm / 1000 : inches(inch));
  return {
    id,
    sheet: { kind: 'plywood', thicknessM: size(1 / 2, 12) },
    place: {
      kind: 'at',
      plane: 'across',
      atM: 0,
      fromM: -frame.bed.widthM / 2,
      toM: frame.bed.widthM / 2,
      lowM: 0,
      highM: size(24, 600),
    },
    cutouts: [],
    existing: false,
    carries: false,
  };
};
