import { describe, expect, it } from 'vitest'
import type { Plan, PlanRequest } from '@/api/types'
import { sizedBy, withLikeness, withPieces, withSize } from './size'

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

describe('number and weight of the pieces', () => {
  it('come from the eaters where those were named last', () => {
    const eaters = withPieces(request, { eaters: 4 })
    expect(eaters.pieces).toEqual({ eaters: 4, grams_each: 75 })
    expect(withPieces(eaters, { count: 9 }).pieces).toEqual({ count: 9, grams_each: 75 })
  })

  it('can both be wished for where the formula is in percent', () => {
    expect(withPieces(request, { grams_each: 60 }).pieces).toEqual({ count: 8, grams_each: 60 })
  })

  it('follow from one another where weights fix the dough', () => {
    const weighed: PlanRequest = {
      ...request,
      formula: { lines: [{ ingredient: 'sorghum', grams: 300 }] },
    }
    expect(withPieces(weighed, { grams_each: 60 }).pieces).toEqual({ grams_each: 60 })
    expect(withPieces(weighed, { count: 10 }).pieces).toEqual({ count: 10 })
  })

  it('follow from one another where a scale fixes the dough', () => {
    const scaled = withSize(request, plan, 'flour')
    expect(withPieces(scaled, { count: 10 }).pieces).toEqual({ count: 10 })
  })
})

describe('pieces that nobody weighs', () => {
  it('are as large as something in place of a weight, and go back to the weight by a weight', () => {
    const likened = withLikeness(request, 'walnut')
    expect(likened.pieces).toEqual({ count: 8, like: 'walnut' })
    expect(withPieces(likened, { grams_each: 40 }).pieces).toEqual({ count: 8, grams_each: 40 })
    expect(withLikeness(likened, 'weight').pieces).toEqual({ count: 8 })
  })
})
