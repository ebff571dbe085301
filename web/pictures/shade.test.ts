import { describe, expect, it } from 'vitest'
import { shadeColour } from './shade'

const light = (colour: string) =>
  (colour.match(/\d+/g) ?? []).reduce((sum, channel) => sum + Number(channel), 0)

describe('the colour of a face', () => {
  it('only ever darkens', () => {
    for (let shade = 0; shade < 1; shade += 0.02)
      expect(light(shadeColour(shade + 0.02))).toBeLessThanOrEqual(light(shadeColour(shade)))
  })

  it('stops at pale and at burnt', () => {
    expect(shadeColour(-1)).toBe(shadeColour(0))
    expect(shadeColour(2)).toBe(shadeColour(1))
    expect(shadeColour(1)).toBe('rgb(48, 33, 24)')
  })
})
