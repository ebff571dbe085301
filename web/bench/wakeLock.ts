import { onScopeDispose, watch } from 'vue'

/** Keeps the screen awake while there is reason to and the page is in front, where the browser can. */
export function useWakeLock(reason: () => boolean = () => true): void {
  let lock: WakeLockSentinel | undefined

  async function hold() {
    if (!reason() || document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return
    try {
      lock ??= await navigator.wakeLock.request('screen')
      // The browser takes it back whenever the page is hidden.
      lock.addEventListener('release', () => (lock = undefined), { once: true })
    } catch {
      // A low battery or a rule of the device may say no; the clocks are right all the same.
      lock = undefined
    }
  }

  function release() {
    void lock?.release()
    lock = undefined
  }

  const seen = () => void hold()
  watch(reason, needed => (needed ? seen() : release()), { immediate: true })
  document.addEventListener('visibilitychange', seen)
  onScopeDispose(() => {
    document.removeEventListener('visibilitychange', seen)
    release()
  })
}
