import { madeIn } from '../materials/index.js';
import { findMaterial, findSection } from './parts.js';
import type { Design } from './schema.js';

/** A metal for a section, and why it is that one. */
export interface MetalOfSection {
  readonly materialId: string;
  /** usual: what such sections are sold in; kept: chosen on purpose before, and still possible */
  readonly because: 'usual' | 'kept';
}

/**
 * The metal that goes with a newly chosen section: what it is usually sold in, unless the present metal was chosen on purpose (another one
 * than the old section's usual) and is made in the new shape.
 */
export const metalOfNewSection = (
  design: Design,
  present: { readonly sectionId: string; readonly materialId: string },
  sectionId: string,
): MetalOfSection => {
  const section = findSection(design, sectionId);
  const metal = findMaterial(design, present.materialId);
  if (!section) return { materialId: present.materialId, because: 'kept' };
  const onPurpose = metal !== undefined && findSection(design, present.sectionId)?.usualMaterialId !== metal.id;
  return onPurpose && metal.family === section.family && madeIn(metal, section.shape.kind)
    ? { materialId: metal.id, because: 'kept' }
    : { materialId: section.usualMaterialId, because: 'usual' };
};
