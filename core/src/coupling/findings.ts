import type { BalancedCase } from '../balance/index.js';
import { concluding, type FindingOf, over, quantity, type Verdict, verdictOf, workedOut } from '../findings/index.js';
import type { Project } from '../project/index.js';
import { commonPractice, publishedSure, publishedVerify, type Source } from '../source.js';
import { pounds } from '../units/index.js';

type Region = Project['settings']['regions'][number];

export interface CouplingFindingData {
  'gross-against-plate': { readonly grossKg: number; readonly ratedKg: number | undefined };
  'gross-against-coupler': {
    readonly grossKg: number;
    readonly ratedKg: number | undefined;
    readonly byPlate: boolean;
  };
  'gross-against-tow-vehicle': {
    readonly grossKg: number;
    readonly limitKg: number | undefined;
    readonly byPlate: boolean;
  };
  chains: { readonly state: Project['coupling']['chains']; readonly grossKg: number };
  brakes: {
    readonly state: Project['coupling']['brakes'];
    readonly grossKg: number;
    readonly region: Region;
    readonly fromKg: number;
    readonly toKg: number;
  };
  'home-made-coupling': Record<string, never>;
  'no-region': Record<string, never>;
}
export type CouplingFinding = FindingOf<CouplingFindingData>;

/** From and up to which gross mass authorities ask for brakes, kg; always a range, the user's own authority decides. */
const BRAKE_THRESHOLDS: Readonly<
  Record<Region, { readonly fromKg: number; readonly toKg: number; readonly source: Source }>
> = {
  'north-america': {
    fromKg: pounds(1500),
    toKg: pounds(3000),
    source: publishedVerify(
      'US states from about 1,000 to 10,000 lb, most often 3,000 lb; 49 CFR 393.42: 3,000 lb; Canadian provinces from about 1,360 kg',
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
    source: publishedSure('VSB 1, ADR 38: over 750 kg on the axles, or more than one axle'),
  },
};

const mass = (kg: number) => quantity(kg, 'mass');

interface Heaviest {
  readonly kg: number;
  readonly caseId: string | undefined;
}

const heaviest = (cases: readonly BalancedCase[]): Heaviest =>
  cases.reduce<Heaviest>(
    (worst, { massKg, loadCase }) => (massKg > worst.kg ? { kg: massKg, caseId: loadCase.id } : worst),
    { kg: 0, caseId: undefined },
  );

const againstLimit = (kg: number, limitKg: number | undefined) => {
  const utilisation = limitKg === undefined ? undefined : limitKg > 0 ? kg / limitKg : Number.MAX_VALUE;
  return {
    verdict: utilisation === undefined ? 'open' : verdictOf(utilisation, 0.9),
    utilisation,
    counts: true,
    value: mass(kg),
    limit: limitKg === undefined ? undefined : mass(limitKg),
    working:
      limitKg === undefined ? [] : [concluding(workedOut('share-of-limit', over(mass(kg), mass(limitKg)), 'percent'))],
  };
};

const weights = (project: Project, worst: Heaviest): CouplingFinding[] => {
  const plateKg = project.ratedGrossKg ?? undefined;
  // What the plate allows may one day be aboard: coupler and vehicle must stand that, too.
  const byPlate = plateKg !== undefined && plateKg > worst.kg;
  const demandKg = byPlate ? plateKg : worst.kg;
  const couplerKg = project.coupling.ratedGrossKg ?? undefined;
  const towKg = project.towVehicle?.towLimitKg ?? undefined;
  const demandCase = byPlate ? undefined : worst.caseId;
  return [
    {
      code: 'gross-against-plate',
      data: { grossKg: worst.kg, ratedKg: plateKg },
      step: 'job',
      subject: 'trailer',
      caseId: worst.caseId,
      ...againstLimit(worst.kg, plateKg),
      source: { kind: 'own', note: 'the rated gross you put on the plate' },
    },
    {
      code: 'gross-against-coupler',
      data: { grossKg: demandKg, ratedKg: couplerKg, byPlate },
      step: 'tongue',
      subject: 'coupler',
      caseId: demandCase,
      ...againstLimit(demandKg, couplerKg),
      source: publishedVerify('SAE J684 classes; the stamp on the coupler governs'),
    },
    {
      code: 'gross-against-tow-vehicle',
      data: { grossKg: demandKg, limitKg: towKg, byPlate },
      step: 'job',
      subject: 'trailer',
      caseId: demandCase,
      ...againstLimit(demandKg, towKg),
      source: commonPractice('the tow vehicle’s handbook and plate govern'),
    },
  ];
};

const CHAIN_VERDICTS: Readonly<Record<Project['coupling']['chains'], Verdict>> = {
  none: 'over',
  fitted: 'unchecked',
  'not-decided': 'open',
};

const brakes = (project: Project, grossKg: number, region: Region): CouplingFinding => {
  const { fromKg, toKg, source } = BRAKE_THRESHOLDS[region];
  const state = project.coupling.brakes;
  const asked: Verdict = grossKg > toKg ? 'over' : grossKg > fromKg ? 'tight' : 'ok';
  const verdict: Verdict = state === 'fitted' ? 'ok' : asked === 'ok' ? 'ok' : state === 'not-decided' ? 'open' : asked;
  return {
    code: 'brakes',
    data: { state, grossKg, region, fromKg, toKg },
    verdict,
    step: 'axle',
    subject: 'axle.1',
    region,
    counts: true,
    value: mass(grossKg),
    limit: mass(fromKg),
    working: [],
    source,
  };
};

export const couplingFindings = (project: Project, cases: readonly BalancedCase[]): CouplingFinding[] => {
  const worst = heaviest(cases);
  const grossKg = Math.max(worst.kg, project.ratedGrossKg ?? 0);
  const plain = { step: 'tongue', subject: 'coupler', counts: true, working: [] } as const;
  const findings: CouplingFinding[] = [
    ...weights(project, worst),
    {
      ...plain,
      code: 'chains',
      data: { state: project.coupling.chains, grossKg },
      verdict: CHAIN_VERDICTS[project.coupling.chains],
      source: publishedSure('SAE J684: two chains, crossed, each of the class’s breaking strength'),
    },
    ...project.settings.regions.map((region) => brakes(project, grossKg, region)),
  ];
  if (project.settings.regions.length === 0) {
    findings.push({
      ...plain,
      step: 'job',
      subject: 'trailer',
      code: 'no-region',
      data: {},
      verdict: 'open',
      source: commonPractice(),
    });
  }
  if (project.coupling.homeMade) {
    findings.push({
      ...plain,
      code: 'home-made-coupling',
      data: {},
      verdict: 'unchecked',
      source: commonPractice('buy a rated coupling'),
    });
  }
  return findings;
};
