import { length, subtract, type Vector3 } from '../../frame-analysis/index.js';
import type { SheetFill, Trailer } from '../../project/index.js';
import type { Framing } from './framing.js';
import { RIGID } from './rigid.js';

type SheetKind = SheetFill['kind'] | Trailer['frame']['deck']['kind'];

/**
 * Shear modulus of a sheet in its own plane as it is fastened, Pa: screws give far more than the panel that they hold (plywood 0.7 GPa by itself;
 * about a ninth of that is what an independent model of a screwed deck has), planks slide on each other, stitched plate is nearly whole.
 */
const SHEAR_PA: Readonly<Record<SheetKind, number | undefined>> = {
  none: undefined,
  'expanded-steel': undefined,
  'welded-mesh': undefined,
  'foam-board': undefined,
  plywood: 8e7,
  planks: 2e7,
  'steel-sheet': 1e10,
  'aluminum-sheet': 4e9,
};

/** Undefined for what holds nothing square: mesh, foam. */
export const sheetShearPa = (kind: SheetKind): number | undefined => SHEAR_PA[kind];

/** A corner of a bay: a node of the frame, and where the sheet lies there. */
export interface SheetCorner {
  readonly node: string;
  readonly at: Vector3;
}

/**
 * A sheet between four bars as a pair of crossed ties of its own shear stiffness: A·E = G·t·L³ ÷ 2ab, for a panel of a by b with the diagonal L.
 * Corners of one rib, then of the next, each from its first end. None where the bay has no size.
 */
export const tieBay = (
  frame: Framing,
  id: string,
  [a0, a1, b0, b1]: readonly [SheetCorner, SheetCorner, SheetCorner, SheetCorner],
  shearNPerM: number,
): readonly [string, string] | undefined => {
  const along = length(subtract(b0.at, a0.at));
  const up = length(subtract(a1.at, a0.at));
  if (along < 1e-3 || up < 1e-3) return undefined;
  const tie = (name: string, from: SheetCorner, to: SheetCorner): string => {
    const diagonalM = length(subtract(to.at, from.at));
    const element = `${id}.${name}`;
    frame.element({
      id: element,
      from: from.node,
      to: to.node,
      ...RIGID,
      areaM2: (shearNPerM * diagonalM ** 3) / (2 * along * up) / RIGID.elasticPa,
      offsetFrom: subtract(from.at, frame.at(from.node)),
      offsetTo: subtract(to.at, frame.at(to.node)),
      releaseFrom: ['ry', 'rz'],
      releaseTo: ['rx', 'ry', 'rz'],
    });
    return element;
  };
  return [tie('rising', a0, b1), tie('falling', a1, b0)];
};
