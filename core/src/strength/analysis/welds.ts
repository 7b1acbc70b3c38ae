import type { Member } from '../../chassis/index.js';
import { cross, dot, innerAt, type PreparedMember, subtract, type Vector3 } from '../../frame-analysis/index.js';
import type { Trailer } from '../../project/index.js';
import { designShape, outsideSize, wallThicknessM } from '../../sections/index.js';
import { inches } from '../../units/index.js';
import { type BarElement, SPLICE } from '../frame-model/framing.js';
import { FREE_END } from '../frame-model/ownBars.js';
import type { TrailerFrame } from '../frame-model/trailerFrame.js';
import { heldLengthM } from '../joints/crippling.js';
import { allRound, type EndForces, lineGroup, type WeldForce, weldForce, type WeldGroup } from '../joints/weldGroup.js';
import { usualLegM, type WeldStrength, weldStrength } from '../joints/weldStrength.js';
import type { Limit } from '../situations/situations.js';
import type { RunKey, WeldResult } from './analysis.js';
import type { ElementStrength } from './bracing.js';
import { type EndMoments, relieved } from './relief.js';
import type { SolvedRun } from './solver.js';

/** An end of an element: 0 for its first, 6 for its second. */
export interface ElementEnd {
  readonly element: string;
  readonly at: 0 | 6;
}

interface Wrench {
  readonly forceN: Vector3;
  readonly momentNm: Vector3;
}

/** Force and moment that a node passes on to what is joined to it there in a run, about a place, in the trailer's axes. */
export const passing =
  (ends: readonly ElementEnd[], about: Vector3) =>
  ({ prepared: { members, memberIndex }, endForces }: SolvedRun): Wrench => {
    let [fx, fy, fz, mx, my, mz] = [0, 0, 0, 0, 0, 0];
    for (const { element, at } of ends) {
      const index = memberIndex.get(element);
      if (index === undefined) continue;
      const { start, end, rows } = (members[index] as PreparedMember).axes;
      const place = at === 0 ? start : end;
      const from = index * 12 + at;
      let [x, y, z] = [0, 0, 0];
      for (let i = 0; i < 3; i += 1) {
        const row = rows[i] as Vector3;
        const push = endForces[from + i] as number;
        const turn = endForces[from + 3 + i] as number;
        x += push * row[0];
        y += push * row[1];
        z += push * row[2];
        mx += turn * row[0];
        my += turn * row[1];
        mz += turn * row[2];
      }
      const armX = place[0] - about[0];
      const armY = place[1] - about[1];
      const armZ = place[2] - about[2];
      fx += x;
      fy += y;
      fz += z;
      mx += armY * z - armZ * y;
      my += armZ * x - armX * z;
      mz += armX * y - armY * x;
    }
    return { forceN: [fx, fy, fz], momentNm: [mx, my, mz] };
  };

/** A weld with everything that does not change from run to run. */
export interface WeldPlace {
  readonly id: string;
  readonly memberId: string;
  readonly joint: string;
  readonly end: string;
  readonly kind: 'butt' | 'splice' | 'lap' | 'hanger' | 'coupler' | 'gusset';
  readonly at: Vector3;
  readonly legM: number;
  readonly wallM: number;
  readonly group: WeldGroup;
  readonly pieces: 1 | 2;
  readonly strengths: Readonly<Record<Limit, WeldStrength>>;
  readonly forces: (solved: SolvedRun, ends: ReadonlyMap<string, EndMoments>) => EndForces;
}

const wallOf = (member: Member): number => wallThicknessM(designShape(member.section));
/** The leg is chosen by the wall that is bought; strength counts with the one that is sure. */
const legOn = (trailer: Trailer, ...members: readonly Member[]): number =>
  trailer.strength.weldLegM ?? usualLegM(Math.min(...members.map(({ section }) => wallThicknessM(section.shape))));

const borneBy = (trailer: Trailer, weaker: Member, wallM: number, legM: number): WeldPlace['strengths'] => {
  const borne = (limit: Limit): WeldStrength =>
    weldStrength(weaker.material, wallM, legM, trailer.strength.filler, limit);
  return { allowable: borne('allowable'), yield: borne('yield') };
};

/** Ends that are sawn off and welded on what they butt on. */
const buttEnds = (
  trailer: Trailer,
  strengths: readonly ElementStrength[],
): readonly { readonly index: number; readonly end: 'first' | 'second' }[] => {
  const { corner } = trailer.frame.bed;
  const butting = corner === 'headers-through' ? 'rail' : 'header';
  return strengths.flatMap(({ bar }, index) => {
    const { group, id } = bar.member;
    if (group === 'rail' || group === 'header' ? group !== butting : id.startsWith('side.l') || id.startsWith('side.r'))
      return [];
    const own = strengths.filter((other) => other.bar.member.id === id);
    const ends: { index: number; end: 'first' | 'second' }[] = [];
    const free = (joint: string | undefined, lapped: boolean): boolean =>
      joint === 'coupler' || joint === FREE_END || lapped;
    // A tongue that runs on under the frame is welded along its top, not at its cut end.
    const under = group === 'tongue' && bar.member.frontRiseM === 0 && bar.member.extent.x1M > 1e-6 && !isUpright(id);
    if (own[0]?.bar === bar && !free(bar.jointFrom, false)) ends.push({ index, end: 'first' });
    if (own.at(-1)?.bar === bar && !free(bar.jointTo, under)) ends.push({ index, end: 'second' });
    return ends;
  });
};

const isUpright = (id: string): boolean => id.startsWith('packer.') || id.startsWith('tongue.riser.');

/** The weld all round an end of an element. */
const roundEnd = (
  trailer: Trailer,
  { bar }: ElementStrength,
  end: 'first' | 'second',
  lines: LinesOf,
): Omit<WeldPlace, 'id' | 'joint' | 'end' | 'kind'> => {
  const { member } = bar;
  const wallM = wallOf(member);
  const legM = legOn(trailer, member);
  const shape = designShape(member.section);
  const closed = shape.kind === 'rect-tube' || shape.kind === 'round-tube';
  return {
    memberId: member.id,
    at: lines(bar.id)?.[end === 'first' ? 'start' : 'end'] ?? [0, 0, 0],
    legM,
    wallM,
    group: allRound(shape),
    pieces: member.pieces,
    // An open bar's wall lies between two welds, half of it to each.
    strengths: borneBy(trailer, member, closed ? wallM : wallM / 2, legM),
    forces: (solved, ends) => {
      const own = solved.prepared.memberIndex.get(bar.id) as number;
      const pieces = solved.pieces[own] as SolvedRun['pieces'][number];
      const inner = innerAt(pieces, solved.inner(own), end === 'first' ? 0 : pieces.lengthM);
      return relieved(inner, end === 'first' ? bar.fromM : bar.toM, ends.get(member.id));
    },
  };
};

const buttWelds = (trailer: Trailer, strengths: readonly ElementStrength[], lines: LinesOf): WeldPlace[] =>
  buttEnds(trailer, strengths).map(({ index, end }) => {
    const strength = strengths[index] as ElementStrength;
    const { member, jointFrom, jointTo } = strength.bar;
    return {
      ...roundEnd(trailer, strength, end, lines),
      id: `${member.id} ${end}`,
      joint: (end === 'first' ? jointFrom : jointTo) ?? '',
      end,
      kind: 'butt',
    };
  });

/** Where lengths of a bar are welded together end on end, by a weld all round. */
const spliceWelds = (trailer: Trailer, strengths: readonly ElementStrength[], lines: LinesOf): WeldPlace[] =>
  strengths
    .filter(({ bar }) => bar.jointTo === SPLICE)
    .map((strength) => ({
      ...roundEnd(trailer, strength, 'second', lines),
      id: `${strength.bar.id} splice`,
      joint: SPLICE,
      end: `splice.${strength.bar.id}`,
      kind: 'splice',
    }));

type LinesOf = (elementId: string) => { readonly start: Vector3; readonly end: Vector3 } | undefined;

/** Two lines along a bar, or a ring where it can be welded across as well. */
const alongLines = (lengthM: number, apartM: number, ring: boolean): WeldGroup =>
  lineGroup([
    [-apartM / 2, -lengthM / 2, -apartM / 2, lengthM / 2],
    [apartM / 2, -lengthM / 2, apartM / 2, lengthM / 2],
    ...(ring
      ? ([
          [-apartM / 2, -lengthM / 2, apartM / 2, -lengthM / 2],
          [-apartM / 2, lengthM / 2, apartM / 2, lengthM / 2],
        ] as const)
      : []),
  ]);

/** What a lap weld feels, in its own plane: the group's y lies level across the bar, its z along it. */
const inPlane = ({ forceN, momentNm }: Wrench, along: Vector3, across: Vector3, normal: Vector3): EndForces => ({
  n: dot(forceN, normal),
  vy: dot(forceN, across),
  vz: dot(forceN, along),
  t: dot(momentNm, normal),
  my: dot(momentNm, across),
  mz: dot(momentNm, along),
});

const REAR: Vector3 = [1, 0, 0];
const RIGHT: Vector3 = [0, 1, 0];
const UP: Vector3 = [0, 0, 1];

const unit = (v: Vector3): Vector3 => {
  const size = Math.hypot(...v);
  return [v[0] / size, v[1] / size, v[2] / size];
};

/** The same weld twice, on both sides of a tube that goes through. */
const onBothSides = (one: WeldGroup): WeldGroup => ({
  ...one,
  lengthM: 2 * one.lengthM,
  modulusYM2: 2 * one.modulusYM2,
  modulusZM2: 2 * one.modulusZM2,
  polarM3: 2 * one.polarM3,
});

/**
 * What the welds of a bar's two halves on a tube between them feel: forces and the turn about the halves' own line in the plane of the welds; the other
 * turns as a couple of pull and push across the tube, M ÷ w on each side, which is half of the weld.
 */
const through =
  (passed: (solved: SolvedRun) => Wrench, along: Vector3, apartM: number): WeldPlace['forces'] =>
  (solved) => {
    const wrench = passed(solved);
    const { n, vy, vz, t, my, mz } = inPlane(wrench, UP, along, RIGHT);
    return { n: Math.abs(n) + (2 * (Math.abs(my) + Math.abs(mz))) / apartM, vy, vz, t, my: 0, mz: 0 };
  };

/** Where a bar of the tongue laps under a rail, header or cross-member that it touches: welded all round the contact. Where it goes through one, both halves are welded to its sides. */
const lapWelds = (trailer: Trailer, frame: TrailerFrame, bars: readonly BarElement[], lines: LinesOf): WeldPlace[] =>
  frame.laps.flatMap(({ barId, onId, node, lengthM }): WeldPlace[] => {
    const own = bars.filter(({ member }) => member.id === barId);
    const member = own[0]?.member;
    const on = bars.find((bar) => bar.member.id === onId)?.member;
    if (!member || !on) return [];
    const elements = frame.elements.filter(({ id }) => own.some((bar) => bar.id === id));
    const ends = elements.flatMap(({ id, from, to }): ElementEnd[] => [
      ...(from === node ? [{ element: id, at: 0 as const }] : []),
      ...(to === node ? [{ element: id, at: 6 as const }] : []),
    ]);
    const [first] = ends;
    const line = first && lines(first.element);
    if (!first || !line) return [];
    const along = unit(subtract(line.end, line.start));
    const centre = first.at === 0 ? line.start : line.end;
    const topM = outsideSize(designShape(member.section)).heightM - member.bar.design.centroidZM;
    const at: Vector3 = [centre[0], centre[1], centre[2] + topM];
    const across = unit(cross([0, 0, 1], along));
    const passed = passing(ends, at);
    const weaker = wallOf(on) < wallOf(member) ? on : member;
    const wallM = wallOf(weaker);
    const legM = legOn(trailer, member, on);
    const common = {
      id: `${barId} ${onId}`,
      memberId: barId,
      joint: onId,
      end: onId,
      at,
      legM,
      wallM,
      pieces: 1,
    } as const;
    const strengths = borneBy(trailer, weaker, wallM, legM);
    if (on.parted)
      return [
        {
          ...common,
          at: centre,
          kind: 'lap',
          group: onBothSides(allRound(designShape(on.section))),
          strengths,
          forces: through(passing(ends, centre), along, member.bar.widthM),
        },
      ];
    return [
      {
        ...common,
        kind: 'lap',
        group: alongLines(lengthM, member.bar.widthM, true),
        strengths,
        forces: (solved) => inPlane(passed(solved), along, across, UP),
      },
    ];
  });

/** Hangers are welded down both sides under the rail. */
const hangerWelds = (trailer: Trailer, frame: TrailerFrame, bars: readonly BarElement[]): WeldPlace[] => {
  if (trailer.runningGear.suspension.mounting !== 'welded') return [];
  const gear = new Set(frame.gear.elementIds);
  return frame.gear.hangers.flatMap(({ node, side, xM }): WeldPlace[] => {
    const rail = bars.find(({ member }) => member.id === `rail.${side}`)?.member;
    // On an outrigger it is not the rail that the hanger is welded to.
    if (!rail || frame.gear.outrigger) return [];
    const ends = frame.elements.flatMap(({ id, from, to }): ElementEnd[] =>
      gear.has(id)
        ? [
            ...(from === node ? [{ element: id, at: 0 as const }] : []),
            ...(to === node ? [{ element: id, at: 6 as const }] : []),
          ]
        : [],
    );
    const place = frame.at(node);
    const at: Vector3 = [place[0], place[1], place[2] - rail.bar.design.centroidZM];
    const passed = passing(ends, at);
    const wallM = wallOf(rail);
    const legM = legOn(trailer, rail);
    return [
      {
        id: `hanger.${side} ${xM.toFixed(4)}`,
        memberId: rail.id,
        joint: `hanger.${side}`,
        end: `hanger.${xM.toFixed(4)}`,
        kind: 'hanger',
        at,
        legM,
        wallM,
        group: alongLines(heldLengthM(trailer), rail.bar.widthM, false),
        pieces: 1,
        strengths: borneBy(trailer, rail, wallM, legM),
        forces: (solved) => inPlane(passed(solved), REAR, RIGHT, UP),
      },
    ];
  });
};

/**
 * A flat gusset's leg along a bar, welded on both faces: taken to hold all of the bar's sideways bending where the bar leaves it, as two lines
 * of its leg (its stiff half, twice).
 */
const gussetWelds = (trailer: Trailer, strengths: readonly ElementStrength[], lines: LinesOf): WeldPlace[] =>
  strengths.flatMap(({ bar }): WeldPlace[] =>
    (['from', 'to'] as const).flatMap((end): WeldPlace[] => {
      const stiffM = end === 'from' ? bar.stiffFromM : bar.stiffToM;
      const { member } = bar;
      if (!(stiffM > 0)) return [];
      const lengthM = 2 * stiffM;
      const wallM = wallOf(member);
      const legM = legOn(trailer, member);
      return [
        {
          id: `${bar.id} gusset ${end}`,
          memberId: member.id,
          joint: `gusset.${member.id}`,
          end: `gusset.${bar.id}.${end}`,
          kind: 'gusset',
          at: lines(bar.id)?.[end === 'from' ? 'start' : 'end'] ?? [0, 0, 0],
          legM,
          wallM,
          group: lineGroup([
            [0, 0, 0, lengthM],
            [0, 0, 0, lengthM],
          ]),
          pieces: 1,
          // The wall lies under both lines, half of it to each.
          strengths: borneBy(trailer, member, wallM / 2, legM),
          forces: (solved) => {
            const own = solved.prepared.memberIndex.get(bar.id) as number;
            const pieces = solved.pieces[own] as SolvedRun['pieces'][number];
            const { vy, mz } = innerAt(pieces, solved.inner(own), end === 'from' ? 0 : pieces.lengthM);
            return { n: vy, vy: 0, vz: 0, t: 0, my: mz, mz: 0 };
          },
        },
      ];
    }),
  );

/** Runs of weld down both sides of a coupler, m: 5 in, common practice. */
const COUPLER_RUN_M = inches(5);

const couplerWeld = (trailer: Trailer, frame: TrailerFrame, bars: readonly BarElement[]): WeldPlace[] => {
  const tongue = bars.filter(({ member, jointFrom }) => member.group === 'tongue' && jointFrom === 'coupler');
  const [member] = tongue.map((bar) => bar.member);
  if (trailer.coupling.mount !== 'welded' || !member) return [];
  const ends = tongue.map(({ id }): ElementEnd => ({ element: id, at: 0 }));
  const ball = frame.at(frame.ball);
  const { tongue: shape } = trailer.frame;
  const behindM = shape.kind === 'a-frame' ? shape.apexBehindBallM : shape.tipBehindBallM;
  const at: Vector3 = [ball[0] + behindM + COUPLER_RUN_M / 2, 0, ball[2]];
  const passed = passing(ends, at);
  const wallM = wallOf(member);
  const legM = legOn(trailer, member);
  return [
    {
      id: 'coupler',
      memberId: 'coupler',
      joint: member.id,
      end: 'first',
      kind: 'coupler',
      at,
      legM,
      wallM,
      group: alongLines(COUPLER_RUN_M, member.bar.widthM * tongue.length, false),
      pieces: 1,
      strengths: borneBy(trailer, member, wallM, legM),
      // Everything that the coupler gives the tongue comes through the ball's place.
      forces: (solved) => inPlane(passed(solved), REAR, RIGHT, UP),
    },
  ];
};

export const weldPlaces = (
  trailer: Trailer,
  frame: TrailerFrame,
  strengths: readonly ElementStrength[],
  lines: LinesOf,
): readonly WeldPlace[] => [
  ...buttWelds(trailer, strengths, lines),
  ...spliceWelds(trailer, strengths, lines),
  ...lapWelds(trailer, frame, frame.bars, lines),
  ...hangerWelds(trailer, frame, frame.bars),
  ...gussetWelds(trailer, strengths, lines),
  ...couplerWeld(trailer, frame, frame.bars),
];

/** Share of what weld or metal beside it bears, the greater of the two. */
export interface WeldShare {
  readonly share: number;
  readonly force: WeldForce;
  readonly end: EndForces;
}

export const weldShare = (
  weld: WeldPlace,
  solved: SolvedRun,
  ends: ReadonlyMap<string, EndMoments>,
  limit: Limit,
): WeldShare => {
  const end = weld.forces(solved, ends);
  const whole = weldForce(weld.group, end);
  // Two bars side by side are welded all round each.
  const force = { perLengthNM: whole.perLengthNM / weld.pieces, shearNM: whole.shearNM / weld.pieces };
  const { weldNM, baseShearNM } = weld.strengths[limit];
  return { share: Math.max(force.perLengthNM / weldNM, force.shearNM / baseShearNM), force, end };
};

export const weldResult = (
  weld: WeldPlace,
  { share, force, end }: WeldShare,
  key: RunKey,
  limit: Limit,
): WeldResult => {
  const strength = weld.strengths[limit];
  return {
    ...key,
    memberId: weld.memberId,
    joint: weld.joint,
    kind: weld.kind,
    at: weld.at,
    end: weld.end,
    legM: weld.legM,
    wallM: weld.wallM,
    lengthM: weld.group.lengthM,
    group: weld.group,
    passes: end,
    force,
    strength,
    by: force.perLengthNM / strength.weldNM >= force.shearNM / strength.baseShearNM ? 'weld-metal' : 'base-metal',
    utilisation: share,
  };
};
