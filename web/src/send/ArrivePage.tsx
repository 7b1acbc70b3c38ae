import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useLocation } from 'react-router';
import { Brand } from '../fields/Brand';
import { takeInProject } from '../shed/arrivals';
import { mergeInto } from '../storage/mergeInto';
import { type Piece, readFragment, unpack, wholeOf } from './pack';
import { readSent, type Sent } from './takeIn';

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
        setSaid(told || 'It is in the shed now.');
        setGoTo(id);
      } else {
        const { taken, conflicts, refused } = await mergeInto(sent.id, sent.record);
        setSaid(
          refused === 'not-here'
            ? 'This trailer is not in this browser: send the whole of it first.'
            : refused === 'overtaken'
              ? 'The trailer was changed just now in another tab: try again.'
              : `${taken === 0 ? 'Nothing of it was new' : `${taken} ${taken === 1 ? 'entry' : 'entries'} taken in`}.${
                  conflicts.length > 0
                    ? ` ${conflicts.length} say something else here: what was here stays (${conflicts.map(({ here }) => `${here.kind} of ${here.date}`).join(', ')}).`
                    : ''
                }`,
        );
        setGoTo(refused === 'not-here' ? '' : sent.id);
      }
      localStorage.removeItem(KEY);
    } catch {
      setSaid('This browser did not take it: it may be out of room. Nothing was changed.');
    }
  };
  const name = sent.kind === 'trailer' ? sent.project.design.name : sent.name;
  const entries = sent.kind === 'trailer' ? sent.project.record.entries.length : sent.record.entries.length;
  return (
    <>
      <p>
        <b>{name}</b>: {sent.kind === 'trailer' ? 'the whole trailer' : 'what was noted and read of it'}, {entries}{' '}
        {entries === 1 ? 'entry' : 'entries'} in its record.
      </p>
      {said === '' ? (
        <button type="button" className="button button-main mt-3 min-h-[52px] w-full" onClick={() => void take()}>
          Take it in
        </button>
      ) : (
        <p role="status" className="mt-3">
          {said}
        </p>
      )}
      {goTo !== '' && (
        <Link className="button mt-2 w-full" to={`/trailer/${goTo}/build`}>
          Open it
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
      <h1 className="wide mb-2 text-[19px] font-bold">From another browser</h1>
      {data?.kind === 'none' && <p>This address holds nothing that Kereta packed.</p>}
      {data?.kind === 'torn' && <p role="alert">What came is not whole: scan its codes again, or send the file.</p>}
      {data?.kind === 'parts' && (
        <p role="status">
          Code {data.have.join(', ')} of {data.count} came in. Scan the others, in any order.
        </p>
      )}
      {data?.kind === 'sent' && <TakeIn sent={data.sent} />}
    </main>
  );
};
