import { computed, onMounted, ref, shallowRef } from 'vue'
import { api } from '@/api/client'
import type { BatchPage, BatchSummary, Sought } from '@/api/types'

/** The batches of the kitchen that are looked for, page after page: those under way first, then the newest. */
export function useBatches(sought: () => Sought = () => ({})) {
  const batches = shallowRef<BatchSummary[] | null>(null)
  const next = ref<string | null>(null)
  /** What went wrong in them, the most frequent first. */
  const recurring = shallowRef<BatchPage['recurring']>([])
  const loading = ref(false)
  const open = computed(() => batches.value?.filter(batch => !batch.finished_at) ?? [])
  const done = computed(() => batches.value?.filter(batch => batch.finished_at) ?? [])
  /** An answer to an earlier wish is no answer to this one. */
  let asked = 0

  async function more() {
    if (loading.value) return
    const wish = ++asked
    loading.value = true
    try {
      const page = await api.batches(next.value ?? undefined, sought())
      if (wish !== asked) return
      if (!batches.value) recurring.value = page.recurring
      batches.value = [...(batches.value ?? []), ...page.batches]
      next.value = page.next
    } finally {
      if (wish === asked) loading.value = false
    }
  }

  /** From the first page on, for another wish. */
  async function look() {
    const wish = ++asked
    loading.value = true
    try {
      const page = await api.batches(undefined, sought())
      if (wish !== asked) return
      batches.value = page.batches
      recurring.value = page.recurring
      next.value = page.next
    } finally {
      if (wish === asked) loading.value = false
    }
  }

  onMounted(more)
  return { batches, open, done, next, recurring, loading, more, look }
}
