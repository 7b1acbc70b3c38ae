import { SIZE } from './beamElement.js';
import type { NodalLoad } from './frame.js';
import { noLoads } from './loads.js';
import type { PreparedFrame } from './prepare.js';
import { type PatternSolution, solveLoads } from './solve.js';

const addTimes = (into: Float64Array, values: Float64Array, factor: number): void => {
  for (let i = 0; i < into.length; i += 1) into[i] = (into[i] as number) + factor * (values[i] as number);
};

/**
 * Solves loads on nodes of one frame by adding up unit loads, each solved once when it is first asked for: where many arrangements of forces
 * stand on the same few nodes this is what costs least. Nodes must be of the frame. The loads themselves are not kept with what they do.
 */
export const nodeLoadSolver = (frame: PreparedFrame): ((loads: readonly NodalLoad[]) => PatternSolution) => {
  const nothing = noLoads(frame);
  const units = new Map<number, PatternSolution>();
  const unit = (node: number, freedom: number): PatternSolution => {
    const key = node * 6 + freedom;
    const known = units.get(key);
    if (known) return known;
    const nodal = frame.take(frame.nodes.length * 6);
    nodal[key] = 1;
    const fresh = solveLoads(frame, { ...nothing, nodal });
    units.set(key, fresh);
    return fresh;
  };
  return (loads) => {
    const displacements = frame.take(frame.nodes.length * 6);
    const reactions = frame.take(frame.nodes.length * 6);
    const endForces = frame.take(frame.members.length * SIZE);
    for (const { node, forceN, momentNm } of loads) {
      const index = frame.nodeIndex.get(node) as number;
      for (let freedom = 0; freedom < 6; freedom += 1) {
        const size = freedom < 3 ? (forceN[freedom] as number) : (momentNm?.[freedom - 3] ?? 0);
        if (size === 0) continue;
        const own = unit(index, freedom);
        addTimes(displacements, own.displacements, size);
        addTimes(reactions, own.reactions, size);
        addTimes(endForces, own.endForces, size);
      }
    }
    return { displacements, reactions, endForces, loads: nothing };
  };
};
