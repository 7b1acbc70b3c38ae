import type { BalancedCase } from '../balance/index.js';
import { type Chassis, lineLengthM, type Member } from '../chassis/index.js';
import {
  bendingShare,
  checkShare,
  concluding,
  finding,
  type FindingOf,
  given,
  minus,
  over,
  quantity,
  times,
  workedOut,
} from '../findings/index.js';
import { allowableBending } from '../materials/index.js';
import { axleCount, heaviestMachine, PERSON_KG, rampRad } from '../mass/index.js';
import { isOfPiece, type Piece, type Trailer } from '../project/index.js';
import { usualRailTopM } from '../suspension/index.js';
import { massOfWeightKg, weightN } from '../units/index.js';
import { RULES, STEEP_RAD, WHEEL_SHARE } from './rules.js';

export interface GateFindingData {
  'gate-person': {
    readonly pieceId: string;
    readonly held: 'chains' | 'ground';
    readonly personKg: number;
    readonly ballKg: number;
    readonly beforeKg: number;
  };
  /** no angle where the gate is shorter than its hinge is high */
  'gate-ramp': { readonly pieceId: string; readonly angleRad: number | undefined; readonly hingeM: number };
  'gate-drags': { readonly pieceId: string };
  'gate-bars': {
    readonly pieceId: string;
    readonly memberId: string;
    readonly loadKg: number;
    readonly by: 'person' | 'wheel';
  };
}
export type GateFinding = FindingOf<GateFindingData>;

type Gate = Extract<Piece, { kind: 'gate' }>;

const barsOf = ({ members }: Chassis, gate: Gate): readonly Member[] =>
  members.filter(({ id }) => isOfPiece(id, gate.id));

/** What the gate itself weighs, kg. */
const weightOf = (chassis: Chassis, gate: Gate): number => {
  const panels = chassis.panels.filter(({ id }) => isOfPiece(id, gate.id));
  return [...barsOf(chassis, gate), ...panels].reduce((sum, { massKg }) => sum + massKg, 0);
};

/**
 * Ball load with the gate let down and a person on it, kg. On chains the gate hangs out behind with all its weight and the person at its end; on
 * the ground half of it rests there, and the worst place is at the hinge.
 */
export const ballWithGateKg = (
  { standing }: Pick<BalancedCase, 'standing'>,
  rearXM: number,
  gate: Pick<Gate, 'held' | 'heightM'>,
  gateKg: number,
  personKg: number,
): number | undefined => {
  if (!standing || standing.on !== 'ball') return undefined;
  const armM = standing.groupCentreXM - standing.aheadXM;
  const behind = (xM: number): number => xM - standing.groupCentreXM;
  const closed = gateKg * behind(rearXM);
  const open =
    gate.held === 'chains'
      ? gateKg * behind(rearXM + gate.heightM / 2) + personKg * behind(rearXM + gate.heightM)
      : (gateKg / 2 + personKg) * behind(rearXM);
  return massOfWeightKg(standing.tongueN) - (open - closed) / armM;
};

const person = (trailer: Trailer, chassis: Chassis, cases: readonly BalancedCase[], gate: Gate): GateFinding[] => {
  if (gate.edge !== 'rear') return [];
  const rearXM = trailer.frame.bed.lengthM;
  const gateKg = weightOf(chassis, gate);
  const worst = cases
    .filter(({ loadCase: { gatesDown = [] } }) => !gatesDown.includes(gate.id))
    .flatMap((balanced) => {
      const ballKg = ballWithGateKg(balanced, rearXM, gate, gateKg, PERSON_KG);
      return ballKg === undefined ? [] : [{ balanced, ballKg }];
    })
    .reduce<{ balanced: BalancedCase; ballKg: number } | undefined>(
      (most, next) => (!most || next.ballKg < most.ballKg ? next : most),
      undefined,
    );
  if (!worst?.balanced.standing) return [];
  const { standing, loadCase } = worst.balanced;
  const beforeKg = massOfWeightKg(standing.tongueN);
  const atM = rearXM + (gate.held === 'chains' ? gate.heightM : 0);
  const lifts = over(
    times(quantity(PERSON_KG, 'mass'), quantity(atM - standing.groupCentreXM, 'length')),
    quantity(standing.groupCentreXM - standing.aheadXM, 'length'),
  );
  const gateShiftKg =
    beforeKg -
    worst.ballKg -
    (PERSON_KG * (atM - standing.groupCentreXM)) / (standing.groupCentreXM - standing.aheadXM);
  return [
    finding({
      rule: RULES['gate-person'],
      data: { pieceId: gate.id, held: gate.held, personKg: PERSON_KG, ballKg: worst.ballKg, beforeKg },
      // Hitched, the vehicle holds it down; who steps on it unhitched lifts the tongue.
      verdict: worst.ballKg < 0 ? 'tight' : 'ok',
      step: 'balance',
      subject: gate.id,
      caseId: loadCase.id,
      counts: true,
      value: quantity(weightN(worst.ballKg), 'load'),
      working: [
        given('tongue-load', beforeKg, 'mass'),
        given('gate-down', gateShiftKg, 'mass'),
        concluding(
          workedOut(
            'tongue-load',
            minus(minus(quantity(beforeKg, 'mass'), quantity(gateShiftKg, 'mass')), lifts),
            'mass',
          ),
        ),
      ],
    }),
  ];
};

const ramp = (trailer: Trailer, chassis: Chassis, gate: Gate): GateFinding[] => {
  if (gate.held !== 'ground') return [];
  const hingeM = usualRailTopM(trailer, chassis.railHeightM, axleCount(trailer)) + chassis.deckTopZM + gate.gapM;
  const angleRad = rampRad(hingeM, gate.heightM);
  return [
    finding({
      rule: RULES['gate-ramp'],
      data: { pieceId: gate.id, angleRad, hingeM },
      verdict: angleRad === undefined ? 'over' : angleRad > STEEP_RAD ? 'tight' : 'ok',
      step: 'frame',
      subject: gate.id,
      counts: true,
      value: quantity(gate.heightM, 'length'),
      limit: quantity(hingeM / Math.sin(STEEP_RAD), 'length'),
      working: [
        concluding(
          workedOut('ramp-rises', over(quantity(hingeM, 'length'), quantity(gate.heightM, 'length')), 'percent'),
        ),
      ],
    }),
  ];
};

const bars = (trailer: Trailer, chassis: Chassis, gate: Gate): GateFinding[] => {
  const bar = barsOf(chassis, gate).find(({ id }) => id.endsWith('.stile.1'));
  if (!bar?.line || gate.edge !== 'rear') return [];
  const wheelKg = gate.held === 'ground' ? (heaviestMachine(trailer)?.massKg ?? 0) * WHEEL_SHARE : 0;
  const loadKg = Math.max(PERSON_KG, wheelKg);
  const { design } = bar.bar;
  const modulusM3 = Math.min(design.szLeftM3, design.szRightM3);
  const allowed = allowableBending(bar.material, true);
  const moment = workedOut(
    'moment-standing',
    over(times(quantity(weightN(loadKg), 'force'), quantity(lineLengthM(bar.line), 'arm')), quantity(4, 'number')),
    'moment',
  );
  return [
    checkShare({
      rule: RULES['gate-bars'],
      data: { pieceId: gate.id, memberId: bar.id, loadKg, by: wheelKg > PERSON_KG ? 'wheel' : 'person' },
      step: 'strength',
      subject: gate.id,
      counts: true,
      ...bendingShare(moment, modulusM3, allowed.stressPa),
    }),
  ];
};

/** A ramp that a load has let down while it is towed. */
const drags = ({ cases }: Trailer, gate: Gate): GateFinding[] =>
  gate.held === 'chains'
    ? []
    : cases
        .filter(({ mode, gatesDown = [] }) => mode === 'towed' && gatesDown.includes(gate.id))
        .map(({ id }) =>
          finding({
            rule: RULES['gate-drags'],
            data: { pieceId: gate.id },
            verdict: 'over',
            step: 'loads',
            subject: gate.id,
            caseId: id,
            counts: true,
            working: [],
          }),
        );

/** Gates let down: what a person on one does to the ball, how steep a ramp it is, whether its bars bear what comes over it. */
export const gateFindings = (trailer: Trailer, chassis: Chassis, cases: readonly BalancedCase[]): GateFinding[] =>
  trailer.frame.pieces.flatMap((piece) =>
    piece.kind === 'gate' && barsOf(chassis, piece).length > 0
      ? [
          ...drags(trailer, piece),
          ...person(trailer, chassis, cases, piece),
          ...ramp(trailer, chassis, piece),
          ...bars(trailer, chassis, piece),
        ]
      : [],
  );
