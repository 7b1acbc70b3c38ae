import type { AllFindingData, AnyFinding } from '../../evaluation/index.js';
import type { Speaker } from '../speak.js';
import { analysisSentences } from './analysis.js';
import { balanceSentences } from './balance.js';
import { bodySentences } from './body.js';
import { byHandSentences } from './byHand.js';
import { chassisSentences } from './chassis.js';
import { couplingSentences } from './coupling.js';
import { deckSentences } from './deck.js';
import { fitSentences } from './fit.js';
import { runningGearSentences } from './runningGear.js';
import { towingSentences } from './towing.js';
import type { SentencesOf } from './kit.js';

/** One sentence per code: what carries what, then whether it is enough. A code without its sentence does not compile. */
export const SENTENCES: SentencesOf<AllFindingData> = {
  ...analysisSentences,
  ...balanceSentences,
  ...bodySentences,
  ...byHandSentences,
  ...chassisSentences,
  ...couplingSentences,
  ...deckSentences,
  ...fitSentences,
  ...runningGearSentences,
  ...towingSentences,
};

/** What a finding says; one that was asked of a further tow vehicle says of which. */
export const sentenceOf = (finding: AnyFinding, say: Speaker): string => {
  const said = (SENTENCES[finding.code] as (f: AnyFinding, s: Speaker) => string)(finding, say);
  return finding.vehicle === undefined
    ? said
    : say.t('Behind {vehicle}: {said}', { vehicle: finding.vehicle || say.t('another vehicle'), said });
};
