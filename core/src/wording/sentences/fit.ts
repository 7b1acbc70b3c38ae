import type { FitFindingData } from '../../running-gear/index.js';
import { formatAngle, toRadians } from '../../units/index.js';
import { spare, capital, sentence, type SentencesOf } from './kit.js';

const GAPS = {
  'tire-frame': 'Tire beside the frame',
  'tire-spring': 'Tire beside the spring',
  'tire-deck': 'Tire under the frame',
  'tire-fender': 'Tire under its fender',
  'fender-outside': 'Tire inside the fender’s edge',
  'axle-frame': 'Axle or spring under the rail',
  'tire-tire': 'Between the tires',
} as const satisfies Readonly<Record<FitFindingData['clearance']['what'], string>>;

const ASSEMBLY_PARTS = {
  axle: 'tube and hubs',
  spindles: 'spindles',
  hubs: 'hubs',
  springs: 'springs',
  tires: 'tires',
  wheels: 'wheels',
} as const;

export const fitSentences: SentencesOf<FitFindingData> = {
  clearance: ({ data, caseId, verdict }, say) => {
    const where = caseId === undefined ? '' : `, ${say.caseName(caseId)}`;
    const gap = say.t('{gaps}: {rest} standing{where}', {
      gaps: say.t(GAPS[data.what]),
      rest: data.restM < 0 ? say.t('{rest} too little', { rest: say.length(-data.restM) }) : say.length(data.restM),
      where,
    });
    const bump =
      data.bumpM === data.restM
        ? '.'
        : data.bumpM < 0
          ? say.t('; in a hard bump they touch.')
          : say.t(', {bump} in a hard bump.', { bump: say.length(data.bumpM) });
    return sentence(
      `${gap}${bump}`,
      verdict === 'tight' ? say.t('{wanted} is usual.', { wanted: say.length(data.wantedM) }) : '',
    );
  },
  'parts-meet': ({ data, caseId }, say) => {
    const part = say.partName(data.withId);
    const [deepM, where] = [-Math.min(data.restM, data.bumpM), caseId === undefined ? '' : `, ${say.caseName(caseId)}`];
    if (data.what === 'hinge') return say.t('{part} stands over the tongue’s hinge: it does not fold.', { part });
    if (data.what === 'hanger')
      return say.t('A hanger stands on {part}, which runs below the rails: move either.', { part });
    if (data.what === 'tongue')
      return say.t(
        '{part} hangs {deep} lower than the rails, into the tongue that passes under it: make it as deep as the rails, or end the tongue before it.',
        { part, deep: say.length(deepM) },
      );
    const moving = data.what === 'tire' ? say.t('A tire') : say.t('The axle’s tube');
    if (data.restM < 0)
      return say.t('{moving} and {part} share a place by {rest}, standing{where}.', {
        moving,
        part,
        rest: say.length(-data.restM),
        where,
      });
    return data.bumpM < 0
      ? say.t('In a hard bump {moving} strikes {part}: {rest} standing{where}, {deep} too little.', {
          moving: say.inner(moving),
          part,
          rest: say.length(data.restM),
          where,
          deep: say.length(deepM),
        })
      : say.t('In a hard bump {bump} are left between {moving} and {part}{where}.', {
          bump: say.length(data.bumpM),
          moving: say.inner(moving),
          part,
          where,
        });
  },
  'ride-height': ({ data, caseId, verdict }, say) => {
    const told = say.t(
      'Measured, the rails’ top stands at {measured}, {case}; tire, axle, spring and hanger add up to {parts}.',
      { measured: say.length(data.measuredM), case: say.caseName(caseId), parts: say.length(data.partsM) },
    );
    if (verdict === 'ok') return told;
    return data.restM > 0
      ? say.t('{told} The other {rest} must be a bracket, pedestal or block: enter it, or measure the parts again.', {
          told,
          rest: say.length(data.restM),
        })
      : say.t(
          '{told} It cannot stand {rest} lower than its parts: measure again, or mend the parts. What you measured counts.',
          { told, rest: say.length(-data.restM) },
        );
  },
  'stands-high': ({ data, caseId }, say) =>
    say.t('The rails’ top stands {railTop} above the ground, the deck {deck}, {case}.', {
      railTop: say.length(data.railTopM),
      deck: say.length(data.deckM),
      case: say.caseName(caseId),
    }),
  'weakest-part': ({ data, caseId }, say) =>
    say.t('Each axle assembly carries what its {assembly} do, {rating}: {case} asks for {load}.', {
      assembly: say.t(ASSEMBLY_PARTS[data.part]),
      rating: say.mass(data.ratingKg),
      case: say.caseName(caseId),
      load: say.mass(data.loadKg),
    }),
  'spring-load': ({ data, caseId }, say) =>
    data.ratingKg === undefined
      ? say.t('A spring carries {load}, {case}. What one may carry is missing: ask its seller, count its leaves.', {
          load: say.mass(data.loadKg),
          case: say.caseName(caseId),
        })
      : say.t('A spring carries {load} of {rating}, {case}. {load2}.', {
          load: say.mass(data.loadKg),
          rating: say.mass(data.ratingKg),
          case: say.caseName(caseId),
          load2: capital(spare(data.loadKg, data.ratingKg, (kg) => say.mass(kg), say)),
        }),
  'ride-bounce': ({ data, caseId }, say) =>
    sentence(
      say.t('It bounces {hz} times a second, {case}: {judged}.', {
        hz: say.figures(data.hz.toFixed(1)),
        case: say.caseName(caseId),
        judged:
          data.judged === 'good'
            ? say.t('rides well')
            : data.judged === 'harsh'
              ? data.empty
                ? say.t('hops when empty')
                : say.t('harsh')
              : say.t('soft'),
      }),
      data.judged === 'soft' ? say.t('Springs this soft and long go on bouncing: shock absorbers help.') : '',
    ),
  'shackle-lean': ({ data, verdict }, say) => {
    const { leanRad, mostRad } = data;
    if (leanRad === undefined)
      return say.t('The shackle cannot reach from spring to hanger, {case}.', { case: say.caseName(data.caseId) });
    if (leanRad < 0)
      return say.t('The shackle has gone over centre, {case}: it flips and locks the spring.', {
        case: say.caseName(data.caseId),
      });
    const most = mostRad === undefined ? '' : `, ${say.figures(formatAngle(mostRad))} ${say.caseName(data.mostCaseId)}`;
    return sentence(
      say.t('The shackle leans {lean} from upright {case}{most}, its lower end towards the axle.', {
        lean: say.figures(formatAngle(leanRad)),
        case: say.caseName(data.caseId),
        most,
      }),
      verdict === 'tight' ? say.t('10 to 60° is usual: upright it can go over, lying it wanders.') : '',
    );
  },
  'leaf-stress': ({ data, caseId }, say) => {
    const told = say.t('The leaves feel {stress} and {arch}, {case}.', {
      stress: say.stress(data.stressPa),
      arch:
        data.archM < 0
          ? say.t('bend {arch} past flat', { arch: say.length(-data.archM) })
          : say.t('keep {arch} of arch', { arch: say.length(data.archM) }),
      case: say.caseName(caseId),
    });
    return sentence(
      told,
      data.fault === 'stress'
        ? say.t(
            'Springs of the trade feel no more than {most} at their own rating: more leaves, or a rate from the maker.',
            { most: say.stress(data.mostPa) },
          )
        : data.fault === 'flat'
          ? say.t('Past flat its shackle swings back: more leaves, or a spring with more arch.')
          : '',
    );
  },
  'hanger-spacing': ({ data }, say) => {
    switch (data.fault) {
      case 'shackle-short':
        return say.t(
          'No distance of the hanger bolts suits a spring that is {flat} long laid flat with so short a shackle: take one of {shackle}.',
          { flat: say.length(data.flatM ?? 0), shackle: say.length(data.shackleM) },
        );
      case 'over-centre':
        return say.t(
          'Hanger bolts {said} apart are nearer than the spring laid flat, {flat}, and 3/8 in: its shackle goes over centre.{wanted}',
          {
            said: say.length(data.saidM),
            flat: say.length(data.flatM ?? 0),
            wanted:
              data.wantedM === undefined ? '' : ` ${say.t('{wanted} suits it.', { wanted: say.length(data.wantedM) })}`,
          },
        );
      case 'lies-down':
        return say.t(
          'Hanger bolts {said} apart lay the shackle down: it flips up when the trailer is jacked.{wanted}',
          {
            said: say.length(data.saidM),
            wanted:
              data.wantedM === undefined ? '' : ` ${say.t('{wanted} suits it.', { wanted: say.length(data.wantedM) })}`,
          },
        );
      case 'slipper-unknown':
        return say.t('How far a slipper’s hangers stand apart is its maker’s figure, and missing: do not guess it.');
      case 'differs':
        return say.t('Hanger bolts are {said} apart; this spring asks for {wanted}.', {
          said: say.length(data.saidM),
          wanted: say.length(data.wantedM ?? data.saidM),
        });
      case 'none':
        return say.t('Hanger bolts {said} apart suit this spring.', { said: say.length(data.saidM) });
    }
  },
  'studs-differ': ({ data }, say) =>
    data.of === 'wheel'
      ? data.adapter
        ? say.t(
            'Hubs are {hub}, wheels {other}, with adapters between: what an adapter may carry, and its nuts, are its maker’s to say.',
            { hub: data.hub, other: data.other },
          )
        : say.t(
            'Hubs are {hub}, wheels {other}: they do not go together. Adapters move the wheel out and want their own look.',
            { hub: data.hub, other: data.other },
          )
      : say.t('Hubs are {hub}, the tow vehicle’s {other}: its spare does not fit.', {
          hub: data.hub,
          other: data.other,
        }),
  'spare-fits': ({ data }, say) =>
    say.t(
      'The tow vehicle’s spare goes on these hubs by its studs, {studs}: try it on, for offset and bore must fit, too, and its load counts.',
      { studs: data.studs },
    ),
  'tire-on-rim': ({ data }, say) =>
    say.t('The tire is made for a rim of {tire}, the wheel is {wheel}.', {
      tire: say.length(data.tireM),
      wheel: say.length(data.wheelM),
    }),
  'tire-smaller-than-rim': ({ data }, say) =>
    say.t('A tire {diameter} high cannot stand on a rim of {rim}.', {
      diameter: say.length(data.diameterM),
      rim: say.length(data.rimM),
    }),
  'widths-differ': ({ data }, say) =>
    say.t('Hub faces and offset put the wheels’ middles {fromHub} apart; you say {track}.', {
      fromHub: say.length(data.fromHubM),
      track: say.length(data.trackM),
    }),
  'spring-longer-than-frame': ({ data }, say) =>
    say.t('Springs {spring} long do not go under a bed of {bed}.', {
      spring: say.length(data.springM),
      bed: say.length(data.bedM),
    }),
  'axle-overhang': ({ data, verdict }, say) =>
    sentence(
      say.t(
        'The wheels’ centers stand {overhang} outside the springs: an axle’s rating holds to about 8 1/2 in. Set the springs further out, or ask its maker.',
        { overhang: say.length(data.overhangM) },
      ),
      data.bends === undefined
        ? ''
        : verdict === 'over'
          ? say.t('Its tube bends by {bends} of what it does at its rating.', { bends: say.percent(data.bends, 0) })
          : say.t('With these loads its tube bends by {bends} of what it does at its rating.', {
              bends: say.percent(data.bends, 0),
            }),
    ),
  'home-built-axle': ({ data, verdict }, say) =>
    verdict === 'over'
      ? sentence(
          say.t(
            'The tube of this home-built axle yields in a bump: {bump} on a lever of {lever}, and its metal yields at {yield}.',
            { bump: say.stress(data.bumpPa), lever: say.length(data.leverM), yield: say.stress(data.yieldPa) },
          ),
          data.does
            ? say.t('{tube} of the same metal would stay below that, or set the springs closer to the wheels.', {
                tube: data.does.designation,
              })
            : say.t('No tube on file is strong enough: buy a rated axle.'),
        )
      : say.t(
          'Home-built axle: in a bump its tube is at {bump} on a lever of {lever}; its metal yields at {yield}. Nobody has rated this axle, and Kereta does not. Spindles, their welds and the hubs are not checked: buy rated ones, weld where their maker says, never at mid-tube or on spring steel.',
          { bump: say.stress(data.bumpPa), lever: say.length(data.leverM), yield: say.stress(data.yieldPa) },
        ),
  'stub-cross': ({ data, verdict }, say) =>
    verdict === 'ok'
      ? say.t('A bar across beside the spindles holds the {momentNm} by which each wheel turns its rail.', {
          momentNm: say.torque(data.momentNm),
        })
      : say.t(
          'Each spindle turns its rail by {momentNm}, and the nearest bar across is {off} off: put one beside them.',
          { momentNm: say.torque(data.momentNm), off: say.length(data.offM) },
        ),
  'axle-camber': ({ data, verdict }, say) => {
    const leans = Math.abs(data.loadedRad);
    const way = data.loadedRad < 0 ? say.t('in') : say.t('out');
    return sentence(
      leans < toRadians(0.05, 'deg')
        ? say.t('Under the heaviest load the wheels stand upright.')
        : say.t('Under the heaviest load the wheels lean {way} at the top by {leans}.', {
            way,
            leans: say.figures(formatAngle(leans)),
          }),
      verdict === 'ok'
        ? ''
        : say.t('Bend the tube up by {slope} before it is loaded, or tires wear on one side.', {
            slope: say.figures(formatAngle(data.slopeRad)),
          }),
    );
  },
  'departure-angle': ({ data, caseId }, say) =>
    say.t(
      'Behind the wheels it clears {rad}, ahead of them {approach} up to the ball; the lowest steel is {clear} above the ground, {case}.',
      {
        rad: say.figures(formatAngle(data.rad)),
        approach: say.figures(formatAngle(data.approachRad)),
        clear: say.length(data.clearM),
        case: say.caseName(caseId),
      },
    ),
  'ride-unknown': (_, say) =>
    say.t('How high it rides is missing: choose the suspension, or measure the top of the rails above the ground.'),
};
