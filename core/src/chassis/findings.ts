import { concluding, finding, type FindingOf, minus, plus, quantity, workedOut } from '../findings/index.js';
import { madeIn } from '../materials/index.js';
import { findMaterial, type Trailer } from '../project/index.js';
import type { Chassis } from './buildChassis.js';
import type { ChassisProblem, Member } from './member.js';
import { openJoints } from './panelJoints.js';
import { RULES } from './rules.js';
import { sheetJoints } from './sheets.js';
import { throughBars } from './throughBars.js';

export interface ChassisFindingData {
  'frame-problem': ChassisProblem;
  /** air between a tongue and what it passes under; loose: nothing holds its rear end */
  'tongue-gap': {
    readonly memberId: string;
    readonly crossIds: readonly string[];
    readonly gapM: number;
    readonly loose: boolean;
  };
  'overall-width': {
    readonly widthM: number;
    readonly limitM: number | undefined;
    readonly by: 'tires' | 'fenders' | 'frame' | 'load';
    /** what reaches out furthest, where that is a load or a body */
    readonly itemId: string | undefined;
  };
  'overall-length': {
    readonly lengthM: number;
    readonly limitM: number | undefined;
    /** with the tongue folded away or taken out, and what is bolted on for good */
    readonly storedM: number | undefined;
    /** hanging over behind, where something does */
    readonly itemId: string | undefined;
  };
  'unmarked-metal': { readonly memberIds: readonly string[]; readonly yieldPa: number };
  /** a shape that the metal's standard is not made in; stronger: than what such a shape is usually sold in */
  'metal-not-of-shape': {
    readonly memberIds: readonly string[];
    readonly metal: string;
    readonly section: string;
    readonly usual: string;
    readonly yieldPa: number;
    readonly usualYieldPa: number;
  };
  'cracks-beside-welds': { readonly memberIds: readonly string[]; readonly metal: string };
  'aluminum-welds': { readonly memberCount: number };
  /** two sheets of the deck meet where no bar across holds both */
  'sheet-joint-off-bar': { readonly xM: number; readonly nearestId: string | undefined; readonly offM: number };
  /** a plywood panel larger than a sheet: between these two places no bar is where two could meet */
  'panel-joint-off-bar': { readonly panelId: string; readonly fromM: number; readonly toM: number };
  /** a tongue on top of the frame, so deep into what is over the deck */
  'tongue-through-deck': { readonly deepM: number };
  /** bars that pass through each other without a joint; and how many more do */
  'bars-cross': { readonly memberId: string; readonly otherId: string; readonly more: number };
  /** bars that butt on a header which is not as deep as they are */
  'header-too-shallow': { readonly memberId: string; readonly barM: number; readonly headerM: number };
}
export type ChassisFinding = FindingOf<ChassisFindingData>;

/** Outermost tire faces or the frame, whichever is wider, m. */
export const overallWidthM = (
  trailer: Trailer,
): { readonly widthM: number; readonly by: 'tires' | 'fenders' | 'frame' } => {
  const { suspension, tire, layout, fender } = trailer.runningGear;
  const overTires = layout === 'none' ? 0 : suspension.trackM + tire.widthM;
  const { widthM } = trailer.frame.bed;
  const overFenders = layout === 'none' || fender.kind === 'none' ? 0 : widthM + 2 * fender.reachM;
  if (overFenders > Math.max(overTires, widthM)) return { widthM: overFenders, by: 'fenders' };
  return overTires > widthM ? { widthM: overTires, by: 'tires' } : { widthM, by: 'frame' };
};

/** Outline on the road of something that is towed along, m from the bed's front edge and middle. */
export interface Outline {
  readonly id: string;
  readonly x0M: number;
  readonly x1M: number;
  readonly y0M: number;
  readonly y1M: number;
  /** bolted on for good: there when it is stored, too */
  readonly stays: boolean;
}

const furthest = (outlines: readonly Outline[], reach: (outline: Outline) => number): Outline | undefined =>
  outlines.reduce<Outline | undefined>((most, next) => (!most || reach(next) > reach(most) ? next : most), undefined);

const sideReachM = ({ y0M, y1M }: Outline): number => Math.max(-y0M, y1M);

/** Bars and panels of one's own that reach out: there for good, like a body. */
const ownOutlines = ({ members, panels }: Chassis): readonly Outline[] => [
  ...members
    .filter(({ line }) => line !== undefined)
    .map(({ id, extent, plan }) => ({
      id,
      x0M: extent.x0M,
      x1M: extent.x1M,
      y0M: Math.min(...plan.map(([, y]) => y)),
      y1M: Math.max(...plan.map(([, y]) => y)),
      stays: true,
    })),
  ...panels
    .filter(({ kind }) => kind === 'own')
    .map(({ id, extent, y0M, y1M }) => ({ id, x0M: extent.x0M, x1M: extent.x1M, y0M, y1M, stays: true })),
];

const sizes = (trailer: Trailer, chassis: Chassis, loads: readonly Outline[]): ChassisFinding[] => {
  const aboard = [...loads, ...ownOutlines(chassis)];
  const bare = overallWidthM(trailer);
  const widest = furthest(aboard, sideReachM);
  const loadWidthM = widest ? 2 * sideReachM(widest) : 0;
  const byLoad = loadWidthM > bare.widthM + 1e-9;
  const widthM = byLoad ? loadWidthM : bare.widthM;
  const by = byLoad ? 'load' : bare.by;
  const { bed, tongue } = trailer.frame;
  const behind = furthest(aboard, ({ x1M }) => x1M);
  const rearM = Math.max(bed.lengthM, behind?.x1M ?? 0);
  // A load that reaches ahead of the ball counts with the tow vehicle, not here.
  const lengthM = rearM - chassis.ballXM;
  const staying = aboard.filter(({ stays }) => stays);
  const storedM =
    tongue.kind !== 'a-frame' && tongue.joint.kind !== 'fixed'
      ? Math.max(bed.lengthM, ...staying.map(({ x1M }) => x1M)) -
        Math.min(-tongue.joint.aheadM, ...staying.map(({ x0M }) => x0M))
      : undefined;
  const { maxWidthM, maxLengthM } = trailer.job;
  const { suspension, tire } = trailer.runningGear;
  const m = (value: number) => quantity(value, 'length');
  const common = { step: 'job', subject: 'trailer', counts: true } as const;
  const spare = (limit: number | null, value: number) =>
    limit === null ? [] : [concluding(workedOut('spare', minus(m(limit), m(value)), 'length'))];
  // A size either passes the gate or it does not: nothing to be tight about short of the limit itself.
  const passes = (value: number, limit: number | null) => (limit === null || value <= limit ? 'ok' : 'over');
  return [
    finding({
      ...common,
      rule: RULES['overall-width'],
      data: { widthM, limitM: maxWidthM ?? undefined, by, itemId: byLoad ? widest?.id : undefined },
      verdict: passes(widthM, maxWidthM),
      value: m(widthM),
      limit: maxWidthM === null ? undefined : m(maxWidthM),
      working: [
        ...(by === 'tires' ? [workedOut('overall-width', plus(m(suspension.trackM), m(tire.widthM)), 'length')] : []),
        ...spare(maxWidthM, widthM),
      ],
    }),
    finding({
      ...common,
      rule: RULES['overall-length'],
      data: {
        lengthM,
        limitM: maxLengthM ?? undefined,
        storedM,
        itemId: rearM > bed.lengthM + 1e-9 ? behind?.id : undefined,
      },
      verdict: passes(lengthM, maxLengthM),
      value: m(lengthM),
      limit: maxLengthM === null ? undefined : m(maxLengthM),
      working: [
        workedOut('overall-length', plus(m(tongue.lengthM), m(lengthM - tongue.lengthM)), 'length'),
        ...spare(maxLengthM, lengthM),
      ],
    }),
  ];
};

const OPEN_PROBLEMS: ReadonlySet<ChassisProblem['code']> = new Set(['missing-section', 'missing-material']);
const TONGUE_PROBLEMS: ReadonlySet<ChassisProblem['code']> = new Set([
  'legs-outside-frame',
  'tongue-under-longer-than-bed',
  'slope-under-frame',
  'step-up-under-frame',
  'step-too-small',
  'step-with-side-tubes',
  'rise-over-frame',
  'side-tubes-ahead-of-tongue',
  'tongue-joint-off-tongue',
  'tongue-joint-behind-side-tubes',
]);

/** Where a tongue passes under bars that it does not touch; a single tube that touches none behind the header hangs on that alone. */
const gaps = ({ tongue }: Chassis): ChassisFinding[] => {
  if (!tongue) return [];
  return tongue.members.slice(0, 1).flatMap(({ id }): ChassisFinding[] => {
    const own = tongue.crossings.filter(({ barId }) => barId === id);
    const open = own.filter(({ touches, packerId }) => !touches && packerId === undefined);
    const [first] = open;
    if (!first) return [];
    const joined = own.filter(({ touches, packerId }) => touches || packerId !== undefined);
    const loose =
      tongue.rearOn === 'cross-member'
        ? !joined.some(({ crossId }) => crossId !== 'header.front') || joined.length < 2
        : joined.length === 0;
    // Where the rear end hangs, the last one is where a packer does most.
    const told = loose && tongue.rearOn === 'cross-member' ? (open.at(-1) ?? first) : first;
    return [
      finding({
        rule: RULES['tongue-gap'],
        data: {
          memberId: id,
          crossIds: loose ? [told.crossId] : open.map(({ crossId }) => crossId),
          gapM: told.gapM,
          loose,
        },
        verdict: loose ? 'over' : 'ok',
        step: 'tongue',
        subject: id,
        counts: loose,
        working: [],
      }),
    ];
  });
};

/** Less of a bar's depth than this on what it butts on is no joint of the whole bar (common practice). */
const WELDED_DEPTH = 0.9;

/** Legs or a tube that end at a header which is lower than they are: only part of their end can be welded. */
const shallowHeader = ({ tongue, members }: Chassis): ChassisFinding[] => {
  const header = members.find(({ id }) => id === 'header.front');
  const [bar] = tongue?.members ?? [];
  if (!tongue || !header || !bar || tongue.rearOn !== 'header' || tongue.risers.length > 0) return [];
  const [barM, headerM] = [bar.bar.heightM, header.bar.heightM];
  if (headerM >= WELDED_DEPTH * barM) return [];
  return [
    finding({
      rule: RULES['header-too-shallow'],
      data: { memberId: bar.id, barM, headerM },
      verdict: 'over',
      step: 'tongue',
      subject: bar.id,
      counts: true,
      value: quantity(headerM, 'length'),
      limit: quantity(barM, 'length'),
      working: [],
    }),
  ];
};

/** Members of one section in one metal, together. */
const alike = (members: readonly Member[]): readonly (readonly Member[])[] => {
  const groups = new Map<string, Member[]>();
  members.forEach((member) => {
    const key = `${member.section.id} ${member.material.id}`;
    groups.set(key, [...(groups.get(key) ?? []), member]);
  });
  return [...groups.values()];
};

/** Steel that is not made in such a shape is some other steel; where it counts as a stronger one, the strength is made up. */
const metals = (trailer: Trailer, members: readonly Member[]): ChassisFinding[] => [
  ...alike(
    members.filter(({ section, builtUp, material }) => !madeIn(material, (builtUp?.base ?? section).shape.kind)),
  ).flatMap((group): ChassisFinding[] => {
    const [first] = group;
    const usual = first && findMaterial(trailer, first.section.usualMaterialId);
    if (!first || !usual) return [];
    return [
      finding({
        rule: RULES['metal-not-of-shape'],
        data: {
          memberIds: group.map(({ id }) => id),
          metal: first.material.name,
          section: first.section.designation,
          usual: usual.name,
          yieldPa: first.material.yieldPa,
          usualYieldPa: usual.yieldPa,
        },
        aspect: `${first.section.id} ${first.material.id}`,
        verdict: first.material.yieldPa > usual.yieldPa ? 'over' : 'tight',
        step: 'frame',
        subject: first.id,
        counts: true,
        working: [],
      }),
    ];
  }),
  ...alike(members.filter(({ material }) => material.cracksBesideWelds)).flatMap(([first, ...others]) =>
    first
      ? [
          finding({
            rule: RULES['cracks-beside-welds'],
            data: { memberIds: [first, ...others].map(({ id }) => id), metal: first.material.name },
            aspect: `${first.section.id} ${first.material.id}`,
            verdict: 'unchecked',
            step: 'frame',
            subject: first.id,
            counts: true,
            working: [],
          }),
        ]
      : [],
  ),
];

const offBars = (trailer: Trailer, chassis: Chassis): ChassisFinding[] =>
  sheetJoints(trailer, chassis)
    .filter(({ held }) => !held)
    .map(({ xM, nearestId, offM }, i) =>
      finding({
        rule: RULES['sheet-joint-off-bar'],
        data: { xM, nearestId, offM },
        aspect: `${i + 1}`,
        verdict: 'tight',
        step: 'frame',
        subject: 'deck',
        counts: true,
        working: [],
      }),
    );

const panelJoints = (trailer: Trailer, { panels, members }: Chassis): ChassisFinding[] =>
  openJoints(trailer, panels, members).map((open) =>
    finding({
      rule: RULES['panel-joint-off-bar'],
      data: open,
      verdict: 'tight',
      step: 'frame',
      subject: open.panelId,
      counts: true,
      working: [],
    }),
  );

/** Bars that lie in each other: told together, one of each first. */
const through = (chassis: Chassis): ChassisFinding[] => {
  const found = throughBars(chassis);
  const [first] = found;
  return first
    ? [
        finding({
          rule: RULES['bars-cross'],
          data: { ...first, more: found.length - 1 },
          verdict: 'tight',
          step: 'frame',
          subject: first.memberId,
          counts: true,
          working: [],
        }),
      ]
    : [];
};

/** A tongue that lies on the rails is where deck and loads are. */
const throughDeck = (trailer: Trailer, { tongue, deckTopZM }: Chassis): ChassisFinding[] => {
  const [bar] = tongue?.members ?? [];
  if (!bar || trailer.frame.tongue.runs !== 'over' || tongue?.rearOn === 'header') return [];
  if (trailer.frame.deck.kind === 'none') return [];
  return [
    finding({
      rule: RULES['tongue-through-deck'],
      data: { deepM: bar.extent.z1M - deckTopZM },
      verdict: 'tight',
      step: 'tongue',
      subject: bar.id,
      counts: true,
      working: [],
    }),
  ];
};

const subjectOf = (problem: ChassisProblem): string => {
  if ('memberId' in problem) return problem.memberId;
  if ('panelId' in problem) return problem.panelId;
  return 'pieceId' in problem ? problem.pieceId : 'trailer';
};

/** `aboard`: what is towed along in any case, and what is bolted on for good. */
export const chassisFindings = (trailer: Trailer, chassis: Chassis, aboard: readonly Outline[]): ChassisFinding[] => {
  const problems = chassis.problems.map(
    (problem): ChassisFinding =>
      finding({
        rule: RULES['frame-problem'],
        data: problem,
        aspect: problem.code,
        verdict: OPEN_PROBLEMS.has(problem.code) ? 'open' : 'over',
        step: TONGUE_PROBLEMS.has(problem.code) ? 'tongue' : 'frame',
        subject: subjectOf(problem),
        counts: true,
        working: [],
      }),
  );
  const unmarkedMembers = chassis.members.filter(({ material }) => material.id === 'unmarked-tube');
  const unmarked = unmarkedMembers.map(({ id }) => id);
  const aluminum = chassis.members.filter(({ material }) => material.family === 'aluminum');
  return [
    ...problems,
    ...gaps(chassis),
    ...shallowHeader(chassis),
    ...offBars(trailer, chassis),
    ...panelJoints(trailer, chassis),
    ...through(chassis),
    ...throughDeck(trailer, chassis),
    ...metals(trailer, chassis.members),
    ...sizes(trailer, chassis, aboard),
    ...(unmarked.length > 0
      ? [
          finding({
            rule: RULES['unmarked-metal'],
            data: { memberIds: unmarked, yieldPa: unmarkedMembers[0]?.material.yieldPa ?? 0 },
            verdict: 'ok',
            step: 'frame',
            subject: unmarked[0] ?? 'trailer',
            counts: false,
            working: [],
          }),
        ]
      : []),
    ...(aluminum.length > 0
      ? [
          finding({
            rule: RULES['aluminum-welds'],
            data: { memberCount: aluminum.length },
            verdict: 'ok',
            step: 'strength',
            subject: 'trailer',
            counts: false,
            working: [],
          }),
        ]
      : []),
  ];
};
