import { inches } from '../units/index.js';
import type { Design, Piece, PieceKind, Settings, SheetFill } from './schema.js';

/** How many axles a layout has, for the length of what lies over them. */
const axleCountOf = ({ layout }: Design['runningGear']): number =>
  layout.startsWith('triple') ? 3 : layout.startsWith('tandem') ? 2 : 1;

/** What sizes of a new piece go by: the trailer, round figures of the project's units, usual fills. */
interface Site extends Pick<Design, 'frame' | 'runningGear'> {
  readonly own: Pick<Piece, 'id' | 'sectionId' | 'materialId'>;
  readonly size: (inch: number, mm: number) => number;
  readonly mesh: SheetFill;
}

type FixtureKind = Extract<PieceKind, 'fender' | 'step' | 'receiver' | 'spare'>;

/** Fenders, steps and what carries something outside of the bed. */
const newFixture = ({ frame, runningGear, own, size, mesh }: Site, kind: FixtureKind): Piece => {
  const { lengthM, widthM } = frame.bed;
  switch (kind) {
    case 'fender': {
      const { axle, tire, positionM, suspension } = runningGear;
      const reachM = (suspension.trackM + tire.widthM) / 2 + size(1.5, 40) - widthM / 2;
      return {
        ...own,
        kind,
        atM: positionM,
        lengthM: tire.diameterM + size(8, 200) + (axleCountOf(runningGear) - 1) * runningGear.spacingM,
        overhangM: Math.max(size(8, 200), reachM),
        levelM: size(8, 200) + Math.max(0, axle.dropM),
        skirtM: size(4, 100),
        fill: { kind: 'steel-sheet', thicknessM: size(1 / 8, 3) },
        standOn: false,
      };
    }
    case 'step':
      return {
        ...own,
        kind,
        edge: 'right',
        atM: Math.min(size(30, 750), lengthM / 2),
        widthM: size(24, 600),
        dropM: size(10, 250),
        depthM: size(8, 200),
        fill: mesh,
      };
    case 'receiver':
      return { ...own, kind, behindM: size(10, 250) };
    case 'spare':
      return { ...own, kind, edge: 'front', atM: widthM / 4, levelM: size(20, 500), wheel: true };
  }
};

/** A piece to start from, sized to the bed in the round figures of the project's units, of the section and metal that sides are of. */
export const newPiece = (
  { frame, runningGear }: Pick<Design, 'frame' | 'runningGear'>,
  units: Settings['units'],
  kind: PieceKind,
  id: string,
): Piece => {
  const size = (inch: number, mm: number): number => (units === 'metric' ? mm / 1000 : inches(inch));
  const { lengthM, widthM } = frame.bed;
  const { sectionId, materialId } = frame.groups.side;
  const own = { id, sectionId, materialId };
  const ply = (inch: number, mm: number): SheetFill => ({ kind: 'plywood', thicknessM: size(inch, mm) });
  const mesh: SheetFill = { kind: 'expanded-steel', thicknessM: size(1 / 8, 3.2) };
  const sheet: SheetFill = { kind: 'aluminum-sheet', thicknessM: size(0.04, 1) };
  const inset = Math.min(size(4, 100), lengthM / 10);
  const site = { frame, runningGear, own, size, mesh };
  switch (kind) {
    case 'sides':
      return {
        ...own,
        kind,
        edges: { left: true, right: true, front: true, rear: false },
        heightM: size(16, 400),
        postSpacingM: size(48, 1200),
        midRails: 1,
        fill: null,
        carries: false,
      };
    case 'gate':
      return {
        ...own,
        kind,
        edge: 'rear',
        atM: 0,
        widthM: Math.max(size(12, 300), widthM - size(4, 100)),
        heightM: size(48, 1200),
        bars: 3,
        gapM: size(1 / 4, 6),
        fill: mesh,
        held: 'ground',
      };
    case 'headboard':
      return { ...own, kind, atM: 0, heightM: size(36, 900), posts: 4, midRails: 1, fill: null };
    case 'rack':
      return {
        ...own,
        kind,
        fromM: inset,
        toM: lengthM - inset,
        hoops: 2,
        heightM: size(36, 900),
        overhangM: 0,
        longBars: true,
        braced: true,
      };
    case 'body':
      return {
        ...own,
        kind,
        heightM: size(60, 1500),
        postSpacingM: size(24, 600),
        carries: false,
        skinCarries: false,
        overhangM: 0,
        skin: sheet,
        roof: sheet,
        insulation: null,
        openings: [],
      };
    case 'upper-frame':
      return {
        ...own,
        kind,
        fromM: 0,
        toM: lengthM,
        heightM: size(6, 150),
        overhangM: size(12, 300),
        spacingM: size(24, 600),
        fill: ply(3 / 4, 18),
      };
    case 'shelf':
      return {
        ...own,
        kind,
        fromM: size(4, 100),
        toM: Math.min(size(24, 600), frame.tongue.lengthM * 0.6),
        widthM: size(24, 600),
        fill: ply(3 / 4, 18),
      };
    case 'bumper':
      return {
        ...own,
        kind,
        behindM: size(6, 150),
        widthM: Math.max(size(12, 300), widthM - size(4, 100)),
        levelM: -size(2, 50),
      };
    default:
      return newFixture(site, kind);
  }
};
