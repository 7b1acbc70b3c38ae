import { LANGUAGE_NAMES, LANGUAGES } from '@kereta/core';
import { chooseLanguage, PAGE_LANGUAGE } from './language';
import { t } from './t';

/** Chooses the language of Kereta; each is called as it calls itself. */
export const LanguageField = () => (
  <label className="flex items-center gap-2 text-[14px]">
    <span className="sr-only">{t('Language')}</span>
    <select
      className="field-box w-[108px]"
      value={PAGE_LANGUAGE}
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
