import { describe, expect, it } from 'vitest'
import type { Kitchen, ReadFormula } from '@/api/types'
import { requestOf } from './inWords'

const kitchen = {
  styles: [{ id: 'rice-round', piece_count: 8, thickness_mm: 2.5 }],
  own_ingredients: [{ document: { id: 'own-mix', name: 'My mix' } }],
} as unknown as Kitchen

function read(more: Partial<ReadFormula> = {}): ReadFormula {
  return {
    text: '',
    name: null,
    parts: [],
    open: 0,
    formula: { lines: [{ ingredient: 'rice-white', grams: 200 }], extras: [] },
    count: null,
    water_celsius: null,
    likest: [],
    ...more,
  }
}

describe('a bread from a cook’s own words', () => {
  it('is of as many pieces as the text says, or as is usual for its kind', () => {
    expect(requestOf(read(), 'rice-round', kitchen).pieces).toEqual({ count: 8, thickness_mm: 2.5 })
    expect(requestOf(read({ count: 10 }), 'rice-round', kitchen).pieces?.count).toBe(10)
  })

  it('takes the warmth of its water from the text, and none where the text has none', () => {
    expect(requestOf(read(), 'rice-round', kitchen).water).toBeUndefined()
    expect(requestOf(read({ water_celsius: 43 }), 'rice-round', kitchen).water).toEqual({ celsius: 43 })
  })

  it('names no extras where the text has none, so that what is usual for its kind stays', () => {
    expect(requestOf(read(), 'rice-round', kitchen).formula).toEqual({
      lines: [{ ingredient: 'rice-white', grams: 200 }],
    })
  })

  it('carries along the own ingredients that it names, and no others', () => {
    const own = read({ formula: { lines: [{ ingredient: 'own-mix', grams: 200 }], extras: [] } })
    expect(requestOf(own, 'rice-round', kitchen).own_ingredients).toHaveLength(1)
    expect(requestOf(read(), 'rice-round', kitchen).own_ingredients).toBeUndefined()
  })
})
