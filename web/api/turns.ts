/**
 * So many questions at a time and no more: the house works on a question to its end even where the page has given it up, so one
 * that was given up still holds its turn until the answer is there. Of those that wait, the given-up ones drop out unasked.
 */
export class Turns {
  private under = 0
  private readonly waiting: (() => void)[] = []

  constructor(private readonly atOnce: number) {}

  async take<Answer>(ask: () => Promise<Answer>, signal?: AbortSignal): Promise<Answer> {
    if (this.under >= this.atOnce) await new Promise<void>(resolve => this.waiting.push(resolve))
    else this.under++
    if (signal?.aborted) {
      this.pass()
      throw signal.reason
    }
    const answer = ask().finally(() => this.pass())
    if (!signal) return answer
    const givenUp = new Promise<never>((_, reject) =>
      signal.addEventListener('abort', () => reject(signal.reason as Error), { once: true }),
    )
    // Whoever gave it up hears of that; the answer comes to nobody.
    answer.catch(() => undefined)
    return Promise.race([answer, givenUp])
  }

  /** Hands the turn to whoever waits longest. */
  private pass(): void {
    const next = this.waiting.shift()
    if (next) next()
    else this.under--
  }
}
