import { describe, expect, test } from 'vitest';
import { DEMO_TRAILERS } from '../demos/index.js';
import type { ProjectRecord, RecordEntry, Trailer } from '../project/index.js';
import { drivenKm, dueOf, firstTowDay, type ServiceCode, servicePlan } from './index.js';

const [apiary, oven, telescope] = DEMO_TRAILERS as [Trailer, Trailer, Trailer];
const MILE_KM = 1.609344;
const codes = (trailer: Trailer) => servicePlan(trailer).map(({ code }) => code);
const recordOf = (...entries: readonly RecordEntry[]): ProjectRecord => ({ entries: [...entries] });
const firstTow: RecordEntry = { kind: 'task', id: 'tow', date: '2026-04-01', taskId: 'first-tow', state: 'done' };
const service = (what: string, date: string, atKm: number | null): RecordEntry => ({
  kind: 'service',
  id: `s.${what}.${date}.${atKm}`,
  date,
  what,
  atKm,
});
const dueIn = (record: ProjectRecord, code: ServiceCode, today = '2026-04-02') => {
  const found = dueOf(servicePlan(apiary), record, today).find(({ task }) => task.code === code);
  if (!found) throw new Error('none');
  return found;
};

describe('the service plan', () => {
  test('it asks for what the trailer has', () => {
    expect(codes(apiary)).toEqual(
      expect.arrayContaining(['lugs', 'u-bolts', 'bearings', 'coupler', 'welds', 'coating']),
    );
    expect(codes(telescope)).not.toContain('coating');
    expect(codes(oven)).toContain('brakes');
    const cart: Trailer = {
      ...apiary,
      runningGear: { ...apiary.runningGear, layout: 'none' },
      coupling: { ...apiary.coupling, fitted: false, plug: 'none', breakaway: 'none' },
    };
    expect(codes(cart)).toEqual(['welds', 'coating', 'deck']);
    const greased: Trailer = { ...apiary, coupling: { ...apiary.coupling, kind: 'three-axis' } };
    expect(codes(greased)).toContain('three-axis');
    expect(codes(greased)).not.toContain('ball');
  });
  test('nothing is due before the first tow', () => {
    expect(dueOf(servicePlan(apiary), recordOf(), '2026-04-01').every(({ state }) => state === 'not-yet')).toBe(true);
    expect(firstTowDay(recordOf())).toBeUndefined();
  });
  test('wheel nuts at 10, 25 and 50 miles, each until it is done', () => {
    const at = (miles: number) => service('driven', '2026-04-02', miles * MILE_KM);
    expect(dueIn(recordOf(firstTow, at(5)), 'lugs')).toMatchObject({ state: 'later' });
    expect(dueIn(recordOf(firstTow, at(5)), 'lugs').atKm).toBeCloseTo(10 * MILE_KM, 9);
    expect(dueIn(recordOf(firstTow, at(11)), 'lugs').state).toBe('due');
    const once = recordOf(firstTow, service('lugs', '2026-04-02', 11 * MILE_KM));
    expect(dueIn(once, 'lugs').atKm).toBeCloseTo(25 * MILE_KM, 9);
    const thrice = recordOf(
      firstTow,
      ...[11, 26, 51].map((miles, i) => service('lugs', `2026-04-0${i + 2}`, miles * MILE_KM)),
    );
    expect(dueIn(thrice, 'lugs').atKm).toBeCloseTo((51 + 3000) * MILE_KM, 6);
    // Tightened late, once, at 60 miles: the first three are past.
    expect(dueIn(recordOf(firstTow, service('lugs', '2026-04-02', 60 * MILE_KM)), 'lugs').atKm).toBeCloseTo(
      (60 + 3000) * MILE_KM,
      6,
    );
  });
  test('bearings a year after the first tow or after 12,000 miles, whichever comes first', () => {
    const { day, atKm, state } = dueIn(recordOf(firstTow), 'bearings');
    expect([day, state]).toEqual(['2027-04-01', 'later']);
    expect(atKm).toBeCloseTo(12_000 * MILE_KM, 6);
    expect(dueIn(recordOf(firstTow), 'bearings', '2027-03-20').state).toBe('soon');
    expect(dueIn(recordOf(firstTow), 'bearings', '2027-04-01').state).toBe('due');
    expect(dueIn(recordOf(firstTow, service('driven', '2026-06-01', 20_000)), 'bearings').state).toBe('due');
    const done = recordOf(firstTow, service('bearings', '2027-04-05', 21_000));
    expect(dueIn(done, 'bearings', '2027-04-06')).toMatchObject({ day: '2028-04-04', state: 'later' });
  });
  test('distance is the most that was noted; days that are none are no days', () => {
    const record = recordOf(service('driven', '2026-04-02', 300), service('lugs', 'last week', 500));
    expect(drivenKm(record)).toBe(500);
    expect(firstTowDay(recordOf(service('driven', 'last week', 3)))).toBeUndefined();
  });
});
