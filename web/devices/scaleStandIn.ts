import type { LineDevice } from './lines'
import { StandInCable } from './standInStream'

const EVERY_MILLISECONDS = 120
const SETTLING_SHARE = 0.45
const CAPACITY_GRAMS = 5000

/**
 * A simulated bench scale: a load that is put on or taken off, a plate that swings and settles, noise, a zero that drifts
 * slowly until it is tared, a capacity, and a cable that can be pulled. It speaks the same lines as a real one.
 */
export class ScaleStandIn implements LineDevice {
  readonly name = 'Simulated scale'
  readonly cable = new StandInCable(EVERY_MILLISECONDS, () => this.line())
  private load = 0
  private shown = 0
  private zero = 0
  private drifted = 0

  constructor(
    private readonly resolutionGrams: number,
    private readonly random: () => number = Math.random,
    /** How far its zero creeps with each look at it, in grams: about half a gram in ten minutes. */
    private readonly driftGrams = 0.0001,
  ) {}

  put(grams: number): void {
    this.load = Math.max(0, this.load + grams)
  }

  setTo(grams: number): void {
    this.load = Math.max(0, grams)
  }

  send(line: string): void {
    if (line !== 'tare' || !this.cable.isPlugged) return
    this.zero = this.load
    this.drifted = 0
    this.shown = 0
  }

  open(): ReadableStream<Uint8Array> {
    return this.cable.open()
  }

  /** One look at the display, as the line it sends. */
  line(): string {
    this.drifted += this.driftGrams
    if (this.load > CAPACITY_GRAMS) return 'scale over'
    this.shown += (this.load - this.zero - this.shown) * SETTLING_SHARE
    const noise = (this.random() - 0.5) * 0.5 * this.resolutionGrams
    const step = this.resolutionGrams
    const grams = Math.round((this.shown + this.drifted + noise) / step) * step
    return `scale ${Number(grams.toFixed(3)) + 0} g`
  }
}
