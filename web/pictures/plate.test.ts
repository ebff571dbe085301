import { describe, expect, it } from 'vitest'
import type { Plan, PlanRequest } from '@/api/types'
import { plateOf } from './plate'

const plan = {
  shape: { diameter_mm: { value: 160 }, length_share: 1, width_share: 1 },
  griddle: {
    places: [
      { x: -85, y: 0 },
      { x: 85, y: 0 },
    ],
  },
} as Plan
const on = (griddle?: object) => ({ style: 'pressed-masa', gear: griddle ? { griddle } : {} }) as PlanRequest

describe('the griddle as drawn', () => {
  it('is the one of the kitchen, to scale', () => {
    expect(plateOf(plan, on({ shape: 'round', diameter_mm: 380 }))).toMatchObject({ round: true, width: 380 })
    expect(plateOf(plan, on({ shape: 'rectangle', width_mm: 540, depth_mm: 360 }))).toMatchObject({
      round: false,
      width: 540,
      depth: 360,
    })
  })

  it('holds the pieces where no griddle is named', () => {
    expect(plateOf(plan, on()).width).toBeCloseTo(330, 6)
  })

  it('is so many pans where each piece has its own', () => {
    const pans = { ...plan, griddle: { ...plan.griddle, pans_mm: 160 } } as Plan
    expect(plateOf(pans, on({ shape: 'round', diameter_mm: 380 })).irons).toEqual([
      { x: -85, y: 0, radius: 80 },
      { x: 85, y: 0, radius: 80 },
    ])
  })

  it('never cuts a piece off', () => {
    const left = Number(plateOf(plan, on({ shape: 'round', diameter_mm: 200 })).viewBox.split(' ')[0])
    expect(left).toBeLessThanOrEqual(-165)
  })
})
