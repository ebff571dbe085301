import { expect, it } from 'vitest'
import type { Lot } from '@/api/types'
import { day } from '@/bench/batches'
import { changeOf, historyOf, inOrder, newLot, tidied } from './lots'

const lot = (label: string, opened_on: string | null, emptied_on: string | null = null): Lot => ({
  ...newLot('teff'),
  id: label,
  version: 1,
  label,
  opened_on,
  emptied_on,
  bought_on: null,
  starts_anew: false,
  price_per_kg: null,
  grams: null,
  notes: null,
  set_aside: false,
  archived: false,
  best_before: null,
  is_past: false,
  weighed_grams: null,
  weighed_at: null,
  left_grams: null,
  water: null,
})

it('shows open bags first, the newest before the older, then sealed ones, then the empty', () => {
  const lots = [
    lot('empty', '2026-01-01', '2026-02-01'),
    lot('sealed', null),
    lot('old', '2026-01-01'),
    lot('new', '2026-03-01'),
  ]
  expect(inOrder(lots).map(one => one.label)).toEqual(['new', 'old', 'sealed', 'empty'])
})

it('sends a cleared day as no day and an empty note as none', () => {
  const change = tidied({ ...newLot('teff'), label: 'Teff', opened_on: '', notes: '  ' })
  expect([change.opened_on, change.notes]).toEqual([null, null])
})

it('changes a bag at the version that was seen', () => {
  expect(changeOf(lot('a', null))).toMatchObject({ version: 1, label: 'a' })
  expect(changeOf(lot('a', null))).not.toHaveProperty('id')
  expect(changeOf(lot('a', null))).not.toHaveProperty('left_grams')
})

it('tells what has become of a bag in one line', () => {
  const text = (value: number) => `${value} g`
  expect(historyOf({ ...lot('a', '2026-03-02'), grams: 500, bought_on: '2026-03-01' }, text)).toBe(
    `500 g, bought ${day('2026-03-01T12:00')}, open since ${day('2026-03-02T12:00')}`,
  )
  expect(historyOf(lot('a', null), text)).toBe('')
  expect(historyOf({ ...lot('a', null), grams: 500, left_grams: 236 }, text)).toBe('236 g left of 500 g')
  expect(historyOf({ ...lot('a', null), left_grams: 236 }, text)).toBe('236 g left')
})
