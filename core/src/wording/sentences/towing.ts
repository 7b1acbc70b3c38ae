import type { TowingFindingData } from '../../towing/index.js';
import { formatAngle } from '../../units/index.js';
import { sentence, type SentencesOf } from './kit.js';

export const towingSentences: SentencesOf<TowingFindingData> = {
  'turns-clear': ({ data, verdict }, say) => {
    const wanted = formatAngle(data.wantedRad);
    const nearest = data.with === 'trailer' ? 'the bed’s corner' : say.partName(data.with);
    if (data.touchRad === undefined)
      return sentence(`Turned to 90° nothing touches the vehicle; ${nearest} comes nearest.`);
    return sentence(
      `Turned by ${formatAngle(data.touchRad)} ${nearest} touches the vehicle; ${wanted} is wanted.`,
      verdict === 'ok' ? '' : `A tongue ${say.length(data.lacksM)} longer clears it.`,
    );
  },
  'tailgate-hits': ({ data, verdict }, say) =>
    verdict === 'over'
      ? `The open tailgate reaches ${say.length(data.reachM)} back and strikes ${data.with === 'trailer' ? 'the bed' : say.partName(data.with)}, ${say.length(data.roomM)} away.`
      : `The open tailgate reaches ${say.length(data.reachM)} of ${say.length(data.roomM)} that there are.`,
  'tows-level': ({ data, caseId }, say) =>
    data.hitchM === undefined
      ? `It rides level with the ball at ${say.length(data.couplerM)}, ${say.caseName(caseId)}. How high the vehicle holds its ball is missing.`
      : sentence(
          `It rides level with the ball at ${say.length(data.couplerM)}, ${say.caseName(caseId)}; the vehicle holds it at ${say.length(data.hitchM)}, ${formatAngle(Math.abs(data.noseUpRad ?? 0))} nose ${(data.noseUpRad ?? 0) >= 0 ? 'up' : 'down'}.`,
          data.mountM !== undefined && Math.abs(data.mountM) > 1e-6
            ? `A ball mount ${say.length(Math.abs(data.mountM))} ${data.mountM > 0 ? 'lower' : 'higher'} levels it.`
            : '',
        ),
  'rolls-over': ({ data, caseId }, say) =>
    `${say.caseName(caseId)}: balance point ${say.length(data.heightM)} high. On paper it tips sideways at ${data.factor.toFixed(2)} g in a curve or on a slope of ${formatAngle(data.slopeRad)}; springs and tires take off a tenth or more, a bump or a kerb much more.`,
  'off-tracks': ({ data }, say) =>
    `Round a corner of ${say.length(data.radiusM)} its wheels run ${say.length(data.insideM)} inside the ball’s circle.`,
  'vehicle-axles': ({ data, caseId }, say) =>
    `${say.caseName(caseId)} puts ${say.mass(data.rearAddsKg)} more on the vehicle’s rear axle and takes ${say.mass(data.frontLosesKg)} off its front one.`,
  'vehicle-missing': ({ data }) =>
    data.what === 'vehicle'
      ? 'No tow vehicle is named: turning, level and sway are not worked out.'
      : 'Mass, wheelbase, or how far the ball stands behind the rear axle is missing of the tow vehicle: sway is not worked out.',
};
