import { describe, expect, it } from 'vitest'
import { oneStepOn } from './oneStepOn'

const up = { from: 215, to: 220, next: 225 }

describe('what a fader will probably ask for next', () => {
  it('is the same number one more step on', () => {
    const [before, now] = [215, 220].map(surface_celsius => ({ style: 'x', griddle: { surface_celsius } }))
    expect(oneStepOn(before, now, up)).toEqual({ style: 'x', griddle: { surface_celsius: 225 } })
  })

  it('is known from the first step, when the number was not said before and something else no longer is', () => {
    expect(
      oneStepOn<object>({ pieces: { diameter: 150 } }, { pieces: { diameter: undefined, thick: 220 } }, up),
    ).toEqual({ pieces: { diameter: undefined, thick: 225 } })
  })

  it('moves in the unit of the question, without what floats leave behind', () => {
    const share = (of: number) => ({ lines: [{ share: 0.1 }, { share: of }] })
    expect(oneStepOn(share(0.56), share(0.57), { from: 56, to: 57, next: 58 })).toEqual(share(0.58))
  })

  it('is not guessed at the end of the fader, and not where two numbers change or none', () => {
    const at = (a: number, b: number) => ({ a, b })
    expect(oneStepOn(at(215, 1), at(220, 1), { ...up, next: null })).toBeNull()
    expect(oneStepOn(at(215, 1), at(220, 2), up)).toBeNull()
    expect(oneStepOn(at(215, 1), at(215, 1), up)).toBeNull()
  })

  it('leaves what it was made of as it was', () => {
    const now = { griddle: { surface_celsius: 220 } }
    oneStepOn({ griddle: { surface_celsius: 215 } }, now, up)
    expect(now).toEqual({ griddle: { surface_celsius: 220 } })
  })
})
