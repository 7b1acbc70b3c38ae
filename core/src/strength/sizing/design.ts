import { type Hardest, hardestOf } from '../analysis/hardest.js';
import { BADLY_OFF } from '../situations/opinions.js';
import { fatigueShare } from '../analysis/fatigue.js';
import { buildChassis } from '../../chassis/index.js';
import { balanceCase } from '../../balance/index.js';
import { type Part, sumMass, trailerParts } from '../../mass/index.js';
import { type BarGroup, findSection, overrideOf, type Trailer, parsePartId, isOfTongue } from '../../project/index.js';
import { wallThicknessM } from '../../sections/index.js';
import type { AnalysisInput } from '../analysis/analyse.js';
import type { RunKey, StrengthAnalysis } from '../analysis/analysis.js';

/** Groups of bars that sizing may change. */
export const SIZED_GROUPS = ['rail', 'header', 'cross', 'tongue'] as const;
export type SizedGroup = (typeof SIZED_GROUPS)[number];

export const isSized = (group: BarGroup): group is SizedGroup => SIZED_GROUPS.some((sized) => sized === group);

/** A section and the metal that it comes in, by group. */
export type Sections = Readonly<Record<SizedGroup, { readonly sectionId: string; readonly materialId: string }>>;

export const sectionsOf = ({ frame }: Trailer): Sections => {
  const { rail, header, cross, tongue } = frame.groups;
  return { rail, header, cross, tongue };
};

/** The trailer with other bars; a bar of these groups that had a section of its own goes with its group, its holes and splices stay. */
export const withSections = (trailer: Trailer, sections: Sections): Trailer => {
  const sized = buildChassis(trailer).members.filter(({ group }) => isSized(group));
  const ids = new Set(sized.filter(({ existing }) => !existing).map(({ id }) => id));
  // What is there already stays what it is.
  const kept = sized
    .filter(({ existing }) => existing)
    .map(({ id, section, material }) => [
      id,
      { ...overrideOf(trailer, id), sectionId: section.id, materialId: material.id },
    ]);
  return {
    ...trailer,
    frame: {
      ...trailer.frame,
      groups: {
        ...trailer.frame.groups,
        ...Object.fromEntries(
          SIZED_GROUPS.map((group) => [group, { ...trailer.frame.groups[group], ...sections[group] }]),
        ),
      },
      overrides: Object.fromEntries([
        ...Object.entries(trailer.frame.overrides).flatMap(([id, own]) =>
          !ids.has(id)
            ? [[id, own]]
            : own.holes || own.splices
              ? [[id, { holes: own.holes, splices: own.splices }]]
              : [],
        ),
        ...kept,
      ]),
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
  for (const { group, section, material, massKg, existing } of chassis.members) {
    if (!isSized(group) || existing) continue;
    const price = section.pricePerKg ?? prices[material.family];
    if (price === null) return undefined;
    sum += price * massKg;
  }
  return sum;
};

/** The hardest-working thing of a design. */
export interface Worst {
  readonly share: number;
  readonly what: Hardest['what'] | 'deflection' | 'fatigue';
  readonly memberId: string;
  /** what a weld joins it to, or whose wall it stands on */
  readonly joint: string | undefined;
  readonly key: RunKey | undefined;
}

/** Which loads a design must bear besides its own. */
export interface Asked {
  /** the plate's gross as badly loaded as its limits allow: a wish */
  readonly badly: boolean;
  /** published drawbar loads: where the trailer is used */
  readonly rules: boolean;
}

export const OWN_LOADS: Asked = { badly: false, rules: false };

/** The trailer with those situations switched off that nobody asks. */
export const asking = (trailer: Trailer, { badly, rules }: Asked): Trailer => ({
  ...trailer,
  strength: {
    ...trailer.strength,
    off: [...trailer.strength.off, ...(badly ? [] : [BADLY_OFF]), ...(rules ? [] : ['drawbar'])],
  },
});

/** Everything that is checked under the trailer's own loads and what else is asked, hardest first. */
export const sharesOf = (analysis: StrengthAnalysis, asked: Asked = OWN_LOADS): readonly Worst[] =>
  [
    analysis,
    ...(asked.badly && analysis.badly ? [analysis.badly] : []),
    ...(asked.rules && analysis.rules ? [analysis.rules] : []),
  ]
    .flatMap(hardestOf)
    .map(({ share, what, memberId, joint, key }): Worst => ({ share, what, memberId, joint, key }))
    .concat(
      analysis.deflections.map(({ byM, divisor, lengthM, memberId }) => ({
        share: (byM * divisor) / lengthM,
        what: 'deflection',
        memberId,
        joint: undefined,
        key: undefined,
      })),
      analysis.fatigue
        ? [
            {
              share: fatigueShare(analysis.fatigue.km),
              what: 'fatigue',
              memberId: analysis.fatigue.memberId,
              joint: analysis.fatigue.joint,
              key: undefined,
            },
          ]
        : [],
    )
    .sort((a, b) => b.share - a.share);

export const groupOfMember = (memberId: string): SizedGroup | 'own' => {
  const { kind } = parsePartId(memberId);
  if (kind === 'own-bar') return 'own';
  if (kind === 'rail' || kind === 'header') return kind;
  return isOfTongue(memberId) || kind === 'coupler' ? 'tongue' : 'cross';
};

export const wallM = (trailer: Trailer, sectionId: string): number => {
  const shape = findSection(trailer, sectionId)?.shape;
  return shape ? wallThicknessM(shape) : 0;
};
