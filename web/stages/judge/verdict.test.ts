import { describe, expect, it } from 'vitest'
import type { Batch, Plan } from '@/api/types'
import { afresh, complete, drafts, openWords, told } from './verdict'

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

  it('of a dough made in two ways is told half by half, and sent once both are told', () => {
    const asked = { fold: false, puff: false }
    const batch = {
      trial: { halves: [{ level: 'dry' }, { level: 'wiped' }] },
      state: { portion: { count: 7, halves: [4, 3] } },
      verdict: null,
    } as unknown as Batch
    const parts = drafts(batch, plan)
    expect(parts.map(one => [one.name, one.count, one.draft.pieces_good])).toEqual([
      ['dry', 4, 4],
      ['wiped', 3, 3],
    ])
    Object.assign(parts[0]?.draft ?? {}, { cracks: 'none', sticking: 'much' })
    expect(told(parts, asked)).toBeNull()
    Object.assign(parts[1]?.draft ?? {}, { cracks: 'none', sticking: 'none' })
    expect(told(parts, asked)).toMatchObject({ halves: [{ sticking: 'much' }, { sticking: 'none' }] })
    expect(told(drafts({ ...batch, trial: null }, plan), asked)).toBeNull()
    expect(openWords(asked, true)).toBe('Say how each half cracked and stuck first.')
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
