import { describe, expect, it } from 'vitest'
import type { Griddle, GriddlePiece, Step } from '@/api/types'
import { nextStep, ringOf, sayStep } from './hands'

const start = Date.UTC(2026, 2, 1, 12, 0, 0)
const time = (second: number) => start + second * 1000
const iso = (second: number) => new Date(time(second)).toISOString()
const lay: Step = { action: 'lay', piece: 2, place: 2, touch: 0, at: 14, from: 14, to: null, shape_from: 0 }
const turn: Step = {
  action: 'turn',
  piece: 1,
  place: 1,
  touch: 1,
  at: 20,
  from: 16,
  to: 24,
  shape_from: null,
}
const piece: GriddlePiece = {
  piece: 1,
  place: 1,
  laid_at: iso(0),
  touched_at: iso(0),
  touches: 0,
  touches_planned: 4,
}
const griddle = (steps: Step[], more: Partial<Griddle> = {}): Griddle => ({
  since: iso(0),
  paused_at: null,
  read: { empty: null, under_bread: null },
  before: null,
  surface: null,
  pieces: [piece],
  lifted: 0,
  to_lay: 1,
  steps,
  reasons: ['', '', '', '', ''],
  signs: [],
  pace: null,
  kept: { on_time: 0, early: 0, late: 0, missed: 0, worst: null },
  probe: null,
  hot_until: null,
  served_after_seconds: 100,
  ...more,
})

describe('what hands do next', () => {
  it.each([
    [0, 'lay'],
    [12.9, 'lay'],
    [13.1, 'turn'],
    [60, 'turn'],
  ])('at %d s is to %s', (second, action) => {
    expect(nextStep(griddle([lay, turn]), time(second), 7)?.action).toBe(action)
  })

  it('is to lay, even late, when nothing else lies there', () => {
    expect(nextStep(griddle([lay], { pieces: [] }), time(40), 7)?.action).toBe('lay')
    expect(nextStep(griddle([]), time(40), 7)).toBeUndefined()
  })

  it('is never to lay while work is paused, but what lies there is still turned', () => {
    expect(nextStep(griddle([lay, turn], { paused_at: iso(1) }), time(2), 7)?.action).toBe('turn')
    expect(sayStep(griddle([lay], { paused_at: iso(1) }), undefined, time(2)).says).toBe('Paused')
  })

  it('is said with its piece, its count and the seconds left', () => {
    const said = sayStep(griddle([turn]), turn, time(8))
    expect(said).toEqual({ says: 'Turn 1', count: 'piece 1 of 2, touch 1 of 4', inSeconds: 12, late: false })
    expect(sayStep(griddle([]), undefined, time(8)).says).toBe('All off the griddle')
  })

  it('is late only once its window has closed, and laying never is', () => {
    expect(sayStep(griddle([turn]), turn, time(23)).late).toBe(false)
    expect(sayStep(griddle([turn]), turn, time(25)).late).toBe(true)
    expect(sayStep(griddle([lay]), lay, time(99))).toMatchObject({ late: false, inSeconds: 0 })
  })
})

describe('the ring of a piece', () => {
  it.each([
    [10, 0.5, 'early'],
    [16, 0.8, 'now'],
    [24, 1, 'now'],
    [25, 1, 'late'],
  ])('after %d s is %d full and %s', (second, share, tone) => {
    expect(ringOf(griddle([turn]), piece, time(second))).toMatchObject({ share, tone })
  })

  it('is right again at once after the tablet slept for an hour', () => {
    expect(ringOf(griddle([turn]), piece, time(3600))).toMatchObject({
      share: 1,
      tone: 'late',
      seconds: -3580,
    })
  })
})
