import { describe, expect, it } from 'vitest'
import type { Batch, Plan, Stage } from '@/api/types'
import { afterStage, stagesOf, standingAt, standingOf } from './course'

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

  it('ends with the verdict', () => {
    expect(afterStage('judge', resting(600))).toBeUndefined()
  })
})
