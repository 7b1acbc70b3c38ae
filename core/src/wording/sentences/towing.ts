import type { TowingFindingData } from '../../towing/index.js';
import { formatAngle } from '../../units/index.js';
import type { Speaker } from '../speak.js';
import { sentence, type SentencesOf } from './kit.js';

const SIDE_PARTS = {
  bed: 'the bed',
  tongue: 'the tongue’s underside',
  jack: 'the jack’s foot',
  tail: 'the tail',
  item: '',
} as const;

const nearestName = (id: string, say: Speaker): string =>
  id === 'trailer' ? say.t('the bed’s corner') : say.partName(id);

/** Why no length of tongue lets it turn as far as is wanted. */
const stuckSentence = (stuck: TowingFindingData['turns-clear']['stuck'], wanted: string, say: Speaker): string => {
  if (!stuck) return say.t('No length of tongue clears {wanted}.', { wanted });
  const tongue = stuck.with.startsWith('tongue');
  return say.t('No length of tongue clears {wanted}: {with} goes with the ball and touches at {touch}; {tongue}', {
    wanted,
    with: nearestName(stuck.with, say),
    touch: say.figures(formatAngle(stuck.touchRad)),
    tongue: tongue ? say.t('a ball mount that holds the ball further back helps.') : say.t('move it.'),
  });
};

const onBall = (addsKg: number, say: Speaker): string =>
  addsKg >= 0
    ? say.t('presses the ball down with {adds} more', { adds: say.mass(addsKg) })
    : say.t('takes {adds} off the ball', { adds: say.mass(-addsKg) });

/** What an emergency stop does to the axles first. */
const GIVES_OUT = {
  'lead-lifts': 'The equalizer lifts the front axle: its tires lock and the rear axle does the braking.',
  'lead-slides':
    'The equalizer unloads the front axle: its tires slide first, and harder braking only adds on the rear axle.',
  'rear-slides': 'The rear axle’s tires slide first.',
  'all-slide': 'Its tires slide there: that is all that they grip.',
} as const;

export const towingSentences: SentencesOf<TowingFindingData> = {
  'turns-clear': ({ data, verdict }, say) => {
    const wanted = say.figures(formatAngle(data.wantedRad));
    const nearest = nearestName(data.with, say);
    if (data.touchRad === undefined)
      return sentence(say.t('Turned to 90° nothing touches the vehicle; {nearest} comes nearest.', { nearest }));
    return sentence(
      say.t('Turned by {touch} {nearest} touches the vehicle; {wanted} is wanted.', {
        touch: say.figures(formatAngle(data.touchRad)),
        nearest,
        wanted,
      }),
      verdict === 'ok'
        ? ''
        : data.lacksM === undefined
          ? stuckSentence(data.stuck, wanted, say)
          : say.t('A tongue {lacks} longer clears it.', { lacks: say.length(data.lacksM) }),
    );
  },
  'tailgate-hits': ({ data, verdict }, say) =>
    verdict === 'over'
      ? sentence(
          say.t('The open tailgate reaches {reach} back and strikes {with}, {x} away.', {
            reach: say.length(data.reachM),
            with: data.with === 'trailer' ? say.t('the bed') : say.partName(data.with),
            x: say.length(Math.max(0, data.roomM ?? 0)),
          }),
          data.lacksM === undefined
            ? say.t('No length of tongue helps: move it, or lower it.')
            : say.t('A tongue {lacks} longer lets it open.', { lacks: say.length(data.lacksM) }),
        )
      : data.underM !== undefined
        ? say.t('The open tailgate passes {under} over everything in front.', { under: say.length(data.underM) })
        : data.roomM === undefined
          ? say.t('The open tailgate reaches {reach} back, where nothing of the trailer stands.', {
              reach: say.length(data.reachM),
            })
          : say.t('The open tailgate reaches {reach} of {room} that there are.', {
              reach: say.length(data.reachM),
              room: say.length(data.roomM),
            }),
  'ramp-clear': ({ data, caseId }, say) => {
    const part = data.with === 'item' ? say.partName(data.withId) : say.t(SIDE_PARTS[data.with]);
    const where = say.t('{where} of {ramp}', {
      where: data.where === 'crest' ? say.t('Over a crest') : say.t('Through a dip'),
      ramp: say.figures(formatAngle(data.rampRad)),
    });
    const what = data.at === 'vehicle' ? say.t('the vehicle') : say.t('the road');
    return sentence(
      data.roomM < 0
        ? say.t('{where} {part} strikes {what} by {room}, {case}.', {
            where,
            part,
            what,
            room: say.length(-data.roomM),
            case: say.caseName(caseId),
          })
        : say.t('{where} {part} comes within {room} of {what}, {case}.', {
            where,
            part,
            room: say.length(data.roomM),
            what,
            case: say.caseName(caseId),
          }),
      say.t('The coupling tips by {pitch}{pitch2}.', {
        pitch: say.figures(formatAngle(data.pitchRad)),
        pitch2: data.pitchRad > Math.PI / 9 ? say.t(', more than couplings must allow') : '',
      }),
    );
  },
  'tongue-shortest': ({ data }, say) =>
    say.t('The shortest tongue that clears is {shortest}, because of {shortest2}; yours is {now}.', {
      shortest: say.length(data.shortestM),
      shortest2: say.t(SHORTEST_BY[data.by]),
      now: say.length(data.nowM),
    }),
  'lane-swept': ({ data, verdict }, say) =>
    sentence(
      say.t('Turning with the ball on a circle of {radius}, the rig sweeps {swept}; the lane has {lane}.', {
        radius: say.ground(data.radiusM),
        swept: say.length(data.sweptM),
        lane: say.length(data.laneM),
      }),
      verdict === 'over' ? say.t('It does not go through without backing up.') : '',
    ),
  'tows-level': ({ data, caseId }, say) =>
    data.hitchM === undefined
      ? say.t('It rides level with the ball at {coupler}, {case}. How high the vehicle holds its ball is missing.', {
          coupler: say.length(data.couplerM),
          case: say.caseName(caseId),
        })
      : sentence(
          say.t(
            'It rides level with the ball at {coupler}, {case}; the vehicle holds it at {hitch}{sinks}, {noseUp} nose {noseUp2}.',
            {
              coupler: say.length(data.couplerM),
              case: say.caseName(caseId),
              hitch: say.length(data.hitchM),
              sinks: data.sinks ? ` ${say.t('with this load on it')}` : '',
              noseUp: say.figures(formatAngle(Math.abs(data.noseUpRad ?? 0))),
              noseUp2: (data.noseUpRad ?? 0) >= 0 ? say.t('up') : say.t('down'),
            },
          ),
          data.lowerM === undefined
            ? ''
            : say.t('A ball {lower} {lower2} levels it.', {
                lower: say.length(Math.abs(data.lowerM)),
                lower2: data.lowerM > 0 ? say.t('lower') : say.t('higher'),
              }),
          data.mountM === undefined
            ? ''
            : say.t('The nearest mount that is sold: {mount}, {left} with it.', {
                mount:
                  Math.abs(data.mountM) < 1e-6
                    ? say.t('straight')
                    : say.t('{mount} of {mount2}', {
                        mount: say.length(Math.abs(data.mountM)),
                        mount2: data.mountM > 0 ? say.t('drop') : say.t('rise'),
                      }),
                left:
                  Math.abs(data.leftM) < 1e-3
                    ? say.t('level')
                    : say.t('{left} too {left2}', {
                        left: say.length(Math.abs(data.leftM)),
                        left2: data.leftM > 0 ? say.t('high') : say.t('low'),
                      }),
              }),
          data.sinks ? '' : say.t('How far the hitch sinks under it is not said: an inch or two is usual.'),
        ),
  'level-spread': ({ data }, say) =>
    say.t(
      'Its loads ride {by} apart at the ball: highest in front is {high}, lowest {low}. Level it for the heaviest.',
      { by: say.length(data.byM), high: say.caseName(data.highId), low: say.caseName(data.lowId) },
    ),
  'hitch-above-deck': ({ data }, say) =>
    say.t(
      'The vehicle’s hitch at {hitch} stands higher than the trailer’s own deck at {deck}. Check both heights, or step the tongue up.',
      { hitch: say.length(data.hitchM), deck: say.length(data.deckM) },
    ),
  'rolls-over': ({ data, caseId }, say) =>
    say.t(
      '{case}: balance point {height} high. On paper it tips sideways at {factor} g: on a slope of {slope}, or in a curve of {radius} at {speedMPerS}. Springs and tires take off a tenth or more, a bump or a curb much more.',
      {
        case: say.caseName(caseId),
        height: say.length(data.heightM),
        factor: say.figures(data.factor.toFixed(2)),
        slope: say.figures(formatAngle(data.slopeRad)),
        radius: say.ground(data.radiusM),
        speedMPerS: say.speed(data.speedMPerS),
      },
    ),
  'off-tracks': ({ data }, say) =>
    say.t('Round a corner of {radius} its wheels run {inside} inside the ball’s circle.', {
      radius: say.ground(data.radiusM),
      inside: say.length(data.insideM),
    }),
  'vehicle-axles': ({ data, caseId }, say) =>
    sentence(
      say.t(
        '{case} puts {rearAdds} more on the vehicle’s rear axle and takes {frontLoses} off its front one{frontShare}.',
        {
          case: say.caseName(caseId),
          rearAdds: say.mass(data.rearAddsKg),
          frontLoses: say.mass(data.frontLosesKg),
          frontShare:
            data.frontShare === undefined
              ? ''
              : say.t(', {frontShare} of what it bears', { frontShare: say.percent(data.frontShare) }),
        },
      ),
      data.limitKg === undefined || data.rearKg === undefined
        ? ''
        : say.t('That makes {rear} of {limit} behind, before anybody gets in.', {
            rear: say.mass(data.rearKg),
            limit: say.mass(data.limitKg),
          }),
    ),
  'braking-adds': ({ data, caseId }, say) =>
    sentence(
      data.braked
        ? say.t('Its own brakes stop it at {g} g, {case}, and that {adds}.', {
            g: say.figures(data.g.toFixed(2)),
            case: say.caseName(caseId),
            adds: onBall(data.addsKg, say),
          })
        : say.t('An emergency stop of {g} g by the vehicle {adds}, {case}.', {
            g: say.figures(data.g.toFixed(1)),
            adds: onBall(data.addsKg, say),
            case: say.caseName(caseId),
          }),
      data.givesOut ? say.t(GIVES_OUT[data.givesOut]) : '',
      data.factor === undefined
        ? ''
        : say.t('Without brakes of its own the rig takes {factor} times as far to stop as the vehicle alone.', {
            factor: say.figures(data.factor.toFixed(1)),
          }),
    ),
  'hill-pulls': ({ data, caseId }, say) =>
    say.t(
      'On a hill of {grade} it pulls with {pull}, {case}; unhitched there it rolls away: chock both wheels first.',
      { grade: say.percent(data.grade, 0), pull: say.force(data.pullN), case: say.caseName(caseId) },
    ),
  'hand-pull': ({ data, caseId }, say) =>
    say.t(
      'By hand, {case}: {firm} keep it rolling on firm ground, {grass} on grass, {hill} up a path of {grade}; the handle carries {tongue}.',
      {
        case: say.caseName(caseId),
        firm: say.force(data.firmN),
        grass: say.force(data.grassN),
        hill: say.force(data.hillN),
        grade: say.percent(data.grade, 0),
        tongue: say.load(data.tongueN),
      },
    ),
  'vehicle-missing': ({ data }, say) =>
    data.what === 'vehicle'
      ? say.t('No tow vehicle is named: turning, level and sway are not worked out.')
      : say.t(
          'Mass, wheelbase, or how far the ball stands behind the rear axle is missing of the tow vehicle: sway is not worked out.',
        ),
};

const SHORTEST_BY = { turn: 'the turn', tailgate: 'the tailgate', ramp: 'the dip' } as const;
