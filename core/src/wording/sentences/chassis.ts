import type { ChassisFindingData, ChassisProblem } from '../../chassis/index.js';
import type { FabricationFindingData } from '../../fabrication/index.js';
import type { MassFindingData } from '../../mass/index.js';
import type { Speaker } from '../speak.js';
import { sentence, spare, type SentencesOf } from './kit.js';

/** What stands out furthest to the sides. */
const WIDEST = {
  tires: 'the tires',
  fenders: 'the fenders',
  frame: 'the frame',
  load: 'the load',
} as const satisfies Readonly<Record<ChassisFindingData['overall-width']['by'], string>>;

const PROBLEMS: {
  readonly [C in ChassisProblem['code']]: (problem: Extract<ChassisProblem, { code: C }>, say: Speaker) => string;
} = {
  'missing-section': (p, say) =>
    say.t('{member}: section “{section}” is not in the list. Choose one.', {
      member: say.partName(p.memberId),
      section: p.sectionId,
    }),
  'missing-material': (p, say) =>
    say.t('{member}: metal “{material}” is not in the list. Choose one.', {
      member: say.partName(p.memberId),
      material: p.materialId,
    }),
  'impossible-section': (p, say) =>
    say.t('{member}: the sizes of “{section}” make no section. Check wall and radii.', {
      member: say.partName(p.memberId),
      section: p.sectionId,
    }),
  'no-box': (p, say) =>
    say.t('{member}: only channels and angles can be put together as a box. Choose one, or take the box off.', {
      member: say.partName(p.memberId),
    }),
  'no-sleeve': (p, say) =>
    say.t('{member}: what is to go inside does not fit into it. It takes a tube, and a smaller bar inside.', {
      member: say.partName(p.memberId),
    }),
  'wrong-metal': (p, say) =>
    say.t(
      '{member}: an aluminum section with steel’s strength, or the other way round. Choose metal and section alike.',
      { member: say.partName(p.memberId) },
    ),
  'cross-member-off-bed': (p, say) =>
    say.t('{member} at {x} does not lie between the headers.', {
      member: say.partName(p.memberId),
      x: say.length(p.xM),
    }),
  'cross-members-overlap': (p, say) =>
    say.t('{member} and {other} lie on each other.', {
      member: say.partName(p.memberId),
      other: say.partName(p.otherId),
    }),
  'legs-outside-frame': (p, say) =>
    say.t(
      'The tongue legs are {spread} apart at the front header, the frame is {width} wide. Shorten the tongue, narrow the angle, or take a straight tongue.',
      { spread: say.length(p.spreadM), width: say.length(p.widthM) },
    ),
  'tongue-under-longer-than-bed': (p, say) =>
    say.t('The tongue runs {under} under the frame and past its rear end.', { under: say.length(p.underM) }),
  'slope-under-frame': (_, say) =>
    say.t(
      'A sloped tongue that runs on under the frame bends at the front header. Let it end at the header, or step it instead.',
    ),
  'rise-over-frame': (_, say) =>
    say.t(
      'A tongue that runs on top of the frame, or through it, lies level here. Let it end at the front header to slope or step it.',
    ),
  'step-up-under-frame': (_, say) =>
    say.t(
      'A tongue that runs on under the frame can only be stepped down. Let it end at the front header to step it up.',
    ),
  'tongue-joint-behind-side-tubes': (p, say) =>
    say.t(
      'The tongue is to come apart {ahead} ahead of the bed, where side tubes that reach {sideTubesAhead} ahead hold it: put the joint ahead of them.',
      { ahead: say.length(p.aheadM), sideTubesAhead: say.length(p.sideTubesAheadM) },
    ),
  'step-too-small': (p, say) =>
    say.t(
      'A step of {by} leaves tongue and header overlapping: {least} or more makes room for an upright. Slope the tongue instead.',
      { by: say.length(Math.abs(p.byM)), least: say.length(p.leastM) },
    ),
  'step-with-side-tubes': (_, say) =>
    say.t('A backbone with side tubes cannot be stepped here. Slope it, or take a straight tube with gussets.'),
  'side-tubes-ahead-of-tongue': (p, say) =>
    say.t('The side tubes start {ahead} ahead of the bed, the backbone ends {length} ahead of it.', {
      ahead: say.length(p.aheadM),
      length: say.length(p.lengthM),
    }),
  'tongue-joint-off-tongue': (p, say) =>
    say.t('The tongue’s joint {ahead} ahead of the bed is not on the tongue, which ends {length} ahead of it.', {
      ahead: say.length(p.aheadM),
      length: say.length(p.lengthM),
    }),
  'own-bar-on-nothing': (p, say) =>
    say.t('{member} stands on {on}, which is not there or carries no other bar. Choose another.', {
      member: say.partName(p.memberId),
      on: say.partName(p.onId),
    }),
  'own-bar-past-end': (p, say) =>
    say.t('{member} stands on {on} at {at}, past its end at {length}.', {
      member: say.partName(p.memberId),
      on: say.partName(p.onId),
      at: say.length(p.atM),
      length: say.length(p.lengthM),
    }),
  'own-bar-loose': (p, say) =>
    say.t('{member} touches nothing. Put one of its ends on a bar of the frame.', { member: say.partName(p.memberId) }),
  'own-bar-no-length': (p, say) =>
    say.t('{member} has no length left between the faces that it stands on. Move one of its ends.', {
      member: say.partName(p.memberId),
    }),
  'own-bars-in-a-ring': (p, say) =>
    say.t('{member} stands on a bar that stands on it. Put one of them on the frame.', {
      member: say.partName(p.memberId),
    }),
  'own-bar-too-flat': (p, say) =>
    say.t('{member} runs along {on} too flat to be welded to it. Steepen it, or let it end elsewhere.', {
      member: say.partName(p.memberId),
      on: say.partName(p.onId),
    }),
  'own-panel-on-nothing': (p, say) =>
    say.t('{panel} reaches to {on}, which is not there. Choose another.', {
      panel: say.partName(p.panelId),
      on: say.partName(p.onId),
    }),
  'own-panel-not-flat': (p, say) =>
    say.t(
      '{panel}: {barIds} and {barIds2} do not lie side by side in one plane, along, across or upright. Choose bars that do, or put it at a place.',
      { panel: say.partName(p.panelId), barIds: say.partName(p.barIds[0]), barIds2: say.partName(p.barIds[1]) },
    ),
  'own-panel-leans-open': (p, say) =>
    say.t(
      '{panel} leans from one bar to the other: openings can be cut in it only where it lies flat or stands. Take them out, or set its bars in one plane.',
      { panel: say.partName(p.panelId) },
    ),
  'own-panel-no-size': (p, say) =>
    say.t('{panel} has no size, or its openings leave nothing of it.', { panel: say.partName(p.panelId) }),
  'gate-wider-than-bed': (p, say) =>
    say.t('{piece} is {width} wide, the bed’s edge that it hangs on is {bed}. Make it narrower.', {
      piece: say.partName(p.pieceId),
      width: say.length(p.widthM),
      bed: say.length(p.bedM),
    }),
  'piece-off-bed': (p, say) =>
    say.t('{piece} has nothing under it from end to end. Move its ends onto the frame.', {
      piece: say.partName(p.pieceId),
    }),
  'piece-too-low': (p, say) =>
    say.t('{piece} leaves no room for its own bars: {least} is the least.', {
      piece: say.partName(p.pieceId),
      least: say.length(p.leastM),
    }),
  'bed-narrower-than-rails': (p, say) =>
    say.t('A bed {width} wide leaves no room between its own rails and headers.', { width: say.length(p.widthM) }),
};

const whichPieces = (ids: readonly string[], say: Speaker): string =>
  ids.length === 1 ? say.partName(ids[0] ?? '') : say.t('{count} pieces', { count: ids.length });

const problemSentence = (problem: ChassisProblem, say: Speaker): string =>
  (PROBLEMS[problem.code] as (p: ChassisProblem, s: Speaker) => string)(problem, say);

export const chassisSentences: SentencesOf<ChassisFindingData & FabricationFindingData & MassFindingData> = {
  'frame-problem': ({ data }, say) => problemSentence(data, say),
  'tongue-gap': ({ data }, say) => {
    const hosts = data.crossIds.map((id) => say.inner(say.partName(id)));
    const name = say.inner(say.partName(data.memberId));
    return data.loose
      ? say.t(
          '{gap} of air between the {name} and {hosts}: nothing holds its rear end. Put a packer there, or a bar that reaches down to it.',
          { gap: say.length(data.gapM), name, hosts: hosts.join(', ') },
        )
      : say.t('The {name} passes {gap} under {hosts} and is not joined there; a packer would join it.', {
          name,
          gap: say.length(data.gapM),
          hosts: hosts.join(', '),
        });
  },
  'overall-width': ({ data }, say) =>
    say.t('{width} wide over {item}.{limit}', {
      width: say.length(data.widthM),
      item: data.itemId === undefined ? say.t(WIDEST[data.by]) : say.partName(data.itemId),
      limit:
        data.limitM === undefined
          ? ''
          : ` ${say.t('Limit {limit}: {width}.', { limit: say.length(data.limitM), width: spare(data.widthM, data.limitM, (m) => say.length(m), say) })}`,
    }),
  'overall-length': ({ data }, say) =>
    say.t('{length} from ball to {item}.{stored}{limit}', {
      length: say.length(data.lengthM),
      item:
        data.itemId === undefined
          ? say.t('rear edge')
          : say.t('the end of {item}', { item: say.partName(data.itemId) }),
      stored:
        data.storedM === undefined
          ? ''
          : ` ${say.t('Stored with the tongue away: {stored}.', { stored: say.length(data.storedM) })}`,
      limit:
        data.limitM === undefined
          ? ''
          : ` ${say.t('Limit {limit}: {length}.', { limit: say.length(data.limitM), length: spare(data.lengthM, data.limitM, (m) => say.length(m), say) })}`,
    }),
  'metal-not-of-shape': ({ data }, say) =>
    say.t('{memberIds}: {section} is not made in {metal}. {yield} Choose the metal that it is.', {
      memberIds: whichPieces(data.memberIds, say),
      section: data.section,
      metal: data.metal,
      yield:
        data.yieldPa > data.usualYieldPa
          ? say.t('It counts at {yield}; what is sold is usually {usual}, {usualYield}.', {
              yield: say.stress(data.yieldPa),
              usual: data.usual,
              usualYield: say.stress(data.usualYieldPa),
            })
          : say.t('What is sold is usually {usual}.', { usual: data.usual }),
    }),
  'cracks-beside-welds': ({ data }, say) =>
    say.t(
      '{memberIds} of {metal}: hard steel cracks beside its welds, often days later, and no figure here covers that. Bolt it, or keep it out of everything that carries; ask a welder who knows the steel.',
      { memberIds: whichPieces(data.memberIds, say), metal: say.inner(data.metal) },
    ),
  'unmarked-metal': ({ data }, say) =>
    say.t('{memberIds} of steel without mark or certificate: counted at {yield} only.', {
      memberIds: whichPieces(data.memberIds, say),
      yield: say.stress(data.yieldPa),
    }),
  'panel-joint-off-bar': ({ data }, say) =>
    say.t(
      '{panel} is larger than a sheet, and no bar is where two could meet, between {from} and {to} along it: put one there.',
      { panel: say.partName(data.panelId), from: say.length(data.fromM), to: say.length(data.toM) },
    ),
  'sheet-joint-off-bar': ({ data }, say) =>
    sentence(
      say.t('Two sheets of the deck meet {x} back, where no bar holds both edges.', { x: say.length(data.xM) }),
      data.nearestId === undefined
        ? ''
        : say.t('{nearest} stands {off} {off2} it: move it there, or put one there.', {
            nearest: say.partName(data.nearestId),
            off: say.length(Math.abs(data.offM)),
            off2: data.offM > 0 ? say.t('behind') : say.t('ahead of'),
          }),
    ),
  'bars-cross': ({ data }, say) =>
    sentence(
      say.t('{member} passes through {other} without being joined to it. Let one end on the other, or move it aside.', {
        member: say.partName(data.memberId),
        other: say.partName(data.otherId),
      }),
      data.more === 0
        ? ''
        : data.more === 1
          ? say.t('One more pair does so.')
          : say.t('{more} more pairs do so.', { more: data.more }),
    ),
  'tongue-through-deck': ({ data }, say) =>
    say.t(
      'The tongue lies on top of the frame, {deep} into the space over the deck. Cut the deck out beside it, and keep loads off it.',
      { deep: say.length(data.deepM) },
    ),
  'header-too-shallow': ({ data }, say) =>
    say.t(
      'The tongue is {bar} deep and butts on a header of {header}: the rest of its end hangs in the air. Make the header as deep, or run the tongue under the frame.',
      { bar: say.length(data.barM), header: say.length(data.headerM) },
    ),
  'aluminum-welds': ({ data }, say) =>
    say.t(
      '{memberCount} aluminum pieces: within {x} of a weld the metal keeps about half its strength or less. Keep welds away from the hardest-working places.',
      { memberCount: data.memberCount, x: say.length(0.025) },
    ),
  'cut-list': ({ data }, say) =>
    sentence(
      say.t('{pieces} pieces under {marks} marks, {mass} of metal.', {
        pieces: data.pieces,
        marks: data.marks,
        mass: say.mass(data.massKg),
      }),
      data.existing === 0
        ? ''
        : data.existing === 1
          ? say.t('One bar is there already.')
          : say.t('{existing} bars are there already.', { existing: data.existing }),
    ),
  'longer-than-stock': ({ data }, say) =>
    data.assumed
      ? say.t(
          '{marks} of {designation}: {length} is longer than the usual {longest}. Ask your yard and name what it sells under “Saw and stock”, or say where the bar is welded together.',
          {
            marks: data.marks.join(', '),
            designation: data.designation,
            length: say.length(data.lengthM),
            longest: say.length(data.longestM),
          },
        )
      : say.t(
          '{marks} of {designation}: {length} is longer than every length there is; the longest is good for {longest}. Name a longer one, or say where the bar is welded together.',
          {
            marks: data.marks.join(', '),
            designation: data.designation,
            length: say.length(data.lengthM),
            longest: say.length(data.longestM),
          },
        ),
  'no-cut-list': (_, say) => say.t('No frame to cut yet.'),
  'no-rack-under': ({ data, caseId }, say) =>
    say.t(
      '{item} is to stand on bars of your own, and no level one lies under it, {case}. Move it, or put a bar there.',
      { item: say.partName(data.itemId), case: say.caseName(caseId) },
    ),
  'tips-off-rack': ({ data, caseId }, say) =>
    say.t(
      '{item} balances beyond the bars that it stands on, {case}: it tips off as soon as its straps give. Move it over two of them.',
      { item: say.partName(data.itemId), case: say.caseName(caseId) },
    ),
  'item-without-weight': ({ data }, say) =>
    say.t('{name} has no weight yet. Guess it and say that it is a guess.', { name: data.name }),
  'no-load': (_, say) => say.t('Nothing is aboard yet. Add what it will carry.'),
  'heaviest-case': ({ data, caseId }, say) =>
    say.t('Heaviest is {mass}, {case}. Frame, axle and tongue without anything put on are {empty}.', {
      mass: say.mass(data.massKg),
      case: say.caseName(caseId),
      empty: say.mass(data.emptyKg),
    }),
  'frame-weight': ({ data }, say) => say.t('Frame and tongue weigh {mass}.', { mass: say.mass(data.massKg) }),
};
