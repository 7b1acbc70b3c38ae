import type { Tongue } from '../../project/index.js';
import type { Member } from '../member.js';
import { isThrough } from './level.js';

/**
 * Bars across the bed that a tongue goes through: cut in two there, and lighter by what is cut out. They are welded to the tongue's sides, and carry on
 * through it.
 */
export const partedBy = (tongue: Tongue, tube: Member | undefined, crosses: readonly Member[]): readonly Member[] => {
  if (!isThrough(tongue) || !tube) return crosses;
  return crosses.map((cross) => {
    const { group, centre, extent, bar, material, massKg } = cross;
    const across = group === 'cross' || group === 'header';
    // What ends at a bar butts on it: only what goes on behind it parts it.
    if (!across || centre.xM <= tube.extent.x0M || extent.x1M > tube.extent.x1M + 1e-6) return cross;
    if (extent.z0M >= tube.extent.z1M || extent.z1M <= tube.extent.z0M) return cross;
    const middleM = cross.cutLengthM / 2;
    const half = tube.bar.widthM / 2;
    return {
      ...cross,
      parted: { fromM: middleM - half, toM: middleM + half },
      massKg: massKg - bar.nominalAreaM2 * material.densityKgM3 * 2 * half,
    };
  });
};
