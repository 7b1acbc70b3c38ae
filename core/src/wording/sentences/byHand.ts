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
      byHand(counts, say),
      say.t('{member} works at {utilisation} {factor}, {case}, at {place}{weldAt}.', {
        member: say.partName(data.memberId),
        utilisation: say.percent(utilisation, 0),
        factor: when(data.factor, say),
        case: say.caseName(caseId),
        place: say.length(data.placeM),
        weldAt: data.weldAt
          ? say.t(', beside the weld of {weldAt}', { weldAt: say.inner(say.partName(data.weldAt)) })
          : '',
      }),
      held(verdict, say),
    ),
  tongue: ({ data, utilisation, caseId, verdict, counts }, say) =>
    sentence(
      byHand(counts, say),
      say.t('{member} works at {utilisation} {factor}, {case}{place}.', {
        member: say.partName(data.memberId),
        utilisation: say.percent(utilisation, 0),
        factor: when(data.factor, say),
        case: say.caseName(caseId),
        place: data.placeM > -1e-6 ? say.t(', at the front header') : '',
      }),
      data.weldAt ? say.t('The weld there weakens it.') : '',
      held(verdict, say),
    ),
  'cross-member': ({ data, utilisation, caseId, verdict, counts }, say) =>
    sentence(
      byHand(counts, say),
      say.t('{member} works at {utilisation} {factor}, {case}.', {
        member: say.partName(data.memberId),
        utilisation: say.percent(utilisation, 0),
        factor: when(data.factor, say),
        case: say.caseName(caseId),
      }),
      held(verdict, say),
    ),
  'cross-members-rest': ({ data }, say) =>
    data.count === 1
      ? say.t('Other cross-member: {most}.', { most: say.percent(data.most, 0) })
      : say.t('Other {count} cross-members and headers: {least} to {most}.', {
          count: data.count,
          least: say.percent(data.least, 0),
          most: say.percent(data.most, 0),
        }),
  deflection: ({ data, verdict }, say) => {
    const subject =
      data.what === 'cross-member'
        ? say.t('{member} bends', { member: say.partName(data.memberId) })
        : say.t(BENT[data.what]);
    return say.t('{subject} {by} under the load; {verdict} {length} is usual.', {
      subject,
      by: bend(data.byM, say),
      verdict: verdict === 'over' ? say.t('more than') : say.t('up to'),
      length: say.length(data.lengthM / data.divisor),
    });
  },
  'tongue-leverage': ({ data, caseId }, say) => {
    const where =
      Math.abs(data.placeM) < 1e-3
        ? say.t('at the front header')
        : say.t('{place} ahead of the bed', { place: say.length(Math.abs(data.placeM)) });
    const step = say.length(data.stepM);
    const closer =
      data.perInchCloser > 0
        ? ` ${say.t('Each {step} less between there and the ball takes off {perInchCloser}.', { step, perInchCloser: say.percent(data.perInchCloser) })}`
        : '';
    const depth =
      data.perInchDeeper === undefined
        ? ''
        : ` ${say.t('A bar {step} deeper works {perInchDeeper} less: depth helps more than wall.', { step, perInchDeeper: say.percent(data.perInchDeeper, 0) })}`;
    return say.t('The tongue’s longest lever is {where}, {case}.{closer}{depth}', {
      where,
      case: say.caseName(caseId),
      closer,
      depth,
    });
  },
  'support-assumed': (_, say) =>
    say.t('Suspension unknown: the axle is taken as one point under the rails, which is not how springs hold it.'),
  'tongue-root': (_, say) =>
    say.t(
      'The tongue ends at the front header. How the header passes its bending on to the rails is not checked by hand: run it on under the frame, or have the joint looked at.',
    ),
  'not-in-hand-check': (_, say) =>
    say.t('Not in this hand check: welds, bolts, twist, braking and cornering, buckling, cracks from years of use.'),
  'strength-not-possible': (_, say) =>
    say.t('Bending cannot be worked out until there is a frame, a tongue and an axle behind the ball.'),
};
