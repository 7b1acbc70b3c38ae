import type { DeckFindingData, SideRailFindingData, StrapFindingData } from '../../strength/index.js';
import { sentence, type SentencesOf } from './kit.js';

export const deckSentences: SentencesOf<DeckFindingData & SideRailFindingData & StrapFindingData> = {
  'deck-point': ({ data, utilisation, verdict }, say) =>
    sentence(
      say.t('{who} asks {utilisation} of it, half-way over {span} from bar to bar.', {
        who:
          data.who === 'person'
            ? say.t('A person on the deck')
            : say.t('A wheel or post of {mass} on the deck{factor}', {
                mass: say.mass(data.massKg),
                factor: data.factor > 1 ? ` ${say.t('in a hard bump')}` : '',
              }),
        utilisation: say.percent(utilisation, 0),
        span: say.length(data.spanM),
      }),
      verdict === 'over' ? say.t('Set a cross-member under it, or take a thicker deck.') : '',
    ),
  'deck-wheel': ({ data, utilisation, caseId, verdict }, say) =>
    sentence(
      say.t(
        data.on === 'wheels'
          ? 'A wheel of {item} presses {mass} on the deck, {case}: {utilisation} of the {bears} allowed half-way over {span} from bar to bar.'
          : 'A leg of {item} presses {mass} on the deck, {case}: {utilisation} of the {bears} allowed half-way over {span} from bar to bar.',
        {
          item: say.inner(say.partName(data.itemId)),
          mass: say.mass(data.massKg),
          case: say.caseName(caseId),
          utilisation: say.percent(utilisation, 0),
          bears: say.force(data.bearsN),
          span: say.length(data.spanM),
        },
      ),
      verdict === 'over'
        ? say.t('Set cross-members closer, lay plates or runners under its wheels, or take a thicker deck.')
        : '',
    ),
  'deck-spread': ({ data, utilisation, caseId, verdict }, say) =>
    sentence(
      say.t('{item} presses the deck to {utilisation}{factor}, {case}, over {span} from bar to bar.', {
        item: say.partName(data.itemId),
        utilisation: say.percent(utilisation, 0),
        factor: data.factor > 1 ? ` ${say.t('in a hard bump')}` : '',
        case: say.caseName(caseId),
        span: say.length(data.spanM),
      }),
      verdict === 'over' ? say.t('Set cross-members closer, or take a thicker deck.') : '',
    ),
  'side-post': ({ data, utilisation, verdict }, say) =>
    sentence(
      say.t(
        'Somebody or something leaning on the side rail, {force} at {height}, asks {utilisation} of a post at its foot.',
        { force: say.force(data.forceN), height: say.length(data.heightM), utilisation: say.percent(utilisation, 0) },
      ),
      verdict === 'over' ? say.t('Take a stouter post, or a lower rail.') : '',
    ),
  'straps-hold': ({ data, caseId, verdict }, say) =>
    data.holdKg === undefined
      ? say.t(
          '{count} straps are to hold {cargo}: what each may be worked at is missing. Read the tag, and the stamp of ring and hook; the least counts.',
          { count: data.count, cargo: say.mass(data.cargoKg) },
        )
      : sentence(
          say.t('{count} straps over the load may be worked at {hold} together; {case} asks for half of {cargo}.', {
            count: data.count,
            hold: say.mass(data.holdKg),
            case: say.caseName(caseId),
            cargo: say.mass(data.cargoKg),
          }),
          verdict === 'over' ? say.t('Add straps and rings, or stronger ones.') : '',
        ),
  'deck-not-checked': ({ data }, say) =>
    data.why === 'no-bars'
      ? say.t('There are no bars under the deck to tell how far it spans.')
      : say.t('Expanded steel differs from maker to maker: go by its load table.'),
};
