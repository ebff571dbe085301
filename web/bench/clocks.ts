import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { Batch, BatchState } from '@/api/types'
import { own } from './person'

type Wait = BatchState['clocks'][number]

/** A clock that runs, or ran out a moment ago, and the batch that it belongs to. */
export interface Clock extends Wait {
  batch: string
  bread: string
  ends_at: string
}

const KEPT = 'clocks'
/** How long one that ran out is still shown; a device that slept rings for it within that, and not hours later. */
const SHOWN_MILLISECONDS = 10 * 60_000

/** What is waited for in every batch that was opened on this device: it runs on whatever page is open. */
export const useClocks = defineStore('clocks', () => {
  const known = ref<Clock[]>([])
  /** Those that were rung for, which a page that is opened anew does not do again. */
  let rung = new Set<string>()
  const away = new Set<string>()
  const running = computed(() =>
    [...known.value].sort((one, other) => one.ends_at.localeCompare(other.ends_at)),
  )

  /** As this device was left by whoever is here now. */
  function open() {
    const left = kept()
    known.value = left.clocks
    rung = new Set(left.rung)
  }

  function hear(batch: Batch, now: number) {
    keep([
      ...known.value.filter(one => one.batch !== batch.id),
      ...(batch.finished_at || batch.verdict
        ? []
        : clocksOf(batch).filter(one => !isGone(one, now) && !away.has(keyOf(one)))),
    ])
  }

  /** Those that just ran out, each told once. Those that ran out long ago are let go. */
  function due(now: number): Clock[] {
    if (known.value.some(one => isGone(one, now))) keep(known.value.filter(one => !isGone(one, now)))
    const over = known.value.filter(one => Date.parse(one.ends_at) <= now && !rung.has(keyOf(one)))
    for (const one of over) rung.add(keyOf(one))
    if (over.length) keep(known.value)
    return over
  }

  function keep(clocks: Clock[]) {
    known.value = clocks
    try {
      const told = clocks.map(keyOf).filter(one => rung.has(one))
      localStorage.setItem(own(KEPT), JSON.stringify({ clocks, rung: told }))
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
  rung: string[]
}

function kept(): Kept {
  const nothing: Kept = { clocks: [], rung: [] }
  try {
    return { ...nothing, ...(JSON.parse(localStorage.getItem(own(KEPT)) ?? '{}') as Partial<Kept>) }
  } catch {
    return nothing
  }
}

function clocksOf(batch: Batch): Clock[] {
  return batch.state.clocks.flatMap(one =>
    one.ends_at ? [{ ...one, ends_at: one.ends_at, batch: batch.id, bread: batch.bread.name }] : [],
  )
}

/** A rest that is begun again is another wait; a griddle to be turned on is one, however its moment moves with the work. */
const keyOf = (one: Clock) => `${one.batch} ${one.kind} ${one.started_by ? one.ends_at : ''}`

const isGone = (one: Clock, now: number) => now - Date.parse(one.ends_at) > SHOWN_MILLISECONDS
