import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { api, Refusal, Unreachable } from '@/api/client'
import type { Batch, BatchEvent, EventKind, Plan, PlanRequest, Verdict } from '@/api/types'
import { uuid } from '@/api/uuid'
import { EventQueue } from '@/bench/eventQueue'
import { follow } from '@/bench/follow'
import { keepHeard, lastHeard } from '@/bench/shelf'
import { Drafts } from './drafts'

type Fields = Omit<BatchEvent, 'id' | 'kind' | 'at'>

const RETRY_MILLISECONDS = 3000
const SETTLE_MILLISECONDS = 350

/** The batch on the page: what the server says of it, what it has not heard yet, and the plan while a slider moves. */
export const useBatch = defineStore('batch', () => {
  const heard = shallowRef<Batch | null>(null)
  const preview = shallowRef<Plan | null>(null)
  /** What the cook has changed and the server has not taken yet. */
  const wanted = shallowRef<PlanRequest | null>(null)
  const queue = shallowRef<EventQueue | null>(null)
  const away = ref(false)
  const trouble = ref('')
  const waiting = computed(() => queue.value?.waiting.value ?? [])
  const unsent = computed(() => waiting.value.length)
  /** What the server said, with what was done since put on top: the page never waits for it. */
  const batch = computed<Batch | null>(() =>
    heard.value && unsent.value
      ? { ...heard.value, state: follow(heard.value.state, waiting.value) }
      : heard.value,
  )
  const plan = computed(() => preview.value ?? heard.value?.plan ?? null)
  const request = computed(() => wanted.value ?? heard.value?.request ?? null)
  const drafts = new Drafts()
  let planning: AbortController | null = null
  let keeping: Promise<void> | null = null
  let settling: ReturnType<typeof setTimeout> | undefined
  let retrying: ReturnType<typeof setTimeout> | undefined

  async function open(id: string) {
    heard.value = null
    preview.value = null
    wanted.value = null
    trouble.value = ''
    queue.value = await EventQueue.of(id)
    const answer = await fetched(id)
    take(answer)
    wanted.value = drafts.of(id, answer.version)
    await keep()
    await flush()
  }

  /** The batch from the house, or, where it does not answer, as this device last heard of it. */
  async function fetched(id: string): Promise<Batch> {
    try {
      return await api.batch(id)
    } catch (failure) {
      const known = failure instanceof Unreachable ? await lastHeard(id) : undefined
      if (!known) throw failure
      away.value = true
      return known
    }
  }

  /** Writes down what happened, on this device first; a changed plan goes ahead of what was done by it. */
  async function record(kind: EventKind, fields: Fields = {}) {
    if (!heard.value || !queue.value) return
    await queue.value.add({ id: uuid(), kind, at: new Date().toISOString(), ...fields })
    await keep()
    await flush()
  }

  async function undo() {
    // What the server has not heard of can be undone like anything else, once it has: order is kept.
    const event =
      waiting.value.filter(one => one.kind !== 'entered').at(-1)?.id ?? heard.value?.state.undoable
    if (event) await record('undone', { event })
  }

  /** Changes what the batch is planned from: the numbers follow at once, the server keeps it when the hand rests. */
  function change(next: PlanRequest) {
    if (!heard.value) return
    wanted.value = next
    drafts.keep(heard.value.id, heard.value.version, next)
    void show(next)
    clearTimeout(settling)
    settling = setTimeout(() => void keep(), SETTLE_MILLISECONDS)
  }

  async function judge(verdict: Verdict) {
    await keep()
    await attempt(async () => {
      if (heard.value) take(await api.judge(heard.value.id, heard.value.version, verdict))
    })
  }

  async function show(next: PlanRequest) {
    planning?.abort()
    planning = new AbortController()
    const mine = planning
    await attempt(async () => {
      const answer = await api.plan(next, mine.signal)
      if (mine === planning && wanted.value) preview.value = answer
    })
  }

  /** Hands the changed request to the server, one at a time, until nothing newer is wanted. */
  async function keep() {
    clearTimeout(settling)
    while (keeping) await keeping
    if (!wanted.value) return
    keeping = handOver(wanted.value)
    await keeping
    keeping = null
  }

  async function handOver(sending: PlanRequest) {
    const current = heard.value
    if (!current) return
    try {
      const answer = await api.replan(current.id, current.version, sending)
      if (wanted.value === sending) settle(current.id)
      take(answer)
    } catch (failure) {
      if (failure instanceof Unreachable) return
      if (!(failure instanceof Refusal)) throw failure
      // Refused or overtaken: show what the server has, and why.
      settle(current.id)
      trouble.value = failure.message
      await attempt(async () => take(await api.batch(current.id)))
    }
  }

  function settle(id: string) {
    wanted.value = null
    drafts.drop(id)
  }

  async function flush() {
    const current = heard.value
    const own = queue.value
    if (!current || !own) return
    await attempt(() =>
      own.flush(
        events => api.record(current.id, events),
        answer => {
          if (queue.value === own) take(answer)
        },
        (_event, why) => {
          // Another cook did it first: what is on the page says so already.
          if (!why.problem.errors[0]?.path.endsWith('.touch'))
            trouble.value = `Not taken down: ${why.message}`
        },
      ),
    )
    clearTimeout(retrying)
    if (own.waiting.value.length) retrying = setTimeout(() => void keep().then(flush), RETRY_MILLISECONDS)
  }

  /** Asks whether another tablet went on; not while the page is hidden or has something to say itself. */
  async function look() {
    const current = heard.value
    if (!current || current.finished_at || document.hidden || unsent.value || wanted.value) return
    await attempt(async () => {
      const news = await api.news(current.id, `${current.version}-${current.event_count}`)
      if (news && heard.value === current && !unsent.value) take(news)
    })
  }

  function take(answer: Batch) {
    heard.value = answer
    void keepHeard(answer)
    if (!wanted.value) preview.value = null
  }

  async function attempt(work: () => Promise<void>) {
    try {
      await work()
      away.value = false
    } catch (failure) {
      if (failure instanceof DOMException && failure.name === 'AbortError') return
      if (failure instanceof Refusal) trouble.value = failure.message
      else if (failure instanceof Unreachable) away.value = true
      else throw failure
    }
  }

  return {
    batch,
    plan,
    preview,
    request,
    waiting,
    unsent,
    away,
    trouble,
    open,
    look,
    record,
    undo,
    change,
    judge,
  }
})
