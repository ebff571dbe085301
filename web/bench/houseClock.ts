import { readonly, ref } from 'vue'

/** An answer that took longer than this to come says too little about what time it is in the house. */
const SLOWEST_MILLISECONDS = 4000
/** A better answer is preferred for so long; then the next one counts, since clocks drift. */
const GOOD_FOR_MILLISECONDS = 60_000

/** What time it is in the house when this device's steady clock shows so much. */
interface Anchor {
  house: number
  steady: number
  /** Half of this is how far it may be off. */
  took: number
}

/**
 * The house's time on every tablet. A tablet whose own clock is wrong, or is set in the middle of a batch, still counts right:
 * the house says what time it is, and from there a clock counts that nobody can set.
 */
export class HouseClock {
  private anchor: Anchor | null = null
  private last = 0
  private readonly behind = ref(0)
  /** Milliseconds that this device's own clock is behind the house; below 0 where it is ahead. */
  readonly off = readonly(this.behind)

  constructor(
    private readonly own: () => number = () => Date.now(),
    private readonly steady: () => number = () => performance.now(),
  ) {}

  /** Takes what an answer said of the house's time. */
  heard(house: number, sentAt: number, receivedAt: number): void {
    const took = receivedAt - sentAt
    if (!Number.isFinite(house) || took > SLOWEST_MILLISECONDS) return
    const isStale = !this.anchor || receivedAt - this.anchor.steady > GOOD_FOR_MILLISECONDS
    if (isStale || took <= (this.anchor?.took ?? 0) || this.differsFrom(house + took / 2, receivedAt, took))
      this.anchor = { house: house + took / 2, steady: receivedAt, took }
    this.behind.value = Math.round(this.now() - this.own())
  }

  /** What time it is; the device's own, until the house has said. */
  now(): number {
    return this.anchor ? this.anchor.house + this.steady() - this.anchor.steady : this.own()
  }

  /** A moment for the log: never before the one before it, whatever was done to any clock. */
  moment(): string {
    this.last = Math.max(this.last, this.now())
    return new Date(this.last).toISOString()
  }

  get steadily(): number {
    return this.steady()
  }

  /** A device that slept has a steady clock that stood still: what the house says then is further off than both ways took. */
  private differsFrom(house: number, receivedAt: number, took: number): boolean {
    const anchor = this.anchor
    if (!anchor) return true
    return Math.abs(house - (anchor.house + receivedAt - anchor.steady)) > (took + anchor.took) / 2
  }
}

export const houseClock = new HouseClock()
