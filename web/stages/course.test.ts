import { describe, expect, it } from 'vitest'
import type { Plan } from '@/api/types'
import { afterStage, passed, stagesOf } from './course'

const resting = (seconds: number) => ({ rest: { seconds } }) as Plan

describe('the course', () => {
  it('leaves out the rest where a dough must not wait', () => {
    expect(stagesOf(resting(0))).not.toContain('rest')
    expect(stagesOf(resting(600))).toContain('rest')
  })

  it('goes from mixing to portioning when there is no rest between', () => {
    expect(afterStage('mix', resting(0))).toBe('portion')
    expect(afterStage('mix', resting(600))).toBe('rest')
  })

  it('keeps what was passed when the cook looks back', () => {
    const state = { entered: ['measure', 'mix', 'choose'] }
    expect(passed({ state, finished_at: null }, resting(600))).toBe(3)
    expect(passed({ state: { entered: [] }, finished_at: null }, resting(600))).toBe(0)
    expect(passed({ state, finished_at: '2026-03-01T12:00:00Z' }, resting(600))).toBe(10)
  })

  it('ends with the verdict', () => {
    expect(afterStage('judge', resting(600))).toBeUndefined()
  })
})
