import { GLOSSARY, searchRank, searchText, type Word } from '@kereta/core';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { PAGE_LANGUAGE } from '../fields/language/language';
import { t } from '../fields/language/t';

/** In another language the English word stands beside: it is what stamps, drawings and sellers say. */
const alsoOf = ({ word, also }: Word, said: string): string =>
  [said === word ? '' : word, also ?? ''].filter(Boolean).join(', ');

const ROWS = GLOSSARY.map((row) => {
  const [word, means] = [t(row.word), t(row.means)];
  const also = alsoOf(row, word);
  return { word, also, means, search: searchText(word, also, means) };
}).sort((a, b) => a.word.localeCompare(b.word, PAGE_LANGUAGE));

/** Words of the shop and of engineering, found by some of their letters. */
export const WordsPage = () => {
  const [text, setText] = useState('');
  const navigate = useNavigate();
  const rows = ROWS.filter(({ search }) => searchRank(search, text) !== undefined);
  return (
    <main className="relative h-full overflow-auto">
      <div className="mx-auto max-w-[760px] px-4 pb-24">
        <header className="flex flex-wrap items-center justify-between gap-3 border-b border-[var(--ink)] py-3">
          <h1 className="wide text-[19px] font-bold">{t('Words of the shop')}</h1>
          <span className="flex gap-2">
            <button type="button" className="button" onClick={() => void navigate(-1)}>
              {t('Back')}
            </button>
            <Link className="button" to="/">
              {t('To the shed')}
            </Link>
          </span>
        </header>
        <label className="mt-3 block text-[14px]">
          {t('Find a word')}
          <input
            className="field-box mt-1"
            value={text}
            autoComplete="off"
            spellCheck={false}
            onChange={(event) => setText(event.target.value)}
          />
        </label>
        <p className="narrow mute mt-1 text-[13px]" role="status">
          {rows.length === 0
            ? t('No word is called so.')
            : `${rows.length} ${rows.length === 1 ? t('word') : t('words')}`}
        </p>
        <dl className="text-[14.5px]">
          {rows.map(({ word, also, means }) => (
            <div key={word} className="border-t border-base-300 py-2">
              <dt className="font-semibold">
                {word}
                {also && <span className="mute font-normal">{t(', also {also}', { also })}</span>}
              </dt>
              <dd>{means}</dd>
            </div>
          ))}
        </dl>
      </div>
    </main>
  );
};
