/**
 * One tab writes a trailer at a time (Web Locks). Who comes second waits in line: it writes as soon as the first tab closes, or at once when
 * it takes over. Who is asked to let go writes what is pending first, so that nothing typed just before is lost.
 * Where the page is not served securely there are no locks; then every tab writes, and `saveTrailer` puts nothing over what is newer.
 */
export interface WriterLock {
  readonly takeOver: () => void;
  /** lets go; whoever asks next, in this tab or another, waits until that is done */
  readonly release: () => void;
}

export interface Writer {
  /** this tab may write from now on; what lies in the database is what the last writer left */
  readonly onGranted: () => void;
  /** another tab writes, or will in a moment */
  readonly onRefused: () => void;
  /** writes what is pending, before another tab is let in */
  readonly beforeLettingGo: () => Promise<void>;
}

/** A tab that does not answer within this time is passed over: it hangs, or is asleep, ms. */
const ANSWERS_WITHIN_MS = 3000;

/** A tab that waited before steps back for this long when another one asks to go first, ms. */
const STEPS_BACK_MS = 300;

/** "Let me write this trailer", to all other tabs. */
interface LetGo {
  readonly projectId: string;
  readonly asker: string;
}

/** Locks of this tab that are being given back; the browser takes a moment to hear of it. */
const givingBack = new Map<string, Promise<unknown>>();
let tabs = 0;

const hasLocks = (): boolean => {
  try {
    return 'locks' in navigator && navigator.locks !== undefined;
  } catch {
    return false;
  }
};

export const acquireWriterLock = (projectId: string, writer: Writer): WriterLock => {
  if (!hasLocks()) {
    writer.onGranted();
    return { takeOver: () => undefined, release: () => undefined };
  }
  const name = `kereta-project-${projectId}`;
  tabs += 1;
  const me = `${Math.random().toString(36).slice(2)}.${tabs}`;
  const channel = new BroadcastChannel('kereta-writers');
  let closed = false;
  /** ends the holding of the lock */
  let letGo: (() => void) | undefined;
  /** settles when the lock that was asked for last is given back */
  let asked: Promise<unknown> = Promise.resolve();
  let inLine: AbortController | undefined;
  let impatient: ReturnType<typeof setTimeout> | undefined;

  const ask = (options: LockOptions, onNone?: () => void): void => {
    let held = false;
    asked = navigator.locks
      .request(name, options, (lock) => {
        if (closed) return undefined;
        if (lock === null) return onNone?.();
        held = true;
        inLine = undefined;
        clearTimeout(impatient);
        writer.onGranted();
        return new Promise<void>((resolve) => {
          letGo = resolve;
        });
      })
      .catch(() => {
        // No longer waited for; or taken away by a tab that had waited too long.
        if (!held || closed) return;
        letGo = undefined;
        writer.onRefused();
        standInLine();
      });
  };
  const standInLine = (): void => {
    if (closed || inLine) return;
    inLine = new AbortController();
    ask({ signal: inLine.signal });
  };
  const leaveLine = (): void => {
    inLine?.abort();
    inLine = undefined;
  };

  channel.addEventListener('message', ({ data }: MessageEvent<LetGo>) => {
    if (closed || data.projectId !== projectId || data.asker === me) return;
    if (letGo) {
      void writer
        .beforeLettingGo()
        .catch(() => undefined)
        .then(() => {
          if (!letGo) return;
          letGo();
          letGo = undefined;
          writer.onRefused();
          standInLine();
        });
      return;
    }
    // Whoever asks goes first: this tab stands at the end of the line again.
    leaveLine();
    setTimeout(standInLine, STEPS_BACK_MS);
  });

  void Promise.resolve(givingBack.get(name)).then(() => {
    if (closed) return;
    ask({ ifAvailable: true }, () => {
      writer.onRefused();
      // Not within the answer of this request, which is still being given.
      setTimeout(standInLine, 0);
    });
  });
  return {
    takeOver: () => {
      if (closed || letGo) return;
      // oxlint-disable-next-line unicorn/require-post-message-target-origin -- a channel is of one origin and takes none
      channel.postMessage({ projectId, asker: me } satisfies LetGo);
      clearTimeout(impatient);
      impatient = setTimeout(() => {
        if (closed || letGo) return;
        leaveLine();
        ask({ steal: true });
      }, ANSWERS_WITHIN_MS);
    },
    release: () => {
      closed = true;
      clearTimeout(impatient);
      channel.close();
      leaveLine();
      if (!letGo) return;
      givingBack.set(name, asked);
      letGo();
    },
  };
};
