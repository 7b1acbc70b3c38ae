import { parsePartId } from '../../project/index.js';
import type { BarElement } from '../frame-model/framing.js';
import { memberResistance, type Resistance } from '../resistance/memberResistance.js';
import { WELD_ZONE_M } from '../../materials/index.js';

/** What each element of a bar may bear, away from welds and beside them. */
export interface ElementStrength {
  readonly bar: BarElement;
  readonly lengthM: number;
  readonly free: Resistance;
  readonly welded: Resistance;
  readonly weldFrom: boolean;
  readonly weldTo: boolean;
}

/** Joints that hold a bar sideways: other bars of the frame and the coupler. */
const braces = (joint: string | undefined): boolean =>
  joint !== undefined && !MARKS.has(joint) && parsePartId(joint).kind !== 'hanger';

/** Places along a bar that are no part: nothing of the frame holds it there. */
const MARKS: ReadonlySet<string> = new Set(['middle', 'floor jack', 'stand']);

/** Marks on a bar where nothing is welded on. */
const unwelded = (joint: string | undefined, hangersWelded: boolean): boolean =>
  joint === undefined ||
  MARKS.has(joint) ||
  joint === 'coupler' ||
  (parsePartId(joint).kind === 'hanger' && !hangersWelded);

const ofMember = (bars: readonly BarElement[]): ReadonlyMap<string, readonly BarElement[]> => {
  const groups = new Map<string, BarElement[]>();
  for (const bar of bars) groups.set(bar.member.id, [...(groups.get(bar.member.id) ?? []), bar]);
  return groups;
};

/** Sideways length of each element between the joints that hold its bar, and its strengths, one per element in the bars' order. */
export const elementStrengths = (bars: readonly BarElement[], hangersWelded: boolean): readonly ElementStrength[] => {
  const groups = ofMember(bars);
  return bars.map((bar) => {
    const own = groups.get(bar.member.id) as readonly BarElement[];
    const index = own.indexOf(bar);
    let first = index;
    while (first > 0 && !braces(own[first]?.jointFrom)) first -= 1;
    let last = index;
    while (last < own.length - 1 && !braces(own[last]?.jointTo)) last += 1;
    const unbracedM = (own[last] as BarElement).toM - (own[first] as BarElement).fromM;
    const wholeM = (own.at(-1) as BarElement).toM - (own[0] as BarElement).fromM;
    const stretch = { unbracedM, wholeM };
    return {
      bar,
      lengthM: bar.toM - bar.fromM,
      free: memberResistance(bar.member, { ...stretch, welded: false }),
      welded: memberResistance(bar.member, { ...stretch, welded: true }),
      weldFrom: !unwelded(bar.jointFrom, hangersWelded),
      weldTo: !unwelded(bar.jointTo, hangersWelded),
    };
  });
};

/** Strength at x along an element: welded within 25 mm of a weld at either end, which a gusset's toe carries out along the bar. */
export const strengthAt = (strength: ElementStrength, xM: number): Resistance =>
  (strength.weldFrom && xM <= WELD_ZONE_M + strength.bar.stiffFromM) ||
  (strength.weldTo && xM >= strength.lengthM - WELD_ZONE_M - strength.bar.stiffToM)
    ? strength.welded
    : strength.free;
