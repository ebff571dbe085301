import { describe, expect, it } from 'vitest'
import type { Plan } from '@/api/types'
import { afresh, complete } from './verdict'

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
    expect(complete(draft)).toBeNull()
    Object.assign(draft, { pliability: 'wraps', puff: 'full', cracks: 'none' })
    expect(complete(draft)).toBeNull()
    expect(complete({ ...draft, sticking: 'none', notes: '  ' })).toMatchObject({
      pliability: 'wraps',
      notes: null,
    })
  })
})
