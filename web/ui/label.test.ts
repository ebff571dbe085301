import { describe, expect, it } from 'vitest'
import type { Figure } from '@/api/types'
import { factsOf } from './label'

const figure = (value: number): Figure => ({ value, low: value, high: value, unit: 'g', because: [] })
const label = {
  energy_kj: figure(400),
  fat_grams: figure(4),
  carbohydrate_grams: figure(12),
  total_carbohydrate_grams: figure(17),
  net_carbohydrate_grams: figure(12),
  sugars_grams: figure(1),
  fibre_grams: figure(5),
  protein_grams: figure(6),
  salt_grams: figure(0.4),
}

describe('a label', () => {
  it('with fibre apart prints the net figure as the carbohydrate', () => {
    const facts = factsOf(label, 'apart')
    expect(facts.find(fact => fact.name.startsWith('Carbohydrate'))?.figure.value).toBe(12)
    expect(facts.some(fact => fact.name.startsWith('Net'))).toBe(false)
  })

  it('with fibre within prints both and takes the fibre out for the net figure', () => {
    const facts = factsOf(label, 'within')
    expect(facts.find(fact => fact.name.startsWith('Carbohydrate'))?.figure.value).toBe(17)
    expect(facts.find(fact => fact.name.startsWith('Net'))?.figure.value).toBe(12)
  })
})
