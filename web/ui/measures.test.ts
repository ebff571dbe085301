import { describe, expect, it } from 'vitest'
import type { PlanRequest } from '@/api/types'
import { linesOf } from './formula'
import { amountOf, inParts, inSpoons, measureOf, partOf, writtenIn } from './measures'

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
    { ingredient: 'rice-white', grams: 280, percent: 100, millilitres: 509 },
    { ingredient: 'salt', grams: 2.8, percent: 1, millilitres: 2.4 },
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

  it('in weights says how many pieces but not how heavy, since the lines have said that', () => {
    expect(writtenIn(request, 'grams', plan).pieces).toEqual({ count: 8, thickness_mm: 2.2 })
    expect(writtenIn(request, 'volume', plan).pieces).toEqual({ count: 8, thickness_mm: 2.2 })
  })

  it('comes back to percent as it was', () => {
    expect(writtenIn(writtenIn(request, 'grams', plan), 'percent', plan)).toEqual(request)
  })
})

it.each([
  [509, 2, 'cup'],
  [130, 0.5, 'cup'],
  [30, 2, 'tablespoon_metric'],
  [2.4, 0.5, 'teaspoon_metric'],
  [0.1, 0.25, 'teaspoon_metric'],
])('measures %d mL as %d %s', (millilitres, amount, unit) => {
  expect(inSpoons(millilitres)).toEqual({ amount, unit, fill: 'spooned' })
})

it('fills fewer of the larger cup', () => {
  expect(inSpoons(473.2, 'us').amount).toBe(2)
  expect(inSpoons(500, 'metric').amount).toBe(2)
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
