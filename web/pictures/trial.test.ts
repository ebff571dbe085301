import { expect, it } from 'vitest'
import { trialOf } from './trial'

const level = (name: string, value: number | null, points: number[]) => ({
  name,
  value,
  points,
  count: points.length,
  mean: points.length ? points.reduce((sum, one) => sum + one, 0) / points.length : null,
})

it('more lies further right, and results that are the same lie on each other', () => {
  const picture = trialOf([level('124 %', 124, [1, 2, 2]), level('136 %', 136, [3])])
  const [first, second] = picture.rows
  expect(first?.points[0]?.x).toBeLessThan(first?.points[1]?.x ?? 0)
  expect(first?.points[1]?.x).toBe(first?.points[2]?.x)
  expect(first?.points[2]?.y).toBeLessThan(first?.points[1]?.y ?? 0)
  expect(second?.points[0]?.y).toBeGreaterThan(first?.points[0]?.y ?? 0)
})

it('what was made before stands beside the level that it was nearest to', () => {
  const picture = trialOf([level('124 %', 124, [1]), level('136 %', 136, [3])], [{ at: 134, value: 2 }])
  expect(picture.rows.map(row => row.before.length)).toEqual([0, 1])
})

it('a trial without a result has a picture all the same', () => {
  expect(trialOf([level('a', null, []), level('b', null, [])]).rows.every(row => row.mean === null)).toBe(
    true,
  )
})
