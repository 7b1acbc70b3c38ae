import {
  findSection,
  type BarEnd,
  type OwnBar,
  type Piece,
  type SheetFill,
  type Trailer,
} from '../../project/index.js';
import { barProperties } from '../../sections/index.js';
import type { BarBox } from '../barBoxes.js';
import type { ChassisProblem, Member, MiddleLine } from '../member.js';
import { lineLengthM, middleLineOf } from '../middleLine.js';
import type { BarDraft } from '../ownBars.js';
import { type PanelDraft, type Plane } from '../ownPanels.js';
import { deckTopZM } from '../panels.js';

/** A bar of the frame that a piece stands on. */
export interface Host {
  readonly member: Member;
  readonly line: MiddleLine;
}

/** Where a bar of a piece stands: the end that says so, and how high the face is that it stands on, m. */
export interface Foot {
  readonly end: BarEnd;
  readonly hostId: string;
  readonly topZM: number;
}

/** The frame that pieces are put on. */
export interface Site {
  readonly trailer: Trailer;
  readonly hosts: ReadonlyMap<string, Host>;
  /** middle of the rails to either side, and of the headers at both ends, m */
  readonly railYM: number;
  readonly frontXM: number;
  readonly rearXM: number;
  readonly deckZM: number;
}

/** Undefined where there is no frame yet. */
export const siteOf = (trailer: Trailer, members: readonly Member[]): Site | undefined => {
  const hosts = new Map<string, Host>();
  for (const member of members) {
    const line = middleLineOf(member);
    if (line) hosts.set(member.id, { member, line });
  }
  const [rail, front, rear] = ['rail.right', 'header.front', 'header.rear'].map((id) => hosts.get(id));
  if (!rail || !front || !rear) return undefined;
  return {
    trailer,
    hosts,
    railYM: rail.line.start[1],
    frontXM: front.line.start[0],
    rearXM: rear.line.start[0],
    deckZM: deckTopZM(trailer),
  };
};

/** Places that agree to this are one, m. */
const SAME_M = 0.005;

const onHost = ({ member, line }: Host, atM: number): Foot => ({
  end: { kind: 'on', barId: member.id, atM: Math.min(Math.max(atM, 0), lineLengthM(line)) },
  hostId: member.id,
  topZM: member.extent.z1M,
});

/** On a rail at x; past a rail that stops at the headers, on the header's end. */
export const footOnRail = ({ hosts, frontXM, rearXM }: Site, side: -1 | 1, xM: number): Foot | undefined => {
  const rail = hosts.get(side < 0 ? 'rail.left' : 'rail.right');
  if (!rail) return undefined;
  const { start, end } = rail.line;
  if (xM >= start[0] - SAME_M && xM <= end[0] + SAME_M) return onHost(rail, xM - start[0]);
  const header = hosts.get(Math.abs(xM - frontXM) < Math.abs(xM - rearXM) ? 'header.front' : 'header.rear');
  return header && onHost(header, side < 0 ? 0 : lineLengthM(header.line));
};

/** On what runs across at x, so far right of the middle; undefined where nothing does. */
export const footAcross = ({ hosts }: Site, xM: number, yM: number): Foot | undefined => {
  for (const host of hosts.values()) {
    const { group } = host.member;
    if (group !== 'header' && group !== 'cross') continue;
    const { start, end } = host.line;
    if (Math.abs(start[0] - xM) < SAME_M && yM > start[1] && yM < end[1]) return onHost(host, yM - start[1]);
  }
  return undefined;
};

/** Sizes of a piece's bars as they stand upright, m. */
export interface BarSize {
  readonly widthM: number;
  readonly heightM: number;
  /** from the underside to the middle line */
  readonly middleM: number;
}

/** What a ready-made piece is made of, as it is put together. */
export interface Draft {
  readonly site: Site;
  readonly size: BarSize;
  readonly bars: BarDraft[];
  readonly panels: PanelDraft[];
  readonly problems: ChassisProblem[];
  /** the id of a bar of this piece by what it is in it */
  readonly barId: (role: string) => string;
  readonly bar: (role: string, from: BarEnd, to: BarEnd, more?: BarOptions) => void;
  readonly panel: (role: string, sheet: SheetFill, plane: Plane, box: BarBox, more?: PanelOptions) => void;
}
interface BarOptions {
  readonly turnDeg?: OwnBar['turnDeg'];
  readonly hungOn?: readonly string[] | undefined;
}
type PanelOptions = Partial<Pick<PanelDraft, 'cutouts' | 'heldBy' | 'carries'>>;

/** An empty draft of a piece; undefined where its section is none. */
export const draftOf = (site: Site, piece: Piece, problems: ChassisProblem[]): Draft | undefined => {
  const section = findSection(site.trailer, piece.sectionId);
  const bar = section && barProperties(section);
  if (!bar) {
    problems.push({
      code: section ? 'impossible-section' : 'missing-section',
      memberId: piece.id,
      sectionId: piece.sectionId,
    });
    return undefined;
  }
  const own = piece.id.replace(/^piece\./, '');
  const { sectionId, materialId } = piece;
  const bars: BarDraft[] = [];
  const panels: PanelDraft[] = [];
  const barId = (role: string): string => `bar.${own}.${role}`;
  return {
    site,
    size: { widthM: bar.widthM, heightM: bar.heightM, middleM: bar.design.centroidZM },
    bars,
    panels,
    problems,
    barId,
    bar: (role, from, to, { turnDeg = 0, hungOn } = {}) => {
      bars.push({ id: barId(role), sectionId, materialId, turnDeg, from, to, ...(hungOn ? { hungOn } : {}) });
    },
    panel: (role, sheet, plane, box, { cutouts = [], heldBy = [], carries = false } = {}) => {
      panels.push({ id: `panel.${own}.${role}`, sheet, plane, box, cutouts, heldBy, existing: false, carries });
    },
  };
};

/** An end in the air. */
export const at = (xM: number, yM: number, zM: number): BarEnd => ({ kind: 'at', xM, yM, zM });

/** Places from one to the other, no further apart than so much, both ends among them. */
export const spread = (fromM: number, toM: number, apartM: number): readonly number[] => {
  const gaps = Math.min(100, Math.max(1, Math.ceil((toM - fromM) / apartM - 1e-6)));
  return Array.from({ length: gaps + 1 }, (_, i) => fromM + ((toM - fromM) * i) / gaps);
};

/** Left and right. */
export const SIDES = [-1, 1] as const;
export const nameOf = (side: -1 | 1): 'left' | 'right' => (side < 0 ? 'left' : 'right');
