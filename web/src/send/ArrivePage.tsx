import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useLocation } from 'react-router';
import { Brand } from '../fields/Brand';
import { takeInProject } from '../shed/arrivals';
import { mergeInto } from '../storage/mergeInto';
import { type Piece, readFragment, unpack, wholeOf } from './pack';
import { readSent, type Sent } from './takeIn';
import { t } from '../fields/language/t';

const KEY = 'kereta.arriving';

/** Parts that came so far; they wait here for the others, also over a killed page. */
const partsWith = (piece: Piece): readonly Piece[] => {
  let before: readonly Piece[] = [];
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? '[]');
    if (Array.isArray(kept)) before = kept as readonly Piece[];
  } catch {
    before = [];
  }
  const own = [...before.filter(({ of, number }) => of === piece.of && number !== piece.number), piece];
  try {
    localStorage.setItem(KEY, JSON.stringify(own));
  } catch {
    // Nothing is kept in this window: one code alone still works.
  }
  return own;
};

type Arriving =
  | { readonly kind: 'none' }
  | { readonly kind: 'parts'; readonly have: readonly number[]; readonly count: number }
  | { readonly kind: 'torn' }
  | { readonly kind: 'sent'; readonly sent: Sent };

const arriving = async (fragment: string): Promise<Arriving> => {
  const piece = readFragment(fragment);
  if (!piece) return { kind: 'none' };
  const parts = partsWith(piece);
  if (new Set(parts.map(({ number }) => number)).size < piece.count)
    return { kind: 'parts', have: parts.map(({ number }) => number).toSorted((a, b) => a - b), count: piece.count };
  const text = await unpack(wholeOf(parts) ?? '#');
  const sent = text === undefined ? undefined : await readSent(text);
  return sent ? { kind: 'sent', sent } : { kind: 'torn' };
};

/** Takes in what came: a trailer beside the others, or readings into the one that is here. */
const TakeIn = ({ sent }: { readonly sent: Sent }) => {
  const [said, setSaid] = useState('');
  const [goTo, setGoTo] = useState('');
  const take = async (): Promise<void> => {
    try {
      if (sent.kind === 'trailer') {
        const { id, told } = await takeInProject(sent.project);
        setSaid(told || t('It is in the shed now.'));
        setGoTo(id);
      } else {
        const { taken, conflicts, refused } = await mergeInto(sent.id, sent.record);
        setSaid(
          refused === 'not-here'
            ? t('This trailer is not in this browser: send the whole of it first.')
            : refused === 'overtaken'
              ? t('The trailer was changed just now in another tab: try again.')
              : `${taken === 0 ? t('Nothing of it was new') : t('{taken} {taken2} taken in', { taken, taken2: taken === 1 ? t('entry') : t('entries') })}.${
                  conflicts.length > 0
                    ? ` ${t('{count} say something else here: what was here stays ({conflicts}).', { count: conflicts.length, conflicts: conflicts.map(({ here }) => t('{kind} of {date}', { kind: here.kind, date: here.date })).join(', ') })}`
                    : ''
                }`,
        );
        setGoTo(refused === 'not-here' ? '' : sent.id);
      }
      localStorage.removeItem(KEY);
    } catch {
      setSaid(t('This browser did not take it: it may be out of room. Nothing was changed.'));
    }
  };
  const name = sent.kind === 'trailer' ? sent.project.design.name : sent.name;
  const entries = sent.kind === 'trailer' ? sent.project.record.entries.length : sent.record.entries.length;
  return (
    <>
      <p>
        <b>{name}</b>
        {t(': {kind}, {entries} {entries2} in its record.', {
          kind: sent.kind === 'trailer' ? t('the whole trailer') : t('what was noted and read of it'),
          entries,
          entries2: entries === 1 ? t('entry') : t('entries'),
        })}
      </p>
      {said === '' ? (
        <button type="button" className="button button-main mt-3 min-h-[52px] w-full" onClick={() => void take()}>
          {t('Take it in')}
        </button>
      ) : (
        <p role="status" className="mt-3">
          {said}
        </p>
      )}
      {goTo !== '' && (
        <Link className="button mt-2 w-full" to={`/trailer/${goTo}/build`}>
          {t('Open it')}
        </Link>
      )}
    </>
  );
};

/** Where a code or a link from another browser leads. */
export const ArrivePage = () => {
  const { hash } = useLocation();
  const { data } = useQuery({ queryKey: ['arriving', hash], queryFn: () => arriving(hash), gcTime: 0 });
  return (
    <main className="mx-auto h-full max-w-[640px] overflow-auto px-4 pb-24">
      <header className="flex h-12 items-center">
        <Brand />
      </header>
      <h1 className="wide mb-2 text-[19px] font-bold">{t('From another browser')}</h1>
      {data?.kind === 'none' && <p>{t('This address holds nothing that Kereta packed.')}</p>}
      {data?.kind === 'torn' && (
        <p role="alert">{t('What came is not whole: scan its codes again, or send the file.')}</p>
      )}
      {data?.kind === 'parts' && (
        <p role="status">
          {t('Code {have} of {count} came in. Scan the others, in any order.', {
            have: data.have.join(', '),
            count: data.count,
          })}
        </p>
      )}
      {data?.kind === 'sent' && <TakeIn sent={data.sent} />}
    </main>
  );
};
