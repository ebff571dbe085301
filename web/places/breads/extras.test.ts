import { describe, expect, it } from 'vitest'
import type { Plan, PlanRequest } from '@/api/types'
import { extrasOf, withExtra, withGramsEach, withoutExtra } from './extras'

const request: PlanRequest = {
  style: 'pressed-masa',
  formula: { lines: [{ ingredient: 'teff', percent: 100 }] },
}
const plan = { extras: [{ ingredient: 'ghee', place: 'faces', grams_each: 2.2 }] } as unknown as Plan
const GHEE = { ingredient: 'ghee', place: 'faces' } as const
const RICE = { ingredient: 'rice-white', place: 'dusting' } as const

describe('what is no part of the dough', () => {
  it('is what the way of greasing takes until the cook writes something', () => {
    expect(extrasOf(request, plan)).toEqual([GHEE])
    expect(extrasOf({ ...request, formula: { extras: [] } }, plan)).toEqual([])
  })

  it('keeps the fat of the plan when the cook puts something beside it', () => {
    const more = withExtra(request, plan, RICE)
    expect(more.formula).toEqual({ lines: [{ ingredient: 'teff', percent: 100 }], extras: [GHEE, RICE] })
    expect(withExtra(more, plan, RICE)).toBe(more)
  })

  it('is told by the piece, from the bag it was', () => {
    const bagged: PlanRequest = {
      style: 'pressed-masa',
      formula: { extras: [{ ...GHEE, grams: 30, lot: 'jar' }] },
    }
    expect(withGramsEach(bagged, plan, GHEE, 4).formula?.extras).toEqual([
      { ...GHEE, grams_each: 4, lot: 'jar' },
    ])
  })

  it('can be taken out, the last one too', () => {
    expect(withoutExtra(request, plan, GHEE).formula?.extras).toEqual([])
  })
})
