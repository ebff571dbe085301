import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, toldBy } from '@/api/client'
import { uuid } from '@/api/uuid'
import { houseClock } from '@/bench/houseClock'
import { useHouse } from '@/bench/house'

/** Begins the next batch of a trial and goes there; a second tap while the first is on its way begins no second. */
export function useTrialBatch() {
  const router = useRouter()
  const house = useHouse()
  const trouble = ref('')
  let isUnderWay = false

  async function begin(trial: string) {
    if (isUnderWay) return
    isUnderWay = true
    try {
      const batch = await api.startTrialBatch(trial, { id: uuid(), at: houseClock.moment() })
      await house.refresh()
      await router.push({ name: 'batch', params: { id: batch.id, stage: 'choose' } })
    } catch (failure) {
      trouble.value = toldBy(failure)
    } finally {
      isUnderWay = false
    }
  }

  return { begin, trouble }
}
