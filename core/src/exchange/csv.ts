import Papa from 'papaparse';
import type { Ledger } from '../buying/index.js';
import type { Evaluation } from '../evaluation/index.js';
import type { SheetGroup, StickSection } from '../fabrication/index.js';
import type { Trailer } from '../project/index.js';
import { formatAngle, formatPercent } from '../units/index.js';
import { ledgerTables } from './ledgerTables.js';
import {
  cutoutsText,
  cutText,
  PART_GROUP_NAMES,
  sentenceOf,
  SHEET_NAMES,
  sourceText,
  speaker,
  STEP_NAMES,
  VERDICT_WORDS,
} from '../wording/index.js';

/** Names come from people and files: a cell that a spreadsheet would take for a formula is told to be text. */
const table = (fields: readonly string[], data: readonly (readonly (string | number)[])[]): string =>
  `${Papa.unparse({ fields: [...fields], data: data.map((row) => [...row]) }, { escapeFormulae: true, newline: '\r\n' })}\r\n`;

export const findingsCsv = (trailer: Trailer, { findings }: Evaluation): string => {
  const say = speaker(trailer);
  return table(
    ['Step', 'Verdict', 'Part', 'Load case', 'Finding', 'Works at', 'Source'],
    findings.map((finding) => [
      STEP_NAMES[finding.step],
      VERDICT_WORDS[finding.verdict],
      say.partName(finding.subject),
      finding.caseId ? say.caseName(finding.caseId) : '',
      sentenceOf(finding, say),
      finding.utilisation === undefined ? '' : formatPercent(finding.utilisation, 0),
      sourceText(finding.source),
    ]),
  );
};

export const weightsCsv = (trailer: Trailer, { cases }: Evaluation): string => {
  const say = speaker(trailer);
  return table(
    ['Load case', 'Group', 'Part', 'Mass', 'Back from front edge', 'Right of centre line', 'Above rail top'],
    cases.flatMap(({ loadCase, parts }) =>
      parts.map((part) => [
        loadCase.name,
        PART_GROUP_NAMES[part.group],
        part.name ?? say.partName(part.id),
        say.mass(part.massKg),
        say.length(part.centre.xM),
        say.length(part.centre.yM),
        say.length(part.centre.zM),
      ]),
    ),
  );
};

export const cutListCsv = (trailer: Trailer, { cutList }: Evaluation): string => {
  const say = speaker(trailer);
  return table(
    [
      'Mark',
      'Piece',
      'Quantity',
      'Section',
      'Metal',
      'Length over long points',
      'Length of short face',
      'Front or left end',
      'Rear or right end',
      'Mass each',
      'Left on, cut later',
    ],
    [
      ...cutList.rows.map((row) => [
        row.mark,
        row.memberIds.map((id) => say.partName(id)).join(', '),
        row.quantity,
        row.designation,
        row.materialName,
        say.length(row.cutLengthM),
        say.length(row.faceLengthM),
        cutText(row.ends[0]),
        cutText(row.ends[1]),
        say.mass(row.massEachKg),
        row.cutLaterM > 0 ? say.length(row.cutLaterM) : '',
      ]),
      ...cutList.plates.map((row) => [
        row.mark,
        row.plateIds.map((id) => say.partName(id)).join(', '),
        row.quantity,
        `plate ${say.length(row.thicknessM)}${row.triangular ? ', right triangle' : ''}`,
        row.materialName,
        say.length(row.lengthM),
        say.length(row.widthM),
        '',
        '',
        say.mass(row.massEachKg),
        '',
      ]),
      ...cutList.panels.map((row) => [
        row.mark,
        row.panelIds.map((id) => say.partName(id)).join(', '),
        row.quantity,
        `${SHEET_NAMES[row.kind]} ${say.length(row.thicknessM)}`,
        '',
        say.length(row.lengthM),
        say.length(row.widthM),
        cutoutsText(row.cutouts, say),
        '',
        say.mass(row.massEachKg),
        '',
      ]),
    ],
  );
};

/** What is to be bought, with prices and what was paid; it can be read in again as a list of prices. */
export const purchaseCsv = (trailer: Trailer, ledger: Ledger): string => {
  const [lines] = ledgerTables(trailer, ledger);
  return table(lines?.head ?? [], lines?.rows.map((row) => row.map((cell) => cell ?? '')) ?? []);
};

/** Every piece on its stick, from the end that is cut first. */
export const stickPlanCsv = (trailer: Trailer, sections: readonly StickSection[]): string => {
  const say = speaker(trailer);
  return table(
    ['Stick', 'Section', 'Material', 'Stick length', 'Mark', 'From', 'Long points', 'Off square', 'Left over'],
    sections.flatMap(({ designation, materialName, sticks }) =>
      sticks.flatMap(({ number, lengthM, pieces, leftM }) =>
        pieces.map(({ mark, fromM, toM, angleRad }, i) => [
          number,
          designation,
          materialName,
          say.length(lengthM),
          mark,
          say.length(fromM),
          say.length(toM - fromM),
          formatAngle(angleRad),
          i === pieces.length - 1 ? say.length(leftM) : '',
        ]),
      ),
    ),
  );
};

/** Every part on its sheet, from the sheet's lower left corner. */
export const sheetsCsv = (trailer: Trailer, groups: readonly SheetGroup[]): string => {
  const say = speaker(trailer);
  return table(
    ['Of', 'Metal', 'Thickness', 'Sheet', 'Sheet length', 'Sheet width', 'Mark', 'Along', 'Up', 'Length', 'Width'],
    groups.flatMap(({ of, materialName, thicknessM, sheet, sheets }) =>
      sheets.flatMap(({ parts }, i) =>
        parts.map(({ mark, xM, yM, lengthM, widthM }) => [
          of === 'plate' ? 'plate' : SHEET_NAMES[of],
          materialName ?? '',
          say.length(thicknessM),
          i + 1,
          say.length(sheet.lengthM),
          say.length(sheet.widthM),
          mark,
          say.length(xM),
          say.length(yM),
          say.length(lengthM),
          say.length(widthM),
        ]),
      ),
    ),
  );
};
