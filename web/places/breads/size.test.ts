import { describe, expect, it } from 'vitest'
import type { Plan, PlanRequest } from '@/api/types'
import { sizedBy, withSize } from './size'

const plan = {
  ledger: [
    { ingredient: 'sorghum', role: 'flour', grams: 280.2 },
    { ingredient: 'tapioca-starch', role: 'starch', grams: 20 },
    { ingredient: 'salt', role: 'salt', grams: 3 },
  ],
  portion: { count: 8, mixed_grams: { value: 610.4 } },
} as unknown as Plan
const request: PlanRequest = { style: 'millet-round', pieces: { count: 8, grams_each: 75 } }

describe('how large', () => {
  it('is decided by the pieces unless something else is named', () => {
    expect(sizedBy(request)).toBe('pieces')
  })

  it.each([
    ['flour', { flour_grams: 300 }],
    ['dough', { dough_grams: 610 }],
    ['limit', { limit: { ingredient: 'sorghum', grams: 280 } }],
  ] as const)('by %s starts at the size it has, and the number of pieces follows', (by, scale) => {
    const sized = withSize(request, plan, by)
    expect(sizedBy(sized)).toBe(by)
    expect(sized.formula?.scale).toEqual(scale)
    expect(sized.pieces).toEqual({ grams_each: 75 })
  })

  it('goes back to the pieces there are', () => {
    const back = withSize(withSize(request, plan, 'flour'), plan, 'pieces')
    expect(back.formula?.scale).toBeUndefined()
    expect(back.pieces).toEqual({ count: 8, grams_each: 75 })
  })
})
