import { SECTION_ROWS, type SectionRow } from '../../catalog/index.js';
import { metalOfNewSection, type Trailer } from '../../project/index.js';
import { barProperties, outsideSize } from '../../sections/index.js';
import type { RunKey } from '../analysis/analysis.js';
import { SIZED_GROUPS, type Sections, type SizedGroup, wallM } from './design.js';
import type { SizingRequest } from './request.js';

export const keyText = ({ caseId, situation, variant, balance }: RunKey): string =>
  [caseId, situation, variant, balance].join('|');

/** A section of the list that a group may take. */
export interface Candidate {
  readonly sectionId: string;
  readonly materialId: string;
  readonly perMetreKg: number;
  readonly bendingM3: number;
  readonly heightM: number;
}

export const rowsOf = (trailer: Trailer): readonly SectionRow[] => [
  ...SECTION_ROWS,
  ...(trailer.ownRows.sections as unknown as SectionRow[]),
];

export const candidatesOf = (
  { trailer, candidates, leastWallM }: SizingRequest,
  group: SizedGroup,
): readonly Candidate[] => {
  const present = trailer.frame.groups[group];
  const ids = candidates[group] ?? [present.sectionId];
  return rowsOf(trailer)
    .filter(({ id }) => ids.includes(id) && (id === present.sectionId || wallM(trailer, id) >= leastWallM - 1e-9))
    .flatMap((row): Candidate[] => {
      const bar = barProperties(row);
      if (!bar) return [];
      return [
        {
          sectionId: row.id,
          materialId: metalOfNewSection(trailer, present, row.id).materialId,
          perMetreKg: bar.nominalAreaM2,
          bendingM3: bar.sMinM3,
          heightM: outsideSize(row.shape).heightM,
        },
      ];
    })
    .sort((a, b) => a.perMetreKg - b.perMetreKg || a.bendingM3 - b.bendingM3 || (a.sectionId < b.sectionId ? -1 : 1));
};

/** One candidate for each group. */
export type Choice = Record<SizedGroup, Candidate>;

export const sectionsIn = (choice: Choice): Sections =>
  Object.fromEntries(
    SIZED_GROUPS.map((group) => [group, { sectionId: choice[group].sectionId, materialId: choice[group].materialId }]),
  ) as unknown as Sections;

export const choiceText = (choice: Choice): string => SIZED_GROUPS.map((group) => choice[group].sectionId).join('|');
