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
  score: null,
  notes: null,
}

/** Out of a sheet that was kept before the house was there. */
const untold: Verdict = {
  ...good,
  pliability: null,
  puff: null,
  shade_first: null,
  shade_second: null,
  cracks: null,
  sticking: null,
  pieces_good: null,
  pieces_second: null,
  pieces_lost: null,
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
    [{ ...untold, again: true }, 'To make again'],
    [{ ...untold, cracks: 'much', again: false }, 'Many cracks; not like that again'],
    [{ ...untold, score: 7 }, 'Score 7'],
    [untold, 'Little was told'],
  ])('is said in a line', (verdict, words) => {
    expect(inShort(verdict)).toBe(words)
  })
})
