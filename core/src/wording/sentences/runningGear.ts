import type { RunningGearFindingData } from '../../running-gear/index.js';
import { capital, sentence, spare, type SentencesOf } from './kit.js';

export const runningGearSentences: SentencesOf<RunningGearFindingData> = {
  'no-axle': () => 'No axle yet. Choose one, then its place.',
  'axle-ahead-of-ball': () => 'The axle is not behind the ball. Move it back.',
  'axle-off-bed': ({ data }, say) =>
    `Axle at ${say.length(data.positionM)} is not under the bed, which ends at ${say.length(data.bedM)}.`,
  'axle-load': ({ data, caseId }, say) =>
    data.ratingKg === undefined
      ? `${say.partName(data.axleId)} carries ${say.mass(data.loadKg)}, ${say.caseName(caseId)}. Its rating is missing: read it off the tag.`
      : `${say.partName(data.axleId)} carries ${say.mass(data.loadKg)} of ${say.mass(data.ratingKg)}, ${say.caseName(caseId)}. ${capital(spare(data.loadKg, data.ratingKg, (kg) => say.mass(kg)))}.`,
  'tire-load': ({ data, caseId }, say) =>
    data.allowedKg === undefined
      ? `The ${data.side} tire carries ${say.mass(data.loadKg)}, ${say.caseName(caseId)}. What it may carry is missing: read the sidewall.`
      : `The ${data.side} tire carries ${say.mass(data.loadKg)} of ${say.mass(data.allowedKg)}${data.derated ? ' (passenger tire ÷ 1.10)' : ''}, ${say.caseName(caseId)}. ${capital(spare(data.loadKg, data.allowedKg, (kg) => say.mass(kg)))}.`,
  'wheel-load': ({ data }, say) =>
    data.allowedKg === undefined
      ? `A wheel carries ${say.mass(data.loadKg)}. What it may carry is missing: read its stamp.`
      : `A wheel carries ${say.mass(data.loadKg)} of ${say.mass(data.allowedKg)}. ${capital(spare(data.loadKg, data.allowedKg, (kg) => say.mass(kg)))}.`,
  'tires-together': ({ data }, say) =>
    data.togetherKg >= data.ratingKg
      ? `Both tires together hold ${say.mass(data.togetherKg)}, the axle ${say.mass(data.ratingKg)}.`
      : `Both tires together hold ${say.mass(data.togetherKg)}, less than the axle’s ${say.mass(data.ratingKg)}: the tires are the weakest part.`,
  'gross-against-axles': ({ data }, say) =>
    `The plate’s ${say.mass(data.grossKg)} less ${say.percent(data.tongueShare, 0)} on the tongue leaves ${say.mass(data.demandKg)} for ${data.ratingsKg === undefined ? 'axles whose rating is missing' : `axles of ${say.mass(data.ratingsKg)}: ${spare(data.demandKg, data.ratingsKg, (kg) => say.mass(kg))}`}.`,
  'equaliser-needs-leaf': () =>
    'An equaliser shares the load between leaf springs only. Choose axles without one: torsion axles share by how level the trailer rides.',
  'walking-beam': () =>
    'A walking beam carries two axles on one pivot to each side: choose two axles, with equalisers or walking beams.',
  shocks: ({ data, verdict }, say) =>
    data.damping === undefined
      ? 'Shocks stand beside the springs; how much they damp nobody has read.'
      : sentence(
          `The shocks damp a wheel to ${say.percent(data.damping, 0)} of what stops it swinging at once.`,
          verdict === 'ok'
            ? ''
            : data.damping < 0.1
              ? 'It will swing on after every bump: stronger ones, 20 to 40 %, are usual.'
              : 'Wheels will hang back after a bump: softer ones, 20 to 40 %, are usual.',
        ),
  'no-room-for-equaliser': ({ data }, say) =>
    `Axles ${say.length(data.spacingM)} apart leave no room for an equaliser between springs of ${say.length(data.springM)}.`,
  'swing-arm': ({ data }, say) =>
    sentence(
      data.upsideDown ? 'The arm points up before it is loaded: set its pivot higher, or turn it over.' : '',
      `The unit gives ${say.percent(data.ratio, 0)} of what the wheel does; the wheel has ${say.length(data.travelM)} to the stop.`,
      data.givesM === undefined
        ? 'What presses the unit together by an inch nobody has read: weigh it, or read its stamp.'
        : `The heaviest load uses ${say.length(data.givesM)} of it${data.givesM > data.travelM ? ': it stands on its stop. Take stiffer units' : ''}.`,
      data.damping === undefined ? '' : `Damped to ${say.percent(data.damping, 0)} of what stops it swinging at once.`,
    ),
  'torsion-belief': () =>
    'Torsion axles need weight on the tongue like any other. One wheel does not pass its bump to the other, but what keeps a trailer straight is weight ahead of the axle.',
};
