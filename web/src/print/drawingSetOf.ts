import {
  drawingSet,
  type Evaluation,
  fromMetres,
  type PaperId,
  PIECE_KIND_NAMES,
  speaker,
  WELD_PLACES,
} from '@kereta/core';
import type { Strength } from '../jobs/questions';
import { marksOf } from '../steps/cut/MarkedPlan';
import { voice } from '../fields/language/t';

/** The page's own units to a metre of paper: 96 to the inch. */
export const PER_PAPER_M = 96 * fromMetres(1, 'in');

/** Names out of a table, each in the language of the page. */
const allSaid = <Key extends string>(names: Readonly<Record<Key, string>>): Readonly<Record<Key, string>> =>
  Object.fromEntries(
    Object.entries<string>(names).map(([key, name]) => [key, voice.name(name)]),
  ) as unknown as Readonly<Record<Key, string>>;

/** The trailer's drawing set on a paper, its welds with it once they are worked out. */
export const drawingSetOf = (
  { trailer, chassis, cases, cutList }: Evaluation,
  { outcome, current }: Pick<Strength, 'outcome' | 'current'>,
  paper: PaperId,
  date: string,
) => {
  const shown = cases.find(({ loadCase }) => loadCase.id === trailer.axleCaseId) ?? cases[0];
  return drawingSet(
    { trailer, chassis, shown },
    {
      lettering: speaker(trailer, voice),
      gearSizes: true,
      paper,
      units: trailer.settings.units,
      perPaperM: PER_PAPER_M,
      job: trailer.name,
      date,
      marks: marksOf(cutList),
      plates: cutList.plates,
      pieceNames: allSaid(PIECE_KIND_NAMES),
      welds: current && outcome?.kind === 'analysed' ? outcome.analysis.welds : [],
      weldPlaces: allSaid(WELD_PLACES),
      standard: trailer.settings.regions.includes('north-america') ? 'aws' : 'iso',
    },
  );
};
