import { parsePartId } from '../../project/index.js';
import type { AnalysisFindingData, WeldMend } from '../../strength/index.js';
import type { Speaker } from '../speak.js';
import { frameProblemSentence } from '../frameProblems.js';
import { SITUATION_NAMES, SITUATION_PHRASES } from '../labels.js';
import { hardestName } from '../carry.js';
import { weldName } from '../weldName.js';
import { bend, held, sentence, type SentencesOf } from './kit.js';

const BENT = {
  rails: 'Rails between ball and axle bend',
  'rear-overhang': 'The rear end goes',
  'tongue-tip': 'The tongue’s tip goes',
  'cross-member': 'bends',
} as const;

const mendText = (mend: WeldMend, say: Speaker): string => {
  switch (mend.kind) {
    case 'leg':
      return `A leg of ${say.length(mend.legM)} would do; the wall takes it.`;
    case 'longer':
      return `Longer weld: ${say.length(mend.lengthM)} in all would do. A thicker leg than the wall would burn through.`;
    case 'gusset':
      return `A gusset with legs of ${say.length(mend.legM)} would do. A thicker leg than the wall would burn through.`;
    case 'plate':
      return 'Put a plate between that spreads the weld; a thicker leg than the wall would burn through.';
    case 'side-plates':
      return 'Put plates along both sides of it, and have them looked at: they are not worked out here. A thicker leg than the wall would burn through.';
    case 'wall':
      return `The wall is the weaker: ${say.length(mend.wallM)} of it would do.`;
  }
};

/** Where a weld cracks first. */
const crackPlace = (joint: string, memberId: string, say: Speaker): string => {
  const bar = say.partName(memberId).toLowerCase();
  const { kind } = parsePartId(joint);
  if (kind === 'splice') return `at the splice in ${bar}`;
  return kind === 'reinforcement'
    ? `where the reinforcement of ${bar} ends`
    : `where ${say.partName(joint).toLowerCase()} meets ${bar}`;
};

/** Why hand and frame differ by more than a quarter. */
const APART_TEXT: Readonly<Record<NonNullable<AnalysisFindingData['hand-compared']['apart']>, string>> = {
  'ends-held':
    'By hand its ends turn freely; in the frame the rails hold them as far as their walls do, and a tube counts with its full shape.',
  'legs-share': 'By hand the rails bear alone; in the frame the tongue’s legs run on below them and share.',
  'frame-shares':
    'By hand one straight beam bears all; in the frame what is joined to it shares, and a tube counts with its full shape.',
  twist: 'The frame also twists it and bends it sideways, which the hand check leaves out.',
};

export const analysisSentences: SentencesOf<AnalysisFindingData> = {
  'frame-member': ({ data, utilisation, caseId, verdict }, say) =>
    sentence(
      `${say.partName(data.memberId)} works at ${say.percent(utilisation, 0)} of ${data.rule === 'yield' ? 'its yield' : 'what is allowed'} ${SITUATION_PHRASES[data.situation]}${caseId ? `, ${say.caseName(caseId)}` : ''}${data.weldAt ? `, beside the weld of ${say.partName(data.weldAt).toLowerCase()}` : ''}.`,
      data.rule === 'yield' && verdict === 'over' ? 'It bends for good.' : held(verdict),
      data.rule === 'open-twist'
        ? 'An open bar twists easily: join cross-members over its whole depth, or take a tube.'
        : '',
    ),
  'frame-members-rest': ({ data }, say) =>
    data.count === 1
      ? `The other bar: ${say.percent(data.most, 0)}.`
      : `Other ${data.count} bars: ${say.percent(data.least, 0)} to ${say.percent(data.most, 0)}.`,
  'frame-weld': ({ data, utilisation, caseId, verdict }, say) =>
    sentence(
      `${weldName(data.memberId, data.joint, say)} works at ${say.percent(utilisation, 0)} ${SITUATION_PHRASES[data.situation]}${caseId ? `, ${say.caseName(caseId)}` : ''}; leg ${say.length(data.legM)}.`,
      data.mend ? mendText(data.mend, say) : held(verdict),
    ),
  'frame-welds-rest': ({ data }, say) => `Other ${data.count} welds: up to ${say.percent(data.most, 0)}.`,
  'built-up-seam': ({ data, utilisation, caseId, verdict }, say) =>
    sentence(
      `Seams of the ${say.partName(data.memberId).toLowerCase()}, ${data.welded < 1 ? `${say.percent(data.welded, 0)} of them welded` : 'welded all along'}, work at ${say.percent(utilisation, 0)} ${SITUATION_PHRASES[data.situation]}, ${say.caseName(caseId)}.`,
      verdict === 'over' ? 'Make the stitches longer, or nearer to each other.' : '',
    ),
  'panel-shear': ({ data, verdict, caseId }, say) =>
    sentence(
      `${say.partName(data.panelId)} holds its bars square: up to ${say.force(data.fastenerN)} on each fastener where they are ${say.length(data.pitchM)} apart, ${SITUATION_PHRASES[data.situation]}, ${say.caseName(caseId)}.`,
      verdict === 'tight'
        ? 'It ripples there, and pulls on: fasten it closer, or take it thicker or the posts nearer.'
        : '',
      verdict === 'unchecked' ? 'What it bears nobody has said.' : '',
    ),
  'panel-holds-nothing': ({ data }, say) =>
    `${say.partName(data.panelId)} is said to hold its bars square, and counts for nothing: no two bars run across it from edge to edge with joints there, or its sheet holds nothing, or every bay has an opening.`,
  'stitch-gap': ({ data, verdict }, say) =>
    sentence(
      `${say.length(data.openM)} stay open between the stitches of the ${say.partName(data.memberId).toLowerCase()}; so far a plate that is pressed holds to ${say.length(data.mostM)}.`,
      verdict === 'over' ? 'Set the stitches nearer to each other.' : '',
    ),
  'weld-leg-small': ({ data }, say) =>
    `A leg of ${say.length(data.legM)} is thin for its wall: ${say.length(data.leastM)} is the least that fuses well.`,
  'hanger-wall': ({ data, utilisation, caseId, verdict }, say) =>
    sentence(
      `Hangers push up to ${say.force(Math.abs(data.forceN))} into the ${say.partName(data.memberId).toLowerCase()} ${SITUATION_PHRASES[data.situation]}, ${say.caseName(caseId)}: ${say.percent(utilisation, 0)} of what its walls bear.`,
      verdict === 'over' ? 'Weld a plate between, wider than the wall is thick.' : '',
    ),
  'bar-hole': ({ data, utilisation, caseId, verdict }, say) =>
    sentence(
      utilisation !== undefined
        ? `The hole of ${say.length(data.diameterM)} in the ${say.partName(data.memberId).toLowerCase()}, ${say.length(data.atM)} along it, works at ${say.percent(utilisation, 0)} ${SITUATION_PHRASES[data.situation]}${caseId ? `, ${say.caseName(caseId)}` : ''}.`
        : `The hole of ${say.length(data.diameterM)} in the ${say.partName(data.memberId).toLowerCase()} leaves no metal.`,
      verdict === 'over' ? 'Move it to the middle of the sides, where bending is least, or make it smaller.' : '',
    ),
  'coupler-bolts': ({ data, utilisation, verdict }, say) =>
    sentence(
      `Coupler bolts take ${say.force(data.forceN)} ${SITUATION_PHRASES[data.situation]}: ${say.percent(utilisation, 0)} of what ${data.by === 'shear' ? 'the bolts' : data.by === 'bearing' ? 'the walls at the holes' : 'the edges at the holes'} bear.`,
      held(verdict),
    ),
  'frame-deflection': ({ data, caseId }, say) => {
    const subject = data.what === 'cross-member' ? `${say.partName(data.memberId)} bends` : BENT[data.what];
    return `${subject} ${bend(data.byM, say)} under ${say.caseName(caseId)} alone; up to ${say.length(data.lengthM / data.divisor)} is usual.${data.what === 'tongue-tip' && data.byM * data.divisor > data.lengthM ? ' A tongue this springy nods on the road.' : ''}`;
  },
  'fatigue-life': ({ data, caseId }, say) =>
    `Always loaded as ${say.caseName(caseId)}, look for cracks ${crackPlace(data.joint, data.memberId, say)} after about ${say.distance(data.km)}; it may as well be a fifth or five times that.`,
  'situations-off': ({ data }) =>
    `Switched off, so not looked at: ${data.off.map((id) => SITUATION_NAMES[id].toLowerCase()).join(', ')}.`,
  'situation-not-run': ({ data }) =>
    `${SITUATION_NAMES[data.situation]} cannot be worked out: say how hard it is pulled, or what the tow vehicle weighs.`,
  'recovery-advice': () =>
    'Do not pull anything out by coupler, ball or chains unless each is rated for it: what breaks, flies.',
  'badly-loaded': ({ data, utilisation, caseId }, say) =>
    `And loaded badly: ${say.percent(utilisation, 0)}, ${hardestName(data, say)} ${SITUATION_PHRASES[data.situation]}, ${say.caseName(caseId)}.`,
  'published-loads': ({ data, utilisation }, say) =>
    sentence(
      `ADR 62 and VSB 1 (Australia), at the plate’s gross: ${say.percent(utilisation, 0)} of yield, ${hardestName(data, say)}.`,
      data.asked ? '' : 'Not asked where this trailer is used.',
    ),
  'ends-guessed': ({ data }, say) =>
    `How the ends of ${data.memberIds.length === 1 ? say.partName(data.memberIds[0] ?? '').toLowerCase() : `${data.memberIds.length} bars`} give on the walls that they are welded to is guessed: no model was made of such joints. Their working shows both bounds.`,
  'outrigger-not-checked': () =>
    'Springs or brackets do not stand under the rails: what carries them there is not drawn, so neither it nor its welds are looked at. The rails get the twist.',
  'nobody-on-rear': () =>
    'Nobody is taken to step on the rear edge: it is a low or light trailer, loaded from the ground. Say so under Situations if somebody will.',
  'rated-gross-missing': ({ data }) =>
    `The gross on the plate is missing: the frame is not looked at full to it${data.rulesAsked ? ', nor under the drawbar loads of ADR 62 and VSB 1, which are asked where this trailer is used' : ''}.`,
  'hand-compared': ({ data, caseId }, say) =>
    sentence(
      `${say.partName(data.memberId)} in a hard bump, ${say.caseName(caseId)}: ${say.percent(data.hand, 0)} by hand, ${say.percent(data.frame, 0)} in the whole frame.`,
      data.apart ? APART_TEXT[data.apart] : '',
    ),
  'not-in-analysis': () =>
    'Not in this analysis: axle, springs and their bolts, wear and rust. Home-made couplings and swing arms are outside any rule here: buy rated ones.',
  'figures-doubtful': ({ data }) =>
    `Very stiff and very soft bars stand side by side: the sums of the frame analysis leave ${data.residual.toExponential(0)} of the forces over. Do not count on its figures.`,
  'frame-fault': ({ data }) =>
    data.fault === 'suspension-not-modelled'
      ? 'Three axles, or torsion arms on an equaliser, are not modelled: the frame is not analysed.'
      : data.fault === 'no-axle-under-frame'
        ? 'Hangers or axle are not under the rails: the frame cannot be analysed until they are.'
        : 'The frame cannot be analysed until its bars fit together.',
  'frame-unsolvable': ({ data }) => data.problems.map(frameProblemSentence).join(' '),
};
