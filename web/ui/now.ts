import { onScopeDispose, readonly, ref, type Ref } from 'vue'
import { houseClock } from '@/bench/houseClock'

/**
 * The time of day in the house in milliseconds, looked at again four times a second. Every clock is the difference of two
 * timestamps, so a sleeping tablet or a hidden tab makes no clock wrong.
 */
export function useNow(everyMilliseconds = 250): Readonly<Ref<number>> {
  const now = ref(houseClock.now())
  const look = () => {
    now.value = houseClock.now()
  }
  const timer = setInterval(look, everyMilliseconds)
  document.addEventListener('visibilitychange', look)
  onScopeDispose(() => {
    clearInterval(timer)
    document.removeEventListener('visibilitychange', look)
  })
  return readonly(now)
}
