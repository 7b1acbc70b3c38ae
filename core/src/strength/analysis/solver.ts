import type { Chassis } from '../../chassis/index.js';
import {
  cross,
  holdFrame,
  innerRoom,
  layPieces,
  memberInner,
  type MemberPieces,
  memberPieces,
  type NodalLoad,
  nodeLoadSolver,
  type PatternSolution,
  type PieceLayout,
  pieceLoads,
  pieceRoom,
  type PreparedFrame,
  prepareMembers,
  type ReadyLoads,
  type SolutionShare,
  type UnheldFrame,
  solveLoads,
  subtract,
  type Vector3,
  weightedSum,
} from '../../frame-analysis/index.js';
import type { Part } from '../../mass/index.js';
import type { Trailer } from '../../project/index.js';
import { bearingFinder } from '../frame-model/bearings.js';
import { isSheet } from '../frame-model/deckSheet.js';
import type { NodesOf } from '../frame-model/spread.js';
import type { TrailerFrame } from '../frame-model/trailerFrame.js';
import { placeOf } from '../situations/inertia.js';
import type { Run, SupportId } from '../situations/runs.js';
import { type FieldId, FIELDS, gripFinder, type Loaded } from './fields.js';
import { type BodyId, bodyIdOn, bodyOf, supportsOn } from './supports.js';
import { type LoadsOnBody, loadsOnBody, orThrow, type PartGroups } from './unitLoads.js';

/**
 * A run solved: how much of which solution, and the end and inner forces of any element under all of them together. To be looked at before the
 * next run of the same case is solved.
 */
export interface SolvedRun {
  readonly prepared: PreparedFrame;
  readonly shares: readonly SolutionShare[];
  /** of the nodes on all elements, local axes, twelve each */
  readonly endForces: Float64Array;
  /** inner forces of an element, piece by piece */
  readonly inner: (elementIndex: number) => Float64Array;
  readonly pieces: readonly MemberPieces[];
}

/**
 * How much of each unit acceleration a run asks for. It turns about the body's centre, the unit about the origin: α × (r − c) is α × r less
 * what α × c moves everything by.
 */
const factorsOf = ({ field }: Run, centre: Vector3): readonly (readonly [FieldId, number])[] => {
  const shifted = cross(field.angular, centre);
  const wanted = [subtract(field.sprung, shifted), subtract(field.unsprung, shifted), field.angular];
  return FIELDS.map((id, i) => [id, wanted[Math.floor(i / 3)]?.[i % 3] as number] as const);
};

const outerForces = (run: Run, frame: TrailerFrame): readonly NodalLoad[] =>
  run.forces.map(({ node, at, forceN }) => ({
    node,
    forceN,
    momentNm: cross(subtract(at, frame.at(node)), forceN),
  }));

/** A frame with and without its running gear, each held in any way; everything about it that does not change from run to run. */
export const frameSolver = (trailer: Trailer, frame: TrailerFrame, chassis: Chassis) => {
  const ends = new Map(frame.elements.map(({ id, from, to }) => [id, [from, to] as const]));
  const nodesOf: NodesOf = (element) => ends.get(element) as readonly [string, string];
  const grips = gripFinder(bearingFinder(chassis, frame, isSheet(trailer)));
  const bodyOn = onceEach((id: BodyId) => {
    const unheld = orThrow(prepareMembers(bodyOf(frame, id)));
    return { unheld, loads: loadsOnBody(unheld, grips, nodesOf) };
  });
  const supports = new Map<SupportId, HeldBody>();
  const heldOn = (support: SupportId): HeldBody => {
    const known = supports.get(support);
    if (known) return known;
    const { unheld, loads } = bodyOn(bodyIdOn(support));
    const prepared = orThrow(holdFrame(unheld, supportsOn(frame, support)));
    const fresh = { prepared, loads, nodal: nodeLoadSolver(prepared), fields: new Map<string, PatternSolution>() };
    supports.set(support, fresh);
    return fresh;
  };
  const fieldOn = ({ prepared, loads, fields }: HeldBody, groups: PartGroups, field: FieldId): PatternSolution => {
    // What no case changes, as the axle's own mass, is solved once for all of them.
    const key = `${field} ${groups.keyOf(field)}`;
    const known = fields.get(key);
    if (known) return known;
    const fresh = solveLoads(prepared, loads.ofField(groups, field));
    fields.set(key, fresh);
    return fresh;
  };
  return {
    on: (support: SupportId): PreparedFrame => heldOn(support).prepared,
    condition: (): number => Math.max(...[...supports.values()].map(({ prepared }) => prepared.condition)),
    /** parts under one unit of an acceleration */
    fieldOn: (support: SupportId, parts: readonly Part[], field: FieldId): PatternSolution =>
      fieldOn(heldOn(support), bodyOn(bodyIdOn(support)).loads.groupsOf(parts), field),
    /** Solves runs of one case, sharing the solutions of its unit accelerations. */
    caseSolver: (parts: readonly Part[], centre: Vector3) => {
      const caseOn = onceEach((id: BodyId) => {
        const { unheld, loads } = bodyOn(id);
        const groups = loads.groupsOf(parts);
        // Every field loads the same stretches; the two kinds of masses between them load all that is loaded.
        const stretches = (['sprung.z', 'unsprung.z'] as const).map((field) => loads.ofField(groups, field));
        const layout = layPieces(memberPieces(unheld, stretches));
        const known = new Map<ReadyLoads, Float64Array>();
        const alongOf = ({ loads: own }: PatternSolution): Float64Array => {
          const found = known.get(own);
          if (found) return found;
          const fresh = pieceLoads(layout, own, unheld.take);
          known.set(own, fresh);
          return fresh;
        };
        return { groups, alongOf, addUp: runAdder(unheld, layout) };
      });
      return (run: Run): SolvedRun => {
        const held = heldOn(run.support);
        const { groups, alongOf, addUp } = caseOn(bodyIdOn(run.support));
        const shares: SolutionShare[] = factorsOf(run, centre)
          .filter(([, factor]) => factor !== 0)
          .map(([field, factor]) => ({ solution: fieldOn(held, groups, field), factor }));
        shares.push(...held.nodal(outerForces(run, frame)));
        if (run.pressing) {
          const pressing = run.pressing.map(
            ({ part, forceN }): Loaded => ({ part, wrench: { at: placeOf(part), forceN, momentNm: [0, 0, 0] } }),
          );
          shares.push({ solution: solveLoads(held.prepared, held.loads.ofWrenches(pressing)), factor: 1 });
        }
        return addUp(held.prepared, shares, alongOf);
      };
    },
  };
};

/** The frame held in one way, with what was solved on it. */
interface HeldBody {
  readonly prepared: PreparedFrame;
  readonly loads: LoadsOnBody;
  readonly nodal: ReturnType<typeof nodeLoadSolver>;
  /** by acceleration and the parts that feel it */
  readonly fields: Map<string, PatternSolution>;
}

/** Makes each thing once, by its key. */
const onceEach = <Key extends string, Value extends object>(make: (key: Key) => Value): ((key: Key) => Value) => {
  const made = new Map<Key, Value>();
  return (key) => {
    const known = made.get(key);
    if (known) return known;
    const fresh = make(key);
    made.set(key, fresh);
    return fresh;
  };
};

/**
 * Adds up the shares of a case's runs in one and the same memory: end forces of all elements at once, inner forces of each when they are
 * first asked for. Thousands of small arrays would cost more than all the adding.
 */
const runAdder = ({ members, take }: UnheldFrame, layout: PieceLayout) => {
  const endForces = take(members.length * 12);
  const loads = take(pieceRoom(layout));
  const rows = layout.pieces.map((pieces) => innerRoom(pieces, take));
  const doneIn = new Int32Array(layout.pieces.length);
  let runs = 0;
  const factorOf = ({ factor }: SolutionShare): number => factor;
  return (
    prepared: PreparedFrame,
    shares: readonly SolutionShare[],
    alongOf: (solution: PatternSolution) => Float64Array,
  ): SolvedRun => {
    weightedSum(
      shares.map(({ solution }) => solution.endForces),
      shares.map(factorOf),
      endForces,
    );
    const onBars = shares.filter(({ solution }) => solution.loads.members.length > 0);
    weightedSum(
      onBars.map(({ solution }) => alongOf(solution)),
      onBars.map(factorOf),
      loads,
    );
    runs += 1;
    const own = runs;
    return {
      prepared,
      shares,
      endForces,
      pieces: layout.pieces,
      inner: (index) => {
        if (own !== runs) throw new Error('a later run of this case has been solved since');
        const into = rows[index] as Float64Array;
        if (doneIn[index] === own) return into;
        doneIn[index] = own;
        return memberInner(layout, index, endForces, loads, into);
      },
    };
  };
};

export type FrameSolver = ReturnType<typeof frameSolver>;

/** What the ground gives at each supported node, N, global. */
export type Reactions = readonly { readonly node: string; readonly forceN: Vector3 }[];

/** Reaction at every supported node under a solved run. */
export const reactionsOf = ({ prepared, shares }: SolvedRun): Reactions => {
  const found: { node: string; forceN: Vector3 }[] = [];
  prepared.nodes.forEach(({ supported }, i) => {
    if (!supported) return;
    let [x, y, z] = [0, 0, 0];
    for (const { solution, factor } of shares) {
      x += factor * (solution.reactions[i * 6] as number);
      y += factor * (solution.reactions[i * 6 + 1] as number);
      z += factor * (solution.reactions[i * 6 + 2] as number);
    }
    found.push({ node: (prepared.model.nodes[i] as { id: string }).id, forceN: [x, y, z] });
  });
  return found;
};
