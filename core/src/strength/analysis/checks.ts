import type { Hole, Member } from '../../chassis/index.js';
import type { Trailer } from '../../project/index.js';
import { designShape, wallThicknessM } from '../../sections/index.js';
import {
  findPeaks,
  type InnerAt,
  innerAt,
  innerInPiece,
  type MemberPieces,
  noInner,
  noPlaces,
  pieceAt,
  type Vector3,
} from '../../frame-analysis/index.js';
import type { TrailerFrame } from '../frame-model/trailerFrame.js';
import { bearingN, boltShearN, tearOutN } from '../joints/bolts.js';
import { netAllowedPa, type NetSection, netSection, netStressPa } from '../joints/holes.js';
import { hangerStrengthN } from '../joints/crippling.js';
import { allowableShare, allowableUtilisation, yieldShare, yieldUtilisation } from '../resistance/memberResistance.js';
import { type Limit, SITUATIONS } from '../situations/situations.js';
import type { BoltResult, Governing, HangerResult, HoleResult, RunKey } from './analysis.js';
import { type ElementStrength, strengthAt } from './bracing.js';
import { type EndMoments, relievedNm } from './relief.js';
import type { SolvedRun } from './solver.js';

export const limitOf = ({ situation }: RunKey): Limit => SITUATIONS[situation].limit;

/**
 * What the bar would feel on hinges, and on ends that do not give: mid-span of a simple beam, and the end moment of a built-in one. A beam on
 * two alike springs has M = M_rigid ÷ (1 + 2·E·I ÷ k·L).
 */
const boundsOf = ({ bar }: ElementStrength, ends: EndMoments): Governing['bounds'] => {
  const soft = bar.softFrom ?? bar.softTo;
  if (!soft) return undefined;
  const { member } = bar;
  const give = (2 * member.material.elasticPa * member.bar.design.iyM4) / (soft.uprightNmPerRad * ends.lengthM);
  const endNm = Math.max(Math.abs(ends.fromNm), Math.abs(ends.toNm));
  return {
    endNm,
    rigidEndNm: endNm * (1 + give),
    hingedAddsNm: Math.abs(ends.fromNm + ends.toNm) / 2,
    foldsAtNm: soft.limitNm,
    codeNm: soft.codeNm,
    folds: ends.excessFromNm !== 0 || ends.excessToNm !== 0,
    known: soft.known,
  };
};

/** Hardest place of one element in one run, and the share there. */
export interface HardPlace {
  readonly share: number;
  readonly xM: number;
  readonly inner: InnerAt;
  readonly ends: EndMoments | undefined;
}

/** Looks along one element after the other without keeping what it sees. */
export interface HardestPlace {
  /** share at the hardest place between the joints at the element's ends; none where nothing of it is clear of them */
  readonly look: (
    strength: ElementStrength,
    pieces: MemberPieces,
    rows: Float64Array,
    limit: Limit,
    ends: EndMoments | undefined,
  ) => number | undefined;
  /** the place that the last look found */
  readonly place: () => HardPlace;
}

export const hardestPlace = (): HardestPlace => {
  const places = noPlaces();
  const addPlace = (pieces: MemberPieces, xM: number, count: number): number => {
    const piece = pieceAt(pieces, xM);
    places.piece[count] = piece;
    places.sM[count] = xM - (pieces.breaksM[piece] as number);
    return count + 1;
  };
  const room = noInner();
  let share = -1;
  let xM = 0;
  const inner = noInner();
  let relief: EndMoments | undefined;
  return {
    look: (strength, pieces, rows, limit, ends) => {
      const { clearFromM, clearToM, fromM } = strength.bar;
      const [firstM, lastM] = [clearFromM, pieces.lengthM - clearToM];
      if (lastM < firstM) return undefined;
      const peaks = findPeaks(pieces, rows, places);
      const count = addPlace(pieces, lastM, addPlace(pieces, firstM, peaks));
      let most = -1;
      let hardest = 0;
      for (let i = 0; i < count; i += 1) {
        const piece = places.piece[i] as number;
        const sM = places.sM[i] as number;
        const atM = (pieces.breaksM[piece] as number) + sM;
        if (i < peaks && !(atM >= firstM && atM <= lastM)) continue;
        innerInPiece(rows, piece, sM, room);
        room.my = relievedNm(room.my, fromM + atM, ends);
        const resistance = strengthAt(strength, atM, room);
        const own = limit === 'yield' ? yieldShare(resistance, room) : allowableShare(resistance, room);
        if (own <= most) continue;
        most = own;
        hardest = i;
      }
      const piece = places.piece[hardest] as number;
      const sM = places.sM[hardest] as number;
      share = most;
      xM = (pieces.breaksM[piece] as number) + sM;
      innerInPiece(rows, piece, sM, inner);
      inner.my = relievedNm(inner.my, fromM + xM, ends);
      relief = ends;
      return most;
    },
    place: () => ({ share, xM, inner: { ...inner }, ends: relief }),
  };
};

/** The same with all that is to be said of it. */
export const governing = (strength: ElementStrength, { xM, inner, ends }: HardPlace, key: RunKey): Governing => {
  const resistance = strengthAt(strength, xM, inner);
  return {
    ...key,
    utilisation:
      limitOf(key) === 'yield' ? yieldUtilisation(resistance, inner) : allowableUtilisation(resistance, inner),
    atM: strength.bar.fromM + xM,
    inner,
    resistance,
    bounds: ends && boundsOf(strength, ends),
    weldAt: resistance.welded
      ? xM <= strength.lengthM / 2
        ? strength.bar.jointFrom
        : strength.bar.jointTo
      : undefined,
  };
};

/** A hanger or bracket on its rail, and what the rail's walls bear there. */
export interface HangerPlace {
  readonly id: string;
  readonly node: string;
  readonly memberId: string;
  readonly at: Vector3;
  readonly xM: number;
  readonly strengthN: number;
  /** ends of axle and spring elements at that node: 0 for the first, 6 for the second */
  readonly ends: readonly { readonly element: string; readonly at: 0 | 6 }[];
}

export const hangerPlaces = (frame: TrailerFrame): readonly HangerPlace[] => {
  if (frame.gear.outrigger) return [];
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
    return [{ id: `${memberId} ${xM}`, node, memberId, at: frame.at(node), xM, strengthN, ends }];
  });
};

/** Walls may be loaded to their nominal strength where only lasting bends are to be kept away (Ω = 1.5 taken back). */
const NOMINAL = 1.5;

/** Upright force that axle and springs pass into a hanger's rail, N. */
export const hangerForceN = (place: HangerPlace, { prepared, endForces }: SolvedRun): number => {
  let upN = 0;
  for (const { element, at } of place.ends) {
    const index = prepared.memberIndex.get(element) as number;
    const { rows } = (prepared.members[index] as (typeof prepared.members)[number]).axes;
    // End forces are of the node on the member; the rail feels their opposite.
    for (let i = 0; i < 3; i += 1) upN -= (endForces[index * 12 + at + i] as number) * (rows[i] as (typeof rows)[0])[2];
  }
  return upN;
};

const borneN = ({ strengthN }: HangerPlace, limit: Limit): number =>
  limit === 'yield' ? strengthN * NOMINAL : strengthN;

/** Share of what the rail's walls bear. */
export const hangerShare = (place: HangerPlace, forceN: number, limit: Limit): number =>
  Math.abs(forceN) / borneN(place, limit);

export const hangerResult = (place: HangerPlace, forceN: number, key: RunKey): HangerResult => ({
  ...key,
  memberId: place.memberId,
  at: place.at,
  xM: place.xM,
  forceN,
  strengthN: borneN(place, limitOf(key)),
  utilisation: hangerShare(place, forceN, limitOf(key)),
});

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
