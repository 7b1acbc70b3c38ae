import type { Answer, ExerciseId, MeasureKind, Tried } from '../training/index.js';
import { formatNumber } from '../units/index.js';
import type { Speaker } from './speak.js';

interface ExerciseText {
  readonly title: string;
  /** what is done badly; told with how far or how much */
  readonly done: (by: number, say: Speaker) => string;
  readonly question: string;
  readonly answers: Readonly<Record<Answer, string>>;
  readonly why: string;
}

const MORE_OR_LESS = { up: 'More', down: 'Less', same: 'About as much' } as const;
const speedText = (metresPerSecond: number, say: Speaker): string =>
  say.trailer.settings.units === 'imperial'
    ? `${formatNumber(metresPerSecond / 0.44704, 0)} mph`
    : `${formatNumber(metresPerSecond * 3.6, 0)} km/h`;

export const EXERCISE_TEXT: Readonly<Record<ExerciseId, ExerciseText>> = {
  'tail-heavy': {
    title: 'All the way back',
    done: (by, say) =>
      `The heaviest thing that can be moved goes ${say.length(by)} back, to the rear edge; what stands there is thought away.`,
    question: 'What does the ball carry then?',
    answers: MORE_OR_LESS,
    why: 'Whatever stands behind the axle lifts the tongue like a see-saw. With too little on the ball the trailer swings by itself from some speed on; below nothing it lifts the vehicle’s rear.',
  },
  'nose-heavy': {
    title: 'All the way forward',
    done: (by, say) =>
      `The heaviest thing that can be moved goes ${say.length(by)} forward, to the front edge; what stands there is thought away.`,
    question: 'What does the ball carry then?',
    answers: MORE_OR_LESS,
    why: 'Steady, but it presses on hitch, coupler and the vehicle’s rear axle, and takes weight off its front wheels. The smallest stamp on the way ends it.',
  },
  'axle-forward': {
    title: 'The axle too far forward',
    done: (by, say) => `Nothing of the load is touched; the axle is welded on ${say.length(by)} further forward.`,
    question: 'What does the ball carry then, in every load?',
    answers: MORE_OR_LESS,
    why: 'A hand’s breadth of the axle is worth a great deal of cargo: it is nearer to the balance point of all of it. Axles stand still once they are welded, loads do not.',
  },
  heavier: {
    title: 'Heavier than guessed',
    done: () => 'Every piece of cargo weighs a quarter more than somebody guessed.',
    question: 'What do the axles carry then?',
    answers: MORE_OR_LESS,
    why: 'Guesses are low more often than high, and axle, tires and hubs have no room for hope. Weigh one of what you carry many of.',
  },
  'one-sided': {
    title: 'To one side',
    done: (by, say) => `The heaviest thing that can be moved goes ${say.length(by)} to the right, to the edge.`,
    question: 'What does the right tire carry then?',
    answers: MORE_OR_LESS,
    why: 'The axle’s sum stays as it was, and says nothing of it. One tire runs hot, one spring lies lower, and in a curve to the left it leans further.',
  },
  high: {
    title: 'Piled high',
    done: (by, say) => `All of the cargo stands ${say.length(by)} higher.`,
    question: 'How fast may a bend of 130 ft (40 m) be taken before it would tip?',
    answers: { up: 'Faster', down: 'More slowly', same: 'As fast' },
    why: 'What counts is half the track over the height of the balance point. On real roads springs, tires and a bump take a good part of that speed away: nobody drives to it.',
  },
  'at-the-ends': {
    title: 'The same balance, at the ends',
    done: (by, say) =>
      `The heaviest thing is cut in two halves that stand ${say.length(by)} apart, one ahead and one behind of where it was: the ball carries as much as before.`,
    question: 'After a swing at 68 mph (110 km/h): how much of it is left at the next one?',
    answers: MORE_OR_LESS,
    why: 'The scale cannot see it. Weight far from the axle keeps swinging once it swings, like a long pole: what is heavy belongs near the axle.',
  },
  faster: {
    title: 'Faster',
    done: () => 'The same trailer, the same load: 68 mph (110 km/h) in place of 50 (80).',
    question: 'How much of a swing is left at the next one?',
    answers: MORE_OR_LESS,
    why: 'Tires hold the swing back less the faster it goes. A trailer that was steady yesterday may not be so with ten miles an hour more, downhill, with a wind.',
  },
  'short-tongue': {
    title: 'A short tongue',
    done: (by, say) => `The tongue is ${say.length(by)} shorter, so that it parks better.`,
    question: 'After a swing at 68 mph (110 km/h): how much of it is left at the next one?',
    answers: MORE_OR_LESS,
    why: 'The axle holds the trailer straight by its lever from the ball. A shorter one swings more and backs up like a shopping cart.',
  },
  'ball-high': {
    title: 'The ball too high, two axles',
    done: (by, say) =>
      `Two axles on springs of their own, no equaliser; the ball stands ${say.length(by)} higher than level.`,
    question: 'What does the rear axle carry then?',
    answers: MORE_OR_LESS,
    why: 'The nose goes up, the rear springs are pressed and the front ones let off. One axle is overloaded although both together are not: such trailers must ride level.',
  },
  'lighter-rails': {
    title: 'Rails one size down',
    done: () => 'The rails are of the next lighter section, as a friend has built it.',
    question: 'How hard do the rails work then?',
    answers: { up: 'Harder', down: 'Less hard', same: 'As hard' },
    why: 'It saves less weight than it looks and costs more reserve than it looks: bending goes by the square of the height. What held on his trailer held with his loads.',
  },
  'weld-at-peak': {
    title: 'A weld where it works hardest',
    done: () => 'A tab is welded across the tongue just ahead of the front header, on the side that is pulled.',
    question: 'What stress does the metal bear there then?',
    answers: MORE_OR_LESS,
    why: 'Aluminum is soft within an inch of a weld. Steel keeps its strength, but a weld across what is pulled cracks after far fewer bumps: told here as the range of stress that it bears without end. Put it further forward, on the sides at half height, or bolt it.',
  },
};

/** A number of an exercise, as people say it. */
export const measureText = (kind: MeasureKind, value: number, say: Speaker): string => {
  switch (kind) {
    case 'tongue-share':
    case 'works-at':
      return say.percent(value);
    case 'load':
      return say.mass(value);
    case 'speed':
      return speedText(value, say);
    case 'swing-left':
      return say.percent(value, 0);
    case 'stress-range':
      return say.stress(value);
  }
};

const MEASURES: Readonly<Record<ExerciseId, string>> = {
  'tail-heavy': 'Of the weight on the ball',
  'nose-heavy': 'On the ball',
  'axle-forward': 'Of the weight on the ball',
  heavier: 'On the axles',
  'one-sided': 'On the hardest pressed right tire',
  high: 'Tips in that bend at',
  'at-the-ends': 'Of a swing left at the next one',
  faster: 'Of a swing left at the next one',
  'short-tongue': 'Of a swing left at the next one',
  'ball-high': 'On the rear axle',
  'lighter-rails': 'Hardest rail works at',
  'weld-at-peak': 'Stress that it bears',
};
export const measureName = (id: ExerciseId): string => MEASURES[id];

/** What the new number is held against; nothing where there is no limit, or where it keeps it. */
export const limitText = ({ kind, after, limits: [least, most] }: Tried, say: Speaker): string => {
  if (least !== undefined && after < least) return `Less than the ${measureText(kind, least, say)} that are wanted.`;
  if (most !== undefined && after > most) return `More than the ${measureText(kind, most, say)} that are allowed.`;
  return least === undefined && most === undefined ? '' : 'Still inside what is allowed here.';
};
