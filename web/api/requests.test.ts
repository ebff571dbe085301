import { describe, expect, it } from 'vitest'
import type { Lot, Plan, PlanRequest } from './types'
import { withLot, withMethod, withVolume, withWish, stands, withThickness } from './requests'

const masa = {
  style: 'pressed-masa',
  formula: {
    lines: [{ ingredient: 'instant-masa-fine', percent: 100, lot: 'old' }],
    method: { water: 'hot_tap' },
  },
  pieces: { count: 14, grams_each: 43 },
  lots: { old: { certified_gluten_free: false } },
} as PlanRequest

describe('a changed request', () => {
  it('keeps the wishes that were not changed', () => {
    expect(withWish(masa, 'pieces', { count: 10 }).pieces).toEqual({ count: 10, grams_each: 43 })
    expect(withMethod(masa, { turns: 'two_turns' }).formula?.method).toEqual({
      water: 'hot_tap',
      turns: 'two_turns',
    })
  })

  it('drops a wish that is taken back, so that the rules decide again', () => {
    const wet = withWish(masa, 'water', { hydration_percent: 140 })
    expect(withWish(wet, 'water', { hydration_percent: undefined }).water).toEqual({})
  })

  it('changes the bag behind a line and describes it', () => {
    const changed = withLot(masa, 'instant-masa-fine', {
      id: 'new',
      certified_gluten_free: true,
      price_per_kg: 6,
    } as Lot)
    expect(changed.formula?.lines?.[0]).toEqual({ ingredient: 'instant-masa-fine', percent: 100, lot: 'new' })
    expect(changed.lots?.['new']).toEqual({ certified_gluten_free: true, price_per_kg: 6 })
    expect(withLot(masa, 'instant-masa-fine', null).formula?.lines?.[0]).not.toHaveProperty('lot')
  })

  it('never touches the request that it came from', () => {
    const before = JSON.stringify(masa)
    withWish(masa, 'pieces', { count: 2 })
    withLot(masa, 'instant-masa-fine', null)
    expect(JSON.stringify(masa)).toBe(before)
  })
})

describe('a cup that is described better', () => {
  it('says which cup and how it was filled on its own line alone', () => {
    const request = {
      formula: {
        lines: [
          { ingredient: 'rice-white', volume: { amount: 2, unit: 'cup_us' } },
          { ingredient: 'salt', grams: 3 },
        ],
      },
    } as PlanRequest
    const said = withVolume(request, 'rice-white', { fill: 'scooped', unit: 'cup_metric' })
    expect(said.formula?.lines).toEqual([
      { ingredient: 'rice-white', volume: { amount: 2, unit: 'cup_metric', fill: 'scooped' } },
      { ingredient: 'salt', grams: 3 },
    ])
    expect(withVolume(request, 'salt', { fill: 'packed' }).formula?.lines).toEqual(request.formula?.lines)
  })
})

describe('faders that the plan answers', () => {
  it('ask hands that leave discs thicker for thinner ones, so that a step down goes down', () => {
    const plan = { moved_by: { thickness_times: 1.06, colour_times: 1, loss_points: 0 } } as Plan
    const asked = withThickness(masa, plan, 1.9).pieces
    expect(asked?.thickness_mm).toBeCloseTo(1.9 / 1.06, 3)
    expect(asked).not.toHaveProperty('diameter_mm')
    expect(withThickness(masa, {} as Plan, 1.9).pieces?.thickness_mm).toBe(1.9)
  })

  it('stand at what was asked for while whole grams keep to it, else at what the plan has', () => {
    expect(stands(137, 137.6)).toBe(137)
    expect(stands(180, 173.2)).toBe(173)
    expect(stands(undefined, 135.7)).toBe(136)
  })
})
