import { describe, expect, it } from 'vitest'
import { parseHeatLine } from './thermometer'
import { ThermometerStandIn } from './thermometerStandIn'

describe('the thermometer stand-in', () => {
  it('warms towards its setting and stays near it', () => {
    const thermometer = new ThermometerStandIn(230, 200, 20, () => 0.5)
    const readings = Array.from({ length: 400 }, () => parseHeatLine(thermometer.line()) ?? NaN)
    for (let one = 1; one < readings.length; one++)
      expect(readings[one]).toBeGreaterThanOrEqual(readings[one - 1] ?? NaN)
    expect(readings.at(-1)).toBeCloseTo(230, 0)
    // After one time constant 63 % of the way is done: 21 + 0.632 · 209 = 153.
    expect(readings[39]).toBeCloseTo(153, -1)
  })

  it.each([
    ['surface 212.5 C', 212.5],
    ['surface 400 F', null],
    ['scale 3 g', null],
  ])('reads the line "%s"', (line, value) => {
    expect(parseHeatLine(line)).toBe(value)
  })
})
