import { parsePartId } from '../../project/index.js';
import type { AnalysisFindingData, WallMend, WeldMend } from '../../strength/index.js';
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
      return say.t('A leg of {leg} would do; the wall takes it.', { leg: say.length(mend.legM) });
    case 'longer':
      return say.t('Longer weld: {length} in all would do. A thicker leg than the wall would burn through.', {
        length: say.length(mend.lengthM),
      });
    case 'gusset':
      return say.t('A gusset with legs of {leg} would do. A thicker leg than the wall would burn through.', {
        leg: say.length(mend.legM),
      });
    case 'plate':
      return say.t('Put a plate between that spreads the weld; a thicker leg than the wall would burn through.');
    case 'side-plates':
      return say.t(
        'Put plates along both sides of it, and have them looked at: they are not worked out here. A thicker leg than the wall would burn through.',
      );
    case 'wall':
      return say.t('The wall is the weaker: {wall} of it would do.', { wall: say.length(mend.wallM) });
  }
};

/** Ways out of a wall that folds under a bar's end. */
const wallMendText = (memberId: string, { wallM, acrossM }: WallMend, say: Speaker): string =>
  sentence(
    parsePartId(memberId).kind === 'tongue-bar'
      ? say.t('Run the tongue under the header to the next cross-member.')
      : '',
    say.t('A design wall of {wall} would do, or a cap plate over that face that brings it to as much.', {
      wall: say.length(wallM),
    }),
    acrossM === undefined ? '' : say.t('So would an end {across} wide there.', { across: say.length(acrossM) }),
  );

/** Where a weld cracks first. */
const crackPlace = (joint: string, memberId: string, say: Speaker): string => {
  const bar = say.inner(say.partName(memberId));
  const { kind } = parsePartId(joint);
  if (joint === 'hole') return say.t('at a hole in {bar}', { bar });
  if (kind === 'splice') return say.t('at the splice in {bar}', { bar });
  return kind === 'reinforcement'
    ? say.t('where the reinforcement of {bar} ends', { bar })
    : say.t('where {joint} meets {bar}', { joint: say.inner(say.partName(joint)), bar });
};

/** A life is good to a factor of five either way: it is told as a class, its figure stands in the working. */
const FATIGUE_TEXT = {
  early: 'Likely to crack early {joint}, always loaded as {case}.',
  yearly: 'Look for cracks {joint} once a year, always loaded as {case}.',
  'not-expected': 'No fatigue crack is expected, always loaded as {case}; the first would begin {joint}.',
} as const satisfies Readonly<Record<AnalysisFindingData['fatigue-life']['class'], string>>;

/** Why hand and frame differ by more than a quarter. */
const APART_TEXT = {
  'ends-held':
    'By hand its ends turn freely; in the frame the rails hold them as far as their walls do, and a tube counts with its full shape.',
  'legs-share': 'By hand the rails bear alone; in the frame the tongue’s legs run on below them and share.',
  'frame-shares':
    'By hand one straight beam bears all; in the frame what is joined to it shares, and a tube counts with its full shape.',
  twist: 'The frame also twists it and bends it sideways, which the hand check leaves out.',
} as const satisfies Readonly<Record<NonNullable<AnalysisFindingData['hand-compared']['apart']>, string>>;

export const analysisSentences: SentencesOf<AnalysisFindingData> = {
  'frame-member': ({ data, utilisation, caseId, verdict }, say) =>
    sentence(
      say.t('{member} works at {utilisation} of {rule} {situation}{case}{weldAt}.', {
        member: say.partName(data.memberId),
        utilisation: say.percent(utilisation, 0),
        rule: data.rule === 'yield' ? say.t('its yield') : say.t('what is allowed'),
        situation: say.t(SITUATION_PHRASES[data.situation]),
        case: caseId ? `, ${say.caseName(caseId)}` : '',
        weldAt: data.weldAt
          ? say.t(', beside the weld of {weldAt}', { weldAt: say.inner(say.partName(data.weldAt)) })
          : '',
      }),
      data.rule === 'yield' && verdict === 'over' ? say.t('It bends for good.') : held(verdict, say),
      data.rule === 'open-twist'
        ? say.t('An open bar twists easily: join cross-members over its whole depth, or take a tube.')
        : '',
    ),
  'frame-members-rest': ({ data }, say) =>
    data.count === 1
      ? say.t('The other bar: {most}.', { most: say.percent(data.most, 0) })
      : say.t('Other {count} bars: {least} to {most}.', {
          count: data.count,
          least: say.percent(data.least, 0),
          most: say.percent(data.most, 0),
        }),
  'frame-weld': ({ data, utilisation, caseId, verdict }, say) =>
    sentence(
      say.t('{member} works at {utilisation} {situation}{case}; leg {leg}.', {
        member: weldName(data.memberId, data.joint, say),
        utilisation: say.percent(utilisation, 0),
        situation: say.t(SITUATION_PHRASES[data.situation]),
        case: caseId ? `, ${say.caseName(caseId)}` : '',
        leg: say.length(data.legM),
      }),
      data.mend ? mendText(data.mend, say) : held(verdict, say),
    ),
  'frame-welds-rest': ({ data }, say) =>
    say.t('Other {count} welds: up to {most}.', { count: data.count, most: say.percent(data.most, 0) }),
  'built-up-seam': ({ data, utilisation, caseId, verdict }, say) =>
    sentence(
      say.t('Seams of the {member}, {welded}, work at {utilisation} {situation}, {case}.', {
        member: say.inner(say.partName(data.memberId)),
        welded:
          data.welded < 1
            ? say.t('{welded} of them welded', { welded: say.percent(data.welded, 0) })
            : say.t('welded all along'),
        utilisation: say.percent(utilisation, 0),
        situation: say.t(SITUATION_PHRASES[data.situation]),
        case: say.caseName(caseId),
      }),
      verdict === 'over' ? say.t('Make the stitches longer, or nearer to each other.') : '',
    ),
  'panel-shear': ({ data, verdict, caseId }, say) =>
    sentence(
      say.t(
        '{panel} holds its bars square: up to {fastener} on each fastener where they are {pitch} apart, {situation}, {case}.',
        {
          panel: say.partName(data.panelId),
          fastener: say.force(data.fastenerN),
          pitch: say.length(data.pitchM),
          situation: say.t(SITUATION_PHRASES[data.situation]),
          case: say.caseName(caseId),
        },
      ),
      verdict === 'tight'
        ? say.t('It ripples there, and pulls on: fasten it closer, or take it thicker or the posts nearer.')
        : '',
      verdict === 'unchecked' ? say.t('What it bears nobody has said.') : '',
    ),
  'panel-holds-nothing': ({ data }, say) =>
    say.t(
      '{panel} is said to hold its bars square, and counts for nothing: no two bars run across it from edge to edge with joints there, or its sheet holds nothing, or every bay has an opening.',
      { panel: say.partName(data.panelId) },
    ),
  'stitch-gap': ({ data, verdict }, say) =>
    sentence(
      say.t('{open} stay open between the stitches of the {member}; so far a plate that is pressed holds to {most}.', {
        open: say.length(data.openM),
        member: say.inner(say.partName(data.memberId)),
        most: say.length(data.mostM),
      }),
      verdict === 'over' ? say.t('Set the stitches nearer to each other.') : '',
    ),
  'weld-leg-small': ({ data }, say) =>
    say.t('A leg of {leg} is thin for its wall: {least} is the least that fuses well.', {
      leg: say.length(data.legM),
      least: say.length(data.leastM),
    }),
  'hanger-wall': ({ data, utilisation, caseId, verdict }, say) =>
    sentence(
      say.t('Hangers push up to {force} into the {member} {situation}, {case}: {utilisation} of what its walls bear.', {
        force: say.force(Math.abs(data.forceN)),
        member: say.inner(say.partName(data.memberId)),
        situation: say.t(SITUATION_PHRASES[data.situation]),
        case: say.caseName(caseId),
        utilisation: say.percent(utilisation, 0),
      }),
      verdict === 'over' ? say.t('Weld a plate between, wider than the wall is thick.') : '',
    ),
  'end-wall': ({ data, utilisation, caseId, verdict }, say) =>
    sentence(
      say.t('The wall of {on} under the end of {member} is at {utilisation} of allowable {situation}{case}.', {
        on: say.inner(say.partName(data.onId)),
        member: say.inner(say.partName(data.memberId)),
        utilisation: say.percent(utilisation, 0),
        situation: say.t(SITUATION_PHRASES[data.situation]),
        case: caseId ? `, ${say.caseName(caseId)}` : '',
      }),
      data.mend ? wallMendText(data.memberId, data.mend, say) : held(verdict, say),
    ),
  'bar-hole': ({ data, utilisation, caseId, verdict }, say) =>
    sentence(
      utilisation !== undefined
        ? say.t('The hole of {diameter} in the {member}, {at} along it, works at {utilisation} {situation}{case}.', {
            diameter: say.length(data.diameterM),
            member: say.inner(say.partName(data.memberId)),
            at: say.length(data.atM),
            utilisation: say.percent(utilisation, 0),
            situation: say.t(SITUATION_PHRASES[data.situation]),
            case: caseId ? `, ${say.caseName(caseId)}` : '',
          })
        : say.t('The hole of {diameter} in the {member} leaves no metal.', {
            diameter: say.length(data.diameterM),
            member: say.inner(say.partName(data.memberId)),
          }),
      verdict === 'over'
        ? say.t('Move it to the middle of the sides, where bending is least, or make it smaller.')
        : '',
    ),
  'coupler-bolts': ({ data, utilisation, verdict }, say) =>
    sentence(
      say.t('Coupler bolts take {force} {situation}: {utilisation} of what {by} bear.', {
        force: say.force(data.forceN),
        situation: say.t(SITUATION_PHRASES[data.situation]),
        utilisation: say.percent(utilisation, 0),
        by:
          data.by === 'shear'
            ? say.t('the bolts')
            : data.by === 'bearing'
              ? say.t('the walls at the holes')
              : say.t('the edges at the holes'),
      }),
      held(verdict, say),
    ),
  'frame-deflection': ({ data, caseId }, say) => {
    const subject =
      data.what === 'cross-member'
        ? say.t('{member} bends', { member: say.partName(data.memberId) })
        : say.t(BENT[data.what]);
    return sentence(
      say.t('{subject} {by} under {case} alone; up to {usual} is usual.', {
        subject,
        by: bend(data.byM, say),
        case: say.caseName(caseId),
        usual: say.length(data.lengthM / data.divisor),
      }),
      data.what === 'tongue-tip' && data.byM * data.divisor > data.lengthM
        ? say.t('A tongue this springy nods on the road.')
        : '',
    );
  },
  'fatigue-life': ({ data, caseId }, say) =>
    sentence(
      say.t(FATIGUE_TEXT[data.class], {
        joint: crackPlace(data.joint, data.memberId, say),
        case: say.caseName(caseId),
      }),
      data.pastYieldPa === undefined
        ? ''
        : say.t('Standing still, the stress at the toe of that weld is {stress}, past the metal’s yield.', {
            stress: say.stress(data.pastYieldPa),
          }),
    ),
  'situations-off': ({ data }, say) =>
    say.t('Switched off, so not looked at: {off}.', {
      off: data.off.map((id) => say.inner(say.t(SITUATION_NAMES[id]))).join(', '),
    }),
  'situation-not-run': ({ data }, say) =>
    say.t('{situation} cannot be worked out: say how hard it is pulled, or what the tow vehicle weighs.', {
      situation: say.t(SITUATION_NAMES[data.situation]),
    }),
  'recovery-advice': (_, say) =>
    say.t('Do not pull anything out by coupler, ball or chains unless each is rated for it: what breaks, flies.'),
  'badly-loaded': ({ data, utilisation, caseId }, say) =>
    say.t('And loaded badly: {utilisation}, {data} {situation}, {case}.', {
      utilisation: say.percent(utilisation, 0),
      data: hardestName(data, say),
      situation: say.t(SITUATION_PHRASES[data.situation]),
      case: say.caseName(caseId),
    }),
  'published-loads': ({ data, utilisation }, say) =>
    sentence(
      say.t('ADR 62 and VSB 1 (Australia), at the plate’s gross: {utilisation} of yield, {data}.', {
        utilisation: say.percent(utilisation, 0),
        data: hardestName(data, say),
      }),
      data.asked ? '' : say.t('Not asked where this trailer is used.'),
    ),
  'ends-guessed': ({ data }, say) =>
    say.t(
      'How the ends of {count} give on the walls that they are welded to is guessed: no model was made of such joints. Their working shows both bounds.',
      {
        count:
          data.memberIds.length === 1
            ? say.inner(say.partName(data.memberIds[0] ?? ''))
            : say.t('{count} bars', { count: data.memberIds.length }),
      },
    ),
  'outrigger-not-checked': (_, say) =>
    say.t(
      'Springs or brackets do not stand under the rails: what carries them there is not drawn, so neither it nor its welds are looked at. The rails get the twist.',
    ),
  'nobody-on-rear': (_, say) =>
    say.t(
      'Nobody is taken to step on the rear edge: it is a low or light trailer, loaded from the ground. Say so under Situations if somebody will.',
    ),
  'rated-gross-missing': ({ data }, say) =>
    say.t('The gross on the plate is missing: the frame is not looked at full to it{rulesAsked}.', {
      rulesAsked: data.rulesAsked
        ? say.t(', nor under the drawbar loads of ADR 62 and VSB 1, which are asked where this trailer is used')
        : '',
    }),
  'hand-compared': ({ data, caseId }, say) =>
    sentence(
      say.t('{member} in a hard bump, {case}: {hand} by hand, {frame} in the whole frame.', {
        member: say.partName(data.memberId),
        case: say.caseName(caseId),
        hand: say.percent(data.hand, 0),
        frame: say.percent(data.frame, 0),
      }),
      data.apart ? say.t('Go by the whole frame.') : '',
      data.apart ? say.t(APART_TEXT[data.apart]) : '',
    ),
  'not-in-analysis': (_, say) =>
    say.t(
      'Not in this analysis: axle, springs and their bolts, wear and rust. Home-made couplings and swing arms are outside any rule here: buy rated ones.',
    ),
  'figures-doubtful': ({ data }, say) =>
    say.t(
      'Very stiff and very soft bars stand side by side: the sums of the frame analysis leave {x} of the forces over. Do not count on its figures.',
      { x: data.residual.toExponential(0) },
    ),
  'frame-fault': ({ data }, say) =>
    data.fault === 'suspension-not-modelled'
      ? say.t('Three axles, or torsion arms on an equaliser, are not modelled: the frame is not analysed.')
      : data.fault === 'no-axle-under-frame'
        ? say.t('Hangers or axle are not under the rails: the frame cannot be analysed until they are.')
        : say.t('The frame cannot be analysed until its bars fit together.'),
  'frame-unsolvable': ({ data }) => data.problems.map(frameProblemSentence).join(' '),
};
