/** Digits that people write down, and places behind the point at the most. */
const DIGITS = 6;
const PLACES = 4;
/** For what is smaller than that: never told as nothing. */
const SMALL_PLACES = 9;

const trimZeros = (text: string): string => (text.includes('.') ? text.replace(/\.?0+$/, '') : text);

/**
 * A number as people write it in a field: six digits, at most four behind the point; what would become nothing keeps its first digits. The
 * value behind the field stays as it is until somebody types.
 */
export const fieldNumber = (value: number): string => {
  const size = Math.abs(value);
  const places = size === 0 ? 0 : Math.min(PLACES, Math.max(0, DIGITS - 1 - Math.floor(Math.log10(size))));
  const text = trimZeros(value.toFixed(places));
  const shown = Number(text) === 0 && size > 0 ? trimZeros(value.toFixed(SMALL_PLACES)) : text;
  return shown === '-0' ? '0' : shown;
};
