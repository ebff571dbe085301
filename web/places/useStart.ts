import { useRouter } from 'vue-router'
import { api } from '@/api/client'
import { uuid } from '@/api/uuid'
import { houseClock } from '@/bench/houseClock'

/** Begins a batch of a bread and goes there. A second tap while the first is on its way begins no second batch. */
export function useStart() {
  const router = useRouter()
  let under: { bread: string; id: string } | null = null

  async function start(bread: string) {
    const isSecondTap = under?.bread === bread
    under ??= { bread, id: uuid() }
    if (isSecondTap) return
    try {
      const batch = await api.startBatch(under.id, bread, houseClock.moment())
      await router.push({ name: 'batch', params: { id: batch.id, stage: 'choose' } })
    } finally {
      under = null
    }
  }

  return { start }
}
