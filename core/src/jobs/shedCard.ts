import { reachOf, sideView, type DrawnShape } from '../drawing/index.js';
import { evaluate, withStrength } from '../evaluation/index.js';
import type { Verdict } from '../findings/index.js';
import type { Trailer } from '../project/index.js';
import type { AnalysisOutcome } from '../strength/index.js';
import { sentenceOf, speaker, type Voice } from '../wording/index.js';

/** What the shed shows of a trailer. */
export interface ShedCard {
  readonly verdict: Verdict;
  /** the gravest finding that counts */
  readonly worst: string | undefined;
  /** its side view without lettering, metres */
  readonly shapes: readonly DrawnShape[];
  readonly reach: { readonly x0M: number; readonly x1M: number; readonly topZM: number; readonly groundZM: number };
}

/** Nothing is written on a drawing so small. */
const NO_LETTERING = { length: () => '', mass: () => '', load: () => '' };

/** A trailer as it stands in the shed; without an outcome as it is before the frame is analysed. */
export const shedCard = (trailer: Trailer, outcome: AnalysisOutcome | undefined, voice: Voice): ShedCard => {
  const light = evaluate(trailer);
  const { chassis, cases, verdict, findings } = outcome ? withStrength(light, outcome) : light;
  const shown = cases.find(({ loadCase }) => loadCase.id === trailer.axleCaseId) ?? cases[0];
  const { shapes } = sideView({ trailer, chassis, shown }, { lettering: NO_LETTERING, sizes: false, names: false });
  const worst = findings.find(({ counts }) => counts);
  const { x0M, x1M, topZM, groundZM } = reachOf(trailer, chassis, true);
  return {
    verdict,
    worst: worst && sentenceOf(worst, speaker(trailer, voice)),
    // Hidden lines would run into one another at this size.
    shapes: shapes.filter(({ line }) => line !== 'hidden' && line !== 'centre' && line !== 'ghost'),
    reach: { x0M, x1M, topZM, groundZM },
  };
};
