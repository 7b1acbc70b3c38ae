import {
  combineInner,
  innerShare,
  type LoadPattern,
  type MemberPieces,
  memberPieces,
  type PatternSolution,
  type PreparedFrame,
  prepareFrame,
  solvePattern,
  cross,
  subtract,
  type Vector3,
  type FrameProblem,
} from '../../frame-analysis/index.js';
import type { Part } from '../../mass/index.js';
import { bearingFinder } from '../frame-model/bearings.js';
import { isSheet } from '../frame-model/deckSheet.js';
import type { NodesOf } from '../frame-model/spread.js';
import type { TrailerFrame } from '../frame-model/trailerFrame.js';
import type { Chassis } from '../../chassis/index.js';
import type { Trailer } from '../../project/index.js';
import { placeOf } from '../situations/inertia.js';
import type { Run, SupportId } from '../situations/runs.js';
import { type FieldId, FIELDS, fieldPattern, gripFinder, type Grips, partLoads } from './fields.js';
import { modelOn } from './supports.js';

/** The frame held in some way and solved for some runs; throws away nothing it has factorised. */
export class FrameUnsolvable extends Error {
  readonly problems: readonly FrameProblem[];
  constructor(problems: readonly FrameProblem[]) {
    super('the frame cannot be solved');
    this.problems = problems;
  }
}

/** A run solved: how much of which solution, and the inner forces of any element under all of them together. */
export interface SolvedRun {
  readonly prepared: PreparedFrame;
  readonly shares: readonly { readonly solution: PatternSolution; readonly factor: number }[];
  /** inner forces of an element, piece by piece */
  readonly inner: (elementIndex: number) => Float64Array;
  readonly pieces: readonly MemberPieces[];
}

const orThrow = <T>(result: { ok: true; value: T } | { ok: false; error: readonly FrameProblem[] }): T => {
  if (result.ok) return result.value;
  throw new FrameUnsolvable(result.error);
};

/** How much of each unit acceleration a run asks for. */
const factorsOf = ({ field }: Run): readonly (readonly [FieldId, number])[] =>
  FIELDS.map((id, i) => {
    const vector = i < 3 ? field.sprung : i < 6 ? field.unsprung : field.angular;
    return [id, vector[i % 3] as number] as const;
  });

const outerPattern = (run: Run, frame: TrailerFrame, grips: Grips, nodesOf: NodesOf): LoadPattern => {
  const pressed = partLoads(
    (run.pressing ?? []).map(({ part, forceN }) => ({
      part,
      wrench: { at: placeOf(part), forceN, momentNm: [0, 0, 0] },
    })),
    grips,
    nodesOf,
  );
  return {
    member: pressed.member,
    nodal: [
      ...run.forces.map(({ node, at, forceN }) => ({
        node,
        forceN,
        momentNm: cross(subtract(at, frame.at(node)), forceN),
      })),
      ...pressed.nodal,
    ],
  };
};

/** Everything about one frame that does not change from run to run. */
export const frameSolver = (trailer: Trailer, frame: TrailerFrame, chassis: Chassis) => {
  const prepared = new Map<SupportId, PreparedFrame>();
  const grips = gripFinder(bearingFinder(chassis, frame, isSheet(trailer)));
  const ends = new Map(frame.elements.map(({ id, from, to }) => [id, [from, to] as const]));
  const nodesOf: NodesOf = (element) => ends.get(element) as readonly [string, string];
  const on = (support: SupportId): PreparedFrame => {
    const known = prepared.get(support);
    if (known) return known;
    const fresh = orThrow(prepareFrame(modelOn(frame, support)));
    prepared.set(support, fresh);
    return fresh;
  };
  return {
    on,
    condition: (): number => Math.max(...[...prepared.values()].map(({ condition }) => condition)),
    pattern: (support: SupportId, pattern: LoadPattern): PatternSolution => orThrow(solvePattern(on(support), pattern)),
    fieldOf: (id: FieldId, parts: readonly Part[], centre: Vector3): LoadPattern =>
      fieldPattern(id, parts, centre, grips, nodesOf),
    /** Solves runs of one case, sharing the solutions of its unit accelerations. */
    caseSolver: (parts: readonly Part[], centre: Vector3) => {
      const fields = new Map<string, PatternSolution>();
      const pieces = new Map<SupportId, readonly MemberPieces[]>();
      const shareCache = new Map<PatternSolution, (Float64Array | undefined)[]>();
      const fieldOn = (support: SupportId, id: FieldId): PatternSolution => {
        const key = `${support} ${id}`;
        const known = fields.get(key);
        if (known) return known;
        const solution = orThrow(solvePattern(on(support), fieldPattern(id, parts, centre, grips, nodesOf)));
        fields.set(key, solution);
        return solution;
      };
      const piecesOn = (support: SupportId): readonly MemberPieces[] => {
        const known = pieces.get(support);
        if (known) return known;
        // Every field loads the same stretches; the two kinds of masses between them load all that is loaded.
        const found = memberPieces(on(support), [fieldOn(support, 'sprung.z'), fieldOn(support, 'unsprung.z')]);
        pieces.set(support, found);
        return found;
      };
      return (run: Run): SolvedRun => {
        const { support } = run;
        const shares = factorsOf(run)
          .filter(([, factor]) => factor !== 0)
          .map(([id, factor]) => ({ solution: fieldOn(support, id), factor }));
        if (run.forces.length > 0) {
          shares.push({
            solution: orThrow(solvePattern(on(support), outerPattern(run, frame, grips, nodesOf))),
            factor: 1,
          });
        }
        const own = piecesOn(support);
        const factors = Float64Array.from(shares, ({ factor }) => factor);
        const shareOf = (solution: PatternSolution, index: number): Float64Array => {
          let list = shareCache.get(solution);
          if (!list) {
            list = [];
            shareCache.set(solution, list);
          }
          const known = list[index];
          if (known) return known;
          const share = innerShare(own[index] as MemberPieces, index, solution);
          list[index] = share;
          return share;
        };
        const combined: (Float64Array | undefined)[] = [];
        return {
          prepared: on(support),
          shares,
          pieces: own,
          inner: (index) => {
            const known = combined[index];
            if (known) return known;
            const fresh = combineInner(
              own[index] as MemberPieces,
              shares.map(({ solution }) => shareOf(solution, index)),
              factors,
            );
            combined[index] = fresh;
            return fresh;
          },
        };
      };
    },
  };
};

export type FrameSolver = ReturnType<typeof frameSolver>;

/** Reaction at every supported node under a solved run. */
export const reactionsOf = ({
  prepared,
  shares,
}: SolvedRun): readonly { readonly node: string; readonly forceN: Vector3 }[] =>
  prepared.model.nodes.flatMap(({ id }, i) => {
    if (!prepared.nodes[i]?.supported) return [];
    const sum: [number, number, number] = [0, 0, 0];
    for (const { solution, factor } of shares) {
      for (let j = 0; j < 3; j += 1) sum[j] = (sum[j] as number) + factor * (solution.reactions[i * 6 + j] as number);
    }
    return [{ node: id, forceN: sum }];
  });
