/** Languages that whole pages speak; each page's words stand together for all of them, so that a missing sentence does not compile. */
export const LANGUAGES = ['en', 'de', 'es'] as const;
export type Language = (typeof LANGUAGES)[number];
export type InLanguages<Words> = Readonly<Record<Language, Words>>;

/** As each calls itself. */
export const LANGUAGE_NAMES: InLanguages<string> = { en: 'English', de: 'Deutsch', es: 'Español' };

const isLanguage = (text: string | undefined): text is Language => LANGUAGES.some((language) => language === text);

/** The language of a tag as browsers tell it, "de-AT"; English where it is none of ours. */
export const languageOf = (tag: string): Language => {
  const [first] = tag.toLowerCase().split('-');
  return isLanguage(first) ? first : 'en';
};

/**
 * Numbers of a text as the language writes them: point and comma change places in German and Spanish. Feet and inches have neither; a
 * number with two points, as an address, is left alone.
 */
export const numbersIn = (text: string, language: Language): string =>
  language === 'en'
    ? text
    : text.replace(/\d[\d.,]*\d/g, (number) =>
        /\..*\./.test(number) ? number : number.replace(/[.,]/g, (mark) => (mark === '.' ? ',' : '.')),
      );
