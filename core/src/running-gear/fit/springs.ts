import { isIndependent } from '../../mass/index.js';
import { concluding, finding, given, minus, plus, quantity, type Verdict, workedOut } from '../../findings/index.js';
import type { Trailer } from '../../project/index.js';
import {
  archUnderM,
  clampLengthM,
  flatLengthM,
  leafRateNPerM,
  leafStressPa,
  type Spring,
  wheelRateNPerM,
} from '../../suspension/index.js';
import { inches } from '../../units/index.js';
import { shackleNeededM, spacingLimitsM, wantedSpacingM } from '../hangers.js';
import { loadedRide, type RideHeights } from '../heights.js';
import { BOUNCE, LEAF_STRESS_PA, LEAN, RULES } from '../rules.js';
import { type FitFinding, type FitFindingData, m, plain } from './data.js';

export const bounceFindings = (
  trailer: Trailer,
  loaded: RideHeights | undefined,
  empty: RideHeights | undefined,
): FitFinding[] => {
  const rate = wheelRateNPerM(trailer);
  return (
    [
      [loaded, false],
      [empty, true],
    ] as const
  ).flatMap(([ride, isEmpty]): FitFinding[] => {
    if (!ride || ride.bounceHz === undefined || rate === undefined || (isEmpty && ride === loaded)) return [];
    const hz = ride.bounceHz;
    const judged = hz > (isEmpty ? BOUNCE.emptyHarsh : BOUNCE.good) ? 'harsh' : hz < BOUNCE.soft ? 'soft' : 'good';
    return [
      finding({
        ...plain,
        rule: RULES['ride-bounce'],
        data: { hz, empty: isEmpty, judged },
        aspect: isEmpty ? 'empty' : 'laden',
        verdict: judged === 'good' ? 'ok' : 'tight',
        caseId: ride.caseId,
        counts: false,
        working: [given('spring-rate', rate, 'rate'), given('spring-gives', ride.sprungWheelN / rate, 'length')],
      }),
    ];
  });
};

type SpacingFault = FitFindingData['hanger-spacing']['fault'];

const SPACING_VERDICTS: Readonly<Record<SpacingFault, Verdict>> = {
  'shackle-short': 'over',
  'over-centre': 'over',
  'lies-down': 'over',
  'slipper-unknown': 'open',
  differs: 'tight',
  none: 'ok',
};

const spacingFault = (spring: Spring, saidM: number, wantedM: number | undefined): SpacingFault => {
  const differs = wantedM !== undefined && Math.abs(wantedM - saidM) > inches(1 / 8);
  if (spring.kind === 'slipper') return spring.slipperM === null ? 'slipper-unknown' : differs ? 'differs' : 'none';
  const { least, most } = spacingLimitsM(spring);
  if (least > most) return 'shackle-short';
  if (saidM < least - 1e-9) return 'over-centre';
  if (saidM > most + 1e-9) return 'lies-down';
  return differs ? 'differs' : 'none';
};

const spacingFinding = (trailer: Trailer, spring: Spring, saidM: number): FitFinding => {
  const wantedM = wantedSpacingM(trailer);
  const eyes = spring.kind === 'double-eye';
  const flatM = eyes ? flatLengthM(spring) : undefined;
  const fault = spacingFault(spring, saidM, wantedM);
  return finding({
    ...plain,
    rule: RULES['hanger-spacing'],
    data: {
      saidM,
      wantedM,
      flatM,
      fault,
      shackleM: fault === 'shackle-short' ? shackleNeededM(spring) : spring.shackleM,
    },
    verdict: SPACING_VERDICTS[fault],
    value: m(saidM),
    limit: wantedM === undefined ? undefined : m(wantedM),
    working: [
      ...(flatM === undefined ? [] : [given('spring-flat', flatM, 'length')]),
      ...(wantedM === undefined || !eyes
        ? []
        : [
            concluding(
              workedOut(
                'hanger-spacing',
                minus(plus(m(spring.eyeToEyeM), m(spring.shackleM)), m(spring.eyeToEyeM + spring.shackleM - wantedM)),
                'length',
              ),
            ),
          ]),
    ],
  });
};

interface Lean {
  readonly caseId: string;
  /** the eye nearer its axle than the bolt that the shackle hangs on +; undefined where it cannot reach */
  readonly leanRad: number | undefined;
}

/**
 * Shackles of a tandem hang on the equaliser's ends: sin = ((axle to axle − chord) − equaliser) ÷ 2 shackles. Nothing where nobody has
 * measured the equaliser.
 */
const equalisedLeans = ({ runningGear }: Trailer, rides: readonly RideHeights[]): Lean[] => {
  const { suspension, spacingM, layout } = runningGear;
  const { equaliserM, spring } = suspension;
  if (equaliserM === null || layout !== 'tandem-equaliser') return [];
  return rides.flatMap(({ caseId, stack: { chordM } }): Lean[] => {
    if (chordM === undefined) return [];
    const reach = (spacingM - chordM - equaliserM) / (2 * spring.shackleM);
    return [{ caseId, leanRad: Math.abs(reach) <= 1 ? Math.asin(reach) : undefined }];
  });
};

const leanFinding = (leans: readonly Lean[]): FitFinding[] => {
  const by = (better: (a: number, b: number) => boolean): Lean | undefined =>
    leans.reduce<Lean | undefined>(
      (best, next) => (!best || better(next.leanRad ?? 0, best.leanRad ?? 0) ? next : best),
      undefined,
    );
  const bad = leans.find(({ leanRad }) => leanRad === undefined);
  const [least, most] = [bad ?? by((a, b) => a < b), by((a, b) => a > b)];
  if (!least || !most) return [];
  const verdict: Verdict =
    least.leanRad === undefined || least.leanRad < 0
      ? 'over'
      : least.leanRad < LEAN.least || (most.leanRad ?? 0) > LEAN.most
        ? 'tight'
        : 'ok';
  return [
    finding({
      ...plain,
      rule: RULES['shackle-lean'],
      data: {
        leanRad: least.leanRad,
        caseId: least.caseId,
        mostRad: most.caseId === least.caseId ? undefined : most.leanRad,
        mostCaseId: most.caseId,
      },
      verdict,
      caseId: least.caseId,
    }),
  ];
};

/** What the leaves feel and what arch is left under the load that presses them most. */
const leafFinding = (trailer: Trailer, spring: Spring, rides: readonly RideHeights[]): FitFinding[] => {
  const ride = loadedRide(rides);
  if (!ride) return [];
  const clampM = clampLengthM(trailer.runningGear.axle.tubeDiameterM);
  const stressPa = leafStressPa(spring, ride.sprungWheelN, clampM);
  const archM = archUnderM(spring, ride.sprungWheelN, clampM);
  const fault = stressPa > LEAF_STRESS_PA ? 'stress' : archM < 0 ? 'flat' : 'none';
  return [
    finding({
      ...plain,
      rule: RULES['leaf-stress'],
      data: { stressPa, mostPa: LEAF_STRESS_PA, archM, fault },
      verdict: fault === 'none' ? 'ok' : 'tight',
      caseId: ride.caseId,
      value: quantity(stressPa, 'stress'),
      limit: quantity(LEAF_STRESS_PA, 'stress'),
      working: [
        given('spring-rate', leafRateNPerM(spring, clampM), 'rate'),
        concluding(given('arch-left', archM, 'length')),
      ],
    }),
  ];
};

/** Distance of the hanger bolts, lean of the shackles, and what the leaves feel; on an equaliser the bolts follow from the axles. */
export const shackleFindings = (trailer: Trailer, rides: readonly RideHeights[]): FitFinding[] => {
  const { suspension } = trailer.runningGear;
  if (suspension.kind !== 'leaf') return [];
  const { spring, hangerSpacingM } = suspension;
  const leaves = leafFinding(trailer, spring, rides);
  const eyes = spring.kind === 'double-eye';
  if (trailer.runningGear.layout !== 'single' && !isIndependent(trailer))
    return [...leaves, ...(eyes ? leanFinding(equalisedLeans(trailer, rides)) : [])];
  const spacing = spacingFinding(trailer, spring, hangerSpacingM);
  // Bolts that no shackle reaches are said once.
  const reaches = spacing.verdict !== 'over';
  const leans = rides.map(({ caseId, stack }) => ({ caseId, leanRad: stack.shackleRad }));
  return [...leaves, spacing, ...(eyes && reaches ? leanFinding(leans) : [])];
};
