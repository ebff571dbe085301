import { describe, expect, it } from 'vitest'
import type { Lot, OwnIngredient, PlanRequest } from '@/api/types'
import {
  atHand,
  linesOf,
  withAmount,
  withBags,
  withFat,
  withFlourShare,
  withGrind,
  withMore,
  withOwn,
  without,
} from './formula'

const request: PlanRequest = {
  style: 'cassava-wrap',
  formula: {
    lines: [
      { ingredient: 'cassava', percent: 60 },
      { ingredient: 'tapioca-starch', percent: 30 },
      { ingredient: 'teff', percent: 10 },
      { ingredient: 'salt', percent: 1 },
    ],
  },
}
const isFlour = (ingredient: string) => ingredient !== 'salt'
const percents = (of: PlanRequest) => linesOf(of).map(line => line.percent)

const lot = (ingredient: string, more: Partial<Lot> = {}): Lot => ({
  id: ingredient,
  version: 1,
  ingredient,
  label: ingredient,
  certified_gluten_free: true,
  bought_on: null,
  best_before: null,
  is_past: false,
  weighed_grams: null,
  weighed_at: null,
  left_grams: null,
  starts_anew: false,
  opened_on: null,
  emptied_on: null,
  price_per_kg: null,
  grams: null,
  notes: null,
  set_aside: false,
  archived: false,
  water: null,
  ...more,
})

describe('flours that make up the whole together', () => {
  it('lets the others share what is left in their ratio', () => {
    // 100 − 20 = 80 among 30 and 10: 60 and 20.
    expect(percents(withFlourShare(request, 'cassava', 20, isFlour))).toEqual([20, 60, 20, 1])
  })

  it.each([5, 33.3, 50, 87.5, 99])('still come to a hundred when one is moved to %d', percent => {
    const moved = withFlourShare(request, 'tapioca-starch', percent, isFlour)
    const flours = linesOf(moved).filter(line => isFlour(line.ingredient))
    expect(flours.reduce((sum, line) => sum + (line.percent ?? 0), 0)).toBeCloseTo(100, 1)
  })

  it('leaves a lone flour at a hundred', () => {
    const alone = { ...request, formula: { lines: [{ ingredient: 'cassava', percent: 100 }] } }
    expect(withFlourShare(alone, 'cassava', 50, isFlour)).toBe(alone)
  })
})

describe('lines', () => {
  it('change in the measure they are in', () => {
    expect(linesOf(withAmount(request, 'salt', 1.5))[3]).toEqual({ ingredient: 'salt', percent: 1.5 })
    const grams = { style: 'rice-round', formula: { lines: [{ ingredient: 'rice-white', grams: 200 }] } }
    expect(linesOf(withAmount(grams, 'rice-white', 250))).toEqual([{ ingredient: 'rice-white', grams: 250 }])
  })

  it('keep their cups when they are more or fewer', () => {
    const cups: PlanRequest = {
      style: 'rice-round',
      formula: { lines: [{ ingredient: 'rice-white', volume: { amount: 2, unit: 'cup_metric' } }] },
    }
    expect(linesOf(withAmount(cups, 'rice-white', 2.5))[0]?.volume).toEqual({
      amount: 2.5,
      unit: 'cup_metric',
    })
  })

  it('say how they are ground', () => {
    expect(linesOf(withGrind(request, 'teff', 'home_coarse'))[2]?.grind).toBe('home_coarse')
    expect(linesOf(withGrind(request, 'teff', 'home_coarse'))[0]?.grind).toBeUndefined()
  })

  it('come in and go out, and the request that was is left alone', () => {
    const more = withMore(request, 'xanthan', 2)
    expect(linesOf(more)).toHaveLength(5)
    expect(linesOf(more)[4]).toEqual({ ingredient: 'xanthan', percent: 2 })
    expect(linesOf(without(more, 'salt')).map(line => line.ingredient)).not.toContain('salt')
    expect(linesOf(request)).toHaveLength(4)
  })
})

describe('the larder', () => {
  it('holds what has a bag that is not empty', () => {
    expect(
      atHand([
        lot('teff'),
        lot('teff', { id: 'b' }),
        lot('oat', { emptied_on: '2026-01-02' }),
        lot('cassava'),
      ]),
    ).toEqual(['teff', 'cassava'])
  })

  it('weighs from the bags that the house names, with their certificate and price', () => {
    const lots = [
      lot('teff', { id: 'old', price_per_kg: 4 }),
      lot('teff', { id: 'new', price_per_kg: 5 }),
      lot('cassava', { certified_gluten_free: false }),
    ]
    const weighed = withBags(request, { cup: null, lots, bags_taken: { teff: 'new', cassava: 'cassava' } })
    expect(linesOf(weighed).map(line => line.lot)).toEqual(['cassava', undefined, 'new', undefined])
    expect(weighed.lots).toEqual({
      new: { certified_gluten_free: true, price_per_kg: 5 },
      cassava: { certified_gluten_free: false },
    })
    expect(withBags(request, { cup: null, lots: [], bags_taken: {} })).toBe(request)
    expect(withBags(request, null)).toBe(request)
  })
})

it('exchanges the fat of a formula at as much as there was, puts the usual share in, or takes it out', () => {
  const kitchen = {
    ingredients: [
      { id: 'sunflower-oil', name: 'Oil', role: 'fat', eaten: true },
      { id: 'ghee', name: 'Ghee', role: 'fat', eaten: true },
    ],
  }
  const ghee = { id: 'ghee', name: 'Ghee', buys: '', line: { ingredient: 'ghee', percent: 4 } }
  const oily = withMore(request, 'sunflower-oil', 2.5)
  expect(linesOf(withFat(oily, ghee, kitchen)).at(-1)).toEqual({ ingredient: 'ghee', percent: 2.5 })
  expect(linesOf(withFat(request, ghee, kitchen)).at(-1)).toEqual({ ingredient: 'ghee', percent: 4 })
  expect(linesOf(withFat(oily, { id: 'none', name: 'None', buys: '' }, kitchen))).toEqual(linesOf(request))
})

it('sends own ingredients along only where a line names them', () => {
  const own = [
    { version: 1, document: { id: 'own-a', name: 'A', like: 'teff' } },
  ] as unknown as OwnIngredient[]
  expect(withOwn(request, own).own_ingredients).toBeUndefined()
  const named = withMore(request, 'own-a', 5)
  expect(withOwn(named, own).own_ingredients).toHaveLength(1)
  expect(withOwn(without(withOwn(named, own), 'own-a'), own).own_ingredients).toBeUndefined()
})
