import type { Hole, Member } from '../../chassis/index.js';
import type { Trailer } from '../../project/index.js';
import { designShape, wallThicknessM } from '../../sections/index.js';
import { type InnerAt, innerAt, type MemberPieces, type Vector3, visitPeaks } from '../../frame-analysis/index.js';
import { elementLines } from '../frame-model/bearings.js';
import type { TrailerFrame } from '../frame-model/trailerFrame.js';
import { bearingN, boltShearN, tearOutN } from '../joints/bolts.js';
import { netAllowedPa, type NetSection, netSection, netStressPa } from '../joints/holes.js';
import { hangerStrengthN } from '../joints/crippling.js';
import { allRound, type WeldForce, weldForce, type WeldGroup } from '../joints/weldGroup.js';
import { usualLegM, type WeldStrength, weldStrength } from '../joints/weldStrength.js';
import { allowableShare, allowableUtilisation, yieldUtilisation } from '../resistance/memberResistance.js';
import { type Limit, SITUATIONS } from '../situations/situations.js';
import type { BoltResult, Governing, HangerResult, HoleResult, RunKey, WeldResult } from './analysis.js';
import { type ElementStrength, strengthAt } from './bracing.js';
import type { SolvedRun } from './solver.js';

export const limitOf = ({ situation }: RunKey): Limit => SITUATIONS[situation].limit;

/** Hardest place of one element in one run, and the share there. */
export interface HardPlace {
  readonly share: number;
  readonly xM: number;
  readonly inner: InnerAt;
}

export const hardestPlace = (
  strength: ElementStrength,
  pieces: MemberPieces,
  rows: Float64Array,
  limit: Limit,
): HardPlace | undefined => {
  let share = -1;
  let atXM = 0;
  let there: InnerAt | undefined;
  visitPeaks(pieces, rows, (xM, inner) => {
    const resistance = strengthAt(strength, xM);
    const own = limit === 'yield' ? yieldUtilisation(resistance, inner).value : allowableShare(resistance, inner);
    if (own <= share) return;
    share = own;
    atXM = xM;
    there = inner;
  });
  return there && { share, xM: atXM, inner: there };
};

/** The same with all that is to be said of it. */
export const governing = (strength: ElementStrength, { xM, inner }: HardPlace, key: RunKey): Governing => {
  const resistance = strengthAt(strength, xM);
  return {
    ...key,
    utilisation:
      limitOf(key) === 'yield' ? yieldUtilisation(resistance, inner) : allowableUtilisation(resistance, inner),
    atM: strength.bar.fromM + xM,
    inner,
    resistance,
    weldAt: resistance.welded
      ? xM <= strength.lengthM / 2
        ? strength.bar.jointFrom
        : strength.bar.jointTo
      : undefined,
  };
};

/** Which bar ends are sawn off and welded on: tongue legs, cross-members, and headers or rails as the corner is made. */
const weldedEnds = (
  trailer: Trailer,
  strengths: readonly ElementStrength[],
): readonly { readonly index: number; readonly end: 'first' | 'second' }[] => {
  const butting = trailer.frame.bed.corner === 'headers-through' ? 'rail' : 'header';
  return strengths.flatMap(({ bar }, index) => {
    const { group } = bar.member;
    if (group !== 'cross' && group !== 'tongue' && group !== butting) return [];
    const own = strengths.filter((other) => other.bar.member.id === bar.member.id);
    const ends: { index: number; end: 'first' | 'second' }[] = [];
    if (own[0]?.bar === bar && bar.jointFrom !== 'coupler') ends.push({ index, end: 'first' });
    if (own.at(-1)?.bar === bar && bar.jointTo !== 'coupler') ends.push({ index, end: 'second' });
    return ends;
  });
};

/** A bar's end with its weld, everything that does not change from run to run. */
export interface WeldedEnd {
  readonly index: number;
  readonly end: 'first' | 'second';
  readonly memberId: string;
  readonly joint: string;
  readonly at: Vector3;
  readonly legM: number;
  readonly wallM: number;
  readonly group: WeldGroup;
  readonly pieces: 1 | 2;
  readonly strengths: Readonly<Record<Limit, WeldStrength>>;
}

export const weldsOf = (
  trailer: Trailer,
  frame: TrailerFrame,
  strengths: readonly ElementStrength[],
): readonly WeldedEnd[] => {
  const lines = elementLines(frame);
  return weldedEnds(trailer, strengths).map(({ index, end }) => {
    const strength = strengths[index] as ElementStrength;
    const { member, jointFrom, jointTo } = strength.bar;
    const wallM = wallThicknessM(designShape(member.section));
    // The leg is chosen by the wall that is bought; strength counts with the one that is sure.
    const legM = trailer.strength.weldLegM ?? usualLegM(wallThicknessM(member.section.shape));
    const borne = (limit: Limit): WeldStrength =>
      weldStrength(member.material, wallM, legM, trailer.strength.filler, limit);
    return {
      index,
      end,
      memberId: member.id,
      at: lines.get(strength.bar.id)?.[end === 'first' ? 'start' : 'end'] ?? [0, 0, 0],
      joint: (end === 'first' ? jointFrom : jointTo) ?? '',
      legM,
      wallM,
      group: allRound(designShape(member.section)),
      pieces: member.pieces,
      strengths: { allowable: borne('allowable'), yield: borne('yield') },
    };
  });
};

/** Share of what weld or metal beside it bears, the greater of the two. */
export interface WeldShare {
  readonly share: number;
  readonly force: WeldForce;
}

export const weldShare = (weld: WeldedEnd, pieces: MemberPieces, rows: Float64Array, limit: Limit): WeldShare => {
  const whole = weldForce(weld.group, innerAt(pieces, rows, weld.end === 'first' ? 0 : pieces.lengthM));
  // Two bars side by side are welded all round each.
  const force = { perLengthNM: whole.perLengthNM / weld.pieces, shearNM: whole.shearNM / weld.pieces };
  const { weldNM, baseShearNM } = weld.strengths[limit];
  return { share: Math.max(force.perLengthNM / weldNM, force.shearNM / baseShearNM), force };
};

export const weldResult = (weld: WeldedEnd, { share, force }: WeldShare, key: RunKey): WeldResult => {
  const strength = weld.strengths[limitOf(key)];
  return {
    ...key,
    memberId: weld.memberId,
    joint: weld.joint,
    at: weld.at,
    end: weld.end,
    legM: weld.legM,
    wallM: weld.wallM,
    lengthM: weld.group.lengthM,
    force,
    strength,
    by: force.perLengthNM / strength.weldNM >= force.shearNM / strength.baseShearNM ? 'weld-metal' : 'base-metal',
    utilisation: share,
  };
};

/** A hanger or bracket on its rail, and what the rail's walls bear there. */
export interface HangerPlace {
  readonly node: string;
  readonly memberId: string;
  readonly at: Vector3;
  readonly xM: number;
  readonly strengthN: number;
  /** ends of axle and spring elements at that node: 0 for the first, 6 for the second */
  readonly ends: readonly { readonly element: string; readonly at: 0 | 6 }[];
}

export const hangerPlaces = (frame: TrailerFrame): readonly HangerPlace[] => {
  const gear = new Set(frame.gear.elementIds);
  const elements = frame.elements.filter(({ id }) => gear.has(id));
  return frame.gear.hangers.flatMap(({ node, side, xM }): HangerPlace[] => {
    const memberId = `rail.${side}`;
    const rail = frame.bars.find(({ member }) => member.id === memberId)?.member;
    const strengthN = rail && hangerStrengthN(rail);
    if (strengthN === undefined) return [];
    const ends = elements.flatMap(({ id, from, to }) => [
      ...(from === node ? [{ element: id, at: 0 as const }] : []),
      ...(to === node ? [{ element: id, at: 6 as const }] : []),
    ]);
    return [{ node, memberId, at: frame.at(node), xM, strengthN, ends }];
  });
};

/** Walls may be loaded to their nominal strength where only lasting bends are to be kept away (Ω = 1.5 taken back). */
const NOMINAL = 1.5;

/** Upright force that axle and springs pass into a hanger's rail. */
export const hangerCheck = (place: HangerPlace, { prepared, shares }: SolvedRun, key: RunKey): HangerResult => {
  let upN = 0;
  for (const { element, at } of place.ends) {
    const index = prepared.memberIndex.get(element) as number;
    const { rows } = (prepared.members[index] as (typeof prepared.members)[number]).axes;
    for (const { solution, factor } of shares) {
      // End forces are of the node on the member; the rail feels their opposite.
      for (let i = 0; i < 3; i += 1) {
        upN -= factor * (solution.endForces[index * 12 + at + i] as number) * (rows[i] as (typeof rows)[0])[2];
      }
    }
  }
  const strengthN = limitOf(key) === 'yield' ? place.strengthN * NOMINAL : place.strengthN;
  return {
    ...key,
    memberId: place.memberId,
    at: place.at,
    xM: place.xM,
    forceN: upN,
    strengthN,
    utilisation: Math.abs(upN) / strengthN,
  };
};

/** A hole in one element, and what it leaves there. */
export interface HolePlace {
  readonly id: string;
  readonly index: number;
  readonly member: Member;
  readonly xM: number;
  readonly hole: Hole;
  readonly net: NetSection | undefined;
}

/** Holes of all bars, each on the element it lies on. */
export const holePlaces = (strengths: readonly ElementStrength[]): readonly HolePlace[] =>
  strengths.flatMap(({ bar, lengthM }, index) => {
    const { member } = bar;
    const own = strengths.filter((other) => other.bar.member.id === member.id);
    const wholeM = own.at(-1)?.bar.toM ?? 0;
    return member.holes.flatMap((hole, i): HolePlace[] => {
      const atM = Math.min(hole.atM, wholeM);
      // Between two elements, under a gusset or on a joint, it counts with the one behind it.
      const found = own.find((other) => atM <= other.bar.toM + 1e-9);
      if (found?.bar !== bar) return [];
      const xM = Math.min(Math.max(atM - bar.fromM, 0), lengthM);
      return [{ id: `${member.id} ${i}`, index, member, xM, hole, net: netSection(member, hole) }];
    });
  });

/** Pull beside the hole against rupture of what is left. */
export const holeCheck = (
  { member, hole, net, xM }: HolePlace,
  pieces: MemberPieces,
  rows: Float64Array,
  key: RunKey,
): HoleResult => {
  const inner = innerAt(pieces, rows, xM);
  const stressPa = net ? netStressPa(net, inner) : Number.POSITIVE_INFINITY;
  const allowedPa = netAllowedPa(member, limitOf(key));
  return { ...key, memberId: member.id, hole, net, inner, stressPa, allowedPa, utilisation: stressPa / allowedPa };
};

/** Bolts of the coupler in double shear through both walls of the tongue, under a force at the ball. */
export const couplerBolts = (
  trailer: Trailer,
  frame: TrailerFrame,
  forceN: number,
  key: RunKey,
): BoltResult | undefined => {
  const { mount, bolts } = trailer.coupling;
  const tongue = frame.bars.find(({ member }) => member.group === 'tongue')?.member;
  if (mount !== 'bolted' || !tongue) return undefined;
  const factor = limitOf(key) === 'yield' ? 1 / 0.75 : 2;
  const shape = designShape(tongue.section);
  const thickM = wallThicknessM(shape);
  const walls = shape.kind === 'rect-tube' || shape.kind === 'round-tube' ? 2 : 1;
  const ultimatePa = tongue.material.weldedUltimatePa ?? tongue.material.ultimatePa;
  const d = bolts.diameterM;
  const choices = [
    { by: 'shear' as const, n: walls * boltShearN(d, bolts.grade, factor) },
    { by: 'bearing' as const, n: walls * bearingN(d, thickM, ultimatePa, factor) },
    // Edge distance of one and a half diameters, the least that is usual.
    { by: 'tear-out' as const, n: walls * tearOutN(1.5 * d - (d + 0.0016) / 2, thickM, ultimatePa, factor) },
  ];
  const weakest = choices.reduce((least, next) => (next.n < least.n ? next : least));
  const strengthN = weakest.n * bolts.count;
  return { ...key, forceN, strengthN, by: weakest.by, utilisation: forceN / strengthN };
};
