import { describe, expect, it } from 'vitest'
import type { Gear } from '@/api/types'
import { changeOf, newGriddle, sizeOf, tidied } from './gear'

const plate = {
  id: 'x',
  version: 3,
  kind: 'griddle',
  name: 'Plate',
  request: { shape: 'round', diameter_mm: 380, metal: 'steel', preheat_seconds: 500 },
  calibrations: [],
  archived: false,
  heat: null,
} as Gear

describe('the tools of the hearth', () => {
  it('are changed from what they are, without what a calibration found', () => {
    expect(changeOf(plate)).toEqual({
      version: 3,
      kind: 'griddle',
      name: 'Plate',
      shape: 'round',
      diameter_mm: 380,
      metal: 'steel',
    })
  })

  it('keep only the measures of their shape', () => {
    const wide = tidied({ ...newGriddle(), name: ' Wide ', shape: 'rectangle', width_mm: 500, depth_mm: 300 })
    expect(wide).toMatchObject({ name: 'Wide', width_mm: 500, depth_mm: 300 })
    expect(wide.diameter_mm).toBeUndefined()
    expect(tidied({ ...wide, shape: 'round', diameter_mm: 300 }).width_mm).toBeUndefined()
  })

  it.each([
    [{ diameter_mm: 380 }, '380 mm across'],
    [{ width_mm: 540, depth_mm: 360 }, '540 mm × 360 mm'],
    [{ resolution_grams: 1 }, 'in steps of 1 g'],
  ])('tell their size', (request, words) => {
    expect(sizeOf({ ...plate, request }, (value, unit) => `${value} ${unit}`)).toBe(words)
  })
})
