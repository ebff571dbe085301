import { describe, expect, it } from 'vitest'
import type { components } from './schema'
import { withSteps } from './steps'

/** As much of an answer as matters here. */
const asAnswered = (part: { state: object }) => part as unknown as components['schemas']['BatchChange']

describe('steps of an answer', () => {
  it('come as rows and are read by their names', () => {
    const answer = { state: { griddle: { lifted: 1, steps: [['turn', 3, 2, 1, 40.5, 39, 44, null]] } } }
    expect(withSteps(asAnswered(answer))).toEqual({
      state: {
        griddle: {
          lifted: 1,
          steps: [
            { action: 'turn', piece: 3, place: 2, touch: 1, at: 40.5, from: 39, to: 44, shape_from: null },
          ],
        },
      },
    })
  })

  it('are left as they are in what the device kept from an earlier version', () => {
    const kept = { state: { griddle: { steps: [{ action: 'lay', piece: 1 }] } } }
    expect(withSteps(asAnswered(structuredClone(kept)))).toEqual(kept)
  })

  it('are not sought where nothing of the griddle changed', () => {
    expect(withSteps(asAnswered({ state: { begun: true } }))).toEqual({ state: { begun: true } })
  })
})
