import { Workbox } from 'workbox-window';
import { offlineState } from '../fields/offlineState';

/** Keeps the application in this browser, and says when a newer one waits. It is never put in place by itself: somebody may be at work. */
export const keepOffline = async (): Promise<void> => {
  const workbox = new Workbox('/sw.js');
  const newer = (): void =>
    offlineState.setState({
      takeNewer: () => {
        workbox.addEventListener('controlling', () => window.location.reload());
        workbox.messageSkipWaiting();
      },
    });
  workbox.addEventListener('waiting', newer);
  workbox.addEventListener('activated', () => offlineState.setState({ kept: 'kept' }));
  offlineState.setState({ kept: navigator.serviceWorker.controller ? 'kept' : 'taking' });
  try {
    const registration = await workbox.register();
    if (registration?.active) offlineState.setState({ kept: 'kept' });
  } catch {
    // A private window, a full disk: it goes on as before, with a network.
    offlineState.setState({ kept: 'none' });
  }
};
