import { designShape, type Shape } from '../sections/index.js';
import { millimetres } from '../units/index.js';
import type { Chassis } from './buildChassis.js';
import { hollowOn, saddleLengthM } from './hollow.js';
import { middleLineOf } from './middleLine.js';
import type { Member } from './member.js';

/** What is cut at a bar's end besides the saw cut, so that it fits what it meets. */
export type EndWork =
  | {
      /** an open bar's flanges cut back so that its web reaches into a channel */
      readonly kind: 'cope';
      readonly memberId: string;
      readonly against: string;
      /** back from the end */
      readonly lengthM: number;
      /** off top and bottom each */
      readonly depthM: number;
    }
  | {
      /** the end of a round tube hollowed to lie on another round one */
      readonly kind: 'saddle';
      readonly memberId: string;
      readonly against: string;
      /** from the deepest of the hollow to its furthest point, along the tube */
      readonly lengthM: number;
      readonly angleRad: number;
    }
  | {
      /** the end of a flat-sided bar hollowed to lie round a tube */
      readonly kind: 'notch';
      readonly memberId: string;
      readonly against: string;
      /** from the deepest of the hollow to its furthest point, along the bar */
      readonly lengthM: number;
      readonly angleRad: number;
    };

/** Room for the cope to go in, m: about 1/16 in, common practice. */
const COPE_ROOM_M = millimetres(1.5);

type Channel = Extract<Shape, { kind: 'channel' | 'bent-channel' }>;
const isChannel = (shape: Shape): shape is Channel => shape.kind === 'channel' || shape.kind === 'bent-channel';

/** Clear height between a channel's flanges, past their roots, and how far its lips reach over its web. */
const insideOf = (shape: Channel): { readonly clearM: number; readonly reachM: number } => {
  if (shape.kind === 'bent-channel')
    return { clearM: shape.depthM - 2 * shape.outerRadiusM, reachM: shape.flangeM - shape.thicknessM };
  return {
    clearM: shape.depthM - 2 * (shape.flangeThicknessM + shape.rootRadiusM),
    reachM: shape.flangeM - shape.webM,
  };
};

/**
 * Cope of a bar that reaches between the flanges of a channel whose open side faces it: as long as the lips reach, as deep as it is
 * too high for the clear depth (the usual detailing of beams framed into channels; plane geometry).
 */
export const copeInto = (
  barHeightM: number,
  channel: Channel,
): { readonly lengthM: number; readonly depthM: number } | undefined => {
  const { clearM, reachM } = insideOf(channel);
  const depthM = (barHeightM - clearM) / 2;
  return depthM > 0 ? { lengthM: reachM + COPE_ROOM_M, depthM } : undefined;
};

const copes = (bars: readonly Member[], onto: Member): EndWork[] => {
  const shape = designShape(onto.section);
  if (!isChannel(shape)) return [];
  // Where the open side faces it a bar reaches in; a channel that turns its back is butted on.
  return bars
    .filter(({ intoM }) => intoM > 0)
    .flatMap((bar): EndWork[] => {
      const cope = copeInto(bar.bar.heightM, shape);
      return cope ? [{ kind: 'cope', memberId: bar.id, against: onto.id, ...cope }] : [];
    });
};

/** Copes of what reaches from rail to rail, and copes and saddles of the tongue's bars. */
export const endWorkOf = (chassis: Chassis): readonly EndWork[] => {
  const { members } = chassis;
  const rail = members.find(({ id }) => id === 'rail.left');
  const between = members.filter(({ group }) => group === 'header' || group === 'cross');
  return [...(rail ? copes(between, rail) : []), ...tongueEndWork(chassis), ...ownEndWork(chassis)];
};

/** Ends of bars of one's own, and of pieces, that stand on round tubes: hollowed to lie on them. */
const ownEndWork = ({ members, ownBars }: Chassis): readonly EndWork[] => {
  const byId = new Map(members.map((member) => [member.id, member]));
  return ownBars.flatMap(({ id, from, to }): EndWork[] => {
    const member = byId.get(id);
    const line = member && middleLineOf(member);
    if (!member || !line) return [];
    const round = member.section.shape.kind === 'round-tube';
    return [from, to].flatMap((end): EndWork[] => {
      const host = end.kind === 'on' ? byId.get(end.barId) : undefined;
      const hostLine = host && middleLineOf(host);
      const hollow = host && hostLine && hollowOn(member, line, host, hostLine);
      if (!host || !hollow) return [];
      const { nearM, farM, angleRad } = hollow;
      const own = { memberId: id, against: host.id, lengthM: farM - nearM, angleRad };
      return [{ kind: round ? 'saddle' : 'notch', ...own }];
    });
  });
};

const tongueEndWork = ({ members, tongue }: Chassis): readonly EndWork[] => {
  if (!tongue) return [];
  const header = members.find(({ id }) => id === 'header.front');
  const butting =
    tongue.rearOn === 'header' && tongue.risers.length === 0 ? [...tongue.members, ...tongue.sideTubes] : [];
  const [backbone] = tongue.members;
  const round =
    backbone && backbone.section.shape.kind === 'round-tube' ? backbone.section.shape.diameterM / 2 : undefined;
  const saddles = tongue.sideTubes.flatMap((tube): EndWork[] => {
    if (round === undefined || !backbone || tube.section.shape.kind !== 'round-tube') return [];
    const tip = tube.ends[0];
    const angleRad = tip.kind === 'mitre' ? Math.PI / 2 - tip.offSquareRad : Math.PI / 2;
    const lengthM = saddleLengthM(tube.section.shape.diameterM / 2, round, angleRad);
    return lengthM === undefined
      ? []
      : [{ kind: 'saddle', memberId: tube.id, against: backbone.id, lengthM, angleRad }];
  });
  return [...(header ? copes(butting, header) : []), ...saddles];
};
