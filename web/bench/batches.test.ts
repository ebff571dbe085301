import { describe, expect, it } from 'vitest'
import type { Verdict } from '@/api/types'
import { inShort } from './batches'

const good: Verdict = {
  pliability: 'wraps',
  puff: 'full',
  shade_first: 0.5,
  shade_second: 0.5,
  cracks: 'none',
  sticking: 'none',
  pieces_good: 14,
  pieces_second: 0,
  pieces_lost: 0,
}

describe('how a batch came out', () => {
  it.each([
    [good, 'Wraps, full puff'],
    [{ ...good, puff: 'none' } as Verdict, 'Wraps'],
    [
      { ...good, pliability: 'shatters', puff: 'none', cracks: 'much', pieces_lost: 2 } as Verdict,
      'Shatters; many cracks, 2 lost',
    ],
    [{ ...good, pliability: null, puff: null, cracks: 'some' } as Verdict, 'Some cracks'],
    [{ ...good, pliability: null, puff: null } as Verdict, 'No trouble'],
    [{ ...good, pliability: 'limp' } as Verdict, 'Limp, full puff'],
    [{ ...good, sticking: 'some' } as Verdict, 'Wraps, full puff; some sticking'],
  ])('is said in a line', (verdict, words) => {
    expect(inShort(verdict)).toBe(words)
  })
})
