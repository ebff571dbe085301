import { describe, expect, it } from 'vitest'
import { clockWords } from './clockWords'

describe('a device with a wrong clock', () => {
  it.each([0, 12_000, -29_000])('says nothing of %d ms', off => expect(clockWords(off)).toBe(''))

  it.each([
    [45_000, '45 s behind'],
    [-3_600_000, '60 min ahead of'],
    [7_200_000, '2 h behind'],
  ])('says %d ms in words', (off, words) => expect(clockWords(off)).toContain(words))
})
