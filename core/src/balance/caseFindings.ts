import type { Chassis } from '../chassis/index.js';
import {
  concluding,
  finding,
  type FindingOf,
  given,
  minus,
  over,
  plus,
  quantity,
  times,
  workedOut,
} from '../findings/index.js';
import { isIndependent } from '../mass/index.js';
import { type Trailer, type TongueBand, UNKNOWN_VEHICLE } from '../project/index.js';
import { inches, massOfWeightKg, millimetres, weightN } from '../units/index.js';
import { type BalancedCase, balanceParts, bandKg, isWithinBand } from './balanceCase.js';
import { heavyKg } from './doubt.js';
import { ballZM, railTopM } from './frameHeight.js';
import { extremeCases } from './extremes.js';
import { parkedTip } from './parked.js';
import { stepsOnRear } from './personOnRear.js';
import { tongueSlopes } from './slopes.js';
import { RULES, UNEVEN, MOST_UNEVEN, PEOPLE_KG } from './rules.js';

export interface CaseFindingData {
  /** the worst that the doubt in weights and places can do */
  'extreme-case': {
    readonly toward: 'tail' | 'nose';
    readonly tongueKg: number;
    readonly share: number;
    readonly band: TongueBand;
    readonly within: boolean;
  };
  'tongue-slopes': {
    readonly stepM: number;
    readonly axleKg: number;
    readonly ballKg: number;
    readonly item: { readonly id: string; readonly kg: number } | undefined;
  };
  /** once in twenty it weighs that much, by what is guessed */
  'heaviest-doubt': { readonly massKg: number; readonly heavyKg: number; readonly ratedKg: number | undefined };
  'parked-tips': { readonly peopleKg: number; readonly jackN: number; readonly on: 'stands' | 'wheels' };
  'left-right': { readonly share: number; readonly side: 'left' | 'right'; readonly byKg: number };
  'balance-height': { readonly heightM: number; readonly raisedBy: string | undefined };
  'axles-swing': {
    readonly ballAboveLevelM: number;
    readonly stepM: number;
    /** what the front axle loses, and the rear one gains, for each step that the ball goes up */
    readonly frontKg: number;
    readonly rearKg: number;
    readonly known: boolean;
  };
}
export type CaseFinding = FindingOf<CaseFindingData>;

const step = (trailer: Trailer): number => (trailer.settings.units === 'imperial' ? inches(1) : millimetres(25));
const plain = { step: 'balance', subject: 'trailer', working: [] } as const;

const extremes = (trailer: Trailer, chassis: Chassis, cases: readonly BalancedCase[]): CaseFinding[] => {
  const all = extremeCases(trailer, chassis, cases).map((extreme) => {
    const own = cases.find(({ loadCase }) => loadCase.id === extreme.caseId) as BalancedCase;
    // By what it then weighs, as the share that is told.
    const { minKg, maxKg } = bandKg(own.band, extreme.massKg);
    const spare = extreme.toward === 'tail' ? extreme.tongueKg - minKg : maxKg - extreme.tongueKg;
    return { ...extreme, own, spare, nominalWithin: isWithinBand(own) };
  });
  return (['tail', 'nose'] as const).flatMap((toward): CaseFinding[] => {
    // A load that is out of its band by its own figures is told so elsewhere.
    const worst = all
      .filter((extreme) => extreme.toward === toward && extreme.nominalWithin)
      .reduce<(typeof all)[number] | undefined>(
        (most, next) => (!most || next.spare < most.spare ? next : most),
        undefined,
      );
    if (!worst) return [];
    return [
      finding({
        ...plain,
        rule: RULES['extreme-case'],
        data: {
          toward,
          tongueKg: worst.tongueKg,
          share: worst.tongueShare,
          band: worst.own.band,
          within: worst.spare >= 0,
        },
        aspect: toward,
        verdict: worst.tongueKg < 0 ? 'over' : worst.spare < 0 ? 'tight' : 'ok',
        caseId: worst.caseId,
        counts: worst.tongueKg < 0,
        value: quantity(worst.tongueShare, 'percent'),
        working: [],
      }),
    ];
  });
};

/** The heaviest load with its guesses: what axle, tires and plate must bear one day. */
const heaviest = (trailer: Trailer, cases: readonly BalancedCase[]): CaseFinding[] => {
  const worst = cases.reduce<BalancedCase | undefined>(
    (most, next) => (!most || next.massKg > most.massKg ? next : most),
    undefined,
  );
  if (!worst || !(worst.massKg > 0)) return [];
  const kg = heavyKg(trailer, worst);
  const ratedKg = trailer.ratedGrossKg ?? undefined;
  // Over by its own figures it is told so elsewhere.
  const doubtful = ratedKg !== undefined && worst.massKg <= ratedKg && kg > ratedKg;
  return [
    finding({
      ...plain,
      step: 'loads',
      rule: RULES['heaviest-doubt'],
      data: { massKg: worst.massKg, heavyKg: kg, ratedKg },
      verdict: doubtful ? 'tight' : 'ok',
      caseId: worst.loadCase.id,
      counts: doubtful,
      value: quantity(kg, 'mass'),
      limit: ratedKg === undefined ? undefined : quantity(ratedKg, 'mass'),
    }),
  ];
};

/** Told of the load that asks most of the axles; every load has its own on the step. */
const slopes = (trailer: Trailer, cases: readonly BalancedCase[]): CaseFinding[] => {
  const towed = cases.filter(({ loadCase, standing }) => loadCase.mode === 'towed' && standing);
  const heaviest = towed.reduce<BalancedCase | undefined>(
    (most, next) => (!most || next.massKg > most.massKg ? next : most),
    undefined,
  );
  const found = heaviest && tongueSlopes(trailer, heaviest);
  if (!heaviest?.standing || !found) return [];
  const stepM = step(trailer);
  const [id, perM] = [...found.itemsBack].reduce<readonly [string | undefined, number]>(
    (most, next) => (next[1] < most[1] ? next : most),
    [undefined, 0],
  );
  return [
    finding({
      ...plain,
      rule: RULES['tongue-slopes'],
      data: {
        stepM,
        axleKg: found.axleBack * stepM,
        ballKg: found.ballAhead * stepM,
        item: id === undefined ? undefined : { id, kg: perM * stepM },
      },
      verdict: 'ok',
      caseId: heaviest.loadCase.id,
      counts: false,
    }),
  ];
};

const tips = (trailer: Trailer, chassis: Chassis, cases: readonly BalancedCase[]): CaseFinding[] => {
  // Nobody steps on the tail of a cart: told, not judged.
  const asked = stepsOnRear(trailer, chassis);
  return cases.flatMap((balanced): CaseFinding[] => {
    const tip = parkedTip(trailer, balanced);
    if (!tip || !balanced.standing || !balanced.centre) return [];
    const rearM = trailer.frame.bed.lengthM;
    const holding = times(quantity(balanced.massKg, 'mass'), quantity(tip.pivotXM - balanced.centre.xM, 'length'));
    const lifting = times(quantity(PEOPLE_KG, 'mass'), quantity(rearM - tip.pivotXM, 'length'));
    return [
      finding({
        ...plain,
        rule: RULES['parked-tips'],
        data: { peopleKg: PEOPLE_KG, jackN: tip.jackN, on: tip.on },
        aspect: balanced.loadCase.id,
        verdict: tip.jackN < 0 ? 'over' : tip.jackN < weightN(balanced.massKg) * 0.03 ? 'tight' : 'ok',
        subject: 'jack',
        caseId: balanced.loadCase.id,
        counts: asked,
        value: quantity(tip.jackN, 'load'),
        working: [
          given('whole-trailer', balanced.massKg, 'mass'),
          concluding(
            workedOut(
              'tongue-load',
              over(minus(holding, lifting), quantity(tip.pivotXM - balanced.standing.aheadXM, 'length')),
              'mass',
            ),
          ),
        ],
      }),
    ];
  });
};

const leftRight = (cases: readonly BalancedCase[]): CaseFinding[] => {
  const worst = cases
    .filter(({ loadCase, standing }) => loadCase.mode === 'towed' && standing)
    .map((balanced) => {
      const axles = balanced.standing?.axles ?? [];
      const left = axles.reduce((sum, { leftN }) => sum + leftN, 0);
      const right = axles.reduce((sum, { rightN }) => sum + rightN, 0);
      const total = left + right;
      return { balanced, left, right, share: total > 0 ? Math.abs(left - right) / 2 / (total / 2) : 0 };
    })
    .reduce<{ balanced: BalancedCase; left: number; right: number; share: number } | undefined>(
      (most, next) => (!most || next.share > most.share ? next : most),
      undefined,
    );
  if (!worst || worst.share < 1e-6) return [];
  const [leftKg, rightKg] = [massOfWeightKg(worst.left), massOfWeightKg(worst.right)];
  const heavier = Math.max(leftKg, rightKg);
  const lighter = Math.min(leftKg, rightKg);
  return [
    finding({
      ...plain,
      rule: RULES['left-right'],
      data: { share: worst.share, side: leftKg > rightKg ? 'left' : 'right', byKg: heavier - lighter },
      verdict: worst.share > MOST_UNEVEN ? 'over' : worst.share > UNEVEN ? 'tight' : 'ok',
      caseId: worst.balanced.loadCase.id,
      counts: true,
      value: quantity(worst.share, 'percent'),
      limit: quantity(MOST_UNEVEN, 'percent'),
      working: [
        concluding(
          workedOut(
            'uneven',
            over(
              minus(quantity(heavier, 'mass'), quantity(lighter, 'mass')),
              plus(quantity(heavier, 'mass'), quantity(lighter, 'mass')),
            ),
            'percent',
          ),
        ),
      ],
    }),
  ];
};

const height = (trailer: Trailer, chassis: Chassis, cases: readonly BalancedCase[]): CaseFinding[] => {
  const towed = cases.filter(({ loadCase, centre }) => loadCase.mode === 'towed' && centre);
  const highest = towed.reduce<BalancedCase | undefined>(
    (most, next) => (!most || (next.centre?.zM ?? 0) > (most.centre?.zM ?? 0) ? next : most),
    undefined,
  );
  if (!highest?.centre) return [];
  const { zM } = highest.centre;
  const heightM = zM + railTopM(trailer, chassis, highest.parts);
  const items = new Set(trailer.items.map(({ id }) => id));
  const raising = highest.parts
    .filter(({ id }) => items.has(id))
    .map(({ id, massKg, centre }) => ({ id, by: massKg * (centre.zM - zM) }))
    .reduce<{ id: string; by: number } | undefined>(
      (most, next) => (next.by > (most?.by ?? 0) ? next : most),
      undefined,
    );
  return [
    finding({
      ...plain,
      rule: RULES['balance-height'],
      data: { heightM, raisedBy: raising?.id },
      verdict: 'ok',
      caseId: highest.loadCase.id,
      counts: false,
      value: quantity(heightM, 'length'),
    }),
  ];
};

/** Two axles without an equaliser: what an inch at the ball moves from one to the other, by solving both. */
const swing = (trailer: Trailer, chassis: Chassis, cases: readonly BalancedCase[]): CaseFinding[] => {
  if (!isIndependent(trailer)) return [];
  const towed = cases.filter(({ loadCase, standing }) => loadCase.mode === 'towed' && standing);
  const heaviest = towed.reduce<BalancedCase | undefined>(
    (most, next) => (!most || next.massKg > most.massKg ? next : most),
    undefined,
  );
  if (!heaviest?.standing) return [];
  const stepM = step(trailer);
  const hitchM = trailer.towVehicle?.hitchHeightM ?? null;
  const levelM = railTopM(trailer, chassis, heaviest.parts) + ballZM(chassis);
  const offset = (hitchM ?? levelM) - levelM;
  const raised = (byM: number): readonly number[] => {
    const towVehicle = { ...(trailer.towVehicle ?? UNKNOWN_VEHICLE), hitchHeightM: levelM + offset + byM };
    const { standing } = balanceParts({ ...trailer, towVehicle }, chassis, heaviest.parts, heaviest.loadCase);
    return standing?.axles.map(({ loadN }) => massOfWeightKg(loadN)) ?? [];
  };
  const [before, after] = [raised(0), raised(stepM)];
  const last = before.length - 1;
  const frontKg = (after[0] ?? 0) - (before[0] ?? 0);
  const rearKg = (after[last] ?? 0) - (before[last] ?? 0);
  // Where the hitch comes to rest under this load.
  const sunkM = (trailer.towVehicle?.hitchSinksMPerKg ?? 0) * massOfWeightKg(heaviest.standing.tongueN);
  const heldM = hitchM === null ? offset : offset - sunkM;
  return [
    finding({
      ...plain,
      rule: RULES['axles-swing'],
      data: { ballAboveLevelM: heldM, stepM, frontKg, rearKg, known: hitchM !== null },
      verdict: hitchM === null ? 'open' : Math.abs(heldM) > stepM ? 'tight' : 'ok',
      step: 'axle',
      subject: 'axle.1',
      caseId: heaviest.loadCase.id,
      counts: true,
    }),
  ];
};

/** What else there is to know of how the loads stand: their worst, their slopes, whether it tips when parked, left and right, height. */
export const caseFindings = (trailer: Trailer, chassis: Chassis, cases: readonly BalancedCase[]): CaseFinding[] =>
  trailer.runningGear.layout === 'none'
    ? []
    : [
        ...extremes(trailer, chassis, cases),
        ...heaviest(trailer, cases),
        ...slopes(trailer, cases),
        ...tips(trailer, chassis, cases),
        ...leftRight(cases),
        ...height(trailer, chassis, cases),
        ...swing(trailer, chassis, cases),
      ];
