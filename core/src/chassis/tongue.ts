import type { Project, Tongue } from '../project/index.js';
import type { Bed } from './bed.js';
import { type BarStock, placeBar, stockOf } from './bars.js';
import { type ChassisProblem, type Member, planBox, type PlanPoint } from './member.js';

/** How the tongue carries its bending into the frame; the hand check needs it. */
export interface TongueGeometry {
  readonly members: readonly Member[];
  /** angle of each leg to the centre line; 0 for a straight tongue */
  readonly legAngleRad: number;
  /** how many tubes share the bending */
  readonly legs: number;
  /** under the frame: where its rear end bears, m; undefined where it ends at the front header */
  readonly rearBearingXM: number | undefined;
  /** the rear end bears on the rails themselves, or on the cross-member above it */
  readonly rearOn: 'rails' | 'cross-member' | 'header';
  /** half the distance between the legs' middles at the front header, m */
  readonly halfSpreadAtHeaderM: number;
  readonly topZM: number;
}

type AFrame = Extract<Tongue, { kind: 'a-frame' }>;

interface LegEnds {
  /** along the leg's outer and inner face: x where it is cut */
  readonly outerX: number;
  readonly innerX: number;
  readonly under: boolean;
}

/**
 * Faces of one leg: the outer ones meet at the apex on the centre line, where both legs are cut along it (90° − α off square).
 * At the rear a leg butts on the header's face (α off square), or runs under the frame to the rail's outer face (90° − α again).
 */
const legEnds = (
  tongue: AFrame,
  apexX: number,
  legWidth: number,
  bed: Project['frame']['bed'],
  problems: ChassisProblem[],
): LegEnds => {
  const tan = Math.tan(tongue.includedAngleRad / 2);
  const cos = Math.cos(tongue.includedAngleRad / 2);
  const reachX = apexX + bed.widthM / 2 / tan;
  const spread = -apexX * tan;
  if (spread > bed.widthM / 2 + 1e-9) {
    problems.push({ code: 'legs-outside-frame', spreadM: 2 * spread, widthM: bed.widthM });
    return { outerX: 0, innerX: 0, under: false };
  }
  if (tongue.rearEnd === 'header') return { outerX: 0, innerX: 0, under: false };
  const innerX = reachX + legWidth / cos / tan;
  if (innerX > bed.lengthM) problems.push({ code: 'tongue-under-longer-than-bed', underM: innerX });
  return { outerX: reachX, innerX, under: true };
};

const aFrame = (
  project: Project,
  tongue: AFrame,
  bed: Bed,
  stock: readonly BarStock[],
  problems: ChassisProblem[],
): TongueGeometry => {
  const angle = tongue.includedAngleRad / 2;
  const tan = Math.tan(angle);
  const apexX = tongue.apexBehindBallM - tongue.lengthM;
  let geometry: LegEnds = { outerX: 0, innerX: 0, under: false };
  let middleAtHeader = 0;
  const members = (['tongue.left', 'tongue.right'] as const).map((id, i) => {
    const own = stock[i] as BarStock;
    const side = id === 'tongue.right' ? 1 : -1;
    const across = own.bar.widthM / Math.cos(angle);
    geometry = legEnds(tongue, apexX, own.bar.widthM, project.frame.bed, i === 0 ? problems : []);
    const { outerX, innerX, under } = geometry;
    middleAtHeader = Math.max(0, -apexX * tan - across / 2);
    const plan: PlanPoint[] = [
      [apexX, 0],
      [outerX, side * (outerX - apexX) * tan],
      [innerX, side * Math.max(0, (innerX - apexX) * tan - across)],
      [apexX + own.bar.widthM / Math.sin(angle), 0],
    ];
    const outerLength = (outerX - apexX) / Math.cos(angle);
    const innerLength = (innerX - apexX - own.bar.widthM / Math.sin(angle)) / Math.cos(angle);
    const tip = { kind: 'mitre', offSquareRad: Math.PI / 2 - angle } as const;
    return placeBar(id, 'tongue', own, {
      plan,
      z0M: under ? -bed.railHeightM - own.bar.heightM : -(bed.railHeightM + own.bar.heightM) / 2,
      // Both cuts of a leg that runs under are parallel: its stick length is one face plus what the slant sticks out.
      faceLengthM: under ? outerLength : Math.min(outerLength, innerLength),
      cutLengthM: under ? outerLength + own.bar.widthM / tan : Math.max(outerLength, innerLength),
      ends: [tip, under ? tip : { kind: 'mitre', offSquareRad: angle }],
    });
  });
  return {
    members,
    legAngleRad: angle,
    legs: 2,
    rearBearingXM: geometry.under ? (geometry.outerX + geometry.innerX) / 2 : undefined,
    rearOn: geometry.under ? 'rails' : 'header',
    halfSpreadAtHeaderM: middleAtHeader,
    topZM: Math.max(...members.map((member) => member.extent.z1M)),
  };
};

/** A tube that runs on by less than this ends at the header: it has no lever there, m. */
const LEAST_UNDER_M = 1e-3;

const straight = (
  project: Project,
  tongue: Extract<Tongue, { kind: 'straight' }>,
  bed: Bed,
  stock: BarStock,
  problems: ChassisProblem[],
): TongueGeometry => {
  const half = stock.bar.widthM / 2;
  const tip = tongue.tipBehindBallM - tongue.lengthM;
  const under = tongue.underM > LEAST_UNDER_M;
  if (tongue.underM > project.frame.bed.lengthM)
    problems.push({ code: 'tongue-under-longer-than-bed', underM: tongue.underM });
  const member = placeBar('tongue.middle', 'tongue', stock, {
    plan: planBox(tip, tongue.underM, -half, half),
    z0M: under ? -bed.railHeightM - stock.bar.heightM : -(bed.railHeightM + stock.bar.heightM) / 2,
    cutLengthM: tongue.underM - tip,
  });
  return {
    members: [member],
    legAngleRad: 0,
    legs: 1,
    rearBearingXM: under ? tongue.underM : undefined,
    rearOn: under ? 'cross-member' : 'header',
    halfSpreadAtHeaderM: 0,
    topZM: member.extent.z1M,
  };
};

export const buildTongue = (project: Project, bed: Bed, problems: ChassisProblem[]): TongueGeometry | undefined => {
  const { tongue } = project.frame;
  const ids = tongue.kind === 'a-frame' ? ['tongue.left', 'tongue.right'] : ['tongue.middle'];
  const stock = ids.map((id) => stockOf(project, 'tongue', id, problems)).filter((own) => own !== undefined);
  if (stock.length !== ids.length) return undefined;
  return tongue.kind === 'a-frame'
    ? aFrame(project, tongue, bed, stock, problems)
    : straight(project, tongue, bed, stock[0] as BarStock, problems);
};
