import { add, cross, length, scale, subtract, type Vector3 } from '../../frame-analysis/index.js';
import type { Part } from '../../mass/index.js';
import { STANDARD_GRAVITY } from '../../units/index.js';
import { placeOf } from '../situations/inertia.js';
import { type Run } from '../situations/runs.js';
import type { RunBalance, RunKey } from './analysis.js';
import { isUnsprung } from './fields.js';
import { type Reactions, reactionsOf, type SolvedRun } from './solver.js';

export const keyOf = (run: Run, caseId: string): RunKey => ({
  caseId,
  situation: run.situation,
  variant: run.variant,
  balance: run.balance,
});

/** Masses of a case as far as they feel accelerations: on springs, on axles, and their moment about the body's centre, kg·m. */
interface Masses {
  readonly sprungKg: number;
  readonly unsprungKg: number;
  readonly momentKgM: Vector3;
}
export const massesOf = (parts: readonly Part[], centre: Vector3): Masses => {
  const kg = (of: (part: Part) => boolean): number => parts.filter(of).reduce((total, { massKg }) => total + massKg, 0);
  return {
    sprungKg: kg((part) => !isUnsprung(part)),
    unsprungKg: kg(isUnsprung),
    momentKgM: parts.reduce<Vector3>(
      (sum, part) => add(sum, scale(subtract(placeOf(part), centre), part.massKg)),
      [0, 0, 0],
    ),
  };
};

/** What a run's accelerations do to all masses together. */
const inertiaForce = ({ sprungKg, unsprungKg, momentKgM }: Masses, { field }: Run): Vector3 =>
  scale(
    add(add(scale(field.sprung, sprungKg), scale(field.unsprung, unsprungKg)), cross(field.angular, momentKgM)),
    -1,
  );

export const balanceOf = (
  caseId: string,
  masses: Masses,
  run: Run,
  reactions: Reactions,
  standingN: ReadonlyMap<string, Vector3>,
): RunBalance => {
  const outer = [...run.forces, ...(run.pressing ?? [])].reduce<Vector3>(
    (sum, { forceN }) => add(sum, forceN),
    [0, 0, 0],
  );
  const applied = add(outer, inertiaForce(masses, run));
  const total = reactions.reduce<Vector3>((sum, { forceN }) => add(sum, forceN), [0, 0, 0]);
  const stated = run.forces.reduce((sum, { forceN }) => sum + length(forceN), 0);
  const size = reactions.reduce((sum, { forceN }) => sum + length(forceN), 0) + length(applied) + stated;
  const n = run.field.unsprung[2] === 0 ? 0 : 1;
  const leftover =
    run.balance === 'free' && stated > 0 && n === 0
      ? Math.max(...reactions.map(({ forceN }) => length(forceN))) / stated
      : run.balance === 'free' && stated > 0
        ? leftoverBeyond(reactions, standingN, stated)
        : undefined;
  return {
    ...keyOf(run, caseId),
    support: run.support,
    appliedN: applied,
    statedN: stated,
    reactions: reactions.map(({ node, forceN }) => ({ place: node, forceN })),
    outside: outsideForces(run, reactions),
    residual: size > 0 ? length(add(applied, total)) / size : 0,
    leftover,
  };
};

/** What the world gives at each place: what holds it and what is put on it there. */
const outsideForces = (run: Run, reactions: Reactions): RunBalance['outside'] => {
  const places = new Map<string, Vector3>();
  for (const { node, forceN } of [...reactions, ...run.forces])
    places.set(node, add(places.get(node) ?? [0, 0, 0], forceN));
  return [...places].map(([place, forceN]) => ({ place, forceN }));
};

const leftoverBeyond = (reactions: Reactions, standing: ReadonlyMap<string, Vector3>, stated: number): number =>
  Math.max(...reactions.map(({ node, forceN }) => length(subtract(forceN, standing.get(node) ?? [0, 0, 0])))) / stated;

/** Standing reactions at n times the sprung and once the unsprung load, which a free body's supports must give and no more. */
export const standingReactions = (
  solve: (run: Run) => SolvedRun,
  run: Run,
  n: number,
): ReadonlyMap<string, Vector3> => {
  const still: Run = {
    ...run,
    forces: [],
    field: { sprung: [0, 0, n * STANDARD_GRAVITY], unsprung: [0, 0, STANDARD_GRAVITY], angular: [0, 0, 0] },
  };
  return new Map(reactionsOf(solve(still)).map(({ node, forceN }) => [node, forceN]));
};
