import { shallowRef } from 'vue'
import { Refusal } from '@/api/client'
import type { BatchEvent } from '@/api/types'
import { openShelf } from './shelf'

/** One sender at a time over all tabs of this browser, where it can tell. */
function alone<Answer>(name: string, work: () => Promise<Answer>): Promise<Answer> {
  const locks = 'navigator' in globalThis && 'locks' in navigator ? navigator.locks : undefined
  return locks ? locks.request(name, work) : work()
}

/**
 * Events wait on this device until the server has them: written down before they are sent, sent in order,
 * taken off when the server says so. A crash in between sends them again, which the server knows by their id.
 */
export class EventQueue {
  /** What this page knows to be waiting, oldest first. */
  readonly waiting = shallowRef<BatchEvent[]>([])
  private sending = false
  private again = false
  /** Events on their way onto the shelf, by id. */
  private readonly adding = new Set<string>()

  private constructor(private readonly batchId: string) {}

  static async of(batchId: string): Promise<EventQueue> {
    const queue = new EventQueue(batchId)
    await queue.look()
    return queue
  }

  async add(event: BatchEvent): Promise<void> {
    this.adding.add(event.id)
    this.waiting.value = [...this.waiting.value, event]
    await (await openShelf()).add('waiting', { batch: this.batchId, event: { ...event } })
    this.adding.delete(event.id)
  }

  /**
   * Sends what waits, oldest first. What the server has taken leaves the queue in the same moment in which its answer
   * is handed to `heard`, so that nothing is ever seen twice or not at all. An event that the server refuses is taken
   * off and handed to `refused`; if the server is not there, everything stays.
   */
  async flush<Answer>(
    send: (events: BatchEvent[]) => Promise<Answer>,
    heard: (answer: Answer) => void,
    refused: (event: BatchEvent, why: Refusal) => void,
  ): Promise<void> {
    this.again = true
    if (this.sending) return
    this.sending = true
    try {
      // What was added while the last of the others was on its way is sent as well.
      while (this.again) {
        this.again = false
        await alone(`mill.queue.${this.batchId}`, () => this.sendAll(send, heard, refused))
        await this.look()
      }
    } finally {
      this.sending = false
    }
  }

  private async sendAll<Answer>(
    send: (events: BatchEvent[]) => Promise<Answer>,
    heard: (answer: Answer) => void,
    refused: (event: BatchEvent, why: Refusal) => void,
  ): Promise<void> {
    const database = await openShelf()
    for (;;) {
      const next = await database
        .transaction('waiting')
        .store.index('batch')
        .openCursor(IDBKeyRange.only(this.batchId))
      if (!next) return
      const { primaryKey, value } = next
      try {
        const answer = await send([value.event])
        this.forget(value.event)
        heard(answer)
      } catch (failure) {
        if (!(failure instanceof Refusal) || failure.status !== 422) throw failure
        this.forget(value.event)
        refused(value.event, failure)
      }
      await database.delete('waiting', primaryKey)
    }
  }

  /** Of what waits the house has these already: the page was gone before they were taken off. Put on top once more they would count twice. */
  async dropTaken(ids: ReadonlySet<string>): Promise<void> {
    if (!this.waiting.value.some(event => ids.has(event.id))) return
    this.waiting.value = this.waiting.value.filter(event => !ids.has(event.id))
    const store = (await openShelf()).transaction('waiting', 'readwrite').store
    let cursor = await store.index('batch').openCursor(IDBKeyRange.only(this.batchId))
    while (cursor) {
      if (ids.has(cursor.value.event.id)) await cursor.delete()
      cursor = await cursor.continue()
    }
  }

  private forget(gone: BatchEvent): void {
    this.waiting.value = this.waiting.value.filter(event => event.id !== gone.id)
  }

  /** Another tab may have written down, or sent, what this one does not know of. */
  private async look(): Promise<void> {
    const found = await (await openShelf()).getAllFromIndex('waiting', 'batch', this.batchId)
    const kept = found.map(one => one.event)
    const known = new Set(kept.map(event => event.id))
    const added = this.waiting.value.filter(event => this.adding.has(event.id) && !known.has(event.id))
    this.waiting.value = [...kept, ...added]
  }
}
