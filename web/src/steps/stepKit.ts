import {
  type Bar,
  findSection,
  madeIn,
  metalOfNewSection,
  METALS,
  type Material,
  type Trailer,
  type Source,
  sourceText,
} from '@kereta/core';
import type { Option } from '../fields/fields';
import { t, voice } from '../fields/language/t';
import { metalName } from '../fields/metalName';

/** Metals that a section is made in: by kind, and by what each standard covers. */
export const materialOptions = (trailer: Trailer, sectionId: string): readonly Option[] => {
  const section = findSection(trailer, sectionId);
  const metals: readonly Material[] = [...trailer.ownRows.materials, ...METALS];
  return metals
    .filter((metal) => !section || (metal.family === section.family && madeIn(metal, section.shape.kind)))
    .map(({ id, name }) => ({ value: id, text: voice.name(name) }));
};

/** A newly chosen section with the metal that comes with it, and how the change is called. */
export const sectionChange = (
  trailer: Trailer,
  present: Pick<Bar, 'sectionId' | 'materialId'>,
  sectionId: string,
): { readonly bar: Pick<Bar, 'sectionId' | 'materialId'>; readonly label: string } => {
  const { materialId } = metalOfNewSection(trailer, present, sectionId);
  const name = findSection(trailer, sectionId)?.designation ?? sectionId;
  const metal = metalName(trailer, materialId);
  return {
    bar: { sectionId, materialId },
    label: metal === undefined || materialId === present.materialId ? name : t('{name}, in {metal}', { name, metal }),
  };
};

/** Said under a metal: that it is what the section is usually sold in, or what that would be. */
export const metalNote = (trailer: Trailer, { sectionId, materialId }: Bar): string => {
  const usual = findSection(trailer, sectionId)?.usualMaterialId;
  return usual === undefined || usual === materialId
    ? t('what it is usually sold in')
    : t('usually sold in {name}', { name: metalName(trailer, usual) ?? usual });
};

/** Where a chosen catalog row has its figures from, said under the choice. */
export const rowSource = (
  rows: readonly { readonly id: string; readonly source: Source }[],
  id: string | null,
): string => {
  const row = rows.find((candidate) => candidate.id === id);
  return row ? sourceText(row.source, voice) : t('Your own figures');
};
