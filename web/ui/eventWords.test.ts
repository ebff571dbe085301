import { describe, expect, it } from 'vitest'
import { eventWords } from './eventWords'

const names = new Map([['instant-masa-fine', 'Instant masa']])
const text = (value: number, unit: string | null) => `${value} ${unit === 'celsius' ? '°C' : unit}`

describe('what an undo says it undoes', () => {
  it('names the line and the weight that was put in', () => {
    expect(eventWords({ kind: 'measured', ingredient: 'instant-masa-fine', grams: 269 }, names, text)).toBe(
      '269 g instant masa',
    )
  })

  it('adds up what a correction worked in', () => {
    expect(eventWords({ kind: 'corrected', water_grams: 12, flour_grams: 0 }, names, text)).toBe(
      'correction of 12 g',
    )
  })

  it('names the piece at the griddle', () => {
    expect(eventWords({ kind: 'turned', piece: 4, touch: 1 }, names, text)).toBe('turning piece 4')
    expect(eventWords({ kind: 'centre_taken', piece: 2, celsius: 94 }, names, text)).toBe(
      'piece 2 read at 94 °C',
    )
  })
})
