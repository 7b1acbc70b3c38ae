import { filled } from '../filled.js';
import type { Language } from './languages/language.js';

/** A phrase in the languages that are not the one it is written in. */
export type Translated = Readonly<Record<Exclude<Language, 'en'>, string>>;
/** Phrases of a room, each by its English text: what stands in braces is filled in, in whatever order the language wants it. */
export type Phrasebook = Readonly<Record<string, Translated>>;

type NamesIn<Text extends string> = Text extends `${string}{${infer Name}}${infer Rest}` ? Name | NamesIn<Rest> : never;
type Fill = Readonly<Record<string, string | number>>;
/** What a phrase is filled in with: nothing where it has no braces. */
export type FillOf<Text extends string> = [NamesIn<Text>] extends [never]
  ? []
  : [Readonly<Record<NamesIn<Text>, string | number>>];

/** Says a phrase of a phrasebook; one that no phrasebook has does not compile. */
export type Translate<Known extends string> = <Text extends Known>(text: Text, ...fill: FillOf<Text>) => string;

/** Says phrases in a language: in English as they are written, else as the phrasebook has them. */
export const translateBy =
  (language: Language, phrasebook: Phrasebook): ((text: string, fill?: Fill) => string) =>
  (text, fill) => {
    const other = Object.hasOwn(phrasebook, text) ? phrasebook[text] : undefined;
    const said = language === 'en' || !other ? text : other[language];
    return fill ? filled(said, fill) : said;
  };
