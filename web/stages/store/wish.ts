import { ref, shallowRef } from 'vue'
import { api, isFinal, Refusal, Unreachable } from '@/api/client'
import { oneStepOn } from '@/api/oneStepOn'
import type { Batch, Plan, PlanRequest } from '@/api/types'
import { uuid } from '@/api/uuid'
import { slideUnderWay } from '@/ui/slid'
import { Drafts } from '../drafts'
import { rebase } from '../rebase'
import type { Heard } from './heard'

const SETTLE_MILLISECONDS = 350
/** A hand that is still moving asks for itself; one that looked at the number so long is helped to the next. */
const AHEAD_MILLISECONDS = 120

/** What the cook has changed of the plan and the house has not taken yet, and what comes of it meanwhile. */
export class Wish {
  readonly wanted = shallowRef<PlanRequest | null>(null)
  readonly preview = shallowRef<Plan | null>(null)
  /** Whether the plan of what is wanted now is still to come. */
  readonly isPlanning = ref(false)
  /** How many plans of what was wanted have come. */
  readonly plansShown = ref(0)
  private readonly drafts = new Drafts()
  private planning: AbortController | null = null
  private keeping: Promise<void> | null = null
  private settling: ReturnType<typeof setTimeout> | undefined
  private ahead: ReturnType<typeof setTimeout> | undefined
  /** What a wish is sent by: the same wish sent again, after an answer that was lost, is granted once. */
  private sending: { wanted: PlanRequest; id: string } | null = null

  /** @param tryAgain what sends it once more, later */
  constructor(
    private readonly heard: Heard,
    private readonly tryAgain: () => void,
  ) {}

  forget(): void {
    this.preview.value = null
    this.wanted.value = null
  }

  /** What was changed of this batch when it was on the page last. */
  open(batch: Batch): void {
    this.wanted.value = this.drafts.of(batch.id, batch.version, batch.request)
  }

  /** What is previewed stands until the house has said it. */
  heardAgain(): void {
    if (!this.wanted.value) this.preview.value = null
  }

  /** Changes what the batch is planned from: the numbers follow at once, the server keeps it when the hand rests. */
  change(next: PlanRequest): void {
    const current = this.heard.batch.value
    if (!current) return
    const slide = slideUnderWay()
    const onwards = slide && oneStepOn(this.wanted.value ?? current.request, next, slide)
    this.wanted.value = next
    this.drafts.keep(current.id, current.version, next, current.request)
    void this.show(next, onwards)
    clearTimeout(this.settling)
    this.settling = setTimeout(() => void this.keep(), SETTLE_MILLISECONDS)
  }

  /** Hands the changed request to the server, one at a time, until nothing newer is wanted. */
  async keep(): Promise<void> {
    clearTimeout(this.settling)
    while (this.keeping) await this.keeping
    if (!this.wanted.value) return
    this.keeping = this.handOver(this.wanted.value)
    await this.keeping
    this.keeping = null
  }

  /** @param onwards what will probably be wanted after it */
  private async show(next: PlanRequest, onwards: PlanRequest | null): Promise<void> {
    clearTimeout(this.ahead)
    this.planning?.abort()
    this.planning = new AbortController()
    const mine = this.planning
    this.isPlanning.value = true
    try {
      await this.heard.attempt(async () => {
        const answer = await api.plan(next, mine.signal)
        if (mine !== this.planning) return
        if (this.wanted.value) this.preview.value = answer
        this.plansShown.value++
        if (onwards) this.ahead = setTimeout(() => api.planAhead(onwards), AHEAD_MILLISECONDS)
      })
    } finally {
      if (mine === this.planning) this.isPlanning.value = false
    }
  }

  private async handOver(wish: PlanRequest): Promise<void> {
    const current = this.heard.batch.value
    if (!current) return
    if (this.sending?.wanted !== wish) this.sending = { wanted: wish, id: uuid() }
    try {
      await this.heard.tell(current.id)
      const answer = await api.replan(current.id, current.version, wish, this.sending.id)
      if (this.wanted.value === wish) this.settle(current.id)
      this.heard.take(answer)
    } catch (failure) {
      await this.refused(failure, current, wish)
    }
  }

  /** What the server will never take is shown and let go; anything else stays on this device and is sent again. */
  private async refused(failure: unknown, current: Batch, wish: PlanRequest): Promise<void> {
    if (failure instanceof Unreachable) {
      this.heard.away.value = true
      this.tryAgain()
      return
    }
    if (!(failure instanceof Refusal)) throw failure
    if (failure.status === 409) return this.overtaken(current, wish)
    if (isFinal(failure)) {
      this.settle(current.id)
      this.heard.trouble.value = failure.message
      await this.heard.askAgain(current.id)
      return
    }
    this.heard.trouble.value = `Not kept by the house yet (${failure.message}) Your change stays on this device and is sent again.`
    this.tryAgain()
  }

  /** Another cook was quicker: this one's change goes on top of theirs. */
  private async overtaken(before: Batch, wish: PlanRequest): Promise<void> {
    await this.heard.attempt(async () => {
      const theirs = await api.batch(before.id)
      if (this.wanted.value === wish) {
        this.wanted.value = rebase(before.request, wish, theirs.request)
        this.drafts.keep(theirs.id, theirs.version, this.wanted.value, theirs.request)
      }
      this.heard.take(theirs)
      this.heard.trouble.value =
        'Another cook changed this batch meanwhile; your change was put on top of theirs.'
      this.tryAgain()
    })
  }

  private settle(id: string): void {
    this.wanted.value = null
    this.drafts.drop(id)
  }
}
