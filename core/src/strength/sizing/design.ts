import { buildChassis } from '../../chassis/index.js';
import { balanceCase } from '../../balance/index.js';
import { type Part, sumMass, trailerParts } from '../../mass/index.js';
import { type BarGroup, findSection, type Trailer, parsePartId, isOfTongue } from '../../project/index.js';
import { wallThicknessM } from '../../sections/index.js';
import type { AnalysisInput } from '../analysis/analyse.js';
import type { RunKey, StrengthAnalysis } from '../analysis/analysis.js';

/** Groups of bars that sizing may change. */
export const SIZED_GROUPS = ['rail', 'header', 'cross', 'tongue'] as const;
export type SizedGroup = (typeof SIZED_GROUPS)[number];

export const isSized = (group: BarGroup): group is SizedGroup => group !== 'side';

/** A section and the metal that it comes in, by group. */
export type Sections = Readonly<Record<SizedGroup, { readonly sectionId: string; readonly materialId: string }>>;

export const sectionsOf = ({ frame }: Trailer): Sections => {
  const { rail, header, cross, tongue } = frame.groups;
  return { rail, header, cross, tongue };
};

/** The trailer with other bars; a bar of these groups that had a section of its own goes with its group, its holes stay. */
export const withSections = (trailer: Trailer, sections: Sections): Trailer => {
  const sized = buildChassis(trailer).members.filter(({ group }) => isSized(group));
  const ids = new Set(sized.map(({ id }) => id));
  return {
    ...trailer,
    frame: {
      ...trailer.frame,
      groups: { ...trailer.frame.groups, ...sections },
      overrides: Object.fromEntries(
        Object.entries(trailer.frame.overrides).flatMap(([id, own]) =>
          !ids.has(id) ? [[id, own]] : own.holes ? [[id, { holes: own.holes }]] : [],
        ),
      ),
    },
  };
};

/** What the analysis of a design starts from, worked out from the project alone. */
export const inputOf = (trailer: Trailer): AnalysisInput => {
  const chassis = buildChassis(trailer);
  const bare = trailerParts(trailer, chassis);
  return {
    trailer,
    chassis,
    bare,
    cases: trailer.cases.map((loadCase) => balanceCase(trailer, chassis, bare, loadCase)),
  };
};

export const frameMassKg = (bare: readonly Part[]): number =>
  sumMass(bare.filter(({ group }) => group === 'frame')).massKg;

/** Price of the frame's metal, in the project's currency; undefined where a price is not known. */
export const framePrice = ({ chassis, trailer }: AnalysisInput): number | undefined => {
  const prices = trailer.pricesPerKg;
  let sum = 0;
  for (const { group, section, material, massKg } of chassis.members) {
    if (!isSized(group)) continue;
    const price = section.pricePerKg ?? prices[material.family];
    if (price === null) return undefined;
    sum += price * massKg;
  }
  return sum;
};

/** Below this the first cracks come while the trailer is new. */
const LEAST_KM = 10_000;

/** The hardest-working thing of a design. */
export interface Worst {
  readonly share: number;
  readonly what: 'member' | 'weld' | 'hanger' | 'hole' | 'bolts' | 'deflection' | 'fatigue';
  readonly memberId: string;
  readonly key: RunKey | undefined;
}

/** Everything that is checked, hardest first. */
export const sharesOf = (analysis: StrengthAnalysis): readonly Worst[] => {
  const keyed = ({ caseId, situation, variant, balance }: RunKey): RunKey => ({
    caseId,
    situation,
    variant,
    balance,
  });
  return [
    ...analysis.members.map(
      ({ memberId, worst }): Worst => ({ share: worst.utilisation.value, what: 'member', memberId, key: keyed(worst) }),
    ),
    ...analysis.welds.map(
      (weld): Worst => ({ share: weld.utilisation, what: 'weld', memberId: weld.memberId, key: keyed(weld) }),
    ),
    ...analysis.hangers.map(
      (hanger): Worst => ({ share: hanger.utilisation, what: 'hanger', memberId: hanger.memberId, key: keyed(hanger) }),
    ),
    ...analysis.holes.map(
      (hole): Worst => ({ share: hole.utilisation, what: 'hole', memberId: hole.memberId, key: keyed(hole) }),
    ),
    ...(analysis.bolts
      ? [
          {
            share: analysis.bolts.utilisation,
            what: 'bolts',
            memberId: 'coupler',
            key: keyed(analysis.bolts),
          } satisfies Worst,
        ]
      : []),
    ...analysis.deflections.map(
      ({ byM, divisor, lengthM, memberId }): Worst => ({
        share: (byM * divisor) / lengthM,
        what: 'deflection',
        memberId,
        key: undefined,
      }),
    ),
    ...(analysis.fatigue
      ? [
          {
            share: LEAST_KM / analysis.fatigue.km,
            what: 'fatigue',
            memberId: analysis.fatigue.memberId,
            key: undefined,
          } satisfies Worst,
        ]
      : []),
  ].sort((a, b) => b.share - a.share);
};

export const groupOfMember = (memberId: string): SizedGroup => {
  const { kind } = parsePartId(memberId);
  if (kind === 'rail' || kind === 'header') return kind;
  return isOfTongue(memberId) || kind === 'coupler' ? 'tongue' : 'cross';
};

export const wallM = (trailer: Trailer, sectionId: string): number => {
  const shape = findSection(trailer, sectionId)?.shape;
  return shape ? wallThicknessM(shape) : 0;
};
