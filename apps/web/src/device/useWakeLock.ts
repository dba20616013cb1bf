import { useEffect } from 'react';

/** Keeps the tablet's screen on while a screen of the kitchen is open, where the browser can. */
export function useWakeLock(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    const take = async () => {
      if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return;
      // Refused on low battery: the screen then sleeps as the device likes.
      const taken = await navigator.wakeLock.request('screen').catch(() => null);
      if (gone) void taken?.release();
      else lock = taken;
    };
    const onVisible = () => void take();
    onVisible();
    document.addEventListener('visibilitychange', onVisible);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', onVisible);
      void lock?.release();
    };
  }, []);
}
