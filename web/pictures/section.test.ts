import { describe, expect, it } from 'vitest'
import type { Section } from '@/api/types'
import { cellsOf, profileAt, spansOf, ticksOf } from './section'

const touch = (action: 'turn' | 'press' | 'lift', at: number) => ({
  action,
  at_seconds: at,
  from_seconds: at,
  to_seconds: at,
})
const section = {
  seconds: 100,
  lifted_at_seconds: 90,
  touches: [touch('turn', 20), touch('press', 60), touch('lift', 90)],
  layer_edges: [0, 0.25, 1],
  times: [0, 40, 80],
  celsius: [
    [20, 21],
    [100, 90],
    [120, 100],
  ],
} as unknown as Section

describe('the section of a bake', () => {
  it('changes the face on the metal at each touch, and leaves the metal for its finish', () => {
    expect(spansOf(section)).toEqual([
      { from: 0, until: 20, face: 'first' },
      { from: 20, until: 60, face: 'second' },
      { from: 60, until: 90, face: 'first' },
      { from: 90, until: 100, face: 'off' },
    ])
  })

  it('fills its whole picture once with cells', () => {
    const area = cellsOf(section, 50).reduce((sum, cell) => sum + cell.width * cell.height, 0)
    expect(area).toBeCloseTo(1)
  })

  it('stands between two moments where its time does, and still after the last', () => {
    expect(profileAt(section, 20)).toEqual([60, 55.5])
    expect(profileAt(section, 100)).toEqual([120, 100])
  })

  it('draws the face that was laid first at the bottom', () => {
    const [bottom, top] = cellsOf(section, 50)
    expect(bottom?.y).toBeGreaterThan(top?.y ?? 1)
    expect(bottom?.celsius).toBeCloseTo(22)
  })

  it.each([
    [42, 10],
    [110, 15],
    [640, 120],
    [2000, 300],
  ])('marks %d s in steps of %d s', (seconds, step) => {
    expect(ticksOf(seconds)[1]).toBe(step)
  })
})
