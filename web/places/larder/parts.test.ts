import { expect, it } from 'vitest'
import { partsOf } from './parts'

it('lays what 100 g hold end to end and leaves out traces', () => {
  const parts = partsOf({
    water_grams: 76,
    protein_grams: 12.6,
    fat_grams: 9.5,
    carbohydrate_grams: 0.4,
    fibre_grams: 0,
    ash_grams: 1.1,
  })
  expect(parts.map(part => part.name)).toEqual(['water', 'protein', 'fat', 'minerals'])
  expect(parts.map(part => part.from)).toEqual([0, 76, 88.6, 98.5])
})
