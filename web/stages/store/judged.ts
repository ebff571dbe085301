import { shallowRef } from 'vue'
import { api, isFinal, Refusal, toldBy, Unreachable } from '@/api/client'
import type { VerdictToGive } from '@/api/types'
import { uuid } from '@/api/uuid'
import { dropVerdict, keepVerdict, pendingVerdict, type PendingVerdict } from '@/bench/shelf'
import type { Heard } from './heard'

/** A verdict that the house has not taken yet. */
export class Judged {
  readonly pending = shallowRef<PendingVerdict | null>(null)

  constructor(private readonly heard: Heard) {}

  forget(): void {
    this.pending.value = null
  }

  async open(id: string): Promise<void> {
    this.pending.value = (await pendingVerdict(id)) ?? null
  }

  /** Writes the verdict down on this device first; the server has it as soon as it answers. */
  async give(verdict: VerdictToGive): Promise<void> {
    if (!this.heard.batch.value) return
    this.pending.value = { batch: this.heard.batch.value.id, id: uuid(), verdict }
    await keepVerdict(this.pending.value)
  }

  async handOver(): Promise<void> {
    const pending = this.pending.value
    const current = this.heard.batch.value
    if (!pending || !current) return
    try {
      this.heard.take(await api.judge(pending.batch, current.version, pending.verdict, pending.id))
    } catch (failure) {
      if (failure instanceof Refusal && failure.status === 409) return this.heard.askAgain(current.id)
      if (!isFinal(failure)) {
        if (!(failure instanceof Refusal || failure instanceof Unreachable)) throw failure
        this.heard.away.value = this.heard.away.value || failure instanceof Unreachable
        return
      }
      this.heard.trouble.value = `The verdict was not taken down: ${toldBy(failure)}`
    }
    this.pending.value = null
    await dropVerdict(pending.batch)
  }
}
