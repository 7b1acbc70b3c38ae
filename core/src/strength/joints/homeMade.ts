import type { BalancedCase } from '../../balance/index.js';
import { finding, type FindingOf, given, quantity, times, workedOut } from '../../findings/index.js';
import type { Coupling, Trailer } from '../../project/index.js';
import { weightN } from '../../units/index.js';
import { DRAWBAR_G, RULES } from '../rules.js';
import { weldStrength } from './weldStrength.js';

export type HomeMadePart = 'pin-shear' | 'pin-bending' | 'bearing' | 'tear-out' | 'weld';
/** Directions in which published drawbar loadings act, each by itself. */
export type DrawbarWay = keyof typeof DRAWBAR_G;

export interface HomeMadeFindingData {
  /** what gives first of what the user has drawn, in the direction that asks most of it; no verdict on the coupling */
  'home-made-study': {
    readonly part: HomeMadePart;
    readonly way: DrawbarWay;
    readonly forceN: number;
    /** demand ÷ yield */
    readonly share: number;
    readonly threaded: boolean;
  };
}
export type HomeMadeFinding = FindingOf<HomeMadeFindingData>;

export type CouplingStudy = NonNullable<Coupling['study']>;

/** Yield in shear against tension, AISC 360-16 G1. */
const SHEAR_YIELD = 0.6;
/** Across threads: shear area 0.75 of the shank (AISC table J3.2's ratio of nominal strengths), root diameter about 0.85 (UNC). */
const THREAD_AREA = 0.75;
const THREAD_DIAMETER = 0.85;
/** A pin in its hole bears up to this many times yield before the hole goes oval: 0.9·2.0 of AISC 360-16 J7. */
const PIN_BEARING = 1.8;

/**
 * How hard each part of a home-made coupling works under a force across its pin, against yield. Held on both sides the pin is a beam on two
 * supports with the load in the middle, F·a ÷ 4; on one side a cantilever over the gap, F·a. Source: elementary beam theory; AISC 360-16 J7
 * on pins, J2.4 on fillets; tear-out on two planes from the hole to the edge.
 */
export const homeMadeShares = (study: CouplingStudy, forceN: number): Readonly<Record<HomeMadePart, number>> => {
  const { pinDiameterM: d, threaded, yieldPa, planes, gapM, plateM, edgeM, weldLegM, weldLengthM } = study;
  const shearArea = ((Math.PI * d ** 2) / 4) * (threaded ? THREAD_AREA : 1);
  const bendingM = d * (threaded ? THREAD_DIAMETER : 1);
  const momentNm = planes === 2 ? (forceN * gapM) / 4 : forceN * gapM;
  const plates = planes;
  const clearEdgeM = Math.max(edgeM - d / 2, 0);
  const { weldNM } = weldStrength(
    {
      id: '',
      name: '',
      family: 'steel',
      elasticPa: 0,
      densityKgM3: 0,
      source: RULES['home-made-study'].source,
      yieldPa,
      ultimatePa: yieldPa,
    },
    plateM,
    weldLegM,
    '5356',
    'allowable',
  );
  return {
    'pin-shear': forceN / (planes * shearArea * SHEAR_YIELD * yieldPa),
    'pin-bending': momentNm / (((Math.PI * bendingM ** 3) / 32) * yieldPa),
    bearing: forceN / (plates * d * plateM * PIN_BEARING * yieldPa),
    'tear-out':
      clearEdgeM > 0 ? forceN / (2 * plates * plateM * clearEdgeM * SHEAR_YIELD * yieldPa) : Number.POSITIVE_INFINITY,
    weld: forceN / (weldNM * weldLengthM),
  };
};

/** What pin, plates and weld of a home-made coupling do under the published drawbar loads, to study it by; no verdict on it. */
export const homeMadeFindings = (trailer: Trailer, cases: readonly BalancedCase[]): HomeMadeFinding[] => {
  const { homeMade, study } = trailer.coupling;
  if (!homeMade || study === null) return [];
  const grossKg = Math.max(trailer.ratedGrossKg ?? 0, ...cases.map(({ massKg }) => massKg));
  if (!(grossKg > 0)) return [];
  const weight = quantity(weightN(grossKg), 'force');
  const all = (Object.keys(DRAWBAR_G) as DrawbarWay[]).flatMap((way) => {
    const pull = workedOut('bolts-pull', times(weight, quantity(DRAWBAR_G[way], 'number')), 'force');
    const shares = homeMadeShares(study, pull.result.value);
    return (Object.keys(shares) as HomeMadePart[]).map((part) => ({ way, part, pull, share: shares[part], shares }));
  });
  const worst = all.reduce((most, next) => (next.share > most.share ? next : most));
  const momentNm = (worst.pull.result.value * study.gapM) / (study.planes === 2 ? 4 : 1);
  return [
    finding({
      rule: RULES['home-made-study'],
      data: {
        part: worst.part,
        way: worst.way,
        forceN: worst.pull.result.value,
        share: worst.share,
        threaded: study.threaded,
      },
      // Past yield it does not even hold on paper; short of it nobody has tested it all the same.
      verdict: worst.share > 1 ? 'over' : 'unchecked',
      step: 'tongue',
      subject: 'coupler',
      counts: true,
      working: [
        worst.pull,
        given('pin-bends', momentNm, 'moment'),
        given('pin-shear-share', worst.shares['pin-shear'], 'percent'),
        given('pin-bending-share', worst.shares['pin-bending'], 'percent'),
        given('bearing-share', worst.shares.bearing, 'percent'),
        given('tear-out-share', worst.shares['tear-out'], 'percent'),
        given('weld-share', worst.shares.weld, 'percent'),
      ],
    }),
  ];
};
