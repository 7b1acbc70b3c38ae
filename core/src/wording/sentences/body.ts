import type { GateFindingData, TiltFindingData, TreadFindingData } from '../../body/index.js';
import { formatAngle } from '../../units/index.js';
import type { SentencesOf } from './kit.js';

export const bodySentences: SentencesOf<GateFindingData & TiltFindingData & TreadFindingData> = {
  'gate-person': ({ data, caseId }, say) => {
    const where =
      data.held === 'chains'
        ? 'at the end of the gate on its chains'
        : 'on the gate at its hinge, its end on the ground';
    return data.ballKg < 0
      ? `${say.mass(data.personKg)} ${where} lift the tongue with ${say.mass(-data.ballKg)}, ${say.caseName(caseId)}. Step on it only when it is hitched, or put stands under the rear first.`
      : `${say.mass(data.personKg)} ${where} leave ${say.mass(data.ballKg)} of ${say.mass(data.beforeKg)} on the ball, ${say.caseName(caseId)}.`;
  },
  'gate-ramp': ({ data }, say) =>
    data.angleRad === undefined
      ? `${say.partName(data.pieceId)} is shorter than its hinge is high, ${say.length(data.hingeM)}: let down, it does not reach the ground. Make it longer, or hang it on chains.`
      : `${say.partName(data.pieceId)} lies on the ground at ${formatAngle(data.angleRad)}, its hinge ${say.length(data.hingeM)} high.`,
  'gate-drags': ({ data, caseId }, say) =>
    `${say.partName(data.pieceId)} lies on the ground ${say.caseName(caseId)}, which is towed: fold it up, or hang it on chains.`,
  'tread-person': ({ data, utilisation }, say) =>
    `${say.partName(data.pieceId)}: a person of ${say.mass(data.personKg)} who steps on the end of one arm works it at ${say.percent(utilisation, 0)}.${(utilisation ?? 0) > 1 ? ' Take heavier bars, or let it reach out less.' : ''}`,
  'gate-bars': ({ data, utilisation }, say) =>
    `${say.partName(data.pieceId)}: ${data.by === 'wheel' ? 'a wheel with' : 'a person of'} ${say.mass(data.loadKg)} in the middle of one bar works it at ${say.percent(utilisation, 0)}.${(utilisation ?? 0) > 1 ? ' Take heavier bars, or drive on over ramps of their own.' : ''}`,
  'tilt-balance': ({ data, caseId }, say) =>
    data.aheadM < 0
      ? `The bed’s balance point lies ${say.length(-data.aheadM)} behind its pivot, ${say.caseName(caseId)}: only the latch holds it down${data.latchN === undefined ? '' : `, with ${say.force(Math.abs(data.latchN))} standing`}. Stop the load further forward.`
      : `The bed with its load balances ${say.length(data.aheadM)} ahead of the pivot, ${say.caseName(caseId)}: it stays down by itself.`,
  'tilt-tips': ({ data }, say) =>
    data.onBed
      ? `Rolled back, ${say.mass(data.machineKg)} bring the bed down as their balance point passes ${say.length(data.tipsXM)} back from the front edge; driven on, it comes level ahead of that. Stop ahead of it.`
      : `The bed’s own weight keeps it level with ${say.mass(data.machineKg)} anywhere on it: hold its rear down until they are on.`,
  'tilt-ramp': ({ data }, say) =>
    data.angleRad === undefined
      ? `The bed’s rear edge, ${say.length(data.behindM)} behind the pivot, does not come down to the ground ${say.length(data.pivotM)} below it. Move the pivot forward.`
      : `Tipped, the bed stands at ${formatAngle(data.angleRad)}.`,
  'tilt-pins': ({ data, utilisation }, say) =>
    `Two pivot pins under ${say.mass(data.massKg)} in a hard bump work at ${say.percent(utilisation, 0)} in shear.`,
};
