import type { LineDevice } from './lines'
import { StandInCable } from './standInStream'

const EVERY_MILLISECONDS = 250
const NOISE_CELSIUS = 2

/**
 * A simulated thermometer on a griddle at work: it stands a little off what is planned, creeps on by the minute, and answers
 * to its burner slowly.
 */
export class GriddleStandIn implements LineDevice {
  readonly name = 'Simulated thermometer'
  readonly cable = new StandInCable(EVERY_MILLISECONDS, () => this.line())
  private celsius: number
  private set: number

  constructor(
    plannedCelsius: number,
    private readonly driftPerMinute = 4,
    private readonly random: () => number = Math.random,
    private readonly timeConstantSeconds = 20,
  ) {
    this.set = plannedCelsius
    this.celsius = plannedCelsius
  }

  /** Turns the burner up or down. */
  turn(celsius: number): void {
    this.set += celsius
  }

  open(): ReadableStream<Uint8Array> {
    return this.cable.open()
  }

  send(): void {
    // A thermometer has nothing to be told.
  }

  line(): string {
    const seconds = EVERY_MILLISECONDS / 1000
    this.set += (this.driftPerMinute / 60) * seconds
    this.celsius += (this.set - this.celsius) * Math.min(1, seconds / this.timeConstantSeconds)
    return `surface ${(this.celsius + (this.random() - 0.5) * 2 * NOISE_CELSIUS).toFixed(1)} C`
  }
}
