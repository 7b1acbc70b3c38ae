import { axlePlaces } from '../../mass/index.js';
import type { Project } from '../../project/index.js';

/** How the springs hold the rails: forces per newton of sprung load on each axle, and couples where an arm gives them. */
export interface SuspensionForces {
  readonly kind: 'hangers' | 'equalised-hangers' | 'torsion-bracket' | 'at-axle' | 'unknown';
  readonly forces: readonly { readonly xM: number; readonly upN: number }[];
  readonly couples: readonly { readonly xM: number; readonly momentNm: number }[];
}

const NONE = { forces: [], couples: [] } as const;

/** Room that is left between the two springs of a tandem for the equaliser, m. */
export const equaliserGapM = (project: Project): number =>
  project.runningGear.spacingM - project.runningGear.suspension.hangerSpacingM;

/**
 * Leaf: half of the spring's load at each end. Equalised pair: the equaliser's pivot takes the inner end of both springs, and stands
 * where its arms put it between them, so that the sum acts where balance has it. Torsion: the wheel is an arm's length behind the
 * bracket, which therefore gets a force and a couple. Nothing known: at the axle, and the finding says so.
 */
export const suspensionForces = (project: Project, sprungAxlesN: readonly number[]): SuspensionForces => {
  const { suspension, equaliserArms } = project.runningGear;
  const places = axlePlaces(project);
  const [first, second] = places;
  if (!first) return { kind: 'unknown', ...NONE };
  const [firstN = 0, secondN = 0] = sprungAxlesN;
  const half = suspension.hangerSpacingM / 2;
  if (suspension.kind === 'leaf' && !second) {
    return {
      kind: 'hangers',
      forces: [
        { xM: first.xM - half, upN: firstN / 2 },
        { xM: first.xM + half, upN: firstN / 2 },
      ],
      couples: [],
    };
  }
  if (suspension.kind === 'leaf' && second && equaliserGapM(project) > 0) {
    const [a, b] = equaliserArms;
    const pivotXM = first.xM + half + (equaliserGapM(project) * a) / (a + b);
    return {
      kind: 'equalised-hangers',
      forces: [
        { xM: first.xM - half, upN: firstN / 2 },
        { xM: pivotXM, upN: (firstN + secondN) / 2 },
        { xM: second.xM + half, upN: secondN / 2 },
      ],
      couples: [],
    };
  }
  if (suspension.kind === 'torsion') {
    return {
      kind: 'torsion-bracket',
      forces: places.map(({ xM }, i) => ({ xM: xM - suspension.armM, upN: sprungAxlesN[i] ?? 0 })),
      couples: places.map(({ xM }, i) => ({
        xM: xM - suspension.armM,
        momentNm: -(sprungAxlesN[i] ?? 0) * suspension.armM,
      })),
    };
  }
  return {
    kind: suspension.kind === 'none' || suspension.kind === 'stub' ? 'at-axle' : 'unknown',
    forces: places.map(({ xM }, i) => ({ xM, upN: sprungAxlesN[i] ?? 0 })),
    couples: [],
  };
};
