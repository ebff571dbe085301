import { describe, expect, it } from 'vitest'
import type { Plan } from '@/api/types'
import { cookingFrom, lanesOf, ticksOf } from './lanes'

const action = (
  kind: string,
  at: number,
  until: number,
  hands: number | null,
  piece: number | null,
  place: number | null,
) => ({
  kind,
  stage: 'griddle',
  at_seconds: at,
  until_seconds: until,
  hands,
  piece,
  place,
})

const plan = {
  line: {
    hands: 1,
    bottleneck: { by: 'griddle', words: '' },
    actions: [
      action('rest', 0, 600, null, null, null),
      action('lay', 600, 604, 1, 1, 1),
      action('lift', 700, 704, 1, 1, 1),
      action('lay', 710, 714, 1, 2, 1),
      action('lift', 810, 814, 1, 2, 1),
    ],
  },
} as Plan

describe('the line as lanes', () => {
  it('has one for what waits, one for the hands and one for each place', () => {
    expect(lanesOf(plan).map(lane => [lane.name, lane.bars.length])).toEqual([
      ['Waiting', 1],
      ['Hands', 4],
      ['Place 1', 2],
    ])
  })

  it('shows a piece from laying to lifting', () => {
    expect(lanesOf(plan)[2]?.bars.map(bar => [bar.from, bar.until])).toEqual([
      [600, 704],
      [710, 814],
    ])
  })

  it('marks what holds the batch up', () => {
    expect(
      lanesOf(plan)
        .filter(lane => lane.isBottleneck)
        .map(lane => lane.name),
    ).toEqual(['Place 1'])
  })

  it('finds where the pieces begin', () => {
    expect(cookingFrom(plan)).toBe(600)
  })

  it.each([1800, 5400, 40000, 400000])('marks at most ten times of day over %d s', length => {
    const ticks = ticksOf('2026-03-01T10:07:00Z', length)
    expect(ticks.length).toBeLessThanOrEqual(10)
    expect(ticks.every(tick => tick.seconds >= 0 && tick.seconds <= length)).toBe(true)
  })
})
