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
  it.each<[Verdict, string]>([
    [good, 'Wraps, full puff'],
    [{ ...good, puff: 'none' }, 'Wraps'],
    [
      { ...good, pliability: 'shatters', puff: 'none', cracks: 'much', pieces_lost: 2 },
      'Shatters; many cracks, 2 lost',
    ],
    [{ ...good, pliability: null, puff: null, cracks: 'some' }, 'Some cracks'],
    [{ ...good, pliability: null, puff: null }, 'No trouble'],
    [{ ...good, pliability: 'limp' }, 'Limp, full puff'],
    [{ ...good, sticking: 'some' }, 'Wraps, full puff; some sticking'],
  ])('is said in a line', (verdict, words) => {
    expect(inShort(verdict)).toBe(words)
  })
})
