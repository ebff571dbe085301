import { describe, expect, it } from 'vitest'
import type { Plan } from '@/api/types'
import { questionOf, usualMeasures, usualWay } from './ways'

const plan = (shape: Plan['method']['shape']) =>
  ({ method: { shape }, shape: { thickness_mm: { value: 1.46 }, diameter_mm: { value: 168.6 } } }) as Plan

describe('the ways of shaping', () => {
  it.each([
    ['cutter', 'cut'],
    ['pour', 'batter'],
    ['fingers', 'sheet'],
    ['lever_press', 'disc'],
    ['palms', 'disc'],
  ] as const)('a formula shaped by %s opens on %s', (shape, way) => {
    expect(usualWay(plan(shape))).toBe(way)
  })

  it('never ask for a cutter wider than the board, or a rim narrower than the base', () => {
    const measures = { ...usualMeasures(plan('cutter'), 300), cutter: 500, board: 320, rim: 100 }
    expect(questionOf('cut', measures).cut).toEqual({ cutter_mm: 320, board_mm: 320 })
    expect(questionOf('batter', measures).batter?.pan).toMatchObject({ base_mm: 300, rim_mm: 300 })
  })

  it('ask only for what the way needs', () => {
    const measures = usualMeasures(plan('lever_press'), undefined)
    expect(questionOf('disc', measures)).toEqual({})
    expect(Object.keys(questionOf('wedges', measures))).toEqual(['wedges'])
    expect(Object.keys(questionOf('stuffed', measures))).toEqual(['stuffed'])
  })
})
