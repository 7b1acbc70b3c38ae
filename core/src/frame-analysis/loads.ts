import { fail, ok, type Result } from '../result.js';
import { addPointLoad, addSpreadLoad, SIZE } from './beamElement.js';
import type { FrameProblem, LoadPattern, MemberLoad, Vector3 } from './frame.js';
import { toLocal } from './memberAxes.js';
import type { PreparedMember, UnheldFrame } from './prepare.js';
import { condenseLoads } from './releases.js';
import { isFinite3 } from './vectors.js';

/** A load on one member in its own axes. */
export type LocalLoad =
  | { readonly kind: 'point'; readonly atM: number; readonly forceN: Vector3 }
  | {
      readonly kind: 'spread';
      readonly fromM: number;
      readonly toM: number;
      readonly startNPerM: Vector3;
      readonly endNPerM: Vector3;
    };

/**
 * Loads worked out as far as they can be without knowing how the frame is held; they add up. Flat arrays in the model's order: most of the
 * time of an analysis would go into making small ones.
 */
export interface ReadyLoads {
  /** on nodes: force and moment, global, six per node */
  readonly nodal: Float64Array;
  /** what members' loads come to at their ends, soft movements worked out: local axes, twelve per member */
  readonly atEnds: Float64Array;
  /** what stood at each soft movement when it was worked out, in the order of a member's steps: twelve per member */
  readonly held: Float64Array;
  /** loads of the members that carry any, in their own axes, by index */
  readonly own: ReadonlyMap<number, readonly LocalLoad[]>;
}

/** A load this little off the member's end, as a share of its length, is a slip of rounding. */
const END_SLIP = 1e-9;

const localise = (load: MemberLoad, { axes, member }: PreparedMember): Result<LocalLoad, FrameProblem> => {
  const { lengthM } = axes;
  const turn = (vector: Vector3): Vector3 => (load.axes === 'local' ? vector : toLocal(axes, vector));
  const off: FrameProblem = { code: 'load-off-member', member: member.id, lengthM };
  const inside = (x: number): boolean => x >= -END_SLIP * lengthM && x <= lengthM * (1 + END_SLIP);
  const clamp = (x: number): number => Math.min(lengthM, Math.max(0, x));
  if (load.kind === 'point') {
    if (!isFinite3(load.forceN) || !Number.isFinite(load.atM)) return fail({ code: 'not-finite', of: member.id });
    return inside(load.atM) ? ok({ kind: 'point', atM: clamp(load.atM), forceN: turn(load.forceN) }) : fail(off);
  }
  if (![load.startNPerM, load.endNPerM].every(isFinite3) || !Number.isFinite(load.fromM + load.toM))
    return fail({ code: 'not-finite', of: member.id });
  if (!inside(load.fromM) || !inside(load.toM) || load.toM < load.fromM) return fail(off);
  return ok({
    kind: 'spread',
    fromM: clamp(load.fromM),
    toM: clamp(load.toM),
    startNPerM: turn(load.startNPerM),
    endNPerM: turn(load.endNPerM),
  });
};

const localLoadsOf = (frame: UnheldFrame, pattern: LoadPattern): Result<Map<number, LocalLoad[]>, FrameProblem[]> => {
  const loads = new Map<number, LocalLoad[]>();
  const problems: FrameProblem[] = [];
  for (const load of pattern.member) {
    const index = frame.memberIndex.get(load.member);
    if (index === undefined) {
      problems.push({ code: 'unknown-member', member: load.member });
      continue;
    }
    const local = localise(load, frame.members[index] as PreparedMember);
    if (!local.ok) problems.push(local.error);
    else if (loads.has(index)) loads.get(index)?.push(local.value);
    else loads.set(index, [local.value]);
  }
  for (const { node, forceN, momentNm } of pattern.nodal) {
    if (!frame.nodeIndex.has(node)) problems.push({ code: 'unknown-node', by: 'load', node });
    if (!isFinite3(forceN) || (momentNm && !isFinite3(momentNm))) problems.push({ code: 'not-finite', of: node });
  }
  return problems.length > 0 ? fail(problems) : ok(loads);
};

/** End forces that work as the member's loads do, local axes, 12, added to `into`. */
const addEquivalent = (into: Float64Array, loads: readonly LocalLoad[], { axes, ratios }: PreparedMember): void => {
  for (const load of loads) {
    if (load.kind === 'point') addPointLoad(into, load.atM, load.forceN, axes.lengthM, ratios);
    else addSpreadLoad(into, load.fromM, load.toM, load.startNPerM, load.endNPerM, axes.lengthM, ratios);
  }
};

const addNodal = (frame: UnheldFrame, pattern: LoadPattern, nodal: Float64Array): void => {
  for (const { node, forceN, momentNm } of pattern.nodal) {
    const at = (frame.nodeIndex.get(node) as number) * 6;
    for (let j = 0; j < 3; j += 1) {
      nodal[at + j] = (nodal[at + j] as number) + (forceN[j] as number);
      nodal[at + 3 + j] = (nodal[at + 3 + j] as number) + (momentNm?.[j] ?? 0);
    }
  }
};

/** No loads at all. */
export const noLoads = ({ model: { nodes, members }, take }: UnheldFrame): ReadyLoads => ({
  nodal: take(nodes.length * 6),
  atEnds: take(members.length * SIZE),
  held: take(members.length * SIZE),
  own: new Map(),
});

/** One pattern made ready for a frame, however it is held; or the loads that stand nowhere, with their place. */
export const readyLoads = (frame: UnheldFrame, pattern: LoadPattern): Result<ReadyLoads, FrameProblem[]> => {
  const found = localLoadsOf(frame, pattern);
  if (!found.ok) return found;
  const { nodal, atEnds, held } = noLoads(frame);
  addNodal(frame, pattern, nodal);
  const ends = new Float64Array(SIZE);
  for (const [index, own] of found.value) {
    const member = frame.members[index] as PreparedMember;
    ends.fill(0);
    addEquivalent(ends, own, member);
    condenseLoads(member.condensed.steps, ends, held, index * SIZE);
    atEnds.set(ends, index * SIZE);
  }
  return ok({ nodal, atEnds, held, own: found.value });
};

const addTo = (sum: Float64Array, values: Float64Array): void => {
  for (let i = 0; i < sum.length; i += 1) sum[i] = (sum[i] as number) + (values[i] as number);
};

/** All of these at once: superposition. */
export const sumOfLoads = (frame: UnheldFrame, all: readonly ReadyLoads[]): ReadyLoads => {
  const { nodal, atEnds, held } = noLoads(frame);
  const own = new Map<number, LocalLoad[]>();
  for (const ready of all) {
    addTo(nodal, ready.nodal);
    addTo(atEnds, ready.atEnds);
    addTo(held, ready.held);
    for (const [index, loads] of ready.own) {
      const known = own.get(index);
      if (known) known.push(...loads);
      else own.set(index, [...loads]);
    }
  }
  return { nodal, atEnds, held, own };
};
