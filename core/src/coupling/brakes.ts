import { finding, type FindingOf, quantity, type Verdict } from '../findings/index.js';
import { axleCount } from '../mass/index.js';
import { towsOnRoad, type Trailer } from '../project/index.js';
import { publishedSure, publishedVerify, type Source } from '../source.js';
import { pounds } from '../units/index.js';
import { RULES, ADVISED_FROM } from './rules.js';

type Region = Trailer['settings']['regions'][number];

export interface BrakeFindingData {
  brakes: {
    readonly state: Trailer['coupling']['brakes'];
    readonly grossKg: number;
    readonly region: Region;
    readonly fromKg: number;
    readonly toKg: number;
    /** Australia goes by what stands on the axles, and asks for brakes of any trailer with more than one */
    readonly by: 'gross' | 'axles' | 'more-than-one-axle';
  };
  breakaway: { readonly state: Trailer['coupling']['breakaway']; readonly region: Region };
  'brake-kind': {
    readonly kind: Trailer['coupling']['brakeKind'];
    readonly region: Region;
    readonly upToKg: number | undefined;
  };
  'brakes-advised': { readonly share: number; readonly vehicleKg: number; readonly grossKg: number };
  plug: {
    readonly plug: Trailer['coupling']['plug'];
    readonly electric: boolean;
    /** a region where lights are not wired through so few ways */
    readonly otherRegion: Region | undefined;
  };
}
export type BrakeFinding = FindingOf<BrakeFindingData>;

/** From and up to which gross mass authorities ask for brakes, kg; always a range, the user's own authority decides. */
export const BRAKE_THRESHOLDS: Readonly<
  Record<Region, { readonly fromKg: number; readonly toKg: number; readonly source: Source }>
> = {
  'north-america': {
    fromKg: pounds(1500),
    toKg: pounds(3000),
    source: publishedVerify(
      'US states from 1,000 or 1,500 lb in a few to 3,000 lb in most, some higher; 49 CFR 393.42: 3,000 lb; Canadian provinces from about 1,360 kg',
    ),
  },
  europe: {
    fromKg: 750,
    toKg: 750,
    source: publishedSure('UN R13: trailers over 750 kg are braked; national limits may be lower'),
  },
  australia: {
    fromKg: 750,
    toKg: 750,
    source: publishedSure(
      'VSB 1, ADR 38: over 750 kg on the axles (GTM), or more than one axle; axles less than 1 m apart count as one',
    ),
  },
};

const BREAKAWAY_SOURCES: Readonly<Record<Region, Source>> = {
  'north-america': publishedSure(
    '49 CFR 393.43: they set themselves when the trailer comes loose, and hold 15 minutes',
  ),
  europe: publishedSure(
    'UN R13: braked trailers stop by themselves when they come loose; a cable to the parking brake',
  ),
  australia: publishedSure('VSB 1, ADR 38: over 2,000 kg, and hold 15 minutes'),
};

/** Heaviest trailer that surge brakes may hold behind a vehicle of this GVWR, kg: 49 CFR 393.48(d). */
export const surgeUpToKg = (vehicleKg: number): number => {
  const heavy = Math.min(1.25 * vehicleKg, pounds(20_000));
  return heavy > pounds(12_000) ? heavy : Math.min(1.75 * vehicleKg, pounds(12_000));
};

/** Up to which gross an overrun brake is allowed, kg; by the vehicle's greatest mass in North America. */
export const overrunUpToKg = (trailer: Trailer, region: Region): { upToKg: number | undefined; source: Source } => {
  if (region === 'europe')
    return { upToKg: 3500, source: publishedSure('UN R13: overrun brakes for trailers of class O2, to 3,500 kg') };
  if (region === 'australia')
    return {
      upToKg: 2000,
      source: publishedSure('VSB 1, ADR 38: overrun brakes to 2,000 kg; beyond, worked from the seat'),
    };
  const vehicleKg = trailer.towVehicle?.maxMassKg ?? null;
  return {
    upToKg: vehicleKg === null ? undefined : surgeUpToKg(vehicleKg),
    source: publishedVerify(
      '49 CFR 393.48(d): surge brakes where the trailer’s GVWR is up to 1.75 times the vehicle’s to 12,000 lb, 1.25 times to 20,000 lb',
    ),
  };
};

const plain = { step: 'tongue', subject: 'coupler', counts: true, working: [] } as const;
const mass = (kg: number) => quantity(kg, 'mass');

/** What a trailer may weigh, and what then stands on its axles, kg. */
export interface BrakedKg {
  readonly grossKg: number;
  readonly axlesKg: number;
}

/** Axles nearer than this count as one in Australia, m. */
const ONE_AXLE_M = 1;

/** By what a region asks for brakes, and how much of it there is, kg. */
const brakesGoBy = (
  trailer: Trailer,
  { grossKg, axlesKg }: BrakedKg,
  region: Region,
): { readonly by: BrakeFindingData['brakes']['by']; readonly kg: number } => {
  if (region !== 'australia') return { by: 'gross', kg: grossKg };
  const several = axleCount(trailer) > 1 && trailer.runningGear.spacingM >= ONE_AXLE_M;
  return { by: several ? 'more-than-one-axle' : 'axles', kg: axlesKg };
};

const whetherBraked = (
  trailer: Trailer,
  { by, kg: grossKg }: ReturnType<typeof brakesGoBy>,
  region: Region,
): BrakeFinding => {
  const { fromKg, toKg, source } = BRAKE_THRESHOLDS[region];
  const state = trailer.coupling.brakes;
  const asked: Verdict = by === 'more-than-one-axle' || grossKg > toKg ? 'over' : grossKg > fromKg ? 'tight' : 'ok';
  const verdict: Verdict = state === 'fitted' || asked === 'ok' ? 'ok' : state === 'not-decided' ? 'open' : asked;
  return finding({
    ...plain,
    rule: RULES.brakes,
    data: { state, grossKg, region, fromKg, toKg, by },
    verdict,
    step: 'axle',
    subject: 'axle.1',
    region,
    value: mass(grossKg),
    limit: mass(fromKg),
    source,
  });
};

const byRegion = (trailer: Trailer, weighs: BrakedKg, region: Region): BrakeFinding[] => {
  const { breakaway, brakeKind, brakes } = trailer.coupling;
  const goesBy = brakesGoBy(trailer, weighs, region);
  const { kg: grossKg } = goesBy;
  const braked = whetherBraked(trailer, goesBy, region);
  if (brakes !== 'fitted') return [braked];
  const asksBreakaway = region !== 'australia' || grossKg > 2000;
  const { upToKg, source } = overrunUpToKg(trailer, region);
  const kindVerdict: Verdict =
    brakeKind === 'not-decided'
      ? 'open'
      : brakeKind === 'electric'
        ? 'ok'
        : upToKg === undefined
          ? 'open'
          : grossKg > upToKg
            ? 'over'
            : 'ok';
  return [
    braked,
    finding({
      ...plain,
      rule: RULES.breakaway,
      data: { state: breakaway, region },
      verdict: breakaway === 'fitted' ? 'ok' : breakaway === 'not-decided' ? 'open' : asksBreakaway ? 'over' : 'ok',
      region,
      source: BREAKAWAY_SOURCES[region],
    }),
    finding({
      ...plain,
      rule: RULES['brake-kind'],
      data: { kind: brakeKind, region, upToKg },
      verdict: kindVerdict,
      region,
      source,
    }),
  ];
};

/** Ways that only North America wires lights through. */
const FEW_WAYS: readonly Trailer['coupling']['plug'][] = ['4-way', '6-way'];

export const brakeFindings = (trailer: Trailer, weighs: BrakedKg): BrakeFinding[] => {
  const { towVehicle, coupling } = trailer;
  const { grossKg } = weighs;
  if (towVehicle?.kind === 'muscle') return [];
  const vehicleKg = towVehicle?.massKg ?? null;
  const share = vehicleKg === null || vehicleKg <= 0 ? undefined : grossKg / vehicleKg;
  const electric = coupling.brakes === 'fitted' && coupling.brakeKind === 'electric';
  const onRoad = towsOnRoad(trailer);
  const otherRegion = FEW_WAYS.includes(coupling.plug)
    ? trailer.settings.regions.find((region) => region !== 'north-america')
    : undefined;
  return [
    ...(onRoad ? trailer.settings.regions.flatMap((region) => byRegion(trailer, weighs, region)) : []),
    ...(share === undefined || vehicleKg === null
      ? []
      : [
          finding({
            ...plain,
            rule: RULES['brakes-advised'],
            data: { share, vehicleKg, grossKg },
            verdict: coupling.brakes === 'fitted' || share < ADVISED_FROM ? 'ok' : 'tight',
          }),
        ]),
    ...(onRoad
      ? [
          finding({
            ...plain,
            rule: RULES.plug,
            data: { plug: coupling.plug, electric, otherRegion },
            verdict:
              coupling.plug === 'not-decided'
                ? 'open'
                : coupling.plug === 'none' || (electric && coupling.plug === '4-way') || otherRegion !== undefined
                  ? 'over'
                  : 'ok',
          }),
        ]
      : []),
  ];
};
