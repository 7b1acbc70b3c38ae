/** Greatest common measure of whole numbers. */
export const measureOf = (numbers: readonly number[]): number =>
  numbers.reduce((a, b) => {
    let [x, y] = [a, b];
    while (y > 0) [x, y] = [y, x % y];
    return x;
  }, 0);
