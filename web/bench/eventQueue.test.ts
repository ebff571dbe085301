import 'fake-indexeddb/auto'
import { describe, expect, it } from 'vitest'
import { Refusal, Unreachable } from '@/api/client'
import type { BatchEvent } from '@/api/types'
import { EventQueue } from './eventQueue'

const event = (id: string): BatchEvent => ({ id, kind: 'poured', at: '2026-03-01T12:00:00Z', grams: 10 })
const refusal = (status: number) => new Refusal({ type: '', title: 'no', status, detail: '', errors: [] })
const nothing = () => undefined
let batches = 0
const aBatch = () => `batch-${++batches}`
const ids = (queue: EventQueue) => queue.waiting.value.map(one => one.id)

describe('events on their way to the server', () => {
  it('arrive in the order in which they happened and wait no longer', async () => {
    const queue = await EventQueue.of(aBatch())
    const arrived: string[] = []
    await queue.add(event('1'))
    await queue.add(event('2'))
    await queue.flush(async events => void arrived.push(...events.map(one => one.id)), nothing, nothing)
    expect(arrived).toEqual(['1', '2'])
    expect(ids(queue)).toEqual([])
  })

  it('all stay if the server is not there, and a page that is opened anew finds them', async () => {
    const batch = aBatch()
    const queue = await EventQueue.of(batch)
    await queue.add(event('1'))
    await queue.add(event('2'))
    const failing = queue.flush(() => Promise.reject(new Unreachable('away')), nothing, nothing)
    await expect(failing).rejects.toThrow('away')
    expect(ids(await EventQueue.of(batch))).toEqual(['1', '2'])
  })

  it('that the house has already, since the page was gone before it heard so, wait no longer and go to nobody again', async () => {
    const batch = aBatch()
    const queue = await EventQueue.of(batch)
    for (const id of ['1', '2', '3']) await queue.add(event(id))
    await queue.dropTaken(new Set(['1', '3', 'another']))
    expect(ids(queue)).toEqual(['2'])
    const arrived: string[] = []
    const anew = await EventQueue.of(batch)
    await anew.flush(async events => void arrived.push(...events.map(one => one.id)), nothing, nothing)
    expect(arrived).toEqual(['2'])
  })

  it('are taken off one by one, so that a break in the middle loses nothing and repeats little', async () => {
    const batch = aBatch()
    const queue = await EventQueue.of(batch)
    for (const id of ['1', '2', '3']) await queue.add(event(id))
    const send = async (events: BatchEvent[]) => {
      if (events[0]?.id === '2') throw new Unreachable('away')
    }
    await expect(queue.flush(send, nothing, nothing)).rejects.toThrow()
    expect(ids(queue)).toEqual(['2', '3'])
    expect(ids(await EventQueue.of(batch))).toEqual(['2', '3'])
  })

  it('are gone from what waits in the moment in which the answer that holds them is seen', async () => {
    const queue = await EventQueue.of(aBatch())
    await queue.add(event('1'))
    await queue.add(event('2'))
    const seen: string[][] = []
    await queue.flush(
      async events => events[0]?.id,
      () => seen.push(ids(queue)),
      nothing,
    )
    expect(seen).toEqual([['2'], []])
  })

  it('are handed back if the server refuses them, and hold up nothing', async () => {
    const queue = await EventQueue.of(aBatch())
    await queue.add(event('bad'))
    await queue.add(event('good'))
    const refused: string[] = []
    await queue.flush(
      async events => {
        if (events[0]?.id === 'bad') throw refusal(422)
      },
      nothing,
      one => refused.push(one.id),
    )
    expect(refused).toEqual(['bad'])
    expect(ids(queue)).toEqual([])
  })

  it('stay if the session has ended: signing in again must find them', async () => {
    const queue = await EventQueue.of(aBatch())
    await queue.add(event('1'))
    await expect(queue.flush(() => Promise.reject(refusal(401)), nothing, nothing)).rejects.toThrow()
    expect(ids(queue)).toHaveLength(1)
  })

  it('are sent by one sender at a time', async () => {
    const queue = await EventQueue.of(aBatch())
    await queue.add(event('1'))
    let sent = 0
    const send = async () => {
      sent += 1
      await Promise.resolve()
    }
    await Promise.all([queue.flush(send, nothing, nothing), queue.flush(send, nothing, nothing)])
    expect(sent).toBe(1)
  })

  it('are neither lost from sight nor left behind where they come while others are on their way', async () => {
    const queue = await EventQueue.of(aBatch())
    const sent: string[] = []
    const send = async (events: BatchEvent[]) => {
      sent.push(...events.map(one => one.id))
      await new Promise(wait => setTimeout(wait, 1))
    }
    const all = Array.from({ length: 30 }, (_, index) => String(index))
    await Promise.all(
      all.map(async (id, index) => {
        await new Promise(wait => setTimeout(wait, index))
        const adding = queue.add(event(id))
        expect(ids(queue)).toContain(id)
        await adding
        await queue.flush(send, nothing, nothing)
      }),
    )
    for (let tries = 0; tries < 50 && ids(queue).length; tries++)
      await new Promise(wait => setTimeout(wait, 5))
    expect(sent).toEqual(all)
    expect(ids(queue)).toEqual([])
  })

  it('of another batch are left alone', async () => {
    const [mine, other] = [await EventQueue.of(aBatch()), await EventQueue.of(aBatch())]
    await mine.add(event('mine'))
    await other.add(event('other'))
    await mine.flush(async () => undefined, nothing, nothing)
    expect(ids(other)).toEqual(['other'])
  })
})
