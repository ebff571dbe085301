import { describe, expect, it } from 'vitest'
import type { Plan } from '@/api/types'
import { afterStage, stagesOf } from './course'

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

  it('ends with the verdict', () => {
    expect(afterStage('judge', resting(600))).toBeUndefined()
  })
})
