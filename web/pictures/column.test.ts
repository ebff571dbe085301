import { describe, expect, it } from 'vitest'
import type { Plan } from '@/api/types'
import { columnOf } from './column'

const plan = {
  water: {
    grams: { value: 340 },
    first_pour_grams: { value: 318 },
    hydration_percent: { value: 126 },
    need_deviation_grams: 17,
  },
} as Plan
const grades = [
  { grade: 'powdery', name: 'Powdery', offset_points: -15 },
  { grade: 'cracking', name: 'Cracking', offset_points: -5 },
  { grade: 'ready', name: 'Ready', offset_points: 0 },
  { grade: 'tacky', name: 'Tacky', offset_points: 4 },
  { grade: 'slack', name: 'Slack', offset_points: 14 },
] as const

describe('the water column', () => {
  it('stands higher the more water there is', () => {
    const column = columnOf(plan, 200, [...grades])
    expect(column.allY).toBeLessThan(column.firstY)
    expect(columnOf(plan, 330, [...grades]).pouredY).toBeLessThan(column.pouredY)
  })

  it('puts "ready" where all the water is, wetter grades above and drier ones below', () => {
    const { grades: placed, allY } = columnOf(plan, 0, [...grades])
    const heights = Object.fromEntries(placed.map(one => [one.grade, one.y]))
    expect(heights['ready']).toBeCloseTo(allY, 5)
    expect(heights['slack']).toBeLessThan(heights['tacky'] ?? 0)
    expect(heights['powdery']).toBeGreaterThan(heights['cracking'] ?? 0)
  })

  it('marks where practice ends, where the plan says so', () => {
    expect(columnOf(plan, 0, [...grades]).usual).toBeNull()
    const said = { water: { ...plan.water, usual_grams: { low: 310, high: 400 } } } as Plan
    const { usual, allY } = columnOf(said, 0, [...grades])
    expect(usual?.top).toBeLessThan(allY)
    expect(usual?.bottom).toBeGreaterThan(allY)
  })

  it('never lets two labels touch, however small the dough', () => {
    const tiny = {
      water: {
        ...plan.water,
        grams: { value: 6 },
        hydration_percent: { value: 13 },
        first_pour_grams: { value: 2 },
      },
    } as Plan
    const heights = columnOf(tiny, 0, [...grades]).grades.map(one => one.y)
    heights.forEach(
      (y, index) => index > 0 && expect((heights[index - 1] ?? 0) - y).toBeGreaterThanOrEqual(16.9),
    )
  })
})
