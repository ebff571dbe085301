import { onScopeDispose, ref, shallowRef } from 'vue'
import { api, toldBy } from '@/api/client'
import type { Practice, PracticeAct, PracticeQuestion } from '@/api/types'

const LOOK_MILLISECONDS = 400

/** The seconds on the practice griddle: a difference of two times, so no sleep or tab switch makes it wrong. */
export function practiceSeconds(startedAt: number, now: number, pace: number): number {
  return Math.max(0, ((now - startedAt) / 1000) * pace)
}

/** One bread on the practice griddle: what was done, and what is seen now. */
export function usePractice(pace: () => number) {
  const seen = shallowRef<Practice | null>(null)
  const acts = ref<PracticeAct[]>([])
  const trouble = ref('')
  const running = ref(false)
  let puzzle: PracticeQuestion['puzzle'] = 'steady'
  let startedAt = 0
  /** The pace of a bread is settled when it is laid. */
  let ownPace = 1
  let timer: ReturnType<typeof setTimeout> | undefined
  let round = 0

  const seconds = () => practiceSeconds(startedAt, Date.now(), ownPace)

  async function look(now: number) {
    const mine = ++round
    try {
      const answer = await api.practice({ puzzle, acts: acts.value, now_seconds: Math.min(3599, now) })
      if (mine !== round) return
      seen.value = answer
      trouble.value = ''
      if (answer.lifted) running.value = false
    } catch (failure) {
      trouble.value = toldBy(failure)
    }
    if (running.value && mine === round) timer = setTimeout(() => void look(seconds()), LOOK_MILLISECONDS)
  }

  async function show(chosen: PracticeQuestion['puzzle']) {
    clearTimeout(timer)
    puzzle = chosen
    running.value = false
    acts.value = []
    await look(0)
  }

  function lay() {
    clearTimeout(timer)
    acts.value = []
    startedAt = Date.now()
    ownPace = pace()
    running.value = true
    void look(0)
  }

  function act(what: PracticeAct['act'], celsius?: number) {
    if (!running.value) return
    clearTimeout(timer)
    const at = Math.round(seconds() * 10) / 10
    acts.value = [...acts.value, { act: what, at_seconds: at, ...(celsius === undefined ? {} : { celsius }) }]
    void look(at)
  }

  onScopeDispose(() => {
    running.value = false
    clearTimeout(timer)
  })
  return { seen, acts, trouble, running, seconds, show, lay, act }
}
