import type { OpinionResult, RunKey } from './analysis.js';

/** One thing that bears, and how hard it works at worst. */
export interface Hardest {
  readonly share: number;
  readonly what: 'member' | 'weld' | 'hanger' | 'wall' | 'hole' | 'bolts';
  readonly memberId: string;
  /** what a weld joins it to, or whose wall it stands on */
  readonly joint: string | undefined;
  readonly key: RunKey;
}

const keyed = ({ caseId, situation, variant, balance }: RunKey): RunKey => ({ caseId, situation, variant, balance });

/** Everything that bears under one opinion, hardest first. */
export const hardestOf = ({ members, welds, hangers, walls, holes, bolts }: OpinionResult): readonly Hardest[] => {
  const of = (
    what: Hardest['what'],
    found: RunKey & { readonly memberId: string; readonly utilisation: number },
    joint?: string,
  ): Hardest => ({ share: found.utilisation, what, memberId: found.memberId, joint, key: keyed(found) });
  return [
    ...members.map(
      ({ memberId, worst }): Hardest => ({
        share: worst.utilisation.value,
        what: 'member',
        memberId,
        joint: undefined,
        key: keyed(worst),
      }),
    ),
    ...welds.map((weld) => of('weld', weld, weld.joint)),
    ...hangers.map((hanger) => of('hanger', hanger)),
    ...walls.map((wall) => of('wall', wall, wall.onId)),
    ...holes.map((hole) => of('hole', hole)),
    ...(bolts ? [of('bolts', { ...bolts, memberId: 'coupler' })] : []),
  ].sort((a, b) => b.share - a.share);
};
