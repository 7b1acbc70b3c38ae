/** What a printed number is, which decides its unit in each system; values are SI. `load` is a force told by the mass it weighs. */
export type QuantityKind =
  | 'mass'
  | 'load'
  | 'length'
  | 'arm'
  | 'force'
  | 'moment'
  | 'modulus'
  | 'area'
  | 'stress'
  | 'percent'
  | 'force-per-length'
  | 'rate'
  | 'kilometres'
  | 'number';

export interface Measured {
  readonly value: number;
  readonly kind: QuantityKind;
}

/** A line of arithmetic as it will be printed; operands in SI. */
export type Expression =
  | Measured
  | { readonly op: '+' | '−' | '×' | '÷'; readonly left: Expression; readonly right: Expression };

/** What a line of working is about; `wording/` holds the text. */
export type WorkingLabel =
  | 'whole-trailer'
  | 'balance-point-to-axle'
  | 'ball-to-axle'
  | 'tongue-load'
  | 'gate-down'
  | 'ramp-rises'
  | 'bed-tips-weight'
  | 'bed-ahead-of-pivot'
  | 'machine-tips-at'
  | 'tongue-share'
  | 'axle-group-load'
  | 'axle-load'
  | 'axle-own-weight'
  | 'share-of-rating'
  | 'share-of-limit'
  | 'wheel-load'
  | 'derated-load'
  | 'tires-together'
  | 'sixty-percent'
  | 'ball-lifts'
  | 'hanger-lifts'
  | 'bracket-couple'
  | 'frame-and-deck-press'
  | 'item-presses'
  | 'moment-standing'
  | 'moment-in-bump'
  | 'one-side-takes'
  | 'each-leg-takes'
  | 'slanted-leg'
  | 'tongue-bears'
  | 'metal-feels'
  | 'allowed'
  | 'works-at'
  | 'share-straight'
  | 'share-turning'
  | 'fits-at'
  | 'end-bends'
  | 'end-built-in'
  | 'hinges-add'
  | 'wall-folds-at'
  | 'end-guessed'
  | 'wall-by-code'
  | 'shear-feels'
  | 'allowed-bend'
  | 'overall-length'
  | 'overall-width'
  | 'spare'
  | 'along-bar'
  | 'bends-upright'
  | 'bends-sideways'
  | 'shears'
  | 'twists'
  | 'share-along'
  | 'share-upright'
  | 'share-sideways'
  | 'share-shear'
  | 'share-twist'
  | 'share-squared'
  | 'share-root'
  | 'pulls-at'
  | 'standing-stress'
  | 'shop-rule'
  | 'weld-leg'
  | 'weld-force'
  | 'seam-flow'
  | 'weld-bears'
  | 'mount-asks'
  | 'tube-slopes'
  | 'wheels-lean'
  | 'damped-share'
  | 'stitch-open'
  | 'stitch-open-most'
  | 'wall-bears'
  | 'hanger-pushes'
  | 'bolts-bear'
  | 'bolts-pull'
  | 'bends-by'
  | 'stress-standing'
  | 'stress-range'
  | 'km-to-crack'
  | 'turn-room'
  | 'stability-factor'
  | 'uneven'
  | 'gap-rest'
  | 'gap-bump'
  | 'hub-height'
  | 'arch-left'
  | 'rail-underside'
  | 'rail-top'
  | 'height-rest'
  | 'spring-rate'
  | 'swing-ratio'
  | 'wheel-travel'
  | 'spring-gives'
  | 'spring-flat'
  | 'hanger-spacing'
  | 'track-from-hub'
  | 'wheel-lever'
  | 'deck-span'
  | 'deck-thick'
  | 'deck-pressed'
  | 'deck-bears'
  | 'hole-leaves-area'
  | 'hole-leaves-modulus'
  | 'net-pulled'
  | 'net-bears'
  | 'straps-hold'
  | 'straps-must'
  | 'pin-bends'
  | 'pin-shear-share'
  | 'pin-bending-share'
  | 'bearing-share'
  | 'tear-out-share'
  | 'weld-share'
  | 'pin-pulls'
  | 'coupling-lifts'
  | 'pins-couple'
  | 'vehicle-weighs'
  | 'trailer-weighs'
  | 'd-value'
  | 'chain-spans'
  | 'chain-drops'
  | 'jack-needs'
  | 'jack-clears'
  | 'tongue-spare'
  | 'lane-outer'
  | 'lane-inner'
  | 'lane-swept'
  | 'lane-with-room'
  | 'off-level'
  | 'level-spread'
  | 'vehicle-rear'
  | 'vehicle-rear-loaded'
  | 'moment-rated'
  | 'yields-at'
  | 'wall-thick'
  | 'wall-pushed'
  | 'wall-bears-push'
  | 'wall-turned-across'
  | 'wall-bears-across'
  | 'wall-turned-along'
  | 'wall-bears-along'
  | 'stops-at'
  | 'axle-brakes'
  | 'axle-then-carries'
  | 'braking-adds';

export interface WorkingLine {
  readonly label: WorkingLabel;
  /** an item's or a case's own name, said with the label */
  readonly name?: string;
  /** absent where the line only states a given */
  readonly expression?: Expression;
  readonly result: Measured;
  /** the line that the ones above lead to */
  readonly concludes?: boolean;
}

export const quantity = (value: number, kind: QuantityKind): Measured => ({ value, kind });

const join =
  (op: '+' | '−' | '×' | '÷') =>
  (left: Expression, right: Expression): Expression => ({ op, left, right });
export const plus = join('+');
export const minus = join('−');
export const times = join('×');
export const over = join('÷');

/** Works an expression out; `leaf` says what each operand counts as, by default its own value. */
export const evaluateExpression = (
  expression: Expression,
  leaf: (operand: Measured) => number = ({ value }) => value,
): number => {
  if (!('op' in expression)) return leaf(expression);
  const left = evaluateExpression(expression.left, leaf);
  const right = evaluateExpression(expression.right, leaf);
  switch (expression.op) {
    case '+':
      return left + right;
    case '−':
      return left - right;
    case '×':
      return left * right;
    case '÷':
      return left / right;
  }
};

/** A given number, stated. */
export const given = (label: WorkingLabel, value: number, kind: QuantityKind, name?: string): WorkingLine => ({
  label,
  result: { value, kind },
  ...(name === undefined ? {} : { name }),
});

/** A line that works its result out from its own operands, so that the two can never part. */
export const workedOut = (
  label: WorkingLabel,
  expression: Expression,
  kind: QuantityKind,
  name?: string,
): WorkingLine => ({
  label,
  expression,
  result: { value: evaluateExpression(expression), kind },
  ...(name === undefined ? {} : { name }),
});

export const concluding = (line: WorkingLine): WorkingLine => ({ ...line, concludes: true });
