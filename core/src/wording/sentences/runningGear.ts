import type { RunningGearFindingData } from '../../running-gear/index.js';
import { capital, sentence, spare, type SentencesOf } from './kit.js';

export const runningGearSentences: SentencesOf<RunningGearFindingData> = {
  'no-axle': (_, say) => say.t('No axle yet. Choose one, then its place.'),
  'axle-ahead-of-ball': (_, say) => say.t('The axle is not behind the ball. Move it back.'),
  'axle-off-bed': ({ data }, say) =>
    say.t('Axle at {position} is not under the bed, which ends at {bed}.', {
      position: say.length(data.positionM),
      bed: say.length(data.bedM),
    }),
  'axle-load': ({ data, caseId }, say) =>
    data.ratingKg === undefined
      ? say.t('{axle} carries {load}, {case}. Its rating is missing: read it off the tag.', {
          axle: say.partName(data.axleId),
          load: say.mass(data.loadKg),
          case: say.caseName(caseId),
        })
      : say.t('{axle} carries {load} of {rating}, {case}. {load2}.', {
          axle: say.partName(data.axleId),
          load: say.mass(data.loadKg),
          rating: say.mass(data.ratingKg),
          case: say.caseName(caseId),
          load2: capital(spare(data.loadKg, data.ratingKg, (kg) => say.mass(kg), say)),
        }),
  'tire-load': ({ data, caseId }, say) =>
    data.allowedKg === undefined
      ? say.t('The {side} tire carries {load}, {case}. What it may carry is missing: read the sidewall.', {
          side: say.t(data.side),
          load: say.mass(data.loadKg),
          case: say.caseName(caseId),
        })
      : say.t('The {side} tire carries {load} of {allowed}{derated}, {case}. {load2}.', {
          side: say.t(data.side),
          load: say.mass(data.loadKg),
          allowed: say.mass(data.allowedKg),
          derated: data.derated ? ` ${say.t('(passenger tire ÷ 1.10)')}` : '',
          case: say.caseName(caseId),
          load2: capital(spare(data.loadKg, data.allowedKg, (kg) => say.mass(kg), say)),
        }),
  'wheel-load': ({ data }, say) =>
    data.allowedKg === undefined
      ? say.t('A wheel carries {load}. What it may carry is missing: read its stamp.', { load: say.mass(data.loadKg) })
      : say.t('A wheel carries {load} of {allowed}. {load2}.', {
          load: say.mass(data.loadKg),
          allowed: say.mass(data.allowedKg),
          load2: capital(spare(data.loadKg, data.allowedKg, (kg) => say.mass(kg), say)),
        }),
  'tires-together': ({ data }, say) =>
    data.togetherKg >= data.ratingKg
      ? say.t('Both tires together hold {together}, the axle {rating}.', {
          together: say.mass(data.togetherKg),
          rating: say.mass(data.ratingKg),
        })
      : data.togetherKg >= data.askedKg
        ? say.t(
            'Both tires together hold {together}, less than the axle’s {rating} and enough for the {asked} that it carries: count the axle as {together}, also on the plate.',
            {
              together: say.mass(data.togetherKg),
              rating: say.mass(data.ratingKg),
              asked: say.mass(data.askedKg),
            },
          )
        : say.t('Both tires together hold {together}, less than the axle’s {rating}: the tires are the weakest part.', {
            together: say.mass(data.togetherKg),
            rating: say.mass(data.ratingKg),
          }),
  'gross-against-axles': ({ data }, say) =>
    say.t('The plate’s {gross} less {tongueShare} on the tongue leaves {demand} for {ratings}.', {
      gross: say.mass(data.grossKg),
      tongueShare: say.percent(data.tongueShare, 0),
      demand: say.mass(data.demandKg),
      ratings:
        data.ratingsKg === undefined
          ? say.t('axles whose rating is missing')
          : say.t('axles of {ratings}: {demand}', {
              ratings: say.mass(data.ratingsKg),
              demand: spare(data.demandKg, data.ratingsKg, (kg) => say.mass(kg), say),
            }),
    }),
  'equaliser-needs-leaf': (_, say) =>
    say.t(
      'An equaliser shares the load between leaf springs only. Choose axles without one: torsion axles share by how level the trailer rides.',
    ),
  'walking-beam': (_, say) =>
    say.t(
      'A walking beam carries two axles on one pivot to each side: choose two axles, with equalisers or walking beams.',
    ),
  shocks: ({ data, verdict }, say) =>
    data.damping === undefined
      ? say.t('Shocks stand beside the springs; how much they damp nobody has read.')
      : sentence(
          say.t('The shocks damp a wheel to {damping} of what stops it swinging at once.', {
            damping: say.percent(data.damping, 0),
          }),
          verdict === 'ok'
            ? ''
            : data.damping < 0.1
              ? say.t('It will swing on after every bump: stronger ones, 20 to 40 %, are usual.')
              : say.t('Wheels will hang back after a bump: softer ones, 20 to 40 %, are usual.'),
        ),
  'no-room-for-equaliser': ({ data }, say) =>
    say.t('Axles {spacing} apart leave no room for an equaliser between springs of {spring}.', {
      spacing: say.length(data.spacingM),
      spring: say.length(data.springM),
    }),
  'swing-arm': ({ data }, say) =>
    sentence(
      data.upsideDown ? say.t('The arm points up before it is loaded: set its pivot higher, or turn it over.') : '',
      say.t('The unit gives {ratio} of what the wheel does; the wheel has {travel} to the stop.', {
        ratio: say.percent(data.ratio, 0),
        travel: say.length(data.travelM),
      }),
      data.givesM === undefined
        ? say.t('What presses the unit together by an inch nobody has read: weigh it, or read its stamp.')
        : say.t('The heaviest load uses {gives} of it{gives2}.', {
            gives: say.length(data.givesM),
            gives2: data.givesM > data.travelM ? say.t(': it stands on its stop. Take stiffer units') : '',
          }),
      data.damping === undefined
        ? ''
        : say.t('Damped to {damping} of what stops it swinging at once.', { damping: say.percent(data.damping, 0) }),
    ),
  'torsion-belief': (_, say) =>
    say.t(
      'Torsion axles need weight on the tongue like any other. One wheel does not pass its bump to the other, but what keeps a trailer straight is weight ahead of the axle.',
    ),
};
