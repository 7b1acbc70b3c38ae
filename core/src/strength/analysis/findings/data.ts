import type { FindingOf } from '../../../findings/index.js';
import type { FrameProblem } from '../../../frame-analysis/index.js';
import type { FrameFault } from '../../frame-model/trailerFrame.js';
import type { WallMend } from '../../joints/wallUnderEnd.js';
import type { WeldMend } from '../../joints/weldMend.js';
import type { Utilisation } from '../../resistance/memberResistance.js';
import type { SituationId } from '../../situations/situations.js';
import type { FatigueClass } from '../fatigue.js';
import type { FrameDeflection } from '../analysis.js';
import type { Hardest } from '../hardest.js';

interface When {
  readonly situation: SituationId;
  readonly variant: string;
}

/** Why the two ways to the same figure differ. */
export type Apart = 'ends-held' | 'legs-share' | 'frame-shares' | 'twist';

export interface AnalysisFindingData {
  'frame-member': When & {
    readonly memberId: string;
    readonly atM: number;
    readonly rule: Utilisation['rule'];
    readonly weldAt: string | undefined;
  };
  'frame-members-rest': { readonly count: number; readonly least: number; readonly most: number };
  'frame-weld': When & {
    readonly memberId: string;
    readonly joint: string;
    readonly legM: number;
    /** what would do, where it does not */
    readonly mend: WeldMend | undefined;
    readonly by: 'weld-metal' | 'base-metal';
  };
  /** a built-up bar's own seam */
  'built-up-seam': When & { readonly memberId: string; readonly flowNM: number; readonly welded: number };
  /** a panel that holds bars square: `foldsNM` undefined where nothing is known of its kind */
  'panel-shear': When & {
    readonly panelId: string;
    readonly flowNM: number;
    readonly foldsNM: number | undefined;
    readonly fastenerN: number;
    readonly pitchM: number;
  };
  'panel-holds-nothing': { readonly panelId: string };
  'stitch-gap': { readonly memberId: string; readonly openM: number; readonly mostM: number };
  'frame-welds-rest': { readonly count: number; readonly most: number };
  'weld-leg-small': { readonly memberId: string; readonly legM: number; readonly leastM: number };
  'hanger-wall': When & { readonly memberId: string; readonly forceN: number; readonly strengthN: number };
  /** the wall of `onId` under the end of `memberId`, with what would do where it does not */
  'end-wall': When & { readonly memberId: string; readonly onId: string; readonly mend: WallMend | undefined };
  'bar-hole': When & { readonly memberId: string; readonly atM: number; readonly diameterM: number };
  'coupler-bolts': When & {
    readonly forceN: number;
    readonly strengthN: number;
    readonly by: 'shear' | 'bearing' | 'tear-out';
  };
  'frame-deflection': Pick<FrameDeflection, 'what' | 'memberId' | 'byM' | 'lengthM' | 'divisor'>;
  'fatigue-life': {
    readonly memberId: string;
    readonly joint: string;
    readonly km: number;
    readonly class: FatigueClass;
    /** stress at the weld's toe, standing, Pa, where it is past the metal's yield */
    readonly pastYieldPa: number | undefined;
  };
  'situations-off': { readonly off: readonly SituationId[] };
  'situation-not-run': { readonly situation: SituationId };
  'recovery-advice': Record<string, never>;
  'badly-loaded': When & Pick<Hardest, 'what' | 'memberId' | 'joint'>;
  'published-loads': When & Pick<Hardest, 'what' | 'memberId' | 'joint'> & { readonly asked: boolean };
  'nobody-on-rear': Record<string, never>;
  'outrigger-not-checked': Record<string, never>;
  'ends-guessed': { readonly memberIds: readonly string[] };
  'rated-gross-missing': { readonly rulesAsked: boolean };
  'hand-compared': {
    readonly memberId: string;
    readonly hand: number;
    readonly frame: number;
    readonly apart: Apart | undefined;
  };
  'not-in-analysis': Record<string, never>;
  'figures-doubtful': { readonly condition: number; readonly residual: number };
  'frame-fault': { readonly fault: FrameFault['code'] };
  'frame-unsolvable': { readonly problems: readonly FrameProblem[] };
}
export type AnalysisFinding = FindingOf<AnalysisFindingData>;

export const plain = { step: 'strength', subject: 'trailer', counts: true, working: [] } as const;
