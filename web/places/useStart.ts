import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, Refusal, Unreachable } from '@/api/client'
import { uuid } from '@/api/uuid'
import { houseClock } from '@/bench/houseClock'
import { beginHere } from '@/bench/shelf'

/** Begins a batch of a bread and goes there, with the house or without it. A second tap while the first is on its way begins no second batch. */
export function useStart() {
  const router = useRouter()
  const trouble = ref('')
  let under: { bread: string; id: string } | null = null

  async function start(bread: string) {
    const isSecondTap = under?.bread === bread
    under ??= { bread, id: uuid() }
    if (isSecondTap) return
    const begun = { ...under, at: houseClock.moment() }
    try {
      await withOrWithoutTheHouse(begun)
      trouble.value = ''
      await router.push({ name: 'batch', params: { id: begun.id, stage: 'choose' } })
    } catch (failure) {
      if (failure instanceof Unreachable)
        trouble.value = `${failure.message} This bread was never opened on this device, so it cannot begin without.`
      else if (failure instanceof Refusal) trouble.value = failure.message
      else throw failure
    } finally {
      under = null
    }
  }

  return { start, trouble }
}

async function withOrWithoutTheHouse(begun: { id: string; bread: string; at: string }) {
  try {
    await api.startBatch(begun)
  } catch (failure) {
    if (!(failure instanceof Unreachable) || !(await beginHere(begun))) throw failure
  }
}
