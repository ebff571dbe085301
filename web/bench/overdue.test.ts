import { describe, expect, it } from 'vitest'
import type { BatchState } from '@/api/types'
import { laterBy, minutesOverdue } from './overdue'

const start = Date.UTC(2026, 2, 1, 12, 0, 0)
const at = (minute: number) => new Date(start + minute * 60_000).toISOString()
const line: BatchState['line'] = {
  ready_at: at(45),
  planned_at: at(45),
  late_seconds: 0,
  waits_until: at(187),
  stages: [
    { stage: 'mix', at: at(4), begun_by: 'poured' },
    { stage: 'rest', at: at(7), begun_by: 'rest_started' },
    { stage: 'judge', at: at(45) },
  ],
}

describe('a stage that should have begun', () => {
  it('is overdue by whole minutes until the batch was left lying', () => {
    const overdue = [6.9, 7.9, 14.5, 187, 188].map(minute => minutesOverdue(line, start + minute * 60_000))
    expect(overdue).toEqual([0, 0, 7, 180, 0])
    expect(minutesOverdue({ ...line, waits_until: null }, start + 20 * 60_000)).toBe(0)
    expect(minutesOverdue({ ...line, stages: [] }, start + 20 * 60_000)).toBe(0)
  })

  it('makes all that is to come as much later, the griddle among it, and not what is going on', () => {
    const clocks = [
      { kind: 'preheat', ends_at: at(9) },
      { kind: 'knead', ends_at: at(8) },
    ]
    const later = laterBy({ line, clocks } as unknown as BatchState, 7)
    expect(later.line.stages.map(one => one.at)).toEqual([at(4), at(14), at(52)])
    expect([later.line.ready_at, later.line.planned_at, later.line.late_seconds]).toEqual([
      at(52),
      at(45),
      420,
    ])
    expect(later.clocks.map(one => one.ends_at)).toEqual([at(16), at(8)])
  })
})
