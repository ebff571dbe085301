import { describe, expect, it } from 'vitest'
import { Steadiness } from './scale'
import { ScaleStandIn } from './scaleStandIn'

/** Noise that is the same on every run. */
function noise(): () => number {
  let state = 7
  return () => {
    state = (state * 16807) % 2147483647
    return state / 2147483647
  }
}

function settled(scale: ScaleStandIn): number {
  const steadiness = new Steadiness(1)
  for (let look = 0; look < 100; look++) {
    const reading = steadiness.take(scale.read())
    if (look > 12 && reading.steady) return reading.grams
  }
  throw new Error('The scale never came to rest.')
}

describe('the scale stand-in', () => {
  it('comes to rest within a step of what lies on it', () => {
    const scale = new ScaleStandIn(1, noise())
    for (const grams of [603, 560, 3, 0, 1999]) {
      scale.setTo(grams)
      expect(Math.abs(settled(scale) - grams)).toBeLessThanOrEqual(1)
    }
  })

  it('is not steady while it swings', () => {
    const scale = new ScaleStandIn(1, noise())
    const steadiness = new Steadiness(1)
    scale.setTo(600)
    expect([1, 2, 3, 4].map(() => steadiness.take(scale.read()).steady)).toEqual([false, false, false, false])
  })

  it('shows whole steps only and never less than nothing', () => {
    const scale = new ScaleStandIn(5, noise())
    scale.setTo(83)
    for (let look = 0; look < 50; look++) expect(scale.read() % 5).toBe(0)
    scale.put(-500)
    for (let look = 0; look < 50; look++) expect(scale.read()).toBeGreaterThanOrEqual(0)
  })
})
