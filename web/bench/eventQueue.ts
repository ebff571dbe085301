import { Refusal } from '@/api/client'
import type { BatchEvent } from '@/api/types'

/**
 * Events wait on this device until the server has them: written down before they are sent, sent in order,
 * taken off when the server says so. A crash in between sends them again, which the server knows by their id.
 */
export class EventQueue {
  private sending = false

  constructor(
    private readonly batchId: string,
    private readonly store: Pick<Storage, 'getItem' | 'setItem' | 'removeItem'> = localStorage,
  ) {}

  get waiting(): BatchEvent[] {
    try {
      return JSON.parse(this.store.getItem(this.key) ?? '[]') as BatchEvent[]
    } catch {
      return []
    }
  }

  add(event: BatchEvent): void {
    this.keep([...this.waiting, event])
  }

  /**
   * Sends what waits, oldest first. An event that the server refuses is taken off and handed to `refused`;
   * if the server is not there, everything stays.
   */
  async flush<Answer>(
    send: (events: BatchEvent[]) => Promise<Answer>,
    refused: (event: BatchEvent, why: Refusal) => void,
  ): Promise<Answer | undefined> {
    if (this.sending) return undefined
    this.sending = true
    let answer: Answer | undefined
    try {
      for (let next = this.waiting[0]; next; next = this.waiting[0]) {
        try {
          answer = await send([next])
        } catch (failure) {
          if (!(failure instanceof Refusal) || failure.status !== 422) throw failure
          refused(next, failure)
        }
        this.drop(next.id)
      }
    } finally {
      this.sending = false
    }
    return answer
  }

  private drop(id: string): void {
    this.keep(this.waiting.filter(event => event.id !== id))
  }

  private keep(events: BatchEvent[]): void {
    if (events.length) this.store.setItem(this.key, JSON.stringify(events))
    else this.store.removeItem(this.key)
  }

  private get key(): string {
    return `mill.queue.${this.batchId}`
  }
}
