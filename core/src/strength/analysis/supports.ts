import type { FrameModel, FrameSupport, Restraint, Vector3 } from '../../frame-analysis/index.js';
import type { GroundPlace } from '../frame-model/gear.js';
import type { TrailerFrame } from '../frame-model/trailerFrame.js';
import type { SupportId } from '../situations/runs.js';

const fix = (kind: Restraint['kind'], axes: string): Restraint[] =>
  axes.split('').map((axis) => ({
    kind,
    direction: ['x', 'y', 'z'].map((name) => (name === axis ? 1 : 0)) as unknown as Vector3,
    stiffness: 'fixed',
  }));

const hold = (node: string, axes: string): FrameSupport => ({ node, restraints: fix('translation', axes) });

/** Wheels stand on the ground; one of them also keeps the rear from swinging, which takes nothing while the trailer stands or rolls straight. */
const wheelSupports = ({ gear }: TrailerFrame, side?: 'left' | 'right'): FrameSupport[] => {
  const own = gear.ground.filter((place) => side === undefined || place.side === side);
  const sideways = gear.wheels.find((wheel) => side === undefined || wheel.side === side);
  return [
    ...own.map(standing),
    // A rocker's ends pass nothing sideways: a wheel of its side is held by itself.
    ...(sideways && own[0]?.rocker ? [hold(sideways.node, 'y')] : []),
  ].map((support, i) => (i === 0 && !own[0]?.rocker ? hold(support.node, 'yz') : support));
};

/** A wheel stands up; a rocker's middle turns about its own bolt alone, and feels nothing else. */
const standing = ({ node, rocker }: GroundPlace): FrameSupport =>
  rocker ? { node, restraints: [...fix('translation', 'xyz'), ...fix('rotation', 'xz')] } : hold(node, 'z');

/** On stands the wheels hang; one pair of them stands with the jack, two or three by themselves. */
const standSupports = (frame: TrailerFrame): FrameSupport[] => {
  const alone = frame.stands.length > 1;
  return [
    ...(alone ? [] : [hold(frame.jack ?? frame.ball, 'xyz')]),
    ...frame.stands.flatMap(([left, right], i) => [
      hold(left, alone && i === 0 ? 'xyz' : i === frame.stands.length - 1 ? 'yz' : 'z'),
      hold(right, 'z'),
    ]),
    ...hanging(frame),
  ];
};

/** Wheels that hang: their equaliser is kept from turning over, which takes nothing but their weight. */
const hanging = ({ gear }: TrailerFrame, side?: 'left' | 'right'): FrameSupport[] => [
  ...gear.pivots
    .filter((pivot) => side === undefined || pivot.side === side)
    .map(({ node }) => ({ node, restraints: fix('rotation', 'y') })),
  // A rocker whose wheels hang stays where it is and holds nothing up: both of its ends are let go by its turning.
  ...gear.ground
    .filter(({ rocker, side: own }) => rocker && (side === undefined || own === side))
    .map(({ node }) => ({ node, restraints: [...fix('translation', 'xy'), ...fix('rotation', 'xyz')] })),
];

/** What holds the frame in one way. */
export const supportsOn = (frame: TrailerFrame, id: SupportId): FrameSupport[] => {
  switch (id) {
    case 'road':
      return [hold(frame.ball, 'xyz'), ...wheelSupports(frame)];
    case 'jack':
      return [hold(frame.jack ?? frame.ball, 'xyz'), ...wheelSupports(frame)];
    case 'stands':
      return standSupports(frame);
    case 'rail-left':
    case 'rail-right': {
      const side = id === 'rail-left' ? 'left' : 'right';
      const other = side === 'left' ? 'right' : 'left';
      return [
        hold(frame.ball, 'xyz'),
        hold(frame.underRail[side === 'left' ? 0 : 1], 'z'),
        ...wheelSupports(frame, other),
        ...hanging(frame, side),
      ];
    }
    case 'corners-left':
    case 'corners-right':
      return cornerSupports(frame, id === 'corners-left' ? 'left' : 'right');
  }
};

/** The bare frame on its four corners, those of one side lifted: the same supports, the load is its own weight. */
const cornerSupports = ({ corners }: TrailerFrame, lifted: 'left' | 'right'): FrameSupport[] => {
  const [frontLeft, frontRight, rearLeft, rearRight] = corners;
  const [front, rear, otherFront, otherRear] =
    lifted === 'left' ? [frontLeft, rearLeft, frontRight, rearRight] : [frontRight, rearRight, frontLeft, rearLeft];
  return [hold(front, 'xyz'), hold(rear, 'yz'), hold(otherFront, 'z'), hold(otherRear, 'z')];
};

/** The frame on its wheels, or the bare one without axle and springs. */
export type BodyId = 'whole' | 'bare';

export const bodyIdOn = (id: SupportId): BodyId => (id === 'corners-left' || id === 'corners-right' ? 'bare' : 'whole');

export const bodyOf = (frame: TrailerFrame, id: BodyId): Omit<FrameModel, 'supports'> => {
  if (id === 'whole') return { nodes: frame.nodes, members: frame.elements };
  const gear = new Set(frame.gear.elementIds);
  const members = frame.elements.filter((element) => !gear.has(element.id) && element.id !== 'gear.jack-post');
  const used = new Set(members.flatMap(({ from, to }) => [from, to]));
  return { nodes: frame.nodes.filter((node) => used.has(node.id)), members };
};
