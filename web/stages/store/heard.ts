import { ref, shallowRef } from 'vue'
import { api, Refusal, Unreachable } from '@/api/client'
import type { Batch, BatchChange } from '@/api/types'
import { tellBegun } from '@/bench/begin'
import { keepHeard, lastHeard } from '@/bench/shelf'

/** The batch as the house last told it, kept on this device, and what is in the way of hearing more. */
export class Heard {
  readonly batch = shallowRef<Batch | null>(null)
  readonly away = ref(false)
  readonly trouble = ref('')
  /** The batch that the house is known to know of; of one that was begun on this device it may not have heard. */
  private known = ''

  /** @param onTaken what follows from an answer */
  constructor(private readonly onTaken: () => void) {}

  forget(): void {
    this.batch.value = null
    this.trouble.value = ''
  }

  /** The batch from the house, or, where it does not answer, as this device last heard of it. */
  async fetched(id: string): Promise<Batch> {
    try {
      await this.tell(id)
      return await api.batch(id)
    } catch (failure) {
      const kept = failure instanceof Unreachable || this.known !== id ? await lastHeard(id) : undefined
      if (!kept) throw failure
      if (!(failure instanceof Refusal)) this.away.value = true
      else if (failure.status !== 401)
        this.trouble.value = `The house will not have this batch: ${failure.message} It stays on this device.`
      return kept
    }
  }

  /** Before anything is said of a batch the house knows of it. */
  async tell(id: string): Promise<void> {
    if (this.known === id) return
    await tellBegun(id)
    this.known = id
  }

  /** The whole batch, or what an entry changed of it; where the plan is another than this page has, the whole is asked for. */
  take(answer: Batch | BatchChange): void {
    const before = this.batch.value
    if ('plan' in answer) this.batch.value = answer
    else if (before?.id !== answer.id) return
    // Overtaken by what was heard meanwhile of more of the log.
    else if (answer.event_count < before.event_count) return
    else this.takeChange(before, answer)
    if (this.batch.value) void keepHeard(this.batch.value)
    this.onTaken()
  }

  private takeChange(before: Batch, answer: BatchChange): void {
    const isBesideIt = answer.since === null || answer.since === before.event_count
    if (isBesideIt)
      this.batch.value = {
        ...before,
        state: { ...before.state, ...answer.state },
        event_count: answer.event_count,
      }
    if (!isBesideIt || before.version !== answer.version) void this.askAgain(answer.id)
  }

  async askAgain(id: string): Promise<void> {
    await this.attempt(async () => this.take(await api.batch(id)))
  }

  /** Asks whether another tablet went on. */
  async look(isQuiet: () => boolean): Promise<void> {
    const current = this.batch.value
    if (!current || current.finished_at || document.hidden || !isQuiet()) return
    await this.attempt(async () => {
      await this.tell(current.id)
      const news = await api.news(current.id, `${current.version}-${current.event_count}`)
      if (news && this.batch.value === current && isQuiet()) this.take(news)
    })
  }

  async attempt(work: () => Promise<void>): Promise<void> {
    try {
      await work()
      this.away.value = false
    } catch (failure) {
      if (failure instanceof DOMException && failure.name === 'AbortError') return
      // Who the cook is is asked for on the spot, and then all is sent.
      if (failure instanceof Refusal && failure.status !== 401) this.trouble.value = failure.message
      else if (failure instanceof Refusal) return
      else if (failure instanceof Unreachable) this.away.value = true
      else throw failure
    }
  }
}
