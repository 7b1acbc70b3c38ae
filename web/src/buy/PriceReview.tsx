import { formatMoney, type MatchedPrice, type PriceList, priceRowSentence, type Speaker } from '@kereta/core';
import { useState } from 'react';
import { useEditing } from '../fields/editing';
import { Sized } from '../fields/Sized';

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
    : `${item.name}, ${item.cutFee === undefined ? say.length(item.lengthM) : `sawn to size, up to ${say.length(item.lengthM)}`}`;

const priceText = ({ item, each }: MatchedPrice, currency: string): string =>
  item.cutFee === undefined
    ? `${formatMoney(each, currency)}${item.available === undefined ? '' : item.available === 0 ? ', out of stock' : `, ${item.available} there`}`
    : `${formatMoney(each, currency)} a metre and ${formatMoney(item.cutFee, currency)} a cut`;

/** What a list says of this trailer, to be looked over before any of it counts. */
export const PriceReview = ({ list, matches, say, onTake, onDrop }: PriceReviewProps) => {
  const { readOnly, trailer } = useEditing();
  const [left, setLeft] = useState<ReadonlySet<MatchedPrice>>(new Set(matches.filter(({ unlikely }) => unlikely)));
  const foreign = list.currency !== trailer.settings.currency;
  const taken = matches.filter((match) => !left.has(match));
  return (
    <section aria-label="Prices found" className="mt-3 border-t border-[var(--ink)] pt-2">
      <p>
        {list.supplier || 'The list'}, prices of {list.date}: {matches.length} of its {list.items.length} rows are of
        this trailer.
        {foreign &&
          ` They are in ${list.currency || 'no currency'}, this trailer counts in ${trailer.settings.currency}: none is taken.`}
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
                {match.unlikely && <b> · unlikely: is the unit another?</b>}
              </span>
              <span className="whitespace-nowrap">{priceText(match, list.currency)}</span>
            </label>
          </li>
        ))}
      </ul>
      {list.problems.length > 0 && (
        <ul className="narrow mt-2 text-[14px]" aria-label="Rows left out">
          {list.problems.slice(0, 20).map((problem) => (
            <li key={problem.row}>{priceRowSentence(problem)}</li>
          ))}
          {list.problems.length > 20 && <li>{list.problems.length - 20} more rows are left out.</li>}
        </ul>
      )}
      <div className="mt-2 flex flex-wrap gap-2">
        <button
          type="button"
          className="button button-main"
          disabled={readOnly || foreign || taken.length === 0}
          onClick={() => onTake(taken)}
        >
          Take {taken.length === 1 ? 'this price' : `these ${taken.length} prices`}
        </button>
        <button type="button" className="button" onClick={onDrop}>
          Leave them
        </button>
      </div>
    </section>
  );
};
