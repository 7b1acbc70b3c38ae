import type { AxleWindow, BalanceFindingData, CaseFindingData, WindowReason } from '../../balance/index.js';
import type { Speaker } from '../speak.js';
import { spare, sentence, addsOrTakes, type SentencesOf } from './kit.js';

const REASONS: Readonly<Record<WindowReason, string>> = {
  'tongue-too-light': 'the tongue gets too light',
  'tongue-too-heavy': 'the tongue gets too heavy',
  'hitch-limit': 'the hitch has its limit',
  'axle-rating': 'the axle has its rating',
  'bed-edge': 'the bed ends',
  ball: 'the ball is there',
};

/** Under this share of the least of its band a trailer is tail-heavy, and not only light in front (common practice). */
const FAR_LIGHT = 0.7;

const windowSentence = (window: AxleWindow, say: Speaker): string => {
  if (window.kind === 'none-asked') return 'No towed load counts for the axle’s place yet.';
  if (window.kind === 'window') {
    return `All towed loads ride well with the axle from ${say.length(window.fromM)} to ${say.length(window.toM)}. Further forward ${REASONS[window.fromCase.from.reason]} in ${say.caseName(window.fromCase.caseId)}; further back ${REASONS[window.toCase.to.reason]} in ${say.caseName(window.toCase.caseId)}.`;
  }
  const [alone] = window.impossible;
  const parts: string[] = [];
  const overloads = (reason: WindowReason): boolean => reason === 'axle-rating';
  if (alone && (overloads(alone.from.reason) || overloads(alone.to.reason))) {
    parts.push(
      `${say.caseName(alone.caseId)} overloads the axle wherever its tongue is not too heavy: no place mends that, a bigger axle or a lighter load does.`,
    );
  } else if (alone) {
    parts.push(
      `${say.caseName(alone.caseId)} suits no axle place even alone: ahead of ${say.length(alone.from.xM)} ${REASONS[alone.from.reason]}, behind ${say.length(alone.to.xM)} ${REASONS[alone.to.reason]}.`,
    );
  }
  if (window.fight) {
    const { forward, rearward } = window.fight;
    parts.push(
      `${say.caseName(forward.caseId)} wants the axle no further back than ${say.length(forward.to.xM)}, ${say.caseName(rearward.caseId)} at least ${say.length(rearward.from.xM)}.`,
    );
  }
  if (window.agree && window.agree.caseIds.length > 1) {
    parts.push(
      `${window.agree.caseIds.length} loads agree from ${say.length(window.agree.fromM)} to ${say.length(window.agree.toM)}.`,
    );
  }
  return `No axle place suits every load. ${parts.join(' ')}`;
};

export const balanceSentences: SentencesOf<BalanceFindingData & CaseFindingData> = {
  'tongue-share': ({ data, caseId, verdict }, say) => {
    const name = say.caseName(caseId);
    const carried = `tongue carries ${say.load(data.tongueN)}, ${say.percent(data.share)}.`;
    switch (data.side) {
      case 'lifts':
        return `${name}: tongue pulls up with ${say.load(-data.tongueN)}. Tail-heavy: sway is likely, and the coupler is lifted off.`;
      case 'too-light':
        return data.slow
          ? `${name}: ${carried} Light in front: nothing sways at a walking pace, but the hitch chatters.`
          : verdict === 'tight'
            ? `${name}: ${carried} Just under its band: weigh it, or move something forward.`
            : data.enoughForScale
              ? `${name}: ${carried} Light in front by its band; the bathroom scale asks no more of an empty tandem than 75 to 100 lb (34 to 45 kg).`
              : data.share < FAR_LIGHT * data.band.minShare
                ? `${name}: ${carried} Tail-heavy: sway is likely.`
                : `${name}: ${carried} Light in front: it sways sooner than it should.`;
      case 'too-heavy':
        return verdict === 'tight'
          ? `${name}: ${carried} Just over its band.`
          : `${name}: ${carried} Nose-heavy: it presses the hitch down.`;
      case 'within':
        return `${name}: ${carried}`;
    }
  },
  'tongue-limit': ({ data, caseId }, say) =>
    data.limitN === undefined
      ? `Most on the ball is ${say.load(data.tongueN)}, ${say.caseName(caseId)}. What hitch and coupler allow is missing: read it off their plates.`
      : `Most on the ball is ${say.load(data.tongueN)}, ${say.caseName(caseId)}. ${data.by === 'coupler' ? 'Coupler' : 'Tow vehicle'} allows ${say.load(data.limitN)}: ${spare(data.tongueN, data.limitN, (n) => say.load(n))}.${data.vehicleUnknown ? ' What the tow vehicle’s hitch allows is missing.' : ''}`,
  'jack-load': ({ data, caseId }, say) =>
    data.loadN < 0
      ? `${say.caseName(caseId)}: it tips back off the jack with ${say.load(-data.loadN)}. Put stands under the rear before you unhitch.`
      : `${say.caseName(caseId)}: jack carries ${say.load(data.loadN)}.`,
  'loading-uplift': ({ data, caseId }, say) =>
    data.tongueN < 0
      ? `${say.caseName(caseId)}: the tongue lifts the tow vehicle with ${say.load(-data.tongueN)}. Put a stand under the rear first.`
      : `${say.caseName(caseId)}: the tongue stays down with ${say.load(data.tongueN)}.`,
  'sixty-forty': ({ data }, say) =>
    `The 60/40 rule says ${say.length(data.ruleM)}. ${data.window.kind === 'window' ? (data.ruleFits ? 'Your loads agree with it.' : `Your loads want ${say.length(data.window.fromM)} to ${say.length(data.window.toM)}.`) : 'Your loads agree on no place, so no rule of thumb can be right for all of them.'}`,
  'axle-window': ({ data }, say) => {
    const here =
      data.window.kind === 'window'
        ? data.inside
          ? `Axle at ${say.length(data.positionM)} suits every load.`
          : `Axle at ${say.length(data.positionM)} lies outside.`
        : '';
    return sentence(here, windowSentence(data.window, say));
  },
  'no-cases': () => 'No load case yet. Say at least what is aboard when it is empty and when it is full.',
  'extreme-case': ({ data, caseId }, say) => {
    const where = data.toward === 'tail' ? 'as far back and as heavy behind' : 'as far forward and as heavy in front';
    const verdict =
      data.tongueKg < 0
        ? 'the tongue lifts.'
        : data.within
          ? `still ${say.percent(data.share)} on the tongue.`
          : `${say.percent(data.share)} on the tongue, out of its band: weigh what you guessed.`;
    return `${say.caseName(caseId)} with everything ${where} as your doubt allows: ${verdict}`;
  },
  'heaviest-doubt': ({ data, caseId, verdict }, say) =>
    sentence(
      `${say.caseName(caseId)} weighs ${say.mass(data.massKg)}, and by what is guessed ${say.mass(data.heavyKg)} or more once in twenty.`,
      verdict === 'tight' && data.ratedKg !== undefined
        ? `The plate allows ${say.mass(data.ratedKg)}: weigh what you guessed before you buy axle and tires.`
        : '',
    ),
  'tongue-slopes': ({ data, caseId }, say) =>
    sentence(
      `${say.caseName(caseId)}: each ${say.length(data.stepM)} that the axle goes back ${addsOrTakes(data.axleKg, say)} the tongue; each ${say.length(data.stepM)} that the ball goes further ahead ${addsOrTakes(data.ballKg, say)} it.`,
      data.item
        ? `${say.partName(data.item.id)} ${say.length(data.stepM)} further back ${addsOrTakes(data.item.kg, say)} it.`
        : '',
    ),
  'parked-tips': ({ data, caseId }, say) =>
    data.jackN < 0
      ? `${say.caseName(caseId)}: ${say.mass(data.peopleKg)} of people on the rear edge tip it over its ${data.on}. Set stands under the rear before anyone steps there.`
      : `${say.caseName(caseId)}: with ${say.mass(data.peopleKg)} of people on the rear edge ${say.load(data.jackN)} are left on the jack.`,
  'left-right': ({ data, caseId, verdict }, say) =>
    sentence(
      `${say.caseName(caseId)}: the ${data.side} wheels carry ${say.mass(data.byKg)} more, ${say.percent(data.share)} of both.`,
      verdict === 'ok' ? '' : 'Move something over.',
    ),
  'balance-height': ({ data, caseId }, say) =>
    `The balance point is ${say.length(data.heightM)} above the ground at its highest, ${say.caseName(caseId)}${data.raisedBy === undefined ? '' : `; ${say.partName(data.raisedBy)} raises it most`}.`,
  'axles-swing': ({ data, caseId }, say) =>
    sentence(
      data.known
        ? Math.abs(data.ballAboveLevelM) < 1e-4
          ? 'These axles share by how level the trailer rides; the tow vehicle holds it level.'
          : `These axles share by how level the trailer rides; the tow vehicle holds the ball ${say.length(Math.abs(data.ballAboveLevelM))} ${data.ballAboveLevelM > 0 ? 'above' : 'below'} level.`
        : 'These axles share by how level the trailer rides, and how high the tow vehicle holds the ball is missing: counted as level.',
      `Each ${say.length(data.stepM)} that the ball goes up ${addsOrTakes(data.frontKg, say)} the front axle and ${addsOrTakes(data.rearKg, say)} the rear one, ${say.caseName(caseId)}. The frame is analysed as if it rode level.`,
    ),
};
