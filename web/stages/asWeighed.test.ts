import { expect, it } from 'vitest'
import type { Batch, Plan } from '@/api/types'
import { asWeighed } from './asWeighed'

const figure = (value: number) => ({ value, low: value, high: value, unit: 'g', because: [] })
const plan = {
  water: {
    grams: figure(350),
    first_pour_grams: figure(310),
    reserve_grams: figure(40),
    usual_grams: { low: 300, high: 400 },
    need_deviation_grams: 20,
    parts: [{ kind: 'tap', grams: 350, celsius: 16 }],
    reserve_spoons: '8 tsp',
  },
} as unknown as Plan
const heard = (follows: boolean): Batch =>
  ({
    plan,
    state: {
      bowl: {
        water: {
          grams: 390,
          first_pour_grams: 345,
          reserve_grams: 45,
          follows_weights: follows,
          jug: [{ kind: 'tap', grams: 390, celsius: 16 }],
        },
      },
    },
  }) as unknown as Batch

it('says the water of the plan where all was weighed as planned', () => {
  expect(asWeighed(plan, heard(false))).toBe(plan)
})

it('says the water for what was weighed in, as the house worked it out', () => {
  const { water } = asWeighed(plan, heard(true))
  expect(water.grams.value).toBe(390)
  expect(water.first_pour_grams.value + water.reserve_grams.value).toBe(390)
  expect(water.parts[0]?.grams).toBe(390)
  expect(water.grams.because.at(-1)?.text).toBe('Then for what was weighed in')
})

it('keeps the proportion while a slider moves', () => {
  const moved = { ...plan, water: { ...plan.water, grams: figure(700) } } as unknown as Plan
  expect(asWeighed(moved, heard(true)).water.grams.value).toBeCloseTo(780, 6)
})
