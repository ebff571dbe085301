import { Steadiness, type Scale, type ScaleReading } from './scale'

const EVERY_MILLISECONDS = 120
const SETTLING_SHARE = 0.45

/**
 * A simulated bench scale: a load that is put on or taken off, a plate that swings and settles, a little noise,
 * and a display that shows whole steps. It stands in for a real one behind the same interface.
 */
export class ScaleStandIn implements Scale {
  readonly name = 'Scale stand-in'
  private load = 0
  private shown = 0

  constructor(
    private readonly resolutionGrams: number,
    private readonly random: () => number = Math.random,
  ) {}

  put(grams: number): void {
    this.load = Math.max(0, this.load + grams)
  }

  setTo(grams: number): void {
    this.load = Math.max(0, grams)
  }

  /** One look at the display. */
  read(): number {
    this.shown += (this.load - this.shown) * SETTLING_SHARE
    const noise = (this.random() - 0.5) * 0.5 * this.resolutionGrams
    const step = this.resolutionGrams
    return Math.max(0, Number((Math.round((this.shown + noise) / step) * step).toFixed(3)))
  }

  watch(listener: (reading: ScaleReading) => void): () => void {
    const steadiness = new Steadiness(this.resolutionGrams)
    const timer = setInterval(() => listener(steadiness.take(this.read())), EVERY_MILLISECONDS)
    return () => clearInterval(timer)
  }
}
