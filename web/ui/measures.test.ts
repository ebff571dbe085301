import { describe, expect, it } from 'vitest'
import type { PlanRequest } from '@/api/types'
import { linesOf } from './formula'
import { amountOf, inParts, measureOf, partOf, writtenIn } from './measures'

const request: PlanRequest = {
  style: 'rice-round',
  pieces: { count: 8, grams_each: 58, thickness_mm: 2.2 },
  formula: {
    lines: [
      { ingredient: 'rice-white', percent: 100, lot: 'tin' },
      { ingredient: 'salt', percent: 1 },
    ],
  },
}
const plan = {
  portion: { count: 8, piece_grams: { value: 58 } },
  ledger: [
    { ingredient: 'rice-white', grams: 280, percent: 100, volume: { amount: 2, unit: 'cup' as const } },
    { ingredient: 'salt', grams: 2.8, percent: 1, volume: { amount: 0.5, unit: 'teaspoon_us' as const } },
  ],
}

describe('a formula', () => {
  it('is written in percent until a line says otherwise', () => {
    expect(measureOf(request)).toBe('percent')
    expect(measureOf(writtenIn(request, 'grams', plan))).toBe('grams')
    expect(measureOf(writtenIn(request, 'volume', plan))).toBe('volume')
  })

  it('in grams weighs what the plan weighs, and keeps its bags', () => {
    expect(linesOf(writtenIn(request, 'grams', plan))).toEqual([
      { ingredient: 'rice-white', grams: 280, lot: 'tin' },
      { ingredient: 'salt', grams: 2.8 },
    ])
  })

  it('in measures takes those of the kitchen, as the plan says them', () => {
    expect(linesOf(writtenIn(request, 'volume', plan))).toEqual([
      { ingredient: 'rice-white', volume: { amount: 2, unit: 'cup', fill: 'spooned' }, lot: 'tin' },
      { ingredient: 'salt', volume: { amount: 0.5, unit: 'teaspoon_us', fill: 'spooned' } },
    ])
  })

  it('in weights says how many pieces but not how heavy, since the lines have said that', () => {
    expect(writtenIn(request, 'grams', plan).pieces).toEqual({ count: 8, thickness_mm: 2.2 })
    expect(writtenIn(request, 'volume', plan).pieces).toEqual({ count: 8, thickness_mm: 2.2 })
  })

  it('comes back to percent as it was', () => {
    expect(writtenIn(writtenIn(request, 'grams', plan), 'percent', plan)).toEqual(request)
  })
})

it.each([
  [0.25, '¼'],
  [1, '1'],
  [1.75, '1¾'],
  [2.5, '2½'],
  [0.34, '⅓'],
  [1.66, '1⅔'],
  [2.97, '3'],
])('says %d as %s', (amount, words) => {
  expect(inParts(amount)).toBe(words)
})

it('every amount that cups measure is found again', () => {
  for (let part = 0; part < 30; part++) expect(partOf(amountOf(part))).toBe(part)
})
