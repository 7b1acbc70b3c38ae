import type { RunningGear } from '../project/index.js';

type Kind = RunningGear['suspension']['kind'];

const NOTHING_ACROSS: ReadonlySet<Kind> = new Set(['stub', 'swing-arm', 'walking-beam']);
const SPRUNG: ReadonlySet<Kind> = new Set(['leaf', 'torsion', 'swing-arm']);

/** Whether an axle runs across from wheel to wheel; else each wheel has a spindle of its own. */
export const hasAxleAcross = (kind: Kind): boolean => !NOTHING_ACROSS.has(kind);

/** Whether something between wheel and frame gives, as far as is known. */
export const isSprung = (kind: Kind): boolean => SPRUNG.has(kind);
