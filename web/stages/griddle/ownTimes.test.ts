import { describe, expect, it } from 'vitest'
import { spansOf } from '@/pictures/section'
import { addable, MOST_TOUCHES, movedTo, withoutTouch, withTouch } from './ownTimes'

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

  it('take one more touch of any kind before the lift, and give it back', () => {
    for (const action of addable) {
      const more = withTouch(own, action)
      expect(more.map(touch => touch.action)).toEqual(['turn', 'press', action, 'lift'])
      expect(times(more)).toEqual([20, 60, 75, 90])
      expect(withoutTouch(more, 2)).toEqual(own)
    }
  })

  it('always end with the lift', () => {
    let touches = [...own]
    for (let round = 0; round < 20; round++) touches = withTouch(touches, 'brush') as typeof own
    expect(touches).toHaveLength(MOST_TOUCHES)
    for (let round = 0; round < 20; round++) touches = withoutTouch(touches, 0) as typeof own
    expect(touches.map(touch => touch.action)).toEqual(['lift'])
  })
})

it('a bread that is wetted, brushed or pressed as it lies stays on its face', () => {
  const touches = (['wet', 'turn', 'press_down', 'lift'] as const).map((action, index) => ({
    action,
    at_seconds: 20 * (index + 1),
  }))
  const faces = spansOf({ touches, seconds: 80, lifted_at_seconds: 80 } as never).map(span => span.face)
  expect(faces).toEqual(['first', 'first', 'second', 'second'])
})
