import { standingLoads, supportOf } from '../../balance/index.js';
import type { Chassis, Member } from '../../chassis/index.js';
import { type Part, unsprungAxleOf } from '../../mass/index.js';
import type { Trailer } from '../../project/index.js';
import { weightN } from '../../units/index.js';
import { type BeamLoads, type BeamPiece, beamPieces } from './beam.js';
import { type Chord, deflectionAt, elasticLine, type ElasticLine, slopeAt } from './deflection.js';
import { suspensionForces, type SuspensionForces } from './suspensionForces.js';

/** Rails and tongue as one beam under the sprung weight of some parts. */
export interface RailBeam {
  readonly loads: BeamLoads;
  /** the part behind each of the loads' spreads, in the same order */
  readonly pressing: readonly Part[];
  readonly pieces: readonly BeamPiece[];
  readonly aheadXM: number;
  readonly aheadN: number;
  readonly suspension: SuspensionForces;
  /** share of the load that the heavier of the two rails takes: 0.5 + |Σm·y| ÷ (Σm × distance of the rails) */
  readonly heavierRail: { readonly memberId: 'rail.left' | 'rail.right'; readonly share: number };
}

const sprung = (parts: readonly Part[]): readonly Part[] => parts.filter((part) => unsprungAxleOf(part) === undefined);

const railShare = (parts: readonly Part[], railDistanceM: number): RailBeam['heavierRail'] => {
  let massKg = 0;
  let roll = 0;
  for (const part of parts) {
    massKg += part.massKg;
    roll += part.massKg * part.centre.yM;
  }
  const shift = massKg > 0 && railDistanceM > 0 ? roll / (massKg * railDistanceM) : 0;
  return { memberId: shift < 0 ? 'rail.left' : 'rail.right', share: 0.5 + Math.abs(shift) };
};

/** Undefined where there is no axle behind the point ahead, so that nothing holds the beam. */
export const railBeam = (
  trailer: Trailer,
  chassis: Chassis,
  parts: readonly Part[],
  on: 'ball' | 'jack',
  breaks: readonly number[],
): RailBeam | undefined => {
  const own = sprung(parts);
  const support = supportOf(trailer, chassis, on);
  const standing =
    support &&
    standingLoads(
      own.map(({ massKg, centre }) => ({ massKg, xM: centre.xM, yM: centre.yM })),
      support,
    );
  if (!support || !standing) return undefined;
  const suspension = suspensionForces(trailer, standing.sprungAxlesN);
  const loads: BeamLoads = {
    forces: [{ xM: support.aheadXM, upN: standing.aheadN }, ...suspension.forces],
    // A sawn-off bar's centre is not the middle of its extent; its weight is kept as an even load about its own centre.
    spreads: own.map(({ massKg, centre, x0M, x1M }) => {
      const half = Math.min(centre.xM - x0M, x1M - centre.xM);
      return { fromM: centre.xM - half, toM: centre.xM + half, downN: weightN(massKg) };
    }),
    couples: suspension.couples,
  };
  return {
    loads,
    pressing: own,
    pieces: beamPieces(loads, [chassis.ballXM, 0, trailer.frame.bed.lengthM, ...breaks]),
    aheadXM: support.aheadXM,
    aheadN: standing.aheadN,
    suspension,
    heavierRail: railShare(own, trailer.frame.bed.widthM - chassis.railWidthM),
  };
};

export const membersOf = (chassis: Chassis, group: Member['group']): readonly Member[] =>
  chassis.members.filter((member) => member.group === group);

/** Bending stiffness at a place, N·m²: ahead of the bed the tongue (legs slanting by α count cos³α), from there on both rails and no help from the tongue under them. */
const stiffnessAlong = (chassis: Chassis): ((xM: number) => number) => {
  const slant = Math.cos(chassis.tongue?.legAngleRad ?? 0) ** 3;
  const sum = (members: readonly Member[]): number =>
    members.reduce((total, { bar, material }) => total + material.elasticPa * bar.design.iyM4, 0);
  const tongue = slant * sum(chassis.tongue?.members ?? []);
  const rails = sum(membersOf(chassis, 'rail'));
  return (xM) => (xM < 0 ? tongue : rails);
};

export interface BentRails {
  readonly line: ElasticLine;
  /** through the ball and the axle group, where the springs hold it */
  readonly chord: Chord;
}

/** The elastic line and the chord on which ball and axle group stand still; the springs' ends move as their rocker lets them. */
export const bendRails = (beam: RailBeam, chassis: Chassis, groupCentreXM: number): BentRails => {
  const line = elasticLine(beam.pieces, stiffnessAlong(chassis));
  const { forces, couples } = beam.suspension;
  const totalN = forces.reduce((sum, { upN }) => sum + upN, 0);
  const atGroup =
    totalN === 0
      ? deflectionAt(line, groupCentreXM)
      : (forces.reduce((sum, { xM, upN }) => sum + upN * deflectionAt(line, xM), 0) -
          couples.reduce((sum, { xM, momentNm }) => sum + momentNm * slopeAt(line, xM), 0)) /
        totalN;
  const atAhead = deflectionAt(line, beam.aheadXM);
  const slope = (atGroup - atAhead) / (groupCentreXM - beam.aheadXM);
  return { line, chord: { at0M: atAhead - slope * beam.aheadXM, slope } };
};
