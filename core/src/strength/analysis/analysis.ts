import type { InnerAt, Vector3 } from '../../frame-analysis/index.js';
import type { FrameFault } from '../frame-model/trailerFrame.js';
import type { FrameProblem } from '../../frame-analysis/index.js';
import type { Resistance, Utilisation } from '../resistance/memberResistance.js';
import type { Hole } from '../../chassis/index.js';
import type { NetSection } from '../joints/holes.js';
import type { EndForces, WeldForce, WeldGroup } from '../joints/weldGroup.js';
import type { WallLoad, WallMend, WallStrength } from '../joints/wallUnderEnd.js';
import type { WeldStrength } from '../joints/weldStrength.js';
import type { Balance, SituationId } from '../situations/situations.js';
import type { SupportId } from '../situations/runs.js';

/** Which run and case a figure belongs to. */
export interface RunKey {
  readonly caseId: string;
  readonly situation: SituationId;
  readonly variant: string;
  readonly balance: Balance;
}

/** Where and when a bar works hardest. */
export interface Governing extends RunKey {
  readonly utilisation: Utilisation;
  /** along the bar from its first end, m */
  readonly atM: number;
  readonly inner: InnerAt;
  readonly resistance: Resistance;
  /** id of the part whose weld weakens it there */
  readonly weldAt: string | undefined;
  /** of a bar whose ends give: its harder end, what that would be without give, and what hinges would add in mid-span, N·m */
  readonly bounds:
    | {
        readonly endNm: number;
        readonly rigidEndNm: number;
        readonly hingedAddsNm: number;
        readonly foldsAtNm: number;
        readonly codeNm: number | undefined;
        readonly folds: boolean;
        /** the stiffness is within what was modelled, not a guess */
        readonly known: boolean;
      }
    | undefined;
}

export interface MemberResult {
  readonly memberId: string;
  readonly worst: Governing;
  readonly bySituation: Readonly<Partial<Record<SituationId, Governing>>>;
}

export interface WeldResult extends RunKey {
  readonly memberId: string;
  /** what the bar's end is welded to */
  readonly joint: string;
  readonly end: string;
  readonly kind: 'butt' | 'splice' | 'lap' | 'hanger' | 'coupler' | 'gusset';
  /** middle of the weld, in the trailer's axes, m */
  readonly at: Vector3;
  readonly legM: number;
  readonly wallM: number;
  readonly lengthM: number;
  readonly group: WeldGroup;
  readonly passes: EndForces;
  readonly force: WeldForce;
  readonly strength: WeldStrength;
  /** which of the two is the weaker there */
  readonly by: 'weld-metal' | 'base-metal';
  readonly utilisation: number;
}

export interface HangerResult extends RunKey {
  readonly memberId: string;
  readonly at: Vector3;
  readonly xM: number;
  readonly forceN: number;
  readonly strengthN: number;
  readonly utilisation: number;
}

/** The wall of a bar under the end of another that has to pass its moment on there. */
export interface WallResult extends RunKey {
  readonly memberId: string;
  readonly onId: string;
  readonly at: Vector3;
  readonly wallM: number;
  readonly load: WallLoad;
  /** allowed in that situation */
  readonly strength: WallStrength;
  readonly mend: WallMend | undefined;
  readonly utilisation: number;
}

/** The metal beside a hole. */
export interface HoleResult extends RunKey {
  readonly memberId: string;
  readonly hole: Hole;
  readonly net: NetSection | undefined;
  readonly inner: InnerAt;
  readonly stressPa: number;
  readonly allowedPa: number;
  readonly utilisation: number;
}

/** The seams of a built-up bar where most shear flows along them. */
export interface SeamResult extends RunKey {
  readonly memberId: string;
  readonly flowNM: number;
  readonly bearsNM: number;
  /** share of the seam that is welded */
  readonly welded: number;
  readonly utilisation: number;
}

/** The bay of a panel where most shear flows. */
export interface PanelShearResult extends RunKey {
  readonly panelId: string;
  readonly flowNM: number;
  readonly alongM: number;
  readonly upM: number;
}

export interface BoltResult extends RunKey {
  readonly forceN: number;
  readonly strengthN: number;
  readonly by: 'shear' | 'bearing' | 'tear-out';
  readonly utilisation: number;
}

export interface FrameDeflection {
  readonly what: 'rails' | 'rear-overhang' | 'tongue-tip' | 'cross-member';
  readonly memberId: string;
  readonly caseId: string;
  readonly byM: number;
  readonly lengthM: number;
  readonly divisor: number;
}

/** A place where cracks begin first. */
export interface FatigueResult {
  readonly memberId: string;
  readonly joint: string;
  readonly caseId: string;
  readonly staticPa: number;
  /** of the bar's metal there */
  readonly yieldPa: number;
  /** structural stress at the weld's toe ÷ the bar's own; 1 where the bar's own counts */
  readonly toeFactor: number;
  readonly rangePa: number;
  readonly category: string;
  readonly km: number;
}

/** The sums of one run: what is put on the frame, what the ground gives, what is left over. */
export interface RunBalance extends RunKey {
  readonly support: SupportId;
  readonly appliedN: Vector3;
  /** sizes of the forces put on from outside, added up */
  readonly statedN: number;
  readonly reactions: readonly { readonly place: string; readonly forceN: Vector3 }[];
  /** reactions and stated forces together, by place */
  readonly outside: readonly { readonly place: string; readonly forceN: Vector3 }[];
  /** |applied + reactions| ÷ the size of both */
  readonly residual: number;
  /** free bodies: largest reaction beyond what the standing load gives, ÷ the stated forces; it must vanish */
  readonly leftover: number | undefined;
}

/** Worst of everything under the loads of one opinion. */
export interface OpinionResult {
  readonly members: readonly MemberResult[];
  readonly welds: readonly WeldResult[];
  readonly hangers: readonly HangerResult[];
  readonly walls: readonly WallResult[];
  readonly holes: readonly HoleResult[];
  readonly seams: readonly SeamResult[];
  readonly panels: readonly PanelShearResult[];
  readonly bolts: BoltResult | undefined;
}

/** What the trailer's own loads do; the other two opinions stand beside it and change nothing in it. */
export interface StrengthAnalysis extends OpinionResult {
  /** the plate's gross as badly loaded as its limits allow; undefined where there is no plate, or it is switched off */
  readonly badly: OpinionResult | undefined;
  /** published drawbar loads at the plate's gross, on the tongue and what it is joined to; undefined without a plate */
  readonly rules: OpinionResult | undefined;
  readonly deflections: readonly FrameDeflection[];
  readonly fatigue: FatigueResult | undefined;
  readonly balances: readonly RunBalance[];
  /** bump on both wheels, share by member and case: what the hand check is held against */
  readonly bumps: ReadonlyMap<string, ReadonlyMap<string, number>>;
  readonly switchedOff: readonly SituationId[];
  /** could not be run, for want of this figure */
  readonly notRun: readonly { readonly situation: SituationId; readonly missing: 'pull' }[];
  readonly grossMissing: boolean;
  /** nobody is taken to step on the rear edge */
  readonly nobodyOnRear: boolean;
  /** bars whose ends sit on walls that no model was made of: how they give is guessed */
  readonly guessedEnds: readonly string[];
  /** springs stand where the rails are not: what carries them there is not looked at */
  readonly outrigger: boolean;
  readonly counts: { readonly nodes: number; readonly elements: number; readonly runs: number };
  /** of the worst-conditioned set of supports */
  readonly condition: number;
}

export type AnalysisOutcome =
  | { readonly kind: 'analysed'; readonly analysis: StrengthAnalysis }
  | { readonly kind: 'fault'; readonly fault: FrameFault }
  | { readonly kind: 'unsolvable'; readonly problems: readonly FrameProblem[] };
