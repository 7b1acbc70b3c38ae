import { formatMoney, quotesOf, type Speaker } from '@kereta/core';
import { lazy, Suspense, useContext } from 'react';
import { RecordContext } from './recordContext';
import { figures, t } from '../fields/language/t';

const LineChartBox = lazy(() => import('../fields/LineChartBox').then((module) => ({ default: module.LineChartBox })));
const DAY_MS = 24 * 60 * 60 * 1000;

/** What a line was seen to cost, by date: in words, and as a line once there are three prices. */
export const PriceHistory = ({ lineId, say }: { readonly lineId: string; readonly say: Speaker }) => {
  const record = useContext(RecordContext);
  const { currency } = say.trailer.settings;
  const quotes = record ? quotesOf(record, lineId).filter((quote) => quote.currency === currency) : [];
  const [first] = quotes;
  const last = quotes.at(-1);
  if (!first || !last) return null;
  const days = (date: string): number => Math.round((Date.parse(date) - Date.parse(last.date)) / DAY_MS);
  return (
    <>
      <p className="narrow text-[13.5px]">
        {first === last
          ? t('Seen at {each} on {date}{supplier}.', {
              each: figures(formatMoney(first.each, currency)),
              date: first.date,
              supplier: first.supplier && `, ${first.supplier}`,
            })
          : t('Cost {each} on {date}, {each2} on {date2}.', {
              each: figures(formatMoney(first.each, currency)),
              date: first.date,
              each2: figures(formatMoney(last.each, currency)),
              date2: last.date,
            })}
      </p>
      {quotes.length > 2 && (
        <Suspense fallback={null}>
          <LineChartBox
            label={t('What it cost, by date')}
            lines={[{ name: t('Price'), points: quotes.map(({ date, each }) => [days(date), each] as const) }]}
            marks={[]}
            x={{ name: t('days before {date}', { date: last.date }), max: 0 }}
            y={{ name: currency }}
            write={(value) => figures(formatMoney(value, currency))}
          />
        </Suspense>
      )}
    </>
  );
};
