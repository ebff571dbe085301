import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { Batch, BatchState } from '@/api/types'
import { own } from './person'

type Wait = BatchState['clocks'][number]

/** A clock that runs, or ran out a moment ago, and the batch that it belongs to. */
export interface Clock extends Wait {
  batch: string
  bread: string
  /** When the batch was; a page of an earlier version kept none. */
  begun?: string
  ends_at: string
  /** Which griddle is to be turned on; null of any other clock. */
  griddle: string | null
}

/** A griddle that a batch keeps hot. */
interface Hot {
  batch: string
  griddle: string
  until: string
}

const KEPT = 'clocks'
/** How long one that ran out is still shown; a device that slept rings for it within that, and not hours later. */
const SHOWN_MILLISECONDS = 10 * 60_000

/** What is waited for in every batch that was opened on this device: it runs on whatever page is open. */
export const useClocks = defineStore('clocks', () => {
  const known = ref<Clock[]>([])
  const hot = ref<Hot[]>([])
  /** Those that were rung for, which a page that is opened anew does not do again. */
  let rung = new Set<string>()
  const away = new Set<string>()
  const running = computed(() =>
    known.value
      .filter(one => !isHotByThen(one))
      .sort((one, other) => one.ends_at.localeCompare(other.ends_at)),
  )

  /** As this device was left by whoever is here now. */
  function open() {
    const left = kept()
    known.value = left.clocks
    hot.value = left.hot
    rung = new Set(left.rung)
  }

  function hear(batch: Batch, now: number) {
    const isOver = Boolean(batch.finished_at ?? batch.verdict)
    const others = hot.value.filter(one => one.batch !== batch.id && !isPast(one.until, now))
    hot.value = [...others, ...(isOver ? [] : hotBy(batch))]
    keep([
      ...known.value.filter(one => one.batch !== batch.id),
      ...(isOver ? [] : clocksOf(batch).filter(one => !isGone(one, now) && !away.has(keyOf(one)))),
    ])
  }

  /** Whether a batch, itself or another, still keeps the griddle hot when this one would have it turned on: it is left on. */
  function isHotByThen(clock: Clock): boolean {
    return hot.value.some(
      one => one.griddle === clock.griddle && Date.parse(one.until) >= Date.parse(clock.ends_at),
    )
  }

  /** Those that just ran out, each told once. Those that ran out long ago are let go. */
  function due(now: number): Clock[] {
    const isOver = (one: Clock) => Date.parse(one.ends_at) <= now
    known.value.filter(one => isOver(one) && isHotByThen(one)).forEach(putAway)
    if (known.value.some(one => isGone(one, now))) keep(known.value.filter(one => !isGone(one, now)))
    const over = known.value.filter(one => isOver(one) && !rung.has(keyOf(one)))
    for (const one of over) rung.add(keyOf(one))
    if (over.length) keep(known.value)
    return over
  }

  function keep(clocks: Clock[]) {
    known.value = clocks
    try {
      const told = clocks.map(keyOf).filter(one => rung.has(one))
      localStorage.setItem(own(KEPT), JSON.stringify({ clocks, hot: hot.value, rung: told }))
    } catch {
      // Private windows keep nothing; the clocks run all the same while the page is open.
    }
  }

  /** One that ran out and was seen to is shown no longer. */
  function putAway(clock: Clock) {
    away.add(keyOf(clock))
    keep(known.value.filter(one => keyOf(one) !== keyOf(clock)))
  }

  return { running, open, hear, due, putAway }
})

interface Kept {
  clocks: Clock[]
  hot: Hot[]
  rung: string[]
}

function kept(): Kept {
  const nothing: Kept = { clocks: [], hot: [], rung: [] }
  try {
    return { ...nothing, ...(JSON.parse(localStorage.getItem(own(KEPT)) ?? '{}') as Partial<Kept>) }
  } catch {
    return nothing
  }
}

function clocksOf(batch: Batch): Clock[] {
  return batch.state.clocks.flatMap(one =>
    one.ends_at
      ? [
          {
            ...one,
            ends_at: one.ends_at,
            batch: batch.id,
            bread: batch.bread.name,
            begun: batch.started_at,
            griddle: one.kind === 'preheat' ? griddleOf(batch) : null,
          },
        ]
      : [],
  )
}

/** One that nobody named is the batch's own. */
const griddleOf = (batch: Batch) => batch.request.gear?.griddle?.id ?? batch.id

function hotBy(batch: Batch): Hot[] {
  const until = batch.state.griddle.hot_until
  return until ? [{ batch: batch.id, griddle: griddleOf(batch), until }] : []
}

/** A rest that is begun again is another wait; a griddle to be turned on is one, however its moment moves with the work. */
const keyOf = (one: Clock) => `${one.batch} ${one.kind} ${one.started_by ? one.ends_at : ''}`

const isPast = (moment: string, now: number) => now - Date.parse(moment) > SHOWN_MILLISECONDS
const isGone = (one: Clock, now: number) => isPast(one.ends_at, now)
