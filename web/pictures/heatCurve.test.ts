import { describe, expect, it } from 'vitest'
import { HEAT_CURVE, heatCurveOf } from './heatCurve'

const heat = {
  aside: 'settings:a',
  set_aside: false,
  settings: [
    { name: 'Low', celsius: 180, low: 172, high: 188, batches: 1, words: '' },
    { name: 'High', celsius: 228, low: 222, high: 234, batches: 5, words: '' },
  ],
  seen: [
    { setting: 'High', celsius: 231, how: 'calibrated' as const, day: 1 },
    { setting: 'High', celsius: 214, how: 'loaded' as const, day: 2 },
    { setting: 'Low', celsius: 181, how: 'empty' as const, day: 3 },
    { setting: null, celsius: 400, how: 'judged' as const, day: 4 },
  ],
}

describe('the settings of a griddle', () => {
  it('stand side by side in the order of their heat, hotter ones higher', () => {
    const { settings } = heatCurveOf(heat)
    expect(settings[0]?.x).toBeLessThan(settings[1]?.x ?? 0)
    expect(settings[0]?.y).toBeGreaterThan(settings[1]?.y ?? 0)
  })

  it('have what was seen of them near them and inside the frame, and nothing of no setting', () => {
    const { seen, settings } = heatCurveOf(heat)
    expect(seen).toHaveLength(3)
    for (const one of seen) {
      expect(Math.min(...settings.map(setting => Math.abs(setting.x - one.x)))).toBeLessThan(30)
      expect(one.y).toBeGreaterThanOrEqual(HEAT_CURVE.top)
      expect(one.y).toBeLessThanOrEqual(HEAT_CURVE.height - HEAT_CURVE.bottom)
    }
  })
})
