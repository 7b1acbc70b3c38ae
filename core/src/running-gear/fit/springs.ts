import { concluding, given, minus, plus, workedOut, type Verdict } from '../../findings/index.js';
import type { Trailer } from '../../project/index.js';
import { commonPractice, computedBy, publishedSure } from '../../source.js';
import { flatLengthM, wheelRateNPerM } from '../../suspension/index.js';
import { inches } from '../../units/index.js';
import { wantedSpacingM } from '../hangers.js';
import type { RideHeights } from '../heights.js';
import { type FitFinding, type FitFindingData, m, plain } from './data.js';

/** Laden 1.6 to 2.3 Hz is the aim, empty up to 3.5 Hz (common practice); laden it is called soft or harsh only some way outside of that. */
const BOUNCE = { soft: 1.4, good: 2.6, emptyHarsh: 3.5 } as const;

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
      {
        ...plain,
        code: 'ride-bounce',
        data: { hz, empty: isEmpty, judged },
        verdict: judged === 'good' ? 'ok' : 'tight',
        caseId: ride.caseId,
        counts: false,
        working: [given('spring-rate', rate, 'rate'), given('spring-gives', ride.sprungWheelN / rate, 'length')],
        source: publishedSure(
          'f = √(k ÷ m) ÷ 2π; the aim, laden 1.6 to 2.3 Hz and empty up to 3.5 Hz, and the 1.4 to 2.6 Hz judged good are common practice',
        ),
      },
    ];
  });
};

/** Further than this from upright a shackle wanders; nearer it can go over (common practice, 10 to 60°). */
const LEAN = { least: (8 * Math.PI) / 180, most: (60 * Math.PI) / 180 } as const;

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
  const spacing: FitFinding = {
    ...plain,
    code: 'hanger-spacing',
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
    source: commonPractice(
      'eye to eye and shackle less 1/2 in; 3/8 in more than the spring laid flat, no more than 0.9 of the shackle beyond its eyes',
    ),
  };
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
    {
      ...plain,
      code: 'shackle-lean',
      data: { leanRad: worst.lean, caseId: worst.caseId },
      verdict,
      caseId: worst.caseId,
      source: computedBy('sin = (bolt to bolt − eye to eye under the load) ÷ shackle; 20 to 45° is common practice'),
    },
  ];
};
