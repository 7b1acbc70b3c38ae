import {
  concluding,
  type Expression,
  given,
  over,
  plus,
  quantity,
  type QuantityKind,
  times,
  type WorkingLabel,
  type WorkingLine,
  workedOut,
} from '../../findings/index.js';
import { TWIST_COUNTS_FROM } from '../resistance/memberResistance.js';
import type {
  BoltResult,
  FatigueResult,
  FrameDeflection,
  Governing,
  HangerResult,
  HoleResult,
  WallResult,
  WeldResult,
} from './analysis.js';

/** Shares below this are left out of the lines, not out of the sum. */
const share = (label: WorkingLabel, demand: number, borne: number, kind: QuantityKind): WorkingLine =>
  workedOut(label, over(quantity(Math.abs(demand), kind), quantity(borne, kind)), 'percent');

const square = (expression: Expression): Expression => times(expression, expression);

/** Shear of both directions together. */
const shearLine = (governing: Governing): WorkingLine => given('share-shear', governing.utilisation.shear, 'percent');

/** H3-6 as a share that grows with the load: so many times less of everything, and straight part and square of the turning part make one. */
const twistedLines = (straight: Expression, turning: Expression, share: number): WorkingLine[] => {
  const [a, s] = [workedOut('share-straight', straight, 'percent'), workedOut('share-turning', turning, 'percent')];
  const worksAt = quantity(share, 'percent');
  return [
    a,
    s,
    workedOut(
      'fits-at',
      plus(
        over(quantity(a.result.value, 'percent'), worksAt),
        square(over(quantity(s.result.value, 'percent'), worksAt)),
      ),
      'percent',
    ),
    concluding(given('works-at', share, 'percent')),
  ];
};

/** How the ends of a bar on thin walls were taken, and what it would be on hinges and built in. */
const endLines = ({ bounds }: Governing): WorkingLine[] =>
  bounds
    ? [
        given('end-bends', bounds.endNm, 'moment'),
        given('end-built-in', bounds.rigidEndNm, 'moment'),
        given('hinges-add', bounds.hingedAddsNm, 'moment'),
        given(bounds.known ? 'wall-folds-at' : 'end-guessed', bounds.foldsAtNm, 'moment'),
        ...(bounds.codeNm === undefined ? [] : [given('wall-by-code', bounds.codeNm, 'moment')]),
      ]
    : [];

const allowableLines = (governing: Governing): WorkingLine[] => {
  const { inner, resistance: r, utilisation: u } = governing;
  const axialBorne = inner.n >= 0 ? r.tension.value : r.compression.value;
  const lines = [
    share('share-along', inner.n, axialBorne, 'force'),
    share('share-upright', inner.my, r.bendingY.value, 'moment'),
    share('share-sideways', inner.mz, r.bendingZ.value, 'moment'),
    shearLine(governing),
  ];
  const [along, upright, sideways] = lines.map(({ result }) => quantity(result.value, 'percent')) as [
    Expression,
    Expression,
    Expression,
  ];
  const shear = quantity(u.shear, 'percent');
  const twist = quantity(u.twist, 'percent');
  const bending = plus(upright, sideways);
  const normal =
    u.axial >= 0.2
      ? plus(along, times(over(quantity(8, 'number'), quantity(9, 'number')), bending))
      : plus(over(along, quantity(2, 'number')), bending);
  if (r.torsion) {
    const twistLine = share('share-twist', inner.t, r.torsion.value, 'moment');
    if (u.twist > TWIST_COUNTS_FROM) {
      return [...lines, twistLine, ...twistedLines(plus(along, bending), plus(shear, twist), u.value)];
    }
    return [...lines, concluding(workedOut('works-at', u.rule === 'shear' ? shear : normal, 'percent'))];
  }
  return [...lines, given('share-twist', u.twist, 'percent'), concluding(given('works-at', u.value, 'percent'))];
};

const yieldLines = ({
  inner: all,
  resistance: { section, yieldPa, pieces },
  utilisation: u,
}: Governing): WorkingLine[] => {
  const inner = { n: all.n / pieces, my: all.my / pieces, mz: all.mz / pieces };
  const sum = plus(
    plus(
      over(quantity(Math.abs(inner.n), 'force'), quantity(section.areaM2, 'area')),
      over(quantity(Math.abs(inner.my), 'moment'), quantity(Math.min(section.syTopM3, section.syBottomM3), 'modulus')),
    ),
    over(quantity(Math.abs(inner.mz), 'moment'), quantity(Math.min(section.szLeftM3, section.szRightM3), 'modulus')),
  );
  const pull = workedOut('pulls-at', sum, 'stress');
  const pullShare = workedOut(
    'share-along',
    over(quantity(pull.result.value, 'stress'), quantity(yieldPa, 'stress')),
    'percent',
  );
  return [
    pull,
    pullShare,
    given('share-shear', u.shear + u.twist, 'percent'),
    workedOut(
      'share-squared',
      plus(
        square(quantity(pullShare.result.value, 'percent')),
        times(quantity(3, 'number'), square(quantity(u.shear + u.twist, 'percent'))),
      ),
      'percent',
    ),
    concluding(given('share-root', u.value, 'percent')),
  ];
};

/** Shops count the load standing still and take a plain factor on yield; 4 is their usual one, 3 to 5 the range. */
const SHOP_FACTOR = 4;

/** The plain-factor school beside the one that governs: never mixed, only shown. */
const shopLines = (standing: Governing | undefined): WorkingLine[] => {
  if (!standing) return [];
  const { inner, resistance } = standing;
  const { section, yieldPa, pieces } = resistance;
  const stress =
    (Math.abs(inner.n) / section.areaM2 +
      Math.abs(inner.my) / Math.min(section.syTopM3, section.syBottomM3) +
      Math.abs(inner.mz) / Math.min(section.szLeftM3, section.szRightM3)) /
    pieces;
  return [
    given('standing-stress', stress, 'stress'),
    workedOut(
      'shop-rule',
      over(times(quantity(stress, 'stress'), quantity(SHOP_FACTOR, 'number')), quantity(yieldPa, 'stress')),
      'percent',
    ),
  ];
};

export const memberLines = (governing: Governing, standing: Governing | undefined): WorkingLine[] => {
  const { inner } = governing;
  return [
    given('along-bar', inner.n, 'force'),
    given('bends-upright', Math.abs(inner.my), 'moment'),
    given('bends-sideways', Math.abs(inner.mz), 'moment'),
    given('shears', Math.hypot(inner.vy, inner.vz), 'force'),
    given('twists', Math.abs(inner.t), 'moment'),
    ...(governing.utilisation.rule === 'yield' ? yieldLines(governing) : allowableLines(governing)),
    ...endLines(governing),
    ...shopLines(standing),
  ];
};

const ratio = (demand: number, borne: number, kind: QuantityKind): WorkingLine =>
  concluding(workedOut('works-at', over(quantity(demand, kind), quantity(borne, kind)), 'percent'));

export const weldLines = ({ legM, force, strength, by, wallM }: WeldResult): WorkingLine[] => {
  const [demand, borne] =
    by === 'weld-metal' ? [force.perLengthNM, strength.weldNM] : [force.shearNM, strength.baseShearNM];
  return [
    by === 'weld-metal' ? given('weld-leg', legM, 'length') : given('wall-bears', wallM, 'length'),
    given('weld-force', demand, 'force-per-length'),
    given('weld-bears', borne, 'force-per-length'),
    ratio(demand, borne, 'force-per-length'),
  ];
};

export const hangerLines = ({ forceN, strengthN }: HangerResult): WorkingLine[] => [
  given('hanger-pushes', Math.abs(forceN), 'force'),
  ratio(Math.abs(forceN), strengthN, 'force'),
];

/** Push, and moments both ways, each by what the wall bears: a straight sum. */
export const wallLines = ({ wallM, load, strength, utilisation }: WallResult): WorkingLine[] => [
  given('wall-thick', wallM, 'length'),
  given('wall-pushed', load.pushN, 'force'),
  given('wall-bears-push', strength.pushN, 'force'),
  given('wall-turned-across', load.acrossNm, 'moment'),
  given('wall-bears-across', strength.acrossNm, 'moment'),
  given('wall-turned-along', load.alongNm, 'moment'),
  given('wall-bears-along', strength.alongNm, 'moment'),
  concluding(given('works-at', utilisation, 'percent')),
];

export const holeLines = ({ inner, net, stressPa, allowedPa }: HoleResult): WorkingLine[] => {
  if (!net) return [];
  const pulled = workedOut(
    'net-pulled',
    plus(
      plus(
        over(quantity(Math.abs(inner.n), 'force'), quantity(net.areaM2, 'area')),
        over(quantity(Math.abs(inner.my), 'moment'), quantity(net.modulusYM3, 'modulus')),
      ),
      over(quantity(Math.abs(inner.mz), 'moment'), quantity(net.modulusZM3, 'modulus')),
    ),
    'stress',
  );
  return [
    given('hole-leaves-area', net.areaM2, 'area'),
    given('hole-leaves-modulus', net.modulusYM3, 'modulus'),
    pulled,
    given('net-bears', allowedPa, 'stress'),
    ratio(stressPa, allowedPa, 'stress'),
  ];
};

export const boltLines = ({ forceN, strengthN }: BoltResult): WorkingLine[] => [
  given('bolts-pull', forceN, 'force'),
  given('bolts-bear', strengthN, 'force'),
  ratio(forceN, strengthN, 'force'),
];

export const deflectionLines = ({ byM, lengthM, divisor }: FrameDeflection): WorkingLine[] => {
  const limit = workedOut('allowed-bend', over(quantity(lengthM, 'length'), quantity(divisor, 'number')), 'length');
  return [
    given('bends-by', byM, 'length'),
    limit,
    concluding(
      workedOut('share-of-limit', over(quantity(byM, 'length'), quantity(limit.result.value, 'length')), 'percent'),
    ),
  ];
};

export const fatigueLines = ({ staticPa, yieldPa, rangePa, km }: FatigueResult): WorkingLine[] => [
  given('stress-standing', staticPa, 'stress'),
  given('yields-at', yieldPa, 'stress'),
  given('stress-range', rangePa, 'stress'),
  concluding(given('km-to-crack', km, 'kilometres')),
];
