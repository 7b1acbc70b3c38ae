import { type BalancedCase } from '../../balance/index.js';
import type { Chassis } from '../../chassis/index.js';
import { checkShare, concluding, finding, type FindingOf, over, quantity, workedOut } from '../../findings/index.js';
import type { Trailer } from '../../project/index.js';

import { type CaseCheck, checkCase, type Deflection } from './handCheck.js';
import type { MemberWork } from './memberWork.js';
import { memberWorking, type Sharing } from './working.js';
import { type Leverage, tongueLeverage } from './leverage.js';
import { RULES } from '../rules.js';

interface WorkData {
  readonly memberId: string;
  readonly mode: 'bending' | 'shear';
  readonly placeM: number;
  readonly factor: number;
  /** id of what is welded on where the metal works hardest, where that weakens it */
  readonly weldAt: string | undefined;
}

export interface StrengthFindingData {
  rails: WorkData;
  tongue: WorkData;
  'cross-member': WorkData & { readonly tongueUpN: number };
  'cross-members-rest': { readonly count: number; readonly least: number; readonly most: number };
  deflection: Deflection;
  'tongue-leverage': Omit<Leverage, 'caseId'>;
  'support-assumed': Record<string, never>;
  'tongue-root': { readonly rearOn: 'rails' | 'cross-member' | 'header' };
  'not-in-hand-check': Record<string, never>;
  'strength-not-possible': Record<string, never>;
}
export type StrengthFinding = FindingOf<StrengthFindingData>;

/** How hard a member works at worst, for the drawing. */
export interface MemberUtilisation {
  readonly memberId: string;
  readonly caseId: string;
  readonly utilisation: number;
}

export interface StrengthResult {
  readonly checks: readonly CaseCheck[];
  readonly members: readonly MemberUtilisation[];
  readonly findings: readonly StrengthFinding[];
}

interface Worst {
  readonly check: CaseCheck;
  readonly work: MemberWork;
}

const worstOf = (
  checks: readonly CaseCheck[],
  pick: (check: CaseCheck) => readonly (MemberWork | undefined)[],
): Worst | undefined => {
  let worst: Worst | undefined;
  for (const check of checks) {
    for (const work of pick(check)) {
      if (work && (!worst || work.utilisation > worst.work.utilisation)) worst = { check, work };
    }
  }
  return worst;
};

const workData = ({ work }: Worst): WorkData => ({
  memberId: work.member.id,
  mode: work.mode,
  placeM: work.placeM,
  factor: work.factor,
  weldAt: work.allowable.welded ? work.zone?.at : undefined,
});

const workFinding = ({ check, work }: Worst) => ({
  step: 'strength' as const,
  subject: work.member.id,
  caseId: check.caseId,
  utilisation: work.utilisation,
  value: quantity(work.stressPa, 'stress'),
  limit: quantity(work.allowable.stressPa * work.shapeShare, 'stress'),
});

const beamWorking = ({ check, work }: Worst, sharing: Sharing) =>
  memberWorking(work, check.beam.loads, check.beam.pressing, sharing, (xM) =>
    xM === check.beam.aheadXM ? 'ball-lifts' : 'hanger-lifts',
  );

const railsAndTongue = (chassis: Chassis, checks: readonly CaseCheck[]): StrengthFinding[] => {
  const rails = worstOf(checks, (check) => check.rails);
  const tongue = worstOf(checks, (check) => [check.tongue]);
  const leg: Sharing = { kind: 'leg', legs: chassis.tongue?.legs ?? 1, legAngleRad: chassis.tongue?.legAngleRad ?? 0 };
  return [
    ...(rails
      ? [
          checkShare({
            rule: RULES.rails,
            data: workData(rails),
            ...workFinding(rails),
            working: beamWorking(rails, { kind: 'one-side' }),
          }),
        ]
      : []),
    ...(tongue
      ? [
          checkShare({
            rule: RULES.tongue,
            data: workData(tongue),
            ...workFinding(tongue),
            working: beamWorking(tongue, leg),
          }),
        ]
      : []),
  ];
};

/** Cross-members that work harder than this get a finding each; the others are summed up in one. */
const NAMED_FROM = 0.7;

const crossFindings = (checks: readonly CaseCheck[]): StrengthFinding[] => {
  const ids = [...new Set(checks.flatMap((check) => check.cross.map(({ work }) => work.member.id)))];
  const worst = ids.flatMap((id) => {
    const found = worstOf(checks, (check) =>
      check.cross.filter(({ work }) => work.member.id === id).map(({ work }) => work),
    );
    return found ? [found] : [];
  });
  const named = worst.filter(({ work }) => work.utilisation >= NAMED_FROM);
  const rest = worst.filter(({ work }) => work.utilisation < NAMED_FROM);
  const restUtilisations = rest.map(({ work }) => work.utilisation);
  const hardestRest = rest.reduce<Worst | undefined>(
    (best, next) => (!best || next.work.utilisation > best.work.utilisation ? next : best),
    undefined,
  );
  const withWorking = (found: Worst) => {
    const beam = found.check.cross.find(({ work }) => work === found.work)?.beam;
    return {
      ...workFinding(found),
      working: beam
        ? memberWorking(found.work, beam.loads, beam.pressing, { kind: 'alone' }, (yM) =>
            yM === beam.loads.forces[0]?.xM ? 'hanger-lifts' : 'tongue-bears',
          )
        : [],
      tongueUpN: beam?.tongueUpN ?? 0,
    };
  };
  return [
    ...named.map((found): StrengthFinding => {
      const { tongueUpN, ...worked } = withWorking(found);
      return checkShare({ rule: RULES['cross-member'], data: { ...workData(found), tongueUpN }, ...worked });
    }),
    ...(hardestRest
      ? [
          ((): StrengthFinding => {
            const { tongueUpN: _none, ...worked } = withWorking(hardestRest);
            return checkShare({
              rule: RULES['cross-members-rest'],
              data: { count: rest.length, least: Math.min(...restUtilisations), most: Math.max(...restUtilisations) },
              ...worked,
            });
          })(),
        ]
      : []),
  ];
};

const deflectionFindings = (checks: readonly CaseCheck[]): StrengthFinding[] =>
  (['rails', 'rear-overhang', 'tongue-tip', 'cross-member'] as const).flatMap((what): StrengthFinding[] => {
    let worst: { check: CaseCheck; deflection: Deflection; utilisation: number } | undefined;
    for (const check of checks) {
      for (const deflection of check.deflections) {
        const utilisation = (deflection.byM * deflection.divisor) / deflection.lengthM;
        if (deflection.what === what && (!worst || utilisation > worst.utilisation))
          worst = { check, deflection, utilisation };
      }
    }
    if (!worst) return [];
    const { check, deflection, utilisation } = worst;
    const allowedM = deflection.lengthM / deflection.divisor;
    return [
      checkShare({
        rule: RULES.deflection,
        data: deflection,
        step: 'strength',
        subject: deflection.memberId,
        caseId: check.caseId,
        aspect: what,
        utilisation,
        value: quantity(deflection.byM, 'length'),
        limit: quantity(allowedM, 'length'),
        working: [
          workedOut(
            'allowed-bend',
            over(quantity(deflection.lengthM, 'length'), quantity(deflection.divisor, 'number')),
            'length',
          ),
          concluding(
            workedOut('works-at', over(quantity(deflection.byM, 'length'), quantity(allowedM, 'length')), 'percent'),
          ),
        ],
      }),
    ];
  });

const hardestByMember = (checks: readonly CaseCheck[]): MemberUtilisation[] => {
  const hardest = new Map<string, MemberUtilisation>();
  for (const check of checks) {
    const works = [...check.rails, ...(check.tongue ? [check.tongue] : []), ...check.cross.map(({ work }) => work)];
    for (const { member, utilisation } of works) {
      const known = hardest.get(member.id);
      if (!known || utilisation > known.utilisation)
        hardest.set(member.id, { memberId: member.id, caseId: check.caseId, utilisation });
    }
  }
  return [...hardest.values()];
};

const plain = { step: 'strength', subject: 'trailer', counts: true, working: [] } as const;

/** The hand check of every case, what it finds, and what it leaves out. */
export const handCheck = (trailer: Trailer, chassis: Chassis, cases: readonly BalancedCase[]): StrengthResult => {
  const checks = cases.flatMap((balanced) => {
    const check = checkCase(trailer, chassis, balanced);
    return check ? [check] : [];
  });
  if (checks.length === 0) {
    return {
      checks,
      members: [],
      findings: [
        finding({
          ...plain,
          rule: RULES['strength-not-possible'],
          data: {},
          verdict: 'open',
        }),
      ],
    };
  }
  const findings: StrengthFinding[] = [
    ...railsAndTongue(chassis, checks),
    ...crossFindings(checks),
    ...deflectionFindings(checks),
  ];
  const leverage = tongueLeverage(checks);
  if (leverage) {
    const { caseId, ...data } = leverage;
    findings.push(
      finding({
        ...plain,
        subject: 'tongue',
        rule: RULES['tongue-leverage'],
        data,
        caseId,
        counts: false,
        verdict: 'ok',
      }),
    );
  }
  if (checks.some(({ beam }) => beam.suspension.kind === 'unknown')) {
    findings.push(
      finding({
        ...plain,
        rule: RULES['support-assumed'],
        data: {},
        verdict: 'unchecked',
      }),
    );
  }
  if (chassis.tongue && chassis.tongue.rearOn === 'header') {
    findings.push(
      finding({
        ...plain,
        subject: 'header.front',
        rule: RULES['tongue-root'],
        data: { rearOn: chassis.tongue.rearOn },
        verdict: 'unchecked',
      }),
    );
  }
  findings.push(
    finding({
      ...plain,
      rule: RULES['not-in-hand-check'],
      data: {},
      verdict: 'unchecked',
    }),
  );
  return { checks, members: hardestByMember(checks), findings };
};
