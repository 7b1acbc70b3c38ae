import type { FrameProblem, Freedom, FreeMovement } from '../frame-analysis/index.js';

const MOVES: Readonly<Record<Freedom, string>> = {
  ux: 'along x',
  uy: 'along y',
  uz: 'along z',
  rx: 'about x',
  ry: 'about y',
  rz: 'about z',
};

const PROPERTY_NAMES: Readonly<Record<string, string>> = {
  areaM2: 'area',
  iyM4: 'second moment Iy',
  izM4: 'second moment Iz',
  torsionM4: 'torsion constant',
  elasticPa: 'elastic modulus',
  shearPa: 'shear modulus',
  shearAreaYM2: 'shear area across y',
  shearAreaZM2: 'shear area across z',
};

/** More nodes than this are counted, not listed. */
const MOST_LISTED = 6;

const movementText = (movement: readonly FreeMovement[]): string => {
  const listed = movement
    .slice(0, MOST_LISTED)
    .map(({ node, freedoms }) => `node ${node} ${freedoms.map((freedom) => MOVES[freedom]).join(', ')}`);
  const rest = movement.length - MOST_LISTED;
  return listed.join('; ') + (rest > 0 ? `; and ${rest} more nodes` : '');
};

type Sentence<C extends FrameProblem['code']> = (problem: Extract<FrameProblem, { code: C }>) => string;

const SENTENCES: { readonly [C in FrameProblem['code']]: Sentence<C> } = {
  'no-members': () => 'The frame has no members.',
  'no-supports': () => 'Nothing holds the frame: give it supports.',
  'duplicate-node': ({ id }) => `Two nodes are called ${id}.`,
  'duplicate-member': ({ id }) => `Two members are called ${id}.`,
  'unknown-node': ({ by, node }) =>
    `${by === 'support' || by === 'load' ? `A ${by}` : `Member ${by}`} names node ${node}, which is not there.`,
  'unknown-member': ({ member }) => `A load names member ${member}, which is not there.`,
  'no-length': ({ member }) => `Member ${member} has no length: its two ends are in one place.`,
  'not-positive': ({ member, field }) => `Member ${member}: ${PROPERTY_NAMES[field]} must be more than 0.`,
  'not-finite': ({ of }) => `${of}: a place or a load is not a number.`,
  'up-along-member': ({ member }) => `Member ${member}: its up direction runs along the member itself.`,
  'no-direction': ({ node }) => `The support of node ${node} has no direction.`,
  'negative-spring': ({ node }) => `The spring under node ${node} must not be negative.`,
  'load-off-member': ({ member, lengthM }) =>
    `A load lies off member ${member}, which is ${Number(lengthM.toPrecision(6))} m long.`,
  'spring-not-positive': ({ member, freedom }) =>
    `Member ${member}: the spring at its end ${MOVES[freedom]} (its own axes) must be more than 0.`,
  'loose-member': ({ member, freedom }) =>
    `Member ${member} is released so that it moves by itself ${MOVES[freedom]} (its own axes).`,
  mechanism: ({ movements }) =>
    `The frame can move without bending: ${movements.map((movement) => movementText(movement)).join('. Also: ')}.`,
};

/** What is wrong with a frame, in words, with the place. */
export const frameProblemSentence = (problem: FrameProblem): string =>
  (SENTENCES[problem.code] as (p: FrameProblem) => string)(problem);
