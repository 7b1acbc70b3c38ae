import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../test/projects.js';
import type { Trailer, TowVehicle } from '../project/index.js';
import { inches, pounds } from '../units/index.js';
import { sentenceOf, speaker } from '../wording/index.js';
import { evaluate } from './index.js';

const sample = sampleTrailer();
const vehicle = (name: string, hitchIn: number, tongueLb: number): TowVehicle => ({
  ...(sample.towVehicle as TowVehicle),
  name,
  massKg: pounds(4500),
  hitchHeightM: inches(hitchIn),
  tongueLimitKg: pounds(tongueLb),
  towLimitKg: pounds(5000),
});
const TRUCK = vehicle('Farm truck', 19, 500);
const WAGON = vehicle('Estate wagon', 14, 150);
const behind = (also: readonly string[], first = TRUCK): Trailer => ({
  ...sample,
  towVehicle: first,
  alsoTowedBy: [...also],
  ownRows: {
    ...sample.ownRows,
    vehicles: [
      { id: 'v.truck', vehicle: TRUCK },
      { id: 'v.wagon', vehicle: WAGON },
    ],
  },
});

describe('a trailer behind two vehicles', () => {
  const alone = evaluate(behind([]));
  const both = evaluate(behind(['v.wagon']));
  const ofWagon = both.findings.filter(({ vehicle: name }) => name === 'Estate wagon');
  test('without a further vehicle nothing is asked twice, and one that is the same adds nothing', () => {
    expect(alone.findings.every(({ vehicle: name }) => name === undefined)).toBe(true);
    expect(evaluate(behind(['v.truck'])).findings.map(({ id }) => id)).toEqual(alone.findings.map(({ id }) => id));
  });
  test('each is told side by side, and what the second says is what it would say alone', () => {
    expect(ofWagon.length).toBeGreaterThan(0);
    const wagonFirst = evaluate(behind([], WAGON));
    for (const finding of ofWagon) {
      const own = wagonFirst.findings.find(({ id }) => `${id} v.wagon` === finding.id);
      expect(own).toEqual({ ...finding, id: own?.id, vehicle: undefined });
      expect(both.findings.filter(({ id }) => id === finding.id)).toHaveLength(1);
    }
    const said = ofWagon.map((finding) => sentenceOf(finding, speaker(behind(['v.wagon']))));
    expect(said.every((text) => text.startsWith('Behind Estate wagon: '))).toBe(true);
  });
  test('the worst counts', () => {
    const limit = ofWagon.find(({ verdict }) => verdict === 'over');
    expect(limit).toBeDefined();
    expect(both.steps[limit?.step ?? 'tongue'].verdict).toBe('over');
  });
  test('identities stay apart', () => {
    const ids = both.findings.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
  });
});
