import { ref } from 'vue'
import { toldBy } from '@/api/client'

/** Work that the house may refuse: whether it goes on, and what stood in its way last. */
export function useTried() {
  const trouble = ref('')
  const busy = ref(false)

  /** Does it, and tells whether it was done. */
  async function tried(work: () => Promise<unknown>): Promise<boolean> {
    busy.value = true
    try {
      await work()
      trouble.value = ''
      return true
    } catch (failure) {
      trouble.value = toldBy(failure)
      return false
    } finally {
      busy.value = false
    }
  }
  return { trouble, busy, tried }
}
