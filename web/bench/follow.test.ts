import { describe, expect, it } from 'vitest'
import type { BatchEvent, BatchState, Griddle, Step } from '@/api/types'
import { follow } from './follow'

const start = Date.UTC(2026, 2, 1, 12, 0, 0)
const iso = (second: number) => new Date(start + second * 1000).toISOString()
const steps = (piece: number, laid: number): Step[] =>
  (['lay', 'turn', 'lift'] as const).map((action, touch) => {
    const at = laid + ([0, 20, 60][touch] ?? 0)
    return {
      action,
      piece,
      place: piece,
      touch,
      at,
      from: at - 4,
      to: touch ? at + 4 : null,
      shape_from: null,
    }
  })
const inOrder = (...all: Step[][]) => all.flat().sort((one, other) => one.at - other.at)

const griddle: Griddle = {
  since: null,
  paused_at: null,
  pieces: [],
  lifted: 0,
  to_lay: 2,
  steps: inOrder(steps(1, 0), steps(2, 18)),
  reasons: [],
  signs: [],
  pace: null,
  kept: { on_time: 0, early: 0, late: 0, missed: 0, worst: null },
  probe: null,
  read: { empty: null, under_bread: null },
  before: null,
  surface: null,
  hot_until: null,
  served_after_seconds: 100,
}
const portion: BatchState['portion'] = {
  count: 3,
  halves: [2, 1],
  left: 3,
  start_grams: 120,
  reading_grams: 120,
  next_mark_grams: 80,
  marks: [80, 40, 0],
  next_piece_grams: 40,
  tolerance_share: 0.02,
  resolution_grams: 1,
  tolerance_grams: 1,
  pieces: [],
  worst_deviation_grams: null,
  spread_percent: null,
  out_of_tolerance: null,
}
const clock = { started_at: null, ends_at: null, seconds: 600 }
const state = {
  stage: 'griddle',
  begun: true,
  entered: [],
  griddle,
  portion,
  rest: clock,
  stack: clock,
  clocks: [{ kind: 'rest', started_by: 'rest_started', seconds: 600, ends_at: null }],
  notes: [],
  line: { ready_at: null, planned_at: null, late_seconds: null, waits_until: null, stages: [] },
} as unknown as BatchState
let number = 0
const event = (kind: BatchEvent['kind'], second: number, fields: Partial<BatchEvent> = {}): BatchEvent => ({
  id: `event-${++number}`,
  kind,
  at: iso(second),
  ...fields,
})

describe('what the server has not heard yet', () => {
  it('ticks steps off in any order until the griddle is empty', () => {
    const done = follow(state, [
      event('laid', 0, { piece: 1, place: 1 }),
      event('laid', 18, { piece: 2, place: 2 }),
      event('turned', 20, { piece: 1 }),
      event('turned', 39, { piece: 2 }),
      event('lifted', 60, { piece: 1 }),
      event('lifted', 80, { piece: 2 }),
    ]).griddle
    expect(done).toMatchObject({ steps: [], pieces: [], lifted: 2, to_lay: 0 })
  })

  it('counts from the first piece laid, whenever the order had it', () => {
    const order = { ...griddle, steps: inOrder(steps(1, 14), steps(2, 32)) }
    const laid = follow({ ...state, griddle: order }, [event('laid', 0, { piece: 1, place: 1 })]).griddle
    const due = laid.steps.map(step => [
      step.piece,
      Date.parse(laid.since ?? '') / 1000 + step.at - start / 1000,
    ])
    expect(due).toEqual([
      [2, 18],
      [1, 20],
      [2, 38],
      [1, 60],
      [2, 78],
    ])
  })

  it('moves what follows of a piece by as much as it was late, and nothing of the others', () => {
    const late = follow(state, [
      event('laid', 0, { piece: 1, place: 1 }),
      event('laid', 18, { piece: 2, place: 2 }),
      event('turned', 29, { piece: 1 }),
    ]).griddle
    expect(late.steps.map(step => [step.piece, step.action, step.at])).toEqual([
      [2, 'turn', 38],
      [1, 'lift', 69],
      [2, 'lift', 78],
    ])
    expect(late.pieces[0]).toMatchObject({ piece: 1, touches: 1, touched_at: iso(29) })
  })

  it('starts clocks by when it happened, not by when it is looked at', () => {
    const { rest, clocks } = follow(state, [event('rest_started', 5)])
    expect(rest).toMatchObject({ started_at: iso(5), ends_at: iso(605) })
    expect(clocks).toMatchObject([{ kind: 'rest', ends_at: iso(605) }])
    expect(follow(state, [event('stacked', 5)]).clocks).toEqual(state.clocks)
  })

  it('keeps the griddle hot from the first reading until the last lift is due', () => {
    const hot = (...events: BatchEvent[]) => follow(state, events).griddle.hot_until
    expect(hot()).toBeNull()
    expect(hot(event('surface_taken', 10, { celsius: 220 }))).toBe(
      iso(10 + Math.max(...griddle.steps.map(one => one.at))),
    )
    expect(hot(event('laid', 20, { piece: 1, place: 1 }))).not.toBeNull()
    const all = [1, 2].flatMap(piece => [
      event('laid', 100 * piece, { piece, place: 1 }),
      event('lifted', 100 * piece + 90, { piece }),
    ])
    expect(hot(...all)).toBeNull()
  })

  it('counts the scale down, each piece an equal share of what is left', () => {
    const once = follow(state, [event('portioned', 0, { grams: 81 })]).portion
    expect(once).toMatchObject({ left: 2, reading_grams: 81, next_mark_grams: 41, next_piece_grams: 40 })
    const all = [81, 40, 0].map(grams => event('portioned', 0, { grams }))
    expect(follow(state, all).portion).toMatchObject({
      left: 0,
      next_mark_grams: null,
      next_piece_grams: null,
    })
  })

  it('is not shown where it was undone before anybody heard of it', () => {
    const laid = event('laid', 0, { piece: 1, place: 1 })
    expect(follow(state, [laid, event('undone', 2, { event: laid.id })]).griddle).toEqual(griddle)
  })

  it('pauses and goes on', () => {
    expect(follow(state, [event('paused', 3)]).griddle.paused_at).toBe(iso(3))
    expect(follow(state, [event('paused', 3), event('resumed', 9)]).griddle.paused_at).toBeNull()
  })
})

describe('when each stage comes', () => {
  const stage = (name: string, second: number, begun_by: string | null) => ({
    stage: name,
    at: iso(second),
    begun_by,
  })
  const resting = {
    ...state,
    line: {
      ready_at: iso(5000),
      planned_at: iso(4900),
      late_seconds: 100,
      stages: [
        stage('rest', 0, 'rest_started'),
        stage('portion', 600, 'scale_set'),
        stage('shape', 700, null),
        stage('griddle', 800, 'laid'),
        stage('judge', 5000, null),
      ],
    },
  } as unknown as BatchState

  it('moves with what is begun, and what lies before it has no time any more', () => {
    const { line } = follow(resting, [event('scale_set', 900, { grams: 120 })])
    expect(line.stages.map(one => [one.stage, one.at])).toEqual([
      ['portion', iso(900)],
      ['shape', iso(1000)],
      ['griddle', iso(1100)],
      ['judge', iso(5300)],
    ])
    expect([line.ready_at, line.late_seconds]).toEqual([iso(5300), 400])
  })

  it('moves once with the first of several, and not with what was begun before', () => {
    const laid = [1, 2].map(piece => event('laid', 800 + 60 * piece, { piece, place: piece }))
    expect(follow(resting, laid).line.stages.map(one => one.at)).toEqual([iso(860), iso(5060)])
    expect(follow(resting, [event('rest_started', 50)]).line).toEqual(resting.line)
  })
})

describe('what is written down or read', () => {
  it('stands on the page before the house has heard of it', () => {
    const seen = follow(state, [
      event('noted', 3, { text: 'Windy', stage: 'mix' }),
      event('surface_taken', 4, { celsius: 221 }),
    ])
    expect(seen.notes).toEqual([{ at: iso(3), stage: 'mix', piece: null, text: 'Windy' }])
    expect(seen.griddle.surface).toEqual({ celsius: 221, at: iso(4) })
  })

  it('leaves open how even a piece is that the house has not heard of', () => {
    const seen = follow(state, [event('portioned', 3, { grams: 79 })])
    expect(seen.portion.pieces).toEqual([{ piece: 1, grams: 41, deviation_grams: null }])
  })
})
