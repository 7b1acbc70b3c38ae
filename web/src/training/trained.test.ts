import { beforeEach, expect, test } from 'vitest';
import { remember } from '../storage/remembered';
import { forgetTrained, keepTrained, trainedSoFar } from './trained';

beforeEach(() => remember('kereta.training', '{}'));

test('what was gone through is kept with its day, once', () => {
  expect(trainedSoFar()).toEqual({});
  keepTrained('high');
  keepTrained('tail-heavy');
  const kept = keepTrained('high');
  expect(Object.keys(kept).toSorted()).toEqual(['high', 'tail-heavy']);
  expect(kept.high).toMatch(/^\d{4}-\d{2}-\d{2}$/);
  expect(trainedSoFar()).toEqual(kept);
  expect(forgetTrained()).toEqual({});
  expect(trainedSoFar()).toEqual({});
});

test.each(['', 'null', '[1]', '{"nobody":"2026-01-01"}', '{"high":7}', '{'])(
  'what somebody else left there is nothing: %s',
  (text) => {
    remember('kereta.training', text);
    expect(trainedSoFar()).toEqual({});
  },
);
