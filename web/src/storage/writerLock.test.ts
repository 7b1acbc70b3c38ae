import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { acquireWriterLock } from './writerLock';

type Callback = (lock: object | null) => Promise<void> | undefined;
interface Waiting {
  readonly start: () => void;
}

/** A small stand-in for the browser's lock manager: one holder a name, a line behind it, refusing or stealing on request. */
const standIn = () => {
  const holders = new Map<string, { reject: (error: Error) => void }>();
  const lines = new Map<string, Waiting[]>();
  const next = (name: string): void => lines.get(name)?.shift()?.start();
  return {
    request: (
      name: string,
      options: { steal?: boolean; ifAvailable?: boolean; signal?: AbortSignal },
      callback: Callback,
    ): Promise<unknown> => {
      const hold = (): Promise<unknown> =>
        new Promise((resolve, reject) => {
          const mine = { reject };
          holders.set(name, mine);
          void Promise.resolve(callback({})).then(() => {
            if (holders.get(name) !== mine) return;
            holders.delete(name);
            resolve(undefined);
            next(name);
          });
        });
      const holder = holders.get(name);
      if (!holder) return hold();
      if (options.ifAvailable) return Promise.resolve(callback(null));
      if (options.steal) {
        holder.reject(new Error('stolen'));
        return hold();
      }
      return new Promise((resolve, reject) => {
        const waiting: Waiting = { start: () => resolve(hold()) };
        lines.set(name, [...(lines.get(name) ?? []), waiting]);
        options.signal?.addEventListener('abort', () => {
          lines.set(
            name,
            (lines.get(name) ?? []).filter((other) => other !== waiting),
          );
          reject(new Error('not waited for'));
        });
      });
    },
  };
};

/** Tells every other channel of the name, in its own turn, like the browser does. */
class Channel extends EventTarget {
  static readonly open = new Set<Channel>();
  constructor(readonly name: string) {
    super();
    Channel.open.add(this);
  }
  postMessage(data: unknown): void {
    for (const other of Channel.open)
      if (other !== this && other.name === this.name)
        queueMicrotask(() => other.dispatchEvent(Object.assign(new Event('message'), { data })));
  }
  close(): void {
    Channel.open.delete(this);
  }
}

const tab = (id: string, told: string[], name: string, flush: () => Promise<void> = async () => undefined) =>
  acquireWriterLock(id, {
    onGranted: () => told.push(`${name} writes`),
    onRefused: () => told.push(`${name} reads`),
    beforeLettingGo: async () => {
      await flush();
      told.push(`${name} has saved`);
    },
  });
const settle = (ms = 0): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

beforeEach(() => {
  vi.stubGlobal('navigator', { locks: standIn() });
  vi.stubGlobal('BroadcastChannel', Channel);
});
afterEach(() => {
  vi.unstubAllGlobals();
  vi.useRealTimers();
  Channel.open.clear();
});

describe('one tab writes', () => {
  test('the second reads; when it takes over, the first saves before it lets go', async () => {
    const told: string[] = [];
    tab('a', told, 'first', () => settle(20));
    await settle();
    const second = tab('a', told, 'second');
    await settle(5);
    expect(told).toEqual(['first writes', 'second reads']);
    second.takeOver();
    await settle(60);
    expect(told.slice(2)).toEqual(['first has saved', 'first reads', 'second writes']);
  });
  test('whoever waits writes as soon as the tab before it closes', async () => {
    const told: string[] = [];
    const first = tab('b', told, 'first');
    await settle();
    tab('b', told, 'second');
    await settle(5);
    first.release();
    await settle(5);
    expect(told).toEqual(['first writes', 'second reads', 'second writes']);
  });
  test('the next page of the same tab waits for the one before it instead of being refused', async () => {
    const told: string[] = [];
    for (let visit = 0; visit < 6; visit += 1) {
      const page = tab('c', told, `page ${visit}`);
      await settle();
      page.release();
    }
    expect(told).toEqual(Array.from({ length: 6 }, (_, visit) => `page ${visit} writes`));
  });
  test('of two that wait, the one that asks goes first', async () => {
    const told: string[] = [];
    tab('d', told, 'first');
    await settle();
    tab('d', told, 'second');
    await settle(5);
    const third = tab('d', told, 'third');
    await settle(5);
    third.takeOver();
    await settle(40);
    expect(told.at(-1)).toBe('third writes');
  });
  test('a tab that gives no answer is passed over', async () => {
    vi.useFakeTimers();
    const told: string[] = [];
    tab('e', told, 'first', () => new Promise<void>(() => undefined));
    await vi.advanceTimersByTimeAsync(1);
    const second = tab('e', told, 'second');
    await vi.advanceTimersByTimeAsync(5);
    second.takeOver();
    await vi.advanceTimersByTimeAsync(2000);
    expect(told).toEqual(['first writes', 'second reads']);
    await vi.advanceTimersByTimeAsync(2000);
    expect(told.slice(2).sort()).toEqual(['first reads', 'second writes']);
  });
  test('without locks every tab writes: saving puts nothing over what is newer', () => {
    vi.stubGlobal('navigator', {});
    const told: string[] = [];
    tab('f', told, 'first');
    tab('f', told, 'second');
    expect(told).toEqual(['first writes', 'second writes']);
  });
});
