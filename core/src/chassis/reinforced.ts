import type { Member, MiddleLine, Reinforced } from './member.js';
import { lineLengthM, middleLineOf, placeOnLine } from './middleLine.js';

/** How much of a bar is reinforced, m along it; undefined where nothing of it is. */
export const reinforcedStretch = (
  { fromM, toM }: Pick<Reinforced, 'fromM' | 'toM'>,
  lengthM: number,
): { readonly fromM: number; readonly toM: number } | undefined => {
  const stretch = { fromM: Math.max(0, fromM), toM: Math.min(toM, lengthM) };
  return stretch.toM > stretch.fromM ? stretch : undefined;
};

interface Added {
  readonly massKg: number;
  readonly line: MiddleLine;
  readonly middleM: number;
}

const addedTo = (member: Member): Added | undefined => {
  const { reinforced, bar, material } = member;
  const line = reinforced && middleLineOf(member);
  const stretch = reinforced && line && reinforcedStretch(reinforced, lineLengthM(line));
  if (!stretch) return undefined;
  const areaM2 = reinforced.bar.nominalAreaM2 - bar.nominalAreaM2;
  const { fromM, toM } = stretch;
  return { massKg: areaM2 * material.densityKgM3 * (toM - fromM), line, middleM: (fromM + toM) / 2 };
};

/** What plates or a bar inside add over part of a bar's length, kg. */
export const reinforcementKg = (member: Member): number => addedTo(member)?.massKg ?? 0;

/** The bare bar with the weight of what reinforces it over part of its length, laid on its middle line. */
export const withReinforcement = (member: Member): Member => {
  const added = addedTo(member);
  if (!added) return member;
  const { massKg, centre } = member;
  const wholeKg = massKg + added.massKg;
  const at = placeOnLine(added.line, added.middleM);
  const mean = (own: number, other: number): number => (own * massKg + other * added.massKg) / wholeKg;
  return {
    ...member,
    massKg: wholeKg,
    centre: { xM: mean(centre.xM, at[0]), yM: mean(centre.yM, at[1]), zM: mean(centre.zM, at[2]) },
  };
};
