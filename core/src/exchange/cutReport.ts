import { boughtOf, type StickSection } from '../fabrication/index.js';
import type { Trailer } from '../project/index.js';
import { formatMoney } from '../units/index.js';
import { speaker } from '../wording/index.js';

/** What `kereta cut --json` prints: the sections as they are planned, with what is bought of each. Lengths in metres. */
export const cutReport = (trailer: Trailer, sections: readonly StickSection[]) => ({
  trailer: trailer.name,
  currency: trailer.settings.currency,
  kerfM: trailer.cutting.kerfM,
  sections: sections.map((section) => ({ ...section, buy: boughtOf(section) })),
});

/** The same for people. */
export const cutReportText = (trailer: Trailer, sections: readonly StickSection[]): string => {
  const say = speaker(trailer);
  return sections
    .flatMap(({ designation, materialName, sticks, price, proved, problem }) => [
      `${designation}, ${materialName}${price === null ? '' : `, ${formatMoney(price, trailer.settings.currency)}`}`,
      ...(problem ? [`  cannot be laid out (${problem.code}): ${problem.marks.join(', ')}`] : []),
      ...sticks.map(
        ({ number, lengthM, onHand, pieces, leftM }) =>
          `  Stick ${number}, ${say.length(lengthM)}${onHand ? ', on hand' : ''}: ${pieces
            .map(({ mark, fromM, toM }) => `${mark} ${say.length(toM - fromM)}`)
            .join(' | ')}; ${say.length(leftM)} left`,
      ),
      ...(problem || proved ? [] : ['  not proved to be the cheapest']),
    ])
    .join('\n');
};
