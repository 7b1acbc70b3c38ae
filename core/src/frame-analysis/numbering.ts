/** Neighbours of each node, by the members between them. */
export const neighbours = (
  count: number,
  pairs: readonly (readonly [number, number])[],
): readonly (readonly number[])[] => {
  const sets = Array.from({ length: count }, () => new Set<number>());
  for (const [a, b] of pairs) {
    if (a === b) continue;
    sets[a]?.add(b);
    sets[b]?.add(a);
  }
  return sets.map((set) => [...set]);
};

/** Nodes by their distance from a start, and the last of them. */
const levels = (graph: readonly (readonly number[])[], start: number, seen: Uint8Array): readonly number[] => {
  const order = [start];
  const visited = new Set([start]);
  for (let head = 0; head < order.length; head += 1) {
    for (const next of graph[order[head] as number] as readonly number[]) {
      if (visited.has(next) || seen[next]) continue;
      visited.add(next);
      order.push(next);
    }
  }
  return order;
};

/**
 * Order of the nodes that keeps the matrix narrow: reverse Cuthill-McKee from an end of each part, the end found by walking to the
 * far side twice. Source: Cuthill & McKee 1969, George & Liu 1981 (recalled).
 */
export const narrowOrder = (graph: readonly (readonly number[])[]): readonly number[] => {
  const seen = new Uint8Array(graph.length);
  const degree = (node: number): number => (graph[node] as readonly number[]).length;
  const order: number[] = [];
  for (let first = 0; first < graph.length; first += 1) {
    if (seen[first]) continue;
    const far = levels(graph, first, seen).at(-1) as number;
    const start = levels(graph, far, seen).at(-1) as number;
    let head = order.length;
    order.push(start);
    seen[start] = 1;
    for (; head < order.length; head += 1) {
      const fresh = (graph[order[head] as number] as readonly number[]).filter((next) => !seen[next]);
      fresh.sort((a, b) => degree(a) - degree(b) || a - b);
      for (const next of fresh) {
        seen[next] = 1;
        order.push(next);
      }
    }
  }
  return order.reverse();
};
