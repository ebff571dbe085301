import { describe, expect, it } from 'vitest'
import { fromLocal, toLocal, meantFrom } from './serving'

describe('the serving time', () => {
  it('goes out with its offset and comes back as the same local time', () => {
    for (const text of ['2026-03-01T12:30', '2026-07-15T00:05', '2026-12-31T23:59']) {
      const moment = fromLocal(text)
      expect(moment).toMatch(/^\d{4}-\d\d-\d\dT\d\d:\d\d:00[+-]\d\d:\d\d$/)
      expect(toLocal(new Date(moment ?? ''))).toBe(text)
    }
  })

  it('is nothing when the field is empty or no date', () => {
    expect(fromLocal('')).toBeNull()
    expect(fromLocal('noon')).toBeNull()
  })
})

describe('the times people mean', () => {
  it('are whole fives from now on, and the next meals, tomorrow where today is past them', () => {
    const meant = meantFrom(new Date(2026, 2, 2, 13, 2))
    expect(meant.map(one => [one.label, one.local])).toEqual([
      ['In an hour', '2026-03-02T14:05'],
      ['In 2 hours', '2026-03-02T15:05'],
      ['In 4 hours', '2026-03-02T17:05'],
      ['12:30 tomorrow', '2026-03-03T12:30'],
      ['19:00', '2026-03-02T19:00'],
    ])
  })
})
