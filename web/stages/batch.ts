import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { api, Refusal, Unreachable } from '@/api/client'
import type { Batch, BatchEvent, EventKind, Plan, PlanRequest, Verdict } from '@/api/types'
import { uuid } from '@/api/uuid'
import { EventQueue } from '@/bench/eventQueue'
import { Drafts } from './drafts'

type Fields = Omit<BatchEvent, 'id' | 'kind' | 'at'>

const RETRY_MILLISECONDS = 3000
const SETTLE_MILLISECONDS = 350

/** The batch on the page: what the server says of it, what it has not heard yet, and the plan while a slider moves. */
export const useBatch = defineStore('batch', () => {
  const batch = shallowRef<Batch | null>(null)
  const preview = shallowRef<Plan | null>(null)
  /** What the cook has changed and the server has not taken yet. */
  const wanted = shallowRef<PlanRequest | null>(null)
  const unsent = ref(0)
  const trouble = ref('')
  const plan = computed(() => preview.value ?? batch.value?.plan ?? null)
  const request = computed(() => wanted.value ?? batch.value?.request ?? null)
  const drafts = new Drafts()
  let queue: EventQueue | null = null
  let planning: AbortController | null = null
  let keeping: Promise<void> | null = null
  let settling: ReturnType<typeof setTimeout> | undefined
  let retrying: ReturnType<typeof setTimeout> | undefined

  async function open(id: string) {
    batch.value = null
    preview.value = null
    wanted.value = null
    trouble.value = ''
    queue = new EventQueue(id)
    const answer = await api.batch(id)
    take(answer)
    wanted.value = drafts.of(id, answer.version)
    await keep()
    await flush()
  }

  /** Writes down what happened, on this device first; a changed plan goes ahead of what was done by it. */
  async function record(kind: EventKind, fields: Fields = {}) {
    if (!batch.value || !queue) return
    queue.add({ id: uuid(), kind, at: new Date().toISOString(), ...fields })
    await keep()
    await flush()
  }

  async function undo() {
    const event = batch.value?.state.undoable
    if (event) await record('undone', { event })
  }

  /** Changes what the batch is planned from: the numbers follow at once, the server keeps it when the hand rests. */
  function change(next: PlanRequest) {
    if (!batch.value) return
    wanted.value = next
    drafts.keep(batch.value.id, batch.value.version, next)
    void show(next)
    clearTimeout(settling)
    settling = setTimeout(() => void keep(), SETTLE_MILLISECONDS)
  }

  async function judge(verdict: Verdict) {
    await keep()
    await attempt(async () => {
      if (batch.value) take(await api.judge(batch.value.id, batch.value.version, verdict))
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
    const current = batch.value
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
    const current = batch.value
    const own = queue
    if (!current || !own) return
    unsent.value = own.waiting.length
    await attempt(async () => {
      const answer = await own.flush(
        events => api.record(current.id, events),
        (_event, why) => {
          trouble.value = `Not taken down: ${why.message}`
        },
      )
      if (answer && queue === own) take(answer)
    })
    unsent.value = own.waiting.length
    clearTimeout(retrying)
    if (unsent.value > 0) retrying = setTimeout(() => void keep().then(flush), RETRY_MILLISECONDS)
  }

  function take(answer: Batch) {
    batch.value = answer
    if (!wanted.value) preview.value = null
  }

  async function attempt(work: () => Promise<void>) {
    try {
      await work()
    } catch (failure) {
      if (failure instanceof DOMException && failure.name === 'AbortError') return
      if (failure instanceof Refusal) trouble.value = failure.message
      else if (!(failure instanceof Unreachable)) throw failure
    }
  }

  return { batch, plan, preview, request, unsent, trouble, open, record, undo, change, judge }
})
