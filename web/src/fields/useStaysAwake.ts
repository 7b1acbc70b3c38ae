import { useEffect, useState } from 'react';

/** Keeps the screen on while a page is open; asked again whenever it comes back to the front. Only where the page came over a secure way. */
export const useStaysAwake = (): 'asking' | 'awake' | 'refused' => {
  const [state, setState] = useState<'asking' | 'awake' | 'refused'>('asking');
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    let gone = false;
    const ask = async (): Promise<void> => {
      if (document.visibilityState !== 'visible') return;
      try {
        const got = await navigator.wakeLock.request('screen');
        if (gone) await got.release();
        else {
          lock = got;
          setState('awake');
        }
      } catch {
        if (!gone) setState('refused');
      }
    };
    const again = (): void => void ask();
    again();
    document.addEventListener('visibilitychange', again);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', again);
      void lock?.release();
    };
  }, []);
  return state;
};
