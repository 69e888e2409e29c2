import type { DestroyRef } from '@angular/core';

/** Keeps the screen from sleeping while the bench is shown, where the browser can; asks again when the page comes back. */
export function keepAwake(destroyed: DestroyRef): void {
  let lock: WakeLockSentinel | null = null;
  const ask = (): void => {
    if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return;
    navigator.wakeLock.request('screen').then(
      (held) => (lock = held),
      // Battery saving may forbid it; the alarms still come back with the page.
      () => undefined,
    );
  };
  ask();
  document.addEventListener('visibilitychange', ask);
  destroyed.onDestroy(() => {
    document.removeEventListener('visibilitychange', ask);
    void lock?.release();
  });
}
