import { describe, expect, it } from 'vitest'
import type { Batch, Plan, Stage } from '@/api/types'
import { timeOfDay } from '@/ui/timeOfDay'
import { afterStage, courseOf, stagesOf, standingAt, standingOf } from './course'

const resting = (seconds: number, portion = 8) =>
  ({ rest: { seconds }, line: { pace: { portion } } }) as unknown as Plan

describe('the course', () => {
  it('leaves out the rest where a dough must not wait', () => {
    expect(stagesOf(resting(0))).not.toContain('rest')
    expect(stagesOf(resting(600))).toContain('rest')
  })

  it('leaves out portioning where dough is cut from a sheet or poured', () => {
    expect(stagesOf(resting(600, 0))).not.toContain('portion')
    expect(afterStage('rest', resting(600, 0))).toBe('shape')
  })

  it('sends whoever asks for a stage that the bread has not to the next one', () => {
    expect(standingAt('portion', resting(600, 0))).toBe('shape')
    expect(standingAt('rest', resting(0))).toBe('portion')
    expect(standingAt('mix', resting(0))).toBe('mix')
  })

  it('goes from mixing to portioning when there is no rest between', () => {
    expect(afterStage('mix', resting(0))).toBe('portion')
    expect(afterStage('mix', resting(600))).toBe('rest')
  })

  it('tells what was done from what was passed over, and looking back takes nothing back', () => {
    const batch = {
      finished_at: null,
      verdict: null,
      state: {
        entered: ['measure', 'mix', 'choose'],
        begun: true,
        bowl: { lines: [{ measured: true }, { measured: false }], feel: null, corrections: 0 },
        rest: { started_at: null },
        portion: { start_grams: null, left: 3, count: 3 },
        griddle: { pieces: [], lifted: 0 },
        stack: { started_at: null },
      },
    } as unknown as Batch
    const plan = { rest: { seconds: 600 }, portion: { count: 3 }, line: { pace: {} } } as unknown as Plan
    const standing = (stage: Stage) => standingOf(stage, batch, plan)
    expect(standing('choose')).toBe('done')
    expect(standing('measure')).toBe('passed over')
    expect(standing('water')).toBe('done')
    expect(standing('mix')).toBe('to come')
    expect(standing('griddle')).toBe('to come')
  })

  it('says when each stage comes as planned until something was done, and then as things stand', () => {
    const figure = { value: 1 }
    const plan = {
      rest: { seconds: 600 },
      stack: { seconds: 900 },
      portion: { count: 3, piece_grams: figure },
      water: { grams: figure, celsius: figure },
      mix: { celsius: figure },
      griddle: { turns: [], lift: { at_seconds: 60 } },
      shape: { length_share: 1, width_share: 1, diameter_mm: figure },
      ledger: [],
      line: {
        pace: {},
        starts_at: '2026-03-01T11:00:00Z',
        length_seconds: 3600,
        stages: [
          { stage: 'measure', at_seconds: 0 },
          { stage: 'rest', at_seconds: 600 },
          { stage: 'griddle', at_seconds: 1800 },
        ],
      },
    } as unknown as Plan
    const batchWith = (stages: { stage: Stage; at: string }[]) =>
      ({
        plan,
        state: {
          line: { stages },
          begun: false,
          clocks: [],
          griddle: { since: null },
          bowl: { lines: [], piece_grams: 1 },
          portion: { count: 3 },
          shape: { diameter_mm: figure },
        },
      }) as unknown as Batch
    const times = (batch: Batch) => {
      const stops = courseOf(batch, plan, value => String(value))
      return Object.fromEntries(stops.map(({ stage, time }) => [stage, time]))
    }
    const at = (minute: number) => timeOfDay(Date.parse('2026-03-01T11:00:00Z') + 60_000 * minute)
    expect(times(batchWith([]))).toMatchObject({ measure: at(0), griddle: at(30), judge: at(60) })
    const underWay = batchWith([
      { stage: 'rest', at: '2026-03-01T11:25:00Z' },
      { stage: 'griddle', at: '2026-03-01T11:45:00Z' },
      { stage: 'judge', at: '2026-03-01T12:15:00Z' },
    ])
    expect(times(underWay)).toMatchObject({ measure: '', rest: at(25), griddle: at(45), judge: at(75) })
  })

  it('ends with the verdict', () => {
    expect(afterStage('judge', resting(600))).toBeUndefined()
  })
})
