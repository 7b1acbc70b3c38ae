import type { AxleWindow, WindowReason } from '../balance/index.js';
import type { ChassisProblem } from '../chassis/index.js';
import type { AllFindingData, AnyFinding } from '../evaluation/index.js';
import type { Finding } from '../findings/index.js';
import type { FitFindingData } from '../running-gear/index.js';
import { formatAngle, inches } from '../units/index.js';
import { frameProblemSentence } from './frameProblems.js';
import { SITUATION_NAMES, SITUATION_PHRASES } from './labels.js';
import type { Speaker } from './speak.js';

const REASONS: Readonly<Record<WindowReason, string>> = {
  'tongue-too-light': 'the tongue gets too light',
  'tongue-too-heavy': 'the tongue gets too heavy',
  'hitch-limit': 'the hitch has its limit',
  'axle-rating': 'the axle has its rating',
  'bed-edge': 'the bed ends',
  ball: 'the ball is there',
};

const windowSentence = (window: AxleWindow, say: Speaker): string => {
  if (window.kind === 'none-asked') return 'No towed load counts for the axle’s place yet.';
  if (window.kind === 'window') {
    return `All towed loads ride well with the axle from ${say.length(window.fromM)} to ${say.length(window.toM)}. Further forward ${REASONS[window.fromCase.from.reason]} in ${say.caseName(window.fromCase.caseId)}; further back ${REASONS[window.toCase.to.reason]} in ${say.caseName(window.toCase.caseId)}.`;
  }
  const [alone] = window.impossible;
  const parts: string[] = [];
  if (alone) {
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

const PROBLEMS: {
  readonly [C in ChassisProblem['code']]: (problem: Extract<ChassisProblem, { code: C }>, say: Speaker) => string;
} = {
  'missing-section': (p, say) =>
    `${say.partName(p.memberId)}: section “${p.sectionId}” is not in the list. Choose one.`,
  'missing-material': (p, say) =>
    `${say.partName(p.memberId)}: metal “${p.materialId}” is not in the list. Choose one.`,
  'impossible-section': (p, say) =>
    `${say.partName(p.memberId)}: the sizes of “${p.sectionId}” make no section. Check wall and radii.`,
  'wrong-metal': (p, say) =>
    `${say.partName(p.memberId)}: an aluminum section with steel’s strength, or the other way round. Choose metal and section alike.`,
  'cross-member-off-bed': (p, say) =>
    `${say.partName(p.memberId)} at ${say.length(p.xM)} does not lie between the headers.`,
  'cross-members-overlap': (p, say) => `${say.partName(p.memberId)} and ${say.partName(p.otherId)} lie on each other.`,
  'legs-outside-frame': (p, say) =>
    `The tongue legs are ${say.length(p.spreadM)} apart at the front header, the frame is ${say.length(p.widthM)} wide. Shorten the tongue, narrow the angle, or take a straight tongue.`,
  'tongue-under-longer-than-bed': (p, say) =>
    `The tongue runs ${say.length(p.underM)} under the frame and past its rear end.`,
  'bed-narrower-than-rails': (p, say) =>
    `A bed ${say.length(p.widthM)} wide leaves no room between its own rails and headers.`,
};

const problemSentence = (problem: ChassisProblem, say: Speaker): string =>
  (PROBLEMS[problem.code] as (p: ChassisProblem, s: Speaker) => string)(problem, say);

const spare = (load: number, limit: number, write: (value: number) => string): string =>
  limit >= load ? `${write(limit - load)} spare` : `${write(load - limit)} too much`;

const REGIONS = { 'north-america': 'North America', europe: 'Europe', australia: 'Australia' } as const;
const BENT = {
  rails: 'Rails between ball and axle bend',
  'rear-overhang': 'The rear end goes',
  'tongue-tip': 'The tongue’s tip goes',
  'cross-member': 'bends',
} as const;

type Sentence<C extends keyof AllFindingData> = (finding: Finding<C, AllFindingData[C]>, say: Speaker) => string;

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
const when = (factor: number): string => (factor === 1 ? 'standing' : 'in a hard bump');
/** Bends too small for the tape are not written as nothing. */
const bend = (metres: number, say: Speaker): string => {
  const least = say.style.system === 'imperial' ? inches(1) / say.style.denominator : 0.001;
  return metres < least ? `less than ${say.length(least)}` : say.length(metres);
};
const held = (verdict: string): string =>
  verdict === 'over' ? 'More than is allowed.' : verdict === 'tight' ? 'Holds, little to spare.' : '';
/** Beside the frame analysis the hand check only compares, and says what it is. */
const byHand = (counts: boolean): string => (counts ? '' : 'By hand:');
const sentence = (...parts: readonly string[]): string => parts.filter((part) => part !== '').join(' ');

const GAPS: Readonly<Record<FitFindingData['clearance']['what'], string>> = {
  'tire-frame': 'Tire beside the frame',
  'tire-spring': 'Tire beside the spring',
  'tire-deck': 'Tire under the frame',
  'tire-fender': 'Tire under its fender',
  'fender-outside': 'Tire inside the fender’s edge',
  'axle-frame': 'Axle or spring under the rail',
  'tire-tire': 'Between the tires',
};
const ASSEMBLY_PARTS = { axle: 'tube and hubs', springs: 'springs', tires: 'tires', wheels: 'wheels' } as const;

const addsOrTakes = (kg: number, say: Speaker): string =>
  kg >= 0 ? `adds ${say.mass(kg)} to` : `takes ${say.mass(-kg)} off`;

/** One sentence per code: what carries what, then whether it is enough. A code without its sentence does not compile. */
export const SENTENCES: { readonly [C in keyof AllFindingData]: Sentence<C> } = {
  'tongue-share': ({ data, caseId }, say) => {
    const name = say.caseName(caseId);
    const carried = `tongue carries ${say.load(data.tongueN)}, ${say.percent(data.share)}.`;
    switch (data.side) {
      case 'lifts':
        return `${name}: tongue pulls up with ${say.load(-data.tongueN)}. Tail-heavy: sway is likely, and the coupler is lifted off.`;
      case 'too-light':
        return `${name}: ${carried} Tail-heavy: sway is likely.`;
      case 'too-heavy':
        return `${name}: ${carried} Nose-heavy: it presses the hitch down.`;
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
  'frame-problem': ({ data }, say) => problemSentence(data, say),
  'overall-width': ({ data }, say) =>
    `${say.length(data.widthM)} wide over the ${data.by}.${data.limitM === undefined ? '' : ` Limit ${say.length(data.limitM)}: ${spare(data.widthM, data.limitM, (m) => say.length(m))}.`}`,
  'overall-length': ({ data }, say) =>
    `${say.length(data.lengthM)} from ball to rear edge.${data.limitM === undefined ? '' : ` Limit ${say.length(data.limitM)}: ${spare(data.lengthM, data.limitM, (m) => say.length(m))}.`}`,
  'unmarked-metal': ({ data }, say) =>
    `${data.memberIds.length === 1 ? say.partName(data.memberIds[0] ?? '') : `${data.memberIds.length} pieces`} of tube without stencil or certificate: counted at ${say.stress(data.yieldPa)} only.`,
  'aluminum-welds': ({ data }, say) =>
    `${data.memberCount} aluminum pieces: within ${say.length(0.025)} of a weld the metal keeps about half its strength or less. Keep welds away from the hardest-working places.`,
  'gross-against-plate': ({ data, caseId }, say) =>
    data.ratedKg === undefined
      ? `Heaviest is ${say.mass(data.grossKg)}, ${say.caseName(caseId)}. The rated gross for the plate is missing.`
      : `Heaviest is ${say.mass(data.grossKg)}, ${say.caseName(caseId)}. The plate says ${say.mass(data.ratedKg)}: ${spare(data.grossKg, data.ratedKg, (kg) => say.mass(kg))}.`,
  'gross-against-coupler': ({ data }, say) =>
    data.ratedKg === undefined
      ? 'What the coupler is rated for is missing: read its stamp.'
      : `Coupler is rated for ${say.mass(data.ratedKg)}; ${data.byPlate ? 'the plate lets it be' : 'it weighs'} ${say.mass(data.grossKg)}: ${spare(data.grossKg, data.ratedKg, (kg) => say.mass(kg))}.`,
  'gross-against-tow-vehicle': ({ data }, say) =>
    data.limitKg === undefined
      ? 'What the tow vehicle may tow is missing: see its handbook.'
      : `Tow vehicle may tow ${say.mass(data.limitKg)}; ${data.byPlate ? 'the plate lets the trailer be' : 'the trailer weighs'} ${say.mass(data.grossKg)}: ${spare(data.grossKg, data.limitKg, (kg) => say.mass(kg))}.`,
  chains: ({ data }, say) =>
    data.state === 'none'
      ? 'No safety chains. Fit two, crossed under the coupler, on their own tabs.'
      : data.state === 'fitted'
        ? `Safety chains fitted. Each must break at no less than the trailer’s gross, ${say.mass(data.grossKg)}: not checked here. Grind the zinc off before welding their tabs.`
        : 'Safety chains are not decided yet.',
  brakes: ({ data }, say) => {
    const asked =
      data.fromKg === data.toKg
        ? `above ${say.mass(data.fromKg)}`
        : `from ${say.mass(data.fromKg)} to ${say.mass(data.toKg)}, by state or province`;
    const state =
      data.state === 'fitted'
        ? 'Brakes fitted.'
        : data.state === 'none'
          ? 'No brakes.'
          : data.grossKg > data.fromKg
            ? 'Brakes are not decided yet.'
            : 'No brakes decided.';
    return `${state} ${REGIONS[data.region]} asks for them ${asked}; this trailer may weigh ${say.mass(data.grossKg)}. Your own authority decides.`;
  },
  'home-made-coupling': () =>
    'A home-made coupling is not checked here. Buy a rated one: nothing else keeps trailer and tow vehicle together.',
  'no-region': () => 'Say where it will be towed: brake and width rules differ.',
  'cut-list': ({ data }, say) => `${data.pieces} pieces under ${data.marks} marks, ${say.mass(data.massKg)} of metal.`,
  'no-cut-list': () => 'No frame to cut yet.',
  'item-without-weight': ({ data }) => `${data.name} has no weight yet. Guess it and say that it is a guess.`,
  'no-load': () => 'Nothing is aboard yet. Add what it will carry.',
  'heaviest-case': ({ data, caseId }, say) =>
    `Heaviest is ${say.mass(data.massKg)}, ${say.caseName(caseId)}. Bare trailer ${say.mass(data.emptyKg)}.`,
  'frame-weight': ({ data }, say) => `Frame and tongue weigh ${say.mass(data.massKg)}.`,
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
    'An equaliser shares the load between leaf springs only. Torsion axles share by how level the trailer rides, which is not worked out here yet.',
  'no-room-for-equaliser': ({ data }, say) =>
    `Axles ${say.length(data.spacingM)} apart leave no room for an equaliser between springs of ${say.length(data.springM)}.`,
  'torsion-belief': () =>
    'Torsion axles need weight on the tongue like any other. One wheel does not pass its bump to the other, but what keeps a trailer straight is weight ahead of the axle.',
  rails: ({ data, utilisation = 0, caseId, verdict, counts }, say) =>
    sentence(
      byHand(counts),
      `${say.partName(data.memberId)} works at ${say.percent(utilisation, 0)} ${when(data.factor)}, ${say.caseName(caseId)}, at ${say.length(data.placeM)}${data.weldAt ? `, beside the weld of ${say.partName(data.weldAt).toLowerCase()}` : ''}.`,
      held(verdict),
    ),
  tongue: ({ data, utilisation = 0, caseId, verdict, counts }, say) =>
    sentence(
      byHand(counts),
      `${say.partName(data.memberId)} works at ${say.percent(utilisation, 0)} ${when(data.factor)}, ${say.caseName(caseId)}${data.placeM > -1e-6 ? ', at the front header' : ''}.`,
      data.weldAt ? 'The weld there weakens it.' : '',
      held(verdict),
    ),
  'cross-member': ({ data, utilisation = 0, caseId, verdict, counts }, say) =>
    sentence(
      byHand(counts),
      `${say.partName(data.memberId)} works at ${say.percent(utilisation, 0)} ${when(data.factor)}, ${say.caseName(caseId)}.`,
      held(verdict),
    ),
  'cross-members-rest': ({ data }, say) =>
    data.count === 1
      ? `Other cross-member: ${say.percent(data.most, 0)}.`
      : `Other ${data.count} cross-members and headers: ${say.percent(data.least, 0)} to ${say.percent(data.most, 0)}.`,
  deflection: ({ data, verdict }, say) => {
    const subject = data.what === 'cross-member' ? `${say.partName(data.memberId)} bends` : BENT[data.what];
    return `${subject} ${bend(data.byM, say)} under the load; ${verdict === 'over' ? 'more than' : 'up to'} ${say.length(data.lengthM / data.divisor)} is usual.`;
  },
  'tongue-leverage': ({ data, caseId }, say) => {
    const where =
      Math.abs(data.placeM) < 1e-3 ? 'at the front header' : `${say.length(Math.abs(data.placeM))} ahead of the bed`;
    const step = say.length(data.stepM);
    const closer =
      data.perInchCloser > 0
        ? ` Each ${step} less between there and the ball takes off ${say.percent(data.perInchCloser)}.`
        : '';
    const depth =
      data.perInchDeeper === undefined
        ? ''
        : ` A bar ${step} deeper works ${say.percent(data.perInchDeeper, 0)} less: depth helps more than wall.`;
    return `The tongue’s longest lever is ${where}, ${say.caseName(caseId)}.${closer}${depth}`;
  },
  'support-assumed': () =>
    'Suspension unknown: the axle is taken as one point under the rails, which is not how springs hold it.',
  'tongue-root': () =>
    'The tongue ends at the front header. How the header passes its bending on to the rails is not checked by hand: run it on under the frame, or have the joint looked at.',
  'not-in-hand-check': () =>
    'Not in this hand check: welds, bolts, twist, braking and cornering, buckling, cracks from years of use.',
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
  'd-value': ({ data }, say) =>
    data.ratedN === undefined
      ? `Vehicle and trailer ask for a D of ${say.force(data.neededN)}. What the coupling’s plate says is missing.`
      : `Vehicle and trailer ask for a D of ${say.force(data.neededN)}; the coupling’s plate says ${say.force(data.ratedN)}.`,
  'vehicle-missing': ({ data }) =>
    data.what === 'vehicle'
      ? 'No tow vehicle is named: turning, level and sway are not worked out.'
      : 'Mass, wheelbase, or how far the ball stands behind the rear axle is missing of the tow vehicle: sway is not worked out.',
  clearance: ({ data, caseId, verdict }, say) => {
    const where = caseId === undefined ? '' : `, ${say.caseName(caseId)}`;
    const gap = `${GAPS[data.what]}: ${data.restM < 0 ? `${say.length(-data.restM)} too little` : say.length(data.restM)} standing${where}`;
    const bump =
      data.bumpM === data.restM
        ? '.'
        : data.bumpM < 0
          ? '; in a hard bump they touch.'
          : `, ${say.length(data.bumpM)} in a hard bump.`;
    return sentence(`${gap}${bump}`, verdict === 'tight' ? `${say.length(data.wantedM)} is usual.` : '');
  },
  'ride-height': ({ data, caseId, verdict }, say) =>
    sentence(
      `Tire, axle, spring and hanger put the rails’ top at ${say.length(data.stackM)}, ${say.caseName(caseId)}.`,
      verdict === 'ok'
        ? `You say ${say.length(data.saidM)}.`
        : `You say ${say.length(data.saidM)}: take the one that you measured, and mend the other.`,
    ),
  'weakest-part': ({ data, caseId }, say) =>
    `Each axle assembly carries what its ${ASSEMBLY_PARTS[data.part]} do, ${say.mass(data.ratingKg)}: ${say.caseName(caseId)} asks for ${say.mass(data.loadKg)}.`,
  'spring-load': ({ data, caseId }, say) =>
    data.ratingKg === undefined
      ? `A spring carries ${say.mass(data.loadKg)}, ${say.caseName(caseId)}. What one may carry is missing: ask its seller, count its leaves.`
      : `A spring carries ${say.mass(data.loadKg)} of ${say.mass(data.ratingKg)}, ${say.caseName(caseId)}. ${capital(spare(data.loadKg, data.ratingKg, (kg) => say.mass(kg)))}.`,
  'ride-bounce': ({ data, caseId }, say) =>
    sentence(
      `It bounces ${data.hz.toFixed(1)} times a second, ${say.caseName(caseId)}: ${data.judged === 'good' ? 'rides well' : data.judged === 'harsh' ? (data.empty ? 'hops when empty' : 'harsh') : 'soft'}.`,
      data.judged === 'soft' ? 'Springs this soft and long go on bouncing: shock absorbers help.' : '',
    ),
  'shackle-lean': ({ data, verdict }, say) =>
    data.leanRad === undefined
      ? `The shackle cannot reach from spring to hanger, ${say.caseName(data.caseId)}.`
      : data.leanRad < 0
        ? `The shackle has gone over centre, ${say.caseName(data.caseId)}: it flips and locks the spring.`
        : `The shackle leans ${formatAngle(data.leanRad)} from upright at least, ${say.caseName(data.caseId)}${verdict === 'tight' ? '; 20 to 45° is usual' : ''}.`,
  'hanger-spacing': ({ data }, say) => {
    switch (data.fault) {
      case 'over-centre':
        return `Hanger bolts ${say.length(data.saidM)} apart are nearer than the spring laid flat, ${say.length(data.flatM ?? 0)}, and 3/8 in: its shackle goes over centre.`;
      case 'lies-down':
        return `Hanger bolts ${say.length(data.saidM)} apart lay the shackle down: it flips up when the trailer is jacked.`;
      case 'slipper-unknown':
        return 'How far a slipper’s hangers stand apart is its maker’s figure, and missing: do not guess it.';
      case 'differs':
        return `Hanger bolts are ${say.length(data.saidM)} apart; this spring asks for ${say.length(data.wantedM ?? data.saidM)}.`;
      case 'none':
        return `Hanger bolts ${say.length(data.saidM)} apart suit this spring.`;
    }
  },
  'studs-differ': ({ data }) =>
    data.of === 'wheel'
      ? data.adapter
        ? `Hubs are ${data.hub}, wheels ${data.other}, with adapters between: what an adapter may carry, and its nuts, are its maker’s to say.`
        : `Hubs are ${data.hub}, wheels ${data.other}: they do not go together. Adapters move the wheel out and want their own look.`
      : `Hubs are ${data.hub}, the tow vehicle’s ${data.other}: its spare does not fit.`,
  'tire-on-rim': ({ data }, say) =>
    `The tire is made for a rim of ${say.length(data.tireM)}, the wheel is ${say.length(data.wheelM)}.`,
  'tire-smaller-than-rim': ({ data }, say) =>
    `A tire ${say.length(data.diameterM)} high cannot stand on a rim of ${say.length(data.rimM)}.`,
  'widths-differ': ({ data }, say) =>
    `Hub faces and offset put the wheels’ middles ${say.length(data.fromHubM)} apart; you say ${say.length(data.trackM)}.`,
  'spring-longer-than-frame': ({ data }, say) =>
    `Springs ${say.length(data.springM)} long do not go under a bed of ${say.length(data.bedM)}.`,
  'axle-overhang': ({ data }, say) =>
    `The wheels’ middles stand ${say.length(data.overhangM)} outside the springs: an axle’s rating holds to about 8 1/2 in. Set the springs further out, or ask its maker.`,
  'home-built-axle': ({ data }, say) =>
    `A home-built axle: in a bump its tube feels ${say.stress(data.bumpPa)} on a lever of ${say.length(data.leverM)}, and bends for good at ${say.stress(data.yieldPa)}. Spindles, their welds and the hubs are not checked: buy them rated, weld where their maker says, never on the tube’s middle or on spring steel.`,
  'departure-angle': ({ data, caseId }, say) =>
    `Behind the wheels it clears ${formatAngle(data.rad)}, ahead of them ${formatAngle(data.approachRad)} up to the ball; the lowest steel is ${say.length(data.clearM)} above the ground, ${say.caseName(caseId)}.`,
  'ride-unknown': () => 'What suspension it has is not known: heights and clearances over the wheels are not checked.',
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
  'deck-point': ({ data, utilisation = 0, verdict }, say) =>
    sentence(
      `${data.who === 'person' ? 'A person on the deck' : `A wheel or post of ${say.mass(data.massKg)} on the deck${data.factor > 1 ? ' in a hard bump' : ''}`} asks ${say.percent(utilisation, 0)} of it, half-way over ${say.length(data.spanM)} from bar to bar.`,
      verdict === 'over' ? 'Set a cross-member under it, or take a thicker deck.' : '',
    ),
  'deck-spread': ({ data, utilisation = 0, caseId, verdict }, say) =>
    sentence(
      `${say.partName(data.itemId)} presses the deck to ${say.percent(utilisation, 0)}${data.factor > 1 ? ' in a hard bump' : ''}, ${say.caseName(caseId)}, over ${say.length(data.spanM)} from bar to bar.`,
      verdict === 'over' ? 'Set cross-members closer, or take a thicker deck.' : '',
    ),
  'side-post': ({ data, utilisation = 0, verdict }, say) =>
    sentence(
      `Somebody or something leaning on the side rail, ${say.force(data.forceN)} at ${say.length(data.heightM)}, asks ${say.percent(utilisation, 0)} of a post at its foot.`,
      verdict === 'over' ? 'Take a stouter post, or a lower rail.' : '',
    ),
  'straps-hold': ({ data, caseId, verdict }, say) =>
    data.holdKg === undefined
      ? `${data.count} straps are to hold ${say.mass(data.cargoKg)}: what each may be worked at is missing. Read the tag, and the stamp of ring and hook; the least counts.`
      : sentence(
          `${data.count} straps over the load may be worked at ${say.mass(data.holdKg)} together; ${say.caseName(caseId)} asks for half of ${say.mass(data.cargoKg)}.`,
          verdict === 'over' ? 'Add straps and rings, or stronger ones.' : '',
        ),
  'home-made-study': ({ data }, say) =>
    `To study a home-made coupling by: ${say.force(data.forceN)} along the trailer asks for a plain pin of ${say.length(data.pinM)} on two planes and ${say.length(data.weldM)} of ${say.length(data.legM)} fillet. Nothing here says that it holds: wear, notches and blows are not in it. Buy a rated one.`,
  'deck-not-checked': ({ data }) =>
    data.why === 'no-bars'
      ? 'There are no bars under the deck to tell how far it spans.'
      : 'Expanded steel differs from maker to maker: go by its load table.',
  'frame-member': ({ data, utilisation = 0, caseId, verdict }, say) =>
    sentence(
      `${say.partName(data.memberId)} works at ${say.percent(utilisation, 0)} ${SITUATION_PHRASES[data.situation]}${caseId ? `, ${say.caseName(caseId)}` : ''}${data.weldAt ? `, beside the weld of ${say.partName(data.weldAt).toLowerCase()}` : ''}.`,
      data.rule === 'yield' && utilisation > 1 ? 'It bends for good.' : held(verdict),
      data.rule === 'open-twist'
        ? 'An open bar twists easily: join cross-members over its whole depth, or take a tube.'
        : '',
    ),
  'frame-members-rest': ({ data }, say) =>
    data.count === 1
      ? `The other bar: ${say.percent(data.most, 0)}.`
      : `Other ${data.count} bars: ${say.percent(data.least, 0)} to ${say.percent(data.most, 0)}.`,
  'frame-weld': ({ data, utilisation = 0, caseId, verdict }, say) =>
    sentence(
      `Weld of ${say.partName(data.memberId).toLowerCase()} on ${say.partName(data.joint).toLowerCase()} works at ${say.percent(utilisation, 0)} ${SITUATION_PHRASES[data.situation]}${caseId ? `, ${say.caseName(caseId)}` : ''}; leg ${say.length(data.legM)}.`,
      data.needM !== undefined
        ? `A leg of ${say.length(Math.ceil(data.needM / inches(1 / 16)) * inches(1 / 16))} would do.`
        : data.by === 'base-metal' && verdict === 'over'
          ? 'The wall beside it is the weaker.'
          : held(verdict),
    ),
  'frame-welds-rest': ({ data }, say) => `Other ${data.count} welds: up to ${say.percent(data.most, 0)}.`,
  'weld-leg-small': ({ data }, say) =>
    `A leg of ${say.length(data.legM)} is thin for its wall: ${say.length(data.leastM)} is the least that fuses well.`,
  'hanger-wall': ({ data, utilisation = 0, caseId, verdict }, say) =>
    sentence(
      `Hangers push up to ${say.force(Math.abs(data.forceN))} into the ${say.partName(data.memberId).toLowerCase()} ${SITUATION_PHRASES[data.situation]}, ${say.caseName(caseId)}: ${say.percent(utilisation, 0)} of what its walls bear.`,
      verdict === 'over' ? 'Weld a plate between, wider than the wall is thick.' : '',
    ),
  'bar-hole': ({ data, utilisation = 0, caseId, verdict }, say) =>
    sentence(
      Number.isFinite(utilisation)
        ? `The hole of ${say.length(data.diameterM)} in the ${say.partName(data.memberId).toLowerCase()}, ${say.length(data.atM)} along it, works at ${say.percent(utilisation, 0)} ${SITUATION_PHRASES[data.situation]}${caseId ? `, ${say.caseName(caseId)}` : ''}.`
        : `The hole of ${say.length(data.diameterM)} in the ${say.partName(data.memberId).toLowerCase()} leaves no metal.`,
      verdict === 'over' ? 'Move it to the middle of the sides, where bending is least, or make it smaller.' : '',
    ),
  'coupler-bolts': ({ data, utilisation = 0, verdict }, say) =>
    sentence(
      `Coupler bolts take ${say.force(data.forceN)} ${SITUATION_PHRASES[data.situation]}: ${say.percent(utilisation, 0)} of what ${data.by === 'shear' ? 'the bolts' : data.by === 'bearing' ? 'the walls at the holes' : 'the edges at the holes'} bear.`,
      held(verdict),
    ),
  'frame-deflection': ({ data, verdict, caseId }, say) => {
    const subject = data.what === 'cross-member' ? `${say.partName(data.memberId)} bends` : BENT[data.what];
    return `${subject} ${bend(data.byM, say)} under ${say.caseName(caseId)} alone; ${verdict === 'over' ? 'more than' : 'up to'} ${say.length(data.lengthM / data.divisor)} is usual.${data.what === 'tongue-tip' && verdict === 'over' ? ' A tongue this springy nods on the road.' : ''}`;
  },
  'fatigue-life': ({ data, caseId }, say) =>
    `Always loaded as ${say.caseName(caseId)}, look for cracks where ${say.partName(data.joint).toLowerCase()} meets ${say.partName(data.memberId).toLowerCase()} after about ${say.distance(data.km)}; it may as well be a fifth or five times that.`,
  'situations-off': ({ data }) =>
    `Switched off, so not looked at: ${data.off.map((id) => SITUATION_NAMES[id].toLowerCase()).join(', ')}.`,
  'situation-not-run': ({ data }) =>
    `${SITUATION_NAMES[data.situation]} cannot be worked out: say how hard it is pulled, or what the tow vehicle weighs.`,
  'recovery-advice': () =>
    'Do not pull anything out by coupler, ball or chains unless each is rated for it: what breaks, flies.',
  'rated-gross-missing': () =>
    'The gross on the plate is missing: the frame is not looked at fully loaded in front, behind and in the middle.',
  'hand-compared': ({ data, caseId }, say) =>
    sentence(
      `${say.partName(data.memberId)} in a hard bump, ${say.caseName(caseId)}: ${say.percent(data.hand, 0)} by hand, ${say.percent(data.frame, 0)} in the whole frame.`,
      data.apart
        ? 'They differ much: by hand one straight beam carries all, in the frame headers, cross-members and the axle help or hinder, and tubes count with their full shape.'
        : '',
    ),
  'not-in-analysis': () =>
    'Not in this analysis: axle, springs and their bolts, the stiffness of side rails, the welds of gussets, wear and rust. Home-made couplings and swing arms are outside any rule here: buy rated ones.',
  'figures-doubtful': ({ data }) =>
    `Very stiff and very soft bars stand side by side: the sums of the frame analysis leave ${data.residual.toExponential(0)} of the forces over. Do not count on its figures.`,
  'frame-fault': ({ data }) =>
    data.fault === 'suspension-not-modelled'
      ? 'Three axles, or torsion arms on an equaliser, are not modelled: the frame is not analysed.'
      : data.fault === 'no-axle-under-frame'
        ? 'Hangers or axle are not under the rails: the frame cannot be analysed until they are.'
        : 'The frame cannot be analysed until its bars fit together.',
  'frame-unsolvable': ({ data }) => data.problems.map(frameProblemSentence).join(' '),
  'strength-not-possible': () =>
    'Bending cannot be worked out until there is a frame, a tongue and an axle behind the ball.',
};

export const sentenceOf = (finding: AnyFinding, say: Speaker): string =>
  (SENTENCES[finding.code] as (f: AnyFinding, s: Speaker) => string)(finding, say);
