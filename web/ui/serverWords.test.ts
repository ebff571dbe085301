import { describe, expect, it } from 'vitest'
import { inUnits } from './serverWords'

const METRIC = { mass: 'g', temperature: 'C', length: 'mm', energy: 'both' } as const
const US = { mass: 'oz', temperature: 'F', length: 'in', energy: 'both' } as const

describe('what the house says in a sentence', () => {
  const said = [
    [
      'It was read at 221 °C: let it come down to 208 °C.',
      'It was read at 430 °F: let it come down to 406 °F.',
    ],
    ['A full load cools the metal by up to 40 degrees.', 'A full load cools the metal by up to 72 degrees.'],
    ['Pour 142 g of water at 52 °C', 'Pour 5.01 oz of water at 126 °F'],
    ['2.5 mm thick', '1/8 in thick'],
    ['13 g net carbohydrate a piece, 1.2 g/mL.', '13 g net carbohydrate a piece, 1.2 g/mL.'],
    ['Nothing to add. Cover it and go on.', 'Nothing to add. Cover it and go on.'],
  ] as const
  it('is said in the units of whoever reads it', () => {
    for (const [metric, us] of said) {
      expect(inUnits(metric, METRIC)).toBe(metric)
      expect(inUnits(metric, US)).toBe(us)
    }
  })
})
