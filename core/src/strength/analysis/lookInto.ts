import {
  type Deflection,
  deflectionAt,
  deflections,
  endMovements,
  type InnerAt,
  innerAt,
  peaksOf,
  type PreparedMember,
  toGlobal,
  type Vector3,
} from '../../frame-analysis/index.js';
import { type TrailerFrame, trailerFrame } from '../frame-model/trailerFrame.js';
import { rigidBody } from '../situations/inertia.js';
import { ratedGrossCases } from '../situations/ratedGross.js';
import { loadingTailRuns, type Run, type RunContext, runsOf, turnOverRun } from '../situations/runs.js';
import type { RunKey } from './analysis.js';
import type { AnalysisInput } from './analyse.js';
import { loadingTail } from './loadingTail.js';
import { frameSolver, type SolvedRun } from './solver.js';

/** One place along a bar: its inner forces, and how far its line has moved up and sideways (its own axes, m). */
export interface DiagramPoint extends InnerAt {
  readonly xM: number;
  readonly upM: number;
  readonly sidewaysM: number;
}

/** Inner forces and movement along a whole bar in one run. */
export interface MemberDiagram extends RunKey {
  readonly memberId: string;
  readonly lengthM: number;
  readonly points: readonly DiagramPoint[];
}

/** A bar's line before and after: places in the trailer's axes, m. */
export interface BentBar {
  readonly memberId: string;
  readonly points: readonly { readonly at: Vector3; readonly moved: Vector3 }[];
}

interface Solved {
  readonly frame: TrailerFrame;
  readonly solved: SolvedRun;
}

const sameRun = (run: Run, key: RunKey): boolean =>
  run.situation === key.situation && run.variant === key.variant && run.balance === key.balance;

/** Solves the one run that a figure belongs to; undefined where there is none such any more. */
const solveKey = ({ trailer, chassis, bare, cases }: AnalysisInput, key: RunKey): Solved | undefined => {
  const frame = trailerFrame(trailer, chassis);
  if ('code' in frame) return undefined;
  const solver = frameSolver(trailer, frame, chassis);
  if (key.situation === 'turn-over') {
    const ids = new Set(frame.bars.map(({ member }) => member.id));
    const parts = bare.filter(({ id }) => ids.has(id));
    const solve = solver.caseSolver(parts, rigidBody(parts).centre);
    return { frame, solved: solve(turnOverRun(key.variant === 'right' ? 'right' : 'left')) };
  }
  if (key.situation === 'loading-tail') {
    const loading = loadingTail({ trailer, chassis, bare }, frame);
    const run = loading && loadingTailRuns(loading.context, loading.machineKg).find((own) => sameRun(own, key));
    if (!run || !loading) return undefined;
    const { context } = loading;
    return { frame, solved: solver.caseSolver(context.balanced.parts, context.body.centre)(run) };
  }
  const balanced = [...cases, ...ratedGrossCases(trailer, chassis, bare, true)].find(
    ({ loadCase }) => loadCase.id === key.caseId,
  );
  if (!balanced?.standing) return undefined;
  const body = rigidBody(balanced.parts);
  const context: RunContext = {
    trailer,
    frame,
    balanced: { ...balanced, standing: balanced.standing },
    body,
    stepsOnRear: true,
  };
  const run = runsOf(context).find((candidate) => sameRun(candidate, key));
  return run && { frame, solved: solver.caseSolver(balanced.parts, body.centre)(run) };
};

/** Movement of an element's own ends under all parts of a run together. */
const endsOf = ({ prepared, shares }: SolvedRun, index: number): Float64Array => {
  const sum = new Float64Array(12);
  for (const { solution, factor } of shares) {
    const ends = endMovements(prepared, index, solution);
    for (let i = 0; i < 12; i += 1) sum[i] = (sum[i] as number) + factor * (ends[i] as number);
  }
  return sum;
};

interface ElementLook {
  readonly index: number;
  readonly startM: number;
  readonly lengthM: number;
  readonly rows: Float64Array;
  readonly lines: readonly [Deflection, Deflection, Deflection];
  readonly prepared: PreparedMember;
}

const elementsOf = ({ frame, solved }: Solved, memberId: string): ElementLook[] =>
  frame.bars
    .filter(({ member }) => member.id === memberId)
    .map((bar) => {
      const index = solved.prepared.memberIndex.get(bar.id) as number;
      const prepared = solved.prepared.members[index] as PreparedMember;
      const rows = solved.inner(index);
      const pieces = solved.pieces[index] as SolvedRun['pieces'][number];
      return {
        index,
        startM: bar.fromM,
        lengthM: pieces.lengthM,
        rows,
        lines: deflections(pieces, rows, prepared, endsOf(solved, index)),
        prepared,
      };
    });

/** Between the exact peaks the curves are drawn through this many places per element. */
const EVEN_PLACES = 12;

const placesOf = ({ solved }: Solved, { index, rows, lengthM }: ElementLook): number[] => {
  const places = Array.from({ length: EVEN_PLACES + 1 }, (_, i) => (lengthM * i) / EVEN_PLACES);
  const peaks = peaksOf(solved.pieces[index] as SolvedRun['pieces'][number], rows);
  return [...new Set([...places, ...peaks])].sort((a, b) => a - b);
};

/** Everything along one bar in the run that a figure belongs to; undefined where that run or bar is gone. */
export const memberDiagram = (input: AnalysisInput, memberId: string, key: RunKey): MemberDiagram | undefined => {
  const found = solveKey(input, key);
  if (!found) return undefined;
  const elements = elementsOf(found, memberId);
  const points = elements.flatMap((element) =>
    placesOf(found, element).map((xM): DiagramPoint => {
      const inner = innerAt(found.solved.pieces[element.index] as SolvedRun['pieces'][number], element.rows, xM);
      return {
        ...inner,
        xM: element.startM + xM,
        upM: deflectionAt(element.lines[2], xM),
        sidewaysM: deflectionAt(element.lines[1], xM),
      };
    }),
  );
  const last = elements.at(-1);
  return last && { ...key, memberId, lengthM: last.startM + last.lengthM, points };
};

/** How the whole frame moves in one run, bar by bar. */
export const bentFrame = (input: AnalysisInput, key: RunKey): readonly BentBar[] => {
  const found = solveKey(input, key);
  if (!found) return [];
  const ids = [...new Set(found.frame.bars.map(({ member }) => member.id))];
  return ids.map((memberId) => ({
    memberId,
    points: elementsOf(found, memberId).flatMap(({ lines, lengthM, prepared: { axes } }) =>
      Array.from({ length: EVEN_PLACES + 1 }, (_, i) => {
        const xM = (lengthM * i) / EVEN_PLACES;
        const [a, b] = [axes.start, axes.rows[0]];
        const at: Vector3 = [a[0] + b[0] * xM, a[1] + b[1] * xM, a[2] + b[2] * xM];
        const local: Vector3 = [deflectionAt(lines[0], xM), deflectionAt(lines[1], xM), deflectionAt(lines[2], xM)];
        return { at, moved: toGlobal(axes, local) };
      }),
    ),
  }));
};
