import type { FitFindingData } from '../../running-gear/index.js';
import { formatAngle, toRadians } from '../../units/index.js';
import { spare, capital, sentence, type SentencesOf } from './kit.js';

const GAPS: Readonly<Record<FitFindingData['clearance']['what'], string>> = {
  'tire-frame': 'Tire beside the frame',
  'tire-spring': 'Tire beside the spring',
  'tire-deck': 'Tire under the frame',
  'tire-fender': 'Tire under its fender',
  'fender-outside': 'Tire inside the fender’s edge',
  'axle-frame': 'Axle or spring under the rail',
  'tire-tire': 'Between the tires',
};

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
    const gap = `${GAPS[data.what]}: ${data.restM < 0 ? `${say.length(-data.restM)} too little` : say.length(data.restM)} standing${where}`;
    const bump =
      data.bumpM === data.restM
        ? '.'
        : data.bumpM < 0
          ? '; in a hard bump they touch.'
          : `, ${say.length(data.bumpM)} in a hard bump.`;
    return sentence(`${gap}${bump}`, verdict === 'tight' ? `${say.length(data.wantedM)} is usual.` : '');
  },
  'parts-meet': ({ data, caseId }, say) => {
    const part = say.partName(data.withId);
    const [deepM, where] = [-Math.min(data.restM, data.bumpM), caseId === undefined ? '' : `, ${say.caseName(caseId)}`];
    if (data.what === 'hinge') return `${part} stands over the tongue’s hinge: it does not fold.`;
    if (data.what === 'hanger') return `A hanger stands on ${part}, which runs below the rails: move either.`;
    if (data.what === 'tongue')
      return `${part} hangs ${say.length(deepM)} lower than the rails, into the tongue that passes under it: make it as deep as the rails, or end the tongue before it.`;
    const moving = data.what === 'tire' ? 'A tire' : 'The axle’s tube';
    if (data.restM < 0) return `${moving} and ${part} share a place by ${say.length(-data.restM)}, standing${where}.`;
    return data.bumpM < 0
      ? `In a hard bump ${moving.toLowerCase()} strikes ${part}: ${say.length(data.restM)} standing${where}, ${say.length(deepM)} too little.`
      : `In a hard bump ${say.length(data.bumpM)} are left between ${moving.toLowerCase()} and ${part}${where}.`;
  },
  'ride-height': ({ data, caseId, verdict }, say) => {
    const told = `Measured, the rails’ top stands at ${say.length(data.measuredM)}, ${say.caseName(caseId)}; tire, axle, spring and hanger add up to ${say.length(data.partsM)}.`;
    if (verdict === 'ok') return told;
    return data.restM > 0
      ? `${told} The other ${say.length(data.restM)} must be a bracket, pedestal or block: enter it, or measure the parts again.`
      : `${told} It cannot stand ${say.length(-data.restM)} lower than its parts: measure again, or mend the parts. What you measured counts.`;
  },
  'stands-high': ({ data, caseId }, say) =>
    `The rails’ top stands ${say.length(data.railTopM)} above the ground, the deck ${say.length(data.deckM)}, ${say.caseName(caseId)}.`,
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
  'shackle-lean': ({ data, verdict }, say) => {
    const { leanRad, mostRad } = data;
    if (leanRad === undefined) return `The shackle cannot reach from spring to hanger, ${say.caseName(data.caseId)}.`;
    if (leanRad < 0)
      return `The shackle has gone over centre, ${say.caseName(data.caseId)}: it flips and locks the spring.`;
    const most = mostRad === undefined ? '' : `, ${formatAngle(mostRad)} ${say.caseName(data.mostCaseId)}`;
    return sentence(
      `The shackle leans ${formatAngle(leanRad)} from upright ${say.caseName(data.caseId)}${most}, its lower end towards the axle.`,
      verdict === 'tight' ? '10 to 60° is usual: upright it can go over, lying it wanders.' : '',
    );
  },
  'leaf-stress': ({ data, caseId }, say) => {
    const told = `The leaves feel ${say.stress(data.stressPa)} and ${data.archM < 0 ? `bend ${say.length(-data.archM)} past flat` : `keep ${say.length(data.archM)} of arch`}, ${say.caseName(caseId)}.`;
    return sentence(
      told,
      data.fault === 'stress'
        ? `Springs of the trade feel no more than ${say.stress(data.mostPa)} at their own rating: more leaves, or a rate from the maker.`
        : data.fault === 'flat'
          ? 'Past flat its shackle swings back: more leaves, or a spring with more arch.'
          : '',
    );
  },
  'hanger-spacing': ({ data }, say) => {
    switch (data.fault) {
      case 'shackle-short':
        return `No distance of the hanger bolts suits a spring that is ${say.length(data.flatM ?? 0)} long laid flat with so short a shackle: take one of ${say.length(data.shackleM)}.`;
      case 'over-centre':
        return `Hanger bolts ${say.length(data.saidM)} apart are nearer than the spring laid flat, ${say.length(data.flatM ?? 0)}, and 3/8 in: its shackle goes over centre.${data.wantedM === undefined ? '' : ` ${say.length(data.wantedM)} suits it.`}`;
      case 'lies-down':
        return `Hanger bolts ${say.length(data.saidM)} apart lay the shackle down: it flips up when the trailer is jacked.${data.wantedM === undefined ? '' : ` ${say.length(data.wantedM)} suits it.`}`;
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
  'spare-fits': ({ data }) =>
    `The tow vehicle’s spare goes on these hubs by its studs, ${data.studs}: try it on, for offset and bore must fit, too, and its load counts.`,
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
  'stub-cross': ({ data, verdict }, say) =>
    verdict === 'ok'
      ? `A bar across beside the spindles holds the ${say.torque(data.momentNm)} by which each wheel turns its rail.`
      : `Each spindle turns its rail by ${say.torque(data.momentNm)}, and the nearest bar across is ${say.length(data.offM)} off: put one beside them.`,
  'axle-camber': ({ data, verdict }) => {
    const leans = Math.abs(data.loadedRad);
    const way = data.loadedRad < 0 ? 'in' : 'out';
    return sentence(
      leans < toRadians(0.05, 'deg')
        ? 'Under the heaviest load the wheels stand upright.'
        : `Under the heaviest load the wheels lean ${way} at the top by ${formatAngle(leans)}.`,
      verdict === 'ok'
        ? ''
        : `Bend the tube up by ${formatAngle(data.slopeRad)} before it is loaded, or tires wear on one side.`,
    );
  },
  'departure-angle': ({ data, caseId }, say) =>
    `Behind the wheels it clears ${formatAngle(data.rad)}, ahead of them ${formatAngle(data.approachRad)} up to the ball; the lowest steel is ${say.length(data.clearM)} above the ground, ${say.caseName(caseId)}.`,
  'ride-unknown': () =>
    'How high it rides is missing: choose the suspension, or measure the top of the rails above the ground.',
};
