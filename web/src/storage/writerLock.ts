/**
 * One tab writes a trailer at a time (Web Locks). `onChange(true)` when this tab may write, `onChange(false)` when another took over.
 * Where the page is not served securely there are no locks; then this tab writes.
 */
export interface WriterLock {
  readonly takeOver: () => void;
  readonly release: () => void;
}

export const acquireWriterLock = (projectId: string, onChange: (writer: boolean) => void): WriterLock => {
  if (!('locks' in navigator)) {
    onChange(true);
    return { takeOver: () => undefined, release: () => undefined };
  }
  const name = `kereta-project-${projectId}`;
  let closed = false;
  let letGo: (() => void) | undefined;

  const hold = (): Promise<void> => {
    if (closed) return Promise.resolve();
    onChange(true);
    return new Promise((resolve) => {
      letGo = resolve;
    });
  };
  const request = async (steal: boolean): Promise<void> => {
    try {
      await navigator.locks.request(name, steal ? { steal: true } : { ifAvailable: true }, async (lock) => {
        if (lock === null) {
          if (!closed) onChange(false);
          return;
        }
        await hold();
      });
    } catch {
      // Another tab took the lock from us.
      if (!closed) onChange(false);
    }
  };
  void request(false);
  return {
    takeOver: () => void request(true),
    release: () => {
      closed = true;
      letGo?.();
    },
  };
};
