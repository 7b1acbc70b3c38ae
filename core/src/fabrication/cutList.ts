import { parsePartId, type SheetFill } from '../project/index.js';
import {
  type Chassis,
  type Cutout,
  type EndCut,
  type Member,
  type Panel,
  panelSizes,
  type Plate,
} from '../chassis/index.js';

import { type EndShape, type Piece, piecesOf, reinforcementOf } from './pieces.js';

/** Identical pieces: one mark, cut together. */
export interface CutRow {
  readonly mark: string;
  readonly group: Member['group'] | 'post' | 'packer';
  readonly memberIds: readonly string[];
  /** of each piece, by its bar and its place among the bar's pieces */
  readonly pieceIds: readonly string[];
  readonly sectionId: string;
  readonly designation: string;
  readonly materialName: string;
  readonly quantity: number;
  /** over the long points */
  readonly cutLengthM: number;
  /** along the short face, or along either face between parallel slanting cuts */
  readonly faceLengthM: number;
  readonly ends: readonly [EndCut, EndCut];
  /** how its ends slant against each other */
  readonly shape: EndShape;
  /** left and right differ: cut them as a pair, mirror-wise */
  readonly handed: boolean;
  readonly massEachKg: number;
  /** left on at its front end, to be cut when all is in place */
  readonly cutLaterM: number;
}

/** Alike pieces cut from flat. */
export interface PlateRow {
  readonly mark: string;
  readonly kind: Plate['kind'] | 'along';
  readonly plateIds: readonly string[];
  readonly materialName: string;
  readonly lengthM: number;
  readonly widthM: number;
  readonly thicknessM: number;
  readonly triangular: boolean;
  readonly holes: Plate['holes'];
  readonly quantity: number;
  readonly massEachKg: number;
}

/** Alike flat parts cut from sheets, mesh or boards. */
export interface PanelRow {
  readonly mark: string;
  readonly panelIds: readonly string[];
  readonly kind: SheetFill['kind'];
  readonly thicknessM: number;
  readonly lengthM: number;
  readonly widthM: number;
  /** to be cut out of each: from its front or left and its lower edge, and how long and high, m */
  readonly cutouts: readonly Omit<Cutout, 'id' | 'box'>[];
  readonly quantity: number;
  readonly massEachKg: number;
}

export interface StockTotal {
  readonly sectionId: string;
  readonly designation: string;
  readonly materialName: string;
  /** that the bars are counted at */
  readonly yieldPa: number;
  readonly pieces: number;
  /** sum of the cut lengths, without the saw's own loss */
  readonly lengthM: number;
  readonly massKg: number;
}

export interface CutList {
  readonly rows: readonly CutRow[];
  readonly plates: readonly PlateRow[];
  /** flat parts of one's own and of ready-made pieces, in none of the masses of metal */
  readonly panels: readonly PanelRow[];
  readonly totals: readonly StockTotal[];
  readonly massKg: number;
  /** bars that are there already, in none of the rows */
  readonly existingIds: readonly string[];
}

const MARK_LETTERS = {
  rail: 'R',
  header: 'E',
  cross: 'C',
  tongue: 'T',
  side: 'S',
  post: 'P',
  packer: 'K',
  own: 'B',
} as const;

/** Lengths that agree to this are cut alike, m. */
const ALIKE_M = 1e-4;

const kindOf = (member: Member): CutRow['group'] => {
  const { kind } = parsePartId(member.id);
  return kind === 'post' || kind === 'packer' ? kind : member.group;
};
const endKey = (end: EndCut): string =>
  end.kind === 'square' ? 'square' : `${end.offSquareRad.toFixed(6)} ${(end.bevelRad ?? 0).toFixed(6)}`;

const alikeKey = ({ member, cutLengthM, faceLengthM, shape, ends }: Piece): string =>
  [
    kindOf(member),
    member.section.id,
    member.material.id,
    Math.round(cutLengthM / ALIKE_M),
    Math.round(faceLengthM / ALIKE_M),
    shape,
    ...ends.map(endKey),
  ].join('|');

/** A cut that is both mitred and tilted, and any slant on an open shape, has a left and a right; closed tubes else just turn over. */
const isHanded = ({ member, ends }: Piece): boolean =>
  ends.some((end) => end.kind === 'mitre' && end.offSquareRad > 1e-9 && (end.bevelRad ?? 0) > 1e-9) ||
  (ends.some(({ kind }) => kind === 'mitre') &&
    !['rect-tube', 'round-tube', 'flat-bar'].includes(member.section.shape.kind));

/** What is cut from flat for a bar, or by itself. */
type CutPlate = Pick<
  Plate,
  'id' | 'materialName' | 'lengthM' | 'widthM' | 'thicknessM' | 'triangular' | 'holes' | 'massKg'
> & {
  readonly kind: PlateRow['kind'];
};

const plateRows = (plates: readonly CutPlate[]): readonly PlateRow[] => {
  const alike = new Map<string, CutPlate[]>();
  for (const plate of plates) {
    const sizes = [plate.lengthM, plate.widthM, plate.thicknessM].map((size) => Math.round(size / ALIKE_M));
    const drilled = plate.holes.flatMap(({ alongM, upM, diameterM }) => [alongM, upM, diameterM]);
    const key = [plate.kind, plate.materialName, ...sizes, ...drilled.map((at) => Math.round(at / ALIKE_M))].join('|');
    alike.set(key, [...(alike.get(key) ?? []), plate]);
  }
  return [...alike.values()].flatMap((own, i): PlateRow[] => {
    const [first] = own;
    if (!first) return [];
    const { kind, materialName, lengthM, widthM, thicknessM, triangular, holes, massKg } = first;
    return [
      {
        mark: `F${i + 1}`,
        kind,
        plateIds: own.map(({ id }) => id),
        materialName,
        lengthM,
        widthM,
        thicknessM,
        triangular,
        holes,
        quantity: own.length,
        massEachKg: massKg,
      },
    ];
  });
};

/** Plates along a bar; new ones even where the bar itself is there already. */
const platesAlong = (member: Member): readonly CutPlate[] => {
  const found = reinforcementOf(member);
  const how = found?.builtUp.how;
  if (!found || how?.kind !== 'plated') return [];
  const { widthM, thicknessM, faces } = how;
  const lengthM = found.toM - found.fromM;
  return Array.from({ length: faces === 'bottom' ? 1 : 2 }, (_, i) => ({
    id: `${member.id}.plate.${i + 1}`,
    kind: 'along' as const,
    materialName: member.material.name,
    lengthM,
    widthM,
    thicknessM,
    triangular: false,
    holes: [],
    massKg: lengthM * widthM * thicknessM * member.material.densityKgM3,
  }));
};

const panelRows = (panels: readonly Panel[]): readonly PanelRow[] => {
  const alike = new Map<string, PanelRow>();
  for (const panel of panels) {
    const { id, own, massKg } = panel;
    if (!own || own.existing) continue;
    const { lengthM, widthM } = panelSizes(panel, own);
    const cutouts = own.cutouts.map(({ alongM, upM, lengthM: long, heightM }) => ({
      alongM,
      upM,
      lengthM: long,
      heightM,
    }));
    const figures = [own.sheet.thicknessM, lengthM, widthM, ...cutouts.flatMap((one) => Object.values(one))];
    const key = [own.sheet.kind, ...figures.map((size) => Math.round(size / ALIKE_M))].join('|');
    const known = alike.get(key);
    alike.set(key, {
      mark: known?.mark ?? `W${alike.size + 1}`,
      panelIds: [...(known?.panelIds ?? []), id],
      kind: own.sheet.kind,
      thicknessM: own.sheet.thicknessM,
      lengthM,
      widthM,
      cutouts,
      quantity: (known?.quantity ?? 0) + 1,
      massEachKg: massKg,
    });
  }
  return [...alike.values()];
};

/** How the ends of a row are sawn, for comparing a piece that was cut with what is wanted now. */
export const endsText = ({ ends, shape }: Pick<CutRow, 'ends' | 'shape'>): string =>
  [shape, ...ends.map(endKey)].join('|');

export const buildCutList = (chassis: Chassis): CutList => {
  const alike = new Map<string, (Piece & { readonly id: string })[]>();
  const all = chassis.members.flatMap((member) =>
    piecesOf(member).map((piece, i) => ({ ...piece, id: `${member.id}#${i + 1}` })),
  );
  for (const piece of all) {
    const key = alikeKey(piece);
    alike.set(key, [...(alike.get(key) ?? []), piece]);
  }
  const counts = new Map<string, number>();
  const rows = [...alike.values()].flatMap((pieces): CutRow[] => {
    const [first] = pieces;
    if (!first) return [];
    const { member } = first;
    const group = kindOf(member);
    const number = (counts.get(group) ?? 0) + 1;
    counts.set(group, number);
    const memberIds = [...new Set(pieces.map(({ memberId }) => memberId))];
    return [
      {
        mark: `${MARK_LETTERS[group]}${number}`,
        group,
        memberIds,
        pieceIds: pieces.map(({ id }) => id),
        sectionId: member.section.id,
        designation: member.section.designation,
        materialName: member.material.name,
        quantity: pieces.length,
        cutLengthM: first.cutLengthM,
        faceLengthM: first.faceLengthM,
        ends: first.ends,
        shape: first.shape,
        handed: memberIds.length > 1 && isHanded(first),
        massEachKg: pieces.reduce((sum, { massKg }) => sum + massKg, 0) / pieces.length,
        cutLaterM: first.cutLaterM,
      },
    ];
  });
  const yieldsPa = new Map(
    all.map(({ member: { section, material } }) => [`${section.id}|${material.name}`, material.yieldPa]),
  );
  const totals = new Map<string, StockTotal>();
  for (const row of rows) {
    const key = `${row.sectionId}|${row.materialName}`;
    const known = totals.get(key);
    totals.set(key, {
      sectionId: row.sectionId,
      designation: row.designation,
      materialName: row.materialName,
      yieldPa: yieldsPa.get(key) ?? 0,
      pieces: (known?.pieces ?? 0) + row.quantity,
      lengthM: (known?.lengthM ?? 0) + row.quantity * (row.cutLengthM + row.cutLaterM),
      massKg: (known?.massKg ?? 0) + row.quantity * row.massEachKg,
    });
  }
  const plates = plateRows([...chassis.plates, ...chassis.members.flatMap(platesAlong)]);
  return {
    rows,
    plates,
    panels: panelRows(chassis.panels),
    totals: [...totals.values()],
    existingIds: chassis.members.filter(({ existing }) => existing).map(({ id }) => id),
    massKg:
      [...totals.values()].reduce((sum, { massKg }) => sum + massKg, 0) +
      plates.reduce((sum, { quantity, massEachKg }) => sum + quantity * massEachKg, 0),
  };
};
