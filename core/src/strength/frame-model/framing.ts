import type { Member } from '../../chassis/index.js';
import {
  add,
  type FrameMember,
  type FrameNode,
  length,
  type MemberStiffness,
  scale,
  subtract,
  type Vector3,
} from '../../frame-analysis/index.js';
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

/** Stations nearer than this along a bar are one, m: a tenth of what drawings are dimensioned to. */
const SAME_STATION_M = 1e-4;

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
        if (to.atM - from.atM < SAME_STATION_M) return;
        const id = `${member.id}#${i + 1}`;
        const stiffFromM = stiffM(from, to.atM - from.atM);
        const stiffToM = stiffM(to, to.atM - from.atM);
        const [fromM, toM] = [from.atM + stiffFromM, to.atM - stiffToM];
        members.push({
          id,
          from: from.node,
          to: to.node,
          ...stiffnessOf(member),
          offsetFrom: subtract(place(fromM), at(from.node)),
          offsetTo: subtract(place(toM), at(to.node)),
        });
        bars.push({ id, member, fromM, toM, jointFrom: from.joint, jointTo: to.joint, stiffFromM, stiffToM });
      });
    },
    element: (element) => {
      members.push(element);
    },
  };
};
