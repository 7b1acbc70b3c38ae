import { METALS, type Material } from '../materials/index.js';
import { SECTION_ROWS, type SectionRow } from '../catalog/index.js';
import type { Bar, BarGroup, Design, Frame, Piece } from './schema.js';

const sectionsById = new Map(SECTION_ROWS.map((row) => [row.id, row]));
const materialsById = new Map(METALS.map((row) => [row.id, row]));

/** A section by id; the project's own rows come before the catalog's. */
export const findSection = (design: Design, id: string): SectionRow | undefined =>
  design.ownRows.sections.find((row) => row.id === id) ?? sectionsById.get(id);

export const findMaterial = (design: Design, id: string): Material | undefined =>
  design.ownRows.materials.find((row) => row.id === id) ?? materialsById.get(id);

/** What was changed of this member alone; its id may have come with a file and be any word. */
export const overrideOf = ({ frame }: Design, memberId: string): Frame['overrides'][string] | undefined =>
  Object.hasOwn(frame.overrides, memberId) ? frame.overrides[memberId] : undefined;

/** Two bars side by side where one would be. */
export const isDoubled = (design: Design, memberId: string): boolean => overrideOf(design, memberId)?.doubled === true;

/** The id of the ready-made piece that a bar or panel is of by its own id; undefined for others. */
export const pieceIdOf = (id: string): string | undefined => {
  const own = /^(?:bar|panel|wheel)\.([^.]+)\./.exec(id)?.[1];
  return own === undefined ? undefined : `piece.${own}`;
};

/** The ready-made piece that a bar, a panel or the piece itself is of, by its id; undefined for what is of none. */
export const pieceOf = ({ frame }: Pick<Design, 'frame'>, id: string): Piece | undefined => {
  const [, own] = /^(?:bar|panel|wheel|piece)\.([^.]+)/.exec(id) ?? [];
  return own === undefined ? undefined : frame.pieces.find((piece) => piece.id === `piece.${own}`);
};

/** Whether a bar or panel is of this ready-made piece, by their ids. */
export const isOfPiece = (partId: string, pieceId: string): boolean => pieceIdOf(partId) === pieceId;

/** A bar of one's own, or of a piece, has its own section and metal, and no side that it looks to but by its turn. */
const ownBarOf = (design: Design, id: string): Bar => {
  const own = design.frame.ownBars.find((candidate) => candidate.id === id) ?? pieceOf(design, id);
  const { sectionId = '', materialId = '' } = own ?? {};
  return { sectionId, materialId, faces: 'in' };
};

/** Bar of a member: its group's, with its own section or material where it was changed alone. */
export const barOf = (design: Design, group: BarGroup, memberId: string): Bar => {
  const override = overrideOf(design, memberId);
  const own = group === 'own' ? ownBarOf(design, memberId) : design.frame.groups[group];
  return {
    sectionId: override?.sectionId ?? own.sectionId,
    materialId: override?.materialId ?? own.materialId,
    faces: own.faces,
  };
};
