import type { Phrase } from './phrasebook/index.js';
import { type Language, numbersIn } from './languages/language.js';
import { type Phrasebook, type Translate, translateBy } from './phrases.js';

/** Says phrases of the core's phrasebook in one language. */
export interface Voice {
  readonly language: Language;
  readonly t: Translate<Phrase>;
  /** a name out of a list, of a sheet or a made-up vehicle: one that the phrasebook does not have stays as it is */
  readonly name: (name: string) => string;
  /** figures that were written in English, as the language writes them */
  readonly figures: (text: string) => string;
}

/** A voice by its phrasebook, which only who needs another language than English loads. */
export const voiceOf = (language: Language, phrasebook: Phrasebook): Voice => {
  const t = translateBy(language, phrasebook);
  return { language, t, name: (name) => t(name), figures: (text) => numbersIn(text, language) };
};

/** A voice of any language, its phrasebook loaded where it needs one: for workers, that share no page. */
export const voiceIn = async (language: Language): Promise<Voice> =>
  language === 'en' ? ENGLISH : voiceOf(language, (await import('./phrasebook/index.js')).PHRASEBOOK);

/** Files, the command line, and whoever says nothing else. */
export const ENGLISH: Voice = voiceOf('en', {});

/** A speaker or a voice: whoever says phrases. */
export type Says = Pick<Voice, 't' | 'figures'>;
