import { afterEach, describe, expect, test, vi } from 'vitest';
import { acquireWriterLock } from './writerLock';

type Callback = (lock: object | null) => Promise<void>;
interface Holder {
  readonly reject: (error: Error) => void;
}

/** A small stand-in for the browser's lock manager: one holder a name, others are refused or steal. */
const standIn = () => {
  const holders = new Map<string, Holder>();
  return {
    request: (name: string, options: { steal?: boolean; ifAvailable?: boolean }, callback: Callback): Promise<void> => {
      const holder = holders.get(name);
      if (holder && !options.steal) return callback(null);
      holder?.reject(new Error('stolen'));
      return new Promise((resolve, reject) => {
        const mine: Holder = { reject };
        holders.set(name, mine);
        void callback({}).then(() => {
          if (holders.get(name) === mine) holders.delete(name);
          resolve();
        });
      });
    },
  };
};
const settle = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));
afterEach(() => vi.unstubAllGlobals());

describe('one tab writes', () => {
  test('the first writes, the second reads until it takes over, and then the first reads', async () => {
    vi.stubGlobal('navigator', { locks: standIn() });
    const first: boolean[] = [];
    const second: boolean[] = [];
    acquireWriterLock('a', (writer) => first.push(writer));
    await settle();
    const other = acquireWriterLock('a', (writer) => second.push(writer));
    await settle();
    expect([first, second]).toEqual([[true], [false]]);
    other.takeOver();
    await settle();
    expect([first, second]).toEqual([
      [true, false],
      [false, true],
    ]);
  });
  test('a closed tab lets go, and says nothing more', async () => {
    vi.stubGlobal('navigator', { locks: standIn() });
    const first: boolean[] = [];
    const lock = acquireWriterLock('b', (writer) => first.push(writer));
    await settle();
    lock.release();
    await settle();
    const second: boolean[] = [];
    acquireWriterLock('b', (writer) => second.push(writer));
    await settle();
    expect([first, second]).toEqual([[true], [true]]);
  });
  test('different trailers do not hinder each other; without locks this tab writes', async () => {
    vi.stubGlobal('navigator', { locks: standIn() });
    const seen: boolean[] = [];
    acquireWriterLock('c', (writer) => seen.push(writer));
    acquireWriterLock('d', (writer) => seen.push(writer));
    await settle();
    vi.stubGlobal('navigator', {});
    acquireWriterLock('c', (writer) => seen.push(writer));
    expect(seen).toEqual([true, true, true]);
  });
});
