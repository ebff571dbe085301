import { describe, expect, it } from 'vitest'
import { rebase } from './rebase'

describe('a change of a batch that another cook has changed meanwhile', () => {
  const before = { style: 'rice-round', hands: 1, pieces: { count: 10 } }

  it('keeps what both did where they touched different things', () => {
    expect(rebase(before, { ...before, hands: 2 }, { ...before, pieces: { count: 8 } })).toEqual({
      style: 'rice-round',
      hands: 2,
      pieces: { count: 8 },
    })
  })

  it('is as this cook has it where both touched the same', () => {
    expect(rebase(before, { ...before, hands: 3 }, { ...before, hands: 2 }).hands).toBe(3)
  })

  it('takes out what this cook took out', () => {
    const { style, pieces } = before
    expect(rebase(before, { style, pieces }, { ...before, serve_at: '2026-03-01T12:00:00Z' })).toEqual({
      style,
      pieces,
      serve_at: '2026-03-01T12:00:00Z',
    })
  })
})
