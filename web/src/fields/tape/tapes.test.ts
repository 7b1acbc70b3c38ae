import { type FieldPath, USUAL_SIZES } from '@kereta/core';
import { describe, expect, test } from 'vitest';
import { isMeasured } from './isMeasured';
import { SCENES } from './scenes';
import { TAPES } from './tapes';

const PATHS = Object.keys(USUAL_SIZES) as FieldPath[];

describe('where to hold the tape', () => {
  test('every size that is measured has its picture and words, and nothing else has', () => {
    expect(PATHS.filter((path) => isMeasured(path) && !TAPES[path])).toEqual([]);
    expect((Object.keys(TAPES) as FieldPath[]).filter((path) => !isMeasured(path))).toEqual([]);
    expect(PATHS.filter(isMeasured).length).toBeGreaterThan(120);
  });
  test('every reading lies on its picture and measures something', () => {
    for (const [path, { from, to, at, along, how }] of Object.entries(TAPES)) {
      for (const [x, y] of [from, to]) {
        expect(x, path).toBeGreaterThanOrEqual(0);
        expect(x, path).toBeLessThanOrEqual(240);
        expect(y, path).toBeGreaterThanOrEqual(0);
        expect(y, path).toBeLessThanOrEqual(120);
      }
      expect(at, path).toBeGreaterThan(0);
      expect(at, path).toBeLessThan(along === 'h' ? 120 : 240);
      expect(along === 'h' ? from[0] : from[1], path).not.toBe(along === 'h' ? to[0] : to[1]);
      expect(how, path).toMatch(/^[A-Z].*[.]$/);
    }
  });
  test('every picture is used', () => {
    const used = new Set(Object.values(TAPES).map(({ scene }) => scene));
    expect(Object.keys(SCENES).filter((scene) => !used.has(scene as never))).toEqual([]);
  });
});
