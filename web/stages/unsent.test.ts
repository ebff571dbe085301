import { describe, expect, it } from 'vitest'
import type { BatchEvent } from '@/api/types'
import { unsentWords } from './unsent'

const event = (fields: Partial<BatchEvent>): BatchEvent => ({ id: '', at: '', kind: 'noted', ...fields })

describe('what waits to be sent', () => {
  it('is said by what was done and to which piece', () => {
    const waiting = [
      event({ kind: 'entered', stage: 'griddle' }),
      event({ kind: 'laid', piece: 4 }),
      event({ kind: 'rest_started' }),
    ]
    expect(unsentWords(waiting)).toBe('entered griddle, laid 4, rest started')
  })

  it('is cut short where it is much, and the latest stays', () => {
    const waiting = Array.from({ length: 7 }, (_, piece) => event({ kind: 'turned', piece: piece + 1 }))
    expect(unsentWords(waiting)).toBe('3 more, turned 4, turned 5, turned 6, turned 7')
    expect(unsentWords([])).toBe('')
  })
})
