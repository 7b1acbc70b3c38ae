import type { StrengthFindingData } from '../../strength/index.js';
import { when, bend, held, byHand, sentence, type SentencesOf } from './kit.js';

const BENT = {
  rails: 'Rails between ball and axle bend',
  'rear-overhang': 'The rear end goes',
  'tongue-tip': 'The tongue’s tip goes',
  'cross-member': 'bends',
} as const;

export const byHandSentences: SentencesOf<StrengthFindingData> = {
  rails: ({ data, utilisation, caseId, verdict, counts }, say) =>
    sentence(
      byHand(counts),
      `${say.partName(data.memberId)} works at ${say.percent(utilisation, 0)} ${when(data.factor)}, ${say.caseName(caseId)}, at ${say.length(data.placeM)}${data.weldAt ? `, beside the weld of ${say.partName(data.weldAt).toLowerCase()}` : ''}.`,
      held(verdict),
    ),
  tongue: ({ data, utilisation, caseId, verdict, counts }, say) =>
    sentence(
      byHand(counts),
      `${say.partName(data.memberId)} works at ${say.percent(utilisation, 0)} ${when(data.factor)}, ${say.caseName(caseId)}${data.placeM > -1e-6 ? ', at the front header' : ''}.`,
      data.weldAt ? 'The weld there weakens it.' : '',
      held(verdict),
    ),
  'cross-member': ({ data, utilisation, caseId, verdict, counts }, say) =>
    sentence(
      byHand(counts),
      `${say.partName(data.memberId)} works at ${say.percent(utilisation, 0)} ${when(data.factor)}, ${say.caseName(caseId)}.`,
      held(verdict),
    ),
  'cross-members-rest': ({ data }, say) =>
    data.count === 1
      ? `Other cross-member: ${say.percent(data.most, 0)}.`
      : `Other ${data.count} cross-members and headers: ${say.percent(data.least, 0)} to ${say.percent(data.most, 0)}.`,
  deflection: ({ data, verdict }, say) => {
    const subject = data.what === 'cross-member' ? `${say.partName(data.memberId)} bends` : BENT[data.what];
    return `${subject} ${bend(data.byM, say)} under the load; ${verdict === 'over' ? 'more than' : 'up to'} ${say.length(data.lengthM / data.divisor)} is usual.`;
  },
  'tongue-leverage': ({ data, caseId }, say) => {
    const where =
      Math.abs(data.placeM) < 1e-3 ? 'at the front header' : `${say.length(Math.abs(data.placeM))} ahead of the bed`;
    const step = say.length(data.stepM);
    const closer =
      data.perInchCloser > 0
        ? ` Each ${step} less between there and the ball takes off ${say.percent(data.perInchCloser)}.`
        : '';
    const depth =
      data.perInchDeeper === undefined
        ? ''
        : ` A bar ${step} deeper works ${say.percent(data.perInchDeeper, 0)} less: depth helps more than wall.`;
    return `The tongue’s longest lever is ${where}, ${say.caseName(caseId)}.${closer}${depth}`;
  },
  'support-assumed': () =>
    'Suspension unknown: the axle is taken as one point under the rails, which is not how springs hold it.',
  'tongue-root': () =>
    'The tongue ends at the front header. How the header passes its bending on to the rails is not checked by hand: run it on under the frame, or have the joint looked at.',
  'not-in-hand-check': () =>
    'Not in this hand check: welds, bolts, twist, braking and cornering, buckling, cracks from years of use.',
  'strength-not-possible': () =>
    'Bending cannot be worked out until there is a frame, a tongue and an axle behind the ball.',
};
