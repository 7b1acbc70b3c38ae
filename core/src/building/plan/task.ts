/** Where a task stands in the work. */
export type Phase = 'metal' | 'frame' | 'axle' | 'fittings' | 'finish' | 'road';

/** Tasks that a plan can have, in the order in which people work; `own` are the user's. */
export type TaskKind =
  | 'check-steel'
  | 'cut'
  | 'prepare'
  | 'level'
  | 'lay-out'
  | 'cross-members'
  | 'tongue'
  | 'tack'
  | 'square'
  | 'weld-first'
  | 'turn-over'
  | 'weld-second'
  | 'coupler'
  | 'hangers'
  | 'axle'
  | 'turn-upright'
  | 'square-again'
  | 'sides'
  | 'gate'
  | 'body'
  | 'brackets'
  | 'inspect'
  | 'clean'
  | 'coat'
  | 'wheels'
  | 'chains'
  | 'wire'
  | 'deck'
  | 'weigh'
  | 'register'
  | 'first-tow'
  | 'retorque'
  | 'own';

/** What a number of a task is. */
export type FigureWhat =
  | 'stock'
  | 'pieces'
  | 'long'
  | 'wide'
  | 'diagonal'
  | 'within'
  | 'cross'
  | 'spacer'
  | 'ball-ahead'
  | 'corner-to-ball'
  | 'weld-length'
  | 'bow-first'
  | 'turned-mass'
  | 'balance-back'
  | 'lifted'
  | 'bolts'
  | 'hanger'
  | 'springs-apart'
  | 'hub-to-ball'
  | 'hub-to-rail'
  | 'axle-back'
  | 'axles-apart'
  | 'u-bolts'
  | 'nuts'
  | 'gap'
  | 'coat-area'
  | 'vents'
  | 'vent-size'
  | 'tab-apart'
  | 'tongue-weight'
  | 'whole-weight';

/** A number that somebody needs with the tool in hand; SI. */
export interface PlanFigure {
  /** tells it apart within its task, whatever it reads */
  readonly id: string;
  readonly what: FigureWhat;
  readonly kind: 'length' | 'mass' | 'torque' | 'load' | 'count' | 'area';
  readonly value: number;
  /** it is a range up to this */
  readonly upTo?: number;
  /** the part or load that it is of, or a section's designation */
  readonly of?: string;
  /** the piece's mark */
  readonly mark?: string;
  /** told, but no reason to do the task again when it changes */
  readonly aside?: true;
}

export type Caution =
  | 'grinding'
  | 'zinc'
  | 'aluminum'
  | 'solvent'
  | 'fire-watch'
  | 'closed-tube'
  | 'turning'
  | 'hoist'
  | 'springs'
  | 'near-wheels'
  | 'no-weld-axle'
  | 'aluminum-peak'
  | 'earth-clamp'
  | 'stands'
  | 'own-coupling'
  | 'battery'
  | 'galvanize'
  | 'paint-torque'
  | 'local-law'
  | 'slowly';

export type Tool =
  | 'tape'
  | 'caliper'
  | 'saw'
  | 'square'
  | 'grinder'
  | 'clamps'
  | 'stands'
  | 'level'
  | 'shims'
  | 'chalk'
  | 'welder'
  | 'spacers'
  | 'straight-rod'
  | 'plumb-bob'
  | 'torque-wrench'
  | 'drill'
  | 'dye'
  | 'brush'
  | 'crimper'
  | 'tester'
  | 'scale'
  | 'jack'
  | 'grease-gun'
  | 'gauge';

/** Where the page of its own for a task is. */
export type WorkPage = 'saw' | 'square' | 'buy' | 'drawing' | 'weigh-in' | 'lights' | 'coat' | 'papers';

/** One thing to do, with what it needs. */
export interface BuildTask {
  readonly id: string;
  readonly kind: TaskKind;
  readonly phase: Phase;
  /** the user's own words for it */
  readonly title?: string;
  /** marks of the pieces that it is about, each with how many */
  readonly pieces: readonly { readonly mark: string; readonly count: number }[];
  readonly figures: readonly PlanFigure[];
  readonly cautions: readonly Caution[];
  readonly tools: readonly Tool[];
  readonly people: number;
  /** what people with some practice take, h */
  readonly hours: readonly [least: number, most: number];
  /** what of the trailer is drawn with it */
  readonly drawing: 'frame' | 'side' | null;
  /** the frame lies upside down then, and is drawn so */
  readonly upsideDown: boolean;
  readonly page?: WorkPage;
}
