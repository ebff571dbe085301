import { describe, expect, it } from 'vitest'
import { MemoryStorage } from '@/bench/memoryStorage'
import { Drafts } from './drafts'

describe('a changed request that the server has not taken', () => {
  const request = { style: 'rice-round', hands: 2 }

  it('is there again after a crash', () => {
    const store = new MemoryStorage()
    new Drafts(store).keep('a', 3, request)
    expect(new Drafts(store).of('a', 3)).toEqual(request)
    expect(new Drafts(store).of('b', 3)).toBeNull()
  })

  it('is let go when somebody else has changed the batch since', () => {
    const store = new MemoryStorage()
    new Drafts(store).keep('a', 3, request)
    expect(new Drafts(store).of('a', 4)).toBeNull()
    expect(store.kept.size).toBe(0)
  })

  it('is none when it cannot be read', () => {
    const store = new MemoryStorage()
    store.setItem('mill.draft.a', '{"version":')
    expect(new Drafts(store).of('a', 1)).toBeNull()
  })
})
