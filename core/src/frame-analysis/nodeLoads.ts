import type { NodalLoad } from './frame.js';
import { nodalLoads } from './loads.js';
import type { PreparedFrame } from './prepare.js';
import { type PatternSolution, solveLoads } from './solve.js';

/** So many times a solution, as a part of a superposition. */
export interface SolutionShare {
  readonly solution: PatternSolution;
  readonly factor: number;
}

/**
 * Solves loads on nodes of one frame as shares of unit loads (1 N, 1 N·m), each solved once when it is first asked for: where many
 * arrangements of forces stand on the same few nodes this is what costs least. Nodes must be of the frame.
 */
export const nodeLoadSolver = (frame: PreparedFrame): ((loads: readonly NodalLoad[]) => SolutionShare[]) => {
  const units = new Map<number, PatternSolution>();
  const unit = (node: number, freedom: number): PatternSolution => {
    const key = node * 6 + freedom;
    const known = units.get(key);
    if (known) return known;
    const nodal = frame.take(frame.nodes.length * 6);
    nodal[key] = 1;
    const fresh = solveLoads(frame, nodalLoads(nodal));
    units.set(key, fresh);
    return fresh;
  };
  return (loads) => {
    const shares: SolutionShare[] = [];
    for (const { node, forceN, momentNm } of loads) {
      const index = frame.nodeIndex.get(node) as number;
      for (let freedom = 0; freedom < 6; freedom += 1) {
        const factor = freedom < 3 ? (forceN[freedom] as number) : (momentNm?.[freedom - 3] ?? 0);
        if (factor !== 0) shares.push({ solution: unit(index, freedom), factor });
      }
    }
    return shares;
  };
};
