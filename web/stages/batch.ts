import { defineStore } from 'pinia'
import { computed } from 'vue'
import { mergePatch } from '@/api/mergePatch'
import { api } from '@/api/client'
import type { Batch, EventKind, PlanRequest, VerdictToGive } from '@/api/types'
import { follow } from '@/bench/follow'
import { laterBy, minutesOverdue } from '@/bench/overdue'
import { useNow } from '@/ui/now'
import { asWeighed } from './asWeighed'
import { shown } from './judge/verdict'
import { Heard } from './store/heard'
import { Judged } from './store/judged'
import { type Fields, Log } from './store/log'
import { Wish } from './store/wish'

const RETRY_MILLISECONDS = 3000
/** How often it is looked whether something is overdue, which counts in minutes. */
const OVERDUE_MILLISECONDS = 5000

/** The batch on the page: what the house said of it, what was done since, what is wished of its plan, and how it was judged. */
export const useBatch = defineStore('batch', () => {
  const heard = new Heard(() => wish.heardAgain())
  const log = new Log(heard)
  const wish = new Wish(heard, tryAgain)
  const judged = new Judged(heard)
  let retrying: ReturnType<typeof setTimeout> | undefined

  /** What the server said, with what was done since put on top: the page never waits for it. */
  const told = computed<Batch | null>(
    () =>
      heard.batch.value && {
        ...heard.batch.value,
        ...(log.unsent.value ? { state: follow(heard.batch.value.state, log.waiting.value) } : {}),
        ...(judged.pending.value ? { verdict: shown(judged.pending.value.verdict) } : {}),
      },
  )
  const now = useNow(OVERDUE_MILLISECONDS)
  const overdue = computed(() =>
    told.value && !told.value.finished_at ? minutesOverdue(told.value.state.line, now.value) : 0,
  )
  /** What should have begun by now and has not begins now at the soonest. */
  const batch = computed<Batch | null>(
    () =>
      told.value && {
        ...told.value,
        state: laterBy(told.value.state, overdue.value),
      },
  )
  const plan = computed(() => batch.value && asWeighed(wish.preview.value ?? batch.value.plan, batch.value))
  const request = computed(() => wish.wanted.value ?? heard.batch.value?.request ?? null)

  async function open(id: string) {
    heard.forget()
    judged.forget()
    wish.forget()
    await log.open(id)
    await judged.open(id)
    const answer = await heard.fetched(id)
    await log.dropTaken(answer.events ?? [])
    heard.take(answer)
    wish.open(answer)
    await send()
  }

  /** A changed plan goes ahead of what was done by it, and a verdict after everything that happened before it. */
  async function send() {
    await wish.keep()
    const waits = await log.flush()
    if (!log.unsent.value && !wish.wanted.value) await judged.handOver()
    if (waits || wish.wanted.value || judged.pending.value) tryAgain()
  }

  function tryAgain() {
    clearTimeout(retrying)
    retrying = setTimeout(() => void send(), RETRY_MILLISECONDS)
  }

  /** Writes down what happened, on this device first. */
  async function record(kind: EventKind, fields: Fields = {}, at?: string) {
    if (await log.add(kind, fields, at)) await send()
  }

  async function undo() {
    const last = log.undoable.value
    if (!last) return
    await record('undone', { event: last.id })
    log.undone.value = last
  }

  /** Sends what was undone once more, as it was and with its own time. */
  async function redo() {
    const undone = log.undone.value
    if (undone) await record(undone.kind, undone, undone.at)
  }

  /** Changes the plan by what a warning says would mend it. */
  function mend(patch: Record<string, unknown>) {
    if (request.value) wish.change(mergePatch(request.value, patch))
  }

  /** Leaves this batch out of what is learned, or takes it in again. */
  async function leaveOut(out: boolean) {
    const current = heard.batch.value
    if (current) await heard.attempt(async () => heard.take(await api.leaveOut(current.id, out)))
  }

  async function judge(verdict: VerdictToGive) {
    await judged.give(verdict)
    await send()
  }

  /** Asks whether another tablet went on; not while the page is hidden or has something to say itself. */
  const look = () => heard.look(() => !log.unsent.value && !wish.wanted.value)

  return {
    batch,
    plan,
    preview: wish.preview,
    isPlanning: wish.isPlanning,
    plansShown: wish.plansShown,
    request,
    waiting: log.waiting,
    unsent: log.unsent,
    judged: judged.pending,
    away: heard.away,
    trouble: heard.trouble,
    open,
    look,
    record,
    undo,
    redo,
    undoable: log.undoable,
    undone: log.undone,
    change: (next: PlanRequest) => wish.change(next),
    mend,
    judge,
    leaveOut,
  }
})
