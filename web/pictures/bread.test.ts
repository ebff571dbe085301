import { describe, expect, it } from 'vitest'
import type { Portrait } from '@/api/types'
import { breadShape } from './bread'

const disc: Portrait = {
  diameter_mm: 160,
  thickness_mm: 2,
  puffs: false,
  base: '#f0e2b6',
  spot: '#b98a4a',
  side: '#e8d8a8',
  rim: Array.from({ length: 24 }, () => 1),
  spots: [[0.5, 0, 0.1]],
}

function box(path: string) {
  const numbers = [...path.matchAll(/-?\d+(?:\.\d+)?/g)].map(Number)
  const xs = numbers.filter((_, index) => index % 2 === 0)
  const ys = numbers.filter((_, index) => index % 2 === 1)
  return { left: Math.min(...xs), right: Math.max(...xs), top: Math.min(...ys), bottom: Math.max(...ys) }
}

describe('the picture of a bread', () => {
  it('is as wide as the bread, and a spot lies where it was told', () => {
    const shape = breadShape(disc)
    expect(box(shape.face)).toMatchObject({ left: -80, right: 80 })
    expect(shape.spots).toMatch(/^M32 \S+a8 /)
  })

  it('stands higher the thicker it is, and higher when it puffs', () => {
    const height = (portrait: Portrait) => {
      const { top, bottom } = box(breadShape(portrait).side)
      return bottom - top
    }
    expect(height({ ...disc, thickness_mm: 12 })).toBeGreaterThan(height(disc) + 20)
    expect(height({ ...disc, puffs: true })).toBeGreaterThan(height(disc) + 3)
  })

  it('holds its face within its side', () => {
    for (const puffs of [false, true]) {
      const shape = breadShape({ ...disc, puffs, thickness_mm: 9 })
      const face = box(shape.face)
      const side = box(shape.side)
      expect(face.left).toBeGreaterThanOrEqual(side.left)
      expect(face.bottom).toBeLessThanOrEqual(side.bottom)
      expect(face.top).toBeGreaterThanOrEqual(side.top)
    }
  })
})
