import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Batch, BatchState } from '@/api/types'
import { useClocks } from './clocks'
import { MemoryStorage } from './memoryStorage'

const noon = Date.UTC(2026, 2, 1, 12)
const at = (second: number) => new Date(noon + second * 1000).toISOString()

function batchWith(
  id: string,
  ends: Partial<Record<string, string>>,
  finished: string | null = null,
  hotUntil: string | null = null,
): Batch {
  const clocks = Object.entries(ends).map(([kind, ends_at]) => ({
    kind,
    name: kind,
    over: `${kind} is over`,
    started_by: kind === 'preheat' ? null : 'by hand',
    ends_at,
  }))
  return {
    id,
    bread: { name: 'Discs' },
    finished_at: finished,
    verdict: null,
    request: { gear: { griddle: { id: 'the large one' } } },
    state: { clocks, griddle: { hot_until: hotUntil } } as unknown as BatchState,
  } as Batch
}

describe('clocks that run on every page', () => {
  beforeEach(() => {
    setActivePinia(createPinia())
    vi.stubGlobal('localStorage', new MemoryStorage())
  })

  it('shows those of all batches, the next to ring first', () => {
    const clocks = useClocks()
    clocks.hear(batchWith('a', { rest: at(600), preheat: at(200) }), noon)
    clocks.hear(batchWith('b', { stack: at(300) }), noon)
    expect(clocks.running.map(one => one.kind)).toEqual(['preheat', 'stack', 'rest'])
    clocks.hear(batchWith('a', { rest: at(650) }), noon)
    expect(clocks.running.map(one => one.ends_at)).toEqual([at(300), at(650)])
  })

  it('rings once, when it is over and not hours later', () => {
    const clocks = useClocks()
    clocks.hear(batchWith('a', { rest: at(600), preheat: at(200) }), noon)
    expect(clocks.due(noon + 199_000)).toEqual([])
    expect(clocks.due(noon + 200_000).map(one => one.over)).toEqual(['preheat is over'])
    setActivePinia(createPinia())
    const again = useClocks()
    again.open()
    expect(again.due(noon + 201_000)).toEqual([])
    expect(clocks.due(noon + 3_600_000)).toEqual([])
    expect(clocks.running).toEqual([])
  })

  it('asks for the griddle once, though its moment moves with the work, and for each rest that is begun', () => {
    const clocks = useClocks()
    clocks.hear(batchWith('a', { preheat: at(200), rest: at(100) }), noon)
    expect(clocks.due(noon + 210_000)).toHaveLength(2)
    for (const one of clocks.running) clocks.putAway(one)
    clocks.hear(batchWith('a', { preheat: at(400), rest: at(500) }), noon + 211_000)
    expect(clocks.running.map(one => one.kind)).toEqual(['rest'])
    expect(clocks.due(noon + 501_000).map(one => one.kind)).toEqual(['rest'])
  })

  it('asks nobody to turn on a griddle that another batch still keeps hot by then, nor once that is done', () => {
    const clocks = useClocks()
    clocks.hear(batchWith('a', { preheat: at(200), rest: at(500) }), noon)
    clocks.hear(batchWith('b', {}, null, at(300)), noon)
    expect(clocks.running.map(one => one.kind)).toEqual(['rest'])
    expect(clocks.due(noon + 201_000)).toEqual([])
    clocks.hear(batchWith('b', {}), noon + 202_000)
    clocks.hear(batchWith('a', { preheat: at(200), rest: at(500) }), noon + 203_000)
    expect(clocks.running.map(one => one.kind)).toEqual(['rest'])
  })

  it('asks a cook to turn on none that pieces lie on, though the house has not heard of them yet', () => {
    const clocks = useClocks()
    clocks.hear(batchWith('a', { preheat: at(200) }, null, at(300)), noon)
    expect(clocks.running).toEqual([])
  })

  it('asks for it where the other batch is done before, or is given up', () => {
    const clocks = useClocks()
    clocks.hear(batchWith('a', { preheat: at(200) }), noon)
    clocks.hear(batchWith('b', {}, null, at(150)), noon)
    expect(clocks.running.map(one => one.kind)).toEqual(['preheat'])
    clocks.hear(batchWith('b', {}, null, at(300)), noon)
    clocks.hear(batchWith('b', {}, at(100), at(300)), noon + 100_000)
    expect(clocks.due(noon + 200_000).map(one => one.kind)).toEqual(['preheat'])
  })

  it('shows one no longer that was seen to, whatever else is heard of its batch', () => {
    const clocks = useClocks()
    const batch = batchWith('a', { rest: at(600), preheat: at(200) })
    clocks.hear(batch, noon)
    clocks.due(noon + 200_000)
    for (const one of clocks.running.slice(0, 1)) clocks.putAway(one)
    clocks.hear(batch, noon + 201_000)
    expect(clocks.running.map(one => one.kind)).toEqual(['rest'])
  })

  it('keeps none of a batch that is over, and comes back as it was left', () => {
    const clocks = useClocks()
    clocks.hear(batchWith('a', { rest: at(600) }), noon)
    setActivePinia(createPinia())
    const again = useClocks()
    again.open()
    expect(again.running).toHaveLength(1)
    again.hear(batchWith('a', { rest: at(600) }, at(700)), noon)
    expect(again.running).toEqual([])
  })
})
