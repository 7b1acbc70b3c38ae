import type { Chassis } from '../chassis/index.js';
import type { Trailer } from '../project/index.js';
import type { Part } from './part.js';

/** Spare wheels on carriers, as the trailer's own, each flat against its post on the side away from the bed. */
export const spareWheels = (trailer: Trailer, { members }: Pick<Chassis, 'members'>): readonly Part[] =>
  trailer.frame.pieces.flatMap((piece): Part[] => {
    if (piece.kind !== 'spare' || !piece.wheel) return [];
    const own = piece.id.slice('piece.'.length);
    const post = members.find(({ id }) => id === `bar.${own}.post`);
    if (!post) return [];
    const { tire, wheel } = trailer.runningGear;
    const out = piece.edge === 'left' || piece.edge === 'front' ? -1 : 1;
    const along = piece.edge === 'left' || piece.edge === 'right';
    const awayM = out * (post.bar.widthM / 2 + tire.widthM / 2);
    const centre = {
      xM: post.centre.xM + (along ? 0 : awayM),
      yM: post.centre.yM + (along ? awayM : 0),
      zM: piece.levelM,
    };
    const [halfX, halfY] = along ? [tire.diameterM / 2, tire.widthM / 2] : [tire.widthM / 2, tire.diameterM / 2];
    return [
      {
        id: `wheel.${own}.1`,
        group: 'body',
        massKg: wheel.assemblyMassKg,
        centre,
        x0M: centre.xM - halfX,
        x1M: centre.xM + halfX,
        y0M: centre.yM - halfY,
        y1M: centre.yM + halfY,
        heightM: tire.diameterM,
        carriedBy: 'rails',
        movesWithAxle: false,
        heldBy: [post.id],
      },
    ];
  });
