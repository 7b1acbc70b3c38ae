import type { Tongue } from '../../project/index.js';
import type { Bed } from '../bed.js';
import type { ChassisProblem } from '../member.js';

/** How high a tongue lies, m. */
export interface TongueLevel {
  /** underside of its rear end */
  readonly z0M: number;
  /** rises by this for each metre forward */
  readonly risePerM: number;
}

/** A straight tube that goes through the frame: bars across are cut to it. */
export const isThrough = ({ kind, runs }: Tongue): boolean => kind === 'straight' && runs === 'through';

/** Half-way up the header where it ends there, or goes through it; under the rails or on them where it runs on; a step moves all of it, a slope its front. */
export const tongueLevel = (
  tongue: Tongue,
  bed: Bed,
  barHeightM: number,
  under: boolean,
  problems: ChassisProblem[],
): TongueLevel => {
  const through = under && isThrough(tongue);
  const over = under && tongue.runs === 'over';
  const usualM = over ? 0 : under && !through ? -bed.railHeightM - barHeightM : -(bed.railHeightM + barHeightM) / 2;
  const { kind, byM } = tongue.rise;
  if (kind === 'level' || byM === 0) return { z0M: usualM, risePerM: 0 };
  if (over || through) {
    problems.push({ code: 'rise-over-frame', byM });
    return { z0M: usualM, risePerM: 0 };
  }
  if (kind === 'sloped') {
    if (!under) return { z0M: usualM, risePerM: byM / tongue.lengthM };
    problems.push({ code: 'slope-under-frame', byM });
    return { z0M: usualM, risePerM: 0 };
  }
  if (under && byM > 0) {
    problems.push({ code: 'step-up-under-frame', byM });
    return { z0M: usualM, risePerM: 0 };
  }
  const leastM = (bed.railHeightM + barHeightM) / 2;
  if (!under && Math.abs(byM) < leastM) {
    problems.push({ code: 'step-too-small', byM, leastM });
    return { z0M: usualM, risePerM: 0 };
  }
  if (tongue.kind === 'backbone') problems.push({ code: 'step-with-side-tubes', byM });
  return { z0M: usualM + byM, risePerM: 0 };
};
