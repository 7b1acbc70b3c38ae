import { finding, concluding, given, minus, plus, workedOut, type Verdict } from '../../findings/index.js';
import type { Trailer } from '../../project/index.js';
import { flatLengthM, wheelRateNPerM } from '../../suspension/index.js';
import { inches } from '../../units/index.js';
import { wantedSpacingM } from '../hangers.js';
import type { RideHeights } from '../heights.js';
import { type FitFinding, type FitFindingData, m, plain } from './data.js';
import { RULES, BOUNCE, LEAN } from '../rules.js';

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

export const shackleFindings = (trailer: Trailer, rides: readonly RideHeights[]): FitFinding[] => {
  const { suspension, layout } = trailer.runningGear;
  if (suspension.kind !== 'leaf') return [];
  const { spring, hangerSpacingM } = suspension;
  const wantedM = wantedSpacingM(trailer);
  const flatM = spring.kind === 'slipper' ? undefined : flatLengthM(spring);
  const equalised = layout === 'tandem-equaliser' || layout === 'triple-equaliser';
  const differs = wantedM !== undefined && Math.abs(wantedM - hangerSpacingM) > inches(1 / 8);
  const fault: FitFindingData['hanger-spacing']['fault'] = equalised
    ? 'none'
    : spring.kind === 'slipper'
      ? spring.slipperM === null
        ? 'slipper-unknown'
        : differs
          ? 'differs'
          : 'none'
      : hangerSpacingM < (flatM ?? 0) + inches(3 / 8)
        ? 'over-centre'
        : hangerSpacingM - spring.eyeToEyeM > 0.9 * spring.shackleM
          ? 'lies-down'
          : differs
            ? 'differs'
            : 'none';
  const verdicts: Readonly<Record<typeof fault, Verdict>> = {
    'over-centre': 'over',
    'lies-down': 'over',
    'slipper-unknown': 'open',
    differs: 'tight',
    none: 'ok',
  };
  const spacing: FitFinding = finding({
    ...plain,
    rule: RULES['hanger-spacing'],
    data: { saidM: hangerSpacingM, wantedM, flatM, fault },
    verdict: verdicts[fault],
    value: m(hangerSpacingM),
    limit: wantedM === undefined ? undefined : m(wantedM),
    working: [
      ...(flatM === undefined ? [] : [given('spring-flat', flatM, 'length')]),
      ...(wantedM === undefined || spring.kind === 'slipper'
        ? []
        : [
            concluding(
              workedOut(
                'hanger-spacing',
                minus(plus(m(spring.eyeToEyeM), m(spring.shackleM)), m(inches(0.5))),
                'length',
              ),
            ),
          ]),
    ],
  });
  if (equalised || spring.kind === 'slipper') return equalised ? [] : [spacing];
  const leans = rides.map(({ caseId, stack }) => ({ caseId, lean: stack.shackleRad }));
  const bad = leans.find(({ lean }) => lean === undefined);
  const worst =
    bad ??
    leans.reduce<(typeof leans)[number] | undefined>(
      (most, next) => (!most || (next.lean ?? 0) < (most.lean ?? 0) ? next : most),
      undefined,
    );
  if (!worst) return [spacing];
  const most = Math.max(...leans.map(({ lean }) => lean ?? 0));
  const verdict: Verdict =
    worst.lean === undefined || worst.lean < 0 ? 'over' : worst.lean < LEAN.least || most > LEAN.most ? 'tight' : 'ok';
  return [
    spacing,
    finding({
      ...plain,
      rule: RULES['shackle-lean'],
      data: { leanRad: worst.lean, caseId: worst.caseId },
      verdict,
      caseId: worst.caseId,
    }),
  ];
};
