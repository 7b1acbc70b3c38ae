import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { mergeRecord } from './mergeRecord.js';
import type { RecordEntry } from './recordSchema.js';

const log = (id: string, text = 'work'): RecordEntry => ({ kind: 'log', id, date: '2026-06-01', text, hours: 1 });
const anyRecord = fc
  .uniqueArray(fc.integer({ min: 0, max: 12 }), { maxLength: 8 })
  .map((ids) => ({ entries: ids.map((id) => log(`e${id}`)) }));
const ids = (entries: readonly RecordEntry[]) => entries.map(({ id }) => id).toSorted();

describe('two records of one trailer', () => {
  test('each entry once, whichever side begins, and again changes nothing', () => {
    fc.assert(
      fc.property(anyRecord, anyRecord, (a, b) => {
        const [ab, ba] = [mergeRecord(a, b).record, mergeRecord(b, a).record];
        expect(ids(ab.entries)).toEqual(ids(ba.entries));
        expect(new Set(ids(ab.entries)).size).toBe(ab.entries.length);
        expect(mergeRecord(ab, b)).toMatchObject({ taken: [], conflicts: [] });
        expect(mergeRecord(ab, b).record).toBe(ab);
        // What was here stays first, in its order.
        expect(ab.entries.slice(0, a.entries.length)).toEqual(a.entries);
      }),
    );
  });
  test('the same id with other words: what was here stays, and both are told', () => {
    const merged = mergeRecord({ entries: [log('a', 'here')] }, { entries: [log('a', 'there'), log('b')] });
    expect(merged.record.entries.map((entry) => entry.kind === 'log' && entry.text)).toEqual(['here', 'work']);
    expect(merged.conflicts).toEqual([{ here: log('a', 'here'), arriving: log('a', 'there') }]);
  });
  test('the order in which fields were written is no difference', () => {
    const turned = { hours: 1, text: 'work', date: '2026-06-01', id: 'a', kind: 'log' } as RecordEntry;
    expect(mergeRecord({ entries: [log('a')] }, { entries: [turned] }).conflicts).toEqual([]);
  });
});
