import { describe, expect, it } from 'vitest'
import { SETTLING, settlingOf } from './settling'

const known = (points: number, reach: number, batches: number) => ({
  points,
  deviation: reach / 1.28,
  batches,
  low: points - reach,
  high: points + reach,
})
const steps = [
  { points: 9, reach: 4, known: known(5, 9, 1) },
  { points: 5, reach: 4, known: known(5.5, 5, 2) },
  { points: 7, reach: 4, known: known(6, 3, 3) },
]

describe('the need of a bag, settling', () => {
  it('draws one mark a batch, from the first on the left to the last on the right, inside the frame', () => {
    const { said } = settlingOf(steps)
    expect(said.map(one => one.x)).toEqual([...said.map(one => one.x)].sort((a, b) => a - b))
    for (const one of said) {
      expect(one.top).toBeGreaterThanOrEqual(SETTLING.top - 0.001)
      expect(one.bottom).toBeLessThanOrEqual(SETTLING.height - SETTLING.bottom + 0.001)
      expect(one.top).toBeLessThan(one.bottom)
    }
  })

  it('closes its band as more becomes known, and keeps the catalogue in sight', () => {
    const { band, zero } = settlingOf(steps)
    const points = band.split(' ').map(pair => Number(pair.split(',')[1]))
    const widths = [0, 1, 2].map(index => (points[5 - index] ?? 0) - (points[index] ?? 0))
    expect(widths[0]).toBeGreaterThan(widths[1] ?? 0)
    expect(widths[1]).toBeGreaterThan(widths[2] ?? 0)
    expect(zero).toBeGreaterThan(SETTLING.top)
    expect(zero).toBeLessThan(SETTLING.height - SETTLING.bottom)
  })

  it('puts more water above less', () => {
    const { said } = settlingOf(steps)
    expect(said[0]?.y).toBeLessThan(said[1]?.y ?? 0)
  })
})
