import type { LineDevice } from './lines'
import { StandInCable } from './standInStream'

const EVERY_MILLISECONDS = 400
const BOILING_CELSIUS = 99
const NOISE_CELSIUS = 0.4

/** A simulated probe in the middle of a bread: it takes a while to come up itself, and follows a middle that nears the boiling point. */
export class ProbeStandIn implements LineDevice {
  readonly name = 'Simulated probe'
  readonly cable = new StandInCable(EVERY_MILLISECONDS, () => this.line())
  private shown = 21

  /** @param middle how hot the middle of the bread is now, in °C */
  constructor(
    private readonly middle: () => number,
    private readonly random: () => number = Math.random,
  ) {}

  open(): ReadableStream<Uint8Array> {
    return this.cable.open()
  }

  send(): void {
    // A probe has nothing to be told.
  }

  line(): string {
    this.shown += (Math.min(BOILING_CELSIUS, this.middle()) - this.shown) * 0.35
    return `centre ${(this.shown + (this.random() - 0.5) * 2 * NOISE_CELSIUS).toFixed(1)} C`
  }
}

/** A middle that starts cold and is at `done` after `seconds`, as a stand-in has it. */
export function middleAfter(elapsedSeconds: number, done: number, seconds: number): number {
  const cold = 25
  const tau = seconds / Math.log((BOILING_CELSIUS - cold) / Math.max(0.5, BOILING_CELSIUS - done))
  return BOILING_CELSIUS - (BOILING_CELSIUS - cold) * Math.exp(-elapsedSeconds / tau)
}
