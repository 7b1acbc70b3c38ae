import type { CouplingFindingData, LinkId } from '../../coupling/index.js';
import type { HomeMadeFindingData, TonguePinFindingData, TongueSpliceFindingData } from '../../strength/index.js';
import { formatAngle, inches } from '../../units/index.js';
import { LINK_NAMES, REGION_NAMES } from '../names.js';
import type { Speaker } from '../speak.js';
import { sentence, spare, type SentencesOf } from './kit.js';

const linkName = (id: LinkId, say: Speaker): string =>
  id === 'tongue' ? say.t('tongue') : id === 'chains' ? say.t('chains') : say.inner(say.t(LINK_NAMES[id]));

/** Balls that differ by less than a sixteenth are told in millimetres and inches both. */
const ballSize = (metres: number): string => `${(1000 * metres).toFixed(1)} mm (${(metres / inches(1)).toFixed(3)} in)`;

const WAYS = {
  along: 'along the trailer',
  across: 'across it',
  upright: 'up or down',
} as const satisfies Readonly<Record<HomeMadeFindingData['home-made-study']['way'], string>>;
const STUDY_PARTS = {
  'pin-shear': 'pin in shear',
  'pin-bending': 'pin in bending over its gap',
  bearing: 'holes in bearing',
  'tear-out': 'plates between hole and edge',
  weld: 'fillets',
} as const satisfies Readonly<Record<HomeMadeFindingData['home-made-study']['part'], string>>;

const COUPLING_KINDS = {
  pintle:
    'Pintle and eye clatter and let the trailer jerk: keep the slack low, hang the chains, and do not count on them to damp a swing.',
  'three-axis':
    'A three-axis coupling must be a tested one with its own plate. It frees the frame of the vehicle’s twist; chains still hang from the frame.',
  pin: 'A pin in a drawbar turns one way only: on uneven ground it binds unless its hole is eased. Hold it with a clip; it is for the yard, not for the road.',
  hand: 'Pulled by hand: a handle where it is held upright, nothing to pinch fingers, and a way to hold it on a slope.',
} as const;

/** What of a joint's pins holds least. */
const PIN_HELD_BY = {
  shear: 'a pin in double shear',
  bearing: 'the walls at its hole',
  cheek: 'the cheeks at its hole',
} as const;

export const couplingSentences: SentencesOf<
  CouplingFindingData & HomeMadeFindingData & TonguePinFindingData & TongueSpliceFindingData
> = {
  'tongue-splice': ({ data }, say) =>
    say.t(
      'A splice in {member} is {from} from the front header, where a tongue bends most. Keep it {least} away, or weld it with full penetration and put a sleeve or fish plates over it.',
      {
        member: say.inner(say.partName(data.memberId)),
        from: say.length(Math.abs(data.fromHeaderM)),
        least: say.length(data.leastM),
      },
    ),
  'gross-against-plate': ({ data, caseId }, say) =>
    data.ratedKg === undefined
      ? say.t('Heaviest is {gross}, {case}. The rated gross for the plate is missing.', {
          gross: say.mass(data.grossKg),
          case: say.caseName(caseId),
        })
      : say.t('Heaviest is {gross}, {case}. The plate says {rated}: {gross2}.', {
          gross: say.mass(data.grossKg),
          case: say.caseName(caseId),
          rated: say.mass(data.ratedKg),
          gross2: spare(data.grossKg, data.ratedKg, (kg) => say.mass(kg), say),
        }),
  'gross-against-coupler': ({ data }, say) =>
    data.homeMade
      ? say.t('A home-made coupling has no rating: whether it holds {gross} is not checked.', {
          gross: say.mass(data.grossKg),
        })
      : data.ratedKg === undefined
        ? say.t('What the coupler is rated for is missing: read its stamp.')
        : say.t('Coupler is rated for {rated}; {byPlate} {gross}: {gross2}.', {
            rated: say.mass(data.ratedKg),
            byPlate: data.byPlate ? say.t('the plate lets it be') : say.t('it weighs'),
            gross: say.mass(data.grossKg),
            gross2: spare(data.grossKg, data.ratedKg, (kg) => say.mass(kg), say),
          }),
  'gross-against-tow-vehicle': ({ data }, say) =>
    data.limitKg === undefined
      ? say.t('What the tow vehicle may tow is missing: see its handbook.')
      : say.t('Tow vehicle may tow {limit}; {byPlate} {gross}: {gross2}.', {
          limit: say.mass(data.limitKg),
          byPlate: data.byPlate ? say.t('the plate lets the trailer be') : say.t('the trailer weighs'),
          gross: say.mass(data.grossKg),
          gross2: spare(data.grossKg, data.limitKg, (kg) => say.mass(kg), say),
        }),
  'tongue-pins': ({ data, utilisation, verdict }, say) =>
    sentence(
      say.t('The {kind} tongue’s pins bear {force} {load}: {utilisation} of what {pin} may.', {
        kind: data.kind === 'folding' ? say.t('folding') : say.t('removable'),
        force: say.force(data.forceN),
        load: data.load === 'along' ? say.t('of pull') : say.t('where the coupling is lifted'),
        utilisation: say.percent(utilisation, 0),
        pin: say.t(PIN_HELD_BY[data.by]),
      }),
      verdict === 'over'
        ? data.load === 'upright'
          ? say.t('Set them further apart, or take thicker ones.')
          : data.by === 'cheek'
            ? say.t('Take thicker cheeks.')
            : say.t('Take a thicker pin.')
        : '',
      data.pins === 2 && data.spacingM < inches(4) - 1e-6 ? say.t('Two pins are usually 4 in apart or more.') : '',
    ),
  'one-pin-folds': ({ data }, say) =>
    say.t(
      '{kind} tongue on one pin is a hinge: it folds up or down on it. A second pin, 4 in or more from the first, holds it straight.',
      { kind: data.kind === 'folding' ? say.t('A folding') : say.t('A removable') },
    ),
  'weakest-link': ({ data, utilisation }, say) =>
    sentence(
      data.link === undefined
        ? say.t('Nothing between vehicle and trailer has a stamp that was read yet.')
        : data.link === 'tongue'
          ? say.t('The weakest link is the tongue itself: by hand it works at {utilisation} in a hard bump.', {
              utilisation: say.percent(utilisation, 0),
            })
          : say.t('The weakest link is the {link}: {by}, {utilisation}.', {
              link: linkName(data.link, say),
              by:
                data.by === 'tongue'
                  ? say.t('it may bear {limit} on the ball and bears {demand}', {
                      limit: say.mass(data.limitKg ?? 0),
                      demand: say.mass(data.demandKg),
                    })
                  : say.t('it may {link} {limit}, the trailer may weigh {demand}', {
                      link: data.link === 'chains' ? say.t('each hold') : say.t('pull'),
                      limit: say.mass(data.limitKg ?? 0),
                      demand: say.mass(data.demandKg),
                    }),
              utilisation: say.percent(utilisation, 0),
            }),
      data.unread.length > 0
        ? say.t('Not read yet: {unread}. Each has a stamp; the lowest governs.', {
            unread: data.unread.map((id) => linkName(id, say)).join(', '),
          })
        : '',
    ),
  'ball-fits': ({ data }, say) =>
    data.ballM === undefined
      ? say.t(
          'The coupler is made for a ball of {coupler}. What the ball measures is missing: it is stamped on its top.',
          { coupler: say.length(data.couplerM) },
        )
      : Math.abs(data.ballM - data.couplerM) < 5e-4
        ? say.t('Ball and coupler are both {coupler}.', { coupler: say.length(data.couplerM) })
        : say.t('A ball of {ball} in a coupler made for {coupler}: {ball2}. They do not interchange.', {
            ball: ballSize(data.ballM),
            coupler: ballSize(data.couplerM),
            ball2: data.ballM < data.couplerM ? say.t('it comes off in a bump') : say.t('it does not close'),
          }),
  'mount-lever': ({ data, verdict }, say) =>
    sentence(
      say.t('The ball stands {reach} behind the receiver’s pin.', { reach: say.length(data.reachM) }),
      data.ratedReachM === undefined
        ? say.t('How far its maker rated the mount at nobody has read: longer ones bear less.')
        : verdict === 'ok'
          ? say.t('Its maker rated the mount at {ratedReach}.', { ratedReach: say.length(data.ratedReachM) })
          : say.t('Its maker rated the mount at {ratedReach}; what it bears further out nobody has said. {as}', {
              ratedReach: say.length(data.ratedReachM),
              as:
                data.asKg === undefined
                  ? ''
                  : say.t('As a lever {tongue} there ask as much of it as {as} at the rated place.', {
                      tongue: say.mass(data.tongueKg ?? 0),
                      as: say.mass(data.asKg),
                    }),
            }),
    ),
  'ball-hole': ({ data }, say) =>
    data.holeM < data.shankM
      ? say.t('A shank of {shank} does not go into a hole of {hole}. Never file it thinner.', {
          shank: say.length(data.shankM),
          hole: say.length(data.holeM),
        })
      : say.t('The ball’s shank is {shank}, the hole for it {hole}; at most 1/16 in more than the shank.', {
          shank: say.length(data.shankM),
          hole: say.length(data.holeM),
        }),
  'coupling-kind': ({ data }, say) => say.t(COUPLING_KINDS[data.kind]),
  'coupler-fits-tongue': ({ data }, say) => {
    switch (data.fault) {
      case 'a-frame-on-tube':
        return say.t('An A-frame coupler has two sides at 50° and nothing to hold one tube by: take a straight one.');
      case 'straight-on-legs':
        return say.t(
          'A straight coupler sits on one tube: two legs want an A-frame coupler, or a stub of tube between them that carries it.',
        );
      case 'other-angle':
        return say.t(
          'A-frame couplers are made for legs that meet at 50°; these meet at {included} and do not lie against its sides.',
          { included: say.figures(formatAngle(data.includedRad)) },
        );
      case 'none':
        return data.fits === 'a-frame'
          ? say.t('An A-frame coupler, and legs that it fits.')
          : say.t('A straight coupler, and one tube that it fits.');
    }
  },
  'coupler-points-up': ({ data, verdict }, say) =>
    sentence(
      say.t('On this tongue the coupler points {rad} by {rad2}.', {
        rad: data.rad >= 0 ? say.t('up') : say.t('down'),
        rad2: say.figures(formatAngle(Math.abs(data.rad))),
      }),
      verdict === 'tight'
        ? say.t('On a slope it binds on its ball in a dip: step the tongue, or set the coupler level.')
        : '',
    ),
  chains: ({ data }, say) => {
    if (data.cable)
      return say.t(
        'No safety chains: Europe holds a braked trailer by its breakaway cable. Hook that to the vehicle, not to the ball.',
      );
    if (data.state === 'none') return say.t('No safety chains. Fit two, crossed under the coupler, on their own tabs.');
    if (data.state === 'not-decided') return say.t('Safety chains are not decided yet.');
    switch (data.fault) {
      case 'on-coupler':
        return say.t(
          'Chains that hang on the coupler go where it goes. Give them tabs or rings of their own on the frame.',
        );
      case 'not-crossed':
        return say.t('Cross the chains under the tongue: they then cradle the coupler if it drops.');
      case 'undecided':
        return say.t(
          'Where the chains are held on the trailer is missing: on tabs or rings of their own, not on the coupler.',
        );
      case 'none':
        return say.t(
          '{count} of {count2} own. Weld the tab, not the chain: heat takes its strength. Grind the zinc off first and keep out of the fume.',
          {
            count:
              data.count > 1
                ? say.t('Safety chains hang crossed, from tabs')
                : say.t('The safety chain hangs from a tab'),
            count2: data.count > 1 ? say.t('their') : say.t('its'),
          },
        );
    }
  },
  'chain-strength': ({ data }, say) => {
    if (data.count < data.wantedCount)
      return say.t('{region} asks for {wantedCount} chains; {count} {count2} here.', {
        region: say.t(REGION_NAMES[data.region]),
        wantedCount: data.wantedCount,
        count: data.count,
        count2: data.count === 1 ? say.t('hangs') : say.t('hang'),
      });
    if (data.neededKg === undefined)
      return say.t(
        '{region}: what a chain must hold is not worked out here; ask your own authority, and read its tag.',
        { region: say.t(REGION_NAMES[data.region]) },
      );
    return data.breaksAtKg === undefined
      ? say.t(
          'Each chain must break at no less than {needed}, class {className}. What yours break at is missing: grade and size are stamped on the links.',
          { needed: say.mass(data.neededKg), className: data.className },
        )
      : say.t(
          'Each chain breaks at {breaksAt}; class {className} asks for {needed}. Hook and link must hold as much.',
          { breaksAt: say.mass(data.breaksAtKg), className: data.className, needed: say.mass(data.neededKg) },
        );
  },
  'chain-length': ({ data }, say) =>
    sentence(
      say.t('A chain of {length}: turning as far as you want takes {needed}.', {
        length: say.length(data.lengthM),
        needed: say.length(data.neededM),
      }),
      data.lengthM < data.neededM ? say.t('It tears off before that.') : '',
      data.hitchM === undefined
        ? say.t('How high the hitch is, is missing: whether a dropped tongue reaches the road cannot be told.')
        : data.dropM >= data.hitchM
          ? say.t('A dropped tongue goes down {drop} and strikes the road: shorten it.', {
              drop: say.length(data.dropM),
            })
          : say.t('A dropped tongue hangs {hitch} above the road.', { hitch: say.length(data.hitchM - data.dropM) }),
    ),
  breakaway: ({ data }, say) =>
    data.state === 'fitted'
      ? say.t(
          '{region}: a breakaway sets the brakes if it comes loose. Pull its pin to try it, and hang its cable apart from the chains.',
          { region: say.t(REGION_NAMES[data.region]) },
        )
      : data.state === 'none'
        ? say.t('{region}: a braked trailer asks for a breakaway that sets its brakes when it comes loose.', {
            region: say.t(REGION_NAMES[data.region]),
          })
        : say.t('{region}: whether a breakaway is fitted is missing.', { region: say.t(REGION_NAMES[data.region]) }),
  'brake-kind': ({ data }, say) =>
    data.kind === 'not-decided'
      ? say.t('{region}: say what works the brakes, electric or overrun.', { region: say.t(REGION_NAMES[data.region]) })
      : data.kind === 'electric'
        ? say.t(
            '{region}: electric brakes ask for a controller in the vehicle and a battery on the trailer for the breakaway.',
            { region: say.t(REGION_NAMES[data.region]) },
          )
        : data.upToKg === undefined
          ? say.t(
              '{region}: overrun brakes are allowed by the vehicle’s permissible greatest mass (GVWR), which is missing: it stands on its plate.',
              { region: say.t(REGION_NAMES[data.region]) },
            )
          : say.t('{region}: overrun brakes are allowed to {upTo}.', {
              region: say.t(REGION_NAMES[data.region]),
              upTo: say.mass(data.upToKg),
            }),
  'brakes-advised': ({ data, verdict }, say) =>
    sentence(
      say.t('The trailer may weigh {share} of the vehicle, whose brakes are made for its own {vehicle}.', {
        share: say.percent(data.share, 0),
        vehicle: say.mass(data.vehicleKg),
      }),
      verdict === 'tight' ? say.t('Brakes of its own are advised, whatever the law lets you do.') : '',
    ),
  plug: ({ data }, say) =>
    data.plug === 'not-decided'
      ? say.t('Which plug carries the lights is missing.')
      : data.plug === 'none'
        ? say.t('No plug, no lights: a trailer on the road must show them.')
        : data.otherRegion !== undefined
          ? say.t('{region} wires turn and stop lights apart: seven ways or thirteen, not {plug}.', {
              region: say.t(REGION_NAMES[data.otherRegion]),
              plug: data.plug === '4-way' ? say.t('four') : say.t('six'),
            })
          : data.electric && data.plug === '4-way'
            ? say.t('Four ways carry lights alone; electric brakes ask for six or seven.')
            : say.t(
                'The plug carries what is fitted. Wire with stranded cable, and ground through a wire, not through the ball.',
              ),
  'jack-rating': ({ data, caseId }, say) =>
    data.ratedKg === undefined
      ? say.t('{load} {assumed}, {case}. What it may lift is missing: read its stamp.', {
          load: say.mass(data.loadKg),
          assumed: data.assumed
            ? say.t('would stand on the jack, set down as it is towed')
            : say.t('stand on the jack'),
          case: say.caseName(caseId),
        })
      : say.t('{load} {assumed} on a jack for {rated}, {case}{assumed2}; half as much again is usual.', {
          load: say.mass(data.loadKg),
          assumed: data.assumed ? say.t('would stand') : say.t('stand'),
          rated: say.mass(data.ratedKg),
          case: say.caseName(caseId),
          assumed2: data.assumed ? say.t(', set down as it is towed') : '',
        }),
  'jack-reach': ({ data }, say) =>
    sentence(
      say.t('To lift the coupler off the ball the jack must reach {needed} below the tongue’s top.', {
        needed: say.length(data.neededM),
      }),
      data.longM === undefined
        ? say.t('How far yours reaches is missing.')
        : data.longM < data.neededM
          ? say.t('Yours reaches {long}: too short. Take a drop leg.', { long: say.length(data.longM) })
          : '',
      data.clearM === undefined
        ? ''
        : data.clearM <= 0
          ? say.t('Drawn in, its foot still drags on the road: take one that swings up.')
          : say.t('Drawn in, it clears the road by {clear}.', { clear: say.length(data.clearM) }),
    ),
  'd-value': ({ data }, say) =>
    data.neededN === undefined
      ? say.t(
          'The vehicle’s permissible greatest mass, which D goes by, is missing: it stands on its plate and in its papers.',
        )
      : data.ratedN === undefined
        ? say.t('The coupling needs a D of {needed}; what is stamped on its plate is missing.', {
            needed: say.force(data.neededN),
          })
        : sentence(
            say.t('The coupling needs a D of {needed}; its plate says {rated}.', {
              needed: say.force(data.neededN),
              rated: say.force(data.ratedN),
            }),
            data.allowsKg === undefined
              ? ''
              : say.t('Behind this vehicle that is enough for {allows}.', { allows: say.mass(data.allowsKg) }),
          ),
  'v-value': ({ data }, say) =>
    say.t('Over 3.5 t the plate must also show V: {needed} or more. Compare it with the plate yourself.', {
      needed: say.force(data.neededN),
    }),
  'coupler-height': ({ data, caseId, verdict }, say) =>
    say.t('{region}: the coupling’s middle stands {height} high, {case}; {verdict} {from} to {to}.', {
      region: say.t(REGION_NAMES[data.region]),
      height: say.length(data.heightM),
      case: say.caseName(caseId),
      verdict: verdict === 'ok' ? say.t('within') : say.t('outside'),
      from: say.length(data.fromM),
      to: say.length(data.toM),
    }),
  brakes: ({ data }, say) => {
    const asked =
      data.by === 'more-than-one-axle'
        ? say.t('of any trailer with more than one axle')
        : data.by === 'axles'
          ? say.t('above {from} on the axles', { from: say.mass(data.fromKg) })
          : data.fromKg === data.toKg
            ? say.t('above {from}', { from: say.mass(data.fromKg) })
            : say.t('by state or province, from {from} or less in a few to {to} in most', {
                from: say.mass(data.fromKg),
                to: say.mass(data.toKg),
              });
    const weighs = data.by === 'gross' ? say.t('this trailer may weigh') : say.t('on these may stand');
    const state =
      data.state === 'fitted'
        ? say.t('Brakes fitted.')
        : data.state === 'none'
          ? say.t('No brakes.')
          : data.grossKg > data.fromKg
            ? say.t('Brakes are not decided yet.')
            : say.t('No brakes decided.');
    return say.t('{state} {region} asks for them {asked}; {weighs} {gross}. Your own authority decides.', {
      state,
      region: say.t(REGION_NAMES[data.region]),
      asked,
      weighs,
      gross: say.mass(data.grossKg),
    });
  },
  'home-made-coupling': (_, say) =>
    say.t(
      'A home-made coupling is never rated here, whatever is typed beside it. Buy a rated one: nothing else keeps trailer and tow vehicle together.',
    ),
  'no-region': (_, say) => say.t('Say where it will be towed: brake and width rules differ.'),
  'home-made-study': ({ data, verdict }, say) =>
    sentence(
      say.t('Your home-made coupling, for study: {force} {ways} works its {study} at {share} of yield.', {
        force: say.force(data.forceN),
        ways: say.t(WAYS[data.way]),
        study: say.t(STUDY_PARTS[data.part]),
        share: say.percent(data.share, 0),
      }),
      verdict === 'over'
        ? say.t('It does not hold even on paper.')
        : say.t('That is no rating: wear, notches, blows and loose threads are not in it.'),
      data.threaded ? say.t('Threads where a pin is sheared are bad: they are notches.') : '',
      say.t('Buy a rated one.'),
    ),
};
