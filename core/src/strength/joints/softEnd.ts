import type { Member } from '../../chassis/index.js';
import type { Material } from '../../materials/index.js';
import { designShape, plasticProperties, type Shape } from '../../sections/index.js';
import { computedBy, type Source } from '../../source.js';
import { channelSizes } from '../resistance/steel.js';

/**
 * How the end of a bar gives where it is welded on a wall: stiffness against turning, what the wall bears before it folds, and how much
 * harder the weld's toe works than the bar. Fits of solid finite-element models of tube joints (own, general-purpose program: bricks, two
 * through each wall, the weld as a wedge; 43 joints): stiffness within −6 to +14 %, in plan −10 to +22 %, limit rms 6 %, stress rms 7 %.
 */
export const SOFT_END_SOURCE: Source = computedBy(
  'fit of solid finite-element models of tube joints: stiffness within −6 to +22 %, limit and stress within 7 % rms',
);

export interface SoftEnd {
  /** bending in the upright plane; the moment's vector lies along the wall */
  readonly uprightNmPerRad: number;
  /** bending in the level plane */
  readonly levelNmPerRad: number;
  /** upright moment at which the wall folds, N·m: the foot has moved 3 % of the wall's height */
  readonly limitNm: number;
  /** upright moment that a published rule gives the wall, N·m; undefined where that rule does not reach (bars nearly as high as the wall, open bars) */
  readonly codeNm: number | undefined;
  /** structural stress across the weld's toe ÷ the bar's own M/S; undefined where no model was done */
  readonly toe: { readonly wall: number; readonly bar: number } | undefined;
  /** within what the models cover; else a guess from them */
  readonly known: boolean;
}

interface Wall {
  readonly heightM: number;
  readonly widthM: number;
  readonly thickM: number;
  /** share of a closed tube's stiffness: models of channels gave 0.8, angles were not done (a guess) */
  readonly share: number;
}

const wallOf = (shape: Shape): Wall | undefined => {
  switch (shape.kind) {
    case 'rect-tube':
      return { heightM: shape.heightM, widthM: shape.widthM, thickM: shape.wallM, share: 1 };
    case 'channel':
    case 'bent-channel': {
      const { web, depthM, flangeM } = channelSizes(shape);
      return { heightM: depthM, widthM: flangeM, thickM: web, share: 0.8 };
    }
    case 'angle':
      return { heightM: shape.verticalLegM, widthM: shape.horizontalLegM, thickM: shape.thicknessM, share: 0.4 };
    case 'round-tube':
    case 'flat-bar':
      return undefined;
  }
};

const barOf = (shape: Shape): { readonly heightM: number; readonly widthM: number; readonly wallM: number } => {
  switch (shape.kind) {
    case 'rect-tube':
      return shape;
    case 'round-tube':
      return { heightM: shape.diameterM, widthM: shape.diameterM, wallM: shape.wallM };
    case 'angle':
      return { heightM: shape.verticalLegM, widthM: shape.horizontalLegM, wallM: shape.thicknessM };
    case 'channel':
    case 'bent-channel': {
      const { web, depthM, flangeM } = channelSizes(shape);
      return { heightM: depthM, widthM: flangeM, wallM: web };
    }
    case 'flat-bar':
      return { heightM: shape.heightM, widthM: shape.widthM, wallM: shape.widthM };
  }
};

/** From this share of the wall's height on a bar counts as being as high as it. */
const FULL_HEIGHT = 0.97;
/** The models go up to three quarters of the height; above, the limit is taken as there. */
const HIGHEST_FITTED = 0.75;

const weldedYieldPa = ({ family, yieldPa, weldedYieldPa: welded }: Material): number =>
  family === 'aluminum' ? (welded ?? yieldPa) : yieldPa;

const plasticMomentNm = ({ section, material, pieces }: Member): number => {
  const plastic = plasticProperties(designShape(section));
  return plastic.ok ? pieces * plastic.value.zyM3 * weldedYieldPa(material) : Number.POSITIVE_INFINITY;
};

/** Up to this share of the wall's height the rule holds. */
const CODE_REACHES = 0.85;

/**
 * Yield lines of the wall under a bar in the middle of it, nominal: AISC 360-16 K4.3, branch bent out of plane, β = h ÷ H:
 * M = Fy·t²·[b/2·(1 + β)/(1 − β) + √(2·H·h·(1 + β)/(1 − β))] (recalled).
 */
const codeMomentNm = (yieldPa: number, t: number, H: number, h: number, b: number): number => {
  const beta = h / H;
  const steep = (1 + beta) / (1 - beta);
  return yieldPa * t ** 2 * ((b / 2) * steep + Math.sqrt(2 * H * h * steep));
};

/** Where on the wall the bar's end sits. */
export interface EndPlace {
  /** the bar's top below the wall's, m */
  readonly topBelowM: number;
  /** at the sawn-off end of the bar that it is welded to, as a header on rails */
  readonly atOpenEnd: boolean;
}

/** How a bar's end gives on the wall of another; undefined where that is no wall (round tube, solid bar): rigid then. */
export const softEndOf = (on: Member, bar: Member, { topBelowM, atOpenEnd }: EndPlace): SoftEnd | undefined => {
  const wall = wallOf(designShape(on.section));
  if (!wall) return undefined;
  const end = barOf(designShape(bar.section));
  const { heightM: H, widthM: B, thickM: t, share } = wall;
  const E = on.material.elasticPa;
  const unit = E * t ** 3 * share;
  const b = Math.min(end.widthM * bar.pieces, 0.95 * H);
  const h = Math.min(end.heightM, H);
  const full = h / H >= FULL_HEIGHT;
  const fitted = 2.2 * (h / Math.max(H - h, 1e-3 * H)) ** 0.92 * (b / H) ** 0.3 * (H / t) ** 0.235;
  // How far it sits from the nearer of the wall's edges, of the way to its middle.
  const sunk = full ? 0 : Math.max(0, Math.min(topBelowM, H - h - topBelowM)) / ((H - h) / 2);
  const recessed = 1 + (0.2 + 1.2 * Math.max(0, h / H - 0.33)) * Math.min(1, sunk);
  const upright = full
    ? atOpenEnd
      ? 12.9
      : 26
    : Math.min(fitted * (atOpenEnd ? 0.65 : 1) * recessed, atOpenEnd ? 12.9 : 26);
  const planFitted = 0.527 * (b / H) ** 1.52 * (H / t) ** 1.58 * (H / B) ** -0.56;
  // Against the rail's top wall a bar is held by that wall's own plane; a little below it that is gone.
  const plan = full
    ? planFitted * (atOpenEnd ? 2.1 : 2.6)
    : planFitted * (atOpenEnd ? 0.64 : 1) * (1 - 0.7 * Math.min(1, Math.max(0, topBelowM) / (2 * t)));
  const ratio = Math.min(h / H, HIGHEST_FITTED);
  const limitNm = Math.min(
    6.16 * weldedYieldPa(on.material) * t ** 2 * h * (b / H) ** 0.39 * (ratio / (1 - ratio)) ** 0.12,
    plasticMomentNm(bar),
  );
  const tubes = designShape(on.section).kind === 'rect-tube' && designShape(bar.section).kind === 'rect-tube';
  const slender = H / t;
  const shape = (full ? 0.33 : 1) * slender ** 1.57;
  const toe = tubes
    ? {
        wall: 0.162 * shape * (end.wallM / t) ** 0.62 * (b / H) ** 0.39 * (h / H) ** 0.62,
        bar: 0.179 * shape * (end.wallM / t) ** -0.17 * (b / H) ** 0.45 * (h / H) ** 0.73,
      }
    : undefined;
  return {
    uprightNmPerRad: upright * unit,
    levelNmPerRad: plan * unit,
    limitNm,
    codeNm: tubes && h / H <= CODE_REACHES ? codeMomentNm(weldedYieldPa(on.material), t, H, h, end.widthM) : undefined,
    toe,
    known:
      tubes &&
      slender >= 15 &&
      slender <= 53 &&
      b / H >= 0.24 &&
      b / H <= 1 &&
      (full || h / H <= HIGHEST_FITTED + 0.01),
  };
};
