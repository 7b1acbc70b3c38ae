import { axlePlaces, isIndependent } from '../../mass/index.js';
import type { Trailer } from '../../project/index.js';
import { beamPivotXM, swingForces } from '../../suspension/index.js';

/** How the springs hold the rails: forces per newton of sprung load on each axle, and couples where an arm gives them. */
export interface SuspensionForces {
  readonly kind: 'hangers' | 'equalised-hangers' | 'torsion-bracket' | 'swing-arm' | 'at-axle' | 'unknown';
  readonly forces: readonly { readonly xM: number; readonly upN: number }[];
  readonly couples: readonly { readonly xM: number; readonly momentNm: number }[];
}

const NONE = { forces: [], couples: [] } as const;

/** Room that is left between the two springs of a tandem for the equaliser, m. */
export const equaliserGapM = (trailer: Trailer): number =>
  trailer.runningGear.spacingM - trailer.runningGear.suspension.hangerSpacingM;

/**
 * Leaf: half of the spring's load at each end. Equalised pair: the equaliser's pivot takes the inner end of both springs, and stands
 * where its arms put it between them, so that the sum acts where balance has it. Torsion: the wheel is an arm's length behind the
 * bracket, which therefore gets a force and a couple. Nothing known: at the axle, and the finding says so.
 */
export const suspensionForces = (trailer: Trailer, sprungAxlesN: readonly number[]): SuspensionForces => {
  const { suspension, equaliserArms, layout } = trailer.runningGear;
  const places = axlePlaces(trailer);
  const first = places[0];
  const last = places.at(-1);
  if (!first || !last) return { kind: 'unknown', ...NONE };
  const half = suspension.hangerSpacingM / 2;
  const own = (i: number): number => sprungAxlesN[i] ?? 0;
  const equalised = places.length > 1 && !isIndependent(trailer);
  if (suspension.kind === 'leaf' && !equalised) {
    return {
      kind: 'hangers',
      forces: places.flatMap(({ xM }, i) => [
        { xM: xM - half, upN: own(i) / 2 },
        { xM: xM + half, upN: own(i) / 2 },
      ]),
      couples: [],
    };
  }
  if (suspension.kind === 'leaf' && equaliserGapM(trailer) > 0) {
    // Three axles have two equalisers of even arms.
    const [a, b] = layout === 'tandem-equaliser' ? equaliserArms : [1, 1];
    const pivots = places.slice(1).map((_, i) => ({
      xM: (places[i]?.xM ?? 0) + half + (equaliserGapM(trailer) * a) / (a + b),
      upN: (own(i) + own(i + 1)) / 2,
    }));
    return {
      kind: 'equalised-hangers',
      forces: [
        { xM: first.xM - half, upN: own(0) / 2 },
        ...pivots,
        { xM: last.xM + half, upN: own(places.length - 1) / 2 },
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
  if (suspension.kind === 'swing-arm') {
    const { armLengthM, unitAtM } = suspension.swing;
    const share = swingForces(suspension.swing);
    return {
      kind: 'swing-arm',
      forces: places.flatMap(({ xM }, i) => [
        { xM: xM - armLengthM, upN: own(i) * share.pivot },
        { xM: xM - armLengthM + unitAtM, upN: own(i) * share.unit },
      ]),
      couples: [],
    };
  }
  if (suspension.kind === 'walking-beam' && places.length === 2 && equalised) {
    return {
      kind: 'at-axle',
      forces: [{ xM: beamPivotXM(first.xM, last.xM, equaliserArms), upN: own(0) + own(1) }],
      couples: [],
    };
  }
  return {
    kind: suspension.kind === 'none' || suspension.kind === 'stub' ? 'at-axle' : 'unknown',
    forces: places.map(({ xM }, i) => ({ xM, upN: sprungAxlesN[i] ?? 0 })),
    couples: [],
  };
};
