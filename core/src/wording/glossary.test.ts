import { expect, test } from 'vitest';
import { GLOSSARY, type Word } from './glossary.js';

test('every word once, by the alphabet, each with a meaning that is a sentence', () => {
  const words = GLOSSARY.map(({ word }) => word.toLowerCase());
  expect(new Set(words).size).toBe(words.length);
  expect(words).toEqual(words.toSorted());
  for (const { means, also } of GLOSSARY as readonly Word[]) {
    expect(means).toMatch(/^[A-Z].*[.]$/);
    expect(also ?? 'x').not.toBe('');
    expect(means).not.toMatch(/\bsafe\b/);
  }
});
