import { balanceCase } from '../balance/index.js';
import { buildChassis } from '../chassis/index.js';
import { trailerParts } from '../mass/index.js';
import type { Trailer } from '../project/index.js';

/** Share on the tongue of one load, with the axle at each place. */
export interface ShareLine {
  readonly caseId: string;
  readonly points: readonly { readonly axleM: number; readonly share: number }[];
}

const PLACES = 41;
/** Looked at over this part of the bed, behind its front edge. */
const FROM = 0.4;
const TO = 0.85;

/** How the share on the tongue falls as the axle goes forward, for every towed load: the whole trailer again at each place. */
export const shareOverAxle = (trailer: Trailer): readonly ShareLine[] => {
  const chassis = buildChassis(trailer);
  const towed = trailer.cases.filter(({ mode }) => mode === 'towed');
  const lines = towed.map(({ id }) => ({ caseId: id, points: [] as { axleM: number; share: number }[] }));
  for (let i = 0; i < PLACES; i += 1) {
    const positionM = trailer.frame.bed.lengthM * (FROM + ((TO - FROM) * i) / (PLACES - 1));
    const moved = { ...trailer, runningGear: { ...trailer.runningGear, positionM } };
    const bare = trailerParts(moved, chassis);
    towed.forEach((loadCase, k) => {
      const { standing } = balanceCase(moved, chassis, bare, loadCase);
      if (standing) lines[k]?.points.push({ axleM: positionM, share: standing.tongueShare });
    });
  }
  return lines;
};
