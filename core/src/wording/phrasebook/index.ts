import { analysis } from './analysis.js';
import { balance } from './balance.js';
import { body } from './body.js';
import { buildTasks } from './buildTasks.js';
import { byHand } from './byHand.js';
import { carry } from './carry.js';
import { chassis } from './chassis.js';
import { coating } from './coating.js';
import { coupling } from './coupling.js';
import { deck } from './deck.js';
import { drawnTexts } from './drawnTexts.js';
import { fit } from './fit.js';
import { glossary } from './glossary.js';
import { kit } from './kit.js';
import { labels } from './labels.js';
import { lights } from './lights.js';
import { listNames } from './listNames.js';
import { loadHints } from './loadHints.js';
import { manners } from './manners.js';
import { metals } from './metals.js';
import { names } from './names.js';
import { papers } from './papers.js';
import { pieceNames } from './pieceNames.js';
import { purchases } from './purchases.js';
import { rules } from './rules.js';
import { runningGear } from './runningGear.js';
import { sentences } from './sentences.js';
import { service } from './service.js';
import { sheetNames } from './sheetNames.js';
import { sources } from './sources.js';
import { speak } from './speak.js';
import { squaring } from './squaring.js';
import { sticks } from './sticks.js';
import { towing } from './towing.js';
import { verdictWords } from './verdictWords.js';
import { weighing } from './weighing.js';
import { weldName } from './weldName.js';

/** Every phrase of the core in the other languages: who speaks English alone never loads them. */
export const PHRASEBOOK = {
  ...analysis,
  ...balance,
  ...body,
  ...buildTasks,
  ...byHand,
  ...carry,
  ...chassis,
  ...coating,
  ...coupling,
  ...deck,
  ...drawnTexts,
  ...fit,
  ...glossary,
  ...kit,
  ...labels,
  ...lights,
  ...listNames,
  ...loadHints,
  ...manners,
  ...metals,
  ...names,
  ...papers,
  ...pieceNames,
  ...purchases,
  ...rules,
  ...runningGear,
  ...sentences,
  ...service,
  ...sheetNames,
  ...sources,
  ...speak,
  ...squaring,
  ...sticks,
  ...towing,
  ...verdictWords,
  ...weighing,
  ...weldName,
} as const;

/** What can be said: a phrase that no phrasebook has does not compile. */
export type Phrase = keyof typeof PHRASEBOOK;
