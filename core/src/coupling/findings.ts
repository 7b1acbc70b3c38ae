import type { BalancedCase } from '../balance/index.js';
import type { Chassis } from '../chassis/index.js';
import { check, finding, type FindingOf, quantity } from '../findings/index.js';
import type { Trailer } from '../project/index.js';
import { publishedVerify } from '../source.js';
import type { RideHeights } from '../running-gear/index.js';
import { type BrakeFindingData, brakeFindings } from './brakes.js';
import { type ChainFindingData, chainFindings } from './chains.js';
import { type CouplerFitFindingData, couplerFitFindings } from './couplerFits.js';
import { type CouplingValueFindingData, couplingValueFindings } from './couplingValues.js';
import { demandOfLoad, type HitchDemand, hitchDemand } from './demand.js';
import { type JackFindingData, jackFindings } from './jack.js';
import { hitchLinks, isIsoBall, type Link, type LinkFindingData, linkFindings } from './links.js';
import { RULES } from './rules.js';

interface OwnFindingData {
  'gross-against-plate': { readonly grossKg: number; readonly ratedKg: number | undefined };
  'gross-against-coupler': {
    readonly grossKg: number;
    readonly ratedKg: number | undefined;
    readonly byPlate: boolean;
    readonly homeMade: boolean;
  };
  'gross-against-tow-vehicle': {
    readonly grossKg: number;
    readonly limitKg: number | undefined;
    readonly byPlate: boolean;
  };
  'home-made-coupling': Record<string, never>;
  'no-region': Record<string, never>;
}
export interface CouplingFindingData
  extends OwnFindingData,
    BrakeFindingData,
    ChainFindingData,
    CouplerFitFindingData,
    CouplingValueFindingData,
    JackFindingData,
    LinkFindingData {}
export type CouplingFinding = FindingOf<CouplingFindingData>;

/** Couplings for 50 mm balls are of another family than those of SAE J684. */
const R55_PLATE = publishedVerify('UN R55; the plate on the coupling governs');

const mass = (kg: number) => quantity(kg, 'mass');

const against = (kg: number, limitKg: number | undefined) =>
  ({
    asked: mass(kg),
    allowed: limitKg === undefined ? undefined : mass(limitKg),
  }) as const;

/** Nobody asks a coupler of a cart that has none; behind a vehicle one that is missing is missing. */
const asksCoupler = ({ coupling, towVehicle }: Trailer): boolean => coupling.fitted || towVehicle?.kind !== 'muscle';

const weights = (
  trailer: Trailer,
  { grossKg, grossCaseId, byPlate, heaviest: worst }: HitchDemand,
): CouplingFinding[] => {
  const { homeMade } = trailer.coupling;
  const couplerKg = trailer.coupling.fitted ? (trailer.coupling.ratedGrossKg ?? undefined) : undefined;
  const towKg = trailer.towVehicle?.towLimitKg ?? undefined;
  const plateKg = trailer.ratedGrossKg ?? undefined;
  return [
    check({
      rule: RULES['gross-against-plate'],
      data: { grossKg: worst.kg, ratedKg: plateKg },
      step: 'job',
      subject: 'trailer',
      caseId: worst.caseId,
      ...against(worst.kg, plateKg),
    }),
    ...(!asksCoupler(trailer)
      ? []
      : homeMade
        ? [
            finding({
              rule: RULES['gross-against-coupler'],
              data: { grossKg, ratedKg: undefined, byPlate, homeMade },
              verdict: 'unchecked',
              step: 'tongue',
              subject: 'coupler',
              caseId: grossCaseId,
              value: mass(grossKg),
            }),
          ]
        : [
            check({
              rule: RULES['gross-against-coupler'],
              data: { grossKg, ratedKg: couplerKg, byPlate, homeMade },
              step: 'tongue',
              subject: 'coupler',
              caseId: grossCaseId,
              ...against(grossKg, couplerKg),
              ...(isIsoBall(trailer) ? { source: R55_PLATE } : {}),
            }),
          ]),
    ...(trailer.towVehicle?.kind === 'muscle'
      ? []
      : [
          check({
            rule: RULES['gross-against-tow-vehicle'],
            data: { grossKg, limitKg: towKg, byPlate },
            step: 'job',
            subject: 'trailer',
            caseId: grossCaseId,
            ...against(grossKg, towKg),
          }),
        ]),
  ];
};

/** What trailer and vehicle are joined by, link by link, and what it must stand. */
export interface Hitch {
  readonly demand: HitchDemand;
  readonly links: readonly Link[];
}

/** `tongueWorksAt` is what the strength step says of the tongue, 1 = all that is allowed. */
export const hitchOf = (trailer: Trailer, cases: readonly BalancedCase[], tongueWorksAt: number | undefined): Hitch => {
  const demand = hitchDemand(trailer, cases);
  return { demand, links: hitchLinks(trailer, demand, tongueWorksAt) };
};

/** The same for one load by itself, whatever the plate would let aboard besides. */
export const hitchOfLoad = (trailer: Trailer, load: BalancedCase): Hitch => {
  const demand = demandOfLoad(trailer, load);
  return { demand, links: hitchLinks(trailer, demand, undefined) };
};

/** Everything that joins trailer and vehicle. */
export const couplingFindings = (
  trailer: Trailer,
  chassis: Chassis,
  cases: readonly BalancedCase[],
  rides: readonly RideHeights[],
  { demand, links }: Hitch,
): CouplingFinding[] => {
  const plain = { step: 'tongue', subject: 'coupler', counts: true, working: [] } as const;
  const findings: CouplingFinding[] = [
    ...weights(trailer, demand),
    ...(asksCoupler(trailer) ? linkFindings(trailer, demand, links) : []),
    ...couplerFitFindings(trailer, chassis),
    ...chainFindings(trailer, demand.grossKg),
    ...brakeFindings(trailer, demand),
    ...jackFindings(trailer, cases, rides),
    ...couplingValueFindings(trailer, chassis, cases, rides, demand.grossKg),
  ];
  if (trailer.settings.regions.length === 0) {
    findings.push(
      finding({
        ...plain,
        step: 'job',
        subject: 'trailer',
        rule: RULES['no-region'],
        data: {},
        verdict: 'open',
      }),
    );
  }
  if (trailer.coupling.homeMade && trailer.coupling.fitted) {
    findings.push(
      finding({
        ...plain,
        rule: RULES['home-made-coupling'],
        data: {},
        verdict: 'unchecked',
      }),
    );
  }
  return findings;
};
