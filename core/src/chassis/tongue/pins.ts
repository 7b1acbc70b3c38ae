import type { Tongue } from '../../project/index.js';
import { inches } from '../../units/index.js';

/** Holes for pins are this much wider, m: 1/16 in, common practice. */
export const PIN_ROOM_M = inches(1 / 16);

type Joint = Exclude<Tongue, { kind: 'a-frame' }>['joint'];

/** Where the pins of a folding or removable tongue go, along it from the joint's middle, m. */
export const pinOffsetsM = ({ pins, pinSpacingM }: Joint): readonly number[] =>
  pins === 2 ? [-pinSpacingM / 2, pinSpacingM / 2] : [0];
