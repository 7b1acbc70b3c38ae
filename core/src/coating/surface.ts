import {
  type Chassis,
  directionOf,
  type Member,
  middleLineOf,
  placeOnLine,
  lineLengthM,
  boxesAlong,
} from '../chassis/index.js';
import type { Vector3 } from '../frame-analysis/index.js';
import { insideOf, outsideM } from './outside.js';

/** Just past an end, m: in metal there, the end is shut by it. */
const PAST_M = 0.003;

const isInOutline = (plan: Member['plan'], x: number, y: number): boolean => {
  let inside = false;
  for (let i = 0, j = plan.length - 1; i < plan.length; j = i, i += 1) {
    const [xi, yi] = plan[i] as (typeof plan)[number];
    const [xj, yj] = plan[j] as (typeof plan)[number];
    if (yi > y !== yj > y && x < ((xj - xi) * (y - yi)) / (yj - yi) + xi) inside = !inside;
  }
  return inside;
};

const isIn = (member: Member, [x, y, z]: Vector3): boolean => {
  const boxes = boxesAlong(member);
  if (boxes.length > 0)
    return boxes.some(
      ({ x0M, x1M, y0M, y1M, z0M, z1M }) => x > x0M && x < x1M && y > y0M && y < y1M && z > z0M && z < z1M,
    );
  const { z0M, z1M } = member.extent;
  return z > z0M && z < z1M && isInOutline(member.plan, x, y);
};

/** Whether the first and the last end of a tube stand open; ends that stand in joints themselves count as shut. */
export const openEndsOf = ({ members, plates }: Chassis, member: Member): readonly [boolean, boolean] => {
  const line = middleLineOf(member);
  if (!line) return [false, false];
  const along = lineLengthM(line);
  const unit = directionOf(line);
  const isOpen = (atM: number): boolean => {
    const place = placeOnLine(line, atM);
    const shut = members.some((other) => other.id !== member.id && isIn(other, place));
    const capped = plates.some(
      ({ kind, centre }) =>
        kind === 'cap' &&
        Math.abs((centre.xM - place[0]) * unit[0] + (centre.yM - place[1]) * unit[1]) < 0.05 &&
        Math.hypot(centre.xM - place[0], centre.yM - place[1], centre.zM - place[2]) < member.bar.heightM,
    );
    return !shut && !capped;
  };
  return [isOpen(-PAST_M), isOpen(along + PAST_M)];
};

export interface Surface {
  /** bars all round, plates and sheets on both sides, m² */
  readonly outsideM2: number;
  /** of tubes with an end in the open: water gets in, and paint a hand's breadth only */
  readonly openInsideM2: number;
  /** of tubes that are shut at both ends: a bath gets in by its holes alone */
  readonly shutInsideM2: number;
}

/** Between the lengths along its longer and its shorter face: what a slanting end leaves. */
const meanLengthM = ({ cutLengthM, faceLengthM, ends }: Member): number => {
  const slants = ends.filter(({ kind }) => kind === 'mitre').length;
  // Both faces of parallel slants are as long as the face; their long points lie half a slant beyond it at each end.
  return slants === 0 ? cutLengthM : (cutLengthM + Math.min(cutLengthM, faceLengthM)) / 2;
};

type Metal = Member['material']['family'];

/** Outside of all metal, by its kind, m²; ends are not looked at. */
const outsideAreas = ({ members, plates, panels }: Chassis): Readonly<Record<Metal, number>> => {
  const all = { steel: 0, aluminum: 0 };
  for (const member of members)
    all[member.material.family] += outsideM(member.section.shape) * meanLengthM(member) * member.pieces;
  const platesOf = members.some(({ material }) => material.family === 'steel') ? 'steel' : 'aluminum';
  for (const { lengthM, widthM, triangular } of plates) all[platesOf] += 2 * lengthM * widthM * (triangular ? 0.5 : 1);
  for (const { own } of panels) {
    if (own?.sheet.kind === 'steel-sheet') all.steel += 2 * own.areaM2;
    if (own?.sheet.kind === 'aluminum-sheet') all.aluminum += 2 * own.areaM2;
  }
  return all;
};

/** What there is to coat, by metal, m². What was there already counts: it is cleaned and coated with the rest. */
export const surfacesOf = (chassis: Chassis): Readonly<Record<Metal, Surface>> => {
  const outside = outsideAreas(chassis);
  const inside = { steel: { open: 0, shut: 0 }, aluminum: { open: 0, shut: 0 } };
  for (const member of chassis.members) {
    const around = insideOf(member.section.shape)?.aroundM;
    if (around === undefined) continue;
    const end = openEndsOf(chassis, member).includes(true) ? 'open' : 'shut';
    inside[member.material.family][end] += around * meanLengthM(member) * member.pieces;
  }
  const of = (metal: Metal): Surface => ({
    outsideM2: outside[metal],
    openInsideM2: inside[metal].open,
    shutInsideM2: inside[metal].shut,
  });
  return { steel: of('steel'), aluminum: of('aluminum') };
};

/** Outside of all steel of the frame, m²; nothing of the inside of tubes. */
export const steelAreaM2 = (chassis: Chassis): number => outsideAreas(chassis).steel;
