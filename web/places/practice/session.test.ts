import { describe, expect, it } from 'vitest'
import { practiceSeconds } from './session'

describe('the clock of the practice griddle', () => {
  it.each([
    [1, 12],
    [10, 120],
  ])('runs at %d-fold pace: 12 s are %d s', (pace, seconds) => {
    expect(practiceSeconds(1_000_000, 1_012_000, pace)).toBe(seconds)
  })

  it('never runs backwards when the clock of the machine is set back', () => {
    expect(practiceSeconds(1_000_000, 990_000, 10)).toBe(0)
  })
})
