/** Text packed small for an address: deflated, in letters that an address bears. Works in the page and in Node alike. */
const throughStream = async (bytes: Uint8Array<ArrayBuffer>, stream: GenericTransformStream): Promise<Uint8Array> =>
  new Uint8Array(await new Response(new Blob([bytes]).stream().pipeThrough(stream)).arrayBuffer());

const toLetters = (bytes: Uint8Array): string => {
  let text = '';
  for (const byte of bytes) text += String.fromCodePoint(byte);
  return btoa(text).replaceAll('+', '-').replaceAll('/', '_').replace(/=+$/, '');
};
const fromLetters = (letters: string): Uint8Array<ArrayBuffer> =>
  Uint8Array.from(atob(letters.replaceAll('-', '+').replaceAll('_', '/')), (sign) => sign.codePointAt(0) ?? 0);

export const pack = async (text: string): Promise<string> =>
  toLetters(await throughStream(new TextEncoder().encode(text), new CompressionStream('deflate-raw')));

/** Undefined where it is nothing that was packed. */
export const unpack = async (letters: string): Promise<string | undefined> => {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(
      await throughStream(fromLetters(letters), new DecompressionStream('deflate-raw')),
    );
  } catch {
    return undefined;
  }
};

/** A code that a phone reads at arm's length holds about so many letters beside the address. */
const LETTERS_PER_CODE = 800;
/** More codes than these nobody scans: a file is quicker. */
export const MOST_CODES = 12;

/** One of several parts that make a whole; all have the whole's name. */
export interface Piece {
  readonly of: string;
  readonly number: number;
  readonly count: number;
  readonly letters: string;
}

/** A short name of a whole, by its letters: parts of different ones are never put together. */
const nameOf = (letters: string): string => {
  let hash = 2166136261;
  for (const sign of letters) hash = Math.imul(hash ^ (sign.codePointAt(0) ?? 0), 16777619);
  return (hash >>> 0).toString(36);
};

/** Letters cut into as many parts as codes are needed. */
export const piecesOf = (letters: string, most = LETTERS_PER_CODE): readonly Piece[] => {
  const count = Math.max(1, Math.ceil(letters.length / most));
  const each = Math.ceil(letters.length / count);
  const of = nameOf(letters);
  return Array.from({ length: count }, (_, i) => ({
    of,
    number: i + 1,
    count,
    letters: letters.slice(i * each, (i + 1) * each),
  }));
};

export const fragmentOf = ({ of, number, count, letters }: Piece): string => `k1.${of}.${number}.${count}.${letters}`;

const FRAGMENT = /^#?k1\.([a-z0-9]{1,8})\.(\d{1,2})\.(\d{1,2})\.([\w-]*)$/;

/** Reads the part of an address behind its #; undefined where it is none of ours. */
export const readFragment = (fragment: string): Piece | undefined => {
  const [, of, number, count, letters] = FRAGMENT.exec(fragment) ?? [];
  if (of === undefined || letters === undefined) return undefined;
  const piece = { of, number: Number(number), count: Number(count), letters };
  return piece.number >= 1 && piece.number <= piece.count ? piece : undefined;
};

/** The whole's letters once all of its parts are there; undefined while some are missing, or where they are not its own. */
export const wholeOf = (pieces: readonly Piece[]): string | undefined => {
  const [first] = pieces;
  if (!first) return undefined;
  const own = new Map(
    pieces.filter(({ of, count }) => of === first.of && count === first.count).map((piece) => [piece.number, piece]),
  );
  if (own.size < first.count) return undefined;
  const letters = Array.from({ length: first.count }, (_, i) => own.get(i + 1)?.letters ?? '').join('');
  return nameOf(letters) === first.of ? letters : undefined;
};
