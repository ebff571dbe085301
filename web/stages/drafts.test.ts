import { describe, expect, it } from 'vitest'
import { MemoryStorage } from '@/bench/memoryStorage'
import { Drafts } from './drafts'

describe('a changed request that the server has not taken', () => {
  const before = { style: 'rice-round', hands: 1 }
  const request = { style: 'rice-round', hands: 2 }

  it('is there again after a crash', () => {
    const store = new MemoryStorage()
    new Drafts(store).keep('a', 3, request, before)
    expect(new Drafts(store).of('a', 3, before)).toEqual(request)
    expect(new Drafts(store).of('b', 3, before)).toBeNull()
  })

  it('goes on top of what somebody else has made of the batch since', () => {
    const store = new MemoryStorage()
    new Drafts(store).keep('a', 3, request, before)
    const theirs = { ...before, pieces: { count: 8 } }
    expect(new Drafts(store).of('a', 4, theirs)).toEqual({ ...request, pieces: { count: 8 } })
  })

  it('is let go when the server has it and only the answer was lost', () => {
    const store = new MemoryStorage()
    new Drafts(store).keep('a', 3, request, before)
    expect(new Drafts(store).of('a', 4, request)).toBeNull()
    expect(store.kept.size).toBe(0)
  })

  it('is none when it cannot be read', () => {
    const store = new MemoryStorage()
    store.setItem('mill.of..draft.a', '{"version":')
    expect(new Drafts(store).of('a', 1, before)).toBeNull()
  })
})
