import { describe, expect, it } from 'vitest'
import { fromLocal, toLocal } from './serving'

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
