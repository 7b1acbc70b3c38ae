import type { Chassis, Member } from '../chassis/index.js';
import { type Shape, wallThicknessM } from '../sections/index.js';
import { commonPractice, publishedSure, publishedVerify, type Source } from '../source.js';
import { inches } from '../units/index.js';
import { insideOf } from './outside.js';
import { openEndsOf, surfacesOf } from './surface.js';

export const ZINC_SOURCE: Source = publishedSure('ISO 1461, mean thickness of coating without centrifuging');
export const ZINC_LOSS_SOURCE: Source = publishedVerify('ISO 9223 and ISO 14713-1, zinc lost a year by corrosivity');
export const VENT_SOURCE: Source = publishedVerify(
  'ASTM A385: no vent under 3/8 in; a quarter of the inside open at each end of a box section',
);

/** Mean thickness of hot-dip zinc on steel so thick, m. Source: ISO 1461, table 3. */
export const zincThicknessM = (steelM: number): number =>
  steelM > 0.006 ? 85e-6 : steelM > 0.003 ? 70e-6 : steelM >= 0.0015 ? 55e-6 : 45e-6;

/** Where it lives: dry and inland; rain and some road; salt of roads or the sea. By the corrosivity of the air, C2, C3, C4 to C5. */
export type Surroundings = 'dry' | 'rain' | 'salt';
/** Zinc that is lost a year, m. Source: ISO 9223. */
const ZINC_LOST_M: Readonly<Record<Surroundings, readonly [least: number, most: number]>> = {
  dry: [0.1e-6, 0.7e-6],
  rain: [0.7e-6, 2.1e-6],
  salt: [2.1e-6, 8.4e-6],
};

/** Years until zinc of such a thickness is gone, least and most. */
export const zincYears = (thicknessM: number, where: Surroundings): readonly [number, number] => {
  const [least, most] = ZINC_LOST_M[where];
  return [thicknessM / most, thicknessM / least];
};

/** Of zinc, kg/m³. */
const ZINC_KG_M3 = 7140;

/** Zinc that a bath leaves on all steel of the frame, inside and out, kg; and the thinnest coat of it, m. */
export const zincOf = (chassis: Chassis): { readonly massKg: number; readonly thinnestM: number } => {
  const steel = chassis.members.filter(({ material }) => material.family === 'steel');
  const thinnestM = Math.min(...steel.map(({ section }) => zincThicknessM(wallThicknessM(section.shape))));
  if (steel.length === 0) return { massKg: 0, thinnestM: 0 };
  const { outsideM2, openInsideM2, shutInsideM2 } = surfacesOf(chassis).steel;
  return { massKg: (outsideM2 + openInsideM2 + shutInsideM2) * thinnestM * ZINC_KG_M3, thinnestM };
};

const LEAST_VENT_M = inches(3 / 8);
const DRILL_STEP_M = inches(1 / 16);
/** Of the inside that is to be open at each shut end, over two holes in corners across from each other. */
const OPEN_SHARE = 0.25;
const HOLES_TO_AN_END = 2;
export const DRAIN_M = inches(1 / 4);
export const DRAIN_SOURCE: Source = commonPractice(
  'a drain of 1/4 in (6 mm) at the low end of each closed tube that is painted',
);

/** Each of two holes at a shut end of such a tube, m; none where the section is not hollow. */
export const ventHoleM = (shape: Shape): number | undefined => {
  const inside = insideOf(shape);
  if (!inside) return undefined;
  const neededM = Math.sqrt((4 * OPEN_SHARE * inside.areaM2) / (HOLES_TO_AN_END * Math.PI));
  return Math.max(LEAST_VENT_M, Math.ceil(neededM / DRILL_STEP_M - 1e-9) * DRILL_STEP_M);
};

/** Shut ends of one kind of tube, with the holes that a zinc bath asks for. */
export interface VentRow {
  readonly designation: string;
  readonly memberIds: readonly string[];
  /** shut ends of all of them */
  readonly ends: number;
  readonly holes: number;
  readonly diameterM: number;
}

/** Holes for hot galvanizing, one row to a section. */
export const ventRows = (chassis: Chassis): readonly VentRow[] => {
  const rows = new Map<string, { members: Member[]; ends: number; diameterM: number }>();
  for (const member of chassis.members) {
    const diameterM = ventHoleM(member.section.shape);
    if (member.material.family !== 'steel' || member.existing || diameterM === undefined) continue;
    const ends = openEndsOf(chassis, member).filter((open) => !open).length * member.pieces;
    if (ends === 0) continue;
    const row = rows.get(member.section.designation) ?? { members: [], ends: 0, diameterM };
    row.members.push(member);
    row.ends += ends;
    rows.set(member.section.designation, row);
  }
  return [...rows].map(([designation, { members, ends, diameterM }]) => ({
    designation,
    memberIds: members.map(({ id }) => id),
    ends,
    holes: ends * HOLES_TO_AN_END,
    diameterM,
  }));
};
