import { METALS, type Material } from '../materials/index.js';
import { SECTION_ROWS, type SectionRow } from '../catalog/index.js';
import type { Bar, BarGroup, Project } from './schema.js';

const sectionsById = new Map(SECTION_ROWS.map((row) => [row.id, row]));
const materialsById = new Map(METALS.map((row) => [row.id, row]));

/** A section by id; the project's own rows come before the catalog's. */
export const findSection = (project: Project, id: string): SectionRow | undefined =>
  project.ownRows.sections.find((row) => row.id === id) ?? sectionsById.get(id);

export const findMaterial = (project: Project, id: string): Material | undefined =>
  project.ownRows.materials.find((row) => row.id === id) ?? materialsById.get(id);

/** Bar of a member: its group's, with its own section or material where it was changed alone. */
/** Two bars side by side where one would be. */
export const isDoubled = (project: Project, memberId: string): boolean =>
  project.frame.overrides[memberId]?.doubled === true;

export const barOf = (project: Project, group: BarGroup, memberId: string): Bar => {
  const override = project.frame.overrides[memberId];
  const own = project.frame.groups[group];
  return { sectionId: override?.sectionId ?? own.sectionId, materialId: override?.materialId ?? own.materialId };
};
