import { describe, expect, it } from 'vitest'
import type { GriddlePiece, NextAction } from '@/api/types'
import { nextNow, ringOf, sayNext } from './hands'

const at = (second: number) => new Date(Date.UTC(2026, 2, 1, 12, 0, second)).toISOString()
const time = (second: number) => Date.parse(at(second))
const lay: NextAction = { action: 'lay', piece: 2, place: 2, due_at: null, until: at(13) }
const turn: NextAction = { action: 'turn', piece: 1, place: 1, due_at: at(20), until: null }
const piece: GriddlePiece = {
  piece: 1,
  place: 1,
  laid_at: at(0),
  touched_at: at(0),
  touches: 0,
  touches_planned: 4,
  next: { action: 'turn', due_at: at(20), from_at: at(16), to_at: at(24) },
}

describe('what hands do next', () => {
  it.each([
    [5, 'lay'],
    [12.9, 'lay'],
    [13.1, 'turn'],
    [60, 'turn'],
  ])('at %d s is to %s', (second, action) => {
    expect(nextNow([lay, turn], time(0) + second * 1000)?.action).toBe(action)
  })

  it('is to lay, even late, when there is nothing else', () => {
    expect(nextNow([lay], time(40))?.action).toBe('lay')
    expect(nextNow([], time(40))).toBeUndefined()
  })

  it('is said with the piece and the seconds left', () => {
    expect(sayNext(turn, time(8))).toEqual({ says: 'Turn 1', inSeconds: 12 })
    expect(sayNext(undefined, time(8)).says).toBe('All off the griddle')
  })
})

describe('the ring of a piece', () => {
  it.each([
    [10, 0.5, 'early'],
    [16, 0.8, 'now'],
    [24, 1, 'now'],
    [25, 1, 'late'],
  ])('after %d s is %d full and %s', (second, share, tone) => {
    expect(ringOf(piece, time(second))).toMatchObject({ share, tone })
  })

  it('is right again at once after the tablet slept for an hour', () => {
    expect(ringOf(piece, time(3600))).toMatchObject({ share: 1, tone: 'late', seconds: -3580 })
  })
})
