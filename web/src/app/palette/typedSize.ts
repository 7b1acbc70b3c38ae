import { addCrossMember, type Design, parseLength, type Trailer, withRecord } from '@kereta/core';
import { nanoid } from 'nanoid';
import { t } from '../../fields/language/t';

/** A size that was typed as "axle 59" or "cross-member at 30": what it does, and how. */
export interface TypedSize {
  readonly id: string;
  readonly what: string;
  readonly valueM: number;
  readonly change: (trailer: Trailer) => Design;
}

interface SizeCommand {
  readonly id: string;
  readonly what: string;
  /** words before the size, as people say them */
  readonly words: RegExp;
  readonly change: (trailer: Trailer, valueM: number) => Design;
}

/** No trailer is longer, m. */
const MOST_M = 20;

const COMMANDS: readonly SizeCommand[] = [
  {
    id: 'axle',
    what: t('Axle, back from the front edge'),
    words: /^(?:move |set )?axles?(?: to| at)?\s+/i,
    change: (trailer, positionM) => withRecord(trailer, 'runningGear', { positionM }),
  },
  {
    id: 'tongue',
    what: t('Tongue, ball to front edge'),
    words: /^(?:set )?tongue(?: length)?(?: to)?\s+/i,
    change: (trailer, lengthM) => ({
      ...trailer,
      frame: { ...trailer.frame, tongue: { ...trailer.frame.tongue, lengthM } },
    }),
  },
  {
    id: 'bed-length',
    what: t('Bed length, outside'),
    words: /^(?:set )?(?:bed )?length(?: to)?\s+/i,
    change: (trailer, lengthM) => withRecord(trailer, 'frame.bed', { lengthM }),
  },
  {
    id: 'bed-width',
    what: t('Bed width, outside'),
    words: /^(?:set )?(?:bed )?width(?: to)?\s+/i,
    change: (trailer, widthM) => withRecord(trailer, 'frame.bed', { widthM }),
  },
  {
    id: 'cross-member',
    what: t('A cross-member more, its middle back from the front edge'),
    words: /^(?:add )?(?:a )?cross-?\s?members?(?: at)?\s+/i,
    change: (trailer, xM) => addCrossMember(trailer, `extra.${nanoid(6)}`, xM),
  },
];

/** What a typed line would do; none where it names no size, or no length that can be read. */
export const typedSizes = (text: string, trailer: Trailer): readonly TypedSize[] =>
  COMMANDS.flatMap(({ id, what, words, change }): TypedSize[] => {
    const word = words.exec(text.trim());
    if (!word) return [];
    const read = parseLength(text.trim().slice(word[0].length), trailer.settings.units);
    if (!read.ok || read.value <= 0 || read.value > MOST_M) return [];
    return [{ id, what, valueM: read.value, change: (now) => change(now, read.value) }];
  });
