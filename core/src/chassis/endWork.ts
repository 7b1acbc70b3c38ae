import type { Chassis } from './buildChassis.js';
import { type Cope, copeInto } from './cope.js';
import type { Member } from './member.js';

/** What is cut at a bar's end besides the saw cut, so that it fits what it meets. */
export type EndWork =
  | ({
      /** cut back above, below or both, so that it reaches into a channel or on to an angle's upright leg */
      readonly kind: 'cope';
      readonly memberId: string;
      readonly against: string;
    } & Cope)
  | {
      /** hollowed to lie on a round tube: saddle: a round one's end, notch: that of a flat-sided bar */
      readonly kind: 'saddle' | 'notch';
      readonly memberId: string;
      readonly against: string;
      /** from the deepest of the hollow to its furthest point, along the bar */
      readonly lengthM: number;
      readonly angleRad: number;
      /** of the section, square to the plane of both bars, and in it */
      readonly acrossM: number;
      readonly inPlaneM: number;
    };

/** What reaches into an open side: what turns its back is butted on. */
const copes = (bars: readonly Member[], onto: Member): EndWork[] =>
  bars
    .filter(({ intoM }) => intoM > 0)
    .flatMap((bar): EndWork[] => {
      const cope = copeInto(bar, onto);
      return cope ? [{ kind: 'cope', memberId: bar.id, against: onto.id, ...cope }] : [];
    });

const depthOf = (work: EndWork): number => (work.kind === 'cope' ? work.topM + work.bottomM : 0);

/** Copes of what reaches from rail to rail, and copes and saddles of the tongue's bars. */
export const endWorkOf = (chassis: Chassis): readonly EndWork[] => {
  const { members } = chassis;
  const between = members.filter(({ group }) => group === 'header' || group === 'cross');
  const byRail = members.filter(({ group }) => group === 'rail').map((rail) => copes(between, rail));
  // Both ends are coped alike, told once; rails of two sections ask for the deeper one.
  const deepest = between.flatMap((bar): EndWork[] => {
    const own = byRail.flat().filter((work) => work.kind === 'cope' && work.memberId === bar.id);
    const [most] = own.toSorted((a, b) => depthOf(b) - depthOf(a));
    return most ? [most] : [];
  });
  return [...deepest, ...tongueEndWork(chassis), ...hollows(members)];
};

/** Ends that are hollowed to lie on round tubes: of the tongue's side tubes, of bars of one's own, and of pieces. */
const hollows = (bars: readonly Member[]): readonly EndWork[] =>
  bars.flatMap((bar) =>
    (bar.finish ?? []).flatMap((end): EndWork[] => {
      if (end.kind !== 'hollow') return [];
      const { onId, lengthM, angleRad, acrossM, inPlaneM } = end;
      const kind = bar.section.shape.kind === 'round-tube' ? 'saddle' : 'notch';
      return [{ kind, memberId: bar.id, against: onId, lengthM, angleRad, acrossM, inPlaneM }];
    }),
  );

const tongueEndWork = ({ members, tongue }: Chassis): readonly EndWork[] => {
  if (!tongue) return [];
  const header = members.find(({ id }) => id === 'header.front');
  const butting =
    tongue.rearOn === 'header' && tongue.risers.length === 0 ? [...tongue.members, ...tongue.sideTubes] : [];
  return header ? copes(butting, header) : [];
};
