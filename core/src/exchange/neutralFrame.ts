import { z } from 'zod';
import {
  type FrameModel,
  type FrameProblem,
  type Freedom,
  FREEDOMS,
  type LoadPattern,
  type MemberLoad,
  equilibriumResidual,
  prepareFrame,
  type Restraint,
  solvePattern,
  type Vector3,
} from '../frame-analysis/index.js';
import { fail, type Result } from '../result.js';
import { frameProblemSentence } from '../wording/index.js';
import { firstIssue, inFigures, neutralId, type NeutralProblem } from './neutralProblem.js';

const finite = z.number();
const vector = z.tuple([finite, finite, finite]);
/** A freed end movement goes by the force that it then cannot pass on. */
const RELEASES: Readonly<Record<string, Freedom>> = { fx: 'ux', fy: 'uy', fz: 'uz', mx: 'rx', my: 'ry', mz: 'rz' };
const release = z
  .string()
  .refine((name) => Object.hasOwn(RELEASES, name) || (FREEDOMS as readonly string[]).includes(name), {
    message: 'a release is one of fx fy fz mx my mz',
  })
  .transform((name) => RELEASES[name] ?? (name as Freedom));
const held = z.union([z.boolean(), finite.nonnegative()]).optional();

const memberSchema = z.object({
  id: neutralId,
  i: neutralId,
  j: neutralId,
  A: finite,
  Iy: finite,
  Iz: finite,
  J: finite,
  E: finite,
  G: finite,
  Asy: finite.optional(),
  Asz: finite.optional(),
  up: vector.optional(),
});
const endsOf = <T extends z.ZodType>(entry: T) => z.object({ i: entry.optional(), j: entry.optional() }).optional();

const memberLoadSchema = z.object({
  member: neutralId,
  at: finite.optional(),
  fx: finite.default(0),
  fy: finite.default(0),
  fz: finite.default(0),
  qx: finite.default(0),
  qy: finite.default(0),
  qz: finite.default(0),
  q2x: finite.optional(),
  q2y: finite.optional(),
  q2z: finite.optional(),
  from: finite.optional(),
  to: finite.optional(),
});

const fileSchema = z.object({
  nodes: z.array(z.object({ id: neutralId, x: finite, y: finite, z: finite })).min(1),
  members: z.array(memberSchema.extend({ releases: endsOf(z.array(release)), offsets: endsOf(vector) })).min(1),
  supports: z.array(z.object({ node: neutralId, ux: held, uy: held, uz: held, rx: held, ry: held, rz: held })),
  nodalLoads: z
    .array(
      z.object({
        node: neutralId,
        fx: finite.default(0),
        fy: finite.default(0),
        fz: finite.default(0),
        mx: finite.default(0),
        my: finite.default(0),
        mz: finite.default(0),
      }),
    )
    .default([]),
  memberLoads: z.array(memberLoadSchema).default([]),
});
type FrameFile = z.infer<typeof fileSchema>;

const AXES: readonly Vector3[] = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
];

const restraintsOf = (support: FrameFile['supports'][number]): Restraint[] =>
  FREEDOMS.flatMap((freedom, i): Restraint[] => {
    const value = support[freedom];
    if (value === undefined || value === false || value === 0) return [];
    return [
      {
        kind: i < 3 ? 'translation' : 'rotation',
        direction: AXES[i % 3] as Vector3,
        stiffness: value === true ? 'fixed' : value,
      },
    ];
  });

const modelOf = (file: FrameFile): FrameModel => ({
  nodes: file.nodes.map(({ id, x, y, z: height }) => ({ id, at: [x, y, height] })),
  members: file.members.map((member) => ({
    id: member.id,
    from: member.i,
    to: member.j,
    areaM2: member.A,
    iyM4: member.Iy,
    izM4: member.Iz,
    torsionM4: member.J,
    elasticPa: member.E,
    shearPa: member.G,
    shearAreaYM2: member.Asy,
    shearAreaZM2: member.Asz,
    up: member.up,
    releaseFrom: member.releases?.i,
    releaseTo: member.releases?.j,
    offsetFrom: member.offsets?.i,
    offsetTo: member.offsets?.j,
  })),
  supports: file.supports.map((support) => ({ node: support.node, restraints: restraintsOf(support) })),
});

/** Where neither `from` nor `to` is given the load covers the member; its length is known once the frame is built. */
const memberLoadOf = (load: FrameFile['memberLoads'][number], lengthM: number): MemberLoad[] => {
  const loads: MemberLoad[] = [];
  const start: Vector3 = [load.qx, load.qy, load.qz];
  const end: Vector3 = [load.q2x ?? load.qx, load.q2y ?? load.qy, load.q2z ?? load.qz];
  if ([...start, ...end].some((value) => value !== 0)) {
    loads.push({
      member: load.member,
      axes: 'global',
      kind: 'spread',
      fromM: load.from ?? 0,
      toM: load.to ?? lengthM,
      startNPerM: start,
      endNPerM: end,
    });
  }
  if (load.at !== undefined) {
    loads.push({
      member: load.member,
      axes: 'global',
      kind: 'point',
      atM: load.at,
      forceN: [load.fx, load.fy, load.fz],
    });
  }
  return loads;
};

const PATHS: Readonly<Partial<Record<FrameProblem['code'], string>>> = {
  'no-members': 'members',
  'no-supports': 'supports',
  'duplicate-node': 'nodes',
  'duplicate-member': 'members',
  'no-length': 'members',
  'not-positive': 'members',
  'up-along-member': 'members',
  'loose-member': 'members',
  'load-off-member': 'memberLoads',
  'unknown-member': 'memberLoads',
  'no-direction': 'supports',
  'negative-spring': 'supports',
};

const placeOf = (problem: FrameProblem): string => {
  const list = PATHS[problem.code];
  const id = 'member' in problem ? problem.member : 'id' in problem ? problem.id : undefined;
  return list === undefined ? '' : id === undefined ? list : `${list}.${id}`;
};

/** All that is wrong, the first one's place and code; every sentence. */
const refused = (problems: readonly FrameProblem[]): NeutralProblem => {
  const [first] = problems as [FrameProblem];
  return {
    code: first.code === 'mechanism' || first.code === 'loose-member' ? 'mechanism' : 'invalid',
    path: placeOf(first),
    message: problems.map(frameProblemSentence).join(' '),
  };
};

const rows = (ids: readonly string[], values: Float64Array, width: number): Record<string, number[]> =>
  Object.fromEntries(ids.map((id, i) => [id, [...values.subarray(i * width, (i + 1) * width)]]));

/** `kereta calc frame`: displacements, reactions and member end forces of one frame under its loads, all added up. */
export const calculateFrame = (content: unknown): Result<unknown, NeutralProblem> => {
  const parsed = fileSchema.safeParse(content);
  if (!parsed.success) return fail(firstIssue(parsed.error));
  const file = parsed.data;
  const frame = prepareFrame(modelOf(file));
  if (!frame.ok) return fail(refused(frame.error));
  const { model, memberIndex, members } = frame.value;
  const pattern: LoadPattern = {
    nodal: file.nodalLoads.map(({ node, fx, fy, fz, mx, my, mz }) => ({
      node,
      forceN: [fx, fy, fz],
      momentNm: [mx, my, mz],
    })),
    member: file.memberLoads.flatMap((load) =>
      memberLoadOf(load, members[memberIndex.get(load.member) ?? -1]?.axes.lengthM ?? 0),
    ),
  };
  const solved = solvePattern(frame.value, pattern);
  if (!solved.ok) return fail(refused(solved.error));
  const nodeIds = model.nodes.map(({ id }) => id);
  const supported = new Set(model.supports.map(({ node }) => node));
  const reactions = rows(nodeIds, solved.value.reactions, 6);
  return inFigures({
    displacements: rows(nodeIds, solved.value.displacements, 6),
    reactions: Object.fromEntries(Object.entries(reactions).filter(([id]) => supported.has(id))),
    memberEndForces: rows(
      model.members.map(({ id }) => id),
      solved.value.endForces,
      12,
    ),
    equilibriumResidual: equilibriumResidual(frame.value, pattern, solved.value),
    condition: frame.value.condition,
  });
};
