import { onScopeDispose, readonly, ref, type Ref } from 'vue'

/**
 * The time of day in milliseconds, looked at again four times a second. Every clock is the difference of two
 * timestamps, so a sleeping tablet or a hidden tab makes no clock wrong.
 */
export function useNow(everyMilliseconds = 250): Readonly<Ref<number>> {
  const now = ref(Date.now())
  const look = () => {
    now.value = Date.now()
  }
  const timer = setInterval(look, everyMilliseconds)
  document.addEventListener('visibilitychange', look)
  onScopeDispose(() => {
    clearInterval(timer)
    document.removeEventListener('visibilitychange', look)
  })
  return readonly(now)
}
