import type { Point3 } from '../chassis/index.js';
import type { Part, PartGroup } from './part.js';

export interface MassSum {
  readonly massKg: number;
  /** balance point; undefined where nothing weighs anything */
  readonly centre: Point3 | undefined;
}

/** Σm and Σm·x ÷ Σm in each direction. */
export const sumMass = (parts: readonly Pick<Part, 'massKg' | 'centre'>[]): MassSum => {
  let massKg = 0;
  let x = 0;
  let y = 0;
  let z = 0;
  for (const part of parts) {
    massKg += part.massKg;
    x += part.massKg * part.centre.xM;
    y += part.massKg * part.centre.yM;
    z += part.massKg * part.centre.zM;
  }
  return { massKg, centre: massKg > 0 ? { xM: x / massKg, yM: y / massKg, zM: z / massKg } : undefined };
};

const GROUPS: readonly PartGroup[] = ['frame', 'deck', 'sides', 'body', 'running-gear', 'coupling', 'fixed', 'cargo'];

/** One sum per group that holds anything, in the order they are built. */
export const sumByGroup = (parts: readonly Part[]): readonly (MassSum & { readonly group: PartGroup })[] =>
  GROUPS.map((group) => ({ group, ...sumMass(parts.filter((part) => part.group === group)) })).filter(
    ({ massKg }) => massKg > 0,
  );
