import { computed, onMounted, ref, shallowRef } from 'vue'
import { api } from '@/api/client'
import type { BatchSummary } from '@/api/types'

/** The batches of the kitchen, page after page: those under way first, then the newest. */
export function useBatches() {
  const batches = shallowRef<BatchSummary[] | null>(null)
  const next = ref<string | null>(null)
  const loading = ref(false)
  const open = computed(() => batches.value?.filter(batch => !batch.finished_at) ?? [])
  const done = computed(() => batches.value?.filter(batch => batch.finished_at) ?? [])

  async function more() {
    if (loading.value) return
    loading.value = true
    try {
      const page = await api.batches(next.value ?? undefined)
      batches.value = [...(batches.value ?? []), ...page.batches]
      next.value = page.next
    } finally {
      loading.value = false
    }
  }

  onMounted(more)
  return { batches, open, done, next, loading, more }
}
