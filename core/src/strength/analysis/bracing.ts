import type { InnerAt } from '../../frame-analysis/index.js';
import { WELD_ZONE_M } from '../../materials/index.js';
import { parsePartId } from '../../project/index.js';
import type { BarElement } from '../frame-model/framing.js';
import { FREE_END } from '../frame-model/ownBars.js';
import { memberResistance, type Resistance } from '../resistance/memberResistance.js';

/** What each element of a bar may bear, away from welds and beside them. */
export interface ElementStrength {
  readonly bar: BarElement;
  readonly lengthM: number;
  readonly free: Resistance;
  readonly welded: Resistance;
  /** the same where its top is pressed and the deck holds that; undefined where no deck does */
  readonly heldFree: Resistance | undefined;
  readonly heldWelded: Resistance | undefined;
  readonly weldFrom: boolean;
  readonly weldTo: boolean;
}

/**
 * Joints that hold a bar sideways: other bars of the frame and the coupler. A bar of one's own may stand on it without holding anything; it is
 * taken to hold nothing.
 */
const braces = (joint: string | undefined): boolean =>
  joint !== undefined &&
  !MARKS.has(joint) &&
  !['hanger', 'own-bar', 'splice', 'reinforcement'].includes(parsePartId(joint).kind);

/** Places along a bar that are no part: nothing of the frame holds it there. */
const MARKS: ReadonlySet<string> = new Set(['middle', 'floor jack', 'stand', 'wheel.left', 'wheel.right', FREE_END]);

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

/** Screws and stitches of a deck are no further apart than this, m (common practice: 12 in). */
const DECK_FASTENED_M = 0.305;

export interface Fastening {
  readonly hangersWelded: boolean;
  /** whether the deck holds the top of this bar */
  readonly deckHolds: (memberId: string) => boolean;
}

/** Sideways length of each element between the joints that hold its bar, and its strengths, one per element in the bars' order. */
export const elementStrengths = (
  bars: readonly BarElement[],
  { hangersWelded, deckHolds }: Fastening,
): readonly ElementStrength[] => {
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
    const stretch = { unbracedM, wholeM, elementM: bar.toM - bar.fromM };
    const free = memberResistance(bar.member, { ...stretch, welded: false });
    const welded = memberResistance(bar.member, { ...stretch, welded: true });
    const held = (base: Resistance, isWelded: boolean): Resistance | undefined =>
      deckHolds(bar.member.id) && unbracedM > DECK_FASTENED_M
        ? {
            ...base,
            bendingY: memberResistance(bar.member, { ...stretch, unbracedM: DECK_FASTENED_M, welded: isWelded })
              .bendingY,
          }
        : undefined;
    return {
      bar,
      lengthM: bar.toM - bar.fromM,
      free,
      welded,
      heldFree: held(free, false),
      heldWelded: held(welded, true),
      weldFrom: !unwelded(bar.jointFrom, hangersWelded),
      weldTo: !unwelded(bar.jointTo, hangersWelded),
    };
  });
};

/** Whether a weld at either end weakens the metal at x: within 25 mm of the joint, which a gusset's toe carries out along the bar. */
const beside = ({ weldFrom, weldTo, bar, lengthM }: ElementStrength, xM: number): boolean =>
  (weldFrom && xM <= WELD_ZONE_M + bar.clearFromM + bar.stiffFromM) ||
  (weldTo && xM >= lengthM - WELD_ZONE_M - bar.clearToM - bar.stiffToM);

/** Strength at x along an element under these inner forces; a bar that sags has its top pressed (my < 0), where a deck may hold it. */
export const strengthAt = (strength: ElementStrength, xM: number, { my }: Pick<InnerAt, 'my'>): Resistance => {
  const welded = beside(strength, xM);
  const held = my < 0 ? (welded ? strength.heldWelded : strength.heldFree) : undefined;
  return held ?? (welded ? strength.welded : strength.free);
};
