export { FIELD_WORDS, type FieldWords } from './fieldWords.js';
export { type InLanguages, type Language, LANGUAGE_NAMES, languageOf, LANGUAGES, numbersIn } from './language.js';
export { START_WORDS, startNoteIn, type StartWords } from './startWords.js';
export { limitText, measureText, TRAINING_WORDS, type TrainingWords } from './trainingWords.js';
