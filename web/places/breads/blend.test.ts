import { expect, it } from 'vitest'
import type { Kitchen, PlanRequest } from '@/api/types'
import { questionOf, withBlend, type Wishes } from './blend'
import { linesOf } from '@/ui/formula'

const kitchen = {
  lots: [
    { ingredient: 'teff', emptied_on: null, price_per_kg: 5 },
    { ingredient: 'oat', emptied_on: '2026-01-01', price_per_kg: 2 },
  ],
  prices: { teff: 5 },
  own_ingredients: [],
  ingredients: [
    { id: 'teff', name: 'Teff', role: 'flour', eaten: true },
    { id: 'cassava', name: 'Cassava', role: 'flour', eaten: true },
    { id: 'xanthan', name: 'Xanthan', role: 'binder', eaten: true },
    { id: 'salt', name: 'Salt', role: 'salt', eaten: true },
    { id: 'egg', name: 'Egg', role: 'egg', eaten: true },
  ],
} as unknown as Kitchen
const wishes: Wishes = { from: 'all', goal: 'least_binder', without: [], least: {} }

it('leaves out of the question what was not wished for', () => {
  expect(questionOf('cassava-wrap', wishes, kitchen)).toEqual({
    style: 'cassava-wrap',
    goal: 'least_binder',
    without: [],
    prices: { teff: 5 },
  })
})

it('asks the larder with every binder, since those can be bought by the spoon', () => {
  expect(questionOf('cassava-wrap', { ...wishes, from: 'larder' }, kitchen).larder).toEqual([
    'teff',
    'xanthan',
  ])
})

it('passes limits on, a limit of nothing too', () => {
  const asked = questionOf('cassava-wrap', { ...wishes, fibre_least: 0, least: { teff: 40 } }, kitchen)
  expect(asked.fibre_least).toBe(0)
  expect(asked.at_least).toEqual({ teff: 40 })
})

it('asks for a price only where a bag has one', () => {
  expect(questionOf('x', { ...wishes, price_most: 3 }, kitchen).price_most).toBe(3)
  expect(questionOf('x', { ...wishes, price_most: 3 }, null).price_most).toBeUndefined()
})

it('puts the blend where flours and binders were and leaves the rest', () => {
  const request: PlanRequest = {
    style: 'cassava-wrap',
    formula: {
      lines: [
        { ingredient: 'cassava', percent: 100 },
        { ingredient: 'xanthan', percent: 2 },
        { ingredient: 'egg', percent: 30 },
        { ingredient: 'salt', percent: 1 },
      ],
    },
  }
  const blended = withBlend(
    request,
    [
      { ingredient: 'teff', name: 'Teff', percent: 59.99 },
      { ingredient: 'cassava', name: 'Cassava', percent: 40 },
      { ingredient: 'xanthan', name: 'Xanthan', percent: 3 },
    ],
    kitchen,
  )
  expect(linesOf(blended).map(line => [line.ingredient, line.percent])).toEqual([
    ['teff', 60],
    ['cassava', 40],
    ['xanthan', 3],
    ['egg', 30],
    ['salt', 1],
  ])
})
