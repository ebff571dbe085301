import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { mergePatch } from '@/api/mergePatch'
import { api, isFinal, Refusal, toldBy, Unreachable } from '@/api/client'
import type { Batch, BatchChange, BatchEvent, EventKind, Plan, PlanRequest, VerdictToGive } from '@/api/types'
import { uuid } from '@/api/uuid'
import { tellBegun } from '@/bench/begin'
import { EventQueue } from '@/bench/eventQueue'
import { asWeighed } from './asWeighed'
import { shown } from './judge/verdict'
import { follow } from '@/bench/follow'
import { houseClock } from '@/bench/houseClock'
import {
  dropVerdict,
  keepHeard,
  keepVerdict,
  lastHeard,
  pendingVerdict,
  type PendingVerdict,
} from '@/bench/shelf'
import { Drafts } from './drafts'
import { rebase } from './rebase'

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
  /** A verdict that the server has not taken yet. */
  const judged = shallowRef<PendingVerdict | null>(null)
  const away = ref(false)
  const trouble = ref('')
  const waiting = computed(() => queue.value?.waiting.value ?? [])
  const unsent = computed(() => waiting.value.length)
  /** What the server said, with what was done since put on top: the page never waits for it. */
  const batch = computed<Batch | null>(
    () =>
      heard.value && {
        ...heard.value,
        ...(unsent.value ? { state: follow(heard.value.state, waiting.value) } : {}),
        ...(judged.value ? { verdict: shown(judged.value.verdict) } : {}),
      },
  )
  const plan = computed(() => batch.value && asWeighed(preview.value ?? batch.value.plan, batch.value))
  const request = computed(() => wanted.value ?? heard.value?.request ?? null)
  /** What was undone last, until something else is done. */
  const undone = shallowRef<BatchEvent | null>(null)
  /** The last entry worth undoing. What the server has not heard of can be undone like anything else, once it has: order is kept. */
  const undoable = computed<BatchEvent | null>(() => {
    const undoes = new Set(waiting.value.map(one => one.event))
    const last = waiting.value
      .filter(one => one.kind !== 'entered' && one.kind !== 'undone' && !undoes.has(one.id))
      .at(-1)
    const known = heard.value?.state.undoable_event ?? null
    return last ?? (known && !undoes.has(known.id) ? known : null)
  })
  const drafts = new Drafts()
  /** The batch that the house is known to know of; of one that was begun on this device it may not have heard. */
  let known = ''
  let planning: AbortController | null = null
  let keeping: Promise<void> | null = null
  let settling: ReturnType<typeof setTimeout> | undefined
  let retrying: ReturnType<typeof setTimeout> | undefined
  /** What a wish is sent by: the same wish sent again, after an answer that was lost, is granted once. */
  let sending: { wanted: PlanRequest; id: string } | null = null

  async function open(id: string) {
    heard.value = null
    judged.value = null
    preview.value = null
    wanted.value = null
    trouble.value = ''
    undone.value = null
    queue.value = await EventQueue.of(id)
    judged.value = (await pendingVerdict(id)) ?? null
    const answer = await fetched(id)
    await queue.value.dropTaken(new Set(answer.events?.map(event => event.id)))
    take(answer)
    wanted.value = drafts.of(id, answer.version, answer.request)
    await keep()
    await flush()
  }

  /** The batch from the house, or, where it does not answer, as this device last heard of it. */
  async function fetched(id: string): Promise<Batch> {
    try {
      await tell(id)
      return await api.batch(id)
    } catch (failure) {
      const kept = failure instanceof Unreachable || known !== id ? await lastHeard(id) : undefined
      if (!kept) throw failure
      if (!(failure instanceof Refusal)) away.value = true
      else if (failure.status !== 401)
        trouble.value = `The house will not have this batch: ${failure.message} It stays on this device.`
      return kept
    }
  }

  /** Before anything is said of a batch the house knows of it. */
  async function tell(id: string) {
    if (known === id) return
    await tellBegun(id)
    known = id
  }

  /** Writes down what happened, on this device first; a changed plan goes ahead of what was done by it. */
  async function record(kind: EventKind, fields: Fields = {}, at = houseClock.moment()) {
    if (!heard.value || !queue.value) return
    if (kind !== 'entered' && kind !== 'undone') undone.value = null
    await queue.value.add({ ...fields, id: uuid(), kind, at })
    await keep()
    await flush()
  }

  async function undo() {
    const last = undoable.value
    if (!last) return
    await record('undone', { event: last.id })
    undone.value = last
  }

  /** Sends what was undone once more, as it was and with its own time. */
  async function redo() {
    if (!undone.value) return
    await record(undone.value.kind, undone.value, undone.value.at)
  }

  /** Changes what the batch is planned from: the numbers follow at once, the server keeps it when the hand rests. */
  function change(next: PlanRequest) {
    if (!heard.value) return
    wanted.value = next
    drafts.keep(heard.value.id, heard.value.version, next, heard.value.request)
    void show(next)
    clearTimeout(settling)
    settling = setTimeout(() => void keep(), SETTLE_MILLISECONDS)
  }

  /** Changes the plan by what a warning says would mend it. */
  function mend(patch: Record<string, unknown>) {
    if (request.value) change(mergePatch(request.value, patch))
  }

  /** Leaves this batch out of what is learned, or takes it in again. */
  async function leaveOut(out: boolean) {
    const current = heard.value
    if (!current) return
    await attempt(async () => take(await api.leaveOut(current.id, out)))
  }

  /** Writes the verdict down on this device first; the server has it as soon as it answers. */
  async function judge(verdict: VerdictToGive) {
    if (!heard.value) return
    judged.value = { batch: heard.value.id, id: uuid(), verdict }
    await keepVerdict(judged.value)
    await keep()
    await flush()
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

  async function handOver(wish: PlanRequest) {
    const current = heard.value
    if (!current) return
    if (sending?.wanted !== wish) sending = { wanted: wish, id: uuid() }
    try {
      await tell(current.id)
      const answer = await api.replan(current.id, current.version, wish, sending.id)
      if (wanted.value === wish) settle(current.id)
      take(answer)
    } catch (failure) {
      await refused(failure, current, wish)
    }
  }

  /** What the server will never take is shown and let go; anything else stays on this device and is sent again. */
  async function refused(failure: unknown, current: Batch, wish: PlanRequest) {
    if (failure instanceof Unreachable) {
      away.value = true
      tryAgain()
      return
    }
    if (!(failure instanceof Refusal)) throw failure
    if (failure.status === 409) return overtaken(current, wish)
    if (isFinal(failure)) {
      settle(current.id)
      trouble.value = failure.message
      await attempt(async () => take(await api.batch(current.id)))
      return
    }
    trouble.value = `Not kept by the house yet (${failure.message}) Your change stays on this device and is sent again.`
    tryAgain()
  }

  /** Another cook was quicker: this one's change goes on top of theirs. */
  async function overtaken(before: Batch, wish: PlanRequest) {
    await attempt(async () => {
      const theirs = await api.batch(before.id)
      if (wanted.value === wish) {
        wanted.value = rebase(before.request, wish, theirs.request)
        drafts.keep(theirs.id, theirs.version, wanted.value, theirs.request)
      }
      take(theirs)
      trouble.value = 'Another cook changed this batch meanwhile; your change was put on top of theirs.'
      tryAgain()
    })
  }

  function tryAgain() {
    clearTimeout(retrying)
    retrying = setTimeout(() => void keep().then(flush), RETRY_MILLISECONDS)
  }

  function settle(id: string) {
    wanted.value = null
    drafts.drop(id)
  }

  async function flush() {
    const current = heard.value
    const own = queue.value
    if (!current || !own) return
    await attempt(async () => {
      await tell(current.id)
      await own.flush(
        events =>
          api.record(
            current.id,
            events,
            heard.value?.id === current.id ? heard.value.event_count : undefined,
          ),
        answer => {
          if (queue.value === own) take(answer)
        },
        (_event, why) => {
          // Another cook did it first: what is on the page says so already.
          if (!why.problem.errors[0]?.path.endsWith('.touch'))
            trouble.value = `Not taken down: ${why.message}`
        },
      )
    })
    await handOverVerdict()
    if (own.waiting.value.length || wanted.value || judged.value) tryAgain()
  }

  /** After everything that happened before it. */
  async function handOverVerdict() {
    const pending = judged.value
    const current = heard.value
    if (!pending || !current || unsent.value || wanted.value) return
    try {
      take(await api.judge(pending.batch, current.version, pending.verdict, pending.id))
    } catch (failure) {
      if (failure instanceof Refusal && failure.status === 409) {
        await attempt(async () => take(await api.batch(current.id)))
        return
      }
      if (!isFinal(failure)) {
        if (!(failure instanceof Refusal || failure instanceof Unreachable)) throw failure
        away.value = away.value || failure instanceof Unreachable
        return
      }
      trouble.value = `The verdict was not taken down: ${toldBy(failure)}`
    }
    judged.value = null
    await dropVerdict(pending.batch)
  }

  /** Asks whether another tablet went on; not while the page is hidden or has something to say itself. */
  async function look() {
    const current = heard.value
    if (!current || current.finished_at || document.hidden || unsent.value || wanted.value) return
    await attempt(async () => {
      await tell(current.id)
      const news = await api.news(current.id, `${current.version}-${current.event_count}`)
      if (news && heard.value === current && !unsent.value) take(news)
    })
  }

  /** The whole batch, or what an entry changed of it; where the plan is another than this page has, the whole is asked for. */
  function take(answer: Batch | BatchChange) {
    const before = heard.value
    if ('plan' in answer) heard.value = answer
    else if (before?.id !== answer.id) return
    // Overtaken by what was heard meanwhile of more of the log.
    else if (answer.event_count < before.event_count) return
    else {
      const isBesideIt = answer.since === null || answer.since === before.event_count
      if (isBesideIt)
        heard.value = {
          ...before,
          state: { ...before.state, ...answer.state },
          event_count: answer.event_count,
        }
      if (!isBesideIt || before.version !== answer.version)
        void attempt(async () => take(await api.batch(answer.id)))
    }
    if (heard.value) void keepHeard(heard.value)
    if (!wanted.value) preview.value = null
  }

  async function attempt(work: () => Promise<void>) {
    try {
      await work()
      away.value = false
    } catch (failure) {
      if (failure instanceof DOMException && failure.name === 'AbortError') return
      // Who the cook is is asked for on the spot, and then all is sent.
      if (failure instanceof Refusal && failure.status !== 401) trouble.value = failure.message
      else if (failure instanceof Refusal) return
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
    judged,
    away,
    trouble,
    open,
    look,
    record,
    undo,
    redo,
    undoable,
    undone,
    change,
    mend,
    judge,
    leaveOut,
  }
})
