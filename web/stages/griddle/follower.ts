const KEPT = 8
const QUIET_MILLISECONDS = 4000

/** Looks at readings of the metal and says when the plan should be made for another heat: not for noise, and not all the time. */
export class Follower {
  /** Closer than this is as planned. */
  readonly reach = 5
  private last: number[] = []
  private saidAt = -Infinity

  /** @param range of surfaces that the house plans for, in °C */
  constructor(private readonly range: readonly [number, number]) {}

  /** @returns the heat to plan for, in whole °C; null where the plan is right, or it is too soon to tell */
  take(celsius: number, planned: number, now: number): number | null {
    this.last = [...this.last, celsius].slice(-KEPT)
    if (this.last.length < KEPT || now - this.saidAt < QUIET_MILLISECONDS) return null
    const mean = Math.round(this.last.reduce((sum, one) => sum + one, 0) / KEPT)
    if (Math.abs(mean - planned) <= this.reach || !this.isPlanned(mean)) return null
    this.saidAt = now
    return mean
  }

  /** Whether a plan can be made for a surface this hot. */
  isPlanned(celsius: number): boolean {
    return celsius >= this.range[0] && celsius <= this.range[1]
  }

  forget(): void {
    this.last = []
  }
}
