import { findMaterial, findSection, METALS, type Trailer, SECTION_ROWS, type Source, sourceText } from '@kereta/core';
import type { Option } from '../ui/fields';

/** Sections on offer: the project's own rows first, then the yard's list. */
export const sectionOptions = (trailer: Trailer): readonly Option[] =>
  [...trailer.ownRows.sections.map((row) => ({ ...row, group: 'Your own' })), ...SECTION_ROWS].map(
    ({ id, designation, group }) => ({ value: id, text: designation, group }),
  );

/** Metals that fit a section: steel for steel, aluminum for aluminum. */
export const materialOptions = (trailer: Trailer, sectionId: string): readonly Option[] => {
  const family = findSection(trailer, sectionId)?.family;
  return [...trailer.ownRows.materials, ...METALS]
    .filter((metal) => family === undefined || metal.family === family)
    .map(({ id, name }) => ({ value: id, text: name }));
};

/** Metal that goes with a newly chosen section: the old one where it still fits, else what the section is usually sold in. */
export const materialFor = (trailer: Trailer, sectionId: string, materialId: string): string => {
  const section = findSection(trailer, sectionId);
  const material = findMaterial(trailer, materialId);
  return section && material?.family !== section.family ? section.usualMaterialId : materialId;
};

/** Where a chosen catalog row has its figures from, said under the choice. */
export const rowSource = (
  rows: readonly { readonly id: string; readonly source: Source }[],
  id: string | null,
): string => {
  const row = rows.find((candidate) => candidate.id === id);
  return row ? sourceText(row.source) : 'Your own figures';
};
