import { lineLengthM, type Member, placeOnLine } from '../../chassis/index.js';
import {
  add,
  type EndSprings,
  type FrameMember,
  type FrameNode,
  length,
  type MemberStiffness,
  scale,
  subtract,
  type Vector3,
} from '../../frame-analysis/index.js';
import type { SoftEnd } from '../joints/softEnd.js';
import type { Material } from '../../materials/index.js';

/** A stretch of a bar of the chassis between two joints, as the solver sees it. */
export interface BarElement {
  readonly id: string;
  readonly member: Member;
  /** where it starts and ends, along the bar's own line, m */
  readonly fromM: number;
  readonly toM: number;
  /** id of what is welded on at its ends, if anything is */
  readonly jointFrom: string | undefined;
  readonly jointTo: string | undefined;
  /** how far the joints at its ends reach over it: between these two its own section is what bears, m */
  readonly clearFromM: number;
  readonly clearToM: number;
  /** how its ends give where they are welded on a wall */
  readonly softFrom: SoftEnd | undefined;
  readonly softTo: SoftEnd | undefined;
  /** how far gussets hold its ends stiff before it begins, m */
  readonly stiffFromM: number;
  readonly stiffToM: number;
}

/** Shear modulus of these metals, Pa: AISC 360 and the Aluminum Design Manual print 11,200 of 29,000 ksi and 3,800 of 10,100 ksi. */
export const shearModulusPa = ({ family, elasticPa }: Material): number =>
  family === 'steel' ? (elasticPa * 11_200) / 29_000 : (elasticPa * 3_800) / 10_100;

export const stiffnessOf = ({ bar, material }: Member): MemberStiffness => ({
  areaM2: bar.design.areaM2,
  iyM4: bar.design.iyM4,
  izM4: bar.design.izM4,
  torsionM4: bar.design.torsionM4,
  elasticPa: material.elasticPa,
  shearPa: shearModulusPa(material),
});

/** A place where something is joined to a bar: along its line, at the node that the joined bar or part shares. */
export interface Station {
  readonly atM: number;
  readonly node: string;
  readonly joint: string;
  /** how far the joint reaches to either side along the bar, m */
  readonly halfM?: number;
  /** how the bar's end gives there */
  readonly soft?: SoftEnd | undefined;
  /** leg of a triangular gusset along the bar there, m */
  readonly gussetM?: number;
}

export interface Framing {
  readonly nodes: FrameNode[];
  readonly members: FrameMember[];
  readonly bars: BarElement[];
  /** the node's id; a second node of the same id is the first one */
  node(id: string, at: Vector3): string;
  at(id: string): Vector3;
  /** Cuts a bar's line at its stations and puts an element between each two; rigid arms reach from the nodes to the line. */
  bar(member: Member, start: Vector3, end: Vector3, stations: readonly Station[]): void;
  element(element: FrameMember): void;
}

/** Joints nearer than this along a bar are one, m: no weld is placed truer. Rigid arms keep each force in its true place. */
export const SAME_STATION_M = 5e-3;

/** The bar's own axes: y level, z up. */
const springsOf = (soft: SoftEnd | undefined): EndSprings | undefined =>
  soft && { ry: soft.uprightNmPerRad, rz: soft.levelNmPerRad };

/** How far the joints of these stations reach past a place along the bar, forward or back. */
const reachPast = (stations: readonly Station[], atM: number, towards: 1 | -1): number =>
  stations.reduce((most, station) => Math.max(most, towards * (station.atM - atM) + (station.halfM ?? 0)), 0);

/**
 * A gusset holds a bar's end stiff for half of its leg (common practice for haunches that taper to nothing); never more than a third of
 * what lies between two joints, so that a bar is left.
 */
const stiffM = (station: Station, spanM: number): number => Math.min((station.gussetM ?? 0) / 2, spanM / 3);

export const framing = (): Framing => {
  const places = new Map<string, Vector3>();
  const nodes: FrameNode[] = [];
  const members: FrameMember[] = [];
  const bars: BarElement[] = [];
  const at = (id: string): Vector3 => {
    const place = places.get(id);
    if (!place) throw new Error(`no node ${id}`);
    return place;
  };
  return {
    nodes,
    members,
    bars,
    at,
    node: (id, place) => {
      if (!places.has(id)) {
        places.set(id, place);
        nodes.push({ id, at: place });
      }
      return id;
    },
    bar: (member, start, end, stations) => {
      const whole = subtract(end, start);
      const lengthM = length(whole);
      const sorted = [...stations].sort((a, b) => a.atM - b.atM);
      const place = (atM: number): Vector3 => add(start, scale(whole, atM / lengthM));
      sorted.slice(1).forEach((to, i) => {
        const from = sorted[i] as Station;
        if (to.node === from.node) return;
        const id = `${member.id}#${i + 1}`;
        const stiffFromM = stiffM(from, to.atM - from.atM);
        const stiffToM = stiffM(to, to.atM - from.atM);
        const [fromM, toM] = [from.atM + stiffFromM, to.atM - stiffToM];
        const stretch = stretchOf(member, (fromM + toM) / 2);
        members.push({
          id,
          from: from.node,
          to: to.node,
          ...stiffnessOf(stretch),
          ...(member.line ? { up: member.line.up } : {}),
          offsetFrom: subtract(place(fromM), at(from.node)),
          offsetTo: subtract(place(toM), at(to.node)),
          springFrom: springsOf(from.soft),
          springTo: springsOf(to.soft),
        });
        bars.push({
          id,
          member: stretch,
          fromM,
          toM,
          jointFrom: from.joint,
          jointTo: to.joint,
          clearFromM: reachPast(sorted.slice(0, i + 1), fromM, 1),
          clearToM: reachPast(sorted.slice(i + 1), toM, -1),
          softFrom: from.soft,
          softTo: to.soft,
          stiffFromM,
          stiffToM,
        });
      });
    },
    element: (element) => {
      members.push(element);
    },
  };
};

/** A bar's middle line as it gathers what is joined to it. */
export interface Line {
  readonly member: Member;
  readonly start: Vector3;
  readonly end: Vector3;
  readonly stations: Station[];
}

/** What a length of a bar is welded to where the bar is of several. */
export const SPLICE = 'splice';

/**
 * Marks the places along a bar where lengths of it are welded together; one that falls on a joint stands right beside it, where the bar bends as
 * much.
 */
export const markSplices = (frame: Framing, line: Line): void => {
  const { member, stations } = line;
  const lengthM = lineLengthM(line);
  for (const [i, said] of member.splicesM.entries()) {
    const atM = (said / member.cutLengthM) * lengthM;
    if (!(atM > SAME_STATION_M && atM < lengthM - SAME_STATION_M)) continue;
    const free = [
      atM,
      atM - SAME_STATION_M,
      atM + SAME_STATION_M,
      atM - 2 * SAME_STATION_M,
      atM + 2 * SAME_STATION_M,
    ].find((place) => !stations.some((station) => Math.abs(station.atM - place) < SAME_STATION_M - 1e-9));
    if (free === undefined) continue;
    const node = frame.node(`${member.id}@${SPLICE}.${i + 1}`, placeOnLine(line, free));
    stations.push({ atM: free, node, joint: SPLICE });
  }
};

/** Where plates along a bar, or a bar inside it, end. */
export const REINFORCEMENT = 'reinforcement';

/** The bar as it is at a place along it: with what reinforces it there. */
const stretchOf = (member: Member, atM: number): Member => {
  const { reinforced } = member;
  if (!reinforced || atM < reinforced.fromM || atM > reinforced.toM) return member;
  return { ...member, bar: reinforced.bar, builtUp: reinforced.builtUp };
};

/** Marks where what reinforces a bar begins and ends, so that each stretch bends and bears by what it is; where a joint is near, the joint stands for it. */
export const markReinforced = (frame: Framing, line: Line): void => {
  const { member, stations } = line;
  if (!member.reinforced) return;
  const lengthM = lineLengthM(line);
  for (const [end, atM] of [
    ['from', member.reinforced.fromM],
    ['to', member.reinforced.toM],
  ] as const) {
    if (!(atM > SAME_STATION_M && atM < lengthM - SAME_STATION_M)) continue;
    if (stations.some((station) => Math.abs(station.atM - atM) < SAME_STATION_M)) continue;
    const node = frame.node(`${member.id}@reinforced.${end}`, placeOnLine(line, atM));
    stations.push({ atM, node, joint: REINFORCEMENT });
  }
};

/** A rail's line as it gathers what is joined to it. */
export interface RailLine {
  readonly start: Vector3;
  readonly stations: Station[];
}

/** The place on a rail at x: the joint that is there already, or a new one; either way the rail is joined there. */
export const railNode = (
  frame: Framing,
  rail: RailLine,
  x: number,
  name: string,
  joint: string,
  more: Pick<Station, 'halfM' | 'soft' | 'gussetM'> = {},
): string => {
  const atM = x - rail.start[0];
  const there = rail.stations.find((station) => Math.abs(station.atM - atM) < SAME_STATION_M);
  const node = there?.node ?? frame.node(name, [x, rail.start[1], rail.start[2]]);
  rail.stations.push({ atM, node, joint, ...more });
  return node;
};
