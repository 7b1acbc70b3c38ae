/** Stock by its cost and price, and how many sticks of it a plan could use. */
export interface Offer {
  readonly cost: number;
  readonly price: number;
  readonly most: number;
}

/** More combinations than these are not gone through. */
const COMBOS_AT_MOST = 20_000;

/**
 * Every number of sticks of each stock within a cost and a price, to which no stick can be added: whatever can be cut from fewer can be cut
 * from one of these. Undefined where they are too many.
 */
export const fullCombos = (
  offers: readonly Offer[],
  { cost, price }: { readonly cost: number; readonly price: number },
): number[][] | undefined => {
  const found: number[][] = [];
  const counts = offers.map(() => 0);
  const go = (index: number, costLeft: number, priceLeft: number): boolean => {
    const offer = offers[index];
    if (!offer) {
      const full = offers.every(
        (one, i) => (counts[i] ?? 0) >= one.most || one.cost > costLeft || one.price > priceLeft,
      );
      if (full) found.push([...counts]);
      return found.length <= COMBOS_AT_MOST;
    }
    const by = (each: number, left: number): number => (each > 0 ? Math.floor(left / each) : Number.POSITIVE_INFINITY);
    const most = Math.min(offer.most, by(offer.cost, costLeft), by(offer.price, priceLeft));
    // The last one, and what costs nothing, is used as often as it can be.
    const free = offer.cost === 0 && offer.price === 0;
    for (let count = most; count >= (free || index === offers.length - 1 ? most : 0); count -= 1) {
      counts[index] = count;
      if (!go(index + 1, costLeft - count * offer.cost, priceLeft - count * offer.price)) return false;
    }
    counts[index] = 0;
    return true;
  };
  return go(0, cost, price) ? found : undefined;
};
