/** Whole number of things, each with what it takes and how many there are at most. */
export interface Kinds {
  readonly takes: readonly number[];
  readonly most: readonly number[];
}

/**
 * Best worth within every room from 0 to `room` for the kinds from each one on: `best[i][r]` of kinds i, i+1 … within r. Every kind is used
 * a whole number of times, at most as often as there are of it (bounded knapsack, dynamic programming over the room).
 */
export const bestWorths = ({ takes, most }: Kinds, worth: readonly number[], room: number): readonly Float64Array[] => {
  const best: Float64Array[] = [];
  best[takes.length] = new Float64Array(room + 1);
  for (let kind = takes.length - 1; kind >= 0; kind -= 1) {
    const after = best[kind + 1] as Float64Array;
    const own = Float64Array.from(after);
    const take = takes[kind] as number;
    const gain = worth[kind] as number;
    if (gain > 0)
      for (let count = 1, used = take; count <= (most[kind] as number) && used <= room; count += 1, used += take)
        for (let space = used; space <= room; space += 1) {
          const value = (after[space - used] as number) + count * gain;
          if (value > (own[space] as number)) own[space] = value;
        }
    best[kind] = own;
  }
  return best;
};

/** The counts that reach the best worth within a room. */
export const bestCounts = (
  { takes, most }: Kinds,
  worth: readonly number[],
  best: readonly Float64Array[],
  room: number,
): number[] => {
  let left = room;
  return takes.map((take, kind) => {
    const aim = best[kind]?.[left] as number;
    const after = best[kind + 1] as Float64Array;
    for (let count = 0; count <= (most[kind] as number) && count * take <= left; count += 1)
      if ((after[left - count * take] as number) + count * (worth[kind] as number) >= aim - 1e-12) {
        left -= count * take;
        return count;
      }
    return 0;
  });
};

/**
 * Every choice whose worth is at least `floor` within the room; undefined where there are more than `limit`. The best worth of what may
 * still follow is known exactly, so that no way is gone that leads nowhere.
 */
export const choicesWorth = (
  { takes, most }: Kinds,
  worth: readonly number[],
  best: readonly Float64Array[],
  { room, floor, limit }: { readonly room: number; readonly floor: number; readonly limit: number },
): number[][] | undefined => {
  const found: number[][] = [];
  const counts = takes.map(() => 0);
  const go = (kind: number, left: number, sum: number): boolean => {
    if (sum + (best[kind]?.[left] as number) < floor) return true;
    if (kind === takes.length) {
      found.push([...counts]);
      return found.length <= limit;
    }
    const take = takes[kind] as number;
    const upTo = Math.min(most[kind] as number, Math.floor(left / take));
    for (let count = upTo; count >= 0; count -= 1) {
      counts[kind] = count;
      if (!go(kind + 1, left - count * take, sum + count * (worth[kind] as number))) return false;
    }
    counts[kind] = 0;
    return true;
  };
  return go(0, room, 0) ? found : undefined;
};
