import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { api, Refusal, Unreachable } from '@/api/client'
import type { Batch, BatchEvent, EventKind, Plan, PlanRequest, Verdict } from '@/api/types'
import { uuid } from '@/api/uuid'
import { EventQueue } from '@/bench/eventQueue'

type Fields = Omit<BatchEvent, 'id' | 'kind' | 'at'>

const RETRY_MILLISECONDS = 3000
const SETTLE_MILLISECONDS = 350

/** The batch on the page: what the server says of it, what it has not heard yet, and the plan while a slider moves. */
export const useBatch = defineStore('batch', () => {
  const batch = shallowRef<Batch | null>(null)
  const preview = shallowRef<Plan | null>(null)
  const request = shallowRef<PlanRequest | null>(null)
  const unsent = ref(0)
  const trouble = ref('')
  const plan = computed(() => preview.value ?? batch.value?.plan ?? null)
  let queue: EventQueue | null = null
  let planning: AbortController | null = null
  let settling: ReturnType<typeof setTimeout> | undefined
  let retrying: ReturnType<typeof setTimeout> | undefined

  async function open(id: string) {
    batch.value = null
    preview.value = null
    trouble.value = ''
    queue = new EventQueue(id)
    take(await api.batch(id))
    await takeUpDraft(id)
    await flush()
  }

  /** Writes down what happened, on this device first. */
  async function record(kind: EventKind, fields: Fields = {}) {
    if (!batch.value || !queue) return
    queue.add({ id: uuid(), kind, at: new Date().toISOString(), ...fields })
    await flush()
  }

  async function undo() {
    const event = batch.value?.state.undoable
    if (event) await record('undone', { event })
  }

  /** Changes what the batch is planned from: the numbers follow at once, the server keeps it when the hand rests. */
  function change(next: PlanRequest) {
    if (!batch.value) return
    request.value = next
    localStorage.setItem(
      draftKey(batch.value.id),
      JSON.stringify({ version: batch.value.version, request: next }),
    )
    void show(next)
    clearTimeout(settling)
    settling = setTimeout(() => void keep(), SETTLE_MILLISECONDS)
  }

  async function judge(verdict: Verdict) {
    if (!batch.value) return
    await attempt(async () =>
      take(await api.judge(batch.value?.id ?? '', batch.value?.version ?? 0, verdict)),
    )
  }

  async function show(next: PlanRequest) {
    planning?.abort()
    planning = new AbortController()
    const mine = planning
    await attempt(async () => {
      const plan = await api.plan(next, mine.signal)
      if (mine === planning) preview.value = plan
    })
  }

  async function keep() {
    const wanted = request.value
    if (!batch.value || !wanted) return
    const id = batch.value.id
    const kept = await attempt(async () => {
      const answer = await api.replan(id, batch.value?.version ?? 0, wanted)
      if (request.value === wanted) {
        localStorage.removeItem(draftKey(id))
        take(answer)
      } else if (batch.value) {
        batch.value = { ...batch.value, version: answer.version }
      }
    })
    if (!kept && trouble.value) await reload(id)
  }

  /** A refused or overtaken change: show what the server has, and why. */
  async function reload(id: string) {
    const why = trouble.value
    localStorage.removeItem(draftKey(id))
    await attempt(async () => take(await api.batch(id)))
    trouble.value = why
  }

  async function takeUpDraft(id: string) {
    const text = localStorage.getItem(draftKey(id))
    if (!text || !batch.value) return
    const draft = JSON.parse(text) as { version: number; request: PlanRequest }
    if (draft.version !== batch.value.version) return localStorage.removeItem(draftKey(id))
    request.value = draft.request
    await keep()
  }

  async function flush() {
    const current = batch.value
    if (!current || !queue) return
    const own = queue
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
    if (unsent.value > 0) retrying = setTimeout(() => void flush(), RETRY_MILLISECONDS)
  }

  function take(answer: Batch) {
    batch.value = answer
    request.value = answer.request
    preview.value = null
  }

  async function attempt(work: () => Promise<void>): Promise<boolean> {
    try {
      await work()
      return true
    } catch (failure) {
      if (failure instanceof DOMException && failure.name === 'AbortError') return false
      if (failure instanceof Refusal) trouble.value = failure.message
      else if (!(failure instanceof Unreachable)) throw failure
      return false
    }
  }

  return { batch, plan, request, unsent, trouble, open, record, undo, change, judge }
})

function draftKey(id: string): string {
  return `mill.draft.${id}`
}
