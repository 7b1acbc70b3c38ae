import type { BalancedCase } from '../balance/index.js';
import type { Chassis } from '../chassis/index.js';
import {
  concluding,
  type FindingOf,
  given,
  minus,
  over,
  plus,
  quantity,
  times,
  type Verdict,
  verdictOf,
  workedOut,
} from '../findings/index.js';
import type { Project } from '../project/index.js';
import { commonPractice, computedBy, publishedSure, publishedVerify } from '../source.js';
import { flatLengthM, wheelRateNPerM } from '../suspension/index.js';
import { inches, massOfWeightKg, millimetres } from '../units/index.js';
import { type AssemblyPart, weakestPart } from './assembly.js';
import { type Clearance, clearances, worstClearances } from './clearances.js';
import { wantedSpacingM } from './hangers.js';
import { type RideHeights, rideHeights } from './heights.js';
import { AXLE_BUMP, overhangM, tubeBending } from './homeBuilt.js';

export interface FitFindingData {
  clearance: Pick<Clearance, 'what' | 'restM' | 'bumpM' | 'wantedM'>;
  'ride-height': { readonly stackM: number; readonly saidM: number };
  'weakest-part': { readonly part: AssemblyPart; readonly ratingKg: number; readonly loadKg: number };
  'spring-load': { readonly loadKg: number; readonly ratingKg: number | undefined };
  'ride-bounce': { readonly hz: number; readonly empty: boolean; readonly judged: 'soft' | 'good' | 'harsh' };
  'shackle-lean': { readonly leanRad: number | undefined; readonly caseId: string };
  'hanger-spacing': {
    readonly saidM: number;
    readonly wantedM: number | undefined;
    readonly flatM: number | undefined;
    readonly fault: 'over-centre' | 'lies-down' | 'slipper-unknown' | 'differs' | 'none';
  };
  'studs-differ': {
    readonly hub: string;
    readonly other: string;
    readonly of: 'wheel' | 'tow-vehicle';
    readonly adapter: boolean;
  };
  'tire-on-rim': { readonly tireM: number; readonly wheelM: number };
  'tire-smaller-than-rim': { readonly diameterM: number; readonly rimM: number };
  'widths-differ': { readonly trackM: number; readonly fromHubM: number };
  'spring-longer-than-frame': { readonly springM: number; readonly bedM: number };
  'axle-overhang': { readonly overhangM: number };
  'home-built-axle': {
    readonly leverM: number;
    readonly staticPa: number;
    readonly bumpPa: number;
    readonly yieldPa: number;
  };
  'departure-angle': { readonly rad: number; readonly approachRad: number; readonly clearM: number };
  'ride-unknown': Record<string, never>;
}
export type FitFinding = FindingOf<FitFindingData>;

const plain = { step: 'axle', subject: 'axle.1', counts: true, working: [] } as const;
const m = (value: number) => quantity(value, 'length');

const clearanceFinding = ({ what, caseId, restM, bumpM, wantedM }: Clearance): FitFinding => {
  // Over and beside a tire the bump decides; between two tires nothing moves.
  const verdict: Verdict = bumpM < 0 ? 'over' : restM < wantedM - 1e-9 ? 'tight' : 'ok';
  return {
    ...plain,
    code: 'clearance',
    data: { what, restM, bumpM, wantedM },
    verdict,
    caseId,
    value: m(restM),
    limit: m(wantedM),
    working: [
      given('gap-rest', restM, 'length'),
      concluding(workedOut('gap-bump', minus(m(restM), m(restM - bumpM)), 'length')),
    ],
    source: commonPractice(
      'shop clearances about wheels: 1 in beside, 1-1/2 in on leaf springs, the travel and 1 in above',
    ),
  };
};

/** Half an inch off level, off the plan (common practice). */
const HEIGHT_OFF_M = inches(0.5);

/** The case that the height was written down for: the heaviest that is towed. */
const heaviest = (rides: readonly RideHeights[], cases: readonly BalancedCase[]): RideHeights | undefined => {
  const towed = cases.filter(({ loadCase }) => loadCase.mode === 'towed');
  const worst = towed.reduce<BalancedCase | undefined>(
    (most, next) => (!most || next.massKg > most.massKg ? next : most),
    undefined,
  );
  return rides.find(({ caseId }) => caseId === worst?.loadCase.id);
};
const lightest = (rides: readonly RideHeights[], cases: readonly BalancedCase[]): RideHeights | undefined => {
  const towed = cases.filter(({ loadCase }) => loadCase.mode === 'towed');
  const least = towed.reduce<BalancedCase | undefined>(
    (most, next) => (!most || next.massKg < most.massKg ? next : most),
    undefined,
  );
  return rides.find(({ caseId }) => caseId === least?.loadCase.id);
};

const heightFindings = (project: Project, loaded: RideHeights | undefined): FitFinding[] => {
  if (!loaded) return [];
  const saidM = project.runningGear.railTopHeightM;
  const findings: FitFinding[] = [
    {
      ...plain,
      code: 'ride-height',
      data: { stackM: loaded.railTopM, saidM },
      verdict: Math.abs(loaded.railTopM - saidM) > HEIGHT_OFF_M ? 'tight' : 'ok',
      caseId: loaded.caseId,
      value: m(loaded.railTopM),
      limit: m(saidM),
      working: [
        given('hub-height', loaded.stack.hubM, 'length'),
        ...(loaded.stack.archM === undefined ? [] : [given('arch-left', loaded.stack.archM, 'length')]),
        given('rail-underside', loaded.stack.railBottomM, 'length'),
        concluding(
          workedOut(
            'rail-top',
            plus(m(loaded.stack.railBottomM), m(loaded.railTopM - loaded.stack.railBottomM)),
            'length',
          ),
        ),
      ],
      source: computedBy('loaded radius, axle, seat, leaves, arch left, hanger, rail'),
    },
  ];
  if (loaded.departureRad !== undefined && loaded.approachRad !== undefined) {
    findings.push({
      ...plain,
      code: 'departure-angle',
      data: { rad: loaded.departureRad, approachRad: loaded.approachRad, clearM: loaded.clearM },
      verdict: 'ok',
      caseId: loaded.caseId,
      counts: false,
      source: computedBy('rear wheel’s foot to the rear lower edge'),
    });
  }
  return findings;
};

const ratingFindings = (project: Project, cases: readonly BalancedCase[]): FitFinding[] => {
  const worst = cases
    .flatMap(({ standing, loadCase }) => (standing?.axles ?? []).map((axle) => ({ ...axle, caseId: loadCase.id })))
    .reduce<{ loadN: number; sprungN: number; caseId: string } | undefined>(
      (most, next) => (!most || next.loadN > most.loadN ? next : most),
      undefined,
    );
  if (!worst) return [];
  const weakest = weakestPart(project);
  const loadKg = massOfWeightKg(worst.loadN);
  const findings: FitFinding[] = [];
  // Where the axle itself is the weakest, its own load says it all.
  if (weakest && weakest.part !== 'axle') {
    const share = weakest.ratingKg > 0 ? loadKg / weakest.ratingKg : Number.MAX_VALUE;
    findings.push({
      ...plain,
      code: 'weakest-part',
      data: { part: weakest.part, ratingKg: weakest.ratingKg, loadKg },
      verdict: verdictOf(share, 0.9),
      caseId: worst.caseId,
      utilisation: share,
      working: [
        concluding(
          workedOut('share-of-rating', over(quantity(loadKg, 'mass'), quantity(weakest.ratingKg, 'mass')), 'percent'),
        ),
      ],
      source: commonPractice('an assembly carries what its weakest part carries'),
    });
  }
  if (project.runningGear.suspension.kind === 'leaf') {
    const { ratingKg } = project.runningGear.suspension.spring;
    const sprungKg = massOfWeightKg(worst.sprungN) / 2;
    const share = ratingKg === null ? undefined : ratingKg > 0 ? sprungKg / ratingKg : Number.MAX_VALUE;
    findings.push({
      ...plain,
      code: 'spring-load',
      data: { loadKg: sprungKg, ratingKg: ratingKg ?? undefined },
      verdict: share === undefined ? 'open' : verdictOf(share, 0.95),
      caseId: worst.caseId,
      utilisation: share,
      working:
        ratingKg === null
          ? []
          : [
              concluding(
                workedOut('share-of-rating', over(quantity(sprungKg, 'mass'), quantity(ratingKg, 'mass')), 'percent'),
              ),
            ],
      source: commonPractice('two springs together at least the axle’s sprung load'),
    });
  }
  return findings;
};

/** Laden 1.6 to 2.3 Hz is the aim, empty up to 3.5 Hz (common practice); laden it is called soft or harsh only some way outside of that. */
const BOUNCE = { soft: 1.4, good: 2.6, emptyHarsh: 3.5 } as const;

const bounceFindings = (
  project: Project,
  loaded: RideHeights | undefined,
  empty: RideHeights | undefined,
): FitFinding[] => {
  const rate = wheelRateNPerM(project);
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

const shackleFindings = (project: Project, rides: readonly RideHeights[]): FitFinding[] => {
  const { suspension, layout } = project.runningGear;
  if (suspension.kind !== 'leaf') return [];
  const { spring, hangerSpacingM } = suspension;
  const wantedM = wantedSpacingM(project);
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

const fitFaults = (project: Project, chassis: Chassis): FitFinding[] => {
  const { axle, wheel, tire, suspension } = project.runningGear;
  const findings: FitFinding[] = [];
  const studs = axle.studCircle;
  const rule = commonPractice('wheel, hub and spare share one stud circle');
  if (studs !== '' && wheel.studCircle !== '' && wheel.studCircle !== studs) {
    findings.push({
      ...plain,
      code: 'studs-differ',
      data: { hub: studs, other: wheel.studCircle, of: 'wheel', adapter: wheel.adapterM > 0 },
      // An adapter makes two circles go together; whether it carries the load is its maker's to say.
      verdict: wheel.adapterM > 0 ? 'unchecked' : 'over',
      source: rule,
    });
  }
  const vehicle = project.towVehicle?.studCircle ?? '';
  if (studs !== '' && vehicle !== '' && vehicle !== studs) {
    findings.push({
      ...plain,
      code: 'studs-differ',
      data: { hub: studs, other: vehicle, of: 'tow-vehicle', adapter: false },
      verdict: 'unchecked',
      counts: false,
      source: rule,
    });
  }
  if (tire.rimM !== null && wheel.rimM !== null && Math.abs(tire.rimM - wheel.rimM) > millimetres(2)) {
    findings.push({
      ...plain,
      code: 'tire-on-rim',
      data: { tireM: tire.rimM, wheelM: wheel.rimM },
      verdict: 'over',
      source: commonPractice('a tire fits its own rim diameter only'),
    });
  }
  const rimM = tire.rimM ?? wheel.rimM;
  if (rimM !== null && tire.diameterM <= rimM) {
    findings.push({
      ...plain,
      code: 'tire-smaller-than-rim',
      data: { diameterM: tire.diameterM, rimM },
      verdict: 'over',
      source: computedBy('outside of the tire against its rim'),
    });
  }
  const fromHubM = axle.hubFaceM + 2 * wheel.adapterM - 2 * wheel.offsetM;
  if (Math.abs(fromHubM - suspension.trackM) > inches(1 / 8)) {
    findings.push({
      ...plain,
      code: 'widths-differ',
      data: { trackM: suspension.trackM, fromHubM },
      verdict: 'tight',
      value: m(suspension.trackM),
      limit: m(fromHubM),
      working: [
        concluding(
          workedOut(
            'track-from-hub',
            plus(m(axle.hubFaceM), times(quantity(2, 'number'), minus(m(wheel.adapterM), m(wheel.offsetM)))),
            'length',
          ),
        ),
      ],
      source: computedBy('wheel middle to wheel middle = hub face to hub face − 2 × offset'),
    });
  }
  if (suspension.kind === 'leaf' && suspension.hangerSpacingM > project.frame.bed.lengthM) {
    findings.push({
      ...plain,
      code: 'spring-longer-than-frame',
      data: { springM: suspension.hangerSpacingM, bedM: project.frame.bed.lengthM },
      verdict: 'over',
      source: computedBy('bolt to bolt against the rails'),
    });
  }
  const overhang = overhangM(project, chassis.railWidthM);
  if (suspension.kind === 'leaf' && overhang > inches(8.5) + 1e-6) {
    findings.push({
      ...plain,
      code: 'axle-overhang',
      data: { overhangM: overhang },
      verdict: overhang > inches(10) ? 'over' : 'tight',
      value: m(overhang),
      limit: m(inches(8.5)),
      source: commonPractice(
        'axle ratings hold to about 8-1/2 in from spring to wheel, never more than 10 in without its maker',
      ),
    });
  }
  return findings;
};

const homeBuilt = (project: Project, chassis: Chassis, cases: readonly BalancedCase[]): FitFinding[] => {
  const { axle } = project.runningGear;
  if (!axle.homeBuilt) return [];
  const wheelKg = Math.max(
    0,
    ...cases.flatMap(({ standing }) =>
      (standing?.axles ?? []).flatMap(({ leftN, rightN }) => [massOfWeightKg(leftN), massOfWeightKg(rightN)]),
    ),
  );
  const leverM = Math.max(0, overhangM(project, chassis.railWidthM));
  const { wallM, yieldPa } = axle.homeBuilt;
  const bent = tubeBending(axle.tubeDiameterM, wallM, wheelKg, leverM);
  const moment = workedOut('moment-standing', times(quantity(bent.wheelN, 'force'), quantity(leverM, 'arm')), 'moment');
  const feels = workedOut(
    'metal-feels',
    times(
      over(quantity(moment.result.value, 'moment'), quantity(bent.modulusM3, 'modulus')),
      quantity(AXLE_BUMP, 'number'),
    ),
    'stress',
  );
  return [
    {
      ...plain,
      code: 'home-built-axle',
      data: { leverM, staticPa: bent.staticPa, bumpPa: bent.bumpPa, yieldPa },
      verdict: 'unchecked',
      working: [
        given('wheel-lever', leverM, 'length'),
        moment,
        feels,
        concluding(
          workedOut('works-at', over(quantity(feels.result.value, 'stress'), quantity(yieldPa, 'stress')), 'percent'),
        ),
      ],
      source: publishedVerify(
        'bending of a round tube, M ÷ S, in a bump of 2.5; spindles, hubs and their welds are their makers’',
      ),
    },
  ];
};

/** Heights, clearances, springs, hangers and whether the parts go together, at every load. */
export const fitFindings = (project: Project, chassis: Chassis, cases: readonly BalancedCase[]): FitFinding[] => {
  if (project.runningGear.layout === 'none') return [];
  const rides = rideHeights(project, chassis, cases);
  const loaded = heaviest(rides, cases);
  const unknown: FitFinding[] =
    rides.length === 0 && cases.some(({ standing }) => standing)
      ? [{ ...plain, code: 'ride-unknown', data: {}, verdict: 'unchecked', source: computedBy('suspension unknown') }]
      : [];
  return [
    ...worstClearances(clearances(project, chassis, rides)).map(clearanceFinding),
    ...heightFindings(project, loaded),
    ...ratingFindings(project, cases),
    ...bounceFindings(project, loaded, lightest(rides, cases)),
    ...shackleFindings(project, rides),
    ...fitFaults(project, chassis),
    ...homeBuilt(project, chassis, cases),
    ...unknown,
  ];
};
