import { watchDebounced } from '@vueuse/core'
import { onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue'
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

/**
 * Asks for what goes with a number, once the number itself is not waited for any more: the two would share a processor, and
 * what the first has worked out the second need not. What was answered is not asked again.
 */
export function useAskingBehind<Question, Answer>(
  ask: (question: Question, signal: AbortSignal) => Promise<Answer>,
  question: Readonly<Ref<Question>>,
  numberIsDue: Readonly<Ref<boolean>>,
) {
  const { answer, refused, about } = useAsking(ask)
  let asked = ''
  watch(
    [question, numberIsDue],
    ([next, isDue]) => {
      if (isDue) return
      const written = JSON.stringify(next)
      if (written === asked && !refused.value) return
      asked = written
      void about(next)
    },
    { immediate: true },
  )
  return { answer, refused }
}

/** A hand that writes or pastes has come to rest. */
const SETTLES_MS = 350

/** Asks once the hand rests; where there is nothing to ask, what was answered is forgotten. */
export function useSettledAsking<Question, Answer>(
  ask: (question: Question, signal: AbortSignal) => Promise<Answer>,
  question: Readonly<Ref<Question | null>>,
) {
  const { answer, refused, about, forget } = useAsking(ask)
  watchDebounced(
    question,
    asked => {
      if (asked === null) forget()
      else void about(asked)
    },
    { debounce: SETTLES_MS, immediate: true },
  )
  return { answer, refused, about }
}
