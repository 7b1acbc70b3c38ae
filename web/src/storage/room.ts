/** How much this browser keeps for this address, and what it promises; undefined where it does not say. */
export interface Room {
  readonly usedBytes: number | undefined;
  readonly quotaBytes: number | undefined;
  /** it does not throw anything away by itself */
  readonly persistent: boolean | undefined;
}

export const roomNow = async (): Promise<Room> => {
  // Only where the page came over a secure way there is anything to ask.
  const manager: StorageManager | undefined = navigator.storage;
  const [estimate, persistent] = await Promise.all([
    manager?.estimate?.().catch(() => undefined),
    manager?.persisted?.().catch(() => undefined),
  ]);
  return { usedBytes: estimate?.usage, quotaBytes: estimate?.quota, persistent };
};

const EXPORTED = 'kereta.exported-at';

/** When all of the shed was exported last, ms; undefined: never, or nobody remembers. */
export const lastExportAt = (): number | undefined => {
  try {
    const at = Number(localStorage.getItem(EXPORTED));
    return Number.isFinite(at) && at > 0 ? at : undefined;
  } catch {
    return undefined;
  }
};

export const rememberExport = (at = Date.now()): void => {
  try {
    localStorage.setItem(EXPORTED, String(at));
  } catch {
    // Nothing is kept in this window: then nothing is reminded of either.
  }
};
