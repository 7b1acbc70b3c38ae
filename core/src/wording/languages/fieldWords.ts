import type { TextProblem } from '../../units/index.js';
import { textProblemSentence } from '../labels.js';
import type { InLanguages } from './language.js';

/** What a field for a size says of what was typed. */
export interface FieldWords {
  readonly missing: string;
  readonly whole: string;
  readonly atLeast: (least: string) => string;
  readonly atMost: (most: string) => string;
  readonly problem: (problem: TextProblem, example: string) => string;
  readonly orSo: string;
}

type Of<Code extends TextProblem['code']> = Extract<TextProblem, { code: Code }>;
type Problems = { readonly [Code in TextProblem['code']]: (problem: Of<Code>, example: string) => string };
const saidBy =
  (problems: Problems) =>
  (problem: TextProblem, example: string): string =>
    // The map ties each code to its own problem; which of them it is cannot be followed from here.
    (problems[problem.code] as (one: TextProblem, like: string) => string)(problem, example);

export const FIELD_WORDS: InLanguages<FieldWords> = {
  en: {
    missing: 'missing',
    whole: 'Must be a whole number.',
    atLeast: (least) => `Must be at least ${least}.`,
    atMost: (most) => `Must be at most ${most}.`,
    problem: textProblemSentence,
    orSo: 'or',
  },
  de: {
    missing: 'fehlt',
    whole: 'Muss eine ganze Zahl sein.',
    atLeast: (least) => `Muss mindestens ${least} sein.`,
    atMost: (most) => `Darf höchstens ${most} sein.`,
    problem: saidBy({
      empty: (_, example) => `Nichts eingegeben. Zum Beispiel ${example}.`,
      'not-a-number': ({ text }, example) => `„${text}“ ist kein Maß, das Kereta lesen kann. Zum Beispiel ${example}.`,
      'unknown-unit': ({ unit }, example) => `„${unit}“ ist keine Einheit, die Kereta kennt. Zum Beispiel ${example}.`,
      'division-by-zero': ({ text }, example) => `„${text}“ teilt durch null. Zum Beispiel ${example}.`,
      'ambiguous-comma': ({ text }) =>
        `„${text}“ kann ${text.replace(',', '')} oder ${text.replace(',', '.')} heißen. Bitte eines davon eingeben.`,
      'ambiguous-point': ({ text }) =>
        `„${text}“ kann ${text.replace('.', '')} oder ${Number(text)} heißen. Bitte eines davon eingeben.`,
      'inches-past-a-foot': ({ text }, example) =>
        `„${text}“ hat zwölf Zoll oder mehr hinter den Fuß. Zum Beispiel ${example}.`,
      'too-large': ({ text }, example) => `„${text}“ ist zu groß. Zum Beispiel ${example}.`,
    }),
    orSo: 'oder',
  },
  es: {
    missing: 'falta',
    whole: 'Debe ser un número entero.',
    atLeast: (least) => `Debe ser al menos ${least}.`,
    atMost: (most) => `Debe ser como mucho ${most}.`,
    problem: saidBy({
      empty: (_, example) => `No hay nada escrito. Por ejemplo ${example}.`,
      'not-a-number': ({ text }, example) => `«${text}» no es una medida que Kereta sepa leer. Por ejemplo ${example}.`,
      'unknown-unit': ({ unit }, example) => `«${unit}» no es una unidad que Kereta conozca. Por ejemplo ${example}.`,
      'division-by-zero': ({ text }, example) => `«${text}» divide por cero. Por ejemplo ${example}.`,
      'ambiguous-comma': ({ text }) =>
        `«${text}» puede ser ${text.replace(',', '')} o ${text.replace(',', '.')}. Escríbalo de una de estas formas.`,
      'ambiguous-point': ({ text }) =>
        `«${text}» puede ser ${text.replace('.', '')} o ${Number(text)}. Escríbalo de una de estas formas.`,
      'inches-past-a-foot': ({ text }, example) =>
        `«${text}» tiene doce pulgadas o más detrás de los pies. Por ejemplo ${example}.`,
      'too-large': ({ text }, example) => `«${text}» es demasiado grande. Por ejemplo ${example}.`,
    }),
    orSo: 'o',
  },
};
