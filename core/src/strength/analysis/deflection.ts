import type { BalancedCase } from '../../balance/index.js';
import type { Chassis } from '../../chassis/index.js';
import {
  deflections,
  type Deflection,
  endMovements,
  innerForces,
  largestBow,
  piecesOf,
  type PatternSolution,
  type PreparedFrame,
} from '../../frame-analysis/index.js';
import { STANDARD_GRAVITY } from '../../units/index.js';
import type { TrailerFrame } from '../frame-model/trailerFrame.js';
import { SAG_DIVISORS } from '../rules.js';
import type { FrameDeflection } from './analysis.js';
import type { FrameSolver } from './solver.js';

/** The upright line of a whole bar, its elements one behind the other. */
const barLine = (
  frame: TrailerFrame,
  prepared: PreparedFrame,
  solution: PatternSolution,
  memberId: string,
): Deflection | undefined => {
  const breaks: number[] = [0];
  const polynomials: Deflection['pieces'][number][] = [];
  for (const { id } of frame.bars.filter(({ member }) => member.id === memberId)) {
    const index = prepared.memberIndex.get(id) as number;
    const member = prepared.members[index] as PreparedFrame['members'][number];
    const own = piecesOf(member, index, [solution.loads]);
    const line = deflections(
      own,
      innerForces(own, index, solution),
      member,
      endMovements(prepared, index, solution),
    )[2];
    const start = breaks.at(-1) as number;
    line.breaksM.slice(1).forEach((b) => breaks.push(start + b));
    polynomials.push(...line.pieces);
  }
  return polynomials.length > 0 ? { breaksM: Float64Array.from(breaks), pieces: polynomials } : undefined;
};

/** How far rails, rear end, tongue and cross-members go under the load alone, ball and wheels standing still. */
export const caseDeflections = (
  frame: TrailerFrame,
  chassis: Chassis,
  solver: FrameSolver,
  balanced: BalancedCase,
): FrameDeflection[] => {
  const { standing, parts, loadCase } = balanced;
  const cargo = parts.filter(({ group }) => group === 'cargo');
  if (!standing || standing.on !== 'ball' || cargo.length === 0) return [];
  // Under 1 m/s²; all below is taken times g.
  const solution = solver.fieldOn('road', cargo, 'sprung.z');
  const prepared = solver.on('road');
  const movement = (node: string, i: number): number =>
    STANDARD_GRAVITY * (solution.displacements[(prepared.nodeIndex.get(node) as number) * 6 + i] as number);
  const mean = (nodes: readonly string[], i: number): number =>
    nodes.reduce((sum, node) => sum + movement(node, i), 0) / nodes.length;
  const [frontLeft, frontRight, rearLeft, rearRight] = frame.corners;
  const front = [frontLeft, frontRight];
  const rear = [rearLeft, rearRight];
  const frontX = frame.at(frontLeft)[0];
  const rearX = frame.at(rearLeft)[0];
  const result = (
    what: keyof typeof SAG_DIVISORS,
    memberId: string,
    byM: number,
    lengthM: number,
  ): FrameDeflection => ({
    what,
    memberId,
    caseId: loadCase.id,
    byM: Math.abs(byM),
    lengthM,
    divisor: SAG_DIVISORS[what],
  });
  const between = frame.nodes
    .filter(({ id, at }) => id.includes('rail.') && at[0] <= standing.groupCentreXM)
    .reduce((most, { id }) => Math.max(most, Math.abs(movement(id, 2))), 0);
  // Slope of the frame's front, up per metre rearward: rotation about y turns the rear down.
  const slope = -mean(front, 4);
  const tip = mean(front, 2) + slope * (chassis.ballXM - frontX);
  const crosses = chassis.members
    .filter(({ group }) => group === 'cross' || group === 'header')
    .flatMap(({ id }) => {
      const line = barLine(frame, prepared, solution, id);
      return line ? [{ id, line, bow: STANDARD_GRAVITY * Math.abs(largestBow(line).value) }] : [];
    });
  const worst = crosses.reduce<(typeof crosses)[number] | undefined>(
    (most, next) => (!most || next.bow > most.bow ? next : most),
    undefined,
  );
  return [
    result('rails', 'rail.left', between, standing.groupCentreXM - chassis.ballXM),
    ...(rearX > standing.groupCentreXM
      ? [result('rear-overhang', 'rail.left', mean(rear, 2), rearX - standing.groupCentreXM)]
      : []),
    result('tongue-tip', 'tongue', tip, -chassis.ballXM),
    ...(worst ? [result('cross-member', worst.id, worst.bow, worst.line.breaksM.at(-1) as number)] : []),
  ];
};
