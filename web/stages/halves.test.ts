import { describe, expect, it } from 'vitest'
import type { Batch, PlanRequest } from '@/api/types'
import { halvesOf } from './halves'

const batch = (toLay: number) =>
  ({
    trial: {
      halves: [
        { level: '1.6 mm', patch: { pieces: { thickness_mm: 1.6, diameter_mm: null } } },
        { level: '2.4 mm', patch: { pieces: { thickness_mm: 2.4, diameter_mm: null } } },
      ],
    },
    state: { portion: { count: 7, halves: [4, 3] }, griddle: { to_lay: toLay } },
  }) as unknown as Batch
const request = (thickness_mm: number) => ({ style: 'pressed-masa', pieces: { thickness_mm } }) as PlanRequest

describe('one dough made in two ways', () => {
  it('is none of a batch that is not halved', () => {
    expect(halvesOf({ ...batch(7), trial: null }, request(1.6))).toBeNull()
  })

  it('says which pieces are of which half, and which half the plan stands for', () => {
    const halves = halvesOf(batch(7), request(1.6))
    expect(halves?.both.map(half => [half.level, half.pieces])).toEqual([
      ['1.6 mm', 'pieces 1 to 4'],
      ['2.4 mm', 'pieces 5 to 7'],
    ])
    expect(halves?.now).toBe(0)
    expect(halvesOf(batch(2), request(2.4))?.now).toBe(1)
  })

  it('is due to change once the first half is laid, not before and not after', () => {
    expect(halvesOf(batch(4), request(1.6))?.isTurn).toBe(false)
    expect(halvesOf(batch(3), request(1.6))?.isTurn).toBe(true)
    expect(halvesOf(batch(3), request(2.4))?.isTurn).toBe(false)
    expect(halvesOf(batch(0), request(1.6))?.isTurn).toBe(false)
  })
})
