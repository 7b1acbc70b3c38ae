import type { GateFindingData, TiltFindingData, TreadFindingData } from '../../body/index.js';
import { formatAngle } from '../../units/index.js';
import type { SentencesOf } from './kit.js';

export const bodySentences: SentencesOf<GateFindingData & TiltFindingData & TreadFindingData> = {
  'gate-person': ({ data, caseId }, say) => {
    const where =
      data.held === 'chains'
        ? say.t('at the end of the gate on its chains')
        : say.t('on the gate at its hinge, its end on the ground');
    return data.ballKg < 0
      ? say.t(
          '{person} {where} lift the tongue with {ball}, {case}. Step on it only when it is hitched, or put stands under the rear first.',
          { person: say.mass(data.personKg), where, ball: say.mass(-data.ballKg), case: say.caseName(caseId) },
        )
      : say.t('{person} {where} leave {ball} of {before} on the ball, {case}.', {
          person: say.mass(data.personKg),
          where,
          ball: say.mass(data.ballKg),
          before: say.mass(data.beforeKg),
          case: say.caseName(caseId),
        });
  },
  'gate-ramp': ({ data }, say) =>
    data.angleRad === undefined
      ? say.t(
          '{piece} is shorter than its hinge is high, {hinge}: let down, it does not reach the ground. Make it longer, or hang it on chains.',
          { piece: say.partName(data.pieceId), hinge: say.length(data.hingeM) },
        )
      : say.t('{piece} lies on the ground at {angle}, its hinge {hinge} high.', {
          piece: say.partName(data.pieceId),
          angle: say.figures(formatAngle(data.angleRad)),
          hinge: say.length(data.hingeM),
        }),
  'gate-drags': ({ data, caseId }, say) =>
    say.t('{piece} lies on the ground {case}, which is towed: fold it up, or hang it on chains.', {
      piece: say.partName(data.pieceId),
      case: say.caseName(caseId),
    }),
  'tread-person': ({ data, utilisation }, say) =>
    say.t('{piece}: a person of {person} who steps on the end of one arm works it at {utilisation}.{utilisation2}', {
      piece: say.partName(data.pieceId),
      person: say.mass(data.personKg),
      utilisation: say.percent(utilisation, 0),
      utilisation2: (utilisation ?? 0) > 1 ? ` ${say.t('Take heavier bars, or let it reach out less.')}` : '',
    }),
  'gate-bars': ({ data, utilisation }, say) =>
    say.t('{piece}: {by} {load} in the middle of one bar works it at {utilisation}.{utilisation2}', {
      piece: say.partName(data.pieceId),
      by: data.by === 'wheel' ? say.t('a wheel with') : say.t('a person of'),
      load: say.mass(data.loadKg),
      utilisation: say.percent(utilisation, 0),
      utilisation2:
        (utilisation ?? 0) > 1 ? ` ${say.t('Take heavier bars, or drive on over ramps of their own.')}` : '',
    }),
  'tilt-balance': ({ data, caseId }, say) =>
    data.aheadM < 0
      ? say.t(
          'The bed’s balance point lies {ahead} behind its pivot, {case}: only the latch holds it down{latch}. Stop the load further forward.',
          {
            ahead: say.length(-data.aheadM),
            case: say.caseName(caseId),
            latch:
              data.latchN === undefined
                ? ''
                : say.t(', with {latch} standing', { latch: say.force(Math.abs(data.latchN)) }),
          },
        )
      : say.t('The bed with its load balances {ahead} ahead of the pivot, {case}: it stays down by itself.', {
          ahead: say.length(data.aheadM),
          case: say.caseName(caseId),
        }),
  'tilt-tips': ({ data }, say) =>
    data.onBed
      ? say.t(
          'Rolled back, {machine} bring the bed down as their balance point passes {tipsX} back from the front edge; driven on, it comes level ahead of that. Stop ahead of it.',
          { machine: say.mass(data.machineKg), tipsX: say.length(data.tipsXM) },
        )
      : say.t(
          'The bed’s own weight keeps it level with {machine} anywhere on it: hold its rear down until they are on.',
          { machine: say.mass(data.machineKg) },
        ),
  'tilt-ramp': ({ data }, say) =>
    data.angleRad === undefined
      ? say.t(
          'The bed’s rear edge, {behind} behind the pivot, does not come down to the ground {pivot} below it. Move the pivot forward.',
          { behind: say.length(data.behindM), pivot: say.length(data.pivotM) },
        )
      : say.t('Tipped, the bed stands at {angle}.', { angle: say.figures(formatAngle(data.angleRad)) }),
  'tilt-pins': ({ data, utilisation }, say) =>
    say.t('Two pivot pins under {mass} in a hard bump work at {utilisation} in shear.', {
      mass: say.mass(data.massKg),
      utilisation: say.percent(utilisation, 0),
    }),
};
