import { formatMoney, type MatchedPrice, type PriceList, priceRowSentence, type Speaker } from '@kereta/core';
import { useState } from 'react';
import { useEditing } from '../fields/editing';
import { Sized } from '../fields/Sized';
import { figures, t, voice } from '../fields/language/t';

interface PriceReviewProps {
  readonly list: PriceList;
  readonly matches: readonly MatchedPrice[];
  readonly say: Speaker;
  readonly onTake: (matches: readonly MatchedPrice[]) => void;
  readonly onDrop: () => void;
}

const itemText = ({ item }: MatchedPrice, say: Speaker): string =>
  item.lengthM === undefined
    ? item.name
    : `${item.name}, ${item.cutFee === undefined ? say.length(item.lengthM) : t('sawn to size, up to {length}', { length: say.length(item.lengthM) })}`;

const priceText = ({ item, each }: MatchedPrice, currency: string): string =>
  item.cutFee === undefined
    ? `${figures(formatMoney(each, currency))}${item.available === undefined ? '' : item.available === 0 ? t(', out of stock') : t(', {available} there', { available: item.available })}`
    : t('{each} a metre and {cutFee} a cut', {
        each: figures(formatMoney(each, currency)),
        cutFee: figures(formatMoney(item.cutFee, currency)),
      });

/** What a list says of this trailer, to be looked over before any of it counts. */
export const PriceReview = ({ list, matches, say, onTake, onDrop }: PriceReviewProps) => {
  const { readOnly, trailer } = useEditing();
  const [left, setLeft] = useState<ReadonlySet<MatchedPrice>>(new Set(matches.filter(({ unlikely }) => unlikely)));
  const foreign = list.currency !== trailer.settings.currency;
  const taken = matches.filter((match) => !left.has(match));
  return (
    <section aria-label={t('Prices found')} className="mt-3 border-t border-[var(--ink)] pt-2">
      <p>
        {t('{supplier}, prices of {date}: {count} of its {count2} rows are of this trailer.', {
          supplier: list.supplier || t('The list'),
          date: list.date,
          count: matches.length,
          count2: list.items.length,
        })}
        {foreign &&
          ` ${t('They are in {currency}, this trailer counts in {currency2}: none is taken.', { currency: list.currency || t('no currency'), currency2: trailer.settings.currency })}`}
      </p>
      <ul>
        {matches.map((match, i) => (
          <li key={`${match.lineId} ${i}`} className="border-b border-base-300">
            <label className="flex min-h-[44px] items-center gap-3 text-[14.5px]">
              <input
                type="checkbox"
                className="checkbox checkbox-sm"
                checked={!left.has(match)}
                disabled={foreign}
                onChange={() =>
                  setLeft((before) => {
                    const next = new Set(before);
                    if (!next.delete(match)) next.add(match);
                    return next;
                  })
                }
              />
              <span className="flex-1">
                <Sized>{itemText(match, say)}</Sized>
                {match.unlikely && <b> {t('· unlikely: is the unit another?')}</b>}
              </span>
              <span className="whitespace-nowrap">{priceText(match, list.currency)}</span>
            </label>
          </li>
        ))}
      </ul>
      {list.problems.length > 0 && (
        <ul className="narrow mt-2 text-[14px]" aria-label={t('Rows left out')}>
          {list.problems.slice(0, 20).map((problem) => (
            <li key={problem.row}>{priceRowSentence(problem, voice)}</li>
          ))}
          {list.problems.length > 20 && (
            <li>{t('{count} more rows are left out.', { count: list.problems.length - 20 })}</li>
          )}
        </ul>
      )}
      <div className="mt-2 flex flex-wrap gap-2">
        <button
          type="button"
          className="button button-main"
          disabled={readOnly || foreign || taken.length === 0}
          onClick={() => onTake(taken)}
        >
          {t('Take {count}', {
            count: taken.length === 1 ? t('this price') : t('these {count} prices', { count: taken.length }),
          })}
        </button>
        <button type="button" className="button" onClick={onDrop}>
          {t('Leave them')}
        </button>
      </div>
    </section>
  );
};
