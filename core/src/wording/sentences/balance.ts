import type { AxleWindow, BalanceFindingData, CaseFindingData, WindowReason } from '../../balance/index.js';
import type { Speaker } from '../speak.js';
import { spare, sentence, addsOrTakes, type SentencesOf } from './kit.js';

const REASONS = {
  'tongue-too-light': 'the tongue gets too light',
  'tongue-too-heavy': 'the tongue gets too heavy',
  'hitch-limit': 'the hitch has its limit',
  'axle-rating': 'the axle has its rating',
  'bed-edge': 'the bed ends',
  ball: 'the ball is there',
} as const satisfies Readonly<Record<WindowReason, string>>;

/** Under this share of the least of its band a trailer is tail-heavy, and not only light in front (common practice). */
const FAR_LIGHT = 0.7;

const windowSentence = (window: AxleWindow, say: Speaker): string => {
  if (window.kind === 'none-asked') return say.t('No towed load counts for the axle’s place yet.');
  if (window.kind === 'window') {
    return say.t(
      'All towed loads ride well with the axle from {from} to {to}. Further forward {reasons} in {case}; further back {reasons2} in {case2}.',
      {
        from: say.length(window.fromM),
        to: say.length(window.toM),
        reasons: say.t(REASONS[window.fromCase.from.reason]),
        case: say.caseName(window.fromCase.caseId),
        reasons2: say.t(REASONS[window.toCase.to.reason]),
        case2: say.caseName(window.toCase.caseId),
      },
    );
  }
  const [alone] = window.impossible;
  const parts: string[] = [];
  const overloads = (reason: WindowReason): boolean => reason === 'axle-rating';
  if (alone && (overloads(alone.from.reason) || overloads(alone.to.reason))) {
    parts.push(
      say.t(
        '{case} overloads the axle wherever its tongue is not too heavy: no place mends that, a bigger axle or a lighter load does.',
        { case: say.caseName(alone.caseId) },
      ),
    );
  } else if (alone) {
    parts.push(
      say.t('{case} suits no axle place even alone: ahead of {x} {reasons}, behind {x2} {reasons2}.', {
        case: say.caseName(alone.caseId),
        x: say.length(alone.from.xM),
        reasons: say.t(REASONS[alone.from.reason]),
        x2: say.length(alone.to.xM),
        reasons2: say.t(REASONS[alone.to.reason]),
      }),
    );
  }
  if (window.fight) {
    const { forward, rearward } = window.fight;
    parts.push(
      say.t('{case} wants the axle no further back than {x}, {case2} at least {x2}.', {
        case: say.caseName(forward.caseId),
        x: say.length(forward.to.xM),
        case2: say.caseName(rearward.caseId),
        x2: say.length(rearward.from.xM),
      }),
    );
  }
  if (window.agree && window.agree.caseIds.length > 1) {
    parts.push(
      say.t('{count} loads agree from {from} to {to}.', {
        count: window.agree.caseIds.length,
        from: say.length(window.agree.fromM),
        to: say.length(window.agree.toM),
      }),
    );
  }
  return say.t('No axle place suits every load. {parts}', { parts: parts.join(' ') });
};

export const balanceSentences: SentencesOf<BalanceFindingData & CaseFindingData> = {
  'tongue-share': ({ data, caseId, verdict }, say) => {
    const name = say.caseName(caseId);
    const carried = say.t('tongue carries {tongue}, {share}.', {
      tongue: say.load(data.tongueN),
      share: say.percent(data.share),
    });
    switch (data.side) {
      case 'lifts':
        return say.t(
          '{name}: tongue pulls up with {tongue}. Tail-heavy: sway is likely, and the coupler is lifted off.',
          { name, tongue: say.load(-data.tongueN) },
        );
      case 'too-light':
        return data.slow
          ? say.t('{name}: {carried} Light in front: nothing sways at a walking pace, but the hitch chatters.', {
              name,
              carried,
            })
          : verdict === 'tight'
            ? say.t('{name}: {carried} Just under its band: weigh it, or move something forward.', { name, carried })
            : data.enoughForScale
              ? say.t(
                  '{name}: {carried} Light in front by its band; the bathroom scale asks no more of an empty tandem than 75 to 100 lb (34 to 45 kg).',
                  { name, carried },
                )
              : data.share < FAR_LIGHT * data.band.minShare
                ? say.t('{name}: {carried} Tail-heavy: sway is likely.', { name, carried })
                : say.t('{name}: {carried} Light in front: it sways sooner than it should.', { name, carried });
      case 'too-heavy':
        return verdict === 'tight'
          ? say.t('{name}: {carried} Just over its band.', { name, carried })
          : say.t('{name}: {carried} Nose-heavy: it presses the hitch down.', { name, carried });
      case 'within':
        return `${name}: ${carried}`;
    }
  },
  'tongue-limit': ({ data, caseId }, say) =>
    data.limitN === undefined
      ? say.t(
          'Most on the ball is {tongue}, {case}. What hitch and coupler allow is missing: read it off their plates.',
          { tongue: say.load(data.tongueN), case: say.caseName(caseId) },
        )
      : say.t('Most on the ball is {tongue}, {case}. {by} allows {limit}: {tongue2}.{vehicleUnknown}', {
          tongue: say.load(data.tongueN),
          case: say.caseName(caseId),
          by: data.by === 'coupler' ? say.t('Coupler') : say.t('Tow vehicle'),
          limit: say.load(data.limitN),
          tongue2: spare(data.tongueN, data.limitN, (n) => say.load(n), say),
          vehicleUnknown: data.vehicleUnknown ? ` ${say.t('What the tow vehicle’s hitch allows is missing.')}` : '',
        }),
  'jack-load': ({ data, caseId }, say) =>
    data.loadN < 0
      ? say.t('{case}: it tips back off the jack with {load}. Put stands under the rear before you unhitch.', {
          case: say.caseName(caseId),
          load: say.load(-data.loadN),
        })
      : say.t('{case}: jack carries {load}.', { case: say.caseName(caseId), load: say.load(data.loadN) }),
  'loading-uplift': ({ data, caseId }, say) =>
    data.tongueN < 0
      ? say.t('{case}: the tongue lifts the tow vehicle with {tongue}. Put a stand under the rear first.', {
          case: say.caseName(caseId),
          tongue: say.load(-data.tongueN),
        })
      : say.t('{case}: the tongue stays down with {tongue}.', {
          case: say.caseName(caseId),
          tongue: say.load(data.tongueN),
        }),
  'sixty-forty': ({ data }, say) =>
    say.t('The 60/40 rule says {rule}. {kind}', {
      rule: say.length(data.ruleM),
      kind:
        data.window.kind === 'window'
          ? data.ruleFits
            ? say.t('Your loads agree with it.')
            : say.t('Your loads want {from} to {to}.', {
                from: say.length(data.window.fromM),
                to: say.length(data.window.toM),
              })
          : say.t('Your loads agree on no place, so no rule of thumb can be right for all of them.'),
    }),
  'axle-window': ({ data }, say) => {
    const here =
      data.window.kind === 'window'
        ? data.inside
          ? say.t('Axle at {position} suits every load.', { position: say.length(data.positionM) })
          : say.t('Axle at {position} lies outside.', { position: say.length(data.positionM) })
        : '';
    return sentence(here, windowSentence(data.window, say));
  },
  'no-cases': (_, say) => say.t('No load case yet. Say at least what is aboard when it is empty and when it is full.'),
  'extreme-case': ({ data, caseId }, say) => {
    const where =
      data.toward === 'tail' ? say.t('as far back and as heavy behind') : say.t('as far forward and as heavy in front');
    const verdict =
      data.tongueKg < 0
        ? say.t('the tongue lifts.')
        : data.within
          ? say.t('still {share} on the tongue.', { share: say.percent(data.share) })
          : say.t('{share} on the tongue, out of its band: weigh what you guessed.', {
              share: say.percent(data.share),
            });
    return say.t('{case} with everything {where} as your doubt allows: {verdict}', {
      case: say.caseName(caseId),
      where,
      verdict,
    });
  },
  'heaviest-doubt': ({ data, caseId, verdict }, say) =>
    sentence(
      say.t('{case} weighs {mass}, and by what is guessed {heavy} or more once in twenty.', {
        case: say.caseName(caseId),
        mass: say.mass(data.massKg),
        heavy: say.mass(data.heavyKg),
      }),
      verdict === 'tight' && data.ratedKg !== undefined
        ? say.t('The plate allows {rated}: weigh what you guessed before you buy axle and tires.', {
            rated: say.mass(data.ratedKg),
          })
        : '',
    ),
  'tongue-slopes': ({ data, caseId }, say) =>
    sentence(
      say.t(
        '{case}: each {step} that the axle goes back {axle} the tongue; each {step} that the ball goes further ahead {ball} it.',
        {
          case: say.caseName(caseId),
          step: say.length(data.stepM),
          axle: addsOrTakes(data.axleKg, say),
          ball: addsOrTakes(data.ballKg, say),
        },
      ),
      data.item
        ? say.t('{id} {step} further back {kg} it.', {
            id: say.partName(data.item.id),
            step: say.length(data.stepM),
            kg: addsOrTakes(data.item.kg, say),
          })
        : '',
    ),
  'parked-tips': ({ data, caseId }, say) =>
    data.jackN < 0
      ? say.t(
          '{case}: {people} of people on the rear edge tip it over its {on}. Set stands under the rear before anyone steps there.',
          { case: say.caseName(caseId), people: say.mass(data.peopleKg), on: data.on },
        )
      : say.t('{case}: with {people} of people on the rear edge {jack} are left on the jack.', {
          case: say.caseName(caseId),
          people: say.mass(data.peopleKg),
          jack: say.load(data.jackN),
        }),
  'left-right': ({ data, caseId, verdict }, say) =>
    sentence(
      say.t('{case}: the {side} wheels carry {by} more, {share} of both.', {
        case: say.caseName(caseId),
        side: say.t(data.side),
        by: say.mass(data.byKg),
        share: say.percent(data.share),
      }),
      verdict === 'ok' ? '' : say.t('Move something over.'),
    ),
  'balance-height': ({ data, caseId }, say) =>
    say.t('The balance point is {height} above the ground at its highest, {case}{raisedBy}.', {
      height: say.length(data.heightM),
      case: say.caseName(caseId),
      raisedBy:
        data.raisedBy === undefined
          ? ''
          : say.t('; {raisedBy} raises it most', { raisedBy: say.partName(data.raisedBy) }),
    }),
  'axles-swing': ({ data, caseId }, say) =>
    sentence(
      data.known
        ? Math.abs(data.ballAboveLevelM) < 1e-4
          ? say.t('These axles share by how level the trailer rides; the tow vehicle holds it level.')
          : say.t(
              'These axles share by how level the trailer rides; the tow vehicle holds the ball {ballAboveLevel} {ballAboveLevel2} level.',
              {
                ballAboveLevel: say.length(Math.abs(data.ballAboveLevelM)),
                ballAboveLevel2: data.ballAboveLevelM > 0 ? say.t('above') : say.t('below'),
              },
            )
        : say.t(
            'These axles share by how level the trailer rides, and how high the tow vehicle holds the ball is missing: counted as level.',
          ),
      say.t(
        'Each {step} that the ball goes up {front} the front axle and {rear} the rear one, {case}. The frame is analysed as if it rode level.',
        {
          step: say.length(data.stepM),
          front: addsOrTakes(data.frontKg, say),
          rear: addsOrTakes(data.rearKg, say),
          case: say.caseName(caseId),
        },
      ),
    ),
};
