import { type Chassis, rearOutline, sideOutline } from '../chassis/index.js';
import { box, type DrawnShape, type Point } from './shapes.js';

type View = 'side' | 'plan' | 'rear';

/** What is to be taken off an old trailer, as ghosts. */
export const goesSeen = ({ goes }: Pick<Chassis, 'goes'>, view: View): readonly DrawnShape[] => {
  const ghost = (part: string, points: readonly Point[]): DrawnShape => ({
    part,
    kind: 'polygon',
    layer: 'frame',
    points,
    fill: 'none',
    line: 'ghost',
  });
  return [
    ...goes.members.flatMap((member): DrawnShape[] => {
      if (view === 'plan') return [ghost(member.id, member.plan)];
      if (view === 'side') return [ghost(member.id, sideOutline(member))];
      return member.line ? [ghost(member.id, rearOutline(member.line, member))] : [];
    }),
    ...goes.panels.map(({ id, extent, y0M, y1M }) => {
      const { x0M, x1M, z0M, z1M } = extent;
      return ghost(
        id,
        { side: box(x0M, x1M, z0M, z1M), plan: box(x0M, x1M, y0M, y1M), rear: box(y0M, y1M, z0M, z1M) }[view],
      );
    }),
  ];
};
