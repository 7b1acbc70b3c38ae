import { createStore } from 'zustand/vanilla';

/** Whether the page works without a network, and whether a newer version waits. */
interface OfflineState {
  /** none: this browser or this address cannot keep it; taking: it is being kept */
  readonly kept: 'none' | 'taking' | 'kept';
  /** takes the newer version and loads the page anew; undefined while there is none */
  readonly takeNewer: (() => void) | undefined;
}

export const offlineState = createStore<OfflineState>(() => ({ kept: 'none', takeNewer: undefined }));
