import { expect, it } from 'vitest'
import type { Plan } from '@/api/types'
import { bindingBar } from './binding'

const figure = (value: number) => ({ value, low: value, high: value, unit: 'index' as const, because: [] })
const row = (name: string, binding_points: number) =>
  ({ name, binding_points }) as unknown as Plan['ledger'][number]
const plan = (rows: Plan['ledger'], index: number) => ({
  ledger: rows,
  binding: { index: figure(index), needed: figure(40), gummy_above: 90 },
})

it('lays the parts end to end, the strongest first, and leaves out what hardly holds', () => {
  const bar = bindingBar(plan([row('Egg', 18), row('Salt', 0), row('Xanthan', 28)], 46))
  expect(bar.parts).toEqual([
    { name: 'Xanthan', from: 0, points: 28 },
    { name: 'Egg', from: 28, points: 18 },
  ])
})

it('always reaches past where gummy begins, and past the parts where they are more', () => {
  expect(bindingBar(plan([row('Egg', 18)], 18)).most).toBeCloseTo(100.8)
  expect(bindingBar(plan([row('Psyllium', 150)], 150)).most).toBeCloseTo(157.5)
})
