import { describe, expect, test } from 'vitest';
import type { FrameProblem } from '../frame-analysis/index.js';
import { frameProblemSentence } from './frameProblems.js';

describe('what is wrong with a frame, in words with the place', () => {
  const cases: readonly (readonly [FrameProblem, string])[] = [
    [{ code: 'no-members' }, 'The frame has no members.'],
    [{ code: 'no-supports' }, 'Nothing holds the frame: give it supports.'],
    [{ code: 'duplicate-node', id: 'n4' }, 'Two nodes are called n4.'],
    [{ code: 'duplicate-member', id: 'm4' }, 'Two members are called m4.'],
    [{ code: 'unknown-node', by: 'm1', node: 'q' }, 'Member m1 names node q, which is not there.'],
    [{ code: 'unknown-node', by: 'support', node: 'q' }, 'A support names node q, which is not there.'],
    [{ code: 'unknown-member', member: 'z' }, 'A load names member z, which is not there.'],
    [{ code: 'no-length', member: 'm1' }, 'Member m1 has no length: its two ends are in one place.'],
    [{ code: 'not-positive', member: 'm1', field: 'areaM2' }, 'Member m1: area must be more than 0.'],
    [{ code: 'not-finite', of: 'n1' }, 'n1: a place or a load is not a number.'],
    [{ code: 'up-along-member', member: 'm1' }, 'Member m1: its up direction runs along the member itself.'],
    [{ code: 'no-direction', node: 'n1' }, 'The support of node n1 has no direction.'],
    [{ code: 'negative-spring', node: 'n1' }, 'The spring under node n1 must not be negative.'],
    [
      { code: 'load-off-member', member: 'm1', lengthM: 1.23456789 },
      'A load lies off member m1, which is 1.23457 m long.',
    ],
    [
      { code: 'loose-member', member: 'm1', freedom: 'rx' },
      'Member m1 is released so that it moves by itself about x (its own axes).',
    ],
  ];
  test.each(cases)('%o', (problem, sentence) => expect(frameProblemSentence(problem)).toBe(sentence));
  test('a mechanism lists what moves which way, six nodes at the most', () => {
    const movement = Array.from({ length: 8 }, (_, i) => ({ node: `n${i}`, freedoms: ['uz', 'ry'] as const }));
    const text = frameProblemSentence({ code: 'mechanism', movements: [movement, [{ node: 'p', freedoms: ['rx'] }]] });
    expect(text).toContain('node n0 along z, about y');
    expect(text).toContain('and 2 more nodes');
    expect(text).toContain('Also: node p about x');
  });
});
