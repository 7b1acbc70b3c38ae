import { PHRASEBOOK as OF_CORE } from '@kereta/core/phrasebook';
import { PHRASEBOOK as OF_PAGES } from './phrasebook';

/** Everything that is said in the other languages; loaded only by who speaks one of them. */
export const PHRASES = { ...OF_CORE, ...OF_PAGES };
