import type { ChassisFindingData, ChassisProblem } from '../../chassis/index.js';
import type { FabricationFindingData } from '../../fabrication/index.js';
import type { MassFindingData } from '../../mass/index.js';
import type { Speaker } from '../speak.js';
import { sentence, spare, type SentencesOf } from './kit.js';

const PROBLEMS: {
  readonly [C in ChassisProblem['code']]: (problem: Extract<ChassisProblem, { code: C }>, say: Speaker) => string;
} = {
  'missing-section': (p, say) =>
    `${say.partName(p.memberId)}: section “${p.sectionId}” is not in the list. Choose one.`,
  'missing-material': (p, say) =>
    `${say.partName(p.memberId)}: metal “${p.materialId}” is not in the list. Choose one.`,
  'impossible-section': (p, say) =>
    `${say.partName(p.memberId)}: the sizes of “${p.sectionId}” make no section. Check wall and radii.`,
  'no-box': (p, say) =>
    `${say.partName(p.memberId)}: only channels and angles can be put together as a box. Choose one, or take the box off.`,
  'no-sleeve': (p, say) =>
    `${say.partName(p.memberId)}: what is to go inside does not fit into it. It takes a tube, and a smaller bar inside.`,
  'wrong-metal': (p, say) =>
    `${say.partName(p.memberId)}: an aluminum section with steel’s strength, or the other way round. Choose metal and section alike.`,
  'cross-member-off-bed': (p, say) =>
    `${say.partName(p.memberId)} at ${say.length(p.xM)} does not lie between the headers.`,
  'cross-members-overlap': (p, say) => `${say.partName(p.memberId)} and ${say.partName(p.otherId)} lie on each other.`,
  'legs-outside-frame': (p, say) =>
    `The tongue legs are ${say.length(p.spreadM)} apart at the front header, the frame is ${say.length(p.widthM)} wide. Shorten the tongue, narrow the angle, or take a straight tongue.`,
  'tongue-under-longer-than-bed': (p, say) =>
    `The tongue runs ${say.length(p.underM)} under the frame and past its rear end.`,
  'slope-under-frame': () =>
    'A sloped tongue that runs on under the frame bends at the front header. Let it end at the header, or step it instead.',
  'rise-over-frame': () =>
    'A tongue that runs on top of the frame, or through it, lies level here. Let it end at the front header to slope or step it.',
  'step-up-under-frame': () =>
    'A tongue that runs on under the frame can only be stepped down. Let it end at the front header to step it up.',
  'tongue-joint-behind-side-tubes': (p, say) =>
    `The tongue is to come apart ${say.length(p.aheadM)} ahead of the bed, where side tubes that reach ${say.length(p.sideTubesAheadM)} ahead hold it: put the joint ahead of them.`,
  'step-too-small': (p, say) =>
    `A step of ${say.length(Math.abs(p.byM))} leaves tongue and header overlapping: ${say.length(p.leastM)} or more makes room for an upright. Slope the tongue instead.`,
  'step-with-side-tubes': () =>
    'A backbone with side tubes cannot be stepped here. Slope it, or take a straight tube with gussets.',
  'side-tubes-ahead-of-tongue': (p, say) =>
    `The side tubes start ${say.length(p.aheadM)} ahead of the bed, the backbone ends ${say.length(p.lengthM)} ahead of it.`,
  'tongue-joint-off-tongue': (p, say) =>
    `The tongue’s joint ${say.length(p.aheadM)} ahead of the bed is not on the tongue, which ends ${say.length(p.lengthM)} ahead of it.`,
  'own-bar-on-nothing': (p, say) =>
    `${say.partName(p.memberId)} stands on ${say.partName(p.onId)}, which is not there or carries no other bar. Choose another.`,
  'own-bar-past-end': (p, say) =>
    `${say.partName(p.memberId)} stands on ${say.partName(p.onId)} at ${say.length(p.atM)}, past its end at ${say.length(p.lengthM)}.`,
  'own-bar-loose': (p, say) =>
    `${say.partName(p.memberId)} touches nothing. Put one of its ends on a bar of the frame.`,
  'own-bar-no-length': (p, say) =>
    `${say.partName(p.memberId)} has no length left between the faces that it stands on. Move one of its ends.`,
  'own-bars-in-a-ring': (p, say) =>
    `${say.partName(p.memberId)} stands on a bar that stands on it. Put one of them on the frame.`,
  'own-bar-too-flat': (p, say) =>
    `${say.partName(p.memberId)} runs along ${say.partName(p.onId)} too flat to be welded to it. Steepen it, or let it end elsewhere.`,
  'own-panel-on-nothing': (p, say) =>
    `${say.partName(p.panelId)} reaches to ${say.partName(p.onId)}, which is not there. Choose another.`,
  'own-panel-not-flat': (p, say) =>
    `${say.partName(p.panelId)}: ${say.partName(p.barIds[0])} and ${say.partName(p.barIds[1])} do not lie side by side in one plane, along, across or upright. Choose bars that do, or put it at a place.`,
  'own-panel-leans-open': (p, say) =>
    `${say.partName(p.panelId)} leans from one bar to the other: openings can be cut in it only where it lies flat or stands. Take them out, or set its bars in one plane.`,
  'own-panel-no-size': (p, say) => `${say.partName(p.panelId)} has no size, or its openings leave nothing of it.`,
  'gate-wider-than-bed': (p, say) =>
    `${say.partName(p.pieceId)} is ${say.length(p.widthM)} wide, the bed’s edge that it hangs on is ${say.length(p.bedM)}. Make it narrower.`,
  'piece-off-bed': (p, say) =>
    `${say.partName(p.pieceId)} has nothing under it from end to end. Move its ends onto the frame.`,
  'piece-too-low': (p, say) =>
    `${say.partName(p.pieceId)} leaves no room for its own bars: ${say.length(p.leastM)} is the least.`,
  'bed-narrower-than-rails': (p, say) =>
    `A bed ${say.length(p.widthM)} wide leaves no room between its own rails and headers.`,
};

const whichPieces = (ids: readonly string[], say: Speaker): string =>
  ids.length === 1 ? say.partName(ids[0] ?? '') : `${ids.length} pieces`;

const problemSentence = (problem: ChassisProblem, say: Speaker): string =>
  (PROBLEMS[problem.code] as (p: ChassisProblem, s: Speaker) => string)(problem, say);

export const chassisSentences: SentencesOf<ChassisFindingData & FabricationFindingData & MassFindingData> = {
  'frame-problem': ({ data }, say) => problemSentence(data, say),
  'tongue-gap': ({ data }, say) => {
    const hosts = data.crossIds.map((id) => say.partName(id).toLowerCase());
    const name = say.partName(data.memberId).toLowerCase();
    return data.loose
      ? `${say.length(data.gapM)} of air between the ${name} and ${hosts.join(', ')}: nothing holds its rear end. Put a packer there, or a bar that reaches down to it.`
      : `The ${name} passes ${say.length(data.gapM)} under ${hosts.join(', ')} and is not joined there; a packer would join it.`;
  },
  'overall-width': ({ data }, say) =>
    `${say.length(data.widthM)} wide over ${data.itemId === undefined ? `the ${data.by}` : say.partName(data.itemId)}.${data.limitM === undefined ? '' : ` Limit ${say.length(data.limitM)}: ${spare(data.widthM, data.limitM, (m) => say.length(m))}.`}`,
  'overall-length': ({ data }, say) =>
    `${say.length(data.lengthM)} from ball to ${data.itemId === undefined ? 'rear edge' : `the end of ${say.partName(data.itemId)}`}.${data.storedM === undefined ? '' : ` Stored with the tongue away: ${say.length(data.storedM)}.`}${data.limitM === undefined ? '' : ` Limit ${say.length(data.limitM)}: ${spare(data.lengthM, data.limitM, (m) => say.length(m))}.`}`,
  'metal-not-of-shape': ({ data }, say) =>
    `${whichPieces(data.memberIds, say)}: ${data.section} is not made in ${data.metal}. ${data.yieldPa > data.usualYieldPa ? `It counts at ${say.stress(data.yieldPa)}; what is sold is usually ${data.usual}, ${say.stress(data.usualYieldPa)}.` : `What is sold is usually ${data.usual}.`} Choose the metal that it is.`,
  'cracks-beside-welds': ({ data }, say) =>
    `${whichPieces(data.memberIds, say)} of ${data.metal.toLowerCase()}: hard steel cracks beside its welds, often days later, and no figure here covers that. Bolt it, or keep it out of everything that carries; ask a welder who knows the steel.`,
  'unmarked-metal': ({ data }, say) =>
    `${whichPieces(data.memberIds, say)} of steel without mark or certificate: counted at ${say.stress(data.yieldPa)} only.`,
  'panel-joint-off-bar': ({ data }, say) =>
    `${say.partName(data.panelId)} is larger than a sheet, and no bar is where two could meet, between ${say.length(data.fromM)} and ${say.length(data.toM)} along it: put one there.`,
  'sheet-joint-off-bar': ({ data }, say) =>
    sentence(
      `Two sheets of the deck meet ${say.length(data.xM)} back, where no bar holds both edges.`,
      data.nearestId === undefined
        ? ''
        : `${say.partName(data.nearestId)} stands ${say.length(Math.abs(data.offM))} ${data.offM > 0 ? 'behind' : 'ahead of'} it: move it there, or put one there.`,
    ),
  'bars-cross': ({ data }, say) =>
    sentence(
      `${say.partName(data.memberId)} passes through ${say.partName(data.otherId)} without being joined to it. Let one end on the other, or move it aside.`,
      data.more === 0 ? '' : data.more === 1 ? 'One more pair does so.' : `${data.more} more pairs do so.`,
    ),
  'tongue-through-deck': ({ data }, say) =>
    `The tongue lies on top of the frame, ${say.length(data.deepM)} into the space over the deck. Cut the deck out beside it, and keep loads off it.`,
  'header-too-shallow': ({ data }, say) =>
    `The tongue is ${say.length(data.barM)} deep and butts on a header of ${say.length(data.headerM)}: the rest of its end hangs in the air. Make the header as deep, or run the tongue under the frame.`,
  'aluminum-welds': ({ data }, say) =>
    `${data.memberCount} aluminum pieces: within ${say.length(0.025)} of a weld the metal keeps about half its strength or less. Keep welds away from the hardest-working places.`,
  'cut-list': ({ data }, say) =>
    sentence(
      `${data.pieces} pieces under ${data.marks} marks, ${say.mass(data.massKg)} of metal.`,
      data.existing === 0
        ? ''
        : data.existing === 1
          ? 'One bar is there already.'
          : `${data.existing} bars are there already.`,
    ),
  'longer-than-stock': ({ data }, say) =>
    data.assumed
      ? `${data.marks.join(', ')} of ${data.designation}: ${say.length(data.lengthM)} is longer than the usual ${say.length(data.longestM)}. Ask your yard and name what it sells under “Saw and stock”, or say where the bar is welded together.`
      : `${data.marks.join(', ')} of ${data.designation}: ${say.length(data.lengthM)} is longer than every length there is; the longest is good for ${say.length(data.longestM)}. Name a longer one, or say where the bar is welded together.`,
  'no-cut-list': () => 'No frame to cut yet.',
  'no-rack-under': ({ data, caseId }, say) =>
    `${say.partName(data.itemId)} is to stand on bars of your own, and no level one lies under it, ${say.caseName(caseId)}. Move it, or put a bar there.`,
  'tips-off-rack': ({ data, caseId }, say) =>
    `${say.partName(data.itemId)} balances beyond the bars that it stands on, ${say.caseName(caseId)}: it tips off as soon as its straps give. Move it over two of them.`,
  'item-without-weight': ({ data }) => `${data.name} has no weight yet. Guess it and say that it is a guess.`,
  'no-load': () => 'Nothing is aboard yet. Add what it will carry.',
  'heaviest-case': ({ data, caseId }, say) =>
    `Heaviest is ${say.mass(data.massKg)}, ${say.caseName(caseId)}. Frame, axle and tongue without anything put on are ${say.mass(data.emptyKg)}.`,
  'frame-weight': ({ data }, say) => `Frame and tongue weigh ${say.mass(data.massKg)}.`,
};
