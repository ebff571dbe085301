import { readLines, type LineDevice } from './lines'

/** What the bench needs of a scale: readings as they come, whether it has come to rest, and what is wrong. */
export interface ScaleReading {
  /** Null while there is none: overloaded, unplugged, or not yet heard of. */
  grams: number | null
  steady: boolean
  trouble: '' | 'overload' | 'unplugged'
}

/** A few readings in a row within one step of the scale are a steady value. */
export class Steadiness {
  private last: number[] = []

  constructor(
    private readonly resolutionGrams: number,
    private readonly needed = 4,
  ) {}

  take(grams: number): boolean {
    this.last = [...this.last, grams].slice(-this.needed)
    return (
      this.last.length === this.needed &&
      Math.max(...this.last) - Math.min(...this.last) <= this.resolutionGrams
    )
  }

  forget(): void {
    this.last = []
  }
}

/** One line of a scale: "scale 312.4 g", "scale over". Anything else is no reading. */
export function parseScaleLine(line: string): number | 'over' | null {
  if (line === 'scale over') return 'over'
  const found = /^scale (-?\d+(?:\.\d+)?) g$/.exec(line)
  return found ? Number(found[1]) : null
}

/** A scale behind any device that speaks its lines. */
export class Scale {
  private readonly steadiness: Steadiness

  constructor(
    private readonly device: LineDevice,
    resolutionGrams: number,
  ) {
    this.steadiness = new Steadiness(resolutionGrams)
  }

  get name(): string {
    return this.device.name
  }

  tare(): void {
    this.steadiness.forget()
    this.device.send('tare')
  }

  watch(listener: (reading: ScaleReading) => void, againAfter?: number): () => void {
    return readLines(
      this.device,
      line => {
        const value = parseScaleLine(line)
        if (value === 'over') {
          this.steadiness.forget()
          listener({ grams: null, steady: false, trouble: 'overload' })
        } else if (value !== null)
          listener({ grams: value, steady: this.steadiness.take(value), trouble: '' })
      },
      () => {
        this.steadiness.forget()
        listener({ grams: null, steady: false, trouble: 'unplugged' })
      },
      againAfter,
    )
  }
}
