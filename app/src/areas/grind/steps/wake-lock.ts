import { useEffect } from 'react';

/** Keeps the screen awake while the page is shown, where the device can. */
export function useWakeLock(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    let left = false;
    const take = async () => {
      if (document.visibilityState !== 'visible') return;
      try {
        lock = await navigator.wakeLock.request('screen');
        if (left) void lock.release();
      } catch {
        // The device refuses, as when its battery is low: the page works without.
      }
    };
    if (!('wakeLock' in navigator)) return;
    void take();
    // A device lets the lock go when the page is hidden.
    document.addEventListener('visibilitychange', take);
    return () => {
      left = true;
      document.removeEventListener('visibilitychange', take);
      void lock?.release();
    };
  }, []);
}
