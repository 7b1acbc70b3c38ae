import { optionsOf, type Phrase } from '@kereta/core';
import type { PagePhrase } from './phrasebook';
import { t } from './t';

/** A list to choose from, in the page's language, in the order in which the names stand. */
export const optionsIn = <K extends string>(
  names: Readonly<Record<K, PlainPhrase>>,
): readonly { readonly value: K; readonly text: string }[] =>
  // None of these names has anything to be filled in.
  optionsOf(names).map(({ value, text }) => ({ value, text: (t as (text: string) => string)(text) }));

/** A phrase of the pages or of the core. */
export type PlainPhrase = PagePhrase | Phrase;
