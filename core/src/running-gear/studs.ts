import { inches, millimetres } from '../units/index.js';

/** Circles that agree to this are one, m: 5 on 4-1/2 in is 114.3 mm; 5 on 4-3/4 in, 120.65, and 5 x 120 look alike and are not. */
const SAME_M = 0.0004;

const fraction = (text: string): number => {
  const [whole, top, bottom] = text.split(/[-/]/).map(Number) as [number, number?, number?];
  return top === undefined || bottom === undefined ? whole : whole + top / bottom;
};

/** How many studs on what circle, m, as wheels are marked: "5 on 4-1/2 in", "5 x 114.3"; undefined for what is written otherwise. */
export const readStuds = (text: string): { readonly count: number; readonly circleM: number } | undefined => {
  const inch = /^\s*(\d+)\s*on\s*(\d+(?:-\d+\/\d+)?|\d+\.\d+)\s*in\s*$/.exec(text);
  if (inch) return { count: Number(inch[1]), circleM: inches(fraction(inch[2] ?? '')) };
  const metric = /^\s*(\d+)\s*[x×]\s*(\d+(?:\.\d+)?)\s*(?:mm)?\s*$/.exec(text);
  return metric ? { count: Number(metric[1]), circleM: millimetres(Number(metric[2])) } : undefined;
};

/** Whether two marks are one circle of studs, in whatever units each is told; marks that cannot be read must be the very same. */
export const isSameStuds = (a: string, b: string): boolean => {
  const [one, other] = [readStuds(a), readStuds(b)];
  if (!one || !other) return a === b;
  return one.count === other.count && Math.abs(one.circleM - other.circleM) <= SAME_M;
};
