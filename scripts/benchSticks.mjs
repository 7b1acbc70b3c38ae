/** The same figures every time, from 0 to 1. */
const steady = (seed) => {
  let state = seed;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
};

/** So many pieces of ten lengths, on sticks of 20 and 24 ft; sixteenths of an inch and cents. */
const problemOf = (pieces, seed) => {
  const next = steady(seed);
  const lengths = Array.from({ length: 10 }, () => 16 * Math.round(8 + 90 * next()));
  const counts = lengths.map(() => 1);
  for (let i = lengths.length; i < pieces; i += 1) counts[Math.floor(next() * counts.length)] += 1;
  return {
    kerf: 2,
    stock: [
      { length: 20 * 192, price: 7100, available: null },
      { length: 24 * 192, price: 8400, available: null },
    ],
    parts: lengths.map((length, i) => ({ length, quantity: counts[i] })),
  };
};

/** Pieces laid on sticks to the proved least price, beside first-fit decreasing as people do it by hand: time, sticks and price. */
export const benchSticks = async ({ firstFit, lastOf, loadSolver, nestSteps }) => {
  const highs = await loadSolver();
  lastOf(nestSteps(highs, problemOf(20, 7)));
  console.log(
    '\nPieces of ten lengths on sticks of two, five problems each; ratios to first-fit decreasing, this run:\n',
  );
  for (const pieces of [50, 100, 200]) {
    let [best, byHand, sticks, handSticks, price, handPrice, proved] = [0, 0, 0, 0, 0, 0, 0];
    for (let seed = 1; seed <= 5; seed += 1) {
      const problem = problemOf(pieces, seed);
      let start = performance.now();
      const hand = firstFit(problem) ?? [];
      byHand += performance.now() - start;
      start = performance.now();
      const found = lastOf(nestSteps(highs, problem));
      best += performance.now() - start;
      if (!found.ok) continue;
      proved += found.value.proved ? 1 : 0;
      sticks += found.value.sticks;
      price += found.value.price;
      handSticks += hand.length;
      handPrice += hand.reduce((sum, { stock }) => sum + problem.stock[stock].price, 0);
    }
    console.log(
      `${String(pieces).padStart(4)} pieces: ${(best / 5).toFixed(0).padStart(6)} ms (${(best / byHand).toFixed(0)} times first-fit), sticks ${(sticks / handSticks).toFixed(3)}, price ${(price / handPrice).toFixed(3)}, proved ${proved} of 5`,
    );
  }
};
