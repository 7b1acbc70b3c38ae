import { type PriceList, priceListSentence, readYardList } from '@kereta/core';
import { t, voice } from '../fields/language/t';

export interface YardName {
  readonly id: string;
  readonly name: string;
  readonly currency: string;
}
export type YardAnswer<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly told: string };

/** A yard that says nothing for this long is not waited for, ms. */
const ANSWERS_WITHIN_MS = 10_000;
/** No list of prices is longer. */
const LONGEST_ANSWER = 5_000_000;

const NO_ANSWER = t('No price was changed.');

const textFrom = async (address: string): Promise<YardAnswer<string>> => {
  try {
    const response = await fetch(address, { signal: AbortSignal.timeout(ANSWERS_WITHIN_MS) });
    if (!response.ok)
      return {
        ok: false,
        told: t('The yard answered with an error ({status}). {no}', { status: response.status, no: NO_ANSWER }),
      };
    const text = await response.text();
    return text.length > LONGEST_ANSWER
      ? { ok: false, told: t('The yard’s answer is far too long to be a list of prices. {no}', { no: NO_ANSWER }) }
      : { ok: true, value: text };
  } catch (error) {
    const slow = error instanceof DOMException && error.name === 'TimeoutError';
    return {
      ok: false,
      told: `${slow ? t('The yard did not answer within ten seconds.') : t('The yard cannot be reached.')} ${NO_ANSWER}`,
    };
  }
};

const isName = (one: unknown): one is YardName =>
  typeof one === 'object' &&
  one !== null &&
  'id' in one &&
  typeof one.id === 'string' &&
  'name' in one &&
  typeof one.name === 'string' &&
  'currency' in one &&
  typeof one.currency === 'string';

export const askYards = async (): Promise<YardAnswer<readonly YardName[]>> => {
  const answer = await textFrom('/api/yard');
  if (!answer.ok) return answer;
  try {
    const found: unknown = JSON.parse(answer.value);
    const yards = typeof found === 'object' && found !== null && 'yards' in found ? found.yards : undefined;
    if (Array.isArray(yards)) return { ok: true, value: yards.filter(isName).slice(0, 50) };
  } catch {
    // Said below.
  }
  return { ok: false, told: t('The yard answered something that names no yard. {no}', { no: NO_ANSWER }) };
};

/** Prices of one yard on a day; of today where none is given. */
export const askPrices = async (yardId: string, date: string | undefined): Promise<YardAnswer<PriceList>> => {
  const answer = await textFrom(
    `/api/yard/${encodeURIComponent(yardId)}${date === undefined ? '' : `?date=${encodeURIComponent(date)}`}`,
  );
  if (!answer.ok) return answer;
  const list = readYardList(answer.value);
  return list.ok ? { ok: true, value: list.value } : { ok: false, told: priceListSentence(list.error, voice) };
};
