import { numbersIn, type Phrase, type Translate, translateBy, type Voice, voiceOf } from '@kereta/core';
import { PAGE_LANGUAGE } from './language';
import type { PagePhrase } from './phrasebook';

/** Who speaks English loads no phrasebook; for the others this module waits for it, and every module that says a phrase for this one. */
const phrasebook = PAGE_LANGUAGE === 'en' ? {} : (await import('./allPhrases')).PHRASES;

/** Says a phrase of the pages or of the core; one that no phrasebook has does not compile. */
export const t: Translate<PagePhrase | Phrase> = translateBy(PAGE_LANGUAGE, phrasebook);
/** What speakers of a trailer say their phrases with. */
export const voice: Voice = voiceOf(PAGE_LANGUAGE, phrasebook);
/** Figures that were written in English, as the language writes them. */
export const figures = (text: string): string => numbersIn(text, PAGE_LANGUAGE);
/** A name as it stands inside a sentence: English alone takes its capital off. */
export const inner = (name: string): string => (PAGE_LANGUAGE === 'en' ? name.toLowerCase() : name);

/** Read as a thousand and as a decimal fraction alike. */
const TWO_WAYS = /^(-?\d{1,3},\d{3})(?!\d)/;

/** A plain number as it stands in a field, with the comma of the language; never one that could be read in two ways. */
export const inField = (text: string): string =>
  PAGE_LANGUAGE === 'en' ? text : text.replace(/^(-?\d+)\.(\d+)/, '$1,$2').replace(TWO_WAYS, '$10');
