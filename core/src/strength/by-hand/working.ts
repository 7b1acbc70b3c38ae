import {
  concluding,
  type Expression,
  given,
  minus,
  over,
  plus,
  quantity,
  times,
  type WorkingLabel,
  type WorkingLine,
  workedOut,
} from '../../findings/index.js';
import type { Part } from '../../mass/index.js';
import type { BeamLoads } from './beam.js';
import type { MemberWork } from './memberWork.js';

interface Turning {
  readonly label: WorkingLabel;
  readonly name?: string | undefined;
  readonly forceN: number;
  readonly armM: number;
  readonly sign: 1 | -1;
}

const isItem = (part: Part | undefined): part is Part => part?.name !== undefined;

const leftOf = (
  loads: BeamLoads,
  xM: number,
  pressing: readonly (Part | undefined)[],
  upLabel: (xM: number) => WorkingLabel,
): Turning[] => {
  const turnings: Turning[] = loads.forces
    .filter((force) => force.xM < xM - 1e-9)
    .map((force) => ({ label: upLabel(force.xM), forceN: force.upN, armM: xM - force.xM, sign: 1 }));
  let restN = 0;
  let restNm = 0;
  loads.spreads.forEach(({ fromM, toM, downN }, i) => {
    const end = Math.min(toM, xM);
    if (end < fromM || (end === fromM && toM > fromM)) return;
    const share = toM > fromM ? (end - fromM) / (toM - fromM) : 1;
    const armM = xM - (fromM + end) / 2;
    const part = pressing[i];
    if (isItem(part)) {
      turnings.push({ label: 'item-presses', name: part.name, forceN: downN * share, armM, sign: -1 });
    } else {
      restN += downN * share;
      restNm += downN * share * armM;
    }
  });
  if (restN > 0) turnings.push({ label: 'frame-and-deck-press', forceN: restN, armM: restNm / restN, sign: -1 });
  return turnings;
};

/** Turning about a place, of everything ahead of it: each force × its arm, then their sum. */
const momentWorking = (
  loads: BeamLoads,
  xM: number,
  pressing: readonly (Part | undefined)[],
  upLabel: (xM: number) => WorkingLabel,
): WorkingLine[] => {
  const turnings = leftOf(loads, xM, pressing, upLabel);
  const lines = turnings.map(({ label, name, forceN, armM }) =>
    workedOut(label, times(quantity(forceN, 'force'), quantity(armM, 'arm')), 'moment', name),
  );
  const couples = loads.couples.filter((couple) => couple.xM < xM + 1e-9);
  const coupleLines = couples.map(({ momentNm }) => given('bracket-couple', momentNm, 'moment'));
  const sum = [
    ...turnings.map(({ forceN, armM, sign }) => ({ value: forceN * armM, sign })),
    ...couples.map(({ momentNm }) => ({
      value: Math.abs(momentNm),
      sign: momentNm < 0 ? (-1 as const) : (1 as const),
    })),
  ].reduce<Expression | undefined>((left, { value, sign }) => {
    const term = quantity(value, 'moment');
    if (left === undefined) return sign === 1 ? term : minus(quantity(0, 'moment'), term);
    return sign === 1 ? plus(left, term) : minus(left, term);
  }, undefined);
  return sum === undefined ? [] : [...lines, ...coupleLines, workedOut('moment-standing', sum, 'moment')];
};

/** How the beam's moment or shear comes to the member. */
export interface Sharing {
  readonly kind: 'one-side' | 'leg' | 'alone';
  readonly legs?: number;
  readonly legAngleRad?: number;
}

const shareLines = (
  work: MemberWork,
  sharing: Sharing,
  startValue: number,
  kind: 'moment' | 'force',
): { lines: WorkingLine[]; value: number } => {
  const lines: WorkingLine[] = [];
  let value = startValue;
  const step = (label: WorkingLabel, expression: Expression): void => {
    const line = workedOut(label, expression, kind);
    lines.push(line);
    value = line.result.value;
  };
  step('moment-in-bump', times(quantity(value, kind), quantity(work.factor, 'number')));
  if (sharing.kind === 'one-side')
    step('one-side-takes', times(quantity(value, kind), quantity(work.share, 'percent')));
  if (sharing.kind === 'leg' && (sharing.legs ?? 1) > 1) {
    step('each-leg-takes', over(quantity(value, kind), quantity(sharing.legs ?? 1, 'number')));
    step('slanted-leg', over(quantity(value, kind), quantity(Math.cos(sharing.legAngleRad ?? 0), 'number')));
  }
  return { lines, value };
};

/** From the loads on the beam to the share of the allowable that the metal works at. */
export const memberWorking = (
  work: MemberWork,
  loads: BeamLoads,
  pressing: readonly (Part | undefined)[],
  sharing: Sharing,
  upLabel: (xM: number) => WorkingLabel,
): WorkingLine[] => {
  const bending = work.mode === 'bending';
  const kind = bending ? 'moment' : 'force';
  const start = bending
    ? momentWorking(loads, work.placeM, pressing, upLabel)
    : [given('shear-feels', Math.abs(work.standing), 'force')];
  const { lines, value } = shareLines(work, sharing, Math.abs(work.standing), kind);
  const stress = workedOut(
    'metal-feels',
    over(quantity(value, kind), quantity(work.resists, bending ? 'modulus' : 'area')),
    'stress',
  );
  const { allowable } = work;
  const allowedAlone = over(quantity(allowable.strengthPa, 'stress'), quantity(allowable.factor, 'number'));
  const allowed = workedOut(
    'allowed',
    work.shapeShare === 1 ? allowedAlone : times(allowedAlone, quantity(work.shapeShare, 'number')),
    'stress',
  );
  return [
    ...start,
    ...lines,
    stress,
    allowed,
    concluding(
      workedOut(
        'works-at',
        over(quantity(stress.result.value, 'stress'), quantity(allowed.result.value, 'stress')),
        'percent',
      ),
    ),
  ];
};
