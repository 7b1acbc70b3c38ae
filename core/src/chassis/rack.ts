import type { Chassis } from './buildChassis.js';

/** Bars of one's own that carry what lies on them: how high, and which. */
export interface Rack {
  readonly topZM: number;
  readonly memberIds: readonly string[];
}

/** A bar that rises no more than this from end to end is level, and tops no further apart carry together, m. */
const LEVEL_M = 0.005;

/** The level bars of one's own under a box seen from above, the highest of them, with the panel that lies on them; undefined where there are none. */
export const rackUnder = (
  { members, panels }: Pick<Chassis, 'members' | 'panels'>,
  box: { readonly x0M: number; readonly x1M: number; readonly y0M: number; readonly y1M: number },
): Rack | undefined => {
  const under = members.filter(({ line, plan, extent, hungOn }) => {
    if (!line || hungOn || Math.abs(line.end[2] - line.start[2]) > LEVEL_M) return false;
    const ys = plan.map(([, y]) => y);
    return extent.x1M > box.x0M && extent.x0M < box.x1M && Math.max(...ys) > box.y0M && Math.min(...ys) < box.y1M;
  });
  if (under.length === 0) return undefined;
  const topZM = Math.max(...under.map(({ extent }) => extent.z1M));
  const memberIds = under.filter(({ extent }) => extent.z1M > topZM - LEVEL_M).map(({ id }) => id);
  const covers = panels.filter(
    ({ own, extent, y0M, y1M }) =>
      own?.plane === 'flat' &&
      Math.abs(extent.z0M - topZM) < LEVEL_M &&
      extent.x1M > box.x0M &&
      extent.x0M < box.x1M &&
      y1M > box.y0M &&
      y0M < box.y1M,
  );
  return { topZM: Math.max(topZM, ...covers.map(({ extent }) => extent.z1M)), memberIds };
};
