import { describe, expect, it } from 'vitest'
import type { Day } from '@/api/types'
import { clashBars, rowsOf, spanOf } from './dayLanes'

const day: Day = {
  hands: 1,
  batches: ['a', 'b'].map((id, index) => ({
    id,
    name: id,
    starts_at: `2026-03-01T1${index}:00:00+00:00`,
    ready_at: `2026-03-01T1${index + 1}:30:00+00:00`,
    can_move: index === 1,
    griddle: 'g',
    on_griddle: [`2026-03-01T1${index}:40:00+00:00`, `2026-03-01T1${index + 1}:10:00+00:00`],
    blocks: [
      { from: `2026-03-01T1${index}:00:00+00:00`, until: `2026-03-01T1${index}:20:00+00:00`, hands: 1 },
    ],
  })),
  lacks: [],
  clashes: [
    {
      kind: 'griddle',
      batches: ['a', 'b'],
      from: '2026-03-01T11:00:00+00:00',
      until: '2026-03-01T11:10:00+00:00',
      words: '',
      moves: [],
    },
  ],
}

describe('the day as rows', () => {
  it('holds every batch with its hands and its griddle', () => {
    expect(rowsOf(day).map(row => [row.id, row.canMove, row.hands.length])).toEqual([
      ['a', false, 1],
      ['b', true, 1],
    ])
  })

  it('is as long as all of them together', () => {
    const span = spanOf(rowsOf(day))
    expect(((span?.until ?? 0) - (span?.from ?? 0)) / 60_000).toBe(150 + 20)
    expect(spanOf([])).toBeNull()
  })

  it('marks a clash in both rows that it is between', () => {
    expect(clashBars(day, 'a')).toEqual(clashBars(day, 'b'))
    expect(clashBars(day, 'a')).toHaveLength(1)
  })
})
