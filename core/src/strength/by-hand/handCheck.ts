import type { BalancedCase } from '../../balance/index.js';
import type { Chassis, Member } from '../../chassis/index.js';
import type { Part } from '../../mass/index.js';
import type { LoadCase, Trailer } from '../../project/index.js';
import { hangerZone, type WeldZone, zoneAround, zoneBreaks } from './allowables.js';
import { type BeamPiece, momentAt, momentAtPlace, shearBefore } from './beam.js';
import { bumpFactor } from '../roads.js';
import { SAG_DIVISORS } from '../rules.js';
import { type CrossBeam, crossBeams, type TongueForce } from './crossBeam.js';
import { type Chord, elasticLine, largestDeflection } from './deflection.js';
import { hardestWork, type MemberWork } from './memberWork.js';
import { bendRails, membersOf, type RailBeam, railBeam } from './railBeam.js';
import { deflectionAt, slopeAt } from './deflection.js';
import { suspensionForces } from './suspensionForces.js';

/** Deflections under the load alone, standing still, m; each with the length its limit is taken of. */
export interface Deflection {
  readonly what: 'rails' | 'rear-overhang' | 'tongue-tip' | 'cross-member';
  readonly memberId: string;
  readonly byM: number;
  readonly lengthM: number;
  /** the limit is length ÷ this */
  readonly divisor: number;
}

/** The hand check of one load case. */
export interface CaseCheck {
  readonly caseId: string;
  readonly factor: number;
  readonly beam: RailBeam;
  /** where welds weaken rails and tongue */
  readonly zones: { readonly rails: readonly WeldZone[]; readonly tongue: readonly WeldZone[] };
  readonly rails: readonly MemberWork[];
  readonly tongue: MemberWork | undefined;
  readonly cross: readonly { readonly beam: CrossBeam; readonly work: MemberWork }[];
  readonly deflections: readonly Deflection[];
}

const railZones = (trailer: Trailer, chassis: Chassis): WeldZone[] => [
  ...chassis.members
    .filter(({ group }) => group === 'cross' || group === 'header')
    .map(({ extent, id }) => zoneAround(extent.x0M, extent.x1M, id)),
  ...(chassis.tongue?.rearOn === 'rails'
    ? chassis.tongue.members
        .slice(0, 1)
        .map(({ extent, plan }) => zoneAround(Math.min(...plan.slice(1, 3).map(([x]) => x)), extent.x1M, 'tongue'))
    : []),
  ...(trailer.runningGear.suspension.mounting === 'welded'
    ? suspensionForces(trailer, [1, 1]).forces.map(({ xM }, i) => hangerZone(xM, i))
    : []),
];

/** Where the tongue bears on the frame: lever law about the front header for one that runs under; its shear alone where it butts. */
const tongueForces = (chassis: Chassis, pieces: readonly BeamPiece[]): TongueForce[] => {
  const { tongue } = chassis;
  if (!tongue) return [];
  const shearN = shearBefore(pieces, 0);
  const front = { memberId: 'header.front', halfSpreadM: tongue.halfSpreadAtHeaderM };
  if (tongue.rearBearingXM === undefined) return [{ ...front, upN: shearN }];
  const coupleN = momentAtPlace(pieces, 0) / tongue.rearBearingXM;
  const atHeader = { ...front, upN: shearN + coupleN };
  if (tongue.rearOn === 'rails') return [atHeader];
  const under = [...membersOf(chassis, 'cross'), ...membersOf(chassis, 'header').slice(1)];
  const rear = under.reduce<Member | undefined>((best, next) => {
    const distance = Math.abs(next.centre.xM - (tongue.rearBearingXM ?? 0));
    return !best || distance < Math.abs(best.centre.xM - (tongue.rearBearingXM ?? 0)) ? next : best;
  }, undefined);
  return rear ? [atHeader, { memberId: rear.id, halfSpreadM: 0, upN: -coupleN }] : [atHeader];
};

const railWorks = (chassis: Chassis, beam: RailBeam, factor: number, zones: readonly WeldZone[]): MemberWork[] => {
  const pieces = beam.pieces.filter(({ fromM }) => fromM >= -1e-9);
  return membersOf(chassis, 'rail').flatMap((member) => {
    const share = member.id === beam.heavierRail.memberId ? beam.heavierRail.share : 1 - beam.heavierRail.share;
    const work = hardestWork(member, pieces, { factor, share: Math.max(share, 0), zones });
    return work ? [work] : [];
  });
};

/** The tongue is welded to the front header; the coupler's weld lies where it hardly bends. */
const TONGUE_ZONES: readonly WeldZone[] = [zoneAround(0, 0, 'header.front')];

const tongueWork = (chassis: Chassis, beam: RailBeam, factor: number): MemberWork | undefined => {
  const { tongue } = chassis;
  if (!tongue) return undefined;
  const pieces = beam.pieces.filter(({ toM }) => toM <= 1e-9);
  // A leg that slants is longer than the lever it bridges: its bending is the lever's ÷ cos α, with no help from twist.
  const share = 1 / tongue.legs / Math.cos(tongue.legAngleRad);
  return tongue.members
    .map((member) => hardestWork(member, pieces, { factor, share, zones: TONGUE_ZONES }))
    .reduce((worst, next) => (next && (!worst || next.utilisation > worst.utilisation) ? next : worst), undefined);
};

const crossZones = (beam: CrossBeam): WeldZone[] => {
  const ys = beam.member.plan.map(([, y]) => y);
  return [
    zoneAround(Math.min(...ys), Math.min(...ys), 'rail.left'),
    zoneAround(Math.max(...ys), Math.max(...ys), 'rail.right'),
  ];
};

const splitAt = (pieces: readonly BeamPiece[], places: readonly number[]): BeamPiece[] =>
  pieces.flatMap((piece) => {
    const inside = places
      .filter((place) => place > piece.fromM + 1e-9 && place < piece.toM - 1e-9)
      .sort((a, b) => a - b);
    const stops = [piece.fromM, ...inside, piece.toM];
    return stops.slice(1).map((toM, i): BeamPiece => {
      const s = (stops[i] as number) - piece.fromM;
      return { fromM: stops[i] as number, toM, m0: momentAt(piece, s), v0: piece.v0 - piece.w * s, w: piece.w };
    });
  });

const crossWorks = (beams: readonly CrossBeam[], factor: number): CaseCheck['cross'] =>
  beams.flatMap((beam) => {
    const zones = crossZones(beam);
    const work = hardestWork(beam.member, splitAt(beam.pieces, zoneBreaks(zones)), { factor, share: 1, zones });
    return work ? [{ beam, work }] : [];
  });

const railDeflections = (trailer: Trailer, chassis: Chassis, balanced: BalancedCase): Deflection[] => {
  const { standing } = balanced;
  const payload = balanced.parts.filter(({ group }) => group === 'cargo');
  const beam = standing && railBeam(trailer, chassis, payload, standing.on, []);
  if (!standing || !beam || payload.length === 0) return [];
  const bent = bendRails(beam, chassis, standing.groupCentreXM);
  const off = (xM: number): number => deflectionAt(bent.line, xM) - bent.chord.at0M - bent.chord.slope * xM;
  const between = largestDeflection(bent.line, bent.chord, standing.aheadXM, standing.groupCentreXM);
  const endM = trailer.frame.bed.lengthM;
  // The tongue's own bend: how far its tip leaves the line that the frame points along at the front header.
  const tip = off(chassis.ballXM) - (off(0) + (slopeAt(bent.line, 0) - bent.chord.slope) * chassis.ballXM);
  const deflection = (
    what: Exclude<Deflection['what'], 'cross-member'>,
    memberId: string,
    byM: number,
    lengthM: number,
  ): Deflection => ({
    what,
    memberId,
    byM: Math.abs(byM),
    lengthM,
    divisor: SAG_DIVISORS[what],
  });
  return [
    deflection('rails', 'rail.left', between.value, standing.groupCentreXM - standing.aheadXM),
    ...(endM > standing.groupCentreXM
      ? [deflection('rear-overhang', 'rail.left', off(endM), endM - standing.groupCentreXM)]
      : []),
    deflection('tongue-tip', 'tongue', tip, -chassis.ballXM),
  ];
};

const keptSags = new WeakMap<
  LoadCase,
  { readonly chassis: Chassis; readonly payload: readonly Part[]; readonly sag: Deflection[] }
>();

/** How far the cross-member goes that goes furthest under the load alone. Axle and ball have no part in it: it stays while these are dragged. */
const crossDeflection = (chassis: Chassis, { parts, loadCase }: BalancedCase): Deflection[] => {
  const payload = parts.filter(({ group }) => group === 'cargo');
  const known = keptSags.get(loadCase);
  if (known?.chassis === chassis && sameParts(known.payload, payload)) return known.sag;
  const sag = largestSag(chassis, payload);
  keptSags.set(loadCase, { chassis, payload, sag });
  return sag;
};

const sameParts = (a: readonly Part[], b: readonly Part[]): boolean =>
  a.length === b.length && a.every((part, i) => part === b[i]);

const largestSag = (chassis: Chassis, payload: readonly Part[]): Deflection[] => {
  const bent = crossBeams(chassis, payload, []).map(({ member, pieces, spanM }): Deflection => {
    const line = elasticLine(pieces, () => member.material.elasticPa * member.bar.design.iyM4);
    const leftM = pieces[0]?.fromM ?? 0;
    const rightM = pieces.at(-1)?.toM ?? 0;
    const slope = (deflectionAt(line, rightM) - deflectionAt(line, leftM)) / spanM;
    const chord: Chord = { at0M: deflectionAt(line, leftM) - slope * leftM, slope };
    return {
      what: 'cross-member',
      memberId: member.id,
      byM: Math.abs(largestDeflection(line, chord, leftM, rightM).value),
      lengthM: spanM,
      divisor: SAG_DIVISORS['cross-member'],
    };
  });
  return bent.length === 0 ? [] : [bent.reduce((worst, next) => (next.byM > worst.byM ? next : worst))];
};

/** Checks one case by hand; undefined where nothing holds the trailer or the frame is incomplete. Towed cases take the road's bump, others stand still. */
export const checkCase = (trailer: Trailer, chassis: Chassis, balanced: BalancedCase): CaseCheck | undefined => {
  const { standing, loadCase, parts } = balanced;
  if (!standing || !chassis.tongue || membersOf(chassis, 'rail').length < 2) return undefined;
  const zones = railZones(trailer, chassis);
  const beam = railBeam(trailer, chassis, parts, standing.on, [...zoneBreaks(zones), ...zoneBreaks(TONGUE_ZONES)]);
  if (!beam) return undefined;
  const factor = loadCase.mode === 'towed' ? bumpFactor(trailer) : 1;
  return {
    caseId: loadCase.id,
    factor,
    beam,
    zones: { rails: zones, tongue: TONGUE_ZONES },
    rails: railWorks(chassis, beam, factor, zones),
    tongue: tongueWork(chassis, beam, factor),
    cross: crossWorks(crossBeams(chassis, parts, tongueForces(chassis, beam.pieces)), factor),
    deflections: [...railDeflections(trailer, chassis, balanced), ...crossDeflection(chassis, balanced)],
  };
};
