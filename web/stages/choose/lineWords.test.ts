import { describe, expect, it } from 'vitest'
import type { Plan } from '@/api/types'
import { lineWords } from './lineWords'

const plan = (line: Partial<Plan['line']>) =>
  ({
    line: {
      hands: 1,
      bottleneck: { by: 'hands', words: 'Hands hold it up.' },
      cooking_seconds: 900,
      bound_seconds: 880,
      idle_seconds: [60],
      shaped_ahead: 2,
      lots: [14],
      second_cook_from: 12,
      second_griddle_from: null,
      pace: { dries: 240 },
      ...line,
    },
  }) as Plan
const time = (seconds: number) => `${seconds} s`

describe('what the found order says', () => {
  it('names what holds it up first, and only help that would help', () => {
    const words = lineWords(plan({}), time)
    expect(words[0]).toBe('Hands hold it up.')
    expect(words.join(' ')).toContain('Another cook saves five minutes from 12 pieces on.')
    expect(words.join(' ')).not.toContain('griddle saves')
  })

  it('speaks of lots only where there are some', () => {
    expect(lineWords(plan({ lots: [7, 7, 6] }), time).join(' ')).toContain('3 lots of 7, 7, 6')
    expect(lineWords(plan({}), time).join(' ')).not.toContain('lots')
  })

  it('of several cooks tells of the busiest', () => {
    expect(lineWords(plan({ hands: 2, idle_seconds: [30, 400] }), time).join(' ')).toContain('free for 30 s')
  })
})
