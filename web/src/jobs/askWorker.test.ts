import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { askAgain, inWorker, NoAnswer, WorkerEnded } from './askWorker';

/** Stands in for the browser's worker: it is begun and ended, and never says anything by itself. */
class Silent extends EventTarget {
  static readonly begun: Silent[] = [];
  ended = false;
  constructor() {
    super();
    Silent.begun.push(this);
  }
  postMessage(): void {}
  terminate(): void {
    this.ended = true;
  }
}

const never = <R>(): Promise<R> => new Promise(() => undefined);

beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal('Worker', Silent);
  Silent.begun.length = 0;
});
afterEach(() => {
  for (const worker of Silent.begun) worker.dispatchEvent(new Event('error'));
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

describe('a watched worker', () => {
  test('an answer is an answer, and the worker stays', async () => {
    await expect(inWorker(() => Promise.resolve(7))).resolves.toBe(7);
    await inWorker(() => Promise.resolve(8));
    expect(Silent.begun).toHaveLength(1);
    expect(Silent.begun[0]?.ended).toBe(false);
  });
  test('a job without a sign of life is ended; what waited beside it is asked again of a new worker', async () => {
    const hung = inWorker(() => never<number>(), 1000).catch((error: unknown) => error);
    const beside = inWorker(() => never<number>(), 60_000).catch((error: unknown) => error);
    await vi.advanceTimersByTimeAsync(1001);
    expect(await hung).toBeInstanceOf(NoAnswer);
    const ended = await beside;
    expect(ended).toBeInstanceOf(WorkerEnded);
    expect(askAgain(0, ended as Error)).toBe(true);
    expect(askAgain(0, (await hung) as Error)).toBe(false);
    expect(Silent.begun[0]?.ended).toBe(true);
    await expect(inWorker(() => Promise.resolve(9))).resolves.toBe(9);
    expect(Silent.begun).toHaveLength(2);
  });
  test('a job that reports may take as long as it needs', async () => {
    let alive: () => void = () => undefined;
    let finish: (value: number) => void = () => undefined;
    const long = inWorker<number>((_tasks, sign) => {
      alive = sign;
      return new Promise((resolve) => {
        finish = resolve;
      });
    }, 1000);
    for (let second = 0; second < 10; second += 1) {
      await vi.advanceTimersByTimeAsync(900);
      alive();
    }
    finish(5);
    await expect(long).resolves.toBe(5);
  });
  test('where several wait, the one that worked last is the one that hangs', async () => {
    const waits = inWorker(() => never<number>(), 1000).catch((error: unknown) => error);
    const hung = inWorker<number>((_host, alive) => {
      alive();
      return never<number>();
    }, 1000).catch((error: unknown) => error);
    await vi.advanceTimersByTimeAsync(2100);
    expect(await hung).toBeInstanceOf(NoAnswer);
    expect(await waits).toBeInstanceOf(WorkerEnded);
  });
  test('a worker that cannot be loaded is no wait without end', async () => {
    const waiting = inWorker(() => never<number>()).catch((error: unknown) => error);
    Silent.begun[0]?.dispatchEvent(new Event('error'));
    expect(await waiting).toBeInstanceOf(NoAnswer);
  });
});
