/** What the bench needs of a scale: readings as they come, and whether it has come to rest. */
export interface ScaleReading {
  grams: number
  steady: boolean
}

export interface Scale {
  readonly name: string
  watch(listener: (reading: ScaleReading) => void): () => void
}

/** A few readings in a row within one step of the scale are a steady value. */
export class Steadiness {
  private last: number[] = []

  constructor(
    private readonly resolutionGrams: number,
    private readonly needed = 4,
  ) {}

  take(grams: number): ScaleReading {
    this.last = [...this.last, grams].slice(-this.needed)
    const steady =
      this.last.length === this.needed &&
      Math.max(...this.last) - Math.min(...this.last) <= this.resolutionGrams
    return { grams, steady }
  }
}
