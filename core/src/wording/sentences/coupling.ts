import type { CouplingFindingData, LinkId } from '../../coupling/index.js';
import type { HomeMadeFindingData, TonguePinFindingData } from '../../strength/index.js';
import { formatAngle, inches } from '../../units/index.js';
import { sentence, spare, type SentencesOf } from './kit.js';
import { LINK_NAMES, REGION_NAMES } from '../names.js';

const linkName = (id: LinkId): string =>
  id === 'tongue' ? 'tongue' : LINK_NAMES[id].toLowerCase().replace(', each', '');

/** Balls that differ by less than a sixteenth are told in millimetres and inches both. */
const ballSize = (metres: number): string => `${(1000 * metres).toFixed(1)} mm (${(metres / inches(1)).toFixed(3)} in)`;

const WAYS: Readonly<Record<HomeMadeFindingData['home-made-study']['way'], string>> = {
  along: 'along the trailer',
  across: 'across it',
  upright: 'up or down',
};
const STUDY_PARTS: Readonly<Record<HomeMadeFindingData['home-made-study']['part'], string>> = {
  'pin-shear': 'pin in shear',
  'pin-bending': 'pin in bending over its gap',
  bearing: 'holes in bearing',
  'tear-out': 'plates between hole and edge',
  weld: 'fillets',
};

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

export const couplingSentences: SentencesOf<CouplingFindingData & HomeMadeFindingData & TonguePinFindingData> = {
  'gross-against-plate': ({ data, caseId }, say) =>
    data.ratedKg === undefined
      ? `Heaviest is ${say.mass(data.grossKg)}, ${say.caseName(caseId)}. The rated gross for the plate is missing.`
      : `Heaviest is ${say.mass(data.grossKg)}, ${say.caseName(caseId)}. The plate says ${say.mass(data.ratedKg)}: ${spare(data.grossKg, data.ratedKg, (kg) => say.mass(kg))}.`,
  'gross-against-coupler': ({ data }, say) =>
    data.homeMade
      ? `A home-made coupling has no rating: whether it holds ${say.mass(data.grossKg)} is not checked.`
      : data.ratedKg === undefined
        ? 'What the coupler is rated for is missing: read its stamp.'
        : `Coupler is rated for ${say.mass(data.ratedKg)}; ${data.byPlate ? 'the plate lets it be' : 'it weighs'} ${say.mass(data.grossKg)}: ${spare(data.grossKg, data.ratedKg, (kg) => say.mass(kg))}.`,
  'gross-against-tow-vehicle': ({ data }, say) =>
    data.limitKg === undefined
      ? 'What the tow vehicle may tow is missing: see its handbook.'
      : `Tow vehicle may tow ${say.mass(data.limitKg)}; ${data.byPlate ? 'the plate lets the trailer be' : 'the trailer weighs'} ${say.mass(data.grossKg)}: ${spare(data.grossKg, data.limitKg, (kg) => say.mass(kg))}.`,
  'tongue-pins': ({ data, utilisation, verdict }, say) =>
    sentence(
      `The ${data.kind} tongue’s pins bear ${say.force(data.forceN)} ${data.load === 'along' ? 'of pull' : 'where the coupling is lifted'}: ${say.percent(utilisation, 0)} of what ${PIN_HELD_BY[data.by]} may.`,
      verdict === 'over'
        ? data.load === 'upright'
          ? 'Set them further apart, or take thicker ones.'
          : data.by === 'cheek'
            ? 'Take thicker cheeks.'
            : 'Take a thicker pin.'
        : '',
      data.pins === 2 && data.spacingM < inches(4) - 1e-6 ? `Two pins are usually 4 in apart or more.` : '',
    ),
  'one-pin-folds': ({ data }) =>
    `${data.kind === 'folding' ? 'A folding' : 'A removable'} tongue on one pin is a hinge: it folds up or down on it. A second pin, 4 in or more from the first, holds it straight.`,
  'weakest-link': ({ data, utilisation }, say) =>
    sentence(
      data.link === undefined
        ? 'Nothing between vehicle and trailer has a stamp that was read yet.'
        : data.link === 'tongue'
          ? `The weakest link is the tongue itself: by hand it works at ${say.percent(utilisation, 0)} in a hard bump.`
          : `The weakest link is the ${linkName(data.link)}: ${
              data.by === 'tongue'
                ? `it may bear ${say.mass(data.limitKg ?? 0)} on the ball and bears ${say.mass(data.demandKg)}`
                : `it may ${data.link === 'chains' ? 'each hold' : 'pull'} ${say.mass(data.limitKg ?? 0)}, the trailer may weigh ${say.mass(data.demandKg)}`
            }, ${say.percent(utilisation, 0)}.`,
      data.unread.length > 0
        ? `Not read yet: ${data.unread.map((id) => linkName(id)).join(', ')}. Each has a stamp; the lowest governs.`
        : '',
    ),
  'ball-fits': ({ data }, say) =>
    data.ballM === undefined
      ? `The coupler is made for a ball of ${say.length(data.couplerM)}. What the ball measures is missing: it is stamped on its top.`
      : Math.abs(data.ballM - data.couplerM) < 5e-4
        ? `Ball and coupler are both ${say.length(data.couplerM)}.`
        : `A ball of ${ballSize(data.ballM)} in a coupler made for ${ballSize(data.couplerM)}: ${data.ballM < data.couplerM ? 'it comes off in a bump' : 'it does not close'}. They do not interchange.`,
  'mount-lever': ({ data, verdict }, say) =>
    sentence(
      `The ball stands ${say.length(data.reachM)} behind the receiver’s pin.`,
      data.ratedReachM === undefined
        ? 'How far its maker rated the mount at nobody has read: longer ones bear less.'
        : verdict === 'ok'
          ? `Its maker rated the mount at ${say.length(data.ratedReachM)}.`
          : `Its maker rated the mount at ${say.length(data.ratedReachM)}; what it bears further out nobody has said. ${data.asKg === undefined ? '' : `As a lever ${say.mass(data.tongueKg ?? 0)} there ask as much of it as ${say.mass(data.asKg)} at the rated place.`}`,
    ),
  'ball-hole': ({ data }, say) =>
    data.holeM < data.shankM
      ? `A shank of ${say.length(data.shankM)} does not go into a hole of ${say.length(data.holeM)}. Never file it thinner.`
      : `The ball’s shank is ${say.length(data.shankM)}, the hole for it ${say.length(data.holeM)}; at most 1/16 in more than the shank.`,
  'coupling-kind': ({ data }) => COUPLING_KINDS[data.kind],
  'coupler-fits-tongue': ({ data }) => {
    switch (data.fault) {
      case 'a-frame-on-tube':
        return 'An A-frame coupler has two sides at 50° and nothing to hold one tube by: take a straight one.';
      case 'straight-on-legs':
        return 'A straight coupler sits on one tube: two legs want an A-frame coupler, or a stub of tube between them that carries it.';
      case 'other-angle':
        return `A-frame couplers are made for legs that meet at 50°; these meet at ${formatAngle(data.includedRad)} and do not lie against its sides.`;
      case 'none':
        return data.fits === 'a-frame'
          ? 'An A-frame coupler, and legs that it fits.'
          : 'A straight coupler, and one tube that it fits.';
    }
  },
  'coupler-points-up': ({ data, verdict }) =>
    sentence(
      `On this tongue the coupler points ${data.rad >= 0 ? 'up' : 'down'} by ${formatAngle(Math.abs(data.rad))}.`,
      verdict === 'tight' ? 'On a slope it binds on its ball in a dip: step the tongue, or set the coupler level.' : '',
    ),
  chains: ({ data }) => {
    if (data.cable)
      return 'No safety chains: Europe holds a braked trailer by its breakaway cable. Hook that to the vehicle, not to the ball.';
    if (data.state === 'none') return 'No safety chains. Fit two, crossed under the coupler, on their own tabs.';
    if (data.state === 'not-decided') return 'Safety chains are not decided yet.';
    switch (data.fault) {
      case 'on-coupler':
        return 'Chains that hang on the coupler go where it goes. Give them tabs or rings of their own on the frame.';
      case 'not-crossed':
        return 'Cross the chains under the tongue: they then cradle the coupler if it drops.';
      case 'undecided':
        return 'Where the chains are held on the trailer is missing: on tabs or rings of their own, not on the coupler.';
      case 'none':
        return `${data.count > 1 ? 'Safety chains hang crossed, from tabs' : 'The safety chain hangs from a tab'} of ${data.count > 1 ? 'their' : 'its'} own. Weld the tab, not the chain: heat takes its strength. Grind the zinc off first and keep out of the fume.`;
    }
  },
  'chain-strength': ({ data }, say) => {
    if (data.count < data.wantedCount)
      return `${REGION_NAMES[data.region]} asks for ${data.wantedCount} chains; ${data.count} ${data.count === 1 ? 'hangs' : 'hang'} here.`;
    if (data.neededKg === undefined)
      return `${REGION_NAMES[data.region]}: what a chain must hold is not worked out here; ask your own authority, and read its tag.`;
    return data.breaksAtKg === undefined
      ? `Each chain must break at no less than ${say.mass(data.neededKg)}, class ${data.className}. What yours break at is missing: grade and size are stamped on the links.`
      : `Each chain breaks at ${say.mass(data.breaksAtKg)}; class ${data.className} asks for ${say.mass(data.neededKg)}. Hook and link must hold as much.`;
  },
  'chain-length': ({ data }, say) =>
    sentence(
      `A chain of ${say.length(data.lengthM)}: turning as far as you want takes ${say.length(data.neededM)}.`,
      data.lengthM < data.neededM ? 'It tears off before that.' : '',
      data.hitchM === undefined
        ? 'How high the hitch is, is missing: whether a dropped tongue reaches the road cannot be told.'
        : data.dropM >= data.hitchM
          ? `A dropped tongue goes down ${say.length(data.dropM)} and strikes the road: shorten it.`
          : `A dropped tongue hangs ${say.length(data.hitchM - data.dropM)} above the road.`,
    ),
  breakaway: ({ data }) =>
    data.state === 'fitted'
      ? `${REGION_NAMES[data.region]}: a breakaway sets the brakes if it comes loose. Pull its pin to try it, and hang its cable apart from the chains.`
      : data.state === 'none'
        ? `${REGION_NAMES[data.region]}: a braked trailer asks for a breakaway that sets its brakes when it comes loose.`
        : `${REGION_NAMES[data.region]}: whether a breakaway is fitted is missing.`,
  'brake-kind': ({ data }, say) =>
    data.kind === 'not-decided'
      ? `${REGION_NAMES[data.region]}: say what works the brakes, electric or overrun.`
      : data.kind === 'electric'
        ? `${REGION_NAMES[data.region]}: electric brakes ask for a controller in the vehicle and a battery on the trailer for the breakaway.`
        : data.upToKg === undefined
          ? `${REGION_NAMES[data.region]}: overrun brakes are allowed by the vehicle’s permissible greatest mass (GVWR), which is missing: it stands on its plate.`
          : `${REGION_NAMES[data.region]}: overrun brakes are allowed to ${say.mass(data.upToKg)}.`,
  'brakes-advised': ({ data, verdict }, say) =>
    sentence(
      `The trailer may weigh ${say.percent(data.share, 0)} of the vehicle, whose brakes are made for its own ${say.mass(data.vehicleKg)}.`,
      verdict === 'tight' ? 'Brakes of its own are advised, whatever the law lets you do.' : '',
    ),
  plug: ({ data }) =>
    data.plug === 'not-decided'
      ? 'Which plug carries the lights is missing.'
      : data.plug === 'none'
        ? 'No plug, no lights: a trailer on the road must show them.'
        : data.otherRegion !== undefined
          ? `${REGION_NAMES[data.otherRegion]} wires turn and stop lights apart: seven ways or thirteen, not ${data.plug === '4-way' ? 'four' : 'six'}.`
          : data.electric && data.plug === '4-way'
            ? 'Four ways carry lights alone; electric brakes ask for six or seven.'
            : 'The plug carries what is fitted. Wire with stranded cable, and ground through a wire, not through the ball.',
  'jack-rating': ({ data, caseId }, say) =>
    data.ratedKg === undefined
      ? `${say.mass(data.loadKg)} ${data.assumed ? 'would stand on the jack, set down as it is towed' : 'stand on the jack'}, ${say.caseName(caseId)}. What it may lift is missing: read its stamp.`
      : `${say.mass(data.loadKg)} ${data.assumed ? 'would stand' : 'stand'} on a jack for ${say.mass(data.ratedKg)}, ${say.caseName(caseId)}${data.assumed ? ', set down as it is towed' : ''}; half as much again is usual.`,
  'jack-reach': ({ data }, say) =>
    sentence(
      `To lift the coupler off the ball the jack must reach ${say.length(data.neededM)} below the tongue’s top.`,
      data.longM === undefined
        ? 'How far yours reaches is missing.'
        : data.longM < data.neededM
          ? `Yours reaches ${say.length(data.longM)}: too short. Take a drop leg.`
          : '',
      data.clearM === undefined
        ? ''
        : data.clearM <= 0
          ? 'Drawn in, its foot still drags on the road: take one that swings up.'
          : `Drawn in, it clears the road by ${say.length(data.clearM)}.`,
    ),
  'd-value': ({ data }, say) =>
    data.neededN === undefined
      ? 'The vehicle’s permissible greatest mass, which D goes by, is missing: it stands on its plate and in its papers.'
      : data.ratedN === undefined
        ? `The coupling needs a D of ${say.force(data.neededN)}; what is stamped on its plate is missing.`
        : sentence(
            `The coupling needs a D of ${say.force(data.neededN)}; its plate says ${say.force(data.ratedN)}.`,
            data.allowsKg === undefined ? '' : `Behind this vehicle that is enough for ${say.mass(data.allowsKg)}.`,
          ),
  'v-value': ({ data }, say) =>
    `Over 3.5 t the plate must also show V: ${say.force(data.neededN)} or more. Compare it with the plate yourself.`,
  'coupler-height': ({ data, caseId, verdict }, say) =>
    `${REGION_NAMES[data.region]}: the coupling’s middle stands ${say.length(data.heightM)} high, ${say.caseName(caseId)}; ${verdict === 'ok' ? 'within' : 'outside'} ${say.length(data.fromM)} to ${say.length(data.toM)}.`,
  brakes: ({ data }, say) => {
    const asked =
      data.by === 'more-than-one-axle'
        ? 'of any trailer with more than one axle'
        : data.by === 'axles'
          ? `above ${say.mass(data.fromKg)} on the axles`
          : data.fromKg === data.toKg
            ? `above ${say.mass(data.fromKg)}`
            : `by state or province, from ${say.mass(data.fromKg)} or less in a few to ${say.mass(data.toKg)} in most`;
    const weighs = data.by === 'gross' ? 'this trailer may weigh' : 'on these may stand';
    const state =
      data.state === 'fitted'
        ? 'Brakes fitted.'
        : data.state === 'none'
          ? 'No brakes.'
          : data.grossKg > data.fromKg
            ? 'Brakes are not decided yet.'
            : 'No brakes decided.';
    return `${state} ${REGION_NAMES[data.region]} asks for them ${asked}; ${weighs} ${say.mass(data.grossKg)}. Your own authority decides.`;
  },
  'home-made-coupling': () =>
    'A home-made coupling is never rated here, whatever is typed beside it. Buy a rated one: nothing else keeps trailer and tow vehicle together.',
  'no-region': () => 'Say where it will be towed: brake and width rules differ.',
  'home-made-study': ({ data, verdict }, say) =>
    sentence(
      `Your home-made coupling, for study: ${say.force(data.forceN)} ${WAYS[data.way]} works its ${STUDY_PARTS[data.part]} at ${say.percent(data.share, 0)} of yield.`,
      verdict === 'over'
        ? 'It does not hold even on paper.'
        : 'That is no rating: wear, notches, blows and loose threads are not in it.',
      data.threaded ? 'Threads where a pin is sheared are bad: they are notches.' : '',
      'Buy a rated one.',
    ),
};
