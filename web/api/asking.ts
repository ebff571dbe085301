import { onScopeDispose, ref, shallowRef } from 'vue'
import { toldBy } from './failures'

/** Asks the core again whenever the question changes; only the newest answer counts. */
export function useAsking<Question, Answer>(
  ask: (question: Question, signal: AbortSignal) => Promise<Answer>,
) {
  const answer = shallowRef<Answer | null>(null)
  const refused = ref('')
  let asking: AbortController | null = null

  async function about(question: Question) {
    asking?.abort()
    const mine = new AbortController()
    asking = mine
    try {
      const found = await ask(question, mine.signal)
      if (asking !== mine) return
      answer.value = found
      refused.value = ''
    } catch (failure) {
      if (mine.signal.aborted) return
      refused.value = toldBy(failure)
    }
  }

  function forget() {
    asking?.abort()
    asking = null
    answer.value = null
    refused.value = ''
  }

  onScopeDispose(() => asking?.abort(), true)
  return { answer, refused, about, forget }
}
