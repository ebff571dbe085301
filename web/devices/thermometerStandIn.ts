import type { LineDevice } from './lines'
import { StandInCable } from './standInStream'

const EVERY_MILLISECONDS = 250
const NOISE_CELSIUS = 3

/**
 * A simulated surface thermometer on a griddle that warms at some setting: first order, with noise, and a plate that is not equally
 * hot all over. Its clock can run faster than the kitchen's, so that nobody waits ten minutes to try it.
 */
export class ThermometerStandIn implements LineDevice {
  readonly name = 'Simulated thermometer'
  readonly cable = new StandInCable(EVERY_MILLISECONDS, () => this.line())
  private seconds = 0

  constructor(
    private readonly finalCelsius: number,
    private readonly timeConstantSeconds: number,
    private readonly pace = 20,
    private readonly random: () => number = Math.random,
  ) {}

  /** Seconds since the burner was lit, by the stand-in's own clock. */
  get secondsOn(): number {
    return this.seconds
  }

  open(): ReadableStream<Uint8Array> {
    return this.cable.open()
  }

  send(): void {
    // A thermometer has nothing to be told.
  }

  celsius(): number {
    return this.finalCelsius - (this.finalCelsius - 21) * Math.exp(-this.seconds / this.timeConstantSeconds)
  }

  /** A look at some other place of the plate. */
  spot(): number {
    return Math.round(this.celsius() + (this.random() - 0.6) * 30)
  }

  line(): string {
    this.seconds += (EVERY_MILLISECONDS / 1000) * this.pace
    return `surface ${(this.celsius() + (this.random() - 0.5) * 2 * NOISE_CELSIUS).toFixed(1)} C`
  }
}
