type Ask<Question, Answer> = (question: Question, signal?: AbortSignal) => Promise<Answer>

/**
 * Answers to pure questions, kept while the page is open: what was answered is not asked again, and what will probably be asked
 * next can be asked for while the hand rests.
 */
export class Answers<Question, Answer> {
  private readonly kept = new Map<string, Answer>()
  private guess: { key: string; answer: Promise<Answer>; giveUp: AbortController } | null = null

  /** @param most how many are kept; the one that nobody wanted for longest goes first */
  constructor(
    private readonly ask: Ask<Question, Answer>,
    private readonly most: number,
  ) {}

  async of(question: Question, signal?: AbortSignal): Promise<Answer> {
    const key = JSON.stringify(question)
    const known = this.kept.get(key)
    if (known !== undefined) return this.keep(key, known)
    return this.keep(key, await (this.guessed(key) ?? this.ask(question, signal)))
  }

  /** Asks for what nobody waits for yet, one at a time: any other question gives it up. What comes of it is heard when it is wanted. */
  ahead(question: Question): void {
    const key = JSON.stringify(question)
    if (this.kept.has(key) || this.guess?.key === key) return
    this.dropGuess()
    const giveUp = new AbortController()
    const guess = { key, answer: this.ask(question, giveUp.signal), giveUp }
    this.guess = guess
    guess.answer
      .then(found => this.keep(key, found))
      .catch(() => undefined)
      .finally(() => {
        if (this.guess === guess) this.guess = null
      })
  }

  /** Whoever comes next finds nothing of it. */
  forget(): void {
    this.dropGuess()
    this.kept.clear()
  }

  /** The guess, where it was the right one; it is waited for from now on, and nobody gives it up any more. */
  private guessed(key: string): Promise<Answer> | null {
    if (this.guess?.key !== key) {
      this.dropGuess()
      return null
    }
    const { answer } = this.guess
    this.guess = null
    return answer
  }

  private dropGuess(): void {
    this.guess?.giveUp.abort()
    this.guess = null
  }

  private keep(key: string, answer: Answer): Answer {
    this.kept.delete(key)
    this.kept.set(key, answer)
    if (this.kept.size > this.most) this.kept.delete(this.kept.keys().next().value as string)
    return answer
  }
}
