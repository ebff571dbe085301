import { describe, expect, it } from 'vitest'
import { GriddleStandIn } from './griddleStandIn'
import { middleAfter, ProbeStandIn } from './probeStandIn'
import { parseCentreLine, parseHeatLine } from './thermometer'

const still = () => 0.5

describe('the griddle of the stand-in', () => {
  it('creeps away from what was planned, as griddles do', () => {
    const griddle = new GriddleStandIn(230, 4, still)
    let last = 0
    for (let look = 0; look < 4 * 60 * 5; look++) last = parseHeatLine(griddle.line()) ?? 0
    // Five minutes at 4 °C a minute, less what it lags behind: 4/60 °C a second for 20 s.
    expect(last).toBeCloseTo(230 + 20 - 80 / 60, 0)
  })

  it('answers to its burner, but not at once', () => {
    const griddle = new GriddleStandIn(230, 0, still)
    griddle.turn(-20)
    expect(parseHeatLine(griddle.line())).toBeGreaterThan(229)
    for (let look = 0; look < 4 * 120; look++) griddle.line()
    expect(parseHeatLine(griddle.line())).toBeCloseTo(210, 0)
  })
})

describe('the probe of the stand-in', () => {
  it('comes up to the middle within a few looks and never shows more than boiling', () => {
    const probe = new ProbeStandIn(() => 120, still)
    for (let look = 0; look < 20; look++) probe.line()
    expect(parseCentreLine(probe.line())).toBeCloseTo(99, 0)
  })

  it('follows a middle that is done when it was said to be', () => {
    expect(middleAfter(0, 94, 600)).toBeCloseTo(25, 6)
    expect(middleAfter(600, 94, 600)).toBeCloseTo(94, 6)
    expect(middleAfter(60000, 94, 600)).toBeCloseTo(99, 6)
  })

  it.each([
    ['centre 91.4 C', 91.4],
    ['surface 91.4 C', null],
    ['centre', null],
  ])('speaks its own line: %s', (line, celsius) => {
    expect(parseCentreLine(line)).toBe(celsius)
  })
})
