import { shallowRef, watch } from 'vue'
import { useAsking } from '@/api/asking'
import { api, toldBy } from '@/api/client'
import type { Batch } from '@/api/types'

/** A batch of the record with its whole log, and the picture of its bake; none where none is named. */
export function useMade(id: () => string) {
  const batch = shallowRef<Batch | null>(null)
  const trouble = shallowRef('')
  const bakes = useAsking(api.bake)

  async function look() {
    if (!id()) return
    try {
      batch.value = await api.batch(id())
      trouble.value = ''
      void bakes.about({ request: batch.value.request })
    } catch (failure) {
      trouble.value = toldBy(failure)
    }
  }

  watch(id, look, { immediate: true })
  return { batch, trouble, bakes: bakes.answer, look }
}
