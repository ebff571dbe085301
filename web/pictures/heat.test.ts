import { describe, expect, it } from 'vitest'
import { heatColour } from './heat'

const WEIGHTS = [0.299, 0.587, 0.114]
const light = (colour: string) =>
  (colour.match(/\d+/g) ?? []).reduce((sum, part, index) => sum + Number(part) * (WEIGHTS[index] ?? 0), 0)

describe('the colours of heat', () => {
  it('get darker from boiling on, so that a crust can be told without its hue', () => {
    for (let celsius = 96; celsius < 240; celsius += 4)
      expect(light(heatColour(celsius + 4))).toBeLessThan(light(heatColour(celsius)))
  })

  it('get lighter up to the boil', () => {
    for (let celsius = 15; celsius < 92; celsius += 4)
      expect(light(heatColour(celsius + 4))).toBeGreaterThan(light(heatColour(celsius)))
  })

  it.each([
    [-40, 15],
    [400, 240],
  ])('stay at their ends: %d °C looks like %d °C', (celsius, end) => {
    expect(heatColour(celsius)).toBe(heatColour(end))
  })
})
