import type { BuildTask, Caution, Phase, PlanFigure, TaskKind, Tool } from '../building/index.js';
import { formatArea, formatNumber } from '../units/index.js';
import { HANGER_NAMES } from './names.js';
import type { Speaker } from './speak.js';
import { tapeText } from './squaring.js';
import { ENGLISH, type Says } from './voice.js';
import type { Phrase } from './phrasebook/index.js';

export const PHASE_NAMES = {
  metal: 'Metal',
  frame: 'Frame and tongue',
  axle: 'Coupler and axle',
  fittings: 'What goes on the frame',
  finish: 'Paint, wheels, wires, deck',
  road: 'Weigh and tow',
} as const satisfies Readonly<Record<Phase, string>>;

const TASK_NAMES = {
  'check-steel': 'Look the metal over',
  cut: 'Cut the pieces',
  prepare: 'Drill, dress and clean the ends',
  level: 'Level the stands',
  'lay-out': 'Lay out rails and headers',
  'cross-members': 'Set the cross-members',
  tongue: 'Set the tongue',
  tack: 'Tack',
  square: 'Square the frame',
  'weld-first': 'Weld the side that lies up',
  'turn-over': 'Turn the frame over',
  'weld-second': 'Weld the other side',
  coupler: 'Put the coupler on',
  hangers: 'Set the hangers',
  axle: 'Set the axle true to the ball',
  'turn-upright': 'Turn it upright',
  'square-again': 'Measure it all once more',
  sides: 'Build the sides',
  gate: 'Build and hang the gate',
  body: 'Build what stands on it',
  brackets: 'Brackets, jack, fenders, tie-downs',
  inspect: 'Look at every weld',
  clean: 'Clean for paint',
  coat: 'Coat it',
  wheels: 'Bearings and wheels',
  chains: 'Hang the chains',
  wire: 'Lamps and wires',
  deck: 'Lay the deck',
  weigh: 'Weigh it',
  register: 'Papers and plate',
  'first-tow': 'First tow',
  retorque: 'Tighten again',
} as const satisfies Readonly<Record<Exclude<TaskKind, 'own'>, string>>;

export const taskName = ({ kind, title }: BuildTask, say: Says = ENGLISH): string =>
  kind === 'own' ? (title ?? say.t('A task of yours')) : say.t(TASK_NAMES[kind]);

/** A task of the plan by its id. */
const isTask = (id: string): id is keyof typeof TASK_NAMES => Object.hasOwn(TASK_NAMES, id);
export const taskIdName = (id: string, say: Says = ENGLISH): string =>
  isTask(id) ? say.t(TASK_NAMES[id]) : say.t('a task of yours');

type Told = (task: BuildTask, say: Speaker) => readonly string[];
const always =
  (...lines: readonly Phrase[]): Told =>
  (_, say) =>
    // None of these lines has anything to be filled in.
    lines.map((line) => (say.t as (text: string) => string)(line));

/** How each task is done, one line to a move. */
const HOW: Readonly<Record<TaskKind, Told>> = {
  own: always(),
  'check-steel': always(
    'Measure wall and size with a caliper: what was delivered is not always what was ordered.',
    'Sight down every stick. Mark the bow: crown up in the rails, so that load straightens it.',
    'Measure springs, axle and coupler before anything is laid out by their lists.',
  ),
  cut: always(
    'First the saw’s own end: mill ends are not square.',
    'A stop for alike pieces; pairs are cut together, and laid side by side to be compared.',
    'Write the mark on every piece as it comes off the saw.',
  ),
  prepare: always(
    'Mill scale off for an inch about every weld; bevel what is thicker than 3/16 in (5 mm) and butts.',
    'Drill what is easier drilled now: wires, drains, coupler, tie-downs.',
  ),
  level: always(
    'Two straight beams or four stands, shimmed until a level or a line says so both ways.',
    'A frame that is built on a twisted floor stays twisted.',
  ),
  'lay-out': ({ upsideDown }, say) => [
    say.t(
      'Strike the centre line first, on the floor or with a string; everything is measured from it and from the front edge.',
    ),
    upsideDown
      ? say.t(
          'Upside down: tops lie on the stands and are flush by themselves. Left and right are seen the other way round.',
        )
      : say.t('Right side up: hold the tops flush with a straight edge.'),
    say.t('Clamp rails and headers, and read both diagonals between the same points.'),
  ],
  'cross-members': always(
    'Hook the tape on the front edge and mark all of them along both rails before any is set: marks do not add up their errors.',
    'The line is the front face; put an X on the side where the bar goes.',
  ),
  tongue: always(
    'The ball’s centre is to lie on the centre line: both rear corners as far from it.',
    'Clamp it; tack it only when both readings agree.',
  ),
  tack: always(
    'Tacks of 1/2 to 3/4 in (12 to 20 mm), one every 6 to 8 in (150 to 200 mm), two to a joint across from each other.',
    'Outside of the corners first, then read the diagonals; inside; then the corner across.',
    'Cross-members from the middle outwards, left and right by turns.',
    'Read the diagonals after every four tacks; a tack that pulled is ground through and set again.',
  ),
  square: always(
    'Both diagonals, both sides, both ends; pull the longer diagonal together with a clamp or a chain fall.',
    'Two strings crosswise over the corners only just touch where the frame is not twisted.',
  ),
  'weld-first': ({ upsideDown }, say) => [
    say.t(
      'Upright seams first, then the flat ones that lie up. Runs of 2 to 3 in (50 to 75 mm) on thin walls, then to the joint furthest away: no joint twice before it can be touched.',
    ),
    say.t('From the middle to the ends, left and right by turns, so that what pulls is balanced.'),
    say.t(
      '{upsideDown} comes next: until then the welds of one side bend the rails as told. A strong-back clamped along each rail halves it.',
      { upsideDown: upsideDown ? say.t('The deck’s side') : say.t('The underside') },
    ),
  ],
  'turn-over': always(
    'Roll it over a long edge onto the stands; nobody stands where it comes down.',
    'All lift from one side, two wait on the other; say who counts.',
  ),
  'turn-upright': always(
    'Roll it over a long edge onto the stands; nobody stands where it comes down.',
    'All lift from one side, two wait on the other; say who counts.',
  ),
  'weld-second': always(
    'The same joints in the same order as on the first side: what was pulled comes back.',
    'Return each weld round its corners; fill the crater at the end.',
  ),
  coupler: always(
    'Level and on the centre line. The ball’s centre in it is the place that the axle is measured from.',
    'Bolts through a tube go through a sleeve, or they only flatten it. Welds by its maker’s leaflet.',
  ),
  hangers: always(
    'Axle line on both rails from the ball’s centre, not from the frame’s end.',
    'Front and rear ones on both sides, by the same hook of the tape from the front edge.',
    'A straight rod through both front eyes, then through the rear ones: square to the centre line before anything is more than tacked.',
    'Short runs, sides by turns, springs and rubber out. Return the welds around the ends.',
  ),
  axle: always(
    'Springs and axle in loosely; the head of each centre bolt in its hole.',
    'As far from the rail left as right, then as far from the ball left as right, hooked the same way.',
    'Tack one side, read, move the other, read, tack, read, weld.',
    'U-bolts a quarter turn at a time, crosswise.',
  ),
  'square-again': always('Welding moves things: diagonals, ball, axle once more, and write them down.'),
  sides: always('Posts plumb while the bed is level; top rails last, cut to what there is, not to the list.'),
  gate: always(
    'Build it flat on the bed that it closes, with spacers all about, and let it cool before they come out.',
    'Hinge pins on one line: a rod through all of them while they are tacked.',
  ),
  body: always('Bottom bars first, then what stands, then what lies on top; plumb and square before more than tacks.'),
  brackets: always(
    'All that is welded is welded before paint: chain tabs, jack, fenders, lamp brackets, tie-downs, spare, steps.',
    'Jack clear of gate and vehicle in a full turn; fenders clear of the tire in a hard bump.',
  ),
  inspect: always(
    'No cracks, craters filled, legs by the gauge, undercut less than 1/32 in (0.8 mm); across what is pulled, none that a nail catches on.',
    'Look hardest where the frame works hardest: root of the tongue, hangers, gussets. Dye finds cracks that eyes do not.',
    'Some inspectors want to see welds before paint: ask first, take photos.',
  ),
  clean: always('Slag, spatter, scale, oil. Wash, dry, and do not touch it with bare hands again.'),
  coat: always(
    'Primer within hours of cleaning; edges and welds by brush first.',
    'Inside of open ends too. Leave drains open, threads and studs bare.',
    'Aluminum on steel, or treated wood on aluminum: tape or a coat between, stainless screws with washers of nylon.',
  ),
  wheels: always(
    'Bearings packed, nut snug and backed off to its slot, cap on. Wheels turn freely without play.',
    'Nuts by hand, then in stages crosswise with the tire off the ground, the last stage on it.',
    'Tires cold, at the pressure that their load was read at.',
  ),
  chains: always(
    'Crossed under the coupler, short enough not to drag, long enough for a full turn, each to its own tab.',
  ),
  wire: always(
    'Stranded wire, never house wire. A ground wire to every lamp besides the frame.',
    'Grommets at holes, a clip every 18 in (450 mm), drains left open.',
    'Prove every pin by its function: colours differ.',
  ),
  deck: always('One screw to each board on each bar; ends lie on metal. Seal what is cut.'),
  weigh: always(
    'Level ground, wheels chocked, coupler at towing height.',
    'Tongue, axle, whole; empty first, then as it will be used. Within a tenth of these figures all is well.',
  ),
  register: always(
    'Receipts, photos of the welds, weight slip, drawing: what an inspector or a clerk asks for.',
    'The plate with gross, axle ratings, tire size and pressure, where it can be read from outside.',
  ),
  'first-tow': always(
    'Coupler latched: lift at the tongue, it may not come off. Chains crossed, lamps, breakaway, pressure.',
    'Empty and slow; stop after a mile, feel the hubs, look at the tracks: wet tires show whether it follows.',
    'Then half, then full load, in steps up to its speed. Sway: let it roll out, and put weight forward.',
  ),
  retorque: always(
    'Wheel nuts after 10, 25 and 50 miles (16, 40, 80 km); U-bolts and shackle bolts after 50 to 100.',
    'Look at hangers and tongue root while you are there.',
  ),
};

export const taskHow = (task: BuildTask, say: Speaker): readonly string[] => HOW[task.kind](task, say);

export const TOOL_NAMES = {
  tape: 'tape',
  caliper: 'caliper',
  saw: 'saw with a stop',
  square: 'framing square',
  grinder: 'grinder',
  clamps: 'clamps',
  stands: 'rated stands',
  level: 'level or line',
  shims: 'shims',
  chalk: 'chalk, scriber',
  welder: 'welder',
  spacers: 'spacers',
  'straight-rod': 'straight rod through both eyes',
  'plumb-bob': 'plumb bob',
  'torque-wrench': 'torque wrench',
  drill: 'drill',
  dye: 'dye for cracks',
  brush: 'brush',
  crimper: 'crimper',
  tester: 'tester',
  scale: 'scale',
  jack: 'jack',
  'grease-gun': 'grease',
  gauge: 'gauge',
} as const satisfies Readonly<Record<Tool, string>>;

export const CAUTION_TEXT = {
  grinding: 'Eyes, ears, gloves; guards on. Sparks fly further than you think.',
  zinc: 'Zinc off before you weld, also from chain and inside of tube: its fumes make ill. Air out, no matter how short the weld.',
  aluminum:
    'Aluminum: a brush of its own, wiped with acetone, tacked twice as often; it is weaker within an inch of every weld.',
  'aluminum-peak': 'No weld across an aluminum tongue where it works hardest, just ahead of the front header.',
  solvent: 'No brake cleaner or other chlorinated solvent near an arc: it makes a poison gas.',
  'fire-watch': 'Somebody watches for fire for half an hour after the last weld.',
  'closed-tube': 'A tube closed at both ends can burst when it is heated: leave a hole open.',
  turning: 'Feet and fingers: with helpers or a hoist, stands rated for it, nobody under it.',
  hoist: 'Too heavy for hands: a hoist, a gantry, or two chain falls, and slings that cannot slip.',
  springs:
    'Springs under load store a lot: let the load off before a bolt is loosened. No arc on spring steel, rubber out.',
  'near-wheels': 'No welding on a wheel with a tire on it, or near one: it can burst. Wheels off.',
  'no-weld-axle': 'Nothing is welded on the axle tube’s middle, on spindles or on springs.',
  'earth-clamp': 'Earth clamp on the part that is welded: current through a bearing pits it.',
  stands: 'On rated stands and chocks before anybody reaches under it, never on a jack alone.',
  'own-coupling': 'A coupling of your own make: use a rated one. What you build here nobody has tested.',
  battery: 'Fuse near the battery, which comes on last.',
  galvanize:
    'For hot galvanizing every hollow needs vents and drains: one without bursts in the bath. Ask them for their sizes.',
  'paint-torque': 'No paint or grease under wheel nuts: they work loose.',
  'local-law': 'What the law asks for differs by place: ask the authority or an inspector there.',
  slowly: 'Nobody behind or beside it on the first stretch; stop at whatever is new.',
} as const satisfies Readonly<Record<Caution, string>>;

/** One number of a figure, as it is read at the work. */
export const figureNumber = ({ kind }: PlanFigure, each: number, say: Speaker): string => {
  switch (kind) {
    case 'length':
      return tapeText(each, say);
    case 'mass':
      return say.mass(each);
    case 'load':
      return say.load(each);
    case 'torque':
      return say.torque(each);
    case 'count':
      return say.figures(formatNumber(each, 0));
    case 'area':
      return formatArea(each, say.trailer.settings.units);
  }
};

/** The number of a figure, or its range. */
export const figureText = (figure: PlanFigure, say: Speaker): string => {
  const { value, upTo } = figure;
  const from = figureNumber(figure, value, say);
  return upTo === undefined ? from : say.t('{from} to {figure}', { from, figure: figureNumber(figure, upTo, say) });
};

/** What a figure is. */
export const figureName = ({ what, of = '', mark }: PlanFigure, say: Speaker): string => {
  switch (what) {
    case 'stock':
      return of;
    case 'pieces':
      return say.t('Pieces');
    case 'long':
      return say.t('Length outside');
    case 'wide':
      return say.t('Width outside');
    case 'diagonal':
      return say.t('Both diagonals');
    case 'within':
      return say.t('Alike within');
    case 'cross':
      return say.t('{mark}, front edge to its front face', { mark: mark ?? say.partName(of) });
    case 'spacer':
      return say.t('Spacer between tops of rails and cross-members: the deck’s thickness');
    case 'ball-ahead':
      return say.t('Ball’s centre ahead of the front edge');
    case 'corner-to-ball':
      return say.t('Ball’s centre to each rear corner');
    case 'weld-length':
      return say.t('Weld on this side, about');
    case 'bow-first':
      return say.t('Each rail bends up or down by the welds of one side');
    case 'turned-mass':
      return say.t('Weighs about');
    case 'balance-back':
      return say.t('Balances behind the front edge');
    case 'lifted':
      return say.t('In the hands of those who lift');
    case 'bolts':
      return say.t('Bolts, {of}', { of });
    case 'hanger':
      return say.t('Front edge to {hanger}', { hanger: say.t(HANGER_NAMES[of as keyof typeof HANGER_NAMES]) });
    case 'springs-apart':
      return say.t('Middle of one spring or bracket to the other’s');
    case 'hub-to-ball':
      return say.t('{of}: ball’s centre to each hub face', { of: say.partName(of) });
    case 'hub-to-rail':
      return say.t('Hub face to outside of the bed, each side');
    case 'axle-back':
      return say.t('Front edge to the axle’s middle, or to the middle between axles');
    case 'axles-apart':
      return say.t('From axle to axle');
    case 'u-bolts':
      return say.t('U-bolts, {of}', { of });
    case 'nuts':
      return say.t('Wheel nuts, stage {of}', { of });
    case 'gap':
      return say.t('Gap all about');
    case 'coat-area':
      return say.t('Steel to coat, outside');
    case 'vents':
      return say.t('For hot galvanizing: holes, two at each shut end of a tube, in corners across from each other');
    case 'vent-size':
      return 'each';
    case 'tab-apart':
      return say.t('From one chain tab to the other');
    case 'tongue-weight':
      return say.t('On the ball, {of}', { of: say.caseName(of) });
    case 'whole-weight':
      return say.t('All of it, {of}', { of: say.caseName(of) });
  }
};

/** Hours as people say them: halves up to ten. */
export const hoursText = ([least, most]: readonly [number, number], say: Says = ENGLISH): string => {
  const half = (hours: number): number => (hours < 10 ? Math.max(0.5, Math.round(hours * 2) / 2) : Math.round(hours));
  const [from, to] = [half(least), half(most)];
  if (to === 0 || most === 0) return '';
  return from === to
    ? say.t('about {to} h', { to: say.figures(formatNumber(to, to % 1 ? 1 : 0)) })
    : say.t('{from} to {to} h', {
        from: say.figures(formatNumber(from, from % 1 ? 1 : 0)),
        to: say.figures(formatNumber(to, to % 1 ? 1 : 0)),
      });
};
