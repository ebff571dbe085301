import { computed } from 'vue'
import type { Batch, FeelAnswer } from '@/api/types'
import { useBatch } from './batch'

/** What is to be done about the dough as it was felt last, and that it is done: in the bowl and after the rest alike. */
export function useFeelAnswer(batch: () => Batch) {
  const store = useBatch()
  const answer = computed<FeelAnswer | undefined>(() => {
    const { bowl, feel_answers } = batch().state
    return feel_answers.find(one => one.grade === bowl.feel)
  })

  function workedIn(pieces: number) {
    if (!answer.value) return
    void store.record('corrected', {
      pieces,
      water_grams: answer.value.water_grams?.value ?? 0,
      flour_grams: answer.value.flour_grams?.value ?? 0,
    })
  }

  return { answer, workedIn }
}
