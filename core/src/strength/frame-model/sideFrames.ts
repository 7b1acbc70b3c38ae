import type { Chassis, Member } from '../../chassis/index.js';
import type { Vector3 } from '../../frame-analysis/index.js';
import { parsePartId, type Trailer } from '../../project/index.js';
import { type Framing, railNode, type RailLine, type Station } from './framing.js';

const middleY = ({ plan }: Member): number => {
  const ys = plan.map(([, y]) => y);
  return (Math.min(...ys) + Math.max(...ys)) / 2;
};

/**
 * Posts and top rails that are welded all round: they carry with the rails below them. Each post stands on its rail's middle line by an arm; the
 * front top rail ties both sides.
 */
export const placeSideFrames = (
  trailer: Trailer,
  chassis: Chassis,
  frame: Framing,
  rails: readonly [RailLine, RailLine],
): void => {
  const { sides } = trailer.frame;
  if (sides.kind !== 'rail' || !sides.carries) return;
  const find = (id: string): Member | undefined => chassis.members.find((member) => member.id === id);
  const fronts = (['left', 'right'] as const).map((side, index) => {
    const top = find(`side.${side}`);
    if (!top) return undefined;
    const rail = rails[index as 0 | 1];
    const y = middleY(top);
    const z = top.extent.z0M + top.bar.design.centroidZM;
    const stations: Station[] = [];
    for (const post of chassis.members) {
      const part = parsePartId(post.id);
      if (part.kind !== 'post' || part.edge !== side) continue;
      const x = (post.extent.x0M + post.extent.x1M) / 2;
      const foot = railNode(frame, rail, x, `${post.id}@rail.${side}`, post.id, { halfM: post.bar.widthM / 2 });
      const head = frame.node(`${post.id}@${top.id}`, [x, y, z]);
      const end: Vector3 = [x, y, post.extent.z1M];
      frame.bar(post, [x, y, post.extent.z0M], end, [
        { atM: 0, node: foot, joint: `rail.${side}` },
        { atM: post.extent.z1M - post.extent.z0M, node: head, joint: top.id },
      ]);
      stations.push({ atM: x - top.extent.x0M, node: head, joint: post.id, halfM: post.bar.widthM / 2 });
    }
    frame.bar(top, [top.extent.x0M, y, z], [top.extent.x1M, y, z], stations);
    return [...stations].sort((a, b) => a.atM - b.atM)[0]?.node;
  });
  const front = find('side.front');
  const [left, right] = fronts;
  if (!front || !left || !right) return;
  const ys = front.plan.map(([, y]) => y);
  const x = (front.extent.x0M + front.extent.x1M) / 2;
  const z = front.extent.z0M + front.bar.design.centroidZM;
  const [y0, y1] = [Math.min(...ys), Math.max(...ys)];
  frame.bar(
    front,
    [x, y0, z],
    [x, y1, z],
    [
      { atM: 0, node: left, joint: 'side.left' },
      { atM: y1 - y0, node: right, joint: 'side.right' },
    ],
  );
};
