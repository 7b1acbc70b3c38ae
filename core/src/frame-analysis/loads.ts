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
 * Loads worked out as far as they can be without knowing how the frame is held; they add up. Flat arrays, of what carries something alone: most
 * of the time of an analysis would go into making small ones or filling large ones with nothing.
 */
export interface ReadyLoads {
  /** on nodes: force and moment, global, six per node in the model's order; undefined where none stand on any */
  readonly nodal: Float64Array | undefined;
  /** members that carry loads, by index */
  readonly members: readonly number[];
  /** what these members' loads come to at their ends, soft movements worked out: local axes, twelve for each of `members` */
  readonly atEnds: Float64Array;
  /** what stood at each soft movement when it was worked out, in the order of a member's steps: twelve for each of `members` */
  readonly held: Float64Array;
  /** loads on members in their own axes, by index; all of these together */
  readonly standing: readonly ReadonlyMap<number, readonly LocalLoad[]>[];
}

/** A load this little off the member's end, as a share of its length, is a slip of rounding. */
const END_SLIP = 1e-9;

const clamp = (x: number, most: number): number => Math.min(most, Math.max(0, x));

const localise = (load: MemberLoad, { axes, member }: PreparedMember): Result<LocalLoad, FrameProblem> => {
  const { lengthM } = axes;
  const turn = load.axes !== 'local';
  const [least, most] = [-END_SLIP * lengthM, lengthM * (1 + END_SLIP)];
  if (load.kind === 'point') {
    const { atM, forceN } = load;
    if (!isFinite3(forceN) || !Number.isFinite(atM)) return fail({ code: 'not-finite', of: member.id });
    if (!(atM >= least && atM <= most)) return fail({ code: 'load-off-member', member: member.id, lengthM });
    return ok({ kind: 'point', atM: clamp(atM, lengthM), forceN: turn ? toLocal(axes, forceN) : forceN });
  }
  const { fromM, toM, startNPerM, endNPerM } = load;
  if (!isFinite3(startNPerM) || !isFinite3(endNPerM) || !Number.isFinite(fromM + toM))
    return fail({ code: 'not-finite', of: member.id });
  if (!(fromM >= least && fromM <= most && toM >= fromM && toM <= most))
    return fail({ code: 'load-off-member', member: member.id, lengthM });
  return ok({
    kind: 'spread',
    fromM: clamp(fromM, lengthM),
    toM: clamp(toM, lengthM),
    startNPerM: turn ? toLocal(axes, startNPerM) : startNPerM,
    endNPerM: turn ? toLocal(axes, endNPerM) : endNPerM,
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

const nodalOf = (
  { model: { nodes }, nodeIndex, take }: UnheldFrame,
  pattern: LoadPattern,
): Float64Array | undefined => {
  if (pattern.nodal.length === 0) return undefined;
  const nodal = take(nodes.length * 6);
  for (const { node, forceN, momentNm } of pattern.nodal) {
    const at = (nodeIndex.get(node) as number) * 6;
    for (let j = 0; j < 3; j += 1) {
      nodal[at + j] = (nodal[at + j] as number) + (forceN[j] as number);
      nodal[at + 3 + j] = (nodal[at + 3 + j] as number) + (momentNm?.[j] ?? 0);
    }
  }
  return nodal;
};

const NOTHING = new Float64Array(0);

/** Loads on nodes alone: force and moment, global, six per node in the model's order. */
export const nodalLoads = (nodal: Float64Array): ReadyLoads => ({
  nodal,
  members: [],
  atEnds: NOTHING,
  held: NOTHING,
  standing: [],
});

/** One pattern made ready for a frame, however it is held; or the loads that stand nowhere, with their place. */
export const readyLoads = (frame: UnheldFrame, pattern: LoadPattern): Result<ReadyLoads, FrameProblem[]> => {
  const found = localLoadsOf(frame, pattern);
  if (!found.ok) return found;
  const members = [...found.value.keys()];
  const atEnds = frame.take(members.length * SIZE);
  const held = frame.take(members.length * SIZE);
  let at = 0;
  for (const [index, own] of found.value) {
    const member = frame.members[index] as PreparedMember;
    const ends = atEnds.subarray(at, at + SIZE);
    addEquivalent(ends, own, member);
    condenseLoads(member.condensed.steps, ends, held, at);
    at += SIZE;
  }
  return ok({ nodal: nodalOf(frame, pattern), members, atEnds, held, standing: [found.value] });
};

const addTo = (sum: Float64Array, sumAt: number, values: Float64Array, valuesAt: number, count: number): void => {
  for (let i = 0; i < count; i += 1) sum[sumAt + i] = (sum[sumAt + i] as number) + (values[valuesAt + i] as number);
};

/** All of these at once: superposition. */
export const sumOfLoads = (frame: UnheldFrame, all: readonly ReadyLoads[]): ReadyLoads => {
  const places = new Int32Array(frame.members.length);
  const members: number[] = [];
  for (const ready of all)
    for (const index of ready.members) {
      if (places[index] !== 0) continue;
      members.push(index);
      places[index] = members.length;
    }
  const atEnds = frame.take(members.length * SIZE);
  const held = frame.take(members.length * SIZE);
  let nodal: Float64Array | undefined;
  for (const ready of all) {
    ready.members.forEach((index, own) => {
      const at = ((places[index] as number) - 1) * SIZE;
      addTo(atEnds, at, ready.atEnds, own * SIZE, SIZE);
      addTo(held, at, ready.held, own * SIZE, SIZE);
    });
    if (!ready.nodal) continue;
    nodal ??= frame.take(frame.model.nodes.length * 6);
    addTo(nodal, 0, ready.nodal, 0, nodal.length);
  }
  return { nodal, members, atEnds, held, standing: all.flatMap(({ standing }) => standing) };
};

/** What one member bears of them. */
export const loadsOn = ({ standing }: ReadyLoads, memberIndex: number): readonly LocalLoad[] =>
  standing.flatMap((own) => own.get(memberIndex) ?? []);
