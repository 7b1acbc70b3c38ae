import type { DeckFindingData, SideRailFindingData, StrapFindingData } from '../../strength/index.js';
import { sentence, type SentencesOf } from './kit.js';

export const deckSentences: SentencesOf<DeckFindingData & SideRailFindingData & StrapFindingData> = {
  'deck-point': ({ data, utilisation, verdict }, say) =>
    sentence(
      `${data.who === 'person' ? 'A person on the deck' : `A wheel or post of ${say.mass(data.massKg)} on the deck${data.factor > 1 ? ' in a hard bump' : ''}`} asks ${say.percent(utilisation, 0)} of it, half-way over ${say.length(data.spanM)} from bar to bar.`,
      verdict === 'over' ? 'Set a cross-member under it, or take a thicker deck.' : '',
    ),
  'deck-spread': ({ data, utilisation, caseId, verdict }, say) =>
    sentence(
      `${say.partName(data.itemId)} presses the deck to ${say.percent(utilisation, 0)}${data.factor > 1 ? ' in a hard bump' : ''}, ${say.caseName(caseId)}, over ${say.length(data.spanM)} from bar to bar.`,
      verdict === 'over' ? 'Set cross-members closer, or take a thicker deck.' : '',
    ),
  'side-post': ({ data, utilisation, verdict }, say) =>
    sentence(
      `Somebody or something leaning on the side rail, ${say.force(data.forceN)} at ${say.length(data.heightM)}, asks ${say.percent(utilisation, 0)} of a post at its foot.`,
      verdict === 'over' ? 'Take a stouter post, or a lower rail.' : '',
    ),
  'straps-hold': ({ data, caseId, verdict }, say) =>
    data.holdKg === undefined
      ? `${data.count} straps are to hold ${say.mass(data.cargoKg)}: what each may be worked at is missing. Read the tag, and the stamp of ring and hook; the least counts.`
      : sentence(
          `${data.count} straps over the load may be worked at ${say.mass(data.holdKg)} together; ${say.caseName(caseId)} asks for half of ${say.mass(data.cargoKg)}.`,
          verdict === 'over' ? 'Add straps and rings, or stronger ones.' : '',
        ),
  'deck-not-checked': ({ data }) =>
    data.why === 'no-bars'
      ? 'There are no bars under the deck to tell how far it spans.'
      : 'Expanded steel differs from maker to maker: go by its load table.',
};
