import { t } from './language/t';
/** A part of the program that was to be loaded when it is first needed is not there any more. */
const NOT_LOADED =
  /dynamically imported module|importing a module script failed|error loading|failed to fetch|preload css/i;

export const isNotLoaded = (error: unknown): boolean => error instanceof Error && NOT_LOADED.test(error.message);

/** What went wrong, in words; the program's own message stands in it for whoever mends it. */
export const problemText = (error: unknown): string => {
  if (isNotLoaded(error))
    return t(
      'A part of Kereta could not be loaded: the server that it comes from was stopped or updated, or cannot be reached.',
    );
  const message = error instanceof Error ? error.message : typeof error === 'string' ? error : '';
  return t('Kereta made a mistake here{message}.', { message: message === '' ? '' : `: “${message.slice(0, 200)}”` });
};
