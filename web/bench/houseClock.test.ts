import { describe, expect, it } from 'vitest'
import { HouseClock } from './houseClock'

const HOUR = 3_600_000
const noon = Date.UTC(2026, 2, 29, 12)

/** A tablet with a clock of its own and one that nobody can set. */
function tablet(ownIsOff: number) {
  const world = { passed: 0, off: ownIsOff, slept: 0 }
  const clock = new HouseClock(
    () => noon + world.passed + world.off,
    () => 5000 + world.passed - world.slept,
  )
  const hear = (took = 40) => {
    const sent = clock.steadily
    world.passed += took
    clock.heard(noon + world.passed - took / 2, sent, clock.steadily)
  }
  return { world, clock, hear, truth: () => noon + world.passed }
}

describe('the time of the house on a tablet', () => {
  it('is the tablet’s own until the house has said', () => {
    expect(tablet(HOUR).clock.now()).toBe(noon + HOUR)
  })

  it.each([HOUR, -HOUR, 90_000])('is right where the tablet is %d ms wrong, and says by how much', off => {
    const { world, clock, hear, truth } = tablet(off)
    hear()
    world.passed += 20 * 60_000
    expect(Math.abs(clock.now() - truth())).toBeLessThanOrEqual(20)
    expect(Math.abs(clock.off.value + off)).toBeLessThanOrEqual(20)
  })

  it('goes on where the tablet’s clock is set back between two entries', () => {
    const { world, clock, hear } = tablet(0)
    hear()
    const before = clock.moment()
    world.passed += 30_000
    world.off = -HOUR
    expect(Date.parse(clock.moment()) - Date.parse(before)).toBe(30_000)
  })

  it('never gives an entry an earlier moment than the one before', () => {
    const { world, clock } = tablet(0)
    const before = clock.moment()
    world.off = -HOUR
    expect(clock.moment()).toBe(before)
  })

  it('is right again after the tablet slept with its clocks standing still', () => {
    const { world, clock, hear, truth } = tablet(0)
    hear()
    world.passed += HOUR
    world.slept = HOUR
    hear()
    expect(Math.abs(clock.now() - truth())).toBeLessThanOrEqual(20)
  })

  it('is not moved by an answer that took long', () => {
    const { clock, hear, truth } = tablet(0)
    hear(10)
    hear(3000)
    expect(Math.abs(clock.now() - truth())).toBeLessThanOrEqual(5)
  })
})
