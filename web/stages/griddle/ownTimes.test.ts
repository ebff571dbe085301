import { describe, expect, it } from 'vitest'
import { movedTo, withoutTurn, withTurn } from './ownTimes'

const own = [
  { action: 'turn' as const, at_seconds: 20 },
  { action: 'press' as const, at_seconds: 60 },
  { action: 'lift' as const, at_seconds: 90 },
]
const times = (touches: { at_seconds: number }[]) => touches.map(touch => touch.at_seconds)

describe("the cook's own times", () => {
  it.each([
    [0, 30, [30, 60, 90]],
    [0, 100, [100, 103, 106]],
    [2, 15, [9, 12, 15]],
    [1, 0, [1, 3, 90]],
  ])('move touch %d to %d s and keep the order', (index, seconds, expected) => {
    expect(times(movedTo(own, index, seconds))).toEqual(expected)
  })

  it('take one more turn before the lift, and give it back', () => {
    const more = withTurn(own)
    expect(more.map(touch => touch.action)).toEqual(['turn', 'press', 'turn', 'lift'])
    expect(times(more)).toEqual([20, 60, 75, 90])
    expect(withoutTurn(more)).toEqual(own)
  })

  it('always end with the lift', () => {
    let touches = [...own]
    for (let round = 0; round < 12; round++) touches = withTurn(touches)
    expect(touches.length).toBeLessThanOrEqual(8)
    for (let round = 0; round < 12; round++) touches = withoutTurn(touches)
    expect(touches.map(touch => touch.action)).toEqual(['lift'])
  })
})
