import { type Tongue, parsePartId, printPartId } from '../../project/index.js';
import { type BarStock, placeBar } from '../bars.js';
import type { Bed } from '../bed.js';
import { type Member, planBox } from '../member.js';

/** Uprights between a stepped tongue and the frame, one at each place where it is held. */
export const buildRisers = (
  tongue: Tongue,
  bed: Bed,
  legs: readonly { readonly member: Member; readonly stock: BarStock; readonly headerYM: number }[],
  rear: 'rails' | 'cross-member' | 'header',
): Member[] => {
  if (tongue.rise.kind !== 'stepped') return [];
  const header = bed.members.find(({ id }) => id === 'header.front');
  if (!header) return [];
  return legs.flatMap(({ member, stock, headerYM }) => {
    const part = parsePartId(member.id);
    if (part.kind !== 'tongue-bar') return [];
    const { line } = part;
    const upright = (end: 'front' | 'rear', xM: number, yM: number, z0M: number, z1M: number): Member[] =>
      z1M - z0M > 1e-6
        ? [
            placeBar(printPartId({ kind: 'riser', line, end }), 'tongue', stock, {
              plan: planBox(xM, xM + stock.bar.heightM, yM - stock.bar.widthM / 2, yM + stock.bar.widthM / 2),
              z0M,
              cutLengthM: z1M - z0M,
              standingM: z1M - z0M,
            }),
          ]
        : [];
    const { z0M, z1M } = member.extent;
    if (rear === 'header') {
      return z0M < header.extent.z0M
        ? upright('front', 0, headerYM, z0M, header.extent.z0M)
        : upright('front', 0, headerYM, header.extent.z1M, z1M);
    }
    const rearXM = member.extent.x1M - stock.bar.heightM;
    const rearYM = rear === 'rails' ? (member.plan[1] as readonly [number, number])[1] * (1 - 0.5 * EDGE) : 0;
    const above = rear === 'rails' ? -bed.railHeightM : crossUnderside(bed, member.extent.x1M);
    return [...upright('front', 0, headerYM, z1M, header.extent.z0M), ...upright('rear', rearXM, rearYM, z1M, above)];
  });
};

/** The rear upright stands inside the rail's outer face by this share of the half width. */
const EDGE = 0.08;

const crossUnderside = (bed: Bed, xM: number): number =>
  bed.members
    .filter(({ group }) => group === 'cross' || group === 'header')
    .reduce((best, next) => (Math.abs(next.centre.xM - xM) < Math.abs(best.centre.xM - xM) ? next : best)).extent.z0M;
