import { boughtOf, cutOrder, type SheetGroup, type StickSection } from '../fabrication/index.js';
import type { Trailer } from '../project/index.js';
import { formatMoney } from '../units/index.js';
import { speaker, stickProblemText, stickProofText } from '../wording/index.js';

/** What `kereta cut --json` prints: the sections as they are planned, with what is bought of each. Lengths in metres. */
export const cutReport = (trailer: Trailer, sections: readonly StickSection[], sheets: readonly SheetGroup[]) => ({
  trailer: trailer.name,
  currency: trailer.settings.currency,
  kerfM: trailer.cutting.kerfM,
  sections: sections.map((section) => ({ ...section, buy: boughtOf(section), order: cutOrder(section) })),
  sheets,
});

const STATES = { planned: '', cut: ' (cut)', wrong: ' (came out wrong)' } as const;

/** The same for people. */
export const cutReportText = (trailer: Trailer, sections: readonly StickSection[]): string => {
  const say = speaker(trailer);
  return sections
    .flatMap((section) => [
      `${section.designation}, ${section.materialName}${
        section.price === null ? '' : `, ${formatMoney(section.price, trailer.settings.currency)}`
      }`,
      ...(section.problem ? [`  ${stickProblemText(section.problem)}`] : []),
      ...section.sticks.map(
        ({ number, lengthM, onHand, pieces, leftM }) =>
          `  Stick ${number}, ${say.length(lengthM)}${onHand ? ', on hand' : ''}: ${pieces
            .map(({ mark, fromM, toM, state }) => `${mark} ${say.length(toM - fromM)}${STATES[state]}`)
            .join(' | ')}; ${say.length(leftM)} left`,
      ),
      ...(section.problem ? [] : [`  ${stickProofText(section)}`]),
    ])
    .join('\n');
};
