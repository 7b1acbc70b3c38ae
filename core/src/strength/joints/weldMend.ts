import { inches } from '../../units/index.js';
import { type EndForces, lineGroup, weldForce, type WeldGroup } from './weldGroup.js';

/** What mends a weld that bears too little, each worked out. */
export type WeldMend =
  | { readonly kind: 'leg'; readonly legM: number }
  | { readonly kind: 'longer'; readonly lengthM: number }
  | { readonly kind: 'gusset'; readonly legM: number }
  | { readonly kind: 'plate' }
  /** along both sides of a splice */
  | { readonly kind: 'side-plates' }
  | { readonly kind: 'wall'; readonly wallM: number };

interface Weak {
  readonly kind: 'butt' | 'splice' | 'lap' | 'hanger' | 'coupler' | 'gusset';
  readonly legM: number;
  readonly wallM: number;
  readonly group: WeldGroup;
  readonly passes: EndForces;
  readonly by: 'weld-metal' | 'base-metal';
  readonly utilisation: number;
  readonly weldNM: number;
}

/** A gusset's legs come in these sizes, m (common practice). */
const GUSSETS_M = [2, 3, 4, 6].map(inches);
/** A lap or a run along a bar can be made longer by a plate up to so many times. */
const MOST_LONGER = 2;

/** The weld of a bar's end with a triangular plate under it: two more lines of the plate's leg, standing on from the bar's underside. */
const withGusset = ({ group }: Weak, legM: number): WeldGroup => {
  const deep = 2 * group.farZM;
  const wide = 2 * group.farYM;
  return lineGroup([
    [0, 0, wide, 0],
    [0, deep, wide, deep],
    [0, 0, 0, deep],
    [wide, 0, wide, deep],
    [wide / 2, -legM, wide / 2, 0],
    [wide / 2, -legM, wide / 2, 0],
  ]);
};

/**
 * The first of these that does: a leg as thick as the wall can take, a longer weld, a gusset, a plate, a thicker wall. Never a leg beyond the
 * wall: it would burn through, and the wall beside it would tear first. Legs come in steps of `stepM`.
 */
export const weldMend = (weak: Weak, stepM: number): WeldMend => {
  const { kind, legM, wallM, by, utilisation, group, passes, weldNM } = weak;
  if (by === 'base-metal') return { kind: 'wall', wallM: wallM * utilisation };
  const legNeededM = Math.ceil((legM * utilisation) / stepM - 1e-9) * stepM;
  if (legNeededM <= wallM + 1e-9) return { kind: 'leg', legM: legNeededM };
  // Round a bar's end the weld is as long as it can be.
  if (kind === 'splice') return { kind: 'side-plates' };
  if (kind !== 'butt') {
    return utilisation <= MOST_LONGER ? { kind: 'longer', lengthM: group.lengthM * utilisation } : { kind: 'plate' };
  }
  for (const gussetM of GUSSETS_M) {
    if (weldForce(withGusset(weak, gussetM), passes).perLengthNM <= weldNM) return { kind: 'gusset', legM: gussetM };
  }
  return { kind: 'wall', wallM: wallM * utilisation };
};
