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

const nearestName = (id: string, say: Speaker): string => (id === 'trailer' ? 'the bed’s corner' : say.partName(id));

/** Why no length of tongue lets it turn as far as is wanted. */
const stuckSentence = (stuck: TowingFindingData['turns-clear']['stuck'], wanted: string, say: Speaker): string => {
  if (!stuck) return `No length of tongue clears ${wanted}.`;
  const tongue = stuck.with.startsWith('tongue');
  return `No length of tongue clears ${wanted}: ${nearestName(stuck.with, say)} goes with the ball and touches at ${formatAngle(stuck.touchRad)}; ${tongue ? 'a ball mount that holds the ball further back helps.' : 'move it.'}`;
};

export const towingSentences: SentencesOf<TowingFindingData> = {
  'turns-clear': ({ data, verdict }, say) => {
    const wanted = formatAngle(data.wantedRad);
    const nearest = nearestName(data.with, say);
    if (data.touchRad === undefined)
      return sentence(`Turned to 90° nothing touches the vehicle; ${nearest} comes nearest.`);
    return sentence(
      `Turned by ${formatAngle(data.touchRad)} ${nearest} touches the vehicle; ${wanted} is wanted.`,
      verdict === 'ok'
        ? ''
        : data.lacksM === undefined
          ? stuckSentence(data.stuck, wanted, say)
          : `A tongue ${say.length(data.lacksM)} longer clears it.`,
    );
  },
  'tailgate-hits': ({ data, verdict }, say) =>
    verdict === 'over'
      ? sentence(
          `The open tailgate reaches ${say.length(data.reachM)} back and strikes ${data.with === 'trailer' ? 'the bed' : say.partName(data.with)}, ${say.length(Math.max(0, data.roomM ?? 0))} away.`,
          data.lacksM === undefined
            ? 'No length of tongue helps: move it, or lower it.'
            : `A tongue ${say.length(data.lacksM)} longer lets it open.`,
        )
      : data.underM !== undefined
        ? `The open tailgate passes ${say.length(data.underM)} over everything in front.`
        : data.roomM === undefined
          ? `The open tailgate reaches ${say.length(data.reachM)} back, where nothing of the trailer stands.`
          : `The open tailgate reaches ${say.length(data.reachM)} of ${say.length(data.roomM)} that there are.`,
  'ramp-clear': ({ data, caseId }, say) => {
    const part = data.with === 'item' ? say.partName(data.withId) : SIDE_PARTS[data.with];
    const where = `${data.where === 'crest' ? 'Over a crest' : 'Through a dip'} of ${formatAngle(data.rampRad)}`;
    const what = data.at === 'vehicle' ? 'the vehicle' : 'the road';
    return sentence(
      data.roomM < 0
        ? `${where} ${part} strikes ${what} by ${say.length(-data.roomM)}, ${say.caseName(caseId)}.`
        : `${where} ${part} comes within ${say.length(data.roomM)} of ${what}, ${say.caseName(caseId)}.`,
      `The coupling tips by ${formatAngle(data.pitchRad)}${data.pitchRad > Math.PI / 9 ? ', more than couplings must allow' : ''}.`,
    );
  },
  'tongue-shortest': ({ data }, say) =>
    `The shortest tongue that clears is ${say.length(data.shortestM)}, because of ${SHORTEST_BY[data.by]}; yours is ${say.length(data.nowM)}.`,
  'lane-swept': ({ data, verdict }, say) =>
    sentence(
      `Turning with the ball on a circle of ${say.ground(data.radiusM)}, the rig sweeps ${say.length(data.sweptM)}; the lane has ${say.length(data.laneM)}.`,
      verdict === 'over' ? 'It does not go through without backing up.' : '',
    ),
  'tows-level': ({ data, caseId }, say) =>
    data.hitchM === undefined
      ? `It rides level with the ball at ${say.length(data.couplerM)}, ${say.caseName(caseId)}. How high the vehicle holds its ball is missing.`
      : sentence(
          `It rides level with the ball at ${say.length(data.couplerM)}, ${say.caseName(caseId)}; the vehicle holds it at ${say.length(data.hitchM)}${data.sinks ? ' with this load on it' : ''}, ${formatAngle(Math.abs(data.noseUpRad ?? 0))} nose ${(data.noseUpRad ?? 0) >= 0 ? 'up' : 'down'}.`,
          data.lowerM === undefined
            ? ''
            : `A ball ${say.length(Math.abs(data.lowerM))} ${data.lowerM > 0 ? 'lower' : 'higher'} levels it.`,
          data.mountM === undefined
            ? ''
            : `The nearest mount that is sold: ${Math.abs(data.mountM) < 1e-6 ? 'straight' : `${say.length(Math.abs(data.mountM))} of ${data.mountM > 0 ? 'drop' : 'rise'}`}, ${Math.abs(data.leftM) < 1e-3 ? 'level' : `${say.length(Math.abs(data.leftM))} too ${data.leftM > 0 ? 'high' : 'low'}`} with it.`,
          data.sinks ? '' : 'How far the hitch sinks under it is not said: an inch or two is usual.',
        ),
  'level-spread': ({ data }, say) =>
    `Its loads ride ${say.length(data.byM)} apart at the ball: highest in front is ${say.caseName(data.highId)}, lowest ${say.caseName(data.lowId)}. Level it for the heaviest.`,
  'hitch-above-deck': ({ data }, say) =>
    `The vehicle’s hitch at ${say.length(data.hitchM)} stands higher than the trailer’s own deck at ${say.length(data.deckM)}. Check both heights, or step the tongue up.`,
  'rolls-over': ({ data, caseId }, say) =>
    `${say.caseName(caseId)}: balance point ${say.length(data.heightM)} high. On paper it tips sideways at ${data.factor.toFixed(2)} g: on a slope of ${formatAngle(data.slopeRad)}, or in a curve of ${say.ground(data.radiusM)} at ${say.speed(data.speedMPerS)}. Springs and tires take off a tenth or more, a bump or a curb much more.`,
  'off-tracks': ({ data }, say) =>
    `Round a corner of ${say.ground(data.radiusM)} its wheels run ${say.length(data.insideM)} inside the ball’s circle.`,
  'vehicle-axles': ({ data, caseId }, say) =>
    sentence(
      `${say.caseName(caseId)} puts ${say.mass(data.rearAddsKg)} more on the vehicle’s rear axle and takes ${say.mass(data.frontLosesKg)} off its front one${data.frontShare === undefined ? '' : `, ${say.percent(data.frontShare)} of what it bears`}.`,
      data.limitKg === undefined || data.rearKg === undefined
        ? ''
        : `That makes ${say.mass(data.rearKg)} of ${say.mass(data.limitKg)} behind, before anybody gets in.`,
    ),
  'braking-adds': ({ data, caseId }, say) =>
    sentence(
      `A hard stop ${data.addsKg >= 0 ? `presses the ball down with ${say.mass(data.addsKg)} more` : `takes ${say.mass(-data.addsKg)} off the ball`}, ${say.caseName(caseId)}, ${data.braked ? 'its own brakes stopping it' : 'the vehicle stopping both'}.`,
      data.factor === undefined
        ? ''
        : `Without brakes of its own the rig takes ${data.factor.toFixed(1)} times as far to stop as the vehicle alone.`,
    ),
  'hill-pulls': ({ data, caseId }, say) =>
    `On a hill of ${say.percent(data.grade, 0)} it pulls with ${say.force(data.pullN)}, ${say.caseName(caseId)}; unhitched there it rolls away: chock both wheels first.`,
  'hand-pull': ({ data, caseId }, say) =>
    `By hand, ${say.caseName(caseId)}: ${say.force(data.firmN)} keep it rolling on firm ground, ${say.force(data.grassN)} on grass, ${say.force(data.hillN)} up a path of ${say.percent(data.grade, 0)}; the handle carries ${say.load(data.tongueN)}.`,
  'vehicle-missing': ({ data }) =>
    data.what === 'vehicle'
      ? 'No tow vehicle is named: turning, level and sway are not worked out.'
      : 'Mass, wheelbase, or how far the ball stands behind the rear axle is missing of the tow vehicle: sway is not worked out.',
};

const SHORTEST_BY = { turn: 'the turn', tailgate: 'the tailgate', ramp: 'the dip' } as const;
