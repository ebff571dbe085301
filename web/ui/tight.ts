import { useMediaQuery } from '@vueuse/core'
import { computed } from 'vue'
import { useAppearance } from './appearance'

/** A phone at the bench: large targets on a small screen, where only the act has room and all else waits behind its name. */
export function useTight() {
  const appearance = useAppearance()
  const isNarrow = useMediaQuery('(max-width: 48rem)')
  return computed(() => appearance.isBench && isNarrow.value)
}
