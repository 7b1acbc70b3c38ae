/** "3 X 2 × 3/16" and "3x2x3/16" are the same search: small letters, one sign for "by", no blanks about it. */
const plain = (text: string): string =>
  text
    .toLowerCase()
    .replaceAll('×', 'x')
    .replace(/(\d["”]?)\s*x\s*(?=\d)/g, '$1x')
    .replace(/["”]/g, '')
    .trim();

/** Sizes of a name both ways round: a 3 × 2 lying is a 2 × 3. */
const bothWays = (text: string): string =>
  text.replace(/([\d./-]+)x([\d./-]+)(x[\d./-]+)?/g, (all, a: string, b: string, rest = '') =>
    a === b ? all : `${all} ${b}x${a}${rest}`,
  );

/** What rows are looked up by, made once for each. */
export const searchText = (...texts: readonly string[]): string => bothWays(plain(texts.join(' ')));

/** How well one word of a search fits: 2 as a whole, 1 as a beginning, 0 not at all. A size begins at its first digit, never within a number. */
const fit = (text: string, word: string): 0 | 1 | 2 => {
  let best: 0 | 1 | 2 = 0;
  for (let at = text.indexOf(word); at >= 0; at = text.indexOf(word, at + 1)) {
    const before = text[at - 1] ?? ' ';
    const after = text[at + word.length] ?? ' ';
    const insideNumber = /\d/.test(word[0] ?? '') ? /[\d./-]/.test(before) : /[a-z]/.test(before);
    if (insideNumber) continue;
    if (!/[\d./a-z-]/.test(after) || after === 'x') return 2;
    best = 1;
  }
  return best;
};

/**
 * How well a row fits what somebody types, "3x2 3/16" or "50x30": undefined where a word of it is missing, else higher for more whole
 * words. An empty search fits everything alike.
 */
export const searchRank = (text: string, search: string): number | undefined => {
  const words = plain(search).split(/\s+/).filter(Boolean);
  let rank = 0;
  for (const word of words) {
    const own = fit(text, word);
    if (own === 0) return undefined;
    rank += own;
  }
  return rank;
};
