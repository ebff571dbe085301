import { computed, shallowRef } from 'vue'
import { api } from '@/api/client'
import type { BatchEvent, EventKind } from '@/api/types'
import { uuid } from '@/api/uuid'
import { EventQueue } from '@/bench/eventQueue'
import { houseClock } from '@/bench/houseClock'
import type { Heard } from './heard'

export type Fields = Omit<BatchEvent, 'id' | 'kind' | 'at'>

/** What was done and the house has not heard of, in order, and the way to undo it and do it again. */
export class Log {
  private readonly queue = shallowRef<EventQueue | null>(null)
  readonly waiting = computed(() => this.queue.value?.waiting.value ?? [])
  readonly unsent = computed(() => this.waiting.value.length)
  /** What was undone last, until something else is done. */
  readonly undone = shallowRef<BatchEvent | null>(null)
  /** The last entry worth undoing. What the server has not heard of can be undone like anything else, once it has: order is kept. */
  readonly undoable = computed<BatchEvent | null>(() => {
    const undoes = new Set(this.waiting.value.map(one => one.event))
    const last = this.waiting.value
      .filter(one => one.kind !== 'entered' && one.kind !== 'undone' && !undoes.has(one.id))
      .at(-1)
    const known = this.heard.batch.value?.state.undoable_event ?? null
    return last ?? (known && !undoes.has(known.id) ? known : null)
  })

  constructor(private readonly heard: Heard) {}

  async open(id: string): Promise<void> {
    this.undone.value = null
    this.queue.value = await EventQueue.of(id)
  }

  async dropTaken(events: BatchEvent[]): Promise<void> {
    await this.queue.value?.dropTaken(new Set(events.map(event => event.id)))
  }

  /** Writes down what happened, on this device first. */
  async add(kind: EventKind, fields: Fields, at = houseClock.moment()): Promise<boolean> {
    if (!this.heard.batch.value || !this.queue.value) return false
    if (kind !== 'entered' && kind !== 'undone') this.undone.value = null
    await this.queue.value.add({ ...fields, id: uuid(), kind, at })
    return true
  }

  /** Hands over what waits; tells whether something still does. */
  async flush(): Promise<boolean> {
    const current = this.heard.batch.value
    const own = this.queue.value
    if (!current || !own) return false
    await this.heard.attempt(async () => {
      await this.heard.tell(current.id)
      await own.flush(
        events => api.record(current.id, events, this.countOf(current.id)),
        answer => {
          if (this.queue.value === own) this.heard.take(answer)
        },
        (_event, why) => {
          // Another cook did it first: what is on the page says so already.
          if (!why.problem.errors[0]?.path.endsWith('.touch'))
            this.heard.trouble.value = `Not taken down: ${why.message}`
        },
      )
    })
    return own.waiting.value.length > 0
  }

  /** How much of the log this page knows; an answer then tells what is new. */
  private countOf(id: string): number | undefined {
    return this.heard.batch.value?.id === id ? this.heard.batch.value.event_count : undefined
  }
}
