import { describe, expect, it } from 'vitest'
import { Turns } from './turns'

function slow() {
  const given: (() => void)[] = []
  return { given, ask: () => new Promise<string>(resolve => given.push(() => resolve('answer'))) }
}

describe('questions to a house that works each to its end', () => {
  it('are asked so many at a time, in the order in which they came', async () => {
    const { given, ask } = slow()
    const turns = new Turns(2)
    const all = [1, 2, 3].map(() => turns.take(ask))
    expect(given.length).toBe(2)
    given[0]?.()
    await all[0]
    await Promise.resolve()
    expect(given.length).toBe(3)
    given.forEach(give => give())
    expect(await Promise.all(all)).toEqual(['answer', 'answer', 'answer'])
  })

  it('hold their turn when they are given up, and drop out unasked where they still wait', async () => {
    const { given, ask } = slow()
    const turns = new Turns(1)
    const [first, second] = [new AbortController(), new AbortController()]
    const one = turns.take(ask, first.signal)
    const two = turns.take(ask, second.signal)
    const three = turns.take(ask)
    first.abort()
    second.abort()
    await expect(one).rejects.toThrow()
    expect(given.length).toBe(1)
    given[0]?.()
    await expect(two).rejects.toThrow()
    await new Promise(resolve => setTimeout(resolve))
    expect(given.length).toBe(2)
    given[1]?.()
    expect(await three).toBe('answer')
  })
})
