import { LANGUAGE_NAMES, LANGUAGES } from '@kereta/core';
import { chooseLanguage, useChosenLanguage } from './language';

/** Chooses the language of a page that speaks several; each is called as it calls itself. */
export const LanguageField = ({ label }: { readonly label: string }) => {
  const language = useChosenLanguage();
  return (
    <label className="flex items-center gap-2 text-[14px]">
      <span className="sr-only">{label}</span>
      <select
        className="field-box w-[120px]"
        value={language}
        onChange={(event) => {
          const next = LANGUAGES.find((one) => one === event.target.value);
          if (next) chooseLanguage(next);
        }}
      >
        {LANGUAGES.map((one) => (
          <option key={one} value={one} lang={one}>
            {LANGUAGE_NAMES[one]}
          </option>
        ))}
      </select>
    </label>
  );
};
