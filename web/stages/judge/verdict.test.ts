import { describe, expect, it } from 'vitest'
import type { Plan } from '@/api/types'
import { afresh, complete, openWords } from './verdict'

const plan = { griddle: { faces: [{ shade: { value: 0.38 } }, { shade: { value: 0.52 } }] } } as Plan

describe('a verdict in the making', () => {
  it('starts with the colours of the plan and every piece good', () => {
    expect(afresh(plan, 14)).toMatchObject({
      shade_first: 0.4,
      shade_second: 0.5,
      pieces_good: 14,
      pieces_lost: 0,
    })
  })

  it('is none until the cook has told what only the cook can tell', () => {
    const draft = afresh(plan, 14)
    const asked = { fold: true, puff: true }
    expect(complete(draft, asked)).toBeNull()
    Object.assign(draft, { pliability: 'wraps', puff: 'full', cracks: 'none' })
    expect(complete(draft, asked)).toBeNull()
    expect(complete({ ...draft, sticking: 'none', notes: '  ' }, asked)).toMatchObject({
      pliability: 'wraps',
      notes: null,
    })
  })

  it('asks nobody to fold a pan bread or to tell how a thick round puffed', () => {
    const asked = { fold: false, puff: false }
    const told = { ...afresh(plan, 2), cracks: 'none', sticking: 'some' } as const
    expect(complete(told, asked)).toMatchObject({ pliability: null, puff: null, sticking: 'some' })
    expect(complete(told, { fold: true, puff: false })).toBeNull()
    expect(openWords(asked)).toBe('Say how it cracked and stuck first.')
    expect(openWords({ fold: true, puff: true })).toBe('Say how it folds, puffed, cracked and stuck first.')
  })
})
