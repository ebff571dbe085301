import { onMounted, onScopeDispose } from 'vue'

/** Keeps the screen awake while the page is in front, where the browser can. */
export function useWakeLock(): void {
  let lock: WakeLockSentinel | undefined

  async function hold() {
    if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return
    try {
      lock = await navigator.wakeLock.request('screen')
    } catch {
      // A low battery or a rule of the device may say no; the clocks are right all the same.
      lock = undefined
    }
  }

  onMounted(hold)
  document.addEventListener('visibilitychange', hold)
  onScopeDispose(() => {
    document.removeEventListener('visibilitychange', hold)
    void lock?.release()
  })
}
