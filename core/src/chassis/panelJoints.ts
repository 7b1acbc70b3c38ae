import type { Trailer } from '../project/index.js';
import { inches, millimetres } from '../units/index.js';
import type { Member } from './member.js';
import { directionOf, middleLineOf } from './middleLine.js';
import { panelAxes } from './ownPanels.js';
import type { Panel } from './panel.js';

/** Plywood as it is sold, m: 4 × 8 ft, or 1250 × 2500 mm. */
const SHEETS_M = {
  imperial: [inches(96), inches(48)],
  metric: [millimetres(2500), millimetres(1250)],
} as const;

/** Where sheets of a panel would have to meet, and no bar is there. */
export interface OpenJoint {
  readonly panelId: string;
  /** between these two places along the panel no bar runs across it, m from its front, left or lower edge */
  readonly fromM: number;
  readonly toM: number;
}

/** A bar runs across a panel to this, as a cosine. */
const ACROSS = 0.98;
/** Cuts may be so much off, m. */
const SAW_M = 0.003;

/** Goes from bar to bar as far as a sheet reaches; the gap that none bridges, or undefined where all is bridged. */
const openGap = (lengthM: number, bars: readonly number[], sheetM: number): readonly [number, number] | undefined => {
  let at = 0;
  while (lengthM - at > sheetM + SAW_M) {
    const next = Math.max(0, ...bars.filter((bar) => bar > at + SAW_M && bar <= at + sheetM + SAW_M));
    if (next === 0) return [at, Math.min(lengthM, at + sheetM)];
    at = next;
  }
  return undefined;
};

/** Plywood panels that are larger than a sheet, and have no bar where two sheets could meet, whichever way the sheets are laid. */
export const openJoints = (
  trailer: Trailer,
  panels: readonly Panel[],
  members: readonly Member[],
): readonly OpenJoint[] =>
  panels.flatMap((panel): OpenJoint[] => {
    const { own, id } = panel;
    if (own?.sheet.kind !== 'plywood' || own.slant) return [];
    const { along, up, lengthM, widthM, startM, lowM } = panelAxes(panel, own.plane);
    const [long, wide] = SHEETS_M[trailer.settings.units];
    const held = members.filter((member) => own.heldBy.includes(member.id));
    /** Bars that run along one axis of the panel, by where they are on the other. */
    const barsAlong = (runs: 0 | 1 | 2, on: 0 | 1 | 2, fromM: number): number[] =>
      held.flatMap((member) => {
        const line = middleLineOf(member);
        return line && Math.abs(directionOf(line)[runs]) > ACROSS ? [line.start[on] - fromM] : [];
      });
    const across = barsAlong(up, along, startM);
    const level = barsAlong(along, up, lowM);
    const gaps = (
      [
        [long, wide],
        [wide, long],
      ] as const
    ).map(([first, second]) => openGap(lengthM, across, first) ?? openGap(widthM, level, second));
    const [gap] = gaps;
    if (!gap || gaps.includes(undefined)) return [];
    return [{ panelId: id, fromM: gap[0], toM: gap[1] }];
  });
