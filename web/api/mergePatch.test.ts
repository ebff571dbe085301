import { describe, expect, it } from 'vitest'
import { mergePatch } from './mergePatch'

describe('what mends a warning', () => {
  it('changes the field it names and leaves the rest of the request alone', () => {
    const request = {
      style: 'pressed-masa',
      griddle: { surface_celsius: 290, shade: 0.4 },
      pieces: { count: 8 },
    }
    expect(mergePatch(request, { griddle: { surface_celsius: 250 } })).toEqual({
      ...request,
      griddle: { surface_celsius: 250, shade: 0.4 },
    })
  })

  it('takes a wish away where the patch says null, and adds what was not there', () => {
    const request = { water: { celsius: 98, dough_celsius: 30 } }
    expect(
      mergePatch(request, {
        water: { celsius: null, dough_celsius: null },
        formula: { method: { scald: 'half_in_pot' } },
      }),
    ).toEqual({
      water: {},
      formula: { method: { scald: 'half_in_pot' } },
    })
  })

  it('does not touch the request it was given', () => {
    const request = { water: { celsius: 98 } }
    mergePatch(request, { water: { celsius: 40 } })
    expect(request.water.celsius).toBe(98)
  })
})
