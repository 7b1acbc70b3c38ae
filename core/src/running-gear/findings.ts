import { swingRatio, swingTravelM, swingWheelRate, wheelRateNPerM } from '../suspension/index.js';
import { axleWorking, type BalancedCase, bandShares } from '../balance/index.js';
import { PASSENGER_TIRE_DERATING } from '../catalog/index.js';
import {
  check,
  concluding,
  finding,
  given,
  type FindingOf,
  minus,
  over,
  plus,
  quantity,
  times,
  workedOut,
} from '../findings/index.js';
import { axlePlaces } from '../mass/index.js';
import { axleRatingKg, isDerated, tireLoadKg, towsOnRoad, type Trailer } from '../project/index.js';
import { massOfWeightKg } from '../units/index.js';
import { RULES, TIRE_RULE } from './rules.js';

export interface RunningGearFindingData {
  'no-axle': Record<string, never>;
  'axle-ahead-of-ball': Record<string, never>;
  'axle-off-bed': { readonly positionM: number; readonly bedM: number };
  'axle-load': { readonly axleId: string; readonly loadKg: number; readonly ratingKg: number | undefined };
  'tire-load': {
    readonly axleId: string;
    readonly side: 'left' | 'right';
    readonly loadKg: number;
    readonly allowedKg: number | undefined;
    readonly derated: boolean;
  };
  'wheel-load': { readonly loadKg: number; readonly allowedKg: number | undefined };
  /** `askedKg`: the most that any load or the plate puts on one axle */
  'tires-together': { readonly togetherKg: number; readonly ratingKg: number; readonly askedKg: number };
  'gross-against-axles': {
    readonly grossKg: number;
    readonly tongueShare: number;
    readonly demandKg: number;
    readonly ratingsKg: number | undefined;
  };
  'equaliser-needs-leaf': Record<string, never>;
  'walking-beam': Record<string, never>;
  /** share of critical damping; undefined where nobody has read the shock's */
  shocks: { readonly damping: number | undefined };
  'no-room-for-equaliser': { readonly spacingM: number; readonly springM: number };
  /** what a swing arm makes of its unit; upside down: it points up before it is loaded */
  'swing-arm': {
    readonly ratio: number;
    readonly travelM: number;
    /** given under the heaviest load that is towed; undefined where the unit's rate is not known */
    readonly givesM: number | undefined;
    /** share of critical damping; undefined without a damper that is known */
    readonly damping: number | undefined;
    readonly upsideDown: boolean;
  };
  'torsion-belief': Record<string, never>;
}
export type RunningGearFinding = FindingOf<RunningGearFindingData>;

interface Worst {
  readonly balanced: BalancedCase;
  readonly axleIndex: number;
  readonly loadN: number;
}

/** The case that puts most on something, by what `load` reads off each axle. */
const worstBy = (
  cases: readonly BalancedCase[],
  axleIndex: number,
  load: (axle: { loadN: number; leftN: number; rightN: number }) => number,
): Worst | undefined => {
  let worst: Worst | undefined;
  for (const balanced of cases) {
    const axle = balanced.standing?.axles[axleIndex];
    if (axle && (!worst || load(axle) > worst.loadN)) worst = { balanced, axleIndex, loadN: load(axle) };
  }
  return worst;
};

const mass = (kg: number) => quantity(kg, 'mass');
const upTo = (kg: number | null | undefined) => (kg === null || kg === undefined ? undefined : mass(kg));

const axleLoads = (trailer: Trailer, cases: readonly BalancedCase[]): RunningGearFinding[] =>
  axlePlaces(trailer).flatMap(({ id }, axleIndex): RunningGearFinding[] => {
    const worst = worstBy(cases, axleIndex, ({ loadN }) => loadN);
    if (!worst) return [];
    const loadKg = massOfWeightKg(worst.loadN);
    const ratingKg = axleRatingKg(trailer.runningGear) ?? undefined;
    return [
      check({
        rule: RULES['axle-load'],
        data: { axleId: id, loadKg, ratingKg },
        step: 'axle',
        subject: id,
        caseId: worst.balanced.loadCase.id,
        asked: mass(loadKg),
        allowed: upTo(ratingKg),
        share: 'share-of-rating',
        working: axleWorking(worst.balanced, axleIndex),
      }),
    ];
  });

/** The heaviest wheel of all cases and axles. */
const heaviestWheel = (trailer: Trailer, cases: readonly BalancedCase[]) => {
  const wheels = axlePlaces(trailer).flatMap((_, axleIndex) =>
    (['left', 'right'] as const).flatMap((side) => {
      const worst = worstBy(cases, axleIndex, ({ leftN, rightN }) => (side === 'left' ? leftN : rightN));
      return worst ? [{ ...worst, side }] : [];
    }),
  );
  return wheels.reduce<(typeof wheels)[number] | undefined>(
    (worst, next) => (!worst || next.loadN > worst.loadN + 1e-9 ? next : worst),
    undefined,
  );
};

const wheelLoads = (trailer: Trailer, cases: readonly BalancedCase[]): RunningGearFinding[] => {
  const worst = heaviestWheel(trailer, cases);
  const axle = worst?.balanced.standing?.axles[worst.axleIndex];
  if (!worst || !axle) return [];
  const loadKg = massOfWeightKg(worst.loadN);
  const axleKg = massOfWeightKg(axle.loadN);
  const shiftKg = loadKg - axleKg / 2;
  const { tire, wheel } = trailer.runningGear;
  const wheelLine = workedOut('wheel-load', plus(over(mass(axleKg), quantity(2, 'number')), mass(shiftKg)), 'mass');
  const derated = isDerated(trailer);
  const derating =
    derated && tire.maxLoadKg !== null
      ? [workedOut('derated-load', over(mass(tire.maxLoadKg), quantity(PASSENGER_TIRE_DERATING, 'number')), 'mass')]
      : [];
  const common = {
    step: 'axle',
    subject: axle.id,
    caseId: worst.balanced.loadCase.id,
    asked: mass(loadKg),
    share: 'share-of-rating',
  } as const;
  const allowedKg = tireLoadKg(trailer);
  const wheelKg = wheel.maxLoadKg ?? undefined;
  return [
    check({
      ...common,
      rule: RULES['tire-load'],
      data: { axleId: axle.id, side: worst.side, loadKg, allowedKg, derated },
      allowed: upTo(allowedKg),
      working: [wheelLine, ...derating],
      ...(derated ? { source: TIRE_RULE } : {}),
    }),
    check({
      ...common,
      rule: RULES['wheel-load'],
      data: { loadKg, allowedKg: wheelKg },
      allowed: upTo(wheelKg),
      working: [wheelLine],
    }),
  ];
};

/** The most that any towed load, or the plate, puts on one axle. */
const mostOnAxleKg = (trailer: Trailer, cases: readonly BalancedCase[]): number => {
  const loads = cases.flatMap(({ standing }) => (standing?.axles ?? []).map(({ loadN }) => massOfWeightKg(loadN)));
  const { ratedGrossKg, tongueBand } = trailer;
  const plateKg =
    ratedGrossKg === null
      ? 0
      : (ratedGrossKg * (1 - bandShares({ band: tongueBand, massKg: ratedGrossKg }).minShare)) /
        Math.max(axlePlaces(trailer).length, 1);
  return Math.max(plateKg, ...loads);
};

const tiresTogether = (trailer: Trailer, cases: readonly BalancedCase[]): RunningGearFinding[] => {
  const allowedKg = tireLoadKg(trailer);
  const { ratingKg } = trailer.runningGear.axle;
  // A rule of the road: nobody writes a plate for a cart in a yard.
  if (allowedKg === undefined || ratingKg === null || !towsOnRoad(trailer)) return [];
  const line = workedOut('tires-together', times(quantity(2, 'number'), mass(allowedKg)), 'mass');
  const togetherKg = 2 * allowedKg;
  const askedKg = mostOnAxleKg(trailer, cases);
  return [
    finding({
      rule: RULES['tires-together'],
      data: { togetherKg, ratingKg, askedKg },
      // A stronger axle than its tires is no fault: the axle counts, and is written on the plate, for what its tires carry.
      verdict: togetherKg >= ratingKg ? 'ok' : togetherKg >= askedKg ? 'tight' : 'over',
      step: 'axle',
      subject: 'axle.1',
      counts: true,
      value: mass(togetherKg),
      limit: mass(ratingKg),
      working: [line, concluding(workedOut('spare', minus(mass(togetherKg), mass(ratingKg)), 'mass'))],
    }),
  ];
};

/** What the plate allows, less the lightest tongue of the band, must be within the axles' ratings together. */
const plateOnAxles = (trailer: Trailer): RunningGearFinding[] => {
  const grossKg = trailer.ratedGrossKg;
  if (grossKg === null) return [];
  const tongueShare = bandShares({ band: trailer.tongueBand, massKg: grossKg }).minShare;
  const line = workedOut(
    'axle-group-load',
    minus(mass(grossKg), times(mass(grossKg), quantity(tongueShare, 'percent'))),
    'mass',
  );
  const demandKg = line.result.value;
  const { ratingKg } = trailer.runningGear.axle;
  const ratingsKg = ratingKg === null ? undefined : ratingKg * axlePlaces(trailer).length;
  return [
    check({
      rule: RULES['gross-against-axles'],
      data: { grossKg, tongueShare, demandKg, ratingsKg },
      step: 'axle',
      subject: 'axle.1',
      asked: mass(demandKg),
      allowed: upTo(ratingsKg),
      share: 'share-of-rating',
      working: [line],
    }),
  ];
};

const plain = { subject: 'axle.1', step: 'axle' } as const;

/** Heaviest that the springs of one wheel carry in any load that is towed, N. */
const heaviestSprungN = (cases: readonly BalancedCase[]): number =>
  Math.max(
    0,
    ...cases
      .filter(({ loadCase }) => loadCase.mode === 'towed')
      .flatMap(({ standing }) => (standing?.axles ?? []).map(({ sprungN }) => sprungN / 2)),
  );

/** Damping as a share of what stops a swing at once, c ÷ (2·√(k·m)); undefined where nothing springs or weighs. */
const dampedShare = (dampingNsPerM: number, rate: number | undefined, sprungN: number): number | undefined =>
  rate === undefined || sprungN <= 0 ? undefined : dampingNsPerM / (2 * Math.sqrt(rate * massOfWeightKg(sprungN)));

/** Below this share a bump is felt several times, above that a wheel hangs back: the whole of it stops it at once. */
const DAMPED = { least: 0.1, most: 1 } as const;

const shocks = (trailer: Trailer, cases: readonly BalancedCase[]): RunningGearFinding[] => {
  const { kind, shocks: fitted } = trailer.runningGear.suspension;
  if (!fitted || (kind !== 'leaf' && kind !== 'torsion')) return [];
  const { dampingNsPerM } = fitted;
  const damping =
    dampingNsPerM === null ? undefined : dampedShare(dampingNsPerM, wheelRateNPerM(trailer), heaviestSprungN(cases));
  const off = damping !== undefined && (damping < DAMPED.least || damping > DAMPED.most);
  return [
    finding({
      ...plain,
      rule: RULES.shocks,
      data: { damping },
      verdict: off ? 'tight' : 'ok',
      counts: damping !== undefined,
      value: damping === undefined ? undefined : quantity(damping, 'percent'),
      working: damping === undefined ? [] : [given('damped-share', damping, 'percent')],
    }),
  ];
};

const swingArm = (trailer: Trailer, cases: readonly BalancedCase[]): RunningGearFinding => {
  const { swing } = trailer.runningGear.suspension;
  const ratio = swingRatio(swing);
  const travelM = swingTravelM(swing);
  const rate = swingWheelRate(swing);
  const sprungN = heaviestSprungN(cases);
  const givesM = rate === undefined ? undefined : sprungN / rate;
  const damping =
    swing.dampingNsPerM === null ? undefined : dampedShare(swing.dampingNsPerM * ratio ** 2, rate, sprungN);
  const upsideDown = swing.startAngleRad <= 0;
  const m = (value: number) => quantity(value, 'length');
  return finding({
    ...plain,
    rule: RULES['swing-arm'],
    data: { ratio, travelM, givesM, damping, upsideDown },
    verdict:
      upsideDown || (givesM !== undefined && givesM > travelM)
        ? 'over'
        : givesM === undefined
          ? 'open'
          : givesM > SETTLED_SHARE * travelM
            ? 'tight'
            : 'ok',
    counts: true,
    value: givesM === undefined ? undefined : m(givesM),
    limit: m(travelM),
    working: [
      workedOut('swing-ratio', over(m(swing.unitAtM * Math.cos(swing.unitLeanRad)), m(swing.armLengthM)), 'percent'),
      concluding(workedOut('wheel-travel', over(m(swing.unitTravelM), quantity(ratio, 'number')), 'length')),
    ],
  });
};

/** Standing, a unit uses no more of its travel than this, or bumps meet the stop (common practice: a third is sag). */
const SETTLED_SHARE = 0.5;

const misfits = (trailer: Trailer, cases: readonly BalancedCase[]): RunningGearFinding[] => {
  const { layout, suspension, spacingM, positionM } = trailer.runningGear;
  const findings: RunningGearFinding[] = [];
  const bedM = trailer.frame.bed.lengthM;
  if (positionM < 0 || positionM > bedM) {
    findings.push(
      finding({
        ...plain,
        rule: RULES['axle-off-bed'],
        data: { positionM, bedM },
        verdict: 'over',
        value: quantity(positionM, 'length'),
        limit: quantity(bedM, 'length'),
      }),
    );
  }
  if (suspension.kind === 'walking-beam' && layout !== 'tandem-equaliser')
    findings.push(finding({ ...plain, rule: RULES['walking-beam'], data: {}, verdict: 'over' }));
  if (layout === 'tandem-equaliser' && suspension.kind !== 'leaf' && suspension.kind !== 'walking-beam') {
    findings.push(finding({ ...plain, rule: RULES['equaliser-needs-leaf'], data: {}, verdict: 'over' }));
  }
  if (layout === 'tandem-equaliser' && suspension.kind === 'leaf' && spacingM <= suspension.hangerSpacingM) {
    findings.push(
      finding({
        ...plain,
        rule: RULES['no-room-for-equaliser'],
        data: { spacingM, springM: suspension.hangerSpacingM },
        verdict: 'over',
      }),
    );
  }
  if (suspension.kind === 'swing-arm') findings.push(swingArm(trailer, cases));
  findings.push(...shocks(trailer, cases));
  if (suspension.kind === 'torsion') {
    findings.push(
      finding({
        ...plain,
        rule: RULES['torsion-belief'],
        data: {},
        verdict: 'ok',
        counts: false,
      }),
    );
  }
  return findings;
};

export const runningGearFindings = (
  trailer: Trailer,
  cases: readonly BalancedCase[],
  ballXM: number,
): RunningGearFinding[] => {
  if (trailer.runningGear.layout === 'none')
    return [finding({ ...plain, rule: RULES['no-axle'], data: {}, verdict: 'open' })];
  const first = axlePlaces(trailer)[0];
  if (first && first.xM <= ballXM)
    return [finding({ ...plain, rule: RULES['axle-ahead-of-ball'], data: {}, verdict: 'over' })];
  return [
    ...axleLoads(trailer, cases),
    ...wheelLoads(trailer, cases),
    ...tiresTogether(trailer, cases),
    ...plateOnAxles(trailer),
    ...misfits(trailer, cases),
  ];
};
